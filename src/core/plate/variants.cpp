#include "core/plate/variants.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

namespace {

struct FigureInfo {
    VariantFigure figure;
    const char *key, *words;
};
constexpr FigureInfo kFigures[kVariantFigures] = {
    {VariantFigure::waste, "waste", term("thrown away")},
    {VariantFigure::changes, "changes", term("changes of colour")},
    {VariantFigure::hand_swaps, "hand_swaps", term("of them by hand")},
    {VariantFigure::hours, "hours", term("time to print")},
    {VariantFigure::money, "money", term("material")},
    {VariantFigure::grams, "grams", term("weight")},
    {VariantFigure::filaments, "filaments", term("colours")},
    {VariantFigure::per_piece, "per_piece", term("material for one")}};

bool is_used(const Plan& plan, std::size_t f) {
    return f < plan.use.size() && plan.use[f].printed_mm3() > 0;
}

/// Where each filament that is printed sits: nozzle by its letter.
std::vector<std::pair<char, int>> seats(const Project& p, const Plan& plan) {
    std::vector<std::pair<char, int>> out;
    for (std::size_t f = 0; f < p.filaments.size(); ++f)
        if (is_used(plan, f))
            out.emplace_back(p.filaments[f].letter, plan.loading.nozzle[f]);
    return out;
}

std::vector<Message> moves(const Project& before, const Plan& was, const Project& after, const Plan& is) {
    std::vector<Message> out;
    const auto old = seats(before, was), now = seats(after, is);
    const auto find = [](const auto& list, char letter) {
        return std::find_if(list.begin(), list.end(), [&](const auto& x) { return x.first == letter; });
    };
    for (const auto& [letter, nozzle] : now)
        if (const auto at = find(old, letter); at == old.end())
            out.push_back(after.machine.nozzles.size() > 1
                              ? say("{} comes in, on {}", letter, nozzle_name(after.machine, nozzle))
                              : say("{} comes in", letter));
        else if (at->second != nozzle)
            out.push_back(say("{} moves to {}", letter, nozzle_name(after.machine, nozzle)));
    for (const auto& [letter, nozzle] : old)
        if (find(now, letter) == now.end())
            out.push_back(say("{} is no longer needed", letter));
    return out;
}

} // namespace

std::vector<PlannedVariant> plan_variants(const Project& p, std::shared_ptr<const Plan> plan,
                                          const Progress& progress,
                                          const std::vector<PlannedVariant>& known) {
    std::vector<PlannedVariant> out{{-1, {}, std::make_shared<const Project>(p), plan, {}}};
    Planner planner(p, *plan);
    for (std::size_t i = 0; i < p.variants.size(); ++i) {
        if (progress.stopped())
            break;
        PlannedVariant v{static_cast<int>(i), p.variants[i].name, p.variants[i].project, nullptr, {}};
        const auto same = std::find_if(known.begin(), known.end(), [&](const PlannedVariant& k) {
            return k.project == v.project && k.plan;
        });
        if (same != known.end()) {
            v.plan = same->plan;
            out.push_back(std::move(v));
            continue;
        }
        planner.know(p, *plan);
        auto made = planner.plan(*v.project, {progress.stop, {}});
        if (made)
            v.plan = *made;
        else
            v.why_not = made.error().message;
        out.push_back(std::move(v));
        progress.at(static_cast<double>(i + 1) / static_cast<double>(p.variants.size()));
    }
    return out;
}

const char* key_of(VariantFigure f) {
    return kFigures[static_cast<int>(f)].key;
}

const char* words_for(VariantFigure f) {
    return kFigures[static_cast<int>(f)].words;
}

double value_of(VariantFigure f, const Project& p, const Plan& plan) {
    const Totals& t = plan.totals;
    switch (f) {
    case VariantFigure::waste:
        return waste_g(t);
    case VariantFigure::changes:
        return t.changes;
    case VariantFigure::hand_swaps:
        return t.hand_swaps;
    case VariantFigure::hours:
        return t.total_s;
    case VariantFigure::money:
        return t.cost;
    case VariantFigure::grams:
        return t.model_g;
    case VariantFigure::filaments: {
        int n = 0;
        for (std::size_t k = 0; k < plan.use.size(); ++k)
            n += is_used(plan, k);
        return n;
    }
    case VariantFigure::per_piece:
        return t.cost / std::max(1, count_of_all(p));
    }
    return 0;
}

Message text_of(VariantFigure f, const Project& p, double value) {
    switch (f) {
    case VariantFigure::waste:
    case VariantFigure::grams:
        return say("{}", num(value, 1, "g"));
    case VariantFigure::hours:
        return say("{}", Duration{value});
    case VariantFigure::money:
    case VariantFigure::per_piece:
        return say("{}", money(p.settings, value));
    default:
        return say("{}", static_cast<int>(std::lround(value)));
    }
}

