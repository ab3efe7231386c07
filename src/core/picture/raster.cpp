#include "core/picture/raster.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <array>
#include <cmath>

namespace vitrail {

namespace {

/// What a dot of the new row covers of the old one: from the first on, with these shares, which add up to 1.
struct Cover {
    int first = 0;
    std::vector<double> shares;
};

std::vector<Cover> covers(int from, int to) {
    std::vector<Cover> out(static_cast<std::size_t>(to));
    const double each = static_cast<double>(from) / to;
    for (int i = 0; i < to; ++i) {
        const double begin = i * each, end = (i + 1) * each;
        Cover& c = out[static_cast<std::size_t>(i)];
        c.first = std::min(from - 1, static_cast<int>(begin));
        for (int k = c.first; k < from && k < end - 1e-9; ++k)
            c.shares.push_back((std::min(end, k + 1.0) - std::max(begin, static_cast<double>(k))) / each);
    }
    return out;
}

/// to_linear() of each of the 256 steps of a channel.
const std::array<double, 256>& linear_steps() {
    static const std::array<double, 256> steps = [] {
        std::array<double, 256> s;
        for (int i = 0; i < 256; ++i)
            s[static_cast<std::size_t>(i)] = to_linear(Srgb{static_cast<std::uint8_t>(i), 0, 0}).r;
        return s;
    }();
    return steps;
}

} // namespace

Raster scaled(const Raster& p, int width, int height) {
    if (p.width == width && p.height == height)
        return p;
    const std::vector<Cover> across = covers(p.width, width), down = covers(p.height, height);
    const std::array<double, 256>& linear = linear_steps();
    Raster out{width, height,
               std::vector<Srgb>(static_cast<std::size_t>(width) * static_cast<std::size_t>(height))};
    tbb::parallel_for(0, height, [&](int y) {
        const Cover& rows = down[static_cast<std::size_t>(y)];
        for (int x = 0; x < width; ++x) {
            const Cover& columns = across[static_cast<std::size_t>(x)];
            LinearRgb sum;
            for (std::size_t j = 0; j < rows.shares.size(); ++j)
                for (std::size_t i = 0; i < columns.shares.size(); ++i) {
                    const Srgb c =
                        p.at(columns.first + static_cast<int>(i), rows.first + static_cast<int>(j));
                    const double share = rows.shares[j] * columns.shares[i];
                    sum.r += share * linear[c.r], sum.g += share * linear[c.g], sum.b += share * linear[c.b];
                }
            out.dots[static_cast<std::size_t>(y) * static_cast<std::size_t>(width) +
                     static_cast<std::size_t>(x)] = to_srgb(sum);
        }
    });
    return out;
}

} // namespace vitrail
