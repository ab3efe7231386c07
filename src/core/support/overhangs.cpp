#include "core/support/overhangs.h"

#include <tbb/parallel_for.h>

#include <atomic>
#include <cmath>
#include <numbers>

namespace vitrail {

std::vector<Paths> pieces_of(const Paths& area) {
    ClipperLib::Clipper clipper;
    clipper.AddPaths(area, ClipperLib::ptSubject, true);
    ClipperLib::PolyTree tree;
    clipper.Execute(ClipperLib::ctUnion, tree, ClipperLib::pftNonZero, ClipperLib::pftNonZero);
    std::vector<Paths> pieces;
    for (const ClipperLib::PolyNode* node = tree.GetFirst(); node; node = node->GetNext()) {
        if (node->IsHole())
            continue;
        Paths piece{node->Contour};
        for (const ClipperLib::PolyNode* hole : node->Childs)
            piece.push_back(hole->Contour);
        pieces.push_back(std::move(piece));
    }
    return pieces;
}

namespace {

Overhang look_at(const Paths& layer, const Paths& below, double h, const OverhangRules& rules) {
    Overhang out;
    if (layer.empty())
        return out;
    for (const Paths& piece : pieces_of(layer))
        if (intersect(piece, below).empty())
            out.islands.insert(out.islands.end(), piece.begin(), piece.end());
    // Exact, unlike the overhang of plan/detail, which looks for what is in the air and lets a few µm a layer pass.
    const double reach = h * std::tan(rules.angle_deg * std::numbers::pi / 180);
    // Rounding of the grown outline leaves slivers of a few µm; an opening takes them away.
    constexpr double kSliver_mm = 0.005;
    const Paths over = offset(offset(subtract(subtract(layer, offset(below, reach)), out.islands), -kSliver_mm), kSliver_mm);
    const Paths closed = rules.bridge_mm > 0 && !over.empty() ? offset(offset(below, rules.bridge_mm / 2), -rules.bridge_mm / 2) : Paths{};
    for (const Paths& piece : pieces_of(over)) {
        const double area = area_mm2(piece);
        if (area < rules.least_mm2)
            continue;
        const bool bridged = !closed.empty() && area_mm2(intersect(piece, closed)) >= 0.9 * area;
        Paths& to = bridged ? out.bridges : out.area;
        to.insert(to.end(), piece.begin(), piece.end());
    }
    out.area.insert(out.area.end(), out.islands.begin(), out.islands.end());
    return out;
}

} // namespace

Result<std::vector<Overhang>> find_overhangs(const LayerTable& table, const OverhangRules& rules, const Progress& progress) {
    const int count = table.grid.count;
    std::vector<Overhang> out(static_cast<std::size_t>(count));
    std::atomic<int> done = 1;
    tbb::parallel_for(2, count + 1, [&](int l) {
        if (progress.stopped())
            return;
        out[static_cast<std::size_t>(l) - 1] = look_at(whole_layer(table, l), whole_layer(table, l - 1), table.grid.thickness_mm(l), rules);
        progress.at(static_cast<double>(++done) / count);
    });
    if (progress.stopped())
        return Error{"Stopped before all overhangs were found."};
    return out;
}

} // namespace vitrail
