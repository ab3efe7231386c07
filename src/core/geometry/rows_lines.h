// Inside of rows: one line after the other. For rows.cpp and what is built on it.
#pragma once

#include "core/geometry/rows.h"

#include <algorithm>
#include <cmath>
#include <span>
#include <vector>

namespace vitrail::rows {

using Span = Rows::Span;
using Line = std::span<const Span>;
inline constexpr double kSkew = Rows::kSkew;

/// Height of a point across the lines, µm.
inline double across(double x, double y) {
    return y + kSkew * x;
}

/// Takes lines one after the other, and leaves out empty ones at both ends.
class RowsBuilder {
public:
    RowsBuilder(int pitch, int first, std::size_t lines, std::size_t spans) {
        out_.pitch = pitch;
        out_.first = first;
        out_.starts.reserve(lines + 1);
        out_.spans.reserve(spans);
    }
    void begin_line() {
        if (out_.spans.empty() && !out_.starts.empty()) {
            ++out_.first; // nothing yet: the lines so far are dropped
            return;
        }
        out_.starts.push_back(static_cast<std::uint32_t>(out_.spans.size()));
    }
    /// In order; spans that touch become one.
    void add(Span s) {
        if (s.from >= s.to)
            return;
        if (out_.spans.size() > out_.starts.back() && s.from <= out_.spans.back().to)
            out_.spans.back().to = std::max(out_.spans.back().to, s.to);
        else
            out_.spans.push_back(s);
    }
    void copy(Line l) { out_.spans.insert(out_.spans.end(), l.begin(), l.end()); }
    Rows take() {
        if (out_.spans.empty()) {
            Rows none;
            none.pitch = out_.pitch;
            return none;
        }
        while (out_.starts.back() == out_.spans.size())
            out_.starts.pop_back();
        out_.starts.push_back(static_cast<std::uint32_t>(out_.spans.size()));
        return std::move(out_);
    }

private:
    Rows out_;
};

inline void unite_line(Line a, Line b, RowsBuilder& out) {
    std::size_t i = 0, j = 0;
    while (i < a.size() || j < b.size())
        out.add(j == b.size() || (i < a.size() && a[i].from < b[j].from) ? a[i++] : b[j++]);
}

inline void subtract_line(Line a, Line b, RowsBuilder& out) {
    std::size_t j = 0;
    for (Span s : a) {
        while (j < b.size() && b[j].to <= s.from)
            ++j;
        for (std::size_t k = j; k < b.size() && b[k].from < s.to; ++k) {
            out.add({s.from, std::min(b[k].from, s.to)});
            s.from = std::max(s.from, b[k].to);
        }
        out.add(s);
    }
}

inline void intersect_line(Line a, Line b, RowsBuilder& out) {
    std::size_t i = 0, j = 0;
    while (i < a.size() && j < b.size()) {
        out.add({std::max(a[i].from, b[j].from), std::min(a[i].to, b[j].to)});
        ++(a[i].to < b[j].to ? i : j);
    }
}

/// Adds to spans that are sorted and apart. `cursor`: where to look from; those added to one list from left
/// to right only move it on.
inline void add_to(std::vector<Span>& all, Span s, std::size_t& cursor) {
    while (cursor < all.size() && all[cursor].to < s.from)
        ++cursor;
    if (cursor == all.size()) {
        all.push_back(s);
        return;
    }
    if (all[cursor].from > s.to) {
        all.insert(all.begin() + static_cast<std::ptrdiff_t>(cursor), s);
        return;
    }
    Span& here = all[cursor];
    here.from = std::min(here.from, s.from);
    here.to = std::max(here.to, s.to);
    std::size_t next = cursor + 1;
    while (next < all.size() && all[next].from <= here.to)
        here.to = std::max(here.to, all[next++].to);
    all.erase(all.begin() + static_cast<std::ptrdiff_t>(cursor) + 1,
              all.begin() + static_cast<std::ptrdiff_t>(next));
}

/// How far a disc around a point on one line reaches on another, relative to the point's x; by lines apart
/// from −lines() to lines().
struct Disc {
    std::vector<Span> reach;

    Disc(double mm, int pitch) {
        const double r = mm * kUnitsPerMm, q = 1 + kSkew * kSkew;
        const int n = static_cast<int>(std::floor(r * std::sqrt(q) / pitch));
        for (int k = -n; k <= n; ++k) {
            const double up = double(k) * pitch, half = std::sqrt(std::max(0.0, q * r * r - up * up));
            reach.push_back({static_cast<std::int32_t>(std::floor((kSkew * up - half) / q)),
                             static_cast<std::int32_t>(std::ceil((kSkew * up + half) / q))});
        }
    }
    int lines() const { return static_cast<int>(reach.size()) / 2; }
    /// Of a disc around a point `k` lines below.
    Span at(int k) const { return reach[static_cast<std::size_t>(k) + static_cast<std::size_t>(lines())]; }
};

inline int last_line(const Rows& a) {
    return a.first + a.lines() - 1;
}

/// Every span made longer at both ends.
inline Rows widened(const Rows& a, Span by) {
    RowsBuilder out(a.pitch, a.first, static_cast<std::size_t>(a.lines()), a.spans.size());
    for (int l = a.first; l <= last_line(a); ++l) {
        out.begin_line();
        for (const Span s : a.line(l))
            out.add({s.from + by.from, s.to + by.to});
    }
    return out.take();
}

} // namespace vitrail::rows
