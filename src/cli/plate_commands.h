// Plates, orders, jobs and variants on the command line.
#pragma once

#include <functional>
#include <string>
#include <vector>

namespace CLI {
class App;
}

namespace vitrail {

struct FillCall {
    std::string project, counts;
    bool json = false;
    std::vector<std::string> settings;
};
struct OrderCall {
    std::vector<std::string> items, machines, due, prices, together, by_day, settings;
    std::string into, aim, start;
    int plans = 600;
    bool json = false;
};

struct JobsCall {
    std::string project, into;
    bool by_colour = false, lettering = false, json = false;
    std::vector<std::string> settings;
};
struct VariantsCall {
    std::vector<std::string> projects, figures, settings;
    std::string html, pdf, png, date, whom;
    bool json = false;
};

int run_fill(const FillCall& o);
int run_order(const OrderCall& o);
int run_jobs(const JobsCall& o);
int run_variants(const VariantsCall& o);

/// Their subcommands; the one that is called goes into `run`.
void add_plate_commands(CLI::App& app, std::function<int()>& run);

} // namespace vitrail
