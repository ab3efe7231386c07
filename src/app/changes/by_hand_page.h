// No feeder: three ways to print the piece by hand, beside each other.
#pragma once

#include "core/study/by_hand.h"

#include <QWidget>

#include <optional>

class QLabel;
class QPushButton;
class QTableWidget;

namespace vitrail {

class Document;
class Study;

class ByHandPage : public QWidget {
    Q_OBJECT
public:
    explicit ByHandPage(Document* document, QWidget* parent = nullptr);

private:
    void show_study();

    Document* document_;
    QLabel *advice_, *skirt_, *commands_;
    QTableWidget* table_;
    QPushButton *bands_, *skirt_button_;
    Study* study_;
    std::optional<HandStudy> result_;
};

} // namespace vitrail
