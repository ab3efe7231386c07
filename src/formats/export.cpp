#include "formats/export.h"

#include "formats/model.h"

#include <cctype>

namespace vitrail {

Result<std::string> export_3mf(const Project& p, const std::vector<FilamentBody>& bodies) {
    std::vector<Body> out;
    for (const FilamentBody& b : bodies) {
        const Filament& f = p.filaments[b.filament];
        Body body;
        body.name = std::string(1, f.letter) + " " + f.name;
        body.mesh = b.mesh;
        body.colour = f.colour;
        out.push_back(std::move(body));
    }
    return write_3mf(out);
}

std::vector<std::pair<std::string, std::string>> export_stl(const Project& p, const std::vector<FilamentBody>& bodies) {
    std::vector<std::pair<std::string, std::string>> files;
    for (const FilamentBody& b : bodies) {
        const Filament& f = p.filaments[b.filament];
        std::string name(1, f.letter);
        for (const char c : "-" + f.name)
            name += std::isalnum(static_cast<unsigned char>(c)) ? c : '-'; // safe on every file system
        files.emplace_back(name + ".stl", write_stl(b.mesh, "Vitrail " + std::string(1, f.letter)));
    }
    return files;
}

} // namespace vitrail
