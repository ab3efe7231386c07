#include "app/parts/setting_edit.h"
#include "paint/words.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QSignalBlocker>

#include <cmath>

namespace vitrail {

SettingEdit::SettingEdit(const SettingInfo& info, QWidget* parent) : QWidget(parent), info_(info) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    QWidget* editor = nullptr;
    if (info.choices.empty()) {
        number_ = new QDoubleSpinBox;
        number_->setDecimals(info.decimals);
        number_->setRange(info.min, info.max);
        number_->setSingleStep(info.decimals >= 2 ? 0.02 : info.decimals == 1 ? 0.5 : 1);
        number_->setKeyboardTracking(false);
        if (*info.unit)
            number_->setSuffix(QStringLiteral(" ") + words(info.unit));
        for (const auto& [word, number] : info.words)
            if (number == info.min)
                number_->setSpecialValueText(words(word));
        connect(number_, &QDoubleSpinBox::valueChanged, this, &SettingEdit::edited);
        editor = number_;
    } else {
        choice_ = new QComboBox;
        for (const char* c : info.choices)
            choice_->addItem(words(c).replace(QLatin1Char('-'), QLatin1Char(' ')));
        connect(choice_, &QComboBox::currentIndexChanged, this, [this](int i) { Q_EMIT edited(i); });
        editor = choice_;
    }
    editor->setObjectName(QString::fromUtf8(info.key));
    editor->setToolTip(words(info.why));
    editor->setAccessibleName(words(info.label));
    setFocusProxy(editor);
    row->addWidget(editor);
}

double SettingEdit::value() const {
    return number_ ? number_->value() : choice_->currentIndex();
}

QString SettingEdit::text() const {
    return number_ ? number_->text() : choice_->currentText();
}

void SettingEdit::show_value(double v) {
    const QSignalBlocker quiet(number_ ? static_cast<QObject*>(number_) : choice_);
    if (number_)
        number_->setValue(v);
    else
        choice_->setCurrentIndex(static_cast<int>(v));
}

} // namespace vitrail

#include "moc_setting_edit.cpp"
