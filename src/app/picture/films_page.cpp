#include "app/picture/films_page.h"

#include "app/document/background.h"
#include "app/document/document.h"
#include "app/parts/panel.h"
#include "app/parts/tables.h"
#include "app/picture/gamut_view.h"
#include "app/picture/picture_desk.h"
#include "core/base/numbers.h"
#include "core/geometry/polygon.h"
#include "core/picture/film_orders.h"
#include "core/picture/nearest.h"
#include "core/picture/panel.h"
#include "paint/make_picture.h"
#include "paint/words.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFormLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QSpinBox>
#include <QSplitter>
#include <QTableWidget>

#include <algorithm>

namespace vitrail {

namespace {

QString order_name(FilmOrder order) {
    switch (order) {
    case FilmOrder::apart:
        return FilmsPage::tr("each film in layers of its own");
    case FilmOrder::packed:
        return FilmsPage::tr("films on each other, below the white");
    case FilmOrder::above:
        break;
    }
    return FilmsPage::tr("films on each other, above the white");
}

} // namespace

FilmsPage::FilmsPage(Document* document, PictureDesk* desk, QWidget* parent)
    : QWidget(parent), document_(document), desk_(desk), white_(new QComboBox), order_(new QComboBox),
      films_(new QLineEdit), film_layers_(new QSpinBox), base_(new QSpinBox), cover_least_(new QSpinBox),
      cover_most_(new QSpinBox), rim_(new QDoubleSpinBox), slot_(new QDoubleSpinBox),
      spread_(new QCheckBox(tr("&Spread what a dot is off by to its neighbours"))),
      fit_(new QCheckBox(tr("&Fit the tones between darkest and brightest"))),
      compare_(new QPushButton(tr("&Compare the orders"))), gamut_(new GamutView), says_(new QLabel) {
    auto* all = new QVBoxLayout(this);
    all->setContentsMargins(0, em(0.5), 0, 0);
    all->addWidget(make_splitter("picture.films", Qt::Horizontal, {make_films(), make_orders()}, {520, 640}));
    connect(desk, &PictureDesk::changed, this, &FilmsPage::refresh);
    refresh();
}

QWidget* FilmsPage::make_films() {
    auto* panel = new Panel(tr("Films and white"));
    auto* form = new QFormLayout;
    const auto row = [&](QWidget* w, const char* name, const QString& label, const QString& tip) {
        w->setObjectName(QString::fromLatin1(name));
        QString spoken = label;
        w->setAccessibleName(spoken.remove(QLatin1Char('&')));
        w->setToolTip(tip);
        form->addRow(label, w);
    };
    const auto count = [&](QSpinBox* box, const char* name, const QString& label, int low, int high,
                           const QString& tip, int PanelFilms::*field) {
        box->setRange(low, high);
        box->setKeyboardTracking(false);
        row(box, name, label, tip);
        connect(box, &QSpinBox::valueChanged, this, [this, field](int n) {
            change(tr("Change the panel's layers"), [field, n](PanelFilms& f) { f.*field = n; });
        });
    };
    row(white_, "panel_white", tr("&White"), tr("Its thickness makes the brightness"));
    connect(white_, &QComboBox::activated, this, [this] {
        const char letter = static_cast<char>(white_->currentData().toInt());
        change(tr("Change the white"), [letter](PanelFilms& f) {
            const std::size_t at = f.films.find(letter);
            if (at != std::string::npos)
                f.films[at] = f.white;
            f.white = letter;
        });
    });
    films_->setMaxLength(26);
    row(films_, "panel_films", tr("&Films, from below"),
        tr("Letters of the filaments, in their order from the bed"));
    connect(films_, &QLineEdit::editingFinished, this, [this] {
        const std::string letters = films_->text().toUpper().remove(QLatin1Char(' ')).toStdString();
        if (!showing_ && desk_->picture() && letters != desk_->picture()->panel.films)
            change(tr("Change the films"), [letters](PanelFilms& f) { f.films = letters; });
    });
    for (const FilmOrder o : {FilmOrder::apart, FilmOrder::packed, FilmOrder::above})
        order_->addItem(order_name(o));
    row(order_, "panel_order", tr("&Order"),
        tr("In layers of their own there are two filaments in a layer at most; on each other the panel is "
           "thinner and brighter, with more changes"));
    connect(order_, &QComboBox::activated, this, [this](int o) {
        change(tr("Change the order of the films"),
               [o](PanelFilms& f) { f.order = static_cast<FilmOrder>(o); });
    });
    count(film_layers_, "panel_film_layers", tr("&Layers of each film"), 1, 50, tr("At most"),
          &PanelFilms::film_layers);
    count(base_, "panel_base", tr("White &below"), 1, 100, tr("Layers below everything"),
          &PanelFilms::base_layers);
    count(cover_least_, "panel_least", tr("White above, &least"), 0, 100,
          tr("Layers that there are everywhere"), &PanelFilms::cover_least);
    count(cover_most_, "panel_most", tr("White above, &most"), 0, 200, tr("Layers where it is darkest"),
          &PanelFilms::cover_most);
    const auto length = [&](QDoubleSpinBox* box, const char* name, const QString& label, const QString& tip,
                            double PanelFilms::*field) {
        box->setRange(0, 100);
        box->setDecimals(1);
        box->setSuffix(QLatin1Char(' ') + tr("mm"));
        box->setKeyboardTracking(false);
        row(box, name, label, tip);
        connect(box, &QDoubleSpinBox::valueChanged, this, [this, field](double v) {
            change(tr("Change the panel's rim"), [field, v](PanelFilms& f) { f.*field = v; });
        });
    };
    length(rim_, "panel_rim", tr("&Rim"), tr("Of white, as tall as everything, around the picture; 0: none"),
           &PanelFilms::rim_mm);
    length(slot_, "panel_slot", tr("Slots &in it"),
           tr("Width of two slots in the rim's lower edge, for a stand; 0: none"), &PanelFilms::slot_mm);
    panel->body()->addLayout(form);
    spread_->setObjectName(QStringLiteral("panel_spread"));
    spread_->setToolTip(tr("Continuous tones from few layers (Floyd & Steinberg 1976); without it areas are "
                           "even and steps show"));
    fit_->setObjectName(QStringLiteral("panel_fit"));
    fit_->setToolTip(tr(
        "A panel is never black: black becomes the darkest it can be, and the tones between move with it"));
    panel->body()->addWidget(spread_);
    panel->body()->addWidget(fit_);
    connect(spread_, &QCheckBox::clicked, this,
            [this](bool on) { change(tr("Spread the error"), [on](PanelFilms& f) { f.spread = on; }); });
    connect(fit_, &QCheckBox::clicked, this,
            [this](bool on) { change(tr("Fit the tones"), [on](PanelFilms& f) { f.fit_range = on; }); });
    panel->body()->addStretch();
    return panel;
}

QWidget* FilmsPage::make_orders() {
    auto* panel = new Panel(tr("What each order costs"));
    orders_ = make_table("film_orders", tr("Orders of the films"),
                         {{tr("order")},
                          {tr("ΔE"), 4, true},
                          {tr("changes"), 5, true},
                          {tr("waste g"), 5, true},
                          {tr("time"), 6, true},
                          {tr("mm"), 4, true}});
    orders_->setFixedHeight(em(8.4)); // its heading and three rows
    panel->body()->addWidget(orders_);
    auto* reach = new QLabel(tr("Colours within reach: circles are the picture's, crossed where no stack "
                                "comes near by itself; the outline holds all stacks"));
    reach->setObjectName(QStringLiteral("quiet"));
    reach->setWordWrap(true);
    panel->body()->addWidget(reach);
    panel->body()->addWidget(gamut_, 2);
    says_->setObjectName(QStringLiteral("films_says"));
    says_->setWordWrap(true);
    panel->body()->addWidget(says_);
    compare_->setObjectName(QStringLiteral("compare_orders"));
    panel->body()->addWidget(compare_, 0, Qt::AlignLeft);
    connect(compare_, &QPushButton::clicked, this, &FilmsPage::compare);
    auto* caution = new QLabel(
        tr("At the lamp: low-voltage parts only, and a licensed electrician where local codes ask for one. "
           "PLA softens at about 55 °C: use a cool lamp, some centimetres away, and let air pass."));
    caution->setObjectName(QStringLiteral("lamp_caution"));
    caution->setWordWrap(true);
    panel->body()->addWidget(caution);
    return panel;
}

void FilmsPage::change(const QString& label, std::function<void(PanelFilms&)> what) {
    if (!showing_ && desk_->picture())
        desk_->edit(label, [what = std::move(what)](Project& p) {
            if (p.picture)
                what(p.picture->panel);
        });
}

void FilmsPage::refresh() {
    showing_ = true;
    const Picture* now = desk_->picture();
    const bool panel = now && now->use == PictureUse::panel;
    setEnabled(panel);
    stop_.request_stop();
    comparing_ = false;
    compare_->setEnabled(panel);
    orders_->setRowCount(panel ? 3 : 0);
    if (panel) {
        for (int i = 0; i < 3; ++i)
            set_row(orders_, i,
                    {order_name(static_cast<FilmOrder>(i)), QStringLiteral("–"), QStringLiteral("–"),
                     QStringLiteral("–"), QStringLiteral("–"), QStringLiteral("–")},
                    {}, now->panel.order == static_cast<FilmOrder>(i));
        const PanelFilms& f = now->panel;
        white_->clear();
        for (const Filament& x : document_->project().filaments) {
            white_->addItem(
                QStringLiteral("%1  %2").arg(QChar::fromLatin1(x.letter), QString::fromStdString(x.name)),
                static_cast<int>(x.letter));
            if (x.letter == f.white)
                white_->setCurrentIndex(white_->count() - 1);
        }
        if (!films_->hasFocus())
            films_->setText(QString::fromStdString(f.films));
        order_->setCurrentIndex(static_cast<int>(f.order));
        film_layers_->setValue(f.film_layers);
        base_->setValue(f.base_layers);
        cover_least_->setValue(f.cover_least);
        cover_most_->setValue(f.cover_most);
        rim_->setValue(f.rim_mm);
        slot_->setValue(f.slot_mm);
        spread_->setChecked(f.spread);
        fit_->setChecked(f.fit_range);
        says_->setText(tr("%1 stacks in use. %2 % of the picture asks for a colour that no stack comes near "
                          "by itself; spread over neighbours much of that comes out all the same.")
                           .arg(now->stacks.size())
                           .arg(number(100 * now->figures.outside, 0)));
    }
    showing_ = false;
    refresh_gamut();
}

/// What the films reach, worked out beside the window's thread.
void FilmsPage::refresh_gamut() {
    if (!desk_->ready() || desk_->picture()->use != PictureUse::panel)
        return;
    document_->background()->run(this,
                                 [this, picture = *desk_->picture(),
                                  filaments = document_->project().filaments,
                                  prepared = desk_->prepared()](const std::stop_token&) -> Background::Then {
                                     const auto table = panel_table(picture, filaments);
                                     if (!table)
                                         return {};
                                     std::vector<Lab> labs;
                                     std::vector<std::pair<double, double>> points;
                                     for (const LinearRgb& l : table->light) {
                                         labs.push_back(to_lab(l));
                                         points.emplace_back(labs.back().a, labs.back().b);
                                     }
                                     Gamut gamut{convex_outline(std::move(points)), {}};
                                     const NearestColour nearest(std::move(labs));
                                     const double black = picture.panel.fit_range ? darkest(*table) : 0;
                                     for (PictureColour c : picture_colours(prepared->picture, 48)) {
                                         c.lab = to_lab(fitted(to_linear(to_xyz(c.lab)), black));
                                         gamut.asked.emplace_back(c, nearest.of(c.lab).delta_e);
                                     }
                                     return [this, gamut = std::move(gamut)] { gamut_->show_gamut(gamut); };
                                 });
}

void FilmsPage::compare() {
    if (comparing_ || !desk_->ready())
        return;
    comparing_ = true;
    compare_->setEnabled(false);
    says_->setText(tr("Each order is being made and planned…"));
    stop_ = document_->background()->run(
        this,
        [this, project = document_->project(),
         raster = desk_->as_it_came()](const std::stop_token& stop) -> Background::Then {
            auto orders = compare_film_orders(project, *raster, drawn_text(*project.picture), {stop, {}});
            return [this, orders = std::move(orders)] {
                comparing_ = false;
                compare_->setEnabled(true);
                orders_->setRowCount(static_cast<int>(orders.size()));
                QString sentence;
                for (std::size_t i = 0; i < orders.size(); ++i) {
                    const FilmOrderCost& o = orders[i];
                    const bool now = desk_->picture() && o.order == desk_->picture()->panel.order;
                    set_row(orders_, static_cast<int>(i),
                            {order_name(o.order), number(o.mean_delta_e, 1),
                             QLocale().toString(o.totals.changes), number(waste_g(o.totals), 1),
                             QString::fromStdString(duration(o.totals.total_s)), number(o.height_mm, 2)},
                            {}, now);
                }
                if (orders.size() > 1)
                    sentence = tr("Pure layers, one film in each, take %L1 changes; films mixed in a layer "
                                  "take %L2, and come nearer by ΔE %3.")
                                   .arg(orders[0].totals.changes)
                                   .arg(orders[1].totals.changes)
                                   .arg(number(orders[0].mean_delta_e - orders[1].mean_delta_e, 1));
                says_->setText(orders.empty() ? tr("None of the orders could be made.") : sentence);
            };
        });
}

} // namespace vitrail

#include "moc_films_page.cpp"
