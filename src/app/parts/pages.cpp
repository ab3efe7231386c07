#include "app/parts/pages.h"

#include "app/theme/theme.h"

#include <QTabBar>
#include <QVBoxLayout>

namespace vitrail {

namespace {

/// Fills itself with the benches without a layout, which would ask for their height at a width.
class Floor : public QWidget {
public:
    explicit Floor(BenchStack* benches) : benches_(benches) {
        benches->setParent(this);
        connect(benches, &QStackedWidget::currentChanged, this, &QWidget::updateGeometry);
    }
    QSize minimumSizeHint() const override { return benches_->minimumSizeHint(); }
    QSize sizeHint() const override { return benches_->sizeHint(); }

protected:
    void resizeEvent(QResizeEvent*) override { benches_->setGeometry(rect()); }
    bool event(QEvent* e) override {
        if (e->type() == QEvent::LayoutRequest)
            updateGeometry();
        return QWidget::event(e);
    }

private:
    QWidget* benches_;
};

} // namespace

BenchRoom::BenchRoom(BenchStack* benches) {
    setObjectName(QStringLiteral("bench_room"));
    setFrameShape(QFrame::NoFrame);
    setWidgetResizable(true);
    setFocusPolicy(Qt::NoFocus);
    setWidget(new Floor(benches));
}

QSize BenchRoom::minimumSizeHint() const {
    return {em(30), em(11)};
}

QSize BenchRoom::sizeHint() const {
    return widget()->sizeHint();
}

BenchPages::BenchPages(const QString& name, QWidget* bench) {
    setObjectName(name);
    setAccessibleName(tr("Pages of the bench"));
    setDocumentMode(true);
    tabBar()->setDrawBase(false);
    auto* column = new QVBoxLayout(bench);
    column->setContentsMargins(em(0.8), em(0.3), em(0.8), em(0.6));
    column->addWidget(this);
}

} // namespace vitrail

#include "moc_pages.cpp"
