#include "core/run/write_gcode.h"

#include "core/run/commands.h"

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

bool by_hand(const Plan& plan, const ComparedStop& s) {
    return s.refill >= 0 || plan.changes[static_cast<std::size_t>(s.change)].kind == ChangeKind::hand;
}

} // namespace

Result<std::vector<Insertion>> insertions(const Project& p, const Plan& plan, const ToolpathFile& file, const AgainstPlan& against, const InsertionWishes& wishes) {
    const auto no = [](Message why) { return Error{std::move(why)}; };
    if (!against.layers_match) {
        for (const Finding& f : against.findings)
            if (f.code.starts_with("file-first") || f.code.starts_with("file-layer") || f.code == "file-empty")
                return no(sentences({say("Nothing was written: the layers of the file are not those of the plan."), f.message}));
        return no(say("Nothing was written: the layers of the file are not those of the plan."));
    }
    if (file.spiral_line)
        return no(say("Nothing was written: from line {} on the file extrudes while it climbs, and has no place between layers.", static_cast<long long>(file.spiral_line)));
    if (file.passes > 1)
        return no(say("Nothing was written: the file prints pieces one after another, the plan all together."));
    std::vector<Insertion> out;
    const auto comment_out = [&](int stop, std::string text, int change, int refill) {
        const ToolpathStop& s = file.stops[static_cast<std::size_t>(stop)];
        out.push_back({s.at.byte, std::move(text), s.end_byte, change, refill, s.layer, s.line});
    };
    const auto place = [&](const ComparedStop& s) {
        const Seam& seam = file.layers[static_cast<std::size_t>(against.file_layer[static_cast<std::size_t>(s.layer) - 1])].seam;
        out.push_back({seam.byte, command(p, plan, s, seam), 0, s.change, s.refill, s.layer, seam.line});
    };
    for (const ComparedStop& s : against.stops) {
        const bool hand = by_hand(plan, s);
        const ToolpathStop* stop = s.stop >= 0 ? &file.stops[static_cast<std::size_t>(s.stop)] : nullptr;
        const bool tool = stop && stop->what == ToolpathStop::What::tool;
        if (s.state == ComparedStop::State::as_planned && !(hand && tool)) {
            if (s.wrong_filament)
                return no(say("Nothing was written: at {0} the file calls tool {1} (line {2}) instead of tool {3}.", what_stops(p, plan, s), stop->to, static_cast<long long>(stop->line), s.tool));
            continue;
        }
        if (!hand) // where a tool takes over decides which lines it prints: that is the other program's work
            return no(stop ? say("Nothing was written: {0} stands in the wrong place (line {1}). Which lines a tool prints is settled by the program that made the file.", what_stops(p, plan, s), static_cast<long long>(stop->line))
                           : say("Nothing was written: {} is missing. Which lines a tool prints is settled by the program that made the file.", what_stops(p, plan, s)));
        if (s.state == ComparedStop::State::as_planned || (tool && s.state == ComparedStop::State::within)) {
            if (!wishes.take_tools)
                return no(say("Nothing was written: {0} is a tool change in the file (line {1}). Have tool changes turned into swaps.", what_stops(p, plan, s), static_cast<long long>(stop->line)));
            if (s.state == ComparedStop::State::within || s.wrong_filament)
                return no(say("Nothing was written: {0} is another tool, or stands elsewhere in the layer, in the file (line {1}).", what_stops(p, plan, s), static_cast<long long>(stop->line)));
            comment_out(s.stop, command(p, plan, s, stop->at), s.change, s.refill);
            continue;
        }
        if (s.change >= 0 && plan.changes[static_cast<std::size_t>(s.change)].within_layer)
            return no(say("Nothing was written: {0} lies within layer {1}, and the file does not say where there the one filament ends. Have the other program print the bodies with a tool each, and turn the tool changes into swaps.", what_stops(p, plan, s), s.layer));
        if (stop) {
            if (!wishes.take_others)
                return no(say("Nothing was written: {0} stands in the wrong place (line {1}). Have stops that are not planned turned into comments.", what_stops(p, plan, s), static_cast<long long>(stop->line)));
            if (tool && !wishes.take_tools)
                return no(say("Nothing was written: {0} is a tool change in the file (line {1}). Have tool changes turned into swaps.", what_stops(p, plan, s), static_cast<long long>(stop->line)));
            comment_out(s.stop, {}, -1, -1);
        }
        place(s);
    }
    for (const int extra : against.extra) {
        const ToolpathStop& s = file.stops[static_cast<std::size_t>(extra)];
        if (s.what == ToolpathStop::What::tool)
            return no(say("Nothing was written: the file changes to tool {0} before layer {1} (line {2}), and the plan does not.", s.to, s.layer, static_cast<long long>(s.line)));
        if (!wishes.take_others)
            return no(say("Nothing was written: the file stops before layer {0} (line {1}), and the plan does not. Have stops that are not planned turned into comments.", s.layer, static_cast<long long>(s.line)));
        comment_out(extra, {}, -1, -1);
    }
    std::stable_sort(out.begin(), out.end(), [](const Insertion& a, const Insertion& b) { return a.byte < b.byte; });
    return out;
}

Status proven(const Project& p, const Plan& plan, const ToolpathFile& before, const ToolpathFile& after) {
    if (before.layers.size() != after.layers.size())
        return Error{say("Read again, the file has {0} layers instead of {1}: what the machine writes at a swap moves or extrudes where it must not.", after.layers.size(), before.layers.size())};
    for (std::size_t l = 0; l < before.layers.size(); ++l) {
        const ToolpathLayer &a = before.layers[l], &b = after.layers[l];
        double was = 0, is = 0;
        for (const double mm : a.filament_mm)
            was += mm;
        for (const double mm : b.filament_mm)
            is += mm;
        if (std::abs(a.z_mm - b.z_mm) > 1e-6 || std::abs(was - is) > 0.01 + 1e-4 * was)
            return Error{say("Read again, layer {0} is another one: {1} of filament at {2} instead of {3} at {4}. What the machine writes at a swap must leave the nozzle, the filament and the ways of counting as they were ({{x}}, {{y}}, {{e}}).", static_cast<int>(l) + 1, mm(is), mm(b.z_mm), mm(was), mm(a.z_mm))};
    }
    const AgainstPlan again = against_plan(p, plan, after);
    for (const ComparedStop& s : again.stops)
        if (s.state != ComparedStop::State::as_planned)
            return Error{say("Read again, {0} does not stand before layer {1}: the machine's words for it do not stop a print.", what_stops(p, plan, s), s.layer)};
    if (!again.extra.empty())
        return Error{say("Read again, the file stops in line {}, where the plan does not: the machine's words for a swap stop more than once.", static_cast<long long>(after.stops[static_cast<std::size_t>(again.extra.front())].line))};
    return Done{};
}

} // namespace vitrail
