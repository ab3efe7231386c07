#include "core/geometry/slice.h"

#include <tbb/blocked_range.h>
#include <tbb/enumerable_thread_specific.h>
#include <tbb/parallel_for.h>
#include <tbb/task_arena.h>

#include <algorithm>
#include <atomic>
#include <cmath>
#include <limits>
#include <utility>

namespace vitrail {

IntPoint cut_edge(Vec3 a, Vec3 b, double z) {
    // Always from the lower corner, so that both triangles of an edge get the same point.
    if (b.z < a.z || (b.z == a.z && (b.x < a.x || (b.x == a.x && b.y < a.y))))
        std::swap(a, b);
    const double t = (z - a.z) / (double(b.z) - a.z);
    return IntPoint(std::llround((a.x + t * (double(b.x) - a.x)) * kUnitsPerMm),
                    std::llround((a.y + t * (double(b.y) - a.y)) * kUnitsPerMm));
}

namespace {

/// Triangles that cross each layer's cut: triangles[start[l]] … triangles[start[l+1]−1] for layer index l.
struct Crossings {
    std::vector<std::uint32_t> start;
    std::vector<std::uint32_t> triangles;
};

struct Cuts {
    const LayerGrid& grid;
    double bed_z_mm;
    double at(int index) const { return bed_z_mm + grid.middle_mm(index + 1); }

    /// First layer index whose cut is at or above z: corners on a cut count as above, so z itself is
    /// included.
    int from(double z) const {
        const double rel = z - bed_z_mm;
        if (grid.tops)
            return first_at_or_above(z);
        int i = rel <= grid.first_mm / 2
                    ? 0
                    : static_cast<int>(std::ceil((rel - grid.first_mm) / grid.height_mm + 0.5));
        i = std::clamp(i, 0, grid.count);
        while (i > 0 && at(i - 1) >= z)
            --i;
        while (i < grid.count && at(i) < z)
            ++i;
        return i;
    }

