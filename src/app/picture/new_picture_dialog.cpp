#include "app/picture/new_picture_dialog.h"

#include "app/theme/theme.h"

#include <QDialogButtonBox>
#include <QDoubleSpinBox>
#include <QFileInfo>
#include <QFormLayout>
#include <QLabel>
#include <QRadioButton>
#include <QVBoxLayout>

namespace vitrail {

NewPictureDialog::NewPictureDialog(const QString& path, bool replaces, QWidget* parent)
    : QDialog(parent), relief_(new QRadioButton(tr("A &relief in layers, seen from the front"))),
      panel_(new QRadioButton(tr("A &panel, seen against light"))), width_(new QDoubleSpinBox) {
    setWindowTitle(tr("A picture"));
    auto* all = new QVBoxLayout(this);
    all->setSpacing(em(0.6));
    auto* asks = new QLabel(tr("What is “%1” to become?").arg(QFileInfo(path).fileName()));
    asks->setFont(font_of(1.1, true));
    all->addWidget(asks);
    const auto choice = [&](QRadioButton* button, const char* name, const QString& words) {
        button->setObjectName(QString::fromLatin1(name));
        all->addWidget(button);
        auto* says = new QLabel(words);
        says->setWordWrap(true);
        says->setIndent(em(1.6));
        says->setObjectName(QStringLiteral("quiet"));
        all->addWidget(says);
    };
    choice(relief_, "as_relief",
           tr("Filaments in whole layers on each other; what shows is the stack below. Few changes, all of "
              "them between layers."));
    choice(panel_, "as_panel",
           tr("Films of colour and a white whose thickness makes the brightness. White and three films; "
              "changes within layers. The light behind it is yours to choose."));
    relief_->setChecked(true);
    width_->setObjectName(QStringLiteral("new_width"));
    width_->setRange(10, 1000);
    width_->setValue(120);
    width_->setDecimals(0);
    width_->setSuffix(QLatin1Char(' ') + tr("mm"));
    auto* form = new QFormLayout;
    form->addRow(tr("&Width"), width_);
    all->addLayout(form);
    if (replaces) {
        auto* note =
            new QLabel(tr("It takes the place of the picture that is there; undo brings that back."));
        note->setWordWrap(true);
        all->addWidget(note);
    }
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    all->addWidget(buttons);
    setMinimumWidth(em(32));
}

PictureUse NewPictureDialog::use() const {
    return panel_->isChecked() ? PictureUse::panel : PictureUse::relief;
}
double NewPictureDialog::width_mm() const {
    return width_->value();
}

} // namespace vitrail

#include "moc_new_picture_dialog.cpp"
