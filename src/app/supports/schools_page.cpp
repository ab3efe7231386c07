#include "app/supports/schools_page.h"

#include "app/document/document.h"
#include "app/document/shelf_store.h"
#include "app/document/study.h"
#include "app/parts/panel.h"
#include "app/parts/setting_edit.h"
#include "app/parts/tables.h"
#include "core/base/numbers.h"
#include "core/run_sheet/run_sheet.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <QApplication>
#include <QClipboard>
#include <QHeaderView>
#include <QListWidget>
#include <QPainter>
#include <QProgressBar>
#include <QPushButton>
#include <QRegularExpression>
#include <QSignalBlocker>
#include <QStyledItemDelegate>
#include <QTableWidget>

namespace vitrail {

namespace {

enum Row {
    kPicture,
    kMaterials,
    kGrams,
    kPurge,
    kWaste,
    kChanges,
    kTime,
    kCleaning,
    kWater,
    kMoney,
    kSurface,
    kRisks,
    kWorth,
    kRows
};
enum Role { kShare = Qt::UserRole, kBestOfRow };

/// Draws the picture of a school, and below figures how large they are beside the others'.
class SchoolDelegate : public QStyledItemDelegate {
public:
    explicit SchoolDelegate(QObject* parent, const std::vector<SchoolPicture>& layers)
        : QStyledItemDelegate(parent), layers_(layers) {}

