#include "core/changes/seating.h"

#include "core/changes/slots.h"

#include <algorithm>
#include <bit>
#include <map>

namespace vitrail {

namespace {

/// What one feeder is asked for, in order.
struct Jobs {
    std::vector<Set> sets;
    std::vector<int> layer;
};

Jobs jobs_of(const Project& p, const Sequence& sequence, const Loading& loading, int head) {
    const Toolhead& t = p.machine.toolheads[static_cast<std::size_t>(head)];
    Jobs jobs;
    for (int l = 1; l <= static_cast<int>(sequence.layers()); ++l) {
        std::vector<std::uint8_t> here;
        for (const std::uint8_t f : sequence.layer(static_cast<std::size_t>(l) - 1))
            if (p.machine.nozzles[static_cast<std::size_t>(loading.nozzle[f])].toolhead == head)
                here.push_back(f);
        if (here.empty())
            continue;
        if (static_cast<int>(here.size()) <= t.slots) {
            Set all = 0;
            for (const std::uint8_t f : here)
                all |= Set{1} << f;
            jobs.sets.push_back(all);
            jobs.layer.push_back(l);
        } else {
            for (const std::uint8_t f : here) {
                jobs.sets.push_back(Set{1} << f);
                jobs.layer.push_back(l);
            }
        }
    }
    return jobs;
}

void seat_feeder(const Project& p, const Sequence& sequence, const Loading& loading, int head, Seating& out) {
    const Toolhead& t = p.machine.toolheads[static_cast<std::size_t>(head)];
    const Jobs jobs = jobs_of(p, sequence, loading, head);
    const auto layer_of = [&](int job) { return jobs.layer[static_cast<std::size_t>(job)]; };
    std::vector<SlotStay> seats = keep_needed_soonest(jobs.sets, t.slots);
    std::vector<const SlotStay*> last(static_cast<std::size_t>(t.slots), nullptr);
    std::map<int, int> times_in;
    for (const SlotStay& s : seats) {
        // A filament that is there from the start but used later arrives in its first layer as far as the
        // list is concerned.
        int first = std::max(0, s.from);
        while (!(jobs.sets[static_cast<std::size_t>(first)] >> s.filament & 1))
            ++first;
        const SlotStay*& before = last[static_cast<std::size_t>(s.slot)];
        const bool at_start =
            s.from < 0 && p.filaments[static_cast<std::size_t>(s.filament)].free_after_h <= 0;
        out.stays.push_back({loading.nozzle[static_cast<std::size_t>(s.filament)], head, s.slot + 1,
                             s.filament, layer_of(first), layer_of(s.to), at_start});
        if (!at_start) {
            SlotRefill r;
            r.toolhead = head;
            r.slot = s.slot + 1;
            r.out = before ? before->filament : -1;
            r.in = s.filament;
            r.nth = ++times_in[s.filament];
            const int needed = layer_of(first), idle_from = before ? layer_of(before->to) + 1 : 1;
            r.pause = idle_from > needed - 1;
            r.earliest_layer = r.pause ? needed : idle_from;
            r.latest_layer = r.pause ? needed : needed - 1;
            r.within_layer = before && layer_of(before->to) == needed;
            out.refills.push_back(r);
        }
        before = &s;
    }
}

/// An external spool: every displacement is a swap.
void seat_external(const Project& p, const Sequence& sequence, const Loading& loading, int nozzle,
                   Seating& out) {
    Stay now{nozzle, p.machine.nozzles[static_cast<std::size_t>(nozzle)].toolhead, 0, -1, 0, 0};
    for (int l = 1; l <= static_cast<int>(sequence.layers()); ++l)
        for (const std::uint8_t f : sequence.layer(static_cast<std::size_t>(l) - 1)) {
            if (loading.nozzle[f] != nozzle)
                continue;
            if (f != now.filament) {
                if (now.filament >= 0)
                    out.stays.push_back(now);
                now.filament = f;
                now.from_layer = l;
            }
            now.to_layer = l;
        }
    if (now.filament >= 0)
        out.stays.push_back(now);
    // Its first spool may come later, as long as it is there by its first layer.
    const auto first =
        std::find_if(out.stays.begin(), out.stays.end(), [&](const Stay& s) { return s.nozzle == nozzle; });
    if (first == out.stays.end())
        return;
    first->at_start = p.filaments[static_cast<std::size_t>(first->filament)].free_after_h <= 0;
    if (first->at_start)
        return;
    SlotRefill r;
    r.toolhead = now.toolhead;
    r.in = first->filament;
    r.pause = first->from_layer <= 1;
    r.earliest_layer = 1;
    r.latest_layer = std::max(1, first->from_layer - 1);
    out.refills.push_back(r);
}

} // namespace

Seating seat_spools(const Project& p, const Sequence& sequence, const Loading& loading,
                    std::span<const Switch> switches) {
    Seating out;
    for (std::size_t h = 0; h < p.machine.toolheads.size(); ++h)
        if (p.machine.toolheads[h].has_feeder())
            seat_feeder(p, sequence, loading, static_cast<int>(h), out);
    for (std::size_t n = 0; n < p.machine.nozzles.size(); ++n)
        if (p.machine.by_hand(static_cast<int>(n)))
            seat_external(p, sequence, loading, static_cast<int>(n), out);
    std::stable_sort(out.stays.begin(), out.stays.end(),
                     [](const Stay& a, const Stay& b) { return a.from_layer < b.from_layer; });
    const auto due = [](const SlotRefill& r) { // before that layer, or within it
        return std::pair(r.pause ? r.latest_layer : r.latest_layer + 1, r.within_layer);
    };
    std::stable_sort(out.refills.begin(), out.refills.end(),
                     [&](const SlotRefill& a, const SlotRefill& b) { return due(a) < due(b); });
    std::vector<std::vector<const Stay*>> fed(p.filaments.size()); // external spools have no slot
    for (const Stay& s : out.stays)
        if (s.slot > 0)
            fed[static_cast<std::size_t>(s.filament)].push_back(&s);
    for (const Switch& c : switches) {
        // The last of its stays to have begun by then; a filament's stays follow each other.
        const std::vector<const Stay*>& stays = fed[static_cast<std::size_t>(c.to)];
        const auto after = std::upper_bound(stays.begin(), stays.end(), c.layer,
                                            [](int layer, const Stay* s) { return layer < s->from_layer; });
        out.slot_of.push_back(after != stays.begin() && c.layer <= after[-1]->to_layer ? after[-1]->slot : 0);
    }
    for (SlotRefill& r : out.refills) {
        r.layer = r.earliest_layer;
        for (const RefillChoice& choice : p.refill_choices)
            if (choice.filament == p.filaments[static_cast<std::size_t>(r.in)].letter && choice.nth == r.nth)
                r.layer = std::clamp(choice.layer, r.earliest_layer, r.latest_layer);
    }
    for (const Stay& s : out.stays) { // what a refill or a swap brings is counted there
        const bool there = std::any_of(p.in_machine.begin(), p.in_machine.end(), [&](const InMachine& x) {
            return x.filament == p.filaments[static_cast<std::size_t>(s.filament)].letter &&
                   x.toolhead == s.toolhead;
        });
        out.spools_to_load += s.at_start && !there;
    }
    return out;
}

} // namespace vitrail
