#include "core/geometry/rows.h"

#include "core/geometry/rows_lines.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace vitrail {

using namespace rows;

int pitch_for(const Box& box, int most_lines) {
    if (box.empty())
        return Rows::kFinest;
    const double tall =
        static_cast<double>(box.bottom - box.top) + kSkew * static_cast<double>(box.right - box.left);
    return std::max(Rows::kFinest, static_cast<int>(std::ceil(tall / most_lines)));
}

Rows rows_of(const Paths& area, int pitch) {
    double low = 1e300, high = -1e300;
    for (const Path& ring : area)
        for (const IntPoint& p : ring) {
            const double h = across(static_cast<double>(p.X), static_cast<double>(p.Y));
            low = std::min(low, h);
            high = std::max(high, h);
        }
    Rows none;
    none.pitch = pitch;
    if (low >= high)
        return none;
    const int first = static_cast<int>(std::floor(low / pitch)) - 1;
    const auto lines = static_cast<std::size_t>(std::ceil(high / pitch) - first + 2);
    // An edge from height a to height b meets the lines from one whole number to the other.
    const auto above = [&](double h) { return static_cast<int>(std::ceil(h / pitch - 0.5)) - first; };
    const auto each_edge = [&](auto use) {
        for (const Path& ring : area) {
            const std::size_t n = ring.size();
            if (n < 3)
                continue;
            double xa = static_cast<double>(ring[n - 1].X),
                   ha = across(xa, static_cast<double>(ring[n - 1].Y));
            int la = above(ha);
            for (const IntPoint& p : ring) {
                const double xb = static_cast<double>(p.X), hb = across(xb, static_cast<double>(p.Y));
                const int lb = above(hb);
                if (la != lb)
                    use(xa, ha, la, xb, hb, lb);
                xa = xb, ha = hb, la = lb;
            }
        }
    };
    std::vector<std::uint32_t> starts(lines + 1, 0);
    each_edge([&](double, double, int la, double, double, int lb) {
        for (int l = std::min(la, lb); l < std::max(la, lb); ++l)
            ++starts[static_cast<std::size_t>(l) + 1];
    });
    std::partial_sum(starts.begin(), starts.end(), starts.begin());
    struct Crossing {
        std::int32_t x, turn; ///< turn: 1 into a ring that runs counter-clockwise
        bool operator<(const Crossing& o) const { return x < o.x; }
    };
    std::vector<Crossing> crossings(starts.back());
    std::vector<std::uint32_t> next(starts.begin(), starts.end() - 1);
    each_edge([&](double xa, double ha, int la, double xb, double hb, int lb) {
        const double slope = (xb - xa) / (hb - ha);
        for (int l = std::min(la, lb); l < std::max(la, lb); ++l)
            crossings[next[static_cast<std::size_t>(l)]++] = {
                static_cast<std::int32_t>(std::lround(xa + ((first + l + 0.5) * pitch - ha) * slope)),
                lb < la ? 1 : -1};
    });
    RowsBuilder out(pitch, first, lines, crossings.size() / 2);
    for (std::size_t l = 0; l < lines; ++l) {
        out.begin_line();
        const auto from = crossings.begin() + starts[l], to = crossings.begin() + starts[l + 1];
        std::sort(from, to);
        int winding = 0;
        std::int32_t since = 0;
        for (auto c = from; c != to; ++c) {
            if (winding <= 0 && winding + c->turn > 0)
                since = c->x;
            else if (winding > 0 && winding + c->turn <= 0)
                out.add({since, c->x});
            winding += c->turn;
        }
    }
    return out.take();
}

