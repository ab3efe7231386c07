// Something that would spoil the print, or that the user should know. Made by check/, kept in the plan.
#pragma once

#include "core/base/value.h"
#include "core/project/project.h"

#include <functional>

namespace vitrail {

enum class Severity { error, warning, note };
const char* to_string(Severity s);

/// Something undoable that mends a finding.
struct Fix {
    Message label;
    Message detail; ///< what it takes and brings, where the label does not say it all
    std::function<void(Project&)> apply;
};

/// A place of a finding.
struct Spot {
    Vec3 point;    ///< in the piece's coordinates
    int layer = 0; ///< 0: on the surface, no one layer
    double size_mm = 0;
};

struct Finding {
    std::string code;
    Severity severity = Severity::warning;
    Message message;
    Message where;           ///< the place in words
    int layer = 0;           ///< 0: the whole print
    int piece = -1;          ///< index; −1: it is the plate's
    std::vector<int> parts;  ///< of that piece: indices concerned
    std::vector<Spot> spots; ///< where to look; not every place there is, but every kind
    std::vector<Fix> fixes;  ///< ways to mend it, the usual one first

    VITRAIL_VALUE(Finding)
};

} // namespace vitrail
