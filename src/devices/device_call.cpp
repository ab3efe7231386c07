#include "devices/device_call.h"

#include <CLI/CLI.hpp>

namespace vitrail {

struct DeviceCall::Options {
    CLI::App app;
};

DeviceCall::DeviceCall(const char* what, Serving& serving) : options_(new Options{CLI::App{what}}) {
    CLI::App& app = options_->app;
    app.add_option("--port", serving.port, "Port on 127.0.0.1; 0: any that is free")
        ->check(CLI::Range(0, 65535));
    app.add_flag("!--no-terminal", serving.terminal, "Only the port");
    app.add_flag("--once", serving.once, "End with the first that connects and hangs up");
}
DeviceCall::~DeviceCall() = default;

void DeviceCall::number(const char* option, double& value, double least, double most, const char* help) {
    options_->app.add_option(option, value, help)->check(CLI::Range(least, most));
}
void DeviceCall::seed(unsigned& value, const char* help) {
    options_->app.add_option("--seed", value, help);
}
void DeviceCall::text(const char* option, std::string& value, const char* help) {
    options_->app.add_option(option, value, help);
}
void DeviceCall::texts(const char* option, std::vector<std::string>& values, const char* help) {
    options_->app.add_option(option, values, help);
}
void DeviceCall::file(const char* option, std::string& value, const char* help) {
    options_->app.add_option(option, value, help)->check(CLI::ExistingFile);
}
void DeviceCall::flag(const char* option, bool& value, const char* help) {
    options_->app.add_flag(option, value, help);
}

std::optional<int> DeviceCall::read(int argc, char** argv) {
    try {
        options_->app.parse(argc, argv);
    } catch (const CLI::ParseError& e) {
        return options_->app.exit(e);
    }
    return std::nullopt;
}

} // namespace vitrail
