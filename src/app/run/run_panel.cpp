#include "app/run/run_panel.h"

#include "app/parts/panel.h"
#include "app/run/run_store.h"
#include "core/base/numbers.h"
#include "paint/words.h"

#include <QDateTime>
#include <QGridLayout>
#include <QLabel>
#include <QListWidget>
#include <QLocale>
#include <QMessageBox>
#include <QPushButton>
#include <QSignalBlocker>
#include <QSpinBox>

namespace vitrail {

namespace {

constexpr int kVisit = Qt::UserRole;

/// "19:52", on another day "Sat 19:52".
QString clock(std::int64_t s, std::int64_t today_s) {
    const QDateTime t = QDateTime::fromSecsSinceEpoch(s);
    return t.date() == QDateTime::fromSecsSinceEpoch(today_s).date()
               ? t.toString(QStringLiteral("HH:mm"))
               : QLocale().toString(t, QStringLiteral("ddd HH:mm"));
}

QString window_text(const DueVisit& v, std::int64_t today_s) {
    return v.to_s - v.from_s < 60
               ? clock(v.from_s, today_s)
               : QStringLiteral("%1 – %2").arg(clock(v.from_s, today_s), clock(v.to_s, v.from_s));
}

/// Between when it comes due with 80 %; empty where nobody knows.
QString range_text(const DueVisit& v, std::int64_t today_s) {
    return v.late_s - v.early_s < 60
               ? QString()
               : RunPanel::tr("%1 to %2").arg(clock(v.early_s, today_s), clock(v.late_s, v.early_s));
}

} // namespace

RunPanel::RunPanel(RunStore* store, QWidget* parent)
    : QWidget(parent), store_(store), heading_(new QLabel), when_(new QLabel), what_(new QLabel),
      note_(new QLabel), list_(new QListWidget), layer_(new QSpinBox) {
    auto* panel = new Panel(tr("Next"));
    heading_->setObjectName(QStringLiteral("run_state"));
    heading_->setWordWrap(true);
    when_->setObjectName(QStringLiteral("run_when"));
    when_->setFont(font_of(1.9, true));
    what_->setObjectName(QStringLiteral("run_what"));
    what_->setWordWrap(true);
    note_->setObjectName(QStringLiteral("quiet"));
    note_->setWordWrap(true);
    list_->setObjectName(QStringLiteral("run_visits"));
    list_->setAccessibleName(tr("Visits, ticked off as they are done"));
    list_->setWordWrap(true);
    list_->setTextElideMode(Qt::ElideNone);
    list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);

    start_ = key("run_start", tr("&Started now"), QStringLiteral("F6"),
                 tr("The printer has begun: from now on times are real ones (F6)"));
    layer_key_ = key("run_layer", tr("&Layer begins now"), QStringLiteral("F7"),
                     tr("The layer beside it begins this moment: what is to come moves with it (F7)"));
    done_ = key("run_done", tr("Swap &done"), QStringLiteral("F8"),
                tr("What was due is done, and the printer goes on (F8)"));
    pause_ = key("run_pause", tr("&Paused"), QStringLiteral("F9"),
                 tr("The printer stands, or goes on again (F9)"));
    finish_ = key("run_finish", tr("&Finished"), QStringLiteral("F10"), tr("The plate is done (F10)"));
    fail_ = key("run_fail", tr("F&ailed…"), {}, tr("It went wrong and will not be finished"));
    back_ = key("run_back", tr("Take &back"), {}, tr("The last report was a mistake"));
    off_ = key("run_off", tr("Call it &off…"), {}, tr("Nothing more of this run is followed"));
    calendar_ = key("run_calendar", tr("Into my &calendar…"), {},
                    tr("Save the visits as a calendar file (iCalendar), with alarms"));
    log_ = key("run_log", tr("Lo&g this print…"), {},
               tr("Into the logbook: when it was done, what it weighs, how it came out (Ctrl+L)"));
    layer_->setObjectName(QStringLiteral("run_layer_number"));
    layer_->setAccessibleName(tr("Layer that begins now"));
    layer_->setMinimum(1);

