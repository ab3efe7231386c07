#include "app/picture/picture_bench.h"

#include "app/document/background.h"
#include "app/document/document.h"
#include "app/document/shelf_store.h"
#include "app/document/view_state.h"
#include "app/parts/pages.h"
#include "app/picture/bands_panel.h"
#include "app/picture/films_page.h"
#include "app/picture/look_page.h"
#include "app/picture/picture_desk.h"
#include "app/picture/prepare_page.h"
#include "app/picture/stack_page.h"
#include "app/ribbon/ribbon.h"
#include "core/picture/make.h"
#include "core/picture/new_picture.h"
#include "paint/make_picture.h"
#include "paint/words.h"

#include <QFile>

#include <algorithm>

namespace vitrail {

PictureBench::PictureBench(Document* document, ViewState* view, ShelfStore* shelf, Ribbon* ribbon,
                           QWidget* parent)
    : QWidget(parent), document_(document), view_(view), shelf_(shelf), ribbon_(ribbon),
      desk_(new PictureDesk(document, this)), look_(new LookPage(document, desk_)),
      prepare_(new PreparePage(document, desk_)), stack_(new StackPage(document, desk_, shelf)),
      films_(new FilmsPage(document, desk_)), pages_(new BenchPages(QStringLiteral("picture_pages"), this)) {
    pages_->addTab(look_, tr("As it will &look"));
    pages_->addTab(prepare_, tr("&Prepared"));
    pages_->addTab(stack_, tr("&Best stack"));
    pages_->addTab(films_, tr("&Films"));
    connect(look_, &LookPage::wants_picture, this, &PictureBench::wants_picture);
    connect(look_, &LookPage::said, this, &PictureBench::said);
    connect(stack_, &StackPage::said, this, &PictureBench::said);
    connect(films_, &FilmsPage::said, this, &PictureBench::said);
    connect(desk_, &PictureDesk::said, this, &PictureBench::said);
    connect(desk_, &PictureDesk::changed, this, &PictureBench::refresh);
    connect(desk_, &PictureDesk::tried_changed, this, &PictureBench::refresh_cuts);
    const auto moved_to = [this](int cut, int layer) {
        Picture tried = *desk_->picture();
        tried.bands = desk_->bands();
        vitrail::move_border(tried, static_cast<std::size_t>(cut),
                             layer - tried.bands[static_cast<std::size_t>(cut)].to_layer);
        return tried.bands;
    };
    connect(ribbon, &Ribbon::cut_dragged, this,
            [this, moved_to](int cut, int layer) { desk_->try_bands(moved_to(cut, layer)); });
    connect(ribbon, &Ribbon::cut_dropped, this, [this] { desk_->settle(tr("Move a border")); });
    connect(ribbon, &Ribbon::cut_moved, this, [this, moved_to](int cut, int by) {
        desk_->try_bands(moved_to(cut, desk_->bands()[static_cast<std::size_t>(cut)].to_layer + by));
        view_->set_layer(desk_->bands()[static_cast<std::size_t>(cut)].to_layer);
        desk_->settle(tr("Move a border"));
    });
    refresh();
}

void PictureBench::refresh() {
    const Picture* now = desk_->picture();
    const bool panel = now && now->use == PictureUse::panel;
    pages_->setTabVisible(2, !panel);
    pages_->setTabVisible(3, panel);
    for (int page = 1; page < pages_->count(); ++page)
        pages_->setTabEnabled(page, now);
    refresh_cuts();
}

void PictureBench::refresh_cuts() {
    std::vector<int> cuts;
    const Picture* now = isVisible() ? desk_->picture() : nullptr;
    if (now && now->use == PictureUse::relief)
        for (std::size_t i = 0; i + 1 < desk_->bands().size(); ++i)
            cuts.push_back(desk_->bands()[i].to_layer);
    ribbon_->set_cuts(std::move(cuts), now ? desk_->ends() : std::vector<double>{});
}

void PictureBench::showEvent(QShowEvent* e) {
    shelf_->open();
    refresh_cuts();
    QWidget::showEvent(e);
}
void PictureBench::hideEvent(QHideEvent* e) {
    ribbon_->set_cuts({}, {});
    QWidget::hideEvent(e);
}

void PictureBench::assign(char letter) {
    look_->bands()->assign(letter);
}

void PictureBench::take(const QString& path, PictureUse use, double width_mm) {
    Q_EMIT said(tr("The picture is being read and its stack searched for…"));
    std::vector<Filament> shelf;
    if (shelf_->is_open())
        for (const ShelfFilament& s : shelf_->shelf().filaments) {
            shelf.push_back(s.filament);
            shelf.back().shelf_id = s.id;
        }
    document_->background()->run(
        this,
        [this, path, use, width_mm, project = document_->project(),
         shelf](const std::stop_token& stop) -> Background::Then {
            const auto fail = [this](const QString& why) -> Background::Then {
                return [this, why] { Q_EMIT said(why); };
            };
            QFile file(path);
            constexpr qint64 kMostBytes = 500'000'000;
            if (!file.open(QIODevice::ReadOnly) || file.size() > kMostBytes)
                return fail(tr("%1 cannot be read, or is too large for a picture.").arg(path));
            const QByteArray bytes = file.readAll();
            Picture picture;
            picture.name = picture_name(path.toStdString());
            picture.bytes = std::make_shared<const std::string>(bytes.toStdString());
            picture.use = use;
            picture.width_mm = width_mm;
            const auto raster = decoded(picture);
            if (!raster)
                return fail(tr("%1: %2").arg(path, words(raster.error().message)));
            auto made = with_new_picture(project, std::move(picture), *raster, shelf, {stop, {}});
            if (stop.stop_requested())
                return {};
            if (!made)
                return fail(words(made.error().message));
            return [this, made = std::move(*made), use] {
                const Project& now = document_->project();
                Project next = made;
                if (now.pieces.size() != next.pieces.size() &&
                    now.pieces.size() + 1 != next.pieces.size()) // it was edited meanwhile
                    return Q_EMIT said(
                        tr("The project was changed while the picture was being made; try again."));
                document_->edit(use == PictureUse::relief ? tr("Make a relief") : tr("Make a panel"),
                                [&](Project& p) { p = next; });
                pages_->setCurrentIndex(0);
                Q_EMIT said({});
            };
        });
}

} // namespace vitrail

#include "moc_picture_bench.cpp"
