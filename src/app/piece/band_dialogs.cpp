#include "app/piece/band_dialogs.h"

#include "app/theme/theme.h"
#include "core/project/regions.h"
#include "paint/words.h"

#include <QDialogButtonBox>
#include <QDoubleSpinBox>
#include <QFormLayout>
#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>
#include <QVBoxLayout>

#include <cmath>

namespace vitrail {

namespace {

QDoubleSpinBox* millimetres(double value, double low, double step, const QString& name,
                            const QString& spoken) {
    auto* s = new QDoubleSpinBox;
    s->setObjectName(name);
    s->setAccessibleName(spoken);
    s->setRange(low, 100000);
    s->setDecimals(3);
    s->setSingleStep(step);
    s->setSuffix(QDialog::tr(" mm"));
    s->setValue(value);
    return s;
}

QDialogButtonBox* ok_cancel(QDialog* d) {
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    QObject::connect(buttons, &QDialogButtonBox::accepted, d, &QDialog::accept);
    QObject::connect(buttons, &QDialogButtonBox::rejected, d, &QDialog::reject);
    return buttons;
}

} // namespace

BandDialog::BandDialog(const Band& band, const LayerGrid& grid, std::vector<double> level_faces,
                       QWidget* parent)
    : QDialog(parent), band_(band), grid_(grid), faces_(std::move(level_faces)),
      z0_(millimetres(band.z0_mm, 0, grid.height_mm, QStringLiteral("band_z0"), tr("From height"))),
      z1_(millimetres(band.z1_mm, 0, grid.height_mm, QStringLiteral("band_z1"), tr("To height"))),
      layers_(new QLabel) {
    setObjectName(QStringLiteral("band_dialog"));
    setWindowTitle(
        tr("Band of %1 in %2").arg(QString::fromStdString(band.part)).arg(QChar::fromLatin1(band.filament)));
    auto* form = new QFormLayout;
    form->addRow(tr("From"), z0_);
    form->addRow(tr("To"), z1_);
    auto* snapping = new QPushButton(tr("Snap to layers and level faces"));
    snapping->setObjectName(QStringLiteral("band_snap"));
    snapping->setAutoDefault(false);
    form->addRow(QString(), snapping);
    layers_->setWordWrap(true);
    layers_->setObjectName(QStringLiteral("band_layers"));
    layers_->setMinimumWidth(em(24));
    auto* column = new QVBoxLayout(this);
    column->addLayout(form);
    column->addWidget(layers_);
    column->addWidget(ok_cancel(this));
    connect(snapping, &QPushButton::clicked, this, [this] {
        snap(z0_);
        snap(z1_);
    });
    connect(z0_, &QDoubleSpinBox::valueChanged, this, &BandDialog::refresh);
    connect(z1_, &QDoubleSpinBox::valueChanged, this, &BandDialog::refresh);
    refresh();
}

Band BandDialog::band() const {
    Band b = band_;
    b.z0_mm = std::min(z0_->value(), z1_->value());
    b.z1_mm = std::max(z0_->value(), z1_->value());
    return b;
}

void BandDialog::snap(QDoubleSpinBox* box) {
    box->setValue(snapped_height(grid_, faces_, box->value()));
}

void BandDialog::refresh() {
    const Band b = band();
    const int from = first_layer_above(grid_, b.z0_mm), to = first_layer_above(grid_, b.z1_mm) - 1;
    layers_->setText(to < from ? tr("No layer has its middle between these heights.")
                               : tr("Layers %1 to %2, printed from %3 to %4 mm.")
                                     .arg(from)
                                     .arg(to)
                                     .arg(number(grid_.bottom_mm(from), 2))
                                     .arg(number(grid_.top_mm(to), 2)));
}

LayerBandsDialog::LayerBandsDialog(const Settings& settings, double piece_mm, QWidget* parent)
    : QDialog(parent), settings_(settings), piece_mm_(piece_mm), bands_(settings.layer_bands),
      table_(new QTableWidget(0, 3)), says_(new QLabel) {
    setObjectName(QStringLiteral("layer_bands_dialog"));
    setWindowTitle(tr("Layers of heights of their own"));
    table_->setObjectName(QStringLiteral("layer_bands_table"));
    table_->setAccessibleName(windowTitle());
    table_->setHorizontalHeaderLabels({tr("layers (mm)"), tr("from (mm)"), tr("to (mm)")});
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    table_->verticalHeader()->hide();
    table_->setMinimumSize(em(26), em(10));
    auto* more = new QPushButton(tr("&Add"));
    more->setObjectName(QStringLiteral("layer_bands_add"));
    auto* less = new QPushButton(tr("&Remove"));
    less->setObjectName(QStringLiteral("layer_bands_remove"));
    for (QPushButton* b : {more, less})
        b->setAutoDefault(false);
    auto* row = new QHBoxLayout;
    row->addWidget(more);
    row->addWidget(less);
    row->addStretch();
    says_->setObjectName(QStringLiteral("layer_bands_says"));
    says_->setWordWrap(true);
    auto* note =
        new QLabel(tr("A layer is as high as the row says that its middle lies in. Set the same heights in "
                      "the program that makes the toolpaths, or every change comes too early or too late."));
    note->setObjectName(QStringLiteral("quiet"));
    note->setWordWrap(true);
    auto* buttons = ok_cancel(this);
    ok_ = buttons->button(QDialogButtonBox::Ok);
    auto* column = new QVBoxLayout(this);
    column->addWidget(table_, 1);
    column->addLayout(row);
    column->addWidget(says_);
    column->addWidget(note);
    column->addWidget(buttons);
    for (const LayerBand& b : settings.layer_bands)
        add(b);
    connect(more, &QPushButton::clicked, this, [this] {
        const double from = bands_.empty() ? settings_.first_layer_mm : bands_.back().to_mm;
        add({from, std::max(from + 1, std::round(piece_mm_)), settings_.layer_mm / 2});
        table_->setCurrentCell(table_->rowCount() - 1, 0);
        refresh();
    });
    connect(less, &QPushButton::clicked, this, [this] {
        if (table_->currentRow() >= 0)
            table_->removeRow(table_->currentRow());
        refresh();
    });
    connect(table_, &QTableWidget::itemChanged, this, &LayerBandsDialog::refresh);
    refresh();
}

void LayerBandsDialog::add(const LayerBand& band) {
    const QSignalBlocker quiet(table_);
    const int row = table_->rowCount();
    table_->insertRow(row);
    for (const auto& [column, value] : {std::pair{0, band.height_mm}, {1, band.from_mm}, {2, band.to_mm}}) {
        auto* item = new QTableWidgetItem;
        item->setData(Qt::EditRole, value); // a number: it is edited as one
        table_->setItem(row, column, item);
    }
}

void LayerBandsDialog::refresh() {
    std::vector<LayerBand> typed;
    for (int r = 0; r < table_->rowCount(); ++r) {
        const auto number_at = [&](int c) { return table_->item(r, c)->data(Qt::EditRole).toDouble(); };
        typed.push_back({number_at(1), number_at(2), number_at(0)});
    }
    const auto bands = parse_layer_bands(layer_bands_text(typed)); // the same rules as everywhere
    ok_->setEnabled(bool(bands));
    if (!bands)
        return says_->setText(words(bands.error().message));
    bands_ = *bands;
    const LayerGrid grid = make_grid(settings_.first_layer_mm, settings_.layer_mm, piece_mm_, bands_),
                    plain = make_grid(settings_.first_layer_mm, settings_.layer_mm, piece_mm_);
    says_->setText(
        piece_mm_ > 0
            ? tr("%n layer(s), %1 with one height throughout.", nullptr, grid.count).arg(plain.count)
            : QString());
}

BaseDialog::BaseDialog(const Settings& settings, QWidget* parent)
    : QDialog(parent), settings_(settings),
      delta_(millimetres(settings.layer_mm, -100, settings.layer_mm, QStringLiteral("base_delta"),
                         tr("Thicker by"))),
      result_(new QLabel) {
    setObjectName(QStringLiteral("base_dialog"));
    setWindowTitle(tr("Thicken the base"));
    auto* form = new QFormLayout;
    form->addRow(tr("Thicker by"), delta_);
    result_->setObjectName(QStringLiteral("base_result"));
    result_->setWordWrap(true);
    result_->setMinimumWidth(em(24));
    auto* column = new QVBoxLayout(this);
    column->addLayout(form);
    column->addWidget(result_);
    column->addWidget(ok_cancel(this));
    connect(delta_, &QDoubleSpinBox::valueChanged, this, &BaseDialog::refresh);
    refresh();
}

double BaseDialog::delta_mm() const {
    return delta_->value();
}

void BaseDialog::refresh() {
    const BaseShift k = base_shift(settings_, delta_->value());
    QString text = tr("Everything above the bed is lifted, and every later change moves by %n layer(s).",
                      nullptr, k.layers);
    if (k.error_mm != 0)
        text +=
            QLatin1Char(' ') +
            tr("That is no whole number of layers: %1 mm are left over, and borders will be off by as much.")
                .arg(number(k.error_mm, 3));
    result_->setText(text);
}

} // namespace vitrail

#include "moc_band_dialogs.cpp"
