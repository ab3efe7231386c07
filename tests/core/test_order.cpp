#include "core/changes/order.h"

#include "support.h"

#include <algorithm>
#include <bit>
#include <functional>

using namespace vitrail;

namespace {

std::vector<int> members(Set s) {
    std::vector<int> m;
    for (int i = 0; i < 32; ++i)
        if (s >> i & 1)
            m.push_back(i);
    return m;
}

/// Every order of every layer, one after the other; with `first`, only those that begin with it.
std::int64_t brute_force(const std::vector<Set>& layers, const CostMatrix& costs,
                         const std::vector<std::int8_t>& first = {}) {
    std::function<std::int64_t(std::size_t, int)> from = [&](std::size_t l, int last) -> std::int64_t {
        if (l == layers.size())
            return 0;
        std::vector<int> order = members(layers[l]);
        if (order.empty())
            return from(l + 1, last);
        std::int64_t best = INT64_MAX;
        do {
            if (!first.empty() && first[l] >= 0 && (layers[l] >> first[l] & 1) && order.front() != first[l])
                continue;
            std::int64_t cost = 0;
            int now = last;
            for (int i : order) {
                if (now >= 0 && now != i)
                    cost += costs.at(now, i);
                now = i;
            }
            best = std::min(best, cost + from(l + 1, now));
        } while (std::next_permutation(order.begin(), order.end()));
        return best;
    };
    return from(0, -1);
}

/// Every order of every layer on nozzles that hold what they printed last.
std::int64_t brute_force(const std::vector<Set>& layers, const NozzleOrder& p,
                         const std::vector<std::int8_t>& first) {
    std::int64_t best = INT64_MAX;
    std::function<void(std::size_t, int, std::vector<int>, std::int64_t)> from = [&](std::size_t l, int last,
                                                                                     std::vector<int> holds,
                                                                                     std::int64_t cost) {
        if (cost >= best)
            return;
        if (l == layers.size()) {
            best = cost;
            return;
        }
        std::vector<int> order = members(layers[l]);
        if (order.empty())
            return from(l + 1, last, holds, cost);
        do {
            if (!first.empty() && first[l] >= 0 && (layers[l] >> first[l] & 1) && order.front() != first[l])
                continue;
            std::int64_t so_far = cost;
            std::vector<int> held = holds;
            int now = last;
            for (const int f : order) {
                std::size_t n = 0;
                while (!(p.nozzles[n].group >> f & 1))
                    ++n;
                if (now >= 0 && now != f)
                    so_far += held[n] >= 0 && held[n] != f ? p.nozzles[n].costs.at(held[n], f) : p.come;
                held[n] = now = f;
            }
            from(l + 1, now, held, so_far);
        } while (std::next_permutation(order.begin(), order.end()));
    };
    from(0, -1, std::vector<int>(p.nozzles.size(), -1), 0);
    return best;
}

CostMatrix unit_costs(int n) {
    CostMatrix c(n);
    for (int i = 0; i < n; ++i)
        for (int j = 0; j < n; ++j)
            c.at(i, j) = i != j;
    return c;
}

/// Each layer of the sequence prints exactly its set, each member once.
bool fits(const Sequence& s, const std::vector<Set>& layers) {
    if (s.layers() != layers.size())
        return false;
    for (std::size_t l = 0; l < layers.size(); ++l) {
        Set seen = 0;
        for (const std::uint8_t i : s.layer(l)) {
            if (seen >> i & 1)
                return false;
            seen |= Set{1} << i;
        }
        if (seen != layers[l])
            return false;
    }
    return true;
}

} // namespace

class TestOrder : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void equals_brute_force();
    void fewest_changes_equals_brute_force();
    void never_worse_than_by_index();
    void domain_facts();
    void empty_and_single();
    void large_sets_are_bounded();
    void twelve_in_every_layer();
    void locked_equals_brute_force();
    void subsets_equal_order_layers();
    void nozzles_together_equal_brute_force();
    void nozzles_together_save_changes();
    void too_many_states_are_bounded();
};

