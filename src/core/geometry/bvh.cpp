#include "core/geometry/bvh.h"

#include <tbb/parallel_invoke.h>

#include <algorithm>
#include <atomic>
#include <numeric>

namespace vitrail {

namespace {

constexpr std::uint32_t kLeaf = 4;

struct BvhBuilder {
    const Mesh& m;
    Bvh& tree;
    std::vector<Vec3> centres;
    std::atomic<std::uint32_t> used{1};

    void split(std::uint32_t node, std::uint32_t begin, std::uint32_t end) {
        Bvh::Node& n = tree.nodes[node];
        Vec3 low{1e30f, 1e30f, 1e30f}, high{-1e30f, -1e30f, -1e30f}, clow = low, chigh = high;
        for (std::uint32_t i = begin; i < end; ++i) {
            const std::uint32_t t = tree.order[i];
            for (const Vec3 v : corners(m, t)) {
                low = lesser(low, v);
                high = greater(high, v);
            }
            clow = lesser(clow, centres[t]);
            chigh = greater(chigh, centres[t]);
        }
        n.low = low;
        n.high = high;
        if (end - begin <= kLeaf) {
            n.first = begin;
            n.count = end - begin;
            return;
        }
        const Vec3 size = chigh - clow;
        const int axis = size.x >= size.y && size.x >= size.z ? 0 : size.y >= size.z ? 1 : 2;
        const auto key = [&](std::uint32_t t) {
            return axis == 0 ? centres[t].x : axis == 1 ? centres[t].y : centres[t].z;
        };
        const std::uint32_t middle = begin + (end - begin) / 2;
        std::nth_element(tree.order.begin() + begin, tree.order.begin() + middle, tree.order.begin() + end,
                         [&](std::uint32_t a, std::uint32_t b) { return key(a) < key(b); });
        const std::uint32_t children = used.fetch_add(2);
        n.first = children;
        n.count = 0;
        constexpr std::uint32_t kWorthAThread = 20000;
        if (end - begin > kWorthAThread)
            tbb::parallel_invoke([&] { split(children, begin, middle); },
                                 [&] { split(children + 1, middle, end); });
        else
            split(children, begin, middle), split(children + 1, middle, end);
    }
};

float distance2_to_box(const Bvh::Node& n, Vec3 p) {
    const Vec3 q = lesser(greater(p, n.low), n.high) - p;
    return dot(q, q);
}

/// Where the ray enters the box, or a negative number when it misses it or enters beyond `far`.
float enters(const Bvh::Node& n, Vec3 from, Vec3 inverse, float far) {
    const auto slab = [](float lo, float hi, float o, float inv, float& t0, float& t1) {
        float a = (lo - o) * inv, b = (hi - o) * inv;
        if (a > b)
            std::swap(a, b);
        // A NaN (0 · ∞, a ray in the plane of a side) leaves the interval as it is.
        t0 = a > t0 ? a : t0;
        t1 = b < t1 ? b : t1;
    };
    float t0 = 0, t1 = far;
    slab(n.low.x, n.high.x, from.x, inverse.x, t0, t1);
    slab(n.low.y, n.high.y, from.y, inverse.y, t0, t1);
    slab(n.low.z, n.high.z, from.z, inverse.z, t0, t1);
    // The last digits of the quotients may cut off a triangle that lies in a side of its box.
    return t0 <= t1 * 1.000002f + 1e-6f ? t0 : -1;
}

} // namespace

Bvh build_bvh(const Mesh& m) {
    Bvh tree;
    const auto n = static_cast<std::uint32_t>(m.triangles.size());
    if (n == 0)
        return tree;
    tree.order.resize(n);
    std::iota(tree.order.begin(), tree.order.end(), 0u);
    tree.nodes.resize(2 * n);
    BvhBuilder b{m, tree, std::vector<Vec3>(n)};
    for (std::uint32_t t = 0; t < n; ++t) {
        const auto c = corners(m, t);
        b.centres[t] = (c[0] + c[1] + c[2]) * (1.0f / 3);
    }
    b.split(0, 0, n);
    tree.nodes.resize(b.used);
    return tree;
}

bool ray_meets(const std::array<Vec3, 3>& c, Vec3 from, Vec3 way, float& along) {
    const Vec3 e1 = c[1] - c[0], e2 = c[2] - c[0], p = cross(way, e2);
    const float det = dot(e1, p);
    if (det == 0)
        return false;
    const Vec3 s = from - c[0], q = cross(s, e1);
    const float u = dot(s, p) / det, w = dot(way, q) / det;
    constexpr float kEdge = -1e-6f; // so that no ray slips between two triangles
    if (!(u >= kEdge && w >= kEdge && u + w <= 1 - kEdge))
        return false;
    along = dot(e2, q) / det;
    return along > 0;
}

std::optional<Hit> cast_ray(const Mesh& m, const Bvh& tree, Vec3 from, Vec3 way) {
    if (tree.empty())
        return {};
    const Vec3 inverse{1 / way.x, 1 / way.y, 1 / way.z};
    std::optional<Hit> best;
    float nearest = 1e30f;
    std::uint32_t stack[128];
    int depth = 0;
    stack[depth++] = 0;
    while (depth) {
        const Bvh::Node& n = tree.nodes[stack[--depth]];
        if (enters(n, from, inverse, nearest) < 0)
            continue;
        if (n.count) {
            for (std::uint32_t i = n.first; i < n.first + n.count; ++i) {
                const std::uint32_t t = tree.order[i];
                float along = 0;
                if (ray_meets(corners(m, t), from, way, along) && along < nearest) {
                    nearest = along;
                    best = Hit{t, along, from + way * along};
                }
            }
            continue;
        }
        const float a = enters(tree.nodes[n.first], from, inverse, nearest),
                    b = enters(tree.nodes[n.first + 1], from, inverse, nearest);
        const bool first_nearer = a >= 0 && (b < 0 || a <= b);
        stack[depth++] = n.first + (first_nearer ? 1 : 0); // the nearer one is taken first
        stack[depth++] = n.first + (first_nearer ? 0 : 1);
    }
    return best;
}

Vec3 nearest_on(const std::array<Vec3, 3>& c, Vec3 p) {
    const Vec3 a = c[0], ab = c[1] - a, ac = c[2] - a, ap = p - a;
    const float d1 = dot(ab, ap), d2 = dot(ac, ap);
    if (d1 <= 0 && d2 <= 0)
        return a;
    const Vec3 bp = p - c[1];
    const float d3 = dot(ab, bp), d4 = dot(ac, bp);
    if (d3 >= 0 && d4 <= d3)
        return c[1];
    const float vc = d1 * d4 - d3 * d2;
    if (vc <= 0 && d1 >= 0 && d3 <= 0 && d1 != d3)
        return a + ab * (d1 / (d1 - d3));
    const Vec3 cp = p - c[2];
    const float d5 = dot(ab, cp), d6 = dot(ac, cp);
    if (d6 >= 0 && d5 <= d6)
        return c[2];
    const float vb = d5 * d2 - d1 * d6;
    if (vb <= 0 && d2 >= 0 && d6 <= 0 && d2 != d6)
        return a + ac * (d2 / (d2 - d6));
    const float va = d3 * d6 - d5 * d4;
    if (va <= 0 && d4 - d3 >= 0 && d5 - d6 >= 0 && (d4 - d3) + (d5 - d6) > 0)
        return c[1] + (c[2] - c[1]) * ((d4 - d3) / ((d4 - d3) + (d5 - d6)));
    const float sum = va + vb + vc;
    if (sum == 0)
        return a;
    return a + ab * (vb / sum) + ac * (vc / sum);
}

std::optional<Nearest> nearest_point(const Mesh& m, const Bvh& tree, Vec3 p, float within_mm) {
    if (tree.empty())
        return {};
    std::optional<Nearest> best;
    float reach2 = within_mm < 1e15f ? within_mm * within_mm : 1e30f;
    std::uint32_t stack[128];
    int depth = 0;
    stack[depth++] = 0;
    while (depth) {
        const Bvh::Node& n = tree.nodes[stack[--depth]];
        if (distance2_to_box(n, p) > reach2)
            continue;
        if (n.count) {
            for (std::uint32_t i = n.first; i < n.first + n.count; ++i) {
                const Vec3 q = nearest_on(corners(m, tree.order[i]), p), d = q - p;
                if (const float d2 = dot(d, d); d2 <= reach2) {
                    reach2 = d2;
                    best = Nearest{tree.order[i], q, std::sqrt(d2)};
                }
            }
            continue;
        }
        const bool first_nearer =
            distance2_to_box(tree.nodes[n.first], p) <= distance2_to_box(tree.nodes[n.first + 1], p);
        stack[depth++] = n.first + (first_nearer ? 1 : 0);
        stack[depth++] = n.first + (first_nearer ? 0 : 1);
    }
    return best;
}

} // namespace vitrail
