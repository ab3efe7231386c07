// Small dialogs about heights: a band's borders, and a thicker base.
#pragma once

#include "core/geometry/layers.h"
#include "core/project/project.h"

#include <QDialog>

class QDoubleSpinBox;
class QLabel;
class QPushButton;
class QTableWidget;

namespace vitrail {

/// Heights of a band, and where they come to lie. Snaps to layer tops and level faces on demand.
class BandDialog : public QDialog {
    Q_OBJECT
public:
    BandDialog(const Band& band, const LayerGrid& grid, std::vector<double> level_faces,
               QWidget* parent = nullptr);
    Band band() const;

private:
    void refresh();
    void snap(QDoubleSpinBox* box);

    Band band_;
    LayerGrid grid_;
    std::vector<double> faces_;
    QDoubleSpinBox *z0_, *z1_;
    QLabel* layers_;
};

/// Layers of heights of their own: between which heights, and how high.
class LayerBandsDialog : public QDialog {
    Q_OBJECT
public:
    /// `piece_mm`: how tall the tallest piece is; 0: not known.
    LayerBandsDialog(const Settings& settings, double piece_mm, QWidget* parent = nullptr);
    const std::vector<LayerBand>& bands() const { return bands_; }

private:
    void add(const LayerBand& band);
    void refresh();

    Settings settings_;
    double piece_mm_;
    std::vector<LayerBand> bands_;
    QTableWidget* table_;
    QLabel* says_;
    QPushButton* ok_;
};

/// How much thicker the base becomes, and what that does to later changes.
class BaseDialog : public QDialog {
    Q_OBJECT
public:
    explicit BaseDialog(const Settings& settings, QWidget* parent = nullptr);
    double delta_mm() const;

private:
    void refresh();
    Settings settings_;
    QDoubleSpinBox* delta_;
    QLabel* result_;
};

} // namespace vitrail
