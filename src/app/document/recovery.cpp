#include "app/document/recovery.h"

#include "app/document/document.h"
#include "formats/loose.h"
#include "paint/words.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QLockFile>
#include <QStandardPaths>
#include <QTimer>
#include <QUuid>

namespace vitrail {

namespace {

QString recovery_folder() {
    const QString path =
        QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + QStringLiteral("/recovery");
    QDir().mkpath(path);
    return path;
}

QString lock_of(const QString& copy) {
    return copy + QStringLiteral(".lock");
}

} // namespace

int Recovery::delay_ms() {
    const int set = qEnvironmentVariableIntValue("VITRAIL_AUTOSAVE_MS");
    return set > 0 ? set : 5000;
}

Recovery::Recovery(Document* document, QObject* parent)
    : QObject(parent), document_(document), timer_(new QTimer(this)),
      folder_(recovery_folder() + QLatin1Char('/') + QUuid::createUuid().toString(QUuid::WithoutBraces)),
      copy_(std::make_shared<LooseFolder>(folder_.toStdString())),
      lock_(std::make_unique<QLockFile>(lock_of(folder_))) {
    lock_->setStaleLockTime(0); // stale only when its process is gone
    lock_->tryLock(0);
    timer_->setSingleShot(true);
    timer_->setInterval(delay_ms());
    connect(timer_, &QTimer::timeout, this, &Recovery::write);
    connect(document, &Document::project_changed, this, &Recovery::follow);
    connect(document, &Document::modified_changed, this, &Recovery::follow);
    connect(&files_, &FileQueue::failed, this, [this](const QString& why) {
        writing_ = false;
        Q_EMIT said(why);
    });
}

Recovery::~Recovery() {
    timer_->stop();
    take_away();
}

void Recovery::follow() {
    if (document_->modified()) {
        if (!timer_->isActive())
            timer_->start();
        return;
    }
    timer_->stop();
    take_away();
}

void Recovery::write() {
    if (!document_->modified())
        return;
    if (writing_) { // on a slow disk: once that is done
        timer_->start();
        return;
    }
    writing_ = there_ = true;
    files_.write([this, project = document_->project(), path = document_->path().toStdString(),
                  copy = copy_](const Disk& disk, const Progress&) -> FileQueue::Then {
        const Status ok = copy->write(project, path, disk.write);
        return [this, why = ok ? QString() : words(ok.error().message)] {
            writing_ = false;
            if (why.isEmpty())
                warned_ = false;
            else if (!std::exchange(warned_, true))
                Q_EMIT said(
                    tr("No copy for emergencies could be kept: %1 Save the project yourself.").arg(why));
            if (!why.isEmpty() && document_->modified())
                timer_->start(); // the disk may have room again
        };
    });
}

/// After whatever is being written, so that no copy comes back.
void Recovery::take_away() {
    if (!std::exchange(there_, false))
        return;
    files_.write([copy = copy_](const Disk&, const Progress&) -> FileQueue::Then {
        copy->remove();
        return {};
    });
}

std::optional<Recovery::Found> Recovery::find() {
    const QFileInfoList copies =
        QDir(recovery_folder()).entryInfoList(QDir::Dirs | QDir::NoDotAndDotDot, QDir::Time);
    for (const QFileInfo& copy : copies) {
        if (copy.filePath() == folder_)
            continue;
        QLockFile other(lock_of(copy.filePath()));
        other.setStaleLockTime(0);
        if (!other.tryLock(0))
            continue; // its program still runs
        const auto path = loose_path(copy.filePath().toStdString());
        if (!path) {
            QDir(copy.filePath()).removeRecursively(); // killed before the first copy was whole
            continue;
        }
        const QString from = QString::fromStdString(*path);
        return Found{copy.filePath(), from,
                     from.isEmpty() ? tr("an unsaved project") : QFileInfo(from).fileName()};
    }
    return {};
}

void Recovery::restore(const Found& found) {
    files_.read([this, found](const Disk&, const Progress& progress) -> FileQueue::Then {
        auto loose = read_loose(found.copy.toStdString(), progress);
        if (!loose)
            return [this, why = words(loose.error().message)] {
                Q_EMIT said(tr("It could not be recovered. %1").arg(why));
            };
        return [this, found, project = std::move(loose->project)]() mutable {
            document_->reset(std::move(project), found.path, true);
            write(); // ours now, in case this session is killed too; only then the old copy goes
            files_.write([this, found](const Disk&, const Progress&) -> FileQueue::Then {
                return [this, found] {
                    if (!warned_)
                        discard(found);
                };
            });
        };
    });
}

void Recovery::discard(const Found& found) {
    files_.write([copy = found.copy](const Disk&, const Progress&) -> FileQueue::Then {
        QDir(copy).removeRecursively();
        QFile::remove(lock_of(copy));
        return {};
    });
}

} // namespace vitrail

#include "moc_recovery.cpp"
