// The project archive *.vitrail. See docs/file-format.md.
#pragma once

#include "core/project/project.h"
#include "formats/model.h"
#include "formats/zip.h"

#include <string>
#include <string_view>

namespace vitrail {

/// Version of project.json that this program writes.
inline constexpr int kProjectVersion = 3;

/// The zip as bytes. `thumbnail_png` may be empty. Keys and files of the archive the project was read from that this
/// version does not know are carried over.
Result<std::string> write_archive(const Project& project, const std::string& thumbnail_png = {});

/// A newer version is refused by name; everything else that does not fit says where.
/// Long: takes Progress.
Result<Project> read_archive(std::string_view bytes, const Progress& progress = {});

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

/// Which filament a colour of a file becomes.
struct ColourMatch {
    Srgb colour;
    char letter = 'A';
};

/// Matches colours to filaments: each becomes a filament of its own (PLA) when the project has none yet, as far as
/// letters go, else the nearest one by ΔE00 is taken.
std::vector<ColourMatch> match_colours(Project& project, const std::vector<ColourUse>& colours);

/// Adds the bodies read from a model file as parts. Where a body's surface has several colours, the one with most surface
/// is the part's and each other filament is a patch. Colours not in `matches` are matched as above; bodies without colour
/// get the first filament.
void add_bodies(Project& project, const std::string& name, std::string bytes, std::vector<Body> bodies,
                std::vector<ColourMatch> matches = {});

/// Reads a model file and adds its bodies. The project is as before when it cannot be read.
Status add_model(Project& project, const std::string& name, std::string bytes, const Companion& companion = {});

/// Hands out files that lie beside `path`.
Companion beside(const std::string& path);

} // namespace vitrail
