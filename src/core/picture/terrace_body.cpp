#include "core/picture/terraces.h"

#include "core/geometry/prism.h"

#include <CGAL/Constrained_Delaunay_triangulation_2.h>
#include <CGAL/Exact_predicates_inexact_constructions_kernel.h>
#include <CGAL/Triangulation_face_base_with_info_2.h>
#include <CGAL/Triangulation_vertex_base_with_info_2.h>

#include <algorithm>
#include <unordered_map>
#include <vector>

namespace vitrail {

namespace {

using Kernel = CGAL::Exact_predicates_inexact_constructions_kernel;
using VertexBase = CGAL::Triangulation_vertex_base_with_info_2<int, Kernel>;
using FaceBase = CGAL::Constrained_triangulation_face_base_2<Kernel, CGAL::Triangulation_face_base_with_info_2<int, Kernel>>; // info: layers, −1 not known
using Triangulation = CGAL::Constrained_Delaunay_triangulation_2<Kernel, CGAL::Triangulation_data_structure_2<VertexBase, FaceBase>>;

class TerraceBody {
public:
    TerraceBody(const TerraceMap& map, const ReliefLayers& layers) : map_(map), layers_(layers) {}

    Mesh build() {
        gather();
        level_areas();
        walls();
        underside();
        return build_mesh(vertices_, triangles_);
    }

private:
    /// Every point of every border once, and for nodes the layers around them: there walls meet at more heights than their own two.
    void gather() {
        for (const TerraceMap::Arc& arc : map_.arcs) {
            std::vector<int> points;
            for (const IntPoint& p : arc.points)
                points.push_back(point_at(p));
            if (arc.from < 0)
                points.push_back(points.front());
            else
                for (const int end : {points.front(), points.back()})
                    for (const std::uint16_t height : {arc.left, arc.right})
                        around_[static_cast<std::size_t>(end)].push_back(height);
            arcs_.push_back(std::move(points));
        }
        for (std::vector<int>& heights : around_) {
            std::sort(heights.begin(), heights.end());
            heights.erase(std::unique(heights.begin(), heights.end()), heights.end());
        }
    }
    int point_at(const IntPoint& p) {
        const auto [it, fresh] = index_.try_emplace(static_cast<std::uint64_t>(p.X) << 32 ^ static_cast<std::uint64_t>(p.Y), static_cast<int>(points_.size()));
        if (fresh) {
            points_.push_back(p);
            around_.emplace_back();
        }
        return it->second;
    }
    std::uint32_t vertex(int point, int height) {
        const auto [it, fresh] = vertex_of_.try_emplace(static_cast<std::uint64_t>(point) << 16 | static_cast<std::uint64_t>(height), static_cast<std::uint32_t>(vertices_.size()));
        if (fresh) {
            const IntPoint& p = points_[static_cast<std::size_t>(point)];
            vertices_.push_back({static_cast<float>(static_cast<double>(p.X) / kUnitsPerMm), static_cast<float>(static_cast<double>(p.Y) / kUnitsPerMm), static_cast<float>(layers_.top_mm(height))});
        }
        return it->second;
    }

    void level_areas() {
        Triangulation t;
        std::vector<std::pair<Kernel::Point_2, int>> sites;
        for (std::size_t i = 0; i < points_.size(); ++i)
            sites.emplace_back(Kernel::Point_2(static_cast<double>(points_[i].X), static_cast<double>(points_[i].Y)), static_cast<int>(i));
        t.insert(sites.begin(), sites.end());
        std::vector<Triangulation::Vertex_handle> at(points_.size());
        for (auto v = t.finite_vertices_begin(); v != t.finite_vertices_end(); ++v)
            at[static_cast<std::size_t>(v->info())] = v;
        for (const std::vector<int>& arc : arcs_)
            for (std::size_t i = 1; i < arc.size(); ++i)
                t.insert_constraint(at[static_cast<std::size_t>(arc[i - 1])], at[static_cast<std::size_t>(arc[i])]);
        for (auto f = t.all_faces_begin(); f != t.all_faces_end(); ++f)
            f->info() = -1;
        // The faces along a border have its heights; the others those of their neighbours.
        std::vector<Triangulation::Face_handle> known;
        const auto know = [&](Triangulation::Face_handle f, int height) {
            if (f->info() < 0) {
                f->info() = height;
                known.push_back(f);
            }
        };
        for (std::size_t a = 0; a < arcs_.size(); ++a)
            for (std::size_t i = 1; i < arcs_[a].size(); ++i) {
                const auto u = at[static_cast<std::size_t>(arcs_[a][i - 1])], v = at[static_cast<std::size_t>(arcs_[a][i])];
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
                triangles_.push_back({vertex(f->vertex(0)->info(), f->info()), vertex(f->vertex(1)->info(), f->info()), vertex(f->vertex(2)->info(), f->info())});
    }

    /// From the lower to the higher of two heights at a point, with all in between at which something ends there.
    std::vector<int> rises(int point, int low, int high) const {
        std::vector<int> heights{low};
        for (const int h : around_[static_cast<std::size_t>(point)])
            if (h > low && h < high)
                heights.push_back(h);
        heights.push_back(high);
        return heights;
    }
    void walls() {
        for (std::size_t a = 0; a < arcs_.size(); ++a) {
            const int low = std::min(map_.arcs[a].left, map_.arcs[a].right), high = std::max(map_.arcs[a].left, map_.arcs[a].right);
            const bool inside_left = map_.arcs[a].left == high;
            for (std::size_t i = 1; i < arcs_[a].size(); ++i) {
                const int p = arcs_[a][inside_left ? i - 1 : i], q = arcs_[a][inside_left ? i : i - 1];
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
        }
    }

    /// What lies on the bed: the outline alone, however many terraces stand on it.
    void underside() {
        if (map_.most < 1)
            return;
        TerraceMap outline = map_;
        outline.most = 1;
        for (const auto& t : triangulated(terrace_levels(outline).front()))
            triangles_.push_back({vertex(point_at(t[0]), 0), vertex(point_at(t[2]), 0), vertex(point_at(t[1]), 0)});
    }

    const TerraceMap& map_;
    const ReliefLayers& layers_;
    std::vector<IntPoint> points_;
    std::vector<std::vector<int>> around_; ///< [point] layers that meet there, of nodes
    std::vector<std::vector<int>> arcs_;   ///< points of each border, closed ones with the first again
    std::unordered_map<std::uint64_t, int> index_;
    std::unordered_map<std::uint64_t, std::uint32_t> vertex_of_; ///< by point and layers
    std::vector<Vec3> vertices_;
    std::vector<Triangle> triangles_;
};

} // namespace

Mesh terrace_body(const TerraceMap& map, const ReliefLayers& layers) {
    return TerraceBody(map, layers).build();
}

} // namespace vitrail
