#include "formats/model.h"

#include "core/base/text.h"
#include "formats/plain_numbers.h"
#include "formats/zip.h"

#include <Model/COM/NMR_DLLInterfaces.h>

#include <algorithm>
#include <array>
#include <cctype>
#include <cmath>
#include <memory>
#include <numbers>
#include <unordered_map>

// lib3mf 1 speaks a C interface with objects that must be released.

namespace vitrail {

namespace {

struct Release {
    void operator()(NMR::PLib3MFBase* p) const { NMR::lib3mf_release(p); }
};
template <class T>
using Owned = std::unique_ptr<T, Release>;

/// Calls a function that hands out an object through its last argument.
template <class T, class F>
Owned<T> get(F call) {
    T* p = nullptr;
    return call(&p) == LIB3MF_OK ? Owned<T>(p) : Owned<T>();
}

/// Points as columns: p' = rows · (x, y, z, 1).
using Transform = std::array<std::array<double, 4>, 3>;
constexpr Transform kIdentity{{{1, 0, 0, 0}, {0, 1, 0, 0}, {0, 0, 1, 0}}};

Transform from(const NMR::MODELTRANSFORM& m) {
    Transform t;
    for (int r = 0; r < 3; ++r)
        for (int c = 0; c < 4; ++c)
            t[r][c] = m.m_fFields[r][c];
    return t;
}

Transform operator*(const Transform& a, const Transform& b) {
    Transform t{};
    for (int r = 0; r < 3; ++r)
        for (int c = 0; c < 4; ++c) {
            t[r][c] = c == 3 ? a[r][3] : 0;
            for (int k = 0; k < 3; ++k)
                t[r][c] += a[r][k] * b[k][c];
        }
    return t;
}

double determinant(const Transform& t) {
    return t[0][0] * (t[1][1] * t[2][2] - t[1][2] * t[2][1]) -
           t[0][1] * (t[1][0] * t[2][2] - t[1][2] * t[2][0]) +
           t[0][2] * (t[1][0] * t[2][1] - t[1][1] * t[2][0]);
}

double unit_mm(DWORD unit) {
    switch (unit) {
    case NMR::MODELUNIT_MICROMETER:
        return 0.001;
    case NMR::MODELUNIT_CENTIMETER:
        return 10;
    case NMR::MODELUNIT_INCH:
        return 25.4;
    case NMR::MODELUNIT_FOOT:
        return 304.8;
    case NMR::MODELUNIT_METER:
        return 1000;
    default:
        return 1;
    }
}

/// A text the library hands out in two steps: its length first. `ask(buffer, size, &length)`.
template <class F>
std::string text_of(F ask) {
    ULONG length = 0;
    if (ask(static_cast<char*>(nullptr), ULONG{0}, &length) != LIB3MF_OK || length == 0 || length > 4096)
        return {};
    std::string text(length + 1, '\0');
    if (ask(text.data(), ULONG{length + 1}, static_cast<ULONG*>(nullptr)) != LIB3MF_OK)
        return {};
    text.resize(text.find('\0'));
    return text;
}

std::string name_of(NMR::PLib3MFModelObjectResource* object) {
    return text_of([&](auto... to) { return NMR::lib3mf_object_getnameutf8(object, to...); });
}

constexpr const char* kUnfoldsTooFar =
    term("The 3MF file unfolds to more bodies or triangles than Vitrail reads.");

/// How many bodies the objects of a model unfold to, found by looking for the tags alone: components of
/// components may double at every level, and the library visits them all as it reads.
struct Unfolding {
    double most = 0; ///< of any object

