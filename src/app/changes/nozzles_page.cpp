#include "app/changes/nozzles_page.h"

#include "app/changes/front_plot.h"
#include "app/changes/slots_view.h"
#include "app/document/document.h"
#include "app/document/study.h"
#include "app/machine/machine_view.h"
#include "app/parts/panel.h"
#include "app/parts/setting_edit.h"
#include "app/parts/tables.h"
#include "core/base/numbers.h"
#include "core/run_sheet/run_sheet.h"
#include "paint/words.h"

#include <QHeaderView>
#include <QPushButton>
#include <QSignalBlocker>
#include <QSlider>
#include <QSplitter>
#include <QTableWidget>

namespace vitrail {

NozzlesPage::NozzlesPage(Document* document, ViewState* view, QWidget* parent)
    : QWidget(parent), document_(document), machine_(new MachineView), slots_(new SlotsView(document, view)),
      table_(make_table("aims", tr("Aims compared"),
                        {{tr("aim"), 6.4},
                         {tr("purge"), 3.5, true},
                         {tr("tower"), 3.5, true},
                         {tr("waste"), 3.6, true},
                         {tr("changing"), 4.4, true},
                         {tr("by hand"), 4.1, true},
                         {tr("on nozzles")}})),
      plot_(new FrontPlot), slider_(new QSlider(Qt::Horizontal)), reason_(new QLabel), presence_(new QLabel),
      slider_says_(new QLabel), can_(new QLabel), use_(new QPushButton(tr("&Use this"))),
      unpin_(new QPushButton(tr("Let go of &pins"))) {
    auto* nozzles = new Panel(tr("Filaments on nozzles"));
    auto* edit = new QPushButton(icon(QStringLiteral("wrench")), tr("Edit the &machine…"));
    edit->setObjectName(QStringLiteral("edit_machine"));
    auto* loaded = new QPushButton(tr("This is &loaded now"));
    loaded->setObjectName(QStringLiteral("loaded_now"));
    loaded->setToolTip(tr(
        "Takes what the plan begins with as what is in the machine already. Least handling then keeps it."));
    unpin_->setObjectName(QStringLiteral("unpin"));
    unpin_->setToolTip(tr("Every filament may go to any nozzle again"));
    for (QPushButton* b : {edit, loaded, unpin_})
        nozzles->add_to_heading(b);
    can_->setObjectName(QStringLiteral("quiet"));
    can_->setWordWrap(true);
    nozzles->body()->addWidget(can_);
    nozzles->body()->addWidget(machine_, 1);

    auto* over_time = new Panel(tr("Slots over time"));
    for (const char* key : {"start.hour", "night.from", "night.to"}) {
        auto* label = new QLabel(words(find_setting(key)->label));
        label->setObjectName(QStringLiteral("quiet"));
        auto* hour = new SettingEdit(*find_setting(key));
        label->setBuddy(hour);
        over_time->add_to_heading(label);
        over_time->add_to_heading(hour);
        hours_.push_back(hour);
        connect(hour, &SettingEdit::edited, this, [this, hour](double v) {
            document_->edit(tr("Change %1").arg(words(hour->info().label)),
                            [&](Project& p) { hour->info().field.set(p.settings, v); });
        });
    }
    presence_->setObjectName(QStringLiteral("presence"));
    presence_->setWordWrap(true);
    over_time->body()->addWidget(presence_);
    over_time->body()->addWidget(slots_, 1);

    auto* aims = new Panel(tr("What each aim costs"));
    table_->horizontalHeaderItem(3)->setToolTip(tr("Spools put in before the start, refills and swaps"));
    aims->body()->addWidget(table_, 2);
    reason_->setObjectName(QStringLiteral("reason"));
    reason_->setWordWrap(true);
    aims->body()->addWidget(reason_);
    auto* row = new QHBoxLayout;
    auto* waste = new QLabel(tr("least waste"));
    auto* handling = new QLabel(tr("least handling"));
    slider_->setObjectName(QStringLiteral("blend"));
    slider_->setAccessibleName(tr("Between least waste and least handling"));
    slider_->setToolTip(tr("Walks along the best trade-offs: for each of its stops nothing wastes less with "
                           "as little work by hand."));
    slider_->setTickPosition(QSlider::TicksBelow);
    slider_->setTickInterval(1);
    slider_->setPageStep(1);
    row->addWidget(waste);
    row->addWidget(slider_, 1);
    row->addWidget(handling);
    aims->body()->addLayout(row);
    slider_says_->setObjectName(QStringLiteral("quiet"));
    slider_says_->setWordWrap(true);
    aims->body()->addWidget(slider_says_);
    aims->body()->addWidget(plot_, 2);
    use_->setObjectName(QStringLiteral("use_aim"));
    aims->add_to_heading(use_);

    auto* left = make_splitter("nozzles.left", Qt::Vertical, {nozzles, over_time}, {245, 205});
    auto* all = make_splitter("nozzles.all", Qt::Horizontal, {left, aims}, {600, 550});
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(all);

    study_ = new Study(document, this,
                       [this](const Project& project, const std::shared_ptr<const Plan>& plan,
                              const Progress& progress) -> std::function<void()> {
                           auto result = std::make_shared<Result<std::vector<AimChoice>>>(
                               compare_aims(project, *plan, progress));
                           return [this, result] {
                               if (*result)
                                   choices_ = **result;
                               show_choices();
                           };
                       });
    connect(edit, &QPushButton::clicked, this, &NozzlesPage::wants_machine_editor);
    connect(loaded, &QPushButton::clicked, this, [this] {
        const auto plan = document_->plan();
        if (!plan)
            return;
        const Project& p = document_->planned_project();
        const std::vector<StartingPlace> places = starting_places(p, *plan);
        std::vector<InMachine> in;
        for (std::size_t f = 0; f < places.size(); ++f)
            if (plan->use[f].printed_mm3() > 0 && places[f].at_start)
                in.push_back({p.filaments[f].letter, places[f].toolhead});
        document_->edit(tr("Note what is in the machine"), [&](Project& q) { q.in_machine = in; });
    });
    connect(unpin_, &QPushButton::clicked, this,
            [this] { document_->edit(tr("Let go of pins"), [](Project& p) { p.pins.clear(); }); });
    connect(machine_, &MachineView::moved, this, &NozzlesPage::move_filament);
    connect(use_, &QPushButton::clicked, this, [this] {
        if (const int r = table_->currentRow(); r >= 0 && r < static_cast<int>(choices_.size()))
            use(choices_[static_cast<std::size_t>(r)]);
    });
    connect(table_, &QTableWidget::cellDoubleClicked, this, [this] { use_->click(); });
    connect(table_, &QTableWidget::currentCellChanged, this, [this](int r) {
        const bool any = r >= 0 && r < static_cast<int>(choices_.size());
        use_->setEnabled(any && !choices_[static_cast<std::size_t>(r)].own);
        if (any)
            reason_->setText(words(choices_[static_cast<std::size_t>(r)].reason));
        plot_->show_choices(choices_, r);
    });
    connect(slider_, &QSlider::valueChanged, this, [this](int v) {
        if (v >= 0 && v < static_cast<int>(front_.size()))
            use(choices_[static_cast<std::size_t>(front_[static_cast<std::size_t>(v)])]);
    });
    connect(document, &Document::plan_changed, this, &NozzlesPage::refresh);
    refresh();
}

void NozzlesPage::use(const AimChoice& choice) {
    const Settings& now = document_->project().settings;
    if (choice.own ||
        (now.aim == choice.aim && (choice.aim != LoadingAim::blend || now.blend_pct == choice.blend_pct)))
        return;
    document_->edit(
        tr("Put filaments on nozzles for another aim"),
        [aim = choice.aim, blend = choice.blend_pct](Project& p) {
            p.settings.aim = aim;
            if (aim == LoadingAim::blend)
                p.settings.blend_pct = blend;
        },
        0x30000);
}

void NozzlesPage::move_filament(int filament, int nozzle) {
    const Project& p = document_->planned_project();
    const char letter = p.filaments[static_cast<std::size_t>(filament)].letter;
    document_->edit(
        nozzle < 0
            ? tr("Let go of %1").arg(QChar::fromLatin1(letter))
            : tr("Pin %1 to %2").arg(QChar::fromLatin1(letter)).arg(words(nozzle_name(p.machine, nozzle))),
        [&](Project& q) { pin(q, letter, nozzle); });
}

void NozzlesPage::refresh() {
    const Project& p = document_->planned_project();
    const auto plan = document_->plan();
    for (SettingEdit* h : hours_)
        h->show_value(h->info().field.of(document_->project().settings));
    if (auto* loaded = findChild<QPushButton*>(QStringLiteral("loaded_now")))
        loaded->setEnabled(plan != nullptr);
    unpin_->setEnabled(plan && !p.pins.empty());
    if (!plan) {
        machine_->show_machine(document_->project().machine);
        can_->setText(words(what_it_can(document_->project().machine)));
        presence_->clear();
        choices_.clear();
        show_choices();
        return;
    }
    can_->setText(words(what_it_can(p.machine)));
    MachineView::Load load;
    load.filaments = p.filaments;
    const std::vector<StartingPlace> places = starting_places(p, *plan);
    for (std::size_t f = 0; f < p.filaments.size(); ++f) {
        const bool used = plan->use[f].printed_mm3() > 0;
        load.nozzle.push_back(used ? plan->loading.nozzle[f] : -1);
        load.pinned.push_back(std::any_of(p.pins.begin(), p.pins.end(),
                                          [&](const Pin& x) { return x.filament == p.filaments[f].letter; }));
        if (used && places[f].at_start)
            load.slots[{places[f].toolhead, places[f].slot}] = static_cast<int>(f);
    }
    machine_->show_machine(p.machine, std::move(load));
    unpin_->setEnabled(!p.pins.empty());
    presence_->setText(
        words(presence(p, *plan)) +
        (plan->totals.refills ? tr(" %n refill(s).", nullptr, plan->totals.refills) : QString()) +
        (plan->totals.pauses ? tr(" For %n of them the printer waits.", nullptr, plan->totals.pauses)
                             : QString()));
    presence_->setStyleSheet(plan->attendance.night_trips
                                 ? QStringLiteral("color: %1").arg(Theme::current().warn.name())
                                 : QString());
}

void NozzlesPage::show_choices() {
    const QSignalBlocker quiet(slider_), silent(table_);
    table_->setRowCount(static_cast<int>(choices_.size()));
    front_.clear();
    const Project& p = document_->planned_project();
    int marked = 0;
    for (std::size_t i = 0; i < choices_.size(); ++i) {
        const AimChoice& c = choices_[i];
        const Totals& t = c.plan->totals;
        QStringList on;
        for (std::size_t n = 0; n < p.machine.nozzles.size(); ++n) {
            QString letters;
            for (std::size_t f = 0; f < p.filaments.size() && f < c.plan->loading.nozzle.size(); ++f)
                if (c.plan->use[f].printed_mm3() > 0 && c.plan->loading.nozzle[f] == static_cast<int>(n))
                    letters += QChar::fromLatin1(p.filaments[f].letter);
            on << (letters.isEmpty() ? QStringLiteral("–") : letters);
        }
        const QString name = c.own                           ? p.pins.empty() ? tr("now") : tr("now, pinned")
                                                       : c.aim == LoadingAim::waste ? tr("least waste")
                             : c.aim == LoadingAim::time     ? tr("least time")
                             : c.aim == LoadingAim::handling ? tr("least handling")
                                                             : tr("blend %1 %").arg(number(c.blend_pct, 0));
        set_row(table_, static_cast<int>(i),
                {name, tr("%1 g").arg(number(t.purge_g, 1)), tr("%1 g").arg(number(t.tower_g, 1)),
                 tr("%1 g").arg(number(waste_g(t), 1)), QString::fromStdString(duration(t.change_s)),
                 QString::number(handlings(*c.plan)), on.join(QStringLiteral("·"))},
                {}, c.own);
        table_->item(static_cast<int>(i), 3)
            ->setToolTip(
                tr("purge %1 g, tower and walls %2 g, support %3 g")
                    .arg(number(t.purge_g, 1), number(t.tower_g, 1), number(t.support_g + t.interface_g, 1)));
        table_->item(static_cast<int>(i), 5)
            ->setToolTip(tr("%1 spools put in before the start, %2 refills, %3 swaps")
                             .arg(t.spools_to_load)
                             .arg(t.refills)
                             .arg(t.hand_swaps));
        table_->item(static_cast<int>(i), 6)
            ->setToolTip(tr("By nozzle, in the order of the machine%1")
                             .arg(c.plan->loading.proven
                                      ? tr("; proven: no other split costs less for this aim")
                                      : tr("; searched, not proven")));
        if (!c.own && c.aim != LoadingAim::time)
            front_.push_back(static_cast<int>(i));
    }
    std::stable_sort(front_.begin(), front_.end(), [&](int a, int b) {
        const auto &x = choices_[static_cast<std::size_t>(a)], &y = choices_[static_cast<std::size_t>(b)];
        return x.aim == LoadingAim::handling   ? false
               : y.aim == LoadingAim::handling ? true
                                               : waste_g(x.plan->totals) < waste_g(y.plan->totals);
    });
    const bool trade =
        choices_.size() > 3 && (waste_g(choices_[1].plan->totals) != waste_g(choices_[3].plan->totals) ||
                                handlings(*choices_[1].plan) != handlings(*choices_[3].plan));
    slider_->setRange(0, std::max(0, static_cast<int>(front_.size()) - 1));
    slider_->setEnabled(trade);
    const Settings& s = document_->project().settings;
    for (std::size_t k = 0; k < front_.size(); ++k) {
        const AimChoice& c = choices_[static_cast<std::size_t>(front_[k])];
        if (c.aim == s.aim && (c.aim != LoadingAim::blend || c.blend_pct == s.blend_pct))
            slider_->setValue(static_cast<int>(k));
    }
    slider_says_->setText(choices_.empty() ? tr("Once there is a plan, its alternatives stand here.")
                          : trade
                              ? tr("%n best trade-off(s) between waste and work by hand. A ring marks the "
                                   "plan as it is, a square the least time.",
                                   nullptr, static_cast<int>(front_.size()))
                              : tr("Least waste and least handling agree here: there is nothing to trade."));
    if (!choices_.empty()) {
        table_->selectRow(marked);
        reason_->setText(words(choices_.front().reason));
    } else {
        reason_->clear();
    }
    use_->setEnabled(false);
    plot_->show_choices(choices_, marked);
}

} // namespace vitrail

#include "moc_nozzles_page.cpp"
