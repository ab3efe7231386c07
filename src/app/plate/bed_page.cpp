#include "app/plate/bed_page.h"

#include "app/document/background.h"
#include "app/document/document.h"
#include "app/document/view_state.h"
#include "app/parts/panel.h"
#include "app/parts/settings_form.h"
#include "app/parts/tables.h"
#include "app/plate_view/plate_view.h"
#include "core/base/numbers.h"
#include "core/base/text.h"
#include "core/plate/copies.h"
#include "paint/words.h"

#include <QCheckBox>
#include <QDoubleSpinBox>
#include <QFormLayout>
#include <QLineEdit>
#include <QMenu>
#include <QPushButton>
#include <QScrollArea>
#include <QSignalBlocker>
#include <QSpinBox>
#include <QSplitter>
#include <QTableWidget>

namespace vitrail {

namespace {

constexpr double kNowhere = -9999;
constexpr int kCountUndo = 3010, kPlaceUndo = 3011; ///< undo merge keys

QDoubleSpinBox* length_box(const char* name, const QString& spoken, const QString& unit) {
    auto* box = new QDoubleSpinBox;
    box->setObjectName(QString::fromLatin1(name));
    box->setAccessibleName(spoken);
    box->setRange(kNowhere, 9999);
    box->setDecimals(1);
    box->setSuffix(QLatin1Char(' ') + unit);
    box->setKeyboardTracking(false);
    box->setSpecialValueText(QStringLiteral("–")); // while nothing is chosen
    return box;
}

} // namespace

BedPage::BedPage(Document* document, ViewState* view, QWidget* parent)
    : QWidget(parent), document_(document), view_(view),
      plate_(new PlateView(document, view, PlateView::Use::arrange)), says_(new QLabel), name_(new QLineEdit),
      count_(new QSpinBox), x_(length_box("place_x", tr("From the left edge"), tr("mm"))),
      y_(length_box("place_y", tr("From the front edge"), tr("mm"))),
      turn_(length_box("place_turn", tr("Turned by"), tr("°"))), pinned_(new QCheckBox(tr("&Pinned there"))) {
    auto* bed = new Panel(tr("The bed from above"));
    bed->set_aside(tr("drag to move · Ctrl+click adds to the choice · a line every 50 mm"));
    bed->body()->addWidget(plate_, 1);
    says_->setObjectName(QStringLiteral("plate_says"));
    says_->setWordWrap(true);
    bed->body()->addWidget(says_);
    auto* side = new QWidget;
    auto* column = new QVBoxLayout(side);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(em(0.6));
    column->addWidget(make_pieces(), 1);
    column->addWidget(make_place());
    auto* settings = new Panel(tr("Room between them"));
    settings->body()->addWidget(
        new SettingsForm(document, {"copies", "spacing", "plate.margin", "plate.turns"}));
    column->addWidget(settings);
    auto* all = new QVBoxLayout(this);
    all->setContentsMargins(0, em(0.5), 0, 0);
    auto* scroll = new QScrollArea;      // a small screen has not room for all of it
    scroll->setFocusPolicy(Qt::NoFocus); // what is in it has the focus, and is scrolled to
    scroll->setWidget(side);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setAccessibleName(tr("Pieces, places and room"));
    scroll->setMinimumWidth(side->minimumSizeHint().width() + em(1));
    pieces_->setMinimumHeight(em(7));
    all->addWidget(make_splitter("plate.all", Qt::Horizontal, {bed, scroll}, {720, 400}));

    connect(document, &Document::project_changed, this, &BedPage::refresh);
    connect(document, &Document::plan_changed, this, &BedPage::refresh);
    connect(view, &ViewState::piece_changed, this, &BedPage::refresh);
    connect(plate_, &PlateView::chosen_changed, this, &BedPage::refresh_place);
    connect(plate_, &PlateView::dragged, this,
            [this](const QString& text) { text.isEmpty() ? refresh() : says_->setText(text); });
    refresh();
}

QWidget* BedPage::make_pieces() {
    auto* panel = new Panel(tr("Pieces"));
    pieces_ = make_table(
        "pieces", tr("Pieces of the plate"),
        {{tr("piece")}, {tr("number"), 5, true}, {tr("g each"), 5, true}, {tr("time each"), 6, true}});
    pieces_->horizontalHeaderItem(2)->setToolTip(tr("Piece without support, in grams"));
    pieces_->horizontalHeaderItem(3)->setToolTip(tr("Its share of the whole print by volume"));
    panel->body()->addWidget(pieces_, 1);
    connect(pieces_, &QTableWidget::currentCellChanged, this, [this](int row) {
        if (!showing_ && row >= 0)
            view_->show_piece(static_cast<std::size_t>(row));
    });
    name_->setObjectName(QStringLiteral("piece_name"));
    count_->setObjectName(QStringLiteral("piece_count"));
    count_->setRange(1, kMostPlaced);
    count_->setKeyboardTracking(false);
    auto* form = new QFormLayout;
    form->addRow(tr("&Name"), name_);
    form->addRow(tr("How &many"), count_);
    panel->body()->addLayout(form);
    connect(name_, &QLineEdit::editingFinished, this, [this] {
        const std::string name = one_line(name_->text().toStdString());
        if (!showing_ && !name.empty() && name != view_->piece_of(document_->project()).name)
            document_->edit(tr("Rename a piece"),
                            [&](Project& p) { rename_piece(p, static_cast<int>(view_->piece_in(p)), name); });
    });
    connect(count_, &QSpinBox::valueChanged, this, [this](int n) {
        if (!showing_ && n != view_->piece_of(document_->project()).count)
            document_->edit(
                tr("Change how many of a piece"), [&](Project& p) { view_->piece_of(p).count = n; },
                kCountUndo);
    });
    auto* row = new QHBoxLayout;
    const auto button = [&](const char* name, const char* picture, const QString& text) {
        auto* b = new QPushButton(icon(QString::fromLatin1(picture)), text);
        b->setObjectName(QString::fromLatin1(name));
        row->addWidget(b);
        return b;
    };
    connect(button("add_piece_here", "plus", tr("&Add a piece…")), &QPushButton::clicked, this,
            &BedPage::wants_piece);
    remove_ = button("remove_piece", "trash-2", tr("Re&move"));
    connect(remove_, &QPushButton::clicked, this, &BedPage::remove_piece);
    fill_ = button("fill_bed", "plate", tr("&Fill the bed"));
    fill_->setToolTip(tr("As many of this piece as there is room for, besides the others"));
    connect(fill_, &QPushButton::clicked, this, &BedPage::fill_bed);
    row->addStretch();
    panel->body()->addLayout(row);
    return panel;
}

QWidget* BedPage::make_place() {
    place_ = new Panel(tr("The one that is chosen"));
    turn_->setRange(kNowhere, 359.9);
    pinned_->setObjectName(QStringLiteral("place_pinned"));
    pinned_->setToolTip(tr("It stays where it is; the others are arranged around it."));
    auto* where = new QHBoxLayout;
    where->addWidget(x_);
    where->addWidget(y_);
    auto* form = new QFormLayout;
    form->addRow(tr("Middle at x, y"), where);
    auto* turned = new QHBoxLayout;
    turned->addWidget(turn_);
    turned->addWidget(pinned_);
    auto* turned_label = new QLabel(tr("&Turned by"));
    turned_label->setBuddy(turn_);
    form->addRow(turned_label, turned);
    place_->body()->addLayout(form);
    for (QDoubleSpinBox* box : {x_, y_, turn_})
        connect(box, &QDoubleSpinBox::valueChanged, this, &BedPage::put);
    connect(pinned_, &QCheckBox::clicked, this, [this](bool on) { plate_->pin_chosen(on); });
    arrange_ = new QPushButton(icon(QStringLiteral("plate")), tr("Arrange &everything anew"));
    arrange_->setObjectName(QStringLiteral("arrange_all"));
    arrange_->setToolTip(tr("Nothing is pinned any more"));
    connect(arrange_, &QPushButton::clicked, this,
            [this] { document_->edit(tr("Arrange everything anew"), [](Project& p) { p.pinned.clear(); }); });
    auto* row = new QHBoxLayout;
    row->addWidget(arrange_);
    align_ = new QPushButton(tr("A&lign"));
    align_->setObjectName(QStringLiteral("align"));
    align_->setToolTip(tr("What is chosen, to the one that was chosen first; they stay there"));
    auto* menu = new QMenu(align_);
    const std::pair<PlateView::Align, QString> ways[] = {
        {PlateView::Align::left, tr("&Left edges")},
        {PlateView::Align::right, tr("&Right edges")},
        {PlateView::Align::front, tr("&Front edges")},
        {PlateView::Align::back, tr("&Back edges")},
        {PlateView::Align::column, tr("Middles in a &column")},
        {PlateView::Align::row, tr("Middles in a r&ow")}};
    for (const auto& [way, text] : ways)
        menu->addAction(text, this, [this, how = way] { plate_->align(how); });
    align_->setMenu(menu);
    row->addWidget(align_);
    row->addStretch();
    place_->body()->addLayout(row);
    return place_;
}

void BedPage::fill_bed() {
    const auto plan = document_->plan();
    if (!plan || document_->planning())
        return;
    fill_->setEnabled(false);
    says_->setText(tr("Looking for how many have room…"));
    const std::size_t piece = view_->piece_in(document_->planned_project());
    document_->background()->run(
        this,
        [this, piece, plan,
         project = document_->planned_project()](const std::stop_token& stop) -> Background::Then {
            const auto most = most_of_piece(project, *plan, piece, {stop, {}});
            return [this, name = project.pieces[piece].name, n = most ? *most : 0] {
                refresh();
                const int at = find_piece(document_->project(), name);
                if (n < 1)
                    says_->setText(tr("Not even one has room beside the others."));
                else if (at >= 0 && n == document_->project().pieces[static_cast<std::size_t>(at)].count)
                    says_->setText(tr("The bed is full of it already."));
                else if (at >= 0)
                    document_->edit(tr("Fill the bed"), [at, n](Project& p) {
                        p.pieces[static_cast<std::size_t>(at)].count = n;
                    });
            };
        });
}

void BedPage::put() {
    if (!showing_ && plate_->chosen())
        plate_->put(x_->value(), y_->value(), turn_->value(), kPlaceUndo);
}

void BedPage::remove_piece() {
    const Project& now = document_->project();
    const std::string name = view_->piece_of(now).name;
    document_->edit(tr("Remove the piece “%1”").arg(QString::fromStdString(name)),
                    [&](Project& p) { vitrail::remove_piece(p, find_piece(p, name)); });
    view_->show_piece(0);
}

void BedPage::refresh() {
    showing_ = true;
    const Project& p = document_->project();
    const auto plan = document_->plan();
    const bool any = has_parts(p);
    pieces_->setRowCount(any ? static_cast<int>(p.pieces.size()) : 0);
    for (int i = 0; i < pieces_->rowCount(); ++i) {
        const Piece& piece = p.pieces[static_cast<std::size_t>(i)];
        const bool known = plan && static_cast<std::size_t>(i) < plan->piece_shares.size();
        const PieceShare share = known ? plan->piece_shares[static_cast<std::size_t>(i)] : PieceShare{};
        set_row(pieces_, i,
                {QString::fromStdString(piece.name), QLocale().toString(count_of(p, piece)),
                 known ? number(share.model_g, 1) : tr("–"),
                 known ? QString::fromStdString(duration(share.total_s)) : tr("–")});
    }
    if (any)
        pieces_->setCurrentCell(static_cast<int>(view_->piece_in(p)), 0);
    const Piece& shown = view_->piece_of(p);
    if (!name_->hasFocus())
        name_->setText(QString::fromStdString(shown.name));
    count_->setValue(shown.count);
    for (QWidget* w : std::initializer_list<QWidget*>{name_, count_, remove_, fill_})
        w->setEnabled(any);
    arrange_->setEnabled(!p.pinned.empty());
    showing_ = false;
    if (!plan) {
        says_->setText(any ? tr("The plate shows once there is a plan.")
                           : tr("Nothing to arrange yet: add a piece."));
    } else {
        const Machine& m = document_->planned_project().machine;
        const Plate& plate = plan->plate;
        const int asked = count_of_all(document_->planned_project());
        QString text = plate.fits ? tr("%n piece(s) on %L1 × %L2 mm", nullptr, asked)
                                        .arg(number(m.bed_x_mm, 0))
                                        .arg(number(m.bed_y_mm, 0))
                                  : tr("Does not fit: %L1 of %L2 have a place on %L3 × %L4 mm")
                                        .arg(plate.room_for)
                                        .arg(asked)
                                        .arg(number(m.bed_x_mm, 0))
                                        .arg(number(m.bed_y_mm, 0));
        if (!plate.towers.empty())
            text += tr(" · the tower stands %L1 mm from their middle").arg(number(plate.tower_away_mm, 0));
        says_->setText(text);
        QPalette colours = palette();
        if (!plate.fits)
            colours.setColor(QPalette::WindowText, Theme::current().bad);
        says_->setPalette(colours);
    }
    refresh_place();
}

void BedPage::refresh_place() {
    showing_ = true;
    const Placed* now = plate_->chosen();
    for (QWidget* w : std::initializer_list<QWidget*>{x_, y_, turn_, pinned_})
        w->setEnabled(now);
    x_->setValue(now ? now->x_mm : kNowhere);
    y_->setValue(now ? now->y_mm : kNowhere);
    turn_->setValue(now ? now->turn_deg : kNowhere);
    pinned_->setChecked(now && now->pinned);
    align_->setEnabled(plate_->all_chosen().size() > 1);
    const Project& p = document_->planned_project();
    place_->set_aside(
        !now ? tr("click one on the bed")
             : tr("%1, %L2 of %L3")
                   .arg(QString::fromStdString(p.pieces[static_cast<std::size_t>(now->piece)].name))
                   .arg(now->nth)
                   .arg(count_of(p, p.pieces[static_cast<std::size_t>(now->piece)])));
    showing_ = false;
}

} // namespace vitrail

#include "moc_bed_page.cpp"
