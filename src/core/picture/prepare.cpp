#include "core/picture/prepare.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace vitrail {

namespace {

std::array<std::uint8_t, 256> tones_of(const Preparation& p) {
    std::array<std::uint8_t, 256> out;
    for (int i = 0; i < 256; ++i) {
        double v = (i / 255.0 - 0.5) * p.contrast + 0.5 + p.brightness;
        v = along(p.tones, std::pow(std::clamp(v, 0.0, 1.0), 1 / p.gamma));
        out[static_cast<std::size_t>(i)] =
            static_cast<std::uint8_t>(std::lround(255 * std::clamp(v, 0.0, 1.0)));
    }
    return out;
}

/// Quarter turns clockwise, then left and right exchanged.
Raster turned(const Raster& p, int turn, bool mirror) {
    if (turn == 0 && !mirror)
        return p;
    const bool across = turn % 2 == 1;
    Raster out{across ? p.height : p.width, across ? p.width : p.height, {}};
    out.dots.reserve(p.dots.size());
    for (int y = 0; y < out.height; ++y)
        for (int i = 0; i < out.width; ++i) {
            const int x = mirror ? out.width - 1 - i : i;
            switch (turn) {
            case 1:
                out.dots.push_back(p.at(y, p.height - 1 - x));
                break;
            case 2:
                out.dots.push_back(p.at(p.width - 1 - x, p.height - 1 - y));
                break;
            case 3:
                out.dots.push_back(p.at(p.width - 1 - y, x));
                break;
            default:
                out.dots.push_back(p.at(x, y));
            }
        }
    return out;
}

/// Everything that is about the corner's colour and hangs together with an edge.
void take_ground_out(const Preparation& p, Prepared& x) {
    if (p.ground_out == GroundOut::keep)
        return;
    const DotRole role = p.ground_out == GroundOut::cut ? DotRole::nothing : DotRole::lowest;
    const int w = x.picture.width, h = x.picture.height;
    const Lab ground = to_lab(x.picture.at(0, 0));
    std::vector<std::pair<int, int>> open;
    const auto look = [&](int i, int j) {
        if (i < 0 || j < 0 || i >= w || j >= h)
            return;
        DotRole& r =
            x.roles[static_cast<std::size_t>(j) * static_cast<std::size_t>(w) + static_cast<std::size_t>(i)];
        if (r == DotRole::picture && delta_e_2000(to_lab(x.picture.at(i, j)), ground) <= p.ground_delta_e) {
            r = role;
            open.emplace_back(i, j);
        }
    };
    for (int i = 0; i < w; ++i)
        look(i, 0), look(i, h - 1);
    for (int j = 0; j < h; ++j)
        look(0, j), look(w - 1, j);
    while (!open.empty()) {
        const auto [i, j] = open.back();
        open.pop_back();
        look(i - 1, j), look(i + 1, j), look(i, j - 1), look(i, j + 1);
    }
}

Srgb mixed(Srgb below, Srgb above, std::uint8_t share) {
    const auto mix = [share](std::uint8_t a, std::uint8_t b) {
        return static_cast<std::uint8_t>((a * (255 - share) + b * share + 127) / 255);
    };
    return {mix(below.r, above.r), mix(below.g, above.g), mix(below.b, above.b)};
}

/// Frame, text, corners and hole, in dots.
void set_in_frame(const Picture& picture, const Raster& text, Prepared& x) {
    const Preparation& p = picture.prepare;
    const int w = x.picture.width, h = x.picture.height;
    const double dot = picture.dot_mm, frame = p.frame_mm / dot;
    const auto index = [&](int i, int j) {
        return static_cast<std::size_t>(j) * static_cast<std::size_t>(w) + static_cast<std::size_t>(i);
    };
    for (int j = 0; j < h && frame > 0; ++j)
        for (int i = 0; i < w; ++i)
            if (i + 0.5 < frame || j + 0.5 < frame || i + 0.5 > w - frame || j + 0.5 > h - frame) {
                x.picture.dots[index(i, j)] = p.frame;
                x.roles[index(i, j)] = DotRole::picture;
            }
    // In the frame's lower side where it is wide enough, else just above the edge.
    const int left = (w - text.width) / 2,
              above = static_cast<int>(
                  std::lround(frame >= text.height ? (frame - text.height) / 2 : frame + text.height / 4.0)),
              top = h - above - text.height;
    for (int j = 0; j < text.height; ++j)
        for (int i = 0; i < text.width; ++i)
            if (left + i >= 0 && left + i < w && top + j >= 0 && top + j < h && text.at(i, j).r > 0) {
                Srgb& dotted = x.picture.dots[index(left + i, top + j)];
                dotted = mixed(dotted, p.text_colour, text.at(i, j).r);
                x.roles[index(left + i, top + j)] = DotRole::picture;
            }
    const double radius = std::min({p.corner_mm / dot, w / 2.0, h / 2.0}), hole = p.hole_mm / 2 / dot;
    constexpr double kLeastRim_mm = 2; // between hole and edge
    const double hole_y = hole + std::max(kLeastRim_mm / dot, frame / 2 - hole);
    for (int j = 0; j < h; ++j)
        for (int i = 0; i < w; ++i) {
            const double dx = std::max({radius - (i + 0.5), i + 0.5 - (w - radius), 0.0}),
                         dy = std::max({radius - (j + 0.5), j + 0.5 - (h - radius), 0.0});
            const bool beyond = std::hypot(dx, dy) > radius && dx > 0 && dy > 0,
                       in_hole = hole > 0 && std::hypot(i + 0.5 - w / 2.0, j + 0.5 - hole_y) < hole;
            if (beyond || in_hole)
                x.roles[index(i, j)] = DotRole::nothing;
        }
}

} // namespace

