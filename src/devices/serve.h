// Puts a simulated device on a port of this machine and on a pseudo-terminal.
#pragma once

#include <functional>
#include <string>
#include <string_view>

namespace vitrail {

/// What a device does. Seconds are the device's.
struct Device {
    std::string name;
    std::function<std::string(std::string_view)> take; ///< bytes that came; what it answers
    std::function<std::string(double)> pass;           ///< time; what it says meanwhile
    std::function<double()> next_s;                    ///< until something happens by itself; below 0: never
    std::function<double()> idle;  ///< how fast its time passes while nothing is to happen, 0: it stands
    std::function<double()> speed; ///< that somebody asked for; 0: nobody has
};

struct Serving {
    int port = 0;         ///< on 127.0.0.1; 0: any that is free
    double speed = 1;     ///< seconds of the device in one of ours, > 0
    bool terminal = true; ///< a pseudo-terminal besides
    bool once = false;    ///< it ends with its first visitor
};

/// Says on standard output where it is, and serves until it is told to stop (SIGTERM, SIGINT). Whoever
/// connected last is answered. Exit status.
int serve(const Serving& serving, const Device& device);

} // namespace vitrail
