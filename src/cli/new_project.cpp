#include "cli/new_project.h"

#include "cli/arguments.h"
#include "core/base/text.h"
#include "core/patch/stroke.h"
#include "core/project/regions.h"
#include "formats/files.h"
#include "formats/import.h"

namespace vitrail {

namespace {

/// Faces within this of straight up or down are tops and undersides.
constexpr double kFacingWithin_deg = 30;

void add_models(const NewOptions& o, double scale, Project& p) {
    int piece = 0;
    for (const auto& [is_piece, text] : o.models) {
        if (is_piece) {
            const auto [name, count] = parse_piece(text);
            if (find_piece(p, name) >= 0)
                throw Usage{"--piece: “" + name + "” is given twice"};
            if (has_parts(p) ? p.pieces[static_cast<std::size_t>(piece)].parts.empty()
                             : !p.pieces.front().name.empty())
                throw Usage{"--piece: “" + p.pieces[static_cast<std::size_t>(piece)].name +
                            "” has no --model after it"};
            piece = add_piece(p, name, count);
            continue;
        }
        if (const Status ok = add_model(p, piece, file_name(text), bytes_of(text), beside(text)); !ok)
            throw Unusable{text, english(ok.error().message)};
        if (scale != 1)
            scale_model(p, static_cast<int>(p.models.size()) - 1, scale);
    }
    if (p.pieces[static_cast<std::size_t>(piece)].parts.empty())
        throw Usage{"--piece: “" + p.pieces[static_cast<std::size_t>(piece)].name +
                    "” has no --model after it"};
}

/// WHAT=LETTER, of a filament that is there.
std::pair<std::string, char> assigned(const Project& p, const std::string& text, const std::string& call) {
    const std::size_t at = text.rfind('=');
    if (at == std::string::npos)
        throw Usage{call + " needs =LETTER at its end: “" + text + "”"};
    const char l = letter(text.substr(at + 1), call);
    if (find_filament(p, l) < 0)
        throw Usage{call + ": there is no filament " + std::string(1, l)};
    return {text.substr(0, at), l};
}

/// PART=LETTER
void assign(const std::string& a, Project& p) {
    const auto [part, l] = assigned(p, a, "--assign");
    const PartAt at = part_named(p, part, "--assign");
    p.pieces[static_cast<std::size_t>(at.piece)].parts[static_cast<std::size_t>(at.part)].filament = l;
}

/// PART:Z0..Z1=LETTER
void add_band(const std::string& b, Project& p) {
    const auto [what, l] = assigned(p, b, "--band");
    const std::size_t colon = what.rfind(':'), dots = what.find("..", colon == std::string::npos ? 0 : colon);
    if (colon == std::string::npos || dots == std::string::npos)
        throw Usage{"--band takes PART:Z0..Z1=LETTER, not “" + b + "”"};
    const double z0 = number(what.substr(colon + 1, dots - colon - 1), "--band"),
                 z1 = number(what.substr(dots + 2), "--band");
    if (z0 < 0 || z1 <= z0)
        throw Usage{"--band: the band must begin at 0 or above and end above where it begins: “" + b + "”"};
    const PartAt at = part_named(p, what.substr(0, colon), "--band");
    assign_band(p.pieces[static_cast<std::size_t>(at.piece)], at.part, z0, z1, l);
}

/// PART:up|down|Z0..Z1=LETTER, or =free or =hold about support.
void paint(const std::string& text, Project& p) {
    // A wish about support stands where else the letter is.
    const std::size_t equals = text.rfind('=');
    const std::string value = equals == std::string::npos ? "" : text.substr(equals + 1);
    const SupportWish wish = value == "free"   ? SupportWish::keep_free
                             : value == "hold" ? SupportWish::hold
                                               : SupportWish::none;
    const auto [what, l] =
        wish == SupportWish::none ? assigned(p, text, "--paint") : std::pair{text.substr(0, equals), char(0)};
    const std::size_t colon = what.rfind(':');
    if (colon == std::string::npos)
        throw Usage{"--paint takes PART:up|down|Z0..Z1=LETTER, or =free or =hold, not “" + text + "”"};
    const std::string where = what.substr(colon + 1);
    const std::size_t dots = where.find("..");
    if (where != "up" && where != "down" && dots == std::string::npos)
        throw Usage{"--paint: “" + where + "” is neither up, down nor Z0..Z1"};
    double z0 = 0, z1 = 0;
    if (dots != std::string::npos) {
        z0 = number(where.substr(0, dots), "--paint"), z1 = number(where.substr(dots + 2), "--paint");
        if (z1 <= z0)
            throw Usage{"--paint: the heights must rise: “" + text + "”"};
    }
    const PartAt at = part_named(p, what.substr(0, colon), "--paint");
    Piece& of = p.pieces[static_cast<std::size_t>(at.piece)];
    Part& part = of.parts[static_cast<std::size_t>(at.part)];
    const double bed = bounds(of).min.z;
    const PatchNumber patch =
        wish == SupportWish::none ? patch_with(part, l, where) : static_cast<PatchNumber>(wish);
    if (patch == kUnpainted)
        throw Usage{"--paint: “" + part.name + "” has too many patches"};
    const auto apply = [&](const Mesh& m, Paint& paint) {
        const auto recolour = [&](PatchNumber) { return patch; };
        if (dots != std::string::npos)
            paint_heights(m, paint, bed + z0, bed + z1, recolour);
        else
            paint_triangles(paint, looking(m, {0, 0, where == "up" ? 1.0f : -1.0f}, kFacingWithin_deg),
                            recolour);
    };
    if (wish == SupportWish::none) {
        repaint(part, apply);
        drop_empty_patches(part);
    } else {
        repaint_support(part, apply);
    }
}

} // namespace

Project build_project(const NewOptions& o) {
    Project p;
    p.name = one_line(file_stem(o.out));
    p.machine = read_machine_argument(o.machine);
    for (const std::string& f : o.filaments) {
        const Filament filament = parse_filament(f);
        if (find_filament(p, filament.letter) >= 0)
            throw Usage{std::string("--filament: the letter ") + filament.letter + " is given twice"};
        p.filaments.push_back(filament);
    }
    if (!o.first_layer.empty())
        set(p.settings, "first_layer", o.first_layer);
    if (!o.layer.empty())
        set(p.settings, "layer", o.layer);
    if (!o.copies.empty())
        set(p.settings, "copies", o.copies);
    apply_settings(p.settings, o.settings);
    const double scale = o.scale.empty() ? 1 : number(o.scale, "--scale");
    if (!(scale >= 1e-6 && scale <= 1e6))
        throw Usage{"--scale must lie between 0.000001 and 1000000; a file in inches takes 25.4"};
    add_models(o, scale, p);
    for (const std::string& a : o.assignments)
        assign(a, p);
    for (const std::string& b : o.bands)
        add_band(b, p);
    for (const std::string& text : o.paints)
        paint(text, p);
    return p;
}

} // namespace vitrail
