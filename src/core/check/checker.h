// What the checks share: the project, its plan, and how a finding is worded. Each group of checks has a file.
#pragma once

#include "core/plan/plan.h"

namespace vitrail {

/// A finding shows so many places at most.
inline constexpr std::size_t kMostSpots = 200;

struct Checker {
    const Project& p;
    const Plan& plan;
    int at; ///< the piece that is looked at; checks of the plate do not ask
    const Piece& piece;
    const PiecePlan& made; ///< of that piece
    std::vector<Finding>& found;

    Checker(const Project& project, const Plan& whole, std::size_t which, std::vector<Finding>& into)
        : p(project), plan(whole), at(static_cast<int>(which)), piece(project.pieces[which]),
          made(whole.pieces[which]), found(into) {}

    Finding& add(const char* code, Severity severity, Message message, Message where, int layer = 0,
                 std::vector<int> parts = {});

    // Wording.
    Message at_layer(int layer) const;
    Message in_part(int part) const {
        return say("part {}", piece.parts[static_cast<std::size_t>(part)].name);
    }
    Message whole_print() const { return say("whole print"); }
    Name quoted(int part) const { return {piece.parts[static_cast<std::size_t>(part)].name}; }
    /// "A (PLA)"
    std::string named(const Filament& f) const;

    /// Index of the filament of a part's body in a layer.
    int filament_in(int part, int layer) const;
    bool used(int filament) const { return plan.use[filament].printed_mm3() > 0; }
    std::vector<int> used_filaments() const;
    const LayerGrid& grid() const { return made.table->grid; }
    double bed_z() const { return made.table->bed_z_mm; }
    /// A place in the middle of a box in a layer.
    Spot spot_in(const Box& box, int layer) const;

    // Of the piece that is looked at, but for those marked.
    // meshes.cpp
    void meshes();
    void units();
    void unassigned();
    void several_bodies();
    void second_job();
    // bodies.cpp
    void overlaps();
    void gaps();
    void misplaced();
    // materials.cpp
    void bonds();
    void temperatures();
    void sheets();
    void damp();
    void identity();
    void spools();
    // layers.cpp
    void heights();
    void bands();
    void base_shift();
    // detail_checks.cpp
    void strokes();
    void lettering();
    void lugs();
    // support_checks.cpp
    void unsupported();
    void supports();
    // surfaces.cpp
    void overhanging_colour();
    void tall_parts();
    // changes_checks.cpp
    void nozzles();
    void dirty_starts();
    void hairs();
    void hands_for_little();
    void nights();
    void refills();
    void nozzle_kinds();
    // purge_checks.cpp
    void without_effect();
    // picture_checks.cpp
    void pictures();
    // plate.cpp
    void bed();
    void pinned();
    void tower();
    void tower_peak();
    void hands();
};

} // namespace vitrail
