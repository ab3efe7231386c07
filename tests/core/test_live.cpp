// A run that is under way: what is pressed, and what follows.
#include "support.h"

#include "core/run/live.h"
#include "formats/run_json.h"

using namespace vitrail;
using namespace vitrail::test;

class TestLive : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void as_planned();
    void waits_for_a_swap();
    void learns_its_pace();
    void pauses();
    void plates_follow();
    void unreported_and_figures();
    void tells_in_time();
    void outlives_the_program();
    void nonsense_is_refused();
};

namespace {

using What = RunEvent::What;
using Is = RunState::Is;
constexpr std::int64_t kStart = 1'800'000'000;

/// Ten layers of ten minutes, a swap before layers 4 and 8 (each 3 min), a refill in layers 5 to 7.
Run a_run(int plates = 1) {
    Run run;
    run.id = "1";
    run.title = "run";
    run.start_s = kStart;
    RunPlate p;
    p.name = "plate";
    for (int l = 0; l < 10; ++l)
        p.layers_s.push_back(600 * l + (l >= 3 ? 180 : 0) + (l >= 7 ? 180 : 0));
    p.visits = {{Visit::What::swap, 1800, 1800, 4, 0, -1, false},
                {Visit::What::refill, 2580, 4380, 7, -1, 0, false},
                {Visit::What::swap, 4380, 4380, 8, 1, -1, false}};
    // The layers that begin after a swap do so when it is done.
    p.takes_s = {180, 0, 180};
    p.says = {say("first"), say("second"), say("third")};
    p.total_s = 6360;
    for (int i = 0; i < plates; ++i)
        run.task.plates.push_back(p);
    run.task.night_from = run.task.night_to = 0;
    return run;
}

RunEvent happened(What what, double minutes, int layer = 0, int visit = -1, int plate = 0) {
    return {what, kStart + std::llround(minutes * 60), plate, layer, visit};
}

RunState state(const Run& run, double minutes) {
    return run_state(run, kStart + std::llround(minutes * 60));
}

std::int64_t minutes(std::int64_t at) {
    return std::llround(static_cast<double>(at - kStart) / 60.0);
}

} // namespace

void TestLive::as_planned() {
    Run run = a_run();
    RunState s = state(run, -30);
    QVERIFY(s.is == Is::planned);
    QCOMPARE(minutes(s.rest.end_s), 106);
    s = state(run, 30); // nobody has pressed "started": it is not taken for started
    QVERIFY(s.is == Is::planned);
    QCOMPARE(minutes(s.rest.end_s), 136);
    run.events = {happened(What::started, 5)};
    s = state(run, 20);
    QVERIFY(s.is == Is::printing);
    QCOMPARE(s.layer, 2);
    QCOMPARE(minutes(s.rest.visits[0].from_s), 35);
    QCOMPARE(minutes(s.rest.end_s), 111);
}

void TestLive::waits_for_a_swap() {
    Run run = a_run();
    run.events = {happened(What::started, 0)};
    RunState s = state(run, 50); // due at 30
    QVERIFY(s.is == Is::waiting);
    QCOMPARE(s.waits_for, 0);
    QVERIFY(std::abs(s.waited_s - 1200) < 1e-6);
    QCOMPARE(minutes(s.rest.visits[0].from_s), 50);
    QCOMPARE(minutes(s.rest.end_s), 126);
    run.events.push_back(happened(What::done, 53, 0, 0));
    s = state(run, 54);
    QVERIFY(s.is == Is::printing);
    QCOMPARE(s.layer, 4);
    QCOMPARE(minutes(s.rest.end_s), 126);
    // A refill that is not done in time makes it wait, too.
    s = state(run, 200);
    QVERIFY(s.is == Is::waiting);
    QCOMPARE(s.waits_for, 1);
    run.events.push_back(happened(What::done, 60, 0, 1));
    QCOMPARE(state(run, 200).waits_for, 2);
}

void TestLive::learns_its_pace() {
    Run run = a_run();
    run.events = {happened(What::started, 0), happened(What::layer, 11, 2), happened(What::layer, 22, 3)};
    // 22 minutes for 20: with an hour as planned counted in, (22 + 60) / (20 + 60).
    RunState s = state(run, 22);
    QVERIFY(std::abs(s.pace - 82.0 / 80) < 1e-9);
    QCOMPARE(s.layer, 3);
    QCOMPARE(minutes(s.rest.visits[0].from_s), std::llround(22 + 10 * 82.0 / 80));
    // What waits and pauses hide teaches nothing.
    run.events.push_back(happened(What::layer, 90, 5));
    QVERIFY(std::abs(state(run, 90).pace - 82.0 / 80) < 1e-9);
    run.events.push_back(happened(What::layer, 101, 6));
    QVERIFY(std::abs(state(run, 101).pace - 93.0 / 90) < 1e-9);
    // However odd the reports: bounded.
    run.events.push_back(happened(What::layer, 4000, 7));
    QVERIFY(state(run, 4000).pace <= 2);
}

