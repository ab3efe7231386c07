#include "app/document/threads.h"

#include <QEvent>

#include <deque>
#include <mutex>

namespace vitrail {

namespace {

/// Both sides of a hand-over come by here: what one wrote before, the other sees after.
void hand_over() {
    static std::mutex counter;
    const std::lock_guard lock(counter);
}

/// What is to be done in the window's thread.
class Mailbox : public QObject {
public:
    static Mailbox& of_window() {
        static Mailbox* const box = [] {
            auto* fresh = new Mailbox; // lives as long as the program: threads may be late
            fresh->moveToThread(qApp->thread());
            return fresh;
        }();
        return *box;
    }
    void post(std::function<void()> act) {
        {
            const std::lock_guard lock(mutex_);
            acts_.push_back(std::move(act));
        }
        QCoreApplication::postEvent(this, new QEvent(QEvent::User));
    }

protected:
    bool event(QEvent* e) override {
        if (e->type() != QEvent::User)
            return QObject::event(e);
        std::function<void()> act;
        {
            const std::lock_guard lock(mutex_);
            act = std::move(acts_.front());
            acts_.pop_front();
        }
        act();
        return true;
    }

private:
    std::mutex mutex_;
    std::deque<std::function<void()>> acts_; ///< one for each event
};

} // namespace

void in_pool(QThreadPool& pool, std::function<void()> job) {
    auto* const handed = new std::function<void()>(std::move(job));
    hand_over();
    pool.start([handed] {
        hand_over();
        {
            const std::unique_ptr<std::function<void()>> mine(handed);
            (*mine)();
        }
        hand_over();
    });
}

void wait_for(QThreadPool& pool) {
    pool.waitForDone();
    hand_over();
}

void in_window(std::function<void()> act) {
    Mailbox::of_window().post(std::move(act));
}

} // namespace vitrail
