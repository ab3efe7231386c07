#include "app/piece/findings_panel.h"

#include "app/document/background.h"
#include "app/document/document.h"
#include "app/document/view_state.h"
#include "core/plan/planner.h"
#include "paint/words.h"

#include <QApplication>
#include <QInputDialog>
#include <QLineEdit>
#include <QListView>
#include <QMenu>
#include <QPainter>
#include <QPointer>
#include <QPushButton>
#include <QStyledItemDelegate>
#include <QTimer>

#include <algorithm>
#include <cmath>

namespace vitrail {

FindingsModel::FindingsModel(Document* document, QObject* parent)
    : QAbstractListModel(parent), document_(document) {
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
    case Qt::DisplayRole:
        return words(f.message);
    case Qt::ToolTipRole:
        return QString::fromStdString(f.code);
    case Qt::AccessibleTextRole:
        return tr("%1: %2").arg(words(to_string(f.severity)), words(f.message));
    case SeverityRole:
        return static_cast<int>(f.severity);
    case SeverityWordRole:
        return f.severity == Severity::error     ? tr("stops the print")
               : f.severity == Severity::warning ? tr("look at it")
                                                 : tr("to know");
    case WhereRole:
        return words(f.where);
    default:
        return {};
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
            p->drawPolygon(QPolygonF() << at + QPointF(0, -r) << at + QPointF(r, 0) << at + QPointF(0, r)
                                       << at + QPointF(-r, 0));
        else if (severity == 1)
            p->drawPolygon(QPolygonF()
                           << at + QPointF(0, -r) << at + QPointF(r, r * 0.8) << at + QPointF(-r, r * 0.8));
        else
            p->drawEllipse(at, r * 0.6, r * 0.6);
        const QRect text = text_rect(o);
        p->setPen(t.ink);
        p->setFont(o.font);
        QRect used;
        p->drawText(text, Qt::TextWordWrap | Qt::AlignLeft | Qt::AlignTop, index.data().toString(), &used);
        p->setPen(c);
        p->setFont(font_of(0.92));
        p->drawText(QRect(text.left(), used.bottom() + 1, text.width(), em(1.3)),
                    Qt::AlignLeft | Qt::AlignVCenter,
                    index.data(FindingsModel::SeverityWordRole).toString() + QStringLiteral(" · ") +
                        index.data(FindingsModel::WhereRole).toString());
        p->restore();
    }

    QSize sizeHint(const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        const auto* view = qobject_cast<const QListView*>(option.widget);
        const int width = view ? view->viewport()->width() : em(20);
        const int text = width - em(1.7) - em(0.4);
        const QRect r = option.fontMetrics.boundingRect(QRect(0, 0, text, 10000), Qt::TextWordWrap,
                                                        index.data().toString());
        return {width, r.height() + em(2.0)};
    }

private:
    static QString tr(const char* s) { return QCoreApplication::translate("FindingsPanel", s); }
    static QRect text_rect(const QStyleOptionViewItem& o) {
        return o.rect.adjusted(em(1.7), em(0.3), -em(0.4), 0);
    }
};

} // namespace

