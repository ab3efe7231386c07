// Commands about pictures in layers.
#include "cli/commands.h"
#include "cli/guarded.h"

#include "core/colour/lamp.h"
#include "core/colour/stack.h"
#include "core/picture/relief_project.h"
#include "core/picture/search.h"
#include "formats/json.h"
#include "formats/own_models.h"
#include "paint/read_picture.h"
#include "paint/thumbnail.h"

#include <fmt/format.h>

#include <algorithm>
#include <cctype>
#include <chrono>
#include <cmath>
#include <condition_variable>
#include <filesystem>
#include <mutex>
#include <thread>

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

/// The filaments of a shelf file that pictures can be made of, lettered in its order.
std::vector<Filament> from_shelf(const std::string& file) {
    const Shelf shelf = shelf_of(file);
    std::vector<Filament> filaments;
    for (const ShelfFilament& x : shelf.filaments)
        if (!facts(x.filament.material).soluble && filaments.size() < kMostFilaments) {
            filaments.push_back(x.filament);
            filaments.back().letter = static_cast<char>('A' + filaments.size() - 1);
            filaments.back().shelf_id = x.id;
        }
    if (filaments.empty())
        throw Unusable{file, "it holds no filament that pictures can be made of."};
    return filaments;
}

/// The best stack of the filaments for the picture, and what fewer would do, said on the way.
std::vector<ReliefBand> searched_bands(const ReliefCall& call, const Raster& picture, std::vector<Filament>& filaments, const Settings& settings, const ReliefOptions& o) {
    StackSearch s;
    for (const Filament& f : filaments)
        s.tints.push_back(tint_of(f.colour, f.td_mm));
    constexpr int kEnough = 400; // dots across: colours, not detail, are looked for
    s.colours = picture_colours(picture.width > kEnough ? scaled(picture, kEnough, std::max(1, kEnough * picture.height / picture.width)) : picture);
    s.first_mm = settings.first_layer_mm;
    s.layer_mm = settings.layer_mm;
    s.lighting = o.lighting;
    s.base_layers = 1 + std::max(0, static_cast<int>(std::ceil((kLeastBase_mm - s.first_mm) / s.layer_mm - 1e-9)));
    s.most_layers = std::max(s.base_layers, 1 + static_cast<int>(std::floor((call.most_mm - s.first_mm) / s.layer_mm + 1e-9)));
    s.most_bands = call.swaps + 1;
    s.evaluations = call.evaluations;
    std::stop_source late;
    std::mutex waiting;
    std::condition_variable_any over;
    const std::jthread watch([&](const std::stop_token& done) {
        std::unique_lock lock(waiting);
        if (!over.wait_for(lock, done, std::chrono::duration<double>(call.search_s), [] { return false; }) && !done.stop_requested())
            late.request_stop();
    });
    const std::vector<FoundStack> front = best_stacks(s, {late.get_token(), {}});
    if (front.empty())
        throw Unusable{call.picture, "no stack fits: give more filaments, or more height."};
    for (std::size_t i = 0; i < front.size(); ++i) {
        std::string stack;
        for (const StackBand& b : front[i].bands)
            stack += fmt::format("{}{}", filaments[static_cast<std::size_t>(b.tint)].letter, b.layers);
        fmt::print("{}: ΔE {:.1f} with {}{}\n", counted("{} swap", "{} swaps", static_cast<int>(i)), front[i].error, stack, front[i].proven ? ", proven" : "");
    }
    // The project gets what is printed, from below.
    std::vector<ReliefBand> bands;
    std::vector<Filament> used;
    int next = 1;
    for (const StackBand& b : front.back().bands) {
        const Filament& f = filaments[static_cast<std::size_t>(b.tint)];
        if (std::none_of(used.begin(), used.end(), [&](const Filament& x) { return x.letter == f.letter; }))
            used.push_back(f);
        bands.push_back({f.letter, next, next + b.layers - 1});
        next += b.layers;
    }
    filaments = std::move(used);
    return bands;
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
        if (!call.shelf.empty()) {
            if (!filaments.empty() || !o.bands.empty())
                throw Usage{"--shelf is searched; it does not go with --filament or --band"};
            filaments = from_shelf(call.shelf);
        }
        if (filaments.empty())
            throw Usage{"relief needs --filament, or --shelf"};
        Settings settings;
        settings.layer_mm = call.layer_mm;
        settings.first_layer_mm = call.first_layer_mm;
        apply_settings(settings, call.settings);
        const auto ground = parse_colour(call.ground);
        if (!ground)
            throw Usage{fmt::format("--ground is a colour #rrggbb, not {}", call.ground)};
        const auto picture = read_picture(QByteArray::fromStdString(bytes_of(call.picture)), *ground);
        if (!picture)
            throw Unusable{call.picture, english(picture.error().message)};
        if (o.bands.empty())
            o.bands = searched_bands(call, *picture, filaments, settings, o);
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
