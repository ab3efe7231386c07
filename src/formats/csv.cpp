#include "formats/csv.h"

#include <charconv>

namespace vitrail {

namespace {

/// Apostrophes, at least `least` of them, and then what begins a formula.
bool begins_formula(const std::string& s, std::size_t least) {
    const std::size_t at = s.find_first_not_of('\'');
    return at != std::string::npos && at >= least &&
           std::string_view("=+-@").find(s[at]) != std::string_view::npos;
}

bool is_number(const std::string& s) {
    double v = 0;
    const auto [end, error] = std::from_chars(s.data(), s.data() + s.size(), v);
    return error == std::errc() && end == s.data() + s.size();
}

std::string unguarded(std::string s) {
    return begins_formula(s, 1) ? s.substr(1) : std::move(s);
}

} // namespace

std::string csv_field(const std::string& text) {
    const std::string s = begins_formula(text, 0) && !is_number(text) ? "'" + text : text;
    if (s.find_first_of(",\"\r\n") == std::string::npos)
        return s;
    std::string q = "\"";
    for (const char c : s)
        q += c == '"' ? std::string("\"\"") : std::string(1, c);
    return q + "\"";
}

std::vector<std::vector<std::string>> csv_records(const std::string& text) {
    std::vector<std::vector<std::string>> records;
    std::vector<std::string> record;
    std::string field;
    bool quoted_field = false, any = false;
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        if (quoted_field) {
            if (c == '"' && i + 1 < text.size() && text[i + 1] == '"')
                field += '"', ++i;
            else if (c == '"')
                quoted_field = false;
            else
                field += c;
            continue;
        }
        if (c == '"' && field.empty())
            quoted_field = any = true;
        else if (c == ',') {
            record.push_back(unguarded(std::move(field)));
            field.clear();
            any = true;
        } else if (c == '\n' || c == '\r') {
            if (any || !field.empty()) {
                record.push_back(unguarded(std::move(field)));
                records.push_back(std::move(record));
            }
            field.clear();
            record.clear();
            any = false;
        } else {
            field += c;
        }
    }
    if (quoted_field)
        return {};
    if (any || !field.empty()) {
        record.push_back(unguarded(std::move(field)));
        records.push_back(std::move(record));
    }
    return records;
}

} // namespace vitrail