FindingsPanel::FindingsPanel(Document* document, ViewState* view, QWidget* parent)
    : Panel(tr("Findings"), parent), document_(document), view_(view), list_(new QListView),
      empty_(new QLabel), preview_(new QLabel),
      show_(new QPushButton(icon(QStringLiteral("eye")), tr("Show me"))),
      fix_(new QPushButton(icon(QStringLiteral("wrench")), tr("Fix"))),
      waive_(new QPushButton(icon(QStringLiteral("eye-off")), QString())), waived_(new QPushButton) {
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
    constexpr int kPause_ms = 400;
    preview_later_ = new QTimer(this);
    preview_later_->setSingleShot(true);
    preview_later_->setInterval(kPause_ms);
    connect(preview_later_, &QTimer::timeout, this, &FindingsPanel::preview);
    preview_->setObjectName(QStringLiteral("fix_preview"));
    preview_->setWordWrap(true);
    waive_->setObjectName(QStringLiteral("waive"));
    waive_->setAccessibleName(tr("Do not check this here"));
    waive_->setToolTip(tr("Do not check this in this project, for a reason you give"));
    waived_->setObjectName(QStringLiteral("waived"));
    waived_->setToolTip(tr("Checks that are off in this project"));
    body()->addWidget(list_, 1);
    body()->addWidget(empty_, 1);
    body()->addWidget(preview_);
    add_to_heading(waived_);
    add_to_heading(fix_); // its width follows its words; what stands to the right of it stays in place
    add_to_heading(show_);
    add_to_heading(waive_);
    auto* taller = new QPushButton(icon(QStringLiteral("unfold-vertical")), QString());
    taller->setObjectName(QStringLiteral("findings_taller"));
    taller->setCheckable(true);
    taller->setAccessibleName(tr("More room for the findings"));
    taller->setToolTip(tr("More room for the list. Its edge can be dragged, too; how it is left is kept."));
    connect(taller, &QPushButton::toggled, this, &FindingsPanel::made_taller);
    add_to_heading(taller);
    connect(waive_, &QPushButton::clicked, this, &FindingsPanel::waive);
    connect(waived_, &QPushButton::clicked, this, &FindingsPanel::show_waived);
    connect(show_, &QPushButton::clicked, this, &FindingsPanel::show_me);
    connect(fix_, &QPushButton::clicked, this, [this] {
        if (const Finding* f = current_finding(); f && f->fixes.size() == 1)
            fix(0);
    });
    connect(list_, &QListView::activated, this, &FindingsPanel::show_me);
    connect(list_->selectionModel(), &QItemSelectionModel::currentChanged, this, [this] {
        refresh();
        if (!view_->spots().empty())
            view_->show_spots({});
    });
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
        waive_->hide();
        waived_->hide();
        preview_->hide();
        set_aside({});
        empty_->setText(tr("What would spoil the print is listed here once there is a plan."));
        return;
    }
    const auto count = [&](Severity s) {
        return static_cast<int>(std::count_if(plan->findings.begin(), plan->findings.end(),
                                              [&](const Finding& f) { return f.severity == s; }));
    };
    const int errors = count(Severity::error), warnings = count(Severity::warning);
    set_aside(any ? tr("%1 stop the print · %2 to look at").arg(errors).arg(warnings) : QString());
    empty_->setText(tr("Nothing found that would spoil the print. Looked at: meshes, bodies against each "
                       "other, fine detail, overhangs, "
                       "bonding, temperatures, sheet, moisture, spools, layer heights, bands, bed, slots, "
                       "tower, swaps within layers."));
    const Finding* f = current_finding();
    show_->setEnabled(f && (f->layer || !f->parts.empty() || !f->spots.empty()));
    waive_->setVisible(any);
    waive_->setEnabled(f);
    const int off = static_cast<int>(document_->project().waivers.size());
    waived_->setVisible(off > 0);
    waived_->setText(tr("%n off", nullptr, off));
    fill_ways();
    preview_->hide();
    preview_stop_.request_stop();
    preview_later_->start();
}

FindingsPanel::~FindingsPanel() {
    preview_stop_.request_stop();
}

const Finding* FindingsPanel::current_finding() const {
    const int row = current();
    return row < 0 ? nullptr : &document_->plan()->findings[row];
}

/// One way to mend it is a button, several are a menu.
void FindingsPanel::fill_ways() {
    const Finding* f = current_finding();
    delete fix_->menu();
    fix_->setMenu(nullptr);
    fix_->setEnabled(f && !f->fixes.empty());
    fix_->setToolTip({});
    if (!f || f->fixes.empty()) {
        fix_->setText(tr("No fix by itself"));
        return;
    }
    if (f->fixes.size() == 1) {
        fix_->setText(tr("Fix: %1").arg(menu_text(words(f->fixes[0].label))));
        fix_->setToolTip(words(f->fixes[0].detail));
        return;
    }
    fix_->setText(tr("Fix: %n way(s)", nullptr, static_cast<int>(f->fixes.size())));
    auto* menu = new QMenu(fix_);
    menu->setToolTipsVisible(true);
    for (std::size_t i = 0; i < f->fixes.size(); ++i) {
        QAction* a = menu->addAction(menu_text(words(f->fixes[i].label)));
        a->setToolTip(words(f->fixes[i].detail));
        connect(a, &QAction::triggered, this, [this, i] { fix(static_cast<int>(i)); });
    }
    fix_->setMenu(menu);
}

