// A print of the logbook as it came, or two beside each other.
#pragma once

#include "core/logbook/compare.h"

#include <QImage>
#include <QWidget>

#include <vector>

class QLabel;
class QListWidget;
class QPushButton;
class QTableWidget;

namespace vitrail {

class Document;
class LogbookStore;
class PairsView;
struct Page;

class PrintDetail : public QWidget {
    Q_OBJECT
public:
    PrintDetail(Document* document, LogbookStore* store, QWidget* parent = nullptr);
    /// None, one or two.
    void show_prints(std::vector<PrintRecord> prints);
    /// Adds picture files to the print that is shown.
    void add_photographs(const QStringList& paths);
    /// The page that would be printed now.
    Page page() const;

Q_SIGNALS:
    void said(const QString& text);

protected:
    void dragEnterEvent(QDragEnterEvent*) override;
    void dropEvent(QDropEvent*) override;
    bool eventFilter(QObject*, QEvent*) override;

private:
    void show_facts();
    void show_differences();
    void show_photographs();
    void ask_photographs();
    void remove_photograph();
    void open_photograph();
    void print();

    Document* document_;
    LogbookStore* store_;
    std::vector<PrintRecord> shown_;
    std::vector<std::pair<std::string, QImage>> photographs_; ///< of the one that is shown
    PairsView* pairs_;
    QLabel *title_, *facts_, *notes_, *key_;
    QTableWidget* differences_;
    QListWidget* pictures_;
    QPushButton *add_, *take_out_, *print_;
    int asked_ = 0; ///< answers to earlier questions come too late
};

} // namespace vitrail
