#include "core/changes/least_waste.h"

#include <algorithm>

namespace vitrail {

namespace {

class LeastWaste {
public:
    LeastWaste(const Project& p, std::span<const int> used, const WasteOf& waste_of) : p_(p), used_(used), waste_of_(waste_of), usable_(usable_nozzles(p.machine, p.settings.line_width_mm)) {}

    Loading from(Loading purges_least, double bound_g) {
        Loading best = std::move(purges_least);
        waste_ = waste_of_(best);
        std::vector<std::vector<int>> splits;
        all_of(0, best.nozzle, splits);
        best.proven = splits.size() <= kMostTried;
        if (best.proven)
            for (const std::vector<int>& nozzle : splits) {
                Loading tried = best;
                tried.nozzle = nozzle;
                take(tried, best);
            }
        for (bool better = !best.proven; better && tries_ < kMostTried;) {
            better = false;
            for (const int f : used_)
                for (std::size_t n = 0; n < usable_.size() && tries_ < kMostTried; ++n)
                    if (may_sit(f, n) && best.nozzle[static_cast<std::size_t>(f)] != static_cast<int>(n)) {
                        Loading moved = best;
                        moved.nozzle[static_cast<std::size_t>(f)] = static_cast<int>(n);
                        better |= take(moved, best);
                    }
        }
        best.cost = waste_;
        best.bound = best.proven ? waste_ : std::min(waste_, bound_g);
        return best;
    }

private:
    static constexpr std::size_t kMostTried = 64;

    bool may_sit(int f, std::size_t n) const {
        const char letter = p_.filaments[static_cast<std::size_t>(f)].letter;
        return usable_[n] && std::none_of(p_.pins.begin(), p_.pins.end(), [&](const Pin& pin) { return pin.filament == letter && pin.nozzle != static_cast<int>(n); });
    }
    bool take(const Loading& tried, Loading& best) {
        ++tries_;
        constexpr double kRounding_g = 1e-6;
        const double waste = waste_of_(tried);
        if (waste >= waste_ - kRounding_g)
            return false;
        waste_ = waste;
        best = tried;
        return true;
    }
    /// Every split once, up to one more than are tried; of nozzles that are alike the first that are free.
    void all_of(std::size_t i, std::vector<int> nozzle, std::vector<std::vector<int>>& splits) const {
        if (splits.size() > kMostTried)
            return;
        if (i == used_.size()) {
            splits.push_back(std::move(nozzle));
            return;
        }
        const auto taken = [&](std::size_t n) { return std::any_of(used_.begin(), used_.begin() + static_cast<std::ptrdiff_t>(i), [&](int f) { return nozzle[static_cast<std::size_t>(f)] == static_cast<int>(n); }); };
        const auto pinned = [&](std::size_t n) { return std::any_of(p_.pins.begin(), p_.pins.end(), [&](const Pin& pin) { return pin.nozzle == static_cast<int>(n); }); };
        for (std::size_t n = 0; n < usable_.size(); ++n) {
            bool like_a_free_one = false;
            for (std::size_t m = 0; m < n && !taken(n); ++m)
                like_a_free_one |= usable_[m] && p_.machine.nozzles[m] == p_.machine.nozzles[n] && !taken(m) && !pinned(m) && !pinned(n);
            if (!may_sit(used_[i], n) || like_a_free_one)
                continue;
            nozzle[static_cast<std::size_t>(used_[i])] = static_cast<int>(n);
            all_of(i + 1, nozzle, splits);
        }
    }

    const Project& p_;
    std::span<const int> used_;
    const WasteOf& waste_of_;
    std::vector<char> usable_;
    double waste_ = 0;
    std::size_t tries_ = 0;
};

} // namespace

Loading least_waste(const Project& p, std::span<const int> used, Loading purges_least, double bound_g, const WasteOf& waste_of) {
    return LeastWaste(p, used, waste_of).from(std::move(purges_least), bound_g);
}

} // namespace vitrail
