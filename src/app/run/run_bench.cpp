#include "app/run/run_bench.h"

#include "app/parts/pages.h"
#include "app/ribbon/ribbon.h"
#include "app/run/file_page.h"
#include "app/run/rescue_page.h"
#include "app/run/sheet_page.h"
#include "app/run/when_page.h"

namespace vitrail {

RunBench::RunBench(Document* document, ViewState* view, RunStore* store, Ribbon* ribbon, QWidget* parent)
    : QWidget(parent), pages_(new BenchPages(QStringLiteral("run_pages"), this)), when_(new WhenPage(document, store)), file_(new FilePage(document, view)), rescue_(new RescuePage(document, view, store)), sheet_(new SheetPage(document)), ribbon_(ribbon) {
    pages_->addTab(when_, tr("When to come"));
    pages_->addTab(file_, tr("The toolpath file"));
    pages_->addTab(rescue_, tr("Something went wrong"));
    pages_->addTab(sheet_, tr("Run sheet"));
    connect(when_, &WhenPage::said, this, &RunBench::said);
    connect(file_, &FilePage::said, this, &RunBench::said);
    connect(sheet_, &SheetPage::said, this, &RunBench::said);
    connect(when_, &WhenPage::clock_changed, this, &RunBench::lend_ribbon);
    connect(rescue_, &RescuePage::said, this, &RunBench::said);
    connect(file_, &FilePage::strip_changed, this, [this] { rescue_->set_printed(file_->path()); });
    connect(file_, &FilePage::strip_changed, this, &RunBench::lend_ribbon);
    connect(pages_, &QTabWidget::currentChanged, this, &RunBench::lend_ribbon);
}

void RunBench::show_page(Page page) {
    pages_->setCurrentIndex(page);
}

/// The ribbon is a clock on the first page, and shows the file beside the plan on the second.
void RunBench::lend_ribbon() {
    const int page = isVisible() ? pages_->currentIndex() : -1;
    ribbon_->set_clock(page == kWhen || page == kSheet ? when_->clock() : std::nullopt);
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
