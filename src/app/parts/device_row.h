// Asks a small device something at a press: a scale what lies on it, a reader which tag is held to it.
#pragma once

#include <QWidget>

#include <functional>

class QComboBox;
class QLabel;
class QPushButton;
class QTimer;

namespace vitrail {

class DeviceLink;

class DeviceRow : public QWidget {
    Q_OBJECT
public:
    struct Kind {
        const char* name; ///< of its objects and its setting
        QString button, tip;
        QString program;       ///< of the simulated one
        QStringList arguments; ///< of the simulated one
        QByteArray question;   ///< sent until there is an answer
        QByteArray by_hand;    ///< what the simulated person does first
        /// What a line says, empty: ask again. `waits` says why.
        std::function<QString(const QByteArray& line, QString& waits)> answer;
    };
    explicit DeviceRow(Kind kind, QWidget* parent = nullptr);
    void ask();
    bool asking() const;

Q_SIGNALS:
    void answered(const QString& answer);

private:
    void stop(const QString& says);

    Kind kind_;
    DeviceLink* link_;
    QComboBox* address_;
    QPushButton* button_;
    QLabel* says_;
    QTimer* again_;
    QByteArray rest_;
    int asked_ = 0;
    bool simulated_ = false;
};

/// A scale: answers with grams as a number without locale, once the reading has settled. `simulated_g`: what
/// lies on the simulated one.
DeviceRow* make_scale_row(double simulated_g, QWidget* parent = nullptr);
/// A reader of spool tags: answers with the number. `simulated`: the tags of the simulated one.
DeviceRow* make_tag_row(const QStringList& simulated, QWidget* parent = nullptr);

} // namespace vitrail
