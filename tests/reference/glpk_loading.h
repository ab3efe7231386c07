// Which filament on which nozzle as a mixed-integer programme for GLPK: an independent statement of what
// core/changes/nozzles.h solves.
#pragma once

#include "core/changes/nozzles.h"

#include <glpk.h>

#include <optional>

namespace vitrail::test {

/// Set partitioning: x(i, G) says that nozzle i takes the group G; every filament is in one group, every
/// nozzle takes one group at most (none: the empty one). Groups' costs are the problem's own; refills of
/// feeders are not stated, so the problem must have none. Empty when GLPK does not finish within `limit_s`.
inline std::optional<double> glpk_loading(const LoadingProblem& p, double limit_s = 60) {
    const int n = p.filaments(), nozzles = static_cast<int>(p.nozzles.size());
    glp_prob* lp = glp_create_prob();
    glp_set_obj_dir(lp, GLP_MIN);
    glp_add_rows(lp, n + nozzles);
    for (int f = 1; f <= n; ++f)
        glp_set_row_bnds(lp, f, GLP_FX, 1, 1);
    for (int i = 1; i <= nozzles; ++i)
        glp_set_row_bnds(lp, n + i, GLP_UP, 0, 1);
    std::vector<std::vector<double>> order;
    for (const CostMatrix& c : p.costs)
        order.push_back(costs_of_subsets(p.layers, c));
    for (int i = 0; i < nozzles; ++i)
        for (Set g = 1; g < (Set{1} << n); ++g) {
            const int column = glp_add_cols(lp, 1);
            glp_set_col_kind(lp, column, GLP_BV);
            glp_set_obj_coef(
                lp, column,
                order[static_cast<std::size_t>(p.nozzles[static_cast<std::size_t>(i)].costs)][g] * p.scale);
            std::vector<int> row{0};
            std::vector<double> value{0};
            for (int f = 0; f < n; ++f)
                if (g >> f & 1) {
                    row.push_back(f + 1);
                    value.push_back(1);
                }
            row.push_back(n + i + 1);
            value.push_back(1);
            glp_set_mat_col(lp, column, static_cast<int>(row.size()) - 1, row.data(), value.data());
        }
    glp_iocp parameters;
    glp_init_iocp(&parameters);
    parameters.presolve = GLP_ON;
    parameters.msg_lev = GLP_MSG_OFF;
    parameters.tm_lim = static_cast<int>(limit_s * 1000);
    glp_term_out(GLP_OFF);
    std::optional<double> best;
    if (glp_intopt(lp, &parameters) == 0 && glp_mip_status(lp) == GLP_OPT)
        best = glp_mip_obj_val(lp);
    glp_delete_prob(lp);
    return best;
}

} // namespace vitrail::test
