#include "app/shell/message_bar.h"

#include "app/theme/theme.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QProgressBar>
#include <QPushButton>
#include <QTimer>

namespace vitrail {

MessageBar::MessageBar(QWidget* parent) : QFrame(parent), label_(new QLabel), action_(new QPushButton) {
    setObjectName(QStringLiteral("panel"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(em(1), em(0.3), em(0.6), em(0.3));
    label_->setObjectName(QStringLiteral("message"));
    label_->setWordWrap(true);
    label_->setTextInteractionFlags(Qt::TextSelectableByMouse);
    action_->setObjectName(QStringLiteral("message_action"));
    auto* close = new QPushButton(tr("Dismiss"));
    close->setObjectName(QStringLiteral("message_dismiss"));
    row->addWidget(label_, 1);
    row->addWidget(action_);
    row->addWidget(close);
    connect(close, &QPushButton::clicked, this, &QWidget::hide);
    connect(action_, &QPushButton::clicked, this, [this] {
        hide();
        if (const auto act = std::exchange(act_, {}))
            act();
    });
    hide();
}

void MessageBar::say(const QString& text, const QString& action, std::function<void()> act) {
    label_->setText(text);
    label_->setAccessibleName(text);
    act_ = std::move(act);
    action_->setText(action);
    action_->setVisible(!action.isEmpty());
    show();
}

QString MessageBar::text() const {
    return isVisible() ? label_->text() : QString();
}

ProgressStrip::ProgressStrip(QWidget* parent)
    : QFrame(parent), label_(new QLabel), bar_(new QProgressBar), cancel_(new QPushButton(tr("Cancel"))),
      delay_(new QTimer(this)) {
    setObjectName(QStringLiteral("panel"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(em(1), em(0.3), em(0.6), em(0.3));
    bar_->setAccessibleName(tr("Progress"));
    cancel_->setObjectName(QStringLiteral("cancel"));
    row->addWidget(label_);
    row->addWidget(bar_, 1);
    row->addWidget(cancel_);
    delay_->setSingleShot(true);
    delay_->setInterval(500);
    connect(delay_, &QTimer::timeout, this, &QWidget::show);
    connect(cancel_, &QPushButton::clicked, this, &ProgressStrip::cancelled);
    hide();
}

void ProgressStrip::begin(const QString& what, bool cancellable) {
    label_->setText(what);
    bar_->setRange(0, cancellable ? 100 : 0);
    bar_->setValue(0);
    cancel_->setVisible(cancellable);
    if (!isVisible() && !delay_->isActive())
        delay_->start();
}

void ProgressStrip::set_share(double share) {
    if (bar_->maximum() == 100)
        bar_->setValue(static_cast<int>(100 * share));
}

void ProgressStrip::end() {
    delay_->stop();
    hide();
}

} // namespace vitrail

#include "moc_message_bar.cpp"
