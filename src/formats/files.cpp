#include "formats/files.h"

#include <cerrno>
#include <cstring>
#include <fcntl.h>
#include <filesystem>
#include <fstream>
#include <sys/stat.h>
#include <unistd.h>

namespace vitrail {

namespace fs = std::filesystem;

Result<std::string> read_file(const std::string& path) {
    std::error_code ec;
    const fs::file_status status = fs::status(path, ec);
    if (ec || !fs::exists(status))
        return Error{say("There is no such file. Check the name.")};
    if (!fs::is_regular_file(status))
        return Error{say("This is not a file that can be read.")};
    const std::uintmax_t size = fs::file_size(path, ec);
    if (ec)
        return Error{say("The file cannot be read: {}.", ec.message())};
    if (size > kLargestFile)
        return Error{say("The file is larger than 2 GB, more than Vitrail reads.")};
    std::ifstream in(path, std::ios::binary);
    std::string bytes(static_cast<std::size_t>(size), '\0');
    if (!in || !in.read(bytes.data(), static_cast<std::streamsize>(size)))
        return Error{say("The file cannot be read: {}.", std::string(std::strerror(errno)))};
    return bytes;
}

Status write_file(const std::string& path, std::string_view bytes) {
    return write_large_file(path, [&](const Sink& sink) -> Status {
        sink(bytes);
        return Done{};
    });
}

Status write_large_file(const std::string& path, const std::function<Status(const Sink&)>& fill,
                        const std::function<Status(const std::string&)>& check) {
    // A link stays a link: what it points at is replaced. A file keeps its permissions.
    std::error_code ec;
    const std::string target = fs::is_symlink(path, ec) ? fs::weakly_canonical(path, ec).string() : path;
    const fs::file_status before = fs::status(target, ec);
    const auto mode =
        fs::is_regular_file(before) ? static_cast<mode_t>(before.permissions()) & 0777u : mode_t{0644};
    std::string temporary =
        target + ".part-XXXXXX"; // a name of its own: the same file may be written twice at once
    const auto failed = [&](const char* what = term("The file cannot be written: {}. Nothing was changed.")) {
        const int reason = errno;
        ::unlink(temporary.c_str());
        return Error{say(what, std::string(std::strerror(reason)))};
    };
    const int fd = ::mkostemp(temporary.data(), O_CLOEXEC);
    if (fd < 0)
        return failed();
    ::fchmod(fd, mode);
    int broken = 0;
    const Sink sink = [&](std::string_view bytes) {
        while (!bytes.empty() && !broken) {
            const ssize_t n = ::write(fd, bytes.data(), bytes.size());
            if (n < 0 && errno == EINTR)
                continue;
            if (n <= 0)
                broken = errno ? errno : EIO;
            else
                bytes.remove_prefix(static_cast<std::size_t>(n));
        }
        return !broken;
    };
    const Status filled = fill(sink);
    if (broken || !filled) {
        ::close(fd);
        errno = broken;
        if (broken)
            return failed();
        ::unlink(temporary.c_str());
        return filled;
    }
    const bool synced = ::fsync(fd) == 0;
    if (::close(fd) != 0 || !synced)
        return failed();
    if (check)
        if (const Status ok = check(temporary); !ok) {
            ::unlink(temporary.c_str());
            return ok;
        }
    if (::rename(temporary.c_str(), target.c_str()) != 0)
        return failed(term("The file cannot be put in its place: {}. Nothing was changed."));
    return Done{};
}

std::string file_name(const std::string& path) {
    return fs::path(path).filename().string();
}

std::string file_stem(const std::string& path) {
    return fs::path(path).stem().string();
}

} // namespace vitrail
