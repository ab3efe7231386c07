#include "app/document/background.h"

#include "app/document/threads.h"

#include <algorithm>

namespace vitrail {

Background::~Background() {
    stop_all();
    wait_for(pool_);
}

void Background::stop_all() {
    const std::lock_guard lock(mutex_);
    for (std::stop_source& s : running_)
        s.request_stop();
}

bool Background::busy() {
    const std::lock_guard lock(mutex_);
    return !running_.empty();
}

std::stop_source Background::run(QObject* owner, Work work) {
    std::stop_source stop;
    {
        const std::lock_guard lock(mutex_);
        running_.push_back(stop);
    }
    in_pool(pool_, [this, owner = QPointer<QObject>(owner), work = std::move(work), stop] {
        Then then;
        const QString problem = guarded([&] {
            if (!stop.stop_requested())
                then = work(stop.get_token());
        });
        if (!problem.isEmpty())
            Q_EMIT failed(problem);
        if (then && !stop.stop_requested())
            in_window(owner, [then = std::move(then), stop] {
                if (!stop.stop_requested())
                    then();
            });
        const std::lock_guard lock(mutex_);
        running_.remove(stop);
    });
    return stop;
}

} // namespace vitrail

#include "moc_background.cpp"
