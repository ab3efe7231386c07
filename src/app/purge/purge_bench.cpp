#include "app/purge/purge_bench.h"

#include "app/purge/calibration_page.h"
#include "app/purge/strips_page.h"
#include "app/purge/where_page.h"
#include "app/theme/theme.h"

#include <QTabBar>
#include <QTabWidget>
#include <QVBoxLayout>

namespace vitrail {

PurgeBench::PurgeBench(Document* document, ViewState* view, QWidget* parent)
    : QWidget(parent), pages_(new QTabWidget), strips_(new StripsPage(document, view)), calibration_(new CalibrationPage(document)) {
    pages_->setObjectName(QStringLiteral("purge_pages"));
    pages_->setDocumentMode(true);
    pages_->tabBar()->setDrawBase(false);
    pages_->addTab(strips_, tr("Strips"));
    pages_->addTab(new WherePage(document, view), tr("Where it goes"));
    pages_->addTab(calibration_, tr("Calibration"));
    connect(strips_, &StripsPage::said, this, &PurgeBench::said);
    connect(calibration_, &CalibrationPage::said, this, &PurgeBench::said);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(em(0.8), em(0.3), em(0.8), em(0.6));
    column->addWidget(pages_);
}

void PurgeBench::show_page(Page page) {
    pages_->setCurrentIndex(page);
}

} // namespace vitrail
