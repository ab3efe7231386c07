#include "core/purge/arrange.h"

#define LIBNEST2D_GEOMETRIES_clipper
#define LIBNEST2D_OPTIMIZER_nlopt
#define LIBNEST2D_THREADING_tbb // its own way starts a thread for every pair of outlines
#include <libnest2d/common.hpp>
// C++20 also compares two angles by way of the library's == for degrees and radians, and cannot choose.
namespace libnest2d {
inline bool operator!=(const Radians& a, const Radians& b) {
    return static_cast<double>(a) != static_cast<double>(b);
}
} // namespace libnest2d
#include <libnest2d/libnest2d.hpp>

#include <algorithm>
#include <cmath>
#include <numbers>
#include <utility>

namespace vitrail {

namespace {

constexpr double kUnits = 1000; ///< whole micrometres, as everywhere
constexpr int kCorners = 32;    ///< of an outline that is arranged; a circle of 100 mm grows by 0.5 mm

libnest2d::Coord units(double mm) {
    return static_cast<libnest2d::Coord>(std::llround(mm * kUnits));
}

/// libnest2d wants rings closed, and clockwise.
libnest2d::Item item_of(const Outline& outline) {
    libnest2d::PolygonImpl shape;
    for (auto p = outline.rbegin(); p != outline.rend(); ++p)
        shape.Contour.emplace_back(units(p->first), units(p->second));
    shape.Contour.push_back(shape.Contour.front());
    return libnest2d::Item(std::move(shape));
}

/// Whether that much cannot lie on the bed whatever is tried, so that nothing need be.
bool hopeless(const ArrangeTask& task) {
    double needed = 0;
    for (const ArrangeItem& item : task.items)
        needed += area_mm2(item.outline) * item.count;
    return needed > (task.bed_x_mm - 2 * task.margin_mm) * (task.bed_y_mm - 2 * task.margin_mm);
}

/// More than that are turned by half turns only.
constexpr int kTurnedFreely = 50;

/// Several of an item in rows, arranged as one.
struct Block {
    std::size_t item = 0;
    int first = 0, count = 1, across = 1; ///< which of the item, and how many in a row
    double step_x = 0, step_y = 0;
    Outline outline;
};

struct ItemBox {
    double x0 = 1e300, y0 = 1e300, x1 = -1e300, y1 = -1e300;
};
ItemBox box_of(const Outline& outline) {
    ItemBox b;
    for (const auto& [x, y] : outline)
        b.x0 = std::min(b.x0, x), b.x1 = std::max(b.x1, x), b.y0 = std::min(b.y0, y),
        b.y1 = std::max(b.y1, y);
    return b;
}

/// From the middle of a block to the middle of its n-th.
std::pair<double, double> offset_in(const Block& b, int n) {
    const int across = std::min(b.across, b.count), rows = (b.count + b.across - 1) / b.across;
    const int column = n % b.across, row = n / b.across;
    return {(column - (across - 1) / 2.0) * b.step_x, (row - (rows - 1) / 2.0) * b.step_y};
}

Block make_block(const ArrangeTask& task, std::size_t item, int first, int count, int across) {
    const Outline& outline = task.items[item].outline;
    const ItemBox box = box_of(outline);
    Block b{item,   first, count, across, box.x1 - box.x0 + task.gap_mm, box.y1 - box.y0 + task.gap_mm,
            outline};
    if (count == 1)
        return b;
    const int in_a_row = std::min(across, count), rows = (count + across - 1) / across;
    const double w = in_a_row * b.step_x - task.gap_mm, d = rows * b.step_y - task.gap_mm;
    b.outline = {{-w / 2, -d / 2}, {w / 2, -d / 2}, {w / 2, d / 2}, {-w / 2, d / 2}};
    return b;
}

std::vector<Block> blocks_of(const ArrangeTask& task) {
    std::vector<int> size(task.items.size(), 1); // of a block
    const auto blocks = [&](std::size_t i) { return (task.items[i].count + size[i] - 1) / size[i]; };
    for (;;) {
        int all = 0;
        std::size_t most = 0;
        for (std::size_t i = 0; i < size.size(); ++i) {
            all += blocks(i);
            most = blocks(i) > blocks(most) ? i : most;
        }
        if (all <= kMostArranged || blocks(most) <= 1)
            break;
        ++size[most];
    }
    std::vector<Block> out;
    for (std::size_t i = 0; i < size.size(); ++i) {
        const ItemBox box = box_of(task.items[i].outline);
        const double w = box.x1 - box.x0 + task.gap_mm, d = box.y1 - box.y0 + task.gap_mm;
        const int across = std::clamp(static_cast<int>(std::lround(std::sqrt(size[i] * d / w))), 1,
                                      size[i]); // nearly square
        for (int first = 0; first < task.items[i].count; first += size[i])
            out.push_back(make_block(task, i, first, std::min(size[i], task.items[i].count - first), across));
    }
    return out;
}

} // namespace

Outline simplified(const Outline& outline, int corners) {
    if (static_cast<int>(outline.size()) <= corners)
        return outline;
    struct Tangent {
        double nx, ny, reach;
    };
    std::vector<Tangent> tangents;
    for (int i = 0; i < corners; ++i) {
        const double a = 2 * std::numbers::pi * i / corners;
        Tangent t{std::cos(a), std::sin(a), -1e300};
        for (const auto& [x, y] : outline)
            t.reach = std::max(t.reach, x * t.nx + y * t.ny);
        tangents.push_back(t);
    }
    Outline out;
    for (std::size_t i = 0; i < tangents.size(); ++i) {
        const Tangent &a = tangents[i], &b = tangents[(i + 1) % tangents.size()];
        const double det = a.nx * b.ny - a.ny * b.nx;
        const std::pair corner{(a.reach * b.ny - b.reach * a.ny) / det,
                               (a.nx * b.reach - b.nx * a.reach) / det};
        if (out.empty() ||
            std::hypot(corner.first - out.back().first, corner.second - out.back().second) > 1e-3)
            out.push_back(corner);
    }
    return out;
}

namespace {

/// `lasting_first`: in the order of their layers, else of their areas.
Arrangement nest(const ArrangeTask& task, bool lasting_first, const std::stop_token& stop) {
    Arrangement out;
    for (const ArrangeItem& item : task.items)
        out.items.emplace_back(static_cast<std::size_t>(item.count));
    std::vector<libnest2d::Item> items;
    for (const ArrangeFixed& fixed : task.fixed) {
        items.push_back(item_of(simplified(fixed.outline, kCorners)));
        items.back().markAsFixedInBin(0);
    }
    const std::vector<Block> blocks = blocks_of(task);
    for (const Block& block : blocks) {
        items.push_back(item_of(simplified(block.outline, kCorners)));
        if (lasting_first)
            items.back().priority(task.items[block.item].layers);
    }
    libnest2d::NfpPlacer::Config how;
    how.parallel = false; // the pieces' plans run side by side already
    how.accuracy = 0.3f;
    how.rotations.clear();
    const int turns = blocks.size() > kTurnedFreely ? std::min(task.turns, 2) : task.turns;
    for (int i = 0; i < turns; ++i)
        how.rotations.emplace_back(2 * std::numbers::pi * i / turns);
    if (!task.fixed.empty())
        how.alignment = libnest2d::NfpPlacer::Config::Alignment::DONT_ALIGN; // or what stands would be moved
                                                                             // with the rest
    const libnest2d::Box bed(units(task.bed_x_mm - 2 * task.margin_mm),
                             units(task.bed_y_mm - 2 * task.margin_mm),
                             {units(task.bed_x_mm / 2), units(task.bed_y_mm / 2)});
    libnest2d::nest(
        items, bed, units(task.gap_mm), libnest2d::NestConfig<>(how),
        libnest2d::NestControl(libnest2d::StopCondition([&stop] { return stop.stop_requested(); })));
    for (std::size_t i = 0; i < blocks.size(); ++i) {
        const libnest2d::Item& item = items[task.fixed.size() + i];
        const double turn = static_cast<double>(item.rotation()), c = std::cos(turn), n = std::sin(turn);
        for (int k = 0; k < blocks[i].count; ++k) {
            Arranged& a = out.items[blocks[i].item]
                                   [static_cast<std::size_t>(blocks[i].first) + static_cast<std::size_t>(k)];
            const auto [dx, dy] = blocks[i].count > 1 ? offset_in(blocks[i], k) : std::pair(0.0, 0.0);
            a.placed = item.binId() == 0;
            a.x_mm = static_cast<double>(item.translation().X) / kUnits + dx * c - dy * n;
            a.y_mm = static_cast<double>(item.translation().Y) / kUnits + dx * n + dy * c;
            a.turn_deg = std::fmod(std::round(turn * 180 / std::numbers::pi * 1e6) / 1e6 + 720, 360.0);
            out.fits &= a.placed;
        }
    }
    return out;
}

int placed_in(const Arrangement& made) {
    int n = 0;
    for (const auto& item : made.items)
        n += static_cast<int>(
            std::count_if(item.begin(), item.end(), [](const Arranged& a) { return a.placed; }));
    return n;
}

/// Boxes in rows from the front left corner, the deepest first (next-fit decreasing height: Coffman, Garey,
/// Johnson & Tarjan 1980, SIAM J. Comput. 9(4)). Each stands lengthwise to the bed where it may be turned.
Arrangement in_boxes(const ArrangeTask& task) {
    struct Piece {
        std::size_t item;
        double w, d;
        bool turned;
    };
    Arrangement out;
    std::vector<Piece> boxes;
    for (std::size_t i = 0; i < task.items.size(); ++i) {
        out.items.emplace_back(static_cast<std::size_t>(task.items[i].count));
        double x = 0, y = 0; // outlines lie around the middle
        for (const auto& [px, py] : task.items[i].outline)
            x = std::max(x, std::abs(px)), y = std::max(y, std::abs(py));
        const bool turned = task.turns >= 4 && y > x;
        boxes.push_back(turned ? Piece{i, 2 * y, 2 * x, true} : Piece{i, 2 * x, 2 * y, false});
    }
    std::vector<ItemBox> fixed;
    for (const ArrangeFixed& f : task.fixed)
        fixed.push_back(box_of(f.outline));
    std::stable_sort(boxes.begin(), boxes.end(), [](const Piece& a, const Piece& b) { return a.d > b.d; });
    const double right = task.bed_x_mm - task.margin_mm, back = task.bed_y_mm - task.margin_mm;
    double x = task.margin_mm, y = task.margin_mm, row = 0;
    for (const Piece& b : boxes)
        for (Arranged& a : out.items[b.item]) {
            for (;;) {
                if (x + b.w > right + 1e-9 && x > task.margin_mm) { // a new row
                    x = task.margin_mm;
                    y += row + task.gap_mm;
                    row = 0;
                }
                if (x + b.w > right + 1e-9 || y + b.d > back + 1e-9)
                    break;
                const auto in_the_way = std::find_if(fixed.begin(), fixed.end(), [&](const ItemBox& f) {
                    return f.x0 < x + b.w + task.gap_mm && x < f.x1 + task.gap_mm &&
                           f.y0 < y + b.d + task.gap_mm && y < f.y1 + task.gap_mm;
                });
                if (in_the_way == fixed.end()) {
                    a = {true, x + b.w / 2, y + b.d / 2, b.turned ? 90.0 : 0.0};
                    x += b.w + task.gap_mm;
                    row = std::max(row, b.d);
                    break;
                }
                x = in_the_way->x1 + task.gap_mm;
            }
            out.fits = out.fits && a.placed;
        }
    return out;
}

} // namespace

double area_mm2(const Outline& o) {
    double twice = 0;
    for (std::size_t i = 0; i < o.size(); ++i) {
        const auto &a = o[i], &b = o[(i + 1) % o.size()];
        twice += a.first * b.second - b.first * a.second;
    }
    return twice / 2;
}

double travel_mm(const ArrangeTask& task, const Arrangement& made) {
    struct At {
        double x, y;
        int layers;
    };
    std::vector<At> all;
    for (std::size_t i = 0; i < made.items.size(); ++i)
        for (const Arranged& a : made.items[i])
            if (a.placed)
                all.push_back({a.x_mm, a.y_mm, std::max(1, task.items[i].layers)});
    std::sort(all.begin(), all.end(), [](const At& a, const At& b) { return a.layers > b.layers; });
    double sum = 0;
    int below = 0;
    for (std::size_t last = all.size(); last > 0;) {
        const int top = all[last - 1].layers;
        if (top > below) { // layers (below, top] have all of the first `last`
            std::vector<double> near(last, 1e300);
            double tree = 0;
            std::size_t at = 0;
            for (std::size_t n = 1; n < last; ++n) {
                near[at] = -1;
                std::size_t next = 0;
                for (std::size_t k = 0; k < last; ++k)
                    if (near[k] >= 0) {
                        near[k] = std::min(near[k], std::hypot(all[k].x - all[at].x, all[k].y - all[at].y));
                        if (near[next] < 0 || near[k] < near[next])
                            next = k;
                    }
                tree += near[next];
                at = next;
            }
            sum += tree * (top - below);
            below = top;
        }
        --last;
    }
    return sum;
}

Arrangement arrange(const ArrangeTask& task, const std::stop_token& stop) {
    if (hopeless(task)) {
        Arrangement none;
        for (const ArrangeItem& item : task.items)
            none.items.emplace_back(static_cast<std::size_t>(item.count));
        none.fits = false;
        return none;
    }
    if (task.layout == Layout::boxes)
        return in_boxes(task);
    const bool alike = std::all_of(task.items.begin(), task.items.end(), [&](const ArrangeItem& item) {
        return item.layers == task.items.front().layers;
    });
    Arrangement by_area = nest(task, false, stop);
    if (!by_area.fits && !stop.stop_requested())
        if (Arrangement rows = in_boxes(task);
            placed_in(rows) > placed_in(by_area)) // rare, but then it is nothing to be without
            by_area = std::move(rows);
    if (alike || stop.stop_requested())
        return by_area;
    Arrangement by_layers = nest(task, true, stop);
    const int a = placed_in(by_layers), b = placed_in(by_area);
    return a > b || (a == b && travel_mm(task, by_layers) < travel_mm(task, by_area)) ? by_layers : by_area;
}

} // namespace vitrail
