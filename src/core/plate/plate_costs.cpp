#include "core/plate/plate_costs.h"

#include "core/plate/together.h"

#include <algorithm>

namespace vitrail {

namespace {

Project on_machine(const Project& project, const Machine& machine) {
    Project p = project;
    if (!(p.machine == machine))
        set_machine(p, machine);
    p.settings.copies = 1;
    return p;
}

/// Whether a piece is printed as well with the support of that project: it gets none either way.
bool needs_none(const Project& p, const Plan& alone, const Project& other, const Progress& progress) {
    if (p.settings.support != SupportStyle::none)
        return false;
    Project held = p;
    for (const SettingInfo& s : all_settings())
        if (s.subject() == Subject::support)
            s.field.set(held.settings, s.field.of(other.settings));
    Planner planner(p, alone);
    const auto plan = planner.plan(held, {progress.stop, {}}, Scope::sketch);
    return plan && (*plan)->totals.support_g + (*plan)->totals.interface_g <= 0;
}

int filament_id(const std::vector<Filament>& all, const Filament& f) {
    const auto at = std::find_if(all.begin(), all.end(), [&](const Filament& x) { return alike(x, f); });
    return static_cast<int>(at - all.begin());
}

} // namespace

Result<PlateCosts> PlateCosts::of(const OrderTask& task, const Progress& progress) {
    PlateCosts c(task);
    for (const OrderKind& kind : task.kinds) {
        auto& needs = c.needs_.emplace_back();
        for (const Filament& f : kind.project->filaments) {
            needs.push_back(filament_id(c.filaments_, f));
            if (needs.back() == static_cast<int>(c.filaments_.size()))
                c.filaments_.push_back(f);
        }
        std::sort(needs.begin(), needs.end());
    }
    double done = 0;
    for (const Machine& machine : task.machines) {
        auto& row = c.alone_.emplace_back();
        for (std::size_t k = 0; k < task.kinds.size(); ++k) {
            Planner planner;
            if (c.alone_.size() > 1)
                planner.know(on_machine(*task.kinds[k].project, task.machines.front()), *c.alone_.front()[k]);
            auto made = planner.plan(on_machine(*task.kinds[k].project, machine), {progress.stop, {}});
            if (!made)
                return Error{say("{}: {}", Name{task.kinds[k].name}, made.error().message)};
            row.push_back(*made);
            progress.at(++done / static_cast<double>(task.kinds.size() * task.machines.size()));
        }
    }
    c.share_.assign(task.kinds.size(), std::vector<Message>(task.kinds.size()));
    for (std::size_t a = 0; a < task.kinds.size(); ++a)
        for (std::size_t b = 0; b < a; ++b) {
            const Project pa = on_machine(*task.kinds[a].project, task.machines.front()),
                          pb = on_machine(*task.kinds[b].project, task.machines.front());
            Message why = cannot_share(pa, pb);
            if (!why.empty() && cannot_share(pa, pb, false).empty() &&
                (needs_none(pa, c.alone(a, 0), pb, progress) || needs_none(pb, c.alone(b, 0), pa, progress)))
                why = {};
            c.share_[a][b] = c.share_[b][a] = std::move(why);
        }
    return c;
}

Result<Project> plate_project(const OrderTask& task, const Counts& counts, int machine) {
    const Machine& m = task.machines[static_cast<std::size_t>(machine)];
    std::vector<Project> fitted;
    std::vector<Share> shares;
    fitted.reserve(counts.size());
    for (std::size_t k = 0; k < counts.size(); ++k)
        if (counts[k] > 0) {
            fitted.push_back(on_machine(*task.kinds[k].project, m));
            shares.push_back({&fitted.back(), counts[k]});
        }
    Result<Project> p = on_one_plate(shares, m);
    if (p) {
        p->settings.night_from = task.settings.night_from;
        p->settings.night_to = task.settings.night_to;
    }
    return p;
}

PlateFigures PlateCosts::work_out(const Counts& counts, int machine, Scope scope) const {
    PlateFigures out;
    const auto no = [&](Message why) {
        out.why_not = std::move(why);
        return out;
    };
    Planner planner;
    for (std::size_t a = 0; a < counts.size(); ++a) {
        if (counts[a] == 0)
            continue;
        for (std::size_t b = 0; b < a; ++b)
            if (counts[b] > 0 && !may_share(a, b))
                return no(say("{} and {} cannot share a plate: {}.", Name{task_->kinds[b].name},
                              Name{task_->kinds[a].name}, share_[b][a]));
        planner.know(on_machine(*task_->kinds[a].project, task_->machines[static_cast<std::size_t>(machine)]),
                     alone(a, machine));
    }
    Result<Project> p = plate_project(*task_, counts, machine);
    if (!p)
        return no(p.error().message);
    p->settings.start_hour = task_->start_hour;
    const auto made = planner.plan(*p, {}, scope);
    if (!made)
        return no(made.error().message);
    const Plan& plan = **made;
    const double tall = plan.grid.top_mm(plan.grid.count);
    if (!plan.plate.fits)
        return no(say("Only {} of them have room on {}.", plan.plate.room_for, Name{p->machine.name}));
    if (tall > p->machine.height_mm)
        return no(say("{} is too tall for {}.", mm(tall, 1), Name{p->machine.name}));
    const Totals& t = plan.totals;
    static_cast<PlateCost&>(out) = plate_cost(task_->settings, t);
    out.fits = true;
    out.refills = t.refills;
    out.trips = 1 + plan.attendance.trips;
    out.night_trips = plan.attendance.night_trips;
    out.model_g = t.model_g;
    std::map<int, double> by_id; // in the order of the list of all
    for (std::size_t f = 0; f < plan.use.size(); ++f)
        if (plan.use[f].total_g > 0)
            by_id.emplace(filament_id(filaments_, p->filaments[f]), plan.use[f].total_g);
    for (const auto& [id, g] : by_id) {
        out.filaments.push_back(id);
        out.grams.push_back(g);
    }
    return out;
}

const PlateFigures& PlateCosts::figures(const Counts& counts, int machine, Scope scope) {
    const auto key = std::pair(std::pair(static_cast<int>(scope), machine), counts);
    const auto known = known_.find(key);
    return known != known_.end() ? known->second
                                 : known_.emplace(key, work_out(counts, machine, scope)).first->second;
}

bool PlateCosts::boxes_fit(const Counts& counts, int machine) const {
    const Machine& m = task_->machines[static_cast<std::size_t>(machine)];
    ArrangeTask task;
    task.layout = Layout::boxes;
    task.bed_x_mm = m.bed_x_mm;
    task.bed_y_mm = m.bed_y_mm;
    for (const KeepClear& z : m.keep_clear)
        task.fixed.push_back({{{z.x_mm, z.y_mm},
                               {z.x_mm + z.w_mm, z.y_mm},
                               {z.x_mm + z.w_mm, z.y_mm + z.d_mm},
                               {z.x_mm, z.y_mm + z.d_mm}}});
    for (std::size_t k = 0; k < counts.size(); ++k) {
        if (counts[k] == 0)
            continue;
        const Project& p = *task_->kinds[k].project;
        task.gap_mm = std::max(task.gap_mm, p.settings.spacing_mm);
        task.margin_mm = std::max(task.margin_mm, p.settings.margin_mm);
        task.turns = 1 << static_cast<int>(p.settings.arrange_turns);
        for (std::size_t i = 0; i < p.pieces.size(); ++i) {
            const Bounds& b = alone(k, machine).pieces[i].table->bounds;
            const double w = (double(b.max.x) - b.min.x) / 2, d = (double(b.max.y) - b.min.y) / 2;
            task.items.push_back({{{-w, -d}, {w, -d}, {w, d}, {-w, d}}, counts[k] * p.pieces[i].count});
        }
    }
    return arrange(task).fits;
}

bool PlateCosts::too_large(const Counts& counts, int machine) const {
    const Machine& m = task_->machines[static_cast<std::size_t>(machine)];
    double mm2 = 0;
    for (std::size_t k = 0; k < counts.size(); ++k)
        if (counts[k] > 0)
            for (std::size_t i = 0; i < task_->kinds[k].project->pieces.size(); ++i)
                mm2 += counts[k] * task_->kinds[k].project->pieces[i].count *
                       area_mm2(alone(k, machine).pieces[i].table->shadow);
    return mm2 > m.bed_x_mm * m.bed_y_mm;
}

double worth_of(const OrderTask& task, const PlateFigures& f) {
    switch (task.aim) {
    case OrderAim::waste:
        return f.waste_g;
    case OrderAim::hours:
    case OrderAim::earliest:
        return f.total_s / 3600;
    case OrderAim::trips:
        return f.trips;
    case OrderAim::money:
        return f.price;
    }
    return 0;
}

double load_worth(const OrderTask& task) {
    constexpr double kUsual_g_mm3 = 1.24e-3, kPart_of_a_trip = 0.1; // from memory
    const Machine& m = task.machines.front();
    switch (task.aim) {
    case OrderAim::waste:
        return m.first_load_mm3 * kUsual_g_mm3;
    case OrderAim::hours:
        return m.hand.time_s / 3600;
    case OrderAim::earliest:
        return 0;
    case OrderAim::trips:
        return kPart_of_a_trip;
    case OrderAim::money:
        return m.hand.attended_s / 3600 * own_hour(task.settings);
    }
    return 0;
}

} // namespace vitrail
