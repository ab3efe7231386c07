#include "core/changes/set_paths.h"

#include <algorithm>
#include <bit>
#include <optional>

namespace vitrail {

namespace {

constexpr std::int64_t kNoPath = std::numeric_limits<std::int64_t>::max() / 2;

/// The cheapest ways of one nozzle through its set in a layer: [held · k + last member], held being an item
/// of the nozzle, or its number of items where it holds nothing yet.
struct Ways {
    std::vector<std::int32_t> cost;
    std::vector<std::uint8_t> first; ///< position of the first member on that way

    /// `kept`: what it costs to print on with what is held. `must`: the member every way must begin with, or
    /// −1.
    Ways(const SetPaths& paths, const std::vector<std::uint8_t>& items, const CostMatrix& costs,
         std::int32_t kept, int must) {
        const std::size_t k = paths.members().size(), n = items.size();
        cost.assign((n + 1) * k, kFar);
        first.assign((n + 1) * k, 0);
        for (std::size_t held = 0; held <= n; ++held)
            for (std::size_t s = 0; s < k; ++s) {
                const int member = paths.members()[s];
                if (must >= 0 && member != must)
                    continue;
                const std::int32_t in =
                    held == n || items[held] == member ? kept : costs.at(items[held], member);
                for (std::size_t e = 0; e < k; ++e)
                    if (const std::int32_t inner = paths.cost(static_cast<int>(s), static_cast<int>(e));
                        inner < kFar && in + inner < cost[held * k + e]) {
                        cost[held * k + e] = in + inner;
                        first[held * k + e] = static_cast<std::uint8_t>(s);
                    }
            }
    }
};

/// A layer as one nozzle sees it.
struct Visit {
    int nozzle = 0;
    SetPaths* paths = nullptr;
    std::vector<int> at; ///< position in the nozzle's items of each member
    Ways stay, come;     ///< where it printed last already, and where another nozzle did
};

/// All layers with the same set and the same lock.
struct Kind {
    std::vector<Visit> visits;
    int lead = -1; ///< index into visits of the nozzle that must go first
    bool exact = true;
    std::int32_t least = 0; ///< no way through it costs less
};

/// Costs up to a constant: [last nozzle · holds + what each nozzle holds].
using State = std::vector<std::int64_t>;

class SharedOrder {
public:
    SharedOrder(std::span<const Set> layers, const NozzleOrder& p, std::span<const std::int8_t> first)
        : layers_(layers), p_(p) {
        Set all = 0;
        for (const Set s : layers)
            all |= s;
        for (std::size_t i = 0; i < p.nozzles.size(); ++i)
            if (const Set used = p.nozzles[i].group & all) {
                nozzles_.push_back({i, members_of(used), holds_});
                holds_ *= nozzles_.back().items.size();
                if (holds_ * p.nozzles.size() > kMostStates)
                    return;
            }
        fits_ = true;
        make_kinds(first);
    }
    bool fits() const { return fits_; }

    Ordered solve() {
        Ordered out;
        if (nozzles_.empty()) {
            out.sequence.start.resize(layers_.size() + 1);
            return out;
        }
        forward();
        out.sequence = walk_back();
        out.cost = cost_of(out.sequence, p_);
        out.bound = exact_ ? out.cost : std::min(out.cost, least_);
        return out;
    }

private:
    struct Nozzle {
        std::size_t index = 0; ///< in the problem
        std::vector<std::uint8_t> items;
        std::size_t stride = 1; ///< of its item in the index of a state
    };

