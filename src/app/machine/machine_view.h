// The machine as one would sketch it: spools in slots, strands, toolheads, nozzles.
#pragma once

#include "core/machine/machine.h"
#include "core/material/filament.h"

#include <QWidget>

#include <map>
#include <optional>
#include <vector>

namespace vitrail {

/// Draws a machine, and who is on it. As part of the Changes bench filaments can be moved to other nozzles,
/// with the mouse or the keys; in the machine editor nozzles can be chosen.
class MachineView : public QWidget {
    Q_OBJECT
public:
    explicit MachineView(QWidget* parent = nullptr);
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override;

    struct Load {
        std::vector<Filament> filaments;
        std::vector<int> nozzle; ///< [filament], −1: not printed
        /// (toolhead, slot) before the start → filament; slot 0: external spool
        std::map<std::pair<int, int>, int> slots;
        std::vector<char> pinned; ///< [filament]
    };
    void show_machine(const Machine& machine, std::optional<Load> load = {});
    const Machine& machine() const { return machine_; }
    /// The nozzle that is marked, −1: none.
    void choose_nozzle(int nozzle);
    /// Where a filament's letter stands below its nozzle, and where a nozzle is, for tests and tips.
    QRectF letter_rect(int filament) const;
    QRectF nozzle_rect(int nozzle) const;

Q_SIGNALS:
    /// A filament was put on a nozzle by the user; −1: its pin was taken away.
    void moved(int filament, int nozzle);
    void nozzle_chosen(int nozzle);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    bool event(QEvent*) override;

private:
    struct Column {
        int toolhead, slot;
        QRectF spool;
    };
    struct Drawing {
        std::vector<Column> columns;
        std::vector<QRectF> heads, nozzles;
        std::map<int, QRectF> letters; ///< by filament
    };
    Drawing lay_out() const;
    int filament_at(QPointF p) const;
    int nozzle_at(QPointF p) const;

    Machine machine_;
    std::optional<Load> load_;
    int chosen_filament_ = -1, chosen_nozzle_ = -1, dragged_ = -1, over_ = -1;
    QPointF pressed_, mouse_;
};

} // namespace vitrail
