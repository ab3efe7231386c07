// Some of the project's settings, one below the other, each edit undoable.
#pragma once

#include <QWidget>

#include <initializer_list>
#include <vector>

class QFormLayout;

namespace vitrail {

class Document;
class SettingEdit;

class SettingsForm : public QWidget {
    Q_OBJECT
public:
    SettingsForm(Document* document, std::initializer_list<const char*> keys, QWidget* parent = nullptr);
    /// For rows that are no settings.
    QFormLayout* form() { return form_; }

private:
    Document* document_;
    QFormLayout* form_;
    std::vector<SettingEdit*> edits_;
};

} // namespace vitrail
