#include "app/picture/stack_page.h"

#include "app/document/background.h"
#include "app/document/document.h"
#include "app/document/shelf_store.h"
#include "app/parts/panel.h"
#include "app/parts/tables.h"
#include "app/picture/picture_desk.h"
#include "app/picture/stack_front.h"
#include "core/picture/make.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <QCheckBox>
#include <QDoubleSpinBox>
#include <QFormLayout>
#include <QPointer>
#include <QPushButton>
#include <QSpinBox>
#include <QSplitter>
#include <QTableWidget>

#include <algorithm>
#include <cmath>
#include <map>

namespace vitrail {

namespace {

enum Wish { kMay, kMust, kNot };
enum Kept { kFree, kLayers, kBorder };

QString wish_text(int wish) {
    return wish == kMay    ? StackPage::tr("may be")
           : wish == kMust ? StackPage::tr("must be")
                           : StackPage::tr("not");
}

int wish_in(const QTableWidget* table, int row) {
    return table->item(row, 2)->data(Qt::UserRole).toInt();
}

/// Space, Enter or a click on its last column gives a row the next of three wishes.
void go_through(QTableWidget* table, const std::function<QString(int)>& text) {
    QObject::connect(table, &QTableWidget::cellActivated, table, [table, text](int row) {
        QTableWidgetItem* item = table->item(row, 2);
        const int next = (wish_in(table, row) + 1) % 3;
        item->setData(Qt::UserRole, next);
        item->setText(text(next));
    });
    QObject::connect(table, &QTableWidget::cellClicked, table, [table](int row, int column) {
        if (column == 2)
            Q_EMIT table->cellActivated(row, column);
    });
}

} // namespace

StackPage::StackPage(Document* document, PictureDesk* desk, ShelfStore* shelf, QWidget* parent)
    : QWidget(parent), document_(document), desk_(desk), shelf_(shelf), plot_(new StackFront),
      swaps_(new QSpinBox), slots_(new QSpinBox), most_(new QDoubleSpinBox),
      exactly_(new QCheckBox(tr("&Exactly that high"))),
      go_(new QPushButton(icon(QStringLiteral("search")), tr("&Search"))),
      use_(new QPushButton(tr("&Use this stack"))), says_(new QLabel) {
    auto* found = new Panel(tr("What comes nearest"));
    found->set_aside(tr("mean difference over the whole picture"));
    found->body()->addWidget(plot_, 1);
    front_table_ = make_table("stack_front", tr("The best stack for each number of swaps"),
                              {{tr("swaps"), 4.5, true},
                               {tr("ΔE"), 4, true},
                               {tr("gains"), 4.5, true},
                               {tr("from the bed upwards")}});
    front_table_->horizontalHeaderItem(2)->setToolTip(tr("What this swap buys against one less"));
    found->body()->addWidget(front_table_, 1);
    says_->setObjectName(QStringLiteral("stack_says"));
    says_->setWordWrap(true);
    found->body()->addWidget(says_);
    use_->setObjectName(QStringLiteral("use_stack"));
    found->body()->addWidget(use_, 0, Qt::AlignLeft);
    auto* all = new QVBoxLayout(this);
    all->setContentsMargins(0, em(0.5), 0, 0);
    all->addWidget(make_splitter("picture.stack", Qt::Horizontal, {make_wishes(), found}, {460, 700}));
    connect(go_, &QPushButton::clicked, this, [this] { searching_ ? stop() : search(); });
    connect(use_, &QPushButton::clicked, this, &StackPage::use);
    connect(front_table_, &QTableWidget::currentCellChanged, this, [this](int row) {
        if (!showing_) {
            plot_->show_front(front_, row);
            use_->setEnabled(row >= 0 && row < static_cast<int>(front_.size()) &&
                             !front_[static_cast<std::size_t>(row)].broken);
        }
    });
    connect(desk, &PictureDesk::changed, this, &StackPage::refresh);
    connect(shelf, &ShelfStore::changed, this, &StackPage::fill_filaments);
    connect(shelf, &ShelfStore::ready, this, &StackPage::fill_filaments);
    refresh();
}

QWidget* StackPage::make_wishes() {
    auto* panel = new Panel(tr("Out of what"));
    filaments_ = make_table("stack_filaments", tr("Filaments to choose from"),
                            {{tr("filament")}, {tr("TD mm"), 4.5, true}, {tr("in the stack"), 8}});
    filaments_->horizontalHeaderItem(1)->setToolTip(
        tr("Transmission distance: so thick it lets a tenth of the light through"));
    filaments_->horizontalHeaderItem(2)->setToolTip(tr("Press Space to go through: may be, must be, not"));
    panel->body()->addWidget(filaments_, 1);
    go_through(filaments_, wish_text);
    kept_ = make_table("stack_kept", tr("Bands the picture has, and what of them stays"),
                       {{tr("band it has")}, {tr("layers"), 5.5, true}, {tr("stays"), 8}});
    kept_->horizontalHeaderItem(2)->setToolTip(
        tr("Press Space to go through: free, its layers in its filament, or only the border below it"));
    panel->body()->addWidget(kept_, 1);
    go_through(kept_, [](int wish) {
        return wish == kFree ? tr("free") : wish == kLayers ? tr("its layers") : tr("border below");
    });
    swaps_->setObjectName(QStringLiteral("most_swaps"));
    swaps_->setRange(0, 12);
    swaps_->setValue(4);
    slots_->setObjectName(QStringLiteral("most_slots"));
    slots_->setRange(1, 26);
    slots_->setValue(5);
    slots_->setToolTip(
        tr("Different filaments at most: what the slots hold, or what you have the patience for"));
    most_->setObjectName(QStringLiteral("most_height"));
    most_->setRange(0.3, 20);
    most_->setSingleStep(0.1);
    most_->setValue(2.4);
    most_->setSuffix(QLatin1Char(' ') + tr("mm"));
    exactly_->setObjectName(QStringLiteral("exactly_height"));
    exactly_->setToolTip(tr("The stack gets all the layers that fit into the height, not fewer"));
    auto* form = new QFormLayout;
    form->addRow(tr("S&waps at most"), swaps_);
    form->addRow(tr("&Filaments at most"), slots_);
    form->addRow(tr("&Height at most"), most_);
    form->addRow(QString(), exactly_);
    panel->body()->addLayout(form);
    go_->setObjectName(QStringLiteral("search_stack"));
    panel->body()->addWidget(go_, 0, Qt::AlignLeft);
    return panel;
}

void StackPage::fill_filaments() {
    // How those that stay were wished for is kept.
    std::map<QString, int> wishes;
    for (int row = 0; row < filaments_->rowCount(); ++row)
        wishes[filaments_->item(row, 0)->text()] = wish_in(filaments_, row);
    offered_ = document_->project().filaments;
    if (shelf_->is_open())
        for (const ShelfFilament& s : shelf_->shelf().filaments)
            if (!facts(s.filament.material).soluble &&
                std::none_of(offered_.begin(), offered_.end(),
                             [&](const Filament& f) { return f.shelf_id == s.id; })) {
                offered_.push_back(s.filament);
                offered_.back().letter = 0;
                offered_.back().shelf_id = s.id;
            }
    filaments_->setRowCount(static_cast<int>(offered_.size()));
    for (int row = 0; row < filaments_->rowCount(); ++row) {
        const Filament& f = offered_[static_cast<std::size_t>(row)];
        const QString name = f.letter ? QStringLiteral("%1  %2").arg(QChar::fromLatin1(f.letter),
                                                                     QString::fromStdString(f.name))
                                      : tr("shelf: %1").arg(QString::fromStdString(f.name));
        const auto known = wishes.find(name);
        const int wish = known == wishes.end() ? 0 : known->second;
        set_row(filaments_, row, {name, number(f.td_mm, 1), wish_text(wish)});
        filaments_->item(row, 2)->setData(Qt::UserRole, wish);
        filaments_->item(row, 0)->setIcon(colour_swatch(to_qcolor(f.colour)));
    }
}

/// Of the bands as they are; another stack has nothing of it to stay.
void StackPage::fill_kept() {
    const auto bands = desk_->picture() ? desk_->picture()->bands : std::vector<ReliefBand>{};
    if (bands == shown_bands_ && kept_->rowCount() == static_cast<int>(bands.size()))
        return;
    shown_bands_ = bands;
    kept_->setRowCount(static_cast<int>(bands.size()));
    for (int row = 0; row < kept_->rowCount(); ++row) {
        const ReliefBand& b =
            bands[bands.size() - 1 - static_cast<std::size_t>(row)]; // the highest first, as on the bench
        const int f = find_filament(document_->project(), b.filament);
        const QString name =
            f < 0 ? QString()
                  : QString::fromStdString(document_->project().filaments[static_cast<std::size_t>(f)].name);
        set_row(kept_, row,
                {QStringLiteral("%1  %2").arg(QChar::fromLatin1(b.filament), name),
                 tr("%1–%2").arg(b.from_layer).arg(b.to_layer), tr("free")});
        kept_->item(row, 2)->setData(Qt::UserRole, kFree);
        if (f >= 0)
            kept_->item(row, 0)->setIcon(
                colour_swatch(to_qcolor(document_->project().filaments[static_cast<std::size_t>(f)].colour)));
    }
}

/// What of the present bands the search has to leave as it is; false where it could not be kept.
bool StackPage::keep(StackSearch& s) const {
    for (int row = 0; row < kept_->rowCount(); ++row) {
        const ReliefBand& b = shown_bands_[shown_bands_.size() - 1 - static_cast<std::size_t>(row)];
        const int wish = wish_in(kept_, row);
        if (wish == kBorder && b.from_layer > 1)
            s.borders.push_back(b.from_layer - 1);
        if (wish != kLayers)
            continue;
        const auto tint = std::find_if(searched_.begin(), searched_.end(),
                                       [&](const Filament& f) { return f.letter == b.filament; });
        if (tint == searched_.end() || b.to_layer > s.most_layers)
            return false;
        s.layers.resize(std::max(s.layers.size(), static_cast<std::size_t>(b.to_layer)), -1);
        std::fill(s.layers.begin() + b.from_layer - 1, s.layers.begin() + b.to_layer,
                  static_cast<int>(tint - searched_.begin()));
    }
    return true;
}

void StackPage::refresh() {
    setEnabled(desk_->picture());
    fill_filaments();
    fill_kept();
    refresh_front();
}

void StackPage::search() {
    if (!desk_->ready())
        return;
    const Project& p = document_->project();
    searched_.clear();
    std::vector<int> wanted;
    for (int row = 0; row < filaments_->rowCount(); ++row)
        if (const int wish = wish_in(filaments_, row); wish != kNot) {
            if (wish == kMust)
                wanted.push_back(static_cast<int>(searched_.size()));
            searched_.push_back(offered_[static_cast<std::size_t>(row)]);
        }
    if (searched_.empty()) {
        says_->setText(tr("Nothing to search among: let a filament be in the stack."));
        return;
    }
    if (static_cast<int>(wanted.size()) > slots_->value()) {
        says_->setText(tr("More filaments must be in the stack than may be: allow more."));
        return;
    }
    const int fit = 1 + static_cast<int>(std::floor(
                            (most_->value() - p.settings.first_layer_mm) / p.settings.layer_mm + 1e-9));
    StackSearch asked;
    asked.most_layers = std::min(fit, kMostPictureLayers);
    asked.most_bands = swaps_->value() + 1;
    asked.most_filaments = slots_->value();
    asked.wanted = wanted;
    asked.exactly_layers = exactly_->isChecked() ? asked.most_layers : 0;
    if (!keep(asked)) {
        says_->setText(
            tr("A band that stays is higher than the stack may be, or its filament is not to choose from."));
        return;
    }
    searching_ = true;
    front_.clear();
    go_->setText(tr("&Stop"));
    says_->setText(tr("Searching…"));
    const QPointer<StackPage> self = this;
    stop_ = document_->background()->run(
        this,
        [this, self, asked, picture = *desk_->picture(), filaments = searched_,
         first = p.settings.first_layer_mm, layer = p.settings.layer_mm,
         prepared = desk_->prepared()](const std::stop_token& stop) -> Background::Then {
            StackSearch s = search_for(picture, filaments, first, layer, prepared->picture);
            s.most_layers = std::max(asked.most_layers, s.base_layers);
            s.most_bands = asked.most_bands;
            s.most_filaments = asked.most_filaments;
            s.wanted = asked.wanted;
            s.layers = asked.layers;
            s.borders = asked.borders;
            s.exactly_layers = asked.exactly_layers > 0 ? s.most_layers : 0;
            auto front = best_stacks(s, {stop, {}}, [self](const std::vector<FoundStack>& so_far) {
                if (self)
                    QMetaObject::invokeMethod(
                        self,
                        [self, so_far] {
                            if (self && self->searching_)
                                self->show_front(so_far);
                        },
                        Qt::QueuedConnection);
            });
            return [this, front = std::move(front)] {
                searching_ = false;
                go_->setText(tr("&Search"));
                show_front(front);
            };
        });
}

void StackPage::stop() {
    stop_.request_stop();
    searching_ = false;
    go_->setText(tr("&Search"));
    says_->setText(front_.empty() ? tr("Stopped before anything was found.")
                                  : tr("Stopped; this is the best so far."));
}

void StackPage::show_front(std::vector<FoundStack> front) {
    front_ = std::move(front);
    refresh_front();
}

void StackPage::refresh_front() {
    showing_ = true;
    front_table_->setRowCount(static_cast<int>(front_.size()));
    // Enough are as many as bring all but a just noticeable difference.
    constexpr double kNoticed = 0.5;
    int enough = -1;
    for (std::size_t i = 0; i < front_.size(); ++i) {
        const FoundStack& f = front_[i];
        QStringList stack;
        for (const StackBand& b : f.bands) {
            const Filament& x = searched_[static_cast<std::size_t>(b.tint)];
            stack << tr("%1 %2").arg(b.layers).arg(
                QString::fromStdString(x.name.empty() ? std::string(1, x.letter ? x.letter : '?') : x.name));
        }
        const bool first = i == 0 || front_[i - 1].broken;
        set_row(front_table_, static_cast<int>(i),
                {QString::number(i), f.broken ? QStringLiteral("–") : number(f.error, 1),
                 first || f.broken ? QStringLiteral("–") : number(front_[i - 1].error - f.error, 1),
                 f.broken ? tr("cannot keep what must be") : stack.join(QStringLiteral(" · "))},
                f.proven ? tr("All stacks with so many swaps were looked at: there is no better one")
                         : tr("Found by searching; there may be a better one"));
        if (!f.broken && !front_.back().broken && enough < 0 && f.error - front_.back().error <= kNoticed)
            enough = static_cast<int>(i);
    }
    const int row = enough >= 0 ? enough : static_cast<int>(front_.size()) - 1;
    if (!front_.empty())
        front_table_->setCurrentCell(row, 0);
    plot_->show_front(front_, row);
    use_->setEnabled(enough >= 0);
    showing_ = false;
    if (searching_)
        return;
    if (front_.empty())
        says_->setText(tr("Search for the stack that comes nearest to the picture: filaments, their order, "
                          "and the borders between them."));
    else if (enough < 0)
        says_->setText(
            tr("No stack keeps what must be with so few swaps, filaments and layers. Allow more."));
    else if (enough + 1 < static_cast<int>(front_.size()))
        says_->setText(
            tr("%n swap(s) are enough: all that come after gain ΔE %1 together, which is hardly seen.",
               nullptr, enough)
                .arg(number(front_[static_cast<std::size_t>(enough)].error - front_.back().error, 1)));
    else
        says_->setText(tr("The last swap still gains; one more may, too."));
}

void StackPage::use() {
    const int row = front_table_->currentRow();
    if (row < 0 || row >= static_cast<int>(front_.size()))
        return;
    const std::vector<StackBand> stack = front_[static_cast<std::size_t>(row)].bands;
    Project test = document_->project();
    std::vector<Filament> with_letters = searched_;
    for (const StackBand& b : stack) {
        Filament& f = with_letters[static_cast<std::size_t>(b.tint)];
        if (f.letter)
            continue;
        f.letter = free_letter(test);
        if (!f.letter) {
            Q_EMIT said(tr("All letters are taken: remove a filament of the project first."));
            return;
        }
        test.filaments.push_back(f);
    }
    desk_->edit(tr("Use the stack that was found"),
                [filaments = test.filaments, bands = bands_of(stack, with_letters)](Project& p) {
                    for (const Filament& f : filaments)
                        if (find_filament(p, f.letter) < 0)
                            p.filaments.push_back(f);
                    p.picture->bands = bands;
                });
}

} // namespace vitrail

#include "moc_stack_page.cpp"
