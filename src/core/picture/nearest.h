// The nearest of many colours.
#pragma once

#include "core/colour/colour.h"

#include <memory>
#include <vector>

namespace vitrail {

/// Finds by a k-d tree (nanoflann) in Lab the few that are nearest, and takes the one of least CIEDE2000. May
/// be used from several threads.
class NearestColour {
public:
    explicit NearestColour(std::vector<Lab> colours); ///< one at least
    ~NearestColour();
    /// Index of the nearest, and how far it is.
    struct Found {
        int index = 0;
        double delta_e = 0;
    };
    Found of(const Lab& colour) const;
    const std::vector<Lab>& colours() const;

private:
    struct Tree;
    std::unique_ptr<Tree> tree_;
};

} // namespace vitrail
