// The project archive *.vitrail. See docs/file-format.md.
#pragma once

#include "core/project/project.h"
#include "formats/model.h"

#include <string>
#include <string_view>

namespace vitrail {

/// Version of project.json that this program writes.
inline constexpr int kProjectVersion = 1;

/// The zip as bytes. `thumbnail_png` may be empty. Keys and files of the archive the project was read from that this
/// version does not know are carried over.
Result<std::string> write_archive(const Project& project, const std::string& thumbnail_png = {});

/// A newer version is refused by name; everything else that does not fit says where.
Result<Project> read_archive(std::string_view bytes);

/// The two with files. Errors do not repeat the path.
Status save_project(const Project& project, const std::string& path, const std::string& thumbnail_png = {});
Result<Project> load_project(const std::string& path);

/// Adds the bodies read from a model file as parts. Each new file colour becomes a filament when the project has none
/// yet, else the nearest one by ΔE00 is given; bodies without colour get the first.
void add_bodies(Project& project, const std::string& name, std::string bytes, std::vector<Body> bodies);

/// Reads a model file and adds its bodies. The project is as before when it cannot be read.
Status add_model(Project& project, const std::string& name, std::string bytes);

} // namespace vitrail
