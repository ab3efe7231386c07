// Colourings, machines, poses of one project that are kept under names, what was asked about them, and what
// was answered.
#pragma once

#include "core/colour/colour.h"

#include <memory>
#include <string>
#include <vector>

namespace vitrail {

struct Project;

/// The project as it was when it got this name. It has neither variants nor questions of its own.
struct Variant {
    std::string name; ///< unique in the project
    std::shared_ptr<const Project> project;
};

/// How a variant was shown to somebody who has a say.
struct Shown {
    char letter = 'A';                                   ///< to answer by
    std::string variant;                                 ///< its name then
    std::vector<std::pair<std::string, Srgb>> regions;   ///< in which colour each region was
    std::vector<std::pair<std::string, double>> figures; ///< of those shown: key and value
    bool operator==(const Shown&) const = default;
};

/// A sheet that was given to somebody, and the answer to it.
struct Asked {
    std::string date; ///< 2026-11-27
    std::string whom; ///< may be empty
    std::vector<Shown> shown;
    std::string answered; ///< the day; empty: not yet
    std::string chosen;   ///< letters; may be empty, too
    std::string words;    ///< as they were said
    bool operator==(const Asked&) const = default;
};

/// Where a job comes from: the project it was made of.
struct Origin {
    std::string file;    ///< by its path from this project's folder
    std::string job;     ///< which of its jobs: "colour A", "lettering 1", "order 3"
    std::string made_of; ///< a digest of what the job depends on, as it was
    bool operator==(const Origin&) const = default;
};

} // namespace vitrail
