#include "app/logbook/teach_page.h"

#include "app/document/document.h"
#include "app/document/logbook_store.h"
#include "app/logbook/factor_view.h"
#include "app/parts/panel.h"
#include "app/parts/tables.h"
#include "core/base/numbers.h"
#include "formats/files.h"
#include "formats/machine_file.h"
#include "paint/words.h"

#include <QDateTime>
#include <QFileDialog>
#include <QFileInfo>
#include <QLabel>
#include <QLocale>
#include <QPushButton>
#include <QSignalBlocker>
#include <QSplitter>
#include <QTableWidget>

#include <algorithm>
#include <cmath>
#include <set>

namespace vitrail {

QString place_of(const FactorKey& k) {
    QStringList parts;
    for (const std::string& text : {k.machine, k.material, k.school})
        if (!text.empty())
            parts << QString::fromStdString(text);
    if (k.nozzle_mm > 0)
        parts << TeachPage::tr("%1 mm").arg(number(k.nozzle_mm));
    return parts.join(QStringLiteral(", "));
}

TeachPage::TeachPage(Document* document, LogbookStore* store, QWidget* parent)
    : QWidget(parent), document_(document), store_(store), view_(new FactorView), score_(new ScoreView),
      says_(new QLabel), sample_(new QLabel), score_says_(new QLabel),
      switch_(new QPushButton(tr("&Switch off"))), leave_out_(new QPushButton(tr("&Leave this print out"))),
      anew_(new QPushButton(tr("Start a&new"))), machine_(new QPushButton(tr("Into a &machine file…"))) {
    auto* factors = new Panel(tr("What the prints teach"));
    table_ = make_table("teach_factors", tr("Factors"),
                        {{tr("of what"), 8},
                         {tr("where"), 0},
                         {tr("factor"), 7, true},
                         {tr("next: 80 %"), 8.5, true},
                         {tr("prints"), 4, true}});
    factors->body()->addWidget(table_, 1);
    says_->setObjectName(QStringLiteral("teach_says"));
    says_->setWordWrap(true);
    factors->body()->addWidget(says_);
    machine_->setObjectName(QStringLiteral("teach_machine"));
    machine_->setToolTip(tr("Writes the open project's machine with what its prints taught: whoever prints "
                            "with that file starts from there"));
    factors->add_to_heading(machine_);
    connect(machine_, &QPushButton::clicked, this, &TeachPage::write_machine_file);
    auto* plot = new Panel(tr("Where it comes from"));
    plot->body()->addWidget(view_, 1);
    sample_->setObjectName(QStringLiteral("teach_sample"));
    sample_->setWordWrap(true);
    plot->body()->addWidget(sample_);
    auto* row = new QHBoxLayout;
    switch_->setObjectName(QStringLiteral("teach_switch"));
    switch_->setToolTip(tr("The plan's own figure stands then, with the spread of a guess"));
    leave_out_->setObjectName(QStringLiteral("teach_leave_out"));
    row->addWidget(switch_);
    anew_->setObjectName(QStringLiteral("teach_anew"));
    anew_->setToolTip(tr("Nothing that was printed so far teaches this factor any more: after a repair, or "
                         "another nozzle. Undo brings it back."));
    row->addWidget(leave_out_);
    row->addWidget(anew_);
    row->addStretch();
    plot->body()->addLayout(row);

    auto* next = new Panel(tr("The open project, as the logbook sees it"));
    outlook_ = make_table("teach_outlook", tr("Ranges for the open project"),
                          {{QString(), 7},
                           {tr("by the plan"), 0, true},
                           {tr("with 80 % between"), 0, true},
                           {tr("from"), 6, true}});
    next->body()->addWidget(outlook_, 1);
    auto* held = new Panel(tr("Do ranges hold what they say?"));
    score_says_->setObjectName(QStringLiteral("teach_score"));
    score_says_->setWordWrap(true);
    held->body()->addWidget(score_, 1);
    held->body()->addWidget(score_says_);

    auto* left = make_splitter("logbook.teach_left", Qt::Vertical, {factors, next}, {300, 220});
    auto* right = make_splitter("logbook.teach_right", Qt::Vertical, {plot, held}, {300, 220});
    auto* all = new QVBoxLayout(this);
    all->setContentsMargins(0, em(0.5), 0, 0);
    all->addWidget(make_splitter("logbook.teach", Qt::Horizontal, {left, right}, {590, 520}));
    connect(table_, &QTableWidget::itemSelectionChanged, this, &TeachPage::show_chosen);
    connect(view_, &FactorView::chosen_changed, this, [this] {
        sample_->setText(view_->sample_text(view_->chosen()));
        const Factor* f = chosen();
        const bool any = f && view_->chosen() >= 0;
        leave_out_->setEnabled(any);
        leave_out_->setText(any && f->samples[static_cast<std::size_t>(view_->chosen())].use ==
                                        Sample::Use::left_out
                                ? tr("&Count this print")
                                : tr("&Leave this print out"));
    });
    connect(switch_, &QPushButton::clicked, this, &TeachPage::switch_factor);
    connect(leave_out_, &QPushButton::clicked, this, &TeachPage::leave_print_out);
    connect(anew_, &QPushButton::clicked, this, &TeachPage::start_anew);
    connect(store, &LogbookStore::changed, this, &TeachPage::fill);
    connect(document, &Document::plan_changed, this, [this] {
        if (isVisible())
            show_outlook();
    });
    fill();
}

const Factor* TeachPage::chosen() const {
    const int row = table_->currentRow();
    return row >= 0 && row < static_cast<int>(store_->factors().size())
               ? &store_->factors()[static_cast<std::size_t>(row)]
               : nullptr;
}

void TeachPage::fill() {
    const auto& factors = store_->factors();
    const int kept = std::max(0, table_->currentRow());
    {
        const QSignalBlocker quiet(table_);
        table_->setRowCount(static_cast<int>(factors.size()));
        for (int i = 0; i < table_->rowCount(); ++i) {
            const Factor& f = factors[static_cast<std::size_t>(i)];
            const double factor = std::exp(f.belief.centre);
            const Interval r = range_of(f.belief, 1);
            set_row(
                table_, i,
                {words(label(f.key.quantity)), place_of(f.key),
                 f.off ? tr("off")
                       : tr("%1 ± %2").arg(number(factor, 2), number(factor * f.belief.mean_sd, 2)),
                 tr("%1 to %2").arg(number(r.low, 2), number(r.high, 2)), QString::number(f.belief.prints)},
                f.drift ? tr("It changed %1")
                              .arg(QLocale().toString(QDateTime::fromSecsSinceEpoch(f.drift->since_s).date(),
                                                      QLocale::ShortFormat))
                        : QString());
            if (f.drift)
                table_->item(i, 2)->setForeground(Theme::current().warn);
        }
        if (!factors.empty())
            table_->setCurrentCell(std::min(kept, table_->rowCount() - 1), 0);
    }
    const Score& s = store_->score();
    score_->show_score(s);
    score_says_->setText(s.figures
                             ? tr("Of %n figure(s) with a range", nullptr, s.figures) +
                                   tr(", %1 % came out within their 80 %.").arg(number(100 * s.within_80, 0))
                             : QString());
    show_chosen();
    show_outlook();
}

void TeachPage::show_chosen() {
    const Factor* f = chosen();
    view_->show_factor(f ? std::optional(*f) : std::nullopt, store_->prints());
    switch_->setEnabled(f != nullptr);
    anew_->setEnabled(f && f->belief.prints > 0);
    machine_->setEnabled(!kept_factors(document_->project().machine, store_->factors()).empty());
    switch_->setText(f && f->off ? tr("&Switch on") : tr("&Switch off"));
    if (!f) {
        says_->setText(tr("A factor is what comes out, divided by what the plan says: 1.12 of printing means "
                          "an eighth more. It is pulled towards 1 while there are few prints."));
        leave_out_->setEnabled(false);
        sample_->clear();
        return;
    }
    QString text;
    if (f->drift) {
        const double pct = 100 * (f->drift->after / f->drift->before - 1);
        const QString since =
            QLocale().toString(QDateTime::fromSecsSinceEpoch(f->drift->since_s).date(), QLocale::LongFormat);
        text =
            pct > 0
                ? tr("▲ Since %1 it is %2 % more; only what came since teaches.").arg(since, number(pct, 0))
                : tr("▲ Since %1 it is %2 % less; only what came since teaches.").arg(since, number(-pct, 0));
    }
    QStringList out;
    for (const Sample& s : f->samples)
        if (s.use == Sample::Use::outlier)
            out << QString::fromStdString(store_->prints()[static_cast<std::size_t>(s.record)].title);
    if (!out.isEmpty())
        text += (text.isEmpty() ? QString() : QStringLiteral(" ")) +
                tr("Too far from the others to count: %1.").arg(out.join(QStringLiteral(", ")));
    if (f->off)
        text += (text.isEmpty() ? QString() : QStringLiteral(" ")) +
                tr("Switched off: the plan's own figure stands.");
    says_->setText(text);
}

void TeachPage::show_outlook() {
    const auto plan = document_->plan();
    outlook_->setRowCount(0);
    if (!plan)
        return;
    const Outlook o = store_->outlook(document_->planned_project(), *plan);
    for (const auto& [name, line, grams] : {std::tuple{tr("time"), o.time, false},
                                            {tr("piece"), o.piece, true},
                                            {tr("purge"), o.purge, true},
                                            {tr("tower"), o.tower, true},
                                            {tr("cleaning up"), o.cleaning, false},
                                            {tr("soaking"), o.soaking, false}}) {
        if (line.foretold <= 0)
            continue;
        const auto text = [&, g = grams](double v) {
            return g ? tr("%1 g").arg(number(v, 1)) : QString::fromStdString(duration(v));
        };
        outlook_->insertRow(outlook_->rowCount());
        set_row(outlook_, outlook_->rowCount() - 1,
                {name, text(line.foretold), tr("%1 and %2").arg(text(line.range.low), text(line.range.high)),
                 line.prints ? tr("%n print(s)", nullptr, line.prints) : tr("a guess")},
                line.prints ? QString() : tr("No print of this kind is in the logbook yet"));
    }
}

void TeachPage::switch_factor() {
    const Factor* f = chosen();
    if (!f)
        return;
    const FactorKey key = f->key;
    store_->edit(f->off ? tr("Switch a factor on") : tr("Switch a factor off"), [&](LogbookStore::Book& b) {
        if (std::erase(b.off, key) == 0)
            b.off.push_back(key);
    });
}

void TeachPage::start_anew() {
    const Factor* f = chosen();
    if (!f)
        return;
    std::set<std::string> ids;
    for (const Sample& s : f->samples)
        ids.insert(store_->prints()[static_cast<std::size_t>(s.record)].id);
    const Quantity q = f->key.quantity;
    store_->edit(tr("Start a factor anew"), [&](LogbookStore::Book& b) {
        for (PrintRecord& r : b.prints)
            if (ids.count(r.id))
                r.at(q).left_out = true;
    });
}

void TeachPage::write_machine_file() {
    Machine machine = document_->project().machine;
    machine.learned = kept_factors(machine, store_->factors());
    const QString path = QFileDialog::getSaveFileName(
        this, tr("Write the machine with what its prints taught"),
        QString::fromStdString(machine.id) + QStringLiteral(".json"), tr("Machine files (*.json)"));
    if (path.isEmpty())
        return;
    const Status ok = write_file(path.toStdString(), write_machine(machine));
    Q_EMIT said(
        ok ? tr("%1 was written, with %n factor(s).", nullptr, static_cast<int>(machine.learned.size()))
                 .arg(QFileInfo(path).fileName())
           : tr("%1 was not written. %2").arg(QFileInfo(path).fileName(), words(ok.error().message)));
}

void TeachPage::leave_print_out() {
    const Factor* f = chosen();
    if (!f || view_->chosen() < 0)
        return;
    const Quantity q = f->key.quantity;
    const int sample = view_->chosen();
    const std::string id =
        store_->prints()[static_cast<std::size_t>(f->samples[static_cast<std::size_t>(sample)].record)].id;
    store_->edit(tr("Leave a print out, or count it"), [&](LogbookStore::Book& b) {
        for (PrintRecord& r : b.prints)
            if (r.id == id)
                r.at(q).left_out = !r.at(q).left_out;
    });
    view_->choose(sample);
}

} // namespace vitrail

#include "moc_teach_page.cpp"
