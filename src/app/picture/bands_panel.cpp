#include "app/picture/bands_panel.h"

#include "app/document/document.h"
#include "app/parts/tables.h"
#include "app/picture/picture_desk.h"
#include "core/picture/make.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <QHeaderView>
#include <QPushButton>
#include <QTableWidget>

#include <map>

namespace vitrail {

BandsPanel::BandsPanel(Document* document, PictureDesk* desk, QWidget* parent)
    : Panel(tr("Bands"), parent), document_(document), desk_(desk) {
    bands_ = make_table("picture_bands", tr("Bands, the highest first"),
                        {{tr("filament")},
                         {tr("layers"), 4.2, true},
                         {tr("up to mm"), 5, true},
                         {tr("ends here"), 5.2, true}});
    bands_->horizontalHeaderItem(3)->setToolTip(
        tr("Share of the picture that ends in this band, and shows it"));
    body()->addWidget(bands_, 1);
    buttons_ = new QWidget;
    auto* rows = new QGridLayout(buttons_);
    rows->setContentsMargins(0, 0, 0, 0);
    const auto button = [&](int row, int column, const char* name, const QString& text, const QString& tip,
                            auto act) {
        auto* b = new QPushButton(text);
        b->setObjectName(QString::fromLatin1(name));
        b->setToolTip(tip);
        rows->addWidget(b, row, column);
        connect(b, &QPushButton::clicked, this, act);
        return b;
    };
    button(0, 0, "border_up", tr("Border &up"),
           tr("The upper border of the chosen band, one layer; on the ribbon leads can be dragged, and Alt "
              "with the arrow keys moves the one at the cursor"),
           [this] { move_border(1); });
    button(0, 1, "border_down", tr("Border dow&n"), tr("The upper border of the chosen band, one layer"),
           [this] { move_border(-1); });
    button(0, 2, "lift", tr("L&ift all"), tr("Everything one layer higher, the base thicker: the look stays"),
           [this] { lift(1); });
    button(0, 3, "lower", tr("Lo&wer all"), tr("Everything one layer lower, as far as the base allows"),
           [this] { lift(-1); });
    button(1, 0, "divide_band", tr("Di&vide"),
           tr("The chosen band in two; give one of them another filament by its letter"),
           [this] { divide(); });
    button(1, 1, "remove_picture_band", tr("Remove"), tr("The chosen band goes to its lower neighbour"),
           [this] { remove_band(); });
    school_ = button(
        1, 2, "other_school", tr("By lightness"),
        tr("How tall a dot is: by its lightness, brighter is taller; or as the stack whose colour is "
           "nearest"),
        [this] {
            const bool luminance = desk_->picture() && desk_->picture()->school == ReliefSchool::luminance;
            desk_->edit(luminance ? tr("Height from the nearest colour") : tr("Height from lightness"),
                        [luminance](Project& p) {
                            p.picture->school = luminance ? ReliefSchool::nearest : ReliefSchool::luminance;
                        });
        });
    button(1, 3, "turn_over", tr("&Face down"),
           tr("The face lies on the bed: the order is reversed, the picture mirrored, the face as smooth as "
              "the sheet"),
           [this] { turn_over(); });
    body()->addWidget(buttons_);
    connect(desk, &PictureDesk::changed, this, &BandsPanel::refresh);
    connect(desk, &PictureDesk::tried_changed, this, &BandsPanel::refresh);
    refresh();
}

void BandsPanel::refresh() {
    const Picture* now = desk_->picture();
    setVisible(now);
    if (!now)
        return;
    buttons_->setVisible(now->use == PictureUse::relief);
    const Project& p = document_->project();
    const int row = bands_->currentRow();
    const auto name = [&](char letter) {
        const int f = find_filament(p, letter);
        return QStringLiteral("%1  %2").arg(
            QChar::fromLatin1(letter),
            f < 0 ? tr("not there") : QString::fromStdString(p.filaments[static_cast<std::size_t>(f)].name));
    };
    const auto coloured = [&](int at, char letter) {
        if (const int f = find_filament(p, letter); f >= 0) {
            const Srgb c = p.filaments[static_cast<std::size_t>(f)].colour;
            bands_->item(at, 0)->setIcon(colour_swatch(to_qcolor(c)));
        }
    };
    if (now->use == PictureUse::panel) {
        set_aside(tr("films and white"));
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
            set_row(bands_, static_cast<int>(i),
                    {name(letter), tr("0–%1").arg(most), number(most * now->layer_mm, 2),
                     tr("%1 %").arg(number(100 * with / std::max(1.0, printed), 0))});
            coloured(static_cast<int>(i), letter);
        }
        return;
    }
    school_->setText(now->school == ReliefSchool::luminance ? tr("By nearest colour") : tr("By lightness"));
    set_aside(now->school == ReliefSchool::luminance ? tr("brighter is taller")
                                                     : tr("by the nearest colour"));
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
        set_row(bands_, static_cast<int>(i),
                {name(b.filament), tr("%1–%2").arg(b.from_layer).arg(b.to_layer),
                 number(now->first_mm + (b.to_layer - 1) * now->layer_mm, 2),
                 tr("%1 %").arg(number(100 * share, 1))},
                i + 1 == bands.size() ? tr("The base: it is everywhere") : QString());
        coloured(static_cast<int>(i), b.filament);
    }
    if (bands_->rowCount() > 0)
        bands_->setCurrentCell(std::clamp(row, 0, bands_->rowCount() - 1), 0);
}

