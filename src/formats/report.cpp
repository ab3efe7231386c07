#include "formats/report.h"
#include "formats/machine_file.h"

#include "core/base/civil.h"
#include "core/base/numbers.h"
#include "core/base/text.h"
#include "formats/csv.h"
#include "formats/json.h"
#include "formats/page_html.h"

#include <fmt/format.h>

#include <cmath>

namespace vitrail {

namespace {

Json finding_to_json(const Finding& f) {
    Json j{{"code", f.code},
           {"severity", to_string(f.severity)},
           {"message", english(f.message)},
           {"where", english(f.where)}};
    if (f.layer)
        j["layer"] = f.layer;
    if (!f.fixes.empty())
        j["fix"] = english(f.fixes.front().label);
    if (f.fixes.size() > 1 || (!f.fixes.empty() && !f.fixes.front().detail.empty())) {
        Json ways = Json::array();
        for (const Fix& fix : f.fixes)
            ways.push_back({{"label", english(fix.label)}, {"detail", english(fix.detail)}});
        j["ways"] = ways;
    }
    return j;
}

Json change_to_json(const Project& p, const Change& c) {
    Json j{{"layer", c.layer},
           {"z_before_mm", c.z_before_mm},
           {"z_after_mm", c.z_after_mm},
           {"from", std::string(1, p.filaments[c.from].letter)},
           {"to", std::string(1, p.filaments[c.to].letter)},
           {"kind", to_string(c.kind)},
           {"nozzle", c.nozzle + 1},
           {"purge_mm3", c.purge_mm3},
           {"purge_g", c.purge_g},
           {"destination", to_string(c.destination)},
           {"time_s", c.time_s},
           {"attended_s", c.attended_s},
           {"wait_s", c.wait_s},
           {"within_layer", c.within_layer}};
    if (c.slot)
        j["slot"] = c.slot;
    if (c.flows.size() > 1 || is_useful(c.destination)) {
        Json flows = Json::array();
        for (const Flow& f : c.flows) {
            Json x{{"destination", to_string(f.where)}, {"mm3", f.mm3}};
            if (f.part >= 0)
                x["part"] =
                    p.pieces[static_cast<std::size_t>(f.piece)].parts[static_cast<std::size_t>(f.part)].name;
            flows.push_back(x);
        }
        j["flows"] = flows;
    }
    if (c.displaced != c.from)
        j["nozzle_held"] = std::string(1, p.filaments[c.displaced].letter);
    return j;
}

/// Each piece: what one of it is, and where those of it stand.
Json pieces_to_json(const Project& p, const Plan& plan) {
    Json pieces = Json::array();
    for (std::size_t i = 0; i < p.pieces.size(); ++i) {
        const PieceShare& share = plan.piece_shares[i];
        Json placements = Json::array();
        for (const Placed& x : plan.plate.placed)
            if (x.piece == static_cast<int>(i))
                placements.push_back({{"nth", x.nth},
                                      {"x_mm", x.x_mm},
                                      {"y_mm", x.y_mm},
                                      {"turn_deg", x.turn_deg},
                                      {"pinned", x.pinned}});
        pieces.push_back({{"name", p.pieces[i].name},
                          {"count", share.count},
                          {"placements", placements},
                          {"layers", plan.pieces[i].layers()},
                          {"model_g", share.model_g},
                          {"support_g", share.support_g},
                          {"total_s", share.total_s},
                          {"cost", share.cost}});
    }
    return pieces;
}

Json layer_runs_to_json(const LayerGrid& grid) {
    Json runs = Json::array();
    for (const LayerRun& r : layer_runs(grid))
        runs.push_back({{"from_layer", r.from_layer}, {"to_layer", r.to_layer}, {"height_mm", r.height_mm}});
    return runs;
}

/// Where the day of the start is known they have times, on a clock that nobody changes.
Json visits_to_json(const Project& p, const Plan& plan) {
    const std::int64_t day = parse_moment(p.start_date).value_or(-1);
    const auto moment = [&](double s) {
        return day >= 0 ? Json(moment_text(day + std::llround(p.settings.start_hour * 60 + s / 60))) : Json();
    };
    Json visits = Json::array();
    for (const Visit& v : plan.attendance.visits)
        visits.push_back({{"what", to_string(v.what)},
                          {"layer", v.layer},
                          {"from_s", v.from_s},
                          {"to_s", v.to_s},
                          {"at_night", v.at_night},
                          {"from", moment(v.from_s)},
                          {"to", moment(v.to_s)}});
    return visits;
}

/// Heights are sums of decimal fractions; round off what binary adds.
Json rounded(Json j) {
    if (j.is_number_float()) {
        const double v = j.get<double>();
        return std::isfinite(v) ? Json(std::round(v * 1e9) / 1e9) : Json(nullptr);
    }
    if (j.is_structured())
        for (auto& item : j)
            item = rounded(item);
    return j;
}

} // namespace

Json findings_report(const std::vector<Finding>& findings) {
    Json list = Json::array();
    for (const Finding& f : findings)
        list.push_back(finding_to_json(f));
    return list;
}

Json poses_report(const std::vector<PoseCost>& poses) {
    Json list = Json::array();
    for (const PoseCost& c : poses) {
        Json rotation = Json::array();
        for (const auto& row : c.pose.rotation)
            rotation.push_back(Json::array({row[0], row[1], row[2]}));
        Json j{{"name", english(c.pose.name)},
               {"rotation", rotation},
               {"changes", c.totals.changes},
               {"hand_swaps", c.totals.hand_swaps},
               {"purge_g", c.totals.purge_g},
               {"tower_g", c.totals.tower_g},
               {"support_g", c.totals.support_g + c.totals.interface_g},
               {"waste_g", waste_g(c.totals)},
               {"cleanup_s", c.hand_s},
               {"price", c.price},
               {"unheld_mm2", c.unheld_mm2},
               {"scarred_mm2", c.scarred_mm2},
               {"stands", c.stands},
               {"overhang_mm2", c.overhang_mm2},
               {"height_mm", c.height_mm},
               {"foot_mm2", c.pose.foot_mm2},
               {"total_s", c.totals.total_s},
               {"cost", c.totals.cost},
               {"fits", c.fits}};
        if (!c.why.empty())
            j["not_planned"] = english(c.why);
        if (!c.piece.empty())
            j["piece"] = c.piece;
        list.push_back(j);
    }
    return rounded({{"schema", "vitrail.poses/1"}, {"poses", list}});
}

namespace {

std::string letter_of(const Project& p, int filament) {
    return filament < 0 ? std::string()
                        : std::string(1, p.filaments[static_cast<std::size_t>(filament)].letter);
}

Json loading_to_json(const Project& p, const Plan& plan) {
    Json list = Json::array();
    for (const Stay& s : plan.stays)
        list.push_back({{"nozzle", s.nozzle + 1},
                        {"slot", s.slot},
                        {"letter", letter_of(p, s.filament)},
                        {"from_layer", s.from_layer},
                        {"to_layer", s.to_layer}});
    return list;
}

Json refills_to_json(const Project& p, const Plan& plan) {
    Json list = Json::array();
    for (const Refill& r : plan.refills)
        list.push_back({{"toolhead", p.machine.toolheads[static_cast<std::size_t>(r.toolhead)].name},
                        {"slot", r.slot},
                        {"out", letter_of(p, r.out)},
                        {"in", letter_of(p, r.in)},
                        {"earliest_layer", r.earliest_layer},
                        {"latest_layer", r.latest_layer},
                        {"earliest_s", r.earliest_s},
                        {"latest_s", r.latest_s},
                        {"time_s", r.time_s},
                        {"attended_s", r.attended_s},
                        {"pause", r.pause},
                        {"within_layer", r.within_layer}});
    return list;
}

Json pairs_to_json(const Project& p, const Plan& plan) {
    static const char* rules[] = {"colour", "prime", "material", "by-hand", "locked"};
    Json list = Json::array();
    for (const PairUse& u : plan.pairs)
        list.push_back({{"from", letter_of(p, u.from)},
                        {"to", letter_of(p, u.to)},
                        {"mm3", u.mm3},
                        {"clean_mm3", u.clean_mm3},
                        {"sd_mm3", u.sd_mm3},
                        {"delta_e", u.delta_e},
                        {"left_delta_e", u.left_delta_e},
                        {"rule", rules[static_cast<int>(u.rule)]},
                        {"times", u.times},
                        {"g", u.g},
                        {"s", u.s}});
    return list;
}

Json washouts_to_json(const Project& p, const Plan& plan) {
    Json list = Json::array();
    for (const WashoutUse& w : plan.washouts)
        list.push_back({{"toolhead", p.machine.toolheads[static_cast<std::size_t>(w.toolhead)].name},
                        {"nozzle_mm", w.nozzle_mm},
                        {"material", facts(w.material).id},
                        {"dead_mm3", w.washout.dead_mm3},
                        {"mixing_mm3", w.washout.mixing_mm3},
                        {"dead_sd_mm3", w.dead_sd_mm3},
                        {"mixing_sd_mm3", w.mixing_sd_mm3},
                        {"readings", w.readings},
                        {"source", w.by_setting ? "project"
                                   : w.readings ? "calibration"
                                                : "machine"}});
    return list;
}

} // namespace

Json aims_report(const Project& p, const std::vector<AimChoice>& choices, std::size_t chosen) {
    static const char* aims[] = {"waste", "time", "handling", "blend"};
    Json list = Json::array();
    for (const AimChoice& c : choices) {
        const Plan& plan = *c.plan;
        const Totals& t = plan.totals;
        Json nozzles = Json::array();
        for (std::size_t f = 0; f < p.filaments.size(); ++f)
            if (plan.use[f].printed_mm3() > 0)
                nozzles.push_back({{"letter", std::string(1, p.filaments[f].letter)},
                                   {"nozzle", plan.loading.nozzle[f] + 1}});
        Json j{{"aim", c.own ? "own" : aims[static_cast<int>(c.aim)]},
               {"nozzles", nozzles},
               {"purge_mm3", t.purge_mm3},
               {"purge_g", t.purge_g},
               {"tower_g", t.tower_g},
               {"waste_g", waste_g(t)},
               {"changes", t.changes},
               {"hand_swaps", t.hand_swaps},
               {"refills", t.refills},
               {"pauses", t.pauses},
               {"spools_to_load", t.spools_to_load},
               {"handlings", handlings(plan)},
               {"change_s", t.change_s},
               {"attended_s", t.attended_s},
               {"total_s", t.total_s},
               {"trips", plan.attendance.trips},
               {"night_trips", plan.attendance.night_trips},
               {"proven", plan.loading.proven},
               {"lower_bound", {{"changes", plan.bound.changes}, {"purge_mm3", plan.bound.purge_mm3}}},
               {"reason", english(c.reason)}};
        if (c.aim == LoadingAim::blend && !c.own)
            j["blend"] = c.blend_pct;
        list.push_back(j);
    }
    const Plan& plan = *choices[chosen].plan;
    return rounded({{"schema", "vitrail.nozzles/1"},
                    {"aims", list},
                    {"chosen", list[chosen]},
                    {"loading", loading_to_json(p, plan)},
                    {"refills", refills_to_json(p, plan)}});
}

Json schools_report(const SchoolStudy& study, const std::vector<Tuning>& tuning,
                    const std::vector<Suggestion>& fewer) {
    Json list = Json::array(), interfaces = Json::array(), ways = Json::array();
    for (const School& s : study.schools) {
        Json values = Json::object(), extra = Json::object(), risks = Json::array();
        for (const Risk& risk : s.risks)
            risks.push_back(english(risk.name) + ": " + english(risk.text));
        for (const auto& [what, value] : s.values)
            values[english(what)] = english(value);
        for (const auto& [letter, g] : s.extra_g)
            extra[std::string(1, letter)] = g;
        Json j{{"school", s.id}, {"name", english(s.name)}, {"possible", s.possible}, {"now", s.now}};
        if (!s.possible)
            j["why_not"] = english(s.why_not);
        j["comes_off"] = s.possible && s.never.empty();
        const Totals& t = s.totals;
        const Cleanup& c = s.cleanup;
        j.update({{"materials", s.materials},
                  {"source", english(s.source)},
                  {"support_g", t.support_g},
                  {"interface_g", t.interface_g},
                  {"extra_g", extra},
                  {"contact_mm2", c.contact_mm2()},
                  {"changes", t.changes},
                  {"hand_swaps", t.hand_swaps},
                  {"purge_g", t.purge_g},
                  {"tower_g", t.tower_g},
                  {"total_s", t.total_s},
                  {"extra_s", s.possible ? t.total_s - study.without.total_s : 0},
                  {"cost", s.cost},
                  {"price", s.price},
                  {"cleanup_s", c.hand_s},
                  {"soak_s", c.soak_s},
                  {"waters", c.waters},
                  {"unreached_mm2", c.unreached_mm2},
                  {"enclosed_mm2", c.enclosed_mm2},
                  {"snap_places", s.snaps},
                  {"surface", english(s.surface)},
                  {"pays_from_per_h", s.pays_from_per_h},
                  {"verdict", english(s.verdict)},
                  {"risks", risks},
                  {"values", values}});
        list.push_back(j);
    }
    for (const Tuning& t : tuning)
        interfaces.push_back({{"layers", t.layers},
                              {"density_pct", t.density_pct},
                              {"now", t.now},
                              {"interface_g", t.totals.interface_g},
                              {"changes", t.totals.changes},
                              {"total_s", t.totals.total_s},
                              {"cost", t.totals.cost},
                              {"grade", t.ceiling.grade},
                              {"surface", english(t.ceiling.text)}});
    for (const Suggestion& s : fewer)
        ways.push_back({{"code", s.code},
                        {"label", english(s.label)},
                        {"detail", english(s.detail)},
                        {"gives_up", english(s.gives_up)},
                        {"changes", s.after.changes - s.before.changes},
                        {"support_g",
                         s.after.support_g + s.after.interface_g - s.before.support_g - s.before.interface_g},
                        {"total_s", s.after.total_s - s.before.total_s}});
    return rounded(
        {{"schema", "vitrail.supports/1"},
         {"overhang_mm2", study.overhang_mm2},
         {"schools", list},
         {"best", study.best < 0 ? std::string() : study.schools[static_cast<std::size_t>(study.best)].id},
         {"advice", english(study.advice)},
         {"interfaces", interfaces},
         {"less", ways}});
}

Json picture_report(const Picture& x) {
    Json bands = Json::array();
    if (x.use == PictureUse::relief)
        for (const ReliefBand& b : x.bands)
            bands.push_back({{"letter", std::string(1, b.filament)},
                             {"from_layer", b.from_layer},
                             {"to_layer", b.to_layer}});
    Json json{{"use", x.use == PictureUse::relief ? "relief" : "panel"},
              {"mean_delta_e", x.figures.mean_delta_e},
              {"p95_delta_e", x.figures.p95_delta_e},
              {"lost_detail", x.figures.lost},
              {"bands", bands}};
    if (x.use == PictureUse::relief)
        json["colliding_lightness"] = x.figures.collides;
    else
        json["out_of_reach"] = x.figures.outside, json["stacks"] = x.stacks.size();
    return json;
}

Json plan_report(const Project& p, const Plan& plan) {
    Json filaments = Json::array(), sequence = Json::array(), changes = Json::array(), loads = Json::array();
    for (std::size_t i = 0; i < p.filaments.size(); ++i) {
        const Filament& f = p.filaments[i];
        const FilamentUse& u = plan.use[i];
        filaments.push_back({{"letter", std::string(1, f.letter)},
                             {"name", f.name},
                             {"material", facts(f.material).id},
                             {"colour", to_hex(f.colour)},
                             {"model_g", u.model_g},
                             {"support_g", u.support_g},
                             {"interface_g", u.interface_g},
                             {"purge_g", u.purge_g},
                             {"tower_g", u.tower_g},
                             {"total_g", u.total_g},
                             {"length_m", u.length_m},
                             {"cost", u.cost},
                             {"first_load_g", u.first_load_g}});
    }
    for (std::size_t l = 0; l < plan.sequence.layers(); ++l) {
        Json layer = Json::array();
        for (const std::uint8_t f : plan.sequence.layer(l))
            layer.push_back(std::string(1, p.filaments[f].letter));
        sequence.push_back(layer);
    }
    for (const Change& c : plan.changes)
        changes.push_back(change_to_json(p, c));
    for (const FirstLoad& l : plan.first_loads)
        loads.push_back({{"nozzle", l.nozzle + 1},
                         {"letter", std::string(1, p.filaments[l.filament].letter)},
                         {"layer", l.layer},
                         {"mm3", l.mm3},
                         {"g", grams(p.filaments[static_cast<std::size_t>(l.filament)], l.mm3)}});
    Json table = Json::object();
    for (int i = 0; i < plan.filaments; ++i)
        for (int j = 0; j < plan.filaments; ++j)
            if (i != j)
                table[std::string(1, p.filaments[i].letter) + ">" + p.filaments[j].letter] =
                    plan.purge_table.at(i, j);
    Json columns = Json::array();
    for (const TowerColumn& c : plan.tower.columns)
        columns.push_back({{"width_mm", c.width_mm}, {"from_layer", c.from_layer}, {"to_layer", c.to_layer}});
    const Totals& t = plan.totals;
    Json report{{"schema", "vitrail.plan-report/1"},
                {"project", p.name},
                {"machine", p.machine.id},
                {"copies", p.settings.copies},
                {"pieces", pieces_to_json(p, plan)},
                {"layers",
                 {{"count", plan.grid.count},
                  {"first_mm", plan.grid.first_mm},
                  {"height_mm", plan.grid.height_mm},
                  {"top_mm", plan.grid.top_mm(plan.grid.count)},
                  {"runs", layer_runs_to_json(plan.grid)}}},
                {"filaments", filaments},
                {"sequence", sequence},
                {"changes", changes},
                {"first_loads", loads},
                {"purge_table", table},
                {"lower_bound", {{"changes", plan.bound.changes}, {"purge_mm3", plan.bound.purge_mm3}}},
                {"loading", loading_to_json(p, plan)},
                {"loading_proven", plan.loading.proven},
                {"refills", refills_to_json(p, plan)},
                {"pairs", pairs_to_json(p, plan)},
                {"washout", washouts_to_json(p, plan)},
                {"attendance",
                 {{"trips", plan.attendance.trips},
                  {"night_trips", plan.attendance.night_trips},
                  {"start_hour", p.settings.start_hour},
                  {"start_date", p.start_date},
                  {"visits", visits_to_json(p, plan)}}},
                {"totals",
                 {{"model_g", t.model_g},
                  {"support_g", t.support_g},
                  {"interface_g", t.interface_g},
                  {"purge_g", t.purge_g},
                  {"tower_g", t.tower_g},
                  {"waste_ratio", t.waste_ratio},
                  {"changes", t.changes},
                  {"hand_swaps", t.hand_swaps},
                  {"print_s", t.print_s},
                  {"start_s", t.start_s},
                  {"change_s", t.change_s},
                  {"attended_s", t.attended_s},
                  {"total_s", t.total_s},
                  {"cost", t.cost},
                  {"purge_mm3", t.purge_mm3},
                  {"useful_purge_g", t.useful_purge_g},
                  {"refills", t.refills},
                  {"pauses", t.pauses},
                  {"first_load_g", t.first_load_g},
                  {"waste_g", waste_g(t)},
                  {"currency", currency_code(p.settings)},
                  {"attended_cost", t.attended_cost}}},
                {"as_assigned",
                 {{"changes", plan.as_assigned.changes},
                  {"purge_mm3", plan.as_assigned.purge_mm3},
                  {"purge_g", plan.as_assigned.purge_g},
                  {"total_s", plan.as_assigned.total_s}}},
                {"skirt",
                 {{"layers", plan.skirt.layers},
                  {"height_mm", plan.skirt.height_mm},
                  {"purge_mm3", plan.skirt.purge_mm3},
                  {"fill_mm3", plan.skirt.fill_mm3},
                  {"overflow_mm3", plan.skirt.overflow_mm3}}},
                {"ooze_wall",
                 {{"layers", plan.ooze.layers}, {"length_mm", plan.ooze.length_mm}, {"mm3", plan.ooze.mm3}}},
                {"tower",
                 {{"layers", plan.tower.layers},
                  {"columns", columns},
                  {"width_mm", plan.tower.width_mm},
                  {"height_mm", plan.tower.height_mm},
                  {"slenderness", plan.tower.slenderness()},
                  {"share", tower_share(plan)},
                  {"purge_mm3", plan.tower.purge_mm3},
                  {"fill_mm3", plan.tower.fill_mm3}}},
                {"findings", findings_report(plan.findings)}};
    if (const auto& job = plan.first_job)
        report["first_job"] = {
            {"filament", std::string(1, p.filaments[static_cast<std::size_t>(job->filament)].letter)},
            {"parts", job->parts},
            {"layer_mm", job->layer_mm},
            {"g", job->g},
            {"length_m", job->length_m},
            {"cost", job->cost},
            {"total_s", job->total_s()}};
    if (p.picture && p.picture->dots)
        report["picture"] = picture_report(*p.picture);
    return rounded(std::move(report));
}

std::string sheet_csv(const RunSheet& sheet) {
    const auto number = [](double v, int decimals) { return fmt::format("{:.{}f}", v, decimals); };
    std::string out = "step,before_layer,after_layer,z_before_mm,z_after_mm,within_layer,from,to,kind,nozzle,"
                      "purge_mm3,purge_g,"
                      "destination,time_s,attended_s,command,clock,when\r\n";
    for (const SheetChange& s : sheet.changes) {
        const Change& c = s.change;
        const std::string cells[] = {std::to_string(s.number),
                                     std::to_string(c.layer),
                                     std::to_string(c.layer - 1),
                                     number(c.z_before_mm, 3),
                                     number(c.z_after_mm, 3),
                                     c.within_layer ? "yes" : "no",
                                     std::string(1, s.from),
                                     std::string(1, s.to),
                                     english(s.kind),
                                     s.nozzle,
                                     number(c.purge_mm3, 1),
                                     number(c.purge_g, 3),
                                     english(s.destination),
                                     number(c.time_s, 1),
                                     number(c.attended_s, 1),
                                     s.command,
                                     s.clock,
                                     english(s.when)};
        for (std::size_t i = 0; i < std::size(cells); ++i)
            out += (i ? "," : "") + csv_field(cells[i]);
        out += "\r\n";
    }
    return out;
}

std::vector<HatchLine> hatch_lines(char letter) {
    // Eight hatches, then the same again at another pitch: drawn in a unit square that repeats.
    switch ((letter - 'A') % 8) {
    case 0:
        return {{0, 1, 1, 0}};
    case 1:
        return {{0, 0.5, 1, 0.5}};
    case 2:
        return {{0, 0, 1, 1}};
    case 3:
        return {{0, 0.5, 1, 0.5}, {0.5, 0, 0.5, 1}};
    case 4:
        return {{0.4, 0.5, 0.6, 0.5}};
    case 5:
        return {{0.5, 0, 0.5, 1}};
    case 6:
        return {{0, 0, 1, 1}, {0, 1, 1, 0}};
    default:
        return {{0, 0.25, 0.5, 0.75}, {0.5, 0.75, 1, 0.25}};
    }
}

namespace {

Srgb readable_on(Srgb ground) {
    return contrast_ratio(ground, {0, 0, 0}) > contrast_ratio(ground, {255, 255, 255}) ? Srgb{0, 0, 0}
                                                                                       : Srgb{255, 255, 255};
}

/// Letter, hatch and colour of a filament, drawn once and used wherever the filament is named.
std::string pane_symbol(char letter, Srgb colour) {
    const Srgb ink = readable_on(colour);
    std::string svg = "<symbol id=\"pane-" + std::string(1, letter) +
                      "\" viewBox=\"0 0 28 28\"><rect x=\"1\" y=\"1\" width=\"26\" height=\"26\" fill=\"" +
                      to_hex(colour) + "\" stroke=\"#111\" stroke-width=\"2\"/><g stroke=\"" + to_hex(ink) +
                      "\" stroke-opacity=\".35\">";
    const double pitch = letter - 'A' < 8 ? 6.5 : 4.33;
    for (double y = 1; y + pitch < 27.5; y += pitch)
        for (double x = 1; x + pitch < 27.5; x += pitch)
            for (const HatchLine& h : hatch_lines(letter))
                svg += fmt::format("<line x1=\"{:.1f}\" y1=\"{:.1f}\" x2=\"{:.1f}\" y2=\"{:.1f}\"/>",
                                   x + h.x0 * pitch, y + h.y0 * pitch, x + h.x1 * pitch, y + h.y1 * pitch);
    return svg +
           "</g><text x=\"14\" y=\"19\" text-anchor=\"middle\" font-weight=\"bold\" font-size=\"14\" "
           "fill=\"" +
           to_hex(ink) + "\" stroke=\"" + to_hex(colour) + "\" stroke-width=\"3\" paint-order=\"stroke\">" +
           std::string(1, letter) + "</text></symbol>";
}

/// Puts a sheet into words of one language, section by section.
class SheetWriter {
public:
    SheetWriter(const RunSheet& sheet, const Language& language) : s_(sheet), language_(language) {}

