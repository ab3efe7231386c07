#include "app/picture/look_page.h"

#include "app/document/document.h"
#include "app/parts/panel.h"
#include "app/parts/tables.h"
#include "app/picture/core_view.h"
#include "app/picture/picture_desk.h"
#include "app/picture/picture_view.h"
#include "core/picture/make.h"
#include "core/picture/stacks.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <QCheckBox>
#include <QComboBox>
#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QSplitter>
#include <QTableWidget>
#include <QTimer>

#include <map>

namespace vitrail {

namespace {

constexpr LookAs kReliefLooks[] = {LookAs::printed, LookAs::flat, LookAs::original, LookAs::difference, LookAs::lit};
constexpr LookAs kPanelLooks[] = {LookAs::lit, LookAs::unlit, LookAs::original, LookAs::difference, LookAs::flat};

QString name_of(LookAs as, PictureUse use) {
    switch (as) {
    case LookAs::printed: return LookPage::tr("As printed");
    case LookAs::flat: return LookPage::tr("Flat colours");
    case LookAs::lit: return use == PictureUse::panel ? LookPage::tr("Lit") : LookPage::tr("Against light");
    case LookAs::unlit: return LookPage::tr("Unlit");
    case LookAs::original: return LookPage::tr("Original");
    case LookAs::difference: break;
    }
    return LookPage::tr("Differences");
}

} // namespace

LookPage::LookPage(Document* document, PictureDesk* desk, QWidget* parent)
    : QWidget(parent), document_(document), desk_(desk), view_(new PictureView), core_(new CoreView), left_(new QComboBox), right_(new QComboBox), figures_(new QLabel), legend_(new QLabel), open_(new QPushButton(icon(QStringLiteral("image")), tr("&Choose a picture…"))),
      anew_(new QPushButton(tr("&Make it anew"))) {
    auto* core = new Panel(tr("The core"));
    core->set_aside(tr("drilled at the pointer"));
    core->body()->addWidget(core_, 1);
    auto* side = make_splitter("picture.side", Qt::Vertical, {core, make_bands()}, {270, 330});
    auto* all = new QVBoxLayout(this);
    all->setContentsMargins(0, em(0.5), 0, 0);
    all->addWidget(make_splitter("picture.look", Qt::Horizontal, {make_view(), side}, {760, 400}));

    connect(desk, &PictureDesk::changed, this, &LookPage::refresh);
    connect(desk, &PictureDesk::tried_changed, this, [this] {
        if (desk_->tried())
            view_->set_left(desk_->tried_image(view_->room()));
        refresh_bands();
        refresh_figures();
        refresh_core();
    });
    connect(desk, &PictureDesk::working_changed, this, &LookPage::refresh_figures);
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
    connect(lamp_, &QComboBox::activated, this, [this] { desk_->look_in(lamp_->currentData().toDouble(), diffuser_->isChecked()); });
    connect(diffuser_, &QCheckBox::clicked, this, [this] { desk_->look_in(lamp_->currentData().toDouble(), diffuser_->isChecked()); });
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
        desk_->edit(tr("Make the picture anew"), [k = desk_->lamp_k(), d = desk_->diffuser()](Project& p) {
            p.picture->lighting.lamp_k = k;
            p.picture->lighting.diffuser = d;
        });
    });
    return panel_;
}

