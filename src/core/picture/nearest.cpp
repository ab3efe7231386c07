#include "core/picture/nearest.h"

#include <nanoflann.hpp>

#include <algorithm>
#include <array>
#include <cmath>

namespace vitrail {

struct NearestColour::Tree {
    struct Cloud {
        std::vector<Lab> colours;
        std::size_t kdtree_get_point_count() const { return colours.size(); }
        double kdtree_get_pt(std::size_t i, std::size_t axis) const {
            return axis == 0 ? colours[i].l : axis == 1 ? colours[i].a : colours[i].b;
        }
        template <class Box>
        bool kdtree_get_bbox(Box&) const {
            return false;
        }
    };
    Cloud cloud;
    nanoflann::KDTreeSingleIndexAdaptor<nanoflann::L2_Simple_Adaptor<double, Cloud>, Cloud, 3, std::uint32_t>
        index{3, cloud, nanoflann::KDTreeSingleIndexAdaptorParams(12)};
    /// The same by lightness, for what the tree does not find.
    struct Entry {
        double l, a, b, chroma;
        int index;
    };
    std::vector<Entry> by_lightness = {};
};

NearestColour::NearestColour(std::vector<Lab> colours) : tree_(new Tree{{std::move(colours)}}) {
    tree_->index.buildIndex();
    const auto& all = tree_->cloud.colours;
    for (std::size_t i = 0; i < all.size(); ++i)
        tree_->by_lightness.push_back(
            {all[i].l, all[i].a, all[i].b, std::hypot(all[i].a, all[i].b), static_cast<int>(i)});
    std::sort(tree_->by_lightness.begin(), tree_->by_lightness.end(),
              [](const Tree::Entry& x, const Tree::Entry& y) { return x.l < y.l; });
}
NearestColour::~NearestColour() = default;

const std::vector<Lab>& NearestColour::colours() const {
    return tree_->cloud.colours;
}

NearestColour::Found NearestColour::of(const Lab& colour) const {
    constexpr std::size_t kLikely = 8;
    std::array<std::uint32_t, kLikely> found{};
    std::array<double, kLikely> squared{};
    const double at[3] = {colour.l, colour.a, colour.b};
    const std::size_t n = tree_->index.knnSearch(at, kLikely, found.data(), squared.data());
    Found best{0, 1e9};
    const auto look = [&](int i) {
        if (const double d = delta_e_2000(colour, tree_->cloud.colours[static_cast<std::size_t>(i)]);
            d < best.delta_e || (d == best.delta_e && i < best.index))
            best = {i, d};
    };
    for (std::size_t i = 0; i < n; ++i)
        look(static_cast<int>(found[i]));
    // All others, the lightness farther and farther away.
    constexpr double kMostSl = 1.7473, kSin60 = 0.8660255;
    const double chroma = std::hypot(colour.a, colour.b);
    const auto may_be_nearer = [&](const Tree::Entry& e) {
        const double t = (colour.l + e.l) / 2 - 50, sl = 1 + 0.015 * t * t / std::sqrt(20 + t * t),
                     dl = (colour.l - e.l) / sl, da = colour.a - e.a, db = colour.b - e.b;
        const double mean_chroma = 0.75 * (chroma + e.chroma), sc = 1 + 0.045 * mean_chroma;
        double left = 0.999; // there is no mixed term but around blue
        if (colour.b < 0 || e.b < 0) {
            const double c = mean_chroma / 25, c2 = c * c, c7 = c2 * c2 * c2 * c;
            left -= kSin60 * std::sqrt(c7 / (1 + c7));
        }
        return dl * dl + left * (da * da + db * db) / (sc * sc) <= best.delta_e * best.delta_e;
    };
    const auto& all = tree_->by_lightness;
    const auto from = std::lower_bound(all.begin(), all.end(), colour.l,
                                       [](const Tree::Entry& e, double l) { return e.l < l; });
    for (auto e = from; e != all.end() && (e->l - colour.l) / kMostSl <= best.delta_e; ++e)
        if (may_be_nearer(*e))
            look(e->index);
    for (auto e = from; e != all.begin() && (colour.l - std::prev(e)->l) / kMostSl <= best.delta_e; --e)
        if (may_be_nearer(*std::prev(e)))
            look(std::prev(e)->index);
    return best;
}

} // namespace vitrail
