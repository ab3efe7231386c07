#include "formats/logbook_text.h"

#include "formats/csv.h"
#include "formats/json.h"
#include "formats/page_html.h"
#include "formats/project_json.h"
#include "formats/report.h"

#include <charconv>
#include <map>
#include <set>

namespace vitrail {

namespace {

constexpr double kFar_s = 4e11, kMost = 1e9;
constexpr std::size_t kMostPrints = 100'000;

Outcome outcome_of(const std::string& text, const std::string& place) {
    for (const Outcome o : {Outcome::good, Outcome::usable, Outcome::failed})
        if (text == to_string(o))
            return o;
    throw JsonMisfit{say("{} must be one of good, usable, failed", place)};
}

std::string plain(double v) {
    char buffer[40];
    return {buffer, std::to_chars(buffer, buffer + sizeof buffer, v).ptr};
}

void figure_from(const JsonReader& r, Figure& f) {
    f.foretold = r.number("foretold", 0, kMost, 0);
    if (r.has("real"))
        f.real = r.number("real", 0, kMost);
    f.centre = r.number("centre", -20, 20, 0);
    f.spread = r.number("spread", 0, 20, 0);
    f.freedom = r.number("freedom", 0, 1e6, 0);
    if (f.freedom <= 0)
        f.spread = 0;
    f.left_out = r.truth("left_out", false);
}

PrintRecord record_from(const JsonReader& r) {
    PrintRecord x;
    x.id = r.text("id");
    if (x.id.empty() || x.id.size() > 100)
        throw JsonMisfit{say("{} must be a text", r.place("id"))};
    x.title = r.text("title", "");
    x.project_file = r.prose("project", "");
    x.machine = r.text("machine");
    x.machine_name = r.text("machine_name", x.machine);
    x.nozzle_mm = r.number("nozzle_mm", 0.05, 10, 0.4);
    x.material = r.text("material", "");
    x.school = r.text("school", "");
    x.start_s = static_cast<std::int64_t>(r.number("start_s", 0, kFar_s));
    x.end_s = static_cast<std::int64_t>(r.number("end_s", 0, kFar_s, 0));
    const auto whole = [&](const char* key, int otherwise = 0) {
        return static_cast<int>(r.number(key, 0, 1e9, otherwise));
    };
    x.copies = whole("copies", 1);
    x.layers = whole("layers");
    x.changes = whole("changes");
    x.hand_swaps = whole("hand_swaps");
    x.trips = whole("trips");
    x.night_trips = whole("night_trips");
    x.cost = r.number("cost", 0, kMost, 0);
    x.contact_cm2 = r.number("contact_cm2", 0, kMost, 0);
    x.as_assigned_g = r.number("as_assigned_g", 0, kMost, 0);
    x.as_assigned_s = r.number("as_assigned_s", 0, kMost, 0);
    x.as_assigned_cost = r.number("as_assigned_cost", 0, kMost, 0);
    if (r.has("savings"))
        for (std::size_t i = 0; i < r.list("savings", 1000).size(); ++i)
            x.savings.push_back(saving_from_json(r.item("savings", i)));
    if (r.has("settings")) {
        const JsonReader settings = r.object("settings");
        for (const auto& [key, value] : settings.raw().items())
            if (x.settings.size() < 500 && key.size() < 100)
                x.settings[one_line(key)] = settings.text(key.c_str());
    }
    x.purge_measured = r.truth("purge_measured", false);
    if (r.has("figures")) {
        const JsonReader figures = r.object("figures");
        for (int q = 0; q < kQuantities; ++q)
            if (const char* name = to_string(static_cast<Quantity>(q)); figures.has(name))
                figure_from(figures.object(name), x.figures[static_cast<std::size_t>(q)]);
    }
    if (r.has("filaments"))
        for (std::size_t i = 0; i < r.list("filaments", 100).size(); ++i) {
            const JsonReader f = r.item("filaments", i);
            UsedFilament u;
            const std::string letter = f.text("letter", "A");
            u.letter = letter.empty() ? 'A' : letter[0];
            u.name = f.text("name", "");
            u.material = f.text("material", "");
            u.colour = f.text("colour", "");
            u.spool = f.text("spool", "");
            u.foretold_g = f.number("foretold_g", 0, kMost, 0);
            if (f.has("before_g"))
                u.before_g = f.number("before_g", 0, kMost);
            if (f.has("after_g"))
                u.after_g = f.number("after_g", 0, kMost);
            x.filaments.push_back(std::move(u));
        }
    x.outcome = outcome_of(r.text("outcome", "good"), r.place("outcome"));
    x.failed_layer = whole("failed_layer");
    x.fault = r.text("fault", "");
    x.notes = r.prose("notes", "");
    if (r.has("photographs"))
        for (const Json& name : r.list("photographs", 100))
            if (name.is_string())
                x.photographs.push_back(one_line(name.get<std::string>()));
    return x;
}

constexpr std::size_t kLargestPicture = 1 << 20; ///< bytes, in base64

std::string picture_from(const JsonReader& pictures, const std::string& name) {
    if (!pictures.has(name.c_str()) || !pictures.raw()[name].is_string() ||
        pictures.raw()[name].get_ref<const std::string&>().size() > kLargestPicture)
        throw JsonMisfit{say("{} must be a picture in base64", pictures.place(name))};
    return from_base64(pictures.raw()[name].get_ref<const std::string&>());
}

/// The columns of the CSV before those of the quantities.
constexpr const char* kColumns[] = {
    "id",           "title", "machine",     "machine_name",  "nozzle_mm",     "material",         "school",
    "start",        "end",   "copies",      "layers",        "changes",       "hand_swaps",       "trips",
    "night_trips",  "cost",  "contact_cm2", "as_assigned_g", "as_assigned_s", "as_assigned_cost", "outcome",
    "failed_layer", "fault", "notes"};

/// A line of the CSV as the JSON it stands for.
Json row_to_json(const std::map<std::string, std::string>& row, const std::string& place) {
    Json out = Json::object();
    static const std::set<std::string> kTexts{"id",     "title",   "machine", "machine_name", "material",
                                              "school", "outcome", "fault",   "notes"};
    const auto number = [&](const std::string& key, const std::string& text) {
        double v = 0;
        const auto r = std::from_chars(text.data(), text.data() + text.size(), v);
        if (r.ec != std::errc() || r.ptr != text.data() + text.size())
            throw JsonMisfit{
                say("{0}: {1} is {2}, which is no number", place, key, Name{one_line(text.substr(0, 40))})};
        return v;
    };
    for (const auto& [key, text] : row) {
        if (text.empty())
            continue;
        if (kTexts.count(key)) {
            out[key] = repaired(text);
        } else if (key == "start" || key == "end") {
            const auto s = parse_instant(text, {});
            if (!s)
                throw JsonMisfit{say("{0}: {1} is {2}, which is no time like 2026-12-05T18:30:00Z", place,
                                     key, Name{one_line(text.substr(0, 40))})};
            out[key + "_s"] = *s;
        } else if (const std::size_t end = key.rfind('_');
                   end != std::string::npos && quantity_of(key.substr(0, end))) {
            const std::string part = key.substr(end + 1);
            if (part == "foretold" || part == "real")
                out["figures"][key.substr(0, end)][part] = number(key, text);
        } else if (std::find(std::begin(kColumns), std::end(kColumns), key) != std::end(kColumns)) {
            out[key] = number(key, text);
        }
    }
    if (!out.contains("start_s"))
        throw JsonMisfit{say("{}: the start is missing", place)};
    return out;
}

} // namespace

Json record_to_json(const PrintRecord& x) {
    Json figures = Json::object(), filaments = Json::array(), savings = Json::array();
    for (int q = 0; q < kQuantities; ++q) {
        const Figure& f = x.figures[static_cast<std::size_t>(q)];
        if (f == Figure{})
            continue;
        Json j{{"foretold", f.foretold}};
        if (f.real)
            j["real"] = *f.real;
        if (f.spread > 0)
            j["centre"] = f.centre, j["spread"] = f.spread, j["freedom"] = f.freedom;
        if (f.left_out)
            j["left_out"] = true;
        figures[to_string(static_cast<Quantity>(q))] = j;
    }
    for (const UsedFilament& u : x.filaments) {
        Json j{{"letter", std::string(1, u.letter)},
               {"name", u.name},
               {"material", u.material},
               {"colour", u.colour},
               {"spool", u.spool},
               {"foretold_g", u.foretold_g}};
        if (u.before_g)
            j["before_g"] = *u.before_g;
        if (u.after_g)
            j["after_g"] = *u.after_g;
        filaments.push_back(j);
    }
    for (const Saving& saving : x.savings)
        savings.push_back(saving_to_json(saving));
    return {{"id", x.id},
            {"title", x.title},
            {"project", x.project_file},
            {"machine", x.machine},
            {"machine_name", x.machine_name},
            {"nozzle_mm", x.nozzle_mm},
            {"material", x.material},
            {"school", x.school},
            {"start_s", x.start_s},
            {"end_s", x.end_s},
            {"copies", x.copies},
            {"layers", x.layers},
            {"changes", x.changes},
            {"hand_swaps", x.hand_swaps},
            {"trips", x.trips},
            {"night_trips", x.night_trips},
            {"cost", x.cost},
            {"contact_cm2", x.contact_cm2},
            {"as_assigned_g", x.as_assigned_g},
            {"as_assigned_s", x.as_assigned_s},
            {"as_assigned_cost", x.as_assigned_cost},
            {"savings", savings},
            {"settings", x.settings},
            {"purge_measured", x.purge_measured},
            {"figures", figures},
            {"filaments", filaments},
            {"outcome", to_string(x.outcome)},
            {"failed_layer", x.failed_layer},
            {"fault", x.fault},
            {"notes", x.notes},
            {"photographs", x.photographs}};
}

Result<PrintRecord> record_from_text(const std::string& text) {
    const auto json = parse_json(text);
    if (!json)
        return json.error();
    try {
        return record_from(JsonReader(*json, "print"));
    } catch (const JsonMisfit& e) {
        return Error{e.message};
    }
}

std::string logbook_to_json(const LogbookFile& book) {
    Json prints = Json::array(), pictures = Json::object();
    std::map<std::string, std::string> names; // by picture
    for (const PrintRecord& r : book.prints) {
        prints.push_back(record_to_json(r));
        if (const auto at = book.pictures.find(r.id); at != book.pictures.end()) {
            const auto [named, fresh] =
                names.emplace(at->second, "picture-" + std::to_string(names.size() + 1));
            if (fresh)
                pictures[named->second] = base64(named->first);
            prints.back()["picture"] = named->second;
        }
    }
    Json out{{"schema", "vitrail.logbook/1"}, {"prints", prints}};
    if (!pictures.empty())
        out["pictures"] = pictures;
    return json_text(out);
}

std::string plan_snapshot(const Project& project, const Plan& plan) {
    Json report = plan_report(project, plan);
    report["settings"] = settings_to_json(project.settings);
    return json_text(report, -1);
}

std::string logbook_to_csv(const std::vector<PrintRecord>& records) {
    std::string out;
    const auto line = [&](const std::vector<std::string>& cells) {
        for (std::size_t i = 0; i < cells.size(); ++i)
            out += (i ? "," : "") + csv_field(cells[i]);
        out += "\r\n";
    };
    std::vector<std::string> head(std::begin(kColumns), std::end(kColumns));
    for (int q = 0; q < kQuantities; ++q)
        for (const char* part : {"_foretold", "_real"})
            head.push_back(std::string(to_string(static_cast<Quantity>(q))) + part);
    line(head);
    const auto time = [](std::int64_t s) { return s > 0 ? instant_text(s, {}) : std::string(); };
    for (const PrintRecord& x : records) {
        std::vector<std::string> cells{x.id,
                                       x.title,
                                       x.machine,
                                       x.machine_name,
                                       plain(x.nozzle_mm),
                                       x.material,
                                       x.school,
                                       time(x.start_s),
                                       time(x.end_s),
                                       std::to_string(x.copies),
                                       std::to_string(x.layers),
                                       std::to_string(x.changes),
                                       std::to_string(x.hand_swaps),
                                       std::to_string(x.trips),
                                       std::to_string(x.night_trips),
                                       plain(x.cost),
                                       plain(x.contact_cm2),
                                       plain(x.as_assigned_g),
                                       plain(x.as_assigned_s),
                                       plain(x.as_assigned_cost),
                                       to_string(x.outcome),
                                       std::to_string(x.failed_layer),
                                       x.fault,
                                       x.notes};
        for (const Figure& f : x.figures) {
            cells.push_back(f.foretold > 0 ? plain(f.foretold) : std::string());
            cells.push_back(f.real ? plain(*f.real) : std::string());
        }
        line(cells);
    }
    return out;
}

Result<LogbookFile> logbook_from_text(const std::string& text) {
    LogbookFile out;
    std::set<std::string> ids;
    const auto add = [&](PrintRecord r, const std::string& place) {
        if (!ids.insert(r.id).second)
            throw JsonMisfit{say("{0}: the id {1} stands twice", place, Name{r.id})};
        out.prints.push_back(std::move(r));
    };
    try {
        const std::size_t first = text.find_first_not_of(" \t\r\n\xef\xbb\xbf");
        if (first != std::string::npos && text[first] == '{') {
            const auto json = parse_json(text);
            if (!json)
                return json.error();
            const JsonReader r(*json, "logbook");
            if (r.text("schema", "") != "vitrail.logbook/1")
                return Error{say("This is no logbook, or one of a newer version.")};
            for (std::size_t i = 0; i < r.list("prints", kMostPrints).size(); ++i) {
                const JsonReader print = r.item("prints", i);
                add(record_from(print), print.where());
                if (const std::string name = print.text("picture", ""); !name.empty() && r.has("pictures"))
                    out.pictures[out.prints.back().id] = picture_from(r.object("pictures"), name);
            }
            return out;
        }
        const auto rows = csv_records(text);
        if (rows.size() < 2)
            return Error{say("There is no print in this list.")};
        if (rows.size() > kMostPrints)
            return Error{say("A logbook has {} prints at most.", kMostPrints)};
        for (std::size_t i = 1; i < rows.size(); ++i) {
            std::map<std::string, std::string> row;
            for (std::size_t c = 0; c < rows[i].size() && c < rows[0].size(); ++c)
                row[rows[0][c]] = rows[i][c];
            const std::string place = "line " + std::to_string(i + 1);
            const Json json = row_to_json(row, place);
            add(record_from(JsonReader(json, place)), place);
        }
        return out;
    } catch (const JsonMisfit& e) {
        return Error{e.message};
    }
}

std::string factor_key_text(const FactorKey& k) {
    return std::string(to_string(k.quantity)) + "|" + k.machine + "|" + k.material + "|" + k.school + "|" +
           plain(k.nozzle_mm);
}

std::optional<FactorKey> factor_key_of(const std::string& text) {
    std::vector<std::string> parts{""};
    for (const char c : text)
        if (c == '|')
            parts.emplace_back();
        else
            parts.back() += c;
    const auto q = parts.size() == 5 ? quantity_of(parts[0]) : std::nullopt;
    FactorKey k;
    if (!q ||
        std::from_chars(parts[4].data(), parts[4].data() + parts[4].size(), k.nozzle_mm).ec != std::errc())
        return {};
    k.quantity = *q;
    k.machine = parts[1], k.material = parts[2], k.school = parts[3];
    return k;
}

Json factors_report(const std::vector<Factor>& factors, const std::vector<PrintRecord>& records,
                    const Zone& zone) {
    Json list = Json::array();
    for (const Factor& f : factors) {
        Json samples = Json::array();
        for (const Sample& s : f.samples) {
            const char* use = s.use == Sample::Use::counts     ? "counts"
                              : s.use == Sample::Use::outlier  ? "outlier"
                              : s.use == Sample::Use::left_out ? "left-out"
                                                               : "before-drift";
            samples.push_back({{"print", records[static_cast<std::size_t>(s.record)].id},
                               {"title", records[static_cast<std::size_t>(s.record)].title},
                               {"at", instant_text(s.at_s, zone)},
                               {"ratio", std::exp(s.log_ratio)},
                               {"use", use}});
        }
        const Interval r = range_of(f.belief, 1);
        Json j{{"quantity", to_string(f.key.quantity)},
               {"machine", f.key.machine},
               {"nozzle_mm", f.key.nozzle_mm},
               {"material", f.key.material},
               {"school", f.key.school},
               {"factor", std::exp(f.belief.centre)},
               {"factor_sd", std::exp(f.belief.centre) * f.belief.mean_sd},
               {"low", r.low},
               {"high", r.high},
               {"prints", f.belief.prints},
               {"off", f.off},
               {"samples", samples}};
        if (f.drift)
            j["drift"] = {{"since", instant_text(f.drift->since_s, zone)},
                          {"before", f.drift->before},
                          {"after", f.drift->after},
                          {"p", f.drift->p}};
        list.push_back(j);
    }
    return list;
}

Json score_report(const Score& s) {
    return {{"figures", s.figures}, {"nominal", s.nominal}, {"held", s.held}, {"within_80", s.within_80}};
}

Json outlook_report(const Outlook& o) {
    const auto line = [](const Outlook::Line& l) {
        return Json{{"foretold", l.foretold},
                    {"likely", l.likely},
                    {"low", l.range.low},
                    {"high", l.range.high},
                    {"prints", l.prints}};
    };
    return {{"schema", "vitrail.outlook/1"},  {"time_s", line(o.time)},      {"piece_g", line(o.piece)},
            {"purge_g", line(o.purge)},       {"tower_g", line(o.tower)},    {"waste_g", line(o.waste)},
            {"cleaning_s", line(o.cleaning)}, {"soaking_s", line(o.soaking)}};
}

} // namespace vitrail