QWidget* LookPage::make_bands() {
    bands_panel_ = new Panel(tr("Bands"));
    bands_ = make_table("picture_bands", tr("Bands, the highest first"), {{tr("filament")}, {tr("layers"), 4.2, true}, {tr("up to mm"), 5, true}, {tr("ends here"), 5.2, true}});
    bands_->horizontalHeaderItem(3)->setToolTip(tr("Share of the picture that ends in this band, and shows it"));
    bands_panel_->body()->addWidget(bands_, 1);
    band_buttons_ = new QWidget;
    auto* rows = new QGridLayout(band_buttons_);
    rows->setContentsMargins(0, 0, 0, 0);
    const auto button = [&](int row, int column, const char* name, const QString& text, const QString& tip, auto act) {
        auto* b = new QPushButton(text);
        b->setObjectName(QString::fromLatin1(name));
        b->setToolTip(tip);
        rows->addWidget(b, row, column);
        connect(b, &QPushButton::clicked, this, act);
        return b;
    };
    button(0, 0, "border_up", tr("Border &up"), tr("The upper border of the chosen band, one layer; on the ribbon leads can be dragged, and Alt with the arrow keys moves the one at the cursor"), [this] { move_border(1); });
    button(0, 1, "border_down", tr("Border dow&n"), tr("The upper border of the chosen band, one layer"), [this] { move_border(-1); });
    button(0, 2, "lift", tr("L&ift all"), tr("Everything one layer higher, the base thicker: the look stays"), [this] { lift(1); });
    button(0, 3, "lower", tr("Lo&wer all"), tr("Everything one layer lower, as far as the base allows"), [this] { lift(-1); });
    button(1, 0, "divide_band", tr("Di&vide"), tr("The chosen band in two; give one of them another filament by its letter"), [this] { divide(); });
    button(1, 1, "remove_picture_band", tr("Remove"), tr("The chosen band goes to its lower neighbour"), [this] { remove_band(); });
    school_ = button(1, 2, "other_school", tr("By lightness"), tr("How tall a dot is: by its lightness, brighter is taller; or as the stack whose colour is nearest"), [this] {
        const bool luminance = desk_->picture() && desk_->picture()->school == ReliefSchool::luminance;
        desk_->edit(luminance ? tr("Height from the nearest colour") : tr("Height from lightness"), [luminance](Project& p) { p.picture->school = luminance ? ReliefSchool::nearest : ReliefSchool::luminance; });
    });
    button(1, 3, "turn_over", tr("&Face down"), tr("The face lies on the bed: the order is reversed, the picture mirrored, the face as smooth as the sheet"), [this] { turn_over(); });
    bands_panel_->body()->addWidget(band_buttons_);
    return bands_panel_;
}

std::vector<std::vector<FilamentRun>> LookPage::stacks() const {
    Picture p = *desk_->picture();
    p.bands = desk_->bands();
    return stacks_of(p);
}

void LookPage::refresh() {
    showing_ = true;
    const Picture* now = desk_->picture();
    const bool panel = now && now->use == PictureUse::panel;
    const auto fill = [&](QComboBox* box, int otherwise) {
        const int chosen = box->count() && box->property("panel").toBool() == panel ? box->currentIndex() : otherwise;
        box->clear();
        for (const LookAs as : panel ? kPanelLooks : kReliefLooks)
            box->addItem(name_of(as, panel ? PictureUse::panel : PictureUse::relief), static_cast<int>(as));
        box->setProperty("panel", panel);
        box->setCurrentIndex(chosen);
    };
    fill(left_, 0);
    fill(right_, 2);
    int nearest = 0;
    for (int i = 0; i < lamp_->count(); ++i)
        if (std::abs(lamp_->itemData(i).toDouble() - desk_->lamp_k()) < std::abs(lamp_->itemData(nearest).toDouble() - desk_->lamp_k()))
            nearest = i;
    lamp_->setCurrentIndex(nearest);
    diffuser_->setChecked(desk_->diffuser());
    diffuser_->setVisible(panel);
    for (QWidget* w : std::initializer_list<QWidget*>{left_, right_, lamp_, diffuser_, anew_})
        w->setEnabled(now);
    band_buttons_->setVisible(!panel);
    band_buttons_->setEnabled(now);
    bands_panel_->setVisible(now);
    open_->setText(now ? tr("&Another picture…") : tr("&Choose a picture…"));
    view_->set_says(now ? tr("The picture is being read…") : tr("Choose a picture, or drop one on the window: it becomes a relief in layers, or a panel to be lit from behind."));
    view_->set_dots(now ? QSize(now->dots->width, now->dots->height) : QSize());
    showing_ = false;
    refresh_looks();
    refresh_bands();
    refresh_figures();
    refresh_core();
}

