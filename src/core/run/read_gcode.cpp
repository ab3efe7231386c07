#include "core/run/read_gcode.h"

#include "core/base/text.h"
#include "core/run/moves.h"

#include <algorithm>
#include <bit>
#include <charconv>
#include <cmath>
#include <cstring>
#include <limits>
#include <numbers>

namespace vitrail {

namespace {

constexpr int kMostTools = 256;
constexpr double kSameHeight = 0.0015; ///< mm; files write three decimals at most
constexpr double kLongest = 1e6;       ///< mm; what lies farther is a mistake in the file

bool is_space(char c) {
    return c == ' ' || c == '\t' || c == '\r';
}

bool is_digit(char c) {
    return c >= '0' && c <= '9';
}

/// The bytes that are no digits, each by its highest bit.
std::uint64_t no_digits(std::uint64_t bytes) {
    const std::uint64_t d = bytes ^ 0x3030303030303030u;
    return (((d & 0x7f7f7f7f7f7f7f7fu) + 0x7676767676767676u) | d) & 0x8080808080808080u;
}

/// Eight digits at once, the first in the lowest byte (Lemire 2018, "Quickly parsing eight digits").
std::uint64_t eight_digits(std::uint64_t v) {
    v = (v & 0x0f0f0f0f0f0f0f0fu) * 2561 >> 8;
    v = (v & 0x00ff00ff00ff00ffu) * 6553601 >> 16;
    return (v & 0x0000ffff0000ffffu) * 42949672960001u >> 32;
}

/// A decimal number at p; moves p behind it. Without exponents, which this language
/// does not have: in "X10E5" E is a word. Files hold few digits, which fit a whole number; what does not goes
/// the exact way. Up to `readable` bytes may be looked at.
bool read_number(const char*& p, const char* end, const char* readable, double& out) {
    static constexpr double kTenth[] = {1,    1e-1, 1e-2,  1e-3,  1e-4,  1e-5,  1e-6,  1e-7,
                                        1e-8, 1e-9, 1e-10, 1e-11, 1e-12, 1e-13, 1e-14, 1e-15};
    const char* q = p;
    const bool minus = q < end && *q == '-';
    if (q < end && (*q == '-' || *q == '+'))
        ++q;
    const char* digits = q;
    std::uint64_t value = 0;
    int many = 0, decimals = 0;
    bool point = false;
    if constexpr (std::endian::native == std::endian::little) {
        if (readable - q >= 8) {
            std::uint64_t bytes;
            std::memcpy(&bytes, q, 8);
            std::uint64_t none = no_digits(bytes);
            const int whole = none ? std::countr_zero(none) / 8 : 8;
            if (whole < 8 && q[whole] == '.') { // the point is taken out
                const std::uint64_t low = whole ? ~std::uint64_t{0} >> (64 - 8 * whole) : 0;
                bytes = (bytes & low) | ((bytes >> 8) & ~low);
                none = no_digits(bytes & 0x00ffffffffffffffu);
                many = std::countr_zero(none) / 8;
                decimals = many - whole;
                point = true;
            } else {
                many = whole;
            }
            value = many ? eight_digits(bytes << (64 - 8 * many)) : 0;
            q += many + point;
            if (many > 0 && q < readable && !is_digit(*q) && *q != '.') { // nearly always
                const double v = static_cast<double>(value) * kTenth[decimals];
                out = minus ? -v : v;
                p = q;
                return true;
            }
        }
    }
    const char* more = q;
    while (q < end && is_digit(*q))
        value = value * 10 + static_cast<std::uint64_t>(*q++ - '0');
    many += static_cast<int>(q - more);
    if (point)
        decimals += static_cast<int>(q - more);
    if (!point && q < end && *q == '.') {
        ++q;
        const char* first = q;
        while (q < end && is_digit(*q))
            value = value * 10 + static_cast<std::uint64_t>(*q++ - '0');
        decimals = static_cast<int>(q - first);
        many += decimals;
    }
    if (many == 0)
        return false;
    if (many > 15) {
        const auto [stop, error] = std::from_chars(digits, end, out, std::chars_format::fixed);
        if (error != std::errc())
            return false;
        q = stop;
    } else {
        out = static_cast<double>(value) * kTenth[decimals];
    }
    out = minus ? -out : out;
    p = q;
    return true;
}

/// Numbers of a line by their letters.
struct Words {
    double value[26];
    std::uint32_t has = 0;
    bool given(char c) const { return has >> (c - 'A') & 1; }
    double operator[](char c) const { return value[c - 'A']; }
};

/// Nearly all lines: G0 or G1 with axes and nothing else, whole. Its code, and p behind its end; −1: the line
/// is something else.
int plain_move(const char*& p, const char* end, Words& w) {
    if (end - p < 4 || p[0] != 'G' || (p[1] != '0' && p[1] != '1') || p[2] != ' ')
        return -1;
    const int code = p[1] - '0';
    const char* q = p + 3;
    while (q < end) {
        const char c = *q;
        if (c == ' ') {
            ++q;
            continue;
        }
        if (c == '\n') {
            p = q + 1;
            return code;
        }
        if (c < 'E' || c > 'Z' || c == 'G' || c == 'M' || c == 'T' || c == 'N' ||
            !read_number(++q, end, end, w.value[c - 'A']))
            return -1;
        w.has |= 1u << (c - 'A');
    }
    return -1;
}

bool sane(double v) {
    return std::abs(v) <= kLongest;
}

} // namespace

struct GcodeReader::State {
    Motion motion;
    FileWords words;
    ToolpathFile out;
    MoveTimes times;
    std::string rest;       ///< of a line that is not whole yet
    std::uint64_t byte = 0; ///< where the line begins

