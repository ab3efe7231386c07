#include "app/piece/colour_dialog.h"

#include "app/theme/theme.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <QComboBox>
#include <QDialogButtonBox>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QSlider>
#include <QTableWidget>
#include <QVBoxLayout>

#include <algorithm>

namespace vitrail {

namespace {

/// Beyond this, a filament of the project does not stand for a file colour by itself.
constexpr double kAlike = 10;

QIcon pane_icon(Srgb c) {
    QPixmap m(em(2.2), em(1.3));
    m.fill(to_qcolor(c));
    QPainter p(&m);
    p.setPen(QPen(Theme::current().lead, 2));
    p.drawRect(m.rect().adjusted(0, 0, -1, -1));
    return QIcon(m);
}

} // namespace

ColourDialog::ColourDialog(const Project& project, std::vector<ColourUse> colours, QWidget* parent)
    : QDialog(parent), project_(project), colours_(std::move(colours)), order_(merge_order(colours_)),
      left_(new QSlider(Qt::Horizontal)), count_(new QLabel), merged_(new QLabel), table_(new QTableWidget) {
    setObjectName(QStringLiteral("colour_dialog"));
    setWindowTitle(tr("Colours of the model"));
    resize(em(44), em(32));
    const int n = static_cast<int>(colours_.size());
    left_->setObjectName(QStringLiteral("colours_left"));
    left_->setAccessibleName(tr("Colours left"));
    left_->setRange(1, std::min(n, kMostFilaments));
    // To begin with, as many as anyone could tell apart: merges below ΔE 3 are made.
    int keep = n;
    for (const ColourMerge& m : order_)
        if (m.delta_e < 3)
            --keep;
    left_->setValue(std::clamp(keep, 1, left_->maximum()));
    auto* row = new QHBoxLayout;
    auto* label = new QLabel(tr("Colours &left"));
    label->setBuddy(left_);
    row->addWidget(label);
    row->addWidget(left_, 1);
    row->addWidget(count_);
    table_->setObjectName(QStringLiteral("file_colours"));
    table_->setAccessibleName(tr("Colours of the file and their filaments"));
    table_->setColumnCount(4);
    table_->setHorizontalHeaderLabels(
        {tr("in the file"), tr("of the surface"), tr("becomes"), tr("off by ΔE")});
    table_->verticalHeader()->hide();
    table_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    table_->setSelectionMode(QAbstractItemView::NoSelection);
    table_->setIconSize(QSize(em(2.2), em(1.3)));
    table_->horizontalHeader()->setSectionResizeMode(2, QHeaderView::Stretch);
    merged_->setWordWrap(true);
    merged_->setObjectName(QStringLiteral("quiet"));
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    auto* column = new QVBoxLayout(this);
    column->addLayout(row);
    column->addWidget(table_, 1);
    column->addWidget(merged_);
    column->addWidget(buttons);
    connect(left_, &QSlider::valueChanged, this, &ColourDialog::refill);
    refill();
}

/// The nearest filament of the project, as long as it is alike; 0: a new one.
char ColourDialog::proposal(int colour) const {
    const auto chosen = by_hand_.find(colour);
    if (chosen != by_hand_.end())
        return chosen->second;
    std::vector<Srgb> have;
    for (const Filament& f : project_.filaments)
        have.push_back(f.colour);
    const int nearest = nearest_colour(colours_[colour].colour, have);
    if (nearest < 0 || delta_e_2000(to_lab(have[nearest]), to_lab(colours_[colour].colour)) > kAlike)
        return 0;
    return project_.filaments[nearest].letter;
}

void ColourDialog::refill() {
    const int n = static_cast<int>(colours_.size());
    const std::vector<int> to = merged_to(n, order_, left_->value());
    count_->setText(tr("%1 of %2").arg(left_->value()).arg(n));
    double all = 0;
    for (const ColourUse& c : colours_)
        all += c.area_mm2;
    std::vector<int> kept;
    for (int i = 0; i < n; ++i)
        if (to[i] == i)
            kept.push_back(i);
    table_->setRowCount(static_cast<int>(kept.size()));
    double worst = 0;
    int gone = 0;
    for (int i = 0; i < n; ++i)
        if (to[i] != i) {
            ++gone;
            worst = std::max(worst, delta_e_2000(to_lab(colours_[i].colour), to_lab(colours_[to[i]].colour)));
        }
    merged_->setText(
        gone ? tr("%n colour(s) merged into the nearest one that covers more; the farthest is off by ΔE %1.",
                  nullptr, gone)
                   .arg(number(worst, 1))
             : tr("Every colour of the file is kept. Move the slider to merge near-equal ones."));
    for (int row = 0; row < static_cast<int>(kept.size()); ++row) {
        const int c = kept[static_cast<std::size_t>(row)];
        double area = 0;
        int members = 0;
        for (int i = 0; i < n; ++i)
            if (to[i] == c)
                area += colours_[i].area_mm2, ++members;
        auto* name =
            new QTableWidgetItem(pane_icon(colours_[c].colour),
                                 words(describe_colour(colours_[c].colour)) +
                                     (members > 1 ? tr(" and %1 more").arg(members - 1) : QString()));
        name->setToolTip(QString::fromStdString(to_hex(colours_[c].colour)));
        table_->setItem(row, 0, name);
        auto* share = new QTableWidgetItem(tr("%1 %").arg(number(all > 0 ? 100 * area / all : 0, 1)));
        share->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
        table_->setItem(row, 1, share);
        auto* off = new QTableWidgetItem;
        off->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
        auto* box = new QComboBox;
        box->setIconSize(QSize(em(2.2), em(1.3)));
        box->setAccessibleName(tr("Filament for %1").arg(QString::fromStdString(to_hex(colours_[c].colour))));
        box->addItem(pane_icon(colours_[c].colour), tr("a new filament of this colour"), 0);
        for (const Filament& f : project_.filaments)
            box->addItem(pane_icon(f.colour),
                         QStringLiteral("%1 · %2")
                             .arg(QChar::fromLatin1(f.letter))
                             .arg(QString::fromStdString(f.name)),
                         int(f.letter));
        const auto show_difference = [this, c, off](char letter) {
            const int f = find_filament(project_, letter);
            off->setText(
                f < 0 ? QStringLiteral("0.0")
                      : number(delta_e_2000(to_lab(project_.filaments[f].colour), to_lab(colours_[c].colour)),
                               1));
        };
        const char now = proposal(c);
        box->setCurrentIndex(box->findData(int(now)));
        show_difference(now);
        connect(box, &QComboBox::activated, this, [this, box, c, show_difference](int i) {
            by_hand_[c] = static_cast<char>(box->itemData(i).toInt());
            show_difference(by_hand_[c]);
        });
        table_->setCellWidget(row, 2, box);
        table_->setItem(row, 3, off);
    }
    table_->resizeColumnToContents(0);
    table_->resizeColumnToContents(1);
    table_->resizeRowsToContents();
}

std::vector<ColourMatch> ColourDialog::apply(Project& p) const {
    const int n = static_cast<int>(colours_.size());
    const std::vector<int> to = merged_to(n, order_, left_->value());
    std::vector<char> letter(static_cast<std::size_t>(n), 0);
    for (int i = 0; i < n; ++i) {
        if (to[i] != i)
            continue;
        letter[i] = proposal(i);
        if (!letter[i] && free_letter(p)) {
            letter[i] = free_letter(p);
            p.filaments.push_back(make_filament(letter[i], Material::PLA, colours_[i].colour));
            name_in_words(p.filaments.back());
        }
        if (!letter[i]) {
            std::vector<Srgb> have;
            for (const Filament& f : p.filaments)
                have.push_back(f.colour);
            letter[i] = p.filaments[nearest_colour(colours_[i].colour, have)].letter;
        }
    }
    std::vector<ColourMatch> matches;
    for (int i = 0; i < n; ++i)
        matches.push_back({colours_[i].colour, letter[to[i]]});
    return matches;
}

} // namespace vitrail

#include "moc_colour_dialog.cpp"
