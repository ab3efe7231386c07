#include "app/theme/manners.h"

#include <QApplication>
#include <QDoubleSpinBox>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QLocale>

namespace vitrail {

namespace {

/// Names come from files and people. Qt would guess which texts are markup; here none is but where a label
/// says so. Tool tips are labels too.
class PlainLabels : public QObject {
public:
    using QObject::QObject;
    bool eventFilter(QObject* watched, QEvent* e) override {
        if (e->type() == QEvent::Polish)
            if (auto* label = qobject_cast<QLabel*>(watched); label && label->textFormat() == Qt::AutoText)
                label->setTextFormat(Qt::PlainText);
        return false;
    }
};

/// The field that is typed into, or the line edit in it.
QDoubleSpinBox* number_field(QObject* watched) {
    auto* field = qobject_cast<QDoubleSpinBox*>(watched);
    return field || !qobject_cast<QLineEdit*>(watched) ? field
                                                       : qobject_cast<QDoubleSpinBox*>(watched->parent());
}

class DecimalKeys : public QObject {
public:
    using QObject::QObject;
    bool eventFilter(QObject* watched, QEvent* e) override {
        if (e->type() != QEvent::KeyPress)
            return false;
        const QString text = static_cast<QKeyEvent*>(e)->text();
        if (text != QLatin1String(".") && text != QLatin1String(","))
            return false;
        const QDoubleSpinBox* field = number_field(watched);
        if (!field || field->locale().decimalPoint() == text)
            return false;
        QKeyEvent meant(e->type(), 0, Qt::NoModifier, field->locale().decimalPoint());
        QApplication::sendEvent(watched, &meant);
        return true;
    }
};

} // namespace

void teach_manners(QApplication& app) {
    QLocale locale;
    locale.setNumberOptions(QLocale::OmitGroupSeparator |
                            QLocale::RejectGroupSeparator); // apply_language() keeps to it
    QLocale::setDefault(locale);
    app.installEventFilter(new PlainLabels(&app));
    app.installEventFilter(new DecimalKeys(&app));
}

} // namespace vitrail
