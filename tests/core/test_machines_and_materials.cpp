#include "core/run/offset_strip.h"
#include "core/run_sheet/run_sheet.h"

#include "core/machine/assistant.h"
#include "support.h"

#include <algorithm>

#include <QTemporaryDir>

#include <set>

using namespace vitrail;
using namespace vitrail::test;

class TestMachinesAndMaterials : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void light_through_colours();
    void strand_masses();
    void bonding();
    void material_names();
    void shipped_machines_are_those_of_the_contract();
    void a_printer_is_described();
    void machine_file_round_trips_and_refuses();
    void what_a_machine_can_do();
    void nozzles_and_slots_have_names();
    void calibration_of_the_right_nozzle();
    void the_rest_of_a_machine_comes_back();
    void settings_are_checked();
    void layer_heights();
    void editing_a_project();
    void nozzles_meant_for_something();
    void offset_strip_reads_like_a_vernier();
    void another_nozzle_changes_lines_and_layers();
    void money_has_a_currency();
    void every_setting_has_a_subject();
};

void TestMachinesAndMaterials::strand_masses() {
    // Common practice, no source: 2.405 mm² at 1.75 mm, 6.379 at 2.85; 1 m of 1.75 mm PLA is 2.98 g; 1 kg
    // about 335 m.
    Filament f = make_filament('A', Material::PLA, {});
    COMPARE_NEAR(cross_section_mm2(f), 2.405, 0.0005);
    COMPARE_NEAR(grams(f, 1000 * cross_section_mm2(f)), 2.98, 0.005);
    COMPARE_NEAR(metres(f, 1000 / f.density_g_cm3 * 1000), 335, 0.5);
    f.diameter_mm = 2.85;
    COMPARE_NEAR(cross_section_mm2(f), 6.379, 0.0005);
}

void TestMachinesAndMaterials::bonding() {
    // Common practice, no source: same class is safe; PLA with PETG and with co-polyester comes apart.
    for (const MaterialFacts& a : all_materials()) {
        QCOMPARE(bond(a.material, a.material), Bond::holds);
        for (const MaterialFacts& b : all_materials())
            QCOMPARE(bond(a.material, b.material), bond(b.material, a.material));
    }
    QCOMPARE(bond(Material::PLA, Material::PETG), Bond::releases);
    QCOMPARE(bond(Material::CoPolyester, Material::PLA), Bond::releases);
    QCOMPARE(bond(Material::TPU, Material::PA), Bond::experimental);
}

void TestMachinesAndMaterials::material_names() {
    for (const MaterialFacts& m : all_materials()) {
        QCOMPARE(parse_material(m.id), std::optional(m.material));
        QCOMPARE(facts(m.material).material, m.material);
        QVERIFY(m.nozzle_c.low < m.nozzle_c.high && m.bed_c.low < m.bed_c.high && m.density_g_cm3 > 0.5);
    }
    QCOMPARE(parse_material("petg"), std::optional(Material::PETG));
    QVERIFY(!parse_material("PL"));
    QVERIFY(!parse_material(""));
}

void TestMachinesAndMaterials::shipped_machines_are_those_of_the_contract() {
    QCOMPARE(shipped_machines().size(), std::size_t{12});
    std::set<std::string> ids;
    for (const Machine& m : shipped_machines()) {
        QVERIFY2(ids.insert(m.id).second, m.id.c_str());
        QVERIFY(!m.name.empty() && !m.note.empty() && places_for_filament(m) >= 1);
    }
    QCOMPARE(shipped_machines().front().id, std::string("hand-swap"));
    const Machine &hand = *find_machine("hand-swap"), &feeder = *find_machine("feeder-4"),
                  &twin = *find_machine("twin"), &carousel = *find_machine("carousel");
    QCOMPARE(hand.nozzles.size(), std::size_t{1});
    QVERIFY(!hand.toolheads[0].has_feeder());
    QCOMPARE(feeder.toolheads[0].slots, 4);
    QCOMPARE(twin.toolheads.size(), std::size_t{2});
    QCOMPARE(carousel.nozzles.size(), std::size_t{7});
    QCOMPARE(carousel.toolheads[1].slots, 4);
    QVERIFY(!carousel.toolheads[0].has_feeder());
    QCOMPARE(places_for_filament(carousel), 5);
    // Times per change, defaults from memory: tool 12 s, feeder 100 s, hand 180 s attended.
    QCOMPARE(twin.time(ChangeKind::tool).time_s, 12.0);
    QCOMPARE(feeder.time(ChangeKind::feeder).time_s, 100.0);
    QCOMPARE(hand.time(ChangeKind::hand).attended_s, 180.0);
}

