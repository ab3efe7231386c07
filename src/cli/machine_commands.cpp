// Commands about machines and materials rather than a plan.
#include "cli/commands.h"
#include "cli/guarded.h"
#include "cli/offscreen.h"

#include "core/purge/calibrate.h"
#include "core/run/offset_strip.h"
#include "formats/json.h"
#include "formats/machine_file.h"
#include "formats/readings.h"
#include "formats/strip_files.h"
#include "paint/guide.h"

#include <fmt/format.h>

#include <QTranslator>

#include <filesystem>

namespace vitrail {

int run_offset_strip(const OffsetStripOptions& o) {
    return guarded([&] {
        const Project p = open_project(o.project, o.settings);
        const auto strip = offset_strip(p, o.toolhead - 1);
        if (!strip)
            throw Unusable{o.project, english(strip.error().message)};
        std::error_code made;
        std::filesystem::create_directories(o.folder, made); // where that fails, writing says why
        const std::vector<Message> how = before_offset_strip(p.machine, o.toolhead - 1);
        if (const Status ok = write_strip(*strip, "offset-strip", how, o.folder); !ok)
            throw Unusable{o.folder, english(ok.error().message)};
        for (const Message& m : how)
            fmt::print("{}\n", m);
        return 0;
    });
}

int run_fit(const std::string& file, bool json) {
    return guarded([&] {
        const auto readings = readings_from_csv(bytes_of(file));
        if (!readings)
            throw Unusable{file, english(readings.error().message)};
        const auto c = fit_washout(*readings);
        if (!c)
            throw Unusable{file, english(c.error().message)};
        if (json) {
            Json list = Json::array();
            for (std::size_t i = 0; i < readings->size(); ++i) {
                const Reading& r = (*readings)[i];
                const FittedReading& f = c->readings[i];
                list.push_back({{"from_rgb", to_hex(r.from)},
                                {"to_rgb", to_hex(r.to)},
                                {"delta_e", r.delta_e},
                                {"clean_mm3", r.clean_mm3},
                                {"depth", f.depth},
                                {"model_mm3", f.model_mm3},
                                {"residual_mm3", f.residual_mm3},
                                {"studentized", f.studentized},
                                {"outlier", f.outlier}});
            }
            const auto sd = [&](double v) { return c->sd_known() ? Json(v) : Json(); };
            std::cout << json_text(
                             {{"schema", "vitrail.calibration/1"},
                              {"dead_mm3", c->dead_mm3},
                              {"mixing_mm3", c->mixing_mm3},
                              {"dead_sd_mm3", c->dead_at_most_mm3 ? Json() : sd(c->dead_sd_mm3)},
                              {"dead_at_most_mm3", c->dead_at_most_mm3 ? Json(*c->dead_at_most_mm3) : Json()},
                              {"mixing_sd_mm3", sd(c->mixing_sd_mm3)},
                              {"covariance_mm6", sd(c->covariance_mm6)},
                              {"residual_sd_mm3", sd(c->residual_sd_mm3)},
                              {"readings", list}})
                      << "\n";
            return 0;
        }
        if (c->dead_at_most_mm3)
            fmt::print(
                "dead volume V_d 0 mm³ (with 95 % no more than {:.1f}), mixing volume V_m {:.1f} ± {:.1f} "
                "mm³ (one standard deviation), from {} readings\n",
                *c->dead_at_most_mm3, c->mixing_mm3, c->mixing_sd_mm3, readings->size());
        else if (c->sd_known())
            fmt::print("dead volume V_d {:.1f} ± {:.1f} mm³, mixing volume V_m {:.1f} ± {:.1f} mm³ (one "
                       "standard deviation), from {} readings\n",
                       c->dead_mm3, c->dead_sd_mm3, c->mixing_mm3, c->mixing_sd_mm3, readings->size());
        else
            fmt::print("dead volume V_d {:.1f} mm³, mixing volume V_m {:.1f} mm³, from two readings: how "
                       "sure that is they do not tell, a third would\n",
                       c->dead_mm3, c->mixing_mm3);
        fmt::print("{:9} {:9} {:>9} {:>9} {:>9}\n", "from", "to", "measured", "model", "off by");
        for (std::size_t i = 0; i < readings->size(); ++i)
            fmt::print("{:9} {:9} {:9.1f} {:9.1f} {:9.1f}{}\n", to_hex((*readings)[i].from),
                       to_hex((*readings)[i].to), (*readings)[i].clean_mm3, c->readings[i].model_mm3,
                       c->readings[i].residual_mm3,
                       c->readings[i].outlier ? "  an outlier: measure it again" : "");
        fmt::print("use them with --set purge.dead_mm3={:.1f} --set purge.mixing_mm3={:.1f}\n", c->dead_mm3,
                   c->mixing_mm3);
        return 0;
    });
}

int run_guide(const std::string& into, const std::string& language) {
    return guarded([&] {
        const Offscreen qt;
        const QString code = QString::fromStdString(language);
        QTranslator translator; // of the lists that the program makes
        if (!translator.load(QStringLiteral(":/translations/vitrail_") + code))
            throw Usage{fmt::format("There is no language {}.", language)};
        QCoreApplication::installTranslator(&translator);
        QLocale words_of(code);
        words_of.setNumberOptions(QLocale::OmitGroupSeparator);
        QLocale::setDefault(words_of);
        if (const Status ok = write_guide(QString::fromStdString(into), code); !ok)
            throw Unusable{into, english(ok.error().message)};
        fmt::print("written into {}\n", into);
        return 0;
    });
}

int run_machines(bool json) {
    if (json) {
        Json list = Json::array();
        for (const Machine& m : shipped_machines())
            list.push_back(machine_to_json(m));
        std::cout << json_text(list) << "\n";
        return 0;
    }
    for (const Machine& m : shipped_machines())
        fmt::print("{:10} {}\n           {}; bed {:.0f} × {:.0f} mm, {:.0f} mm high; purge {}\n", m.id,
                   m.name, describe(m), m.bed_x_mm, m.bed_y_mm, m.height_mm, to_string(m.purge_to));
    return 0;
}

int run_filaments(bool json) {
    Json list = Json::array();
    for (const MaterialFacts& f : all_materials()) {
        Json releases = Json::array();
        for (const MaterialFacts& o : all_materials())
            if (bond(f.material, o.material) == Bond::releases)
                releases.push_back(o.id);
        list.push_back({{"material", f.id},
                        {"density_g_cm3", f.density_g_cm3},
                        {"nozzle_c", {f.nozzle_c.low, f.nozzle_c.high}},
                        {"bed_c", {f.bed_c.low, f.bed_c.high}},
                        {"flow_mm3_s", f.flow_mm3_s},
                        {"soluble", f.soluble},
                        {"does_not_bond_with", releases}});
    }
    if (json) {
        std::cout << json_text(list) << "\n";
        return 0;
    }
    fmt::print("{:13} {:>8} {:>12} {:>10} {:>8}  does not bond with\n", "material", "g/cm³", "nozzle °C",
               "bed °C", "mm³/s");
    for (const Json& f : list) {
        std::string releases;
        for (const Json& r : f["does_not_bond_with"])
            releases += (releases.empty() ? "" : ", ") + r.get<std::string>();
        fmt::print("{:13} {:8.2f} {:7.0f}–{:.0f} {:6.0f}–{:.0f} {:8.1f}  {}\n",
                   f["material"].get<std::string>(), f["density_g_cm3"].get<double>(),
                   f["nozzle_c"][0].get<double>(), f["nozzle_c"][1].get<double>(),
                   f["bed_c"][0].get<double>(), f["bed_c"][1].get<double>(), f["flow_mm3_s"].get<double>(),
                   releases);
    }
    return 0;
}

} // namespace vitrail