    void make_kinds(std::span<const std::int8_t> first) {
        constexpr std::size_t kMostKept = std::size_t{64} << 20;
        std::unordered_map<std::uint64_t, int> index; // by set and who must be first
        std::size_t kept = 0;
        kind_of_.assign(layers_.size(), -1);
        for (std::size_t l = 0; l < layers_.size(); ++l) {
            if (!layers_[l])
                continue;
            const int must = first.empty() || first[l] < 0 || !(layers_[l] >> first[l] & 1) ? -1 : first[l];
            const auto [it, fresh] =
                index.try_emplace(std::uint64_t{layers_[l]} << 8 | static_cast<std::uint64_t>(must + 1),
                                  static_cast<int>(kinds_.size()));
            if (fresh)
                kinds_.push_back(make_kind(layers_[l], must));
            kind_of_[l] = it->second;
            exact_ &= kinds_[static_cast<std::size_t>(it->second)].exact;
            least_ += kinds_[static_cast<std::size_t>(it->second)].least;
        }
        for (auto& [key, paths] : paths_)
            if ((kept += paths->bytes()) >
                kMostKept) // many large sets: solve again those that are walked back through
                paths->forget();
    }
    Kind make_kind(Set set, int must) {
        Kind kind;
        for (std::size_t i = 0; i < nozzles_.size(); ++i) {
            const NozzleOrder::Nozzle& nozzle = p_.nozzles[nozzles_[i].index];
            const Set own = set & nozzle.group;
            if (!own)
                continue;
            std::unique_ptr<SetPaths>& paths = paths_[std::uint64_t{own} << 8 | i];
            if (!paths)
                paths = std::make_unique<SetPaths>(own, nozzle.costs);
            const std::vector<std::uint8_t>& items = nozzles_[i].items;
            const int own_must = must >= 0 && own >> must & 1 ? must : -1;
            if (own_must >= 0)
                kind.lead = static_cast<int>(kind.visits.size());
            std::vector<int> at;
            for (const std::uint8_t m : paths->members())
                at.push_back(static_cast<int>(std::find(items.begin(), items.end(), m) - items.begin()));
            kind.visits.push_back({static_cast<int>(i), paths.get(), at,
                                   Ways(*paths, items, nozzle.costs, 0, own_must),
                                   Ways(*paths, items, nozzle.costs, p_.come, own_must)});
            kind.exact &= paths->exact();
            kind.least += paths->least();
        }
        kind.least += p_.come * std::max(0, static_cast<int>(kind.visits.size()) - 1);
        return kind;
    }

    /// Whether a layer that `lead` goes first in can end on nozzle `to`: where both are one, others must fit
    /// in between.
    static bool can_end(const Kind& kind, const Visit& lead, int to) {
        return lead.nozzle != to || kind.visits.size() == 1 || lead.at.size() > 1;
    }
    bool may_lead(const Kind& kind, const Visit& v) const {
        return kind.lead < 0 || &kind.visits[static_cast<std::size_t>(kind.lead)] == &v;
    }
    /// Whether a layer can end on `to` that a nozzle other than `last` begins; or, staying, `last` itself.
    bool can_come(const Kind& kind, int last, int to) const {
        return std::any_of(kind.visits.begin(), kind.visits.end(), [&](const Visit& v) {
            return v.nozzle != last && may_lead(kind, v) && can_end(kind, v, to);
        });
    }
    bool can_stay(const Kind& kind, int last, int to) const {
        return std::any_of(kind.visits.begin(), kind.visits.end(), [&](const Visit& v) {
            return v.nozzle == last && may_lead(kind, v) && can_end(kind, v, to);
        });
    }

    /// Which of its rows a nozzle that holds its item `held` goes by.
    std::size_t row(int nozzle, std::size_t held) const {
        return begun_[static_cast<std::size_t>(nozzle)]
                   ? held
                   : nozzles_[static_cast<std::size_t>(nozzle)].items.size();
    }

    /// All nozzles of the layer print, one after the other; `staying`: the one that goes on, or −1.
    State through(State from, const Kind& kind, int staying) const {
        for (const Visit& v : kind.visits) {
            const Nozzle& nozzle = nozzles_[static_cast<std::size_t>(v.nozzle)];
            const Ways& ways = v.nozzle == staying ? v.stay : v.come;
            const std::size_t n = nozzle.items.size(), k = v.at.size();
            State to(holds_, kNoPath);
            for (std::size_t base = 0; base < holds_; base += nozzle.stride * n)
                for (std::size_t rest = base; rest < base + nozzle.stride; ++rest)
                    for (std::size_t held = 0; held < n; ++held) {
                        const std::int64_t sofar = from[rest + held * nozzle.stride];
                        if (sofar >= kNoPath)
                            continue;
                        const std::int32_t* cost = &ways.cost[row(v.nozzle, held) * k];
                        for (std::size_t e = 0; e < k; ++e)
                            if (cost[e] < kFar) {
                                std::int64_t& best =
                                    to[rest + static_cast<std::size_t>(v.at[e]) * nozzle.stride];
                                best = std::min(best, sofar + cost[e]);
                            }
                    }
            from = std::move(to);
        }
        return from;
    }

