// The first tour: a badge, from the file to the sheet, in six steps on the real window.
#pragma once

#include <QFrame>

class QLabel;
class QPushButton;

namespace vitrail {

/// A bar with the step that is being made; whoever owns it does the work. Next by Enter, leave by Esc.
class TourBar : public QFrame {
    Q_OBJECT
public:
    enum Step { kPiece, kLetters, kRibbon, kChanges, kPurge, kSheet, kSteps };
    explicit TourBar(QWidget* parent = nullptr);
    void begin();
    void leave();
    int step() const { return step_; }

Q_SIGNALS:
    void entered(int step); ///< do what belongs to it
    void left();

protected:
    void keyPressEvent(QKeyEvent*) override;

private:
    void go(int step);

    QLabel *number_, *text_;
    QPushButton *back_, *next_, *leave_;
    int step_ = 0;
};

} // namespace vitrail
