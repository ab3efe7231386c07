// What would spoil the print: one list, each finding with "show me" and, where there is one, a fix.
#pragma once

#include "app/parts/panel.h"

#include <QAbstractListModel>

#include <stop_token>

class QListView;
class QPushButton;
class QTimer;

namespace vitrail {

struct Finding;
class Document;
class ViewState;

class FindingsModel : public QAbstractListModel {
    Q_OBJECT
public:
    enum Role { SeverityRole = Qt::UserRole, SeverityWordRole, WhereRole };
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
    ~FindingsPanel() override;

Q_SIGNALS:
    /// The list wants two thirds of the height, or its usual share again.
    void made_taller(bool tall);

private:
    void refresh();
    void show_me();
    void fix(int way);
    void waive();
    void show_waived();
    void preview();
    void fill_ways();
    const Finding* current_finding() const;
    int current() const;

    Document* document_;
    ViewState* view_;
    QListView* list_;
    QLabel* empty_;
    QLabel* preview_;
    QPushButton *show_, *fix_, *waive_, *waived_;
    QTimer* preview_later_; ///< so that walking through the list starts nothing
    std::stop_source preview_stop_;
};

} // namespace vitrail
