#include "core/run/against_plan.h"

#include "core/plan/change_table.h"
#include "core/run/commands.h"
#include "core/run/printed_in.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <numbers>
#include <numeric>

namespace vitrail {

namespace {

constexpr double kSameTop = 0.02; ///< mm; programs round heights
constexpr int kFarOff = 6;        ///< layers; farther apart they are not the same change
constexpr float kMissing =
    3.5F; ///< so much a missing one weighs, and one too many: as much as seven layers together
constexpr std::size_t kMostCells = 40'000'000;

/// A stop the plan asks for.
struct Wanted {
    int change = -1, refill = -1, layer = 0;
    bool within = false;
    bool waits = false;   ///< a person comes: a pause or a swap in the file
    int tool = -1;        ///< that takes over
    int from = 0, to = 0; ///< filaments
};

std::vector<Wanted> wanted_stops(const Project& p, const Plan& plan) {
    std::vector<Wanted> out;
    for (const ChangeRow& row : change_rows(plan))
        if (row.change >= 0) {
            const Change& c = plan.changes[static_cast<std::size_t>(row.change)];
            out.push_back({row.change, -1, c.layer, c.within_layer, c.kind == ChangeKind::hand,
                           tool_for(p, plan, c), c.from, c.to});
        } else if (const Refill& r = plan.refills[static_cast<std::size_t>(row.refill)]; r.pause) {
            out.push_back({-1, row.refill, r.latest_layer, r.within_layer, true, -1, r.out, r.in});
        }
    return out;
}

/// The plan's layer that a layer of the file is, or where it would stand: layers are counted from the bed up,
/// in each pass.
std::vector<int> plan_layer_of(const ToolpathFile& file) {
    std::vector<int> out;
    int pass = 0, n = 0;
    for (const ToolpathLayer& l : file.layers) {
        n = l.pass == pass ? n + 1 : 1;
        pass = l.pass;
        out.push_back(n);
    }
    return out;
}

struct Found {
    int stop = 0, layer = 0;
    bool within = false, waits = false;
    int tool = -1;
};

/// Of the first pass, between its first line and its last; before the first, where the plan waits there.
std::vector<Found> found_stops(const ToolpathFile& file, const std::vector<int>& counted,
                               const std::vector<Wanted>& wanted) {
    const bool has_pauses =
        std::any_of(wanted.begin(), wanted.end(), [](const Wanted& w) { return w.refill >= 0; });
    const bool waits_first = has_pauses && wanted.front().layer == 1 && !wanted.front().within;
    std::vector<Found> out;
    for (std::size_t i = 0; i < file.stops.size(); ++i) {
        const ToolpathStop& s = file.stops[i];
        const bool tool = s.what == ToolpathStop::What::tool;
        if (s.layer > static_cast<int>(file.layers.size()) ||
            (s.layer == 1 && !s.within && (tool || !waits_first)) ||
            file.layers[static_cast<std::size_t>(s.layer) - 1].pass > 1)
            continue;
        // One change: a nozzle takes over and waits, or waits and takes over. Where the plan has pauses, what
        // waits first is one of them, and the change that follows is another thing.
        if (!out.empty() &&
            file.stops[static_cast<std::size_t>(out.back().stop)].until_line == s.until_line &&
            !(has_pauses && out.back().waits)) {
            Found& f = out.back();
            f.waits |= !tool;
            f.tool = tool ? s.to : f.tool;
            if (!tool)
                f.stop = static_cast<int>(i);
            continue;
        }
        out.push_back({static_cast<int>(i), counted[static_cast<std::size_t>(s.layer) - 1], s.within, !tool,
                       tool ? s.to : -1});
    }
    return out;
}

bool wrong_tool(const Wanted& w, const Found& f) {
    return f.tool >= 0 && w.tool >= 0 && f.tool != w.tool;
}

float apart(const Wanted& w, const Found& f) {
    const int off = std::abs(w.layer - f.layer);
    if (off > kFarOff || (w.refill >= 0 && !f.waits))
        return std::numeric_limits<float>::infinity();
    return static_cast<float>(off) + (w.within != f.within ? 0.25F : 0) + (wrong_tool(w, f) ? 2.F : 0) +
           (w.waits != f.waits ? 0.1F : 0);
}

/// [wanted] index into found, −1: missing.
std::vector<int> match(const std::vector<Wanted>& wanted, const std::vector<Found>& found) {
    const std::size_t n = wanted.size(), m = found.size();
    std::vector<int> out(n, -1);
    if ((n + 1) * (m + 1) > kMostCells) { // one after the other, each the next that is near
        for (std::size_t i = 0, j = 0; i < n; ++i) {
            while (j < m && found[j].layer < wanted[i].layer - 1)
                ++j;
            if (j < m && apart(wanted[i], found[j]) < 2 * kMissing)
                out[i] = static_cast<int>(j++);
        }
        return out;
    }
    enum Step : std::uint8_t { both, skip_wanted, skip_found };
    std::vector<std::uint8_t> steps((n + 1) * (m + 1));
    std::vector<float> above(m + 1), row(m + 1);
    for (std::size_t j = 0; j <= m; ++j) {
        above[j] = kMissing * static_cast<float>(j);
        steps[j] = skip_found;
    }
    for (std::size_t i = 1; i <= n; ++i) {
        row[0] = kMissing * static_cast<float>(i);
        steps[i * (m + 1)] = skip_wanted;
        for (std::size_t j = 1; j <= m; ++j) {
            const float together = above[j - 1] + apart(wanted[i - 1], found[j - 1]), w = above[j] + kMissing,
                        f = row[j - 1] + kMissing;
            row[j] = std::min({together, w, f});
            steps[i * (m + 1) + j] = together <= w && together <= f ? both
                                     : w <= f                       ? skip_wanted
                                                                    : skip_found;
        }
        std::swap(above, row);
    }
    for (std::size_t i = n, j = m; i > 0 || j > 0;) {
        const std::uint8_t s = steps[i * (m + 1) + j];
        if (s == both)
            out[i - 1] = static_cast<int>(j - 1);
        i -= s != skip_found;
        j -= s != skip_wanted;
    }
    return out;
}

std::string letter_or_dash(const Project& p, int filament) {
    return filament < 0 ? std::string("–")
                        : std::string(1, p.filaments[static_cast<std::size_t>(filament)].letter);
}

/// Says what is wrong.
class Report {
public:
    Report(const Project& p, const Plan& plan, const ToolpathFile& file, AgainstPlan& out)
        : p_(p), plan_(plan), file_(file), out_(out) {}

