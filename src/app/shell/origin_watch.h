// A job knows the project it was made of: when that has changed since, the change is offered.
#pragma once

#include <QObject>

#include <stop_token>

namespace vitrail {

class Document;
class MessageBar;

class OriginWatch : public QObject {
    Q_OBJECT
public:
    OriginWatch(Document* document, MessageBar* messages, QObject* parent);
    /// Compares the open project with what it would be made into now; quiet where nothing has changed, or it
    /// is no job.
    void look();
    bool looking() const { return looking_; }

private:
    Document* document_;
    MessageBar* messages_;
    std::stop_source stop_;
    bool looking_ = false;
};

} // namespace vitrail
