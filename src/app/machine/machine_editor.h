// The machine editor: what the printer is made of, drawn as it is edited, with a sentence on what it can do.
#pragma once

#include "core/project/project.h"

#include <QDialog>

class QCheckBox;
class QComboBox;
class QDoubleSpinBox;
class QFormLayout;
class QLabel;
class QLineEdit;
class QPushButton;
class QSpinBox;
class QTableWidget;
class QTreeWidget;

namespace vitrail {

class MachineView;

class MachineEditor : public QDialog {
    Q_OBJECT
public:
    explicit MachineEditor(const Project& project, QWidget* parent = nullptr);
    const Machine& machine() const { return machine_; }
    /// Toolheads and nozzles, as the list shows them.
    QTreeWidget* parts() { return parts_; }

private:
    QWidget* make_parts();
    QWidget* make_figures();
    QWidget* make_keep_clear();
    void show_keep_clear();
    QWidget* make_motion();
    void show_machine();
    void fill_parts();
    void choose(int toolhead, int nozzle);
    void add_nozzle();
    void add_toolhead();
    void remove();
    QWidget* make_offset();
    void offset_entered();
    void show_offset();
    void write_offset_strip();
    QDoubleSpinBox* figure(const char* name, const QString& label, double* value, double low, double high,
                           int decimals, const QString& unit, const QString& why);

    Project project_; ///< whose filaments an offset strip is printed in
    Machine machine_;
    MachineView* view_;
    QLabel *sentence_, *made_of_;
    QLineEdit *name_, *note_;
    QTreeWidget* parts_;
    QTableWidget* clear_ = nullptr;
    QLineEdit* head_name_;
    QSpinBox* slots_;
    QDoubleSpinBox* diameter_;
    QCheckBox* missing_;
    QComboBox* use_;
    QSpinBox *line_x_, *line_y_;
    QPushButton* strip_;
    QLabel* offset_says_;
    QPushButton *remove_, *add_nozzle_;
    QComboBox* purge_to_;
    QFormLayout* form_ = nullptr; ///< the one that figure() adds to
    int head_ = 0, nozzle_ = -1;
    bool filling_ = false;
};

} // namespace vitrail