/// The machines that ship come out of the questions as well, as far as they are asked.
void TestMachinesAndMaterials::a_printer_is_described() {
    const auto same_make_up = [](const Machine& a, const char* id) {
        const Machine& b = *find_machine(id);
        bool same = a.nozzles.size() == b.nozzles.size() && a.toolheads.size() == b.toolheads.size() &&
                    a.purge_to == b.purge_to && places_for_filament(a) == places_for_filament(b);
        for (std::size_t i = 0; same && i < a.nozzles.size(); ++i)
            same = a.by_hand(static_cast<int>(i)) == b.by_hand(static_cast<int>(i));
        return same;
    };
    MachineAnswers a;
    a.name = "x";
    QVERIFY(same_make_up(machine_from(a), "hand-swap"));
    QVERIFY(!asks_slots(a) && !asks_turns(a) && !asks_feeding(a, FedBy::feeder_each));
    a.fed_by = FedBy::one_feeder;
    QVERIFY(same_make_up(machine_from(a), "feeder-4") && asks_slots(a));
    a.chute = true;
    QVERIFY(same_make_up(machine_from(a), "feeder-4-chute"));
    a.chute = false;
    a.slots = 16;
    QVERIFY(same_make_up(machine_from(a), "feeder-16"));
    a.slots = 4;
    a.nozzles = 2;
    a.fed_by = FedBy::spools;
    QVERIFY(same_make_up(machine_from(a), "twin") && asks_turns(a));
    a.fed_by = FedBy::feeder_each;
    QVERIFY(same_make_up(machine_from(a), "twin-feeders"));
    a.fed_by = FedBy::spool_and_feeder;
    QVERIFY(same_make_up(machine_from(a), "spool-and-feeder"));
    a.nozzles = 7;
    QVERIFY(same_make_up(machine_from(a), "carousel"));
    a.fed_by = FedBy::spools;
    a.nozzles = 5;
    a.take_turns = true;
    QVERIFY(same_make_up(machine_from(a), "tools-5"));
    QCOMPARE(machine_from(a).tool.time_s, find_machine("tools-5")->tool.time_s);
    // Every default is said, and what to measure first depends on the make-up.
    QVERIFY(english(to_measure(a).front()).find("offset strip") != std::string::npos);
    a = {};
    QVERIFY(english(to_measure(a).front()).find("calibration strip") != std::string::npos);
    a.fed_by = FedBy::one_feeder;
    a.cuts = false;
    QVERIFY(machine_from(a).dead_mm3 < Machine{}.dead_mm3);
    QVERIFY(english(assumed(a).front()).find("shapes the tip") != std::string::npos);
    // Whatever is answered makes a machine that can be written and read.
    for (a.nozzles = 1; a.nozzles <= 16; a.nozzles += 5)
        for (const FedBy by : {FedBy::spools, FedBy::one_feeder, FedBy::feeder_each, FedBy::spool_and_feeder})
            for (a.slots = 1; a.slots <= 64; a.slots += 21) {
                a.fed_by = by;
                const Machine m = machine_from(a);
                QCOMPARE(static_cast<int>(m.nozzles.size()), a.nozzles);
                const auto back = read_machine(write_machine(m));
                QVERIFY2(bool(back), back ? "" : english(back.error().message).c_str());
                QVERIFY(*back == m);
            }
}

