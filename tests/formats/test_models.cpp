#include "formats/model.h"
#include "formats/zip.h"

#include "core/base/text.h"
#include "core/layers/bodies.h"
#include "core/run/commands.h"
#include "core/run_sheet/run_sheet.h"
#include "formats/csv.h"
#include "formats/export.h"
#include "formats/json.h"
#include "formats/report.h"

#include "support.h"

#include <cstring>

using namespace vitrail;
using namespace vitrail::test;

namespace {

/// A 3MF as another program would write it, from its model part.
std::string threemf(const std::string& model) {
    const auto zip = write_zip(
        {{"[Content_Types].xml",
          "<?xml version=\"1.0\" encoding=\"UTF-8\"?><Types "
          "xmlns=\"http://schemas.openxmlformats.org/package/2006/content-types\">"
          "<Default Extension=\"rels\" "
          "ContentType=\"application/vnd.openxmlformats-package.relationships+xml\"/>"
          "<Default Extension=\"model\" "
          "ContentType=\"application/vnd.ms-package.3dmanufacturing-3dmodel+xml\"/></Types>"},
         {"_rels/.rels",
          "<?xml version=\"1.0\" encoding=\"UTF-8\"?><Relationships "
          "xmlns=\"http://schemas.openxmlformats.org/package/2006/relationships\">"
          "<Relationship Target=\"/3D/3dmodel.model\" Id=\"rel0\" "
          "Type=\"http://schemas.microsoft.com/3dmanufacturing/2013/01/3dmodel\"/></Relationships>"},
         {"3D/3dmodel.model", model}});
    return zip ? *zip : std::string();
}

const char* const kTetra =
    "<mesh><vertices><vertex x=\"0\" y=\"0\" z=\"0\"/><vertex x=\"1\" y=\"0\" z=\"0\"/><vertex x=\"0\" "
    "y=\"1\" z=\"0\"/><vertex x=\"0\" y=\"0\" z=\"1\"/></vertices>"
    "<triangles><triangle v1=\"0\" v2=\"2\" v3=\"1\"/><triangle v1=\"0\" v2=\"1\" v3=\"3\"/><triangle "
    "v1=\"1\" v2=\"2\" v3=\"3\"/><triangle v1=\"0\" v2=\"3\" v3=\"2\"/></triangles></mesh>";

std::string model(const std::string& resources, const std::string& build,
                  const std::string& unit = "millimeter") {
    return "<?xml version=\"1.0\" encoding=\"UTF-8\"?><model unit=\"" + unit +
           "\" xml:lang=\"en-US\" xmlns=\"http://schemas.microsoft.com/3dmanufacturing/core/2015/02\" "
           "xmlns:m=\"http://schemas.microsoft.com/3dmanufacturing/material/2015/02\"><resources>" +
           resources + "</resources><build>" + build + "</build></model>";
}

} // namespace

class TestModels : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void binary_stl_round_trips();
    void ascii_stl_with_several_solids();
    void stl_mistakes_are_named();
    void obj_groups_and_polygons();
    void obj_mistakes_are_named();
    void threemf_round_trips();
    void threemf_components_transforms_and_units();
    void threemf_colours();
    void threemf_colours_by_triangle();
    void obj_colours_by_vertex_and_material();
    void colours_become_regions();
    void too_many_colours_are_put_together();
    void threemf_colours_are_opaque_and_named();
    void names_that_are_no_utf8();
    void odd_names_go_through_every_file();
    void no_usable_triangle_is_an_error();
    void beyond_every_printer_is_an_error();
    void numbers_in_files_have_a_point();
    void reading_stops_when_told();
    void threemf_mirrored_part_is_not_inside_out();
    void the_kind_follows_from_the_content();
    void zip_bombs_and_path_tricks();
    void adding_models_to_a_project();
};

