// Above a bench that has nothing to work on yet: what it is for, and what to do.
#pragma once

#include <QFrame>

class QLabel;

namespace vitrail {

class BenchRail;
class Document;

class EmptyHint : public QFrame {
    Q_OBJECT
public:
    EmptyHint(Document* document, BenchRail* rail, QWidget* parent = nullptr);
    /// After the bench, or the project, has changed.
    void refresh();

Q_SIGNALS:
    void wants_model();
    void wants_welcome();

private:
    Document* document_;
    BenchRail* rail_;
    QLabel* says_;
};

} // namespace vitrail
