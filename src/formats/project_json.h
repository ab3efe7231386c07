// project.json, the heart of the archive. See docs/file-format.md.
#pragma once

#include "core/project/project.h"
#include "formats/json.h"
#include "formats/model.h"
#include "formats/zip.h"

#include <array>

namespace vitrail {

inline constexpr std::array kReadingUnits{"strip_mm", "mm3", "seconds"}; ///< [ReadingUnit]

/// Thrown for a project of a version to come.
struct NewerProject {
    int version;
};

Json project_to_json(const Project& project);
/// All settings by their keys: numbers as numbers, choices as words.
Json settings_to_json(const Settings& settings);

/// Also for the logbook. Throws JsonMisfit.
Json saving_to_json(const Saving& saving);
Saving saving_from_json(const JsonReader& r);

/// The json in the shape of today's version, whatever version it was written in. Throws JsonMisfit where it
/// is none, or newer.
Json migrated(Json json);

/// All but models and pieces. `r` reads a migrated json; throws JsonMisfit.
Project project_from_json(const JsonReader& r);
/// What a model file was multiplied by; files written before that could be have no list.
double scale_of(const JsonReader& r, std::size_t model);
/// The pieces, once the models have been read: [model][body]. What they take of `entries` loses its name.
void read_pieces(const JsonReader& r, const std::vector<std::vector<Body>>& bodies,
                 std::vector<ZipEntry>& entries, Project& project);
/// The picture, if there is one, with its files. Before the pieces: one may be made of it.
void read_picture(const JsonReader& r, std::vector<ZipEntry>& entries, Project& project);

/// Parts with paint, or a mesh that is no longer their file's, have a PLY file in the archive. Counted
/// through all pieces, from 0.
bool has_surface_file(const Part& part);
std::string surface_file(std::size_t part);
std::string support_file(std::size_t part);

/// A body of a file where it stands in that piece.
Mesh posed(const Piece& piece, double scale, Mesh mesh);

} // namespace vitrail