namespace {

/// The band of a row of the table, which has the highest first.
std::size_t band_of(const std::vector<ReliefBand>& bands, int row) {
    return bands.size() - 1 -
           static_cast<std::size_t>(std::clamp(row, 0, static_cast<int>(bands.size()) - 1));
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

void BandsPanel::assign(char letter) {
    const Picture* now = desk_->picture();
    if (!now || now->use != PictureUse::relief || bands_->currentRow() < 0)
        return;
    if (find_filament(document_->project(), letter) < 0) {
        Q_EMIT said(tr("There is no filament %1 yet: add it on the Palette bench, or take it from the shelf.")
                        .arg(QChar::fromLatin1(letter)));
        return;
    }
    std::vector<ReliefBand> bands = now->bands;
    bands[band_of(bands, bands_->currentRow())].filament = letter;
    renumber(bands, counts(now->bands));
    desk_->edit(tr("Give a band filament %1").arg(QChar::fromLatin1(letter)),
                [bands](Project& p) { p.picture->bands = bands; });
}

void BandsPanel::lift(int by) {
    desk_->edit(by > 0 ? tr("Lift all bands") : tr("Lower all bands"),
                [by](Project& p) { vitrail::lift(*p.picture, by); });
}

void BandsPanel::move_border(int by) {
    if (!desk_->picture() || desk_->picture()->bands.empty())
        return;
    const std::size_t band = band_of(desk_->picture()->bands, bands_->currentRow());
    desk_->edit(tr("Move a border"), [band, by](Project& p) {
        if (band + 1 < p.picture->bands.size())
            vitrail::move_border(*p.picture, band, by);
        else // the top of all
            p.picture->bands.back().to_layer =
                std::clamp(p.picture->bands.back().to_layer + by,
                           std::max(p.picture->bands.back().from_layer,
                                    least_base_layers(p.settings.first_layer_mm, p.settings.layer_mm)),
                           kMostPictureLayers);
    });
}

void BandsPanel::divide() {
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
        if (letter != b.filament &&
            (at + 1 >= desk_->picture()->bands.size() ||
             desk_->picture()->bands[at + 1].filament != letter) &&
            (!other || layers < used[other]))
            other = letter;
    if (!other) {
        Q_EMIT said(tr("There is no other filament to divide it with: add one on the Palette bench."));
        return;
    }
    const int least =
        at == 0 ? least_base_layers(desk_->picture()->first_mm, desk_->picture()->layer_mm) : b.from_layer;
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

void BandsPanel::remove_band() {
    std::vector<ReliefBand> bands = desk_->picture()->bands;
    if (bands.size() < 2)
        return;
    const std::size_t at = band_of(bands, bands_->currentRow());
    const std::vector<int> layers = counts(bands);
    bands[at].filament = bands[at > 0 ? at - 1 : 1].filament;
    renumber(bands, layers);
    desk_->edit(tr("Remove a band"), [bands](Project& p) { p.picture->bands = bands; });
}

void BandsPanel::turn_over() {
    desk_->edit(desk_->picture()->face_down ? tr("Face up") : tr("Face down"), [](Project& p) {
        Picture& x = *p.picture;
        std::vector<int> layers = counts(x.bands);
        std::reverse(x.bands.begin(), x.bands.end());
        std::reverse(layers.begin(), layers.end());
        // What is the base now holds everything together; what was it gives the layers.
        const int lacking =
            std::max(0, least_base_layers(p.settings.first_layer_mm, p.settings.layer_mm) - layers.front());
        layers.front() += lacking;
        layers.back() = std::max(1, layers.back() - lacking);
        renumber(x.bands, layers);
        x.face_down = !x.face_down;
    });
}

} // namespace vitrail

#include "moc_bands_panel.cpp"
