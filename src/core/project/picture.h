// A picture that is printed: the file as it came, how it is prepared, and the filaments it is made of.
#pragma once

#include "core/base/value.h"
#include "core/colour/stack.h"

#include <cstdint>
#include <memory>
#include <optional>
#include <string>
#include <utility>
#include <vector>

namespace vitrail {

/// A number for each dot, row by row from the top left.
struct DotMap {
    int width = 0, height = 0;
    std::vector<std::uint16_t> dots;

    std::uint16_t at(int x, int y) const {
        return dots[static_cast<std::size_t>(y) * static_cast<std::size_t>(width) +
                    static_cast<std::size_t>(x)];
    }
    bool operator==(const DotMap&) const = default;
};

/// Points of a rising curve, both 0 … 1 and increasing; straight between them. Empty: a straight line from 0,
/// 0 to 1, 1.
using RisingCurve = std::vector<std::pair<double, double>>;

enum class PictureUse {
    relief, ///< in whole layers, seen from the front
    panel   ///< films and white, seen against light
};

/// What lies around the subject, found from the edges inwards by its colour.
enum class GroundOut {
    keep,   ///< it is printed like the rest
    lowest, ///< nothing but the base is printed there
    cut     ///< nothing is printed there
};

/// What is done to the picture before anything is made of it, in this order.
struct Preparation {
    double left = 0, top = 0, right = 1, bottom = 1; ///< what is kept, as shares of the picture as it came
    int turn = 0;                                    ///< quarter turns, clockwise, 0 … 3
    bool mirror = false;                             ///< left and right exchanged
    double brightness = 0;                           ///< −1 … 1, added to each channel as shown
    double contrast = 1;                             ///< 0 … 4, about mid grey
    double gamma = 1;                                ///< 0.2 … 5, above 1: middle tones lighter
    RisingCurve tones;                               ///< each channel as shown, along it
    GroundOut ground_out = GroundOut::keep;
    double ground_delta_e = 12; ///< how far from the colour of the corner still is ground
    Srgb ground{255, 255, 255}; ///< under what is transparent
    double frame_mm = 0;        ///< a border within the picture; 0: none
    Srgb frame{255, 255, 255};
    double corner_mm = 0; ///< radius of rounded corners
    double hole_mm = 0;   ///< hole to hang it by, in the middle of the upper edge; 0: none
    std::string text;     ///< a line along the lower edge, in the frame where there is one
    double text_mm = 5;   ///< its height
    Srgb text_colour{0, 0, 0};
    bool operator==(const Preparation&) const = default;
};

enum class ReliefSchool {
    luminance, ///< brighter is taller
    nearest    ///< as tall as the stack whose colour is nearest
};

/// A filament in whole layers, from … to, counted from 1.
struct ReliefBand {
    char filament = 'A';
    int from_layer = 1, to_layer = 1;
    bool operator==(const ReliefBand&) const = default;
};

enum class FilmOrder {
    apart,  ///< each film in layers of its own, filled up with white: two filaments in a layer at most
    packed, ///< directly on each other, white on top: thinner and brighter, more filaments in a layer
    above   ///< packed, above the white
};

/// Films of colour and white.
struct PanelFilms {
    char white = 0;    ///< letter
    std::string films; ///< letters, from below
    FilmOrder order = FilmOrder::apart;
    int film_layers = 4;                  ///< of each film at most
    int base_layers = 2;                  ///< of white, below everything
    int cover_least = 1, cover_most = 28; ///< layers of white that vary from dot to dot
    bool spread = true;    ///< what a dot is off by goes to its neighbours (Floyd & Steinberg 1976)
    bool fit_range = true; ///< black becomes the darkest that there is, and all tones between move with it
    double rim_mm = 0;     ///< a rim of white as tall as everything, outside the picture
    double slot_mm = 0;    ///< width of two slots in the rim's lower edge, for a stand; 0: none
    bool operator==(const PanelFilms&) const = default;
};

/// So many layers of a filament.
struct FilamentRun {
    char filament = 'A';
    int layers = 1;
    bool operator==(const FilamentRun&) const = default;
};

/// How near it comes, worked out when it was made.
struct PictureFigures {
    double mean_delta_e = 0, p95_delta_e = 0; ///< CIEDE2000 to the prepared picture
    double lost = 0;                          ///< share of the dots too fine to come out
    double collides = 0; ///< relief by lightness: share of the dots where it puts two colours on one height
    double outside = 0;  ///< panel: share of the dots that no stack comes near
    bool operator==(const PictureFigures&) const = default;
};

struct Picture {
    std::string name;                         ///< of its file
    std::shared_ptr<const std::string> bytes; ///< the file as it came
    PictureUse use = PictureUse::relief;
    Preparation prepare;
    double width_mm = 100, dot_mm = 0.2;
    Lighting lighting; ///< it is made for
    ReliefSchool school = ReliefSchool::nearest;
    double seen_from_cm = 0; ///< how far it is looked at from, for differences and the search; 0: dot by dot
    RisingCurve heights;     ///< from lightness to height, where brighter is taller
    std::vector<ReliefBand> bands; ///< from below, one on the other; the first is the base, and everywhere
    bool face_down = false;        ///< the face lies on the bed: seen from below, and mirrored
    PanelFilms panel;

    // What was made of it.
    std::string piece;                 ///< name of the piece it became; empty: none yet
    double first_mm = 0, layer_mm = 0; ///< layers it was made for
    std::string made_with;             ///< filaments it was made for, as tints_text() has them
    /// relief: how many layers; panel: which of the stacks, from 1. 0: nothing is there
    std::shared_ptr<const DotMap> dots;
    std::vector<std::vector<FilamentRun>> stacks; ///< panel: from below
    PictureFigures figures;

    VITRAIL_VALUE(Picture)
};

} // namespace vitrail
