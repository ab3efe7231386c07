// How the picture will look, dot by dot, and the bands it is made of.
#pragma once

#include "core/picture/look.h"

#include <QWidget>

class QCheckBox;
class QComboBox;
class QLabel;
class QPushButton;
class QTableWidget;

namespace vitrail {

class CoreView;
class Document;
class Panel;
class PictureDesk;
class PictureView;

class LookPage : public QWidget {
    Q_OBJECT
public:
    LookPage(Document* document, PictureDesk* desk, QWidget* parent = nullptr);
    PictureView* picture() { return view_; }
    CoreView* core() { return core_; }
    /// Gives the chosen band a filament.
    void assign(char letter);

Q_SIGNALS:
    void wants_picture(); ///< the user wants to choose one
    void said(const QString& message);

private:
    QWidget* make_view();
    QWidget* make_bands();
    void refresh();
    void refresh_looks();
    void refresh_core();
    void refresh_bands();
    void refresh_figures();
    void lift(int by);
    void move_border(int by);
    void divide();
    void remove_band();
    void turn_over();
    std::vector<std::vector<FilamentRun>> stacks() const;

    Document* document_;
    PictureDesk* desk_;
    PictureView* view_;
    CoreView* core_;
    Panel *panel_ = nullptr, *bands_panel_ = nullptr;
    QComboBox *left_, *right_, *lamp_ = nullptr;
    QCheckBox* diffuser_ = nullptr;
    QTableWidget* bands_ = nullptr;
    QWidget* band_buttons_ = nullptr;
    QLabel *figures_, *legend_;
    QPushButton *open_, *anew_, *school_ = nullptr;
    bool showing_ = false;
};

} // namespace vitrail
