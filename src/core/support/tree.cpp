#include "core/support/tree.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>
#include <optional>
#include <utility>

namespace vitrail {

namespace {

constexpr int kDirections = 16;

struct Place {
    double x = 0, y = 0; ///< mm
};

/// Without std::hypot, whose care for overflow costs more than all else of a branch's way.
double between(Place a, Place b) {
    const double x = a.x - b.x, y = a.y - b.y;
    return std::sqrt(x * x + y * y);
}

/// So far from a place towards one of the directions.
Place around(Place p, int direction, double mm) {
    static const auto unit = [] {
        std::array<Place, kDirections> all;
        for (int i = 0; i < kDirections; ++i) {
            const double a = 2 * std::numbers::pi * i / kDirections;
            all[static_cast<std::size_t>(i)] = {std::cos(a), std::sin(a)};
        }
        return all;
    }();
    const Place u = unit[static_cast<std::size_t>(direction)];
    return {p.x + mm * u.x, p.y + mm * u.y};
}

IntPoint units(Place p) {
    return {std::llround(p.x * kUnitsPerMm), std::llround(p.y * kUnitsPerMm)};
}

Path circle(Place middle, double r_mm) {
    Path ring;
    ring.reserve(kDirections);
    for (int i = 0; i < kDirections; ++i)
        ring.push_back(units(around(middle, i, r_mm)));
    return ring;
}

/// A branch on its way down, and where it has been.
struct Branch {
    Place at;
    int begun = 0; ///< layer of its own tip
    int tip = 0;   ///< and of the highest that it carries
    bool growing = true, dropped = false;
    std::vector<std::pair<int, Path>> trail = {}; ///< layer and cross-section
    std::vector<int> merged = {};                 ///< branches that ended in this one
};

/// The middle of the middle stretch: inside, however small and in however many pieces.
Place middle_of(const Rows& area) {
    const std::size_t middle = area.spans.size() / 2;
    const auto after = std::upper_bound(area.starts.begin(), area.starts.end(), middle);
    const auto line = area.first + (after - area.starts.begin()) - 1;
    const double x = (double(area.spans[middle].from) + area.spans[middle].to) / 2;
    return {x / kUnitsPerMm, ((double(line) + 0.5) * area.pitch - Rows::kSkew * x) / kUnitsPerMm};
}

/// Points of a grid that lies the same in every layer.
std::vector<Place> grid_in(const Rows& area, double spacing) {
    std::vector<Place> points;
    const Box b = box_of(area);
    const double x0 = std::floor(double(b.left) / kUnitsPerMm / spacing) * spacing,
                 y0 = std::floor(double(b.top) / kUnitsPerMm / spacing) * spacing;
    for (double x = x0; x <= double(b.right) / kUnitsPerMm; x += spacing)
        for (double y = y0; y <= double(b.bottom) / kUnitsPerMm; y += spacing)
            if (contains(area, units({x, y})))
                points.push_back({x, y});
    return points;
}

/// Lets the branches of one tree grow, from the topmost layer down.
class Tree {
public:
    Tree(const LayerGrid& grid, const std::vector<Rows>& piece, const Tops& tops,
         const std::vector<Rows>& blocked, const SupportRules& rules)
        : grid_(grid), piece_(piece), blocked_(blocked), tops_(tops), r_(rules), clear_(piece.size()) {}

    void grow(const Progress& progress) {
        constexpr int kCoarse = 5; // near enough for where a middle must not be
        tbb::parallel_for(std::size_t{0}, piece_.size(), [&](std::size_t i) {
            if (!progress.stopped())
                clear_[i] = grown(coarser(blocked_[i], kCoarse), r_.branch_mm / 2);
        });
        for (int layer = grid_.count; layer >= 1 && !progress.stopped(); --layer) {
            begin(layer);
            for (const int b : growing_)
                if (all_[static_cast<std::size_t>(b)].growing)
                    go_down(b, layer);
            std::erase_if(growing_, [&](int b) { return !all_[static_cast<std::size_t>(b)].growing; });
        }
        drop_what_ends_dropped();
    }

