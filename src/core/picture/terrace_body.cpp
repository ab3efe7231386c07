#include "core/picture/terraces.h"

#include "core/geometry/prism.h"

#include <CGAL/Constrained_Delaunay_triangulation_2.h>
#include <CGAL/Exact_predicates_inexact_constructions_kernel.h>
#include <CGAL/Triangulation_face_base_with_info_2.h>
#include <CGAL/Triangulation_vertex_base_with_info_2.h>

#include <algorithm>
#include <map>
#include <unordered_map>
#include <utility>
#include <vector>

namespace vitrail {

namespace {

using Kernel = CGAL::Exact_predicates_inexact_constructions_kernel;
using VertexBase = CGAL::Triangulation_vertex_base_with_info_2<int, Kernel>;
using FaceBase = CGAL::Constrained_triangulation_face_base_2<
    Kernel, CGAL::Triangulation_face_base_with_info_2<int, Kernel>>; // info: number, −1 not known
using Triangulation =
    CGAL::Constrained_Delaunay_triangulation_2<Kernel,
                                               CGAL::Triangulation_data_structure_2<VertexBase, FaceBase>>;

/// What of one set of spans is not in another.
Spans without(const Spans& of, const Spans& what) {
    Spans out;
    for (auto [from, to] : of) {
        for (const auto& [a, b] : what) {
            if (b <= from || a >= to)
                continue;
            if (a > from)
                out.emplace_back(from, a);
            from = b;
        }
        if (from < to)
            out.emplace_back(from, to);
    }
    return out;
}

/// The borders and level areas of a map, found once for all its bodies.
class TerraceFaces {
public:
    TerraceFaces(const TerraceMap& map, const ReliefLayers& layers) : map_(map), layers_(layers) {
        gather();
        find_faces();
    }

    Mesh body(const BodySpans& spans) {
        spans_ = &spans;
        vertex_of_.clear();
        vertices_.clear();
        triangles_.clear();
        level_areas();
        walls();
        return build_mesh(vertices_, triangles_);
    }

private:
    const Spans& spans_of(int number) const {
        static const Spans none;
        return static_cast<std::size_t>(number) < spans_->size() ? (*spans_)[static_cast<std::size_t>(number)]
                                                                 : none;
    }
    /// Every point of every border once, and for nodes the numbers around them: there walls meet at more
    /// heights than their own two.
    void gather() {
        for (const TerraceMap::Arc& arc : map_.arcs) {
            std::vector<int> points;
            for (const IntPoint& p : arc.points)
                points.push_back(point_at(p));
            if (arc.from < 0)
                points.push_back(points.front());
            else
                for (const int end : {points.front(), points.back()})
                    for (const std::uint16_t number : {arc.left, arc.right})
                        around_[static_cast<std::size_t>(end)].push_back(number);
            arcs_.push_back(std::move(points));
        }
        for (std::vector<int>& numbers : around_) {
            std::sort(numbers.begin(), numbers.end());
            numbers.erase(std::unique(numbers.begin(), numbers.end()), numbers.end());
        }
    }
    int point_at(const IntPoint& p) {
        const auto [it, fresh] =
            index_.try_emplace(static_cast<std::uint64_t>(p.X) << 32 ^ static_cast<std::uint64_t>(p.Y),
                               static_cast<int>(points_.size()));
        if (fresh) {
            points_.push_back(p);
            around_.emplace_back();
        }
        return it->second;
    }
    std::uint32_t vertex(int point, int height) {
        const auto [it, fresh] = vertex_of_.try_emplace(static_cast<std::uint64_t>(point) << 16 |
                                                            static_cast<std::uint64_t>(height),
                                                        static_cast<std::uint32_t>(vertices_.size()));
        if (fresh) {
            const IntPoint& p = points_[static_cast<std::size_t>(point)];
            vertices_.push_back({static_cast<float>(static_cast<double>(p.X) / kUnitsPerMm),
                                 static_cast<float>(static_cast<double>(p.Y) / kUnitsPerMm),
                                 static_cast<float>(layers_.top_mm(height))});
        }
        return it->second;
    }

    void find_faces() {
        Triangulation t;
        std::vector<std::pair<Kernel::Point_2, int>> sites;
        for (std::size_t i = 0; i < points_.size(); ++i)
            sites.emplace_back(
                Kernel::Point_2(static_cast<double>(points_[i].X), static_cast<double>(points_[i].Y)),
                static_cast<int>(i));
        t.insert(sites.begin(), sites.end());
        std::vector<Triangulation::Vertex_handle> at(points_.size());
        for (auto v = t.finite_vertices_begin(); v != t.finite_vertices_end(); ++v)
            at[static_cast<std::size_t>(v->info())] = v;
        for (const std::vector<int>& arc : arcs_)
            for (std::size_t i = 1; i < arc.size(); ++i)
                t.insert_constraint(at[static_cast<std::size_t>(arc[i - 1])],
                                    at[static_cast<std::size_t>(arc[i])]);
        for (auto f = t.all_faces_begin(); f != t.all_faces_end(); ++f)
            f->info() = -1;
        // The faces along a border have its numbers; the others those of their neighbours.
        std::vector<Triangulation::Face_handle> known;
        const auto know = [&](Triangulation::Face_handle f, int number) {
            if (f->info() < 0) {
                f->info() = number;
                known.push_back(f);
            }
        };
        for (std::size_t a = 0; a < arcs_.size(); ++a)
            for (std::size_t i = 1; i < arcs_[a].size(); ++i) {
                const auto u = at[static_cast<std::size_t>(arcs_[a][i - 1])],
                           v = at[static_cast<std::size_t>(arcs_[a][i])];
                Triangulation::Face_handle f;
                int edge = 0;
                if (!t.is_edge(u, v, f, edge))
                    continue;
                const bool left = f->vertex(Triangulation::ccw(edge)) == u; // faces run counter-clockwise
                know(f, left ? map_.arcs[a].left : map_.arcs[a].right);
                know(f->neighbor(edge), left ? map_.arcs[a].right : map_.arcs[a].left);
            }
        while (!known.empty()) {
            const Triangulation::Face_handle f = known.back();
            known.pop_back();
            for (int edge = 0; edge < 3; ++edge)
                if (!f->is_constrained(edge))
                    know(f->neighbor(edge), f->info());
        }
        for (auto f = t.finite_faces_begin(); f != t.finite_faces_end(); ++f)
            if (f->info() > 0)
                faces_.push_back(
                    {f->info(), {f->vertex(0)->info(), f->vertex(1)->info(), f->vertex(2)->info()}});
        outline_ = triangulated(whole_outline());
    }
    Paths whole_outline() const {
        BodySpans all(static_cast<std::size_t>(map_.most) + 1, Spans{{0, 1}});
        all.front().clear();
        const auto levels = terrace_levels(map_, all);
        return levels.empty() ? Paths{} : levels.front();
    }

