// How many at once: the curve over copies, what a failure would cost, and one after another instead.
#pragma once

#include "core/plate/copies.h"

#include <QWidget>

#include <optional>

class QLabel;
class QPushButton;
class QTableWidget;

namespace vitrail {

class CopiesView;
class Document;
class Study;

class CopiesPage : public QWidget {
    Q_OBJECT
public:
    explicit CopiesPage(Document* document, QWidget* parent = nullptr);
    CopiesView* view() { return view_; }

private:
    void show_curve();
    void show_chosen();

    Document* document_;
    CopiesView* view_;
    QLabel *says_, *apart_;
    QTableWidget* figures_;
    QPushButton *print_, *chain_;
    Study* study_;
    std::optional<CopiesCurve> curve_;
    std::optional<OneByOne> one_by_one_;
    QString error_;
};

} // namespace vitrail
