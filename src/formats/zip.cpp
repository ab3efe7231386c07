#include "formats/zip.h"

#include "core/base/text.h"

#include <zip.h>

#include <algorithm>
#include <array>

namespace vitrail {

namespace {

/// Whether a name stays inside the archive wherever it is unpacked.
bool harmless(std::string_view name) {
    if (name.empty() || name.front() == '/' || name.find('\\') != std::string_view::npos ||
        name.find(':') != std::string_view::npos)
        return false;
    std::size_t start = 0;
    while (start <= name.size()) {
        const std::size_t end = std::min(name.find('/', start), name.size());
        if (name.substr(start, end - start) == "..")
            return false;
        start = end + 1;
    }
    return true;
}

/// Calls `entry(name)` for each file and `chunk(bytes)` for its contents.
template <class Entry, class Chunk>
Status walk(std::string_view bytes, const ZipLimits& limits, Entry entry, Chunk chunk) {
    zip_error_t error;
    zip_error_init(&error);
    zip_source_t* source = zip_source_buffer_create(bytes.data(), bytes.size(), 0, &error);
    zip_t* zip = source ? zip_open_from_source(source, ZIP_RDONLY | ZIP_CHECKCONS, &error) : nullptr;
    if (!zip) {
        if (source)
            zip_source_free(source);
        const std::string why = zip_error_strerror(&error);
        zip_error_fini(&error);
        return Error{say("The archive is damaged or no archive at all ({}).", why)};
    }
    zip_error_fini(&error);
    const auto fail = [&](Message message) {
        zip_discard(zip);
        return Error{std::move(message)};
    };
    const zip_int64_t count = zip_get_num_entries(zip, 0);
    if (count < 0 || static_cast<std::uint64_t>(count) > limits.entries)
        return fail(
            say("The archive holds {} files, more than Vitrail reads.", static_cast<long long>(count)));
    const double most = std::min(static_cast<double>(limits.total_bytes),
                                 1e6 + limits.ratio * static_cast<double>(bytes.size()));
    double total = 0;
    std::array<char, 1 << 16> buffer;
    for (zip_int64_t i = 0; i < count; ++i) {
        const char* raw = zip_get_name(zip, static_cast<zip_uint64_t>(i), ZIP_FL_ENC_GUESS);
        const std::string name = raw ? raw : "";
        if (!harmless(name))
            return fail(say("The archive holds a file {} whose name leads out of it. It is not opened.",
                            Name{one_line(name.substr(0, 80))}));
        if (name.back() == '/')
            continue;
        zip_file_t* file = zip_fopen_index(zip, static_cast<zip_uint64_t>(i), 0);
        if (!file)
            return fail(say("{} in the archive cannot be read ({}).", Name{one_line(name)},
                            std::string(zip_strerror(zip))));
        entry(name);
        zip_int64_t n = 0;
        while ((n = zip_fread(file, buffer.data(), buffer.size())) > 0) {
            total += static_cast<double>(n);
            if (total > most) {
                zip_fclose(file);
                return fail(say("The archive unfolds to far more than its size; it is not opened."));
            }
            chunk(std::string_view(buffer.data(), static_cast<std::size_t>(n)));
        }
        const bool damaged = n < 0;
        if (zip_fclose(file) != 0 || damaged)
            return fail(say("{} in the archive is damaged.", Name{one_line(name)}));
    }
    zip_discard(zip);
    return Done{};
}

} // namespace

Result<std::vector<ZipEntry>> read_zip(std::string_view bytes, const ZipLimits& limits) {
    std::vector<ZipEntry> entries;
    const Status s = walk(
        bytes, limits,
        [&](const std::string& name) {
            entries.push_back({name, {}});
        },
        [&](std::string_view part) { entries.back().bytes += part; });
    if (!s)
        return s.error();
    return entries;
}

Status scan_zip(std::string_view bytes, const std::function<void(const std::string&)>& entry,
                const std::function<void(std::string_view)>& chunk, const ZipLimits& limits) {
    return walk(bytes, limits, entry, chunk);
}

std::string read_zip_file(const std::string& path, const std::string& name, std::size_t most) {
    zip_t* zip = zip_open(path.c_str(), ZIP_RDONLY, nullptr);
    if (!zip)
        return {};
    std::string out;
    if (zip_file_t* file = zip_fopen(zip, name.c_str(), 0)) {
        out.resize(most + 1);
        const zip_int64_t n = zip_fread(file, out.data(), out.size());
        out.resize(n > 0 && static_cast<std::size_t>(n) <= most ? static_cast<std::size_t>(n) : 0);
        zip_fclose(file);
    }
    zip_discard(zip);
    return out;
}

Result<std::string> write_zip(const std::vector<ZipEntry>& entries) {
    zip_error_t error;
    zip_error_init(&error);
    zip_source_t* target = zip_source_buffer_create(nullptr, 0, 0, &error);
    zip_t* zip = target ? zip_open_from_source(target, ZIP_CREATE | ZIP_TRUNCATE, &error) : nullptr;
    const Error failed{say("The archive could not be put together (out of memory?). Nothing was written.")};
    if (!zip) {
        if (target)
            zip_source_free(target);
        return failed;
    }
    zip_source_keep(target);
    for (const ZipEntry& e : entries) {
        zip_source_t* s = zip_source_buffer(zip, e.bytes.data(), e.bytes.size(), 0);
        const zip_int64_t i = s ? zip_file_add(zip, e.name.c_str(), s, ZIP_FL_ENC_UTF_8) : -1;
        if (i < 0) {
            zip_source_free(s);
            zip_discard(zip);
            zip_source_free(target);
            return failed;
        }
        // Packing large models well would keep everybody waiting for little.
        constexpr std::size_t kLarge = 64 << 20;
        if (e.bytes.size() > kLarge)
            zip_set_file_compression(zip, static_cast<zip_uint64_t>(i), ZIP_CM_DEFLATE, 1);
        zip_file_set_dostime(zip, static_cast<zip_uint64_t>(i), 0, (46 << 9) | (1 << 5) | 1, 0);
    }
    if (zip_close(zip) != 0) {
        zip_discard(zip);
        zip_source_free(target);
        return failed;
    }
    zip_stat_t stat;
    std::string out;
    if (zip_source_open(target) == 0 && zip_source_stat(target, &stat) == 0) {
        out.resize(stat.size);
        zip_source_read(target, out.data(), out.size());
        zip_source_close(target);
    }
    zip_source_free(target);
    return out;
}

} // namespace vitrail