    void layers() {
        const LayerGrid& g = plan_.grid;
        if (file_.layers.empty())
            return add("file-empty", Severity::error,
                       say("The file extrudes nothing: is it a toolpath file?"), 0, 0);
        const ToolpathLayer& first = file_.layers.front();
        const int count = static_cast<int>(std::count_if(file_.layers.begin(), file_.layers.end(),
                                                         [](const ToolpathLayer& l) { return l.pass == 1; }));
        if (std::abs(first.z_mm - g.first_mm) > kSameTop)
            add("file-first-layer", Severity::error,
                say("The first layer is {0} in the file, {1} in the plan: every change would stand at "
                    "another height.",
                    mm(first.z_mm), mm(g.first_mm)),
                1, first.first_line);
        const int off = out_.layers_match ? 0 : first_other_height();
        if (off > 1 && std::abs(first.z_mm - g.first_mm) <= kSameTop) {
            const ToolpathLayer& l = file_.layers[static_cast<std::size_t>(off) - 1];
            add("file-layer-height", Severity::error,
                say("Layer {0} ends at {1} in the file, at {2} in the plan: the layers are not those of the "
                    "plan from there on.",
                    off, mm(l.z_mm), mm(g.top_mm(off))),
                off, l.first_line);
        }
        if (count != g.count)
            add("file-layers", std::abs(count - g.count) <= 1 ? Severity::warning : Severity::error,
                say("The file has {0} layers, the plan {1}.", count, g.count), std::min(count, g.count),
                file_.layers[static_cast<std::size_t>(count) - 1].last_line);
        if (file_.spiral_line)
            add("file-spiral", Severity::warning,
                say("From line {} on the file extrudes while it climbs: there layers are not level, and a "
                    "change has no layer to stand before.",
                    static_cast<long long>(file_.spiral_line)),
                0, file_.spiral_line);
        if (file_.passes > 1)
            add("file-passes", Severity::error,
                say("The file begins {} times at the bed: it prints pieces one after another, the plan all "
                    "together. Only the first of them is compared.",
                    file_.passes),
                0, 0);
        if (const auto alike = called_alike(p_.machine)) {
            const auto name = [&](const Place& x) {
                const int head = p_.machine.nozzles[static_cast<std::size_t>(x.nozzle)].toolhead;
                return say("{0}, {1}", nozzle_name(p_.machine, x.nozzle),
                           slot_name(p_.machine, head, x.slot));
            };
            add("file-places-alike", Severity::warning,
                say("The machine's words call two places alike: {0}, and {1}. A file cannot tell them apart. "
                    "Let "
                    "its words for a tool change and a feeder change number the places, as those of the "
                    "machines "
                    "that ship do.",
                    name(alike->first), name(alike->second)),
                0, 0);
        }
        if (file_.g90_line && !p_.machine.commands.g90_sets_e)
            add("file-g90", Severity::note,
                file_.g90_sets_e
                    ? say("Line {} says G90 or G91 after M82 or M83. It was read as firmware does that takes "
                          "it for the filament as well. The machine's words can settle it.",
                          static_cast<long long>(file_.g90_line))
                    : say("Line {} says G90 or G91 after M82 or M83. It was read as firmware does that "
                          "leaves "
                          "the filament alone, as otherwise the file would print next to nothing. The "
                          "machine's words can settle it.",
                          static_cast<long long>(file_.g90_line)),
                0, file_.g90_line);
        if (file_.bad_line)
            add("file-damaged", Severity::warning,
                say("Line {} holds a number that is none: the file may be damaged.",
                    static_cast<long long>(file_.bad_line)),
                0, file_.bad_line);
    }

