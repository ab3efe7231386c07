// Something worked out from the newest plan, off the window's thread, while somebody looks at it.
#pragma once

#include "core/plan/plan.h"

#include <QObject>

#include <functional>
#include <memory>
#include <stop_token>

class QTimer;

namespace vitrail {

class Document;

/// Starts anew when the plan changes, stops what is outdated, and waits while its widget is hidden.
class Study : public QObject {
    Q_OBJECT
public:
    /// Runs in the background; what it returns runs in the window's thread, unless it has become outdated.
    using Work = std::function<std::function<void()>(
        const Project& project, const std::shared_ptr<const Plan>& plan, const Progress& progress)>;
    Study(Document* document, QWidget* shown_in, Work work);
    ~Study() override;
    void start_anew();
    bool running() const { return running_; }
    bool due() const; ///< running, or about to
    void cancel();

Q_SIGNALS:
    void running_changed(bool running);
    void progress(double share);
    void outdated(); ///< the plan is another one: what was worked out no longer holds

protected:
    bool eventFilter(QObject*, QEvent*) override;

private:
    void start();

    Document* document_;
    QWidget* shown_in_;
    Work work_;
    QTimer* later_; ///< so that a drag starts nothing at every step
    std::stop_source stop_;
    bool stale_ = true, running_ = false;
    int round_ = 0;
    std::shared_ptr<const Plan> plan_; ///< the newest
};

} // namespace vitrail
