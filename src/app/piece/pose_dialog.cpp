#include "app/piece/pose_dialog.h"

#include "app/document/background.h"
#include "app/document/threads.h"
#include "app/theme/theme.h"
#include "core/base/numbers.h"
#include "core/project/regions.h"
#include "core/run_sheet/run_sheet.h"
#include "paint/thumbnail.h"
#include "paint/words.h"

#include <QComboBox>
#include <QDialogButtonBox>
#include <QLabel>
#include <QListView>
#include <QProgressBar>
#include <QPushButton>
#include <QStandardItemModel>
#include <QVBoxLayout>

#include <algorithm>

namespace vitrail {

namespace {

constexpr int kPoseRole = Qt::UserRole; ///< place in studied_

} // namespace

PoseDialog::PoseDialog(const Project& project, int piece, Background* background, QWidget* parent)
    : QDialog(parent), settings_(project.settings), aim_(new QComboBox), list_(new QListView),
      model_(new QStandardItemModel(this)), progress_(new QProgressBar), words_(new QLabel) {
    setObjectName(QStringLiteral("pose_dialog"));
    setWindowTitle(tr("Poses"));
    resize(em(62), em(40));
    aim_->setObjectName(QStringLiteral("pose_aim"));
    aim_->addItems({tr("cheapest, all in"), tr("least waste"), tr("fewest changes"), tr("least overhang"),
                    tr("shortest time"), tr("lowest")});
    aim_->setAccessibleName(tr("Sort by"));
    list_->setObjectName(QStringLiteral("poses"));
    list_->setAccessibleName(tr("Poses of the piece"));
    list_->setViewMode(QListView::IconMode);
    list_->setResizeMode(QListView::Adjust);
    list_->setMovement(QListView::Static);
    list_->setIconSize(QSize(em(8), em(8)));
    list_->setGridSize(QSize(em(14), em(16.6)));
    list_->setWordWrap(true);
    list_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    list_->setModel(model_);
    auto* top = new QHBoxLayout;
    auto* label = new QLabel(tr("Sort by"));
    label->setBuddy(aim_);
    top->addWidget(label);
    top->addWidget(aim_);
    top->addStretch();
    top->addWidget(progress_);
    words_->setWordWrap(true);
    words_->setObjectName(QStringLiteral("pose_words"));
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel);
    turn_ = buttons->addButton(tr("Turn the piece so"), QDialogButtonBox::AcceptRole);
    turn_->setObjectName(QStringLiteral("pose_turn"));
    turn_->setEnabled(false);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    auto* column = new QVBoxLayout(this);
    column->addLayout(top);
    column->addWidget(list_, 1);
    column->addWidget(words_);
    column->addWidget(buttons);
    connect(aim_, &QComboBox::currentIndexChanged, this, &PoseDialog::refill);
    connect(list_->selectionModel(), &QItemSelectionModel::currentChanged, this, [this] {
        const QModelIndex i = list_->currentIndex();
        turn_->setEnabled(i.isValid() && !(chosen() == kNoRotation));
    });
    connect(list_, &QListView::doubleClicked, this, [this] {
        if (turn_->isEnabled())
            accept();
    });
    const bool bands = !project.pieces[static_cast<std::size_t>(piece)].bands.empty();
    words_->setText(tr("The same piece, cut into layers standing each way, and held where it hangs. Poses "
                       "that tip over or put a show face on the support come last. %1")
                        .arg(bands ? tr("Bands become parts of their own when the piece is turned, so that "
                                        "their colours stay where they are.")
                                   : QString()));

    // Poses come one after the other; each is planned in parallel by itself.
    left_ = 1;
    progress_->setRange(0, 0);
    stop_ = background->run(
        this,
        [this, self = QPointer<QObject>(this), project,
         piece](const std::stop_token& stop) -> Background::Then {
            const std::vector<Pose> poses = poses_of(project.pieces[static_cast<std::size_t>(piece)]);
            in_window(self, [this, n = static_cast<int>(poses.size())] {
                left_ = n;
                progress_->setRange(0, n);
            });
            for (const Pose& pose : poses) {
                if (stop.stop_requested())
                    return {};
                const PoseCost cost = study_pose(project, piece, pose, {stop, {}});
                if (stop.stop_requested())
                    return {};
                Project turned = project;
                turn(turned, piece, pose.rotation);
                turned.pieces = {turned.pieces[static_cast<std::size_t>(piece)]};
                in_window(self, [this, cost, picture = thumbnail(turned, 192)] { arrive(cost, picture); });
            }
            return {};
        });
}

