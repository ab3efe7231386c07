#include "core/estimate/timeline.h"

#include <algorithm>
#include <numeric>

namespace vitrail {

double flow_mm3_s(const Project& p, const Filament& f, const LayerGrid& grid, int layer) {
    const Motion m = motion_of(p);
    const double line = p.settings.line_width_mm, h = grid.thickness_mm(layer);
    return line * h * laid_at(layer == 1 ? m.first_layer : m.infill, facts(f.material).flow_mm3_s, line, h);
}

double start_up_s(const Project& p, const Filament& first) {
    constexpr double kRoom_c = 20;
    const Motion& m = p.machine.motion;
    const auto heating = [](Range c, double per_s) { return ((c.low + c.high) / 2 - kRoom_c) / per_s; };
    return m.start_s +
           std::max({0.0, heating(first.bed_c, m.bed_c_s), heating(first.nozzle_c, m.nozzle_c_s)});
}

namespace {

double purging_s(const Project& p, const LayerGrid& grid, const Switch& c, const std::vector<Flow>& flows) {
    const Filament& to = p.filaments[static_cast<std::size_t>(c.to)];
    const double melts = facts(to.material).flow_mm3_s, laid = flow_mm3_s(p, to, grid, c.layer);
    double seconds = 0, rest = c.purge_mm3;
    for (const Flow& flow : flows)
        if (flow.where != Destination::ejected) {
            seconds += flow.mm3 / laid;
            rest -= flow.mm3;
        }
    return seconds + std::max(0.0, rest) / melts;
}

/// Seconds for each entry of the layer's book.
std::vector<double> printing_time(const Project& p, const Printed& printed,
                                  std::span<const double> printing_s, const std::vector<Extruded>& layer,
                                  int number) {
    std::vector<double> seconds;
    for (const Extruded& e : layer) {
        const double flow =
            flow_mm3_s(p, p.filaments[static_cast<std::size_t>(e.filament)], printed.grid, number);
        const double all = printed.printed_in(number, e.filament),
                     left = e.model_mm3 + e.support_mm3 + e.interface_mm3;
        const double lines =
            printing_s[static_cast<std::size_t>(number - 1) * static_cast<std::size_t>(printed.filaments) +
                       static_cast<std::size_t>(e.filament)];
        seconds.push_back(
            p.settings.correct_time *
            ((all > 0 && lines > 0 ? lines * left / all : left / flow) + e.carried_mm3() / flow));
    }
    return seconds;
}

/// What layers begin later, because the printer waited in layers before: sums of what was added, each in
/// O(log layers) (Fenwick 1994).
class Waits {
public:
    explicit Waits(std::size_t layers) : sums_(layers + 1, 0) {}
    void add(int layer, double seconds) {
        for (std::size_t i = static_cast<std::size_t>(layer); i < sums_.size(); i += i & (~i + 1))
            sums_[i] += seconds;
    }
    double before(int layer) const {
        double sum = 0;
        for (std::size_t i = static_cast<std::size_t>(layer) - 1; i > 0; i -= i & (~i + 1))
            sum += sums_[i];
        return sum;
    }

private:
    std::vector<double> sums_;
};

/// `layers` as they would be without any wait before them, `waits` without this refill's.
RefillTime time_refill(const Project& p, const SlotRefill& asked, const std::vector<LayerTime>& layers,
                       const Waits& waits) {
    const auto at = [&](int layer) {
        LayerTime t = layers[static_cast<std::size_t>(layer) - 1];
        t.start_s += waits.before(layer);
        return t;
    };
    const double free_s = p.filaments[static_cast<std::size_t>(asked.in)].free_after_h * 3600;
    RefillTime r{asked.earliest_layer, asked.latest_layer, asked.layer, asked.pause, 0, 0};
    while (!r.pause && r.earliest_layer < r.latest_layer && at(r.earliest_layer).end_s() <= free_s)
        ++r.earliest_layer;
    if (!r.pause && at(r.latest_layer).end_s() < free_s) {
        r.pause = true;
        r.earliest_layer = ++r.latest_layer;
    }
    r.layer = std::clamp(r.layer, r.earliest_layer, r.latest_layer);
    r.earliest_s = std::max(at(r.pause ? r.latest_layer : r.earliest_layer).start_s, free_s);
    r.latest_s = r.pause ? r.earliest_s : at(r.latest_layer).end_s();
    return r;
}

} // namespace

Timeline make_timeline(const Project& p, const Printed& printed, std::span<const double> printing_s,
                       const Books& books, std::span<const Switch> switches, const PurgePlan& purge,
                       const Seating& seating) {
    Timeline t;
    for (const std::vector<Extruded>& layer : books)
        if (!layer.empty()) {
            t.start_s = start_up_s(p, p.filaments[static_cast<std::size_t>(layer.front().filament)]);
            break;
        }
    t.print_s = t.start_s;
    double clock_s = t.start_s, left_s = -1e300; // when the last person has gone
    std::size_t next = 0;
    for (std::size_t l = 0; l < books.size(); ++l) {
        const int number = static_cast<int>(l) + 1;
        const std::vector<double> entries = printing_time(p, printed, printing_s, books[l], number);
        const double seconds = std::accumulate(entries.begin(), entries.end(), 0.0);
        LayerTime layer;
        layer.waits_to_cool = seconds > 0 && seconds < p.settings.min_layer_s;
        layer.print_s = seconds > 0 ? std::max(seconds, p.settings.min_layer_s) : 0;
        layer.start_s = clock_s;
        t.print_s += layer.print_s;
        const double slowed = seconds > 0 ? layer.print_s / seconds : 1;
        for (; next < switches.size() && switches[next].layer == number; ++next) {
            const Switch& c = switches[next];
            double before = 0; // what the layer has printed by then
            for (std::size_t e = 0; e < entries.size() && books[l][e].filament != c.to; ++e)
                before += entries[e] * slowed;
            const ChangeTime& time = p.machine.time(c.kind);
            SwitchTime s{time.time_s + purging_s(p, printed.grid, c, purge.flows[next]), time.attended_s, 0,
                         clock_s + before + layer.change_s};
            if (c.kind == ChangeKind::hand) {
                if (s.at_s > left_s + kWorthStaying_s)
                    s.wait_s = p.settings.hand_wait_s;
                s.time_s += s.wait_s;
                left_s = s.at_s + s.time_s;
            }
            layer.change_s += s.time_s;
            t.attended_s += s.attended_s;
            t.switches.push_back(s);
        }
        t.change_s += layer.change_s;
        clock_s = layer.end_s();
        t.layers.push_back(layer);
    }
    Waits waits(t.layers.size());
    for (const SlotRefill& asked : seating.refills) {
        RefillTime& r = t.refills.emplace_back(time_refill(p, asked, t.layers, waits));
        r.attended_s = p.machine.hand.attended_s;
        t.attended_s += r.attended_s;
        if (!r.pause)
            continue;
        LayerTime& layer = t.layers[static_cast<std::size_t>(r.latest_layer) - 1];
        const double free_s = p.filaments[static_cast<std::size_t>(asked.in)].free_after_h * 3600;
        r.time_s = std::max(0.0, free_s - layer.start_s - waits.before(r.latest_layer)) +
                   p.machine.hand.time_s + p.settings.hand_wait_s;
        layer.change_s += r.time_s;
        waits.add(r.latest_layer, r.time_s);
        t.change_s += r.time_s;
    }
    for (std::size_t l = 0; l < t.layers.size(); ++l)
        t.layers[l].start_s += waits.before(static_cast<int>(l) + 1);
    for (std::size_t i = 0; i < t.switches.size(); ++i)
        t.switches[i].at_s += waits.before(switches[i].layer);
    return t;
}

} // namespace vitrail
