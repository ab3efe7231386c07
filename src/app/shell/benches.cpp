// Benches are made when somebody first asks for them: by the rail, a key, or a message that leads there.
#include "app/changes/changes_bench.h"
#include "app/document/document.h"
#include "app/document/logbook_store.h"
#include "app/document/shelf_store.h"
#include "app/document/view_state.h"
#include "app/guide/explain.h"
#include "app/guide/guide_window.h"
#include "app/layer_window/layer_window.h"
#include "app/logbook/logbook_bench.h"
#include "app/machine/machine_store.h"
#include "app/palette/palette_bench.h"
#include "app/parts/pages.h"
#include "app/picture/picture_bench.h"
#include "app/piece/piece_bench.h"
#include "app/plate/plate_bench.h"
#include "app/plate_view/plate_view.h"
#include "app/purge/purge_bench.h"
#include "app/ribbon/ribbon.h"
#include "app/run/run_bench.h"
#include "app/shell/bench_rail.h"
#include "app/shell/main_window.h"
#include "app/shell/message_bar.h"
#include "app/shell/tally.h"
#include "app/shell/tour.h"
#include "app/shell/welcome.h"
#include "app/supports/supports_bench.h"
#include "app/variants/variants_bench.h"

#include <QAction>
#include <QFileInfo>
#include <QSettings>

