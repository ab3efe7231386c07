#include "app/shell/document.h"

#include "core/plan/bodies.h"
#include "formats/export.h"
#include "formats/files.h"
#include "formats/machine_file.h"
#include "paint/thumbnail.h"

#include <QFileInfo>
#include <QPointer>
#include <QThread>
#include <QThreadPool>
#include <QUndoCommand>

namespace vitrail {

/// An edit as two values: what was, and what is.
class ProjectEdit : public QUndoCommand {
public:
    ProjectEdit(Document* document, Project before, Project after, const QString& label, int merge)
        : QUndoCommand(label), document_(document), before_(std::move(before)), after_(std::move(after)), merge_(merge) {}
    void undo() override { document_->set_project(before_); }
    void redo() override { document_->set_project(after_); }
    int id() const override { return merge_ ? merge_ : -1; }
    bool mergeWith(const QUndoCommand* other) override {
        after_ = static_cast<const ProjectEdit*>(other)->after_;
        return true;
    }

private:
    Document* document_;
    Project before_, after_;
    int merge_;
};

Document::Document(QObject* parent)
    : QObject(parent), thread_(new QThread(this)), worker_(new QObject), planner_(std::make_shared<Planner>()) {
    worker_->moveToThread(thread_);
    connect(thread_, &QThread::finished, worker_, &QObject::deleteLater);
    thread_->start();
    undo_.setUndoLimit(500);
    connect(&undo_, &QUndoStack::cleanChanged, this, &Document::modified_changed);
    project_.machine = shipped_machines().front();
}

Document::~Document() {
    stop_.request_stop();
    thread_->quit();
    thread_->wait();
    QThreadPool::globalInstance()->waitForDone();
}

QString Document::title() const {
    if (!project_.name.empty())
        return QString::fromStdString(project_.name);
    return path_.isEmpty() ? tr("Untitled") : QFileInfo(path_).completeBaseName();
}

void Document::edit(const QString& label, const std::function<void(Project&)>& change, int merge) {
    Project after = project_;
    change(after);
    undo_.push(new ProjectEdit(this, project_, std::move(after), label, merge));
}

void Document::preview(Project project, std::shared_ptr<const Plan> plan, const QString& what) {
    if (!plan_ || running_)
        return;
    previewed_ = std::move(project);
    preview_ = std::move(plan);
    Q_EMIT preview_changed(what);
    Q_EMIT plan_changed();
}

void Document::end_preview() {
    if (!preview_)
        return;
    preview_.reset();
    previewed_ = {};
    Q_EMIT preview_changed({});
    Q_EMIT plan_changed();
}

void Document::set_project(Project project) {
    end_preview();
    project_ = std::move(project);
    Q_EMIT project_changed();
    start_planning();
}

void Document::start_anew() {
    Project fresh;
    fresh.machine = shipped_machines().front();
    reset(std::move(fresh), {});
}

void Document::reset(Project project, const QString& path, bool recovered) {
    path_ = path;
    recovered_ = recovered;
    undo_.clear();
    unpin();
    set_project(std::move(project));
    Q_EMIT modified_changed();
}

void Document::start_planning() {
    if (running_) {
        again_ = true;
        // Slicing for a piece or layer height that is no longer wanted is not worth finishing.
        const auto same_mesh = [](const Part& a, const Part& b) { return a.mesh == b.mesh && a.paint == b.paint; };
        if (!std::equal(project_.parts.begin(), project_.parts.end(), in_work_.parts.begin(), in_work_.parts.end(), same_mesh) ||
            project_.settings.layer_mm != in_work_.settings.layer_mm ||
            project_.settings.first_layer_mm != in_work_.settings.first_layer_mm)
            stop_.request_stop();
        return;
    }
    running_ = true;
    again_ = false;
    cancelled_ = false;
    in_work_ = project_;
    stop_ = std::stop_source();
    Q_EMIT planning_changed(true);
    QMetaObject::invokeMethod(worker_, [this, project = project_, stop = stop_.get_token(), planner = planner_] {
        const Progress report{stop, [this](double share) { Q_EMIT progress(share); }};
        QString error;
        std::shared_ptr<const Plan> result;
        try {
            if (auto plan = planner->plan(project, report))
                result = *plan;
            else
                error = QString::fromStdString(plan.error().message);
        } catch (const std::bad_alloc&) {
            error = tr("There is not enough memory to plan this piece. Use thicker layers or a coarser mesh.");
        }
        QMetaObject::invokeMethod(this, [this, result, error, stopped = stop.stop_requested()] { finish_planning(result, error, stopped); });
    });
}

void Document::finish_planning(std::shared_ptr<const Plan> plan, const QString& error, bool stopped) {
    running_ = false;
    if (!stopped || plan) {
        end_preview();
        plan_ = std::move(plan);
        plan_error_ = error;
        planned_ = std::move(in_work_);
        Q_EMIT plan_changed();
    }
    if (again_ && !cancelled_)
        start_planning();
    else
        Q_EMIT planning_changed(false);
}

void Document::cancel_planning() {
    cancelled_ = true;
    stop_.request_stop();
}

void Document::pin() {
    if (!plan_)
        return;
    pinned_ = plan_->totals;
    pinned_name_ = planned_.settings.order == kAsAssigned ? tr("as assigned") : tr("pinned");
    Q_EMIT pinned_changed();
}

void Document::unpin() {
    pinned_.reset();
    Q_EMIT pinned_changed();
}

/// `work` runs in the background and returns what is then done in the window's thread.
void Document::run_file_job(std::function<std::function<void()>()> work) {
    ++file_jobs_;
    Q_EMIT file_work_changed();
    QThreadPool::globalInstance()->start([self = QPointer<Document>(this), work = std::move(work)] {
        auto then = work();
        QMetaObject::invokeMethod(self.data(), [self, then = std::move(then)] {
            --self->file_jobs_;
            Q_EMIT self->file_work_changed(); // the file is done with; what follows may ask a question
            then();
        }, Qt::QueuedConnection);
    });
}

void Document::open(const QString& path) {
    run_file_job([this, path]() -> std::function<void()> {
        auto project = load_project(path.toStdString());
        if (!project)
            return [this, path, why = QString::fromStdString(project.error().message)] {
                Q_EMIT failed(tr("%1 could not be opened. %2").arg(QFileInfo(path).fileName(), why));
            };
        return [this, path, p = std::move(*project)]() mutable {
            reset(std::move(p), path);
            Q_EMIT opened(path);
        };
    });
}

void Document::save(const QString& path) {
    Project project = project_;
    if (project.name.empty())
        project.name = QFileInfo(path).completeBaseName().toStdString();
    run_file_job([this, path, project, index = undo_.index()]() -> std::function<void()> {
        const Status ok = save_project(project, path.toStdString(), thumbnail_png(project));
        if (!ok)
            return [this, path, why = QString::fromStdString(ok.error().message)] {
                Q_EMIT failed(tr("%1 was not saved. %2").arg(QFileInfo(path).fileName(), why));
            };
        return [this, path, index] {
            path_ = path;
            recovered_ = false;
            if (undo_.index() == index)
                undo_.setClean();
            Q_EMIT modified_changed();
            Q_EMIT saved(path);
        };
    });
}

void Document::import_models(const QStringList& paths) {
    run_file_job([this, paths]() -> std::function<void()> {
        struct Read {
            std::string name, bytes;
            std::vector<Body> bodies;
        };
        auto read = std::make_shared<std::vector<Read>>();
        QString problems;
        for (const QString& path : paths) {
            const std::string name = file_name(path.toStdString());
            auto bytes = read_file(path.toStdString());
            auto bodies = bytes ? read_model(name, *bytes, beside(path.toStdString())) : Result<std::vector<Body>>(bytes.error());
            if (bodies)
                read->push_back({name, std::move(*bytes), std::move(*bodies)});
            else
                problems += (problems.isEmpty() ? QString() : QStringLiteral("\n")) +
                            tr("%1 was not added. %2").arg(QFileInfo(path).fileName(), QString::fromStdString(bodies.error().message));
        }
        // Joined to the project as it is by then, whatever was edited meanwhile.
        return [this, read, problems] {
            if (!read->empty()) {
                Project p = project_;
                if (p.name.empty())
                    p.name = file_stem(read->front().name);
                bool called_off = false;
                for (Read& r : *read) {
                    const std::vector<ColourUse> colours = file_colours(r.bodies);
                    std::optional<std::vector<ColourMatch>> matches{std::vector<ColourMatch>{}};
                    if (ask_colours_ && colours.size() > 1)
                        matches = ask_colours_(p, colours);
                    if (!matches) {
                        called_off = true;
                        break;
                    }
                    add_bodies(p, r.name, std::move(r.bytes), std::move(r.bodies), *matches);
                }
                if (!called_off)
                    edit(tr("Add %n model file(s)", nullptr, static_cast<int>(read->size())), [&](Project& now) { now = std::move(p); });
            }
            if (!problems.isEmpty())
                Q_EMIT failed(problems);
        };
    });
}

void Document::export_bodies(const QString& path, bool stl) {
    if (!plan_)
        return;
    run_file_job([this, path, stl, project = planned_, plan = plan_]() -> std::function<void()> {
        const std::vector<FilamentBody> bodies = filament_bodies(project, *plan);
        Status ok = Done{};
        if (stl) {
            for (const auto& [name, bytes] : export_stl(project, bodies))
                if (ok)
                    ok = write_file(path.toStdString() + "/" + name, bytes);
        } else {
            const auto bytes = export_3mf(project, bodies);
            ok = bytes ? write_file(path.toStdString(), *bytes) : Status(bytes.error());
        }
        if (!ok)
            return [this, path, why = QString::fromStdString(ok.error().message)] { Q_EMIT failed(tr("%1 was not written. %2").arg(QFileInfo(path).fileName(), why)); };
        return [this, path] { Q_EMIT exported(path); };
    });
}

} // namespace vitrail
