#include "app/shell/recovery.h"

#include "app/shell/document.h"
#include "formats/archive.h"
#include "formats/files.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QLockFile>
#include <QStandardPaths>
#include <QThreadPool>
#include <QTimer>
#include <QUuid>

namespace vitrail {

namespace {

QString folder() {
    const QString path = QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + QStringLiteral("/recovery");
    QDir().mkpath(path);
    return path;
}

void remove_files(const QString& base) {
    for (const char* ending : {".vitrail", ".path", ".lock"})
        QFile::remove(base + QString::fromLatin1(ending));
}

} // namespace

int Recovery::delay_ms() {
    const int set = qEnvironmentVariableIntValue("VITRAIL_AUTOSAVE_MS");
    return set > 0 ? set : 5000;
}

Recovery::Recovery(Document* document, QObject* parent)
    : QObject(parent), document_(document), timer_(new QTimer(this)),
      base_(folder() + QLatin1Char('/') + QUuid::createUuid().toString(QUuid::WithoutBraces)),
      lock_(std::make_unique<QLockFile>(base_ + QStringLiteral(".lock"))) {
    lock_->setStaleLockTime(0); // stale only when its process is gone
    lock_->tryLock(0);
    timer_->setSingleShot(true);
    timer_->setInterval(delay_ms());
    connect(timer_, &QTimer::timeout, this, &Recovery::write);
    const auto follow = [this] {
        if (!document_->modified())
            forget();
        else if (!timer_->isActive())
            timer_->start();
    };
    connect(document, &Document::project_changed, this, follow);
    connect(document, &Document::modified_changed, this, follow);
}

Recovery::~Recovery() {
    timer_->stop();
    QThreadPool::globalInstance()->waitForDone();
    forget();
    lock_->unlock();
    remove_files(base_);
}

void Recovery::write() {
    if (!document_->modified())
        return;
    QThreadPool::globalInstance()->start([project = document_->project(), path = document_->path(), base = base_] {
        // The copy last: it is what makes the session count as found.
        if (write_file((base + QStringLiteral(".path")).toStdString(), path.toStdString()))
            (void)static_cast<bool>(save_project(project, (base + QStringLiteral(".vitrail")).toStdString()));
    });
}

void Recovery::forget() {
    timer_->stop();
    QFile::remove(base_ + QStringLiteral(".vitrail"));
    QFile::remove(base_ + QStringLiteral(".path"));
}

std::optional<Recovery::Found> Recovery::find() {
    const QFileInfoList copies = QDir(folder()).entryInfoList({QStringLiteral("*.vitrail")}, QDir::Files, QDir::Time);
    for (const QFileInfo& copy : copies) {
        const QString base = copy.path() + QLatin1Char('/') + copy.completeBaseName();
        if (base == base_)
            continue;
        QLockFile other(base + QStringLiteral(".lock"));
        other.setStaleLockTime(0);
        if (!other.tryLock(0))
            continue; // its program still runs
        other.unlock();
        const auto path = read_file((base + QStringLiteral(".path")).toStdString());
        const QString from = path ? QString::fromStdString(*path) : QString();
        return Found{copy.filePath(), from, from.isEmpty() ? tr("an unsaved project") : QFileInfo(from).fileName()};
    }
    return {};
}

bool Recovery::restore(const Found& found, QString& error) {
    auto project = load_project(found.copy.toStdString());
    if (!project) {
        error = QString::fromStdString(project.error().message);
        return false;
    }
    document_->reset(std::move(*project), found.path, true);
    write();
    QThreadPool::globalInstance()->waitForDone();
    discard(found);
    return true;
}

void Recovery::discard(const Found& found) {
    QString base = found.copy;
    base.chop(8); // ".vitrail"
    remove_files(base);
}

} // namespace vitrail
