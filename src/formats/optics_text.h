// Measured optics as text: in projects, on the shelf and in its files.
#pragma once

#include "core/material/filament.h"

#include <string>

namespace vitrail {

/// Twelve numbers, red green blue each: K, S, and their standard uncertainties, 1/mm. Empty where nothing was
/// measured.
std::string optics_text(const std::optional<MeasuredOptics>& measured);
/// None where it is empty, or no such thing: `fits` says which.
std::optional<MeasuredOptics> parse_optics(const std::string& text, bool* fits = nullptr);

} // namespace vitrail
