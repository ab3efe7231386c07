// Piece: what is printed, in which filament, how high the layers are, and what would spoil it.
#pragma once

#include "core/machine/machine.h"

#include <QWidget>

class QComboBox;
class QPushButton;
class QTreeView;

namespace vitrail {

class Document;
class RegionsModel;
class SettingEdit;
class Painter;
class View3d;
class ViewState;

class PieceBench : public QWidget {
    Q_OBJECT
public:
    PieceBench(Document* document, ViewState* view, QWidget* parent = nullptr);

    View3d* view3d() const { return view3d_; } ///< null where OpenGL is missing
    Painter* painter() const { return painter_; }
    /// Asks for a thickness and thickens the base by it.
    void thicken_base();
    void scale_file();

    /// The user's own machines, to be chosen from.
    void set_owned_machines(std::vector<Machine> machines);

    /// Gives what is selected the filament with that letter: a range of layers of the selected parts, a band,
    /// or the parts. Says why not when it cannot.
    void assign(char letter);

Q_SIGNALS:
    void wants_machine_editor();
    void wants_machine_assistant();
    void said(const QString& message);
    void wants_models();
    void wants_project();

private:
    QWidget* make_welcome();
    QWidget* make_strip();
    QWidget* make_regions();
    QWidget* make_filaments();
    void show_project();
    void tree_selected();
    void refresh_buttons();
    void choose_machine(int index);
    void add_filament();
    void edit_filament();
    void remove_filament();
    void remove_regions();
    void split_selected();
    void join_selected();
    void study_poses();
    void edit_band();
    void edit_settings();
    void edit_layer_bands();

    Document* document_;
    ViewState* view_;
    Painter* painter_;
    View3d* view3d_ = nullptr;
    QWidget* welcome_ = nullptr;
    RegionsModel* regions_;
    QTreeView *tree_, *filaments_ = nullptr;
    QComboBox* machine_ = nullptr;
    std::vector<Machine> owned_;
    QPushButton *remove_filament_ = nullptr, *edit_filament_ = nullptr, *remove_band_ = nullptr,
                *split_ = nullptr, *join_ = nullptr;
    QList<SettingEdit*> edits_;
    QPushButton* bands_ = nullptr;
    bool selecting_ = false;
};

} // namespace vitrail
