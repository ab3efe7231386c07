// Layers as rows: for what takes many set operations a layer.
#pragma once

#include "core/base/progress.h"
#include "core/base/result.h"
#include "core/geometry/rows.h"
#include "core/layers/layer_table.h"

namespace vitrail {

/// One for all layers of the piece.
int pitch_of(const LayerTable& table);

/// The layers of the whole piece as rows of one pitch, [layer − 1]. Errors: none but being stopped.
Result<std::vector<Rows>> piece_rows(const LayerTable& table, const Progress& progress = {});

} // namespace vitrail
