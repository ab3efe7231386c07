#include "app/shell/main_window.h"

#include "app/machine/machine_assistant.h"
#include "app/machine/machine_editor.h"
#include "app/machine/machine_store.h"
#include "app/palette/palette_bench.h"
#include "app/document/logbook_store.h"
#include "app/document/shelf_store.h"
#include "app/picture/new_picture_dialog.h"
#include "app/picture/picture_bench.h"
#include "app/logbook/logbook_bench.h"
#include "app/piece/colour_dialog.h"
#include "app/piece/piece_bench.h"
#include "app/plate/plate_bench.h"
#include "app/ribbon/ribbon.h"
#include "app/run/run_store.h"
#include "app/shell/bench_rail.h"
#include "app/document/document.h"
#include "app/shell/message_bar.h"
#include "app/shell/origin_watch.h"
#include "app/parts/pages.h"
#include "app/document/recovery.h"
#include "app/shell/tally.h"
#include "app/shell/tour.h"
#include "app/variants/variants_bench.h"
#include "app/document/view_state.h"
#include "app/theme/theme.h"
#include "app/view3d/view3d.h"
#include "paint/words.h"

#include <QActionGroup>
#include <QApplication>
#include <QCloseEvent>
#include <QDragEnterEvent>
#include <QDropEvent>
#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QMenuBar>
#include <QMessageBox>
#include <QMimeData>
#include <QSettings>
#include <QShortcut>
#include <QTimer>
#include <QTreeView>
#include <QUndoGroup>
#include <QUrl>
#include <QVBoxLayout>