    State step(const State& from, const Kind& kind) const {
        State to(from.size(), kNoPath);
        const auto take = [&](const State& made, int last) {
            std::int64_t* best = &to[static_cast<std::size_t>(last) * holds_];
            for (std::size_t h = 0; h < holds_; ++h)
                best[h] = std::min(best[h], made[h]);
        };
        std::vector<char> came_from; // who may have been last for the way that `came` holds
        State came;
        for (const Visit& end : kind.visits) {
            std::vector<char> may(nozzles_.size(), 0);
            for (std::size_t last = 0; last < nozzles_.size(); ++last)
                may[last] = can_come(kind, static_cast<int>(last), end.nozzle);
            if (may != came_from) {
                came.assign(holds_, kNoPath);
                for (std::size_t last = 0; last < nozzles_.size(); ++last)
                    for (std::size_t h = 0; may[last] && h < holds_; ++h)
                        came[h] = std::min(came[h], from[last * holds_ + h]);
                came = through(std::move(came), kind, -1);
                came_from = may;
            }
            if (std::find(may.begin(), may.end(), 1) != may.end())
                take(came, end.nozzle);
        }
        for (const Visit& lead : kind.visits) {
            State stayed;
            for (const Visit& end : kind.visits)
                if (can_stay(kind, lead.nozzle, end.nozzle)) {
                    if (stayed.empty()) {
                        const auto begin = from.begin() + static_cast<std::ptrdiff_t>(
                                                              static_cast<std::size_t>(lead.nozzle) * holds_);
                        stayed = through(State(begin, begin + static_cast<std::ptrdiff_t>(holds_)), kind,
                                         lead.nozzle);
                    }
                    take(stayed, end.nozzle);
                }
        }
        const std::int64_t least = *std::min_element(to.begin(), to.end());
        for (std::int64_t& c : to)
            c = c >= kNoPath ? kNoPath : c - least;
        return to;
    }

    /// What it has cost before each layer; the layers of a run share states once these repeat.
    void forward() {
        begun_.assign(nozzles_.size(), 0);
        State now(holds_ * nozzles_.size(), kNoPath);
        for (std::size_t n = 0; n < nozzles_.size(); ++n)
            now[n * holds_] = 0; // nobody printed yet: whoever goes first just stays
        before_.assign(layers_.size(), 0);
        std::vector<std::size_t> real; // layers that print
        for (std::size_t l = 0; l < layers_.size(); ++l)
            if (kind_of_[l] >= 0)
                real.push_back(l);
        states_.push_back(std::move(now));
        for (std::size_t i = 0; i < real.size();) {
            const Kind& kind = kinds_[static_cast<std::size_t>(kind_of_[real[i]])];
            std::size_t end = i;
            while (end < real.size() && kind_of_[real[end]] == kind_of_[real[i]])
                ++end;
            const std::size_t run = states_.size() - 1; // states_[run + j]: before layer j of the run
            std::size_t period = 0, from = 0;
            for (std::size_t j = 0; j < end - i; ++j) {
                if (period) { // states repeat from `from` on
                    before_[real[i + j]] = from + (run + j - from) % period;
                    continue;
                }
                before_[real[i + j]] = run + j;
                states_.push_back(step(states_.back(), kind));
                for (const Visit& v : kind.visits)
                    begun_[static_cast<std::size_t>(v.nozzle)] = 1;
                constexpr std::size_t kPeriods = 4;
                for (std::size_t back = 1; back <= kPeriods && back <= j;
                     ++back) // the first layer may find empty nozzles
                    if (states_[states_.size() - 1 - back] == states_.back()) {
                        period = back;
                        from = states_.size() - 1 - back;
                        break;
                    }
            }
            if (period) // what the run ends with
                states_.push_back(State(states_[from + (run + end - i - from) % period]));
            i = end;
        }
    }

