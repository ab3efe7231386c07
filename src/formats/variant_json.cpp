#include "formats/variant_json.h"

#include "core/base/civil.h"
#include "core/geometry/made_layers.h"
#include "formats/model.h"

#include <algorithm>
#include <array>
#include <set>

namespace vitrail {

namespace {

constexpr std::size_t kMostVariants = 100, kMostItems = 1000;

std::string folder_of(std::size_t variant) {
    return "variants/" + std::to_string(variant + 1) + "/";
}

bool shared_by_variants(const std::string& name) {
    return name.rfind("models/", 0) == 0 || name.rfind("pictures/", 0) == 0;
}

Json order_to_json(const Order& order) {
    Json items = Json::array();
    for (const OrderItem& x : order.items)
        items.push_back({{"piece", x.piece},
                         {"file", x.file},
                         {"count", x.count},
                         {"due", x.due},
                         {"for_sale", x.for_sale},
                         {"price", x.price},
                         {"together", x.together},
                         {"by_day", x.by_day}});
    return {{"aim", to_string(order.aim)},
            {"start", order.start},
            {"machines", order.machines},
            {"items", items}};
}

std::string moment_from(const JsonReader& r, const char* key) {
    const std::string s = r.text(key, "");
    if (!s.empty() && !parse_moment(s))
        throw JsonMisfit{say("{} must be a time like {}", r.place(key), std::string("2026-12-05T10:00"))};
    return s;
}

Order order_from_json(const JsonReader& r) {
    Order order;
    const std::string aim = r.text("aim", to_string(order.aim));
    bool known = false;
    for (int a = 0; a < kOrderAims; ++a)
        if (aim == to_string(static_cast<OrderAim>(a)))
            order.aim = static_cast<OrderAim>(a), known = true;
    if (!known)
        throw JsonMisfit{say("{} must be one of waste, hours, trips, money, earliest", r.place("aim"))};
    order.start = moment_from(r, "start");
    if (r.has("machines"))
        for (const Json& m : r.list("machines", 100)) {
            if (!m.is_string())
                throw JsonMisfit{say("{} must be names of machines", r.place("machines"))};
            order.machines.push_back(one_line(repaired(m.get_ref<const std::string&>().substr(0, 200))));
        }
    if (r.has("items"))
        for (std::size_t i = 0; i < r.list("items", kMostItems).size(); ++i) {
            const JsonReader x = r.item("items", i);
            order.items.push_back({x.text("piece", ""), x.prose("file", ""),
                                   static_cast<int>(x.number("count", 1, kMostPlaced)), moment_from(x, "due"),
                                   x.truth("for_sale", false), x.number("price", 0, 1e6, 0),
                                   static_cast<int>(x.number("together", 0, 1000, 0)),
                                   x.truth("by_day", false)});
        }
    return order;
}

Json asked_to_json(const Asked& a) {
    Json shown = Json::array();
    for (const Shown& s : a.shown) {
        Json regions = Json::array(), figures = Json::array();
        for (const auto& [name, colour] : s.regions)
            regions.push_back({{"region", name}, {"colour", to_hex(colour)}});
        for (const auto& [key, value] : s.figures)
            figures.push_back({{"figure", key}, {"value", value}});
        shown.push_back({{"letter", std::string(1, s.letter)},
                         {"variant", s.variant},
                         {"regions", regions},
                         {"figures", figures}});
    }
    return {{"date", a.date},         {"whom", a.whom},     {"shown", shown},
            {"answered", a.answered}, {"chosen", a.chosen}, {"words", a.words}};
}

Asked asked_from_json(const JsonReader& r) {
    Asked a{r.text("date"),         r.text("whom", ""),   {},
            r.text("answered", ""), r.text("chosen", ""), r.prose("words", "")};
    for (std::size_t i = 0; i < r.list("shown", kMostVariants).size(); ++i) {
        const JsonReader x = r.item("shown", i);
        Shown s;
        const std::string letter = x.text("letter");
        if (letter.size() != 1 || letter[0] < 'A' || letter[0] > 'Z')
            throw JsonMisfit{say("{} must be a letter from A to Z", x.place("letter"))};
        s.letter = letter[0];
        s.variant = x.text("variant", "");
        for (std::size_t k = 0; k < x.list("regions", kMostBodies).size(); ++k) {
            const JsonReader region = x.item("regions", k);
            const auto colour = parse_colour(region.text("colour"));
            if (!colour)
                throw JsonMisfit{say("{} must be #rrggbb", region.place("colour"))};
            s.regions.emplace_back(region.text("region"), *colour);
        }
        for (std::size_t k = 0; k < x.list("figures", 100).size(); ++k) {
            const JsonReader figure = x.item("figures", k);
            s.figures.emplace_back(figure.text("figure"), figure.number("value", -1e12, 1e12));
        }
        a.shown.push_back(std::move(s));
    }
    return a;
}

bool same_mesh(const Mesh& a, const Mesh& b) {
    return a.triangles == b.triangles && a.vertices.size() == b.vertices.size() &&
           std::equal(a.vertices.begin(), a.vertices.end(), b.vertices.begin(),
                      [](const Vec3& x, const Vec3& y) { return x.x == y.x && x.y == y.y && x.z == y.z; });
}

void share_part(const Project& project, Part& part) {
    for (const Piece& piece : project.pieces)
        for (const Part& other : piece.parts) {
            if (other.model != part.model || other.object != part.object ||
                !same_mesh(*other.mesh, *part.mesh))
                continue;
            part.mesh = other.mesh;
            if (part.made)
                part.made = other.made;
            if (part.paint && other.paint && *part.paint == *other.paint)
                part.paint = other.paint;
            if (part.support_paint && other.support_paint && *part.support_paint == *other.support_paint)
                part.support_paint = other.support_paint;
            return;
        }
}

} // namespace

void variants_to_json(const Project& p, Json& json) {
    Json variants = Json::array(), asked = Json::array();
    for (std::size_t i = 0; i < p.variants.size(); ++i)
        variants.push_back({{"name", p.variants[i].name}, {"folder", folder_of(i)}});
    for (const Asked& a : p.asked)
        asked.push_back(asked_to_json(a));
    json["variants"] = variants;
    json["variant"] = p.variant;
    json["asked"] = asked;
    json["order"] = order_to_json(p.order);
    json["start_date"] = p.start_date;
    if (p.origin)
        json["origin"] = {{"file", p.origin->file}, {"job", p.origin->job}, {"made_of", p.origin->made_of}};
}

void variants_from_json(const JsonReader& r, Project& p) {
    p.variant = r.text("variant", "");
    if (r.has("asked"))
        for (std::size_t i = 0; i < r.list("asked", 1000).size(); ++i)
            p.asked.push_back(asked_from_json(r.item("asked", i)));
    p.start_date = moment_from(r, "start_date").substr(0, 10);
    if (r.has("order"))
        p.order = order_from_json(r.object("order"));
    if (r.has("origin")) {
        const JsonReader x = r.object("origin");
        p.origin = Origin{x.prose("file"), x.text("job"), x.text("made_of", "")};
    }
}

void add_variant_files(const Project& p, std::vector<ArchiveFile>& files) {
    std::set<std::pair<std::string, const void*>> there;
    for (const ArchiveFile& f : files)
        if (shared_by_variants(f.name))
            there.emplace(f.name, f.made_from.front().get());
    for (std::size_t i = 0; i < p.variants.size(); ++i)
        for (ArchiveFile& f : archive_files(*p.variants[i].project)) {
            if (shared_by_variants(f.name) && there.count({f.name, f.made_from.front().get()}))
                continue;
            if (f.name == "project.json") // a variant never changes
                f.made_from = {p.variants[i].project};
            f.name = folder_of(i) + f.name;
            files.push_back(std::move(f));
        }
}

std::vector<VariantFiles> take_variant_files(const JsonReader& r, std::vector<ZipEntry>& entries) {
    std::vector<VariantFiles> out;
    if (!r.has("variants"))
        return out;
    for (std::size_t i = 0; i < r.list("variants", kMostVariants).size(); ++i) {
        const JsonReader x = r.item("variants", i);
        const std::string folder = x.text("folder");
        if (folder.rfind("variants/", 0) != 0 || folder.back() != '/')
            throw JsonMisfit{
                say("{} must be a folder below {}", x.place("folder"), std::string("variants/"))};
        VariantFiles files{x.text("name"), {}};
        std::set<std::string> own;
        for (ZipEntry& e : entries)
            if (e.name.rfind(folder, 0) == 0) {
                own.insert(e.name.substr(folder.size()));
                files.entries.push_back({e.name.substr(folder.size()), std::move(e.bytes)});
                e.name.clear(); // taken
            }
        if (!own.count("project.json"))
            throw JsonMisfit{say("{} {} is missing from the project", x.place("folder"),
                                 Name{repaired(folder.substr(0, 80))})};
        for (const ZipEntry& e : entries)
            if (shared_by_variants(e.name) && !own.count(e.name))
                files.entries.push_back(e);
        out.push_back(std::move(files));
    }
    return out;
}

void share_alike(const Project& p, Project& v) {
    for (ModelFile& m : v.models)
        for (const ModelFile& other : p.models)
            if (other.name == m.name && *other.bytes == *m.bytes)
                m.bytes = other.bytes;
    if (v.picture && p.picture) {
        if (v.picture->bytes && p.picture->bytes && *v.picture->bytes == *p.picture->bytes)
            v.picture->bytes = p.picture->bytes;
        if (v.picture->dots && p.picture->dots && *v.picture->dots == *p.picture->dots)
            v.picture->dots = p.picture->dots;
    }
    for (Piece& piece : v.pieces)
        for (Part& part : piece.parts)
            share_part(p, part);
}

} // namespace vitrail
