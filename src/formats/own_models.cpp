#include "formats/own_models.h"

#include "formats/model.h"

#include <algorithm>

namespace vitrail {

Status carry_meshes(Project& p, const std::string& name) {
    std::vector<Body> bodies;
    for (Part& part : p.pieces.front().parts) {
        bodies.push_back(
            {part.name, *part.mesh,
             p.filaments[static_cast<std::size_t>(std::max(0, find_filament(p, part.filament)))].colour});
        part.model = 0;
        part.object = static_cast<int>(bodies.size()) - 1;
        part.own_mesh = false;
    }
    auto file = write_3mf(bodies);
    if (!file)
        return file.error();
    p.models = {{name, std::make_shared<std::string>(std::move(*file))}};
    return Done{};
}

} // namespace vitrail
