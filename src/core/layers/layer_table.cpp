#include "core/layers/layer_table.h"

#include "core/geometry/made_layers.h"
#include "core/layers/gaps.h"
#include "core/layers/misfits.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>

namespace vitrail {

namespace {

/// Thinner overlaps and gaps than this are rounding of neighbours, mm.
constexpr double kTouch_mm = 0.005;
static_assert(2 * kLean_mm < kTouch_mm);
/// Parts nearer than this touch, mm.
constexpr double kContact_mm = 0.05;

std::vector<Box> layer_boxes(const PartLayers& p) {
    std::vector<Box> boxes(p.layers.size());
    tbb::parallel_for(std::size_t{0}, boxes.size(), [&](std::size_t l) { boxes[l] = box_of(p.layers[l]); });
    return boxes;
}

/// Takes from the earlier part what the later one claims. Returns the overlap, if it is more than rounding.
void settle_overlap(LayerTable& t, std::vector<std::vector<Box>>& boxes, int i, int j) {
    const int count = t.grid.count;
    std::vector<double> mm3(count, 0), wide(count, 0);
    std::vector<IntPoint> where(count, IntPoint(0, 0));
    tbb::parallel_for(0, count, [&](int l) {
        Paths& mine = t.parts[i].layers[l];
        const Paths& theirs = t.parts[j].layers[l];
        if (!boxes[i][l].meets(boxes[j][l]))
            return;
        const Paths both = intersect(mine, theirs);
        if (both.empty())
            return;
        mine = subtract(mine, theirs);
        boxes[i][l] = box_of(mine);
        const double area = area_mm2(both);
        if (area < perimeter_mm(both) * kTouch_mm)
            return;
        wide[l] = 2 * area / perimeter_mm(both);
        mm3[l] = area * t.grid.thickness_mm(l + 1);
        const Box b = box_of(both);
        where[l] = IntPoint((b.left + b.right) / 2, (b.top + b.bottom) / 2);
    });
    Overlap o;
    o.first_part = i;
    o.second_part = j;
    for (int l = 0; l < count; ++l) {
        if (mm3[l] <= 0)
            continue;
        if (!o.from_layer) {
            o.from_layer = l + 1;
            o.x_mm = double(where[l].X) / kUnitsPerMm;
            o.y_mm = double(where[l].Y) / kUnitsPerMm;
        }
        o.to_layer = l + 1;
        o.widest_mm = std::max(o.widest_mm, wide[l]);
        o.mm3 += mm3[l];
    }
    if (o.mm3 > 0)
        t.overlaps.push_back(o);
}

bool touch(const LayerTable& t, const std::vector<std::vector<Box>>& boxes, int i, int j, int l) {
    const auto upon = [&](int a, int la, int b, int lb) {
        if (la < 0 || lb < 0 || la >= t.grid.count || lb >= t.grid.count || !boxes[a][la].meets(boxes[b][lb]))
            return false;
        const Paths shared = intersect(t.parts[a].layers[la], t.parts[b].layers[lb]);
        return area_mm2(shared) > perimeter_mm(shared) * kTouch_mm;
    };
    if (upon(i, l - 1, j, l) || upon(j, l - 1, i, l))
        return true;
    if (!grown(boxes[i][l], kContact_mm).meets(boxes[j][l]))
        return false;
    return !intersect(offset(t.parts[i].layers[l], kContact_mm), t.parts[j].layers[l]).empty();
}

void find_contact(LayerTable& t, const std::vector<std::vector<Box>>& boxes, int i, int j) {
    int first = -1, last = -1;
    for (int l = 0; l < t.grid.count && first < 0; ++l)
        if (touch(t, boxes, i, j, l))
            first = l;
    if (first < 0)
        return;
    for (int l = t.grid.count - 1; l >= first && last < 0; --l)
        if (touch(t, boxes, i, j, l))
            last = l;
    t.contacts.push_back({i, j, first + 1, last + 1});
}

bool near(const Bounds& a, const Bounds& b) {
    const float d = static_cast<float>(kContact_mm);
    return a.min.x <= b.max.x + d && b.min.x <= a.max.x + d && a.min.y <= b.max.y + d &&
           b.min.y <= a.max.y + d;
}

/// Who owns what where parts overlap, and where they touch or nearly do.
Status settle(const Piece& piece, LayerTable& t, const Progress& progress) {
    const int n = static_cast<int>(piece.parts.size());
    std::vector<std::vector<Box>> boxes;
    for (const PartLayers& p : t.parts)
        boxes.push_back(layer_boxes(p));
    t.misfits = find_misfits(piece, t);
    // Later parts first, so that what a part loses is not counted twice.
    for (int i = 0; i < n; ++i)
        for (int j = n - 1; j > i; --j)
            if (near(piece.parts[i].mesh->bounds, piece.parts[j].mesh->bounds)) {
                if (progress.stopped())
                    return Error{say("Stopped before the slicing was done.")};
                settle_overlap(t, boxes, i, j);
            }
    for (int i = 0; i < n; ++i)
        for (int j = i + 1; j < n; ++j)
            if (near(piece.parts[i].mesh->bounds, piece.parts[j].mesh->bounds)) {
                if (progress.stopped())
                    return Error{say("Stopped before the slicing was done.")};
                find_contact(t, boxes, i, j);
            }
    t.gaps = find_gaps(piece, t);
    if (n > 1) {
        t.united.resize(static_cast<std::size_t>(t.grid.count));
        tbb::parallel_for(std::size_t{0}, t.united.size(), [&](std::size_t l) {
            Paths all;
            for (const PartLayers& p : t.parts)
                all.insert(all.end(), p.layers[l].begin(), p.layers[l].end());
            t.united[l] = filled(all);
        });
    }
    return Done{};
}

/// The layers of a body that was made in these very layers; null: it must be sliced.
const MadeLayers* made_for(const Part& part, const LayerTable& t) {
    const MadeLayers* m = part.made.get();
    return m && m->mesh == part.mesh && m->first_mm == t.grid.first_mm && m->layer_mm == t.grid.height_mm &&
                   !t.grid.tops && t.bed_z_mm == 0
               ? m
               : nullptr;
}

/// All bodies were made together, so that they fit and their outline is known.
const MadeLayers* made_together(const Piece& piece, const LayerTable& t) {
    const MadeLayers* first = made_for(piece.parts.front(), t);
    for (const Part& part : piece.parts)
        if (const MadeLayers* m = made_for(part, t); !m || m->whole != first->whole)
            return nullptr;
    return first;
}

/// Bodies that were made together touch where both are.
void contacts_of_made(LayerTable& t) {
    const auto range = [&](const PartLayers& p) {
        std::pair<int, int> r{0, 0};
        for (int l = 1; l <= t.grid.count; ++l)
            if (!p.layers[static_cast<std::size_t>(l) - 1].empty())
                r = {r.first ? r.first : l, l};
        return r;
    };
    for (int i = 0; i < static_cast<int>(t.parts.size()); ++i)
        for (int j = i + 1; j < static_cast<int>(t.parts.size()); ++j) {
            const auto a = range(t.parts[i]), b = range(t.parts[j]);
            const int from = std::max(a.first, b.first), to = std::min(a.second, b.second);
            if (from && from <= to + 1)
                t.contacts.push_back({i, j, std::min(from, to + 1), std::max(from, to)});
        }
}

/// Convex hull of all layers seen from above: of each layer first, what is left is little.
std::vector<std::pair<double, double>> shadow_of(const LayerTable& t) {
    std::vector<std::vector<std::pair<double, double>>> hulls(static_cast<std::size_t>(t.grid.count));
    tbb::parallel_for(std::size_t{0}, hulls.size(), [&](std::size_t l) {
        for (const PartLayers& part : t.parts)
            for (const Path& ring : part.layers[l])
                for (const IntPoint& q : ring)
                    hulls[l].emplace_back(static_cast<double>(q.X) / kUnitsPerMm,
                                          static_cast<double>(q.Y) / kUnitsPerMm);
        hulls[l] = convex_outline(std::move(hulls[l]));
    });
    std::vector<std::pair<double, double>> seen;
    for (const auto& hull : hulls)
        seen.insert(seen.end(), hull.begin(), hull.end());
    return convex_outline(std::move(seen));
}

Status make_rows(LayerTable& t, const Progress& progress) {
    const int pitch = pitch_of(t);
    t.rows.resize(static_cast<std::size_t>(t.grid.count));
    const auto repeats = [&](int l) { return l > 1 && whole_layer(t, l) == whole_layer(t, l - 1); };
    std::vector<char> again(t.rows.size(), 0); // the same outline as below
    tbb::parallel_for(1, t.grid.count + 1, [&](int l) {
        const auto i = static_cast<std::size_t>(l) - 1;
        if (again[i] = repeats(l); !again[i] && !progress.stopped())
            t.rows[i] = rows_of(whole_layer(t, l), pitch);
    });
    for (std::size_t i = 1; i < t.rows.size(); ++i)
        if (again[i])
            t.rows[i] = t.rows[i - 1];
    if (progress.stopped())
        return Error{say("Stopped before the layers were in rows.")};
    return Done{};
}

} // namespace

int pitch_of(const LayerTable& t) {
    const auto units = [](float mm) { return std::llround(mm * kUnitsPerMm); };
    return pitch_for(
        {units(t.bounds.min.x), units(t.bounds.min.y), units(t.bounds.max.x), units(t.bounds.max.y)});
}

Result<std::shared_ptr<const LayerTable>> make_layer_table(const Piece& piece, const Settings& settings,
                                                           const Progress& progress) {
    auto t = std::make_shared<LayerTable>();
    t->bounds = bounds(piece);
    if (t->bounds.empty())
        return Error{say("There is nothing to slice: the piece has no triangles. Add a model file first.")};
    t->bed_z_mm = t->bounds.min.z;
    constexpr int kMostLayers = 30000;
    t->grid = make_grid(settings.first_layer_mm, settings.layer_mm, double(t->bounds.max.z) - t->bounds.min.z,
                        settings.layer_bands, kMostLayers);
    if (t->grid.count > kMostLayers)
        return Error{say("The piece would take {} layers, more than Vitrail plans for. Check the unit of the "
                         "model, or use thicker layers.",
                         t->grid.count)};
    const int n = static_cast<int>(piece.parts.size());
    t->parts.resize(n);
    for (int i = 0; i < n; ++i) {
        const Progress part{progress.stop, [&](double share) { progress.at((i + share) / n); }};
        if (const MadeLayers* made = made_for(piece.parts[static_cast<std::size_t>(i)], *t)) {
            t->parts[i].layers = made->layers;
            t->parts[i].layers.resize(static_cast<std::size_t>(t->grid.count));
            continue;
        }
        auto slices = slice(*piece.parts[i].mesh, t->grid, t->bed_z_mm, part, 0, kLean_mm);
        if (!slices)
            return slices.error();
        t->parts[i] = {std::move(slices->layers), slices->check};
    }
    if (const MadeLayers* made = made_together(piece, *t)) {
        contacts_of_made(*t);
        if (n > 1) {
            t->united = *made->whole;
            t->united.resize(static_cast<std::size_t>(t->grid.count));
        }
    } else if (const Status ok = settle(piece, *t, progress); !ok)
        return ok.error();
    t->foot = whole_layer(*t, 1);
    t->shadow = shadow_of(*t);
    if (const Status ok = make_rows(*t, progress); !ok)
        return ok.error();
    return std::shared_ptr<const LayerTable>(std::move(t));
}

const Paths& whole_layer(const LayerTable& t, int layer) {
    const auto l = static_cast<std::size_t>(layer) - 1;
    return t.united.empty() ? t.parts.front().layers[l] : t.united[l];
}

} // namespace vitrail
