// When to come: choose a start, see what it means, follow the run.
#pragma once

#include "app/ribbon/ribbon.h"
#include "core/logbook/record.h"
#include "core/run/live.h"

#include <QWidget>

#include <memory>
#include <optional>
#include <stop_token>

class QComboBox;
class QDateTimeEdit;
class QLabel;
class QListWidget;
class QPushButton;

namespace vitrail {

class Document;
class LogbookStore;
class RunPanel;
class RunStore;
class StartsView;
class Study;

class WhenPage : public QWidget {
    Q_OBJECT
public:
    WhenPage(Document* document, RunStore* store, LogbookStore* logbook, QWidget* parent = nullptr);
    /// The run as planned or as it is, for the ribbon; nothing without a plan.
    std::optional<RibbonClock> clock() const;
    /// Saves the visits; says how it went.
    void export_calendar(const QString& path);
    bool working() const;       ///< on the curve
    std::int64_t start() const; ///< chosen, else today or tomorrow at the settings' hour
    /// Starts what is planned now, unless a run is followed already; its id, empty where there is nothing to
    /// run.
    std::string begin_run();

Q_SIGNALS:
    void said(const QString& text);
    void clock_changed();
    void wants_log();

protected:
    void showEvent(QShowEvent*) override;

private:
    void show_plan();
    void show_chosen();
    void choose(std::int64_t start_s);
    void take_best();
    void look_for_run();
    void ask_calendar();
    void ask_then();
    void show_then();
    std::vector<RunPlate> plates() const;
    RunTask task() const; ///< at the pace the logbook teaches

    Document* document_;
    RunStore* store_;
    LogbookStore* logbook_;
    StartsView* view_;
    RunPanel* panel_;
    QDateTimeEdit *begins_, *by_;
    QComboBox* wish_;
    QPushButton *now_, *best_;
    QLabel *says_, *empty_;
    QListWidget* then_list_;
    Study* study_;
    std::optional<RunPlate> plate_; ///< of the plan
    PrintRecord foretold_;          ///< of the plan
    struct After {
        QString file;
        RunPlate plate;
        PrintRecord foretold;
    };
    std::vector<After> then_; ///< projects printed after it
    std::stop_source reading_;
    RunTask task_;
    bool filling_ = false;
};

} // namespace vitrail
