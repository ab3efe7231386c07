#include "core/project/project.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

VITRAIL_VALUE_MADE_HERE(Project)
VITRAIL_VALUE_MADE_HERE(Piece)
VITRAIL_VALUE_MADE_HERE(Part)
VITRAIL_VALUE_MADE_HERE(Picture)

int find_filament(const Project& p, char letter) {
    for (std::size_t i = 0; i < p.filaments.size(); ++i)
        if (p.filaments[i].letter == letter)
            return static_cast<int>(i);
    return -1;
}

int find_piece(const Project& p, const std::string& name) {
    for (std::size_t i = 0; i < p.pieces.size(); ++i)
        if (p.pieces[i].name == name)
            return static_cast<int>(i);
    return -1;
}

int find_part(const Piece& piece, const std::string& name) {
    for (std::size_t i = 0; i < piece.parts.size(); ++i)
        if (piece.parts[i].name == name)
            return static_cast<int>(i);
    return -1;
}

PartAt find_part(const Project& p, const std::string& name) {
    for (std::size_t i = 0; i < p.pieces.size(); ++i)
        if (const int part = find_part(p.pieces[i], name); part >= 0)
            return {static_cast<int>(i), part};
    return {};
}

void change_part(Project& p, const std::string& name, const std::function<void(Piece&, Part&)>& change) {
    if (const PartAt at = find_part(p, name); at.part >= 0) {
        Piece& piece = p.pieces[static_cast<std::size_t>(at.piece)];
        change(piece, piece.parts[static_cast<std::size_t>(at.part)]);
    }
}

char free_letter(const Project& p) {
    for (char c = 'A'; c <= 'Z'; ++c)
        if (find_filament(p, c) < 0)
            return c;
    return 0;
}

namespace {

std::string free_name(const std::string& name, const std::function<bool(const std::string&)>& taken) {
    std::string free = name;
    for (int n = 2; taken(free); ++n)
        free = name + "-" + std::to_string(n);
    return free;
}

} // namespace

std::string free_part_name(const Project& p, const std::string& name) {
    return free_name(name, [&](const std::string& s) { return find_part(p, s).part >= 0; });
}

std::string free_piece_name(const Project& p, const std::string& name) {
    return free_name(name, [&](const std::string& s) { return find_piece(p, s) >= 0; });
}

std::string free_variant_name(const Project& p, const std::string& name) {
    return free_name(name, [&](const std::string& s) { return find_variant(p, s) >= 0; });
}

int find_variant(const Project& p, const std::string& name) {
    const auto at =
        std::find_if(p.variants.begin(), p.variants.end(), [&](const Variant& v) { return v.name == name; });
    return at == p.variants.end() ? -1 : static_cast<int>(at - p.variants.begin());
}

void keep_variant(Project& p, const std::string& name) {
    p.variant = name;
    auto kept = std::make_shared<Project>(p);
    kept->variants.clear();
    kept->asked.clear();
    kept->order = {};
    const int at = find_variant(p, name);
    if (at >= 0)
        p.variants[static_cast<std::size_t>(at)].project = std::move(kept);
    else
        p.variants.push_back({name, std::move(kept)});
}

void use_variant(Project& p, int variant) {
    const Variant v = p.variants[static_cast<std::size_t>(variant)];
    Project next = *v.project;
    next.variants = std::move(p.variants);
    next.asked = std::move(p.asked);
    next.order = std::move(p.order);
    next.origin = std::move(p.origin);
    next.variant = v.name;
    p = std::move(next);
}

void remove_variant(Project& p, int variant) {
    if (p.variant == p.variants[static_cast<std::size_t>(variant)].name)
        p.variant.clear();
    p.variants.erase(p.variants.begin() + variant);
}

void rename_variant(Project& p, int variant, const std::string& name) {
    std::string& now = p.variants[static_cast<std::size_t>(variant)].name;
    if (name.empty() || name == now)
        return;
    const std::string free = free_variant_name(p, name);
    if (p.variant == now)
        p.variant = free;
    now = free;
}

