// Words of the command line as values. What cannot be meant is thrown as Usage, what cannot be used as
// Unusable.
#pragma once

#include "core/material/shelf.h"
#include "core/project/project.h"

#include <fmt/format.h>

#include <string>
#include <utility>
#include <vector>

namespace vitrail {

/// Wrong usage: the call itself cannot be meant. Status 2.
struct Usage {
    std::string message;
};
/// The input cannot be used. Status 1.
struct Unusable {
    std::string file, message;
};

/// The file's bytes. Unusable where it cannot be read.
std::string bytes_of(const std::string& file);
/// A shelf file, CSV or JSON.
Shelf shelf_of(const std::string& file);
std::vector<std::string> split(const std::string& s, char at);
double number(const std::string& s, const std::string& what);
char letter(const std::string& s, const std::string& call);
void set(Settings& settings, const std::string& key, const std::string& value);
/// #rrggbb.
Srgb colour_argument(const std::string& text, const char* call);
/// KEY=VALUE, one after the other.
void apply_settings(Settings& settings, const std::vector<std::string>& list);
/// LETTER:MATERIAL:#RRGGBB[:TD_MM]
Filament parse_filament(const std::string& text);
/// NAME or NAMExN.
std::pair<std::string, int> parse_piece(const std::string& text);
/// The id of one that ships, or a file.
Machine read_machine_argument(const std::string& name);
PartAt part_named(const Project& project, const std::string& name, const std::string& call);

} // namespace vitrail

/// The command line speaks English.
template <>
struct fmt::formatter<vitrail::Message> : fmt::formatter<std::string> {
    template <class Context>
    auto format(const vitrail::Message& m, Context& context) const {
        return fmt::formatter<std::string>::format(vitrail::english(m), context);
    }
};