    void paint(QPainter* p, const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        const Theme& t = Theme::current();
        if (index.row() != kPicture) {
            QStyledItemDelegate::paint(p, option, index);
            const QVariant share = index.data(kShare);
            if (share.isValid() && share.toDouble() >= 0) {
                // Low enough to leave the figure's descenders alone.
                const QRectF r = QRectF(option.rect).adjusted(3, 0, -em(0.6), 0);
                p->fillRect(
                    QRectF(r.left(), r.bottom() - 3, r.width() * std::clamp(share.toDouble(), 0.0, 1.0), 3),
                    index.data(kBestOfRow).toBool() ? t.good : t.quiet);
            }
            return;
        }
        if (option.state & QStyle::State_Selected)
            p->fillRect(option.rect, option.palette.highlight());
        const auto c = static_cast<std::size_t>(index.column());
        if (c >= layers_.size())
            return;
        const SchoolPicture& l = layers_[c];
        if (!l.possible)
            return QStyledItemDelegate::paint(p, option, index);
        // The piece above, what touches it, and what stands below.
        QRectF r = QRectF(option.rect).adjusted(em(0.8), em(0.5), -em(0.8), -em(0.4));
        const double piece = r.height() * 0.32, gap = l.gap ? 4 : 0, face = em(0.5);
        const auto lead = [&](const QRectF& at) {
            p->setPen(QPen(t.lead, 2));
            p->setBrush(Qt::NoBrush);
            p->drawRect(at);
        };
        const QRectF top(r.left(), r.top(), r.width(), piece),
            interface(r.left() + r.width() * 0.14, top.bottom() + gap, r.width() * 0.72, face);
        const QRectF body(interface.left(), interface.bottom(), interface.width(),
                          r.bottom() - interface.bottom());
        paint_pane(*p, top, l.piece);
        lead(top);
        // Columns, with air between them.
        constexpr int kColumns = 5;
        for (int k = 0; k < kColumns; ++k) {
            const QRectF column(body.left() + body.width() * k / kColumns + body.width() / kColumns * 0.18,
                                body.top(), body.width() / kColumns * 0.64, body.height());
            paint_pane(*p, column, l.support, 6);
            lead(column);
        }
        paint_pane(*p, interface, l.interface, 6);
        lead(interface);
        p->setRenderHint(QPainter::Antialiasing);
        const double side = em(1.3);
        const auto badge = [&](const Filament& f, QPointF at) {
            paint_badge(*p, QRectF(at.x() - side / 2, at.y() - side / 2, side, side), f.letter,
                        to_qcolor(f.colour), font_of(0.75, true));
        };
        badge(l.piece, {r.left() + side * 0.7, top.center().y()});
        badge(l.support, {body.center().x(), body.bottom() - side * 0.75});
        if (l.interface.letter != l.support.letter)
            badge(l.interface, {interface.right() - side * 0.2, interface.center().y()});
        p->setRenderHint(QPainter::Antialiasing, false);
        if (l.wins) {
            p->setPen(QPen(t.accent, 3));
            p->drawRect(QRectF(option.rect).adjusted(2, 2, -3, -2));
        }
    }

private:
    const std::vector<SchoolPicture>& layers_;
};

QString grams_text(double g) {
    return SchoolsPage::tr("%1 g").arg(number(g, 1));
}

} // namespace

SchoolsPage::SchoolsPage(Document* document, ShelfStore* shelf, QWidget* parent)
    : QWidget(parent), document_(document), shelf_(shelf), advice_(new QLabel), why_(new QLabel),
      table_(new QTableWidget(kRows, 0)),
      values_(make_table("school_values", tr("What to set in the toolpath program"),
                         {{tr("set"), 0}, {tr("to"), 7.5}})),
      risks_(new QListWidget), use_(new QPushButton(icon(QStringLiteral("check")), tr("&Use this school"))),
      copy_(new QPushButton(icon(QStringLiteral("copy")), tr("&Copy"))), bar_(new QProgressBar) {
    auto* schools = new Panel(tr("Five ways to hold it"));
    bar_->setRange(0, 100);
    bar_->setMaximumWidth(em(10));
    bar_->setAccessibleName(tr("Comparing schools"));
    bar_->hide();
    for (const auto& [key, text, undo] :
         {std::tuple{"attended_cost", tr("your own &hour"), tr("Change the price of your own hour")},
          std::tuple{"printer_cost", tr("the &printer's"), tr("Change the price of the printer's hour")}}) {
        auto* price = new SettingEdit(*find_setting(key));
        auto* label = new QLabel(text);
        label->setBuddy(price);
        label->setToolTip(words(price->info().why));
        schools->add_to_heading(label);
        schools->add_to_heading(price);
        connect(price, &SettingEdit::edited, this, [this, price, undo = undo](double v) {
            document_->edit(undo, [&](Project& p) { price->info().field.set(p.settings, v); });
        });
        const auto show_price = [this, price] {
            price->show_value(price->info().field.of(document_->project().settings));
        };
        connect(document, &Document::project_changed, this, show_price);
        show_price();
    }
    use_->setObjectName(QStringLiteral("use_school"));
    schools->add_to_heading(use_);
    advice_->setObjectName(QStringLiteral("school_advice"));
    advice_->setFont(font_of(1.05, true));
    advice_->setWordWrap(true);
    advice_->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    // Beside the advice, which wraps: in the heading it would make the window wider while it counts.
    auto* above = new QHBoxLayout;
    above->addWidget(advice_, 1);
    above->addWidget(bar_, 0, Qt::AlignTop);
    schools->body()->addLayout(above);

    table_->setObjectName(QStringLiteral("schools"));
    table_->setAccessibleName(tr("Schools of support compared"));
    table_->setSelectionBehavior(QAbstractItemView::SelectColumns);
    table_->setSelectionMode(QAbstractItemView::SingleSelection);
    table_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    table_->setTabKeyNavigation(false);
    table_->setShowGrid(false);
    table_->setWordWrap(true);
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    table_->horizontalHeader()->setHighlightSections(true);
    table_->horizontalHeader()->setDefaultAlignment(Qt::AlignCenter | Qt::Alignment(Qt::TextWordWrap));
    table_->horizontalHeader()->setFixedHeight(em(2.7));
    table_->verticalHeader()->setSectionResizeMode(QHeaderView::Fixed);
    table_->verticalHeader()->setHighlightSections(false);
    table_->verticalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    const QString names[kRows] = {QString(),          tr("materials"), tr("support"),  tr("purge and tower"),
                                  tr("waste in all"), tr("changes"),   tr("printing"), tr("cleaning up"),
                                  tr("in water"),     tr("all in"),    tr("faces"),    tr("risks"),
                                  tr("worth it")};
    const QString tips[kRows] = {
        tr("The piece, what touches it, and what stands below"),
        tr("The body of the support, then its interface; from the project, from your shelf, or neither"),
        tr("Support and interface, all copies; hover for what each filament takes more"),
        tr("Purge that serves nothing, and fill of the tower"),
        tr("Everything thrown away: support, interface, purge, tower"),
        tr("Changes of filament in the whole print"),
        tr("The whole print, changes included; what it takes longer than without any support"),
        tr("A person's minutes afterwards, by contact, reach, gap and material"),
        tr("Hours in water, and bowls of it"),
        tr("Filament, and your own time at the printer and afterwards at the price of your hour"),
        tr("What the touched faces look like"),
        tr("What can go wrong"),
        tr("The price of your own hour from which it pays against the same material")};
    for (int r = 0; r < kRows; ++r) {
        auto* h = new QTableWidgetItem(names[r]);
        h->setToolTip(tips[r]);
        table_->setVerticalHeaderItem(r, h);
        table_->setRowHeight(r, r == kPicture                                     ? em(4.3)
                                : r == kMaterials || r == kSurface || r == kRisks ? em(2.35)
                                                                                  : em(1.6));
    }
    schools->body()->addWidget(table_, 1);

    auto* why = new Panel(tr("Why"));
    why_->setObjectName(QStringLiteral("school_why"));
    why_->setAccessibleName(tr("Why"));
    why_->setWordWrap(true);
    why_->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    why_->setTextInteractionFlags(Qt::TextSelectableByMouse);
    why->body()->addWidget(why_, 1);
    auto* risks = new Panel(tr("Risks"));
    risks_->setObjectName(QStringLiteral("school_risks"));
    risks_->setAccessibleName(tr("Risks of the chosen school"));
    risks_->setWordWrap(true);
    risks_->setIconSize({em(1), em(1)});
    risks_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    risks_->setSelectionMode(QAbstractItemView::NoSelection);
    risks->body()->addWidget(risks_, 1);
    auto* set = new Panel(tr("What to set in your toolpath program"));
    copy_->setObjectName(QStringLiteral("copy_values"));
    set->add_to_heading(copy_);
    set->body()->addWidget(values_, 1);
    auto* beside = make_splitter("schools.beside", Qt::Vertical, {why, risks, set}, {165, 155, 175});
    beside_ = beside;
    auto* all = make_splitter("schools.all", Qt::Horizontal, {schools, beside}, {850, 270});
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(all);

    work_ = new Study(document, this,
                      [this, own = own_](const Project& project, const std::shared_ptr<const Plan>& plan,
                                         const Progress& progress) -> std::function<void()> {
                          auto result = std::make_shared<Result<SchoolStudy>>(
                              compare_schools(project, *plan, *own->load(), progress));
                          return [this, result] {
                              study_ = *result ? std::make_shared<const SchoolStudy>(std::move(**result))
                                               : nullptr;
                              fill();
                          };
                      });
    const auto take_shelf = [this] {
        own_->store(std::make_shared<const OwnShelf>(OwnShelf{shelf_->shelf(), ShelfStore::today()}));
    };
    take_shelf();
    const auto shelf_changed = [this, take_shelf] {
        take_shelf();
        work_->start_anew();
    };
    connect(shelf, &ShelfStore::ready, this, shelf_changed);
    connect(shelf, &ShelfStore::changed, this, shelf_changed);
    connect(work_, &Study::progress, this,
            [this](double share) { bar_->setValue(static_cast<int>(share * 100)); });
    connect(work_, &Study::running_changed, this, [this](bool on) {
        bar_->setVisible(on);
        bar_->setValue(0);
        if (on && !study_)
            advice_->setText(tr("Planning it five times…"));
    });
    connect(work_, &Study::outdated, this, [this] {
        study_ = nullptr;
        use_->setEnabled(false);
    });
    connect(table_, &QTableWidget::currentCellChanged, this, &SchoolsPage::show_current);
    connect(use_, &QPushButton::clicked, this, [this] {
        if (const School* s = current(); s && s->apply) {
            const auto apply = s->apply;
            document_->edit(tr("Support: %1").arg(words(s->name)), apply);
        }
    });
    connect(copy_, &QPushButton::clicked, this, [this] {
        QString text;
        if (const School* s = current())
            for (const auto& [what, value] : s->values)
                text += words(what) + QLatin1Char('\t') + words(value) + QLatin1Char('\n');
        QApplication::clipboard()->setText(text);
        Q_EMIT said(tr("Copied: what to set in your toolpath program."));
    });
    table_->setItemDelegate(new SchoolDelegate(table_, pictures_));
    fill();
}

const School* SchoolsPage::current() const {
    const int c = table_->currentColumn();
    return study_ && c >= 0 && c < static_cast<int>(study_->schools.size())
               ? &study_->schools[static_cast<std::size_t>(c)]
               : nullptr;
}

void SchoolsPage::showEvent(QShowEvent* e) {
    shelf_->open(); // materials are taken from it
    QWidget::showEvent(e);
}

void SchoolsPage::fill() {
    const int was = table_->currentColumn();
    const QSignalBlocker quiet(table_);
    const bool compares = study_ && study_->contact_mm2 > 0;
    table_->setVisible(compares);
    beside_->setVisible(compares || !study_);
    if (!compares) {
        table_->setColumnCount(0);
        advice_->setText(
            study_ ? words(study_->advice)
            : document_->plan()
                ? tr("Planning it five times…")
                : tr("Once there is a piece to plan, five ways to hold it stand here beside each other."));
        show_current();
        return;
    }
    const auto& schools = study_->schools;
    table_->setColumnCount(static_cast<int>(schools.size()));
    advice_->setText(words(study_->advice));
    const auto value_of = [&](const School& s, int row) -> double {
        const Totals& t = s.totals;
        switch (row) {
        case kGrams:
            return t.support_g + t.interface_g;
        case kPurge:
            return t.purge_g + t.tower_g;
        case kWaste:
            return waste_g(t);
        case kChanges:
            return t.changes;
        case kTime:
            return t.total_s - study_->without.total_s;
        case kCleaning:
            return s.cleanup.hand_s;
        case kWater:
            return s.cleanup.soak_s;
        case kMoney:
            return s.price;
        default:
            return -1;
        }
    };
    auto& pictured = pictures_;
    pictured.assign(schools.size(), {});
    for (int c = 0; c < table_->columnCount(); ++c) {
        const School& s = schools[static_cast<std::size_t>(c)];
        auto* head = new QTableWidgetItem(s.now ? tr("%1 (now)").arg(words(s.name)) : words(s.name));
        table_->setHorizontalHeaderItem(c, head);
        SchoolPicture& l = pictured[static_cast<std::size_t>(c)];
        l.possible = s.possible;
        l.wins = c == study_->best && study_->contact_mm2 > 0;
        if (s.possible) {
            Project p = document_->planned_project();
            const auto plan = document_->plan();
            l.piece = p.filaments[static_cast<std::size_t>(
                plan ? std::min(main_filament(*plan), static_cast<int>(p.filaments.size()) - 1) : 0)];
            s.apply(p);
            const auto filament = [&](char letter) {
                return p.filaments[static_cast<std::size_t>(std::max(0, find_filament(p, letter)))];
            };
            l.support = filament(s.support);
            l.interface = filament(s.interface);
            l.gap = p.settings.support_gap_layers > 0;
        }
        const Totals& t = s.totals;
        QString cells[kRows], tips[kRows];
        if (!s.possible) {
            cells[kPicture] = words(s.why_not);
        } else {
            cells[kMaterials] =
                QString::fromStdString(s.materials.front()) +
                (s.materials.size() > 1 ? tr(", interface %1").arg(QString::fromStdString(s.materials[1]))
                                        : QString());
            if (!s.source.empty())
                cells[kMaterials] +=
                    QStringLiteral("\n") + (s.owned ? words(s.source) : tr("not on your shelf"));
            tips[kMaterials] = words(s.source);
            cells[kGrams] = t.interface_g > 0.05 && t.support_g > 0.05
                                ? tr("%1 + %2 g").arg(number(t.support_g, 1)).arg(number(t.interface_g, 1))
                                : grams_text(t.support_g + t.interface_g);
            for (const auto& [letter, g] : s.extra_g)
                tips[kGrams] += tr("%1: %2 g more than without support\n")
                                    .arg(QChar::fromLatin1(letter))
                                    .arg(number(g, 1));
            cells[kPurge] = tr("%1 + %2 g").arg(number(t.purge_g, 1), number(t.tower_g, 1));
            cells[kWaste] = tr("%1 g").arg(number(waste_g(t), 1));
            tips[kPurge] = tr("purge %1 g, tower %2 g; with support %3 g of waste in all")
                               .arg(number(t.purge_g, 1), number(t.tower_g, 1), number(waste_g(t), 1));
            cells[kChanges] = QString::number(t.changes);
            cells[kTime] = tr("%1 (+%2)")
                               .arg(QString::fromStdString(duration(t.total_s)),
                                    QString::fromStdString(
                                        duration(std::max(0.0, t.total_s - study_->without.total_s))));
            cells[kCleaning] = QString::fromStdString(duration(s.cleanup.hand_s));
            cells[kWater] = s.cleanup.waters ? tr("%1, %n bowl(s)", nullptr, s.cleanup.waters)
                                                   .arg(QString::fromStdString(duration(s.cleanup.soak_s)))
                                             : tr("none");
            const Settings& set = document_->project().settings;
            cells[kMoney] = money_text(set, s.price);
            tips[kMoney] =
                tr("filament %1; the printer's %2 h at %3; your %4 min at %5 an hour%6. What the schools are "
                   "ranked by.")
                    .arg(money_text(set, t.filament_cost), number(t.total_s / 3600, 1),
                         money_text(set, set.printer_per_h),
                         number((t.attended_s + s.cleanup.hand_s) / 60, 0), money_text(set, own_hour(set)),
                         set.attended_per_h > 0 ? QString() : tr(" (assumed)"));
            cells[kSurface] = words(s.surface);
            QStringList risks;
            for (const Risk& r : s.risks)
                risks << words(r.name);
            cells[kRisks] = risks.isEmpty() ? tr("none known") : risks.join(QStringLiteral(" · "));
            cells[kWorth] = !s.never.empty()        ? tr("impossible")
                            : c == study_->best     ? tr("wins here")
                            : c == 0                ? tr("the measure")
                            : s.pays_from_per_h < 0 ? tr("never pays")
                            : s.pays_from_per_h <= 0
                                ? tr("pays anyway")
                                : tr("from %1 an hour").arg(number(s.pays_from_per_h, 2));
            tips[kWorth] = words(s.verdict);
        }
        for (int r = 0; r < kRows; ++r) {
            auto* item = new QTableWidgetItem(cells[r]);
            item->setTextAlignment(r == kPicture ? Qt::AlignCenter : Qt::AlignLeft | Qt::AlignVCenter);
            item->setToolTip(tips[r]);
            if (c == study_->best)
                item->setFont(font_of(1, true));
            if (const double v = value_of(s, r); s.possible && v >= 0) {
                double most = 0, least = 1e300;
                for (const School& o : schools)
                    if (o.possible)
                        most = std::max(most, value_of(o, r)), least = std::min(least, value_of(o, r));
                if (most > 0) {
                    item->setData(kShare, v / most);
                    item->setData(kBestOfRow, v <= least + 1e-9);
                }
            }
            table_->setItem(r, c, item);
        }
    }
    table_->setCurrentCell(kMaterials, was >= 0 && was < table_->columnCount() ? was : study_->best);
    show_current();
}

void SchoolsPage::show_current() {
    const School* s = current();
    use_->setEnabled(s && s->apply != nullptr);
    copy_->setEnabled(s && !s->values.empty());
    risks_->clear();
    values_->setRowCount(0);
    if (!s) {
        why_->clear();
        return;
    }
    QStringList lines;
    lines << (s->possible ? words(s->verdict) : words(s->why_not));
    if (s->possible) {
        const Cleanup& c = s->cleanup;
        lines << tr("It touches %1 cm² of the piece; taking it off takes %2.")
                     .arg(number(c.contact_mm2() / 100, 1))
                     .arg(QString::fromStdString(duration(c.hand_s)));
        if (c.waters)
            lines << tr("%1 cm³ dissolve in %2, with %n bowl(s) of water.", nullptr, c.waters)
                         .arg(number(c.dissolving_cm3, 1))
                         .arg(QString::fromStdString(duration(c.soak_s)));
        QStringList grams;
        for (const auto& [letter, g] : s->extra_g)
            grams << tr("%1 %2 g").arg(QChar::fromLatin1(letter)).arg(number(g, 1));
        if (!grams.isEmpty())
            lines << tr("More than without support: %1, and %2.")
                         .arg(grams.join(tr(", ")), QString::fromStdString(duration(std::max(
                                                        0.0, s->totals.total_s - study_->without.total_s))));
    }
    static const QRegularExpression hours(QStringLiteral("(\\d+) h (\\d\\d)")); // stay on one line
    why_->setText(lines.join(QStringLiteral("\n")).replace(hours, QStringLiteral("\\1\u00a0h\u00a0\\2")));
    for (const Risk& r : s->risks)
        new QListWidgetItem(icon(QStringLiteral("triangle-alert")),
                            tr("%1: %2").arg(words(r.name), words(r.text)), risks_);
    if (s->possible && s->risks.empty())
        new QListWidgetItem(tr("None known."), risks_);
    values_->setRowCount(static_cast<int>(s->values.size()));
    for (std::size_t i = 0; i < s->values.size(); ++i)
        set_row(values_, static_cast<int>(i), {words(s->values[i].first), words(s->values[i].second)});
}

} // namespace vitrail

#include "moc_schools_page.cpp"