    std::string page() const {
        return head() + title() + warnings() + "<div class=\"pictures\">" + picture() + plate() + "</div>\n" +
               filaments() + values() + preparation() + changes() + refills() + "<p>" + words(s_.presence) +
               "</p>\n" + totals() + after() + cautions() + "</body></html>\n";
    }

private:
    std::string words(const Message& m) const { return html_escaped(in_words(m, language_)); }
    std::string words(const char* fixed) const { return words(Message{fixed, nullptr, 0, {}}); }
    std::string figure(double value, int decimals, const char* unit = "") const {
        return words(say("{}", num(value, decimals, unit)));
    }
    std::string heading(const char* fixed) const { return "<h2>" + words(fixed) + "</h2>"; }
    struct Column {
        const char* name;
        bool figures = false; ///< set to the right
    };
    /// A table's first row.
    std::string columns(std::initializer_list<Column> all) const {
        std::string h = "<table><tr>";
        for (const Column& c : all)
            h += (c.figures ? "<th class=\"n\">" : "<th>") + (*c.name ? words(c.name) : std::string()) +
                 "</th>";
        return h + "</tr>\n";
    }
    std::string pane(char letter) const {
        const std::string l(1, letter);
        return "<svg class=\"pane\" width=\"28\" height=\"28\" role=\"img\" aria-label=\"" +
               words(say("filament {}", letter)) + "\"><use href=\"#pane-" + l + "\"/></svg>";
    }
    Srgb colour_of(char letter) const {
        for (const SheetFilament& f : s_.filaments)
            if (f.letter == letter)
                return f.colour;
        return {0xdd, 0xdd, 0xdd};
    }

