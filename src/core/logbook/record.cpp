#include "core/logbook/record.h"

#include "core/material/material.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

VITRAIL_VALUE_MADE_HERE(PrintRecord)

namespace {

constexpr const char* kNames[] = {"printing", "hand",  "feeder", "tool",     "waiting",
                                  "piece",    "purge", "tower",  "cleaning", "soaking"};
constexpr const char* kLabels[] = {
    term("printing"), term("hand swaps"), term("feeder changes"), term("tool changes"), term("waiting"),
    term("piece"),    term("purge"),      term("tower"),          term("cleaning up"),  term("soaking")};

} // namespace

const char* to_string(Quantity q) {
    return kNames[static_cast<std::size_t>(q)];
}

std::optional<Quantity> quantity_of(std::string_view text) {
    for (int q = 0; q < kQuantities; ++q)
        if (text == kNames[q])
            return static_cast<Quantity>(q);
    return {};
}

Message label(Quantity q) {
    return say(kLabels[static_cast<std::size_t>(q)]);
}

bool in_grams(Quantity q) {
    return q == Quantity::piece || q == Quantity::purge || q == Quantity::tower;
}

const char* to_string(Outcome o) {
    return o == Outcome::good ? "good" : o == Outcome::usable ? "usable" : "failed";
}

const std::vector<Fault>& faults() {
    static const std::vector<Fault> list{
        {"swap-off", term("a swap one layer off")},
        {"swap-missed", term("a swap missed, or at night")},
        {"first-layer", term("another first layer than planned")},
        {"misplaced", term("a body misplaced, a gap or an overlap")},
        {"strokes", term("strokes too fine for the nozzle")},
        {"bond", term("materials that do not bond")},
        {"interface", term("an interface that bonded, or was left out")},
        {"misfiled", term("a spool that was something else than filed")},
        {"damp", term("damp filament")},
        {"nozzle", term("the wrong nozzle")},
        {"ran-out", term("a spool ran out")},
        {"slots", term("more colours than slots, and nobody there")},
        {"tower", term("the tower fell, or hairs of another colour")},
        {"shift", term("a layer shift, or the bed was not seated")},
        {"bed", term("it came off the bed")},
        {"snapped", term("a thin part snapped off with the support")},
        {"jam", term("a jam in nozzle or feeder")},
        {"bleeding", term("a colour that did not come out clean")},
        {"other", term("something else")},
    };
    return list;
}

const Fault* find_fault(std::string_view code) {
    for (const Fault& f : faults())
        if (code == f.code)
            return &f;
    return nullptr;
}

double PrintRecord::foretold_s() const {
    double sum = 0;
    for (const Quantity q :
         {Quantity::printing, Quantity::hand, Quantity::feeder, Quantity::tool, Quantity::waiting})
        sum += at(q).foretold;
    return sum;
}

std::optional<double> PrintRecord::real_s() const {
    if (end_s > start_s && start_s > 0)
        return static_cast<double>(end_s - start_s);
    double sum = 0;
    for (const Quantity q :
         {Quantity::printing, Quantity::hand, Quantity::feeder, Quantity::tool, Quantity::waiting}) {
        if (at(q).foretold > 0 && !at(q).real)
            return {};
        sum += at(q).real.value_or(0);
    }
    return sum;
}

double PrintRecord::waste_g() const {
    const auto known = [&](Quantity q) { return at(q).real.value_or(at(q).foretold); };
    return known(Quantity::purge) + known(Quantity::tower);
}

