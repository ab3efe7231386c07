#include "app/run/run_bench.h"

#include "app/parts/pages.h"
#include "app/ribbon/ribbon.h"
#include "app/run/file_page.h"
#include "app/run/printer_page.h"
#include "app/run/rehearse_page.h"
#include "app/run/rescue_page.h"
#include "app/run/sheet_page.h"
#include "app/run/when_page.h"

namespace vitrail {

RunBench::RunBench(Document* document, ViewState* view, RunStore* store, LogbookStore* logbook,
                   Ribbon* ribbon, QWidget* parent)
    : QWidget(parent), pages_(new BenchPages(QStringLiteral("run_pages"), this)),
      when_(new WhenPage(document, store, logbook)), file_(new FilePage(document, view)),
      rehearse_(new RehearsePage(document, view, [this] { return when_->start(); })),
      printer_(new PrinterPage(document, view, store, [this] { return when_->begin_run(); })),
      rescue_(new RescuePage(document, view, store)), sheet_(new SheetPage(document, logbook)),
      ribbon_(ribbon) {
    pages_->addTab(when_, tr("When to come"));
    pages_->addTab(file_, tr("The toolpath file"));
    pages_->addTab(rehearse_, tr("Rehearsal"));
    pages_->addTab(printer_, tr("The printer"));
    pages_->addTab(rescue_, tr("Something went wrong"));
    pages_->addTab(sheet_, tr("Run sheet"));
    connect(when_, &WhenPage::wants_log, this, &RunBench::wants_log);
    connect(when_, &WhenPage::said, this, &RunBench::said);
    connect(file_, &FilePage::said, this, &RunBench::said);
    connect(sheet_, &SheetPage::said, this, &RunBench::said);
    connect(when_, &WhenPage::clock_changed, this, &RunBench::lend_ribbon);
    connect(rescue_, &RescuePage::said, this, &RunBench::said);
    connect(rehearse_, &RehearsePage::said, this, &RunBench::said);
    connect(rehearse_, &RehearsePage::moved, this, [this] {
        if (isVisible() && pages_->currentIndex() == kRehearse)
            lend_ribbon();
    });
    connect(printer_, &PrinterPage::said, this, &RunBench::said);
    connect(file_, &FilePage::strip_changed, this, [this] {
        rescue_->set_printed(file_->path());
        rehearse_->set_file(file_->path());
        printer_->set_file(file_->path(), file_->file());
    });
    connect(file_, &FilePage::strip_changed, this, &RunBench::lend_ribbon);
    connect(pages_, &QTabWidget::currentChanged, this, &RunBench::lend_ribbon);
}

void RunBench::show_page(Page page) {
    pages_->setCurrentIndex(page);
}

/// The ribbon is a clock on the pages of the run, in a rehearsal that of the rehearsal, and shows the file
/// beside the plan on the second.
void RunBench::lend_ribbon() {
    const int page = isVisible() ? pages_->currentIndex() : -1;
    std::optional<RibbonClock> clock =
        page == kWhen || page == kRehearse || page == kPrinter || page == kSheet ? when_->clock()
                                                                                 : std::nullopt;
    if (clock && page == kRehearse) {
        clock->now = rehearse_->layers_now();
        clock->now_text = tr("rehearsed %1").arg(rehearse_->time_now());
    }
    ribbon_->set_clock(clock);
    ribbon_->set_file(page == kFile ? file_->strip() : RibbonFile{});
}

void RunBench::showEvent(QShowEvent*) {
    lend_ribbon();
}

void RunBench::hideEvent(QHideEvent*) {
    ribbon_->set_clock({});
    ribbon_->set_file({});
}

} // namespace vitrail

#include "moc_run_bench.cpp"