void TestModels::binary_stl_round_trips() {
    const Mesh sphere = solids::sphere(5, 24, 12);
    const auto back = read_stl("ball", write_stl(sphere, "a sphere"));
    QVERIFY(back);
    QCOMPARE((*back)[0].name, std::string("ball"));
    QCOMPARE((*back)[0].mesh.triangles.size(), sphere.triangles.size());
    QCOMPARE((*back)[0].mesh.vertices.size(), sphere.vertices.size()); // welded again
    QVERIFY((*back)[0].mesh.check.clean());
    COMPARE_NEAR(volume_mm3((*back)[0].mesh), volume_mm3(sphere), 1e-3);
    // Some programs begin a binary file with "solid".
    QVERIFY(read_stl("ball", write_stl(sphere, "solid ball")));
}

void TestModels::ascii_stl_with_several_solids() {
    const auto solid = [](const std::string& name, double x) {
        const Mesh m = solids::box(x, 0, 0, x + 1, 1, 1);
        std::string s = "solid " + name + "\r\n";
        for (const Triangle& t : m.triangles) {
            s += "  facet normal 0 0 0\n    outer loop\n";
            for (const std::uint32_t v : t)
                s += fmt::format("      vertex {} {} +{}\n", m.vertices[v].x, m.vertices[v].y,
                                 m.vertices[v].z);
            s += "    endloop\n  endfacet\n";
        }
        return s + "endsolid " + name + "\n";
    };
    const auto two = read_stl("pair", solid("left hand", 0) + solid("", 3));
    QVERIFY(two);
    QCOMPARE(two->size(), std::size_t{2});
    QCOMPARE((*two)[0].name, std::string("left hand"));
    QCOMPARE((*two)[1].name, std::string("pair"));
    COMPARE_NEAR(volume_mm3((*two)[1].mesh), 1, 1e-6);
    COMPARE_NEAR((*two)[1].mesh.bounds.min.x, 3, 1e-6);
}

void TestModels::stl_mistakes_are_named() {
    const std::string good = write_stl(solids::box(0, 0, 0, 1, 1, 1), "box");
    const auto cut = read_stl("x", std::string_view(good).substr(0, good.size() - 30));
    QVERIFY(!cut);
    QVERIFY(english(cut.error().message).find("12 triangles") != std::string::npos);
    std::string giant = good;
    const std::uint32_t many = 4000000000u;
    std::memcpy(giant.data() + 80, &many, 4);
    QVERIFY(!read_stl("x", giant));
    const auto ascii = read_stl("x", "solid a\nfacet normal 0 0 0\nouter loop\nvertex 0 0\n");
    QVERIFY(!ascii);
    QVERIFY(english(ascii.error().message).find("Line 4") != std::string::npos);
    QVERIFY(!read_stl("x", "solid a\nfacet\nvertex 0 0 0\nendfacet\nendsolid\n"));
    QVERIFY(!read_stl("x", "solid a\n"));
    QVERIFY(!read_stl("x", "hello"));
}

void TestModels::obj_groups_and_polygons() {
    const char* text =
        "# two boxes' lids\nmtllib x.mtl\no lid one\nv 0 0 0\nv 2 0 0\nv 2 2 0\nv 0 2 0\nv 1 1 3\n"
        "f 4 3 2 1\nf 1/1 2/2/2 5//3\nf 2 3 5\nf 3 4 5\nf -2 -5 -1\ng second\nusemtl red\nv 0 0 9\nf 1 2 6\n";
    const auto bodies = read_obj("file", text);
    QVERIFY(bodies);
    QCOMPARE(bodies->size(), std::size_t{2});
    QCOMPARE((*bodies)[0].name, std::string("lid one"));
    QVERIFY((*bodies)[0].mesh.check.clean());
    COMPARE_NEAR(volume_mm3((*bodies)[0].mesh), 4, 1e-6); // pyramid: base 4, height 3
    QCOMPARE((*bodies)[1].mesh.triangles.size(), std::size_t{1});
    const auto bare = read_obj("file", "v 0 0 0\nv 1 0 0\nv 0 1 0\nf 1 2 3\n");
    QCOMPARE((*bare)[0].name, std::string("file"));
}

