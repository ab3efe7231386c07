#include "app/parts/settings_form.h"

#include "app/document/document.h"
#include "app/parts/setting_edit.h"
#include "app/theme/theme.h"
#include "paint/words.h"

#include <QFormLayout>
#include <QLabel>

namespace vitrail {

SettingsForm::SettingsForm(Document* document, std::initializer_list<const char*> keys, QWidget* parent)
    : QWidget(parent), document_(document), form_(new QFormLayout(this)) {
    form_->setContentsMargins(0, 0, em(0.4), 0);
    form_->setRowWrapPolicy(QFormLayout::DontWrapRows);
    for (const char* key : keys) {
        auto* edit = new SettingEdit(*find_setting(key));
        edits_.push_back(edit);
        const QString name = words(edit->info().label);
        auto* label = new QLabel(name);
        label->setToolTip(words(edit->info().why));
        label->setBuddy(edit);
        edit->focusProxy()->setMinimumWidth(em(5.5)); // the longest number it could hold would be far more
        form_->addRow(label, edit);
        connect(edit, &SettingEdit::edited, this, [this, edit, name](double v) {
            document_->edit(tr("Change %1").arg(name),
                            [&](Project& p) { edit->info().field.set(p.settings, v); });
        });
    }
    const auto refresh = [this] {
        for (SettingEdit* e : edits_)
            e->show_value(e->info().field.of(document_->project().settings));
    };
    connect(document, &Document::project_changed, this, refresh);
    refresh();
}

} // namespace vitrail

#include "moc_settings_form.cpp"
