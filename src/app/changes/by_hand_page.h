// No feeder: three ways to print the piece by hand, beside each other.
#pragma once

#include "core/plate/jobs.h"
#include "core/study/by_hand.h"

#include <QWidget>

#include <optional>

class QLabel;
class QPushButton;
class QTableWidget;

namespace vitrail {

class Document;
class Study;

class ByHandPage : public QWidget {
    Q_OBJECT
public:
    explicit ByHandPage(Document* document, QWidget* parent = nullptr);
    /// A project, a sheet and bodies of each job, and one list.
    void write_jobs_into(const QString& folder, const Project& project,
                         const std::shared_ptr<const Plan>& plan, const std::shared_ptr<const Jobs>& jobs);

Q_SIGNALS:
    void said(const QString& message);

private:
    void show_study();
    void ask_jobs(bool lettering);

    Document* document_;
    QLabel *advice_, *skirt_, *commands_;
    QTableWidget* table_;
    QPushButton *bands_, *parts_, *lettering_, *skirt_button_;
    Study* study_;
    std::optional<HandStudy> result_;
};

} // namespace vitrail
