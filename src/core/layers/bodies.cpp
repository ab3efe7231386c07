#include "core/layers/bodies.h"

#include "core/geometry/cut.h"
#include "core/geometry/prism.h"

#include <tbb/parallel_for.h>

#include <algorithm>

namespace vitrail {

namespace {

/// Points that a straight line passes by at most that are left out of what is exported, mm: nothing that
/// slicing could show.

/// What each filament prints of a part in a layer.
std::vector<Paths> by_filament(const Project& p, const Piece& piece, const LayerTable& table,
                               const Demand& demand, const Shares& shares, std::size_t part, std::size_t l) {
    std::vector<Paths> out(static_cast<std::size_t>(shares.filaments));
    const int own = shares.owner[part][l];
    Paths rest = table.parts[part].layers[l];
    for (std::size_t k = 0; k < demand.patches[part].size(); ++k) {
        const int painted = find_filament(p, piece.parts[part].patches[k].filament);
        const Paths& area = demand.patches[part][k].layers[l];
        if (painted < 0 || painted == own || area.empty())
            continue;
        Paths& mine = out[static_cast<std::size_t>(painted)];
        mine = mine.empty() ? area : unite(mine, area);
        rest = subtract(rest, area);
    }
    out[static_cast<std::size_t>(own)] = std::move(rest);
    for (Paths& area : out)
        for (Path& ring : area)
            ring = without_idle_points(ring, kIdle_mm);
    return out;
}

/// Layers of one filament with the same outline.
struct Stack {
    int filament = 0, from = 0, to = 0;
    Paths outline;
};

void add_layers(const Project& p, const Piece& piece, const LayerTable& table, const Demand& demand,
                const Shares& shares, std::size_t part, std::vector<Builder>& out) {
    const LayerGrid& grid = table.grid;
    std::vector<std::vector<Paths>> layers(static_cast<std::size_t>(grid.count));
    tbb::parallel_for(std::size_t{0}, layers.size(), [&](std::size_t l) {
        layers[l] = by_filament(p, piece, table, demand, shares, part, l);
    });
    std::vector<Stack> stacks;
    for (int f = 0; f < shares.filaments; ++f)
        for (int l = 1; l <= grid.count; ++l) {
            Paths& area = layers[static_cast<std::size_t>(l) - 1][static_cast<std::size_t>(f)];
            if (area.empty())
                continue;
            if (!stacks.empty() && stacks.back().filament == f && stacks.back().to == l - 1 &&
                stacks.back().outline == area)
                stacks.back().to = l;
            else
                stacks.push_back({f, l, l, std::move(area)});
        }
    std::vector<Builder> prisms(stacks.size());
    tbb::parallel_for(std::size_t{0}, stacks.size(), [&](std::size_t i) {
        add_prism(prisms[i], stacks[i].outline, table.bed_z_mm + grid.bottom_mm(stacks[i].from),
                  table.bed_z_mm + grid.top_mm(stacks[i].to));
    });
    for (std::size_t i = 0; i < stacks.size(); ++i)
        out[static_cast<std::size_t>(stacks[i].filament)].add(prisms[i]);
}

} // namespace

std::vector<FilamentBody> filament_bodies(const Project& p, const Piece& piece, const LayerTable& table,
                                          const Demand& demand, const Shares& shares) {
    const LayerGrid& grid = table.grid;
    std::vector<Builder> layered(static_cast<std::size_t>(shares.filaments));
    std::vector<std::vector<Mesh>> meshes(layered.size());
    for (int part = 0; part < static_cast<int>(piece.parts.size()); ++part) {
        const Part& x = piece.parts[part];
        const std::vector<std::uint8_t>& own = shares.owner[static_cast<std::size_t>(part)];
        const bool painted = std::any_of(x.patches.begin(), x.patches.end(), [&](const Patch& q) {
            return q.filament && q.filament != x.filament;
        });
        if (painted) {
            add_layers(p, piece, table, demand, shares, static_cast<std::size_t>(part), layered);
            continue;
        }
        std::vector<double> planes;
        std::vector<int> filament{own.front()};
        for (int l = 2; l <= grid.count; ++l)
            if (own[l - 1] != filament.back()) {
                planes.push_back(table.bed_z_mm + grid.bottom_mm(l));
                filament.push_back(own[l - 1]);
            }
        if (planes.empty()) {
            meshes[filament[0]].push_back(*x.mesh);
            continue;
        }
        std::vector<Derived> slabs = cut_at(*x.mesh, planes);
        for (std::size_t s = 0; s < slabs.size(); ++s)
            if (!slabs[s].mesh.triangles.empty())
                meshes[filament[s]].push_back(std::move(slabs[s].mesh));
    }
    std::vector<FilamentBody> out;
    for (int f = 0; f < shares.filaments; ++f) {
        if (!layered[f].triangles.empty())
            meshes[f].push_back(layered[f].build());
        if (meshes[f].empty())
            continue;
        std::vector<const Mesh*> all;
        for (const Mesh& m : meshes[f])
            all.push_back(&m);
        out.push_back({f, all.size() == 1 ? *all[0] : joined(all).mesh});
    }
    return out;
}

} // namespace vitrail