    std::size_t held_in(std::size_t state, int nozzle) const {
        const Nozzle& n = nozzles_[static_cast<std::size_t>(nozzle)];
        return state / n.stride % n.items.size();
    }

    /// The order of the layer that leads to what is held after it, and what was held before.
    struct Back {
        int last = 0;
        std::size_t held = 0;
        bool stays = false;
    };
    Back back_through(const State& before, const Kind& kind, int last, std::size_t held) const {
        Back best;
        std::int64_t least = kNoPath;
        for (int from = 0; from < static_cast<int>(nozzles_.size()); ++from)
            for (const bool stays : {true, false}) {
                if (!(stays ? can_stay(kind, from, last) : can_come(kind, from, last)))
                    continue;
                const auto search = [&](auto&& self, std::size_t i, std::size_t state,
                                        std::int64_t cost) -> void {
                    if (i == kind.visits.size()) {
                        const std::int64_t so_far = before[static_cast<std::size_t>(from) * holds_ + state];
                        if (so_far < kNoPath && so_far + cost < least)
                            least = so_far + cost, best = {from, state, stays};
                        return;
                    }
                    const Visit& v = kind.visits[i];
                    const Nozzle& nozzle = nozzles_[static_cast<std::size_t>(v.nozzle)];
                    const std::size_t ends_with = held_in(held, v.nozzle);
                    const auto e = static_cast<std::size_t>(
                        std::find(v.at.begin(), v.at.end(), static_cast<int>(ends_with)) - v.at.begin());
                    const Ways& ways = stays && v.nozzle == from ? v.stay : v.come;
                    for (std::size_t h = 0; h < nozzle.items.size(); ++h)
                        if (const std::int32_t c = ways.cost[row(v.nozzle, h) * v.at.size() + e]; c < kFar)
                            self(self, i + 1, state + h * nozzle.stride - ends_with * nozzle.stride,
                                 cost + c);
                };
                search(search, 0, held, 0);
            }
        return best;
    }

    /// The layer's filaments in the order of that way.
    std::vector<std::uint8_t> laid_out(const Kind& kind, const Back& back, int last, std::size_t held) const {
        const Visit* lead = nullptr;
        for (const Visit& v : kind.visits)
            if (!lead && may_lead(kind, v) && (v.nozzle == back.last) == back.stays && can_end(kind, v, last))
                lead = &v;
        std::vector<std::uint8_t> begins, between, ends;
        for (const Visit& v : kind.visits) {
            const std::size_t k = v.at.size();
            const auto e = static_cast<std::size_t>(
                std::find(v.at.begin(), v.at.end(), static_cast<int>(held_in(held, v.nozzle))) -
                v.at.begin());
            const Ways& ways = back.stays && v.nozzle == back.last ? v.stay : v.come;
            std::vector<std::uint8_t>& own = &v == lead ? begins : v.nozzle == last ? ends : between;
            for (const int at : v.paths->path(ways.first[row(v.nozzle, held_in(back.held, v.nozzle)) * k + e],
                                              static_cast<int>(e)))
                own.push_back(v.paths->members()[static_cast<std::size_t>(at)]);
        }
        if (lead->nozzle == last) { // it begins and ends the layer
            ends.push_back(begins.back());
            begins.pop_back();
        }
        for (const std::vector<std::uint8_t>* rest : {&between, &ends})
            begins.insert(begins.end(), rest->begin(), rest->end());
        return begins;
    }

