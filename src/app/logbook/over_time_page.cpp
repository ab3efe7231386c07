#include "app/logbook/over_time_page.h"

#include "app/document/document.h"
#include "app/document/logbook_store.h"
#include "app/logbook/factor_view.h"
#include "app/logbook/teach_page.h"
#include "app/parts/panel.h"
#include "core/logbook/remarks.h"
#include "paint/words.h"

#include <QComboBox>
#include <QGridLayout>
#include <QLabel>
#include <QScrollArea>
#include <QSignalBlocker>

#include <algorithm>

namespace vitrail {

OverTimePage::OverTimePage(Document* document, LogbookStore* store, QWidget* parent)
    : QWidget(parent), document_(document), store_(store), machine_(new QComboBox), grid_(new QGridLayout),
      says_(new QLabel), sample_(new QLabel), empty_(new QLabel) {
    auto* panel = new Panel(tr("Real against foretold, over time"));
    machine_->setObjectName(QStringLiteral("over_time_machine"));
    machine_->setAccessibleName(tr("Machine"));
    machine_->setSizeAdjustPolicy(QComboBox::AdjustToContents);
    panel->add_to_heading(machine_);
    auto* key = new QLabel(tr("● counts · ○ from before it changed · ✕ does not count · the band is where "
                              "the next comes with 80 % · 1× is as foretold"));
    key->setObjectName(QStringLiteral("quiet"));
    key->setWordWrap(true);
    panel->body()->addWidget(key);
    auto* inside = new QWidget;
    grid_->setContentsMargins(0, 0, 0, 0);
    grid_->setSpacing(em(0.6));
    inside->setLayout(grid_);
    inside->setObjectName(QStringLiteral("plain"));
    auto* scroll = new QScrollArea;
    scroll->setFocusPolicy(Qt::NoFocus); // what is in it has the focus, and is scrolled to
    scroll->setWidget(inside);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setAccessibleName(tr("Factors of the machine over time"));
    panel->body()->addWidget(scroll, 1);
    for (auto [label, name] :
         {std::pair{sample_, "over_time_sample"}, {says_, "over_time_says"}, {empty_, "quiet"}}) {
        label->setObjectName(QString::fromLatin1(name));
        label->setWordWrap(true);
    }
    panel->body()->addWidget(sample_);
    panel->body()->addWidget(empty_);
    auto* said = new Panel(tr("What the records say"));
    said->body()->addWidget(says_);
    auto* all = new QVBoxLayout(this);
    all->setContentsMargins(0, em(0.5), 0, 0);
    all->setSpacing(em(0.6));
    all->addWidget(panel, 1);
    all->addWidget(said);
    connect(machine_, &QComboBox::currentIndexChanged, this, &OverTimePage::show_machine);
    connect(store, &LogbookStore::changed, this, [this] {
        if (isVisible())
            fill();
    });
}

void OverTimePage::showEvent(QShowEvent*) {
    fill();
}

void OverTimePage::fill() {
    QString kept = machine_->currentData().toString();
    if (kept.isEmpty()) // whose prints one is likely to ask for
        kept = QString::fromStdString(document_->project().machine.id);
    {
        const QSignalBlocker quiet(machine_);
        machine_->clear();
        for (const PrintRecord& r : store_->prints())
            if (const QString id = QString::fromStdString(r.machine); machine_->findData(id) < 0)
                machine_->addItem(QString::fromStdString(r.machine_name.empty() ? r.machine : r.machine_name),
                                  id);
        machine_->setCurrentIndex(std::max(0, machine_->findData(kept)));
    }
    machine_->setVisible(machine_->count() > 0);
    show_machine();
}

void OverTimePage::show_machine() {
    const std::string machine = machine_->currentData().toString().toStdString();
    std::vector<const Factor*> shown;
    for (const Factor& f : store_->factors())
        if (f.key.machine == machine ||
            (f.key.machine.empty() && std::any_of(f.samples.begin(), f.samples.end(), [&](const Sample& s) {
                 return store_->prints()[static_cast<std::size_t>(s.record)].machine == machine;
             })))
            shown.push_back(&f);
    std::int64_t from = 0, to = 0;
    for (const Factor* f : shown) {
        from = from == 0 ? f->samples.front().at_s : std::min(from, f->samples.front().at_s);
        to = std::max(to, f->samples.back().at_s);
    }
    while (views_.size() > shown.size()) {
        delete views_.back();
        views_.pop_back();
    }
    while (views_.size() < shown.size()) {
        auto* view = new FactorView;
        view->setObjectName(QStringLiteral("over_time_%1").arg(views_.size()));
        connect(view, &FactorView::chosen_changed, this,
                [this, view] { sample_->setText(view->sample_text(view->chosen())); });
        grid_->addWidget(view, static_cast<int>(views_.size()) / 2, static_cast<int>(views_.size()) % 2);
        views_.push_back(view);
    }
    for (std::size_t i = 0; i < shown.size(); ++i) {
        const FactorKey& key = shown[i]->key;
        FactorKey rest = key;
        rest.machine.clear();
        const QString place = place_of(rest);
        views_[i]->set_heading(place.isEmpty()
                                   ? words(label(key.quantity))
                                   : tr("%1, %2", "what, where").arg(words(label(key.quantity)), place));
        views_[i]->set_span(from, to);
        const QSignalBlocker quiet(views_[i]);
        views_[i]->show_factor(*shown[i], store_->prints());
    }
    empty_->setVisible(shown.empty());
    empty_->setText(tr("Once prints are logged, weighed and timed, how each machine comes out over the "
                       "months stands here."));
    sample_->clear();
    QStringList says;
    for (const Remark& r : remarks(store_->prints(), store_->factors(), machine))
        says << QStringLiteral("• ") + words(r.says) + QLatin1Char(' ') +
                    tr("(%n print(s))", nullptr, r.prints);
    says_->setText(says.isEmpty()
                       ? tr("Too few prints of this machine have been weighed to say anything yet.")
                       : says.join(QLatin1Char('\n')));
}

} // namespace vitrail

#include "moc_over_time_page.cpp"