namespace vitrail {

namespace {

struct BenchFacts {
    const char *picture, *name, *page, *says;
};
constexpr BenchFacts kBenches[] = {
    {"image", QT_TRANSLATE_NOOP("vitrail::MainWindow", "Picture"), "picture.html",
     QT_TRANSLATE_NOOP("vitrail::MainWindow", "Turns a picture into layers of colour: a relief to be seen by "
                                              "day, or a panel to be lit from behind.")},
    {"box", QT_TRANSLATE_NOOP("vitrail::MainWindow", "Piece"), "piece.html",
     QT_TRANSLATE_NOOP("vitrail::MainWindow", "The piece itself: which of its regions gets which filament, "
                                              "how it lies, and what would spoil the print.")},
    {"library", QT_TRANSLATE_NOOP("vitrail::MainWindow", "Palette"), "palette.html",
     QT_TRANSLATE_NOOP(
         "vitrail::MainWindow",
         "Your spools, which of them may be printed together, and how much of each this print takes.")},
    {"supports", QT_TRANSLATE_NOOP("vitrail::MainWindow", "Supports"), "supports.html",
     QT_TRANSLATE_NOOP(
         "vitrail::MainWindow",
         "What hangs in the air, what holds it, and what that costs to print and to take off.")},
    {"plate", QT_TRANSLATE_NOOP("vitrail::MainWindow", "Plate"), "plate.html",
     QT_TRANSLATE_NOOP(
         "vitrail::MainWindow",
         "The bed from above: where pieces stand, how many to print at once, and orders cut into plates.")},
    {"arrow-left-right", QT_TRANSLATE_NOOP("vitrail::MainWindow", "Changes"), "changes.html",
     QT_TRANSLATE_NOOP(
         "vitrail::MainWindow",
         "Every change of filament, what goes into which nozzle and slot, and how to need fewer.")},
    {"droplets", QT_TRANSLATE_NOOP("vitrail::MainWindow", "Purge"), "purge.html",
     QT_TRANSLATE_NOOP("vitrail::MainWindow", "How much is pushed out at each change, where it goes, and how "
                                              "to measure what your printer needs.")},
    {"variants", QT_TRANSLATE_NOOP("vitrail::MainWindow", "Variants"), "variants.html",
     QT_TRANSLATE_NOOP("vitrail::MainWindow", "Colourings side by side with what each costs, to choose from "
                                              "or to show to somebody who has a say.")},
    {"clipboard-list", QT_TRANSLATE_NOOP("vitrail::MainWindow", "Run"), "run.html",
     QT_TRANSLATE_NOOP("vitrail::MainWindow",
                       "The print at the printer: when to come, the sheet to take along, the file to check, "
                       "and help when something went wrong.")},
    {"logbook", QT_TRANSLATE_NOOP("vitrail::MainWindow", "Logbook"), "logbook.html",
     QT_TRANSLATE_NOOP("vitrail::MainWindow",
                       "What prints really took, so that the next estimate is better.")},
};

} // namespace

void MainWindow::fill_rail() {
    for (const BenchFacts& b : kBenches)
        rail_->add(QLatin1String(b.picture), tr(b.name), tr(b.says));
    set_guide_page(piece_, QLatin1String(kBenches[kPiece].page));
    const std::pair<QWidget*, QString> parts[] = {
        {ribbon_, tr("The whole print from its first layer, left, to its last. Arrow keys move the cursor "
                     "layer, with Ctrl by ten; Page Up and Page Down go to the change before and after; with "
                     "Shift a range is chosen.")},
        {tally_, tr("What the plan costs. Beside each figure is the difference to the plan that was pinned, "
                    "if one was.")},
        {rail_, tr("The benches, in the order of the work.")}};
    for (const auto& [part, says] : parts) {
        part->setWhatsThis(says);
        set_guide_page(part, QStringLiteral("index.html"));
    }
}

void MainWindow::show_guide() {
    const int at = benches_->currentIndex();
    GuideWindow::shown_by(this)->show_page(at >= 0 && at < static_cast<int>(std::size(kBenches))
                                               ? QLatin1String(kBenches[at].page)
                                               : QLatin1String("index.html"));
}

/// `make` returns a new one; from then on it stands in its place among the benches.
template <class T, class F>
T* MainWindow::made(T*& bench, Bench place, F make) {
    if (bench)
        return bench;
    bench = make();
    QWidget* empty = benches_->widget(place);
    benches_->insertWidget(place, bench);
    benches_->removeWidget(empty);
    delete empty;
    set_guide_page(bench, QLatin1String(kBenches[place].page));
    connect(bench, &T::said, this,
            [this](const QString& text) { text.isEmpty() ? messages_->hide() : messages_->say(text); });
    offer_pictures(bench);
    return bench;
}

void MainWindow::make_bench(Bench place) {
    switch (place) {
    case kPicture:
        picture_bench();
        break;
    case kPiece:
        break; // is there from the start
    case kPalette:
        palette_bench();
        break;
    case kSupports:
        supports_bench();
        break;
    case kPlate:
        plate_bench();
        break;
    case kChanges:
        changes_bench();
        break;
    case kPurge:
        purge_bench();
        break;
    case kVariants:
        variants_bench();
        break;
    case kRun:
        run_bench();
        break;
    case kLogbook:
        logbook_bench();
        break;
    }
}

PictureBench* MainWindow::picture_bench() {
    return made(picture_, kPicture, [this] {
        auto* b = new PictureBench(document_, view_, shelf_, ribbon_);
        connect(b, &PictureBench::wants_picture, this, &MainWindow::ask_picture);
        return b;
    });
}

PaletteBench* MainWindow::palette_bench() {
    return made(palette_, kPalette, [this] { return new PaletteBench(document_, shelf_); });
}

SupportsBench* MainWindow::supports_bench() {
    return made(supports_, kSupports, [this] { return new SupportsBench(document_, view_, shelf_); });
}

PlateBench* MainWindow::plate_bench() {
    return made(plate_, kPlate, [this] {
        auto* b = new PlateBench(document_, view_);
        b->set_owned_machines(owned_machines());
        connect(b, &PlateBench::wants_piece, this, &MainWindow::ask_add_piece);
        return b;
    });
}

ChangesBench* MainWindow::changes_bench() {
    return made(changes_, kChanges, [this] {
        auto* b = new ChangesBench(document_, view_, owned_machines);
        connect(b, &ChangesBench::wants_machine_editor, this, &MainWindow::edit_machine);
        return b;
    });
}

PurgeBench* MainWindow::purge_bench() {
    return made(purge_, kPurge, [this] { return new PurgeBench(document_, view_); });
}

VariantsBench* MainWindow::variants_bench() {
    return made(variants_, kVariants, [this] { return new VariantsBench(document_); });
}

RunBench* MainWindow::run_bench() {
    return made(run_, kRun, [this] {
        auto* b = new RunBench(document_, view_, runs_, logbook_store_, ribbon_);
        connect(b, &RunBench::wants_log, this, &MainWindow::log_print);
        return b;
    });
}

LogbookBench* MainWindow::logbook_bench() {
    return made(logbook_, kLogbook, [this] {
        return new LogbookBench(document_, shelf_, logbook_store_, [this] { return last_run(); });
    });
}

void MainWindow::show_welcome() {
    if (!welcome_) {
        welcome_ = new Welcome(document_);
        benches_->addWidget(welcome_);
        connect(welcome_, &Welcome::wants_model, this, &MainWindow::ask_add);
        connect(welcome_, &Welcome::wants_picture, this, &MainWindow::ask_picture);
        connect(welcome_, &Welcome::wants_project, this, &MainWindow::ask_open);
        connect(welcome_, &Welcome::wants_machine, this, &MainWindow::describe_printer);
        connect(welcome_, &Welcome::wants_tour, this, &MainWindow::begin_tour);
        connect(welcome_, &Welcome::wants_order, this, [this] {
            choose_bench(kPlate);
            plate_bench()->show_page(PlateBench::kOrder);
        });
        connect(welcome_, &Welcome::wants_demo, this,
                [this](const QString& path) { discard_then([this, path] { document_->open_copy(path); }); });
        connect(welcome_, &Welcome::wants_recent, this, [this](const QString& path) { open_files({path}); });
    }
    rail_->choose_none();
    welcome_->show_projects(QSettings().value(QStringLiteral("recent")).toStringList());
    benches_->setCurrentWidget(welcome_);
}

void MainWindow::begin_tour() {
    const QString badge = demo_folder() + QStringLiteral("/badge.vitrail");
    if (!QFileInfo::exists(badge))
        return messages_->say(tr("The tour needs the demo's badge, which is not installed."));
    discard_then([this, badge] {
        document_->open_copy(badge);
        tour_->begin();
    });
}

/// Does what belongs to a step of the tour.
void MainWindow::show_step(int step) {
    switch (step) {
    case TourBar::kPiece:
        choose_bench(kPiece);
        break;
    case TourBar::kLetters:
        choose_bench(kPiece);
        view_->select({1});
        break;
    case TourBar::kRibbon:
        choose_bench(kPiece);
        if (const auto plan = document_->plan(); plan && !plan->changes.empty())
            view_->set_layer(plan->changes.front().layer);
        break;
    case TourBar::kChanges:
        choose_bench(kChanges);
        changes_bench()->show_page(ChangesBench::kOrder);
        break;
    case TourBar::kPurge:
        choose_bench(kPurge);
        purge_bench()->show_page(PurgeBench::kStrips);
        break;
    case TourBar::kSheet:
        choose_bench(kRun);
        run_bench()->show_page(RunBench::kSheet);
        break;
    default:
        break;
    }
}

void MainWindow::show_run() {
    choose_bench(kRun);
    run_bench()->show_page(RunBench::kWhen);
}

void MainWindow::log_print() {
    choose_bench(kLogbook);
    logbook_bench()->show_page(LogbookBench::kPrints);
    logbook_bench()->prints()->log_print();
}

} // namespace vitrail
