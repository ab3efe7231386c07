#include "app/run/rehearse_page.h"

#include "app/document/background.h"
#include "app/document/document.h"
#include "app/document/view_state.h"
#include "app/parts/device_link.h"
#include "app/parts/panel.h"
#include "app/parts/tables.h"
#include "core/base/numbers.h"
#include "core/run/commands.h"
#include "core/run/sketch_gcode.h"
#include "core/run/watch.h"
#include "formats/machine_file.h"
#include "formats/place_clock.h"
#include "formats/toolpath_file.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <QComboBox>
#include <QDateTime>
#include <QDir>
#include <QFileInfo>
#include <QFormLayout>
#include <QLineEdit>
#include <QLocale>
#include <QPainter>
#include <QProgressBar>
#include <QPushButton>
#include <QSettings>
#include <QSpinBox>
#include <QSplitter>
#include <QTableWidget>
#include <QTemporaryFile>
#include <QTimer>

#include <cmath>

namespace vitrail {

namespace {

enum Who { kTold, kThere, kByDay, kNever };
enum Mood { kCalm, kRunsOut, kDrops, kSlow, kResets };
constexpr int kMoment_ms = 100;

QIcon badge(const Filament& f, const QFont& font, int side) {
    QPixmap pixmap(side * 2, side * 2);
    pixmap.setDevicePixelRatio(2);
    pixmap.fill(Qt::transparent);
    QPainter p(&pixmap);
    p.setRenderHint(QPainter::Antialiasing);
    paint_badge(p, QRectF(0, 0, side, side), f.letter, QColor(f.colour.r, f.colour.g, f.colour.b), font);
    return QIcon(pixmap);
}

} // namespace

/// What one plan is rehearsed with; made in the background.
struct RehearsePage::Prepared {
    std::shared_ptr<const Plan> plan;
    Project project;
    RehearsalScript script;
    std::string text; ///< empty: the file's lines
    QString file;
    Message why_not;
};

RehearsePage::RehearsePage(Document* document, ViewState* view, std::function<std::int64_t()> start,
                           QWidget* parent)
    : QWidget(parent), document_(document), view_(view), start_of_run_(std::move(start)),
      link_(new DeviceLink(this)), what_(new QComboBox), who_(new QComboBox), where_(new QComboBox),
      mood_(new QComboBox), place_(new QComboBox), late_(new QSpinBox), seed_(new QSpinBox),
      seconds_(new QSpinBox), clock_(new QLabel), says_(new QLabel), asks_(new QLabel), score_(new QLabel),
      consequences_(new QLabel), away_says_(new QLabel), progress_(new QProgressBar),
      begin_(new QPushButton(tr("&Begin the rehearsal"))), stop_(new QPushButton(tr("&Stop"))),
      go_on_(new QPushButton(tr("&Leave it in and go on"))), absent_(new QPushButton(tr("I am &not there"))),
      by_hand_(new QWidget), filaments_(new QHBoxLayout), moment_(new QTimer(this)),
      silence_(new QTimer(this)) {
    auto* wishes = new Panel(tr("A night, rehearsed"));
    wishes->body()->addWidget(make_wishes());
    wishes->body()->addStretch();

    auto* stage = new Panel(tr("At the printer"));
    stage->body()->addWidget(make_stage());
    auto* sheet = new Panel(tr("The sheet, step by step"));
    steps_ = make_table(
        "rehearse_steps", tr("Steps of the sheet, and how they went"),
        {{tr("when"), 6.5}, {tr("what to do"), 0}, {tr("how it went"), 12}, {tr("if it is missed"), 15}});
    steps_->setWordWrap(true);
    sheet->body()->addWidget(steps_, 1);

    auto* outcome = new Panel(tr("What came of it"));
    score_->setObjectName(QStringLiteral("rehearse_score"));
    score_->setFont(font_of(1.5, true));
    score_->setWordWrap(true);
    consequences_->setObjectName(QStringLiteral("rehearse_consequences"));
    consequences_->setWordWrap(true);
    consequences_->setAlignment(Qt::AlignTop);
    outcome->body()->addWidget(score_);
    outcome->body()->addWidget(consequences_, 1);

    auto* side = new QWidget;
    side->setMinimumWidth(em(20));
    auto* column = new QVBoxLayout(side);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(em(0.6));
    column->addWidget(wishes);
    column->addWidget(outcome, 1);
    auto* right = new QWidget;
    auto* rows = new QVBoxLayout(right);
    rows->setContentsMargins(0, 0, 0, 0);
    rows->setSpacing(em(0.6));
    rows->addWidget(stage);
    rows->addWidget(sheet, 1);
    auto* all = new QVBoxLayout(this);
    all->setContentsMargins(0, em(0.5), 0, 0);
    all->addWidget(make_splitter("run.rehearse", Qt::Horizontal, {side, right}, {350, 760}));

    moment_->setInterval(kMoment_ms);
    connect(moment_, &QTimer::timeout, this, [this] {
        if (rehearsal_ && link_->is_open() && rehearsal_->waits())
            link_->send("HAND clock\n"); // time passes while it waits
        show_moment();
    });
    silence_->setInterval(500);
    connect(silence_, &QTimer::timeout, this, [this] {
        if (rehearsal_ && link_->is_open() && !rehearsal_->waits() &&
            ++silent_ > 3) // a busy printer says so every second
            to_printer(rehearsal_->again());
    });
    connect(begin_, &QPushButton::clicked, this, &RehearsePage::begin);
    connect(stop_, &QPushButton::clicked, this, &RehearsePage::stop);
    connect(go_on_, &QPushButton::clicked, this, [this] { to_printer(rehearsal_->go_on()); });
    connect(absent_, &QPushButton::clicked, this, [this] { to_printer(rehearsal_->stay_away(1800)); });
    connect(document, &Document::plan_changed, this, [this] {
        prepared_.reset();
        if (isVisible())
            prepare();
    });
    connect(what_, &QComboBox::currentIndexChanged, this, [this] {
        prepared_.reset();
        if (isVisible())
            prepare();
    });
    connect(who_, &QComboBox::currentIndexChanged, this, [this] {
        late_->setEnabled(who_->currentIndex() == kThere || who_->currentIndex() == kByDay);
        if (!running_)
            show_steps();
    });
    connect(link_, &DeviceLink::opened, this, [this] { link_->send(kAskName); });
    connect(link_, &DeviceLink::came, this, [this](const QByteArray& bytes) {
        silent_ = 0;
        if (!running_)
            return;
        if (!rehearsal_) { // who is it? Nothing real is rehearsed with
            PrinterSays says;
            for (const QByteArray& line : bytes.split('\n'))
                hear(says, std::string_view(line.constData(), static_cast<std::size_t>(line.size())));
            if (says.firmware.empty())
                return;
            if (!says.simulated)
                return finish(tr("That is a real printer (%1): nothing is rehearsed with it. Look on at it "
                                 "on the page “The printer”.")
                                  .arg(QString::fromStdString(says.firmware)));
            return set_out(prepared_);
        }
        to_printer(rehearsal_->take({bytes.constData(), static_cast<std::size_t>(bytes.size())}));
    });
    connect(link_, &DeviceLink::closed, this, [this](const QString& why) {
        if (running_)
            finish(why.isEmpty() ? tr("The printer has hung up.")
                                 : tr("There is no line to the printer: %1").arg(why));
    });
    show_moment();
    show_outcome();
}

RehearsePage::~RehearsePage() = default;

QWidget* RehearsePage::make_wishes() {
    auto* box = new QWidget;
    auto* form = new QFormLayout(box);
    form->setContentsMargins(0, 0, 0, 0);
    const auto named = [&](QWidget* w, const char* name, const QString& label, const QString& tip) {
        if (auto* choice = qobject_cast<QComboBox*>(w)) { // as narrow as the rest, whatever is in it
            choice->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
            choice->setMinimumContentsLength(10);
        }
        w->setObjectName(QString::fromLatin1(name));
        w->setAccessibleName(label);
        w->setToolTip(tip);
        form->addRow(label, w);
    };
    what_->addItem(tr("the plan, in short"));
    named(
        what_, "rehearse_what", tr("What"),
        tr("The plan's layers and stops, a lap for each; or the toolpath file that was read, line by line"));
    who_->addItems({tr("I do it, step by step"), tr("somebody is always there"),
                    tr("somebody is there, but not at night"), tr("nobody comes until morning")});
    who_->setCurrentIndex(kTold);
    named(who_, "rehearse_who", tr("Who"),
          tr("Step by step the printer's clock runs as yours while it waits for you"));
    late_->setRange(0, 600);
    late_->setSuffix(tr(" min"));
    late_->setEnabled(false);
    named(late_, "rehearse_late", tr("Late by up to"),
          tr("Whoever is called comes up to so much later, by chance"));
    seconds_->setRange(1, 3600);
    seconds_->setValue(60);
    seconds_->setSuffix(tr(" s"));
    named(seconds_, "rehearse_seconds", tr("All of it in"),
          tr("How long the rehearsal takes, but for your own steps"));
    mood_->addItems({tr("nothing"), tr("the spool runs out"), tr("lines arrive damaged"),
                     tr("it is a fifth slower"), tr("it starts anew")});
    named(mood_, "rehearse_mood", tr("What goes wrong"), tr("The simulated printer has its moods"));
    seed_->setRange(1, 9999);
    named(seed_, "rehearse_seed", tr("Chance no."), tr("The same number is the same night again"));
    where_->setEditable(true);
    where_->addItem(tr("the one that comes with the program"));
    where_->setCurrentIndex(0);
    where_->lineEdit()->setCursorPosition(0);
    named(where_, "rehearse_where", tr("Printer"),
          tr("Only simulated ones: that of the program, or one that was started by hand: vitrail-printer "
             "--port 9100 is localhost:9100"));
    away_says_->setObjectName(QStringLiteral("quiet"));
    away_says_->setWordWrap(true);
    form->addRow(away_says_);
    auto* keys = new QHBoxLayout;
    begin_->setObjectName(QStringLiteral("rehearse_begin"));
    stop_->setObjectName(QStringLiteral("rehearse_stop"));
    keys->addWidget(begin_, 1);
    keys->addWidget(stop_);
    form->addRow(keys);
    return box;
}

QWidget* RehearsePage::make_stage() {
    auto* box = new QWidget;
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(em(0.4));
    auto* top = new QHBoxLayout;
    clock_->setObjectName(QStringLiteral("rehearse_clock"));
    clock_->setFont(font_of(2.2, true));
    says_->setObjectName(QStringLiteral("rehearse_says"));
    says_->setWordWrap(true);
    top->addWidget(clock_);
    top->addSpacing(em(1));
    top->addWidget(says_, 1);
    column->addLayout(top);
    progress_->setTextVisible(false);
    progress_->setMaximumHeight(em(0.5));
    progress_->setAccessibleName(tr("How far the rehearsal is"));
    column->addWidget(progress_);
    asks_->setObjectName(QStringLiteral("rehearse_asks"));
    asks_->setFont(font_of(1.15, true));
    asks_->setWordWrap(true);
    column->addWidget(asks_);
    auto* rows = new QVBoxLayout(by_hand_);
    rows->setContentsMargins(0, 0, 0, 0);
    rows->setSpacing(em(0.4));
    auto* row = new QHBoxLayout;
    auto* put = new QLabel(tr("Put in"));
    row->addWidget(put);
    row->addLayout(filaments_);
    place_->setObjectName(QStringLiteral("rehearse_place"));
    place_->setAccessibleName(tr("Where it goes"));
    row->addWidget(place_);
    row->addStretch();
    auto* other = new QHBoxLayout;
    go_on_->setObjectName(QStringLiteral("rehearse_go_on"));
    absent_->setObjectName(QStringLiteral("rehearse_absent"));
    absent_->setToolTip(tr("Half an hour passes before you are asked again"));
    other->addWidget(go_on_);
    other->addWidget(absent_);
    other->addStretch();
    rows->addLayout(row);
    rows->addLayout(other);
    column->addWidget(by_hand_);
    return box;
}

QString RehearsePage::clock(double s) const {
    const QDateTime t = QDateTime::fromSecsSinceEpoch(start_s_ + std::llround(s)),
                    begins = QDateTime::fromSecsSinceEpoch(start_s_);
    return t.date() == begins.date() ? t.toString(QStringLiteral("HH:mm"))
                                     : QLocale().toString(t, QStringLiteral("ddd HH:mm"));
}

QString RehearsePage::name(int filament) const {
    return filament < 0 || !prepared_
               ? tr("nothing")
               : QString::fromStdString(prepared_->script.names[static_cast<std::size_t>(filament)]);
}

void RehearsePage::set_file(const QString& path) {
    if (path == file_)
        return;
    file_ = path;
    while (what_->count() > 1)
        what_->removeItem(1);
    if (!path.isEmpty())
        what_->addItem(tr("the toolpath file %1").arg(QFileInfo(path).fileName()));
}

void RehearsePage::showEvent(QShowEvent*) {
    if (!running_)
        start_s_ = start_of_run_();
    if (!prepared_)
        prepare();
    else if (!running_)
        show_steps();
}

/// Works out the script in the background.
void RehearsePage::prepare() {
    preparing_.request_stop();
    const auto plan = document_->plan();
    if (running_ || !plan)
        return show_steps();
    const QString file = what_->currentIndex() > 0 ? file_ : QString();
    preparing_ = document_->background()->run(
        this,
        [this, plan, p = document_->planned_project(),
         file](const std::stop_token& stop) -> Background::Then {
            auto made = std::make_shared<Prepared>();
            made->plan = plan;
            made->project = p;
            made->file = file;
            const FileWords stops = file_words(p.machine.commands);
            ToolpathFile toolpath;
            if (file.isEmpty()) {
                made->text = sketch_gcode(p, *plan);
                toolpath = read_gcode(made->text, p.machine.motion, stops);
            } else {
                auto read = read_toolpath(file.toStdString(), p.machine.motion, stops, {stop, {}});
                if (!read)
                    made->why_not = read.error().message;
                else
                    toolpath = std::move(*read);
            }
            const AgainstPlan against = against_plan(p, *plan, toolpath);
            if (made->why_not.empty() && !against.layers_match)
                made->why_not =
                    say("The layers of the file are not those of the plan, so it cannot be rehearsed.");
            made->script = rehearsal_script(p, *plan, toolpath, against);
            return [this, made] {
                if (document_->plan() != made->plan || running_)
                    return;
                prepared_ = made;
                rehearsal_.reset();
                start_s_ = start_of_run_();
                fill_filaments();
                show_steps();
                show_moment();
                show_outcome();
                if (wants_begin_)
                    begin();
            };
        });
    show_steps();
}

void RehearsePage::fill_filaments() {
    while (QLayoutItem* item = filaments_->takeAt(0)) {
        delete item->widget();
        delete item;
    }
    const Project& p = prepared_->project;
    for (std::size_t f = 0; f < p.filaments.size(); ++f) {
        if (prepared_->plan->use[f].last_layer == 0)
            continue;
        auto* b = new QPushButton(badge(p.filaments[f], font(), em(1.4)),
                                  QString::fromStdString(p.filaments[f].name));
        b->setObjectName(QStringLiteral("rehearse_put_%1").arg(QChar::fromLatin1(p.filaments[f].letter)));
        b->setAccessibleName(tr("Put %1 in").arg(name(static_cast<int>(f))));
        b->setToolTip(b->accessibleName());
        connect(b, &QPushButton::clicked, this,
                [this, f] { to_printer(rehearsal_->put(static_cast<int>(f), place_->currentIndex())); });
        filaments_->addWidget(b);
    }
    place_->clear();
    for (const RehearsalPlace& place : prepared_->script.places)
        place_->addItem(tr("into %1").arg(words(place.name)));
    place_->setVisible(place_->count() > 1);
}

void RehearsePage::begin() {
    if (running_)
        return;
    if (!prepared_) {
        wants_begin_ = document_->plan() != nullptr;
        return prepare();
    }
    wants_begin_ = false;
    if (!prepared_->why_not.empty())
        return Q_EMIT said(words(prepared_->why_not));
    start_s_ = start_of_run_();
    running_ = true;
    silent_ = shown_layer_ = 0;
    shown_steps_.clear();
    shown_from_s_ = 0;
    rehearsal_.reset();
    const int mood = mood_->currentIndex();
    QStringList moods{QStringLiteral("--seed"), QString::number(seed_->value())};
    double all_mm = 0;
    for (const FilamentUse& u : prepared_->plan->use)
        all_mm += u.length_m * 1000;
    if (mood == kRunsOut)
        moods << QStringLiteral("--runs-out") << QString::number(all_mm * 0.4, 'f', 0);
    else if (mood == kDrops)
        moods << QStringLiteral("--drops") << QStringLiteral("0.05");
    else if (mood == kSlow)
        moods << QStringLiteral("--slow") << QStringLiteral("1.2");
    else if (mood == kResets)
        moods << QStringLiteral("--resets") << QString::number(prepared_->script.total_s * 0.6, 'f', 0);
    machine_ = std::make_unique<QTemporaryFile>(QDir::tempPath() + QStringLiteral("/vitrail-XXXXXX.json"));
    if (machine_->open()) {
        machine_->write(QByteArray::fromStdString(write_machine(prepared_->project.machine)));
        machine_->close();
        moods << QStringLiteral("--machine") << machine_->fileName();
    }
    if (where_->currentText() == where_->itemText(0))
        link_->open_simulated(QStringLiteral("vitrail-printer"), moods);
    else
        link_->open(where_->currentText().trimmed());
    moment_->start();
    silence_->start();
    show_moment();
}

/// The printer is there and simulated.
void RehearsePage::set_out(const std::shared_ptr<const Prepared>& prepared) {
    const Settings& s = prepared->project.settings;
    Person person;
    person.by_themselves = who_->currentIndex() != kTold;
    person.speed = std::max(1.0, prepared->script.total_s / seconds_->value());
    person.late_s = late_->isEnabled() ? late_->value() * 60 : 0;
    const double until = prepared->script.total_s * 3 + 14 * 86400;
    if (who_->currentIndex() == kByDay || who_->currentIndex() == kTold)
        person.away = nights_between(place_zone(start_s_), s.night_from, s.night_to, start_s_, 0, until);
    else if (who_->currentIndex() == kNever) {
        const auto nights =
            nights_between(place_zone(start_s_), s.night_from, s.night_to, start_s_, 0, until);
        person.away = {{0, nights.empty() ? 8 * 3600.0 : nights.front().to_s}};
        for (std::size_t n = 1; n < nights.size(); ++n)
            person.away.push_back(nights[n]);
    }
    rehearsal_ = std::make_unique<Rehearsal>(
        prepared->script, person, static_cast<unsigned>(seed_->value()),
        prepared->file.isEmpty() ? lines_of(prepared->text) : toolpath_lines(prepared->file.toStdString()));
    to_printer(rehearsal_->begin());
}

void RehearsePage::to_printer(const std::string& bytes) {
    if (!rehearsal_)
        return;
    link_->send(bytes);
    if (rehearsal_->over() && bytes.find("HAND clock") == std::string::npos)
        finish({});
}

void RehearsePage::stop() {
    wants_begin_ = false;
    if (running_)
        finish(tr("The rehearsal was stopped."));
}

void RehearsePage::finish(const QString& why) {
    running_ = false;
    moment_->stop();
    silence_->stop();
    link_->close();
    show_moment();
    show_steps();
    show_outcome();
    Q_EMIT moved();
    if (!why.isEmpty())
        Q_EMIT said(why);
}

void RehearsePage::show_moment() {
    const bool ready = prepared_ && prepared_->why_not.empty() && document_->plan();
    begin_->setEnabled(!running_ && document_->plan() != nullptr);
    stop_->setEnabled(running_);
    for (QWidget* w : std::initializer_list<QWidget*>{what_, who_, seconds_, mood_, seed_, where_})
        w->setEnabled(!running_);
    late_->setEnabled(!running_ && (who_->currentIndex() == kThere || who_->currentIndex() == kByDay));
    const int layers = ready ? static_cast<int>(prepared_->script.layer_line.size()) : 0;
    const bool told = running_ && rehearsal_ && who_->currentIndex() == kTold;
    clock_->setText(ready ? clock(rehearsal_ ? rehearsal_->clock_s() : 0) : tr("–"));
    progress_->setRange(0, std::max(1, layers));
    progress_->setValue(rehearsal_ ? rehearsal_->layer() : 0);
    by_hand_->setVisible(told);
    const bool asked = told && rehearsal_->asks().has_value();
    const int step = asked ? rehearsal_->asks().value_or(-1) : -1;
    go_on_->setEnabled(asked);
    absent_->setEnabled(asked);
    if (!ready) {
        says_->setText(prepared_ ? words(prepared_->why_not) : tr("There is no plan to rehearse yet."));
        asks_->clear();
        return;
    }
    if (!rehearsal_) {
        says_->setText(running_ ? tr("the simulated printer is called…") : tr("not begun"));
        asks_->setText(
            running_
                ? QString()
                : tr("See what the night asks of you before it comes: nothing gets hot, nothing is wasted."));
        return;
    }
    if (rehearsal_->layer() != shown_layer_) { // the last layer may come together with the end
        shown_layer_ = rehearsal_->layer();
        shown_from_s_ = rehearsal_->clock_s();
        if (shown_layer_ > 0)
            view_->set_layer(std::min(shown_layer_, layers));
        Q_EMIT moved();
    }
    says_->setText(
        !running_ ? tr("over, in layer %1 of %2").arg(rehearsal_->layer()).arg(layers)
        : rehearsal_->waits()
            ? tr("it stands before layer %1 of %2").arg(std::min(layers, rehearsal_->layer() + 1)).arg(layers)
        : rehearsal_->layer() == 0 ? tr("it heats")
                                   : tr("printing layer %1 of %2").arg(rehearsal_->layer()).arg(layers));
    QString asks;
    if (step >= 0) {
        asks = words(prepared_->script.steps[static_cast<std::size_t>(step)].says);
        if (place_->currentIndex() != prepared_->script.steps[static_cast<std::size_t>(step)].place &&
            !place_->hasFocus())
            place_->setCurrentIndex(prepared_->script.steps[static_cast<std::size_t>(step)].place);
    } else if (asked) {
        asks = tr("It waits, and the sheet does not say why: %1")
                   .arg(QString::fromStdString(rehearsal_->printer_says()));
    } else if (told) {
        const auto out = rehearsal_->outcome();
        for (std::size_t i = 0; i < out.steps.size() && asks.isEmpty(); ++i)
            if (out.steps[i].is == StepResult::Is::asked)
                asks = words(prepared_->script.steps[i].says);
    }
    asks_->setText(asks);
    if (auto steps = rehearsal_->outcome().steps; running_ && steps != shown_steps_) {
        shown_steps_ = std::move(steps);
        show_steps();
        show_outcome();
    }
}

double RehearsePage::layers_now() const {
    if (!running_ || !rehearsal_ || !prepared_)
        return -1;
    const int layer = rehearsal_->layer();
    const double length_s = layer > 0 ? prepared_->script.layer_s[static_cast<std::size_t>(layer) - 1] : 0;
    return layer == 0
               ? 0
               : layer - 1 +
                     (length_s > 0 ? std::clamp((rehearsal_->clock_s() - shown_from_s_) / length_s, 0.0, 1.0)
                                   : 0);
}

QString RehearsePage::time_now() const {
    return rehearsal_ ? clock(rehearsal_->clock_s()) : QString();
}

void RehearsePage::show_steps() {
    const Theme& t = Theme::current();
    const bool ready = prepared_ && prepared_->why_not.empty();
    const Settings& s = document_->project().settings;
    const auto time_of = [](double hour) {
        return QStringLiteral("%1:%2")
            .arg(int(hour), 2, 10, QLatin1Char('0'))
            .arg(int(std::lround(hour * 60)) % 60, 2, 10, QLatin1Char('0'));
    };
    away_says_->setText(s.night_from == s.night_to ? tr("The project has no night in which nobody comes.")
                        : who_->currentIndex() == kThere
                            ? tr("It begins when the run does.")
                            : tr("It begins when the run does; nobody is there from %1 to %2, as the "
                                 "settings of the run have it.")
                                  .arg(time_of(s.night_from), time_of(s.night_to)));
    if (!ready) {
        steps_->setRowCount(0);
        return;
    }
    const auto& steps = prepared_->script.steps;
    const RehearsalOutcome out = rehearsal_ ? rehearsal_->outcome() : RehearsalOutcome{};
    const auto nights = nights_between(place_zone(start_s_), s.night_from, s.night_to, start_s_, 0,
                                       prepared_->script.total_s + 2 * 86400);
    steps_->setRowCount(static_cast<int>(steps.size()));
    for (int i = 0; i < steps_->rowCount(); ++i) {
        const RehearsalStep& step = steps[static_cast<std::size_t>(i)];
        const StepResult r = rehearsal_ ? out.steps[static_cast<std::size_t>(i)] : StepResult{};
        QString went;
        using Is = StepResult::Is;
        switch (r.is) {
        case Is::coming:
            break;
        case Is::asked:
            went = step.stands ? tr("it waits") : tr("can be done now");
            break;
        case Is::right:
            went = tr("✓ right, at %1").arg(clock(r.done_s));
            break;
        case Is::late:
            went = tr("▲ right, but it stood %1").arg(QString::fromStdString(duration(r.waited_s)));
            break;
        case Is::wrong:
            went = tr("▲ %1 was put in").arg(name(r.put));
            break;
        case Is::missed:
            went = r.waited_s > 0
                       ? tr("▲ missed: it stood %1").arg(QString::fromStdString(duration(r.waited_s)))
                       : tr("▲ missed");
            break;
        }
        double morning = step.due_s + 8 * 3600;
        for (const Night& n : nights)
            if (n.to_s > step.due_s) {
                morning = n.to_s;
                break;
            }
        const IfMissed missed = if_missed(prepared_->script, i, morning);
        const QString then =
            step.stands ? tr("it stands until %1, and is done at %2").arg(clock(morning), clock(missed.end_s))
            : missed.from_layer ? tr("layers %1 to %2 come out in %3")
                                      .arg(missed.from_layer)
                                      .arg(missed.to_layer)
                                      .arg(name(missed.came))
                                : tr("nothing is lost");
        set_row(steps_, i, {clock(r.asked_s >= 0 ? r.asked_s : step.due_s), words(step.says), went, then});
        const bool bad = r.is == Is::late || r.is == Is::wrong || r.is == Is::missed;
        steps_->item(i, 2)->setForeground(bad ? t.bad : r.is == Is::right ? t.good : t.ink);
    }
    if (!running_)
        steps_->resizeRowsToContents();
}

void RehearsePage::show_outcome() {
    score_->setVisible(rehearsal_ != nullptr);
    if (!rehearsal_) {
        const bool asks_nothing = prepared_ && prepared_->why_not.empty() && prepared_->script.steps.empty();
        consequences_->setText(asks_nothing
                                   ? tr("This print asks nothing of anybody between its start and its end.")
                                   : tr("A score of what was done right, what was missed, and what that does "
                                        "to the end and to the colours stands here afterwards."));
        return;
    }
    const RehearsalOutcome out = rehearsal_->outcome();
    const int all = static_cast<int>(out.steps.size());
    score_->setText(all == 0   ? tr("Nothing to do")
                    : out.over ? tr("%1 of %2 right").arg(out.right).arg(all)
                               : tr("%1 of %2 right by now").arg(out.right).arg(out.due));
    QStringList lines;
    if (out.broke_off) {
        lines << tr("The printer started anew in layer %1 and forgot everything: position, heat, the rest of "
                    "the print. With a real one: do not let it home through the print; the page “Something "
                    "went wrong” has a plan for the rest from a height.")
                     .arg(std::max(1, out.layer));
    } else if (out.over) {
        const double later = out.total_s - prepared_->script.total_s;
        lines << (std::abs(later) < 300 ? tr("Done at %1, as planned.").arg(clock(out.total_s))
                  : later > 0           ? tr("Done at %1 instead of %2: %3 later.")
                                    .arg(clock(out.total_s), clock(prepared_->script.total_s),
                                         QString::fromStdString(duration(later)))
                              : tr("Done at %1 instead of %2: %3 earlier.")
                                    .arg(clock(out.total_s), clock(prepared_->script.total_s),
                                         QString::fromStdString(duration(-later))));
    }
    if (out.missed > 0)
        lines << tr("%n step(s) missed: nobody was there when it was due.", nullptr, out.missed);
    for (const WrongLayers& w : out.wrong)
        lines << (w.from_layer == w.to_layer ? tr("▲ Layer %1 came out in %2 instead of %3.")
                                                   .arg(w.from_layer)
                                                   .arg(name(w.came), name(w.meant))
                                             : tr("▲ Layers %1 to %2 came out in %3 instead of %4.")
                                                   .arg(w.from_layer)
                                                   .arg(w.to_layer)
                                                   .arg(name(w.came), name(w.meant)));
    if (out.waited_s >= 60)
        lines << tr("The printer stood %1 with nobody there.")
                     .arg(QString::fromStdString(duration(out.waited_s)));
    if (out.waited_s > 1800)
        lines << tr(
            "Standing for hours a hot nozzle oozes and cooks what is in it, and a bed may let go: see that "
            "your printer may do so, and that its position is kept. Never leave a first use alone.");
    if (out.stops > all)
        lines << tr("It also stopped for something that is not on the sheet.");
    if (out.repeated > 0)
        lines << tr("%n line(s) had to be sent again; nothing was lost.", nullptr,
                    static_cast<int>(out.repeated));
    consequences_->setText(lines.join(QStringLiteral("\n\n")));
}

} // namespace vitrail

#include "moc_rehearse_page.cpp"