    void begin(const std::string& name) {
        model_ = name.size() > 6 && name.compare(name.size() - 6, 6, ".model") == 0;
        rest_.clear();
    }
    void add(std::string_view part) {
        if (!model_)
            return;
        rest_ += part;
        std::size_t at = 0;
        while (true) {
            at = rest_.find('<', at);
            const std::size_t end = at == std::string::npos ? at : rest_.find('>', at);
            if (end == std::string::npos)
                break;
            tag(std::string_view(rest_).substr(at + 1, end - at - 1));
            at = end + 1;
        }
        constexpr std::size_t kLongestTag = 1 << 16;
        rest_ = at == std::string::npos || rest_.size() - at > kLongestTag ? std::string() : rest_.substr(at);
    }

private:
    static std::string_view attribute(std::string_view tag, std::string_view name) {
        for (std::size_t at = tag.find(name); at != std::string_view::npos; at = tag.find(name, at + 1)) {
            const std::size_t value = at + name.size() + 2; // name="value"
            if (at == 0 || !std::isspace(static_cast<unsigned char>(tag[at - 1])) || value > tag.size() ||
                tag[value - 2] != '=')
                continue;
            return tag.substr(value, tag.find(tag[value - 1], value) - value);
        }
        return {};
    }
    void tag(std::string_view tag) {
        std::string_view name = tag.substr(0, tag.find_first_of(" \t\r\n/"));
        name.remove_prefix(name.find(':') == std::string_view::npos ? 0 : name.find(':') + 1);
        if (name == "object") {
            object_ = std::string(attribute(tag, "id"));
            bodies_[object_] = 0;
        } else if (name == "component") {
            const auto inner = bodies_.find(std::string(attribute(tag, "objectid")));
            most =
                std::max(most, bodies_[object_] += inner == bodies_.end() ? 1 : std::max(1.0, inner->second));
        }
    }

    bool model_ = false;
    std::string rest_, object_;
    std::unordered_map<std::string, double> bodies_; ///< by object
};

struct Reader {
    NMR::PLib3MFModel* model;
    std::string stem;
    double scale;
    std::vector<Body> bodies;
    std::size_t triangles = 0;
    Message failure;
    const Progress& progress;

    struct NamedColour {
        std::optional<Srgb> colour;
        std::string name; ///< of the base material; empty: it is none
    };

    NamedColour material(DWORD group, DWORD index) {
        auto base = get<NMR::PLib3MFModelBaseMaterial>(
            [&](auto** p) { return NMR::lib3mf_model_getbasematerialbyid(model, group, p); });
        BYTE r, g, b, a;
        if (!base || NMR::lib3mf_basematerial_getdisplaycolor(base.get(), index, &r, &g, &b, &a) != LIB3MF_OK)
            return {};
        return {Srgb{r, g, b}, text_of([&](auto... to) {
                    return NMR::lib3mf_basematerial_getnameutf8(base.get(), index, to...);
                })};
    }

    /// The object's own colour, and that of each triangle where they have some. `place` numbers palette
    /// entries.
    NamedColour own_colour(NMR::PLib3MFModelObjectResource* object) {
        auto own = get<NMR::PLib3MFDefaultPropertyHandler>(
            [&](auto** p) { return NMR::lib3mf_object_createdefaultpropertyhandler(object, p); });
        NMR::eModelPropertyType type = NMR::MODELPROPERTYTYPE_NONE;
        if (!own || NMR::lib3mf_defaultpropertyhandler_getpropertytype(own.get(), &type) != LIB3MF_OK)
            return {};
        DWORD group, index;
        NMR::MODELMESHCOLOR_SRGB c;
        if (type == NMR::MODELPROPERTYTYPE_BASEMATERIALS &&
            NMR::lib3mf_defaultpropertyhandler_getbasematerial(own.get(), &group, &index) == LIB3MF_OK)
            return material(group, index);
        if (type == NMR::MODELPROPERTYTYPE_COLOR &&
            NMR::lib3mf_defaultpropertyhandler_getcolor(own.get(), 0, &c) == LIB3MF_OK)
            return {Srgb{c.m_Red, c.m_Green, c.m_Blue}, {}};
        return {};
    }

