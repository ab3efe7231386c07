#include "core/run/rescue.h"

#include "core/material/pairing.h"
#include "core/picture/make.h"
#include "core/picture/stacks.h"
#include "core/plan/planner.h"
#include "core/project/regions.h"

#include <algorithm>
#include <cmath>
#include <set>

namespace vitrail {

namespace {

/// Layers more in a picture: dots that reach that far grow, bands move.
void repeat_in_picture(Picture& picture, int layer, int more) {
    if (picture.use == PictureUse::relief) {
        auto dots = std::make_shared<DotMap>(*picture.dots);
        for (std::uint16_t& n : dots->dots)
            if (n >= layer)
                n = static_cast<std::uint16_t>(n + more);
        picture.dots = std::move(dots);
        for (ReliefBand& b : picture.bands) {
            b.from_layer += b.from_layer > layer ? more : 0;
            b.to_layer += b.to_layer >= layer ? more : 0;
        }
        return;
    }
    for (std::vector<FilamentRun>& stack : picture.stacks) {
        int below = 0;
        for (FilamentRun& run : stack) {
            if (layer > below && layer <= below + run.layers) {
                run.layers += more;
                break;
            }
            below += run.layers;
        }
    }
}

/// Letter of what most of a layer is printed in.
char main_letter(const Project& p, const Plan& plan, int layer) {
    int best = -1;
    for (int f = 0; f < plan.filaments; ++f)
        if (plan.model_in(layer, f) > 0 && (best < 0 || plan.model_in(layer, f) > plan.model_in(layer, best)))
            best = f;
    return best < 0 ? 0 : p.filaments[static_cast<std::size_t>(best)].letter;
}

std::string letters_in(const Project& p, const Plan& plan, int layer) {
    std::string out;
    for (const std::uint8_t f : plan.sequence.layer(layer - 1))
        out += p.filaments[f].letter;
    return out;
}

/// Stretches of layers in one filament: as many before as after, as nothing but their thickness changes.
std::vector<Rescue::Height> band_heights(const Project& p, const Plan& before, const Rescue& r) {
    std::vector<Rescue::Height> out;
    char last = 0;
    for (int l = 1; l <= before.grid.count; ++l) {
        const char letter = main_letter(p, before, l);
        if (letter != last)
            out.push_back({letter, 0, 0});
        last = letter;
        const double mm = before.grid.thickness_mm(l);
        out.back().before_mm += mm;
        out.back().after_mm += mm + (l == r.at_layer ? r.lift_mm : 0);
    }
    return out;
}

std::pair<double, double> look_apart(const Project& p, const Project& q) {
    const std::vector<Srgb> a = colours_of(*p.picture, p.filaments, p.picture->lighting),
                            b = colours_of(*q.picture, q.filaments, q.picture->lighting);
    const auto& before = p.picture->dots->dots;
    const auto& after = q.picture->dots->dots;
    double sum = 0, worst = 0;
    std::size_t n = 0;
    for (std::size_t i = 0; i < before.size(); ++i) {
        if (!before[i] || before[i] >= a.size() || after[i] >= b.size())
            continue;
        const double d = delta_e_2000(to_lab(a[before[i]]), to_lab(b[after[i]]));
        sum += d;
        worst = std::max(worst, d);
        ++n;
    }
    return {n ? sum / static_cast<double>(n) : 0, worst};
}

void say_steps(const Project& p, const Plan& before, const Botch& b, Rescue& r) {
    const double there = b.measured_mm.value_or(before.grid.top_mm(b.at_layer));
    auto& s = r.steps;
    s.push_back(say("Keep the printer awake: one that gets no command for a while lets go of its position. "
                    "Pause it, do not stop it."));
    s.push_back(say("Save the plan that was running first, under another name."));
    if (!b.warm)
        s.push_back(say("The bed has cooled: see that the piece still sits. If it has come loose nothing "
                        "below can be trusted, and it has to be printed again."));
    if (!b.homed) {
        s.push_back(
            say("Lift the nozzle by hand or by command above {}, clear of the print.", mm(there + 10, 0)));
        s.push_back(say("Home X and Y only. Never Z where its switch lies below the print: the nozzle would "
                        "run into it."));
        s.push_back(say("Lower the nozzle onto the last layer until a sheet of paper just grips, and tell "
                        "the printer that this is Z {}.",
                        mm(there, 2)));
    }
    s.push_back(say("Push a little filament through, clear of the print, until it comes evenly, and wipe it "
                    "off with tweezers, not with fingers."));
    if (r.extra > 0)
        s.push_back(counted("Print {0} layer more of {1}, {3} high, from {2} up.",
                            "Print {0} layers more of {1}, each {3} high, from {2} up.", r.extra, r.filaments,
                            mm(there, 2), mm(r.extra_mm, 3)));
    if (std::abs(r.off_mm) > 1e-9)
        s.push_back(say("What follows lies {0} {1} than the new plan says: the rest of the file is written "
                        "for the heights that are really there.",
                        mm(std::abs(r.off_mm)), r.off_mm > 0 ? say("higher") : say("lower")));
    if (std::abs(r.error_mm) > 0.005)
        s.push_back(say("Whole layers do not make up for all of it: the piece ends {0} {1} than planned.",
                        mm(std::abs(r.error_mm)), r.error_mm > 0 ? say("higher") : say("lower")));
    for (const Rescue::Move& m : r.moves) {
        const Change& c = r.plan->changes[static_cast<std::size_t>(m.change)];
        s.push_back(say("The change from {0} to {1} is before layer {2} now, not {3}.",
                        p.filaments[static_cast<std::size_t>(c.from)].letter,
                        p.filaments[static_cast<std::size_t>(c.to)].letter, m.to_layer, m.from_layer));
    }
    s.push_back(say("Stay for the first two layers, with a finger on the switch."));
    r.cautions.push_back(say("Nozzle and bed are hot, over 200 °C and up to 110 °C: keep hands and sleeves "
                             "out of a machine that may move."));
    if (!b.homed)
        r.cautions.push_back(say("A printer that has lost its position may drive the nozzle into the print "
                                 "or the frame. Move it slowly, and be ready to switch it off."));
}

} // namespace

namespace {

/// What a layer more there is high by itself.
double usual_mm(const LayerGrid& grid, int layer) {
    return layer > 1 ? grid.thickness_mm(layer) : grid.height_mm;
}

/// Bands above go up; what is put in has a height of its own where it is not that of the others.
void lift_bands(std::vector<LayerBand>& bands, double top_mm, double lift_mm, double height_mm,
                double others_mm) {
    std::vector<LayerBand> out;
    for (LayerBand b : bands)
        if (b.to_mm <= top_mm + 1e-6) {
            out.push_back(b);
        } else if (b.from_mm >= top_mm - 1e-6) {
            out.push_back({b.from_mm + lift_mm, b.to_mm + lift_mm, b.height_mm});
        } else { // it goes on above
            out.push_back({b.from_mm, top_mm, b.height_mm});
            out.push_back({top_mm + lift_mm, b.to_mm + lift_mm, b.height_mm});
        }
    if (std::abs(height_mm - others_mm) > 1e-6)
        out.push_back({top_mm, top_mm + lift_mm, height_mm});
    std::sort(out.begin(), out.end(),
              [](const LayerBand& a, const LayerBand& b) { return a.from_mm < b.from_mm; });
    bands = std::move(out);
}

} // namespace

Result<Project> with_layers_repeated(const Project& project, const LayerGrid& grid, int layer, int more,
                                     double height_mm) {
    Project out = project;
    if (more <= 0)
        return out;
    const double each_mm = height_mm > 0 ? height_mm : usual_mm(grid, layer);
    if (grid.count + more > 30'000)
        return Error{say("That would be {} layers, more than Vitrail plans.", grid.count + more)};
    const bool picture = out.picture && out.picture->dots && find_piece(out, out.picture->piece) >= 0;
    if (picture && std::abs(each_mm - grid.height_mm) > 1e-6)
        return Error{say("A picture's layers are all equally high: its colours come from that.")};
    if (!picture || !out.settings.layer_bands.empty())
        lift_bands(out.settings.layer_bands, grid.top_mm(layer), more * each_mm, each_mm, grid.height_mm);
    if (picture) {
        int most = 0;
        for (const std::vector<FilamentRun>& stack : out.picture->stacks)
            most = std::max(most, layers_of(stack));
        for (const ReliefBand& b : out.picture->bands)
            most = std::max(most, b.to_layer);
        if (most + more > kMostPictureLayers)
            return Error{say("A picture has {} layers at most.", kMostPictureLayers)};
        repeat_in_picture(*out.picture, layer, more);
        fill_piece(out);
    }
    // Cut below the top of the layer and above its middle, where it was sampled.
    const double at = grid.top_mm(layer) - 0.2 * grid.thickness_mm(layer), lift = more * each_mm;
    for (Piece& piece : out.pieces)
        if (!picture || piece.name != out.picture->piece)
            lift_above(piece, at, lift);
    for (RefillChoice& r : out.refill_choices)
        r.layer += r.layer > layer ? more : 0;
    return out;
}

Result<Rescue> rescue(const Project& p, const Plan& plan, const Botch& b, const Progress& progress) {
    const LayerGrid& grid = plan.grid;
    if (b.at_layer < 1 || b.at_layer >= grid.count)
        return Error{say("Layer {0} is not there, or nothing follows it: the plan has layers 1 to {1}.",
                         b.at_layer, grid.count)};
    Rescue r;
    r.at_layer = b.at_layer;
    r.extra = b.extra;
    if (b.measured_mm) {
        const double planned = grid.top_mm(b.at_layer), missing = planned - *b.measured_mm;
        if (*b.measured_mm <= 0 || std::abs(missing) > 0.5 * planned + 5)
            return Error{say("{0} were measured where {1} were planned: that is no layer gone wrong. Measure "
                             "again, from the bed.",
                             mm(*b.measured_mm), mm(planned))};
        r.extra_mm = usual_mm(grid, b.at_layer);
        r.extra = std::max(0, static_cast<int>(std::lround(missing / r.extra_mm)));
        if (b.exact && missing > 0) {
            r.extra = std::max(1, r.extra);
            r.extra_mm = missing / r.extra;
        }
        r.off_mm = -missing; // the plan counts the layers that were printed at their full height
        r.error_mm = r.extra * r.extra_mm - missing;
        if (std::abs(r.error_mm) < 1e-9)
            r.error_mm = 0;
        if (r.extra == 0 && std::abs(missing) < 0.005)
            return Error{
                say("{} were measured, as planned: there is nothing to make up for.", mm(*b.measured_mm))};
    } else if (r.extra < 1) {
        return Error{say("Say how many layers more are to be printed, or the height that was measured.")};
    }
    if (r.extra_mm <= 0)
        r.extra_mm = usual_mm(grid, b.at_layer);
    r.lift_mm = r.extra * r.extra_mm;
    auto lifted = with_layers_repeated(p, grid, b.at_layer, r.extra, r.extra_mm);
    if (!lifted)
        return lifted.error();
    r.project = std::move(*lifted);
    Planner planner(p, plan);
    auto after = planner.plan(r.project, progress);
    if (!after)
        return after.error();
    r.plan = *after;
    if (r.plan->grid.count != grid.count + r.extra)
        return Error{say("The lifted piece has {0} layers instead of {1}: it cannot be lifted there.",
                         r.plan->grid.count, grid.count + r.extra)};
    r.filaments = letters_in(p, plan, b.at_layer);
    // Changes are in the same order; those of repeated layers that hold several filaments are new, and belong
    // to none.
    std::size_t old = 0;
    for (std::size_t i = 0; i < r.plan->changes.size(); ++i) {
        const Change& c = r.plan->changes[i];
        if (c.layer <= b.at_layer) {
            while (old < plan.changes.size() && plan.changes[old].layer <= b.at_layer)
                ++old;
            continue;
        }
        if (c.layer <= b.at_layer + r.extra)
            continue;
        while (old < plan.changes.size() && plan.changes[old].layer + r.extra < c.layer)
            ++old;
        if (old < plan.changes.size() && plan.changes[old].layer + r.extra == c.layer)
            r.moves.push_back({static_cast<int>(i), plan.changes[old++].layer, c.layer});
    }
    r.bands = band_heights(p, plan, r);
    if (p.picture && p.picture->dots && r.extra > 0)
        std::tie(r.look_mean, r.look_worst) = look_apart(p, r.project);
    say_steps(p, plan, b, r);
    return r;
}

namespace {

double all_g(const Totals& t) {
    return t.model_g + t.support_g + t.interface_g + t.purge_g + t.tower_g + t.first_load_g;
}

/// Filament used before a layer, and the time it took.
std::pair<double, double> printed_by(const Plan& plan, int layer) {
    double g = 0;
    for (const FilamentUse& u : plan.use)
        for (int l = 1; l < layer && l <= static_cast<int>(u.g_by_layer.size()); ++l)
            g += u.g_by_layer[static_cast<std::size_t>(l) - 1];
    const double s = layer <= static_cast<int>(plan.layers.size())
                         ? plan.layers[static_cast<std::size_t>(layer) - 1].start_s
                         : plan.totals.total_s;
    return {g, s};
}

struct WaysOut {
    const Project& p;
    const Plan& plan;
    const Progress& progress;
    std::vector<WayOut> out;
    Message why_not;

    const Filament& filament(char letter) const {
        return p.filaments[static_cast<std::size_t>(find_filament(p, letter))];
    }
    double apart(char a, char b) const {
        return delta_e_2000(to_lab(filament(a).colour), to_lab(filament(b).colour));
    }

    /// The project with layers of one filament printed in another; nothing where painted patches stand in the
    /// way.
    std::optional<Project> changed(int from, int to, char filament, char becomes) {
        Project q = p;
        if (q.picture && q.picture->dots && find_piece(q, q.picture->piece) >= 0) {
            if (q.picture->use == PictureUse::panel) {
                why_not = say("A panel holds all its filaments in every layer: none of them can be exchanged "
                              "for the rest.");
                return {};
            }
            std::vector<ReliefBand> bands;
            for (const ReliefBand& b : q.picture->bands) { // what lies in the range becomes a band of its own
                const int a = std::max(b.from_layer, from), z = std::min(b.to_layer, to);
                if (b.filament != filament || a > z) {
                    bands.push_back(b);
                    continue;
                }
                if (b.from_layer < a)
                    bands.push_back({b.filament, b.from_layer, a - 1});
                bands.push_back({becomes, a, z});
                if (z < b.to_layer)
                    bands.push_back({b.filament, z + 1, b.to_layer});
            }
            q.picture->bands = std::move(bands);
            fill_piece(q);
        }
        for (Piece& piece : q.pieces) {
            for (const Part& part : piece.parts)
                for (const Patch& patch : part.patches)
                    if (patch.filament == filament) {
                        why_not = say("{} is painted on: a patch cannot change its filament half-way up.",
                                      filament);
                        return {};
                    }
            if (!q.picture || piece.name != q.picture->piece)
                change_layers(piece, plan.grid, from, to, filament, becomes);
        }
        return q;
    }

    void add(Message name, Message says, Project project, double delta_e) {
        Planner planner(p, plan);
        auto planned = planner.plan(project, progress);
        if (!planned) {
            why_not = planned.error().message;
            return;
        }
        WayOut w{std::move(name), std::move(says), std::move(project), *planned, delta_e, 0, 0, 0, 0};
        w.more_g = all_g(w.plan->totals) - all_g(plan.totals);
        w.more_s = w.plan->totals.total_s - plan.totals.total_s;
        out.push_back(std::move(w));
    }

    void start_again(int layer) {
        const auto [g, s] = printed_by(plan, layer);
        WayOut w{say("start again"),
                 say("What is printed by now is lost; everything else is as planned."),
                 p,
                 std::make_shared<Plan>(plan),
                 0,
                 g,
                 s,
                 g,
                 s};
        out.push_back(std::move(w));
    }
};

} // namespace

Result<std::vector<WayOut>> ways_out(const Project& p, const Plan& plan, const Mishap& m,
                                     const Progress& progress) {
    const int count = plan.grid.count;
    if (m.layer < 1 || m.layer > count || m.to_layer > count)
        return Error{say("Layer {0} is not there: the plan has layers 1 to {1}.",
                         std::max(m.layer, m.to_layer), count)};
    if (find_filament(p, m.filament) < 0 || (m.what != Mishap::What::gone && find_filament(p, m.instead) < 0))
        return Error{say("Say which filament it is about.")};
    if (m.what != Mishap::What::gone && m.filament == m.instead)
        return Error{say("What was meant and what was printed is the same filament, {}.", m.filament)};
    WaysOut w{p, plan, progress, {}, {}};
    if (m.what == Mishap::What::gone) {
        if (plan.use[static_cast<std::size_t>(find_filament(p, m.filament))].last_layer < m.layer)
            return Error{say("{0} is not needed from layer {1} on: the print goes on as planned.", m.filament,
                             m.layer)};
        for (const Filament& f : p.filaments)
            if (f.letter != m.filament &&
                plan.use[static_cast<std::size_t>(find_filament(p, f.letter))].total_g > 0)
                if (auto q = w.changed(m.layer, count, m.filament, f.letter))
                    w.add(say("{0} instead of {1} from layer {2} on", f.letter, m.filament, m.layer),
                          pair_up(f, w.filament(m.filament)).bond == Bond::holds
                              ? say("Loaded already; nothing has to be fetched.")
                              : say("Loaded already; but the materials are not of one kind, look at what "
                                    "bonds."),
                          std::move(*q), w.apart(f.letter, m.filament));
    } else {
        const int to = std::max(m.to_layer, m.layer);
        if (auto q = w.changed(m.layer, to, m.filament, m.instead))
            w.add(say("live with it"),
                  counted("{0} layer stays in {1}; from layer {2} on as planned.",
                          "{0} layers stay in {1}; from layer {2} on as planned.", to - m.layer + 1,
                          m.instead, to + 1),
                  std::move(*q), w.apart(m.filament, m.instead));
        if (m.what == Mishap::What::missed && m.layer > 1 && m.to_layer < count) {
            // What was printed too long is a taller band; everything above moves up, and nothing is missing.
            if (auto q = with_layers_repeated(p, plan.grid, m.layer - 1, to - m.layer + 1))
                w.add(say("move what follows up"),
                      counted("{0} layer more of {1} below, every later change moved up by as many: each "
                              "band stays as thick as it was meant.",
                              "{0} layers more of {1} below, every later change moved up by as many: each "
                              "band stays as thick as it was meant.",
                              to - m.layer + 1, m.instead),
                      std::move(*q), 0);
            else
                w.why_not = q.error().message;
        }
        if (m.what == Mishap::What::wrong) {
            // Both exchange their parts for the rest: the piece looks as if it had been meant so.
            if (auto q = w.changed(m.layer, count, m.filament, 0x7f))
                if (Project both = std::move(*q); true) {
                    for (Piece& piece : both.pieces) {
                        change_layers(piece, plan.grid, to + 1, count, m.instead, m.filament);
                        change_layers(piece, plan.grid, m.layer, count, 0x7f, m.instead);
                    }
                    if (both.picture && both.picture->dots) {
                        for (ReliefBand& b : both.picture->bands)
                            b.filament = b.filament == 0x7f                             ? m.instead
                                         : b.filament == m.instead && b.from_layer > to ? m.filament
                                                                                        : b.filament;
                        fill_piece(both);
                    }
                    w.add(say("exchange both for the rest"),
                          say("From layer {0} on {1} takes the place of {2}, and {2} that of {1}.", to + 1,
                              m.instead, m.filament),
                          std::move(both), w.apart(m.filament, m.instead));
                }
        }
    }
    w.start_again(m.what == Mishap::What::gone ? m.layer : std::max(m.to_layer, m.layer) + 1);
    if (w.out.size() == 1 && !w.why_not.empty())
        return Error{w.why_not};
    std::stable_sort(w.out.begin(), w.out.end(), [](const WayOut& a, const WayOut& b) {
        return std::pair(a.lost_g > 0, a.delta_e) < std::pair(b.lost_g > 0, b.delta_e);
    });
    return std::move(w.out);
}

} // namespace vitrail
