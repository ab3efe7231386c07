#include "app/piece/scale_dialog.h"

#include "app/theme/theme.h"
#include "paint/words.h"

#include <QComboBox>
#include <QDialogButtonBox>
#include <QDoubleSpinBox>
#include <QFormLayout>
#include <QLabel>
#include <QVBoxLayout>

namespace vitrail {

ScaleDialog::ScaleDialog(const Project& project, QWidget* parent)
    : QDialog(parent), sizes_(project.models.size()), file_(new QComboBox), unit_(new QComboBox),
      factor_(new QDoubleSpinBox), result_(new QLabel) {
    setObjectName(QStringLiteral("scale_dialog"));
    setWindowTitle(tr("Unit of a model file"));
    for (const ModelFile& m : project.models)
        file_->addItem(QString::fromStdString(m.name));
    for (const Piece& piece : project.pieces)
        for (const Part& part : piece.parts)
            sizes_[static_cast<std::size_t>(part.model)].add(part.mesh->bounds);
    file_->setAccessibleName(tr("File"));
    file_->setObjectName(QStringLiteral("scale_file"));
    const struct {
        QString name;
        double mm;
    } units[] = {{tr("inches"), 25.4},
                 {tr("centimetres"), 10},
                 {tr("metres"), 1000},
                 {tr("tenths of a millimetre"), 0.1},
                 {tr("thousandths of a millimetre"), 0.001}};
    for (const auto& u : units)
        unit_->addItem(u.name, u.mm);
    unit_->addItem(tr("another factor"));
    unit_->setAccessibleName(tr("It was written in"));
    unit_->setObjectName(QStringLiteral("scale_unit"));
    factor_->setRange(0.0001, 100000);
    factor_->setDecimals(4);
    factor_->setPrefix(QStringLiteral("× "));
    factor_->setAccessibleName(tr("Every length times"));
    factor_->setObjectName(QStringLiteral("scale_factor"));
    factor_->setValue(25.4);
    result_->setObjectName(QStringLiteral("scale_result"));
    result_->setWordWrap(true);
    result_->setMinimumWidth(em(24));
    auto* form = new QFormLayout;
    form->addRow(tr("&File"), file_);
    form->addRow(tr("It was &written in"), unit_);
    form->addRow(tr("&Every length times"), factor_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    auto* column = new QVBoxLayout(this);
    column->addLayout(form);
    column->addWidget(result_);
    column->addWidget(buttons);
    connect(file_, &QComboBox::currentIndexChanged, this, &ScaleDialog::refresh);
    connect(unit_, &QComboBox::currentIndexChanged, this, [this] {
        if (const double mm = unit_->currentData().toDouble(); mm > 0)
            factor_->setValue(mm);
        factor_->setEnabled(!unit_->currentData().isValid());
    });
    connect(factor_, &QDoubleSpinBox::valueChanged, this, &ScaleDialog::refresh);
    factor_->setEnabled(false);
    refresh();
}

int ScaleDialog::model() const {
    return file_->currentIndex();
}

double ScaleDialog::factor() const {
    return factor_->value();
}

void ScaleDialog::refresh() {
    const Bounds& b = sizes_[static_cast<std::size_t>(std::max(0, model()))];
    if (b.empty())
        return result_->setText(tr("No part is left of this file."));
    const auto size = [&](double k) {
        const auto length = [k](float from, float to) {
            return number(k * (double(to) - from), k * (double(to) - from) < 10 ? 2 : 1);
        };
        return tr("%1 × %2 × %3 mm")
            .arg(length(b.min.x, b.max.x), length(b.min.y, b.max.y), length(b.min.z, b.max.z));
    };
    result_->setText(
        tr("It is %1 now and becomes %2. Bands and paint grow with it.").arg(size(1), size(factor())));
}

} // namespace vitrail

#include "moc_scale_dialog.cpp"
