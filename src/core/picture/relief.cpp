#include "core/picture/relief.h"

#include "core/picture/prepare.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>
#include <limits>
#include <numbers>
#include <numeric>

namespace vitrail {

namespace {

std::uint32_t packed(Srgb c) {
    return static_cast<std::uint32_t>(c.r) << 16 | static_cast<std::uint32_t>(c.g) << 8 | c.b;
}

/// Every colour of the picture once, rising.
std::vector<std::uint32_t> colours_of(const Raster& picture) {
    std::vector<std::uint32_t> all;
    all.reserve(picture.dots.size());
    for (const Srgb c : picture.dots)
        if (all.empty() || all.back() != packed(c)) // neighbours are often alike
            all.push_back(packed(c));
    std::sort(all.begin(), all.end());
    all.erase(std::unique(all.begin(), all.end()), all.end());
    return all;
}

Srgb unpacked(std::uint32_t c) {
    return {static_cast<std::uint8_t>(c >> 16), static_cast<std::uint8_t>(c >> 8),
            static_cast<std::uint8_t>(c)};
}

/// Something of each colour, worked out once for all dots that have it.
template <class T, class Of>
std::vector<T> by_dot(const Raster& picture, Of of) {
    const std::vector<std::uint32_t> colours = colours_of(picture);
    std::vector<T> known(colours.size());
    tbb::parallel_for(std::size_t{0}, colours.size(),
                      [&](std::size_t i) { known[i] = of(unpacked(colours[i])); });
    std::vector<T> out(picture.dots.size());
    tbb::parallel_for(0, picture.height, [&](int y) {
        for (int x = 0; x < picture.width; ++x) {
            const std::size_t at = static_cast<std::size_t>(y) * static_cast<std::size_t>(picture.width) +
                                   static_cast<std::size_t>(x);
            out[at] = known[static_cast<std::size_t>(
                std::lower_bound(colours.begin(), colours.end(), packed(picture.dots[at])) -
                colours.begin())];
        }
    });
    return out;
}

/// The least, or with `most` the largest, of each dot and its `dots` − 1 neighbours after it, or with
/// `backwards` before it, across, then down. Of the two steps of an opening or a closing the first lets no
/// square reach beyond the picture, the second takes what lies inside.
void window(DotMap& h, int dots, bool most, bool backwards) {
    const auto pick = [most](std::uint16_t a, std::uint16_t b) {
        return most ? std::max(a, b) : std::min(a, b);
    };
    for (const bool down : {false, true}) {
        const DotMap before = h;
        tbb::parallel_for(0, h.height, [&](int y) {
            for (int x = 0; x < h.width; ++x) {
                std::uint16_t best = before.at(x, y);
                for (int k = 1; k < dots; ++k) {
                    const int step = backwards ? -k : k;
                    const int xx = down ? x : x + step, yy = down ? y + step : y;
                    if (xx >= 0 && yy >= 0 && xx < h.width && yy < h.height)
                        best = pick(best, before.at(xx, yy));
                    else if (!backwards)
                        best = most ? std::numeric_limits<std::uint16_t>::max() : std::uint16_t{0};
                }
                h.dots[static_cast<std::size_t>(y) * static_cast<std::size_t>(h.width) +
                       static_cast<std::size_t>(x)] = best;
            }
        });
    }
}

/// Two dots that touch at a corner only and are both taller than the other two, or both lower: the gap
/// between them is filled, until there is none.
void bridge_corners(DotMap& h) {
    const auto at = [&](int x, int y) -> std::uint16_t& {
        return h.dots[static_cast<std::size_t>(y) * static_cast<std::size_t>(h.width) +
                      static_cast<std::size_t>(x)];
    };
    for (bool again = true; again;) {
        again = false;
        for (int y = 0; y + 1 < h.height; ++y)
            for (int x = 0; x + 1 < h.width; ++x) {
                std::uint16_t &a = at(x, y), &b = at(x + 1, y), &c = at(x, y + 1), &d = at(x + 1, y + 1);
                if (std::min(a, d) > std::max(b, c))
                    (b > c ? b : c) = std::min(a, d), again = true;
                else if (std::min(b, c) > std::max(a, d))
                    (a > d ? a : d) = std::min(b, c), again = true;
            }
    }
}

PictureDifference mean_and_p95(std::vector<double> off) {
    if (off.empty())
        return {};
    const double mean = std::accumulate(off.begin(), off.end(), 0.0) / static_cast<double>(off.size());
    const auto at = static_cast<std::ptrdiff_t>(0.95 * static_cast<double>(off.size() - 1));
    std::nth_element(off.begin(), off.begin() + at, off.end());
    return {mean, off[static_cast<std::size_t>(at)]};
}

} // namespace

int least_base_layers(double first_mm, double layer_mm) {
    return 1 + std::max(0, static_cast<int>(std::ceil((kLeastBase_mm - first_mm) / layer_mm - 1e-9)));
}

std::vector<StackLook> looks_by_height(const ReliefLayers& layers, std::span<const Tint> tints,
                                       const Lighting& lighting) {
    std::vector<StackLook> looks;
    GrowingStack stack(tints, lighting);
    for (int l = 1; l <= layers.count(); ++l) {
        stack.add(
            {layers.tints[static_cast<std::size_t>(l) - 1], l == 1 ? layers.first_mm : layers.layer_mm});
        looks.push_back(stack.look());
    }
    return looks;
}

std::vector<Srgb> colours_by_height(const ReliefLayers& layers, std::span<const Tint> tints,
                                    const Lighting& lighting) {
    std::vector<Srgb> colours;
    for (const StackLook& look : looks_by_height(layers, tints, lighting))
        colours.push_back(shown(look.light));
    return colours;
}

DotMap heights_from_luminance(const Raster& picture, int least, int most, const RisingCurve& curve,
                              std::span<const char> there) {
    const std::vector<double> light = by_dot<double>(picture, [](Srgb c) { return to_lab(c).l / 100; });
    std::vector<double> sorted;
    for (std::size_t i = 0; i < light.size(); ++i)
        if (there.empty() || there[i])
            sorted.push_back(light[i]);
    double dark = 0, bright = 0;
    if (!sorted.empty()) {
        const std::size_t edge = sorted.size() / 200;
        std::nth_element(sorted.begin(), sorted.begin() + static_cast<std::ptrdiff_t>(edge), sorted.end());
        dark = sorted[edge];
        std::nth_element(sorted.begin(), sorted.end() - 1 - static_cast<std::ptrdiff_t>(edge), sorted.end());
        bright = sorted[sorted.size() - 1 - edge];
    }
    DotMap h{picture.width, picture.height, std::vector<std::uint16_t>(picture.dots.size())};
    for (std::size_t i = 0; i < light.size(); ++i) {
        const double share = bright > dark ? std::clamp((light[i] - dark) / (bright - dark), 0.0, 1.0) : 1;
        h.dots[i] = static_cast<std::uint16_t>(
            least + std::lround((most - least) * std::clamp(along(curve, share), 0.0, 1.0)));
    }
    return h;
}

DotMap heights_from_nearest(const Raster& picture, const std::vector<Srgb>& colours, int least) {
    std::vector<Lab> labs;
    for (const Srgb c : colours)
        labs.push_back(to_lab(c));
    return {picture.width, picture.height, by_dot<std::uint16_t>(picture, [&](Srgb c) {
                const Lab lab = to_lab(c);
                int best = least;
                double nearest = 1e9;
                for (int l = least; l <= static_cast<int>(labs.size()); ++l)
                    if (const double d = delta_e_2000(lab, labs[static_cast<std::size_t>(l) - 1]);
                        d < nearest)
                        nearest = d, best = l;
                return static_cast<std::uint16_t>(best);
            })};
}

Merged without_detail_below(const DotMap& heights, int dots) {
    Merged out{heights, 0};
    dots = std::min({dots, heights.width, heights.height});
    if (dots > 1) {
        window(out.heights, dots, false, false); // opening: what stands narrower goes
        window(out.heights, dots, true, true);
        window(out.heights, dots, true, false); // closing: what lies narrower is filled
        window(out.heights, dots, false, true);
    }
    bridge_corners(out.heights);
    std::size_t other = 0;
    for (std::size_t i = 0; i < heights.dots.size(); ++i)
        other += heights.dots[i] != out.heights.dots[i];
    out.lost =
        heights.dots.empty() ? 0 : static_cast<double>(other) / static_cast<double>(heights.dots.size());
    return out;
}

std::vector<double> differences(const Raster& picture, const DotMap& dots, const std::vector<Srgb>& colours) {
    std::vector<Lab> labs;
    for (const Srgb c : colours)
        labs.push_back(to_lab(c));
    const std::vector<Lab> asked = by_dot<Lab>(picture, [](Srgb c) { return to_lab(c); });
    std::vector<double> off(asked.size(), 0);
    tbb::parallel_for(0, picture.height, [&](int y) {
        for (int x = 0; x < picture.width; ++x) {
            const std::size_t i = static_cast<std::size_t>(y) * static_cast<std::size_t>(picture.width) +
                                  static_cast<std::size_t>(x);
            if (dots.dots[i])
                off[i] = delta_e_2000(asked[i], labs[static_cast<std::size_t>(dots.dots[i]) - 1]);
        }
    });
    return off;
}

PictureDifference difference(const Raster& picture, const DotMap& dots, const std::vector<Srgb>& colours) {
    const std::vector<double> all = differences(picture, dots, colours);
    std::vector<double> off;
    for (std::size_t i = 0; i < all.size(); ++i)
        if (dots.dots[i])
            off.push_back(all[i]);
    return mean_and_p95(std::move(off));
}

double smallest_seen_mm(double distance_cm) {
    return 10 * distance_cm * std::tan(std::numbers::pi / 180 / 60);
}

PictureDifference difference_from(const Raster& picture, const DotMap& dots, const std::vector<Srgb>& colours,
                                  double dot_mm, double distance_cm) {
    const int across = static_cast<int>(
        std::lround(picture.width * dot_mm / std::max(dot_mm, smallest_seen_mm(distance_cm))));
    const int down = static_cast<int>(
        std::lround(static_cast<double>(picture.height) * across / std::max(1, picture.width)));
    if (across >= picture.width || across < 1 || down < 1)
        return difference(picture, dots, colours);
    Raster asked = picture, made = picture; // where nothing is printed nothing is off
    for (std::size_t i = 0; i < dots.dots.size(); ++i)
        if (dots.dots[i])
            made.dots[i] = colours[static_cast<std::size_t>(dots.dots[i]) - 1];
    asked = scaled(asked, across, down);
    made = scaled(made, across, down);
    std::vector<double> off(asked.dots.size());
    for (std::size_t i = 0; i < off.size(); ++i)
        off[i] = delta_e_2000(to_lab(asked.dots[i]), to_lab(made.dots[i]));
    return mean_and_p95(std::move(off));
}

Collisions collisions(const Raster& picture, const DotMap& heights, double delta_e) {
    const std::size_t most =
        heights.dots.empty() ? 0 : *std::max_element(heights.dots.begin(), heights.dots.end());
    std::vector<LinearRgb> sums(most + 1);
    std::vector<double> counts(most + 1, 0);
    for (std::size_t i = 0; i < picture.dots.size(); ++i) {
        const LinearRgb c = to_linear(picture.dots[i]);
        LinearRgb& sum = sums[heights.dots[i]];
        sum.r += c.r, sum.g += c.g, sum.b += c.b;
        ++counts[heights.dots[i]];
    }
    std::vector<Lab> means(most + 1);
    for (std::size_t l = 0; l <= most; ++l)
        if (counts[l] > 0)
            means[l] = to_lab(LinearRgb{sums[l].r / counts[l], sums[l].g / counts[l], sums[l].b / counts[l]});
    const std::vector<Lab> asked = by_dot<Lab>(picture, [](Srgb c) { return to_lab(c); });
    Collisions out{0, std::vector<char>(picture.dots.size(), 0)};
    std::size_t collide = 0, printed = 0;
    for (std::size_t i = 0; i < asked.size(); ++i)
        if (heights.dots[i]) {
            ++printed;
            collide += out.dots[i] = delta_e_2000(asked[i], means[heights.dots[i]]) > delta_e;
        }
    out.share = printed ? static_cast<double>(collide) / static_cast<double>(printed) : 0;
    return out;
}

} // namespace vitrail
