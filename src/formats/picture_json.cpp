#include "formats/picture_json.h"

#include "core/base/text.h"

#include <algorithm>
#include <array>
#include <cctype>
#include <charconv>

namespace vitrail {

namespace {

constexpr std::array kUses{"relief", "panel"};            // [PictureUse]
constexpr std::array kGrounds{"keep", "lowest", "cut"};   // [GroundOut]
constexpr std::array kSchools{"luminance", "nearest"};    // [ReliefSchool]
constexpr std::array kOrders{"apart", "packed", "above"}; // [FilmOrder]
constexpr std::array kModels{"two-flux", "blend"};        // [LookModel]

template <class Enum, std::size_t N>
std::string name_of(const std::array<const char*, N>& names, Enum e) {
    return names[static_cast<std::size_t>(e)];
}
template <class Enum, std::size_t N>
Enum choice(const JsonReader& r, const char* key, const std::array<const char*, N>& names, Enum otherwise) {
    if (!r.has(key))
        return otherwise;
    const std::string text = r.text(key);
    for (std::size_t i = 0; i < N; ++i)
        if (text == names[i])
            return static_cast<Enum>(i);
    throw JsonMisfit{say("{} {} is not known", r.place(key), Name{text.substr(0, 40)})};
}

Srgb colour_from(const JsonReader& r, const char* key, Srgb otherwise) {
    if (!r.has(key))
        return otherwise;
    const auto colour = parse_colour(r.text(key));
    if (!colour)
        throw JsonMisfit{say("{} must be #rrggbb", r.place(key))};
    return *colour;
}
char letter_from(const JsonReader& r, const char* key) {
    const std::string s = r.text(key);
    if (s.size() != 1 || s[0] < 'A' || s[0] > 'Z')
        throw JsonMisfit{say("{} must be a letter from A to Z", r.place(key))};
    return s[0];
}

Json curve_to_json(const RisingCurve& curve) {
    Json out = Json::array();
    for (const auto& [x, y] : curve)
        out.push_back({x, y});
    return out;
}
RisingCurve curve_from(const JsonReader& r, const char* key) {
    RisingCurve curve;
    if (!r.has(key))
        return curve;
    for (const Json& point : r.list(key, 100)) {
        if (!point.is_array() || point.size() != 2 || !point[0].is_number() || !point[1].is_number())
            throw JsonMisfit{say("{} must be a list of points", r.place(key))};
        const double x = point[0].get<double>(), y = point[1].get<double>();
        if (!(x >= 0 && x <= 1 && y >= 0 && y <= 1) ||
            (!curve.empty() && (x < curve.back().first || y < curve.back().second)))
            throw JsonMisfit{say("{} must rise from 0 to 1", r.place(key))};
        curve.emplace_back(x, y);
    }
    return curve;
}

Json preparation_to_json(const Preparation& p) {
    return {{"crop", {p.left, p.top, p.right, p.bottom}},
            {"turn", p.turn},
            {"mirror", p.mirror},
            {"brightness", p.brightness},
            {"contrast", p.contrast},
            {"gamma", p.gamma},
            {"tones", curve_to_json(p.tones)},
            {"ground_out", name_of(kGrounds, p.ground_out)},
            {"ground_delta_e", p.ground_delta_e},
            {"ground", to_hex(p.ground)},
            {"frame_mm", p.frame_mm},
            {"frame", to_hex(p.frame)},
            {"corner_mm", p.corner_mm},
            {"hole_mm", p.hole_mm},
            {"text", p.text},
            {"text_mm", p.text_mm},
            {"text_colour", to_hex(p.text_colour)}};
}
Preparation preparation_from(const JsonReader& r) {
    Preparation p;
    if (r.has("crop")) {
        const Json& crop = r.list("crop", 4);
        std::array<double, 4> c{};
        for (std::size_t i = 0; i < 4; ++i) {
            if (crop.size() != 4 || !crop[i].is_number() ||
                !(crop[i].get<double>() >= 0 && crop[i].get<double>() <= 1))
                throw JsonMisfit{say("{} must be four shares from 0 to 1", r.place("crop"))};
            c[i] = crop[i].get<double>();
        }
        if (!(c[0] < c[2] && c[1] < c[3]))
            throw JsonMisfit{say("{} leaves nothing", r.place("crop"))};
        p.left = c[0], p.top = c[1], p.right = c[2], p.bottom = c[3];
    }
    p.turn = static_cast<int>(r.number("turn", 0, 3, 0));
    p.mirror = r.truth("mirror", false);
    p.brightness = r.number("brightness", -1, 1, 0);
    p.contrast = r.number("contrast", 0, 4, 1);
    p.gamma = r.number("gamma", 0.2, 5, 1);
    p.tones = curve_from(r, "tones");
    p.ground_out = choice(r, "ground_out", kGrounds, p.ground_out);
    p.ground_delta_e = r.number("ground_delta_e", 0, 100, p.ground_delta_e);
    p.ground = colour_from(r, "ground", p.ground);
    p.frame_mm = r.number("frame_mm", 0, 500, 0);
    p.frame = colour_from(r, "frame", p.frame);
    p.corner_mm = r.number("corner_mm", 0, 500, 0);
    p.hole_mm = r.number("hole_mm", 0, 100, 0);
    p.text = r.text("text", "");
    p.text_mm = r.number("text_mm", 1, 200, p.text_mm);
    p.text_colour = colour_from(r, "text_colour", p.text_colour);
    return p;
}

Json lighting_to_json(const Lighting& l) {
    return {{"from", l.from == Lighting::From::behind ? "behind" : "front"},
            {"backing", {l.backing[0], l.backing[1], l.backing[2]}},
            {"lamp_k", l.lamp_k},
            {"diffuser", l.diffuser},
            {"model", name_of(kModels, l.model)}};
}
Lighting lighting_from(const JsonReader& r) {
    Lighting l;
    l.from = r.text("from", "front") == "behind" ? Lighting::From::behind : Lighting::From::front;
    l.lamp_k = r.number("lamp_k", 1000, 25000, l.lamp_k);
    l.diffuser = r.truth("diffuser", false);
    l.model = choice(r, "model", kModels, l.model);
    if (r.has("backing")) {
        const Json& backing = r.list("backing", 3);
        for (std::size_t i = 0; i < 3; ++i) {
            if (backing.size() != 3 || !backing[i].is_number() ||
                !(backing[i].get<double>() >= 0 && backing[i].get<double>() <= 1))
                throw JsonMisfit{say("{} must be three shares from 0 to 1", r.place("backing"))};
            l.backing[i] = backing[i].get<double>();
        }
    }
    return l;
}

Json films_to_json(const PanelFilms& f) {
    return {{"white", std::string(1, f.white)},
            {"films", f.films},
            {"order", name_of(kOrders, f.order)},
            {"film_layers", f.film_layers},
            {"base_layers", f.base_layers},
            {"cover_least", f.cover_least},
            {"cover_most", f.cover_most},
            {"spread", f.spread},
            {"fit_range", f.fit_range},
            {"rim_mm", f.rim_mm},
            {"slot_mm", f.slot_mm}};
}
PanelFilms films_from(const JsonReader& r) {
    PanelFilms f;
    f.white = letter_from(r, "white");
    f.films = r.text("films", "");
    for (const char c : f.films)
        if (c < 'A' || c > 'Z')
            throw JsonMisfit{say("{} must be letters from A to Z", r.place("films"))};
    f.order = choice(r, "order", kOrders, f.order);
    f.film_layers = static_cast<int>(r.number("film_layers", 1, 50, f.film_layers));
    f.base_layers = static_cast<int>(r.number("base_layers", 1, 250, f.base_layers));
    f.cover_least = static_cast<int>(r.number("cover_least", 0, 250, f.cover_least));
    f.cover_most =
        static_cast<int>(r.number("cover_most", f.cover_least, 250, std::max(f.cover_least, f.cover_most)));
    f.spread = r.truth("spread", true);
    f.fit_range = r.truth("fit_range", true);
    f.rim_mm = r.number("rim_mm", 0, 100, 0);
    f.slot_mm = r.number("slot_mm", 0, 100, 0);
    return f;
}

std::shared_ptr<const std::string> taken(const JsonReader& r, const std::string& name,
                                         std::vector<ZipEntry>& entries) {
    const auto file =
        std::find_if(entries.begin(), entries.end(), [&](const ZipEntry& e) { return e.name == name; });
    if (name.empty() || file == entries.end())
        throw JsonMisfit{say("{}: the file {} is missing from the project", r.where(),
                             Name{repaired(name.substr(0, 80))})};
    file->name.clear();
    return std::make_shared<const std::string>(std::move(file->bytes));
}

} // namespace

std::string stack_text(const std::vector<FilamentRun>& stack) {
    std::string text;
    for (const FilamentRun& r : stack)
        text += r.filament + std::to_string(r.layers);
    return text;
}

std::vector<FilamentRun> parse_stack(const std::string& text, int most) {
    std::vector<FilamentRun> stack;
    for (std::size_t i = 0; i < text.size();) {
        const char c = text[i++];
        int count = 0;
        const std::size_t digits = i;
        for (; i < text.size() && std::isdigit(static_cast<unsigned char>(text[i])) && count <= most; ++i)
            count = 10 * count + (text[i] - '0');
        if (c < 'A' || c > 'Z' || count < 1 || count > most || digits == i)
            return {};
        stack.push_back({c, count});
    }
    return stack;
}

std::string write_pgm(const DotMap& dots) {
    std::string out = "P5\n" + std::to_string(dots.width) + " " + std::to_string(dots.height) + "\n65535\n";
    out.reserve(out.size() + 2 * dots.dots.size());
    for (const std::uint16_t n : dots.dots) {
        out += static_cast<char>(n >> 8);
        out += static_cast<char>(n & 255);
    }
    return out;
}

Result<DotMap> read_pgm(std::string_view bytes) {
    const Error broken{say("The dots of the picture are damaged.")};
    constexpr double kMost = 1e8;
    std::array<int, 3> header{};
    if (bytes.substr(0, 2) != "P5")
        return broken;
    std::size_t at = 2;
    for (int& n : header) {
        while (at < bytes.size() && std::isspace(static_cast<unsigned char>(bytes[at])))
            ++at;
        const auto [end, error] = std::from_chars(bytes.data() + at, bytes.data() + bytes.size(), n);
        if (error != std::errc{} || n < 1)
            return broken;
        at = static_cast<std::size_t>(end - bytes.data());
    }
    ++at; // one blank
    if (header[2] != 65535 || static_cast<double>(header[0]) * header[1] > kMost ||
        at + 2 * static_cast<std::size_t>(header[0]) * static_cast<std::size_t>(header[1]) != bytes.size())
        return broken;
    DotMap dots{header[0], header[1], {}};
    dots.dots.reserve((bytes.size() - at) / 2);
    for (; at < bytes.size(); at += 2)
        dots.dots.push_back(static_cast<std::uint16_t>(static_cast<unsigned char>(bytes[at]) << 8 |
                                                       static_cast<unsigned char>(bytes[at + 1])));
    return dots;
}

Json picture_to_json(const Picture& p) {
    Json bands = Json::array(), stacks = Json::array();
    for (const ReliefBand& b : p.bands)
        bands.push_back({{"filament", std::string(1, b.filament)},
                         {"from_layer", b.from_layer},
                         {"to_layer", b.to_layer}});
    for (const auto& s : p.stacks)
        stacks.push_back(stack_text(s));
    Json json{{"file", "pictures/" + p.name},
              {"use", name_of(kUses, p.use)},
              {"prepare", preparation_to_json(p.prepare)},
              {"width_mm", p.width_mm},
              {"dot_mm", p.dot_mm},
              {"lighting", lighting_to_json(p.lighting)},
              {"school", name_of(kSchools, p.school)},
              {"heights", curve_to_json(p.heights)},
              {"seen_from_cm", p.seen_from_cm},
              {"bands", bands},
              {"face_down", p.face_down}};
    if (p.use == PictureUse::panel)
        json["panel"] = films_to_json(p.panel);
    if (p.dots)
        json["made"] = {{"piece", p.piece},
                        {"made_with", p.made_with},
                        {"first_mm", p.first_mm},
                        {"layer_mm", p.layer_mm},
                        {"dots", kDotsFile},
                        {"stacks", stacks},
                        {"mean_delta_e", p.figures.mean_delta_e},
                        {"p95_delta_e", p.figures.p95_delta_e},
                        {"lost", p.figures.lost},
                        {"collides", p.figures.collides},
                        {"outside", p.figures.outside}};
    return json;
}

Picture picture_from_json(const JsonReader& r, std::vector<ZipEntry>& entries) {
    Picture p;
    const std::string file = r.text("file"), folder = "pictures/";
    if (file.rfind(folder, 0) != 0)
        throw JsonMisfit{say("{} must lie in pictures", r.place("file"))};
    p.name = file.substr(folder.size());
    p.bytes = taken(r, file, entries);
    p.use = choice(r, "use", kUses, p.use);
    if (r.has("prepare"))
        p.prepare = preparation_from(r.object("prepare"));
    p.width_mm = r.number("width_mm", 1, 10000, p.width_mm);
    p.dot_mm = r.number("dot_mm", 0.01, 100, p.dot_mm);
    if (r.has("lighting"))
        p.lighting = lighting_from(r.object("lighting"));
    p.school = choice(r, "school", kSchools, p.school);
    p.heights = curve_from(r, "heights");
    p.seen_from_cm = r.number("seen_from_cm", 0, 10000, 0);
    p.face_down = r.truth("face_down", false);
    int next = 1;
    if (r.has("bands"))
        for (std::size_t i = 0; i < r.list("bands", 1000).size(); ++i) {
            const JsonReader b = r.item("bands", i);
            p.bands.push_back({letter_from(b, "filament"),
                               static_cast<int>(b.number("from_layer", next, next)),
                               static_cast<int>(b.number("to_layer", next, 1000))});
            next = p.bands.back().to_layer + 1;
        }
    if (p.use == PictureUse::panel)
        p.panel = films_from(r.object("panel"));
    else if (p.bands.empty())
        throw JsonMisfit{say("{} has no bands", r.where())};
    if (!r.has("made"))
        return p;
    const JsonReader made = r.object("made");
    p.piece = made.text("piece");
    p.made_with = made.text("made_with", "");
    p.first_mm = made.number("first_mm", 0.01, 10);
    p.layer_mm = made.number("layer_mm", 0.01, 10);
    p.figures = {made.number("mean_delta_e", 0, 1000, 0), made.number("p95_delta_e", 0, 1000, 0),
                 made.number("lost", 0, 1, 0), made.number("collides", 0, 1, 0),
                 made.number("outside", 0, 1, 0)};
    for (const Json& s : made.list("stacks", 65535)) {
        p.stacks.push_back(s.is_string() ? parse_stack(s.get<std::string>(), 1000)
                                         : std::vector<FilamentRun>{});
        if (p.stacks.back().empty())
            throw JsonMisfit{say("{} holds what is no stack", made.place("stacks"))};
    }
    auto dots = read_pgm(*taken(made, made.text("dots"), entries));
    if (!dots)
        throw JsonMisfit{say("{}: {}", made.place("dots"), dots.error().message)};
    const std::size_t most =
        p.use == PictureUse::panel ? p.stacks.size() : static_cast<std::size_t>(next) - 1;
    if (std::any_of(dots->dots.begin(), dots->dots.end(), [&](std::uint16_t n) { return n > most; }) ||
        std::all_of(dots->dots.begin(), dots->dots.end(), [](std::uint16_t n) { return n == 0; }))
        throw JsonMisfit{say("{} does not fit the picture", made.place("dots"))};
    p.dots = std::make_shared<const DotMap>(std::move(*dots));
    return p;
}

} // namespace vitrail