    std::vector<std::uint16_t> triangle_colours(NMR::PLib3MFModelObjectResource* object, DWORD count,
                                                std::optional<Srgb> own, std::vector<Srgb>& palette) {
        auto each = get<NMR::PLib3MFPropertyHandler>(
            [&](auto** p) { return NMR::lib3mf_meshobject_createpropertyhandler(object, p); });
        if (!each)
            return {};
        std::unordered_map<std::uint32_t, std::uint16_t> place;
        std::unordered_map<std::uint64_t, std::optional<Srgb>> materials; // each is looked up once
        const auto number = [&](std::optional<Srgb> c) -> std::uint16_t {
            if (!c || palette.size() >= 0xfffe)
                return 0;
            const auto [it, fresh] =
                place.try_emplace(std::uint32_t{c->r} << 16 | std::uint32_t{c->g} << 8 | c->b,
                                  static_cast<std::uint16_t>(palette.size() + 1));
            if (fresh)
                palette.push_back(*c);
            return it->second;
        };
        std::vector<std::uint16_t> colours(count, 0);
        bool any = false;
        for (DWORD t = 0; t < count; ++t) {
            NMR::eModelPropertyType type = NMR::MODELPROPERTYTYPE_NONE;
            std::optional<Srgb> colour = own;
            DWORD group, index;
            NMR::MODELMESH_TRIANGLECOLOR_SRGB c;
            if (NMR::lib3mf_propertyhandler_getpropertytype(each.get(), t, &type) == LIB3MF_OK) {
                if (type == NMR::MODELPROPERTYTYPE_BASEMATERIALS &&
                    NMR::lib3mf_propertyhandler_getbasematerial(each.get(), t, &group, &index) == LIB3MF_OK) {
                    const auto [it, fresh] = materials.try_emplace(std::uint64_t{group} << 32 | index);
                    if (fresh)
                        it->second = material(group, index).colour;
                    colour = it->second;
                } else if (type == NMR::MODELPROPERTYTYPE_COLOR &&
                           NMR::lib3mf_propertyhandler_getcolor(each.get(), t, &c) == LIB3MF_OK) {
                    const auto mean = [&](auto channel) {
                        return static_cast<std::uint8_t>(
                            (channel(c.m_Colors[0]) + channel(c.m_Colors[1]) + channel(c.m_Colors[2]) + 1) /
                            3);
                    };
                    colour = Srgb{mean([](const auto& x) { return int(x.m_Red); }),
                                  mean([](const auto& x) { return int(x.m_Green); }),
                                  mean([](const auto& x) { return int(x.m_Blue); })};
                }
            }
            any |= (colours[t] = number(colour)) != 0;
        }
        return any ? colours : std::vector<std::uint16_t>{};
    }

    bool add_mesh(NMR::PLib3MFModelObjectResource* object, const Transform& t) {
        DWORD nv = 0, nt = 0;
        if (NMR::lib3mf_meshobject_getvertexcount(object, &nv) != LIB3MF_OK ||
            NMR::lib3mf_meshobject_gettrianglecount(object, &nt) != LIB3MF_OK)
            return true;
        if ((triangles += nt) > kMostTriangles || bodies.size() >= kMostBodies) {
            failure = say(kUnfoldsTooFar);
            return false;
        }
        if (nt == 0)
            return true;
        std::vector<NMR::MODELMESHVERTEX> v(nv);
        std::vector<NMR::MODELMESHTRIANGLE> f(nt);
        if (NMR::lib3mf_meshobject_getvertices(object, v.data(), nv, nullptr) != LIB3MF_OK ||
            NMR::lib3mf_meshobject_gettriangleindices(object, f.data(), nt, nullptr) != LIB3MF_OK) {
            failure = say("The 3MF file holds a mesh that cannot be read.");
            return false;
        }
        std::vector<Vec3> vertices(nv);
        for (DWORD i = 0; i < nv; ++i) {
            const float* p = v[i].m_fPosition;
            const auto row = [&](int r) {
                return static_cast<float>(scale *
                                          (t[r][0] * p[0] + t[r][1] * p[1] + t[r][2] * p[2] + t[r][3]));
            };
            vertices[i] = {row(0), row(1), row(2)};
        }
        std::vector<Triangle> faces(nt);
        const bool mirrored = determinant(t) < 0;
        for (DWORD i = 0; i < nt; ++i) {
            faces[i] = {f[i].m_nIndices[0], f[i].m_nIndices[1], f[i].m_nIndices[2]};
            if (mirrored)
                std::swap(faces[i][1], faces[i][2]);
        }
        const std::string name = name_of(object);
        Body b;
        b.name = name.empty() ? stem : name;
        NamedColour own = own_colour(object);
        b.colour = own.colour;
        b.material = std::move(own.name);
        const std::vector<std::uint16_t> colours = triangle_colours(object, nt, b.colour, b.palette);
        std::vector<std::uint32_t> origin;
        b.mesh = build_mesh(std::move(vertices), std::move(faces), &origin, progress);
        if (!colours.empty())
            for (const std::uint32_t t : origin)
                b.colour_of.push_back(colours[t]);
        settle_colours(b);
        bodies.push_back(std::move(b));
        return true;
    }

