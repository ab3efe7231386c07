#include "core/run/rescue_tail.h"

#include "core/run/against_plan.h"

#include <fmt/format.h>

#include <charconv>
#include <cmath>

namespace vitrail {

namespace {

/// The code of a command line, such as G1; "" for anything else. `body` without line number, checksum and
/// comment.
std::string_view code_of(std::string_view body) {
    std::size_t i = body.find_first_not_of(" \t");
    if (i == std::string_view::npos)
        return {};
    std::size_t end = i + 1;
    while (end < body.size() && body[end] >= '0' && body[end] <= '9')
        ++end;
    return body.substr(i, end - i);
}

bool is(std::string_view code, char letter, int number) {
    int n = -1;
    return code.size() > 1 && (code[0] | 32) == (letter | 32) &&
           std::from_chars(code.data() + 1, code.data() + code.size(), n).ptr == code.data() + code.size() &&
           n == number;
}

} // namespace

void LiftedLines::line(std::string_view text, std::string& out) {
    std::string_view rest = text;
    if (const std::size_t i = rest.find_first_not_of(" \t");
        i != std::string_view::npos && (rest[i] == 'N' || rest[i] == 'n')) { // its number
        std::size_t end = i + 1;
        while (end < rest.size() && rest[end] >= '0' && rest[end] <= '9')
            ++end;
        rest.remove_prefix(end);
    }
    const std::size_t comment = rest.find(';');
    std::string_view body = rest.substr(0, comment),
                     tail = comment == std::string_view::npos ? std::string_view{} : rest.substr(comment);
    if (const std::size_t sum = body.find('*'); sum != std::string_view::npos)
        body = body.substr(0, sum);
    const std::string_view code = code_of(body);
    if (is(code, 'G', 90))
        relative_ = false;
    else if (is(code, 'G', 91))
        relative_ = true;
    const bool moves = is(code, 'G', 0) || is(code, 'G', 1) || is(code, 'G', 2) || is(code, 'G', 3),
               sets = is(code, 'G', 92);
    if ((moves && !relative_) || sets) {
        bool in_brackets = false;
        for (std::size_t i = static_cast<std::size_t>(code.data() - body.data()) + code.size();
             i < body.size(); ++i) {
            in_brackets = body[i] == '(' || (in_brackets && body[i] != ')');
            if (in_brackets || (body[i] | 32) != 'z')
                continue;
            std::size_t from = i + 1;
            while (from < body.size() && (body[from] == ' ' || body[from] == '+'))
                ++from;
            double z = 0;
            const auto [end, error] = std::from_chars(body.data() + from, body.data() + body.size(), z);
            if (error != std::errc())
                break;
            const std::string_view number =
                body.substr(from, static_cast<std::size_t>(end - (body.data() + from)));
            const std::size_t point = number.find('.');
            const int decimals = std::max(
                3, point == std::string_view::npos ? 0 : static_cast<int>(number.size() - point - 1));
            out.append(body.substr(0, i + 1));
            out += fmt::format("{:.{}f}", z + lift_mm_, decimals);
            out.append(body.substr(from + number.size()));
            out.append(tail);
            return;
        }
    }
    out.append(body);
    out.append(tail);
}

std::string LiftedLines::lifted(std::string_view lines) {
    std::string out;
    out.reserve(lines.size() + lines.size() / 50);
    while (!lines.empty()) {
        const std::size_t end = lines.find('\n');
        line(lines.substr(0, end), out);
        if (end == std::string_view::npos)
            break;
        out += '\n';
        lines.remove_prefix(end + 1);
    }
    return out;
}

std::string count_again(const Seam& at) {
    if (at.e_relative)
        return {};
    return at.inches ? fmt::format("G92 E{:.7f}\n", at.e / 25.4) : fmt::format("G92 E{:.5f}\n", at.e);
}

std::string stand_at(const Seam& at, double lift_mm) {
    if (!at.relative)
        return {};
    const auto mm = [&](double v) {
        return at.inches ? fmt::format("{:.5f}", v / 25.4) : fmt::format("{:.3f}", v);
    };
    std::string s = fmt::format("G90\nG1 Z{0} F600\nG0 X{1} Y{2} F6000\n", mm(at.z_mm + lift_mm), mm(at.x_mm),
                                mm(at.y_mm));
    if (at.feed_mm_min > 0)
        s += fmt::format("G1 F{}\n", mm(at.feed_mm_min));
    return s + "G91\n" + (at.e_relative ? "M83\n" : "M82\n");
}

std::string tail_begins(const ToolpathFile& file, const Rescue& r, const Botch& b) {
    const Seam& at = file.layers[static_cast<std::size_t>(r.at_layer - (r.extra > 0 ? 1 : 0))].seam;
    const double there = b.measured_mm.value_or(file.layers[static_cast<std::size_t>(r.at_layer) - 1].z_mm),
                 clear = there + 10;
    const auto mm = [&](double v) {
        return at.inches ? fmt::format("{:.5f}", v / 25.4) : fmt::format("{:.3f}", v);
    };
    std::string s = fmt::format("; the rest after layer {}, {} layer(s) more of it\n", r.at_layer, r.extra);
    s += at.inches ? "G20\n" : "G21\n";
    s += "G90\n";
    if (file.bed_c > 0)
        s += fmt::format("M190 S{:.0f}\n", file.bed_c);
    if (!b.homed) {
        s += "; X and Y only: the switch of Z may lie below the print. The nozzle has been lifted clear of "
             "it, and set on the last layer, by hand\n";
        s += fmt::format("G92 Z{} ; a sheet of paper just grips\n", mm(there));
    }
    s += fmt::format("G1 Z{} F600\n", mm(clear));
    if (!b.homed)
        s += "G28 X Y\n";
    if (at.tool > 0)
        s += fmt::format("T{}\n", at.tool);
    if (file.nozzle_c > 0)
        s += fmt::format("M109 S{:.0f}\n", file.nozzle_c);
    s += fmt::format("G0 X{} Y{} F6000\n", mm(at.x_mm), mm(at.y_mm));
    s += fmt::format("G1 Z{} F600\n", mm(there + 0.3));
    s += at.e_relative ? "M83\n" : "M82\n";
    s += count_again(at);
    if (at.feed_mm_min > 0)
        s += fmt::format("G1 F{}\n", mm(at.feed_mm_min));
    if (at.speed_of != 1)
        s += fmt::format("M220 S{:.6g}\n", 100 * at.speed_of);
    if (at.flow_of != 1)
        s += fmt::format("M221 S{:.6g}\n", 100 * at.flow_of);
    return s;
}

double extra_flow(const ToolpathFile& file, const Rescue& r) {
    const double flow = r.extra_mm / file.layers[static_cast<std::size_t>(r.at_layer) - 1].height_mm;
    return r.extra > 0 && std::abs(flow - 1) > 0.005 ? flow : 1;
}

Status proven_rest(const Rescue& r, const ToolpathFile& file, const ToolpathFile& rest) {
    const std::size_t printed = static_cast<std::size_t>(r.at_layer);
    const std::size_t expected = file.layers.size() - printed + static_cast<std::size_t>(r.extra);
    if (rest.layers.size() != expected)
        return Error{
            say("Read again, the rest has {0} layers instead of {1}.", rest.layers.size(), expected)};
    // The layers that are printed already, and the rest as the plan counts it.
    ToolpathFile whole = file;
    whole.layers.resize(printed);
    std::erase_if(whole.stops, [&](const ToolpathStop& s) { return s.layer > r.at_layer; });
    for (std::size_t i = 0; i < rest.layers.size(); ++i) {
        ToolpathLayer l = rest.layers[i];
        const ToolpathLayer& was = file.layers[i < static_cast<std::size_t>(r.extra)
                                                   ? printed - 1
                                                   : printed + i - static_cast<std::size_t>(r.extra)];
        double mm = 0, was_mm = 0;
        for (const double x : l.filament_mm)
            mm += x;
        for (const double x : was.filament_mm)
            was_mm += x;
        if (i < static_cast<std::size_t>(r.extra))
            was_mm *= extra_flow(file, r);
        if (std::abs(mm - was_mm) > 0.01 + 1e-4 * was_mm)
            return Error{say("Read again, layer {0} of the rest extrudes {1} of filament instead of {2}.",
                             static_cast<int>(i) + 1, num(mm, 2, "mm"), num(was_mm, 2, "mm"))};
        l.z_mm -= r.off_mm;
        l.pass = 1;
        whole.layers.push_back(std::move(l));
    }
    for (ToolpathStop s : rest.stops) {
        if (s.layer == 1 && !s.within && r.extra > 0)
            continue; // the tool it begins with
        s.layer += r.at_layer;
        whole.stops.push_back(std::move(s));
    }
    whole.passes = 1;
    const AgainstPlan a = against_plan(r.project, *r.plan, whole);
    if (!a.layers_match)
        return Error{say("Read again, the heights of the rest are not those of the new plan.")};
    for (const ComparedStop& s : a.stops)
        if (s.layer > r.at_layer + r.extra && s.state != ComparedStop::State::as_planned)
            return Error{say("Read again, a change of the rest does not stand before layer {}. The file that "
                             "was printed did not have it there either.",
                             s.layer)};
    return Done{};
}

} // namespace vitrail
