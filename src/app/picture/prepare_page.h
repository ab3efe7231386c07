// What is done to the picture before anything is made of it: cut out, sized, turned, toned, framed.
#pragma once

#include "core/picture/raster.h"
#include "core/project/picture.h"

#include <QWidget>

#include <functional>
#include <vector>

class QCheckBox;
class QComboBox;
class QDoubleSpinBox;
class QFormLayout;
class QLineEdit;
class QPushButton;

namespace vitrail {

class CropView;
class CurveView;
class Document;
class Panel;
class PictureDesk;

class PreparePage : public QWidget {
    Q_OBJECT
public:
    PreparePage(Document* document, PictureDesk* desk, QWidget* parent = nullptr);
    CropView* crop() { return crop_; }

private:
    QWidget* make_size();
    QWidget* make_tones();
    QWidget* make_frame();
    QWidget* make_light();
    void refresh();
    QDoubleSpinBox* number_row(QFormLayout* form, const char* name, const QString& label, double low,
                               double high, double step, int decimals, const QString& unit,
                               const QString& tip, double Preparation::*field);
    QPushButton* colour_row(QFormLayout* form, const char* name, const QString& label,
                            Srgb Preparation::*field);
    void change(const QString& label, std::function<void(Picture&)> what);
    double ratio() const;

    Document* document_;
    PictureDesk* desk_;
    CropView* crop_;
    CurveView *tones_ = nullptr, *heights_ = nullptr;
    Panel* heights_panel_ = nullptr;
    Panel* panel_ = nullptr;
    QComboBox *format_, *turn_, *ground_, *backing_ = nullptr, *model_ = nullptr;
    QDoubleSpinBox* lamp_ = nullptr;
    QDoubleSpinBox *width_, *dot_, *seen_;
    QCheckBox* mirror_;
    QLineEdit* text_;
    std::vector<std::pair<QDoubleSpinBox*, double Preparation::*>> numbers_;
    std::vector<std::pair<QPushButton*, Srgb Preparation::*>> colours_;
    std::shared_ptr<const Raster> shown_; ///< what crop_ shows, made small
    bool showing_ = false;
};

} // namespace vitrail
