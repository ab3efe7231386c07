// Changes: every change with its layer stated all ways, the order within a layer, and what the order saves.
#pragma once

#include "app/shell/panel.h"

#include <QAbstractTableModel>
#include <QWidget>

class QComboBox;
class QTableView;

namespace vitrail {

class Document;
class ViewState;

class ChangesModel : public QAbstractTableModel {
    Q_OBJECT
public:
    enum Column { kNumber, kBefore, kAfter, kPrinted, kEnds, kFromTo, kKind, kPurge, kTime, kWhere, kColumns };
    enum Role { LayerRole = Qt::UserRole, FromRole, ToRole, FromColourRole, ToColourRole };
    explicit ChangesModel(Document* document, QObject* parent = nullptr);
    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override { return parent.isValid() ? 0 : kColumns; }
    QVariant data(const QModelIndex& index, int role) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;

private:
    Document* document_;
};

/// The order within the cursor layer as panes with leads, and where each filament sits.
class LayerOrderView : public QWidget {
    Q_OBJECT
public:
    LayerOrderView(Document* document, ViewState* view, QWidget* parent = nullptr);
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent*) override;

private:
    Document* document_;
    ViewState* view_;
};

/// Nozzles with the slots that feed them, as the machine is loaded before the start.
class LoadingView : public QWidget {
    Q_OBJECT
public:
    explicit LoadingView(Document* document, QWidget* parent = nullptr);
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent*) override;

private:
    Document* document_;
};

class ChangesBench : public QWidget {
    Q_OBJECT
public:
    ChangesBench(Document* document, ViewState* view, QWidget* parent = nullptr);

private:
    void refresh();

    Document* document_;
    ViewState* view_;
    ChangesModel* model_;
    QTableView* table_;
    QLabel *sentence_, *saves_, *empty_;
    QComboBox* order_;
    Panel *list_, *order_panel_;
    bool moving_ = false;
};

} // namespace vitrail
