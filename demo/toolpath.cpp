#include "demo/toolpath.h"

#include "core/run/against_plan.h"
#include "core/run/commands.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <iterator>
#include <map>
#include <numbers>

namespace vitrail::demo {

namespace {

using Point = std::array<double, 2>;
struct Line : std::vector<Point> {
    using std::vector<Point>::vector;
    double speed = 0; ///< mm/s
};

/// Straight lines across an area, `apart` mm from each other, along x or y by turns.
std::vector<Line> across(const Paths& area, double apart, bool along_x) {
    std::vector<Line> out;
    if (area.empty() || apart <= 0)
        return out;
    const Box b = box_of(area);
    const double low = double(along_x ? b.top : b.left) / kUnitsPerMm,
                 high = double(along_x ? b.bottom : b.right) / kUnitsPerMm;
    bool back = false;
    for (double at = low + apart / 2; at < high; at += apart, back = !back) {
        std::vector<double> cuts;
        for (const Path& ring : area)
            for (std::size_t i = 0; i < ring.size(); ++i) {
                const IntPoint &p = ring[i], &q = ring[i + 1 == ring.size() ? 0 : i + 1];
                const double p0 = double(along_x ? p.X : p.Y) / kUnitsPerMm,
                             p1 = double(along_x ? p.Y : p.X) / kUnitsPerMm;
                const double q0 = double(along_x ? q.X : q.Y) / kUnitsPerMm,
                             q1 = double(along_x ? q.Y : q.X) / kUnitsPerMm;
                if ((p1 <= at) != (q1 <= at))
                    cuts.push_back(p0 + (at - p1) / (q1 - p1) * (q0 - p0));
            }
        std::sort(cuts.begin(), cuts.end());
        std::vector<Line> row;
        for (std::size_t i = 0; i + 1 < cuts.size(); i += 2)
            if (cuts[i + 1] - cuts[i] > 0.2)
                row.push_back(along_x ? Line{{cuts[i], at}, {cuts[i + 1], at}}
                                      : Line{{at, cuts[i]}, {at, cuts[i + 1]}});
        if (back) {
            std::reverse(row.begin(), row.end());
            for (Line& l : row)
                std::reverse(l.begin(), l.end());
        }
        out.insert(out.end(), row.begin(), row.end());
    }
    return out;
}

std::vector<Line> lines_of(const Paths& rings, const Settings& s, const Motion& m, bool solid, bool along_x) {
    std::vector<Line> out;
    for (int w = 0; w < std::max(1, s.walls); ++w)
        for (const Path& ring : offset(rings, -(w + 0.5) * s.line_width_mm)) {
            Line l;
            for (const IntPoint& q : ring)
                l.push_back({double(q.X) / kUnitsPerMm, double(q.Y) / kUnitsPerMm});
            if (!l.empty())
                l.push_back(l.front());
            l.speed = w == 0 ? m.outer_wall : m.wall;
            out.push_back(std::move(l));
        }
    const double density = solid ? 1 : s.infill_pct / 100;
    if (density > 0)
        for (Line& l : across(offset(rings, -(std::max(1, s.walls) + 0.5) * s.line_width_mm),
                              s.line_width_mm / density, along_x)) {
            l.speed = solid ? m.skin : m.infill;
            out.push_back(std::move(l));
        }
    if (out.empty()) // too fine for a line inside: once around
        for (const Path& ring : rings) {
            Line l;
            for (const IntPoint& q : ring)
                l.push_back({double(q.X) / kUnitsPerMm, double(q.Y) / kUnitsPerMm});
            l.speed = m.outer_wall;
            out.push_back(std::move(l));
        }
    return out;
}

double length(const std::vector<Line>& lines) {
    double sum = 0;
    for (const Line& l : lines)
        for (std::size_t i = 1; i < l.size(); ++i)
            sum += std::hypot(l[i][0] - l[i - 1][0], l[i][1] - l[i - 1][1]);
    return sum;
}

class Writer {
public:
    Writer(const Project& p, const Plan& plan, const ToolpathWishes& w)
        : p_(p), plan_(plan), w_(w), motion_(p.machine.motion) {}

    std::string text() {
        const Filament& first =
            p_.filaments[plan_.sequence.layer(0).empty() ? 0 : plan_.sequence.layer(0)[0]];
        say("; the demo's own toolpath program");
        say(w_.inches ? "G20" : "G21");
        say("G90");
        say(w_.relative_e ? "M83" : "M82");
        say(fmt::format("M190 S{:.0f}", (first.bed_c.low + first.bed_c.high) / 2));
        say(fmt::format("M109 S{:.0f}", (first.nozzle_c.low + first.nozzle_c.high) / 2));
        say("G28");
        if (w_.stops && (p_.machine.nozzles.size() > 1 || !p_.machine.by_hand(0)))
            change_tool(1, plan_.sequence.layer(0).empty() ? 0 : plan_.sequence.layer(0)[0]);
        for (int l = 1; l <= plan_.grid.count; ++l)
            layer(l);
        say("M104 S0");
        say("M140 S0");
        say(fmt::format("G1 Z{} F600", mm(std::min(p_.machine.height_mm, z_ + 10))));
        return std::move(out_);
    }

private:
    void say(const std::string& line) { out_ += line + "\n"; }
    double unit(double v) const { return w_.inches ? v / 25.4 : v; }
    std::string mm(double v) const {
        return w_.inches ? fmt::format("{:.5f}", v / 25.4) : fmt::format("{:.3f}", v);
    }

    void stop_for(int change) {
        const Change& c = plan_.changes[static_cast<std::size_t>(change)];
        if (std::find(w_.leave_out.begin(), w_.leave_out.end(), change) != w_.leave_out.end())
            return;
        if (c.kind == ChangeKind::hand && p_.machine.nozzles.size() > 1)
            say(fmt::format("T{}", tool_for(p_, plan_, c)));
        say(command_for(p_, plan_.grid, c, c.slot));
    }

