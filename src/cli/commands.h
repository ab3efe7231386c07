// What each call of vitrail-cli does. Each returns the exit status.
#pragma once

#include <string>
#include <utility>
#include <vector>

namespace vitrail {

struct NewOptions {
    std::string out, machine = "hand-swap", first_layer, layer, copies, scale;
    /// Model files, and before those of a piece (true) its name and count.
    std::vector<std::pair<bool, std::string>> models;
    std::vector<std::string> filaments, assignments, bands, paints, settings;
};
struct PlanOptions {
    std::string project;
    bool json = false;
    std::vector<std::string> settings;
    std::string book; ///< a logbook, whose ranges are said; empty: none
};
struct NozzlesOptions : PlanOptions {
    std::string aim;
    std::vector<std::string> pins;
};
struct SupportsOptions : PlanOptions {
    std::string shelf;
};
struct SheetOptions : PlanOptions {
    std::string pdf, csv, html;
};
struct OffsetStripOptions : PlanOptions {
    int toolhead = 2; ///< from 1
    std::string folder;
};
struct ExportOptions : PlanOptions {
    std::string threemf, stl_folder, by = "filament";
};

int run_new(const NewOptions& o);
int run_set(const PlanOptions& o);
int run_plan(const PlanOptions& o);
int run_check(const PlanOptions& o);
int run_sheet(const SheetOptions& o);
int run_orient(const PlanOptions& o);
int run_nozzles(const NozzlesOptions& o);
int run_supports(const SupportsOptions& o);
int run_export(const ExportOptions& o);
int run_offset_strip(const OffsetStripOptions& o);
int run_fit(const std::string& readings, bool json);
int run_guide(const std::string& into, const std::string& language);
int run_machines(bool json);
int run_thumbnail(const std::string& project, const std::string& picture, int size);
int run_filaments(bool json);

} // namespace vitrail
