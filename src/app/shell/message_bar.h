// One line of message above the benches: what went wrong or was done, and perhaps something to do about it.
#pragma once

#include <QFrame>

#include <functional>

class QLabel;
class QProgressBar;
class QPushButton;
class QTimer;

namespace vitrail {

class MessageBar : public QFrame {
    Q_OBJECT
public:
    explicit MessageBar(QWidget* parent = nullptr);
    /// Stays until it is dismissed or replaced.
    void say(const QString& text, const QString& action = {}, std::function<void()> act = {});
    QString text() const;

private:
    QLabel* label_;
    QPushButton* action_;
    std::function<void()> act_;
};

/// Progress with Cancel, shown only when the work takes more than half a second.
class ProgressStrip : public QFrame {
    Q_OBJECT
public:
    explicit ProgressStrip(QWidget* parent = nullptr);
    void begin(const QString& what, bool cancellable);
    void set_share(double share);
    void end();

Q_SIGNALS:
    void cancelled();

private:
    QLabel* label_;
    QProgressBar* bar_;
    QPushButton* cancel_;
    QTimer* delay_;
};

} // namespace vitrail
