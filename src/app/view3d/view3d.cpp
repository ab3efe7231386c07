#include "app/view3d/view3d.h"

#include "app/shell/document.h"
#include "app/shell/view_state.h"
#include "app/theme/theme.h"
#include "paint/filament_paint.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QOpenGLContext>
#include <QOpenGLFunctions>
#include <QApplication>
#include <QPointer>
#include <QThreadPool>
#include <QVector2D>
#include <QVector3D>
#include <QVector4D>
#include <QWheelEvent>

#include <algorithm>
#include <cmath>

namespace vitrail {

bool opengl_available() {
    static const bool available = [] {
        if (qEnvironmentVariableIntValue("VITRAIL_NO_OPENGL"))
            return false;
        QOpenGLContext context;
        QSurfaceFormat format;
        format.setVersion(3, 3);
        format.setProfile(QSurfaceFormat::CoreProfile);
        context.setFormat(format);
        return context.create() && context.format().version() >= qMakePair(3, 3);
    }();
    return available;
}

namespace {

const char* const kVertex = R"(#version 330 core
layout(location = 0) in vec3 position;
uniform mat4 matrix;
uniform float bed;
out vec3 place;
void main() {
    place = position - vec3(0.0, 0.0, bed);
    gl_Position = matrix * vec4(position, 1.0);
})";

// The filament of a point follows from its height: the part's own, or that of the last band that holds it.
const char* const kFragment = R"(#version 330 core
in vec3 place;
out vec4 colour;
uniform int band_count;
uniform vec2 bands[16];
uniform vec4 panes[17];   // rgb, and the hatch
uniform vec2 cursor;      // height and half thickness of the cursor layer
uniform vec3 accent;
uniform vec3 lead;
uniform float selected;
uniform float lines;      // 1: draws lead lines

float hatch(int kind, vec2 p, float pitch) {
    vec2 q = mod(p, pitch);
    float d = 1e3;
    if (kind == 0) d = abs(mod(p.x + p.y, pitch) - pitch / 2.0) * 0.707;
    if (kind == 1) d = abs(q.y - pitch / 2.0);
    if (kind == 2) d = abs(mod(p.x - p.y, pitch) - pitch / 2.0) * 0.707;
    if (kind == 3) d = min(abs(q.x - pitch / 2.0), abs(q.y - pitch / 2.0));
    if (kind == 4) d = length(q - vec2(pitch / 2.0)) - 0.6;
    if (kind == 5) d = abs(q.x - pitch / 2.0);
    if (kind == 6) d = min(abs(mod(p.x + p.y, pitch) - pitch / 2.0), abs(mod(p.x - p.y, pitch) - pitch / 2.0)) * 0.707;
    if (kind == 7) d = abs(q.y - pitch / 2.0 - (abs(q.x - pitch / 2.0) - pitch / 4.0));
    return 1.0 - smoothstep(0.35, 1.15, d);
}

void main() {
    if (lines > 0.5) {
        colour = vec4(selected > 0.5 ? accent : lead, 1.0);
        return;
    }
    vec4 pane = panes[0];
    for (int i = 0; i < band_count; ++i)
        if (place.z >= bands[i].x && place.z < bands[i].y)
            pane = panes[i + 1];
    vec3 normal = normalize(cross(dFdx(place), dFdy(place)));
    float light = 0.62 + 0.30 * max(0.0, dot(normal, normalize(vec3(-0.45, -0.7, 0.55)))) + 0.12 * max(0.0, normal.z);
    vec3 base = pane.rgb;
    float bright = dot(base, vec3(0.2126, 0.7152, 0.0722));
    vec3 ink = bright > 0.36 ? vec3(0.0) : vec3(1.0);
    int kind = int(pane.a + 0.5);
    base = mix(base, ink, 0.24 * hatch(kind % 8, gl_FragCoord.xy, kind < 8 ? 9.0 : 6.0));
    base *= light;
    // Borders of bands are lead lines, as wide on the screen everywhere.
    float per_pixel = max(fwidth(place.z), 1e-5);
    for (int i = 0; i < band_count; ++i)
        if (min(abs(place.z - bands[i].x), abs(place.z - bands[i].y)) < 1.1 * per_pixel)
            base = lead;
    if (selected > 0.5)
        base = mix(base, accent, 0.22);
    if (abs(place.z - cursor.x) < max(cursor.y, 0.9 * per_pixel))
        base = accent;
    colour = vec4(base, 1.0);
})";

