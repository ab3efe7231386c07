#include "core/layers/patches.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>
#include <limits>
#include <unordered_map>

namespace vitrail {

namespace {

using Corners = std::array<Vec3, 3>;

struct PointHash {
    std::size_t operator()(const IntPoint& p) const {
        return (static_cast<std::size_t>(p.X) * 0x9e3779b97f4a7c15u) ^
               (static_cast<std::size_t>(p.Y) * 0xc2b2ae3d27d4eb4fu);
    }
};

struct Stretch {
    IntPoint from, to;
};

/// Joins stretches end to start into lines, as long as they go.
Paths lines_of(const std::vector<Stretch>& stretches) {
    std::unordered_multimap<IntPoint, std::size_t, PointHash> starts, ends;
    for (std::size_t i = 0; i < stretches.size(); ++i) {
        starts.emplace(stretches[i].from, i);
        ends.emplace(stretches[i].to, i);
    }
    std::vector<char> used(stretches.size(), 0);
    const auto take = [&](auto& by, const IntPoint& at) {
        const auto [b, e] = by.equal_range(at);
        for (auto it = b; it != e; ++it)
            if (!used[it->second]) {
                used[it->second] = 1;
                return static_cast<std::ptrdiff_t>(it->second);
            }
        return std::ptrdiff_t{-1};
    };
    Paths lines;
    for (std::size_t i = 0; i < stretches.size(); ++i) {
        if (used[i])
            continue;
        used[i] = 1;
        Path front, line{stretches[i].from, stretches[i].to};
        for (std::ptrdiff_t k; (k = take(starts, line.back())) >= 0;)
            line.push_back(stretches[static_cast<std::size_t>(k)].to);
        front.push_back(line.front());
        for (std::ptrdiff_t k; (k = take(ends, front.back())) >= 0;)
            front.push_back(stretches[static_cast<std::size_t>(k)].from);
        std::reverse(front.begin(), front.end());
        front.pop_back();
        front.insert(front.end(), line.begin(), line.end());
        // Points nearer than this are rounding, µm.
        constexpr double kNear = 15;
        Path thinned{front.front()};
        for (std::size_t k = 1; k < front.size(); ++k)
            if (k + 1 == front.size() || std::hypot(double(front[k].X - thinned.back().X),
                                                    double(front[k].Y - thinned.back().Y)) > kNear)
                thinned.push_back(front[k]);
        if (thinned.size() > 1)
            lines.push_back(std::move(thinned));
    }
    return lines;
}

/// The strip to both sides of lines. How deep it is inside shows in no print to a fortieth of a line; outside
/// the outline cuts it off.
Paths strip(const Paths& lines, double half_width_mm) {
    constexpr double kRough_mm = 0.01;
    ClipperLib::ClipperOffset co(2.0);
    for (const Path& line : lines) {
        const Path l = without_idle_points(line, kRough_mm);
        const bool closed = l.size() > 3 && l.front() == l.back();
        co.AddPath(closed ? Path(l.begin(), l.end() - 1) : l, ClipperLib::jtMiter,
                   closed ? ClipperLib::etClosedLine : ClipperLib::etOpenButt);
    }
    Paths out;
    co.Execute(out, half_width_mm * kUnitsPerMm);
    return out;
}

/// Sums the outlines of many faces: edges that two of them run in opposite directions cancel, what is left
/// closes into rings, and these have the same winding numbers as all the faces together.
class FaceSum {
public:
    void add(const Path& polygon) {
        for (std::size_t i = 0; i < polygon.size(); ++i) {
            const IntPoint &a = polygon[i], &b = polygon[(i + 1) % polygon.size()];
            if (a == b)
                continue;
            const auto back = edges_.find(Key{b, a});
            if (back != edges_.end()) {
                if (--back->second == 0)
                    edges_.erase(back);
            } else {
                ++edges_[Key{a, b}];
            }
        }
    }
    Paths rings() const {
        std::unordered_multimap<IntPoint, IntPoint, PointHash> next;
        for (const auto& [e, n] : edges_)
            for (int i = 0; i < n; ++i)
                next.emplace(e.a, e.b);
        Paths out;
        while (!next.empty()) {
            Path ring;
            for (auto it = next.begin(); it != next.end(); it = next.find(ring.back())) {
                if (ring.empty())
                    ring.push_back(it->first);
                ring.push_back(it->second);
                next.erase(it);
                if (ring.back() == ring.front())
                    break;
            }
            if (ring.back() == ring.front())
                ring.pop_back();
            if (ring.size() > 2)
                out.push_back(std::move(ring));
        }
        return out;
    }
    bool empty() const { return edges_.empty(); }

private:
    struct Key {
        IntPoint a, b;
        bool operator==(const Key& o) const { return a == o.a && b == o.b; }
    };
    struct KeyHash {
        std::size_t operator()(const Key& k) const { return PointHash()(k.a) * 31 + PointHash()(k.b); }
    };
    std::unordered_map<Key, int, KeyHash> edges_;
};

IntPoint rounded(Vec3 v) {
    return IntPoint(std::llround(double(v.x) * kUnitsPerMm), std::llround(double(v.y) * kUnitsPerMm));
}

/// The part of a face between two heights, seen from above.
Path seen_between(const Corners& c, double z0, double z1) {
    Path out;
    const auto side = [&](Vec3 v) { return double(v.z) < z0 ? -1 : double(v.z) >= z1 ? 1 : 0; };
    for (int i = 0; i < 3; ++i) {
        const Vec3 a = c[i], b = c[(i + 1) % 3];
        const int sa = side(a), sb = side(b);
        if (sa == 0)
            out.push_back(rounded(a));
        const bool low = (sa < 0) != (sb < 0), high = (sa > 0) != (sb > 0), rises = sa < sb;
        if (low && rises)
            out.push_back(cut_edge(a, b, z0));
        if (high)
            out.push_back(cut_edge(a, b, z1));
        if (low && !rises)
            out.push_back(cut_edge(a, b, z0));
    }
    return out;
}

struct Face {
    Corners corners;
    PatchNumber patch;
    bool flat; ///< shows more in a layer than its walls are deep
    bool up;
};

} // namespace

std::vector<std::vector<Paths>> patch_layers(const Part& part, const PartLayers& outlines,
                                             const LayerGrid& grid, double bed_z_mm, const Settings& s,
                                             const Progress& progress) {
    const int count = grid.count, patches = static_cast<int>(part.patches.size());
    std::vector<std::vector<Paths>> out(static_cast<std::size_t>(patches),
                                        std::vector<Paths>(static_cast<std::size_t>(count)));
    if (!part.paint || patches == 0)
        return out;
    const double depth = std::max(1, s.walls) * s.line_width_mm;
    const int top = std::max(1, static_cast<int>(s.top_skins)),
              bottom = std::max(1, static_cast<int>(s.bottom_skins));

    // The painted faces, filed under the layers whose middle-to-middle slab they reach.
    std::vector<Face> faces;
    for_each_facet(*part.mesh, *part.paint, [&](std::uint32_t, const Corners& c, PatchNumber n) {
        if (n == kUnpainted || n > patches)
            return;
        const Vec3 d = twice_area(c);
        const double across = std::hypot(double(d.x), double(d.y));
        faces.push_back({c, n, grid.height_mm * std::abs(double(d.z)) > depth * across, d.z > 0});
    });
    const auto cut = [&](int layer) { return bed_z_mm + grid.middle_mm(layer); };
    // Slab l holds what lies between the middles of layers l and l + 1; slab 0 what is below the first.
    const auto slab_of = [&](double z) { return first_layer_above(grid, z - bed_z_mm) - 1; };
    std::vector<std::vector<std::uint32_t>> in_slab(static_cast<std::size_t>(count) + 1);
    for (std::uint32_t i = 0; i < faces.size(); ++i) {
        const auto& c = faces[i].corners;
        const auto [lo, hi] = std::minmax({c[0].z, c[1].z, c[2].z});
        // One more to each side: slab_of and the exact comparison may differ by rounding.
        for (int l = std::max(0, slab_of(lo) - 1); l <= std::min(count, slab_of(hi) + 1); ++l)
            in_slab[l].push_back(i);
    }
    progress.at(0.2);

    // Faces seen from above, slab by slab: up-facing ones are the top of the slab's lower layer.
    constexpr double kFar = 1e7;
    std::vector<std::vector<Paths>> up(patches, std::vector<Paths>(count + 2)), down = up;
    tbb::parallel_for(0, count + 1, [&](int l) {
        if (progress.stopped() || in_slab[l].empty())
            return;
        std::vector<FaceSum> sum(2 * static_cast<std::size_t>(patches));
        const double z0 = l == 0 ? -kFar : cut(l), z1 = l == count ? kFar : cut(l + 1);
        for (const std::uint32_t i : in_slab[l]) {
            if (!faces[i].flat)
                continue;
            Path seen = seen_between(faces[i].corners, z0, z1);
            if (seen.size() < 3)
                continue;
            if (!faces[i].up)
                std::reverse(seen.begin(), seen.end());
            sum[2 * (faces[i].patch - 1u) + (faces[i].up ? 0 : 1)].add(seen);
        }
        for (int p = 0; p < patches; ++p) {
            if (!sum[2 * p].empty())
                up[p][l] = filled(sum[2 * p].rings());
            if (!sum[2 * p + 1].empty())
                down[p][l] = filled(sum[2 * p + 1].rings());
        }
    });
    progress.at(0.5);

    tbb::parallel_for(1, count + 1, [&](int l) {
        const Paths& outline = outlines.layers[l - 1];
        if (progress.stopped() || outline.empty())
            return;
        const double z = cut(l);
        std::vector<std::vector<Stretch>> sides(static_cast<std::size_t>(patches));
        const auto above = [&](Vec3 v) { return double(v.z) >= z; };
        // The middle of layer l bounds the slabs l − 1 and l; what crosses it is filed under both.
        for (const std::uint32_t i : in_slab[l]) {
            const auto& c = faces[i].corners;
            IntPoint enter, leave;
            bool crosses = false;
            for (int e = 0; e < 3; ++e) {
                const Vec3 a = c[e], b = c[(e + 1) % 3];
                if (above(a) == above(b))
                    continue;
                crosses = true;
                (above(b) ? leave : enter) = cut_edge(a, b, z);
            }
            if (crosses && !(enter == leave))
                sides[faces[i].patch - 1u].push_back({enter, leave});
        }
        Paths taken;
        for (int p = patches - 1; p >= 0; --p) {
            Paths area = sides[p].empty() ? Paths{} : strip(lines_of(sides[p]), depth);
            const auto lay = [&](const Paths& skin) {
                if (!skin.empty())
                    area.insert(area.end(), skin.begin(), skin.end());
            };
            for (int k = l; k < std::min(l + top, count + 1); ++k)
                lay(up[p][k]);
            for (int k = l - 1; k >= std::max(0, l - bottom); --k)
                lay(down[p][k]);
            if (area.empty())
                continue;
            area = subtract(intersect(area, outline), taken); // overlapping strips and skins count once
            if (area.empty())
                continue;
            if (p > 0)
                taken = unite(taken, area);
            out[p][l - 1] = std::move(area);
        }
    });
    progress.at(1);
    return out;
}

} // namespace vitrail
