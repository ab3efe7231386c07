// All settings of the project in one table: value, unit, and what each is for.
#pragma once

#include "core/project/settings.h"

#include <QDialog>
#include <QList>

namespace vitrail {

class SettingEdit;

class SettingsDialog : public QDialog {
    Q_OBJECT
public:
    explicit SettingsDialog(const Settings& settings, QWidget* parent = nullptr);
    Settings settings() const;

private:
    QList<SettingEdit*> edits_;
};

} // namespace vitrail
