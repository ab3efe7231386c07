// Which filament on which nozzle, for which aim, and which spool in which slot when.
#pragma once

#include "core/study/aims.h"

#include <QWidget>

class QLabel;
class QPushButton;
class QSlider;
class QTableWidget;

namespace vitrail {

class Document;
class FrontPlot;
class MachineView;
class SettingEdit;
class SlotsView;
class Study;
class ViewState;

class NozzlesPage : public QWidget {
    Q_OBJECT
public:
    NozzlesPage(Document* document, ViewState* view, QWidget* parent = nullptr);
    MachineView* machine_view() { return machine_; }
    SlotsView* slots_view() { return slots_; }

Q_SIGNALS:
    void wants_machine_editor();

private:
    void refresh();
    void show_choices();
    void use(const AimChoice& choice);
    void move_filament(int filament, int nozzle);

    Document* document_;
    MachineView* machine_;
    SlotsView* slots_;
    QTableWidget* table_;
    FrontPlot* plot_;
    QSlider* slider_;
    QLabel *reason_, *presence_, *slider_says_, *can_;
    QPushButton *use_, *unpin_;
    std::vector<SettingEdit*> hours_;
    Study* study_;
    std::vector<AimChoice> choices_;
    std::vector<int> front_; ///< indices into choices_, from least waste to least handling
};

} // namespace vitrail
