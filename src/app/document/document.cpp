#include "app/document/document.h"

#include "app/document/background.h"
#include "app/document/file_queue.h"
#include "app/document/plan_runner.h"
#include "core/base/text.h"
#include "core/layers/bodies.h"
#include "formats/export.h"
#include "formats/files.h"
#include "formats/machine_file.h"
#include "paint/filament_paint.h"
#include "paint/thumbnail.h"
#include "paint/words.h"

#include <QFileInfo>
#include <QLocale>
#include <QUndoCommand>

#include <algorithm>

namespace vitrail {

/// An edit as two values: what was, and what is.
class ProjectEdit : public QUndoCommand {
public:
    struct State {
        Project project;
        quint64 revision;
    };
    ProjectEdit(Document* document, State before, State after, const QString& label, int merge)
        : QUndoCommand(label), document_(document), before_(std::move(before)), after_(std::move(after)),
          merge_(merge) {}
    void undo() override { document_->show_project(before_.project, before_.revision); }
    void redo() override { document_->show_project(after_.project, after_.revision); }
    int id() const override { return merge_ ? merge_ : -1; }
    bool mergeWith(const QUndoCommand* other) override {
        if (after_.revision == document_->saved_revision_)
            return false; // what was saved can be come back to
        after_ = static_cast<const ProjectEdit*>(other)->after_;
        return true;
    }

private:
    Document* document_;
    State before_, after_;
    int merge_;
};

/// Empty, for the first of the machines, in the country's money.
static Project fresh_project() {
    Project p;
    p.machine = shipped_machines().front();
    const std::string money = QLocale().currencySymbol(QLocale::CurrencyIsoCode).toStdString();
    const auto& known = find_setting("currency")->choices;
    if (const auto at = std::find(known.begin(), known.end(), money); at != known.end())
        p.settings.currency = static_cast<Currency>(at - known.begin());
    return p;
}

Document::Document(QObject* parent)
    : QObject(parent), runner_(new PlanRunner(this)), files_(new FileQueue(this)),
      background_(new Background(this)) {
    undo_.setUndoLimit(500);
    project_ = fresh_project();
    connect(runner_, &PlanRunner::running_changed, this, &Document::planning_changed);
    connect(runner_, &PlanRunner::progress, this, &Document::progress);
    connect(runner_, &PlanRunner::planned, this,
            [this](const Project& project, std::shared_ptr<const Plan> plan, const QString& error) {
                end_preview();
                planned_ = {project, std::move(plan)};
                plan_error_ = error;
                Q_EMIT plan_changed();
            });
    connect(files_, &FileQueue::changed, this, &Document::file_work_changed);
    connect(files_, &FileQueue::progress, this, &Document::reading_progress);
    connect(files_, &FileQueue::failed, this, &Document::failed);
    connect(background_, &Background::failed, this, &Document::failed);
}

Document::~Document() {
    background_->stop_all(); // before anything waits for anything
    runner_->cancel();
    delete background_;
    delete runner_;
    delete files_;
}

QString Document::title() const {
    if (!project_.name.empty())
        return QString::fromStdString(project_.name);
    return path_.isEmpty() ? tr("Untitled") : QFileInfo(path_).completeBaseName();
}

bool Document::planning() const {
    return runner_->running();
}

bool Document::busy_with_files() const {
    return files_->busy();
}

bool Document::reading() const {
    return files_->reading();
}

void Document::stop_reading() {
    files_->stop_reading();
}

void Document::set_disk(Disk disk) {
    files_->set_disk(std::move(disk));
}

void Document::cancel_planning() {
    runner_->cancel();
}

void Document::edit(const QString& label, const std::function<void(Project&)>& change, int merge) {
    Project after = project_;
    change(after);
    undo_.push(
        new ProjectEdit(this, {project_, revision_}, {std::move(after), ++newest_revision_}, label, merge));
}

void Document::adopt(Project project) {
    show_project(std::move(project), revision_);
}

void Document::show_project(Project project, quint64 revision) {
    end_preview();
    const bool was_modified = modified();
    project_ = std::move(project);
    revision_ = revision;
    Q_EMIT project_changed();
    if (modified() != was_modified)
        Q_EMIT modified_changed();
    runner_->want(project_);
}

void Document::start_anew() {
    reset(fresh_project(), {});
}

void Document::reset(Project project, const QString& path, bool recovered) {
    path_ = path;
    undo_.clear();
    unpin();
    const quint64 revision = ++newest_revision_;
    opened_revision_ = revision;
    saved_revision_ = recovered ? 0 : revision;
    show_project(std::move(project), revision);
    Q_EMIT modified_changed();
}

void Document::preview(Project project, std::shared_ptr<const Plan> plan, const QString& what) {
    if (!planned_.plan || planning())
        return;
    preview_ = Planned{std::move(project), std::move(plan)};
    Q_EMIT preview_changed(what);
    Q_EMIT plan_changed();
}

void Document::end_preview() {
    if (!preview_)
        return;
    preview_.reset();
    Q_EMIT preview_changed({});
    Q_EMIT plan_changed();
}

void Document::pin() {
    if (!plan())
        return;
    pinned_ = planned_.plan->totals;
    pinned_name_ =
        planned_.project.settings.order == LayerOrder::as_assigned ? tr("as assigned") : tr("pinned");
    Q_EMIT pinned_changed();
}

void Document::unpin() {
    pinned_.reset();
    Q_EMIT pinned_changed();
}

void Document::open(const QString& path) {
    read_project(path, path);
}

void Document::open_copy(const QString& path) {
    read_project(path, {});
}

/// `own`: the file it is then saved to.
void Document::read_project(const QString& path, const QString& own) {
    files_->read([this, path, own](const Disk& disk, const Progress& progress) -> FileQueue::Then {
        const auto bytes = disk.read(path.toStdString());
        auto project = bytes ? read_archive(*bytes, progress) : Result<Project>(bytes.error());
        if (!project)
            return [this, path, why = words(project.error().message)] {
                Q_EMIT failed(tr("%1 could not be opened. %2").arg(QFileInfo(path).fileName(), why));
            };
        return [this, own, p = std::move(*project)]() mutable {
            reset(std::move(p), own);
            Q_EMIT opened(own);
        };
    });
}

void Document::save(const QString& path, std::function<void()> then) {
    Project project = project_;
    if (project.name.empty())
        project.name = QFileInfo(path).completeBaseName().toStdString();
    files_->write([this, path, project = std::move(project), revision = revision_, opened = opened_revision_,
                   then = std::move(then)](const Disk& disk, const Progress&) -> FileQueue::Then {
        const auto bytes = write_archive(project, thumbnail_png(project));
        const Status ok = bytes ? disk.write(path.toStdString(), *bytes) : Status(bytes.error());
        if (!ok)
            return [this, path, why = words(ok.error().message)] {
                Q_EMIT failed(tr("%1 was not saved. %2").arg(QFileInfo(path).fileName(), why));
            };
        return [this, path, revision, opened, then] {
            if (opened == opened_revision_) {
                path_ = path;
                saved_revision_ = revision;
                Q_EMIT modified_changed();
            } else if (path == path_) { // another project was opened from there meanwhile, and no longer is
                                        // in the file
                saved_revision_ = 0;
                Q_EMIT modified_changed();
            }
            Q_EMIT saved(path);
            if (then)
                then();
        };
    });
}

void Document::import_models(const QStringList& paths, int piece) {
    files_->read([this, paths, piece,
                  opened = opened_revision_](const Disk& disk, const Progress& progress) -> FileQueue::Then {
        struct Read {
            std::string name, bytes;
            std::vector<Body> bodies;
        };
        auto read = std::make_shared<std::vector<Read>>();
        QString problems;
        for (qsizetype i = 0; i < paths.size(); ++i) {
            const std::string path = paths[i].toStdString(), name = file_name(path);
            const Progress part{progress.stop, [&](double share) {
                                    progress.at((static_cast<double>(i) + share) /
                                                static_cast<double>(paths.size()));
                                }};
            auto bytes = disk.read(path);
            auto bodies = bytes ? read_model(name, *bytes, beside(path), part)
                                : Result<std::vector<Body>>(bytes.error());
            if (bodies)
                read->push_back({name, std::move(*bytes), std::move(*bodies)});
            else
                problems += (problems.isEmpty() ? QString() : QStringLiteral("\n")) +
                            tr("%1 was not added. %2")
                                .arg(QFileInfo(paths[i]).fileName(), words(bodies.error().message));
        }
        // Joined to the project as it is by then, whatever was edited meanwhile; but not to another one.
        return [this, read, problems, piece, opened] {
            if (opened == opened_revision_ && !read->empty()) {
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
                    const int to = piece == kPieceEach
                                       ? add_piece(p, file_stem(one_line(r.name)))
                                       : std::clamp(piece, 0, static_cast<int>(p.pieces.size()) - 1);
                    add_bodies(p, to, r.name, std::move(r.bytes), std::move(r.bodies), *matches);
                }
                for (std::size_t f = project_.filaments.size(); f < p.filaments.size(); ++f)
                    name_in_words(p.filaments[f]);
                if (!called_off)
                    edit(piece == kPieceEach
                             ? tr("Add %n piece(s)", nullptr, static_cast<int>(read->size()))
                             : tr("Add %n model file(s)", nullptr, static_cast<int>(read->size())),
                         [&](Project& now) { now = std::move(p); });
            }
            if (!problems.isEmpty())
                Q_EMIT failed(problems);
        };
    });
}

void Document::export_bodies(const QString& path, bool stl, ExportBy by) {
    if (!plan())
        return;
    files_->write([this, path, stl, by, project = planned_.project,
                   plan = planned_.plan](const Disk& disk, const Progress&) -> FileQueue::Then {
        const auto bodies = bodies_of_pieces(project, *plan, by);
        Status ok = Done{};
        if (stl) {
            for (const auto& [name, bytes] : export_stl(project, *plan, bodies))
                if (ok)
                    ok = disk.write(path.toStdString() + "/" + name, bytes);
        } else {
            const auto bytes = export_3mf(project, *plan, bodies);
            ok = bytes ? disk.write(path.toStdString(), *bytes) : Status(bytes.error());
        }
        if (!ok)
            return [this, path, why = words(ok.error().message)] {
                Q_EMIT failed(tr("%1 was not written. %2").arg(QFileInfo(path).fileName(), why));
            };
        return [this, path] { Q_EMIT exported(path); };
    });
}

} // namespace vitrail

#include "moc_document.cpp"
