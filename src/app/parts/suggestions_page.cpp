#include "app/parts/suggestions_page.h"

#include "app/document/document.h"
#include "app/document/study.h"
#include "app/parts/panel.h"
#include "app/parts/tables.h"
#include "core/base/numbers.h"
#include "core/run_sheet/run_sheet.h"
#include "paint/words.h"

#include <QCheckBox>
#include <QHeaderView>
#include <QProgressBar>
#include <QPushButton>
#include <QSignalBlocker>
#include <QTableWidget>

#include <atomic>
#include <cmath>

namespace vitrail {

namespace {

/// "−3.2 g", "+1 min", "±0".
QString signed_text(double d, int decimals, const QString& unit) {
    if (std::abs(d) < 0.5 * std::pow(10.0, -decimals))
        return QStringLiteral("±0");
    return (d > 0 ? QStringLiteral("+") : QStringLiteral("−")) + number(std::abs(d), decimals) +
           (unit.isEmpty() ? unit : QStringLiteral(" ") + unit);
}

} // namespace

SuggestionsPage::SuggestionsPage(Document* document, Words said, Work work, QWidget* parent)
    : QWidget(parent), document_(document), words_(std::move(said)),
      table_(make_table("suggestions", tr("Suggestions"),
                        {{tr("what")},
                         {tr("changes"), 4.4, true},
                         {tr("purge"), 4.8, true},
                         {tr("tower"), 4.8, true},
                         {tr("waste"), 4.8, true},
                         {tr("by hand"), 4.4, true},
                         {tr("time"), 5.2, true},
                         {tr("gives up"), 14}})),
      detail_(new QLabel), empty_(new QLabel),
      preview_(new QPushButton(icon(QStringLiteral("eye")), tr("&Preview"))),
      apply_(new QPushButton(icon(QStringLiteral("check")), tr("&Apply"))),
      stop_(new QPushButton(tr("Stop"))), poses_(new QCheckBox(tr("other &poses too"))),
      bar_(new QProgressBar) {
    auto* panel = new Panel(words_.title);
    bar_->setRange(0, 100);
    bar_->setMaximumWidth(em(12));
    bar_->setAccessibleName(tr("Working suggestions out"));
    poses_->setObjectName(QStringLiteral("with_poses"));
    poses_->setToolTip(
        tr("Plans every pose the piece can stand in, which slices it again for each: takes a while."));
    for (QWidget* w : std::initializer_list<QWidget*>{bar_, stop_, poses_})
        panel->add_to_heading(w);
    auto* note = new QLabel(words_.note);
    note->setObjectName(QStringLiteral("quiet"));
    note->setWordWrap(true);
    panel->body()->addWidget(note);
    panel->body()->addWidget(table_, 1);
    empty_->setObjectName(QStringLiteral("quiet"));
    empty_->setAlignment(Qt::AlignCenter);
    empty_->setWordWrap(true);
    panel->body()->addWidget(empty_, 1);
    detail_->setObjectName(QStringLiteral("suggestion_detail"));
    detail_->setWordWrap(true);
    panel->body()->addWidget(detail_);
    auto* row = new QHBoxLayout;
    preview_->setObjectName(QStringLiteral("preview_suggestion"));
    preview_->setCheckable(true);
    preview_->setToolTip(
        tr("Shows the plan as it would be, everywhere in the window; nothing is changed yet"));
    apply_->setObjectName(QStringLiteral("apply_suggestion"));
    row->addWidget(preview_);
    row->addWidget(apply_);
    row->addStretch();
    panel->body()->addLayout(row);
    auto* all = new QVBoxLayout(this);
    all->setContentsMargins(0, 0, 0, 0);
    all->addWidget(panel);

    auto with_poses = std::make_shared<std::atomic<bool>>(false);
    study_ = new Study(document, this,
                       [this, with_poses, work = std::move(work)](
                           const Project& project, const std::shared_ptr<const Plan>& plan,
                           const Progress& progress) -> std::function<void()> {
                           auto result = std::make_shared<Result<std::vector<Suggestion>>>(
                               work(project, *plan, *with_poses, progress));
                           return [this, result] {
                               list_ = *result ? **result : std::vector<Suggestion>{};
                               fill();
                           };
                       });
    connect(poses_, &QCheckBox::toggled, this, [this, with_poses](bool on) {
        *with_poses = on;
        study_->start_anew();
    });
    connect(stop_, &QPushButton::clicked, study_, &Study::cancel);
    connect(study_, &Study::progress, this,
            [this](double share) { bar_->setValue(static_cast<int>(share * 100)); });
    connect(study_, &Study::running_changed, this, [this](bool on) {
        bar_->setVisible(on);
        stop_->setVisible(on);
        bar_->setValue(0);
        if (on)
            empty_->setText(tr("Working it out…"));
    });
    bar_->hide();
    stop_->hide();
    connect(study_, &Study::outdated, this, [this] {
        list_.clear();
        fill();
    });
    connect(document, &Document::preview_changed, this, [this](const QString& what) {
        const QSignalBlocker quiet(preview_);
        preview_->setChecked(!what.isEmpty());
    });
    connect(table_, &QTableWidget::currentCellChanged, this, [this] {
        document_->end_preview();
        show_current();
    });
    connect(preview_, &QPushButton::toggled, this, [this](bool on) {
        const Suggestion* s = current();
        if (!on || !s || !s->plan)
            return document_->end_preview();
        Project p = document_->project();
        s->apply(p);
        document_->preview(std::move(p), s->plan, words(s->label));
    });
    connect(apply_, &QPushButton::clicked, this, [this] {
        if (const Suggestion* s = current(); s && s->apply) {
            const Saving saved{s->code, waste_g(s->before) - waste_g(s->after),
                               s->before.total_s - s->after.total_s, s->before.cost - s->after.cost};
            document_->edit(words(s->label), [apply = s->apply, saved](Project& p) {
                apply(p);
                p.taken.push_back(saved);
            });
        }
    });
    fill();
}

void SuggestionsPage::hideEvent(QHideEvent* e) {
    document_->end_preview();
    QWidget::hideEvent(e);
}

const Suggestion* SuggestionsPage::current() const {
    const int r = table_->currentRow();
    return r >= 0 && r < static_cast<int>(list_.size()) ? &list_[static_cast<std::size_t>(r)] : nullptr;
}

void SuggestionsPage::fill() {
    {
        const QSignalBlocker quiet(table_);
        table_->setRowCount(static_cast<int>(list_.size()));
        for (std::size_t i = 0; i < list_.size(); ++i) {
            const Suggestion& s = list_[i];
            const Totals &b = s.before, &a = s.after;
            const double minutes = (a.total_s - b.total_s) / 60;
            set_row(table_, static_cast<int>(i),
                    {words(s.label), signed_text(a.changes - b.changes, 0, {}),
                     signed_text(a.purge_g - b.purge_g, 1, tr("g")),
                     signed_text(a.tower_g - b.tower_g, 1, tr("g")),
                     signed_text(waste_g(a) - waste_g(b), 1, tr("g")),
                     signed_text(a.hand_swaps + a.refills - b.hand_swaps - b.refills, 0, {}),
                     signed_text(minutes, 0, tr("min")),
                     s.only_told           ? tr("so already")
                     : !s.gives_up.empty() ? words(s.gives_up)
                     : s.loss_mm3 > 0.5    ? tr("%1 mm³ recoloured").arg(number(s.loss_mm3, 0))
                                           : tr("nothing")},
                    words(s.detail));
        }
        if (!list_.empty())
            table_->selectRow(0);
    }
    const bool any = !list_.empty();
    table_->horizontalHeaderItem(2)->setToolTip(tr("Purge that serves nothing"));
    table_->horizontalHeaderItem(3)->setToolTip(tr("Fill of tower and skirt, ooze wall"));
    table_->horizontalHeaderItem(4)->setToolTip(
        tr("Everything thrown away: purge, tower, support and interface"));
    table_->setVisible(any);
    detail_->setVisible(any);
    empty_->setVisible(!any);
    empty_->setText(study_->running() || document_->planning() ? tr("Working it out…")
                    : document_->plan()                        ? words_.nothing
                                                               : words_.no_plan);
    show_current();
}

void SuggestionsPage::show_current() {
    const Suggestion* s = current();
    preview_->setEnabled(s && s->plan);
    apply_->setEnabled(s && s->apply && !s->only_told);
    detail_->setText(!s ? QString()
                        : tr("%1. Now %2 changes, %3 g and %4; then %5 changes, %6 g and %7.")
                              .arg(words(s->detail))
                              .arg(s->before.changes)
                              .arg(number(waste_g(s->before), 1))
                              .arg(QString::fromStdString(duration(s->before.total_s)))
                              .arg(s->after.changes)
                              .arg(number(waste_g(s->after), 1))
                              .arg(QString::fromStdString(duration(s->after.total_s))));
}

} // namespace vitrail

#include "moc_suggestions_page.cpp"
