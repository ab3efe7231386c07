#include "app/picture/picture_desk.h"

#include "app/document/background.h"
#include "app/document/document.h"
#include "core/picture/stacks.h"
#include "paint/make_picture.h"
#include "paint/words.h"

#include <QPointer>

namespace vitrail {

namespace {

/// Whether the same dots come out of preparing.
bool prepared_alike(const Picture& a, const Picture& b) {
    return a.bytes == b.bytes && a.prepare == b.prepare && a.width_mm == b.width_mm && a.dot_mm == b.dot_mm;
}

std::vector<double> ends_of(const Picture& picture) {
    std::vector<int> tops;
    int most = 0;
    for (const auto& stack : stacks_of(picture)) {
        tops.push_back(layers_of(stack));
        most = std::max(most, tops.back());
    }
    std::vector<double> ends(static_cast<std::size_t>(most) + 1, 0);
    double printed = 0;
    for (const std::uint16_t n : picture.dots->dots)
        if (n) {
            ++ends[static_cast<std::size_t>(tops[n])];
            ++printed;
        }
    for (double& e : ends)
        e /= std::max(1.0, printed);
    return ends;
}

} // namespace

PictureDesk::PictureDesk(Document* document, QObject* parent) : QObject(parent), document_(document) {
    connect(document, &Document::project_changed, this, [this] {
        ++edits_;
        refresh();
    });
    refresh();
}

const Picture* PictureDesk::picture() const {
    const auto& p = document_->project().picture;
    return p && p->dots ? &*p : nullptr;
}

const std::vector<ReliefBand>& PictureDesk::bands() const {
    static const std::vector<ReliefBand> none;
    return trying_ ? trying_->bands : picture() ? picture()->bands : none;
}

double PictureDesk::mean_delta_e() const {
    return tried_ ? tried_->mean_delta_e : picture() ? picture()->figures.mean_delta_e : 0;
}

double PictureDesk::lamp_k() const {
    return light_ ? light_->first : picture() ? picture()->lighting.lamp_k : 6500;
}
bool PictureDesk::diffuser() const {
    return light_ ? light_->second : picture() && picture()->lighting.diffuser;
}
void PictureDesk::look_in(double lamp_k, bool diffuser) {
    light_ = {lamp_k, diffuser};
    Q_EMIT changed();
}

void PictureDesk::refresh() {
    const Picture* now = picture();
    drop();
    if (!now) {
        loading_.request_stop();
        original_.reset();
        prepared_.reset();
        preview_.reset();
        prepared_for_.reset();
        light_.reset();
        bytes_.reset();
        Q_EMIT changed();
        return;
    }
    ends_ = ends_of(*now);
    if (prepared_for_ && prepared_alike(*prepared_for_, *now)) {
        Q_EMIT changed();
        return;
    }
    if (prepared_for_ && prepared_for_->bytes != now->bytes)
        light_.reset();
    loading_.request_stop();
    const auto known = bytes_ == now->bytes && ground_ == now->prepare.ground ? original_ : nullptr;
    loading_ = document_->background()->run(
        this, [this, picture = *now, known](const std::stop_token& stop) -> Background::Then {
            std::shared_ptr<const Raster> original = known;
            if (!original) {
                auto read = decoded(picture);
                if (!read)
                    return [this, why = words(read.error().message)] { Q_EMIT said(why); };
                original = std::make_shared<const Raster>(std::move(*read));
            }
            if (stop.stop_requested())
                return {};
            auto ready =
                std::make_shared<const Prepared>(vitrail::prepared(picture, *original, drawn_text(picture)));
            auto preview =
                picture.use == PictureUse::relief ? std::make_shared<const ReliefPreview>(*ready) : nullptr;
            return [this, picture, original, ready, preview] {
                bytes_ = picture.bytes;
                ground_ = picture.prepare.ground;
                original_ = original;
                prepared_ = ready;
                preview_ = preview;
                prepared_for_ = picture;
                Q_EMIT changed();
            };
        });
}

void PictureDesk::edit(const QString& label, Change change) {
    pending_.emplace_back(label, std::move(change));
    start();
}

void PictureDesk::start() {
    making_.request_stop();
    if (!std::exchange(working_, true))
        Q_EMIT working_changed(true);
    Project p = document_->project();
    for (const auto& [label, change] : pending_)
        change(p);
    const auto known =
        p.picture && bytes_ == p.picture->bytes && ground_ == p.picture->prepare.ground ? original_ : nullptr;
    const int from = edits_;
    const QPointer<PictureDesk> self = this;
    making_ = document_->background()->run(
        this, [this, self, p = std::move(p), known, from](const std::stop_token& stop) -> Background::Then {
            const Progress progress{stop, [self](double share) {
                                        if (self)
                                            QMetaObject::invokeMethod(
                                                self,
                                                [self, share] {
                                                    if (self)
                                                        Q_EMIT self->progress(share);
                                                },
                                                Qt::QueuedConnection);
                                    }};
            std::shared_ptr<const Raster> original = known;
            if (!original && p.picture) {
                auto read = decoded(*p.picture);
                if (!read)
                    return [this, why = words(read.error().message)] {
                        cancel();
                        Q_EMIT said(why);
                    };
                original = std::make_shared<const Raster>(std::move(*read));
            }
            auto made = p.picture ? with_picture_made(p, *original, drawn_text(*p.picture), progress)
                                  : Result<Project>(p);
            if (stop.stop_requested())
                return {};
            return [this, made = std::move(made), original, from] {
                if (!made) {
                    cancel();
                    Q_EMIT said(words(made.error().message));
                    return;
                }
                if (from != edits_) // the project has become another meanwhile
                    return start();
                if (made->picture) {
                    bytes_ = made->picture->bytes;
                    ground_ = made->picture->prepare.ground;
                    original_ = original;
                }
                const QString label = pending_.back().first;
                cancel();
                document_->edit(label, [&](Project& now) { now = *made; });
            };
        });
}

void PictureDesk::cancel() {
    making_.request_stop();
    pending_.clear();
    drop();
    if (std::exchange(working_, false))
        Q_EMIT working_changed(false);
}

void PictureDesk::try_bands(std::vector<ReliefBand> bands) {
    const Picture* now = picture();
    if (!now || !preview_ || bands.empty())
        return;
    if (!trying_)
        trying_ = *now;
    trying_->bands = std::move(bands);
    std::vector<Srgb> colours = colours_of(*trying_, document_->project().filaments, trying_->lighting);
    colours.erase(colours.begin());
    tried_ = preview_->tried(*trying_, colours);
    Q_EMIT tried_changed();
}

void PictureDesk::settle(const QString& label) {
    if (!trying_)
        return;
    if (trying_->bands == picture()->bands)
        return drop();
    edit(label, [bands = trying_->bands](Project& p) { p.picture->bands = bands; });
}

void PictureDesk::drop() {
    trying_.reset();
    if (tried_) {
        tried_.reset();
        Q_EMIT tried_changed();
    }
}

QImage PictureDesk::tried_image(QSize most) const {
    const QSize size = QSize(preview_->width(), preview_->height()).scaled(most, Qt::KeepAspectRatio);
    QImage image(size, QImage::Format_RGB32);
    for (int y = 0; y < size.height(); ++y) {
        auto* line = reinterpret_cast<QRgb*>(image.scanLine(y));
        const std::size_t row = static_cast<std::size_t>(y) * static_cast<std::size_t>(preview_->height()) /
                                static_cast<std::size_t>(size.height()) *
                                static_cast<std::size_t>(preview_->width());
        for (int x = 0; x < size.width(); ++x) {
            const Srgb c =
                tried_->colours[preview_->cells()[row + static_cast<std::size_t>(x) *
                                                            static_cast<std::size_t>(preview_->width()) /
                                                            static_cast<std::size_t>(size.width())]];
            line[x] = qRgb(c.r, c.g, c.b);
        }
    }
    return image;
}

void PictureDesk::ask_look(LookAs as, QSize most, QObject* owner, std::function<void(const QImage&)> then) {
    if (!ready())
        return;
    Picture picture = *this->picture();
    picture.lighting.lamp_k = lamp_k();
    picture.lighting.diffuser = diffuser();
    document_->background()->run(
        owner,
        [picture = std::move(picture), filaments = document_->project().filaments, prepared = prepared_, as,
         most, then = std::move(then)](const std::stop_token&) -> Background::Then {
            if (picture.dots->width <
                prepared->picture.width) // of another size: the one to come is being prepared
                return {};
            QImage image = to_image(look(picture, filaments, *prepared, as));
            image = image.scaled(most, Qt::KeepAspectRatio,
                                 image.width() > most.width() ? Qt::SmoothTransformation
                                                              : Qt::FastTransformation);
            return [image, then] { then(image); };
        });
}

} // namespace vitrail

#include "moc_picture_desk.cpp"
