// The tally: what the plan costs, always in sight, and the difference to the pinned plan.
#pragma once

#include <QWidget>

class QLabel;
class QPushButton;

namespace vitrail {

class Document;
class LogbookStore;

class Tally : public QWidget {
    Q_OBJECT
public:
    explicit Tally(Document* document, QWidget* parent = nullptr);
    /// From then on figures that were learned have their ranges beside them.
    void set_logbook(LogbookStore* logbook);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    struct Figure {
        QLabel *name, *value, *difference;
        QString title;
    };
    Figure add_figure(const char* id, const QString& name);
    void refresh();
    void show_ranges();
    /// `less_is_better` decides the colour of the difference; the sign stands there too.
    void show_difference(const Figure& f, double difference, const QString& text);

    Document* document_;
    LogbookStore* logbook_ = nullptr;
    QLabel *title_, *subtitle_, *against_;
    QPushButton* pin_;
    Figure waste_, purge_, changes_, hands_, time_, money_;
};

} // namespace vitrail
