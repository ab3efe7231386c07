// One print as several jobs: parts by colour, put together after; or lettering first, and the piece over it.
#pragma once

#include "core/plan/planner.h"

namespace vitrail {

/// A part of a job, and how often it is needed for everything that is wanted.
struct JobPart {
    std::string part, of; ///< of which piece
    int count = 1;
    int filament = 0; ///< index in the project the jobs are made of
};

struct Job {
    /// as in Origin::job: "colour A", "colour A 2" (its second plate), "mixed", "lettering 1"
    std::string key;
    Message name;
    Project project; ///< with its origin's job and digest; whoever saves it says in which file the origin is
    std::shared_ptr<const Plan> plan;
    std::vector<JobPart> parts;
    std::vector<Message> steps; ///< what to mind, in order
};

struct Jobs {
    bool possible = false;
    Message why_not;
    std::vector<Job> jobs; ///< in the order to print them
    int joints = 0;        ///< to glue
    /// of all; gluing and exchanging spools included in attended_s
    double total_s = 0, model_g = 0, waste_g = 0, attended_s = 0;
};

/// Every part that has one colour becomes a piece of its own that lies on the bed; separate bodies of a part
/// count as parts, and those of the same shape as one piece, so many times. A plate for each filament, or
/// several where one has no room; parts that change colour inside are a job of their own, "mixed". The order
/// of colours is the one that purges least between them. Not possible where there is nothing to put together.
Result<Jobs> jobs_by_colour(const Project& project, const Plan& plan, const Progress& progress = {});

/// Job one prints the outlines of what printed_first() finds, one line wide and one layer high; job two the
/// whole piece over it, in the same places, with a thicker first layer. Not possible where the piece has no
/// lettering on its first layer.
Result<Jobs> lettering_jobs(const Project& project, const Plan& plan, const Progress& progress = {});

/// The same job made anew from its origin, if that has it still.
Result<Job> job_again(const Project& origin, const std::string& key, const Progress& progress = {});

} // namespace vitrail
