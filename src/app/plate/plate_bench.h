// The Plate bench: where everything stands, how many at once, and orders cut into plates.
#pragma once

#include "core/machine/machine.h"

#include <QWidget>

namespace vitrail {

class BedPage;
class BenchPages;
class CopiesPage;
class Document;
class OrderListPage;
class PlateView;
class ViewState;

class PlateBench : public QWidget {
    Q_OBJECT
public:
    PlateBench(Document* document, ViewState* view, QWidget* parent = nullptr);
    PlateView* plate();
    CopiesPage* copies() { return copies_; }
    OrderListPage* order() { return order_; }
    enum Page { kBed, kCopies, kOrder };
    void show_page(Page page);
    void set_owned_machines(std::vector<Machine> owned);

Q_SIGNALS:
    void wants_piece(); ///< the user wants to add one
    void said(const QString& message);

private:
    BenchPages* pages_;
    BedPage* bed_;
    CopiesPage* copies_;
    OrderListPage* order_;
};

} // namespace vitrail
