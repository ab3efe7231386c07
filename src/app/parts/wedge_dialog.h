// Measuring how a filament absorbs and scatters light: a step wedge to print, its photograph, or the eye.
#pragma once

#include "core/material/filament.h"
#include "core/picture/wedge.h"

#include <QDialog>

#include <memory>
#include <vector>

class QButtonGroup;
class QDoubleSpinBox;
class QLabel;
class QPushButton;
class QSpinBox;
class QTableWidget;
class QTabWidget;

namespace vitrail {

class WedgePhotoView;

class WedgeDialog : public QDialog {
    Q_OBJECT
public:
    explicit WedgeDialog(const Filament& filament, QWidget* parent = nullptr);

    /// What was read from a photo; none when it was judged by eye.
    std::optional<MeasuredOptics> measured() const;
    double td_mm() const { return td_mm_; }
    /// For those who have the file already, tests among them.
    void open_photo(const QString& path);
    WedgePhotoView* photo() { return photo_; }

private:
    QWidget* make_print();
    QWidget* make_photo();
    QWidget* make_eye();
    WedgePlan plan() const;
    void write_files();
    void read();
    void refresh_eye();
    void take_eye();

    Filament filament_;
    double td_mm_;
    std::optional<WedgeFit> fit_;
    std::shared_ptr<const Raster> raster_;
    QTabWidget* pages_;
    QSpinBox* steps_;
    QDoubleSpinBox* layer_;
    WedgePhotoView* photo_;
    QTableWidget* result_;
    QLabel *written_, *says_, *eye_says_;
    QPushButton* ok_ = nullptr;
    std::vector<QButtonGroup*> rows_; ///< by eye, one for each number of layers that is looked at
};

} // namespace vitrail
