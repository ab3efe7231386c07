// How far materials span a gap by themselves.
#pragma once

#include "core/project/project.h"

namespace vitrail {

/// The span a material bridges cleanly, as a share of PLA's. From memory: ABS, ASA and co-polyester 0.8, PETG
/// and PC 0.7, PA 0.6, TPU 0.4, others 0.5. Cooling counts as much: the span itself is a setting.
double bridged_share(Material m);
/// The least of the materials that the parts, bands and patches are printed in; 1 where there are none.
double bridged_share(const Project& project, const Piece& piece);

} // namespace vitrail