void TestMachinesAndMaterials::machine_file_round_trips_and_refuses() {
    for (const Machine& m : shipped_machines()) {
        const auto back = read_machine(write_machine(m));
        QVERIFY(back);
        QCOMPARE(write_machine(*back), write_machine(m));
    }
    const std::string good = write_machine(*find_machine("twin"));
    const std::pair<const char*, const char*> spoilt[] = {{"\"vitrail.machine/1\"", "\"vitrail.machine/9\""},
                                                          {"\"ejected\"", "\"the floor\""},
                                                          {"\"tower\"", "\"the floor\""},
                                                          {"300.0", "-3"},
                                                          {"0.4", "\"thin\""},
                                                          {"\"toolheads\"", "\"heads\""}};
    for (const auto& [from, to] : spoilt) {
        std::string bad = good;
        const std::size_t at = bad.find(from);
        if (at == std::string::npos)
            continue;
        bad.replace(at, std::string(from).size(), to);
        const auto m = read_machine(bad);
        QVERIFY2(!m, to);
        QVERIFY(!m.error().message.empty());
    }
    QVERIFY(!read_machine("{"));
    QVERIFY(!read_machine("[]"));
    QVERIFY(!read_machine(""));
}

void TestMachinesAndMaterials::what_a_machine_can_do() {
    QCOMPARE(english(what_it_can(*find_machine("hand-swap"))),
             std::string("Holds 1 filament at once; every change is a swap by hand."));
    QCOMPARE(english(what_it_can(*find_machine("feeder-4"))),
             std::string("Holds 4 filaments at once; every change purges the one nozzle; more need a refill "
                         "while a slot is idle."));
    QCOMPARE(english(what_it_can(*find_machine("twin"))),
             std::string("Holds 2 filaments at once; 2 of them on nozzles of their own, which change without "
                         "purging; more are swapped by hand."));
    // Seven nozzles, but only one spool and four slots to feed them.
    QCOMPARE(english(what_it_can(*find_machine("carousel"))),
             std::string("Holds 5 filaments at once; 5 of them on nozzles of their own, which change without "
                         "purging; with only 4 slots for 6 nozzles, more filaments mean a refill."));
    Machine m = *find_machine("carousel");
    m.nozzles[6].diameter_mm = 0.6;
    QVERIFY(english(what_it_can(m)).find("different diameter") != std::string::npos);
    for (std::size_t n = 1; n < m.nozzles.size(); ++n)
        m.nozzles[n].missing = true;
    QCOMPARE(
        english(what_it_can(m)),
        std::string("Holds 1 filament at once; every change is a swap by hand.")); // the feeder feeds nothing
    QVERIFY(english(describe(m)).find("0 nozzles and 6 missing") != std::string::npos);
}

void TestMachinesAndMaterials::nozzles_and_slots_have_names() {
    const Machine &hand = *find_machine("hand-swap"), &carousel = *find_machine("carousel");
    QCOMPARE(english(nozzle_name(hand, 0)), std::string("the nozzle"));
    QCOMPARE(english(nozzle_name(carousel, 0)), std::string("nozzle 1 (fixed)"));
    QCOMPARE(english(nozzle_name(carousel, 4)), std::string("nozzle 5 (carousel)"));
    QCOMPARE(english(slot_name(carousel, 1, 3)), std::string("carousel, slot 3"));
    QCOMPARE(english(slot_name(carousel, 0, 0)), std::string("fixed, external spool"));
    QCOMPARE(english(slot_name(*find_machine("feeder-4"), 0, 2)), std::string("slot 2"));
    QVERIFY(hand.by_hand(0) && carousel.by_hand(0) && !carousel.by_hand(1));
}

void TestMachinesAndMaterials::calibration_of_the_right_nozzle() {
    Machine m = *find_machine("carousel");
    QVERIFY(!calibration_for(m, 0, Material::PLA));
    m.calibrations = {{"fixed", 0.4, Material::PLA, 30, 50, 0, 0, 0, {}},
                      {"carousel", 0.4, Material::PLA, 31, 51, 0, 0, 0, {}},
                      {"carousel", 0.4, Material::PLA, 32, 52, 0, 0, 0, {}}};
    QCOMPARE(calibration_for(m, 0, Material::PLA)->dead_mm3, 30.0);
    QCOMPARE(calibration_for(m, 3, Material::PLA)->dead_mm3, 32.0); // the last one counts
    QVERIFY(!calibration_for(m, 3, Material::PETG));
    m.nozzles[3].diameter_mm = 0.6;
    QVERIFY(!calibration_for(m, 3, Material::PLA));
}

