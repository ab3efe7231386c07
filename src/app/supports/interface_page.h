// The interface tuned: layers and density against surface and cost; and which materials have to be dried.
#pragma once

#include "core/study/schools.h"

#include <QWidget>

class QLabel;
class QListWidget;
class QPushButton;
class QTableWidget;

namespace vitrail {

class Document;
class Study;

class InterfacePage : public QWidget {
    Q_OBJECT
public:
    explicit InterfacePage(Document* document, QWidget* parent = nullptr);

private:
    void fill();
    void show_drying();

    Document* document_;
    QTableWidget* table_;
    QLabel* says_;
    QListWidget* drying_;
    QPushButton *use_, *dried_;
    Study* study_;
    std::vector<Tuning> rows_;
};

} // namespace vitrail
