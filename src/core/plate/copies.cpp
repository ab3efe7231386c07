#include "core/plate/copies.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

namespace {

Project with_copies(const Project& p, int n) {
    Project q = p;
    q.settings.copies = n;
    return q;
}

int asked_of_each(const Project& p) {
    int sum = 0;
    for (const Piece& piece : p.pieces)
        sum += piece.count;
    return std::max(1, sum);
}

CopiesPoint point_of(const Project& p, const Plan& plan, int n) {
    CopiesPoint x;
    static_cast<PlateCost&>(x) = plate_cost(p.settings, plan.totals);
    x.n = n;
    x.stake_g = plan.totals.model_g + x.waste_g;
    x.stake_s = x.total_s;
    return x;
}

/// `plates` full ones and a rest (n 0: none).
CopiesPoint several(const CopiesPoint& full, int plates, const CopiesPoint& rest) {
    CopiesPoint x = rest;
    const double k = plates;
    x.n = full.n * plates + rest.n;
    x.plates = plates + (rest.n > 0 ? 1 : 0);
    x.changes += full.changes * plates;
    x.hand_swaps += full.hand_swaps * plates;
    for (double CopiesPoint::*f : {&CopiesPoint::purge_g, &CopiesPoint::waste_g, &CopiesPoint::total_s,
                                   &CopiesPoint::attended_s, &CopiesPoint::cost, &CopiesPoint::price})
        x.*f += k * (full.*f);
    x.stake_g = full.stake_g;
    x.stake_s = full.stake_s;
    x.stake_share = static_cast<double>(full.n) / x.n;
    return x;
}

/// From which n on one more lowers f(n)/n by less than that share; 0: nowhere among them.
int enough_at(const std::vector<CopiesPoint>& points, double CopiesPoint::*f, double share) {
    for (std::size_t i = 0; i + 1 < points.size(); ++i) {
        const double now = points[i].*f / points[i].n, next = points[i + 1].*f / points[i + 1].n;
        if (now <= 0 || (now - next) / now < share)
            return points[i].n;
    }
    return 0;
}

} // namespace

Result<int> most_copies(const Project& p, const Plan& plan, const Progress& progress) {
    Planner planner(p, plan);
    const int each = asked_of_each(p);
    const auto fits = [&](int n) -> Result<bool> {
        const auto made = planner.plan(with_copies(p, n), {progress.stop, {}});
        if (!made)
            return made.error();
        return (*made)->plate.fits;
    };
    // More than the bed has area for need not be tried.
    double area = 0;
    for (std::size_t i = 0; i < p.pieces.size(); ++i) {
        const Bounds& b = plan.pieces[i].table->bounds;
        area +=
            p.pieces[i].count * std::max(1.0, (double(b.max.x) - b.min.x) * (double(b.max.y) - b.min.y) / 2);
    }
    int low = 0, high = std::clamp(static_cast<int>(p.machine.bed_x_mm * p.machine.bed_y_mm / area) + 1, 1,
                                   kMostPlaced / each) +
                        1;
    if (p.pieces.size() == 1 && p.pinned.empty()) { // its stage knows
        const auto many = planner.plan(with_copies(p, std::max(1, high - 1)), {progress.stop, {}});
        if (!many)
            return many.error();
        low = (*many)->plate.room_for / each;
        for (high = low + 1; high * each <= kMostArranged;
             low = high++) { // what holds fewer is arranged more carefully
            const auto more = fits(high);
            if (!more)
                return more.error();
            if (!*more)
                break;
        }
        high = low + 1;
    }
    while (high - low > 1) {
        const int n = (low + high) / 2;
        const auto ok = fits(n);
        if (!ok)
            return ok.error();
        (*ok ? low : high) = n;
    }
    return low;
}

Result<int> most_of_piece(const Project& p, const Plan& plan, std::size_t piece, const Progress& progress) {
    Planner planner(p, plan);
    const Bounds& b = plan.pieces[piece].table->bounds;
    const double area = std::max(1.0, (double(b.max.x) - b.min.x) * (double(b.max.y) - b.min.y) / 2);
    const int copies = std::max(1, p.settings.copies);
    int low = 0,
        high = std::clamp(static_cast<int>(p.machine.bed_x_mm * p.machine.bed_y_mm / area / copies) + 1, 1,
                          kMostPlaced / copies) +
               1;
    while (high - low > 1) {
        Project q = p;
        q.pieces[piece].count = (low + high) / 2;
        const auto made = planner.plan(q, {progress.stop, {}});
        if (!made)
            return made.error();
        ((*made)->plate.fits ? low : high) = q.pieces[piece].count;
    }
    return low;
}

Result<CopiesCurve> copies_curve(const Project& p, const Plan& plan, int from, int to,
                                 const Progress& progress) {
    CopiesCurve curve;
    curve.pieces = asked_of_each(p);
    Planner planner(p, plan);
    std::vector<CopiesPoint> on_one{{}}; // [n]
    for (int n = 1; n <= to; ++n) {
        if (progress.stopped())
            return Error{say("Stopped before all numbers of copies were planned.")};
        const auto made = n == p.settings.copies
                              ? Result(std::shared_ptr<const Plan>(std::shared_ptr<void>(), &plan))
                              : planner.plan(with_copies(p, n), {progress.stop, {}});
        if (!made)
            return made.error();
        if (!(*made)->plate.fits)
            break;
        on_one.push_back(point_of(p, **made, n));
        curve.most = n;
        progress.at(static_cast<double>(n) / to);
    }
    if (curve.most == to) { // all of them: is there room for more?
        const auto most = most_copies(p, plan, progress);
        if (!most)
            return most.error();
        curve.most = std::max(curve.most, *most);
    }
    if (curve.most == 0)
        return curve;
    CopiesPoint none;
    none.n = none.plates = 0;
    for (int n = from; n <= to; ++n)
        curve.points.push_back(
            n <= curve.most
                ? on_one[static_cast<std::size_t>(n)]
                : several(on_one[static_cast<std::size_t>(curve.most)], n / curve.most,
                          n % curve.most ? on_one[static_cast<std::size_t>(n % curve.most)] : none));
    const double share = p.settings.enough_pct / 100;
    curve.enough_waste = enough_at(curve.points, &CopiesPoint::waste_g, share);
    curve.enough_time = enough_at(curve.points, &CopiesPoint::total_s, share);
    curve.enough_price = enough_at(curve.points, &CopiesPoint::price, share);
    return curve;
}

