// The command line of a simulated device.
#pragma once

#include "devices/serve.h"

#include <memory>
#include <optional>
#include <vector>

namespace vitrail {

/// Options that end up in variables, whose values are the defaults. What stands outside its range is refused.
class DeviceCall {
public:
    /// `what` it is, for --help. Where it is served (--port, --no-terminal, --once) is read into `serving`.
    DeviceCall(const char* what, Serving& serving);
    ~DeviceCall();

    void number(const char* option, double& value, double least, double most, const char* help);
    void seed(unsigned& value, const char* help);
    void text(const char* option, std::string& value, const char* help);
    void texts(const char* option, std::vector<std::string>& values, const char* help);
    /// A file that is there.
    void file(const char* option, std::string& value, const char* help);
    void flag(const char* option, bool& value, const char* help);

    /// Fills the variables. The exit status where that is all there is to do: help was asked for, or the call
    /// cannot be meant.
    std::optional<int> read(int argc, char** argv);

private:
    struct Options;
    std::unique_ptr<Options> options_;
};

} // namespace vitrail