const char* to_string(OrderAim aim) {
    switch (aim) {
    case OrderAim::waste:
        return term("waste");
    case OrderAim::hours:
        return term("hours");
    case OrderAim::trips:
        return term("trips");
    case OrderAim::money:
        return term("money");
    case OrderAim::earliest:
        return term("earliest");
    }
    return "";
}

bool has_parts(const Project& p) {
    return std::any_of(p.pieces.begin(), p.pieces.end(),
                       [](const Piece& piece) { return !piece.parts.empty(); });
}

int count_of(const Project& p, const Piece& piece) {
    return static_cast<int>(
        std::min<std::int64_t>(kMostPlaced + 1, std::int64_t{piece.count} * p.settings.copies));
}

int count_of_all(const Project& p) {
    int all = 0;
    for (const Piece& piece : p.pieces)
        all = std::min(kMostPlaced + 1, all + count_of(p, piece));
    return all;
}

Bounds bounds(const Piece& piece) {
    Bounds b;
    for (const Part& part : piece.parts)
        b.add(part.mesh->bounds);
    return b;
}

void remove_piece(Project& p, int piece) {
    const auto at = p.pieces.begin() + piece;
    std::erase_if(p.pinned, [&](const Placement& x) { return x.piece == at->name; });
    p.pieces.erase(at);
    if (p.pieces.empty())
        p.pieces.emplace_back();
}

void rename_piece(Project& p, int piece, const std::string& name) {
    std::string& now = p.pieces[static_cast<std::size_t>(piece)].name;
    if (name.empty() || name == now)
        return;
    const std::string before = now, after = free_piece_name(p, name);
    now = after;
    for (Placement& x : p.pinned)
        if (x.piece == before)
            x.piece = after;
}

void pin(Project& p, const Placement& where) {
    unpin(p, where.piece, where.nth);
    p.pinned.push_back(where);
}

void unpin(Project& p, const std::string& piece, int nth) {
    std::erase_if(p.pinned, [&](const Placement& x) { return x.piece == piece && x.nth == nth; });
}

char filament_at(const Piece& piece, int part, double z_mm) {
    const Part& own = piece.parts[static_cast<std::size_t>(part)];
    for (auto b = piece.bands.rbegin(); b != piece.bands.rend(); ++b)
        if (b->part == own.name && z_mm >= b->z0_mm && z_mm < b->z1_mm)
            return b->filament;
    return own.filament;
}

void assign_part(Piece& piece, int part, char letter) {
    Part& own = piece.parts[static_cast<std::size_t>(part)];
    own.filament = letter;
    std::erase_if(piece.bands, [&](const Band& b) { return b.part == own.name; });
}

void assign_band(Piece& piece, int part, double z0_mm, double z1_mm, char letter) {
    const std::string& name = piece.parts[static_cast<std::size_t>(part)].name;
    std::erase_if(piece.bands,
                  [&](const Band& b) { return b.part == name && b.z0_mm >= z0_mm && b.z1_mm <= z1_mm; });
    piece.bands.push_back({name, z0_mm, z1_mm, letter});
}

const PairPurge* pair_purge(const Project& p, char from, char to) {
    for (const PairPurge& x : p.pair_purges)
        if (x.from == from && x.to == to)
            return &x;
    return nullptr;
}

PairPurge& pair_purge_of(Project& p, char from, char to) {
    for (PairPurge& x : p.pair_purges)
        if (x.from == from && x.to == to)
            return x;
    p.pair_purges.push_back({from, to, 0, 0, false, {}});
    return p.pair_purges.back();
}

void pin(Project& p, char letter, int nozzle) {
    std::erase_if(p.pins, [&](const Pin& x) { return x.filament == letter; });
    if (nozzle >= 0)
        p.pins.push_back({letter, nozzle});
}

