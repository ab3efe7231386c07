// The user's shelf while the program runs: read once, every edit undoable and written in the background.
#pragma once

#include "core/material/shelf.h"

#include <QObject>
#include <QPointer>
#include <QThreadPool>
#include <QUndoStack>

#include <functional>
#include <memory>

namespace vitrail {

class ShelfDb;

class ShelfStore : public QObject {
    Q_OBJECT
public:
    explicit ShelfStore(QObject* parent = nullptr);
    ~ShelfStore() override;

    /// Begins to read the database; ready() follows. Later calls do nothing.
    void open();
    bool is_open() const { return open_; }
    const Shelf& shelf() const { return shelf_; }
    QUndoStack* undo_stack() { return &undo_; }

    void edit(const QString& label, const std::function<void(Shelf&)>& change);

    /// $VITRAIL_SHELF, else shelf.sqlite in the user's data folder.
    static QString path();
    /// Days since 1970-01-01.
    static int today();

Q_SIGNALS:
    void ready();
    void changed();
    void said(const QString& message);

private:
    friend class ShelfEdit;
    void set(Shelf shelf);
    /// Says it in the window's thread, where there is anything to say.
    void tell(const QPointer<QObject>& owner, const QString& problem);

    Shelf shelf_;
    std::shared_ptr<ShelfDb> db_; ///< used by the writer alone
    QThreadPool writer_;
    QUndoStack undo_;
    bool opening_ = false, open_ = false;
};

} // namespace vitrail
