// Parts that benches are put together from: tables and splitters that look alike everywhere.
#pragma once

#include <QColor>
#include <QIcon>
#include <QString>
#include <QStringList>

#include <initializer_list>
#include <vector>

class QSplitter;
class QTableView;
class QTableWidget;
class QWidget;

namespace vitrail {

/// A column of a table: its heading, its width in ems (0: it takes what is left), and whether it holds
/// numbers.
struct TableColumn {
    QString heading;
    double ems = 0;
    bool numbers = false;
};

/// Rows to choose from, nothing to edit; numbers to the right, headings over their columns.
QTableWidget* make_table(const char* name, const QString& accessible,
                         const std::vector<TableColumn>& columns);
/// So many ems, or more where the heading needs it.
void set_column_width(QTableView* table, int column, double ems);
/// Fills a row of such a table; `tip` on every cell.
void set_row(QTableWidget* table, int row, const QStringList& cells, const QString& tip = {},
             bool bold = false);

/// A small square of a colour, outlined so that it shows on any ground.
QIcon colour_swatch(const QColor& colour);

/// Widgets beside or above each other, none of which can be closed.
/// Panels beside or below each other, `sizes` until the user drags them; how they were left is kept between
/// runs by `name`.
QSplitter* make_splitter(const char* name, Qt::Orientation orientation,
                         std::initializer_list<QWidget*> widgets, const QList<int>& sizes);

} // namespace vitrail