PoseDialog::~PoseDialog() {
    stop_.request_stop();
}

Rotation PoseDialog::chosen() const {
    const QModelIndex i = list_->currentIndex();
    return i.isValid() ? studied_[static_cast<std::size_t>(i.data(kPoseRole).toInt())].cost.pose.rotation
                       : kNoRotation;
}

void PoseDialog::arrive(const PoseCost& cost, const QImage& picture) {
    studied_.push_back({cost, picture});
    --left_;
    progress_->setValue(progress_->maximum() - left_);
    progress_->setVisible(left_ > 0);
    refill();
}

void PoseDialog::refill() {
    const Rotation kept = chosen();
    const bool had = list_->currentIndex().isValid();
    std::vector<PoseCost> costs;
    for (const Studied& s : studied_)
        costs.push_back(s.cost);
    sort_poses(costs, static_cast<PoseAim>(aim_->currentIndex()));
    const auto as_it_stands = std::find_if(costs.begin(), costs.end(),
                                           [](const PoseCost& c) { return c.pose.rotation == kNoRotation; });
    model_->clear();
    int select = -1;
    for (const PoseCost& c : costs) {
        const auto at = std::find_if(studied_.begin(), studied_.end(), [&](const Studied& s) {
            return s.cost.pose.rotation == c.pose.rotation;
        });
        QString text = words(c.pose.name) + QLatin1Char('\n');
        if (!c.why.empty())
            text += words(c.why);
        else
            text +=
                tr("%n change(s)", nullptr, c.totals.changes) +
                tr(" · waste %1 g").arg(number(waste_g(c.totals), 1)) + QLatin1Char('\n') +
                tr("purge %1 g · tower %2 g").arg(number(c.totals.purge_g, 1), number(c.totals.tower_g, 1)) +
                QLatin1Char('\n') +
                tr("overhang %1 cm² · %2 mm high")
                    .arg(number(c.overhang_mm2 / 100, 1))
                    .arg(number(c.height_mm, 0)) +
                QLatin1Char('\n') +
                tr("%1 and %2 of cleaning")
                    .arg(QString::fromStdString(duration(c.totals.total_s)),
                         QString::fromStdString(duration(c.hand_s))) +
                (!c.fits     ? tr("\ndoes not fit the printer")
                 : !c.stands ? tr("\ntips over")
                 : unheld(c) ? tr("\nheld by nothing in places")
                 : scars(c)  ? tr("\nshow faces on the support")
                             : QString());
        auto* item = new QStandardItem(QIcon(QPixmap::fromImage(at->picture)), text);
        item->setData(static_cast<int>(at - studied_.begin()), kPoseRole);
        if (as_it_stands != costs.end() && c.why.empty())
            item->setToolTip(tr("Waste %1 g: purge %2 g, tower %3 g, support %4 g. All in %5: filament, the "
                                "printer's hours and yours.\n"
                                "Against how it stands now: %6 changes, %7 g of waste, %8 min of printing")
                                 .arg(number(waste_g(c.totals), 1), number(c.totals.purge_g, 1),
                                      number(c.totals.tower_g, 1),
                                      number(c.totals.support_g + c.totals.interface_g, 1),
                                      money_text(settings_, c.price))
                                 .arg(c.totals.changes - as_it_stands->totals.changes)
                                 .arg(number(waste_g(c.totals) - waste_g(as_it_stands->totals), 1))
                                 .arg(number((c.totals.total_s - as_it_stands->totals.total_s) / 60, 0)));
        if (had && c.pose.rotation == kept)
            select = model_->rowCount();
        model_->appendRow(item);
    }
    if (select >= 0)
        list_->setCurrentIndex(model_->index(select, 0));
}

} // namespace vitrail

#include "moc_pose_dialog.cpp"