    void stop(const ComparedStop& c, const Wanted& w) {
        const Message what =
            c.refill >= 0 ? say("The pause to put {} in", letter_or_dash(p_, w.to))
            : w.waits
                ? say("The swap from {0} to {1}", letter_or_dash(p_, w.from), letter_or_dash(p_, w.to))
                : say("The change from {0} to {1}", letter_or_dash(p_, w.from), letter_or_dash(p_, w.to));
        if (c.state == ComparedStop::State::missing) {
            const auto [above, below] = lines_around(w.layer);
            return add(
                "file-change-missing", Severity::error,
                w.within ? say("{0} is missing: nothing stops within layer {1} (lines {2} to {3}).", what,
                               w.layer, below, above)
                         : say("{0} is missing: nothing stops between layers {1} and {2} (lines {3} to {4}).",
                               what, w.layer - 1, w.layer, below, above),
                w.layer, above);
        }
        const ToolpathStop& s = file_.stops[static_cast<std::size_t>(c.stop)];
        const long long line = s.line;
        const int there = c.layer + c.off;
        if (c.off == 1)
            add("file-change-late", Severity::error,
                say("{0} is one layer late: one off. It stands before layer {1} in the file (line {2}), "
                    "before layer {3} in the plan; layer {3} would be printed in {4}.",
                    what, there, line, c.layer, letter_or_dash(p_, w.from)),
                c.layer, line);
        else if (c.off == -1)
            add("file-change-early", Severity::error,
                say("{0} is one layer early: one off. It stands before layer {1} in the file (line {2}), "
                    "before layer {3} in the plan; layer {1} would be printed in {4}.",
                    what, there, line, c.layer, letter_or_dash(p_, w.to)),
                c.layer, line);
        else if (c.off > 1)
            add("file-change-late", Severity::error,
                say("{0} is {1} layers late. It stands before layer {2} in the file (line {3}), before layer "
                    "{4} in the plan.",
                    what, c.off, there, line, c.layer),
                c.layer, line);
        else if (c.off < -1)
            add("file-change-early", Severity::error,
                say("{0} is {1} layers early. It stands before layer {2} in the file (line {3}), before "
                    "layer {4} in the plan.",
                    what, -c.off, there, line, c.layer),
                c.layer, line);
        else if (c.state == ComparedStop::State::within)
            add("file-change-within", Severity::error,
                s.within
                    ? say("{0} stands within layer {1} (line {2}) instead of before it: part of the layer "
                          "would be printed in {3}.",
                          what, c.layer, line, letter_or_dash(p_, w.from))
                    : say("{0} stands before layer {1} (line {2}), the plan prints part of that layer first.",
                          what, c.layer, line),
                c.layer, line);
        if (c.wrong_filament)
            add("file-change-filament", Severity::error,
                say("{0}: the file calls tool {1} (line {2}), {3} is tool {4}.", what, s.to, line,
                    letter_or_dash(p_, w.to), c.tool),
                c.layer, line);
        if (w.waits && c.refill < 0 && s.what == ToolpathStop::What::tool && p_.machine.nozzles.size() > 1)
            add("file-change-tool", Severity::error,
                say("{0}: the nozzle takes over in the file (line {1}), and does not wait for you to "
                    "exchange its spool: write the plan's pauses into the file.",
                    what, line),
                c.layer, line);
        else if (w.waits && c.refill < 0 && s.what == ToolpathStop::What::tool)
            add("file-change-tool", Severity::warning,
                say("{0} is a tool change in the file (line {1}), and the machine has nobody to make it but "
                    "you: write the plan's pauses in its place.",
                    what, line),
                c.layer, line);
    }

    void extra(int stop) {
        const ToolpathStop& s = file_.stops[static_cast<std::size_t>(stop)];
        const long long line = s.line;
        add("file-change-extra", Severity::error,
            s.what == ToolpathStop::What::tool
                ? say("The file changes to tool {0} before layer {1} (line {2}); the plan does not.", s.to,
                      s.layer, line)
                : say("The file stops before layer {0} (line {1}: {2}); the plan does not.", s.layer, line,
                      Name{s.word}),
            s.layer, line);
    }

