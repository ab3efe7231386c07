// Writes the demo archives into a folder: make-demo [FOLDER]
#include "demo/pictures.h"
#include "demo/scenario.h"
#include "demo/season.h"
#include "formats/archive.h"
#include "formats/files.h"
#include "formats/logbook_text.h"
#include "paint/thumbnail.h"

#include <cstdio>
#include <string>

int main(int argc, char** argv) {
    const std::string folder = argc > 1 ? argv[1] : ".";
    auto projects = vitrail::demo::all();
    projects.push_back({"dusk.vitrail", vitrail::demo::dusk_relief()});
    projects.push_back({"rose-window.vitrail", vitrail::demo::rose_panel()});
    for (auto& [file, project] : projects) {
        const vitrail::Status ok =
            project ? vitrail::save_project(*project, folder + "/" + file, vitrail::thumbnail_png(*project))
                    : vitrail::Status(project.error());
        if (!ok) {
            std::fprintf(stderr, "error: %s: %s\n", file.c_str(),
                         vitrail::english(ok.error().message).c_str());
            return 1;
        }
    }
    vitrail::LogbookFile book{vitrail::demo::season(), {}};
    constexpr int kPicture = 96; // dots square
    for (const vitrail::PrintRecord& r : book.prints)
        for (const auto& [file, project] : projects)
            if (project && r.project_file == "demo/" + std::string(file))
                book.pictures[r.id] = vitrail::thumbnail_png(*project, kPicture);
    if (const vitrail::Status ok =
            vitrail::write_file(folder + "/season.json", vitrail::logbook_to_json(book));
        !ok) {
        std::fprintf(stderr, "error: season.json: %s\n", vitrail::english(ok.error().message).c_str());
        return 1;
    }
    return 0;
}
