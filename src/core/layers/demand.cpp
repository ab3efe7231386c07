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
        return Error{"Stopped before the volumes were known."};
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
    std::atomic<int> done = 0;
    tbb::parallel_for(0, count, [&](int l) {
        if (progress.stopped())
            return;
        for (int p = 0; p < parts; ++p) {
            Paths outline = table.parts[p].layers[l];
            if (outline.empty())
                continue;
            const double full = area_mm2(outline), h = table.grid.thickness_mm(l + 1);
            ClipperLib::CleanPolygons(outline, kSmooth_units);
            const Paths inside = s.walls > 0 ? offset(outline, -s.walls * s.line_width_mm) : outline;
            const double inner = std::min(full, area_mm2(inside));
            double covered = inner;
            Paths c = inside;
            if (inner > 0 && (top || bottom)) {
                if (top)
                    c = l + 1 < count ? intersect(c, up[l + 1]) : Paths{};
                if (bottom)
                    c = l > 0 ? intersect(c, down[l - 1]) : Paths{};
                covered = std::min(inner, area_mm2(c));
            }
            double wall = full - inner, skin = inner - covered, infill = covered;
            for (PatchDemand& patch : demand->patches[p]) {
                if (patch.layers[l].empty())
                    continue;
                const double area = area_mm2(patch.layers[l]), of_inside = area_mm2(intersect(patch.layers[l], inside)),
                             of_infill = area_mm2(intersect(patch.layers[l], c));
                wall -= area - of_inside;
                skin -= of_inside - of_infill;
                infill -= of_infill;
                patch.mm3[l] = area * h;
            }
            demand->parts[p][l] = {std::max(0.0, wall) * h, std::max(0.0, skin) * h, std::max(0.0, infill) * h * s.infill_pct / 100};
        }
        progress.at(0.5 + 0.5 * ++done / count);
    });
    if (progress.stopped())
        return Error{"Stopped before the volumes were known."};
    return std::shared_ptr<const Demand>(std::move(demand));
}

} // namespace vitrail
