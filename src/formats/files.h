// Bytes in and out of files: bounded on the way in, whole or not at all on the way out.
#pragma once

#include "core/base/result.h"

#include <cstdint>
#include <functional>
#include <string>
#include <string_view>

namespace vitrail {

/// Files larger than this are refused.
inline constexpr std::uint64_t kLargestFile = std::uint64_t{2} << 30;

Result<std::string> read_file(const std::string& path);

/// Writes beside the target, syncs, and renames over it, so that a crash leaves the old file or the new one.
Status write_file(const std::string& path, std::string_view bytes);

/// Takes bytes; false when they cannot be written, and then there is nothing more to do.
using Sink = std::function<bool(std::string_view)>;
/// The same bit by bit, as `fill` hands them over. Before the file gets its name, `check` may look at it
/// where it lies. An error of either leaves nothing behind.
Status write_large_file(const std::string& path, const std::function<Status(const Sink&)>& fill,
                        const std::function<Status(const std::string& lies_at)>& check = {});

/// `name` without folder; without folder and ending.
std::string file_name(const std::string& path);
std::string file_stem(const std::string& path);

} // namespace vitrail
