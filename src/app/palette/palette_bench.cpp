#include "app/palette/palette_bench.h"

#include "app/document/document.h"
#include "app/document/shelf_store.h"
#include "app/palette/needs_view.h"
#include "app/palette/pairing_view.h"
#include "app/palette/shelf_dialogs.h"
#include "app/palette/shelf_model.h"
#include "app/parts/badge_delegate.h"
#include "app/parts/device_row.h"
#include "app/parts/panel.h"
#include "formats/files.h"
#include "formats/shelf_db.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <QApplication>
#include <QDialogButtonBox>
#include <QFileDialog>
#include <QHeaderView>
#include <QLabel>
#include <QMenu>
#include <QMessageBox>
#include <QPainter>
#include <QPushButton>
#include <QScrollArea>
#include <QScrollBar>
#include <QSplitter>
#include <QStyledItemDelegate>
#include <QTreeView>
#include <QUuid>

#include <algorithm>

namespace vitrail {

namespace {

/// Scrolls words and never shows half a line.
class WholeLines : public QScrollArea {
    void resizeEvent(QResizeEvent* e) override {
        setViewportMargins(0, 0, 0, height() % fontMetrics().lineSpacing());
        verticalScrollBar()->setSingleStep(fontMetrics().lineSpacing());
        QScrollArea::resizeEvent(e);
    }
};

/// What is left as a bar behind the figure, and dampness as a word.
class ShelfDelegate : public QStyledItemDelegate {
public:
    using QStyledItemDelegate::QStyledItemDelegate;
    void paint(QPainter* p, const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        const Theme& t = Theme::current();
        QStyleOptionViewItem o = option;
        initStyleOption(&o, index);
        if (index.data(ShelfModel::DampRole).toBool()) {
            o.palette.setColor(QPalette::Text, t.warn);
            o.palette.setColor(QPalette::HighlightedText, t.warn);
            o.text = QStringLiteral("▲ ") + o.text;
        }
        (o.widget ? o.widget->style() : QApplication::style())
            ->drawControl(QStyle::CE_ItemViewItem, &o, p, o.widget);
        // Over the selection, and thin enough for the figure to be read.
        if (const QVariant share = index.data(ShelfModel::ShareRole); share.isValid()) {
            QColor c = t.accent;
            c.setAlphaF(0.30f);
            const QRect r = option.rect.adjusted(em(0.2), em(0.3), -em(0.2), -em(0.3));
            p->fillRect(
                QRectF(r.left(), r.top(), r.width() * std::clamp(share.toDouble(), 0.0, 1.0), r.height()), c);
        }
    }
};

} // namespace

PaletteBench::PaletteBench(Document* document, ShelfStore* store, QWidget* parent)
    : QWidget(parent), document_(document), store_(store), model_(new ShelfModel(store, document, this)),
      tree_(new QTreeView), pair_words_(new QLabel), state_(new QLabel) {
    auto* right = new QSplitter(Qt::Vertical);
    right->addWidget(make_project());
    right->addWidget(make_pairing());
    right->setStretchFactor(0, 4);
    right->setStretchFactor(1, 5);
    auto* all = new QSplitter(Qt::Horizontal);
    all->addWidget(make_shelf());
    all->addWidget(right);
    all->setSizes({500, 620});
    for (QSplitter* s : {right, all}) {
        s->setChildrenCollapsible(false);
        s->setHandleWidth(em(0.6));
    }
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(em(0.8), em(0.7), em(0.8), em(0.7));
    column->addWidget(all);
    connect(store, &ShelfStore::changed, this, [this] {
        tree_->expandAll();
        match_project();
        refresh();
    });
    connect(store, &ShelfStore::said, this, &PaletteBench::said);
    // Also after an undo, which brings back what was known then. Matching what matches already changes
    // nothing.
    connect(document, &Document::project_changed, this, [this] {
        match_project();
        refresh();
    });
    connect(document, &Document::plan_changed, this, &PaletteBench::refresh);
    refresh();
}

void PaletteBench::showEvent(QShowEvent* e) {
    store_->open();
    QWidget::showEvent(e);
}

QWidget* PaletteBench::make_shelf() {
    auto* panel = new Panel(tr("Shelf"));
    panel->set_aside(tr("choose one, press a letter"));
    tree_->setObjectName(QStringLiteral("shelf"));
    tree_->setAccessibleName(tr("Your filaments and spools"));
    tree_->setModel(model_);
    tree_->setItemDelegate(new ShelfDelegate(tree_));
    tree_->setItemDelegateForColumn(0, new BadgeDelegate(tree_));
    tree_->setUniformRowHeights(true);
    tree_->header()->setStretchLastSection(false);
    tree_->header()->setSectionResizeMode(ShelfModel::kPlace, QHeaderView::Stretch);
    tree_->header()->setMinimumSectionSize(em(3));
    for (const int c :
         {int(ShelfModel::kName), int(ShelfModel::kMaterial), int(ShelfModel::kLeft), int(ShelfModel::kDry)})
        tree_->header()->setSectionResizeMode(c, QHeaderView::ResizeToContents);
    connect(tree_->selectionModel(), &QItemSelectionModel::currentChanged, this, &PaletteBench::refresh);
    connect(tree_, &QTreeView::activated, this, &PaletteBench::edit_current);
    panel->body()->addWidget(tree_, 1);
    state_->setObjectName(QStringLiteral("quiet"));
    state_->setWordWrap(true);
    panel->body()->addWidget(state_);
    const auto button = [&](QHBoxLayout* row, const char* name, const char* picture, const QString& text,
                            const QString& what, void (PaletteBench::*slot)()) {
        auto* b = new QPushButton(icon(QString::fromLatin1(picture)), text);
        b->setObjectName(QString::fromLatin1(name));
        b->setToolTip(what);
        b->setAccessibleName(text.isEmpty() ? what : text);
        connect(b, &QPushButton::clicked, this, slot);
        row->addWidget(b);
        return b;
    };
    auto* first = new QHBoxLayout;
    button(first, "shelf_add_filament", "plus", tr("Filament"), tr("Add a filament to the shelf"),
           &PaletteBench::add_filament);
    add_spool_ = button(first, "shelf_add_spool", "disc-3", tr("Spool"),
                        tr("Add a spool of the chosen filament"), &PaletteBench::add_spool);
    edit_ = button(first, "shelf_edit", "sliders-horizontal", tr("Change"),
                   tr("Change the chosen filament or spool"), &PaletteBench::edit_current);
    remove_ = button(first, "shelf_remove", "trash-2", {}, tr("Remove the chosen filament or spool"),
                     &PaletteBench::remove_current);
    first->addStretch();
    take_ = button(
        first, "shelf_take", "check", tr("Use in project"),
        tr("Add the chosen filament to the project. Its letter does the same: with B it becomes filament B."),
        &PaletteBench::take_into_project);
    auto* second = new QHBoxLayout;
    weigh_ = button(second, "shelf_weigh", "scale", tr("Weigh…"), tr("Enter what the scale shows"),
                    &PaletteBench::weigh_current);
    dried_ =
        button(second, "shelf_dried", "check", tr("Dried today"),
               tr("Note that the spool came out of the dryer today. Use a dryer, not an oven used for food."),
               &PaletteBench::dried_today);
    button(second, "shelf_which", "search", tr("Which is it?"),
           tr("Hold a spool's tag to a reader, and see which spool it is"), &PaletteBench::which_spool);
    second->addStretch();
    button(second, "shelf_import", "download", tr("Import…"),
           tr("Add filaments and spools from a CSV or JSON file"), &PaletteBench::import_shelf);
    button(second, "shelf_export", "upload", tr("Export…"), tr("Write the shelf as CSV or JSON"),
           &PaletteBench::export_shelf);
    panel->body()->addLayout(first);
    panel->body()->addLayout(second);
    return panel;
}

QWidget* PaletteBench::make_project() {
    auto* panel = new Panel(tr("This project"));
    needs_ = new NeedsView(document_);
    panel->body()->addWidget(needs_, 1);
    replace_ = new QPushButton(icon(QStringLiteral("arrow-left-right")), tr("Take from the shelf…"));
    replace_->setObjectName(QStringLiteral("replace_filament"));
    replace_->setToolTip(
        tr("Match or replace the chosen filament by one of the shelf: same class, nearest colour first"));
    connect(replace_, &QPushButton::clicked, this, &PaletteBench::offer_replacements);
    panel->add_to_heading(replace_);
    connect(needs_->selectionModel(), &QItemSelectionModel::currentChanged, this, &PaletteBench::refresh);
    return panel;
}

QWidget* PaletteBench::make_pairing() {
    auto* panel = new Panel(tr("Pairing"));
    pairing_ = new PairingView(document_);
    auto* side = new QVBoxLayout;
    side->addWidget(new WindowsView(document_), 2);
    pair_words_->setObjectName(QStringLiteral("pair_words"));
    pair_words_->setWordWrap(true);
    pair_words_->setAlignment(Qt::AlignLeft | Qt::AlignTop);
    auto* scroll = new WholeLines; // many pairs have many words
    scroll->setWidget(pair_words_);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setMinimumHeight(em(3.4));
    scroll->setAccessibleName(tr("Pairs in words"));
    side->addWidget(scroll, 1);
    auto* row = new QHBoxLayout;
    row->setSpacing(em(1));
    row->addWidget(pairing_, 4);
    row->addLayout(side, 6);
    panel->body()->addLayout(row, 1);
    connect(pairing_, &PairingView::chosen_changed, this, [this] { pair_words_->setText(pairing_->said()); });
    return panel;
}

int PaletteBench::current_filament() const {
    const QModelIndex i = tree_->currentIndex();
    const int f = i.isValid() ? i.data(ShelfModel::FilamentRole).toInt() : -1;
    return f < static_cast<int>(store_->shelf().filaments.size()) ? f : -1;
}

int PaletteBench::current_spool() const {
    const QModelIndex i = tree_->currentIndex();
    return i.isValid() ? i.data(ShelfModel::SpoolRole).toInt() : -1;
}

void PaletteBench::select(int filament, int spool) {
    QModelIndex i = model_->index(filament, 0);
    for (int r = 0; spool >= 0 && r < model_->rowCount(i); ++r)
        if (const QModelIndex child = model_->index(r, 0, i);
            child.data(ShelfModel::SpoolRole).toInt() == spool) {
            i = child;
            break;
        }
    tree_->setCurrentIndex(i);
}

void PaletteBench::refresh() {
    const bool open = store_->is_open(), filament = open && current_filament() >= 0,
               spool = filament && current_spool() >= 0;
    state_->setText(
        !open                               ? tr("Reading the shelf…")
        : store_->shelf().filaments.empty() ? tr("The shelf is empty. Add a filament, or import a list.")
        : store_->shelf().spools.empty()
            ? tr("These are generic filaments to begin with. Choose one and add the spools you have.")
            : QString());
    state_->setVisible(!state_->text().isEmpty());
    for (QPushButton* b : {take_, edit_, remove_, add_spool_})
        b->setEnabled(filament);
    for (QPushButton* b : {weigh_, dried_})
        b->setEnabled(spool);
    replace_->setEnabled(open && needs_->currentIndex().isValid());
    pair_words_->setText(pairing_->said());
}

void PaletteBench::add_filament() {
    ShelfFilament f;
    f.id = QUuid::createUuid().toString(QUuid::WithoutBraces).toStdString();
    f.filament = make_filament(static_cast<char>('A' + store_->shelf().filaments.size() % 26), Material::PLA,
                               {0x7a, 0x7f, 0x87});
    f.filament.name.clear();
    ShelfFilamentDialog dialog(f, this);
    if (dialog.exec() != QDialog::Accepted)
        return;
    const ShelfFilament made = dialog.shelf_filament();
    store_->edit(tr("Add a filament to the shelf"), [&](Shelf& s) { vitrail::add_filament(s, made); });
    select(find_on_shelf(store_->shelf(), made.id), -1);
    confirm_class(QString::fromStdString(made.id));
}

/// A class that is easily mistaken asks once, with the reason.
bool PaletteBench::confirm_class(const QString& id) {
    const int at = find_on_shelf(store_->shelf(), id.toStdString());
    if (at < 0)
        return false;
    const Filament f = store_->shelf().filaments[static_cast<std::size_t>(at)].filament;
    const Message why = easily_mistaken(f, "\u201c" + f.name + "\u201d");
    if (why.empty() || f.class_confirmed)
        return true;
    const QString material = QString::fromLatin1(facts(f.material).id);
    QMessageBox ask(QMessageBox::Question, tr("Is it %1?").arg(material),
                    tr("%1\n\nRead the label on the spool. Does it say %2?").arg(words(why), material),
                    QMessageBox::NoButton, this);
    ask.setObjectName(QStringLiteral("confirm_class"));
    ask.addButton(tr("Yes, it says %1").arg(material), QMessageBox::YesRole);
    ask.addButton(tr("Not sure"), QMessageBox::NoRole);
    ask.exec();
    if (ask.buttonRole(ask.clickedButton()) != QMessageBox::YesRole)
        return false;
    store_->edit(tr("Confirm the class of %1").arg(QString::fromStdString(f.name)), [&](Shelf& s) {
        s.filaments[static_cast<std::size_t>(at)].filament.class_confirmed = true;
    });
    return true;
}

void PaletteBench::add_spool() {
    const int f = current_filament();
    if (f < 0)
        return;
    QStringList codes;
    for (const Spool& s : store_->shelf().spools)
        codes << QString::fromStdString(s.code);
    Spool s;
    s.filament_id = store_->shelf().filaments[static_cast<std::size_t>(f)].id;
    for (int n = 1; s.code.empty() || codes.contains(QString::fromStdString(s.code)); ++n)
        s.code = "S" + std::to_string(n);
    SpoolDialog dialog(s, codes, this);
    if (dialog.exec() != QDialog::Accepted)
        return;
    store_->edit(tr("Add a spool"), [&](Shelf& shelf) { shelf.spools.push_back(dialog.spool()); });
    select(f, static_cast<int>(store_->shelf().spools.size()) - 1);
    confirm_class(QString::fromStdString(s.filament_id));
}

void PaletteBench::edit_current() {
    const int f = current_filament(), at = current_spool();
    if (f < 0)
        return;
    if (at < 0) {
        ShelfFilamentDialog dialog(store_->shelf().filaments[static_cast<std::size_t>(f)], this);
        if (dialog.exec() == QDialog::Accepted)
            store_->edit(tr("Change a filament of the shelf"), [&](Shelf& s) {
                ShelfFilament& now = s.filaments[static_cast<std::size_t>(f)];
                const Material before = now.filament.material;
                now = dialog.shelf_filament();
                if (now.filament.material != before)
                    now.filament.class_confirmed = false; // another class has to be looked at anew
            });
    } else {
        const Spool now = store_->shelf().spools[static_cast<std::size_t>(at)];
        QStringList codes;
        for (const Spool& s : store_->shelf().spools)
            if (s.code != now.code)
                codes << QString::fromStdString(s.code);
        SpoolDialog dialog(now, codes, this);
        if (dialog.exec() == QDialog::Accepted)
            store_->edit(tr("Change a spool"),
                         [&](Shelf& s) { s.spools[static_cast<std::size_t>(at)] = dialog.spool(); });
    }
    select(f, at);
}

void PaletteBench::remove_current() {
    const int f = current_filament(), at = current_spool();
    if (f < 0)
        return;
    if (at >= 0)
        store_->edit(tr("Remove a spool"), [&](Shelf& s) { s.spools.erase(s.spools.begin() + at); });
    else
        store_->edit(tr("Remove a filament from the shelf"), [&](Shelf& s) {
            const std::string id = s.filaments[static_cast<std::size_t>(f)].id;
            std::erase_if(s.spools, [&](const Spool& x) { return x.filament_id == id; });
            s.filaments.erase(s.filaments.begin() + f);
        });
}

void PaletteBench::weigh_current() {
    const int f = current_filament(), at = current_spool();
    if (at < 0)
        return;
    WeighDialog dialog(store_->shelf().spools[static_cast<std::size_t>(at)], this);
    if (dialog.exec() == QDialog::Accepted)
        store_->edit(tr("Weigh a spool"),
                     [&](Shelf& s) { s.spools[static_cast<std::size_t>(at)].left_g = dialog.left_g(); });
    select(f, at);
}

/// By its tag; one that nobody knows can be given to the chosen spool.
void PaletteBench::which_spool() {
    QStringList known;
    for (const Spool& s : store_->shelf().spools)
        if (!s.tag.empty())
            known << QString::fromStdString(s.tag);
    QDialog dialog(this);
    dialog.setObjectName(QStringLiteral("which_spool"));
    dialog.setWindowTitle(tr("Which spool is this?"));
    auto* column = new QVBoxLayout(&dialog);
    auto* says = new QLabel(tr("Hold the spool's tag to the reader."));
    says->setObjectName(QStringLiteral("which_says"));
    says->setWordWrap(true);
    auto* reader = make_tag_row(known);
    auto* give = new QPushButton;
    give->setObjectName(QStringLiteral("which_give"));
    give->hide();
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close);
    connect(buttons, &QDialogButtonBox::rejected, &dialog, &QDialog::reject);
    for (QWidget* w : std::initializer_list<QWidget*>{says, reader, give, buttons})
        column->addWidget(w);
    QString tag;
    connect(reader, &DeviceRow::answered, &dialog, [&](const QString& read) {
        tag = read;
        const Shelf& shelf = store_->shelf();
        const int at = spool_with_tag(shelf, tag.toStdString());
        if (at >= 0) {
            const Spool& s = shelf.spools[static_cast<std::size_t>(at)];
            const int f = find_on_shelf(shelf, s.filament_id);
            select(f, at);
            const bool damp =
                f >= 0 && is_damp(s, shelf.filaments[static_cast<std::size_t>(f)].filament.material,
                                  ShelfStore::today());
            says->setText(tr("Spool %1: %2, %3 g left%4.")
                              .arg(QString::fromStdString(s.code),
                                   f < 0 ? tr("no filament")
                                         : QString::fromStdString(
                                               shelf.filaments[static_cast<std::size_t>(f)].filament.name),
                                   number(s.left_g, 0), damp ? tr("; dry it first") : QString()));
        } else {
            says->setText(tr("No spool has the tag %1 yet.").arg(tag));
        }
        const int chosen = current_spool();
        give->setVisible(at < 0 && chosen >= 0);
        if (at < 0 && chosen >= 0)
            give->setText(
                tr("It is spool %1")
                    .arg(QString::fromStdString(shelf.spools[static_cast<std::size_t>(chosen)].code)));
    });
    connect(give, &QPushButton::clicked, &dialog, [&] {
        const int f = current_filament(), chosen = current_spool();
        store_->edit(tr("Give a spool its tag"),
                     [&](Shelf& s) { s.spools[static_cast<std::size_t>(chosen)].tag = tag.toStdString(); });
        select(f, chosen);
        dialog.accept();
    });
    dialog.exec();
}

