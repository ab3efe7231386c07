// A line of text that gives way where there is no room for it: cut with an ellipsis, whole in its tip
// (guide/explain).
#pragma once

#include <QLabel>

namespace vitrail {

class ElidedLabel : public QLabel {
    Q_OBJECT
public:
    using QLabel::QLabel;
    QSize minimumSizeHint() const override;

protected:
    void paintEvent(QPaintEvent*) override;
};

} // namespace vitrail
