#include "paint/thumbnail.h"

#include "paint/filament_paint.h"

#include <QBuffer>
#include <QImage>

#include <algorithm>
#include <array>
#include <cmath>

namespace vitrail {

QImage thumbnail(const Project& p, int size, PartAt shown) {
    // Parallel rays from the front right and above, into a depth buffer of twice the size.
    constexpr double c = 0.8660254, s = 0.5; // 30°
    // Several pieces stand in a row.
    std::vector<Vec3> shift;
    Bounds b;
    for (const Piece& piece : p.pieces) {
        const Bounds own = bounds(piece);
        const float gap = b.empty() ? 0 : 0.1f * (own.max.x - own.min.x);
        shift.push_back(own.empty() || p.pieces.size() == 1
                            ? Vec3{0, 0, 0}
                            : Vec3{(b.empty() ? 0 : b.max.x + gap) - own.min.x, -own.min.y, -own.min.z});
        Bounds there = own;
        there.min = there.min + shift.back();
        there.max = there.max + shift.back();
        if (!own.empty())
            b.add(there);
    }
    const int side = 2 * size;
    QImage image(side, side, QImage::Format_ARGB32_Premultiplied);
    image.fill(Qt::transparent);
    if (b.empty())
        return image.scaled(size, size);
    struct Seen {
        double x, y, depth; ///< depth grows away from the eye
    };
    const auto seen = [&](Vec3 v) {
        const double x = v.x, y = v.y, z = v.z;
        return Seen{(x - y) * c, -(x + y) * s - z, x + y - z};
    };
    double left = 1e30, right = -1e30, top = 1e30, bottom = -1e30;
    for (int k = 0; k < 8; ++k) {
        const Seen q =
            seen({k & 1 ? b.max.x : b.min.x, k & 2 ? b.max.y : b.min.y, k & 4 ? b.max.z : b.min.z});
        left = std::min(left, q.x), right = std::max(right, q.x), top = std::min(top, q.y),
        bottom = std::max(bottom, q.y);
    }
    const double scale = (side - 8) / std::max({right - left, bottom - top, 1e-6});
    const double dx = side / 2.0 - scale * (left + right) / 2, dy = side / 2.0 - scale * (top + bottom) / 2;
    std::vector<float> depth(static_cast<std::size_t>(side) * side, 1e30f);
    const auto draw_part = [&](const Piece& piece, std::size_t i, Vec3 moved, bool grey) {
        const Part& part = piece.parts[i];
        for_each_facet(
            *part.mesh, part.paint ? *part.paint : bare(*part.mesh),
            [&](std::uint32_t, const std::array<Vec3, 3>& corners, PatchNumber patch) {
                const std::array<Vec3, 3> v{corners[0] + moved, corners[1] + moved, corners[2] + moved};
                const Vec3 n = unit(twice_area(v));
                if (n.x + n.y - n.z >= 0)
                    return; // looks away
                char letter =
                    patch && patch <= part.patches.size() ? part.patches[patch - 1u].filament : char(0);
                if (!letter)
                    letter = filament_at(piece, static_cast<int>(i),
                                         (double(v[0].z) + v[1].z + v[2].z) / 3 - b.min.z);
                const double light = 0.55 + 0.45 * std::max(0.0, -0.3 * n.x - 0.6 * n.y + 0.75 * n.z);
                const auto shaded = [&](char of) {
                    const int index = find_filament(p, of);
                    const QColor colour = grey        ? QColor(205, 208, 212)
                                          : index < 0 ? QColor(128, 128, 128)
                                                      : to_qcolor(p.filaments[index].colour);
                    return qRgb(int(colour.red() * light), int(colour.green() * light),
                                int(colour.blue() * light));
                };
                const bool own_band =
                    !patch && std::any_of(piece.bands.begin(), piece.bands.end(),
                                          [&](const Band& x) { return x.part == part.name; });
                const QRgb rgb = shaded(letter);
                Seen q[3];
                for (int k = 0; k < 3; ++k) {
                    q[k] = seen(v[k]);
                    q[k].x = q[k].x * scale + dx;
                    q[k].y = q[k].y * scale + dy;
                }
                const double det =
                    (q[1].x - q[0].x) * (q[2].y - q[0].y) - (q[2].x - q[0].x) * (q[1].y - q[0].y);
                if (det == 0)
                    return;
                const auto clamp = [&](double a) { return std::clamp(static_cast<int>(a), 0, side - 1); };
                const int x0 = clamp(std::min({q[0].x, q[1].x, q[2].x})),
                          x1 = clamp(std::max({q[0].x, q[1].x, q[2].x}) + 1);
                const int y0 = clamp(std::min({q[0].y, q[1].y, q[2].y})),
                          y1 = clamp(std::max({q[0].y, q[1].y, q[2].y}) + 1);
                for (int y = y0; y <= y1; ++y)
                    for (int x = x0; x <= x1; ++x) {
                        const double px = x + 0.5 - q[0].x, py = y + 0.5 - q[0].y;
                        const double u = (px * (q[2].y - q[0].y) - py * (q[2].x - q[0].x)) / det,
                                     w = (py * (q[1].x - q[0].x) - px * (q[1].y - q[0].y)) / det;
                        constexpr double kEdge = -1e-3; // no pinholes between neighbours
                        if (u < kEdge || w < kEdge || u + w > 1 - kEdge)
                            continue;
                        const auto d = static_cast<float>(q[0].depth + u * (q[1].depth - q[0].depth) +
                                                          w * (q[2].depth - q[0].depth));
                        float& nearest = depth[static_cast<std::size_t>(y) * side + x];
                        if (d < nearest) {
                            nearest = d;
                            const double z = v[0].z + u * (double(v[1].z) - v[0].z) +
                                             w * (double(v[2].z) - v[0].z) - b.min.z - 0.002 * n.z;
                            reinterpret_cast<QRgb*>(image.scanLine(y))[x] =
                                own_band ? shaded(filament_at(piece, static_cast<int>(i), z)) : rgb;
                        }
                    }
            });
    };
    for (std::size_t k = 0; k < p.pieces.size(); ++k)
        for (std::size_t i = 0; i < p.pieces[k].parts.size(); ++i)
            draw_part(p.pieces[k], i, shift[k], shown.part >= 0);
    if (shown.part >= 0) {
        std::fill(depth.begin(), depth.end(), 1e30f);
        draw_part(p.pieces[static_cast<std::size_t>(shown.piece)], static_cast<std::size_t>(shown.part),
                  shift[static_cast<std::size_t>(shown.piece)], false);
    }
    return image.scaled(size, size, Qt::KeepAspectRatio, Qt::SmoothTransformation);
}

std::string thumbnail_png(const Project& p, int size, PartAt shown) {
    return png_of(thumbnail(p, size, shown));
}

QImage trimmed(const QImage& image) {
    int left = image.width(), right = -1, top = image.height(), bottom = -1;
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x)
            if (qAlpha(image.pixel(x, y)) > 0)
                left = std::min(left, x), right = std::max(right, x), top = std::min(top, y),
                bottom = std::max(bottom, y);
    return right < left ? image : image.copy(left, top, right - left + 1, bottom - top + 1);
}

std::string png_of(const QImage& image) {
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    image.save(&buffer, "PNG");
    return bytes.toStdString();
}

} // namespace vitrail
