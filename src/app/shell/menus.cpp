// The menus of the window.
#include "app/document/document.h"
#include "app/document/logbook_store.h"
#include "app/document/shelf_store.h"
#include "app/guide/explain.h"
#include "app/guide/guide_window.h"
#include "app/logbook/logbook_bench.h"
#include "app/palette/palette_bench.h"
#include "app/piece/piece_bench.h"
#include "app/shell/main_window.h"
#include "app/theme/desktop.h"
#include "app/theme/language.h"
#include "app/theme/theme.h"
#include "app/variants/variants_bench.h"
#include "app/view3d/view3d.h"

#include <QAction>
#include <QActionGroup>
#include <QApplication>
#include <QMenu>
#include <QMenuBar>
#include <QMessageBox>
#include <QSettings>
#include <QTreeView>
#include <QUndoGroup>
#include <QUndoStack>
#include <QWhatsThis>

#include <functional>

namespace vitrail {

namespace {

/// `id` is for those who look for the action.
QAction* add(QMenu* menu, const char* id, const QString& text, const QKeySequence& keys,
             std::function<void()> act, const char* picture = nullptr) {
    QAction* a = menu->addAction(text);
    a->setObjectName(QString::fromLatin1(id));
    a->setShortcut(keys);
    if (picture)
        a->setIcon(icon(QString::fromLatin1(picture)));
    QObject::connect(a, &QAction::triggered, menu, std::move(act));
    return a;
}

} // namespace

void MainWindow::make_menus() {
    make_file_menu();
    make_edit_menu();
    make_view_menu();
    make_help_menu();
}

/// A history can be in one window's hands only: those of the stores go to the window that is used.
void MainWindow::share_histories() {
    for (QUndoStack* s : {document_->undo_stack(), shelf_->undo_stack(), logbook_store_->undo_stack()})
        undo_->addStack(s);
}

void MainWindow::make_file_menu() {
    QMenu* file = menuBar()->addMenu(tr("&File"));
    add(
        file, "new", tr("&New project"), QKeySequence::New,
        [this] { discard_then([this] { document_->start_anew(); }); }, "file-plus-2");
    add(file, "new_window", tr("Ne&w window"), QKeySequence(tr("Ctrl+Shift+N")),
        [this] { open_window()->show_welcome(); });
    add(
        file, "welcome", tr("&Welcome"), {}, [this] { show_welcome(); }, "compass");
    add(
        file, "open", tr("&Open…"), QKeySequence::Open, [this] { ask_open(); }, "folder-open");
    recent_ = file->addMenu(tr("Open &recent"));
    connect(recent_, &QMenu::aboutToShow, this, &MainWindow::fill_recent);
    add(
        file, "add_model", tr("&Add model files…"), QKeySequence(tr("Ctrl+I")), [this] { ask_add(); },
        "plus");
    add(
        file, "add_picture", tr("A &picture…"), QKeySequence(tr("Ctrl+Shift+O")), [this] { ask_picture(); },
        "image");
    add(
        file, "add_piece", tr("Add a p&iece…"), QKeySequence(tr("Ctrl+Shift+I")), [this] { ask_add_piece(); },
        "plate");
    file->addSeparator();
    add(
        file, "save", tr("&Save"), QKeySequence::Save, [this] { save(); }, "save");
    add(file, "save_as", tr("Save &as…"), QKeySequence::SaveAs, [this] { ask_save_as(); });
    file->addSeparator();
    add(
        file, "export_3mf", tr("&Export one body per filament (3MF)…"), QKeySequence(tr("Ctrl+E")),
        [this] { ask_export(false); }, "upload");
    add(file, "export_stl", tr("Export one body per filament (S&TL)…"), {}, [this] { ask_export(true); });
    add(file, "export_parts", tr("Export the parts &whole (3MF)…"), {},
        [this] { ask_export(false, ExportBy::part); })
        ->setToolTip(tr("Each part in one body under its name, to be swapped by layers: a relief as one "
                        "body, a panel with its white below and above"));
    add(file, "export_bands", tr("Export one body per &band of a relief (3MF)…"), {},
        [this] { ask_export(false, ExportBy::band); });
    add_picture_actions(file);
    file->addSeparator();
    add(file, "close_window", tr("&Close the window"), QKeySequence::Close, [this] { close(); });
    add(file, "quit", tr("&Quit"), QKeySequence::Quit, [] { QApplication::closeAllWindows(); });
}

void MainWindow::make_edit_menu() {
    QMenu* edit = menuBar()->addMenu(tr("&Edit"));
    // Three histories: that of the shelf counts while the shelf has the focus, that of the logbook on its
    // bench.
    share_histories();
    undo_->setActiveStack(document_->undo_stack());
    connect(qApp, &QApplication::focusChanged, this, [this](QWidget*, QWidget* now) {
        if (now && window()->isAncestorOf(now))
            undo_->setActiveStack(palette_ && palette_->isVisible() &&
                                          palette_->shelf_view()->parentWidget()->isAncestorOf(now)
                                      ? shelf_->undo_stack()
                                  : logbook_ && logbook_->isVisible() ? logbook_store_->undo_stack()
                                                                      : document_->undo_stack());
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
    add(
        edit, "edit_machine", tr("The &machine…"), {}, [this] { edit_machine(); }, "wrench");
    add(
        edit, "keep", tr("&Keep as a variant"), QKeySequence(tr("Ctrl+K")),
        [this] { variants_bench()->keep(); }, "variants");
    add(
        edit, "log_print_now", tr("&Log this print…"), QKeySequence(tr("Ctrl+L")), [this] { log_print(); },
        "logbook");
    add(
        edit, "pin_plan", tr("&Pin this plan"), QKeySequence(tr("Ctrl+Shift+P")),
        [this] { document_->pin(); }, "pin");
}

void MainWindow::make_view_menu() {
    QMenu* view = menuBar()->addMenu(tr("&View"));
    const QString names[] = {tr("Pi&cture"), tr("&Piece"), tr("Pa&lette"),  tr("&Supports"),  tr("Pl&ate"),
                             tr("&Changes"), tr("P&urge"), tr("&Variants"), tr("&Run sheet"), tr("&Logbook")};
    for (int b = 0; b < static_cast<int>(std::size(names)); ++b)
        add(view, ("bench_" + std::to_string(b + 1)).c_str(), names[b],
            QKeySequence(Qt::ALT | (b == 9 ? Qt::Key_0 : Qt::Key(Qt::Key_1 + b))),
            [this, b] { choose_bench(static_cast<Bench>(b)); });
    view->addSeparator();
    if (piece_->view3d()) {
        QAction* held = add(
            view, "show_support", tr("Sho&w support"), QKeySequence(tr("Ctrl+Shift+H")),
            [this] {
                piece_->view3d()->show_support(piece_->view3d()->shown_support() == View3d::Held::support
                                                   ? View3d::Held::nothing
                                                   : View3d::Held::support);
            },
            "supports");
        held->setCheckable(true);
        held->setChecked(true);
        piece_->view3d()->show_support(View3d::Held::support);
        add(view, "fit", tr("&Fit the piece"), QKeySequence(tr("Ctrl+0")),
            [this] { piece_->view3d()->fit(); });
    }
    QMenu* themes = view->addMenu(tr("&Theme"));
    auto* group = new QActionGroup(this);
    const struct {
        const char* id;
        QString name;
        ThemeChoice choice;
    } choices[] = {{"desktop", tr("As the &desktop"), ThemeChoice::desktop},
                   {"dark", tr("Dark &lead"), ThemeChoice::dark},
                   {"light", tr("Light &paper"), ThemeChoice::light}};
    const QString now = QSettings().value(QStringLiteral("theme"), QStringLiteral("desktop")).toString();
    for (const auto& c : choices) {
        QAction* a = add(themes, (std::string("theme_") + c.id).c_str(), c.name, {},
                         [id = QString::fromLatin1(c.id), choice = c.choice] {
                             QSettings().setValue(QStringLiteral("theme"), id);
                             apply_theme(*qApp, choice);
                         });
        a->setCheckable(true);
        a->setChecked(now == QLatin1String(c.id));
        group->addAction(a);
    }

    themes->addSeparator();
    QAction* contrast = add(themes, "contrast", tr("More &contrast"), {}, [this] {
        QSettings().setValue(QStringLiteral("contrast"),
                             findChild<QAction*>(QStringLiteral("contrast"))->isChecked()
                                 ? QStringLiteral("more")
                                 : QStringLiteral("usual"));
        apply_theme(*qApp, theme_choice());
    });
    contrast->setCheckable(true);
    const QString asked = QSettings().value(QStringLiteral("contrast")).toString();
    contrast->setChecked(asked.isEmpty() ? DesktopWishes::instance().contrast()
                                         : asked == QLatin1String("more"));

    // Each in its own words, so that whoever has ended up in a foreign one finds back.
    QMenu* tongues = view->addMenu(tr("Lan&guage"));
    auto* one = new QActionGroup(this);
    const QString wanted = QSettings().value(QStringLiteral("language")).toString();
    const auto offer = [&](const QString& code, const QString& name) {
        QAction* a = add(
            tongues, ("language_" + (code.isEmpty() ? std::string("desktop") : code.toStdString())).c_str(),
            name, {}, [code] { speak(code); });
        a->setCheckable(true);
        a->setChecked(wanted == code);
        one->addAction(a);
    };
    offer({}, tr("As the &desktop"));
    for (const QString& code : languages())
        offer(code, language_name(code));
}

void MainWindow::make_help_menu() {
    QMenu* help = menuBar()->addMenu(tr("&Help"));
    add(
        help, "guide", tr("&Guide"), QKeySequence(tr("Ctrl+F1")), [this] { show_guide(); }, "library");
    add(help, "what_is_this", tr("&What is this?"), QKeySequence(Qt::Key_F1), [] { explain_focus(); });
    add(help, "ask_by_pointing", tr("&Point at something…"), QKeySequence(QKeySequence::WhatsThis),
        [] { QWhatsThis::enterWhatsThisMode(); });
    add(help, "keys", tr("&Keys"), {},
        [this] { GuideWindow::shown_by(this)->show_page(QStringLiteral("keys.html")); });
    help->addSeparator();
    add(
        help, "tour", tr("&First tour"), {}, [this] { begin_tour(); }, "compass");
    add(help, "about", tr("&About Vitrail"), {}, [this] {
        QMessageBox::about(this, tr("About Vitrail"),
                           tr("Vitrail %1 plans multicolour prints.\n\nIt is free software under the GNU "
                              "General Public License, version 3 or later, "
                              "and comes without any warranty. Its estimates are no promise: follow your "
                              "printer's manual, local codes and the advice of "
                              "licensed practice where they apply.\n\nFont: Inter (SIL Open Font License). "
                              "Icons: Lucide (ISC).")
                               .arg(QApplication::applicationVersion()));
    });
}

} // namespace vitrail
