// The run sheet: what a person needs at the printer, as text in order. HTML, CSV and paper are made from it.
#pragma once

#include "core/after_print/guide.h"
#include "core/base/zone.h"
#include "core/logbook/learn.h"

#include <string>
#include <vector>

namespace vitrail {

struct SheetFilament {
    char letter;
    std::string name, material;
    Srgb colour;
    double total_g = 0, length_m = 0;
    Message place; ///< where it sits before the start, or that it goes in later
    bool at_start = true;
    bool first_job = false; ///< printed in the first job only
    Message heat;           ///< nozzle and bed
    Message drying;         ///< due, done, or what its class wants
    Message spools;         ///< which, in which order; empty where they are not known
    Message handling;       ///< speed and retraction, where they are known; may be empty
};

/// The bed from above, mm from its front left corner.
struct SheetPlate {
    double bed_x_mm = 0, bed_y_mm = 0;
    struct Shape {
        Outline outline;
        char letter = 0; ///< filament that prints most of it; 0: tower
        Message name;
    };
    std::vector<Shape> shapes;
    Outline skirt; ///< may be empty
};

struct SheetChange {
    int number = 0;
    Message when; ///< "before layer 12 · after layer 11 · with 0.64 mm printed, layer 12 ends at 0.68 mm"
    char from = 0, to = 0;
    Message kind, destination;
    std::string nozzle;
    double purge_g = 0, time_s = 0, attended_s = 0;
    std::string command; ///< what the toolpath program should write there
    std::string clock;   ///< "13:42", "07:05 +1" the day after
    Change change;
};

/// A slot that gets another filament during the print.
struct SheetRefill {
    Message when;         ///< "any time from layer 14 to layer 22 (1 h 05 to 2 h 40 after the start)"
    char out = 0, in = 0; ///< out 0: the slot is empty
    Message slot;
    std::string command; ///< only where the printer waits
    bool pause = false;
    Refill refill;
};

struct RunSheet {
    Message title;
    std::string machine;
    Message machine_note;
    std::vector<Message> settings;                   ///< what plan and print must agree on
    std::vector<std::pair<Message, Message>> values; ///< all of them, to set in the toolpath program
    std::string picture; ///< PNG of the piece in its filaments; from whoever can draw. May be empty
    SheetPlate plate;
    std::vector<SheetFilament> filaments;
    std::vector<Message> preparation; ///< what to do before the start, in order
    std::vector<SheetChange> changes;
    std::vector<SheetRefill> refills;
    Message presence; ///< how often somebody must come, and how often at night
    std::vector<std::pair<Message, Message>> totals;
    std::vector<Message> warnings; ///< findings that are not notes
    std::vector<AfterStep> after;  ///< once it is printed, in order; empty without support
    std::vector<Message> cautions; ///< what can hurt, for this print
};

/// Times are those of the clock of the place where the day of the start is known, else as if no clock were
/// ever changed.
RunSheet make_run_sheet(const Project& project, const Plan& plan, const Zone& zone = {});
/// What the logbook makes of hours and grams, behind the totals; only what prints have taught.
void add_outlook(RunSheet& sheet, const Outlook& outlook);

/// All three ways of naming a change, so that no program or person can take it for another layer.
Message when(const LayerGrid& grid, const Change& c);

/// "any time from layer 14 to layer 22", or "before layer 14, while the printer waits".
Message when(const Project& project, const Refill& r);
/// How often somebody must come, and how often at night: a sentence.
Message presence(const Project& project, const Plan& plan);

/// Where a filament sits before the start: nozzle and slot, by its place among those of the same feeder.
struct StartingPlace {
    int toolhead = 0, nozzle = 0;
    int slot = 0;         ///< 1…; 0: external spool
    bool at_start = true; ///< false: it goes in later, by hand
};
std::vector<StartingPlace> starting_places(const Project& project, const Plan& plan);
Message describe(const Project& project, const StartingPlace& place);

/// Time of day so many seconds after the start: "13:42", "07:05 +1" the day after.
std::string clock_at(const Project& project, double seconds, const Zone& zone = {});

/// "3 copies", or how many of which piece.
Message how_many(const Project& project);

} // namespace vitrail
