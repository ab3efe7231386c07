// Toolpath files: read, timed, held against the plan, written.
#include "support.h"

#include "core/estimate/motion.h"
#include "core/run/commands.h"
#include "core/run/moves.h"
#include "core/run/read_gcode.h"
#include "core/run/write_gcode.h"
#include "demo/scenario.h"
#include "demo/toolpath.h"
#include "formats/files.h"
#include "formats/toolpath_file.h"

#include <malloc.h>

#include <QDir>
#include <QTemporaryDir>

#include <cmath>
#include <numbers>

using namespace vitrail;
using namespace vitrail::test;

class TestGcode : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void layers_by_height();
    void words_of_rs274();
    void modes_and_units();
    void first_lines_dips_and_passes();
    void pieces_one_after_another();
    void stops_between_layers();
    void times_of_moves();
    void times_by_integration();
    void arcs_take_their_length();
    void cut_anywhere();
    void a_plan_and_its_file();
    void off_by_layers();
    void wrong_filament_and_start();
    void pauses_find_their_layers();
    void writes_beside_the_original();
    void refuses_with_its_reason();
    void tools_become_swaps();
    void sequences_come_back();
    void survives_mutations();
    void large_files_stay_small();
    void g90_is_read_both_ways();
    void speed_and_flow_in_per_cent();
    void what_is_no_part_of_the_piece();
};

namespace {

ToolpathFile read(const std::string& text, const FileWords& words = {}) {
    return read_gcode(text, Motion{}, words);
}

/// Seconds of moves that follow each other, in steps so small that speeds hardly change in one: what may be
/// driven where is worked out point by point. Knows nothing of how MoveTimes does it.
double integrated_s(const std::vector<std::array<double, 3>>& corners, const std::vector<double>& speeds,
                    double a, double jump) {
    constexpr double kStep = 0.002;
    std::vector<double> limit; // speed allowed at each step's end
    limit.push_back(0);
    std::vector<double> steps;
    for (std::size_t i = 1; i < corners.size(); ++i) {
        const double dx = corners[i][0] - corners[i - 1][0], dy = corners[i][1] - corners[i - 1][1],
                     dz = corners[i][2] - corners[i - 1][2], mm = std::sqrt(dx * dx + dy * dy + dz * dz);
        const int n = std::max(1, static_cast<int>(std::ceil(mm / kStep)));
        for (int k = 0; k < n; ++k) {
            steps.push_back(mm / n);
            limit.push_back(speeds[i - 1]);
        }
        if (i + 1 < corners.size()) {
            const double ex = corners[i + 1][0] - corners[i][0], ey = corners[i + 1][1] - corners[i][1],
                         ez = corners[i + 1][2] - corners[i][2],
                         next = std::sqrt(ex * ex + ey * ey + ez * ez);
            // The largest speed at which velocities before and after differ by no more than the jump.
            double low = 0, high = std::min(speeds[i - 1], speeds[i]);
            for (int k = 0; k < 60; ++k) {
                const double v = (low + high) / 2;
                const double change =
                    v * std::sqrt(std::pow(ex / next - dx / mm, 2) + std::pow(ey / next - dy / mm, 2) +
                                  std::pow(ez / next - dz / mm, 2));
                (change <= jump ? low : high) = v;
            }
            limit.back() = high;
        }
    }
    limit.back() = 0;
    for (std::size_t i = 0; i < steps.size(); ++i)
        limit[i + 1] = std::min(limit[i + 1], std::sqrt(limit[i] * limit[i] + 2 * a * steps[i]));
    for (std::size_t i = steps.size(); i-- > 0;)
        limit[i] = std::min(limit[i], std::sqrt(limit[i + 1] * limit[i + 1] + 2 * a * steps[i]));
    double s = 0;
    for (std::size_t i = 0; i < steps.size(); ++i)
        s += 2 * steps[i] / std::max(1e-9, limit[i] + limit[i + 1]);
    return s;
}

/// So many layers of 10 mm squares; `before(n)` goes in front of a layer.
std::string squares(int layers, double height, const std::function<std::string(int)>& before = {},
                    double first = 0) {
    std::string out = "G21\nG90\nM83\nG28\n";
    const double h1 = first > 0 ? first : height;
    for (int n = 1; n <= layers; ++n) {
        if (before)
            out += before(n);
        out += fmt::format("G1 E-0.8 F1800\nG1 Z{:.3f} F600\nG0 X10 Y10 F9000\nG1 E0.8 F1800\nG1 F2400\nG1 "
                           "X20 E0.3\nG1 Y20 E0.3\nG1 X10 E0.3\nG1 Y10 E0.3\n",
                           h1 + (n - 1) * height);
    }
    return out;
}

/// Slabs stacked on a machine with swaps by hand: one swap at each border.
Project slabs(double layer_mm = 0.2, const char* machine = "hand-swap") {
    Project p = stack("ABCA", 2, machine);
    p.settings.layer_mm = p.settings.first_layer_mm = layer_mm;
    return p;
}

int count(const AgainstPlan& a, const char* code) {
    return static_cast<int>(std::count_if(a.findings.begin(), a.findings.end(),
                                          [&](const Finding& f) { return f.code == code; }));
}

} // namespace

void TestGcode::layers_by_height() {
    const ToolpathFile f = read(squares(5, 0.16, {}, 0.2));
    QCOMPARE(f.layers.size(), std::size_t(5));
    for (int n = 0; n < 5; ++n) {
        QVERIFY(std::abs(f.layers[n].z_mm - (0.2 + 0.16 * n)) < 1e-9);
        QVERIFY(std::abs(f.layers[n].height_mm - (n ? 0.16 : 0.2)) < 1e-9);
        QCOMPARE(f.layers[n].filament_mm.size(), std::size_t(1));
        QVERIFY(std::abs(f.layers[n].filament_mm[0] - 1.2) < 1e-9);
        QCOMPARE(f.layers[n].last_line, std::int64_t(4 + 9 * (n + 1)));
    }
    QVERIFY(std::abs(f.filament_mm[0] - 6) < 1e-9); // what is pulled back and pushed forth again is nothing
    QCOMPARE(f.passes, 1);
    // A height that is only travelled through is no layer, whatever comments say.
    QCOMPARE(
        read("M83\n;LAYER:1\nG1 Z0.2\nG1 X5 E1\n;LAYER:2\nG1 Z0.6\nG0 X9\nG1 Z0.2\nG1 X1 E1\n").layers.size(),
        std::size_t(1));
}

