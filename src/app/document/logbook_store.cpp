#include "app/document/logbook_store.h"

#include "app/document/shelf_store.h"
#include "app/document/threads.h"
#include "formats/files.h"
#include "formats/logbook_text.h"
#include "paint/photograph.h"
#include "paint/words.h"

#include <QFileInfo>
#include <QUndoCommand>

#include <algorithm>

namespace vitrail {

class LogbookEdit : public QUndoCommand {
public:
    LogbookEdit(LogbookStore* store, LogbookStore::Book before, LogbookStore::Book after,
                const QString& label)
        : QUndoCommand(label), store_(store), before_(std::move(before)), after_(std::move(after)) {}
    void undo() override { store_->set(before_); }
    void redo() override { store_->set(after_); }

private:
    LogbookStore* store_;
    LogbookStore::Book before_, after_;
};

LogbookStore::LogbookStore(QObject* parent) : QObject(parent), score_(vitrail::score({})) {
    writer_.setMaxThreadCount(1); // one after the other
}

LogbookStore::~LogbookStore() {
    wait_for(writer_);
}

void LogbookStore::open() {
    if (opening_)
        return;
    opening_ = true;
    in_pool(writer_, [this, owner = QPointer<QObject>(this), path = ShelfStore::path().toStdString()] {
        const QString problem = guarded([&] {
            Message note;
            auto db = ShelfDb::open(path, &note);
            const std::shared_ptr<ShelfDb> kept = db ? std::make_shared<ShelfDb>(std::move(*db)) : nullptr;
            int damaged = 0;
            auto prints = kept ? read_prints(*kept, &damaged) : Result<std::vector<PrintRecord>>(db.error());
            const auto off =
                kept ? read_off(*kept) : Result<std::vector<FactorKey>>(std::vector<FactorKey>());
            auto pictures =
                kept ? read_pictures(*kept)
                     : Result<std::map<std::string, std::string>>(std::map<std::string, std::string>());
            if (kept && prints)
                (void)sweep_photographs(
                    *kept, *prints); // of prints that were removed; no undo reaches them any more
            in_window(owner, [this, kept, prints, off, pictures, note, damaged] {
                if (!note.empty())
                    Q_EMIT said(words(note));
                if (!prints) {
                    Q_EMIT said(words(prints.error().message));
                    return;
                }
                if (damaged > 0)
                    Q_EMIT said(tr("%n print(s) of the logbook cannot be read; they stay where they are.",
                                   nullptr, damaged));
                db_ = kept;
                if (pictures)
                    pictures_ = *pictures;
                book_ = {*prints, off ? *off : std::vector<FactorKey>()};
                open_ = true;
                learn();
                Q_EMIT ready();
                Q_EMIT changed();
            });
        });
        if (!problem.isEmpty())
            in_window(owner, [this, problem] { Q_EMIT said(problem); });
    });
}

const PrintRecord* LogbookStore::print(const std::string& id) const {
    const auto at = std::find_if(book_.prints.begin(), book_.prints.end(),
                                 [&](const PrintRecord& r) { return r.id == id; });
    return at == book_.prints.end() ? nullptr : &*at;
}

void LogbookStore::edit(const QString& label, const std::function<void(Book&)>& change) {
    if (!open_)
        return;
    Book after = book_;
    change(after);
    std::stable_sort(after.prints.begin(), after.prints.end(),
                     [](const PrintRecord& a, const PrintRecord& b) { return a.start_s < b.start_s; });
    if (!(after == book_))
        undo_.push(new LogbookEdit(this, book_, std::move(after), label));
}

void LogbookStore::import_prints(const QString& path) {
    if (!open_) {
        connect(
            this, &LogbookStore::ready, this, [this, path] { import_prints(path); },
            Qt::SingleShotConnection);
        return open();
    }
    const auto text = read_file(path.toStdString());
    const auto book = text ? logbook_from_text(*text) : Result<LogbookFile>(text.error());
    if (!book)
        return Q_EMIT said(
            tr("%1 cannot be used. %2").arg(QFileInfo(path).fileName(), words(book.error().message)));
    edit(tr("Import prints"), [&](Book& b) {
        for (const PrintRecord& r : book->prints) {
            std::erase_if(b.prints, [&](const PrintRecord& x) { return x.id == r.id; });
            b.prints.push_back(r);
        }
    });
    keep_pictures(book->pictures);
    Q_EMIT said(tr("%n print(s) came from the list.", nullptr, static_cast<int>(book->prints.size())));
}

/// Some milliseconds for a thousand prints.
void LogbookStore::learn() {
    factors_ = learn_all(book_.prints, book_.off);
    score_ = vitrail::score(book_.prints);
}

void LogbookStore::set(Book book) {
    const Book before = std::move(book_);
    book_ = std::move(book);
    learn();
    std::vector<PrintRecord> written;
    std::vector<std::string> removed;
    for (const PrintRecord& r : book_.prints)
        if (const auto old = std::find_if(before.prints.begin(), before.prints.end(),
                                          [&](const PrintRecord& b) { return b.id == r.id; });
            old == before.prints.end() || !(*old == r))
            written.push_back(r);
    for (const PrintRecord& r : before.prints)
        if (!print(r.id))
            removed.push_back(r.id);
    in_pool(writer_, [this, owner = QPointer<QObject>(this), db = db_, written, removed, off = book_.off] {
        QString problem;
        const QString mistake = guarded([&] {
            Status ok = write_prints(*db, written);
            for (const std::string& id : removed)
                if (ok)
                    ok = remove_print(*db, id);
            if (ok)
                ok = write_off(*db, off);
            if (!ok)
                problem = words(ok.error().message);
        });
        if (const QString text = mistake.isEmpty() ? problem : mistake; !text.isEmpty())
            in_window(owner, [this, text] { Q_EMIT said(text); });
    });
    Q_EMIT changed();
}

void LogbookStore::keep_extras(const std::string& id, PrintExtras extras) {
    if (!open_)
        return;
    const PrintRecord* r = print(id);
    if (!r)
        return;
    if (!extras.picture.empty()) {
        pictures_[id] = extras.picture;
        Q_EMIT pictures_changed();
    }
    in_pool(writer_, [db = db_, record = *r, extras = std::move(extras)] {
        (void)guarded([&] { (void)write_print(*db, record, &extras); });
    });
}

void LogbookStore::keep_pictures(std::map<std::string, std::string> pictures) {
    if (!open_ || pictures.empty())
        return;
    for (const auto& [id, png] : pictures)
        pictures_[id] = png;
    Q_EMIT pictures_changed();
    in_pool(writer_, [db = db_, pictures = std::move(pictures)] {
        (void)guarded([&] { (void)write_pictures(*db, pictures); });
    });
}

void LogbookStore::add_photograph(const std::string& id, const QString& path) {
    if (!open_)
        return;
    in_pool(writer_, [this, owner = QPointer<QObject>(this), db = db_, id, path,
                      record = print(id) ? *print(id) : PrintRecord{}]() mutable {
        QString problem;
        std::string name;
        const QString mistake = guarded([&] {
            // Nothing is written over: neither what came just before this one, nor what was taken out and can
            // come back by undo.
            const std::string wanted = QFileInfo(path).completeBaseName().toStdString();
            for (name = free_photograph_name(record, wanted); read_photograph(*db, id, name);
                 name = free_photograph_name(record, wanted))
                record.photographs.push_back(name);
            const auto bytes = read_file(path.toStdString());
            const auto kept = bytes ? photograph_to_keep(*bytes) : Result<std::string>(bytes.error());
            Status ok = kept ? Status(Done{}) : Status(kept.error());
            if (ok)
                ok = write_photograph(*db, id, name, *kept);
            if (!ok)
                problem =
                    tr("%1 was not added. %2").arg(QFileInfo(path).fileName(), words(ok.error().message));
        });
        in_window(owner, [this, id, name, text = mistake.isEmpty() ? problem : mistake] {
            if (!text.isEmpty())
                return Q_EMIT said(text);
            edit(tr("Add a photograph"), [&](Book& b) {
                for (PrintRecord& r : b.prints)
                    if (r.id == id)
                        r.photographs.push_back(name);
            });
        });
    });
}

void LogbookStore::read_photographs(QObject* owner, const std::string& id,
                                    std::function<void(Photographs)> then) {
    const PrintRecord* r = print(id);
    if (!open_ || !r)
        return;
    in_pool(writer_,
            [owner = QPointer<QObject>(owner), db = db_, id, names = r->photographs, then = std::move(then)] {
                auto out = std::make_shared<Photographs>();
                (void)guarded([&] {
                    for (const std::string& name : names)
                        if (const auto bytes = read_photograph(*db, id, name))
                            out->emplace_back(name, photograph_image(*bytes));
                });
                in_window(owner, [out, then] { then(std::move(*out)); });
            });
}

void LogbookStore::wait_written() {
    wait_for(writer_);
}

} // namespace vitrail

#include "moc_logbook_store.cpp"
