// Error against number of filaments: where four are enough.
#pragma once

#include "core/picture/search.h"

#include <QWidget>

namespace vitrail {

class StackFront : public QWidget {
    Q_OBJECT
public:
    explicit StackFront(QWidget* parent = nullptr);
    QSize sizeHint() const override;
    /// Those that keep what is settled, by number of bands.
    void show_front(const std::vector<FoundStack>& front, int marked);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    std::vector<FoundStack> front_;
    int marked_ = -1;
};

} // namespace vitrail