/// RS-274, NIST IR 6556, from memory of its text: section 3.3 (blanks), 3.5.3.2 (an arc around a
/// centre), 3.5.20 (G92).
void TestGcode::words_of_rs274() {
    // "g0x +0. 12 34y 7" is the same as "g0 x+0.1234 y7".
    const ToolpathFile blanks = read("g1 z0.2\ng0x +0. 12 34y 7\nm83\ng1 x1.1234 y7 e1\n"),
                       plain = read("G1 Z0.2\nG0 X0.1234 Y7\nM83\nG1 X1.1234 Y7 E1\n");
    QVERIFY(std::abs(blanks.motion_s - plain.motion_s) < 1e-9);
    QCOMPARE(blanks.layers.size(), std::size_t(1));
    QCOMPARE(blanks.lines, std::int64_t(4));
    // Words need no blanks between them, and numbers have no exponents: this is X10 and E5.
    QVERIFY(std::abs(read("M83\nG1Z0.2\nG1X10E5\n").filament_mm[0] - 5) < 1e-12);
    QVERIFY(std::abs(read("M83\nG1 Z0.2\nG1 X10E5F600\n").filament_mm[0] - 5) < 1e-12);
    QVERIFY(std::abs(read("M83\nG1 Z0.2\nG1 X123456789.123456789 E1\nG1 X-0012.500 E+2\n").filament_mm[0] -
                     2) < 1e-12); // too far is a mistake
    // Comments in parentheses anywhere, line numbers, several words without blanks, checksums as firmware has
    // them.
    const ToolpathFile f =
        read("N10 G1Z0.2(up)F600*71\nN20 M83 (relative) \nN30 G1 X10 (over) E1 ; M0\n(M600)\n/G1\n%\n");
    QCOMPARE(f.layers.size(), std::size_t(1));
    QVERIFY(f.stops.empty());
    QVERIFY(std::abs(f.filament_mm[0] - 1) < 1e-12);
    // G92: "the current point is at the coordinates given": what follows counts from there.
    const ToolpathFile shifted = read("M82\nG1 Z5\nG92 Z0.2 E10\nG1 X10 E11\n");
    QVERIFY(std::abs(shifted.layers[0].z_mm - 0.2) < 1e-12);
    QVERIFY(std::abs(shifted.filament_mm[0] - 1) < 1e-12);
}

void TestGcode::modes_and_units() {
    const double inches = read("G20\nG90\nM83\nG1 Z0.01\nG1 X1 E0.1\n").layers[0].z_mm;
    QVERIFY(std::abs(inches - 0.254) < 1e-12);
    const ToolpathFile relative = read("G91\nG1 Z0.2\nG1 X10 E1\nG1 Z0.2\nG1 X10 E1\nG90\nM83\nG1 X0 E1\n");
    QCOMPARE(relative.layers.size(), std::size_t(2));
    QVERIFY(std::abs(relative.filament_mm[0] - 3) < 1e-12);
    const ToolpathFile absolute = read("M82\nG1 Z0.2\nG1 X10 E1\nG1 E0.2\nG1 X20\nG1 E1\nG1 X30 E2.5\n");
    QVERIFY(std::abs(absolute.layers[0].filament_mm[0] - 2.5) < 1e-12);
    // E as a volume (M200, common practice): 2.405 mm³ of a strand of 1.75 mm are a millimetre.
    QVERIFY(std::abs(read("M83\nM200 D1.75\nG1 Z0.2\nG1 X10 E2.40528\n").filament_mm[0] - 1) < 1e-4);
}

/// As many pieces as the project prints one after another: each is compared, and a mistake in the second is
/// found.
void TestGcode::pieces_one_after_another() {
    Project p = stack("AB", 2);
    p.settings.times = 2;
    p.settings.by_itself = true;
    const auto plan = plan_of(p);
    demo::ToolpathWishes good, late;
    good.stops = late.stops = true;
    late.late = 1;
    const std::string first = demo::toolpath_of(p, *plan, good), second = demo::toolpath_of(p, *plan, late);
    const auto against = [&](const std::string& text) {
        return against_plan(p, *plan, read_gcode(text, p.machine.motion, file_words(p.machine.commands)));
    };
    const AgainstPlan right = against(first + first), wrong = against(first + second);
    QVERIFY2(right.layers_match && right.as_planned(),
             right.findings.empty() ? "" : english(right.findings.front().message).c_str());
    COMPARE_NEAR(
        right.file_g,
        against_plan(p, *plan, read_gcode(first, p.machine.motion, file_words(p.machine.commands))).file_g,
        1e-6);
    QVERIFY(!wrong.as_planned());
    QVERIFY2(english(wrong.findings.back().message).find("number 2") != std::string::npos,
             english(wrong.findings.back().message).c_str());
    p.settings.times = 3; // another number: that is said
    const auto other = against(first + first).findings;
    QVERIFY(
        std::any_of(other.begin(), other.end(), [](const Finding& f) { return f.code == "file-passes"; }));
}

