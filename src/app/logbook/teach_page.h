// What the prints teach: factors with their uncertainty, where each comes from, and whether ranges hold what
// they say.
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
struct FactorKey;

/// Machine, nozzle, material and school of a factor, as far as it belongs to one.
QString place_of(const FactorKey& key);

class TeachPage : public QWidget {
    Q_OBJECT
public:
    TeachPage(Document* document, LogbookStore* store, QWidget* parent = nullptr);

Q_SIGNALS:
    void said(const QString& text);

private:
    void fill();
    void show_outlook();
    void show_chosen();
    void switch_factor();
    void leave_print_out();
    void start_anew();
    void write_machine_file();
    const Factor* chosen() const;

    Document* document_;
    LogbookStore* store_;
    QTableWidget *table_, *outlook_;
    FactorView* view_;
    ScoreView* score_;
    QLabel *says_, *sample_, *score_says_;
    QPushButton *switch_, *leave_out_, *anew_, *machine_;
};

} // namespace vitrail