Paths paths_of(const Rows& a, double tolerance_mm) {
    // A ring goes up the right ends of spans and down their left ends. Node 2·s is the left end of span s,
    // 2·s + 1 its right end.
    enum class Cap : char { none, above, below };
    std::vector<std::uint32_t> next(2 * a.spans.size());
    std::vector<Cap> caps(next.size(), Cap::none);
    const auto link = [&](std::size_t from, std::size_t to, Cap cap) {
        next[from] = static_cast<std::uint32_t>(to);
        caps[from] = cap;
    };
    const auto left = [](std::size_t span) { return 2 * span; };
    const auto right = [](std::size_t span) { return 2 * span + 1; };
    // Between a line and the next one: spans that overlap form a run, whose sides are joined and whose inner
    // gaps are closed.
    for (int l = -1; l < a.lines(); ++l) {
        std::size_t i = l < 0 ? 0 : a.starts[static_cast<std::size_t>(l)];
        const std::size_t i_end = l < 0 ? 0 : a.starts[static_cast<std::size_t>(l) + 1];
        std::size_t j = i_end;
        const std::size_t j_end = l + 1 < a.lines() ? a.starts[static_cast<std::size_t>(l) + 2] : j;
        while (i < i_end || j < j_end) {
            if (j == j_end || (i < i_end && a.spans[i].to <= a.spans[j].from)) {
                link(right(i), left(i), Cap::above);
                ++i;
                continue;
            }
            if (i == i_end || a.spans[j].to <= a.spans[i].from) {
                link(left(j), right(j), Cap::below);
                ++j;
                continue;
            }
            link(left(j), left(i), Cap::none);
            for (;;) {
                if (i + 1 < i_end && a.spans[i + 1].from < a.spans[j].to) {
                    link(right(i), left(i + 1), Cap::above);
                    ++i;
                } else if (j + 1 < j_end && a.spans[j + 1].from < a.spans[i].to) {
                    link(left(j + 1), right(j), Cap::below);
                    ++j;
                } else {
                    break;
                }
            }
            link(right(i++), right(j++), Cap::none);
        }
    }
    std::vector<std::int32_t> line_of(a.spans.size());
    for (int l = 0; l < a.lines(); ++l)
        std::fill(line_of.begin() + a.starts[static_cast<std::size_t>(l)],
                  line_of.begin() + a.starts[static_cast<std::size_t>(l) + 1], a.first + l);
    const auto x_of = [&](std::size_t node) {
        return node % 2 ? a.spans[node / 2].to : a.spans[node / 2].from;
    };
    Paths out;
    std::vector<char> seen(next.size(), 0);
    for (std::size_t start = 0; start < next.size(); ++start) {
        if (seen[start])
            continue;
        Path ring;
        const auto put = [&](std::int32_t x, double h) {
            const IntPoint p(x, std::llround(h - kSkew * x));
            if (ring.empty() || ring.back() != p)
                ring.push_back(p);
        };
        for (std::size_t n = start; !seen[n]; n = next[n]) {
            seen[n] = 1;
            const double h = (line_of[n / 2] + 0.5) * a.pitch;
            put(x_of(n), h);
            if (caps[n] != Cap::none) {
                const double edge = h + (caps[n] == Cap::above ? 0.5 : -0.5) * a.pitch;
                put(x_of(n), edge);
                put(x_of(next[n]), edge);
            }
        }
        ring = without_idle_points(ring, tolerance_mm);
        if (ring.size() > 2)
            out.push_back(std::move(ring));
    }
    return out;
}

double area_mm2(const Rows& a) {
    std::int64_t sum = 0;
    for (const Span s : a.spans)
        sum += s.to - s.from;
    return static_cast<double>(sum) * a.pitch / (kUnitsPerMm * kUnitsPerMm);
}

double perimeter_mm(const Rows& a) {
    return perimeter_mm(paths_of(a));
}

Box box_of(const Rows& a) {
    Box box;
    for (int l = 0; l < a.lines(); ++l) {
        const Line line = a.line(a.first + l);
        if (line.empty())
            continue;
        const double h = (a.first + l + 0.5) * a.pitch;
        const auto from = line.front().from, to = line.back().to;
        box.add({from, std::llround(h - kSkew * to), to, std::llround(h - kSkew * from)});
    }
    return box;
}

