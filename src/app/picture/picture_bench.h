// The Picture bench: the picture as it will look, how it is prepared, and the stack it is made of.
#pragma once

#include "core/project/picture.h"

#include <QWidget>

namespace vitrail {

class BenchPages;
class Document;
class FilmsPage;
class LookPage;
class PictureDesk;
class PreparePage;
class Ribbon;
class ShelfStore;
class StackPage;
class ViewState;

class PictureBench : public QWidget {
    Q_OBJECT
public:
    PictureBench(Document* document, ViewState* view, ShelfStore* shelf, Ribbon* ribbon,
                 QWidget* parent = nullptr);

    LookPage* look() { return look_; }
    PreparePage* prepare() { return prepare_; }
    PictureDesk* desk() { return desk_; }
    BenchPages* pages() { return pages_; }

    /// Makes a relief or a panel of a picture file, as one edit, when that has gone well. `width_mm` of the
    /// print.
    void take(const QString& path, PictureUse use, double width_mm);
    /// A letter was pressed.
    void assign(char letter);

Q_SIGNALS:
    void said(const QString& message);
    void wants_picture();

protected:
    void showEvent(QShowEvent*) override;
    void hideEvent(QHideEvent*) override;

private:
    void refresh();
    void refresh_cuts();

    Document* document_;
    ViewState* view_;
    ShelfStore* shelf_;
    Ribbon* ribbon_;
    PictureDesk* desk_;
    LookPage* look_;
    PreparePage* prepare_;
    StackPage* stack_;
    FilmsPage* films_;
    BenchPages* pages_;
};

} // namespace vitrail