Message set_machine(Project& p, Machine machine) {
    const auto one_diameter = [](const Machine& m) { // 0: several
        double d = 0;
        for (const Nozzle& n : m.nozzles)
            if (!n.missing)
                d = d == 0 || d == n.diameter_mm ? n.diameter_mm : -1;
        return std::max(0.0, d);
    };
    const double before = one_diameter(p.machine), now = one_diameter(machine);
    p.machine = std::move(machine);
    std::erase_if(p.pins,
                  [&](const Pin& x) { return x.nozzle >= static_cast<int>(p.machine.nozzles.size()); });
    std::erase_if(p.in_machine, [&](const InMachine& x) {
        return x.toolhead >= static_cast<int>(p.machine.toolheads.size());
    });
    if (before <= 0 || now <= 0 || before == now)
        return {};
    Settings& s = p.settings;
    const auto whole = [](double mm) { return std::round(mm * 100) / 100; };
    const auto fit = [&](double h) {
        return std::clamp(h, std::max(0.02, std::ceil(25 * now) / 100),
                          std::max(0.02, std::floor(75 * now) / 100));
    };
    s.line_width_mm = std::clamp(whole(s.line_width_mm * now / before), 0.1, 2.0);
    s.layer_mm = fit(s.layer_mm);
    s.first_layer_mm = fit(s.first_layer_mm);
    return say("To suit the {} nozzle: lines {} wide, layers {}, the first {}. Dead and mixing volume follow "
               "its cross-section.",
               mm(now), mm(s.line_width_mm), mm(s.layer_mm), mm(s.first_layer_mm));
}

std::string tints_text(const Project& p) {
    if (!p.picture)
        return {};
    std::string letters =
        p.picture->use == PictureUse::panel ? p.picture->panel.white + p.picture->panel.films : std::string();
    if (p.picture->use == PictureUse::relief)
        for (const ReliefBand& b : p.picture->bands)
            letters += b.filament;
    std::string text;
    for (const Filament& f : p.filaments)
        if (letters.find(f.letter) != std::string::npos)
            text += std::string(text.empty() ? "" : " ") + f.letter + to_hex(f.colour) + ":" +
                    std::to_string(std::llround(1000 * f.td_mm)) +
                    (f.measured ? ":" + std::to_string(std::llround(
                                            1000 * (f.measured->optics.k[1] + f.measured->optics.s[1])))
                                : std::string());
    return text;
}

bool picture_is_current(const Project& p) {
    return !p.picture ||
           (p.picture->dots && p.picture->made_with == tints_text(p) &&
            p.picture->first_mm == p.settings.first_layer_mm && p.picture->layer_mm == p.settings.layer_mm);
}

void remove_filament(Project& p, char letter, char heir) {
    std::erase_if(p.filaments, [&](const Filament& f) { return f.letter == letter; });
    for (Piece& piece : p.pieces) {
        if (heir == 0)
            std::erase_if(piece.bands, [&](const Band& b) { return b.filament == letter; });
        for (Band& b : piece.bands)
            if (b.filament == letter)
                b.filament = heir;
        for (Part& part : piece.parts) {
            if (part.filament == letter)
                part.filament = heir;
            for (Patch& patch : part.patches)
                if (patch.filament == letter)
                    patch.filament = heir;
        }
    }
    // What was said about this filament means nothing for its heir.
    std::erase_if(p.pins, [&](const Pin& x) { return x.filament == letter; });
    std::erase_if(p.pair_purges, [&](const PairPurge& x) { return x.from == letter || x.to == letter; });
    std::erase_if(p.in_machine, [&](const InMachine& x) { return x.filament == letter; });
    std::erase_if(p.refill_choices, [&](const RefillChoice& x) { return x.filament == letter; });
    std::erase(p.print_first, letter);
    if (p.picture && heir) {
        for (ReliefBand& b : p.picture->bands)
            if (b.filament == letter)
                b.filament = heir;
        std::replace(p.picture->panel.films.begin(), p.picture->panel.films.end(), letter, heir);
        if (p.picture->panel.white == letter)
            p.picture->panel.white = heir;
    }
    if (p.support_filament == letter)
        p.support_filament = heir;
    if (p.interface_filament == letter)
        p.interface_filament = heir;
}

} // namespace vitrail