void TestMachinesAndMaterials::the_rest_of_a_machine_comes_back() {
    Machine m = *find_machine("carousel");
    m.nozzles[2].missing = m.nozzles[6].missing = true;
    m.nozzles[5].diameter_mm = 0.25;
    m.commands = {"T{nozzle} M6", "T{slot}", "M0 ; \"swap\" {from}>{to}", "M1"};
    m.calibrations = {{"fixed",
                       0.4,
                       Material::TPU,
                       20.5,
                       61.25,
                       1.5,
                       2.25,
                       -3,
                       {{{1, 2, 3}, {250, 240, 230}, 1.5, 321.5}}}};
    const auto back = read_machine(write_machine(m));
    QVERIFY2(back, back ? "" : english(back.error().message).c_str());
    QVERIFY(*back == m);
    // An older file, without any of it, reads with the defaults.
    std::string old = write_machine(*find_machine("carousel"));
    const auto plain = read_machine(old);
    QVERIFY(plain && plain->commands == Commands{} && plain->calibrations.empty());
}

void TestMachinesAndMaterials::settings_are_checked() {
    Settings s;
    QVERIFY(set_setting(s, "layer", "0.16"));
    QCOMPARE(s.layer_mm, 0.16);
    QVERIFY(set_setting(s, "order", "as-assigned"));
    QCOMPARE(s.order, LayerOrder::as_assigned);
    QVERIFY(set_setting(s, "purge.dead_mm3", "35.5"));
    for (const auto& [word, delta_e] : {std::pair{"strict", 1.0}, {"thrifty", 4.0}, {"normal", 2.0}}) {
        QVERIFY(set_setting(s, "delta_e", word));
        QCOMPARE(s.delta_e, delta_e);
    }
    const Settings before = s;
    for (const auto& [key, value] : {std::pair{"layer", "thick"},
                                     {"layer", "-1"},
                                     {"layer", "nan"},
                                     {"layer", "0.2mm"},
                                     {"copies", "1.5"},
                                     {"copies", "0"},
                                     {"order", "best"},
                                     {"no-such", "1"},
                                     {"infill", "101"},
                                     {"layer", ""}}) {
        const Status r = set_setting(s, key, value);
        QVERIFY2(!r, value);
        QVERIFY(english(r.error().message).find(key) != std::string::npos);
    }
    QCOMPARE(s, before);
    for (const SettingInfo& info : all_settings()) {
        const double v = info.field.of(Settings{});
        QVERIFY2(v >= info.min && v <= info.max, info.key);
        QVERIFY2(set_setting(s, info.key, setting_text(Settings{}, info)), info.key);
        QVERIFY2(std::string(info.why).size() > 20, info.key);
    }
    QCOMPARE(s, Settings{});
}

