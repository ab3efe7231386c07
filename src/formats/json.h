// Reading JSON that somebody else may have written: every value checked, every error with its place.
#pragma once

#include "core/base/result.h"
#include "core/base/text.h"

#include "formats/json_fwd.h"

#include <nlohmann/json.hpp>

#include <cmath>
#include <string>

// What every file that makes or reads JSON calls, compiled once, in json.cpp. Members are named through the
// template, not through ordered_json, as the standard asks.
#define VITRAIL_JSON_IN_COMMON(EXTERN)                                                                       \
    namespace nlohmann {                                                                                     \
    EXTERN template basic_json<ordered_map>::basic_json(const ordered_json&);                                \
    EXTERN template basic_json<ordered_map>::basic_json(ordered_json::initializer_list_t, bool,              \
                                                        ordered_json::value_t);                              \
    EXTERN template basic_json<ordered_map>::~basic_json();                                                  \
    EXTERN template ordered_json basic_json<ordered_map>::array(ordered_json::initializer_list_t);           \
    EXTERN template void basic_json<ordered_map>::push_back(ordered_json&&);                                 \
    EXTERN template std::string basic_json<ordered_map>::dump(int, char, bool,                               \
                                                              ordered_json::error_handler_t) const;          \
    EXTERN template ordered_json::const_reference                                                            \
        basic_json<ordered_map>::operator[](ordered_json::size_type) const;                                  \
    EXTERN template ordered_json::reference basic_json<ordered_map>::operator[](ordered_json::size_type);    \
    }
VITRAIL_JSON_IN_COMMON(extern)

namespace vitrail {

/// As text. What is no UTF-8 becomes U+FFFD: a file is written whatever it holds. `indent` −1: in one line.
std::string json_text(const Json& json, int indent = 2);

/// Parsed, or a sentence with line and column. Depth is bounded.
Result<Json> parse_json(const std::string& text);

/// Thrown by JsonReader and turned into an Error by read_json_with; never leaves formats/.
struct JsonMisfit {
    Message message;
};

/// One object, and where it stands, for messages.
class JsonReader {
public:
    JsonReader(const Json& value, std::string where) : value_(value), where_(std::move(where)) {
        if (!value_.is_object())
            throw JsonMisfit{say("{} must be an object", where_)};
    }
    bool has(const char* key) const { return value_.contains(key) && !value_[key].is_null(); }
    double number(const char* key, double low, double high) const {
        const Json& v = at(key);
        if (!v.is_number() || !std::isfinite(v.get<double>()) || v.get<double>() < low ||
            v.get<double>() > high)
            throw JsonMisfit{
                say("{} must be a number from {} to {}", place(key), Json(low).dump(), Json(high).dump())};
        return v.get<double>();
    }
    double number(const char* key, double low, double high, double otherwise) const {
        return has(key) ? number(key, low, high) : otherwise;
    }
    /// One line, for names; prose() may have several.
    std::string text(const char* key) const { return one_line(prose(key)); }
    std::string prose(const char* key) const {
        const Json& v = at(key);
        if (!v.is_string() || v.get_ref<const std::string&>().size() > 4096)
            throw JsonMisfit{say("{} must be a text", place(key))};
        return repaired(v.get_ref<const std::string&>());
    }
    std::string prose(const char* key, const std::string& otherwise) const {
        return has(key) ? prose(key) : otherwise;
    }
    std::string text(const char* key, const std::string& otherwise) const {
        return has(key) ? text(key) : otherwise;
    }
    bool truth(const char* key, bool otherwise) const {
        if (!has(key))
            return otherwise;
        if (!at(key).is_boolean())
            throw JsonMisfit{say("{} must be true or false", place(key))};
        return at(key).get<bool>();
    }
    const Json& list(const char* key, std::size_t most) const {
        const Json& v = at(key);
        if (!v.is_array() || v.size() > most)
            throw JsonMisfit{say("{} must be a list of at most {}", place(key), most)};
        return v;
    }
    JsonReader object(const char* key) const { return {at(key), place(key)}; }
    JsonReader item(const char* key, std::size_t i) const {
        return {at(key)[i], place(key) + "[" + std::to_string(i) + "]"};
    }
    const std::string& where() const { return where_; }
    /// Where a value of it stands.
    std::string place(const std::string& key) const { return where_ + "." + key; }
    const Json& raw() const { return value_; }

private:
    const Json& at(const char* key) const {
        if (!value_.contains(key))
            throw JsonMisfit{say("{} is missing", place(key))};
        return value_[key];
    }
    const Json& value_;
    std::string where_;
};

/// `fresh` laid over `old`: keys of `old` that `fresh` does not have stay. List members that share a
/// "letter", "name" or "id" are laid over each other; others are taken from `fresh`.
Json laid_over(const Json& old, const Json& fresh);

} // namespace vitrail
