#include "app/machine/machine_assistant.h"

#include "app/machine/machine_store.h"
#include "app/machine/machine_view.h"
#include "app/parts/panel.h"
#include "paint/words.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDialogButtonBox>
#include <QDoubleSpinBox>
#include <QFormLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QSpinBox>
#include <QStandardItemModel>

namespace vitrail {

MachineAssistant::MachineAssistant(QWidget* parent)
    : QDialog(parent), name_(new QLineEdit(tr("My printer"))), nozzle_(new QDoubleSpinBox),
      swap_(new QDoubleSpinBox), nozzles_(new QSpinBox), slots_(new QSpinBox), turns_(new QComboBox),
      fed_(new QComboBox), pulls_(new QComboBox), purge_(new QComboBox),
      keep_(new QCheckBox(tr("&Keep it among my machines"))), form_(new QFormLayout), view_(new MachineView),
      sentence_(new QLabel), made_of_(new QLabel), assumed_(new QLabel), measure_(new QLabel) {
    setObjectName(QStringLiteral("machine_assistant"));
    setWindowTitle(tr("Describe your printer"));
    resize(em(66), em(42));
    const auto row = [&](const char* name, const QString& question, QWidget* w, const QString& tip = {}) {
        w->setObjectName(QString::fromLatin1(name));
        w->setAccessibleName(QString(question).remove(QLatin1Char('&')));
        w->setToolTip(tip);
        form_->addRow(question, w);
    };
    row("assistant_name", tr("What do you &call it?"), name_);
    auto* bed = new QWidget;
    auto* sizes = new QHBoxLayout(bed);
    sizes->setContentsMargins(0, 0, 0, 0);
    bed_x_ = length("assistant_bed_x", tr("Width of the bed"), 220);
    bed_y_ = length("assistant_bed_y", tr("Depth of the bed"), 220);
    height_ = length("assistant_height", tr("Height it can print"), 220);
    for (QWidget* w : {bed_x_, bed_y_, height_})
        sizes->addWidget(w);
    form_->addRow(tr("How &large can it print? Width, depth, height"), bed);
    nozzles_->setRange(1, 16);
    row("assistant_nozzles", tr("How many &nozzles does it print with?"), nozzles_);
    nozzle_->setRange(0.1, 2);
    nozzle_->setDecimals(2);
    nozzle_->setSingleStep(0.2);
    nozzle_->setValue(0.4);
    nozzle_->setSuffix(tr(" mm"));
    row("assistant_nozzle", tr("How &wide are they?"), nozzle_,
        tr("It stands on the nozzle; 0.4 mm where nobody has changed it"));
    turns_->addItems({tr("they hang side by side on one head"), tr("each is parked and fetched")});
    row("assistant_turns", tr("&Where are they?"), turns_);
    for (const auto& [text, by] :
         {std::pair{tr("a spool each, swapped by hand"), FedBy::spools},
          {tr("a feeder that changes filament by itself"), FedBy::one_feeder},
          {tr("a feeder for each nozzle"), FedBy::feeder_each},
          {tr("a spool for the first, a feeder for the others"), FedBy::spool_and_feeder}})
        fed_->addItem(text, static_cast<int>(by));
    row("assistant_fed", tr("What &feeds them?"), fed_);
    slots_->setRange(1, 64);
    slots_->setValue(4);
    row("assistant_slots", tr("How many s&lots has a feeder?"), slots_);
    pulls_->addItems({tr("it cuts it, and pulls"), tr("it pulls it out with a shaped tip")});
    row("assistant_pulls", tr("How does the feeder get filament &out?"), pulls_);
    purge_->addItems({tr("into a tower beside the piece"), tr("out through a chute, beside the bed")});
    row("assistant_purge", tr("Where does &purge go?"), purge_);
    swap_->setRange(0.1, 60);
    swap_->setDecimals(1);
    swap_->setValue(3);
    swap_->setSuffix(tr(" min"));
    row("assistant_swap", tr("How long do you need to &swap a spool?"), swap_);
    keep_->setChecked(true);
    keep_->setObjectName(QStringLiteral("assistant_keep"));
    form_->addRow(QString(), keep_);
    form_->setRowWrapPolicy(QFormLayout::WrapAllRows);

    auto* drawing = new Panel(tr("As it stands there"));
    sentence_->setObjectName(QStringLiteral("assistant_sentence"));
    sentence_->setFont(font_of(1.1, true));
    for (QLabel* l : {sentence_, made_of_, assumed_, measure_})
        l->setWordWrap(true);
    made_of_->setObjectName(QStringLiteral("quiet"));
    assumed_->setObjectName(QStringLiteral("assistant_assumed"));
    measure_->setObjectName(QStringLiteral("assistant_measure"));
    view_->setMinimumHeight(em(9));
    drawing->body()->addWidget(sentence_);
    drawing->body()->addWidget(made_of_);
    drawing->body()->addWidget(view_, 1);
    auto* told = new QWidget;
    auto* column = new QVBoxLayout(told);
    column->setContentsMargins(0, 0, 0, 0);
    const auto block = [&](const QString& heading, QLabel* text) {
        auto* h = new QLabel(heading);
        h->setFont(font_of(1, true));
        column->addWidget(h);
        column->addWidget(text);
    };
    block(tr("Measure first"), measure_);
    block(tr("Where the other figures come from"), assumed_);
    column->addStretch();
    auto* scroll = new QScrollArea;
    scroll->setFocusPolicy(Qt::NoFocus); // what is in it has the focus, and is scrolled to
    scroll->setWidget(told);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setAccessibleName(tr("What to measure first, and where figures come from"));
    auto* words = new Panel;
    words->body()->addWidget(scroll);
    auto* right = new QVBoxLayout;
    right->addWidget(drawing, 1);
    right->addWidget(words, 1);
    auto* questions = new QWidget;
    questions->setLayout(form_);
    auto* left = new QScrollArea;
    left->setFocusPolicy(Qt::NoFocus); // what is in it has the focus, and is scrolled to
    left->setWidget(questions);
    left->setWidgetResizable(true);
    left->setFrameShape(QFrame::NoFrame);
    left->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    left->setAccessibleName(tr("Questions"));
    auto* both = new QHBoxLayout;
    both->addWidget(left, 2);
    both->addLayout(right, 3);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    ok_ = buttons->button(QDialogButtonBox::Ok);
    ok_->setText(tr("&Print with it"));
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    auto* all = new QVBoxLayout(this);
    all->addLayout(both, 1);
    all->addWidget(buttons);

    connect(name_, &QLineEdit::textChanged, this, &MachineAssistant::refresh);
    for (QDoubleSpinBox* s : {bed_x_, bed_y_, height_, nozzle_, swap_})
        connect(s, &QDoubleSpinBox::valueChanged, this, &MachineAssistant::refresh);
    for (QSpinBox* s : {nozzles_, slots_})
        connect(s, &QSpinBox::valueChanged, this, &MachineAssistant::refresh);
    for (QComboBox* c : {turns_, fed_, pulls_, purge_})
        connect(c, &QComboBox::currentIndexChanged, this, &MachineAssistant::refresh);
    name_->selectAll();
    refresh();
}

QDoubleSpinBox* MachineAssistant::length(const char* name, const QString& spoken, double mm) {
    auto* s = new QDoubleSpinBox;
    s->setObjectName(QString::fromLatin1(name));
    s->setAccessibleName(spoken);
    s->setToolTip(spoken);
    s->setRange(20, 2000);
    s->setDecimals(0);
    s->setSuffix(tr(" mm"));
    s->setValue(mm);
    return s;
}

MachineAnswers MachineAssistant::answers() const {
    MachineAnswers a;
    a.name = name_->text().trimmed().toStdString();
    a.bed_x_mm = bed_x_->value(), a.bed_y_mm = bed_y_->value(), a.height_mm = height_->value();
    a.nozzles = nozzles_->value();
    a.nozzle_mm = nozzle_->value();
    a.take_turns = turns_->currentIndex() == 1;
    a.fed_by = static_cast<FedBy>(fed_->currentData().toInt());
    a.slots = slots_->value();
    a.cuts = pulls_->currentIndex() == 0;
    a.chute = purge_->currentIndex() == 1;
    a.swap_min = swap_->value();
    return a;
}

Machine MachineAssistant::machine() const {
    Machine m = machine_from(answers());
    m.id = machine_id(m.name);
    return m;
}

bool MachineAssistant::keep() const {
    return keep_->isChecked();
}

/// Questions that do not arise are not asked.
void MachineAssistant::refresh() {
    const MachineAnswers a = answers();
    form_->setRowVisible(turns_, asks_turns(a));
    form_->setRowVisible(slots_, asks_slots(a));
    form_->setRowVisible(pulls_, asks_slots(a));
    form_->setRowVisible(purge_, asks_slots(a) || asks_turns(a));
    for (int i = 0; i < fed_->count(); ++i)
        if (auto* model = qobject_cast<QStandardItemModel*>(fed_->model()))
            model->item(i)->setEnabled(asks_feeding(a, static_cast<FedBy>(fed_->itemData(i).toInt())));
    const Machine m = machine();
    view_->show_machine(m);
    sentence_->setText(words(what_it_can(m)));
    made_of_->setText(words(describe(m)));
    const auto lines = [](const std::vector<Message>& messages) {
        QStringList out;
        for (const Message& x : messages)
            out << QStringLiteral("• ") + words(x);
        return out.join(QLatin1Char('\n'));
    };
    assumed_->setText(lines(assumed(a)));
    measure_->setText(lines(to_measure(a)));
    ok_->setEnabled(!a.name.empty());
}

} // namespace vitrail

#include "moc_machine_assistant.cpp"