    void layer(int n) {
        z_ = plan_.grid.top_mm(n) + (w_.first_layer_mm > 0 ? w_.first_layer_mm - plan_.grid.first_mm : 0);
        if (w_.stops)
            for (std::size_t i = 0; i < plan_.changes.size(); ++i)
                if (const Change& c = plan_.changes[i]; !c.within_layer && c.layer + w_.late == n)
                    stop_for(static_cast<int>(i));
        retract(true);
        say(fmt::format("G1 Z{} F600", mm(z_)));
        for (const std::uint8_t f : plan_.sequence.layer(n - 1)) {
            if (w_.tools)
                change_tool(n, f);
            if (w_.stops)
                for (std::size_t i = 0; i < plan_.changes.size(); ++i)
                    if (const Change& c = plan_.changes[i];
                        c.within_layer && c.layer + w_.late == n && c.to == f)
                        stop_for(static_cast<int>(i));
            filament(n, f);
        }
    }

    void change_tool(int n, int f) {
        int tool = f;
        bool changed = false;
        for (const Change& c : plan_.changes)
            if (c.to == f && c.layer <= n)
                tool = std::max(0, tool_for(p_, plan_, c)), changed = true;
        if (!changed) // what it begins with
            for (const Stay& s : plan_.stays)
                if (s.filament == f) {
                    tool = std::max(0, tool_for(p_, plan_, s));
                    break;
                }
        if (tool != tool_)
            say(fmt::format("T{}", tool_ = tool));
    }

    /// What a filament prints in a layer, piece by piece.
    void filament(int n, int f) {
        std::vector<std::vector<Line>> lines;
        double all = 0;
        for (const Placed& x : plan_.plate.placed) {
            const PiecePlan& piece = plan_.pieces[static_cast<std::size_t>(x.piece)];
            if (n > piece.layers())
                continue;
            Paths area;
            for (std::size_t i = 0; i < piece.table->parts.size(); ++i)
                if (piece.owner[i][static_cast<std::size_t>(n) - 1] == f)
                    area = unite(area, piece.table->parts[i].layers[static_cast<std::size_t>(n) - 1]);
            if (area.empty())
                continue;
            const bool solid = n <= p_.settings.bottom_skins || n > piece.layers() - p_.settings.top_skins;
            std::vector<Line> mine = lines_of(area, p_.settings, motion_, solid, n % 2 == 0);
            const Bounds& b = piece.table->bounds;
            const double cx = (double(b.min.x) + b.max.x) / 2, cy = (double(b.min.y) + b.max.y) / 2,
                         turn = x.turn_deg / 180 * std::numbers::pi;
            for (Line& l : mine)
                for (Point& q : l) {
                    const double dx = q[0] - cx, dy = q[1] - cy;
                    q = {x.origin_x_mm + dx * std::cos(turn) - dy * std::sin(turn),
                         x.origin_y_mm + dx * std::sin(turn) + dy * std::cos(turn)};
                }
            all += length(mine);
            lines.push_back(std::move(mine));
        }
        const double mm3 = plan_.model_in(n, f);
        if (all <= 0 || mm3 <= 0)
            return;
        const Filament& filament = p_.filaments[static_cast<std::size_t>(f)];
        const double per_mm =
            mm3 / all / (std::numbers::pi / 4 * filament.diameter_mm * filament.diameter_mm);
        for (const std::vector<Line>& piece : lines)
            for (const Line& l : piece)
                draw(l, per_mm,
                     laid_at(n == 1 ? motion_.first_layer : l.speed, facts(filament.material).flow_mm3_s,
                             p_.settings.line_width_mm, plan_.grid.thickness_mm(n)));
    }

    void draw(const Line& l, double e_per_mm, double speed) {
        if (l.size() < 2)
            return;
        if (std::hypot(l[0][0] - x_, l[0][1] - y_) > 2) {
            retract(true);
            say(fmt::format("G0 X{} Y{} F{:.0f}", mm(l[0][0]), mm(l[0][1]), unit(motion_.travel * 60)));
        } else {
            say(fmt::format("G0 X{} Y{}", mm(l[0][0]), mm(l[0][1])));
        }
        retract(false);
        say(w_.inches ? fmt::format("G1 F{:.3f}", unit(speed * 60)) : fmt::format("G1 F{:.0f}", speed * 60));
        x_ = l[0][0], y_ = l[0][1];
        for (std::size_t i = 1; i < l.size(); ++i) {
            const double de = std::hypot(l[i][0] - x_, l[i][1] - y_) * e_per_mm;
            e_ += de;
            x_ = l[i][0], y_ = l[i][1];
            say(fmt::format("G1 X{} Y{} E{:.5f}", mm(x_), mm(y_), unit(w_.relative_e ? de : e_)));
        }
    }

    void retract(bool back) {
        if (back == back_)
            return;
        back_ = back;
        e_ += back ? -0.8 : 0.8;
        say(fmt::format("G1 E{:.5f} F{:.0f}", unit(w_.relative_e ? (back ? -0.8 : 0.8) : e_), unit(1800)));
    }

    const Project& p_;
    const Plan& plan_;
    const ToolpathWishes& w_;
    const Motion& motion_;
    std::string out_;
    double x_ = 0, y_ = 0, z_ = 0, e_ = 0;
    bool back_ = false;
    int tool_ = 0;
};

} // namespace

std::string toolpath_of(const Project& p, const Plan& plan, const ToolpathWishes& wishes) {
    return Writer(p, plan, wishes).text();
}

} // namespace vitrail::demo
