// Every setting, by subject: with a search, what it is for, and what was changed from its default.
#pragma once

#include "core/project/settings.h"

#include <QDialog>

class QCheckBox;
class QLabel;
class QLineEdit;
class QPushButton;

namespace vitrail {

class SettingEdit;

class SettingsDialog : public QDialog {
    Q_OBJECT
public:
    explicit SettingsDialog(const Settings& settings, QWidget* parent = nullptr);
    Settings settings() const;

private:
    struct Row {
        SettingEdit* edit;
        QLabel *label, *why;
        QPushButton* reset;
        QWidget* beside; ///< keeps the place of reset
        QString words;   ///< what the search looks at
    };
    struct Group {
        QLabel* heading;
        QList<Row> rows;
    };
    QWidget* make_rows(const Settings& settings);
    void mark(const Row& row);
    void filter();

    QList<Group> groups_;
    QLineEdit* search_;
    QCheckBox* only_changed_;
    QLabel* none_;
};

} // namespace vitrail
