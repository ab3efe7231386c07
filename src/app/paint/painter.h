// Painting patches on the piece: which tool, how it is set, and the stroke under way.
#pragma once

#include "core/patch/stroke.h"
#include "core/project/project.h"

#include <QObject>
#include <QPolygonF>

#include <memory>
#include <optional>
#include <vector>

namespace vitrail {

class Document;
class ViewState;

enum class PaintTool { none, fill, brush, lasso, heights, facing };

class Background;

/// What the tools paint: patches of colour, or what to do about support.
enum class PaintTarget { patches, support };

/// A point of a part's surface under the pointer.
struct Touch {
    int part = -1;
    Hit hit;
};

/// Trees over the parts' meshes, made in the background as they come.
class MeshTrees : public QObject {
    Q_OBJECT
public:
    explicit MeshTrees(Background* background) : background_(background) {}
    /// Null until it is made; asking for it begins that.
    std::shared_ptr<const Bvh> tree_of(const std::shared_ptr<const Mesh>& mesh);
    /// The first part a ray meets. Parts whose tree is not ready yet are not met.
    std::optional<Touch> cast(const Piece& piece, Vec3 from, Vec3 way);

Q_SIGNALS:
    void ready();

private:
    struct Entry {
        std::shared_ptr<const Mesh> mesh;
        std::shared_ptr<const Bvh> tree;
    };
    Background* background_;
    std::vector<Entry> entries_;
};

class Painter : public QObject {
    Q_OBJECT
public:
    Painter(Document* document, ViewState* view, QObject* parent = nullptr);

    /// Set once: the Supports bench has a painter of its own.
    PaintTarget target = PaintTarget::patches;
    SupportWish wish = SupportWish::keep_free; ///< what is painted about support
    /// The paint of a part that the tools change.
    const std::shared_ptr<const Paint>& paint_of(const Part& part) const {
        return target == PaintTarget::support ? part.support_paint : part.paint;
    }

    // How the tools are set.
    PaintTool tool() const { return tool_; }
    void set_tool(PaintTool tool);
    double crease_deg = 30, brush_mm = 4, within_deg = 30;
    double z0_mm = 0, z1_mm = 5; ///< above the bed
    Vec3 direction{0, 0, 1};
    bool erase = false;
    int mirror = -1; ///< 0: across x, 1: across y, −1: not
    void changed() { Q_EMIT settings_changed(); }

    MeshTrees& trees() { return trees_; }

    /// The areas between creases of a part's mesh at the present angle; null until they are known.
    std::shared_ptr<const std::vector<std::uint32_t>> areas_of(int part);

    /// A stroke: touches in order, then the end, which makes it one edit. Tools that need no stroke act on
    /// press.
    void press(const Touch& at);
    void drag(const Touch& at);
    void release();
    bool stroking() const { return stroke_ != nullptr; }
    /// The paint of the part as the stroke has it so far; null when it has none under way.
    const Paint* live(int part) const;
    /// Triangles the last step changed.
    const std::vector<std::uint32_t>& last_step() const { return last_step_; }

    /// Facets that the lasso holds and that are seen from `eye`: `to_screen` takes a point to the lasso's
    /// coordinates.
    void lasso(const QPolygonF& loop, const std::function<QPointF(Vec3)>& to_screen, Vec3 eye);

    // Whole-part edits of the selected patch.
    void invert();
    void grow_by(double mm);
    /// Everything between z0_mm and z1_mm, or everything that looks in `direction`, of the selected parts.
    void apply_heights();
    void apply_facing();
    /// Heights of level faces of a part above the bed, to snap to.
    std::vector<double> level_faces(int part) const;

Q_SIGNALS:
    void settings_changed();
    void stroke_moved();
    void areas_ready();
    void said(const QString& message);

private:
    struct Stroke {
        int part;
        std::shared_ptr<const Mesh> mesh;
        Part painted; ///< a copy that gets the paint
        std::shared_ptr<Paint> paint;
        PatchNumber patch;
        std::unique_ptr<Brush> brush;
        Hit last;
        std::optional<Hit> last_mirrored;
    };
    std::unique_ptr<Stroke> begin(int part);
    void step(const Hit& hit);
    void finish(std::unique_ptr<Stroke> stroke, const QString& label);
    /// Runs `work` on a copy of the part's paint in the background, then makes it an edit.
    void in_background(int part, const QString& label,
                       const std::function<void(const Mesh&, Paint&, PatchNumber)>& work);
    std::vector<int> target_parts() const;

    Document* document_;
    ViewState* view_;
    MeshTrees trees_;
    PaintTool tool_ = PaintTool::none;
    std::unique_ptr<Stroke> stroke_;
    std::vector<std::uint32_t> last_step_;
    struct Areas {
        std::shared_ptr<const Mesh> mesh;
        double crease_deg = 0;
        std::shared_ptr<const std::vector<std::uint32_t>> areas;
    };
    std::vector<Areas> areas_;
};

} // namespace vitrail