    bool add(NMR::PLib3MFModelObjectResource* object, const Transform& t, int depth) {
        BOOL is_mesh = 0, is_components = 0;
        if (NMR::lib3mf_object_ismeshobject(object, &is_mesh) == LIB3MF_OK && is_mesh)
            return add_mesh(object, t);
        constexpr int kDeepest = 32;
        if (depth > kDeepest) {
            failure = say("The 3MF file nests components more than 32 deep.");
            return false;
        }
        if (NMR::lib3mf_object_iscomponentsobject(object, &is_components) != LIB3MF_OK || !is_components)
            return true;
        DWORD count = 0;
        NMR::lib3mf_componentsobject_getcomponentcount(object, &count);
        for (DWORD i = 0; i < count; ++i) {
            auto component = get<NMR::PLib3MFModelComponent>(
                [&](auto** p) { return NMR::lib3mf_componentsobject_getcomponent(object, i, p); });
            if (!component)
                continue;
            auto inner = get<NMR::PLib3MFModelObjectResource>(
                [&](auto** p) { return NMR::lib3mf_component_getobjectresource(component.get(), p); });
            NMR::MODELTRANSFORM m;
            BOOL has = 0;
            NMR::lib3mf_component_hastransform(component.get(), &has);
            const bool moves = has && NMR::lib3mf_component_gettransform(component.get(), &m) == LIB3MF_OK;
            if (inner && !add(inner.get(), moves ? t * from(m) : t, depth + 1))
                return false;
        }
        return true;
    }
};

} // namespace

Result<std::vector<Body>> read_3mf(const std::string& stem, std::string_view bytes,
                                   const Progress& progress) {
    const PlainNumbers plain;
    Unfolding unfolding;
    if (const Status s = scan_zip(
            bytes, [&](const std::string& name) { unfolding.begin(name); },
            [&](std::string_view part) { unfolding.add(part); });
        !s)
        return Error{sentences({say("The 3MF file cannot be opened."), s.error().message})};
    if (unfolding.most > kMostBodies)
        return Error{say(kUnfoldsTooFar)};
    auto model = get<NMR::PLib3MFModel>([](auto** p) { return NMR::lib3mf_createmodel(p); });
    auto reader = get<NMR::PLib3MFModelReader>(
        [&](auto** p) { return NMR::lib3mf_model_queryreader(model.get(), MODELREADERCLASS_3MF, p); });
    if (!model || !reader)
        return Error{say("The 3MF library did not start.")};
    if (NMR::lib3mf_reader_readfrombuffer(reader.get(),
                                          reinterpret_cast<BYTE*>(const_cast<char*>(bytes.data())),
                                          bytes.size()) != LIB3MF_OK) {
        DWORD code = 0;
        LPCSTR why = nullptr;
        NMR::lib3mf_getlasterror(reader.get(), &code, &why);
        return Error{
            why && *why
                ? say("The 3MF file cannot be understood ({}). Export it again from the program it comes "
                      "from.",
                      repaired(why))
                : say("The 3MF file cannot be understood. Export it again from the program it comes from.")};
    }
    DWORD unit = NMR::MODELUNIT_MILLIMETER;
    NMR::lib3mf_model_getunit(model.get(), &unit);
    Reader r{model.get(), stem, unit_mm(unit), {}, 0, {}, progress};
    auto items = get<NMR::PLib3MFModelBuildItemIterator>(
        [&](auto** p) { return NMR::lib3mf_model_getbuilditems(model.get(), p); });
    BOOL more = 0;
    while (items && NMR::lib3mf_builditemiterator_movenext(items.get(), &more) == LIB3MF_OK && more) {
        auto item = get<NMR::PLib3MFModelBuildItem>(
            [&](auto** p) { return NMR::lib3mf_builditemiterator_getcurrent(items.get(), p); });
        if (!item)
            continue;
        auto object = get<NMR::PLib3MFModelObjectResource>(
            [&](auto** p) { return NMR::lib3mf_builditem_getobjectresource(item.get(), p); });
        NMR::MODELTRANSFORM m;
        BOOL has = 0;
        NMR::lib3mf_builditem_hasobjecttransform(item.get(), &has);
        const bool moves = has && NMR::lib3mf_builditem_getobjecttransform(item.get(), &m) == LIB3MF_OK;
        if (object && !r.add(object.get(), moves ? from(m) : kIdentity, 0))
            return Error{r.failure};
    }
    if (r.bodies.empty())
        return Error{say("The 3MF file has nothing to build: no build item leads to a mesh.")};
    return std::move(r.bodies);
}

namespace {

/// Puts a model together; every step may fail.
struct Writer {
    Owned<NMR::PLib3MFModel> model =
        get<NMR::PLib3MFModel>([](auto** p) { return NMR::lib3mf_createmodel(p); });
    Owned<NMR::PLib3MFModelBaseMaterial> materials = {};
    DWORD group = 0;

