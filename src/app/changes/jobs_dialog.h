// The jobs a print is made into, before they are written: parts by colour with counts and where they go; of
// lettering how it comes out.
#pragma once

#include "core/plate/jobs.h"

#include <QDialog>
#include <QImage>
#include <QWidget>

#include <vector>

class QDoubleSpinBox;
class QLabel;
class QPushButton;

namespace vitrail {

/// Letters of the first layer with lines of some width: what they can print, and what is too fine for them.
class LetterView : public QWidget {
    Q_OBJECT
public:
    explicit LetterView(QWidget* parent = nullptr);
    void show_letters(const Paths& outline, QColor colour, double line_mm);
    double lost() const { return lost_; } ///< share of their area

protected:
    void paintEvent(QPaintEvent*) override;

private:
    Paths kept_, lost_areas_;
    QColor colour_;
    double lost_ = 0;
};

class JobsDialog : public QDialog {
    Q_OBJECT
public:
    /// `pictures`: one for each part of each job, in their order.
    JobsDialog(const Project& project, const Plan& plan, const Jobs& jobs,
               const std::vector<QImage>& pictures, QWidget* parent = nullptr);
    /// The width of line that is looked at; 0: the jobs are not about lettering.
    double line_mm() const;

private:
    QWidget* make_letters(const Project& project, const Plan& plan);
    void look();

    double line_now_ = 0;
    Paths outline_;
    QColor colour_;
    LetterView* letters_ = nullptr;
    QDoubleSpinBox* line_ = nullptr;
    QLabel* lost_ = nullptr;
    QPushButton* write_ = nullptr;
};

} // namespace vitrail
