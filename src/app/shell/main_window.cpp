#include "app/shell/main_window.h"

#include "app/document/document.h"
#include "app/document/logbook_store.h"
#include "app/document/recovery.h"
#include "app/document/shelf_store.h"
#include "app/document/view_state.h"
#include "app/guide/explain.h"
#include "app/logbook/logbook_bench.h"
#include "app/machine/machine_assistant.h"
#include "app/machine/machine_editor.h"
#include "app/machine/machine_store.h"
#include "app/palette/palette_bench.h"
#include "app/parts/pages.h"
#include "app/picture/new_picture_dialog.h"
#include "app/picture/picture_bench.h"
#include "app/piece/colour_dialog.h"
#include "app/piece/piece_bench.h"
#include "app/plate/plate_bench.h"
#include "app/ribbon/ribbon.h"
#include "app/run/run_store.h"
#include "app/shell/bench_rail.h"
#include "app/shell/empty_hint.h"
#include "app/shell/message_bar.h"
#include "app/shell/origin_watch.h"
#include "app/shell/session.h"
#include "app/shell/tally.h"
#include "app/shell/tour.h"
#include "app/theme/language.h"
#include "app/theme/theme.h"
#include "app/view3d/view3d.h"
#include "paint/words.h"

#include <QApplication>
#include <QCloseEvent>
#include <QDragEnterEvent>
#include <QDropEvent>
#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QMenu>
#include <QMessageBox>
#include <QMimeData>
#include <QSettings>
#include <QShortcut>
#include <QTimer>
#include <QUndoGroup>
#include <QUrl>
#include <QVBoxLayout>