void TestOrder::equals_brute_force() {
    std::mt19937 rng(20261125);
    for (int round = 0; round < 400; ++round) {
        const int n = 2 + static_cast<int>(rng() % 4), count = 1 + static_cast<int>(rng() % 4);
        std::vector<Set> layers;
        for (int l = 0; l < count; ++l)
            layers.push_back(rng() % (1u << n));
        const CostMatrix costs = random_costs(n, rng);
        const Ordered o = order_layers(layers, costs);
        QVERIFY(fits(o.sequence, layers));
        QCOMPARE(o.cost, brute_force(layers, costs));
        QCOMPARE(cost_of(o.sequence, costs), o.cost);
        QCOMPARE(o.bound, o.cost);
    }
}

void TestOrder::fewest_changes_equals_brute_force() {
    std::mt19937 rng(7);
    for (int round = 0; round < 400; ++round) {
        const int n = 1 + static_cast<int>(rng() % 5), count = 1 + static_cast<int>(rng() % 4);
        std::vector<Set> layers;
        for (int l = 0; l < count; ++l)
            layers.push_back(rng() % (1u << n));
        const Ordered o = fewest_changes(layers, n);
        QVERIFY(fits(o.sequence, layers));
        QCOMPARE(o.cost, brute_force(layers, unit_costs(n)));
        QCOMPARE(cost_of(o.sequence, unit_costs(n)), o.cost);
    }
}

void TestOrder::never_worse_than_by_index() {
    std::mt19937 rng(99);
    for (int round = 0; round < 50; ++round) {
        const int n = 2 + static_cast<int>(rng() % 7);
        std::vector<Set> layers;
        for (int l = 0; l < 60; ++l)
            layers.push_back(rng() % (1u << n));
        const CostMatrix costs = random_costs(n, rng);
        const Ordered o = order_layers(layers, costs);
        QVERIFY(o.cost <= cost_of(in_index_order(layers), costs));
        QCOMPARE(cost_of(o.sequence, costs), o.cost);
    }
}

void TestOrder::domain_facts() {
    // Common practice, no source: a layer with k filaments takes at least k − 1 changes, plus one more when
    // it cannot start with the filament that the layer before ended with.
    QCOMPARE(fewest_changes(std::vector<Set>{0b111, 0b111, 0b111}, 3).cost, 6);
    QCOMPARE(fewest_changes(std::vector<Set>{0b001, 0b110}, 3).cost, 2);
    QCOMPARE(fewest_changes(std::vector<Set>{0b011, 0b001, 0b011}, 2).cost, 2);
    QCOMPARE(cost_of(in_index_order(std::vector<Set>{0b011, 0b011, 0b011}), unit_costs(2)), 5);
}

void TestOrder::empty_and_single() {
    const CostMatrix costs = unit_costs(3);
    QCOMPARE(order_layers(std::vector<Set>{}, costs).cost, 0);
    QCOMPARE(order_layers(std::vector<Set>{0, 0}, costs).cost, 0);
    const Ordered one = order_layers(std::vector<Set>{0, 0b100, 0b100, 0}, costs);
    QCOMPARE(one.cost, 0);
    QCOMPARE(one.sequence.items.size(), std::size_t{2});
    QCOMPARE(order_layers(std::vector<Set>{0b001, 0, 0b010}, costs).cost, 1);
}

void TestOrder::large_sets_are_bounded() {
    std::mt19937 rng(5);
    const int n = 20;
    const CostMatrix costs = random_costs(n, rng);
    const std::vector<Set> layers{(1u << n) - 1, 0b11, (1u << n) - 1};
    const Ordered o = order_layers(layers, costs);
    QVERIFY(fits(o.sequence, layers));
    QCOMPARE(cost_of(o.sequence, costs), o.cost);
    QVERIFY(o.bound > 0 && o.bound <= o.cost);
}

