// One filament of a project: a material in a colour, under a letter.
#pragma once

#include "core/base/message.h"
#include "core/base/value.h"
#include "core/colour/colour.h"
#include "core/colour/two_flux.h"
#include "core/material/material.h"

#include <numbers>
#include <optional>
#include <string>
#include <vector>

namespace vitrail {

/// What is left on a spool of it, as known when the project was last matched with the shelf.
struct SpoolLeft {
    std::string code; ///< as printed on the spool
    double left_g = 0;
    bool operator==(const SpoolLeft&) const = default;
};

/// Optics that somebody measured, by a step wedge for instance, and how sure they are.
struct MeasuredOptics {
    Optics optics;
    Channels k_sd{}, s_sd{}; ///< standard uncertainties, 1/mm
    bool operator==(const MeasuredOptics&) const = default;
};

struct Filament {
    char letter = 'A'; ///< A…Z, unique in the project
    std::string name;
    Material material = Material::PLA;
    Srgb colour{0xf2, 0xf2, 0xea};
    double td_mm = 4.0; ///< transmission distance: the thickness that lets 10 % of the light through
    std::optional<MeasuredOptics> measured; ///< else pictures go by colour and transmission distance
    double diameter_mm = 1.75;              ///< 1.75 or 2.85 in practice
    double density_g_cm3 = 1.24;
    double price_per_kg = 20; ///< in the user's currency
    Range nozzle_c{190, 230};
    Range bed_c{25, 65};
    double delta_e = 0;                ///< a change to it counts as clean at this level; 0: the project's
    double free_after_h = 0;           ///< its spool is busy elsewhere until so many hours after the start
    bool kept_dry = false;             ///< somebody vouches that it is dry
    int dried_day = 0, opened_day = 0; ///< of the spool used first, days since 1970-01-01; 0: not known
    bool class_confirmed = false;      ///< somebody has read the label: the material is what it says here
    std::vector<SpoolLeft> spools;     ///< to be used in this order; empty: not known
    std::string shelf_id;              ///< the filament on the user's shelf it was taken from; empty: none
    bool operator==(const Filament&) const = default;

    VITRAIL_VALUE(Filament)
};

/// Transmission distance where nobody measured it: near-black 0.3 mm, saturated mid colours 1–2, pastels 3,
/// white 4–6. From memory.
double likely_td_mm(Srgb colour);

/// A filament with the defaults of its class and colour.
Filament make_filament(char letter, Material material, Srgb colour, std::string name = {});

/// mm² of the strand: π·d²/4, 2.405 mm² at 1.75 mm.
inline double cross_section_mm2(const Filament& f) {
    return std::numbers::pi * f.diameter_mm * f.diameter_mm / 4;
}

/// Grams of `mm3` of it, and metres of strand.
inline double grams(const Filament& f, double mm3) {
    return mm3 * f.density_g_cm3 / 1000;
}
inline double metres(const Filament& f, double mm3) {
    return mm3 / cross_section_mm2(f) / 1000;
}

/// A plain name for a colour ("dark red", "off-white"), for filaments nobody has named.
Message describe_colour(Srgb c);

} // namespace vitrail
