// Palette: the user's own filaments and spools, whether they suffice for the project, and how they get on.
#pragma once

#include <QWidget>

class QLabel;
class QPushButton;
class QTreeView;

namespace vitrail {

class Document;
class NeedsView;
class PairingView;
class ShelfModel;
class ShelfStore;
class ViewState;

class PaletteBench : public QWidget {
    Q_OBJECT
public:
    PaletteBench(Document* document, ShelfStore* store, QWidget* parent = nullptr);
    QTreeView* shelf_view() { return tree_; }
    /// The filament that is chosen on the shelf becomes this one of the project; one of that letter gives way
    /// to it.
    void assign(char letter);

Q_SIGNALS:
    void said(const QString& message);

protected:
    void showEvent(QShowEvent*) override;

private:
    QWidget* make_shelf();
    QWidget* make_project();
    QWidget* make_pairing();
    void refresh();
    int current_filament() const;
    int current_spool() const;
    void add_filament();
    void add_spool();
    void edit_current();
    void remove_current();
    void weigh_current();
    void which_spool();
    void dried_today();
    void take_into_project();
    void take_as(const std::string& id, char letter);
    void import_shelf();
    void export_shelf();
    void offer_replacements();
    void match_project();
    bool confirm_class(const QString& id);
    void select(int filament, int spool);

    Document* document_;
    ShelfStore* store_;
    ShelfModel* model_;
    QTreeView* tree_;
    NeedsView* needs_ = nullptr;
    PairingView* pairing_ = nullptr;
    QLabel *pair_words_, *state_;
    QPushButton *take_ = nullptr, *edit_ = nullptr, *remove_ = nullptr, *weigh_ = nullptr,
                *add_spool_ = nullptr, *dried_ = nullptr, *replace_ = nullptr;
};

} // namespace vitrail
