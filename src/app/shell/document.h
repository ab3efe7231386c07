// The open project: its edits, its plan, its file.
#pragma once

#include "core/plan/planner.h"
#include "formats/archive.h"

#include <QObject>
#include <QString>
#include <QUndoStack>

#include <functional>
#include <memory>
#include <optional>
#include <stop_token>

class QThread;
class QTimer;

namespace vitrail {

/// Holds the project as a value; every edit is a new value on the undo stack. Plans in a thread of its own, one plan
/// at a time, and always ends with the plan of the newest project.
class Document : public QObject {
    Q_OBJECT
public:
    explicit Document(QObject* parent = nullptr);
    ~Document() override;

    const Project& project() const { return project_; }
    /// The newest finished plan; may lag behind the project while planning() is true. Null: nothing to plan.
    std::shared_ptr<const Plan> plan() const { return preview_ ? preview_ : plan_; }
    /// The project that plan() belongs to.
    const Project& planned_project() const { return preview_ ? previewed_ : planned_; }
    bool planning() const { return running_; }
    /// Why there is no plan; empty while there is one or one is being made.
    const QString& plan_error() const { return plan_error_; }

    QUndoStack* undo_stack() { return &undo_; }
    const QString& path() const { return path_; }
    bool modified() const { return !undo_.isClean() || recovered_; }
    /// What to call it: the project's name, else its file's.
    QString title() const;

    /// One undoable edit. Edits with the same `merge` key other than 0 that follow each other become one.
    void edit(const QString& label, const std::function<void(Project&)>& change, int merge = 0);

    /// Takes over what is known about the project from elsewhere (the spools on the shelf): no edit, nothing to undo.
    void adopt(Project project) { set_project(std::move(project)); }

    /// Begins anew, on the first of the machines that ship.
    void start_anew();

    /// Replaces everything; clears the undo stack. `recovered`: it has changes no file holds.
    void reset(Project project, const QString& path, bool recovered = false);

    /// Reads and writes in the background; the signals below tell how it went.
    void open(const QString& path);
    void save(const QString& path);
    void import_models(const QStringList& paths);
    /// How the colours of files become filaments: asked in the window's thread when a model has several. May add filaments
    /// to the project it is given; empty: the import is called off. Without one, colours are matched by themselves.
    using AskColours = std::function<std::optional<std::vector<ColourMatch>>(Project& project, const std::vector<ColourUse>& colours)>;
    void set_ask_colours(AskColours ask) { ask_colours_ = std::move(ask); }
    /// Writes one body per filament, as 3MF (a path) or STL (a folder).
    void export_bodies(const QString& path, bool stl);
    bool busy_with_files() const { return file_jobs_ > 0; }

    /// Shows another plan in all views, without any edit. Ends with end_preview(), the next edit, or a new plan.
    void preview(Project project, std::shared_ptr<const Plan> plan, const QString& what);
    void end_preview();
    bool previewing() const { return preview_ != nullptr; }

    /// Keeps the present plan as the one that later plans are measured against; again: lets go of it.
    void pin();
    void unpin();
    const std::optional<Totals>& pinned() const { return pinned_; }
    const QString& pinned_name() const { return pinned_name_; }

    /// Stops the planning that is under way; the project stays, its plan is the old one.
    void cancel_planning();

Q_SIGNALS:
    void project_changed();
    void plan_changed();
    void pinned_changed();
    void preview_changed(const QString& what); ///< empty: it ended
    void planning_changed(bool running);
    void progress(double share);
    void file_work_changed();
    void opened(const QString& path);
    void saved(const QString& path);
    void exported(const QString& path);
    void failed(const QString& message);
    void modified_changed();

private:
    friend class ProjectEdit;
    void set_project(Project project);
    void start_planning();
    void finish_planning(std::shared_ptr<const Plan> plan, const QString& error, bool stopped);
    void run_file_job(std::function<std::function<void()>()> work);

    Project project_, planned_, in_work_;
    std::shared_ptr<const Plan> plan_, preview_;
    Project previewed_;
    QString plan_error_, path_;
    AskColours ask_colours_;
    QUndoStack undo_;
    std::optional<Totals> pinned_;
    QString pinned_name_;
    QThread* thread_;
    QObject* worker_; ///< lives in thread_
    std::shared_ptr<Planner> planner_;
    std::stop_source stop_;
    bool running_ = false, again_ = false, recovered_ = false, cancelled_ = false;
    int file_jobs_ = 0;
};

} // namespace vitrail
