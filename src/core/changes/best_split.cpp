#include "core/changes/best_split.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

namespace {

class BestSplit {
public:
    BestSplit(const Project& p, std::span<const int> used, const WorthOf& worth_of)
        : p_(p), used_(used), worth_of_(worth_of) {
        for (const Filament& f : p.filaments) {
            std::vector<char>& may = may_sit_.emplace_back(nozzles_for(p, f));
            for (const Pin& pin : p.pins)
                for (std::size_t n = 0; n < may.size(); ++n)
                    may[n] &= pin.filament != f.letter || pin.nozzle == static_cast<int>(n);
        }
    }

    Loading from(std::span<const Loading> starts, double bound) {
        Loading best = starts.front();
        worth_ = worth_of_(best);
        std::vector<std::vector<int>> splits;
        all_of(0, best.nozzle, splits);
        best.proven = splits.size() <= kMostTried;
        for (const std::vector<int>& nozzle : splits)
            if (best.proven)
                take(nozzle, best);
        for (const Loading& start : starts.subspan(1))
            if (!best.proven)
                take(start.nozzle, best);
        for (bool better = !best.proven; better && tries_ < kMostTried;) {
            better = false;
            for (const int f : used_)
                for (std::size_t n = 0; n < p_.machine.nozzles.size() && tries_ < kMostTried; ++n)
                    if (may_sit(f, n) && best.nozzle[static_cast<std::size_t>(f)] != static_cast<int>(n)) {
                        std::vector<int> moved = best.nozzle;
                        moved[static_cast<std::size_t>(f)] = static_cast<int>(n);
                        better |= take(moved, best);
                    }
        }
        best.cost = worth_.cost;
        best.bound = best.proven ? worth_.cost : std::min(worth_.cost, bound);
        return best;
    }

private:
    static constexpr std::size_t kMostTried = 64;

    bool may_sit(int f, std::size_t n) const { return may_sit_[static_cast<std::size_t>(f)][n]; }
    bool take(const std::vector<int>& nozzle, Loading& best) {
        if (nozzle == best.nozzle)
            return false;
        ++tries_;
        const double rounding = 1e-9 * std::max(1.0, std::abs(worth_.cost));
        Loading tried = best;
        tried.nozzle = nozzle;
        const SplitWorth worth = worth_of_(tried);
        if (worth.cost > worth_.cost + rounding ||
            (worth.cost >= worth_.cost - rounding && worth.changes >= worth_.changes))
            return false;
        worth_ = worth;
        best = std::move(tried);
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
        const auto taken = [&](std::size_t n) {
            return std::any_of(used_.begin(), used_.begin() + static_cast<std::ptrdiff_t>(i), [&](int f) {
                return nozzle[static_cast<std::size_t>(f)] == static_cast<int>(n);
            });
        };
        const auto pinned = [&](std::size_t n) {
            return std::any_of(p_.pins.begin(), p_.pins.end(),
                               [&](const Pin& pin) { return pin.nozzle == static_cast<int>(n); });
        };
        for (std::size_t n = 0; n < p_.machine.nozzles.size(); ++n) {
            bool like_a_free_one = false;
            for (std::size_t m = 0; m < n && !taken(n); ++m)
                like_a_free_one |= may_sit(used_[i], m) && p_.machine.nozzles[m] == p_.machine.nozzles[n] &&
                                   !taken(m) && !pinned(m) && !pinned(n);
            if (!may_sit(used_[i], n) || like_a_free_one)
                continue;
            nozzle[static_cast<std::size_t>(used_[i])] = static_cast<int>(n);
            all_of(i + 1, nozzle, splits);
        }
    }

    const Project& p_;
    std::span<const int> used_;
    const WorthOf& worth_of_;
    std::vector<std::vector<char>> may_sit_; ///< [filament][nozzle]
    SplitWorth worth_;
    std::size_t tries_ = 0;
};

} // namespace

Loading best_split(const Project& p, std::span<const int> used, std::span<const Loading> starts, double bound,
                   const WorthOf& worth_of) {
    return BestSplit(p, used, worth_of).from(starts, bound);
}

} // namespace vitrail