    /// Cross-sections, [layer − 1]; those near their tip may come close to the piece.
    struct Sections {
        std::vector<Paths> near, far;
    };
    Sections sections() const {
        Sections out{std::vector<Paths>(piece_.size()), std::vector<Paths>(piece_.size())};
        for (const Branch& b : all_)
            if (!b.dropped)
                for (const auto& [layer, ring] : b.trail)
                    (is_near(b, layer) ? out.near : out.far)[static_cast<std::size_t>(layer) - 1].push_back(
                        ring);
        return out;
    }

private:
    bool is_near(const Branch& b, int layer) const {
        return grid_.top_mm(b.begun) - grid_.top_mm(layer) <
               drawn_back_mm(r_.beside_mm + r_.branch_mm / 2, r_.angle_deg) + grid_.thickness_mm(layer);
    }

    /// Tips below what hangs over this layer: on a grid, and where that leaves out more than may be bridged.
    void begin(int layer) {
        for (const Rows* area : tops_[static_cast<std::size_t>(layer) - 1]) {
            for (const Place tip : grid_in(*area, r_.spacing_mm))
                if (!passes(tip, r_.branch_mm / 2)) // else that branch carries it
                    begin(tip, layer);
            constexpr double kNothing_mm2 = 0.02; // no line is as small
            for (Rows left = subtract(*area, reached(*area)); area_mm2(left) >= kNothing_mm2;) {
                const Place tip = middle_of(left);
                begin(tip, layer);
                left = subtract(left, rows_of({circle(tip, bridged_mm(r_))}, left.pitch));
            }
        }
    }
    void begin(Place tip, int layer) {
        all_.push_back({tip, layer, layer});
        growing_.push_back(static_cast<int>(all_.size()) - 1);
    }
    bool passes(Place p, double mm) const {
        return std::any_of(growing_.begin(), growing_.end(),
                           [&](int b) { return between(all_[static_cast<std::size_t>(b)].at, p) < mm; });
    }
    /// Around the branches near an area.
    Rows reached(const Rows& area) const {
        const Box box = grown(box_of(area), bridged_mm(r_));
        Paths discs;
        for (const int b : growing_)
            if (const Place at = all_[static_cast<std::size_t>(b)].at; box.meets(box_of({{units(at)}})))
                discs.push_back(circle(at, bridged_mm(r_)));
        return rows_of(discs, area.pitch);
    }

    void go_down(int number, int layer) {
        Branch& b = all_[static_cast<std::size_t>(number)];
        const double step = grid_.thickness_mm(layer) * std::tan(r_.lean_deg * std::numbers::pi / 180);
        const std::optional<Place> wish = towards_others(number, layer, step);
        if (!wish)
            return;
        if (const std::optional<Place> next = past_the_piece(b, *wish, layer, step)) {
            b.at = *next;
            constexpr double kThickest_mm = 4, kThicker = 0.05; // of the height below the tip, each side
            const double r = std::min(
                kThickest_mm, r_.branch_mm / 2 + kThicker * (grid_.top_mm(b.tip) - grid_.top_mm(layer)));
            b.trail.emplace_back(layer, circle(b.at, r));
        } else {
            b.growing = false; // it stands on the piece
            b.dropped = !r_.on_piece;
        }
    }

    /// Where a branch leans, nothing where it has met the other one.
    std::optional<Place> towards_others(int number, int layer, double step) {
        Branch& b = all_[static_cast<std::size_t>(number)];
        constexpr double kFarthest_mm = 40;
        int nearest = -1;
        double away = kFarthest_mm;
        for (const int o : growing_)
            if (o != number && all_[static_cast<std::size_t>(o)].growing)
                if (const double d = between(all_[static_cast<std::size_t>(o)].at, b.at); d < away)
                    away = d, nearest = o;
        if (nearest < 0 || b.tip <= layer)
            return b.at;
        Branch& o = all_[static_cast<std::size_t>(nearest)];
        if (away <= step && o.tip > layer) {
            o.merged.push_back(number);
            o.tip = std::max(o.tip, b.tip);
            b.growing = false;
            return {};
        }
        const double go = std::min(step, away / 2) / away;
        return Place{b.at.x + (o.at.x - b.at.x) * go, b.at.y + (o.at.y - b.at.y) * go};
    }