    // The machine.
    double x = 0, y = 0, z = 0, e = 0, feed = 0;      ///< mm, mm/min
    double unit = 1, acceleration, filament_area = 0; ///< filament_area: mm², where E is a volume
    bool relative = false, e_relative = false;
    bool e_chosen = false;            ///< by M82 or M83, and nothing since has made that doubtful
    std::int64_t doubtful = 0;        ///< line since which it depends on the reading how E counts; 0: none
    double speed_of = 1, flow_of = 1; ///< M220, M221
    int tool = 0;
    double nozzle_c = 20, bed_c = 20;

    // Layers.
    std::vector<double> in_layer; ///< [tool]
    std::size_t pass_begins = 0;  ///< index of its first layer
    Seam after, lift; ///< since the last extrusion: the first line, the first that changes the height
    bool have_after = false, have_lift = false;
    std::size_t pending = 0; ///< stops from here on wait for the next extrusion
    double spot = 0;         ///< filament since the last extrusion

    State(const Motion& m, FileWords w)
        : motion(m), words(std::move(w)), times(m.corner), acceleration(m.acceleration) {
        out.g90_sets_e = words.g90_sets_e.value_or(true);
    }

    Seam here() const {
        return {byte, out.lines, x, y, z, e, feed, tool, relative, e_relative, unit != 1, speed_of, flow_of};
    }

    void close_layer() {
        if (out.layers.empty())
            return;
        out.layers.back().filament_mm = std::move(in_layer);
        in_layer.clear();
    }

    void open_layer(double height) {
        ToolpathLayer l;
        l.z_mm = height;
        const bool first = out.layers.size() == pass_begins;
        l.height_mm = first ? height : height - out.layers.back().z_mm;
        l.pass = out.passes;
        l.first_line = out.lines;
        l.seam = have_lift ? lift : have_after ? after : here();
        out.layers.push_back(std::move(l));
        times.set_layer(static_cast<int>(out.layers.size()));
    }