    auto* keys = new QGridLayout;
    keys->setSpacing(em(0.4));
    keys->addWidget(start_, 0, 0, 1, 2);
    keys->addWidget(layer_key_, 1, 0);
    keys->addWidget(layer_, 1, 1);
    keys->addWidget(done_, 2, 0);
    keys->addWidget(pause_, 2, 1);
    keys->addWidget(finish_, 3, 0);
    keys->addWidget(fail_, 3, 1);
    keys->addWidget(back_, 4, 0);
    keys->addWidget(off_, 4, 1);
    keys->addWidget(calendar_, 5, 0, 1, 2);
    keys->addWidget(log_, 6, 0, 1, 2);
    panel->body()->addWidget(heading_);
    panel->body()->addWidget(when_);
    panel->body()->addWidget(what_);
    panel->body()->addWidget(note_);
    panel->body()->addWidget(list_, 1);
    panel->body()->addLayout(keys);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(panel);

    connect(start_, &QPushButton::clicked, this, [this] {
        if (id_.empty())
            begin();
        else
            report(RunEvent::What::started);
    });
    connect(layer_key_, &QPushButton::clicked, this, [this] { report(RunEvent::What::layer); });
    connect(done_, &QPushButton::clicked, this, [this] {
        for (const DueVisit& v : state_.rest.visits)
            if (v.index >= 0)
                return report(RunEvent::What::done, v.index);
    });
    connect(pause_, &QPushButton::clicked, this, [this] {
        report(state_.is == RunState::Is::paused ? RunEvent::What::resumed : RunEvent::What::paused);
    });
    connect(finish_, &QPushButton::clicked, this, [this] { report(RunEvent::What::finished); });
    connect(fail_, &QPushButton::clicked, this, [this] {
        if (QMessageBox::question(this, tr("It failed"),
                                  tr("Has this plate failed in layer %1? It will not be followed any "
                                     "further; what was real is kept.")
                                      .arg(layer_->value())) == QMessageBox::Yes)
            report(RunEvent::What::failed);
    });
    connect(back_, &QPushButton::clicked, this, [this] { store_->take_back(id_); });
    connect(off_, &QPushButton::clicked, this, [this] {
        if (QMessageBox::question(
                this, tr("Call the run off"),
                tr("Shall this run not be followed any more? What was reported is kept.")) ==
            QMessageBox::Yes)
            report(RunEvent::What::called_off);
    });
    connect(log_, &QPushButton::clicked, this, &RunPanel::wants_log);
    connect(calendar_, &QPushButton::clicked, this, &RunPanel::wants_calendar);
    connect(list_, &QListWidget::itemChanged, this, [this](QListWidgetItem* item) {
        if (!filling_ && !id_.empty() && item->checkState() == Qt::Checked)
            report(RunEvent::What::done, item->data(kVisit).toInt());
    });
    connect(store_, &RunStore::changed, this, [this] {
        if (!id_.empty() && !store_->run(id_))
            id_.clear();
        refresh();
    });
    connect(store_, &RunStore::ticked, this, [this] {
        if (isVisible())
            refresh();
    });
    refresh();
}

QPushButton* RunPanel::key(const char* name, const QString& text, const QString& shortcut,
                           const QString& tip) {
    auto* b = new QPushButton(shortcut.isEmpty() ? text : QStringLiteral("%1  %2").arg(text, shortcut));
    b->setObjectName(QString::fromLatin1(name));
    b->setToolTip(tip);
    if (!shortcut.isEmpty())
        b->setShortcut(QKeySequence(shortcut));
    return b;
}

const Run& RunPanel::shown() const {
    const Run* run = store_->run(id_);
    return run ? *run : planned_;
}

void RunPanel::show_planned(Run run) {
    planned_ = std::move(run);
    refresh();
}

void RunPanel::follow(const std::string& id) {
    id_ = id;
    refresh();
}

std::string RunPanel::begin() {
    if (id_.empty() && !planned_.task.plates.empty()) {
        id_ = store_->start(planned_);
        Q_EMIT started(QString::fromStdString(id_));
        refresh();
    }
    return id_;
}

void RunPanel::report(RunEvent::What what, int visit) {
    const std::int64_t now = store_->now();
    store_->report(id_, {what, now, state_.plate,
                         what == RunEvent::What::layer ? layer_->value() : state_.layer, visit});
}

