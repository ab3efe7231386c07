#include "core/layers/demand.h"

#include "core/geometry/narrow.h"
#include "core/layers/layer_rows.h"
#include "core/layers/patches.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <atomic>

namespace vitrail {

namespace {

/// Which layers cover a layer from above and below, itself not among them.
struct Cover {
    int layer, bottom, top, count; ///< index; numbers of skins; of layers in all
    /// Calls `look` with each of them until it says no; false then, and where the piece does not reach so far.
    template <class F>
    bool each(F look) const {
        if (layer - bottom < 0 || layer + top >= count)
            return false;
        for (int k = layer - bottom; k <= layer + top; ++k)
            if (k != layer && !look(k))
                return false;
        return true;
    }
};

/// Behind the walls of an outline.
struct Inside {
    Paths area;
    double full_mm2 = 0, mm2 = 0; ///< of the outline, of the area
};
Inside inside_of(const Paths& outline, double walls_mm) {
    Inside in;
    in.full_mm2 = area_mm2(outline);
    in.area = walls_mm > 0 ? quick_offset(outline, -walls_mm) : outline;
    in.mm2 = std::min(in.full_mm2, area_mm2(in.area));
    return in;
}

} // namespace

Result<std::shared_ptr<const Demand>> make_demand(const LayerTable& table, const std::vector<Part>& of, const Settings& s, const Progress& progress) {
    const int count = table.grid.count, parts = static_cast<int>(table.parts.size());
    const int top = static_cast<int>(s.top_skins), bottom = static_cast<int>(s.bottom_skins);
    const auto whole = [&](int l) -> const Paths& { return whole_layer(table, l + 1); };
    // What layers have in common is cut as polygons where these have few points, and in rows where they have many: there cutting
    // would take longer than everything else, and rows are as good (corners are cut off by less than their pitch).
    std::size_t points = 0;
    for (int l = 0; l < count; ++l)
        for (const Path& ring : whole(l))
            points += ring.size();
    constexpr std::size_t kMany = 400; // to a layer
    const bool in_rows = points > kMany * static_cast<std::size_t>(count);
    std::vector<Paths> outlines(in_rows ? 0 : static_cast<std::size_t>(count));
    std::vector<Rows> rows;
    if (in_rows) {
        auto all = piece_rows(table, {progress.stop, {}});
        if (!all)
            return all.error();
        rows = std::move(*all);
    } else
        tbb::parallel_for(0, count, [&](int l) { outlines[l] = without_idle_points(whole(l), kIdle_mm); });
    const int pitch = pitch_of(table);
    if (progress.stopped())
        return Error{say("Stopped before the volumes were known.")};
    progress.at(0.1);

    auto demand = std::make_shared<Demand>();
    demand->parts.assign(parts, std::vector<Volume>(count));
    demand->patches.resize(parts);
    for (int p = 0; p < parts; ++p)
        for (std::vector<Paths>& layers : patch_layers(of[p], table.parts[p], table.grid, table.bed_z_mm, s, {progress.stop, {}}))
            demand->patches[p].push_back({std::move(layers), std::vector<double>(count, 0)});
    progress.at(0.5);
    // Layers that repeat the one before share its inside.
    std::vector<std::vector<Inside>> insides(static_cast<std::size_t>(parts), std::vector<Inside>(static_cast<std::size_t>(count)));
    std::vector<std::vector<int>> first(static_cast<std::size_t>(parts), std::vector<int>(static_cast<std::size_t>(count), 0));
    for (int p = 0; p < parts; ++p)
        for (int l = 1; l < count; ++l)
            first[p][l] = table.parts[p].layers[l] == table.parts[p].layers[l - 1] ? first[p][l - 1] : l;
    std::atomic<int> done = 0;
    tbb::parallel_for(0, count, [&](int l) {
        for (int p = 0; p < parts; ++p)
            if (first[p][l] == l && !progress.stopped())
                insides[p][l] = inside_of(table.parts[p].layers[l], s.walls * s.line_width_mm);
        progress.at(0.5 + 0.2 * ++done / count);
    });
    tbb::parallel_for(0, count, [&](int l) {
        if (progress.stopped())
            return;
        const Cover cover{l, bottom, top, count};
        const bool no_skins = cover.each([&](int k) { return whole(k) == whole(l); });
        for (int p = 0; p < parts; ++p) {
            const Inside& in = insides[p][first[p][l]];
            if (in.full_mm2 <= 0)
                continue;
            const double h = table.grid.thickness_mm(l + 1);
            double covered = in.mm2;
            Paths c = in.area;
            const bool skins = in.mm2 > 0 && (top || bottom) && !no_skins;
            Rows inside_rows, covered_rows;
            if (skins && in_rows) {
                covered_rows = inside_rows = rows_of(in.area, pitch);
                if (!cover.each([&](int k) { return !(covered_rows = intersect(covered_rows, rows[k])).empty(); }))
                    covered_rows = {};
                covered = in.mm2 - std::clamp(area_mm2(inside_rows) - area_mm2(covered_rows), 0.0, in.mm2);
            } else if (skins) {
                const auto common = [&](int k) {
                    if (k == l - bottom || whole(k) != whole(k - 1)) // the layer itself has all of it
                        c = intersect(c, outlines[k]);
                    return !c.empty();
                };
                if (!cover.each(common))
                    c.clear();
                covered = std::min(in.mm2, area_mm2(c));
            }
            double wall = in.full_mm2 - in.mm2, skin = in.mm2 - covered, infill = covered;
            for (PatchDemand& patch : demand->patches[p]) {
                if (patch.layers[l].empty())
                    continue;
                const double area = area_mm2(patch.layers[l]);
                double of_inside = 0, of_infill = 0;
                if (in_rows) {
                    if (inside_rows.empty())
                        covered_rows = inside_rows = rows_of(in.area, pitch);
                    const Rows painted = rows_of(patch.layers[l], pitch);
                    of_inside = area_mm2(intersect(painted, inside_rows));
                    of_infill = area_mm2(intersect(painted, covered_rows));
                } else {
                    const Paths smooth = without_idle_points(patch.layers[l], kIdle_mm);
                    of_inside = area_mm2(intersect(smooth, in.area));
                    of_infill = skins ? area_mm2(intersect(smooth, c)) : of_inside;
                }
                wall -= area - of_inside;
                skin -= of_inside - of_infill;
                infill -= of_infill;
                patch.mm3[l] = area * h;
            }
            demand->parts[p][l] = {std::max(0.0, wall) * h, std::max(0.0, skin) * h, std::max(0.0, infill) * h * s.infill_pct / 100};
        }
        progress.at(0.7 + 0.3 * (++done - count) / count);
    });
    if (progress.stopped())
        return Error{say("Stopped before the volumes were known.")};
    return std::shared_ptr<const Demand>(std::move(demand));
}

} // namespace vitrail
