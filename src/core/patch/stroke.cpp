#include "core/patch/stroke.h"

#include <cmath>
#include <map>
#include <numbers>
#include <numeric>

namespace vitrail {

namespace {

using Corners = std::array<Vec3, 3>;

float longest_side(const Corners& c) {
    return std::max({length(c[1] - c[0]), length(c[2] - c[1]), length(c[0] - c[2])});
}

Vec3 centre_of(const Corners& c) {
    return (c[0] + c[1] + c[2]) * (1.0f / 3);
}

float radius_of(const Corners& c, Vec3 centre) {
    return std::max({length(c[0] - centre), length(c[1] - centre), length(c[2] - centre)});
}

/// Facets below this are not cut further: a hundredth of a square millimetre's hundredth, far below a line.
constexpr float kSmallest_mm2 = 1e-4f;

/// Any distance. `near` may leave out what cannot matter within r of a centre.
struct AnyDistance {
    const std::function<float(Vec3)>& f;
    float operator()(Vec3 p) const { return f(p); }
    const AnyDistance& near(Vec3, float) const { return *this; }
};

/// To the steps of a stroke, less its radius.
struct StrokeDistance {
    std::span<const Brush::Step> steps;
    float radius_mm;
    std::vector<Brush::Step> kept{}; ///< what `steps` looks at, once some have been left out
    float operator()(Vec3 p) const {
        float least = 1e30f;
        for (const Brush::Step& s : steps)
            least = std::min(least, distance_to_stretch(p, s.from, s.to));
        return least - radius_mm;
    }
    StrokeDistance near(Vec3 centre, float r) const {
        if (steps.size() < 4)
            return {steps, radius_mm, {}};
        const float reach = (*this)(centre) + radius_mm + 2 * r;
        StrokeDistance d{{}, radius_mm, {}};
        for (const Brush::Step& s : steps)
            if (distance_to_stretch(centre, s.from, s.to) <= reach)
                d.kept.push_back(s);
        d.steps = d.kept;
        return d;
    }
};

template <class Distance>
struct Cutter {
    float finest_mm;
    const Recolour& recolour;

    /// Appends the pieces of `c`, which has `patch` now.
    void cut(const Corners& c, PatchNumber patch, const Distance& distance, std::vector<Facet>& out) const {
        const PatchNumber painted = recolour(patch);
        if (painted == patch) {
            out.push_back({c, patch});
            return;
        }
        const Vec3 centre = centre_of(c);
        const float at = distance(centre), r = radius_of(c, centre);
        if (at <= -r) {
            out.push_back({c, painted});
            return;
        }
        if (at > r) {
            out.push_back({c, patch});
            return;
        }
        if (length(twice_area(c)) < 2 * kSmallest_mm2) {
            out.push_back({c, at <= 0 ? painted : patch});
            return;
        }
        if (longest_side(c) > finest_mm)
            return halve(c, patch, distance.near(centre, r), out);
        // Short enough for the border to be straight: cut along the line through its crossings.
        const float d[3] = {distance(c[0]), distance(c[1]), distance(c[2])};
        struct Piece {
            std::array<Vec3, 4> corners;
            int count = 0;
            void add(Vec3 v) { corners[static_cast<std::size_t>(count++)] = v; }
        } in, rest;
        for (int i = 0; i < 3; ++i) {
            const int j = (i + 1) % 3;
            (d[i] <= 0 ? in : rest).add(c[i]);
            if ((d[i] <= 0) != (d[j] <= 0)) {
                const Vec3 q = c[i] + (c[j] - c[i]) * (d[i] / (d[i] - d[j]));
                in.add(q);
                rest.add(q);
            }
        }
        const auto fan = [&](const Piece& p, PatchNumber n) {
            for (int i = 1; i + 1 < p.count; ++i)
                if (const Corners f{p.corners[0], p.corners[i], p.corners[i + 1]}; length(twice_area(f)) > 0)
                    out.push_back({f, n});
        };
        fan(in, painted);
        fan(rest, patch);
    }