std::vector<RegionColour> region_colours(const Project& p, const Plan& plan) {
    std::vector<RegionColour> out;
    for (std::size_t k = 0; k < p.pieces.size() && k < plan.pieces.size(); ++k)
        for (const RegionUse& r : plan.pieces[k].regions) {
            if (r.mm3 <= 0)
                continue;
            const Piece& piece = p.pieces[k];
            const Part& part = piece.parts[static_cast<std::size_t>(r.part)];
            RegionColour c{say("{}", part.name), std::max(0, find_filament(p, part.filament))};
            if (r.patch > 0) {
                const Patch& patch = part.patches[static_cast<std::size_t>(r.patch) - 1];
                c.name = say("{}: {}", part.name, patch.name);
                if (patch.filament)
                    c.filament = std::max(0, find_filament(p, patch.filament));
            } else if (r.band >= 0) {
                const Band& b = piece.bands[static_cast<std::size_t>(r.band)];
                c.name = say("{} {}\u2013{}", part.name, num(b.z0_mm, 1), mm(b.z1_mm, 1));
                c.filament = std::max(0, find_filament(p, b.filament));
            }
            out.push_back(std::move(c));
        }
    return out;
}

void grant(Project& p, const Wish& wish) {
    if (wish.piece < 0 || wish.piece >= static_cast<int>(p.pieces.size()))
        return;
    Piece& piece = p.pieces[static_cast<std::size_t>(wish.piece)];
    if (wish.part < 0 || wish.part >= static_cast<int>(piece.parts.size()))
        return;
    Part& part = piece.parts[static_cast<std::size_t>(wish.part)];
    if (wish.patch > 0 && wish.patch <= static_cast<int>(part.patches.size()))
        part.patches[static_cast<std::size_t>(wish.patch) - 1].filament = wish.filament;
    else if (wish.band >= 0 && wish.band < static_cast<int>(piece.bands.size()))
        piece.bands[static_cast<std::size_t>(wish.band)].filament = wish.filament;
    else
        part.filament = wish.filament; // what its bands and patches have stays theirs
}

Result<WishCost> cost_of(const Project& p, const Plan& plan, const Wish& wish, const Progress& progress) {
    Project granted = p;
    grant(granted, wish);
    Planner planner(p, plan);
    auto made = planner.plan(granted, {progress.stop, {}});
    if (!made)
        return made.error();
    WishCost c;
    c.plan = *made;
    const Totals &was = plan.totals, &is = c.plan->totals;
    c.changes = is.changes - was.changes;
    c.waste_g = waste_g(is) - waste_g(was);
    c.total_s = is.total_s - was.total_s;
    c.cost = is.cost - was.cost;
    c.price = price_of(p.settings, is, 0) - price_of(p.settings, was, 0);
    c.loading = moves(p, plan, granted, *c.plan);
    c.project = std::make_shared<const Project>(std::move(granted));
    return c;
}

std::vector<Message> changes_since(const Asked& before, const Asked& now) {
    std::vector<Message> out;
    const auto find = [](const std::vector<Shown>& list, const std::string& name) {
        return std::find_if(list.begin(), list.end(), [&](const Shown& s) { return s.variant == name; });
    };
    for (const Shown& s : now.shown) {
        const auto old = find(before.shown, s.variant);
        if (old == before.shown.end()) {
            out.push_back(say("{}, {}: new", s.letter, Name{s.variant}));
            continue;
        }
        for (const auto& [region, colour] : s.regions) {
            const auto was = std::find_if(old->regions.begin(), old->regions.end(),
                                          [&, name = region](const auto& r) { return r.first == name; });
            if (was == old->regions.end())
                out.push_back(say("{}, {}: {} is new, in {}", s.letter, Name{s.variant}, Name{region},
                                  describe_colour(colour)));
            else if (!(was->second == colour))
                out.push_back(say("{}, {}: {} is {}, was {}", s.letter, Name{s.variant}, Name{region},
                                  describe_colour(colour), describe_colour(was->second)));
        }
        for (const auto& [region, colour] : old->regions)
            if (std::none_of(s.regions.begin(), s.regions.end(),
                             [&, name = region](const auto& r) { return r.first == name; }))
                out.push_back(say("{}, {}: {} is gone", s.letter, Name{s.variant}, Name{region}));
    }
    for (const Shown& s : before.shown)
        if (find(now.shown, s.variant) == now.shown.end())
            out.push_back(say("{} is no longer offered", Name{s.variant}));
    return out;
}

} // namespace vitrail
