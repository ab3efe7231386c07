// What could be given up or done otherwise, with its exact saving, seen before it is applied.
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

/// Shows what a study suggests. The Changes bench has one for changes, the Supports bench one for support.
class SuggestionsPage : public QWidget {
    Q_OBJECT
public:
    struct Words {
        QString title, note, nothing, no_plan;
    };
    /// Runs in the background; `poses`: the user wants other poses too, which take a while.
    using Work = std::function<Result<std::vector<Suggestion>>(const Project& project, const Plan& plan,
                                                               bool poses, const Progress& progress)>;
    SuggestionsPage(Document* document, Words said, Work work, QWidget* parent = nullptr);

protected:
    void hideEvent(QHideEvent*) override;

private:
    void fill();
    void show_current();
    const Suggestion* current() const;

    Document* document_;
    Words words_;
    QTableWidget* table_;
    QLabel *detail_, *empty_;
    QPushButton *preview_, *apply_, *stop_;
    QCheckBox* poses_;
    QProgressBar* bar_;
    Study* study_;
    std::vector<Suggestion> list_;
};

} // namespace vitrail
