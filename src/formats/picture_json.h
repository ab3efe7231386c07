// The picture of a project in its archive. See docs/file-format.md.
#pragma once

#include "core/project/picture.h"
#include "formats/json.h"
#include "formats/zip.h"

namespace vitrail {

/// Where the numbers of the dots lie in the archive: a PGM of 16 bits.
inline constexpr const char* kDotsFile = "surfaces/picture.pgm";

Json picture_to_json(const Picture& picture);
/// With its files, which lose their names in `entries`. Throws JsonMisfit.
Picture picture_from_json(const JsonReader& r, std::vector<ZipEntry>& entries);

/// PGM (Netpbm), 16 bits a dot, most significant byte first.
std::string write_pgm(const DotMap& dots);
Result<DotMap> read_pgm(std::string_view bytes);

/// A stack as text, from below: "A4B2C1"; and back, empty where it is none.
std::string stack_text(const std::vector<FilamentRun>& stack);
std::vector<FilamentRun> parse_stack(const std::string& text, int most_layers = 10000);

} // namespace vitrail
