#include "core/picture/nearest.h"

#include <nanoflann.hpp>

#include <algorithm>
#include <array>

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
};

NearestColour::NearestColour(std::vector<Lab> colours) : tree_(new Tree{{std::move(colours)}}) {
    tree_->index.buildIndex();
}
NearestColour::~NearestColour() = default;

const std::vector<Lab>& NearestColour::colours() const {
    return tree_->cloud.colours;
}

NearestColour::Found NearestColour::of(const Lab& colour) const {
    constexpr std::size_t kLooked = 32; // Lab and CIEDE2000 seldom disagree by more
    std::array<std::uint32_t, kLooked> found{};
    std::array<double, kLooked> squared{};
    const double at[3] = {colour.l, colour.a, colour.b};
    const std::size_t n = tree_->index.knnSearch(at, kLooked, found.data(), squared.data());
    Found best{0, 1e9};
    for (std::size_t i = 0; i < n; ++i)
        if (const double d = delta_e_2000(colour, tree_->cloud.colours[found[i]]);
            d < best.delta_e || (d == best.delta_e && static_cast<int>(found[i]) < best.index))
            best = {static_cast<int>(found[i]), d};
    return best;
}

} // namespace vitrail