    /// The free place nearest to the wish. Where there is none, as close below a slope, out from the piece,
    /// and clipped by it meanwhile; nothing where the piece is in the way.
    std::optional<Place> past_the_piece(const Branch& b, Place wish, int layer, double step) const {
        const Rows& no = clear_[static_cast<std::size_t>(layer) - 1];
        const auto free = [&](Place p) { return !contains(no, units(p)); };
        if (free(wish))
            return wish;
        std::optional<Place> best = free(b.at) ? std::optional(b.at) : std::nullopt;
        for (int k = 0; k < kDirections; ++k)
            if (const Place p = around(b.at, k, step);
                free(p) && (!best || between(p, wish) < between(*best, wish)))
                best = p;
        if (best)
            return best;
        if (const std::optional<int> out = way_out(b.at, free))
            if (const Place p = around(b.at, *out, step); passable(b, p, layer))
                return p;
        return passable(b, b.at, layer) ? std::optional(b.at) : std::nullopt;
    }

    /// The direction in which a free place is nearest.
    template <class Free>
    std::optional<int> way_out(Place from, Free free) const {
        const double farthest = 2 * (r_.beside_mm + r_.branch_mm);
        constexpr double kStep_mm = 0.4;
        for (double mm = kStep_mm; mm < farthest; mm += kStep_mm)
            for (int k = 0; k < kDirections; ++k)
                if (free(around(from, k, mm)))
                    return k;
        return {};
    }

    /// Whether a middle may be there, if not the whole branch: near its tip beside the piece.
    bool passable(const Branch& b, Place p, int layer) const {
        const auto i = static_cast<std::size_t>(layer) - 1;
        if (!is_near(b, layer))
            return !contains(blocked_[i], units(p));
        for (std::size_t k = 0; k <= std::min(i, static_cast<std::size_t>(r_.gap_layers)); ++k)
            if (contains(piece_[i - k], units(p)))
                return false;
        return true;
    }

    void drop_what_ends_dropped() {
        for (std::size_t i = all_.size(); i-- > 0;)
            if (all_[i].dropped) {
                std::vector<int> open = all_[i].merged;
                while (!open.empty()) {
                    Branch& b = all_[static_cast<std::size_t>(open.back())];
                    open.pop_back();
                    if (std::exchange(b.dropped, true))
                        continue;
                    open.insert(open.end(), b.merged.begin(), b.merged.end());
                }
            }
    }

    const LayerGrid& grid_;
    const std::vector<Rows>&piece_, &blocked_;
    const Tops& tops_;
    const SupportRules& r_;
    std::vector<Rows> clear_; ///< where the middle of a branch must not be
    std::vector<Branch> all_;
    std::vector<int> growing_;
};

} // namespace

double bridged_mm(const SupportRules& r) {
    return r.spacing_mm / std::numbers::sqrt2;
}

std::vector<Rows> tree_below(const LayerGrid& grid, const std::vector<Rows>& piece, const Tops& tops,
                             const std::vector<Rows>& blocked, const SupportRules& rules,
                             const Progress& progress) {
    Tree tree(grid, piece, tops, blocked, rules);
    tree.grow(progress);
    const Tree::Sections rings = tree.sections();
    std::vector<Rows> branches(piece.size());
    tbb::parallel_for(std::size_t{0}, piece.size(), [&](std::size_t i) {
        const int pitch = piece[i].pitch;
        branches[i] = subtract(rows_of(rings.far[i], pitch), blocked[i]);
        if (!rings.near[i].empty())
            branches[i] = unite(branches[i], clear_of_slopes(rows_of(rings.near[i], pitch), piece, i, rules));
    });
    return branches;
}

} // namespace vitrail
