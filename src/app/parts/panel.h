// A framed area of a bench with a heading.
#pragma once

#include "app/parts/elided_label.h"
#include "app/theme/theme.h"

#include <QFrame>
#include <QHBoxLayout>
#include <QVBoxLayout>

namespace vitrail {

class Panel : public QFrame {
public:
    explicit Panel(const QString& heading = {}, QWidget* parent = nullptr) : QFrame(parent) {
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
    QVBoxLayout* body() { return layout_; }
    /// Something to press, at the end of the heading.
    void add_to_heading(QWidget* w) { row_->addWidget(w); }
    /// The few words at the right of the heading.
    void set_aside(const QString& text) { aside_->setText(text); }

private:
    QVBoxLayout* layout_;
    QHBoxLayout* row_ = nullptr;
    QLabel* heading_ = nullptr;
    QLabel* aside_ = nullptr;
};

} // namespace vitrail
