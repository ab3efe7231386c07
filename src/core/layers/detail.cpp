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

} // namespace

DetailSettings detail_settings(const Settings& s) {
    return {s.check_thin_share_pct < 100, s.check_stroke_mm > 0 ? s.check_stroke_mm : s.line_width_mm, s.line_width_mm,
            s.check_lug_lines * s.line_width_mm};
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
    const double around = perimeter_mm(strip);
    return around > 0 ? 2 * area_mm2(strip) / around : 0;
}

Result<std::shared_ptr<const Detail>> make_detail(const LayerTable& table, const Demand& demand, const std::vector<const Rows*>& hanging, const DetailSettings& s,
                                                  const Progress& progress) {
    const int count = table.grid.count, parts = static_cast<int>(table.parts.size());
    auto detail = std::make_shared<Detail>();
    detail->parts.assign(static_cast<std::size_t>(parts), std::vector<LayerDetail>(static_cast<std::size_t>(count)));
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
    tbb::parallel_for(0, count, [&](int l) {
        if (progress.stopped() || (repeats[l] = same_as_before(l)))
            return;
        const double w = s.stroke_mm, line = s.line_width_mm;
        const Rows* hangs = hanging.empty() || hanging[static_cast<std::size_t>(l)]->empty() ? nullptr : hanging[static_cast<std::size_t>(l)];
        Paths thin_whole; // of the whole layer, what is thinner than a lug; looked for once something hangs
        bool looked = false;
        for (int p = 0; p < parts; ++p) {
            const Paths& outline = table.parts[p].layers[l];
            if (outline.empty())
                continue;
            LayerDetail& d = detail->parts[p][l];
            d.part_mm2 = area_mm2(outline);
            const bool thin_places = may_be_narrow(outline, std::max(2 * line, w)), close_places = may_be_narrow(outline, w);
            const Paths area = thin_places || close_places || hangs ? smoothed(outline) : Paths{};
            // All that is thinner than two lines; mostly there is nothing.
            const Paths thin = thin_places ? lost_by_opening(area, std::max(2 * line, w)) : Paths{};
            if (!thin.empty()) {
                d.strokes = lost_by_opening(area, w);
                d.strokes_mm2 = area_mm2(d.strokes);
                d.walls = larger_than(subtract(thin, offset(d.strokes, kSlack_mm)), 4 * line * line);
                d.thinnest_wall_mm = thickness_mm(d.walls);
            }
            for (const PatchDemand& patch : demand.patches[p]) {
                for (const Paths& piece : apart(patch.layers[l])) {
                    if (!may_be_narrow(piece, w))
                        continue;
                    const Paths lost = lost_by_opening(smoothed(piece), w);
                    d.strokes.insert(d.strokes.end(), lost.begin(), lost.end());
                    d.strokes_mm2 += area_mm2(lost);
                }
            }
            // Gaps that another part fills are none.
            const Paths gaps = close_places ? lost_by_closing(area, w) : Paths{};
            if (!gaps.empty()) {
                d.gaps = larger_than(subtract(gaps, whole(l)), w * w / 2);
                d.gaps_mm2 = area_mm2(d.gaps);
            }
            if (!hangs)
                continue;
            const Rows mine = parts == 1 ? *hangs : intersect(rows_of(area, hangs->pitch), *hangs);
            if (area_mm2(mine) <= w * w)
                continue;
            if (!std::exchange(looked, true) && may_be_narrow(whole(l), s.lug_mm))
                thin_whole = lost_by_opening(smoothed(whole(l)), s.lug_mm);
            if (!thin_whole.empty())
                d.lugs = larger_than(intersect(thin_whole, paths_of(mine)), w * w);
        }
        progress.at(double(++done) / count);
    });
    if (progress.stopped())
        return Error{say("Stopped before the details were looked at.")};
    for (int l = 1; l < count; ++l)
        if (repeats[l])
            for (int p = 0; p < parts; ++p)
                detail->parts[p][l] = detail->parts[p][l - 1];
    return std::shared_ptr<const Detail>(std::move(detail));
}

} // namespace vitrail
