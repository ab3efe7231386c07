#include "app/parts/tables.h"

#include "app/theme/theme.h"

#include <QHeaderView>
#include <QPainter>
#include <QSettings>
#include <QSplitter>
#include <QTableWidget>

#include <algorithm>

namespace vitrail {

namespace {

Qt::Alignment alignment(bool numbers) {
    return (numbers ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter;
}

} // namespace

QTableWidget* make_table(const char* name, const QString& accessible,
                         const std::vector<TableColumn>& columns) {
    auto* table = new QTableWidget(0, static_cast<int>(columns.size()));
    table->setObjectName(QString::fromLatin1(name));
    table->setAccessibleName(accessible);
    table->setSelectionBehavior(QAbstractItemView::SelectRows);
    table->setSelectionMode(QAbstractItemView::SingleSelection);
    table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    table->setShowGrid(false);
    table->setTabKeyNavigation(false);
    table->verticalHeader()->hide();
    table->verticalHeader()->setDefaultSectionSize(em(1.9));
    table->horizontalHeader()->setHighlightSections(false);
    table->horizontalHeader()->setSectionResizeMode(QHeaderView::Fixed);
    for (std::size_t c = 0; c < columns.size(); ++c) {
        auto* heading = new QTableWidgetItem(columns[c].heading);
        heading->setTextAlignment(alignment(columns[c].numbers));
        table->setHorizontalHeaderItem(static_cast<int>(c), heading);
        if (columns[c].ems > 0)
            set_column_width(table, static_cast<int>(c), columns[c].ems);
        else
            table->horizontalHeader()->setSectionResizeMode(static_cast<int>(c), QHeaderView::Stretch);
    }
    return table;
}

void set_column_width(QTableView* table, int column, double ems) {
    const QString heading = table->model()->headerData(column, Qt::Horizontal).toString();
    table->setColumnWidth(column,
                          std::max(em(ems), QFontMetrics(font_of(1)).horizontalAdvance(heading) + em(0.8)));
}

void set_row(QTableWidget* table, int row, const QStringList& cells, const QString& tip, bool bold) {
    for (int c = 0; c < cells.size(); ++c) {
        auto* item = new QTableWidgetItem(cells[c]);
        item->setTextAlignment(Qt::Alignment(table->horizontalHeaderItem(c)->textAlignment()));
        item->setToolTip(tip);
        if (bold)
            item->setFont(font_of(1, true));
        table->setItem(row, c, item);
    }
}

QIcon colour_swatch(const QColor& colour) {
    QPixmap swatch(em(1.2), em(1.2));
    swatch.fill(Theme::current().ink);
    QPainter p(&swatch);
    p.fillRect(swatch.rect().adjusted(1, 1, -1, -1), colour);
    return swatch;
}

QSplitter* make_splitter(const char* name, Qt::Orientation orientation,
                         std::initializer_list<QWidget*> widgets, const QList<int>& sizes) {
    auto* s = new QSplitter(orientation);
    for (QWidget* w : widgets)
        s->addWidget(w);
    s->setSizes(sizes);
    for (int i = 0; i < sizes.size(); ++i)
        s->setStretchFactor(i, sizes[i]);
    s->setChildrenCollapsible(false);
    s->setHandleWidth(em(0.6));
    const QString key = QStringLiteral("panels/") + QString::fromLatin1(name);
    s->restoreState(QSettings().value(key).toByteArray());
    QObject::connect(s, &QSplitter::splitterMoved, s,
                     [s, key] { QSettings().setValue(key, s->saveState()); });
    return s;
}

} // namespace vitrail
