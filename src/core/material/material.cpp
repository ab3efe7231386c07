#include "core/material/material.h"

#include <algorithm>
#include <array>
#include <cctype>

namespace vitrail {

const std::vector<MaterialFacts>& all_materials() {
    // Densities: the table of defaults in common use, from memory. Co-polyester temperatures: common
    // practice, no source (nozzle 190–230 °C, bed 25–60 °C, dry 6 h at 55 °C). The other windows, flows,
    // drying and prices: from memory.
    static const std::vector<MaterialFacts> table{
        {Material::PLA, "PLA", 1.24, {190, 230}, {25, 65}, 11, false, false, 45, 6, false, 20},
        {Material::PETG, "PETG", 1.27, {220, 260}, {60, 85}, 9, false, false, 65, 6, false, 22},
        {Material::ABS, "ABS", 1.04, {230, 270}, {90, 110}, 11, false, true, 80, 4, false, 20},
        {Material::ASA, "ASA", 1.07, {235, 275}, {90, 110}, 11, false, true, 80, 4, false, 28},
        {Material::TPU, "TPU", 1.21, {210, 240}, {25, 60}, 3.5, false, false, 55, 6, true, 30},
        {Material::PVA, "PVA", 1.23, {185, 215}, {35, 60}, 5, true, false, 50, 8, true, 75},
        {Material::BVOH, "BVOH", 1.14, {190, 225}, {40, 65}, 5, true, false, 50, 8, true, 90},
        {Material::HIPS, "HIPS", 1.04, {225, 255}, {85, 110}, 10, false, true, 65, 4, false, 28},
        {Material::CoPolyester,
         "co-polyester",
         1.20,
         {190, 230},
         {25, 60},
         9,
         false,
         false,
         55,
         6,
         false,
         35},
        {Material::PC, "PC", 1.20, {260, 310}, {90, 120}, 9, false, false, 80, 8, true, 40},
        {Material::PA, "PA", 1.12, {240, 280}, {60, 100}, 9, false, false, 80, 12, true, 45},
    };
    return table;
}

const MaterialFacts& facts(Material m) {
    return all_materials()[static_cast<std::size_t>(m)];
}

std::optional<Material> parse_material(std::string_view id) {
    const auto same = [](char a, char b) {
        return std::tolower(static_cast<unsigned char>(a)) == std::tolower(static_cast<unsigned char>(b));
    };
    for (const MaterialFacts& f : all_materials()) {
        const std::string_view name = f.id;
        if (std::equal(id.begin(), id.end(), name.begin(), name.end(), same))
            return f.material;
    }
    return {};
}

namespace {

struct Pair {
    Material a, b;
    Bond bond;
    bool proven;
};

/// Null where nobody vouches for anything.
const Pair* known_pair(Material a, Material b) {
    using enum Material;
    static constexpr std::array known{
        Pair{PLA, PETG, Bond::releases, true},        // common practice, no source
        Pair{PLA, CoPolyester, Bond::releases, true}, // common practice, no source
        Pair{ABS, ASA, Bond::holds, true},            // from memory
        Pair{ABS, HIPS, Bond::holds, false},          // from memory
        Pair{PLA, PVA, Bond::holds, true},            // from memory: soluble support sold for it
        Pair{PLA, BVOH, Bond::holds, true},           // from memory
        Pair{PETG, BVOH, Bond::holds, false},         // from memory
        Pair{PLA, ABS, Bond::releases, false},        // from memory
        Pair{PETG, ABS, Bond::releases, false},       // from memory
    };
    for (const Pair& p : known)
        if ((p.a == a && p.b == b) || (p.a == b && p.b == a))
            return &p;
    return nullptr;
}

} // namespace

Bond bond(Material a, Material b) {
    const Pair* p = known_pair(a, b);
    return a == b ? Bond::holds : p ? p->bond : Bond::experimental;
}

bool bond_is_proven(Material a, Material b) {
    const Pair* p = known_pair(a, b);
    return a == b || (p && p->proven);
}

} // namespace vitrail
