#include "core/purge/plate.h"

#include "core/geometry/polygon.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <numbers>

namespace vitrail {

namespace {

Path ring_of(const Outline& outline) {
    Path ring;
    for (const auto& [x, y] : outline)
        ring.emplace_back(std::llround(x * kUnitsPerMm), std::llround(y * kUnitsPerMm));
    return ring;
}

struct Size {
    double w = 0, d = 0;
};

Size size_of(const Bounds& b) {
    return {double(b.max.x) - b.min.x, double(b.max.y) - b.min.y};
}

/// The outline around the middle of the piece's own box, turned about it.
Outline outline_of(const LayerTable& table, double turn_deg) {
    const Bounds& b = table.bounds;
    const double mx = (double(b.min.x) + b.max.x) / 2, my = (double(b.min.y) + b.max.y) / 2;
    const double a = turn_deg * std::numbers::pi / 180, c = std::cos(a), s = std::sin(a);
    Outline out;
    for (const auto& [x, y] : table.shadow)
        out.emplace_back((x - mx) * c - (y - my) * s, (x - mx) * s + (y - my) * c);
    return out;
}

/// One that is turned about the middle of its own box, which comes to lie there.
Placed stand(const LayerTable& table, int piece, int nth, double origin_x, double origin_y, double turn_deg) {
    Placed p;
    p.piece = piece;
    p.nth = nth;
    p.turn_deg = turn_deg;
    p.origin_x_mm = origin_x;
    p.origin_y_mm = origin_y;
    p.outline = outline_of(table, turn_deg);
    double x0 = 1e300, x1 = -1e300, y0 = 1e300, y1 = -1e300;
    for (auto& [x, y] : p.outline) {
        x += origin_x;
        y += origin_y;
        x0 = std::min(x0, x), x1 = std::max(x1, x), y0 = std::min(y0, y), y1 = std::max(y1, y);
    }
    static_cast<Footprint&>(p) = {(x0 + x1) / 2, (y0 + y1) / 2, x1 - x0, y1 - y0};
    if (turn_deg == 0) // slices end a little inside of the piece
        static_cast<Footprint&>(p) = {origin_x, origin_y, size_of(table.bounds).w, size_of(table.bounds).d};
    return p;
}

/// Sides of the columns that stand on the bed.
std::vector<double> sides_of(const Tower& tower) {
    std::vector<double> sides;
    for (const TowerColumn& c : tower.columns)
        if (c.from_layer == 1)
            sides.push_back(c.width_mm);
    return sides;
}

/// Columns side by side in one strip.
struct TowerStrip {
    std::vector<double> sides;
    double length = 0, width = 0;
};

TowerStrip strip_of(const Tower& tower, double gap) {
    TowerStrip strip{sides_of(tower)};
    for (const double s : strip.sides) {
        strip.length += s + (strip.length > 0 ? gap : 0);
        strip.width = std::max(strip.width, s);
    }
    return strip;
}

/// Copies in rows.
struct Rowed {
    std::vector<std::pair<double, double>> copies; ///< middles
    std::vector<Footprint> towers;
    double away = 0;
    int across = 0;
    bool fits = true;
};

double margins(const Project& p) {
    return 2 * p.settings.margin_mm;
}

Outline box_outline(const KeepClear& z) {
    return {{z.x_mm, z.y_mm},
            {z.x_mm + z.w_mm, z.y_mm},
            {z.x_mm + z.w_mm, z.y_mm + z.d_mm},
            {z.x_mm, z.y_mm + z.d_mm}};
}

bool meets(const KeepClear& z, const Footprint& f) {
    return std::abs(f.x_mm - z.x_mm - z.w_mm / 2) < (f.w_mm + z.w_mm) / 2 &&
           std::abs(f.y_mm - z.y_mm - z.d_mm / 2) < (f.d_mm + z.d_mm) / 2;
}

/// So many across in a block, with the strip at one of its sides: right, left, behind, in front.
Rowed block(const Project& p, Size size, double gap, int copies, int across, const TowerStrip& strip,
            int side) {
    const Machine& m = p.machine;
    const double bed_x = m.bed_x_mm - margins(p), bed_y = m.bed_y_mm - margins(p); // what may be used of it
    const int rows = (copies + across - 1) / across;
    const double bw = across * (size.w + gap) - gap, bd = rows * (size.d + gap) - gap;
    const bool beside = side < 2, alone = strip.sides.empty();
    const double all_w = bw + (alone || !beside ? 0 : gap + strip.width),
                 all_d = bd + (alone || beside ? 0 : gap + strip.width);
    Rowed out;
    out.across = across;
    out.fits = all_w <= bed_x && all_d <= bed_y && (alone || strip.length <= (beside ? bed_y : bed_x));
    out.away = alone ? 0 : (beside ? bw : bd) / 2 + gap + strip.width / 2;
    // The block in the middle, moved aside as far as the tower needs it.
    const double need = gap + strip.width;
    double cx = m.bed_x_mm / 2, cy = m.bed_y_mm / 2;
    if (!alone && beside)
        cx += (side == 0 ? -1 : 1) * std::max(0.0, need - (bed_x - bw) / 2);
    if (!alone && !beside)
        cy += (side == 2 ? -1 : 1) * std::max(0.0, need - (bed_y - bd) / 2);
    for (int i = 0; i < copies; ++i) {
        const int column = i % across, row = i / across;
        out.copies.emplace_back(cx - bw / 2 + column * (size.w + gap) + size.w / 2,
                                cy - bd / 2 + row * (size.d + gap) + size.d / 2);
    }
    double at = -strip.length / 2;
    for (const double s : strip.sides) {
        const double along = at + s / 2,
                     off = (side % 2 == 0 ? 1 : -1) * ((beside ? bw : bd) / 2 + gap + s / 2);
        out.towers.push_back(beside ? Footprint{cx + off, cy + along, s, s}
                                    : Footprint{cx + along, cy + off, s, s});
        at += s + gap;
    }
    for (const KeepClear& z : m.keep_clear) {
        for (const auto& [x, y] : out.copies)
            out.fits = out.fits && !meets(z, {x, y, size.w, size.d});
        for (const Footprint& t : out.towers)
            out.fits = out.fits && !meets(z, t);
    }
    return out;
}

/// What fits first, then what keeps the tower close, then what is compact.
Rowed in_rows(const Project& p, Size size, int copies, const Tower& tower) {
    const double gap = p.settings.spacing_mm;
    const TowerStrip strip = strip_of(tower, gap);
    Rowed best;
    double best_score = std::numeric_limits<double>::infinity();
    for (int across = 1; across <= copies; ++across) {
        const int rows = (copies + across - 1) / across;
        const double bw = across * (size.w + gap) - gap, bd = rows * (size.d + gap) - gap;
        if (across > 1 && bw > p.machine.bed_x_mm - margins(p))
            break;
        for (int side = 0; side < (strip.sides.empty() ? 1 : 4); ++side) {
            Rowed tried = block(p, size, gap, copies, across, strip, side);
            const double score = (tried.fits ? 0 : 1e9) + tried.away * 10 + std::hypot(bw, bd);
            if (score < best_score) {
                best_score = score;
                best = std::move(tried);
            }
        }
    }
    return best;
}

/// How many copies rows have room for, at most `copies`.
int room_in_rows(const Project& p, Size size, int copies, const Tower& tower) {
    int low = 0, high = copies + 1; // low fit, high do not
    while (high - low > 1) {
        const int n = (low + high) / 2;
        (in_rows(p, size, n, tower).fits ? low : high) = n;
    }
    return low;
}

const Placement* pinned_at(const Project& p, const Piece& piece, int nth) {
    const auto at = std::find_if(p.pinned.begin(), p.pinned.end(),
                                 [&](const Placement& x) { return x.piece == piece.name && x.nth == nth; });
    return at == p.pinned.end() ? nullptr : &*at;
}

void finish(Plate& plate) {
    std::vector<std::pair<double, double>> seen;
    for (const Placed& x : plate.placed)
        seen.insert(seen.end(), x.outline.begin(), x.outline.end());
    plate.around = convex_outline(std::move(seen));
}

double from_the_middle(const Plate& plate) {
    double x0 = 1e300, x1 = -1e300, y0 = 1e300, y1 = -1e300, tx = 0, ty = 0;
    for (const auto& [x, y] : plate.around)
        x0 = std::min(x0, x), x1 = std::max(x1, x), y0 = std::min(y0, y), y1 = std::max(y1, y);
    for (const Footprint& t : plate.towers)
        tx += t.x_mm / static_cast<double>(plate.towers.size()),
            ty += t.y_mm / static_cast<double>(plate.towers.size());
    return plate.towers.empty() || plate.around.empty() ? 0
                                                        : std::hypot(tx - (x0 + x1) / 2, ty - (y0 + y1) / 2);
}

Plate from_rows(const LayerTable& table, int piece, const Rowed& rows) {
    Plate plate;
    plate.across = rows.across;
    plate.towers = rows.towers;
    plate.tower_away_mm = rows.away;
    plate.fits = rows.fits;
    for (std::size_t i = 0; i < rows.copies.size(); ++i)
        plate.placed.push_back(
            stand(table, piece, static_cast<int>(i) + 1, rows.copies[i].first, rows.copies[i].second, 0));
    return plate;
}

/// The outlines that wait for a place, and which of which piece they are.
struct Waiting {
    ArrangeTask task;
    std::vector<std::vector<std::pair<int, int>>> who; ///< [item][nth]: piece, and nth of it
    std::vector<Placed> pinned;
    std::size_t towers = 0; ///< the last items
};

/// How long something is printed at, in tenths of the whole print: so that a change of layers or of a tower's
/// last one moves nothing.
int lasting(int layers, const Printed& printed) {
    constexpr int kSteps = 10;
    return (layers * kSteps + printed.grid.count - 1) / std::max(1, printed.grid.count);
}

Waiting waiting_for(const Project& p, const Printed& printed, const Tower& tower) {
    Waiting w;
    w.task.bed_x_mm = p.machine.bed_x_mm;
    w.task.bed_y_mm = p.machine.bed_y_mm;
    w.task.margin_mm = p.settings.margin_mm;
    for (const KeepClear& z : p.machine.keep_clear)
        w.task.fixed.push_back({box_outline(z)});
    w.task.gap_mm = p.settings.spacing_mm;
    w.task.turns = 1 << static_cast<int>(p.settings.arrange_turns);
    for (std::size_t i = 0; i < p.pieces.size(); ++i) {
        std::vector<std::pair<int, int>> who;
        const int count = count_of(p, p.pieces[i]);
        for (int nth = 1; nth <= count; ++nth)
            if (const Placement* at = pinned_at(p, p.pieces[i], nth)) {
                w.pinned.push_back(place_at(*printed.pieces[i].table, static_cast<int>(i), nth, at->x_mm,
                                            at->y_mm, at->turn_deg));
                w.pinned.back().pinned = true;
                w.task.fixed.push_back({w.pinned.back().outline});
            } else {
                who.emplace_back(static_cast<int>(i), nth);
            }
        if (!who.empty()) {
            w.task.items.push_back({outline_of(*printed.pieces[i].table, 0), static_cast<int>(who.size()),
                                    lasting(printed.pieces[i].layers(), printed)});
            w.who.push_back(std::move(who));
        }
    }
    for (const double side : sides_of(tower)) { // in whole mm, so that a little more purge moves nothing
        const double h = std::ceil(side) / 2;
        w.task.items.push_back({{{-h, -h}, {h, -h}, {h, h}, {-h, h}}, 1, lasting(tower.layers, printed)});
        ++w.towers;
    }
    return w;
}

/// At most as many as the bed has area for, and one by one.
void limit(Waiting& w, const LayerTable& table) {
    const double most = w.task.bed_x_mm * w.task.bed_y_mm / std::max(1.0, area_mm2(table.shadow));
    w.task.items.front().count =
        std::min(w.task.items.front().count,
                 std::clamp(static_cast<int>(most), 1, kMostArranged - static_cast<int>(w.towers)));
    w.who.front().resize(static_cast<std::size_t>(w.task.items.front().count));
}

Plate from_arrangement(const Printed& printed, const Waiting& w, const Arrangement& made,
                       const Tower& tower) {
    Plate plate;
    plate.placed = w.pinned;
    for (std::size_t i = 0; i < w.who.size(); ++i)
        for (std::size_t k = 0; k < w.who[i].size(); ++k)
            if (const Arranged& a = made.items[i][k]; a.placed) {
                const auto [piece, nth] = w.who[i][k];
                plate.placed.push_back(stand(*printed.pieces[static_cast<std::size_t>(piece)].table, piece,
                                             nth, a.x_mm, a.y_mm, a.turn_deg));
            }
    std::stable_sort(plate.placed.begin(), plate.placed.end(), [](const Placed& a, const Placed& b) {
        return std::pair(a.piece, a.nth) < std::pair(b.piece, b.nth);
    });
    const std::vector<double> sides = sides_of(tower);
    for (std::size_t i = 0; i < w.towers; ++i)
        if (const Arranged& a = made.items[w.who.size() + i].front(); a.placed)
            plate.towers.push_back({a.x_mm, a.y_mm, sides[i], sides[i]});
    plate.fits = made.fits;
    return plate;
}

} // namespace

Placed place_at(const LayerTable& table, int piece, int nth, double x_mm, double y_mm, double turn_deg) {
    const Placed at_origin = stand(table, piece, nth, 0, 0, turn_deg);
    return stand(table, piece, nth, x_mm - at_origin.x_mm, y_mm - at_origin.y_mm, turn_deg);
}

Plate PlateStage::lay_out(const Project& p, const Printed& printed, const Tower& tower,
                          const std::stop_token& stop) {
    const int asked = count_of_all(p);
    std::vector<std::size_t> kinds;
    for (std::size_t i = 0; i < p.pieces.size(); ++i)
        if (count_of(p, p.pieces[i]) > 0)
            kinds.push_back(i);
    const bool alike = kinds.size() == 1 && p.pinned.empty();
    Plate plate;
    if (alike) {
        const LayerTable& table = *printed.pieces[kinds.front()].table;
        plate = from_rows(table, static_cast<int>(kinds.front()),
                          in_rows(p, size_of(table.bounds), asked, tower));
        plate.room_for = plate.fits ? asked : room_in_rows(p, size_of(table.bounds), asked, tower);
    }
    // Where rows hold many, outlines gain little.
    if (!alike || (!plate.fits && plate.room_for < kMostArranged && layout == Layout::outlines)) {
        Waiting w = waiting_for(p, printed, tower);
        w.task.layout = layout;
        if (alike) // more than the bed's area could hold need not be tried
            limit(w, *printed.pieces[kinds.front()].table);
        const auto made = arranged_.get(w.task, [&]() -> Result<std::shared_ptr<const Arrangement>> {
            Arrangement fresh = arrange(w.task, stop);
            if (stop.stop_requested())
                return Error{
                    say("Stopped before everything had its place.")}; // half of it must not be remembered
            return std::make_shared<const Arrangement>(std::move(fresh));
        });
        if (!made) {
            plate.fits = false;
            return plate;
        }
        Plate by_outline = from_arrangement(printed, w, **made, tower);
        const int room = static_cast<int>(by_outline.placed.size());
        if (!alike || (by_outline.fits && room == asked))
            plate = std::move(by_outline);
        plate.room_for = std::max(plate.room_for, room);
    }
    finish(plate);
    if (!plate.across)
        plate.tower_away_mm = from_the_middle(plate);
    return plate;
}

bool on_bed(const Outline& outline, const Project& p) {
    const double free = p.settings.margin_mm - 1e-3;
    return std::all_of(outline.begin(), outline.end(), [&](const auto& q) {
        return q.first >= free && q.second >= free && q.first <= p.machine.bed_x_mm - free &&
               q.second <= p.machine.bed_y_mm - free;
    });
}

const KeepClear* kept_clear(const Outline& outline, const Machine& m) {
    const auto at = std::find_if(m.keep_clear.begin(), m.keep_clear.end(),
                                 [&](const KeepClear& z) { return overlap(outline, box_outline(z)); });
    return at == m.keep_clear.end() ? nullptr : &*at;
}

bool overlap(const Outline& a, const Outline& b) {
    constexpr double kTouch_mm2 = 0.01; // edges that meet share a little by rounding
    return area_mm2(intersect(Paths{ring_of(a)}, Paths{ring_of(b)})) > kTouch_mm2;
}

double distance_mm(const Outline& a, const Outline& b) {
    if (overlap(a, b))
        return 0;
    double least = std::numeric_limits<double>::infinity();
    const auto to_edges = [&](const Outline& from, const Outline& to) {
        for (const auto& [px, py] : from)
            for (std::size_t i = 0; i < to.size(); ++i) {
                const auto& [x0, y0] = to[i];
                const auto& [x1, y1] = to[(i + 1) % to.size()];
                const double ex = x1 - x0, ey = y1 - y0, all = ex * ex + ey * ey;
                const double along =
                    all > 0 ? std::clamp(((px - x0) * ex + (py - y0) * ey) / all, 0.0, 1.0) : 0;
                least = std::min(least, std::hypot(px - x0 - along * ex, py - y0 - along * ey));
            }
    };
    to_edges(a, b);
    to_edges(b, a);
    return least;
}

Outline grown(const Outline& outline, double mm) {
    Outline out;
    for (const Path& larger : offset({ring_of(outline)}, mm))
        for (const IntPoint& q : larger)
            out.emplace_back(static_cast<double>(q.X) / kUnitsPerMm, static_cast<double>(q.Y) / kUnitsPerMm);
    return out;
}

} // namespace vitrail
