#include "cli/arguments.h"

#include "core/base/text.h"
#include "formats/files.h"
#include "formats/machine_file.h"
#include "formats/shelf_db.h"

#include <charconv>
#include <cmath>

namespace vitrail {

std::string bytes_of(const std::string& file) {
    auto bytes = read_file(file);
    if (!bytes)
        throw Unusable{file, english(bytes.error().message)};
    return std::move(*bytes);
}

Shelf shelf_of(const std::string& file) {
    auto shelf = shelf_from_text(bytes_of(file));
    if (!shelf)
        throw Unusable{file, english(shelf.error().message)};
    return std::move(*shelf);
}

std::vector<std::string> split(const std::string& s, char at) {
    std::vector<std::string> out;
    std::size_t start = 0;
    for (std::size_t i = 0; i <= s.size(); ++i)
        if (i == s.size() || s[i] == at) {
            out.push_back(s.substr(start, i - start));
            start = i + 1;
        }
    return out;
}

double number(const std::string& s, const std::string& what) {
    double v = 0;
    const auto [end, error] = std::from_chars(s.data(), s.data() + s.size(), v);
    if (s.empty() || error != std::errc() || end != s.data() + s.size() || !std::isfinite(v))
        throw Usage{what + " needs a number, not “" + s + "”"};
    return v;
}

char letter(const std::string& s, const std::string& call) {
    if (s.size() != 1 || s[0] < 'A' || s[0] > 'Z')
        throw Usage{call + ": “" + s + "” is no letter from A to Z"};
    return s[0];
}

void set(Settings& settings, const std::string& key, const std::string& value) {
    if (const Status ok = set_setting(settings, key, value); !ok)
        throw Usage{english(ok.error().message)};
}

void apply_settings(Settings& settings, const std::vector<std::string>& list) {
    for (const std::string& s : list) {
        const std::size_t at = s.find('=');
        if (at == std::string::npos)
            throw Usage{"a setting is KEY=VALUE, not \u201c" + s + "\u201d"};
        set(settings, s.substr(0, at), s.substr(at + 1));
    }
}

Filament parse_filament(const std::string& text) {
    const auto words = split(text, ':');
    if (words.size() < 3 || words.size() > 4)
        throw Usage{"--filament takes LETTER:MATERIAL:#RRGGBB[:TD_MM], not “" + text + "”"};
    const auto material = parse_material(words[1]);
    const auto colour = parse_colour(words[2]);
    if (!material)
        throw Usage{"--filament: there is no material “" + words[1] +
                    "”; `vitrail-cli filaments` lists them"};
    if (!colour)
        throw Usage{"--filament: “" + words[2] + "” is no colour #RRGGBB"};
    Filament f = make_filament(letter(words[0], "--filament"), *material, *colour);
    if (words.size() == 4) {
        f.td_mm = number(words[3], "--filament: the transmission distance");
        if (f.td_mm <= 0 || f.td_mm > 1000)
            throw Usage{"--filament: the transmission distance must lie between 0 and 1000 mm"};
    }
    return f;
}

Machine read_machine_argument(const std::string& name) {
    if (const Machine* m = find_machine(name))
        return *m;
    if (name.find('.') == std::string::npos && name.find('/') == std::string::npos)
        throw Usage{"there is no machine “" + name + "”; `vitrail-cli machines` lists them"};
    const auto machine = read_machine(bytes_of(name));
    if (!machine)
        throw Unusable{name, english(machine.error().message)};
    return *machine;
}

PartAt part_named(const Project& p, const std::string& name, const std::string& call) {
    const PartAt at = find_part(p, name);
    if (at.part >= 0)
        return at;
    std::string known;
    for (const Piece& piece : p.pieces)
        for (const Part& part : piece.parts)
            known += (known.empty() ? "" : ", ") + part.name;
    throw Usage{call + ": there is no part “" + name + "”; the parts are " + known};
}

std::pair<std::string, int> parse_piece(const std::string& text) {
    const std::size_t x = text.rfind('x');
    const bool counted = x != std::string::npos && x > 0 && x + 1 < text.size() &&
                         text.find_first_not_of("0123456789", x + 1) == std::string::npos;
    const std::string name = one_line(counted ? text.substr(0, x) : text);
    const double count = counted ? number(text.substr(x + 1), "--piece: the count") : 1;
    if (name.empty())
        throw Usage{"--piece takes NAME or NAMExN, not “" + text + "”"};
    if (count < 1 || count > kMostPlaced)
        throw Usage{"--piece: “" + text + "” asks for " + text.substr(x + 1) +
                    "; it must lie between 1 and " + std::to_string(kMostPlaced)};
    return {name, static_cast<int>(count)};
}

Srgb colour_argument(const std::string& text, const char* call) {
    const auto colour = parse_colour(text);
    if (!colour)
        throw Usage{fmt::format("{} is a colour #rrggbb, not {}", call, text)};
    return *colour;
}

} // namespace vitrail
