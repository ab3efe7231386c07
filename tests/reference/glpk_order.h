// The whole ordering problem as a mixed-integer programme for GLPK: an independent statement of what
// core/changes/order.h solves.
#pragma once

#include "core/changes/order.h"

#include <glpk.h>

#include <bit>
#include <cmath>
#include <optional>
#include <vector>

namespace vitrail::test {

/// Positions t = 1 … T run through the layers. x(t, i): item i is printed at position t. y(t, i, j): i at t
/// and j at t + 1. Each layer prints each member once; the flow y ties neighbours together. Empty when GLPK
/// does not finish within `limit_s`.
inline std::optional<std::int64_t> glpk_order(const std::vector<Set>& layers, const CostMatrix& costs,
                                              double limit_s = 60) {
    struct Position {
        std::vector<int> items;
        std::vector<int> x; // columns
    };
    std::vector<Position> positions;
    std::vector<std::pair<std::size_t, std::size_t>> spans; // positions of each layer
    for (Set s : layers) {
        std::vector<int> items;
        for (Set r = s; r; r &= r - 1)
            items.push_back(std::countr_zero(r));
        spans.emplace_back(positions.size(), positions.size() + items.size());
        for (std::size_t k = 0; k < items.size(); ++k)
            positions.push_back({items, {}});
    }
    if (positions.empty())
        return 0;
    glp_prob* lp = glp_create_prob();
    glp_set_obj_dir(lp, GLP_MIN);
    std::vector<int> row{0}, column{0};
    std::vector<double> value{0};
    const auto add_row = [&](double rhs) {
        const int r = glp_add_rows(lp, 1);
        glp_set_row_bnds(lp, r, GLP_FX, rhs, rhs);
        return r;
    };
    const auto put = [&](int r, int c, double v) {
        row.push_back(r);
        column.push_back(c);
        value.push_back(v);
    };
    for (Position& p : positions) {
        const int one = add_row(1);
        for (std::size_t k = 0; k < p.items.size(); ++k) {
            p.x.push_back(glp_add_cols(lp, 1));
            glp_set_col_kind(lp, p.x.back(), GLP_BV);
            put(one, p.x.back(), 1);
        }
    }
    for (const auto& [begin, end] : spans)
        for (std::size_t k = 0; begin < end && k < positions[begin].items.size(); ++k) {
            const int once = add_row(1);
            for (std::size_t t = begin; t < end; ++t)
                put(once, positions[t].x[k], 1);
        }
    for (std::size_t t = 0; t + 1 < positions.size(); ++t) {
        const Position &a = positions[t], &b = positions[t + 1];
        std::vector<int> out, in;
        for (const int c : a.x)
            put(out.emplace_back(add_row(0)), c, -1);
        for (const int c : b.x)
            put(in.emplace_back(add_row(0)), c, -1);
        for (std::size_t i = 0; i < a.items.size(); ++i)
            for (std::size_t j = 0; j < b.items.size(); ++j) {
                const int y = glp_add_cols(lp, 1);
                glp_set_col_bnds(lp, y, GLP_LO, 0, 0);
                glp_set_obj_coef(lp, y, a.items[i] == b.items[j] ? 0 : costs.at(a.items[i], b.items[j]));
                put(out[i], y, 1);
                put(in[j], y, 1);
            }
    }
    glp_load_matrix(lp, static_cast<int>(row.size()) - 1, row.data(), column.data(), value.data());
    glp_iocp parameters;
    glp_init_iocp(&parameters);
    parameters.presolve = GLP_ON;
    parameters.msg_lev = GLP_MSG_OFF;
    parameters.tm_lim = static_cast<int>(limit_s * 1000);
    glp_term_out(GLP_OFF);
    std::optional<std::int64_t> best;
    if (glp_intopt(lp, &parameters) == 0 && glp_mip_status(lp) == GLP_OPT)
        best = std::llround(glp_mip_obj_val(lp));
    glp_delete_prob(lp);
    return best;
}

} // namespace vitrail::test
