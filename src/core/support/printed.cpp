#include "core/support/printed.h"

#include <algorithm>

namespace vitrail {

VITRAIL_VALUE_MADE_HERE(Printed)

namespace {

void add_piece(const PiecePlan& piece, Printed& out) {
    const auto n = static_cast<std::size_t>(out.filaments);
    for (std::size_t i = 0; i < piece.model_mm3.size(); ++i)
        out.model_mm3[i] += piece.model_mm3[i];
    for (std::size_t l = 0; l < piece.free_mm3.size(); ++l)
        out.free_mm3[l] += piece.free_mm3[l];
    for (std::size_t l = 0; l < piece.support_mm3.size(); ++l) {
        out.support_mm3[l * n + piece.support_by[l]] += piece.support_mm3[l];
        out.interface_mm3[l * n + piece.interface_by[l]] += piece.interface_mm3[l];
    }
}

/// Gives what takes purge in that layer its own filament.
void settle(const Project& p, Printed& out, std::size_t layer) {
    double* row = &out.model_mm3[layer * static_cast<std::size_t>(out.filaments)];
    out.free_mm3[layer] = 0;
    for (std::size_t k = 0; k < out.pieces.size(); ++k) {
        const PiecePlan& piece = out.pieces[k];
        const std::vector<Part>& parts = p.pieces[k].parts;
        for (std::size_t i = 0; i < parts.size() && static_cast<int>(layer) < piece.layers(); ++i)
            if (parts[i].takes_purge) {
                double mm3 = piece.demand->parts[i][layer].total();
                for (const PatchDemand& patch : piece.demand->patches[i])
                    mm3 += patch.mm3[layer];
                row[piece.owner[i][layer]] += mm3 * count_of(p, p.pieces[k]);
            }
    }
}

} // namespace

int main_filament(const Printed& printed) {
    return main_filament(printed.filaments, printed.model_mm3);
}

int interface_layers(const Printed& printed) {
    int layers = 0;
    for (int l = 1; l <= printed.grid.count; ++l) {
        double mm3 = 0;
        for (int f = 0; f < printed.filaments; ++f)
            mm3 += printed.interface_in(l, f);
        layers += mm3 > 1e-6;
    }
    return layers;
}

Printed sum_up(const Project& p, std::vector<PiecePlan> pieces) {
    Printed out;
    out.filaments = static_cast<int>(p.filaments.size());
    for (const PiecePlan& piece : pieces)
        if (piece.layers() > out.grid.count)
            out.grid = piece.table->grid;
    const auto count = static_cast<std::size_t>(out.grid.count), cells = count * p.filaments.size();
    for (auto* mm3 : {&out.model_mm3, &out.support_mm3, &out.interface_mm3})
        mm3->assign(cells, 0);
    out.free_mm3.assign(count, 0);
    out.pieces = std::move(pieces);
    for (const PiecePlan& piece : out.pieces)
        add_piece(piece, out);
    for (std::size_t l = 0; l < count; ++l) {
        const auto row = out.model_mm3.begin() + static_cast<std::ptrdiff_t>(l * p.filaments.size());
        if (out.free_mm3[l] > 0 && std::none_of(row, row + out.filaments, [](double v) { return v > 1e-6; }))
            settle(p, out, l);
    }
    return out;
}

} // namespace vitrail
