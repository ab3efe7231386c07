// Measuring a filament's optics: a step wedge to print, and what its photograph says.
#pragma once

#include "core/base/result.h"
#include "core/picture/raster.h"
#include "core/project/project.h"

#include <array>
#include <optional>
#include <vector>

namespace vitrail {

/// The wedge: fields of 8 mm in four rows. The upper and the lower row are bare white, by which uneven light
/// is seen; the second row has 0, 1 … n and 0 layers of the filament over white, the third the same over
/// black.
struct WedgePlan {
    int steps = 8;          ///< n, 1 … 30
    double layer_mm = 0.08; ///< thickness of each step's layer
    static constexpr double kField_mm = 8;
    static constexpr int kRows = 4, kBaseLayers = 12;
    int columns() const { return steps + 2; }
    double width_mm() const { return kField_mm * columns(); }
    double height_mm() const { return kField_mm * kRows; }
};

/// To print it: white and black base and the steps, three bodies, first layer and layers as the settings have
/// them (the base levels out the first layer). The three filaments get the letters A (white), B (black) and
/// C. Error when the layers cannot be printed.
Result<Project> wedge_project(const WedgePlan& plan, Filament tested, Filament white, Filament black,
                              const Settings& settings, const Machine& machine);

struct PhotoPoint {
    double x = 0, y = 0; ///< in dots of the photo, from its upper left corner
};

/// What is marked in the photo.
struct WedgeMarks {
    /// of the wedge: upper left, upper right, lower right, lower left, as it is printed
    std::array<PhotoPoint, 4> corners;
    std::optional<PhotoPoint> white; ///< middle of a white patch beside it
    std::optional<PhotoPoint> grey;  ///< and of a grey one
    /// of white paper and of a grey card (common practice)
    double white_reflectance = 0.9, grey_reflectance = 0.18;
    Srgb base_white{0xf2, 0xf2, 0xea}; ///< colour of the white filament, where there is no patch
};

/// One field, as it was read: reflectance per channel, and what the fit makes of it.
struct WedgeField {
    int layers = 0;
    bool over_black = false;
    Channels read{}, fitted{};
    bool outlier = false; ///< a bubble, a reflection, a smear: left out of the fit
};

struct WedgeFit {
    Optics optics;
    Channels k_sd{}, s_sd{};   ///< standard uncertainties, 1/mm
    Channels white{}, black{}; ///< reflectance of the bare bases
    double gamma = 1;          ///< by which the photo's tones had to be bent for the grey patch to be right
    double unevenness = 0;     ///< brightest light on the wedge against the darkest, minus 1
    double rms = 0;            ///< of the fields that are fitted, reflectance
    std::vector<WedgeField> fields;
};

/// K and S per channel by least squares (Levenberg 1944, Q. Appl. Math. 2, 164–168; Marquardt 1963, J. SIAM
/// 11, 431–441) over all steps and both bases. The perspective is undone by the corners, each field is the
/// mean of its middle half without its extremes, the light on it is a quadratic in both directions through
/// all bare white fields, white balance and tone curve come from the patches. Error where corners make no
/// rectangle, fields lie outside the photo or are over-exposed, or the two bases look alike.
Result<WedgeFit> read_wedge(const Raster& photo, const WedgePlan& plan, const WedgeMarks& marks);

} // namespace vitrail
