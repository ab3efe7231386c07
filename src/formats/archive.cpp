#include "formats/archive.h"

#include "core/base/text.h"
#include "core/project/regions.h"
#include "formats/files.h"
#include "formats/json.h"
#include "formats/machine_file.h"
#include "formats/model.h"
#include "formats/ply.h"
#include "formats/zip.h"

#include <algorithm>
#include <charconv>
#include <filesystem>
#include <map>

namespace vitrail {

namespace {

Json range_to_json(Range r) {
    return Json::array({r.low, r.high});
}

Range range_from_json(const JsonReader& r, const char* key, Range otherwise) {
    if (!r.has(key))
        return otherwise;
    const Json& v = r.list(key, 2);
    if (v.size() != 2 || !v[0].is_number() || !v[1].is_number() || v[0].get<double>() > v[1].get<double>() ||
        v[0].get<double>() < 0 || v[1].get<double>() > 1000)
        throw JsonMisfit{r.where() + "." + key + " must be two temperatures, the lower first"};
    return {v[0], v[1]};
}

Json spools_to_json(const Filament& f) {
    Json list = Json::array();
    for (const SpoolLeft& s : f.spools)
        list.push_back({{"code", s.code}, {"left_g", s.left_g}});
    return list;
}

std::string letter_text(char c) {
    return c ? std::string(1, c) : std::string();
}

char letter_from(const JsonReader& r, const char* key, bool may_be_empty) {
    const std::string s = r.text(key, "");
    if (s.empty() && may_be_empty)
        return 0;
    if (s.size() != 1 || s[0] < 'A' || s[0] > 'Z')
        throw JsonMisfit{r.where() + "." + key + " must be a letter from A to Z"};
    return s[0];
}

/// Parts with paint, or a mesh that is no longer their file's, have a PLY file in the archive.
bool has_surface_file(const Part& part) {
    return part.own_mesh || (part.paint && !part.patches.empty());
}
std::string support_file(std::size_t part) {
    return "surfaces/" + std::to_string(part + 1) + "-support.ply";
}
std::string surface_file(std::size_t part) {
    return "surfaces/" + std::to_string(part + 1) + ".ply";
}

constexpr std::array kReadingUnits{"strip_mm", "mm3", "seconds"};

Json project_to_json(const Project& p) {
    Json filaments = Json::array(), models = Json::array(), parts = Json::array(), bands = Json::array(), scales = Json::array(), settings = Json::object();
    for (const Filament& f : p.filaments)
        filaments.push_back({{"letter", letter_text(f.letter)},
                             {"name", f.name},
                             {"material", facts(f.material).id},
                             {"colour", to_hex(f.colour)},
                             {"td_mm", f.td_mm},
                             {"diameter_mm", f.diameter_mm},
                             {"density_g_cm3", f.density_g_cm3},
                             {"price_per_kg", f.price_per_kg},
                             {"nozzle_c", range_to_json(f.nozzle_c)},
                             {"bed_c", range_to_json(f.bed_c)},
                             {"delta_e", f.delta_e},
                             {"free_after_h", f.free_after_h},
                             {"kept_dry", f.kept_dry},
                             {"dried_day", f.dried_day},
                             {"opened_day", f.opened_day},
                             {"class_confirmed", f.class_confirmed},
                             {"shelf_id", f.shelf_id},
                             {"spools", spools_to_json(f)}});
    for (const ModelFile& m : p.models)
        models.push_back("models/" + m.name), scales.push_back(m.scale);
    for (std::size_t i = 0; i < p.parts.size(); ++i) {
        const Part& part = p.parts[i];
        Json patches = Json::array();
        for (const Patch& x : part.patches)
            patches.push_back({{"name", x.name}, {"filament", letter_text(x.filament)}});
        Json j{{"name", part.name}, {"model", part.model}, {"body", part.object}, {"filament", letter_text(part.filament)}};
        if (part.takes_purge)
            j["takes_purge"] = true;
        if (has_surface_file(part)) {
            j["surface"] = surface_file(i);
            j["own_mesh"] = part.own_mesh;
            j["patches"] = patches;
        }
        if (part.support_paint)
            j["support_surface"] = support_file(i);
        parts.push_back(j);
    }
    Json waivers = Json::array(), pose = Json::array();
    for (const Waiver& w : p.waivers)
        waivers.push_back({{"code", w.code}, {"reason", w.reason}});
    for (const auto& row : p.pose)
        for (const double v : row)
            pose.push_back(v);
    Json pins = Json::array(), pairs = Json::array(), in_machine = Json::array(), refills = Json::array();
    for (const Pin& x : p.pins)
        pins.push_back({{"filament", letter_text(x.filament)}, {"nozzle", x.nozzle + 1}});
    for (const PairPurge& x : p.pair_purges)
        pairs.push_back({{"from", letter_text(x.from)}, {"to", letter_text(x.to)}, {"mm3", x.mm3}, {"delta_e", x.delta_e}, {"locked", x.locked}, {"reason", x.reason}});
    for (const InMachine& x : p.in_machine)
        in_machine.push_back({{"filament", letter_text(x.filament)}, {"toolhead", x.toolhead + 1}});
    for (const RefillChoice& x : p.refill_choices)
        refills.push_back({{"filament", letter_text(x.filament)}, {"nth", x.nth}, {"layer", x.layer}});
    Json readings{{"unit", kReadingUnits[static_cast<std::size_t>(p.readings.unit)]}, {"flow_mm3_s", p.readings.flow_mm3_s}, {"rows", Json::array()}};
    for (const TypedReading& x : p.readings.rows)
        readings["rows"].push_back({{"from", x.from}, {"to", x.to}, {"delta_e", x.delta_e}, {"value", x.value}});
    for (const Band& b : p.bands)
        bands.push_back({{"part", b.part}, {"z0_mm", b.z0_mm}, {"z1_mm", b.z1_mm}, {"filament", letter_text(b.filament)}});
    for (const SettingInfo& s : all_settings()) {
        if (s.choices.empty())
            settings[s.key] = p.settings.*s.field;
        else
            settings[s.key] = setting_text(p.settings, s);
    }
    Json json{{"schema", "vitrail.project/" + std::to_string(kProjectVersion)},
            {"name", p.name},
            {"machine", machine_to_json(p.machine)},
            {"filaments", filaments},
            {"models", models},
            {"parts", parts},
            {"bands", bands},
            {"pose", pose},
            {"waivers", waivers},
            {"pins", pins},
            {"pair_purges", pairs},
            {"in_machine", in_machine},
            {"refill_choices", refills},
            {"readings", readings},
            {"print_first", p.print_first},
            {"support_filament", letter_text(p.support_filament)},
            {"interface_filament", letter_text(p.interface_filament)},
            {"settings", settings}};
    if (std::any_of(p.models.begin(), p.models.end(), [](const ModelFile& m) { return m.scale != 1; }))
        json["model_scales"] = scales;
    return json;
}

int version_of(const JsonReader& r) {
    const std::string schema = r.text("schema"), prefix = "vitrail.project/";
    if (schema.rfind(prefix, 0) != 0)
        throw JsonMisfit{"the schema is “" + schema.substr(0, 60) + "”, which is no Vitrail project"};
    int v = 0;
    const char* end = schema.data() + schema.size();
    if (std::from_chars(schema.data() + prefix.size(), end, v).ptr != end || v < 1)
        throw JsonMisfit{"the schema “" + schema.substr(0, 60) + "” has no version"};
    return v;
}

/// What the user said about nozzles, slots, order and purge.
void read_changes(const JsonReader& r, Project& p) {
    const auto each = [&](const char* key, auto read) {
        if (r.has(key))
            for (std::size_t i = 0; i < r.list(key, 10000).size(); ++i)
                read(r.item(key, i));
    };
    each("pins", [&](const JsonReader& x) {
        const int nozzle = static_cast<int>(x.number("nozzle", 1, static_cast<double>(p.machine.nozzles.size())));
        pin(p, letter_from(x, "filament", false), nozzle - 1);
    });
    each("pair_purges", [&](const JsonReader& x) {
        PairPurge& y = pair_purge_of(p, letter_from(x, "from", false), letter_from(x, "to", false));
        y.mm3 = x.number("mm3", 0, 20000, 0);
        y.delta_e = x.number("delta_e", 0, 100, 0);
        y.locked = x.truth("locked", false);
        y.reason = x.prose("reason", "");
    });
    each("in_machine", [&](const JsonReader& x) {
        const int head = static_cast<int>(x.number("toolhead", 1, static_cast<double>(p.machine.toolheads.size())));
        p.in_machine.push_back({letter_from(x, "filament", false), head - 1});
    });
    each("refill_choices", [&](const JsonReader& x) {
        p.refill_choices.push_back({letter_from(x, "filament", false), static_cast<int>(x.number("nth", 1, 100000)), static_cast<int>(x.number("layer", 1, 100000))});
    });
    if (r.has("readings")) {
        const JsonReader sheet = r.object("readings");
        const std::string unit = sheet.text("unit");
        const auto known = std::find(kReadingUnits.begin(), kReadingUnits.end(), unit);
        if (known == kReadingUnits.end())
            throw JsonMisfit{sheet.where() + ".unit must be strip_mm, mm3 or seconds"};
        p.readings.unit = static_cast<int>(known - kReadingUnits.begin());
        p.readings.flow_mm3_s = sheet.number("flow_mm3_s", 0.1, 200, 5);
        for (std::size_t i = 0; i < sheet.list("rows", 10000).size(); ++i) {
            const JsonReader x = sheet.item("rows", i);
            p.readings.rows.push_back({x.text("from"), x.text("to"), x.text("delta_e"), x.text("value")});
        }
    }
    p.support_filament = letter_from(r, "support_filament", true);
    p.interface_filament = letter_from(r, "interface_filament", true);
    p.print_first = r.text("print_first", "");
    for (const char c : p.print_first)
        if (c < 'A' || c > 'Z')
            throw JsonMisfit{r.where() + ".print_first must be letters from A to Z"};
}

/// What a model file was multiplied by; files written before that could be have no list.
double scale_of(const JsonReader& r, std::size_t model) {
    if (!r.has("model_scales"))
        return 1;
    const Json& scales = r.list("model_scales", 1000);
    if (model >= scales.size() || !scales[model].is_number() || !(scales[model].get<double>() >= 1e-6 && scales[model].get<double>() <= 1e6))
        throw JsonMisfit{r.where() + ".model_scales must hold a number from 0.000001 to 1000000 for each model"};
    return scales[model].get<double>();
}

Project project_from_json(const JsonReader& r) {
    Project p;
    p.name = r.text("name", "");
    p.machine = machine_from_json(r.object("machine"));
    const Json& filaments = r.list("filaments", kMostFilaments);
    for (std::size_t i = 0; i < filaments.size(); ++i) {
        const JsonReader f = r.item("filaments", i);
        const auto material = parse_material(f.text("material"));
        const auto colour = parse_colour(f.text("colour"));
        const char letter = letter_from(f, "letter", false);
        if (!material)
            throw JsonMisfit{f.where() + ".material “" + f.text("material").substr(0, 40) + "” is not known"};
        if (!colour)
            throw JsonMisfit{f.where() + ".colour must be #rrggbb"};
        if (find_filament(p, letter) >= 0)
            throw JsonMisfit{f.where() + ".letter " + letter + " stands twice"};
        Filament x = make_filament(letter, *material, *colour, f.text("name", ""));
        x.td_mm = f.number("td_mm", 0.01, 1000, x.td_mm);
        x.diameter_mm = f.number("diameter_mm", 0.5, 10, x.diameter_mm);
        x.density_g_cm3 = f.number("density_g_cm3", 0.1, 20, x.density_g_cm3);
        x.price_per_kg = f.number("price_per_kg", 0, 1e6, x.price_per_kg);
        x.nozzle_c = range_from_json(f, "nozzle_c", x.nozzle_c);
        x.bed_c = range_from_json(f, "bed_c", x.bed_c);
        x.delta_e = f.number("delta_e", 0, 30, 0);
        x.free_after_h = f.number("free_after_h", 0, 1000, 0);
        x.kept_dry = f.truth("kept_dry", false);
        x.dried_day = static_cast<int>(f.number("dried_day", 0, 1e6, 0));
        x.opened_day = static_cast<int>(f.number("opened_day", 0, 1e6, 0));
        x.class_confirmed = f.truth("class_confirmed", false);
        x.shelf_id = f.text("shelf_id", "");
        if (f.has("spools")) {
            const Json& spools = f.list("spools", 1000);
            for (std::size_t k = 0; k < spools.size(); ++k) {
                const JsonReader spool = f.item("spools", k);
                x.spools.push_back({spool.text("code", ""), spool.number("left_g", 0, 1e6)});
            }
        }
        p.filaments.push_back(x);
    }
    if (r.has("waivers")) {
        const Json& waivers = r.list("waivers", 1000);
        for (std::size_t i = 0; i < waivers.size(); ++i) {
            const JsonReader w = r.item("waivers", i);
            p.waivers.push_back({w.text("code"), w.prose("reason", "")});
        }
    }
    read_changes(r, p);
    if (r.has("pose")) {
        const Json& pose = r.list("pose", 9);
        for (std::size_t i = 0; i < 9; ++i) {
            if (pose.size() != 9 || !pose[i].is_number())
                throw JsonMisfit{r.where() + ".pose must be nine numbers, a rotation row by row"};
            p.pose[i / 3][i % 3] = pose[i].get<double>();
        }
        if (!is_rotation(p.pose))
            throw JsonMisfit{r.where() + ".pose is no rotation"};
    }
    const Json& settings = r.has("settings") ? r.raw()["settings"] : Json::object();
    if (!settings.is_object())
        throw JsonMisfit{r.where() + ".settings must be an object"};
    if (settings.contains(kRetiredOverhang) && settings[kRetiredOverhang].is_number() && settings.value("support.angle", 50.0) == 50) {
        const Status ok = set_setting(p.settings, kRetiredOverhang, settings[kRetiredOverhang].dump());
        if (!ok)
            throw JsonMisfit{r.where() + ".settings: " + ok.error().message};
    }
    if (r.has("settings"))
        for (const SettingInfo& s : all_settings()) {
            if (!settings.contains(s.key) || (std::string_view(s.key) == "support.angle" && settings.contains(kRetiredOverhang) && settings[s.key] == 50))
                continue;
            const Json& v = settings[s.key];
            const Status ok = set_setting(p.settings, s.key, v.is_string() ? v.get<std::string>() : v.dump());
            if (!ok)
                throw JsonMisfit{r.where() + ".settings: " + ok.error().message};
        }
    return p;
}

/// The same triangles in the same places, but for the rounding of a turn.
bool same_shape(const Mesh& a, const Mesh& b) {
    if (a.triangles != b.triangles || a.vertices.size() != b.vertices.size())
        return false;
    for (std::size_t v = 0; v < a.vertices.size(); ++v)
        if (length(a.vertices[v] - b.vertices[v]) > 1e-2f)
            return false;
    return true;
}

/// A file of painted surface, named by `key`.
PlyPart read_painted(const JsonReader& x, const char* key, std::vector<ZipEntry>& entries, int patches) {
    const std::string name = x.text(key);
    const auto file = std::find_if(entries.begin(), entries.end(), [&](const ZipEntry& e) { return e.name == name; });
    if (name.rfind("surfaces/", 0) != 0 || file == entries.end())
        throw JsonMisfit{x.where() + "." + key + " \u201c" + name.substr(0, 80) + "\u201d is missing from the project"};
    Result<PlyPart> ply = read_ply(file->bytes, patches);
    if (!ply)
        throw JsonMisfit{x.where() + "." + key + " \u201c" + name.substr(0, 80) + "\u201d: " + ply.error().message};
    file->name.clear(); // taken
    return std::move(*ply);
}

/// Mesh and paint of a part from its own file in the archive.
void read_surface(const JsonReader& x, std::vector<ZipEntry>& entries, Part& part) {
    const Json& patches = x.list("patches", kMostPatches);
    for (std::size_t k = 0; k < patches.size(); ++k) {
        const JsonReader patch = x.item("patches", k);
        part.patches.push_back({patch.text("name", ""), letter_from(patch, "filament", true)});
    }
    PlyPart ply = read_painted(x, "surface", entries, static_cast<int>(part.patches.size()));
    part.own_mesh = x.truth("own_mesh", false);
    // Paint over an unchanged body lies on the very mesh that the model file gives.
    if (part.own_mesh)
        part.mesh = std::make_shared<Mesh>(std::move(ply.mesh));
    else if (!same_shape(ply.mesh, *part.mesh))
        throw JsonMisfit{x.where() + ".surface does not fit the body it is painted on"};
    if (!part.patches.empty())
        part.paint = std::make_shared<Paint>(std::move(ply.paint));
}

/// A body of a file where it stands in the project.
Mesh placed(const Project& p, double scale, Mesh m) {
    if (scale != 1)
        m = scaled(std::move(m), scale);
    return p.pose == kNoRotation ? m : rotated(p.pose, std::move(m));
}

/// Parts and bands, once the models have been read.
void read_parts(const JsonReader& r, const std::vector<std::vector<Body>>& bodies, std::vector<ZipEntry>& entries, Project& p) {
    const Json& parts = r.list("parts", kMostBodies);
    std::map<std::string, std::string> names; // as they stand in the file, where they had to be repaired
    for (std::size_t i = 0; i < parts.size(); ++i) {
        const JsonReader x = r.item("parts", i);
        Part part;
        part.name = x.text("name");
        if (const std::string raw = x.raw()["name"]; raw != part.name)
            names[raw] = part.name = free_part_name(p, part.name);
        part.model = static_cast<int>(x.number("model", 0, 1e6));
        part.object = static_cast<int>(x.number("body", 0, 1e6));
        part.filament = letter_from(x, "filament", true);
        part.takes_purge = x.truth("takes_purge", false);
        if (part.model >= static_cast<int>(bodies.size()) || part.object >= static_cast<int>(bodies[part.model].size()))
            throw JsonMisfit{x.where() + " names a body that the model files do not have"};
        if (find_part(p, part.name) >= 0)
            throw JsonMisfit{x.where() + ".name “" + part.name + "” stands twice"};
        const Body& b = bodies[part.model][part.object];
        part.mesh = std::make_shared<Mesh>(placed(p, p.models[static_cast<std::size_t>(part.model)].scale, b.mesh));
        part.file_colour = b.colour;
        if (x.has("surface"))
            read_surface(x, entries, part);
        if (x.has("support_surface")) {
            PlyPart ply = read_painted(x, "support_surface", entries, kSupportWishes);
            if (!same_shape(ply.mesh, *part.mesh))
                throw JsonMisfit{x.where() + ".support_surface does not fit the body it is painted on"};
            part.support_paint = std::make_shared<Paint>(std::move(ply.paint));
        }
        p.parts.push_back(std::move(part));
    }
    const Json& bands = r.list("bands", 10000);
    for (std::size_t i = 0; i < bands.size(); ++i) {
        const JsonReader x = r.item("bands", i);
        const std::string of = x.text("part");
        const auto repaired_name = names.find(x.raw()["part"]);
        const Band b{repaired_name == names.end() ? of : repaired_name->second, x.number("z0_mm", -1e6, 1e6), x.number("z1_mm", -1e6, 1e6), letter_from(x, "filament", false)};
        if (find_part(p, b.part) < 0)
            throw JsonMisfit{x.where() + ".part “" + b.part + "” is no part of the project"};
        p.bands.push_back(b);
    }
}

} // namespace

std::vector<ArchiveFile> archive_files(const Project& p) {
    std::vector<ArchiveFile> files;
    files.push_back({"project.json", {}, [p] {
                         Json json = project_to_json(p);
                         if (p.as_read)
                             if (const Result<Json> before = parse_json(*p.as_read))
                                 json = laid_over(*before, json);
                         json["settings"].erase(kRetiredOverhang);
                         return std::make_shared<const std::string>(json_text(json) + "\n");
                     }});
    const auto kept = [&](const std::string& name, const std::shared_ptr<const std::string>& bytes) { files.push_back({name, {bytes}, [bytes] { return bytes; }}); };
    const auto surface = [&](const std::string& name, const std::shared_ptr<const Mesh>& mesh, const std::shared_ptr<const Paint>& paint) {
        files.push_back({name, {mesh, paint}, [mesh, paint] { return std::make_shared<const std::string>(write_ply(*mesh, paint.get())); }});
    };
    for (const ModelFile& m : p.models)
        kept("models/" + m.name, m.bytes);
    for (std::size_t i = 0; i < p.parts.size(); ++i)
        if (const Part& part = p.parts[i]; has_surface_file(part))
            surface(surface_file(i), part.mesh, part.patches.empty() ? nullptr : part.paint);
    for (std::size_t i = 0; i < p.parts.size(); ++i)
        if (const Part& part = p.parts[i]; part.support_paint)
            surface(support_file(i), part.mesh, part.support_paint);
    for (const ModelFile& f : p.other_files)
        kept(f.name, f.bytes);
    return files;
}

Result<std::string> write_archive(const Project& p, const std::string& thumbnail_png) {
    std::vector<ZipEntry> entries;
    for (const ArchiveFile& f : archive_files(p))
        entries.push_back({f.name, *f.bytes()});
    if (!thumbnail_png.empty())
        entries.push_back({"thumbnail.png", thumbnail_png});
    return write_zip(entries);
}

Result<Project> read_archive(std::string_view bytes, const Progress& progress) {
    Result<std::vector<ZipEntry>> entries = read_zip(bytes);
    if (!entries)
        return entries.error();
    return read_archive_files(std::move(*entries), progress);
}

Result<Project> read_archive_files(std::vector<ZipEntry> entries, const Progress& progress) {
    const auto project = std::find_if(entries.begin(), entries.end(), [](const ZipEntry& e) { return e.name == "project.json"; });
    if (project == entries.end())
        return Error{"There is no project.json in it, so this is no Vitrail project."};
    const Result<Json> json = parse_json(project->bytes);
    if (!json)
        return Error{"project.json: " + json.error().message};
    try {
        const JsonReader r(*json, "project");
        if (const int v = version_of(r); v > kProjectVersion)
            return Error{"The project was written by a newer Vitrail (project version " + std::to_string(v) +
                         "; this one reads up to " + std::to_string(kProjectVersion) + "). Open it with that version."};
        Project p = project_from_json(r);
        std::vector<std::vector<Body>> bodies;
        for (const Json& m : r.list("models", 1000)) {
            const std::string name = m.is_string() ? m.get<std::string>() : "";
            const auto file = std::find_if(entries.begin(), entries.end(), [&](const ZipEntry& e) { return e.name == name; });
            if (file == entries.end() || name.rfind("models/", 0) != 0)
                return Error{"The model file “" + name.substr(0, 80) + "” is missing from the project."};
            Result<std::vector<Body>> model = read_model(name, file->bytes, {}, progress);
            if (!model)
                return Error{name + ": " + model.error().message};
            bodies.push_back(std::move(*model));
            p.models.push_back({name.substr(7), std::make_shared<std::string>(std::move(file->bytes)), scale_of(r, p.models.size())});
            file->name.clear(); // taken
        }
        read_parts(r, bodies, entries, p);
        for (ZipEntry& e : entries)
            if (!e.name.empty() && e.name != "project.json" && e.name != "thumbnail.png")
                p.other_files.push_back({e.name, std::make_shared<std::string>(std::move(e.bytes))});
        p.as_read = std::make_shared<std::string>(project->bytes);
        return p;
    } catch (const JsonMisfit& e) {
        return Error{"project.json does not fit: " + e.message + "."};
    }
}

Status save_project(const Project& p, const std::string& path, const std::string& thumbnail_png) {
    const Result<std::string> bytes = write_archive(p, thumbnail_png);
    if (!bytes)
        return bytes.error();
    return write_file(path, *bytes);
}

Result<Project> load_project(const std::string& path) {
    const Result<std::string> bytes = read_file(path);
    if (!bytes)
        return bytes.error();
    return read_archive(*bytes);
}

Companion beside(const std::string& path) {
    return [folder = std::filesystem::path(path).parent_path()](const std::string& name) -> std::optional<std::string> {
        // Only a plain name: a model must not reach elsewhere.
        if (name.empty() || name.find('/') != std::string::npos || name.find('\\') != std::string::npos)
            return {};
        const Result<std::string> bytes = read_file((folder / name).string());
        return bytes ? std::optional(*bytes) : std::nullopt;
    };
}

Status add_model(Project& p, const std::string& name, std::string bytes, const Companion& companion) {
    Result<std::vector<Body>> bodies = read_model(name, bytes, companion);
    if (!bodies)
        return bodies.error();
    add_bodies(p, name, std::move(bytes), std::move(*bodies));
    return Done{};
}

std::vector<ColourMatch> match_colours(Project& p, const std::vector<ColourUse>& colours) {
    const bool fresh = p.filaments.empty();
    std::vector<ColourMatch> matches;
    for (const ColourUse& use : colours) {
        std::vector<Srgb> have;
        for (const Filament& f : p.filaments)
            have.push_back(f.colour);
        const int nearest = nearest_colour(use.colour, have);
        if (fresh && free_letter(p) && !(nearest >= 0 && have[nearest] == use.colour)) {
            const char letter = free_letter(p);
            p.filaments.push_back(make_filament(letter, Material::PLA, use.colour));
            matches.push_back({use.colour, letter});
        } else {
            matches.push_back({use.colour, p.filaments[nearest].letter});
        }
    }
    return matches;
}

namespace {

/// Gives a part with a surface of several colours its filament and its patches.
void paint_as_in_file(Part& part, const Body& b, const std::function<char(Srgb)>& letter_of) {
    std::vector<char> letter{0};
    for (const Srgb c : b.palette)
        letter.push_back(letter_of(c));
    std::map<char, double> area;
    for (std::uint32_t t = 0; t < part.mesh->triangles.size(); ++t)
        area[letter[b.colour_of[t]]] += length(twice_area(corners(*part.mesh, t)));
    part.filament = std::max_element(area.begin(), area.end(), [](auto& x, auto& y) { return (x.first ? x.second : 0) < (y.first ? y.second : 0); })->first;
    if (area.size() < 2)
        return;
    repaint(part, [&](const Mesh& m, Paint& paint) {
        for (std::uint32_t t = 0; t < m.triangles.size(); ++t)
            if (const char l = letter[b.colour_of[t]]; l && l != part.filament)
                paint.patch[t] = patch_with(part, l, std::string("colour ") + l);
    });
}

} // namespace

void add_bodies(Project& p, const std::string& file, std::string bytes, std::vector<Body> bodies, std::vector<ColourMatch> matches) {
    // Two files may have the same name; the archive needs different ones.
    const std::string name = one_line(file);
    std::string stored = name;
    const auto taken = [&] {
        return std::any_of(p.models.begin(), p.models.end(), [&](const ModelFile& m) { return m.name == stored; });
    };
    for (int n = 2; taken(); ++n)
        stored = std::to_string(n) + "-" + name;
    p.models.push_back({stored, std::make_shared<std::string>(std::move(bytes))});
    if (matches.empty())
        matches = match_colours(p, file_colours(bodies));
    if (p.filaments.empty())
        p.filaments.push_back(make_filament('A', Material::PLA, {0xf2, 0xf2, 0xea}));
    const auto letter_of = [&](Srgb c) {
        const auto it = std::find_if(matches.begin(), matches.end(), [&](const ColourMatch& m) { return m.colour == c; });
        return it != matches.end() ? it->letter : p.filaments.front().letter;
    };
    for (std::size_t i = 0; i < bodies.size(); ++i) {
        Body& b = bodies[i];
        Part part;
        part.name = free_part_name(p, b.name);
        part.mesh = std::make_shared<Mesh>(placed(p, p.models.back().scale, std::move(b.mesh)));
        part.model = static_cast<int>(p.models.size()) - 1;
        part.object = static_cast<int>(i);
        part.file_colour = b.colour;
        if (!b.colour_of.empty())
            paint_as_in_file(part, b, letter_of);
        else if (b.colour)
            part.filament = letter_of(*b.colour);
        if (!part.filament)
            part.filament = p.filaments.front().letter;
        p.parts.push_back(std::move(part));
    }
}

} // namespace vitrail
