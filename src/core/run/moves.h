// The time of moves that follow each other: constant acceleration, corners by the change of velocity, looking
// ahead.
#pragma once

#include <array>
#include <vector>

namespace vitrail {

using Direction = std::array<double, 3>;

/// Adds up moves as they come, layer by layer. The rule for corners is that of estimate/motion: the velocity
/// may change by `corner` at once. Looks kAhead moves ahead, and brakes as if the last of them ended
/// standing, as firmware does (common practice, no source).
class MoveTimes {
public:
    explicit MoveTimes(double corner_mm_s) : corner_(corner_mm_s) {}

    /// A move of `mm` > 0 that begins and ends in these directions (unit vectors), no faster than `speed` >
    /// 0, mm/s, mm/s².
    void move(double mm, double speed, double acceleration, const Direction& begins, const Direction& ends);
    /// Everything before it ends standing; then so many seconds pass.
    void stand(double seconds);
    /// What comes from here on belongs to this layer; ≥ 0.
    void set_layer(int layer) { layer_ = layer; }
    void finish() { flush(true); }

    double seconds() const { return total_; }
    const std::vector<double>& by_layer() const { return by_layer_; } ///< as far as they are added up

    static constexpr int kAhead = 64;

private:
    struct Move {
        double mm, speed2, acceleration, enters2; ///< squares: speed allowed, and speed at its beginning
        int layer;
    };
    void flush(bool all);
    void book(int layer, double seconds);

    double corner_;
    std::vector<Move> moves_;
    std::vector<double> by_layer_;
    Direction last_{};
    bool standing_ = true;
    double total_ = 0;
    int layer_ = 0;
};

} // namespace vitrail