namespace vitrail {

namespace {

bool is_project(const QString& path) {
    return path.endsWith(QLatin1String(".vitrail"), Qt::CaseInsensitive);
}

bool is_picture(const QString& path) {
    static const QStringList endings{QStringLiteral("png"), QStringLiteral("jpg"), QStringLiteral("jpeg"), QStringLiteral("webp"), QStringLiteral("tif"), QStringLiteral("tiff"), QStringLiteral("svg")};
    return endings.contains(QFileInfo(path).suffix().toLower());
}

constexpr int kMostRecent = 8;

} // namespace

MainWindow::MainWindow()
    : document_(new Document(this)), view_(new ViewState(this)), recovery_(new Recovery(document_, this)), tally_(new Tally(document_)),
      rail_(new BenchRail), benches_(new BenchStack), piece_(new PieceBench(document_, view_)), shelf_(new ShelfStore(this)), undo_(new QUndoGroup(this)), ribbon_(new Ribbon(document_, view_)), runs_(new RunStore(this)), logbook_store_(new LogbookStore(this)),
      tour_(new TourBar), messages_(new MessageBar), progress_(new ProgressStrip) {
    setAcceptDrops(true);
    rail_->add(QStringLiteral("image"), tr("Picture"));
    rail_->add(QStringLiteral("box"), tr("Piece"));
    rail_->add(QStringLiteral("library"), tr("Palette"));
    rail_->add(QStringLiteral("supports"), tr("Supports"));
    rail_->add(QStringLiteral("plate"), tr("Plate"));
    rail_->add(QStringLiteral("arrow-left-right"), tr("Changes"));
    rail_->add(QStringLiteral("droplets"), tr("Purge"));
    rail_->add(QStringLiteral("variants"), tr("Variants"));
    rail_->add(QStringLiteral("clipboard-list"), tr("Run"));
    rail_->add(QStringLiteral("logbook"), tr("Logbook"));
    for (int b = kPicture; b <= kLogbook; ++b)
        benches_->addWidget(b == kPiece ? static_cast<QWidget*>(piece_) : new QWidget);

    auto* middle = new QVBoxLayout;
    middle->setSpacing(0);
    middle->addWidget(tour_);
    middle->addWidget(messages_);
    middle->addWidget(progress_);
    middle->addWidget(benches_, 1);
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

    connect(rail_, &BenchRail::chosen_changed, this, [this](int bench) {
        make_bench(static_cast<Bench>(bench));
        benches_->setCurrentIndex(bench);
        QCoreApplication::sendPostedEvents(nullptr, QEvent::LayoutRequest); // a bench that was just made is laid out before it is first painted
        undo_->setActiveStack(bench == kLogbook ? logbook_store_->undo_stack() : document_->undo_stack());
        // Where changes and bands are looked at the ribbon is large.
        ribbon_->setFixedHeight(bench == kChanges ? em(15) : bench == kPicture ? em(12) : bench == kVariants ? em(10) : em(11));
    });
    connect(document_, &Document::failed, this, [this](const QString& text) { messages_->say(text); });
    connect(recovery_, &Recovery::said, this, [this](const QString& text) { messages_->say(text); });
    document_->set_ask_colours([this](Project& p, const std::vector<ColourUse>& colours) -> std::optional<std::vector<ColourMatch>> {
        ColourDialog dialog(p, colours, this);
        if (dialog.exec() != QDialog::Accepted)
            return {};
        return dialog.apply(p);
    });
    connect(document_, &Document::exported, this, [this](const QString& path) { messages_->say(tr("Written: %1").arg(path)); });
    connect(piece_, &PieceBench::said, this, [this](const QString& text) { messages_->say(text); });
    connect(piece_, &PieceBench::wants_machine_assistant, this, &MainWindow::describe_printer);
    connect(piece_, &PieceBench::wants_machine_editor, this, &MainWindow::edit_machine);
    connect(document_, &Document::preview_changed, this, [this](const QString& what) {
        if (what.isEmpty())
            messages_->hide();
        else
            messages_->say(tr("Only a preview: %1. Nothing is changed yet.").arg(what), tr("Back to the plan"), [this] { document_->end_preview(); });
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
        if (const auto [part, number] = view_->patch(); number > 0 && part < static_cast<int>(all.size()) && number <= static_cast<int>(all[part].patches.size()))
            return; // the selected patch is still there
        std::set<int> parts = view_->parts();
        std::erase_if(parts, [&](int p) { return p >= static_cast<int>(view_->piece_of(document_->project()).parts.size()); });
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
    connect(progress_, &ProgressStrip::cancelled, this, [this] { document_->busy_with_files() ? document_->stop_reading() : document_->cancel_planning(); });
    rail_->choose(kPiece);
    refresh_title();
    resize(1280, 800);
    setStyleSheet(theme_sheet());
    const QByteArray geometry = QSettings().value(QStringLiteral("window")).toByteArray();
    if (!geometry.isEmpty())
        restoreGeometry(geometry);
}

MainWindow::~MainWindow() = default;

void MainWindow::make_menus() {
    const auto add = [this](QMenu* menu, const char* id, const QString& text, const QKeySequence& keys, auto act, const char* picture = nullptr) {
        QAction* a = menu->addAction(text);
        a->setObjectName(QString::fromLatin1(id));
        a->setShortcut(keys);
        if (picture)
            a->setIcon(icon(QString::fromLatin1(picture)));
        connect(a, &QAction::triggered, this, act);
        return a;
    };
    QMenu* file = menuBar()->addMenu(tr("&File"));
    add(file, "new", tr("&New project"), QKeySequence::New, [this] {
        discard_then([this] { document_->start_anew(); });
    }, "file-plus-2");
    add(file, "welcome", tr("&Welcome"), {}, [this] { show_welcome(); }, "compass");
    add(file, "open", tr("&Open…"), QKeySequence::Open, [this] { ask_open(); }, "folder-open");
    recent_ = file->addMenu(tr("Open &recent"));
    connect(recent_, &QMenu::aboutToShow, this, &MainWindow::fill_recent);
    add(file, "add_model", tr("&Add model files…"), QKeySequence(tr("Ctrl+I")), [this] { ask_add(); }, "plus");
    add(file, "add_picture", tr("A &picture…"), QKeySequence(tr("Ctrl+Shift+O")), [this] { ask_picture(); }, "image");
    add(file, "add_piece", tr("Add a p&iece…"), QKeySequence(tr("Ctrl+Shift+I")), [this] { ask_add_piece(); }, "plate");
    file->addSeparator();
    add(file, "save", tr("&Save"), QKeySequence::Save, [this] { save(); }, "save");
    add(file, "save_as", tr("Save &as…"), QKeySequence::SaveAs, [this] { ask_save_as(); });
    file->addSeparator();
    add(file, "export_3mf", tr("&Export one body per filament (3MF)…"), QKeySequence(tr("Ctrl+E")), [this] { ask_export(false); }, "upload");
    add(file, "export_stl", tr("Export one body per filament (S&TL)…"), {}, [this] { ask_export(true); });
    add(file, "export_parts", tr("Export the parts &whole (3MF)…"), {}, [this] { ask_export(false, ExportBy::part); })->setToolTip(tr("Each part in one body under its name, to be swapped by layers: a relief as one body, a panel with its white below and above"));
    add(file, "export_bands", tr("Export one body per &band of a relief (3MF)…"), {}, [this] { ask_export(false, ExportBy::band); });
    add_picture_actions(file);
    file->addSeparator();
    add(file, "quit", tr("&Quit"), QKeySequence::Quit, [this] { close(); });

    QMenu* edit = menuBar()->addMenu(tr("&Edit"));
    // Three histories: that of the shelf counts while the shelf has the focus, that of the logbook on its bench.
    undo_->addStack(document_->undo_stack());
    undo_->addStack(shelf_->undo_stack());
    undo_->addStack(logbook_store_->undo_stack());
    undo_->setActiveStack(document_->undo_stack());
    connect(qApp, &QApplication::focusChanged, this, [this](QWidget*, QWidget* now) {
        if (now && window()->isAncestorOf(now))
            undo_->setActiveStack(palette_ && palette_->isVisible() && palette_->shelf_view()->parentWidget()->isAncestorOf(now) ? shelf_->undo_stack() : logbook_ && logbook_->isVisible() ? logbook_store_->undo_stack() : document_->undo_stack());
    });
    QAction* undo = undo_->createUndoAction(this, tr("&Undo"));
    undo->setShortcut(QKeySequence::Undo);
    undo->setIcon(icon(QStringLiteral("undo-2")));
    undo->setObjectName(QStringLiteral("undo"));
    QAction* redo = undo_->createRedoAction(this, tr("&Redo"));
    redo->setShortcuts({QKeySequence(QKeySequence::Redo), QKeySequence(tr("Ctrl+Y"))});
    redo->setIcon(icon(QStringLiteral("redo-2")));
    redo->setObjectName(QStringLiteral("redo"));
    edit->addAction(undo);
    edit->addAction(redo);
    edit->addSeparator();
    add(edit, "thicken_base", tr("&Thicken the base…"), {}, [this] { piece_->thicken_base(); });
    add(edit, "scale_file", tr("&Unit of a model file…"), {}, [this] { piece_->scale_file(); });
    add(edit, "describe_printer", tr("&Describe my printer…"), {}, [this] { describe_printer(); });
    add(edit, "edit_machine", tr("The &machine…"), {}, [this] { edit_machine(); }, "wrench");
    add(edit, "keep", tr("&Keep as a variant"), QKeySequence(tr("Ctrl+K")), [this] { variants_bench()->keep(); }, "variants");
    add(edit, "log_print_now", tr("&Log this print…"), QKeySequence(tr("Ctrl+L")), [this] { log_print(); }, "logbook");
    add(edit, "pin_plan", tr("&Pin this plan"), QKeySequence(tr("Ctrl+Shift+P")), [this] { document_->pin(); }, "pin");

    QMenu* view = menuBar()->addMenu(tr("&View"));
    const QString names[] = {tr("Pi&cture"), tr("&Piece"), tr("Pa&lette"), tr("&Supports"), tr("Pl&ate"), tr("&Changes"), tr("P&urge"), tr("&Variants"), tr("&Run sheet"), tr("&Logbook")};
    for (int b = 0; b < static_cast<int>(std::size(names)); ++b)
        add(view, ("bench_" + std::to_string(b + 1)).c_str(), names[b], QKeySequence(Qt::ALT | (b == 9 ? Qt::Key_0 : Qt::Key(Qt::Key_1 + b))), [this, b] { choose_bench(static_cast<Bench>(b)); });
    view->addSeparator();
    if (piece_->view3d()) {
        QAction* held = add(view, "show_support", tr("Sho&w support"), QKeySequence(tr("Ctrl+Shift+H")), [this] { piece_->view3d()->show_support(piece_->view3d()->shown_support() == View3d::Held::support ? View3d::Held::nothing : View3d::Held::support); }, "supports");
        held->setCheckable(true);
        held->setChecked(true);
        piece_->view3d()->show_support(View3d::Held::support);
        add(view, "fit", tr("&Fit the piece"), QKeySequence(tr("Ctrl+0")), [this] { piece_->view3d()->fit(); });
    }
    QMenu* themes = view->addMenu(tr("&Theme"));
    auto* group = new QActionGroup(this);
    const struct { const char* id; QString name; ThemeChoice choice; } choices[] = {
        {"desktop", tr("As the &desktop"), ThemeChoice::desktop}, {"dark", tr("Dark &lead"), ThemeChoice::dark}, {"light", tr("Light &paper"), ThemeChoice::light}};
    const QString now = QSettings().value(QStringLiteral("theme"), QStringLiteral("desktop")).toString();
    for (const auto& c : choices) {
        QAction* a = add(themes, (std::string("theme_") + c.id).c_str(), c.name, {}, [id = QString::fromLatin1(c.id), choice = c.choice] {
            QSettings().setValue(QStringLiteral("theme"), id);
            apply_theme(*qApp, choice);
        });
        a->setCheckable(true);
        a->setChecked(now == QLatin1String(c.id));
        group->addAction(a);
    }

    QMenu* help = menuBar()->addMenu(tr("&Help"));
    add(help, "keys", tr("&Keys"), QKeySequence::HelpContents, [this] {
        QMessageBox::information(this, tr("Keys"),
            tr("A letter gives the selection that filament.\n"
               "On the ribbon: arrows move the cursor layer, with Ctrl by ten, with Shift they choose a range; Page Up and Page Down "
               "go to the change before and after; Esc drops the range.\n"
               "On the piece: arrows turn, + and − zoom, Home fits.\n"
               "With a painting tool in hand the left button paints and the right one turns.\n"
               "On the bed: arrows move what is chosen by 1 mm, with Shift by 10, with Ctrl they turn it; Page Up and Page Down choose another.\n"
               "On the picture: arrows move the pointer, with Shift the bar; on the ribbon beside it, Alt with the arrows moves a lead.\n"
               "Ctrl+K keeps the project as it stands as a variant.\n"
               "Alt+1 to Alt+0 go to the benches. Tab goes from field to field."));
    });
    add(help, "tour", tr("&First tour"), {}, [this] { begin_tour(); }, "compass");
    add(help, "about", tr("&About Vitrail"), {}, [this] {
        QMessageBox::about(this, tr("About Vitrail"),
            tr("Vitrail %1 plans multicolour prints.\n\nIt is free software under the GNU General Public License, version 3 or later, "
               "and comes without any warranty. Its estimates are no promise: follow your printer's manual, local codes and the advice of "
               "licensed practice where they apply.\n\nFont: Inter (SIL Open Font License). Icons: Lucide (ISC).").arg(QApplication::applicationVersion()));
    });
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
        messages_->say(tr("A run of %1 is under way.").arg(title), file.isEmpty() || file == document_->path() ? tr("Show the run") : QString(), show);
    else
        messages_->say(tr("A run of %1 is under way.").arg(title), tr("Open its project"), [this, file, show] {
            discard_then([this, file, show] {
                document_->open(file);
                show();
            });
        });
}

void MainWindow::make_letters() {
    for (char c = 'A'; c <= 'Z'; ++c) {
        auto* key = new QShortcut(QKeySequence(Qt::Key_A + (c - 'A')), this);
        connect(key, &QShortcut::activated, this, [this, c] { rail_->chosen() == kPicture ? picture_bench()->assign(c) : piece_->assign(c); });
    }
}

/// Of the project that is open, the newest that is over.
std::optional<Run> MainWindow::last_run() const {
    std::optional<Run> found;
    for (const Run& r : runs_->runs())
        if (QString::fromStdString(r.project_file) == document_->path() && (!document_->path().isEmpty() || QString::fromStdString(r.title) == document_->title()) && run_state(r, runs_->now()).is == RunState::Is::over)
            found = r;
    return found;
}

void MainWindow::choose_bench(Bench bench) {
    rail_->choose(bench);
}

void MainWindow::refresh_title() {
    setWindowTitle(tr("%1%2 – Vitrail").arg(document_->title(), document_->modified() ? QStringLiteral("*") : QString()));
}

void MainWindow::refresh_progress() {
    if (document_->busy_with_files())
        document_->reading() ? progress_->begin(tr("Reading a file…"), true) : progress_->begin(tr("Writing a file…"), false);
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
    const QString path = QFileDialog::getOpenFileName(this, tr("Choose a picture"), {}, tr("Pictures (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.svg)"));
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
    const QString path = QFileDialog::getOpenFileName(this, tr("Open"), {}, tr("Projects, models and pictures (*.vitrail *.3mf *.stl *.obj *.png *.jpg *.jpeg *.webp *.tif *.tiff *.svg);;Projects (*.vitrail);;Models (*.3mf *.stl *.obj)"));
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
    const QStringList paths = QFileDialog::getOpenFileNames(this, tr("Add model files"), {}, tr("Models (*.3mf *.stl *.obj)"));
    if (!paths.isEmpty())
        document_->import_models(paths, static_cast<int>(view_->piece_in(document_->project())));
}

/// Each file becomes a piece of its own, beside those that are there.
void MainWindow::ask_add_piece() {
    const QStringList paths = QFileDialog::getOpenFileNames(this, tr("Add a piece"), {}, tr("Models (*.3mf *.stl *.obj)"));
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
    QString path = stl ? QFileDialog::getExistingDirectory(this, tr("Folder for the STL files"))
                       : QFileDialog::getSaveFileName(this, tr("Export as 3MF"), document_->title() + QStringLiteral(".3mf"), tr("3MF (*.3mf)"));
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
    QString path = QFileDialog::getSaveFileName(this, tr("Save the project"), document_->path().isEmpty() ? document_->title() + QStringLiteral(".vitrail") : document_->path(), tr("Vitrail projects (*.vitrail)"));
    if (path.isEmpty())
        return;
    if (!is_project(path))
        path += QStringLiteral(".vitrail");
    document_->save(path, std::move(then));
}

/// What follows would lose the project: `then` runs once it is saved, or given up; never where the person wants to stay.
void MainWindow::discard_then(std::function<void()> then) {
    if (!document_->modified())
        return then();
    QMessageBox ask(QMessageBox::Question, tr("Not saved"), tr("“%1” has changes that are not saved.").arg(document_->title()),
                    QMessageBox::Save | QMessageBox::Discard | QMessageBox::Cancel, this);
    ask.setDefaultButton(QMessageBox::Save);
    switch (ask.exec()) {
    case QMessageBox::Save:
        return save([this, then = std::move(then)] {
            if (!document_->modified()) // else it was edited while it was being written: ask again another time
                then();
        });
    case QMessageBox::Discard: return then();
    default: return;
    }
}

void MainWindow::offer_recovery() {
    const auto found = recovery_->find();
    if (!found)
        return;
    messages_->say(tr("The last session ended before %1 was saved.").arg(found->title), tr("Recover it"), [this, found = *found] { recovery_->restore(found); });
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
