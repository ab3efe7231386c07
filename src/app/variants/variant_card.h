// One variant as a panel of the window: how it looks, its figures against the one they are compared with, its
// ribbon.
#pragma once

#include "core/plate/variants.h"

#include <QFrame>
#include <QImage>
#include <QWidget>

class QLabel;
class QPushButton;
class QRadioButton;

namespace vitrail {

/// A lane for each filament, the layers from left to right, lead lines at the changes.
class SmallRibbon : public QWidget {
    Q_OBJECT
public:
    using QWidget::QWidget;
    void show_plan(std::shared_ptr<const Project> project, std::shared_ptr<const Plan> plan);
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent*) override;

private:
    std::shared_ptr<const Project> project_;
    std::shared_ptr<const Plan> plan_;
};

class VariantCard : public QFrame {
    Q_OBJECT
public:
    explicit VariantCard(QWidget* parent = nullptr);
    /// `against`: null where this is the one that others are compared with.
    void show_variant(const PlannedVariant& variant, const QImage& picture, const PlannedVariant* against,
                      bool current);
    int index() const { return index_; }

Q_SIGNALS:
    void compare_wanted(int index); ///< −1: the project as it stands
    void use_wanted(int index);
    void rename_wanted(int index);
    void renew_wanted(int index);
    void remove_wanted(int index);
    void picture_wanted(int index);

private:
    QLabel *name_, *picture_, *figures_, *regions_;
    QRadioButton* compare_;
    QPushButton *use_, *more_;
    SmallRibbon* ribbon_;
    int index_ = -1;
};

} // namespace vitrail