    int first_at_or_above(double z) const {
        int low = 0, high = grid.count;
        while (low < high) {
            const int i = (low + high) / 2;
            if (at(i) >= z)
                high = i;
            else
                low = i + 1;
        }
        return low;
    }
};

/// A counting sort by layer, in a few runs of triangles side by side; the order is that of the triangles.
Crossings find_crossings(const Mesh& m, const Cuts& cuts) {
    // First layer above each corner; a triangle's cuts, zmin < c <= zmax, follow by comparing integers.
    std::vector<int> above(m.vertices.size());
    tbb::parallel_for(tbb::blocked_range<std::size_t>(0, above.size(), 1 << 14), [&](const auto& r) {
        for (std::size_t v = r.begin(); v != r.end(); ++v)
            above[v] =
                cuts.from(std::nextafter(double(m.vertices[v].z), std::numeric_limits<double>::infinity()));
    });
    constexpr std::size_t kRuns = 8;
    const std::size_t n = m.triangles.size(), layers = static_cast<std::size_t>(cuts.grid.count);
    const auto for_run = [&](std::size_t run, auto use) {
        for (std::size_t t = n * run / kRuns; t < n * (run + 1) / kRuns; ++t) {
            const Triangle& tri = m.triangles[t];
            const auto [lo, hi] = std::minmax({above[tri[0]], above[tri[1]], above[tri[2]]});
            for (int l = lo; l < hi; ++l)
                use(static_cast<std::uint32_t>(t), static_cast<std::size_t>(l));
        }
    };
    std::vector<std::vector<std::uint32_t>> at(kRuns, std::vector<std::uint32_t>(layers, 0));
    tbb::parallel_for(std::size_t{0}, kRuns, [&](std::size_t run) {
        for_run(run, [&](std::uint32_t, std::size_t l) { ++at[run][l]; });
    });
    Crossings x;
    x.start.assign(layers + 1, 0);
    std::uint32_t sum = 0;
    for (std::size_t l = 0; l < layers; ++l) {
        x.start[l] = sum;
        for (std::size_t run = 0; run < kRuns; ++run)
            sum += std::exchange(at[run][l], sum); // from count to place
    }
    x.start[layers] = sum;
    x.triangles.resize(sum);
    tbb::parallel_for(std::size_t{0}, kRuns, [&](std::size_t run) {
        for_run(run, [&](std::uint32_t t, std::size_t l) { x.triangles[at[run][l]++] = t; });
    });
    return x;
}

struct Walker {
    std::vector<std::uint32_t> visited; ///< per triangle: the last cut in which it was walked, plus one
};

/// Joins open stretches end to start, nearest first, and closes what is left. Returns the longest line added,
/// in mm.
double close_gaps(std::vector<Path>& open, Paths& rings) {
    double widest2 = 0;
    const auto distance2 = [](const IntPoint& a, const IntPoint& b) {
        const double dx = double(a.X - b.X), dy = double(a.Y - b.Y);
        return dx * dx + dy * dy;
    };
    // Beyond this many stretches each is closed by itself: the quadratic search would take too long.
    constexpr std::size_t kMostStretches = 400;
    while (!open.empty()) {
        std::size_t from = open.size() - 1, to = from;
        double best = distance2(open[from].back(), open[from].front());
        if (open.size() <= kMostStretches)
            for (std::size_t i = 0; i < open.size(); ++i)
                for (std::size_t j = 0; j < open.size(); ++j) {
                    const double d = distance2(open[i].back(), open[j].front());
                    if (d < best)
                        best = d, from = i, to = j;
                }
        widest2 = std::max(widest2, best);
        if (from != to) {
            open[from].insert(open[from].end(), open[to].begin(), open[to].end());
            open.erase(open.begin() + static_cast<std::ptrdiff_t>(to));
            continue;
        }
        if (open[from].size() >= 3)
            rings.push_back(std::move(open[from]));
        open.erase(open.begin() + static_cast<std::ptrdiff_t>(from));
    }
    return std::sqrt(widest2) / kUnitsPerMm;
}

void drop_repeats(Path& ring) {
    const auto end = std::unique(ring.begin(), ring.end());
    ring.erase(end, ring.end());
    while (ring.size() > 1 && ring.front() == ring.back())
        ring.pop_back();
}

struct LayerCut {
    Paths rings;
    bool gaps = false;
    bool crossed = false;
    double widest_gap_mm = 0;
};

/// Whether the rings bound the area as they are; idle points of many are left out where that is so without
/// them.
bool bound_as_they_are(Paths& rings, double idle_mm) {
    constexpr std::size_t kMany = 1000;
    std::size_t points = 0;
    for (const Path& ring : rings)
        points += ring.size();
    if (idle_mm > 0 && points > kMany) {
        Paths lean = without_idle_points(rings, idle_mm);
        std::erase_if(lean, [](const Path& ring) { return ring.size() < 3; });
        if (simple(lean)) {
            rings = std::move(lean);
            return true;
        }
    }
    return simple(rings);
}

/// Follows the cut from triangle to triangle.
LayerCut cut_layer(const Mesh& m, double z, const std::uint32_t* begin, const std::uint32_t* end,
                   std::uint32_t stamp, double idle_mm, Walker& w) {
    LayerCut cut;
    std::vector<Path> open;
    const auto above = [&](std::uint32_t v) { return double(m.vertices[v].z) >= z; };
    // Seen from outside with up at the top, the cut runs along the edge that goes down and leaves by the one
    // that goes up: then the inside lies to its left, and outer rings come out counter-clockwise.
    const auto edge_where = [&](std::uint32_t t, bool rises) {
        const Triangle& c = m.triangles[t];
        for (int e = 0; e < 3; ++e)
            if (above(c[e]) != rises && above(c[(e + 1) % 3]) == rises)
                return e;
        return 0;
    };
    const auto point = [&](std::uint32_t t, int e) {
        return cut_edge(m.vertices[m.triangles[t][e]], m.vertices[m.triangles[t][(e + 1) % 3]], z);
    };
    for (const std::uint32_t* s = begin; s != end; ++s) {
        if (w.visited[*s] == stamp)
            continue;
        std::uint32_t t = *s;
        // Where there are gaps, start at the beginning of the stretch.
        if (m.check.open_edges) {
            std::uint32_t back = t;
            do {
                t = back;
                back = m.neighbours[t][edge_where(t, false)];
            } while (back != Mesh::kNone && back != *s && w.visited[back] != stamp);
            if (back == *s)
                t = *s;
        }
        const std::uint32_t start = t;
        Path path;
        path.push_back(point(t, edge_where(t, false)));
        bool closed = false;
        while (t != Mesh::kNone && w.visited[t] != stamp) {
            w.visited[t] = stamp;
            const int out = edge_where(t, true);
            const std::uint32_t next = m.neighbours[t][out];
            closed = next == start;
            if (!closed)
                path.push_back(point(t, out));
            t = next;
        }
        drop_repeats(path);
        if (closed) {
            if (path.size() >= 3)
                cut.rings.push_back(std::move(path));
        } else {
            cut.gaps = true;
            if (!path.empty())
                open.push_back(std::move(path));
        }
    }
    if (!open.empty())
        cut.widest_gap_mm = close_gaps(open, cut.rings);
    if (!bound_as_they_are(cut.rings, idle_mm)) {
        const double before = area_mm2(cut.rings);
        cut.rings = filled(cut.rings);
        // Outlines that only touch keep their area; the others really crossed.
        cut.crossed = std::abs(area_mm2(cut.rings) - before) > 1e-3 + 1e-4 * std::abs(before);
        return cut;
    }
    // No ring crosses another. The area is theirs as they stand when every outer ring lies in nothing and
    // every hole in exactly one outer ring; anything else (an outer ring within an outer ring) is left to the
    // booleans.
    if (cut.rings.size() == 1) {
        if (ClipperLib::Area(cut.rings[0]) < 0)
            cut.rings.clear();
        return cut;
    }
    std::vector<Box> boxes;
    for (const Path& r : cut.rings)
        boxes.push_back(box_of({r}));
    for (std::size_t i = 0; i < cut.rings.size(); ++i) {
        int depth = 0;
        for (std::size_t j = 0; j < cut.rings.size(); ++j)
            if (i != j && boxes[i].meets(boxes[j]) &&
                ClipperLib::PointInPolygon(cut.rings[i][0], cut.rings[j]) != 0)
                depth += ClipperLib::Orientation(cut.rings[j]) ? 1 : -1;
        if (depth != (ClipperLib::Orientation(cut.rings[i]) ? 0 : 1)) {
            cut.rings = filled(cut.rings);
            break;
        }
    }
    return cut;
}

} // namespace

Result<Slices> slice(const Mesh& mesh, const LayerGrid& grid, double bed_z_mm, const Progress& progress,
                     int threads, double idle_mm) {
    Slices out;
    out.layers.resize(grid.count);
    std::vector<LayerCut> cuts(grid.count);
    const Cuts heights{grid, bed_z_mm};
    std::atomic<int> done = 0;

    const auto work = [&] {
        const Crossings crossings = find_crossings(mesh, heights);
        tbb::enumerable_thread_specific<Walker> walkers(
            [&] { return Walker{std::vector<std::uint32_t>(mesh.triangles.size(), 0)}; });
        tbb::parallel_for(tbb::blocked_range<int>(0, grid.count, 4), [&](const tbb::blocked_range<int>& r) {
            Walker& w = walkers.local();
            for (int l = r.begin(); l != r.end() && !progress.stopped(); ++l) {
                const std::uint32_t* t = crossings.triangles.data();
                cuts[l] = cut_layer(mesh, heights.at(l), t + crossings.start[l], t + crossings.start[l + 1],
                                    static_cast<std::uint32_t>(l + 1), idle_mm, w);
            }
            progress.at(double(done += static_cast<int>(r.size())) / grid.count);
        });
    };
    tbb::task_arena arena(threads > 0 ? threads : tbb::task_arena::automatic);
    arena.execute(work);
    if (progress.stopped())
        return Error{say("Stopped before the slicing was done.")};

    for (int l = 0; l < grid.count; ++l) {
        LayerCut& c = cuts[l];
        if (c.gaps) {
            ++out.check.open_layers;
            out.check.widest_gap_mm = std::max(out.check.widest_gap_mm, c.widest_gap_mm);
            if (!out.check.first_open_layer)
                out.check.first_open_layer = l + 1;
        }
        if (c.crossed) {
            ++out.check.crossing_layers;
            if (!out.check.first_crossing_layer)
                out.check.first_crossing_layer = l + 1;
        }
        out.layers[l] = std::move(c.rings);
    }
    return out;
}

} // namespace vitrail
