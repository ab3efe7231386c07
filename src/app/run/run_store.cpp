#include "app/run/run_store.h"

#include "app/document/threads.h"
#include "formats/files.h"
#include "formats/place_clock.h"
#include "formats/run_json.h"
#include "paint/words.h"

#include <QDBusConnection>
#include <QDBusMessage>
#include <QDBusPendingCall>
#include <QDateTime>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QStandardPaths>
#include <QTimer>
#include <QUuid>

#include <algorithm>

namespace vitrail {

void tell_desktop(const QString& title, const QString& text) {
    QDBusMessage call = QDBusMessage::createMethodCall(
        QStringLiteral("org.freedesktop.Notifications"), QStringLiteral("/org/freedesktop/Notifications"),
        QStringLiteral("org.freedesktop.Notifications"), QStringLiteral("Notify"));
    // The desktop's own sound for alarms (freedesktop sound naming specification); it stays until it is seen.
    const QVariantMap hints{{QStringLiteral("sound-name"), QStringLiteral("alarm-clock-elapsed")},
                            {QStringLiteral("urgency"), QVariant::fromValue<uchar>(2)},
                            {QStringLiteral("desktop-entry"), QStringLiteral("vitrail")}};
    call << QStringLiteral("Vitrail") << 0u << QStringLiteral("vitrail") << title << text.toHtmlEscaped()
         << QStringList() << hints << -1;
    if (QDBusConnection bus = QDBusConnection::sessionBus(); bus.isConnected())
        bus.asyncCall(call);
    QApplication::beep();
}

RunStore::RunStore(QObject* parent)
    : QObject(parent), clock_(now_s), tell_(tell_desktop), timer_(new QTimer(this)) {
    writer_.setMaxThreadCount(1);
    constexpr int kLook_ms = 5000;
    timer_->setInterval(kLook_ms);
    connect(timer_, &QTimer::timeout, this, &RunStore::tick);
}

RunStore::~RunStore() {
    wait_written();
}

QString RunStore::usual_file() {
    return QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + QStringLiteral("/runs.json");
}

void RunStore::open(const QString& file) {
    file_ = file;
    timer_->start();
    if (!QFileInfo::exists(file))
        return;
    const auto text = read_file(file.toStdString());
    auto runs = text ? runs_from(*text) : Result<std::vector<Run>>(text.error());
    if (!runs) {
        const QString aside = file + QStringLiteral(".unreadable-") +
                              QDateTime::currentDateTimeUtc().toString(QStringLiteral("yyyyMMdd-hhmmss"));
        const bool moved = QFile::rename(file, aside);
        if (!moved)
            file_.clear(); // rather keep nothing than write over it
        Q_EMIT said(moved ? tr("The runs of earlier sessions cannot be read: %1 They were set aside as %2.")
                                .arg(words(runs.error().message), QFileInfo(aside).fileName())
                          : tr("The runs of earlier sessions cannot be read: %1 This session's are not kept.")
                                .arg(words(runs.error().message)));
        return;
    }
    runs_ = std::move(*runs);
    for (Run& r : runs_)
        r.task.zone = place_zone(now());
    Q_EMIT changed();
}

const Run* RunStore::run(const std::string& id) const {
    const auto at = std::find_if(runs_.begin(), runs_.end(), [&](const Run& r) { return r.id == id; });
    return at == runs_.end() ? nullptr : &*at;
}

std::vector<const Run*> RunStore::under_way() const {
    std::vector<const Run*> out;
    for (const Run& r : runs_)
        if (!r.events.empty() && run_state(r, now()).is != RunState::Is::over)
            out.push_back(&r);
    return out;
}

const Run* RunStore::under_way_of(const QString& project_file, const std::string& title) const {
    const Run* found = nullptr;
    for (const Run* r : under_way())
        if (project_file.isEmpty() ? r->project_file.empty() && r->title == title
                                   : QString::fromStdString(r->project_file) == project_file)
            found = r;
    return found;
}

std::string RunStore::start(Run run) {
    run.id = QUuid::createUuid().toString(QUuid::WithoutBraces).toStdString();
    run.events.push_back({RunEvent::What::started, now(), 0, 0, -1});
    runs_.push_back(std::move(run));
    write();
    return runs_.back().id;
}

void RunStore::report(const std::string& id, RunEvent event) {
    for (Run& r : runs_)
        if (r.id == id)
            r.events.push_back(event);
    write();
}

void RunStore::take_back(const std::string& id) {
    for (Run& r : runs_)
        if (r.id == id && !r.events.empty())
            r.events.pop_back();
    std::erase_if(runs_, [](const Run& r) { return r.events.empty(); });
    write();
}

void RunStore::set_plate(const std::string& id, int plate, const RunPlate& planned) {
    for (Run& r : runs_)
        if (r.id == id && plate >= 0 && plate < static_cast<int>(r.task.plates.size()))
            r.task.plates[static_cast<std::size_t>(plate)] = planned;
    write();
}

void RunStore::remove(const std::string& id) {
    std::erase_if(runs_, [&](const Run& r) { return r.id == id; });
    write();
}

void RunStore::set_clock(std::function<std::int64_t()> clock) {
    clock_ = std::move(clock);
    tick();
}

void RunStore::tick() {
    for (const Run* r : under_way()) {
        const RunState s = run_state(*r, now());
        for (const Notice& n : notices(*r, s, now())) {
            if (!told_.insert({r->id, n.visit.plate, n.visit.index, n.due}).second ||
                (!n.due && told_.count({r->id, n.visit.plate, n.visit.index, true})))
                continue;
            const QString what = words(visit_text(r->task, n.visit));
            const QString text =
                n.due
                    ? tr("Due now: %1").arg(what)
                    : tr("Due at %1: %2")
                          .arg(
                              QDateTime::fromSecsSinceEpoch(n.visit.from_s).toString(QStringLiteral("HH:mm")),
                              what);
            if (tell_)
                tell_(QString::fromStdString(r->title), text);
            Q_EMIT due(QString::fromStdString(r->title) + QStringLiteral(" · ") + text);
        }
    }
    Q_EMIT ticked();
}

void RunStore::write() {
    Q_EMIT changed();
    if (file_.isEmpty())
        return;
    in_pool(writer_, [this, file = file_, runs = runs_] {
        QDir().mkpath(QFileInfo(file).path());
        if (const Status ok = write_file(file.toStdString(), runs_text(runs)); !ok)
            in_window(QPointer<QObject>(this), [this, why = ok.error().message] {
                Q_EMIT said(tr("The run is not kept: %1").arg(words(why)));
            });
    });
}

void RunStore::wait_written() {
    wait_for(writer_);
}

} // namespace vitrail

#include "moc_run_store.cpp"
