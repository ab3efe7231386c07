#include "paint/thumbnail.h"

#include "paint/filament_paint.h"

#include <QBuffer>
#include <QImage>
#include <QPainter>

#include <algorithm>
#include <array>
#include <cmath>

namespace vitrail {

QImage thumbnail(const Project& p, int size) {
    // Seen from the front right and above; triangles from far to near.
    struct Face {
        std::array<QPointF, 3> corners;
        double depth;
        QRgb colour;
    };
    const Bounds b = bounds(p);
    std::vector<Face> faces;
    std::size_t total = 0;
    for (const Part& part : p.parts)
        total += part.mesh->triangles.size();
    constexpr std::size_t kMost = 60000; // enough for a picture this small
    const std::size_t step = std::max<std::size_t>(1, total / kMost);
    constexpr double c = 0.8660254, s = 0.5; // 30°
    for (std::size_t i = 0; i < p.parts.size() && !b.empty(); ++i) {
        const Part& part = p.parts[i];
        const Mesh& m = *part.mesh;
        const auto add = [&](const std::array<Vec3, 3>& v, PatchNumber patch) {
            Face f{};
            double z = 0;
            for (int k = 0; k < 3; ++k) {
                const double x = v[k].x - b.min.x, y = v[k].y - b.min.y, h = v[k].z - b.min.z;
                f.corners[k] = QPointF((x - y) * c, (x + y) * -s - h);
                f.depth += x + y - h;
                z += h / 3;
            }
            const double ux = v[1].x - v[0].x, uy = v[1].y - v[0].y, uz = v[1].z - v[0].z;
            const double wx = v[2].x - v[0].x, wy = v[2].y - v[0].y, wz = v[2].z - v[0].z;
            const double nx = uy * wz - uz * wy, ny = uz * wx - ux * wz, nz = ux * wy - uy * wx;
            const double length = std::sqrt(nx * nx + ny * ny + nz * nz);
            if (length == 0)
                return;
            const double light = 0.55 + 0.45 * std::max(0.0, (-0.3 * nx - 0.6 * ny + 0.75 * nz) / length);
            char letter = patch && patch <= part.patches.size() ? part.patches[patch - 1u].filament : char(0);
            if (!letter)
                letter = filament_at(p, static_cast<int>(i), z);
            const int index = find_filament(p, letter);
            const QColor colour = index < 0 ? QColor(128, 128, 128) : to_qcolor(p.filaments[index].colour);
            f.colour = qRgb(int(colour.red() * light), int(colour.green() * light), int(colour.blue() * light));
            faces.push_back(f);
        };
        const Paint* paint = part.paint.get();
        for (std::uint32_t t = 0; t < m.triangles.size(); t += static_cast<std::uint32_t>(step)) {
            if (paint && paint->patch[t] == kCut)
                for (const Facet& f : paint->cut.at(t))
                    add(f.corners, f.patch);
            else
                add(corners(m, t), paint ? paint->patch[t] : kUnpainted);
        }
    }
    std::sort(faces.begin(), faces.end(), [](const Face& x, const Face& y) { return x.depth > y.depth; });
    QRectF box;
    for (const Face& f : faces)
        for (const QPointF& q : f.corners)
            box |= QRectF(q, QSizeF(1e-6, 1e-6));
    QImage image(size, size, QImage::Format_ARGB32_Premultiplied);
    image.fill(Qt::transparent);
    QPainter painter(&image);
    const double scale = (size - 8) / std::max({box.width(), box.height(), 1e-6});
    painter.translate(size / 2.0, size / 2.0);
    painter.scale(scale, scale);
    painter.translate(-box.center());
    for (const Face& f : faces) {
        painter.setPen(QPen(QColor(f.colour), 0));
        painter.setBrush(QColor(f.colour));
        painter.drawPolygon(f.corners.data(), 3);
    }
    painter.end();
    return image;
}

std::string thumbnail_png(const Project& p, int size) {
    const QImage image = thumbnail(p, size);
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    image.save(&buffer, "PNG");
    return bytes.toStdString();
}

} // namespace vitrail
