// Where purge goes, and what it would cost elsewhere.
#pragma once

#include "core/study/purge_options.h"

#include <QWidget>

class QLabel;
class QListWidget;
class QPushButton;
class QTableWidget;

namespace vitrail {

class Document;
class Study;
class ViewState;

class WherePage : public QWidget {
    Q_OBJECT
public:
    WherePage(Document* document, ViewState* view, QWidget* parent = nullptr);

private:
    void refresh();
    void show_options();

    Document* document_;
    QTableWidget* table_;
    QPushButton* use_;
    QLabel* tower_;
    QListWidget* pieces_;
    Study* study_;
    std::vector<PurgeOption> options_;
};

} // namespace vitrail