    /// `any`: every layer is printed in its filaments, whichever comes first.
    void start(bool any) {
        int tool = 0;
        bool named = false;
        std::int64_t line = 0;
        for (const ToolpathStop& s : file_.stops)
            if (s.layer == 1 && !s.within && s.what == ToolpathStop::What::tool)
                tool = s.to, line = s.line, named = true;
        if (plan_.changes.empty() || file_.layers.empty())
            return;
        const Change& first = plan_.changes.front();
        const auto stay = std::find_if(plan_.stays.begin(), plan_.stays.end(),
                                       [&](const Stay& s) { return s.filament == first.from; });
        if (stay == plan_.stays.end())
            return;
        const bool many = std::any_of(file_.stops.begin(), file_.stops.end(), [](const ToolpathStop& s) {
            return s.what == ToolpathStop::What::tool;
        });
        const int wanted = out_.start_tool = tool_for(p_, plan_, *stay);
        if (!any && many && wanted >= 0 && wanted != tool)
            add("file-start-filament", Severity::error,
                named ? say("The file begins with tool {0} (line {1}), the plan with {2}, which is tool {3}.",
                            tool, static_cast<long long>(line), letter_or_dash(p_, first.from), wanted)
                      : say("The file begins with tool {0}, the plan with {1}, which is tool {2}.", tool,
                            letter_or_dash(p_, first.from), wanted),
                1, line);
    }

    /// The same filaments, layer by layer, in another order within them.
    void order(const SwitchList& of_file) {
        int layer = 0, more_changes = -static_cast<int>(plan_.changes.size());
        double more_mm3 = 0;
        for (std::size_t l = 0; l < out_.prints.size() && !layer; ++l)
            if (!std::equal(out_.prints[l].begin(), out_.prints[l].end(), plan_.sequence.layer(l).begin()))
                layer = static_cast<int>(l) + 1;
        if (!layer)
            return;
        for (const Switch& c : of_file.switches)
            more_mm3 += c.purge_mm3, ++more_changes;
        for (const Change& c : plan_.changes)
            more_mm3 -= c.purge_mm3;
        add("file-order", Severity::note,
            say("The file prints the same filaments in every layer, but from layer {0} on in another order. "
                "That takes {1} more purge and {2} than the plan.",
                layer, num(std::max(0.0, more_mm3), 0, "mm\u00b3"),
                counted("{} more change", "{} more changes", std::max(0, more_changes))),
            layer, file_.layers[static_cast<std::size_t>(layer) - 1].first_line);
    }

    /// All stops are where they should be, and yet a layer comes out in other filaments.
    void filaments(int layer) {
        List printed, planned;
        for (const int f : out_.prints[static_cast<std::size_t>(layer) - 1])
            printed.items.emplace_back(say("{}", letter_or_dash(p_, f)));
        for (const int f : plan_.sequence.layer(static_cast<std::size_t>(layer) - 1))
            planned.items.emplace_back(say("{}", letter_or_dash(p_, f)));
        add("file-filaments", Severity::error,
            say("Followed line by line, layer {0} is printed in {1} instead of {2}: what the file calls "
                "there "
                "is not what lies in that slot by then.",
                layer, printed, planned),
            layer, file_.layers[static_cast<std::size_t>(layer) - 1].first_line);
    }

