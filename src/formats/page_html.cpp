#include "formats/page_html.h"

#include "core/base/text.h"

#include <fmt/format.h>

namespace vitrail {

namespace {

constexpr const char* kStyle =
    "body{font:15px/1.45 Inter,sans-serif;margin:2em auto;max-width:62em;color:#16181c;background:#fff}\n"
    "h1{margin:0 0 .4em}h2{margin:1.4em 0 .4em;border-bottom:2px solid #16181c}\n"
    "table{border-collapse:collapse;width:100%}th,td{text-align:left;padding:.3em .6em;border-bottom:1px "
    "solid #bbb;vertical-align:middle}\n"
    ".n{text-align:right}li{margin:.2em 0}.warn{border-left:4px solid "
    "#a33;padding-left:.8em}figure{display:inline-block;margin:.6em 1.2em .6em 0;vertical-align:top}\n"
    "@media print{body{margin:0}tr,figure{break-inside:avoid}}\n";

class Writer {
public:
    Writer(const Language& language, const std::function<std::string(const std::string&)>& source)
        : language_(language), source_(source) {}

    std::string words(const Message& m) const { return html_escaped(in_words(m, language_)); }
    std::string image(const std::string& png, int width) const {
        if (png.empty())
            return {};
        return "<img" + (width > 0 ? fmt::format(" width=\"{}\"", width) : std::string()) +
               " alt=\"\" src=\"" + (source_ ? source_(png) : "data:image/png;base64," + base64(png)) + "\">";
    }
    std::string box(char letter, Srgb colour) const {
        if (!letter)
            return {};
        const bool dark =
            contrast_ratio(colour, {0xff, 0xff, 0xff}) > contrast_ratio(colour, {0x16, 0x18, 0x1c});
        return fmt::format("<span style=\"background-color:{};color:{};border:1px solid #16181c;padding:0 "
                           ".35em;font-weight:bold\">&nbsp;{}&nbsp;</span>&nbsp;",
                           to_hex(colour), dark ? "#ffffff" : "#16181c", letter);
    }
    std::string block(const PageBlock& b) const {
        using Kind = PageBlock::Kind;
        switch (b.kind) {
        case Kind::heading:
            return "<h2>" + words(b.text) + "</h2>\n";
        case Kind::text:
            return "<p>" + words(b.text) + "</p>\n";
        case Kind::warning:
            return "<p class=\"warn\"><strong>" + words(b.text) + "</strong></p>\n";
        case Kind::list:
        case Kind::steps:
            return list(b);
        case Kind::table:
            return table(b);
        case Kind::pictures:
            return pictures(b);
        }
        return {};
    }

private:
    std::string list(const PageBlock& b) const {
        const bool steps = b.kind == PageBlock::Kind::steps;
        std::string h = steps ? "<ol>" : "<ul>";
        for (const Message& m : b.items)
            h += "<li>" + std::string(steps ? "\u2610 " : "") + words(m) + "</li>";
        return h + (steps ? "</ol>\n" : "</ul>\n");
    }
    std::string table(const PageBlock& b) const {
        std::string h = "<table cellspacing=\"0\" cellpadding=\"3\" width=\"100%\">";
        for (std::size_t i = 0; i < b.rows.size(); ++i) {
            const std::string tag = i == 0 ? "th" : "td";
            h += "<tr>";
            for (const PageCell& c : b.rows[i])
                h += "<" + tag + (c.number ? " class=\"n\" align=\"right\"" : " align=\"left\"") + ">" +
                     image(c.png, 96) + box(c.letter, c.colour) + words(c.text) + "</" + tag + ">";
            h += "</tr>\n";
        }
        return h + "</table>\n";
    }
    std::string pictures(const PageBlock& b) const {
        std::string h = "<div>";
        for (const PagePicture& p : b.pictures)
            h += "<figure>" + image(p.png, p.width) + "<figcaption>" + words(p.caption) +
                 "</figcaption></figure>";
        return h + "</div>\n";
    }

    const Language& language_;
    const std::function<std::string(const std::string&)>& source_;
};

constexpr std::string_view kDigits = "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789+/";

} // namespace

std::string base64(std::string_view bytes) {
    std::string out;
    for (std::size_t i = 0; i < bytes.size(); i += 3) {
        unsigned bits = 0;
        for (std::size_t k = 0; k < 3; ++k)
            bits = bits << 8 | (i + k < bytes.size() ? static_cast<unsigned char>(bytes[i + k]) : 0u);
        for (std::size_t k = 0; k < 4; ++k)
            out += i + k > bytes.size() ? '=' : kDigits[bits >> (18 - 6 * k) & 63];
    }
    return out;
}

std::string from_base64(std::string_view text) {
    std::string out;
    unsigned bits = 0;
    int held = 0;
    for (const char c : text) {
        const std::size_t digit = kDigits.find(c);
        if (digit == std::string_view::npos)
            continue;
        bits = bits << 6 | static_cast<unsigned>(digit);
        held += 6;
        if (held >= 8)
            out += static_cast<char>(bits >> (held -= 8) & 255);
    }
    return out;
}

std::string page_html(const Page& page, const Language& language,
                      const std::function<std::string(const std::string& png)>& source) {
    const Writer w(language, source);
    const std::string title = w.words(page.title);
    std::string h = "<!DOCTYPE html>\n<html lang=\"" + language.code() +
                    "\"><head><meta charset=\"utf-8\"><title>" + title + "</title><style>\n" + kStyle +
                    "</style></head><body>\n<h1>" + title + "</h1>\n";
    for (const PageBlock& b : page.blocks)
        h += w.block(b);
    return h + "</body></html>\n";
}

} // namespace vitrail
