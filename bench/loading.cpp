#include "bench.h"

#include "demo/solids.h"
#include "formats/files.h"
#include "formats/model.h"

#include <assimp/Importer.hpp>
#include <assimp/postprocess.h>
#include <assimp/scene.h>

#include <filesystem>

namespace vitrail::bench {

void bench_loading(Table& table) {
    const std::string path = (std::filesystem::temp_directory_path() / "vitrail-bench.stl").string();
    if (!write_file(path, write_stl(solids::torus(40, 16, 1000, 500), "bench")))
        return;
    std::size_t ours_vertices = 0, theirs_vertices = 0;
    const double ours = fastest(3, [&] {
        const auto bytes = read_file(path);
        const auto bodies = read_stl("bench", *bytes);
        ours_vertices = (*bodies)[0].mesh.vertices.size();
    });
    const double theirs = fastest(1, [&] {
        Assimp::Importer importer;
        // STL brings a normal a face; without it, corners can be welded as ours are.
        importer.SetPropertyInteger(AI_CONFIG_PP_RVC_FLAGS, aiComponent_NORMALS);
        const aiScene* scene = importer.ReadFile(
            path, aiProcess_RemoveComponent | aiProcess_JoinIdenticalVertices | aiProcess_FindDegenerates |
                      aiProcess_FindInvalidData | aiProcess_ValidateDataStructure);
        theirs_vertices = scene && scene->mNumMeshes ? scene->mMeshes[0]->mNumVertices : 0;
    });
    std::filesystem::remove(path);
    table.push_back({"STL of 1,000,000 triangles: loaded, welded, checked", seconds(ours),
                     "Assimp " + seconds(theirs), times(theirs / ours), "≥ 5×", theirs / ours >= 5});
    table.push_back({"… corners after welding", std::to_string(ours_vertices),
                     "Assimp " + std::to_string(theirs_vertices), "", "", true});
}

} // namespace vitrail::bench
