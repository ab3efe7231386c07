// Every pair in use as a strip, and what decides how long it is.
#pragma once

#include <QWidget>

class QCheckBox;
class QDoubleSpinBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QTableWidget;

namespace vitrail {

class Document;
class SettingEdit;
class StripsView;
class ViewState;

class StripsPage : public QWidget {
    Q_OBJECT
public:
    StripsPage(Document* document, ViewState* view, QWidget* parent = nullptr);
    StripsView* strips() { return strips_; }

Q_SIGNALS:
    void said(const QString& text);

private:
    void show_pair();
    void show_levels();
    void lock(bool on);

    Document* document_;
    ViewState* view_;
    StripsView* strips_;
    QLabel *pair_, *figures_, *lands_, *sum_;
    QDoubleSpinBox* level_;
    QCheckBox* locked_;
    QLineEdit* reason_;
    QPushButton *computed_, *show_me_;
    SettingEdit* global_;
    QTableWidget* levels_;
};

} // namespace vitrail
