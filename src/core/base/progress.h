// How long work reports itself and how it is stopped.
#pragma once

#include <functional>
#include <stop_token>

namespace vitrail {

/// Handed to long stages. `report` takes a share from 0 to 1 and may be called from any thread.
struct Progress {
    std::stop_token stop{};
    std::function<void(double)> report{};

    bool stopped() const { return stop.stop_requested(); }
    void at(double share) const {
        if (report)
            report(share);
    }
};

} // namespace vitrail
