#include "formats/order_report.h"

#include "core/plate/order_items.h"
#include "formats/json.h"

#include <cmath>

namespace vitrail {

namespace {

Json totals_json(const OrderTotals& t) {
    return {{"plates", t.plates},         {"changes", t.changes}, {"model_g", t.model_g},
            {"purge_g", t.purge_g},       {"waste_g", t.waste_g}, {"total_s", t.total_s},
            {"attended_s", t.attended_s}, {"cost", t.cost},       {"price", t.price},
            {"trips", t.trips},           {"loads", t.loads},     {"late", t.late},
            {"finish_h", t.finish_h},     {"worth", t.worth}};
}

Json names(const OrderPlan& plan, const std::vector<int>& filaments) {
    Json list = Json::array();
    for (const int f : filaments)
        list.push_back(plan.filaments[static_cast<std::size_t>(f)].name);
    return list;
}

} // namespace

Json fill_report(const CopiesCurve& curve, const OneByOne& apart) {
    Json points = Json::array();
    for (const CopiesPoint& x : curve.points) {
        const double each = x.n * curve.pieces;
        points.push_back({{"n", x.n},
                          {"pieces", x.n * curve.pieces},
                          {"plates", x.plates},
                          {"changes", x.changes},
                          {"hand_swaps", x.hand_swaps},
                          {"purge_g", x.purge_g},
                          {"waste_g", x.waste_g},
                          {"total_s", x.total_s},
                          {"cost", x.cost},
                          {"price", x.price},
                          {"per_piece",
                           {{"purge_g", x.purge_g / each},
                            {"waste_g", x.waste_g / each},
                            {"total_s", x.total_s / each},
                            {"cost", x.cost / each},
                            {"price", x.price / each}}},
                          {"stake", {{"g", x.stake_g}, {"s", x.stake_s}, {"share", x.stake_share}}}});
    }
    Json one{{"possible", apart.possible}};
    if (apart.possible)
        one.update(Json{{"changes", apart.changes},
                        {"waste_g", apart.waste_g},
                        {"total_s", apart.total_s},
                        {"stake_g", apart.stake_g},
                        {"stake_s", apart.stake_s},
                        {"apart_mm", apart.apart_mm}});
    else
        one["why_not"] = english(apart.why_not);
    return {{"schema", "vitrail.fill/1"},
            {"pieces_each", curve.pieces},
            {"most", curve.most},
            {"enough",
             {{"waste", curve.enough_waste}, {"time", curve.enough_time}, {"price", curve.enough_price}}},
            {"curve", points},
            {"one_by_one", one}};
}

Json jobs_report(const Project& p, const Jobs& jobs) {
    Json list = Json::array();
    for (const Job& job : jobs.jobs) {
        Json filaments = Json::array(), parts = Json::array();
        for (std::size_t f = 0; f < job.project.filaments.size(); ++f)
            if (job.plan->use[f].total_g > 0)
                filaments.push_back(std::string(1, job.project.filaments[f].letter));
        for (const JobPart& x : job.parts)
            parts.push_back(
                {{"part", x.part},
                 {"of", x.of},
                 {"count", x.count},
                 {"filament",
                  x.filament >= 0
                      ? Json(std::string(1, p.filaments[static_cast<std::size_t>(x.filament)].letter))
                      : Json()}});
        const Totals& t = job.plan->totals;
        list.push_back({{"key", job.key},
                        {"name", english(job.name)},
                        {"filaments", filaments},
                        {"parts", parts},
                        {"changes", t.changes},
                        {"model_g", t.model_g},
                        {"waste_g", waste_g(t)},
                        {"total_s", t.total_s},
                        {"cost", t.cost},
                        {"first_layer_mm", job.project.settings.first_layer_mm},
                        {"fits", job.plan->plate.fits}});
    }
    return {{"schema", "vitrail.jobs/1"},
            {"possible", jobs.possible},
            {"jobs", list},
            {"joints", jobs.joints},
            {"totals",
             {{"model_g", jobs.model_g},
              {"waste_g", jobs.waste_g},
              {"total_s", jobs.total_s},
              {"attended_s", jobs.attended_s}}}};
}

Json variants_report(const std::vector<PlannedVariant>& variants) {
    Json list = Json::array();
    for (const PlannedVariant& v : variants) {
        Json x{{"name", v.name}, {"current", v.index < 0}, {"possible", v.plan != nullptr}};
        if (v.plan) {
            for (int f = 0; f < kVariantFigures; ++f)
                x[key_of(static_cast<VariantFigure>(f))] =
                    value_of(static_cast<VariantFigure>(f), *v.project, *v.plan);
            Json regions = Json::object();
            for (const RegionColour& r : region_colours(*v.project, *v.plan))
                regions[r.region()] =
                    std::string(1, v.project->filaments[static_cast<std::size_t>(r.filament)].letter);
            x["regions"] = regions;
            x["machine"] = v.project->machine.id;
        } else {
            x["why_not"] = english(v.why_not);
        }
        list.push_back(x);
    }
    return {{"schema", "vitrail.variants/1"}, {"variants", list}};
}

Json order_report(const OrderTask& task, const OrderPlan& plan) {
    Json plates = Json::array(), spools = Json::array();
    for (const OrderPlate& p : plan.plates) {
        Json pieces = Json::object();
        for (std::size_t k = 0; k < p.counts.size(); ++k)
            if (p.counts[k] > 0)
                pieces[task.kinds[k].name] = p.counts[k];
        const PlateFigures& f = p.figures;
        plates.push_back({{"pieces", pieces},
                          {"machine", task.machines[static_cast<std::size_t>(p.when.machine)].id},
                          {"start", english(clock_text(task, p.when.start_h))},
                          {"start_h", p.when.start_h},
                          {"end_h", p.when.end_h},
                          {"night", p.when.night},
                          {"put_in", names(plan, p.when.put_in)},
                          {"stays", names(plan, p.when.stays)},
                          {"changes", f.changes},
                          {"hand_swaps", f.hand_swaps},
                          {"refills", f.refills},
                          {"trips", f.trips},
                          {"model_g", f.model_g},
                          {"purge_g", f.purge_g},
                          {"waste_g", f.waste_g},
                          {"total_s", f.total_s},
                          {"attended_s", f.attended_s},
                          {"cost", f.cost}});
    }
    for (std::size_t f = 0; f < plan.needs.size(); ++f)
        spools.push_back({{"filament", plan.filaments[f].name},
                          {"g", plan.needs[f].g},
                          {"left_g", plan.needs[f].left_g >= 0 ? Json(plan.needs[f].left_g) : Json()},
                          {"short", plan.needs[f].short_of()}});
    return {{"schema", "vitrail.order/1"},
            {"aim", to_string(task.aim)},
            {"plates", plates},
            {"spools", spools},
            {"totals", totals_json(plan.totals)},
            {"apart", totals_json(plan.apart)},
            {"singly", totals_json(plan.singly)},
            {"income", plan.income},
            {"bound", plan.bound},
            {"proven", plan.proven},
            {"planned", plan.planned}};
}

} // namespace vitrail
