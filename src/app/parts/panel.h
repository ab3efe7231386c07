// A framed area of a bench with a heading.
#pragma once

#include "app/theme/theme.h"

#include <QFrame>
#include <QHBoxLayout>
#include <QLabel>
#include <QVBoxLayout>

namespace vitrail {

class Panel : public QFrame {
public:
    explicit Panel(const QString& heading = {}, QWidget* parent = nullptr);
    ~Panel() override; // in panel.cpp, so that all of it is compiled there

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
