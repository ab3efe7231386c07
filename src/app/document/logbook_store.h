// The user's logbook while the program runs: read once, every edit undoable and written in the background,
// learned from anew each time.
#pragma once

#include "core/logbook/learn.h"
#include "formats/logbook_db.h"

#include <QImage>
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
    /// Adds the prints of a list (JSON or CSV); those with the same id are replaced. Waits until it is open.
    void import_prints(const QString& path);
    /// What is kept beside a record; written at once, not undone with it.
    void keep_extras(const std::string& id, PrintExtras extras);
    void keep_pictures(std::map<std::string, std::string> pictures);
    /// Small pictures of the prints, by id: PNG.
    const std::map<std::string, std::string>& pictures() const { return pictures_; }
    /// Adds a photograph to a print, from a picture file, made smaller in the background; refusals are said.
    /// Taking it out is an edit of the record.
    void add_photograph(const std::string& id, const QString& path);
    /// Reads them in the background; `then` gets them in the window's thread, as long as `owner` lives.
    using Photographs = std::vector<std::pair<std::string, QImage>>; ///< name, picture; those of the record
    void read_photographs(QObject* owner, const std::string& id, std::function<void(Photographs)> then);
    /// What the logbook makes of a plan.
    Outlook outlook(const Project& project, const Plan& plan) const {
        return vitrail::outlook(project, plan, factors_);
    }
    void wait_written();

Q_SIGNALS:
    void ready();
    void changed(); ///< prints, or what was learned from them
    void pictures_changed();
    void said(const QString& message);

private:
    friend class LogbookEdit;
    void set(Book book);
    void learn();

    Book book_;
    std::vector<Factor> factors_;
    Score score_;
    std::map<std::string, std::string> pictures_;
    std::shared_ptr<ShelfDb> db_; ///< used by the writer alone
    QThreadPool writer_;
    QUndoStack undo_;
    bool opening_ = false, open_ = false;
};

} // namespace vitrail
