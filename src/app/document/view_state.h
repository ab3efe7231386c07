// What the person is looking at: a piece, the cursor layer, the selected parts, a range of layers. Not part
// of the project.
#pragma once

#include "core/plan/plan.h"

#include <QObject>

#include <algorithm>
#include <set>
#include <utility>

namespace vitrail {

class ViewState : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;

    int layer() const { return layer_; }
    /// Which piece is looked at, of a project that may have fewer by now.
    std::size_t piece_in(const Project& p) const { return std::min(piece_, p.pieces.size() - 1); }
    const Piece& piece_of(const Project& p) const { return p.pieces[piece_in(p)]; }
    Piece& piece_of(Project& p) const { return p.pieces[piece_in(p)]; }
    const PiecePlan& piece_of(const Plan& plan) const {
        return plan.pieces[std::min(piece_, plan.pieces.size() - 1)];
    }
    /// The selected parts, of that piece.
    const std::set<int>& parts() const { return parts_; }
    /// First and last layer of the range; {0, 0}: none.
    std::pair<int, int> range() const { return range_; }

    /// The selected patch: part and number (1 …); number 0: none.
    std::pair<int, int> patch() const { return patch_; }
    /// Places that "show me" points at.
    const std::vector<Spot>& spots() const { return spots_; }

    void select_patch(int part, int number) {
        if (patch_ == std::pair{part, number} && parts_.empty())
            return;
        parts_.clear();
        patch_ = {part, number};
        Q_EMIT selection_changed();
    }
    void show_spots(std::vector<Spot> spots) {
        spots_ = std::move(spots);
        Q_EMIT spots_changed();
    }
    /// Looks at another piece; nothing of it is selected.
    void show_piece(std::size_t piece) {
        if (piece == piece_)
            return;
        piece_ = piece;
        parts_.clear();
        patch_ = {-1, 0};
        spots_.clear();
        Q_EMIT piece_changed();
        Q_EMIT selection_changed();
        Q_EMIT spots_changed();
    }
    void set_layer(int layer) {
        if (layer != layer_) {
            layer_ = layer;
            Q_EMIT layer_changed(layer);
        }
    }
    void select(std::set<int> parts) {
        if (parts != parts_ || patch_.second) {
            parts_ = std::move(parts);
            patch_ = {-1, 0};
            Q_EMIT selection_changed();
        }
    }
    void set_range(int from, int to) {
        if (range_ != std::pair{from, to}) {
            range_ = {from, to};
            Q_EMIT range_changed();
        }
    }

Q_SIGNALS:
    void piece_changed();
    void layer_changed(int layer);
    void selection_changed();
    void range_changed();
    void spots_changed();

private:
    std::size_t piece_ = 0;
    int layer_ = 1;
    std::set<int> parts_;
    std::pair<int, int> range_{0, 0}, patch_{-1, 0};
    std::vector<Spot> spots_;
};

} // namespace vitrail
