#include "formats/shelf_db.h"

#include "formats/optics_text.h"
#include "formats/sqlite_statement.h"

#include <filesystem>
#include <functional>
#include <unordered_set>

namespace vitrail {

namespace {

int version_of(sqlite3* db) {
    Statement s(db, "PRAGMA user_version");
    return s.step() == SQLITE_ROW ? s.whole_at(0) : -1;
}

/// Step n brings version n to n + 1.
const char* const kMigrations[] = {
    // 0 → 1
    "CREATE TABLE filament (id TEXT PRIMARY KEY, place INTEGER NOT NULL, letter TEXT NOT NULL, name TEXT NOT "
    "NULL, material TEXT NOT NULL,"
    " colour TEXT NOT NULL, td_mm REAL NOT NULL, diameter_mm REAL NOT NULL, density_g_cm3 REAL NOT NULL, "
    "price_per_kg REAL NOT NULL,"
    " nozzle_low REAL NOT NULL, nozzle_high REAL NOT NULL, bed_low REAL NOT NULL, bed_high REAL NOT NULL, "
    "dry_c REAL NOT NULL,"
    " dry_h REAL NOT NULL, notes TEXT NOT NULL);"
    "CREATE TABLE spool (code TEXT PRIMARY KEY, place INTEGER NOT NULL, filament TEXT NOT NULL REFERENCES "
    "filament(id), full_g REAL NOT NULL,"
    " tare_g REAL NOT NULL, left_g REAL NOT NULL, opened_day INTEGER NOT NULL, dried_day INTEGER NOT NULL, "
    "at INTEGER NOT NULL,"
    " place_note TEXT NOT NULL);",
    // 1 → 2: somebody has read the label
    "ALTER TABLE filament ADD COLUMN class_confirmed INTEGER NOT NULL DEFAULT 0;",
    // 2 → 3: measured by a step wedge
    "ALTER TABLE filament ADD COLUMN optics TEXT NOT NULL DEFAULT '';",
    // 3 → 4: the number of its tag
    "ALTER TABLE spool ADD COLUMN tag TEXT NOT NULL DEFAULT '';",
    // 4 → 5: the logbook
    "CREATE TABLE print (id TEXT PRIMARY KEY, start_s INTEGER NOT NULL, record TEXT NOT NULL, plan TEXT NOT "
    "NULL DEFAULT '', picture BLOB);"
    "CREATE TABLE photograph (print TEXT NOT NULL REFERENCES print(id) ON DELETE CASCADE, name TEXT NOT "
    "NULL, picture BLOB NOT NULL, PRIMARY KEY (print, name));"
    "CREATE TABLE factor_off (key TEXT PRIMARY KEY);",
};
static_assert(std::size(kMigrations) == kShelfVersion);

std::string set_aside(const std::string& path) {
    namespace fs = std::filesystem;
    std::string to;
    for (int n = 1; to.empty() || fs::exists(to); ++n)
        to = path + ".damaged-" + std::to_string(n);
    std::error_code e;
    fs::rename(path, to, e);
    for (const char* more : {"-wal", "-shm"})
        if (fs::exists(path + more))
            fs::rename(path + more, to + more, e);
    return to;
}

} // namespace

void ShelfDb::Close::operator()(sqlite3* db) const {
    sqlite3_close(db);
}

Result<ShelfDb> ShelfDb::open(const std::string& path, Message* note) {
    std::error_code e;
    std::filesystem::create_directories(std::filesystem::path(path).parent_path(), e);
    for (int attempt = 0; attempt < 2; ++attempt) {
        sqlite3* raw = nullptr;
        const int opened =
            sqlite3_open_v2(path.c_str(), &raw, SQLITE_OPEN_READWRITE | SQLITE_OPEN_CREATE, nullptr);
        ShelfDb db(raw);
        if (opened != SQLITE_OK)
            return Error{
                raw ? say("The shelf cannot be opened at {} ({}).", path, std::string(sqlite3_errmsg(raw)))
                    : say("The shelf cannot be opened at {}.", path)};
        sqlite3_busy_timeout(raw, 2000);
        const int version = version_of(raw);
        bool sound = version >= 0;
        if (sound && version > 0) {
            Statement check(raw, "PRAGMA quick_check(1)");
            sound = check.step() == SQLITE_ROW && check.text_at(0) == "ok";
            Statement tables(raw, "SELECT count(*) FROM sqlite_master WHERE name IN ('filament', 'spool')");
            sound = sound && tables.step() == SQLITE_ROW && tables.whole_at(0) == 2;
        }
        if (!sound && attempt == 0) {
            db.db_.reset();
            const std::string to = set_aside(path);
            if (note)
                *note = say("The shelf was damaged. It has been set aside as {}, and a new one begun.",
                            std::filesystem::path(to).filename().string());
            continue;
        }
        if (!sound)
            return Error{say("The shelf cannot be used at {}.", path)};
        if (version > kShelfVersion)
            return Error{say("The shelf was written by a newer Vitrail (version {}; this one knows up to "
                             "{}). It was left as it is.",
                             version, kShelfVersion)};
        run(raw, "PRAGMA journal_mode = WAL");
        run(raw, "PRAGMA synchronous = FULL");
        run(raw, "PRAGMA foreign_keys = ON");
        bool fresh = false;
        while (
            true) { // shelf and logbook are opened side by side: whoever is first brings it up, step by step
            const bool locked = run(raw, "BEGIN IMMEDIATE");
            const int v = locked ? version_of(raw) : -1;
            if (locked && v >= kShelfVersion) {
                run(raw, "COMMIT");
                break;
            }
            const std::string sql = v < 0 ? std::string()
                                          : std::string(kMigrations[v]) +
                                                "PRAGMA user_version = " + std::to_string(v + 1) + ";COMMIT";
            if (v < 0 || !run(raw, sql.c_str())) {
                const Error why{say("The shelf could not be brought to version {} ({}).", v + 1,
                                    std::string(sqlite3_errmsg(raw)))};
                run(raw, "ROLLBACK");
                return why;
            }
            fresh |= v == 0;
        }
        if (fresh)
            if (const Status ok = db.write(starter_shelf()); !ok)
                return ok.error();
        return db;
    }
    return Error{say("The shelf cannot be used at {}.", path)};
}

Result<Shelf> ShelfDb::read() const {
    Shelf shelf;
    Statement f(db_.get(),
                "SELECT id, letter, name, material, colour, td_mm, diameter_mm, density_g_cm3, price_per_kg, "
                "nozzle_low, nozzle_high, bed_low,"
                " bed_high, dry_c, dry_h, notes, class_confirmed, optics FROM filament ORDER BY place");
    int step = SQLITE_DONE;
    while ((step = f.step()) == SQLITE_ROW) {
        const auto material = parse_material(f.text_at(3));
        const auto colour = parse_colour(f.text_at(4));
        const std::string letter = f.text_at(1);
        if (!material || !colour)
            continue; // a class this version does not know; the row stays where it is until it is written
                      // over
        ShelfFilament x;
        x.id = f.text_at(0);
        x.filament = make_filament(letter.empty() ? 'A' : letter[0], *material, *colour, f.text_at(2));
        x.filament.td_mm = f.number_at(5);
        x.filament.diameter_mm = f.number_at(6);
        x.filament.density_g_cm3 = f.number_at(7);
        x.filament.price_per_kg = f.number_at(8);
        x.filament.nozzle_c = {f.number_at(9), f.number_at(10)};
        x.filament.bed_c = {f.number_at(11), f.number_at(12)};
        x.dry_c = f.number_at(13);
        x.dry_h = f.number_at(14);
        x.notes = f.text_at(15);
        x.filament.class_confirmed = f.whole_at(16) != 0;
        x.filament.measured = parse_optics(f.text_at(17));
        x.filament.shelf_id = x.id;
        shelf.filaments.push_back(std::move(x));
    }
    if (step != SQLITE_DONE)
        return failed(db_.get(), term("The shelf could not be read ({})."));
    Statement s(db_.get(), "SELECT code, filament, full_g, tare_g, left_g, opened_day, dried_day, at, "
                           "place_note, tag FROM spool ORDER BY place");
    while ((step = s.step()) == SQLITE_ROW) {
        Spool x;
        x.code = s.text_at(0);
        x.filament_id = s.text_at(1);
        x.full_g = s.number_at(2);
        x.tare_g = s.number_at(3);
        x.left_g = s.number_at(4);
        x.opened_day = s.whole_at(5);
        x.dried_day = s.whole_at(6);
        x.place = static_cast<SpoolPlace>(std::clamp(s.whole_at(7), 0, 3));
        x.place_note = s.text_at(8);
        x.tag = s.text_at(9);
        shelf.spools.push_back(std::move(x));
    }
    if (step != SQLITE_DONE)
        return failed(db_.get(), term("The shelf could not be read ({})."));
    return shelf;
}

Status ShelfDb::write(const Shelf& shelf) {
    sqlite3* db = db_.get();
    const auto give_up = [&] {
        const Error why = failed(db, term("The shelf was not changed ({})."));
        run(db, "ROLLBACK");
        return why;
    };
    if (!run(db, "BEGIN IMMEDIATE") || !run(db, "DELETE FROM spool") || !run(db, "DELETE FROM filament"))
        return give_up();
    int place = 0;
    for (const ShelfFilament& x : shelf.filaments) {
        const Filament& f = x.filament;
        Statement s(db, "INSERT INTO filament (id, place, letter, name, material, colour, td_mm, "
                        "diameter_mm, density_g_cm3, price_per_kg, nozzle_low,"
                        " nozzle_high, bed_low, bed_high, dry_c, dry_h, notes, class_confirmed, optics) "
                        "VALUES (?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?)");
        if (!s)
            return give_up();
        s.text(x.id)
            .whole(place++)
            .text(std::string(1, f.letter))
            .text(f.name)
            .text(facts(f.material).id)
            .text(to_hex(f.colour))
            .number(f.td_mm)
            .number(f.diameter_mm);
        s.number(f.density_g_cm3)
            .number(f.price_per_kg)
            .number(f.nozzle_c.low)
            .number(f.nozzle_c.high)
            .number(f.bed_c.low)
            .number(f.bed_c.high);
        s.number(x.dry_c)
            .number(x.dry_h)
            .text(x.notes)
            .whole(f.class_confirmed)
            .text(optics_text(f.measured));
        if (s.step() != SQLITE_DONE)
            return give_up();
    }
    place = 0;
    for (const Spool& x : shelf.spools) {
        Statement s(db, "INSERT INTO spool (code, place, filament, full_g, tare_g, left_g, opened_day, "
                        "dried_day, at, place_note, tag) VALUES (?,?,?,?,?,?,?,?,?,?,?)");
        if (!s)
            return give_up();
        s.text(x.code)
            .whole(place++)
            .text(x.filament_id)
            .number(x.full_g)
            .number(x.tare_g)
            .number(x.left_g)
            .whole(x.opened_day)
            .whole(x.dried_day);
        s.whole(static_cast<int>(x.place)).text(x.place_note).text(x.tag);
        if (s.step() != SQLITE_DONE)
            return give_up();
    }
    if (!run(db, "COMMIT"))
        return give_up();
    return Done{};
}

} // namespace vitrail
