#include "app/purge/purge_bench.h"

#include "app/parts/pages.h"
#include "app/purge/calibration_page.h"
#include "app/purge/strips_page.h"
#include "app/purge/where_page.h"

namespace vitrail {

PurgeBench::PurgeBench(Document* document, ViewState* view, QWidget* parent)
    : QWidget(parent), pages_(new BenchPages(QStringLiteral("purge_pages"), this)),
      strips_(new StripsPage(document, view)), calibration_(new CalibrationPage(document)) {
    pages_->addTab(strips_, tr("Strips"));
    pages_->addTab(new WherePage(document, view), tr("Where it goes"));
    pages_->addTab(calibration_, tr("Calibration"));
    connect(strips_, &StripsPage::said, this, &PurgeBench::said);
    connect(calibration_, &CalibrationPage::said, this, &PurgeBench::said);
}

void PurgeBench::show_page(Page page) {
    pages_->setCurrentIndex(page);
}

} // namespace vitrail

#include "moc_purge_bench.cpp"