PrintRecord record_of(const Project& p, const Plan& plan) {
    PrintRecord r;
    const Totals& t = plan.totals;
    r.title = p.name;
    r.machine = p.machine.id;
    r.machine_name = p.machine.name;
    r.copies = p.settings.copies;
    r.layers = plan.grid.count;
    r.changes = t.changes;
    r.hand_swaps = t.hand_swaps;
    r.trips = plan.attendance.trips;
    r.night_trips = plan.attendance.night_trips;
    r.cost = t.cost;
    r.as_assigned_g = plan.as_assigned.purge_g + plan.as_assigned.tower_g;
    r.as_assigned_s = plan.as_assigned.total_s;
    r.as_assigned_cost = plan.as_assigned.cost;
    if (t.useful_purge_g > 0) {
        double g = 0;
        for (const FilamentUse& u : plan.use)
            g += u.total_g + u.first_load_g;
        r.savings.push_back(
            {"useful-purge", t.useful_purge_g, 0, g > 0 ? t.filament_cost * t.useful_purge_g / g : 0});
    }
    for (const Saving& s : p.taken)
        if (s.code != "order") // the order as assigned says that already
            r.savings.push_back(s);
    const auto measured = [&](const WashoutUse& w) { return w.readings > 0; };
    r.purge_measured =
        !plan.washouts.empty() && std::all_of(plan.washouts.begin(), plan.washouts.end(), measured);
    for (const Change& c : plan.changes) {
        r.at(c.kind == ChangeKind::hand     ? Quantity::hand
             : c.kind == ChangeKind::feeder ? Quantity::feeder
                                            : Quantity::tool)
            .foretold += c.time_s - c.wait_s;
        r.at(Quantity::waiting).foretold += c.wait_s;
    }
    for (const Refill& x : plan.refills)
        if (x.pause) {
            r.at(Quantity::hand).foretold += p.machine.hand.time_s;
            r.at(Quantity::waiting).foretold += std::max(0.0, x.time_s - p.machine.hand.time_s);
        }
    r.at(Quantity::printing).foretold = t.print_s;
    r.at(Quantity::piece).foretold = t.model_g + t.support_g + t.interface_g;
    r.at(Quantity::purge).foretold = t.purge_g;
    r.at(Quantity::tower).foretold = t.tower_g;
    r.at(Quantity::cleaning).foretold = plan.cleanup.hand_s;
    r.at(Quantity::soaking).foretold = plan.cleanup.soak_s;
    r.contact_cm2 = plan.cleanup.contact_mm2() / 100;
    const Settings usual;
    for (const SettingInfo& s : all_settings())
        if (s.field.of(p.settings) != s.field.of(usual))
            r.settings[s.key] = setting_text(p.settings, s);
    if (!p.settings.layer_bands.empty())
        r.settings[kLayerBands] = layer_bands_text(p.settings.layer_bands);
    const Cleanup& c = plan.cleanup;
    if (c.contact_mm2() > 0)
        r.school = c.dissolved_mm2 >= std::max(c.broken_mm2, c.peeled_mm2) ? "dissolved"
                   : c.peeled_mm2 >= c.broken_mm2                          ? "peeled"
                                                                           : "broken";
    double most_g = -1;
    for (std::size_t f = 0; f < p.filaments.size() && f < plan.use.size(); ++f) {
        if (plan.use[f].last_layer == 0)
            continue;
        const Filament& x = p.filaments[f];
        r.filaments.push_back({x.letter,
                               x.name,
                               facts(x.material).id,
                               to_hex(x.colour),
                               {},
                               plan.use[f].total_g + plan.use[f].first_load_g,
                               {},
                               {}});
        if (plan.use[f].model_g > most_g) {
            most_g = plan.use[f].model_g;
            r.material = facts(x.material).id;
        }
    }
    for (std::size_t n = 0; n < p.machine.nozzles.size(); ++n)
        if (std::any_of(plan.stays.begin(), plan.stays.end(),
                        [&](const Stay& s) { return s.nozzle == static_cast<int>(n); })) {
            r.nozzle_mm = p.machine.nozzles[n].diameter_mm;
            break;
        }
    return r;
}

Message school_label(const std::string& school) {
    return school == "broken"      ? say("broken off")
           : school == "peeled"    ? say("peeled off")
           : school == "dissolved" ? say("dissolved")
           : school.empty()        ? say("none")
                                   : say("{}", school);
}

Message setting_label(const std::string& key) {
    const SettingInfo* info = find_setting(key);
    return info                 ? say(info->label)
           : key == kLayerBands ? say("Layers of heights of their own")
                                : say("{}", key);
}

std::vector<Saving> savings_of(const PrintRecord& r) {
    std::vector<Saving> out;
    const auto add = [&](const Saving& s) {
        if (s.waste_g != 0 || s.time_s != 0 || s.cost != 0)
            out.push_back(s);
    };
    if (r.as_assigned_g > 0 || r.as_assigned_s > 0 ||
        r.as_assigned_cost > 0) // else the record knows nothing of it
        add({"order",
             std::max(0.0, r.as_assigned_g - r.at(Quantity::purge).foretold - r.at(Quantity::tower).foretold),
             std::max(0.0, r.as_assigned_s - r.foretold_s()), std::max(0.0, r.as_assigned_cost - r.cost)});
    for (const Saving& s : r.savings)
        add(s);
    return out;
}

