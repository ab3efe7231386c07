#include "core/run_sheet/run_sheet.h"

#include "core/base/civil.h"
#include "core/material/shelf.h"
#include "core/run/commands.h"
#include "core/run/when.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <set>

namespace vitrail {

namespace {

Message at(const Footprint& f) {
    return say("({}, {})", num(f.x_mm, 0), num(f.y_mm, 0));
}

/// Where those stand that are of one piece: one by one, or, in rows, the first and the steps.
struct Places {
    Message text; ///< empty: none of it fits
    bool in_rows = false;
};
Places places_of(const Plate& plate, int piece) {
    std::vector<const Placed*> of;
    for (const Placed& x : plate.placed)
        if (x.piece == piece)
            of.push_back(&x);
    constexpr std::size_t kMostListed = 9;
    if (of.size() > kMostListed && plate.across > 0) {
        const auto across = static_cast<std::size_t>(plate.across);
        const Placed &first = *of.front(), &next = *of[1 % across],
                     &above = *of[std::min(across, of.size() - 1)];
        return {
            say("{} copies in rows of {}, the first at {}, {} from one to the next and {} from row to row",
                of.size(), across, at(first), mm(next.x_mm - first.x_mm, 1), mm(above.y_mm - first.y_mm, 1)),
            true};
    }
    List places;
    for (const Placed* x : of)
        places.items.emplace_back(x->turn_deg != 0 ? say("{} turned by {}\u00b0", at(*x), num(x->turn_deg, 0))
                                                   : at(*x));
    return {of.empty() ? Message{} : say("{}", std::move(places))};
}

/// Where pieces and towers stand, where there is more than one piece in the middle of the bed; empty where it
/// does not fit.
Message places_on_bed(const Project& p, const Plate& plate) {
    if (!plate.fits || (plate.placed.size() < 2 && plate.towers.empty() && p.pinned.empty()))
        return {};
    std::vector<Message> where;
    for (std::size_t i = 0; i < p.pieces.size(); ++i) {
        const Places places = places_of(plate, static_cast<int>(i));
        if (places.text.empty())
            continue;
        if (p.pieces.size() > 1)
            where.push_back(say("{} at {}", Name{p.pieces[i].name}, places.text));
        else if (plate.placed.size() == 1)
            where.push_back(say("the piece at {}", places.text));
        else
            where.push_back(places.in_rows ? places.text : say("copies at {}", places.text));
    }
    List towers;
    for (const Footprint& t : plate.towers)
        towers.items.emplace_back(at(t));
    if (!towers.items.empty())
        where.push_back(
            say(plate.towers.size() > 1 ? term("towers at {}") : term("the tower at {}"), towers));
    return say("On the bed, middles in mm from its front left corner: {}.", clauses(std::move(where)));
}

std::vector<Message> cautions_for(const Project& p, const Plan& plan) {
    std::vector<Message> c{say("Nozzle and bed are over 200 °C and 50 °C hot: let them cool before you touch "
                               "them, and keep your fingers out of the moving machine."),
                           say("Never leave a machine alone on its first use of a new part or filament."),
                           say("Ventilate the room while it prints.")};
    bool fumes = false, soluble = false;
    for (std::size_t f = 0; f < p.filaments.size(); ++f) {
        if (plan.use[f].printed_mm3() <= 0)
            continue;
        fumes |= facts(p.filaments[f].material).fumes;
        soluble |= facts(p.filaments[f].material).soluble;
    }
    if (fumes)
        c.back() = say("ABS, ASA and HIPS give off fumes: ventilate well, to the outside, and do not stay in "
                       "the room for long.");
    if (plan.totals.refills && !plan.totals.hand_swaps)
        c.push_back(say("Slots are refilled while the machine moves: keep your fingers out of it, and cut "
                        "filament away from your hand."));
    if (plan.totals.hand_swaps)
        c.push_back(say("Hand swaps are done at a hot nozzle: pull and push the filament above the head, and "
                        "cut it away from your hand."));
    if (soluble)
        c.push_back(
            say("Soluble waste goes where local rules say: strain it, and do not wash lumps down the sink."));
    c.push_back(say("Printed parts are not food-safe or load-rated by default."));
    return c;
}

} // namespace

Message how_many(const Project& p) {
    if (p.pieces.size() == 1)
        return counted("{} copy", "{} copies", count_of(p, p.pieces.front()));
    List all;
    for (const Piece& piece : p.pieces)
        all.items.emplace_back(say("{} \u00d7 {}", count_of(p, piece), Name{piece.name}));
    return say("{}", all);
}

Message when(const LayerGrid& grid, const Change& c) {
    if (c.within_layer && c.layer == 1)
        return say("within layer 1 · after part of layer 1 · with {} printed, layer 1 ends at {}", mm(0),
                   mm(c.z_after_mm));
    if (c.within_layer)
        return say("within layer {0} · after layer {1} and part of layer {0} · with {2} printed, layer {0} "
                   "ends at {3}",
                   c.layer, c.layer - 1, mm(grid.bottom_mm(c.layer)), mm(grid.top_mm(c.layer)));
    return say("before layer {0} · after layer {1} · with {2} printed, layer {0} ends at {3}", c.layer,
               c.layer - 1, mm(c.z_before_mm), mm(c.z_after_mm));
}

Message when(const Project& p, const Refill& r) {
    if (r.pause && r.within_layer)
        return say("within layer {0}, before it goes on in {1}, while the printer waits", r.latest_layer,
                   p.filaments[static_cast<std::size_t>(r.in)].letter);
    if (r.pause)
        return say("before layer {}, while the printer waits", r.latest_layer);
    if (r.earliest_layer == r.latest_layer)
        return say("while layer {} is printed", r.earliest_layer);
    return say("any time from layer {} to layer {}", r.earliest_layer, r.latest_layer);
}

Message presence(const Project& p, const Plan& plan) {
    const Attendance& a = plan.attendance;
    const auto clock = [](double hour) {
        const int minutes = static_cast<int>(std::lround(hour * 60)) % 1440;
        return fmt::format("{:02}:{:02}", minutes / 60, minutes % 60);
    };
    const std::string start = clock(p.settings.start_hour);
    if (!a.trips)
        return say("Started at {} it runs to its end without anybody.", start);
    const bool nights = p.settings.night_from != p.settings.night_to;
    const Message come =
        nights && a.night_trips
            ? counted(
                  "Started at {1} somebody must come once, {2} of them at night, between {3} and {4}",
                  "Started at {1} somebody must come {0} times, {2} of them at night, between {3} and {4}",
                  a.trips, start, a.night_trips, clock(p.settings.night_from), clock(p.settings.night_to))
        : nights ? counted("Started at {1} somebody must come once, never at night",
                           "Started at {1} somebody must come {0} times, never at night", a.trips, start)
                 : counted("Started at {1} somebody must come once",
                           "Started at {1} somebody must come {0} times", a.trips, start);
    return say("{}.", clauses({come, a.longest_stay_s > 1200
                                         ? say("the longest stay is {}", Duration{a.longest_stay_s})
                                         : Message{}}));
}

std::string clock_at(const Project& p, double seconds, const Zone& zone) {
    long minutes = std::lround(p.settings.start_hour * 60 + seconds / 60);
    if (const auto start = start_of(p, zone)) // the clock may be put forward or back meanwhile
        minutes = static_cast<long>(
            std::lround(static_cast<double>(zone.local_s(*start + std::llround(seconds))) / 60) -
            *parse_moment(p.start_date));
    const long days = minutes / 1440;
    const std::string time = fmt::format("{:02}:{:02}", minutes % 1440 / 60, minutes % 60);
    return days ? fmt::format("{} +{}", time, days) : time;
}

std::vector<StartingPlace> starting_places(const Project& p, const Plan& plan) {
    std::vector<StartingPlace> places(p.filaments.size());
    std::vector<char> seen(p.filaments.size(), 0);
    for (const Stay& s : plan.stays)
        if (char& known = seen[static_cast<std::size_t>(s.filament)]; !known) {
            known = 1;
            places[static_cast<std::size_t>(s.filament)] = {s.toolhead, s.nozzle, s.slot, s.at_start};
        }
    return places;
}

Message describe(const Project& p, const StartingPlace& place) {
    const Message there = !place.at_start ? say("later, by hand")
                          : place.slot    ? say("slot {}", place.slot)
                                          : say("external spool");
    return p.machine.nozzles.size() > 1 ? say("{}, {}", nozzle_name(p.machine, place.nozzle), there) : there;
}

namespace {

using Lines = std::vector<Message>;

/// How it is printed, as far as the filament and its class say.
void add_handling(const Filament& x, double total_s, SheetFilament& out) {
    const auto middle = [](Range r) { return num((r.low + r.high) / 2, 0, "\u00b0C"); };
    out.heat = say("nozzle {} ({} to {}), bed {} ({} to {})", middle(x.nozzle_c), num(x.nozzle_c.low, 0),
                   num(x.nozzle_c.high, 0), middle(x.bed_c), num(x.bed_c.low, 0), num(x.bed_c.high, 0));
    const DryingAdvice a = drying_advice(x, total_s);
    out.drying = a.dry_first                        ? say("dry it: {}", a.how)
                 : facts(x.material).draws_moisture ? say("{}", a.why)
                 : x.dried_day                      ? say("dried {}", day_text(x.dried_day))
                                                    : say("dry it where it has lain open: {}", a.how);
    List spools;
    for (const SpoolLeft& s : x.spools)
        spools.items.emplace_back(say("{} ({} left)", Name{s.code}, num(s.left_g, 0, "g")));
    if (!spools.items.empty())
        out.spools = say("{}", spools);
    if (x.material == Material::CoPolyester) // common practice, no source
        out.handling = say("to {}; retract {} at {} direct, {} at {} with a tube", num(400, 0, "mm/s"),
                           mm(1, 0), num(20, 0, "mm/s"), mm(3, 0), num(40, 0, "mm/s"));
}

std::vector<SheetFilament> filaments_of(const Project& p, const Plan& plan) {
    std::vector<SheetFilament> out;
    const std::vector<StartingPlace> places = starting_places(p, plan);
    for (std::size_t f = 0; f < p.filaments.size(); ++f) {
        const Filament& x = p.filaments[f];
        const bool first = plan.first_job && plan.first_job->filament == static_cast<int>(f),
                   printed = plan.use[f].printed_mm3() > 0;
        if (!printed && !first)
            continue;
        SheetFilament s{x.letter,
                        x.name,
                        facts(x.material).id,
                        x.colour,
                        plan.use[f].total_g + plan.use[f].first_load_g,
                        plan.use[f].length_m,
                        {},
                        true,
                        !printed,
                        {},
                        {},
                        {},
                        {}};
        if (first) {
            s.total_g += plan.first_job->g;
            s.length_m += plan.first_job->length_m;
        }
        s.place = printed ? describe(p, places[f]) : say("for job one");
        s.at_start = printed && places[f].at_start;
        add_handling(x, plan.totals.total_s, s);
        out.push_back(std::move(s));
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
            const std::string material = m.id;
            out.push_back(a.dry_first
                              ? say("Dry {}, {}: {}, in a dryer, not in an oven used for food. It {}.",
                                    x.letter, material, a.how, a.why)
                              : say("{}, {}, {}.", x.letter, material, a.why));
        }
        const double needs = plan.use[f].total_g + plan.use[f].first_load_g;
        for (std::size_t k = 0; k < x.spools.size() && needs > 0; ++k)
            if (const RunsOut runs = runs_out(plan.use[f].g_by_layer, x.spools); runs.spool_layers[k])
                out.push_back(k + 1 < x.spools.size()
                                  ? say("Spool {} of {} is empty in layer {}: have spool {} ready.",
                                        x.spools[k].code, x.letter, runs.spool_layers[k],
                                        x.spools[k + 1].code)
                                  : say("Spool {} of {} is empty in layer {}: nothing follows it.",
                                        x.spools[k].code, x.letter, runs.spool_layers[k]));
    }
}

/// What is done to the first layer.
void first_layer_ways(const Project& p, const Plan& plan, Lines& out) {
    if (const auto& job = plan.first_job) {
        const Filament& f = p.filaments[static_cast<std::size_t>(job->filament)];
        List parts;
        for (const std::string& name : job->parts)
            parts.items.emplace_back(Name{name});
        out.push_back(say("Job one, a start and a file of its own: the outlines of {} in {}, {}, one layer "
                          "of {}: {}, {} with heating. Then stop. Leave everything where it is.",
                          parts, f.letter, f.name, mm(job->layer_mm), num(job->g, 2, "g"),
                          Duration{job->total_s()}));
        out.push_back(say("Between the jobs: swap the filament, and take job one's skirt and prime line off. "
                          "The nozzle is hot: fingers out of a moving machine."));
        out.push_back(say("Job two, what this sheet plans: the whole piece over it, the lettering too, with "
                          "a first layer of {}. It has to be thicker than job one's.",
                          mm(plan.grid.first_mm)));
    }
    const bool base = std::any_of(p.pieces.begin(), p.pieces.end(), [](const Piece& piece) {
        return std::any_of(piece.parts.begin(), piece.parts.end(),
                           [](const Part& part) { return part.sacrificial; });
    });
    if (base)
        out.push_back(say("The sacrificial base is the first layer. Calibrate the flow of each colour "
                          "beforehand. Afterwards file it off with a fine file, then paper of 600 to 2000 "
                          "grit: wet-sand or wear a dust mask."));
    if (p.settings.release_coat)
        out.push_back(say("Wipe a thin, even release coat onto the sheet."));
}

void loading(const std::vector<SheetFilament>& filaments, Lines& out) {
    for (const SheetFilament& f : filaments)
        if (f.at_start)
            out.push_back(say("Load {}, {} {}: {}.", f.letter, f.name, f.material, f.place));
    for (const SheetFilament& f : filaments)
        if (!f.at_start && !f.first_job)
            out.push_back(
                say("Keep {}, {} {}, within reach: it goes in later.", f.letter, f.name, f.material));
}

/// Where everything stands, and where purge goes.
void plate_and_purge(const Project& p, const Plan& plan, Lines& out) {
    const Tower& t = plan.tower;
    if (t.layers)
        out.push_back(
            say("Put a purge tower of {0} × {0} mm beside the piece, {1} tall: it ends with layer {2}.",
                num(t.width_mm), mm(t.height_mm, 1), t.layers));
    if (t.columns.size() > 1 && t.columns[1].from_layer > 1)
        out.push_back(say("From layer {} on the tower is {} wide only.", t.columns[1].from_layer,
                          mm(t.columns[1].width_mm, 1)));
    else if (t.columns.size() > 1)
        out.push_back(say("Beside it a second one, {} wide, that ends with layer {}.",
                          mm(t.columns[1].width_mm, 1), t.columns[1].to_layer));
    if (Message places = places_on_bed(p, plan.plate); !places.empty())
        out.push_back(std::move(places));
    if (plan.skirt.layers)
        out.push_back(sentences(
            {say("Print a skirt of {}, {} from the piece and {} tall: it takes {} mm\u00b3 of the purge.",
                 counted("{} loop", "{} loops", p.settings.skirt_loops), mm(p.settings.skirt_gap_mm, 1),
                 counted("{} layer", "{} layers", plan.skirt.layers), num(plan.skirt.purge_mm3, 0)),
             plan.skirt.overflow_mm3 < 1 ? Message{}
             : plan.rest_goes_to == Destination::tower
                 ? say("The other {} mm\u00b3 go into the tower.", num(plan.skirt.overflow_mm3, 0))
                 : say("For the other {} mm\u00b3 it has no room: purge them beside the bed, or print more "
                       "loops.",
                       num(plan.skirt.overflow_mm3, 0))}));
    if (plan.ooze.layers)
        out.push_back(say("Print an ooze wall: one line, {} from the piece, up to layer {}.",
                          mm(p.settings.ooze_gap_mm, 1), plan.ooze.layers));
    for (const Piece& piece : p.pieces)
        for (const Part& part : piece.parts)
            if (part.takes_purge)
                out.push_back(say("Let {} take the purge: its colours do not matter.", Name{part.name}));
}

/// Where the purge volumes come from.
void washouts(const Plan& plan, Lines& out) {
    std::set<std::string> said; // toolheads may agree
    for (const WashoutUse& w : plan.washouts) {
        const std::string material = facts(w.material).id;
        const Number dead = num(w.washout.dead_mm3, 0), mixing = num(w.washout.mixing_mm3, 0);
        Message line =
            w.readings == 2
                ? say("Purge of {} on a {} nozzle is by calibration from two readings: dead volume V_d {}, "
                      "mixing volume V_m {} mm\u00b3; how sure that is they do not tell.",
                      material, mm(w.nozzle_mm), dead, mixing)
            : w.readings ? say("Purge of {} on a {} nozzle is by calibration from {}: dead volume V_d {} "
                               "\u00b1 {}, mixing volume V_m {} \u00b1 {} mm\u00b3.",
                               material, mm(w.nozzle_mm), counted("{} reading", "{} readings", w.readings),
                               dead, num(w.dead_sd_mm3, 0), mixing, num(w.mixing_sd_mm3, 0))
                         : say(w.by_setting ? term("Purge of {} is by your own figures: dead volume V_d {}, "
                                                   "mixing volume V_m {} mm\u00b3, not calibrated.")
                                            : term("Purge of {} is by the machine's defaults: dead volume "
                                                   "V_d {}, mixing volume V_m {} mm\u00b3, not calibrated."),
                               material, dead, mixing);
        if (said.insert(english(line)).second)
            out.push_back(std::move(line));
    }
}

Lines preparation(const Project& p, const Plan& plan, const std::vector<SheetFilament>& filaments) {
    Lines out{say("Set the first layer to {} and the others to {}: the plan counts its layers so.",
                  mm(plan.grid.first_mm), mm(plan.grid.height_mm))};
    for (const LayerRun& run : own_heights(plan.grid))
        out.push_back(say("Layers {0} to {1}, from {2} to {3}, are {4} high.", run.from_layer, run.to_layer,
                          mm(plan.grid.bottom_mm(run.from_layer)), mm(plan.grid.top_mm(run.to_layer)),
                          mm(run.height_mm, 3)));
    drying_and_spools(p, plan, out);
    first_layer_ways(p, plan, out);
    loading(filaments, out);
    plate_and_purge(p, plan, out);
    washouts(plan, out);
    for (std::size_t t = 1; t < p.machine.toolheads.size(); ++t) {
        const Toolhead& head = p.machine.toolheads[t];
        const bool prints =
            std::any_of(p.machine.nozzles.begin(), p.machine.nozzles.end(), [&](const Nozzle& n) {
                const auto at = static_cast<std::size_t>(&n - p.machine.nozzles.data());
                bool used = false;
                for (std::size_t f = 0; f < plan.use.size(); ++f)
                    used |= plan.use[f].total_g > 0 && plan.loading.nozzle[f] == static_cast<int>(at);
                return used && n.toolhead == static_cast<int>(t);
            });
        if (prints && head.offset)
            out.push_back(say("Correct the offset of toolhead {} against {} by X {} mm and Y {} mm, as "
                              "measured with the offset strip, if that is not done yet.",
                              Name{head.name}, Name{p.machine.toolheads.front().name},
                              num(-head.offset->x_mm + 0.0, 2), num(-head.offset->y_mm + 0.0, 2)));
        else if (prints)
            out.push_back(say("Check the XY offset of toolhead {} against {}: print the offset strip (the "
                              "machine's editor writes it).",
                              Name{head.name}, Name{p.machine.toolheads.front().name}));
    }
    if (p.settings.times > 1 && p.settings.by_itself)
        out.push_back(
            p.machine.head_reach_mm > 0
                ? say("Lay {0} of it out, one after another: {1} free around each, the nearest to the front "
                      "first, so that neither head nor bar meets what is printed. Check it on your machine "
                      "before the first time, and stay with it.",
                      p.settings.times, mm(p.machine.head_reach_mm, 0))
                : say("Lay {0} of it out, one after another, so far apart that neither head nor bar meets "
                      "what is printed. Check it on your machine before the first time, and stay with it.",
                      p.settings.times));
    out.push_back(say("See that the removable bed sits in its place, and that the sheet is clean."));
    return out;
}

std::vector<SheetChange> changes_of(const Project& p, const Plan& plan, const Zone& zone) {
    std::vector<SheetChange> out;
    for (const Change& c : plan.changes) {
        SheetChange s;
        s.number = static_cast<int>(out.size()) + 1;
        s.when = when(plan.grid, c);
        s.from = p.filaments[static_cast<std::size_t>(c.from)].letter;
        s.to = p.filaments[static_cast<std::size_t>(c.to)].letter;
        s.kind = c.kind == ChangeKind::hand     ? say("hand swap")
                 : c.kind == ChangeKind::feeder ? say("feeder change")
                                                : say("tool change");
        s.nozzle = std::to_string(c.nozzle + 1);
        s.destination = say(to_string(c.destination));
        s.purge_g = c.purge_g;
        s.time_s = c.time_s;
        s.attended_s = c.attended_s;
        s.command = command_for(p, plan.grid, c, c.slot);
        s.clock = clock_at(p, c.at_s, zone);
        s.change = c;
        out.push_back(std::move(s));
    }
    return out;
}

std::vector<SheetRefill> refills_of(const Project& p, const Plan& plan, const Zone& zone) {
    std::vector<SheetRefill> out;
    for (const Refill& x : plan.refills) {
        SheetRefill s;
        s.when = !p.start_date.empty()
                     ? x.pause ? say("{}, {}", when(p, x), clock_at(p, x.earliest_s, zone))
                               : say("{}, {} to {}", when(p, x), clock_at(p, x.earliest_s, zone),
                                     clock_at(p, x.latest_s, zone))
                 : x.pause ? say("{} ({} after the start)", when(p, x), Duration{x.earliest_s})
                           : say("{} ({} to {} after the start)", when(p, x), Duration{x.earliest_s},
                                 Duration{x.latest_s});
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

/// Everything the plan relies on, to be set in the toolpath program.
std::vector<std::pair<Message, Message>> values_of(const Project& p, const Plan& plan) {
    const Settings& s = p.settings;
    const auto layers = [](int n) { return n > 0 ? counted("{} layer", "{} layers", n) : say("none"); };
    bool lettering = false;
    for (const Finding& f : plan.findings)
        lettering |= f.code == "first-layer-lettering";
    std::vector<std::pair<Message, Message>> v{
        {say("first layer"), say("{}", mm(plan.grid.first_mm))},
        {say("other layers"), say("{}", mm(plan.grid.height_mm))},
        {say("line width"), say("{}", mm(s.line_width_mm))},
        {say("walls"), say("{}", s.walls)},
        {say("top skins"), layers(s.top_skins)},
        {say("bottom skins"), layers(s.bottom_skins)},
        {say("infill"),
         say(lettering ? term("{} %, the lettering solid") : term("{} %"), num(s.infill_pct, 0))}};
    if (p.filaments.size() > 1)
        v.emplace_back(
            say("skins at colour borders"),
            say(s.skins_at_borders ? term("each body has its own") : term("none, the bodies are one solid")));
    if (lettering)
        v.emplace_back(say("elephant-foot compensation"), say("off, the lettering needs it"));
    if (!plan.held()) {
        v.emplace_back(say("support"), say("none"));
        return v;
    }
    const auto letter = [](char l) { return l ? say("{}", l) : say("as the piece"); };
    v.emplace_back(say("support"), say(s.support == SupportStyle::tree ? term("branches") : term("columns")));
    v.emplace_back(say("supported from"), say("{}\u00b0 from the vertical", num(s.support_angle_deg, 0)));
    v.emplace_back(say("support in"), letter(p.support_filament));
    v.emplace_back(say("interface in"),
                   letter(p.interface_filament ? p.interface_filament : p.support_filament));
    v.emplace_back(say("gap above support"), layers(s.support_gap_layers));
    v.emplace_back(say("interface layers"), layers(s.interface_layers));
    v.emplace_back(say("interface density"), say("{} %", num(s.interface_density_pct, 0)));
    v.emplace_back(say("interface on the piece"), layers(s.interface_below));
    v.emplace_back(say("support density"), say("{} %", num(s.support_density_pct, 0)));
    v.emplace_back(say("space beside the piece"), say("{}", mm(s.support_beside_mm)));
    return v;
}

SheetPlate plate_of(const Project& p, const Plan& plan) {
    SheetPlate out{p.machine.bed_x_mm, p.machine.bed_y_mm, {}, plan.plate.skirt};
    for (const Placed& x : plan.plate.placed) {
        const auto k = static_cast<std::size_t>(x.piece);
        out.shapes.push_back({x.outline,
                              p.filaments[static_cast<std::size_t>(main_filament(plan.pieces[k]))].letter,
                              p.pieces.size() > 1 ? say("{}", Name{p.pieces[k].name}) : say("{}", x.nth)});
    }
    for (const Footprint& t : plan.plate.towers) {
        const double x0 = t.x_mm - t.w_mm / 2, x1 = t.x_mm + t.w_mm / 2, y0 = t.y_mm - t.d_mm / 2,
                     y1 = t.y_mm + t.d_mm / 2;
        out.shapes.push_back({{{x0, y0}, {x1, y0}, {x1, y1}, {x0, y1}}, 0, say("tower")});
    }
    return out;
}

std::vector<std::pair<Message, Message>> totals_of(const Settings& s, const Totals& t) {
    const auto grams = [](double g) { return say("{}", num(g, 1, "g")); };
    const auto time = [](double s) { return say("{}", Duration{s}); };
    return {{say("piece"), grams(t.model_g)},
            {say("purge"), grams(t.purge_g)},
            {say("tower fill"), grams(t.tower_g)},
            {say("purge put to use"), grams(t.useful_purge_g)},
            {say("first loads"), grams(t.first_load_g)},
            {say("waste ratio"), say("{}", num(t.waste_ratio, 2))},
            {say("waste in all"), grams(waste_g(t))},
            {say("changes"), say("{}", t.changes)},
            {say("hand swaps"), say("{}", t.hand_swaps)},
            {say("refills of slots"), say("{}", t.refills)},
            {say("printing"), time(t.print_s)},
            {say("changing"), time(t.change_s)},
            {say("at the printer"), time(t.attended_s)},
            {say("in all"), time(t.total_s)},
            {say("cost"), say("{}", money(s, t.cost))}};
}

} // namespace

RunSheet make_run_sheet(const Project& p, const Plan& plan, const Zone& zone) {
    RunSheet r;
    r.title = p.name.empty() ? say("Untitled piece") : say("{}", p.name);
    r.machine = p.machine.name;
    r.machine_note = describe(p.machine);
    r.settings = {say("first layer {}", mm(plan.grid.first_mm)), say("layers {}", mm(plan.grid.height_mm)),
                  counted("{} layer, {} tall", "{} layers, {} tall", plan.grid.count,
                          mm(plan.grid.top_mm(plan.grid.count))),
                  how_many(p),
                  say("line {}, {} walls, infill {} %", mm(p.settings.line_width_mm), p.settings.walls,
                      num(p.settings.infill_pct, 0))};
    r.values = values_of(p, plan);
    r.plate = plate_of(p, plan);
    r.filaments = filaments_of(p, plan);
    r.preparation = preparation(p, plan, r.filaments);
    r.changes = changes_of(p, plan, zone);
    r.refills = refills_of(p, plan, zone);
    r.after = after_print(p, plan);
    r.presence = presence(p, plan);
    if (!p.start_date.empty())
        r.presence = sentences({say("It starts on {0} at {1} and is done at {2}.", p.start_date,
                                    clock_at(p, 0, zone), clock_at(p, plan.totals.total_s, zone)),
                                r.presence});
    if (p.settings.times > 1)
        r.settings.push_back(p.settings.by_itself ? say("printed {} times, one after another on the same bed",
                                                        p.settings.times)
                                                  : say("printed {} times in a row", p.settings.times));
    r.totals = totals_of(p.settings, plan.totals);
    if (const int n = count_of_all(p); n > 1 && p.pieces.size() == 1)
        r.totals.push_back({say("each of {}", n),
                            say("{} of piece, {} thrown away, {}, {}", num(plan.totals.model_g / n, 2, "g"),
                                num(waste_g(plan.totals) / n, 2, "g"), Duration{plan.totals.total_s / n},
                                money(p.settings, plan.totals.cost / n))});
    if (const int n = p.settings.times; n > 1)
        r.totals.push_back({say("all {} in a row", n),
                            say("{} of piece, {} thrown away, {}, {}", num(plan.totals.model_g * n, 1, "g"),
                                num(waste_g(plan.totals) * n, 1, "g"), Duration{plan.totals.total_s * n},
                                money(p.settings, plan.totals.cost * n))});
    if (plan.first_job)
        r.totals.insert(r.totals.begin(),
                        {say("job one, apart"), say("{} in {}", num(plan.first_job->g, 2, "g"),
                                                    Duration{plan.first_job->total_s()})});
    for (const Finding& f : plan.findings)
        if (f.severity != Severity::note)
            r.warnings.push_back(say("{} [{}]", f.message, f.where));
    r.cautions = cautions_for(p, plan);
    return r;
}

void add_outlook(RunSheet& sheet, const Outlook& outlook) {
    const auto line = [&](Message name, const Outlook::Line& l, bool grams) {
        if (l.prints == 0 || l.foretold <= 0)
            return;
        const auto amount = [&](double v) {
            return grams ? say("{}", num(v, 1, "g")) : say("{}", Duration{v});
        };
        sheet.totals.push_back({std::move(name), counted("{1} to {2} with 80 %, from {0} print",
                                                         "{1} to {2} with 80 %, from {0} prints", l.prints,
                                                         amount(l.range.low), amount(l.range.high))});
    };
    line(say("hours, by the logbook"), outlook.time, false);
    line(say("piece, by the logbook"), outlook.piece, true);
    line(say("purge, by the logbook"), outlook.purge, true);
    line(say("tower, by the logbook"), outlook.tower, true);
}

} // namespace vitrail
