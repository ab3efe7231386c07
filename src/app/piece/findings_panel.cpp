#include "app/piece/findings_panel.h"

#include "app/shell/document.h"
#include "app/shell/view_state.h"

#include <QApplication>
#include <QListView>
#include <QPainter>
#include <QPushButton>
#include <QStyledItemDelegate>

#include <algorithm>

namespace vitrail {

FindingsModel::FindingsModel(Document* document, QObject* parent) : QAbstractListModel(parent), document_(document) {
    connect(document, &Document::plan_changed, this, [this] {
        beginResetModel();
        endResetModel();
    });
}

int FindingsModel::rowCount(const QModelIndex& parent) const {
    const auto plan = document_->plan();
    return parent.isValid() || !plan ? 0 : static_cast<int>(plan->findings.size());
}

QVariant FindingsModel::data(const QModelIndex& index, int role) const {
    const auto plan = document_->plan();
    if (!plan || index.row() >= static_cast<int>(plan->findings.size()))
        return {};
    const Finding& f = plan->findings[index.row()];
    switch (role) {
    case Qt::DisplayRole: return QString::fromStdString(f.message);
    case Qt::ToolTipRole: return QString::fromStdString(f.code);
    case Qt::AccessibleTextRole: return QString::fromLatin1(to_string(f.severity)) + QStringLiteral(": ") + QString::fromStdString(f.message);
    case SeverityRole: return static_cast<int>(f.severity);
    case WhereRole: return QString::fromStdString(f.where);
    default: return {};
    }
}

namespace {

/// Severity as shape, word and colour; the sentence wraps; the place stands below.
class FindingDelegate : public QStyledItemDelegate {
public:
    using QStyledItemDelegate::QStyledItemDelegate;

    void paint(QPainter* p, const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        const Theme& t = Theme::current();
        QStyleOptionViewItem o = option;
        initStyleOption(&o, index);
        o.text.clear();
        o.widget->style()->drawControl(QStyle::CE_ItemViewItem, &o, p, o.widget);
        p->save();
        p->setRenderHint(QPainter::Antialiasing);
        const int severity = index.data(FindingsModel::SeverityRole).toInt();
        const QColor c = severity == 0 ? t.bad : severity == 1 ? t.warn : t.quiet;
        const double r = em(0.42);
        const QPointF at(o.rect.left() + em(0.8), o.rect.top() + em(0.95));
        p->setBrush(c);
        p->setPen(Qt::NoPen);
        if (severity == 0)
            p->drawPolygon(QPolygonF() << at + QPointF(0, -r) << at + QPointF(r, 0) << at + QPointF(0, r) << at + QPointF(-r, 0));
        else if (severity == 1)
            p->drawPolygon(QPolygonF() << at + QPointF(0, -r) << at + QPointF(r, r * 0.8) << at + QPointF(-r, r * 0.8));
        else
            p->drawEllipse(at, r * 0.6, r * 0.6);
        const QRect text = text_rect(o);
        p->setPen(t.ink);
        p->setFont(o.font);
        QRect used;
        p->drawText(text, Qt::TextWordWrap | Qt::AlignLeft | Qt::AlignTop, index.data().toString(), &used);
        p->setPen(c);
        p->setFont(font_of(0.92));
        const QString word = severity == 0 ? tr("stops the print") : severity == 1 ? tr("look at it") : tr("to know");
        p->drawText(QRect(text.left(), used.bottom() + 1, text.width(), em(1.3)), Qt::AlignLeft | Qt::AlignVCenter,
                    word + QStringLiteral(" · ") + index.data(FindingsModel::WhereRole).toString());
        p->restore();
    }

