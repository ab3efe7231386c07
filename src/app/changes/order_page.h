// Every change, and in which order the filaments of a layer are printed.
#pragma once

#include "app/parts/panel.h"

#include <QWidget>

class QComboBox;
class QTableView;

namespace vitrail {

class ChangesModel;
class Document;
class ViewState;

class OrderPage : public QWidget {
    Q_OBJECT
public:
    OrderPage(Document* document, ViewState* view, QWidget* parent = nullptr);

private:
    void refresh();
    void show_layer(int layer);

    Document* document_;
    ViewState* view_;
    ChangesModel* model_;
    QTableView* table_;
    QLabel *sentence_, *sums_, *saves_, *empty_;
    QComboBox *order_, *first_;
    QLabel* lock_;
    Panel *list_, *order_panel_;
    bool moving_ = false;
};

} // namespace vitrail