void TestMachinesAndMaterials::layer_heights() {
    // Common practice, no source: h1 = 0.24, h = 0.04 → layers 12, 13, 16, 22 end at 0.68, 0.72, 0.84, 1.08
    // mm.
    const LayerGrid fine{0.24, 0.04, 30};
    COMPARE_NEAR(fine.top_mm(12), 0.68, 1e-9);
    COMPARE_NEAR(fine.top_mm(13), 0.72, 1e-9);
    COMPARE_NEAR(fine.top_mm(16), 0.84, 1e-9);
    COMPARE_NEAR(fine.top_mm(22), 1.08, 1e-9);
    // h1 = h = 0.16 → a 19-layer piece is 3.04 mm.
    QCOMPARE(make_grid(0.16, 0.16, 3.04).count, 19);
    COMPARE_NEAR(make_grid(0.16, 0.16, 3.04).top_mm(19), 3.04, 1e-9);
    // Layers are counted by their middles.
    QCOMPARE(make_grid(0.2, 0.2, 1.0).count, 5);
    QCOMPARE(make_grid(0.2, 0.2, 1.09).count, 5);
    QCOMPARE(make_grid(0.2, 0.2, 1.11).count, 6);
    QCOMPARE(make_grid(0.2, 0.2, 0.05).count, 1);
    const LayerGrid g = make_grid(0.3, 0.2, 10);
    for (int l = 1; l <= g.count; ++l) {
        QCOMPARE(first_layer_above(g, g.bottom_mm(l)), l);
        QCOMPARE(first_layer_above(g, g.middle_mm(l) + 0.001), l + 1);
    }
    QCOMPARE(first_layer_above(g, 1e6), g.count + 1);
    QCOMPARE(first_layer_above(g, -5), 1);
}

void TestMachinesAndMaterials::editing_a_project() {
    Project p = stack("AB", 2);
    assign_band(p.pieces[0], 0, 0.4, 0.8, 'C');
    QCOMPARE(filament_at(p.pieces[0], 0, 0.5), 'C');
    QCOMPARE(filament_at(p.pieces[0], 0, 0.9), 'A');
    assign_band(p.pieces[0], 0, 0.2, 1.0, 'D'); // covers the first one whole
    QCOMPARE(p.pieces[0].bands.size(), std::size_t{1});
    assign_band(p.pieces[0], 0, 0.6, 1.4, 'B'); // overlaps: the later one wins
    QCOMPARE(filament_at(p.pieces[0], 0, 0.7), 'B');
    QCOMPARE(filament_at(p.pieces[0], 0, 0.3), 'D');
    remove_filament(p, 'B', 0);
    QCOMPARE(find_filament(p, 'B'), -1);
    QCOMPARE(p.pieces[0].parts[1].filament, char(0));
    QCOMPARE(p.pieces[0].bands.size(), std::size_t{1});
    QCOMPARE(free_letter(p), 'B');
    assign_part(p.pieces[0], 0, 'C');
    QVERIFY(p.pieces[0].bands.empty());
    QCOMPARE(free_part_name(p, "slab-1"), std::string("slab-1-2"));
}

void TestMachinesAndMaterials::light_through_colours() {
    // domain: near-black 0.3 mm, saturated mid colours 1–2, pastels 3, white 4–6. From memory.
    const auto td = [](const char* hex) { return likely_td_mm(*parse_colour(hex)); };
    COMPARE_NEAR(td("#141414"), 0.3, 0.05);
    for (const char* mid : {"#c02020", "#1f3a9e", "#1e8a3c", "#e0c010"})
        QVERIFY2(td(mid) >= 0.8 && td(mid) <= 2.1, mid);
    for (const char* pastel : {"#f0c8d0", "#c8e0c8", "#c8d4f0"})
        QVERIFY2(td(pastel) >= 2.5 && td(pastel) <= 4, pastel);
    QVERIFY(td("#f8f8f8") >= 4 && td("#f8f8f8") <= 6);
    QCOMPARE(make_filament('A', Material::PVA, *parse_colour("#141414")).td_mm, td("#141414"));
    QCOMPARE(make_filament('A', Material::PVA, *parse_colour("#141414")).price_per_kg, 75.0);
}