void TestModels::obj_mistakes_are_named() {
    const auto far = read_obj("x", "v 0 0 0\nv 1 0 0\nv 0 1 0\nf 1 2 9\n");
    QVERIFY(!far);
    QVERIFY(english(far.error().message).find("Line 4") != std::string::npos);
    for (const char* bad : {"v 0 0\n", "v 0 0 0\nf 1 1\n", "v 0 0 0\nf 0 1 1\n", "v 0 0 0\nf a b c\n",
                            "v 0 0 0\nf -9 1 1\n", "", "# nothing\n", "v x y z\n"})
        QVERIFY2(!read_obj("x", bad), bad);
}

void TestModels::threemf_round_trips() {
    const std::vector<Body> bodies{{"plate", solids::box(0, 0, 0, 10, 20, 2), Srgb{31, 58, 99}},
                                   {"relief & “rim”", solids::box(1, 1, 2, 9, 19, 3), {}}};
    const auto bytes = write_3mf(bodies);
    QVERIFY(bytes);
    const auto back = read_3mf("file", *bytes);
    QVERIFY2(back, back ? "" : english(back.error().message).c_str());
    QCOMPARE(back->size(), std::size_t{2});
    QCOMPARE((*back)[0].name, bodies[0].name);
    QCOMPARE((*back)[1].name, bodies[1].name);
    QCOMPARE((*back)[0].colour, bodies[0].colour);
    QVERIFY(!(*back)[1].colour);
    COMPARE_NEAR(volume_mm3((*back)[0].mesh), 400, 1e-3);
    COMPARE_NEAR((*back)[1].mesh.bounds.min.z, 2, 1e-6);
}

void TestModels::threemf_components_transforms_and_units() {
    // 3MF Core Specification 1.2.3: row vectors, m00 m01 m02 m10 … m32; components inside build items;
    // inches.
    const std::string resources = std::string("<object id=\"1\" name=\"leaf\" type=\"model\">") + kTetra +
                                  "</object><object id=\"2\" name=\"group\" type=\"model\"><components>"
                                  "<component objectid=\"1\"/><component objectid=\"1\" transform=\"2 0 0 0 "
                                  "2 0 0 0 2 10 0 0\"/></components></object>";
    const auto bodies = read_3mf(
        "file",
        threemf(model(resources, "<item objectid=\"2\" transform=\"0 1 0 -1 0 0 0 0 1 0 0 5\"/>", "inch")));
    QVERIFY2(bodies, bodies ? "" : english(bodies.error().message).c_str());
    QCOMPARE(bodies->size(), std::size_t{2});
    QCOMPARE((*bodies)[0].name, std::string("leaf"));
    // First: turned by 90° about z, lifted by 5 inches.
    const Bounds a = (*bodies)[0].mesh.bounds, b = (*bodies)[1].mesh.bounds;
    COMPARE_NEAR(a.min.x, -25.4, 1e-3);
    COMPARE_NEAR(a.max.y, 25.4, 1e-3);
    COMPARE_NEAR(a.min.z, 5 * 25.4, 1e-3);
    // Second: twice as large, moved by 10 along x before the turn, so along y after it.
    COMPARE_NEAR(b.min.y, 254, 1e-3);
    COMPARE_NEAR(b.max.z - b.min.z, 50.8, 1e-3);
    COMPARE_NEAR(volume_mm3((*bodies)[1].mesh) / volume_mm3((*bodies)[0].mesh), 8, 1e-4);
}

