#include "core/changes/nozzles.h"
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

/// Every order of every layer, one after the other.
std::int64_t brute_force(const std::vector<Set>& layers, const CostMatrix& costs) {
    std::function<std::int64_t(std::size_t, int)> from = [&](std::size_t l, int last) -> std::int64_t {
        if (l == layers.size())
            return 0;
        std::vector<int> order = members(layers[l]);
        if (order.empty())
            return from(l + 1, last);
        std::int64_t best = INT64_MAX;
        do {
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
    void nozzles_equal_brute_force();
    void more_nozzles_never_cost_more();
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

void TestOrder::nozzles_equal_brute_force() {
    std::mt19937 rng(31);
    Machine m = *find_machine("twin");
    for (int extra = 0; extra < 2; ++extra) {
        for (int round = 0; round < 40; ++round) {
            const int n = 2 + static_cast<int>(rng() % 4), nozzles = static_cast<int>(m.nozzles.size());
            std::vector<Set> layers;
            for (int l = 0; l < 6; ++l)
                layers.push_back(rng() % (1u << n));
            const CostMatrix costs = random_costs(n, rng);
            const auto cost_with = [&](const std::vector<int>& nozzle) {
                std::int64_t sum = 0;
                for (int k = 0; k < nozzles; ++k) {
                    Set group = 0;
                    for (int f = 0; f < n; ++f)
                        if (nozzle[f] == k)
                            group |= Set{1} << f;
                    sum += order_layers(seen_by(layers, group), costs).cost;
                }
                return sum;
            };
            std::int64_t best = INT64_MAX;
            std::vector<int> nozzle(n, 0);
            for (;;) {
                best = std::min(best, cost_with(nozzle));
                int i = 0;
                while (i < n && ++nozzle[i] == nozzles)
                    nozzle[i++] = 0;
                if (i == n)
                    break;
            }
            const Loading l = load_nozzles(layers, costs, m);
            QVERIFY(l.proven);
            QCOMPARE(cost_with(l.nozzle), best);
        }
        m.nozzles.push_back({0.4, 1}); // and once more with three
    }
}

void TestOrder::more_nozzles_never_cost_more() {
    std::mt19937 rng(8);
    for (int round = 0; round < 10; ++round) {
        const int n = 12; // beyond the exact split
        std::vector<Set> layers;
        for (int l = 0; l < 12; ++l)
            layers.push_back(rng() % (1u << n) & rng());
        const CostMatrix costs = random_costs(n, rng);
        std::int64_t before = INT64_MAX;
        Machine m = *find_machine("feeder-4");
        for (int nozzles = 1; nozzles <= 3; ++nozzles) {
            const Loading l = load_nozzles(layers, costs, m);
            std::int64_t sum = 0;
            for (int k = 0; k < nozzles; ++k) {
                Set group = 0;
                for (int f = 0; f < n; ++f)
                    if (l.nozzle[f] == k)
                        group |= Set{1} << f;
                sum += order_layers(seen_by(layers, group), costs).cost;
            }
            QVERIFY(sum <= before);
            before = sum;
            m.nozzles.push_back({0.4, 0});
        }
    }
}

QTEST_APPLESS_MAIN(TestOrder)
#include "test_order.moc"
