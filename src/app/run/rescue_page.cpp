#include "app/run/rescue_page.h"

#include "app/document/background.h"
#include "app/document/document.h"
#include "app/document/view_state.h"
#include "app/parts/panel.h"
#include "app/parts/tables.h"
#include "app/run/bands_view.h"
#include "app/run/run_store.h"
#include "core/base/numbers.h"
#include "formats/archive.h"
#include "formats/toolpath_file.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDateTime>
#include <QDoubleSpinBox>
#include <QFileDialog>
#include <QFileInfo>
#include <QFormLayout>
#include <QHeaderView>
#include <QListWidget>
#include <QPushButton>
#include <QSignalBlocker>
#include <QSplitter>
#include <QTableWidget>
#include <QTimer>

#include <cmath>

namespace vitrail {

RescuePage::RescuePage(Document* document, ViewState* view, RunStore* store, QWidget* parent)
    : QWidget(parent), document_(document), view_(view), store_(store), later_(new QTimer(this)),
      form_(new QFormLayout), kind_(new QComboBox), filament_(new QComboBox), instead_(new QComboBox),
      layer_(new QSpinBox), extra_(new QSpinBox), layers_(new QSpinBox),
      by_height_(new QCheckBox(tr("by the &height that is really there"))),
      exact_(new QCheckBox(tr("layers of their &own height, so that nothing is left over"))),
      homed_(new QCheckBox(tr("The printer still &knows where it is"))),
      warm_(new QCheckBox(tr("The bed is still &warm"))), measured_(new QDoubleSpinBox), why_(new QLabel),
      look_(new QLabel), way_says_(new QLabel), bands_(new BandsView), steps_(new QListWidget),
      take_(new QPushButton(tr("&Make it the plan"))),
      rest_(new QPushButton(tr("Write the &rest of the file…"))) {
    auto* what = new Panel(tr("What went wrong"));
    what->body()->addWidget(make_inputs());
    why_->setObjectName(QStringLiteral("rescue_why"));
    why_->setWordWrap(true);
    what->body()->addWidget(why_);
    what->body()->addStretch();

    auto* bands = new Panel(tr("What becomes of it"));
    bands->body()->addWidget(bands_, 1);
    look_->setObjectName(QStringLiteral("rescue_look"));
    look_->setWordWrap(true);
    bands->body()->addWidget(look_);
    moves_ = make_table("rescue_moves", tr("Changes that move"),
                        {{tr("change"), 0}, {tr("before layer"), 7, true}, {tr("now"), 5, true}});
    moves_->setMaximumHeight(em(9));
    bands->body()->addWidget(moves_);
    botch_side_ = bands;

    auto* ways = new Panel(tr("Ways on"));
    ways_ = make_table("rescue_ways", tr("Ways on"),
                       {{tr("way"), 0},
                        {tr("colours"), 4.6, true},
                        {tr("filament"), 4.6, true},
                        {tr("time"), 5.4, true},
                        {tr("changes"), 4.6, true}});
    ways_->setWordWrap(true);
    ways->body()->addWidget(ways_, 1);
    way_says_->setObjectName(QStringLiteral("rescue_way"));
    way_says_->setWordWrap(true);
    ways->body()->addWidget(way_says_);
    ways_side_ = ways;

    auto* steps = new Panel(tr("At the printer, in this order"));
    steps_->setObjectName(QStringLiteral("rescue_steps"));
    steps_->setAccessibleName(tr("What to do, in order"));
    steps_->setWordWrap(true);
    steps_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    steps->body()->addWidget(steps_, 1);
    take_->setObjectName(QStringLiteral("rescue_take"));
    take_->setToolTip(
        tr("The project as it stands is kept beside it first, under another name; undo brings it back, too"));
    rest_->setObjectName(QStringLiteral("rescue_rest"));
    rest_->setToolTip(tr("Of the file that was being printed: the layer again, and everything above it, "
                         "lifted; read again and proven before it gets its name"));
    steps->body()->addWidget(take_);
    steps->body()->addWidget(rest_);

    auto* middle = new QWidget;
    auto* column = new QVBoxLayout(middle);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(botch_side_, 1);
    column->addWidget(ways_side_, 1);
    auto* all = new QVBoxLayout(this);
    all->setContentsMargins(0, em(0.5), 0, 0);
    all->addWidget(make_splitter("run.rescue", Qt::Horizontal, {what, middle, steps}, {300, 450, 370}));

    later_->setSingleShot(true);
    later_->setInterval(60); // a wheel turns many times
    connect(later_, &QTimer::timeout, this, &RescuePage::work_out);
    const auto again = [this] {
        if (!filling_)
            later_->start();
    };
    connect(kind_, &QComboBox::currentIndexChanged, this, [this] {
        if (kind_->currentIndex() == kMissed)
            guess_missed();
        show_inputs();
        later_->start();
    });
    for (QSpinBox* s : {layer_, extra_, layers_})
        connect(s, &QSpinBox::valueChanged, this, again);
    connect(measured_, &QDoubleSpinBox::valueChanged, this, again);
    for (QCheckBox* c : {by_height_, exact_, homed_, warm_})
        connect(c, &QCheckBox::toggled, this, [this, again] {
            show_inputs();
            again();
        });
    for (QComboBox* c : {filament_, instead_})
        connect(c, &QComboBox::currentIndexChanged, this, again);
    connect(layer_, &QSpinBox::valueChanged, this, [this](int n) {
        if (!filling_ && document_->plan()) {
            view_->set_layer(n);
            if (!by_height_->isChecked())
                measured_->setValue(document_->plan()->grid.top_mm(n));
        }
    });
    connect(document, &Document::plan_changed, this, [this] {
        fill_letters();
        if (isVisible())
            later_->start();
        else
            show_result();
    });
    connect(ways_, &QTableWidget::itemSelectionChanged, this, [this] {
        const int i = ways_->currentRow();
        take_->setEnabled(result() != nullptr);
        way_says_->setText(found_ && i >= 0 && i < static_cast<int>(found_->size())
                               ? words((*found_)[static_cast<std::size_t>(i)].says)
                               : QString());
    });
    connect(take_, &QPushButton::clicked, this, &RescuePage::take);
    connect(rest_, &QPushButton::clicked, this, &RescuePage::ask_rest);
    fill_letters();
    show_inputs();
    show_result();
}

bool RescuePage::working() const {
    return working_ || later_->isActive();
}

QWidget* RescuePage::make_inputs() {
    auto* box = new QWidget;
    box->setLayout(form_);
    form_->setContentsMargins(0, 0, 0, 0);
    form_->setRowWrapPolicy(QFormLayout::WrapLongRows);
    kind_->addItems({tr("a layer came out too thin or too high"), tr("a filament is gone"),
                     tr("a swap was missed"), tr("layers in the wrong filament")});
    const auto named = [&](QWidget* w, const char* name, const QString& label) {
        w->setObjectName(QString::fromLatin1(name));
        w->setAccessibleName(label);
        form_->addRow(label, w);
    };
    form_->addRow(kind_);
    kind_->setObjectName(QStringLiteral("rescue_kind"));
    kind_->setAccessibleName(tr("What went wrong"));
    named(layer_, "rescue_layer", tr("Layer"));
    named(extra_, "rescue_extra", tr("Layers more"));
    form_->addRow(by_height_);
    named(measured_, "rescue_measured", tr("Measured"));
    form_->addRow(exact_);
    exact_->setObjectName(QStringLiteral("rescue_exact"));
    exact_->setToolTip(tr("Instead of whole layers as they are everywhere; not for pictures, whose colours "
                          "come from equal layers"));
    named(filament_, "rescue_filament", tr("Filament"));
    named(instead_, "rescue_instead", tr("Printed instead"));
    named(layers_, "rescue_layers", tr("Layers it took"));
    form_->addRow(homed_);
    form_->addRow(warm_);
    by_height_->setObjectName(QStringLiteral("rescue_by_height"));
    homed_->setObjectName(QStringLiteral("rescue_homed"));
    warm_->setObjectName(QStringLiteral("rescue_warm"));
    homed_->setChecked(true);
    warm_->setChecked(true);
    layer_->setMinimum(1);
    layer_->setToolTip(
        tr("The last layer that is printed; of a missed swap or a wrong filament the first it concerns"));
    extra_->setRange(1, 1000);
    extra_->setToolTip(tr("So many layers more of what that layer is printed in"));
    layers_->setRange(1, 30000);
    measured_->setDecimals(2);
    measured_->setRange(0.01, 10000);
    measured_->setSingleStep(0.02);
    measured_->setSuffix(tr(" mm"));
    measured_->setToolTip(
        tr("From the bed to the top of what is printed, by a calliper or by the printer's own Z"));
    return box;
}

void RescuePage::showEvent(QShowEvent*) {
    // A run that is under way says where it is.
    if (const Run* run = store_->under_way_of(document_->path(), document_->title().toStdString())) {
        const RunState s = run_state(*run, store_->now());
        if (s.layer > 0)
            layer_->setValue(s.layer);
    } else if (document_->plan()) {
        layer_->setValue(view_->layer());
    }
    later_->start();
}

void RescuePage::fill_letters() {
    const auto plan = document_->plan();
    if (!plan)
        return;
    filling_ = true;
    const Project& p = document_->planned_project();
    for (QComboBox* box : {filament_, instead_}) {
        const QString was = box->currentData().toString();
        box->clear();
        for (std::size_t f = 0; f < p.filaments.size(); ++f)
            if (plan->use[f].total_g > 0)
                box->addItem(QStringLiteral("%1 %2")
                                 .arg(QChar::fromLatin1(p.filaments[f].letter))
                                 .arg(QString::fromStdString(p.filaments[f].name)),
                             QString(QChar::fromLatin1(p.filaments[f].letter)));
        box->setCurrentIndex(
            std::max(box == instead_ ? std::min(1, box->count() - 1) : 0, box->findData(was)));
    }
    layer_->setMaximum(plan->grid.count);
    if (!by_height_->isChecked())
        measured_->setValue(plan->grid.top_mm(layer_->value()));
    filling_ = false;
}

/// The change that should have been made last is the one that was missed.
void RescuePage::guess_missed() {
    const auto plan = document_->plan();
    if (!plan || plan->changes.empty())
        return;
    const Change* last = &plan->changes.front();
    for (const Change& c : plan->changes)
        if (c.layer <= layer_->value())
            last = &c;
    const Project& p = document_->planned_project();
    filling_ = true;
    layers_->setValue(std::max(1, layer_->value() - last->layer + 1));
    layer_->setValue(last->layer);
    filament_->setCurrentIndex(filament_->findData(
        QString(QChar::fromLatin1(p.filaments[static_cast<std::size_t>(last->to)].letter))));
    instead_->setCurrentIndex(instead_->findData(
        QString(QChar::fromLatin1(p.filaments[static_cast<std::size_t>(last->from)].letter))));
    filling_ = false;
}

void RescuePage::show_inputs() {
    const int kind = kind_->currentIndex();
    const auto show = [&](QWidget* w, bool on) {
        w->setVisible(on);
        if (QWidget* label = form_->labelForField(w))
            label->setVisible(on);
    };
    show(extra_, kind == kBotch && !by_height_->isChecked());
    show(by_height_, kind == kBotch);
    show(measured_, kind == kBotch && by_height_->isChecked());
    show(exact_, kind == kBotch && by_height_->isChecked());
    show(homed_, kind == kBotch);
    show(warm_, kind == kBotch);
    show(filament_, kind != kBotch);
    show(instead_, kind == kMissed || kind == kWrong);
    show(layers_, kind == kMissed || kind == kWrong);
    botch_side_->setVisible(kind == kBotch);
    ways_side_->setVisible(kind != kBotch);
    rest_->setVisible(kind == kBotch);
}

Botch RescuePage::botch() const {
    return {layer_->value(),
            by_height_->isChecked() ? 0 : extra_->value(),
            by_height_->isChecked() ? std::optional(measured_->value()) : std::nullopt,
            homed_->isChecked(),
            warm_->isChecked(),
            exact_->isChecked()};
}

Mishap RescuePage::mishap() const {
    const auto letter = [](const QComboBox* box) {
        return box->currentData().toString().isEmpty() ? char(0)
                                                       : box->currentData().toString().at(0).toLatin1();
    };
    const int kind = kind_->currentIndex();
    return {kind == kGone     ? Mishap::What::gone
            : kind == kMissed ? Mishap::What::missed
                              : Mishap::What::wrong,
            layer_->value(), layer_->value() + (kind == kGone ? 0 : layers_->value() - 1), letter(filament_),
            letter(instead_)};
}

void RescuePage::work_out() {
    stop_.request_stop();
    rescue_.reset();
    found_.reset();
    const auto plan = document_->plan();
    if (!plan) {
        why_->clear();
        return show_result();
    }
    working_ = true;
    const bool is_botch = kind_->currentIndex() == kBotch;
    stop_ = document_->background()->run(
        this,
        [this, plan, p = document_->planned_project(), is_botch, b = botch(),
         m = mishap()](const std::stop_token& stop) -> Background::Then {
            const Progress progress{stop, {}};
            if (is_botch) {
                auto r = std::make_shared<Result<Rescue>>(rescue(p, *plan, b, progress));
                return [this, r] {
                    working_ = false;
                    why_->setText(*r ? QString() : words(r->error().message));
                    rescue_ = *r ? std::make_shared<const Rescue>(std::move(**r)) : nullptr;
                    show_result();
                };
            }
            auto ways = std::make_shared<Result<std::vector<WayOut>>>(ways_out(p, *plan, m, progress));
            return [this, ways] {
                working_ = false;
                why_->setText(*ways ? QString() : words(ways->error().message));
                found_ = *ways ? std::make_shared<const std::vector<WayOut>>(std::move(**ways)) : nullptr;
                show_result();
            };
        });
}

const Project* RescuePage::result() const {
    if (kind_->currentIndex() == kBotch)
        return rescue_ ? &rescue_->project : nullptr;
    const int i = ways_->currentRow();
    if (!found_ || i < 0 || i >= static_cast<int>(found_->size()) ||
        (*found_)[static_cast<std::size_t>(i)].lost_g > 0)
        return nullptr; // to start again is no other plan
    return &(*found_)[static_cast<std::size_t>(i)].project;
}

void RescuePage::show_result() {
    const Project& p = document_->planned_project();
    const auto time = [](double s) {
        return QString(s < 0 ? QStringLiteral("−") : QStringLiteral("+")) +
               QString::fromStdString(duration(std::abs(s)));
    };
    moves_->setRowCount(0);
    ways_->setRowCount(0);
    steps_->clear();
    look_->clear();
    bands_->show_bands({}, {}, 0);
    if (rescue_) {
        const Rescue& r = *rescue_;
        bands_->show_bands(r.bands, p.filaments,
                           document_->plan() ? document_->plan()->grid.top_mm(r.at_layer) : 0);
        QStringList says{
            tr("%n layer(s) more of %1", nullptr, r.extra).arg(QString::fromStdString(r.filaments))};
        if (std::abs(r.error_mm) > 0.005)
            says << (r.error_mm > 0 ? tr("ends %1 mm higher than planned").arg(number(r.error_mm, 2))
                                    : tr("ends %1 mm lower than planned").arg(number(-r.error_mm, 2)));
        if (r.look_mean >= 0)
            says << tr("the picture looks ΔE %1 otherwise on average, %2 at most")
                        .arg(number(r.look_mean, 1), number(r.look_worst, 1));
        look_->setText(says.join(QStringLiteral(" · ")));
        moves_->setRowCount(static_cast<int>(r.moves.size()));
        for (int i = 0; i < moves_->rowCount(); ++i) {
            const Rescue::Move& m = r.moves[static_cast<std::size_t>(i)];
            const Change& c = r.plan->changes[static_cast<std::size_t>(m.change)];
            set_row(moves_, i,
                    {tr("%1 to %2")
                         .arg(QChar::fromLatin1(p.filaments[static_cast<std::size_t>(c.from)].letter))
                         .arg(QChar::fromLatin1(p.filaments[static_cast<std::size_t>(c.to)].letter)),
                     QString::number(m.from_layer), QString::number(m.to_layer)});
        }
        int n = 0;
        for (const Message& m : r.steps)
            steps_->addItem(QStringLiteral("%1.  %2").arg(++n).arg(words(m)));
        for (const Message& m : r.cautions) {
            auto* item = new QListWidgetItem(QStringLiteral("▲  %1").arg(words(m)), steps_);
            item->setForeground(Theme::current().bad);
        }
    }
    if (found_) {
        ways_->setRowCount(static_cast<int>(found_->size()));
        for (int i = 0; i < ways_->rowCount(); ++i) {
            const WayOut& w = (*found_)[static_cast<std::size_t>(i)];
            set_row(ways_, i,
                    {words(w.name), w.delta_e > 0 ? tr("ΔE %1").arg(number(w.delta_e, 1)) : tr("none"),
                     tr("%1 g").arg((w.more_g < 0 ? QStringLiteral("−") : QStringLiteral("+")) +
                                    number(std::abs(w.more_g), 1)),
                     time(w.more_s), QString::number(w.plan->totals.changes)},
                    words(w.says) + (w.lost_g > 0 ? QLatin1Char(' ') +
                                                        tr("Lost: %1 g and %2.")
                                                            .arg(number(w.lost_g, 1),
                                                                 QString::fromStdString(duration(w.lost_s)))
                                                  : QString()));
        }
        ways_->resizeRowsToContents();
        if (ways_->rowCount())
            ways_->selectRow(0);
        for (const QString& text :
             {tr("Pause the printer, do not stop it; one that gets no command for a while lets go of its "
                 "position."),
              tr("Save the plan that was running first, under another name."),
              tr("Take the way on; then look at the run sheet again: later changes may stand elsewhere."),
              tr("Stay for the first two layers.")})
            steps_->addItem(QStringLiteral("%1.  %2").arg(steps_->count() + 1).arg(text));
        auto* item = new QListWidgetItem(
            QStringLiteral("▲  %1").arg(
                tr("Nozzle and bed are hot: keep hands and sleeves out of a machine that may move.")),
            steps_);
        item->setForeground(Theme::current().bad);
    }
    if (!document_->plan())
        why_->setText(
            tr("Once there is a plan, what can be done about a layer that went wrong stands here."));
    take_->setEnabled(result() != nullptr);
    rest_->setEnabled(rescue_ != nullptr);
}

void RescuePage::take() {
    if (!result())
        return;
    if (document_->path().isEmpty())
        return Q_EMIT said(
            tr("Save the project first: the plan that is running has to be kept before it is changed."));
    const QFileInfo file(document_->path());
    const QString backup =
        file.path() + QLatin1Char('/') + file.completeBaseName() +
        tr("-before-rescue-%1")
            .arg(QDateTime::fromSecsSinceEpoch(store_->now()).toString(QStringLiteral("yyyyMMdd-HHmm"))) +
        QStringLiteral(".vitrail");
    working_ = true;
    auto project = std::make_shared<const Project>(*result());
    std::shared_ptr<const Plan> plan =
        rescue_ ? rescue_->plan : (*found_)[static_cast<std::size_t>(ways_->currentRow())].plan;
    document_->background()->run(
        this,
        [this, backup, project, plan,
         was = document_->project()](const std::stop_token&) -> Background::Then {
            auto ok = std::make_shared<Status>(save_project(was, backup.toStdString()));
            auto plate = std::make_shared<RunPlate>(run_plate(*project, *plan));
            return [this, ok, backup, project, plate] {
                working_ = false;
                if (!*ok)
                    return Q_EMIT said(
                        tr("Nothing was changed: the plan that is running could not be kept as %1. %2")
                            .arg(QFileInfo(backup).fileName(), words(ok->error().message)));
                document_->edit(tr("Rescue the print"), [&](Project& p) { p = *project; });
                if (const Run* run =
                        store_->under_way_of(document_->path(), document_->title().toStdString()))
                    store_->set_plate(run->id, run_state(*run, store_->now()).plate, *plate);
                Q_EMIT said(tr("The rescue is the plan now; the one that was running is kept as %1. The run "
                               "sheet is a new one.")
                                .arg(QFileInfo(backup).fileName()));
            };
        });
}

void RescuePage::ask_rest() {
    QString printed = printed_;
    if (printed.isEmpty())
        printed = QFileDialog::getOpenFileName(this, tr("Which file was being printed?"),
                                               QFileInfo(document_->path()).path(),
                                               tr("Toolpath files (*.gcode *.gco *.g *.nc);;All files (*)"));
    if (printed.isEmpty())
        return;
    const QFileInfo info(printed);
    const QString path = QFileDialog::getSaveFileName(
        this, tr("Write the rest of %1").arg(info.fileName()),
        info.path() + QLatin1Char('/') + info.completeBaseName() + tr("-rest.") + info.suffix(),
        tr("Toolpath files (*.gcode *.gco *.g *.nc);;All files (*)"));
    if (!path.isEmpty())
        write_rest(printed, path);
}

void RescuePage::write_rest(const QString& printed, const QString& path) {
    if (!rescue_)
        return;
    working_ = true;
    document_->background()->run(
        this,
        [this, printed, path, r = rescue_, b = botch()](const std::stop_token& stop) -> Background::Then {
            auto ok = std::make_shared<Status>(Done{});
            const auto file = read_toolpath(printed.toStdString(), r->project.machine.motion,
                                            file_words(r->project.machine.commands), {stop, {}});
            *ok = file ? ::vitrail::write_rest(printed.toStdString(), path.toStdString(), *file, *r, b,
                                               {stop, {}})
                       : Status(file.error());
            return [this, ok, path] {
                working_ = false;
                Q_EMIT said(*ok ? tr("%1 was written, read again and proven. Look through its first lines "
                                     "before you start it: they heat and move the printer.")
                                      .arg(QFileInfo(path).fileName())
                                : tr("%1 was not written. %2")
                                      .arg(QFileInfo(path).fileName(), words(ok->error().message)));
            };
        });
}

} // namespace vitrail

#include "moc_rescue_page.cpp"