void RunPanel::refresh() {
    const Run& run = shown();
    state_ = run_state(run, store_->now());
    refresh_list();
    refresh_keys();
    const std::int64_t now = store_->now();
    const DueVisit* next = nullptr;
    for (const DueVisit& v : state_.rest.visits)
        if (!next)
            next = &v;
    using Is = RunState::Is;
    const int layers =
        run.task.plates.empty()
            ? 0
            : static_cast<int>(run.task.plates[static_cast<std::size_t>(state_.plate)].layers_s.size());
    const QString plate = run.task.plates.size() > 1
                              ? tr("plate %1 of %2 · ").arg(state_.plate + 1).arg(run.task.plates.size())
                              : QString();
    switch (state_.is) {
    case Is::planned:
        heading_->setText(run.task.plates.empty() ? tr("Nothing to print yet.")
                                                  : tr("Not started. As planned:"));
        break;
    case Is::printing:
        heading_->setText(plate + tr("printing layer %1 of %2").arg(std::max(1, state_.layer)).arg(layers));
        break;
    case Is::waiting:
        heading_->setText(
            plate +
            tr("the printer waits, for %1 by now").arg(QString::fromStdString(duration(state_.waited_s))));
        break;
    case Is::paused:
        heading_->setText(plate + tr("paused in layer %1 of %2").arg(std::max(1, state_.layer)).arg(layers));
        break;
    case Is::between:
        heading_->setText(tr("plate %1 is done; start plate %2").arg(state_.plate).arg(state_.plate + 1));
        break;
    case Is::over:
        heading_->setText(state_.failed ? tr("It failed in layer %1.").arg(state_.layer)
                                        : tr("The run is over."));
        break;
    }
    when_->setText(next ? state_.is == Is::waiting ? tr("now") : window_text(*next, now) : QString());
    QString what = next ? words(visit_text(run.task, *next)) : QString();
    if (const QString range = next && state_.is != Is::waiting ? range_text(*next, now) : QString();
        !range.isEmpty())
        what += QLatin1Char('\n') +
                (next->to_s - next->from_s < 60 ? tr("with 80 % due %1", "between two times")
                                                : tr("with 80 % its last moment is %1", "between two times"))
                    .arg(range) +
                tr(", by %n print(s)", nullptr, run.task.pace.prints);
    what_->setText(what);
    QString note;
    if (state_.is == Is::over) {
        const RunFigures f = run_figures(run);
        note = tr("It took %1; %2 were planned. The printer waited %3.")
                   .arg(QString::fromStdString(duration(f.real_s)),
                        QString::fromStdString(duration(f.planned_s)),
                        QString::fromStdString(duration(f.waited_s)));
    } else if (state_.is != Is::planned && std::abs(state_.pace - 1) > 0.005) {
        note = state_.pace > 1 ? tr("It goes %1 % slower than planned; times to come follow.")
                                     .arg(number(100 * (state_.pace - 1), 0))
                               : tr("It goes %1 % faster than planned; times to come follow.")
                                     .arg(number(100 * (1 - state_.pace), 0));
    } else if (state_.rest.waited_s > 0) {
        note = tr("Standing for hours with nobody there, a hot nozzle oozes and a bed may let go: see that "
                  "your printer may do so, and that its position is kept.");
    } else if (next && next->visit.at_night) {
        note = tr("This can only be done at night.");
    }
    note_->setText(note);
    note_->setVisible(!note.isEmpty());
    Q_EMIT moved();
}

