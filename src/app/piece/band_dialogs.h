// Small dialogs about heights: a band's borders, and a thicker base.
#pragma once

#include "core/geometry/layers.h"
#include "core/project/project.h"

#include <QDialog>

class QDoubleSpinBox;
class QLabel;

namespace vitrail {

/// Heights of a band, and where they come to lie. Snaps to layer tops and level faces on demand.
class BandDialog : public QDialog {
    Q_OBJECT
public:
    BandDialog(const Band& band, const LayerGrid& grid, std::vector<double> level_faces, QWidget* parent = nullptr);
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
