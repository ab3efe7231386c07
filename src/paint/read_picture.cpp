#include "paint/read_picture.h"

#include <QBuffer>
#include <QColorSpace>
#include <QImage>
#include <QImageReader>

namespace vitrail {

namespace {

Error broken(const QImageReader& reader) {
    switch (reader.error()) {
    case QImageReader::UnsupportedFormatError:
        return Error{say("This is no picture that can be read here. PNG, JPEG, WebP, TIFF and SVG can.")};
    case QImageReader::InvalidDataError:
        return Error{say("The picture is damaged: its file ends too early or holds what does not belong "
                         "there. Save it again in the program it comes from.")};
    default:
        return Error{say(
            "The picture cannot be read. Save it again in the program it comes from, as PNG if possible.")};
    }
}

} // namespace

Result<Raster> read_picture(const QByteArray& bytes, Srgb ground) {
    if (bytes.isEmpty())
        return Error{say("The picture's file is empty.")};
    constexpr int kMost_MB = 512; // 50 million dots at 8 bytes
    QImageReader::setAllocationLimit(kMost_MB);
    QBuffer buffer;
    buffer.setData(bytes);
    buffer.open(QIODevice::ReadOnly);
    QImageReader reader(&buffer);
    reader.setDecideFormatFromContent(true);
    reader.setAutoTransform(true);
    const QSize size = reader.size();
    const bool vector = reader.format().startsWith("svg");
    if (vector && size.isValid())
        reader.setScaledSize(size.scaled(kVectorWidth, kVectorWidth, Qt::KeepAspectRatio));
    else if (size.isValid() && qint64{size.width()} * size.height() > kMostDots)
        return Error{say("The picture has {} by {} dots, more than the {} million that are read. Make it "
                         "smaller: a print has 5 dots to the mm at most.",
                         size.width(), size.height(), static_cast<int>(kMostDots / 1'000'000))};
    QImage image;
    if (!reader.read(&image))
        return broken(reader);
    if (image.isNull() || image.width() < 1 || image.height() < 1)
        return Error{say("The picture has no dots.")};
    if (qint64{image.width()} * image.height() > kMostDots)
        return Error{say("The picture has {} by {} dots, more than the {} million that are read. Make it "
                         "smaller: a print has 5 dots to the mm at most.",
                         image.width(), image.height(), static_cast<int>(kMostDots / 1'000'000))};
    if (image.colorSpace().isValid() && image.colorSpace() != QColorSpace(QColorSpace::SRgb))
        image.convertToColorSpace(QColorSpace::SRgb);
    image.convertTo(QImage::Format_ARGB32);
    Raster out{image.width(), image.height(), {}};
    out.dots.reserve(static_cast<std::size_t>(out.width) * static_cast<std::size_t>(out.height));
    for (int y = 0; y < out.height; ++y) {
        const auto* line = reinterpret_cast<const QRgb*>(image.constScanLine(y));
        for (int x = 0; x < out.width; ++x) {
            const int alpha = qAlpha(line[x]);
            const auto over = [alpha](int own, std::uint8_t below) {
                return static_cast<std::uint8_t>((own * alpha + below * (255 - alpha) + 127) / 255);
            };
            out.dots.push_back({over(qRed(line[x]), ground.r), over(qGreen(line[x]), ground.g),
                                over(qBlue(line[x]), ground.b)});
        }
    }
    return out;
}

} // namespace vitrail
