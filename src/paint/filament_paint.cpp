#include "paint/filament_paint.h"

#include "formats/report.h"
#include "paint/words.h"

#include <QFontDatabase>
#include <QHash>
#include <QPainter>
#include <QPainterPath>

// Resources of a static library must be asked for by name, outside any namespace.
static void init_resources() {
    Q_INIT_RESOURCE(paint);
}

namespace vitrail {

void name_in_words(Filament& f) {
    if (const Message colour = describe_colour(f.colour); f.name == english(colour))
        f.name = words(colour).toStdString();
}

QColor ink_on(const QColor& c) {
    const Srgb s = to_srgb(c);
    return contrast_ratio(s, {0, 0, 0}) >= contrast_ratio(s, {255, 255, 255}) ? QColor(0, 0, 0)
                                                                              : QColor(255, 255, 255);
}

QBrush hatch_brush(char letter, const QColor& colour, int pitch) {
    static QHash<quint64, QImage> tiles;
    const quint64 key =
        quint64(colour.rgb()) << 16 | quint64(static_cast<unsigned char>(letter)) << 8 | quint64(pitch);
    QImage& tile = tiles[key];
    if (tile.isNull()) {
        const int size = letter - 'A' < 8 ? pitch : qMax(4, pitch * 2 / 3);
        tile = QImage(size, size, QImage::Format_ARGB32_Premultiplied);
        tile.fill(Qt::transparent);
        QPainter p(&tile);
        p.setRenderHint(QPainter::Antialiasing);
        QColor ink = ink_on(colour);
        ink.setAlphaF(0.30f);
        p.setPen(QPen(ink, qMax(1.0, pitch / 8.0), Qt::SolidLine, Qt::SquareCap));
        for (const HatchLine& h : hatch_lines(letter))
            // Drawn into the neighbours too, so that slanted lines join across tiles.
            for (int dx = -1; dx <= 1; ++dx)
                for (int dy = -1; dy <= 1; ++dy)
                    if (h.x0 != h.x1 && h.y0 != h.y1 ? true : dx == 0 && dy == 0)
                        p.drawLine(QPointF((h.x0 + dx) * size, (h.y0 + dy) * size),
                                   QPointF((h.x1 + dx) * size, (h.y1 + dy) * size));
    }
    return QBrush(tile);
}

void paint_pane(QPainter& p, const QRectF& rect, const Filament& f, int pitch) {
    const QColor c = to_qcolor(f.colour);
    p.fillRect(rect, c);
    p.fillRect(rect, hatch_brush(f.letter, c, pitch));
}

void paint_badge(QPainter& p, const QRectF& rect, char letter, const QColor& colour, const QFont& font) {
    p.save();
    p.setRenderHint(QPainter::Antialiasing);
    const QPointF c = rect.center();
    const qreal r = qMin(rect.width(), rect.height()) / 2 - 1;
    QPolygonF diamond;
    diamond << c + QPointF(0, -r) << c + QPointF(r, 0) << c + QPointF(0, r) << c + QPointF(-r, 0);
    const QColor ink = ink_on(colour);
    // Two outlines, so that one of them shows on any ground.
    p.setPen(QPen(ink == Qt::white ? Qt::white : QColor(0x10, 0x12, 0x16), 2.4));
    p.setBrush(colour);
    p.drawPolygon(diamond);
    p.setPen(QPen(ink == Qt::white ? QColor(0x10, 0x12, 0x16) : Qt::white, 0.8));
    p.setBrush(Qt::NoBrush);
    p.drawPolygon(diamond);
    QFont f = font;
    f.setWeight(QFont::DemiBold);
    f.setPixelSize(qMax(7, static_cast<int>(r * 0.95)));
    p.setFont(f);
    p.setPen(ink);
    p.drawText(rect, Qt::AlignCenter, QString(QChar::fromLatin1(letter)));
    p.restore();
}

QString load_fonts() {
    static const QString family = [] {
        init_resources();
        QFontDatabase::addApplicationFont(QStringLiteral(":/fonts/Inter-SemiBold.otf"));
        const int id = QFontDatabase::addApplicationFont(QStringLiteral(":/fonts/Inter-Regular.otf"));
        const QStringList families = QFontDatabase::applicationFontFamilies(id);
        return families.isEmpty() ? QStringLiteral("sans-serif") : families.first();
    }();
    return family;
}

} // namespace vitrail
