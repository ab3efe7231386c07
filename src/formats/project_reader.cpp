#include "core/picture/make.h"
#include "formats/archive.h"
#include "formats/machine_file.h"
#include "formats/optics_text.h"
#include "formats/picture_json.h"
#include "formats/ply.h"
#include "formats/project_json.h"
#include "formats/variant_json.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <map>

namespace vitrail {

namespace {

Range range_from_json(const JsonReader& r, const char* key, Range otherwise) {
    if (!r.has(key))
        return otherwise;
    const Json& v = r.list(key, 2);
    if (v.size() != 2 || !v[0].is_number() || !v[1].is_number() || v[0].get<double>() > v[1].get<double>() ||
        v[0].get<double>() < 0 || v[1].get<double>() > 1000)
        throw JsonMisfit{say("{} must be two temperatures, the lower first", r.place(key))};
    return {v[0], v[1]};
}

char letter_from(const JsonReader& r, const char* key, bool may_be_empty) {
    const std::string s = r.text(key, "");
    if (s.empty() && may_be_empty)
        return 0;
    if (s.size() != 1 || s[0] < 'A' || s[0] > 'Z')
        throw JsonMisfit{say("{} must be a letter from A to Z", r.place(key))};
    return s[0];
}

int version_of(const JsonReader& r) {
    const std::string schema = r.text("schema"), prefix = "vitrail.project/";
    if (schema.rfind(prefix, 0) != 0)
        throw JsonMisfit{
            say("the schema is {}, which is no Vitrail project", Name{repaired(schema.substr(0, 60))})};
    int v = 0;
    const char* end = schema.data() + schema.size();
    if (std::from_chars(schema.data() + prefix.size(), end, v).ptr != end || v < 1)
        throw JsonMisfit{say("the schema {} has no version", Name{repaired(schema.substr(0, 60))})};
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
        const int nozzle =
            static_cast<int>(x.number("nozzle", 1, static_cast<double>(p.machine.nozzles.size())));
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
        const int head =
            static_cast<int>(x.number("toolhead", 1, static_cast<double>(p.machine.toolheads.size())));
        p.in_machine.push_back({letter_from(x, "filament", false), head - 1});
    });
    each("refill_choices", [&](const JsonReader& x) {
        p.refill_choices.push_back({letter_from(x, "filament", false),
                                    static_cast<int>(x.number("nth", 1, 100000)),
                                    static_cast<int>(x.number("layer", 1, 100000))});
    });
    if (r.has("readings")) {
        const JsonReader sheet = r.object("readings");
        const std::string unit = sheet.text("unit");
        const auto known = std::find(kReadingUnits.begin(), kReadingUnits.end(), unit);
        if (known == kReadingUnits.end())
            throw JsonMisfit{say("{} must be strip_mm, mm3 or seconds", sheet.place("unit"))};
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
            throw JsonMisfit{say("{} must be letters from A to Z", r.place("print_first"))};
}

} // namespace

/// What a model file was multiplied by; files written before that could be have no list.
double scale_of(const JsonReader& r, std::size_t model) {
    if (!r.has("model_scales"))
        return 1;
    const Json& scales = r.list("model_scales", 1000);
    if (model >= scales.size() || !scales[model].is_number() ||
        !(scales[model].get<double>() >= 1e-6 && scales[model].get<double>() <= 1e6))
        throw JsonMisfit{say("{} must hold a number from {} to 1000000 for each model",
                             r.place("model_scales"), num(1e-6, 6))};
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
            throw JsonMisfit{say("{} {} is not known", f.place("material"),
                                 Name{repaired(f.text("material").substr(0, 40))})};
        if (!colour)
            throw JsonMisfit{say("{} must be #rrggbb", f.place("colour"))};
        if (find_filament(p, letter) >= 0)
            throw JsonMisfit{say("{} {} stands twice", f.place("letter"), letter)};
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
        bool fits = true;
        x.measured = parse_optics(f.text("optics", ""), &fits);
        if (!fits)
            throw JsonMisfit{
                say("{} must be twelve numbers, K, S and their uncertainties", f.place("optics"))};
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
    if (r.has("taken"))
        for (std::size_t i = 0; i < r.list("taken", 1000).size(); ++i)
            p.taken.push_back(saving_from_json(r.item("taken", i)));
    read_changes(r, p);
    variants_from_json(r, p);
    if (r.has("pinned"))
        for (std::size_t i = 0; i < r.list("pinned", kMostPlaced).size(); ++i) {
            const JsonReader x = r.item("pinned", i);
            pin(p,
                {x.text("piece"), static_cast<int>(x.number("nth", 1, kMostPlaced)),
                 x.number("x_mm", -1e5, 1e5), x.number("y_mm", -1e5, 1e5), x.number("turn_deg", 0, 360, 0)});
        }
    const Json& settings = r.has("settings") ? r.raw()["settings"] : Json::object();
    if (!settings.is_object())
        throw JsonMisfit{say("{} must be an object", r.place("settings"))};
    if (settings.contains(kRetiredOverhang) && settings[kRetiredOverhang].is_number() &&
        settings.value("support.angle", 50.0) == 50) {
        const Status ok = set_setting(p.settings, kRetiredOverhang, settings[kRetiredOverhang].dump());
        if (!ok)
            throw JsonMisfit{say("{}: {}", r.place("settings"), ok.error().message)};
    }
    if (settings.contains(kLayerBands)) {
        const Json& v = settings[kLayerBands];
        const Status ok =
            set_setting(p.settings, kLayerBands, v.is_string() ? v.get<std::string>() : v.dump());
        if (!ok)
            throw JsonMisfit{say("{}: {}", r.place("settings"), ok.error().message)};
    }
    if (r.has("settings"))
        for (const SettingInfo& s : all_settings()) {
            if (!settings.contains(s.key) || (std::string_view(s.key) == "support.angle" &&
                                              settings.contains(kRetiredOverhang) && settings[s.key] == 50))
                continue;
            const Json& v = settings[s.key];
            const Status ok = set_setting(p.settings, s.key, v.is_string() ? v.get<std::string>() : v.dump());
            if (!ok)
                throw JsonMisfit{say("{}: {}", r.place("settings"), ok.error().message)};
        }
    return p;
}

