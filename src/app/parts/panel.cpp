#include "app/parts/panel.h"

#include "app/parts/elided_label.h"

namespace vitrail {

Panel::Panel(const QString& heading, QWidget* parent) : QFrame(parent) {
    setObjectName(QStringLiteral("panel"));
    layout_ = new QVBoxLayout(this);
    layout_->setContentsMargins(em(0.8), em(0.6), em(0.8), em(0.8));
    layout_->setSpacing(em(0.4));
    if (heading.isEmpty())
        return;
    row_ = new QHBoxLayout;
    heading_ = new ElidedLabel(heading);
    heading_->setFont(font_of(1, true));
    aside_ = new ElidedLabel;
    aside_->setObjectName(QStringLiteral("quiet"));
    row_->addWidget(heading_);
    row_->addStretch();
    row_->addWidget(aside_);
    layout_->addLayout(row_);
}

Panel::~Panel() = default;

} // namespace vitrail
