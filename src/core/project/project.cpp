#include "core/project/project.h"

#include <algorithm>

namespace vitrail {

int find_filament(const Project& p, char letter) {
    for (std::size_t i = 0; i < p.filaments.size(); ++i)
        if (p.filaments[i].letter == letter)
            return static_cast<int>(i);
    return -1;
}

int find_part(const Project& p, const std::string& name) {
    for (std::size_t i = 0; i < p.parts.size(); ++i)
        if (p.parts[i].name == name)
            return static_cast<int>(i);
    return -1;
}

char free_letter(const Project& p) {
    for (char c = 'A'; c <= 'Z'; ++c)
        if (find_filament(p, c) < 0)
            return c;
    return 0;
}

std::string free_part_name(const Project& p, const std::string& name) {
    std::string free = name;
    for (int n = 2; find_part(p, free) >= 0; ++n)
        free = name + "-" + std::to_string(n);
    return free;
}

Bounds bounds(const Project& p) {
    Bounds b;
    for (const Part& part : p.parts)
        b.add(part.mesh->bounds);
    return b;
}

char filament_at(const Project& p, int part, double z_mm) {
    const Part& own = p.parts[part];
    for (auto b = p.bands.rbegin(); b != p.bands.rend(); ++b)
        if (b->part == own.name && z_mm >= b->z0_mm && z_mm < b->z1_mm)
            return b->filament;
    return own.filament;
}

void assign_part(Project& p, int part, char letter) {
    p.parts[part].filament = letter;
    std::erase_if(p.bands, [&](const Band& b) { return b.part == p.parts[part].name; });
}

void assign_band(Project& p, int part, double z0_mm, double z1_mm, char letter) {
    const std::string& name = p.parts[part].name;
    std::erase_if(p.bands, [&](const Band& b) { return b.part == name && b.z0_mm >= z0_mm && b.z1_mm <= z1_mm; });
    p.bands.push_back({name, z0_mm, z1_mm, letter});
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

void set_machine(Project& p, Machine machine) {
    p.machine = std::move(machine);
    std::erase_if(p.pins, [&](const Pin& x) { return x.nozzle >= static_cast<int>(p.machine.nozzles.size()); });
    std::erase_if(p.in_machine, [&](const InMachine& x) { return x.toolhead >= static_cast<int>(p.machine.toolheads.size()); });
}

void remove_filament(Project& p, char letter, char heir) {
    std::erase_if(p.filaments, [&](const Filament& f) { return f.letter == letter; });
    for (Part& part : p.parts)
        if (part.filament == letter)
            part.filament = heir;
    if (heir == 0)
        std::erase_if(p.bands, [&](const Band& b) { return b.filament == letter; });
    for (Band& b : p.bands)
        if (b.filament == letter)
            b.filament = heir;
    for (Part& part : p.parts)
        for (Patch& patch : part.patches)
            if (patch.filament == letter)
                patch.filament = heir;
    // What was said about this filament means nothing for its heir.
    std::erase_if(p.pins, [&](const Pin& x) { return x.filament == letter; });
    std::erase_if(p.pair_purges, [&](const PairPurge& x) { return x.from == letter || x.to == letter; });
    std::erase_if(p.in_machine, [&](const InMachine& x) { return x.filament == letter; });
    std::erase_if(p.refill_choices, [&](const RefillChoice& x) { return x.filament == letter; });
    std::erase(p.print_first, letter);
    if (p.support_filament == letter)
        p.support_filament = heir;
    if (p.interface_filament == letter)
        p.interface_filament = heir;
}

} // namespace vitrail
