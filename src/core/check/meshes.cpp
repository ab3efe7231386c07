#include "core/check/checker.h"

#include "core/base/text.h"
#include "core/project/regions.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

void Checker::meshes() {
    for (std::size_t i = 0; i < piece.parts.size(); ++i) {
        const int part = static_cast<int>(i);
        const MeshCheck& m = piece.parts[i].mesh->check;
        const SliceCheck& s = made.table->parts[i].check;
        if (m.not_finite)
            add("mesh-not-finite", Severity::error,
                quoted(part) + " has " + std::to_string(m.not_finite) +
                    " triangles with corners that are no usable numbers; they were left out. Export the model again.",
                "part " + piece.parts[i].name, 0, {part});
        if (piece.parts[i].mesh->triangles.empty())
            add("empty-part", Severity::error, quoted(part) + " has no usable triangle, so nothing of it is planned.",
                "part " + piece.parts[i].name, 0, {part});
        if (s.open_layers)
            add("mesh-open", s.widest_gap_mm > 1 ? Severity::error : Severity::warning,
                quoted(part) + " has holes: " + counted(static_cast<long long>(m.open_edges), "open edge", "open edges") + ". In " +
                    counted(s.open_layers, "layer", "layers") + " the outline was closed by straight lines of up to " +
                    mm(s.widest_gap_mm) + ". Look at those layers, or close the mesh in the program it comes from.",
                at_layer(s.first_open_layer), s.first_open_layer, {part});
        else if (m.open_edges)
            add("mesh-open", Severity::note,
                quoted(part) + " has " + counted(static_cast<long long>(m.open_edges), "open edge", "open edges") + ", none of which a layer meets.",
                "part " + piece.parts[i].name, 0, {part});
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
                "part " + piece.parts[i].name, 0, {part});
        }
        if (s.crossing_layers)
            add("mesh-crossing", Severity::warning,
                quoted(part) + " crosses itself or holds overlapping bodies; in " + std::to_string(s.crossing_layers) +
                    " layers the outlines were united.",
                at_layer(s.first_crossing_layer), s.first_crossing_layer, {part});
    }
}

void Checker::units() {
    // Whoever prints at home prints neither specks nor furniture; common practice, no source for the 5 mm.
    constexpr double kSpeck_mm = 5;
    const double room = std::max({p.machine.bed_x_mm, p.machine.bed_y_mm, p.machine.height_mm});
    for (std::size_t k = 0; k < p.models.size(); ++k) {
        Bounds b;
        for (const Part& part : piece.parts)
            if (part.model == static_cast<int>(k))
                b.add(part.mesh->bounds);
        if (b.empty())
            continue;
        const double size = std::max({double(b.max.x) - b.min.x, double(b.max.y) - b.min.y, double(b.max.z) - b.min.z});
        const bool speck = size < kSpeck_mm;
        if (!speck && size <= room)
            continue;
        Finding& f = add("unit", Severity::warning,
                         "\u201c" + p.models[k].name + "\u201d is " + mm(size, speck ? 3 : 0) + (speck ? " across at most, a speck" : " long, more than the printer holds") +
                             ". It may have been written in another unit than millimetres.",
                         "file " + p.models[k].name);
        const struct { const char* name; double mm; } units[] = {{"inches", 25.4}, {"centimetres", 10}, {"metres", 1000}};
        for (const auto& unit : units) {
            const double factor = speck ? unit.mm : 1 / unit.mm, then = size * factor;
            if (then < kSpeck_mm || then > room)
                continue;
            f.fixes.push_back({speck ? std::string("read it in ") + unit.name : std::string("undo a reading in ") + unit.name, "it is " + mm(then, 1) + " then",
                               [name = p.models[k].name, factor](Project& q) {
                                   for (std::size_t m = 0; m < q.models.size(); ++m)
                                       if (q.models[m].name == name)
                                           scale_model(q, static_cast<int>(m), factor);
                               }});
        }
    }
}

void Checker::unassigned() {
    for (std::size_t i = 0; i < piece.parts.size(); ++i) {
        const int part = static_cast<int>(i);
        if (find_filament(p, piece.parts[i].filament) >= 0)
            continue;
        const char first = p.filaments.front().letter;
        Finding& f = add("unassigned", Severity::error,
                         quoted(part) + " has no filament. It is planned in " + std::string(1, first) +
                             " until you give it one.",
                         "part " + piece.parts[i].name, 0, {part});
        const std::string name = piece.parts[i].name;
        f.fixes.push_back({std::string("give it ") + first, {}, [name, first](Project& q) {
                        change_part(q, name, [&](Piece&, Part& part) { part.filament = first; });
                    }});
    }
}

} // namespace vitrail
