#include "app/supports/interface_page.h"

#include "app/document/document.h"
#include "app/document/shelf_store.h"
#include "app/document/study.h"
#include "app/parts/panel.h"
#include "app/parts/settings_form.h"
#include "app/parts/tables.h"
#include "core/after_print/guide.h"
#include "core/base/numbers.h"
#include "core/run_sheet/run_sheet.h"
#include "paint/words.h"

#include <QListWidget>
#include <QPushButton>
#include <QScrollArea>
#include <QSignalBlocker>
#include <QSplitter>
#include <QTableWidget>

namespace vitrail {

InterfacePage::InterfacePage(Document* document, QWidget* parent)
    : QWidget(parent), document_(document), table_(make_table("tuning", tr("Interfaces compared"),
                                                              {{tr("layers"), 3.4, true},
                                                               {tr("density"), 4.2, true},
                                                               {tr("face above"), 0},
                                                               {tr("interface"), 4.8, true},
                                                               {tr("changes"), 4.4, true},
                                                               {tr("in layers"), 4.6, true},
                                                               {tr("purge, tower"), 6, true},
                                                               {tr("time"), 4.6, true},
                                                               {tr("cost"), 3.8, true}})),
      says_(new QLabel), drying_(new QListWidget),
      use_(new QPushButton(icon(QStringLiteral("check")), tr("&Use this"))),
      dried_(new QPushButton(tr("Dried &today"))) {
    auto* tuning = new Panel(tr("How many layers, how dense"));
    use_->setObjectName(QStringLiteral("use_tuning"));
    tuning->add_to_heading(use_);
    says_->setObjectName(QStringLiteral("quiet"));
    says_->setWordWrap(true);
    tuning->body()->addWidget(says_);
    tuning->body()->addWidget(table_, 1);
    table_->horizontalHeaderItem(2)->setToolTip(
        tr("From memory, but for one fact of the trade: 5 layers at 75 % left a slightly open ceiling. More "
           "layers or more density where it comes out ragged"));
    table_->horizontalHeaderItem(5)->setToolTip(tr("Layers of the print that have interface; each costs up "
                                                   "to two changes, fewer where neighbours share them"));

    auto* damp = new Panel(tr("Materials that draw moisture"));
    drying_->setObjectName(QStringLiteral("drying"));
    drying_->setAccessibleName(tr("What has to be dried before this print"));
    drying_->setWordWrap(true);
    dried_->setObjectName(QStringLiteral("dried_today"));
    dried_->setToolTip(tr("Notes that the chosen filament has been dried today and is kept closed"));
    damp->add_to_heading(dried_);
    damp->body()->addWidget(drying_, 1);
    auto* caution = new QLabel(tr("In a dryer, not in an oven used for food."));
    caution->setObjectName(QStringLiteral("quiet"));
    caution->setWordWrap(true);
    damp->body()->addWidget(caution);
    auto* model = new Panel(tr("What cleaning up takes"));
    auto* scroll = new QScrollArea;
    scroll->setFocusPolicy(Qt::NoFocus); // what is in it has the focus, and is scrolled to
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setWidget(
        new SettingsForm(document, {"cleanup.same", "cleanup.release", "cleanup.soluble", "cleanup.unreached",
                                    "soak.start", "soak.per_cm3", "soak.water"}));
    model->body()->addWidget(scroll, 1);
    auto* side = make_splitter("interface.side", Qt::Vertical, {damp, model}, {240, 240});
    auto* all = make_splitter("interface.all", Qt::Horizontal, {tuning, side}, {800, 330});
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(all);

    study_ = new Study(document, this,
                       [this](const Project& project, const std::shared_ptr<const Plan>& plan,
                              const Progress& progress) -> std::function<void()> {
                           auto result = std::make_shared<Result<std::vector<Tuning>>>(
                               tune_interface(project, *plan, progress));
                           return [this, result] {
                               rows_ = *result ? **result : std::vector<Tuning>{};
                               fill();
                           };
                       });
    connect(study_, &Study::outdated, this, [this] {
        rows_.clear();
        fill();
    });
    connect(study_, &Study::running_changed, this, [this](bool on) {
        if (on)
            says_->setText(tr("Planning each…"));
    });
    connect(table_, &QTableWidget::currentCellChanged, this, [this](int r) {
        use_->setEnabled(r >= 0 && r < static_cast<int>(rows_.size()) &&
                         !rows_[static_cast<std::size_t>(r)].now);
    });
    connect(use_, &QPushButton::clicked, this, [this] {
        if (const int r = table_->currentRow(); r >= 0 && r < static_cast<int>(rows_.size())) {
            const Tuning t = rows_[static_cast<std::size_t>(r)];
            document_->edit(tr("Interface of %1 layers at %2 %").arg(t.layers).arg(number(t.density_pct)),
                            t.apply);
        }
    });
    connect(table_, &QTableWidget::cellDoubleClicked, use_, &QPushButton::click);
    connect(drying_, &QListWidget::currentRowChanged, this, [this](int r) {
        dried_->setEnabled(r >= 0 && !drying_->item(r)->data(Qt::UserRole).toString().isEmpty());
    });
    connect(dried_, &QPushButton::clicked, this, [this] {
        if (QListWidgetItem* item = drying_->currentItem();
            item && !item->data(Qt::UserRole).toString().isEmpty()) {
            const char letter = item->data(Qt::UserRole).toString().front().toLatin1();
            document_->edit(tr("Note that %1 was dried").arg(QChar::fromLatin1(letter)),
                            [letter](Project& p) {
                                if (const int f = find_filament(p, letter); f >= 0) {
                                    p.filaments[static_cast<std::size_t>(f)].kept_dry = true;
                                    p.filaments[static_cast<std::size_t>(f)].dried_day = ShelfStore::today();
                                }
                            });
        }
    });
    connect(document, &Document::plan_changed, this, &InterfacePage::show_drying);
    fill();
    show_drying();
}

void InterfacePage::fill() {
    {
        const QSignalBlocker quiet(table_);
        table_->setRowCount(static_cast<int>(rows_.size()));
        for (std::size_t i = 0; i < rows_.size(); ++i) {
            const Tuning& t = rows_[i];
            set_row(table_, static_cast<int>(i),
                    {QString::number(t.layers), tr("%1 %").arg(number(t.density_pct, 0)),
                     t.now ? tr("%1 (now)").arg(words(t.ceiling.text)) : words(t.ceiling.text),
                     tr("%1 g").arg(number(t.totals.interface_g, 2)), QString::number(t.totals.changes),
                     QString::number(t.interface_layers),
                     tr("%1 + %2 g").arg(number(t.totals.purge_g, 1), number(t.totals.tower_g, 1)),
                     QString::fromStdString(duration(t.totals.total_s)),
                     money_text(document_->planned_project().settings, t.totals.cost)},
                    {}, t.now);
        }
    }
    use_->setEnabled(false);
    const auto plan = document_->plan();
    const Project& p = document_->planned_project();
    if (!plan)
        says_->setText(tr("Once there is a plan, interfaces of 2 to 5 layers stand here."));
    else if (!plan->held())
        says_->setText(tr("No support is planned: choose a school first."));
    else
        says_->setText(tr(
            "A gap of %n layer(s): the same material wants about one, a release or soluble one none. Each "
            "interface has been planned; the order within layers sees to it that neighbours share changes.",
            nullptr, static_cast<int>(p.settings.support_gap_layers)));
}

void InterfacePage::show_drying() {
    drying_->clear();
    dried_->setEnabled(false);
    const auto plan = document_->plan();
    if (plan) {
        const Project& p = document_->planned_project();
        for (std::size_t f = 0; f < p.filaments.size() && f < plan->use.size(); ++f) {
            const Filament& x = p.filaments[f];
            if (plan->use[f].printed_mm3() <= 0 || !facts(x.material).draws_moisture)
                continue;
            const DryingAdvice a = drying_advice(x, plan->totals.total_s);
            auto* item = new QListWidgetItem(
                icon(a.dry_first ? QStringLiteral("triangle-alert") : QStringLiteral("check")),
                tr("%1, %2 %3")
                    .arg(QChar::fromLatin1(x.letter))
                    .arg(QString::fromLatin1(facts(x.material).id), words(a.text())),
                drying_);
            item->setData(Qt::UserRole, QString(QChar::fromLatin1(x.letter)));
        }
    }
    if (!drying_->count())
        new QListWidgetItem(plan ? tr("Nothing in this print draws moisture.") : QString(), drying_);
}

} // namespace vitrail

#include "moc_interface_page.cpp"
