// Fewer changes: what could be given up, with its exact saving, seen before it is applied.
#pragma once

#include "core/study/suggestions.h"

#include <QWidget>

class QCheckBox;
class QLabel;
class QProgressBar;
class QPushButton;
class QTableWidget;

namespace vitrail {

class Document;
class Study;

class SuggestionsPage : public QWidget {
    Q_OBJECT
public:
    /// `owned`: the machines the user has, asked for when suggestions are worked out.
    SuggestionsPage(Document* document, std::function<std::vector<Machine>()> owned, QWidget* parent = nullptr);

protected:
    void hideEvent(QHideEvent*) override;

private:
    void fill();
    void show_current();
    const Suggestion* current() const;

    Document* document_;
    std::function<std::vector<Machine>()> owned_;
    QTableWidget* table_;
    QLabel *detail_, *empty_;
    QPushButton *preview_, *apply_, *stop_;
    QCheckBox* poses_;
    QProgressBar* bar_;
    Study* study_;
    std::vector<Suggestion> list_;
};

} // namespace vitrail
