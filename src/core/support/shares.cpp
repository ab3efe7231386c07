#include "core/support/shares.h"

#include <algorithm>

namespace vitrail {

int main_filament(int filaments, std::span<const double> model_mm3) {
    const auto n = static_cast<std::size_t>(filaments);
    std::vector<double> mm3(n, 0);
    for (std::size_t i = 0; i < model_mm3.size(); ++i)
        mm3[i % n] += model_mm3[i];
    return static_cast<int>(std::max_element(mm3.begin(), mm3.end()) - mm3.begin());
}

SupportShares share_out_support(const Project& p, const Piece& piece, const LayerGrid& grid,
                                const SupportPlan* support, const Shares& shares) {
    SupportShares out;
    if (!support)
        return out;
    const Settings& set = p.settings;
    const int copies = count_of(p, piece);
    const auto n = static_cast<std::size_t>(shares.filaments);
    const auto most = static_cast<std::size_t>(main_filament(shares));
    const int support_filament = find_filament(p, p.support_filament),
              interface_filament = find_filament(p, p.interface_filament);
    std::size_t own = most;
    for (std::size_t l = 0; l < support->body.size(); ++l) {
        std::size_t here = n;
        for (std::size_t f = 0; f < n; ++f)
            if (shares.model_mm3[l * n + f] > 1e-6 && p.filaments[f].material == p.filaments[most].material &&
                (here == n || shares.model_mm3[l * n + f] > shares.model_mm3[l * n + here]))
                here = f;
        own = here < n ? here : own;
        out.support_by.push_back(static_cast<std::uint8_t>(
            support_filament >= 0 ? static_cast<std::size_t>(support_filament) : own));
        out.interface_by.push_back(static_cast<std::uint8_t>(
            interface_filament >= 0 ? static_cast<std::size_t>(interface_filament) : out.support_by.back()));
        const double h = grid.thickness_mm(static_cast<int>(l) + 1);
        out.support_mm3.push_back(
            sparse_mm3(support->body[l], h, set.line_width_mm, set.support_density_pct) * copies);
        out.interface_mm3.push_back(
            sparse_mm3(support->interface[l], h, set.line_width_mm, set.interface_density_pct) * copies);
    }
    return out;
}

} // namespace vitrail
