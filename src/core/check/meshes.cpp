#include "core/check/checker.h"

#include "core/geometry/cut.h"
#include "core/project/regions.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

void Checker::meshes() {
    for (std::size_t i = 0; i < piece.parts.size(); ++i) {
        const int part = static_cast<int>(i);
        const MeshCheck& m = piece.parts[i].mesh->check;
        const SliceCheck& s = made.table->parts[i].check;
        const Message open_edges =
            counted("{} open edge", "{} open edges", static_cast<long long>(m.open_edges));
        if (m.not_finite)
            add("mesh-not-finite", Severity::error,
                counted("{1} has {0} triangle with corners that are no usable numbers; it was left out. "
                        "Export the model again.",
                        "{1} has {0} triangles with corners that are no usable numbers; they were left out. "
                        "Export the model again.",
                        static_cast<long long>(m.not_finite), quoted(part)),
                in_part(part), 0, {part});
        if (piece.parts[i].mesh->triangles.empty())
            add("empty-part", Severity::error,
                say("{} has no usable triangle, so nothing of it is planned.", quoted(part)), in_part(part),
                0, {part});
        if (s.open_layers)
            add("mesh-open", s.widest_gap_mm > 1 ? Severity::error : Severity::warning,
                say("{} has holes: {}. In {} the outline was closed by straight lines of up to {}. Look at "
                    "those layers, or close the mesh in the program it comes from.",
                    quoted(part), open_edges, counted("{} layer", "{} layers", s.open_layers),
                    mm(s.widest_gap_mm)),
                at_layer(s.first_open_layer), s.first_open_layer, {part});
        else if (m.open_edges)
            add("mesh-open", Severity::note,
                say("{} has {}, none of which a layer meets.", quoted(part), open_edges), in_part(part), 0,
                {part});
        List mended;
        if (m.flipped)
            mended.items.emplace_back(counted("{} flipped face turned round", "{} flipped faces turned round",
                                              static_cast<long long>(m.flipped)));
        if (m.duplicate)
            mended.items.emplace_back(counted("{} duplicate face dropped", "{} duplicate faces dropped",
                                              static_cast<long long>(m.duplicate)));
        if (m.zero_area)
            mended.items.emplace_back(counted("{} face without area dropped", "{} faces without area dropped",
                                              static_cast<long long>(m.zero_area)));
        if (m.inside_out)
            mended.items.emplace_back(say("all of it was inside out"));
        if (!mended.items.empty())
            add("mesh-repaired", Severity::note, say("{} was mended for slicing: {}.", quoted(part), mended),
                in_part(part), 0, {part});
        if (s.crossing_layers)
            add("mesh-crossing", Severity::warning,
                counted(
                    "{1} crosses itself or holds overlapping bodies; in {0} layer the outlines were united.",
                    "{1} crosses itself or holds overlapping bodies; in {0} layers the outlines were united.",
                    s.crossing_layers, quoted(part)),
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
        const double size =
            std::max({double(b.max.x) - b.min.x, double(b.max.y) - b.min.y, double(b.max.z) - b.min.z});
        const bool speck = size < kSpeck_mm;
        if (!speck && size <= room)
            continue;
        Finding& f = add("unit", Severity::warning,
                         say(speck ? term("{} is {} across at most, a speck. It may have been written in "
                                          "another unit than millimetres.")
                                   : term("{} is {} long, more than the printer holds. It may have been "
                                          "written in another unit than millimetres."),
                             Name{p.models[k].name}, mm(size, speck ? 3 : 0)),
                         say("file {}", p.models[k].name));
        const struct {
            const char *read, *undo;
            double mm;
        } units[] = {{term("read it in inches"), term("undo a reading in inches"), 25.4},
                     {term("read it in centimetres"), term("undo a reading in centimetres"), 10},
                     {term("read it in metres"), term("undo a reading in metres"), 1000}};
        for (const auto& unit : units) {
            const double factor = speck ? unit.mm : 1 / unit.mm, then = size * factor;
            if (then < kSpeck_mm || then > room)
                continue;
            f.fixes.push_back({say(speck ? unit.read : unit.undo), say("it is {} then", mm(then, 1)),
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
        Finding& f =
            add("unassigned", Severity::error,
                say("{} has no filament. It is planned in {} until you give it one.", quoted(part), first),
                in_part(part), 0, {part});
        const std::string name = piece.parts[i].name;
        f.fixes.push_back({say("give it {}", first), {}, [name, first](Project& q) {
                               change_part(q, name, [&](Piece&, Part& part) { part.filament = first; });
                           }});
    }
}

/// A file that gives one part of several bodies, as an STL does, which knows no bodies.
void Checker::several_bodies() {
    constexpr int kMost = 64; // more are grains or letters, and nobody's parts
    for (std::size_t i = 0; i < piece.parts.size(); ++i) {
        const Part& part = piece.parts[i];
        const auto of_file = std::count_if(piece.parts.begin(), piece.parts.end(),
                                           [&](const Part& other) { return other.model == part.model; });
        if (part.model < 0 || part.own_mesh || of_file > 1 || part.mesh->shells < 2 ||
            part.mesh->shells > kMost)
            continue;
        int bodies = 0;
        bodies_of_shells(*part.mesh, bodies);
        if (bodies < 2)
            continue;
        Finding& f =
            add("several-bodies", Severity::note,
                say("{} is one part of {} separate bodies. Split, each can have a filament of its own.",
                    quoted(static_cast<int>(i)), bodies),
                in_part(static_cast<int>(i)), 0, {static_cast<int>(i)});
        f.fixes.push_back(
            {say("split it"), counted("{} part", "{} parts", bodies), [name = part.name](Project& q) {
                 if (const PartAt at = find_part(q, name); at.part >= 0)
                     split_part(q, at.piece, at.part);
             }});
    }
}

} // namespace vitrail
