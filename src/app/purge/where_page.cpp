#include "app/purge/where_page.h"

#include "app/document/document.h"
#include "app/document/study.h"
#include "app/parts/panel.h"
#include "app/parts/settings_form.h"
#include "app/parts/tables.h"
#include "app/plate_view/plate_view.h"
#include "app/purge/where_views.h"
#include "core/base/numbers.h"
#include "core/estimate/timeline.h"
#include "core/run_sheet/run_sheet.h"
#include "paint/words.h"

#include <QFormLayout>
#include <QHeaderView>
#include <QListWidget>
#include <QPushButton>
#include <QScrollArea>
#include <QSignalBlocker>
#include <QSplitter>
#include <QTableWidget>

namespace vitrail {

WherePage::WherePage(Document* document, ViewState* view, QWidget* parent)
    : QWidget(parent), document_(document), table_(make_table("purge_options", tr("Ways for purge compared"),
                                                              {{tr("way")},
                                                               {tr("purge"), 4, true},
                                                               {tr("tower"), 4, true},
                                                               {tr("waste"), 4, true},
                                                               {tr("saves"), 4, true},
                                                               {tr("put to use"), 4.7, true},
                                                               {tr("time"), 4.4, true}})),
      use_(new QPushButton(tr("&Use this"))), tower_(new QLabel), pieces_(new QListWidget) {
    auto* layers = new Panel(tr("What each layer's purge becomes"));
    layers->body()->addWidget(new FlowView(document, view), 1);
    auto* options = new Panel(tr("What each way would waste"));
    use_->setObjectName(QStringLiteral("use_option"));
    options->add_to_heading(use_);
    table_->horizontalHeaderItem(1)->setToolTip(tr("Purge that serves nothing"));
    table_->horizontalHeaderItem(2)->setToolTip(tr("Fill of tower and skirt, ooze wall"));
    table_->horizontalHeaderItem(3)->setToolTip(
        tr("Everything thrown away: purge, tower, support and interface"));
    options->body()->addWidget(table_, 1);

    auto* plate = new Panel(tr("The plate"));
    plate->body()->addWidget(new PlateView(document, view, PlateView::Use::look), 1);
    tower_->setObjectName(QStringLiteral("tower_says"));
    tower_->setWordWrap(true);
    plate->body()->addWidget(tower_);

    auto* how = new Panel(tr("How"));
    auto* scroll = new QScrollArea;
    scroll->setFocusPolicy(Qt::NoFocus); // what is in it has the focus, and is scrolled to
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    auto* inside = new SettingsForm(document, {"purge.to", "purge.infill", "purge.support", "tower.shape",
                                               "tower.width", "tower.infill", "tower.slenderness",
                                               "skirt.loops", "skirt.gap", "ooze.wall", "ooze.gap"});
    pieces_->setObjectName(QStringLiteral("takes_purge"));
    pieces_->setAccessibleName(tr("Parts whose colours do not matter"));
    pieces_->setToolTip(tr("A ticked part is a second piece: it is printed from purge as far as there is "
                           "any, and else in whatever is loaded"));
    pieces_->setMaximumHeight(em(8));
    pieces_->setStyleSheet(QStringLiteral("QListView::item { padding: 2px 0; }"));
    inside->form()->addRow(tr("Second piece"), pieces_);
    scroll->setWidget(inside);
    how->body()->addWidget(scroll, 1);

    auto* left = make_splitter("where.left", Qt::Vertical, {layers, options}, {190, 250});
    auto* all = make_splitter("where.all", Qt::Horizontal, {left, plate, how}, {620, 230, 300});
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(all);

    study_ = new Study(document, this,
                       [this](const Project& project, const std::shared_ptr<const Plan>& plan,
                              const Progress& progress) -> std::function<void()> {
                           auto result = std::make_shared<Result<std::vector<PurgeOption>>>(
                               purge_options(project, *plan, progress));
                           return [this, result] {
                               options_ = *result ? **result : std::vector<PurgeOption>{};
                               show_options();
                           };
                       });
    connect(table_, &QTableWidget::currentCellChanged, this, [this](int r) {
        use_->setEnabled(r >= 0 && r < static_cast<int>(options_.size()) &&
                         options_[static_cast<std::size_t>(r)].apply);
    });
    connect(use_, &QPushButton::clicked, this, [this] {
        const int r = table_->currentRow();
        if (r < 0 || r >= static_cast<int>(options_.size()) || !options_[static_cast<std::size_t>(r)].apply)
            return;
        const PurgeOption chosen = options_[static_cast<std::size_t>(r)];
        document_->edit(tr("Purge: %1").arg(words(chosen.label)), chosen.apply);
    });
    connect(table_, &QTableWidget::cellDoubleClicked, use_, &QPushButton::click);
    connect(pieces_, &QListWidget::itemChanged, this, [this](QListWidgetItem* item) {
        const std::string name = item->text().toStdString();
        const bool on = item->checkState() == Qt::Checked;
        const PartAt at = find_part(document_->project(), name);
        if (at.part >= 0 && document_->project()
                                    .pieces[static_cast<std::size_t>(at.piece)]
                                    .parts[static_cast<std::size_t>(at.part)]
                                    .takes_purge != on)
            document_->edit(on ? tr("Let a part take purge") : tr("Print a part in its own colour"),
                            [&](Project& p) {
                                change_part(p, name, [on](Piece&, Part& part) { part.takes_purge = on; });
                            });
    });
    connect(document, &Document::plan_changed, this, &WherePage::refresh);
    connect(document, &Document::project_changed, this, &WherePage::refresh);
    refresh();
    show_options();
}

void WherePage::refresh() {
    const Project& p = document_->project();
    {
        const QSignalBlocker quiet(pieces_);
        pieces_->clear();
        for (const Piece& piece : p.pieces)
            for (const Part& part : piece.parts) {
                auto* item = new QListWidgetItem(QString::fromStdString(part.name), pieces_);
                item->setFlags(Qt::ItemIsEnabled | Qt::ItemIsUserCheckable | Qt::ItemIsSelectable);
                item->setCheckState(part.takes_purge ? Qt::Checked : Qt::Unchecked);
            }
    }
    const auto plan = document_->plan();
    if (!plan)
        return tower_->setText(QString());
    QString text;
    const Tower& t = plan->tower;
    if (t.layers) {
        text = tr("The tower is %1 mm square and %2 mm tall, %3 times its width; it takes %4 g, %5 % of all "
                  "filament, of which %6 g only carry.")
                   .arg(number(t.width_mm, 1))
                   .arg(number(t.height_mm, 1))
                   .arg(number(t.slenderness(), 1))
                   .arg(number(tower_g(*plan), 1))
                   .arg(number(100 * tower_share(*plan), 0))
                   .arg(number(plan->totals.tower_g - plan->totals.skirt_g - plan->totals.ooze_g, 1));
        if (t.columns.size() > 1)
            text += t.columns[1].from_layer > 1 ? tr(" From layer %1 on it is %2 mm wide.")
                                                      .arg(t.columns[1].from_layer)
                                                      .arg(number(t.columns[1].width_mm, 1))
                                                : tr(" A second one, %1 mm wide, ends with layer %2.")
                                                      .arg(number(t.columns[1].width_mm, 1))
                                                      .arg(t.columns[1].to_layer);
    } else if (plan->skirt.layers) {
        text = tr("The skirt is %1 layers tall; %2 mm³ of purge find no room in it and are thrown out.")
                   .arg(plan->skirt.layers)
                   .arg(number(plan->skirt.overflow_mm3, 0));
    } else {
        text = tr("No tower: what nothing has use for is thrown out.");
    }
    if (plan->ooze.layers)
        text += tr(" The ooze wall takes %1 g, up to layer %2.")
                    .arg(number(plan->totals.ooze_g, 1))
                    .arg(plan->ooze.layers);
    if (!plan->plate.towers.empty())
        text +=
            tr(" It stands %1 mm from the middle of the pieces.").arg(number(plan->plate.tower_away_mm, 0));
    if (!plan->plate.fits)
        text += tr(" Not everything fits the bed.");
    tower_->setText(text);
}

void WherePage::show_options() {
    const QSignalBlocker quiet(table_);
    table_->setRowCount(static_cast<int>(options_.size()));
    for (std::size_t i = 0; i < options_.size(); ++i) {
        const PurgeOption& o = options_[i];
        const double wasted = waste_g(o.totals), saves = waste_g(options_.front().totals) - wasted;
        set_row(table_, static_cast<int>(i),
                {words(o.label), tr("%1 g").arg(number(o.totals.purge_g, 1)),
                 tr("%1 g").arg(number(o.totals.tower_g, 1)), tr("%1 g").arg(number(wasted, 1)),
                 o.now ? QString()
                       : QStringLiteral("%1%2")
                                 .arg(saves < -0.05 ? QStringLiteral("−") : QString())
                                 .arg(number(std::abs(saves) < 0.05 ? 0.0 : std::abs(saves), 1)) +
                             tr(" g"),
                 tr("%1 g").arg(number(o.totals.useful_purge_g, 1)),
                 QString::fromStdString(duration(o.totals.total_s))},
                words(o.detail), o.now);
        if (!o.now && saves > 0.05)
            table_->item(static_cast<int>(i), 4)->setForeground(Theme::current().good);
    }
    use_->setEnabled(false);
}

} // namespace vitrail

#include "moc_where_page.cpp"