bool contains(const Rows& a, IntPoint p) {
    const Line line = a.line(
        static_cast<int>(std::floor(across(static_cast<double>(p.X), static_cast<double>(p.Y)) / a.pitch)));
    const auto after =
        std::upper_bound(line.begin(), line.end(), p.X, [](auto x, const Span& s) { return x < s.from; });
    return after != line.begin() && p.X <= std::prev(after)->to;
}

Rows unite(const Rows& a, const Rows& b) {
    if (a.empty() || b.empty())
        return a.empty() ? b : a;
    const int first = std::min(a.first, b.first), last = std::max(last_line(a), last_line(b));
    RowsBuilder out(a.pitch, first, static_cast<std::size_t>(last - first + 1),
                    a.spans.size() + b.spans.size());
    for (int l = first; l <= last; ++l) {
        out.begin_line();
        const Line x = a.line(l), y = b.line(l);
        if (x.empty() || y.empty())
            out.copy(x.empty() ? y : x);
        else
            unite_line(x, y, out);
    }
    return out.take();
}

Rows unite(const std::vector<const Rows*>& all) {
    int first = 0, last = -1, pitch = Rows::kFinest;
    std::size_t spans = 0;
    for (const Rows* a : all)
        if (!a->empty()) {
            first = spans ? std::min(first, a->first) : a->first;
            last = spans ? std::max(last, last_line(*a)) : last_line(*a);
            pitch = a->pitch;
            spans += a->spans.size();
        }
    RowsBuilder out(pitch, first, static_cast<std::size_t>(last - first + 1), spans);
    std::vector<Span> here;
    for (int l = first; l <= last; ++l) {
        out.begin_line();
        here.clear();
        for (const Rows* a : all)
            for (const Span s : a->line(l))
                here.push_back(s);
        std::sort(here.begin(), here.end(), [](Span x, Span y) { return x.from < y.from; });
        for (const Span s : here)
            out.add(s);
    }
    return out.take();
}

Rows subtract(const Rows& from, const Rows& what) {
    if (from.empty() || what.empty())
        return from;
    RowsBuilder out(from.pitch, from.first, static_cast<std::size_t>(from.lines()), from.spans.size());
    for (int l = from.first; l <= last_line(from); ++l) {
        out.begin_line();
        if (const Line b = what.line(l); b.empty())
            out.copy(from.line(l));
        else
            subtract_line(from.line(l), b, out);
    }
    return out.take();
}

Rows intersect(const Rows& a, const Rows& b) {
    const int first = std::max(a.first, b.first), last = std::min(last_line(a), last_line(b));
    RowsBuilder out(a.pitch, first, static_cast<std::size_t>(std::max(0, last - first + 1)),
                    std::min(a.spans.size(), b.spans.size()));
    for (int l = first; l <= last; ++l) {
        out.begin_line();
        intersect_line(a.line(l), b.line(l), out);
    }
    return out.take();
}

Rows grown(const Rows& a, double mm) {
    if (a.empty() || mm <= 0)
        return a;
    const Disc disc(mm, a.pitch);
    const int n = disc.lines(), first = a.first - n, last = last_line(a) + n;
    RowsBuilder out(a.pitch, first, static_cast<std::size_t>(last - first + 1),
                    a.spans.size() + 2 * static_cast<std::size_t>(n));
    std::vector<Span> here;
    for (int l = first; l <= last; ++l) {
        out.begin_line();
        here.clear();
        for (int k = -n; k <= n; ++k) {
            const Span reach = disc.at(k);
            std::size_t cursor = 0;
            for (const Span s : a.line(l - k))
                add_to(here, {s.from + reach.from, s.to + reach.to}, cursor);
        }
        out.copy(here);
    }
    return out.take();
}

Rows shrunk(const Rows& a, double mm) {
    if (a.empty() || mm <= 0)
        return a;
    // Everything around, as far as it matters.
    const auto margin = static_cast<std::int32_t>(std::ceil(2 * mm * kUnitsPerMm)) + a.pitch;
    const int more = margin / a.pitch + 1;
    std::int32_t from = a.spans.front().from, to = a.spans.front().to;
    for (const Span s : a.spans) {
        from = std::min(from, s.from);
        to = std::max(to, s.to);
    }
    RowsBuilder around(a.pitch, a.first - more, static_cast<std::size_t>(a.lines() + 2 * more),
                       static_cast<std::size_t>(a.lines() + 2 * more));
    for (int l = a.first - more; l <= last_line(a) + more; ++l) {
        around.begin_line();
        around.add({from - margin, to + margin});
    }
    return subtract(a, grown(subtract(around.take(), a), mm));
}