void LookPage::refresh_looks() {
    if (!desk_->ready())
        return;
    const auto left = static_cast<LookAs>(left_->currentData().toInt()), right = static_cast<LookAs>(right_->currentData().toInt());
    view_->set_names(left_->currentText(), right_->currentText());
    desk_->ask_look(left, view_->room() * devicePixelRatioF(), view_, [this](const QImage& image) {
        if (!desk_->tried())
            view_->set_left(image);
    });
    desk_->ask_look(right, view_->room() * devicePixelRatioF(), view_, [this](const QImage& image) { view_->set_right(image); });
    const bool differences = left == LookAs::difference || right == LookAs::difference;
    legend_->setVisible(differences);
    QString scale;
    for (const int d : {0, 5, 10, 15, 20}) {
        const QColor c = QColor(colour_of_difference(d).r, colour_of_difference(d).g, colour_of_difference(d).b);
        scale += QStringLiteral("<span style=\"background:%1\">&nbsp;&nbsp;&nbsp;&nbsp;&nbsp;</span> %2 &nbsp; ").arg(c.name(), d == 20 ? tr("20 and more") : QString::number(d));
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
    panel_->set_aside(desk_->working() ? tr("being made…") : tr("%1 × %2 mm").arg(number(now->dots->width * now->dot_mm, 0)).arg(number(now->dots->height * now->dot_mm, 0)));
    if (desk_->tried()) {
        figures_->setText(tr("ΔE to the original %1 on average with these borders").arg(number(desk_->mean_delta_e(), 1)));
        return;
    }
    const PictureFigures& f = now->figures;
    QString text = tr("ΔE to the original %1 on average, under %2 in 95 % of it").arg(number(f.mean_delta_e, 1)).arg(number(f.p95_delta_e, 1));
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

void LookPage::refresh_bands() {
    const Picture* now = desk_->picture();
    if (!now)
        return;
    const Project& p = document_->project();
    const int row = bands_->currentRow();
    const auto name = [&](char letter) {
        const int f = find_filament(p, letter);
        return QStringLiteral("%1  %2").arg(QChar::fromLatin1(letter), f < 0 ? tr("not there") : QString::fromStdString(p.filaments[static_cast<std::size_t>(f)].name));
    };
    const auto coloured = [&](int at, char letter) {
        if (const int f = find_filament(p, letter); f >= 0) {
            const Srgb c = p.filaments[static_cast<std::size_t>(f)].colour;
            bands_->item(at, 0)->setIcon(colour_swatch(to_qcolor(c)));
        }
    };
    if (now->use == PictureUse::panel) {
        bands_panel_->set_aside(tr("films and white"));
        bands_->horizontalHeaderItem(1)->setText(tr("layers"));
        bands_->horizontalHeaderItem(2)->setText(tr("of it, mm"));
        bands_->horizontalHeaderItem(3)->setText(tr("dots with it"));
        const std::string letters = now->panel.films + now->panel.white;
        bands_->setRowCount(static_cast<int>(letters.size()));
        std::vector<double> dots(now->stacks.size() + 1, 0);
        double printed = 0;
        for (const std::uint16_t n : now->dots->dots)
            if (n)
                ++dots[n], ++printed;
        for (std::size_t i = 0; i < letters.size(); ++i) {
            const char letter = letters[letters.size() - 1 - i];
            double with = 0;
            int most = 0;
            for (std::size_t s = 0; s < now->stacks.size(); ++s) {
                int layers = 0;
                for (const FilamentRun& r : now->stacks[s])
                    layers += r.filament == letter ? r.layers : 0;
                with += layers > 0 ? dots[s + 1] : 0;
                most = std::max(most, layers);
            }
            set_row(bands_, static_cast<int>(i), {name(letter), tr("0–%1").arg(most), number(most * now->layer_mm, 2), tr("%1 %").arg(number(100 * with / std::max(1.0, printed), 0))});
            coloured(static_cast<int>(i), letter);
        }
        return;
    }
    school_->setText(now->school == ReliefSchool::luminance ? tr("By nearest colour") : tr("By lightness"));
    bands_panel_->set_aside(now->school == ReliefSchool::luminance ? tr("brighter is taller") : tr("by the nearest colour"));
    bands_->horizontalHeaderItem(1)->setText(tr("layers"));
    bands_->horizontalHeaderItem(2)->setText(tr("up to mm"));
    bands_->horizontalHeaderItem(3)->setText(tr("ends here"));
    const std::vector<ReliefBand>& bands = desk_->bands();
    const std::vector<double>& ends = desk_->ends();
    bands_->setRowCount(static_cast<int>(bands.size()));
    for (std::size_t i = 0; i < bands.size(); ++i) {
        const ReliefBand& b = bands[bands.size() - 1 - i];
        double share = 0;
        for (int l = b.from_layer; l <= b.to_layer && l < static_cast<int>(ends.size()); ++l)
            share += ends[static_cast<std::size_t>(l)];
        set_row(bands_, static_cast<int>(i), {name(b.filament), tr("%1–%2").arg(b.from_layer).arg(b.to_layer), number(now->first_mm + (b.to_layer - 1) * now->layer_mm, 2), tr("%1 %").arg(number(100 * share, 1))},
                i + 1 == bands.size() ? tr("The base: it is everywhere") : QString());
        coloured(static_cast<int>(i), b.filament);
    }
    if (bands_->rowCount() > 0)
        bands_->setCurrentCell(std::clamp(row, 0, bands_->rowCount() - 1), 0);
}

void LookPage::refresh_core() {
    if (!desk_->ready() || desk_->tried())
        return;
    const Picture* now = desk_->picture();
    const QPoint dot = view_->dot();
    if (dot.x() >= now->dots->width || dot.y() >= now->dots->height)
        return;
    const Project& p = document_->project();
    const auto all = stacks();
    const std::uint16_t number_here = now->dots->at(dot.x(), dot.y());
    if (!number_here || number_here >= all.size())
        return core_->show_nothing();
    Picture lit = *now;
    lit.lighting.lamp_k = desk_->lamp_k();
    lit.lighting.diffuser = desk_->diffuser();
    const Lighting light = lighting_for(lit, LookAs::printed);
    DrillCore core;
    core.stack = all[number_here];
    core.first_mm = now->first_mm;
    core.layer_mm = now->layer_mm;
    core.lit = now->use == PictureUse::panel;
    core.face_down = now->face_down && !core.lit;
    const Prepared& ready = *desk_->prepared();
    const int rim = (now->dots->width - ready.picture.width) / 2, x = dot.x() - rim, y = dot.y() - rim;
    const bool inside = x >= 0 && y >= 0 && x < ready.picture.width && y < ready.picture.height;
    // The stack here, and what it could be besides.
    std::vector<std::vector<FilamentRun>> stacks{core.stack};
    QStringList names;
    if (now->use == PictureUse::relief) {
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
    const Channels exposure = exposure_of(lit, looks_of(lit, all, p.filaments, light), p.filaments, light);
    const auto seen = [&](std::size_t i) { return shown({exposure[0] * looks[i].light[0], exposure[1] * looks[i].light[1], exposure[2] * looks[i].light[2]}); };
    core.made = seen(0);
    core.asked = inside ? ready.picture.at(x, y) : core.made;
    core.delta_e = delta_e_2000(to_lab(core.asked), to_lab(core.made));
    core.sent_back = luminance(looks[0].reflectance);
    core.let_through = luminance(looks[0].transmittance);
    for (std::size_t i = 1; i < stacks.size(); ++i)
        core.others.push_back({names[static_cast<int>(i) - 1], seen(i), delta_e_2000(to_lab(core.asked), to_lab(seen(i)))});
    core_->show_core(std::move(core), p.filaments);
}

namespace {

/// The band of a row of the table, which has the highest first.
std::size_t band_of(const std::vector<ReliefBand>& bands, int row) {
    return bands.size() - 1 - static_cast<std::size_t>(std::clamp(row, 0, static_cast<int>(bands.size()) - 1));
}

/// Layers counted anew, and equal neighbours made one.
void renumber(std::vector<ReliefBand>& bands, const std::vector<int>& layers) {
    std::vector<ReliefBand> out;
    int next = 1;
    for (std::size_t i = 0; i < bands.size(); ++i) {
        if (layers[i] < 1)
            continue;
        if (!out.empty() && out.back().filament == bands[i].filament)
            out.back().to_layer += layers[i];
        else
            out.push_back({bands[i].filament, next, next + layers[i] - 1});
        next += layers[i];
    }
    bands = std::move(out);
}

std::vector<int> counts(const std::vector<ReliefBand>& bands) {
    std::vector<int> n;
    for (const ReliefBand& b : bands)
        n.push_back(b.to_layer - b.from_layer + 1);
    return n;
}

} // namespace

void LookPage::assign(char letter) {
    const Picture* now = desk_->picture();
    if (!now || now->use != PictureUse::relief || bands_->currentRow() < 0)
        return;
    if (find_filament(document_->project(), letter) < 0) {
        Q_EMIT said(tr("There is no filament %1 yet: add it on the Palette bench, or take it from the shelf.").arg(QChar::fromLatin1(letter)));
        return;
    }
    std::vector<ReliefBand> bands = now->bands;
    bands[band_of(bands, bands_->currentRow())].filament = letter;
    renumber(bands, counts(now->bands));
    desk_->edit(tr("Give a band filament %1").arg(QChar::fromLatin1(letter)), [bands](Project& p) { p.picture->bands = bands; });
}

void LookPage::lift(int by) {
    desk_->edit(by > 0 ? tr("Lift all bands") : tr("Lower all bands"), [by](Project& p) { vitrail::lift(*p.picture, by); });
}

void LookPage::move_border(int by) {
    if (!desk_->picture() || desk_->picture()->bands.empty())
        return;
    const std::size_t band = band_of(desk_->picture()->bands, bands_->currentRow());
    desk_->edit(tr("Move a border"), [band, by](Project& p) {
        if (band + 1 < p.picture->bands.size())
            vitrail::move_border(*p.picture, band, by);
        else // the top of all
            p.picture->bands.back().to_layer = std::clamp(p.picture->bands.back().to_layer + by, std::max(p.picture->bands.back().from_layer, least_base_layers(p.settings.first_layer_mm, p.settings.layer_mm)), kMostPictureLayers);
    });
}

void LookPage::divide() {
    const std::size_t at = band_of(desk_->picture()->bands, bands_->currentRow());
    const ReliefBand b = desk_->picture()->bands[at];
    if (b.to_layer == b.from_layer) {
        Q_EMIT said(tr("A band of one layer cannot be divided."));
        return;
    }
    // The upper half gets the filament that is elsewhere least.
    std::map<char, int> used;
    for (const Filament& f : document_->project().filaments)
        used[f.letter] = 0;
    for (const ReliefBand& x : desk_->picture()->bands)
        used[x.filament] += x.to_layer - x.from_layer + 1;
    char other = 0;
    for (const auto& [letter, layers] : used)
        if (letter != b.filament && (at + 1 >= desk_->picture()->bands.size() || desk_->picture()->bands[at + 1].filament != letter) && (!other || layers < used[other]))
            other = letter;
    if (!other) {
        Q_EMIT said(tr("There is no other filament to divide it with: add one on the Palette bench."));
        return;
    }
    const int least = at == 0 ? least_base_layers(desk_->picture()->first_mm, desk_->picture()->layer_mm) : b.from_layer;
    const int middle = std::max(least, (b.from_layer + b.to_layer) / 2);
    if (middle >= b.to_layer) {
        Q_EMIT said(tr("The base needs all its layers."));
        return;
    }
    desk_->edit(tr("Divide a band"), [at, middle, other](Project& p) {
        auto& bands = p.picture->bands;
        const ReliefBand upper{other, middle + 1, bands[at].to_layer};
        bands[at].to_layer = middle;
        bands.insert(bands.begin() + static_cast<std::ptrdiff_t>(at) + 1, upper);
    });
}

void LookPage::remove_band() {
    std::vector<ReliefBand> bands = desk_->picture()->bands;
    if (bands.size() < 2)
        return;
    const std::size_t at = band_of(bands, bands_->currentRow());
    const std::vector<int> layers = counts(bands);
    bands[at].filament = bands[at > 0 ? at - 1 : 1].filament;
    renumber(bands, layers);
    desk_->edit(tr("Remove a band"), [bands](Project& p) { p.picture->bands = bands; });
}

void LookPage::turn_over() {
    desk_->edit(desk_->picture()->face_down ? tr("Face up") : tr("Face down"), [](Project& p) {
        Picture& x = *p.picture;
        std::vector<int> layers = counts(x.bands);
        std::reverse(x.bands.begin(), x.bands.end());
        std::reverse(layers.begin(), layers.end());
        // What is the base now holds everything together; what was it gives the layers.
        const int lacking = std::max(0, least_base_layers(p.settings.first_layer_mm, p.settings.layer_mm) - layers.front());
        layers.front() += lacking;
        layers.back() = std::max(1, layers.back() - lacking);
        renumber(x.bands, layers);
        x.face_down = !x.face_down;
    });
}

} // namespace vitrail
