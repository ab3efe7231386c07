#include "core/check/checker.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace vitrail {

void Checker::overhanging_colour() {
    const double steepest = -std::sin(p.settings.support_angle_deg * std::numbers::pi / 180);
    const double bed = bed_z() + grid().first_mm / 2;
    for (int i = 0; i < static_cast<int>(piece.parts.size()); ++i) {
        const Part& part = piece.parts[i];
        // Painted faces that need support: it scars the very face somebody took the trouble to paint.
        std::vector<double> over(part.patches.size() + 1, 0);
        std::vector<std::vector<Spot>> spots(over.size());
        if (part.paint)
            for_each_facet(
                *part.mesh, *part.paint, [&](std::uint32_t, const std::array<Vec3, 3>& c, PatchNumber n) {
                    const Vec3 d = twice_area(c);
                    const float l = length(d);
                    if (n == kUnpainted || n >= over.size() || !(l > 0) || d.z / l > steepest ||
                        std::min({c[0].z, c[1].z, c[2].z}) < bed)
                        return;
                    over[n] += l / 2;
                    if (spots[n].size() < kMostSpots) {
                        const Vec3 m = (c[0] + c[1] + c[2]) * (1.0f / 3);
                        spots[n].push_back(
                            {m, std::clamp(first_layer_above(grid(), m.z - bed_z()), 1, grid().count),
                             std::sqrt(double(l))});
                    }
                });
        for (std::size_t n = 1; n < over.size(); ++n) {
            const Patch& patch = part.patches[n - 1];
            if (over[n] < 2 || !patch.filament || patch.filament == part.filament)
                continue;
            Finding& f =
                add("support-on-show", Severity::warning,
                    say("{} mm² of the patch {} on {} overhang by more than {}°: support would touch and "
                        "scar the painted face. Turn the piece, or paint less of it.",
                        num(over[n], 0), Name{patch.name}, quoted(i), num(p.settings.support_angle_deg, 0)),
                    say("patch {}", patch.name), spots[n].front().layer, {i});
            f.spots = spots[n];
        }
        // Borders of colours on walls that lean outwards.
        for (const Band& b : piece.bands) {
            if (b.part != part.name)
                continue;
            for (const double height : {b.z0_mm, b.z1_mm}) {
                const double z = bed_z() + height;
                if (z <= bed || z >= part.mesh->bounds.max.z - 1e-6)
                    continue;
                double crossing = 0, all = 0;
                Finding place;
                for (std::uint32_t t = 0; t < part.mesh->triangles.size(); ++t) {
                    const auto c = corners(*part.mesh, t);
                    const auto [lo, hi] = std::minmax({c[0].z, c[1].z, c[2].z});
                    if (lo >= z || hi <= z)
                        continue;
                    Vec3 ends[2];
                    int n = 0;
                    for (int e = 0; e < 3 && n < 2; ++e) {
                        const Vec3 u = c[e], v = c[(e + 1) % 3];
                        if ((u.z < z) != (v.z < z))
                            ends[n++] = u + (v - u) * static_cast<float>((z - u.z) / (double(v.z) - u.z));
                    }
                    const double l = n == 2 ? length(ends[1] - ends[0]) : 0;
                    all += l;
                    if (normal(*part.mesh, t).z > steepest)
                        continue;
                    crossing += l;
                    if (place.spots.size() < kMostSpots)
                        place.spots.push_back(
                            {ends[0], std::clamp(first_layer_above(grid(), height), 1, grid().count), 1});
                }
                if (crossing < 2 || crossing < 0.05 * all)
                    continue;
                Finding& f = add("colour-on-overhang", Severity::warning,
                                 say("The border at {} of {} lies on an overhang for {} of {} mm: colours "
                                     "run into each other there. Borders come out better on upward slopes.",
                                     mm(height), quoted(i), num(crossing, 0), num(all, 0)),
                                 at_layer(std::clamp(first_layer_above(grid(), height), 1, grid().count)),
                                 std::clamp(first_layer_above(grid(), height), 1, grid().count), {i});
                f.spots = std::move(place.spots);
            }
        }
    }
}

void Checker::tall_parts() {
    // Parts that touch stand together, on all the feet they have.
    const int n = static_cast<int>(piece.parts.size());
    std::vector<int> group(static_cast<std::size_t>(n));
    for (int i = 0; i < n; ++i)
        group[i] = i;
    const auto join = [&](int a, int b) {
        const int from = group[b], to = group[a];
        for (int& g : group)
            if (g == from)
                g = to;
    };
    for (const Contact& c : made.table->contacts)
        join(c.first_part, c.second_part);
    for (const Overlap& o : made.table->overlaps)
        join(o.first_part, o.second_part);
    for (int g = 0; g < n; ++g) {
        double top = 0;
        std::vector<int> parts;
        Paths feet;
        for (int i = 0; i < n; ++i)
            if (group[i] == g) {
                parts.push_back(i);
                if (!piece.parts[i].mesh->bounds.empty())
                    top = std::max(top, double(piece.parts[i].mesh->bounds.max.z) - bed_z());
                const Paths& rings = made.table->parts[i].layers[0];
                feet.insert(feet.end(), rings.begin(), rings.end());
            }
        if (feet.empty())
            continue;
        // The narrowest extent of the feet together, in steps of 5°.
        double narrow = 1e9;
        for (int k = 0; k < 36; ++k) {
            const double a = k * std::numbers::pi / 36, cx = std::cos(a), cy = std::sin(a);
            double lo = 1e18, hi = -1e18;
            for (const Path& ring : feet)
                for (const IntPoint& q : ring) {
                    const double d = cx * double(q.X) + cy * double(q.Y);
                    lo = std::min(lo, d), hi = std::max(hi, d);
                }
            narrow = std::min(narrow, (hi - lo) / kUnitsPerMm);
        }
        constexpr double kTooLowToSway_mm = 15;
        if (!(narrow > 0) || top <= p.settings.check_tall * narrow || top <= kTooLowToSway_mm)
            continue;
        Finding& f =
            add("tall-thin", Severity::warning,
                say(parts.size() == 1
                        ? term("{} is {} tall on a foot {} wide, {} times as tall. Beyond {} it may topple "
                               "or sway: add a brim, slow down, or turn it.")
                        : term("{} with what touches it is {} tall on a foot {} wide, {} times as tall. "
                               "Beyond {} it may topple or sway: add a brim, slow down, or turn it."),
                    quoted(parts[0]), mm(top, 1), mm(narrow, 1), num(top / narrow),
                    num(p.settings.check_tall, 0)),
                at_layer(1), 1, parts);
        f.spots.push_back(spot_in(box_of(feet), 1));
    }
}

} // namespace vitrail
