#include "core/check/findings.h"

#include "core/check/checker.h"

#include <algorithm>

namespace vitrail {

Finding& Checker::add(const char* code, Severity severity, Message message, Message where, int layer,
                      std::vector<int> parts) {
    Finding f;
    f.code = code;
    f.severity = severity;
    f.message = std::move(message);
    f.where = std::move(where);
    f.layer = layer;
    f.parts = std::move(parts);
    found.push_back(std::move(f));
    return found.back();
}

Message Checker::at_layer(int layer) const {
    const LayerGrid& g = plan.grid;
    return say("layer {} ({} to {})", layer, mm(g.bottom_mm(layer)), mm(g.top_mm(layer)));
}

std::string Checker::named(const Filament& f) const {
    return std::string(1, f.letter) + " (" + facts(f.material).id + ")";
}

int Checker::filament_in(int part, int layer) const {
    return made.owner[static_cast<std::size_t>(part)][static_cast<std::size_t>(layer) - 1];
}

std::vector<int> Checker::used_filaments() const {
    std::vector<int> u;
    for (int f = 0; f < plan.filaments; ++f)
        if (used(f))
            u.push_back(f);
    return u;
}

Spot Checker::spot_in(const Box& b, int layer) const {
    const float x = static_cast<float>(double(b.left + b.right) / 2 / kUnitsPerMm),
                y = static_cast<float>(double(b.top + b.bottom) / 2 / kUnitsPerMm);
    const double size = std::max(double(b.right - b.left), double(b.bottom - b.top)) / kUnitsPerMm;
    return {{x, y, static_cast<float>(bed_z() + grid().middle_mm(layer))}, layer, size};
}

namespace {

struct Check {
    void (Checker::*look)();
    bool of_piece; ///< else of the plate
};
constexpr Check kChecks[] = {
    {&Checker::meshes, true},
    {&Checker::units, true},
    {&Checker::unassigned, true},
    {&Checker::bonds, true},
    {&Checker::overlaps, true},
    {&Checker::gaps, true},
    {&Checker::misplaced, true},
    {&Checker::temperatures, false},
    {&Checker::sheets, false},
    {&Checker::spools, false},
    {&Checker::strokes, true},
    {&Checker::lettering, true},
    {&Checker::lugs, true},
    {&Checker::unsupported, true},
    {&Checker::supports, true},
    {&Checker::overhanging_colour, true},
    {&Checker::tall_parts, true},
    {&Checker::heights, false},
    {&Checker::bands, true},
    {&Checker::base_shift, false},
    {&Checker::damp, false},
    {&Checker::identity, false},
    {&Checker::bed, false},
    {&Checker::nozzles, false},
    {&Checker::refills, false},
    {&Checker::tower, false},
    {&Checker::tower_peak, false},
    {&Checker::dirty_starts, false},
    {&Checker::hairs, false},
    {&Checker::hands, false},
    {&Checker::hands_for_little, false},
    {&Checker::nights, false},
    {&Checker::nozzle_kinds, false},
    {&Checker::without_effect, false},
    {&Checker::several_bodies, true},
    {&Checker::second_job, false},
    {&Checker::pictures, false},
};

} // namespace

std::vector<Finding> find_problems(const Project& project, const Plan& plan, std::vector<Finding>* waived) {
    std::vector<Finding> found;
    for (const Check& check : kChecks)
        for (std::size_t i = 0; i < (check.of_piece ? project.pieces.size() : 1); ++i) {
            const std::size_t before = found.size();
            Checker c(project, plan, i, found);
            (c.*check.look)();
            for (std::size_t k = before; k < found.size(); ++k) {
                if (check.of_piece)
                    found[k].piece = static_cast<int>(i);
                if (check.of_piece && project.pieces.size() > 1)
                    found[k].where = say("{} of {}", std::move(found[k].where), Name{project.pieces[i].name});
            }
        }
    const auto is_waived = [&](const Finding& f) {
        return std::any_of(project.waivers.begin(), project.waivers.end(),
                           [&](const Waiver& w) { return w.code == f.code; });
    };
    const auto kept =
        std::stable_partition(found.begin(), found.end(), [&](const Finding& f) { return !is_waived(f); });
    if (waived)
        waived->assign(std::make_move_iterator(kept), std::make_move_iterator(found.end()));
    found.erase(kept, found.end());
    std::stable_sort(found.begin(), found.end(),
                     [](const Finding& a, const Finding& b) { return a.severity < b.severity; });
    return found;
}

Result<std::shared_ptr<const Plan>> plan_with_findings(Planner& planner, const Project& project,
                                                       const Progress& progress) {
    const auto made = planner.plan(project, progress, Scope::findings);
    if (!made)
        return made.error();
    auto plan = std::make_shared<Plan>(**made);
    plan->findings = find_problems(project, *plan, &plan->waived);
    return std::shared_ptr<const Plan>(std::move(plan));
}

} // namespace vitrail
