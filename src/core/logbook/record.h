// A print as it was meant and as it came out.
#pragma once

#include "core/base/value.h"
#include "core/plan/plan.h"
#include "core/run/live.h"

#include <array>
#include <map>
#include <optional>
#include <string>
#include <vector>

namespace vitrail {

/// What is foretold of a print and can be measured after it. Each has a factor of its own to be learned.
enum class Quantity {
    printing, ///< s: all but changes and waiting
    hand,     ///< s of all hand swaps, waiting left out
    feeder,   ///< s of all feeder changes
    tool,     ///< s of all tool changes
    waiting,  ///< s that the printer stood until somebody came
    piece,    ///< g of piece and support
    purge,    ///< g thrown out at the changes
    tower,    ///< g of tower, skirt and ooze wall
    cleaning, ///< s by hand
    soaking   ///< s in water
};
inline constexpr int kQuantities = 10;
/// As files have it.
const char* to_string(Quantity q);
std::optional<Quantity> quantity_of(std::string_view text);
/// For screens and sheets.
Message label(Quantity q);
/// Grams; else seconds.
bool in_grams(Quantity q);

/// A figure before the print, and after it. Seconds or grams.
struct Figure {
    double foretold = 0;        ///< by the plan, 0: there is none of it
    std::optional<double> real; ///< measured
    /// What the logbook made of it then: ln(real / foretold) was expected as Student's t with `freedom`,
    /// moved by `centre` and scaled by `spread`. spread 0: nothing was said.
    double centre = 0, spread = 0, freedom = 0;
    bool left_out = false; ///< nothing is learned from it: somebody said so
    bool operator==(const Figure&) const = default;
};

enum class Outcome { good, usable, failed };
const char* to_string(Outcome o);

/// The mistakes that cost prints, for the list of what went wrong (common practice, no source).
struct Fault {
    const char* code;
    const char* words;
};
const std::vector<Fault>& faults();
/// Null: there is none of that code.
const Fault* find_fault(std::string_view code);

/// A filament of the print.
struct UsedFilament {
    char letter = 'A';
    std::string name, material, colour; ///< colour as #rrggbb
    std::string spool;                  ///< code on the shelf; empty: not known
    double foretold_g = 0;
    std::optional<double> before_g, after_g; ///< left on the spool, as weighed
    bool operator==(const UsedFilament&) const = default;
};

/// One print. Times are UTC seconds.
struct PrintRecord {
    std::string id;
    std::string title, project_file, machine, machine_name;
    double nozzle_mm = 0.4;
    std::string material; ///< class of most of the piece
    std::string school;   ///< how its support comes off: broken, peeled, dissolved; empty: it had none
    std::int64_t start_s = 0, end_s = 0;
    int copies = 1, layers = 0, changes = 0, hand_swaps = 0, trips = 0, night_trips = 0;
    std::array<Figure, kQuantities> figures;
    double cost = 0, contact_cm2 = 0;
    /// waste, hours and money of the same print in the order as assigned
    double as_assigned_g = 0, as_assigned_s = 0, as_assigned_cost = 0;
    std::vector<Saving> savings; ///< what it owes to proposals besides the order: those that were taken, and
                                 ///< purge that replaced something
    bool purge_measured = false; ///< its purge was sized by a calibration of the machine
    std::vector<UsedFilament> filaments;
    std::map<std::string, std::string> settings; ///< those that were not the defaults, by key, as text
    Outcome outcome = Outcome::good;
    int failed_layer = 0;
    std::string fault; ///< code; empty: none
    std::string notes;
    std::vector<std::string> photographs; ///< names; the pictures are kept beside
    bool operator==(const PrintRecord&) const = default;

    Figure& at(Quantity q) { return figures[static_cast<std::size_t>(q)]; }
    const Figure& at(Quantity q) const { return figures[static_cast<std::size_t>(q)]; }
    double foretold_s() const; ///< in all
    std::optional<double> real_s() const;
    double waste_g() const; ///< purge and tower, as measured where they were

    VITRAIL_VALUE(PrintRecord)
};

/// How support comes off, in words; "none" where there was none.
Message school_label(const std::string& school);
/// As on the screen; the key where this version does not know it.
Message setting_label(const std::string& key);
/// All that it saved by proposals, the order within layers first ("order"); what saved nothing is left out.
std::vector<Saving> savings_of(const PrintRecord& record);
/// What a proposal does, for screens and sheets.
Message saving_label(const std::string& code);

/// What a plan foretells. No id, no times, nothing measured.
PrintRecord record_of(const Project& project, const Plan& plan);
/// With what really happened in a run: its first plate, start and end, hours, waits. Printing and waiting
/// come apart only where the visits were reported.
void take_run(PrintRecord& record, const Run& run);

/// Nobody times printing by itself: it is what is left from start to end once standing and changes are taken
/// off, changes as measured or else as foretold. Nothing of a print that failed, or that has no end.
void settle_printing(PrintRecord& record, double stood_s);

/// Grams of one of n equal pieces that were put on the scale together: 36 g for ten on a 1 g scale is 3.60 ±
/// 0.05. Common practice, no source.
struct PerPiece {
    double g = 0, plus_minus_g = 0;
};
PerPiece per_piece(double reading_g, int pieces, double step_g);

/// What no print can have, each a sentence: a weight or a time three times what was foretold and more, or
/// less than a third of it (a print that failed may well weigh and take less). Differences under 2 g and 10
/// minutes are left alone. From memory.
std::vector<Message> doubts(const PrintRecord& record);

/// What to put on a scale together, so that each gram counts for something, and what the reading then says.
struct Weighing {
    /// piece of all copies first; purge and tower by themselves where they are heavy enough
    std::vector<Quantity> together;
    double expected_g = 0;
    double share_pct = 0; ///< of it, half a step of the scale
};
/// Each quantity that can be weighed, alone where half a step is no more than `wanted_pct` of it, else with
/// what comes before it.
std::vector<Weighing> weighings(const PrintRecord& record, double step_g, double wanted_pct = 5);

} // namespace vitrail
