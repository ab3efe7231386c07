// The user's logbook while the program runs: read once, every edit undoable and written in the background, learned from anew each time.
#pragma once

#include "core/logbook/learn.h"
#include "formats/logbook_db.h"

#include <QObject>
#include <QThreadPool>
#include <QUndoStack>

#include <functional>
#include <memory>

namespace vitrail {

class LogbookStore : public QObject {
    Q_OBJECT
public:
    /// Prints, and the factors that are switched off.
    struct Book {
        std::vector<PrintRecord> prints; ///< by start
        std::vector<FactorKey> off;
        bool operator==(const Book&) const = default;
    };
    explicit LogbookStore(QObject* parent = nullptr);
    ~LogbookStore() override;

    /// Begins to read it, beside the shelf; ready() follows. Later calls do nothing.
    void open();
    bool is_open() const { return open_; }
    const Book& book() const { return book_; }
    const std::vector<PrintRecord>& prints() const { return book_.prints; }
    const PrintRecord* print(const std::string& id) const;
    const std::vector<Factor>& factors() const { return factors_; } ///< of prints()
    const Score& score() const { return score_; }
    QUndoStack* undo_stack() { return &undo_; }

    void edit(const QString& label, const std::function<void(Book&)>& change);
    /// What is kept beside a record; written at once, not undone with it.
    void keep_extras(const std::string& id, PrintExtras extras);
    void wait_written();

Q_SIGNALS:
    void ready();
    void changed(); ///< prints, or what was learned from them
    void said(const QString& message);

private:
    friend class LogbookEdit;
    void set(Book book);
    void learn();

    Book book_;
    std::vector<Factor> factors_;
    Score score_;
    std::shared_ptr<ShelfDb> db_; ///< used by the writer alone
    QThreadPool writer_;
    QUndoStack undo_;
    bool opening_ = false, open_ = false;
};

} // namespace vitrail
