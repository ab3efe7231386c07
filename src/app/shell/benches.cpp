// Benches are made when somebody first asks for them: by the rail, a key, or a message that leads there.
#include "app/changes/changes_bench.h"
#include "app/document/document.h"
#include "app/document/logbook_store.h"
#include "app/document/shelf_store.h"
#include "app/layer_window/layer_window.h"
#include "app/logbook/logbook_bench.h"
#include "app/machine/machine_store.h"
#include "app/palette/palette_bench.h"
#include "app/picture/picture_bench.h"
#include "app/plate/plate_bench.h"
#include "app/plate_view/plate_view.h"
#include "app/purge/purge_bench.h"
#include "app/run/run_bench.h"
#include "app/shell/main_window.h"
#include "app/shell/message_bar.h"
#include "app/supports/supports_bench.h"
#include "app/variants/variants_bench.h"

#include <QAction>
#include <QStackedWidget>

namespace vitrail {

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
    connect(bench, &T::said, this, [this](const QString& text) { text.isEmpty() ? messages_->hide() : messages_->say(text); });
    offer_pictures(bench);
    return bench;
}

void MainWindow::make_bench(Bench place) {
    switch (place) {
    case kPicture: picture_bench(); break;
    case kPiece: break; // is there from the start
    case kPalette: palette_bench(); break;
    case kSupports: supports_bench(); break;
    case kPlate: plate_bench(); break;
    case kChanges: changes_bench(); break;
    case kPurge: purge_bench(); break;
    case kVariants: variants_bench(); break;
    case kRun: run_bench(); break;
    case kLogbook: logbook_bench(); break;
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
    return made(logbook_, kLogbook, [this] { return new LogbookBench(document_, shelf_, logbook_store_, [this] { return last_run(); }); });
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
