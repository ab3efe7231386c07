#include "app/variants/variant_card.h"

#include "app/theme/theme.h"
#include "core/base/numbers.h"
#include "formats/machine_file.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QMenu>
#include <QPainter>
#include <QPushButton>
#include <QRadioButton>
#include <QVBoxLayout>

#include <cmath>

namespace vitrail {

void SmallRibbon::show_plan(std::shared_ptr<const Project> project, std::shared_ptr<const Plan> plan) {
    project_ = std::move(project);
    plan_ = std::move(plan);
    setAccessibleName(tr("Its layers"));
    setAccessibleDescription(plan_ ? tr("%n change(s)", nullptr, plan_->totals.changes) : QString());
    updateGeometry();
    update();
}

QSize SmallRibbon::sizeHint() const {
    return {em(14), em(3.4)};
}

void SmallRibbon::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    if (!plan_)
        return;
    const Theme& t = Theme::current();
    std::vector<std::size_t> used;
    for (std::size_t f = 0; f < plan_->use.size(); ++f)
        if (plan_->use[f].printed_mm3() > 0)
            used.push_back(f);
    if (used.empty())
        return;
    const QRectF r(em(1.2), 1, width() - em(1.4), height() - 2);
    const double lane = r.height() / static_cast<double>(used.size());
    const auto x = [&](double layer) { return r.left() + layer / plan_->grid.count * r.width(); };
    p.setFont(font_of(0.8, true));
    for (std::size_t k = 0; k < used.size(); ++k) {
        const int f = static_cast<int>(used[k]);
        const Filament& filament = project_->filaments[used[k]];
        const double y = r.top() + lane * static_cast<double>(k);
        p.setPen(t.ink);
        p.drawText(QRectF(0, y, em(1), lane), Qt::AlignCenter, QChar::fromLatin1(filament.letter));
        p.fillRect(QRectF(r.left(), y + lane * 0.1, r.width(), lane * 0.8), t.field);
        for (int l = 1; l <= plan_->grid.count;) {
            if (plan_->printed_in(l, f) <= 0) {
                ++l;
                continue;
            }
            int to = l;
            while (to < plan_->grid.count && plan_->printed_in(to + 1, f) > 0)
                ++to;
            paint_pane(p, QRectF(x(l - 1), y + lane * 0.1, std::max(1.0, x(to) - x(l - 1)), lane * 0.8),
                       filament, 6);
            l = to + 1;
        }
    }
    // Lead, no denser than it can be told apart.
    p.setPen(QPen(t.lead, 1.2));
    double last = -1e9;
    for (const Change& c : plan_->changes)
        if (const double at = x(c.layer - 1); at - last >= 2.5) {
            p.drawLine(QPointF(at, r.top()), QPointF(at, r.bottom()));
            last = at;
        }
}

VariantCard::VariantCard(QWidget* parent)
    : QFrame(parent), name_(new QLabel), picture_(new QLabel), figures_(new QLabel), regions_(new QLabel),
      compare_(new QRadioButton(tr("&measure"))), use_(new QPushButton(tr("&Use"))),
      more_(new QPushButton(tr("M&ore"))), ribbon_(new SmallRibbon) {
    setObjectName(QStringLiteral("panel"));
    setFixedWidth(em(20));
    ribbon_->setFixedHeight(em(3.4));
    name_->setFont(font_of(1.1, true));
    name_->setWordWrap(true);
    picture_->setAlignment(Qt::AlignCenter);
    picture_->setFixedHeight(em(7.2));
    for (QLabel* label : {figures_, regions_}) {
        label->setTextFormat(Qt::RichText);
        label->setWordWrap(true);
    }
    figures_->setObjectName(QStringLiteral("variant_figures"));
    compare_->setObjectName(QStringLiteral("compare_variant"));
    compare_->setToolTip(tr("The others are measured against this one"));
    use_->setToolTip(tr("Make it current"));
    compare_->setAutoExclusive(false);
    use_->setObjectName(QStringLiteral("use_variant"));
    more_->setObjectName(QStringLiteral("more_variant"));
    auto* menu = new QMenu(more_);
    menu->addAction(tr("&Rename…"), this, [this] { Q_EMIT rename_wanted(index_); })
        ->setObjectName(QStringLiteral("rename"));
    menu->addAction(tr("&Replace by what is on the screen"), this, [this] { Q_EMIT renew_wanted(index_); })
        ->setObjectName(QStringLiteral("renew"));
    menu->addAction(tr("&Save a picture of it…"), this, [this] { Q_EMIT picture_wanted(index_); })
        ->setObjectName(QStringLiteral("picture"));
    menu->addAction(tr("&Take away"), this, [this] { Q_EMIT remove_wanted(index_); })
        ->setObjectName(QStringLiteral("remove"));
    more_->setMenu(menu);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(em(0.8), em(0.6), em(0.8), em(0.7));
    column->setSpacing(em(0.35));
    column->addWidget(name_);
    column->addWidget(picture_);
    column->addWidget(ribbon_);
    column->addWidget(figures_);
    column->addWidget(regions_);
    column->addStretch();
    auto* row = new QHBoxLayout;
    row->addWidget(use_);
    row->addWidget(more_);
    row->addStretch();
    row->addWidget(compare_);
    column->addLayout(row);
    connect(compare_, &QRadioButton::clicked, this, [this] { Q_EMIT compare_wanted(index_); });
    connect(use_, &QPushButton::clicked, this, [this] { Q_EMIT use_wanted(index_); });
}

