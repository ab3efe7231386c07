#include "app/shell/tour.h"

#include "app/theme/theme.h"

#include <QBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QPushButton>

namespace vitrail {

namespace {

/// One each; the letters and layers are those of the badge among the demo projects.
constexpr const char* kTexts[] = {
    QT_TRANSLATE_NOOP("vitrail::TourBar",
                      "This is a badge of two bodies, a plate and its lettering. Drag to turn it. Beside it "
                      "is a single layer, as if cut through; below, whatever would spoil the print."),
    QT_TRANSLATE_NOOP("vitrail::TourBar",
                      "Filaments have letters. The lettering has been selected in the list of regions: press "
                      "A or B, and it is printed in that filament. Undo brings the other back."),
    QT_TRANSLATE_NOOP("vitrail::TourBar",
                      "The ribbon shows the print from its first layer to its last, a row for each filament. "
                      "The cursor stands where the filament changes; arrow keys move it, Page Up and Page "
                      "Down go from change to change."),
    QT_TRANSLATE_NOOP(
        "vitrail::TourBar",
        "Each change, in every way people count layers: which layer it comes before, after which it stops, "
        "and at what height. One layer off, and the lettering has the wrong colour."),
    QT_TRANSLATE_NOOP("vitrail::TourBar",
                      "What a change pushes out until the new colour is clean. Each strip fades from one "
                      "filament into the other; drag the cut, and see what less or more of it costs."),
    QT_TRANSLATE_NOOP(
        "vitrail::TourBar",
        "The sheet for the printer: what to load, what to do before which layer, and the cautions that "
        "apply. Print it, or save it. That was all: now open a model of your own."),
};
static_assert(std::size(kTexts) == TourBar::kSteps);

} // namespace

TourBar::TourBar(QWidget* parent)
    : QFrame(parent), number_(new QLabel), text_(new QLabel), back_(new QPushButton(tr("&Back"))),
      next_(new QPushButton), leave_(new QPushButton(tr("&Leave the tour"))) {
    setObjectName(QStringLiteral("tour"));
    setAccessibleName(tr("First tour"));
    number_->setFont(font_of(1.3, true));
    number_->setObjectName(QStringLiteral("tour_number"));
    text_->setObjectName(QStringLiteral("tour_text"));
    text_->setWordWrap(true);
    back_->setObjectName(QStringLiteral("tour_back"));
    next_->setObjectName(QStringLiteral("tour_next"));
    leave_->setObjectName(QStringLiteral("tour_leave"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(em(1), em(0.5), em(1), em(0.5));
    row->setSpacing(em(0.8));
    row->addWidget(number_);
    row->addWidget(text_, 1);
    for (QPushButton* b : {back_, next_, leave_})
        row->addWidget(b);
    connect(back_, &QPushButton::clicked, this, [this] { go(step_ - 1); });
    connect(next_, &QPushButton::clicked, this, [this] { step_ + 1 < kSteps ? go(step_ + 1) : leave(); });
    connect(leave_, &QPushButton::clicked, this, &TourBar::leave);
    hide();
}

void TourBar::begin() {
    show();
    go(0);
}

void TourBar::leave() {
    hide();
    Q_EMIT left();
}

void TourBar::go(int step) {
    step_ = step;
    number_->setText(tr("%1 of %2", "step, steps").arg(step + 1).arg(int(kSteps)));
    text_->setText(tr(kTexts[step]));
    setAccessibleDescription(text_->text());
    back_->setEnabled(step > 0);
    next_->setText(step + 1 < kSteps ? tr("&Next") : tr("&Done"));
    Q_EMIT entered(step);
    next_->setFocus();
}

void TourBar::keyPressEvent(QKeyEvent* e) {
    if (e->key() == Qt::Key_Escape)
        return leave();
    if ((e->key() == Qt::Key_Return || e->key() == Qt::Key_Enter) && next_->hasFocus())
        return next_->click();
    QFrame::keyPressEvent(e);
}

} // namespace vitrail

#include "moc_tour.cpp"
