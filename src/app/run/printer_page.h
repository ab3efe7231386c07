// A printer on a line: looks on while it prints, reports the run, and prints a file where somebody says so.
#pragma once

#include "core/base/line_buffer.h"
#include "core/run/toolpath.h"
#include "core/run/watch.h"

#include <QWidget>

#include <functional>
#include <memory>

class QCheckBox;
class QComboBox;
class QLabel;
class QListWidget;
class QProgressBar;
class QPushButton;
class QTimer;

namespace vitrail {

class Document;
class DeviceLink;
class RunStore;
class ViewState;

class PrinterPage : public QWidget {
    Q_OBJECT
public:
    /// Begins the planned run, or says which one is followed: its id; empty: there is nothing to run.
    using BeginRun = std::function<std::string()>;
    PrinterPage(Document* document, ViewState* view, RunStore* store, BeginRun begin_run,
                QWidget* parent = nullptr);
    ~PrinterPage() override;
    /// The toolpath file that would be printed, and what it says; empty: none.
    void set_file(const QString& path, std::shared_ptr<const ToolpathFile> file);
    void connect_to(const QString& address);
    void hang_up();
    /// Asks first, each time: it heats and moves.
    void print();
    const PrinterSays& says() const { return says_; }
    bool printing() const { return sender_ != nullptr; }
    bool is_connected() const;

Q_SIGNALS:
    void said(const QString& text);

private:
    struct Job {
        QString file, address;
        qint64 size = 0; ///< of the file as it was printed
    };
    static Job read_job();
    void keep_job(const Job& job);
    bool confirm(const QString& title, const QString& what);
    void start_printing(bool resume);
    void hear_all(const QByteArray& bytes);
    void report();
    void log(const QString& text);
    void refresh();
    QString heat_text() const;
    QWidget* make_line();
    QWidget* make_print();

    Document* document_;
    ViewState* view_;
    RunStore* store_;
    BeginRun begin_run_;
    DeviceLink* link_;
    QComboBox* address_;
    QPushButton *connect_, *print_, *resume_, *forget_, *stop_, *cold_, *swapped_;
    QCheckBox* follow_;
    QLabel *who_, *heat_, *height_, *does_, *file_says_, *job_;
    QProgressBar* progress_;
    QListWidget* log_;
    /// later_: what is shown follows a few times a second, however much is said
    QTimer *ask_, *redial_, *later_;
    PrinterSays says_;
    Following following_;
    std::unique_ptr<Sender> sender_;
    LineBuffer lines_;
    std::string run_id_;
    QString file_;
    std::shared_ptr<const ToolpathFile> toolpath_;
    Job kept_;
    int unanswered_ = 0;
};

} // namespace vitrail
