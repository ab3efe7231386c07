#include "cli/picture_commands.h"

#include "cli/guarded.h"
#include "core/picture/make.h"
#include "core/picture/wedge.h"
#include "formats/json.h"
#include "formats/optics_text.h"
#include "formats/strip_files.h"
#include "paint/read_picture.h"

#include <fmt/format.h>

#include <algorithm>

namespace vitrail {

namespace {

/// X,Y,X,Y…
std::vector<PhotoPoint> points(const std::string& text, std::size_t count, const char* call) {
    const std::vector<std::string> parts = split(text, ',');
    if (parts.size() != 2 * count)
        throw Usage{fmt::format("{} takes {} pairs X,Y in dots, separated by commas", call, count)};
    std::vector<PhotoPoint> out;
    for (std::size_t i = 0; i < count; ++i)
        out.push_back({number(parts[2 * i], call), number(parts[2 * i + 1], call)});
    return out;
}

int print_wedge(const WedgeCall& call, const WedgePlan& plan) {
    if (call.folder.empty())
        throw Usage{"--print needs --into, a folder for the files"};
    Settings s;
    s.first_layer_mm = usual_layers(PictureUse::relief, read_machine_argument(call.machine)).first_mm;
    const auto wedge =
        wedge_project(plan, parse_filament(call.print), parse_filament(call.white_filament),
                      parse_filament(call.black_filament), s, read_machine_argument(call.machine));
    if (!wedge)
        throw Unusable{call.folder, english(wedge.error().message)};
    if (const Status ok = write_strip(*wedge, "wedge", before_wedge(), call.folder); !ok)
        throw Unusable{call.folder, english(ok.error().message)};
    fmt::print("Written to {}: wedge.3mf, STL files, wedge.html, wedge.vitrail; {} steps of {} mm, {:.0f} × "
               "{:.0f} mm\n",
               call.folder, plan.steps, plan.layer_mm, plan.width_mm(), plan.height_mm());
    return 0;
}

} // namespace

int run_wedge(const WedgeCall& call) {
    return guarded([&] {
        WedgePlan plan;
        plan.steps = call.steps;
        plan.layer_mm = call.layer_mm;
        if (!call.print.empty())
            return print_wedge(call, plan);
        if (call.photo.empty() || call.corners.empty())
            throw Usage{"wedge needs a photo and its --corners, or --print with --into"};
        const auto photo = read_picture(QByteArray::fromStdString(bytes_of(call.photo)));
        if (!photo)
            throw Unusable{call.photo, english(photo.error().message)};
        WedgeMarks marks;
        const std::vector<PhotoPoint> corners = points(call.corners, 4, "--corners");
        std::copy(corners.begin(), corners.end(), marks.corners.begin());
        if (!call.white.empty())
            marks.white = points(call.white, 1, "--white").front();
        if (!call.grey.empty())
            marks.grey = points(call.grey, 1, "--grey").front();
        marks.base_white = colour_argument(call.base_white, "--base-white");
        const auto fit = read_wedge(*photo, plan, marks);
        if (!fit)
            throw Unusable{call.photo, english(fit.error().message)};
        if (call.json) {
            Json fields = Json::array();
            for (const WedgeField& f : fit->fields)
                fields.push_back({{"layers", f.layers},
                                  {"over", f.over_black ? "black" : "white"},
                                  {"read", f.read},
                                  {"fitted", f.fitted},
                                  {"outlier", f.outlier}});
            std::cout << json_text(
                             {{"schema", "vitrail.wedge/1"},
                              {"k_per_mm", fit->optics.k},
                              {"s_per_mm", fit->optics.s},
                              {"k_sd_per_mm", fit->k_sd},
                              {"s_sd_per_mm", fit->s_sd},
                              {"td_mm", td_of(fit->optics)},
                              {"white", fit->white},
                              {"black", fit->black},
                              {"gamma", fit->gamma},
                              {"unevenness", fit->unevenness},
                              {"rms", fit->rms},
                              {"fields", fields},
                              {"optics", optics_text(MeasuredOptics{fit->optics, fit->k_sd, fit->s_sd})}})
                      << "\n";
            return 0;
        }
        const char* names[] = {"red", "green", "blue"};
        for (std::size_t c = 0; c < 3; ++c)
            fmt::print("{:<6} K {:.3f} ± {:.3f} /mm, S {:.3f} ± {:.3f} /mm\n", names[c], fit->optics.k[c],
                       fit->k_sd[c], fit->optics.s[c], fit->s_sd[c]);
        fmt::print("transmission distance {:.2f} mm; fields are off by {:.4f}; light uneven by {:.0f} %; "
                   "tones bent by {:.2f}\n",
                   td_of(fit->optics), fit->rms, 100 * fit->unevenness, fit->gamma);
        for (const WedgeField& f : fit->fields)
            if (f.outlier)
                fmt::print("left out: {} over {}, which is off by more than the others\n",
                           counted("{} layer", "{} layers", f.layers), f.over_black ? "black" : "white");
        return 0;
    });
}

} // namespace vitrail
