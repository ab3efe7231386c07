#include "core/geometry/mesh.h"

#include <algorithm>
#include <bit>
#include <cmath>
#include <numeric>

namespace vitrail {

void Bounds::add(Vec3 p) {
    min = {std::min(min.x, p.x), std::min(min.y, p.y), std::min(min.z, p.z)};
    max = {std::max(max.x, p.x), std::max(max.y, p.y), std::max(max.z, p.z)};
}

void Bounds::add(const Bounds& b) {
    if (b.empty())
        return;
    add(b.min);
    add(b.max);
}

bool MeshCheck::clean() const {
    return !not_finite && !too_far && !zero_area && !duplicate && !flipped && !open_edges && !crowded_edges &&
           !inside_out;
}

namespace {

bool finite(Vec3 p) {
    return std::isfinite(p.x) && std::isfinite(p.y) && std::isfinite(p.z);
}
bool too_far(Vec3 p) {
    return std::max({std::abs(p.x), std::abs(p.y), std::abs(p.z)}) > kLargestCoordinate_mm;
}

std::uint64_t hash(Vec3 p) {
    const auto bits = [](float v) { return std::uint64_t{std::bit_cast<std::uint32_t>(v)}; };
    std::uint64_t h = bits(p.x) * 0x9e3779b97f4a7c15u;
    h = (std::rotl(h, 29) ^ bits(p.y)) * 0xbf58476d1ce4e5b9u;
    h = (std::rotl(h, 31) ^ bits(p.z)) * 0x94d049bb133111ebu;
    return h ^ (h >> 32);
}

/// Rewrites the triangles to point at the first vertex of each position, and drops the others.
void weld(std::vector<Vec3>& vertices, std::vector<Triangle>& triangles) {
    const std::size_t slots = std::bit_ceil(std::max<std::size_t>(16, vertices.size() + vertices.size() / 2));
    std::vector<std::uint32_t> table(slots, Mesh::kNone);
    std::vector<std::uint32_t> to(vertices.size());
    std::uint32_t kept = 0;
    for (std::size_t i = 0; i < vertices.size(); ++i) {
        Vec3 p = vertices[i];
        p = {p.x + 0.0f, p.y + 0.0f, p.z + 0.0f}; // −0 becomes 0
        std::size_t slot = hash(p) & (slots - 1);
        while (table[slot] != Mesh::kNone && vertices[table[slot]] != p)
            slot = (slot + 1) & (slots - 1);
        if (table[slot] == Mesh::kNone) {
            table[slot] = kept;
            vertices[kept++] = p;
        }
        to[i] = table[slot];
    }
    vertices.resize(kept);
    vertices.shrink_to_fit();
    for (Triangle& t : triangles)
        for (std::uint32_t& v : t)
            v = to[v];
}

/// One side of a triangle, filed under its lower corner.
struct Side {
    std::uint32_t other; ///< the higher corner
    std::uint32_t triangle;
    std::uint8_t edge; ///< 0…2
    std::uint8_t up;   ///< runs from the lower to the higher corner
};

/// All sides, grouped by lower corner: sides of corner v are sides[start[v]] … sides[start[v+1]−1].
struct Sides {
    std::vector<std::uint32_t> start;
    std::vector<Side> sides;
};

Sides group_sides(std::size_t vertex_count, const std::vector<Triangle>& triangles) {
    Sides s;
    s.start.assign(vertex_count + 2, 0);
    for (const Triangle& t : triangles)
        for (int e = 0; e < 3; ++e)
            ++s.start[std::min(t[e], t[(e + 1) % 3]) + 2];
    for (std::size_t v = 2; v < s.start.size(); ++v)
        s.start[v] += s.start[v - 1];
    s.sides.resize(3 * triangles.size());
    for (std::uint32_t i = 0; i < triangles.size(); ++i)
        for (std::uint8_t e = 0; e < 3; ++e) {
            const std::uint32_t a = triangles[i][e], b = triangles[i][(e + 1) % 3];
            s.sides[s.start[std::min(a, b) + 1]++] = {std::max(a, b), i, e, static_cast<std::uint8_t>(a < b)};
        }
    s.start.pop_back();
    for (std::size_t v = 0; v + 1 < s.start.size(); ++v) {
        const auto begin = s.sides.begin() + s.start[v], end = s.sides.begin() + s.start[v + 1];
        std::sort(begin, end, [](const Side& x, const Side& y) {
            return x.other != y.other ? x.other < y.other : x.triangle < y.triangle;
        });
    }
    return s;
}

/// Calls `use(begin, end)` with the sides that share one edge.
template <class F>
void for_each_edge(const Sides& s, F use) {
    for (std::size_t v = 0; v + 1 < s.start.size(); ++v)
        for (std::uint32_t i = s.start[v]; i < s.start[v + 1];) {
            std::uint32_t j = i + 1;
            while (j < s.start[v + 1] && s.sides[j].other == s.sides[i].other)
                ++j;
            use(&s.sides[i], &s.sides[j - 1] + 1);
            i = j;
        }
}

template <class T>
void drop_marked(std::vector<T>& list, const std::vector<char>& drop) {
    std::size_t kept = 0;
    for (std::size_t i = 0; i < list.size(); ++i)
        if (!drop[i])
            list[kept++] = list[i];
    list.resize(kept);
}

/// Of triangles with the same corners, two that face each other cancel and of equal ones a single one stays.
std::size_t mark_duplicates(const std::vector<Triangle>& triangles, const Sides& sides,
                            std::vector<char>& drop) {
    drop.assign(triangles.size(), 0);
    std::size_t dropped = 0;
    for_each_edge(sides, [&](const Side* begin, const Side* end) {
        if (end - begin < 3)
            return;
        const auto third = [&](const Side* s) { return triangles[s->triangle][(s->edge + 2) % 3]; };
        for (const Side* a = begin; a != end; ++a)
            for (const Side* b = a + 1; b != end && !drop[a->triangle]; ++b) {
                if (drop[b->triangle] || a->triangle == b->triangle || third(a) != third(b))
                    continue;
                drop[b->triangle] = 1;
                ++dropped;
                if (a->up != b->up) {
                    drop[a->triangle] = 1;
                    ++dropped;
                }
            }
    });
    return dropped;
}

/// Links triangles across edges. On edges with more than two sides, opposite directions are paired in order:
/// any pairing gives the same winding numbers, which is all that slicing reads.
void link(Mesh& m, const Sides& sides) {
    m.neighbours.assign(m.triangles.size(), {Mesh::kNone, Mesh::kNone, Mesh::kNone});
    for_each_edge(sides, [&](const Side* begin, const Side* end) {
        if (end - begin == 2) {
            // Also linked when both run the same way: the directions are settled afterwards.
            m.neighbours[begin[0].triangle][begin[0].edge] = begin[1].triangle;
            m.neighbours[begin[1].triangle][begin[1].edge] = begin[0].triangle;
            return;
        }
        if (end - begin == 1) {
            ++m.check.open_edges;
            return;
        }
        ++m.check.crowded_edges;
        const Side* up = begin;
        for (const Side* down = begin; down != end; ++down) {
            if (down->up)
                continue;
            while (up != end && !up->up)
                ++up;
            if (up == end) {
                ++m.check.open_edges;
                continue;
            }
            m.neighbours[up->triangle][up->edge] = down->triangle;
            m.neighbours[down->triangle][down->edge] = up->triangle;
            ++up;
        }
        for (; up != end; ++up)
            m.check.open_edges += up->up;
    });
}

/// Whether an edge of `t` runs from → to, in that direction.
bool runs(const Triangle& t, std::uint32_t from, std::uint32_t to) {
    return (t[0] == from && t[1] == to) || (t[1] == from && t[2] == to) || (t[2] == from && t[0] == to);
}

double corner_volume(const Mesh& m, const Triangle& t) {
    const Vec3 a = m.vertices[t[0]], b = m.vertices[t[1]], c = m.vertices[t[2]];
    return (double(a.x) * (double(b.y) * c.z - double(b.z) * c.y) -
            double(a.y) * (double(b.x) * c.z - double(b.z) * c.x) +
            double(a.z) * (double(b.x) * c.y - double(b.y) * c.x)) /
           6;
}

/// Numbers the shells and turns the minority of each so that neighbours agree.
/// Returns whether any triangle was turned.
bool settle_directions(Mesh& m) {
    const std::size_t n = m.triangles.size();
    m.shell.assign(n, Mesh::kNone);
    std::vector<char> turn(n, 0);
    std::vector<std::uint32_t> members;
    for (std::uint32_t seed = 0; seed < n; ++seed) {
        if (m.shell[seed] != Mesh::kNone)
            continue;
        members.assign(1, seed);
        m.shell[seed] = m.shells;
        std::size_t turned = 0;
        for (std::size_t i = 0; i < members.size(); ++i) {
            const std::uint32_t t = members[i];
            for (int e = 0; e < 3; ++e) {
                const std::uint32_t u = m.neighbours[t][e];
                if (u == Mesh::kNone || m.shell[u] != Mesh::kNone)
                    continue;
                const bool agree = !runs(m.triangles[u], m.triangles[t][e], m.triangles[t][(e + 1) % 3]);
                turn[u] = agree ? turn[t] : !turn[t];
                turned += turn[u];
                m.shell[u] = m.shells;
                members.push_back(u);
            }
        }
        ++m.shells;
        if (turned == 0)
            continue;
        const bool most = turned * 2 > members.size();
        for (std::uint32_t t : members)
            turn[t] = turn[t] != static_cast<char>(most);
    }
    for (std::uint32_t t = 0; t < n; ++t)
        m.check.flipped += turn[t];
    if (!m.check.flipped)
        return false;
    for (std::uint32_t t = 0; t < n; ++t)
        if (turn[t])
            std::swap(m.triangles[t][1], m.triangles[t][2]);
    return true;
}

} // namespace

Mesh build_mesh(std::vector<Vec3> vertices, std::vector<Triangle> triangles,
                std::vector<std::uint32_t>* origin, const Progress& progress) {
    Mesh m;
    // Between the steps, each of which takes a second or so for millions of triangles.
    const auto stopped_at = [&](double share) {
        progress.at(share);
        return progress.stopped();
    };
    std::vector<char> drop;
    if (origin) {
        origin->resize(triangles.size());
        std::iota(origin->begin(), origin->end(), 0u);
    }
    const auto drop_those = [&] {
        drop_marked(triangles, drop);
        if (origin)
            drop_marked(*origin, drop);
    };
    const auto drop_where = [&](auto bad) {
        drop.assign(triangles.size(), 0);
        std::size_t n = 0;
        for (std::size_t i = 0; i < triangles.size(); ++i)
            n += drop[i] = bad(triangles[i]);
        if (n)
            drop_those();
        return n;
    };
    m.check.not_finite = drop_where([&](const Triangle& t) {
        return std::any_of(t.begin(), t.end(),
                           [&](std::uint32_t v) { return v >= vertices.size() || !finite(vertices[v]); });
    });
    m.check.too_far = drop_where([&](const Triangle& t) {
        return std::any_of(t.begin(), t.end(), [&](std::uint32_t v) { return too_far(vertices[v]); });
    });
    if (stopped_at(0.05))
        return {};
    weld(vertices, triangles);
    if (stopped_at(0.3))
        return {};
    m.check.zero_area =
        drop_where([](const Triangle& t) { return t[0] == t[1] || t[1] == t[2] || t[2] == t[0]; });

    Sides sides = group_sides(vertices.size(), triangles);
    if (stopped_at(0.6))
        return {};
    if ((m.check.duplicate = mark_duplicates(triangles, sides, drop))) {
        drop_those();
        sides = group_sides(vertices.size(), triangles);
    }
    m.vertices = std::move(vertices);
    m.triangles = std::move(triangles);
    link(m, sides);
    if (stopped_at(0.8))
        return {};
    if (settle_directions(m)) {
        // Turned triangles have their edges in another order.
        const MeshCheck before = m.check;
        link(m, group_sides(m.vertices.size(), m.triangles));
        m.check = before;
    }
    for (const Triangle& t : m.triangles)
        for (std::uint32_t v : t)
            m.bounds.add(m.vertices[v]);
    if (volume_mm3(m) < 0) {
        m.check.inside_out = true;
        for (std::size_t t = 0; t < m.triangles.size(); ++t) {
            std::swap(m.triangles[t][1], m.triangles[t][2]);
            std::swap(m.neighbours[t][0], m.neighbours[t][2]);
        }
    }
    return m;
}

double volume_mm3(const Mesh& m) {
    double sum = 0;
    for (const Triangle& t : m.triangles)
        sum += corner_volume(m, t);
    return sum;
}

Mesh with_points(Mesh m, const std::function<Vec3(Vec3)>& to) {
    for (Vec3& v : m.vertices)
        v = to(v);
    m.bounds = {};
    for (const Triangle& t : m.triangles)
        for (const std::uint32_t v : t)
            m.bounds.add(m.vertices[v]);
    return m;
}

Mesh moved(Mesh m, float dx, float dy, float dz) {
    return with_points(std::move(m), [d = Vec3{dx, dy, dz}](Vec3 v) { return v + d; });
}

Mesh scaled(Mesh m, double factor) {
    return with_points(std::move(m), [k = static_cast<float>(factor)](Vec3 v) {
        return Vec3{v.x * k, v.y * k, v.z * k};
    });
}

double area_mm2(const Mesh& m) {
    double sum = 0;
    for (std::uint32_t t = 0; t < m.triangles.size(); ++t)
        sum += length(twice_area(corners(m, t))) / 2;
    return sum;
}

Rotation operator*(const Rotation& a, const Rotation& b) {
    Rotation r{};
    for (int i = 0; i < 3; ++i)
        for (int j = 0; j < 3; ++j)
            for (int k = 0; k < 3; ++k)
                r[i][j] += a[i][k] * b[k][j];
    return r;
}

Vec3 rotated(const Rotation& r, Vec3 p) {
    const auto row = [&](int i) { return static_cast<float>(r[i][0] * p.x + r[i][1] * p.y + r[i][2] * p.z); };
    return {row(0), row(1), row(2)};
}

Rotation to_bed(Vec3 from) {
    // Rodrigues' formula about the axis from × down.
    const double l = std::sqrt(double(from.x) * from.x + double(from.y) * from.y + double(from.z) * from.z);
    if (!(l > 0))
        return kNoRotation;
    const double x = from.x / l, y = from.y / l, z = from.z / l, c = -z;
    Rotation r;
    if (c < -1 + 1e-12) {
        r = {{{1, 0, 0}, {0, -1, 0}, {0, 0, -1}}}; // straight up: half a turn about x
    } else {
        const double ax = -y, ay = x, k = 1 / (1 + c); // axis = from × (0, 0, −1)
        r = {{{c + ax * ax * k, ax * ay * k, ay}, {ax * ay * k, c + ay * ay * k, -ax}, {-ay, ax, c}}};
    }
    for (auto& row : r)
        for (double& v : row)
            if (std::abs(v - std::round(v)) < 1e-9)
                v = std::round(v) + 0.0;
    return r;
}

bool is_rotation(const Rotation& r, double tolerance) {
    for (int i = 0; i < 3; ++i)
        for (int j = 0; j < 3; ++j) {
            double d = 0;
            for (int k = 0; k < 3; ++k)
                d += r[i][k] * r[j][k];
            if (!(std::abs(d - (i == j)) <= tolerance))
                return false;
        }
    const double det = r[0][0] * (r[1][1] * r[2][2] - r[1][2] * r[2][1]) -
                       r[0][1] * (r[1][0] * r[2][2] - r[1][2] * r[2][0]) +
                       r[0][2] * (r[1][0] * r[2][1] - r[1][1] * r[2][0]);
    return det > 0;
}

Mesh rotated(const Rotation& r, Mesh m) {
    return with_points(std::move(m), [&](Vec3 v) { return rotated(r, v); });
}

} // namespace vitrail
