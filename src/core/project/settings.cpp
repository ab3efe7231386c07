#include "core/project/settings.h"

#include <charconv>
#include <cmath>

namespace vitrail {

const std::vector<SettingInfo>& all_settings() {
    using S = Settings;
    static const std::vector<SettingInfo> table{
        {"layer", "Layer height", "mm", &S::layer_mm, 0.02, 1.2, 3, {}, "Height of every layer but the first. Common practice: 0.2 with a 0.4 mm nozzle."},
        {"first_layer", "First layer", "mm", &S::first_layer_mm, 0.02, 1.2, 3, {}, "Height of the first layer. Plan and print must agree on it: it shifts every change."},
        {"line_width", "Line width", "mm", &S::line_width_mm, 0.1, 2, 2, {}, "Width of an extruded line. Common practice: about the nozzle's diameter."},
        {"walls", "Walls", "", &S::walls, 0, 20, 0, {}, "Lines around each outline. From memory: 2."},
        {"top_skins", "Top skins", "layers", &S::top_skins, 0, 50, 0, {}, "Solid layers below a surface that faces up. From memory: 4."},
        {"bottom_skins", "Bottom skins", "layers", &S::bottom_skins, 0, 50, 0, {}, "Solid layers above a surface that faces down. From memory: 3."},
        {"infill", "Infill", "%", &S::infill_pct, 0, 100, 0, {}, "Share of the inside that is filled. From memory: 15 %."},
        {"copies", "Copies", "", &S::copies, 1, 10000, 0, {}, "Pieces on the plate. Changes and purge do not grow with it; everything else does."},
        {"spacing", "Space between copies", "mm", &S::spacing_mm, 0, 200, 1, {}, "Free space around each copy and the tower. From memory: 5 mm."},
        {"delta_e", "Clean at \u0394E", "", &S::delta_e, 0.2, 30, 1, {}, "Colour difference to the pure filament at which a change counts as clean: 1 strict (just noticeable), 2 normal, 4 thrifty. CIEDE2000.", {{"strict", 1}, {"normal", 2}, {"thrifty", 4}}},
        {"order", "Order in a layer", "", &S::order, 0, 1, 0, {"optimal", "as-assigned"}, "Which filament a layer starts with: worked out for the least purge, or by letter in every layer."},
        {"purge.dead_mm3", "Dead volume V_d", "mm\u00b3", &S::dead_mm3, 0, 2000, 1, {}, "Filament that comes out unmixed after a change. 0 takes the machine's (40 for a 0.4 mm nozzle, from memory).", {{"machine", 0}}},
        {"purge.mixing_mm3", "Mixing volume V_m", "mm\u00b3", &S::mixing_mm3, 0, 2000, 1, {}, "How slowly the old filament fades after that. 0 takes the machine's (60 for a 0.4 mm nozzle, from memory).", {{"machine", 0}}},
        {"purge.to", "Purge goes to", "", &S::purge_to, 0, 2, 0, {"as-machine", "ejected", "tower"}, "Where purged filament ends up: thrown out, or laid into a tower beside the piece."},
        {"tower.width", "Tower width", "mm", &S::tower_width_mm, 0, 300, 1, {}, "Side of the square tower. 0: as small as its busiest layer and its height allow.", {{"automatic", 0}}},
        {"tower.infill", "Tower sparse fill", "%", &S::tower_infill_pct, 1, 100, 0, {}, "Fill of tower layers without purge, which only carry the ones above. From memory: 15 %."},
        {"tower.slenderness", "Tower slenderness limit", "", &S::slenderness_limit, 1, 50, 1, {}, "Height over width beyond which a tower may topple. From memory: 8."},
        {"speed", "Speed", "mm/s", &S::speed_mm_s, 1, 1000, 0, {}, "Mean speed of the nozzle while it prints; what the hot end can melt may set a lower one. From memory: 120."},
        {"first_layer_speed", "First layer speed", "mm/s", &S::first_layer_speed_mm_s, 1, 500, 0, {}, "Slower, so that it sticks. From memory: 40."},
        {"min_layer", "Least time per layer", "s", &S::min_layer_s, 0, 300, 0, {}, "A layer takes at least this long, so that it can cool. From memory: 6 s."},
        {"travel", "Travel", "%", &S::travel_pct, 0, 200, 0, {}, "Time spent moving without printing, on top of printing. From memory: 12 %."},
        {"hand.wait", "Wait for a hand swap", "s", &S::hand_wait_s, 0, 86400, 0, {}, "How long the printer stands before somebody comes to swap the spool."},
        {"attended_cost", "Your own hour", "per h", &S::attended_per_h, 0, 10000, 2, {}, "What an hour at the printer is worth to you; 0 leaves it out of the cost."},
    };
    return table;
}

const SettingInfo* find_setting(std::string_view key) {
    for (const SettingInfo& s : all_settings())
        if (key == s.key)
            return &s;
    return nullptr;
}

namespace {

std::string plain(double v) {
    char buffer[32];
    const auto end = std::to_chars(buffer, buffer + sizeof buffer, v).ptr;
    return {buffer, end};
}

} // namespace

std::string setting_text(const Settings& s, const SettingInfo& info) {
    const double v = s.*info.field;
    return info.choices.empty() ? plain(v) : info.choices[static_cast<std::size_t>(v)];
}

Status set_setting(Settings& s, std::string_view key, std::string_view text) {
    const std::string name(key), value(text);
    const SettingInfo* info = find_setting(key);
    if (!info)
        return Error{"There is no setting \u201c" + name + "\u201d."};
    if (!info->choices.empty()) {
        std::string known;
        for (std::size_t i = 0; i < info->choices.size(); ++i) {
            if (text == info->choices[i]) {
                s.*info->field = static_cast<double>(i);
                return Done{};
            }
            known += (i ? ", " : "") + std::string(info->choices[i]);
        }
        return Error{"The setting \u201c" + name + "\u201d cannot be \u201c" + value + "\u201d; it takes one of: " + known + "."};
    }
    for (const auto& [word, number] : info->words)
        if (text == word) {
            s.*info->field = number;
            return Done{};
        }
    double v = 0;
    const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), v);
    if (error != std::errc() || end != text.data() + text.size() || !std::isfinite(v))
        return Error{"The setting \u201c" + name + "\u201d needs a number, not \u201c" + value + "\u201d."};
    if (v < info->min || v > info->max)
        return Error{"The setting \u201c" + name + "\u201d is " + plain(v) + "; it must lie between " + plain(info->min) + " and " + plain(info->max) + "."};
    if (info->decimals == 0 && v != std::floor(v))
        return Error{"The setting \u201c" + name + "\u201d must be a whole number, not " + plain(v) + "."};
    s.*info->field = v;
    return Done{};
}

} // namespace vitrail
