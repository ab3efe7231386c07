#include "formats/logbook_db.h"

#include "formats/json.h"
#include "formats/logbook_text.h"
#include "formats/sqlite_statement.h"

#include <set>

namespace vitrail {

namespace {

constexpr const char* kNotRead = term("The logbook could not be read ({}).");
constexpr const char* kNotWritten = term("The logbook was not changed ({}).");

bool put(sqlite3* db, const PrintRecord& r) {
    Statement s(db, "INSERT INTO print (id, start_s, record) VALUES (?,?,?) ON CONFLICT (id) DO UPDATE SET "
                    "start_s = excluded.start_s, record = excluded.record");
    return s && s.text(r.id).whole(r.start_s).text(json_text(record_to_json(r), -1)).step() == SQLITE_DONE;
}

template <class F>
Status in_one(sqlite3* db, F work) {
    if (run(db, "BEGIN IMMEDIATE") && work() && run(db, "COMMIT"))
        return Done{};
    const Error why = failed(db, kNotWritten);
    run(db, "ROLLBACK");
    return why;
}

} // namespace

Result<std::vector<PrintRecord>> read_prints(ShelfDb& db, int* damaged) {
    std::vector<PrintRecord> out;
    Statement s(db.handle(), "SELECT record FROM print ORDER BY start_s, id");
    int step = SQLITE_DONE;
    while ((step = s.step()) == SQLITE_ROW) {
        if (auto r = record_from_text(s.text_at(0)))
            out.push_back(std::move(*r));
        else if (damaged)
            ++*damaged;
    }
    if (step != SQLITE_DONE)
        return failed(db.handle(), kNotRead);
    return out;
}

Result<std::map<std::string, std::string>> read_pictures(ShelfDb& db) {
    std::map<std::string, std::string> out;
    Statement s(db.handle(), "SELECT id, picture FROM print WHERE length(picture) > 0");
    int step = SQLITE_DONE;
    while ((step = s.step()) == SQLITE_ROW)
        out[s.text_at(0)] = s.bytes_at(1);
    if (step != SQLITE_DONE)
        return failed(db.handle(), kNotRead);
    return out;
}

Status write_pictures(ShelfDb& db, const std::map<std::string, std::string>& pictures) {
    return in_one(db.handle(), [&] {
        for (const auto& [id, png] : pictures) {
            Statement s(db.handle(), "UPDATE print SET picture = ? WHERE id = ?");
            if (s.bytes(png).text(id).step() != SQLITE_DONE)
                return false;
        }
        return true;
    });
}

Result<PrintExtras> read_extras(ShelfDb& db, const std::string& id) {
    Statement s(db.handle(), "SELECT plan, picture FROM print WHERE id = ?");
    s.text(id);
    const int step = s.step();
    if (step == SQLITE_ROW)
        return PrintExtras{s.text_at(0), s.bytes_at(1)};
    return step == SQLITE_DONE ? Result<PrintExtras>(PrintExtras{}) : failed(db.handle(), kNotRead);
}

Status write_print(ShelfDb& db, const PrintRecord& record, const PrintExtras* extras) {
    return in_one(db.handle(), [&] {
        if (!put(db.handle(), record))
            return false;
        if (!extras)
            return true;
        Statement s(db.handle(), "UPDATE print SET plan = ?, picture = ? WHERE id = ?");
        return s.text(extras->plan).bytes(extras->picture).text(record.id).step() == SQLITE_DONE;
    });
}

Status write_prints(ShelfDb& db, const std::vector<PrintRecord>& records) {
    return in_one(db.handle(), [&] {
        for (const PrintRecord& r : records)
            if (!put(db.handle(), r))
                return false;
        return true;
    });
}

Status remove_print(ShelfDb& db, const std::string& id) {
    return in_one(db.handle(), [&] {
        Statement s(db.handle(), "DELETE FROM print WHERE id = ?");
        return s.text(id).step() == SQLITE_DONE;
    });
}

Status write_photograph(ShelfDb& db, const std::string& id, const std::string& name,
                        const std::string& picture) {
    return in_one(db.handle(), [&] {
        Statement s(db.handle(), "INSERT OR REPLACE INTO photograph (print, name, picture) VALUES (?,?,?)");
        return s.text(id).text(name).bytes(picture).step() == SQLITE_DONE;
    });
}

Result<std::string> read_photograph(ShelfDb& db, const std::string& id, const std::string& name) {
    Statement s(db.handle(), "SELECT picture FROM photograph WHERE print = ? AND name = ?");
    s.text(id).text(name);
    const int step = s.step();
    if (step == SQLITE_ROW)
        return s.bytes_at(0);
    return step == SQLITE_DONE ? Error{say("There is no photograph {} of this print.", Name{name})}
                               : failed(db.handle(), kNotRead);
}

Status sweep_photographs(ShelfDb& db, const std::vector<PrintRecord>& records) {
    std::set<std::pair<std::string, std::string>> known, kept;
    for (const PrintRecord& r : records)
        for (const std::string& name : r.photographs)
            known.insert({r.id, name});
    {
        Statement s(db.handle(), "SELECT print, name FROM photograph");
        while (s.step() == SQLITE_ROW)
            kept.insert({s.text_at(0), s.text_at(1)});
    }
    return in_one(db.handle(), [&] {
        for (const auto& [print, name] : kept)
            if (!known.count({print, name}))
                if (Statement s(db.handle(), "DELETE FROM photograph WHERE print = ? AND name = ?");
                    s.text(print).text(name).step() != SQLITE_DONE)
                    return false;
        return true;
    });
}

Result<std::vector<FactorKey>> read_off(ShelfDb& db) {
    std::vector<FactorKey> out;
    Statement s(db.handle(), "SELECT key FROM factor_off ORDER BY key");
    int step = SQLITE_DONE;
    while ((step = s.step()) == SQLITE_ROW)
        if (const auto key = factor_key_of(s.text_at(0)))
            out.push_back(*key);
    if (step != SQLITE_DONE)
        return failed(db.handle(), kNotRead);
    return out;
}

Status write_off(ShelfDb& db, const std::vector<FactorKey>& off) {
    return in_one(db.handle(), [&] {
        if (!run(db.handle(), "DELETE FROM factor_off"))
            return false;
        for (const FactorKey& key : off) {
            Statement s(db.handle(), "INSERT OR IGNORE INTO factor_off (key) VALUES (?)");
            if (s.text(factor_key_text(key)).step() != SQLITE_DONE)
                return false;
        }
        return true;
    });
}

} // namespace vitrail
