// Supports: which material should touch the piece, what is held, and whether it is worth it.
#pragma once

#include <QWidget>

namespace vitrail {

class BenchPages;
class Document;
class HeldPage;
class SchoolsPage;
class ShelfStore;
class ViewState;

class SupportsBench : public QWidget {
    Q_OBJECT
public:
    enum Page { kSchools, kHeld, kInterface, kLess };
    SupportsBench(Document* document, ViewState* view, ShelfStore* shelf, QWidget* parent = nullptr);
    void show_page(Page page);
    SchoolsPage* schools_page() { return schools_; }
    HeldPage* held_page() { return held_; }

Q_SIGNALS:
    void said(const QString& text);

private:
    BenchPages* pages_;
    SchoolsPage* schools_;
    HeldPage* held_;
};

} // namespace vitrail
