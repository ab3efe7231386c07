#include "app/picture/look_page.h"

#include "app/document/document.h"
#include "app/parts/panel.h"
#include "app/parts/tables.h"
#include "app/picture/bands_panel.h"
#include "app/picture/core_view.h"
#include "app/picture/picture_desk.h"
#include "app/picture/picture_view.h"
#include "core/picture/stacks.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QPushButton>
#include <QSplitter>
#include <QTimer>

#include <span>

namespace vitrail {

namespace {

constexpr LookAs kReliefLooks[] = {LookAs::printed,    LookAs::flat, LookAs::original,
                                   LookAs::difference, LookAs::lit,  LookAs::collisions};
constexpr LookAs kPanelLooks[] = {LookAs::lit, LookAs::unlit, LookAs::original, LookAs::difference,
                                  LookAs::flat};

QString name_of(LookAs as, PictureUse use) {
    switch (as) {
    case LookAs::printed:
        return LookPage::tr("As printed");
    case LookAs::flat:
        return LookPage::tr("Flat colours");
    case LookAs::lit:
        return use == PictureUse::panel ? LookPage::tr("Lit") : LookPage::tr("Against light");
    case LookAs::unlit:
        return LookPage::tr("Unlit");
    case LookAs::original:
        return LookPage::tr("Original");
    case LookAs::collisions:
        return LookPage::tr("Equal lightness");
    case LookAs::difference:
        break;
    }
    return LookPage::tr("Differences");
}

} // namespace

LookPage::LookPage(Document* document, PictureDesk* desk, QWidget* parent)
    : QWidget(parent), document_(document), desk_(desk), view_(new PictureView), core_(new CoreView),
      bands_(new BandsPanel(document, desk)), left_(new QComboBox), right_(new QComboBox),
      figures_(new QLabel), legend_(new QLabel),
      open_(new QPushButton(icon(QStringLiteral("image")), tr("&Choose a picture…"))),
      anew_(new QPushButton(tr("&Make it anew"))) {
    auto* core = new Panel(tr("The core"));
    core->set_aside(tr("drilled at the pointer"));
    core->body()->addWidget(core_, 1);
    auto* side = make_splitter("picture.side", Qt::Vertical, {core, bands_}, {270, 330});
    auto* all = new QVBoxLayout(this);
    all->setContentsMargins(0, em(0.5), 0, 0);
    all->addWidget(make_splitter("picture.look", Qt::Horizontal, {make_view(), side}, {760, 400}));

    connect(bands_, &BandsPanel::said, this, &LookPage::said);
    connect(desk, &PictureDesk::changed, this, &LookPage::refresh);
    connect(desk, &PictureDesk::tried_changed, this, [this] {
        if (desk_->tried())
            view_->set_left(desk_->tried_image(view_->room()));
        refresh_figures();
        refresh_core();
    });
    connect(desk, &PictureDesk::working_changed, this, &LookPage::refresh_figures);
    connect(desk, &PictureDesk::progress, this,
            [this](double share) { panel_->set_aside(tr("being made… %1 %").arg(number(100 * share, 0))); });
    connect(view_, &PictureView::dot_changed, this, &LookPage::refresh_core);
    auto* resized = new QTimer(this);
    resized->setSingleShot(true);
    resized->setInterval(120);
    connect(view_, &PictureView::room_changed, resized, [resized] { resized->start(); });
    connect(resized, &QTimer::timeout, this, &LookPage::refresh_looks);
    for (QComboBox* c : {left_, right_})
        connect(c, &QComboBox::currentIndexChanged, this, [this] {
            if (!showing_)
                refresh_looks();
        });
    refresh();
}

QWidget* LookPage::make_view() {
    panel_ = new Panel(tr("As it will look"));
    auto* row = new QHBoxLayout;
    const auto chooser = [&](QComboBox* box, const char* name, const QString& text) {
        auto* label = new QLabel(text);
        label->setBuddy(box);
        box->setObjectName(QString::fromLatin1(name));
        box->setAccessibleName(text.simplified().remove(QLatin1Char('&')));
        row->addWidget(label);
        row->addWidget(box);
    };
    chooser(left_, "look_left", tr("&Left of the bar"));
    chooser(right_, "look_right", tr("&right"));
    lamp_ = new QComboBox;
    for (const int k : {2700, 3000, 4000, 5000, 6500})
        lamp_->addItem(tr("lamp %1 K").arg(k), k);
    lamp_->setObjectName(QStringLiteral("lamp"));
    lamp_->setAccessibleName(tr("Lamp"));
    diffuser_ = new QCheckBox(tr("&diffuser"));
    diffuser_->setObjectName(QStringLiteral("diffuser"));
    diffuser_->setToolTip(tr("An opal sheet between lamp and print: softer light, and less contrast"));
    row->addSpacing(em(0.6));
    row->addWidget(lamp_);
    row->addWidget(diffuser_);
    row->addStretch();
    connect(lamp_, &QComboBox::activated, this,
            [this] { desk_->look_in(lamp_->currentData().toDouble(), diffuser_->isChecked()); });
    connect(diffuser_, &QCheckBox::clicked, this,
            [this] { desk_->look_in(lamp_->currentData().toDouble(), diffuser_->isChecked()); });
    panel_->body()->addLayout(row);
    panel_->body()->addWidget(view_, 1);
    legend_->setObjectName(QStringLiteral("difference_legend"));
    panel_->body()->addWidget(legend_);
    auto* below = new QHBoxLayout;
    figures_->setObjectName(QStringLiteral("picture_figures"));
    figures_->setWordWrap(true);
    open_->setObjectName(QStringLiteral("choose_picture"));
    anew_->setObjectName(QStringLiteral("make_anew"));
    anew_->setToolTip(tr("Works every dot out again, for the filaments, layers and light as they are now"));
    below->addWidget(figures_, 1);
    below->addWidget(anew_);
    below->addWidget(open_);
    panel_->body()->addLayout(below);
    connect(open_, &QPushButton::clicked, this, &LookPage::wants_picture);
    connect(anew_, &QPushButton::clicked, this, [this] {
        if (desk_->working())
            return desk_->cancel();
        desk_->edit(tr("Make the picture anew"), [k = desk_->lamp_k(), d = desk_->diffuser()](Project& p) {
            p.picture->lighting.lamp_k = k;
            p.picture->lighting.diffuser = d;
        });
    });
    return panel_;
}

void LookPage::refresh() {
    showing_ = true;
    const Picture* now = desk_->picture();
    const bool panel = now && now->use == PictureUse::panel;
    const auto fill = [&](QComboBox* box, int otherwise) {
        const int chosen =
            box->count() && box->property("panel").toBool() == panel ? box->currentIndex() : otherwise;
        box->clear();
        for (const LookAs as :
             panel ? std::span<const LookAs>(kPanelLooks) : std::span<const LookAs>(kReliefLooks))
            if (as != LookAs::collisions || (now && now->school == ReliefSchool::luminance))
                box->addItem(name_of(as, panel ? PictureUse::panel : PictureUse::relief),
                             static_cast<int>(as));
        box->setItemData(
            box->findData(static_cast<int>(LookAs::collisions)),
            tr("Striped where two colours of one lightness land on one height, so that neither can be right"),
            Qt::ToolTipRole);
        box->setProperty("panel", panel);
        box->setCurrentIndex(std::min(chosen, box->count() - 1));
    };
    fill(left_, 0);
    fill(right_, 2);
    int nearest = 0;
    for (int i = 0; i < lamp_->count(); ++i)
        if (std::abs(lamp_->itemData(i).toDouble() - desk_->lamp_k()) <
            std::abs(lamp_->itemData(nearest).toDouble() - desk_->lamp_k()))
            nearest = i;
    lamp_->setCurrentIndex(nearest);
    diffuser_->setChecked(desk_->diffuser());
    diffuser_->setVisible(panel);
    for (QWidget* w : std::initializer_list<QWidget*>{left_, right_, lamp_, diffuser_, anew_})
        w->setEnabled(now);
    open_->setText(now ? tr("&Another picture…") : tr("&Choose a picture…"));
    view_->set_says(now ? tr("The picture is being read…")
                        : tr("Choose a picture, or drop one on the window: it becomes a relief in layers, or "
                             "a panel to be lit from behind."));
    view_->set_dots(now ? QSize(now->dots->width, now->dots->height) : QSize());
    showing_ = false;
    refresh_looks();
    refresh_figures();
    refresh_core();
}

void LookPage::refresh_looks() {
    if (!desk_->ready())
        return;
    const auto left = static_cast<LookAs>(left_->currentData().toInt()),
               right = static_cast<LookAs>(right_->currentData().toInt());
    view_->set_names(left_->currentText(), right_->currentText());
    desk_->ask_look(left, view_->room() * devicePixelRatioF(), view_, [this](const QImage& image) {
        if (!desk_->tried())
            view_->set_left(image);
    });
    desk_->ask_look(right, view_->room() * devicePixelRatioF(), view_,
                    [this](const QImage& image) { view_->set_right(image); });
    const bool differences = left == LookAs::difference || right == LookAs::difference;
    legend_->setVisible(differences);
    QString scale;
    for (const int d : {0, 5, 10, 15, 20}) {
        const QColor c =
            QColor(colour_of_difference(d).r, colour_of_difference(d).g, colour_of_difference(d).b);
        scale +=
            QStringLiteral("<span style=\"background:%1\">&nbsp;&nbsp;&nbsp;&nbsp;&nbsp;</span> %2 &nbsp; ")
                .arg(c.name(), d == 20 ? tr("20 and more") : QString::number(d));
    }
    legend_->setText(tr("ΔE to the original: %1").arg(scale));
}

void LookPage::refresh_figures() {
    const Picture* now = desk_->picture();
    if (!now) {
        figures_->clear();
        panel_->set_aside({});
        return;
    }
    anew_->setText(desk_->working() ? tr("&Stop") : tr("&Make it anew"));
    panel_->set_aside(desk_->working() ? tr("being made…")
                                       : tr("%1 × %2 mm")
                                             .arg(number(now->dots->width * now->dot_mm, 0))
                                             .arg(number(now->dots->height * now->dot_mm, 0)));
    if (desk_->tried()) {
        figures_->setText(
            tr("ΔE to the original %1 on average with these borders").arg(number(desk_->mean_delta_e(), 1)));
        return;
    }
    const PictureFigures& f = now->figures;
    QString text = tr("ΔE to the original %1 on average, under %2 in 95 % of it")
                       .arg(number(f.mean_delta_e, 1))
                       .arg(number(f.p95_delta_e, 1));
    if (now->seen_from_cm > 0)
        text += tr(", seen from %1 cm").arg(number(now->seen_from_cm, 0));
    if (now->use == PictureUse::relief)
        text += tr(" · %1 % too fine to come out").arg(number(100 * f.lost, 1));
    else
        text += tr(" · %1 stacks").arg(now->stacks.size());
    if (now->school == ReliefSchool::luminance && now->use == PictureUse::relief)
        text += tr(" · %1 % shares its lightness with another colour").arg(number(100 * f.collides, 1));
    if (!picture_is_current(document_->project()))
        text = tr("Filaments or layers have changed since it was made.") + QLatin1Char(' ') + text;
    figures_->setText(text);
}

void LookPage::refresh_core() {
    if (!desk_->ready() || desk_->tried())
        return;
    const Picture* now = desk_->picture();
    const QPoint dot = view_->dot();
    if (dot.x() >= now->dots->width || dot.y() >= now->dots->height)
        return;
    const Project& p = document_->project();
    const bool relief = now->use == PictureUse::relief; // of a panel's hundreds of stacks only this one is
                                                        // looked at: the pointer moves fast
    const auto all = relief ? stacks_of(*now) : std::vector<std::vector<FilamentRun>>{};
    const std::uint16_t number_here = now->dots->at(dot.x(), dot.y());
    if (!number_here)
        return core_->show_nothing();
    Picture lit = *now;
    lit.lighting.lamp_k = desk_->lamp_k();
    lit.lighting.diffuser = desk_->diffuser();
    const Lighting light = lighting_for(lit, LookAs::printed);
    DrillCore core;
    core.stack = relief ? all[number_here] : now->stacks[number_here - 1u];
    core.first_mm = now->first_mm;
    core.layer_mm = now->layer_mm;
    core.lit = !relief;
    core.face_down = now->face_down && !core.lit;
    const Prepared& ready = *desk_->prepared();
    const int rim = (now->dots->width - ready.picture.width) / 2, x = dot.x() - rim, y = dot.y() - rim;
    const bool inside = x >= 0 && y >= 0 && x < ready.picture.width && y < ready.picture.height;
    // The stack here, and what it could be besides.
    std::vector<std::vector<FilamentRun>> stacks{core.stack};
    QStringList names;
    if (relief) {
        if (number_here + 1u < all.size())
            stacks.push_back(all[number_here + 1u]), names << tr("a layer more");
        if (number_here > now->bands.front().to_layer)
            stacks.push_back(all[number_here - 1u]), names << tr("a layer less");
    } else {
        std::vector<FilamentRun> more = core.stack, less = core.stack;
        FilamentRun* top = now->panel.order == FilmOrder::above ? &less.front() : &less.back();
        ++(now->panel.order == FilmOrder::above ? more.front() : more.back()).layers;
        stacks.push_back(more), names << tr("more white");
        if (top->layers > 1)
            --top->layers, stacks.push_back(less), names << tr("less white");
    }
    const std::vector<StackLook> looks = looks_of(lit, stacks, p.filaments, light);
    const Channels exposure = exposure_of(lit, {}, p.filaments, light);
    const auto seen = [&](std::size_t i) {
        return shown({exposure[0] * looks[i].light[0], exposure[1] * looks[i].light[1],
                      exposure[2] * looks[i].light[2]});
    };
    core.made = seen(0);
    core.asked = inside ? ready.picture.at(x, y) : core.made;
    core.delta_e = delta_e_2000(to_lab(core.asked), to_lab(core.made));
    core.sent_back = luminance(looks[0].reflectance);
    core.let_through = luminance(looks[0].transmittance);
    for (std::size_t i = 1; i < stacks.size(); ++i)
        core.others.push_back(
            {names[static_cast<int>(i) - 1], seen(i), delta_e_2000(to_lab(core.asked), to_lab(seen(i)))});
    core_->show_core(std::move(core), p.filaments);
}

} // namespace vitrail

#include "moc_look_page.cpp"
