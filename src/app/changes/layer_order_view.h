// The order of the filaments in one layer.
#pragma once

#include <QWidget>

namespace vitrail {

class Document;
class ViewState;

/// The order within the cursor layer as panes with leads, and where each filament sits.
class LayerOrderView : public QWidget {
    Q_OBJECT
public:
    LayerOrderView(Document* document, ViewState* view, QWidget* parent = nullptr);
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent*) override;

private:
    Document* document_;
    ViewState* view_;
};

} // namespace vitrail
