// Benches on top of each other, and the pages of a bench behind tabs.
#pragma once

#include <QStackedWidget>
#include <QTabWidget>

namespace vitrail {

/// Neither asks its pages how tall they would be at a width: with every plan that would lay out each wrapped label of every page anew,
/// those nobody sees included.
class BenchStack : public QStackedWidget {
    Q_OBJECT
public:
    using QStackedWidget::QStackedWidget;
    bool hasHeightForWidth() const override { return false; }
};

class BenchPages : public QTabWidget {
    Q_OBJECT
public:
    /// Fills the bench.
    BenchPages(const QString& name, QWidget* bench);
    bool hasHeightForWidth() const override { return false; }
};

} // namespace vitrail
