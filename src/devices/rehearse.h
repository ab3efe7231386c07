// A rehearsal without a connection: printer and person in one process, as fast as they can.
#pragma once

#include "core/base/progress.h"
#include "core/run/rehearsal.h"
#include "devices/sim_printer.h"

namespace vitrail {

/// To its end, or until it is stopped; the person acts by themselves. Ends also where the printer starts
/// anew, or waits for nobody.
void rehearse(Rehearsal& rehearsal, SimPrinter& printer, const Progress& progress = {});

} // namespace vitrail
