#include "app/supports/held_page.h"

#include "app/document/document.h"
#include "app/document/view_state.h"
#include "app/layer_window/layer_window.h"
#include "app/paint/paint_bar.h"
#include "app/paint/painter.h"
#include "app/parts/panel.h"
#include "app/parts/piece_chooser.h"
#include "app/parts/settings_form.h"
#include "app/parts/tables.h"
#include "app/view3d/view3d.h"
#include "paint/words.h"

#include <QComboBox>
#include <QFormLayout>
#include <QScrollArea>
#include <QSignalBlocker>
#include <QSplitter>
#include <QTableWidget>

namespace vitrail {

namespace {

QComboBox* filament_choice(const char* name, const QString& spoken, const QString& tip) {
    auto* box = new QComboBox;
    box->setObjectName(QString::fromLatin1(name));
    box->setAccessibleName(spoken);
    box->setToolTip(tip);
    box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    box->setMinimumContentsLength(4);
    return box;
}

} // namespace

HeldPage::HeldPage(Document* document, ViewState* view, QWidget* parent)
    : QWidget(parent), document_(document), view_(view), painter_(new Painter(document, view, this)),
      faces_(make_table("contact_faces", tr("Faces of the piece that support touches"),
                        {{tr("face"), 5.2},
                         {tr("cm²"), 2.8, true},
                         {tr("held"), 3.2, true},
                         {tr("interface"), 4.2, true},
                         {tr("reach"), 0}})),
      says_(new QLabel),
      support_filament_(filament_choice("support_filament", tr("Filament of the support"),
                                        tr("Who prints the support's body. The piece's own: whichever of its "
                                           "filaments a layer is printed in anyway"))),
      interface_filament_(filament_choice("interface_filament", tr("Filament of the interface"),
                                          tr("Who prints what touches the piece"))) {
    painter_->target = PaintTarget::support;
    connect(painter_, &Painter::said, this, &HeldPage::said);
    auto* piece = new Panel;
    piece->body()->setContentsMargins(1, 1, 1, 1);
    piece->body()->setSpacing(0);
    if (opengl_available()) {
        piece->body()->addWidget(new PaintBar(document, view, painter_));
        view3d_ = new View3d(document, view, painter_);
        view3d_->setObjectName(QStringLiteral("held_view3d"));
        view3d_->show_support(View3d::Held::support);
        view3d_->hide(); // until somebody looks: its OpenGL context takes a moment
        piece->body()->addWidget(view3d_, 1);
        auto* row = new QHBoxLayout;
        row->setContentsMargins(em(0.6), em(0.3), em(0.6), em(0.3));
        auto* show = new QComboBox;
        show->setObjectName(QStringLiteral("show_held"));
        show->setAccessibleName(tr("What is shown with the piece"));
        show->addItem(tr("the support"));
        show->addItem(tr("the faces it touches"));
        show->addItem(tr("the piece alone"));
        auto* label = new QLabel(tr("Sho&w"));
        label->setBuddy(show);
        row->setSpacing(em(0.5));
        row->addWidget(label);
        row->addWidget(show);
        row->addWidget(new PieceChooser(document, view));
        auto* legend = new QLabel(
            tr("Interface and touched faces: a colour no filament has. In red: thin, ready to snap."));
        legend->setObjectName(QStringLiteral("quiet"));
        legend->setWordWrap(true);
        row->addWidget(legend, 1);
        piece->body()->addLayout(row);
        connect(show, &QComboBox::currentIndexChanged, this, [this](int i) {
            view3d_->show_support(i == 0   ? View3d::Held::support
                                  : i == 1 ? View3d::Held::contacts
                                           : View3d::Held::nothing);
        });
    } else {
        auto* sentence = new QLabel(tr("The 3D piece needs OpenGL 3.3, which is missing here. The layer "
                                       "window shows support and interface of every layer."));
        sentence->setWordWrap(true);
        sentence->setAlignment(Qt::AlignCenter);
        sentence->setMargin(em(2));
        piece->body()->addWidget(sentence);
    }
    auto* layer = new Panel;
    layer->body()->setContentsMargins(0, 0, 0, 0);
    auto* window = new LayerWindow(document, view);
    window->setObjectName(QStringLiteral("held_layer_window"));
    layer->body()->addWidget(window);
    auto* faces = new Panel(tr("Where it touches"));
    says_->setObjectName(QStringLiteral("held_says"));
    says_->setWordWrap(true);
    faces->body()->addWidget(says_);
    faces->body()->addWidget(faces_, 1);
    faces_->horizontalHeaderItem(2)->setToolTip(tr("Share of the face that lies on support"));
    faces_->horizontalHeaderItem(3)->setToolTip(
        tr("Share of what is held that lies on interface: a missed interface fuses"));
    faces_->horizontalHeaderItem(4)->setToolTip(tr("Whether a tool and water get there afterwards"));

    auto* middle = make_splitter("held.middle", Qt::Vertical, {layer, faces}, {210, 240});
    auto* all = make_splitter("held.all", Qt::Horizontal, {piece, middle, make_settings()}, {400, 396, 366});
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(all);

    connect(faces_, &QTableWidget::currentCellChanged, this, [this](int r) {
        const auto plan = document_->plan();
        const PiecePlan* piece = plan ? &view_->piece_of(*plan) : nullptr;
        if (!piece || !piece->support || r < 0 || r >= static_cast<int>(piece->support->layout->faces.size()))
            return;
        std::vector<Spot> spots;
        const double bed = piece->table->bed_z_mm;
        for (const SupportContact& c : piece->support->layout->contacts)
            if (c.face == r && spots.size() < 60) {
                const Box b = box_of(c.area);
                spots.push_back({{float(double(b.left + b.right) / 2 / kUnitsPerMm),
                                  float(double(b.top + b.bottom) / 2 / kUnitsPerMm),
                                  float(bed + plan->grid.bottom_mm(c.layer))},
                                 c.layer,
                                 0});
            }
        if (!spots.empty())
            view_->set_layer(std::max(1, spots.front().layer - 1 -
                                             document_->planned_project().settings.support_gap_layers));
        view_->show_spots(std::move(spots));
    });
    connect(document, &Document::plan_changed, this, &HeldPage::refresh);
    connect(document, &Document::project_changed, this, &HeldPage::refresh);
    connect(view, &ViewState::piece_changed, this, &HeldPage::refresh);
    refresh();
}

void HeldPage::showEvent(QShowEvent*) {
    if (view3d_)
        view3d_->show();
}

QWidget* HeldPage::make_settings() {
    auto* panel = new Panel(tr("How it is held"));
    auto* form =
        new SettingsForm(document_, {"support.kind", "support.on_piece", "support.angle", "support.bridge",
                                     "support.least", "support.beside", "support.gap", "support.density",
                                     "interface.layers", "interface.density", "interface.below",
                                     "interface.align", "interface.least", "purge.support", "cleanup.tool"});
    form->form()->insertRow(1, tr("Support in"), support_filament_);
    form->form()->insertRow(2, tr("Interface in"), interface_filament_);
    const auto connect_choice = [this](QComboBox* box, const QString& label, char Project::*which) {
        connect(box, &QComboBox::activated, this, [this, box, label, which](int i) {
            const QString letter = box->itemData(i).toString();
            document_->edit(label, [&](Project& p) {
                p.*which = letter.isEmpty() ? char(0) : letter.front().toLatin1();
            });
        });
    };
    connect_choice(support_filament_, tr("Print support in another filament"), &Project::support_filament);
    connect_choice(interface_filament_, tr("Print the interface in another filament"),
                   &Project::interface_filament);
    auto* scroll = new QScrollArea;
    scroll->setFocusPolicy(Qt::NoFocus); // what is in it has the focus, and is scrolled to
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setWidget(form);
    panel->body()->addWidget(scroll, 1);
    return panel;
}

void HeldPage::refresh() {
    const Project& p = document_->project();
    const auto fill = [&](QComboBox* box, const QString& own, char chosen) {
        const QSignalBlocker quiet(box);
        box->clear();
        box->addItem(own, QString());
        for (const Filament& f : p.filaments)
            box->addItem(tr("%1 · %2 %3")
                             .arg(QChar::fromLatin1(f.letter))
                             .arg(QString::fromLatin1(facts(f.material).id), QString::fromStdString(f.name)),
                         QString(QChar::fromLatin1(f.letter)));
        box->setCurrentIndex(
            std::max(0, box->findData(chosen ? QString(QChar::fromLatin1(chosen)) : QString())));
    };
    fill(support_filament_, tr("the piece's own"), p.support_filament);
    fill(interface_filament_, tr("as the support"), p.interface_filament);

    const QSignalBlocker quiet(faces_);
    const auto plan = document_->plan();
    const PiecePlan* piece = plan ? &view_->piece_of(*plan) : nullptr;
    if (!piece || !piece->support) {
        faces_->setRowCount(0);
        says_->setText(!plan ? QString()
                             : tr("No support is planned. Choose columns or tree at the right, or a school "
                                  "on the first page."));
        return;
    }
    const SupportLayout& layout = *piece->support->layout;
    double unheld = 0;
    for (const ContactFace& f : layout.faces)
        unheld += f.mm2 - f.held_mm2;
    int snaps = 0; // as the checks found them
    for (const Finding& f : plan->findings)
        if (f.code == "thin-lug" &&
            f.piece == static_cast<int>(view_->piece_in(document_->planned_project())))
            snaps += static_cast<int>(f.spots.size());
    QString text = layout.faces.empty()
                       ? tr("Nothing overhangs far enough to need holding.")
                       : tr("%n face(s), %1 cm² in all.", nullptr, static_cast<int>(layout.faces.size()))
                             .arg(number(layout.contact_mm2 / 100, 1));
    if (snaps)
        text += QStringLiteral(" ") + tr("Thin features are ready to snap in %n place(s).", nullptr, snaps);
    if (unheld > 0.1 * layout.contact_mm2 && unheld > 4)
        text += QStringLiteral(" ") +
                tr("%1 cm² lie so close to the piece that nothing fits below.").arg(number(unheld / 100, 1));
    says_->setText(text);
    constexpr std::size_t kMostRows = 200; // the largest
    const std::size_t rows = std::min(kMostRows, layout.faces.size());
    if (rows < layout.faces.size())
        says_->setText(text + QStringLiteral(" ") + tr("The %1 largest are listed.").arg(rows));
    faces_->setRowCount(static_cast<int>(rows));
    const auto percent = [](double share) { return tr("%1 %").arg(number(100 * share, 0)); };
    for (std::size_t k = 0; k < rows; ++k) {
        const ContactFace& f = layout.faces[k];
        const FaceAccess a = k < piece->face_access.size() ? piece->face_access[k] : FaceAccess{};
        const QString reach = a.enclosed > 0.05  ? tr("no way out")
                              : a.no_tool > 0.05 ? tr("%1 unreached").arg(percent(a.no_tool))
                                                 : tr("in reach");
        set_row(faces_, static_cast<int>(k),
                {f.from_layer == f.to_layer
                     ? tr("at %1 mm").arg(number(plan->grid.bottom_mm(f.from_layer), 1))
                     : tr("%1–%2 mm")
                           .arg(number(plan->grid.bottom_mm(f.from_layer), 1))
                           .arg(number(plan->grid.bottom_mm(f.to_layer), 1)),
                 number(f.mm2 / 100, 2), percent(f.mm2 > 0 ? f.held_mm2 / f.mm2 : 0),
                 f.small          ? tr("small")
                 : f.held_mm2 > 0 ? percent(f.interface_mm2 / f.held_mm2)
                                  : tr("–"),
                 reach},
                tr("Layers %1 to %2. The way in from outside is %3 mm; a tool of %4 mm misses %5 of it, and "
                   "%6 have no way out for water.")
                    .arg(f.from_layer)
                    .arg(f.to_layer)
                    .arg(number(a.depth_mm, 0))
                    .arg(number(p.settings.tool_mm, 1))
                    .arg(percent(a.no_tool), percent(a.enclosed)));
    }
}

} // namespace vitrail

#include "moc_held_page.cpp"
