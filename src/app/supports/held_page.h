// What of the piece is held, by what, and where it touches: the piece with its support, and the contact
// faces.
#pragma once

#include <QWidget>

class QComboBox;
class QLabel;
class QTableWidget;

namespace vitrail {

class Document;
class Painter;
class View3d;
class ViewState;

class HeldPage : public QWidget {
    Q_OBJECT
public:
    HeldPage(Document* document, ViewState* view, QWidget* parent = nullptr);
    Painter* painter() { return painter_; }
    View3d* view3d() { return view3d_; } ///< null without OpenGL

Q_SIGNALS:
    void said(const QString& text);

protected:
    void showEvent(QShowEvent*) override;

private:
    QWidget* make_settings();
    void refresh();

    Document* document_;
    ViewState* view_;
    Painter* painter_;
    View3d* view3d_ = nullptr;
    QTableWidget* faces_;
    QLabel* says_;
    QComboBox *support_filament_, *interface_filament_;
};

} // namespace vitrail
