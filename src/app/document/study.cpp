#include "app/document/study.h"

#include "app/document/background.h"
#include "app/document/document.h"
#include "app/document/threads.h"

#include <QEvent>
#include <QPointer>
#include <QTimer>
#include <QWidget>

namespace vitrail {

Study::Study(Document* document, QWidget* shown_in, Work work)
    : QObject(shown_in), document_(document), shown_in_(shown_in), work_(std::move(work)),
      later_(new QTimer(this)), plan_(document->plan()) {
    later_->setSingleShot(true);
    later_->setInterval(150);
    connect(later_, &QTimer::timeout, this, &Study::start);
    connect(document, &Document::plan_changed, this, [this] {
        // A preview begins and ends without another plan.
        if (document_->previewing() || document_->plan() == plan_)
            return;
        plan_ = document_->plan();
        Q_EMIT outdated();
        start_anew();
    });
    shown_in->installEventFilter(this);
}

Study::~Study() {
    stop_.request_stop();
}

bool Study::due() const {
    return running_ || later_->isActive();
}

void Study::start_anew() {
    cancel();
    stale_ = true;
    if (shown_in_->isVisible())
        later_->start();
}

void Study::cancel() {
    stop_.request_stop();
    ++round_;
    if (std::exchange(running_, false))
        Q_EMIT running_changed(false);
}

bool Study::eventFilter(QObject* watched, QEvent* e) {
    if (e->type() == QEvent::Show && stale_)
        later_->start();
    return QObject::eventFilter(watched, e);
}

void Study::start() {
    const auto plan = document_->plan();
    if (!plan || document_->planning() || document_->previewing() || !shown_in_->isVisible())
        return; // the next plan, or the next look, starts it
    stale_ = false;
    const int round = ++round_;
    running_ = true;
    Q_EMIT running_changed(true);
    stop_ = document_->background()->run(this,
                                         [this, self = QPointer<QObject>(this), work = work_,
                                          project = document_->planned_project(), plan,
                                          round](const std::stop_token& stop) -> Background::Then {
                                             const Progress report{stop, [this, self, round](double share) {
                                                                       in_window(self, [this, round, share] {
                                                                           if (round_ == round)
                                                                               Q_EMIT progress(share);
                                                                       });
                                                                   }};
                                             std::function<void()> then;
                                             try {
                                                 then = work(project, plan, report);
                                             } catch (...) { // told by whoever runs it; here it only ends
                                                 in_window(self, [this, round] {
                                                     if (round_ == round && std::exchange(running_, false))
                                                         Q_EMIT running_changed(false);
                                                 });
                                                 throw;
                                             }
                                             return [this, round, then = std::move(then)] {
                                                 if (round_ != round)
                                                     return;
                                                 running_ = false;
                                                 then();
                                                 Q_EMIT running_changed(false);
                                             };
                                         });
}

} // namespace vitrail

#include "moc_study.cpp"
