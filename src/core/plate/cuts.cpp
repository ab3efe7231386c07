#include "core/plate/cuts.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <numeric>
#include <set>

namespace vitrail {

namespace {

constexpr int kFewPieces = 8;

using Group = std::vector<int>; ///< kinds that share plates, sorted

Cut scheduled(const OrderTask& task, PlateCosts& costs, std::vector<Counts> plates, Scope scope) {
    Cut cut;
    cut.schedule = make_schedule(schedule_task(task, costs, plates, scope));
    if (cut.schedule.plates.size() == plates.size())
        cut.plates = std::move(plates);
    return cut;
}

// ---- few pieces: every way

class EveryWay {
public:
    EveryWay(const OrderTask& task, PlateCosts& costs, const Progress& progress)
        : task_(task), costs_(costs), progress_(progress) {}

    Cut find() {
        Counts left;
        for (const OrderKind& kind : task_.kinds)
            left.push_back(kind.count);
        std::vector<Counts> plates;
        cut(left, left, plates);
        best_.all_looked_at = !progress_.stopped() && task_.machines.size() == 1 && !many_plates_;
        return best_;
    }

private:
    /// Every multiset of plates, each no larger than the one before (in lexicographic order), so that none
    /// comes twice.
    void cut(const Counts& left, const Counts& largest, std::vector<Counts>& plates) {
        if (progress_.stopped())
            return;
        if (std::all_of(left.begin(), left.end(), [](int n) { return n == 0; })) {
            if (cannot_gain(plates))
                return;
            many_plates_ |= plates.size() > kAllOrders;
            Cut tried = scheduled(task_, costs_, plates, Scope::costs);
            if (better(task_, tried, best_))
                best_ = std::move(tried);
            return;
        }
        Counts plate(left.size(), 0);
        each_plate(left, largest, plate, 0, plates);
    }
    void each_plate(const Counts& left, const Counts& largest, Counts& plate, std::size_t kind,
                    std::vector<Counts>& plates) {
        if (kind == left.size()) {
            if (plate > largest || std::all_of(plate.begin(), plate.end(), [](int n) { return n == 0; }) ||
                !fits(plate))
                return;
            Counts rest = left;
            for (std::size_t k = 0; k < rest.size(); ++k)
                rest[k] -= plate[k];
            plates.push_back(plate);
            cut(rest, plate, plates);
            plates.pop_back();
            return;
        }
        for (plate[kind] = left[kind]; plate[kind] >= 0;
             --plate[kind]) // full plates first: they are good, and rule others out
            each_plate(left, largest, plate, kind + 1, plates);
        plate[kind] = 0;
    }
    /// Whether their worth alone, whatever the schedule, is no better than a cut that misses nothing.
    bool cannot_gain(const std::vector<Counts>& plates) {
        if (best_.plates.empty() || task_.machines.size() > 1 || best_.schedule.late_h > 0 ||
            best_.schedule.nights_broken > 0 || torn(task_, best_.plates) > 0)
            return false;
        double sum = 0;
        for (const Counts& p : plates)
            sum += worth_of(task_, costs_.figures(p, 0, Scope::costs));
        return sum >
               (task_.aim == OrderAim::earliest ? best_.schedule.finish_h : best_.schedule.worth) + 1e-9;
    }
    bool fits(const Counts& plate) {
        for (std::size_t m = 0; m < task_.machines.size(); ++m)
            if (costs_.figures(plate, static_cast<int>(m), Scope::costs).fits)
                return true;
        return false;
    }

    const OrderTask& task_;
    PlateCosts& costs_;
    const Progress& progress_;
    Cut best_;
    bool many_plates_ = false;
};

// ---- many pieces

class Searched {
public:
    Searched(const OrderTask& task, PlateCosts& costs, const Progress& progress)
        : task_(task), costs_(costs), progress_(progress), budget_(costs.planned() + task.plans) {}

    std::vector<Group> find() {
        std::vector<Group> groups = start();
        Cut best = value(groups);
        for (bool found = true; found && !spent();) {
            found = merge(groups, best) || move(groups, best);
            progress_.at(std::min(1.0, 1 - static_cast<double>(budget_ - costs_.planned()) / task_.plans));
        }
        return groups;
    }

