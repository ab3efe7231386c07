#include "core/plate/jobs.h"

#include "core/geometry/prism.h"
#include "core/plate/order_items.h"
#include "core/project/digest.h"
#include "core/project/regions.h"

#include <algorithm>
#include <cmath>
#include <iterator>
#include <map>

namespace vitrail {

namespace {

// ---- by colour

/// The one filament of a part, −1 where it has several.
int colour_of(const Project& p, const Piece& piece, const PiecePlan& made, std::size_t part) {
    int filament = -1;
    const std::vector<Paths>& layers = made.table->parts[part].layers;
    for (std::size_t l = 0; l < layers.size(); ++l)
        if (!layers[l].empty()) {
            const int here = made.owner[part][l];
            if (filament >= 0 && here != filament)
                return -1;
            filament = here;
        }
    for (const RegionUse& r : made.regions)
        if (r.part == static_cast<int>(part) && r.patch > 0 && r.mm3 > 0) {
            const char letter = piece.parts[part].patches[static_cast<std::size_t>(r.patch) - 1].filament;
            if (letter && find_filament(p, letter) != filament)
                return -1;
        }
    return filament;
}

/// The patch a body is painted in all over, 0 where it is not.
PatchNumber painted_over(const Part& part) {
    if (!part.paint || part.paint->patch.empty() || !part.paint->cut.empty())
        return kUnpainted;
    const PatchNumber first = part.paint->patch.front();
    return std::all_of(part.paint->patch.begin(), part.paint->patch.end(),
                       [&](PatchNumber n) { return n == first; })
               ? first
               : PatchNumber(kUnpainted);
}

/// Separate bodies become parts; those painted all over get that filament.
Project taken_apart(const Project& p, bool& changed) {
    Project out = p;
    for (int k = 0; k < static_cast<int>(out.pieces.size()); ++k) {
        Piece& piece = out.pieces[static_cast<std::size_t>(k)];
        for (int i = 0; i < static_cast<int>(piece.parts.size()); ++i)
            if (!piece.parts[static_cast<std::size_t>(i)].patches.empty() ||
                std::any_of(piece.bands.begin(), piece.bands.end(), [&](const Band& b) {
                    return b.part == piece.parts[static_cast<std::size_t>(i)].name;
                })) {
                const int n = split_part(out, k, i);
                changed |= n > 1;
                i += n - 1;
            }
        for (Part& part : piece.parts)
            if (const PatchNumber n = painted_over(part);
                n != kUnpainted && part.patches[static_cast<std::size_t>(n) - 1].filament) {
                part.filament = part.patches[static_cast<std::size_t>(n) - 1].filament;
                part.patches.clear();
                part.paint = nullptr;
                std::erase_if(piece.bands, [&](const Band& b) { return b.part == part.name; });
                changed = true;
            }
    }
    return out;
}

/// The same shape in another place.
bool same_shape(const Mesh& a, const Mesh& b) {
    if (a.triangles != b.triangles || a.vertices.size() != b.vertices.size())
        return false;
    const Vec3 shift = b.bounds.min - a.bounds.min;
    for (std::size_t v = 0; v < a.vertices.size(); ++v)
        if (length(a.vertices[v] + shift - b.vertices[v]) > 2e-3f)
            return false;
    return true;
}

/// One of the pieces of a job, lying on the bed.
struct Loose {
    Piece piece;
    JobPart part;
};

Loose lay_down(const Piece& of, std::size_t part, int count, int filament) {
    Loose x;
    Part loose = of.parts[part];
    const double z = double(loose.mesh->bounds.min.z);
    std::vector<Band> bands;
    for (Band b : of.bands)
        if (b.part == loose.name) {
            b.z0_mm -= z - double(bounds(of).min.z);
            b.z1_mm -= z - double(bounds(of).min.z);
            bands.push_back(b);
        }
    if (std::abs(z) > 1e-6)
        move_part(loose, 0, 0, -z);
    x.piece.name = loose.name;
    x.piece.count = count;
    x.piece.pose = of.pose;
    x.piece.bands = std::move(bands);
    x.part = {loose.name, of.name, count, filament};
    x.piece.parts.push_back(std::move(loose));
    return x;
}

/// The project without pieces, which a job's are put into.
Project bare_job(const Project& p) {
    Project job = p;
    job.pieces.clear();
    job.pinned.clear();
    job.variants.clear();
    job.asked.clear();
    job.order = {};
    job.as_read.reset();
    job.settings.copies = 1;
    job.settings.lettering_two_jobs = false;
    return job;
}

Project job_of(const Project& p, const std::vector<const Loose*>& loose, const std::vector<int>& counts) {
    Project job = bare_job(p);
    for (std::size_t i = 0; i < loose.size(); ++i)
        if (counts[i] > 0) {
            job.pieces.push_back(loose[i]->piece);
            job.pieces.back().count = counts[i];
        }
    return job;
}

/// Keeps only the filaments that something is printed in.
void drop_unused(Project& job, const std::vector<char>& used) {
    std::erase_if(job.filaments, [&](const Filament& f) {
        return std::find(used.begin(), used.end(), f.letter) == used.end();
    });
    std::erase_if(job.pair_purges, [&](const PairPurge& x) {
        return find_filament(job, x.from) < 0 || find_filament(job, x.to) < 0;
    });
    std::erase_if(job.pins, [&](const Pin& x) { return find_filament(job, x.filament) < 0; });
    std::erase_if(job.in_machine, [&](const InMachine& x) { return find_filament(job, x.filament) < 0; });
    job.refill_choices.clear();
    for (char* letter : {&job.support_filament, &job.interface_filament})
        if (*letter && find_filament(job, *letter) < 0)
            *letter = 0;
}

/// Into plates that fit, one after the other.
Result<std::vector<Project>> onto_plates(const Project& p, Planner& planner,
                                         const std::vector<const Loose*>& loose, const Progress& progress) {
    std::vector<std::pair<std::size_t, int>> left; // which, how many
    for (std::size_t i = 0; i < loose.size(); ++i)
        left.emplace_back(i, loose[i]->piece.count);
    std::vector<Project> plates;
    while (!left.empty()) {
        int all = 0;
        for (const auto& [i, n] : left)
            all += n;
        const auto first = [&](int n) {
            std::vector<int> counts(loose.size(), 0);
            for (const auto& [i, many] : left) {
                counts[i] = std::min(many, n);
                n -= counts[i];
            }
            return counts;
        };
        int low = 1, high = all + 1; // at least one a plate: the checks say where even that does not fit
        for (int n = all; high - low > 1; n = (low + high) / 2) {
            const auto plan = planner.plan(job_of(p, loose, first(n)), {progress.stop, {}}, Scope::sketch);
            if (!plan)
                return plan.error();
            ((*plan)->plate.fits ? low : high) = n;
        }
        const std::vector<int> now = first(low);
        plates.push_back(job_of(p, loose, now));
        for (auto& [i, n] : left)
            n -= now[i];
        std::erase_if(left, [](const auto& x) { return x.second == 0; });
    }
    return plates;
}

/// Bodies of different colour that touch, of all pieces together.
int joints_of(const Project& p, const Plan& plan) {
    int joints = 0;
    for (std::size_t k = 0; k < p.pieces.size(); ++k) {
        int here = 0;
        for (const Contact& c : plan.pieces[k].table->contacts)
            here += colour_of(p, p.pieces[k], plan.pieces[k], static_cast<std::size_t>(c.first_part)) !=
                    colour_of(p, p.pieces[k], plan.pieces[k], static_cast<std::size_t>(c.second_part));
        joints += here * count_of(p, p.pieces[k]);
    }
    return joints;
}

Result<Job> finished(Job job, Planner& planner, const Progress& progress) {
    job.project.origin = Origin{{}, job.key, {}};
    job.project.origin->made_of = digest(job.project);
    auto plan = planner.plan(job.project, {progress.stop, {}});
    if (!plan)
        return plan.error();
    job.plan = *plan;
    return job;
}

void add_up(const Project& p, Jobs& jobs) {
    for (const Job& job : jobs.jobs) {
        const Totals& t = job.plan->totals;
        jobs.total_s += t.total_s;
        jobs.model_g += t.model_g;
        jobs.waste_g += waste_g(t);
        jobs.attended_s += t.attended_s;
    }
    jobs.attended_s += jobs.joints * p.settings.joint_min * 60 +
                       std::max(0, static_cast<int>(jobs.jobs.size()) - 1) * p.machine.hand.attended_s;
}

/// Everything of a piece's part in one filament.
void in_one_colour(Project& job, char letter) {
    for (Piece& piece : job.pieces) {
        piece.bands.clear();
        for (Part& part : piece.parts) {
            part.filament = letter;
            part.patches.clear();
            part.paint = nullptr;
        }
    }
    drop_unused(job, {letter, job.support_filament, job.interface_filament});
}

/// The jobs of a colour, a plate each; `filament` −1: of what changes inside.
Result<std::vector<Job>> jobs_of(const Project& p, const std::string& project_name, Planner& planner,
                                 const std::vector<Loose>& all, int filament, const Progress& progress) {
    std::vector<const Loose*> loose;
    for (const Loose& x : all)
        loose.push_back(&x);
    Project of_all = p;
    of_all.picture.reset();
    auto plates = onto_plates(of_all, planner, loose, progress);
    if (!plates)
        return plates.error();
    const Filament* colour = filament >= 0 ? &p.filaments[static_cast<std::size_t>(filament)] : nullptr;
    std::vector<Job> out;
    for (std::size_t n = 0; n < plates->size(); ++n) {
        Job job;
        const std::string key = colour ? std::string("colour ") + colour->letter : "mixed";
        job.key = n == 0 ? key : key + " " + std::to_string(n + 1);
        job.name = !colour              ? say("What changes colour inside")
                   : plates->size() > 1 ? say("{}, plate {} of {}", Name{colour->name}, n + 1, plates->size())
                                        : say("{}", Name{colour->name});
        job.project = std::move((*plates)[n]);
        job.project.name = project_name + ", " + job.key;
        if (colour)
            in_one_colour(job.project, colour->letter);
        for (const Piece& piece : job.project.pieces)
            for (const Loose* x : loose)
                if (x->piece.name == piece.name) {
                    job.parts.push_back(x->part);
                    job.parts.back().count = piece.count;
                }
        auto whole = finished(std::move(job), planner, progress);
        if (!whole)
            return whole.error();
        out.push_back(std::move(*whole));
    }
    return out;
}

/// The order of filaments that purges least from one to the next.
std::vector<int> order_of(const Plan& plan, const std::vector<int>& filaments) {
    Set all = 0;
    for (const int f : filaments)
        all |= Set{1} << f;
    const Ordered order = order_layers(std::vector<Set>{all}, plan.purge_table);
    return {order.sequence.items.begin(), order.sequence.items.end()};
}

// ---- lettering

/// Lines along the inside of an outline.
Paths lines_along(const Paths& outline, double line_mm) {
    return subtract(outline, offset(outline, -line_mm));
}

Project outlines_of(const Project& p, const Plan& plan, Project& over) {
    Project one = bare_job(p);
    constexpr double kLayer_mm = 0.2; // common practice, no source; FirstJob's
    one.settings.layer_mm = one.settings.first_layer_mm = kLayer_mm;
    one.settings.support = SupportStyle::none;
    one.settings.walls = 1;
    one.models.clear();
    one.picture.reset();
    std::vector<char> used;
    for (std::size_t k = 0; k < p.pieces.size(); ++k) {
        const std::vector<char> first = printed_first(p, p.pieces[k]);
        Piece letters;
        letters.name = p.pieces[k].name;
        letters.count = count_of(p, p.pieces[k]);
        const LayerTable& table = *plan.pieces[k].table;
        for (std::size_t i = 0; i < first.size(); ++i) {
            if (!first[i])
                continue;
            Builder b;
            add_prism(b,
                      strictly_simple(lines_along(table.parts[i].layers.front(), p.settings.line_width_mm)),
                      0, kLayer_mm);
            if (b.triangles.empty())
                continue;
            Part part;
            part.name = p.pieces[k].parts[i].name;
            part.mesh = std::make_shared<Mesh>(b.build());
            part.filament = p.pieces[k].parts[i].filament;
            part.model = -1;
            part.own_mesh = true;
            used.push_back(part.filament);
            letters.parts.push_back(std::move(part));
        }
        if (letters.parts.empty())
            continue;
        // Both stand where the piece stands now.
        const Bounds box = bounds(letters), whole = table.bounds;
        const double dx = (double(box.min.x) + box.max.x - whole.min.x - whole.max.x) / 2,
                     dy = (double(box.min.y) + box.max.y - whole.min.y - whole.max.y) / 2;
        for (const Placed& x : plan.plate.placed)
            if (x.piece == static_cast<int>(k)) {
                pin(over, {p.pieces[k].name, x.nth, x.x_mm, x.y_mm, x.turn_deg});
                const double a = x.turn_deg * 3.14159265358979323846 / 180, c = std::cos(a), s = std::sin(a);
                pin(one, {letters.name, x.nth, x.origin_x_mm + dx * c - dy * s,
                          x.origin_y_mm + dx * s + dy * c, x.turn_deg});
            }
        one.pieces.push_back(std::move(letters));
    }
    drop_unused(one, used);
    return one;
}

} // namespace

Result<Jobs> jobs_by_colour(const Project& project, const Plan& made, const Progress& progress) {
    Jobs out;
    bool apart = false;
    const Project p = taken_apart(project, apart);
    Planner planner(project, made);
    std::shared_ptr<const Plan> fresh;
    if (apart) {
        auto again = planner.plan(p, {progress.stop, {}});
        if (!again)
            return again.error();
        fresh = *again;
    }
    const Plan& plan = fresh ? *fresh : made;
    std::map<int, std::vector<Loose>> by_colour; // −1: those that change inside
    std::size_t parts = 0;
    for (std::size_t k = 0; k < p.pieces.size(); ++k)
        for (std::size_t i = 0; i < p.pieces[k].parts.size(); ++i) {
            const int filament = colour_of(p, p.pieces[k], plan.pieces[k], i);
            std::vector<Loose>& of = by_colour[filament];
            ++parts;
            const auto alike = std::find_if(of.begin(), of.end(), [&](const Loose& x) {
                return filament >= 0 && same_shape(*x.piece.parts.front().mesh, *p.pieces[k].parts[i].mesh);
            });
            if (alike != of.end())
                alike->piece.count = alike->part.count = alike->part.count + count_of(p, p.pieces[k]);
            else
                of.push_back(lay_down(p.pieces[k], i, count_of(p, p.pieces[k]), filament));
        }
    if (parts < 2 || by_colour.size() < 2) {
        out.why_not = parts < 2 ? say("It is one body, and its colours are painted or in bands: there is "
                                      "nothing to put together. Cut it into parts first.")
                                : say("All parts are of one colour already.");
        return out;
    }
    std::vector<int> colours;
    for (const auto& [f, loose] : by_colour)
        if (f >= 0)
            colours.push_back(f);
    colours = order_of(plan, colours);
    if (by_colour.count(-1))
        colours.push_back(-1);
    double done = 0;
    for (const int f : colours) {
        auto jobs = jobs_of(p, project.name, planner, by_colour[f], f, progress);
        if (!jobs)
            return jobs.error();
        std::move(jobs->begin(), jobs->end(), std::back_inserter(out.jobs));
        progress.at(++done / static_cast<double>(colours.size()));
    }
    out.possible = true;
    out.joints = joints_of(p, plan);
    add_up(p, out);
    return out;
}

Result<Jobs> lettering_jobs(const Project& project, const Plan& made, const Progress& progress) {
    Jobs out;
    Project p = project;
    p.settings.lettering_two_jobs = true;
    Planner planner(project, made);
    auto plan = planner.plan(p, {progress.stop, {}});
    if (!plan)
        return plan.error();
    if (!(*plan)->first_job) {
        out.why_not = say("Nothing on the first layer is lettering: a part of another filament that begins "
                          "on the bed, is thin, and small beside the largest part.");
        return out;
    }
    Job over{"lettering 2", say("Job two: the piece over it"), p, nullptr, {}, {}};
    over.project.variants.clear();
    over.project.asked.clear();
    over.project.order = {};
    over.project.as_read.reset();
    Job letters{
        "lettering 1", say("Job one: the outlines"), outlines_of(p, **plan, over.project), nullptr, {}, {}};
    if (!has_parts(letters.project)) {
        out.why_not = say("The lettering is finer than a line: no outline of it is left.");
        return out;
    }
    // Over it goes the piece in the filament of its largest part; only now the letters have no job of their
    // own any more.
    for (Piece& piece : over.project.pieces) {
        const std::vector<char> first = printed_first(p, piece);
        const int largest = largest_part(piece);
        for (std::size_t i = 0; i < first.size(); ++i)
            if (first[i]) {
                letters.parts.push_back({piece.parts[i].name, piece.name, count_of(p, piece),
                                         find_filament(p, piece.parts[i].filament)});
                piece.parts[i].filament = piece.parts[static_cast<std::size_t>(largest)].filament;
                piece.parts[i].patches.clear();
                piece.parts[i].paint = nullptr;
                std::erase_if(piece.bands, [&](const Band& b) { return b.part == piece.parts[i].name; });
            } else {
                over.parts.push_back({piece.parts[i].name, piece.name, count_of(p, piece),
                                      find_filament(p, piece.parts[i].filament)});
            }
    }
    over.project.settings.lettering_two_jobs = false;
    constexpr double kOver_mm = 0.3, kThicker_mm = 0.05; // common practice, no source: 0.3 over 0.2
    if (over.project.settings.first_layer_mm < letters.project.settings.first_layer_mm + kThicker_mm)
        over.project.settings.first_layer_mm = kOver_mm;
    const Message first_mm = say("{}", mm(letters.project.settings.first_layer_mm)),
                  second_mm = say("{}", mm(over.project.settings.first_layer_mm));
    letters.project.name = project.name + ", job one";
    over.project.name = project.name + ", job two";
    letters.steps = {say("Print the outlines: one line, one layer of {}.", first_mm),
                     say("Stop. Leave the piece, the build sheet and the bed as they are; do not home over "
                         "the letters where your machine lets you choose."),
                     say("Take this job's skirt and prime line off. The nozzle is hot: let the head move "
                         "aside, and keep fingers out of a moving machine.")};
    over.steps = {
        say("Swap the filament."),
        say("The first layer is {}, thicker than job one's {}: else the nozzle drags through the letters.",
            second_mm, first_mm),
        say("Same place, same machine, same bed levelling: nothing may have moved between the jobs."),
        say("Watch the first layer: good adhesion is everything here.")};
    for (Job* job : {&letters, &over}) {
        auto whole = finished(std::move(*job), planner, progress);
        if (!whole)
            return whole.error();
        out.jobs.push_back(std::move(*whole));
    }
    out.possible = true;
    add_up(p, out);
    return out;
}

Result<Job> job_again(const Project& origin, const std::string& key, const Progress& progress) {
    Planner planner;
    const auto plan = planner.plan(origin, {progress.stop, {}});
    if (!plan)
        return plan.error();
    auto jobs = key.rfind("lettering", 0) == 0 ? lettering_jobs(origin, **plan, progress)
                                               : jobs_by_colour(origin, **plan, progress);
    if (!jobs)
        return jobs.error();
    for (Job& job : jobs->jobs)
        if (job.key == key)
            return std::move(job);
    return Error{say("The project it was made of no longer has this job.")};
}

} // namespace vitrail
