// Zip archives in memory, with bounds on what they may unfold to.
#pragma once

#include "core/base/result.h"

#include <cstdint>
#include <functional>
#include <string>
#include <string_view>
#include <vector>

namespace vitrail {

struct ZipEntry {
    std::string name;
    std::string bytes;
};

struct ZipLimits {
    std::uint64_t total_bytes = std::uint64_t{2} << 30; ///< unpacked, all entries together
    std::uint64_t entries = 4096;
    /// Unpacked over packed size of the whole. Deflate cannot exceed 1032; real models stay far below this.
    double ratio = 400;
};

/// All entries in order, folders left out. Refuses what is no zip, unfolds to more than the limits (counted
/// while unpacking, whatever the directory claims), or has names that lead out of the archive.
Result<std::vector<ZipEntry>> read_zip(std::string_view bytes, const ZipLimits& limits = {});

/// One file of an archive on disk, without reading the rest; empty where there is none, or it is longer than
/// `most` bytes.
std::string read_zip_file(const std::string& path, const std::string& name, std::size_t most);

/// The same checks without keeping anything: `entry` is told each name, `chunk` the bytes that follow, piece
/// by piece.
Status scan_zip(std::string_view bytes, const std::function<void(const std::string& name)>& entry,
                const std::function<void(std::string_view)>& chunk, const ZipLimits& limits = {});

/// Deflated, with fixed dates so that equal contents give equal bytes.
Result<std::string> write_zip(const std::vector<ZipEntry>& entries);

} // namespace vitrail