    /// The plates of these groups as they will be printed: filled by boxes, or by outlines where that is
    /// better.
    Cut made_of(const std::vector<Group>& groups) {
        std::vector<Counts> by_boxes, by_outlines;
        for (const Group& g : groups) {
            const std::vector<Counts> boxes = plates_of(g);
            if (boxes.empty())
                return {};
            by_boxes.insert(by_boxes.end(), boxes.begin(), boxes.end());
            const std::vector<Counts> outlines = filled_by_outlines(g, boxes);
            by_outlines.insert(by_outlines.end(), outlines.begin(), outlines.end());
        }
        Cut boxes = scheduled(task_, costs_, std::move(by_boxes), Scope::costs),
            outlines = scheduled(task_, costs_, std::move(by_outlines), Scope::costs);
        return better(task_, outlines, boxes) ? outlines : boxes;
    }

    /// Plates of a group: filled in one sequence of pieces, each as far as the bed of a machine has room; of
    /// the machine that suits the aim best.
    const std::vector<Counts>& plates_of(const Group& group) {
        const auto known = cut_.find(group);
        if (known != cut_.end())
            return known->second;
        std::vector<Counts> best;
        double least = kWhenever;
        const std::vector<int> sequence = sequence_of(group);
        for (int m = 0; m < static_cast<int>(task_.machines.size()); ++m) {
            std::vector<Counts> plates;
            for (std::size_t at = 0, n = 0; at < sequence.size(); at += n) {
                n = longest(sequence, at, m);
                if (n == 0) {
                    plates.clear();
                    break;
                }
                plates.push_back(counts_of(sequence, at, n));
            }
            double worth = 0;
            for (const Counts& plate : plates)
                worth += worth_of(task_, costs_.figures(plate, m, Scope::sketch));
            if (!plates.empty() && worth < least)
                least = worth, best = std::move(plates);
        }
        return cut_.emplace(group, std::move(best)).first->second;
    }

private:
    /// The plates of a group, each taking over of the next ones what its outlines leave room for; of the
    /// machine for which that makes the fewest. As it is where the trouble of arranging is used up, or boxes
    /// take fewer.
    std::vector<Counts> filled_by_outlines(const Group& group, const std::vector<Counts>& boxes) {
        std::vector<Counts> best = boxes;
        const std::vector<int> sequence = sequence_of(group);
        for (int m = 0; m < static_cast<int>(task_.machines.size()); ++m) {
            std::vector<Counts> plates;
            for (std::size_t at = 0, n = 0; at < sequence.size() && plates.size() < best.size(); at += n) {
                n = longest_by_outlines(sequence, at, m);
                if (n == 0)
                    break;
                plates.push_back(counts_of(sequence, at, n));
            }
            int placed = 0;
            for (const Counts& plate : plates)
                placed = std::accumulate(plate.begin(), plate.end(), placed);
            if (placed == static_cast<int>(sequence.size()) && plates.size() < best.size())
                best = std::move(plates);
        }
        return best;
    }

    bool spent() const { return progress_.stopped() || costs_.planned() >= budget_; }

    /// Kinds that stay together are one group from the beginning.
    std::vector<Group> start() {
        std::vector<Group> groups;
        std::map<int, std::size_t> of;
        for (std::size_t k = 0; k < task_.kinds.size(); ++k) {
            const int t = task_.kinds[k].together;
            if (t > 0 && of.count(t)) {
                groups[of[t]].push_back(static_cast<int>(k));
                continue;
            }
            if (t > 0)
                of[t] = groups.size();
            groups.push_back({static_cast<int>(k)});
        }
        return groups;
    }

    /// The pieces of a group in the order in which plates are filled: what takes most of the bed first, kind
    /// after kind; those that stay together take turns.
    std::vector<int> sequence_of(const Group& group) const {
        struct Next {
            double rank, at;
            int kind;
        };
        std::vector<Next> all;
        std::map<int, double> rank;
        const auto area = [&](int k) {
            double sum = 0;
            for (const PiecePlan& piece : costs_.alone(static_cast<std::size_t>(k), 0).pieces)
                sum += (double(piece.table->bounds.max.x) - piece.table->bounds.min.x) *
                       (double(piece.table->bounds.max.y) - piece.table->bounds.min.y);
            return sum;
        };
        for (const int k : group) {
            const OrderKind& kind = task_.kinds[static_cast<std::size_t>(k)];
            double r = area(k);
            if (kind.together > 0)
                r = rank.emplace(kind.together, r).first->second;
            for (int i = 0; i < kind.count; ++i)
                all.push_back({r, kind.together > 0 ? (i + 0.5) / kind.count : k + 0.0, k});
        }
        std::stable_sort(all.begin(), all.end(), [](const Next& a, const Next& b) {
            return std::pair(-a.rank, a.at) < std::pair(-b.rank, b.at);
        });
        std::vector<int> sequence;
        for (const Next& n : all)
            sequence.push_back(n.kind);
        return sequence;
    }

