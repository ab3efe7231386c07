// At the printer: when to come, what the toolpath file says, the run sheet.
#pragma once

#include <QWidget>

namespace vitrail {

class BenchPages;
class Document;
class FilePage;
class Ribbon;
class RescuePage;
class RunStore;
class SheetPage;
class ViewState;
class WhenPage;

class RunBench : public QWidget {
    Q_OBJECT
public:
    enum Page { kWhen, kFile, kRescue, kSheet };
    RunBench(Document* document, ViewState* view, RunStore* store, Ribbon* ribbon, QWidget* parent = nullptr);
    void show_page(Page page);
    WhenPage* when() { return when_; }
    FilePage* file() { return file_; }
    RescuePage* rescue() { return rescue_; }
    SheetPage* sheet() { return sheet_; }

Q_SIGNALS:
    void said(const QString& text);

protected:
    void showEvent(QShowEvent*) override;
    void hideEvent(QHideEvent*) override;

private:
    void lend_ribbon();

    BenchPages* pages_;
    WhenPage* when_;
    FilePage* file_;
    RescuePage* rescue_;
    SheetPage* sheet_;
    Ribbon* ribbon_;
};

} // namespace vitrail
