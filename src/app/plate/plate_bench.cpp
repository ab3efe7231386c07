#include "app/plate/plate_bench.h"

#include "app/parts/pages.h"
#include "app/plate/bed_page.h"
#include "app/plate/copies_page.h"
#include "app/plate/order_list_page.h"

namespace vitrail {

PlateBench::PlateBench(Document* document, ViewState* view, QWidget* parent)
    : QWidget(parent), pages_(new BenchPages(QStringLiteral("plate_pages"), this)),
      bed_(new BedPage(document, view)), copies_(new CopiesPage(document)),
      order_(new OrderListPage(document)) {
    pages_->addTab(bed_, tr("The bed"));
    pages_->addTab(copies_, tr("How many at once"));
    pages_->addTab(order_, tr("Order"));
    connect(bed_, &BedPage::wants_piece, this, &PlateBench::wants_piece);
    connect(order_, &OrderListPage::said, this, &PlateBench::said);
}

PlateView* PlateBench::plate() {
    return bed_->plate();
}

void PlateBench::show_page(Page page) {
    pages_->setCurrentIndex(page);
}

void PlateBench::set_owned_machines(std::vector<Machine> owned) {
    order_->set_owned_machines(std::move(owned));
}

} // namespace vitrail

#include "moc_plate_bench.cpp"
