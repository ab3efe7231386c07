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

/// Goes through the print layer by layer: what stands still, and when.
class Clock {
public:
    Clock(const Project& p, std::span<const SlotRefill> asked, Timeline& out)
        : p_(p), asked_(asked), t_(out) {}

    /// Refills that are due before a layer; whose spool is busy until then, the printer waits for.
    void before_layer(int number, LayerTime& layer) {
        for (; next_ < asked_.size() && !asked_[next_].within_layer; ++next_) {
            const SlotRefill& r = asked_[next_];
            if (r.pause ? r.latest_layer > number : r.latest_layer >= number)
                break;
            if (r.pause)
                pause(r, number, layer.start_s + layer.change_s, layer);
            else
                refill(r, number, layer);
        }
    }
    /// Refills that the printer waits for before it changes within a layer to what they put in.
    void before_switch(const Switch& c, double printed_s, LayerTime& layer) {
        for (; next_ < asked_.size() && asked_[next_].pause && comes_before(asked_[next_], c); ++next_)
            pause(asked_[next_], c.layer, layer.start_s + printed_s + layer.change_s, layer);
    }
    /// How long one waits for whoever is called then; whoever has just been there has not gone away.
    double called_s(double at_s) const {
        return at_s > left_s_ + kWorthStaying_s ? p_.settings.hand_wait_s : 0;
    }
    void somebody_left(double at_s) { left_s_ = at_s; }

private:
    double free_s(const SlotRefill& r) const {
        return p_.filaments[static_cast<std::size_t>(r.in)].free_after_h * 3600;
    }
    const LayerTime& layer(int number) const { return t_.layers[static_cast<std::size_t>(number) - 1]; }

    void pause(const SlotRefill& asked, int number, double at_s, LayerTime& layer) {
        RefillTime r{number, number, number, true, std::max(at_s, free_s(asked)), 0};
        r.latest_s = r.earliest_s;
        r.wait_s = called_s(r.earliest_s);
        r.time_s = r.earliest_s - at_s + p_.machine.hand.time_s + r.wait_s;
        somebody_left(at_s + r.time_s);
        layer.change_s += r.time_s;
        t_.change_s += r.time_s;
        add(r);
    }
    /// While its slot is idle, from when its spool is free.
    void refill(const SlotRefill& asked, int next_layer, LayerTime& next) {
        const double free = free_s(asked);
        if (layer(asked.latest_layer).end_s() < free)
            return pause(asked, next_layer, next.start_s + next.change_s, next);
        RefillTime r{asked.earliest_layer, asked.latest_layer, asked.layer, false};
        while (r.earliest_layer < r.latest_layer && layer(r.earliest_layer).end_s() <= free)
            ++r.earliest_layer;
        r.layer = std::clamp(r.layer, r.earliest_layer, r.latest_layer);
        r.earliest_s = std::max(layer(r.earliest_layer).start_s, free);
        r.latest_s = layer(r.latest_layer).end_s();
        add(r);
    }
    void add(RefillTime r) {
        r.attended_s = p_.machine.hand.attended_s;
        t_.attended_s += r.attended_s;
        t_.refills.push_back(r);
    }

    const Project& p_;
    std::span<const SlotRefill> asked_;
    Timeline& t_;
    std::size_t next_ = 0;
    double left_s_ = -1e300; ///< when the last person has gone
};

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
    Clock clock(p, seating.refills, t);
    double now_s = t.start_s;
    std::size_t next = 0;
    for (std::size_t l = 0; l < books.size(); ++l) {
        const int number = static_cast<int>(l) + 1;
        const std::vector<double> entries = printing_time(p, printed, printing_s, books[l], number);
        const double seconds = std::accumulate(entries.begin(), entries.end(), 0.0);
        LayerTime layer;
        layer.waits_to_cool = seconds > 0 && seconds < p.settings.min_layer_s;
        layer.print_s = seconds > 0 ? std::max(seconds, p.settings.min_layer_s) : 0;
        layer.start_s = now_s;
        t.print_s += layer.print_s;
        clock.before_layer(number, layer);
        const double slowed = seconds > 0 ? layer.print_s / seconds : 1;
        for (; next < switches.size() && switches[next].layer == number; ++next) {
            const Switch& c = switches[next];
            double before = 0; // what the layer has printed by then
            for (std::size_t e = 0; e < entries.size() && books[l][e].filament != c.to; ++e)
                before += entries[e] * slowed;
            clock.before_switch(c, before, layer);
            const ChangeTime& time = p.machine.time(c.kind);
            SwitchTime s{time.time_s + purging_s(p, printed.grid, c, purge.flows[next]), time.attended_s, 0,
                         layer.start_s + before + layer.change_s};
            if (c.kind == ChangeKind::hand) {
                s.wait_s = clock.called_s(s.at_s);
                s.time_s += s.wait_s;
                clock.somebody_left(s.at_s + s.time_s);
            }
            layer.change_s += s.time_s;
            t.change_s += s.time_s;
            t.attended_s += s.attended_s;
            t.switches.push_back(s);
        }
        now_s = layer.end_s();
        t.layers.push_back(layer);
    }
    return t;
}

} // namespace vitrail
