// What the orders of a panel's films cost, made and planned.
#pragma once

#include "core/picture/make.h"
#include "core/plan/plan.h"

namespace vitrail {

struct FilmOrderCost {
    FilmOrder order = FilmOrder::apart;
    double mean_delta_e = 0, height_mm = 0;
    Totals totals;
};

/// The project's panel in each order, the rest of its settings alike: pure layers (one film in a layer,
/// filled up with white) against mixed ones. What cannot be made, or was not when it was stopped, is left
/// out.
std::vector<FilmOrderCost> compare_film_orders(const Project& project, const Raster& as_it_came,
                                               const Raster& text, const Progress& progress = {});

} // namespace vitrail
