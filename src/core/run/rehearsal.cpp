#include "core/run/rehearsal.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

namespace vitrail {

namespace {

constexpr double kGrace_s = 120; ///< later than planned, and still in time. From memory

int place_of(std::vector<RehearsalPlace>& places, const Machine& m, int nozzle, int toolhead, int slot) {
    for (std::size_t i = 0; i < places.size(); ++i)
        if (places[i].toolhead == toolhead && places[i].slot == slot &&
            (slot > 0 || places[i].nozzle == nozzle))
            return static_cast<int>(i);
    places.push_back(
        {nozzle, toolhead, slot, -1, slot > 0 ? slot_name(m, toolhead, slot) : nozzle_name(m, nozzle)});
    return static_cast<int>(places.size()) - 1;
}

int toolhead_of(const Machine& m, int nozzle) {
    return m.nozzles[static_cast<std::size_t>(nozzle)].toolhead;
}

} // namespace

const char* to_string(StepResult::Is is) {
    switch (is) {
    case StepResult::Is::coming:
        return "coming";
    case StepResult::Is::asked:
        return "asked";
    case StepResult::Is::right:
        return "right";
    case StepResult::Is::late:
        return "late";
    case StepResult::Is::wrong:
        return "wrong";
    case StepResult::Is::missed:
        return "missed";
    }
    return "";
}

RehearsalScript rehearsal_script(const Project& p, const Plan& plan, const ToolpathFile& file,
                                 const AgainstPlan& against) {
    RehearsalScript out;
    const RunPlate plate = run_plate(p, plan);
    out.total_s = plan.totals.total_s;
    out.hand_wait_s = p.settings.hand_wait_s;
    for (const Filament& f : p.filaments)
        out.names.push_back(f.name.empty() ? std::string(1, f.letter)
                                           : std::string(1, f.letter) + " " + f.name);
    for (int layer = 1; layer <= plan.grid.count; ++layer) {
        const std::size_t l = static_cast<std::size_t>(layer) - 1;
        const auto printed = plan.sequence.layer(l);
        out.printed.emplace_back(printed.begin(), printed.end());
        out.layer_s.push_back(plan.layers[l].print_s + plan.layers[l].change_s);
        const int at = l < against.file_layer.size() ? against.file_layer[l] : -1;
        out.layer_line.push_back(at < 0 ? 0 : file.layers[static_cast<std::size_t>(at)].first_line);
    }
    for (const Stay& s : plan.stays) {
        const int place = place_of(out.places, p.machine, s.nozzle, s.toolhead, s.slot);
        out.uses.push_back({place, s.filament, s.from_layer, s.to_layer});
        if (int& holds = out.places[static_cast<std::size_t>(place)].at_start; holds < 0)
            holds = s.filament; // refills take it from there
    }
    for (std::size_t v = 0; v < plate.visits.size(); ++v) {
        const Visit& visit = plate.visits[v];
        RehearsalStep s;
        s.visit = static_cast<int>(v);
        s.stands = visit.what != Visit::What::refill;
        s.due_s = visit.from_s;
        s.takes_s = s.stands ? p.machine.hand.time_s : 0;
        s.says = plate.says[v];
        if (visit.what == Visit::What::swap) {
            const Change& c = plan.changes[static_cast<std::size_t>(visit.change)];
            s.place = place_of(out.places, p.machine, c.nozzle, toolhead_of(p.machine, c.nozzle), 0);
            s.in = c.to, s.out = c.displaced;
            s.from_layer = s.to_layer = c.layer;
        } else {
            const Refill& r = plan.refills[static_cast<std::size_t>(visit.refill)];
            int nozzle = 0;
            for (const Stay& stay : plan.stays)
                if (stay.toolhead == r.toolhead && stay.slot == r.slot && stay.filament == r.in)
                    nozzle = stay.nozzle;
            s.place = place_of(out.places, p.machine, nozzle, r.toolhead, r.slot);
            s.in = r.in, s.out = r.out;
            s.from_layer = r.earliest_layer, s.to_layer = r.latest_layer;
            if (r.out < 0)
                out.places[static_cast<std::size_t>(s.place)].at_start = -1;
        }
        for (const ComparedStop& c : against.stops)
            if (c.stop >= 0 && ((visit.change >= 0 && c.change == visit.change) ||
                                (visit.refill >= 0 && c.refill == visit.refill)))
                s.line = file.stops[static_cast<std::size_t>(c.stop)].line;
        out.steps.push_back(std::move(s));
    }
    return out;
}

IfMissed if_missed(const RehearsalScript& script, int step, double until_s) {
    const RehearsalStep& s = script.steps[static_cast<std::size_t>(step)];
    IfMissed out{script.total_s, 0, 0, -1};
    if (s.stands) {
        out.end_s += std::max(0.0, until_s - s.due_s - script.hand_wait_s);
        return out;
    }
    for (const RehearsalScript::Use& u : script.uses)
        if (u.place == s.place && u.filament == s.in && u.from_layer > s.to_layer) {
            out.from_layer = u.from_layer, out.to_layer = u.to_layer, out.came = s.out;
            break;
        }
    return out;
}

Rehearsal::Rehearsal(RehearsalScript script, Person person, unsigned seed, Sender::Lines lines)
    : script_(std::move(script)), person_(std::move(person)), random_(seed), sender_(std::move(lines)),
      results_(script_.steps.size()) {
    for (const RehearsalPlace& place : script_.places)
        holds_.push_back(place.at_start);
}

std::string Rehearsal::begin() {
    return (person_.speed > 0 ? fmt::format("HAND speed {:.6g}\n", person_.speed) : std::string()) +
           sender_.begin();
}

std::string Rehearsal::again() {
    return sender_.again() + "HAND clock\n";
}

std::string Rehearsal::take(std::string_view bytes) {
    std::string out;
    lines_.take(bytes, [&](const std::string& text) { out += line(text); });
    return out;
}

std::string Rehearsal::line(std::string_view text) {
    const auto clock_behind = [&](std::string_view mark) { return number_behind(text, mark); };
    if (text.rfind("// ", 0) == 0) {
        if (const auto s = clock_behind("// clock ")) {
            clock_s_ = std::max(clock_s_, *s);
            windows();
        } else if (const auto waits = clock_behind("// waits ")) {
            const std::size_t colon = text.find(": ");
            return asked(*waits,
                         colon == std::string_view::npos ? std::string_view() : text.substr(colon + 2));
        } else if (const auto on = clock_behind("// goes on ")) {
            went_on(*on);
        }
        return {};
    }
    const std::int64_t before = sender_.sent_line();
    std::string out = sender_.take(text);
    if (sender_.sent_line() != before || over())
        out += passed_lines();
    return out;
}

/// Whether somebody is still to put it in before that layer prints it.
bool Rehearsal::comes_within(int filament, int layer) const {
    for (std::size_t i = 0; i < script_.steps.size(); ++i) {
        const RehearsalStep& s = script_.steps[i];
        if (s.stands && s.from_layer == layer && s.in == filament && results_[i].is == StepResult::Is::coming)
            return true;
    }
    return false;
}

/// A layer prints a filament: is it what lies there?
void Rehearsal::printed(int f, int layer) {
    for (const RehearsalScript::Use& u : script_.uses) {
        if (u.filament != f || u.from_layer > layer || layer > u.to_layer)
            continue;
        const int came = holds(u.place);
        if (came == f)
            continue;
        const auto last = std::find_if(wrong_.rbegin(), wrong_.rend(), [&](const WrongLayers& w) {
            return w.to_layer >= layer - 1 && w.meant == f && w.came == came;
        });
        if (last != wrong_.rend())
            last->to_layer = layer;
        else
            wrong_.push_back({layer, layer, f, came});
    }
}

/// Layers that have begun since; the printer is asked what time it is.
std::string Rehearsal::passed_lines() {
    bool begun = false;
    const int count = static_cast<int>(script_.layer_line.size());
    while (layer_ < count) {
        const std::int64_t first = script_.layer_line[static_cast<std::size_t>(layer_)];
        if (first > sender_.sent_line()) // it is told a line a moment before it does it
            break;
        ++layer_;
        begun = true;
        for (const int f : script_.printed[static_cast<std::size_t>(layer_) - 1])
            if (!comes_within(f, layer_))
                printed(f, layer_);
    }
    return begun || over() ? "HAND clock\n" : "";
}

/// What may be done at any time of some layers: opens, is done by whoever is there, or is missed.
void Rehearsal::windows() {
    for (std::size_t i = 0; i < script_.steps.size(); ++i) {
        const RehearsalStep& s = script_.steps[i];
        StepResult& r = results_[i];
        if (s.stands || (r.is != StepResult::Is::coming && r.is != StepResult::Is::asked))
            continue;
        if (layer_ > s.to_layer || over()) {
            r.is = StepResult::Is::missed;
            continue;
        }
        if (layer_ < s.from_layer)
            continue;
        if (r.is == StepResult::Is::coming) {
            r.is = StepResult::Is::asked;
            r.asked_s = clock_s_;
        }
        if (!person_.by_themselves)
            continue;
        const double comes = next_day_s(person_.away, clock_s_ + person_.late_s),
                     layer_ends = clock_s_ + script_.layer_s[static_cast<std::size_t>(layer_) - 1];
        if (comes < layer_ends) {
            r.is = StepResult::Is::right;
            r.done_s = std::max(comes, clock_s_);
            r.put = s.in;
            fill(s.place, s.in);
        }
    }
}

void Rehearsal::fill(int place, int filament) {
    holds_[static_cast<std::size_t>(place)] = filament;
}

std::string Rehearsal::asked(double clock, std::string_view why) {
    clock_s_ = std::max(clock_s_, clock);
    asked_s_ = clock;
    waits_ = true;
    comes_ = false;
    put_ = -1;
    ++stops_;
    says_ = why;
    step_ = -1;
    for (std::size_t i = 0; i < script_.steps.size(); ++i)
        if (script_.steps[i].stands && script_.steps[i].line == sender_.sent_line() &&
            results_[i].is == StepResult::Is::coming && sender_.sent_line() > 0) {
            step_ = static_cast<int>(i);
            results_[i].is = StepResult::Is::asked;
            results_[i].asked_s = clock;
            break;
        }
    const double back = next_day_s(person_.away, clock);
    if (!person_.by_themselves) {
        return back > clock ? fmt::format("HAND skip {:.3f}\n", back - clock) : std::string("HAND clock\n");
    }
    // Whoever is near stays; whoever was away takes the time the plan gives them, and their own.
    const double called = clock > last_left_s_ + kWorthStaying_s ? script_.hand_wait_s : 0;
    const double late = person_.late_s * std::uniform_real_distribution<double>(0, 1)(random_);
    const double comes = next_day_s(person_.away, clock + called + late);
    comes_ = true;
    put_ = step_ >= 0 ? script_.steps[static_cast<std::size_t>(step_)].in : -1;
    return fmt::format("HAND put after {:.3f}\n", comes - clock);
}

void Rehearsal::went_on(double clock) {
    clock_s_ = std::max(clock_s_, clock);
    waits_ = false;
    last_left_s_ = clock;
    const RehearsalStep* s = step_ >= 0 ? &script_.steps[static_cast<std::size_t>(step_)] : nullptr;
    const double stood = clock - asked_s_, waited = std::max(0.0, stood - (s ? s->takes_s : 0));
    waited_s_ += waited;
    if (s) {
        StepResult& r = results_[static_cast<std::size_t>(step_)];
        r.done_s = clock;
        r.put = put_;
        r.waited_s = waited;
        if (put_ >= 0)
            fill(s->place, put_);
        if (s->from_layer <= layer_)
            printed(s->in, s->from_layer);
        const bool nobody = next_day_s(person_.away, asked_s_) > asked_s_;
        r.is = put_ != s->in                             ? StepResult::Is::wrong
               : nobody                                  ? StepResult::Is::missed
               : waited > script_.hand_wait_s + kGrace_s ? StepResult::Is::late
                                                         : StepResult::Is::right;
    }
    step_ = -1;
    put_ = -1;
}

std::optional<int> Rehearsal::asks() const {
    return waits_ && !comes_ ? std::optional(step_) : std::nullopt;
}

std::string Rehearsal::put(int filament, int place) {
    if (waits_ && !comes_ && (step_ < 0 || script_.steps[static_cast<std::size_t>(step_)].place == place)) {
        put_ = filament;
        comes_ = true;
        if (step_ < 0)
            fill(place, filament);
        return "HAND put\n";
    }
    fill(place, filament);
    for (std::size_t i = 0; i < script_.steps.size(); ++i)
        if (StepResult& r = results_[i];
            !script_.steps[i].stands && script_.steps[i].place == place && r.is == StepResult::Is::asked) {
            r.is = filament == script_.steps[i].in ? StepResult::Is::right : StepResult::Is::wrong;
            r.done_s = clock_s_;
            r.put = filament;
            break;
        }
    return "HAND clock\n";
}

std::string Rehearsal::go_on() {
    if (!waits_ || comes_)
        return {};
    comes_ = true;
    return "HAND go\n";
}

std::string Rehearsal::stay_away(double seconds) {
    if (!waits_ || comes_)
        return {};
    return fmt::format("HAND skip {:.3f}\n", next_day_s(person_.away, clock_s_ + seconds) - clock_s_);
}

RehearsalOutcome Rehearsal::outcome() const {
    RehearsalOutcome o;
    o.steps = results_;
    o.wrong = wrong_;
    o.stops = stops_;
    o.layer = layer_;
    o.clock_s = clock_s_;
    o.waited_s = waited_s_;
    o.repeated = sender_.repeated();
    o.over = over();
    o.broke_off = sender_.is() == Sender::Is::lost;
    for (const StepResult& r : results_) {
        o.right += r.is == StepResult::Is::right;
        o.missed += r.is == StepResult::Is::missed;
        o.due += r.is != StepResult::Is::coming;
    }
    double rest = 0;
    for (std::size_t l = static_cast<std::size_t>(layer_); l < script_.layer_s.size(); ++l)
        rest += script_.layer_s[l];
    o.total_s = o.over ? clock_s_ : clock_s_ + rest;
    return o;
}

} // namespace vitrail