void PaletteBench::dried_today() {
    const int f = current_filament(), at = current_spool();
    if (at < 0)
        return;
    store_->edit(tr("Dry a spool"),
                 [&](Shelf& s) { s.spools[static_cast<std::size_t>(at)].dried_day = ShelfStore::today(); });
    select(f, at);
}

namespace {

/// The shelf's numbers under the project's letter.
Filament under_letter(const ShelfFilament& x, char letter, const Shelf& shelf) {
    Filament f = x.filament;
    f.letter = letter;
    f.shelf_id = x.id;
    match_with_shelf(f, shelf, ShelfStore::today());
    return f;
}

} // namespace

void PaletteBench::take_into_project() {
    const int at = current_filament();
    if (at < 0)
        return;
    const char letter = free_letter(document_->project());
    if (!letter) {
        Q_EMIT said(tr("A project holds at most 26 filaments, one a letter."));
        return;
    }
    take_as(std::string(store_->shelf().filaments[static_cast<std::size_t>(at)].id), letter);
}

void PaletteBench::assign(char letter) {
    const int at = current_filament();
    if (at < 0)
        return Q_EMIT said(
            tr("Choose a filament of the shelf first, then press the letter it is to have in the project."));
    take_as(std::string(store_->shelf().filaments[static_cast<std::size_t>(at)].id), letter);
}

