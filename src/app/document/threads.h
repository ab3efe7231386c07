// What every job outside the window's thread needs: a way back, and an edge that no exception passes.
#pragma once

#include <QApplication>
#include <QCoreApplication>
#include <QPointer>
#include <QString>

#include <exception>
#include <new>
#include <utility>

namespace vitrail {

/// Runs `act` in the window's thread, later, if `owner` still lives then.
template <class F>
void in_window(QPointer<QObject> owner, F act) {
    QMetaObject::invokeMethod(qApp, [owner = std::move(owner), act = std::move(act)]() mutable {
        if (owner)
            act();
    }, Qt::QueuedConnection);
}

/// Runs `work` and returns a sentence where it threw, else nothing. Exceptions are bugs, or memory that has run out.
template <class F>
QString guarded(F work) {
    try {
        work();
        return {};
    } catch (const std::bad_alloc&) {
        return QCoreApplication::translate("Threads", "There is not enough memory for this piece. Use thicker layers or a coarser mesh.");
    } catch (const std::exception& e) {
        return QCoreApplication::translate("Threads", "Vitrail made a mistake (%1). Your project is as it was; save it under another name.").arg(QString::fromUtf8(e.what()));
    } catch (...) {
        return QCoreApplication::translate("Threads", "Vitrail made a mistake. Your project is as it was; save it under another name.");
    }
}

} // namespace vitrail
