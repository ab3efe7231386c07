#include "app/parts/elided_label.h"

#include <QPainter>
#include <QStyle>

#include <algorithm>

namespace vitrail {

namespace {

constexpr int kLeast = 16; ///< characters that a line of text keeps room for

} // namespace

QSize ElidedLabel::minimumSizeHint() const {
    const QSize whole = QLabel::minimumSizeHint();
    return {std::min(whole.width(), fontMetrics().averageCharWidth() * kLeast), whole.height()};
}

void ElidedLabel::paintEvent(QPaintEvent*) {
    QPainter p(this);
    style()->drawItemText(
        &p, contentsRect(), static_cast<int>(QStyle::visualAlignment(layoutDirection(), alignment())),
        palette(), isEnabled(), fontMetrics().elidedText(text(), Qt::ElideRight, contentsRect().width()),
        foregroundRole());
}

} // namespace vitrail

#include "moc_elided_label.cpp"
