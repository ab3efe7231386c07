#include "app/run/file_page.h"

#include "app/document/background.h"
#include "app/document/document.h"
#include "app/document/threads.h"
#include "app/document/view_state.h"
#include "app/parts/panel.h"
#include "app/parts/tables.h"
#include "core/base/numbers.h"
#include "formats/toolpath_file.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <QCheckBox>
#include <QDragEnterEvent>
#include <QFileDialog>
#include <QFileInfo>
#include <QHeaderView>
#include <QLocale>
#include <QMimeData>
#include <QProgressBar>
#include <QPushButton>
#include <QSplitter>
#include <QTableWidget>

#include <cmath>

namespace vitrail {

namespace {

constexpr int kLayer = Qt::UserRole;

QString change_text(const Project& p, const Plan& plan, const ComparedStop& s) {
    const auto letter = [&](int f) {
        return f < 0 ? QStringLiteral("–")
                     : QString(QChar::fromLatin1(p.filaments[static_cast<std::size_t>(f)].letter));
    };
    if (s.refill >= 0)
        return FilePage::tr("put %1 in").arg(letter(plan.refills[static_cast<std::size_t>(s.refill)].in));
    const Change& c = plan.changes[static_cast<std::size_t>(s.change)];
    return FilePage::tr("%1 to %2").arg(letter(c.from), letter(c.to));
}

QString place_text(int layer, bool within) {
    return within ? FilePage::tr("within layer %1").arg(layer) : FilePage::tr("before layer %1").arg(layer);
}

} // namespace

FilePage::FilePage(Document* document, ViewState* view, QWidget* parent)
    : QWidget(parent), document_(document), view_(view), name_(new QLabel), figures_(new QLabel),
      verdict_(new QLabel), tools_(new QCheckBox(tr("&Tool changes become swaps by hand"))),
      others_(new QCheckBox(tr("Stops that are not planned become &comments"))),
      open_(new QPushButton(tr("&Choose the toolpath file…"))), again_(new QPushButton(tr("Read it a&gain"))),
      write_(new QPushButton(tr("&Write the plan's stops…"))),
      correct_(new QPushButton(tr("&Use its time and grams"))), cancel_(new QPushButton(tr("Stop"))),
      progress_(new QProgressBar) {
    setAcceptDrops(true);
    auto* main = new Panel(tr("What the toolpath file says"));
    auto* row = new QHBoxLayout;
    row->addWidget(open_);
    row->addWidget(again_);
    row->addWidget(name_, 1);
    row->addWidget(progress_);
    row->addWidget(cancel_);
    main->body()->addLayout(row);
    verdict_->setWordWrap(true);
    verdict_->setFont(font_of(1.15, true));
    main->body()->addWidget(verdict_);
    stops_ = make_table("file_stops", tr("Changes of the plan, and where the file has them"),
                        {{tr("change"), 7},
                         {tr("the plan"), 11},
                         {tr("the file"), 11},
                         {tr("line"), 6, true},
                         {QString(), 0}});
    main->body()->addWidget(stops_, 1);
    figures_->setObjectName(QStringLiteral("file_figures"));
    figures_->setWordWrap(true);
    main->body()->addWidget(figures_);

    auto* wrong = new Panel(tr("What is not as planned"));
    findings_ = make_table("file_findings", tr("What is not as planned"),
                           {{QString(), 4.5}, {QString(), 0}, {tr("where"), 9}});
    findings_->setWordWrap(true);
    findings_->horizontalHeader()->hide();
    wrong->body()->addWidget(findings_, 1);

    auto* out = new Panel(tr("The same file, with the plan's stops"));
    auto* words_of = new QLabel(
        tr("A copy is written, byte for byte but for the stops; it is read again and proven before it gets "
           "its name. The original stays. Where layers are not the plan's nothing is written."));
    words_of->setObjectName(QStringLiteral("quiet"));
    words_of->setWordWrap(true);
    out->body()->addWidget(words_of);
    out->body()->addWidget(tools_);
    out->body()->addWidget(others_);
    out->body()->addWidget(write_);
    auto* caution =
        new QLabel(tr("Try a new stop on a small print first, and stay with it: a hot nozzle moves at each "
                      "of them. What is written there is set in the machine's editor."));
    caution->setObjectName(QStringLiteral("quiet"));
    caution->setWordWrap(true);
    out->body()->addWidget(caution);
    out->body()->addWidget(correct_);
    out->body()->addStretch();
    correct_->setToolTip(tr("The plan's hours and grams of this print are corrected by the file's; undo "
                            "brings the estimate back"));

    name_->setObjectName(QStringLiteral("quiet"));
    verdict_->setObjectName(QStringLiteral("file_verdict"));
    open_->setObjectName(QStringLiteral("file_open"));
    again_->setObjectName(QStringLiteral("file_again"));
    write_->setObjectName(QStringLiteral("file_write"));
    correct_->setObjectName(QStringLiteral("file_correct"));
    tools_->setObjectName(QStringLiteral("file_take_tools"));
    others_->setObjectName(QStringLiteral("file_take_others"));
    progress_->setMaximumWidth(em(10));
    progress_->setTextVisible(false);
    progress_->hide();
    cancel_->hide();

    auto* side = new QWidget;
    auto* column = new QVBoxLayout(side);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(em(0.6));
    column->addWidget(out);
    auto* left = make_splitter("run.file_left", Qt::Vertical, {main, wrong}, {330, 210});
    auto* all = new QVBoxLayout(this);
    all->setContentsMargins(0, em(0.5), 0, 0);
    all->addWidget(make_splitter("run.file", Qt::Horizontal, {left, side}, {790, 300}));

    connect(open_, &QPushButton::clicked, this, &FilePage::ask);
    connect(again_, &QPushButton::clicked, this, [this] { read(path_); });
    connect(write_, &QPushButton::clicked, this, &FilePage::ask_write);
    connect(correct_, &QPushButton::clicked, this, &FilePage::correct_plan);
    connect(cancel_, &QPushButton::clicked, this, [this] {
        reading_.request_stop();
        end();
    });
    connect(document, &Document::plan_changed, this, &FilePage::compare);
    for (QTableWidget* t : {stops_, findings_})
        connect(t, &QTableWidget::itemSelectionChanged, this, [this, t] {
            if (const int r = t->currentRow(); r >= 0)
                if (const int layer = t->item(r, 0)->data(kLayer).toInt(); layer > 0 && document_->plan())
                    view_->set_layer(std::min(layer, document_->plan()->grid.count));
        });
    show_compared();
}

void FilePage::dragEnterEvent(QDragEnterEvent* e) {
    if (e->mimeData()->hasUrls() && e->mimeData()->urls().size() == 1) {
        const QString ending = QFileInfo(e->mimeData()->urls().front().toLocalFile()).suffix().toLower();
        if (ending == QLatin1String("gcode") || ending == QLatin1String("g") ||
            ending == QLatin1String("gco") || ending == QLatin1String("nc"))
            e->acceptProposedAction();
    }
}

void FilePage::dropEvent(QDropEvent* e) {
    read(e->mimeData()->urls().front().toLocalFile());
}

void FilePage::begin(const QString& what) {
    ++working_;
    progress_->setRange(0, 1000);
    progress_->setValue(0);
    progress_->show();
    cancel_->show();
    name_->setText(what);
}

void FilePage::end() {
    working_ = std::max(0, working_ - 1);
    progress_->hide();
    cancel_->hide();
    name_->setText(file_ ? tr("%1 · %n layer(s)", nullptr, static_cast<int>(file_->layers.size()))
                                   .arg(QFileInfo(path_).fileName()) +
                               tr(" · %1 lines").arg(QLocale().toString(static_cast<qlonglong>(file_->lines)))
                         : QString());
}

void FilePage::ask() {
    const QString path = QFileDialog::getOpenFileName(
        this, tr("Choose the toolpath file"), QFileInfo(document_->path()).path(),
        tr("Toolpath files (*.gcode *.gco *.g *.nc);;All files (*)"));
    if (!path.isEmpty())
        read(path);
}

void FilePage::read(const QString& path) {
    reading_.request_stop();
    begin(tr("Reading %1…").arg(QFileInfo(path).fileName()));
    const Machine& m = document_->project().machine;
    reading_ = document_->background()->run(
        this,
        [this, path, motion = m.motion,
         words_of = file_words(m.commands)](const std::stop_token& stop) -> Background::Then {
            const Progress progress{stop, [this](double share) {
                                        in_window(QPointer<QObject>(this), [this, share] {
                                            progress_->setValue(static_cast<int>(share * 1000));
                                        });
                                    }};
            auto file = std::make_shared<Result<ToolpathFile>>(
                read_toolpath(path.toStdString(), motion, words_of, progress));
            return [this, file, path] {
                if (*file) {
                    path_ = path;
                    file_ = std::make_shared<const ToolpathFile>(std::move(**file));
                } else {
                    Q_EMIT said(tr("%1 cannot be used. %2")
                                    .arg(QFileInfo(path).fileName(), words(file->error().message)));
                }
                end();
                compare();
            };
        });
}

void FilePage::compare() {
    comparing_.request_stop();
    against_.reset();
    const auto plan = document_->plan();
    if (!file_ || !plan)
        return show_compared();
    comparing_ = document_->background()->run(this,
                                              [this, plan, p = document_->planned_project(),
                                               file = file_](const std::stop_token&) -> Background::Then {
                                                  auto against = std::make_shared<const AgainstPlan>(
                                                      against_plan(p, *plan, *file));
                                                  return [this, against, plan] {
                                                      if (document_->plan() == plan)
                                                          against_ = against;
                                                      show_compared();
                                                  };
                                              });
}

void FilePage::show_compared() {
    const bool any = against_ != nullptr;
    again_->setEnabled(file_ != nullptr);
    write_->setEnabled(any);
    correct_->setEnabled(any && against_->planned_s > 0 && against_->planned_g > 0);
    stops_->setRowCount(0);
    findings_->setRowCount(0);
    figures_->clear();
    Q_EMIT strip_changed();
    if (!any) {
        verdict_->setText(file_ ? QString()
                                : tr("Programs differ by a layer in where they put a swap. Choose the file "
                                     "that will be printed, and see between which layers it really stops."));
        verdict_->setFont(font_of(1));
        return;
    }
    const Theme& t = Theme::current();
    const auto plan = document_->plan();
    const Project& p = document_->planned_project();
    const auto wrong = std::count_if(against_->findings.begin(), against_->findings.end(),
                                     [](const Finding& f) { return f.severity == Severity::error; });
    verdict_->setFont(font_of(1.15, true));
    verdict_->setText(wrong ? tr("▲ %n thing(s) would spoil the print", nullptr, static_cast<int>(wrong))
                      : against_->stops.empty()
                          ? tr("✓ The file prints the plan's layers, and nothing has to change.")
                          : tr("✓ Every change stands where the plan has it."));
    stops_->setRowCount(static_cast<int>(against_->stops.size() + against_->extra.size()));
    int r = 0;
    const auto colour_last = [&](bool good) {
        stops_->item(r, 4)->setForeground(good ? t.good : t.bad);
        QFont bold = stops_->font();
        bold.setBold(!good);
        stops_->item(r, 4)->setFont(bold);
    };
    for (const ComparedStop& s : against_->stops) {
        const bool within = s.change >= 0 ? plan->changes[static_cast<std::size_t>(s.change)].within_layer
                                          : plan->refills[static_cast<std::size_t>(s.refill)].within_layer;
        const ToolpathStop* stop = s.stop >= 0 ? &file_->stops[static_cast<std::size_t>(s.stop)] : nullptr;
        using State = ComparedStop::State;
        QString says = s.state == State::as_planned ? tr("✓ as planned")
                       : s.state == State::missing  ? tr("▲ missing")
                       : s.state == State::within   ? tr("▲ elsewhere in the layer")
                       : s.off == 1                 ? tr("▲ one layer late")
                       : s.off == -1                ? tr("▲ one layer early")
                       : s.off > 0                  ? tr("▲ %1 layers late").arg(s.off)
                                                    : tr("▲ %1 layers early").arg(-s.off);
        if (s.wrong_filament)
            says += tr(" · ▲ another filament");
        set_row(stops_, r,
                {change_text(p, *plan, s), place_text(s.layer, within),
                 stop                           ? place_text(s.layer + s.off, stop->within)
                 : s.state == State::as_planned ? tr("in another order")
                                                : tr("nowhere"),
                 stop ? QLocale().toString(static_cast<qlonglong>(stop->line)) : QString(), says},
                stop ? QString::fromStdString(stop->word) : QString());
        stops_->item(r, 0)->setData(kLayer, s.layer);
        colour_last(s.state == State::as_planned && !s.wrong_filament);
        ++r;
    }
    for (const int e : against_->extra) {
        const ToolpathStop& s = file_->stops[static_cast<std::size_t>(e)];
        set_row(stops_, r,
                {s.what == ToolpathStop::What::tool ? tr("tool %1").arg(s.to) : tr("stop"), tr("nowhere"),
                 place_text(s.layer, s.within), QLocale().toString(static_cast<qlonglong>(s.line)),
                 tr("▲ not planned")},
                QString::fromStdString(s.word));
        stops_->item(r, 0)->setData(kLayer, s.layer);
        colour_last(false);
        ++r;
    }
    findings_->setRowCount(static_cast<int>(against_->findings.size()));
    for (int i = 0; i < findings_->rowCount(); ++i) {
        const Finding& f = against_->findings[static_cast<std::size_t>(i)];
        set_row(findings_, i,
                {f.severity == Severity::error     ? tr("error")
                 : f.severity == Severity::warning ? tr("warning")
                                                   : tr("note"),
                 words(f.message), words(f.where)},
                words(f.message));
        findings_->item(i, 0)->setForeground(f.severity == Severity::error     ? t.bad
                                             : f.severity == Severity::warning ? t.warn
                                                                               : t.quiet);
        findings_->item(i, 0)->setData(kLayer, f.layer);
    }
    findings_->resizeRowsToContents();
    const auto time = [](double s) { return QString::fromStdString(duration(s)); };
    QStringList figures{
        tr("first layer %1 mm, %2 planned")
            .arg(number(file_->layers.front().z_mm, 2), number(plan->grid.first_mm, 2)),
        tr("%1 g in the file, %2 g planned").arg(number(against_->file_g, 1), number(against_->planned_g, 1)),
        tr("%1 of lines, %2 planned").arg(time(against_->file_s), time(against_->planned_s))};
    if (against_->filaments.size() > 1) {
        QStringList each;
        for (const ComparedFilament& f : against_->filaments)
            each << tr("%1 %2 g (%3)")
                        .arg(QChar::fromLatin1(p.filaments[static_cast<std::size_t>(f.filament)].letter))
                        .arg(number(f.file_g, 1), number(f.planned_g, 1));
        figures << tr("each, planned in brackets: %1").arg(each.join(QStringLiteral(", ")));
    }
    if (against_->spot_mm3 > 0)
        figures << tr("%1 mm³ pushed out at the stops").arg(number(against_->spot_mm3, 0));
    figures_->setText(figures.join(QStringLiteral(" · ")));
}

void FilePage::correct_plan() {
    // The estimate may be corrected already: what it is multiplied by then counts in.
    const double time = against_->file_s / against_->planned_s,
                 grams = against_->file_g / against_->planned_g;
    document_->edit(tr("Correct the estimate by the toolpath file"), [&](Project& p) {
        p.settings.correct_time =
            std::clamp(std::round(p.settings.correct_time * time * 1000) / 1000, 0.2, 5.0);
        p.settings.correct_grams =
            std::clamp(std::round(p.settings.correct_grams * grams * 1000) / 1000, 0.2, 5.0);
    });
    Q_EMIT said(tr("The plan's lines take %1 times as long, its piece and support %2 times as much, as "
                   "estimated; both are settings now.")
                    .arg(number(document_->project().settings.correct_time, 3),
                         number(document_->project().settings.correct_grams, 3)));
}

void FilePage::ask_write() {
    const QFileInfo info(path_);
    const QString path = QFileDialog::getSaveFileName(
        this, tr("Write the file with the plan's stops"),
        info.path() + QLatin1Char('/') + info.completeBaseName() + tr("-with-stops.") + info.suffix(),
        tr("Toolpath files (*.gcode *.gco *.g *.nc);;All files (*)"));
    if (!path.isEmpty())
        write(path);
}

void FilePage::write(const QString& path) {
    const auto plan = document_->plan();
    if (!file_ || !against_ || !plan)
        return;
    const auto put_in = insertions(document_->planned_project(), *plan, *file_, *against_,
                                   {tools_->isChecked(), others_->isChecked()});
    if (!put_in)
        return Q_EMIT said(words(put_in.error().message));
    if (put_in->empty())
        return Q_EMIT said(tr("Nothing has to be written: the file stops where the plan says."));
    begin(tr("Writing %1…").arg(QFileInfo(path).fileName()));
    reading_ = document_->background()->run(
        this,
        [this, plan, p = document_->planned_project(), file = file_, put_in = *put_in, original = path_,
         path](const std::stop_token& stop) -> Background::Then {
            const Progress progress{stop, [this](double share) {
                                        in_window(QPointer<QObject>(this), [this, share] {
                                            progress_->setValue(static_cast<int>(share * 1000));
                                        });
                                    }};
            auto ok = std::make_shared<Status>(write_toolpath(p, *plan, original.toStdString(),
                                                              path.toStdString(), *file, put_in, progress));
            return [this, ok, path, n = static_cast<int>(put_in.size())] {
                end();
                if (!*ok)
                    return Q_EMIT said(tr("%1 was not written. %2")
                                           .arg(QFileInfo(path).fileName(), words(ok->error().message)));
                Q_EMIT said(tr("%1 was written with what was missing in %n place(s), read again and proven.",
                               nullptr, n)
                                .arg(QFileInfo(path).fileName()));
                read(path);
            };
        });
}

} // namespace vitrail

#include "moc_file_page.cpp"
