#include "app/parts/pages.h"

#include "app/theme/theme.h"

#include <QTabBar>
#include <QVBoxLayout>

namespace vitrail {

BenchPages::BenchPages(const QString& name, QWidget* bench) {
    setObjectName(name);
    setDocumentMode(true);
    tabBar()->setDrawBase(false);
    auto* column = new QVBoxLayout(bench);
    column->setContentsMargins(em(0.8), em(0.3), em(0.8), em(0.6));
    column->addWidget(this);
}

} // namespace vitrail
