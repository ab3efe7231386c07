// Edits of regions: painting patches, splitting and joining parts, turning the piece.
#pragma once

#include "core/geometry/cut.h"
#include "core/geometry/layers.h"
#include "core/project/project.h"

namespace vitrail {

/// A new patch of a part, painted nowhere yet; its number. 0 when the part has as many as there can be.
PatchNumber add_patch(Part& part, const std::string& name, char filament);
/// `patch`, `patch-2`, …: a name no patch of the part has.
std::string free_patch_name(const Part& part, const std::string& name);

/// Changes a copy of the part's paint, made first where there is none.
void repaint(Part& part, const std::function<void(const Mesh&, Paint&)>& change);
/// The same for what is painted about support; where nothing is left of it, it is none.
void repaint_support(Part& part, const std::function<void(const Mesh&, Paint&)>& change);
/// Takes patches that no longer cover any surface out, and renumbers the others.
void drop_empty_patches(Part& part);
/// Takes a patch away; its surface is not painted any more.
void remove_patch(Part& part, PatchNumber patch);
/// The patch, as a number, with that letter on a part, or a new one.
PatchNumber patch_with(Part& part, char filament, const std::string& name);

/// Cuts a part of several separate bodies into one part each; they keep filament, bands and paint. Returns
/// how many parts came of it (1: it was one body, nothing was done).
int split_part(Project& p, int piece, int part);
/// Makes one part of several: the first one's name and filament; where the others differ, they become bands
/// or, where painted, keep their patches. Surfaces in another filament than the first become patches.
void join_parts(Piece& piece, const std::vector<int>& parts);
/// Makes separate parts of a part's bands, cut along level planes, so that they stay what they are when the
/// piece turns.
void cut_out_bands(Project& p, int piece, int part);

/// A part made from another by taking some of its surface; it keeps filament, patches and paint.
Part derived_part(const Part& from, Derived derived, std::string name);
/// Moves every corner of a part, and what is painted on it. It no longer has the place its file gave it.
void move_points(Part& part, const std::function<Vec3(Vec3)>& to);
/// Moves one part against the others. It no longer has the place its file gave it.
void move_part(Part& part, double dx_mm, double dy_mm, double dz_mm);

/// Makes the base of a piece thicker by `delta_mm` (thinner below 0): everything above the bed is lifted,
/// bands with it. Returns by how many layers later changes move, and what is left over where that is no whole
/// number.
struct BaseShift {
    int layers = 0;
    double error_mm = 0;
};
BaseShift base_shift(const Settings& s, double delta_mm);
void thicken_base(Piece& piece, double delta_mm);

/// Lifts everything above a height over the bed by `lift_mm` > 0; what stands across it is stretched there,
/// bands and paint with it.
void lift_above(Piece& piece, double z_mm, double lift_mm);
/// From one layer to another, both included, the parts of a piece that are printed in one filament are
/// printed in another.
void change_layers(Piece& piece, const LayerGrid& grid, int from_layer, int to_layer, char filament,
                   char becomes);

/// Multiplies every length of a model file's parts by `factor` (> 0), bands and paint with them: the file was
/// written in another unit. Parts that keep their place in the file keep it.
void scale_model(Project& p, int model, double factor);

/// Turns a whole piece. Bands are cut out first: heights mean nothing in another pose.
void turn(Project& p, int piece, const Rotation& rotation);

/// Where lettering is printed as a job of its own: [part] whether it is printed then. Parts in another
/// filament than the largest one that begin on the bed, end within 1.5 mm and are small beside it; none where
/// settings.lettering_two_jobs is off. In the second job they are printed over in the filament of the largest
/// part.
std::vector<char> printed_first(const Project& project, const Piece& piece);
/// The part with the largest volume; −1: there is none.
int largest_part(const Piece& piece);

} // namespace vitrail
