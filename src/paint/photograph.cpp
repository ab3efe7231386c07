#include "paint/photograph.h"

#include "core/base/text.h"
#include "paint/read_picture.h"
#include "paint/thumbnail.h"

#include <QBuffer>

#include <algorithm>

namespace vitrail {

namespace {

constexpr int kKept = 1600, kOnPage = 600, kQuality = 82;

QImage no_larger(const QImage& image, int side) {
    return std::max(image.width(), image.height()) <= side
               ? image
               : image.scaled(side, side, Qt::KeepAspectRatio, Qt::SmoothTransformation);
}

} // namespace

Result<std::string> photograph_to_keep(const std::string& bytes) {
    const auto raster = read_picture(QByteArray::fromStdString(bytes));
    if (!raster)
        return raster.error();
    static_assert(sizeof(Srgb) == 3);
    const QImage image(reinterpret_cast<const uchar*>(raster->dots.data()), raster->width, raster->height,
                       raster->width * 3, QImage::Format_RGB888);
    QByteArray out;
    QBuffer buffer(&out);
    buffer.open(QIODevice::WriteOnly);
    if (!no_larger(image, kKept).save(&buffer, "JPG", kQuality))
        return Error{say("The photograph could not be made smaller.")};
    return out.toStdString();
}

QImage photograph_image(const std::string& kept) {
    QImage image;
    image.loadFromData(reinterpret_cast<const uchar*>(kept.data()), static_cast<int>(kept.size()));
    return image;
}

std::string photograph_png(const std::string& kept) {
    const QImage image = photograph_image(kept);
    return image.isNull() ? std::string() : png_of(no_larger(image, kOnPage));
}

std::string free_photograph_name(const PrintRecord& r, const std::string& name) {
    const std::string base = one_line(name).empty() ? "photograph" : one_line(name);
    std::string out = base;
    for (int n = 2; std::find(r.photographs.begin(), r.photographs.end(), out) != r.photographs.end(); ++n)
        out = base + "-" + std::to_string(n);
    return out;
}

} // namespace vitrail
