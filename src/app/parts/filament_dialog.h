// Everything about one filament of the project.
#pragma once

#include "core/material/filament.h"

#include <QDialog>

class QComboBox;
class QDoubleSpinBox;
class QFormLayout;
class QLabel;
class QLineEdit;
class QPushButton;

namespace vitrail {

class FilamentDialog : public QDialog {
    Q_OBJECT
public:
    explicit FilamentDialog(const Filament& filament, QWidget* parent = nullptr);
    Filament filament() const;

protected:
    /// For more rows.
    QFormLayout* form() { return form_; }

private:
    void choose_colour();
    void set_colour(Srgb c);
    void take_defaults();
    void measure();
    void show_measured();

    QFormLayout* form_;
    Filament filament_;
    QLineEdit *name_, *hex_;
    QComboBox* material_;
    QPushButton *colour_, *measure_, *forget_;
    QLabel* measured_;
    QDoubleSpinBox *td_, *diameter_, *density_, *price_, *nozzle_low_, *nozzle_high_, *bed_low_, *bed_high_,
        *free_, *clean_;
};

} // namespace vitrail
