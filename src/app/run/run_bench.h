// At the printer: when to come, what the toolpath file says, a rehearsal, the printer on a line, the way out,
// the run sheet.
#pragma once

#include <QWidget>

namespace vitrail {

class BenchPages;
class Document;
class FilePage;
class LogbookStore;
class Ribbon;
class PrinterPage;
class RehearsePage;
class RescuePage;
class RunStore;
class SheetPage;
class ViewState;
class WhenPage;

class RunBench : public QWidget {
    Q_OBJECT
public:
    enum Page { kWhen, kFile, kRehearse, kPrinter, kRescue, kSheet };
    RunBench(Document* document, ViewState* view, RunStore* store, LogbookStore* logbook, Ribbon* ribbon,
             QWidget* parent = nullptr);
    void show_page(Page page);
    WhenPage* when() { return when_; }
    FilePage* file() { return file_; }
    RehearsePage* rehearsal() { return rehearse_; }
    PrinterPage* printer() { return printer_; }
    RescuePage* rescue() { return rescue_; }
    SheetPage* sheet() { return sheet_; }

Q_SIGNALS:
    void said(const QString& text);
    void wants_log();

protected:
    void showEvent(QShowEvent*) override;
    void hideEvent(QHideEvent*) override;

private:
    void lend_ribbon();

    BenchPages* pages_;
    WhenPage* when_;
    FilePage* file_;
    RehearsePage* rehearse_;
    PrinterPage* printer_;
    RescuePage* rescue_;
    SheetPage* sheet_;
    Ribbon* ribbon_;
};

} // namespace vitrail