    /// Something is extruded at this height. Which layer is it?
    void at_height(double height, bool climbs) {
        if (out.layers.empty()) {
            out.passes = 1;
            return open_layer(height);
        }
        ToolpathLayer& now = out.layers.back();
        const double above = height - now.z_mm;
        if (std::abs(above) <= kSameHeight)
            return;
        const bool only = out.layers.size() == pass_begins + 1;
        if (climbs && above > 0 && above < std::max(0.05, now.height_mm) - kSameHeight)
            return; // a spiral: still this turn
        if (above > 0) {
            if (only && out.layers.size() == 1 &&
                above < 0.04) { // a line drawn first, a little lower: part of the first layer
                now.z_mm = now.height_mm = height;
                return;
            }
            close_layer();
            return open_layer(height);
        }
        if (only && out.layers.size() == 1) { // what was drawn higher was a line before the first layer
            for (const double mm : in_layer)
                out.start_mm += mm;
            in_layer.clear();
            now.runs.clear();
            now.z_mm = now.height_mm = height;
            now.first_line = out.lines;
            now.seam = have_lift ? lift : have_after ? after : here();
            for (ToolpathStop& s : out.stops)
                if (s.layer == 1 && s.within)
                    s.within = false;
            return;
        }
        if (height <= out.layers[pass_begins].z_mm + kSameHeight) {
            close_layer();
            pass_begins = out.layers.size();
            ++out.passes;
            return open_layer(height);
        }
        close_layer(); // back down, not to the bed: a layer of its own
        open_layer(height);
    }

    void extruded(double mm, bool climbs) {
        at_height(z, climbs);
        ToolpathLayer& l = out.layers.back();
        l.last_line = out.lines;
        if (l.runs.empty() || pending < out.stops.size())
            l.runs.push_back({tool, 0, out.lines});
        l.runs.back().filament_mm += mm;
        if (static_cast<std::size_t>(tool) >= in_layer.size())
            in_layer.resize(static_cast<std::size_t>(tool) + 1, 0);
        in_layer[static_cast<std::size_t>(tool)] += mm;
        if (pending < out.stops.size()) {
            const int layer = static_cast<int>(out.layers.size());
            for (std::size_t i = pending; i < out.stops.size(); ++i) {
                out.stops[i].layer = layer;
                out.stops[i].until_line = out.lines;
                out.stops[i].within = l.first_line != out.lines;
                out.stops[i].spot_mm = i + 1 == out.stops.size() ? std::max(0.0, spot) : 0;
            }
            pending = out.stops.size();
        }
        spot = 0;
        have_after = have_lift = false;
    }

    void use(double mm) {
        if (static_cast<std::size_t>(tool) >= out.filament_mm.size())
            out.filament_mm.resize(static_cast<std::size_t>(tool) + 1, 0);
        out.filament_mm[static_cast<std::size_t>(tool)] += mm;
    }

    void stop(ToolpathStop::What what, int to, const char* line, const char* line_end, const char* stop_end) {
        times.stand(0);
        while (line_end > line && is_space(line_end[-1]))
            --line_end;
        const std::string word = one_line(
            std::string_view(line, static_cast<std::size_t>(std::min<std::ptrdiff_t>(line_end - line, 80))));
        const auto command = [](const std::string& w) { return w.substr(0, w.find(' ')); };
        if (what != ToolpathStop::What::tool && pending < out.stops.size() &&
            out.stops.back().what != ToolpathStop::What::tool &&
            command(out.stops.back().word) != command(word))
            return; // several words of one stop; the same word again stops again
        ToolpathStop s;
        s.what = what;
        s.from = tool;
        s.to = what == ToolpathStop::What::tool ? to : tool;
        s.line = out.lines;
        s.at = here();
        s.end_byte = byte + static_cast<std::uint64_t>(stop_end - line);
        s.word = word;
        out.stops.push_back(std::move(s));
    }