void RunPanel::refresh_list() {
    filling_ = true;
    const Run& run = shown();
    const std::int64_t now = store_->now();
    const bool live = !id_.empty() && state_.is != RunState::Is::over;
    QList<std::tuple<QString, bool, int, bool>> rows; // text, done, visit, can be ticked
    for (const RunEvent& e : run.events) {
        const QString at = clock(e.at_s, now);
        const auto& plate =
            run.task
                .plates[std::min(static_cast<std::size_t>(std::max(0, e.plate)), run.task.plates.size() - 1)];
        switch (e.what) {
        case RunEvent::What::started:
            rows.append({tr("%1  begun").arg(at), true, -1, false});
            break;
        case RunEvent::What::done:
            if (e.visit >= 0 && e.visit < static_cast<int>(plate.says.size()))
                rows.append({tr("%1  %2").arg(at, words(plate.says[static_cast<std::size_t>(e.visit)])), true,
                             -1, false});
            break;
        case RunEvent::What::paused:
            rows.append({tr("%1  paused").arg(at), true, -1, false});
            break;
        case RunEvent::What::resumed:
            rows.append({tr("%1  went on").arg(at), true, -1, false});
            break;
        case RunEvent::What::finished:
            rows.append({tr("%1  done").arg(at), true, -1, false});
            break;
        case RunEvent::What::failed:
            rows.append({tr("%1  failed in layer %2").arg(at).arg(e.layer), true, -1, false});
            break;
        case RunEvent::What::called_off:
            rows.append({tr("%1  called off").arg(at), true, -1, false});
            break;
        case RunEvent::What::layer:
            break; // many
        }
    }
    if (id_.empty() && !run.task.plates.empty())
        rows.append({tr("%1  begin").arg(clock(state_.rest.at_s, now)), false, -1, false});
    const auto ranged = [&](const DueVisit& v) {
        const QString range = range_text(v, now);
        return range.isEmpty() ? window_text(v, now)
                               : (v.to_s - v.from_s < 60 ? tr("%1 (%2)") : tr("%1 (its end %2)"))
                                     .arg(window_text(v, now), range);
    };
    for (const DueVisit& v : state_.rest.visits)
        rows.append({tr("%1  %2%3")
                         .arg(ranged(v), words(visit_text(run.task, v)),
                              v.visit.at_night ? tr(" (at night)") : QString()),
                     false, v.index, live && v.index >= 0 && v.plate == state_.plate});
    // Only what changed is set, so that a tick of the clock disturbs nobody.
    while (list_->count() > rows.size())
        delete list_->takeItem(list_->count() - 1);
    for (int i = 0; i < rows.size(); ++i) {
        const auto& [text, done, visit, can] = rows[i];
        QListWidgetItem* item = i < list_->count() ? list_->item(i) : new QListWidgetItem(list_);
        item->setText(text);
        item->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable |
                       (can ? Qt::ItemIsUserCheckable : Qt::NoItemFlags));
        item->setData(Qt::CheckStateRole, can ? QVariant(Qt::Unchecked) : QVariant());
        if (done)
            item->setText(QStringLiteral("✓ ") + text);
        item->setData(kVisit, visit);
    }
    filling_ = false;
}

void RunPanel::refresh_keys() {
    using Is = RunState::Is;
    const bool any = !shown().task.plates.empty(), live = !id_.empty() && state_.is != Is::over,
               on_plate = live && state_.is != Is::between;
    start_->setVisible(!on_plate && state_.is != Is::over);
    start_->setEnabled(any);
    for (QWidget* w : std::initializer_list<QWidget*>{layer_key_, layer_, done_, pause_, finish_, fail_})
        w->setVisible(on_plate);
    back_->setVisible(!id_.empty());
    off_->setVisible(live);
    log_->setVisible(!id_.empty() && state_.is == Is::over);
    calendar_->setVisible(state_.is != Is::over);
    calendar_->setEnabled(any && !state_.rest.visits.empty());
    pause_->setText(QStringLiteral("%1  F9").arg(state_.is == Is::paused ? tr("&Goes on") : tr("&Paused")));
    pause_->setShortcut(QKeySequence(Qt::Key_F9)); // a new text takes the key away
    const bool visit =
        std::any_of(state_.rest.visits.begin(), state_.rest.visits.end(),
                    [&](const DueVisit& v) { return v.index >= 0 && v.plate == state_.plate; });
    done_->setEnabled(visit && state_.is != Is::paused);
    layer_key_->setEnabled(state_.is != Is::paused);
    if (on_plate && !layer_->hasFocus()) { // the next one, as far as known
        const QSignalBlocker quiet(layer_);
        const int layers =
            static_cast<int>(shown().task.plates[static_cast<std::size_t>(state_.plate)].layers_s.size());
        layer_->setMaximum(layers);
        layer_->setValue(std::min(layers, state_.layer + 1));
    }
}

} // namespace vitrail

#include "moc_run_panel.cpp"
