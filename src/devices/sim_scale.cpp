#include "devices/sim_scale.h"

#include <fmt/format.h>

#include <algorithm>
#include <charconv>
#include <cmath>

namespace vitrail {

std::string SimScale::take(std::string_view bytes) {
    std::string out;
    lines_.take(bytes, [&](const std::string& text) { out += line(text); });
    return out;
}

std::string SimScale::pass(double seconds) {
    now_s_ += seconds;
    return {};
}

double SimScale::shown_g() {
    const double settled = std::exp(-(now_s_ - loaded_s_) / (make_up_.settles_s / 5));
    const double on_it =
        load_g_ + (before_g_ - load_g_) * settled + make_up_.drift_g_h * now_s_ / 3600 - zero_g_;
    return on_it + std::normal_distribution<double>(0, std::max(1e-9, make_up_.noise_g))(random_);
}

std::string SimScale::line(std::string_view text) {
    if (text.substr(0, 10) == "HAND load ") {
        double g = 0;
        const auto parsed = std::from_chars(text.data() + 10, text.data() + text.size(), g);
        if (parsed.ec != std::errc() || !std::isfinite(g) || g < 0)
            return "// hand: load GRAMS\n";
        before_g_ = load_g_;
        load_g_ = g;
        loaded_s_ = now_s_;
        return {};
    }
    if (text == "Z") {
        zero_g_ += std::round(shown_g() / make_up_.step_g) * make_up_.step_g;
        return "ok\n";
    }
    if (text != "P")
        return "// P prints what it shows, Z sets it to zero\n";
    if (load_g_ > make_up_.largest_g)
        return "  ------ g\n";
    const int decimals =
        make_up_.step_g >= 1 ? 0 : static_cast<int>(std::ceil(-std::log10(make_up_.step_g) - 1e-9));
    const double shown = std::round(shown_g() / make_up_.step_g) * make_up_.step_g;
    return fmt::format("{}{:8.{}f} g\n", now_s_ - loaded_s_ < make_up_.settles_s ? "?" : " ",
                       shown == 0 ? 0.0 : shown, decimals);
}

} // namespace vitrail