    std::string head() const {
        return "<!DOCTYPE html>\n<html lang=\"" + language_.code() +
               "\"><head><meta charset=\"utf-8\"><title>" + words(say("{} – run sheet", s_.title)) +
               "</title><style>\n"
               "body{font:15px/1.45 Inter,sans-serif;margin:2em "
               "auto;max-width:60em;color:#16181c;background:#fff}\n"
               "h1{margin:0}h2{margin:1.4em 0 .4em;border-bottom:2px solid #16181c}\n"
               "table{border-collapse:collapse;width:100%}th,td{text-align:left;padding:.3em "
               ".6em;border-bottom:1px solid #bbb;vertical-align:middle}\n"
               ".pictures{display:flex;gap:2em;flex-wrap:wrap;margin-top:1em}.box{font-size:1.3em}\n"
               ".n{text-align:right}.pane{vertical-align:middle}li{margin:.2em 0}.warn{border-left:4px solid "
               "#a33;padding-left:.8em}\n"
               "@media print{body{margin:0}tr{break-inside:avoid}}\n</style></head><body>\n";
    }
    std::string title() const {
        std::string h = "<svg width=\"0\" height=\"0\" style=\"position:absolute\" aria-hidden=\"true\">";
        for (const SheetFilament& f : s_.filaments)
            h += pane_symbol(f.letter, f.colour);
        h += "</svg>\n<h1>" + words(s_.title) + "</h1><p>" + words(machine_text(s_.machine)) + " (" +
             words(s_.machine_note) + ")<br>";
        for (std::size_t i = 0; i < s_.settings.size(); ++i)
            h += (i ? " · " : "") + words(s_.settings[i]);
        return h + "</p>\n";
    }
    std::string warnings() const {
        if (s_.warnings.empty())
            return {};
        std::string h =
            "<div class=\"warn\"><strong>" + words(term("Look at this before you start")) + "</strong><ul>";
        for (const Message& w : s_.warnings)
            h += "<li>" + words(w) + "</li>";
        return h + "</ul></div>\n";
    }
    std::string picture() const {
        return s_.picture.empty()
                   ? std::string()
                   : "<img width=\"256\" height=\"256\" alt=\"" + words(term("the piece in its filaments")) +
                         "\" src=\"data:image/png;base64," + base64(s_.picture) + "\">";
    }
    /// The bed from above, front at the bottom.
    std::string plate() const {
        const SheetPlate& plate = s_.plate;
        if (plate.shapes.empty())
            return {};
        constexpr double kSize = 256;
        const double scale = kSize / std::max(plate.bed_x_mm, plate.bed_y_mm), w = plate.bed_x_mm * scale,
                     d = plate.bed_y_mm * scale;
        std::string svg = fmt::format("<svg width=\"{0:.0f}\" height=\"{1:.0f}\" viewBox=\"0 0 {0:.0f} "
                                      "{1:.0f}\" role=\"img\" aria-label=\"{2}\"><rect width=\"{0:.0f}\" "
                                      "height=\"{1:.0f}\" fill=\"#fff\" stroke=\"#16181c\"/>",
                                      w, d, words(term("the bed from above, its front at the bottom")));
        const auto polygon = [&](const Outline& outline, const std::string& fill) {
            std::string points;
            for (const auto& [x, y] : outline)
                points += fmt::format("{:.1f},{:.1f} ", x * scale, d - y * scale);
            svg += "<polygon points=\"" + points + "\" fill=\"" + fill + "\" stroke=\"#16181c\"/>";
        };
        if (!plate.skirt.empty())
            polygon(plate.skirt, "none");
        for (const SheetPlate::Shape& shape : plate.shapes) {
            const Srgb colour = colour_of(shape.letter);
            polygon(shape.outline, to_hex(colour));
            double x = 0, y = 0;
            for (const auto& [px, py] : shape.outline)
                x += px / static_cast<double>(shape.outline.size()),
                    y += py / static_cast<double>(shape.outline.size());
            svg += fmt::format("<text x=\"{:.1f}\" y=\"{:.1f}\" text-anchor=\"middle\" "
                               "dominant-baseline=\"middle\" font-size=\"9\" fill=\"{}\">{}</text>",
                               x * scale, d - y * scale, to_hex(readable_on(colour)), words(shape.name));
        }
        return svg + "</svg>";
    }
    std::string filaments() const {
        std::string h = heading(term("Filaments")) + columns({{""},
                                                              {term("filament")},
                                                              {term("material")},
                                                              {term("where")},
                                                              {term("heat, drying, spools")},
                                                              {term("grams"), true},
                                                              {term("metres"), true}});
        for (const SheetFilament& f : s_.filaments) {
            std::string care;
            for (const Message* m : {&f.heat, &f.drying, &f.spools, &f.handling})
                if (!m->empty())
                    care += (care.empty() ? "" : "<br>") + words(*m);
            h += "<tr><td>" + pane(f.letter) + "</td><td>" + html_escaped(f.name) + "</td><td>" +
                 html_escaped(f.material) + "</td><td>" + words(f.place) + "</td><td>" + care +
                 "</td><td class=\"n\">" + figure(f.total_g, 1) + "</td><td class=\"n\">" +
                 figure(f.length_m, 1) + "</td></tr>\n";
        }
        return h + "</table>\n";
    }
    std::string values() const {
        std::string h = heading(term("To set in the toolpath program")) + "<table>";
        for (const auto& [what, value] : s_.values)
            h += "<tr><td>" + words(what) + "</td><td>" + words(value) + "</td></tr>";
        return h + "</table>\n";
    }
    std::string preparation() const {
        std::string h = heading(term("Before the start")) + "<ol>";
        for (const Message& p : s_.preparation)
            h += "<li><span class=\"box\">\u2610</span> " + words(p) + "</li>";
        return h + "</ol>\n";
    }
    std::string changes() const {
        std::string h = heading(term("Changes")) + "\n";
        if (s_.changes.empty())
            return h + "<p>" + words(term("None: the whole print is in one filament.")) + "</p>";
        h += columns({{""},
                      {"#", true},
                      {term("time")},
                      {term("when")},
                      {term("from")},
                      {term("to")},
                      {term("kind")},
                      {term("purge"), true},
                      {term("takes"), true},
                      {term("command")}});
        for (const SheetChange& c : s_.changes)
            h += "<tr><td class=\"box\">\u2610</td><td class=\"n\">" + std::to_string(c.number) +
                 "</td><td>" + c.clock + "</td><td>" + words(c.when) + "</td><td>" + pane(c.from) +
                 "</td><td>" + pane(c.to) + "</td><td>" + words(c.kind) + "</td><td class=\"n\">" +
                 figure(c.purge_g, 2, "g") + "</td><td class=\"n\">" + words(say("{}", Duration{c.time_s})) +
                 "</td><td><code>" + html_escaped(c.command) + "</code></td></tr>\n";
        return h + "</table>\n";
    }
    std::string refills() const {
        if (s_.refills.empty())
            return {};
        std::string h =
            heading(term("Slots to refill")) +
            columns({{term("when")}, {term("slot")}, {term("out")}, {term("in")}, {term("command")}});
        for (const SheetRefill& r : s_.refills)
            h += "<tr><td>" + words(r.when) + "</td><td>" + words(r.slot) + "</td><td>" +
                 (r.out ? pane(r.out) : words(term("empty"))) + "</td><td>" + pane(r.in) + "</td><td><code>" +
                 html_escaped(r.command) + "</code></td></tr>\n";
        return h + "</table>\n";
    }
    std::string totals() const {
        std::string h = heading(term("In all")) + "<table>";
        for (const auto& [what, value] : s_.totals)
            h += "<tr><td>" + words(what) + "</td><td class=\"n\">" + words(value) + "</td></tr>";
        return h + "</table>\n";
    }
    std::string after() const {
        if (s_.after.empty())
            return {};
        std::string h = heading(term("After the print")) + "<ol>";
        for (const AfterStep& a : s_.after)
            h += "<li><strong>" + words(a.title) + "</strong> " + words(after_times(a)) + "<br>" +
                 words(a.text) + (a.caution.empty() ? "" : "<br><em>" + words(a.caution) + "</em>") + "</li>";
        return h + "</ol>\n";
    }
    std::string cautions() const {
        std::string h = heading(term("Cautions")) + "<ul>";
        for (const Message& c : s_.cautions)
            h += "<li>" + words(c) + "</li>";
        return h + "</ul>";
    }

    const RunSheet& s_;
    const Language& language_;
};

} // namespace

std::string sheet_html(const RunSheet& sheet, const Language& language) {
    return SheetWriter(sheet, language).page();
}

} // namespace vitrail
