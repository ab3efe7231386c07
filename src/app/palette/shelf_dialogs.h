// Editing a filament or a spool of the shelf, and weighing a spool.
#pragma once

#include "app/parts/filament_dialog.h"
#include "core/material/shelf.h"

#include <QDialog>

class QCheckBox;
class QDateEdit;
class QPlainTextEdit;
class QLabel;

namespace vitrail {

/// A FilamentDialog with what only the shelf knows: hatch, drying, notes.
class ShelfFilamentDialog : public FilamentDialog {
    Q_OBJECT
public:
    explicit ShelfFilamentDialog(const ShelfFilament& filament, QWidget* parent = nullptr);
    ShelfFilament shelf_filament() const;

private:
    ShelfFilament filament_of_shelf_;
    QComboBox* hatch_;
    QDoubleSpinBox *dry_c_, *dry_h_;
    QLineEdit* notes_;
};

class SpoolDialog : public QDialog {
    Q_OBJECT
public:
    SpoolDialog(const Spool& spool, const QStringList& taken_codes, QWidget* parent = nullptr);
    Spool spool() const;

private:
    void refresh();
    Spool spool_;
    QStringList taken_;
    QLineEdit *code_, *note_, *tag_;
    QDoubleSpinBox *full_, *tare_, *left_;
    QCheckBox *opened_known_, *dried_known_;
    QDateEdit *opened_, *dried_;
    QComboBox* place_;
    QLabel* problem_;
    QPushButton* ok_;
};

/// The gross weight from a scale, and how sure the net weight is.
class WeighDialog : public QDialog {
    Q_OBJECT
public:
    explicit WeighDialog(const Spool& spool, QWidget* parent = nullptr);
    double left_g() const;

private:
    void refresh();
    QString drift_text(double more_g, double plus_minus_g) const;
    Spool spool_;
    QDoubleSpinBox *gross_, *resolution_;
    QLabel* result_;
};

} // namespace vitrail
