// What is printed together, how many of it, and where each stands.
#pragma once

#include <QWidget>

class QCheckBox;
class QDoubleSpinBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QSpinBox;
class QTableWidget;

namespace vitrail {

class Document;
class Panel;
class PlateView;
class ViewState;

class BedPage : public QWidget {
    Q_OBJECT
public:
    BedPage(Document* document, ViewState* view, QWidget* parent = nullptr);
    PlateView* plate() { return plate_; }

Q_SIGNALS:
    void wants_piece(); ///< the user wants to add one

private:
    QWidget* make_pieces();
    QWidget* make_place();
    void refresh();
    void refresh_place();
    void remove_piece();
    void put();
    void fill_bed();

    Document* document_;
    ViewState* view_;
    PlateView* plate_;
    QLabel* says_;
    QTableWidget* pieces_;
    QLineEdit* name_;
    QSpinBox* count_;
    QPushButton* remove_ = nullptr;
    QPushButton* arrange_ = nullptr;
    QPushButton* fill_ = nullptr;
    QPushButton* align_ = nullptr;
    QDoubleSpinBox *x_, *y_, *turn_;
    QCheckBox* pinned_;
    Panel* place_ = nullptr;
    bool showing_ = false;
};

} // namespace vitrail
