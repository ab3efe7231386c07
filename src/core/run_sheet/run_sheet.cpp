#include "core/base/numbers.h"
#include "core/base/text.h"
#include "core/run_sheet/run_sheet.h"

#include "core/run/commands.h"
#include "core/material/shelf.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <set>

namespace vitrail {

namespace {

std::string at(const Footprint& f) {
    return fmt::format("({:.0f}, {:.0f})", f.x_mm, f.y_mm);
}

/// Where those stand that are of one piece: one by one, or, in rows, the first and the steps.
std::string places_of(const Plate& plate, int piece) {
    std::vector<const Placed*> of;
    for (const Placed& x : plate.placed)
        if (x.piece == piece)
            of.push_back(&x);
    constexpr std::size_t kMostListed = 9;
    if (of.size() > kMostListed && plate.across > 0) {
        const auto across = static_cast<std::size_t>(plate.across);
        const Placed &first = *of.front(), &next = *of[1 % across], &above = *of[std::min(across, of.size() - 1)];
        return fmt::format("{} copies in rows of {}, the first at {}, {:.1f} mm from one to the next and {:.1f} mm from row to row", of.size(), across, at(first), next.x_mm - first.x_mm, above.y_mm - first.y_mm);
    }
    std::string text;
    for (const Placed* x : of) {
        text += (text.empty() ? "" : ", ") + at(*x);
        if (x->turn_deg != 0)
            text += fmt::format(" turned by {:.0f}\u00b0", x->turn_deg);
    }
    return text;
}

/// Where pieces and towers stand, where there is more than one piece in the middle of the bed; empty where it does not fit.
std::string places_on_bed(const Project& p, const Plate& plate) {
    if (!plate.fits || (plate.placed.size() < 2 && plate.towers.empty() && p.pinned.empty()))
        return {};
    std::string where;
    for (std::size_t i = 0; i < p.pieces.size(); ++i) {
        const std::string places = places_of(plate, static_cast<int>(i));
        if (places.empty())
            continue;
        where += where.empty() ? "" : "; ";
        if (p.pieces.size() > 1)
            where += "\u201c" + p.pieces[i].name + "\u201d at ";
        else if (plate.placed.size() == 1)
            where += "the piece at ";
        else if (places.front() == '(')
            where += "copies at ";
        where += places;
    }
    std::string towers;
    for (const Footprint& t : plate.towers)
        towers += (towers.empty() ? "" : ", ") + at(t);
    if (!towers.empty())
        where += (plate.towers.size() > 1 ? "; towers at " : "; the tower at ") + towers;
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

std::string how_many(const Project& p) {
    if (p.pieces.size() == 1) {
        const int n = count_of(p, p.pieces.front());
        return counted(n, "copy", "copies");
    }
    std::string text;
    for (const Piece& piece : p.pieces)
        text += (text.empty() ? "" : ", ") + fmt::format("{} \u00d7 \u201c{}\u201d", count_of(p, piece), piece.name);
    return text;
}

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

namespace {

using Lines = std::vector<std::string>;

std::vector<SheetFilament> filaments_of(const Project& p, const Plan& plan) {
    std::vector<SheetFilament> out;
    const std::vector<Place> places = starting_places(p, plan);
    for (std::size_t f = 0; f < p.filaments.size(); ++f)
        if (plan.use[f].printed_mm3() > 0) {
            const Filament& x = p.filaments[f];
            out.push_back({x.letter, x.name, facts(x.material).id, x.colour, plan.use[f].total_g + plan.use[f].first_load_g, plan.use[f].length_m, describe(p, places[f]), places[f].at_start});
        }
    return out;
}

/// What to dry, and which spools end during the print.
void drying_and_spools(const Project& p, const Plan& plan, Lines& out) {
    for (std::size_t f = 0; f < p.filaments.size(); ++f) {
        const Filament& x = p.filaments[f];
        const MaterialFacts& m = facts(x.material);
        if (plan.use[f].printed_mm3() > 0 && m.draws_moisture) {
            const DryingAdvice a = drying_advice(x, plan.totals.total_s);
            out.push_back(a.dry_first ? fmt::format("Dry {}, {}: {}, in a dryer, not in an oven used for food. It {}.", x.letter, m.id, a.how, a.why) : fmt::format("{}, {}, {}.", x.letter, m.id, a.why));
        }
        const double needs = plan.use[f].total_g + plan.use[f].first_load_g;
        for (std::size_t k = 0; k < x.spools.size() && needs > 0; ++k)
            if (const RunsOut runs = runs_out(plan.use[f].g_by_layer, x.spools); runs.spool_layers[k])
                out.push_back(fmt::format("Spool {} of {} is empty in layer {}: {}.", x.spools[k].code, x.letter, runs.spool_layers[k],
                                          k + 1 < x.spools.size() ? "have spool " + x.spools[k + 1].code + " ready" : std::string("nothing follows it")));
    }
}

/// What is done to the first layer.
void first_layer_ways(const Project& p, const Plan& plan, Lines& out) {
    if (p.settings.lettering_two_jobs) {
        out.emplace_back("Job one prints the lettering's outlines only: one layer of 0.20 mm, then stop. Leave the piece where it is.");
        out.emplace_back("Between the jobs: swap the filament, and take job one's skirt and prime line off. The nozzle is hot: fingers out of a moving machine.");
        out.push_back(fmt::format("Job two prints the whole piece over it, with a first layer of {:.2f} mm, thicker than job one's.", plan.grid.first_mm));
    }
    const bool base = std::any_of(p.pieces.begin(), p.pieces.end(), [](const Piece& piece) { return std::any_of(piece.parts.begin(), piece.parts.end(), [](const Part& part) { return part.sacrificial; }); });
    if (base)
        out.emplace_back("The sacrificial base is the first layer. Calibrate the flow of each colour beforehand. Afterwards file it off with a fine file, then paper of 600 to 2000 grit: wet-sand or wear a dust mask.");
    if (p.settings.release_coat)
        out.emplace_back("Wipe a thin, even release coat onto the sheet.");
}

void loading(const std::vector<SheetFilament>& filaments, Lines& out) {
    for (const SheetFilament& f : filaments)
        if (f.at_start)
            out.push_back(fmt::format("Load {}, {} {}: {}.", f.letter, f.name, f.material, f.place));
    for (const SheetFilament& f : filaments)
        if (!f.at_start)
            out.push_back(fmt::format("Keep {}, {} {}, within reach: it goes in later.", f.letter, f.name, f.material));
}

/// Where everything stands, and where purge goes.
void plate_and_purge(const Project& p, const Plan& plan, Lines& out) {
    const Tower& t = plan.tower;
    if (t.layers)
        out.push_back(fmt::format("Put a purge tower of {:.1f} × {:.1f} mm beside the piece, {:.1f} mm tall: it ends with layer {}.", t.width_mm, t.width_mm, t.height_mm, t.layers));
    if (t.columns.size() > 1 && t.columns[1].from_layer > 1)
        out.push_back(fmt::format("From layer {} on the tower is {:.1f} mm wide only.", t.columns[1].from_layer, t.columns[1].width_mm));
    else if (t.columns.size() > 1)
        out.push_back(fmt::format("Beside it a second one, {:.1f} mm wide, that ends with layer {}.", t.columns[1].width_mm, t.columns[1].to_layer));
    if (std::string places = places_on_bed(p, plan.plate); !places.empty())
        out.push_back(std::move(places));
    if (plan.skirt.layers)
        out.push_back(fmt::format("Print a skirt of {}, {:.1f} mm from the piece and {} tall: it takes the purge.", counted(p.settings.skirt_loops, "loop", "loops"), p.settings.skirt_gap_mm, counted(plan.skirt.layers, "layer", "layers")));
    if (plan.ooze.layers)
        out.push_back(fmt::format("Print an ooze wall: one line, {:.1f} mm from the piece, up to layer {}.", p.settings.ooze_gap_mm, plan.ooze.layers));
    for (const Piece& piece : p.pieces)
        for (const Part& part : piece.parts)
            if (part.takes_purge)
                out.push_back("Let \u201c" + part.name + "\u201d take the purge: its colours do not matter.");
}

/// Where the purge volumes come from.
void washouts(const Plan& plan, Lines& out) {
    for (const WashoutUse& w : plan.washouts) {
        std::string line = w.readings ? fmt::format("Purge of {} on a {:.2f} mm nozzle is by calibration from {}: V_d {:.0f} \u00b1 {:.0f}, V_m {:.0f} \u00b1 {:.0f} mm\u00b3.", facts(w.material).id, w.nozzle_mm,
                                                   counted(w.readings, "reading", "readings"), w.washout.dead_mm3, w.dead_sd_mm3, w.washout.mixing_mm3, w.mixing_sd_mm3)
                                      : fmt::format("Purge of {} is by {}: V_d {:.0f}, V_m {:.0f} mm\u00b3, not calibrated.", facts(w.material).id, w.by_setting ? "your own figures" : "the machine's defaults",
                                                    w.washout.dead_mm3, w.washout.mixing_mm3);
        if (std::find(out.begin(), out.end(), line) == out.end()) // toolheads may agree
            out.push_back(std::move(line));
    }
}

Lines preparation(const Project& p, const Plan& plan, const std::vector<SheetFilament>& filaments) {
    Lines out{fmt::format("Set the first layer to {:.2f} mm and the others to {:.2f} mm: the plan counts its layers so.", plan.grid.first_mm, plan.grid.height_mm)};
    drying_and_spools(p, plan, out);
    first_layer_ways(p, plan, out);
    loading(filaments, out);
    plate_and_purge(p, plan, out);
    washouts(plan, out);
    if (p.machine.toolheads.size() > 1)
        out.emplace_back("Check the XY offset between the toolheads.");
    out.emplace_back("See that the removable bed sits in its place, and that the sheet is clean.");
    return out;
}

std::vector<SheetChange> changes_of(const Project& p, const Plan& plan) {
    std::vector<SheetChange> out;
    for (const Change& c : plan.changes) {
        SheetChange s;
        s.number = static_cast<int>(out.size()) + 1;
        s.when = when(plan.grid, c);
        s.from = p.filaments[static_cast<std::size_t>(c.from)].letter;
        s.to = p.filaments[static_cast<std::size_t>(c.to)].letter;
        s.kind = c.kind == ChangeKind::hand ? "hand swap" : c.kind == ChangeKind::feeder ? "feeder change" : "tool change";
        s.nozzle = std::to_string(c.nozzle + 1);
        s.destination = to_string(c.destination);
        s.purge_g = c.purge_g;
        s.time_s = c.time_s;
        s.attended_s = c.attended_s;
        s.command = command_for(p, plan.grid, c, c.slot);
        s.change = c;
        out.push_back(std::move(s));
    }
    return out;
}

std::vector<SheetRefill> refills_of(const Project& p, const Plan& plan) {
    std::vector<SheetRefill> out;
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
        out.push_back(std::move(s));
    }
    return out;
}

std::vector<std::pair<std::string, std::string>> totals_of(const Totals& t) {
    const auto grams = [](double g) { return fmt::format("{:.1f} g", g); };
    return {{"piece", grams(t.model_g)},
            {"purge", grams(t.purge_g)},
            {"tower fill", grams(t.tower_g)},
            {"purge put to use", grams(t.useful_purge_g)},
            {"first loads", grams(t.first_load_g)},
            {"waste ratio", fmt::format("{:.2f}", t.waste_ratio)},
            {"changes", std::to_string(t.changes)},
            {"hand swaps", std::to_string(t.hand_swaps)},
            {"refills of slots", std::to_string(t.refills)},
            {"printing", duration(t.print_s)},
            {"changing", duration(t.change_s)},
            {"at the printer", duration(t.attended_s)},
            {"in all", duration(t.total_s)},
            {"cost", fmt::format("{:.2f}", t.cost)}};
}

} // namespace

RunSheet make_run_sheet(const Project& p, const Plan& plan) {
    RunSheet r;
    r.title = p.name.empty() ? std::string("Untitled piece") : p.name;
    r.machine = p.machine.name;
    r.machine_note = describe(p.machine);
    r.settings = {fmt::format("first layer {:.2f} mm", plan.grid.first_mm), fmt::format("layers {:.2f} mm", plan.grid.height_mm),
                  fmt::format("{}, {:.2f} mm tall", counted(plan.grid.count, "layer", "layers"), plan.grid.top_mm(plan.grid.count)),
                  how_many(p),
                  fmt::format("line {:.2f} mm, {} walls, infill {:.0f} %", p.settings.line_width_mm, p.settings.walls, p.settings.infill_pct)};
    r.filaments = filaments_of(p, plan);
    r.preparation = preparation(p, plan, r.filaments);
    r.changes = changes_of(p, plan);
    r.refills = refills_of(p, plan);
    r.after = after_print(p, plan);
    r.presence = presence(p, plan);
    r.totals = totals_of(plan.totals);
    for (const Finding& f : plan.findings)
        if (f.severity != Severity::note)
            r.warnings.push_back(f.message + " [" + f.where + "]");
    r.cautions = cautions_for(p, plan);
    return r;
}

} // namespace vitrail
