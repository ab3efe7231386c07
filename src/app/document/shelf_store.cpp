#include "app/document/shelf_store.h"

#include "app/document/threads.h"
#include "formats/shelf_db.h"
#include "paint/words.h"

#include <QApplication>
#include <QDateTime>
#include <QPointer>
#include <QStandardPaths>
#include <QUndoCommand>

namespace vitrail {

class ShelfEdit : public QUndoCommand {
public:
    ShelfEdit(ShelfStore* store, Shelf before, Shelf after, const QString& label)
        : QUndoCommand(label), store_(store), before_(std::move(before)), after_(std::move(after)) {}
    void undo() override { store_->set(before_); }
    void redo() override { store_->set(after_); }

private:
    ShelfStore* store_;
    Shelf before_, after_;
};

ShelfStore::ShelfStore(QObject* parent) : QObject(parent) {
    writer_.setMaxThreadCount(1); // one after the other
}

ShelfStore::~ShelfStore() {
    wait_for(writer_);
}

QString ShelfStore::path() {
    const QString own = qEnvironmentVariable("VITRAIL_SHELF");
    return own.isEmpty() ? QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) +
                               QStringLiteral("/shelf.sqlite")
                         : own;
}

int ShelfStore::today() {
    return static_cast<int>(QDate(1970, 1, 1).daysTo(QDate::currentDate()));
}

void ShelfStore::open() {
    if (opening_)
        return;
    opening_ = true;
    in_pool(writer_, [this, owner = QPointer<QObject>(this), path = path().toStdString()] {
        const QString problem = guarded([&] {
            Message note;
            auto db = ShelfDb::open(path, &note);
            Result<Shelf> shelf = db ? db->read() : Result<Shelf>(db.error());
            std::shared_ptr<ShelfDb> kept = db ? std::make_shared<ShelfDb>(std::move(*db)) : nullptr;
            in_window(owner, [this, kept, shelf, note] {
                if (!note.empty())
                    Q_EMIT said(words(note));
                if (!shelf) {
                    Q_EMIT said(words(shelf.error().message));
                    return;
                }
                db_ = kept;
                shelf_ = *shelf;
                open_ = true;
                Q_EMIT ready();
                Q_EMIT changed();
            });
        });
        tell(owner, problem);
    });
}

void ShelfStore::tell(const QPointer<QObject>& owner, const QString& problem) {
    if (!problem.isEmpty())
        in_window(owner, [this, problem] { Q_EMIT said(problem); });
}

void ShelfStore::edit(const QString& label, const std::function<void(Shelf&)>& change) {
    if (!open_)
        return;
    Shelf after = shelf_;
    change(after);
    if (!(after == shelf_))
        undo_.push(new ShelfEdit(this, shelf_, std::move(after), label));
}

void ShelfStore::set(Shelf shelf) {
    shelf_ = std::move(shelf);
    in_pool(writer_, [this, owner = QPointer<QObject>(this), db = db_, shelf = shelf_] {
        QString problem;
        const QString mistake = guarded([&] {
            if (const Status ok = db->write(shelf); !ok)
                problem = words(ok.error().message);
        });
        tell(owner, mistake.isEmpty() ? problem : mistake);
    });
    Q_EMIT changed();
}

} // namespace vitrail

#include "moc_shelf_store.cpp"