    void move(const Words& w, int code);
    void general(int code, const Words& w);
    void machine(int code, const Words& w, const char* line, const char* line_end, const char* stop_end);
    void line(const char* begin, const char* end, const char* next, const char* readable);
};

/// G0 … G3.
void GcodeReader::State::move(const Words& w, int code) {
    double nx = x, ny = y, nz = z, ne = e;
    const auto axis = [&](char c, double& v) {
        if (w.given(c))
            v = relative ? v + w[c] * unit : w[c] * unit;
    };
    axis('X', nx);
    axis('Y', ny);
    axis('Z', nz);
    if (w.given('E')) {
        ne = e_relative ? e + w['E'] * unit : w['E'] * unit;
        if (doubtful && !out.g90_line)
            out.g90_line = doubtful;
    }
    if (w.given('F') && w['F'] > 0)
        feed = std::min(w['F'] * unit, kLongest);
    if (!sane(nx) || !sane(ny) || !sane(nz) || !std::isfinite(ne) || std::abs(ne) > 1e9) {
        out.bad_line = out.bad_line ? out.bad_line : out.lines;
        return;
    }
    const double dx = nx - x, dy = ny - y, dz = nz - z;
    double de = ne - e;
    if (filament_area > 0)
        de /= filament_area;
    de *= flow_of;
    const double flat2 = dx * dx + dy * dy;
    double mm = 0;
    Direction begins{}, ends{};
    double speed = speed_of * (feed > 0 ? feed / 60 : code == 0 ? motion.travel : motion.infill);
    bool goes = false; // in the plane
    if (code >= 2) {
        double i = w.given('I') ? w['I'] * unit : 0, j = w.given('J') ? w['J'] * unit : 0;
        const bool clockwise = code == 2;
        if (w.given('R') && flat2 > 0) { // centre from the radius; a negative one means the longer way
            const double r = w['R'] * unit, half2 = flat2 / 4, away2 = std::max(0.0, r * r - half2),
                         off = std::sqrt(away2 / flat2);
            const double side = (clockwise == (r > 0)) ? -1 : 1;
            i = dx / 2 - side * dy * off;
            j = dy / 2 + side * dx * off;
        }
        const double r = std::hypot(i, j);
        if (r > 0 && sane(r)) {
            const double ax = -i, ay = -j, bx = dx - i, by = dy - j;
            double angle = std::atan2(ax * by - ay * bx, ax * bx + ay * by); // counter-clockwise
            if (clockwise ? angle >= -1e-9 : angle <= 1e-9)
                angle += clockwise ? -2 * std::numbers::pi : 2 * std::numbers::pi;
            const double arc = std::abs(angle) * r, turn = clockwise ? 1 : -1;
            mm = std::hypot(arc, dz);
            const double flat = arc / mm, rise = dz / mm, r2 = std::max(1e-9, std::hypot(bx, by));
            begins = {turn * ay / r * flat, -turn * ax / r * flat, rise};
            ends = {turn * by / r2 * flat, -turn * bx / r2 * flat, rise};
            speed = std::min(speed, std::sqrt(acceleration * r)); // v²/r ≤ a
            goes = true;
        }
        ++out.arcs;
    }
    if (mm == 0 && (flat2 > 0 || dz != 0)) {
        mm = dz == 0 ? std::sqrt(flat2) : std::sqrt(flat2 + dz * dz);
        const double inv = 1 / mm;
        begins = ends = {dx * inv, dy * inv, dz * inv};
        goes = flat2 > 1e-8;
    }
    const bool deposits = de > 0 && goes;
    if (!deposits) {
        if (!have_after) {
            after = here();
            have_after = true;
        }
        if (dz != 0 && !have_lift) {
            lift = here();
            have_lift = true;
        }
    }
    x = nx, y = ny, z = nz, e = ne;
    if (goes && w.given('E'))
        out.said_mm += mm;
    if (de != 0)
        use(de);
    if (deposits) {
        if (dz > 0 && !out.spiral_line && dz > kSameHeight / 100)
            out.spiral_line = out.lines;
        out.drawn_mm += mm;
        extruded(de, dz > 0);
    } else {
        spot += de;
    }
    if (mm > 0)
        times.move(mm, speed, acceleration, begins, ends);
    else if (de != 0)
        times.stand(std::abs(de) / std::max(0.1, speed));
}

void GcodeReader::State::general(int code, const Words& w) {
    switch (code) {
    case 4: // P ms, S s
        times.stand(
            std::clamp((w.given('P') ? w['P'] / 1000 : 0) + (w.given('S') ? w['S'] : 0), 0.0, 86400.0));
        break;
    case 20:
        unit = 25.4;
        break;
    case 21:
        unit = 1;
        break;
    case 28: { // to where the axes begin: not a height that is printed at
        const bool all = !w.given('X') && !w.given('Y') && !w.given('Z');
        times.stand(0);
        if (all || w.given('X'))
            x = 0;
        if (all || w.given('Y'))
            y = 0;
        if (all || w.given('Z'))
            z = 0;
        break;
    }
    case 90:
    case 91:
        relative = code == 91;
        if (e_chosen && e_relative != relative && !doubtful)
            doubtful = out.lines;
        if (out.g90_sets_e || !e_chosen)
            e_relative = relative;
        break;
    case 92: {
        const bool all = !w.given('X') && !w.given('Y') && !w.given('Z') && !w.given('E');
        const auto set = [&](char c, double& v) {
            if ((w.given(c) && sane(w[c] * unit)) || all)
                v = w.given(c) ? w[c] * unit : 0;
        };
        set('X', x);
        set('Y', y);
        set('Z', z);
        set('E', e);
        break;
    }
    default:
        break;
    }
}

void GcodeReader::State::machine(int code, const Words& w, const char* begin, const char* end,
                                 const char* next) {
    const double s = w.given('S') ? w['S'] : w.given('R') ? w['R'] : 0;
    switch (code) {
    case 0:
    case 1:
    case 25:
    case 226:
    case 601:
        return stop(ToolpathStop::What::pause, 0, begin, end, next);
    case 600:
        return stop(ToolpathStop::What::swap, 0, begin, end, next);
    case 82:
    case 83:
        e_relative = code == 83;
        e_chosen = true;
        doubtful = 0;
        break;
    case 104:
    case 109:
        if (s <= 1000)
            out.nozzle_c = std::max(out.nozzle_c, s);
        if (code == 109 && s > nozzle_c && s <= 1000)
            times.stand((s - nozzle_c) / motion.nozzle_c_s);
        if (s > 0)
            nozzle_c = s;
        break;
    case 140:
    case 190:
        if (s <= 1000)
            out.bed_c = std::max(out.bed_c, s);
        if (code == 190 && s > bed_c && s <= 1000)
            times.stand((s - bed_c) / motion.bed_c_s);
        if (s > 0)
            bed_c = s;
        break;
    case 200: {
        const double d = w.given('D') ? w['D'] * unit : 0;
        filament_area = d > 0.1 && d < 10 ? std::numbers::pi / 4 * d * d : 0;
        break;
    }
    case 220:
    case 221:
        if (w.given('S') && w['S'] >= 1 && w['S'] <= 1000)
            (code == 220 ? speed_of : flow_of) = w['S'] / 100;
        break;
    case 204: {
        const double a = w.given('P') ? w['P'] : s;
        if (a >= 1 && a <= 1e6)
            acceleration = a * unit;
        break;
    }
    default:
        for (const int swap : {1, 0}) // words of the machine that are M and a number
            for (const std::string& word : swap ? words.swap : words.pause)
                if (word.size() > 1 && word[0] == 'M' && word.substr(1) == std::to_string(code))
                    return stop(swap ? ToolpathStop::What::swap : ToolpathStop::What::pause, 0, begin, end,
                                next);
        break;
    }
}

void GcodeReader::State::line(const char* begin, const char* end, const char* next, const char* readable) {
    ++out.lines;
    const char* p = begin;
    while (p < end && is_space(*p))
        ++p;
    if (p == end || *p == ';' || *p == '%') {
        byte += static_cast<std::uint64_t>(next - begin);
        return;
    }
    Words w;
    char first = 0; // the letter that says what the line is
    int code = -1;
    const auto run_line = [&](const char* text_end) {
        if (first == 'G') {
            if (code >= 0 && code <= 3) {
                move(w, code);
            } else if (code == 4 || code == 20 || code == 21 || code == 28 || (code >= 90 && code <= 92)) {
                if (!have_after) {
                    after = here();
                    have_after = true;
                }
                general(code, w);
            } else {
                ++out.unknown;
            }
        } else if (first == 'M') {
            machine(code, w, begin, text_end, next);
        } else if (first == 'T') {
            if (code >= 0 && code < kMostTools && code != tool) {
                stop(ToolpathStop::What::tool, code, begin, text_end, next);
                tool = code;
            }
        } else if (w.has) {
            ++out.unknown;
        }
    };
    const char* text_end = end;
    while (p < end) {
        const char c = *p;
        if (is_space(c)) {
            ++p;
            continue;
        }
        if (c == ';' || c == '*') {
            text_end = p;
            break;
        }
        if (c == '(') {
            const void* close = std::memchr(p, ')', static_cast<std::size_t>(end - p));
            p = close ? static_cast<const char*>(close) + 1 : end;
            continue;
        }
        const char letter = c >= 'a' && c <= 'z' ? static_cast<char>(c - 32) : c;
        if (is_digit(c) || c == '.') { // RS-274 lets spaces stand within numbers
            std::string tight;
            for (const char* q = begin; q < end && *q != ';'; ++q)
                if (!is_space(*q))
                    tight += *q;
            if (tight.size() == static_cast<std::size_t>(std::find(begin, end, ';') - begin))
                break; // it was not for spaces
            const std::uint64_t at = byte;
            --out.lines;
            line(tight.data(), tight.data() + tight.size(), tight.data() + tight.size(),
                 tight.data() + tight.size());
            byte = at + static_cast<std::uint64_t>(next - begin);
            return;
        }
        ++p;
        if (letter < 'A' || letter > 'Z')
            break; // no word of this language
        double v = 0;
        while (p < end && *p == ' ')
            ++p;
        const char* number = p;
        if (!read_number(p, end, readable, v)) {
            if (!first && letter != 'N') { // a word of letters: one of the machine's, or a message
                const char* word = number - 1;
                while (word > begin && !is_space(word[-1]))
                    --word;
                const char* word_end = word;
                while (word_end < end && !is_space(*word_end) && *word_end != ';')
                    ++word_end;
                const std::string_view said(word, static_cast<std::size_t>(word_end - word));
                const auto among = [&](const std::vector<std::string>& list) {
                    return std::find(list.begin(), list.end(), said) != list.end();
                };
                const char* comment =
                    static_cast<const char*>(std::memchr(word, ';', static_cast<std::size_t>(end - word)));
                if (among(words.swap))
                    stop(ToolpathStop::What::swap, 0, begin, comment ? comment : end, next);
                else if (among(words.pause))
                    stop(ToolpathStop::What::pause, 0, begin, comment ? comment : end, next);
                else
                    ++out.unknown;
                byte += static_cast<std::uint64_t>(next - begin);
                return;
            }
            // "X" alone is an axis named without a value (G28 X); anything else is damaged.
            if (p < end && !is_space(*p) && *p != ';' && *p != '*' && first == 'G' && code <= 3 && code >= 0)
                out.bad_line = out.bad_line ? out.bad_line : out.lines;
            w.value[letter - 'A'] = 0;
            w.has |= 1u << (letter - 'A');
            continue;
        }
        if (letter == 'N' && !first)
            continue; // the line's number
        if (!first && (letter == 'G' || letter == 'M' || letter == 'T')) {
            first = letter;
            code = v == std::floor(v) && v >= 0 && v < 100000 ? static_cast<int>(v) : 100000;
            if (letter == 'M' && (code == 117 || code == 118 || code == 23 || code == 28))
                break; // a message or a name follows, no words
            continue;
        }
        if (letter == 'G' || letter == 'M') { // a second command in the line (RS-274 allows it)
            run_line(p);
            first = letter;
            code = v >= 0 && v < 100000 ? static_cast<int>(v) : 100000;
            w = {};
            continue;
        }
        w.value[letter - 'A'] = v;
        w.has |= 1u << (letter - 'A');
    }
    run_line(text_end);
    byte += static_cast<std::uint64_t>(next - begin);
}

GcodeReader::GcodeReader(const Motion& motion, FileWords words)
    : state_(std::make_unique<State>(motion, std::move(words))) {}

GcodeReader::~GcodeReader() = default;

void GcodeReader::begin_at(const Seam& s) {
    State& m = *state_;
    m.x = s.x_mm, m.y = s.y_mm, m.z = s.z_mm, m.e = s.e, m.feed = s.feed_mm_min;
    m.tool = s.tool;
    m.relative = s.relative;
    m.e_relative = s.e_relative;
    m.e_chosen = true;
    m.speed_of = s.speed_of, m.flow_of = s.flow_of;
    m.unit = s.inches ? 25.4 : 1;
}

Seam GcodeReader::now() const {
    return state_->here();
}

void GcodeReader::read(std::string_view bytes) {
    constexpr std::size_t kLongestLine = 1 << 20; // more is no line of this language
    State& s = *state_;
    s.out.bytes += bytes.size();
    const char *p = bytes.data(), *end = p + bytes.size();
    if (!s.rest.empty()) {
        const void* nl = std::memchr(p, '\n', bytes.size());
        const char* stop = nl ? static_cast<const char*>(nl) + 1 : end;
        s.rest.append(p, stop);
        p = stop;
        if (!nl && s.rest.size() < kLongestLine)
            return;
        const std::string line = std::move(s.rest);
        s.rest.clear();
        s.line(line.data(), line.data() + line.size() - (line.back() == '\n'), line.data() + line.size(),
               line.data() + line.size());
    }
    while (p < end) {
        Words w;
        const char* begins = p;
        if (const int code = plain_move(p, end, w); code >= 0) {
            ++s.out.lines;
            s.move(w, code);
            s.byte += static_cast<std::uint64_t>(p - begins);
            continue;
        }
        const void* nl = std::memchr(p, '\n', static_cast<std::size_t>(end - p));
        if (!nl) {
            s.rest.assign(p, end);
            break;
        }
        const char* e = static_cast<const char*>(nl);
        s.line(p, e, e + 1, end);
        p = e + 1;
    }
}

ToolpathFile GcodeReader::finish() {
    State& s = *state_;
    if (!s.rest.empty()) {
        const std::string line = std::move(s.rest);
        s.rest.clear();
        s.line(line.data(), line.data() + line.size(), line.data() + line.size(), line.data() + line.size());
    }
    s.close_layer();
    s.times.finish();
    ToolpathFile& out = s.out;
    for (std::size_t i = s.pending; i < out.stops.size(); ++i)
        out.stops[i].layer = static_cast<int>(out.layers.size()) + 1;
    for (std::size_t l = 0; l < out.layers.size(); ++l)
        out.layers[l].seconds = l + 1 < s.times.by_layer().size() ? s.times.by_layer()[l + 1] : 0;
    out.motion_s = s.times.seconds();
    return std::move(out);
}

ToolpathFile meant_reading(ToolpathFile sets_e, ToolpathFile leaves_e) {
    const auto sensible = [](const ToolpathFile& f) {
        double filament_mm = 0;
        for (const ToolpathLayer& l : f.layers)
            for (const double mm : l.filament_mm)
                filament_mm += mm;
        // A filament of 1.75 mm has 2.4 mm².
        return f.drawn_mm > 0 && f.drawn_mm >= 0.7 * f.said_mm && filament_mm > 0.002 * f.drawn_mm &&
               filament_mm < 2 * f.drawn_mm;
    };
    return !sensible(sets_e) && sensible(leaves_e) ? std::move(leaves_e) : std::move(sets_e);
}

ToolpathFile read_gcode(std::string_view text, const Motion& motion, const FileWords& words) {
    const auto read = [&](bool g90_sets_e) {
        FileWords w = words;
        w.g90_sets_e = g90_sets_e;
        GcodeReader reader(motion, std::move(w));
        reader.read(text);
        return reader.finish();
    };
    ToolpathFile file = read(words.g90_sets_e.value_or(true));
    return file.g90_line && !words.g90_sets_e ? meant_reading(std::move(file), read(false)) : file;
}

} // namespace vitrail
