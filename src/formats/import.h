// Model files into a project: bodies become parts, their colours filaments.
#pragma once

#include "core/project/project.h"
#include "formats/model.h"

#include <string>

namespace vitrail {

/// Which filament a colour of a file becomes.
struct ColourMatch {
    Srgb colour;
    char letter = 'A';
};

/// Matches colours to filaments: each becomes a filament of its own (PLA) when the project has none yet, as
/// far as letters go, else the nearest one by ΔE00 is taken.
std::vector<ColourMatch> match_colours(Project& project, const std::vector<ColourUse>& colours);

/// Adds the bodies read from a model file as parts of a piece. Where a body's surface has several colours,
/// the one with most surface is the part's and each other filament is a patch. Colours not in `matches` are
/// matched as above; bodies without colour get the first filament. A piece without a name gets the file's.
void add_bodies(Project& project, int piece, const std::string& name, std::string bytes,
                std::vector<Body> bodies, std::vector<ColourMatch> matches = {});

/// A new piece of that name, or one like it that is free; its index. The project's first takes the place of
/// the empty one.
int add_piece(Project& project, const std::string& name, int count = 1);

/// Reads a model file and adds its bodies to a piece. The project is as before when it cannot be read.
Status add_model(Project& project, int piece, const std::string& name, std::string bytes,
                 const Companion& companion = {});

/// Hands out files that lie beside `path`.
Companion beside(const std::string& path);

} // namespace vitrail
