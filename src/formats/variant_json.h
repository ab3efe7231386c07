// Variants, questions, orders and where a job comes from, in the archive. See docs/file-format.md.
#pragma once

#include "core/project/project.h"
#include "formats/archive.h"
#include "formats/json.h"

namespace vitrail {

/// What project.json says of them.
void variants_to_json(const Project& project, Json& json);
/// All but the variants themselves. Throws JsonMisfit.
void variants_from_json(const JsonReader& r, Project& project);

/// The files of all variants: an archive each, in a folder of its own, without what the project's own archive
/// has in the same place.
void add_variant_files(const Project& project, std::vector<ArchiveFile>& files);

/// A variant's archive, apart from that of the project.
struct VariantFiles {
    std::string name;
    std::vector<ZipEntry> entries;
};
/// Takes them out of `entries`, and gives each what it shares with the project: models and pictures. Throws
/// JsonMisfit.
std::vector<VariantFiles> take_variant_files(const JsonReader& r, std::vector<ZipEntry>& entries);
/// Meshes, paint and files of `variant` that are like those of `project` become the same ones, so that
/// planning it slices nothing anew.
void share_alike(const Project& project, Project& variant);

} // namespace vitrail
