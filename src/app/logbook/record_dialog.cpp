#include "app/logbook/record_dialog.h"

#include "app/parts/device_row.h"
#include "app/theme/theme.h"
#include "core/base/numbers.h"
#include "core/logbook/record.h"
#include "paint/words.h"

#include <QComboBox>
#include <QDateTimeEdit>
#include <QDialogButtonBox>
#include <QDoubleSpinBox>
#include <QFormLayout>
#include <QLabel>
#include <QMessageBox>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QSpinBox>
#include <QVBoxLayout>

#include <cmath>

namespace vitrail {

namespace {

constexpr double kNone = -1; ///< shows as "not measured"

} // namespace

RecordDialog::RecordDialog(const PrintRecord& record, QWidget* parent)
    : QDialog(parent), record_(record), form_(new QFormLayout), outcome_(new QComboBox),
      fault_(new QComboBox), started_(new QDateTimeEdit), ended_(new QDateTimeEdit),
      step_(new QDoubleSpinBox), pieces_(new QSpinBox), failed_layer_(new QSpinBox),
      notes_(new QPlainTextEdit), weigh_(new QLabel), time_(new QLabel),
      more_(new QPushButton(tr("&More…"))) {
    setObjectName(QStringLiteral("record_dialog"));
    setWindowTitle(tr("How %1 came out").arg(QString::fromStdString(record.title)));
    const auto named = [&](QWidget* w, const char* name, const QString& label) {
        w->setObjectName(QString::fromLatin1(name));
        w->setAccessibleName(QString(label).remove(QLatin1Char('&')));
        form_->addRow(label, w);
    };
    const auto quiet = [&](QLabel* l, const char* name) {
        l->setObjectName(QString::fromLatin1(name));
        l->setWordWrap(true);
        l->setMinimumWidth(em(26));
        form_->addRow(QString(), l);
    };
    outcome_->addItems({tr("good"), tr("usable"), tr("failed")});
    outcome_->setCurrentIndex(static_cast<int>(record.outcome));
    named(outcome_, "record_outcome", tr("It came out"));
    for (QDateTimeEdit* e : {started_, ended_}) {
        e->setDisplayFormat(QStringLiteral("ddd d MMM yyyy  HH:mm"));
        e->setCalendarPopup(true);
    }
    started_->setDateTime(QDateTime::fromSecsSinceEpoch(record.start_s));
    ended_->setDateTime(QDateTime::fromSecsSinceEpoch(
        record.end_s > record.start_s ? record.end_s
                                      : record.start_s + static_cast<std::int64_t>(record.foretold_s())));
    named(ended_, "record_ended", tr("&Done"));
    quiet(time_, "record_time");
    piece_ = measure("record_piece", tr("&Piece on the scale"), Quantity::piece, 1, tr("g"), 1);
    auto* scale = make_scale_row(record.at(Quantity::piece).foretold * 1.02, this);
    connect(scale, &DeviceRow::answered, this,
            [this](const QString& grams) { piece_->setValue(grams.toDouble()); });
    form_->addRow(QString(), scale);
    quiet(weigh_, "record_weigh");
    tower_ = measure("record_tower", tr("&Tower"), Quantity::tower, 1, tr("g"), 1);
    purge_ = measure("record_purge", tr("P&urge"), Quantity::purge, 1, tr("g"), 1);
    notes_->setPlainText(QString::fromStdString(record.notes));
    notes_->setTabChangesFocus(true);
    notes_->setMaximumHeight(em(5));
    named(notes_, "record_notes", tr("&Notes"));

    // The rest is for whoever wants it.
    const int before = form_->rowCount();
    named(started_, "record_started", tr("Be&gun"));
    fault_->addItem(tr("nothing"));
    for (const Fault& f : faults())
        fault_->addItem(words(f.words), QString::fromLatin1(f.code));
    fault_->setCurrentIndex(std::max(0, fault_->findData(QString::fromStdString(record.fault))));
    named(fault_, "record_fault", tr("What went &wrong"));
    failed_layer_->setRange(0, std::max(1, record.layers));
    failed_layer_->setSpecialValueText(tr("none"));
    failed_layer_->setValue(record.failed_layer);
    named(failed_layer_, "record_failed_layer", tr("Failed in &layer"));
    pieces_->setRange(1, 100000);
    pieces_->setValue(std::max(1, record.copies));
    named(pieces_, "record_pieces", tr("Pieces on the scale"));
    step_->setRange(0.01, 100);
    step_->setDecimals(2);
    step_->setValue(1);
    step_->setSuffix(tr(" g"));
    named(step_, "record_step", tr("&Steps of the scale"));
    waited_ = measure("record_waited", tr("It stood waiting"), Quantity::waiting, 60, tr("min"), 0);
    cleaning_ = measure("record_cleaning", tr("&Cleaning up"), Quantity::cleaning, 60, tr("min"), 0);
    soaking_ = measure("record_soaking", tr("S&oaking"), Quantity::soaking, 3600, tr("h"), 1);
    for (int row = before; row < form_->rowCount(); ++row)
        for (const auto role : {QFormLayout::LabelRole, QFormLayout::FieldRole})
            if (QLayoutItem* item = form_->itemAt(row, role); item && item->widget())
                optional_ << item->widget();
    const bool shown = !record.fault.empty() || record.outcome == Outcome::failed ||
                       record.at(Quantity::cleaning).foretold > 0;
    for (QWidget* w : optional_)
        w->setVisible(shown);
    more_->setObjectName(QStringLiteral("record_more"));
    more_->setAutoDefault(false);
    connect(more_, &QPushButton::clicked, this, [this] {
        for (QWidget* w : optional_)
            w->show();
        more_->hide();
        adjustSize();
    });

    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    buttons->addButton(more_, QDialogButtonBox::ActionRole);
    more_->setVisible(!shown);
    ok_ = buttons->button(QDialogButtonBox::Ok);
    ok_->setText(tr("&Keep it"));
    connect(buttons, &QDialogButtonBox::accepted, this, &RecordDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    auto* column = new QVBoxLayout(this);
    column->addLayout(form_);
    column->addWidget(buttons);
    for (QDateTimeEdit* e : {started_, ended_})
        connect(e, &QDateTimeEdit::dateTimeChanged, this, &RecordDialog::refresh);
    for (QDoubleSpinBox* s : {piece_, step_})
        if (s)
            connect(s, &QDoubleSpinBox::valueChanged, this, &RecordDialog::refresh);
    connect(pieces_, &QSpinBox::valueChanged, this, &RecordDialog::refresh);
    connect(outcome_, &QComboBox::currentIndexChanged, this, &RecordDialog::refresh);
    refresh();
}

/// Null where there is none of it to measure.
QDoubleSpinBox* RecordDialog::measure(const char* name, const QString& label, Quantity q, double per,
                                      const QString& unit, int decimals) {
    const Figure& f = record_.at(q);
    if (f.foretold <= 0 && !f.real)
        return nullptr;
    auto* s = new QDoubleSpinBox;
    s->setObjectName(QString::fromLatin1(name));
    s->setAccessibleName(QString(label).remove(QLatin1Char('&')));
    s->setRange(kNone, 1e6);
    s->setDecimals(decimals);
    s->setSpecialValueText(tr("not measured"));
    s->setSuffix(QLatin1Char(' ') + unit);
    s->setValue(f.real ? *f.real / per : kNone);
    s->setToolTip(tr("%1 %2 were foretold").arg(number(f.foretold / per, decimals), unit));
    form_->addRow(label, s);
    return s;
}

void RecordDialog::refresh() {
    const double took = static_cast<double>(started_->dateTime().secsTo(ended_->dateTime()));
    ok_->setEnabled(took > 0);
    time_->setText(took > 0 ? tr("It took %1; %2 were foretold.")
                                  .arg(QString::fromStdString(duration(took)),
                                       QString::fromStdString(duration(record_.foretold_s())))
                            : tr("It was done before it had begun."));
    QStringList lines;
    for (const Weighing& w : weighings(record_, step_->value())) {
        QStringList what;
        for (const Quantity q : w.together)
            what << (q == Quantity::piece && record_.copies > 1 ? tr("all %1 pieces").arg(record_.copies)
                                                                : words(label(q)));
        lines << tr("Together on the scale: %1; about %2 g, to within %3 %.")
                     .arg(what.join(QStringLiteral(" + ")), number(w.expected_g, 1), number(w.share_pct, 1));
    }
    if (piece_ && piece_->value() >= 0 && pieces_->value() > 1) {
        const PerPiece each = per_piece(piece_->value(), pieces_->value(), step_->value());
        lines << tr("Each piece weighs %1 ± %2 g.").arg(number(each.g, 2), number(each.plus_minus_g, 2));
    }
    weigh_->setText(lines.join(QLatin1Char('\n')));
}

/// Asks where a weight or a time is one that no print has.
void RecordDialog::accept() {
    QStringList odd;
    for (const Message& m : doubts(record()))
        odd << words(m);
    if (odd.empty())
        return QDialog::accept();
    QMessageBox box(QMessageBox::Question, windowTitle(), odd.join(QLatin1Char('\n')), QMessageBox::NoButton,
                    this);
    box.setObjectName(QStringLiteral("record_doubts"));
    box.setInformativeText(
        tr("No print comes out like that. Was everything that was printed on the scale, and "
           "nothing else?"));
    auto* as_it_is = box.addButton(tr("&Keep it as it is"), QMessageBox::AcceptRole);
    box.setDefaultButton(box.addButton(tr("&Look again"), QMessageBox::RejectRole));
    box.exec();
    if (box.clickedButton() == as_it_is)
        QDialog::accept();
}

PrintRecord RecordDialog::record() const {
    PrintRecord r = record_;
    r.outcome = static_cast<Outcome>(outcome_->currentIndex());
    r.start_s = started_->dateTime().toSecsSinceEpoch();
    r.end_s = ended_->dateTime().toSecsSinceEpoch();
    r.fault = fault_->currentData().toString().toStdString();
    r.failed_layer = failed_layer_->value();
    r.notes = notes_->toPlainText().toStdString();
    const auto take = [&](QDoubleSpinBox* s, Quantity q, double per) {
        if (!s)
            return;
        r.at(q).real.reset();
        if (s->value() >= 0)
            r.at(q).real = s->value() * per;
    };
    take(piece_, Quantity::piece, static_cast<double>(std::max(1, r.copies)) / pieces_->value());
    take(purge_, Quantity::purge, 1);
    take(tower_, Quantity::tower, 1);
    take(waited_, Quantity::waiting, 60);
    take(cleaning_, Quantity::cleaning, 60);
    take(soaking_, Quantity::soaking, 3600);
    settle_printing(r, r.at(Quantity::waiting).real.value_or(r.at(Quantity::waiting).foretold));
    return r;
}

} // namespace vitrail

#include "moc_record_dialog.cpp"
