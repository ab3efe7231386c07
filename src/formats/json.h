// Reading JSON that somebody else may have written: every value checked, every error with its place.
#pragma once

#include "core/base/result.h"
#include "core/base/text.h"

#include "formats/json_fwd.h"

#include <nlohmann/json.hpp>

#include <cmath>
#include <string>

namespace vitrail {

/// As text. What is no UTF-8 becomes U+FFFD: a file is written whatever it holds. `indent` −1: in one line.
std::string json_text(const Json& json, int indent = 2);

/// Parsed, or a sentence with line and column. Depth is bounded.
Result<Json> parse_json(const std::string& text);

/// Thrown by JsonReader and turned into an Error by read_json_with; never leaves formats/.
struct JsonMisfit {
    std::string message;
};

/// One object, and where it stands, for messages.
class JsonReader {
public:
    JsonReader(const Json& value, std::string where) : value_(value), where_(std::move(where)) {
        if (!value_.is_object())
            throw JsonMisfit{where_ + " must be an object"};
    }
    bool has(const char* key) const { return value_.contains(key) && !value_[key].is_null(); }
    double number(const char* key, double low, double high) const {
        const Json& v = at(key);
        if (!v.is_number() || !std::isfinite(v.get<double>()) || v.get<double>() < low || v.get<double>() > high)
            throw JsonMisfit{where_ + "." + key + " must be a number from " + Json(low).dump() + " to " + Json(high).dump()};
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
            throw JsonMisfit{where_ + "." + key + " must be a text"};
        return repaired(v.get_ref<const std::string&>());
    }
    std::string prose(const char* key, const std::string& otherwise) const { return has(key) ? prose(key) : otherwise; }
    std::string text(const char* key, const std::string& otherwise) const { return has(key) ? text(key) : otherwise; }
    bool truth(const char* key, bool otherwise) const {
        if (!has(key))
            return otherwise;
        if (!at(key).is_boolean())
            throw JsonMisfit{where_ + "." + key + " must be true or false"};
        return at(key).get<bool>();
    }
    const Json& list(const char* key, std::size_t most) const {
        const Json& v = at(key);
        if (!v.is_array() || v.size() > most)
            throw JsonMisfit{where_ + "." + key + " must be a list of at most " + std::to_string(most)};
        return v;
    }
    JsonReader object(const char* key) const { return {at(key), where_ + "." + key}; }
    JsonReader item(const char* key, std::size_t i) const {
        return {at(key)[i], where_ + "." + key + "[" + std::to_string(i) + "]"};
    }
    const std::string& where() const { return where_; }
    const Json& raw() const { return value_; }

private:
    const Json& at(const char* key) const {
        if (!value_.contains(key))
            throw JsonMisfit{where_ + "." + key + " is missing"};
        return value_[key];
    }
    const Json& value_;
    std::string where_;
};

/// `fresh` laid over `old`: keys of `old` that `fresh` does not have stay. List members that share a "letter", "name" or
/// "id" are laid over each other; others are taken from `fresh`.
Json laid_over(const Json& old, const Json& fresh);

} // namespace vitrail
