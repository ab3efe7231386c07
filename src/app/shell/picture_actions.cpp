// Pictures of the piece, a layer and the bed as files, from the menu and from where they are drawn.
#include "app/document/document.h"
#include "app/document/view_state.h"
#include "app/layer_window/layer_window.h"
#include "app/parts/save_picture.h"
#include "app/piece/piece_bench.h"
#include "app/plate/plate_bench.h"
#include "app/plate_view/plate_view.h"
#include "app/shell/main_window.h"
#include "app/shell/message_bar.h"
#include "app/theme/theme.h"
#include "app/view3d/view3d.h"
#include "paint/layer_paint.h"
#include "paint/thumbnail.h"
#include "paint/words.h"

#include <QFileInfo>
#include <QMenu>
#include <QPainter>

namespace vitrail {

void MainWindow::add_picture_actions(QMenu* file) {
    QMenu* menu = file->addMenu(icon(QStringLiteral("image")), tr("Save a pic&ture"));
    const auto add = [&](const char* id, const QString& text, QSize size, bool vector, auto draw,
                         const QString& what) {
        QAction* a = menu->addAction(text);
        a->setObjectName(QString::fromLatin1(id));
        connect(a, &QAction::triggered, this, [this, size, vector, draw, what] {
            const auto plan = document_->plan();
            if (!plan) {
                messages_->say(tr("There is no picture yet: add a model first."));
                return;
            }
            const QString folder = document_->path().isEmpty()
                                       ? QString()
                                       : QFileInfo(document_->path()).path() + QLatin1Char('/');
            const Status ok = ask_picture_file(this, folder + document_->title() + QLatin1Char('-') + what,
                                               size, vector, document_->planned_project(), draw);
            if (!ok)
                messages_->say(words(ok.error().message));
        });
        return a;
    };
    QAction* piece = add(
        "picture_piece", tr("Of the &piece, as it is seen…"), {1600, 1200}, false,
        [this](QPainter& p, QSize size) {
            if (View3d* view = piece_->view3d())
                p.drawImage(QRect(QPoint(0, 0), size), view->picture(size));
            else
                p.drawImage(QPoint(0, 0),
                            thumbnail(document_->planned_project(), std::min(size.width(), size.height())));
        },
        tr("piece"));
    picture_layer_ = add(
        "picture_layer", tr("Of the &layer at the cursor…"), {1200, 1200}, true,
        [this](QPainter& p, QSize size) {
            const Project& project = document_->planned_project();
            paint_layer(p, QRectF(QPointF(0, 0), size), project, *document_->plan(), view_->piece_in(project),
                        view_->layer());
        },
        tr("layer"));
    picture_bed_ = add(
        "picture_bed", tr("Of the &bed from above…"), {1200, 1200}, true,
        [this](QPainter& p, QSize size) { plate_bench()->plate()->render(&p, QRectF(QPointF(0, 0), size)); },
        tr("bed"));
    offer_pictures(piece_);
    if (piece_->view3d())
        piece_->view3d()->addAction(piece); // its right button turns the piece
}

/// Wherever a layer or the bed is drawn, its picture can be saved.
void MainWindow::offer_pictures(QWidget* bench) {
    const auto offer = [](QWidget* where, QAction* action) {
        where->addAction(action);
        where->setContextMenuPolicy(Qt::ActionsContextMenu);
    };
    for (LayerWindow* w : bench->findChildren<LayerWindow*>())
        offer(w, picture_layer_);
    for (PlateView* w : bench->findChildren<PlateView*>())
        offer(w, picture_bed_);
}

} // namespace vitrail
