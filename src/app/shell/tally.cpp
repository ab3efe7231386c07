#include "app/shell/tally.h"

#include "app/document/document.h"
#include "app/document/logbook_store.h"
#include "app/theme/theme.h"
#include "core/base/numbers.h"
#include "core/run_sheet/run_sheet.h"
#include "formats/machine_file.h"
#include "paint/words.h"

#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>
#include <QPushButton>

#include <cmath>

namespace vitrail {

Tally::Tally(Document* document, QWidget* parent)
    : QWidget(parent), document_(document), title_(new QLabel), subtitle_(new QLabel), against_(new QLabel),
      pin_(new QPushButton(icon(QStringLiteral("pin")), tr("Pin"))) {
    setObjectName(QStringLiteral("tally"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(em(1.2), em(0.5), em(1), em(0.5));
    row->setSpacing(em(1.1));
    auto* names = new QVBoxLayout;
    names->setSpacing(0);
    title_->setFont(font_of(1.35, true));
    title_->setObjectName(QStringLiteral("title"));
    title_->setMinimumWidth(em(8));
    subtitle_->setObjectName(QStringLiteral("quiet"));
    subtitle_->setMinimumWidth(em(8));
    names->addWidget(title_);
    names->addWidget(subtitle_);
    row->addLayout(names, 1);
    against_->setObjectName(QStringLiteral("quiet"));
    against_->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    row->addWidget(against_);
    pin_->setObjectName(QStringLiteral("pin"));
    pin_->setCheckable(true);
    pin_->setToolTip(tr("Keep this plan as the one that later plans are measured against"));
    row->addWidget(pin_);
    waste_ = add_figure("waste", tr("waste ÷ piece"));
    purge_ = add_figure("purge", tr("purge"));
    changes_ = add_figure("changes", tr("changes"));
    hands_ = add_figure("hand_swaps", tr("hand swaps"));
    time_ = add_figure("time", tr("time"));
    money_ = add_figure("money", tr("money"));
    connect(pin_, &QPushButton::clicked, this,
            [this](bool on) { on ? document_->pin() : document_->unpin(); });
    connect(document, &Document::project_changed, this, &Tally::refresh);
    connect(document, &Document::plan_changed, this, &Tally::refresh);
    connect(document, &Document::pinned_changed, this, &Tally::refresh);
    connect(document, &Document::modified_changed, this, &Tally::refresh);
    refresh();
}

Tally::Figure Tally::add_figure(const char* id, const QString& name) {
    Figure f{new QLabel(name), new QLabel, new QLabel, name};
    f.name->setObjectName(QStringLiteral("quiet"));
    f.value->setObjectName(QStringLiteral("tally_") + QString::fromLatin1(id));
    f.value->setFont(font_of(1.35, true));
    f.difference->setObjectName(QStringLiteral("difference_") + QString::fromLatin1(id));
    f.difference->setFont(font_of(0.95));
    auto* grid = new QGridLayout;
    grid->setSpacing(0);
    grid->setHorizontalSpacing(em(0.4));
    grid->addWidget(f.name, 0, 0, 1, 2);
    grid->addWidget(f.value, 1, 0);
    grid->addWidget(f.difference, 1, 1, Qt::AlignLeft | Qt::AlignBottom);
    static_cast<QHBoxLayout*>(layout())->addLayout(grid);
    return f;
}

void Tally::show_difference(const Figure& f, double difference, const QString& text) {
    const Theme& t = Theme::current();
    f.difference->setText(text);
    f.difference->setStyleSheet(QStringLiteral("color: %1")
                                    .arg((difference < 0   ? t.good
                                          : difference > 0 ? t.bad
                                                           : t.quiet)
                                             .name()));
}

void Tally::refresh() {
    const Project& p = document_->project();
    title_->setText(document_->title() + (document_->modified() ? QStringLiteral(" •") : QString()));
    title_->setToolTip(document_->modified() ? tr("There are changes that are not saved") : QString());
    const auto plan = document_->plan();
    pin_->setEnabled(plan != nullptr);
    pin_->setChecked(document_->pinned().has_value());
    if (!plan) {
        subtitle_->setText(!has_parts(p) ? tr("no model yet") : document_->plan_error());
        for (const Figure& f : {waste_, purge_, changes_, hands_, time_, money_}) {
            f.name->setText(f.title);
            f.value->setText(QStringLiteral("–"));
            f.difference->clear();
            f.value->setToolTip(tr("Known once there is a plan"));
        }
        against_->clear();
        return;
    }
    subtitle_->setText(tr("%1 · %2 layers · %3")
                           .arg(count_of_all(p) == 1   ? tr("1 copy")
                                : p.pieces.size() == 1 ? tr("%1 copies").arg(count_of_all(p))
                                                       : tr("%1 pieces").arg(count_of_all(p)))
                           .arg(plan->grid.count)
                           .arg(words(machine_text(p.machine.name))));
    if (const int n = count_of_all(p);
        n > 1 && p.pieces.size() == 1) // of several kinds the Plate bench tells what one takes
        subtitle_->setText(subtitle_->text() +
                           tr(" · each %1, %2")
                               .arg(QString::fromStdString(duration(plan->totals.total_s / n)),
                                    money_text(p.settings, plan->totals.cost / n)));
    const Totals& t = plan->totals;
    const auto set = [](const Figure& f, const QString& value, const QString& why) {
        f.value->setText(value);
        f.value->setToolTip(why);
        f.name->setToolTip(why);
        f.name->setText(f.title);
        f.value->setAccessibleName(f.title + QStringLiteral(": ") + value);
    };
    const auto g = [](double v) { return QStringLiteral("%1").arg(number(v, v < 100 ? 1 : 0)); };
    set(waste_, QStringLiteral("%1").arg(number(t.waste_ratio, 2)),
        tr("(purge %1 g + tower fill %2 g + support %3 g) ÷ piece %4 g")
            .arg(g(t.purge_g), g(t.tower_g), g(t.support_g + t.interface_g), g(t.model_g)));
    set(purge_, tr("%1 g").arg(g(t.purge_g)),
        tr("The purge of %1 changes, %2 mm³ in all. No order of these layers purges less than %3.\n"
           "%6"
           "Not in it: %4 g to fill the nozzles at the start%5.")
            .arg(t.changes)
            .arg(number(t.purge_mm3, 0))
            .arg(t.purge_mm3 <= plan->bound.purge_mm3 + 0.5
                     ? tr("%1 mm³: this one is proven the best").arg(number(plan->bound.purge_mm3, 0))
                     : tr("%1 mm³: a gap of %2 mm³ or %3 %")
                           .arg(number(plan->bound.purge_mm3, 0))
                           .arg(number(t.purge_mm3 - plan->bound.purge_mm3, 0))
                           .arg(number(100 * (t.purge_mm3 / std::max(1.0, plan->bound.purge_mm3) - 1), 1)))
            .arg(g(t.first_load_g))
            .arg(plan->tower.layers
                     ? tr(", and %1 g of fill that lets the tower stand.\nThe tower is %2 mm square and %3 "
                          "mm tall (%4 times its width) and takes %5 % of all filament")
                           .arg(g(t.tower_g))
                           .arg(number(plan->tower.width_mm, 1))
                           .arg(number(plan->tower.height_mm, 1))
                           .arg(number(plan->tower.slenderness(), 1))
                           .arg(number(100 * tower_share(*plan), 0))
                     : QString())
            .arg((t.useful_purge_g > 0
                      ? tr("%1 g of it are put to use and do not count here.\n").arg(g(t.useful_purge_g))
                      : QString()) +
                 (plan->loading.proven
                      ? tr("Which filament sits on which nozzle is proven too.\n")
                      : (plan->loading.bound > 0
                             ? tr("Which filament sits on which nozzle was searched: at most %1 % from the "
                                  "best.\n")
                                   .arg(number(100 * (plan->loading.cost / plan->loading.bound - 1), 1))
                             : tr("Which filament sits on which nozzle was searched, not proven.\n")))));
    int by_kind[3] = {0, 0, 0};
    for (const Change& c : plan->changes)
        ++by_kind[static_cast<int>(c.kind)];
    set(changes_, QString::number(t.changes),
        tr("%1 by hand, %2 by a feeder, %3 to another nozzle.")
                .arg(by_kind[0])
                .arg(by_kind[1])
                .arg(by_kind[2]) +
            QLatin1Char(' ') +
            (t.changes > plan->bound.changes ? tr("No order takes fewer than %1: a gap of %2.")
                                                   .arg(plan->bound.changes)
                                                   .arg(t.changes - plan->bound.changes)
                                             : tr("No order takes fewer than %1.").arg(plan->bound.changes)));
    set(hands_, QString::number(t.hand_swaps),
        tr("Somebody is at the printer for %1 in all. %2")
            .arg(QString::fromStdString(duration(t.attended_s)), words(presence(p, *plan))));
    set(time_, QString::fromStdString(duration(t.total_s)),
        tr("printing %1 + changing %2")
            .arg(QString::fromStdString(duration(t.print_s)), QString::fromStdString(duration(t.change_s))));
    set(money_, money_text(p.settings, t.cost),
        tr("filament %1 + your time %2")
            .arg(money_text(p.settings, t.filament_cost), money_text(p.settings, t.attended_cost)));

    show_ranges();

    if (!document_->pinned()) {
        against_->clear();
        for (const Figure& f : {waste_, purge_, changes_, hands_, time_, money_})
            f.difference->clear();
        return;
    }
    against_->setText(tr("against the\npinned plan"));
    const Totals& o = *document_->pinned();
    const auto signed_text = [](double d, int decimals) {
        if (std::abs(d) < 0.5 * std::pow(10.0, -decimals))
            return QStringLiteral("±0");
        return (d > 0 ? QStringLiteral("+") : QStringLiteral("−")) + number(std::abs(d), decimals);
    };
    const auto differ = [&](const Figure& f, double now, double then, int decimals) {
        const double d = std::abs(now - then) < 0.5 * std::pow(10.0, -decimals) ? 0 : now - then;
        show_difference(f, d, signed_text(d, decimals));
    };
    differ(waste_, t.waste_ratio, o.waste_ratio, 2);
    differ(purge_, t.purge_g, o.purge_g, 1);
    differ(changes_, t.changes, o.changes, 0);
    differ(hands_, t.hand_swaps, o.hand_swaps, 0);
    differ(money_, t.cost, o.cost, 2);
    const double s = t.total_s - o.total_s;
    show_difference(time_, std::abs(s) < 30 ? 0 : s,
                    std::abs(s) < 30 ? QStringLiteral("±0")
                                     : (s > 0 ? QStringLiteral("+") : QStringLiteral("−")) +
                                           QString::fromStdString(duration(std::abs(s))));
}

void Tally::set_logbook(LogbookStore* logbook) {
    logbook_ = logbook;
    connect(logbook, &LogbookStore::changed, this, &Tally::refresh);
    refresh();
}

/// What the logbook makes of hours and purge, where prints have taught it anything.
void Tally::show_ranges() {
    const auto plan = document_->plan();
    if (!plan || !logbook_ || !logbook_->is_open())
        return;
    const Outlook o = logbook_->outlook(document_->planned_project(), *plan);
    const auto range = [](const Figure& f, const Outlook::Line& line, const QString& low,
                          const QString& high) {
        if (line.prints == 0 || line.foretold <= 0)
            return;
        f.name->setText(tr("%1  %2 – %3").arg(f.title, low, high));
        const QString why = tr("By the logbook between %1 and %2, with 80 %").arg(low, high) +
                            tr(", from %n print(s).", nullptr, line.prints);
        f.value->setToolTip(f.value->toolTip() + QLatin1Char('\n') + why);
        f.name->setToolTip(f.value->toolTip());
        f.value->setAccessibleName(f.value->accessibleName() + QStringLiteral("; ") + why);
    };
    const auto hours = [](double s) { return QString::fromStdString(duration(s)); };
    range(time_, o.time, hours(o.time.range.low), hours(o.time.range.high));
    range(purge_, o.purge, number(o.purge.range.low, 1), number(o.purge.range.high, 1));
}

void Tally::paintEvent(QPaintEvent*) {
    const Theme& t = Theme::current();
    QPainter p(this);
    p.fillRect(rect(), t.panel);
    p.fillRect(QRect(0, height() - 3, width(), 3), t.lead);
}

} // namespace vitrail

#include "moc_tally.cpp"
