#include "core/patch/paint.h"

#include "core/geometry/bvh.h"

#include <algorithm>

namespace vitrail {

bool Paint::operator==(const Paint& o) const {
    if (patch != o.patch || cut.size() != o.cut.size())
        return false;
    return std::all_of(cut.begin(), cut.end(), [&](const auto& c) {
        const auto it = o.cut.find(c.first);
        return it != o.cut.end() && std::equal(c.second.begin(), c.second.end(), it->second.begin(),
                                               it->second.end(), [](const Facet& a, const Facet& b) {
                                                   return a.corners == b.corners && a.patch == b.patch;
                                               });
    });
}

Paint bare(const Mesh& m) {
    return {std::vector<PatchNumber>(m.triangles.size(), kUnpainted), {}};
}

void for_each_facet(const Mesh& m, const Paint& p,
                    const std::function<void(std::uint32_t, const std::array<Vec3, 3>&, PatchNumber)>& use) {
    for (std::uint32_t t = 0; t < m.triangles.size(); ++t) {
        if (p.patch[t] != kCut) {
            use(t, corners(m, t), p.patch[t]);
            continue;
        }
        for (const Facet& f : p.cut.at(t))
            use(t, f.corners, f.patch);
    }
}

PatchNumber patch_at(const Mesh&, const Paint& p, std::uint32_t triangle, Vec3 point) {
    if (p.patch[triangle] != kCut)
        return p.patch[triangle];
    PatchNumber best = kUnpainted;
    float nearest = 1e30f;
    for (const Facet& f : p.cut.at(triangle))
        if (const float d = length(nearest_on(f.corners, point) - point); d < nearest) {
            nearest = d;
            best = f.patch;
        }
    return best;
}

std::vector<double> patch_areas_mm2(const Mesh& m, const Paint& p, int patches) {
    std::vector<double> area(static_cast<std::size_t>(patches) + 1, 0);
    for_each_facet(m, p, [&](std::uint32_t, const std::array<Vec3, 3>& c, PatchNumber n) {
        if (n < area.size())
            area[n] += length(twice_area(c)) / 2;
    });
    return area;
}

void renumber(Paint& p, const std::vector<PatchNumber>& to) {
    const auto next = [&](PatchNumber n) { return n < to.size() ? to[n] : kUnpainted; };
    for (std::uint32_t t = 0; t < p.patch.size(); ++t) {
        if (p.patch[t] != kCut) {
            p.patch[t] = next(p.patch[t]);
            continue;
        }
        std::vector<Facet>& facets = p.cut.at(t);
        bool same = true;
        for (Facet& f : facets) {
            f.patch = next(f.patch);
            same &= f.patch == facets.front().patch;
        }
        if (same) {
            p.patch[t] = facets.front().patch;
            p.cut.erase(t);
        }
    }
}

void clip(const std::array<Vec3, 3>& facet, const std::vector<LinearDistance>& half_spaces,
          std::vector<std::array<Vec3, 3>>& inside, std::vector<std::array<Vec3, 3>>& outside) {
    // Sutherland & Hodgman 1974, keeping what is cut off as well.
    const auto fan = [](const std::vector<Vec3>& p, std::vector<std::array<Vec3, 3>>& out) {
        for (std::size_t i = 1; i + 1 < p.size(); ++i)
            if (const std::array<Vec3, 3> c{p[0], p[i], p[i + 1]}; length(twice_area(c)) > 0)
                out.push_back(c);
    };
    std::vector<Vec3> in(facet.begin(), facet.end());
    for (const LinearDistance& distance : half_spaces) {
        std::vector<Vec3> kept, cut_off;
        for (std::size_t i = 0; i < in.size(); ++i) {
            const Vec3 a = in[i], b = in[(i + 1) % in.size()];
            const float da = distance(a), db = distance(b);
            if (da <= 0)
                kept.push_back(a);
            if (da >= 0)
                cut_off.push_back(a);
            if ((da < 0 && db > 0) || (da > 0 && db < 0)) {
                // From the lower to the higher value, so that two neighbours find the same point.
                const Vec3 q = da < db ? a + (b - a) * (da / (da - db)) : b + (a - b) * (db / (db - da));
                kept.push_back(q);
                cut_off.push_back(q);
            }
        }
        if (kept.size() < 3) {
            fan(in, outside);
            return;
        }
        if (cut_off.size() >= 3)
            fan(cut_off, outside);
        in = std::move(kept);
    }
    fan(in, inside);
}

Paint carried_over(const Mesh& from, const Paint& paint, const Mesh& to,
                   const std::vector<std::uint32_t>& origin) {
    Paint p = bare(to);
    for (std::uint32_t t = 0; t < to.triangles.size(); ++t) {
        const std::uint32_t source = origin[t];
        if (source >= paint.patch.size())
            continue; // new surface, such as the face of a cut
        p.patch[t] = paint.patch[source];
        if (p.patch[t] != kCut)
            continue;
        const auto mine = corners(to, t);
        const std::vector<Facet>& theirs = paint.cut.at(source);
        if (mine == corners(from, source)) {
            p.cut[t] = theirs;
            continue;
        }
        // Within the triangle's own three sides, each facet of the old one.
        const Vec3 up = unit(twice_area(mine));
        std::vector<LinearDistance> sides;
        for (int e = 0; e < 3; ++e) {
            const Vec3 a = mine[e], out = unit(cross(mine[(e + 1) % 3] - a, up));
            sides.push_back([a, out](Vec3 q) { return dot(q - a, out); });
        }
        std::vector<Facet> facets;
        for (const Facet& f : theirs) {
            std::vector<std::array<Vec3, 3>> inside, outside;
            clip(f.corners, sides, inside, outside);
            for (const auto& c : inside)
                facets.push_back({c, f.patch});
        }
        const bool same = std::all_of(facets.begin(), facets.end(),
                                      [&](const Facet& f) { return f.patch == facets.front().patch; });
        if (facets.empty() || same)
            p.patch[t] = facets.empty()
                             ? patch_at(from, paint, source, (mine[0] + mine[1] + mine[2]) * (1.0f / 3))
                             : facets.front().patch;
        else
            p.cut[t] = std::move(facets);
    }
    return p;
}

} // namespace vitrail
