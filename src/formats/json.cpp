#include "formats/json.h"

VITRAIL_JSON_IN_COMMON()

namespace vitrail {

std::string json_text(const Json& json, int indent) {
    return json.dump(indent, ' ', false, Json::error_handler_t::replace);
}

Result<Json> parse_json(const std::string& text) {
    // The parser recurses with the nesting; bound it before it runs.
    constexpr int kDeepest = 100;
    int depth = 0, line = 1;
    bool in_string = false, escaped = false;
    for (const char c : text) {
        line += c == '\n';
        if (in_string) {
            in_string = escaped || c != '"';
            escaped = !escaped && c == '\\';
            continue;
        }
        in_string = c == '"';
        depth += (c == '{' || c == '[') - (c == '}' || c == ']');
        if (depth > kDeepest)
            return Error{say("The JSON nests more than {} deep in line {}.", kDeepest, line)};
    }
    try {
        return Json::parse(text);
    } catch (const Json::parse_error& e) {
        const std::size_t at = std::min(e.byte, text.size());
        const auto lines = 1 + std::count(text.begin(), text.begin() + static_cast<std::ptrdiff_t>(at), '\n');
        return Error{say("The JSON cannot be read: a mistake in line {}.", lines)};
    } catch (const Json::out_of_range&) {
        return Error{say("The JSON cannot be read: it holds a number too large for any use.")};
    }
}

Json laid_over(const Json& old, const Json& fresh) {
    if (old.is_object() && fresh.is_object()) {
        Json out = fresh;
        for (const auto& [key, value] : old.items())
            out[key] = fresh.contains(key) ? laid_over(value, fresh[key]) : value;
        return out;
    }
    if (old.is_array() && fresh.is_array()) {
        const auto same = [](const Json& a, const Json& b) {
            if (!a.is_object() || !b.is_object())
                return false;
            for (const char* id : {"letter", "name", "id"})
                if (a.contains(id) && b.contains(id))
                    return a[id] == b[id];
            return false;
        };
        Json out = fresh;
        for (Json& item : out)
            for (const Json& before : old)
                if (same(item, before)) {
                    item = laid_over(before, item);
                    break;
                }
        return out;
    }
    return fresh;
}

} // namespace vitrail
