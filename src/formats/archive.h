// The project archive *.vitrail. See docs/file-format.md.
#pragma once

#include "core/project/project.h"
#include "formats/zip.h"

#include <string>
#include <string_view>

namespace vitrail {

/// Version of project.json that this program writes.
inline constexpr int kProjectVersion = 6;

/// The zip as bytes. `thumbnail_png` may be empty. Keys and files of the archive the project was read from
/// that this version does not know are carried over.
Result<std::string> write_archive(const Project& project, const std::string& thumbnail_png = {});

/// A newer version is refused by name; everything else that does not fit says where.
/// Long: takes Progress.
Result<Project> read_archive(std::string_view bytes, const Progress& progress = {});

/// The small picture in a project file, PNG, without reading the rest; empty where there is none.
std::string read_thumbnail(const std::string& path);

/// One file of the archive, not yet made.
struct ArchiveFile {
    std::string name;
    /// What it is made from. While these are the same, so is the file; none: it may change with every edit.
    std::vector<std::shared_ptr<const void>> made_from;
    std::function<std::shared_ptr<const std::string>()> bytes;
};
std::vector<ArchiveFile> archive_files(const Project& project);

/// The same from an archive's files, wherever they were.
Result<Project> read_archive_files(std::vector<ZipEntry> files, const Progress& progress = {});

/// The two with files. Errors do not repeat the path.
Status save_project(const Project& project, const std::string& path, const std::string& thumbnail_png = {});
Result<Project> load_project(const std::string& path);

} // namespace vitrail
