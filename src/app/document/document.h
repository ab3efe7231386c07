// The open project: its edits, its plan, its file.
#pragma once

#include "core/plan/plan.h"
#include "formats/archive.h"
#include "formats/export.h"
#include "formats/import.h"

#include <QObject>
#include <QString>
#include <QUndoStack>

#include <functional>
#include <memory>
#include <optional>

namespace vitrail {

class Background;
class FileQueue;
class PlanRunner;
struct Disk;

/// Holds the project as a value; every edit is a new value on the undo stack. Each value has a revision of
/// its own, by which plans and files that come back later are known. Plans and files are made elsewhere
/// (PlanRunner, FileQueue).
class Document : public QObject {
    Q_OBJECT
public:
    explicit Document(QObject* parent = nullptr);
    ~Document() override;

    const Project& project() const { return project_; }
    /// The newest finished plan; may lag behind the project while planning() is true. Null: nothing to plan.
    std::shared_ptr<const Plan> plan() const { return shown().plan; }
    /// The project that plan() belongs to.
    const Project& planned_project() const { return shown().project; }
    bool planning() const;
    /// Why there is no plan; empty while there is one or one is being made.
    const QString& plan_error() const { return plan_error_; }

    QUndoStack* undo_stack() { return &undo_; }
    const QString& path() const { return path_; }
    /// Whether the project is another than the one the file holds.
    bool modified() const { return revision_ != saved_revision_; }
    /// What to call it: the project's name, else its file's.
    QString title() const;

    /// One undoable edit. Edits with the same `merge` key other than 0 that follow each other become one, but
    /// never across the state that was saved.
    void edit(const QString& label, const std::function<void(Project&)>& change, int merge = 0);

    /// Takes over what is known about the project from elsewhere (the spools on the shelf): no edit, nothing
    /// to undo.
    void adopt(Project project);

    /// Begins anew, on the first of the machines that ship.
    void start_anew();

    /// Replaces everything; clears the undo stack. `recovered`: it has changes no file holds.
    void reset(Project project, const QString& path, bool recovered = false);

    /// Reads and writes in the background; the signals below tell how it went. `then` runs once it has gone
    /// well.
    void open(const QString& path);
    /// As a project that has no file yet: saving asks for one.
    void open_copy(const QString& path);
    void save(const QString& path, std::function<void()> then = {});
    /// Adds the bodies of files to a piece; kPieceEach: each file becomes a piece of its own.
    static constexpr int kPieceEach = -1;
    void import_models(const QStringList& paths, int piece = 0);
    /// How the colours of files become filaments: asked in the window's thread when a model has several. May
    /// add filaments to the project it is given; empty: the import is called off. Without one, colours are
    /// matched by themselves.
    using AskColours = std::function<std::optional<std::vector<ColourMatch>>(
        Project& project, const std::vector<ColourUse>& colours)>;
    void set_ask_colours(AskColours ask) { ask_colours_ = std::move(ask); }
    /// Writes one body per filament (or part, or band), as 3MF (a path) or STL (a folder).
    void export_bodies(const QString& path, bool stl, ExportBy by = ExportBy::filament);
    bool busy_with_files() const;
    /// Whether what keeps the files busy is reading, which can be stopped.
    bool reading() const;
    void stop_reading();

    /// Work for views; all of it is stopped before the document goes.
    Background* background() { return background_; }
    /// Another place for files than the real one, for the tests.
    void set_disk(Disk disk);

    /// Shows another plan in all views, without any edit. Ends with end_preview(), the next edit, or a new
    /// plan.
    void preview(Project project, std::shared_ptr<const Plan> plan, const QString& what);
    void end_preview();
    bool previewing() const { return preview_.has_value(); }

    /// Keeps the present plan as the one that later plans are measured against; again: lets go of it.
    void pin();
    void unpin();
    const std::optional<Totals>& pinned() const { return pinned_; }
    const QString& pinned_name() const { return pinned_name_; }

    /// Stops the planning that is under way; the project stays, its plan is the old one until the next edit.
    void cancel_planning();

Q_SIGNALS:
    void project_changed();
    void plan_changed();
    void pinned_changed();
    void preview_changed(const QString& what); ///< empty: it ended
    void planning_changed(bool running);
    void progress(double share); ///< of planning
    void reading_progress(double share);
    void file_work_changed();
    void opened(const QString& path);
    void saved(const QString& path);
    void exported(const QString& path);
    void failed(const QString& message);
    void modified_changed();

private:
    friend class ProjectEdit;
    void read_project(const QString& path, const QString& own);
    /// A project and the plan made from it.
    struct Planned {
        Project project;
        std::shared_ptr<const Plan> plan;
    };
    const Planned& shown() const { return preview_ ? *preview_ : planned_; }
    void show_project(Project project, quint64 revision);

    Project project_;
    /// Of project_, and of what the file holds (0: no file holds any); never used twice, whichever project is
    /// open.
    quint64 revision_ = 0, saved_revision_ = 0, newest_revision_ = 0;
    /// the one it began with: tells this project from those that were open before
    quint64 opened_revision_ = 0;
    QString path_;
    QUndoStack undo_;
    Planned planned_;
    QString plan_error_;
    std::optional<Planned> preview_;
    std::optional<Totals> pinned_;
    QString pinned_name_;
    AskColours ask_colours_;
    PlanRunner* runner_;
    FileQueue* files_;
    Background* background_;
};

} // namespace vitrail
