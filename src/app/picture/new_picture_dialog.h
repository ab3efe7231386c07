// Relief or panel? What a picture is to become.
#pragma once

#include "core/project/picture.h"

#include <QDialog>

class QDoubleSpinBox;
class QRadioButton;

namespace vitrail {

class NewPictureDialog : public QDialog {
    Q_OBJECT
public:
    /// `replaces`: the project has a picture already, which goes.
    NewPictureDialog(const QString& path, bool replaces, QWidget* parent = nullptr);
    PictureUse use() const;
    double width_mm() const;

private:
    QRadioButton *relief_, *panel_;
    QDoubleSpinBox* width_;
};

} // namespace vitrail
