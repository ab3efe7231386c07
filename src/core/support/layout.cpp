#include "core/support/layout.h"

#include "core/geometry/near.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>
#include <numeric>
#include <numbers>

namespace vitrail {

namespace {

/// A support layer may touch what it holds: there it keeps clear of the piece above and below only, as beside it the slope it
/// holds goes on. [layer − 1]
std::vector<Paths> touching_areas(const LayerTable& table, const std::vector<SupportContact>& contacts, int gap) {
    std::vector<Paths> touching(static_cast<std::size_t>(table.grid.count));
    for (const SupportContact& c : contacts)
        if (c.top >= 1) {
            Paths& t = touching[static_cast<std::size_t>(c.top) - 1];
            t.insert(t.end(), c.area.begin(), c.area.end());
        }
    tbb::parallel_for(1, table.grid.count + 1, [&](int l) {
        Paths& t = touching[static_cast<std::size_t>(l) - 1];
        if (!t.empty())
            t = filled(t);
        for (int k = 0; k <= gap && l - k >= 1 && !t.empty(); ++k)
            t = subtract(t, whole_layer(table, l - k));
    });
    return touching;
}

/// Rids the support of splinters, which would be cut again in every layer below, and of corners that nobody sees.
void tidy(Paths& support, double beside_mm) {
    constexpr double kSplinter_mm2 = 0.15; // smaller than a line is wide and long. Ours
    const bool fill_holes = beside_mm > 0.25; // what stands in a hole keeps more than that free around it
    std::erase_if(support, [&](const Path& ring) {
        const double mm2 = ClipperLib::Area(ring) / (kUnitsPerMm * kUnitsPerMm);
        return mm2 >= 0 ? mm2 < kSplinter_mm2 : fill_holes && -mm2 < kSplinter_mm2;
    });
    ClipperLib::CleanPolygons(support, std::min(0.02, beside_mm / 10) * kUnitsPerMm);
    std::erase_if(support, [](const Path& ring) { return ring.size() < 3; });
}

/// What columns are made from, [layer − 1].
struct ColumnInput {
    const std::vector<Paths> &touching, &blocked;
    double beside_mm;
    /// Under a slope the piece is too near for what has just begun to go on straight down; it does as soon as the piece has drawn
    /// back, within so many layers.
    int near_layers;
    bool on_piece;
};

/// Straight down from `top` (a layer), within `in`; everywhere where it is empty. A point of a column depends on nothing beside it.
std::vector<Paths> columns(const ColumnInput& c, int top, const Paths& in) {
    const auto clipped = [&](const Paths& area) { return in.empty() || area.empty() ? area : intersect(area, in); };
    const auto n = static_cast<std::size_t>(top);
    std::vector<Paths> begun(n), touching(n), blocked(n), wider(n);
    tbb::parallel_for(std::size_t{0}, n, [&](std::size_t i) {
        touching[i] = clipped(c.touching[i]);
        blocked[i] = clipped(c.blocked[i]);
    });
    // What is clear of a layer is clear of the next but for where the piece grows wider. Now and then all of it is taken off, so
    // that smoothing does not add up.
    constexpr std::size_t kNowAndThen = 8;
    constexpr double kSeam_mm = 0.05; // more than smoothing moves an outline
    tbb::parallel_for(std::size_t{0}, n, [&](std::size_t i) {
        for (std::size_t k = i + 1; k <= i + static_cast<std::size_t>(c.near_layers) && k < n; ++k)
            begun[i].insert(begun[i].end(), touching[k].begin(), touching[k].end());
        if (!begun[i].empty())
            begun[i] = subtract(filled(begun[i]), blocked[i]);
        wider[i] = i % kNowAndThen == 0 || i + 1 == n ? blocked[i] : blocked[i] == blocked[i + 1] ? Paths{} : offset(subtract(blocked[i], blocked[i + 1]), kSeam_mm);
    });
    std::vector<Paths> s(n);
    Paths down; // what goes straight on, without what a layer touches beside the piece
    for (std::size_t i = n; i-- > 0;) {
        if (!down.empty() && !wider[i].empty())
            down = subtract(down, wider[i]);
        if (!begun[i].empty())
            down = down.empty() ? std::move(begun[i]) : unite(down, begun[i]);
        tidy(down, c.beside_mm);
        s[i] = touching[i].empty() ? down : down.empty() ? touching[i] : unite(down, touching[i]);
    }
    if (!c.on_piece) // only what goes down to the bed
        for (std::size_t i = 1; i < n; ++i)
            s[i] = intersect(s[i], s[i - 1]);
    return s;
}

/// The same as before but where what is touched has changed.
std::vector<Paths> changed_columns(const ColumnInput& c, const SupportLayout& before, const Box& piece) {
    const int count = static_cast<int>(c.touching.size());
    Box changed;
    int top = 0;
    for (int l = 1; l <= count; ++l) {
        const auto i = static_cast<std::size_t>(l) - 1;
        if (c.touching[i] == before.touching[i])
            continue;
        top = l;
        for (const Paths& area : {subtract(c.touching[i], before.touching[i]), subtract(before.touching[i], c.touching[i])})
            if (const Box b = box_of(area); !b.empty())
                changed.add(b);
    }
    if (changed.empty())
        return before.stand;
    constexpr double kRounding_mm = 0.01, kMuch = 0.5;
    changed = grown(changed, kRounding_mm);
    const auto size = [](const Box& b) { return static_cast<double>(b.right - b.left) * static_cast<double>(b.bottom - b.top); };
    if (size(changed) > kMuch * size(piece))
        return columns(c, count, {});
    const Paths in{{{changed.left, changed.top}, {changed.right, changed.top}, {changed.right, changed.bottom}, {changed.left, changed.bottom}}};
    const std::vector<Paths> inside = columns(c, top, in);
    std::vector<Paths> s = before.stand;
    tbb::parallel_for(0, top, [&](int k) {
        const auto i = static_cast<std::size_t>(k);
        s[i] = unite(subtract(s[i], in), inside[i]);
    });
    return s;
}

Path circle(double x, double y, double r) {
    constexpr int kSides = 16;
    Path p;
    for (int i = 0; i < kSides; ++i) {
        const double a = 2 * std::numbers::pi * i / kSides;
        p.emplace_back(std::llround((x + r * std::cos(a)) * kUnitsPerMm), std::llround((y + r * std::sin(a)) * kUnitsPerMm));
    }
    return p;
}

IntPoint at(double x, double y) {
    return {std::llround(x * kUnitsPerMm), std::llround(y * kUnitsPerMm)};
}

/// A branch on its way down, and where it has been.
struct Branch {
    double x = 0, y = 0;
    int tip = 0; ///< layer of its highest tip
    bool growing = true, dropped = false;
    std::vector<std::pair<int, Path>> trail; ///< layer and cross-section
    std::vector<int> merged;                 ///< branches that ended in this one
};

/// Points to hold an area by: a grid that lies the same in every layer, and at least one.
std::vector<std::pair<double, double>> tips_of(const Paths& piece, double spacing) {
    std::vector<std::pair<double, double>> tips;
    const Box b = box_of(piece);
    const double x0 = std::floor(double(b.left) / kUnitsPerMm / spacing) * spacing, y0 = std::floor(double(b.top) / kUnitsPerMm / spacing) * spacing;
    for (double x = x0; x <= double(b.right) / kUnitsPerMm; x += spacing)
        for (double y = y0; y <= double(b.bottom) / kUnitsPerMm; y += spacing)
            if (contains(piece, at(x, y)))
                tips.emplace_back(x, y);
    if (tips.empty() && !piece.empty() && !piece[0].empty()) {
        // Too small for the grid: its middle, or where that lies outside a corner of it.
        const double x = double(b.left + b.right) / 2 / kUnitsPerMm, y = double(b.top + b.bottom) / 2 / kUnitsPerMm;
        if (contains(piece, at(x, y)))
            tips.emplace_back(x, y);
        else
            tips.emplace_back(double(piece[0][0].X) / kUnitsPerMm, double(piece[0][0].Y) / kUnitsPerMm);
    }
    return tips;
}

std::vector<Paths> tree(const LayerTable& table, const std::vector<SupportContact>& contacts, const std::vector<Paths>& blocked, const SupportRules& r, const Progress& progress) {
    const int count = table.grid.count;
    std::vector<std::vector<const Paths*>> tops(static_cast<std::size_t>(count));
    for (const SupportContact& c : contacts)
        if (c.top >= 1)
            tops[static_cast<std::size_t>(c.top) - 1].push_back(&c.area);
    std::vector<Paths> clear(static_cast<std::size_t>(count)); // where the middle of a branch must not be
    tbb::parallel_for(0, count, [&](int i) {
        if (progress.stopped())
            return;
        Paths rough = blocked[static_cast<std::size_t>(i)];
        ClipperLib::CleanPolygons(rough, 0.05 * kUnitsPerMm); // near enough for the middle of a branch
        clear[static_cast<std::size_t>(i)] = offset(rough, r.branch_mm / 2);
    });
    std::vector<Branch> all;
    std::vector<int> growing;
    const double lean = std::tan(r.lean_deg * std::numbers::pi / 180);
    constexpr double kFarthest_mm = 40, kThickest_mm = 4;
    for (int l = count; l >= 1 && !progress.stopped(); --l) {
        for (const Paths* piece : tops[static_cast<std::size_t>(l) - 1])
            for (const auto& [x, y] : tips_of(*piece, r.spacing_mm)) {
                // A tip on a branch that passes there already needs none of its own.
                const bool carried = std::any_of(growing.begin(), growing.end(), [&, x = x, y = y](int b) { return std::hypot(all[static_cast<std::size_t>(b)].x - x, all[static_cast<std::size_t>(b)].y - y) < r.branch_mm / 2; });
                if (carried)
                    continue;
                all.push_back({x, y, l, true, false, {}, {}});
                growing.push_back(static_cast<int>(all.size()) - 1);
            }
        const double step = table.grid.thickness_mm(l) * lean;
        const Paths& no = clear[static_cast<std::size_t>(l) - 1];
        for (std::size_t i = 0; i < growing.size(); ++i) {
            Branch& b = all[static_cast<std::size_t>(growing[i])];
            if (!b.growing)
                continue;
            // Towards the nearest other branch.
            int nearest = -1;
            double away = kFarthest_mm;
            for (const int o : growing)
                if (o != growing[i] && all[static_cast<std::size_t>(o)].growing)
                    if (const double d = std::hypot(all[static_cast<std::size_t>(o)].x - b.x, all[static_cast<std::size_t>(o)].y - b.y); d < away)
                        away = d, nearest = o;
            double x = b.x, y = b.y;
            if (nearest >= 0 && b.tip > l) {
                Branch& o = all[static_cast<std::size_t>(nearest)];
                if (away <= step && o.tip > l) {
                    o.merged.push_back(growing[i]);
                    o.tip = std::max(o.tip, b.tip);
                    b.growing = false;
                    continue;
                }
                x += (o.x - b.x) / away * std::min(step, away / 2);
                y += (o.y - b.y) / away * std::min(step, away / 2);
            }
            if (contains(no, at(x, y))) {
                // Around the piece: the free place nearest to where it wanted to be.
                double best = 1e300, bx = 0, by = 0;
                for (int k = 0; k <= 16; ++k) {
                    const double a = 2 * std::numbers::pi * k / 16, cx = b.x + (k < 16 ? step * std::cos(a) : 0), cy = b.y + (k < 16 ? step * std::sin(a) : 0);
                    if (const double d = std::hypot(cx - x, cy - y); d < best && !contains(no, at(cx, cy)))
                        best = d, bx = cx, by = cy;
                }
                if (best > 1e299) {
                    b.growing = false; // it stands on the piece
                    b.dropped = !r.on_piece;
                    continue;
                }
                x = bx, y = by;
            }
            b.x = x, b.y = y;
            const double thick = std::min(kThickest_mm, r.branch_mm / 2 + 0.05 * (table.grid.top_mm(b.tip) - table.grid.top_mm(l)));
            b.trail.emplace_back(l, circle(x, y, thick));
        }
        std::erase_if(growing, [&](int b) { return !all[static_cast<std::size_t>(b)].growing; });
    }
    // What ends in a dropped branch is dropped with it.
    for (std::size_t i = all.size(); i-- > 0;)
        if (all[i].dropped) {
            std::vector<int> open = all[i].merged;
            while (!open.empty()) {
                Branch& b = all[static_cast<std::size_t>(open.back())];
                open.pop_back();
                if (std::exchange(b.dropped, true))
                    continue;
                open.insert(open.end(), b.merged.begin(), b.merged.end());
            }
        }
    std::vector<Paths> s(static_cast<std::size_t>(count));
    for (const Branch& b : all)
        if (!b.dropped)
            for (const auto& [layer, ring] : b.trail)
                s[static_cast<std::size_t>(layer) - 1].push_back(ring);
    tbb::parallel_for(0, count, [&](int i) {
        Paths& here = s[static_cast<std::size_t>(i)];
        here = subtract(filled(here), blocked[static_cast<std::size_t>(i)]);
    });
    return s;
}

/// One contact for each region that is touched, and which of them hang together.
struct Faces {
    std::vector<SupportContact> contacts;
    std::vector<ContactFace> faces;
};

Faces find_faces(const std::vector<Overhang>& overhangs) {
    Faces out;
    std::vector<std::vector<Paths>> pieces(overhangs.size());
    tbb::parallel_for(std::size_t{1}, overhangs.size(), [&](std::size_t i) {
        if (!overhangs[i].touched.empty())
            pieces[i] = pieces_of(overhangs[i].touched);
    });
    constexpr double kBeside_mm = 0.3; // what is closer belongs together. Ours
    std::vector<Box> boxes;
    std::vector<int> leads; // union-find
    const auto lead = [&](int c) {
        while (leads[static_cast<std::size_t>(c)] != c)
            c = leads[static_cast<std::size_t>(c)] = leads[static_cast<std::size_t>(leads[static_cast<std::size_t>(c)])];
        return c;
    };
    int below_from = 0, below_to = 0; // contacts of the layer below
    for (std::size_t i = 1; i < overhangs.size(); ++i) {
        const int from = static_cast<int>(out.contacts.size());
        for (Paths& area : pieces[i]) {
            const int c = static_cast<int>(out.contacts.size());
            const Box box = grown(box_of(area), kBeside_mm);
            leads.push_back(c);
            for (int b = below_from; b < below_to; ++b) {
                if (lead(b) == lead(c) || !boxes[static_cast<std::size_t>(b)].meets(box))
                    continue;
                if (come_near(area, out.contacts[static_cast<std::size_t>(b)].area, kBeside_mm))
                    leads[static_cast<std::size_t>(lead(b))] = lead(c);
            }
            boxes.push_back(box);
            SupportContact contact;
            contact.layer = static_cast<int>(i) + 1;
            contact.area = std::move(area);
            out.contacts.push_back(std::move(contact));
        }
        below_from = from;
        below_to = static_cast<int>(out.contacts.size());
    }
    std::vector<int> face_of(out.contacts.size(), -1);
    std::vector<Box> around;
    for (std::size_t c = 0; c < out.contacts.size(); ++c) {
        int& face = face_of[static_cast<std::size_t>(lead(static_cast<int>(c)))];
        if (face < 0) {
            face = static_cast<int>(out.faces.size());
            out.faces.emplace_back();
            around.emplace_back();
        }
        SupportContact& contact = out.contacts[c];
        contact.face = face;
        ContactFace& f = out.faces[static_cast<std::size_t>(face)];
        f.from_layer = f.from_layer ? f.from_layer : contact.layer;
        f.to_layer = contact.layer;
        f.mm2 += area_mm2(contact.area);
        around[static_cast<std::size_t>(face)].add(box_of(contact.area));
    }
    for (std::size_t k = 0; k < out.faces.size(); ++k) {
        const Box& b = around[k];
        out.faces[k].x_mm = static_cast<double>(b.left + b.right) / 2 / kUnitsPerMm;
        out.faces[k].y_mm = static_cast<double>(b.top + b.bottom) / 2 / kUnitsPerMm;
        out.faces[k].size_mm = static_cast<double>(std::max(b.right - b.left, b.bottom - b.top)) / kUnitsPerMm;
    }
    // Largest first.
    std::vector<int> order(out.faces.size()), place(out.faces.size());
    std::iota(order.begin(), order.end(), 0);
    std::stable_sort(order.begin(), order.end(), [&](int a, int b) { return out.faces[static_cast<std::size_t>(a)].mm2 > out.faces[static_cast<std::size_t>(b)].mm2; });
    std::vector<ContactFace> sorted;
    for (std::size_t k = 0; k < order.size(); ++k) {
        place[static_cast<std::size_t>(order[k])] = static_cast<int>(k);
        sorted.push_back(out.faces[static_cast<std::size_t>(order[k])]);
    }
    out.faces = std::move(sorted);
    for (SupportContact& c : out.contacts)
        c.face = place[static_cast<std::size_t>(c.face)];
    return out;
}

/// Where the support below each contact ends. With alignment as few layers as possible: the lowest top that is wanted takes all
/// that may come down to it, and so on upwards, which is the optimum (piercing intervals with the fewest points; from memory).
void set_tops(Faces& faces, const SupportRules& r) {
    for (ContactFace& f : faces.faces)
        f.small = r.least_face_mm2 > 0 && f.mm2 < r.least_face_mm2;
    int end = -1000000; // the layer in which supports end at present
    for (SupportContact& c : faces.contacts) {
        const bool small = faces.faces[static_cast<std::size_t>(c.face)].small;
        const int top = c.layer - 1 - (small ? std::max(1, r.gap_layers) : r.gap_layers);
        if (top - r.align_layers > end)
            end = top;
        c.top = std::min(top, std::max(end, 0));
    }
}

} // namespace

double sparse_mm3(const LayerSize& size, double thickness_mm, double line_width_mm, double density_pct) {
    const double around = std::min(size.mm2, size.around_mm * line_width_mm);
    return thickness_mm * (around + (size.mm2 - around) * density_pct / 100);
}

LayerSize size_of(const Paths& area) {
    return {area_mm2(area), perimeter_mm(area)};
}

Result<std::vector<Paths>> space_beside(const LayerTable& table, double beside_mm, const Progress& progress) {
    std::vector<Paths> beside(static_cast<std::size_t>(table.grid.count));
    tbb::parallel_for(1, table.grid.count + 1, [&](int l) {
        if (progress.stopped())
            return;
        Paths smooth = whole_layer(table, l);
        ClipperLib::CleanPolygons(smooth, std::min(0.01, beside_mm / 20) * kUnitsPerMm);
        beside[static_cast<std::size_t>(l) - 1] = offset(smooth, beside_mm);
    });
    if (progress.stopped())
        return Error{"Stopped before the space beside the piece was known."};
    return beside;
}

Result<std::vector<Paths>> blocked_space(const LayerTable& table, const std::vector<Paths>& beside, int gap, const Progress& progress) {
    std::vector<Paths> blocked = beside;
    if (gap > 0)
        tbb::parallel_for(1, table.grid.count + 1, [&](int l) {
            Paths& b = blocked[static_cast<std::size_t>(l) - 1];
            for (int k = 1; k <= gap && l - k >= 1 && !progress.stopped(); ++k)
                b = unite(b, whole_layer(table, l - k));
        });
    if (progress.stopped())
        return Error{"Stopped before the space around the piece was known."};
    return blocked;
}

Result<SupportLayout> lay_out_support(const LayerTable& table, const std::vector<Overhang>& overhangs, const std::vector<Paths>& blocked, const SupportRules& r, const SupportLayout* before, const Progress& progress) {
    const int count = table.grid.count;
    const Error stopped{"Stopped before the support was laid out."};
    Faces faces = find_faces(overhangs);
    set_tops(faces, r);
    SupportLayout out;
    out.touching = touching_areas(table, faces.contacts, r.gap_layers);
    progress.at(0.4);
    if (progress.stopped())
        return stopped;
    if (r.kind == SupportKind::columns) {
        constexpr double kMostNear = 10;
        const ColumnInput input{out.touching, blocked, r.beside_mm, static_cast<int>(std::min(kMostNear, std::ceil(r.beside_mm / table.grid.height_mm) + 1)), r.on_piece};
        Box piece;
        for (int l = 1; l <= count; ++l)
            if (const Box b = box_of(whole_layer(table, l)); !b.empty())
                piece.add(b);
        out.stand = before ? changed_columns(input, *before, piece) : columns(input, count, {});
    } else {
        out.stand = tree(table, faces.contacts, blocked, r, progress);
    }
    const std::vector<Paths>& s = out.stand;
    if (progress.stopped())
        return stopped;
    progress.at(0.8);
    out.body.resize(static_cast<std::size_t>(count));
    out.interface.resize(static_cast<std::size_t>(count));
    // What each layer is the topmost support of, and wants interface.
    std::vector<Paths> roofs(static_cast<std::size_t>(count));
    for (const SupportContact& c : faces.contacts)
        if (c.top >= 1 && !faces.faces[static_cast<std::size_t>(c.face)].small) {
            Paths& roof = roofs[static_cast<std::size_t>(c.top) - 1];
            roof.insert(roof.end(), c.area.begin(), c.area.end());
        }
    tbb::parallel_for(1, count + 1, [&](int l) {
        const auto i = static_cast<std::size_t>(l) - 1;
        if (before && r.least_face_mm2 <= 0 && s[i] == before->stand[i]) {
            bool same = true;
            for (int k = 0; k < std::max(1, r.interface_layers) && l + k <= count; ++k)
                same &= out.touching[i + static_cast<std::size_t>(k)] == before->touching[i + static_cast<std::size_t>(k)];
            if (same) {
                out.body[i] = before->body[i];
                out.interface[i] = before->interface[i];
                return;
            }
        }
        Paths under;
        for (int k = 0; k < r.interface_layers && l + k <= count; ++k)
            if (const Paths& roof = roofs[i + static_cast<std::size_t>(k)]; !roof.empty())
                under = under.empty() ? filled(roof) : unite(under, roof);
        // A tree's interface is a roof over its tips; a column's is its own top.
        if (r.kind == SupportKind::columns)
            under = under.empty() || s[i].empty() ? Paths{} : intersect(under, s[i]);
        else if (r.interface_layers > 0 && (!under.empty() || !out.touching[i].empty()))
            under = unite(subtract(under, blocked[i]), roofs[i].empty() ? Paths{} : intersect(out.touching[i], filled(roofs[i])));
        for (int k = 1; k <= r.interface_below && !s[i].empty(); ++k)
            if (const int below = l - r.gap_layers - k; below >= 1)
                under = unite(under, intersect(s[i], whole_layer(table, below)));
        out.body[i] = under.empty() ? s[i] : subtract(s[i], under);
        out.interface[i] = std::move(under);
    });
    if (r.on_piece) {
        std::vector<SupportFoot> feet(static_cast<std::size_t>(count));
        constexpr double kSliver_mm = 0.1; // slopes are grazed, not stood on
        tbb::parallel_for(2 + r.gap_layers, count + 1, [&](int l) {
            const auto i = static_cast<std::size_t>(l) - 1;
            if (s[i].empty())
                return;
            const Paths& below = whole_layer(table, l - 1 - r.gap_layers);
            if (!box_of(s[i]).meets(box_of(below)))
                return;
            Paths stands = intersect(s[i], below); // the support of the layer below is clear of it anyway
            if (!stands.empty())
                stands = offset(offset(stands, -kSliver_mm), kSliver_mm);
            if (const double mm2 = area_mm2(stands); mm2 > 0.05)
                feet[i] = {l, stands, mm2, area_mm2(intersect(stands, out.interface[i])) > 0.97 * mm2};
        });
        for (SupportFoot& f : feet)
            if (f.layer) {
                out.feet_mm2 += f.mm2;
                out.feet.push_back(std::move(f));
            }
    }
    std::vector<double> on_interface(faces.contacts.size(), 0);
    tbb::parallel_for(std::size_t{0}, faces.contacts.size(), [&](std::size_t k) {
        SupportContact& c = faces.contacts[k];
        if (r.kind == SupportKind::columns && r.on_piece) {
            // A column ends in all that may be touched, and its interface is its own top.
            Paths touched = c.top >= 1 ? intersect(c.area, out.touching[static_cast<std::size_t>(c.top) - 1]) : Paths{};
            const double area = area_mm2(touched);
            c.held = area > 1e-6;
            c.has_interface = c.held && r.interface_layers > 0 && !faces.faces[static_cast<std::size_t>(c.face)].small;
            on_interface[k] = c.has_interface ? area : 0;
            if (c.held)
                c.area = std::move(touched);
            return;
        }
        const Paths none;
        const Paths& body = c.top >= 1 ? out.body[static_cast<std::size_t>(c.top) - 1] : none;
        const Paths& face = c.top >= 1 ? out.interface[static_cast<std::size_t>(c.top) - 1] : none;
        const Paths on_face = face.empty() ? Paths{} : intersect(c.area, face);
        Paths touched = body.empty() ? on_face : unite(on_face, intersect(c.area, body));
        const double area = area_mm2(touched);
        on_interface[k] = area_mm2(on_face);
        c.held = area > 1e-6;
        c.has_interface = c.held && on_interface[k] >= 0.99 * area;
        if (c.held)
            c.area = std::move(touched);
    });
    for (std::size_t k = 0; k < faces.contacts.size(); ++k) {
        const SupportContact& c = faces.contacts[k];
        if (!c.held)
            continue;
        ContactFace& f = faces.faces[static_cast<std::size_t>(c.face)];
        const double area = area_mm2(c.area);
        f.held_mm2 += area;
        f.interface_mm2 += on_interface[k];
        out.contact_mm2 += area;
    }
    out.contacts = std::move(faces.contacts);
    out.faces = std::move(faces.faces);
    return out;
}

} // namespace vitrail
