// Looking on while a printer prints: what it says of itself, and what that means for a run.
#pragma once

#include "core/geometry/layers.h"
#include "core/run/live.h"
#include "core/run/sender.h"

namespace vitrail {

/// What is asked again and again; it changes nothing: temperatures, position, what is printed from a card.
inline constexpr const char* kAskPrinter = "M105\nM114\nM27\n";
/// Who it is.
inline constexpr const char* kAskName = "M115\n";

/// What a printer has said by now, as common firmware says it (from memory).
struct PrinterSays {
    std::string firmware;
    bool simulated = false;
    std::optional<Heat> heat;
    std::optional<double> z_mm, z_before_mm; ///< the last two readings
    long readings = 0;                       ///< of the height, by now
    bool waits = false;                      ///< for somebody
    std::optional<double> card;              ///< share of the file it prints by itself, 0 … 1
    bool card_done = false, started_anew = false;
};
/// One line of it, without its end.
void hear(PrinterSays& says, std::string_view line);

/// The layer that is printed at the lower of two readings, so that a lift between two lines is not taken for
/// a layer; 0: none is there yet.
int layer_of(const PrinterSays& says, const LayerGrid& grid);

/// How far a run was followed.
struct Following {
    int layer = 0;
    bool waits = false, known = false; ///< known: it is settled what it waits for
    long readings = 0;                 ///< when it began to wait
    int visit = -1;                    ///< that it waits for; −1: none
};
/// What is to be reported: layers as they begin, visits once the printer goes on after waiting, other waits
/// as pauses, the end of a card's file. What it waits for is settled by the height once that was read twice
/// more.
std::vector<RunEvent> follow(Following& so_far, const PrinterSays& says, const Run& run, int plate,
                             const LayerGrid& grid, std::int64_t now_s);

} // namespace vitrail