double along(const RisingCurve& curve, double x) {
    if (curve.empty())
        return x;
    if (x <= curve.front().first)
        return curve.front().second;
    for (std::size_t i = 1; i < curve.size(); ++i)
        if (x <= curve[i].first) {
            const auto [x0, y0] = curve[i - 1];
            const auto [x1, y1] = curve[i];
            return x1 > x0 ? y0 + (y1 - y0) * (x - x0) / (x1 - x0) : y1;
        }
    return curve.back().second;
}

Raster cropped(const Raster& p, int left, int top, int right, int bottom) {
    left = std::clamp(left, 0, p.width - 1), top = std::clamp(top, 0, p.height - 1);
    right = std::clamp(right, left + 1, p.width), bottom = std::clamp(bottom, top + 1, p.height);
    if (right - left == p.width && bottom - top == p.height)
        return p;
    Raster out{right - left, bottom - top, {}};
    out.dots.reserve(static_cast<std::size_t>(out.width) * static_cast<std::size_t>(out.height));
    for (int y = top; y < bottom; ++y) {
        const auto row = p.dots.begin() + static_cast<std::ptrdiff_t>(y) * p.width;
        out.dots.insert(out.dots.end(), row + left, row + right);
    }
    return out;
}

std::pair<int, int> dots_of(const Picture& picture, const Raster& r) {
    const Preparation& p = picture.prepare;
    double wide = (p.right - p.left) * r.width, tall = (p.bottom - p.top) * r.height;
    if (p.turn % 2)
        std::swap(wide, tall);
    const double across = std::round(picture.width_mm / picture.dot_mm);
    constexpr double kNever = 1e9;
    return {static_cast<int>(std::min(across, kNever)),
            wide > 0 ? static_cast<int>(std::min(std::round(across * tall / wide), kNever)) : 0};
}

int text_dots(const Picture& picture) {
    return picture.prepare.text.empty()
               ? 0
               : std::max(1, static_cast<int>(std::lround(picture.prepare.text_mm / picture.dot_mm)));
}

Prepared prepared(const Picture& picture, const Raster& as_it_came, const Raster& text) {
    const Preparation& p = picture.prepare;
    auto [w, h] = dots_of(picture, as_it_came);
    if (p.turn % 2)
        std::swap(w, h);
    const auto at = [](double share, int dots) { return static_cast<int>(std::lround(share * dots)); };
    const Raster part = cropped(as_it_came, at(p.left, as_it_came.width), at(p.top, as_it_came.height),
                                at(p.right, as_it_came.width), at(p.bottom, as_it_came.height));
    Prepared out{turned(scaled(part, w, h), p.turn, p.mirror), {}};
    const std::array<std::uint8_t, 256> tones = tones_of(p);
    for (Srgb& c : out.picture.dots)
        c = {tones[c.r], tones[c.g], tones[c.b]};
    out.roles.assign(out.picture.dots.size(), DotRole::picture);
    take_ground_out(p, out);
    set_in_frame(picture, text, out);
    return out;
}

} // namespace vitrail
