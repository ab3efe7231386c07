#include "formats/export.h"

#include "formats/model.h"

namespace vitrail {

Result<std::string> export_3mf(const Project& p, const std::vector<FilamentBody>& bodies) {
    std::vector<Body> out;
    for (const FilamentBody& b : bodies) {
        const Filament& f = p.filaments[b.filament];
        Body body;
        body.name = std::string(1, f.letter) + " " + f.name;
        body.mesh = b.mesh;
        body.colour = f.colour;
        body.material = f.name;
        out.push_back(std::move(body));
    }
    return write_3mf(out);
}

std::vector<std::pair<std::string, std::string>> export_stl(const Project& p, const std::vector<FilamentBody>& bodies) {
    std::vector<std::pair<std::string, std::string>> files;
    for (const FilamentBody& b : bodies) {
        const Filament& f = p.filaments[b.filament];
        std::string name(1, f.letter);
        const auto safe = [](char c) { return (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z') || (c >= '0' && c <= '9'); }; // on every file system
        for (const char c : "-" + f.name)
            name += safe(c) ? c : '-';
        files.emplace_back(name + ".stl", write_stl(b.mesh, "Vitrail " + std::string(1, f.letter)));
    }
    return files;
}

} // namespace vitrail
