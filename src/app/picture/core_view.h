// The core: drilled through the print at a dot, each layer a pane of its filament to scale, with the light
// and the colour it makes.
#pragma once

#include "core/material/filament.h"
#include "core/project/picture.h"

#include <QWidget>

#include <vector>

namespace vitrail {

struct DrillCore {
    std::vector<FilamentRun> stack; ///< from the bed
    double first_mm = 0, layer_mm = 0;
    bool lit = false;       ///< the light comes from below
    bool face_down = false; ///< looked at from the bed's side
    Srgb asked, made;
    double delta_e = 0;
    double sent_back = 0, let_through = 0; ///< of white light, luminance
    /// What else there could be: a layer more, a layer less.
    struct Other {
        QString what;
        Srgb colour;
        double delta_e = 0;
    };
    std::vector<Other> others;
};

class CoreView : public QWidget {
    Q_OBJECT
public:
    explicit CoreView(QWidget* parent = nullptr);
    QSize sizeHint() const override;
    void show_core(DrillCore core, std::vector<Filament> filaments);
    void show_nothing();

protected:
    void paintEvent(QPaintEvent*) override;

private:
    QString described() const;
    const Filament* filament(char letter) const;

    DrillCore core_;
    std::vector<Filament> filaments_;
};

} // namespace vitrail
