#include "core/layers/demand.h"

#include "core/layers/patches.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <atomic>

namespace vitrail {

namespace {

/// Points nearer to a straight line than this many units are left out: far below what volumes can show.
constexpr double kSmooth_units = 10;

/// result[l] = layers[l] ∩ … ∩ layers[l + step·(n − 1)], nothing where that runs out of the piece. By doubling.
std::vector<Paths> common_to(const std::vector<Paths>& layers, int n, int step) {
    const int count = static_cast<int>(layers.size());
    std::vector<Paths> have = layers, out;
    int reach = 0, width = 1; // `out` spans `reach` layers, `have` spans `width`
    const auto shift = [&](const std::vector<Paths>& a, int ra, const std::vector<Paths>& b) {
        std::vector<Paths> r(count);
        tbb::parallel_for(0, count, [&](int l) {
            const int k = l + step * ra;
            if (k >= 0 && k < count)
                r[l] = a[l] == b[k] ? a[l] : intersect(a[l], b[k]);
        });
        return r;
    };
    for (; n; n >>= 1) {
        if (n & 1) {
            out = reach ? shift(out, reach, have) : have;
            reach += width;
        }
        if (n > 1) {
            have = shift(have, width, have);
            width *= 2;
        }
    }
    return out;
}

/// Behind the walls of an outline.
struct Inside {
    Paths area;
    double full_mm2 = 0, mm2 = 0; ///< of the outline, of the area
};
Inside inside_of(Paths outline, double walls_mm) {
    Inside in;
    in.full_mm2 = area_mm2(outline);
    ClipperLib::CleanPolygons(outline, kSmooth_units);
    in.area = walls_mm > 0 ? offset(outline, -walls_mm) : std::move(outline);
    in.mm2 = std::min(in.full_mm2, area_mm2(in.area));
    return in;
}

} // namespace

Result<std::shared_ptr<const Demand>> make_demand(const LayerTable& table, const std::vector<Part>& of, const Settings& s, const Progress& progress) {
    const int count = table.grid.count, parts = static_cast<int>(table.parts.size());
    const int top = static_cast<int>(s.top_skins), bottom = static_cast<int>(s.bottom_skins);
    std::vector<Paths> whole(count);
    tbb::parallel_for(0, count, [&](int l) {
        whole[l] = whole_layer(table, l + 1);
        ClipperLib::CleanPolygons(whole[l], kSmooth_units);
    });
    if (progress.stopped())
        return Error{say("Stopped before the volumes were known.")};
    // Covered from above: common to the next `top` layers, so start one layer up.
    const std::vector<Paths> up = top ? common_to(whole, top, 1) : std::vector<Paths>{};
    const std::vector<Paths> down = bottom ? common_to(whole, bottom, -1) : std::vector<Paths>{};
    progress.at(0.4);

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
    // Whether nothing changes as far as skins reach: then there are none.
    const auto alike = [&](int l) {
        for (int k = std::max(0, l - bottom); k <= std::min(count - 1, l + top); ++k)
            if (k != l && whole[k] != whole[l])
                return false;
        return l - bottom >= 0 && l + top < count;
    };
    tbb::parallel_for(0, count, [&](int l) {
        if (progress.stopped())
            return;
        const bool no_skins = alike(l);
        for (int p = 0; p < parts; ++p) {
            const Inside& in = insides[p][first[p][l]];
            if (in.full_mm2 <= 0)
                continue;
            const double h = table.grid.thickness_mm(l + 1);
            double covered = in.mm2;
            Paths c = in.area;
            if (in.mm2 > 0 && (top || bottom) && !no_skins) {
                if (top)
                    c = l + 1 < count ? intersect(c, up[l + 1]) : Paths{};
                if (bottom)
                    c = l > 0 ? intersect(c, down[l - 1]) : Paths{};
                covered = std::min(in.mm2, area_mm2(c));
            }
            double wall = in.full_mm2 - in.mm2, skin = in.mm2 - covered, infill = covered;
            for (PatchDemand& patch : demand->patches[p]) {
                if (patch.layers[l].empty())
                    continue;
                Paths smooth = patch.layers[l];
                ClipperLib::CleanPolygons(smooth, kSmooth_units);
                const double area = area_mm2(patch.layers[l]), of_inside = area_mm2(intersect(smooth, in.area)), of_infill = area_mm2(intersect(smooth, c));
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
