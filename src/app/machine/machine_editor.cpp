#include "app/machine/machine_editor.h"

#include "app/machine/machine_store.h"
#include "app/machine/machine_view.h"
#include "app/parts/panel.h"
#include "app/parts/tables.h"
#include "core/run/offset_strip.h"
#include "formats/files.h"
#include "formats/machine_file.h"
#include "formats/strip_files.h"
#include "paint/words.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDialogButtonBox>
#include <QDoubleSpinBox>
#include <QFileDialog>
#include <QFormLayout>
#include <QHeaderView>
#include <QInputDialog>
#include <QLabel>
#include <QLineEdit>
#include <QMessageBox>
#include <QPushButton>
#include <QRegularExpression>
#include <QScrollArea>
#include <QSignalBlocker>
#include <QSpinBox>
#include <QTabBar>
#include <QTabWidget>
#include <QTableWidget>
#include <QToolButton>
#include <QTreeWidget>

#include <cmath>

#include <cmath>
#include <utility>

namespace vitrail {

namespace {

constexpr int kMostToolheads = 16, kMostNozzles = 32;

/// A page that scrolls, and the row its forms stand in.
std::pair<QScrollArea*, QHBoxLayout*> columns_of_figures() {
    auto* scroll = new QScrollArea;
    scroll->setFocusPolicy(Qt::NoFocus); // what is in it has the focus, and is scrolled to
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    auto* page = new QWidget;
    scroll->setWidget(page);
    return {scroll, new QHBoxLayout(page)};
}

} // namespace

MachineEditor::MachineEditor(const Project& project, QWidget* parent)
    : QDialog(parent), project_(project), machine_(project.machine), view_(new MachineView),
      sentence_(new QLabel), made_of_(new QLabel), name_(new QLineEdit), note_(new QLineEdit),
      parts_(new QTreeWidget), head_name_(new QLineEdit), slots_(new QSpinBox), diameter_(new QDoubleSpinBox),
      missing_(new QCheckBox(tr("&missing or worn out"))), use_(new QComboBox), line_x_(new QSpinBox),
      line_y_(new QSpinBox), strip_(new QPushButton(tr("Offset s&trip…"))), offset_says_(new QLabel),
      remove_(new QPushButton(tr("Remove"))),
      add_nozzle_(new QPushButton(icon(QStringLiteral("plus")), tr("Nozzle"))), purge_to_(new QComboBox) {
    setObjectName(QStringLiteral("machine_editor"));
    setWindowTitle(tr("The machine"));
    resize(em(62), em(45));
    auto* all = new QVBoxLayout(this);
    auto* drawing = new Panel(tr("As it stands there"));
    sentence_->setObjectName(QStringLiteral("machine_sentence"));
    sentence_->setWordWrap(true);
    sentence_->setFont(font_of(1.1, true));
    sentence_->setAccessibleName(tr("What the machine can do"));
    made_of_->setObjectName(QStringLiteral("quiet"));
    made_of_->setWordWrap(true);
    drawing->body()->addWidget(sentence_);
    drawing->body()->addWidget(made_of_);
    view_->setMinimumHeight(em(9));
    drawing->body()->addWidget(view_, 1);
    all->addWidget(drawing, 2);

    auto* tabs = new QTabWidget;
    tabs->setDocumentMode(true);
    tabs->tabBar()->setDrawBase(false);
    tabs->addTab(make_parts(), tr("Toolheads and nozzles"));
    tabs->addTab(make_figures(), tr("Times, purge, commands"));
    tabs->addTab(make_motion(), tr("Speeds"));
    all->addWidget(tabs, 5);

    auto* row = new QHBoxLayout;
    const auto button = [&](const char* name, const QString& text, const QString& tip, auto act) {
        auto* b = new QPushButton(text);
        b->setObjectName(QString::fromLatin1(name));
        b->setToolTip(tip);
        b->setAutoDefault(false);
        connect(b, &QPushButton::clicked, this, act);
        row->addWidget(b);
    };
    button("keep_machine", tr("Keep among my machines"),
           tr("It can then be chosen for any project, and suggestions count it as one you own"), [this] {
               machine_.id = machine_id(machine_.name);
               const Status ok = keep_machine(machine_);
               made_of_->setText(ok ? tr("Kept as “%1”.").arg(QString::fromStdString(machine_.name))
                                    : words(ok.error().message));
           });
    button("forget_machine", tr("Forget"),
           tr("Takes the machine of this name out of yours; the project keeps what it has"), [this] {
               const Status ok = forget_machine(machine_id(machine_.name));
               made_of_->setText(
                   ok ? tr("“%1” is no longer among yours.").arg(QString::fromStdString(machine_.name))
                      : words(ok.error().message));
           });
    button("write_machine", tr("Write to a file…"), tr("A machine file, JSON"), [this] {
        const QString path = QFileDialog::getSaveFileName(this, tr("Write the machine"),
                                                          QString::fromStdString(machine_id(machine_.name)) +
                                                              QStringLiteral(".json"),
                                                          tr("Machine files (*.json)"));
        if (path.isEmpty())
            return;
        if (const Status ok = write_file(path.toStdString(), write_machine(machine_)); !ok)
            QMessageBox::warning(this, tr("Not written"), words(ok.error().message));
    });
    row->addStretch();
    auto* ok = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    connect(ok, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(ok, &QDialogButtonBox::rejected, this, &QDialog::reject);
    row->addWidget(ok);
    all->addLayout(row);

    connect(view_, &MachineView::nozzle_chosen, this,
            [this](int n) { choose(machine_.nozzles[static_cast<std::size_t>(n)].toolhead, n); });
    fill_parts();
    choose(0, 0);
}

QWidget* MachineEditor::make_parts() {
    auto* page = new QWidget;
    auto* row = new QHBoxLayout(page);
    auto* left = new QVBoxLayout;
    parts_->setObjectName(QStringLiteral("machine_parts"));
    parts_->setAccessibleName(tr("Toolheads and nozzles"));
    parts_->setHeaderLabels({tr("part"), tr("fed by, or diameter")});
    parts_->header()->setSectionResizeMode(QHeaderView::ResizeToContents);
    connect(parts_, &QTreeWidget::currentItemChanged, this, [this](QTreeWidgetItem* item) {
        if (item && !filling_)
            choose(item->data(0, Qt::UserRole).toInt(), item->data(0, Qt::UserRole + 1).toInt());
    });
    left->addWidget(parts_, 1);
    auto* buttons = new QHBoxLayout;
    auto* head = new QPushButton(icon(QStringLiteral("plus")), tr("Toolhead"));
    head->setObjectName(QStringLiteral("add_toolhead"));
    add_nozzle_->setObjectName(QStringLiteral("add_nozzle"));
    remove_->setObjectName(QStringLiteral("remove_part"));
    connect(head, &QPushButton::clicked, this, &MachineEditor::add_toolhead);
    connect(add_nozzle_, &QPushButton::clicked, this, &MachineEditor::add_nozzle);
    connect(remove_, &QPushButton::clicked, this, &MachineEditor::remove);
    for (QPushButton* b : {head, add_nozzle_, remove_}) {
        b->setAutoDefault(false);
        buttons->addWidget(b);
    }
    buttons->addStretch();
    left->addLayout(buttons);
    row->addLayout(left, 3);
    auto* form = new QFormLayout;
    form->addRow(tr("&Name of the machine"), name_);
    name_->setObjectName(QStringLiteral("machine_name"));
    form->addRow(tr("N&ote"), note_);
    form->addRow(tr("&Toolhead"), head_name_);
    head_name_->setObjectName(QStringLiteral("head_name"));
    slots_->setObjectName(QStringLiteral("head_slots"));
    slots_->setRange(0, 64);
    slots_->setSpecialValueText(tr("one external spool, swapped by hand"));
    slots_->setSuffix(tr(" slots"));
    form->addRow(tr("&Fed by"), slots_);
    diameter_->setObjectName(QStringLiteral("nozzle_diameter"));
    diameter_->setRange(0.05, 3);
    diameter_->setDecimals(2);
    diameter_->setSingleStep(0.05);
    diameter_->setSuffix(tr(" mm"));
    form->addRow(tr("N&ozzle"), diameter_);
    missing_->setObjectName(QStringLiteral("nozzle_missing"));
    form->addRow(QString(), missing_);
    use_->setObjectName(QStringLiteral("nozzle_use"));
    use_->addItems({tr("any material"), tr("structural material only"), tr("soluble material only")});
    use_->setToolTip(
        tr("On some machines nozzles for soluble and for structural material are not interchangeable. "
           "Filaments then sit only where they belong, and a mismatch is told."));
    form->addRow(tr("M&eant for"), use_);
    form->addRow(tr("Offset"), make_offset());
    row->addLayout(form, 4);
    connect(name_, &QLineEdit::textEdited, this,
            [this](const QString& s) { machine_.name = s.toStdString(); });
    connect(note_, &QLineEdit::textEdited, this,
            [this](const QString& s) { machine_.note = s.toStdString(); });
    connect(head_name_, &QLineEdit::textEdited, this, [this](const QString& s) {
        // What was measured on it goes with it.
        for (KeptCalibration& c : machine_.calibrations)
            if (c.toolhead == machine_.toolheads[static_cast<std::size_t>(head_)].name)
                c.toolhead = s.toStdString();
        machine_.toolheads[static_cast<std::size_t>(head_)].name = s.toStdString();
        fill_parts();
    });
    connect(slots_, &QSpinBox::valueChanged, this, [this](int v) {
        machine_.toolheads[static_cast<std::size_t>(head_)].slots = v;
        fill_parts();
    });
    connect(diameter_, &QDoubleSpinBox::valueChanged, this, [this](double v) {
        if (nozzle_ >= 0)
            machine_.nozzles[static_cast<std::size_t>(nozzle_)].diameter_mm = v;
        fill_parts();
    });
    connect(use_, &QComboBox::currentIndexChanged, this, [this](int i) {
        if (nozzle_ >= 0)
            machine_.nozzles[static_cast<std::size_t>(nozzle_)].use = static_cast<NozzleUse>(i);
        fill_parts();
    });
    connect(missing_, &QCheckBox::toggled, this, [this](bool on) {
        if (nozzle_ >= 0)
            machine_.nozzles[static_cast<std::size_t>(nozzle_)].missing = on;
        fill_parts();
    });
    return page;
}

QWidget* MachineEditor::make_offset() {
    auto* box = new QWidget;
    auto* rows = new QVBoxLayout(box);
    rows->setContentsMargins(0, 0, 0, 0);
    auto* row = new QHBoxLayout;
    rows->addLayout(row);
    int at = 0;
    for (QSpinBox* line : {line_x_, line_y_}) {
        line->setObjectName(at ? QStringLiteral("offset_line_y") : QStringLiteral("offset_line_x"));
        line->setAccessibleName(at ? tr("Line of the strip for Y that goes straight on")
                                   : tr("Line of the strip for X that goes straight on"));
        line->setToolTip(tr("On the printed offset strip: the line that goes straight on, counted from the "
                            "thick one in the middle, towards the block positive"));
        line->setRange(-kCombLines - 1, kCombLines);
        line->setSpecialValueText(tr("not measured"));
        line->setPrefix(at++ ? tr("Y line ") : tr("X line "));
        row->addWidget(line);
        connect(line, &QSpinBox::valueChanged, this, &MachineEditor::offset_entered);
    }
    strip_->setObjectName(QStringLiteral("write_offset_strip"));
    strip_->setAutoDefault(false);
    strip_->setToolTip(
        tr("Two combs to print with both toolheads and to read like a vernier, each line %1 mm")
            .arg(number(kVernier_mm, 2)));
    row->addWidget(strip_);
    offset_says_->setObjectName(QStringLiteral("offset_says"));
    offset_says_->setWordWrap(true);
    rows->addWidget(offset_says_);
    connect(strip_, &QPushButton::clicked, this, &MachineEditor::write_offset_strip);
    return box;
}

void MachineEditor::offset_entered() {
    const auto known = [](const QSpinBox* line) { return line->value() > line->minimum(); };
    std::optional<ToolheadOffset>& offset = machine_.toolheads[static_cast<std::size_t>(head_)].offset;
    if (known(line_x_) && known(line_y_))
        offset = {offset_mm(line_x_->value()), offset_mm(line_y_->value())};
    else
        offset.reset();
    show_offset();
}

void MachineEditor::show_offset() {
    const bool other = head_ > 0;
    for (QWidget* w : std::initializer_list<QWidget*>{line_x_, line_y_, strip_})
        w->setEnabled(other);
    const Toolhead& h = machine_.toolheads[static_cast<std::size_t>(head_)];
    offset_says_->setText(
        !other ? tr("Others are measured from this one.")
        : h.offset
            ? tr("Correct it by X %1 mm, Y %2 mm.")
                  .arg(number(-h.offset->x_mm + 0.0, 2), number(-h.offset->y_mm + 0.0, 2))
            : tr("Print the strip and enter both lines: the run sheet then says by how much to correct."));
}

void MachineEditor::write_offset_strip() {
    project_.machine = machine_;
    const auto strip = offset_strip(project_, head_);
    if (!strip) {
        offset_says_->setText(words(strip.error().message));
        return;
    }
    const QString folder = QFileDialog::getExistingDirectory(this, tr("Folder for the offset strip"));
    if (folder.isEmpty())
        return;
    const Status ok = write_strip(*strip, "offset-strip", before_offset_strip(machine_, head_),
                                  folder.toStdString(), window_language());
    offset_says_->setText(ok ? tr("Written into %1: offset-strip.3mf, one STL for each filament, "
                                  "offset-strip.html with what to do, offset-strip.vitrail.")
                                   .arg(folder)
                             : words(ok.error().message));
}

QDoubleSpinBox* MachineEditor::figure(const char* name, const QString& label, double* value, double low,
                                      double high, int decimals, const QString& unit, const QString& why) {
    auto* box = new QDoubleSpinBox;
    box->setObjectName(QString::fromLatin1(name));
    box->setRange(low, high);
    box->setDecimals(decimals);
    box->setSuffix(QStringLiteral(" ") + unit);
    box->setValue(*value);
    box->setToolTip(why);
    box->setAccessibleName(label);
    connect(box, &QDoubleSpinBox::valueChanged, this, [value](double v) { *value = v; });
    form_->addRow(label, box);
    return box;
}

QWidget* MachineEditor::make_motion() {
    const auto [scroll, columns] = columns_of_figures();
    Motion& m = machine_.motion;
    const QString speed = tr("mm/s"),
                  from_memory = tr("From memory; your toolpath program says what it really uses.");
    form_ = new QFormLayout;
    columns->addLayout(form_, 1);
    figure("speed_outer", tr("Outer walls"), &m.outer_wall, 1, 2000, 0, speed,
           tr("What is seen, and so slower. %1").arg(from_memory));
    figure("speed_wall", tr("Other walls"), &m.wall, 1, 2000, 0, speed, from_memory);
    figure("speed_infill", tr("Infill, tower and support"), &m.infill, 1, 2000, 0, speed, from_memory);
    figure("speed_skin", tr("Skins and interface"), &m.skin, 1, 2000, 0, speed, from_memory);
    figure("speed_bridge", tr("Skins over air"), &m.bridge, 1, 2000, 0, speed,
           tr("Slowly, so that they hold. %1").arg(from_memory));
    figure("speed_first", tr("First layer"), &m.first_layer, 1, 2000, 0, speed,
           tr("Slowly, so that it sticks. %1").arg(from_memory));
    figure("speed_travel", tr("Travel"), &m.travel, 1, 5000, 0, speed, from_memory);
    form_ = new QFormLayout;
    columns->addLayout(form_, 1);
    figure("acceleration", tr("Acceleration"), &m.acceleration, 10, 100000, 0, tr("mm/s²"),
           tr("Short lines never reach their speed: from standing to standing 2·√(length/acceleration). From "
              "memory."));
    figure("corner_speed", tr("Corner speed"), &m.corner, 0.1, 200, 1, speed,
           tr("How much the velocity may change at once. From memory."));
    figure("retract_s", tr("Pulling back"), &m.retract_s, 0, 60, 2, tr("s"),
           tr("Filament is pulled back and pushed forth again, each time it travels over air. From memory."));
    figure("start_s", tr("Homing and levelling"), &m.start_s, 0, 7200, 0, tr("s"),
           tr("Before each print, heating not included. From memory: 4 min."));
    figure("heat_nozzle", tr("The nozzle heats by"), &m.nozzle_c_s, 0.05, 100, 2, tr("°C/s"),
           tr("From memory."));
    figure("heat_bed", tr("The bed heats by"), &m.bed_c_s, 0.01, 100, 2, tr("°C/s"), tr("From memory."));
    return scroll;
}

/// Places on the bed where nothing may stand: a row each, x, y, width, depth.
QWidget* MachineEditor::make_keep_clear() {
    auto* box = new QWidget;
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    clear_ = make_table(
        "keep_clear", tr("Places to keep clear"),
        {{tr("x"), 3, true}, {tr("y"), 3, true}, {tr("wide"), 3.4, true}, {tr("deep"), 3.4, true}});
    clear_->setEditTriggers(QAbstractItemView::AllEditTriggers);
    clear_->setFixedHeight(em(5.6));
    clear_->setMinimumWidth(em(14));
    clear_->setToolTip(
        tr("mm from the front left corner: clips, a wiper, a place for purge. Nothing is arranged there."));
    auto* row = new QHBoxLayout;
    auto* add = new QPushButton(icon(QStringLiteral("plus")), tr("&Place"));
    add->setObjectName(QStringLiteral("add_clear"));
    auto* remove = new QPushButton(icon(QStringLiteral("trash-2")), tr("Remo&ve"));
    remove->setObjectName(QStringLiteral("remove_clear"));
    row->addWidget(add);
    row->addWidget(remove);
    row->addStretch();
    column->addWidget(clear_);
    column->addLayout(row);
    connect(add, &QPushButton::clicked, this, [this] {
        machine_.keep_clear.push_back({});
        show_keep_clear();
    });
    connect(remove, &QPushButton::clicked, this, [this] {
        if (const int at = clear_->currentRow();
            at >= 0 && at < static_cast<int>(machine_.keep_clear.size())) {
            machine_.keep_clear.erase(machine_.keep_clear.begin() + at);
            show_keep_clear();
        }
    });
    connect(clear_, &QTableWidget::cellChanged, this, [this](int at, int column_at) {
        if (filling_ || at >= static_cast<int>(machine_.keep_clear.size()))
            return;
        bool fits = false;
        const double v = QLocale().toDouble(clear_->item(at, column_at)->text(), &fits);
        KeepClear& z = machine_.keep_clear[static_cast<std::size_t>(at)];
        double* const fields[] = {&z.x_mm, &z.y_mm, &z.w_mm, &z.d_mm};
        if (fits && std::abs(v) <= 10000 && (column_at < 2 || v > 0))
            *fields[column_at] = v;
        show_keep_clear(); // what cannot be is put back
    });
    show_keep_clear();
    return box;
}

void MachineEditor::show_keep_clear() {
    const bool was = std::exchange(filling_, true);
    clear_->setRowCount(static_cast<int>(machine_.keep_clear.size()));
    for (int i = 0; i < clear_->rowCount(); ++i) {
        const KeepClear& z = machine_.keep_clear[static_cast<std::size_t>(i)];
        set_row(clear_, i, {number(z.x_mm, 1), number(z.y_mm, 1), number(z.w_mm, 1), number(z.d_mm, 1)});
    }
    filling_ = was;
}

QWidget* MachineEditor::make_figures() {
    const auto [scroll, columns] = columns_of_figures();
    form_ = new QFormLayout;
    columns->addLayout(form_, 1);
    figure("bed_x", tr("Bed, across"), &machine_.bed_x_mm, 1, 10000, 0, tr("mm"),
           tr("Room to print from left to right"));
    figure("bed_y", tr("Bed, deep"), &machine_.bed_y_mm, 1, 10000, 0, tr("mm"),
           tr("Room to print from front to back"));
    figure("bed_z", tr("Height"), &machine_.height_mm, 1, 10000, 0, tr("mm"), tr("Tallest piece"));
    figure("head_reach", tr("The head reaches"), &machine_.head_reach_mm, 0, 1000, 0, tr("mm"),
           tr("How far the head reaches around the nozzle, close above the bed; for printing pieces one "
              "after another. 0: not known, and then that is not offered. From memory"));
    figure("bar_height", tr("The bar passes at"), &machine_.bar_height_mm, 0, 10000, 0, tr("mm"),
           tr("From the nozzle's tip up to the lowest thing that moves over the whole width of the bed. 0: "
              "not known. From memory"));
    form_->addRow(tr("Keep clear"), make_keep_clear());
    figure(
        "hand_s", tr("Hand swap"), &machine_.hand.time_s, 0, 86400, 0, tr("s"),
        tr("The printer stands still so long, purging and waiting for you not included. From memory: 180 s"));
    figure("hand_attended_s", tr("… of it attended"), &machine_.hand.attended_s, 0, 86400, 0, tr("s"),
           tr("So long you must be there. From memory: 180 s"));
    figure("feeder_s", tr("Feeder change"), &machine_.feeder.time_s, 0, 86400, 0, tr("s"),
           tr("Retracting one filament and pushing the other in. From memory: 100 s"));
    figure("tool_s", tr("Tool change"), &machine_.tool.time_s, 0, 86400, 0, tr("s"),
           tr("Another nozzle takes over. From memory: 12 s"));
    form_ = new QFormLayout;
    columns->addLayout(form_, 1);
    purge_to_->addItems({tr("thrown out"), tr("into a tower")});
    purge_to_->setCurrentIndex(machine_.purge_to == Destination::tower);
    purge_to_->setAccessibleName(tr("Purge goes"));
    connect(purge_to_, &QComboBox::currentIndexChanged, this,
            [this](int i) { machine_.purge_to = i ? Destination::tower : Destination::ejected; });
    form_->addRow(tr("Purge goes"), purge_to_);
    figure("machine_dead", tr("Dead volume V_d"), &machine_.dead_mm3, 0, 5000, 1, tr("mm³"),
           tr("Dead volume, where nothing was calibrated. From memory: 40 for a 0.4 mm nozzle"));
    figure("machine_mixing", tr("Mixing volume V_m"), &machine_.mixing_mm3, 0.1, 5000, 1, tr("mm³"),
           tr("Mixing volume, where nothing was calibrated. From memory: 60 for a 0.4 mm nozzle"));
    figure("prime", tr("Prime"), &machine_.prime_mm3, 0, 5000, 1, tr("mm³"),
           tr("Least extrusion after any change, to restore pressure. From memory"));
    figure("first_load", tr("First load"), &machine_.first_load_mm3, 0, 5000, 0, tr("mm³"),
           tr("Pushed through an empty nozzle before it prints. From memory"));
    figure("class_minimum", tr("Other material"), &machine_.class_minimum_mm3, 0, 5000, 0, tr("mm³"),
           tr("Least purge between material classes: traces weaken the bond. From memory"));
    const auto command = [&](const char* name, const QString& label, std::string* value,
                             const QStringList& usual) {
        auto* box = new QComboBox;
        box->setObjectName(QString::fromLatin1(name));
        box->setEditable(true);
        box->setSizeAdjustPolicy(
            QComboBox::AdjustToMinimumContentsLengthWithIcon); // a sequence of many lines does not push the
                                                               // page apart
        box->setMinimumContentsLength(16);
        box->addItems(usual);
        // Several lines stand in one, parted by a sign.
        const QString sign = QStringLiteral(" ⏎ ");
        const auto shown = [sign](const std::string& text) {
            return QString::fromStdString(text).replace(QLatin1Char('\n'), sign);
        };
        box->setCurrentText(shown(*value));
        box->setAccessibleName(label);
        box->setToolTip(
            tr("General G-code words (RS-274): T selects a tool, M0 stops, M1 stops if wanted, M600 "
               "exchanges filament, M25 pauses a print from a card. "
               "Filled in: {place} {nozzle} {slot} from 1, {place0} {nozzle0} {slot0} from 0, {where} the "
               "slot in "
               "words, {from} {to} letters, {layer}, {z}. A place is a nozzle with one of its slots, all of "
               "them counted.\n"
               "Where it is written into a toolpath file also {x} {y} {e} {feed} as they are there, {up} 10 "
               "mm above the print, {purge} mm³ or {purge_mm} of filament; ⏎ begins a new line."));
        connect(box, &QComboBox::editTextChanged, this, [value](const QString& s) {
            QString text = s;
            static const QRegularExpression line(QStringLiteral(" *⏎ *"));
            *value = text.replace(line, QStringLiteral("\n")).toStdString();
        });
        auto* more = new QToolButton;
        more->setText(QStringLiteral("…"));
        more->setObjectName(QString::fromLatin1(name) + QStringLiteral("_lines"));
        more->setAccessibleName(tr("%1, several lines").arg(label));
        more->setToolTip(tr("Several lines: park, purge, resume. The nozzle, the count of the filament and "
                            "the speed must be left as they were."));
        connect(more, &QToolButton::clicked, this, [this, box, label, shown, value] {
            bool ok = false;
            const QString text =
                QInputDialog::getMultiLineText(this, label,
                                               tr("What is written, line by line. A hot nozzle will do what "
                                                  "stands here: try it with nobody's hand near it."),
                                               QString::fromStdString(*value), &ok);
            if (ok)
                box->setCurrentText(shown(text.toStdString()));
        });
        auto* row = new QHBoxLayout;
        row->setContentsMargins(0, 0, 0, 0);
        row->addWidget(box, 1);
        row->addWidget(more);
        form_->addRow(label, row);
    };
    command("command_tool", tr("Tool change writes"), &machine_.commands.tool,
            {QStringLiteral("T{place0}"), QStringLiteral("T{place0} M6"), QStringLiteral("T{place}"),
             QStringLiteral("T{nozzle0}")});
    command("command_feeder", tr("Feeder change writes"), &machine_.commands.feeder,
            {QStringLiteral("T{place0}"), QStringLiteral("T{place}"), QStringLiteral("T{place0} M6"),
             QStringLiteral("T{slot0}")});
    command("command_hand", tr("Hand swap writes"), &machine_.commands.hand,
            {QStringLiteral("M600"), QStringLiteral("M0 ; swap {from} for {to}"),
             QStringLiteral("M25 ; swap {from} for {to}"),
             QStringLiteral("G1 Z{up} F600 ⏎ G0 X5 Y5 F9000 ⏎ M0 ; swap {from} for {to} ⏎ G1 E{purge_mm} "
                            "F200 ⏎ G92 E{e} ⏎ G0 X{x} Y{y} F9000 ⏎ G1 Z{z} F600 ⏎ G1 F{feed}")});
    command("command_pause", tr("Waiting writes"), &machine_.commands.pause,
            {QStringLiteral("M0 ; put {to} into {where}"), QStringLiteral("M1"), QStringLiteral("M25")});
    auto* g90 = new QComboBox;
    g90->setObjectName(QStringLiteral("command_g90"));
    g90->addItems({tr("found out for each file"), tr("counts for the filament as well"),
                   tr("leaves the filament alone")});
    const auto& sets_e = machine_.commands.g90_sets_e;
    g90->setCurrentIndex(!sets_e ? 0 : *sets_e ? 1 : 2);
    g90->setAccessibleName(tr("G90 after M83"));
    g90->setToolTip(tr("In some firmware G90 makes the filament absolute again after M83, in other it does "
                       "not. It decides how a file is read that says M83 before G90."));
    connect(g90, &QComboBox::currentIndexChanged, this,
            [this](int i) { machine_.commands.g90_sets_e = i == 0 ? std::nullopt : std::optional(i == 1); });
    form_->addRow(tr("G90 after M83"), g90);
    return scroll;
}

void MachineEditor::show_machine() {
    view_->show_machine(machine_);
    view_->choose_nozzle(nozzle_);
    sentence_->setText(words(what_it_can(machine_)));
    made_of_->setText(words(describe(machine_)));
}

void MachineEditor::fill_parts() {
    filling_ = true;
    const QSignalBlocker quiet(parts_);
    parts_->clear();
    for (std::size_t t = 0; t < machine_.toolheads.size(); ++t) {
        const Toolhead& h = machine_.toolheads[t];
        auto* head = new QTreeWidgetItem(
            parts_, {QString::fromStdString(h.name),
                     h.slots ? tr("feeder, %n slot(s)", nullptr, h.slots) : tr("external spool")});
        head->setData(0, Qt::UserRole, static_cast<int>(t));
        head->setData(0, Qt::UserRole + 1, -1);
        for (std::size_t n = 0; n < machine_.nozzles.size(); ++n) {
            const Nozzle& z = machine_.nozzles[n];
            if (z.toolhead != static_cast<int>(t))
                continue;
            auto* item = new QTreeWidgetItem(
                head, {tr("nozzle %1").arg(n + 1),
                       z.missing ? tr("missing")
                       : z.use == NozzleUse::any
                           ? tr("%1 mm").arg(number(z.diameter_mm))
                           : tr("%1 mm, %2").arg(number(z.diameter_mm), words(to_string(z.use)))});
            item->setData(0, Qt::UserRole, static_cast<int>(t));
            item->setData(0, Qt::UserRole + 1, static_cast<int>(n));
            if (static_cast<int>(n) == nozzle_)
                parts_->setCurrentItem(item);
        }
        if (nozzle_ < 0 && static_cast<int>(t) == head_)
            parts_->setCurrentItem(head);
    }
    parts_->expandAll();
    filling_ = false;
    show_machine();
}

void MachineEditor::choose(int toolhead, int nozzle) {
    head_ = toolhead;
    nozzle_ = nozzle;
    const QSignalBlocker a(name_), b(note_), c(head_name_), d(slots_), e(diameter_), f(missing_), g(use_),
        i(line_x_), j(line_y_);
    name_->setText(QString::fromStdString(machine_.name));
    note_->setText(QString::fromStdString(machine_.note));
    note_->setCursorPosition(0);
    const Toolhead& h = machine_.toolheads[static_cast<std::size_t>(toolhead)];
    if (head_name_->text() != QString::fromStdString(h.name))
        head_name_->setText(QString::fromStdString(h.name));
    slots_->setValue(h.slots);
    diameter_->setEnabled(nozzle >= 0);
    missing_->setEnabled(nozzle >= 0);
    use_->setEnabled(nozzle >= 0);
    use_->setCurrentIndex(
        nozzle >= 0 ? static_cast<int>(machine_.nozzles[static_cast<std::size_t>(nozzle)].use) : 0);
    const auto line_of = [](double mm) {
        return std::clamp(static_cast<int>(std::lround(mm / kVernier_mm)), -kCombLines, kCombLines);
    };
    line_x_->setValue(h.offset ? line_of(h.offset->x_mm) : line_x_->minimum());
    line_y_->setValue(h.offset ? line_of(h.offset->y_mm) : line_y_->minimum());
    show_offset();
    diameter_->setValue(nozzle >= 0 ? machine_.nozzles[static_cast<std::size_t>(nozzle)].diameter_mm : 0.4);
    missing_->setChecked(nozzle >= 0 && machine_.nozzles[static_cast<std::size_t>(nozzle)].missing);
    const auto on_head = std::count_if(machine_.nozzles.begin(), machine_.nozzles.end(),
                                       [&](const Nozzle& n) { return n.toolhead == toolhead; });
    remove_->setEnabled(nozzle >= 0 ? on_head > 1 : machine_.toolheads.size() > 1);
    add_nozzle_->setEnabled(machine_.nozzles.size() < kMostNozzles);
    fill_parts();
}

void MachineEditor::add_nozzle() {
    // Beside the others of its toolhead, alike to the last of them.
    std::size_t at = machine_.nozzles.size();
    for (std::size_t n = 0; n < machine_.nozzles.size(); ++n)
        if (machine_.nozzles[n].toolhead == head_)
            at = n + 1;
    Nozzle fresh = machine_.nozzles[at - 1];
    fresh.toolhead = head_;
    fresh.missing = false;
    machine_.nozzles.insert(machine_.nozzles.begin() + static_cast<std::ptrdiff_t>(at), fresh);
    choose(head_, static_cast<int>(at));
}

void MachineEditor::add_toolhead() {
    if (machine_.toolheads.size() >= kMostToolheads || machine_.nozzles.size() >= kMostNozzles)
        return;
    machine_.toolheads.push_back({"head " + std::to_string(machine_.toolheads.size() + 1), 0});
    machine_.nozzles.push_back(
        {machine_.nozzles.back().diameter_mm, static_cast<int>(machine_.toolheads.size()) - 1});
    choose(static_cast<int>(machine_.toolheads.size()) - 1, static_cast<int>(machine_.nozzles.size()) - 1);
}

void MachineEditor::remove() {
    if (nozzle_ >= 0) {
        machine_.nozzles.erase(machine_.nozzles.begin() + nozzle_);
    } else {
        std::erase_if(machine_.nozzles, [&](const Nozzle& n) { return n.toolhead == head_; });
        for (Nozzle& n : machine_.nozzles)
            n.toolhead -= n.toolhead > head_;
        machine_.toolheads.erase(machine_.toolheads.begin() + head_);
    }
    choose(std::min<int>(head_, static_cast<int>(machine_.toolheads.size()) - 1), -1);
}

} // namespace vitrail

#include "moc_machine_editor.cpp"
