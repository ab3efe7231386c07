// The names of our JSON types, without the library behind them.
#pragma once

#include <nlohmann/json_fwd.hpp>

namespace vitrail {

using Json = nlohmann::ordered_json;
class JsonReader;

} // namespace vitrail
