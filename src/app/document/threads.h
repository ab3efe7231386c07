// What every job outside the window's thread needs: a way there and back, and an edge that no exception
// passes.
#pragma once

#include <QApplication>
#include <QCoreApplication>
#include <QPointer>
#include <QString>
#include <QThreadPool>

#include <exception>
#include <functional>
#include <memory>
#include <new>
#include <utility>

namespace vitrail {

/// Runs `job` in a thread of the pool. All jobs go this way, and wait_for() waits for them, so that the
/// thread sanitizer, which does not see Qt's locks, sees what is handed over.
void in_pool(QThreadPool& pool, std::function<void()> job);
void wait_for(QThreadPool& pool);

/// Runs `act` in the window's thread, later, one after the other.
void in_window(std::function<void()> act);

/// The same if `owner` still lives then.
template <class F>
void in_window(QPointer<QObject> owner, F act) {
    // Shared, as a std::function is copied and an act need not be.
    in_window([owner = std::move(owner), act = std::make_shared<F>(std::move(act))] {
        if (owner)
            (*act)();
    });
}

/// Runs `work` and returns a sentence where it threw, else nothing. Exceptions are bugs, or memory that has
/// run out.
template <class F>
QString guarded(F work) {
    try {
        work();
        return {};
    } catch (const std::bad_alloc&) {
        return QCoreApplication::translate(
            "Threads", "There is not enough memory for this piece. Use thicker layers or a coarser mesh.");
    } catch (const std::exception& e) {
        return QCoreApplication::translate(
                   "Threads",
                   "Vitrail made a mistake (%1). Your project is as it was; save it under another name.")
            .arg(QString::fromUtf8(e.what()));
    } catch (...) {
        return QCoreApplication::translate(
            "Threads", "Vitrail made a mistake. Your project is as it was; save it under another name.");
    }
}

} // namespace vitrail
