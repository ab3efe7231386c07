// A project archive as loose files in a folder, so that writing it again writes only what has changed. For
// autosave.
#pragma once

#include "formats/archive.h"

#include <map>

namespace vitrail {

/// How bytes are written; see write_file().
using WriteFile = std::function<Status(const std::string& path, std::string_view bytes)>;

/// Keeps one folder in step with a project. A kill at any moment leaves the state before or the one after:
/// files get new names, and `index.json`, written last, says which of them count. Not for use from two
/// threads at once.
class LooseFolder {
public:
    explicit LooseFolder(std::string folder) : folder_(std::move(folder)) {}
    /// `path`: the file the project belongs to, kept with it; may be empty.
    Status write(const Project& project, const std::string& path, const WriteFile& write);
    /// Takes the folder away with all that is in it.
    void remove();

private:
    struct Kept {
        std::vector<std::shared_ptr<const void>> made_from;
        std::string file;
    };
    std::string folder_;
    std::map<std::string, Kept> kept_; ///< by name in the archive
    int written_ = 0;
};

struct LooseProject {
    Project project;
    std::string path; ///< as given to write()
};
/// Whether the folder holds one; and where it belongs.
Result<std::string> loose_path(const std::string& folder);
Result<LooseProject> read_loose(const std::string& folder, const Progress& progress = {});

} // namespace vitrail
