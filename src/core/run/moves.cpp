#include "core/run/moves.h"

#include <algorithm>
#include <cmath>

namespace vitrail {

void MoveTimes::move(double mm, double speed, double acceleration, const Direction& begins,
                     const Direction& ends) {
    double enters2 = 0;
    if (!standing_) {
        const double dx = begins[0] - last_[0], dy = begins[1] - last_[1], dz = begins[2] - last_[2];
        const double turn2 = dx * dx + dy * dy + dz * dz; // (2·sin(φ/2))²
        const double most2 = std::min(speed * speed, moves_.back().speed2);
        enters2 = turn2 * most2 > corner_ * corner_ ? corner_ * corner_ / turn2 : most2;
    }
    moves_.push_back({mm, speed * speed, acceleration, enters2, layer_});
    last_ = ends;
    standing_ = false;
    if (moves_.size() >= 2 * kAhead)
        flush(false);
}

void MoveTimes::stand(double seconds) {
    flush(true);
    standing_ = true;
    total_ += seconds;
    book(layer_, seconds);
}

void MoveTimes::book(int layer, double seconds) {
    if (static_cast<std::size_t>(layer) >= by_layer_.size())
        by_layer_.resize(static_cast<std::size_t>(layer) + 1, 0);
    by_layer_[static_cast<std::size_t>(layer)] += seconds;
}

void MoveTimes::flush(bool all) {
    const std::size_t n = moves_.size();
    if (n == 0)
        return;
    // Backwards what can be braked from, forwards what can be reached.
    double leaves2 = 0;
    for (std::size_t i = n; i-- > 0;) {
        moves_[i].enters2 = std::min(moves_[i].enters2, leaves2 + 2 * moves_[i].acceleration * moves_[i].mm);
        leaves2 = moves_[i].enters2;
    }
    const std::size_t take = all ? n : n - kAhead;
    double enters2 = moves_[0].enters2, enters = std::sqrt(enters2);
    double sum = 0;
    int layer = moves_[0].layer;
    for (std::size_t i = 0; i < take; ++i) {
        const Move& m = moves_[i];
        const double gain = 2 * m.acceleration * m.mm;
        double next2 = i + 1 < n ? std::min(moves_[i + 1].enters2, enters2 + gain) : 0;
        const double next = std::sqrt(next2);
        const double reach2 = (gain + enters2 + next2) / 2;
        double s;
        if (reach2 <= m.speed2) {
            s = (2 * std::sqrt(reach2) - enters - next) / m.acceleration;
        } else {
            const double top = std::sqrt(m.speed2);
            s = (2 * top - enters - next) / m.acceleration +
                (m.mm - (2 * m.speed2 - enters2 - next2) / (2 * m.acceleration)) / top;
        }
        if (m.layer != layer) {
            book(layer, sum);
            total_ += sum;
            sum = 0;
            layer = m.layer;
        }
        sum += s;
        enters2 = next2;
        enters = next;
    }
    book(layer, sum);
    total_ += sum;
    moves_.erase(moves_.begin(), moves_.begin() + static_cast<std::ptrdiff_t>(take));
    if (!moves_.empty())
        moves_[0].enters2 = enters2; // reached, whatever comes
}

} // namespace vitrail