    void amounts() {
        const auto off = [](double a, double b) { return b > 0 ? 100 * (a / b - 1) : 0; };
        constexpr double kWorthSaying = 10; // per cent; an estimate is no better
        // Walls and infill set a little otherwise do not do that. Purge may be drawn, pushed out on the spot,
        // or be the machine's own business.
        constexpr double kAnotherPrint = 20;
        const Totals& t = plan_.totals;
        const double drawn_g = out_.file_g, all_g = drawn_g + spot_g(), least_g = t.model_g + t.support_g,
                     most_g = out_.planned_g + t.purge_g;
        if (least_g > 0 && (off(all_g, least_g) < -kAnotherPrint || off(drawn_g, most_g) > kAnotherPrint))
            add("file-grams", Severity::error,
                say("The file extrudes {0}, the plan expects {1}: it is another model or another size, or "
                    "infill, walls or support are set quite otherwise. Set both alike, or choose the file "
                    "that belongs to this plan.",
                    num(drawn_g, 1, "g"), num(out_.planned_g, 1, "g")),
                0, 0);
        else if (out_.planned_g > 0 && std::abs(off(drawn_g, out_.planned_g)) > kWorthSaying &&
                 std::abs(off(all_g, out_.planned_g)) > kWorthSaying)
            add("file-grams", Severity::note,
                say("The file extrudes {0}, the plan expects {1}: infill, walls or support are set "
                    "otherwise.",
                    num(drawn_g, 1, "g"), num(out_.planned_g, 1, "g")),
                0, 0);
        if (out_.planned_s > 0 && std::abs(off(out_.file_s, out_.planned_s)) > kWorthSaying)
            add("file-time", Severity::note,
                say("The file's lines take {0}, the plan expects {1}.", Duration{out_.file_s},
                    Duration{out_.planned_s}),
                0, 0);
    }

private:
    /// Pushed out without moving, at the stops.
    double spot_g() const {
        const Filament& f = p_.filaments.front();
        return grams(f, out_.spot_mm3);
    }
    int first_other_height() const {
        for (int n = 1; n <= plan_.grid.count && n <= static_cast<int>(file_.layers.size()); ++n)
            if (std::abs(file_.layers[static_cast<std::size_t>(n) - 1].z_mm - plan_.grid.top_mm(n)) >
                kSameTop)
                return n;
        return 0;
    }
    std::pair<long long, long long> lines_around(int layer) const {
        const auto at = [&](int n) -> const ToolpathLayer* {
            return n >= 1 && n <= static_cast<int>(file_.layers.size())
                       ? &file_.layers[static_cast<std::size_t>(n) - 1]
                       : nullptr;
        };
        const ToolpathLayer *above = at(layer), *below = at(layer - 1);
        return {above ? above->first_line : file_.lines, below   ? below->last_line
                                                         : above ? above->first_line
                                                                 : file_.lines};
    }
    void add(const char* code, Severity severity, Message message, int layer, std::int64_t line) {
        Finding f;
        f.code = code;
        f.severity = severity;
        f.message = std::move(message);
        f.where = layer && line ? say("layer {0}, line {1}", layer, static_cast<long long>(line))
                  : line        ? say("line {}", static_cast<long long>(line))
                                : say("the whole file");
        f.layer = layer;
        out_.findings.push_back(std::move(f));
    }

