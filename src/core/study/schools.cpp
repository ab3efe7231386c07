#include "core/study/schools.h"

#include "core/material/pairing.h"
#include "core/plan/planner.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <functional>
#include <optional>

namespace vitrail {

namespace {

struct Chosen {
    char letter = 0;
    Message source;
    bool owned = true;
};

/// A filament of the project that will do, else one of the shelf, else a new one of the first class that
/// will.
template <class F>
Chosen filament_of(Project& p, const OwnShelf& own, const std::vector<Material>& classes, F fits) {
    for (const Material m : classes)
        for (const Filament& f : p.filaments)
            if (f.material == m && fits(m))
                return {f.letter, say("in the project")};
    const char letter = free_letter(p);
    if (!letter)
        return {};
    for (const Material m : classes)
        for (const ShelfFilament& kept : own.shelf.filaments)
            if (kept.filament.material == m && fits(m)) {
                Filament f = kept.filament;
                f.letter = letter;
                f.shelf_id = kept.id;
                if (own.today > 0)
                    match_with_shelf(f, own.shelf, own.today);
                p.filaments.push_back(f);
                return {letter, say("from your shelf")};
            }
    for (const Material m : classes)
        if (fits(m)) {
            p.filaments.push_back(
                make_filament(letter, m, {0xe8, 0xe0, 0xc8}, std::string(facts(m).id) + " for support"));
            return {letter, say("not on your shelf: planned with the figures of its class"), false};
        }
    return {};
}

/// Common practice, no source: a gap of about one layer for the same material, none and a dense top for the
/// others.
void set_up(Settings& s, ComesOff how, bool throughout) {
    s.support_gap_layers = how == ComesOff::broken ? 1 : 0;
    s.interface_density_pct = how == ComesOff::broken ? 75 : std::max(95.0, s.interface_density_pct);
    s.interface_layers = std::max(2, s.interface_layers);
    // A body that bonds must not stand on the piece without a gap.
    s.interface_below =
        how != ComesOff::broken && !throughout && s.support_on_piece ? std::max(2, s.interface_below) : 0;
}

void judge(School& s, const Project& p, const Plan& plan, ComesOff how, const Filament& piece) {
    s.totals = plan.totals;
    s.cleanup = plan.cleanup;
    s.snaps = count_snap_places(plan);
    s.cost = plan.totals.cost + s.cleanup.hand_s / 3600 * p.settings.attended_per_h;
    s.price = price_of(p.settings, plan.totals, s.cleanup.hand_s);
    if (stays_inside(
            s.cleanup.stays_mm2,
            s.cleanup.contact_mm2())) // of a soluble interface the body, which is loose but has to be got out
        s.never = say("Impossible: {} cm\u00b2 lie where a tool of {} does not get in; what must be pulled "
                      "off stays there.",
                      num(s.cleanup.stays_mm2 / 100), mm(p.settings.tool_mm, 1));
    s.surface = ceiling_above(how, static_cast<int>(p.settings.support_gap_layers),
                              static_cast<int>(p.settings.interface_layers), p.settings.interface_density_pct)
                    .text;
    if (s.snaps && how != ComesOff::dissolved)
        s.risks.push_back(
            {say("snap"),
             counted("thin features touch the support in {} place; cut there, do not pull",
                     "thin features touch the support in {} places; cut there, do not pull", s.snaps)});
    if (how != ComesOff::dissolved && s.cleanup.unreached_mm2 > 1)
        s.risks.push_back({say("reach"), say("a tool of {} does not get at {} cm\u00b2 of it",
                                             mm(p.settings.tool_mm, 1), num(s.cleanup.unreached_mm2 / 100))});
    if (s.cleanup.enclosed_mm2 > 1)
        s.risks.push_back(
            {say("trapped"),
             say(how == ComesOff::dissolved
                     ? term("{} cm\u00b2 lie in a cavity without an opening; water does not get in or out")
                     : term("{} cm\u00b2 lie in a cavity without an opening; it stays inside"),
                 num(s.cleanup.enclosed_mm2 / 100))});
    if (how == ComesOff::peeled)
        s.risks.push_back(
            {say("split"),
             say("where the release material is printed into the piece by mistake, it comes apart there")});
    if (how == ComesOff::dissolved) {
        bool dry = true;
        for (const Filament& f : p.filaments)
            dry &= !facts(f.material).soluble || f.kept_dry;
        s.risks.push_back(
            {say("damp"), dry ? say("it is noted as dry; keep it closed while it is not printed")
                              : say("it draws moisture and then strings; dry it before")});
    }
    if (how == ComesOff::broken)
        s.risks.push_back({say("scars"), say("the faces it touches are show faces no more")});
    const Filament& support = p.filaments[static_cast<std::size_t>(find_filament(p, s.support))];
    if (const Message harm = sheet_risk(support.material, p.settings.sheet, facts(support.material).id);
        !harm.empty() && support.material != piece.material)
        s.risks.push_back({say("sheet"), harm});
    for (const char letter : {s.support, s.interface}) {
        const Filament& f = p.filaments[static_cast<std::size_t>(find_filament(p, letter))];
        if (!f.bed_c.meets(piece.bed_c)) {
            s.risks.push_back({say("heat"), say("no bed temperature suits both")});
            break;
        }
        const auto nozzle = [&](char l) {
            return plan.loading.nozzle[static_cast<std::size_t>(find_filament(p, l))];
        };
        if (!f.nozzle_c.meets(piece.nozzle_c) &&
            nozzle(letter) == nozzle(piece.letter)) { // on nozzles of their own it is no trouble
            s.risks.push_back(
                {say("heat"), say("no nozzle temperature suits both; the printer waits at every change")});
            break;
        }
    }
    const auto layers = [](int n) { return n > 0 ? counted("{} layer", "{} layers", n) : say("none"); };
    const Settings& set = p.settings;
    s.values = {{say("support material"), say("{}", s.materials.front())},
                {say("interface material"), say("{}", s.materials.back())},
                {say("gap above support"), set.support_gap_layers > 0
                                               ? say("{} ({})", layers(set.support_gap_layers),
                                                     mm(set.support_gap_layers * set.layer_mm))
                                               : say("none")},
                {say("interface layers"), say("{}", set.interface_layers)},
                {say("interface density"), say("{} %", num(set.interface_density_pct, 0))},
                {say("interface on the piece"), layers(set.interface_below)},
                {say("support density"), say("{} %", num(set.support_density_pct, 0))},
                {say("space beside the piece"), say("{}", mm(set.support_beside_mm))},
                {say("supported from"), say("{}\u00b0 from the vertical", num(set.support_angle_deg, 0))},
                {say("support on the piece"), set.support_on_piece ? say("yes") : say("bed only")}};
}

double own_s(const School& s) {
    return s.totals.attended_s + s.cleanup.hand_s;
}

/// What it costs and saves against the first school, in one sentence; the rule is price_of().
Message verdict_on(const School& s, const School& same, const Settings& set) {
    const double saved_s = own_s(same) - own_s(s), longer_s = s.totals.total_s - same.totals.total_s,
                 dearer = s.totals.filament_cost - same.totals.filament_cost;
    const int changes = s.totals.changes - same.totals.changes;
    const List against{List::Kind::commas,
                       {changes < 0 ? counted("{} change less", "{} changes less", -changes)
                                    : counted("{} change more", "{} changes more", changes),
                        say(longer_s < 0 ? term("{} h of printing less") : term("{} h of printing more"),
                            num(std::abs(longer_s) / 3600)),
                        say(dearer < 0 ? term("filament for {} less") : term("filament for {} more"),
                            num(std::abs(dearer), 2)),
                        say(saved_s > 0 ? term("{} min of your time less") : term("{} min of your time more"),
                            num(std::abs(saved_s) / 60, 0))}};
    if (!same.never.empty())
        return say("It comes off, which the same material does not: {}.", against);
    if (s.price < same.price)
        return say("Worth it, {} less all in: {}.", num(same.price - s.price, 2), against);
    if (s.pays_from_per_h > own_hour(set))
        return say("Not worth it at {} an hour of yours, but from {} on: {}.", num(own_hour(set), 2),
                   num(s.pays_from_per_h, 2), against);
    return say("Not worth it, {} more all in: {}.", num(s.price - same.price, 2), against);
}

} // namespace

Ceiling ceiling_above(ComesOff how, int gap, int layers, double density) {
    if (layers == 0)
        return {0, say("ragged: the support's sparse lines carry it")};
    if (how == ComesOff::broken)
        return gap == 0   ? Ceiling{0, say("torn: without a gap it fuses")}
               : gap == 1 ? Ceiling{1, say("scars where it touched; sand them")}
                          : Ceiling{0, say("sags: the gap is wide")};
    if (gap > 0)
        return {1, say("uneven: the first lines sag across the gap")};
    if (density >= 95)
        return layers >= 3 ? Ceiling{4, say("smooth, a little matt")}
                           : Ceiling{3, say("nearly smooth; the lines of the support may show")};
    if (density >= 82)
        return layers >= 4 ? Ceiling{3, say("nearly smooth")} : Ceiling{2, say("lines show")};
    return layers >= 4 ? Ceiling{2, say("slightly open")} : Ceiling{1, say("open between the lines")};
}

namespace {

struct Kind {
    const char *id, *name;
    const char *less, *more; ///< what it saves, where it prints faster and slower
    ComesOff how;
    bool throughout;
};
constexpr Kind kKinds[] = {
    {"same", term("same material throughout"), "", "", ComesOff::broken, true},
    {"release-interface", term("release material for the interface"),
     term(
         "Release material for the interface: it saves {} min of cleaning up for {} and {} h less printing."),
     term(
         "Release material for the interface: it saves {} min of cleaning up for {} and {} h more printing."),
     ComesOff::peeled, false},
    {"release", term("release material throughout"),
     term("Release material throughout: it saves {} min of cleaning up for {} and {} h less printing."),
     term("Release material throughout: it saves {} min of cleaning up for {} and {} h more printing."),
     ComesOff::peeled, true},
    {"soluble-interface", term("soluble interface"),
     term("Soluble interface: it saves {} min of cleaning up for {} and {} h less printing."),
     term("Soluble interface: it saves {} min of cleaning up for {} and {} h more printing."),
     ComesOff::dissolved, false},
    {"soluble", term("soluble throughout"),
     term("Soluble throughout: it saves {} min of cleaning up for {} and {} h less printing."),
     term("Soluble throughout: it saves {} min of cleaning up for {} and {} h more printing."),
     ComesOff::dissolved, true}};

/// The project held in that way, with a filament for it; nothing where no material is known.
std::optional<Project> held_by(const Kind& kind, const Project& project, const Filament& piece,
                               const OwnShelf& own, School& s) {
    const std::vector<Material> releases{Material::PETG, Material::PLA, Material::CoPolyester},
        solubles{Material::PVA, Material::BVOH};
    Project p = project;
    if (p.settings.support == SupportStyle::none)
        p.settings.support = SupportStyle::columns;
    Chosen face{piece.letter, {}};
    if (kind.how == ComesOff::peeled)
        face = filament_of(p, own, releases,
                           [&](Material m) { return bond(m, piece.material) == Bond::releases; });
    if (kind.how == ComesOff::dissolved)
        face = filament_of(p, own, solubles, [](Material) { return true; });
    if (!face.letter)
        return {};
    s.interface = face.letter;
    s.source = face.source;
    s.owned = face.owned;
    s.support = kind.throughout ? face.letter : piece.letter;
    // The piece's own: whichever a layer is printed in anyway.
    p.support_filament = s.support == piece.letter ? 0 : s.support;
    p.interface_filament = s.interface == piece.letter ? 0 : s.interface;
    s.now = project.settings.support != SupportStyle::none &&
            p.support_filament == project.support_filament &&
            p.interface_filament == project.interface_filament;
    if (!s.now)
        set_up(p.settings, kind.how, kind.throughout);
    return p;
}

std::function<void(Project&)> hold_like(const Project& wanted) {
    return [wanted](Project& q) {
        q.filaments = wanted.filaments;
        q.support_filament = wanted.support_filament;
        q.interface_filament = wanted.interface_filament;
        q.settings.support = wanted.settings.support;
        q.settings.support_gap_layers = wanted.settings.support_gap_layers;
        q.settings.interface_density_pct = wanted.settings.interface_density_pct;
        q.settings.interface_layers = wanted.settings.interface_layers;
        q.settings.interface_below = wanted.settings.interface_below;
    };
}

/// What it is printed in, and what it takes more than a print without support.
void list_materials(School& s, const Project& p, const Plan& held, const Plan& without) {
    const auto material = [&](char letter) {
        return std::string(
            facts(p.filaments[static_cast<std::size_t>(find_filament(p, letter))].material).id);
    };
    s.materials = {material(s.support)};
    if (s.interface != s.support)
        s.materials.push_back(material(s.interface));
    for (std::size_t f = 0; f < p.filaments.size(); ++f) {
        const double before = f < without.use.size() ? without.use[f].total_g : 0,
                     more = held.use[f].total_g - before;
        if (std::abs(more) > 0.005)
            s.extra_g.emplace_back(p.filaments[f].letter, more);
    }
}

/// Verdicts against the first school, and which is best.
void rank(SchoolStudy& study, const Settings& set) {
    const School& same = study.schools.front();
    study.best = -1;
    for (std::size_t i = 0; i < study.schools.size(); ++i) {
        School& s = study.schools[i];
        if (!s.possible)
            continue;
        // The hour at which both come to the same.
        const double saved_h = (own_s(same) - own_s(s)) / 3600;
        const double more = s.totals.filament_cost - same.totals.filament_cost +
                            set.printer_per_h * (s.totals.total_s - same.totals.total_s) / 3600;
        s.pays_from_per_h = more <= 0 && saved_h >= 0 ? 0
                            : saved_h > 1e-9          ? std::max(0.0, more / saved_h)
                                                      : -1;
        s.verdict = !s.never.empty() ? s.never
                    : i == 0         ? say("What the others are measured against.")
                                     : verdict_on(s, same, set);
        if (s.never.empty() &&
            (study.best < 0 || s.price < study.schools[static_cast<std::size_t>(study.best)].price))
            study.best = static_cast<int>(i);
    }
}

/// Soluble only where it touches, or throughout: dear material and changes against each other, by the same
/// sums.
void weigh_soluble(SchoolStudy& study, const Settings& set) {
    School *interface = nullptr, *throughout = nullptr;
    for (School& s : study.schools)
        if (s.possible && s.id == "soluble-interface")
            interface = &s;
        else if (s.possible && s.id == "soluble")
            throughout = &s;
    if (!interface || !throughout)
        return;
    const auto soluble_g = [](const School& s) {
        return s.id == "soluble" ? s.totals.support_g + s.totals.interface_g : s.totals.interface_g;
    };
    const double saved = throughout->totals.filament_cost - interface->totals.filament_cost;
    const double slower_s = interface->totals.change_s - throughout->totals.change_s;
    const Message why =
        say("Soluble where it touches takes {} g of the dear material and {}, soluble throughout {} g and "
            "{}: {} {} of filament against {} {} of changes. Both let go in water, after {} and {}; all in "
            "{} against {}.",
            num(soluble_g(*interface)), counted("{} change", "{} changes", interface->totals.changes),
            num(soluble_g(*throughout)), counted("{} change", "{} changes", throughout->totals.changes),
            money(set, std::abs(saved)), say(saved >= 0 ? term("less") : term("more")),
            Duration{std::abs(slower_s)}, say(slower_s >= 0 ? term("more") : term("less")),
            Duration{interface->cleanup.soak_s}, Duration{throughout->cleanup.soak_s},
            money(set, interface->price), money(set, throughout->price));
    for (School* s : {interface, throughout})
        s->verdict = sentences({s->verdict, why});
}

Message advice_on(const SchoolStudy& study, const Settings& set) {
    if (study.overhang_mm2 <= 0)
        return say("Nothing needs holding: no support is worth it.");
    if (study.contact_mm2 <= 0)
        return say(
            "{} mm\u00b2 hang, and no support gets below them: there is no room that keeps clear of the "
            "piece. Turn the piece, or cut it.",
            num(study.overhang_mm2, 0));
    if (study.best < 0)
        return say("No school gets the support off: no tool reaches it, and nothing that dissolves is at "
                   "hand. Give it an opening, turn the piece, or cut it.");
    const School &b = study.schools[static_cast<std::size_t>(study.best)], &same = study.schools.front();
    const Kind& best = kKinds[study.best];
    Message advice;
    if (study.best == 0)
        advice = say("Same material throughout. The others are not worth it here: cleaning up takes {} min, "
                     "and no school saves as much as it costs.",
                     num(same.cleanup.hand_s / 60, 0));
    else if (!same.never.empty())
        advice = say("The cheapest that comes off: {}. Of the same material {} cm\u00b2 would stay where a "
                     "tool of {} does not get in.",
                     b.name, num(same.cleanup.stays_mm2 / 100), mm(set.tool_mm, 1));
    else
        advice = say(b.totals.total_s < same.totals.total_s ? best.less : best.more,
                     num((same.cleanup.hand_s - b.cleanup.hand_s) / 60, 0),
                     counted("{} more change", "{} more changes", b.totals.changes - same.totals.changes),
                     num(std::abs(b.totals.total_s - same.totals.total_s) / 3600));
    constexpr double kNothing_mm2 = 1;
    const Message kept = b.cleanup.enclosed_mm2 > kNothing_mm2
                             ? say("{} cm\u00b2 lie in a closed cavity and stay there, whatever the school.",
                                   num(b.cleanup.enclosed_mm2 / 100))
                             : Message{};
    return sentences({advice, kept,
                      set.attended_per_h <= 0
                          ? say("Your hour is taken at {}, the printer's at {}; set their prices.",
                                num(kUnpricedHour, 0), num(set.printer_per_h, 2))
                          : Message{}});
}

} // namespace

Result<SchoolStudy> compare_schools(const Project& project, const Plan& plan, const OwnShelf& own,
                                    const Progress& progress) {
    SchoolStudy study;
    const Filament piece = project.filaments[static_cast<std::size_t>(main_filament(plan))];
    Planner planner(project, plan);
    const Progress quiet{progress.stop, {}};
    Project bare = project;
    bare.settings.support = SupportStyle::none;
    const auto without = planner.plan(bare, quiet);
    if (!without)
        return without.error();
    study.without = (*without)->totals;
    for (const Kind& kind : kKinds) {
        if (progress.stopped())
            return Error{say("Stopped before all schools were compared.")};
        progress.at(static_cast<double>(study.schools.size() + 1) / (std::size(kKinds) + 1));
        School s;
        s.id = kind.id;
        s.name = say(kind.name);
        const std::optional<Project> p = held_by(kind, project, piece, own, s);
        if (!p) {
            s.possible = false;
            s.why_not = say("No material is known to come off {}.", std::string(facts(piece.material).id));
            study.schools.push_back(std::move(s));
            continue;
        }
        s.apply = hold_like(*p);
        const auto made = planner.plan(*p, quiet, Scope::findings);
        if (!made)
            return made.error();
        const Plan& held = **made;
        list_materials(s, *p, held, **without);
        judge(s, *p, held, kind.how, piece);
        if (study.schools.empty()) {
            for (std::size_t i = 0; i < held.pieces.size(); ++i) {
                const SupportPlan& support = *held.pieces[i].support;
                const int copies = count_of(*p, p->pieces[i]);
                study.contact_mm2 += copies * support.layout->contact_mm2;
                for (const Overhang& o : support.hanging->overhangs)
                    study.overhang_mm2 += copies * area_mm2(o.area);
            }
        }
        study.schools.push_back(std::move(s));
    }
    rank(study, project.settings);
    weigh_soluble(study, project.settings);
    study.advice = advice_on(study, project.settings);
    return study;
}

Result<std::vector<Tuning>> tune_interface(const Project& project, const Plan& plan,
                                           const Progress& progress) {
    std::vector<Tuning> rows;
    if (!plan.held())
        return rows;
    Planner planner(project, plan);
    const Settings& s = project.settings;
    const Filament& piece = project.filaments[static_cast<std::size_t>(main_filament(plan))];
    const int letter = find_filament(project, project.interface_filament ? project.interface_filament
                                                                         : project.support_filament);
    const ComesOff how =
        comes_off(letter < 0 ? piece : project.filaments[static_cast<std::size_t>(letter)], piece);
    std::vector<std::pair<int, double>> wanted;
    for (const int layers : {2, 3, 4, 5})
        for (const double density : {75.0, 85.0, 100.0})
            wanted.emplace_back(layers, density);
    const std::pair<int, double> present{static_cast<int>(s.interface_layers), s.interface_density_pct};
    if (std::find(wanted.begin(), wanted.end(), present) == wanted.end())
        wanted.insert(wanted.begin(), present);
    for (const auto& [layers, density] : wanted) {
        if (progress.stopped())
            return Error{say("Stopped before all interfaces were planned.")};
        progress.at(static_cast<double>(rows.size()) / static_cast<double>(wanted.size()));
        Tuning t;
        t.layers = layers;
        t.density_pct = density;
        t.now = std::pair{layers, density} == present;
        t.apply = [layers = layers, density = density](Project& q) {
            q.settings.interface_layers = layers;
            q.settings.interface_density_pct = density;
        };
        Project p = project;
        t.apply(p);
        const auto made = planner.plan(p, {progress.stop, {}});
        if (!made)
            return made.error();
        t.totals = (*made)->totals;
        t.interface_layers = interface_layers(**made);
        t.ceiling = ceiling_above(how, static_cast<int>(s.support_gap_layers), layers, density);
        rows.push_back(std::move(t));
    }
    return rows;
}

} // namespace vitrail
