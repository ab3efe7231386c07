// What a panel is made of: films of colour and white, their order, and what each order costs.
#pragma once

#include "core/project/picture.h"

#include <QWidget>

#include <functional>
#include <stop_token>

class QCheckBox;
class QComboBox;
class QDoubleSpinBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QSpinBox;
class QTableWidget;

namespace vitrail {

class Document;
class GamutView;
class PictureDesk;

class FilmsPage : public QWidget {
    Q_OBJECT
public:
    FilmsPage(Document* document, PictureDesk* desk, QWidget* parent = nullptr);

Q_SIGNALS:
    void said(const QString& message);

private:
    QWidget* make_films();
    QWidget* make_orders();
    void refresh();
    void refresh_gamut();
    void compare();
    void change(const QString& label, std::function<void(PanelFilms&)> what);

    Document* document_;
    PictureDesk* desk_;
    QComboBox *white_, *order_;
    QLineEdit* films_;
    QSpinBox *film_layers_, *base_, *cover_least_, *cover_most_;
    QDoubleSpinBox *rim_, *slot_;
    QCheckBox *spread_, *fit_;
    QTableWidget* orders_;
    QPushButton* compare_;
    GamutView* gamut_;
    QLabel* says_;
    std::stop_source stop_;
    bool showing_ = false, comparing_ = false;
};

} // namespace vitrail
