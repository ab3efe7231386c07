// The five schools of support beside each other, on this piece, with the user's own materials.
#pragma once

#include "core/study/schools.h"

#include <QWidget>

#include <atomic>
#include <memory>

class QLabel;
class QListWidget;
class QProgressBar;
class QPushButton;
class QTableWidget;

namespace vitrail {

class Document;
class ShelfStore;
class Study;

/// What a school is made of, for its picture.
struct SchoolPicture {
    Filament piece, support, interface;
    bool gap = false, wins = false, possible = true;
};

class SchoolsPage : public QWidget {
    Q_OBJECT
public:
    SchoolsPage(Document* document, ShelfStore* shelf, QWidget* parent = nullptr);
    /// Null while it is worked out.
    const SchoolStudy* study() const { return study_.get(); }

Q_SIGNALS:
    void said(const QString& text);

protected:
    void showEvent(QShowEvent*) override;

private:
    void fill();
    void show_current();
    const School* current() const;

    Document* document_;
    ShelfStore* shelf_;
    QLabel *advice_, *why_;
    QTableWidget *table_, *values_;
    QListWidget* risks_;
    QPushButton *use_, *copy_;
    QProgressBar* bar_;
    QWidget* beside_ = nullptr; ///< what there is to say about the chosen school
    Study* work_;
    std::shared_ptr<const SchoolStudy> study_;
    std::vector<SchoolPicture> pictures_;
    /// The shelf as it was last: read by the study in the background.
    std::shared_ptr<std::atomic<std::shared_ptr<const OwnShelf>>> own_ =
        std::make_shared<std::atomic<std::shared_ptr<const OwnShelf>>>();
};

} // namespace vitrail
