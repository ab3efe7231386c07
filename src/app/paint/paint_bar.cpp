#include "app/paint/paint_bar.h"

#include "app/document/document.h"
#include "app/document/view_state.h"
#include "app/paint/painter.h"
#include "app/theme/theme.h"
#include "core/geometry/layers.h"
#include "paint/words.h"

#include <QActionGroup>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QMenu>
#include <QPushButton>
#include <QStackedWidget>
#include <QToolButton>
#include <QVBoxLayout>

namespace vitrail {

PaintBar::PaintBar(Document* document, ViewState* view, Painter* painter, QWidget* parent)
    : QWidget(parent), document_(document), view_(view), painter_(painter), tools_(new QActionGroup(this)),
      options_(new QStackedWidget), target_(new QLabel), erase_(new QToolButton) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(em(0.5), em(0.35), em(0.5), em(0.35));
    column->setSpacing(em(0.25));
    auto* row = new QHBoxLayout;
    row->setSpacing(em(0.2));
    column->addLayout(row);
    const struct {
        PaintTool tool;
        const char *name, *picture;
        QString text;
    } tools[] = {
        {PaintTool::none, "tool_choose", "mouse-pointer-2",
         tr("Choose and turn: click chooses a part or a patch, dragging turns")},
        {PaintTool::fill, "tool_fill", "paint-bucket",
         tr("Fill: the face under the pointer, up to the next crease")},
        {PaintTool::brush, "tool_brush", "brush",
         tr("Brush: draws along the surface, not through the piece")},
        {PaintTool::lasso, "tool_lasso", "lasso",
         tr("Lasso: the faces inside the loop that are seen from here")},
        {PaintTool::heights, "tool_heights", "unfold-vertical",
         tr("Heights: all surface between two heights")},
        {PaintTool::facing, "tool_facing", "compass", tr("Facing: all faces that look one way")},
    };
    for (const auto& t : tools) {
        row->addWidget(add_tool(static_cast<int>(t.tool), t.name, t.picture, t.text));
        options_->addWidget(make_options(static_cast<int>(t.tool)));
    }
    row->addSpacing(em(0.5));
    if (painter->target == PaintTarget::support) {
        auto* wish = new QComboBox;
        wish->setObjectName(QStringLiteral("support_wish"));
        wish->setAccessibleName(tr("What is painted about support"));
        wish->setToolTip(tr("What the tools paint: faces that no support may touch, or faces that are held "
                            "whatever their angle"));
        wish->addItem(tr("keep free"), static_cast<int>(SupportWish::keep_free));
        wish->addItem(tr("hold"), static_cast<int>(SupportWish::hold));
        connect(wish, &QComboBox::activated, this, [this, wish] {
            painter_->wish = static_cast<SupportWish>(wish->currentData().toInt());
            erase_->setChecked(false);
            painter_->changed();
        });
        row->addWidget(wish);
    }
    erase_->setObjectName(QStringLiteral("paint_erase"));
    erase_->setIcon(icon(QStringLiteral("eraser")));
    erase_->setCheckable(true);
    erase_->setToolTip(tr("Erase: the tools take paint away"));
    erase_->setAccessibleName(tr("Erase"));
    connect(erase_, &QToolButton::toggled, this, [this](bool on) {
        painter_->erase = on;
        painter_->changed();
    });
    row->addWidget(erase_);
    auto* mirror = new QToolButton;
    mirror->setObjectName(QStringLiteral("paint_mirror"));
    mirror->setIcon(icon(QStringLiteral("flip-horizontal-2")));
    mirror->setPopupMode(QToolButton::InstantPopup);
    mirror->setToolTip(tr("Mirror: paint both halves of a symmetric part at once"));
    mirror->setAccessibleName(tr("Mirror"));
    auto* mirrors = new QMenu(mirror);
    auto* axes = new QActionGroup(mirrors);
    const QString axis_names[] = {tr("Do not mirror"), tr("Left and right (across X)"),
                                  tr("Front and back (across Y)")};
    for (int axis = -1; axis < 2; ++axis) {
        QAction* a = mirrors->addAction(axis_names[axis + 1]);
        a->setCheckable(true);
        a->setChecked(axis < 0);
        axes->addAction(a);
        connect(a, &QAction::triggered, this, [this, axis, mirror] {
            painter_->mirror = axis;
            mirror->setDown(axis >= 0);
            painter_->changed();
        });
    }
    mirror->setMenu(mirrors);
    row->addWidget(mirror);
    if (painter->target == PaintTarget::patches)
        row->addWidget(make_patch_menu());
    row->addStretch();

