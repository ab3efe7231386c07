#include "core/layers/undersides.h"

#include "core/geometry/bvh.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>
#include <optional>

namespace vitrail {

namespace {

constexpr float kRounding_mm = 0.002f; // nearer is rounding of the meshes

bool looks_down(const Mesh& m, std::uint32_t t) {
    return normal(m, t).z < -0.7f;
}

/// Points spread evenly over the faces that look down, each standing for the same area seen from above.
struct Samples {
    std::vector<Vec3> points;
    double mm2_each = 0;
};

Samples samples_of(const Mesh& m) {
    constexpr int kWanted = 300;
    double all = 0;
    for (std::uint32_t t = 0; t < m.triangles.size(); ++t)
        if (looks_down(m, t))
            all += std::abs(double(twice_area(corners(m, t)).z)) / 2;
    Samples out;
    if (all <= 0)
        return out;
    out.mm2_each = all / kWanted;
    double due = out.mm2_each / 2;
    unsigned number = 0;
    for (std::uint32_t t = 0; t < m.triangles.size(); ++t) {
        if (!looks_down(m, t))
            continue;
        const std::array<Vec3, 3> c = corners(m, t);
        for (due -= std::abs(double(twice_area(c).z)) / 2; due < 0; due += out.mm2_each) {
            // The R2 sequence, folded into the triangle. Source: Roberts 2018, The unreasonable effectiveness
            // of quasirandom sequences.
            ++number;
            double u = std::fmod(0.5 + 0.7548776662 * number, 1.0),
                   v = std::fmod(0.5 + 0.5698402910 * number, 1.0);
            if (u + v > 1)
                u = 1 - u, v = 1 - v;
            const auto a = static_cast<float>(1 - u - v), b = static_cast<float>(u),
                       d = static_cast<float>(v);
            out.points.push_back({a * c[0].x + b * c[1].x + d * c[2].x, a * c[0].y + b * c[1].y + d * c[2].y,
                                  a * c[0].z + b * c[1].z + d * c[2].z});
        }
    }
    return out;
}

/// What lies over one other part.
struct Over {
    int points = 0;
    float nearest = 1e30f;
    Bounds bounds;
};

bool over_each_other(const Bounds& upper, const Bounds& lower, float within) {
    return upper.min.x <= lower.max.x && lower.min.x <= upper.max.x && upper.min.y <= lower.max.y &&
           lower.min.y <= upper.max.y && lower.min.z < upper.max.z && lower.max.z > upper.min.z - within;
}

} // namespace

std::vector<Underside> undersides_over_gaps(const std::vector<Part>& parts, double within_mm) {
    const std::size_t n = parts.size();
    float bed = 1e30f;
    for (const Part& p : parts)
        if (!p.mesh->bounds.empty())
            bed = std::min(bed, p.mesh->bounds.min.z);
    std::vector<std::vector<std::size_t>> below(n);
    std::vector<char> asked(n, 0);
    for (std::size_t j = 0; j < n; ++j) {
        const Bounds& b = parts[j].mesh->bounds;
        if (b.empty() || b.min.z < bed + kRounding_mm)
            continue;
        for (std::size_t i = 0; i < n; ++i)
            if (i != j && !parts[i].mesh->bounds.empty() &&
                over_each_other(b, parts[i].mesh->bounds, static_cast<float>(within_mm))) {
                below[j].push_back(i);
                asked[i] = 1;
            }
    }
    std::vector<Bvh> trees(n);
    tbb::parallel_for(std::size_t{0}, n, [&](std::size_t i) {
        if (asked[i])
            trees[i] = build_bvh(*parts[i].mesh);
    });
    std::vector<std::optional<Underside>> found(n);
    tbb::parallel_for(std::size_t{0}, n, [&](std::size_t j) {
        if (below[j].empty())
            return;
        const Samples samples = samples_of(*parts[j].mesh);
        std::vector<Over> over(n);
        int rests = 0, hangs = 0;
        for (const Vec3& p : samples.points) {
            // From a little above the face, so that one that touches is met.
            const Vec3 from{p.x, p.y, p.z + kRounding_mm};
            float nearest = static_cast<float>(within_mm) + kRounding_mm;
            std::size_t under = n;
            bool from_above = false;
            for (const std::size_t i : below[j])
                if (const auto hit = cast_ray(*parts[i].mesh, trees[i], from, {0, 0, -1});
                    hit && hit->along < nearest) {
                    nearest = hit->along;
                    under = i;
                    from_above = normal(*parts[i].mesh, hit->triangle).z > 0;
                }
            if (under == n)
                continue;
            if (!from_above || nearest < 2 * kRounding_mm) { // inside of it, or on it
                ++rests;
                continue;
            }
            ++hangs;
            Over& o = over[under];
            ++o.points;
            o.nearest = std::min(o.nearest, nearest - kRounding_mm);
            o.bounds.add(p);
        }
        constexpr double kMuch = 0.2;
        if (rests >= hangs || hangs < kMuch * static_cast<double>(samples.points.size()))
            return;
        const auto most = std::max_element(over.begin(), over.end(),
                                           [](const Over& a, const Over& b) { return a.points < b.points; });
        Underside u;
        u.part = static_cast<int>(j);
        u.below = static_cast<int>(most - over.begin());
        u.gap_mm = most->nearest;
        u.share = static_cast<double>(hangs) / static_cast<double>(samples.points.size());
        const Bounds& b = most->bounds;
        u.at = {(b.min.x + b.max.x) / 2, (b.min.y + b.max.y) / 2, b.min.z};
        u.size_mm = std::max(double(b.max.x) - b.min.x, double(b.max.y) - b.min.y);
        found[j] = u;
    });
    std::vector<Underside> out;
    for (const auto& u : found)
        if (u)
            out.push_back(*u);
    return out;
}

} // namespace vitrail
