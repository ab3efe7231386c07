#include "core/patch/stroke.h"
#include "core/project/regions.h"
#include "formats/archive.h"
#include "formats/files.h"
#include "formats/machine_file.h"
#include "formats/model.h"
#include "formats/picture_json.h"
#include "formats/ply.h"
#include "formats/zip.h"

#include "core/base/text.h"
#include "core/geometry/slice.h"
#include "formats/csv.h"
#include "formats/json.h"

#include "support.h"

using namespace vitrail;
using namespace vitrail::test;

/// Each reader over thousands of mutated inputs: it must end with a value or with a sentence, never with a
/// crash. Seeds are fixed, so a failure can be repeated; VITRAIL_FUZZ_ROUNDS runs more of them.
class TestFuzz : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void binary_stl();
    void ascii_stl();
    void obj();
    void threemf_bytes();
    void threemf_model();
    void archive_bytes();
    void archive_json();
    void picture_dots();
    void machine();
    void settings();
    void surface_ply();
    void imported_and_written_back();
};

namespace {

int rounds(int usual) {
    const int more = qEnvironmentVariableIntValue("VITRAIL_FUZZ_ROUNDS");
    return more > 0 ? more : usual;
}

std::string mutated(std::string s, std::mt19937& rng) {
    static const std::string pieces[] = {
        "nan", "inf", "-1", "99999999999999", "1e308", "\0", "{}", "[]", "<", "\"",
        "../", "0",   "-",  "\xff\xfe",       "null"};
    const int changes = 1 + static_cast<int>(rng() % 6);
    for (int i = 0; i < changes && !s.empty(); ++i) {
        const std::size_t at = rng() % s.size();
        switch (rng() % 6) {
        case 0:
            s[at] = static_cast<char>(rng());
            break;
        case 1:
            s.resize(at);
            break;
        case 2:
            s.insert(at, pieces[rng() % std::size(pieces)]);
            break;
        case 3:
            s.erase(at, 1 + rng() % 40);
            break;
        case 4:
            s.insert(at, s.substr(rng() % s.size(), rng() % 60));
            break;
        case 5:
            s[at] = static_cast<char>(s[at] ^ (1 << rng() % 8));
            break;
        }
    }
    return s;
}

template <class Read>
void fuzz(const std::string& seed, int count, Read read) {
    std::mt19937 rng(static_cast<unsigned>(seed.size()));
    int good = 0, bad = 0;
    for (int i = 0; i < rounds(count); ++i) {
        const auto r = read(mutated(seed, rng));
        r ? ++good : ++bad;
        if (!r)
            QVERIFY(english(r.error().message).size() > 10);
    }
    QVERIFY2(good + bad == rounds(count) && bad > 0, "the mutations must reach the reader");
}

/// What was read can be written back and read again, into every kind of file.
void write_back(const Project& p) {
    const auto archive = write_archive(p);
    QVERIFY(archive);
    const auto again = read_archive(*archive);
    QVERIFY2(again, again ? "" : english(again.error().message).c_str());
    QCOMPARE(again->pieces[0].parts.size(), p.pieces[0].parts.size());
    for (std::size_t i = 0; i < p.pieces[0].parts.size(); ++i)
        QCOMPARE(again->pieces[0].parts[i].name, p.pieces[0].parts[i].name);
    QVERIFY(!json_text(machine_to_json(p.machine)).empty());
    for (const Part& part : p.pieces[0].parts) {
        QCOMPARE(csv_records(csv_field(part.name) + ",x\r\n")[0][0], part.name);
        QVERIFY(html_escaped(part.name).find('<') == std::string::npos);
    }
}

/// What was read must also be fit for slicing, and for being written.
Result<Done> read_and_slice(Result<std::vector<Body>> bodies) {
    if (!bodies)
        return bodies.error();
    std::vector<Body> named = *bodies; // as read_model() hands them on
    for (Body& b : named)
        b.name = one_line(b.name);
    if (named.size() <= 20) {
        const auto threemf = write_3mf(named);
        bool whole = true; // the library refuses bodies without triangles
        for (const Body& b : named)
            whole &= !b.mesh.triangles.empty();
        if (whole && !threemf)
            return Error{say("what was read could not be written as 3MF")};
    }
    for (const Body& b : *bodies) {
        if (b.mesh.triangles.empty())
            continue;
        const double height = std::min(20.0, double(b.mesh.bounds.max.z) - b.mesh.bounds.min.z);
        const auto s = slice(b.mesh, make_grid(1, 1, height), b.mesh.bounds.min.z);
        if (!s)
            return s.error();
    }
    return Done{};
}

std::string ascii_box() {
    const Mesh m = solids::box(0, 0, 0, 3, 3, 3);
    std::string s = "solid box\n";
    for (const Triangle& t : m.triangles) {
        s += "facet normal 0 0 1\nouter loop\n";
        for (const std::uint32_t v : t)
            s += fmt::format("vertex {} {} {}\n", m.vertices[v].x, m.vertices[v].y, m.vertices[v].z);
        s += "endloop\nendfacet\n";
    }
    return s + "endsolid box\n";
}

/// The archive again with one of its files mutated.
std::string with_mutated(const std::string& archive, const std::string& name, std::mt19937& rng) {
    auto entries = *read_zip(archive);
    for (ZipEntry& e : entries)
        if (e.name == name)
            e.bytes = mutated(e.bytes, rng);
    const auto z = write_zip(entries);
    return z ? *z : std::string();
}

} // namespace