/// By an id of its own, as asking for the class may change the shelf.
void PaletteBench::take_as(const std::string& id, char letter) {
    confirm_class(QString::fromStdString(id));
    const int at = find_on_shelf(store_->shelf(), id), taken = find_filament(document_->project(), letter);
    if (at < 0)
        return;
    const ShelfFilament x = store_->shelf().filaments[static_cast<std::size_t>(at)];
    document_->edit((taken < 0 ? tr("Add filament %1 from the shelf") : tr("Take filament %1 from the shelf"))
                        .arg(QChar::fromLatin1(letter)),
                    [&](Project& p) {
                        const Filament f = under_letter(x, letter, store_->shelf());
                        taken < 0 ? p.filaments.push_back(f)
                                  : void(p.filaments[static_cast<std::size_t>(taken)] = f);
                    });
}

/// The filaments that could be the chosen one of the project: same class, nearest colour first.
void PaletteBench::offer_replacements() {
    const int row = needs_->currentIndex().row();
    const Project& p = document_->project();
    if (row < 0 || row >= static_cast<int>(p.filaments.size()))
        return;
    const Filament f = p.filaments[static_cast<std::size_t>(row)];
    QMenu menu(this);
    menu.setObjectName(QStringLiteral("replacements"));
    const std::vector<Substitute> list = substitutes(store_->shelf(), f);
    constexpr std::size_t kShown = 12;
    for (std::size_t i = 0; i < std::min(kShown, list.size()); ++i) {
        const ShelfFilament& x = store_->shelf().filaments[static_cast<std::size_t>(list[i].filament)];
        QPixmap pane(em(2.6), em(1.2));
        QPainter painter(&pane);
        paint_pane(painter, pane.rect(), x.filament, 7);
        painter.end();
        QAction* a = menu.addAction(QIcon(pane), tr("%1 · off by ΔE %2")
                                                     .arg(menu_text(QString::fromStdString(x.filament.name)))
                                                     .arg(number(list[i].delta_e, 1)));
        connect(a, &QAction::triggered, this, [this, letter = f.letter, id = x.id] { take_as(id, letter); });
    }
    if (list.empty())
        menu.addAction(tr("nothing of class %1 on the shelf").arg(QString::fromLatin1(facts(f.material).id)))
            ->setEnabled(false);
    menu.exec(replace_->mapToGlobal(QPoint(0, replace_->height())));
}