void TestGcode::first_lines_dips_and_passes() {
    // A line drawn higher than the first layer, and one a little lower.
    const ToolpathFile high = read("M83\nG1 Z0.3\nG1 X100 E10\nG1 Z0.2\nG1 X0 E5\nG1 Z0.4\nG1 X10 E5\n");
    QCOMPARE(high.layers.size(), std::size_t(2));
    QVERIFY(std::abs(high.start_mm - 10) < 1e-12);
    QVERIFY(std::abs(high.layers[0].z_mm - 0.2) < 1e-12 &&
            std::abs(high.layers[0].filament_mm[0] - 5) < 1e-12);
    const ToolpathFile low = read("M83\nG1 Z0.18\nG1 X100 E10\nG1 Z0.2\nG1 X0 E5\nG1 Z0.4\nG1 X10 E5\n");
    QCOMPARE(low.layers.size(), std::size_t(2));
    QVERIFY(std::abs(low.layers[0].z_mm - 0.2) < 1e-12);
    // Pieces one after another.
    const std::string once = squares(4, 0.2);
    const ToolpathFile twice = read(once + once);
    QCOMPARE(twice.passes, 2);
    QCOMPARE(twice.layers.size(), std::size_t(8));
    QCOMPARE(twice.layers[4].pass, 2);
    QVERIFY(std::abs(twice.layers[4].height_mm - 0.2) < 1e-12);
    // A spiral climbs while it extrudes.
    std::string spiral = "M83\nG1 Z0.2\nG1 X10 Y0 E1\n";
    for (int i = 1; i <= 200; ++i)
        spiral += fmt::format("G1 X{:.3f} Y{:.3f} Z{:.4f} E0.1\n", 10 * std::cos(i * 0.3),
                              10 * std::sin(i * 0.3), 0.2 + i * 0.01);
    const ToolpathFile f = read(spiral);
    QCOMPARE(f.spiral_line, std::int64_t(4));
    QVERIFY(f.layers.size() > 5 && f.layers.size() < 15);
}

/// Common practice, no source: a pause before layer 4 of 0.16 mm layers stands when 0.48 mm are printed.
void TestGcode::stops_between_layers() {
    const ToolpathFile f = read(squares(8, 0.16, [](int n) {
        return n == 4 ? "M600\n" : n == 6 ? "M0 ; wait\n" : n == 7 ? "T1\nM104 S210 T1\n" : "";
    }));
    QCOMPARE(f.stops.size(), std::size_t(3));
    QCOMPARE(f.stops[0].layer, 4);
    QVERIFY(!f.stops[0].within);
    QVERIFY(std::abs(f.layers[static_cast<std::size_t>(f.stops[0].layer) - 2].z_mm - 0.48) < 1e-9);
    QCOMPARE(f.stops[1].layer, 6);
    QCOMPARE(QString::fromStdString(f.stops[1].word), QStringLiteral("M0"));
    QVERIFY(f.stops[2].what == ToolpathStop::What::tool && f.stops[2].to == 1 && f.stops[2].layer == 7);
    // Within a layer, before the first, after the last; several words are one stop; purge pushed out on the
    // spot.
    const ToolpathFile g =
        read("M83\nT0\nM0\nG1 Z0.2\nG1 X10 E1\nM600\nM0\nG1 E-2\nG1 E30\nG1 X20 E1\nM25\n");
    QCOMPARE(g.stops.size(), std::size_t(3));
    QVERIFY(g.stops[0].layer == 1 && !g.stops[0].within);
    QVERIFY(g.stops[1].layer == 1 && g.stops[1].within);
    QVERIFY(std::abs(g.stops[1].spot_mm - 28) < 1e-9);
    QCOMPARE(g.stops[2].layer, 2);
    // A machine's own words.
    const ToolpathFile own = read("M83\nG1 Z0.2\nG1 X10 E1\nSWAP_COLOUR NEXT=2\nG1 Z0.4\nG1 X0 E1\nM1600\nG1 "
                                  "Z0.6\nG1 X9 E1\nM117 M600 SWAP_COLOUR\n",
                                  {{"SWAP_COLOUR"}, {"M1600"}});
    QCOMPARE(own.stops.size(), std::size_t(2));
    QVERIFY(own.stops[0].what == ToolpathStop::What::swap && own.stops[1].what == ToolpathStop::What::pause);
}

/// Closed forms from any mechanics text: from standing to standing L/v + v/a, or 2·√(L/a) where v is not
/// reached.
void TestGcode::times_of_moves() {
    Motion m;
    m.acceleration = 1000;
    m.corner = 10;
    const auto seconds = [&](const std::string& text) { return read_gcode(text, m).motion_s; };
    QVERIFY(std::abs(seconds("G1 X100 F6000\n") - (1 + 0.1)) < 1e-9);
    QVERIFY(std::abs(seconds("G1 X4 F6000\n") - 2 * std::sqrt(4 / 1000.0)) < 1e-9);
    // Straight on there is no corner; there and back there is a full stop but for the jump; a right angle
    // lies between.
    QVERIFY(std::abs(seconds("G1 X50 F6000\nG1 X100\n") - 1.1) < 1e-9);
    const double half = line_s(50, 100, 0, 5, 1000); // back: 2·v ≤ 10
    QVERIFY(std::abs(seconds("G1 X50 F6000\nG1 X0\n") - 2 * half) < 1e-9);
    const double corner = line_s(50, 100, 0, 10 / std::numbers::sqrt2, 1000);
    QVERIFY(std::abs(seconds("G1 X50 F6000\nG1 Y50\n") - 2 * corner) < 1e-9);
    QVERIFY(std::abs(seconds("G4 P1500\nG4 S2\n") - 3.5) < 1e-9);
    QVERIFY(std::abs(seconds("M204 S500\nG1 X100 F6000\n") - (1 + 0.2)) < 1e-9);
    QVERIFY(std::abs(seconds("M83\nG1 E5 F300\n") - 1) < 1e-9);
    // Waits for heat: from 20 °C.
    QVERIFY(std::abs(seconds("M109 S220\nM109 S220\n") - 200 / m.nozzle_c_s) < 1e-9);
    // Seconds are booked to the layer they pass in.
    const ToolpathFile f =
        read_gcode("M83\nG1 Z0.2 F600\nG1 X100 E5 F6000\nG4 S7\nG1 Z0.4 F600\nG1 X0 E5 F6000\n", m);
    QVERIFY(f.layers[0].seconds > 8 && f.layers[0].seconds < 8.3);
    QVERIFY(f.layers[1].seconds > 1.0 && f.layers[1].seconds < 1.2);
}

