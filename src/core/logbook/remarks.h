// What the records say about purge: beside the pieces, beside the calibration, and what the tower really
// took.
#pragma once

#include "core/logbook/learn.h"

namespace vitrail {

/// One sentence each, about the prints of a machine; empty where there are too few to say anything (three).
struct Remark {
    std::string code; ///< purge, bleeding, tower, cleaning
    Message says;
    int prints = 0; ///< that it comes from
};

/// `factors` of `records`. "purge": purge as weighed against pieces as weighed; both are pushed by the same
/// feeder, so what differs is what a change takes (ours, no source). "bleeding": how many prints bled before
/// the washout was measured, and since; none of n ≥ 10 means fewer than 3/n with 95 % (Hanley & Lippman-Hand
/// 1983). "tower": what it took in all. "cleaning": minutes per cm² of contact for each way support comes
/// off, of all machines.
std::vector<Remark> remarks(std::span<const PrintRecord> records, std::span<const Factor> factors,
                            const std::string& machine);

} // namespace vitrail
