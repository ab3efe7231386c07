// What the prints teach: factors with their uncertainty, where each comes from, and whether ranges hold what they say.
#pragma once

#include <QWidget>

class QLabel;
class QPushButton;
class QTableWidget;

namespace vitrail {

class Document;
class FactorView;
class LogbookStore;
class ScoreView;
struct Factor;

class TeachPage : public QWidget {
    Q_OBJECT
public:
    TeachPage(Document* document, LogbookStore* store, QWidget* parent = nullptr);

private:
    void fill();
    void show_outlook();
    void show_chosen();
    void switch_factor();
    void leave_print_out();
    const Factor* chosen() const;

    Document* document_;
    LogbookStore* store_;
    QTableWidget *table_, *outlook_;
    FactorView* view_;
    ScoreView* score_;
    QLabel *says_, *sample_, *score_says_;
    QPushButton *switch_, *leave_out_;
};

} // namespace vitrail
