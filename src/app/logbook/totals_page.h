// What months and years come to, and what failed.
#pragma once

#include <QWidget>

class QComboBox;
class QLabel;
class QTableWidget;

namespace vitrail {

class Document;
class LogbookStore;

class TotalsPage : public QWidget {
    Q_OBJECT
public:
    TotalsPage(Document* document, LogbookStore* store, QWidget* parent = nullptr);

protected:
    void showEvent(QShowEvent*) override;

private:
    void fill();

    Document* document_;
    LogbookStore* store_;
    QComboBox* period_;
    QTableWidget *table_, *faults_, *rates_, *saved_;
    QLabel *says_, *nothing_saved_;
};

} // namespace vitrail
