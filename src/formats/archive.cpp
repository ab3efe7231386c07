#include "formats/archive.h"

#include "formats/files.h"
#include "formats/json.h"
#include "formats/picture_json.h"
#include "formats/ply.h"
#include "formats/project_json.h"
#include "formats/variant_json.h"
#include "formats/zip.h"

#include <algorithm>

namespace vitrail {

std::vector<ArchiveFile> archive_files(const Project& p) {
    std::vector<ArchiveFile> files;
    files.push_back({"project.json", {}, [p] {
                         Json json = project_to_json(p);
                         if (p.as_read)
                             if (const Result<Json> before = parse_json(*p.as_read))
                                 json = laid_over(migrated(*before), json);
                         json["settings"].erase(kRetiredOverhang);
                         for (std::size_t i = 0; i < p.filaments.size() && i < json["filaments"].size(); ++i)
                             if (!p.filaments[i].measured)
                                 json["filaments"][i].erase("optics");
                         if (!p.picture)
                             json.erase("picture"); // the file it was read from may have had one
                         if (!p.origin)
                             json.erase("origin");
                         return std::make_shared<const std::string>(json_text(json) + "\n");
                     }});
    const auto kept = [&](const std::string& name, const std::shared_ptr<const std::string>& bytes) {
        files.push_back({name, {bytes}, [bytes] { return bytes; }});
    };
    const auto surface = [&](const std::string& name, const std::shared_ptr<const Mesh>& mesh,
                             const std::shared_ptr<const Paint>& paint) {
        files.push_back({name, {mesh, paint}, [mesh, paint] {
                             return std::make_shared<const std::string>(write_ply(*mesh, paint.get()));
                         }});
    };
    for (const ModelFile& m : p.models)
        kept("models/" + m.name, m.bytes);
    if (p.picture) {
        kept("pictures/" + p.picture->name, p.picture->bytes);
        if (const auto dots = p.picture->dots)
            files.push_back({kDotsFile, {dots}, [dots] {
                                 return std::make_shared<const std::string>(write_pgm(*dots));
                             }});
    }
    std::size_t n = 0;
    for (const Piece& piece : p.pieces)
        for (const Part& part : piece.parts) {
            if (has_surface_file(part))
                surface(surface_file(n), part.mesh, part.patches.empty() ? nullptr : part.paint);
            if (part.support_paint)
                surface(support_file(n), part.mesh, part.support_paint);
            ++n;
        }
    for (const ModelFile& f : p.other_files)
        kept(f.name, f.bytes);
    add_variant_files(p, files);
    return files;
}

Result<std::string> write_archive(const Project& p, const std::string& thumbnail_png) {
    std::vector<ZipEntry> entries;
    for (const ArchiveFile& f : archive_files(p))
        entries.push_back({f.name, *f.bytes()});
    if (!thumbnail_png.empty())
        entries.push_back({"thumbnail.png", thumbnail_png});
    return write_zip(entries);
}

Result<Project> read_archive(std::string_view bytes, const Progress& progress) {
    Result<std::vector<ZipEntry>> entries = read_zip(bytes);
    if (!entries)
        return entries.error();
    return read_archive_files(std::move(*entries), progress);
}

Result<Project> read_archive_files(std::vector<ZipEntry> entries, const Progress& progress) {
    const auto project = std::find_if(entries.begin(), entries.end(),
                                      [](const ZipEntry& e) { return e.name == "project.json"; });
    if (project == entries.end())
        return Error{say("There is no project.json in it, so this is no Vitrail project.")};
    const Result<Json> json = parse_json(project->bytes);
    if (!json)
        return Error{say("project.json: {}", json.error().message)};
    try {
        const Json now = migrated(*json);
        const JsonReader r(now, "project");
        Project p = project_from_json(r);
        std::vector<VariantFiles> variants = take_variant_files(r, entries);
        std::vector<std::vector<Body>> bodies;
        for (const Json& m : r.list("models", 1000)) {
            const std::string name = m.is_string() ? m.get<std::string>() : "";
            const auto file = std::find_if(entries.begin(), entries.end(),
                                           [&](const ZipEntry& e) { return e.name == name; });
            if (file == entries.end() || name.rfind("models/", 0) != 0)
                return Error{say("The model file {} is missing from the project.",
                                 Name{repaired(name.substr(0, 80))})};
            Result<std::vector<Body>> model = read_model(name, file->bytes, {}, progress);
            if (!model)
                return Error{say("{}: {}", name, model.error().message)};
            bodies.push_back(std::move(*model));
            p.models.push_back({name.substr(7), std::make_shared<std::string>(std::move(file->bytes)),
                                scale_of(r, p.models.size())});
            file->name.clear(); // taken
        }
        read_picture(r, entries, p);
        read_pieces(r, bodies, entries, p);
        for (ZipEntry& e : entries)
            if (!e.name.empty() && e.name != "project.json" && e.name != "thumbnail.png")
                p.other_files.push_back({e.name, std::make_shared<std::string>(std::move(e.bytes))});
        p.as_read = std::make_shared<std::string>(project->bytes);
        for (VariantFiles& v : variants) {
            Result<Project> read = read_archive_files(std::move(v.entries), progress);
            if (!read)
                return Error{say("The variant {}: {}", Name{v.name}, read.error().message)};
            read->variants.clear();
            read->asked.clear();
            std::erase_if(read->other_files, [](const ModelFile& f) {
                return f.name.rfind("models/", 0) == 0 || f.name.rfind("pictures/", 0) == 0;
            });
            share_alike(p, *read);
            p.variants.push_back(
                {free_variant_name(p, v.name), std::make_shared<const Project>(std::move(*read))});
        }
        return p;
    } catch (const NewerProject& e) {
        return Error{say("The project was written by a newer Vitrail (project version {}; this one reads up "
                         "to {}). Open it with that version.",
                         e.version, kProjectVersion)};
    } catch (const JsonMisfit& e) {
        return Error{say("project.json does not fit: {}.", e.message)};
    }
}

std::string read_thumbnail(const std::string& path) {
    constexpr std::size_t kMost = 1 << 20;
    return read_zip_file(path, "thumbnail.png", kMost);
}

Status save_project(const Project& p, const std::string& path, const std::string& thumbnail_png) {
    const Result<std::string> bytes = write_archive(p, thumbnail_png);
    if (!bytes)
        return bytes.error();
    return write_file(path, *bytes);
}

Result<Project> load_project(const std::string& path) {
    const Result<std::string> bytes = read_file(path);
    if (!bytes)
        return bytes.error();
    return read_archive(*bytes);
}

} // namespace vitrail
