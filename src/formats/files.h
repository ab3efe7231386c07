// Bytes in and out of files: bounded on the way in, whole or not at all on the way out.
#pragma once

#include "core/base/result.h"

#include <cstdint>
#include <string>
#include <string_view>

namespace vitrail {

/// Files larger than this are refused.
inline constexpr std::uint64_t kLargestFile = std::uint64_t{2} << 30;

Result<std::string> read_file(const std::string& path);

/// Writes beside the target, syncs, and renames over it, so that a crash leaves the old file or the new one.
Status write_file(const std::string& path, std::string_view bytes);

/// `name` without folder; without folder and ending.
std::string file_name(const std::string& path);
std::string file_stem(const std::string& path);

} // namespace vitrail