void TestGcode::times_by_integration() {
    std::mt19937 random(5);
    std::uniform_real_distribution<double> length(0.02, 12), turn(-3, 3), speed(15, 180);
    for (const double a : {500.0, 3000.0}) {
        std::vector<std::array<double, 3>> corners{{0, 0, 0.2}};
        std::vector<double> speeds;
        std::string text = "G1 Z0.2 F60000\n";
        double direction = 0;
        MoveTimes times(8);
        for (int i = 0; i < 300; ++i) {
            direction += i % 3 ? 0.1 * turn(random) : turn(random);
            const double mm = length(random) * (i % 5 ? 0.2 : 1);
            corners.push_back({corners.back()[0] + mm * std::cos(direction),
                               corners.back()[1] + mm * std::sin(direction), 0.2});
            speeds.push_back(speed(random));
            const Direction d{std::cos(direction), std::sin(direction), 0};
            times.move(mm, speeds.back(), a, d, d);
        }
        times.finish();
        const double expected = integrated_s(corners, speeds, a, 8);
        QVERIFY2(std::abs(times.seconds() / expected - 1) < 0.003,
                 qPrintable(QStringLiteral("%1 %2").arg(times.seconds()).arg(expected)));
    }
}

/// The arc of RS-274, NIST IR 6556, 3.5.3.2 (from memory): from (7, 7) "G17 G2 x 10 y 16 i 3 j 4 z 9" goes
/// clockwise around (10, 11), radius 5.
void TestGcode::arcs_take_their_length() {
    Motion m;
    m.acceleration = 1e9;
    m.corner = 1e9;
    const auto length = [&](const std::string& text) {
        return read_gcode(text, m).motion_s * 10;
    }; // at 10 mm/s
    const double to_start = std::hypot(std::hypot(7, 7), 9);
    const double angle =
        std::fmod(std::atan2(-4, -3) - std::atan2(5, 0) + 4 * std::numbers::pi, 2 * std::numbers::pi);
    QVERIFY(std::abs(length("F600 G1 X7 Y7 Z9 F600\nG17\nG2 x 10 y 16 i 3 j 4 z 9\n") - to_start -
                     5 * angle) < 1e-6);
    QVERIFY(std::abs(length("G1 X7 Y7 Z9 F600\nG3 X10 Y16 I3 J4\n") - to_start -
                     5 * (2 * std::numbers::pi - angle)) < 1e-6);
    // By the radius: a quarter, and with a negative one the other three.
    QVERIFY(std::abs(length("F600\nG1 X10 F600\nG3 X0 Y10 R10\n") - 10 - 5 * std::numbers::pi) < 1e-6);
    QVERIFY(std::abs(length("G1 X10 F600\nG3 X0 Y10 R-10\n") - 10 - 15 * std::numbers::pi) < 1e-6);
    // A whole circle, a helix, and as many chords.
    QVERIFY(std::abs(length("G1 X10 F600\nG2 X10 I-10\n") - 10 - 20 * std::numbers::pi) < 1e-6);
    QVERIFY(std::abs(length("G1 X10 F600\nG3 X-10 Y0 Z5 I-10 J0\n") - 10 -
                     std::hypot(10 * std::numbers::pi, 5)) < 1e-6);
    std::string chords = "G1 X10 F600\n";
    for (int i = 1; i <= 2000; ++i)
        chords += fmt::format("G1 X{:.6f} Y{:.6f}\n", 10 * std::cos(i * std::numbers::pi / 1000),
                              10 * std::sin(i * std::numbers::pi / 1000));
    QVERIFY(std::abs(length(chords) - 10 - 20 * std::numbers::pi) < 1e-3);
    QVERIFY(std::abs(read("M83\nG1 X10 Z0.2\nG3 X0 Y10 I-10 E4\n").layers[0].filament_mm[0] - 4) < 1e-12);
}

void TestGcode::cut_anywhere() {
    const std::string text =
        squares(3, 0.2, [](int n) { return n == 2 ? "M600\r\n" : ""; }) + "G1 X77.123456789 E1.5e-1";
    const ToolpathFile whole = read(text);
    for (const std::size_t step : {1, 2, 7, 64, 501}) {
        GcodeReader reader(Motion{});
        for (std::size_t i = 0; i < text.size(); i += step)
            reader.read(std::string_view(text).substr(i, step));
        const ToolpathFile f = reader.finish();
        QCOMPARE(f.lines, whole.lines);
        QCOMPARE(f.bytes, whole.bytes);
        QCOMPARE(f.layers.size(), whole.layers.size());
        QCOMPARE(f.layers[2].last_line, whole.layers[2].last_line);
        QCOMPARE(f.layers[1].seam.byte, whole.layers[1].seam.byte);
        QCOMPARE(f.stops[0].at.byte, whole.stops[0].at.byte);
        QVERIFY(std::abs(f.motion_s - whole.motion_s) < 1e-9);
        QVERIFY(std::abs(f.filament_mm[0] - whole.filament_mm[0]) < 1e-12);
    }
}

