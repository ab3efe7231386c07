#include "app/run/when_page.h"

#include "app/document/background.h"
#include "app/document/document.h"
#include "app/document/logbook_store.h"
#include "app/document/study.h"
#include "app/parts/panel.h"
#include "app/parts/settings_form.h"
#include "app/parts/tables.h"
#include "app/run/run_panel.h"
#include "app/run/run_store.h"
#include "app/run/starts_view.h"
#include "core/base/numbers.h"
#include "core/plan/planner.h"
#include "core/run_sheet/run_sheet.h"
#include "formats/archive.h"
#include "formats/calendar.h"
#include "formats/files.h"
#include "formats/place_clock.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <QComboBox>
#include <QDateTimeEdit>
#include <QFileDialog>
#include <QFileInfo>
#include <QListWidget>
#include <QLocale>
#include <QPushButton>
#include <QSplitter>

#include <algorithm>
#include <cmath>

namespace vitrail {

namespace {

constexpr int kStep_s = 900, kHour_s = 3600;
constexpr int kMergeStart = 9101;

QDateTime at(std::int64_t s) {
    return QDateTime::fromSecsSinceEpoch(s);
}

QString clock_text(std::int64_t s) {
    return QLocale().toString(at(s), QStringLiteral("ddd HH:mm"));
}

} // namespace

WhenPage::WhenPage(Document* document, RunStore* store, LogbookStore* logbook, QWidget* parent)
    : QWidget(parent), document_(document), store_(store), logbook_(logbook), view_(new StartsView),
      panel_(new RunPanel(store)), begins_(new QDateTimeEdit), by_(new QDateTimeEdit), wish_(new QComboBox),
      now_(new QPushButton(tr("&Now"))), best_(new QPushButton(tr("Find the &best start"))),
      says_(new QLabel), empty_(new QLabel), then_list_(new QListWidget) {
    auto* curve = new Panel(tr("When to come"));
    auto* row = new QHBoxLayout;
    for (QDateTimeEdit* edit : {begins_, by_}) {
        edit->setDisplayFormat(QStringLiteral("ddd dd MMM yyyy  HH:mm"));
        edit->setCalendarPopup(true);
    }
    begins_->setObjectName(QStringLiteral("run_begins"));
    begins_->setAccessibleName(tr("Begins"));
    auto* begins_label = new QLabel(tr("Be&gins"));
    begins_label->setBuddy(begins_);
    now_->setObjectName(QStringLiteral("run_now"));
    now_->setToolTip(tr("Begin this minute"));
    wish_->setObjectName(QStringLiteral("run_wish"));
    wish_->setAccessibleName(tr("What the start is chosen for"));
    wish_->addItems({tr("nobody comes at night"), tr("finished by")});
    by_->setObjectName(QStringLiteral("run_by"));
    by_->setAccessibleName(tr("Finished by"));
    best_->setObjectName(QStringLiteral("run_best"));
    best_->setToolTip(tr("The start within the hours shown that needs nobody at night, else as little as can "
                         "be; then the fewest trips, then the earliest end"));
    row->addWidget(begins_label);
    row->addWidget(begins_);
    row->addWidget(now_);
    row->addStretch();
    row->addWidget(wish_);
    row->addWidget(by_);
    row->addWidget(best_);
    curve->body()->addLayout(row);
    curve->body()->addWidget(view_, 1);
    says_->setObjectName(QStringLiteral("run_says"));
    says_->setWordWrap(true);
    curve->body()->addWidget(says_);

    auto* then = new Panel(tr("Then"));
    auto* add = new QPushButton(tr("&Print another project…"));
    add->setObjectName(QStringLiteral("run_then"));
    auto* drop = new QPushButton(tr("&Remove"));
    drop->setObjectName(QStringLiteral("run_then_remove"));
    then_list_->setObjectName(QStringLiteral("run_then_list"));
    then_list_->setAccessibleName(tr("Projects printed after this one"));
    then_list_->setMinimumHeight(em(3));
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(add);
    buttons->addWidget(drop);
    then->body()->addWidget(then_list_, 1);
    then->body()->addLayout(buttons);

    auto* settings = new Panel(tr("What counts"));
    auto* forms = new QHBoxLayout;
    forms->setSpacing(em(1.2));
    forms->addWidget(new SettingsForm(document, {"night.from", "night.to", "run.at_night", "run.alarm"}));
    forms->addWidget(new SettingsForm(document, {"run.times", "run.by_itself", "run.between"}), 0,
                     Qt::AlignTop);
    settings->body()->addLayout(forms);
    settings->body()->addStretch();
    auto* second = new QHBoxLayout;
    second->setSpacing(em(0.6));
    second->addWidget(settings);
    second->addWidget(then, 1);
    auto* left = new QWidget;
    auto* left_column = new QVBoxLayout(left);
    left_column->setContentsMargins(0, 0, 0, 0);
    left_column->setSpacing(em(0.6));
    left_column->addWidget(curve, 1);
    left_column->addLayout(second);
    auto* all = new QVBoxLayout(this);
    all->setContentsMargins(0, em(0.5), 0, 0);
    empty_->setAlignment(Qt::AlignCenter);
    empty_->setObjectName(QStringLiteral("quiet"));
    empty_->setText(tr("Once there is a plan, when somebody has to be at the printer stands here."));
    all->addWidget(empty_);
    all->addWidget(make_splitter("run.when", Qt::Horizontal, {left, panel_}, {760, 330}), 1);

    study_ = new Study(
        document, this,
        [this](const Project& p, const std::shared_ptr<const Plan>& plan,
               const Progress&) -> std::function<void()> {
            auto made = std::make_shared<After>(After{{}, run_plate(p, *plan), record_of(p, *plan)});
            return [this, made] {
                plate_ = std::move(made->plate);
                foretold_ = std::move(made->foretold);
                show_plan();
            };
        });
    connect(document, &Document::plan_changed, this, [this] {
        if (!document_->plan())
            plate_.reset();
        look_for_run();
        if (isVisible())
            show_plan();
    });
    connect(view_, &StartsView::chosen_changed, this, &WhenPage::choose);
    connect(begins_, &QDateTimeEdit::dateTimeChanged, this, [this](const QDateTime& t) {
        if (!filling_)
            choose(t.toSecsSinceEpoch());
    });
    connect(now_, &QPushButton::clicked, this, [this] { choose(store_->now() / 60 * 60); });
    connect(best_, &QPushButton::clicked, this, &WhenPage::take_best);
    connect(wish_, &QComboBox::currentIndexChanged, this, [this] { show_plan(); });
    connect(by_, &QDateTimeEdit::dateTimeChanged, this, [this] {
        if (!filling_)
            show_plan();
    });
    connect(panel_, &RunPanel::wants_log, this, &WhenPage::wants_log);
    connect(panel_, &RunPanel::wants_calendar, this, &WhenPage::ask_calendar);
    connect(panel_, &RunPanel::moved, this, &WhenPage::clock_changed);
    connect(add, &QPushButton::clicked, this, &WhenPage::ask_then);
    connect(drop, &QPushButton::clicked, this, [this] {
        if (const int i = then_list_->currentRow(); i >= 0 && i < static_cast<int>(then_.size())) {
            then_.erase(then_.begin() + i);
            show_then();
            show_plan();
        }
    });
    connect(store_, &RunStore::changed, this, [this] {
        look_for_run();
        if (plate_ && document_->plan())
            show_chosen();
    });
    connect(document, &Document::opened, this, &WhenPage::look_for_run);
    connect(logbook, &LogbookStore::changed, this, [this] {
        if (plate_)
            show_plan();
    });
    filling_ = true;
    by_->setDateTime(QDateTime::currentDateTime().addDays(1));
    filling_ = false;
    show_then();
    show_plan();
    look_for_run();
}

void WhenPage::showEvent(QShowEvent*) {
    show_plan();
}

bool WhenPage::working() const {
    return study_->running();
}

std::string WhenPage::begin_run() {
    if (const auto plan = document_->plan();
        plan && panel_->followed().empty()) { // nobody may have looked at this page yet
        plate_ = run_plate(document_->planned_project(), *plan);
        foretold_ = record_of(document_->planned_project(), *plan);
        task_ = task();
        show_chosen();
    }
    return panel_->begin();
}

std::int64_t WhenPage::start() const {
    const Project& p = document_->project();
    return next_start_s(p, place_zone(p), store_->now());
}

std::vector<RunPlate> WhenPage::plates() const {
    std::vector<RunPlate> out;
    const Settings& s = document_->planned_project().settings;
    for (int i = 0; plate_ && i < s.times; ++i) {
        out.push_back(*plate_);
        out.back().by_itself = i > 0 && s.by_itself;
    }
    for (const After& a : then_)
        out.push_back(a.plate);
    return out;
}

RunTask WhenPage::task() const {
    const Project& p = document_->project();
    RunTask out = run_task(p.settings, place_zone(p), plates());
    if (!logbook_->is_open())
        return out;
    std::vector<PrintRecord> foretold{foretold_};
    for (const After& a : then_)
        foretold.push_back(a.foretold);
    out.pace = pace_of(foretold, factors_for(p.machine, logbook_->factors()));
    return out;
}

void WhenPage::choose(std::int64_t start) {
    const QDateTime t = at(start);
    document_->edit(
        tr("Choose when it begins"),
        [t](Project& p) {
            p.start_date = t.date().toString(Qt::ISODate).toStdString();
            p.settings.start_hour = t.time().msecsSinceStartOfDay() / 3.6e6;
        },
        kMergeStart);
    show_plan();
}

void WhenPage::take_best() {
    if (const auto& curve = view_->curve(); !curve.empty()) {
        const StartWish wish{wish_->currentIndex() == 1 ? std::optional(static_cast<std::int64_t>(
                                                              by_->dateTime().toSecsSinceEpoch()))
                                                        : std::nullopt};
        const StartPoint& best = curve[static_cast<std::size_t>(best_start(curve, wish))];
        choose(best.start_s);
        if (wish.finished_by_s && best.end_s > *wish.finished_by_s)
            Q_EMIT said(tr("Within these hours no start is finished by then; this one is done at %1.")
                            .arg(clock_text(best.end_s)));
    }
}

/// A run of this project that is under way is followed, whoever opened it.
void WhenPage::look_for_run() {
    const Run* run = store_->under_way_of(document_->path(), document_->title().toStdString());
    if (run && run->id != panel_->followed())
        panel_->follow(run->id);
    else if (!run && !panel_->followed().empty() &&
             QString::fromStdString(panel_->shown().project_file) != document_->path())
        panel_->follow({});
}

void WhenPage::show_plan() {
    const bool any = plate_.has_value() && document_->plan() != nullptr;
    empty_->setVisible(!any);
    for (QWidget* w : std::initializer_list<QWidget*>{begins_, now_, best_, wish_, by_})
        w->setEnabled(any);
    by_->setVisible(wish_->currentIndex() == 1);
    filling_ = true;
    begins_->setDateTime(at(start()));
    filling_ = false;
    if (!any) {
        view_->show_curve({}, {}, 0, -1);
        says_->clear();
        panel_->show_planned({});
        Q_EMIT clock_changed();
        return;
    }
    task_ = task();
    // The day around the start, from now on; so far ahead as what is wished for.
    const std::int64_t begin = start(), now = store_->now() / kStep_s * kStep_s + kStep_s;
    std::int64_t from = std::max(now, (begin - 8 * kHour_s) / kHour_s * kHour_s), to = from + 24 * kHour_s;
    if (begin < from)
        from = begin / kStep_s * kStep_s, to = from + 24 * kHour_s;
    StartWish wish;
    if (wish_->currentIndex() == 1)
        wish.finished_by_s = by_->dateTime().toSecsSinceEpoch();
    // Off the window's thread where there is much to do.
    struct Found {
        std::vector<StartPoint> curve;
        int best = -1;
    };
    reading_.request_stop();
    reading_ = document_->background()->run(
        this, [this, task = task_, from, to, wish, begin](const std::stop_token& stop) -> Background::Then {
            auto found = std::make_shared<Found>();
            for (std::int64_t hour = from; hour <= to && !stop.stop_requested(); hour += kHour_s) {
                const auto part = start_curve(task, hour, std::min(to, hour + kHour_s - 1), kStep_s);
                found->curve.insert(found->curve.end(), part.begin(), part.end());
            }
            found->best = best_start(found->curve, wish);
            return [this, found, zone = task.zone, begin] {
                view_->show_curve(std::move(found->curve), zone, begin, found->best);
            };
        });
    show_chosen();
}

void WhenPage::show_chosen() {
    Run run;
    run.title = document_->title().toStdString();
    run.project_file = document_->path().toStdString();
    run.machine = document_->planned_project().machine.name;
    run.task = task_;
    run.start_s = start();
    run.alarm_min = document_->planned_project().settings.alarm_min;
    panel_->show_planned(run);
    const RunTimes t = run_times(task_, not_begun(task_, run.start_s));
    view_->set_chosen(run.start_s);
    QString text = tr("Begun %1 it is done %2").arg(clock_text(t.at_s), clock_text(t.end_s));
    text += t.trips.empty() ? tr("; nobody has to come.")
                            : tr("; %n trip(s)", nullptr, static_cast<int>(t.trips.size())) +
                                  (t.night_trips ? tr(", %1 of them at night.").arg(t.night_trips)
                                                 : tr(", none at night."));
    if (t.early_end_s < t.late_end_s)
        text += QLatin1Char(' ') +
                tr("With 80 % it is done between %1 and %2", "two times")
                    .arg(clock_text(t.early_end_s), clock_text(t.late_end_s)) +
                tr(", by %n print(s) in the logbook.", nullptr, task_.pace.prints);
    if (t.waited_s > 0)
        text += QLatin1Char(' ') +
                tr("It waits %1 for the morning.").arg(QString::fromStdString(duration(t.waited_s)));
    if (t.starts_at_night)
        text += QLatin1Char(' ') + tr("Somebody has to start it at night.");
    if (const RunState& s = panel_->state();
        !panel_->followed().empty() && s.is != RunState::Is::planned && s.is != RunState::Is::over)
        text = tr("This print is under way; what is at the right counts. It will be done %1.")
                   .arg(clock_text(s.rest.end_s));
    says_->setText(text);
    Q_EMIT clock_changed();
}

std::optional<RibbonClock> WhenPage::clock() const {
    const Run& run = panel_->shown();
    const RunState& s = panel_->state();
    if (!plate_ || !document_->plan() || run.task.plates.empty() || s.is == RunState::Is::over ||
        s.is == RunState::Is::between ||
        static_cast<int>(run.task.plates[static_cast<std::size_t>(s.plate)].layers_s.size()) !=
            document_->plan()->grid.count)
        return {};
    // Of a run that is under way the whole plate, as if it had gone so from its beginning.
    const RunTimes& t = s.rest;
    const auto layers = [&](std::int64_t utc) { return layers_at(t, run.task, s.plate, utc); };
    const Zone& zone = run.task.zone;
    RibbonClock out;
    const std::int64_t first = utc_at(t, s.plate, 0),
                       last = utc_at(t, s.plate, run.task.plates[static_cast<std::size_t>(s.plate)].total_s);
    const int step = last - first > 40 * kHour_s   ? 6
                     : last - first > 12 * kHour_s ? 2
                     : last - first > 4 * kHour_s  ? 1
                                                   : 0;
    const std::int64_t step_s = step ? step * kHour_s : kHour_s / 2;
    for (std::int64_t local = (zone.local_s(first) + step_s - 1) / step_s * step_s; zone.utc_s(local) <= last;
         local += step_s)
        out.hours.push_back(
            {layers(zone.utc_s(local)),
             QDateTime::fromSecsSinceEpoch(local, Qt::UTC).toString(QStringLiteral("HH:mm"))});
    for (const Night& n : nights_between(zone, run.task.night_from, run.task.night_to, first, 0,
                                         static_cast<double>(last - first)))
        if (const double a = layers(first + static_cast<std::int64_t>(std::max(0.0, n.from_s))),
            b = layers(std::min(last, first + static_cast<std::int64_t>(n.to_s)));
            b > a)
            out.nights.push_back({a, b});
    const Project& p = document_->planned_project();
    const Plan& plan = *document_->plan();
    const auto post_of = [&](const Visit& v, double from, double to, const QString& says) {
        RibbonClock::Post post{from, to, {}, {}, v.at_night, says};
        const int f = v.change >= 0 && v.change < static_cast<int>(plan.changes.size())
                          ? plan.changes[static_cast<std::size_t>(v.change)].to
                      : v.refill >= 0 && v.refill < static_cast<int>(plan.refills.size())
                          ? plan.refills[static_cast<std::size_t>(v.refill)].in
                          : -1;
        if (f >= 0) {
            post.letter = QChar::fromLatin1(p.filaments[static_cast<std::size_t>(f)].letter);
            post.colour = to_qcolor(p.filaments[static_cast<std::size_t>(f)].colour);
        }
        return post;
    };
    for (const DueVisit& v : t.visits) {
        if (v.plate != s.plate || v.index < 0)
            continue;
        out.posts.push_back(post_of(v.visit, layers(v.from_s), layers(v.to_s),
                                    tr("%1: %2").arg(clock_text(v.from_s), words(visit_text(run.task, v)))));
    }
    const RunPlate& planned = run.task.plates[static_cast<std::size_t>(s.plate)];
    for (const RunEvent& e : run.events) // those that were made stay where the plan had them
        if (e.what == RunEvent::What::done && e.plate == s.plate && e.visit >= 0 &&
            e.visit < static_cast<int>(planned.visits.size())) {
            const Visit& v = planned.visits[static_cast<std::size_t>(e.visit)];
            const double place = layers(utc_at(t, s.plate, v.to_s));
            out.posts.push_back(post_of(
                v, place, place,
                tr("%1, done: %2")
                    .arg(clock_text(e.at_s), words(planned.says[static_cast<std::size_t>(e.visit)]))));
        }
    if (s.is != RunState::Is::planned) {
        out.now = layers_at(t, run.task, s.plate, store_->now());
        out.now_text = s.is == RunState::Is::waiting
                           ? tr("now %1 · waits").arg(at(store_->now()).toString(QStringLiteral("HH:mm")))
                           : tr("now %1 · layer %2")
                                 .arg(at(store_->now()).toString(QStringLiteral("HH:mm")))
                                 .arg(std::max(1, s.layer));
    }
    return out;
}

void WhenPage::ask_calendar() {
    const QString stem = document_->path().isEmpty()
                             ? document_->title()
                             : QFileInfo(document_->path()).path() + QLatin1Char('/') +
                                   QFileInfo(document_->path()).completeBaseName();
    const QString path = QFileDialog::getSaveFileName(this, tr("Save the visits"),
                                                      stem + QStringLiteral(".ics"), tr("Calendar (*.ics)"));
    if (!path.isEmpty())
        export_calendar(path);
}

void WhenPage::export_calendar(const QString& path) {
    const Run& run = panel_->shown();
    const Status ok = write_file(
        path.toStdString(),
        calendar_text(run.title, run_events(run.task, panel_->state().rest, run.alarm_min, window_language()),
                      store_->now()));
    Q_EMIT said(
        ok ? tr("The visits were saved as %1: open it with your calendar.").arg(QFileInfo(path).fileName())
           : tr("%1 was not saved. %2").arg(QFileInfo(path).fileName(), words(ok.error().message)));
}

void WhenPage::ask_then() {
    const QString path =
        QFileDialog::getOpenFileName(this, tr("Print another project"), QFileInfo(document_->path()).path(),
                                     tr("Vitrail projects (*.vitrail)"));
    if (path.isEmpty())
        return;
    document_->background()->run(this, [this, path](const std::stop_token& stop) -> Background::Then {
        auto after = std::make_shared<Result<After>>(After{});
        if (const auto p = load_project(path.toStdString()); !p) {
            *after = p.error();
        } else {
            Planner planner;
            const auto plan = planner.plan(*p, {stop, {}});
            *after = plan ? Result<After>(After{path, run_plate(*p, **plan), record_of(*p, **plan)})
                          : Result<After>(plan.error());
        }
        return [this, after, path] {
            if (!*after)
                return Q_EMIT said(tr("%1 cannot be printed after it. %2")
                                       .arg(QFileInfo(path).fileName(), words(after->error().message)));
            then_.push_back(std::move(**after));
            show_then();
            show_plan();
        };
    });
}

void WhenPage::show_then() {
    then_list_->clear();
    if (then_.empty()) {
        auto* nothing = new QListWidgetItem(tr("nothing: the printer is free then"), then_list_);
        nothing->setFlags(Qt::NoItemFlags);
    }
    for (const After& a : then_)
        then_list_->addItem(tr("%1 · %2").arg(QFileInfo(a.file).completeBaseName(),
                                              QString::fromStdString(duration(a.plate.total_s))));
}

} // namespace vitrail

#include "moc_when_page.cpp"
