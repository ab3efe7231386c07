#include "core/study/by_hand.h"

#include "core/estimate/timeline.h"
#include "core/plan/planner.h"

#include <fmt/format.h>

#include <algorithm>
#include <bit>
#include <cmath>
#include <set>

namespace vitrail {

namespace {

/// Filament with most of a layer, −1 where nothing is printed.
int dominant(const Plan& plan, int layer) {
    int best = -1;
    for (int f = 0; f < plan.filaments; ++f)
        if (plan.model_in(layer, f) > 1e-6 &&
            (best < 0 || plan.model_in(layer, f) > plan.model_in(layer, best)))
            best = f;
    return best;
}

ByHand from_totals(HandWay way, const Plan& plan) {
    ByHand b;
    b.way = way;
    b.swaps = plan.totals.hand_swaps;
    b.attended_s = plan.totals.attended_s;
    for (const Change& c : plan.changes)
        b.waiting_s += c.wait_s;
    b.total_s = plan.totals.total_s;
    b.purge_g = plan.totals.purge_g;
    b.tower_g = plan.totals.tower_g;
    b.waste_g = waste_g(plan.totals);
    return b;
}

Number minutes(double s) {
    return num(s / 60, 0, "min");
}

Message swaps(int n) {
    return counted("{} swap", "{} swaps", n);
}

/// Bodies of different filament that touch are joined; a band is joined to what it was cut from at its two
/// ends.
int joints_of(const PiecePlan& piece) {
    int joints = 0;
    for (const Contact& c : piece.table->contacts)
        joints +=
            piece.owner[static_cast<std::size_t>(c.first_part)][static_cast<std::size_t>(c.from_layer) - 1] !=
            piece.owner[static_cast<std::size_t>(c.second_part)][static_cast<std::size_t>(c.to_layer) - 1];
    for (std::size_t i = 0; i < piece.owner.size(); ++i) {
        const std::vector<Paths>& layers = piece.table->parts[i].layers;
        for (std::size_t l = 1; l < layers.size(); ++l)
            joints +=
                piece.owner[i][l] != piece.owner[i][l - 1] && !layers[l].empty() && !layers[l - 1].empty();
    }
    return joints;
}

ByHand by_parts(const Project& p, const Plan& plan) {
    ByHand b;
    b.way = HandWay::parts;
    std::set<int> used;
    for (std::size_t k = 0; k < p.pieces.size(); ++k)
        for (const RegionUse& r : plan.pieces[k].regions)
            if (r.mm3 > 0) {
                const Part& part = p.pieces[k].parts[static_cast<std::size_t>(r.part)];
                const Patch* patch =
                    r.patch > 0 ? &part.patches[static_cast<std::size_t>(r.patch) - 1] : nullptr;
                used.insert(
                    patch ? std::max(0, find_filament(p, patch->filament))
                    : r.band >= 0
                        ? find_filament(p, p.pieces[k].bands[static_cast<std::size_t>(r.band)].filament)
                        : std::max(0, find_filament(p, part.filament)));
                if (patch && patch->filament && patch->filament != part.filament) {
                    b.possible = false;
                    b.why_not = say("{} is painted on {} and is no body of its own. Cut it out first, or "
                                    "model it as a part.",
                                    Name{patch->name}, Name{part.name});
                }
            }
    b.jobs = static_cast<int>(used.size());
    // One job after the other; the order of colours that purges least between them.
    Set all = 0;
    for (const int f : used)
        all |= Set{1} << f;
    const Ordered order = order_layers(std::vector<Set>{all}, plan.purge_table);
    for (std::size_t i = 1; i < order.sequence.items.size(); ++i)
        b.purge_g += grams(p.filaments[order.sequence.items[i]],
                           plan.purge_table.at(order.sequence.items[i - 1], order.sequence.items[i]));
    b.waste_g = b.purge_g;
    b.swaps = std::max(0, b.jobs - 1);
    for (std::size_t k = 0; k < p.pieces.size(); ++k)
        b.joints += joints_of(plan.pieces[k]) * count_of(p, p.pieces[k]);
    b.attended_s = b.swaps * p.machine.hand.attended_s + b.joints * p.settings.joint_min * 60;
    b.waiting_s = 0; // between jobs the printer is free
    for (const int f : used)
        for (int l = 1; l <= plan.grid.count; ++l)
            if (plan.model_in(l, f) > 1e-6)
                b.total_s += std::max(p.settings.min_layer_s,
                                      plan.printing_s[static_cast<std::size_t>(l - 1) * p.filaments.size() +
                                                      static_cast<std::size_t>(f)]);
    b.total_s += b.swaps * p.machine.hand.time_s;
    return b;
}

} // namespace

void to_bands(Project& p, const Plan& plan) {
    for (Piece& piece : p.pieces) {
        piece.bands.clear();
        for (Part& part : piece.parts)
            for (Patch& patch : part.patches)
                patch.filament = 0;
    }
    for (int from = 1; from <= plan.grid.count;) {
        const int f = dominant(plan, from);
        int to = from;
        while (to < plan.grid.count && (dominant(plan, to + 1) == f || dominant(plan, to + 1) < 0))
            ++to;
        for (Piece& piece : p.pieces)
            for (const Part& part : piece.parts)
                if (f >= 0 && part.filament != p.filaments[static_cast<std::size_t>(f)].letter &&
                    plan.grid.bottom_mm(from) < double(bounds(piece).max.z) - bounds(piece).min.z)
                    piece.bands.push_back({part.name, plan.grid.bottom_mm(from), plan.grid.top_mm(to),
                                           p.filaments[static_cast<std::size_t>(f)].letter});
        from = to + 1;
    }
}

Result<HandStudy> study_by_hand(const Project& project, const Plan& plan, const Progress& progress) {
    HandStudy study;
    Project one = project; // on one nozzle fed by hand, whatever the machine has besides
    if (one.machine.nozzles.size() > 1 || !one.machine.by_hand(0)) {
        one.machine.toolheads = {{one.machine.toolheads.front().name, 0}};
        one.machine.nozzles = {
            {plan.loading.nozzle.empty()
                 ? 0.4
                 : project.machine.nozzles[static_cast<std::size_t>(plan.loading.nozzle.front())].diameter_mm,
             0}};
        one.pins.clear();
        one.in_machine.clear();
    }
    Planner planner(project, plan);
    const auto made = planner.plan(one, {progress.stop, {}});
    if (!made)
        return made.error();
    progress.at(0.4);
    study.ways.push_back(from_totals(HandWay::in_layer, **made));
    Project banded = one;
    to_bands(banded, **made);
    const auto in_bands = planner.plan(banded, {progress.stop, {}});
    if (!in_bands)
        return in_bands.error();
    progress.at(0.8);
    study.ways.push_back(from_totals(HandWay::bands, **in_bands));
    double all_mm3 = 0;
    for (int l = 1; l <= plan.grid.count; ++l) {
        const int f = dominant(plan, l);
        for (int g = 0; g < plan.filaments; ++g) {
            all_mm3 += plan.model_in(l, g);
            study.ways.back().other_colour_mm3 += g == f ? 0 : plan.model_in(l, g);
        }
    }
    study.ways.push_back(by_parts(one, **made));
    // Bands are applied from what the plan says now, not from what it will say then.
    study.ways[1].apply = [pieces = banded.pieces](Project& q) {
        for (std::size_t k = 0; k < std::min(pieces.size(), q.pieces.size()); ++k) {
            q.pieces[k].bands = pieces[k].bands;
            for (Part& part : q.pieces[k].parts)
                for (Patch& patch : part.patches)
                    patch.filament = 0;
        }
    };
    if (study.ways[1].other_colour_mm3 < 1e-6)
        study.ways[1].apply = {};

    double best = -1;
    for (std::size_t i = 0; i < study.ways.size(); ++i) {
        const ByHand& w = study.ways[i];
        if (!w.possible || w.other_colour_mm3 > 0.1 * all_mm3)
            continue;
        if (best < 0 || w.attended_s < best)
            best = w.attended_s, study.best = static_cast<int>(i);
    }
    const ByHand &w = study.ways[static_cast<std::size_t>(study.best)], &layer = study.ways[0];
    if (w.way == HandWay::in_layer)
        study.advice = sentences(
            {say("Swap by hand as planned: {}, {} at the printer.", swaps(w.swaps), minutes(w.attended_s)),
             study.ways[1].other_colour_mm3 > 0.1 * all_mm3
                 ? say("One filament a layer would print too much in the wrong colour.")
                 : say("Nothing else takes less of your time.")});
    else if (w.way == HandWay::bands)
        study.advice = say("One filament a layer: {} and {} at the printer against {} and {}, and {} % of "
                           "the piece in another colour.",
                           swaps(w.swaps), minutes(w.attended_s), layer.swaps, minutes(layer.attended_s),
                           num(100 * w.other_colour_mm3 / std::max(1e-9, all_mm3)));
    else
        study.advice = say("Print it by colour and put it together: {} and {}, {} of your time against {} "
                           "for {}, and {} g of waste against {} g.",
                           counted("{} job", "{} jobs", w.jobs), counted("{} joint", "{} joints", w.joints),
                           minutes(w.attended_s), minutes(layer.attended_s), swaps(layer.swaps),
                           num(w.waste_g, 0), num(layer.waste_g, 0));
    return study;
}

} // namespace vitrail
