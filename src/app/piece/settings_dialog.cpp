#include "app/piece/settings_dialog.h"

#include "app/parts/setting_edit.h"
#include "app/theme/theme.h"
#include "paint/words.h"

#include <QDialogButtonBox>
#include <QGridLayout>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

namespace vitrail {

SettingsDialog::SettingsDialog(const Settings& settings, QWidget* parent) : QDialog(parent) {
    setWindowTitle(tr("All settings"));
    setObjectName(QStringLiteral("settings_dialog"));
    auto* inside = new QWidget;
    auto* grid = new QGridLayout(inside);
    grid->setColumnStretch(2, 1);
    grid->setHorizontalSpacing(em(1));
    int row = 0;
    for (const SettingInfo& info : all_settings()) {
        auto* edit = new SettingEdit(info);
        edit->show_value(info.field.of(settings));
        edits_ << edit;
        auto* label = new QLabel(words(info.label));
        label->setBuddy(edit);
        auto* why = new QLabel(words(info.why));
        why->setObjectName(QStringLiteral("quiet"));
        why->setWordWrap(true);
        grid->addWidget(label, row, 0);
        grid->addWidget(edit, row, 1);
        grid->addWidget(why, row++, 2);
    }
    auto* scroll = new QScrollArea;
    scroll->setWidget(inside);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel | QDialogButtonBox::RestoreDefaults);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(buttons->button(QDialogButtonBox::RestoreDefaults), &QPushButton::clicked, this, [this] {
        for (SettingEdit* e : edits_)
            e->show_value(e->info().field.of(Settings{}));
    });
    auto* all = new QVBoxLayout(this);
    all->addWidget(scroll);
    all->addWidget(buttons);
    resize(em(54), em(38));
}

Settings SettingsDialog::settings() const {
    Settings s;
    for (const SettingEdit* e : edits_)
        e->info().field.set(s, e->value());
    return s;
}

} // namespace vitrail
