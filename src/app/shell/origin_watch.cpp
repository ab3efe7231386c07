#include "app/shell/origin_watch.h"

#include "app/document/background.h"
#include "app/document/document.h"
#include "app/shell/message_bar.h"
#include "core/plate/jobs.h"
#include "formats/archive.h"
#include "paint/words.h"

#include <QDir>
#include <QFileInfo>

namespace vitrail {

OriginWatch::OriginWatch(Document* document, MessageBar* messages, QObject* parent)
    : QObject(parent), document_(document), messages_(messages) {
    connect(document, &Document::opened, this, &OriginWatch::look);
}

void OriginWatch::look() {
    stop_.request_stop();
    looking_ = false;
    const auto& origin = document_->project().origin;
    if (!origin || document_->path().isEmpty())
        return;
    const QString file =
        QDir(QFileInfo(document_->path()).path()).absoluteFilePath(QString::fromStdString(origin->file));
    if (!QFileInfo::exists(file))
        return; // the job stands by itself
    looking_ = true;
    stop_ = document_->background()->run(
        this, [this, file, was = *origin](const std::stop_token& stop) -> Background::Then {
            const auto from = load_project(file.toStdString());
            auto now = std::make_shared<Result<Job>>(from ? job_again(*from, was.job, {stop, {}})
                                                          : Result<Job>(from.error()));
            return [this, now, was, name = QFileInfo(file).fileName()] {
                looking_ = false;
                if (!document_->project().origin || !(*document_->project().origin == was))
                    return; // another one is open by now
                if (!*now) {
                    messages_->say(tr("This job was made of %1. %2").arg(name, words(now->error().message)));
                    return;
                }
                if ((*now)->project.origin->made_of == was.made_of)
                    return;
                messages_->say(tr("%1 has changed since this job was made of it.").arg(name),
                               tr("Take the change over"), [this, now, was] {
                                   document_->edit(tr("Take over what changed"), [&](Project& p) {
                                       Project fresh = (*now)->project;
                                       fresh.origin->file = was.file;
                                       fresh.name = p.name;
                                       fresh.variants = p.variants;
                                       fresh.asked = p.asked;
                                       fresh.order = p.order;
                                       fresh.as_read = p.as_read;
                                       p = std::move(fresh);
                                   });
                               });
            };
        });
}

} // namespace vitrail

#include "moc_origin_watch.cpp"
