// The Variants bench: the piece in each colouring, side by side, what a wish costs, and a sheet for whoever
// has a say.
#pragma once

#include "core/plate/variants.h"

#include <QImage>
#include <QWidget>

#include <atomic>
#include <memory>

class QBoxLayout;
class QComboBox;
class QLabel;
class QPushButton;
class QScrollArea;
class QTableWidget;

namespace vitrail {

class Document;
class Study;
class VariantCard;

class VariantsBench : public QWidget {
    Q_OBJECT
public:
    explicit VariantsBench(Document* document, QWidget* parent = nullptr);
    /// Keeps the project as it stands under the next free name.
    void keep();
    /// Writes a sheet of all variants that the dialog has chosen. `path` ends in .pdf, .html or .png.
    void write_sheet(const QString& path, const class SheetDialog& dialog);
    /// Whether what hangs there is of the newest plan.
    bool up_to_date() const;

Q_SIGNALS:
    void said(const QString& message);

private:
    /// What hangs there. Made beside the window's thread, which reads the one before to make nothing anew: so
    /// it is never changed, only exchanged.
    struct Hung {
        std::vector<PlannedVariant> variants;
        std::vector<QImage> pictures; ///< [as variants]
        int current = -1;             ///< the variant that the project is still like; −1: none
    };
    QWidget* make_wish();
    QWidget* make_sheets();
    void show_cards();
    void fill_regions();
    void work_out_wish();
    void keep_wish();
    void ask_sheet();
    void ask_answer();
    void show_sheets();
    void save_picture(int index);
    static int current_of(const Project& p);
    std::shared_ptr<const Hung> hung() const { return wall_->load(); }

    Document* document_;
    Study* study_;
    QScrollArea* scroll_;
    QBoxLayout* row_;
    std::vector<VariantCard*> cards_;
    QLabel *empty_, *wish_says_;
    QComboBox *region_, *filament_;
    QPushButton *keep_, *keep_wish_, *sheet_, *answer_;
    QTableWidget* asked_;
    using Wall = std::atomic<std::shared_ptr<const Hung>>;
    /// may outlive the bench in a worker's hand
    std::shared_ptr<Wall> wall_ = std::make_shared<Wall>(std::make_shared<const Hung>());
    std::vector<Wish> regions_;
    std::optional<WishCost> wish_;
    std::stop_source wishing_;
    int against_ = -1; ///< which they are compared with
};

} // namespace vitrail
