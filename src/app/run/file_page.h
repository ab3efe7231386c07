// What the toolpath file says, against the plan; and the same file with the plan's stops.
#pragma once

#include "app/ribbon/ribbon.h"
#include "core/run/against_plan.h"

#include <QWidget>

#include <memory>
#include <stop_token>

class QCheckBox;
class QLabel;
class QProgressBar;
class QPushButton;
class QTableWidget;

namespace vitrail {

class Document;
class Study;
class ViewState;

class FilePage : public QWidget {
    Q_OBJECT
public:
    FilePage(Document* document, ViewState* view, QWidget* parent = nullptr);
    void read(const QString& path);
    /// Writes the file with what is missing to another one; says how it went.
    void write(const QString& path);
    const QString& path() const { return path_; } ///< of the file that was read; empty: none
    const std::shared_ptr<const ToolpathFile>& file() const { return file_; }
    bool working() const { return working_ > 0; }
    /// What the file prints, for the ribbon; empty: no file.
    RibbonFile strip() const { return against_ ? against_->prints : RibbonFile{}; }

Q_SIGNALS:
    void said(const QString& text);
    void strip_changed();

protected:
    void dragEnterEvent(QDragEnterEvent*) override;
    void dropEvent(QDropEvent*) override;

private:
    void ask();
    void ask_write();
    void compare();
    void show_compared();
    void correct_plan();
    void begin(const QString& what);
    void end();

    Document* document_;
    ViewState* view_;
    QLabel *name_, *figures_, *verdict_;
    QTableWidget *stops_, *findings_;
    QCheckBox *tools_, *others_;
    QPushButton *open_, *again_, *write_, *correct_, *cancel_;
    QProgressBar* progress_;
    QString path_;
    std::shared_ptr<const ToolpathFile> file_;
    std::shared_ptr<const AgainstPlan> against_;
    std::stop_source reading_, comparing_;
    int working_ = 0;
};

} // namespace vitrail
