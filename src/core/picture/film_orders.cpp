#include "core/picture/film_orders.h"

#include "core/plan/planner.h"

namespace vitrail {

std::vector<FilmOrderCost> compare_film_orders(const Project& project, const Raster& as_it_came,
                                               const Raster& text, const Progress& progress) {
    std::vector<FilmOrderCost> out;
    for (const FilmOrder order : {FilmOrder::apart, FilmOrder::packed, FilmOrder::above}) {
        progress.at(static_cast<double>(order) / 3);
        Project p = project;
        p.picture->panel.order = order;
        const auto made = with_picture_made(std::move(p), as_it_came, text, {progress.stop, {}});
        if (!made)
            continue;
        const auto plan = Planner().plan(*made, {progress.stop, {}});
        if (!plan)
            continue;
        out.push_back({order, made->picture->figures.mean_delta_e, (*plan)->grid.top_mm((*plan)->grid.count),
                       (*plan)->totals});
    }
    return out;
}

} // namespace vitrail