    const Project& p_;
    const Plan& plan_;
    const ToolpathFile& file_;
    AgainstPlan& out_;
};

void compare_layers(const Plan& plan, const ToolpathFile& file, AgainstPlan& out) {
    out.file_layer.assign(static_cast<std::size_t>(plan.grid.count), -1);
    std::size_t i = 0;
    const auto in_pass = [&](std::size_t k) { return k < file.layers.size() && file.layers[k].pass == 1; };
    for (int n = 1; n <= plan.grid.count; ++n) {
        const double top = plan.grid.top_mm(n);
        while (in_pass(i) && file.layers[i].z_mm < top - kSameTop)
            ++i;
        if (in_pass(i) && std::abs(file.layers[i].z_mm - top) <= kSameTop)
            out.file_layer[static_cast<std::size_t>(n) - 1] = static_cast<int>(i);
    }
    out.layers_match = true;
    for (int n = 1; n <= plan.grid.count; ++n)
        out.layers_match &= out.file_layer[static_cast<std::size_t>(n) - 1] == n - 1;
    out.layers_match &= !in_pass(static_cast<std::size_t>(plan.grid.count));
}

/// What a layer's lines are printed in, each filament once.
std::vector<int> printed_once(const ToolpathLayer& layer, const std::vector<int>& runs) {
    constexpr double kNothing_mm = 1e-6;
    std::vector<int> out;
    for (std::size_t r = 0; r < runs.size(); ++r)
        if (layer.runs[r].filament_mm > kNothing_mm &&
            std::find(out.begin(), out.end(), runs[r]) == out.end())
            out.push_back(runs[r]);
    return out;
}

/// What each layer of the plan is printed in; where the file has no such layer, what the one below ended in.
void follow(const Plan& plan, const ToolpathFile& file, const std::vector<std::vector<int>>& runs,
            AgainstPlan& out) {
    out.prints.clear();
    int last = plan.sequence.items.empty() ? -1 : int{plan.sequence.items.front()};
    for (const int at : out.file_layer) {
        const auto l = static_cast<std::size_t>(at);
        out.prints.push_back(at < 0 ? std::vector{last} : printed_once(file.layers[l], runs[l]));
        if (at >= 0 && !runs[l].empty())
            last = runs[l].back();
    }
}

/// The first layer of the plan that the file prints in other filaments; 0: none. Their order is free.
int first_other_filaments(const Plan& plan, const AgainstPlan& a) {
    for (std::size_t l = 0; l < a.prints.size(); ++l) {
        const auto planned = plan.sequence.layer(l);
        if (a.prints[l].size() != planned.size() ||
            !std::is_permutation(planned.begin(), planned.end(), a.prints[l].begin()))
            return static_cast<int>(l) + 1;
    }
    return 0;
}

/// The order of the file, as the plan counts what it costs.
SwitchList switches_of(const Project& p, const Plan& plan, const AgainstPlan& a) {
    Sequence order;
    for (const std::vector<int>& layer : a.prints) {
        order.items.insert(order.items.end(), layer.begin(), layer.end());
        order.start.push_back(static_cast<std::uint32_t>(order.items.size()));
    }
    return list_switches(p.machine, plan.grid, order, plan.loading, plan.purge_table);
}

/// The file with layers as the plan has them. What it draws at other heights is no layer of the piece: prime
/// lines, wipes, towers that catch up; it belongs to the layer that follows. The file as it is, where that
/// does not make its layers the plan's. `original`: which layer of the file each is.
ToolpathFile with_layers_of(const LayerGrid& grid, const ToolpathFile& file, std::vector<int>& original) {
    constexpr double kMostBeside = 0.25; ///< of the filament. From memory
    original.resize(file.layers.size());
    std::iota(original.begin(), original.end(), 0);
    std::vector<int> kept, belongs; // belongs: [layer of the file] index into kept
    double beside_mm = 0, all_mm = 0;
    for (std::size_t l = 0; l < file.layers.size(); ++l) {
        const ToolpathLayer& layer = file.layers[l];
        if (layer.pass > 1 || layer.z_mm > grid.top_mm(grid.count) + kSameTop)
            return file;
        const double mm = std::accumulate(layer.filament_mm.begin(), layer.filament_mm.end(), 0.0);
        const int n = static_cast<int>(kept.size()) + 1;
        belongs.push_back(static_cast<int>(kept.size()));
        all_mm += mm;
        if (n <= grid.count && std::abs(layer.z_mm - grid.top_mm(n)) <= kSameTop)
            kept.push_back(static_cast<int>(l));
        else
            beside_mm += mm;
    }
    if (static_cast<int>(kept.size()) != grid.count || kept.size() == file.layers.size() ||
        beside_mm > kMostBeside * all_mm)
        return file;
    ToolpathFile out = file;
    out.layers.clear();
    std::vector<ToolpathRun> before; // of what belongs to the next
    for (std::size_t l = 0; l < file.layers.size(); ++l) {
        ToolpathLayer layer = file.layers[l];
        const auto at = static_cast<std::size_t>(belongs[l]);
        if (at < kept.size() && kept[at] == static_cast<int>(l)) {
            layer.height_mm = grid.thickness_mm(static_cast<int>(at) + 1);
            layer.runs.insert(layer.runs.begin(), before.begin(), before.end());
            before.clear();
            out.layers.push_back(std::move(layer));
        } else if (at == kept.size()) { // after the last
            out.layers.back().runs.insert(out.layers.back().runs.end(), layer.runs.begin(), layer.runs.end());
        } else {
            before.insert(before.end(), layer.runs.begin(), layer.runs.end());
        }
    }
    for (ToolpathStop& s : out.stops)
        if (s.layer <= static_cast<int>(file.layers.size())) {
            const int l = s.layer - 1, at = belongs[static_cast<std::size_t>(l)];
            if (at == static_cast<int>(kept.size())) { // nothing of the piece follows
                s.layer = at + 1, s.within = false;
                continue;
            }
            s.within &= kept[static_cast<std::size_t>(at)] == l;
            s.layer = at + 1;
        } else {
            s.layer = grid.count + 1;
        }
    original = std::move(kept);
    return out;
}

/// mm of each filament in the file, as its stops have it.
std::vector<double> mm_by_stops(const Project& p, const ToolpathFile& file,
                                const std::vector<std::vector<int>>& runs) {
    std::vector<double> mm(p.filaments.size(), 0);
    for (std::size_t l = 0; l < file.layers.size(); ++l)
        for (std::size_t r = 0; r < runs[l].size(); ++r)
            if (runs[l][r] >= 0)
                mm[static_cast<std::size_t>(runs[l][r])] += file.layers[l].runs[r].filament_mm;
    return mm;
}

/// The same of a file that has no stops yet: by what the plan prints in its layers, all of a layer alike.
std::vector<double> mm_by_layers(const Project& p, const Plan& plan, const ToolpathFile& file,
                                 const std::vector<int>& counted) {
    std::vector<double> mm(p.filaments.size(), 0);
    for (std::size_t l = 0; l < file.layers.size(); ++l) {
        const int n = std::min(counted[l], static_cast<int>(plan.sequence.layers()));
        const auto here = plan.sequence.layer(static_cast<std::size_t>(n) - 1);
        for (const double of_tool : file.layers[l].filament_mm)
            for (const int f : here)
                mm[static_cast<std::size_t>(f)] += of_tool / static_cast<double>(here.size());
    }
    return mm;
}

void compare_amounts(const Project& p, const Plan& plan, const ToolpathFile& file,
                     const std::vector<double>& mm, AgainstPlan& out) {
    for (std::size_t f = 0; f < p.filaments.size(); ++f) {
        const FilamentUse& u = plan.use[f];
        const double d = p.filaments[f].diameter_mm,
                     file_g = grams(p.filaments[f], mm[f] * std::numbers::pi / 4 * d * d);
        double laid_g = u.model_g + u.support_g + u.interface_g + u.tower_g;
        for (const Change& c : plan.changes)
            if (static_cast<std::size_t>(c.to) == f)
                for (const Flow& flow : c.flows)
                    if (flow.where != Destination::ejected && !is_useful(flow.where))
                        laid_g += grams(p.filaments[f], flow.mm3);
        if (laid_g <= 0 && file_g <= 0)
            continue;
        out.filaments.push_back({static_cast<int>(f), laid_g, file_g});
        out.planned_g += laid_g;
        out.file_g += file_g;
    }
    for (const ToolpathLayer& l : file.layers)
        out.file_s += l.seconds;
    out.planned_s = plan.totals.print_s - plan.totals.start_s;
    for (const Change& c : plan.changes) // purging is extruding, too
        out.planned_s += c.time_s - c.wait_s - p.machine.time(c.kind).time_s;
    out.planned_purge_mm3 = plan.totals.purge_mm3;
    for (const ComparedStop& s : out.stops)
        if (s.stop >= 0) {
            const double d = p.filaments.front().diameter_mm;
            out.spot_mm3 +=
                file.stops[static_cast<std::size_t>(s.stop)].spot_mm * std::numbers::pi / 4 * d * d;
        }
}

} // namespace

int tool_for(const Project& p, const Plan& plan, const Change& c) {
    if (c.kind != ChangeKind::hand)
        return tool_number(p.machine, c.kind, {c.nozzle, c.slot});
    if (p.machine.nozzles.size() == 1)
        return c.to;
    Change as = c; // the nozzle takes over, and somebody exchanges its spool
    as.kind = ChangeKind::tool;
    return tool_for(p, plan, as);
}

int tool_for(const Project& p, const Plan& plan, const Stay& s) {
    Change c{};
    c.kind = p.machine.nozzles.size() > 1  ? ChangeKind::tool
             : p.machine.by_hand(s.nozzle) ? ChangeKind::hand
                                           : ChangeKind::feeder;
    c.layer = s.from_layer;
    c.nozzle = s.nozzle;
    c.slot = s.slot;
    c.from = c.to = c.displaced = s.filament;
    return tool_for(p, plan, c);
}

bool AgainstPlan::as_planned() const {
    return std::none_of(findings.begin(), findings.end(),
                        [](const Finding& f) { return f.severity == Severity::error; });
}

namespace {

/// One of the pieces that a file prints one after another, as if it was all of it. Of the first one layers
/// and stops have the same places as in the file.
ToolpathFile only_pass(const ToolpathFile& file, int pass) {
    const auto from = std::find_if(file.layers.begin(), file.layers.end(),
                                   [&](const ToolpathLayer& l) { return l.pass == pass; });
    const auto to =
        std::find_if(from, file.layers.end(), [&](const ToolpathLayer& l) { return l.pass != pass; });
    const int first = static_cast<int>(from - file.layers.begin()),
              last = static_cast<int>(to - file.layers.begin());
    ToolpathFile out = file;
    out.layers.assign(from, to);
    out.passes = 1;
    out.stops.clear();
    out.filament_mm.assign(file.filament_mm.size(), 0);
    out.motion_s = 0;
    out.start_mm = pass == 1 ? file.start_mm : 0;
    for (ToolpathLayer& l : out.layers) {
        l.pass = 1;
        out.motion_s += l.seconds;
        for (std::size_t t = 0; t < l.filament_mm.size() && t < out.filament_mm.size(); ++t)
            out.filament_mm[t] += l.filament_mm[t];
    }
    for (ToolpathStop s : file.stops)
        if (s.layer > first && (s.layer <= last || (to == file.layers.end() && s.layer == last + 1))) {
            s.layer -= first;
            out.stops.push_back(std::move(s));
        }
    return out;
}

AgainstPlan compare_one(const Project& p, const Plan& plan, const ToolpathFile& file);

} // namespace

AgainstPlan against_plan(const Project& p, const Plan& plan, const ToolpathFile& file) {
    if (file.passes <= 1 || p.settings.times != file.passes)
        return compare_one(p, plan, file);
    AgainstPlan out = compare_one(p, plan, only_pass(file, 1));
    for (int pass = 2; pass <= file.passes; ++pass)
        for (Finding f : compare_one(p, plan, only_pass(file, pass)).findings)
            if (f.severity == Severity::error) {
                f.message = sentences({say("In the piece that is printed as number {}:", pass), f.message});
                out.findings.push_back(std::move(f));
            }
    return out;
}

namespace {

/// Another order of tools that prints every layer in its filaments is as good as planned: a change is where
/// the file takes to its filament, wherever that is. A slot that is filled within a layer has the same tool
/// twice, so filaments tell, not tools.
void take_order_of_file(const std::vector<Wanted>& wanted, const std::vector<Found>& found,
                        const ToolpathFile& file, const std::vector<std::vector<int>>& runs,
                        AgainstPlan& out) {
    for (std::size_t i = 0; i < wanted.size(); ++i) {
        const Wanted& w = wanted[i];
        if (w.waits)
            continue;
        const auto l = static_cast<std::size_t>(w.layer) - 1; // layers match
        const auto run =
            static_cast<std::size_t>(std::find(runs[l].begin(), runs[l].end(), w.to) - runs[l].begin());
        const auto at = std::find_if(found.begin(), found.end(), [&](const Found& f) {
            return f.tool >= 0 && file.stops[static_cast<std::size_t>(f.stop)].until_line ==
                                      file.layers[l].runs[run].first_line;
        });
        ComparedStop& c = out.stops[i];
        c.stop = at == found.end() ? -1 : at->stop;
        c.off = 0;
        c.state = ComparedStop::State::as_planned;
        c.wrong_filament = false;
    }
}

AgainstPlan compare_one(const Project& p, const Plan& plan, const ToolpathFile& as_it_is) {
    AgainstPlan out;
    std::vector<int> original;
    const ToolpathFile file = with_layers_of(plan.grid, as_it_is, original);
    const std::vector<int> counted = plan_layer_of(file);
    const std::vector<Wanted> wanted = wanted_stops(p, plan);
    const std::vector<Found> found = found_stops(file, counted, wanted);
    compare_layers(plan, file, out);
    Report report(p, plan, file, out);
    report.layers();
    if (file.layers.empty())
        return out;
    const std::vector<int> matched = match(wanted, found);
    std::vector<char> used(found.size(), 0);
    std::vector<StopMeans> means(file.stops.size());
    bool waits_as_planned = true;
    for (std::size_t i = 0; i < wanted.size(); ++i) {
        const Wanted& w = wanted[i];
        ComparedStop c{w.change, w.refill, w.layer, -1, 0, ComparedStop::State::missing, false, w.tool};
        if (matched[i] >= 0) {
            const Found& f = found[static_cast<std::size_t>(matched[i])];
            used[static_cast<std::size_t>(matched[i])] = 1;
            c.stop = f.stop;
            c.off = f.layer - w.layer;
            c.wrong_filament = wrong_tool(w, f);
            c.state = c.off < 0              ? ComparedStop::State::early
                      : c.off > 0            ? ComparedStop::State::late
                      : f.within != w.within ? ComparedStop::State::within
                                             : ComparedStop::State::as_planned;
            means[static_cast<std::size_t>(f.stop)] = {w.change, w.refill};
        }
        waits_as_planned &= !w.waits || (c.state == ComparedStop::State::as_planned &&
                                         (found[static_cast<std::size_t>(matched[i])].waits));
        out.stops.push_back(c);
    }
    const auto extra = [&](std::size_t j) { return !used[j]; };
    for (std::size_t j = 0; j < found.size(); ++j)
        waits_as_planned &= !(extra(j) && found[j].waits);
    const auto runs = printed_in(p, plan, file, means);
    follow(plan, file, runs, out);
    out.other_filaments = out.layers_match ? first_other_filaments(plan, out) : 0;
    const bool by_tools = std::any_of(found.begin(), found.end(), [](const Found& f) { return f.tool >= 0; });
    if (out.layers_match && !out.other_filaments && waits_as_planned && by_tools) {
        take_order_of_file(wanted, found, file, runs, out);
        report.start(true);
        report.order(switches_of(p, plan, out));
    } else {
        report.start(false);
        for (std::size_t i = 0; i < wanted.size(); ++i)
            report.stop(out.stops[i], wanted[i]);
        for (std::size_t j = 0; j < found.size(); ++j)
            if (extra(j)) {
                out.extra.push_back(found[j].stop);
                report.extra(found[j].stop);
            }
        if (out.other_filaments && out.as_planned())
            report.filaments(out.other_filaments);
    }
    compare_amounts(p, plan, file,
                    found.empty() && !plan.changes.empty() ? mm_by_layers(p, plan, file, counted)
                                                           : mm_by_stops(p, file, runs),
                    out);
    report.amounts();
    for (int& l : out.file_layer)
        l = l < 0 ? -1 : original[static_cast<std::size_t>(l)];
    return out;
}

} // namespace

} // namespace vitrail
