// Areas as stretches on parallel lines: set operations take one walk along them, so that long chains of them
// are quick.
#pragma once

#include "core/geometry/polygon.h"

#include <cstdint>
#include <span>

namespace vitrail {

/// An area sampled on parallel lines: on each the stretches inside, exact to a µm. The lines lie askew, as
/// next to no edge of a piece does: so an edge meets them all along, and only corners are cut off, by less
/// than the pitch. What is thinner than the pitch may be missed. Areas that are combined have the same pitch.
struct Rows {
    struct Span {
        std::int32_t from = 0, to = 0; ///< x, µm; from < to
        bool operator==(const Span&) const = default;
    };
    int pitch = kFinest; ///< µm between lines
    int first = 0; ///< number of the first line that has spans; line n is where y + kSkew·x = (n + ½)·pitch
    /// [line − first] index of its first span, and the number of spans at the end
    std::vector<std::uint32_t> starts;
    std::vector<Span> spans; ///< by line, then by x; they do not touch

    static constexpr int kFinest = 50;      ///< an eighth of a printed line's width; finer shows nowhere
    static constexpr double kSkew = 0.2113; ///< tan 11.9°: no angle people draw

    int lines() const { return starts.empty() ? 0 : static_cast<int>(starts.size()) - 1; }
    bool empty() const { return spans.empty(); }
    /// Inline, as every operation asks for every line.
    std::span<const Span> line(int n) const {
        if (n < first || n - first >= lines())
            return {};
        const auto i = static_cast<std::size_t>(n - first);
        return {spans.data() + starts[i], spans.data() + starts[i + 1]};
    }
    bool operator==(const Rows&) const = default;
};

/// Lines so far apart that a layer of that box has at most `most_lines`, and no finer than Rows::kFinest. µm.
int pitch_for(const Box& box, int most_lines = 1000);

/// What lies inside with a positive winding number. All points within ±500 m.
Rows rows_of(const Paths& area, int pitch);
/// Outlines that join the ends of the spans, half a pitch beyond the last line, but for points that the line
/// between their neighbours passes by `tolerance_mm`. Outer rings run counter-clockwise.
Paths paths_of(const Rows& area, double tolerance_mm = 0.002);

double area_mm2(const Rows& a);
double perimeter_mm(const Rows& a);
Box box_of(const Rows& a);
/// Whether a point lies inside, told by the line next to it.
bool contains(const Rows& a, IntPoint p);

Rows unite(const Rows& a, const Rows& b);
Rows unite(const std::vector<const Rows*>& all);
Rows subtract(const Rows& from, const Rows& what);
Rows intersect(const Rows& a, const Rows& b);

/// All that is within that distance of a sample: falls short of the true area by less than a pitch where an
/// edge runs along the lines, elsewhere by far less. ≥ 0 mm
Rows grown(const Rows& a, double mm);
/// Without what is within that distance of the outside.
Rows shrunk(const Rows& a, double mm);
/// Without what is thinner than twice that, or with gaps narrower than that filled.
Rows opened(const Rows& a, double mm);
Rows closed(const Rows& a, double mm);

/// What of `area`, all of it outside of `from`, is farther than that from its outline, which is what `from`
/// was made of. Exact on every line: growing samples would not do for what hangs on a few hundredths of a mm.
/// Corners of the outline count as round. ≥ 0 mm
Rows farther_than(const Rows& area, const Rows& from, const Paths& outline, double mm);

/// What of `part`, all of it inside `all`, is farther along its lines than that from the rest of `all`: a
/// quick look, as what is left out is nearer than that. ≥ 0 mm
Rows far_along(const Rows& part, const Rows& all, double mm);

/// Every n-th line only; n is odd.
Rows coarser(const Rows& a, int n);
/// Back on as many lines: each n times.
Rows finer(const Rows& a, int n);

/// Which spans hang together.
struct RowPieces {
    std::vector<int> of;     ///< [span] number of its piece; numbered by their first line
    std::vector<double> mm2; ///< [piece]
};
RowPieces pieces_in(const Rows& a);
/// The spans of the pieces marked.
Rows picked(const Rows& a, const RowPieces& pieces, const std::vector<char>& take);
std::vector<Rows> pieces_of(const Rows& a, const RowPieces& pieces);
std::vector<Rows> pieces_of(const Rows& a);
/// The pieces of `a` that `b` has no part of.
Rows apart_from(const Rows& a, const Rows& b);
/// Pairs of pieces, of `a` and of `b`, that come so near to each other; each once.
std::vector<std::pair<int, int>> neighbours(const Rows& a, const RowPieces& in_a, const Rows& b,
                                            const RowPieces& in_b, double mm);

} // namespace vitrail
