#include "app/purge/strips_page.h"

#include "app/document/document.h"
#include "app/document/view_state.h"
#include "app/parts/panel.h"
#include "app/parts/setting_edit.h"
#include "app/parts/tables.h"
#include "app/purge/strips_view.h"
#include "core/check/landing.h"
#include "core/run_sheet/run_sheet.h"
#include "paint/words.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFormLayout>
#include <QHeaderView>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QSignalBlocker>
#include <QSplitter>
#include <QTableWidget>

namespace vitrail {

StripsPage::StripsPage(Document* document, ViewState* view, QWidget* parent)
    : QWidget(parent), document_(document), view_(view), strips_(new StripsView(document)), pair_(new QLabel),
      figures_(new QLabel), lands_(new QLabel), sum_(new QLabel), level_(new QDoubleSpinBox),
      locked_(new QCheckBox(tr("&Locked"))), reason_(new QLineEdit),
      computed_(new QPushButton(tr("As &computed"))),
      show_me_(new QPushButton(icon(QStringLiteral("eye")), tr("Show &me"))),
      global_(new SettingEdit(*find_setting("delta_e"))), levels_(new QTableWidget) {
    auto* list = new Panel(tr("What each change purges"));
    sum_->setObjectName(QStringLiteral("quiet"));
    sum_->setWordWrap(true);
    list->body()->addWidget(sum_);
    auto* scroll = new QScrollArea;
    scroll->setFocusPolicy(Qt::NoFocus); // what is in it has the focus, and is scrolled to
    scroll->setObjectName(QStringLiteral("strips_scroll"));
    scroll->setWidget(strips_);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setFocusPolicy(Qt::NoFocus);
    list->body()->addWidget(scroll, 1);

    auto* one = new Panel(tr("The chosen pair"));
    pair_->setObjectName(QStringLiteral("pair"));
    pair_->setWordWrap(true);
    pair_->setFont(font_of(1.05, true));
    one->body()->addWidget(pair_);
    figures_->setObjectName(QStringLiteral("pair_figures"));
    figures_->setWordWrap(true);
    one->body()->addWidget(figures_);
    lands_->setObjectName(QStringLiteral("lands"));
    lands_->setWordWrap(true);
    one->body()->addWidget(lands_);
    auto* form = new QFormLayout;
    level_->setObjectName(QStringLiteral("pair_level"));
    level_->setRange(0, 30);
    level_->setDecimals(1);
    level_->setSingleStep(0.5);
    level_->setKeyboardTracking(false);
    level_->setSpecialValueText(tr("as the filament"));
    level_->setToolTip(tr("Colour difference at which this pair counts as clean"));
    form->addRow(tr("Clean at Δ&E, this pair"), level_);
    reason_->setObjectName(QStringLiteral("lock_reason"));
    reason_->setPlaceholderText(tr("why it must stay"));
    reason_->setAccessibleName(tr("Reason of the lock"));
    locked_->setObjectName(QStringLiteral("locked"));
    locked_->setToolTip(tr("The volume stays whatever else changes: levels, calibration, colours"));
    form->addRow(locked_, reason_);
    one->body()->addLayout(form);
    auto* row = new QHBoxLayout;
    computed_->setObjectName(QStringLiteral("as_computed"));
    computed_->setToolTip(tr("Drops what was set by hand for this pair"));
    show_me_->setObjectName(QStringLiteral("show_landing"));
    row->addWidget(computed_);
    row->addWidget(show_me_);
    row->addStretch();
    one->body()->addLayout(row);
    one->body()->addStretch();

    auto* levels = new Panel(tr("When it counts as clean"));
    auto* all_row = new QHBoxLayout;
    auto* label = new QLabel(tr("Whole project, Δ&E"));
    label->setBuddy(global_);
    all_row->addWidget(label);
    all_row->addWidget(global_);
    all_row->addStretch();
    levels->body()->addLayout(all_row);
    levels_->setObjectName(QStringLiteral("levels"));
    levels_->setAccessibleName(tr("Level for each filament"));
    levels_->setColumnCount(2);
    levels_->setHorizontalHeaderLabels({tr("a change to"), tr("counts as clean")});
    levels_->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    levels_->horizontalHeaderItem(0)->setTextAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    levels_->horizontalHeaderItem(1)->setTextAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    levels_->verticalHeader()->hide();
    levels_->setShowGrid(false);
    levels_->setSelectionMode(QAbstractItemView::NoSelection);
    levels_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    levels->body()->addWidget(levels_, 1);

    auto* right = make_splitter("strips.right", Qt::Vertical, {one, levels}, {240, 180});
    auto* all = make_splitter("strips.all", Qt::Horizontal, {list, right}, {760, 390});
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(all);

    struct Letters {
        char from, to;
    };
    const auto letters = [this] {
        const auto [a, b] = strips_->chosen();
        const Project& p = document_->planned_project();
        return Letters{p.filaments[static_cast<std::size_t>(a)].letter,
                       p.filaments[static_cast<std::size_t>(b)].letter};
    };
    connect(strips_, &StripsView::chosen_changed, this, &StripsPage::show_pair);
    connect(strips_, &StripsView::refused, this, &StripsPage::said);
    connect(level_, &QDoubleSpinBox::valueChanged, this, [this, letters](double v) {
        const Letters pair = letters();
        document_->edit(tr("Change the level of %1 to %2")
                            .arg(QChar::fromLatin1(pair.from))
                            .arg(QChar::fromLatin1(pair.to)),
                        [&](Project& p) {
                            PairPurge& x = pair_purge_of(p, pair.from, pair.to);
                            x.delta_e = v;
                            if (!x.locked)
                                x.mm3 = 0; // the level decides again
                        });
    });
    connect(locked_, &QCheckBox::clicked, this, &StripsPage::lock);
    connect(reason_, &QLineEdit::editingFinished, this, [this, letters] {
        if (strips_->chosen().first < 0)
            return;
        const Letters pair = letters();
        const PairPurge* x = pair_purge(document_->project(), pair.from, pair.to);
        if (x && x->locked && x->reason != reason_->text().toStdString())
            document_->edit(tr("Change the reason of a lock"), [&](Project& p) {
                pair_purge_of(p, pair.from, pair.to).reason = reason_->text().toStdString();
            });
    });
    connect(computed_, &QPushButton::clicked, this, [this, letters] {
        const Letters pair = letters();
        document_->edit(tr("Purge %1 to %2 as computed")
                            .arg(QChar::fromLatin1(pair.from))
                            .arg(QChar::fromLatin1(pair.to)),
                        [&](Project& p) {
                            std::erase_if(p.pair_purges, [&](const PairPurge& x) {
                                return x.from == pair.from && x.to == pair.to;
                            });
                        });
    });
    connect(show_me_, &QPushButton::clicked, this, [this] {
        const auto plan = document_->plan();
        const PairUse* u =
            plan ? find_pair(*plan, strips_->chosen().first, strips_->chosen().second) : nullptr;
        if (!u)
            return;
        const Landing l = landing_of(document_->planned_project(), *plan, *u);
        view_->set_layer(l.layer);
        if (l.part >= 0)
            view_->select({l.part});
    });
    connect(global_, &SettingEdit::edited, this, [this](double v) {
        document_->edit(tr("Change when a change counts as clean"),
                        [&](Project& p) { p.settings.delta_e = v; });
    });
    connect(document, &Document::plan_changed, this, &StripsPage::show_levels);
    connect(document, &Document::project_changed, this, &StripsPage::show_levels);
    show_levels();
    show_pair();
}

void StripsPage::lock(bool on) {
    const auto plan = document_->plan();
    const PairUse* u = plan ? find_pair(*plan, strips_->chosen().first, strips_->chosen().second) : nullptr;
    if (!u)
        return;
    const Project& planned = document_->planned_project();
    const char from = planned.filaments[static_cast<std::size_t>(u->from)].letter,
               to = planned.filaments[static_cast<std::size_t>(u->to)].letter;
    document_->edit(
        on ? tr("Lock the purge of %1 to %2").arg(QChar::fromLatin1(from)).arg(QChar::fromLatin1(to))
           : tr("Unlock the purge of %1 to %2").arg(QChar::fromLatin1(from)).arg(QChar::fromLatin1(to)),
        [&](Project& p) {
            PairPurge& x = pair_purge_of(p, from, to);
            x.locked = on;
            x.mm3 = u->mm3; // as it stands: unlocked, it can be dragged again
            x.reason = on ? reason_->text().toStdString() : std::string();
        });
}

void StripsPage::show_pair() {
    const auto plan = document_->plan();
    const PairUse* u = plan ? find_pair(*plan, strips_->chosen().first, strips_->chosen().second) : nullptr;
    for (QWidget* w : std::initializer_list<QWidget*>{level_, locked_, reason_, computed_, show_me_})
        w->setEnabled(u);
    if (!u) {
        pair_->setText(tr("No pair chosen"));
        figures_->clear();
        lands_->clear();
        return;
    }
    const Project& p = document_->planned_project();
    const Filament &from = p.filaments[static_cast<std::size_t>(u->from)],
                   &to = p.filaments[static_cast<std::size_t>(u->to)];
    pair_->setText(tr("%1 %2 → %3 %4")
                       .arg(QChar::fromLatin1(from.letter))
                       .arg(QString::fromStdString(from.name))
                       .arg(QChar::fromLatin1(to.letter))
                       .arg(QString::fromStdString(to.name)));
    const QString sure = u->sd_mm3 > 0 ? tr(" ± %1").arg(number(u->sd_mm3, 0)) : QString();
    const QString why =
        u->rule == PurgeRule::locked     ? tr("The volume is locked.")
        : u->rule == PurgeRule::by_hand  ? tr("The cut was set by hand.")
        : u->rule == PurgeRule::material ? tr("Another material purges at least %1 mm³, whatever the colour.")
                                               .arg(p.machine.class_minimum_mm3)
        : u->rule == PurgeRule::prime ? tr("The colours are close enough; the nozzle only primes.")
                                      : QString();
    figures_->setText(
        tr("Purges %1 mm³; clean at ΔE %2 after %3%4 mm³ (dead volume V_d %5, mixing volume V_m %6). %7")
            .arg(number(u->mm3, 0))
            .arg(number(u->delta_e))
            .arg(number(u->clean_mm3, 0))
            .arg(sure)
            .arg(number(u->washout.dead_mm3, 1))
            .arg(number(u->washout.mixing_mm3, 1))
            .arg(why));
    const Landing l = landing_of(p, *plan, *u);
    lands_->setText(tr("Beyond the cut: %1.").arg(words(describe(p, l))));
    lands_->setStyleSheet(l.dirty_mm3 > 0.5 ? QStringLiteral("color: %1").arg(Theme::current().warn.name())
                                            : QString());
    const PairPurge* own = pair_purge(document_->project(), from.letter, to.letter);
    const QSignalBlocker a(level_), b(locked_), c(reason_);
    level_->setValue(own ? own->delta_e : 0);
    locked_->setChecked(own && own->locked);
    if (!reason_->hasFocus())
        reason_->setText(own ? QString::fromStdString(own->reason) : QString());
    computed_->setEnabled(own && !own->locked);
    level_->setEnabled(!own || !own->locked);
}

void StripsPage::show_levels() {
    const Project& p = document_->project();
    global_->show_value(p.settings.delta_e);
    const auto plan = document_->plan();
    if (plan && !plan->pairs.empty()) {
        // How few pairs take half of it.
        double all = 0, sum = 0;
        for (const PairUse& u : plan->pairs)
            all += u.g;
        int few = 0;
        for (const PairUse& u : plan->pairs) {
            ++few;
            if ((sum += u.g) >= all / 2)
                break;
        }
        QStringList washouts;
        for (const WashoutUse& w : plan->washouts)
            washouts << (w.readings ? tr("%1 by calibration from %n reading(s)", nullptr, w.readings)
                                          .arg(QString::fromUtf8(facts(w.material).id))
                         : w.by_setting
                             ? tr("%1 by your own figures").arg(QString::fromUtf8(facts(w.material).id))
                             : tr("%1 by the machine's defaults, not calibrated")
                                   .arg(QString::fromUtf8(facts(w.material).id)));
        washouts.removeDuplicates(); // toolheads may agree
        const double primes = plan->totals.purge_g + plan->totals.useful_purge_g - all;
        sum_->setText(
            tr("%n pair(s) take half of %1 g. Drag a cut, or move it with the arrow keys.", nullptr, few)
                .arg(number(all, 1)) +
            (primes > 0.05
                 ? tr(" Another %1 g prime nozzles that kept their filament.").arg(number(primes, 1))
                 : QString()) +
            QStringLiteral(" ") + washouts.join(QStringLiteral("; ")) + QStringLiteral("."));
    } else {
        sum_->clear();
    }
    levels_->setRowCount(static_cast<int>(p.filaments.size()));
    for (std::size_t f = 0; f < p.filaments.size(); ++f) {
        const Filament& x = p.filaments[f];
        levels_->setItem(static_cast<int>(f), 0,
                         new QTableWidgetItem(QStringLiteral("%1  %2")
                                                  .arg(QChar::fromLatin1(x.letter))
                                                  .arg(QString::fromStdString(x.name))));
        auto* box = qobject_cast<QComboBox*>(levels_->cellWidget(static_cast<int>(f), 1));
        if (!box) {
            box = new QComboBox;
            box->setObjectName(QStringLiteral("level_%1").arg(f));
            levels_->setCellWidget(static_cast<int>(f), 1, box);
            connect(box, &QComboBox::activated, this, [this, f, box](int i) {
                if (f < document_->project().filaments.size())
                    document_->edit(tr("Change when a change counts as clean"), [&](Project& q) {
                        q.filaments[f].delta_e = box->itemData(i).toDouble();
                    });
            });
        }
        const QSignalBlocker quiet(box);
        box->clear();
        box->addItem(tr("as the project, ΔE %1").arg(number(p.settings.delta_e)), 0.0);
        box->addItem(tr("show surface, ΔE 1"), 1.0);
        box->addItem(tr("normal, ΔE 2"), 2.0);
        box->addItem(tr("hidden, ΔE 4"), 4.0);
        box->setAccessibleName(tr("Level of %1").arg(QChar::fromLatin1(x.letter)));
        if (box->findData(x.delta_e) < 0)
            box->addItem(tr("ΔE %1").arg(number(x.delta_e)), x.delta_e);
        box->setCurrentIndex(box->findData(x.delta_e));
    }
    levels_->resizeRowsToContents();
}

} // namespace vitrail

#include "moc_strips_page.cpp"