void TestFuzz::binary_stl() {
    fuzz(write_stl(solids::sphere(5, 12, 8), "ball"), 3000,
         [](const std::string& s) { return read_and_slice(read_stl("x", s)); });
}

void TestFuzz::ascii_stl() {
    fuzz(ascii_box(), 3000, [](const std::string& s) { return read_and_slice(read_stl("x", s)); });
}

void TestFuzz::obj() {
    fuzz("o one\nv 0 0 0\nv 2 0 0\nv 2 2 0\nv 0 2 0\nv 1 1 3\nf 4 3 2 1\nf 1 2 5\nf 2 3 5\nf 3 4 5\nf -2 -5 "
         "-1\ng two\nf 1 2 3\n",
         4000, [](const std::string& s) { return read_and_slice(read_obj("x", s)); });
}

void TestFuzz::threemf_bytes() {
    fuzz(*write_3mf({{"a", solids::box(0, 0, 0, 3, 3, 3), Srgb{1, 2, 3}}}), 2000,
         [](const std::string& s) { return read_and_slice(read_3mf("x", s)); });
}

void TestFuzz::threemf_model() {
    const std::string seed = *write_3mf(
        {{"a", solids::box(0, 0, 0, 3, 3, 3), Srgb{1, 2, 3}}, {"b", solids::box(4, 0, 0, 6, 3, 3), {}}});
    std::mt19937 rng(17);
    int bad = 0;
    for (int i = 0; i < rounds(2000); ++i)
        bad += !read_and_slice(read_3mf("x", with_mutated(seed, "3D/3dmodel.model", rng)));
    QVERIFY(bad > 0);
}

void TestFuzz::archive_bytes() {
    const Project p = [] {
        Project q;
        q.machine = *find_machine("feeder-4");
        (void)static_cast<bool>(add_model(q, 0, "box.stl", write_stl(solids::box(0, 0, 0, 3, 3, 3), "box")));
        return q;
    }();
    fuzz(*write_archive(p), 3000, [](const std::string& s) { return read_archive(s); });
}

void TestFuzz::picture_dots() {
    DotMap dots{9, 7, {}};
    for (int i = 0; i < 63; ++i)
        dots.dots.push_back(static_cast<std::uint16_t>(1000 * i));
    const std::string pgm = write_pgm(dots);
    QVERIFY(*read_pgm(pgm) == dots);
    fuzz(pgm, 3000, [](const std::string& s) { return read_pgm(s); });
    // The picture's own json within a whole project.
    const auto kept = read_file(source_file("demo/dusk.vitrail"));
    QVERIFY(kept);
    const auto entries = read_zip(*kept);
    fuzz(entries->at(0).bytes, 60, [&](const std::string& json) {
        std::vector<ZipEntry> files = *entries;
        files[0].bytes = json;
        return read_archive_files(std::move(files));
    });
}

