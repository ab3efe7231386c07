#include "app/changes/jobs_dialog.h"

#include "app/theme/theme.h"
#include "core/base/numbers.h"
#include "core/geometry/polygon.h"
#include "core/project/regions.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <QDialogButtonBox>
#include <QDoubleSpinBox>
#include <QHeaderView>
#include <QLabel>
#include <QPainter>
#include <QPainterPath>
#include <QPushButton>
#include <QTreeWidget>
#include <QVBoxLayout>

#include <cmath>

namespace vitrail {

namespace {

QPainterPath path_of(const Paths& paths) {
    QPainterPath path;
    for (const Path& ring : paths) {
        QPolygonF polygon;
        for (const IntPoint& q : ring)
            polygon << QPointF(static_cast<double>(q.X), -static_cast<double>(q.Y));
        path.addPolygon(polygon);
        path.closeSubpath();
    }
    path.setFillRule(Qt::OddEvenFill);
    return path;
}

} // namespace

LetterView::LetterView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("letters"));
    setAccessibleName(tr("The lettering as these lines print it"));
    setMinimumSize(em(22), em(12));
}

void LetterView::show_letters(const Paths& outline, QColor colour, double line_mm) {
    colour_ = colour;
    // What a round line can reach: opened by half its width.
    kept_ = intersect(offset(offset(outline, -line_mm / 2), line_mm / 2), outline);
    constexpr double kRounding_mm = 0.03; // corners that a round line leaves out are no loss
    lost_areas_ = subtract(outline, offset(kept_, kRounding_mm));
    const double all = area_mm2(outline);
    lost_ = all > 0 ? area_mm2(lost_areas_) / all : 0;
    setAccessibleDescription(tr("%1 % of the lettering is finer than the line").arg(number(100 * lost_, 0)));
    update();
}

void LetterView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.fillRect(rect(), Theme::current().field);
    QPainterPath kept = path_of(kept_), lost = path_of(lost_areas_);
    const QRectF box = kept.boundingRect().united(lost.boundingRect());
    if (box.isEmpty())
        return;
    const double scale = std::min((width() - em(1)) / box.width(), (height() - em(1)) / box.height());
    p.translate(width() / 2.0, height() / 2.0);
    p.scale(scale, scale);
    p.translate(-box.center());
    p.setPen(Qt::NoPen);
    p.setBrush(colour_);
    p.drawPath(kept);
    QPen edge(Theme::current().ink, 0.8);
    edge.setCosmetic(true);
    p.setPen(edge);
    p.setBrush(Qt::NoBrush);
    p.drawPath(kept);
    p.setPen(Qt::NoPen);
    p.setBrush(Theme::current().bad);
    p.drawPath(lost);
}

