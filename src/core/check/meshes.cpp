#include "core/check/checker.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

void Checker::meshes() {
    for (std::size_t i = 0; i < p.parts.size(); ++i) {
        const int part = static_cast<int>(i);
        const MeshCheck& m = p.parts[i].mesh->check;
        const SliceCheck& s = plan.table->parts[i].check;
        if (m.not_finite)
            add("mesh-not-finite", Severity::error,
                quoted(part) + " has " + std::to_string(m.not_finite) +
                    " triangles with corners that are no usable numbers; they were left out. Export the model again.",
                "part " + p.parts[i].name, 0, {part});
        if (p.parts[i].mesh->triangles.empty())
            add("empty-part", Severity::error, quoted(part) + " has no usable triangle, so nothing of it is planned.",
                "part " + p.parts[i].name, 0, {part});
        if (s.open_layers)
            add("mesh-open", s.widest_gap_mm > 1 ? Severity::error : Severity::warning,
                quoted(part) + " has holes: " + std::to_string(m.open_edges) + " open edges. In " +
                    std::to_string(s.open_layers) + " layers the outline was closed by straight lines of up to " +
                    mm(s.widest_gap_mm) + ". Look at those layers, or close the mesh in the program it comes from.",
                at_layer(s.first_open_layer), s.first_open_layer, {part});
        else if (m.open_edges)
            add("mesh-open", Severity::note,
                quoted(part) + " has " + std::to_string(m.open_edges) + " open edges, none of which a layer meets.",
                "part " + p.parts[i].name, 0, {part});
        if (m.flipped || m.duplicate || m.zero_area || m.inside_out) {
            std::string what;
            const auto say = [&](std::size_t n, const char* thing) {
                if (n)
                    what += (what.empty() ? "" : ", ") + std::to_string(n) + " " + thing;
            };
            say(m.flipped, "flipped faces turned round");
            say(m.duplicate, "duplicate faces dropped");
            say(m.zero_area, "faces without area dropped");
            if (m.inside_out)
                what += std::string(what.empty() ? "" : ", ") + "all of it was inside out";
            add("mesh-repaired", Severity::note, quoted(part) + " was mended for slicing: " + what + ".",
                "part " + p.parts[i].name, 0, {part});
        }
        if (s.crossing_layers)
            add("mesh-crossing", Severity::warning,
                quoted(part) + " crosses itself or holds overlapping bodies; in " + std::to_string(s.crossing_layers) +
                    " layers the outlines were united.",
                at_layer(s.first_crossing_layer), s.first_crossing_layer, {part});
    }
}

void Checker::unassigned() {
    for (std::size_t i = 0; i < p.parts.size(); ++i) {
        const int part = static_cast<int>(i);
        if (find_filament(p, p.parts[i].filament) >= 0)
            continue;
        const char first = p.filaments.front().letter;
        Finding& f = add("unassigned", Severity::error,
                         quoted(part) + " has no filament. It is planned in " + std::string(1, first) +
                             " until you give it one.",
                         "part " + p.parts[i].name, 0, {part});
        const std::string name = p.parts[i].name;
        f.fixes.push_back({std::string("give it ") + first, {}, [name, first](Project& q) {
                        if (const int k = find_part(q, name); k >= 0)
                            q.parts[k].filament = first;
                    }});
    }
}

} // namespace vitrail
