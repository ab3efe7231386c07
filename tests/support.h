// What several tests need: small pieces and projects.
#pragma once

#include "registry.h"

#include "core/check/findings.h"
#include "demo/solids.h"
#include "formats/archive.h"
#include "formats/import.h"
#include "formats/machine_file.h"

#include <fmt/format.h>

#include <QFile>
#include <QLocale>
#include <QRegularExpression>
#include <QTest>

#include <memory>
#include <random>
#include <string>

namespace vitrail::test {

/// As the screen has it: with the locale's decimal sign.
inline QString shown(QString english) {
    static const QRegularExpression point(QStringLiteral("(?<=\\d)\\.(?=\\d)"));
    return english.replace(point, QLocale().decimalPoint());
}
/// The number at the beginning of what is shown.
inline double shown_number(const QString& text) {
    return QLocale().toDouble(text.section(QLatin1Char(' '), 0, 0));
}

inline Filament pla(char letter, const char* hex) {
    return make_filament(letter, Material::PLA, *parse_colour(hex));
}

inline Part part(const char* name, Mesh mesh, char letter) {
    Part p;
    p.name = name;
    p.mesh = std::make_shared<Mesh>(std::move(mesh));
    p.filament = letter;
    return p;
}

/// Boxes stacked on each other, 10 × 10 × `height_mm` each, in the given filaments.
inline Project stack(const std::string& letters, double height_mm, const char* machine = "hand-swap") {
    Project p;
    p.name = "stack";
    p.machine = *find_machine(machine);
    p.filaments = {pla('A', "#141414"), pla('B', "#f2f2ea"), pla('C', "#b82e28"), pla('D', "#2f6db5")};
    for (std::size_t i = 0; i < letters.size(); ++i)
        p.pieces[0].parts.push_back(
            part(("slab-" + std::to_string(i + 1)).c_str(),
                 solids::box(0, 0, height_mm * double(i), 10, 10, height_mm * double(i + 1)), letters[i]));
    return p;
}

/// Boxes side by side, touching, all in every layer.
inline Project row(const std::string& letters, double height_mm, const char* machine = "feeder-4") {
    Project p = stack("", 1, machine);
    p.name = "row";
    for (std::size_t i = 0; i < letters.size(); ++i)
        p.pieces[0].parts.push_back(
            part(("block-" + std::to_string(i + 1)).c_str(),
                 solids::box(10.0 * double(i), 0, 0, 10.0 * double(i + 1), 10, height_mm), letters[i]));
    return p;
}

/// With its meshes in the archive: what tests build comes from no file.
inline Project carried(Project p) {
    for (Piece& piece : p.pieces)
        for (Part& x : piece.parts)
            x.model = -1, x.own_mesh = true;
    return p;
}

inline std::shared_ptr<const Plan> plan_of(const Project& p) {
    Planner planner;
    auto plan = plan_with_findings(planner, p);
    return plan ? *plan : nullptr;
}

/// Clipper's own, with round corners.
inline Paths round_offset(const Paths& area, double mm) {
    ClipperLib::ClipperOffset co(2, 0.5);
    co.AddPaths(area, ClipperLib::jtRound, ClipperLib::etClosedPolygon);
    Paths out;
    co.Execute(out, mm * kUnitsPerMm);
    return out;
}

inline bool has(const Plan& plan, const std::string& code) {
    for (const Finding& f : plan.findings)
        if (f.code == code)
            return true;
    return false;
}

inline const Finding& finding(const Plan& plan, const std::string& code) {
    for (const Finding& f : plan.findings)
        if (f.code == code)
            return f;
    static const Finding none;
    return none;
}

/// mm³ from each of `n` filaments to each other one, 10 to 609.
inline CostMatrix random_costs(int n, std::mt19937& rng) {
    CostMatrix c(n);
    for (int i = 0; i < n; ++i)
        for (int j = 0; j < n; ++j)
            if (i != j)
                c.at(i, j) = 10 + static_cast<int>(rng() % 600);
    return c;
}

inline std::string source_file(const std::string& relative) {
    return std::string(VITRAIL_SOURCE_DIR) + "/" + relative;
}

} // namespace vitrail::test

/// |a − b| ≤ tolerance, with both numbers in the message.
#define COMPARE_NEAR(a, b, tolerance)                                                                        \
    do {                                                                                                     \
        const double a_ = (a), b_ = (b);                                                                     \
        QVERIFY2(std::abs(a_ - b_) <= (tolerance), qPrintable(QStringLiteral("%1 is not within %2 of %3")    \
                                                                  .arg(a_, 0, 'g', 9)                        \
                                                                  .arg(double(tolerance))                    \
                                                                  .arg(b_, 0, 'g', 9)));                     \
    } while (false)
