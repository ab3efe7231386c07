// Pictures of the piece as files: PNG of the piece, PNG or SVG of a layer or the bed, at a chosen size, with
// or without a legend.
#pragma once

#include "core/project/project.h"

#include <QDialog>

#include <functional>

class QCheckBox;
class QSpinBox;
class QPainter;

namespace vitrail {

/// How large, and whether a legend stands beside it.
class PictureDialog : public QDialog {
    Q_OBJECT
public:
    PictureDialog(QSize size, QWidget* parent = nullptr);
    QSize size_wanted() const;
    bool legend() const;

private:
    QSpinBox *width_, *height_;
    QCheckBox* legend_;
};

/// What is drawn into the picture: the painter's clip and origin are the picture's.
using DrawPicture = std::function<void(QPainter& painter, QSize size)>;

/// Paints to a file, whole or not at all: .svg, else PNG. `legend`: of these filaments, at the right; null:
/// none.
Status write_picture(const QString& path, QSize size, const DrawPicture& draw, const Project* legend);

/// Asks for size and file, and writes. Done where the user calls it off.
Status ask_picture_file(QWidget* parent, const QString& stem, QSize size, bool vector, const Project& project,
                        const DrawPicture& draw);
/// The piece as on the bench's cards, asked for in the same way.
Status save_piece_picture(QWidget* parent, const Project& project, const QString& stem);

} // namespace vitrail
