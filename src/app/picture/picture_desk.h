// The project's picture as the Picture bench has it before it: decoded, prepared, tried and made anew, off
// the window's thread.
#pragma once

#include "core/picture/look.h"
#include "core/picture/preview.h"
#include "core/project/project.h"

#include <QImage>
#include <QObject>
#include <QSize>

#include <functional>
#include <memory>
#include <optional>
#include <stop_token>
#include <vector>

namespace vitrail {

class Document;

class PictureDesk : public QObject {
    Q_OBJECT
public:
    explicit PictureDesk(Document* document, QObject* parent = nullptr);

    /// The picture, if the project has one that is made.
    const Picture* picture() const;
    /// Everything is there to be looked at.
    bool ready() const { return picture() && prepared_; }
    std::shared_ptr<const Raster> as_it_came() const { return original_; }
    std::shared_ptr<const Prepared> prepared() const { return prepared_; }

    /// What changes the picture: it is made anew in the background, and becomes one undoable edit when that
    /// has gone well. Several that follow fast are made together.
    using Change = std::function<void(Project&)>;
    void edit(const QString& label, Change change);
    bool working() const { return working_; }
    void cancel();

    /// While bands are dragged: how it would look and what would end where, within a frame. Nothing is
    /// edited; settle() does that, drop() lets go.
    void try_bands(std::vector<ReliefBand> bands);
    void settle(const QString& label);
    void drop();
    /// The bands as they are shown: the tried ones, else the picture's.
    const std::vector<ReliefBand>& bands() const;
    const std::optional<ReliefPreview::Tried>& tried() const { return tried_; }
    /// The tried look, at most so large.
    QImage tried_image(QSize most) const;
    /// [layer]: share of the printed dots that end in it.
    const std::vector<double>& ends() const { return tried_ ? tried_->ends : ends_; }
    double mean_delta_e() const;

    /// The picture as it is looked at, scaled to `most`: made in the background, handed to `then` in the
    /// window's thread.
    void ask_look(LookAs as, QSize most, QObject* owner, std::function<void(const QImage&)> then);

    /// The light it is looked at in, where that is another than it was made for: lamp and diffuser to be
    /// tried.
    void look_in(double lamp_k, bool diffuser);
    double lamp_k() const;
    bool diffuser() const;

Q_SIGNALS:
    void changed(); ///< another picture, other bands, other colours
    void tried_changed();
    void working_changed(bool working);
    void progress(double share);
    void said(const QString& message);

private:
    void refresh();
    void start();

    Document* document_;
    std::shared_ptr<const std::string> bytes_; ///< what original_ was decoded from
    Srgb ground_;
    std::shared_ptr<const Raster> original_;
    std::shared_ptr<const Prepared> prepared_;
    std::shared_ptr<const ReliefPreview> preview_;
    std::optional<Picture> prepared_for_;
    std::vector<double> ends_;
    std::optional<Picture> trying_;
    std::optional<ReliefPreview::Tried> tried_;
    std::optional<std::pair<double, bool>> light_;
    std::vector<std::pair<QString, Change>> pending_;
    std::stop_source making_, loading_;
    bool working_ = false;
    int edits_ = 0; ///< of the project, to know whether it is still the one that was started from
};

} // namespace vitrail