    QSize sizeHint(const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        const auto* view = qobject_cast<const QListView*>(option.widget);
        const int width = view ? view->viewport()->width() : em(20);
        const int text = width - em(1.7) - em(0.4);
        const QRect r = option.fontMetrics.boundingRect(QRect(0, 0, text, 10000), Qt::TextWordWrap, index.data().toString());
        return {width, r.height() + em(2.0)};
    }

private:
    static QString tr(const char* s) { return QCoreApplication::translate("FindingsPanel", s); }
    static QRect text_rect(const QStyleOptionViewItem& o) { return o.rect.adjusted(em(1.7), em(0.3), -em(0.4), 0); }
};

} // namespace

FindingsPanel::FindingsPanel(Document* document, ViewState* view, QWidget* parent)
    : Panel(tr("Findings"), parent), document_(document), view_(view), list_(new QListView), empty_(new QLabel),
      show_(new QPushButton(icon(QStringLiteral("eye")), tr("Show me"))), fix_(new QPushButton(icon(QStringLiteral("wrench")), tr("Fix"))) {
    list_->setObjectName(QStringLiteral("findings"));
    list_->setAccessibleName(tr("Findings"));
    list_->setModel(new FindingsModel(document, this));
    list_->setItemDelegate(new FindingDelegate(list_));
    list_->setResizeMode(QListView::Adjust);
    list_->setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    show_->setObjectName(QStringLiteral("show_me"));
    fix_->setObjectName(QStringLiteral("fix"));
    empty_->setObjectName(QStringLiteral("quiet"));
    empty_->setWordWrap(true);
    empty_->setAlignment(Qt::AlignLeft | Qt::AlignTop);
    body()->addWidget(list_, 1);
    body()->addWidget(empty_, 1);
    add_to_heading(show_);
    add_to_heading(fix_);
    connect(show_, &QPushButton::clicked, this, &FindingsPanel::show_me);
    connect(fix_, &QPushButton::clicked, this, &FindingsPanel::fix);
    connect(list_, &QListView::activated, this, &FindingsPanel::show_me);
    connect(list_->selectionModel(), &QItemSelectionModel::currentChanged, this, [this] { refresh(); });
    connect(document, &Document::plan_changed, this, [this] {
        const auto plan = document_->plan();
        if (plan && !plan->findings.empty())
            list_->setCurrentIndex(list_->model()->index(0, 0));
        refresh();
    });
    refresh();
}

int FindingsPanel::current() const {
    const auto plan = document_->plan();
    const int row = list_->currentIndex().row();
    return plan && row >= 0 && row < static_cast<int>(plan->findings.size()) ? row : -1;
}

void FindingsPanel::refresh() {
    const auto plan = document_->plan();
    const bool any = plan && !plan->findings.empty();
    list_->setVisible(any);
    empty_->setVisible(!any);
    show_->setVisible(any);
    fix_->setVisible(any);
    if (!plan) {
        set_aside({});
        empty_->setText(tr("What would spoil the print is listed here once there is a plan."));
        return;
    }
    const auto count = [&](Severity s) {
        return static_cast<int>(std::count_if(plan->findings.begin(), plan->findings.end(), [&](const Finding& f) { return f.severity == s; }));
    };
    const int errors = count(Severity::error), warnings = count(Severity::warning);
    set_aside(any ? tr("%1 stop the print · %2 to look at").arg(errors).arg(warnings) : QString());
    empty_->setText(tr("Nothing found that would spoil the print. Looked at: meshes, overlaps, assignments, bonding, temperatures, "
                       "layer heights, bands, bed, slots, tower, swaps within layers."));
    const int row = current();
    show_->setEnabled(row >= 0 && (plan->findings[row].layer || !plan->findings[row].parts.empty()));
    const bool fixable = row >= 0 && !plan->findings[row].fixes.empty();
    fix_->setEnabled(fixable);
    fix_->setText(fixable ? tr("Fix: %1").arg(QString::fromStdString(plan->findings[row].fixes.front().label)) : tr("No fix by itself"));
}

void FindingsPanel::show_me() {
    const int row = current();
    if (row < 0)
        return;
    const Finding& f = document_->plan()->findings[row];
    if (f.layer)
        view_->set_layer(f.layer);
    view_->select({f.parts.begin(), f.parts.end()});
}

void FindingsPanel::fix() {
    const int row = current();
    if (row < 0 || document_->plan()->findings[row].fixes.empty())
        return;
    const Fix f = document_->plan()->findings[row].fixes.front();
    document_->edit(tr("Fix: %1").arg(QString::fromStdString(f.label)), f.apply);
}

} // namespace vitrail
