#include "core/layers/layer_rows.h"

#include <tbb/parallel_for.h>

#include <cmath>

namespace vitrail {

int pitch_of(const LayerTable& table) {
    const auto units = [](float mm) { return std::llround(mm * kUnitsPerMm); };
    const Bounds& b = table.bounds;
    return pitch_for({units(b.min.x), units(b.min.y), units(b.max.x), units(b.max.y)});
}

Result<std::vector<Rows>> piece_rows(const LayerTable& table, const Progress& progress) {
    const int pitch = pitch_of(table);
    std::vector<Rows> out(static_cast<std::size_t>(table.grid.count));
    std::vector<char> again(out.size(), 0); // the same outline as below
    tbb::parallel_for(1, table.grid.count + 1, [&](int l) {
        const bool repeats = l > 1 && whole_layer(table, l) == whole_layer(table, l - 1);
        if (!progress.stopped() && !repeats)
            out[static_cast<std::size_t>(l) - 1] = rows_of(whole_layer(table, l), pitch);
        again[static_cast<std::size_t>(l) - 1] = repeats;
    });
    for (std::size_t l = 1; l < out.size(); ++l)
        if (again[l])
            out[l] = out[l - 1];
    if (progress.stopped())
        return Error{say("Stopped before the layers were in rows.")};
    return out;
}

} // namespace vitrail
