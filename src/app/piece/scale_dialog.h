// A model file that was written in another unit.
#pragma once

#include "core/project/project.h"

#include <QDialog>

class QComboBox;
class QDoubleSpinBox;
class QLabel;

namespace vitrail {

/// Which file, in which unit it was meant, and how large its parts become.
class ScaleDialog : public QDialog {
    Q_OBJECT
public:
    explicit ScaleDialog(const Project& project, QWidget* parent = nullptr);
    int model() const;     ///< index into Project::models
    double factor() const; ///< > 0

private:
    void refresh();

    std::vector<Bounds> sizes_; ///< of each file's parts
    QComboBox *file_, *unit_;
    QDoubleSpinBox* factor_;
    QLabel* result_;
};

} // namespace vitrail