    void halve(const Corners& c, PatchNumber patch, const Distance& distance, std::vector<Facet>& out) const {
        const float s[3] = {length(c[1] - c[0]), length(c[2] - c[1]), length(c[0] - c[2])};
        const int e = s[0] >= s[1] && s[0] >= s[2] ? 0 : s[1] >= s[2] ? 1 : 2;
        const Vec3 a = c[e], b = c[(e + 1) % 3], top = c[(e + 2) % 3], m = (a + b) * 0.5f;
        const std::size_t before = out.size();
        cut({a, m, top}, patch, distance, out);
        const bool one = out.size() == before + 1;
        cut({m, b, top}, patch, distance, out);
        // Both halves came back whole and alike: halving was not needed.
        if (one && out.size() == before + 2 && out[before].patch == out[before + 1].patch) {
            out.resize(before);
            out.push_back({c, out.data()[before].patch});
        }
    }
};

/// Puts pieces in the place of a triangle; joins them when they are all alike.
void replace(Paint& paint, std::uint32_t t, std::vector<Facet> facets) {
    const PatchNumber first = facets.empty() ? kUnpainted : facets.front().patch;
    if (std::all_of(facets.begin(), facets.end(), [&](const Facet& f) { return f.patch == first; })) {
        paint.patch[t] = first;
        paint.cut.erase(t);
        return;
    }
    paint.patch[t] = kCut;
    paint.cut[t] = std::move(facets);
}

/// The facets of a triangle, cut or not.
std::vector<Facet> facets_of(const Mesh& m, const Paint& paint, std::uint32_t t) {
    if (paint.patch[t] == kCut)
        return paint.cut.at(t);
    return {{corners(m, t), paint.patch[t]}};
}

} // namespace

void paint_triangles(Paint& paint, std::span<const std::uint32_t> triangles, const Recolour& recolour) {
    for (const std::uint32_t t : triangles) {
        if (paint.patch[t] != kCut) {
            paint.patch[t] = recolour(paint.patch[t]);
            continue;
        }
        std::vector<Facet> facets = std::move(paint.cut.at(t));
        for (Facet& f : facets)
            f.patch = recolour(f.patch);
        replace(paint, t, std::move(facets));
    }
}

void paint_within(const Mesh& m, Paint& paint, std::span<const std::uint32_t> triangles,
                  const std::vector<LinearDistance>& half_spaces, const Recolour& recolour) {
    for (const std::uint32_t t : triangles) {
        std::vector<Facet> pieces;
        for (const Facet& f : facets_of(m, paint, t)) {
            const PatchNumber painted = recolour(f.patch);
            std::vector<Corners> inside, outside;
            if (painted == f.patch)
                outside.push_back(f.corners);
            else
                clip(f.corners, half_spaces, inside, outside);
            if (inside.empty() || outside.empty()) {
                pieces.push_back({f.corners, inside.empty() ? f.patch : painted});
                continue;
            }
            for (const Corners& c : inside)
                pieces.push_back({c, painted});
            for (const Corners& c : outside)
                pieces.push_back({c, f.patch});
        }
        replace(paint, t, std::move(pieces));
    }
}

void paint_where(const Mesh& m, Paint& paint, std::span<const std::uint32_t> triangles,
                 const std::function<float(Vec3)>& distance, float finest_mm, const Recolour& recolour) {
    const Cutter<AnyDistance> cutter{finest_mm, recolour};
    const AnyDistance any{distance};
    for (const std::uint32_t t : triangles) {
        if (paint.patch[t] != kCut) { // most are wholly in or out
            const Corners c = corners(m, t);
            const Vec3 centre = centre_of(c);
            const float at = distance(centre), r = radius_of(c, centre);
            if (at > r)
                continue;
            if (at <= -r) {
                paint.patch[t] = recolour(paint.patch[t]);
                continue;
            }
        }
        std::vector<Facet> pieces;
        for (const Facet& f : facets_of(m, paint, t))
            cutter.cut(f.corners, f.patch, any, pieces);
        replace(paint, t, std::move(pieces));
    }
}

std::vector<std::uint32_t> Brush::reach(const Hit& from, const Hit& to) {
    if (++step_ == 0) {
        std::fill(stamp_.begin(), stamp_.end(), 0u);
        step_ = 1;
    }
    const Vec3 looks = normal(mesh_, to.triangle), looked = normal(mesh_, from.triangle);
    constexpr float kAway = -0.17f; // cos 100°
    std::vector<std::uint32_t> found;
    for (const std::uint32_t seed : {from.triangle, to.triangle})
        if (stamp_[seed] != step_) {
            stamp_[seed] = step_;
            found.push_back(seed);
        }
    for (std::size_t i = 0; i < found.size(); ++i)
        for (const std::uint32_t u : mesh_.neighbours[found[i]]) {
            if (u == Mesh::kNone || stamp_[u] == step_)
                continue;
            stamp_[u] = step_;
            const Corners c = corners(mesh_, u);
            const Vec3 centre = centre_of(c), n = unit(twice_area(c));
            if (distance_to_stretch(centre, from.point, to.point) > radius_mm_ + radius_of(c, centre))
                continue;
            if (std::max(dot(n, looks), dot(n, looked)) > kAway)
                found.push_back(u);
        }
    return found;
}

std::vector<std::uint32_t> Brush::draw(Paint& paint, const Hit& from, const Hit& to) {
    std::vector<std::uint32_t> touched = reach(from, to);
    const Cutter<StrokeDistance> cutter{radius_mm_ / 3, recolour_};
    for (const std::uint32_t t : touched) {
        // Most are whole, and wholly in or out. What this stroke has covered whole stays covered, so it need
        // not be kept.
        if (paint.patch[t] != kCut) {
            const Corners c = corners(mesh_, t);
            const Vec3 centre = centre_of(c);
            const float at = distance_to_stretch(centre, from.point, to.point) - radius_mm_,
                        r = radius_of(c, centre);
            if (at > r)
                continue;
            if (at <= -r) {
                paint.patch[t] = recolour_(paint.patch[t]);
                continue;
            }
        }
        const auto [it, fresh] = met_.try_emplace(t);
        Met& met = it->second;
        if (fresh)
            met.before = facets_of(mesh_, paint, t);
        met.steps.push_back({from.point, to.point});
        const StrokeDistance distance{met.steps, radius_mm_};
        std::vector<Facet> pieces;
        pieces.reserve(4);
        for (const Facet& f : met.before)
            cutter.cut(f.corners, f.patch, distance, pieces);
        replace(paint, t, std::move(pieces));
    }
    return touched;
}

std::vector<std::uint32_t> crease_areas(const Mesh& m, double crease_deg) {
    const float least = static_cast<float>(std::cos(crease_deg * std::numbers::pi / 180));
    std::vector<Vec3> n(m.triangles.size());
    for (std::uint32_t t = 0; t < n.size(); ++t)
        n[t] = normal(m, t);
    std::vector<std::uint32_t> area(n.size(), Mesh::kNone), members;
    std::uint32_t count = 0;
    for (std::uint32_t seed = 0; seed < n.size(); ++seed) {
        if (area[seed] != Mesh::kNone)
            continue;
        area[seed] = count;
        members.assign(1, seed);
        while (!members.empty()) {
            const std::uint32_t t = members.back();
            members.pop_back();
            for (const std::uint32_t u : m.neighbours[t])
                if (u != Mesh::kNone && area[u] == Mesh::kNone && dot(n[t], n[u]) > least) {
                    area[u] = count;
                    members.push_back(u);
                }
        }
        ++count;
    }
    return area;
}

std::vector<std::uint32_t> looking(const Mesh& m, Vec3 direction, double within_deg) {
    const float least = static_cast<float>(std::cos(within_deg * std::numbers::pi / 180));
    const Vec3 d = unit(direction);
    std::vector<std::uint32_t> found;
    for (std::uint32_t t = 0; t < m.triangles.size(); ++t)
        if (dot(normal(m, t), d) >= least)
            found.push_back(t);
    return found;
}

std::vector<std::uint32_t> all_triangles(const Mesh& m) {
    std::vector<std::uint32_t> all(m.triangles.size());
    std::iota(all.begin(), all.end(), 0u);
    return all;
}

void paint_heights(const Mesh& m, Paint& paint, double z0_mm, double z1_mm, const Recolour& recolour) {
    const float low = static_cast<float>(z0_mm), high = static_cast<float>(z1_mm);
    std::vector<std::uint32_t> meet;
    for (std::uint32_t t = 0; t < m.triangles.size(); ++t) {
        const Corners c = corners(m, t);
        const auto [lo, hi] = std::minmax({c[0].z, c[1].z, c[2].z});
        // A level face belongs to what is below it when it looks up, to what is above it when it looks down.
        if (lo == hi) {
            if (twice_area(c).z > 0 ? lo > low && lo <= high : lo >= low && lo < high)
                meet.push_back(t);
        } else if (hi > low && lo < high) {
            meet.push_back(t);
        }
    }
    paint_within(m, paint, meet, {[low](Vec3 p) { return low - p.z; }, [high](Vec3 p) { return p.z - high; }},
                 recolour);
}

std::vector<double> level_heights(const Mesh& m, double bed_z_mm, double least_mm2) {
    std::map<long, double> area; // by height in µm
    for (std::uint32_t t = 0; t < m.triangles.size(); ++t) {
        const Corners c = corners(m, t);
        if (c[0].z == c[1].z && c[1].z == c[2].z)
            area[std::lround((double(c[0].z) - bed_z_mm) * 1000)] += length(twice_area(c)) / 2;
    }
    std::vector<double> heights;
    for (const auto& [z, a] : area)
        if (a >= least_mm2)
            heights.push_back(double(z) / 1000);
    return heights;
}

void grow(const Mesh& m, Paint& paint, PatchNumber patch, double mm) {
    const bool outwards = mm > 0;
    const float reach = static_cast<float>(std::abs(mm));
    // The side that spreads: facets of the patch, or those that are not of it.
    const auto spreads = [&](PatchNumber n) { return (n == patch) == outwards; };
    const auto has = [&](std::uint32_t t, bool spreading) {
        if (paint.patch[t] != kCut)
            return spreads(paint.patch[t]) == spreading;
        const auto& facets = paint.cut.at(t);
        return std::any_of(facets.begin(), facets.end(),
                           [&](const Facet& f) { return spreads(f.patch) == spreading; });
    };
    // What spreads begins at the border: cut triangles, and whole ones with a neighbour of the other side.
    std::vector<Vec3> vertices;
    std::vector<Triangle> triangles;
    std::vector<std::uint32_t> found;
    std::vector<char> seen(m.triangles.size(), 0);
    for (std::uint32_t t = 0; t < m.triangles.size(); ++t) {
        if (!has(t, true))
            continue;
        bool border = has(t, false);
        for (const std::uint32_t u : m.neighbours[t])
            border |= u != Mesh::kNone && has(u, false);
        if (!border)
            continue;
        for (const Facet& f : facets_of(m, paint, t))
            if (spreads(f.patch)) {
                const auto k = static_cast<std::uint32_t>(vertices.size());
                vertices.insert(vertices.end(), f.corners.begin(), f.corners.end());
                triangles.push_back({k, k + 1, k + 2});
            }
        seen[t] = 1;
        found.push_back(t);
    }
    if (triangles.empty())
        return;
    Mesh border;
    border.vertices = std::move(vertices);
    border.triangles = std::move(triangles);
    const Bvh tree = build_bvh(border);
    const auto distance = [&](Vec3 p) {
        const auto near = nearest_point(border, tree, p, 4 * reach + 1);
        return (near ? near->distance_mm : 4 * reach + 1) - reach;
    };
    for (std::size_t i = 0; i < found.size(); ++i)
        for (const std::uint32_t u : m.neighbours[found[i]]) {
            if (u == Mesh::kNone || seen[u])
                continue;
            seen[u] = 1;
            const Corners c = corners(m, u);
            const Vec3 centre = centre_of(c);
            if (distance(centre) <= radius_of(c, centre))
                found.push_back(u);
        }
    paint_where(m, paint, found, distance, std::max(0.05f, reach / 2), [&](PatchNumber n) -> PatchNumber {
        if (outwards)
            return n == kUnpainted ? patch : n;
        return n == patch ? kUnpainted : n;
    });
}

std::optional<Hit> mirrored(const Mesh& m, const Bvh& tree, const Hit& hit, Vec3 centre, int axis,
                            float within_mm) {
    Vec3 p = hit.point;
    if (axis == 0)
        p.x = 2 * centre.x - p.x;
    else
        p.y = 2 * centre.y - p.y;
    const auto near = nearest_point(m, tree, p, within_mm);
    if (!near)
        return {};
    return Hit{near->triangle, 0, near->point};
}

} // namespace vitrail
