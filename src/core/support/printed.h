// What there is to print: each piece with what its stages found out, and the sums that a machine sees.
#pragma once

#include "core/base/value.h"
#include "core/layers/detail.h"
#include "core/support/access.h"
#include "core/support/shares.h"

#include <algorithm>

namespace vitrail {

/// The stages of one piece, collected. Layers count from the bed of the piece, which is that of the plate.
struct PiecePlan : Shares, SupportShares {
    std::shared_ptr<const LayerTable> table;
    std::shared_ptr<const Demand> demand;
    /// what needs holding, support or not; null where nobody looked
    std::shared_ptr<const SupportPlan> underside;
    std::shared_ptr<const SupportPlan> support; ///< the same, where support is wanted; else null
    std::shared_ptr<const AccessMap> access; ///< null without support, and where nobody looked for findings
    std::vector<FaceAccess> face_access;     ///< [face of the support's layout]; empty without access
    std::shared_ptr<const Detail> detail;    ///< null where nothing was looked for

    int layers() const { return table->grid.count; }
};

/// All pieces of the plate, [as in Project::pieces], and what its layers take of each filament together.
struct Printed {
    std::vector<PiecePlan> pieces;
    int filaments = 0;
    LayerGrid grid;                                            ///< of the tallest piece
    std::vector<double> model_mm3, support_mm3, interface_mm3; ///< [(layer − 1)·filaments + filament]
    /// [layer − 1]: parts that are printed from purge, and else in whatever is loaded
    std::vector<double> free_mm3;

    bool held() const {
        return std::any_of(pieces.begin(), pieces.end(),
                           [](const PiecePlan& piece) { return piece.support != nullptr; });
    }
    /// Contact of one of each piece, mm².
    double contact_mm2() const {
        double sum = 0;
        for (const PiecePlan& piece : pieces)
            sum += piece.support ? piece.support->layout->contact_mm2 : 0;
        return sum;
    }
    double model_in(int layer, int filament) const { return model_mm3[at(layer, filament)]; }
    double support_in(int layer, int filament) const { return support_mm3[at(layer, filament)]; }
    double interface_in(int layer, int filament) const { return interface_mm3[at(layer, filament)]; }
    /// Pieces, support and interface, mm³.
    double printed_in(int layer, int filament) const {
        return model_in(layer, filament) + support_in(layer, filament) + interface_in(layer, filament);
    }

    VITRAIL_VALUE(Printed)

private:
    std::size_t at(int layer, int filament) const {
        return static_cast<std::size_t>(layer - 1) * static_cast<std::size_t>(filaments) +
               static_cast<std::size_t>(filament);
    }
};

/// The filament that prints most of all pieces.
int main_filament(const Printed& printed);
/// Layers in which some piece has interface.
int interface_layers(const Printed& printed);

/// Sums the pieces onto the plate. Where nothing else of any piece is printed in a layer, a part that takes
/// purge is printed in its own filament.
Printed sum_up(const Project& project, std::vector<PiecePlan> pieces);

} // namespace vitrail
