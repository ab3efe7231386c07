// Toolpath files of any size: read bit by bit, written beside the original.
#pragma once

#include "core/base/progress.h"
#include "core/run/commands.h"
#include "core/run/read_gcode.h"
#include "core/run/rescue_tail.h"
#include "core/run/write_gcode.h"
#include "formats/json_fwd.h"

#include <functional>
#include <optional>

namespace vitrail {

/// Memory does not grow with the file, only with its layers and stops. Error where it cannot be read, or is
/// not text; "stopped" where it was stopped.
Result<ToolpathFile> read_toolpath(const std::string& path, const Motion& motion, FileWords words,
                                   const Progress& progress = {});

/// Writes `original` with the insertions, byte for byte but for them, to another file: beside it first, then
/// read again and proven, and only then under its name. Error: why not; nothing is left behind. `original` is
/// never written to.
Status write_toolpath(const Project& project, const Plan& plan, const std::string& original,
                      const std::string& path, const ToolpathFile& before,
                      std::span<const Insertion> insertions, const Progress& progress = {});

/// Writes what is left of a file after a botched layer: that layer again as often as the rescue says, each
/// higher, then everything above it, lifted. Read again and proven before it gets its name. Error: why not;
/// the original is never written to.
Status write_rest(const std::string& original, const std::string& path, const ToolpathFile& file,
                  const Rescue& rescue, const Botch& botch, const Progress& progress = {});

/// A file line by line, for a printer; as far as it can be read.
std::function<std::optional<std::string>()> toolpath_lines(const std::string& path);

/// What `vitrail-cli rescue --json` says: moves, bands, look, steps.
Json rescue_report(const Project& project, const Rescue& rescue);

/// What `vitrail-cli gcode --json` says.
Json toolpath_report(const Project& project, const Plan& plan, const ToolpathFile& file,
                     const AgainstPlan& against);

} // namespace vitrail