Message saving_label(const std::string& code) {
    struct Label {
        const char *code, *words;
    };
    static constexpr Label kLabels[] = {
        {"order", term("the order within layers")},
        {"useful-purge", term("purge into the piece or its support")},
        {"border", term("a border moved to another change")},
        {"merge", term("filaments alike made one")},
        {"drop", term("small regions recoloured")},
        {"unlock", term("an order unlocked")},
        {"pose", term("another pose")},
        {"machine", term("another machine")},
        {"together", term("copies printed together")},
        {"infill", term("purge into the infill")},
        {"tower", term("a tower of another shape")},
        {"align", term("supports ended in shared layers")},
        {"small", term("small faces without interface")},
        {"tree", term("branches instead of columns")},
        {"columns", term("columns instead of branches")},
        {"bed", term("support on the bed only")},
        {"bridge", term("gaps bridged")},
        {"cut", term("a piece cut")},
    };
    for (const Label& l : kLabels)
        if (code == l.code)
            return say(l.words);
    return say("{}", Name{code});
}

void take_run(PrintRecord& r, const Run& run) {
    const RunFigures f = run_figures(run);
    std::int64_t began = 0, ended = 0;
    for (const RunEvent& e : run.events)
        if (e.plate == 0) {
            if (e.what == RunEvent::What::started && began == 0)
                began = e.at_s;
            if (e.what == RunEvent::What::finished || e.what == RunEvent::What::failed)
                ended = e.at_s;
            if (e.what == RunEvent::What::failed) {
                r.outcome = Outcome::failed;
                r.failed_layer = e.layer;
            }
        }
    r.start_s = began;
    r.end_s = std::max(ended, began);
    r.project_file = run.project_file;
    if (ended <= began || r.outcome == Outcome::failed)
        return;
    const bool all_reported = f.unreported == 0;
    if (r.at(Quantity::waiting).foretold > 0 && all_reported)
        r.at(Quantity::waiting).real = f.waited_s;
    if (all_reported)
        settle_printing(r, f.waited_s + f.paused_s);
}

void settle_printing(PrintRecord& r, double stood_s) {
    std::optional<double>& real = r.at(Quantity::printing).real;
    real.reset();
    double rest = static_cast<double>(r.end_s - r.start_s) - stood_s;
    for (const Quantity q : {Quantity::hand, Quantity::feeder, Quantity::tool})
        rest -= r.at(q).real.value_or(r.at(q).foretold);
    if (r.outcome != Outcome::failed && r.end_s > r.start_s && rest > 0)
        real = rest;
}

PerPiece per_piece(double reading_g, int pieces, double step_g) {
    return pieces < 1 ? PerPiece{} : PerPiece{reading_g / pieces, step_g / 2 / pieces};
}

std::vector<Message> doubts(const PrintRecord& r) {
    constexpr double kMost = 3, kLeast_g = 2, kLeast_s = 600;
    std::vector<Message> out;
    const auto odd = [&](double foretold, double real, double slack) {
        return foretold > 0 && std::abs(real - foretold) > slack &&
               (real >= kMost * foretold || (r.outcome != Outcome::failed && real <= foretold / kMost));
    };
    for (int k = 0; k < kQuantities; ++k) {
        const auto q = static_cast<Quantity>(k);
        if (const Figure& f = r.at(q); in_grams(q) && f.real && odd(f.foretold, *f.real, kLeast_g))
            out.push_back(say("{1} on the scale ({0}), where {2} were foretold.", label(q),
                              num(*f.real, 1, "g"), num(f.foretold, 1, "g")));
    }
    if (const auto real = r.real_s(); real && odd(r.foretold_s(), *real, kLeast_s))
        out.push_back(
            say("It took {0}, where {1} were foretold.", Duration{*real}, Duration{r.foretold_s()}));
    return out;
}

std::vector<Weighing> weighings(const PrintRecord& record, double step_g, double wanted_pct) {
    std::vector<Weighing> out;
    for (const Quantity q : {Quantity::piece, Quantity::tower, Quantity::purge}) {
        const double g = record.at(q).foretold;
        if (g <= 0)
            continue;
        const bool too_light = 100 * step_g / 2 > wanted_pct * g;
        if (too_light && !out.empty()) {
            out.back().together.push_back(q);
            out.back().expected_g += g;
        } else {
            out.push_back({{q}, g, 0});
        }
    }
    for (Weighing& w : out)
        w.share_pct = 100 * step_g / 2 / w.expected_g;
    return out;
}

} // namespace vitrail
