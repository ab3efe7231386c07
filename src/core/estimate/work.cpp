#include "core/estimate/work.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>
#include <numbers>

namespace vitrail {

namespace {

float flow_of(const Project& p, int filament) {
    return static_cast<float>(
        facts(p.filaments[static_cast<std::size_t>(std::max(0, filament))].material).flow_mm3_s);
}

/// Speeds of one body in one layer.
struct Speeds {
    double outer, wall, infill, skin, bridge;
};

Speeds speeds_in(const WorkSettings& s, int layer, double thickness_mm, double flow) {
    const Motion& m = s.motion;
    const auto at = [&](double speed) {
        return laid_at(layer == 1 ? m.first_layer : speed, flow, s.line_mm, thickness_mm);
    };
    return {at(m.outer_wall), at(m.wall), at(m.infill), at(m.skin), at(m.bridge)};
}

/// Seconds for each mm along an outline, at two speeds.
struct Pace {
    double outer = 0, wall = 0, around_mm = 0;
    double turns = 0; ///< full turns to the left of all rings: islands less holes
};
Pace pace_along(const Paths& outline, const Speeds& v, const Motion& m) {
    Pace pace;
    for (const Path& ring : outline) {
        pace.outer += ring_s(ring, v.outer, m);
        pace.wall += ring_s(ring, v.wall, m);
        pace.turns += ClipperLib::Orientation(ring) ? 1 : -1;
    }
    pace.around_mm = perimeter_mm(outline);
    if (pace.around_mm > 0) {
        pace.outer /= pace.around_mm;
        pace.wall /= pace.around_mm;
    }
    return pace;
}

/// From ring to ring, from island to island, and over holes where the inside is filled. Shares of the size:
/// ours, by comparison with lines that were made.
double moves_s(const Paths& outline, int walls, bool filled, const Motion& m) {
    if (outline.empty())
        return 0;
    const Box box = box_of(outline);
    const double across =
        std::sqrt(double(box.right - box.left) * double(box.bottom - box.top)) / kUnitsPerMm;
    const auto rings = static_cast<double>(outline.size());
    const auto islands = static_cast<double>(std::count_if(
        outline.begin(), outline.end(), [](const Path& r) { return ClipperLib::Orientation(r); }));
    const double island = across / std::sqrt(std::max(1.0, islands));
    // From island to island the shortest way through points spread evenly: 0.7124·√(n·area) (Beardwood,
    // Halton & Hammersley 1959).
    double seconds = (islands - 1) * (travel_s(0.7124 * island, m) + m.retract_s) +
                     rings * walls * travel_s(0.04 * island, m);
    if (filled) {
        seconds += islands * travel_s(0.3 * island, m);
        seconds += 2 * (rings - islands) *
                   (travel_s(0.4 * island, m) + m.retract_s); // lines fall into more stretches
    }
    return seconds;
}

double body_s(const Volume& v, const Paths& outline, const Pace& pace, const Speeds& speeds,
              const WorkSettings& s, double thickness_mm) {
    const double section = s.line_mm * thickness_mm; // of a line
    // The outer wall runs half a line inside of the outline.
    const double walls_mm = v.wall_mm3 / section,
                 outer_mm = std::min(
                     walls_mm, std::max(0.0, pace.around_mm - std::numbers::pi * s.line_mm * pace.turns));
    const double bridge_mm = std::min(v.bridge_mm3, v.skin_mm3) / section,
                 skin_mm = v.skin_mm3 / section - bridge_mm;
    const double dense = std::max(0.01, s.infill_pct / 100);
    return outer_mm * pace.outer + (walls_mm - outer_mm) * pace.wall +
           lines_s(skin_mm, v.skin_line_mm, s.line_mm, speeds.skin, s.motion) +
           lines_s(bridge_mm, v.skin_line_mm, s.line_mm, speeds.bridge, s.motion) +
           lines_s(v.infill_mm3 / section, v.infill_line_mm, s.line_mm / dense, speeds.infill, s.motion) +
           (v.total() > 0 ? moves_s(outline, s.walls, v.skin_mm3 + v.infill_mm3 > 0, s.motion) : 0);
}

std::size_t points_in(const Paths& rings) {
    std::size_t n = 0;
    for (const Path& ring : rings)
        n += ring.size();
    return n;
}

} // namespace

double laid_at(double speed, double flow, double line_mm, double thickness_mm) {
    return std::max(0.1, std::min(speed, flow / (line_mm * thickness_mm)));
}

Motion motion_of(const Project& p) {
    Motion m = p.machine.motion;
    if (const double most = p.settings.speed_mm_s; most > 0)
        for (double* speed : {&m.outer_wall, &m.wall, &m.infill, &m.skin, &m.bridge})
            *speed = std::min(*speed, most);
    if (p.settings.first_layer_speed_mm_s > 0)
        m.first_layer = p.settings.first_layer_speed_mm_s;
    return m;
}

WorkSettings work_settings(const Project& p, const Piece& piece, const PiecePlan& made) {
    WorkSettings s{motion_of(p), p.settings.line_width_mm, p.settings.infill_pct, p.settings.walls, {}};
    for (std::size_t i = 0; i < piece.parts.size(); ++i)
        for (const std::uint8_t f : made.owner[i])
            s.flow_mm3_s.push_back(flow_of(p, f));
    for (const Part& part : piece.parts)
        for (const Patch& patch : part.patches)
            s.flow_mm3_s.push_back(
                flow_of(p, find_filament(p, patch.filament ? patch.filament : part.filament)));
    return s;
}

Work work_of(const PiecePlan& made, const WorkSettings& s) {
    const auto count = static_cast<std::size_t>(made.table->grid.count), parts = made.table->parts.size();
    Work work;
    work.parts.assign(parts, std::vector<double>(count, 0));
    work.patches.resize(parts);
    std::size_t points = 0, next_patch = parts * count;
    for (std::size_t p = 0; p < parts; ++p)
        for (const Paths& outline : made.table->parts[p].layers)
            points += points_in(outline);
    constexpr std::size_t kEnough = 200000; // followed one by one; more would take longer than it tells
    const std::size_t stride = 1 + points / kEnough;
    for (std::size_t p = 0; p < parts; ++p) {
        const std::vector<PatchDemand>& patches = made.demand->patches[p];
        work.patches[p].assign(patches.size(), std::vector<double>(count, 0));
        const std::vector<Paths>& layers = made.table->parts[p].layers;
        tbb::parallel_for(std::size_t{0}, (count + stride - 1) / stride, [&](std::size_t group) {
            Pace pace;
            for (std::size_t l = group * stride; l < std::min(count, (group + 1) * stride); ++l) {
                if (layers[l].empty())
                    continue;
                const double h = made.table->grid.thickness_mm(static_cast<int>(l) + 1);
                const Speeds v = speeds_in(s, static_cast<int>(l) + 1, h, s.flow_mm3_s[p * count + l]);
                if (pace.around_mm <= 0 || l < 2 ||
                    l == group * stride) // the first layer has speeds of its own
                    pace = pace_along(layers[l], v, s.motion);
                work.parts[p][l] = body_s(made.demand->parts[p][l], layers[l], pace, v, s, h);
                for (std::size_t k = 0; k < patches.size(); ++k) {
                    if (patches[k].mm3[l] <= 0)
                        continue;
                    // Strips behind the surface: its outline is followed until it is full.
                    const Speeds of_patch =
                        speeds_in(s, static_cast<int>(l) + 1, h, s.flow_mm3_s[next_patch + k]);
                    const Pace along = pace_along(patches[k].layers[l], of_patch, s.motion);
                    work.patches[p][k][l] =
                        patches[k].mm3[l] / (s.line_mm * h) * (along.outer + along.wall) / 2 +
                        moves_s(patches[k].layers[l], 1, false, s.motion);
                }
            }
        });
        next_patch += patches.size();
    }
    return work;
}

std::vector<double> printing_s(const Project& p, const Printed& printed,
                               std::span<const std::shared_ptr<const Work>> work) {
    const auto n = static_cast<std::size_t>(printed.filaments);
    std::vector<double> seconds(static_cast<std::size_t>(printed.grid.count) * n, 0);
    const Motion m = motion_of(p);
    const double line = p.settings.line_width_mm;
    std::vector<int> placed(seconds.size(), 0); // copies that a filament has something of
    for (std::size_t k = 0; k < printed.pieces.size(); ++k) {
        const PiecePlan& made = printed.pieces[k];
        const std::vector<Part>& parts = p.pieces[k].parts;
        const int copies = count_of(p, p.pieces[k]);
        for (std::size_t l = 0; l < static_cast<std::size_t>(made.layers()); ++l) {
            std::vector<char> here(n, 0);
            const auto add = [&](std::size_t f, double s) {
                seconds[l * n + f] += s * copies;
                here[f] |= s > 0;
            };
            for (std::size_t i = 0; i < parts.size(); ++i) {
                add(made.owner[i][l], work[k]->parts[i][l]);
                for (std::size_t x = 0; x < parts[i].patches.size(); ++x) {
                    const int own = find_filament(p, parts[i].patches[x].filament);
                    add(own >= 0 ? static_cast<std::size_t>(own) : made.owner[i][l],
                        work[k]->patches[i][x][l]);
                }
            }
            if (made.support) {
                const double h = made.table->grid.thickness_mm(static_cast<int>(l) + 1), section = line * h;
                const auto lay = [&](const LayerSize& size, double mm3, int f, double speed,
                                     double density_pct) {
                    if (mm3 <= 0 || size.around_mm <= 0)
                        return;
                    const double v = laid_at(l == 0 ? m.first_layer : speed, flow_of(p, f), line, h);
                    seconds[l * n + static_cast<std::size_t>(f)] +=
                        lines_s(mm3 / section, std::numbers::pi * size.mm2 / size.around_mm,
                                line * 100 / std::max(1.0, density_pct), v, m);
                    here[static_cast<std::size_t>(f)] = 1;
                };
                lay(made.support->body[l], made.support_mm3[l], made.support_by[l], m.infill,
                    p.settings.support_density_pct);
                lay(made.support->interface[l], made.interface_mm3[l], made.interface_by[l], m.skin,
                    p.settings.interface_density_pct);
            }
            for (std::size_t f = 0; f < n; ++f)
                placed[l * n + f] += here[f] ? copies : 0;
        }
    }
    // From piece to piece, once for each filament.
    double across = 0;
    for (const PiecePlan& made : printed.pieces)
        across = std::max(across, std::sqrt(double(made.table->bounds.max.x - made.table->bounds.min.x) *
                                            double(made.table->bounds.max.y - made.table->bounds.min.y)));
    for (std::size_t i = 0; i < seconds.size(); ++i)
        if (placed[i] > 1)
            seconds[i] += (placed[i] - 1) * (travel_s(across + p.settings.spacing_mm, m) + m.retract_s);
    return seconds;
}

} // namespace vitrail