void TestGcode::a_plan_and_its_file() {
    for (const char* machine : {"hand-swap", "feeder-4", "twin"}) {
        Project p = slabs(0.2, machine);
        p.settings.min_layer_s = 0; // its program does not wait
        const auto plan = plan_of(p);
        demo::ToolpathWishes wishes;
        wishes.stops = true;
        const AgainstPlan a = against_plan(p, *plan,
                                           read_gcode(demo::toolpath_of(p, *plan, wishes), p.machine.motion,
                                                      file_words(p.machine.commands)));
        QVERIFY2(a.as_planned() && a.layers_match,
                 a.findings.empty() ? machine : english(a.findings[0].message).c_str());
        QCOMPARE(a.stops.size(), plan->changes.size());
        // Its program lays down what the plan expects, filament by filament.
        for (const ComparedFilament& f : a.filaments)
            QVERIFY2(std::abs(f.file_g - plan->use[static_cast<std::size_t>(f.filament)].model_g) <
                         0.01 * f.file_g + 1e-3,
                     machine);
        if (plan->tower.layers == 0) // its program lays no tower
            QVERIFY2(
                std::abs(a.file_s / a.planned_s - 1) <
                    0.45, // so small that moves between lines weigh much; the picture is within 15 %
                qPrintable(QLatin1String(machine) + QStringLiteral(" %1 %2").arg(a.file_s).arg(a.planned_s)));
    }
    // Absolute extrusion and inches say the same.
    const Project p = slabs();
    const auto plan = plan_of(p);
    demo::ToolpathWishes mm, inches;
    mm.stops = inches.stops = inches.inches = true;
    inches.relative_e = false;
    const ToolpathFile a = read_gcode(demo::toolpath_of(p, *plan, mm), p.machine.motion),
                       b = read_gcode(demo::toolpath_of(p, *plan, inches), p.machine.motion);
    QCOMPARE(a.layers.size(), b.layers.size());
    QVERIFY(std::abs(a.filament_mm[0] - b.filament_mm[0]) < 0.01);
    QVERIFY(std::abs(a.motion_s / b.motion_s - 1) < 0.01);
}

void TestGcode::off_by_layers() {
    const Project p = slabs();
    const auto plan = plan_of(p);
    const auto against = [&](demo::ToolpathWishes w) {
        return against_plan(p, *plan, read(demo::toolpath_of(p, *plan, w)));
    };
    demo::ToolpathWishes late;
    late.stops = true;
    late.late = 1;
    const AgainstPlan a = against(late);
    QCOMPARE(count(a, "file-change-late"), 3);
    QVERIFY(english(a.findings[0].message).find("one off") != std::string::npos);
    QCOMPARE(a.stops[0].off, 1);
    QVERIFY(a.findings[0].layer == plan->changes[0].layer);
    late.late = -2;
    QCOMPARE(count(against(late), "file-change-early"), 3);
    late.late = 0;
    late.leave_out = {1};
    const AgainstPlan missing = against(late);
    QCOMPARE(count(missing, "file-change-missing"), 1);
    QVERIFY(missing.stops[1].state == ComparedStop::State::missing &&
            missing.stops[2].state == ComparedStop::State::as_planned);
    // Another first layer, other layers, too many.
    demo::ToolpathWishes first;
    first.first_layer_mm = 0.28;
    QCOMPARE(count(against(first), "file-first-layer"), 1);
    const AgainstPlan heights = against_plan(p, *plan, read(squares(40, 0.25, {}, 0.2)));
    QCOMPARE(count(heights, "file-layer-height"), 1);
    QVERIFY(!heights.layers_match);
    const AgainstPlan more = against_plan(p, *plan, read(squares(43, 0.2)));
    QCOMPARE(count(more, "file-layers"), 1);
    const AgainstPlan extra =
        against_plan(p, *plan, read(squares(40, 0.2, [&](int n) {
                         return n == 11 || n == 21 || n == 31 || n == 35 ? "M600\n" : "";
                     })));
    QCOMPARE(count(extra, "file-change-extra"), 1);
    QCOMPARE(extra.extra.size(), std::size_t(1));
}

void TestGcode::wrong_filament_and_start() {
    const Project p = slabs(0.2, "feeder-4");
    const auto plan = plan_of(p);
    std::string text;
    demo::ToolpathWishes w;
    w.stops = true;
    text = demo::toolpath_of(p, *plan, w);
    const std::string to_b = "T" + std::to_string(tool_for(p, *plan, plan->changes[0])) + "\n";
    const std::size_t at = text.find("\n" + to_b);
    QVERIFY(at != std::string::npos);
    std::string wrong = text;
    wrong.replace(at + 1, to_b.size(), "T3\n");
    const AgainstPlan a = against_plan(p, *plan, read(wrong));
    QCOMPARE(count(a, "file-change-filament"), 1);
    QVERIFY(a.stops[0].wrong_filament);
    std::string start = text;
    start.insert(start.find("G28\n") + 4, "T3\n");
    QCOMPARE(count(against_plan(p, *plan, read(start)), "file-start-filament"), 1);
}

