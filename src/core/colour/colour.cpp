#include "core/colour/colour.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace vitrail {

namespace {

double decode(double v) {
    return v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
}

double encode(double v) {
    return v <= 0.0031308 ? v * 12.92 : 1.055 * std::pow(v, 1.0 / 2.4) - 0.055;
}

/// The decoding of each of the 256 byte values, computed once.
const std::array<double, 256>& decode_table() {
    static const auto table = [] {
        std::array<double, 256> t{};
        for (int i = 0; i < 256; ++i)
            t[i] = decode(i / 255.0);
        return t;
    }();
    return table;
}

// CIE 15: the cube root above (6/29)³, a straight line below.
constexpr double kEpsilon = 216.0 / 24389.0;
constexpr double kKappa = 24389.0 / 27.0;

double lab_f(double t) {
    return t > kEpsilon ? std::cbrt(t) : (kKappa * t + 16.0) / 116.0;
}

double lab_f_inverse(double f) {
    const double cube = f * f * f;
    return cube > kEpsilon ? cube : (116.0 * f - 16.0) / kKappa;
}

double relative_luminance(Srgb c) {
    const LinearRgb l = to_linear(c);
    return 0.2126 * l.r + 0.7152 * l.g + 0.0722 * l.b;
}

} // namespace

LinearRgb to_linear(Srgb c) {
    const auto& t = decode_table();
    return {t[c.r], t[c.g], t[c.b]};
}

Srgb to_srgb(LinearRgb c) {
    const auto byte = [](double v) {
        return static_cast<std::uint8_t>(std::lround(255.0 * encode(std::clamp(v, 0.0, 1.0))));
    };
    return {byte(c.r), byte(c.g), byte(c.b)};
}

// The matrix that the primaries and white of IEC 61966-2-1 give, to more digits than the standard prints.
Xyz to_xyz(LinearRgb c) {
    return {0.41239080 * c.r + 0.35758434 * c.g + 0.18048079 * c.b,
            0.21263901 * c.r + 0.71516868 * c.g + 0.07219232 * c.b,
            0.01933082 * c.r + 0.11919478 * c.g + 0.95053215 * c.b};
}

LinearRgb to_linear(Xyz c) {
    return {3.24096994 * c.x - 1.53738318 * c.y - 0.49861076 * c.z,
            -0.96924364 * c.x + 1.87596750 * c.y + 0.04155506 * c.z,
            0.05563008 * c.x - 0.20397696 * c.y + 1.05697151 * c.z};
}

Xyz adapt_d65_to_d50(Xyz c) {
    return {1.0479298 * c.x + 0.0229469 * c.y - 0.0501923 * c.z,
            0.0296278 * c.x + 0.9904345 * c.y - 0.0170738 * c.z,
            -0.0092430 * c.x + 0.0150552 * c.y + 0.7518742 * c.z};
}

Lab to_lab(Xyz c, Xyz white) {
    const double fx = lab_f(c.x / white.x);
    const double fy = lab_f(c.y / white.y);
    const double fz = lab_f(c.z / white.z);
    return {116.0 * fy - 16.0, 500.0 * (fx - fy), 200.0 * (fy - fz)};
}

Xyz to_xyz(Lab c, Xyz white) {
    const double fy = (c.l + 16.0) / 116.0;
    const double fx = fy + c.a / 500.0;
    const double fz = fy - c.b / 200.0;
    return {white.x * lab_f_inverse(fx), white.y * lab_f_inverse(fy), white.z * lab_f_inverse(fz)};
}

Lab to_lab(LinearRgb c) {
    return to_lab(to_xyz(c), kD65);
}

Lab to_lab(Srgb c) {
    return to_lab(to_linear(c));
}

