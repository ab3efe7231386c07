// How the picture will look, dot by dot, and the bands it is made of.
#pragma once

#include "core/picture/look.h"

#include <QWidget>

class QCheckBox;
class QComboBox;
class QLabel;
class QPushButton;

namespace vitrail {

class BandsPanel;
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
    BandsPanel* bands() { return bands_; }

Q_SIGNALS:
    void wants_picture(); ///< the user wants to choose one
    void said(const QString& message);

private:
    QWidget* make_view();
    void refresh();
    void refresh_looks();
    void refresh_core();
    void refresh_figures();

    Document* document_;
    PictureDesk* desk_;
    PictureView* view_;
    CoreView* core_;
    BandsPanel* bands_;
    Panel* panel_ = nullptr;
    QComboBox *left_, *right_, *lamp_ = nullptr;
    QCheckBox* diffuser_ = nullptr;
    QLabel *figures_, *legend_;
    QPushButton *open_, *anew_;
    bool showing_ = false;
};

} // namespace vitrail
