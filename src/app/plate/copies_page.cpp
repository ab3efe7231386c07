#include "app/plate/copies_page.h"

#include "app/document/document.h"
#include "app/document/study.h"
#include "app/parts/panel.h"
#include "app/parts/settings_form.h"
#include "app/parts/tables.h"
#include "app/plate/copies_view.h"
#include "core/base/numbers.h"
#include "paint/words.h"

#include <QHeaderView>
#include <QPushButton>
#include <QSplitter>
#include <QTableWidget>

#include <algorithm>

namespace vitrail {

namespace {

constexpr int kLeastShown = 12, kMostShown = 60;

QString time_text(double s) {
    return QString::fromStdString(duration(s));
}

} // namespace

CopiesPage::CopiesPage(Document* document, QWidget* parent)
    : QWidget(parent), document_(document), view_(new CopiesView), says_(new QLabel), apart_(new QLabel),
      print_(new QPushButton(tr("&Print so many"))),
      chain_(new QPushButton(tr("Print them one &after another"))) {
    auto* curve = new Panel(tr("One piece, of so many printed together"));
    curve->set_aside(tr("changes are paid once for the plate"));
    curve->body()->addWidget(view_, 1);
    says_->setObjectName(QStringLiteral("copies_say"));
    says_->setWordWrap(true);
    curve->body()->addWidget(says_);

    auto* chosen = new Panel(tr("This many"));
    figures_ = make_table("copies_figures", tr("Figures of this many copies"),
                          {{QString()}, {tr("in all"), 6.5, true}, {tr("each"), 6.5, true}});
    figures_->setSelectionMode(QAbstractItemView::NoSelection);
    figures_->setFocusPolicy(Qt::NoFocus);
    figures_->verticalHeader()->setDefaultSectionSize(em(1.5));
    chosen->body()->addWidget(figures_, 1);
    print_->setObjectName(QStringLiteral("print_copies"));
    chosen->add_to_heading(print_);

    auto* apart = new Panel(tr("One after another instead"));
    apart_->setObjectName(QStringLiteral("one_by_one"));
    apart_->setWordWrap(true);
    apart->body()->addWidget(apart_);
    auto* caution = new QLabel(tr("Between two pieces the head travels low over the bed. Check the clearance "
                                  "on your machine before the first time, and stay with it."));
    caution->setObjectName(QStringLiteral("quiet"));
    caution->setWordWrap(true);
    apart->body()->addWidget(caution);

    chain_->setObjectName(QStringLiteral("print_chain"));
    chain_->setToolTip(tr("The plate becomes one piece, printed so many times: each run of it begins by "
                          "itself beside the last. The Run bench has all of them on the clock"));
    apart->body()->addWidget(chain_);

    auto* settings = new Panel(tr("What counts"));
    settings->body()->addWidget(
        new SettingsForm(document, {"plate.enough", "printer_cost", "attended_cost"}));

    auto* side = new QWidget;
    auto* column = new QVBoxLayout(side);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(em(0.6));
    column->addWidget(chosen, 1);
    column->addWidget(apart);
    column->addWidget(settings);
    auto* all = new QVBoxLayout(this);
    all->setContentsMargins(0, em(0.5), 0, 0);
    all->addWidget(make_splitter("plate.copies", Qt::Horizontal, {curve, side}, {720, 420}));

    study_ = new Study(
        document, this,
        [this](const Project& p, const std::shared_ptr<const Plan>& plan,
               const Progress& progress) -> std::function<void()> {
            // Far enough to see the plate fill up, and what the next one brings.
            auto most = most_copies(p, *plan, progress);
            const int to =
                most ? std::clamp(*most + std::max(2, *most / 2), kLeastShown, kMostShown) : kLeastShown;
            auto curve_now = std::make_shared<Result<CopiesCurve>>(copies_curve(p, *plan, 1, to, progress));
            auto one = std::make_shared<Result<OneByOne>>(one_by_one(p, *plan, progress));
            return [this, curve_now, one] {
                curve_ = *curve_now ? std::optional(**curve_now) : std::nullopt;
                one_by_one_ = *one ? std::optional(**one) : std::nullopt;
                error_ = *curve_now ? QString() : words(curve_now->error().message);
                show_curve();
            };
        });
    connect(document, &Document::plan_changed, this, [this] {
        if (!document_->plan()) {
            curve_.reset();
            one_by_one_.reset();
            show_curve();
        }
    });
    connect(view_, &CopiesView::chosen_changed, this, &CopiesPage::show_chosen);
    connect(print_, &QPushButton::clicked, this, [this] {
        document_->edit(tr("Change how many are printed together"),
                        [n = view_->chosen()](Project& p) { p.settings.copies = n; });
    });
    connect(chain_, &QPushButton::clicked, this, [this] {
        document_->edit(tr("Print one after another"), [](Project& p) {
            p.settings.times = count_of_all(p);
            p.settings.copies = 1;
            p.settings.by_itself = true;
        });
    });
    show_curve();
}

void CopiesPage::show_curve() {
    const Project& p = document_->planned_project();
    view_->show_curve(curve_ && curve_->most > 0 ? curve_ : std::nullopt, p.settings,
                      document_->project().settings.copies);
    if (!curve_)
        says_->setText(document_->plan()
                           ? error_.isEmpty() ? tr("Working it out…") : error_
                           : tr("Once there is a plan, what more copies at once would cost stands here."));
    else if (curve_->most == 0)
        says_->setText(
            tr("Not even one of everything fits on the bed: turn it, scale it, or choose another machine."));
    else {
        QString text = curve_->pieces > 1 ? tr("%n of everything fit on one plate", nullptr, curve_->most)
                                          : tr("%n fit on one plate", nullptr, curve_->most);
        text += curve_->enough_price > 0 ? tr("; from %1 on another gains less than %2 % of a piece's price.")
                                               .arg(curve_->enough_price)
                                               .arg(number(p.settings.enough_pct))
                                         : tr("; each one more still gains over %1 % of a piece's price.")
                                               .arg(number(p.settings.enough_pct));
        says_->setText(text);
    }
    show_chosen();
}

void CopiesPage::show_chosen() {
    const bool any = curve_ && curve_->most > 0;
    figures_->setRowCount(0);
    const Settings& s = document_->planned_project().settings;
    if (any) {
        const CopiesPoint& x = curve_->points[static_cast<std::size_t>(view_->chosen()) - 1];
        const double each = x.n * curve_->pieces;
        const QString dash = QStringLiteral("–");
        const QStringList rows[] = {{tr("plates"), QString::number(x.plates), dash},
                                    {tr("changes"), QString::number(x.changes), number(x.changes / each, 1)},
                                    {tr("thrown away"), tr("%1 g").arg(number(x.waste_g, 1)),
                                     tr("%1 g").arg(number(x.waste_g / each, 2))},
                                    {tr("time"), time_text(x.total_s), time_text(x.total_s / each)},
                                    {tr("material"), money_text(s, x.cost), money_text(s, x.cost / each)},
                                    {tr("all in"), money_text(s, x.price), money_text(s, x.price / each)},
                                    {tr("lost if it fails late"), tr("%1 g").arg(number(x.stake_g, 0)),
                                     tr("%1 %").arg(number(100 * x.stake_share, 0))},
                                    {tr("hours lost then"), time_text(x.stake_s), QString()}};
        const QString tips[] = {
            {},
            tr("Changes are those of the plate, not of the piece"),
            tr("Purge, tower and support"),
            {},
            tr("Filament, and your own hours where they have a price"),
            tr("Filament, the printer's hours and one's own: by this ways to print are compared"),
            tr("A failure in the last layer takes everything on the plate with it; at the right the share of "
               "all pieces that are wanted"),
            {}};
        figures_->setRowCount(static_cast<int>(std::size(rows)));
        for (int i = 0; i < figures_->rowCount(); ++i)
            set_row(figures_, i, rows[i], tips[i]);
    }
    const int n = view_->chosen();
    print_->setEnabled(any && n <= curve_->most && n != document_->project().settings.copies);
    print_->setText(any ? tr("&Print %1 together").arg(n) : tr("&Print so many"));
    print_->setToolTip(any && n > curve_->most ? tr("They take several plates: write an order for them")
                                               : QString());
    chain_->setVisible(one_by_one_ && one_by_one_->possible &&
                       document_->planned_project().pieces.size() == 1);
    if (!one_by_one_)
        apart_->setText(any ? tr("Working it out…") : QString());
    else if (!one_by_one_->possible)
        apart_->setText(tr("Not offered. %1").arg(words(one_by_one_->why_not)));
    else
        apart_->setText(tr("%1 changes instead of %2, %3 g thrown away instead of %4, %5 instead of %6. A "
                           "failure loses %7 g instead of %8. It needs %9 between the pieces.")
                            .arg(one_by_one_->changes)
                            .arg(one_by_one_->changes_together)
                            .arg(number(one_by_one_->waste_g, 1), number(one_by_one_->waste_together_g, 1),
                                 time_text(one_by_one_->total_s), time_text(one_by_one_->total_together_s))
                            .arg(number(one_by_one_->stake_g, 0), number(one_by_one_->stake_together_g, 0),
                                 tr("%1 mm").arg(number(one_by_one_->apart_mm, 0))));
}

} // namespace vitrail

#include "moc_copies_page.cpp"