/// Edges where two faces meet at more than 30°, and open ones: the leads of the piece.
std::vector<std::uint32_t> feature_edges(const Mesh& m) {
    std::vector<std::uint32_t> lines;
    const auto normal = [&](std::uint32_t t) {
        const Vec3 &a = m.vertices[m.triangles[t][0]], &b = m.vertices[m.triangles[t][1]], &c = m.vertices[m.triangles[t][2]];
        return QVector3D::crossProduct({b.x - a.x, b.y - a.y, b.z - a.z}, {c.x - a.x, c.y - a.y, c.z - a.z}).normalized();
    };
    for (std::uint32_t t = 0; t < m.triangles.size(); ++t)
        for (int e = 0; e < 3; ++e) {
            const std::uint32_t u = m.neighbours[t][e];
            if (u != Mesh::kNone && (u < t || QVector3D::dotProduct(normal(t), normal(u)) > 0.866f))
                continue;
            lines.push_back(m.triangles[t][e]);
            lines.push_back(m.triangles[t][(e + 1) % 3]);
        }
    return lines;
}

QVector3D rgb(const QColor& c) {
    return {float(c.redF()), float(c.greenF()), float(c.blueF())};
}

} // namespace

View3d::View3d(Document* document, ViewState* view, QWidget* parent) : QOpenGLWidget(parent), document_(document), view_(view) {
    setObjectName(QStringLiteral("view3d"));
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("3D piece"));
    setAccessibleDescription(tr("Arrow keys turn the piece, plus and minus zoom, Home fits it."));
    QSurfaceFormat f;
    f.setVersion(3, 3);
    f.setProfile(QSurfaceFormat::CoreProfile);
    f.setDepthBufferSize(24);
    f.setSamples(4);
    setFormat(f);
    const auto redraw = [this] { update(); };
    connect(document, &Document::project_changed, this, redraw);
    connect(document, &Document::plan_changed, this, redraw);
    connect(document, &Document::opened, this, [this] { fit(); });
    connect(view, &ViewState::layer_changed, this, redraw);
    connect(view, &ViewState::selection_changed, this, redraw);
}

View3d::~View3d() {
    makeCurrent();
    buffers_.clear();
    program_.removeAllShaders();
    doneCurrent();
}

void View3d::initializeGL() {
    program_.addShaderFromSourceCode(QOpenGLShader::Vertex, kVertex);
    program_.addShaderFromSourceCode(QOpenGLShader::Fragment, kFragment);
    program_.link();
}

/// Looks for the lead lines of a mesh in the background; the faces are shown without them until then.
void View3d::find_lines(const std::shared_ptr<const Mesh>& mesh) {
    QThreadPool::globalInstance()->start([self = QPointer<View3d>(this), mesh] {
        auto lines = std::make_shared<const std::vector<std::uint32_t>>(feature_edges(*mesh));
        QMetaObject::invokeMethod(qApp, [self, mesh, lines] {
            if (!self)
                return;
            for (const auto& b : self->buffers_)
                if (b->mesh == mesh)
                    b->found_lines = lines;
            self->update();
        }, Qt::QueuedConnection);
    });
}

/// Brings the buffers in line with the parts. Meshes that are there already stay.
void View3d::upload() {
    const Project& project = document_->project();
    const auto fill = [this](Buffers& b, QOpenGLVertexArrayObject& vao, QOpenGLBuffer& indices, const void* data, std::size_t bytes) {
        vao.create();
        const QOpenGLVertexArrayObject::Binder bound(&vao);
        b.vertices.bind();
        program_.enableAttributeArray(0);
        program_.setAttributeBuffer(0, GL_FLOAT, 0, 3, sizeof(Vec3));
        indices.create();
        indices.bind();
        indices.allocate(data, static_cast<int>(bytes));
    };
    std::vector<std::unique_ptr<Buffers>> next;
    for (const Part& part : project.parts) {
        auto had = std::find_if(buffers_.begin(), buffers_.end(), [&](const auto& b) { return b && b->mesh == part.mesh; });
        if (had != buffers_.end()) {
            next.push_back(std::move(*had));
            continue;
        }
        auto b = std::make_unique<Buffers>();
        b->mesh = part.mesh;
        const Mesh& m = *part.mesh;
        b->index_count = static_cast<int>(3 * m.triangles.size());
        b->vertices.create();
        b->vertices.bind();
        b->vertices.allocate(m.vertices.data(), static_cast<int>(m.vertices.size() * sizeof(Vec3)));
        fill(*b, b->faces, b->indices, m.triangles.data(), m.triangles.size() * sizeof(Triangle));
        next.push_back(std::move(b));
        find_lines(part.mesh);
    }
    buffers_ = std::move(next);
    for (const auto& b : buffers_)
        if (const auto lines = std::exchange(b->found_lines, nullptr); lines && !b->line_count) {
            b->line_count = static_cast<int>(lines->size());
            fill(*b, b->edges, b->lines, lines->data(), lines->size() * sizeof(std::uint32_t));
        }
}

