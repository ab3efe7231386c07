// The 3D piece: turned by dragging, zoomed by the wheel, parts chosen by clicking.
#pragma once

#include "core/project/project.h"

#include <QMatrix4x4>
#include <QOpenGLBuffer>
#include <QOpenGLShaderProgram>
#include <QOpenGLVertexArrayObject>
#include <QOpenGLWidget>

#include <memory>
#include <vector>

namespace vitrail {

class Document;
class ViewState;

/// Whether an OpenGL 3.3 context can be made here. VITRAIL_NO_OPENGL=1 says no.
bool opengl_available();

class View3d : public QOpenGLWidget {
    Q_OBJECT
public:
    View3d(Document* document, ViewState* view, QWidget* parent = nullptr);
    ~View3d() override;

    /// Turns the piece back to the first view and fits it.
    void fit();
    /// The part under a point of the widget, or −1.
    int part_at(QPointF p) const;

    void set_angles(float turn_deg, float tilt_deg);

protected:
    void initializeGL() override;
    void paintGL() override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void mouseDoubleClickEvent(QMouseEvent*) override;
    void wheelEvent(QWheelEvent*) override;
    void keyPressEvent(QKeyEvent*) override;

private:
    /// One part on the graphics card. Shared by mesh, so that recolouring uploads nothing.
    struct Buffers {
        std::shared_ptr<const Mesh> mesh;
        QOpenGLVertexArrayObject faces, edges;
        QOpenGLBuffer vertices{QOpenGLBuffer::VertexBuffer}, indices{QOpenGLBuffer::IndexBuffer}, lines{QOpenGLBuffer::IndexBuffer};
        int index_count = 0, line_count = 0;
        std::shared_ptr<const std::vector<std::uint32_t>> found_lines; ///< arrived from the thread pool, not uploaded yet
    };
    void find_lines(const std::shared_ptr<const Mesh>& mesh);
    void upload();
    QMatrix4x4 matrix() const;

    Document* document_;
    ViewState* view_;
    std::vector<std::unique_ptr<Buffers>> buffers_;
    QOpenGLShaderProgram program_;
    float turn_ = -35, tilt_ = 24, zoom_ = 1;
    QPointF shift_, press_, last_;
    bool dragged_ = false;
};

} // namespace vitrail
