#include "cli/commands.h"
#include "cli/arguments.h"
#include "core/base/text.h"

#include "cli/guarded.h"
#include "cli/log_commands.h"
#include "cli/new_project.h"
#include "cli/offscreen.h"

#include "core/base/numbers.h"
#include "core/check/findings.h"
#include "core/layers/bodies.h"
#include "core/plan/change_table.h"
#include "core/run_sheet/run_sheet.h"
#include "core/study/aims.h"
#include "core/study/poses.h"
#include "core/study/schools.h"
#include "formats/archive.h"
#include "formats/export.h"
#include "formats/files.h"
#include "formats/json.h"
#include "formats/logbook_text.h"
#include "formats/machine_file.h"
#include "formats/place_clock.h"
#include "formats/readings.h"
#include "formats/report.h"
#include "formats/shelf_db.h"
#include "paint/sheet_paint.h"
#include "paint/thumbnail.h"

#include <fmt/format.h>

#include <cmath>
#include <filesystem>
#include <iostream>

namespace vitrail {

namespace {

std::shared_ptr<const Plan> make_plan(const Project& p, const std::string& path) {
    Planner planner;
    auto plan = plan_with_findings(planner, p);
    if (!plan)
        throw Unusable{path, english(plan.error().message)};
    return *plan;
}

void print_findings(const Plan& plan) {
    if (plan.findings.empty()) {
        fmt::print("Nothing found that would spoil the print.\n");
        return;
    }
    for (const Finding& f : plan.findings)
        fmt::print("{}: {} [{}, {}]\n", to_string(f.severity), f.message, f.code, f.where);
}

void print_summary(const Project& p, const Plan& plan) {
    fmt::print("{} on {}\n{}: first {:.2f} mm, then {:.2f} mm, {:.2f} mm tall; {}\n\n", p.name,
               p.machine.name, counted("{} layer", "{} layers", plan.grid.count), plan.grid.first_mm,
               plan.grid.height_mm, plan.grid.top_mm(plan.grid.count), how_many(p));
    if (p.pieces.size() > 1) {
        fmt::print("{:28} {:>6} {:>7} {:>9} {:>9} {:>9}   of one\n", "piece", "number", "layers", "piece g",
                   "time", "cost");
        for (std::size_t i = 0; i < p.pieces.size(); ++i) {
            const PieceShare& share = plan.piece_shares[i];
            fmt::print("{:28} {:6} {:7} {:9.2f} {:>9} {:9.2f}\n", p.pieces[i].name, share.count,
                       plan.pieces[i].layers(), share.model_g, duration(share.total_s), share.cost);
        }
        fmt::print("\n");
    }
    fmt::print("   {:24} {:13} {:>9} {:>9} {:>9} {:>9} {:>9}\n", "filament", "material", "piece g", "purge g",
               "tower g", "metres", "cost");
    for (std::size_t i = 0; i < p.filaments.size(); ++i) {
        const FilamentUse& u = plan.use[i];
        fmt::print("{}  {:24} {:13} {:9.2f} {:9.2f} {:9.2f} {:9.2f} {:9.2f}\n", p.filaments[i].letter,
                   p.filaments[i].name, facts(p.filaments[i].material).id, u.model_g, u.purge_g, u.tower_g,
                   u.length_m, u.cost);
    }
    fmt::print("\nchanges                     number   purge g      time  attended\n");
    for (const KindSum& k : sums_by_kind(plan))
        fmt::print("{:25} {:8} {:9.2f} {:>9} {:>9}\n", english(k.kind), k.count, k.purge_g,
                   duration(k.time_s), duration(k.attended_s));
    if (!plan.changes.empty())
        fmt::print("{:25} {:8} {:9.2f} {:>9} {:>9}\n", "in all", plan.totals.changes + plan.totals.refills,
                   plan.totals.purge_g, duration(plan.totals.change_s), duration(plan.totals.attended_s));
    constexpr std::size_t kShown = 40;
    for (std::size_t i = 0; i < plan.changes.size() && i < kShown; ++i) {
        const Change& c = plan.changes[i];
        fmt::print("  {:3}  {} > {}  {}\n", i + 1, p.filaments[c.from].letter, p.filaments[c.to].letter,
                   when(plan.grid, c));
    }
    if (plan.changes.size() > kShown)
        fmt::print("  … and {} more; --json lists them all\n", plan.changes.size() - kShown);
    const Totals& t = plan.totals;
    fmt::print(
        "\npiece {:.2f} g · purge {:.2f} g · tower {:.2f} g · first loads {:.2f} g · waste ratio {:.2f}\n",
        t.model_g, t.purge_g, t.tower_g, t.first_load_g, t.waste_ratio);
    if (plan.tower.layers)
        fmt::print("tower {:.1f} mm square, {:.1f} mm tall (layer {}), {:.1f} times as tall as wide; it "
                   "holds {:.1f} g, {:.0f} % of all filament\n",
                   plan.tower.width_mm, plan.tower.height_mm, plan.tower.layers, plan.tower.slenderness(),
                   tower_g(plan), 100 * tower_share(plan));
    fmt::print("{}, {} by hand · printing {} + changing {} = {} · at the printer {} · cost {}\n",
               counted("{} change", "{} changes", t.changes), t.hand_swaps, duration(t.print_s),
               duration(t.change_s), duration(t.total_s), duration(t.attended_s),
               english(say("{}", money(p.settings, t.cost))));
    if (const int n = count_of_all(p); n > 1 && p.pieces.size() == 1)
        fmt::print("each of {}: {:.2f} g of piece, {:.2f} g thrown away, {}, cost {}\n", n, t.model_g / n,
                   waste_g(t) / n, duration(t.total_s / n),
                   english(say("{}", money(p.settings, t.cost / n))));
    if (t.useful_purge_g > 0)
        fmt::print("{:.2f} g of purge put to use in infill or a second piece\n", t.useful_purge_g);
    fmt::print("{}\n", presence(p, plan));
    for (const Refill& r : plan.refills)
        fmt::print("{}: {} into {}\n", when(p, r), p.filaments[static_cast<std::size_t>(r.in)].letter,
                   slot_name(p.machine, r.toolhead, r.slot));
    fmt::print("proven: no order takes fewer than {} or purges less than {:.0f} mm³; as assigned: {}, {:.0f} "
               "mm³\n\n",
               counted("{} change", "{} changes", plan.bound.changes), plan.bound.purge_mm3,
               counted("{} change", "{} changes", plan.as_assigned.changes), plan.as_assigned.purge_mm3);
    print_findings(plan);
}

bool has_error(const Plan& plan) {
    for (const Finding& f : plan.findings)
        if (f.severity == Severity::error)
            return true;
    return false;
}

} // namespace

int run_new(const NewOptions& o) {
    return guarded([&] {
        const Project p = build_project(o);
        if (const Status ok = save_project(p, o.out, thumbnail_png(p)); !ok)
            throw Unusable{o.out, english(ok.error().message)};
        std::size_t parts = 0;
        for (const Piece& piece : p.pieces)
            parts += piece.parts.size();
        fmt::print("{}: {}{}, {}, on {}\n", o.out,
                   p.pieces.size() > 1 ? fmt::format("{} pieces, ", p.pieces.size()) : std::string(),
                   counted("{} part", "{} parts", static_cast<long long>(parts)),
                   counted("{} filament", "{} filaments", static_cast<long long>(p.filaments.size())),
                   p.machine.id);
        return 0;
    });
}

int run_set(const PlanOptions& o) {
    return guarded([&] {
        const Project p = open_project(o.project, o.settings);
        if (const Status ok = save_project(p, o.project, thumbnail_png(p)); !ok)
            throw Unusable{o.project, english(ok.error().message)};
        for (const std::string& s : o.settings)
            fmt::print("{}\n", s);
        return 0;
    });
}

int run_plan(const PlanOptions& o) {
    return guarded([&] {
        const Project p = open_project(o.project, o.settings);
        const auto plan = make_plan(p, o.project);
        if (o.json) {
            Json report = plan_report(p, *plan);
            if (!o.book.empty())
                report["outlook"] = outlook_report(outlook_of(o.book, p, *plan));
            std::cout << json_text(report) << "\n";
        } else
            print_summary(p, *plan);
        return 0;
    });
}

int run_check(const PlanOptions& o) {
    return guarded([&] {
        const Project p = open_project(o.project, o.settings);
        const auto plan = make_plan(p, o.project);
        if (o.json)
            std::cout << json_text({{"schema", "vitrail.findings/1"},
                                    {"findings", findings_report(plan->findings)}})
                      << "\n";
        else
            print_findings(*plan);
        if (!has_error(*plan))
            return 0;
        std::cerr << "error: " << o.project << ": the check found an error, see the list\n";
        return 1;
    });
}

int run_sheet(const SheetOptions& o) {
    return guarded([&] {
        const Project p = open_project(o.project, o.settings);
        const auto plan = make_plan(p, o.project);
        RunSheet sheet = make_run_sheet(p, *plan, place_zone(p));
        sheet.picture = thumbnail_png(p);
        if (!o.book.empty())
            add_outlook(sheet, outlook_of(o.book, p, *plan));
        if (!o.csv.empty())
            save(o.csv, sheet_csv(sheet));
        if (!o.html.empty())
            save(o.html, sheet_html(sheet));
        if (!o.pdf.empty()) {
            const Offscreen fonts;
            if (const Status ok = write_sheet_pdf(sheet, o.pdf); !ok)
                throw Unusable{o.pdf, english(ok.error().message)};
        }
        return 0;
    });
}

int run_orient(const PlanOptions& o) {
    return guarded([&] {
        const Project p = open_project(o.project, o.settings);
        make_plan(p, o.project); // says what is wrong with the project as it stands
        std::vector<PoseCost> poses;
        for (std::size_t i = 0; i < p.pieces.size(); ++i)
            for (const Pose& pose : poses_of(p.pieces[i]))
                poses.push_back(study_pose(p, static_cast<int>(i), pose));
        sort_poses(poses, PoseAim::price);
        if (o.json) {
            std::cout << json_text(poses_report(poses)) << "\n";
            return 0;
        }
        fmt::print("{:28} {:>8} {:>8} {:>8} {:>9} {:>8} {:>12} {:>9} {:>8} {:>8} {:>8}\n", "pose", "changes",
                   "purge g", "tower g", "support g", "waste g", "overhang mm²", "height mm", "time",
                   "clean up", "all in");
        for (const PoseCost& c : poses) {
            const std::string name = (c.piece.empty() ? "" : c.piece + ": ") + english(c.pose.name);
            if (c.why.empty())
                fmt::print("{:28} {:8} {:8.2f} {:8.2f} {:9.2f} {:8.2f} {:12.0f} {:9.1f} {:>8} {:>8} "
                           "{:8.2f}{}{}{}{}\n",
                           name, c.totals.changes, c.totals.purge_g, c.totals.tower_g,
                           c.totals.support_g + c.totals.interface_g, waste_g(c.totals), c.overhang_mm2,
                           c.height_mm, duration(c.totals.total_s), duration(c.hand_s), c.price,
                           c.fits ? "" : "  does not fit the printer", c.stands ? "" : "  tips over",
                           unheld(c) ? "  in parts held by nothing" : "",
                           scars(c) ? "  show faces on the support" : "");
            else
                fmt::print("{:28} {}\n", name, c.why);
        }
        return 0;
    });
}

int run_nozzles(const NozzlesOptions& o) {
    return guarded([&] {
        Project p = open_project(o.project, o.settings);
        const struct {
            const char* name;
            LoadingAim aim;
        } aims[] = {
            {"waste", LoadingAim::waste}, {"time", LoadingAim::time}, {"handling", LoadingAim::handling}};
        for (const std::string& text : o.pins) {
            const std::size_t at = text.find('=');
            if (at == std::string::npos)
                throw Usage{"--pin takes LETTER=NOZZLE, not “" + text + "”"};
            const char l = letter(text.substr(0, at), "--pin");
            const double n = number(text.substr(at + 1), "--pin");
            if (find_filament(p, l) < 0)
                throw Usage{"--pin: there is no filament " + std::string(1, l)};
            if (n != std::floor(n) || n < 1 || n > static_cast<double>(p.machine.nozzles.size()))
                throw Usage{"--pin: the machine's nozzles are 1 to " +
                            std::to_string(p.machine.nozzles.size()) + ", not “" + text.substr(at + 1) + "”"};
            pin(p, l, static_cast<int>(n) - 1);
        }
        for (const auto& a : aims)
            if (o.aim == a.name)
                p.settings.aim = a.aim;
        const auto plan = make_plan(p, o.project);
        const auto choices = compare_aims(p, *plan);
        if (!choices)
            throw Unusable{o.project, english(choices.error().message)};
        if (o.json) {
            std::cout << json_text(aims_report(p, *choices, 0)) << "\n";
            return 0;
        }
        fmt::print("{}: {}\n{}\n\n", p.machine.name, describe(p.machine), what_it_can(p.machine));
        fmt::print("{:14} {:>8} {:>8} {:>8} {:>8} {:>7} {:>8} {:>9} {:>9} {:>6}  {}\n", "aim", "purge g",
                   "tower g", "waste g", "changes", "swaps", "refills", "changing", "attended", "trips",
                   "filaments on nozzles");
        for (const AimChoice& c : *choices) {
            std::vector<std::string> at(p.machine.nozzles.size());
            for (std::size_t f = 0; f < p.filaments.size(); ++f)
                if (c.plan->use[f].printed_mm3() > 0)
                    at[static_cast<std::size_t>(c.plan->loading.nozzle[f])] += p.filaments[f].letter;
            std::string where;
            for (std::size_t n = 0; n < at.size(); ++n)
                where +=
                    (n ? " | " : "") +
                    (at[n].empty() ? std::string(p.machine.nozzles[n].missing ? "missing" : "-") : at[n]);
            const std::string name = c.own                           ? "this choice"
                                     : c.aim == LoadingAim::time     ? "least time"
                                     : c.aim == LoadingAim::handling ? "least handling"
                                     : c.aim == LoadingAim::blend
                                         ? "blend " + std::to_string(std::lround(c.blend_pct)) + " %"
                                         : "least waste";
            const Totals& t = c.plan->totals;
            fmt::print("{:14} {:8.2f} {:8.2f} {:8.2f} {:8} {:7} {:8} {:>9} {:>9} {:6}  {}{}\n", name,
                       t.purge_g, t.tower_g, waste_g(t), t.changes, t.hand_swaps, t.refills,
                       duration(t.change_s), duration(t.attended_s), c.plan->attendance.trips, where,
                       c.plan->loading.proven ? "" : " (searched, not proven)");
        }
        fmt::print("\n{}\n{}\n", choices->front().reason, presence(p, *plan));
        const std::vector<StartingPlace> places = starting_places(p, *plan);
        for (std::size_t f = 0; f < places.size(); ++f)
            if (plan->use[f].printed_mm3() > 0)
                fmt::print("{}: {}\n", p.filaments[f].letter, describe(p, places[f]));
        for (const Refill& r : plan->refills)
            fmt::print("{}: {} into {}\n", when(p, r), p.filaments[static_cast<std::size_t>(r.in)].letter,
                       slot_name(p.machine, r.toolhead, r.slot));
        return 0;
    });
}

int run_supports(const SupportsOptions& o) {
    return guarded([&] {
        const Project p = open_project(o.project, o.settings);
        const auto plan = make_plan(p, o.project);
        OwnShelf own;
        if (!o.shelf.empty()) {
            own.shelf = shelf_of(o.shelf);
        }
        const auto study = compare_schools(p, *plan, own);
        if (!study)
            throw Unusable{o.project, english(study.error().message)};
        // What could be tuned and saved is asked of the project's own support, or of the one that wins where
        // it has none.
        Project held = p;
        if (held.settings.support == SupportStyle::none && study->contact_mm2 > 0 && study->best >= 0)
            study->schools[static_cast<std::size_t>(study->best)].apply(held);
        const auto held_plan = make_plan(held, o.project);
        const auto tuning = tune_interface(held, *held_plan);
        const auto fewer = fewer_supports(held, *held_plan, false);
        if (!tuning || !fewer)
            throw Unusable{o.project, english((tuning ? fewer.error() : tuning.error()).message)};
        if (o.json) {
            std::cout << json_text(schools_report(*study, *tuning, *fewer)) << "\n";
            return 0;
        }
        fmt::print("{:36} {:20} {:>9} {:>9} {:>8} {:>8} {:>8} {:>8} {:>9} {:>9} {:>9} {:>9}\n", "school",
                   "materials", "support g", "inter. g", "changes", "purge g", "tower g", "waste g", "time",
                   "cleaning", "soaking", "all in");
        for (const School& s : study->schools) {
            if (!s.possible) {
                fmt::print("{:36} {}\n", s.name, s.why_not);
                continue;
            }
            const Totals& t = s.totals;
            fmt::print("{:36} {:20} {:9.2f} {:9.2f} {:8} {:8.2f} {:8.2f} {:8.2f} {:>9} {:>9} {:>9} {:9.2f}\n",
                       s.name, (s.materials.front() + (s.materials.size() > 1 ? ", " + s.materials[1] : "")),
                       t.support_g, t.interface_g, t.changes, t.purge_g, t.tower_g, waste_g(t),
                       duration(t.total_s), duration(s.cleanup.hand_s), duration(s.cleanup.soak_s), s.price);
        }
        fmt::print("\n{}\n", study->advice);
        for (const School& s : study->schools) {
            if (s.possible)
                fmt::print("\n{}: {}\n", s.id, s.verdict);
            for (const Risk& risk : s.risks)
                fmt::print("  {}: {}\n", risk.name, risk.text);
        }
        if (!tuning->empty())
            fmt::print("\n{:7} {:>8} {:>9} {:>8} {:>9}  {}\n", "inter-", "density", "inter. g", "changes",
                       "time", "surface");
        for (const Tuning& t : *tuning)
            fmt::print("{:4}{} {:7.0f}% {:9.2f} {:8} {:>9}  {}\n", t.layers, t.now ? " now" : "    ",
                       t.density_pct, t.totals.interface_g, t.totals.changes, duration(t.totals.total_s),
                       t.ceiling.text);
        for (const Suggestion& x : *fewer)
            fmt::print("\n{}: {}\n  changes {} -> {}, support {:.1f} -> {:.1f} g, {} -> {}; gives up: {}\n",
                       x.label, x.detail, x.before.changes, x.after.changes,
                       x.before.support_g + x.before.interface_g, x.after.support_g + x.after.interface_g,
                       duration(x.before.total_s), duration(x.after.total_s), x.gives_up);
        return 0;
    });
}

int run_export(const ExportOptions& o) {
    return guarded([&] {
        const Project p = open_project(o.project, o.settings);
        const auto plan = make_plan(p, o.project);
        const auto bodies = bodies_of_pieces(p, *plan,
                                             o.by == "part"   ? ExportBy::part
                                             : o.by == "band" ? ExportBy::band
                                                              : ExportBy::filament);
        if (!o.threemf.empty()) {
            const auto bytes = export_3mf(p, *plan, bodies);
            if (!bytes)
                throw Unusable{o.threemf, english(bytes.error().message)};
            save(o.threemf, *bytes);
        }
        std::error_code made;
        if (!o.stl_folder.empty())
            std::filesystem::create_directories(o.stl_folder, made); // where that fails, writing says why
        if (!o.stl_folder.empty())
            for (const auto& [name, bytes] : export_stl(p, *plan, bodies))
                save(o.stl_folder + "/" + name, bytes);
        for (std::size_t i = 0; i < bodies.size(); ++i)
            for (const FilamentBody& b : bodies[i])
                fmt::print("{}{}{}  {} triangles, {:.0f} mm³\n",
                           bodies.size() > 1
                               ? fmt::format("{} × {}: ", plan->piece_shares[i].count, p.pieces[i].name)
                               : std::string(),
                           p.filaments[b.filament].letter, b.name.empty() ? std::string() : " " + b.name,
                           b.mesh.triangles.size(), volume_mm3(b.mesh));
        return 0;
    });
}

int run_thumbnail(const std::string& project, const std::string& picture, int size) {
    return guarded([&] {
        std::string png = read_thumbnail(project);
        QImage image = QImage::fromData(QByteArray::fromStdString(png));
        if (image.isNull()) // written without one, or damaged: it is drawn
            image = thumbnail(open_project(project, {}), size);
        save(picture, png_of(image.scaled(size, size, Qt::KeepAspectRatio, Qt::SmoothTransformation)));
        return 0;
    });
}

} // namespace vitrail
