#include "formats/csv.h"
#include "formats/json.h"
#include "formats/optics_text.h"
#include "formats/shelf_db.h"

#include <algorithm>
#include <charconv>
#include <map>
#include <set>

namespace vitrail {

namespace {

/// The columns of the CSV, in order, and the keys of the JSON.
constexpr const char* kColumns[] = {
    "id",          "name",          "material",     "colour",       "hatch",         "td_mm",
    "diameter_mm", "density_g_cm3", "price_per_kg", "nozzle_low_c", "nozzle_high_c", "bed_low_c",
    "bed_high_c",  "dry_c",         "dry_h",        "notes",        "label_read",    "optics",
    "spool",       "full_g",        "tare_g",       "left_g",       "opened_day",    "dried_day",
    "place",       "place_note",    "tag"};
constexpr std::size_t kSpoolColumn = 18;

std::string plain(double v) {
    char buffer[40];
    return {buffer, std::to_chars(buffer, buffer + sizeof buffer, v).ptr};
}

using Row = std::map<std::string, std::string>;

Row row_of(const ShelfFilament& x) {
    const Filament& f = x.filament;
    return {{"id", x.id},
            {"name", f.name},
            {"material", facts(f.material).id},
            {"colour", to_hex(f.colour)},
            {"hatch", std::string(1, f.letter)},
            {"td_mm", plain(f.td_mm)},
            {"diameter_mm", plain(f.diameter_mm)},
            {"density_g_cm3", plain(f.density_g_cm3)},
            {"price_per_kg", plain(f.price_per_kg)},
            {"nozzle_low_c", plain(f.nozzle_c.low)},
            {"nozzle_high_c", plain(f.nozzle_c.high)},
            {"bed_low_c", plain(f.bed_c.low)},
            {"bed_high_c", plain(f.bed_c.high)},
            {"dry_c", plain(x.dry_c)},
            {"dry_h", plain(x.dry_h)},
            {"notes", x.notes},
            {"label_read", f.class_confirmed ? "yes" : "no"},
            {"optics", optics_text(f.measured)}};
}

void add_spool(Row& r, const Spool& s) {
    r["spool"] = s.code;
    r["full_g"] = plain(s.full_g);
    r["tare_g"] = plain(s.tare_g);
    r["left_g"] = plain(s.left_g);
    r["opened_day"] = std::to_string(s.opened_day);
    r["dried_day"] = std::to_string(s.dried_day);
    r["place"] = to_string(s.place);
    r["place_note"] = s.place_note;
    r["tag"] = s.tag;
}

/// A value that does not fit; says which.
struct ShelfMisfit {
    Message message;
};

double number(const Row& r, const std::string& key, double low, double high, double otherwise) {
    const auto it = r.find(key);
    if (it == r.end() || it->second.empty())
        return otherwise;
    double v = 0;
    const std::string& s = it->second;
    const auto [end, error] = std::from_chars(s.data(), s.data() + s.size(), v);
    if (error != std::errc() || end != s.data() + s.size() || !(v >= low && v <= high))
        throw ShelfMisfit{say("{} is {}; it must be a number from {} to {}", key,
                              Name{one_line(s.substr(0, 40))}, plain(low), plain(high))};
    return v;
}

/// May have several lines, as notes do.
std::string prose(const Row& r, const std::string& key) {
    const auto it = r.find(key);
    return it == r.end() ? std::string() : repaired(it->second.substr(0, 4096));
}

std::string text(const Row& r, const std::string& key) {
    return one_line(prose(r, key));
}

void read_row(const Row& r, Shelf& shelf) {
    std::string id = text(r, "id");
    const std::string material_name = text(r, "material");
    if (id.empty())
        throw ShelfMisfit{say("the id is missing")};
    const int at = find_on_shelf(shelf, id);
    if (at < 0) {
        const auto material = parse_material(material_name);
        const auto colour = parse_colour(text(r, "colour"));
        const std::string hatch = text(r, "hatch");
        if (!material)
            throw ShelfMisfit{
                say("the material {} is not known", Name{repaired(material_name.substr(0, 40))})};
        if (!colour)
            throw ShelfMisfit{
                say("the colour {} must be #rrggbb", Name{repaired(text(r, "colour").substr(0, 40))})};
        ShelfFilament x;
        x.id = id;
        Filament& f = x.filament;
        f = make_filament(hatch.size() == 1 && hatch[0] >= 'A' && hatch[0] <= 'Z' ? hatch[0] : 'A', *material,
                          *colour, text(r, "name"));
        f.td_mm = number(r, "td_mm", 0.01, 1000, f.td_mm);
        f.diameter_mm = number(r, "diameter_mm", 0.5, 10, f.diameter_mm);
        f.density_g_cm3 = number(r, "density_g_cm3", 0.1, 20, f.density_g_cm3);
        f.price_per_kg = number(r, "price_per_kg", 0, 1e6, f.price_per_kg);
        f.nozzle_c = {number(r, "nozzle_low_c", 0, 1000, f.nozzle_c.low),
                      number(r, "nozzle_high_c", 0, 1000, f.nozzle_c.high)};
        f.bed_c = {number(r, "bed_low_c", 0, 1000, f.bed_c.low),
                   number(r, "bed_high_c", 0, 1000, f.bed_c.high)};
        if (f.nozzle_c.low > f.nozzle_c.high || f.bed_c.low > f.bed_c.high)
            throw ShelfMisfit{say("a temperature range ends below where it begins")};
        x.dry_c = number(r, "dry_c", 0, 300, 0);
        x.dry_h = number(r, "dry_h", 0, 1000, 0);
        x.notes = prose(r, "notes");
        f.class_confirmed = text(r, "label_read") == "yes";
        bool fits = true;
        f.measured = parse_optics(text(r, "optics"), &fits);
        if (!fits)
            throw ShelfMisfit{say("the optics must be twelve numbers, K, S and their uncertainties")};
        f.shelf_id = id;
        shelf.filaments.push_back(std::move(x));
    }
    const std::string code = text(r, "spool");
    if (code.empty())
        return;
    if (std::any_of(shelf.spools.begin(), shelf.spools.end(), [&](const Spool& s) { return s.code == code; }))
        throw ShelfMisfit{say("the spool {} stands twice", Name{repaired(code.substr(0, 40))})};
    Spool s;
    s.code = code;
    s.filament_id = id;
    s.full_g = number(r, "full_g", 0, 100000, s.full_g);
    s.tare_g = number(r, "tare_g", 0, 100000, s.tare_g);
    s.left_g = number(r, "left_g", 0, 100000, s.full_g);
    s.opened_day = static_cast<int>(number(r, "opened_day", 0, 1e6, 0));
    s.dried_day = static_cast<int>(number(r, "dried_day", 0, 1e6, 0));
    const std::string place = text(r, "place");
    for (const SpoolPlace p : {SpoolPlace::shelf, SpoolPlace::dryer, SpoolPlace::slot, SpoolPlace::elsewhere})
        if (place == to_string(p))
            s.place = p;
    s.place_note = text(r, "place_note");
    s.tag = text(r, "tag").substr(0, 64);
    shelf.spools.push_back(std::move(s));
}

/// A number or a text as a text.
std::string as_text(const Json& v) {
    return v.is_string()    ? v.get<std::string>()
           : v.is_null()    ? std::string()
           : v.is_boolean() ? (v.get<bool>() ? "yes" : "no")
                            : json_text(v, -1);
}

} // namespace

std::string shelf_to_csv(const Shelf& shelf) {
    std::string out;
    for (std::size_t i = 0; i < std::size(kColumns); ++i)
        out += (i ? "," : "") + std::string(kColumns[i]);
    out += "\r\n";
    const auto write = [&](const Row& r) {
        for (std::size_t i = 0; i < std::size(kColumns); ++i)
            out += (i ? "," : "") + csv_field(prose(r, kColumns[i]));
        out += "\r\n";
    };
    for (const ShelfFilament& f : shelf.filaments) {
        bool any = false;
        for (const Spool& s : shelf.spools)
            if (s.filament_id == f.id) {
                Row r = row_of(f);
                add_spool(r, s);
                write(r);
                any = true;
            }
        if (!any)
            write(row_of(f));
    }
    return out;
}

std::string shelf_to_json(const Shelf& shelf) {
    Json filaments = Json::array(), spools = Json::array();
    const auto object = [](const Row& r, std::size_t from, std::size_t to) {
        Json j = Json::object();
        for (std::size_t i = from; i < to; ++i) {
            const std::string v = prose(r, kColumns[i]), key = kColumns[i];
            const bool is_number =
                key.find('_') != std::string::npos && key != "place_note" && key != "label_read";
            if (is_number)
                j[key] = Json::parse(v.empty() ? "0" : v);
            else
                j[key] = v;
        }
        return j;
    };
    for (const ShelfFilament& f : shelf.filaments)
        filaments.push_back(object(row_of(f), 0, kSpoolColumn));
    for (const Spool& s : shelf.spools) {
        Row r;
        add_spool(r, s);
        Json j = object(r, kSpoolColumn, std::size(kColumns));
        j["id"] = s.filament_id;
        spools.push_back(j);
    }
    return json_text({{"schema", "vitrail.shelf/1"}, {"filaments", filaments}, {"spools", spools}}) + "\n";
}

Result<Shelf> shelf_from_text(const std::string& input) {
    Shelf shelf;
    Message where;
    try {
        const std::size_t first = input.find_first_not_of(" \t\r\n\xef\xbb\xbf");
        if (first == std::string::npos)
            return Error{say("The file is empty.")};
        if (input[first] == '{') {
            const Result<Json> json = parse_json(input);
            if (!json)
                return json.error();
            const JsonReader r(*json, "shelf");
            if (r.text("schema") != "vitrail.shelf/1")
                return Error{say("The schema is {}; Vitrail reads {}.",
                                 Name{repaired(r.text("schema").substr(0, 60))},
                                 std::string("vitrail.shelf/1"))};
            for (const char* list : {"filaments", "spools"}) {
                const Json& items = r.list(list, 100000);
                for (std::size_t i = 0; i < items.size(); ++i) {
                    where = say("{}", std::string(list) + "[" + std::to_string(i) + "]");
                    if (!items[i].is_object())
                        throw ShelfMisfit{say("it must be an object")};
                    Row row;
                    for (const auto& [key, value] : items[i].items())
                        row[key] = as_text(value);
                    if (list[0] == 's' && find_on_shelf(shelf, text(row, "id")) < 0)
                        throw ShelfMisfit{say("it names a filament {} that is not in the list",
                                              Name{repaired(text(row, "id").substr(0, 40))})};
                    read_row(row, shelf);
                }
            }
            return shelf;
        }
        const auto records = csv_records(input.substr(first));
        if (records.empty())
            return Error{say("The file is no CSV: a quotation mark is not closed.")};
        const auto& header = records.front();
        for (const char* needed : {"id", "material", "colour"})
            if (std::find(header.begin(), header.end(), needed) == header.end())
                return Error{say("The first line must name the columns; {} is missing.", Name{needed})};
        for (std::size_t i = 1; i < records.size(); ++i) {
            where = say("line {}", i + 1);
            Row row;
            for (std::size_t c = 0; c < std::min(header.size(), records[i].size()); ++c)
                row[header[c]] = records[i][c];
            read_row(row, shelf);
        }
        return shelf;
    } catch (const ShelfMisfit& m) {
        return Error{say("{}: {}.", where, m.message)};
    } catch (const JsonMisfit& m) {
        return Error{say("{}.", m.message)};
    }
}

void merge_shelf(Shelf& into, const Shelf& from) {
    for (const ShelfFilament& f : from.filaments) {
        const int at = find_on_shelf(into, f.id);
        if (at < 0)
            add_filament(into, f);
        else
            into.filaments[at] = f;
    }
    for (const Spool& s : from.spools) {
        const auto same = std::find_if(into.spools.begin(), into.spools.end(),
                                       [&](const Spool& x) { return x.code == s.code; });
        if (same == into.spools.end())
            into.spools.push_back(s);
        else
            *same = s;
    }
}

} // namespace vitrail
