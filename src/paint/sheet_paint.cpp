#include "paint/sheet_paint.h"

#include "core/base/numbers.h"
#include "formats/files.h"
#include "formats/machine_file.h"
#include "paint/filament_paint.h"
#include "paint/page_paint.h"
#include "paint/words.h"

#include <QBuffer>
#include <QCoreApplication>
#include <QFontMetricsF>
#include <QPageLayout>
#include <QPagedPaintDevice>
#include <QPainter>
#include <QPdfWriter>

namespace vitrail {

namespace {

constexpr double kMargin = 42, kText = 9.5, kSmall = 8.5;
const QColor kInk(0x16, 0x18, 0x1c), kQuiet(0x50, 0x56, 0x5e), kRule(0xb8, 0xbc, 0xc2),
    kWarning(0xa0, 0x30, 0x28);

QString tr(const char* text) {
    return QCoreApplication::translate("vitrail::SheetPages", text);
}

QFont font(double points, bool bold = false) {
    QFont f(load_fonts());
    f.setPixelSize(qRound(points)); // the painter's unit is a point
    f.setWeight(bold ? QFont::DemiBold : QFont::Normal);
    f.setHintingPreference(QFont::PreferNoHinting);
    return f;
}

QString text(const std::string& s) {
    return QString::fromStdString(s);
}

} // namespace

SheetPages::SheetPages(RunSheet sheet, QSizeF page) : sheet_(std::move(sheet)), page_(page) {
    build();
    paginate();
}

void SheetPages::add(double height, std::function<void(QPainter&, double)> paint, bool keep_with_next) {
    blocks_.push_back({height, std::move(paint), keep_with_next});
}

void SheetPages::heading(const QString& title) {
    const double right = page_.width() - kMargin;
    add(
        30,
        [=](QPainter& p, double y) {
            p.setFont(font(13, true));
            p.setPen(kInk);
            p.drawText(QRectF(kMargin, y + 8, right - kMargin, 18), Qt::AlignLeft | Qt::AlignBottom, title);
            p.setPen(QPen(kInk, 1.4));
            p.drawLine(QPointF(kMargin, y + 28), QPointF(right, y + 28));
        },
        true);
}

void SheetPages::paragraph(const QString& words, const QString& marker, bool warning) {
    const double left = kMargin + (marker.isEmpty() && !warning ? 0 : 18),
                 width = page_.width() - kMargin - left;
    const QFontMetricsF metrics(font(kText));
    const double h = metrics.boundingRect(QRectF(0, 0, width, 1e4), Qt::TextWordWrap, words).height() + 4;
    add(h, [=](QPainter& p, double y) {
        p.setFont(font(kText, !marker.isEmpty()));
        p.setPen(kInk);
        if (!marker.isEmpty())
            p.drawText(QRectF(kMargin, y, 16, h), Qt::AlignRight | Qt::AlignTop, marker);
        if (warning)
            p.fillRect(QRectF(kMargin + 4, y, 3, h - 2), kWarning);
        p.setFont(font(kText));
        p.drawText(QRectF(left + 2, y, width, h), Qt::TextWordWrap | Qt::AlignLeft | Qt::AlignTop, words);
    });
}

void SheetPages::build() {
    const double left = kMargin, right = page_.width() - kMargin, width = right - left;
    add(58, [=, this](QPainter& p, double y) {
        p.setPen(kInk);
        p.setFont(font(20, true));
        p.drawText(QRectF(left, y, width, 26), Qt::AlignLeft | Qt::AlignVCenter, words(sheet_.title));
        p.setFont(font(kText));
        p.drawText(QRectF(left, y + 27, width, 13), Qt::AlignLeft,
                   QFontMetricsF(font(kText))
                       .elidedText(
                           tr("%1 (%2)").arg(words(machine_text(sheet_.machine)), words(sheet_.machine_note)),
                           Qt::ElideRight, width));
        QString settings;
        for (const Message& s : sheet_.settings)
            settings += (settings.isEmpty() ? QString() : QStringLiteral(" · ")) + words(s);
        p.setPen(kQuiet);
        p.drawText(QRectF(left, y + 41, width, 13), Qt::AlignLeft, settings);
    });
    if (!sheet_.warnings.empty()) {
        heading(tr("Look at this before you start"));
        for (const Message& w : sheet_.warnings)
            paragraph(words(w), {}, true);
    }

    if (!sheet_.plate.shapes.empty())
        add(150, [=, this](QPainter& p, double y) { paint_pictures(p, QRectF(left, y + 6, width, 138)); });

    heading(tr("Filaments"));
    for (const SheetFilament& f : sheet_.filaments) {
        add(
            30,
            [=](QPainter& p, double y) {
                const Filament x = make_filament(f.letter, Material::PLA, f.colour);
                paint_pane(p, QRectF(left, y + 4, 44, 22), x, 7);
                p.setPen(QPen(kInk, 1.4));
                p.setBrush(Qt::NoBrush);
                p.drawRect(QRectF(left, y + 4, 44, 22));
                paint_badge(p, QRectF(left + 12, y + 5, 20, 20), f.letter, to_qcolor(f.colour),
                            font(9, true));
                p.setPen(kInk);
                p.setFont(font(10, true));
                p.drawText(QRectF(left + 54, y, 170, 30), Qt::AlignVCenter,
                           text(f.name) + QStringLiteral(" ") + text(f.material));
                p.setFont(font(kText));
                p.drawText(QRectF(left + 230, y, width - 360, 30), Qt::AlignVCenter, words(f.place));
                p.drawText(QRectF(right - 130, y, 60, 30), Qt::AlignVCenter | Qt::AlignRight,
                           tr("%1 g").arg(number(f.total_g, 1)));
                p.drawText(QRectF(right - 66, y, 66, 30), Qt::AlignVCenter | Qt::AlignRight,
                           tr("%1 m").arg(number(f.length_m, 1)));
            },
            true);
        QStringList care;
        for (const Message* m : {&f.heat, &f.drying, &f.spools, &f.handling})
            if (!m->empty())
                care << words(*m);
        paragraph(care.join(QStringLiteral(" · ")));
    }

    heading(tr("To set in the toolpath program"));
    QStringList values;
    for (const auto& [what, value] : sheet_.values)
        values << QStringLiteral("%1: %2").arg(words(what), words(value));
    paragraph(values.join(QStringLiteral(" · ")));

    heading(tr("Before the start"));
    int step = 0;
    for (const Message& s : sheet_.preparation)
        paragraph(QStringLiteral("☐ ") + words(s), QString::number(++step));

    heading(tr("Changes"));
    if (sheet_.changes.empty())
        paragraph(tr("None: the whole print is in one filament."));
    for (const SheetChange& c : sheet_.changes)
        add(34, [=, this](QPainter& p, double y) {
            const auto colour = [&](char letter) {
                for (const SheetFilament& f : sheet_.filaments)
                    if (f.letter == letter)
                        return to_qcolor(f.colour);
                return QColor(Qt::gray);
            };
            // A box to tick, the number, from → to, and the layer in all three ways.
            p.setPen(QPen(kInk, 1));
            p.setBrush(Qt::NoBrush);
            p.drawRect(QRectF(left, y + 11, 11, 11));
            p.setFont(font(10, true));
            p.drawText(QRectF(left + 15, y, 24, 34), Qt::AlignVCenter | Qt::AlignRight,
                       QString::number(c.number));
            paint_badge(p, QRectF(left + 46, y + 6, 22, 22), c.from, colour(c.from), font(9, true));
            p.setPen(QPen(kQuiet, 1.6));
            p.drawLine(QPointF(left + 70, y + 17), QPointF(left + 84, y + 17));
            p.drawLine(QPointF(left + 80, y + 14), QPointF(left + 84, y + 17));
            p.drawLine(QPointF(left + 80, y + 20), QPointF(left + 84, y + 17));
            paint_badge(p, QRectF(left + 86, y + 6, 22, 22), c.to, colour(c.to), font(9, true));
            p.setPen(kInk);
            const Change& x = c.change;
            p.setFont(font(10.4, true));
            const QString head =
                (x.within_layer ? tr("within layer %1") : tr("before layer %1")).arg(x.layer) +
                QStringLiteral(" · ") + text(c.clock);
            p.drawText(QRectF(left + 116, y + 3, 180, 14), Qt::AlignVCenter, head);
            p.setFont(font(kSmall));
            const QString rest =
                x.within_layer
                    ? tr("after layer %1 and part of layer %2 · with %3 mm printed · layer %2 ends at %4 mm")
                          .arg(x.layer - 1)
                          .arg(x.layer)
                          .arg(number(x.z_before_mm, 2))
                          .arg(number(x.z_after_mm, 2))
                    : tr("after layer %1 · with %2 mm printed · layer %3 ends at %4 mm")
                          .arg(x.layer - 1)
                          .arg(number(x.z_before_mm, 2))
                          .arg(x.layer)
                          .arg(number(x.z_after_mm, 2));
            p.drawText(QRectF(left + 116, y + 17, width - 116, 13), Qt::AlignVCenter, rest);
            p.setPen(kQuiet);
            p.drawText(QRectF(left + 296, y + 3, right - left - 296, 14), Qt::AlignVCenter | Qt::AlignRight,
                       tr("%1 · %2 · purge %3 g · %4")
                           .arg(text(c.command), words(c.kind))
                           .arg(number(c.purge_g, 2))
                           .arg(text(duration(c.time_s))));
            p.setPen(QPen(kRule, 0.6));
            p.drawLine(QPointF(left, y + 33.5), QPointF(right, y + 33.5));
        });

    if (!sheet_.refills.empty())
        heading(tr("Slots to refill"));
    for (const SheetRefill& r : sheet_.refills)
        paragraph((r.out ? tr("%1: take %2 out, put %3 in, %4")
                               .arg(words(r.slot))
                               .arg(QChar::fromLatin1(r.out))
                               .arg(QChar::fromLatin1(r.in))
                               .arg(words(r.when))
                         : tr("%1: put %2 in, %3")
                               .arg(words(r.slot))
                               .arg(QChar::fromLatin1(r.in))
                               .arg(words(r.when))) +
                      (r.command.empty() ? QString() : QStringLiteral(" · ") + text(r.command)),
                  QStringLiteral("☐"));
    paragraph(words(sheet_.presence));

    heading(tr("In all"));
    const int columns = 4, rows = (static_cast<int>(sheet_.totals.size()) + columns - 1) / columns;
    for (int r = 0; r < rows; ++r)
        add(30, [=, this](QPainter& p, double y) {
            for (int c = 0; c < columns; ++c) {
                const std::size_t i = static_cast<std::size_t>(r) * columns + c;
                if (i >= sheet_.totals.size())
                    break;
                const QRectF cell(left + c * width / columns, y + 2, width / columns, 14);
                p.setPen(kQuiet);
                p.setFont(font(kSmall));
                p.drawText(cell, Qt::AlignLeft, words(sheet_.totals[i].first));
                p.setPen(kInk);
                p.setFont(font(11, true));
                p.drawText(cell.translated(0, 11), Qt::AlignLeft, words(sheet_.totals[i].second));
            }
        });

    if (!sheet_.after.empty())
        heading(tr("After the print"));
    int after = 0;
    for (const AfterStep& a : sheet_.after) {
        const QString times = words(after_times(a));
        paragraph((times.isEmpty() ? words(a.title) + QStringLiteral(". ")
                                   : tr("%1 (%2). ").arg(words(a.title), times)) +
                      words(a.text),
                  QString::number(++after));
        if (!a.caution.empty())
            paragraph(words(a.caution), QStringLiteral("!"));
    }

    heading(tr("Cautions"));
    for (const Message& c : sheet_.cautions)
        paragraph(words(c), QStringLiteral("!"));
}

void SheetPages::paint_pictures(QPainter& p, QRectF r) const {
    if (!sheet_.picture.empty()) {
        const QImage picture = QImage::fromData(reinterpret_cast<const uchar*>(sheet_.picture.data()),
                                                static_cast<int>(sheet_.picture.size()), "PNG");
        p.setRenderHint(QPainter::SmoothPixmapTransform);
        p.drawImage(QRectF(r.left(), r.top(), r.height(), r.height()), picture);
    }
    // The bed from above, its front at the bottom.
    const SheetPlate& plate = sheet_.plate;
    const double scale = qMin((r.width() - r.height() - 20) / plate.bed_x_mm, r.height() / plate.bed_y_mm);
    const QRectF bed(r.left() + r.height() + 20, r.top(), plate.bed_x_mm * scale, plate.bed_y_mm * scale);
    const auto polygon = [&](const Outline& outline) {
        QPolygonF all;
        for (const auto& [x, y] : outline)
            all << QPointF(bed.left() + x * scale, bed.bottom() - y * scale);
        return all;
    };
    p.setPen(QPen(kInk, 1));
    p.setBrush(Qt::NoBrush);
    p.drawRect(bed);
    if (!plate.skirt.empty())
        p.drawPolygon(polygon(plate.skirt));
    p.setFont(font(6.5, true));
    for (const SheetPlate::Shape& shape : plate.shapes) {
        QColor colour(0xdd, 0xdd, 0xdd);
        for (const SheetFilament& f : sheet_.filaments)
            if (f.letter == shape.letter)
                colour = to_qcolor(f.colour);
        const QPolygonF area = polygon(shape.outline);
        p.setPen(QPen(kInk, 0.8));
        p.setBrush(colour);
        p.drawPolygon(area);
        p.setPen(ink_on(colour));
        const QRectF box = area.boundingRect();
        p.drawText(box, Qt::AlignCenter,
                   QFontMetricsF(p.font()).elidedText(words(shape.name), Qt::ElideRight, box.width()));
    }
}

void SheetPages::paginate() {
    const double bottom = page_.height() - kMargin - 14;
    double y = kMargin;
    pages_.assign(1, {});
    for (std::size_t i = 0; i < blocks_.size(); ++i) {
        const double need = blocks_[i].height +
                            (blocks_[i].keep_with_next && i + 1 < blocks_.size() ? blocks_[i + 1].height : 0);
        if (y + need > bottom && !pages_.back().empty()) {
            pages_.emplace_back();
            y = kMargin;
        }
        pages_.back().emplace_back(i, y);
        y += blocks_[i].height;
    }
}

void SheetPages::paint(QPainter& p, int page) const {
    p.save();
    p.setRenderHint(QPainter::Antialiasing);
    p.fillRect(QRectF({0, 0}, page_), Qt::white);
    for (const auto& [block, y] : pages_[page])
        blocks_[block].paint(p, y);
    p.setPen(kQuiet);
    p.setFont(font(kSmall));
    p.drawText(QRectF(kMargin, page_.height() - kMargin - 4, page_.width() - 2 * kMargin, 14), Qt::AlignRight,
               tr("%1 · page %2 of %3").arg(words(sheet_.title)).arg(page + 1).arg(count()));
    p.restore();
}

void SheetPages::print(QPagedPaintDevice& device) const {
    QPainter p(&device);
    const QRectF whole = QRectF(0, 0, device.width(), device.height());
    for (int i = 0; i < count(); ++i) {
        if (i)
            device.newPage();
        p.save();
        const double scale = qMin(whole.width() / page_.width(), whole.height() / page_.height());
        p.scale(scale, scale);
        paint(p, i);
        p.restore();
    }
}

Status write_sheet_pdf(const RunSheet& sheet, const std::string& path) {
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    {
        QPdfWriter pdf(&buffer);
        pdf.setPageSize(usual_paper());
        pdf.setPageMargins(QMarginsF(0, 0, 0, 0));
        pdf.setTitle(words(sheet.title));
        pdf.setCreator(QStringLiteral("Vitrail"));
        SheetPages(sheet).print(pdf);
    }
    return write_file(path, std::string_view(bytes.constData(), static_cast<std::size_t>(bytes.size())));
}

} // namespace vitrail
