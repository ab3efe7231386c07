// Something went wrong: what can be done with what is printed by now.
#pragma once

#include "core/run/rescue.h"

#include <QWidget>

#include <memory>
#include <stop_token>

class QCheckBox;
class QComboBox;
class QDoubleSpinBox;
class QFormLayout;
class QLabel;
class QListWidget;
class QPushButton;
class QSpinBox;
class QTableWidget;
class QTimer;

namespace vitrail {

class BandsView;
class Document;
class Panel;
class RunStore;
class ViewState;

class RescuePage : public QWidget {
    Q_OBJECT
public:
    RescuePage(Document* document, ViewState* view, RunStore* store, QWidget* parent = nullptr);
    bool working() const; ///< or about to be
    /// Keeps what is running under another name, then makes the rescue, or the chosen way, the plan.
    void take();
    /// Writes what is left of a file that was printed.
    void write_rest(const QString& printed, const QString& path);
    /// The file that is looked at on the page beside; proposed for the rest.
    void set_printed(const QString& path) { printed_ = path; }

Q_SIGNALS:
    void said(const QString& text);

protected:
    void showEvent(QShowEvent*) override;

private:
    enum Kind { kBotch, kGone, kMissed, kWrong };
    void show_inputs();
    void guess_missed();
    void fill_letters();
    void work_out();
    void show_result();
    void ask_rest();
    Botch botch() const;
    Mishap mishap() const;
    QWidget* make_inputs();
    const Project* result() const;

    Document* document_;
    ViewState* view_;
    RunStore* store_;
    QTimer* later_;
    QFormLayout* form_;
    QComboBox *kind_, *filament_, *instead_;
    QSpinBox *layer_, *extra_, *layers_;
    QCheckBox *by_height_, *exact_, *homed_, *warm_;
    QDoubleSpinBox* measured_;
    QLabel *why_, *look_, *way_says_;
    BandsView* bands_;
    QTableWidget *moves_, *ways_;
    QListWidget* steps_;
    QPushButton *take_, *rest_;
    QWidget *botch_side_, *ways_side_;
    std::shared_ptr<const Rescue> rescue_;
    std::shared_ptr<const std::vector<WayOut>> found_;
    std::stop_source stop_;
    QString printed_;
    bool working_ = false, filling_ = false;
};

} // namespace vitrail
