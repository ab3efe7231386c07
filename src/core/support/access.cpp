#include "core/support/access.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>

namespace vitrail {

namespace {

/// Calls `use(x, y)` for every cell of a map whose middle lies in the area, by the even-odd rule, row by row.
template <class Use>
void cells_in(const Paths& area, const AccessMap& m, Use use) {
    const Box box = box_of(area);
    if (box.empty())
        return;
    const int y_from = std::max(
        0, static_cast<int>(std::ceil((static_cast<double>(box.top) / kUnitsPerMm - m.y0_mm) / m.cell_mm)));
    const int y_to = std::min(
        m.ny - 1,
        static_cast<int>(std::floor((static_cast<double>(box.bottom) / kUnitsPerMm - m.y0_mm) / m.cell_mm)));
    std::vector<std::vector<double>> crossings(static_cast<std::size_t>(std::max(0, y_to - y_from + 1)));
    for (const Path& ring : area)
        for (std::size_t i = 0; i < ring.size(); ++i) {
            const IntPoint &a = ring[i], &b = ring[(i + 1) % ring.size()];
            const double ya = (static_cast<double>(a.Y) / kUnitsPerMm - m.y0_mm) / m.cell_mm,
                         yb = (static_cast<double>(b.Y) / kUnitsPerMm - m.y0_mm) / m.cell_mm;
            if (ya == yb)
                continue;
            const int from = std::max(y_from, static_cast<int>(std::ceil(std::min(ya, yb)))),
                      to = std::min(y_to, static_cast<int>(std::ceil(std::max(ya, yb))) - 1);
            for (int y = from; y <= to; ++y)
                crossings[static_cast<std::size_t>(y - y_from)].push_back(
                    (static_cast<double>(a.X) + static_cast<double>(b.X - a.X) * (y - ya) / (yb - ya)) /
                    kUnitsPerMm);
        }
    for (int y = y_from; y <= y_to; ++y) {
        auto& row = crossings[static_cast<std::size_t>(y - y_from)];
        std::sort(row.begin(), row.end());
        for (std::size_t k = 0; k + 1 < row.size(); k += 2) {
            const int from = std::max(0, static_cast<int>(std::ceil((row[k] - m.x0_mm) / m.cell_mm))),
                      to = std::min(m.nx - 1,
                                    static_cast<int>(std::floor((row[k + 1] - m.x0_mm) / m.cell_mm)));
            for (int x = from; x <= to; ++x)
                use(x, y);
        }
    }
}

/// Spreads `flag` from the cells `now` through cells that `open` lets through, at most so many steps.
template <class Open, class Visit>
void flood(AccessMap& m, AccessMap::Flag flag, std::vector<std::uint32_t> now, int steps, Open open,
           Visit visit) {
    std::vector<std::uint32_t> next;
    const std::size_t row = static_cast<std::size_t>(m.nx), slab = row * static_cast<std::size_t>(m.ny);
    for (const std::uint32_t i : now)
        m.flags[i] |= flag;
    for (int depth = 1; depth <= steps && !now.empty(); ++depth) {
        next.clear();
        for (const std::uint32_t i : now) {
            const std::size_t x = i % row, y = i / row % static_cast<std::size_t>(m.ny), z = i / slab;
            const auto step = [&](bool inside, std::size_t j) {
                if (inside && !(m.flags[j] & flag) && open(j)) {
                    m.flags[j] |= flag;
                    visit(j, depth);
                    next.push_back(static_cast<std::uint32_t>(j));
                }
            };
            step(x > 0, i - 1);
            step(x + 1 < row, i + 1);
            step(y > 0, i - row);
            step(y + 1 < static_cast<std::size_t>(m.ny), i + row);
            step(z > 0, i - slab);
            step(z + 1 < static_cast<std::size_t>(m.nz), i + slab);
        }
        now.swap(next);
    }
}

/// The rim of the map: one layer of cells outside of the piece's box on every side.
std::vector<std::uint32_t> rim(const AccessMap& m) {
    std::vector<std::uint32_t> cells;
    for (int z = 0; z < m.nz; ++z)
        for (int y = 0; y < m.ny; ++y) {
            const bool side = y == 0 || z == 0 || y == m.ny - 1 || z == m.nz - 1;
            for (int x = 0; x < m.nx; x += side ? 1 : m.nx - 1)
                cells.push_back(static_cast<std::uint32_t>(m.at(x, y, z)));
        }
    return cells;
}

/// Cells whose middle is at least `away` cells from that of every cell of the piece: one axis after the
/// other, as the squared distance is a sum over axes (after Felzenszwalb & Huttenlocher 2012, Theory of
/// Computing 8; by brute force within `away`, as that is a few cells).
std::vector<std::uint8_t> far_cells(const AccessMap& m, double away) {
    const double up = m.z_mm / m.cell_mm;
    const int reach = static_cast<int>(std::ceil(away)), reach_up = static_cast<int>(std::ceil(away / up));
    const float none = static_cast<float>((away + 2) * (away + 2));
    const std::size_t row = static_cast<std::size_t>(m.nx), slab = row * static_cast<std::size_t>(m.ny);
    std::vector<float> along(m.flags.size()), flat(m.flags.size());
    tbb::parallel_for(0, m.nz, [&](int z) {
        for (int y = 0; y < m.ny; ++y) {
            // Along the row: how many cells since the last of the piece, from both ends.
            const std::size_t at = m.at(0, y, z);
            float since = 1e6f;
            for (std::size_t x = 0; x < row; ++x) {
                since = m.flags[at + x] & AccessMap::solid ? 0 : since + 1;
                along[at + x] = since;
            }
            since = 1e6f;
            for (std::size_t x = row; x-- > 0;) {
                since = m.flags[at + x] & AccessMap::solid ? 0 : since + 1;
                const float least = std::min(along[at + x], since);
                along[at + x] = std::min(none, least * least);
            }
        }
        for (int y = 0; y < m.ny; ++y) {
            const std::size_t at = m.at(0, y, z);
            std::copy_n(along.begin() + static_cast<std::ptrdiff_t>(at), row,
                        flat.begin() + static_cast<std::ptrdiff_t>(at));
            for (int k = -reach; k <= reach; ++k)
                if (k != 0 && y + k >= 0 && y + k < m.ny) {
                    const float more = static_cast<float>(k * k);
                    const float* other = &along[m.at(0, y + k, z)];
                    float* here = &flat[at];
                    for (std::size_t x = 0; x < row; ++x)
                        here[x] = std::min(here[x], other[x] + more);
                }
        }
    });
    std::vector<std::uint8_t> far(m.flags.size());
    tbb::parallel_for(0, m.nz, [&](int z) {
        std::vector<float> least(flat.begin() + static_cast<std::ptrdiff_t>(m.at(0, 0, z)),
                                 flat.begin() + static_cast<std::ptrdiff_t>(m.at(0, 0, z) + slab));
        for (int k = -reach_up; k <= reach_up; ++k)
            if (k != 0 && z + k >= 0 && z + k < m.nz) {
                const float more = static_cast<float>(k * up * k * up);
                const float* other = &flat[m.at(0, 0, z + k)];
                for (std::size_t i = 0; i < slab; ++i)
                    least[i] = std::min(least[i], other[i] + more);
            }
        const float need = static_cast<float>(away * away);
        for (std::size_t i = 0; i < slab; ++i)
            far[m.at(0, 0, z) + i] = least[i] >= need;
    });
    return far;
}

} // namespace

Result<std::shared_ptr<const AccessMap>> map_access(const LayerTable& table, double tool_mm,
                                                    const Progress& progress) {
    const Error stopped{say("Stopped before it was known what can be reached.")};
    auto out = std::make_shared<AccessMap>();
    AccessMap& m = *out;
    m.tool_mm = tool_mm;
    const Bounds& b = table.bounds;
    const double wide = double(b.max.x) - b.min.x, deep = double(b.max.y) - b.min.y,
                 tall = table.grid.top_mm(table.grid.count);
    int layers = 1, slabs = 1;
    double cells = 0;
    // Flat or thin pieces have a rim of many cells for the few inside.
    for (m.cell_mm = std::max(0.5, std::cbrt(std::max(1e-9, wide * deep * tall) / AccessMap::kMostCells));;
         m.cell_mm *= 1.25) {
        layers = std::max(1, static_cast<int>(m.cell_mm / table.grid.height_mm + 0.25));
        slabs = (table.grid.count + layers - 1) / layers;
        cells = (std::ceil(wide / m.cell_mm) + 2) * (std::ceil(deep / m.cell_mm) + 2) * (slabs + 2);
        if (cells <= 2 * AccessMap::kMostCells)
            break;
    }
    m.z_mm = layers * table.grid.height_mm;
    m.nx = static_cast<int>(std::ceil(wide / m.cell_mm)) + 2;
    m.ny = static_cast<int>(std::ceil(deep / m.cell_mm)) + 2;
    m.nz = slabs + 2;
    m.x0_mm = b.min.x - m.cell_mm / 2;
    m.y0_mm = b.min.y - m.cell_mm / 2;
    m.z0_mm = -m.z_mm / 2;
    m.flags.assign(m.at(m.nx - 1, m.ny - 1, m.nz - 1) + 1, 0);
    m.depth.assign(m.flags.size(), 0);
    tbb::parallel_for(0, slabs, [&](int k) {
        const int layer = std::min(table.grid.count, k * layers + (layers + 1) / 2);
        if (!progress.stopped())
            cells_in(whole_layer(table, layer), m,
                     [&](int x, int y) { m.flags[m.at(x, y, k + 1)] |= AccessMap::solid; });
    });
    progress.at(0.3);
    if (progress.stopped())
        return stopped;
    const auto free = [&](std::size_t i) { return !(m.flags[i] & AccessMap::solid); };
    constexpr int kAnyDistance = 0xffff;
    flood(m, AccessMap::water, rim(m), kAnyDistance, free,
          [&](std::size_t i, int depth) { m.depth[i] = static_cast<std::uint16_t>(depth); });
    std::size_t enclosed = 0;
    for (const std::uint8_t f : m.flags)
        enclosed += !(f & (AccessMap::solid | AccessMap::water));
    m.enclosed_mm3 = static_cast<double>(enclosed) * m.cell_mm * m.cell_mm * m.z_mm;
    progress.at(0.5);
    if (progress.stopped())
        return stopped;
    // A cell next to the piece is half a cell away from it.
    const std::vector<std::uint8_t> far = far_cells(m, tool_mm / 2 / m.cell_mm + 0.5);
    flood(
        m, AccessMap::tool, rim(m), kAnyDistance, [&](std::size_t i) { return far[i] != 0; },
        [](std::size_t, int) {});
    // The tip gets into corners: it touches what is within one and a half times the tool's half thickness,
    // and a cell, of where its middle gets. Ours.
    std::vector<std::uint32_t> middles;
    for (std::size_t i = 0; i < m.flags.size(); ++i)
        if (m.flags[i] & AccessMap::tool)
            middles.push_back(static_cast<std::uint32_t>(i));
    flood(m, AccessMap::tip, std::move(middles), static_cast<int>(std::ceil(0.75 * tool_mm / m.cell_mm)) + 1,
          free, [](std::size_t, int) {});
    progress.at(1);
    return std::shared_ptr<const AccessMap>(std::move(out));
}

std::vector<FaceAccess> reach_faces(const AccessMap& m, const SupportLayout& layout, const LayerGrid& grid) {
    std::vector<FaceAccess> out(layout.faces.size());
    std::vector<double> cells(out.size(), 0);
    for (const SupportContact& c : layout.contacts) {
        if (!c.held)
            continue;
        FaceAccess& f = out[static_cast<std::size_t>(c.face)];
        // The free cell below the face.
        const int z0 =
            std::clamp(static_cast<int>(std::floor((grid.bottom_mm(c.layer) - m.z0_mm) / m.z_mm + 0.5)) - 1,
                       0, m.nz - 1);
        cells_in(paths_of(c.area), m, [&](int x, int y) {
            int z = z0;
            for (int k = 0; k < 2 && z > 0 && m.flags[m.at(x, y, z)] & AccessMap::solid; ++k)
                --z;
            const std::size_t i = m.at(x, y, z);
            if (m.flags[i] & AccessMap::solid)
                return; // thinner than a cell
            ++cells[static_cast<std::size_t>(c.face)];
            f.enclosed += !(m.flags[i] & AccessMap::water);
            f.depth_mm = std::max(f.depth_mm, m.depth[i] * m.cell_mm);
            f.no_tool += !(m.flags[i] & AccessMap::tip);
        });
    }
    for (std::size_t k = 0; k < out.size(); ++k)
        if (cells[k] > 0) {
            out[k].enclosed /= cells[k];
            out[k].no_tool /= cells[k];
        }
    return out;
}

} // namespace vitrail
