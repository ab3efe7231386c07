#include "core/base/numbers.h"
#include "core/run_sheet/run_sheet.h"

#include "core/run/commands.h"
#include "core/material/shelf.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <set>

namespace vitrail {

namespace {

/// Where copies and towers stand, where there is more than the piece in the middle of the bed; empty where it does not fit.
std::string places_on_bed(const Plate& plate) {
    if (!plate.fits || (plate.copies.size() < 2 && plate.towers.empty()))
        return {};
    const auto at = [](const Footprint& f) { return fmt::format("({:.0f}, {:.0f})", f.x_mm, f.y_mm); };
    const auto list = [&](const std::vector<Footprint>& places) {
        std::string text;
        for (const Footprint& f : places)
            text += (text.empty() ? "" : ", ") + at(f);
        return text;
    };
    constexpr std::size_t kMostListed = 9;
    const auto across = static_cast<std::size_t>(plate.across);
    std::string where;
    if (plate.copies.size() == 1) {
        where = "the piece at " + at(plate.copies.front());
    } else if (plate.copies.size() <= kMostListed) {
        where = "copies at " + list(plate.copies);
    } else {
        // They stand in rows: the first and the steps say it all.
        const Footprint &first = plate.copies.front(), &next = plate.copies[1 % across], &above = plate.copies[std::min(across, plate.copies.size() - 1)];
        where = fmt::format("{} copies in rows of {}, the first at {}, {:.1f} mm from one to the next and {:.1f} mm from row to row", plate.copies.size(), across, at(first),
                            next.x_mm - first.x_mm, above.y_mm - first.y_mm);
    }
    if (!plate.towers.empty())
        where += (plate.towers.size() > 1 ? "; towers at " : "; the tower at ") + list(plate.towers);
    return "On the bed, middles in mm from its front left corner: " + where + ".";
}

std::vector<std::string> cautions_for(const Project& p, const Plan& plan) {
    std::vector<std::string> c{
        "Nozzle and bed are over 200 °C and 50 °C hot: let them cool before you touch them, and keep your fingers out of the moving machine.",
        "Never leave a machine alone on its first use of a new part or filament.",
        "Ventilate the room while it prints."};
    bool fumes = false, soluble = false;
    for (std::size_t f = 0; f < p.filaments.size(); ++f) {
        if (plan.use[f].printed_mm3() <= 0)
            continue;
        fumes |= facts(p.filaments[f].material).fumes;
        soluble |= facts(p.filaments[f].material).soluble;
    }
    if (fumes)
        c.back() = "ABS, ASA and HIPS give off fumes: ventilate well, to the outside, and do not stay in the room for long.";
    if (plan.totals.refills && !plan.totals.hand_swaps)
        c.emplace_back("Slots are refilled while the machine moves: keep your fingers out of it, and cut filament away from your hand.");
    if (plan.totals.hand_swaps)
        c.emplace_back("Hand swaps are done at a hot nozzle: pull and push the filament above the head, and cut it away from your hand.");
    if (soluble)
        c.emplace_back("Soluble waste goes where local rules say: strain it, and do not wash lumps down the sink.");
    c.emplace_back("Printed parts are not food-safe or load-rated by default.");
    return c;
}

} // namespace

std::string when(const LayerGrid& grid, const Change& c) {
    if (c.within_layer && c.layer == 1)
        return fmt::format("within layer 1 · after part of layer 1 · with 0.00 mm printed, layer 1 ends at {:.2f} mm", c.z_after_mm);
    if (c.within_layer)
        return fmt::format("within layer {} · after layer {} and part of layer {} · with {:.2f} mm printed, layer {} ends at {:.2f} mm",
                      c.layer, c.layer - 1, c.layer, grid.bottom_mm(c.layer), c.layer, grid.top_mm(c.layer));
    return fmt::format("before layer {} · after layer {} · with {:.2f} mm printed, layer {} ends at {:.2f} mm", c.layer, c.layer - 1,
                  c.z_before_mm, c.layer, c.z_after_mm);
}

std::string when(const Refill& r) {
    if (r.pause)
        return fmt::format("in layer {}, while the printer waits", r.latest_layer);
    if (r.earliest_layer == r.latest_layer)
        return fmt::format("while layer {} is printed", r.earliest_layer);
    return fmt::format("any time from layer {} to layer {}", r.earliest_layer, r.latest_layer);
}

std::string presence(const Project& p, const Plan& plan) {
    const Attendance& a = plan.attendance;
    const auto clock = [](double hour) {
        const int minutes = static_cast<int>(std::lround(hour * 60)) % 1440;
        return fmt::format("{:02}:{:02}", minutes / 60, minutes % 60);
    };
    const std::string start = "Started at " + clock(p.settings.start_hour);
    if (!a.trips)
        return start + " it runs to its end without anybody.";
    std::string s = start + " somebody must come " + (a.trips == 1 ? "once" : fmt::format("{} times", a.trips));
    if (p.settings.night_from != p.settings.night_to)
        s += a.night_trips ? fmt::format(", {} of them at night, between {} and {}", a.night_trips, clock(p.settings.night_from).c_str(), clock(p.settings.night_to).c_str())
                           : std::string(", never at night");
    if (a.longest_stay_s > 1200)
        s += "; the longest stay is " + duration(a.longest_stay_s);
    return s + ".";
}

std::vector<Place> starting_places(const Project& p, const Plan& plan) {
    std::vector<Place> places(p.filaments.size());
    std::vector<char> seen(p.filaments.size(), 0), busy(p.machine.nozzles.size(), 0);
    for (const Stay& s : plan.stays) {
        const auto f = static_cast<std::size_t>(s.filament);
        const bool external = s.slot == 0, first_there = !external || !busy[static_cast<std::size_t>(s.nozzle)];
        if (external)
            busy[static_cast<std::size_t>(s.nozzle)] = 1;
        if (seen[f])
            continue;
        seen[f] = 1;
        const bool put_in_later = std::any_of(plan.refills.begin(), plan.refills.end(), [&](const Refill& r) { return r.in == s.filament && r.nth == 1; });
        places[f] = {s.toolhead, s.nozzle, s.slot, first_there && !put_in_later};
    }
    return places;
}

std::string describe(const Project& p, const Place& place) {
    const std::string nozzle = p.machine.nozzles.size() > 1 ? nozzle_name(p.machine, place.nozzle) + ", " : "";
    if (!place.at_start)
        return nozzle + "later, by hand";
    return nozzle + (place.slot ? fmt::format("slot {}", place.slot) : std::string("external spool"));
}

RunSheet make_run_sheet(const Project& p, const Plan& plan) {
    RunSheet r;
    r.title = p.name.empty() ? std::string("Untitled piece") : p.name;
    r.machine = p.machine.name;
    r.machine_note = describe(p.machine);
    r.settings = {fmt::format("first layer {:.2f} mm", plan.grid.first_mm), fmt::format("layers {:.2f} mm", plan.grid.height_mm),
                  fmt::format("{} layers, {:.2f} mm tall", plan.grid.count, plan.grid.top_mm(plan.grid.count)),
                  fmt::format("{:.0f} cop{}", p.settings.copies, p.settings.copies == 1 ? "y" : "ies"),
                  fmt::format("line {:.2f} mm, {:.0f} walls, infill {:.0f} %", p.settings.line_width_mm, p.settings.walls, p.settings.infill_pct)};
    const std::vector<Place> places = starting_places(p, plan);
    for (std::size_t f = 0; f < p.filaments.size(); ++f) {
        if (plan.use[f].printed_mm3() <= 0)
            continue;
        const Filament& x = p.filaments[f];
        r.filaments.push_back({x.letter, x.name, facts(x.material).id, x.colour,
                               plan.use[f].total_g + plan.use[f].first_load_g, plan.use[f].length_m, describe(p, places[f]), places[f].at_start});
    }
    r.preparation.push_back(fmt::format("Set the first layer to {:.2f} mm and the others to {:.2f} mm: the plan counts its layers so.",
                                   plan.grid.first_mm, plan.grid.height_mm));
    for (std::size_t f = 0; f < p.filaments.size(); ++f) {
        const Filament& x = p.filaments[f];
        const MaterialFacts& m = facts(x.material);
        if (plan.use[f].printed_mm3() > 0 && m.draws_moisture) {
            const DryingAdvice a = drying_advice(x, plan.totals.total_s);
            r.preparation.push_back(a.dry_first ? fmt::format("Dry {}, {}: {}, in a dryer, not in an oven used for food. It {}.", x.letter, m.id, a.how.c_str(), a.why.c_str()) : fmt::format("{}, {}, {}.", x.letter, m.id, a.why.c_str()));
        }
        const double needs = plan.use[f].total_g + plan.use[f].first_load_g;
        for (std::size_t k = 0; k < x.spools.size() && needs > 0; ++k)
            if (const RunsOut out = runs_out(plan.use[f].g_by_layer, x.spools); out.spool_layers[k])
                r.preparation.push_back(fmt::format("Spool {} of {} is empty in layer {}: {}.", x.spools[k].code, x.letter, out.spool_layers[k],
                                               k + 1 < x.spools.size() ? ("have spool " + x.spools[k + 1].code + " ready").c_str() : "nothing follows it"));
    }
    if (p.settings.lettering_two_jobs == kYes) {
        r.preparation.emplace_back("Job one prints the lettering's outlines only: one layer of 0.20 mm, then stop. Leave the piece where it is.");
        r.preparation.emplace_back("Between the jobs: swap the filament, and take job one's skirt and prime line off. The nozzle is hot: fingers out of a moving machine.");
        r.preparation.push_back(fmt::format("Job two prints the whole piece over it, with a first layer of {:.2f} mm, thicker than job one's.", plan.grid.first_mm));
    }
    if (find_part(p, "sacrificial base") >= 0)
        r.preparation.emplace_back("The sacrificial base is the first layer. Calibrate the flow of each colour beforehand. Afterwards file it off with a fine file, then paper of 600 to 2000 grit: wet-sand or wear a dust mask.");
    if (p.settings.release_coat == kYes)
        r.preparation.emplace_back("Wipe a thin, even release coat onto the sheet.");
    for (const SheetFilament& f : r.filaments)
        if (f.at_start)
            r.preparation.push_back(fmt::format("Load {}, {} {}: {}.", f.letter, f.name, f.material, f.place));
    for (const SheetFilament& f : r.filaments)
        if (!f.at_start)
            r.preparation.push_back(fmt::format("Keep {}, {} {}, within reach: it goes in later.", f.letter, f.name, f.material));
    if (plan.tower.layers)
        r.preparation.push_back(fmt::format("Put a purge tower of {:.1f} × {:.1f} mm beside the piece, {:.1f} mm tall: it ends with layer {}.",
                                       plan.tower.width_mm, plan.tower.width_mm, plan.tower.height_mm, plan.tower.layers));
    if (plan.tower.columns.size() > 1 && plan.tower.columns[1].from_layer > 1)
        r.preparation.push_back(fmt::format("From layer {} on the tower is {:.1f} mm wide only.", plan.tower.columns[1].from_layer, plan.tower.columns[1].width_mm));
    else if (plan.tower.columns.size() > 1)
        r.preparation.push_back(fmt::format("Beside it a second one, {:.1f} mm wide, that ends with layer {}.", plan.tower.columns[1].width_mm, plan.tower.columns[1].to_layer));
    if (const std::string places = places_on_bed(plan.plate); !places.empty())
        r.preparation.push_back(places);
    if (plan.skirt.layers)
        r.preparation.push_back(fmt::format("Print a skirt of {:.0f} loops, {:.1f} mm from the piece and {} layers tall: it takes the purge.", p.settings.skirt_loops, p.settings.skirt_gap_mm, plan.skirt.layers));
    if (plan.ooze.layers)
        r.preparation.push_back(fmt::format("Print an ooze wall: one line, {:.1f} mm from the piece, up to layer {}.", p.settings.ooze_gap_mm, plan.ooze.layers));
    for (const Part& part : p.parts)
        if (part.takes_purge)
            r.preparation.push_back("Let \u201c" + part.name + "\u201d take the purge: its colours do not matter.");
    for (const WashoutUse& w : plan.washouts) {
        std::string line = w.readings ? fmt::format("Purge of {} on a {:.2f} mm nozzle is by calibration from {} readings: V_d {:.0f} \u00b1 {:.0f}, V_m {:.0f} \u00b1 {:.0f} mm\u00b3.", facts(w.material).id, w.nozzle_mm,
                                                   w.readings, w.washout.dead_mm3, w.dead_sd_mm3, w.washout.mixing_mm3, w.mixing_sd_mm3)
                                          : fmt::format("Purge of {} is by {}: V_d {:.0f}, V_m {:.0f} mm\u00b3, not calibrated.", facts(w.material).id, w.by_setting ? "your own figures" : "the machine's defaults",
                                                   w.washout.dead_mm3, w.washout.mixing_mm3);
        if (std::find(r.preparation.begin(), r.preparation.end(), line) == r.preparation.end()) // toolheads may agree
            r.preparation.push_back(std::move(line));
    }
    if (p.machine.toolheads.size() > 1)
        r.preparation.emplace_back("Check the XY offset between the toolheads.");
    r.preparation.emplace_back("See that the removable bed sits in its place, and that the sheet is clean.");

    int number = 0;
    for (const Change& c : plan.changes) {
        SheetChange s;
        s.number = ++number;
        s.when = when(plan.grid, c);
        s.from = p.filaments[c.from].letter;
        s.to = p.filaments[c.to].letter;
        s.kind = c.kind == ChangeKind::hand ? "hand swap" : c.kind == ChangeKind::feeder ? "feeder change" : "tool change";
        s.nozzle = std::to_string(c.nozzle + 1);
        s.destination = to_string(c.destination);
        s.purge_g = c.purge_g;
        s.time_s = c.time_s;
        s.attended_s = c.attended_s;
        s.command = command_for(p, plan.grid, c, c.slot);
        s.change = c;
        r.changes.push_back(std::move(s));
    }
    for (const Refill& x : plan.refills) {
        SheetRefill s;
        s.when = when(x) + " (" + duration(x.earliest_s) + (x.pause ? "" : " to " + duration(x.latest_s)) + " after the start)";
        s.out = x.out < 0 ? 0 : p.filaments[static_cast<std::size_t>(x.out)].letter;
        s.in = p.filaments[static_cast<std::size_t>(x.in)].letter;
        s.slot = slot_name(p.machine, x.toolhead, x.slot);
        s.pause = x.pause;
        if (x.pause)
            s.command = command_for(p, plan.grid, x);
        s.refill = x;
        r.refills.push_back(std::move(s));
    }
    r.after = after_print(p, plan);
    r.presence = presence(p, plan);
    const Totals& t = plan.totals;
    r.totals = {{"piece", fmt::format("{:.1f} g", t.model_g)},
                {"purge", fmt::format("{:.1f} g", t.purge_g)},
                {"tower fill", fmt::format("{:.1f} g", t.tower_g)},
                {"purge put to use", fmt::format("{:.1f} g", t.useful_purge_g)},
                {"first loads", fmt::format("{:.1f} g", t.first_load_g)},
                {"waste ratio", fmt::format("{:.2f}", t.waste_ratio)},
                {"changes", fmt::format("{}", t.changes)},
                {"hand swaps", fmt::format("{}", t.hand_swaps)},
                {"refills of slots", fmt::format("{}", t.refills)},
                {"printing", duration(t.print_s)},
                {"changing", duration(t.change_s)},
                {"at the printer", duration(t.attended_s)},
                {"in all", duration(t.total_s)},
                {"cost", fmt::format("{:.2f}", t.cost)}};
    for (const Finding& f : plan.findings)
        if (f.severity != Severity::note)
            r.warnings.push_back(f.message + " [" + f.where + "]");
    r.cautions = cautions_for(p, plan);
    return r;
}

} // namespace vitrail
