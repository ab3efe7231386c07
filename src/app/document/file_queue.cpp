#include "app/document/file_queue.h"

#include "app/document/threads.h"
#include "formats/files.h"

#include <QFile>

namespace vitrail {

Disk Disk::real() {
    return {read_file, write_file,
            [](const std::string& path) { QFile::remove(QString::fromStdString(path)); }};
}

FileQueue::FileQueue(QObject* parent) : QObject(parent), disk_(std::make_shared<const Disk>(Disk::real())) {
    pool_.setMaxThreadCount(1);
}

FileQueue::~FileQueue() {
    stop_.request_stop();
    wait_for(pool_);
}

void FileQueue::read(Work work) {
    add(std::move(work), true);
}

void FileQueue::write(Work work) {
    add(std::move(work), false);
}

void FileQueue::stop_reading() {
    stop_.request_stop();
    stop_ = std::stop_source();
}

void FileQueue::add(Work work, bool reads) {
    ++waiting_;
    to_read_ += reads;
    Q_EMIT changed();
    const std::stop_token stop = reads ? stop_.get_token() : std::stop_token();
    in_pool(pool_, [this, disk = disk_, work = std::move(work), stop, reads] {
        Then then;
        const Progress report{stop, [this](double share) { Q_EMIT progress(share); }};
        const QString problem = guarded([&] {
            if (!stop.stop_requested())
                then = work(*disk, report);
        });
        in_window(this, [this, then = std::move(then), problem, stop, reads] {
            --waiting_;
            to_read_ -= reads;
            Q_EMIT changed(); // the file is done with; what follows may ask a question
            if (!problem.isEmpty())
                Q_EMIT failed(problem);
            else if (then && !stop.stop_requested())
                then();
        });
    });
}

} // namespace vitrail

#include "moc_file_queue.cpp"