void TestMachinesAndMaterials::nozzles_meant_for_something() {
    // Nozzles for soluble and for structural material are not interchangeable on some machines: common
    // practice, no source.
    Project p = stack("AB", 1, "twin");
    p.filaments[1] = make_filament('B', Material::PVA, p.filaments[1].colour);
    p.machine.nozzles[0].use = NozzleUse::soluble;
    p.machine.nozzles[1].use = NozzleUse::structural;
    const auto plan = plan_of(p);
    QCOMPARE(plan->loading.nozzle[0], 1);
    QCOMPARE(plan->loading.nozzle[1], 0);
    QVERIFY(!has(*plan, "nozzle-kind"));
    pin(p, 'A', 0); // by hand where it does not belong
    const auto pinned = plan_of(p);
    QCOMPARE(pinned->loading.nozzle[0], 0);
    const Finding& f = finding(*pinned, "nozzle-kind");
    QVERIFY(f.severity == Severity::error && english(f.message).find("structural") != std::string::npos);
    QCOMPARE(f.fixes.size(), std::size_t{1});
    f.fixes[0].apply(p);
    QVERIFY(!has(*plan_of(p), "nozzle-kind"));
    p.machine.nozzles[0].use =
        NozzleUse::structural; // nobody takes what dissolves: it sits somewhere, and that is said
    QVERIFY(has(*plan_of(p), "nozzle-kind"));
    // It is kept in the machine's file.
    p.machine.nozzles[0].use = NozzleUse::soluble;
    p.machine.toolheads[1].offset = ToolheadOffset{0.15, -0.05};
    const auto again = read_machine(write_machine(p.machine));
    QVERIFY(again);
    QVERIFY(*again == p.machine);
    for (const char* bad : {R"("nozzles_for": ["any"])", R"("nozzles_for": ["odd", "any"])",
                            R"("offset_mm": [1])", R"("offset_mm": [1, 5000])"}) {
        std::string text = write_machine(*find_machine("feeder-4"));
        const auto at = text.find("\"feeder_slots\"");
        QVERIFY(at != std::string::npos);
        text.insert(at, std::string(bad) + ", ");
        if (std::string(bad) != R"("nozzles_for": ["any"])")
            QVERIFY2(!read_machine(text), bad);
    }
}

void TestMachinesAndMaterials::offset_strip_reads_like_a_vernier() {
    Project p = stack("AB", 1, "twin");
    QVERIFY(!offset_strip(p, 0) && !offset_strip(p, 2) && !offset_strip(stack("AB", 1, "feeder-4"), 1));
    const auto strip = offset_strip(p, 1);
    QVERIFY(strip);
    const auto plan = plan_of(*strip);
    QVERIFY(plan);
    for (const Finding& f : plan->findings)
        QVERIFY2(f.severity == Severity::note || f.code == "thin-stroke" || f.code == "hand-within-layer",
                 f.code.c_str());
    // Each comb by its own toolhead, and no hand swap between.
    QCOMPARE(plan->grid.count, 2);
    QCOMPARE(plan->totals.hand_swaps, 0);
    const std::vector<Part>& parts = strip->pieces[0].parts;
    QCOMPARE(parts.size(), std::size_t{4});
    QVERIFY(parts[0].filament != parts[1].filament && parts[0].filament == parts[2].filament &&
            parts[1].filament == parts[3].filament);
    QVERIFY(plan->loading.nozzle[static_cast<std::size_t>(find_filament(*strip, parts[0].filament))] == 0);
    // Middles of the lines, cut across 3 mm from where the combs meet. With the other head off by so many mm,
    // the pair of lines that come closest tells it (Vernier 1631).
    const auto middles = [&](std::size_t part, bool below) {
        const ClipperLib::cInt far = 40000, from = below ? -3050 : 2950, to = below ? -2950 : 3050;
        const Path cut{{-far, from}, {far, from}, {far, to}, {-far, to}};
        const Paths& layer = plan->pieces[0].table->parts[part].layers[1];
        std::vector<double> out;
        for (const Path& ring : intersect(layer, {cut})) {
            const auto [a, b] = std::minmax_element(
                ring.begin(), ring.end(), [](const IntPoint& p, const IntPoint& q) { return p.X < q.X; });
            out.push_back(double(a->X + b->X) / 2 / kUnitsPerMm);
        }
        std::sort(out.begin(), out.end());
        return out;
    };
    const auto first = middles(0, true), other = middles(1, false);
    QCOMPARE(first.size(), std::size_t{25});
    QCOMPARE(other.size(), std::size_t{25});
    for (const int off : {-12, -7, 0, 3, 7, 12}) {
        int best = 99;
        double least = 1e9;
        for (int n = -12; n <= 12; ++n)
            if (const double apart = std::abs(first[static_cast<std::size_t>(n + 12)] -
                                              (other[static_cast<std::size_t>(n + 12)] + 0.05 * off));
                apart < least - 1e-6)
                least = apart, best = n;
        COMPARE_NEAR(least, 0, 0.002);
        COMPARE_NEAR(offset_mm(best), 0.05 * off, 1e-12);
    }
    // The sheet gives the correction in mm.
    Project coloured = stack("AB", 1, "twin");
    const auto before = make_run_sheet(coloured, *plan_of(coloured));
    coloured.machine.toolheads[1].offset = ToolheadOffset{0.15, -0.05};
    const auto after = make_run_sheet(coloured, *plan_of(coloured));
    const auto says = [](const RunSheet& s, const char* what) {
        return std::any_of(s.preparation.begin(), s.preparation.end(),
                           [&](const Message& m) { return english(m).find(what) != std::string::npos; });
    };
    QVERIFY(says(before, "print the offset strip") && !says(before, "Correct the offset"));
    QVERIFY(says(after, "by X -0.15 mm and Y 0.05 mm"));
}

