#include "reference/glpk_loading.h"
#include "reference/glpk_order.h"

#include "support.h"

using namespace vitrail;
using namespace vitrail::test;

/// The optimal order against GLPK's, on random small cases and on a real piece.
class TestReferenceGlpk : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void random_cases();
    void a_real_piece();
    void filaments_on_nozzles();
};

void TestReferenceGlpk::random_cases() {
    std::mt19937 rng(42);
    for (int round = 0; round < 40; ++round) {
        const int n = 2 + static_cast<int>(rng() % 4), count = 2 + static_cast<int>(rng() % 4);
        CostMatrix costs(n);
        for (int i = 0; i < n; ++i)
            for (int j = 0; j < n; ++j)
                if (i != j)
                    costs.at(i, j) = 40 + static_cast<int>(rng() % 560);
        std::vector<Set> layers;
        for (int l = 0; l < count; ++l)
            layers.push_back(rng() % (1u << n));
        const auto theirs = glpk_order(layers, costs);
        QVERIFY(theirs);
        QCOMPARE(order_layers(layers, costs).cost, *theirs);
    }
}

void TestReferenceGlpk::a_real_piece() {
    Project p = row("ABC", 0.8);
    p.pieces[0].parts.push_back(part("cap", solids::box(0, 0, 0.8, 10, 10, 1.2), 'D'));
    const auto plan = plan_of(p);
    std::vector<Set> layers(plan->grid.count, 0);
    for (int l = 0; l < plan->grid.count; ++l)
        for (const std::uint8_t f : plan->sequence.layer(l))
            layers[l] |= Set{1} << f;
    const auto theirs = glpk_order(layers, plan->purge_table);
    QVERIFY(theirs);
    COMPARE_NEAR(plan->totals.purge_mm3, double(*theirs), 1e-9);
    COMPARE_NEAR(plan->bound.purge_mm3, double(*theirs), 1e-9);
    // Fewest changes as well, with every change at 1.
    CostMatrix unit(plan->filaments);
    std::fill(unit.cost.begin(), unit.cost.end(), 1);
    QCOMPARE(plan->bound.changes, static_cast<int>(*glpk_order(layers, unit)));
}

void TestReferenceGlpk::filaments_on_nozzles() {
    std::mt19937 rng(6);
    for (int round = 0; round < 20; ++round) {
        LoadingProblem p;
        const int n = 3 + static_cast<int>(rng() % 5);
        for (int l = 0; l < 12; ++l)
            p.layers.push_back(rng() % (1u << n));
        CostMatrix costs(n);
        for (int i = 0; i < n; ++i)
            for (int j = 0; j < n; ++j)
                if (i != j)
                    costs.at(i, j) = 40 + static_cast<int>(rng() % 560);
        p.costs = {costs};
        p.heads.resize(1);
        p.nozzles.resize(2 + rng() % 3);
        const auto theirs = glpk_loading(p);
        QVERIFY(theirs);
        COMPARE_NEAR(load_nozzles(p).cost, *theirs, 1e-6);
    }
}

VITRAIL_TEST(TestReferenceGlpk)
#include "test_reference_glpk.moc"
