#include "app/logbook/logbook_bench.h"

#include "app/document/logbook_store.h"
#include "app/document/shelf_store.h"
#include "app/logbook/over_time_page.h"
#include "app/logbook/teach_page.h"
#include "app/logbook/totals_page.h"
#include "app/parts/pages.h"

namespace vitrail {

LogbookBench::LogbookBench(Document* document, ShelfStore* shelf, LogbookStore* store,
                           PrintsPage::LastRun run, QWidget* parent)
    : QWidget(parent), shelf_(shelf), store_(store),
      pages_(new BenchPages(QStringLiteral("logbook_pages"), this)),
      prints_(new PrintsPage(document, shelf, store, std::move(run))),
      teach_(new TeachPage(document, store)) {
    pages_->addTab(prints_, tr("Prints"));
    pages_->addTab(teach_, tr("What they teach"));
    pages_->addTab(new OverTimePage(document, store), tr("Over time"));
    pages_->addTab(new TotalsPage(document, store), tr("Totals"));
    connect(teach_, &TeachPage::said, this, &LogbookBench::said);
    connect(prints_, &PrintsPage::said, this, &LogbookBench::said);
}

void LogbookBench::show_page(Page page) {
    pages_->setCurrentIndex(page);
}

void LogbookBench::showEvent(QShowEvent*) {
    shelf_->open();
    store_->open();
}

} // namespace vitrail

#include "moc_logbook_bench.cpp"
