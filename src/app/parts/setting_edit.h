// An editor for one setting, made from its entry in the table of settings.
#pragma once

#include "core/project/settings.h"

#include <QWidget>

class QComboBox;
class QDoubleSpinBox;

namespace vitrail {

class SettingEdit : public QWidget {
    Q_OBJECT
public:
    explicit SettingEdit(const SettingInfo& info, QWidget* parent = nullptr);
    const SettingInfo& info() const { return info_; }
    double value() const;
    QString text() const; ///< as it stands there
    /// Shows a value without telling anybody.
    void show_value(double v);

Q_SIGNALS:
    void edited(double value);

private:
    const SettingInfo& info_;
    QDoubleSpinBox* number_ = nullptr;
    QComboBox* choice_ = nullptr;
};

} // namespace vitrail
