// Describes a printer by questions that anybody who has one can answer; the machine is drawn as they are
// answered.
#pragma once

#include "core/machine/assistant.h"

#include <QDialog>

class QCheckBox;
class QComboBox;
class QDoubleSpinBox;
class QFormLayout;
class QLabel;
class QLineEdit;
class QPushButton;
class QSpinBox;

namespace vitrail {

class MachineView;

class MachineAssistant : public QDialog {
    Q_OBJECT
public:
    explicit MachineAssistant(QWidget* parent = nullptr);
    /// As answered so far, with an id made of its name.
    Machine machine() const;
    /// Whether it is to be kept among one's own.
    bool keep() const;

private:
    void refresh();
    MachineAnswers answers() const;
    QDoubleSpinBox* length(const char* name, const QString& spoken, double mm);

    QLineEdit* name_;
    QDoubleSpinBox *bed_x_, *bed_y_, *height_, *nozzle_, *swap_;
    QSpinBox *nozzles_, *slots_;
    QComboBox *turns_, *fed_, *pulls_, *purge_;
    QCheckBox* keep_;
    QFormLayout* form_;
    MachineView* view_;
    QLabel *sentence_, *made_of_, *assumed_, *measure_;
    QPushButton* ok_;
};

} // namespace vitrail
