#include "core/material/shelf.h"

#include <algorithm>
#include <cctype>
#include <cmath>

namespace vitrail {

const char* to_string(SpoolPlace p) {
    switch (p) {
    case SpoolPlace::dryer:
        return term("dryer");
    case SpoolPlace::slot:
        return term("slot");
    case SpoolPlace::elsewhere:
        return term("another printer");
    default:
        return term("shelf");
    }
}

int spool_with_tag(const Shelf& s, const std::string& tag) {
    const auto plain = [](const std::string& text) {
        std::string out;
        for (const char c : text)
            if (std::isxdigit(static_cast<unsigned char>(c)))
                out += static_cast<char>(std::toupper(static_cast<unsigned char>(c)));
        return out;
    };
    const std::string wanted = plain(tag);
    for (std::size_t i = 0; i < s.spools.size() && !wanted.empty(); ++i)
        if (plain(s.spools[i].tag) == wanted)
            return static_cast<int>(i);
    return -1;
}

int find_on_shelf(const Shelf& s, const std::string& id) {
    for (std::size_t i = 0; i < s.filaments.size(); ++i)
        if (s.filaments[i].id == id)
            return static_cast<int>(i);
    return -1;
}

Weighed weigh(const Spool& s, double gross_g, double resolution_g) {
    return {std::max(0.0, gross_g - s.tare_g), resolution_g / 2};
}

int pieces_to_weigh(double resolution_g, double tolerance_g) {
    return tolerance_g > 0 ? std::max(1, static_cast<int>(std::ceil(resolution_g / (2 * tolerance_g) - 1e-9)))
                           : 1;
}

std::vector<int> spools_of(const Shelf& s, const std::string& filament_id) {
    std::vector<int> own;
    for (std::size_t i = 0; i < s.spools.size(); ++i)
        if (s.spools[i].filament_id == filament_id && s.spools[i].left_g > 0)
            own.push_back(static_cast<int>(i));
    std::stable_sort(own.begin(), own.end(), [&](int a, int b) {
        const Spool &x = s.spools[a], &y = s.spools[b];
        return (x.opened_day > 0) != (y.opened_day > 0) ? x.opened_day > 0 : x.left_g < y.left_g;
    });
    return own;
}

bool is_damp(const Spool& s, Material m, int today) {
    const MaterialFacts& f = facts(m);
    const int limit = f.soluble ? 1 : f.draws_moisture ? 3 : 60;
    const int since = std::max(s.opened_day, s.dried_day);
    if (since <= 0)
        return f.draws_moisture; // nobody knows
    return s.place != SpoolPlace::dryer && today - since > limit;
}

void match_with_shelf(Filament& f, const Shelf& s, int today) {
    f.spools.clear();
    const int at = f.shelf_id.empty() ? -1 : find_on_shelf(s, f.shelf_id);
    if (at < 0)
        return;
    bool dry = true;
    for (const int i : spools_of(s, f.shelf_id)) {
        if (f.spools.empty()) {
            f.dried_day = s.spools[i].dried_day;
            f.opened_day = s.spools[i].opened_day;
        }
        f.spools.push_back({s.spools[i].code, s.spools[i].left_g});
        dry &= !is_damp(s.spools[i], f.material, today);
    }
    f.class_confirmed |= s.filaments[at].filament.class_confirmed;
    if (!f.spools.empty())
        f.kept_dry = dry;
}

RunsOut runs_out(std::span<const double> g_by_layer, std::span<const SpoolLeft> spools) {
    RunsOut out;
    out.spool_layers.assign(spools.size(), 0);
    std::size_t spool = 0;
    double left = spools.empty() ? 0 : spools[0].left_g;
    for (std::size_t l = 0; l < g_by_layer.size(); ++l) {
        double needs = g_by_layer[l];
        while (spool < spools.size() && needs > left + 1e-9) {
            needs -= left;
            out.spool_layers[spool] = static_cast<int>(l) + 1;
            left = ++spool < spools.size() ? spools[spool].left_g : 0;
        }
        if (spool < spools.size()) {
            left -= needs;
        } else if (needs > 1e-9) {
            if (!out.last_layer)
                out.last_layer = static_cast<int>(l) + 1;
            out.short_g += needs;
        }
    }
    return out;
}

std::vector<Substitute> substitutes(const Shelf& s, const Filament& f) {
    std::vector<Substitute> list;
    const Lab want = to_lab(f.colour);
    for (std::size_t i = 0; i < s.filaments.size(); ++i) {
        const ShelfFilament& x = s.filaments[i];
        if (x.filament.material != f.material || (!f.shelf_id.empty() && x.id == f.shelf_id))
            continue;
        list.push_back({static_cast<int>(i), delta_e_2000(to_lab(x.filament.colour), want)});
    }
    std::stable_sort(list.begin(), list.end(),
                     [](const Substitute& a, const Substitute& b) { return a.delta_e < b.delta_e; });
    return list;
}

Message easily_mistaken(const Filament& f, const std::string& called) {
    if (f.material != Material::PLA)
        return {}; // what is filed as something else has been looked at
    if (std::abs(f.density_g_cm3 - facts(Material::CoPolyester).density_g_cm3) < 0.011)
        return say("{} is filed as PLA but has the density of a co-polyester, which does not bond with PLA.",
                   called);
    if (f.nozzle_c.low >= 220)
        return say("{} is filed as PLA but wants the nozzle as hot as PETG.", called);
    return {};
}

static constexpr const char* kStarter = "starter-";

void add_filament(Shelf& s, ShelfFilament f) {
    const auto at = std::find_if(s.filaments.begin(), s.filaments.end(),
                                 [](const ShelfFilament& x) { return x.id.rfind(kStarter, 0) == 0; });
    s.filaments.insert(at, std::move(f));
}

Shelf starter_shelf() {
    Shelf s;
    const auto add = [&](const char* id, Material m, Srgb c, const char* name, double td) {
        Filament f = make_filament(static_cast<char>('A' + s.filaments.size() % 26), m, c, name);
        f.td_mm = td;
        s.filaments.push_back({std::string(kStarter) + id, f, 0, 0, ""});
    };
    // Generic; colours and transmission distances from memory.
    add("pla-white", Material::PLA, {0xf2, 0xf2, 0xea}, "white", 5);
    add("pla-black", Material::PLA, {0x16, 0x17, 0x19}, "black", 0.4);
    add("pla-grey", Material::PLA, {0x80, 0x84, 0x88}, "grey", 1.8);
    add("pla-red", Material::PLA, {0xb8, 0x2e, 0x28}, "red", 2.6);
    add("pla-blue", Material::PLA, {0x1f, 0x4e, 0x9a}, "blue", 2.2);
    add("pla-yellow", Material::PLA, {0xe8, 0xc2, 0x2a}, "yellow", 4.5);
    add("pla-green", Material::PLA, {0x2f, 0x7d, 0x4a}, "green", 2.4);
    add("petg-clear", Material::PETG, {0xd8, 0xde, 0xde}, "natural PETG", 12);
    add("petg-black", Material::PETG, {0x18, 0x18, 0x1a}, "black PETG", 0.5);
    add("copoly-white", Material::CoPolyester, {0xee, 0xee, 0xe8}, "white co-polyester", 6);
    add("abs-grey", Material::ABS, {0x76, 0x78, 0x7a}, "grey ABS", 1.6);
    add("asa-white", Material::ASA, {0xe9, 0xe8, 0xe0}, "white ASA", 4);
    add("tpu-natural", Material::TPU, {0xe4, 0xe0, 0xd4}, "natural TPU", 8);
    add("pva", Material::PVA, {0xe8, 0xe0, 0xc8}, "soluble PVA", 8);
    add("bvoh", Material::BVOH, {0xea, 0xe4, 0xd2}, "soluble BVOH", 8);
    return s;
}

} // namespace vitrail
