#include "app/supports/supports_bench.h"

#include "app/parts/pages.h"
#include "app/parts/suggestions_page.h"
#include "app/supports/held_page.h"
#include "app/supports/interface_page.h"
#include "app/supports/schools_page.h"
#include "core/study/fewer_supports.h"

namespace vitrail {

SupportsBench::SupportsBench(Document* document, ViewState* view, ShelfStore* shelf, QWidget* parent)
    : QWidget(parent), pages_(new BenchPages(QStringLiteral("supports_pages"), this)),
      schools_(new SchoolsPage(document, shelf)), held_(new HeldPage(document, view)) {
    pages_->addTab(schools_, tr("Schools"));
    pages_->addTab(held_, tr("What is held"));
    pages_->addTab(new InterfacePage(document), tr("Interface"));
    pages_->addTab(new SuggestionsPage(
                       document,
                       {tr("What would need less support"),
                        tr("Each has been planned: the figures are exact. Interfaces at other heights, fewer "
                           "of them, other supports, a cut, other poses."),
                        tr("Nothing here would save support, changes or time."),
                        tr("Choose a school or switch support on, then what could be saved stands here.")},
                       [](const Project& project, const Plan& plan, bool poses, const Progress& progress) {
                           return fewer_supports(project, plan, poses, progress);
                       }),
                   tr("Less of it"));
    connect(schools_, &SchoolsPage::said, this, &SupportsBench::said);
    connect(held_, &HeldPage::said, this, &SupportsBench::said);
}

void SupportsBench::show_page(Page page) {
    pages_->setCurrentIndex(page);
}

} // namespace vitrail

#include "moc_supports_bench.cpp"