void TestOrder::twelve_in_every_layer() {
    std::mt19937 rng(12);
    const CostMatrix costs = random_costs(12, rng);
    const std::vector<Set> layers(1000, (1u << 12) - 1);
    const Ordered o = order_layers(layers, costs);
    QVERIFY(fits(o.sequence, layers));
    QCOMPARE(cost_of(o.sequence, costs), o.cost);
    // A thousand layers cost a thousand cheapest ways through one, plus the ways between.
    const Ordered single = order_layers(std::vector<Set>{layers[0]}, costs);
    QVERIFY(o.cost >= 1000 * single.cost);
}

void TestOrder::locked_equals_brute_force() {
    std::mt19937 rng(77);
    for (int round = 0; round < 200; ++round) {
        const int n = 2 + static_cast<int>(rng() % 4), count = 1 + static_cast<int>(rng() % 4);
        std::vector<Set> layers;
        std::vector<std::int8_t> first;
        for (int l = 0; l < count; ++l) {
            layers.push_back(rng() % (1u << n));
            first.push_back(
                static_cast<std::int8_t>(static_cast<int>(rng() % static_cast<unsigned>(n + 1)) - 1));
        }
        const CostMatrix costs = random_costs(n, rng);
        const Ordered o = order_layers(layers, costs, first);
        QVERIFY(fits(o.sequence, layers));
        QCOMPARE(o.cost, brute_force(layers, costs, first));
        QCOMPARE(cost_of(o.sequence, costs), o.cost);
        QVERIFY(o.cost >= order_layers(layers, costs).cost); // a lock never helps
        for (std::size_t l = 0; l < layers.size(); ++l)
            if (first[l] >= 0 && (layers[l] >> first[l] & 1)) {
                QCOMPARE(int(o.sequence.layer(l).front()), int(first[l]));
                QCOMPARE(int(in_index_order(layers, first).layer(l).front()), int(first[l]));
            }
        QVERIFY(fits(in_index_order(layers, first), layers));
    }
}

void TestOrder::subsets_equal_order_layers() {
    std::mt19937 rng(14);
    for (int round = 0; round < 30; ++round) {
        const int n = 2 + static_cast<int>(rng() % 5);
        // Long runs of equal layers, where the cost is stepped over, and short ones.
        std::vector<Set> layers;
        for (int run = 0; run < 6; ++run)
            layers.insert(layers.end(), 1 + rng() % (run % 2 ? 60 : 3), rng() % (1u << n));
        const CostMatrix costs = random_costs(n, rng);
        const std::vector<double> all = costs_of_subsets(layers, costs);
        for (Set group = 0; group < (1u << n); ++group) {
            std::vector<Set> seen;
            for (const Set s : layers)
                seen.push_back(s & group);
            QCOMPARE(all[group], double(order_layers(seen, costs).cost));
        }
    }
}

