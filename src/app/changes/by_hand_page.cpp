#include "app/changes/by_hand_page.h"

#include "app/changes/jobs_dialog.h"
#include "app/document/background.h"
#include "app/document/document.h"
#include "app/document/study.h"
#include "app/parts/panel.h"
#include "core/base/numbers.h"
#include "core/run/commands.h"
#include "core/run_sheet/run_sheet.h"
#include "paint/job_files.h"
#include "paint/thumbnail.h"
#include "paint/words.h"

#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QHeaderView>
#include <QPushButton>
#include <QTableWidget>

#include <cmath>

namespace vitrail {

ByHandPage::ByHandPage(Document* document, QWidget* parent)
    : QWidget(parent), document_(document), advice_(new QLabel), skirt_(new QLabel), commands_(new QLabel),
      table_(new QTableWidget), bands_(new QPushButton(tr("Print it in &bands"))),
      parts_(new QPushButton(tr("Jobs by &colour…"))), lettering_(new QPushButton(tr("&Lettering first…"))),
      skirt_button_(new QPushButton(tr("Purge into a &skirt"))) {
    auto* ways = new Panel(tr("Three ways without a feeder"));
    advice_->setObjectName(QStringLiteral("advice"));
    advice_->setAccessibleName(tr("Advice"));
    advice_->setWordWrap(true);
    advice_->setFont(font_of(1.1, true));
    ways->body()->addWidget(advice_);
    table_->setObjectName(QStringLiteral("by_hand"));
    table_->setAccessibleName(tr("Ways by hand compared"));
    table_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    table_->setSelectionMode(QAbstractItemView::NoSelection);
    table_->setFocusPolicy(Qt::NoFocus);
    table_->setShowGrid(false);
    table_->setWordWrap(true);
    table_->setColumnCount(4);
    table_->setHorizontalHeaderLabels(
        {QString(), tr("swaps inside layers"), tr("one filament a layer"), tr("parts, put together")});
    table_->verticalHeader()->hide();
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    ways->body()->addWidget(table_, 1);
    auto* row = new QHBoxLayout;
    bands_->setObjectName(QStringLiteral("to_bands"));
    bands_->setToolTip(tr("Every layer in the filament that has most of it. Can be undone."));
    row->addWidget(bands_);
    parts_->setObjectName(QStringLiteral("to_jobs"));
    parts_->setToolTip(tr(
        "A project, a sheet and bodies for each colour, and a list of parts with pictures of where they go"));
    lettering_->setObjectName(QStringLiteral("to_lettering"));
    lettering_->setToolTip(
        tr("Job one prints the outlines of lettering on the first layer, job two the piece over it"));
    row->addWidget(parts_);
    row->addWidget(lettering_);
    row->addStretch();
    ways->body()->addLayout(row);

    auto* around = new Panel(tr("Around the swaps"));
    skirt_->setWordWrap(true);
    around->body()->addWidget(skirt_);
    skirt_button_->setObjectName(QStringLiteral("to_skirt"));
    auto* second = new QHBoxLayout;
    second->addWidget(skirt_button_);
    second->addStretch();
    around->body()->addLayout(second);
    commands_->setWordWrap(true);
    commands_->setTextFormat(Qt::RichText);
    commands_->setObjectName(QStringLiteral("commands"));
    around->body()->addWidget(commands_);
    auto* caution = new QLabel(tr("A swap is done at a hot nozzle: keep fingers off it and out of the "
                                  "machine, and cut filament away from your hand."));
    caution->setObjectName(QStringLiteral("quiet"));
    caution->setWordWrap(true);
    around->body()->addWidget(caution);
    around->body()->addStretch();

    auto* all = new QHBoxLayout(this);
    all->setContentsMargins(0, 0, 0, 0);
    all->setSpacing(em(0.6));
    all->addWidget(ways, 3);
    all->addWidget(around, 2);

    study_ = new Study(document, this,
                       [this](const Project& project, const std::shared_ptr<const Plan>& plan,
                              const Progress& progress) -> std::function<void()> {
                           auto result =
                               std::make_shared<Result<HandStudy>>(study_by_hand(project, *plan, progress));
                           return [this, result] {
                               result_ = *result ? std::optional(**result) : std::nullopt;
                               show_study();
                           };
                       });
    connect(document, &Document::plan_changed, this, [this] {
        if (!document_->plan())
            result_.reset();
        show_study();
    });
    connect(bands_, &QPushButton::clicked, this, [this] {
        if (result_ && result_->ways[1].apply)
            document_->edit(tr("One filament a layer"), result_->ways[1].apply);
    });
    connect(parts_, &QPushButton::clicked, this, [this] { ask_jobs(false); });
    connect(lettering_, &QPushButton::clicked, this, [this] { ask_jobs(true); });
    connect(skirt_button_, &QPushButton::clicked, this, [this] {
        document_->edit(tr("Purge into a skirt"), [](Project& p) { p.settings.purge_to = PurgeTo::skirt; });
    });
    show_study();
}

/// Shows the jobs before anything is written.
void ByHandPage::ask_jobs(bool lettering) {
    const auto plan = document_->plan();
    if (!plan || document_->planning() || document_->previewing())
        return;
    if (document_->path().isEmpty()) {
        Q_EMIT said(tr("Save the project first: its jobs remember which file they come from."));
        return;
    }
    for (QPushButton* b : {parts_, lettering_})
        b->setEnabled(false);
    document_->background()->run(
        this,
        [this, lettering, plan,
         project = document_->planned_project()](const std::stop_token& stop) -> Background::Then {
            auto jobs =
                std::make_shared<Result<Jobs>>(lettering ? lettering_jobs(project, *plan, {stop, {}})
                                                         : jobs_by_colour(project, *plan, {stop, {}}));
            std::vector<QImage> pictures;
            if (*jobs)
                for (const Job& job : (*jobs)->jobs)
                    for (const JobPart& x : job.parts)
                        pictures.push_back(thumbnail(project, 96, find_part(project, x.part)));
            return [this, jobs, plan, project, pictures] {
                show_study();
                if (!*jobs || !(*jobs)->possible) {
                    Q_EMIT said(words(*jobs ? (*jobs)->why_not : jobs->error().message));
                    return;
                }
                JobsDialog dialog(project, *plan, **jobs, pictures, this);
                if (dialog.exec() != QDialog::Accepted)
                    return;
                if (dialog.line_mm() > 0 &&
                    std::abs(dialog.line_mm() - project.settings.line_width_mm) > 1e-6) {
                    document_->edit(tr("Change the line's width"),
                                    [mm = dialog.line_mm()](Project& p) { p.settings.line_width_mm = mm; });
                    Q_EMIT said(tr("The line is %1 mm wide now. Look at the jobs again.")
                                    .arg(number(dialog.line_mm(), 2)));
                    return;
                }
                const QString folder = QFileDialog::getExistingDirectory(this, tr("A folder for the jobs"),
                                                                         QFileInfo(document_->path()).path());
                if (!folder.isEmpty())
                    write_jobs_into(folder, project, plan, std::make_shared<const Jobs>(**jobs));
            };
        });
}

void ByHandPage::write_jobs_into(const QString& folder, const Project& project,
                                 const std::shared_ptr<const Plan>& plan,
                                 const std::shared_ptr<const Jobs>& jobs) {
    document_->background()->run(this,
                                 [this, folder, project, plan, jobs,
                                  origin = document_->path()](const std::stop_token&) -> Background::Then {
                                     const Status ok = write_jobs(folder.toStdString(), origin.toStdString(),
                                                                  project, *plan, *jobs, window_language());
                                     const QString text =
                                         ok ? tr("%n job(s) were written into %1, with a list of all parts.",
                                                 nullptr, static_cast<int>(jobs->jobs.size()))
                                                  .arg(QDir(folder).dirName())
                                            : words(ok.error().message);
                                     return [this, text] { Q_EMIT said(text); };
                                 });
}

void ByHandPage::show_study() {
    const auto plan = document_->plan();
    const Project& p = document_->planned_project();
    if (!plan || plan->changes.empty()) {
        skirt_->setText(tr("No change of filament, so nothing to do by hand."));
        commands_->clear();
    } else {
        const int last = plan->changes.back().layer;
        skirt_->setText(
            plan->skirt.layers
                ? tr("The skirt takes the purge: %1 loops, %2 layers (%3 mm) tall, up to the last layer that "
                     "changes. %4 mm³ of purge go into it, %5 mm³ find no room, %6 g of it are fill.")
                      .arg(p.settings.skirt_loops)
                      .arg(plan->skirt.layers)
                      .arg(number(plan->skirt.height_mm, 2))
                      .arg(number(plan->skirt.purge_mm3, 0))
                      .arg(number(plan->skirt.overflow_mm3, 0))
                      .arg(number(plan->totals.skirt_g, 1))
                : tr("A skirt can take the purge. It needs to be only as tall as the last layer that "
                     "changes: %1 layers, %2 mm.")
                      .arg(last)
                      .arg(number(plan->grid.top_mm(last), 2)));
        QString text =
            tr("What your toolpath program should write there:") + QStringLiteral("<table cellspacing='4'>");
        for (std::size_t i = 0; i < plan->changes.size() && i < 5; ++i) {
            const Change& c = plan->changes[i];
            text +=
                QStringLiteral("<tr><td>%1</td><td><code>%2</code></td></tr>")
                    .arg(c.within_layer ? tr("in layer %1").arg(c.layer) : tr("before layer %1").arg(c.layer),
                         QString::fromStdString(command_for(p, plan->grid, c, c.slot)).toHtmlEscaped());
        }
        text += QStringLiteral("</table>");
        if (plan->changes.size() > 5)
            text += tr("and so on; the run sheet lists all. ");
        commands_->setText(text + tr("The words are the machine's: edit them with it."));
    }
    skirt_button_->setEnabled(plan && p.settings.purge_to != PurgeTo::skirt && !plan->changes.empty());
    for (QPushButton* b : {parts_, lettering_})
        b->setEnabled(plan != nullptr);
    bands_->setEnabled(result_ && result_->ways[1].apply);
    if (!result_) {
        advice_->setText(plan
                             ? tr("Working it out…")
                             : tr("Once there is a plan, three ways to print it by hand are compared here."));
        table_->setRowCount(0);
        return;
    }
    advice_->setText(words(result_->advice));
    struct Line {
        QString name;
        std::function<QString(const ByHand&)> value;
    };
    const double piece_mm3 = [&] {
        double sum = 0;
        for (const FilamentUse& u : plan ? plan->use : std::vector<FilamentUse>{})
            sum += u.model_mm3;
        return std::max(1.0, sum);
    }();
    const Line lines[] = {
        {tr("hand swaps"), [&](const ByHand& b) { return QString::number(b.swaps); }},
        {tr("at the printer, and gluing"),
         [&](const ByHand& b) { return QString::fromStdString(duration(b.attended_s)); }},
        {tr("printer waits for you"),
         [&](const ByHand& b) { return QString::fromStdString(duration(b.waiting_s)); }},
        {tr("purge, tower"),
         [&](const ByHand& b) { return tr("%1 g, %2 g").arg(number(b.purge_g, 1), number(b.tower_g, 1)); }},
        {tr("waste in all"), [&](const ByHand& b) { return tr("%1 g").arg(number(b.waste_g, 1)); }},
        {tr("printing and changing"),
         [&](const ByHand& b) { return QString::fromStdString(duration(b.total_s)); }},
        {tr("jobs, and joints to glue"),
         [&](const ByHand& b) { return tr("%1, %2").arg(b.jobs).arg(b.joints); }},
        {tr("in another colour than asked"),
         [&](const ByHand& b) {
             return b.other_colour_mm3 > 0.5
                        ? tr("%1 % of the piece").arg(number(100 * b.other_colour_mm3 / piece_mm3, 1))
                        : tr("nothing");
         }},
        {tr("possible"), [&](const ByHand& b) { return b.possible ? tr("yes") : words(b.why_not); }}};
    table_->setRowCount(static_cast<int>(std::size(lines)));
    for (int r = 0; r < static_cast<int>(std::size(lines)); ++r) {
        auto* name = new QTableWidgetItem(lines[r].name);
        name->setForeground(Theme::current().quiet);
        table_->setItem(r, 0, name);
        for (int c = 0; c < 3; ++c) {
            const ByHand& b = result_->ways[static_cast<std::size_t>(c)];
            const bool dead = !b.possible && r + 1 < static_cast<int>(std::size(lines));
            auto* item = new QTableWidgetItem(dead ? QStringLiteral("–") : lines[r].value(b));
            item->setToolTip(item->text());
            if (c == result_->best)
                item->setFont(font_of(1, true));
            table_->setItem(r, c + 1, item);
        }
    }
    for (int c = 0; c < 3; ++c) {
        auto* head = table_->horizontalHeaderItem(c + 1);
        const QString names[] = {tr("swaps inside layers"), tr("one filament a layer"),
                                 tr("parts, put together")};
        head->setText(c == result_->best ? QStringLiteral("✓ ") + names[c] : names[c]);
        head->setToolTip(c == result_->best ? tr("Advised") : QString());
        head->setTextAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    }
    table_->resizeRowsToContents();
}

} // namespace vitrail

#include "moc_by_hand_page.cpp"
