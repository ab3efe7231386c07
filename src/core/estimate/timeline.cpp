#include "core/estimate/timeline.h"

#include <algorithm>

namespace vitrail {

double flow_mm3_s(const Project& p, const Filament& f, const LayerGrid& grid, int layer) {
    const double speed = layer == 1 ? p.settings.first_layer_speed_mm_s : p.settings.speed_mm_s;
    return std::min(p.settings.line_width_mm * grid.thickness_mm(layer) * speed, facts(f.material).flow_mm3_s);
}

namespace {

SwitchTime time_of(const Project& p, const Switch& c) {
    const ChangeTime& time = p.machine.time(c.kind);
    const double purging_s = c.purge_mm3 / facts(p.filaments[static_cast<std::size_t>(c.to)].material).flow_mm3_s;
    return {time.time_s + purging_s + (c.kind == ChangeKind::hand ? p.settings.hand_wait_s : 0), time.attended_s};
}

LayerTime printing_time(const Project& p, const LayerGrid& grid, const std::vector<Extruded>& layer, int number) {
    const Settings& s = p.settings;
    double seconds = 0;
    for (const Extruded& e : layer)
        seconds += e.mm3() / flow_mm3_s(p, p.filaments[static_cast<std::size_t>(e.filament)], grid, number);
    seconds *= 1 + s.travel_pct / 100;
    LayerTime t;
    t.waits_to_cool = seconds > 0 && seconds < s.min_layer_s;
    t.print_s = seconds > 0 ? std::max(seconds, s.min_layer_s) : 0;
    return t;
}

/// What layers begin later, because the printer waited in layers before: sums of what was added, each in O(log layers) (Fenwick 1994).
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
RefillTime time_refill(const Project& p, const SlotRefill& asked, const std::vector<LayerTime>& layers, const Waits& waits) {
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

Timeline make_timeline(const Project& p, const LayerGrid& grid, const Books& books, std::span<const Switch> switches, const Seating& seating) {
    Timeline t;
    double clock_s = 0;
    std::size_t next = 0;
    for (std::size_t l = 0; l < books.size(); ++l) {
        LayerTime layer = printing_time(p, grid, books[l], static_cast<int>(l) + 1);
        layer.start_s = clock_s;
        t.print_s += layer.print_s;
        for (; next < switches.size() && switches[next].layer == static_cast<int>(l) + 1; ++next) {
            t.switches.push_back(time_of(p, switches[next]));
            layer.change_s += t.switches.back().time_s;
            t.attended_s += t.switches.back().attended_s;
        }
        t.change_s += layer.change_s;
        clock_s = layer.end_s();
        t.layers.push_back(layer);
    }
    Waits waits(t.layers.size());
    for (const SlotRefill& asked : seating.refills) {
        const RefillTime r = time_refill(p, asked, t.layers, waits);
        t.refills.push_back(r);
        t.attended_s += p.machine.hand.attended_s;
        if (!r.pause)
            continue;
        LayerTime& layer = t.layers[static_cast<std::size_t>(r.latest_layer) - 1];
        const double free_s = p.filaments[static_cast<std::size_t>(asked.in)].free_after_h * 3600;
        const double wait_s = std::max(0.0, free_s - layer.start_s - waits.before(r.latest_layer)) + p.machine.hand.time_s + p.settings.hand_wait_s;
        layer.change_s += wait_s;
        waits.add(r.latest_layer, wait_s);
        t.change_s += wait_s;
    }
    for (std::size_t l = 0; l < t.layers.size(); ++l)
        t.layers[l].start_s += waits.before(static_cast<int>(l) + 1);
    return t;
}

} // namespace vitrail