    /// Where a span begins or ends there is a level face; where all do at one height, that is one face,
    /// however many borders lie on it.
    void level_areas() {
        std::map<std::pair<int, bool>, int> numbers; // by height, and whether it faces upwards
        int present = 0;
        std::vector<char> seen(static_cast<std::size_t>(map_.most) + 1, 0);
        for (const Face& f : faces_)
            if (!std::exchange(seen[static_cast<std::size_t>(f.number)], 1)) {
                ++present;
                for (const auto& [from, to] : spans_of(f.number))
                    ++numbers[{from, false}], ++numbers[{to, true}];
            }
        for (const auto& [at, count] : numbers)
            if (count == present)
                for (const auto& t : outline_)
                    add_level({point_at(t[0]), point_at(t[1]), point_at(t[2])}, at.first, at.second);
        for (const Face& f : faces_)
            for (const auto& [from, to] : spans_of(f.number)) {
                if (numbers[{from, false}] != present)
                    add_level(f.points, from, false);
                if (numbers[{to, true}] != present)
                    add_level(f.points, to, true);
            }
    }
    void add_level(const std::array<int, 3>& p, int height, bool up) {
        triangles_.push_back(
            {vertex(p[0], height), vertex(p[up ? 1 : 2], height), vertex(p[up ? 2 : 1], height)});
    }

    /// From the lower to the higher of two heights at a point, with all in between at which something ends
    /// there.
    std::vector<int> rises(int point, int low, int high) const {
        std::vector<int> heights{low, high};
        for (const int number : around_[static_cast<std::size_t>(point)])
            for (const auto& [from, to] : spans_of(number))
                for (const int h : {from, to})
                    if (h > low && h < high)
                        heights.push_back(h);
        std::sort(heights.begin(), heights.end());
        heights.erase(std::unique(heights.begin(), heights.end()), heights.end());
        return heights;
    }
    void walls() {
        for (std::size_t a = 0; a < arcs_.size(); ++a)
            for (const bool inside_left : {true, false}) {
                const Spans &left = spans_of(map_.arcs[a].left), &right = spans_of(map_.arcs[a].right);
                for (const auto& [low, high] : inside_left ? without(left, right) : without(right, left))
                    for (std::size_t i = 1; i < arcs_[a].size(); ++i)
                        wall(arcs_[a][inside_left ? i - 1 : i], arcs_[a][inside_left ? i : i - 1], low, high);
            }
    }
    /// Between two points, the inside to the left of the way from p to q.
    void wall(int p, int q, int low, int high) {
        const std::vector<int> up = rises(p, low, high), beside = rises(q, low, high);
        for (std::size_t j = 0, k = 0; j + 1 < up.size() || k + 1 < beside.size();)
            if (k + 1 >= beside.size() || (j + 1 < up.size() && up[j + 1] <= beside[k + 1])) {
                triangles_.push_back({vertex(p, up[j]), vertex(q, beside[k]), vertex(p, up[j + 1])});
                ++j;
            } else {
                triangles_.push_back({vertex(p, up[j]), vertex(q, beside[k]), vertex(q, beside[k + 1])});
                ++k;
            }
    }

    struct Face {
        int number = 0;
        std::array<int, 3> points{};
    };
    const TerraceMap& map_;
    const ReliefLayers& layers_;
    const BodySpans* spans_ = nullptr;
    std::vector<IntPoint> points_;
    std::vector<std::vector<int>> around_; ///< [point] numbers that meet there, of nodes
    std::vector<std::vector<int>> arcs_;   ///< points of each border, closed ones with the first again
    std::vector<Face> faces_;
    std::vector<std::array<IntPoint, 3>> outline_;
    std::unordered_map<std::uint64_t, int> index_;
    std::unordered_map<std::uint64_t, std::uint32_t> vertex_of_; ///< by point and layers
    std::vector<Vec3> vertices_;
    std::vector<Triangle> triangles_;
};

} // namespace

std::vector<Mesh> terrace_bodies(const TerraceMap& map, const ReliefLayers& layers,
                                 const std::vector<BodySpans>& bodies) {
    TerraceFaces faces(map, layers);
    std::vector<Mesh> out;
    for (const BodySpans& body : bodies)
        out.push_back(faces.body(body));
    return out;
}

} // namespace vitrail
