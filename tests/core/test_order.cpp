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
std::int64_t brute_force(const std::vector<Set>& layers, const CostMatrix& costs, const std::vector<std::int8_t>& first = {}) {
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

CostMatrix random_costs(int n, std::mt19937& rng) {
    CostMatrix c(n);
    for (int i = 0; i < n; ++i)
        for (int j = 0; j < n; ++j)
            if (i != j)
                c.at(i, j) = 10 + static_cast<int>(rng() % 600);
    return c;
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
    // Common practice, no source: a layer with k filaments takes at least k − 1 changes, plus one more when it
    // cannot start with the filament that the layer before ended with.
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
            first.push_back(static_cast<std::int8_t>(static_cast<int>(rng() % static_cast<unsigned>(n + 1)) - 1));
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

VITRAIL_TEST(TestOrder)
#include "test_order.moc"