    /// The object's default property is a base material of that colour.
    bool colour(NMR::PLib3MFModelMeshObject* object, const Body& b) {
        if (!materials) {
            materials = get<NMR::PLib3MFModelBaseMaterial>(
                [&](auto** p) { return NMR::lib3mf_model_addbasematerialgroup(model.get(), p); });
            if (!materials)
                return false;
            NMR::lib3mf_basematerial_getresourceid(materials.get(), &group);
        }
        DWORD index = 0;
        const std::string name = b.material.empty() ? to_hex(*b.colour) : one_line(b.material);
        // The first call leaves the colour without opacity; the second says it.
        if (NMR::lib3mf_basematerial_addmaterialutf8(materials.get(), name.c_str(), b.colour->r, b.colour->g,
                                                     b.colour->b, &index) != LIB3MF_OK ||
            NMR::lib3mf_basematerial_setdisplaycolorrgba(materials.get(), index, b.colour->r, b.colour->g,
                                                         b.colour->b, 255) != LIB3MF_OK)
            return false;
        auto own = get<NMR::PLib3MFDefaultPropertyHandler>(
            [&](auto** p) { return NMR::lib3mf_object_createdefaultpropertyhandler(object, p); });
        return own &&
               NMR::lib3mf_defaultpropertyhandler_setbasematerial(own.get(), group, index) == LIB3MF_OK;
    }

    Owned<NMR::PLib3MFModelMeshObject> mesh(const Body& b) {
        auto object = get<NMR::PLib3MFModelMeshObject>(
            [&](auto** p) { return NMR::lib3mf_model_addmeshobject(model.get(), p); });
        if (!object)
            return {};
        std::vector<NMR::MODELMESHVERTEX> v(b.mesh.vertices.size());
        for (std::size_t i = 0; i < v.size(); ++i)
            v[i] = {{b.mesh.vertices[i].x, b.mesh.vertices[i].y, b.mesh.vertices[i].z}};
        std::vector<NMR::MODELMESHTRIANGLE> f(b.mesh.triangles.size());
        for (std::size_t i = 0; i < f.size(); ++i)
            f[i] = {{b.mesh.triangles[i][0], b.mesh.triangles[i][1], b.mesh.triangles[i][2]}};
        if (NMR::lib3mf_meshobject_setgeometry(object.get(), v.data(), static_cast<DWORD>(v.size()), f.data(),
                                               static_cast<DWORD>(f.size())) != LIB3MF_OK ||
            NMR::lib3mf_object_setnameutf8(object.get(), one_line(b.name).c_str()) != LIB3MF_OK ||
            (b.colour && !colour(object.get(), b)))
            return {};
        return object;
    }

    bool build(NMR::PLib3MFModelObjectResource* object, NMR::MODELTRANSFORM* where) {
        return get<NMR::PLib3MFModelBuildItem>([&](auto** p) {
                   return NMR::lib3mf_model_addbuilditem(model.get(), object, where, p);
               }) != nullptr;
    }

