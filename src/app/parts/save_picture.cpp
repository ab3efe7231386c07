#include "app/parts/save_picture.h"

#include "app/theme/theme.h"
#include "formats/files.h"
#include "paint/filament_paint.h"
#include "paint/thumbnail.h"

#include <QBuffer>
#include <QCheckBox>
#include <QDialogButtonBox>
#include <QFileDialog>
#include <QFormLayout>
#include <QPainter>
#include <QSpinBox>
#include <QSvgGenerator>
#include <QVBoxLayout>

#include <set>

namespace vitrail {

namespace {

constexpr int kLeastPixels = 64, kMostPixels = 8000;

/// Filaments that something is given, in the project's order.
std::vector<const Filament*> filaments_of(const Project& p) {
    std::set<char> used;
    for (const Piece& piece : p.pieces) {
        for (const Part& part : piece.parts) {
            used.insert(part.filament);
            for (const Patch& patch : part.patches)
                used.insert(patch.filament);
        }
        for (const Band& b : piece.bands)
            used.insert(b.filament);
    }
    std::vector<const Filament*> out;
    for (const Filament& f : p.filaments)
        if (used.count(f.letter))
            out.push_back(&f);
    return out;
}

int legend_width(int height) {
    return std::max(120, height / 3);
}

void draw_legend(QPainter& p, const QRectF& r, const Project& project) {
    const auto filaments = filaments_of(project);
    const double row = std::min(r.height() / std::max<std::size_t>(1, filaments.size()), r.width() / 5.0);
    QFont font = p.font();
    font.setPixelSize(std::max(8, static_cast<int>(row * 0.45)));
    for (std::size_t i = 0; i < filaments.size(); ++i) {
        const QRectF at(r.left(), r.top() + static_cast<double>(i) * row, r.width(), row);
        paint_badge(p, QRectF(at.left() + row * 0.1, at.top() + row * 0.1, row * 0.8, row * 0.8),
                    filaments[i]->letter, to_qcolor(filaments[i]->colour), font);
        p.setFont(font);
        p.setPen(Qt::black);
        p.drawText(at.adjusted(row * 1.15, 0, 0, 0), Qt::AlignVCenter | Qt::AlignLeft,
                   p.fontMetrics().elidedText(QString::fromStdString(filaments[i]->name), Qt::ElideRight,
                                              static_cast<int>(at.width() - row * 1.2)));
    }
}

void draw_all(QPainter& p, QSize size, const DrawPicture& draw, const Project* legend) {
    const QSize picture(size.width() - (legend ? legend_width(size.height()) : 0), size.height());
    p.save();
    p.setClipRect(QRect(QPoint(0, 0), picture));
    draw(p, picture);
    p.restore();
    if (legend)
        draw_legend(p,
                    QRectF(picture.width() + size.height() * 0.02, size.height() * 0.04,
                           legend_width(size.height()) - size.height() * 0.04, size.height() * 0.92),
                    *legend);
}

} // namespace

PictureDialog::PictureDialog(QSize size, QWidget* parent)
    : QDialog(parent), width_(new QSpinBox), height_(new QSpinBox),
      legend_(new QCheckBox(tr("&Legend: letters, colours and names of the filaments"))) {
    setWindowTitle(tr("A picture"));
    for (QSpinBox* box : {width_, height_}) {
        box->setRange(kLeastPixels, kMostPixels);
        box->setSuffix(tr(" px"));
    }
    width_->setObjectName(QStringLiteral("picture_width"));
    height_->setObjectName(QStringLiteral("picture_height"));
    legend_->setObjectName(QStringLiteral("picture_legend"));
    width_->setValue(size.width());
    height_->setValue(size.height());
    auto* form = new QFormLayout;
    form->addRow(tr("&Width"), width_);
    form->addRow(tr("&Height"), height_);
    form->addRow(legend_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Save | QDialogButtonBox::Cancel);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    auto* all = new QVBoxLayout(this);
    all->addLayout(form);
    all->addWidget(buttons);
}

QSize PictureDialog::size_wanted() const {
    return {width_->value(), height_->value()};
}

bool PictureDialog::legend() const {
    return legend_->isChecked();
}

Status write_picture(const QString& path, QSize size, const DrawPicture& draw, const Project* legend) {
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    if (path.endsWith(QLatin1String(".svg"), Qt::CaseInsensitive)) {
        QSvgGenerator svg;
        svg.setOutputDevice(&buffer);
        svg.setSize(size);
        svg.setViewBox(QRect(QPoint(0, 0), size));
        svg.setTitle(QStringLiteral("Vitrail"));
        QPainter p(&svg);
        p.fillRect(QRect(QPoint(0, 0), size), Qt::white);
        draw_all(p, size, draw, legend);
    } else {
        QImage image(size, QImage::Format_ARGB32_Premultiplied);
        image.fill(Qt::white);
        {
            QPainter p(&image);
            p.setRenderHint(QPainter::Antialiasing);
            draw_all(p, size, draw, legend);
        }
        image.save(&buffer, "PNG");
    }
    buffer.close();
    return write_file(path.toStdString(), bytes.toStdString());
}

Status ask_picture_file(QWidget* parent, const QString& stem, QSize size, bool vector, const Project& project,
                        const DrawPicture& draw) {
    PictureDialog dialog(size, parent);
    if (dialog.exec() != QDialog::Accepted)
        return Done{};
    const QString path = QFileDialog::getSaveFileName(
        parent, PictureDialog::tr("Save the picture"), stem + QStringLiteral(".png"),
        vector ? PictureDialog::tr("Picture (*.png);;Drawing (*.svg)")
               : PictureDialog::tr("Picture (*.png)"));
    if (path.isEmpty())
        return Done{};
    return write_picture(path, dialog.size_wanted(), draw, dialog.legend() ? &project : nullptr);
}

Status save_piece_picture(QWidget* parent, const Project& project, const QString& stem) {
    return ask_picture_file(parent, stem, {1200, 900}, false, project, [&](QPainter& p, QSize size) {
        const int side = std::min(size.width(), size.height());
        p.drawImage(QPoint((size.width() - side) / 2, (size.height() - side) / 2), thumbnail(project, side));
    });
}

} // namespace vitrail

#include "moc_save_picture.cpp"
