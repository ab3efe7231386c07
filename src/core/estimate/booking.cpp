#include "core/estimate/booking.h"

#include <algorithm>

namespace vitrail {

namespace {

/// What purge replaces in one layer.
struct Replaced {
    std::vector<double> model_mm3;   ///< [filament]
    std::vector<double> support_mm3; ///< [filament]
    double second_piece_mm3 = 0;
};

void add(Replaced& r, const std::vector<Flow>& flows, const Printed& printed, std::size_t layer) {
    const auto of = [&](const Flow& flow) -> const PiecePlan& {
        return printed.pieces[static_cast<std::size_t>(flow.piece)];
    };
    for (const Flow& flow : flows)
        switch (flow.where) {
        case Destination::infill:
            r.model_mm3[of(flow).owner[static_cast<std::size_t>(flow.part)][layer]] += flow.mm3;
            break;
        case Destination::piece:
            r.second_piece_mm3 += flow.mm3;
            break;
        case Destination::support:
            r.support_mm3[of(flow).support_by[layer]] += flow.mm3;
            break;
        default:
            break;
        }
}

} // namespace

Books book_layers(const Project& p, const Printed& printed, const Sequence& sequence,
                  std::span<const Switch> switches, const PurgePlan& purge) {
    const LayerGrid& grid = printed.grid;
    const double line_mm = p.settings.line_width_mm;
    Books books(static_cast<std::size_t>(grid.count));
    int loaded = -1;
    std::size_t next = 0;
    for (std::size_t l = 0; l < books.size(); ++l) {
        const int layer = static_cast<int>(l) + 1;
        const std::vector<double> none(static_cast<std::size_t>(printed.filaments), 0);
        Replaced replaced{none, none};
        for (; next < switches.size() && switches[next].layer == layer; ++next)
            add(replaced, purge.flows[next], printed, l);
        const auto order = sequence.layer(l);
        for (const std::uint8_t f : order) {
            Extruded e;
            e.filament = f;
            e.model_mm3 = printed.model_in(layer, f) - replaced.model_mm3[f];
            if (f == order.back()) // the second piece is finished in whatever is printed last
                e.model_mm3 += std::max(0.0, printed.free_mm3[l] - replaced.second_piece_mm3);
            e.support_mm3 = printed.support_in(layer, f) - replaced.support_mm3[f];
            e.interface_mm3 = printed.interface_in(layer, f);
            books[l].push_back(e);
        }
        if (loaded < 0 && !order.empty())
            loaded = order.front();
        Extruded carried;
        carried.tower_mm3 = layer <= purge.tower.layers ? purge.tower.fill_by_layer_mm3[l] : 0;
        carried.skirt_mm3 = layer <= purge.skirt.layers ? purge.skirt.fill_by_layer_mm3[l] : 0;
        carried.ooze_mm3 =
            layer <= purge.ooze.layers ? purge.ooze.length_mm * line_mm * grid.thickness_mm(layer) : 0;
        if (carried.carried_mm3() > 0 && order.empty() && loaded >= 0) {
            carried.filament = loaded;
            carried.carries_only = true;
            books[l].push_back(carried);
        } else if (!order.empty()) {
            Extruded& last = books[l].back();
            last.tower_mm3 = carried.tower_mm3;
            last.skirt_mm3 = carried.skirt_mm3;
            last.ooze_mm3 = carried.ooze_mm3;
        }
        if (!order.empty())
            loaded = order.back();
    }
    return books;
}

} // namespace vitrail
