// How the project's filaments get on: a rose whose spokes are welded, split or untried; and their
// temperatures.
#pragma once

#include "core/material/filament.h"

#include <QWidget>

#include <vector>

namespace vitrail {

class Document;

/// Filaments around a circle. A welded lead joins two that bond, a split one parts two that release, a dashed
/// one is untried. Choosing a filament brings its own spokes forward.
class PairingView : public QWidget {
    Q_OBJECT
public:
    explicit PairingView(Document* document, QWidget* parent = nullptr);
    QSize minimumSizeHint() const override;
    int chosen() const { return chosen_; }
    void choose(int filament);
    /// The chosen filament's pairs in words, or the one that matters most.
    QString said() const;

Q_SIGNALS:
    void chosen_changed();

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    void focusInEvent(QFocusEvent*) override { update(); }
    void focusOutEvent(QFocusEvent*) override { update(); }

private:
    std::vector<Filament> filaments() const;
    QPointF place(int i, int n) const;
    double radius() const;
    Document* document_;
    int chosen_ = -1;
};

/// Nozzle and bed windows of each filament, with what they have in common.
class WindowsView : public QWidget {
    Q_OBJECT
public:
    explicit WindowsView(Document* document, QWidget* parent = nullptr);
    QSize minimumSizeHint() const override;

protected:
    void paintEvent(QPaintEvent*) override;

private:
    Document* document_;
};

} // namespace vitrail