    Counts counts_of(const std::vector<int>& sequence, std::size_t from, std::size_t n) const {
        Counts counts(task_.kinds.size(), 0);
        for (std::size_t i = from; i < from + n; ++i)
            ++counts[static_cast<std::size_t>(sequence[i])];
        return counts;
    }

    /// How many pieces from there on fit on one plate of that machine: by boxes first, then with the tower.
    std::size_t longest(const std::vector<int>& sequence, std::size_t from, int machine) {
        std::size_t low = 0, high = sequence.size() - from + 1;
        const auto narrow = [&](auto fits) {
            while (high - low > 1) {
                const std::size_t n = (low + high) / 2;
                (fits(counts_of(sequence, from, n)) ? low : high) = n;
            }
        };
        narrow([&](const Counts& c) { return costs_.boxes_fit(c, machine); });
        const auto planned = [&](const Counts& c) { return costs_.figures(c, machine, Scope::sketch).fits; };
        if (low > 0 && !planned(counts_of(sequence, from, low))) {
            high = low;
            low = 0;
            narrow(planned);
        }
        return low;
    }

    /// What boxes leave room for is tried one by one, then in steps that double.
    std::size_t longest_by_outlines(const std::vector<int>& sequence, std::size_t from, int machine) {
        const std::size_t most = sequence.size() - from;
        std::size_t low = longest(sequence, from, machine), high = most + 1;
        const auto fits = [&](std::size_t n) {
            arranged_ += n * n;
            return !costs_.too_large(counts_of(sequence, from, n), machine) &&
                   costs_.figures(counts_of(sequence, from, n), machine, Scope::costs).fits;
        };
        for (std::size_t step = 1; low < most && high > low + 1;) {
            const std::size_t n = std::min(low + step, high - 1);
            if (n > kMostArranged || arranged_ + n * n > kMostTrouble || progress_.stopped())
                break;
            if (fits(n))
                low = n, step *= 2;
            else
                high = n, step = 1;
        }
        return low;
    }

    Cut value(const std::vector<Group>& groups) {
        std::vector<Counts> plates;
        for (const Group& g : groups) {
            const std::vector<Counts>& of = plates_of(g);
            if (of.empty())
                return {};
            plates.insert(plates.end(), of.begin(), of.end());
        }
        return scheduled(task_, costs_, std::move(plates), Scope::sketch);
    }

    bool may_join(const Group& a, const Group& b) const {
        return std::all_of(a.begin(), a.end(), [&](int x) {
            return std::all_of(b.begin(), b.end(), [&](int y) {
                return costs_.may_share(static_cast<std::size_t>(x), static_cast<std::size_t>(y));
            });
        });
    }

    /// Filaments that both groups need, as a share of all they need.
    double kinship(const Group& a, const Group& b) const {
        const auto needs = [&](const Group& g) {
            std::set<int> out;
            for (const int k : g)
                out.insert(costs_.filaments_of(static_cast<std::size_t>(k)).begin(),
                           costs_.filaments_of(static_cast<std::size_t>(k)).end());
            return out;
        };
        const std::set<int> x = needs(a), y = needs(b);
        const auto both =
            static_cast<double>(std::count_if(x.begin(), x.end(), [&](int f) { return y.count(f) > 0; }));
        return both / (static_cast<double>(x.size() + y.size()) - both);
    }

    /// The first merger that gains, those first whose filaments are most alike.
    bool merge(std::vector<Group>& groups, Cut& best) {
        struct Pair {
            double kinship;
            std::size_t a, b;
        };
        std::vector<Pair> pairs;
        for (std::size_t a = 0; a < groups.size(); ++a)
            for (std::size_t b = a + 1; b < groups.size(); ++b)
                if (may_join(groups[a], groups[b]))
                    pairs.push_back({kinship(groups[a], groups[b]), a, b});
        std::stable_sort(pairs.begin(), pairs.end(),
                         [](const Pair& a, const Pair& b) { return a.kinship > b.kinship; });
        for (const Pair& p : pairs) {
            if (spent())
                return false;
            std::vector<Group> next = groups;
            next[p.a].insert(next[p.a].end(), groups[p.b].begin(), groups[p.b].end());
            std::sort(next[p.a].begin(), next[p.a].end());
            next.erase(next.begin() + static_cast<std::ptrdiff_t>(p.b));
            if (tried(std::move(next), groups, best))
                return true;
        }
        return false;
    }

