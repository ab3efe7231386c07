#include "core/layers/detail.h"

#include "core/geometry/narrow.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <atomic>
#include <cmath>
#include <utility>

namespace vitrail {

namespace {

/// Rounding of outlines and offsets, mm: a stroke exactly as wide as asked for must pass.
constexpr double kSlack_mm = 0.012;

/// Pieces (outer rings with their holes) of at least that area.
Paths larger_than(const Paths& area, double mm2) {
    Paths out;
    if (area.empty())
        return out;
    ClipperLib::Clipper c;
    c.AddPaths(area, ClipperLib::ptSubject, true);
    ClipperLib::PolyTree tree;
    c.Execute(ClipperLib::ctUnion, tree, ClipperLib::pftNonZero, ClipperLib::pftNonZero);
    std::vector<const ClipperLib::PolyNode*> outer(tree.Childs.begin(), tree.Childs.end());
    for (std::size_t i = 0; i < outer.size(); ++i) {
        Paths piece{outer[i]->Contour};
        for (const ClipperLib::PolyNode* hole : outer[i]->Childs) {
            piece.push_back(hole->Contour);
            outer.insert(outer.end(), hole->Childs.begin(), hole->Childs.end());
        }
        if (area_mm2(piece) >= mm2)
            out.insert(out.end(), piece.begin(), piece.end());
    }
    return out;
}

/// Its pieces one by one, so that only narrow ones are looked at; all as one where there are holes.
std::vector<Paths> apart(const Paths& area) {
    std::vector<Paths> pieces;
    for (const Path& ring : area)
        if (!ClipperLib::Orientation(ring))
            return {area};
        else
            pieces.push_back({ring});
    return pieces;
}

Paths smoothed(const Paths& outline) {
    return without_idle_points(outline, kIdle_mm);
}

/// The thinnest of some walls.
double thinnest_mm(const Paths& walls) {
    double thinnest = 0;
    for (const Paths& wall : pieces_of(walls))
        if (const double t = thickness_mm(wall); thinnest == 0 || t < thinnest)
            thinnest = t;
    return thinnest;
}

/// Strokes, gaps and walls of an outline, or strokes alone.
LayerDetail fine_places(const Paths& outline, const DetailSettings& s, bool strokes_only = false) {
    LayerDetail d;
    d.mm2 = area_mm2(outline);
    const double w = s.stroke_mm, line = s.line_width_mm, two = strokes_only ? w : std::max(2 * line, w);
    if (!may_be_narrow(outline, two)) // then neither at a smaller width
        return d;
    const bool close_places = !strokes_only && may_be_narrow(outline, w);
    const Paths area = smoothed(outline);
    // All that is thinner than two lines; mostly there is nothing.
    if (const Paths thin = lost_by_opening(area, two); !thin.empty()) {
        d.strokes = strokes_only ? thin : lost_by_opening(area, w);
        d.strokes_mm2 = area_mm2(d.strokes);
        if (strokes_only)
            return d;
        d.walls = larger_than(subtract(thin, offset(d.strokes, kSlack_mm)), 4 * line * line);
        d.thinnest_wall_mm = thinnest_mm(d.walls);
    }
    if (close_places)
        d.gaps = lost_by_closing(area, w);
    return d;
}

/// The same of paint. On upright faces it is a strip as deep as the walls, which says nothing about walls; on
/// the underside it is what was drawn.
LayerDetail fine_places_of_paint(const Paths& area, bool underside, const DetailSettings& s) {
    LayerDetail d;
    for (const Paths& piece : apart(area)) {
        LayerDetail of_piece = fine_places(piece, s, !underside);
        d.mm2 += of_piece.mm2;
        d.strokes.insert(d.strokes.end(), of_piece.strokes.begin(), of_piece.strokes.end());
        d.strokes_mm2 += of_piece.strokes_mm2;
        if (underside) {
            d.walls.insert(d.walls.end(), of_piece.walls.begin(), of_piece.walls.end());
            d.gaps.insert(d.gaps.end(), of_piece.gaps.begin(), of_piece.gaps.end());
        }
    }
    return d;
}

/// Of what hangs, regions where the piece ends within a lug's thickness above, given what lies a lug above
/// and half a lug.
std::vector<Rows> thin_upwards(const Rows& hangs, const Rows& lug_above, const Rows& half_above,
                               const DetailSettings& s) {
    std::vector<Rows> tabs;
    if (area_mm2(hangs) < s.lug_mm * s.lug_mm)
        return tabs;
    for (Rows& region : pieces_of(opened(subtract(hangs, lug_above), s.line_width_mm / 2))) {
        const double mm2 = area_mm2(region);
        if (mm2 < s.lug_mm * s.lug_mm)
            continue;
        // An edge that tapers is as thick as a lug where it breaks: half of it is gone at half the height, of
        // a tab nothing or all.
        constexpr double kTapers_from = 0.2, kTapers_to = 0.8;
        const double gone = area_mm2(subtract(region, half_above)) / mm2;
        if (gone < kTapers_from || gone > kTapers_to)
            tabs.push_back(std::move(region));
    }
    return tabs;
}

} // namespace

DetailSettings detail_settings(const Settings& s) {
    return {s.check_thin_share_pct<100, s.check_stroke_mm> 0 ? s.check_stroke_mm : s.line_width_mm,
            s.line_width_mm, s.check_lug_lines * s.line_width_mm};
}

Paths lost_by_opening(const Paths& area, double width_mm) {
    const double r = width_mm / 2 - kSlack_mm;
    if (area.empty() || r <= 0)
        return {};
    const Paths kept = offset(offset(area, -r), r + kSlack_mm / 2);
    return larger_than(subtract(area, kept), width_mm * width_mm / 2);
}

Paths lost_by_closing(const Paths& area, double width_mm) {
    const double r = width_mm / 2 - kSlack_mm;
    if (area.empty() || r <= 0)
        return {};
    const Paths closed = offset(offset(area, r), -r - kSlack_mm / 2);
    return larger_than(subtract(closed, area), width_mm * width_mm / 2);
}

double thickness_mm(const Paths& strip) {
    const double mm2 = area_mm2(strip), around = perimeter_mm(strip);
    if (around <= 0)
        return 0;
    if (strip.size() > 1) // a ring has no ends
        return 2 * mm2 / around;
    const double root = around * around - 16 * mm2;
    return root < 0 ? std::sqrt(mm2) : (around - std::sqrt(root)) / 4;
}

Result<std::shared_ptr<const Detail>> make_detail(const LayerTable& table, const Demand& demand,
                                                  const std::vector<const Rows*>& hanging,
                                                  const DetailSettings& s, const Progress& progress) {
    const int count = table.grid.count, parts = static_cast<int>(table.parts.size());
    auto detail = std::make_shared<Detail>();
    detail->parts.assign(static_cast<std::size_t>(parts),
                         std::vector<LayerDetail>(static_cast<std::size_t>(count)));
    detail->patches.resize(static_cast<std::size_t>(parts));
    for (int p = 0; p < parts; ++p)
        detail->patches[p].assign(demand.patches[p].size(),
                                  std::vector<LayerDetail>(static_cast<std::size_t>(count)));
    const auto whole = [&](int l) -> const Paths& { return whole_layer(table, l + 1); };
    // Runs of equal layers are looked at once: prisms are common where letters are.
    const auto same_as_before = [&](int l) {
        if (l < 2 || whole(l) != whole(l - 1) || whole(l - 1) != whole(l - 2))
            return false;
        for (int p = 0; p < parts; ++p) {
            if (table.parts[p].layers[l] != table.parts[p].layers[l - 1])
                return false;
            for (const PatchDemand& patch : demand.patches[p])
                if (patch.layers[l] != patch.layers[l - 1])
                    return false;
        }
        return true;
    };
    std::atomic<int> done = 0;
    std::vector<char> repeats(static_cast<std::size_t>(count), 0);
    const int lug_layers = std::max(1, static_cast<int>(std::ceil(s.lug_mm / table.grid.height_mm - 1e-6)));
    const Rows nothing;
    const auto above = [&](int l) -> const Rows& {
        return l < count ? table.rows[static_cast<std::size_t>(l)] : nothing;
    };
    tbb::parallel_for(0, count, [&](int l) {
        if (progress.stopped() || (repeats[l] = same_as_before(l)))
            return;
        const double w = s.stroke_mm;
        const Rows* hangs = hanging.empty() || hanging[static_cast<std::size_t>(l)]->empty()
                                ? nullptr
                                : hanging[static_cast<std::size_t>(l)];
        Paths thin_whole; // of the whole layer, what is thinner than a lug; looked for once something hangs
        bool looked = false;
        for (int p = 0; p < parts; ++p) {
            const Paths& outline = table.parts[p].layers[l];
            if (outline.empty())
                continue;
            LayerDetail& d = detail->parts[p][l];
            d = fine_places(outline, s);
            // Gaps that another part fills are none.
            if (!d.gaps.empty())
                d.gaps = larger_than(subtract(d.gaps, whole(l)), w * w / 2);
            for (std::size_t k = 0; k < demand.patches[p].size(); ++k)
                detail->patches[p][k][l] = fine_places_of_paint(demand.patches[p][k].layers[l], l == 0, s);
            if (!hangs)
                continue;
            const Rows mine = parts == 1 ? *hangs : intersect(rows_of(outline, hangs->pitch), *hangs);
            if (area_mm2(mine) <= w * w)
                continue;
            if (!std::exchange(looked, true) && may_be_narrow(whole(l), s.lug_mm))
                thin_whole = lost_by_opening(smoothed(whole(l)), s.lug_mm);
            if (!thin_whole.empty())
                d.lugs = larger_than(intersect(thin_whole, paths_of(mine)), w * w);
            for (const Rows& tab : thin_upwards(mine, above(l + lug_layers), above(l + lug_layers / 2), s))
                d.lugs = unite(d.lugs, paths_of(tab));
        }
        progress.at(double(++done) / count);
    });
    if (progress.stopped())
        return Error{say("Stopped before the details were looked at.")};
    for (int l = 1; l < count; ++l)
        if (repeats[l])
            for (int p = 0; p < parts; ++p) {
                detail->parts[p][l] = detail->parts[p][l - 1];
                for (std::vector<LayerDetail>& patch : detail->patches[p])
                    patch[l] = patch[l - 1];
            }
    return std::shared_ptr<const Detail>(std::move(detail));
}

} // namespace vitrail