double delta_e_2000(const Lab& one, const Lab& two) {
    // Names follow the paper: C chroma, h hue angle in radians, a prime marks the adjusted a* axis.
    constexpr double pi = std::numbers::pi;
    constexpr double pow25_7 = 6103515625.0;
    const double c1 = std::hypot(one.a, one.b);
    const double c2 = std::hypot(two.a, two.b);
    const double c_mean7 = std::pow((c1 + c2) / 2, 7);
    const double g = 0.5 * (1 - std::sqrt(c_mean7 / (c_mean7 + pow25_7)));
    const double a1 = (1 + g) * one.a;
    const double a2 = (1 + g) * two.a;
    const double c1p = std::hypot(a1, one.b);
    const double c2p = std::hypot(a2, two.b);
    const auto hue = [](double a, double b) {
        if (a == 0 && b == 0)
            return 0.0;
        const double h = std::atan2(b, a);
        return h < 0 ? h + 2 * pi : h;
    };
    const double h1p = hue(a1, one.b);
    const double h2p = hue(a2, two.b);

    const double dl = two.l - one.l;
    const double dc = c2p - c1p;
    double dh = 0;
    double h_mean = h1p + h2p;
    if (c1p * c2p != 0) {
        dh = h2p - h1p;
        if (dh > pi)
            dh -= 2 * pi;
        else if (dh < -pi)
            dh += 2 * pi;
        if (std::abs(h1p - h2p) <= pi)
            h_mean /= 2;
        else
            h_mean = h_mean < 2 * pi ? (h_mean + 2 * pi) / 2 : (h_mean - 2 * pi) / 2;
    }
    const double dhp = 2 * std::sqrt(c1p * c2p) * std::sin(dh / 2);

    const double l_mean = (one.l + two.l) / 2;
    const double c_mean = (c1p + c2p) / 2;
    const auto deg = [](double d) { return d * pi / 180; };
    const double t = 1 - 0.17 * std::cos(h_mean - deg(30)) + 0.24 * std::cos(2 * h_mean) +
                     0.32 * std::cos(3 * h_mean + deg(6)) - 0.20 * std::cos(4 * h_mean - deg(63));
    const double theta_x = (h_mean - deg(275)) / deg(25);
    const double d_theta = deg(30) * std::exp(-theta_x * theta_x);
    const double cp7 = std::pow(c_mean, 7);
    const double rc = 2 * std::sqrt(cp7 / (cp7 + pow25_7));
    const double l50 = (l_mean - 50) * (l_mean - 50);
    const double sl = 1 + 0.015 * l50 / std::sqrt(20 + l50);
    const double sc = 1 + 0.045 * c_mean;
    const double sh = 1 + 0.015 * c_mean * t;
    const double rt = -std::sin(2 * d_theta) * rc;
    const double x = dl / sl, y = dc / sc, z = dhp / sh;
    return std::sqrt(std::max(0.0, x * x + y * y + z * z + rt * y * z));
}

std::optional<Srgb> parse_colour(std::string_view text) {
    if (!text.empty() && text.front() == '#')
        text.remove_prefix(1);
    const auto digit = [](char c) {
        if (c >= '0' && c <= '9')
            return c - '0';
        if (c >= 'a' && c <= 'f')
            return c - 'a' + 10;
        if (c >= 'A' && c <= 'F')
            return c - 'A' + 10;
        return -1;
    };
    if (text.size() != 3 && text.size() != 6)
        return {};
    for (char c : text)
        if (digit(c) < 0)
            return {};
    const auto channel = [&](int i) {
        if (text.size() == 3)
            return static_cast<std::uint8_t>(17 * digit(text[i]));
        return static_cast<std::uint8_t>(16 * digit(text[2 * i]) + digit(text[2 * i + 1]));
    };
    return Srgb{channel(0), channel(1), channel(2)};
}

std::string to_hex(Srgb c) {
    constexpr char digits[] = "0123456789abcdef";
    std::string s = "#";
    for (const std::uint8_t v : {c.r, c.g, c.b}) {
        s += digits[v >> 4];
        s += digits[v & 15];
    }
    return s;
}

double contrast_ratio(Srgb a, Srgb b) {
    const double la = relative_luminance(a), lb = relative_luminance(b);
    return (std::max(la, lb) + 0.05) / (std::min(la, lb) + 0.05);
}

} // namespace vitrail
