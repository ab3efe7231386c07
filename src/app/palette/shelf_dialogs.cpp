#include "app/palette/shelf_dialogs.h"

#include "app/document/shelf_store.h"
#include "app/parts/device_row.h"
#include "app/theme/theme.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDateEdit>
#include <QDialogButtonBox>
#include <QDoubleSpinBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPainter>
#include <QPushButton>
#include <QVBoxLayout>

#include <cmath>

namespace vitrail {

namespace {

QDoubleSpinBox* box(double value, double high, int decimals, const QString& unit, const QString& name,
                    const QString& spoken) {
    auto* s = new QDoubleSpinBox;
    s->setObjectName(name);
    s->setAccessibleName(spoken);
    s->setDecimals(decimals);
    s->setRange(0, high);
    s->setSuffix(QLatin1Char(' ') + unit);
    s->setValue(value);
    return s;
}

const QDate kEpoch(1970, 1, 1);

} // namespace

ShelfFilamentDialog::ShelfFilamentDialog(const ShelfFilament& f, QWidget* parent)
    : FilamentDialog(f.filament, parent), filament_of_shelf_(f), hatch_(new QComboBox),
      notes_(new QLineEdit(QString::fromStdString(f.notes))) {
    setWindowTitle(tr("Filament on the shelf"));
    const MaterialFacts& m = facts(f.filament.material);
    dry_c_ = box(f.dry_c, 300, 0, tr("°C"), QStringLiteral("dry_c"), tr("Drying temperature"));
    dry_h_ = box(f.dry_h, 1000, 1, tr("h"), QStringLiteral("dry_h"), tr("Drying time"));
    for (QDoubleSpinBox* b : {dry_c_, dry_h_})
        b->setSpecialValueText(tr("as the class"));
    dry_c_->setToolTip(tr("As the class: %1 h at %2 °C, from memory. The label knows better.")
                           .arg(number(m.dry_h))
                           .arg(number(m.dry_c)));
    hatch_->setObjectName(QStringLiteral("hatch"));
    hatch_->setIconSize(QSize(em(3), em(1.2)));
    for (char c = 'A'; c <= 'Z'; ++c) {
        Filament shown = f.filament;
        shown.letter = c;
        QPixmap pane(em(3), em(1.2));
        QPainter p(&pane);
        paint_pane(p, pane.rect(), shown, 7);
        p.end();
        hatch_->addItem(QIcon(pane), QString(QChar::fromLatin1(c)));
    }
    hatch_->setCurrentIndex(f.filament.letter - 'A');
    notes_->setObjectName(QStringLiteral("notes"));
    auto* both = new QWidget;
    auto* row = new QHBoxLayout(both);
    row->setContentsMargins(0, 0, 0, 0);
    row->addWidget(dry_c_);
    row->addWidget(dry_h_);
    form()->addRow(tr("&Hatch"), hatch_);
    form()->addRow(tr("Dr&ying"), both);
    form()->addRow(tr("N&otes"), notes_);
}

ShelfFilament ShelfFilamentDialog::shelf_filament() const {
    ShelfFilament f = filament_of_shelf_;
    f.filament = filament();
    f.filament.letter = static_cast<char>('A' + hatch_->currentIndex());
    f.dry_c = dry_c_->value();
    f.dry_h = dry_h_->value();
    f.notes = notes_->text().toStdString();
    return f;
}

SpoolDialog::SpoolDialog(const Spool& s, const QStringList& taken_codes, QWidget* parent)
    : QDialog(parent), spool_(s), taken_(taken_codes), code_(new QLineEdit(QString::fromStdString(s.code))),
      note_(new QLineEdit(QString::fromStdString(s.place_note))),
      tag_(new QLineEdit(QString::fromStdString(s.tag))),
      full_(box(s.full_g, 100000, 0, tr("g"), QStringLiteral("full_g"), tr("Filament when new"))),
      tare_(box(s.tare_g, 100000, 0, tr("g"), QStringLiteral("tare_g"), tr("Empty roll"))),
      left_(box(s.left_g, 100000, 0, tr("g"), QStringLiteral("left_g"), tr("Left"))),
      opened_known_(new QCheckBox(tr("opened"))), dried_known_(new QCheckBox(tr("dried"))),
      opened_(new QDateEdit), dried_(new QDateEdit), place_(new QComboBox), problem_(new QLabel) {
    setObjectName(QStringLiteral("spool_dialog"));
    setWindowTitle(tr("Spool"));
    code_->setObjectName(QStringLiteral("spool_code"));
    code_->setToolTip(tr("The code printed on the spool, or one of your own."));
    place_->setObjectName(QStringLiteral("spool_place"));
    for (const SpoolPlace p : {SpoolPlace::shelf, SpoolPlace::dryer, SpoolPlace::slot, SpoolPlace::elsewhere})
        place_->addItem(words(to_string(p)));
    place_->setCurrentIndex(static_cast<int>(s.place));
    note_->setPlaceholderText(tr("which slot, which printer"));
    tare_->setToolTip(tr("Weigh an empty roll of this kind once; 220 g is from memory."));
    auto* form = new QFormLayout;
    form->addRow(tr("&Code"), code_);
    form->addRow(tr("&Filament when new"), full_);
    form->addRow(tr("&Empty roll"), tare_);
    form->addRow(tr("&Left"), left_);
    form->addRow(tr("&Where"), place_);
    form->addRow(QString(), note_);
    tag_->setObjectName(QStringLiteral("spool_tag"));
    tag_->setToolTip(tr("The number of the tag on the spool, if it has one: by it the spool is found again"));
    form->addRow(tr("&Tag"), tag_);
    auto* reader =
        make_tag_row(s.tag.empty() ? QStringList() : QStringList{QString::fromStdString(s.tag)}, this);
    connect(reader, &DeviceRow::answered, tag_, &QLineEdit::setText);
    form->addRow(QString(), reader);
    const auto date = [&](QCheckBox* known, QDateEdit* edit, int day, const QString& name) {
        edit->setObjectName(name);
        edit->setCalendarPopup(true);
        edit->setDisplayFormat(QStringLiteral("yyyy-MM-dd"));
        edit->setDate(day > 0 ? kEpoch.addDays(day) : QDate::currentDate());
        known->setChecked(day > 0);
        edit->setEnabled(day > 0);
        edit->setAccessibleName(known->text());
        connect(known, &QCheckBox::toggled, edit, &QWidget::setEnabled);
        form->addRow(known, edit);
    };
    date(opened_known_, opened_, s.opened_day, QStringLiteral("opened"));
    date(dried_known_, dried_, s.dried_day, QStringLiteral("dried"));
    problem_->setObjectName(QStringLiteral("problem"));
    problem_->setWordWrap(true);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    ok_ = buttons->button(QDialogButtonBox::Ok);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    auto* column = new QVBoxLayout(this);
    column->addLayout(form);
    column->addWidget(problem_);
    column->addWidget(buttons);
    connect(code_, &QLineEdit::textChanged, this, &SpoolDialog::refresh);
    refresh();
}

void SpoolDialog::refresh() {
    const QString code = code_->text().trimmed();
    const QString problem = code.isEmpty()
                                ? tr("A spool needs a code, so that it can be told from the others.")
                            : taken_.contains(code) ? tr("Another spool has this code already.")
                                                    : QString();
    problem_->setText(problem);
    problem_->setVisible(!problem.isEmpty());
    ok_->setEnabled(problem.isEmpty());
}

Spool SpoolDialog::spool() const {
    Spool s = spool_;
    s.code = code_->text().trimmed().toStdString();
    s.full_g = full_->value();
    s.tare_g = tare_->value();
    s.left_g = left_->value();
    s.place = static_cast<SpoolPlace>(place_->currentIndex());
    s.place_note = note_->text().toStdString();
    s.tag = tag_->text().trimmed().toStdString();
    s.opened_day = opened_known_->isChecked() ? static_cast<int>(kEpoch.daysTo(opened_->date())) : 0;
    s.dried_day = dried_known_->isChecked() ? static_cast<int>(kEpoch.daysTo(dried_->date())) : 0;
    return s;
}

WeighDialog::WeighDialog(const Spool& s, QWidget* parent)
    : QDialog(parent), spool_(s),
      gross_(box(s.tare_g + s.left_g, 100000, 1, tr("g"), QStringLiteral("gross_g"), tr("On the scale"))),
      resolution_(box(1, 100, 2, tr("g"), QStringLiteral("resolution_g"), tr("Steps of the scale"))),
      result_(new QLabel) {
    setObjectName(QStringLiteral("weigh_dialog"));
    setWindowTitle(tr("Weigh spool %1").arg(QString::fromStdString(s.code)));
    resolution_->setMinimum(0.01);
    auto* form = new QFormLayout;
    form->addRow(tr("On the &scale"), gross_);
    form->addRow(tr("S&teps of the scale"), resolution_);
    result_->setObjectName(QStringLiteral("weighed"));
    result_->setWordWrap(true);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    auto* column = new QVBoxLayout(this);
    column->addLayout(form);
    // On the simulated scale lies what is believed to be on the spool, a little less.
    auto* scale = make_scale_row(std::max(0.0, s.tare_g + 0.97 * s.left_g), this);
    connect(scale, &DeviceRow::answered, this,
            [this](const QString& grams) { gross_->setValue(grams.toDouble()); });
    column->addWidget(scale);
    column->addWidget(result_);
    column->addWidget(buttons);
    connect(gross_, &QDoubleSpinBox::valueChanged, this, &WeighDialog::refresh);
    connect(resolution_, &QDoubleSpinBox::valueChanged, this, &WeighDialog::refresh);
    refresh();
}

double WeighDialog::left_g() const {
    return weigh(spool_, gross_->value(), resolution_->value()).left_g;
}

/// How far what was taken off by prints is from what the scale says.
QString WeighDialog::drift_text(double more_g, double plus_minus_g) const {
    if (std::abs(more_g) <= plus_minus_g)
        return tr("The shelf says so too.");
    return more_g > 0 ? tr("The shelf says %1 g: prints took %2 g less than was written off.")
                            .arg(number(spool_.left_g, 1), number(more_g, 1))
                      : tr("The shelf says %1 g: %2 g more went than was written off.")
                            .arg(number(spool_.left_g, 1), number(-more_g, 1));
}

void WeighDialog::refresh() {
    const Weighed w = weigh(spool_, gross_->value(), resolution_->value());
    result_->setText(gross_->value() < spool_.tare_g
                         ? tr("That is less than the empty roll of %1 g: look at the roll's weight.")
                               .arg(number(spool_.tare_g))
                         : tr("Left: %1 ± %2 g, without the roll of %3 g.")
                                   .arg(number(w.left_g, 1))
                                   .arg(number(w.plus_minus_g, 2))
                                   .arg(number(spool_.tare_g)) +
                               QLatin1Char(' ') + drift_text(w.left_g - spool_.left_g, w.plus_minus_g));
}

} // namespace vitrail

#include "moc_shelf_dialogs.cpp"
