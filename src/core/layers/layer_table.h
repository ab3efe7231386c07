// A piece cut into layers: what is where, before anybody says in which filament.
#pragma once

#include "core/geometry/rows.h"
#include "core/geometry/slice.h"
#include "core/project/project.h"

#include <memory>
#include <vector>

namespace vitrail {

/// Two parts that claim the same space; the later one in the list got it.
struct Overlap {
    int first_part = 0, second_part = 0;
    double mm3 = 0;
    int from_layer = 0, to_layer = 0;
    double widest_mm = 0;      ///< mean width of the overlap in the layer where it is widest
    double x_mm = 0, y_mm = 0; ///< middle of the overlap in from_layer
};

/// Two parts that touch, sideways or one upon the other.
struct Contact {
    int first_part = 0, second_part = 0;
    int from_layer = 0, to_layer = 0; ///< first and last layer in which they do
};

/// A part with the outline of a hole in another, but beside it.
struct Misfit {
    int part = 0, hole_in = 0;
    int layer = 0;
    double dx_mm = 0, dy_mm = 0;            ///< from the part to the hole
    double x_mm = 0, y_mm = 0, size_mm = 0; ///< middle and extent of the part's outline
};

/// Two neighbours that do not meet, or meet without a groove between them.
struct Gap {
    int first_part = 0, second_part = 0; ///< upwards: the lower and the upper one
    bool upwards = false;
    double narrow_mm = 0, wide_mm = 0; ///< 0: they touch
    int from_layer = 0, to_layer = 0;
    bool touch_elsewhere = false; ///< then it is a groove
    bool full_depth = false;      ///< sideways: it parts them in all layers that both have
    double x_mm = 0, y_mm = 0, size_mm = 0;
};

struct PartLayers {
    std::vector<Paths> layers; ///< [layer − 1], µm, without what later parts took
    SliceCheck check;
};

/// Knows parts, not filaments: recolouring leaves it as it is.
struct LayerTable {
    LayerGrid grid;
    double bed_z_mm = 0; ///< height of the bed in mesh coordinates: the lowest point of the piece
    Bounds bounds;       ///< of the piece, in mesh coordinates
    std::vector<PartLayers> parts;
    /// Convex hull of all layers as seen from above, mm, counter-clockwise.
    std::vector<std::pair<double, double>> shadow;
    std::vector<Paths> united; ///< [layer − 1] of all parts together; empty where there is one part
    std::vector<Rows> rows; ///< [layer − 1] the same, one part or several, for what takes many set operations
                            ///< a layer; of one pitch
    Paths foot; ///< outline of the whole piece in the first layer
    std::vector<Overlap> overlaps;
    std::vector<Contact> contacts;
    std::vector<Misfit> misfits;
    std::vector<Gap> gaps;
};

/// Slices every part of a piece and settles who owns what. Of the settings it takes the layers' heights.
/// Outlines of very many points are without those that a straight line passes by kLean_mm. Long: takes
/// Progress.
Result<std::shared_ptr<const LayerTable>> make_layer_table(const Piece& piece, const Settings& settings,
                                                           const Progress& progress = {});

/// Neighbours that each leave out such points stay together to within the rounding that is forgiven them,
/// 0.005 mm.
inline constexpr double kLean_mm = 0.002;

/// Of the table's rows, µm.
int pitch_of(const LayerTable& t);

/// Outlines of the whole piece in a layer (1…count).
const Paths& whole_layer(const LayerTable& t, int layer);

} // namespace vitrail
