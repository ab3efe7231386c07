// Whether two projects would print the same.
#pragma once

#include "core/project/project.h"

#include <string>

namespace vitrail {

/// Sixteen hexadecimal digits over everything that decides what is printed: shapes, colours, paint, bands,
/// counts, places, filaments, settings, machine; not over names of the project, variants, orders, or what is
/// known of spools. Alike for projects that print alike (FNV-1a, Fowler, Noll & Vo, 64 bits): for telling
/// that something has changed, not for safety.
std::string digest(const Project& project);

} // namespace vitrail
