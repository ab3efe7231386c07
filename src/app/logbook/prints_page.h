// The prints that were kept: a list, and for each what was foretold and what came.
#pragma once

#include "core/logbook/query.h"

#include <QHash>
#include <QIcon>
#include <QWidget>

#include <functional>
#include <optional>

class QComboBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QTableWidget;

namespace vitrail {

class Document;
class LogbookStore;
class PrintDetail;
class ShelfStore;

class PrintsPage : public QWidget {
    Q_OBJECT
public:
    /// `run`: what really happened with the project that is open; nothing where nobody followed it.
    using LastRun = std::function<std::optional<Run>()>;
    PrintsPage(Document* document, ShelfStore* shelf, LogbookStore* store, LastRun run,
               QWidget* parent = nullptr);
    /// Asks how the open project came out, and keeps it.
    void log_print();
    void export_list(const QString& path);

Q_SIGNALS:
    void said(const QString& text);

private:
    void fill();
    void show_chosen();
    void change();
    void remove();
    void name_spools(PrintRecord& record) const;
    void take_from_spools(const PrintRecord& record);
    const PrintRecord* chosen() const;
    std::vector<std::string> selected() const; ///< ids, as they stand in the list
    bool wanted(const PrintRecord& record, const Query& query) const;
    QWidget* make_list();
    QWidget* make_detail();
    QWidget* make_keys();
    QIcon picture_of(const std::string& id);

    Document* document_;
    ShelfStore* shelf_;
    LogbookStore* store_;
    LastRun run_;
    QLineEdit* search_;
    QComboBox *machine_, *outcome_;
    QTableWidget* table_;
    PrintDetail* detail_;
    QHash<QByteArray, QIcon> icons_; ///< by the PNG
    QLabel *sums_, *empty_;
    QPushButton *log_, *change_, *remove_;
};

} // namespace vitrail
