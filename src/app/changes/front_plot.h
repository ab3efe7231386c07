// The best trade-offs between waste and work by hand, as points.
#pragma once

#include "core/study/aims.h"

#include <QWidget>

namespace vitrail {

class FrontPlot : public QWidget {
    Q_OBJECT
public:
    explicit FrontPlot(QWidget* parent = nullptr);
    QSize sizeHint() const override;
    void show_choices(std::vector<AimChoice> choices, int marked);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    std::vector<AimChoice> choices_;
    int marked_ = -1;
};

} // namespace vitrail
