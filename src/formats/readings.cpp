#include "formats/readings.h"

#include "core/base/text.h"
#include "formats/csv.h"

#include <algorithm>
#include <charconv>
#include <cmath>

namespace vitrail {

Result<std::vector<Reading>> readings_from_csv(const std::string& text) {
    const auto records = csv_records(text.rfind("\xef\xbb\xbf", 0) == 0 ? text.substr(3) : text);
    if (records.empty())
        return Error{say("The file holds no readings: it is empty, or a quotation mark is not closed.")};
    const auto& header = records.front();
    std::size_t column[4];
    const char* names[] = {"from_rgb", "to_rgb", "delta_e", "clean_mm3"};
    for (int i = 0; i < 4; ++i) {
        const auto at = std::find(header.begin(), header.end(), names[i]);
        if (at == header.end())
            return Error{say("The first line must name the columns; {} is missing.", Name{names[i]})};
        column[i] = static_cast<std::size_t>(at - header.begin());
    }
    std::vector<Reading> readings;
    for (std::size_t l = 1; l < records.size(); ++l) {
        const auto field = [&](int i) {
            return column[i] < records[l].size() ? records[l][column[i]] : std::string();
        };
        const auto wrong = [&](int i, const Message& what) {
            return Error{say("Line {}: {} is {}; it must be {}.", l + 1, std::string(names[i]),
                             Name{one_line(field(i).substr(0, 40))}, what)};
        };
        const auto number = [&](int i, double low, double high) {
            const std::string s = field(i);
            double v = 0;
            const auto [end, error] = std::from_chars(s.data(), s.data() + s.size(), v);
            return error == std::errc() && end == s.data() + s.size() && v >= low && v <= high ? v
                                                                                               : std::nan("");
        };
        Reading r;
        const auto from = parse_colour(field(0)), to = parse_colour(field(1));
        if (!from)
            return wrong(0, say("a colour #rrggbb"));
        if (!to)
            return wrong(1, say("a colour #rrggbb"));
        r.from = *from;
        r.to = *to;
        r.delta_e = number(2, 0.2, 30);
        r.clean_mm3 = number(3, 0, 100000);
        if (std::isnan(r.delta_e))
            return wrong(2, say("a number from {} to 30", num(0.2)));
        if (std::isnan(r.clean_mm3))
            return wrong(3, say("a number of mm³ from 0 to 100000"));
        readings.push_back(r);
    }
    return readings;
}

std::string readings_to_csv(const std::vector<Reading>& readings) {
    std::string out = "from_rgb,to_rgb,delta_e,clean_mm3\r\n";
    const auto plain = [](double v) {
        char text[40];
        return std::string(text, std::to_chars(text, text + sizeof text, v).ptr);
    };
    for (const Reading& r : readings)
        out +=
            to_hex(r.from) + "," + to_hex(r.to) + "," + plain(r.delta_e) + "," + plain(r.clean_mm3) + "\r\n";
    return out;
}

} // namespace vitrail
