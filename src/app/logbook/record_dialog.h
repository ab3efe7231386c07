// A print is logged: five entries, and the rest for whoever wants it.
#pragma once

#include "core/logbook/record.h"

#include <QDialog>

class QComboBox;
class QDateTimeEdit;
class QDoubleSpinBox;
class QFormLayout;
class QLabel;
class QPlainTextEdit;
class QPushButton;
class QSpinBox;

namespace vitrail {

class RecordDialog : public QDialog {
    Q_OBJECT
public:
    RecordDialog(const PrintRecord& record, QWidget* parent = nullptr);
    PrintRecord record() const;
    void accept() override;

private:
    void refresh();
    QDoubleSpinBox* measure(const char* name, const QString& label, Quantity q, double per,
                            const QString& unit, int decimals);

    PrintRecord record_;
    QFormLayout* form_;
    QComboBox *outcome_, *fault_;
    QDateTimeEdit *started_, *ended_;
    QDoubleSpinBox *piece_, *purge_ = nullptr, *tower_ = nullptr, *waited_ = nullptr, *cleaning_ = nullptr,
                            *soaking_ = nullptr, *step_;
    QSpinBox *pieces_, *failed_layer_;
    QPlainTextEdit* notes_;
    QLabel *weigh_, *time_;
    QPushButton *more_, *ok_;
    QList<QWidget*> optional_;
};

} // namespace vitrail