void VariantCard::show_variant(const PlannedVariant& v, const QImage& picture, const PlannedVariant* against,
                               bool current) {
    index_ = v.index;
    name_->setText(v.index < 0 ? tr("As it stands")
                   : current   ? tr("%1 · current").arg(QString::fromStdString(v.name))
                               : QString::fromStdString(v.name));
    compare_->setChecked(!against);
    compare_->setAccessibleName(tr("Compare the others with %1").arg(name_->text()));
    use_->setVisible(v.index >= 0);
    use_->setEnabled(!current);
    use_->setAccessibleName(tr("Make %1 current").arg(name_->text()));
    more_->setVisible(v.index >= 0);
    more_->setAccessibleName(tr("More for %1").arg(name_->text()));
    picture_->setPixmap(picture.isNull()
                            ? QPixmap()
                            : QPixmap::fromImage(picture).scaled(em(17), em(7.2), Qt::KeepAspectRatio,
                                                                 Qt::SmoothTransformation));
    picture_->setAccessibleName(tr("How %1 will look").arg(name_->text()));
    ribbon_->show_plan(v.project, v.plan);
    if (!v.plan) {
        figures_->setText(words(v.why_not).toHtmlEscaped());
        regions_->clear();
        return;
    }
    const Theme& t = Theme::current();
    QString html = QStringLiteral("<table width='100%' cellspacing='1'>");
    for (const VariantFigure f : {VariantFigure::waste, VariantFigure::changes, VariantFigure::hand_swaps,
                                  VariantFigure::hours, VariantFigure::money}) {
        const double value = value_of(f, *v.project, *v.plan);
        if (f == VariantFigure::hand_swaps && value == 0 &&
            (!against || !against->plan || value_of(f, *against->project, *against->plan) == 0))
            continue; // most machines know none
        QString difference;
        if (against && against->plan) {
            const double d = value - value_of(f, *against->project, *against->plan);
            const QString amount = words(text_of(f, *v.project, std::abs(d)));
            if (std::abs(d) > 1e-9 && amount != words(text_of(f, *v.project, 0)))
                difference =
                    QStringLiteral("<span style='color:%1'>%2%3</span>")
                        .arg((d < 0 ? t.good : t.bad).name(),
                             d < 0 ? QStringLiteral("−") : QStringLiteral("+"), amount.toHtmlEscaped());
        }
        html +=
            QStringLiteral("<tr><td>%1</td><td align='right'><b>%2</b></td><td align='right'>%3</td></tr>")
                .arg(words(words_for(f)).toHtmlEscaped(),
                     words(text_of(f, *v.project, value)).toHtmlEscaped(), difference);
    }
    figures_->setText(html + QStringLiteral("</table>"));
    // What is coloured otherwise than in the one it is compared with.
    QStringList otherwise;
    if (against && against->plan) {
        const auto theirs = region_colours(*against->project, *against->plan);
        for (const RegionColour& r : region_colours(*v.project, *v.plan)) {
            const Filament& f = v.project->filaments[static_cast<std::size_t>(r.filament)];
            const auto same = std::find_if(theirs.begin(), theirs.end(),
                                           [&](const RegionColour& x) { return x.region() == r.region(); });
            if (same == theirs.end() ||
                !(against->project->filaments[static_cast<std::size_t>(same->filament)].colour == f.colour))
                otherwise << tr("%1 in %2").arg(words(r.name), QString::fromStdString(f.name));
        }
        if (v.project->machine.id != against->project->machine.id)
            otherwise << words(machine_text(v.project->machine.name));
    }
    constexpr qsizetype kNamed = 4;
    QString text = QStringList(otherwise.mid(0, kNamed)).join(QStringLiteral(", ")).toHtmlEscaped();
    if (otherwise.size() > kNamed)
        text += tr(" and %n more", nullptr, static_cast<int>(otherwise.size() - kNamed));
    regions_->setText(QStringLiteral("<span style='color:%1'>%2</span>").arg(t.quiet.name(), text));
}

} // namespace vitrail

#include "moc_variant_card.cpp"
