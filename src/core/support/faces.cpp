#include "core/support/faces.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <numeric>

namespace vitrail {

namespace {

/// The regions of each layer, and which of them lie over which of the layer below.
struct Regions {
    std::vector<RowPieces> pieces; ///< [layer − 1]
    /// [layer − 1] number of the layer's first region, and at the end how many there are
    std::vector<int> first;
    std::vector<int> leads; ///< union-find over all regions

    int lead(int r) {
        while (leads[static_cast<std::size_t>(r)] != r)
            r = leads[static_cast<std::size_t>(r)] =
                leads[static_cast<std::size_t>(leads[static_cast<std::size_t>(r)])];
        return r;
    }
};

Regions find_regions(const std::vector<Overhang>& overhangs) {
    Regions out;
    constexpr double kBeside_mm = 0.3; // what is closer belongs together. Ours
    const std::size_t n = overhangs.size();
    out.pieces.resize(n);
    std::vector<std::vector<std::pair<int, int>>> near(n);
    tbb::parallel_for(std::size_t{0}, n,
                      [&](std::size_t i) { out.pieces[i] = pieces_in(overhangs[i].area); });
    tbb::parallel_for(std::size_t{1}, n, [&](std::size_t i) {
        if (out.pieces[i].mm2.empty() || out.pieces[i - 1].mm2.empty())
            return;
        const double beside = std::max(kBeside_mm, 1.5 * overhangs[i].area.pitch / kUnitsPerMm);
        near[i] =
            neighbours(overhangs[i].area, out.pieces[i], overhangs[i - 1].area, out.pieces[i - 1], beside);
    });
    out.first.assign(n + 1, 0);
    for (std::size_t i = 0; i < n; ++i)
        out.first[i + 1] = out.first[i] + static_cast<int>(out.pieces[i].mm2.size());
    out.leads.resize(static_cast<std::size_t>(out.first[n]));
    std::iota(out.leads.begin(), out.leads.end(), 0);
    for (std::size_t i = 1; i < n; ++i)
        for (const auto& [here, below] : near[i])
            out.leads[static_cast<std::size_t>(out.lead(out.first[i - 1] + below))] =
                out.lead(out.first[i] + here);
    return out;
}

/// [face] whether it stays; faces go by the number of the region that leads them.
std::vector<char> faces_to_hold(const std::vector<Overhang>& overhangs, Regions& regions, double least_mm2) {
    std::vector<double> mm2(regions.leads.size(), 0);
    std::vector<char> stays(regions.leads.size(), 0);
    for (std::size_t i = 0; i < overhangs.size(); ++i) {
        const Overhang& o = overhangs[i];
        const RowPieces& pieces = regions.pieces[i];
        for (std::size_t k = 0; k < pieces.mm2.size(); ++k)
            mm2[static_cast<std::size_t>(regions.lead(regions.first[i] + static_cast<int>(k)))] +=
                pieces.mm2[k];
        for (const Rows* always : {&o.islands, &o.wished}) {
            if (always->empty())
                continue;
            const RowPieces parts = pieces_in(*always);
            for (const auto& [k, part] : neighbours(o.area, pieces, *always, parts, 0))
                stays[static_cast<std::size_t>(regions.lead(regions.first[i] + k))] = 1;
        }
    }
    for (std::size_t r = 0; r < stays.size(); ++r)
        stays[r] = stays[r] || mm2[r] >= least_mm2;
    return stays;
}

void sort_largest_first(Hanging& h) {
    std::vector<int> order(h.faces.size()), place(h.faces.size());
    std::iota(order.begin(), order.end(), 0);
    std::stable_sort(order.begin(), order.end(), [&](int a, int b) {
        return h.faces[static_cast<std::size_t>(a)].mm2 > h.faces[static_cast<std::size_t>(b)].mm2;
    });
    std::vector<ContactFace> sorted;
    for (std::size_t k = 0; k < order.size(); ++k) {
        place[static_cast<std::size_t>(order[k])] = static_cast<int>(k);
        sorted.push_back(h.faces[static_cast<std::size_t>(order[k])]);
    }
    h.faces = std::move(sorted);
    for (SupportContact& c : h.contacts)
        c.face = place[static_cast<std::size_t>(c.face)];
}

} // namespace

Hanging whole_faces(std::vector<Overhang> found, double least_mm2) {
    Regions regions = find_regions(found);
    const std::vector<char> stays = faces_to_hold(found, regions, least_mm2);
    Hanging out;
    out.overhangs = std::move(found);
    std::vector<std::vector<Rows>> areas(out.overhangs.size());
    std::vector<std::vector<char>> take(out.overhangs.size());
    for (std::size_t i = 0; i < areas.size(); ++i)
        for (std::size_t k = 0; k < regions.pieces[i].mm2.size(); ++k)
            take[i].push_back(
                stays[static_cast<std::size_t>(regions.lead(regions.first[i] + static_cast<int>(k)))]);
    tbb::parallel_for(std::size_t{0}, areas.size(), [&](std::size_t i) {
        Rows& area = out.overhangs[i].area;
        areas[i] = pieces_of(area, regions.pieces[i]);
        if (std::find(take[i].begin(), take[i].end(), 0) != take[i].end())
            area = picked(area, regions.pieces[i], take[i]);
    });
    std::vector<int> face_of(regions.leads.size(), -1);
    std::vector<Box> around;
    for (std::size_t i = 0; i < areas.size(); ++i)
        for (std::size_t k = 0; k < areas[i].size(); ++k) {
            if (!take[i][k])
                continue;
            int& face =
                face_of[static_cast<std::size_t>(regions.lead(regions.first[i] + static_cast<int>(k)))];
            if (face < 0) {
                face = static_cast<int>(out.faces.size());
                out.faces.emplace_back();
                around.emplace_back();
            }
            ContactFace& f = out.faces[static_cast<std::size_t>(face)];
            SupportContact contact;
            contact.layer = static_cast<int>(i) + 1;
            contact.face = face;
            contact.area = std::move(areas[i][k]);
            f.from_layer = f.from_layer ? f.from_layer : contact.layer;
            f.to_layer = contact.layer;
            f.mm2 += regions.pieces[i].mm2[k];
            around[static_cast<std::size_t>(face)].add(box_of(contact.area));
            out.contacts.push_back(std::move(contact));
        }
    for (std::size_t k = 0; k < out.faces.size(); ++k) {
        const Box& b = around[k];
        out.faces[k].x_mm = static_cast<double>(b.left + b.right) / 2 / kUnitsPerMm;
        out.faces[k].y_mm = static_cast<double>(b.top + b.bottom) / 2 / kUnitsPerMm;
        out.faces[k].size_mm =
            static_cast<double>(std::max(b.right - b.left, b.bottom - b.top)) / kUnitsPerMm;
    }
    sort_largest_first(out);
    return out;
}

} // namespace vitrail
