#include "formats/model.h"

#include "formats/files.h"

#include <algorithm>
#include <cctype>

namespace vitrail {

Result<std::vector<Body>> read_model(const std::string& name, std::string_view bytes) {
    std::string ending = name.substr(std::min(name.size(), name.rfind('.')));
    std::transform(ending.begin(), ending.end(), ending.begin(), [](unsigned char c) { return std::tolower(c); });
    const std::string stem = file_stem(name);
    if (bytes.empty())
        return Error{"The file is empty."};
    if (bytes.substr(0, 2) == "PK" || ending == ".3mf")
        return read_3mf(stem, bytes);
    if (ending == ".obj")
        return read_obj(stem, bytes);
    if (ending == ".stl")
        return read_stl(stem, bytes);
    return Error{"Vitrail reads 3MF, STL and OBJ files; this is none of them."};
}

} // namespace vitrail
