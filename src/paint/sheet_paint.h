// The run sheet on paper: the same pages on the screen, in the PDF and from the printer.
#pragma once

#include "core/run_sheet/run_sheet.h"

#include <QRectF>
#include <QSizeF>
#include <functional>
#include <vector>

class QPainter;
class QPagedPaintDevice;
class QString;

namespace vitrail {

/// Lays the sheet out on pages of `page` points (1/72 inch), margins included.
class SheetPages {
public:
    explicit SheetPages(RunSheet sheet, QSizeF page = {595, 842});

    int count() const { return static_cast<int>(pages_.size()); }
    QSizeF page_size() const { return page_; }

    /// Paints one page (from 0) with the painter's unit as one point and its origin at the page's corner.
    void paint(QPainter& p, int page) const;

    /// All pages, to a PDF writer or printer.
    void print(QPagedPaintDevice& device) const;

private:
    struct Block {
        double height;
        std::function<void(QPainter&, double y)> paint;
        bool keep_with_next = false;
    };
    void build();
    void add(double height, std::function<void(QPainter&, double)> paint, bool keep_with_next = false);
    void heading(const QString& text);
    void paragraph(const QString& text, const QString& marker = {}, bool warning = false);
    void paint_pictures(QPainter& p, QRectF r) const;
    void paginate();

    RunSheet sheet_;
    QSizeF page_;
    std::vector<Block> blocks_;
    std::vector<std::vector<std::pair<std::size_t, double>>> pages_; ///< block and its y
};

/// Writes the sheet as PDF, whole or not at all.
Status write_sheet_pdf(const RunSheet& sheet, const std::string& path);

} // namespace vitrail
