#include "core/picture/panel.h"

#include "core/picture/nearest.h"

#include <algorithm>
#include <cmath>
#include <unordered_map>

namespace vitrail {

namespace {

Status fits(const PanelFilms& p, const std::vector<Filament>& filaments) {
    for (const char letter : p.white + p.films)
        if (std::none_of(filaments.begin(), filaments.end(),
                         [&](const Filament& f) { return f.letter == letter; }))
            return Error{say("There is no filament {}.", letter ? letter : '?')};
    for (std::size_t i = 0; i < p.films.size(); ++i)
        if (p.films[i] == p.white || p.films.find(p.films[i], i + 1) != std::string::npos)
            return Error{say("A panel takes each filament once: {} stands twice among its films and white.",
                             p.films[i])};
    const double stacks = std::pow(p.film_layers + 1.0, static_cast<double>(p.films.size())) *
                          (p.cover_most - p.cover_least + 1);
    if (stacks > kMostStacks)
        return Error{say("That would be {} stacks to choose from, more than {}. Give each film fewer layers, "
                         "or take fewer films.",
                         num(stacks, 0), num(kMostStacks, 0))};
    if (p.films.empty() && p.cover_most <= p.cover_least)
        return Error{say("All dots would be alike: give the panel films, or let the white vary.")};
    return Done{};
}

} // namespace

Result<PanelTable> panel_table(const Picture& picture, const std::vector<Filament>& filaments) {
    const PanelFilms& p = picture.panel;
    if (const Status ok = fits(p, filaments); !ok)
        return ok.error();
    PanelTable table;
    std::vector<int> films(p.films.size(), 0);
    for (bool more = true; more;) {
        for (int cover = p.cover_least; cover <= p.cover_most; ++cover)
            table.stacks.push_back(panel_stack(p, films, cover));
        more = false;
        for (std::size_t i = 0; i < films.size() && !more; ++i) // as a counter counts
            if (++films[i] > p.film_layers)
                films[i] = 0;
            else
                more = true;
    }
    Lighting lit = picture.lighting;
    lit.from = Lighting::From::behind;
    const std::vector<StackLook> looks = looks_of(picture, table.stacks, filaments, lit);
    const Channels exposure = exposure_of(picture, looks, filaments, lit);
    for (const StackLook& look : looks)
        table.light.push_back(
            {exposure[0] * look.light[0], exposure[1] * look.light[1], exposure[2] * look.light[2]});
    return table;
}

LinearRgb fitted(const LinearRgb& c, double black) {
    return {black + (1 - black) * c.r, black + (1 - black) * c.g, black + (1 - black) * c.b};
}

double darkest(const PanelTable& table) {
    double least = 1;
    for (const LinearRgb& l : table.light)
        least = std::min(least, luminance({l.r, l.g, l.b}));
    return least;
}

Result<PanelDots> panel_dots(const Prepared& prepared, const PanelTable& table, double black, bool spread,
                             const Progress& progress) {
    std::vector<Lab> labs;
    int thinnest = 0;
    for (std::size_t i = 0; i < table.stacks.size(); ++i) {
        labs.push_back(to_lab(table.light[i]));
        if (layers_of(table.stacks[i]) < layers_of(table.stacks[static_cast<std::size_t>(thinnest)]))
            thinnest = static_cast<int>(i);
    }
    const NearestColour nearest(std::move(labs));
    const int w = prepared.picture.width, h = prepared.picture.height;
    PanelDots out{{w, h, std::vector<std::uint16_t>(prepared.picture.dots.size(), 0)}, {}, 0};
    std::vector<std::uint16_t> numbers(table.stacks.size(), 0); // of the stacks in use
    constexpr std::size_t kMostUsed = 65000;
    const auto put = [&](std::size_t at, int stack) {
        std::uint16_t& number = numbers[static_cast<std::size_t>(stack)];
        if (!number) {
            out.stacks.push_back(stack);
            number = static_cast<std::uint16_t>(out.stacks.size());
        }
        out.dots.dots[at] = number;
    };
    std::unordered_map<std::uint32_t, NearestColour::Found> known; // of colours as they stand in the picture
    const auto of_picture = [&](Srgb c) {
        const auto [it, fresh] = known.try_emplace(static_cast<std::uint32_t>(c.r) << 16 |
                                                   static_cast<std::uint32_t>(c.g) << 8 | c.b);
        if (fresh)
            it->second = nearest.of(to_lab(fitted(to_linear(c), black)));
        return it->second;
    };
    std::vector<LinearRgb> carried(static_cast<std::size_t>(w)), next(carried);
    std::size_t printed = 0, far = 0;
    for (int y = 0; y < h; ++y) {
        if (progress.stopped())
            return Error{say("Stopped before every dot had its stack.")};
        if (out.stacks.size() > kMostUsed)
            return Error{
                say("The panel would use more than {} different stacks. Give each film fewer layers.",
                    static_cast<int>(kMostUsed))};
        progress.at(static_cast<double>(y) / h);
        std::fill(next.begin(), next.end(), LinearRgb{});
        const int step = y % 2 ? -1 : 1;
        for (int i = 0; i < w; ++i) {
            const int x = step > 0 ? i : w - 1 - i;
            const std::size_t at =
                static_cast<std::size_t>(y) * static_cast<std::size_t>(w) + static_cast<std::size_t>(x);
            if (prepared.roles[at] == DotRole::nothing)
                continue;
            ++printed;
            if (prepared.roles[at] == DotRole::lowest) {
                put(at, thinnest);
                continue;
            }
            const Srgb asked = prepared.picture.dots[at];
            NearestColour::Found found = of_picture(asked);
            far += found.delta_e > kOutOfReach;
            if (spread) {
                const LinearRgb own = fitted(to_linear(asked), black),
                                off = carried[static_cast<std::size_t>(x)];
                // What no stack reaches is not saved up: it would run into dots that are right.
                const LinearRgb wanted{std::clamp(own.r + off.r, 0.0, 1.0),
                                       std::clamp(own.g + off.g, 0.0, 1.0),
                                       std::clamp(own.b + off.b, 0.0, 1.0)};
                found = nearest.of(to_lab(wanted));
                const LinearRgb& made = table.light[static_cast<std::size_t>(found.index)];
                const auto give = [&](std::vector<LinearRgb>& row, int to, double share) {
                    if (to < 0 || to >= w)
                        return;
                    LinearRgb& c = row[static_cast<std::size_t>(to)];
                    c.r += share * (wanted.r - made.r), c.g += share * (wanted.g - made.g),
                        c.b += share * (wanted.b - made.b);
                };
                give(carried, x + step, 7.0 / 16);
                give(next, x - step, 3.0 / 16);
                give(next, x, 5.0 / 16);
                give(next, x + step, 1.0 / 16);
            }
            put(at, found.index);
        }
        std::swap(carried, next);
    }
    out.outside = printed ? static_cast<double>(far) / static_cast<double>(printed) : 0;
    return out;
}

} // namespace vitrail