namespace vitrail {

namespace {

bool is_project(const QString& path) {
    return path.endsWith(QLatin1String(".vitrail"), Qt::CaseInsensitive);
}

bool is_picture(const QString& path) {
    static const QStringList endings{QStringLiteral("png"),  QStringLiteral("jpg"), QStringLiteral("jpeg"),
                                     QStringLiteral("webp"), QStringLiteral("tif"), QStringLiteral("tiff"),
                                     QStringLiteral("svg")};
    return endings.contains(QFileInfo(path).suffix().toLower());
}

bool is_logbook(const QString& path) {
    return path.endsWith(QLatin1String(".json"), Qt::CaseInsensitive);
}

constexpr int kMostRecent = 8;

} // namespace

MainWindow::MainWindow(std::shared_ptr<Session> session)
    : session_(session ? std::move(session) : std::make_shared<Session>()),
      document_(session_->document.get()), view_(session_->view.get()), recovery_(session_->recovery.get()),
      tally_(new Tally(document_)), rail_(new BenchRail), benches_(new BenchStack),
      piece_(new PieceBench(document_, view_)), shelf_(session_->stores->shelf.get()),
      undo_(new QUndoGroup(this)), ribbon_(new Ribbon(document_, view_)), runs_(session_->stores->runs.get()),
      logbook_store_(session_->stores->logbook.get()), tour_(new TourBar), messages_(new MessageBar),
      progress_(new ProgressStrip) {
    setAcceptDrops(true);
    teach_to_explain(*qApp);
    fill_rail();
    for (int b = kPicture; b <= kLogbook; ++b)
        benches_->addWidget(b == kPiece ? static_cast<QWidget*>(piece_) : new QWidget);

    auto* middle = new QVBoxLayout;
    middle->setSpacing(0);
    middle->addWidget(tour_);
    middle->addWidget(messages_);
    middle->addWidget(progress_);
    auto* hint = new EmptyHint(document_, rail_);
    connect(hint, &EmptyHint::wants_model, this, &MainWindow::ask_add);
    connect(hint, &EmptyHint::wants_welcome, this, &MainWindow::show_welcome);
    connect(benches_, &QStackedWidget::currentChanged, hint,
            &EmptyHint::refresh); // the welcome page is none of the rail's
    middle->addWidget(hint);
    middle->addWidget(new BenchRoom(benches_), 1);
    auto* row = new QHBoxLayout;
    row->setSpacing(0);
    row->addWidget(rail_);
    row->addLayout(middle, 1);
    auto* all = new QWidget;
    auto* column = new QVBoxLayout(all);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addWidget(tally_);
    column->addLayout(row, 1);
    column->addWidget(ribbon_);
    setCentralWidget(all);
    make_menus();
    make_letters();
    follow_document();
    rail_->choose(kPiece);
    refresh_title();
    refresh_progress();
    setStyleSheet(theme_sheet());
    place_on_screen();
}

void MainWindow::follow_document() {
    connect(rail_, &BenchRail::chosen_changed, this, [this](int bench) {
        make_bench(static_cast<Bench>(bench));
        benches_->setCurrentIndex(bench);
        QCoreApplication::sendPostedEvents(
            nullptr,
            QEvent::LayoutRequest); // a bench that was just made is laid out before it is first painted
        undo_->setActiveStack(bench == kLogbook ? logbook_store_->undo_stack() : document_->undo_stack());
        // Where changes and bands are looked at the ribbon is large.
        ribbon_->setFixedHeight(bench == kChanges    ? em(15)
                                : bench == kPicture  ? em(12)
                                : bench == kVariants ? em(10)
                                                     : em(11));
    });
    connect(document_, &Document::failed, this, [this](const QString& text) { messages_->say(text); });
    connect(recovery_, &Recovery::said, this, [this](const QString& text) { messages_->say(text); });
    document_->set_ask_colours(
        [this](Project& p, const std::vector<ColourUse>& colours) -> std::optional<std::vector<ColourMatch>> {
            ColourDialog dialog(p, colours, this);
            if (dialog.exec() != QDialog::Accepted)
                return {};
            return dialog.apply(p);
        });
    connect(document_, &Document::exported, this,
            [this](const QString& path) { messages_->say(tr("Written: %1").arg(path)); });
    connect(piece_, &PieceBench::said, this, [this](const QString& text) { messages_->say(text); });
    connect(piece_, &PieceBench::wants_machine_assistant, this, &MainWindow::describe_printer);
    connect(piece_, &PieceBench::wants_machine_editor, this, &MainWindow::edit_machine);
    connect(document_, &Document::preview_changed, this, [this](const QString& what) {
        if (what.isEmpty())
            messages_->hide();
        else
            messages_->say(tr("Only a preview: %1. Nothing is changed yet.").arg(what),
                           tr("Back to the plan"), [this] { document_->end_preview(); });
    });
    piece_->set_owned_machines(owned_machines());
    connect(piece_, &PieceBench::wants_models, this, &MainWindow::ask_add);
    connect(piece_, &PieceBench::wants_project, this, &MainWindow::ask_open);
    tally_->set_logbook(logbook_store_);
    if (QFileInfo::exists(ShelfStore::path())) // figures have their ranges from the start
        logbook_store_->open();
    connect(logbook_store_, &LogbookStore::said, this, [this](const QString& text) { messages_->say(text); });
    connect(runs_, &RunStore::said, this, [this](const QString& text) { messages_->say(text); });
    connect(runs_, &RunStore::due, this, [this](const QString& text) {
        messages_->say(text, tr("Show the run"), [this] { show_run(); });
        QApplication::alert(this);
    });
    connect(document_, &Document::opened, this, [this](const QString& path) {
        if (!path.isEmpty())
            remember(path);
        messages_->hide();
        if (rail_->chosen() < 0)
            choose_bench(kPiece);
        view_->show_piece(0);
        view_->select({});
        view_->show_spots({});
        view_->set_range(0, 0);
        view_->set_layer(1);
        to_first_change_ = true;
    });
    new OriginWatch(document_, messages_, this); // after the message bar has been emptied
    connect(document_, &Document::saved, this, [this](const QString& path) { remember(path); });
    connect(document_, &Document::plan_changed, this, [this] {
        if (const auto plan = document_->plan()) {
            // A project opens where something happens.
            if (std::exchange(to_first_change_, false) && !plan->changes.empty())
                view_->set_layer(plan->changes.front().layer);
            view_->set_layer(qBound(1, view_->layer(), plan->grid.count));
            if (view_->range().second > plan->grid.count)
                view_->set_range(0, 0);
        }
    });
    connect(document_, &Document::project_changed, this, [this] {
        const auto& all = view_->piece_of(document_->project()).parts;
        if (const auto [part, number] = view_->patch(); number > 0 && part < static_cast<int>(all.size()) &&
                                                        number <= static_cast<int>(all[part].patches.size()))
            return; // the selected patch is still there
        std::set<int> parts = view_->parts();
        std::erase_if(parts, [&](int p) {
            return p >= static_cast<int>(view_->piece_of(document_->project()).parts.size());
        });
        view_->select(std::move(parts));
    });
    connect(document_, &Document::project_changed, this, [this] {
        if (rail_->chosen() < 0 && has_parts(document_->project()))
            choose_bench(kPiece); // something has come
    });
    connect(tour_, &TourBar::entered, this, &MainWindow::show_step);
    for (auto signal : {&Document::project_changed, &Document::modified_changed})
        connect(document_, signal, this, &MainWindow::refresh_title);
    connect(document_, &Document::planning_changed, this, &MainWindow::refresh_progress);
    connect(document_, &Document::file_work_changed, this, &MainWindow::refresh_progress);
    connect(document_, &Document::progress, this, [this](double share) {
        if (!document_->busy_with_files())
            progress_->set_share(share);
    });
    connect(document_, &Document::reading_progress, progress_, &ProgressStrip::set_share);
    connect(progress_, &ProgressStrip::cancelled, this, [this] {
        document_->busy_with_files() ? document_->stop_reading() : document_->cancel_planning();
    });
}

/// Where it was, but no larger than the screen; beside another window of ours.
void MainWindow::place_on_screen() {
    const QRect room = screen()->availableGeometry();
    resize(QSize(1280, 800)
               .expandedTo(room.size() * 0.7)
               .boundedTo(room.size())); // where it was never placed: more on large screens
    const QByteArray geometry = QSettings().value(QStringLiteral("window")).toByteArray();
    if (!geometry.isEmpty())
        restoreGeometry(geometry);
    for (QWidget* w : QApplication::topLevelWidgets())
        if (w != this && qobject_cast<MainWindow*>(w) && w->isVisible() && w->pos() == pos())
            move(pos() + QPoint(em(2), em(2)));
    if (const QRect there = screen()->availableGeometry();
        width() > there.width() || height() > there.height())
        resize(size().boundedTo(there.size()));
}

/// What shows the session goes before it.
MainWindow::~MainWindow() {
    hide();
    delete centralWidget();
}

MainWindow* MainWindow::open_window() {
    auto* other = new MainWindow;
    other->setAttribute(Qt::WA_DeleteOnClose);
    other->show();
    return other;
}

/// The same session in a window of its own, which takes this one's place on the screen.
MainWindow* MainWindow::successor() {
    auto* next = new MainWindow(session_);
    next->setAttribute(Qt::WA_DeleteOnClose);
    next->setGeometry(geometry());
    if (rail_->chosen() >= 0)
        next->choose_bench(static_cast<Bench>(rail_->chosen()));
    else
        next->show_welcome();
    next->setWindowState(windowState());
    next->show();
    return next;
}

void MainWindow::speak(const QString& code) {
    QSettings().setValue(QStringLiteral("language"), code);
    apply_language(code);
    const QWidgetList open = QApplication::topLevelWidgets();
    for (QWidget* w : open)
        if (auto* window = qobject_cast<MainWindow*>(w); window && window->isVisible()) {
            window->successor();
            window->hide();
            window->deleteLater();
        }
}

void MainWindow::changeEvent(QEvent* e) {
    QMainWindow::changeEvent(e);
    if (e->type() == QEvent::ActivationChange && isActiveWindow() && undo_) {
        share_histories();
        undo_->setActiveStack(rail_->chosen() == kLogbook ? logbook_store_->undo_stack()
                                                          : document_->undo_stack());
    }
}

void MainWindow::edit_machine() {
    MachineEditor editor(document_->project(), this);
    const bool take = editor.exec() == QDialog::Accepted;
    if (take)
        use_machine(editor.machine());
    show_owned_machines(); // some may have been kept or forgotten even so
}

void MainWindow::describe_printer() {
    MachineAssistant assistant(this);
    if (assistant.exec() != QDialog::Accepted)
        return;
    use_machine(assistant.machine());
    if (const Status ok = assistant.keep() ? keep_machine(assistant.machine()) : Status(Done{}); !ok)
        messages_->say(words(ok.error().message));
    show_owned_machines();
}

void MainWindow::use_machine(const Machine& machine) {
    if (machine == document_->project().machine)
        return;
    Message followed;
    document_->edit(tr("Change the machine"), [&](Project& p) { followed = set_machine(p, machine); });
    if (!followed.empty())
        messages_->say(words(followed));
}

void MainWindow::show_owned_machines() {
    piece_->set_owned_machines(owned_machines());
    if (plate_)
        plate_->set_owned_machines(owned_machines());
}

void MainWindow::find_runs() {
    runs_->open(RunStore::usual_file());
    const auto under_way = runs_->under_way();
    if (under_way.empty())
        return;
    const Run& run = *under_way.back();
    const QString file = QString::fromStdString(run.project_file), title = QString::fromStdString(run.title);
    const auto show = [this] { show_run(); };
    if (file.isEmpty() || file == document_->path() || !QFileInfo::exists(file))
        messages_->say(tr("A run of %1 is under way.").arg(title),
                       file.isEmpty() || file == document_->path() ? tr("Show the run") : QString(), show);
    else
        messages_->say(tr("A run of %1 is under way.").arg(title), tr("Open its project"),
                       [this, file, show] {
                           discard_then([this, file, show] {
                               document_->open(file);
                               show();
                           });
                       });
}

void MainWindow::make_letters() {
    for (char c = 'A'; c <= 'Z'; ++c) {
        auto* key = new QShortcut(QKeySequence(Qt::Key_A + (c - 'A')), this);
        connect(key, &QShortcut::activated, this, [this, c] {
            switch (rail_->chosen()) {
            case kPicture:
                return picture_bench()->assign(c);
            case kPalette:
                return palette_bench()->assign(c);
            default:
                return piece_->assign(c);
            }
        });
    }
}

/// Of the project that is open, the newest that is over.
std::optional<Run> MainWindow::last_run() const {
    std::optional<Run> found;
    for (const Run& r : runs_->runs())
        if (QString::fromStdString(r.project_file) == document_->path() &&
            (!document_->path().isEmpty() || QString::fromStdString(r.title) == document_->title()) &&
            run_state(r, runs_->now()).is == RunState::Is::over)
            found = r;
    return found;
}

void MainWindow::choose_bench(Bench bench) {
    rail_->choose(bench);
}

void MainWindow::refresh_title() {
    setWindowTitle(tr("%1%2 – Vitrail")
                       .arg(document_->title(), document_->modified() ? QStringLiteral("*") : QString()));
}

void MainWindow::refresh_progress() {
    if (document_->busy_with_files())
        document_->reading() ? progress_->begin(tr("Reading a file…"), true)
                             : progress_->begin(tr("Writing a file…"), false);
    else if (document_->planning())
        progress_->begin(tr("Planning…"), true);
    else
        progress_->end();
}

void MainWindow::remember(const QString& path) {
    QSettings s;
    QStringList list = s.value(QStringLiteral("recent")).toStringList();
    const QString full = QFileInfo(path).absoluteFilePath();
    list.removeAll(full);
    list.prepend(full);
    s.setValue(QStringLiteral("recent"), QStringList(list.mid(0, kMostRecent)));
}

void MainWindow::fill_recent() {
    recent_->clear();
    for (const QString& path : QSettings().value(QStringLiteral("recent")).toStringList()) {
        QAction* a = recent_->addAction(menu_text(QFileInfo(path).fileName()));
        a->setToolTip(path);
        a->setEnabled(QFileInfo::exists(path));
        connect(a, &QAction::triggered, this, [this, path] { open_files({path}); });
    }
    if (recent_->isEmpty())
        recent_->addAction(tr("nothing yet"))->setEnabled(false);
}

void MainWindow::open_files(const QStringList& paths) {
    QStringList models;
    QString project, picture;
    for (const QString& path : paths)
        if (is_logbook(path))
            logbook_store_->import_prints(path);
        else
            (is_project(path) ? project : is_picture(path) ? picture : models.emplaceBack()) = path;
    if (!picture.isEmpty())
        take_picture(picture);
    if (!project.isEmpty()) {
        discard_then([this, project] { document_->open(project); });
    } else if (!models.isEmpty()) {
        document_->import_models(models, static_cast<int>(view_->piece_in(document_->project())));
    }
}

void MainWindow::ask_picture() {
    const QString path = QFileDialog::getOpenFileName(
        this, tr("Choose a picture"), {}, tr("Pictures (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.svg)"));
    if (!path.isEmpty())
        take_picture(path);
}

/// Asks what it is to become.
void MainWindow::take_picture(const QString& path) {
    NewPictureDialog dialog(path, document_->project().picture.has_value(), this);
    if (dialog.exec() != QDialog::Accepted)
        return;
    choose_bench(kPicture);
    picture_bench()->take(path, dialog.use(), dialog.width_mm());
}

void MainWindow::ask_open() {
    const QString path = QFileDialog::getOpenFileName(
        this, tr("Open"), {},
        tr("Projects, models and pictures (*.vitrail *.3mf *.stl *.obj *.png *.jpg *.jpeg *.webp *.tif "
           "*.tiff *.svg);;Projects (*.vitrail);;Models (*.3mf *.stl *.obj)"));
    if (path.isEmpty())
        return;
    if (is_project(path) || !has_parts(document_->project()))
        return open_files({path});
    discard_then([this, path] {
        document_->start_anew();
        open_files({path});
    });
}

void MainWindow::ask_add() {
    const QStringList paths =
        QFileDialog::getOpenFileNames(this, tr("Add model files"), {}, tr("Models (*.3mf *.stl *.obj)"));
    if (!paths.isEmpty())
        document_->import_models(paths, static_cast<int>(view_->piece_in(document_->project())));
}

/// Each file becomes a piece of its own, beside those that are there.
void MainWindow::ask_add_piece() {
    const QStringList paths =
        QFileDialog::getOpenFileNames(this, tr("Add a piece"), {}, tr("Models (*.3mf *.stl *.obj)"));
    if (!paths.isEmpty())
        document_->import_models(paths, Document::kPieceEach);
}

void MainWindow::ask_export(bool stl, ExportBy by) {
    if (!document_->plan()) {
        messages_->say(tr("There is nothing to export yet."));
        return;
    }
    if (document_->planning()) {
        messages_->say(tr("The plan is still being made; export when it is done."));
        return;
    }
    QString path =
        stl ? QFileDialog::getExistingDirectory(this, tr("Folder for the STL files"))
            : QFileDialog::getSaveFileName(this, tr("Export as 3MF"),
                                           document_->title() + QStringLiteral(".3mf"), tr("3MF (*.3mf)"));
    if (path.isEmpty())
        return;
    if (!stl && !path.endsWith(QLatin1String(".3mf"), Qt::CaseInsensitive))
        path += QStringLiteral(".3mf");
    document_->export_bodies(path, stl, by);
}

void MainWindow::save(std::function<void()> then) {
    if (document_->path().isEmpty())
        return ask_save_as(std::move(then));
    document_->save(document_->path(), std::move(then));
}

void MainWindow::ask_save_as(std::function<void()> then) {
    QString path = QFileDialog::getSaveFileName(
        this, tr("Save the project"),
        document_->path().isEmpty() ? document_->title() + QStringLiteral(".vitrail") : document_->path(),
        tr("Vitrail projects (*.vitrail)"));
    if (path.isEmpty())
        return;
    if (!is_project(path))
        path += QStringLiteral(".vitrail");
    document_->save(path, std::move(then));
}

/// What follows would lose the project: `then` runs once it is saved, or given up; never where the person
/// wants to stay.
void MainWindow::discard_then(std::function<void()> then) {
    if (!document_->modified())
        return then();
    QMessageBox ask(QMessageBox::Question, tr("Not saved"),
                    tr("“%1” has changes that are not saved.").arg(document_->title()),
                    QMessageBox::Save | QMessageBox::Discard | QMessageBox::Cancel, this);
    ask.setDefaultButton(QMessageBox::Save);
    switch (ask.exec()) {
    case QMessageBox::Save:
        return save([this, then = std::move(then)] {
            if (!document_
                     ->modified()) // else it was edited while it was being written: ask again another time
                then();
        });
    case QMessageBox::Discard:
        return then();
    default:
        return;
    }
}

void MainWindow::offer_recovery() {
    const auto found = recovery_->find();
    if (!found)
        return;
    messages_->say(tr("The last session ended before %1 was saved.").arg(found->title), tr("Recover it"),
                   [this, found = *found] { recovery_->restore(found); });
}

void MainWindow::closeEvent(QCloseEvent* e) {
    if (document_->modified() && !closing_) {
        e->ignore();
        return discard_then([this] {
            closing_ = true;
            QTimer::singleShot(0, this, &QWidget::close); // not from within the event
        });
    }
    QSettings().setValue(QStringLiteral("window"), saveGeometry());
    e->accept();
}

void MainWindow::dragEnterEvent(QDragEnterEvent* e) {
    if (e->mimeData()->hasUrls())
        e->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* e) {
    QStringList paths;
    for (const QUrl& url : e->mimeData()->urls())
        if (url.isLocalFile())
            paths << url.toLocalFile();
    e->acceptProposedAction();
    open_files(paths);
}

} // namespace vitrail

#include "moc_main_window.cpp"
