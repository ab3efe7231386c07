// The search for the stack that comes nearest: which filaments, in which order, how many layers of each, and
// what one more would gain.
#pragma once

#include "core/picture/search.h"
#include "core/project/project.h"

#include <QWidget>

#include <stop_token>
#include <vector>

class QCheckBox;
class QDoubleSpinBox;
class QLabel;
class QPushButton;
class QSpinBox;
class QTableWidget;

namespace vitrail {

class Document;
class PictureDesk;
class ShelfStore;
class StackFront;

class StackPage : public QWidget {
    Q_OBJECT
public:
    StackPage(Document* document, PictureDesk* desk, ShelfStore* shelf, QWidget* parent = nullptr);
    bool searching() const { return searching_; }

Q_SIGNALS:
    void said(const QString& message);

private:
    QWidget* make_wishes();
    void refresh();
    void fill_filaments();
    void fill_kept();
    bool keep(StackSearch& search) const;
    void search();
    void stop();
    void show_front(std::vector<FoundStack> front);
    void refresh_front();
    void use();

    Document* document_;
    PictureDesk* desk_;
    ShelfStore* shelf_;
    QTableWidget *filaments_, *kept_, *front_table_;
    StackFront* plot_;
    QSpinBox *swaps_, *slots_;
    QDoubleSpinBox* most_;
    QCheckBox* exactly_;
    QPushButton *go_, *use_;
    QLabel* says_;
    std::vector<Filament> offered_;  ///< of the project and of the shelf, in the table's order
    std::vector<Filament> searched_; ///< what front_ counts by
    std::vector<FoundStack> front_;
    std::vector<ReliefBand> shown_bands_; ///< in kept_
    std::stop_source stop_;
    bool searching_ = false, showing_ = false;
};

} // namespace vitrail
