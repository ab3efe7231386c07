// Commands about pictures in layers.
#include "cli/commands.h"
#include "cli/guarded.h"

#include "core/colour/lamp.h"
#include "core/colour/stack.h"
#include "core/picture/relief_project.h"
#include "formats/json.h"
#include "formats/own_models.h"
#include "paint/read_picture.h"
#include "paint/thumbnail.h"

#include <fmt/format.h>

#include <algorithm>
#include <cctype>
#include <cmath>
#include <filesystem>

namespace vitrail {

namespace {

/// "A4B2C1": filaments and counts, from below.
std::vector<std::pair<char, int>> parse_layers(const std::string& text) {
    std::vector<std::pair<char, int>> layers;
    constexpr int kMost = 10000;
    for (std::size_t i = 0; i < text.size();) {
        const char c = text[i++];
        int count = 0;
        const std::size_t digits = i;
        for (; i < text.size() && std::isdigit(static_cast<unsigned char>(text[i])) && count <= kMost; ++i)
            count = 10 * count + (text[i] - '0');
        if (c < 'A' || c > 'Z' || count < 1 || count > kMost || digits == i)
            throw Usage{fmt::format("--layers is letters and how many layers of each, from below, as in A4B2C1; not {}", text)};
        layers.emplace_back(c, count);
    }
    if (layers.empty())
        throw Usage{"--layers needs one layer at least, as in A4B2C1"};
    return layers;
}

Json three(const Channels& c) {
    return Json::array({c[0], c[1], c[2]});
}

/// LETTER=FROM..TO, whole layers counted from 1.
ReliefBand parse_band(const std::string& text) {
    const std::size_t dots = text.find("..");
    if (text.size() < 6 || text[1] != '=' || dots == std::string::npos)
        throw Usage{fmt::format("--band takes LETTER=FROM..TO, in layers, not {}", text)};
    const double from = number(text.substr(2, dots - 2), "--band"), to = number(text.substr(dots + 2), "--band");
    if (from < 1 || to < from || to > 100000 || from != std::floor(from) || to != std::floor(to))
        throw Usage{fmt::format("--band counts whole layers from 1, the second not before the first: {}", text)};
    return {letter(text.substr(0, 1), "--band"), static_cast<int>(from), static_cast<int>(to)};
}

} // namespace

int run_stack(const StackOptions& o) {
    return guarded([&] {
        std::vector<Filament> filaments;
        std::vector<Tint> tints;
        for (const std::string& text : o.filaments) {
            filaments.push_back(parse_filament(text));
            tints.push_back(tint_of(filaments.back().colour, filaments.back().td_mm));
        }
        std::vector<StackLayer> layers;
        for (const auto& [letter, count] : parse_layers(o.layers)) {
            const auto it = std::find_if(filaments.begin(), filaments.end(), [&](const Filament& f) { return f.letter == letter; });
            if (it == filaments.end())
                throw Usage{fmt::format("--layers names {}, which no --filament describes", letter)};
            for (int i = 0; i < count; ++i)
                layers.push_back({static_cast<int>(it - filaments.begin()), layers.empty() && o.first_layer_mm > 0 ? o.first_layer_mm : o.layer_mm});
        }
        Lighting l;
        l.from = o.light == "behind" ? Lighting::From::behind : Lighting::From::front;
        l.model = o.model == "blend" ? LookModel::blend : LookModel::two_flux;
        l.lamp_k = o.lamp_k;
        l.diffuser = o.diffuser;
        if (!o.backing.empty()) {
            const auto colour = parse_colour(o.backing);
            if (!colour)
                throw Usage{fmt::format("--backing is a colour #rrggbb, not {}", o.backing)};
            const LinearRgb c = to_linear(*colour);
            l.backing = {c.r, c.g, c.b};
        }
        const StackLook look = look_of(layers, tints, l);
        const Srgb rgb = shown(look.light);
        const Lab lab = to_lab(LinearRgb{look.light[0], look.light[1], look.light[2]});
        double mm = 0;
        for (const StackLayer& x : layers)
            mm += x.mm;
        if (o.json)
            std::cout << json_text({{"schema", "vitrail.stack/1"}, {"rgb", to_hex(rgb)}, {"lab", {lab.l, lab.a, lab.b}}, {"light", three(look.light)}, {"reflectance", three(look.reflectance)}, {"transmittance", three(look.transmittance)}, {"mm", mm}}) << "\n";
        else
            fmt::print("{} layers, {:.2f} mm: {}\nLab {:.1f} {:.1f} {:.1f}\nsends back {:.3f} {:.3f} {:.3f}, lets through {:.3f} {:.3f} {:.3f} (linear red, green, blue)\n", layers.size(), mm, to_hex(rgb), lab.l, lab.a, lab.b, look.reflectance[0],
                       look.reflectance[1], look.reflectance[2], look.transmittance[0], look.transmittance[1], look.transmittance[2]);
        return 0;
    });
}

int run_relief(const ReliefCall& call) {
    return guarded([&] {
        ReliefOptions o;
        o.width_mm = call.width_mm;
        o.dot_mm = call.dot_mm;
        o.school = call.school == "luminance" ? ReliefSchool::luminance : ReliefSchool::nearest;
        for (const std::string& b : call.bands)
            o.bands.push_back(parse_band(b));
        std::vector<Filament> filaments;
        for (const std::string& text : call.filaments)
            filaments.push_back(parse_filament(text));
        Settings settings;
        settings.layer_mm = call.layer_mm;
        settings.first_layer_mm = call.first_layer_mm;
        apply_settings(settings, call.settings);
        const auto ground = parse_colour(call.ground);
        if (!ground)
            throw Usage{fmt::format("--ground is a colour #rrggbb, not {}", call.ground)};
        const auto bytes = read_file(call.picture);
        if (!bytes)
            throw Unusable{call.picture, english(bytes.error().message)};
        const auto picture = read_picture(QByteArray::fromStdString(*bytes), *ground);
        if (!picture)
            throw Unusable{call.picture, english(picture.error().message)};
        auto relief = make_relief(*picture, filaments, settings, read_machine_argument(call.machine), o);
        if (!relief)
            throw Unusable{call.picture, english(relief.error().message)};
        relief->project.name = std::filesystem::path(call.picture).stem().string();
        if (const Status ok = carry_meshes(relief->project, "relief.3mf"); !ok)
            throw Unusable{call.out, english(ok.error().message)};
        if (const Status ok = save_project(relief->project, call.out, thumbnail_png(relief->project)); !ok)
            throw Unusable{call.out, english(ok.error().message)};
        fmt::print("{}: {:.1f} × {:.1f} mm, {} × {} dots, {} layers, {} triangles\n", call.out, relief->heights.width * o.dot_mm, relief->heights.height * o.dot_mm, relief->heights.width, relief->heights.height,
                    relief->colours.size(), relief->project.pieces.front().parts.front().mesh->triangles.size());
        fmt::print("ΔE to the picture {:.1f} on average, {:.1f} at most in 95 % of it; {:.1f} % is too fine to come out\n", relief->difference.mean, relief->difference.p95, 100 * relief->lost);
        if (o.school == ReliefSchool::luminance)
            fmt::print("{:.1f} % has a colour that shares its lightness with another: there the height cannot be right for both\n", 100 * relief->collides);
        return 0;
    });
}

} // namespace vitrail
