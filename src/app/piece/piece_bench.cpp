#include "app/piece/piece_bench.h"

#include "app/document/document.h"
#include "app/document/view_state.h"
#include "app/layer_window/layer_window.h"
#include "app/paint/paint_bar.h"
#include "app/paint/painter.h"
#include "app/parts/filament_dialog.h"
#include "app/parts/panel.h"
#include "app/parts/piece_chooser.h"
#include "app/parts/setting_edit.h"
#include "app/parts/tables.h"
#include "app/piece/band_dialogs.h"
#include "app/piece/filaments_model.h"
#include "app/piece/findings_panel.h"
#include "app/piece/regions_model.h"
#include "app/piece/settings_dialog.h"
#include "app/view3d/view3d.h"
#include "formats/files.h"
#include "formats/machine_file.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <QComboBox>
#include <QFileDialog>
#include <QGridLayout>
#include <QHeaderView>
#include <QPushButton>
#include <QSignalBlocker>
#include <QSplitter>
#include <QTreeView>

namespace vitrail {

namespace {

constexpr int kMergeBase = 1000; ///< undo merge keys of the settings strip: this plus the setting's place

QTreeView* make_tree(const QString& name, const QString& spoken) {
    auto* t = new QTreeView;
    t->setObjectName(name);
    t->setAccessibleName(spoken);
    t->setHeaderHidden(true);
    t->setItemDelegateForColumn(0, new BadgeDelegate(t));
    t->setUniformRowHeights(true);
    t->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    return t;
}

void fit_columns(QTreeView* t) {
    t->header()->setStretchLastSection(false);
    t->header()->setSectionResizeMode(0, QHeaderView::Stretch);
    t->header()->setSectionResizeMode(1, QHeaderView::ResizeToContents);
}

} // namespace

PieceBench::PieceBench(Document* document, ViewState* view, QWidget* parent)
    : QWidget(parent), document_(document), view_(view), painter_(new Painter(document, view, this)),
      regions_(new RegionsModel(document, view, this)),
      tree_(make_tree(QStringLiteral("regions"), tr("Regions: parts and bands"))) {
    auto* piece = new Panel;
    piece->body()->setContentsMargins(1, 1, 1, 1);
    if (opengl_available()) {
        connect(painter_, &Painter::said, this, &PieceBench::said);
        auto* bar = new PaintBar(document, view, painter_);
        piece->body()->setSpacing(0);
        piece->body()->addWidget(bar);
        view3d_ = new View3d(document, view, painter_);
        piece->body()->addWidget(view3d_, 1);
        auto* over = new QVBoxLayout(view3d_);
        over->addWidget(make_welcome(), 0, Qt::AlignCenter);
    } else {
        auto* sentence = new QLabel(tr("The 3D piece needs OpenGL 3.3, which is missing here. The layer "
                                       "window shows every layer; everything else works."));
        sentence->setObjectName(QStringLiteral("no_opengl"));
        sentence->setWordWrap(true);
        sentence->setAlignment(Qt::AlignCenter);
        sentence->setMargin(em(2));
        piece->body()->addWidget(sentence);
    }
    auto* layer = new Panel;
    layer->body()->setContentsMargins(0, 0, 0, 0);
    layer->body()->addWidget(new LayerWindow(document, view));

    auto* findings = new FindingsPanel(document, view);
    auto* side = make_splitter("piece.side", Qt::Vertical, {make_regions(), make_filaments()}, {300, 200});
    auto* pictures = make_splitter("piece.pictures", Qt::Horizontal, {piece, layer}, {450, 330});
    auto* left = make_splitter("piece.findings", Qt::Vertical, {pictures, findings}, {330, 180});
    auto* all = make_splitter("piece.all", Qt::Horizontal, {left, side}, {790, 330});
    connect(findings, &FindingsPanel::made_taller, this, [left](bool tall) {
        const int height = left->sizes().at(0) + left->sizes().at(1),
                  list = tall ? height * 2 / 3 : height * 180 / 510;
        left->setSizes({height - list, list});
        Q_EMIT left->splitterMoved(height - list, 1);
    });
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(em(0.8), em(0.7), em(0.8), em(0.7));
    column->setSpacing(em(0.6));
    column->addWidget(make_strip());
    column->addWidget(all, 1);

    connect(document, &Document::project_changed, this, &PieceBench::show_project);
    connect(view, &ViewState::selection_changed, this, [this] {
        if (selecting_)
            return;
        selecting_ = true;
        QItemSelection rows;
        for (const int part : view_->parts())
            if (part < regions_->rowCount())
                rows.select(regions_->part_index(part), regions_->index(part, 1));
        if (const auto [part, number] = view_->patch(); number > 0 && part < regions_->rowCount()) {
            const QModelIndex parent = regions_->part_index(part);
            for (int r = 0; r < regions_->rowCount(parent); ++r)
                if (regions_->index(r, 0, parent).data(RegionsModel::PatchRole).toInt() == number)
                    rows.select(regions_->index(r, 0, parent), regions_->index(r, 1, parent));
        }
        tree_->selectionModel()->select(rows, QItemSelectionModel::ClearAndSelect);
        if (!rows.isEmpty())
            tree_->scrollTo(rows.indexes().first());
        selecting_ = false;
        refresh_buttons();
    });
    show_project();
}

/// What an empty window says: how to begin.
QWidget* PieceBench::make_welcome() {
    welcome_ = new QWidget;
    welcome_->setObjectName(QStringLiteral("welcome"));
    auto* column = new QVBoxLayout(welcome_);
    column->setSpacing(em(0.7));
    auto* words = new QLabel(tr(
        "Drop a model here: 3MF, STL or OBJ.\nIts bodies become parts; give each a filament by its letter."));
    words->setAlignment(Qt::AlignCenter);
    words->setWordWrap(true);
    column->addWidget(words);
    auto* add = new QPushButton(icon(QStringLiteral("plus")), tr("Add model files…"));
    add->setObjectName(QStringLiteral("welcome_add"));
    auto* open = new QPushButton(icon(QStringLiteral("folder-open")), tr("Open a project…"));
    open->setObjectName(QStringLiteral("welcome_open"));
    connect(add, &QPushButton::clicked, this, &PieceBench::wants_models);
    connect(open, &QPushButton::clicked, this, &PieceBench::wants_project);
    column->addWidget(add, 0, Qt::AlignCenter);
    column->addWidget(open, 0, Qt::AlignCenter);
    return welcome_;
}

QWidget* PieceBench::make_strip() {
    auto* strip = new Panel;
    auto* row = new QHBoxLayout;
    row->setSpacing(em(0.5));
    strip->body()->addLayout(row);
    strip->body()->setContentsMargins(em(0.8), em(0.4), em(0.8), em(0.4));
    machine_ = new QComboBox;
    machine_->setObjectName(QStringLiteral("machine"));
    machine_->setAccessibleName(tr("Machine"));
    machine_->setMinimumContentsLength(12);
    machine_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    auto* label = new QLabel(tr("&Machine"));
    label->setBuddy(machine_);
    row->addWidget(label);
    machine_->setMaximumWidth(em(18));
    row->addWidget(machine_, 1);
    connect(machine_, &QComboBox::activated, this, &PieceBench::choose_machine);
    for (const char* key : {"first_layer", "layer", "copies"}) {
        const SettingInfo& info = *find_setting(key);
        auto* edit = new SettingEdit(info);
        auto* name = new QLabel(words(info.label));
        name->setBuddy(edit);
        name->setToolTip(words(info.why));
        row->addSpacing(em(0.6));
        row->addWidget(name);
        row->addWidget(edit);
        const int merge = kMergeBase + static_cast<int>(edits_.size());
        connect(edit, &SettingEdit::edited, this, [this, &info, merge](double v) {
            document_->edit(
                tr("Change %1").arg(words(info.label).toLower()),
                [&](Project& p) { info.field.set(p.settings, v); }, merge);
        });
        edits_ << edit;
        if (info.key == std::string_view("layer")) {
            bands_ = new QPushButton(QStringLiteral("…"));
            bands_->setAccessibleName(tr("Layers of heights of their own"));
            bands_->setObjectName(QStringLiteral("layer_bands"));
            bands_->setToolTip(
                tr("Layers of heights of their own: finer where it is round, coarser where it is plain"));
            connect(bands_, &QPushButton::clicked, this, &PieceBench::edit_layer_bands);
            row->addWidget(bands_);
        }
    }
    row->addStretch();
    row->addWidget(new PieceChooser(document_, view_));
    auto* poses = new QPushButton(icon(QStringLiteral("rotate-3d")), tr("&Poses…"));
    poses->setObjectName(QStringLiteral("study_poses"));
    poses->setToolTip(tr("What the piece would cost standing otherwise"));
    connect(poses, &QPushButton::clicked, this, &PieceBench::study_poses);
    row->addWidget(poses);
    auto* more = new QPushButton(icon(QStringLiteral("sliders-horizontal")), tr("All &settings…"));
    more->setObjectName(QStringLiteral("all_settings"));
    connect(more, &QPushButton::clicked, this, &PieceBench::edit_settings);
    row->addWidget(more);
    return strip;
}

QWidget* PieceBench::make_regions() {
    auto* panel = new Panel(tr("Regions"));
    tree_->setModel(regions_);
    tree_->setSelectionMode(QAbstractItemView::ExtendedSelection);
    fit_columns(tree_);
    connect(regions_, &QAbstractItemModel::modelReset, tree_, &QTreeView::expandAll);
    tree_->expandAll();
    connect(tree_->selectionModel(), &QItemSelectionModel::selectionChanged, this,
            &PieceBench::tree_selected);
    panel->body()->addWidget(tree_, 1);
    tree_->setToolTip(tr("Select and press a letter. For a band, drag over the ribbon first."));
    connect(tree_, &QTreeView::activated, this, &PieceBench::edit_band);
    auto* row = new QHBoxLayout;
    row->setSpacing(em(0.3));
    const auto button = [&](const char* name, const char* picture, const QString& text, const QString& what,
                            void (PieceBench::*slot)()) {
        auto* b = new QPushButton(icon(QString::fromLatin1(picture)), text);
        b->setObjectName(QString::fromLatin1(name));
        b->setToolTip(what);
        connect(b, &QPushButton::clicked, this, slot);
        row->addWidget(b);
        return b;
    };
    remove_band_ = button("remove_band", "trash-2", tr("Remove"), tr("Remove the chosen bands and patches"),
                          &PieceBench::remove_regions);
    split_ = button("split_part", "scissors", tr("Split"), tr("Make a part of each separate body"),
                    &PieceBench::split_selected);
    join_ = button("join_parts", "combine", tr("Join"),
                   tr("Make one part of the chosen ones; surfaces in other filaments stay, as patches"),
                   &PieceBench::join_selected);
    row->addStretch();
    panel->body()->addLayout(row);
    panel->set_aside(tr("select, press a letter"));
    refresh_buttons();
    return panel;
}

void PieceBench::refresh_buttons() {
    bool removable = view_->patch().second > 0;
    for (const QModelIndex& i : tree_->selectionModel()->selectedRows())
        removable |=
            i.data(RegionsModel::BandRole).toInt() >= 0 || i.data(RegionsModel::PatchRole).toInt() > 0;
    remove_band_->setEnabled(removable);
    const Piece& p = view_->piece_of(document_->project());
    bool several = false;
    for (const int i : view_->parts())
        several |= i < static_cast<int>(p.parts.size()) && p.parts[i].mesh->shells > 1;
    split_->setEnabled(several);
    join_->setEnabled(view_->parts().size() > 1);
}

QWidget* PieceBench::make_filaments() {
    auto* panel = new Panel(tr("Filaments"));
    panel->set_aside(tr("give them by their letters"));
    filaments_ = make_tree(QStringLiteral("filaments"), tr("Filaments of the project"));
    filaments_->setModel(new FilamentsModel(document_, this));
    filaments_->setRootIsDecorated(false);
    fit_columns(filaments_);
    connect(filaments_, &QTreeView::activated, this, &PieceBench::edit_filament);
    panel->body()->addWidget(filaments_, 1);
    auto* row = new QHBoxLayout;
    const auto button = [&](const char* name, const char* picture, const QString& text,
                            void (PieceBench::*slot)()) {
        auto* b = new QPushButton(icon(QString::fromLatin1(picture)), text);
        b->setObjectName(QString::fromLatin1(name));
        connect(b, &QPushButton::clicked, this, slot);
        row->addWidget(b);
        return b;
    };
    button("add_filament", "plus", tr("Add"), &PieceBench::add_filament);
    edit_filament_ = button("edit_filament", "palette", tr("Change"), &PieceBench::edit_filament);
    remove_filament_ = button("remove_filament", "trash-2", tr("Remove"), &PieceBench::remove_filament);
    row->addStretch();
    panel->body()->addLayout(row);
    return panel;
}

void PieceBench::show_project() {
    const Project& p = document_->project();
    const auto own = document_->project().settings.layer_bands.size();
    bands_->setText(own ? tr("%1 …").arg(own) : QStringLiteral("…"));
    for (SettingEdit* e : edits_)
        e->show_value(e->info().field.of(p.settings));
    const QSignalBlocker quiet(machine_);
    machine_->clear();
    for (const Machine& m : shipped_machines())
        machine_->addItem(words(machine_text(m.name)), QString::fromStdString(m.id));
    for (const Machine& m : owned_)
        machine_->addItem(tr("%1 (yours)").arg(QString::fromStdString(m.name)), QString::fromStdString(m.id));
    int at = machine_->findData(QString::fromStdString(p.machine.id));
    if (at < 0) {
        machine_->addItem(words(machine_text(p.machine.name)), QString::fromStdString(p.machine.id));
        at = machine_->count() - 1;
    }
    machine_->insertSeparator(machine_->count());
    machine_->addItem(tr("Describe my printer…"));
    machine_->addItem(tr("Edit the machine…"));
    machine_->addItem(tr("From a file…"));
    machine_->setCurrentIndex(at);
    machine_->setToolTip(words(describe(p.machine)) + QLatin1Char('\n') +
                         words(machine_text(p.machine.note)));
    remove_filament_->setEnabled(p.filaments.size() > 1);
    edit_filament_->setEnabled(!p.filaments.empty());
    if (welcome_)
        welcome_->setVisible(!has_parts(p));
}

void PieceBench::set_owned_machines(std::vector<Machine> machines) {
    owned_ = std::move(machines);
    show_project();
}

void PieceBench::choose_machine(int index) {
    Machine chosen;
    if (index == machine_->count() - 3) {
        show_project();
        return Q_EMIT wants_machine_assistant();
    }
    if (index == machine_->count() - 2) {
        show_project();
        return Q_EMIT wants_machine_editor();
    }
    if (index == machine_->count() - 1) {
        const QString path =
            QFileDialog::getOpenFileName(this, tr("Open a machine file"), {}, tr("Machine files (*.json)"));
        if (path.isEmpty())
            return show_project();
        const auto bytes = read_file(path.toStdString());
        const auto machine = bytes ? read_machine(*bytes) : Result<Machine>(bytes.error());
        if (!machine) {
            Q_EMIT said(words(machine.error().message));
            return show_project();
        }
        chosen = *machine;
    } else if (const Machine* m = find_machine(machine_->itemData(index).toString().toStdString())) {
        chosen = *m;
    } else if (const auto own = std::find_if(owned_.begin(), owned_.end(),
                                             [&](const Machine& m) {
                                                 return m.id ==
                                                        machine_->itemData(index).toString().toStdString();
                                             });
               own != owned_.end()) {
        chosen = *own;
    } else {
        return; // the project's own machine is chosen already
    }
    Message followed;
    document_->edit(tr("Change the machine"), [&](Project& p) { followed = set_machine(p, chosen); });
    if (!followed.empty())
        Q_EMIT said(words(followed));
}

void PieceBench::tree_selected() {
    if (selecting_)
        return;
    selecting_ = true;
    std::set<int> parts;
    std::pair<int, int> patch{-1, 0};
    for (const QModelIndex& i : tree_->selectionModel()->selectedRows()) {
        if (const int n = i.data(RegionsModel::PatchRole).toInt(); n > 0)
            patch = {i.data(RegionsModel::PartRole).toInt(), n};
        else
            parts.insert(i.data(RegionsModel::PartRole).toInt());
    }
    if (patch.second && parts.empty())
        view_->select_patch(patch.first, patch.second);
    else
        view_->select(std::move(parts));
    selecting_ = false;
    refresh_buttons();
}

void PieceBench::add_filament() {
    const char letter = free_letter(document_->project());
    if (!letter) {
        Q_EMIT said(tr("A project holds at most 26 filaments, one a letter."));
        return;
    }
    // A first proposal that no other filament looks like.
    static const Srgb proposals[] = {{0xf2, 0xf2, 0xea}, {0x20, 0x22, 0x26}, {0xc0, 0x39, 0x2b},
                                     {0x2f, 0x6d, 0xb5}, {0xe0, 0xa8, 0x2e}, {0x3c, 0x8d, 0x5a},
                                     {0x7a, 0x7f, 0x87}};
    Srgb colour = proposals[0];
    double best = -1;
    for (const Srgb c : proposals) {
        double nearest = 1e9;
        for (const Filament& f : document_->project().filaments)
            nearest = std::min(nearest, delta_e_2000(to_lab(f.colour), to_lab(c)));
        if (nearest > best)
            best = nearest, colour = c;
    }
    Filament fresh = make_filament(letter, Material::PLA, colour);
    name_in_words(fresh);
    FilamentDialog dialog(fresh, this);
    if (dialog.exec() == QDialog::Accepted)
        document_->edit(tr("Add filament %1").arg(QChar::fromLatin1(letter)),
                        [&](Project& p) { p.filaments.push_back(dialog.filament()); });
}

void PieceBench::edit_filament() {
    const int row = filaments_->currentIndex().row();
    const Project& project = document_->project();
    if (row < 0 || row >= static_cast<int>(project.filaments.size())) {
        Q_EMIT said(tr("Choose a filament in the list first."));
        return;
    }
    const char letter = project.filaments[row].letter;
    FilamentDialog dialog(project.filaments[row], this);
    if (dialog.exec() != QDialog::Accepted)
        return;
    const Filament changed = dialog.filament();
    if (!(changed == project.filaments[row]))
        document_->edit(tr("Change filament %1").arg(QChar::fromLatin1(letter)), [&](Project& p) {
            if (const int i = find_filament(p, letter); i >= 0)
                p.filaments[i] = changed;
        });
}

void PieceBench::remove_filament() {
    const int row = filaments_->currentIndex().row();
    const Project& project = document_->project();
    if (row < 0 || row >= static_cast<int>(project.filaments.size()) || project.filaments.size() < 2) {
        Q_EMIT said(tr("Choose a filament in the list first; the last one stays."));
        return;
    }
    const char letter = project.filaments[row].letter;
    document_->edit(tr("Remove filament %1").arg(QChar::fromLatin1(letter)),
                    [&](Project& p) { vitrail::remove_filament(p, letter, 0); });
}

void PieceBench::edit_layer_bands() {
    const auto plan = document_->plan();
    LayerBandsDialog dialog(document_->project().settings, plan ? plan->grid.top_mm(plan->grid.count) : 0,
                            this);
    if (dialog.exec() == QDialog::Accepted && dialog.bands() != document_->project().settings.layer_bands)
        document_->edit(tr("Change heights of layers"),
                        [&](Project& p) { p.settings.layer_bands = dialog.bands(); });
}

void PieceBench::edit_settings() {
    SettingsDialog dialog(document_->project().settings, this);
    if (dialog.exec() != QDialog::Accepted)
        return;
    const Settings s = dialog.settings();
    if (!(s == document_->project().settings))
        document_->edit(tr("Change settings"), [&](Project& p) { p.settings = s; });
}

} // namespace vitrail

#include "moc_piece_bench.cpp"
