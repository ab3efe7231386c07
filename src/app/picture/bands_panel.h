// What a picture is made of: the bands of a relief, to be moved, divided and given filaments; the films of a
// panel.
#pragma once

#include "app/parts/panel.h"

class QPushButton;
class QTableWidget;

namespace vitrail {

class Document;
class PictureDesk;

class BandsPanel : public Panel {
    Q_OBJECT
public:
    BandsPanel(Document* document, PictureDesk* desk, QWidget* parent = nullptr);
    /// Gives the chosen band a filament.
    void assign(char letter);

Q_SIGNALS:
    void said(const QString& message);

private:
    void refresh();
    void lift(int by);
    void move_border(int by);
    void divide();
    void remove_band();
    void turn_over();

    Document* document_;
    PictureDesk* desk_;
    QTableWidget* bands_ = nullptr;
    QWidget* buttons_ = nullptr;
    QPushButton* school_ = nullptr;
};

} // namespace vitrail