Rows opened(const Rows& a, double mm) {
    return grown(shrunk(a, mm), mm);
}

Rows closed(const Rows& a, double mm) {
    return shrunk(grown(a, mm), mm);
}

Rows far_along(const Rows& part, const Rows& all, double mm) {
    const auto near = static_cast<std::int32_t>(mm * kUnitsPerMm / std::hypot(1, kSkew));
    RowsBuilder out(part.pitch, part.first, static_cast<std::size_t>(part.lines()), part.spans.size());
    for (int l = part.first; l <= last_line(part); ++l) {
        out.begin_line();
        const Line around = all.line(l);
        std::size_t j = 0;
        for (const Span s : part.line(l)) {
            while (j < around.size() && around[j].to < s.to)
                ++j;
            const bool before = j < around.size() && around[j].from < s.from,
                       after = j < around.size() && around[j].to > s.to;
            out.add({before ? s.from + near : s.from, after ? s.to - near : s.to});
        }
    }
    return out.take();
}

Rows coarser(const Rows& a, int n) {
    const auto down = [n](int l) { return l >= 0 ? l / n : -((n - 1 - l) / n); };
    Rows none;
    none.pitch = a.pitch * n;
    if (a.empty())
        return none;
    const int first = down(a.first), last = down(last_line(a));
    RowsBuilder out(a.pitch * n, first, static_cast<std::size_t>(last - first + 1),
                    a.spans.size() / static_cast<std::size_t>(n) + 1);
    for (int l = first; l <= last; ++l) {
        out.begin_line();
        out.copy(a.line(l * n + n / 2));
    }
    return out.take();
}

Rows finer(const Rows& a, int n) {
    RowsBuilder out(a.pitch / n, a.first * n,
                    static_cast<std::size_t>(a.lines()) * static_cast<std::size_t>(n),
                    a.spans.size() * static_cast<std::size_t>(n));
    for (int l = a.first; l < a.first + a.lines(); ++l)
        for (int k = 0; k < n; ++k) {
            out.begin_line();
            out.copy(a.line(l));
        }
    return out.take();
}

RowPieces pieces_in(const Rows& a) {
    std::vector<int> leads(a.spans.size());
    std::iota(leads.begin(), leads.end(), 0);
    const auto lead = [&](int s) {
        while (leads[static_cast<std::size_t>(s)] != s)
            s = leads[static_cast<std::size_t>(s)] =
                leads[static_cast<std::size_t>(leads[static_cast<std::size_t>(s)])];
        return s;
    };
    for (int l = 0; l + 1 < a.lines(); ++l) {
        std::size_t i = a.starts[static_cast<std::size_t>(l)], j = a.starts[static_cast<std::size_t>(l) + 1];
        const std::size_t i_end = j, j_end = a.starts[static_cast<std::size_t>(l) + 2];
        while (i < i_end && j < j_end) {
            if (a.spans[i].from < a.spans[j].to && a.spans[j].from < a.spans[i].to) {
                const int x = lead(static_cast<int>(i)), y = lead(static_cast<int>(j));
                leads[static_cast<std::size_t>(std::max(x, y))] = std::min(x, y);
            }
            ++(a.spans[i].to < a.spans[j].to ? i : j);
        }
    }
    RowPieces out;
    out.of.resize(a.spans.size());
    for (std::size_t s = 0; s < a.spans.size(); ++s) {
        const auto first = static_cast<std::size_t>(lead(static_cast<int>(s)));
        if (first == s) {
            out.of[s] = static_cast<int>(out.mm2.size());
            out.mm2.push_back(0);
        } else {
            out.of[s] = out.of[first];
        }
        out.mm2[static_cast<std::size_t>(out.of[s])] +=
            static_cast<double>(a.spans[s].to - a.spans[s].from) * a.pitch / (kUnitsPerMm * kUnitsPerMm);
    }
    return out;
}

