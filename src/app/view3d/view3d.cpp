#include "app/view3d/view3d.h"

#include "app/document/background.h"
#include "app/document/document.h"
#include "app/document/view_state.h"
#include "app/theme/theme.h"
#include "app/view3d/shaders.h"
#include "core/colour/stand_out.h"
#include "core/geometry/prism.h"
#include "core/support/solid.h"
#include "paint/filament_paint.h"

#include <QApplication>
#include <QOpenGLContext>
#include <QOpenGLExtraFunctions>
#include <QOpenGLFramebufferObject>
#include <QOpenGLFunctions>
#include <QPainter>
#include <QPointer>
#include <QVector2D>
#include <QVector3D>
#include <QVector4D>

#include <algorithm>
#include <cmath>

namespace vitrail {

bool opengl_available() {
    static const bool available = [] {
        QOpenGLContext context;
        QSurfaceFormat format;
        format.setVersion(3, 3);
        format.setProfile(QSurfaceFormat::CoreProfile);
        context.setFormat(format);
        return context.create() && context.format().version() >= qMakePair(3, 3);
    }();
    return available && !qEnvironmentVariableIntValue("VITRAIL_NO_OPENGL");
}

namespace {

/// Edges where two faces meet at more than 30°, and open ones: the leads of the piece.
std::vector<std::uint32_t> feature_edges(const Mesh& m) {
    std::vector<std::uint32_t> lines;
    const auto normal = [&](std::uint32_t t) {
        const Vec3 &a = m.vertices[m.triangles[t][0]], &b = m.vertices[m.triangles[t][1]],
                   &c = m.vertices[m.triangles[t][2]];
        return QVector3D::crossProduct({b.x - a.x, b.y - a.y, b.z - a.z}, {c.x - a.x, c.y - a.y, c.z - a.z})
            .normalized();
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

void View3d::Buffers::release() {
    QOpenGLContext* context = QOpenGLContext::currentContext();
    if (!context)
        return; // it was never shown, and has none
    QOpenGLFunctions* gl = context->functions();
    for (unsigned* t : {&codes_texture, &areas_texture})
        if (std::exchange(*t, 0u))
            gl->glDeleteTextures(1, t);
}

View3d::View3d(Document* document, ViewState* view, Painter* painter, QWidget* parent)
    : QOpenGLWidget(parent), document_(document), view_(view), painter_(painter) {
    setMouseTracking(true);
    setObjectName(QStringLiteral("view3d"));
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("3D piece"));
    QSurfaceFormat f;
    f.setVersion(3, 3);
    f.setProfile(QSurfaceFormat::CoreProfile);
    f.setDepthBufferSize(24);
    f.setSamples(4);
    setFormat(f);
    const auto redraw = [this] { update(); };
    const auto repaint_all = [this] {
        for (const auto& b : buffers_)
            b->stale = true;
        step_ = false;
        update();
    };
    connect(document, &Document::project_changed, this, repaint_all);
    connect(view, &ViewState::selection_changed, this, repaint_all);
    connect(view, &ViewState::spots_changed, this, redraw);
    connect(painter, &Painter::stroke_moved, this, [this] {
        step_ = true;
        update();
    });
    connect(painter, &Painter::settings_changed, this, [this] {
        setCursor(painter_->tool() == PaintTool::none ? Qt::ArrowCursor : Qt::CrossCursor);
        setToolTip(painter_->tool() == PaintTool::none
                       ? tr("Turn: drag · zoom: wheel · move: right drag · fit: double click · choose a part "
                            "or a patch: click")
                       : QString());
        loop_.clear();
        update();
    });
    connect(painter, &Painter::areas_ready, this, redraw);
    connect(&painter->trees(), &MeshTrees::ready, this, redraw);
    connect(document, &Document::plan_changed, this, [this] {
        find_solids();
        update();
    });
    for (auto told : {&ViewState::selection_changed, &ViewState::piece_changed})
        connect(view, told, this, &View3d::tell);
    connect(document, &Document::project_changed, this, &View3d::tell);
    tell();
    connect(document, &Document::opened, this, [this] { fit(); });
    connect(view, &ViewState::layer_changed, this, redraw);
    connect(view, &ViewState::piece_changed, this, [this] {
        find_solids();
        fit();
    });
}

/// What a screen reader says of it: each part with its filament, and whether it is chosen.
void View3d::tell() {
    const Project& project = document_->project();
    QStringList says;
    const auto& parts = view_->piece_of(project).parts;
    for (std::size_t i = 0; i < parts.size(); ++i) {
        const int f = find_filament(project, parts[i].filament);
        const QString name = QString::fromStdString(parts[i].name);
        const QString in =
            f < 0 ? tr("no filament")
                  : QStringLiteral("%1 %2")
                        .arg(QChar::fromLatin1(parts[i].filament))
                        .arg(QString::fromStdString(project.filaments[static_cast<std::size_t>(f)].name));
        says << (view_->parts().count(static_cast<int>(i)) ? tr("%1 in %2, chosen").arg(name, in)
                                                           : tr("%1 in %2").arg(name, in));
    }
    setAccessibleDescription(
        (says.isEmpty() ? QString() : says.join(QStringLiteral("; ")) + QLatin1Char('\n')) +
        tr("Arrow keys turn the piece, plus and minus zoom, Home fits it."));
}

View3d::~View3d() {
    solids_stop_.request_stop();
    makeCurrent();
    solids_.destroy();
    solid_data_.destroy();
    for (const auto& b : buffers_)
        b->release();
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
    document_->background()->run(this, [this, mesh](const std::stop_token&) -> Background::Then {
        return
            [this, mesh, lines = std::make_shared<const std::vector<std::uint32_t>>(feature_edges(*mesh))] {
                for (const auto& b : buffers_)
                    if (b->mesh == mesh)
                        b->found_lines = lines;
                update();
            };
    });
}

/// Brings the buffers in line with the parts. Meshes that are there already stay.
void View3d::upload() {
    const Project& project = document_->project();
    const auto fill = [this](Buffers& b, QOpenGLVertexArrayObject& vao, QOpenGLBuffer& indices,
                             const void* data, std::size_t bytes) {
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
    const Piece& piece = view_->piece_of(project);
    for (const Part& part : piece.parts) {
        auto had = std::find_if(buffers_.begin(), buffers_.end(),
                                [&](const auto& b) { return b && b->mesh == part.mesh; });
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
    for (const auto& gone : buffers_)
        if (gone)
            gone->release();
    buffers_ = std::move(next);
    for (std::size_t i = 0; i < buffers_.size(); ++i) {
        if (buffers_[i]->stale || (step_ && painter_->live(static_cast<int>(i))))
            upload_paint(i, step_ && !buffers_[i]->stale);
        painter_->trees().tree_of(piece.parts[i].mesh); // made ready before anybody points at it
    }
    step_ = false;
    for (const auto& b : buffers_)
        if (const auto lines = std::exchange(b->found_lines, nullptr); lines && !b->line_count) {
            b->line_count = static_cast<int>(lines->size());
            fill(*b, b->edges, b->lines, lines->data(), lines->size() * sizeof(std::uint32_t));
        }
}

/// Tells the shader which triangles have which filament. Of a stroke, only the last step.
void View3d::upload_paint(std::size_t part, bool step_only) {
    Buffers& b = *buffers_[part];
    const Part& p = view_->piece_of(document_->project()).parts[part];
    const Paint* live = painter_->live(static_cast<int>(part));
    const Paint* paint = live ? live : painter_->paint_of(p).get();
    b.stale = false;
    b.painted = paint && paint->patch.size() == p.mesh->triangles.size();
    if (!b.painted)
        return;
    const auto [selected_part, selected] = view_->patch();
    const auto code = [&, selected_part = selected_part,
                       selected = selected](PatchNumber n) -> std::array<unsigned char, 2> {
        if (n == kUnpainted)
            return {0, 0};
        if (n == kCut)
            return {kCutCode, 0};
        if (painter_->target == PaintTarget::support)
            return {n == static_cast<PatchNumber>(SupportWish::hold) ? kHoldCode : kKeepFreeCode, 0};
        const char letter = n <= p.patches.size() ? p.patches[n - 1u].filament : char(0);
        const bool chosen = selected_part == static_cast<int>(part) && selected == n;
        return {letter ? static_cast<unsigned char>(letter - 'A' + 1) : kNoFilament,
                static_cast<unsigned char>(chosen)};
    };
    auto* gl = QOpenGLContext::currentContext()->extraFunctions();
    const std::size_t count = paint->patch.size();
    if (b.codes_size != count) {
        b.codes.destroy();
        b.codes.create();
        b.codes.bind();
        b.codes.allocate(static_cast<int>(2 * count));
        b.codes_size = count;
        if (!b.codes_texture)
            gl->glGenTextures(1, &b.codes_texture);
        gl->glBindTexture(GL_TEXTURE_BUFFER, b.codes_texture);
        gl->glTexBuffer(GL_TEXTURE_BUFFER, GL_RG8UI, b.codes.bufferId());
        step_only = false;
    }
    b.codes.bind();
    std::vector<std::array<unsigned char, 2>> codes;
    if (step_only && !painter_->last_step().empty()) {
        // The step's triangles lie close together more often than not.
        const auto [low, high] =
            std::minmax_element(painter_->last_step().begin(), painter_->last_step().end());
        for (std::size_t t = *low; t <= *high; ++t)
            codes.push_back(code(paint->patch[t]));
        b.codes.write(static_cast<int>(2 * *low), codes.data(), static_cast<int>(2 * codes.size()));
    } else {
        codes.reserve(count);
        for (const PatchNumber n : paint->patch)
            codes.push_back(code(n));
        b.codes.write(0, codes.data(), static_cast<int>(2 * codes.size()));
    }
    std::vector<float> facets;
    for (const auto& [t, pieces] : paint->cut)
        for (const Facet& f : pieces) {
            const auto c = code(f.patch);
            for (const Vec3 v : f.corners)
                facets.insert(facets.end(), {v.x, v.y, v.z, float(c[0]), float(c[1])});
        }
    b.facet_count = static_cast<int>(facets.size() / 5);
    if (!b.facet_count)
        return;
    if (!b.facets.isCreated())
        b.facets.create();
    const QOpenGLVertexArrayObject::Binder bound(&b.facets);
    if (!b.facet_data.isCreated())
        b.facet_data.create();
    b.facet_data.bind();
    b.facet_data.allocate(facets.data(), static_cast<int>(facets.size() * sizeof(float)));
    program_.enableAttributeArray(0);
    program_.setAttributeBuffer(0, GL_FLOAT, 0, 3, 5 * sizeof(float));
    program_.enableAttributeArray(1);
    program_.setAttributeBuffer(1, GL_FLOAT, 3 * sizeof(float), 2, 5 * sizeof(float));
}

void View3d::upload_areas(std::size_t part) {
    Buffers& b = *buffers_[part];
    const auto areas = painter_->areas_of(static_cast<int>(part));
    if (!areas || areas == b.shown_areas)
        return;
    auto* gl = QOpenGLContext::currentContext()->extraFunctions();
    b.areas.destroy();
    b.areas.create();
    b.areas.bind();
    b.areas.allocate(areas->data(), static_cast<int>(areas->size() * sizeof(std::uint32_t)));
    if (!b.areas_texture)
        gl->glGenTextures(1, &b.areas_texture);
    gl->glBindTexture(GL_TEXTURE_BUFFER, b.areas_texture);
    gl->glTexBuffer(GL_TEXTURE_BUFFER, GL_R32UI, b.areas.bufferId());
    b.shown_areas = areas;
}

/// What the tool would take if one pressed here.
void View3d::set_preview(std::size_t part) {
    int kind = 0;
    const bool here = hovered_ && hovered_->part == static_cast<int>(part);
    QVector4D where;
    if (here && painter_->tool() == PaintTool::fill) {
        upload_areas(part);
        if (const auto& areas = buffers_[part]->shown_areas;
            areas && hovered_->hit.triangle < areas->size()) {
            kind = 1;
            program_.setUniformValue("preview_area", static_cast<int>((*areas)[hovered_->hit.triangle]));
        }
    } else if (here && painter_->tool() == PaintTool::brush) {
        kind = 2;
        const Vec3 p = hovered_->hit.point;
        where = QVector4D(p.x, p.y, p.z, float(painter_->brush_mm / 2));
    } else if (painter_->tool() == PaintTool::heights &&
               (here || view_->parts().count(static_cast<int>(part)))) {
        kind = 3;
        where = QVector4D(float(painter_->z0_mm), float(painter_->z1_mm), 0, 0);
    } else if (painter_->tool() == PaintTool::facing &&
               (here || view_->parts().count(static_cast<int>(part)))) {
        kind = 4;
        const Vec3 d =
            here ? normal(*view_->piece_of(document_->project()).parts[part].mesh, hovered_->hit.triangle)
                 : painter_->direction;
        where = QVector4D(d.x, d.y, d.z, float(std::cos(painter_->within_deg * 3.14159265 / 180)));
    }
    program_.setUniformValue("preview", kind);
    program_.setUniformValue("preview_where", where);
}

QMatrix4x4 View3d::matrix() const {
    const Bounds b = bounds(view_->piece_of(document_->project()));
    QMatrix4x4 m;
    if (b.empty())
        return m;
    const QVector3D low(b.min.x, b.min.y, b.min.z), high(b.max.x, b.max.y, b.max.z);
    const float radius = std::max(0.1f, (high - low).length() / 2),
                aspect = picturing_ ? float(picturing_->width()) / std::max(1, picturing_->height())
                                    : float(width()) / std::max(1, height());
    // Parallel rays would do for a plan, but a little perspective tells near from far.
    constexpr float kAngle = 22;
    // The sphere around the piece touches nothing of it but corners: it may be cut a little.
    const float distance =
        0.9f * radius / std::sin(kAngle / 2 * 3.14159265f / 180) / zoom_ * std::max(1.0f, 1 / aspect);
    m.perspective(kAngle, aspect, std::max(distance - 2.2f * radius, distance * 0.01f),
                  distance + 2.2f * radius);
    m.translate(float(shift_.x()) * radius, float(shift_.y()) * radius, -distance);
    m.rotate(tilt_ - 90, 1, 0, 0);
    m.rotate(turn_, 0, 0, 1);
    m.translate(-(low + high) / 2);
    return m;
}

QImage View3d::picture(QSize size) {
    makeCurrent();
    QOpenGLFramebufferObjectFormat format;
    format.setAttachment(QOpenGLFramebufferObject::CombinedDepthStencil);
    format.setSamples(4);
    QOpenGLFramebufferObject target(size, format);
    target.bind();
    QOpenGLContext::currentContext()->functions()->glViewport(0, 0, size.width(), size.height());
    picturing_ = size;
    draw();
    picturing_.reset();
    QImage image = target.toImage();
    target.release();
    QOpenGLContext::currentContext()->functions()->glViewport(
        0, 0, static_cast<int>(width() * devicePixelRatioF()),
        static_cast<int>(height() * devicePixelRatioF()));
    doneCurrent();
    update();
    return image;
}

void View3d::paintGL() {
    draw();
    paint_overlay();
}

void View3d::draw() {
    const Theme& t = Theme::current();
    const Project& project = document_->project();
    QOpenGLFunctions* gl = QOpenGLContext::currentContext()->functions();
    const QColor ground = picturing_ ? QColor(Qt::white) : t.field;
    gl->glClearColor(float(ground.redF()), float(ground.greenF()), float(ground.blueF()), 1);
    gl->glClear(GL_COLOR_BUFFER_BIT | GL_DEPTH_BUFFER_BIT);
    program_.bind();
    upload();
    gl->glDisable(GL_BLEND); // left on by what was painted over the last picture
    gl->glEnable(GL_DEPTH_TEST);
    gl->glEnable(GL_POLYGON_OFFSET_FILL);
    gl->glPolygonOffset(1, 1);
    const Piece& piece = view_->piece_of(project);
    const Bounds b = bounds(piece);
    program_.setUniformValue("matrix", matrix());
    program_.setUniformValue("bed", b.empty() ? 0 : b.min.z);
    program_.setUniformValue("accent", rgb(t.accent));
    program_.setUniformValue("lead", rgb(t.lead));
    QVector4D letters[kCodes];
    for (const Filament& f : project.filaments)
        letters[f.letter - 'A' + 1] = QVector4D(rgb(to_qcolor(f.colour)), float(f.letter - 'A'));
    // Support looks like nothing of the piece, whatever its filaments' colours are.
    std::vector<Srgb> others;
    for (const Filament& f : project.filaments)
        others.push_back(f.colour);
    others.push_back(to_srgb(t.bad)); // what is ready to snap
    const QVector3D mark = rgb(to_qcolor(stand_out(others, vivid_colours())));
    letters[kSupportCode] = QVector4D(0.60f, 0.60f, 0.60f, 3);
    letters[kInterfaceCode] = QVector4D(mark, 8);
    letters[kContactCode] = QVector4D(mark, 12);
    letters[kSnapCode] = QVector4D(rgb(t.bad), 14);
    letters[kKeepFreeCode] = QVector4D(rgb(t.warn), 6);
    letters[kHoldCode] = QVector4D(rgb(t.good), 3);
    program_.setUniformValueArray("letters", letters, kCodes);
    program_.setUniformValue("codes", 0);
    program_.setUniformValue("areas", 1);
    const auto plan = document_->plan();
    const double z = plan ? plan->grid.middle_mm(view_->layer()) : -1e6,
                 h = plan ? plan->grid.thickness_mm(view_->layer()) * 0.47
                          : 0; // faces on its borders are not in it
    program_.setUniformValue("cursor", picturing_ ? QVector2D(-1e6f, 0) : QVector2D(float(z), float(h)));
    for (std::size_t i = 0; i < buffers_.size(); ++i) {
        QVector2D bands[16];
        QVector4D panes[17];
        const auto pane = [&](char letter) {
            const int f = find_filament(project, letter);
            return f < 0 ? QVector4D(rgb(t.line), 1)
                         : QVector4D(rgb(to_qcolor(project.filaments[f].colour)), float(letter - 'A'));
        };
        panes[0] = pane(piece.parts[i].filament);
        int count = 0;
        for (const Band& band : piece.bands)
            if (band.part == piece.parts[i].name && count < 16) {
                bands[count] = QVector2D(float(band.z0_mm), float(band.z1_mm));
                panes[++count] = pane(band.filament);
            }
        program_.setUniformValue("band_count", count);
        program_.setUniformValueArray("bands", bands, 16);
        program_.setUniformValueArray("panes", panes, 17);
        program_.setUniformValue("selected",
                                 !picturing_ && view_->parts().count(static_cast<int>(i)) ? 1.0f : 0.0f);
        program_.setUniformValue("lines", 0.0f);
        const Buffers& own = *buffers_[i];
        set_preview(i);
        gl->glActiveTexture(GL_TEXTURE0);
        gl->glBindTexture(GL_TEXTURE_BUFFER, own.codes_texture);
        gl->glActiveTexture(GL_TEXTURE1);
        gl->glBindTexture(GL_TEXTURE_BUFFER, own.areas_texture);
        gl->glActiveTexture(GL_TEXTURE0);
        program_.setUniformValue("painting", own.painted ? 1 : 0);
        {
            const QOpenGLVertexArrayObject::Binder bound(&buffers_[i]->faces);
            gl->glDrawElements(GL_TRIANGLES, own.index_count, GL_UNSIGNED_INT, nullptr);
        }
        if (own.painted && own.facet_count) {
            program_.setUniformValue("painting", 2);
            const QOpenGLVertexArrayObject::Binder bound(&buffers_[i]->facets);
            gl->glDrawArrays(GL_TRIANGLES, 0, own.facet_count);
        }
        if (!buffers_[i]->line_count)
            continue;
        program_.setUniformValue("lines", 1.0f);
        gl->glLineWidth(2);
        const QOpenGLVertexArrayObject::Binder bound(&buffers_[i]->edges);
        gl->glDrawElements(GL_LINES, buffers_[i]->line_count, GL_UNSIGNED_INT, nullptr);
    }
    paint_support();
    program_.release();
}

void View3d::show_support(Held held) {
    if (held_ == held)
        return;
    held_ = held;
    find_solids();
    update();
    Q_EMIT shown_support_changed();
}

/// Has the support of the present plan made into triangles, once somebody wants to see it.
void View3d::find_solids() {
    const auto plan = document_->plan();
    const auto support = plan ? view_->piece_of(*plan).support : nullptr;
    if (held_ == Held::nothing || !isVisible() || support == solids_of_)
        return;
    solids_of_ = support;
    solids_stop_.request_stop();
    if (!support) {
        found_solids_ = std::make_shared<const std::vector<float>>();
        found_starts_ = {};
        return update();
    }
    solids_stop_ = document_->background()->run(
        this,
        [this, support, piece = plan->pieces[view_->piece_in(document_->planned_project())]](
            const std::stop_token& stop) -> Background::Then {
            const auto solids =
                solids_of(*support->layout, piece.table->grid, piece.table->bed_z_mm, {stop, {}});
            if (!solids)
                return {};
            // Thin features a little thicker than they are, so that the mark lies around them.
            Builder snaps;
            for (const SnapPlace& s : snap_places(piece))
                add_prism(snaps, offset(s.area, 0.12),
                          piece.table->bed_z_mm + piece.table->grid.bottom_mm(s.layer) - 0.05,
                          piece.table->bed_z_mm + piece.table->grid.top_mm(s.layer) + 1);
            auto data = std::make_shared<std::vector<float>>();
            std::array<int, 5> starts{};
            const auto put = [&](std::size_t kind, unsigned char code, const std::vector<Vec3>& corners) {
                starts[kind] = static_cast<int>(data->size() / 5);
                for (const Vec3 v : corners)
                    data->insert(data->end(), {v.x, v.y, v.z, float(code), 0.0f});
            };
            std::vector<Vec3> snap_corners;
            for (const Triangle& t : snaps.triangles)
                for (const std::uint32_t v : t)
                    snap_corners.push_back(snaps.vertices[v]);
            put(0, kSupportCode, solids->body);
            put(1, kInterfaceCode, solids->interface);
            put(2, kContactCode, solids->contacts);
            put(3, kSnapCode, snap_corners);
            starts[4] = static_cast<int>(data->size() / 5);
            return [this, support, data, starts] {
                if (solids_of_ != support)
                    return;
                found_solids_ = data;
                found_starts_ = starts;
                update();
            };
        });
}

void View3d::paint_support() {
    if (found_solids_) {
        solid_starts_ = found_starts_;
        if (!solids_.isCreated())
            solids_.create();
        const QOpenGLVertexArrayObject::Binder bound(&solids_);
        if (!solid_data_.isCreated())
            solid_data_.create();
        solid_data_.bind();
        solid_data_.allocate(found_solids_->data(), static_cast<int>(found_solids_->size() * sizeof(float)));
        program_.enableAttributeArray(0);
        program_.setAttributeBuffer(0, GL_FLOAT, 0, 3, 5 * sizeof(float));
        program_.enableAttributeArray(1);
        program_.setAttributeBuffer(1, GL_FLOAT, 3 * sizeof(float), 2, 5 * sizeof(float));
        found_solids_.reset();
    }
    if (held_ == Held::nothing || !solid_starts_[4] || !solids_.isCreated())
        return;
    program_.setUniformValue("band_count", 0);
    program_.setUniformValue("selected", 0.0f);
    program_.setUniformValue("lines", 0.0f);
    program_.setUniformValue("painting", 2);
    program_.setUniformValue("preview", 0);
    const QOpenGLVertexArrayObject::Binder bound(&solids_);
    auto* gl = QOpenGLContext::currentContext()->functions();
    const int from = held_ == Held::support ? 0 : 2, to = held_ == Held::support ? 2 : 3;
    gl->glDrawArrays(GL_TRIANGLES, solid_starts_[from], solid_starts_[to] - solid_starts_[from]);
    gl->glDrawArrays(GL_TRIANGLES, solid_starts_[3], solid_starts_[4] - solid_starts_[3]);
}

void View3d::showEvent(QShowEvent* e) {
    QOpenGLWidget::showEvent(e);
    find_solids();
}

/// What lies over the piece: the lasso, and the places a finding points at.
void View3d::paint_overlay() {
    const auto& spots = view_->spots();
    if (loop_.isEmpty() && spots.empty())
        return;
    const Theme& t = Theme::current();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    if (!loop_.isEmpty()) {
        p.setPen(QPen(t.accent, 2, Qt::DashLine));
        p.drawPolygon(loop_);
    }
    const double r = em(0.45);
    for (const Spot& s : spots) {
        const QPointF at = place_of(s.point);
        const QPolygonF diamond{
            {at + QPointF(0, -r), at + QPointF(r, 0), at + QPointF(0, r), at + QPointF(-r, 0)}};
        p.setPen(QPen(t.lead, 3.5));
        p.setBrush(Qt::NoBrush);
        p.drawPolygon(diamond);
        p.setPen(QPen(t.bad, 1.8));
        p.drawPolygon(diamond);
    }
}

QPointF View3d::place_of(Vec3 v) const {
    const QVector3D p = matrix().map(QVector3D(v.x, v.y, v.z));
    return {(p.x() + 1) / 2 * width(), (1 - p.y()) / 2 * height()};
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

} // namespace vitrail

#include "moc_view3d.cpp"
