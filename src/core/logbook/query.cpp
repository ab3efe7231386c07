#include "core/logbook/query.h"

#include "core/base/civil.h"

#include <algorithm>
#include <charconv>

namespace vitrail {

namespace {

struct Field {
    const char *name, *label;
    double (*of)(const PrintRecord&);
};

double known(const PrintRecord& r, Quantity q) {
    return r.at(q).real.value_or(r.at(q).foretold);
}

constexpr Field kFields[] = {
    {"hours", term("hours"), [](const PrintRecord& r) { return r.real_s().value_or(r.foretold_s()) / 3600; }},
    {"foretold", term("foretold"), [](const PrintRecord& r) { return r.foretold_s() / 3600; }},
    {"piece", term("piece"), [](const PrintRecord& r) { return known(r, Quantity::piece); }},
    {"purge", term("purge"), [](const PrintRecord& r) { return known(r, Quantity::purge); }},
    {"tower", term("tower"), [](const PrintRecord& r) { return known(r, Quantity::tower); }},
    {"waste", term("waste"), [](const PrintRecord& r) { return r.waste_g(); }},
    {"cost", term("cost"), [](const PrintRecord& r) { return r.cost; }},
    {"copies", term("copies"), [](const PrintRecord& r) { return double(r.copies); }},
    {"layers", term("layers"), [](const PrintRecord& r) { return double(r.layers); }},
    {"changes", term("changes"), [](const PrintRecord& r) { return double(r.changes); }},
    {"trips", term("trips"), [](const PrintRecord& r) { return double(r.trips); }},
    {"swaps", term("swaps"), [](const PrintRecord& r) { return double(r.hand_swaps); }},
    {"nozzle", term("nozzle"), [](const PrintRecord& r) { return r.nozzle_mm; }},
    {"date", term("date"), [](const PrintRecord& r) { return static_cast<double>(r.start_s); }},
};

const Field* find_field(std::string_view name) {
    const auto at =
        std::find_if(std::begin(kFields), std::end(kFields), [&](const Field& f) { return name == f.name; });
    return at == std::end(kFields) ? nullptr : at;
}

/// "2026", "2026-10" or "2026-10-03" as a moment; a decimal point or comma for the rest.
std::optional<double> value_of(std::string_view field, std::string text, const Zone& zone) {
    if (field == "date") {
        text += text.size() == 4 ? "-01-01" : text.size() == 7 ? "-01" : "";
        const auto day = parse_moment(text);
        return day ? std::optional(static_cast<double>(zone.utc_s(*day * 60))) : std::nullopt;
    }
    std::replace(text.begin(), text.end(), ',', '.');
    double v = 0;
    const auto end = std::from_chars(text.data(), text.data() + text.size(), v);
    return end.ec == std::errc() && end.ptr == text.data() + text.size() ? std::optional(v) : std::nullopt;
}

} // namespace

const std::vector<QueryField>& query_fields() {
    static const std::vector<QueryField> fields = [] {
        std::vector<QueryField> out;
        for (const Field& f : kFields)
            out.push_back({f.name, say(f.label)});
        return out;
    }();
    return fields;
}

Query parse_query(std::string_view text, const Zone& zone, const std::map<std::string, std::string>& names) {
    Query out;
    while (!text.empty()) {
        const std::size_t end = std::min(text.find(' '), text.size());
        const std::string_view word = text.substr(0, end);
        text.remove_prefix(std::min(end + 1, text.size()));
        if (word.empty())
            continue;
        if (const std::size_t sign = word.find_first_of("<>"); sign != std::string_view::npos) {
            std::string field(word.substr(0, sign));
            if (const auto own = names.find(field); own != names.end())
                field = own->second;
            const auto value =
                find_field(field) ? value_of(field, std::string(word.substr(sign + 1)), zone) : std::nullopt;
            if (value) {
                out.bounds.push_back({field, word[sign] == '>', *value});
                continue;
            }
        }
        if (word.size() > 1 && word[0] == '-')
            out.without.emplace_back(word.substr(1));
        else
            out.words.emplace_back(word);
    }
    return out;
}

bool within(const PrintRecord& r, const Query& query) {
    return std::all_of(query.bounds.begin(), query.bounds.end(), [&](const Query::Bound& b) {
        const Field* f = find_field(b.field);
        const double v = f ? f->of(r) : b.value;
        return b.field == "date" ? (b.above ? v >= b.value : v < b.value)
               : b.above         ? v > b.value
                                 : v < b.value;
    });
}

} // namespace vitrail
