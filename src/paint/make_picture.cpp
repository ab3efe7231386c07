#include "paint/make_picture.h"

#include "core/base/text.h"
#include "paint/filament_paint.h"
#include "paint/read_picture.h"

#include <QFont>
#include <QFontMetrics>
#include <QPainter>

namespace vitrail {

Result<Raster> decoded(const Picture& picture) {
    if (!picture.bytes)
        return Error{say("The picture's file is empty.")};
    return read_picture(
        QByteArray::fromRawData(picture.bytes->data(), static_cast<qsizetype>(picture.bytes->size())),
        picture.prepare.ground);
}

Raster drawn_text(const Picture& picture) {
    const int height = text_dots(picture);
    if (height < 1)
        return {};
    QFont font(load_fonts());
    font.setPixelSize(std::max(1, height));
    font.setWeight(QFont::DemiBold);
    const QString text = QString::fromStdString(picture.prepare.text);
    const QFontMetrics metrics(font);
    QImage image(std::max(1, metrics.horizontalAdvance(text) + 2), metrics.height(), QImage::Format_RGB32);
    image.fill(Qt::black);
    QPainter p(&image);
    p.setFont(font);
    p.setPen(Qt::white);
    p.drawText(1, metrics.ascent(), text);
    p.end();
    Raster out{image.width(), image.height(), {}};
    for (int y = 0; y < out.height; ++y)
        for (int x = 0; x < out.width; ++x) {
            const QRgb c = image.pixel(x, y);
            out.dots.push_back({static_cast<std::uint8_t>(qRed(c)), static_cast<std::uint8_t>(qGreen(c)),
                                static_cast<std::uint8_t>(qBlue(c))});
        }
    return out;
}

Result<Project> picture_made(Project p, const Progress& progress) {
    if (!p.picture)
        return Error{say("The project has no picture.")};
    const auto raster = decoded(*p.picture);
    if (!raster)
        return raster.error();
    const Raster text = drawn_text(*p.picture);
    return with_picture_made(std::move(p), *raster, text, progress);
}

Result<Prepared> prepared_picture(const Picture& picture) {
    const auto raster = decoded(picture);
    if (!raster)
        return raster.error();
    return prepared(picture, *raster, drawn_text(picture));
}

QImage to_image(const Raster& raster) {
    QImage image(raster.width, raster.height, QImage::Format_RGB32);
    for (int y = 0; y < raster.height; ++y) {
        auto* line = reinterpret_cast<QRgb*>(image.scanLine(y));
        for (int x = 0; x < raster.width; ++x) {
            const Srgb c = raster.at(x, y);
            line[x] = qRgb(c.r, c.g, c.b);
        }
    }
    return image;
}

std::string picture_name(const std::string& path) {
    const std::size_t slash = path.find_last_of("/\\");
    const std::string name = one_line(repaired(slash == std::string::npos ? path : path.substr(slash + 1)));
    return name.empty() ? "picture" : name.substr(name.size() > 100 ? name.size() - 100 : 0);
}

} // namespace vitrail
