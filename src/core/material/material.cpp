#include "core/material/material.h"

#include <algorithm>
#include <array>
#include <cctype>

namespace vitrail {

const std::vector<MaterialFacts>& all_materials() {
    // Densities: the table of defaults in common use, from memory. Co-polyester temperatures: common practice,
    // no source (nozzle 190–230 °C, bed 25–60 °C). The other windows and the flows: from memory.
    static const std::vector<MaterialFacts> table{
        {Material::PLA, "PLA", 1.24, {190, 230}, {25, 65}, 11, false, false},
        {Material::PETG, "PETG", 1.27, {220, 260}, {60, 85}, 9, false, false},
        {Material::ABS, "ABS", 1.04, {230, 270}, {90, 110}, 11, false, true},
        {Material::ASA, "ASA", 1.07, {235, 275}, {90, 110}, 11, false, true},
        {Material::TPU, "TPU", 1.21, {210, 240}, {25, 60}, 3.5, false, false},
        {Material::PVA, "PVA", 1.23, {185, 215}, {35, 60}, 5, true, false},
        {Material::BVOH, "BVOH", 1.14, {190, 225}, {40, 65}, 5, true, false},
        {Material::HIPS, "HIPS", 1.04, {225, 255}, {85, 110}, 10, false, true},
        {Material::CoPolyester, "co-polyester", 1.20, {190, 230}, {25, 60}, 9, false, false},
        {Material::PC, "PC", 1.20, {260, 310}, {90, 120}, 9, false, false},
        {Material::PA, "PA", 1.12, {240, 280}, {60, 100}, 9, false, false},
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

Bond bond(Material a, Material b) {
    using enum Material;
    struct Pair {
        Material a, b;
        Bond bond;
    };
    // Unlisted pairs are experimental.
    static constexpr std::array known{
        Pair{PLA, PETG, Bond::releases},       // common practice, no source
        Pair{PLA, CoPolyester, Bond::releases}, // common practice, no source
        Pair{ABS, ASA, Bond::holds},           // from memory
        Pair{ABS, HIPS, Bond::holds},          // from memory
        Pair{PLA, PVA, Bond::holds},           // from memory: soluble support sold for it
        Pair{PLA, BVOH, Bond::holds},          // from memory
        Pair{PETG, BVOH, Bond::holds},         // from memory
        Pair{PLA, ABS, Bond::releases},        // from memory
        Pair{PETG, ABS, Bond::releases},       // from memory
    };
    if (a == b)
        return Bond::holds;
    for (const Pair& p : known)
        if ((p.a == a && p.b == b) || (p.a == b && p.b == a))
            return p.bond;
    return Bond::experimental;
}

} // namespace vitrail
