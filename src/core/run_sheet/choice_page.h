// A sheet for somebody who has a say: the variants as they will look, letters to answer by, and only the
// figures that were chosen.
#pragma once

#include "core/plate/variants.h"
#include "core/run_sheet/page.h"

namespace vitrail {

struct ChoiceSheet {
    Page page;
    Asked asked; ///< what it shows, to be kept with the answer
};

/// Letters A, B, … in the order given, at most 26. `picture` draws a project as PNG. With `since` it says
/// first what has changed since that sheet.
ChoiceSheet choice_sheet(const Message& title, const std::vector<PlannedVariant>& variants,
                         const std::vector<VariantFigure>& figures, const std::string& date,
                         const std::string& whom, const std::function<std::string(const Project&)>& picture,
                         const Asked* since = nullptr);

} // namespace vitrail