/// A property: pauses written into files of any make stand between the right layers.
void TestGcode::pauses_find_their_layers() {
    std::mt19937 random(11);
    const auto pick = [&](int n) { return static_cast<int>(random() % static_cast<unsigned>(n)); };
    for (int round = 0; round < 40; ++round) {
        Project p = stack("", 1);
        p.settings.layer_mm = 0.08 + 0.02 * pick(9);
        p.settings.first_layer_mm = 0.1 + 0.02 * pick(9);
        double z = 0;
        for (int i = 0; i < 4; ++i) {
            const double h = 0.5 + 0.1 * pick(12);
            p.pieces[0].parts.push_back(
                part(fmt::format("slab-{}", i).c_str(), solids::box(0, 0, z, 10, 10, z + h), "ABCD"[i]));
            z += h;
        }
        const auto plan = plan_of(p);
        // A program with its own ways: hops, wipes, dwells, layers named wrongly, blank lines, carriage
        // returns.
        std::string text = pick(2) ? "G21\r\nG90\r\nM82\r\n" : "G90\nM82\n";
        double e = 0;
        for (int n = 1; n <= plan->grid.count; ++n) {
            const double top = plan->grid.top_mm(n);
            text += fmt::format(";LAYER:{}\nG1 E{:.4f}\n", n + pick(3), e - 1);
            if (pick(2))
                text += fmt::format("G1 X9 Y{} F6000\n", pick(9)); // a wipe
            if (pick(2))
                text += fmt::format("G1 Z{:.3f}\nG0 X50 Y50\n", top + 0.4);
            text += fmt::format("G1 Z{:.3f} F600\nG0 X{} Y1\nG1 E{:.4f}\n", top, pick(5), e);
            for (int k = 0; k < 3; ++k) {
                if (pick(4) == 0)
                    text += fmt::format("G1 Z{:.3f}\nG0 X{}\nG1 Z{:.3f}\n", top + 0.4, pick(40),
                                        top); // a hop within the layer
                text += fmt::format("G1 X{} Y{} E{:.4f}\n", 10 + 20 * k + pick(9), 5 + pick(9), e += 0.5);
            }
        }
        const ToolpathFile before = read(text);
        const AgainstPlan a = against_plan(p, *plan, before);
        QVERIFY(a.layers_match);
        const auto put_in = insertions(p, *plan, before, a, {});
        QVERIFY2(bool(put_in), put_in ? "" : english(put_in.error().message).c_str());
        QCOMPARE(put_in->size(), plan->changes.size());
        std::string written;
        std::size_t from = 0;
        for (const Insertion& i : *put_in) {
            written += text.substr(from, i.byte - from) + i.text;
            from = i.byte;
        }
        written += text.substr(from);
        const ToolpathFile after = read(written);
        QCOMPARE(after.stops.size(), plan->changes.size());
        for (std::size_t i = 0; i < plan->changes.size(); ++i) {
            QCOMPARE(after.stops[i].layer, plan->changes[i].layer);
            QVERIFY(!after.stops[i].within);
            QVERIFY(std::abs(after.layers[static_cast<std::size_t>(after.stops[i].layer) - 2].z_mm -
                             plan->changes[i].z_before_mm) < 1e-3);
        }
        QVERIFY(bool(proven(p, *plan, before, after)));
        for (const Finding& f : against_plan(p, *plan, after).findings) // squares are not the piece
            QVERIFY(f.severity != Severity::error || f.code == "file-grams");
    }
}

void TestGcode::writes_beside_the_original() {
    QTemporaryDir folder;
    const Project p = slabs();
    const auto plan = plan_of(p);
    const std::string text = demo::toolpath_of(p, *plan),
                      original = folder.filePath("plain.gcode").toStdString(),
                      out = folder.filePath("paused.gcode").toStdString();
    QVERIFY(bool(write_file(original, text)));
    const auto before = read_toolpath(original, p.machine.motion, file_words(p.machine.commands));
    QVERIFY(bool(before));
    const auto put_in = insertions(p, *plan, *before, against_plan(p, *plan, *before), {});
    QVERIFY(bool(put_in));
    QVERIFY(bool(write_toolpath(p, *plan, original, out, *before, *put_in)));
    QCOMPARE(*read_file(original), text);
    // Byte for byte but for the pauses.
    std::string written = *read_file(out);
    for (const Insertion& i : *put_in)
        written.erase(written.find(i.text), i.text.size());
    QCOMPARE(written, text);
    // Never over itself, also by another name; nothing is left behind.
    QVERIFY(!write_toolpath(p, *plan, original, folder.path().toStdString() + "/./plain.gcode", *before,
                            *put_in));
    QCOMPARE(*read_file(original), text);
    // A file that has changed meanwhile.
    QVERIFY(bool(write_file(original, text + "M0\n")));
    QVERIFY(
        !write_toolpath(p, *plan, original, folder.filePath("third.gcode").toStdString(), *before, *put_in));
    QCOMPARE(QDir(folder.path()).entryList(QDir::Files).size(), 2);
    // Not a toolpath file at all.
    QVERIFY(bool(write_file(out, std::string("PK\3\4\0\0\0", 7))));
    QVERIFY(english(read_toolpath(out, {}, {}).error().message).find("not text") != std::string::npos);
    QVERIFY(bool(write_file(out, "dear diary\n")));
    QVERIFY(!read_toolpath(out, {}, {}));
    QVERIFY(!read_toolpath(folder.filePath("nowhere").toStdString(), {}, {}));
}

void TestGcode::refuses_with_its_reason() {
    const Project p = slabs();
    const auto plan = plan_of(p);
    const auto why = [&](const std::string& text, InsertionWishes w = {}) {
        const ToolpathFile f = read(text);
        const auto r = insertions(p, *plan, f, against_plan(p, *plan, f), w);
        return r ? std::string() : english(r.error().message);
    };
    QVERIFY(why(squares(40, 0.2)).empty());
    QVERIFY(why(squares(40, 0.2, {}, 0.28)).find("first layer is 0.28") != std::string::npos);
    QVERIFY(why(squares(20, 0.4)).find("layers of the file are not those of the plan") != std::string::npos);
    const auto late = [](int n) { return n == 12 ? "M600\n" : ""; };
    QVERIFY(why(squares(40, 0.2, late)).find("wrong place") != std::string::npos);
    QVERIFY(why(squares(40, 0.2, late), {false, true}).empty());
    const auto extra = [](int n) { return n == 38 ? "M0\n" : ""; };
    QVERIFY(why(squares(40, 0.2, extra)).find("the plan does not") != std::string::npos);
    QVERIFY(why(squares(40, 0.2, extra), {false, true}).empty());
    QVERIFY(why(squares(40, 0.2) + squares(40, 0.2)).find("one after another") != std::string::npos);
    // A swap within a layer: only the other program knows where.
    Project within = row("AB", 2, "hand-swap");
    const auto both = plan_of(within);
    const ToolpathFile f = read(squares(both->grid.count, 0.2));
    const auto r = insertions(within, *both, f, against_plan(within, *both, f), {});
    QVERIFY(!r && english(r.error().message).find("within layer") != std::string::npos);
}