/// What the project knows of spools follows the shelf; that is no edit of the person's.
void PaletteBench::match_project() {
    if (!store_->is_open())
        return;
    Project p = document_->project();
    bool differs = false;
    for (Filament& f : p.filaments) {
        if (f.shelf_id.empty() || find_on_shelf(store_->shelf(), f.shelf_id) < 0)
            continue; // from somebody else's shelf: its figures stay as they came
        const Filament before = f;
        match_with_shelf(f, store_->shelf(), ShelfStore::today());
        // Whose label was read for this project need not be asked again for the next.
        const auto at = static_cast<std::size_t>(find_on_shelf(store_->shelf(), f.shelf_id));
        const Filament& kept = store_->shelf().filaments[at].filament;
        if (f.class_confirmed && !kept.class_confirmed && f.material == kept.material)
            store_->edit(tr("Keep that the label of %1 was read").arg(QString::fromStdString(f.name)),
                         [at](Shelf& shelf) { shelf.filaments[at].filament.class_confirmed = true; });
        differs |= !(f == before);
    }
    if (differs)
        document_->adopt(std::move(p));
}

void PaletteBench::import_shelf() {
    const QString path =
        QFileDialog::getOpenFileName(this, tr("Import filaments and spools"), {}, tr("Lists (*.csv *.json)"));
    if (path.isEmpty())
        return;
    const auto bytes = read_file(path.toStdString());
    const auto shelf = bytes ? shelf_from_text(*bytes) : Result<Shelf>(bytes.error());
    if (!shelf) {
        Q_EMIT said(tr("Nothing was imported. %1").arg(words(shelf.error().message)));
        return;
    }
    store_->edit(tr("Import into the shelf"), [&](Shelf& s) { merge_shelf(s, *shelf); });
    Q_EMIT said(tr("%n filament(s) read.", nullptr, static_cast<int>(shelf->filaments.size())));
}

void PaletteBench::export_shelf() {
    const QString path = QFileDialog::getSaveFileName(
        this, tr("Export the shelf"), QStringLiteral("shelf.csv"), tr("CSV (*.csv);;JSON (*.json)"));
    if (path.isEmpty())
        return;
    const bool json = path.endsWith(QLatin1String(".json"), Qt::CaseInsensitive);
    const Status ok =
        write_file(path.toStdString(), json ? shelf_to_json(store_->shelf()) : shelf_to_csv(store_->shelf()));
    Q_EMIT said(ok ? tr("Written: %1").arg(path) : words(ok.error().message));
}

} // namespace vitrail

#include "moc_palette_bench.cpp"