JobsDialog::JobsDialog(const Project& project, const Plan& plan, const Jobs& jobs,
                       const std::vector<QImage>& pictures, QWidget* parent)
    : QDialog(parent) {
    setWindowTitle(tr("The jobs"));
    auto* all = new QVBoxLayout(this);
    auto* says = new QLabel(
        tr("%1, %2 thrown away, %3 of printing; at once it would be %4 and %5.")
            .arg(tr("%n job(s)", nullptr, static_cast<int>(jobs.jobs.size())),
                 tr("%1 g").arg(number(jobs.waste_g, 1)), QString::fromStdString(duration(jobs.total_s)),
                 tr("%1 g").arg(number(waste_g(plan.totals), 1)),
                 QString::fromStdString(duration(plan.totals.total_s))) +
        (jobs.joints > 0
             ? QLatin1Char(' ') + tr("%n joint(s) to glue: use the glue as its label says, and air the room.",
                                     nullptr, jobs.joints)
             : QString()));
    says->setWordWrap(true);
    says->setObjectName(QStringLiteral("jobs_say"));
    all->addWidget(says);
    auto* tree = new QTreeWidget;
    tree->setObjectName(QStringLiteral("jobs"));
    tree->setAccessibleName(tr("Jobs and their parts"));
    tree->setHeaderLabels({tr("job, and its parts"), tr("number"), tr("piece"), tr("time")});
    tree->setIconSize({em(3.2), em(3.2)});
    tree->setSelectionMode(QAbstractItemView::NoSelection);
    std::size_t picture = 0;
    for (const Job& job : jobs.jobs) {
        const Totals& t = job.plan->totals;
        auto* item =
            new QTreeWidgetItem(tree, {words(job.name), QString(), tr("%1 g").arg(number(t.model_g, 1)),
                                       QString::fromStdString(duration(t.total_s))});
        item->setFont(0, font_of(1, true));
        for (const JobPart& x : job.parts) {
            auto* part = new QTreeWidgetItem(
                item, {jobs.jobs.size() > 0 && x.of != x.part
                           ? tr("%1 of %2").arg(QString::fromStdString(x.part), QString::fromStdString(x.of))
                           : QString::fromStdString(x.part),
                       QLocale().toString(x.count)});
            if (picture < pictures.size())
                part->setIcon(0, QIcon(QPixmap::fromImage(pictures[picture])));
            ++picture;
        }
        for (const Message& step : job.steps) {
            auto* line = new QTreeWidgetItem(item, {QStringLiteral("☐ ") + words(step)});
            line->setFirstColumnSpanned(true);
            line->setToolTip(0, words(step));
        }
    }
    tree->expandAll();
    tree->header()->setSectionResizeMode(0, QHeaderView::Stretch);
    tree->header()->setStretchLastSection(false);
    all->addWidget(tree, 1);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel);
    write_ = buttons->addButton(tr("&Write into a folder…"), QDialogButtonBox::AcceptRole);
    write_->setObjectName(QStringLiteral("write_jobs"));
    if (!jobs.jobs.empty() && jobs.jobs.front().key.rfind("lettering", 0) == 0)
        all->addWidget(make_letters(project, plan));
    all->addWidget(buttons);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    resize(em(46), em(letters_ ? 44 : 34));
}

QWidget* JobsDialog::make_letters(const Project& p, const Plan& plan) {
    Project two = p;
    two.settings.lettering_two_jobs = true;
    for (std::size_t k = 0; k < p.pieces.size() && outline_.empty(); ++k) {
        const std::vector<char> first = printed_first(two, p.pieces[k]);
        for (std::size_t i = 0; i < first.size(); ++i)
            if (first[i]) {
                const Paths& layer = plan.pieces[k].table->parts[i].layers.front();
                outline_.insert(outline_.end(), layer.begin(), layer.end());
                if (const int f = find_filament(p, p.pieces[k].parts[i].filament); f >= 0)
                    colour_ = to_qcolor(p.filaments[static_cast<std::size_t>(f)].colour);
            }
    }
    line_now_ = p.settings.line_width_mm;
    letters_ = new LetterView;
    line_ = new QDoubleSpinBox;
    line_->setObjectName(QStringLiteral("letter_line"));
    line_->setAccessibleName(tr("Width of the line"));
    line_->setRange(0.1, 2);
    line_->setSingleStep(0.05);
    line_->setValue(line_now_);
    line_->setSuffix(tr(" mm"));
    lost_ = new QLabel;
    lost_->setObjectName(QStringLiteral("letters_lost"));
    lost_->setWordWrap(true);
    auto* label = new QLabel(tr("&Line"));
    label->setBuddy(line_);
    auto* row = new QHBoxLayout;
    row->addWidget(label);
    row->addWidget(line_);
    row->addWidget(lost_, 1);
    auto* box = new QWidget;
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(letters_, 1);
    column->addLayout(row);
    connect(line_, &QDoubleSpinBox::valueChanged, this, &JobsDialog::look);
    look();
    return box;
}

void JobsDialog::look() {
    letters_->show_letters(outline_, colour_, line_->value());
    lost_->setText(letters_->lost() < 0.005
                       ? tr("Everything of it is as wide as the line.")
                       : tr("Red: %1 % of it is finer than the line and blurs or is lost.")
                             .arg(number(100 * letters_->lost(), 0)));
    write_->setText(std::abs(line_->value() - line_now_) > 1e-6 ? tr("&Print lines of this width")
                                                                : tr("&Write into a folder…"));
}

double JobsDialog::line_mm() const {
    return line_ ? line_->value() : 0;
}

} // namespace vitrail

#include "moc_jobs_dialog.cpp"
