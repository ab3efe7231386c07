#include "core/run/write_gcode.h"

#include "core/run/commands.h"
#include "core/run/read_gcode.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

namespace vitrail {

namespace {

std::string ended(std::string text) {
    if (text.empty() || text.back() != '\n')
        text += '\n';
    return text;
}

Message what_stops(const Project& p, const Plan& plan, const ComparedStop& s) {
    const auto letter = [&](int f) { return p.filaments[static_cast<std::size_t>(f)].letter; };
    if (s.refill >= 0)
        return say("the pause to put {} in", letter(plan.refills[static_cast<std::size_t>(s.refill)].in));
    const Change& c = plan.changes[static_cast<std::size_t>(s.change)];
    return say("the change from {0} to {1}", letter(c.from), letter(c.to));
}

std::string command(const Project& p, const Plan& plan, const ComparedStop& s, const Seam& at) {
    if (s.refill >= 0)
        return ended(command_for(p, plan.grid, plan.refills[static_cast<std::size_t>(s.refill)], at));
    const Change& c = plan.changes[static_cast<std::size_t>(s.change)];
    return ended(command_for(p, plan.grid, c, c.slot, at));
}

/// What a text changes that it must leave as it was; empty where it does not.
Message leaves_changed(const Project& p, const Seam& at, bool g90_sets_e, const std::string& text) {
    FileWords words = file_words(p.machine.commands);
    words.g90_sets_e = g90_sets_e;
    GcodeReader reader(p.machine.motion, std::move(words));
    reader.begin_at(at);
    reader.read(text);
    const Seam after = reader.now();
    if (after.relative != at.relative || after.e_relative != at.e_relative || after.inches != at.inches)
        return say("it leaves the file counting otherwise (G90, G91, M82, M83, G20 or G21)");
    if (!at.e_relative && std::abs(after.e - at.e) > 1e-3)
        return say("it leaves the filament's count at {0} instead of {1}; let it end with G92, E and the "
                   "count as it was",
                   num(after.e, 3), num(at.e, 3));
    if (std::hypot(after.x_mm - at.x_mm, after.y_mm - at.y_mm) > 0.01 ||
        std::abs(after.z_mm - at.z_mm) > 0.05)
        return say("it leaves the nozzle at another place; let it come back to where it was");
    if (after.speed_of != at.speed_of || after.flow_of != at.flow_of)
        return say("it leaves the file at another speed or flow (M220, M221)");
    if (std::abs(after.feed_mm_min - at.feed_mm_min) > 0.01)
        return say("it leaves another speed; let it end with G1, F and the speed as it was");
    return {};
}

bool by_hand(const Plan& plan, const ComparedStop& s) {
    return s.refill >= 0 || plan.changes[static_cast<std::size_t>(s.change)].kind == ChangeKind::hand;
}

} // namespace

Result<std::vector<Insertion>> insertions(const Project& p, const Plan& plan, const ToolpathFile& file,
                                          const AgainstPlan& against, const InsertionWishes& wishes) {
    const auto no = [](Message why) { return Error{std::move(why)}; };
    if (!against.layers_match) {
        for (const Finding& f : against.findings)
            if (f.code.starts_with("file-first") || f.code.starts_with("file-layer") ||
                f.code == "file-empty")
                return no(
                    sentences({say("Nothing was written: the layers of the file are not those of the plan."),
                               f.message}));
        return no(say("Nothing was written: the layers of the file are not those of the plan."));
    }
    if (file.spiral_line)
        return no(say("Nothing was written: from line {} on the file extrudes while it climbs, and has no "
                      "place between layers.",
                      static_cast<long long>(file.spiral_line)));
    if (file.passes > 1)
        return no(
            say("Nothing was written: the file prints pieces one after another, the plan all together."));
    const bool has_tools = std::any_of(file.stops.begin(), file.stops.end(), [](const ToolpathStop& s) {
        return s.what == ToolpathStop::What::tool;
    });
    std::vector<Insertion> out;
    const auto comment_out = [&](int stop, std::string text, int change, int refill) {
        const ToolpathStop& s = file.stops[static_cast<std::size_t>(stop)];
        out.push_back({s.at.byte, std::move(text), s.end_byte, change, refill, s.layer, s.line, s.at});
    };
    const auto place = [&](const ComparedStop& s) {
        const Seam& seam =
            file.layers[static_cast<std::size_t>(against.file_layer[static_cast<std::size_t>(s.layer) - 1])]
                .seam;
        out.push_back(
            {seam.byte, command(p, plan, s, seam), 0, s.change, s.refill, s.layer, seam.line, seam});
    };
    // A pause within a layer stands before the change to what it puts in, which the file has.
    const auto change_to = [&](const Refill& r) -> const ComparedStop* {
        for (const ComparedStop& s : against.stops)
            if (s.change >= 0 && s.layer == r.latest_layer && s.stop >= 0 &&
                s.state == ComparedStop::State::as_planned &&
                plan.changes[static_cast<std::size_t>(s.change)].to == r.in)
                return &s;
        return nullptr;
    };
    for (const ComparedStop& s : against.stops) {
        const bool hand = by_hand(plan, s);
        const ToolpathStop* stop = s.stop >= 0 ? &file.stops[static_cast<std::size_t>(s.stop)] : nullptr;
        const bool tool = stop && stop->what == ToolpathStop::What::tool;
        if (s.state == ComparedStop::State::as_planned && !(hand && tool)) {
            if (s.wrong_filament)
                return no(
                    say("Nothing was written: at {0} the file calls tool {1} (line {2}) instead of tool {3}.",
                        what_stops(p, plan, s), stop->to, static_cast<long long>(stop->line), s.tool));
            continue;
        }
        if (!hand && (stop || s.change < 0 ||
                      plan.changes[static_cast<std::size_t>(s.change)].kind != ChangeKind::feeder ||
                      has_tools)) // which lines a tool prints is the other program's work
            return no(stop ? say("Nothing was written: {0} stands in the wrong place (line {1}). Which lines "
                                 "a tool prints is settled by the program that made the file.",
                                 what_stops(p, plan, s), static_cast<long long>(stop->line))
                           : say("Nothing was written: {} is missing. Which lines a tool prints is settled "
                                 "by the program that made the file.",
                                 what_stops(p, plan, s)));
        if (hand && tool && s.state == ComparedStop::State::as_planned && !s.wrong_filament &&
            p.machine.nozzles.size() >
                1) { // the right nozzle takes over; nobody is told to exchange its spool
            Seam at = stop->at;
            at.byte = stop->end_byte;
            at.tool = stop->to;
            out.push_back(
                {at.byte, command(p, plan, s, at), 0, s.change, s.refill, s.layer, stop->line + 1, at});
            continue;
        }
        if (hand && !stop && s.change >= 0 && p.machine.nozzles.size() > 1)
            if (const Change& c = plan.changes[static_cast<std::size_t>(s.change)]; c.displaced != c.from)
                return no(say("Nothing was written: {} is missing, and another nozzle takes over there. "
                              "Which lines a tool prints is settled by the program that made the file.",
                              what_stops(p, plan, s)));
        if (s.state == ComparedStop::State::as_planned || (tool && s.state == ComparedStop::State::within)) {
            if (!wishes.take_tools)
                return no(say("Nothing was written: {0} is a tool change in the file (line {1}). Have tool "
                              "changes turned into swaps.",
                              what_stops(p, plan, s), static_cast<long long>(stop->line)));
            if (s.state == ComparedStop::State::within || s.wrong_filament)
                return no(say("Nothing was written: {0} is another tool, or stands elsewhere in the layer, "
                              "in the file (line {1}).",
                              what_stops(p, plan, s), static_cast<long long>(stop->line)));
            comment_out(s.stop, command(p, plan, s, stop->at), s.change, s.refill);
            continue;
        }
        const ComparedStop* before = nullptr;
        if (s.refill >= 0 && plan.refills[static_cast<std::size_t>(s.refill)].within_layer)
            before = change_to(plan.refills[static_cast<std::size_t>(s.refill)]);
        if (s.change >= 0 ? plan.changes[static_cast<std::size_t>(s.change)].within_layer
                          : plan.refills[static_cast<std::size_t>(s.refill)].within_layer && !before)
            return no(say("Nothing was written: {0} lies within layer {1}, and the file does not say where "
                          "there the one filament ends. Have the other program print the bodies with a tool "
                          "each, and turn the tool changes into swaps.",
                          what_stops(p, plan, s), s.layer));
        if (stop) {
            if (!wishes.take_others)
                return no(say("Nothing was written: {0} stands in the wrong place (line {1}). Have stops "
                              "that are not planned turned into comments.",
                              what_stops(p, plan, s), static_cast<long long>(stop->line)));
            if (tool && !wishes.take_tools)
                return no(say("Nothing was written: {0} is a tool change in the file (line {1}). Have tool "
                              "changes turned into swaps.",
                              what_stops(p, plan, s), static_cast<long long>(stop->line)));
            comment_out(s.stop, {}, -1, -1);
        }
        if (before) {
            const Seam& at = file.stops[static_cast<std::size_t>(before->stop)].at;
            out.push_back({at.byte, command(p, plan, s, at), 0, s.change, s.refill, s.layer, at.line, at});
        } else {
            place(s);
        }
    }
    if (wishes.take_tools && std::all_of(plan.changes.begin(), plan.changes.end(),
                                         [](const Change& c) { return c.kind == ChangeKind::hand; }))
        for (std::size_t i = 0; i < file.stops.size();
             ++i) // which tool begins is nothing to a machine with one
            if (const ToolpathStop& s = file.stops[i];
                s.what == ToolpathStop::What::tool && s.layer == 1 && !s.within)
                comment_out(static_cast<int>(i), {}, -1, -1);
    const bool calls_tools = std::any_of(out.begin(), out.end(), [&](const Insertion& i) {
        return i.change >= 0 && plan.changes[static_cast<std::size_t>(i.change)].kind == ChangeKind::feeder;
    });
    if (calls_tools && against.start_tool > 0) {
        const Seam& seam = file.layers.front().seam;
        out.push_back({seam.byte, fmt::format("T{}\n", against.start_tool), 0, -1, -1, 1, seam.line, seam});
    }
    for (const Finding& f : against.findings)
        if (f.code == "file-start-filament")
            return no(sentences({say("Nothing was written."), f.message}));
    for (const int extra : against.extra) {
        const ToolpathStop& s = file.stops[static_cast<std::size_t>(extra)];
        if (s.what == ToolpathStop::What::tool)
            return no(say("Nothing was written: the file changes to tool {0} before layer {1} (line {2}), "
                          "and the plan does not.",
                          s.to, s.layer, static_cast<long long>(s.line)));
        if (!wishes.take_others)
            return no(say("Nothing was written: the file stops before layer {0} (line {1}), and the plan "
                          "does not. Have stops that are not planned turned into comments.",
                          s.layer, static_cast<long long>(s.line)));
        comment_out(extra, {}, -1, -1);
    }
    std::stable_sort(out.begin(), out.end(),
                     [](const Insertion& a, const Insertion& b) { return a.byte < b.byte; });
    for (const Insertion& i : out)
        if (!i.text.empty())
            if (const Message why = leaves_changed(p, i.at, file.g90_sets_e, i.text); !why.empty())
                return no(say("Nothing was written: what the machine writes at a change does not leave "
                              "everything as it was before layer {0}: {1}.",
                              i.layer, why));
    return out;
}

Status proven(const Project& p, const Plan& plan, const ToolpathFile& before, const ToolpathFile& after) {
    if (before.layers.size() != after.layers.size())
        return Error{say("Read again, the file has {0} layers instead of {1}: what the machine writes at a "
                         "swap moves or extrudes where it must not.",
                         after.layers.size(), before.layers.size())};
    for (std::size_t l = 0; l < before.layers.size(); ++l) {
        const ToolpathLayer &a = before.layers[l], &b = after.layers[l];
        double was = 0, is = 0;
        for (const double mm : a.filament_mm)
            was += mm;
        for (const double mm : b.filament_mm)
            is += mm;
        if (std::abs(a.z_mm - b.z_mm) > 1e-6 || std::abs(was - is) > 0.01 + 1e-4 * was)
            return Error{say("Read again, layer {0} is another one: {1} of filament at {2} instead of {3} at "
                             "{4}. What the machine writes at a swap must leave the nozzle, the filament and "
                             "the ways of counting as they were.",
                             static_cast<int>(l) + 1, mm(is), mm(b.z_mm), mm(was), mm(a.z_mm))};
    }
    const AgainstPlan again = against_plan(p, plan, after);
    for (const ComparedStop& s : again.stops)
        if (s.state != ComparedStop::State::as_planned)
            return Error{say("Read again, {0} does not stand before layer {1}: the machine's words for it do "
                             "not stop a print.",
                             what_stops(p, plan, s), s.layer)};
    for (const Finding& f : again.findings)
        if (f.code == "file-start-filament")
            return Error{f.message};
    if (again.other_filaments) // nozzles and slots, line by line
        return Error{
            say("Read again, layer {} is printed in other filaments than planned: the machine's words "
                "for its places do not call what lies there.",
                again.other_filaments)};
    if (!again.layers_match)
        return Error{say("Read again, the layers of the file are not those of the plan.")};
    if (!again.extra.empty())
        return Error{
            say("Read again, the file stops in line {}, where the plan does not: the machine's words for a "
                "swap stop more than once.",
                static_cast<long long>(after.stops[static_cast<std::size_t>(again.extra.front())].line))};
    return Done{};
}

} // namespace vitrail
