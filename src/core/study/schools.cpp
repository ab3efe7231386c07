#include "core/study/schools.h"

#include "core/material/pairing.h"
#include "core/plan/planner.h"

#include <algorithm>
#include <cmath>
#include <cstdio>

namespace vitrail {

namespace {

template <class... T>
std::string format(const char* pattern, T... values) {
    char buffer[300];
    std::snprintf(buffer, sizeof buffer, pattern, values...);
    return buffer;
}

/// A filament of the project that will do, else a new one of the first class that will; its letter, 0 where there is none.
template <class F>
char filament_of(Project& p, const std::vector<Material>& classes, F fits) {
    for (const Material m : classes)
        for (const Filament& f : p.filaments)
            if (f.material == m && fits(m))
                return f.letter;
    for (const Material m : classes)
        if (const char letter = free_letter(p); fits(m) && letter) {
            p.filaments.push_back(make_filament(letter, m, {0xe8, 0xe0, 0xc8}, std::string(facts(m).id) + " for support"));
            return letter;
        }
    return 0;
}

/// The filament that prints most of the piece.
int main_filament(const Plan& plan) {
    int most = 0;
    for (int f = 0; f < plan.filaments; ++f)
        if (plan.use[static_cast<std::size_t>(f)].model_mm3 > plan.use[static_cast<std::size_t>(most)].model_mm3)
            most = f;
    return most;
}

enum class Face { same, release, soluble };

void judge(School& s, const Project& p, const Plan& plan, Face face, const Filament& piece) {
    s.totals = plan.totals;
    s.contact_mm2 = plan.support->layout.contact_mm2 * p.settings.copies;
    const double cm2 = s.contact_mm2 / 100;
    double dissolving_cm3 = 0;
    for (std::size_t f = 0; f < p.filaments.size(); ++f)
        if (facts(p.filaments[f].material).soluble)
            dissolving_cm3 += (plan.use[f].support_mm3 + plan.use[f].interface_mm3) / 1000;
    s.cleanup_s = 60 * cm2 * (face == Face::same ? 1.5 : face == Face::release ? 0.15 : 0.03);
    if (face == Face::soluble && dissolving_cm3 > 0) {
        s.soak_s = 3600 * (1 + 0.4 * dissolving_cm3);
        s.waters = 1 + static_cast<int>(dissolving_cm3 / 5);
        s.cleanup_s += 180 * s.waters;
        // A soluble interface only frees what is below it; that is taken off by hand, easily.
        if (s.support != s.interface)
            s.cleanup_s += 60 * cm2 * 0.1;
    }
    s.cost = plan.totals.cost + s.cleanup_s / 3600 * p.settings.attended_per_h;
    s.surface = face == Face::same ? "scars where it touched; sand them" : face == Face::release ? "smooth, a little matt" : "as smooth as the interface is dense";
    bool thin = false;
    if (plan.detail)
        for (const auto& layers : plan.detail->parts)
            thin |= std::any_of(layers.begin(), layers.end(), [](const LayerDetail& l) { return !l.lugs.empty(); });
    if (thin && face != Face::soluble)
        s.risks.push_back("snap: thin straps and lugs touch the support; cut near them, do not pull");
    if (face == Face::release)
        s.risks.push_back("split: where the release material is printed into the piece by mistake, it comes apart there");
    if (face == Face::soluble) {
        s.risks.push_back("damp: it draws moisture; dry it before and keep it closed");
        s.risks.push_back("string: damp, it strings over the piece");
    }
    if (face == Face::same)
        s.risks.push_back("scars: the faces it touches are show faces no more");
    const Filament& support = p.filaments[static_cast<std::size_t>(find_filament(p, s.support))];
    if (const char* harm = sheet_risk(support.material, static_cast<int>(p.settings.sheet)); harm && support.material != piece.material)
        s.risks.push_back(std::string("sheet: ") + facts(support.material).id + " " + harm);
    if (!support.nozzle_c.meets(piece.nozzle_c))
        s.risks.push_back("heat: no nozzle temperature suits both; the printer waits at every change");
    s.values = {{"support material", s.materials.front()},
                {"interface material", s.materials.back()},
                {"gap above support", format("%.0f layers", p.settings.support_gap_layers)},
                {"interface layers", format("%.0f", p.settings.interface_layers)},
                {"interface density", format("%.0f %%", p.settings.interface_density_pct)},
                {"support density", format("%.0f %%", p.settings.support_density_pct)},
                {"space beside the piece", format("%.2f mm", p.settings.support_beside_mm)}};
}

} // namespace

Result<SchoolStudy> compare_schools(const Project& project, const Plan& plan, const Progress& progress) {
    SchoolStudy study;
    const Filament piece = project.filaments[static_cast<std::size_t>(main_filament(plan))];
    const std::vector<Material> releases{Material::PETG, Material::PLA, Material::CoPolyester}, solubles{Material::PVA, Material::BVOH};
    const struct {
        const char *id, *name;
        Face face;
        bool throughout;
    } kinds[] = {{"same", "same material throughout", Face::same, true},
                 {"release-interface", "release material for the interface", Face::release, false},
                 {"release", "release material throughout", Face::release, true},
                 {"soluble-interface", "soluble interface", Face::soluble, false},
                 {"soluble", "soluble throughout", Face::soluble, true}};
    Planner planner(project, plan);
    for (const auto& k : kinds) {
        if (progress.stopped())
            return Error{"Stopped before all schools were compared."};
        progress.at(static_cast<double>(study.schools.size()) / std::size(kinds));
        School s;
        s.id = k.id;
        s.name = k.name;
        Project p = project;
        if (p.settings.support == kNoSupport)
            p.settings.support = kColumns;
        char face = piece.letter;
        if (k.face == Face::release)
            face = filament_of(p, releases, [&](Material m) { return bond(m, piece.material) == Bond::releases; });
        if (k.face == Face::soluble)
            face = filament_of(p, solubles, [](Material) { return true; });
        if (!face) {
            s.possible = false;
            s.why_not = std::string("No material is known to come off ") + facts(piece.material).id + ".";
            study.schools.push_back(std::move(s));
            continue;
        }
        s.interface = face;
        s.support = k.throughout ? face : piece.letter;
        // The piece's own: whichever a layer is printed in anyway.
        p.support_filament = s.support == piece.letter ? 0 : s.support;
        p.interface_filament = s.interface == piece.letter ? 0 : s.interface;
        // Common practice, no source: a gap of about one layer for the same material, none and a dense top for the others.
        p.settings.support_gap_layers = k.face == Face::same ? 1 : 0;
        p.settings.interface_density_pct = k.face == Face::same ? 75 : 100;
        s.apply = [wanted = p](Project& q) {
            q.filaments = wanted.filaments;
            q.support_filament = wanted.support_filament;
            q.interface_filament = wanted.interface_filament;
            q.settings.support = wanted.settings.support;
            q.settings.support_gap_layers = wanted.settings.support_gap_layers;
            q.settings.interface_density_pct = wanted.settings.interface_density_pct;
        };
        const auto made = planner.plan(p, {progress.stop, {}});
        if (!made)
            return made.error();
        const auto material = [&](char letter) { return std::string(facts(p.filaments[static_cast<std::size_t>(find_filament(p, letter))].material).id); };
        s.materials = {material(s.support)};
        if (s.interface != s.support)
            s.materials.push_back(material(s.interface));
        judge(s, p, **made, k.face, piece);
        study.schools.push_back(std::move(s));
    }
    const School& same = study.schools.front();
    const double hour = project.settings.attended_per_h;
    const auto own_s = [](const School& s) { return s.totals.attended_s + s.cleanup_s; };
    double best = 1e300;
    for (std::size_t i = 0; i < study.schools.size(); ++i) {
        School& s = study.schools[i];
        if (!s.possible)
            continue;
        const double saved_h = (own_s(same) - own_s(s)) / 3600, more = s.totals.filament_cost - same.totals.filament_cost;
        s.pays_from_per_h = more <= 0 && saved_h >= 0 ? 0 : saved_h > 1e-9 ? std::max(0.0, more / saved_h) : -1;
        // Without a price of one's hour a gram and three minutes weigh the same. Ours; no source.
        const double value = hour > 0 ? s.cost : s.totals.purge_g + s.totals.tower_g + s.totals.support_g + s.totals.interface_g + (s.totals.total_s + own_s(s)) / 180;
        if (value < best)
            best = value, study.best = static_cast<int>(i);
    }
    const School& b = study.schools[static_cast<std::size_t>(study.best)];
    if (same.contact_mm2 <= 0)
        study.advice = "Nothing needs holding: no support is worth it.";
    else if (study.best == 0)
        study.advice = format("Same material throughout. The others are not worth it here: cleaning up takes %.0f min, and no school saves as much as it costs in changes.", same.cleanup_s / 60);
    else
        study.advice = format("%s: it saves %.0f min of cleaning up for %d more changes and %.1f h %s printing.", (std::string(1, static_cast<char>(std::toupper(b.name[0]))) + b.name.substr(1)).c_str(),
                              (same.cleanup_s - b.cleanup_s) / 60, b.totals.changes - same.totals.changes, std::abs(b.totals.total_s - same.totals.total_s) / 3600, b.totals.total_s < same.totals.total_s ? "less" : "more");
    return study;
}

} // namespace vitrail
