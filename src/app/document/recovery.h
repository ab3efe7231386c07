// Autosave: what was not saved survives a kill.
#pragma once

#include "app/document/file_queue.h"

#include <QObject>
#include <QString>

#include <memory>
#include <optional>

class QLockFile;
class QTimer;

namespace vitrail {

class Document;
class LooseFolder;

/// Keeps a copy of the changed project in the application's data folder and takes it away when it is saved or
/// the program ends well. A copy whose program is gone is offered at the next start. Copies are written one
/// at a time, in the background, and only what has changed of them.
class Recovery : public QObject {
    Q_OBJECT
public:
    Recovery(Document* document, QObject* parent = nullptr);
    ~Recovery() override;

    struct Found {
        QString copy; ///< its folder
        QString path; ///< where the project came from; may be empty
        QString title;
    };
    /// A copy that no running program owns, if there is one.
    std::optional<Found> find();
    /// Opens it as a changed project, in the background, and takes the copy over.
    void restore(const Found& found);
    void discard(const Found& found);

    /// Another place for files than the real one, for the tests.
    void set_disk(Disk disk) { files_.set_disk(std::move(disk)); }
    /// Seconds between a change and its copy; the tests shorten it.
    static int delay_ms();

Q_SIGNALS:
    void said(const QString& message);

private:
    void follow();
    void write();
    void take_away();

    Document* document_;
    QTimer* timer_;
    QString folder_;                    ///< this session's copy
    std::shared_ptr<LooseFolder> copy_; ///< used by the queue alone
    std::unique_ptr<QLockFile> lock_;
    FileQueue files_;
    bool writing_ = false;
    bool there_ = false;  ///< there is a copy, or one is on its way
    bool warned_ = false; ///< one failure is told once
};

} // namespace vitrail
