// From a picture to the piece that prints it.
#pragma once

#include "core/base/progress.h"
#include "core/picture/prepare.h"
#include "core/picture/relief.h"
#include "core/project/project.h"

namespace vitrail {

/// More layers than that make no sense of a picture. From memory.
inline constexpr int kMostPictureLayers = 250;
inline constexpr double kMostPictureDots = 25e6;

/// Layers that suit the nozzle: a relief 0.2 of its diameter, the first twice that (0.08 and 0.16 at 0.4 mm);
/// a panel 0.08 and 0.15. Common practice, no source.
struct PictureLayers {
    double first_mm = 0.16, layer_mm = 0.08;
};
PictureLayers usual_layers(PictureUse use, const Machine& machine);
/// Error, in words, where no nozzle of the machine can print them: thicker than 0.8 of its diameter (common
/// practice, no source), or thinner than 0.04 mm, which careful people still print.
Status printable_layers(double first_mm, double layer_mm, const Machine& machine);

/// What pictures are printed with: 100 % infill (else the blend is wrong), one wall, no support, no tower.
/// Common practice, no source.
void settings_for_pictures(Settings& settings);
/// The lightest filament as white, the others as films in their order.
PanelFilms usual_films(const std::vector<Filament>& filaments);
/// Keeps as much of the middle as has that ratio of width to height, once turned.
void crop_to(Preparation& prepare, int width, int height, double ratio);

/// What is settled before a dot is looked at: bands follow each other, films and white are there, the size
/// makes sense.
Status can_be_made(const Project& p, const Raster& as_it_came);

/// Whether taller is darker: face down, with something bright behind it. `colours`: [layers − 1].
bool taller_is_darker(const Picture& picture, const std::vector<Srgb>& colours);

/// How tall each dot of a relief is, before what is too fine is merged; and merged, without which no line
/// could print it.
DotMap wanted_heights(const Picture& picture, const Prepared& prepared, const std::vector<Srgb>& colours);
Merged relief_heights(const Picture& picture, const DotMap& wanted, double line_width_mm);

/// Works out every dot of the project's picture for its filaments and layers, how near it comes, and makes
/// the piece. `text` as prepared() takes it. A project that had no such piece gets one, and the settings
/// pictures are printed with. Error when it cannot be made, or was stopped.
Result<Project> with_picture_made(Project project, const Raster& as_it_came, const Raster& text = {},
                                  const Progress& progress = {});

/// A body of the picture's piece, with its layers.
struct PictureBody {
    std::string name;
    char filament = 0;
    std::shared_ptr<const Mesh> mesh;
    std::shared_ptr<const MadeLayers> made;
};
/// The bodies that the picture's dots make: a relief is one, to be coloured in bands; a panel has one for the
/// white below, one for each film and one for the white above. The same dots give the same bodies.
std::vector<PictureBody> picture_bodies(const Picture& picture, const std::vector<Filament>& filaments);

/// Makes the picture's piece of its dots and bands as they are.
void fill_piece(Project& p);

/// A relief cut at its borders: one body for each band, named by its place and filament.
std::vector<PictureBody> picture_band_bodies(const Picture& picture);

/// The dots as they lie on the bed, seen from above: face down they are mirrored.
DotMap as_printed(const Picture& picture);

/// So many layers of the relief, the bands' borders moved by it: the base grows, the look stays. `by` may be
/// negative as far as the base allows.
void lift(Picture& picture, int by);
/// Moves the border above a band by whole layers, as far as both neighbours keep one layer and the base what
/// it needs. Returns by how much.
int move_border(Picture& picture, std::size_t band, int by);

} // namespace vitrail