void TestModels::threemf_colours() {
    const std::string materials =
        "<basematerials id=\"5\"><base name=\"Red\" displaycolor=\"#C02010\"/><base name=\"Blue\" "
        "displaycolor=\"#1020C0FF\"/></basematerials>"
        "<m:colorgroup id=\"6\"><m:color color=\"#00FF00\"/></m:colorgroup>";
    std::string per_triangle = kTetra;
    for (std::size_t at = 0; (at = per_triangle.find("<triangle v1", at)) != std::string::npos; at += 30)
        per_triangle.insert(at + 9, " pid=\"5\" p1=\"1\"");
    const std::string resources =
        materials + "<object id=\"1\" name=\"a\" type=\"model\" pid=\"5\" pindex=\"0\">" + kTetra +
        "</object>" + "<object id=\"2\" name=\"b\" type=\"model\">" + per_triangle + "</object>" +
        "<object id=\"3\" name=\"c\" type=\"model\" pid=\"6\" pindex=\"0\">" + kTetra + "</object>" +
        "<object id=\"4\" name=\"d\" type=\"model\">" + kTetra + "</object>";
    const auto bodies = read_3mf(
        "file",
        threemf(model(
            resources,
            "<item objectid=\"1\"/><item objectid=\"2\"/><item objectid=\"3\"/><item objectid=\"4\"/>")));
    QVERIFY2(bodies, bodies ? "" : english(bodies.error().message).c_str());
    QCOMPARE(bodies->size(), std::size_t{4});
    QCOMPARE((*bodies)[0].colour, std::optional(Srgb{0xc0, 0x20, 0x10}));
    QCOMPARE((*bodies)[1].colour, std::optional(Srgb{0x10, 0x20, 0xc0}));
    QCOMPARE((*bodies)[2].colour, std::optional(Srgb{0, 0xff, 0}));
    QVERIFY(!(*bodies)[3].colour);
}

void TestModels::threemf_mirrored_part_is_not_inside_out() {
    const auto bodies =
        read_3mf("file", threemf(model(std::string("<object id=\"1\" type=\"model\">") + kTetra + "</object>",
                                       "<item objectid=\"1\" transform=\"-1 0 0 0 1 0 0 0 1 0 0 0\"/>")));
    QVERIFY2(bodies, bodies ? "" : english(bodies.error().message).c_str());
    QVERIFY((*bodies)[0].mesh.check.clean());
    QCOMPARE((*bodies)[0].name, std::string("file"));
}

void TestModels::the_kind_follows_from_the_content() {
    const auto bytes = write_3mf({{"x", solids::box(0, 0, 0, 1, 1, 1), {}}});
    QVERIFY(read_model("mislabelled.stl", *bytes));
    QVERIFY(read_model("Box.STL", write_stl(solids::box(0, 0, 0, 1, 1, 1), "box")));
    QVERIFY(!read_model("picture.png", "\x89PNG"));
    QVERIFY(!read_model("empty.stl", ""));
    QVERIFY(!read_model("no.3mf", "this is no zip"));
}