    auto* second = new QHBoxLayout;
    second->addWidget(options_);
    target_->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    target_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    target_->setObjectName(QStringLiteral("quiet"));
    second->addWidget(target_, 1);
    auto* strip = new QWidget;
    strip->setLayout(second);
    second->setContentsMargins(0, 0, 0, 0);
    strip->setObjectName(QStringLiteral("paint_options"));
    column->addWidget(strip);

    connect(painter, &Painter::settings_changed, this, &PaintBar::refresh);
    connect(view, &ViewState::selection_changed, this, &PaintBar::refresh);
    connect(document, &Document::project_changed, this, &PaintBar::refresh);
    connect(view, &ViewState::piece_changed, this, &PaintBar::refresh);
    refresh();
}

/// What can be done with the chosen patch.
QToolButton* PaintBar::make_patch_menu() {
    auto* more = new QToolButton;
    more->setObjectName(QStringLiteral("paint_more"));
    more->setText(tr("Patch"));
    more->setPopupMode(QToolButton::InstantPopup);
    more->setToolTip(tr("What can be done with the chosen patch"));
    auto* menu = new QMenu(more);
    const auto act = [&](const char* name, const char* picture, const QString& text, auto run) {
        QAction* a = menu->addAction(icon(QString::fromLatin1(picture)), text);
        a->setObjectName(QString::fromLatin1(name));
        connect(a, &QAction::triggered, this, run);
    };
    act("patch_new", "plus", tr("Begin a new patch"), [this] { view_->select_patch(-1, 0); });
    act("patch_grow", "maximize-2", tr("Grow by 1 mm"), [this] { painter_->grow_by(1); });
    act("patch_shrink", "minimize-2", tr("Shrink by 1 mm"), [this] { painter_->grow_by(-1); });
    act("patch_invert", "contrast", tr("Invert on its part"), [this] { painter_->invert(); });
    more->setMenu(menu);
    return more;
}

QToolButton* PaintBar::add_tool(int tool, const char* name, const char* picture, const QString& text) {
    auto* b = new QToolButton;
    auto* a = new QAction(icon(QString::fromLatin1(picture)), text.section(QLatin1Char(':'), 0, 0), b);
    a->setToolTip(text);
    a->setCheckable(true);
    a->setData(tool);
    a->setChecked(tool == 0);
    tools_->addAction(a);
    b->setDefaultAction(a);
    b->setObjectName(QString::fromLatin1(name));
    b->setAccessibleName(text);
    connect(a, &QAction::triggered, this, [this, tool] { painter_->set_tool(static_cast<PaintTool>(tool)); });
    return b;
}

QDoubleSpinBox* PaintBar::number(const char* name, const QString& spoken, double value, double low,
                                 double high, double step, int decimals, const QString& unit,
                                 double* target) {
    auto* s = new QDoubleSpinBox;
    s->setObjectName(QString::fromLatin1(name));
    s->setAccessibleName(spoken);
    s->setRange(low, high);
    s->setDecimals(decimals);
    s->setSingleStep(step);
    s->setSuffix(unit);
    s->setValue(value);
    connect(s, &QDoubleSpinBox::valueChanged, this, [this, target](double v) {
        *target = v;
        painter_->changed();
    });
    return s;
}