Rows picked(const Rows& a, const RowPieces& pieces, const std::vector<char>& take) {
    RowsBuilder out(a.pitch, a.first, static_cast<std::size_t>(a.lines()), a.spans.size());
    for (std::size_t l = 0; l < static_cast<std::size_t>(a.lines()); ++l) {
        out.begin_line();
        for (std::size_t s = a.starts[l]; s < a.starts[l + 1]; ++s)
            if (take[static_cast<std::size_t>(pieces.of[s])])
                out.add(a.spans[s]);
    }
    return out.take();
}

std::vector<Rows> pieces_of(const Rows& a) {
    return pieces_of(a, pieces_in(a));
}

std::vector<Rows> pieces_of(const Rows& a, const RowPieces& pieces) {
    std::vector<Rows> out(pieces.mm2.size());
    if (out.size() == 1) {
        out[0] = a;
        return out;
    }
    for (int l = 0; l < a.lines(); ++l)
        for (std::size_t s = a.starts[static_cast<std::size_t>(l)];
             s < a.starts[static_cast<std::size_t>(l) + 1]; ++s) {
            Rows& piece = out[static_cast<std::size_t>(pieces.of[s])];
            if (piece.starts.empty()) {
                piece.pitch = a.pitch;
                piece.first = a.first + l;
                piece.starts.push_back(0);
            }
            // A piece has spans on every line between its first and its last.
            piece.spans.push_back(a.spans[s]);
            piece.starts.resize(static_cast<std::size_t>(a.first + l - piece.first) + 2);
            piece.starts.back() = static_cast<std::uint32_t>(piece.spans.size());
        }
    return out;
}

Rows apart_from(const Rows& a, const Rows& b) {
    const RowPieces pieces = pieces_in(a);
    std::vector<char> apart(pieces.mm2.size(), 1);
    std::size_t s = 0;
    for (int l = a.first; l < a.first + a.lines(); ++l) {
        const auto under = b.line(l);
        std::size_t j = 0;
        for (const Rows::Span span : a.line(l)) {
            while (j < under.size() && under[j].to <= span.from)
                ++j;
            if (j < under.size() && under[j].from < span.to)
                apart[static_cast<std::size_t>(pieces.of[s])] = 0;
            ++s;
        }
    }
    return std::find(apart.begin(), apart.end(), 1) == apart.end() ? Rows{} : picked(a, pieces, apart);
}

std::vector<std::pair<int, int>> neighbours(const Rows& a, const RowPieces& in_a, const Rows& b,
                                            const RowPieces& in_b, double mm) {
    std::vector<std::pair<int, int>> pairs;
    if (a.empty() || b.empty())
        return pairs;
    const Disc disc(mm, a.pitch);
    for (int l = a.first; l <= last_line(a); ++l) {
        const Line here = a.line(l);
        for (int k = -disc.lines(); k <= disc.lines() && !here.empty(); ++k) {
            const Line there = b.line(l + k); // k lines above: what of it a disc around a point here reaches
            const Span reach = disc.at(k);
            for (std::size_t i = 0, j = 0; i < here.size() && j < there.size();) {
                const std::int32_t from = here[i].from + reach.from, to = here[i].to + reach.to;
                if (from < there[j].to && there[j].from < to) {
                    const std::pair pair{in_a.of[static_cast<std::size_t>(&here[i] - a.spans.data())],
                                         in_b.of[static_cast<std::size_t>(&there[j] - b.spans.data())]};
                    if (pairs.empty() || pairs.back() != pair)
                        pairs.push_back(pair);
                }
                ++(to < there[j].to ? i : j);
            }
        }
    }
    std::sort(pairs.begin(), pairs.end());
    pairs.erase(std::unique(pairs.begin(), pairs.end()), pairs.end());
    return pairs;
}

} // namespace vitrail