QMatrix4x4 View3d::matrix() const {
    const Bounds b = bounds(document_->project());
    QMatrix4x4 m;
    if (b.empty())
        return m;
    const QVector3D low(b.min.x, b.min.y, b.min.z), high(b.max.x, b.max.y, b.max.z);
    const float radius = std::max(0.1f, (high - low).length() / 2), aspect = float(width()) / std::max(1, height());
    // Parallel rays would do for a plan, but a little perspective tells near from far.
    constexpr float kAngle = 22;
    // The sphere around the piece touches nothing of it but corners: it may be cut a little.
    const float distance = 0.8f * radius / std::sin(kAngle / 2 * 3.14159265f / 180) / zoom_ * std::max(1.0f, 1 / aspect);
    m.perspective(kAngle, aspect, std::max(distance - 2.2f * radius, distance * 0.01f), distance + 2.2f * radius);
    m.translate(float(shift_.x()) * radius, float(shift_.y()) * radius, -distance);
    m.rotate(tilt_ - 90, 1, 0, 0);
    m.rotate(turn_, 0, 0, 1);
    m.translate(-(low + high) / 2);
    return m;
}

void View3d::paintGL() {
    const Theme& t = Theme::current();
    const Project& project = document_->project();
    QOpenGLFunctions* gl = QOpenGLContext::currentContext()->functions();
    gl->glClearColor(float(t.field.redF()), float(t.field.greenF()), float(t.field.blueF()), 1);
    gl->glClear(GL_COLOR_BUFFER_BIT | GL_DEPTH_BUFFER_BIT);
    program_.bind();
    upload();
    gl->glEnable(GL_DEPTH_TEST);
    gl->glEnable(GL_POLYGON_OFFSET_FILL);
    gl->glPolygonOffset(1, 1);
    const Bounds b = bounds(project);
    program_.setUniformValue("matrix", matrix());
    program_.setUniformValue("bed", b.empty() ? 0 : b.min.z);
    program_.setUniformValue("accent", rgb(t.accent));
    program_.setUniformValue("lead", rgb(t.lead));
    const auto plan = document_->plan();
    const double z = plan ? plan->grid.middle_mm(view_->layer()) : -1e6, h = plan ? plan->grid.thickness_mm(view_->layer()) * 0.47 : 0; // faces on its borders are not in it
    program_.setUniformValue("cursor", QVector2D(float(z), float(h)));
    for (std::size_t i = 0; i < buffers_.size(); ++i) {
        QVector2D bands[16];
        QVector4D panes[17];
        const auto pane = [&](char letter) {
            const int f = find_filament(project, letter);
            return f < 0 ? QVector4D(rgb(t.line), 1) : QVector4D(rgb(to_qcolor(project.filaments[f].colour)), float(letter - 'A'));
        };
        panes[0] = pane(project.parts[i].filament);
        int count = 0;
        for (const Band& band : project.bands)
            if (band.part == project.parts[i].name && count < 16) {
                bands[count] = QVector2D(float(band.z0_mm), float(band.z1_mm));
                panes[++count] = pane(band.filament);
            }
        program_.setUniformValue("band_count", count);
        program_.setUniformValueArray("bands", bands, 16);
        program_.setUniformValueArray("panes", panes, 17);
        program_.setUniformValue("selected", view_->parts().count(static_cast<int>(i)) ? 1.0f : 0.0f);
        program_.setUniformValue("lines", 0.0f);
        {
            const QOpenGLVertexArrayObject::Binder bound(&buffers_[i]->faces);
            gl->glDrawElements(GL_TRIANGLES, buffers_[i]->index_count, GL_UNSIGNED_INT, nullptr);
        }
        if (!buffers_[i]->line_count)
            continue;
        program_.setUniformValue("lines", 1.0f);
        gl->glLineWidth(2);
        const QOpenGLVertexArrayObject::Binder bound(&buffers_[i]->edges);
        gl->glDrawElements(GL_LINES, buffers_[i]->line_count, GL_UNSIGNED_INT, nullptr);
    }
    program_.release();
}

