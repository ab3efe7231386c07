#include "app/picture/prepare_page.h"

#include "app/document/document.h"
#include "app/parts/panel.h"
#include "app/parts/tables.h"
#include "app/picture/crop_view.h"
#include "app/picture/curve_view.h"
#include "app/picture/picture_desk.h"
#include "core/base/text.h"
#include "core/picture/make.h"
#include "paint/filament_paint.h"
#include "paint/make_picture.h"
#include "paint/words.h"

#include <QCheckBox>
#include <QColorDialog>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFormLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QSplitter>

#include <cmath>

namespace vitrail {

namespace {

/// Formats to cut to: name, width and height; both 0: as the picture is cut by hand.
struct Format {
    QString name;
    double width_mm, height_mm;
    bool sized; ///< the width of the print follows
};
std::vector<Format> formats() {
    return {{PreparePage::tr("free"), 0, 0, false},
            {PreparePage::tr("square"), 1, 1, false},
            {PreparePage::tr("3 : 2"), 3, 2, false},
            {PreparePage::tr("4 : 3"), 4, 3, false},
            {PreparePage::tr("2 : 3 upright"), 2, 3, false},
            {PreparePage::tr("90 × 130 mm"), 90, 130, true},
            {PreparePage::tr("130 × 90 mm"), 130, 90, true},
            {PreparePage::tr("100 × 150 mm"), 100, 150, true},
            {PreparePage::tr("150 × 100 mm"), 150, 100, true},
            {PreparePage::tr("130 × 180 mm"), 130, 180, true},
            {PreparePage::tr("180 × 130 mm"), 180, 130, true},
            {PreparePage::tr("144 × 108 mm"), 144, 108, true}};
}

QDoubleSpinBox* box(const char* name, const QString& spoken, double low, double high, double step,
                    int decimals, const QString& unit) {
    auto* b = new QDoubleSpinBox;
    b->setObjectName(QString::fromLatin1(name));
    b->setAccessibleName(spoken);
    b->setRange(low, high);
    b->setSingleStep(step);
    b->setDecimals(decimals);
    b->setKeyboardTracking(false);
    if (!unit.isEmpty())
        b->setSuffix(QLatin1Char(' ') + unit);
    return b;
}

} // namespace

PreparePage::PreparePage(Document* document, PictureDesk* desk, QWidget* parent)
    : QWidget(parent), document_(document), desk_(desk), crop_(new CropView), format_(new QComboBox),
      turn_(new QComboBox), ground_(new QComboBox),
      width_(box("picture_width", tr("Width"), 1, 1000, 1, 1, tr("mm"))),
      dot_(box("picture_dot", tr("Dot"), 0.02, 10, 0.05, 2, tr("mm"))),
      seen_(box("picture_seen", tr("Seen from"), 0, 10000, 10, 0, tr("cm"))),
      mirror_(new QCheckBox(tr("&mirrored"))), text_(new QLineEdit) {
    panel_ = new Panel(tr("As it came"));
    panel_->set_aside(tr("drag the corners: what is inside is kept"));
    panel_->body()->addWidget(crop_, 1);
    auto* side = new QWidget;
    auto* column = new QVBoxLayout(side);
    column->setContentsMargins(0, 0, em(0.4), 0);
    column->addWidget(make_size());
    column->addWidget(make_tones());
    column->addWidget(make_frame());
    column->addWidget(make_light());
    column->addStretch();
    auto* scroll = new QScrollArea;
    scroll->setFocusPolicy(Qt::NoFocus); // what is in it has the focus, and is scrolled to
    scroll->setWidget(side);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    auto* all = new QVBoxLayout(this);
    all->setContentsMargins(0, em(0.5), 0, 0);
    all->addWidget(make_splitter("picture.prepare", Qt::Horizontal, {panel_, scroll}, {680, 480}));
    connect(desk, &PictureDesk::changed, this, &PreparePage::refresh);
    connect(crop_, &CropView::kept_changed, this, [this](const QRectF& kept) {
        change(tr("Cut the picture out"), [kept](Picture& p) {
            p.prepare.left = kept.left(), p.prepare.top = kept.top(), p.prepare.right = kept.right(),
            p.prepare.bottom = kept.bottom();
        });
    });
    refresh();
}

void PreparePage::change(const QString& label, std::function<void(Picture&)> what) {
    if (!showing_ && desk_->picture())
        desk_->edit(label, [what = std::move(what)](Project& p) {
            if (p.picture)
                what(*p.picture);
        });
}

double PreparePage::ratio() const {
    const Format f = formats()[static_cast<std::size_t>(std::max(0, format_->currentIndex()))];
    const double r = f.height_mm > 0 ? f.width_mm / f.height_mm : 0;
    return r > 0 && turn_->currentIndex() % 2 ? 1 / r : r;
}

QWidget* PreparePage::make_size() {
    auto* panel = new Panel(tr("Cut and size"));
    auto* form = new QFormLayout;
    for (const Format& f : formats())
        format_->addItem(f.name);
    format_->setObjectName(QStringLiteral("picture_format"));
    format_->setAccessibleName(tr("Format"));
    form->addRow(tr("&Format"), format_);
    connect(format_, &QComboBox::activated, this, [this](int i) {
        const Format f = formats()[static_cast<std::size_t>(i)];
        if (f.height_mm <= 0 || !desk_->as_it_came())
            return refresh();
        change(tr("Cut to a format"),
               [f, w = desk_->as_it_came()->width, h = desk_->as_it_came()->height](Picture& p) {
                   crop_to(p.prepare, w, h, f.width_mm / f.height_mm);
                   if (f.sized)
                       p.width_mm = f.width_mm;
               });
    });
    width_->setToolTip(tr("Of the print; its height follows from what is kept"));
    form->addRow(tr("&Width"), width_);
    dot_->setToolTip(tr("0.2 mm suits a 0.4 nozzle: nothing finer than about a line comes out. A panel has "
                        "no dots smaller than a line. Common practice, no source."));
    form->addRow(tr("D&ot"), dot_);
    seen_->setSpecialValueText(tr("dot by dot"));
    seen_->setToolTip(tr("How far it is looked at from: differences and the search go by what an eye tells "
                         "apart there, one minute of arc"));
    form->addRow(tr("&Seen from"), seen_);
    connect(width_, &QDoubleSpinBox::valueChanged, this, [this](double v) {
        change(tr("Change the picture's width"), [v](Picture& p) { p.width_mm = v; });
    });
    connect(dot_, &QDoubleSpinBox::valueChanged, this,
            [this](double v) { change(tr("Change the picture's dots"), [v](Picture& p) { p.dot_mm = v; }); });
    connect(seen_, &QDoubleSpinBox::valueChanged, this, [this](double v) {
        change(tr("Change where it is seen from"), [v](Picture& p) { p.seen_from_cm = v; });
    });
    for (const QString& s :
         {tr("as it came"), tr("a quarter to the right"), tr("upside down"), tr("a quarter to the left")})
        turn_->addItem(s);
    turn_->setObjectName(QStringLiteral("picture_turn"));
    turn_->setAccessibleName(tr("Turned"));
    mirror_->setObjectName(QStringLiteral("picture_mirror"));
    auto* turned = new QHBoxLayout;
    turned->addWidget(turn_, 1);
    turned->addWidget(mirror_);
    form->addRow(tr("Turned"), turned);
    connect(turn_, &QComboBox::activated, this,
            [this](int n) { change(tr("Turn the picture"), [n](Picture& p) { p.prepare.turn = n; }); });
    connect(mirror_, &QCheckBox::clicked, this, [this](bool on) {
        change(tr("Mirror the picture"), [on](Picture& p) { p.prepare.mirror = on; });
    });
    panel->body()->addLayout(form);
    return panel;
}

QDoubleSpinBox* PreparePage::number_row(QFormLayout* form, const char* name, const QString& label, double low,
                                        double high, double step, int decimals, const QString& unit,
                                        const QString& tip, double Preparation::*field) {
    QString spoken = label;
    auto* b = box(name, spoken.remove(QLatin1Char('&')), low, high, step, decimals, unit);
    b->setToolTip(tip);
    form->addRow(label, b);
    numbers_.emplace_back(b, field);
    connect(b, &QDoubleSpinBox::valueChanged, this, [this, field](double v) {
        change(tr("Prepare the picture"), [field, v](Picture& p) { p.prepare.*field = v; });
    });
    return b;
}

QPushButton* PreparePage::colour_row(QFormLayout* form, const char* name, const QString& label,
                                     Srgb Preparation::*field) {
    auto* b = new QPushButton;
    b->setObjectName(QString::fromLatin1(name));
    QString spoken = label;
    b->setAccessibleName(spoken.remove(QLatin1Char('&')));
    form->addRow(label, b);
    colours_.emplace_back(b, field);
    connect(b, &QPushButton::clicked, this, [this, field] {
        if (!desk_->picture())
            return;
        const QColor c = QColorDialog::getColor(to_qcolor(desk_->picture()->prepare.*field), this);
        if (c.isValid())
            change(tr("Prepare the picture"), [field, s = to_srgb(c)](Picture& p) { p.prepare.*field = s; });
    });
    return b;
}

QWidget* PreparePage::make_tones() {
    auto* panel = new Panel(tr("Tones and ground"));
    auto* row = new QHBoxLayout;
    auto* form = new QFormLayout;
    number_row(form, "brightness", tr("&Brightness"), -1, 1, 0.05, 2, {},
               tr("Added to each channel; 0 leaves it as it is"), &Preparation::brightness);
    number_row(form, "contrast", tr("&Contrast"), 0, 4, 0.05, 2, {},
               tr("About mid grey; 1 leaves it as it is"), &Preparation::contrast);
    number_row(form, "gamma", tr("&Gamma"), 0.2, 5, 0.05, 2, {}, tr("Above 1 middle tones are lighter"),
               &Preparation::gamma);
    for (const QString& s : {tr("stays"), tr("as low as can be"), tr("cut out")})
        ground_->addItem(s);
    ground_->setObjectName(QStringLiteral("ground_out"));
    ground_->setAccessibleName(tr("Ground around the subject"));
    ground_->setToolTip(
        tr("What is about the colour of the upper left corner and hangs together with the edge"));
    form->addRow(tr("G&round"), ground_);
    connect(ground_, &QComboBox::activated, this, [this](int n) {
        change(tr("Take the ground out"),
               [n](Picture& p) { p.prepare.ground_out = static_cast<GroundOut>(n); });
    });
    number_row(form, "ground_delta_e", tr("  up to ΔE"), 0, 100, 1, 0, {},
               tr("How far from the corner's colour still is ground"), &Preparation::ground_delta_e);
    colour_row(form, "ground_colour", tr("&Under what is clear"), &Preparation::ground);
    row->addLayout(form, 1);
    tones_ = new CurveView(tr("Tones"), tr("picture"), tr("print"));
    tones_->setObjectName(QStringLiteral("tones"));
    row->addWidget(tones_);
    connect(tones_, &CurveView::curve_changed, this, [this](const RisingCurve& c) {
        change(tr("Bend the tones"), [c](Picture& p) { p.prepare.tones = c; });
    });
    panel->body()->addLayout(row);
    return panel;
}

QWidget* PreparePage::make_frame() {
    auto* panel = new Panel(tr("Frame and hanging"));
    auto* form = new QFormLayout;
    number_row(form, "frame", tr("F&rame"), 0, 500, 1, 1, tr("mm"),
               tr("A border within the picture, in a colour of its own; 0: none"), &Preparation::frame_mm);
    colour_row(form, "frame_colour", tr("  its colour"), &Preparation::frame);
    number_row(form, "corners", tr("Rounded &corners"), 0, 500, 1, 1, tr("mm"), tr("Radius; 0: square"),
               &Preparation::corner_mm);
    number_row(form, "hole", tr("&Hole to hang it by"), 0, 100, 0.5, 1, tr("mm"),
               tr("In the middle of the upper edge, 2 mm from it at least; 0: none"), &Preparation::hole_mm);
    text_->setObjectName(QStringLiteral("picture_text"));
    text_->setPlaceholderText(tr("none"));
    form->addRow(tr("&Line of text"), text_);
    connect(text_, &QLineEdit::editingFinished, this, [this] {
        const std::string text = one_line(text_->text().toStdString());
        if (desk_->picture() && text != desk_->picture()->prepare.text)
            change(tr("Letter the picture"), [text](Picture& p) { p.prepare.text = text; });
    });
    number_row(form, "text_height", tr("  its height"), 1, 200, 0.5, 1, tr("mm"),
               tr("Strokes finer than a line do not come out: 5 mm and more"), &Preparation::text_mm);
    colour_row(form, "text_colour", tr("  its colour"), &Preparation::text_colour);
    panel->body()->addLayout(form);
    return panel;
}

QWidget* PreparePage::make_light() {
    auto* both = new QWidget;
    auto* column = new QVBoxLayout(both);
    column->setContentsMargins(0, 0, 0, 0);
    heights_panel_ = new Panel(tr("Height from lightness"));
    heights_ = new CurveView(tr("Height from lightness"), tr("lightness"), tr("height"));
    heights_->setObjectName(QStringLiteral("heights_curve"));
    heights_panel_->body()->addWidget(heights_);
    connect(heights_, &CurveView::curve_changed, this, [this](const RisingCurve& c) {
        change(tr("Bend the heights"), [c](Picture& p) { p.heights = c; });
    });
    column->addWidget(heights_panel_);
    auto* panel = new Panel(tr("Light it is made for"));
    auto* form = new QFormLayout;
    lamp_ = box("made_for_lamp", tr("Lamp"), 1800, 12000, 100, 0, tr("K"));
    lamp_->setToolTip(tr("Colour temperature of the light it hangs in, or of the lamp behind it"));
    form->addRow(tr("L&amp"), lamp_);
    connect(lamp_, &QDoubleSpinBox::valueChanged, this,
            [this](double k) { change(tr("Change the light"), [k](Picture& p) { p.lighting.lamp_k = k; }); });
    backing_ = new QComboBox;
    backing_->setObjectName(QStringLiteral("backing"));
    backing_->setAccessibleName(tr("What lies behind it"));
    for (const QString& s :
         {tr("nothing: light that gets through is lost"), tr("white"), tr("mid grey"), tr("black")})
        backing_->addItem(s);
    form->addRow(tr("Be&hind it"), backing_);
    connect(backing_, &QComboBox::activated, this, [this](int i) {
        constexpr double kBacking[] = {0, 0.9, 0.2, 0.03};
        change(tr("Change what lies behind"), [r = kBacking[i]](Picture& p) {
            p.lighting.backing = {r, r, r};
        });
    });
    model_ = new QComboBox;
    model_->setObjectName(QStringLiteral("look_model"));
    model_->setAccessibleName(tr("Optics"));
    model_->addItem(tr("two-flux theory"));
    model_->addItem(tr("simple blending"));
    model_->setToolTip(tr("Two-flux theory (Kubelka) follows light to and fro through every layer. Simple "
                          "blending is what most figures for transmission distances mean: each layer lets "
                          "0.1^(thickness/TD) through and adds its own colour."));
    form->addRow(tr("O&ptics"), model_);
    connect(model_, &QComboBox::activated, this, [this](int i) {
        change(tr("Change the optics"),
               [i](Picture& p) { p.lighting.model = i ? LookModel::blend : LookModel::two_flux; });
    });
    panel->body()->addLayout(form);
    column->addWidget(panel);
    return both;
}

void PreparePage::refresh() {
    showing_ = true;
    const Picture* now = desk_->picture();
    setEnabled(now);
    if (now) {
        const Preparation& p = now->prepare;
        width_->setValue(now->width_mm);
        dot_->setValue(now->dot_mm);
        seen_->setValue(now->seen_from_cm);
        turn_->setCurrentIndex(p.turn);
        mirror_->setChecked(p.mirror);
        ground_->setCurrentIndex(static_cast<int>(p.ground_out));
        for (const auto& [b, field] : numbers_)
            b->setValue(p.*field);
        for (const auto& [b, field] : colours_) {
            b->setIcon(colour_swatch(to_qcolor(p.*field)));
            b->setText(QString::fromStdString(to_hex(p.*field)));
        }
        if (!text_->hasFocus())
            text_->setText(QString::fromStdString(p.text));
        tones_->set_curve(p.tones);
        heights_->set_curve(now->heights);
        heights_panel_->setVisible(now->use == PictureUse::relief && now->school == ReliefSchool::luminance);
        lamp_->setValue(now->lighting.lamp_k);
        const double behind = now->lighting.backing[1];
        backing_->setCurrentIndex(behind <= 0 ? 0 : behind > 0.5 ? 1 : behind > 0.1 ? 2 : 3);
        backing_->setEnabled(now->use == PictureUse::relief);
        model_->setCurrentIndex(now->lighting.model == LookModel::blend);
        if (desk_->as_it_came() && desk_->as_it_came() != shown_) {
            shown_ = desk_->as_it_came();
            const Raster& r = *desk_->as_it_came();
            constexpr int kMost = 900;
            const int w = std::min(r.width, kMost),
                      h = std::max(
                          1, static_cast<int>(std::lround(static_cast<double>(r.height) * w / r.width)));
            QImage small(w, h, QImage::Format_RGB32);
            for (int y = 0; y < h; ++y)
                for (int x = 0; x < w; ++x) {
                    const Srgb c = r.at(x * r.width / w, y * r.height / h);
                    small.setPixel(x, y, qRgb(c.r, c.g, c.b));
                }
            crop_->set_picture(small);
            panel_->set_aside(
                tr("%1 × %2 dots · drag the corners: what is inside is kept").arg(r.width).arg(r.height));
        }
        crop_->set_kept(QRectF(QPointF(p.left, p.top), QPointF(p.right, p.bottom)), ratio());
    } else {
        crop_->set_picture({});
        shown_.reset();
    }
    showing_ = false;
}

} // namespace vitrail

#include "moc_prepare_page.cpp"
