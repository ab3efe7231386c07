// Benches on top of each other, and the pages of a bench behind tabs.
#pragma once

#include <QScrollArea>
#include <QStackedWidget>
#include <QTabWidget>

namespace vitrail {

/// Neither asks its pages how tall they would be at a width: with every plan that would lay out each wrapped
/// label of every page anew, those nobody sees included.
class BenchStack : public QStackedWidget {
    Q_OBJECT
public:
    using QStackedWidget::QStackedWidget;
    bool hasHeightForWidth() const override { return false; }
    /// Of the bench that is seen, not of the largest that was.
    QSize minimumSizeHint() const override {
        return currentWidget() ? currentWidget()->minimumSizeHint() : QSize();
    }
};

/// Room for the benches: where the window is smaller than one of them, it is scrolled.
class BenchRoom : public QScrollArea {
    Q_OBJECT
public:
    explicit BenchRoom(BenchStack* benches);
    QSize minimumSizeHint() const override;
    QSize sizeHint() const override;
};

class BenchPages : public QTabWidget {
    Q_OBJECT
public:
    /// Fills the bench.
    BenchPages(const QString& name, QWidget* bench);
    bool hasHeightForWidth() const override { return false; }
};

} // namespace vitrail
