// What comes next at the printer: before a run its visits, during it a key for each thing that happens.
#pragma once

#include "core/run/live.h"

#include <QWidget>

class QLabel;
class QListWidget;
class QPushButton;
class QSpinBox;

namespace vitrail {

class RunStore;

class RunPanel : public QWidget {
    Q_OBJECT
public:
    explicit RunPanel(RunStore* store, QWidget* parent = nullptr);

    /// The run that would be started now; empty plates: nothing to run.
    void show_planned(Run run);
    /// Follows one that is under way; empty: none.
    void follow(const std::string& id);
    /// Starts what is planned, unless one is followed; the id, empty: there is nothing to run.
    std::string begin();
    const std::string& followed() const { return id_; }
    /// How it stands; of what is planned the times as meant.
    const RunState& state() const { return state_; }
    const Run& shown() const;

Q_SIGNALS:
    void started(const QString& id);
    void moved(); ///< the state is another one, or time has passed
    void wants_calendar();
    void wants_log(); ///< it is over: how did it come out?

private:
    void refresh();
    void refresh_list();
    void refresh_keys();
    void report(RunEvent::What what, int visit = -1);
    QPushButton* key(const char* name, const QString& text, const QString& shortcut, const QString& tip);

    RunStore* store_;
    Run planned_;
    std::string id_;
    RunState state_;
    QLabel *heading_, *when_, *what_, *note_;
    QListWidget* list_;
    QPushButton *start_, *layer_key_, *done_, *pause_, *finish_, *fail_, *back_, *off_, *calendar_, *log_;
    QSpinBox* layer_;
    bool filling_ = false;
};

} // namespace vitrail
