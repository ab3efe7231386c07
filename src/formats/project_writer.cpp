#include "formats/archive.h"
#include "formats/machine_file.h"
#include "formats/optics_text.h"
#include "formats/picture_json.h"
#include "formats/project_json.h"
#include "formats/variant_json.h"

#include <algorithm>
#include <array>

namespace vitrail {

bool has_surface_file(const Part& part) {
    return part.own_mesh || (part.paint && !part.patches.empty());
}
std::string support_file(std::size_t part) {
    return "surfaces/" + std::to_string(part + 1) + "-support.ply";
}
std::string surface_file(std::size_t part) {
    return "surfaces/" + std::to_string(part + 1) + ".ply";
}

namespace {

Json range_to_json(Range r) {
    return Json::array({r.low, r.high});
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

/// `part`: how many parts there were in the pieces before.
Json piece_to_json(const Piece& piece, std::size_t& part) {
    Json parts = Json::array(), bands = Json::array(), pose = Json::array();
    for (const Part& x : piece.parts) {
        Json j{
            {"name", x.name}, {"model", x.model}, {"body", x.object}, {"filament", letter_text(x.filament)}};
        if (x.takes_purge)
            j["takes_purge"] = true;
        if (x.sacrificial)
            j["sacrificial"] = true;
        if (has_surface_file(x)) {
            Json patches = Json::array();
            for (const Patch& patch : x.patches)
                patches.push_back({{"name", patch.name}, {"filament", letter_text(patch.filament)}});
            j["surface"] = surface_file(part);
            j["own_mesh"] = x.own_mesh;
            j["patches"] = patches;
        }
        if (x.support_paint)
            j["support_surface"] = support_file(part);
        parts.push_back(j);
        ++part;
    }
    for (const Band& b : piece.bands)
        bands.push_back({{"part", b.part},
                         {"z0_mm", b.z0_mm},
                         {"z1_mm", b.z1_mm},
                         {"filament", letter_text(b.filament)}});
    for (const auto& row : piece.pose)
        for (const double v : row)
            pose.push_back(v);
    return {{"name", piece.name}, {"count", piece.count}, {"parts", parts}, {"bands", bands}, {"pose", pose}};
}

} // namespace

Json settings_to_json(const Settings& settings) {
    Json out = Json::object();
    for (const SettingInfo& s : all_settings()) {
        if (s.choices.empty())
            out[s.key] = s.field.of(settings);
        else
            out[s.key] = setting_text(settings, s);
    }
    if (!settings.layer_bands.empty())
        out[kLayerBands] = layer_bands_text(settings.layer_bands);
    return out;
}

Json saving_to_json(const Saving& s) {
    return {{"code", s.code}, {"waste_g", s.waste_g}, {"time_s", s.time_s}, {"cost", s.cost}};
}

Saving saving_from_json(const JsonReader& r) {
    constexpr double kMost = 1e9;
    return {r.text("code"), r.number("waste_g", -kMost, kMost, 0), r.number("time_s", -kMost, kMost, 0),
            r.number("cost", -kMost, kMost, 0)};
}

Json project_to_json(const Project& p) {
    Json filaments = Json::array(), models = Json::array(), pieces = Json::array(), pinned = Json::array(),
         scales = Json::array(), settings = Json::object();
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
    for (std::size_t i = 0; i < p.filaments.size(); ++i)
        if (p.filaments[i].measured)
            filaments[i]["optics"] = optics_text(p.filaments[i].measured);
    for (const ModelFile& m : p.models)
        models.push_back("models/" + m.name), scales.push_back(m.scale);
    Json waivers = Json::array(), taken = Json::array();
    for (const Saving& s : p.taken)
        taken.push_back(saving_to_json(s));
    for (const Waiver& w : p.waivers)
        waivers.push_back({{"code", w.code}, {"reason", w.reason}});
    std::size_t part = 0;
    for (const Piece& piece : p.pieces)
        if (!piece.parts.empty())
            pieces.push_back(piece_to_json(piece, part));
    for (const Placement& x : p.pinned)
        pinned.push_back({{"piece", x.piece},
                          {"nth", x.nth},
                          {"x_mm", x.x_mm},
                          {"y_mm", x.y_mm},
                          {"turn_deg", x.turn_deg}});
    Json pins = Json::array(), pairs = Json::array(), in_machine = Json::array(), refills = Json::array();
    for (const Pin& x : p.pins)
        pins.push_back({{"filament", letter_text(x.filament)}, {"nozzle", x.nozzle + 1}});
    for (const PairPurge& x : p.pair_purges)
        pairs.push_back({{"from", letter_text(x.from)},
                         {"to", letter_text(x.to)},
                         {"mm3", x.mm3},
                         {"delta_e", x.delta_e},
                         {"locked", x.locked},
                         {"reason", x.reason}});
    for (const InMachine& x : p.in_machine)
        in_machine.push_back({{"filament", letter_text(x.filament)}, {"toolhead", x.toolhead + 1}});
    for (const RefillChoice& x : p.refill_choices)
        refills.push_back({{"filament", letter_text(x.filament)}, {"nth", x.nth}, {"layer", x.layer}});
    Json readings{{"unit", kReadingUnits[static_cast<std::size_t>(p.readings.unit)]},
                  {"flow_mm3_s", p.readings.flow_mm3_s},
                  {"rows", Json::array()}};
    for (const TypedReading& x : p.readings.rows)
        readings["rows"].push_back(
            {{"from", x.from}, {"to", x.to}, {"delta_e", x.delta_e}, {"value", x.value}});
    Json json{{"schema", "vitrail.project/" + std::to_string(kProjectVersion)},
              {"name", p.name},
              {"machine", machine_to_json(p.machine)},
              {"filaments", filaments},
              {"models", models},
              {"pieces", pieces},
              {"pinned", pinned},
              {"waivers", waivers},
              {"taken", taken},
              {"pins", pins},
              {"pair_purges", pairs},
              {"in_machine", in_machine},
              {"refill_choices", refills},
              {"readings", readings},
              {"print_first", p.print_first},
              {"support_filament", letter_text(p.support_filament)},
              {"interface_filament", letter_text(p.interface_filament)},
              {"settings", settings_to_json(p.settings)}};
    variants_to_json(p, json);
    if (p.picture)
        json["picture"] = picture_to_json(*p.picture);
    if (std::any_of(p.models.begin(), p.models.end(), [](const ModelFile& m) { return m.scale != 1; }))
        json["model_scales"] = scales;
    return json;
}

} // namespace vitrail
