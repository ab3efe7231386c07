#include "core/project/regions.h"

#include "core/geometry/cut.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

namespace vitrail {

std::string free_patch_name(const Part& part, const std::string& name) {
    const auto taken = [&](const std::string& s) {
        return std::any_of(part.patches.begin(), part.patches.end(),
                           [&](const Patch& x) { return x.name == s; });
    };
    std::string free = name;
    for (int n = 2; taken(free); ++n)
        free = name + "-" + std::to_string(n);
    return free;
}

PatchNumber add_patch(Part& part, const std::string& name, char filament) {
    if (part.patches.size() >= kMostPatches)
        return kUnpainted;
    part.patches.push_back({free_patch_name(part, name), filament});
    return static_cast<PatchNumber>(part.patches.size());
}

void repaint(Part& part, const std::function<void(const Mesh&, Paint&)>& change) {
    auto paint = std::make_shared<Paint>(part.paint ? *part.paint : bare(*part.mesh));
    change(*part.mesh, *paint);
    part.paint = std::move(paint);
}

void repaint_support(Part& part, const std::function<void(const Mesh&, Paint&)>& change) {
    auto paint = std::make_shared<Paint>(part.support_paint ? *part.support_paint : bare(*part.mesh));
    change(*part.mesh, *paint);
    part.support_paint = *paint == bare(*part.mesh) ? nullptr : std::move(paint);
}

void drop_empty_patches(Part& part) {
    if (!part.paint) {
        part.patches.clear();
        return;
    }
    const int n = static_cast<int>(part.patches.size());
    std::vector<char> used(part.patches.size() + 1, 0);
    for (const PatchNumber p : part.paint->patch)
        if (p < used.size())
            used[p] = 1;
    for (const auto& [t, facets] : part.paint->cut)
        for (const Facet& f : facets)
            if (f.patch < used.size())
                used[f.patch] = 1;
    std::vector<PatchNumber> to(part.patches.size() + 1, kUnpainted);
    std::vector<Patch> kept;
    for (int i = 1; i <= n; ++i)
        if (used[i]) {
            kept.push_back(part.patches[i - 1]);
            to[i] = static_cast<PatchNumber>(kept.size());
        }
    if (kept.size() == part.patches.size())
        return;
    part.patches = std::move(kept);
    if (part.patches.empty())
        part.paint = nullptr;
    else
        repaint(part, [&](const Mesh&, Paint& p) { renumber(p, to); });
}

void remove_patch(Part& part, PatchNumber patch) {
    repaint(part, [&](const Mesh&, Paint& p) {
        std::vector<PatchNumber> to(part.patches.size() + 1);
        for (std::size_t i = 0; i < to.size(); ++i)
            to[i] = i == patch ? kUnpainted : static_cast<PatchNumber>(i);
        renumber(p, to);
    });
    drop_empty_patches(part);
}

PatchNumber patch_with(Part& part, char filament, const std::string& name) {
    for (std::size_t i = 0; i < part.patches.size(); ++i)
        if (part.patches[i].filament == filament)
            return static_cast<PatchNumber>(i + 1);
    return add_patch(part, name, filament);
}

Part derived_part(const Part& from, Derived d, std::string name) {
    Part part = from;
    part.name = std::move(name);
    part.mesh = std::make_shared<Mesh>(std::move(d.mesh));
    part.own_mesh = true;
    for (auto [old, carried] :
         {std::pair{&from.paint, &part.paint}, std::pair{&from.support_paint, &part.support_paint}})
        if (*old)
            *carried = std::make_shared<Paint>(carried_over(*from.mesh, **old, *part.mesh, d.origin));
    drop_empty_patches(part);
    return part;
}

namespace {

void replace_part(Piece& piece, int at, std::vector<Part> by) {
    piece.parts.erase(piece.parts.begin() + at);
    piece.parts.insert(piece.parts.begin() + at, std::make_move_iterator(by.begin()),
                       std::make_move_iterator(by.end()));
}

} // namespace

int split_part(Project& p, int of, int index) {
    Piece& piece = p.pieces[static_cast<std::size_t>(of)];
    const Part part = piece.parts[static_cast<std::size_t>(index)];
    std::vector<Derived> bodies = split_bodies(*part.mesh);
    if (bodies.size() < 2)
        return 1;
    std::vector<Part> parts;
    const std::vector<Band> bands = piece.bands;
    std::erase_if(piece.bands, [&](const Band& b) { return b.part == part.name; });
    for (std::size_t i = 0; i < bodies.size(); ++i) {
        // The first body keeps the name.
        std::string name = part.name;
        for (int n = static_cast<int>(i) + 1; i > 0; ++n) {
            name = part.name + "-" + std::to_string(n);
            if (find_part(p, name).part < 0 &&
                std::none_of(parts.begin(), parts.end(), [&](const Part& x) { return x.name == name; }))
                break;
        }
        parts.push_back(derived_part(part, std::move(bodies[i]), name));
        for (Band b : bands)
            if (b.part == part.name) {
                b.part = name;
                piece.bands.push_back(b);
            }
    }
    const int count = static_cast<int>(parts.size());
    replace_part(piece, index, std::move(parts));
    return count;
}

void join_parts(Piece& piece, const std::vector<int>& which) {
    if (which.size() < 2)
        return;
    std::vector<int> parts = which;
    std::sort(parts.begin(), parts.end());
    const Part first = piece.parts[parts.front()];
    std::vector<const Mesh*> meshes;
    for (const int i : parts)
        meshes.push_back(piece.parts[i].mesh.get());
    Derived d = joined(meshes);
    Part whole = first;
    whole.mesh = std::make_shared<Mesh>(std::move(d.mesh));
    whole.own_mesh = true;
    whole.paint = nullptr;
    whole.patches.clear();
    // Each part's triangles stand together; where its filament or its patches differ, the surface is painted.
    Paint paint = bare(*whole.mesh), support = paint;
    const bool wishes = std::any_of(parts.begin(), parts.end(), [&](int i) {
        return piece.parts[static_cast<std::size_t>(i)].support_paint != nullptr;
    });
    std::vector<std::uint32_t> start{0};
    for (const Mesh* m : meshes)
        start.push_back(start.back() + static_cast<std::uint32_t>(m->triangles.size()));
    std::vector<std::vector<PatchNumber>> number(parts.size());
    for (std::size_t k = 0; k < parts.size(); ++k) {
        const Part& part = piece.parts[parts[k]];
        number[k].push_back(part.filament == first.filament ? kUnpainted
                                                            : patch_with(whole, part.filament, part.name));
        for (const Patch& patch : part.patches)
            number[k].push_back(add_patch(whole, patch.name, patch.filament));
    }
    for (std::uint32_t t = 0; t < d.origin.size(); ++t) {
        const auto k = static_cast<std::size_t>(std::upper_bound(start.begin(), start.end(), d.origin[t]) -
                                                start.begin()) -
                       1;
        const Part& part = piece.parts[parts[k]];
        const std::uint32_t old = d.origin[t] - start[k];
        if (part.support_paint && (support.patch[t] = part.support_paint->patch[old]) == kCut)
            support.cut[t] = part.support_paint->cut.at(old);
        if (!part.paint || part.paint->patch[old] != kCut) {
            paint.patch[t] = number[k][part.paint ? part.paint->patch[old] : 0];
            continue;
        }
        paint.patch[t] = kCut;
        std::vector<Facet> facets = part.paint->cut.at(old);
        for (Facet& f : facets)
            f.patch = number[k][f.patch];
        paint.cut[t] = std::move(facets);
    }
    if (!whole.patches.empty())
        whole.paint = std::make_shared<Paint>(std::move(paint));
    whole.support_paint = wishes ? std::make_shared<Paint>(std::move(support)) : nullptr;
    drop_empty_patches(whole);
    // Bands of the first stay; those of the others end with them.
    for (std::size_t k = parts.size(); k-- > 1;) {
        std::erase_if(piece.bands, [&](const Band& b) { return b.part == piece.parts[parts[k]].name; });
        piece.parts.erase(piece.parts.begin() + parts[k]);
    }
    piece.parts[parts.front()] = std::move(whole);
}

void cut_out_bands(Project& p, int of, int index) {
    Piece& piece = p.pieces[static_cast<std::size_t>(of)];
    const Part part = piece.parts[static_cast<std::size_t>(index)];
    const double bed = bounds(piece).min.z;
    std::vector<double> planes;
    for (const Band& b : piece.bands)
        if (b.part == part.name)
            for (const double z : {b.z0_mm, b.z1_mm})
                if (z + bed > part.mesh->bounds.min.z + 1e-3 && z + bed < part.mesh->bounds.max.z - 1e-3)
                    planes.push_back(z + bed);
    std::sort(planes.begin(), planes.end());
    planes.erase(std::unique(planes.begin(), planes.end(), [](double a, double b) { return b - a < 1e-3; }),
                 planes.end());
    const auto filament_between = [&](double z0, double z1) {
        return filament_at(piece, index, (z0 + z1) / 2 - bed);
    };
    if (planes.empty()) {
        piece.parts[static_cast<std::size_t>(index)].filament =
            filament_between(part.mesh->bounds.min.z, part.mesh->bounds.max.z);
    } else {
        std::vector<Derived> slabs = cut_at(*part.mesh, planes);
        std::vector<Part> parts;
        planes.insert(planes.begin(), part.mesh->bounds.min.z);
        planes.push_back(part.mesh->bounds.max.z);
        for (std::size_t s = 0; s < slabs.size(); ++s) {
            if (slabs[s].mesh.triangles.empty())
                continue;
            const std::string heights =
                fmt::format(" {:.4g}\u2013{:.4g}", planes[s] - bed, planes[s + 1] - bed);
            Part slab = derived_part(part, std::move(slabs[s]), free_part_name(p, part.name + heights));
            slab.filament = filament_between(planes[s], planes[s + 1]);
            parts.push_back(std::move(slab));
        }
        replace_part(piece, index, std::move(parts));
    }
    std::erase_if(piece.bands, [&](const Band& b) { return b.part == part.name; });
}

namespace {

void move_facets(Part& part, const std::function<Vec3(Vec3)>& to) {
    for (auto* paint : {&part.paint, &part.support_paint}) {
        if (!*paint || (*paint)->cut.empty())
            continue;
        auto moved = std::make_shared<Paint>(**paint);
        for (auto& [t, facets] : moved->cut)
            for (Facet& f : facets)
                for (Vec3& v : f.corners)
                    v = to(v);
        *paint = std::move(moved);
    }
}

} // namespace

void move_points(Part& part, const std::function<Vec3(Vec3)>& to) {
    part.mesh = std::make_shared<Mesh>(with_points(*part.mesh, to));
    part.own_mesh = true;
    move_facets(part, to);
}

void move_part(Part& part, double dx, double dy, double dz) {
    const Vec3 d{static_cast<float>(dx), static_cast<float>(dy), static_cast<float>(dz)};
    move_points(part, [d](Vec3 v) { return v + d; });
}

BaseShift base_shift(const Settings& s, double delta) {
    const double k = delta / s.layer_mm;
    const int whole = static_cast<int>(std::lround(k));
    const double error = delta - whole * s.layer_mm;
    return {whole, std::abs(error) < 1e-9 ? 0 : error};
}

void thicken_base(Piece& piece, double delta) {
    const float bed = bounds(piece).min.z, lift = static_cast<float>(delta);
    for (Part& part : piece.parts)
        move_points(part, [&](Vec3 v) { return v.z > bed + 1e-4f ? Vec3{v.x, v.y, v.z + lift} : v; });
    for (Band& b : piece.bands) {
        b.z0_mm += b.z0_mm > 1e-6 ? delta : 0;
        b.z1_mm += delta;
    }
}

void lift_above(Piece& piece, double z, double lift) {
    constexpr double kSlab_mm = 0.005; // what is stretched
    const double bed = bounds(piece).min.z;
    const float above = static_cast<float>(bed + z + kSlab_mm / 2), by = static_cast<float>(lift);
    for (Part& part : piece.parts) {
        const Bounds& b = part.mesh->bounds;
        if (b.max.z <= above)
            continue;
        if (b.min.z < above) {
            part = derived_part(part, scored_at(*part.mesh, {bed + z, bed + z + kSlab_mm}), part.name);
        }
        move_points(part, [&](Vec3 v) { return v.z > above ? Vec3{v.x, v.y, v.z + by} : v; });
    }
    for (Band& b : piece.bands) {
        b.z0_mm += b.z0_mm > z ? lift : 0;
        b.z1_mm += b.z1_mm > z ? lift : 0;
    }
}

void change_layers(Piece& piece, const LayerGrid& grid, int from, int to, char filament, char becomes) {
    for (std::size_t i = 0; i < piece.parts.size(); ++i) {
        const int part = static_cast<int>(i);
        int begin = 0;
        std::vector<std::pair<int, int>> runs;
        for (int l = from; l <= to + 1; ++l) {
            const bool here = l <= to && filament_at(piece, part, grid.middle_mm(l)) == filament;
            if (here && !begin)
                begin = l;
            if (!here && begin) {
                runs.emplace_back(begin, l - 1);
                begin = 0;
            }
        }
        for (const auto& [a, b] : runs)
            assign_band(piece, part, grid.bottom_mm(a), grid.top_mm(b), becomes);
    }
}

namespace {

void scale_piece(Piece& piece, int model, double factor) {
    const double bed = bounds(piece).min.z;
    const auto is_its = [&](const Part& part) { return part.model == model; };
    std::vector<std::pair<double, double>> ends; // of bands, in the parts' coordinates
    for (const Band& b : piece.bands) {
        const int part = find_part(piece, b.part);
        const double by = part >= 0 && is_its(piece.parts[static_cast<std::size_t>(part)]) ? factor : 1;
        ends.emplace_back((b.z0_mm + bed) * by, (b.z1_mm + bed) * by);
    }
    const float k = static_cast<float>(factor);
    for (Part& part : piece.parts)
        if (is_its(part)) {
            const bool own = part.own_mesh;
            move_points(part, [k](Vec3 v) { return Vec3{v.x * k, v.y * k, v.z * k}; });
            part.own_mesh = own;
        }
    const double bed_now = bounds(piece).min.z;
    for (std::size_t i = 0; i < ends.size(); ++i) {
        piece.bands[i].z0_mm = ends[i].first - bed_now;
        piece.bands[i].z1_mm = ends[i].second - bed_now;
    }
}

} // namespace

void scale_model(Project& p, int model, double factor) {
    for (Piece& piece : p.pieces)
        if (std::any_of(piece.parts.begin(), piece.parts.end(),
                        [&](const Part& part) { return part.model == model; }))
            scale_piece(piece, model, factor);
    p.models[static_cast<std::size_t>(model)].scale *= factor;
}

void turn(Project& p, int of, const Rotation& rotation) {
    if (rotation == kNoRotation)
        return;
    Piece& piece = p.pieces[static_cast<std::size_t>(of)];
    for (int i = static_cast<int>(piece.parts.size()) - 1; i >= 0; --i)
        if (std::any_of(piece.bands.begin(), piece.bands.end(), [&](const Band& b) {
                return b.part == piece.parts[static_cast<std::size_t>(i)].name;
            }))
            cut_out_bands(p, of, i);
    for (Part& part : piece.parts) {
        part.mesh = std::make_shared<Mesh>(rotated(rotation, *part.mesh));
        move_facets(part, [&](Vec3 v) { return rotated(rotation, v); });
    }
    piece.pose = rotation * piece.pose;
}

int largest_part(const Piece& piece) {
    int largest = -1;
    double most = -1;
    for (std::size_t i = 0; i < piece.parts.size(); ++i)
        if (const double mm3 = std::abs(volume_mm3(*piece.parts[i].mesh)); mm3 > most) {
            most = mm3;
            largest = static_cast<int>(i);
        }
    return largest;
}

std::vector<char> printed_first(const Project& p, const Piece& piece) {
    std::vector<char> first(piece.parts.size(), 0);
    if (!p.settings.lettering_two_jobs || piece.parts.size() < 2)
        return first;
    constexpr double kEnds_mm = 1.5, kSmall = 0.25;
    const Part& cover = piece.parts[static_cast<std::size_t>(largest_part(piece))];
    const double bed = bounds(piece).min.z, all = std::abs(volume_mm3(*cover.mesh));
    for (std::size_t i = 0; i < first.size(); ++i) {
        const Part& part = piece.parts[i];
        const Bounds& b = part.mesh->bounds;
        first[i] = !b.empty() && !part.sacrificial && !part.takes_purge && part.filament != cover.filament &&
                   b.min.z - bed < p.settings.first_layer_mm / 2 && b.max.z - bed < kEnds_mm &&
                   std::abs(volume_mm3(*part.mesh)) < kSmall * all;
    }
    return first;
}

} // namespace vitrail