namespace {

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
    const auto file =
        std::find_if(entries.begin(), entries.end(), [&](const ZipEntry& e) { return e.name == name; });
    if (name.rfind("surfaces/", 0) != 0 || file == entries.end())
        throw JsonMisfit{
            say("{} {} is missing from the project", x.place(key), Name{repaired(name.substr(0, 80))})};
    Result<PlyPart> ply = read_ply(file->bytes, patches);
    if (!ply)
        throw JsonMisfit{
            say("{} {}: {}", x.place(key), Name{repaired(name.substr(0, 80))}, ply.error().message)};
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
        throw JsonMisfit{say("{} does not fit the body it is painted on", x.place("surface"))};
    if (!part.patches.empty())
        part.paint = std::make_shared<Paint>(std::move(ply.paint));
}

Rotation pose_of(const JsonReader& r) {
    Rotation rotation = kNoRotation;
    if (!r.has("pose"))
        return rotation;
    const Json& pose = r.list("pose", 9);
    for (std::size_t i = 0; i < 9; ++i) {
        if (pose.size() != 9 || !pose[i].is_number())
            throw JsonMisfit{say("{} must be nine numbers, a rotation row by row", r.place("pose"))};
        rotation[i / 3][i % 3] = pose[i].get<double>();
    }
    if (!is_rotation(rotation))
        throw JsonMisfit{say("{} is no rotation", r.place("pose"))};
    return rotation;
}

