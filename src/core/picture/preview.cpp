#include "core/picture/preview.h"

#include "core/picture/make.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <array>
#include <cmath>

namespace vitrail {

ReliefPreview::ReliefPreview(const Prepared& p)
    : width_(p.picture.width), height_(p.picture.height), cell_of_(p.picture.dots.size()) {
    constexpr int kSteps = 5; // bits a channel
    struct Sum {
        double r = 0, g = 0, b = 0, dots = 0;
    };
    std::vector<Sum> sums(std::size_t{1} << 3 * kSteps);
    const auto key = [](Srgb c) {
        return static_cast<std::size_t>(c.r >> (8 - kSteps)) << 2 * kSteps |
               static_cast<std::size_t>(c.g >> (8 - kSteps)) << kSteps |
               static_cast<std::size_t>(c.b >> (8 - kSteps));
    };
    std::array<double, 256> linear;
    for (int i = 0; i < 256; ++i)
        linear[static_cast<std::size_t>(i)] = to_linear(Srgb{static_cast<std::uint8_t>(i), 0, 0}).r;
    for (std::size_t i = 0; i < p.picture.dots.size(); ++i)
        if (p.roles[i] == DotRole::picture) {
            const Srgb c = p.picture.dots[i];
            Sum& s = sums[key(c)];
            s.r += linear[c.r], s.g += linear[c.g], s.b += linear[c.b];
            ++s.dots;
        }
    std::vector<std::uint16_t> numbers(sums.size(), 0);
    for (std::size_t k = 0; k < sums.size(); ++k)
        if (const Sum& s = sums[k]; s.dots > 0) {
            numbers[k] = static_cast<std::uint16_t>(cells_.size());
            const Lab lab = to_lab(LinearRgb{s.r / s.dots, s.g / s.dots, s.b / s.dots});
            cells_.push_back({lab, lab.l / 100, s.dots});
            printed_ += s.dots;
        }
    // Between the darkest and lightest half per cent, as heights_from_luminance().
    std::vector<std::pair<double, double>> by_light;
    for (const Cell& c : cells_)
        by_light.emplace_back(c.lightness, c.dots);
    std::sort(by_light.begin(), by_light.end());
    double below = 0;
    bool dark = false;
    for (const auto& [light, dots] : by_light) {
        below += dots;
        if (!dark && below > printed_ / 200)
            dark_ = light, dark = true;
        bright_ = light;
        if (below >= printed_ * 199 / 200)
            break;
    }
    const auto lowest = static_cast<std::uint16_t>(cells_.size()),
               nothing = static_cast<std::uint16_t>(cells_.size() + 1);
    cells_.push_back({});
    for (std::size_t i = 0; i < cell_of_.size(); ++i) {
        cell_of_[i] = p.roles[i] == DotRole::picture  ? numbers[key(p.picture.dots[i])]
                      : p.roles[i] == DotRole::lowest ? lowest
                                                      : nothing;
        if (p.roles[i] == DotRole::lowest)
            ++cells_.back().dots, ++printed_;
    }
}

ReliefPreview::Tried ReliefPreview::tried(const Picture& picture, const std::vector<Srgb>& colours) const {
    const int least = picture.bands.front().to_layer, most = picture.bands.back().to_layer;
    std::vector<Lab> labs;
    for (const Srgb c : colours)
        labs.push_back(to_lab(c));
    Tried out;
    out.heights.resize(cells_.size() + 1, 0);
    out.colours.resize(cells_.size() + 1, Srgb{0x80, 0x80, 0x80});
    out.ends.resize(static_cast<std::size_t>(most) + 1, 0);
    std::vector<double> off(cells_.size(), 0);
    const bool turned = taller_is_darker(picture, colours);
    tbb::parallel_for(std::size_t{0}, cells_.size(), [&](std::size_t i) {
        const Cell& c = cells_[i];
        int height = least;
        if (i + 1 == cells_.size())
            ; // ground taken out
        else if (picture.school == ReliefSchool::luminance) {
            const double share =
                bright_ > dark_ ? std::clamp((c.lightness - dark_) / (bright_ - dark_), 0.0, 1.0) : 1;
            height = least + static_cast<int>(std::lround(
                                 (most - least) * std::clamp(along(picture.heights, share), 0.0, 1.0)));
            if (turned)
                height = least + most - height;
        } else {
            // The two nearest in Lab are compared by CIEDE2000.
            std::array<std::pair<double, int>, 2> nearest{{{1e18, least}, {1e18, least}}};
            for (int l = least; l <= most; ++l) {
                const Lab& x = labs[static_cast<std::size_t>(l) - 1];
                std::pair<double, int> here{(x.l - c.lab.l) * (x.l - c.lab.l) +
                                                (x.a - c.lab.a) * (x.a - c.lab.a) +
                                                (x.b - c.lab.b) * (x.b - c.lab.b),
                                            l};
                for (auto& n : nearest)
                    if (here.first < n.first)
                        std::swap(here, n);
            }
            height = nearest[0].second;
            if (delta_e_2000(c.lab, labs[static_cast<std::size_t>(nearest[1].second) - 1]) <
                delta_e_2000(c.lab, labs[static_cast<std::size_t>(height) - 1]))
                height = nearest[1].second;
        }
        out.heights[i] = static_cast<std::uint16_t>(height);
        out.colours[i] = colours[static_cast<std::size_t>(height) - 1];
        if (i + 1 < cells_.size())
            off[i] = c.dots * delta_e_2000(c.lab, labs[static_cast<std::size_t>(height) - 1]);
    });
    for (std::size_t i = 0; i < cells_.size() && printed_ > 0; ++i) {
        out.ends[out.heights[i]] += cells_[i].dots / printed_;
        out.mean_delta_e += off[i] / printed_;
    }
    return out;
}

Raster ReliefPreview::look(const Tried& t) const {
    Raster out{width_, height_, std::vector<Srgb>(cell_of_.size())};
    tbb::parallel_for(0, height_, [&](int y) {
        const std::size_t from = static_cast<std::size_t>(y) * static_cast<std::size_t>(width_);
        for (std::size_t i = from; i < from + static_cast<std::size_t>(width_); ++i)
            out.dots[i] = t.colours[cell_of_[i]];
    });
    return out;
}

} // namespace vitrail