void TestGcode::tools_become_swaps() {
    // Side by side on one nozzle: the file has a tool for each, and the machine a person.
    Project p = row("AB", 1, "hand-swap");
    const auto plan = plan_of(p);
    demo::ToolpathWishes w;
    w.tools = true;
    const std::string text = demo::toolpath_of(p, *plan, w);
    const ToolpathFile before = read(text);
    const AgainstPlan a = against_plan(p, *plan, before);
    QVERIFY(count(a, "file-change-tool") > 0);
    QVERIFY(!insertions(p, *plan, before, a, {}));
    const auto put_in = insertions(p, *plan, before, a, {true, false});
    QVERIFY2(bool(put_in), put_in ? "" : english(put_in.error().message).c_str());
    QVERIFY(put_in->size() >= plan->changes.size());
    QTemporaryDir folder;
    const std::string original = folder.filePath("tools.gcode").toStdString(),
                      out = folder.filePath("swaps.gcode").toStdString();
    QVERIFY(bool(write_file(original, text)));
    const Status ok = write_toolpath(p, *plan, original, out, before, *put_in);
    QVERIFY2(bool(ok), ok ? "" : english(ok.error().message).c_str());
    const ToolpathFile after = read(*read_file(out));
    QVERIFY(std::none_of(after.stops.begin(), after.stops.end(),
                         [](const ToolpathStop& s) { return s.what == ToolpathStop::What::tool; }));
    QVERIFY(against_plan(p, *plan, after).as_planned());
    // A feeder's changes can be put into a file that has none, as one nozzle prints all of it; the first
    // filament is called, too.
    const Project fed = slabs(0.2, "feeder-4");
    const auto fed_plan = plan_of(fed);
    const ToolpathFile plain = read(demo::toolpath_of(fed, *fed_plan));
    const auto calls = insertions(fed, *fed_plan, plain, against_plan(fed, *fed_plan, plain), {});
    QVERIFY(bool(calls));
    QVERIFY(calls->size() >= fed_plan->changes.size());
}

/// What the machine writes at a swap may be several lines: they must leave everything as it was.
void TestGcode::sequences_come_back() {
    Project p = slabs();
    const auto written = [&](const std::string& hand, bool relative) -> std::string {
        p.machine.commands.hand = hand;
        const auto plan = plan_of(p);
        demo::ToolpathWishes w;
        w.relative_e = relative;
        const std::string text = demo::toolpath_of(p, *plan, w);
        const FileWords words = file_words(p.machine.commands);
        const ToolpathFile before = read(text, words);
        const auto put_in = insertions(p, *plan, before, against_plan(p, *plan, before), {});
        if (!put_in)
            return english(put_in.error().message);
        std::string out;
        std::size_t from = 0;
        for (const Insertion& i : *put_in) {
            out += text.substr(from, i.byte - from) + i.text;
            from = i.byte;
        }
        out += text.substr(from);
        const ToolpathFile after = read(out, words);
        const Status ok = proven(p, *plan, before, after);
        if (ok && !after.stops.empty())
            return fmt::format("{} stops, {:.1f}", after.stops.size(), after.stops[0].spot_mm);
        return ok ? std::string("no stops") : english(ok.error().message);
    };
    const std::string whole = "G1 Z{up} F600\nG0 X0 Y0 F9000\nM300 S440\nM0 ; {from} out, {to} in\nG1 "
                              "E{purge_mm} F300\nG92 E{e}\nG0 X{x} Y{y}\nG1 Z{z} F600\nG1 F{feed}";
    QVERIFY2(QString::fromStdString(written(whole, false)).startsWith("3 stops"),
             written(whole, false).c_str());
    QVERIFY2(QString::fromStdString(written("M600", true)).startsWith("3 stops"),
             written("M600", true).c_str());
    QVERIFY(written("G91\nG1 Z10\nM600", true).find("counting otherwise") != std::string::npos);
    QVERIFY(written("G1 Z{up}\nM600", true).find("another place") != std::string::npos);
    QVERIFY(written("M600\nG1 E50 F300", false).find("filament's count") != std::string::npos);
    QVERIFY(written("M600\nG1 E50 F300", true).find("another speed") != std::string::npos);
    QVERIFY(written("M117 swap", true).find("do not stop a print") != std::string::npos);
}

void TestGcode::survives_mutations() {
    std::mt19937 random(3);
    const std::string good = squares(4, 0.2, [](int n) {
                                 return n == 3 ? "M600 ; swap\nT1\nG2 X15 Y15 I2 J3 E1\n" : "";
                             }).substr(0, 900);
    const std::string bytes = "GMTXYZEFIJRS0123456789.-+;()*\n\r \t\0\xff#{e";
    for (int round = 0; round < 10'000; ++round) {
        std::string text = good;
        for (int k = static_cast<int>(random() % 12); k >= 0; --k) {
            const std::size_t at = random() % text.size();
            switch (random() % 4) {
            case 0:
                text[at] = bytes[random() % bytes.size()];
                break;
            case 1:
                text.erase(at, random() % 20);
                break;
            case 2:
                text.insert(at, std::string(random() % 30, bytes[random() % bytes.size()]));
                break;
            default:
                text.insert(at, text.substr(random() % text.size(), random() % 60));
                break;
            }
            if (text.empty())
                text = "G";
        }
        GcodeReader reader(Motion{}, {{"PAUSE"}, {"M1"}});
        reader.read(std::string_view(text).substr(0, text.size() / 2));
        reader.read(std::string_view(text).substr(text.size() / 2));
        const ToolpathFile f = reader.finish();
        QVERIFY(std::isfinite(f.motion_s) && f.motion_s >= 0);
        QCOMPARE(f.bytes, std::uint64_t(text.size()));
        for (const ToolpathLayer& l : f.layers)
            QVERIFY(std::isfinite(l.z_mm) && l.seam.byte <= f.bytes);
        for (const ToolpathStop& s : f.stops)
            QVERIFY(s.layer >= 1 && s.layer <= static_cast<int>(f.layers.size()) + 1 &&
                    s.at.byte <= s.end_byte && s.end_byte <= f.bytes);
    }
}

