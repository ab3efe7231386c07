#include "core/changes/best_split.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace vitrail {

namespace {

class BestSplit {
public:
    BestSplit(const Project& p, std::span<const int> used, std::size_t most_tried, const LeastOf& least_of,
              const WorthOf& worth_of)
        : p_(p), used_(used), most_tried_(most_tried), least_of_(least_of), worth_of_(worth_of) {
        for (const Filament& f : p.filaments) {
            std::vector<char>& may = may_sit_.emplace_back(nozzles_for(p, f));
            for (const Pin& pin : p.pins)
                for (std::size_t n = 0; n < may.size(); ++n)
                    may[n] &= pin.filament != f.letter || pin.nozzle == static_cast<int>(n);
        }
    }

    Loading from(std::span<const Loading> starts, double bound) {
        Loading best = starts.front();
        Tried at{best.nozzle, worth_of(best.nozzle)};
        std::vector<std::vector<int>> splits;
        all_of(0, best.nozzle, splits);
        best.proven = splits.size() <= most_tried_;
        if (best.proven) {
            for (const std::vector<int>& nozzle : splits)
                take(nozzle, at);
        } else {
            for (const Loading& start : starts.subspan(1))
                take(start.nozzle, at);
            descend(at, -1);
            while (hold_each(at) && left())
                ;
        }
        best.nozzle = at.nozzle;
        best.cost = at.worth.cost;
        best.bound = best.proven ? best.cost : std::min(best.cost, bound);
        return best;
    }

private:
    struct Tried {
        std::vector<int> nozzle; ///< [filament]
        SplitWorth worth;
    };

    bool may_sit(int f, int n) const {
        return may_sit_[static_cast<std::size_t>(f)][static_cast<std::size_t>(n)];
    }
    bool left() const { return known_.size() < most_tried_; }
    bool pinned(int n) const {
        return std::any_of(p_.pins.begin(), p_.pins.end(), [&](const Pin& pin) { return pin.nozzle == n; });
    }
    /// Nozzles that are alike are interchangeable: which is which is told by the first filament on each.
    std::vector<int> named_alike(std::vector<int> nozzle) const {
        std::vector<int> name(p_.machine.nozzles.size(), -1);
        for (const int f : used_) {
            int& at = nozzle[static_cast<std::size_t>(f)];
            int& as = name[static_cast<std::size_t>(at)];
            for (int n = 0; as < 0 && n < static_cast<int>(name.size()); ++n)
                if (n == at ||
                    (p_.machine.nozzles[static_cast<std::size_t>(n)] ==
                         p_.machine.nozzles[static_cast<std::size_t>(at)] &&
                     !pinned(n) && !pinned(at) && std::find(name.begin(), name.end(), n) == name.end()))
                    as = n;
            at = as;
        }
        return nozzle;
    }
    SplitWorth worth_of(const std::vector<int>& nozzle) {
        const auto [it, fresh] = known_.try_emplace(named_alike(nozzle));
        if (fresh) {
            Loading tried;
            tried.nozzle = nozzle;
            it->second = worth_of_(tried);
        }
        return it->second;
    }
    static bool better(const SplitWorth& a, const SplitWorth& b) {
        const double rounding = 1e-9 * std::max(1.0, std::abs(b.cost));
        return a.cost < b.cost - rounding || (a.cost <= b.cost + rounding && a.changes < b.changes);
    }
    bool take(const std::vector<int>& nozzle, Tried& best) {
        if (nozzle == best.nozzle || least_of_(nozzle) > best.worth.cost)
            return false;
        const SplitWorth worth = worth_of(nozzle);
        if (!better(worth, best.worth))
            return false;
        best = {nozzle, worth};
        return true;
    }
    /// Moves and exchanges filaments, all but `held`, as long as that helps.
    void descend(Tried& at, int held) {
        for (bool found = true; found && left();) {
            found = false;
            for (const int f : used_) {
                if (f == held)
                    continue;
                for (int n = 0; n < static_cast<int>(p_.machine.nozzles.size()) && left(); ++n)
                    if (may_sit(f, n)) {
                        std::vector<int> moved = at.nozzle;
                        moved[static_cast<std::size_t>(f)] = n;
                        found |= take(moved, at);
                    }
                for (const int g : used_) {
                    const int of_f = at.nozzle[static_cast<std::size_t>(f)],
                              of_g = at.nozzle[static_cast<std::size_t>(g)];
                    if (g <= f || g == held || of_f == of_g || !left() || !may_sit(f, of_g) ||
                        !may_sit(g, of_f))
                        continue;
                    std::vector<int> exchanged = at.nozzle;
                    std::swap(exchanged[static_cast<std::size_t>(f)], exchanged[static_cast<std::size_t>(g)]);
                    found |= take(exchanged, at);
                }
            }
        }
    }
    bool hold_each(Tried& best) {
        for (const int f : used_)
            for (int n = 0; n < static_cast<int>(p_.machine.nozzles.size()) && left(); ++n) {
                if (!may_sit(f, n) || best.nozzle[static_cast<std::size_t>(f)] == n)
                    continue;
                Tried at = best;
                at.nozzle[static_cast<std::size_t>(f)] = n;
                at.worth = worth_of(at.nozzle);
                descend(at, f);
                descend(at, -1);
                if (better(at.worth, best.worth)) {
                    best = std::move(at);
                    return true;
                }
            }
        return false;
    }
    /// Every split once, up to one more than are tried; of nozzles that are alike the first that are free.
    void all_of(std::size_t i, std::vector<int> nozzle, std::vector<std::vector<int>>& splits) const {
        if (splits.size() > most_tried_)
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
        for (std::size_t n = 0; n < p_.machine.nozzles.size(); ++n) {
            bool like_a_free_one = false;
            for (std::size_t m = 0; m < n && !taken(n); ++m)
                like_a_free_one |= may_sit(used_[i], static_cast<int>(m)) &&
                                   p_.machine.nozzles[m] == p_.machine.nozzles[n] && !taken(m) &&
                                   !pinned(static_cast<int>(m)) && !pinned(static_cast<int>(n));
            if (!may_sit(used_[i], static_cast<int>(n)) || like_a_free_one)
                continue;
            nozzle[static_cast<std::size_t>(used_[i])] = static_cast<int>(n);
            all_of(i + 1, nozzle, splits);
        }
    }

    const Project& p_;
    std::span<const int> used_;
    std::size_t most_tried_;
    const LeastOf& least_of_;
    const WorthOf& worth_of_;
    std::vector<std::vector<char>> may_sit_;       ///< [filament][nozzle]
    std::map<std::vector<int>, SplitWorth> known_; ///< by named_alike()
};

} // namespace

Loading best_split(const Project& p, std::span<const int> used, std::span<const Loading> starts, double bound,
                   std::size_t most_tried, const LeastOf& least_of, const WorthOf& worth_of) {
    return BestSplit(p, used, most_tried, least_of, worth_of).from(starts, bound);
}

} // namespace vitrail
