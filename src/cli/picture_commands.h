// Commands about pictures: stack, relief, panel, look, wedge.
#pragma once

#include <functional>
#include <string>
#include <vector>

namespace CLI {
class App;
}

namespace vitrail {

struct StackOptions {
    std::vector<std::string> filaments;         ///< LETTER:MATERIAL:#RRGGBB[:TD]
    std::string layers;                         ///< "A4B2C1", from below
    double layer_mm = 0.08, first_layer_mm = 0; ///< 0: as the others
    std::string light = "front", backing, model = "two-flux";
    double lamp_k = 6500;
    bool diffuser = false, json = false;
};

/// What relief and panel have in common: the picture and what is done to it first.
struct PictureCall {
    std::string picture, out, machine = "hand-swap", ground = "#ffffff", ground_out = "keep",
                              frame_colour = "#ffffff", text, text_colour = "#000000", crop;
    double width_mm = 100, dot_mm = 0, layer_mm = 0, first_layer_mm = 0, brightness = 0, contrast = 1,
           gamma = 1, frame_mm = 0, corner_mm = 0, hole_mm = 0, text_mm = 5, lamp_k = 6500, seen_from_cm = 0;
    int turn = 0;
    bool mirror = false, json = false;
    std::vector<std::string> filaments, settings; ///< LETTER:MATERIAL:#RRGGBB[:TD]; KEY=VALUE
};
struct ReliefCall : PictureCall {
    std::string school = "nearest", shelf; ///< a shelf file, instead of filaments
    double most_mm = 2.4, search_s = 60;   ///< where no band is given and the stack is searched for
    int swaps = 3, evaluations = 20000, slots = 26;
    bool face_down = false;
    std::vector<std::string> bands, pins; ///< LETTER=FROM..TO, in layers
};
struct PanelCall : PictureCall {
    std::string size, white, films, order = "apart";
    int film_layers = 4, base_layers = 2, cover_least = 1, cover_most = 28;
    bool diffuser = false, no_spread = false, no_fit = false;
    double rim_mm = 0, slot_mm = 0;
};
struct LookCall {
    std::string project, png, as = "printed";
    bool json = false;
};

int run_stack(const StackOptions& o);
int run_relief(const ReliefCall& o);
int run_panel(const PanelCall& o);
struct WedgeCall {
    std::string photo, corners, white, grey, base_white = "#f2f2ea"; ///< X,Y,…
    std::string print, white_filament = "A:PLA:#f2f2ea", black_filament = "B:PLA:#1c1e24", folder,
                       machine = "hand-swap";
    int steps = 8;
    double layer_mm = 0.08;
    bool json = false;
};

int run_look(const LookCall& o);
int run_wedge(const WedgeCall& o);

/// Adds them to the command line; the one that is called becomes `run`.
void add_picture_commands(CLI::App& app, std::function<int()>& run);

} // namespace vitrail