/// What each way would bring, worked out in the background on a copy.
void FindingsPanel::preview() {
    const Finding* f = current_finding();
    if (!f || f->fixes.empty())
        return;
    const Totals now = document_->plan()->totals;
    const int layers = document_->plan()->grid.count;
    preview_stop_ = document_->background()->run(
        this,
        [this, ways = f->fixes, before = document_->project(), now,
         layers](const std::stop_token& stop) -> Background::Then {
            QStringList lines;
            for (const Fix& way : ways) {
                Project p = before;
                way.apply(p);
                const auto plan = Planner().plan(p, {stop, {}});
                if (stop.stop_requested())
                    return {};
                if (!plan)
                    continue;
                const Totals& t = (*plan)->totals;
                QStringList differences;
                const auto differs = [&](double a, double b, const QString& unit, int decimals) {
                    if (std::abs(a - b) >= std::pow(10.0, -decimals) / 2)
                        differences << QStringLiteral("%1%2 %3")
                                           .arg(b > a ? QStringLiteral("+") : QStringLiteral("−"))
                                           .arg(number(std::abs(b - a), decimals))
                                           .arg(unit);
                };
                differs(layers, (*plan)->grid.count, tr("layers"), 0);
                differs(now.changes, t.changes, tr("changes"), 0);
                differs(now.purge_g + now.tower_g, t.purge_g + t.tower_g, tr("g purge and tower"), 1);
                differs(now.total_s / 60, t.total_s / 60, tr("min"), 0);
                lines << (differences.isEmpty()
                              ? tr("%1: costs nothing").arg(words(way.label))
                              : tr("%1: %2").arg(words(way.label), differences.join(QStringLiteral(" · "))));
            }
            if (lines.isEmpty())
                return {};
            return [this, lines] {
                preview_->setText(lines.join(QLatin1Char('\n')));
                preview_->show();
            };
        });
}

void FindingsPanel::show_me() {
    const int row = current();
    if (row < 0)
        return;
    const Finding f = document_->plan()->findings[row];
    if (f.piece >= 0)
        view_->show_piece(static_cast<std::size_t>(f.piece));
    if (f.layer)
        view_->set_layer(f.layer);
    view_->select({f.parts.begin(), f.parts.end()});
    view_->show_spots(f.spots);
}

void FindingsPanel::fix(int way) {
    const Finding* f = current_finding();
    if (!f || way >= static_cast<int>(f->fixes.size()))
        return;
    const Fix chosen = f->fixes[static_cast<std::size_t>(way)];
    document_->edit(tr("Fix: %1").arg(words(chosen.label)), chosen.apply);
}

void FindingsPanel::waive() {
    const Finding* f = current_finding();
    if (!f)
        return;
    const std::string code = f->code;
    bool ok = false;
    const QString reason = QInputDialog::getText(
        this, tr("Do not check this here"),
        tr("Why does “%1” not matter in this project?").arg(QString::fromStdString(code)), QLineEdit::Normal,
        {}, &ok);
    if (!ok || reason.trimmed().isEmpty())
        return;
    document_->edit(tr("Switch off the check “%1”").arg(QString::fromStdString(code)), [&](Project& p) {
        p.waivers.push_back({code, reason.trimmed().toStdString()});
    });
}

/// The checks that are off, each with its reason; choosing one switches it on again.
void FindingsPanel::show_waived() {
    QMenu menu(this);
    const std::vector<Waiver> waivers = document_->project().waivers;
    for (const Waiver& w : waivers) {
        QAction* a =
            menu.addAction(tr("Check “%1” again (off: %2)")
                               .arg(QString::fromStdString(w.code), QString::fromStdString(w.reason)));
        connect(a, &QAction::triggered, this, [this, w] {
            document_->edit(tr("Switch on the check “%1”").arg(QString::fromStdString(w.code)),
                            [&](Project& p) { std::erase(p.waivers, w); });
        });
    }
    menu.exec(waived_->mapToGlobal(QPoint(0, waived_->height())));
}

} // namespace vitrail

#include "moc_findings_panel.cpp"
