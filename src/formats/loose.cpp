#include "formats/loose.h"

#include "formats/files.h"
#include "formats/json.h"

#include <filesystem>
#include <set>

namespace vitrail {

namespace fs = std::filesystem;

namespace {

constexpr const char* kIndex = "/index.json";
constexpr const char* kSchema = "vitrail.loose-project/1";

/// The index as JSON.
Result<Json> read_index(const std::string& folder) {
    const Result<std::string> text = read_file(folder + kIndex);
    if (!text)
        return text.error();
    return parse_json(*text);
}

} // namespace

Status LooseFolder::write(const Project& project, const std::string& path, const WriteFile& write) {
    std::error_code ec;
    fs::create_directories(folder_, ec); // where that fails, writing says why
    std::map<std::string, Kept> now;
    Json files = Json::array();
    std::set<std::string> counted{"index.json"};
    for (const ArchiveFile& f : archive_files(project)) {
        const auto had = kept_.find(f.name);
        Kept& k = now[f.name];
        k.made_from = f.made_from;
        if (!f.made_from.empty() && had != kept_.end() && had->second.made_from == f.made_from) {
            k.file = had->second.file;
        } else {
            k.file = std::to_string(++written_) + ".part";
            if (const Status ok = write(folder_ + "/" + k.file, *f.bytes()); !ok)
                return ok;
        }
        files.push_back({{"name", f.name}, {"file", k.file}});
        counted.insert(k.file);
    }
    if (const Status ok =
            write(folder_ + kIndex, json_text({{"schema", kSchema}, {"path", path}, {"files", files}}));
        !ok)
        return ok;
    kept_ = std::move(now);
    for (const auto& entry : fs::directory_iterator(folder_, ec))
        if (!counted.count(entry.path().filename().string()))
            fs::remove(entry.path(), ec);
    return Done{};
}

void LooseFolder::remove() {
    kept_.clear();
    std::error_code ec;
    fs::remove(folder_ + kIndex, ec); // without it, nothing is found
    fs::remove_all(folder_, ec);
}

Result<std::string> loose_path(const std::string& folder) {
    const Result<Json> json = read_index(folder);
    if (!json)
        return json.error();
    try {
        return JsonReader(*json, "index").prose("path", "");
    } catch (const JsonMisfit& e) {
        return Error{say("{}.", e.message)};
    }
}

Result<LooseProject> read_loose(const std::string& folder, const Progress& progress) {
    const Result<Json> json = read_index(folder);
    if (!json)
        return json.error();
    try {
        const JsonReader r(*json, "index");
        if (r.text("schema") != kSchema)
            return Error{say("The schema is {}; this version reads {}.",
                             Name{repaired(r.text("schema").substr(0, 60))}, std::string(kSchema))};
        std::vector<ZipEntry> entries;
        for (std::size_t i = 0; i < r.list("files", 10000).size(); ++i) {
            const JsonReader f = r.item("files", i);
            const std::string file = f.prose("file");
            if (file.find('/') != std::string::npos)
                return Error{say("{} leads out of the folder.", f.place("file"))};
            Result<std::string> bytes = read_file(folder + "/" + file);
            if (!bytes)
                return bytes.error();
            entries.push_back({f.prose("name"), std::move(*bytes)});
        }
        Result<Project> project = read_archive_files(std::move(entries), progress);
        if (!project)
            return project.error();
        return LooseProject{std::move(*project), r.prose("path", "")};
    } catch (const JsonMisfit& e) {
        return Error{say("{}.", e.message)};
    }
}

} // namespace vitrail
