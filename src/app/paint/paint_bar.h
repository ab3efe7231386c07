// The tools that paint patches, above the 3D piece, and how the chosen one is set.
#pragma once

#include <QWidget>

class QActionGroup;
class QComboBox;
class QDoubleSpinBox;
class QLabel;
class QStackedWidget;
class QToolButton;

namespace vitrail {

class Document;
class Painter;
class ViewState;

class PaintBar : public QWidget {
    Q_OBJECT
public:
    PaintBar(Document* document, ViewState* view, Painter* painter, QWidget* parent = nullptr);

private:
    QToolButton* add_tool(int tool, const char* name, const char* picture, const QString& text);
    QToolButton* make_patch_menu();
    QWidget* make_options(int tool);
    QDoubleSpinBox* number(const char* name, const QString& spoken, double value, double low, double high,
                           double step, int decimals, const QString& unit, double* target);
    void refresh();
    void choose_snap();

    Document* document_;
    ViewState* view_;
    Painter* painter_;
    QActionGroup* tools_;
    QStackedWidget* options_;
    QLabel* target_;
    QToolButton* erase_;
    QDoubleSpinBox *z0_ = nullptr, *z1_ = nullptr;
    QComboBox* direction_ = nullptr;
};

} // namespace vitrail