QWidget* PaintBar::make_options(int tool) {
    auto* w = new QWidget;
    auto* row = new QHBoxLayout(w);
    row->setContentsMargins(0, 0, 0, 0);
    const auto say = [&](const QString& text, QWidget* buddy = nullptr) {
        auto* l = new QLabel(text);
        l->setBuddy(buddy);
        row->addWidget(l);
    };
    switch (static_cast<PaintTool>(tool)) {
    case PaintTool::fill: {
        auto* s = number("crease", tr("Crease angle"), painter_->crease_deg, 1, 179, 5, 0, tr("°"),
                         &painter_->crease_deg);
        say(tr("up to creases of"), s);
        row->addWidget(s);
        break;
    }
    case PaintTool::brush: {
        auto* s = number("brush_size", tr("Width of the brush"), painter_->brush_mm, 0.2, 100, 0.5, 1,
                         tr(" mm"), &painter_->brush_mm);
        say(tr("width"), s);
        row->addWidget(s);
        break;
    }
    case PaintTool::lasso:
        say(tr("draw a loop around the faces"));
        break;
    case PaintTool::heights: {
        z0_ = number("paint_z0", tr("From height"), painter_->z0_mm, 0, 10000, 0.2, 2, tr(" mm"),
                     &painter_->z0_mm);
        z1_ = number("paint_z1", tr("To height"), painter_->z1_mm, 0, 10000, 0.2, 2, tr(" mm"),
                     &painter_->z1_mm);
        row->addWidget(z0_);
        say(tr("to"));
        row->addWidget(z1_);
        auto* snap = new QToolButton;
        snap->setObjectName(QStringLiteral("paint_snap"));
        snap->setText(tr("Snap"));
        snap->setToolTip(tr("To the nearest layer tops and level faces"));
        connect(snap, &QToolButton::clicked, this, &PaintBar::choose_snap);
        row->addWidget(snap);
        auto* go = new QPushButton(tr("Paint"));
        go->setObjectName(QStringLiteral("paint_heights_now"));
        connect(go, &QPushButton::clicked, painter_, &Painter::apply_heights);
        row->addWidget(go);
        break;
    }
    case PaintTool::facing: {
        direction_ = new QComboBox;
        direction_->setObjectName(QStringLiteral("paint_direction"));
        direction_->setAccessibleName(tr("Direction"));
        const struct {
            QString name;
            Vec3 d;
        } ways[] = {{tr("up"), {0, 0, 1}},   {tr("down"), {0, 0, -1}}, {tr("front"), {0, -1, 0}},
                    {tr("back"), {0, 1, 0}}, {tr("left"), {-1, 0, 0}}, {tr("right"), {1, 0, 0}}};
        for (const auto& way : ways)
            direction_->addItem(way.name, QVariant::fromValue(QList<double>{way.d.x, way.d.y, way.d.z}));
        connect(direction_, &QComboBox::activated, this, [this](int i) {
            const auto d = direction_->itemData(i).value<QList<double>>();
            painter_->direction = {float(d[0]), float(d[1]), float(d[2])};
            painter_->changed();
        });
        row->addWidget(direction_);
        auto* s = number("paint_within", tr("Within"), painter_->within_deg, 1, 90, 5, 0, tr("°"),
                         &painter_->within_deg);
        say(tr("within"), s);
        row->addWidget(s);
        auto* go = new QPushButton(tr("Paint"));
        go->setObjectName(QStringLiteral("paint_facing_now"));
        connect(go, &QPushButton::clicked, painter_, &Painter::apply_facing);
        row->addWidget(go);
        break;
    }
    default:
        break;
    }
    row->addStretch();
    return w;
}

/// Puts both heights onto the nearest layer top or level face.
void PaintBar::choose_snap() {
    const auto plan = document_->plan();
    if (!plan)
        return;
    std::vector<double> faces;
    for (int part = 0; part < static_cast<int>(view_->piece_of(document_->project()).parts.size()); ++part)
        for (const double z : painter_->level_faces(part))
            faces.push_back(z);
    for (QDoubleSpinBox* box : {z0_, z1_})
        box->setValue(snapped_height(plan->grid, faces, box->value()));
}

void PaintBar::refresh() {
    const int tool = static_cast<int>(painter_->tool());
    options_->setCurrentIndex(tool);
    for (int i = 0; i < options_->count(); ++i) // only the page that shows asks for room
        options_->widget(i)->setSizePolicy(i == tool ? QSizePolicy::Preferred : QSizePolicy::Ignored,
                                           QSizePolicy::Preferred);
    options_->adjustSize();
    for (QAction* a : tools_->actions())
        a->setChecked(a->data().toInt() == tool);
    for (auto [box, value] : {std::pair{z0_, painter_->z0_mm}, {z1_, painter_->z1_mm}})
        if (box && box->value() != value)
            box->setValue(value);
    setEnabled(!view_->piece_of(document_->project()).parts.empty());
    options_->parentWidget()->setVisible(tool != 0);
    const auto [part, number] = view_->patch();
    QString text, whole;
    if (!painter_->erase && painter_->target == PaintTarget::support) {
        text = painter_->wish == SupportWish::hold ? tr("→ hold") : tr("→ keep free");
        whole = painter_->wish == SupportWish::hold
                    ? tr("Painted faces are held wherever they overhang at all.")
                    : tr("Painted faces are not held, not even islands.");
    } else if (painter_->erase) {
        text = tr("erases");
        whole = tr("The tools take paint away.");
    } else if (number > 0 && part < static_cast<int>(view_->piece_of(document_->project()).parts.size()) &&
               number <= static_cast<int>(view_->piece_of(document_->project()).parts[part].patches.size())) {
        const Patch& patch =
            view_->piece_of(document_->project()).parts[part].patches[static_cast<std::size_t>(number) - 1];
        text = QStringLiteral("→ %1").arg(QString::fromStdString(patch.name));
        whole = patch.filament ? tr("Goes on with the patch “%1” in %2.")
                                     .arg(QString::fromStdString(patch.name))
                                     .arg(QChar::fromLatin1(patch.filament))
                               : tr("Goes on with the patch “%1”; press the letter of its filament.")
                                     .arg(QString::fromStdString(patch.name));
    } else {
        text = tr("→ new patch");
        whole = tr("Begins a new patch; then press the letter of its filament.");
    }
    target_->setToolTip(whole);
    target_->setText(text);
}

} // namespace vitrail

#include "moc_paint_bar.cpp"
