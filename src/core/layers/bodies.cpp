#include "core/layers/bodies.h"

#include "core/geometry/cut.h"
#include "core/geometry/prism.h"

#include <algorithm>

namespace vitrail {

namespace {

void add_layers(const Project& p, const LayerTable& table, const Demand& demand, const Shares& shares, int part, std::vector<Builder>& out) {
    const LayerGrid& grid = table.grid;
    const std::vector<std::uint8_t>& own = shares.owner[static_cast<std::size_t>(part)];
    const std::vector<PatchDemand>& patches = demand.patches[part];
    const double bed = table.bed_z_mm;
    // Per filament, a stack that grows as long as the outline stays the same.
    struct Stack {
        Paths outline;
        int from = 0;
    };
    std::vector<Stack> stacks(static_cast<std::size_t>(shares.filaments));
    const auto close = [&](int f, int layer) {
        Stack& s = stacks[f];
        if (!s.outline.empty())
            add_prism(out[f], s.outline, bed + grid.bottom_mm(s.from), bed + grid.bottom_mm(layer));
        s.outline.clear();
    };
    for (int l = 1; l <= grid.count; ++l) {
        std::vector<Paths> now(stacks.size());
        Paths rest = table.parts[part].layers[l - 1];
        for (std::size_t k = 0; k < patches.size(); ++k) {
            const int painted = find_filament(p, p.parts[part].patches[k].filament);
            const Paths& area = patches[k].layers[l - 1];
            if (painted < 0 || painted == own[l - 1] || area.empty())
                continue;
            now[painted] = now[painted].empty() ? area : unite(now[painted], area);
            rest = subtract(rest, area);
        }
        now[own[l - 1]] = rest;
        for (int f = 0; f < shares.filaments; ++f) {
            if (now[f] == stacks[f].outline)
                continue;
            close(f, l);
            stacks[f] = {std::move(now[f]), l};
        }
    }
    for (int f = 0; f < shares.filaments; ++f)
        close(f, grid.count + 1);
}

} // namespace

std::vector<FilamentBody> filament_bodies(const Project& p, const LayerTable& table, const Demand& demand, const Shares& shares) {
    const LayerGrid& grid = table.grid;
    std::vector<Builder> layered(static_cast<std::size_t>(shares.filaments));
    std::vector<std::vector<Mesh>> meshes(layered.size());
    for (int part = 0; part < static_cast<int>(p.parts.size()); ++part) {
        const Part& x = p.parts[part];
        const std::vector<std::uint8_t>& own = shares.owner[static_cast<std::size_t>(part)];
        const bool painted = std::any_of(x.patches.begin(), x.patches.end(), [&](const Patch& q) { return q.filament && q.filament != x.filament; });
        if (painted) {
            add_layers(p, table, demand, shares, part, layered);
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