void View3d::fit() {
    turn_ = -35;
    tilt_ = 24;
    zoom_ = 1;
    shift_ = {};
    update();
}

void View3d::set_angles(float turn, float tilt) {
    turn_ = turn;
    tilt_ = tilt;
    update();
}

int View3d::part_at(QPointF at) const {
    const Project& project = document_->project();
    bool ok = false;
    const QMatrix4x4 back = matrix().inverted(&ok);
    if (!ok)
        return -1;
    const float x = 2 * float(at.x()) / width() - 1, y = 1 - 2 * float(at.y()) / height();
    const QVector3D from = back.map(QVector3D(x, y, -1)), way = back.map(QVector3D(x, y, 1)) - from;
    int best = -1;
    float nearest = 1e30f;
    for (std::size_t i = 0; i < project.parts.size(); ++i) {
        const Mesh& m = *project.parts[i].mesh;
        for (const Triangle& t : m.triangles) {
            // Möller & Trumbore 1997
            const auto v = [&](int k) { return QVector3D(m.vertices[t[k]].x, m.vertices[t[k]].y, m.vertices[t[k]].z); };
            const QVector3D a = v(0), e1 = v(1) - a, e2 = v(2) - a, p = QVector3D::crossProduct(way, e2);
            const float det = QVector3D::dotProduct(e1, p);
            if (std::abs(det) < 1e-12f)
                continue;
            const QVector3D s = from - a, q = QVector3D::crossProduct(s, e1);
            const float u = QVector3D::dotProduct(s, p) / det, w = QVector3D::dotProduct(way, q) / det;
            if (u < 0 || w < 0 || u + w > 1)
                continue;
            const float d = QVector3D::dotProduct(e2, q) / det;
            if (d > 0 && d < nearest) {
                nearest = d;
                best = static_cast<int>(i);
            }
        }
    }
    return best;
}

void View3d::mousePressEvent(QMouseEvent* e) {
    press_ = last_ = e->position();
    dragged_ = false;
}

void View3d::mouseMoveEvent(QMouseEvent* e) {
    const QPointF d = e->position() - last_;
    dragged_ |= (e->position() - press_).manhattanLength() > 4;
    last_ = e->position();
    if (!dragged_)
        return;
    if (e->buttons() & Qt::LeftButton) {
        turn_ += float(d.x()) * 0.5f;
        tilt_ = std::clamp(tilt_ + float(d.y()) * 0.5f, -90.0f, 90.0f);
    } else {
        shift_ += QPointF(d.x(), -d.y()) * (2.0 / std::max(1, height()) / zoom_);
    }
    update();
}

void View3d::mouseReleaseEvent(QMouseEvent* e) {
    if (dragged_ || e->button() != Qt::LeftButton)
        return;
    const int part = part_at(e->position());
    std::set<int> chosen;
    if (e->modifiers() & Qt::ControlModifier)
        chosen = view_->parts();
    if (part >= 0 && !chosen.insert(part).second)
        chosen.erase(part);
    view_->select(std::move(chosen));
}

void View3d::mouseDoubleClickEvent(QMouseEvent*) {
    fit();
}

void View3d::wheelEvent(QWheelEvent* e) {
    zoom_ = std::clamp(zoom_ * std::pow(1.0015f, float(e->angleDelta().y())), 0.3f, 30.0f);
    update();
}

void View3d::keyPressEvent(QKeyEvent* e) {
    switch (e->key()) {
    case Qt::Key_Left: turn_ -= 10; break;
    case Qt::Key_Right: turn_ += 10; break;
    case Qt::Key_Up: tilt_ = std::min(90.0f, tilt_ + 10); break;
    case Qt::Key_Down: tilt_ = std::max(-90.0f, tilt_ - 10); break;
    case Qt::Key_Plus: zoom_ = std::min(30.0f, zoom_ * 1.2f); break;
    case Qt::Key_Minus: zoom_ = std::max(0.3f, zoom_ / 1.2f); break;
    case Qt::Key_Home: fit(); break;
    default: return QOpenGLWidget::keyPressEvent(e);
    }
    update();
}

} // namespace vitrail