Result<OneByOne> one_by_one(const Project& p, const Plan& plan, const Progress& progress) {
    OneByOne out;
    out.changes_together = plan.totals.changes;
    out.waste_together_g = waste_g(plan.totals);
    out.total_together_s = plan.totals.total_s;
    out.stake_together_g = plan.totals.model_g + out.waste_together_g;
    out.stake_together_s = plan.totals.total_s;
    const Machine& m = p.machine;
    out.apart_mm = m.head_reach_mm;
    const auto not_possible = [&](Message why) {
        out.why_not = std::move(why);
        return out;
    };
    if (count_of_all(p) < 2)
        return not_possible(say("There is only one piece on the plate."));
    if (m.head_reach_mm <= 0 || m.bar_height_mm <= 0)
        return not_possible(say("How much room the head and the bar of {} need is not known. Measure it and "
                                "give it to the machine.",
                                Name{m.name}));
    if (plan.tower.layers > 0)
        return not_possible(say("Its purge goes into a tower, which has to grow with all of them."));
    // The tallest comes last: nothing has to pass over it.
    std::vector<std::size_t> order;
    for (std::size_t i = 0; i < p.pieces.size(); ++i)
        order.push_back(i);
    std::stable_sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) {
        return plan.pieces[a].layers() < plan.pieces[b].layers();
    });
    for (const std::size_t i : order) {
        const double tall = plan.grid.top_mm(plan.pieces[i].layers());
        if (tall > m.bar_height_mm && (i != order.back() || count_of(p, p.pieces[i]) > 1))
            return not_possible(
                say("{} is {} tall, and the bar passes {} above the bed: it would hit what is finished.",
                    Name{p.pieces[i].name}, mm(tall, 1), mm(m.bar_height_mm, 1)));
    }
    Planner planner(p, plan);
    Project apart = p;
    apart.settings.spacing_mm = std::max(p.settings.spacing_mm, m.head_reach_mm);
    const auto spread = planner.plan(apart, {progress.stop, {}});
    if (!spread)
        return spread.error();
    if (!(*spread)->plate.fits)
        return not_possible(say("With {} between them, which the head needs, only {} of {} have room.",
                                mm(out.apart_mm, 0), (*spread)->plate.room_for, count_of_all(p)));
    for (const std::size_t i : order)
        for (const Placed& x : (*spread)->plate.placed)
            if (x.piece == static_cast<int>(i))
                out.placed.push_back(x);
    for (std::size_t i = 0; i < out.placed.size(); ++i)
        for (std::size_t k = 0; k < i; ++k)
            if (overlap(grown(out.placed[k].outline, m.head_reach_mm - 0.05),
                        out.placed[i].outline)) // what is pinned does not move
                return not_possible(say("What is pinned stands closer than the {} that the head needs.",
                                        mm(out.apart_mm, 0)));
    // Each by itself, from the first layer to the last. The machine is hot and levelled once; where a piece
    // ends in another filament than the next begins with, that is a change, too.
    out.possible = true;
    int ends_with = -1;
    const auto change_over = [&](const Plan& by, int to, int times) {
        if (ends_with < 0 || ends_with == to || times == 0)
            return;
        const Filament& f = p.filaments[static_cast<std::size_t>(to)];
        const double mm3 = by.purge_table.at(ends_with, to);
        const ChangeKind kind = by.loading.nozzle[static_cast<std::size_t>(to)] !=
                                        by.loading.nozzle[static_cast<std::size_t>(ends_with)]
                                    ? ChangeKind::tool
                                : m.by_hand(by.loading.nozzle[static_cast<std::size_t>(to)])
                                    ? ChangeKind::hand
                                    : ChangeKind::feeder;
        out.changes += times;
        out.waste_g += times * grams(f, mm3);
        out.total_s += times * (m.time(kind).time_s + mm3 / facts(f.material).flow_mm3_s);
    };
    for (const std::size_t i : order) {
        Project alone = p;
        alone.pieces = {p.pieces[i]};
        alone.pieces.front().count = 1;
        alone.settings.copies = 1;
        alone.pinned.clear();
        const auto made = planner.plan(alone, {progress.stop, {}});
        if (!made)
            return made.error();
        const int n = count_of(p, p.pieces[i]);
        const Totals& t = (*made)->totals;
        out.changes += n * t.changes;
        out.waste_g += n * waste_g(t);
        out.total_s += n * (t.total_s - t.start_s);
        out.stake_g = std::max(out.stake_g, t.model_g + waste_g(t));
        out.stake_s = std::max(out.stake_s, t.total_s - t.start_s);
        const Sequence& s = (*made)->sequence;
        if (s.items.empty())
            continue;
        change_over(**made, s.items.front(), 1);
        ends_with = s.items.back();
        change_over(**made, s.items.front(), n - 1);
    }
    out.total_s += plan.totals.start_s;
    return out;
}

} // namespace vitrail
