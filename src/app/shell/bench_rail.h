// The rail at the left: one button a bench, in the order of the work.
#pragma once

#include <QAbstractButton>
#include <QButtonGroup>
#include <QWidget>

namespace vitrail {

/// A pane of the rail; the chosen one points at the bench.
class BenchButton : public QAbstractButton {
    Q_OBJECT
public:
    BenchButton(const QString& picture, const QString& name, const QString& says, int number,
                QWidget* parent = nullptr);
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override;

protected:
    void paintEvent(QPaintEvent*) override;

private:
    QString picture_;
    int number_;
};

class BenchRail : public QWidget {
    Q_OBJECT
public:
    explicit BenchRail(QWidget* parent = nullptr);
    /// What it is for.
    QString says(int bench) const;
    void add(const QString& picture, const QString& name, const QString& says);
    void choose(int bench);
    void choose_none();
    int chosen() const { return group_.checkedId(); }

Q_SIGNALS:
    void chosen_changed(int bench);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    QButtonGroup group_;
};

} // namespace vitrail
