// Five schools of support, compared on the piece at hand.
#pragma once

#include "core/material/shelf.h"
#include "core/plan/plan.h"

namespace vitrail {

/// What may go wrong: a word for it, and what to do about it.
struct Risk {
    Message name, text;
};

struct School {
    std::string id; ///< same, release-interface, release, soluble-interface, soluble
    Message name;   ///< in words
    bool possible = true;
    bool now = false; ///< the project is held so already: then with its own figures
    Message why_not;
    Message never;                   ///< possible to print, but it would not come off: why; empty otherwise
    char support = 0, interface = 0; ///< letters; they may be filaments the project does not have yet
    std::vector<std::string> materials; ///< support first, then the interface where it is another
    Message source;                     ///< where the material comes from: the project, the shelf, or neither
    bool owned = true;                  ///< in the project or on the shelf
    Totals totals;
    std::vector<std::pair<char, double>> extra_g; ///< by filament, against a print without any support
    Cleanup cleanup;
    double cost = 0;  ///< filament, and at settings.attended_per_h the time at the printer and of cleaning up
    double price = 0; ///< all in, as price_of() has it: what they are ranked by
    int snaps = 0;    ///< thin features that support touches
    Message surface;  ///< what the touched faces look like
    std::vector<Risk> risks;
    std::vector<std::pair<Message, Message>> values; ///< what to set in the toolpath program
    /// Price of one's own hour from which on its price is lower than the first school's; < 0: never, 0:
    /// always.
    double pays_from_per_h = 0;
    Message verdict; ///< whether it is worth it, against the first school
    std::function<void(Project&)> apply;
};

struct SchoolStudy {
    std::vector<School> schools;
    int best = 0;   ///< of those that come off the one with the lowest price; −1: none comes off
    Totals without; ///< the same print with nothing held
    double contact_mm2 = 0, overhang_mm2 = 0; ///< of all copies
    Message advice;
};

/// What the user keeps, and what day it is (since 1970-01-01; 0: spools are not looked at).
struct OwnShelf {
    Shelf shelf;
    int today = 0;
};

/// Plans the project once for each school, with columns where it has no support yet. Materials: the filaments
/// of the project first, then those of the shelf, else one of the class with its defaults. Cleaning up as
/// clean_up() has it. Verdict, best and break-even go by price_of().
Result<SchoolStudy> compare_schools(const Project& project, const Plan& plan, const OwnShelf& own = {},
                                    const Progress& progress = {});

/// What the face above an interface looks like.
struct Ceiling {
    int grade = 0; ///< 0 ragged … 4 smooth
    Message text;
};
/// From memory, but for one fact of the trade: 5 layers at 75 % left a slightly open ceiling.
Ceiling ceiling_above(ComesOff how, int gap_layers, int layers, double density_pct);

/// Interfaces of 2 to 5 layers at 75, 85 and 100 %, and what is set now.
struct Tuning {
    int layers = 0;
    double density_pct = 0;
    bool now = false;
    Totals totals;
    int interface_layers = 0; ///< layers of the print that have interface
    Ceiling ceiling;
    std::function<void(Project&)> apply;
};
/// Empty without support. Long: takes Progress. Error: stopped.
Result<std::vector<Tuning>> tune_interface(const Project& project, const Plan& plan,
                                           const Progress& progress = {});

} // namespace vitrail