    /// A kind (with those it stays with) to another group, or to one of its own.
    bool move(std::vector<Group>& groups, Cut& best) {
        for (std::size_t from = 0; from < groups.size(); ++from)
            for (const int k : groups[from]) {
                const int t = task_.kinds[static_cast<std::size_t>(k)].together;
                Group moved, stays;
                for (const int x : groups[from])
                    (x == k || (t > 0 && task_.kinds[static_cast<std::size_t>(x)].together == t) ? moved
                                                                                                 : stays)
                        .push_back(x);
                if (stays.empty())
                    continue;
                for (std::size_t to = 0; to <= groups.size(); ++to) {
                    if (spent())
                        return false;
                    if (to == from || (to < groups.size() && !may_join(moved, groups[to])))
                        continue;
                    std::vector<Group> next = groups;
                    next[from] = stays;
                    if (to == groups.size()) {
                        next.push_back(moved);
                    } else {
                        next[to].insert(next[to].end(), moved.begin(), moved.end());
                        std::sort(next[to].begin(), next[to].end());
                    }
                    if (tried(std::move(next), groups, best))
                        return true;
                }
            }
        return false;
    }

    bool tried(std::vector<Group> next, std::vector<Group>& groups, Cut& best) {
        Cut cut = value(next);
        if (!better(task_, cut, best))
            return false;
        groups = std::move(next);
        best = std::move(cut);
        return true;
    }

    const OrderTask& task_;
    PlateCosts& costs_;
    const Progress& progress_;
    int budget_;
    /// Arranging by outlines takes time with the square of the pieces: so many squares, some seconds.
    static constexpr std::size_t kMostTrouble = 30000;
    std::size_t arranged_ = 0;
    std::map<Group, std::vector<Counts>> cut_;
};

} // namespace

bool better(const OrderTask& task, const Cut& a, const Cut& b) {
    if (b.plates.empty())
        return !a.plates.empty();
    if (a.plates.empty())
        return false;
    const int torn_a = torn(task, a.plates), torn_b = torn(task, b.plates);
    return torn_a != torn_b ? torn_a < torn_b
                            : a.schedule.better_than(b.schedule, task.aim == OrderAim::earliest);
}

int torn(const OrderTask& task, const std::vector<Counts>& plates) {
    std::map<int, std::vector<std::size_t>> together;
    for (std::size_t k = 0; k < task.kinds.size(); ++k)
        if (task.kinds[k].together > 0)
            together[task.kinds[k].together].push_back(k);
    int sum = 0;
    for (const auto& [number, kinds] : together)
        for (const Counts& plate : plates) {
            const auto there =
                std::count_if(kinds.begin(), kinds.end(), [&](std::size_t k) { return plate[k] > 0; });
            sum += there > 0 && there < static_cast<std::ptrdiff_t>(kinds.size());
        }
    return sum;
}

ScheduleTask schedule_task(const OrderTask& task, PlateCosts& costs, const std::vector<Counts>& plates,
                           Scope scope) {
    ScheduleTask s;
    s.presence = {task.start_hour, task.settings.night_from, task.settings.night_to};
    s.between_h = task.settings.between_plates_min / 60;
    s.load_worth = load_worth(task);
    s.earliest = task.aim == OrderAim::earliest;
    for (const Machine& m : task.machines)
        s.places.push_back(places_for_filament(m));
    for (const Counts& plate : plates) {
        ToPrint p;
        for (std::size_t m = 0; m < task.machines.size(); ++m) {
            const PlateFigures& f = costs.figures(plate, static_cast<int>(m), scope);
            p.hours.push_back(f.fits ? f.total_s / 3600 : kWhenever);
            p.worth.push_back(f.fits ? worth_of(task, f) : kWhenever);
            if (f.fits)
                p.filaments = f.filaments;
        }
        for (std::size_t k = 0; k < plate.size(); ++k) {
            if (plate[k] > 0 && std::isfinite(task.kinds[k].due_h))
                p.due.emplace_back(task.kinds[k].due_h, plate[k]);
            p.by_day |= plate[k] > 0 && task.kinds[k].by_day;
        }
        s.plates.push_back(std::move(p));
    }
    return s;
}

Cut cut_apart(const OrderTask& task, PlateCosts& costs, const Progress& progress) {
    OrderTask loose = task;
    for (OrderKind& kind : loose.kinds)
        kind.together = 0;
    Searched search(loose, costs, progress);
    std::vector<Group> each;
    for (int k = 0; k < static_cast<int>(task.kinds.size()); ++k)
        each.push_back({k});
    return search.made_of(each);
}

Cut best_cut(const OrderTask& task, PlateCosts& costs, const Progress& progress) {
    int pieces = 0;
    for (const OrderKind& kind : task.kinds)
        pieces += kind.count;
    if (pieces <= kFewPieces)
        return EveryWay(task, costs, progress).find();
    Searched search(task, costs, progress);
    return search.made_of(search.find());
}

} // namespace vitrail