/// Memory grows with layers and stops, not with lines.
void TestGcode::large_files_stay_small() {
    GcodeReader reader(Motion{});
    const std::string line = "G1 X10.125 Y20.250 E0.04321\nG1 X20.125 Y10.250 E0.04321\n";
    std::string block;
    for (int i = 0; i < 10'000; ++i)
        block += line;
    reader.read("M83\n");
    // What the program holds, in bytes (glibc's own count; none of it under sanitizers).
    const auto held = [] {
        const struct mallinfo2 m = mallinfo2();
        return static_cast<std::int64_t>(m.uordblks + m.hblkhd);
    };
    std::int64_t after_ten = 0;
    for (int n = 1; n <= 60; ++n) {
        reader.read(fmt::format("G1 Z{:.2f}\n", n * 0.2));
        reader.read(block);
        if (n == 10)
            after_ten = held();
    }
    // Fifty layers of 20,000 lines, 28 MB: no more than some figures for each layer.
    QVERIFY2(held() - after_ten < 50 * 4096, qPrintable(QString::number(held() - after_ten)));
    const ToolpathFile f = reader.finish();
    QCOMPARE(f.layers.size(), std::size_t(60));
    QCOMPARE(f.lines, std::int64_t(1 + 60 * 20'001));
    QVERIFY(std::abs(f.layers[59].filament_mm[0] - 20'000 * 0.04321) < 1e-6);
}

/// M83 before G90: in some firmware the filament is absolute again, in other it is not (common practice, no
/// source). The same squares, counted both ways, are read as what they are.
void TestGcode::g90_is_read_both_ways() {
    const auto squares_of = [](bool relative) {
        std::string text = "G21\nM83\nG90\n";
        double e = 0;
        for (int n = 1; n <= 20; ++n) {
            text += fmt::format("G0 Z{:.2f} F3000\n", 0.2 * n);
            for (const auto& [x, y] : {std::pair{20, 0}, {20, 20}, {0, 20}, {0, 0}})
                text += fmt::format("G1 X{} Y{} E{:.4f}\n", x, y, relative ? 0.7 : e += 0.7);
        }
        return text;
    };
    for (const bool relative : {false, true}) {
        const ToolpathFile f = read(squares_of(relative));
        QCOMPARE(f.layers.size(), std::size_t(20));
        QVERIFY(f.g90_line == 3 && f.g90_sets_e == !relative);
        COMPARE_NEAR(f.filament_mm[0], 20 * 4 * 0.7, 1e-6);
        FileWords fixed;
        fixed.g90_sets_e = !relative; // the machine knows
        COMPARE_NEAR(read(squares_of(relative), fixed).filament_mm[0], 20 * 4 * 0.7, 1e-6);
    }
    QVERIFY(!read("M82\nG90\nG1 X10 E1\nG1 X20 E2\n").g90_line); // nothing depends on it
    QVERIFY(!read("M83\nG90\nM83\nG1 X10 E1\n").g90_line);
}

void TestGcode::speed_and_flow_in_per_cent() {
    const std::string line = "G1 X100 F3000 E5\nG1 X0 E5\n", start = "M83\nG1 Z0.2 F600\n";
    const ToolpathFile as_is = read(start + line), slow = read(start + "M220 S50\n" + line),
                       more = read(start + "M221 S120\n" + line);
    COMPARE_NEAR(more.filament_mm[0], 12, 1e-9);
    COMPARE_NEAR(more.motion_s, as_is.motion_s, 1e-9);
    // 200 mm at 50 mm/s take 4 s and what it takes to get going; at 25 mm/s 8.
    QVERIFY(slow.motion_s > as_is.motion_s + 3.5 && slow.motion_s < as_is.motion_s + 4.5);
}

/// A line drawn below the first layer, a wipe in between, a tower that catches up: the layers are the plan's.
void TestGcode::what_is_no_part_of_the_piece() {
    const Project p = stack("AB", 2);
    const auto plan = plan_of(p);
    const double mm3 = grams(p.filaments[0], 1) > 0 ? plan->totals.model_g / grams(p.filaments[0], 1) : 0,
                 e = mm3 / 2.40528 / plan->grid.count / 4;
    std::string text = "G90\nM83\nG1 Z0.12 F600\nG1 X0 Y0\nG1 X150 E9\nG1 Y1\nG1 X0 E9\n";
    for (int n = 1; n <= plan->grid.count; ++n) {
        if (n == plan->changes[0].layer)
            text += "M600\n";
        if (n == 7)
            text += "G1 Z1.3 F600\nG1 X60 E0.1\n"; // between layers
        text += fmt::format("G1 Z{:.3f} F600\nG1 X50 Y50 F9000\n", plan->grid.top_mm(n));
        for (const auto& [x, y] : {std::pair{60, 50}, {60, 60}, {50, 60}, {50, 50}})
            text += fmt::format("G1 X{} Y{} E{:.5f}\n", x, y, e);
        if (n == 9)
            text += fmt::format("G1 Z{:.3f} F600\nG1 X80 E0.2\n", plan->grid.top_mm(8)); // a tower, behind
    }
    const ToolpathFile f = read(text);
    QVERIFY(f.layers.size() > static_cast<std::size_t>(plan->grid.count));
    const AgainstPlan a = against_plan(p, *plan, f);
    QVERIFY(a.layers_match);
    for (const Finding& x : a.findings)
        QVERIFY2(x.severity != Severity::error, english(x.message).c_str());
    QVERIFY(a.stops[0].state == ComparedStop::State::as_planned);
    // Within the layer instead of before it is no match.
    std::string late = text;
    const auto at = late.find("M600\n");
    late.erase(at, 5);
    late.insert(late.find(" E", at) + 20, "\nM600\n");
    QVERIFY(!against_plan(p, *plan, read(late)).as_planned());
}

VITRAIL_TEST(TestGcode)
#include "test_gcode.moc"