    bool add(const Assembly& a) {
        Owned<NMR::PLib3MFModelComponentsObject> whole;
        if (!a.stands.empty()) {
            std::vector<Owned<NMR::PLib3MFModelMeshObject>> meshes;
            for (const Body& b : a.bodies) // before what they are components of
                if (meshes.push_back(mesh(b)); !meshes.back())
                    return false;
            whole = get<NMR::PLib3MFModelComponentsObject>(
                [&](auto** p) { return NMR::lib3mf_model_addcomponentsobject(model.get(), p); });
            if (!whole || NMR::lib3mf_object_setnameutf8(whole.get(), one_line(a.name).c_str()) != LIB3MF_OK)
                return false;
            for (const auto& part : meshes)
                if (!get<NMR::PLib3MFModelComponent>([&](auto** p) {
                        return NMR::lib3mf_componentsobject_addcomponent(whole.get(), part.get(), nullptr, p);
                    }))
                    return false;
        }
        for (const Stand& stand : a.stands) {
            const Vec3 o = stood(stand, {0, 0, 0}), x = stood(stand, {1, 0, 0}) - o,
                       y = stood(stand, {0, 1, 0}) - o;
            NMR::MODELTRANSFORM m{{{x.x, y.x, 0, o.x}, {x.y, y.y, 0, o.y}, {0, 0, 1, o.z}}};
            if (!build(whole.get(), &m))
                return false;
        }
        for (const Body& b : a.bodies)
            if (a.stands.empty())
                if (const auto object = mesh(b); !object || !build(object.get(), nullptr))
                    return false;
        return true;
    }

    Result<std::string> bytes() const {
        auto writer = get<NMR::PLib3MFModelWriter>(
            [&](auto** p) { return NMR::lib3mf_model_querywriter(model.get(), MODELWRITERCLASS_3MF, p); });
        // The writer streams; it may go back to fill in sizes.
        struct Sink {
            std::string bytes;
            std::size_t at = 0;
        } sink;
        const auto write = +[](const char* data, DWORD n, void* user) -> int {
            auto& s = *static_cast<Sink*>(user);
            if (s.at + n > s.bytes.size())
                s.bytes.resize(s.at + n);
            std::copy(data, data + n, s.bytes.begin() + static_cast<std::ptrdiff_t>(s.at));
            s.at += n;
            return 0;
        };
        const auto seek = +[](ULONG64 position, void* user) -> int {
            static_cast<Sink*>(user)->at = position;
            return 0;
        };
        if (!writer || NMR::lib3mf_writer_writetocallback(writer.get(), reinterpret_cast<void*>(write),
                                                          reinterpret_cast<void*>(seek), &sink) != LIB3MF_OK)
            return Error{};
        return std::move(sink.bytes);
    }
};

} // namespace

Vec3 stood(const Stand& s, Vec3 p) {
    const double a = s.turn_deg * std::numbers::pi / 180, x = double(p.x) - s.around.x,
                 y = double(p.y) - s.around.y;
    // Quarter turns stay exact.
    const auto exact = [](double v) { return std::abs(v) < 1e-12 ? 0.0 : v; };
    const double c = exact(std::cos(a)), n = exact(std::sin(a));
    return {static_cast<float>(s.at.x + x * c - y * n), static_cast<float>(s.at.y + x * n + y * c),
            s.at.z + (p.z - s.around.z)};
}

Result<std::string> write_3mf(const std::vector<Assembly>& assemblies) {
    const PlainNumbers plain;
    const Error failed{say("The 3MF file could not be put together. Nothing was written.")};
    Writer writer;
    if (!writer.model)
        return failed;
    NMR::lib3mf_model_setunit(writer.model.get(), NMR::MODELUNIT_MILLIMETER);
    for (const Assembly& a : assemblies)
        if (!writer.add(a))
            return failed;
    auto bytes = writer.bytes();
    return bytes ? std::move(bytes) : failed;
}

Result<std::string> write_3mf(const std::vector<Body>& bodies) {
    return write_3mf(std::vector<Assembly>{{"", bodies, {}}});
}

} // namespace vitrail
