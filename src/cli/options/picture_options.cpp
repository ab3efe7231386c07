#include "cli/picture_commands.h"

#include "core/colour/lamp.h"

#include <CLI/CLI.hpp>

#include <memory>

namespace vitrail {

namespace {

void add_stack(CLI::App& app, std::function<int()>& run) {
    const auto o = std::make_shared<StackOptions>();
    CLI::App* c = app.add_subcommand("stack", "What a stack of layers looks like");
    c->add_option("--filament", o->filaments, "LETTER:MATERIAL:#RRGGBB[:TD_MM]")
        ->required()
        ->expected(1)
        ->take_all();
    c->add_option("--layers", o->layers, "From below: A4B2C1 is four layers of A, two of B, one of C")
        ->required();
    c->add_option("--layer", o->layer_mm, "Layer height, mm")
        ->check(CLI::Range(0.01, 5.0))
        ->capture_default_str();
    c->add_option("--first-layer", o->first_layer_mm, "Height of the first layer, mm; else as the others")
        ->check(CLI::Range(0.01, 5.0));
    c->add_option("--light", o->light, "Where the light comes from")
        ->check(CLI::IsMember({"front", "behind"}))
        ->capture_default_str();
    c->add_option("--lamp", o->lamp_k, "Colour temperature of the light, K")
        ->check(CLI::Range(kWarmestLamp, kColdestLamp))
        ->capture_default_str();
    c->add_flag("--diffuser", o->diffuser, "An opal sheet between lamp and print");
    c->add_option("--backing", o->backing,
                  "#RRGGBB of what it lies on; else nothing, and light that gets through is lost");
    c->add_option("--model", o->model, "Two-flux theory, or simple blending")
        ->check(CLI::IsMember({"two-flux", "blend"}))
        ->capture_default_str();
    c->add_flag("--json", o->json, "Print JSON");
    c->callback([o, &run] { run = [o] { return run_stack(*o); }; });
}

/// The picture, and what is done to it first.
void add_common(CLI::App* c, PictureCall& o) {
    c->add_option("picture", o.picture, "PNG, JPEG, WebP, TIFF or SVG")->required();
    c->add_option("out", o.out, "The project to write, *.vitrail")->required();
    c->add_option("--filament", o.filaments, "LETTER:MATERIAL:#RRGGBB[:TD_MM]")->expected(1)->take_all();
    c->add_option("--crop", o.crop, "X,Y,W,H in dots of the picture: what is kept");
    c->add_option("--turn", o.turn, "Quarter turns, clockwise")->check(CLI::Range(0, 3));
    c->add_flag("--mirror", o.mirror, "Left and right exchanged");
    c->add_option("--brightness", o.brightness, "Added to each channel")->check(CLI::Range(-1.0, 1.0));
    c->add_option("--contrast", o.contrast, "About mid grey")
        ->check(CLI::Range(0.0, 4.0))
        ->capture_default_str();
    c->add_option("--gamma", o.gamma, "Above 1: middle tones lighter")
        ->check(CLI::Range(0.2, 5.0))
        ->capture_default_str();
    c->add_option("--ground", o.ground, "#RRGGBB below what is transparent")->capture_default_str();
    c->add_option("--ground-out", o.ground_out,
                  "What is around the subject, by the colour of the upper left corner: printed, as low as "
                  "can be, or not at all")
        ->check(CLI::IsMember({"keep", "lowest", "cut"}))
        ->capture_default_str();
    c->add_option("--frame", o.frame_mm, "mm; a border within the picture")->check(CLI::Range(0.0, 500.0));
    c->add_option("--frame-colour", o.frame_colour, "#RRGGBB")->capture_default_str();
    c->add_option("--corners", o.corner_mm, "mm; rounded with this radius")->check(CLI::Range(0.0, 500.0));
    c->add_option("--hole", o.hole_mm, "mm; a hole to hang it by")->check(CLI::Range(0.0, 100.0));
    c->add_option("--text", o.text, "A line along the lower edge");
    c->add_option("--text-height", o.text_mm, "mm")->check(CLI::Range(1.0, 200.0))->capture_default_str();
    c->add_option("--text-colour", o.text_colour, "#RRGGBB")->capture_default_str();
    c->add_option("--width", o.width_mm, "mm")->check(CLI::Range(1.0, 1000.0))->capture_default_str();
    c->add_option("--dot", o.dot_mm, "mm; else half a line for a relief, a line for a panel")
        ->check(CLI::Range(0.02, 10.0));
    c->add_option("--layer", o.layer_mm, "Layer height, mm; else what suits the nozzle")
        ->check(CLI::Range(0.02, 1.2));
    c->add_option("--first-layer", o.first_layer_mm, "Height of the first layer, mm")
        ->check(CLI::Range(0.02, 1.2));
    c->add_option("--lamp", o.lamp_k, "Colour temperature of the light it is looked at in, K")
        ->check(CLI::Range(kWarmestLamp, kColdestLamp))
        ->capture_default_str();
    c->add_option("--seen-from", o.seen_from_cm,
                  "cm; how far it is looked at from, for the difference and the search; else dot by dot")
        ->check(CLI::Range(0.0, 10000.0));
    c->add_option("--machine", o.machine, "One that ships, or a file")->capture_default_str();
    c->add_option("--set", o.settings, "KEY=VALUE: a setting that is kept")->expected(1)->take_all();
    c->add_flag("--json", o.json, "Print how near it comes as JSON");
}

void add_relief(CLI::App& app, std::function<int()>& run) {
    const auto o = std::make_shared<ReliefCall>();
    CLI::App* c = app.add_subcommand("relief", "Make a relief in layers from a picture");
    add_common(c, *o);
    c->add_option("--shelf", o->shelf,
                  "A shelf file, CSV or JSON: the stack is searched for among its filaments");
    c->add_option("--band", o->bands,
                  "LETTER=FROM..TO, whole layers from below; the first is the base. Without any, the best "
                  "stack is searched for")
        ->expected(1)
        ->take_all();
    c->add_option("--pin", o->pins, "LETTER=FROM..TO: layers that the search leaves to that filament")
        ->expected(1)
        ->take_all();
    c->add_option("--swaps", o->swaps, "At most so many, where the stack is searched for")
        ->check(CLI::Range(0, 25))
        ->capture_default_str();
    c->add_option("--slots", o->slots, "At most so many different filaments, where the stack is searched for")
        ->check(CLI::Range(1, 26))
        ->capture_default_str();
    c->add_option("--search-s", o->search_s, "Seconds after which the search stops with the best so far")
        ->check(CLI::Range(0.1, 86400.0))
        ->capture_default_str();
    c->add_option("--most", o->most_mm, "mm; no taller, where the stack is searched for")
        ->check(CLI::Range(0.1, 50.0))
        ->capture_default_str();
    c->add_option("--evaluations", o->evaluations,
                  "Stacks looked at for each number of swaps, where they are too many for all")
        ->check(CLI::Range(100, 100000000))
        ->capture_default_str();
    c->add_option("--school", o->school,
                  "How tall a dot is: by its lightness, or as the stack of the nearest colour")
        ->check(CLI::IsMember({"luminance", "nearest"}))
        ->capture_default_str();
    c->add_flag("--face-down", o->face_down,
                "The face lies on the bed, mirrored; what is seen first is printed first");
    c->callback([o, &run] { run = [o] { return run_relief(*o); }; });
}

void add_panel(CLI::App& app, std::function<int()>& run) {
    const auto o = std::make_shared<PanelCall>();
    CLI::App* c = app.add_subcommand("panel", "Make a panel to be seen against light from a picture");
    add_common(c, *o);
    c->add_option("--size", o->size,
                  "WxH in mm: the picture is cut to that shape, as much of its middle as there is");
    c->add_option("--white", o->white, "Letter of the white; else the lightest filament");
    c->add_option("--films", o->films, "Letters of the films from below; else all others");
    c->add_option("--order", o->order,
                  "Each film in layers of its own, directly on each other, or above the white")
        ->check(CLI::IsMember({"apart", "packed", "above"}))
        ->capture_default_str();
    c->add_option("--film-layers", o->film_layers, "Layers of each film at most")
        ->check(CLI::Range(1, 50))
        ->capture_default_str();
    c->add_option("--base-layers", o->base_layers, "Layers of white below everything")
        ->check(CLI::Range(1, 250))
        ->capture_default_str();
    c->add_option("--cover-least", o->cover_least, "Layers of white that there are everywhere besides")
        ->check(CLI::Range(0, 250))
        ->capture_default_str();
    c->add_option("--cover-most", o->cover_most, "Layers of white that there are at most besides")
        ->check(CLI::Range(0, 250))
        ->capture_default_str();
    c->add_option("--rim", o->rim_mm, "mm; a rim of white around it")->check(CLI::Range(0.0, 100.0));
    c->add_option("--slots-in-rim", o->slot_mm, "mm; width of two slots in the rim's lower edge")
        ->check(CLI::Range(0.0, 100.0));
    c->add_flag("--diffuser", o->diffuser, "An opal sheet between lamp and panel");
    c->add_flag("--no-spread", o->no_spread, "What a dot is off by is not handed on to its neighbours");
    c->add_flag("--no-fit", o->no_fit, "Tones darker than the panel can be are cut off, not moved up");
    c->callback([o, &run] { run = [o] { return run_panel(*o); }; });
}

void add_look(CLI::App& app, std::function<int()>& run) {
    const auto o = std::make_shared<LookCall>();
    CLI::App* c = app.add_subcommand("look", "Write what a project's picture will look like");
    c->add_option("project", o->project, "The project, *.vitrail")->required();
    c->add_option("--png", o->png, "The file to write");
    c->add_option("--as", o->as,
                  "In its light; as flat colours; against the lamp; in front light; as it came; where it "
                  "differs; or where lightness cannot tell colours apart")
        ->check(CLI::IsMember({"printed", "flat", "lit", "unlit", "original", "difference", "collisions"}))
        ->capture_default_str();
    c->add_flag("--json", o->json, "Print JSON");
    c->callback([o, &run] { run = [o] { return run_look(*o); }; });
}

void add_wedge(CLI::App& app, std::function<int()>& run) {
    const auto o = std::make_shared<WedgeCall>();
    CLI::App* c = app.add_subcommand(
        "wedge", "Measure a filament's optics: write a step wedge to print, or read its photograph");
    c->add_option("photo", o->photo, "The photograph: PNG, JPEG, WebP or TIFF");
    c->add_option("--corners", o->corners,
                  "X,Y of the wedge's corners in dots: upper left, upper right, lower right, lower left");
    c->add_option("--white", o->white, "X,Y: the middle of a white patch beside it");
    c->add_option("--grey", o->grey, "X,Y: the middle of a grey card beside it");
    c->add_option("--base-white", o->base_white,
                  "#RRGGBB of the white it is printed on, where there is no white patch")
        ->capture_default_str();
    c->add_option("--print", o->print,
                  "LETTER:MATERIAL:#RRGGBB[:TD_MM] of the filament: write its wedge instead");
    c->add_option("--print-white", o->white_filament, "The white below it")->capture_default_str();
    c->add_option("--print-black", o->black_filament, "The black below it")->capture_default_str();
    c->add_option("--into", o->folder, "The folder for 3MF, STL, page and project");
    c->add_option("--machine", o->machine, "One that ships, or a file")->capture_default_str();
    c->add_option("--steps", o->steps, "Steps of one layer each")
        ->check(CLI::Range(2, 30))
        ->capture_default_str();
    c->add_option("--layer", o->layer_mm, "Layer height, mm")
        ->check(CLI::Range(0.04, 0.6))
        ->capture_default_str();
    c->add_flag("--json", o->json, "Print JSON");
    c->callback([o, &run] { run = [o] { return run_wedge(*o); }; });
}

} // namespace

void add_picture_commands(CLI::App& app, std::function<int()>& run) {
    add_stack(app, run);
    add_relief(app, run);
    add_panel(app, run);
    add_look(app, run);
    add_wedge(app, run);
}

} // namespace vitrail
