#include "core/support/solid.h"

#include "core/geometry/prism.h"

#include <tbb/parallel_for.h>

namespace vitrail {

namespace {

constexpr double kSmooth_mm = 0.02; // nobody sees less

Vec3 at(IntPoint p, double z) {
    return {static_cast<float>(static_cast<double>(p.X) / kUnitsPerMm),
            static_cast<float>(static_cast<double>(p.Y) / kUnitsPerMm), static_cast<float>(z)};
}

void add_face(std::vector<Vec3>& out, const Rows& area, double z, bool up) {
    // Slivers between two layers' outlines do not show.
    const Paths shown = offset(offset(paths_of(area, kSmooth_mm), -0.02), 0.02);
    if (shown.empty())
        return;
    for (const auto& t : triangulated(strictly_simple(shown)))
        for (const int k : {0, up ? 1 : 2, up ? 2 : 1})
            out.push_back(at(t[static_cast<std::size_t>(k)], z));
}

void add_sides(std::vector<Vec3>& out, const Paths& area, double z0, double z1) {
    for (const Path& ring : area)
        for (std::size_t i = 0; i < ring.size(); ++i) {
            const IntPoint &a = ring[i], &b = ring[(i + 1) % ring.size()];
            for (const Vec3 v : {at(a, z0), at(b, z0), at(b, z1), at(a, z0), at(b, z1), at(a, z1)})
                out.push_back(v);
        }
}

/// One kind of support: sides of every run of layers alike, and the faces that nothing covers.
std::vector<Vec3> stacked(const std::vector<Rows>& kind, const std::vector<Rows>& all, const LayerGrid& grid,
                          double bed, const Progress& progress) {
    std::vector<std::vector<Vec3>> by_layer(kind.size());
    tbb::parallel_for(std::size_t{0}, kind.size(), [&](std::size_t i) {
        if (kind[i].empty() || progress.stopped())
            return;
        std::vector<Vec3>& out = by_layer[i];
        const int layer = static_cast<int>(i) + 1;
        if (i == 0 || kind[i] != kind[i - 1]) {
            std::size_t last = i;
            while (last + 1 < kind.size() && kind[last + 1] == kind[i])
                ++last;
            add_sides(out, paths_of(kind[i], kSmooth_mm), bed + grid.bottom_mm(layer),
                      bed + grid.top_mm(static_cast<int>(last) + 1));
            add_face(out, i == 0 ? kind[i] : subtract(kind[i], all[i - 1]), bed + grid.bottom_mm(layer),
                     false);
        }
        if (i + 1 == kind.size() || kind[i + 1] != kind[i])
            add_face(out, i + 1 == kind.size() ? kind[i] : subtract(kind[i], all[i + 1]),
                     bed + grid.top_mm(layer), true);
    });
    std::vector<Vec3> out;
    for (const auto& part : by_layer)
        out.insert(out.end(), part.begin(), part.end());
    return out;
}

} // namespace

Result<SupportSolids> solids_of(const SupportLayout& layout, const LayerGrid& grid, double bed,
                                const Progress& progress) {
    std::vector<Rows> all(layout.body.size());
    tbb::parallel_for(std::size_t{0}, all.size(),
                      [&](std::size_t i) { all[i] = unite(layout.body[i], layout.interface[i]); });
    SupportSolids out;
    out.body = stacked(layout.body, all, grid, bed, progress);
    progress.at(0.4);
    out.interface = stacked(layout.interface, all, grid, bed, progress);
    progress.at(0.8);
    constexpr double kBelow_mm = 0.03; // so that the piece does not hide it
    for (const SupportContact& c : layout.contacts)
        if (c.held && !progress.stopped())
            add_face(out.contacts, c.area, bed + grid.bottom_mm(c.layer) - kBelow_mm, false);
    if (progress.stopped())
        return Error{say("Stopped before the support could be shown.")};
    return out;
}

} // namespace vitrail
