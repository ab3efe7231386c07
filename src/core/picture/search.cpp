#include "core/picture/search.h"

#include "core/material/pairing.h"
#include "core/picture/stacks.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>
#include <limits>
#include <map>
#include <random>

namespace vitrail {

namespace {

using Bands = std::vector<StackBand>;

constexpr double kAll = 20000; ///< so many stacks are all looked at

double squared(const Lab& a, const Lab& b) {
    return (a.l - b.l) * (a.l - b.l) + (a.a - b.a) * (a.a - b.a) + (a.b - b.b) * (a.b - b.b);
}

int layers_of(const Bands& bands) {
    int layers = 0;
    for (const StackBand& b : bands)
        layers += b.layers;
    return layers;
}

bool may_lie_on(const StackSearch& s, int tint, int below) {
    return tint != below &&
           (s.bonds.empty() || s.bonds[static_cast<std::size_t>(tint)][static_cast<std::size_t>(below)]);
}

bool allowed(const StackSearch& s, const Bands& bands) {
    if (bands.empty() || bands.front().layers < s.base_layers || layers_of(bands) > s.most_layers)
        return false;
    for (std::size_t i = 0; i < bands.size(); ++i)
        if (bands[i].layers < 1 || (i > 0 && !may_lie_on(s, bands[i].tint, bands[i - 1].tint)))
            return false;
    return true;
}

/// How many stacks of so many bands there are: tints that differ from their neighbours, times the ways to cut
/// the layers.
double count_of(const StackSearch& s, int bands) {
    const double tints = static_cast<double>(s.tints.size());
    double count = tints * std::pow(tints - 1, bands - 1);
    const int free = s.most_layers - s.base_layers + 1;
    for (int i = 0; i < bands; ++i)
        count *= static_cast<double>(free - i) / (i + 1);
    return std::max(0.0, count);
}

/// What stacks are compared by: a wish that is broken weighs more than any error.
double worth(const StackSearch& s, const Bands& bands) {
    constexpr double kBroken = 200;
    return stack_error(s, bands) + kBroken * broken_wishes(s, bands);
}

class Best {
public:
    explicit Best(const StackSearch& s) : s_(s) {}
    void offer(const Bands& bands) {
        const double error = worth(s_, bands);
        if (error < found.error - 1e-12)
            found = {bands, error, false, 0};
    }
    FoundStack found{{}, std::numeric_limits<double>::infinity(), false, 0};

private:
    const StackSearch& s_;
};

/// All ways to go on with so many bands more.
template <class Each>
void each_stack(const StackSearch& s, Bands& bands, int more, int layers_left, const Each& each) {
    if (!more) {
        each(bands);
        return;
    }
    for (int tint = 0; tint < static_cast<int>(s.tints.size()); ++tint) {
        if (!bands.empty() && !may_lie_on(s, tint, bands.back().tint))
            continue;
        for (int layers = bands.empty() ? s.base_layers : 1; layers <= layers_left - (more - 1); ++layers) {
            bands.push_back({tint, layers});
            each_stack(s, bands, more - 1, layers_left - layers, each);
            bands.pop_back();
        }
    }
}

FoundStack all_stacks(const StackSearch& s, int bands, const Progress& progress) {
    // Side by side by the lowest band.
    std::vector<StackBand> lowest;
    for (int tint = 0; tint < static_cast<int>(s.tints.size()); ++tint)
        for (int layers = s.base_layers; layers <= s.most_layers - (bands - 1); ++layers)
            lowest.push_back({tint, layers});
    std::vector<Best> best(lowest.size(), Best(s));
    tbb::parallel_for(std::size_t{0}, lowest.size(), [&](std::size_t i) {
        Bands stack{lowest[i]};
        if (!progress.stopped())
            each_stack(s, stack, bands - 1, s.most_layers - lowest[i].layers,
                       [&](const Bands& whole) { best[i].offer(whole); });
    });
    FoundStack found{{}, std::numeric_limits<double>::infinity(), false, 0};
    for (const Best& b : best)
        if (b.found.error < found.error - 1e-12)
            found = b.found;
    found.proven = !progress.stopped();
    return found;
}

/// One change at random; may come out as what is not allowed.
Bands changed(const StackSearch& s, Bands b, int most_bands, std::mt19937& rng) {
    const auto any = [&](std::size_t n) { return static_cast<std::size_t>(rng() % n); };
    const auto some = [&] { return static_cast<int>(1 + rng() % 3) * (rng() % 2 ? 1 : -1); };
    const std::size_t i = any(b.size());
    switch (rng() % 6) {
    case 0:
        b[i].layers += some();
        break;
    case 1: // a border moves
        if (i + 1 < b.size()) {
            const int by = some();
            b[i].layers += by, b[i + 1].layers -= by;
        }
        break;
    case 2:
        b[i].tint = static_cast<int>(any(s.tints.size()));
        break;
    case 3:
        std::swap(b[i].tint, b[any(b.size())].tint);
        break;
    case 4:
        if (static_cast<int>(b.size()) < most_bands)
            b.insert(b.begin() + static_cast<std::ptrdiff_t>(any(b.size() + 1)),
                     {static_cast<int>(any(s.tints.size())), static_cast<int>(1 + rng() % 4)});
        break;
    default:
        if (b.size() > 1)
            b.erase(b.begin() + static_cast<std::ptrdiff_t>(i));
    }
    return b;
}

/// From one start: worse stacks are taken less and less.
FoundStack annealed(const StackSearch& s, Bands now, int most_bands, int evaluations, double hot,
                    unsigned seed, const Progress& progress) {
    std::mt19937 rng(seed);
    std::uniform_real_distribution<double> any(0, 1);
    constexpr double kCold = 0.01; // ΔE, as `hot`
    FoundStack best{now, worth(s, now), false, 0};
    double error = best.error;
    for (int n = 0; n < evaluations && !progress.stopped();) {
        Bands next = changed(s, now, most_bands, rng);
        if (next == now || !allowed(s, next)) {
            n += rng() % 8 == 0; // so that it ends where nothing is allowed
            continue;
        }
        const double heat = hot * std::pow(kCold / hot, static_cast<double>(n++) / evaluations),
                     then = worth(s, next);
        if (then > error && any(rng) >= std::exp((error - then) / heat))
            continue;
        now = std::move(next);
        error = then;
        if (error < best.error - 1e-12)
            best = {now, error, false, 0};
    }
    return best;
}

/// First from every tint as the base, and from what was found with fewer bands; then on from the two best of
/// these.
FoundStack searched(const StackSearch& s, int bands, const FoundStack& of_fewer, const Progress& progress) {
    constexpr double kHot = 3, kWarm = 1;
    const int tints = static_cast<int>(s.tints.size()), each = s.evaluations / 2 / (tints + 1);
    std::vector<FoundStack> found(static_cast<std::size_t>(tints) + 1);
    tbb::parallel_for(0, tints + 1, [&](int start) {
        std::mt19937 rng(static_cast<unsigned>(977 * bands + start));
        Bands from = of_fewer.bands;
        if (start < tints) {
            Bands stack{{start, s.base_layers}};
            const int layers = std::max(1, (s.most_layers - s.base_layers) / std::max(1, bands - 1));
            constexpr int kTries = 200; // then no filament holds on it, and the start is not allowed
            int tries = 0;
            while (static_cast<int>(stack.size()) < bands) {
                const int next = static_cast<int>(rng() % static_cast<unsigned>(tints));
                if (may_lie_on(s, next, stack.back().tint) || (next != stack.back().tint && ++tries > kTries))
                    stack.push_back({next, layers});
            }
            if (allowed(s, stack))
                from = stack;
        }
        found[static_cast<std::size_t>(start)] = annealed(s, from, bands, each, kHot, rng(), progress);
    });
    std::stable_sort(found.begin(), found.end(),
                     [](const FoundStack& a, const FoundStack& b) { return a.error < b.error; });
    found.resize(2);
    tbb::parallel_for(0, 2, [&](int i) {
        FoundStack& best = found[static_cast<std::size_t>(i)];
        best = annealed(s, best.bands, bands, s.evaluations / 4, kWarm, static_cast<unsigned>(31 * bands + i),
                        progress);
    });
    return found[0].error <= found[1].error ? found[0] : found[1];
}

/// The best of `bands` bands, tried again from the best of one more with each of its bands left out.
FoundStack from_more(const StackSearch& s, int bands, const FoundStack& best, const FoundStack& of_more,
                     const Progress& progress) {
    if (static_cast<int>(of_more.bands.size()) <= bands)
        return of_more.error < best.error ? of_more : best;
    constexpr double kWarm = 0.5;
    std::vector<Bands> starts;
    for (std::size_t i = 0; i < of_more.bands.size(); ++i) {
        Bands fewer = of_more.bands;
        fewer.erase(fewer.begin() + static_cast<std::ptrdiff_t>(i));
        if (i > 0 && i < fewer.size() && fewer[i - 1].tint == fewer[i].tint) {
            fewer[i - 1].layers += fewer[i].layers;
            fewer.erase(fewer.begin() + static_cast<std::ptrdiff_t>(i));
        }
        fewer.front().layers = std::max(fewer.front().layers, s.base_layers);
        if (allowed(s, fewer))
            starts.push_back(std::move(fewer));
    }
    std::vector<FoundStack> found(starts.size());
    tbb::parallel_for(std::size_t{0}, starts.size(), [&](std::size_t i) {
        found[i] = annealed(s, starts[i], bands, s.evaluations / 4 / static_cast<int>(starts.size()), kWarm,
                            static_cast<unsigned>(131 * bands) + static_cast<unsigned>(i), progress);
    });
    found.push_back(best);
    return *std::min_element(found.begin(), found.end(),
                             [](const FoundStack& a, const FoundStack& b) { return a.error < b.error; });
}

} // namespace

std::vector<PictureColour> picture_colours(const Raster& picture, int most) {
    struct Cell {
        LinearRgb sum;
        double dots = 0;
    };
    std::map<int, Cell> cells;
    for (const Srgb c : picture.dots) {
        Cell& cell = cells[(c.r >> 3) << 10 | (c.g >> 3) << 5 | c.b >> 3];
        const LinearRgb l = to_linear(c);
        cell.sum.r += l.r, cell.sum.g += l.g, cell.sum.b += l.b;
        ++cell.dots;
    }
    std::vector<PictureColour> all;
    for (const auto& [key, cell] : cells)
        all.push_back(
            {to_lab(LinearRgb{cell.sum.r / cell.dots, cell.sum.g / cell.dots, cell.sum.b / cell.dots}),
             cell.dots / static_cast<double>(picture.dots.size())});
    std::stable_sort(all.begin(), all.end(),
                     [](const PictureColour& a, const PictureColour& b) { return a.share > b.share; });
    std::vector<PictureColour> kept(
        all.begin(), all.begin() + static_cast<std::ptrdiff_t>(
                                       std::min(all.size(), static_cast<std::size_t>(std::max(1, most)))));
    for (std::size_t i = kept.size(); i < all.size(); ++i)
        std::min_element(kept.begin(), kept.end(), [&](const PictureColour& a, const PictureColour& b) {
            return squared(a.lab, all[i].lab) < squared(b.lab, all[i].lab);
        })->share += all[i].share;
    return kept;
}

double stack_error(const StackSearch& s, const std::vector<StackBand>& bands) {
    ReliefLayers layers{{}, s.first_mm, s.layer_mm};
    for (const StackBand& b : bands)
        layers.tints.insert(layers.tints.end(), static_cast<std::size_t>(b.layers), b.tint);
    const std::vector<StackLook> looks = looks_by_height(layers, s.tints, s.lighting);
    std::vector<Lab> labs;
    for (std::size_t l = static_cast<std::size_t>(bands.front().layers) - 1; l < looks.size(); ++l)
        labs.push_back(to_lab(LinearRgb{looks[l].light[0], looks[l].light[1], looks[l].light[2]}));
    double error = 0;
    for (const PictureColour& c : s.colours) {
        std::array<std::pair<double, std::size_t>, 2> nearest;
        nearest.fill({std::numeric_limits<double>::infinity(), 0});
        for (std::size_t i = 0; i < labs.size(); ++i) {
            std::pair<double, std::size_t> here{squared(c.lab, labs[i]), i};
            for (auto& n : nearest)
                if (here.first < n.first)
                    std::swap(here, n);
        }
        double best = std::numeric_limits<double>::infinity();
        for (const auto& [far, i] : nearest)
            if (far < std::numeric_limits<double>::infinity())
                best = std::min(best, delta_e_2000(c.lab, labs[i]));
        error += c.share * best;
    }
    return error;
}

int broken_wishes(const StackSearch& s, const std::vector<StackBand>& bands) {
    int broken = 0, layer = 0;
    std::vector<char> used(s.tints.size(), 0);
    std::vector<int> borders;
    for (const StackBand& b : bands) {
        used[static_cast<std::size_t>(b.tint)] = 1;
        for (int l = layer; l < layer + b.layers; ++l)
            broken += l < static_cast<int>(s.layers.size()) && s.layers[static_cast<std::size_t>(l)] >= 0 &&
                      s.layers[static_cast<std::size_t>(l)] != b.tint;
        layer += b.layers;
        borders.push_back(layer);
    }
    for (std::size_t l = static_cast<std::size_t>(layer); l < s.layers.size(); ++l)
        broken += s.layers[l] >= 0; // the stack ends below it
    for (const int wanted : s.borders) {
        int nearest = 1000; // layers it is off: so that a search is drawn there
        for (std::size_t i = 0; i + 1 < borders.size(); ++i)
            nearest = std::min(nearest, std::abs(borders[i] - wanted));
        broken += std::min(nearest, 10);
    }
    for (const int tint : s.wanted)
        broken += !used[static_cast<std::size_t>(tint)];
    if (s.exactly_layers > 0)
        broken += std::abs(layer - s.exactly_layers);
    return broken + std::max(0, static_cast<int>(std::count(used.begin(), used.end(), 1)) - s.most_filaments);
}

StackSearch search_for(const Picture& picture, const std::vector<Filament>& filaments, double first_mm,
                       double layer_mm, const Raster& prepared) {
    StackSearch s;
    s.tints = tints_of(filaments);
    constexpr int kEnough = 400; // dots across: colours, not detail, are looked for
    int across = std::min(prepared.width, kEnough);
    if (picture.seen_from_cm > 0)
        across = std::clamp(static_cast<int>(picture.width_mm / smallest_seen_mm(picture.seen_from_cm)), 1,
                            across);
    s.colours =
        picture_colours(across < prepared.width
                            ? scaled(prepared, across, std::max(1, across * prepared.height / prepared.width))
                            : prepared);
    s.first_mm = first_mm;
    s.layer_mm = layer_mm;
    s.lighting = picture.lighting;
    s.base_layers = least_base_layers(first_mm, layer_mm);
    for (const Filament& a : filaments) {
        s.bonds.emplace_back();
        for (const Filament& b : filaments)
            s.bonds.back().push_back(pair_up(a, b).bond == Bond::holds);
    }
    return s;
}

std::vector<ReliefBand> bands_of(const std::vector<StackBand>& stack,
                                 const std::vector<Filament>& filaments) {
    std::vector<ReliefBand> bands;
    int next = 1;
    for (const StackBand& b : stack) {
        bands.push_back({filaments[static_cast<std::size_t>(b.tint)].letter, next, next + b.layers - 1});
        next += b.layers;
    }
    return bands;
}

std::vector<FoundStack> best_stacks(const StackSearch& s, const Progress& progress,
                                    const std::function<void(const std::vector<FoundStack>&)>& better) {
    std::vector<FoundStack> front;
    const auto weigh = [&](std::vector<FoundStack>& stacks) {
        for (FoundStack& f : stacks) {
            if (f.bands.empty()) // stopped before the first
                continue;
            f.error = stack_error(s, f.bands);
            f.broken = broken_wishes(s, f.bands);
        }
    };
    const auto tell = [&] {
        if (!better)
            return;
        std::vector<FoundStack> so_far = front;
        weigh(so_far);
        better(so_far);
    };
    if (s.tints.empty() || s.base_layers < 1 || s.base_layers > s.most_layers)
        return front;
    for (int bands = 1; bands <= s.most_bands &&
                        (bands == 1 || (s.tints.size() > 1 && s.base_layers + bands - 1 <= s.most_layers));
         ++bands) {
        if (progress.stopped() && !front.empty())
            break;
        progress.at(static_cast<double>(bands - 1) / s.most_bands);
        FoundStack found = count_of(s, bands) <= kAll ? all_stacks(s, bands, progress)
                                                      : searched(s, bands, front.back(), progress);
        // At most so many bands: fewer may do as well.
        if (!front.empty() && front.back().error <= found.error) {
            const bool proven = found.proven && front.back().proven;
            found = front.back();
            found.proven = proven;
        } else if (!front.empty())
            found.proven &= front.back().proven;
        front.push_back(std::move(found));
        tell();
    }
    // What was found with more bands may do with fewer, or nearly.
    for (std::size_t i = front.size(); i-- > 1;)
        if (!front[i - 1].proven && !progress.stopped())
            front[i - 1] = from_more(s, static_cast<int>(i), front[i - 1], front[i], progress);
    weigh(front);
    progress.at(1);
    return front;
}

} // namespace vitrail
