#include "formats/archive.h"

#include "formats/files.h"
#include "formats/json.h"
#include "formats/machine_file.h"
#include "formats/model.h"
#include "formats/zip.h"

#include <algorithm>
#include <charconv>

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

Json project_to_json(const Project& p) {
    Json filaments = Json::array(), models = Json::array(), parts = Json::array(), bands = Json::array(), settings = Json::object();
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
                             {"bed_c", range_to_json(f.bed_c)}});
    for (const ModelFile& m : p.models)
        models.push_back("models/" + m.name);
    for (const Part& part : p.parts)
        parts.push_back({{"name", part.name},
                         {"model", part.model},
                         {"body", part.object},
                         {"filament", letter_text(part.filament)}});
    for (const Band& b : p.bands)
        bands.push_back({{"part", b.part}, {"z0_mm", b.z0_mm}, {"z1_mm", b.z1_mm}, {"filament", letter_text(b.filament)}});
    for (const SettingInfo& s : all_settings()) {
        if (s.choices.empty())
            settings[s.key] = p.settings.*s.field;
        else
            settings[s.key] = setting_text(p.settings, s);
    }
    return {{"schema", "vitrail.project/" + std::to_string(kProjectVersion)},
            {"name", p.name},
            {"machine", machine_to_json(p.machine)},
            {"filaments", filaments},
            {"models", models},
            {"parts", parts},
            {"bands", bands},
            {"settings", settings}};
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
        p.filaments.push_back(x);
    }
    if (r.has("settings"))
        for (const SettingInfo& s : all_settings()) {
            const Json& settings = r.raw()["settings"];
            if (!settings.is_object())
                throw JsonMisfit{r.where() + ".settings must be an object"};
            if (!settings.contains(s.key))
                continue;
            const Json& v = settings[s.key];
            const Status ok = set_setting(p.settings, s.key, v.is_string() ? v.get<std::string>() : v.dump());
            if (!ok)
                throw JsonMisfit{r.where() + ".settings: " + ok.error().message};
        }
    return p;
}

/// Parts and bands, once the models have been read.
void read_parts(const JsonReader& r, const std::vector<std::vector<Body>>& bodies, Project& p) {
    const Json& parts = r.list("parts", kMostBodies);
    for (std::size_t i = 0; i < parts.size(); ++i) {
        const JsonReader x = r.item("parts", i);
        Part part;
        part.name = x.text("name");
        part.model = static_cast<int>(x.number("model", 0, 1e6));
        part.object = static_cast<int>(x.number("body", 0, 1e6));
        part.filament = letter_from(x, "filament", true);
        if (part.model >= static_cast<int>(bodies.size()) || part.object >= static_cast<int>(bodies[part.model].size()))
            throw JsonMisfit{x.where() + " names a body that the model files do not have"};
        if (find_part(p, part.name) >= 0)
            throw JsonMisfit{x.where() + ".name “" + part.name + "” stands twice"};
        const Body& b = bodies[part.model][part.object];
        part.mesh = std::make_shared<Mesh>(b.mesh);
        part.file_colour = b.colour;
        p.parts.push_back(std::move(part));
    }
    const Json& bands = r.list("bands", 10000);
    for (std::size_t i = 0; i < bands.size(); ++i) {
        const JsonReader x = r.item("bands", i);
        const Band b{x.text("part"), x.number("z0_mm", -1e6, 1e6), x.number("z1_mm", -1e6, 1e6), letter_from(x, "filament", false)};
        if (find_part(p, b.part) < 0)
            throw JsonMisfit{x.where() + ".part “" + b.part + "” is no part of the project"};
        p.bands.push_back(b);
    }
}

} // namespace

Result<std::string> write_archive(const Project& p, const std::string& thumbnail_png) {
    Json json = project_to_json(p);
    if (p.as_read)
        if (const Result<Json> before = parse_json(*p.as_read))
            json = laid_over(*before, json);
    std::vector<ZipEntry> entries{{"project.json", json.dump(2) + "\n"}};
    for (const ModelFile& m : p.models)
        entries.push_back({"models/" + m.name, *m.bytes});
    for (const ModelFile& f : p.other_files)
        entries.push_back({f.name, *f.bytes});
    if (!thumbnail_png.empty())
        entries.push_back({"thumbnail.png", thumbnail_png});
    return write_zip(entries);
}

Result<Project> read_archive(std::string_view bytes) {
    Result<std::vector<ZipEntry>> entries = read_zip(bytes);
    if (!entries)
        return entries.error();
    const auto project = std::find_if(entries->begin(), entries->end(), [](const ZipEntry& e) { return e.name == "project.json"; });
    if (project == entries->end())
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
            const auto file = std::find_if(entries->begin(), entries->end(), [&](const ZipEntry& e) { return e.name == name; });
            if (file == entries->end() || name.rfind("models/", 0) != 0)
                return Error{"The model file “" + name.substr(0, 80) + "” is missing from the project."};
            Result<std::vector<Body>> model = read_model(name, file->bytes);
            if (!model)
                return Error{name + ": " + model.error().message};
            bodies.push_back(std::move(*model));
            p.models.push_back({name.substr(7), std::make_shared<std::string>(std::move(file->bytes))});
            file->name.clear(); // taken
        }
        read_parts(r, bodies, p);
        for (ZipEntry& e : *entries)
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

Status add_model(Project& p, const std::string& name, std::string bytes) {
    Result<std::vector<Body>> bodies = read_model(name, bytes);
    if (!bodies)
        return bodies.error();
    add_bodies(p, name, std::move(bytes), std::move(*bodies));
    return Done{};
}

void add_bodies(Project& p, const std::string& name, std::string bytes, std::vector<Body> bodies) {
    const bool fresh = p.filaments.empty();
    // Two files may have the same name; the archive needs different ones.
    std::string stored = name;
    const auto taken = [&] {
        return std::any_of(p.models.begin(), p.models.end(), [&](const ModelFile& m) { return m.name == stored; });
    };
    for (int n = 2; taken(); ++n)
        stored = std::to_string(n) + "-" + name;
    p.models.push_back({stored, std::make_shared<std::string>(std::move(bytes))});
    for (std::size_t i = 0; i < bodies.size(); ++i) {
        Body& b = bodies[i];
        Part part;
        part.name = free_part_name(p, b.name);
        part.mesh = std::make_shared<Mesh>(std::move(b.mesh));
        part.model = static_cast<int>(p.models.size()) - 1;
        part.object = static_cast<int>(i);
        part.file_colour = b.colour;
        if (b.colour) {
            const auto same = std::find_if(p.filaments.begin(), p.filaments.end(), [&](const Filament& f) { return f.colour == *b.colour; });
            if (same != p.filaments.end()) {
                part.filament = same->letter;
            } else if (fresh && free_letter(p)) {
                part.filament = free_letter(p);
                p.filaments.push_back(make_filament(part.filament, Material::PLA, *b.colour));
            } else {
                const Lab want = to_lab(*b.colour);
                part.filament = std::min_element(p.filaments.begin(), p.filaments.end(), [&](const Filament& x, const Filament& y) {
                                    return delta_e_2000(to_lab(x.colour), want) < delta_e_2000(to_lab(y.colour), want);
                                })->letter;
            }
        }
        p.parts.push_back(std::move(part));
    }
    if (p.filaments.empty())
        p.filaments.push_back(make_filament('A', Material::PLA, {0xf2, 0xf2, 0xea}));
    for (Part& part : p.parts)
        if (!part.filament && part.model == static_cast<int>(p.models.size()) - 1)
            part.filament = p.filaments.front().letter;
}

} // namespace vitrail
