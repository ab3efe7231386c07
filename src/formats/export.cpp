#include "formats/export.h"

#include "core/geometry/cut.h"
#include "core/picture/make.h"
#include "formats/model.h"

namespace vitrail {

namespace {

std::vector<Body> named(const Project& p, const std::vector<FilamentBody>& bodies) {
    std::vector<Body> out;
    for (const FilamentBody& b : bodies) {
        const Filament& f = p.filaments[static_cast<std::size_t>(b.filament)];
        Body body;
        body.name = b.name.empty() ? std::string(1, f.letter) + " " + f.name : b.name;
        body.mesh = b.mesh;
        body.colour = f.colour;
        body.material = f.name;
        out.push_back(std::move(body));
    }
    return out;
}

/// Where those of a piece stand; none in a project of one piece.
std::vector<Stand> stands_of(const Project& p, const Plan& plan, int piece) {
    std::vector<Stand> stands;
    if (p.pieces.size() == 1)
        return stands;
    const LayerTable& table = *plan.pieces[static_cast<std::size_t>(piece)].table;
    const Vec3 middle = (table.bounds.min + table.bounds.max) * 0.5f;
    for (const Placed& x : plan.plate.placed)
        if (x.piece == piece)
            stands.push_back({x.turn_deg,
                              {middle.x, middle.y, static_cast<float>(table.bed_z_mm)},
                              {static_cast<float>(x.origin_x_mm), static_cast<float>(x.origin_y_mm), 0}});
    return stands;
}

/// Each band of a picture in layers, from below.
std::vector<FilamentBody> band_bodies(const Project& p) {
    std::vector<FilamentBody> out;
    for (PictureBody& b : picture_band_bodies(*p.picture))
        out.push_back({std::max(0, find_filament(p, b.filament)), *b.mesh, std::move(b.name)});
    return out;
}

/// A name for a file, whatever system it is on.
std::string file_safe(const std::string& text) {
    std::string name;
    const auto safe = [](char c) {
        return (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z') || (c >= '0' && c <= '9');
    };
    for (const char c : text)
        name += safe(c) ? c : '-';
    return name;
}

} // namespace

std::vector<std::vector<FilamentBody>> bodies_of_pieces(const Project& p, const Plan& plan, ExportBy by) {
    std::vector<std::vector<FilamentBody>> out;
    for (std::size_t i = 0; i < p.pieces.size(); ++i) {
        const Piece& piece = p.pieces[i];
        const bool of_picture = p.picture && p.picture->dots && p.picture->piece == piece.name &&
                                p.picture->use == PictureUse::relief;
        if (by == ExportBy::part) {
            out.emplace_back();
            for (const Part& part : piece.parts)
                out.back().push_back({std::max(0, find_filament(p, part.filament)), *part.mesh, part.name});
        } else if (by == ExportBy::band && of_picture)
            out.push_back(band_bodies(p));
        else
            out.push_back(
                filament_bodies(p, piece, *plan.pieces[i].table, *plan.pieces[i].demand, plan.pieces[i]));
    }
    return out;
}

Result<std::string> export_3mf(const Project& p, const Plan& plan,
                               const std::vector<std::vector<FilamentBody>>& bodies) {
    std::vector<Assembly> out;
    for (std::size_t i = 0; i < bodies.size(); ++i) {
        std::vector<Stand> stands = stands_of(p, plan, static_cast<int>(i));
        if (bodies.size() == 1 || !stands.empty()) // what found no place is not built
            out.push_back({p.pieces[i].name, named(p, bodies[i]), std::move(stands)});
    }
    return write_3mf(out);
}

std::vector<std::pair<std::string, std::string>>
export_stl(const Project& p, const Plan& plan, const std::vector<std::vector<FilamentBody>>& bodies) {
    std::vector<std::pair<std::string, std::string>> files;
    for (std::size_t i = 0; i < bodies.size(); ++i)
        for (const FilamentBody& b : bodies[i])
            if (!b.name.empty()) { // by itself
                std::vector<Mesh> stood_up;
                if (bodies.size() == 1)
                    stood_up.push_back(b.mesh);
                for (const Stand& stand : stands_of(p, plan, static_cast<int>(i)))
                    stood_up.push_back(with_points(b.mesh, [&](Vec3 v) { return stood(stand, v); }));
                std::vector<const Mesh*> all;
                for (const Mesh& m : stood_up)
                    all.push_back(&m);
                if (!all.empty())
                    files.emplace_back(
                        std::string(1, p.filaments[static_cast<std::size_t>(b.filament)].letter) +
                            file_safe("-" + b.name) + ".stl",
                        write_stl(all.size() == 1 ? stood_up.front() : joined(all).mesh, "Vitrail"));
            }
    for (std::size_t f = 0; f < p.filaments.size(); ++f) {
        std::vector<Mesh> meshes;
        for (std::size_t i = 0; i < bodies.size(); ++i)
            for (const FilamentBody& b : bodies[i]) {
                if (b.filament != static_cast<int>(f) || !b.name.empty())
                    continue;
                if (bodies.size() == 1)
                    meshes.push_back(b.mesh);
                for (const Stand& stand : stands_of(p, plan, static_cast<int>(i)))
                    meshes.push_back(with_points(b.mesh, [&](Vec3 v) { return stood(stand, v); }));
            }
        if (meshes.empty())
            continue;
        std::vector<const Mesh*> all;
        for (const Mesh& m : meshes)
            all.push_back(&m);
        const Filament& x = p.filaments[f];
        files.emplace_back(std::string(1, x.letter) + file_safe("-" + x.name) + ".stl",
                           write_stl(all.size() == 1 ? meshes.front() : joined(all).mesh,
                                     "Vitrail " + std::string(1, x.letter)));
    }
    return files;
}

} // namespace vitrail
