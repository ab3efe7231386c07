#include "app/paint/painter.h"

#include "app/document/background.h"
#include "app/document/document.h"
#include "app/document/view_state.h"
#include "core/project/regions.h"
#include "paint/words.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>
#include <map>

namespace vitrail {

std::shared_ptr<const Bvh> MeshTrees::tree_of(const std::shared_ptr<const Mesh>& mesh) {
    for (const Entry& e : entries_)
        if (e.mesh == mesh)
            return e.tree;
    constexpr std::size_t kMostKept = 64;
    std::erase_if(entries_,
                  [](const Entry& e) { return e.mesh.use_count() == 1; }); // nobody else has it any more
    if (entries_.size() > kMostKept)
        entries_.erase(entries_.begin());
    constexpr std::size_t kAtOnce = 20000; // takes a few milliseconds
    if (mesh->triangles.size() <= kAtOnce) {
        entries_.push_back({mesh, std::make_shared<const Bvh>(build_bvh(*mesh))});
        return entries_.back().tree;
    }
    entries_.push_back({mesh, nullptr});
    background_->run(this, [this, mesh](const std::stop_token&) -> Background::Then {
        return [this, mesh, tree = std::make_shared<const Bvh>(build_bvh(*mesh))] {
            for (Entry& e : entries_)
                if (e.mesh == mesh)
                    e.tree = tree;
            Q_EMIT ready();
        };
    });
    return nullptr;
}

std::optional<Touch> MeshTrees::cast(const Piece& piece, Vec3 from, Vec3 way) {
    std::optional<Touch> best;
    for (std::size_t i = 0; i < piece.parts.size(); ++i)
        if (const auto tree = tree_of(piece.parts[i].mesh))
            if (const auto hit = cast_ray(*piece.parts[i].mesh, *tree, from, way);
                hit && (!best || hit->along < best->hit.along))
                best = Touch{static_cast<int>(i), *hit};
    return best;
}

Painter::Painter(Document* document, ViewState* view, QObject* parent)
    : QObject(parent), document_(document), view_(view), trees_(document->background()) {
    connect(view, &ViewState::piece_changed, this, [this] { stroke_.reset(); });
    connect(document, &Document::project_changed, this, [this] {
        if (stroke_ &&
            (stroke_->part >= static_cast<int>(view_->piece_of(document_->project()).parts.size()) ||
             view_->piece_of(document_->project()).parts[stroke_->part].mesh != stroke_->mesh))
            stroke_.reset();
        std::erase_if(areas_, [](const Areas& a) { return a.mesh.use_count() == 1; });
    });
}

void Painter::set_tool(PaintTool tool) {
    if (tool == tool_)
        return;
    stroke_.reset();
    tool_ = tool;
    Q_EMIT settings_changed();
}

std::shared_ptr<const std::vector<std::uint32_t>> Painter::areas_of(int part) {
    const auto& mesh = view_->piece_of(document_->project()).parts[part].mesh;
    for (const Areas& a : areas_)
        if (a.mesh == mesh && a.crease_deg == crease_deg)
            return a.areas;
    std::erase_if(areas_, [&](const Areas& a) { return a.mesh == mesh && a.areas; });
    areas_.push_back({mesh, crease_deg, nullptr});
    const auto arrive = [this](const std::shared_ptr<const Mesh>& of, double angle,
                               const std::shared_ptr<const std::vector<std::uint32_t>>& areas) {
        for (Areas& a : areas_)
            if (a.mesh == of && a.crease_deg == angle)
                a.areas = areas;
    };
    constexpr std::size_t kAtOnce = 50000;
    if (mesh->triangles.size() <= kAtOnce) {
        arrive(mesh, crease_deg,
               std::make_shared<const std::vector<std::uint32_t>>(crease_areas(*mesh, crease_deg)));
        return areas_.back().areas;
    }
    document_->background()->run(
        this, [this, arrive, mesh, angle = crease_deg](const std::stop_token&) -> Background::Then {
            return [this, arrive, mesh, angle,
                    areas = std::make_shared<const std::vector<std::uint32_t>>(crease_areas(*mesh, angle))] {
                arrive(mesh, angle, areas);
                Q_EMIT areas_ready();
            };
        });
    return nullptr;
}

const Paint* Painter::live(int part) const {
    return stroke_ && stroke_->part == part ? stroke_->paint.get() : nullptr;
}

/// A stroke goes on with the selected patch of that part, or begins a new one.
std::unique_ptr<Painter::Stroke> Painter::begin(int part) {
    const Part& now = view_->piece_of(document_->project()).parts[part];
    auto s = std::make_unique<Stroke>();
    s->part = part;
    s->mesh = now.mesh;
    s->painted = now;
    const auto& before = paint_of(now);
    s->paint = std::make_shared<Paint>(before ? *before : bare(*now.mesh));
    s->patch = kUnpainted;
    if (!erase && target == PaintTarget::support) {
        s->patch = static_cast<PatchNumber>(wish);
    } else if (!erase) {
        const auto [of, number] = view_->patch();
        if (of == part && number > 0 && number <= static_cast<int>(now.patches.size()))
            s->patch = static_cast<PatchNumber>(number);
        else
            s->patch = add_patch(s->painted, "patch", 0);
        if (s->patch == kUnpainted) {
            Q_EMIT said(tr("A part holds at most %1 patches.").arg(kMostPatches));
            return nullptr;
        }
    }
    return s;
}

void Painter::finish(std::unique_ptr<Stroke> s, const QString& label) {
    if (s->part >= static_cast<int>(view_->piece_of(document_->project()).parts.size()))
        return;
    const Part& now = view_->piece_of(document_->project()).parts[s->part];
    const auto& before = paint_of(now);
    if (now.mesh != s->mesh || (before ? *s->paint == *before : *s->paint == bare(*s->mesh)))
        return; // nothing changed
    if (target == PaintTarget::support) {
        document_->edit(label, [&](Project& p) {
            view_->piece_of(p).parts[s->part].support_paint =
                *s->paint == bare(*s->mesh) ? nullptr : s->paint;
        });
        return;
    }
    const std::string name = s->patch == kUnpainted ? std::string() : s->painted.patches[s->patch - 1u].name;
    s->painted.paint = s->paint;
    drop_empty_patches(s->painted);
    int number = 0;
    for (std::size_t i = 0; i < s->painted.patches.size(); ++i)
        if (!name.empty() && s->painted.patches[i].name == name)
            number = static_cast<int>(i) + 1;
    document_->edit(label, [&](Project& p) { view_->piece_of(p).parts[s->part] = s->painted; });
    if (number > 0)
        view_->select_patch(s->part, number);
}

void Painter::press(const Touch& at) {
    last_step_.clear();
    switch (tool_) {
    case PaintTool::brush:
        if (!(stroke_ = begin(at.part)))
            return;
        stroke_->brush = std::make_unique<Brush>(*stroke_->mesh, static_cast<float>(brush_mm / 2),
                                                 [patch = stroke_->patch](PatchNumber) { return patch; });
        stroke_->last = at.hit;
        step(at.hit);
        return;
    case PaintTool::fill: {
        const auto areas = areas_of(at.part);
        if (!areas)
            return;
        std::vector<std::uint32_t> wanted{(*areas)[at.hit.triangle]};
        if (mirror >= 0)
            if (const auto tree = trees_.tree_of(view_->piece_of(document_->project()).parts[at.part].mesh)) {
                const Bounds b = view_->piece_of(document_->project()).parts[at.part].mesh->bounds;
                if (const auto other = mirrored(*view_->piece_of(document_->project()).parts[at.part].mesh,
                                                *tree, at.hit, (b.min + b.max) * 0.5f, mirror, 2))
                    wanted.push_back((*areas)[other->triangle]);
            }
        in_background(at.part, erase ? tr("Erase paint") : tr("Fill a face"),
                      [areas, wanted](const Mesh&, Paint& paint, PatchNumber patch) {
                          std::vector<std::uint32_t> triangles;
                          for (std::uint32_t t = 0; t < areas->size(); ++t)
                              if (std::find(wanted.begin(), wanted.end(), (*areas)[t]) != wanted.end())
                                  triangles.push_back(t);
                          paint_triangles(paint, triangles, [patch](PatchNumber) { return patch; });
                      });
        return;
    }
    case PaintTool::heights:
        view_->select({at.part});
        apply_heights();
        return;
    case PaintTool::facing:
        view_->select({at.part});
        direction = normal(*view_->piece_of(document_->project()).parts[at.part].mesh, at.hit.triangle);
        apply_facing();
        changed();
        return;
    default:
        return;
    }
}

void Painter::step(const Hit& hit) {
    Stroke& s = *stroke_;
    last_step_ = s.brush->draw(*s.paint, s.last, hit);
    s.last = hit;
    if (mirror >= 0)
        if (const auto tree = trees_.tree_of(s.mesh)) {
            const Bounds& b = s.mesh->bounds;
            const auto other =
                mirrored(*s.mesh, *tree, hit, (b.min + b.max) * 0.5f, mirror, static_cast<float>(brush_mm));
            if (other) {
                const auto more = s.brush->draw(*s.paint, s.last_mirrored.value_or(*other), *other);
                last_step_.insert(last_step_.end(), more.begin(), more.end());
            }
            s.last_mirrored = other;
        }
    Q_EMIT stroke_moved();
}

void Painter::drag(const Touch& at) {
    if (!stroke_ || at.part != stroke_->part)
        return;
    // A jump across a gap is no stroke: begin anew there.
    if (length(at.hit.point - stroke_->last.point) > 8 * brush_mm) {
        stroke_->last = at.hit;
        stroke_->last_mirrored.reset();
    }
    step(at.hit);
}

void Painter::release() {
    if (stroke_)
        finish(std::move(stroke_), erase ? tr("Erase paint") : tr("Paint with the brush"));
}

void Painter::in_background(int part, const QString& label,
                            const std::function<void(const Mesh&, Paint&, PatchNumber)>& work) {
    std::shared_ptr<Stroke> s = begin(part);
    if (!s)
        return;
    const auto land = [this, s, label] { finish(std::make_unique<Stroke>(std::move(*s)), label); };
    constexpr std::size_t kAtOnce = 50000;
    if (s->mesh->triangles.size() <= kAtOnce) {
        work(*s->mesh, *s->paint, s->patch);
        land();
        return;
    }
    const auto before = paint_of(view_->piece_of(document_->project()).parts[part]);
    document_->background()->run(
        this, [this, s, work, land, before, part](const std::stop_token&) -> Background::Then {
            work(*s->mesh, *s->paint, s->patch);
            return [this, s, land, before, part] {
                const auto& parts = view_->piece_of(document_->project()).parts;
                if (part < static_cast<int>(parts.size()) && parts[part].mesh == s->mesh &&
                    paint_of(parts[part]) == before)
                    land();
                else // painted meanwhile: that stroke stands
                    Q_EMIT said(tr("The part has changed meanwhile; do that once more."));
            };
        });
}

std::vector<int> Painter::target_parts() const {
    std::vector<int> parts(view_->parts().begin(), view_->parts().end());
    if (parts.empty() && view_->patch().second > 0)
        parts = {view_->patch().first};
    if (parts.empty())
        for (int i = 0; i < static_cast<int>(view_->piece_of(document_->project()).parts.size()); ++i)
            parts.push_back(i);
    return parts;
}

void Painter::apply_heights() {
    if (z1_mm <= z0_mm) {
        Q_EMIT said(tr("The upper height must lie above the lower one."));
        return;
    }
    const double bed = bounds(view_->piece_of(document_->project())).min.z, low = z0_mm, high = z1_mm;
    for (const int part : target_parts())
        in_background(part, tr("Paint %1 to %2 mm").arg(number(low)).arg(number(high)),
                      [=](const Mesh& m, Paint& paint, PatchNumber patch) {
                          paint_heights(m, paint, bed + low, bed + high,
                                        [patch](PatchNumber) { return patch; });
                      });
}

void Painter::apply_facing() {
    const Vec3 d = direction;
    const double within = within_deg;
    const int axis = mirror;
    for (const int part : target_parts())
        in_background(
            part, tr("Paint faces that look one way"), [=](const Mesh& m, Paint& paint, PatchNumber patch) {
                const auto recolour = [patch](PatchNumber) { return patch; };
                paint_triangles(paint, looking(m, d, within), recolour);
                if (axis >= 0)
                    paint_triangles(
                        paint, looking(m, axis == 0 ? Vec3{-d.x, d.y, d.z} : Vec3{d.x, -d.y, d.z}, within),
                        recolour);
            });
}

void Painter::lasso(const QPolygonF& loop, const std::function<QPointF(Vec3)>& to_screen, Vec3 eye) {
    const Piece& piece = view_->piece_of(document_->project());
    struct Found {
        int part;
        std::vector<std::uint32_t> triangles;
    };
    // What is seen is found against all parts, on a copy of the values.
    std::vector<std::shared_ptr<const Mesh>> meshes;
    std::vector<std::shared_ptr<const Bvh>> trees;
    for (const Part& p : piece.parts) {
        meshes.push_back(p.mesh);
        trees.push_back(trees_.tree_of(p.mesh));
    }
    for (int part = 0; part < static_cast<int>(meshes.size()); ++part) {
        if (!view_->parts().empty() && !view_->parts().count(part))
            continue;
        const auto holds = [=](const Mesh& m, std::uint32_t t) {
            const auto c = corners(m, t);
            const Vec3 centre = (c[0] + c[1] + c[2]) * (1.0f / 3), way = centre - eye;
            if (dot(twice_area(c), way) >= 0 || !loop.containsPoint(to_screen(centre), Qt::OddEvenFill))
                return false;
            for (std::size_t i = 0; i < meshes.size(); ++i)
                if (trees[i])
                    if (const auto hit = cast_ray(*meshes[i], *trees[i], eye, way);
                        hit && hit->along < 0.9995f && !(static_cast<int>(i) == part && hit->triangle == t))
                        return false;
            return true;
        };
        // Nothing of this part in the loop: no empty edit.
        const Bounds& b = meshes[part]->bounds;
        QPolygonF box;
        for (int k = 0; k < 8; ++k)
            box << to_screen(
                {k & 1 ? b.max.x : b.min.x, k & 2 ? b.max.y : b.min.y, k & 4 ? b.max.z : b.min.z});
        if (!box.boundingRect().intersects(loop.boundingRect()))
            continue;
        in_background(part, erase ? tr("Erase with the lasso") : tr("Paint with the lasso"),
                      [=](const Mesh& m, Paint& paint, PatchNumber patch) {
                          std::vector<char> in(m.triangles.size(), 0);
                          tbb::parallel_for(std::size_t{0}, in.size(), [&](std::size_t t) {
                              in[t] = holds(m, static_cast<std::uint32_t>(t));
                          });
                          std::vector<std::uint32_t> triangles;
                          for (std::uint32_t t = 0; t < in.size(); ++t)
                              if (in[t])
                                  triangles.push_back(t);
                          paint_triangles(paint, triangles, [patch](PatchNumber) { return patch; });
                      });
    }
}

void Painter::invert() {
    const auto [part, number] = view_->patch();
    if (number <= 0) {
        Q_EMIT said(tr("Choose a patch in the list of regions first."));
        return;
    }
    in_background(part, tr("Invert a patch"),
                  [n = static_cast<PatchNumber>(number)](const Mesh& m, Paint& paint, PatchNumber) {
                      const std::vector<std::uint32_t> all = all_triangles(m);
                      paint_triangles(paint, all, [n](PatchNumber x) -> PatchNumber {
                          return x == n ? kUnpainted : x == kUnpainted ? n : x;
                      });
                  });
}

void Painter::grow_by(double mm) {
    const auto [part, number] = view_->patch();
    if (number <= 0) {
        Q_EMIT said(tr("Choose a patch in the list of regions first."));
        return;
    }
    in_background(part, mm > 0 ? tr("Grow a patch") : tr("Shrink a patch"),
                  [n = static_cast<PatchNumber>(number), mm](const Mesh& m, Paint& paint, PatchNumber) {
                      grow(m, paint, n, mm);
                  });
}

std::vector<double> Painter::level_faces(int part) const {
    const Piece& p = view_->piece_of(document_->project());
    if (part < 0 || part >= static_cast<int>(p.parts.size()))
        return {};
    const double bed = bounds(p).min.z;
    return level_heights(*p.parts[part].mesh, bed);
}

} // namespace vitrail

#include "moc_painter.cpp"
