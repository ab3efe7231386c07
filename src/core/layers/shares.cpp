#include "core/layers/shares.h"

#include "core/project/regions.h"

#include <algorithm>

namespace vitrail {

Shares share_out(const Project& p, const Piece& piece, const LayerGrid& grid, const Demand& demand) {
    Shares shares;
    const int copies = count_of(p, piece);
    const int n = shares.filaments = static_cast<int>(p.filaments.size()), count = grid.count;
    shares.model_mm3.assign(static_cast<std::size_t>(count) * n, 0);
    shares.free_mm3.assign(static_cast<std::size_t>(count), 0);
    const auto note = [&](int part, int band, int patch, double mm3, int filament) {
        shares.regions.push_back({part, band, patch, mm3, grams(p.filaments[filament], mm3)});
    };
    const std::vector<char> first_job = printed_first(p, piece);
    const bool two_jobs = std::find(first_job.begin(), first_job.end(), 1) != first_job.end();
    const std::size_t cover = two_jobs ? static_cast<std::size_t>(largest_part(piece)) : 0;
    for (std::size_t i = 0; i < piece.parts.size(); ++i) {
        const Part& printed_as = piece.parts[first_job[i] ? cover : i]; // lettering is printed over
        const int own = std::max(0, find_filament(p, printed_as.filament));
        std::vector<int> filament(count, own), band(count, -1);
        for (std::size_t b = 0; b < piece.bands.size(); ++b)
            if (piece.bands[b].part == printed_as.name)
                for (int l = first_layer_above(grid, piece.bands[b].z0_mm);
                     l < first_layer_above(grid, piece.bands[b].z1_mm); ++l) {
                    filament[l - 1] = std::max(0, find_filament(p, piece.bands[b].filament));
                    band[l - 1] = static_cast<int>(b);
                }
        shares.owner.emplace_back(filament.begin(), filament.end());
        if (piece.parts[i].takes_purge) {
            double all = 0;
            for (int l = 0; l < count; ++l) {
                double mm3 = demand.parts[i][l].total();
                for (const PatchDemand& patch : demand.patches[i])
                    mm3 += patch.mm3[l];
                shares.free_mm3[static_cast<std::size_t>(l)] += mm3 * copies;
                all += mm3 * copies;
            }
            note(static_cast<int>(i), -1, 0, all, own);
            continue;
        }
        double body = 0;
        std::vector<double> in_band(piece.bands.size(), 0);
        for (int l = 0; l < count; ++l) {
            const double mm3 = demand.parts[i][l].total() * copies;
            shares.model_mm3[static_cast<std::size_t>(l) * n + filament[l]] += mm3;
            (band[l] < 0 ? body : in_band[static_cast<std::size_t>(band[l])]) += mm3;
        }
        note(static_cast<int>(i), -1, 0, body, own);
        for (std::size_t b = 0; b < piece.bands.size(); ++b)
            if (piece.bands[b].part == piece.parts[i].name)
                note(static_cast<int>(i), static_cast<int>(b), 0, in_band[b],
                     std::max(0, find_filament(p, piece.bands[b].filament)));
        for (std::size_t k = 0; k < demand.patches[i].size(); ++k) {
            // A patch without a filament of its own is planned in what is behind it.
            const int painted = find_filament(p, piece.parts[i].patches[k].filament);
            double all = 0;
            for (int l = 0; l < count; ++l) {
                const double mm3 = demand.patches[i][k].mm3[l] * copies;
                shares.model_mm3[static_cast<std::size_t>(l) * n + (painted < 0 ? filament[l] : painted)] +=
                    mm3;
                all += mm3;
            }
            note(static_cast<int>(i), -1, static_cast<int>(k) + 1, all, painted < 0 ? own : painted);
        }
    }
    return shares;
}

} // namespace vitrail
