#include "app/variants/variants_bench.h"

#include "app/document/background.h"
#include "app/document/document.h"
#include "app/document/study.h"
#include "app/parts/panel.h"
#include "app/parts/save_picture.h"
#include "app/parts/tables.h"
#include "app/variants/choice_dialogs.h"
#include "app/variants/variant_card.h"
#include "core/base/numbers.h"
#include "core/project/digest.h"
#include "formats/files.h"
#include "formats/page_html.h"
#include "paint/filament_paint.h"
#include "paint/page_paint.h"
#include "paint/thumbnail.h"
#include "paint/words.h"

#include <QComboBox>
#include <QDate>
#include <QFileDialog>
#include <QFileInfo>
#include <QFormLayout>
#include <QInputDialog>
#include <QPushButton>
#include <QScrollArea>
#include <QSignalBlocker>
#include <QSplitter>
#include <QTableWidget>

#include <algorithm>
#include <cmath>

namespace vitrail {

namespace {

constexpr int kPicture = 440;

QString signed_text(double v, const QString& amount) {
    return v > 0 ? QStringLiteral("+") + amount : v < 0 ? QStringLiteral("−") + amount : amount;
}

} // namespace

VariantsBench::VariantsBench(Document* document, QWidget* parent)
    : QWidget(parent), document_(document), scroll_(new QScrollArea), empty_(new QLabel),
      wish_says_(new QLabel), region_(new QComboBox), filament_(new QComboBox) {
    auto* side_by_side = new Panel(tr("Side by side"));
    keep_ = new QPushButton(icon(QStringLiteral("plus")), tr("&Keep what is on the screen"));
    keep_->setObjectName(QStringLiteral("keep_variant"));
    keep_->setToolTip(tr("As a variant with a name of its own (Ctrl+K)"));
    side_by_side->add_to_heading(keep_);
    auto* inside = new QWidget;
    row_ = new QHBoxLayout(inside);
    row_->setContentsMargins(0, 0, 0, 0);
    row_->setSpacing(em(0.8));
    row_->addStretch();
    scroll_->setObjectName(QStringLiteral("variant_cards"));
    scroll_->setAccessibleName(tr("Variants side by side"));
    scroll_->setWidget(inside);
    scroll_->setWidgetResizable(true);
    scroll_->setFrameShape(QFrame::NoFrame);
    side_by_side->body()->addWidget(scroll_, 1);
    empty_->setObjectName(QStringLiteral("variants_empty"));
    empty_->setWordWrap(true);
    side_by_side->body()->addWidget(empty_);
    auto* below = make_splitter("variants.below", Qt::Horizontal, {make_wish(), make_sheets()}, {560, 600});
    auto* all = new QVBoxLayout(this);
    all->setContentsMargins(em(0.8), em(0.7), em(0.8), em(0.7));
    all->addWidget(make_splitter("variants.all", Qt::Vertical, {side_by_side, below}, {500, 120}));
    connect(keep_, &QPushButton::clicked, this, &VariantsBench::keep);

    study_ = new Study(
        document, this,
        [this, wall = wall_](const Project& p, const std::shared_ptr<const Plan>& plan,
                             const Progress& progress) -> std::function<void()> {
            const auto before = wall->load();
            auto made = std::make_shared<Hung>();
            made->variants = plan_variants(p, plan, progress, before->variants);
            made->current = current_of(p);
            for (const PlannedVariant& v : made->variants) {
                if (progress.stopped())
                    return {};
                const auto known =
                    std::find_if(before->variants.begin(), before->variants.end(),
                                 [&](const PlannedVariant& x) { return x.project == v.project; });
                made->pictures.push_back(
                    known != before->variants.end()
                        ? before->pictures[static_cast<std::size_t>(known - before->variants.begin())]
                        : trimmed(thumbnail(*v.project, kPicture)));
            }
            return [this, made] {
                wall_->store(made);
                show_cards();
            };
        });
    connect(document, &Document::project_changed, this, [this] {
        fill_regions();
        show_sheets();
    });
    connect(document, &Document::plan_changed, this, [this] {
        if (!document_->plan())
            show_cards();
        work_out_wish();
    });
    fill_regions();
    show_sheets();
    show_cards();
}

bool VariantsBench::up_to_date() const {
    const auto now = hung();
    return document_->plan() ? !now->variants.empty() && now->variants.front().plan == document_->plan() &&
                                   now->variants.size() == document_->project().variants.size() + 1
                             : cards_.empty();
}

QWidget* VariantsBench::make_wish() {
    auto* panel = new Panel(tr("What one wish costs"));
    region_->setObjectName(QStringLiteral("wish_region"));
    region_->setAccessibleName(tr("What is wanted otherwise"));
    filament_->setObjectName(QStringLiteral("wish_filament"));
    filament_->setAccessibleName(tr("In which filament"));
    auto* form = new QFormLayout;
    form->addRow(tr("Print th&is"), region_);
    form->addRow(tr("i&n"), filament_);
    panel->body()->addLayout(form);
    wish_says_->setObjectName(QStringLiteral("wish_says"));
    wish_says_->setWordWrap(true);
    panel->body()->addWidget(wish_says_);
    panel->body()->addStretch();
    keep_wish_ = new QPushButton(tr("Keep it as a &variant"));
    keep_wish_->setObjectName(QStringLiteral("keep_wish"));
    panel->body()->addWidget(keep_wish_, 0, Qt::AlignLeft);
    for (QComboBox* box : {region_, filament_})
        connect(box, &QComboBox::activated, this, &VariantsBench::work_out_wish);
    connect(keep_wish_, &QPushButton::clicked, this, &VariantsBench::keep_wish);
    return panel;
}

QWidget* VariantsBench::make_sheets() {
    auto* panel = new Panel(tr("For someone who has a say"));
    asked_ = make_table("asked", tr("Sheets that were given, and their answers"),
                        {{tr("sheet of"), 6.4}, {tr("for"), 7}, {tr("shown"), 8}, {tr("answer")}});
    asked_->setSelectionMode(QAbstractItemView::NoSelection);
    panel->body()->addWidget(asked_, 1);
    auto* row = new QHBoxLayout;
    sheet_ = new QPushButton(icon(QStringLiteral("clipboard-list")), tr("&Write a sheet…"));
    sheet_->setObjectName(QStringLiteral("ask_sheet"));
    sheet_->setToolTip(
        tr("PDF, HTML or PNG: pictures, letters to answer by, and only the figures you choose"));
    answer_ = new QPushButton(tr("&Enter the answer…"));
    answer_->setObjectName(QStringLiteral("ask_answer"));
    row->addWidget(sheet_);
    row->addWidget(answer_);
    row->addStretch();
    panel->body()->addLayout(row);
    connect(sheet_, &QPushButton::clicked, this, &VariantsBench::ask_sheet);
    connect(answer_, &QPushButton::clicked, this, &VariantsBench::ask_answer);
    return panel;
}

void VariantsBench::keep() {
    const Project& p = document_->project();
    if (!has_parts(p)) {
        Q_EMIT said(tr("There is nothing to keep yet: add a model or a picture."));
        return;
    }
    int n = static_cast<int>(p.variants.size()) + 1;
    while (find_variant(p, tr("Variant %1").arg(n).toStdString()) >= 0)
        ++n;
    const QString name = tr("Variant %1").arg(n);
    document_->edit(tr("Keep a variant"), [&](Project& q) { keep_variant(q, name.toStdString()); });
    Q_EMIT said(tr("Kept as “%1”. Go on changing; it stays as it is.").arg(name));
}

int VariantsBench::current_of(const Project& p) {
    const int at = find_variant(p, p.variant);
    return at >= 0 && digest(p) == digest(*p.variants[static_cast<std::size_t>(at)].project) ? at : -1;
}

void VariantsBench::show_cards() {
    const auto plan = document_->plan();
    const auto wall = hung();
    const auto planned = [&](int index) -> const PlannedVariant* {
        const auto at = std::find_if(wall->variants.begin(), wall->variants.end(),
                                     [&](const PlannedVariant& v) { return v.index == index; });
        return at == wall->variants.end() ? nullptr : &*at;
    };
    // The project as it stands has a card of its own only while it is not one of them.
    const int now = plan ? wall->current : -1;
    std::vector<std::size_t> shown; // of the wall's
    for (std::size_t i = 0; plan && i < wall->variants.size(); ++i)
        if (wall->variants[i].index >= 0 || now < 0)
            shown.push_back(i);
    if (!planned(against_) || (against_ < 0 && now >= 0))
        against_ = now;
    while (cards_.size() > shown.size()) {
        cards_.back()->deleteLater();
        cards_.pop_back();
    }
    while (cards_.size() < shown.size()) {
        auto* card = new VariantCard;
        row_->insertWidget(static_cast<int>(cards_.size()), card);
        cards_.push_back(card);
        connect(card, &VariantCard::compare_wanted, this, [this](int index) {
            against_ = index;
            show_cards();
        });
        connect(card, &VariantCard::use_wanted, this, [this](int index) {
            const QString name =
                QString::fromStdString(document_->project().variants[static_cast<std::size_t>(index)].name);
            document_->edit(tr("Make “%1” current").arg(name), [&](Project& p) { use_variant(p, index); });
        });
        connect(card, &VariantCard::rename_wanted, this, [this](int index) {
            bool ok = false;
            const QString was =
                QString::fromStdString(document_->project().variants[static_cast<std::size_t>(index)].name);
            const QString name =
                QInputDialog::getText(this, tr("Rename a variant"), tr("Name"), QLineEdit::Normal, was, &ok)
                    .simplified();
            if (ok && !name.isEmpty() && name != was)
                document_->edit(tr("Rename a variant"),
                                [&](Project& p) { rename_variant(p, index, name.toStdString()); });
        });
        connect(card, &VariantCard::renew_wanted, this, [this](int index) {
            document_->edit(tr("Replace a variant"), [&](Project& p) {
                keep_variant(p, p.variants[static_cast<std::size_t>(index)].name);
            });
        });
        connect(card, &VariantCard::remove_wanted, this, [this](int index) {
            document_->edit(tr("Take a variant away"), [&](Project& p) { remove_variant(p, index); });
        });
        connect(card, &VariantCard::picture_wanted, this, &VariantsBench::save_picture);
    }
    const PlannedVariant* against = planned(against_);
    for (std::size_t i = 0; i < shown.size(); ++i) {
        const PlannedVariant& v = wall->variants[shown[i]];
        cards_[i]->show_variant(v, wall->pictures[shown[i]], v.index == against_ ? nullptr : against,
                                v.index >= 0 && v.index == now);
    }
    const bool any = !document_->project().variants.empty();
    empty_->setText(
        !plan ? tr("Once there is a plan, colourings of it can be kept and hung side by side here.")
        : any ? QString()
              : tr("Nothing is kept yet. Keep what is on the screen, then change colours, bands, the machine "
                   "or anything else, and keep that too: they hang here side by side."));
    empty_->setVisible(!empty_->text().isEmpty());
    keep_->setEnabled(plan != nullptr);
    sheet_->setEnabled(plan && !wall->variants.empty());
}

void VariantsBench::fill_regions() {
    const Project& p = document_->project();
    const QString was = region_->currentText(), in = filament_->currentText();
    regions_.clear();
    const QSignalBlocker one(region_), two(filament_);
    region_->clear();
    filament_->clear();
    const auto add = [&](const QString& text, Wish wish) {
        region_->addItem(text);
        regions_.push_back(wish);
    };
    for (int k = 0; k < static_cast<int>(p.pieces.size()); ++k) {
        const Piece& piece = p.pieces[static_cast<std::size_t>(k)];
        for (int i = 0; i < static_cast<int>(piece.parts.size()); ++i) {
            const Part& part = piece.parts[static_cast<std::size_t>(i)];
            const QString name = QString::fromStdString(part.name);
            add(name, {k, i, -1, 0, 0});
            for (int b = 0; b < static_cast<int>(piece.bands.size()); ++b)
                if (piece.bands[static_cast<std::size_t>(b)].part == part.name)
                    add(tr("%1, %2–%3 mm")
                            .arg(name, number(piece.bands[static_cast<std::size_t>(b)].z0_mm, 1),
                                 number(piece.bands[static_cast<std::size_t>(b)].z1_mm, 1)),
                        {k, i, b, 0, 0});
            for (int n = 1; n <= static_cast<int>(part.patches.size()); ++n)
                add(tr("%1: %2").arg(
                        name, QString::fromStdString(part.patches[static_cast<std::size_t>(n) - 1].name)),
                    {k, i, -1, n, 0});
        }
    }
    for (const Filament& f : p.filaments)
        filament_->addItem(
            colour_swatch(to_qcolor(f.colour)),
            QStringLiteral("%1  %2").arg(QChar::fromLatin1(f.letter), QString::fromStdString(f.name)));
    region_->setCurrentIndex(std::max(0, region_->findText(was)));
    filament_->setCurrentIndex(std::max(0, filament_->findText(in)));
    for (QWidget* w : std::initializer_list<QWidget*>{region_, filament_})
        w->setEnabled(!regions_.empty());
    keep_wish_->setEnabled(false);
}

void VariantsBench::work_out_wish() {
    wishing_.request_stop();
    wish_.reset();
    keep_wish_->setEnabled(false);
    const auto plan = document_->plan();
    const Project& p = document_->planned_project();
    const int region = region_->currentIndex(), filament = filament_->currentIndex();
    if (!plan || document_->previewing() || region < 0 || filament < 0 ||
        region >= static_cast<int>(regions_.size()) || filament >= static_cast<int>(p.filaments.size())) {
        wish_says_->setText(
            tr("Choose what should be otherwise: it is planned at once, and nothing is changed."));
        return;
    }
    Wish wish = regions_[static_cast<std::size_t>(region)];
    wish.filament = p.filaments[static_cast<std::size_t>(filament)].letter;
    wishing_ = document_->background()->run(
        this, [this, wish, plan, project = p](const std::stop_token& stop) -> Background::Then {
            auto cost = std::make_shared<Result<WishCost>>(cost_of(project, *plan, wish, {stop, {}}));
            return [this, cost, settings = project.settings] {
                if (!*cost) {
                    wish_says_->setText(words(cost->error().message));
                    return;
                }
                wish_ = **cost;
                const WishCost& c = *wish_;
                const bool nothing = c.changes == 0 && std::abs(c.waste_g) < 0.005 &&
                                     std::abs(c.total_s) < 1 && c.loading.empty();
                QString text =
                    nothing ? tr("Nothing changes.")
                            : tr("%1 changes · %2 thrown away · %3 · %4 of material · %5 all in")
                                  .arg(signed_text(c.changes, QString::number(std::abs(c.changes))),
                                       signed_text(c.waste_g, tr("%1 g").arg(number(std::abs(c.waste_g), 1))),
                                       signed_text(c.total_s,
                                                   QString::fromStdString(duration(std::abs(c.total_s)))),
                                       signed_text(c.cost, money_text(settings, std::abs(c.cost))),
                                       signed_text(c.price, money_text(settings, std::abs(c.price))));
                QStringList loading;
                for (const Message& m : c.loading)
                    loading << words(m);
                if (!loading.isEmpty())
                    text += QLatin1Char('\n') + tr("Loading: %1.").arg(loading.join(QStringLiteral("; ")));
                wish_says_->setText(text);
                keep_wish_->setEnabled(!nothing);
            };
        });
}

void VariantsBench::keep_wish() {
    if (!wish_)
        return;
    const QString name = tr("%1 in %2").arg(region_->currentText(), filament_->currentText().mid(3));
    document_->edit(tr("Keep a wish as a variant"), [&](Project& p) {
        if (p.variants.empty())
            keep_variant(p, tr("Variant %1").arg(1).toStdString()); // what it is a wish against
        Project wished = *wish_->project;
        wished.variants.clear();
        keep_variant(wished, free_variant_name(p, name.toStdString()));
        p.variants.push_back(wished.variants.front());
    });
}

void VariantsBench::show_sheets() {
    const Project& p = document_->project();
    asked_->setRowCount(static_cast<int>(p.asked.size()));
    for (int i = 0; i < asked_->rowCount(); ++i) {
        const Asked& a = p.asked[p.asked.size() - 1 - static_cast<std::size_t>(i)]; // the newest first
        QStringList shown;
        for (const Shown& s : a.shown)
            shown << tr("%1: %2").arg(QChar::fromLatin1(s.letter)).arg(QString::fromStdString(s.variant));
        QString answer = tr("none yet");
        if (!a.answered.empty())
            answer = QStringList{QString::fromStdString(a.answered), QString::fromStdString(a.chosen),
                                 QString::fromStdString(a.words)}
                         .join(QStringLiteral(" · "));
        set_row(asked_, i,
                {QString::fromStdString(a.date), QString::fromStdString(a.whom),
                 shown.join(QStringLiteral(", ")), answer},
                shown.join(QLatin1Char('\n')) + QLatin1Char('\n') + answer);
    }
    answer_->setEnabled(!p.asked.empty());
}

void VariantsBench::ask_sheet() {
    SheetDialog dialog(hung()->variants, !document_->project().asked.empty(), this);
    if (dialog.exec() != QDialog::Accepted)
        return;
    const QString stem = document_->path().isEmpty()
                             ? document_->title()
                             : QFileInfo(document_->path()).path() + QLatin1Char('/') +
                                   QFileInfo(document_->path()).completeBaseName();
    const QString path =
        QFileDialog::getSaveFileName(this, tr("Save the sheet"), stem + QStringLiteral("-variants.pdf"),
                                     tr("PDF (*.pdf);;HTML page (*.html);;Picture (*.png)"));
    if (!path.isEmpty())
        write_sheet(path, dialog);
}

void VariantsBench::write_sheet(const QString& path, const SheetDialog& dialog) {
    struct Sheet {
        std::vector<PlannedVariant> variants;
        std::vector<QImage> pictures;
        std::optional<Asked> since;
        Asked asked;
        Status ok = Done{};
    };
    auto sheet = std::make_shared<Sheet>();
    const auto wall = hung();
    for (const std::size_t i : dialog.chosen()) {
        sheet->variants.push_back(wall->variants[i]);
        sheet->pictures.push_back(wall->pictures[i]);
        if (sheet->variants.back().name.empty())
            sheet->variants.back().name = tr("as it stands").toStdString();
    }
    if (const auto& asked = document_->project().asked; dialog.since_last() && !asked.empty())
        sheet->since = asked.back();
    document_->background()->run(
        this,
        [this, sheet, path, title = dialog.title().toStdString(), whom = dialog.whom().toStdString(),
         figures = dialog.figures()](const std::stop_token&) -> Background::Then {
            ChoiceSheet made = choice_sheet(
                say("{}", title), sheet->variants, figures,
                QDate::currentDate().toString(Qt::ISODate).toStdString(), whom,
                [&](const Project& p) {
                    const auto at =
                        std::find_if(sheet->variants.begin(), sheet->variants.end(),
                                     [&](const PlannedVariant& v) { return v.project.get() == &p; });
                    return png_of(sheet->pictures[static_cast<std::size_t>(at - sheet->variants.begin())]);
                },
                sheet->since ? &*sheet->since : nullptr);
            sheet->asked = std::move(made.asked);
            if (path.endsWith(QLatin1String(".html"), Qt::CaseInsensitive))
                sheet->ok = write_file(path.toStdString(), page_html(made.page, window_language()));
            else if (path.endsWith(QLatin1String(".png"), Qt::CaseInsensitive))
                sheet->ok =
                    write_file(path.toStdString(), png_of(page_image(made.page, 900, PageLanguage::window)));
            else
                sheet->ok = write_page_pdf(made.page, path.toStdString(), PageLanguage::window);
            return [this, sheet, path] {
                if (!sheet->ok) {
                    Q_EMIT said(words(sheet->ok.error().message));
                    return;
                }
                document_->edit(tr("Give somebody a sheet"),
                                [&](Project& p) { p.asked.push_back(sheet->asked); });
                Q_EMIT said(tr("The sheet was saved as %1. Enter the answer here when it comes.")
                                .arg(QFileInfo(path).fileName()));
            };
        });
}

void VariantsBench::ask_answer() {
    AnswerDialog dialog(document_->project().asked, this);
    if (dialog.exec() != QDialog::Accepted)
        return;
    document_->edit(tr("Keep an answer"), [&](Project& p) {
        Asked& a = p.asked[dialog.sheet()];
        a.answered = dialog.date().toStdString();
        a.chosen = dialog.letters().toStdString();
        a.words = dialog.said().toStdString();
    });
}

void VariantsBench::save_picture(int index) {
    const Variant v = document_->project().variants[static_cast<std::size_t>(index)];
    const Status ok = save_piece_picture(this, *v.project, QString::fromStdString(v.name));
    if (!ok)
        Q_EMIT said(words(ok.error().message));
}

} // namespace vitrail

#include "moc_variants_bench.cpp"