void TestOrder::nozzles_together_equal_brute_force() {
    std::mt19937 rng(20261127);
    for (int round = 0; round < 300; ++round) {
        const int n = 2 + static_cast<int>(rng() % 3), count = 1 + static_cast<int>(rng() % 4),
                  nozzles = 1 + static_cast<int>(rng() % 3);
        std::vector<Set> layers;
        std::vector<std::int8_t> first;
        for (int l = 0; l < count; ++l) {
            layers.push_back(rng() % (1u << n));
            first.push_back(
                static_cast<std::int8_t>(static_cast<int>(rng() % static_cast<unsigned>(n + 1)) - 1));
        }
        if (round % 3)
            first.clear();
        NozzleOrder p;
        for (int i = 0; i < nozzles; ++i)
            p.nozzles.push_back({0, random_costs(n, rng)});
        for (int f = 0; f < n; ++f)
            p.nozzles[rng() % static_cast<unsigned>(nozzles)].group |= Set{1} << f;
        p.come = round % 5 ? static_cast<int>(rng() % 100) : 0;
        const Ordered o = order_on_nozzles(layers, p, first);
        QVERIFY(fits(o.sequence, layers));
        QCOMPARE(o.cost, brute_force(layers, p, first));
        QCOMPARE(cost_of(o.sequence, p), o.cost);
        QCOMPARE(o.bound, o.cost);
        for (std::size_t l = 0; l < first.size(); ++l)
            if (first[l] >= 0 && (layers[l] >> first[l] & 1))
                QCOMPARE(int(o.sequence.layer(l).front()), int(first[l]));
    }
    // Long runs, where equal states are stepped over: as if every layer were walked through.
    for (int round = 0; round < 20; ++round) {
        std::vector<Set> layers;
        for (int run = 0; run < 4; ++run)
            layers.insert(layers.end(), 1 + rng() % 30, 1 + rng() % 31);
        NozzleOrder p;
        for (const Set group : {Set{0b00101}, Set{0b11010}})
            p.nozzles.push_back({group, random_costs(5, rng)});
        p.come = static_cast<int>(rng() % 50);
        std::vector<Set> apart; // the same with the runs cut by empty layers and by locks that lock nothing
        std::vector<std::int8_t> locks;
        for (std::size_t l = 0; l < layers.size(); ++l) {
            apart.push_back(layers[l]);
            const int other = std::countr_one(layers[l]);
            locks.push_back(static_cast<std::int8_t>(l % 2 && other < 5 ? other : -1));
        }
        const Ordered o = order_on_nozzles(layers, p);
        QVERIFY(fits(o.sequence, layers));
        QCOMPARE(cost_of(o.sequence, p), o.cost);
        QCOMPARE(o.cost, order_on_nozzles(apart, p, locks).cost);
    }
}

void TestOrder::nozzles_together_save_changes() {
    // Nozzle 1 holds A, nozzle 2 serves B and C; layers A, AB, ABC, AB: ordered apart 5 changes, together 4,
    // and no more purge (domain facts, common practice, no source; every order tried above).
    const std::vector<Set> layers{0b001, 0b011, 0b111, 0b011};
    NozzleOrder p{{{0b001, unit_costs(3)}, {0b110, unit_costs(3)}}, 1};
    for (NozzleOrder::Nozzle& n : p.nozzles)
        for (std::int32_t& c : n.costs.cost)
            c *= 1000; // purge before changes
    for (NozzleOrder::Nozzle& n : p.nozzles)
        for (std::int32_t& c : n.costs.cost)
            c += c > 0;
    const Ordered o = order_on_nozzles(layers, p);
    CostMatrix one(3);
    std::fill(one.cost.begin(), one.cost.end(), 1);
    const auto changes = [&](const Sequence& s) {
        int count = 0;
        for (std::size_t i = 1; i < s.items.size(); ++i)
            count += s.items[i] != s.items[i - 1];
        return count;
    };
    QCOMPARE(changes(o.sequence), 4);
    QCOMPARE(o.cost, 2 * 1000 + 4); // B → C and back
}

void TestOrder::too_many_states_are_bounded() {
    std::mt19937 rng(5);
    NozzleOrder p;
    for (int n = 0; n < 6; ++n)
        p.nozzles.push_back({Set{0b11111} << 5 * n, random_costs(30, rng)});
    p.come = 6;
    std::vector<Set> layers;
    for (int l = 0; l < 40; ++l)
        layers.push_back(static_cast<Set>(rng() & rng()) & 0x3fffffff);
    const Ordered o = order_on_nozzles(layers, p);
    QVERIFY(fits(o.sequence, layers));
    QCOMPARE(cost_of(o.sequence, p), o.cost);
    QVERIFY(o.bound > 0 && o.bound <= o.cost);
    QVERIFY(double(o.cost) <= 1.1 * double(o.bound)); // and the bound means something
}

VITRAIL_TEST(TestOrder)
#include "test_order.moc"
