#include "core/run/printed_in.h"

#include "core/run/commands.h"

#include <algorithm>

namespace vitrail {

namespace {

/// What lies where, and which place prints.
class Holds {
public:
    Holds(const Project& p, const Plan& plan, bool by_tools)
        : p_(p), one_by_hand_(p.machine.nozzles.size() == 1 && p.machine.by_hand(0)),
          places_(places_by_tool(p.machine)), external_(p.machine.nozzles.size(), -1),
          slots_(p.machine.toolheads.size()) {
        for (std::size_t h = 0; h < slots_.size(); ++h)
            slots_[h].assign(static_cast<std::size_t>(p.machine.toolheads[h].slots) + 1, -1);
        for (const Stay& s : plan.stays)
            if (s.at_start)
                at({s.nozzle, s.slot}) = s.filament;
        const auto begins = plan.sequence.items.empty() ? -1 : int{plan.sequence.items.front()};
        for (const Stay& s : plan.stays)
            if (s.filament == begins) {
                now_ = Place{s.nozzle, s.slot};
                break;
            }
        if (by_tools)
            call(0);
    }

    int filament() { return now_ ? at(*now_) : -1; }

    void call(int tool) {
        if (one_by_hand_) {
            external_[0] = tool < static_cast<int>(p_.filaments.size()) ? tool : -1;
            now_ = Place{0, 0};
        } else {
            const auto called = places_.find(tool);
            now_ = called == places_.end() ? std::nullopt : std::optional(called->second);
        }
    }
    /// A feeder's change, where the file calls no tools.
    void feed(const Change& c) { now_ = Place{c.nozzle, c.slot}; }
    void swap(const Change& c) {
        external_[static_cast<std::size_t>(c.nozzle)] = c.to;
        if (p_.machine.nozzles.size() == 1)
            now_ = Place{c.nozzle, 0};
    }
    void fill(const Refill& r) {
        if (r.slot > 0)
            slots_[static_cast<std::size_t>(r.toolhead)][static_cast<std::size_t>(r.slot)] = r.in;
        else
            for (std::size_t n = 0; n < external_.size(); ++n)
                if (p_.machine.nozzles[n].toolhead == r.toolhead)
                    external_[n] = r.in;
    }

private:
    int& at(Place place) {
        const auto n = static_cast<std::size_t>(place.nozzle);
        if (place.slot == 0)
            return external_[n];
        return slots_[static_cast<std::size_t>(p_.machine.nozzles[n].toolhead)]
                     [static_cast<std::size_t>(place.slot)];
    }

    const Project& p_;
    bool one_by_hand_;
    std::map<int, Place> places_; ///< by the T that calls them
    std::vector<int> external_;   ///< [nozzle] filament
    std::vector<std::vector<int>>
        slots_; ///< [toolhead][slot] filament; slots of a feeder serve all its nozzles
    std::optional<Place> now_;
};

} // namespace

std::vector<std::vector<int>> printed_in(const Project& p, const Plan& plan, const ToolpathFile& file,
                                         std::span<const StopMeans> means) {
    const bool by_tools = std::any_of(file.stops.begin(), file.stops.end(), [](const ToolpathStop& s) {
        return s.what == ToolpathStop::What::tool;
    });
    Holds holds(p, plan, by_tools);
    std::vector<std::vector<int>> out;
    std::size_t next = 0, refill = 0;
    for (std::size_t l = 0; l < file.layers.size(); ++l) {
        const ToolpathLayer& layer = file.layers[l];
        std::vector<int>& here = out.emplace_back();
        for (const ToolpathRun& run : layer.runs) {
            for (; next < file.stops.size() && file.stops[next].line < run.first_line; ++next) {
                const ToolpathStop& s = file.stops[next];
                if (s.what == ToolpathStop::What::tool)
                    holds.call(s.to);
                if (const int c = means[next].change; c >= 0) {
                    const Change& change = plan.changes[static_cast<std::size_t>(c)];
                    if (change.kind == ChangeKind::hand && s.what != ToolpathStop::What::tool)
                        holds.swap(change);
                    else if (!by_tools)
                        holds.feed(change);
                }
                if (const int r = means[next].refill; r >= 0)
                    holds.fill(plan.refills[static_cast<std::size_t>(r)]);
            }
            // What is put in while it prints stops nothing: it is there once its layers are over.
            for (; refill < plan.refills.size() &&
                   (plan.refills[refill].pause || plan.refills[refill].latest_layer <= static_cast<int>(l));
                 ++refill)
                if (!plan.refills[refill].pause)
                    holds.fill(plan.refills[refill]);
            here.push_back(holds.filament());
        }
    }
    return out;
}

} // namespace vitrail
