// A print of the logbook on paper, and two side by side.
#pragma once

#include "core/base/zone.h"
#include "core/logbook/compare.h"
#include "core/run_sheet/page.h"

namespace vitrail {

/// What was foretold beside what came, what it was made of, what it saved, notes and pictures. Times on the
/// clock of `zone`, money in the currency of those settings.
Page log_page(const PrintRecord& record, const Settings& currency, const Zone& zone,
              std::vector<PagePicture> pictures = {});
Page compare_page(const PrintRecord& first, const PrintRecord& second,
                  const std::vector<Difference>& differences);

} // namespace vitrail