/// Parts and bands of a piece whose pose is known.
void read_parts(const JsonReader& r, const std::vector<std::vector<Body>>& bodies,
                const std::vector<PictureBody>& of_picture, std::vector<ZipEntry>& entries, Project& p,
                Piece& piece) {
    const Json& parts = r.list("parts", kMostBodies);
    std::map<std::string, std::string> names; // as they stand in the file, where they had to be repaired
    for (std::size_t i = 0; i < parts.size(); ++i) {
        const JsonReader x = r.item("parts", i);
        Part part;
        part.name = x.text("name");
        if (const std::string raw = x.raw()["name"]; raw != part.name)
            names[raw] = part.name = free_part_name(p, part.name);
        part.model = static_cast<int>(x.number("model", -1, 1e6));
        part.object = static_cast<int>(x.number("body", 0, 1e6));
        part.filament = letter_from(x, "filament", true);
        part.takes_purge = x.truth("takes_purge", false);
        part.sacrificial = x.truth("sacrificial", false);
        const bool own = x.truth("own_mesh", false), from_picture = part.model < 0;
        if (from_picture ? !own && part.object >= static_cast<int>(of_picture.size())
                         : part.model >= static_cast<int>(bodies.size()) ||
                               part.object >= static_cast<int>(bodies[part.model].size()))
            throw JsonMisfit{say("{} names a body that the model files do not have", x.where())};
        if (find_part(p, part.name).part >= 0 || find_part(piece, part.name) >= 0)
            throw JsonMisfit{say("{} {} stands twice", x.place("name"), Name{part.name})};
        if (!from_picture) {
            const Body& b = bodies[part.model][part.object];
            part.mesh = std::make_shared<Mesh>(
                posed(piece, p.models[static_cast<std::size_t>(part.model)].scale, b.mesh));
            part.file_colour = b.colour;
        } else if (!own) {
            const PictureBody& b = of_picture[static_cast<std::size_t>(part.object)];
            part.mesh = piece.pose == kNoRotation ? b.mesh : std::make_shared<Mesh>(posed(piece, 1, *b.mesh));
            part.made = b.made;
        }
        if (x.has("surface"))
            read_surface(x, entries, part);
        if (!part.mesh)
            throw JsonMisfit{say("{} has no body", x.where())};
        if (x.has("support_surface")) {
            PlyPart ply = read_painted(x, "support_surface", entries, kSupportWishes);
            if (!same_shape(ply.mesh, *part.mesh))
                throw JsonMisfit{
                    say("{} does not fit the body it is painted on", x.place("support_surface"))};
            part.support_paint = std::make_shared<Paint>(std::move(ply.paint));
        }
        piece.parts.push_back(std::move(part));
    }
    const Json& bands = r.list("bands", 10000);
    for (std::size_t i = 0; i < bands.size(); ++i) {
        const JsonReader x = r.item("bands", i);
        const std::string of = x.text("part");
        const auto repaired_name = names.find(x.raw()["part"]);
        const Band b{repaired_name == names.end() ? of : repaired_name->second, x.number("z0_mm", -1e6, 1e6),
                     x.number("z1_mm", -1e6, 1e6), letter_from(x, "filament", false)};
        if (find_part(piece, b.part) < 0)
            throw JsonMisfit{say("{} {} is no part of its piece", x.place("part"), Name{b.part})};
        piece.bands.push_back(b);
    }
}

} // namespace

Json migrated(Json json) {
    const JsonReader r(json, "project");
    const int version = version_of(r);
    if (version > kProjectVersion)
        throw NewerProject{version};
    if (version == kProjectVersion)
        return json;
    constexpr int kPiecesSince = 4;
    json["schema"] = "vitrail.project/" + std::to_string(kProjectVersion);
    if (version >= kPiecesSince)
        return json;
    // Until version 3 a project was one piece.
    Json piece = Json::object();
    piece["name"] = r.text("name", "");
    piece["parts"] = r.list("parts", kMostBodies);
    piece["bands"] = r.list("bands", 10000);
    if (json.contains("pose"))
        piece["pose"] = json["pose"];
    for (Json& part : piece["parts"]) // known by its name then
        if (part.is_object() && part.contains("name") && part["name"].is_string() &&
            part["name"].get<std::string>().rfind("sacrificial base", 0) == 0)
            part["sacrificial"] = true;
    for (const char* key : {"parts", "bands", "pose"})
        json.erase(key);
    json["pieces"] = Json::array({std::move(piece)});
    return json;
}

Mesh posed(const Piece& piece, double scale, Mesh m) {
    if (scale != 1)
        m = scaled(std::move(m), scale);
    return piece.pose == kNoRotation ? m : rotated(piece.pose, std::move(m));
}

void read_picture(const JsonReader& r, std::vector<ZipEntry>& entries, Project& p) {
    if (r.has("picture"))
        p.picture = picture_from_json(r.object("picture"), entries);
}

void read_pieces(const JsonReader& r, const std::vector<std::vector<Body>>& bodies,
                 std::vector<ZipEntry>& entries, Project& p) {
    p.pieces.clear();
    const std::vector<PictureBody> of_picture =
        p.picture && p.picture->dots ? picture_bodies(*p.picture, p.filaments) : std::vector<PictureBody>{};
    for (std::size_t i = 0; i < r.list("pieces", kMostPlaced).size(); ++i) {
        const JsonReader x = r.item("pieces", i);
        Piece piece;
        piece.name = free_piece_name(p, x.text("name", ""));
        piece.count = static_cast<int>(x.number("count", 1, kMostPlaced, 1));
        piece.pose = pose_of(x);
        read_parts(x, bodies, of_picture, entries, p, piece);
        if (!piece.parts.empty())
            p.pieces.push_back(std::move(piece));
    }
    if (p.pieces.empty())
        p.pieces.emplace_back();
    if (p.pieces.front().name.empty() && !p.pieces.front().parts.empty())
        p.pieces.front().name = p.pieces.front().parts.front().name;
    std::erase_if(p.pinned, [&](const Placement& x) { return find_piece(p, x.piece) < 0; });
}

} // namespace vitrail
