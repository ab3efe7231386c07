// Run sheet: the pages as they will be printed, and the ways out: paper, PDF, HTML, CSV.
#pragma once

#include "core/run_sheet/run_sheet.h"

#include <QWidget>

#include <memory>
#include <stop_token>
#include <string>

class QLabel;
class QPushButton;
class QScrollArea;

namespace vitrail {

class Document;
class LogbookStore;
class SheetPages;

/// Paints all pages one below the other.
class PagesView : public QWidget {
    Q_OBJECT
public:
    using QWidget::QWidget;
    void show_pages(std::shared_ptr<const SheetPages> pages);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    std::shared_ptr<const SheetPages> pages_;
};

class SheetPage : public QWidget {
    Q_OBJECT
public:
    SheetPage(Document* document, LogbookStore* logbook, QWidget* parent = nullptr);

    /// Writes the sheet; the ending of the path decides: .pdf, .html or .csv. Says how it went.
    void export_to(const QString& path);

Q_SIGNALS:
    void said(const QString& message);

protected:
    void showEvent(QShowEvent*) override;

private:
    void refresh();
    RunSheet sheet() const;
    void show_sheet();
    void ask(const QString& filter, const QString& ending);
    void print();

    Document* document_;
    LogbookStore* logbook_;
    PagesView* view_;
    QScrollArea* scroll_;
    QLabel *summary_, *empty_;
    QList<QPushButton*> buttons_;
    void draw_picture();

    std::shared_ptr<const SheetPages> pages_;
    std::string picture_; ///< PNG of the piece, drawn beside the window's thread
    std::stop_source drawing_;
    bool stale_ = true;
};

} // namespace vitrail
