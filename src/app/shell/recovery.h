// Autosave: what was not saved survives a kill.
#pragma once

#include <QObject>
#include <QString>

#include <memory>
#include <optional>

class QLockFile;
class QTimer;

namespace vitrail {

class Document;

/// Keeps a copy of the changed project in the application's data folder and takes it away when it is saved or the
/// program ends well. A copy whose program is gone is offered at the next start.
class Recovery : public QObject {
    Q_OBJECT
public:
    Recovery(Document* document, QObject* parent = nullptr);
    ~Recovery() override;

    struct Found {
        QString copy;  ///< the archive
        QString path;  ///< where the project came from; may be empty
        QString title;
    };
    /// A copy that no running program owns, if there is one.
    std::optional<Found> find();
    /// Opens it as a changed project and takes the copy over.
    bool restore(const Found& found, QString& error);
    void discard(const Found& found);

    /// Seconds between a change and its copy; the tests shorten it.
    static int delay_ms();

private:
    void write();
    void forget();

    Document* document_;
    QTimer* timer_;
    QString base_; ///< this session's files, without ending
    std::unique_ptr<QLockFile> lock_;
};

} // namespace vitrail
