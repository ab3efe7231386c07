#include "app/parts/filament_dialog.h"

#include "app/parts/wedge_dialog.h"
#include "app/theme/theme.h"
#include "paint/filament_paint.h"
#include "paint/words.h"

#include <QColorDialog>
#include <QComboBox>
#include <QDialogButtonBox>
#include <QDoubleSpinBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPainter>
#include <QPushButton>

#include <algorithm>
#include <cmath>

namespace vitrail {

FilamentDialog::FilamentDialog(const Filament& f, QWidget* parent)
    : QDialog(parent), form_(new QFormLayout), filament_(f),
      name_(new QLineEdit(QString::fromStdString(f.name))), hex_(new QLineEdit), material_(new QComboBox),
      colour_(new QPushButton) {
    setWindowTitle(tr("Filament %1").arg(QChar::fromLatin1(f.letter)));
    setObjectName(QStringLiteral("filament_dialog"));
    const auto box = [](double value, double low, double high, int decimals, const QString& unit,
                        const QString& why, const QString& name) {
        auto* s = new QDoubleSpinBox;
        s->setDecimals(decimals);
        s->setRange(low, high);
        s->setSingleStep(std::pow(10.0, -decimals) * (decimals > 1 ? 5 : 1));
        s->setSuffix(unit.isEmpty() ? QString() : QStringLiteral(" ") + unit);
        s->setValue(value);
        s->setToolTip(why);
        s->setAccessibleName(name);
        return s;
    };
    for (const MaterialFacts& m : all_materials())
        material_->addItem(QString::fromLatin1(m.id));
    material_->setCurrentIndex(static_cast<int>(f.material));
    material_->setObjectName(QStringLiteral("material"));
    hex_->setObjectName(QStringLiteral("colour_hex"));
    hex_->setMaxLength(7);
    hex_->setAccessibleName(tr("Colour as #rrggbb"));
    colour_->setAccessibleName(tr("Choose the colour"));
    td_ = box(f.td_mm, 0.01, 100, 2, tr("mm"),
              tr("Transmission distance: the thickness that lets a tenth of the light through. Definitions "
                 "differ; measure with a step wedge."),
              tr("Transmission distance"));
    diameter_ = box(f.diameter_mm, 0.5, 10, 2, tr("mm"), tr("Of the strand: 1.75 or 2.85 mm in practice."),
                    tr("Diameter"));
    density_ = box(f.density_g_cm3, 0.1, 20, 3, tr("g/cm³"),
                   tr("Default of the material class, from memory."), tr("Density"));
    price_ = box(f.price_per_kg, 0, 1e6, 2, tr("per kg"), tr("What a kilogram costs you, in your currency."),
                 tr("Price"));
    const QString heat = tr("Default of the material class, from memory; the spool's label knows better.");
    nozzle_low_ = box(f.nozzle_c.low, 0, 500, 0, tr("°C"), heat, tr("Nozzle from"));
    nozzle_high_ = box(f.nozzle_c.high, 0, 500, 0, tr("°C"), heat, tr("Nozzle to"));
    bed_low_ = box(f.bed_c.low, 0, 200, 0, tr("°C"), heat, tr("Bed from"));
    free_ = box(f.free_after_h, 0, 1000, 1, tr("h"),
                tr("Its spool is busy elsewhere, in another printer for instance, until so many hours after "
                   "the start. It is put in later then, as long as it is there by its first layer."),
                tr("Spool free after"));
    free_->setObjectName(QStringLiteral("free_after"));
    free_->setSpecialValueText(tr("from the start"));
    clean_ = box(f.delta_e, 0, 30, 1, {},
                 tr("Colour difference at which a change to it counts as clean: 1 for show surfaces, 4 where "
                    "it is hidden."),
                 tr("Clean at ΔE"));
    clean_->setSpecialValueText(tr("as the project"));
    bed_high_ = box(f.bed_c.high, 0, 200, 0, tr("°C"), heat, tr("Bed to"));

    QFormLayout* form = form_;
    const auto pair = [](QWidget* a, QWidget* b) {
        auto* both = new QWidget; // one widget, so that the label has a buddy
        auto* row = new QHBoxLayout(both);
        row->setContentsMargins(0, 0, 0, 0);
        row->addWidget(a);
        row->addWidget(b);
        both->setFocusProxy(a);
        return both;
    };
    form->addRow(tr("&Name"), name_);
    form->addRow(tr("&Material"), material_);
    form->addRow(tr("&Colour"), pair(hex_, colour_));
    form->addRow(tr("&Transmission distance"), td_);
    measured_ = new QLabel;
    measured_->setObjectName(QStringLiteral("measured"));
    measure_ = new QPushButton(tr("Measure…"));
    measure_->setObjectName(QStringLiteral("measure_light"));
    measure_->setToolTip(
        tr("By a step wedge: print it, photograph it, and read how the filament absorbs and scatters light"));
    forget_ = new QPushButton(tr("Forget"));
    forget_->setObjectName(QStringLiteral("forget_light"));
    auto* light = new QWidget;
    auto* light_row = new QHBoxLayout(light);
    light_row->setContentsMargins(0, 0, 0, 0);
    light_row->addWidget(measured_, 1);
    light_row->addWidget(measure_);
    light_row->addWidget(forget_);
    light->setFocusProxy(measure_);
    form->addRow(tr("Light in pict&ures"), light);
    connect(measure_, &QPushButton::clicked, this, &FilamentDialog::measure);
    connect(forget_, &QPushButton::clicked, this, [this] {
        filament_.measured.reset();
        show_measured();
    });
    show_measured();
    form->addRow(tr("&Diameter"), diameter_);
    form->addRow(tr("D&ensity"), density_);
    form->addRow(tr("&Price"), price_);
    form->addRow(tr("No&zzle"), pair(nozzle_low_, nozzle_high_));
    form->addRow(tr("&Bed"), pair(bed_low_, bed_high_));
    form->addRow(tr("Clean at Δ&E"), clean_);
    form->addRow(tr("Spool &free after"), free_);
    auto* note = new QLabel(tr("A new material brings its own density and temperatures."));
    note->setObjectName(QStringLiteral("quiet"));
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    auto* all = new QVBoxLayout(this);
    all->addLayout(form);
    all->addWidget(note);
    all->addWidget(buttons);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(colour_, &QPushButton::clicked, this, &FilamentDialog::choose_colour);
    connect(material_, &QComboBox::currentIndexChanged, this, &FilamentDialog::take_defaults);
    connect(hex_, &QLineEdit::textEdited, this, [this](const QString& text) {
        if (const auto c = parse_colour(text.toStdString()); c && text.size() == 7) {
            filament_.colour = *c;
            set_colour(*c);
        }
    });
    hex_->setText(QString::fromStdString(to_hex(f.colour)));
    set_colour(f.colour);
}

void FilamentDialog::set_colour(Srgb c) {
    Filament shown = filament_;
    shown.colour = c;
    QPixmap pane(em(4), em(1.4));
    QPainter p(&pane);
    paint_pane(p, pane.rect(), shown);
    p.end();
    colour_->setIcon(pane);
    colour_->setIconSize(pane.size());
    colour_->setText(words(describe_colour(c)));
}

void FilamentDialog::choose_colour() {
    const QColor c =
        QColorDialog::getColor(to_qcolor(filament_.colour), this,
                               tr("Colour of filament %1").arg(QChar::fromLatin1(filament_.letter)),
                               QColorDialog::DontUseNativeDialog);
    if (!c.isValid())
        return;
    filament_.colour = to_srgb(c);
    hex_->setText(QString::fromStdString(to_hex(filament_.colour)));
    set_colour(filament_.colour);
}

void FilamentDialog::show_measured() {
    forget_->setEnabled(filament_.measured.has_value());
    if (!filament_.measured) {
        measured_->setText(tr("from colour and transmission distance"));
        measured_->setToolTip({});
        return;
    }
    const MeasuredOptics& m = *filament_.measured;
    measured_->setText(
        tr("measured: K %1, S %2 /mm (green)").arg(number(m.optics.k[1], 2), number(m.optics.s[1], 2)));
    measured_->setToolTip(tr("Red, green, blue: K %1, %2, %3 and S %4, %5, %6 per mm")
                              .arg(number(m.optics.k[0], 2), number(m.optics.k[1], 2),
                                   number(m.optics.k[2], 2), number(m.optics.s[0], 2),
                                   number(m.optics.s[1], 2), number(m.optics.s[2], 2)));
}

void FilamentDialog::measure() {
    WedgeDialog dialog(filament(), this);
    if (dialog.exec() != QDialog::Accepted)
        return;
    if (dialog.measured())
        filament_.measured = dialog.measured();
    td_->setValue(dialog.td_mm());
    show_measured();
}

void FilamentDialog::take_defaults() {
    const MaterialFacts& m = all_materials()[static_cast<std::size_t>(material_->currentIndex())];
    density_->setValue(m.density_g_cm3);
    nozzle_low_->setValue(m.nozzle_c.low);
    nozzle_high_->setValue(m.nozzle_c.high);
    bed_low_->setValue(m.bed_c.low);
    bed_high_->setValue(m.bed_c.high);
}

Filament FilamentDialog::filament() const {
    Filament f = filament_;
    f.name = name_->text().trimmed().toStdString();
    if (f.name.empty())
        f.name = words(describe_colour(f.colour)).toStdString();
    const Material before = f.material;
    f.material = all_materials()[static_cast<std::size_t>(material_->currentIndex())].material;
    if (f.material != before)
        f.class_confirmed = f.kept_dry = false; // said of the other class
    f.td_mm = td_->value();
    f.diameter_mm = diameter_->value();
    f.density_g_cm3 = density_->value();
    f.price_per_kg = price_->value();
    f.free_after_h = free_->value();
    f.delta_e = clean_->value();
    f.nozzle_c = {std::min(nozzle_low_->value(), nozzle_high_->value()),
                  std::max(nozzle_low_->value(), nozzle_high_->value())};
    f.bed_c = {std::min(bed_low_->value(), bed_high_->value()),
               std::max(bed_low_->value(), bed_high_->value())};
    return f;
}

} // namespace vitrail

#include "moc_filament_dialog.cpp"
