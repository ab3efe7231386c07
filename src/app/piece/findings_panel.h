// What would spoil the print: one list, each finding with "show me" and, where there is one, a fix.
#pragma once

#include "app/shell/panel.h"

#include <QAbstractListModel>

class QListView;
class QPushButton;

namespace vitrail {

class Document;
class ViewState;

class FindingsModel : public QAbstractListModel {
    Q_OBJECT
public:
    enum Role { SeverityRole = Qt::UserRole, WhereRole };
    explicit FindingsModel(Document* document, QObject* parent = nullptr);
    int rowCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;

private:
    Document* document_;
};

class FindingsPanel : public Panel {
    Q_OBJECT
public:
    FindingsPanel(Document* document, ViewState* view, QWidget* parent = nullptr);

private:
    void refresh();
    void show_me();
    void fix();
    int current() const;

    Document* document_;
    ViewState* view_;
    QListView* list_;
    QLabel* empty_;
    QPushButton *show_, *fix_;
};

} // namespace vitrail
