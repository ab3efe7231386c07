#include "app/changes/changes_bench.h"

#include "app/changes/by_hand_page.h"
#include "app/changes/nozzles_page.h"
#include "app/changes/order_page.h"
#include "app/parts/pages.h"
#include "app/parts/suggestions_page.h"

namespace vitrail {

ChangesBench::ChangesBench(Document* document, ViewState* view, std::function<std::vector<Machine>()> owned,
                           QWidget* parent)
    : QWidget(parent), pages_(new BenchPages(QStringLiteral("changes_pages"), this)),
      nozzles_(new NozzlesPage(document, view)) {
    pages_->addTab(new OrderPage(document, view), tr("Changes and order"));
    pages_->addTab(nozzles_, tr("Nozzles and slots"));
    auto* by_hand = new ByHandPage(document);
    connect(by_hand, &ByHandPage::said, this, &ChangesBench::said);
    pages_->addTab(by_hand, tr("By hand"));
    pages_->addTab(new SuggestionsPage(
                       document,
                       {tr("What would save changes"),
                        tr("Each has been planned: the figures are exact. Sorted by what it saves for what "
                           "it gives up."),
                        tr("Nothing here would save changes, purge or time."),
                        tr("Once there is a plan, what could be given up for fewer changes stands here.")},
                       [owned = std::move(owned)](const Project& project, const Plan& plan, bool poses,
                                                  const Progress& progress) {
                           return suggest(project, plan, owned ? owned() : std::vector<Machine>{}, poses,
                                          progress);
                       }),
                   tr("Fewer changes"));
    connect(nozzles_, &NozzlesPage::wants_machine_editor, this, &ChangesBench::wants_machine_editor);
}

void ChangesBench::show_page(Page page) {
    pages_->setCurrentIndex(page);
}

} // namespace vitrail

#include "moc_changes_bench.cpp"
