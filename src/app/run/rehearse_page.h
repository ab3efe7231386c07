// A night at the printer before it comes: on a simulated one, in a minute.
#pragma once

#include "core/run/rehearsal.h"

#include <QWidget>

#include <functional>
#include <memory>
#include <stop_token>

class QComboBox;
class QHBoxLayout;
class QLabel;
class QProgressBar;
class QPushButton;
class QSpinBox;
class QTableWidget;
class QTemporaryFile;
class QTimer;

namespace vitrail {

class Document;
class DeviceLink;
class ViewState;

class RehearsePage : public QWidget {
    Q_OBJECT
public:
    /// `start`: when the run would begin, UTC.
    RehearsePage(Document* document, ViewState* view, std::function<std::int64_t()> start,
                 QWidget* parent = nullptr);
    ~RehearsePage() override;
    /// The toolpath file that can be rehearsed with instead of the plan in short; empty: none.
    void set_file(const QString& path);
    void begin();
    void stop();
    bool running() const { return running_; }
    const Rehearsal* rehearsal() const { return rehearsal_.get(); }

    /// Where in the layers it is, and what time it is there; below 0: none is under way.
    double layers_now() const;
    QString time_now() const;

Q_SIGNALS:
    void said(const QString& text);
    void moved(); ///< the rehearsal's clock

protected:
    void showEvent(QShowEvent*) override;

private:
    struct Prepared;
    QWidget* make_wishes();
    QWidget* make_stage();
    void prepare();
    void set_out(const std::shared_ptr<const Prepared>& prepared);
    void show_steps();
    void show_moment();
    void show_outcome();
    void fill_filaments();
    void finish(const QString& why);
    void to_printer(const std::string& bytes);
    QString clock(double s) const;
    QString name(int filament) const;

    Document* document_;
    ViewState* view_;
    std::function<std::int64_t()> start_of_run_;
    DeviceLink* link_;
    QComboBox *what_, *who_, *where_, *mood_, *place_;
    QSpinBox *late_, *seed_, *seconds_;
    QLabel *clock_, *says_, *asks_, *score_, *consequences_, *away_says_;
    QProgressBar* progress_;
    QTableWidget* steps_;
    QPushButton *begin_, *stop_, *go_on_, *absent_;
    QWidget* by_hand_;
    QHBoxLayout* filaments_;
    QTimer *moment_, *silence_;
    std::unique_ptr<Rehearsal> rehearsal_;
    std::shared_ptr<const Prepared> prepared_;
    std::stop_source preparing_;
    std::unique_ptr<QTemporaryFile> machine_; ///< for the simulated printer
    QString file_;
    std::int64_t start_s_ = 0;
    bool running_ = false, wants_begin_ = false;
    int silent_ = 0, shown_layer_ = 0;
    double shown_from_s_ = 0; ///< when that layer began
    std::vector<StepResult> shown_steps_;
};

} // namespace vitrail
