// The 3D piece: turned by dragging, zoomed by the wheel, parts chosen by clicking, painted with the tools of
// the Painter.
#pragma once

#include "app/paint/painter.h"

#include <QImage>
#include <QMatrix4x4>
#include <QOpenGLBuffer>
#include <QOpenGLShaderProgram>
#include <QOpenGLVertexArrayObject>
#include <QOpenGLWidget>

#include <array>
#include <memory>
#include <stop_token>
#include <vector>

namespace vitrail {

class Document;
class ViewState;
struct SupportPlan;

/// Whether an OpenGL 3.3 context can be made here. VITRAIL_NO_OPENGL=1 says no.
bool opengl_available();

class View3d : public QOpenGLWidget {
    Q_OBJECT
public:
    View3d(Document* document, ViewState* view, Painter* painter, QWidget* parent = nullptr);
    ~View3d() override;

    /// Turns the piece back to the first view and fits it.
    void fit();
    /// The part under a point of the widget, or −1.
    int part_at(QPointF p) const;
    /// Part and place of its surface there.
    std::optional<Touch> touch_at(QPointF p) const;
    /// Where a point of the piece shows.
    QPointF place_of(Vec3 p) const;

    void set_angles(float turn_deg, float tilt_deg);

    /// What of the support is drawn. The faces it touches are seen once the support is not.
    enum class Held { nothing, support, contacts };
    Held shown_support() const { return held_; }
    void show_support(Held held);

    /// The piece as it is seen now, on white, without what marks and measures it.
    QImage picture(QSize size);

Q_SIGNALS:
    void shown_support_changed();

protected:
    void initializeGL() override;
    void paintGL() override;
    void draw();
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void mouseDoubleClickEvent(QMouseEvent*) override;
    void wheelEvent(QWheelEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    void leaveEvent(QEvent*) override;
    void showEvent(QShowEvent*) override;

private:
    void tell();
    /// One part on the graphics card. Shared by mesh, so that recolouring uploads nothing.
    struct Buffers {
        std::shared_ptr<const Mesh> mesh;
        QOpenGLVertexArrayObject faces, edges;
        QOpenGLBuffer vertices{QOpenGLBuffer::VertexBuffer}, indices{QOpenGLBuffer::IndexBuffer},
            lines{QOpenGLBuffer::IndexBuffer};
        int index_count = 0, line_count = 0;
        /// arrived from the thread pool, not uploaded yet
        std::shared_ptr<const std::vector<std::uint32_t>> found_lines;
        /// Per triangle, what the shader needs of its paint: two bytes, the letter's code and whether it is
        /// selected.
        QOpenGLBuffer codes{QOpenGLBuffer::VertexBuffer};
        unsigned codes_texture = 0;
        std::size_t codes_size = 0;
        bool painted = false, stale = true;
        /// The areas between creases, for the preview of the fill.
        QOpenGLBuffer areas{QOpenGLBuffer::VertexBuffer};
        unsigned areas_texture = 0;
        std::shared_ptr<const std::vector<std::uint32_t>> shown_areas;
        /// Facets of cut triangles: corners, code and selection.
        QOpenGLVertexArrayObject facets;
        QOpenGLBuffer facet_data{QOpenGLBuffer::VertexBuffer};
        int facet_count = 0;
        void release();
    };
    void upload_paint(std::size_t part, bool step_only);
    void upload_areas(std::size_t part);
    void set_preview(std::size_t part);
    void paint_overlay();
    void hover(QPointF at);
    struct Ray {
        Vec3 from, way;
    };
    std::optional<Ray> ray_at(QPointF at) const;
    void find_lines(const std::shared_ptr<const Mesh>& mesh);
    void find_solids();
    void paint_support();
    void upload();
    QMatrix4x4 matrix() const;

    Document* document_;
    ViewState* view_;
    Painter* painter_;
    std::optional<Touch> hovered_;
    QPolygonF loop_;
    bool step_ = false; ///< only the last step of a stroke is new
    std::vector<std::unique_ptr<Buffers>> buffers_;
    /// The support as triangles, made in the background for the plan that shows.
    Held held_ = Held::nothing;
    std::shared_ptr<const SupportPlan> solids_of_; ///< what was asked for last
    std::stop_source solids_stop_;
    std::shared_ptr<const std::vector<float>> found_solids_; ///< arrived, not uploaded yet
    std::array<int, 5> solid_starts_{}; ///< body, interface, contacts, snaps: where each begins, and the end
    std::array<int, 5> found_starts_{};
    QOpenGLVertexArrayObject solids_;
    QOpenGLBuffer solid_data_{QOpenGLBuffer::VertexBuffer};
    QOpenGLShaderProgram program_;
    float turn_ = -35, tilt_ = 24, zoom_ = 1;
    QPointF shift_, press_, last_;
    bool dragged_ = false;
    std::optional<QSize> picturing_; ///< while picture() draws
};

} // namespace vitrail
