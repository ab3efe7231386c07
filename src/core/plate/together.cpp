#include "core/plate/together.h"

#include <algorithm>
#include <map>

namespace vitrail {

namespace {

/// Whether a setting is about the print itself, so that all of a plate have it in common.
bool in_common(const SettingInfo& s) {
    switch (s.subject()) {
    case Subject::print:
    case Subject::purge:
    case Subject::carrying:
    case Subject::support:
    case Subject::sheet:
        return true;
    default:
        return false;
    }
}

/// Letters of one project in the plate's project.
std::map<char, char> take_filaments(const Project& from, Project& to) {
    std::map<char, char> letter;
    for (const Filament& f : from.filaments) {
        const auto known = std::find_if(to.filaments.begin(), to.filaments.end(),
                                        [&](const Filament& x) { return alike(x, f); });
        if (known != to.filaments.end()) {
            letter[f.letter] = known->letter;
            continue;
        }
        Filament fresh = f;
        if (find_filament(to, f.letter) >= 0)
            fresh.letter = free_letter(to);
        if (!fresh.letter)
            return {};
        letter[f.letter] = fresh.letter;
        to.filaments.push_back(std::move(fresh));
    }
    return letter;
}

/// Its model files under names that are free; where each went.
std::vector<int> take_models(const Project& from, Project& to) {
    std::vector<int> index;
    for (const ModelFile& m : from.models) {
        const auto same = std::find_if(to.models.begin(), to.models.end(), [&](const ModelFile& x) {
            return x.scale == m.scale && (x.bytes == m.bytes || *x.bytes == *m.bytes);
        });
        if (same != to.models.end()) {
            index.push_back(static_cast<int>(same - to.models.begin()));
            continue;
        }
        ModelFile fresh = m;
        for (int n = 2; std::any_of(to.models.begin(), to.models.end(),
                                    [&](const ModelFile& x) { return x.name == fresh.name; });
             ++n)
            fresh.name = std::to_string(n) + "-" + m.name;
        index.push_back(static_cast<int>(to.models.size()));
        to.models.push_back(std::move(fresh));
    }
    return index;
}

void take_pieces(const Share& share, Project& to, const std::map<char, char>& letter,
                 const std::vector<int>& models) {
    const auto new_letter = [&](char c) { return letter.count(c) ? letter.at(c) : char(0); };
    for (const Piece& piece : share.project->pieces) {
        if (piece.parts.empty())
            continue;
        Piece fresh = piece;
        fresh.name = free_piece_name(to, piece.name);
        fresh.count = std::min(kMostPlaced, piece.count * share.count);
        std::map<std::string, std::string> names;
        for (Part& part : fresh.parts) {
            const std::string name = free_part_name(to, part.name);
            names[part.name] = name;
            part.name = name;
            part.filament = new_letter(part.filament);
            for (Patch& patch : part.patches)
                patch.filament = new_letter(patch.filament);
            if (part.model >= 0 && part.model < static_cast<int>(models.size()))
                part.model = models[static_cast<std::size_t>(part.model)];
            else if (to.picture && share.project->picture && to.picture->dots != share.project->picture->dots)
                part.own_mesh = true; // a project holds one picture
        }
        for (Band& b : fresh.bands) {
            b.part = names.at(b.part);
            b.filament = new_letter(b.filament);
        }
        if (to.pieces.size() == 1 && to.pieces.front().parts.empty())
            to.pieces.front() = std::move(fresh);
        else
            to.pieces.push_back(std::move(fresh));
    }
}

} // namespace

bool alike(const Filament& a, const Filament& b) {
    return a.material == b.material && a.colour == b.colour && a.name == b.name &&
           a.diameter_mm == b.diameter_mm && a.shelf_id == b.shelf_id;
}

Message cannot_share(const Project& a, const Project& b, bool support_too) {
    for (const SettingInfo& s : all_settings())
        if (in_common(s) && (support_too || s.subject() != Subject::support) &&
            s.field.of(a.settings) != s.field.of(b.settings))
            return say("{} differs: {} and {}", say(s.label), setting_text(a.settings, s),
                       setting_text(b.settings, s));
    for (const Filament& x : a.filaments)
        for (const Filament& y : b.filaments)
            if (x.bed_c.low > y.bed_c.high || y.bed_c.low > x.bed_c.high)
                return say("{} and {} want different beds: {} to {} and {} to {} °C", Name{x.name},
                           Name{y.name}, num(x.bed_c.low, 0), num(x.bed_c.high, 0), num(y.bed_c.low, 0),
                           num(y.bed_c.high, 0));
    return {};
}

Result<Project> on_one_plate(std::span<const Share> shares, const Machine& machine) {
    Project to;
    if (shares.empty())
        return to;
    const auto held = std::find_if(shares.begin(), shares.end(), [](const Share& s) {
        return s.project->settings.support != SupportStyle::none;
    });
    const Share& leading = held == shares.end() ? shares.front() : *held;
    const Project& first = *leading.project;
    to.name = first.name;
    to.settings = first.settings;
    to.settings.copies = 1;
    for (const Share& share : shares) {
        if (!to.picture && share.project->picture)
            to.picture = share.project->picture;
        const std::map<char, char> letter = take_filaments(*share.project, to);
        if (letter.size() < share.project->filaments.size())
            return Error{say("Together they have more filaments than there are letters.")};
        take_pieces(share, to, letter, take_models(*share.project, to));
        for (PairPurge x : share.project->pair_purges)
            if (letter.count(x.from) && letter.count(x.to) &&
                !pair_purge(to, letter.at(x.from), letter.at(x.to))) {
                x.from = letter.at(x.from);
                x.to = letter.at(x.to);
                to.pair_purges.push_back(x);
            }
        if (&share == &leading) {
            const auto of = [&](char c) { return letter.count(c) ? letter.at(c) : char(0); };
            to.support_filament = of(share.project->support_filament);
            to.interface_filament = of(share.project->interface_filament);
            to.waivers = share.project->waivers;
        }
    }
    // What is made of a picture that stays behind keeps its mesh.
    for (Piece& piece : to.pieces)
        for (Part& part : piece.parts)
            if (part.model < 0 && !to.picture)
                part.own_mesh = true;
    to.machine = machine;
    return to;
}

} // namespace vitrail