    Sequence walk_back() {
        std::vector<std::vector<std::uint8_t>> order(layers_.size());
        const State& end = states_.back();
        const auto best = static_cast<std::size_t>(std::min_element(end.begin(), end.end()) - end.begin());
        int last = static_cast<int>(best / holds_);
        std::size_t held = best % holds_;
        std::vector<std::size_t> first_visit(nozzles_.size(), layers_.size());
        for (std::size_t l = layers_.size(); l-- > 0;)
            if (kind_of_[l] >= 0)
                for (const Visit& v : kinds_[static_cast<std::size_t>(kind_of_[l])].visits)
                    first_visit[static_cast<std::size_t>(v.nozzle)] = l;
        for (std::size_t l = layers_.size(); l-- > 0;) {
            if (kind_of_[l] < 0)
                continue;
            for (std::size_t n = 0; n < nozzles_.size(); ++n)
                begun_[n] = first_visit[n] < l;
            const Kind& kind = kinds_[static_cast<std::size_t>(kind_of_[l])];
            const Back back = back_through(states_[before_[l]], kind, last, held);
            order[l] = laid_out(kind, back, last, held);
            last = back.last;
            held = back.held;
        }
        Sequence s;
        for (const std::vector<std::uint8_t>& layer : order) {
            s.items.insert(s.items.end(), layer.begin(), layer.end());
            s.start.push_back(static_cast<std::uint32_t>(s.items.size()));
        }
        return s;
    }

    std::span<const Set> layers_;
    const NozzleOrder& p_;
    std::vector<Nozzle> nozzles_;
    std::size_t holds_ = 1; ///< how many ways there are to hold something
    bool fits_ = false, exact_ = true;
    std::int64_t least_ = 0;
    std::unordered_map<std::uint64_t, std::unique_ptr<SetPaths>> paths_;
    std::vector<Kind> kinds_;
    std::vector<int> kind_of_; ///< [layer]; −1: prints nothing
    std::vector<State> states_;
    std::vector<std::size_t> before_; ///< [layer]: index into states_
    std::vector<char> begun_;         ///< [nozzle]: it holds something
};

/// Each nozzle's own order, visited in an order of nozzles with the fewest switches. Two bounds, both proven,
/// the larger one counts: what the nozzles cost each by itself; and all switches of nozzles, each of which
/// takes at least `come`, with what changes cost above that.
Ordered ordered_apart(std::span<const Set> layers, const NozzleOrder& p, std::span<const std::int8_t> first) {
    std::vector<Sequence> by_nozzle;
    std::vector<Set> visits(layers.size(), 0);
    std::vector<std::int8_t> first_nozzle(first.size(), -1);
    std::int64_t apart = 0, above = 0;
    for (std::size_t n = 0; n < p.nozzles.size(); ++n) {
        std::vector<Set> own(layers.size());
        for (std::size_t l = 0; l < layers.size(); ++l) {
            own[l] = layers[l] & p.nozzles[n].group;
            visits[l] |= own[l] ? Set{1} << n : 0;
            if (l < first.size() && first[l] >= 0 && own[l] >> first[l] & 1)
                first_nozzle[l] = static_cast<std::int8_t>(n);
        }
        Ordered o = order_layers(own, p.nozzles[n].costs, first);
        apart += o.bound;
        CostMatrix more = p.nozzles[n].costs;
        for (std::int32_t& c : more.cost)
            c = std::max(0, c - p.come);
        above += order_layers(own, more, first).bound;
        by_nozzle.push_back(std::move(o.sequence));
    }
    CostMatrix one(static_cast<int>(p.nozzles.size()));
    std::fill(one.cost.begin(), one.cost.end(), 1);
    const Ordered switches =
        first.empty() ? fewest_changes(visits, one.n) : order_layers(visits, one, first_nozzle);
    Ordered out;
    for (std::size_t l = 0; l < layers.size(); ++l) {
        for (const std::uint8_t n : switches.sequence.layer(l)) {
            const auto own = by_nozzle[n].layer(l);
            out.sequence.items.insert(out.sequence.items.end(), own.begin(), own.end());
        }
        out.sequence.start.push_back(static_cast<std::uint32_t>(out.sequence.items.size()));
    }
    out.cost = cost_of(out.sequence, p);
    out.bound = std::min(out.cost, std::max(apart, above + std::int64_t{p.come} * switches.bound));
    return out;
}

} // namespace

Ordered order_on_nozzles(std::span<const Set> layers, const NozzleOrder& p,
                         std::span<const std::int8_t> first) {
    SharedOrder together(layers, p, first);
    return together.fits() ? together.solve() : ordered_apart(layers, p, first);
}

} // namespace vitrail
