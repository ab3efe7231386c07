#include "cli/picture_commands.h"

#include "cli/guarded.h"
#include "cli/offscreen.h"
#include "core/base/text.h"
#include "core/picture/look.h"
#include "core/picture/panel.h"
#include "core/picture/search.h"
#include "formats/json.h"
#include "formats/picture_json.h"
#include "formats/report.h"
#include "paint/make_picture.h"
#include "paint/thumbnail.h"

#include <fmt/format.h>

#include <QBuffer>

#include <algorithm>
#include <chrono>
#include <cmath>
#include <condition_variable>
#include <filesystem>
#include <mutex>
#include <thread>

namespace vitrail {

namespace {

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

/// Stopped when so many seconds have passed.
class StopAfter {
public:
    explicit StopAfter(double seconds)
        : watch_([this, seconds](const std::stop_token& done) {
              std::unique_lock lock(waiting_);
              if (!over_.wait_for(lock, done, std::chrono::duration<double>(seconds), [] { return false; }) &&
                  !done.stop_requested())
                  late_.request_stop();
          }) {}
    std::stop_token token() const { return late_.get_token(); }

private:
    std::stop_source late_;
    std::mutex waiting_;
    std::condition_variable_any over_;
    std::jthread watch_;
};

/// The best stack of the filaments for the picture, and what fewer would do, said on the way.
void search_bands(const ReliefCall& call, const std::vector<ReliefBand>& pins, const Raster& prepared,
                  Project& p) {
    Picture& picture = *p.picture;
    StackSearch s =
        search_for(picture, p.filaments, p.settings.first_layer_mm, p.settings.layer_mm, prepared);
    s.most_layers = std::max(
        s.base_layers, 1 + static_cast<int>(std::floor((call.most_mm - s.first_mm) / s.layer_mm + 1e-9)));
    s.most_bands = call.swaps + 1;
    s.most_filaments = call.slots;
    s.evaluations = call.evaluations;
    for (const ReliefBand& pin : pins) {
        if (pin.to_layer > s.most_layers)
            throw Usage{fmt::format("--pin: layer {} is above the {} that fit into --most", pin.to_layer,
                                    s.most_layers)};
        s.layers.resize(std::max(s.layers.size(), static_cast<std::size_t>(pin.to_layer)), -1);
        const int tint = find_filament(p, pin.filament);
        if (tint < 0)
            throw Usage{fmt::format("--pin names {}, which no filament has", pin.filament)};
        for (int l = pin.from_layer; l <= pin.to_layer; ++l)
            s.layers[static_cast<std::size_t>(l) - 1] = tint;
    }
    const StopAfter late(call.search_s);
    std::vector<FoundStack> front = best_stacks(s, {late.token(), {}});
    for (std::size_t i = 0; i < front.size() && !call.json; ++i) {
        if (front[i].broken)
            continue;
        const bool first = i == 0 || front[i - 1].broken;
        const std::string gain =
            first ? "" : fmt::format(", gains {:.1f}", front[i - 1].error - front[i].error);
        std::string stack;
        for (const StackBand& b : front[i].bands)
            stack += fmt::format("{}{}", p.filaments[static_cast<std::size_t>(b.tint)].letter, b.layers);
        fmt::print("{}: ΔE {:.1f} with {}{}{}\n", counted("{} swap", "{} swaps", static_cast<int>(i)),
                   front[i].error, stack, gain, front[i].proven ? ", proven" : "");
    }
    if (front.empty() || front.back().broken)
        throw Unusable{call.picture,
                       front.empty() ? "no stack fits: give more filaments, or more height."
                                     : "no stack keeps what is pinned: allow more swaps, slots or height."};
    picture.bands = bands_of(front.back().bands, p.filaments);
    // The project gets what is printed.
    std::vector<Filament> used;
    for (const ReliefBand& b : picture.bands)
        if (std::none_of(used.begin(), used.end(), [&](const Filament& f) { return f.letter == b.filament; }))
            used.push_back(p.filaments[static_cast<std::size_t>(find_filament(p, b.filament))]);
    p.filaments = std::move(used);
}

/// A project with the picture and what is done to it first; nothing is made yet. `raster`: as it came.
Project project_for(const PictureCall& call, PictureUse use, Raster& raster) {
    Project p;
    p.machine = read_machine_argument(call.machine);
    p.name = std::filesystem::path(call.picture).stem().string();
    const PictureLayers usual = usual_layers(use, p.machine);
    p.settings.layer_mm = call.layer_mm > 0 ? call.layer_mm : usual.layer_mm;
    p.settings.first_layer_mm = call.first_layer_mm > 0 ? call.first_layer_mm : usual.first_mm;
    for (const std::string& text : call.filaments)
        p.filaments.push_back(parse_filament(text));
    Picture picture;
    picture.name = picture_name(call.picture);
    picture.bytes = std::make_shared<const std::string>(bytes_of(call.picture));
    picture.use = use;
    picture.width_mm = call.width_mm;
    picture.lighting.lamp_k = call.lamp_k;
    picture.seen_from_cm = call.seen_from_cm;
    Preparation& x = picture.prepare;
    x.turn = call.turn, x.mirror = call.mirror;
    x.brightness = call.brightness, x.contrast = call.contrast, x.gamma = call.gamma;
    x.ground = colour_argument(call.ground, "--ground");
    x.ground_out = call.ground_out == "cut"      ? GroundOut::cut
                   : call.ground_out == "lowest" ? GroundOut::lowest
                                                 : GroundOut::keep;
    x.frame_mm = call.frame_mm, x.frame = colour_argument(call.frame_colour, "--frame-colour");
    x.corner_mm = call.corner_mm, x.hole_mm = call.hole_mm;
    x.text = one_line(repaired(call.text)), x.text_mm = call.text_mm,
    x.text_colour = colour_argument(call.text_colour, "--text-colour");
    const auto read = decoded(picture);
    if (!read)
        throw Unusable{call.picture, english(read.error().message)};
    raster = *read;
    if (!call.crop.empty()) {
        const std::vector<std::string> parts = split(call.crop, ',');
        std::array<double, 4> c{};
        for (std::size_t i = 0; i < 4; ++i)
            c[i] = parts.size() == 4 ? number(parts[i], "--crop") : 0;
        if (!(c[0] >= 0 && c[1] >= 0 && c[2] >= 1 && c[3] >= 1 && c[0] + c[2] <= raster.width &&
              c[1] + c[3] <= raster.height))
            throw Usage{fmt::format("--crop takes X,Y,W,H within the {} by {} dots of the picture, not {}",
                                    raster.width, raster.height, call.crop)};
        x.left = c[0] / raster.width, x.right = (c[0] + c[2]) / raster.width;
        x.top = c[1] / raster.height, x.bottom = (c[1] + c[3]) / raster.height;
    }
    p.picture = std::move(picture);
    // What pictures are printed with first, so that --set may say otherwise.
    settings_for_pictures(p.settings);
    apply_settings(p.settings, call.settings);
    const double line = p.settings.line_width_mm;
    p.picture->dot_mm = call.dot_mm > 0             ? call.dot_mm
                        : use == PictureUse::relief ? std::round(line / 2 * 20) / 20
                                                    : line;
    return p;
}

/// Makes the picture and writes the project.
Project make_and_save(const PictureCall& call, Project p, const Raster& raster) {
    std::optional<Offscreen> fonts;
    if (!p.picture->prepare.text.empty())
        fonts.emplace();
    const Raster text = drawn_text(*p.picture);
    auto made = with_picture_made(std::move(p), raster, text);
    if (!made)
        throw Unusable{call.picture, english(made.error().message)};
    if (const Status ok = save_project(*made, call.out, thumbnail_png(*made)); !ok)
        throw Unusable{call.out, english(ok.error().message)};
    const Picture& picture = *made->picture;
    if (call.json) {
        std::cout << json_text(picture_report(*made->picture)) << "\n";
        return std::move(*made);
    }
    std::size_t triangles = 0;
    int layers = 0;
    const Piece& piece = made->pieces[static_cast<std::size_t>(find_piece(*made, picture.piece))];
    for (const Part& part : piece.parts)
        triangles += part.mesh->triangles.size();
    for (const auto& stack : stacks_of(picture))
        layers = std::max(layers, layers_of(stack));
    fmt::print("{}: {:.1f} × {:.1f} mm, {} × {} dots, {}, {}, {} triangles\n", call.out,
               picture.dots->width * picture.dot_mm, picture.dots->height * picture.dot_mm,
               picture.dots->width, picture.dots->height, counted("{} layer", "{} layers", layers),
               counted("{} body", "{} bodies", static_cast<int>(piece.parts.size())), triangles);
    fmt::print("ΔE to the picture {:.1f} on average, {:.1f} at most in 95 % of it\n",
               picture.figures.mean_delta_e, picture.figures.p95_delta_e);
    return std::move(*made);
}

/// LETTER=FROM..TO, whole layers counted from 1.
ReliefBand parse_band(const std::string& text) {
    const std::size_t dots = text.find("..");
    if (text.size() < 6 || text[1] != '=' || dots == std::string::npos)
        throw Usage{fmt::format("--band takes LETTER=FROM..TO, in layers, not {}", text)};
    const double from = number(text.substr(2, dots - 2), "--band"),
                 to = number(text.substr(dots + 2), "--band");
    if (from < 1 || to < from || to > 100000 || from != std::floor(from) || to != std::floor(to))
        throw Usage{
            fmt::format("--band counts whole layers from 1, the second not before the first: {}", text)};
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
        const std::vector<FilamentRun> runs = parse_stack(o.layers);
        if (runs.empty())
            throw Usage{fmt::format(
                "--layers is letters and how many layers of each, from below, as in A4B2C1; not {}",
                o.layers)};
        for (const auto& [letter, count] : runs) {
            const auto it =
                std::find_if(filaments.begin(), filaments.end(),
                             [&, whose = letter](const Filament& f) { return f.letter == whose; });
            if (it == filaments.end())
                throw Usage{fmt::format("--layers names {}, which no --filament describes", letter)};
            for (int i = 0; i < count; ++i)
                layers.push_back({static_cast<int>(it - filaments.begin()),
                                  layers.empty() && o.first_layer_mm > 0 ? o.first_layer_mm : o.layer_mm});
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
            std::cout << json_text({{"schema", "vitrail.stack/1"},
                                    {"rgb", to_hex(rgb)},
                                    {"lab", {lab.l, lab.a, lab.b}},
                                    {"light", look.light},
                                    {"reflectance", look.reflectance},
                                    {"transmittance", look.transmittance},
                                    {"mm", mm}})
                      << "\n";
        else
            fmt::print("{} layers, {:.2f} mm: {}\nLab {:.1f} {:.1f} {:.1f}\nsends back {:.3f} {:.3f} {:.3f}, "
                       "lets through {:.3f} {:.3f} {:.3f} (linear red, green, blue)\n",
                       layers.size(), mm, to_hex(rgb), lab.l, lab.a, lab.b, look.reflectance[0],
                       look.reflectance[1], look.reflectance[2], look.transmittance[0], look.transmittance[1],
                       look.transmittance[2]);
        return 0;
    });
}

int run_relief(const ReliefCall& call) {
    return guarded([&] {
        Raster raster;
        if (!call.shelf.empty() && (!call.filaments.empty() || !call.bands.empty()))
            throw Usage{"--shelf is searched; it does not go with --filament or --band"};
        if (call.shelf.empty() && call.filaments.empty())
            throw Usage{"relief needs --filament, or --shelf"};
        std::vector<ReliefBand> bands, pins;
        for (const std::string& b : call.bands)
            bands.push_back(parse_band(b));
        for (const std::string& b : call.pins)
            pins.push_back(parse_band(b));
        Project p = project_for(call, PictureUse::relief, raster);
        if (!call.shelf.empty())
            p.filaments = from_shelf(call.shelf);
        p.picture->school = call.school == "luminance" ? ReliefSchool::luminance : ReliefSchool::nearest;
        p.picture->face_down = call.face_down;
        p.picture->bands = std::move(bands);
        if (p.picture->bands.empty()) {
            const auto [across, down] = dots_of(*p.picture, raster);
            if (across < 1 || down < 1 || static_cast<double>(across) * down > kMostPictureDots)
                throw Unusable{call.picture,
                               fmt::format("it would have {} by {} dots; between one and 25 million in all "
                                           "can be made. Choose another width, or larger dots.",
                                           across, down)};
            search_bands(call, pins, prepared(*p.picture, raster).picture, p);
        }
        const Project made = make_and_save(call, std::move(p), raster);
        if (call.json)
            return 0;
        fmt::print("{:.1f} % is too fine to come out\n", 100 * made.picture->figures.lost);
        if (made.picture->school == ReliefSchool::luminance)
            fmt::print("{:.1f} % has a colour that shares its lightness with another: there the height "
                       "cannot be right for both\n",
                       100 * made.picture->figures.collides);
        return 0;
    });
}

int run_panel(const PanelCall& call) {
    return guarded([&] {
        if (call.filaments.empty())
            throw Usage{"panel needs --filament: a white, and films"};
        Raster raster;
        Project p = project_for(call, PictureUse::panel, raster);
        Picture& picture = *p.picture;
        PanelFilms& f = picture.panel;
        picture.lighting.from = Lighting::From::behind;
        picture.lighting.diffuser = call.diffuser;
        f = usual_films(p.filaments);
        if (!call.white.empty())
            f.white = letter(call.white, "--white");
        if (!call.films.empty())
            f.films = call.films;
        else
            std::erase(f.films, f.white);
        f.order = call.order == "packed"  ? FilmOrder::packed
                  : call.order == "above" ? FilmOrder::above
                                          : FilmOrder::apart;
        f.film_layers = call.film_layers, f.base_layers = call.base_layers;
        f.cover_least = call.cover_least, f.cover_most = call.cover_most;
        if (f.cover_most < f.cover_least)
            throw Usage{"--cover-most is less than --cover-least"};
        f.spread = !call.no_spread;
        f.fit_range = !call.no_fit;
        f.rim_mm = call.rim_mm, f.slot_mm = call.slot_mm;
        if (!call.size.empty()) {
            const std::vector<std::string> parts = split(call.size, 'x');
            const double wide = parts.size() == 2 ? number(parts[0], "--size") : 0,
                         tall = parts.size() == 2 ? number(parts[1], "--size") : 0;
            if (!(wide >= 1 && tall >= 1 && wide <= 1000 && tall <= 1000))
                throw Usage{fmt::format("--size is WxH in mm, as in 150x100, not {}", call.size)};
            picture.width_mm = wide;
            crop_to(picture.prepare, raster.width, raster.height, wide / tall);
        }
        const Project made = make_and_save(call, std::move(p), raster);
        if (call.json)
            return 0;
        fmt::print("{} stacks in use; {:.1f} % of the picture is farther than ΔE {:.0f} from all that these "
                   "filaments can do\n",
                   made.picture->stacks.size(), 100 * made.picture->figures.outside, kOutOfReach);
        fmt::print("Lamps: low-voltage parts only, and a licensed electrician where local codes ask for one. "
                   "PLA softens at 55 °C: keep the lamp cool and away from it.\n");
        return 0;
    });
}

int run_look(const LookCall& o) {
    return guarded([&] {
        if (o.png.empty() && !o.json)
            throw Usage{"look needs --png or --json"};
        const Project p = open_project(o.project, {});
        if (!p.picture || !p.picture->dots)
            throw Unusable{o.project, "it has no picture. Make one with relief or panel."};
        if (!o.png.empty()) {
            std::optional<Offscreen> fonts;
            if (!p.picture->prepare.text.empty())
                fonts.emplace();
            const auto ready = prepared_picture(*p.picture);
            if (!ready)
                throw Unusable{o.project, english(ready.error().message)};
            const std::map<std::string, LookAs> names{{"printed", LookAs::printed},
                                                      {"flat", LookAs::flat},
                                                      {"lit", LookAs::lit},
                                                      {"unlit", LookAs::unlit},
                                                      {"original", LookAs::original},
                                                      {"difference", LookAs::difference},
                                                      {"collisions", LookAs::collisions}};
            QByteArray png;
            QBuffer buffer(&png);
            if (!buffer.open(QIODevice::WriteOnly) ||
                !to_image(look(*p.picture, p.filaments, *ready, names.at(o.as))).save(&buffer, "PNG"))
                throw Unusable{o.png, "the picture could not be written."};
            save(o.png, png.toStdString());
        }
        if (o.json)
            std::cout << json_text(picture_report(*p.picture)) << "\n";
        return 0;
    });
}

} // namespace vitrail
