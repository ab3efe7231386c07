#include "app/logbook/totals_page.h"

#include "app/document/document.h"
#include "app/document/logbook_store.h"
#include "app/parts/panel.h"
#include "app/parts/tables.h"
#include "core/base/numbers.h"
#include "core/logbook/totals.h"
#include "formats/place_clock.h"
#include "paint/words.h"

#include <QComboBox>
#include <QDateTime>
#include <QFileInfo>
#include <QLabel>
#include <QLocale>
#include <QSplitter>
#include <QTableWidget>

namespace vitrail {

TotalsPage::TotalsPage(Document* document, LogbookStore* store, QWidget* parent)
    : QWidget(parent), document_(document), store_(store), period_(new QComboBox), says_(new QLabel),
      nothing_saved_(new QLabel) {
    auto* sums = new Panel(tr("What it comes to"));
    period_->addItems({tr("by the month"), tr("by the year")});
    period_->setObjectName(QStringLiteral("totals_period"));
    period_->setAccessibleName(tr("Months or years"));
    sums->add_to_heading(period_);
    table_ = make_table("totals", tr("Totals"),
                        {{QString(), 0},
                         {tr("prints"), 4, true},
                         {tr("failed"), 4, true},
                         {tr("in pieces"), 6, true},
                         {tr("waste"), 6, true},
                         {tr("hours"), 6, true},
                         {tr("trips"), 4, true},
                         {tr("at night"), 5, true},
                         {tr("money"), 5.5, true},
                         {tr("saved"), 8, true}});
    sums->body()->addWidget(table_, 1);
    says_->setObjectName(QStringLiteral("totals_says"));
    says_->setWordWrap(true);
    sums->body()->addWidget(says_);
    auto* wrong = new Panel(tr("What went wrong"));
    faults_ = make_table(
        "totals_faults", tr("What went wrong"),
        {{tr("fault"), 0}, {tr("prints"), 3.6, true}, {tr("lost"), 4.2, true}, {tr("money"), 4.2, true}});
    wrong->body()->addWidget(faults_, 1);
    auto* saved = new Panel(tr("What proposals saved"));
    saved_ = make_table("totals_saved", tr("What proposals saved"),
                        {{tr("by"), 0},
                         {tr("prints"), 3.6, true},
                         {tr("waste"), 4, true},
                         {tr("time"), 4.4, true},
                         {tr("money"), 4.2, true}});
    saved->body()->addWidget(saved_, 1);
    nothing_saved_->setWordWrap(true);
    nothing_saved_->setObjectName(QStringLiteral("quiet"));
    nothing_saved_->setText(tr("None yet. Proposals that are taken on the benches Changes and Supports are "
                               "counted here, and the order within layers against that by letter."));
    saved->body()->addWidget(nothing_saved_);
    auto* rates = new Panel(tr("What was in them"));
    rates_ = make_table("totals_rates", tr("What failed prints had in them"),
                        {{QString(), 4.6}, {QString(), 0}, {tr("failed"), 4.6, true}});
    rates->body()->addWidget(rates_, 1);
    auto* all = new QVBoxLayout(this);
    all->setContentsMargins(0, em(0.5), 0, 0);
    all->addWidget(make_splitter(
        "logbook.totals", Qt::Vertical,
        {sums, make_splitter("logbook.wrong", Qt::Horizontal, {saved, wrong, rates}, {400, 400, 320})},
        {320, 200}));
    connect(period_, &QComboBox::currentIndexChanged, this, &TotalsPage::fill);
    connect(store, &LogbookStore::changed, this, [this] {
        if (isVisible())
            fill();
    });
}

void TotalsPage::showEvent(QShowEvent*) {
    fill();
}

void TotalsPage::fill() {
    const auto& prints = store_->prints();
    const Settings& s = document_->project().settings;
    const bool years = period_->currentIndex() == 1;
    const Zone zone = place_zone(now_s());
    std::vector<Total> found = totals(prints, zone, years ? Period::year : Period::month);
    const auto grams = [](double g) {
        return g < 1000 ? tr("%1 g").arg(number(g, 0)) : tr("%1 kg").arg(number(g / 1000, 2));
    };
    const auto row = [&](int at, const QString& name, const Total& t, bool bold) {
        set_row(table_, at,
                {name, QString::number(t.prints), QString::number(t.failed), grams(t.printed_g),
                 grams(t.waste_g), QString::fromStdString(duration(t.seconds)), QString::number(t.trips),
                 QString::number(t.night_trips), money_text(s, t.cost),
                 t.saved_g >= 0.5 || t.saved_cost >= 0.005
                     ? tr("%1, %2").arg(grams(t.saved_g), money_text(s, t.saved_cost))
                     : tr("–")},
                {}, bold);
    };
    table_->setRowCount(static_cast<int>(found.size()) + (found.size() > 1 ? 1 : 0));
    for (int i = 0; i < static_cast<int>(found.size()); ++i) { // the newest first
        const Total& t = found[found.size() - 1 - static_cast<std::size_t>(i)];
        row(i,
            QLocale().toString(QDateTime::fromSecsSinceEpoch(t.from_s).date(),
                               years ? QStringLiteral("yyyy") : QStringLiteral("MMMM yyyy")),
            t, false);
    }
    if (found.size() > 1)
        row(table_->rowCount() - 1, tr("all of it"), sum(found), true);
    says_->setText(
        found.empty()
            ? tr("Once prints are logged, what months and years come to stands here.")
            : tr("Measured where it was, else as foretold; of a failed print everything is waste. Saved: by "
                 "the order within layers, against the same print in the order as assigned; by purge that "
                 "replaced something; and by every proposal that was taken."));
    const auto faults = failures(prints);
    faults_->setRowCount(static_cast<int>(faults.size()));
    for (int i = 0; i < faults_->rowCount(); ++i) {
        const Failure& f = faults[static_cast<std::size_t>(i)];
        const Fault* known = find_fault(f.fault);
        set_row(faults_, i,
                {known ? words(known->words) : tr("nobody said"), QString::number(f.prints), grams(f.lost_g),
                 money_text(s, f.lost_cost)},
                known ? words(known->words) : QString());
    }
    const auto saved = saved_by(prints);
    saved_->setRowCount(static_cast<int>(saved.size()));
    nothing_saved_->setVisible(saved.empty());
    for (int i = 0; i < saved_->rowCount(); ++i) {
        const SavedBy& by = saved[static_cast<std::size_t>(i)];
        set_row(saved_, i,
                {words(saving_label(by.code)), QString::number(by.prints), grams(by.waste_g),
                 QString::fromStdString(duration(by.time_s)), money_text(s, by.cost)},
                words(saving_label(by.code)));
    }
    const auto rates = failure_rates(prints);
    rates_->setRowCount(static_cast<int>(rates.size()));
    const QString kinds[] = {tr("machine"), tr("material"), tr("spool"),
                             tr("support"), tr("piece"),    tr("setting")};
    for (int i = 0; i < rates_->rowCount(); ++i) {
        const FailureRate& f = rates[static_cast<std::size_t>(i)];
        using Of = FailureRate::Of;
        const QString given = QString::fromStdString(f.name);
        const QString name = f.of == Of::school  ? words(school_label(f.name))
                             : f.of == Of::piece ? QFileInfo(given).completeBaseName()
                             : f.of == Of::setting
                                 ? tr("%1: %2", "setting, value")
                                       .arg(words(setting_label(f.name)), QString::fromStdString(f.value))
                                 : given;
        set_row(rates_, i, {kinds[static_cast<int>(f.of)], name, tr("%1 of %2").arg(f.failed).arg(f.prints)},
                name);
    }
}

} // namespace vitrail

#include "moc_totals_page.cpp"
