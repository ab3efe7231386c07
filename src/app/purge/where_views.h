// Where purge goes, drawn: what each layer's purge becomes.
#pragma once

#include "core/plan/plan.h"

#include <QWidget>

#include <vector>

namespace vitrail {

class Document;
class ViewState;

/// What a layer's purge becomes, mm³.
struct LayerFlow {
    double useful = 0, tower = 0, skirt = 0, ejected = 0, fill = 0;
};

/// A bar for each layer: what of its purge is useful, what goes to tower or skirt or is thrown out, and the
/// fill that only carries.
class FlowView : public QWidget {
    Q_OBJECT
public:
    FlowView(Document* document, ViewState* view, QWidget* parent = nullptr);
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    bool event(QEvent*) override;

private:
    QRectF chart() const;
    int layer_at(double x) const;

    Document* document_;
    ViewState* view_;
    std::vector<LayerFlow> flows_; ///< [layer − 1], of the newest plan
};

} // namespace vitrail
