#include "core/estimate/first_job.h"

#include "core/project/regions.h"

namespace vitrail {

std::optional<FirstJob> first_job(const Project& p, const Printed& printed) {
    std::optional<FirstJob> job;
    const Motion m = motion_of(p);
    const double line = p.settings.line_width_mm;
    for (std::size_t k = 0; k < p.pieces.size(); ++k) {
        const Piece& piece = p.pieces[k];
        const std::vector<char> first = printed_first(p, piece);
        const int copies = count_of(p, piece);
        for (std::size_t i = 0; i < first.size(); ++i) {
            if (!first[i])
                continue;
            if (!job) {
                job.emplace();
                job->filament = std::max(0, find_filament(p, piece.parts[i].filament));
                job->start_s = start_up_s(p, p.filaments[static_cast<std::size_t>(job->filament)]);
            }
            job->parts.push_back(piece.parts[i].name);
            const double speed =
                laid_at(m.first_layer,
                        facts(p.filaments[static_cast<std::size_t>(job->filament)].material).flow_mm3_s, line,
                        job->layer_mm);
            const Paths& outline = printed.pieces[k].table->parts[i].layers.front();
            for (const Path& ring : offset(outline, -line / 2)) {
                job->mm3 += copies * perimeter_mm({ring}) * line * job->layer_mm;
                job->print_s += copies * (ring_s(ring, speed, m) + travel_s(5, m) + m.retract_s);
            }
        }
    }
    if (job) {
        const Filament& f = p.filaments[static_cast<std::size_t>(job->filament)];
        job->g = grams(f, job->mm3);
        job->length_m = metres(f, job->mm3);
        job->cost = job->g / 1000 * f.price_per_kg;
    }
    return job;
}

} // namespace vitrail
