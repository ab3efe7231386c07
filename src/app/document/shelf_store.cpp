#include "app/document/shelf_store.h"

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
    writer_.waitForDone();
}

QString ShelfStore::path() {
    const QString own = qEnvironmentVariable("VITRAIL_SHELF");
    return own.isEmpty() ? QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + QStringLiteral("/shelf.sqlite") : own;
}

int ShelfStore::today() {
    return static_cast<int>(QDate(1970, 1, 1).daysTo(QDate::currentDate()));
}

void ShelfStore::open() {
    if (opening_)
        return;
    opening_ = true;
    writer_.start([self = QPointer<ShelfStore>(this), path = path().toStdString()] {
        Message note;
        auto db = ShelfDb::open(path, &note);
        Result<Shelf> shelf = db ? db->read() : Result<Shelf>(db.error());
        std::shared_ptr<ShelfDb> kept = db ? std::make_shared<ShelfDb>(std::move(*db)) : nullptr;
        QMetaObject::invokeMethod(qApp, [self, kept, shelf, note] {
            if (!self)
                return;
            if (!note.empty())
                Q_EMIT self->said(words(note));
            if (!shelf) {
                Q_EMIT self->said(words(shelf.error().message));
                return;
            }
            self->db_ = kept;
            self->shelf_ = *shelf;
            self->open_ = true;
            Q_EMIT self->ready();
            Q_EMIT self->changed();
        }, Qt::QueuedConnection);
    });
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
    writer_.start([self = QPointer<ShelfStore>(this), db = db_, shelf = shelf_] {
        const Status ok = db->write(shelf);
        if (!ok)
            QMetaObject::invokeMethod(qApp, [self, why = words(ok.error().message)] {
                if (self)
                    Q_EMIT self->said(why);
            }, Qt::QueuedConnection);
    });
    Q_EMIT changed();
}

} // namespace vitrail
