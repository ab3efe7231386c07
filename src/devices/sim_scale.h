// A kitchen scale that does not exist: whole grams, a little noise, and a zero that wanders.
#pragma once

#include "core/base/line_buffer.h"

#include <random>
#include <string>
#include <string_view>

namespace vitrail {

struct ScaleMakeUp {
    double step_g = 1;     ///< of the display, > 0
    double noise_g = 0.05; ///< standard deviation of a reading
    double drift_g_h = 0;  ///< of the zero
    double largest_g = 5000;
    double settles_s = 1.5; ///< until it stands still after something was put on
};

/// Answers "P" with a reading, "   36 g", or "?  35 g" while it has not settled; "Z" sets it to zero. Common
/// practice of scales with a serial line, no source. What a person does: "HAND load G" puts so many grams on
/// in place of what lies there.
class SimScale {
public:
    SimScale(ScaleMakeUp make_up, unsigned seed) : make_up_(make_up), random_(seed) {}
    std::string take(std::string_view bytes);
    std::string pass(double seconds);
    double load_g() const { return load_g_; }

private:
    std::string line(std::string_view text);
    double shown_g();

    ScaleMakeUp make_up_;
    std::mt19937 random_;
    LineBuffer lines_{64};
    double now_s_ = 0, loaded_s_ = -1e9, load_g_ = 0, before_g_ = 0, zero_g_ = 0;
};

} // namespace vitrail