void TestModels::zip_bombs_and_path_tricks() {
    // 40 MB of zeros pack to some 40 kB: a thousandfold.
    const auto bomb = write_zip({{"3D/3dmodel.model", std::string(40'000'000, '\0')}});
    QVERIFY(bomb->size() < 100'000);
    const auto r = read_3mf("bomb", *bomb);
    QVERIFY(!r);
    QVERIFY(english(r.error().message).find("unfolds") != std::string::npos);
    for (const char* name : {"../evil", "/etc/evil", "a/../../evil", "C:\\evil", "a\\..\\evil"}) {
        const auto z = write_zip({{name, "x"}});
        if (!z || z->empty())
            continue;
        QVERIFY2(!read_zip(*z), name);
    }
    QVERIFY(read_zip(*write_zip({{"a/..b/c..", "x"}})));
    ZipLimits few;
    few.entries = 1;
    QVERIFY(!read_zip(*write_zip({{"a", "x"}, {"b", "y"}}), few));
}

void TestModels::adding_models_to_a_project() {
    // Colours of the file become filaments A, B, …; equal ones share a letter.
    const auto bytes = write_3mf({{"plate", solids::box(0, 0, 0, 1, 1, 1), Srgb{10, 10, 10}},
                                  {"text", solids::box(0, 0, 1, 1, 1, 2), Srgb{240, 240, 240}},
                                  {"plate", solids::box(2, 0, 0, 3, 1, 1), Srgb{10, 10, 10}}});
    Project p;
    QVERIFY(add_model(p, 0, "badge.3mf", *bytes));
    QCOMPARE(p.filaments.size(), std::size_t{2});
    QCOMPARE(p.pieces[0].parts[0].filament, 'A');
    QCOMPARE(p.pieces[0].parts[1].filament, 'B');
    QCOMPARE(p.pieces[0].parts[2].filament, 'A');
    QCOMPARE(p.pieces[0].parts[2].name, std::string("plate-2"));
    // A second file joins the same piece; its colours go to the nearest filaments there are.
    QVERIFY(add_model(p, 0, "badge.3mf",
                      *write_3mf({{"more", solids::box(5, 0, 0, 6, 1, 1), Srgb{220, 225, 220}}})));
    QCOMPARE(p.filaments.size(), std::size_t{2});
    QCOMPARE(p.pieces[0].parts[3].filament, 'B');
    QVERIFY(p.models[0].name != p.models[1].name);
    // Without colours everything is A.
    Project plain;
    QVERIFY(add_model(plain, 0, "box.stl", write_stl(solids::box(0, 0, 0, 1, 1, 1), "box")));
    QCOMPARE(plain.pieces[0].parts[0].filament, 'A');
    QCOMPARE(plain.pieces[0].parts[0].name, std::string("box"));
    // A file that cannot be read leaves the project as it was.
    QVERIFY(!add_model(plain, 0, "bad.stl", "nonsense"));
    QCOMPARE(plain.models.size(), std::size_t{1});
}

void TestModels::threemf_colours_by_triangle() {
    // 3MF Materials and Properties Extension 1.2.1, chapter 2 and 3: a colour group referenced by pid/p1 of a
    // triangle; a triangle with p1, p2, p3 blends between its corners; one without takes the object's own
    // property.
    const std::string resources =
        "<basematerials id=\"5\"><base name=\"Red\" displaycolor=\"#FF0000\"/><base name=\"Blue\" "
        "displaycolor=\"#0000FF\"/></basematerials>"
        "<m:colorgroup id=\"6\"><m:color color=\"#00FF00\"/><m:color color=\"#000000\"/><m:color "
        "color=\"#3C3C00FF\"/></m:colorgroup>"
        "<object id=\"1\" name=\"mixed\" type=\"model\" pid=\"5\" pindex=\"0\"><mesh><vertices><vertex "
        "x=\"0\" y=\"0\" z=\"0\"/><vertex x=\"1\" y=\"0\" z=\"0\"/>"
        "<vertex x=\"0\" y=\"1\" z=\"0\"/><vertex x=\"0\" y=\"0\" z=\"1\"/></vertices><triangles><triangle "
        "v1=\"0\" v2=\"2\" v3=\"1\"/>"
        "<triangle v1=\"0\" v2=\"1\" v3=\"3\" pid=\"5\" p1=\"1\"/><triangle v1=\"1\" v2=\"2\" v3=\"3\" "
        "pid=\"6\" p1=\"0\"/>"
        "<triangle v1=\"0\" v2=\"3\" v3=\"2\" pid=\"6\" p1=\"0\" p2=\"1\" "
        "p3=\"2\"/></triangles></mesh></object>";
    const auto bodies = read_3mf("file", threemf(model(resources, "<item objectid=\"1\"/>")));
    QVERIFY2(bodies, bodies ? "" : english(bodies.error().message).c_str());
    const Body& b = bodies->at(0);
    QCOMPARE(b.colour_of.size(), std::size_t{4});
    const auto colour = [&](std::size_t t) { return b.palette.at(b.colour_of[t] - 1u); };
    QCOMPARE(colour(0), (Srgb{255, 0, 0})); // the object's own
    QCOMPARE(colour(1), (Srgb{0, 0, 255}));
    QCOMPARE(colour(2), (Srgb{0, 255, 0}));
    QCOMPARE(colour(3), (Srgb{20, 105, 0})); // the mean of its three corners
    QCOMPARE(file_colours(*bodies).size(), std::size_t{4});
}

void TestModels::obj_colours_by_vertex_and_material() {
    const std::string vertices = "v 0 0 0 1 0 0\nv 1 0 0 1 0 0\nv 0 1 0 1 0 0\nv 0 0 1 0 0 1\n";
    const auto by_vertex = read_obj("x", vertices + "f 1 3 2\nf 1 2 4\nf 2 3 4\nf 3 1 4\n");
    QVERIFY(by_vertex);
    QCOMPARE((*by_vertex)[0].palette.size(), std::size_t{2});
    QCOMPARE((*by_vertex)[0].palette[0], (Srgb{255, 0, 0}));
    QCOMPARE((*by_vertex)[0].palette[1], (Srgb{170, 0, 85}));
    const std::string plain = "mtllib paint.mtl\nv 0 0 0\nv 1 0 0\nv 0 1 0\nv 0 0 1\nusemtl hull\nf 1 3 2\nf "
                              "1 2 4\nusemtl deck\nf 2 3 4\nf 3 1 4\n";
    const auto by_material = read_obj("x", plain, [](const std::string& name) -> std::optional<std::string> {
        return name == "paint.mtl"
                   ? std::optional<std::string>("newmtl hull\nKd 0.2 0.4 0.6\nnewmtl deck\nKd 1 1 0\n")
                   : std::nullopt;
    });
    QVERIFY(by_material);
    QCOMPARE((*by_material)[0].palette[0], (Srgb{51, 102, 153}));
    QCOMPARE((*by_material)[0].palette[1], (Srgb{255, 255, 0}));
    // Without its file the two materials still stay apart.
    const auto alone = read_obj("x", plain);
    QVERIFY(alone);
    QCOMPARE((*alone)[0].palette.size(), std::size_t{2});
    QVERIFY(!((*alone)[0].palette[0] == (*alone)[0].palette[1]));
    // One material for all is the body's colour.
    QVERIFY(read_obj("x", "v 0 0 0\nv 1 0 0\nv 0 1 0\nusemtl a\nf 1 2 3\n")->at(0).colour);
}

void TestModels::colours_become_regions() {
    Project p;
    p.machine = *find_machine("feeder-4");
    std::string obj;
    const Mesh box = solids::box(0, 0, 0, 10, 10, 10);
    for (const Vec3 v : box.vertices)
        obj += fmt::format("v {} {} {}\n", v.x, v.y, v.z);
    for (std::uint32_t t = 0; t < box.triangles.size(); ++t)
        obj += std::string("usemtl ") + (normal(box, t).z > 0.5f ? "lid" : "body") + "\nf " +
               std::to_string(box.triangles[t][0] + 1) + " " + std::to_string(box.triangles[t][1] + 1) + " " +
               std::to_string(box.triangles[t][2] + 1) + "\n";
    QVERIFY(add_model(p, 0, "box.obj", obj));
    QCOMPARE(p.filaments.size(), std::size_t{2});
    QCOMPARE(p.pieces[0].parts.size(), std::size_t{1});
    QCOMPARE(p.pieces[0].parts[0].patches.size(), std::size_t{1}); // the lid; the rest has more surface
    COMPARE_NEAR(patch_areas_mm2(*p.pieces[0].parts[0].mesh, *p.pieces[0].parts[0].paint, 1)[1], 100, 1e-6);
    const auto plan = Planner().plan(p);
    QVERIFY(plan);
    QCOMPARE((*plan)->totals.changes, 1);
    // Companions are plain names beside the file only.
    QVERIFY(!beside("/tmp/x.obj")("../etc/passwd"));
    QVERIFY(!beside("/tmp/x.obj")("/etc/passwd"));
}

void TestModels::too_many_colours_are_put_together() {
    Body b;
    b.mesh = solids::sphere(10, 60, 40);
    for (std::size_t t = 0; t < b.mesh.triangles.size(); ++t) {
        b.palette.push_back({static_cast<std::uint8_t>(t), static_cast<std::uint8_t>(t >> 3),
                             static_cast<std::uint8_t>(t * 7)});
        b.colour_of.push_back(static_cast<std::uint16_t>(t + 1));
    }
    settle_colours(b);
    QVERIFY(b.palette.size() <= static_cast<std::size_t>(kMostColours));
    for (const std::uint16_t n : b.colour_of)
        QVERIFY(n >= 1 && n <= b.palette.size());
}

void TestModels::threemf_colours_are_opaque_and_named() {
    // 3MF Core Specification 1.2.3, 4.1.1: displaycolor is #RRGGBB or #RRGGBBAA.
    Body a{"A base", solids::box(0, 0, 0, 4, 4, 1), Srgb{0x1f, 0x3a, 0x63}};
    a.material = "Harbour blue";
    const auto bytes =
        write_3mf({a, {"B top", solids::box(0, 0, 1, 4, 4, 2), Srgb{0xf2, 0xf2, 0xea}, "Chalk"}});
    QVERIFY(bytes);
    std::string model;
    const auto entries = *read_zip(*bytes);
    for (const ZipEntry& e : entries)
        if (e.name == "3D/3dmodel.model")
            model = e.bytes;
    for (std::size_t at = model.find("displaycolor=\""); at != std::string::npos;
         at = model.find("displaycolor=\"", at + 1)) {
        const std::string colour = model.substr(at + 14, model.find('"', at + 14) - at - 14);
        QVERIFY2(colour.size() == 7 ||
                     (colour.size() == 9 && QString::fromStdString(colour.substr(7)).toUpper() == "FF"),
                 colour.c_str());
    }
    const auto back = read_3mf("x", *bytes);
    QVERIFY(back);
    QCOMPARE((*back)[0].material, std::string("Harbour blue"));
    QCOMPARE((*back)[1].material, std::string("Chalk"));
    QVERIFY((*back)[0].colour == (Srgb{0x1f, 0x3a, 0x63}));
}

void TestModels::names_that_are_no_utf8() {
    const auto obj = read_model(
        "teil.obj", "o W\xfcrfel\nv 0 0 0\nv 2 0 0\nv 0 2 0\nv 0 0 2\nf 1 3 2\nf 1 2 4\nf 2 3 4\nf 3 1 4\n");
    QVERIFY(obj);
    QCOMPARE((*obj)[0].name, std::string("Würfel"));
    Project p;
    p.machine = *find_machine("hand-swap");
    QVERIFY(add_model(p, 0, "k\xf6rper.stl", write_stl(solids::box(0, 0, 0, 3, 3, 3), "x")));
    QCOMPARE(p.pieces[0].parts[0].name, std::string("körper"));
    QCOMPARE(p.models[0].name, std::string("körper.stl"));
    const auto archive = write_archive(p);
    QVERIFY(archive);
    QCOMPARE(read_archive(*archive)->pieces[0].parts[0].name, std::string("körper"));
}

void TestModels::odd_names_go_through_every_file() {
    const std::string names[] = {"<b>bold</b> & \"quoted\" 'too'",
                                 "=1+1",
                                 "+cmd",
                                 "@x",
                                 "-5 apples",
                                 "two\nlines\ttab",
                                 std::string("nul\0inside", 10),
                                 "bell\x07",
                                 "W\xfcrfel",
                                 "日本語 \u202e",
                                 "'=already",
                                 "]]>",
                                 "{0} %s %n"};
    for (const std::string& name : names) {
        const std::string kept = one_line(name);
        Project p = stack("A", 1);
        p.name = kept;
        p.filaments[0].name = kept;
        std::string obj = "o " + name;
        std::replace(obj.begin(), obj.end(), '\n', ' ');
        QVERIFY(
            add_model(p, 0, "x.obj",
                      obj + "\nv 0 0 5\nv 2 0 5\nv 0 2 5\nv 0 0 7\nf 1 3 2\nf 1 2 4\nf 2 3 4\nf 3 1 4\n"));
        p.pieces[0].parts.back().filament = 'A';
        p.pieces[0].parts.erase(p.pieces[0].parts.begin()); // the slab of ours has no file to be read from
        const auto back = read_archive(*write_archive(p));
        QVERIFY2(back, name.c_str());
        QCOMPARE(back->name, kept);
        QCOMPARE(back->pieces[0].parts[0].name, p.pieces[0].parts[0].name);
        QCOMPARE(back->filaments[0].name, kept);
        const auto plan = plan_of(p);
        QVERIFY(plan);
        const auto threemf = export_3mf(p, *plan, bodies_of_pieces(p, *plan));
        QVERIFY2(threemf, name.c_str());
        QCOMPARE((*read_3mf("x", *threemf))[0].material, kept);
        QVERIFY(!Json::parse(json_text(plan_report(p, *plan))).is_discarded());
        const std::string html = sheet_html(make_run_sheet(p, *plan));
        QVERIFY2(html.find(html_escaped(kept)) != std::string::npos, name.c_str());
        if (kept.find('<') != std::string::npos)
            QVERIFY(html.find("<b>bold") == std::string::npos);
        // A cell that begins like a formula comes back as it was, and does not begin like one in the file.
        const std::string cell = csv_field(kept);
        QVERIFY2(std::string("=+@").find(cell[cell[0] == '"' ? 1 : 0]) == std::string::npos, cell.c_str());
        QCOMPARE(csv_records(cell + "\r\n")[0][0], kept);
    }
    QCOMPARE(csv_field("-5.25"), std::string("-5.25")); // a number stays one
}

void TestModels::no_usable_triangle_is_an_error() {
    for (const float bad :
         {std::numeric_limits<float>::quiet_NaN(), std::numeric_limits<float>::infinity(), 1.0f}) {
        Mesh m = solids::box(0, 0, 0, 3, 3, 3);
        for (Vec3& v : m.vertices)
            v = {bad, bad, bad};
        Project p;
        const Status ok = add_model(p, 0, "x.stl", write_stl(m, "x"));
        QVERIFY(!ok);
        QVERIFY(english(ok.error().message).find("no triangle that can be used") != std::string::npos);
        QVERIFY(p.pieces[0].parts.empty() && p.models.empty());
    }
}

void TestModels::beyond_every_printer_is_an_error() {
    const auto far = read_model("x.stl", write_stl(scaled(solids::box(0, 0, 0, 10, 10, 10), 1e5), "x"));
    QVERIFY(!far);
    QVERIFY(english(far.error().message).find("unit") != std::string::npos);
}

void TestModels::numbers_in_files_have_a_point() {
    // The tests run under a decimal comma (scripts/test-environment); a mesh with fractions tells.
    QVERIFY(qEnvironmentVariableIsSet("VITRAIL_PLAIN_LOCALE") || QString::asprintf("%.1f", 0.5) == "0.5");
    const Mesh m = moved(solids::sphere(7.3, 30, 20), 0.125f, 0.0625f, 0.3f);
    const auto back = read_3mf("x", *write_3mf({{"ball", m, {}}}));
    QVERIFY(back);
    COMPARE_NEAR(volume_mm3((*back)[0].mesh), volume_mm3(m), 1e-2);
    COMPARE_NEAR((*back)[0].mesh.bounds.min.z, m.bounds.min.z, 1e-5);
    Project p = stack("AB", 1.3);
    p.machine.commands.hand = "Z{z}";
    const auto plan = plan_of(p);
    QCOMPARE(command_for(p, plan->grid, plan->changes[0], 0), std::string("Z1.20"));
    const RunSheet sheet = make_run_sheet(p, *plan);
    const std::string html = sheet_html(sheet), csv = sheet_csv(sheet);
    QVERIFY(html.find("x1=\"1.0\"") != std::string::npos);
    QVERIFY(csv.find(",1.200,") != std::string::npos);
    QVERIFY(json_text(plan_report(p, *plan)).find("0.2") != std::string::npos);
    QVERIFY(write_machine(p.machine).find("\"dead_mm3\": 40.0") != std::string::npos);
}

void TestModels::reading_stops_when_told() {
    std::stop_source stop;
    const std::string bytes = write_stl(solids::torus(10, 3, 60, 30), "x");
    stop.request_stop();
    for (const char* name : {"x.stl", "x.3mf"}) {
        const auto r =
            read_model(name, name[2] == 's' ? bytes : *write_3mf({{"x", solids::torus(10, 3, 60, 30), {}}}),
                       {}, {stop.get_token(), {}});
        QVERIFY(!r);
        QVERIFY(english(r.error().message).find("Stopped") == 0);
    }
    double last = 0;
    QVERIFY(read_model("x.stl", bytes, {}, {{}, [&](double share) {
                                                QVERIFY(share >= last && share <= 1);
                                                last = share;
                                            }}));
    QVERIFY(last > 0.5);
}

VITRAIL_TEST(TestModels)
#include "test_models.moc"
