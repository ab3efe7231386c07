// The order: what is wanted, how many of it, by when; and the plates it is cut into.
#pragma once

#include "core/plate/order.h"

#include <QWidget>

#include <memory>
#include <optional>
#include <stop_token>

class QCheckBox;
class QComboBox;
class QDateTimeEdit;
class QLabel;
class QListWidget;
class QProgressBar;
class QPushButton;
class QTableWidget;

namespace vitrail {

class Document;
class ScheduleView;

class OrderListPage : public QWidget {
    Q_OBJECT
public:
    explicit OrderListPage(Document* document, QWidget* parent = nullptr);
    bool planning() const { return planning_; }
    const OrderPlan* plan() const { return plan_.get(); }
    /// Machines the user has, besides those that ship.
    void set_owned_machines(std::vector<Machine> owned);
    /// Writes the order's files into a folder.
    void write_into(const QString& folder);

Q_SIGNALS:
    void said(const QString& message);

private:
    QWidget* make_items();
    QWidget* make_wishes();
    QWidget* make_result();
    void refresh();
    void fill_item(int row, const OrderItem& item);
    void fill_machines();
    void edit_order(const QString& label, const std::function<void(Order&)>& change);
    void item_edited(int row, int column);
    void add_piece();
    void add_project();
    void cut();
    void stop();
    void show_result();
    void show_plate(int plate);

    Document* document_;
    QTableWidget *items_, *plates_, *spools_;
    QComboBox* aim_;
    QCheckBox* starts_;
    QDateTimeEdit* start_;
    QListWidget* machines_;
    QPushButton *add_piece_, *remove_, *cut_, *write_;
    QProgressBar* progress_;
    QLabel *says_, *saved_;
    ScheduleView* schedule_;
    std::vector<Machine> owned_;
    std::shared_ptr<const OrderTask> task_;
    std::shared_ptr<const OrderPlan> plan_;
    Order planned_; ///< the order that plan_ is of
    std::stop_source stop_;
    bool showing_ = false, planning_ = false;
};

} // namespace vitrail