void TestFuzz::archive_json() {
    Project p;
    p.machine = *find_machine("carousel");
    QVERIFY(add_model(p, 0, "box.stl", write_stl(solids::box(0, 0, 0, 3, 3, 3), "box")));
    assign_band(p.pieces[0], 0, 1, 2, 'A');
    p.filaments.push_back(pla('B', "#123456"));
    assign_band(p.pieces[0], 0, 2, 3, 'B');
    p.pins = {{'A', 1}};
    p.pair_purges = {{'A', 'B', 120, 1, true, "why"}};
    p.in_machine = {{'A', 1}};
    p.refill_choices = {{'B', 1, 3}};
    p.print_first = "B";
    p.settings.support = SupportStyle::columns;
    p.support_filament = 'B';
    repaint_support(p.pieces[0].parts[0], [](const Mesh& m, Paint& paint) {
        paint_heights(m, paint, 0.5, 1.5,
                      [](PatchNumber) { return static_cast<PatchNumber>(SupportWish::hold); });
    });
    add_piece(p, "tag", 3);
    QVERIFY(add_model(p, 1, "tag.stl", write_stl(solids::box(0, 0, 0, 5, 3, 1), "tag")));
    pin(p, {"tag", 2, 30, 40, 90});
    p.machine.nozzles[3].missing = true;
    p.machine.calibrations = {
        {"carousel", 0.4, Material::PLA, 30, 50, 1, 1, -1, {{{1, 2, 3}, {4, 5, 6}, 2, 100}}}};
    const std::string seed = *write_archive(p);
    std::mt19937 rng(23);
    int good = 0, bad = 0;
    for (int i = 0; i < rounds(3000); ++i) {
        const auto q = read_archive(with_mutated(seed, "project.json", rng));
        q ? ++good : ++bad;
        if (q)
            write_back(*q);
        if (q && good % 4 == 0 && q->settings.layer_mm >= 0.1 && q->settings.first_layer_mm >= 0.1)
            (void)static_cast<bool>(Planner().plan(*q)); // whatever is read must be fit for planning
    }
    QVERIFY(good > 0 && bad > 0);
}

void TestFuzz::machine() {
    Machine m = *find_machine("carousel");
    m.nozzles[2].missing = true;
    m.calibrations = {{"fixed", 0.4, Material::PETG, 30, 50, 1, 1, -1, {{{1, 2, 3}, {4, 5, 6}, 2, 100}}}};
    fuzz(write_machine(m), 5000, [](const std::string& s) { return read_machine(s); });
}

void TestFuzz::settings() {
    std::mt19937 rng(2);
    for (int i = 0; i < rounds(5000); ++i) {
        Settings s;
        const SettingInfo& info = all_settings()[rng() % all_settings().size()];
        if (!set_setting(s, info.key, mutated("0.2000", rng)))
            QCOMPARE(s, Settings{});
        const double v = info.field.of(s);
        QVERIFY(v >= info.min && v <= info.max);
    }
}

void TestFuzz::surface_ply() {
    const Mesh m = solids::torus(10, 3, 16, 8);
    Paint p = bare(m);
    paint_heights(m, p, -1, 1, [](PatchNumber) -> PatchNumber { return 1; });
    fuzz(write_ply(m, &p), 3000, [](const std::string& s) -> Result<Done> {
        const auto r = read_ply(s, 2);
        if (!r)
            return Error{say("refused: {}", r.error().message)};
        (void)patch_areas_mm2(r->mesh, r->paint, 2); // what was read can be used
        return Done{};
    });
}

void TestFuzz::imported_and_written_back() {
    // Through the whole of import, archive and back.
    const auto fuzz_import = [](const char* name, int count,
                                const std::function<std::string(std::mt19937&)>& bytes) {
        std::mt19937 rng(91);
        int good = 0;
        for (int i = 0; i < rounds(count); ++i) {
            Project p;
            p.machine = *find_machine("hand-swap");
            if (!add_model(p, 0, name, bytes(rng)))
                continue;
            write_back(p);
            ++good;
        }
        QVERIFY2(good > 0, name);
    };
    const std::string obj = "o W\xfcrfel\nv 0 0 0\nv 2 0 0\nv 2 2 0\nv 0 2 0\nv 1 1 3\nf 4 3 2 1\nf 1 2 5\nf "
                            "2 3 5\nf 3 4 5\nf 4 1 5\ng <i>two</i>\nf 1 2 3\n",
                      stl = ascii_box(),
                      threemf = *write_3mf({{"=a&b", solids::box(0, 0, 0, 3, 3, 3), Srgb{1, 2, 3}}});
    fuzz_import("x.obj", 600, [&](std::mt19937& rng) { return mutated(obj, rng); });
    fuzz_import("x.stl", 300, [&](std::mt19937& rng) { return mutated(stl, rng); });
    fuzz_import("x.3mf", 300,
                [&](std::mt19937& rng) { return with_mutated(threemf, "3D/3dmodel.model", rng); });
}

VITRAIL_TEST(TestFuzz)
#include "test_fuzz.moc"
