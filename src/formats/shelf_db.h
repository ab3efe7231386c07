// The user's filaments and spools in an SQLite database that lasts across projects; and as CSV and JSON.
#pragma once

#include "core/base/result.h"
#include "core/material/shelf.h"

#include <memory>
#include <string>
#include <string_view>

struct sqlite3;

namespace vitrail {

/// Version of the database's tables that this program writes; older ones are migrated on opening.
inline constexpr int kShelfVersion = 5;

/// An open shelf. Every change is one transaction; the journal is written ahead (WAL), so a killed program
/// leaves either the old state or the new one.
class ShelfDb {
public:
    /// Opens or makes the file. One that is damaged or no shelf is set aside as `….damaged-N`, never written
    /// over, and `note` says so; a newer version is refused. A new shelf holds the starter set.
    static Result<ShelfDb> open(const std::string& path, Message* note = nullptr);

    Result<Shelf> read() const;
    /// Makes the file hold exactly `shelf`.
    Status write(const Shelf& shelf);
    /// For the logbook, which is kept in the same file.
    sqlite3* handle() { return db_.get(); }

private:
    struct Close {
        void operator()(sqlite3* db) const;
    };
    explicit ShelfDb(sqlite3* db) : db_(db) {}
    std::unique_ptr<sqlite3, Close> db_;
};

/// JSON, schema "vitrail.shelf/1".
std::string shelf_to_json(const Shelf& shelf);
/// CSV (RFC 4180), a header and one line a spool; filaments without spools have a line with an empty code.
std::string shelf_to_csv(const Shelf& shelf);
/// Either, told apart by the first character. Errors say which line or key.
Result<Shelf> shelf_from_text(const std::string& text);
/// Adds what is new and replaces what has the same id (filaments) or code (spools).
void merge_shelf(Shelf& into, const Shelf& from);

} // namespace vitrail
