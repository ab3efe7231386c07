// How a machine moves: speeds by kind of line, acceleration, and what it does before the first line.
#pragma once

namespace vitrail {

/// mm/s, mm/s², °C/s. All defaults from memory: a desktop machine that takes its time over what is seen.
struct Motion {
    double outer_wall = 60, wall = 90, infill = 120, skin = 90, bridge = 30, first_layer = 30, travel = 150;
    double acceleration = 2000;
    double corner = 8;      ///< how much the velocity may change at once, in a corner or from standing
    double retract_s = 0.2; ///< pulling back and pushing forth again, each time it travels over air
    double start_s = 240;   ///< homing and levelling
    double nozzle_c_s = 2, bed_c_s = 0.25; ///< heating
    bool operator==(const Motion&) const = default;
};

} // namespace vitrail
