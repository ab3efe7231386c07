#include "core/check/checker.h"

#include "core/material/pairing.h"
#include "core/material/shelf.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <set>

namespace vitrail {

void Checker::bonds() {
    // Where two filaments first meet: within a part from layer to layer, or between parts that touch.
    struct Meeting {
        int layer, part, other;
    };
    std::map<std::pair<int, int>, Meeting> meet;
    const auto note = [&](int a, int b, int layer, int part, int other) {
        if (p.filaments[a].material == p.filaments[b].material)
            return;
        const auto [it, fresh] = meet.try_emplace(std::minmax(a, b), Meeting{layer, part, other});
        if (!fresh && layer < it->second.layer)
            it->second = {layer, part, other};
    };
    std::set<Material> classes;
    for (int f : used_filaments())
        classes.insert(p.filaments[f].material);
    if (classes.size() < 2)
        return;
    for (std::size_t i = 0; i < piece.parts.size(); ++i)
        for (int l = 2; l <= grid().count; ++l)
            if (!made.table->parts[i].layers[l - 1].empty() && !made.table->parts[i].layers[l - 2].empty())
                note(filament_in(static_cast<int>(i), l - 1), filament_in(static_cast<int>(i), l), l, static_cast<int>(i),
                     static_cast<int>(i));
    for (const Contact& c : made.table->contacts)
        for (int l = c.from_layer; l <= c.to_layer; ++l) {
            const auto there = [&](int part, int layer) { return layer > 0 && !made.table->parts[part].layers[layer - 1].empty(); };
            const int a = c.first_part, b = c.second_part;
            if (there(a, l) && there(b, l))
                note(filament_in(a, l), filament_in(b, l), l, a, b);
            else if (there(a, l - 1) && there(b, l)) // one ends where the other begins
                note(filament_in(a, l - 1), filament_in(b, l), l, a, b);
            else if (there(b, l - 1) && there(a, l))
                note(filament_in(a, l), filament_in(b, l - 1), l, a, b);
        }
    // A patch lies on its part, and may touch what its part touches.
    for (std::size_t i = 0; i < piece.parts.size(); ++i)
        for (std::size_t k = 0; k < piece.parts[i].patches.size(); ++k) {
            const int painted = find_filament(p, piece.parts[i].patches[k].filament);
            for (int l = 1; painted >= 0 && l <= grid().count; ++l)
                if (made.demand->patches[i][k].mm3[l - 1] > 1e-6) {
                    note(painted, filament_in(static_cast<int>(i), l), l, static_cast<int>(i), static_cast<int>(i));
                    break;
                }
        }
    for (const auto& [pair, m] : meet) {
        const Filament &a = p.filaments[pair.first], &b = p.filaments[pair.second];
        const Bond how = bond(a.material, b.material);
        if (how == Bond::holds)
            continue;
        const std::string who = m.part == m.other ? "inside " + quoted(m.part)
                                                  : "where " + quoted(m.part) + " and " + quoted(m.other) + " touch";
        std::vector<int> parts{m.part};
        if (m.other != m.part)
            parts.push_back(m.other);
        if (how == Bond::experimental) {
            add("experimental-bond", Severity::warning,
                named(a) + " and " + named(b) + " meet " + who + "; whether they hold is not proven. Print a small test first.",
                at_layer(m.layer), m.layer, parts);
            continue;
        }
        Finding& f = add("no-bond", Severity::error,
                         named(a) + " and " + named(b) + " do not bond: they meet " + who +
                             " and the piece will split there.",
                         at_layer(m.layer), m.layer, parts);
        // Change the one that prints less.
        const bool first_prints_less = plan.use[pair.first].model_mm3 < plan.use[pair.second].model_mm3;
        const Filament& change = first_prints_less ? a : b;
        const Material to = (first_prints_less ? b : a).material;
        const char letter = change.letter;
        f.fixes.push_back({std::string("make ") + letter + " " + facts(to).id, {}, [letter, to](Project& q) {
                        if (const int k = find_filament(q, letter); k >= 0) {
                            Filament fresh = make_filament(letter, to, q.filaments[k].colour, q.filaments[k].name);
                            fresh.price_per_kg = q.filaments[k].price_per_kg;
                            fresh.diameter_mm = q.filaments[k].diameter_mm;
                            fresh.td_mm = q.filaments[k].td_mm;
                            q.filaments[k] = fresh;
                        }
                    }});
    }
}

void Checker::temperatures() {
    const auto window = [](Range r) { return num(r.low, 0) + "\u2013" + num(r.high, 0) + " °C"; };
    // One finding for each filament that stands against others, not one for each pair.
    const auto each_misfit = [&](auto apart, auto say) {
        std::vector<int> left = used_filaments();
        for (;;) {
            int worst = -1;
            std::vector<int> against;
            for (const int f : left) {
                std::vector<int> others;
                for (const int g : left)
                    if (f != g && apart(f, g))
                        others.push_back(g);
                if (others.size() > against.size() || (others.size() == against.size() && !others.empty() && worst < 0))
                    worst = f, against = others;
            }
            if (worst < 0)
                return;
            say(worst, against);
            std::erase(left, worst);
        }
    };
    const auto list = [&](const std::vector<int>& filaments, Range Filament::*range) {
        std::string s;
        for (std::size_t i = 0; i < filaments.size(); ++i) {
            const Filament& f = p.filaments[filaments[i]];
            s += (i == 0 ? "" : i + 1 == filaments.size() ? " and " : ", ") + named(f) + " " + window(f.*range);
        }
        return s;
    };
    each_misfit([&](int a, int b) { return !p.filaments[a].bed_c.meets(p.filaments[b].bed_c); },
                [&](int f, const std::vector<int>& against) {
                    add("bed-window", Severity::error,
                        "One bed cannot suit both " + list({f}, &Filament::bed_c) + " and " + list(against, &Filament::bed_c) +
                            ". Choose filaments whose bed temperatures overlap.",
                        "whole print");
                });
    // On one nozzle it hurts; on nozzles of their own it does not.
    for (const bool shared : {true, false})
        each_misfit(
            [&](int a, int b) {
                return !p.filaments[a].nozzle_c.meets(p.filaments[b].nozzle_c) && (plan.loading.nozzle[a] == plan.loading.nozzle[b]) == shared;
            },
            [&](int f, const std::vector<int>& against) {
                add("temperature-window", shared ? Severity::warning : Severity::note,
                    list({f}, &Filament::nozzle_c) + " has no nozzle temperature in common with " + list(against, &Filament::nozzle_c) +
                        (shared ? ": the printer waits for heat at every change, and the nozzle may clog."
                                : "; they are on nozzles of their own, so that is no trouble."),
                    "whole print");
            });
}


void Checker::sheets() {
    if (p.settings.release_coat)
        return;
    // What touches the sheet.
    std::set<int> first;
    for (const std::uint8_t f : plan.sequence.layer(0))
        first.insert(f);
    for (const int f : first) {
        const char* why = sheet_risk(p.filaments[f].material, p.settings.sheet);
        if (!why)
            continue;
        Finding& x = add("sheet-risk", p.filaments[f].material == Material::CoPolyester ? Severity::error : Severity::warning,
                         named(p.filaments[f]) + " " + why + ". Use a release coat" +
                             (p.settings.sheet == BuildSheet::textured ? " or a smooth or satin sheet." : p.settings.sheet == BuildSheet::smooth ? " or a textured or satin sheet." : "."),
                         at_layer(1), 1);
        x.fixes.push_back({"use a release coat", "a thin coat of glue stick, wiped even; let the bed cool before you take the print off", [](Project& q) { q.settings.release_coat = true; }});
        x.fixes.push_back({"use a satin sheet", {}, [](Project& q) { q.settings.sheet = BuildSheet::satin; }});
    }
}

void Checker::damp() {
    for (const int f : used_filaments()) {
        const Filament& x = p.filaments[f];
        const MaterialFacts& m = facts(x.material);
        if (!m.draws_moisture || x.kept_dry)
            continue;
        Finding& found_one = add("damp", m.soluble ? Severity::warning : Severity::note,
                                 named(x) + " draws moisture and then strings. Dry it for " + num(m.dry_h, 0) + " h at " + num(m.dry_c, 0) +
                                     " °C, in a dryer, not in an oven used for food, and keep it closed while it prints.",
                                 "filament " + std::string(1, x.letter));
        const char letter = x.letter;
        found_one.fixes.push_back({"it has been dried", {}, [letter](Project& q) {
                                       if (const int k = find_filament(q, letter); k >= 0)
                                           q.filaments[k].kept_dry = true;
                                   }});
    }
}

void Checker::identity() {
    std::set<Material> classes;
    for (const int f : used_filaments())
        classes.insert(p.filaments[f].material);
    for (const int f : used_filaments()) {
        const Filament& x = p.filaments[f];
        const std::string why = easily_mistaken(x);
        if (why.empty() || x.class_confirmed)
            continue;
        Finding& note = add("class-unconfirmed", classes.size() > 1 ? Severity::warning : Severity::note,
                            named(x) + " " + why + " Read the label on the spool once more before it is loaded.", "filament " + std::string(1, x.letter));
        const char letter = x.letter;
        note.fixes.push_back({std::string("the label says ") + facts(x.material).id, {}, [letter](Project& q) {
                                  if (const int k = find_filament(q, letter); k >= 0)
                                      q.filaments[k].class_confirmed = true;
                              }});
    }
}

void Checker::spools() {
    for (int f = 0; f < plan.filaments; ++f) {
        const Filament& x = p.filaments[f];
        const FilamentUse& u = plan.use[f];
        const double needs = u.total_g + u.first_load_g;
        if (x.spools.empty() || needs <= 0)
            continue;
        double left = 0;
        std::string from;
        for (const SpoolLeft& s : x.spools) {
            left += s.left_g;
            from += (from.empty() ? "" : " and ") + (s.code.empty() ? std::string("its spool") : "spool " + s.code);
        }
        const double wanted = needs * (1 + p.settings.check_margin_pct / 100);
        if (left >= wanted)
            continue;
        const RunsOut out = runs_out(u.g_by_layer, x.spools);
        if (left < needs)
            add("spool-short", Severity::error,
                named(x) + " takes " + num(needs) + " g and " + from + " holds " + num(left) + " g: it runs out in layer " + std::to_string(out.last_layer) +
                    ", " + num(needs - left) + " g short. Put another spool ready, print fewer copies, or give some regions another filament.",
                at_layer(std::max(1, out.last_layer)), std::max(1, out.last_layer));
        else
            add("spool-short", Severity::warning,
                named(x) + " takes " + num(needs) + " g and " + from + " holds " + num(left) + " g: enough, but less than the " +
                    num(p.settings.check_margin_pct, 0) + " % margin beyond it. Weigh the spool before you start.",
                "filament " + std::string(1, x.letter));
    }
}

} // namespace vitrail
