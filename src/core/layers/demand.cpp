#include "core/layers/demand.h"

#include "core/geometry/narrow.h"
#include "core/layers/patches.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <atomic>
#include <numbers>

namespace vitrail {

namespace {

/// Behind the walls of an outline.
struct Inside {
    Paths area;
    double full_mm2 = 0, mm2 = 0; ///< of the outline, of the area
    double around_mm = 0;         ///< of the area
};
Inside inside_of(const Paths& outline, double walls_mm) {
    Inside in;
    in.full_mm2 = area_mm2(outline);
    in.area = walls_mm > 0 ? quick_offset(outline, -walls_mm) : outline;
    in.mm2 = std::min(in.full_mm2, area_mm2(in.area));
    in.around_mm = perimeter_mm(in.area);
    return in;
}

/// Of every part in every layer; layers that repeat the one before share it.
class Insides {
public:
    Insides(const LayerTable& table, double walls_mm, const Progress& progress)
        : of_(table.parts.size()), first_(table.parts.size()) {
        const int count = table.grid.count;
        for (std::size_t p = 0; p < of_.size(); ++p) {
            const std::vector<Paths>& layers = table.parts[p].layers;
            of_[p].resize(layers.size());
            first_[p].assign(layers.size(), 0);
            for (std::size_t l = 1; l < layers.size(); ++l)
                first_[p][l] = layers[l] == layers[l - 1] ? first_[p][l - 1] : l;
        }
        std::atomic<int> done = 0;
        tbb::parallel_for(std::size_t{0}, static_cast<std::size_t>(count), [&](std::size_t l) {
            for (std::size_t p = 0; p < of_.size(); ++p)
                if (first_[p][l] == l && !progress.stopped())
                    of_[p][l] = inside_of(table.parts[p].layers[l], walls_mm);
            progress.at(0.5 + 0.2 * ++done / count);
        });
    }
    const Inside& at(std::size_t part, std::size_t layer) const { return of_[part][first_[part][layer]]; }

private:
    std::vector<std::vector<Inside>> of_;         ///< [part][layer], where it is the first of its like
    std::vector<std::vector<std::size_t>> first_; ///< [part][layer]
};

/// [layer − 1] of what covers a part: of the whole piece or, one for each part, of itself.
template <class Area>
using Covers = std::vector<const std::vector<Area>*>;

/// Walls, skins and infill, and what patches take of them. An area is cut as polygons or in rows: `area_of`
/// makes one of an outline.
template <class Area, class AreaOf>
void measure(const LayerTable& table, const Settings& s, const Insides& insides, const Covers<Area>& covers,
             AreaOf area_of, Demand& demand, const Progress& progress) {
    const int count = table.grid.count, top = s.top_skins, bottom = s.bottom_skins;
    std::atomic<int> done = 0;
    tbb::parallel_for(0, count, [&](int l) {
        if (progress.stopped())
            return;
        // What covers the layer from above and below; nothing does where the piece does not reach so far.
        const auto each_cover = [&](auto look) {
            if (l - bottom < 0 || l + top >= count)
                return false;
            for (int k = l - bottom; k <= l + top; ++k)
                if (k != l && !look(k))
                    return false;
            return true;
        };
        const auto same_all_over = [&](auto whole) {
            return (!top && !bottom) || each_cover([&](int k) { return whole(k) == whole(l); });
        };
        const bool no_skins_at_all = !s.skins_at_borders && same_all_over([&](int k) -> const Paths& {
            return whole_layer(table, k + 1);
        });
        const double h = table.grid.thickness_mm(l + 1);
        for (std::size_t p = 0; p < table.parts.size(); ++p) {
            const Inside& in = insides.at(p, static_cast<std::size_t>(l));
            std::vector<PatchDemand>& patches = demand.patches[p];
            const bool painted_here = std::any_of(patches.begin(), patches.end(),
                                                  [&](const PatchDemand& x) { return !x.layers[l].empty(); });
            if (in.full_mm2 <= 0)
                continue;
            const auto whole = [&](int k) -> const Paths& {
                return s.skins_at_borders ? table.parts[p].layers[static_cast<std::size_t>(k)]
                                          : whole_layer(table, k + 1);
            };
            const std::vector<Area>& layers = *covers[s.skins_at_borders ? p : 0];
            const bool no_skins = s.skins_at_borders ? same_all_over(whole) : no_skins_at_all;
            Area inside, covered;
            double wall = in.full_mm2 - in.mm2, skin = 0, bridge = 0, around_covered = in.around_mm;
            if (!no_skins || painted_here)
                covered = inside = area_of(in.area);
            if (!no_skins) {
                const auto common = [&](int k) {
                    if (k == l - bottom || whole(k) != whole(k - 1)) // the layer itself has all of it
                        covered = intersect(covered, layers[k]);
                    return !covered.empty();
                };
                if (!each_cover(common))
                    covered = {};
                skin = std::clamp(area_mm2(inside) - area_mm2(covered), 0.0, in.mm2);
                around_covered = covered.empty() ? 0 : perimeter_mm(covered);
                if (l > 0 && skin > 0 &&
                    whole_layer(table, l + 1) != whole_layer(table, l)) // over air, not over another body
                    bridge = std::clamp(
                        area_mm2(inside) -
                            area_mm2(intersect(inside, s.skins_at_borders
                                                           ? area_of(whole_layer(table, l))
                                                           : layers[static_cast<std::size_t>(l) - 1])),
                        0.0, skin);
            }
            double infill = in.mm2 - skin;
            const auto mean_line = [](double mm2, double around) {
                return around > 0 ? std::numbers::pi * mm2 / around : 0;
            };
            const double skin_line = mean_line(skin, in.around_mm + around_covered),
                         infill_line = mean_line(infill, around_covered);
            for (PatchDemand& patch : patches) {
                if (patch.layers[l].empty())
                    continue;
                const Area painted = area_of(patch.layers[l]);
                const double area = area_mm2(patch.layers[l]),
                             of_inside = area_mm2(intersect(painted, inside)),
                             of_infill = no_skins ? of_inside : area_mm2(intersect(painted, covered));
                wall -= area - of_inside;
                skin -= of_inside - of_infill;
                infill -= of_infill;
                patch.mm3[l] = area * h;
            }
            // Where patches take all there is, rounding of outlines must leave no sliver for which the
            // filament would have to change.
            const double sliver_mm2 = painted_here ? kIdle_mm * perimeter_mm(table.parts[p].layers[l]) : 0;
            const auto left = [&](double mm2) { return mm2 > sliver_mm2 ? mm2 * h : 0; };
            demand.parts[p][l] = {left(wall),   left(skin), left(infill) * s.infill_pct / 100,
                                  left(bridge), skin_line,  infill_line};
        }
        progress.at(0.7 + 0.3 * ++done / count);
    });
}

/// Cutting outlines of many points as polygons would take longer than everything else, and rows are as good:
/// corners are cut off by less than their pitch. Of few points polygons are exact, and as quick.
bool has_many_points(const LayerTable& table) {
    constexpr std::size_t kMany = 400; // to a layer
    std::size_t points = 0;
    for (int l = 1; l <= table.grid.count; ++l)
        for (const Path& ring : whole_layer(table, l))
            points += ring.size();
    return points > kMany * static_cast<std::size_t>(table.grid.count);
}

} // namespace

Result<std::shared_ptr<const Demand>> make_demand(const LayerTable& table, const std::vector<Part>& of,
                                                  const Settings& s, const Progress& progress) {
    const std::size_t count = static_cast<std::size_t>(table.grid.count), parts = table.parts.size();
    auto demand = std::make_shared<Demand>();
    demand->parts.assign(parts, std::vector<Volume>(count));
    demand->patches.resize(parts);
    for (std::size_t p = 0; p < parts; ++p)
        for (std::vector<Paths>& layers :
             patch_layers(of[p], table.parts[p], table.grid, table.bed_z_mm, s, {progress.stop, {}}))
            demand->patches[p].push_back({std::move(layers), std::vector<double>(count, 0)});
    progress.at(0.5);
    const Insides insides(table, s.walls * s.line_width_mm, progress);
    const auto by = [&](auto area_of) {
        using Area = decltype(area_of(Paths{}));
        std::vector<std::vector<Area>> covers(s.skins_at_borders ? parts : 1, std::vector<Area>(count));
        tbb::parallel_for(std::size_t{0}, count, [&](std::size_t l) {
            for (std::size_t p = 0; p < covers.size(); ++p)
                covers[p][l] = area_of(s.skins_at_borders ? table.parts[p].layers[l]
                                                          : whole_layer(table, static_cast<int>(l) + 1));
        });
        Covers<Area> all;
        for (const std::vector<Area>& c : covers)
            all.push_back(&c);
        measure(table, s, insides, all, area_of, *demand, progress);
    };
    const auto in_rows = [pitch = pitch_of(table)](const Paths& outline) { return rows_of(outline, pitch); };
    if (!has_many_points(table))
        by([](const Paths& outline) { return without_idle_points(outline, kIdle_mm); });
    else if (s.skins_at_borders)
        by(in_rows);
    else
        measure(table, s, insides, Covers<Rows>{&table.rows}, in_rows, *demand, progress);
    if (progress.stopped())
        return Error{say("Stopped before the volumes were known.")};
    return std::shared_ptr<const Demand>(std::move(demand));
}

} // namespace vitrail
