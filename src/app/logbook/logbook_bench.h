// What was printed, how it came out, and what that teaches.
#pragma once

#include "app/logbook/prints_page.h"

#include <QWidget>

namespace vitrail {

class BenchPages;
class TeachPage;

class LogbookBench : public QWidget {
    Q_OBJECT
public:
    enum Page { kPrints, kTeach, kOverTime, kTotals };
    LogbookBench(Document* document, ShelfStore* shelf, LogbookStore* store, PrintsPage::LastRun run,
                 QWidget* parent = nullptr);
    void show_page(Page page);
    PrintsPage* prints() { return prints_; }

Q_SIGNALS:
    void said(const QString& text);

protected:
    void showEvent(QShowEvent*) override;

private:
    ShelfStore* shelf_;
    LogbookStore* store_;
    BenchPages* pages_;
    PrintsPage* prints_;
    TeachPage* teach_;
};

} // namespace vitrail
