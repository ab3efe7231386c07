// How a machine's prints come out over time, everything that is foretold below each other, and what the
// records say about its purge.
#pragma once

#include <QWidget>

#include <vector>

class QComboBox;
class QGridLayout;
class QLabel;

namespace vitrail {

class Document;
class FactorView;
class LogbookStore;

class OverTimePage : public QWidget {
    Q_OBJECT
public:
    OverTimePage(Document* document, LogbookStore* store, QWidget* parent = nullptr);

protected:
    void showEvent(QShowEvent*) override;

private:
    void fill();
    void show_machine();

    Document* document_;
    LogbookStore* store_;
    QComboBox* machine_;
    QGridLayout* grid_;
    std::vector<FactorView*> views_;
    QLabel *says_, *sample_, *empty_;
};

} // namespace vitrail
