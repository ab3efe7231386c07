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
                note(filament_in(static_cast<int>(i), l - 1), filament_in(static_cast<int>(i), l), l,
                     static_cast<int>(i), static_cast<int>(i));
    for (const Contact& c : made.table->contacts)
        for (int l = c.from_layer; l <= c.to_layer; ++l) {
            const auto there = [&](int part, int layer) {
                return layer > 0 && !made.table->parts[part].layers[layer - 1].empty();
            };
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
                    note(painted, filament_in(static_cast<int>(i), l), l, static_cast<int>(i),
                         static_cast<int>(i));
                    break;
                }
        }
    for (const auto& [pair, m] : meet) {
        const Filament &a = p.filaments[pair.first], &b = p.filaments[pair.second];
        const Bond how = bond(a.material, b.material);
        if (how == Bond::holds)
            continue;
        const Message who = m.part == m.other ? say("inside {}", quoted(m.part))
                                              : say("where {} and {} touch", quoted(m.part), quoted(m.other));
        std::vector<int> parts{m.part};
        if (m.other != m.part)
            parts.push_back(m.other);
        if (how == Bond::experimental) {
            add("experimental-bond", Severity::warning,
                say("{} and {} meet {}; whether they hold is not proven. Print a small test first.", named(a),
                    named(b), who),
                at_layer(m.layer), m.layer, parts);
            continue;
        }
        Finding& f = add("no-bond", Severity::error,
                         say("{} and {} do not bond: they meet {} and the piece will split there.", named(a),
                             named(b), who),
                         at_layer(m.layer), m.layer, parts);
        // Change the one that prints less.
        const bool first_prints_less = plan.use[pair.first].model_mm3 < plan.use[pair.second].model_mm3;
        const Filament& change = first_prints_less ? a : b;
        const Material to = (first_prints_less ? b : a).material;
        const char letter = change.letter;
        f.fixes.push_back(
            {say("make {} {}", letter, std::string(facts(to).id)), {}, [letter, to](Project& q) {
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
    const auto window = [](Range r) { return say("{}\u2013{} °C", num(r.low, 0), num(r.high, 0)); };
    // One finding for each filament that stands against others, not one for each pair.
    const auto each_misfit = [&](auto apart, auto tell) {
        std::vector<int> left = used_filaments();
        for (;;) {
            int worst = -1;
            std::vector<int> against;
            for (const int f : left) {
                std::vector<int> others;
                for (const int g : left)
                    if (f != g && apart(f, g))
                        others.push_back(g);
                if (others.size() > against.size() ||
                    (others.size() == against.size() && !others.empty() && worst < 0))
                    worst = f, against = others;
            }
            if (worst < 0)
                return;
            tell(worst, against);
            std::erase(left, worst);
        }
    };
    const auto list = [&](const std::vector<int>& filaments, Range Filament::*range) {
        List out{List::Kind::and_last, {}};
        for (const int i : filaments)
            out.items.emplace_back(say("{} {}", named(p.filaments[i]), window(p.filaments[i].*range)));
        return out;
    };
    each_misfit(
        [&](int a, int b) { return !p.filaments[a].bed_c.meets(p.filaments[b].bed_c); },
        [&](int f, const std::vector<int>& against) {
            add("bed-window", Severity::error,
                say("One bed cannot suit both {} and {}. Choose filaments whose bed temperatures overlap.",
                    list({f}, &Filament::bed_c), list(against, &Filament::bed_c)),
                whole_print());
        });
    // On one nozzle it hurts; on nozzles of their own it does not.
    for (const bool shared : {true, false})
        each_misfit(
            [&](int a, int b) {
                return !p.filaments[a].nozzle_c.meets(p.filaments[b].nozzle_c) &&
                       (plan.loading.nozzle[a] == plan.loading.nozzle[b]) == shared;
            },
            [&](int f, const std::vector<int>& against) {
                add("temperature-window", shared ? Severity::warning : Severity::note,
                    say(shared ? term("{} has no nozzle temperature in common with {}: the printer waits for "
                                      "heat at every change, and the nozzle may clog.")
                               : term("{} has no nozzle temperature in common with {}; they are on nozzles "
                                      "of their own, so that is no trouble."),
                        list({f}, &Filament::nozzle_c), list(against, &Filament::nozzle_c)),
                    whole_print());
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
        const Message risk = sheet_risk(p.filaments[f].material, p.settings.sheet, named(p.filaments[f]));
        if (risk.empty())
            continue;
        Finding& x =
            add("sheet-risk",
                p.filaments[f].material == Material::CoPolyester ? Severity::error : Severity::warning,
                sentences({risk, p.settings.sheet == BuildSheet::textured
                                     ? say("Use a release coat or a smooth or satin sheet.")
                                 : p.settings.sheet == BuildSheet::smooth
                                     ? say("Use a release coat or a textured or satin sheet.")
                                     : say("Use a release coat.")}),
                at_layer(1), 1);
        x.fixes.push_back(
            {say("use a release coat"),
             say("a thin coat of glue stick, wiped even; let the bed cool before you take the print off"),
             [](Project& q) { q.settings.release_coat = true; }});
        x.fixes.push_back(
            {say("use a satin sheet"), {}, [](Project& q) { q.settings.sheet = BuildSheet::satin; }});
    }
}

void Checker::damp() {
    for (const int f : used_filaments()) {
        const Filament& x = p.filaments[f];
        const MaterialFacts& m = facts(x.material);
        if (!m.draws_moisture || x.kept_dry)
            continue;
        Finding& found_one =
            add("damp", m.soluble ? Severity::warning : Severity::note,
                say("{} draws moisture and then strings. Dry it for {} h at {} °C, in a dryer, not in an "
                    "oven used for food, and keep it closed while it prints.",
                    named(x), num(m.dry_h, 0), num(m.dry_c, 0)),
                say("filament {}", x.letter));
        const char letter = x.letter;
        found_one.fixes.push_back({say("it has been dried"), {}, [letter](Project& q) {
                                       if (const int k = find_filament(q, letter); k >= 0)
                                           q.filaments[k].kept_dry = true;
                                   }});
    }
}

/// Rolls filed as PLA whose label nobody has read: co-polyester and PETG look the same, and split from it.
void Checker::identity() {
    const auto confirm = [](std::string letters) {
        return [letters = std::move(letters)](Project& q) {
            for (const char letter : letters)
                if (const int k = find_filament(q, letter); k >= 0)
                    q.filaments[static_cast<std::size_t>(k)].class_confirmed = true;
        };
    };
    List unread{List::Kind::and_last, {}};
    std::string letters;
    for (const int f : used_filaments()) {
        const Filament& x = p.filaments[static_cast<std::size_t>(f)];
        if (x.class_confirmed || x.material != Material::PLA)
            continue;
        if (const Message why = easily_mistaken(x, named(x)); !why.empty()) {
            Finding& odd = add("class-unconfirmed", Severity::warning,
                               sentences({why, say("Read the label on the spool before it is loaded.")}),
                               say("filament {}", x.letter));
            odd.fixes.push_back({say("the label says {}", std::string(facts(x.material).id)),
                                 {},
                                 confirm(std::string(1, x.letter))});
            continue;
        }
        unread.items.emplace_back(say("{}", x.letter));
        letters += x.letter;
    }
    if (letters.empty())
        return;
    Finding& note =
        add("class-unconfirmed", Severity::note,
            counted("{1} is filed as PLA, and nobody has noted that its label was read. Co-polyester and "
                    "PETG look the same on the roll, and split from PLA at the first layer of contact.",
                    "{1} are filed as PLA, and nobody has noted that their labels were read. Co-polyester "
                    "and PETG look the same on the roll, and split from PLA at the first layer of contact.",
                    letters.size(), unread),
            say("filaments"));
    note.fixes.push_back(
        {counted("the label says PLA", "all labels say PLA", letters.size()), {}, confirm(letters)});
}

void Checker::spools() {
    for (int f = 0; f < plan.filaments; ++f) {
        const Filament& x = p.filaments[f];
        const FilamentUse& u = plan.use[f];
        const double needs = u.total_g + u.first_load_g;
        if (x.spools.empty() || needs <= 0)
            continue;
        double left = 0;
        List from{List::Kind::and_last, {}};
        for (const SpoolLeft& s : x.spools) {
            left += s.left_g;
            from.items.emplace_back(s.code.empty() ? say("its spool") : say("spool {}", s.code));
        }
        const bool one = x.spools.size() == 1;
        const double wanted = needs * (1 + p.settings.check_margin_pct / 100);
        if (const int times = p.settings.times; times > 1 && left >= needs && left < needs * times)
            add("spool-short", Severity::warning,
                say(one ? term("{} takes {} g for each of {} plates in a row and {} holds {} g: it runs out "
                               "in plate {}. Put another spool ready, or print fewer.")
                        : term("{} takes {} g for each of {} plates in a row and {} hold {} g: it runs out "
                               "in plate {}. Put another spool ready, or print fewer."),
                    named(x), num(needs), times, from, num(left), static_cast<int>(left / needs) + 1),
                say("filament {}", x.letter));
        if (left >= wanted)
            continue;
        const RunsOut out = runs_out(u.g_by_layer, x.spools);
        if (left < needs)
            add("spool-short", Severity::error,
                say(one ? term("{} takes {} g and {} holds {} g: it runs out in layer {}, {} g short. Put "
                               "another spool ready, print fewer copies, or give some regions another "
                               "filament.")
                        : term("{} takes {} g and {} hold {} g: it runs out in layer {}, {} g short. Put "
                               "another spool ready, print fewer copies, or give some regions another "
                               "filament."),
                    named(x), num(needs), from, num(left), out.last_layer, num(needs - left)),
                at_layer(std::max(1, out.last_layer)), std::max(1, out.last_layer));
        else
            add("spool-short", Severity::warning,
                say(one ? term("{} takes {} g and {} holds {} g: enough, but less than the {} % margin "
                               "beyond it. Weigh the spool before you start.")
                        : term("{} takes {} g and {} hold {} g: enough, but less than the {} % margin beyond "
                               "it. Weigh the spools before you start."),
                    named(x), num(needs), from, num(left), num(p.settings.check_margin_pct, 0)),
                say("filament {}", x.letter));
    }
}

} // namespace vitrail