void TestMachinesAndMaterials::another_nozzle_changes_lines_and_layers() {
    // Lines about the nozzle's diameter, layers of 25 to 75 % of it: common practice, no source.
    Project p = stack("AB", 1, "feeder-4");
    Machine fine = p.machine;
    fine.nozzles[0].diameter_mm = 0.2;
    const Message said = set_machine(p, fine);
    QVERIFY(english(said).find("0.20 mm nozzle") != std::string::npos);
    COMPARE_NEAR(p.settings.line_width_mm, 0.2, 1e-9);
    COMPARE_NEAR(p.settings.layer_mm, 0.15, 1e-9);
    COMPARE_NEAR(p.settings.first_layer_mm, 0.15, 1e-9);
    for (const char* code : {"no-nozzle", "layer-height", "first-layer"})
        QVERIFY2(!has(*plan_of(p), code), code);
    Machine coarse = fine;
    coarse.nozzles[0].diameter_mm = 0.8;
    set_machine(p, coarse);
    COMPARE_NEAR(p.settings.line_width_mm, 0.8, 1e-9);
    COMPARE_NEAR(p.settings.layer_mm, 0.2, 1e-9);
    // Another machine with the same nozzle changes nothing; with nozzles of several diameters neither, as
    // nobody knows which is meant.
    const Settings kept = p.settings;
    QVERIFY(set_machine(p, coarse).empty() && p.settings == kept);
    coarse.nozzles.push_back({0.4, 0});
    QVERIFY(set_machine(p, coarse).empty() && p.settings == kept);
}

void TestMachinesAndMaterials::money_has_a_currency() {
    Settings s;
    QCOMPARE(english(say("{}", money(s, 12.5))), std::string("12.50"));
    QVERIFY(set_setting(s, "currency", "EUR"));
    QCOMPARE(english(say("{}", money(s, 12.5))), std::string("12.50 EUR"));
    QVERIFY(!set_setting(s, "currency", "shells"));
    const SettingInfo& info = *find_setting("currency");
    QCOMPARE(info.choices.size(), static_cast<std::size_t>(Currency::ZAR) + 1);
    QCOMPARE(std::string(info.choices.back()), std::string("ZAR"));
    COMPARE_NEAR(info.max, double(info.choices.size()) - 1, 0);
}

void TestMachinesAndMaterials::every_setting_has_a_subject() {
    std::vector<int> of(kSubjects, 0);
    for (const SettingInfo& info : all_settings())
        ++of[static_cast<std::size_t>(info.subject())];
    for (int s = 0; s < kSubjects; ++s) {
        QVERIFY2(of[static_cast<std::size_t>(s)] > 0, to_string(static_cast<Subject>(s)));
        QVERIFY(*to_string(static_cast<Subject>(s)));
    }
    QVERIFY(of[0] <= 14); // what belongs nowhere else must not pile up there
}

VITRAIL_TEST(TestMachinesAndMaterials)
#include "test_machines_and_materials.moc"