void TestLive::pauses() {
    Run run = a_run();
    run.events = {happened(What::started, 0), happened(What::paused, 10), happened(What::resumed, 40)};
    RunState s = state(run, 45);
    QVERIFY(s.is == Is::printing);
    QVERIFY(std::abs(s.plan_s - 15 * 60) < 1e-6);
    QCOMPARE(minutes(s.rest.end_s), 136);
    QVERIFY(std::abs(run_figures(run).paused_s - 1800) < 1e-6);
    run.events.pop_back();
    s = state(run, 100);
    QVERIFY(s.is == Is::paused);
    QVERIFY(std::abs(s.plan_s - 600) < 1e-6);
    QVERIFY(std::abs(s.pace - 1) < 1e-9);
}

void TestLive::plates_follow() {
    Run run = a_run(2);
    run.events = {happened(What::started, 0), happened(What::done, 33, 0, 0), happened(What::done, 50, 0, 1),
                  happened(What::done, 76, 0, 2), happened(What::finished, 108)};
    RunState s = state(run, 110);
    QVERIFY(s.is == Is::between);
    QCOMPARE(s.plate, 1);
    run.events.push_back(happened(What::started, 120, 0, -1, 1));
    s = state(run, 121);
    QVERIFY(s.is == Is::printing && s.plate == 1 && s.layer == 1);
    QCOMPARE(minutes(s.rest.end_s), 226);
    run.events.push_back(happened(What::failed, 140, 3, -1, 1));
    s = state(run, 150);
    QVERIFY(s.is == Is::over && s.failed);
    // What begins by itself needs nobody to say so.
    run.task.plates[1].by_itself = true;
    run.events.resize(5);
    s = state(run, 110);
    QVERIFY(s.is == Is::printing && s.plate == 1);
}

void TestLive::unreported_and_figures() {
    Run run = a_run();
    run.events = {happened(What::started, 0), happened(What::layer, 47, 5), happened(What::finished, 110)};
    const RunFigures f = run_figures(run);
    QCOMPARE(f.unreported, 1);
    QCOMPARE(f.swaps, 0);
    QVERIFY(std::abs(f.real_s - 110 * 60) < 1e-6);
    QVERIFY(std::abs(f.planned_s - 6360) < 1e-6);
    QVERIFY(state(run, 120).is == Is::over);
}

void TestLive::tells_in_time() {
    Run run = a_run();
    QVERIFY(notices(run, state(run, 0), kStart).empty());
    run.events = {happened(What::started, 0)};
    const auto at = [&](double m) { return notices(run, state(run, m), kStart + std::llround(m * 60)); };
    QVERIFY(at(19).empty());
    QCOMPARE(at(21).size(), std::size_t(1));
    QVERIFY(!at(21)[0].due);
    QVERIFY(at(31)[0].due);
    QCOMPARE(at(31)[0].visit.index, 0);
}

void TestLive::outlives_the_program() {
    Run run = a_run(2);
    run.project_file = "/home/keeper/dusk, “late”.vitrail";
    run.task.at_night = AtNight::wait;
    run.task.plates[1].by_itself = true;
    run.events = {happened(What::started, 0), happened(What::layer, 11.5, 2), happened(What::done, 33, 0, 0)};
    const auto back = runs_from(runs_text({run, a_run()}));
    QVERIFY2(bool(back), back ? "" : english(back.error().message).c_str());
    QCOMPARE(back->size(), std::size_t(2));
    const Run& r = back->front();
    QVERIFY(r.events == run.events);
    QCOMPARE(r.project_file, run.project_file);
    QVERIFY(r.task.plates[1].by_itself && r.task.at_night == AtNight::wait);
    QCOMPARE(english(r.task.plates[0].says[2]), std::string("third"));
    const RunState a = state(run, 40), b = state(r, 40);
    QCOMPARE(a.rest.end_s, b.rest.end_s);
    QCOMPARE(a.layer, b.layer);
    QCOMPARE(runs_text(*back), runs_text({run, a_run()}));
}

void TestLive::nonsense_is_refused() {
    const std::string good = runs_text({a_run()});
    QVERIFY(!runs_from("{}") && !runs_from("") && !runs_from("[1]"));
    std::mt19937 random(9);
    for (int i = 0; i < 3000; ++i) {
        std::string text = good;
        for (int k = 0; k < 4; ++k)
            text[random() % text.size()] = "0123456789-\",:[]{}ex\0"[random() % 20];
        if (const auto r = runs_from(text))
            for (const Run& run : *r)
                QVERIFY(
                    std::isfinite(run_state(run, kStart + 3000).pace)); // what can be read can be followed
    }
}

VITRAIL_TEST(TestLive)
#include "test_live.moc"
