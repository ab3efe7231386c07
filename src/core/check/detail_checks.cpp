#include "core/check/checker.h"

#include "core/geometry/prism.h"
#include "core/project/regions.h"
#include "core/support/cleanup.h"

#include <algorithm>
#include <cmath>
#include <set>

namespace vitrail {

namespace {

/// A run of layers in which something was found in a part, and the worst of them.
struct Run {
    int from = 0, to = 0, worst = 0, layers = 0;
    double most = 0;
    std::vector<Spot> spots;
};

/// Each outer ring of an area as a place.
void add_spots(const Checker& c, const Paths& area, int layer, std::vector<Spot>& spots) {
    for (const Path& ring : area)
        if (spots.size() < kMostSpots && ClipperLib::Orientation(ring))
            spots.push_back(c.spot_in(box_of({ring}), layer));
}

/// A part, or a patch of paint on one, and its fine places.
struct Feature {
    int part = 0;
    Message name;
    const std::vector<LayerDetail>& layers; ///< [layer − 1]
    Paths first;                            ///< its outline in the first layer
};

std::vector<Feature> features_of(const Checker& c) {
    std::vector<Feature> out;
    for (int part = 0; part < static_cast<int>(c.piece.parts.size()); ++part) {
        out.push_back({part, say("{}", c.quoted(part)), c.made.detail->parts[part],
                       c.made.table->parts[part].layers[0]});
        for (std::size_t k = 0; k < c.made.detail->patches[part].size(); ++k)
            out.push_back({part, say("{} on {}", Name{c.piece.parts[part].patches[k].name}, c.quoted(part)),
                           c.made.detail->patches[part][k], c.made.demand->patches[part][k].layers[0]});
    }
    return out;
}

template <class Areas, class Measure>
Run run_of(const Checker& c, const std::vector<LayerDetail>& layers, Areas areas, Measure measure) {
    Run r;
    for (int l = 1; l <= static_cast<int>(layers.size()); ++l) {
        const double m = measure(layers[l - 1]);
        if (!(m > 0))
            continue;
        if (!r.from)
            r.from = l;
        r.to = l;
        ++r.layers;
        if (m > r.most) {
            r.most = m;
            r.worst = l;
        }
        add_spots(c, areas(layers[l - 1]), l, r.spots);
    }
    // The worst layer's places, whatever came before.
    if (r.worst)
        add_spots(c, areas(layers[r.worst - 1]), r.worst, r.spots);
    return r;
}

Message layers_text(const Run& r) {
    if (r.from == r.to)
        return say("layer {}", r.from);
    return say("{} layers from {} to {}", r.layers, r.from, r.to);
}

/// The finest nozzle of the usual row that is finer than `mm`.
double finer_nozzle(double mm) {
    for (const double d : {0.6, 0.4, 0.25, 0.2, 0.15})
        if (d < mm - 1e-9)
            return d;
    return 0.1;
}

} // namespace

void Checker::strokes() {
    if (!made.detail)
        return;
    const double w = p.settings.check_stroke_mm > 0 ? p.settings.check_stroke_mm : p.settings.line_width_mm,
                 line = p.settings.line_width_mm;
    const double share = p.settings.check_thin_share_pct / 100;
    for (const Feature& x : features_of(*this)) {
        const Run thin = run_of(
            *this, x.layers, [](const LayerDetail& d) { return d.strokes; },
            [&](const LayerDetail& d) {
                return d.mm2 > 0 && d.strokes_mm2 >= share * d.mm2 ? d.strokes_mm2 / d.mm2 : 0;
            });
        if (thin.worst) {
            const LayerDetail& d = x.layers[static_cast<std::size_t>(thin.worst) - 1];
            const double width = thickness_mm(d.strokes),
                         nozzle = finer_nozzle(std::min(w, std::max(0.12, width * 1.05)));
            Finding& f = add(
                "thin-stroke", Severity::warning,
                say("{} has strokes narrower than {} in {}, about {} wide in layer {}: {} % of its area "
                    "there ({} mm²) would be lost or blurred. Lines of {} from a {} nozzle would print them.",
                    x.name, mm(w), layers_text(thin), mm(width), thin.worst, num(100 * thin.most),
                    num(d.strokes_mm2, 2), mm(std::min(width, nozzle * 1.1)), mm(nozzle)),
                at_layer(thin.worst), thin.worst, {x.part});
            f.spots = thin.spots;
            // Lines somewhat narrower than the nozzle are possible; much narrower ones are not.
            const double smallest = plan.loading.nozzle.empty()
                                        ? 0.4
                                        : p.machine.nozzles[plan.loading.nozzle[0]].diameter_mm * 0.75;
            if (width >= smallest && width < line)
                f.fixes.push_back(
                    {say("print lines of {}", mm(width)),
                     say("still wide enough for the nozzle; walls get thinner with it"),
                     [width](Project& q) { q.settings.line_width_mm = std::floor(width * 100) / 100; }});
        }
        const Run gaps = run_of(
            *this, x.layers, [](const LayerDetail& d) { return d.gaps; },
            [&](const LayerDetail& d) {
                return d.mm2 > 0 && area_mm2(d.gaps) >= share * d.mm2 ? area_mm2(d.gaps) / d.mm2 : 0;
            });
        if (gaps.worst) {
            Finding& f = add("thin-gap", Severity::warning,
                             say("{} has gaps narrower than {} in {}, about {} wide in layer {}; they will "
                                 "close up. Widen them, or print finer lines.",
                                 x.name, mm(w), layers_text(gaps),
                                 mm(thickness_mm(x.layers[gaps.worst - 1].gaps)), gaps.worst),
                             at_layer(gaps.worst), gaps.worst, {x.part});
            f.spots = gaps.spots;
        }
        const Run walls = run_of(
            *this, x.layers, [](const LayerDetail& d) { return d.walls; },
            [&](const LayerDetail& d) { return area_mm2(d.walls); });
        if (walls.worst) {
            const double t = x.layers[walls.worst - 1].thinnest_wall_mm;
            if (t > line * 1.02 && t < 2 * line * 0.98) {
                // Common practice, no source: both lines fit when they overlap by 2 − t/w of a line.
                Finding& f = add(
                    "thin-wall", Severity::note,
                    say("{} has walls about {} thick in {}, between one line and two of {}. Both fit when "
                        "they overlap by {} % of a line; else lines of {} fill them.",
                        x.name, mm(t), layers_text(walls), mm(line), num(100 * (2 - t / line), 0), mm(t / 2)),
                    at_layer(walls.worst), walls.worst, {x.part});
                f.spots = walls.spots;
                if (t / 2 >= 0.75 * p.machine.nozzles.front().diameter_mm)
                    f.fixes.push_back(
                        {say("print lines of {}", mm(t / 2)), say("two of them fill the wall"),
                         [t](Project& q) { q.settings.line_width_mm = std::floor(t / 2 * 100) / 100; }});
            }
        }
    }
}

void Checker::lettering() {
    if (!made.detail || grid().count < 2)
        return;
    // Lettering face down: fine strokes in the first layer of what soon ends, in another colour than what
    // covers it.
    constexpr double kEnds_mm = 1.5, kFine = 0.2;
    const std::vector<Feature> features = features_of(*this);
    const Feature* letters = nullptr;
    double fraction = 0;
    int cover = -1;
    for (const Feature& x : features) {
        const LayerDetail& d = x.layers[0];
        const bool painted = &x.layers != &made.detail->parts[static_cast<std::size_t>(x.part)];
        const bool ends_soon =
            painted || piece.parts[static_cast<std::size_t>(x.part)].mesh->bounds.max.z - bed_z() < kEnds_mm;
        if (!(painted || piece.parts.size() > 1) || !ends_soon || x.first.empty())
            continue;
        if (cover < 0)
            cover = largest_part(piece); // goes through all triangles
        if (!painted && !plan.first_job && x.part != cover &&
            made.owner[static_cast<std::size_t>(x.part)][0] == made.owner[static_cast<std::size_t>(cover)][0])
            continue; // nobody reads it
        const double fine = d.mm2 > 0 ? (d.strokes_mm2 + area_mm2(d.walls)) / d.mm2 : 0;
        if (fine > kFine && fine > fraction) {
            letters = &x;
            fraction = fine;
        }
    }
    if (!letters)
        return;
    const int part = letters->part;
    Finding& f =
        add("first-layer-lettering", plan.first_job ? Severity::note : Severity::warning,
            sentences({say("{} is fine lettering on the first layer: {} % of it is narrower than two lines.",
                           letters->name, num(100 * fraction, 0)),
                       plan.first_job ? say("It is planned as two jobs; the run sheet says how.")
                                      : say("Fine first layers stick badly and blur. Three ways help: a "
                                            "sacrificial base, two jobs, or a finer nozzle.")}),
            at_layer(1), 1, {part});
    add_spots(*this, letters->first, 1, f.spots);
    if (plan.first_job)
        return;
    // One: a base to be filed off. Same class, as another does not hold; another colour, to be seen while
    // filing. It is filed off all that lies on it: the colour whose smallest difference to any of that is
    // largest.
    const int over = filament_in(part, 1);
    std::set<int> filed_off;
    for (const std::uint8_t f : plan.sequence.layer(0))
        filed_off.insert(f);
    int base = -1;
    double most = 0;
    for (int i = 0; i < plan.filaments; ++i) {
        if (p.filaments[i].material != p.filaments[over].material)
            continue;
        double least = 1e9;
        for (const int f : filed_off)
            least = std::min(least, delta_e_2000(to_lab(p.filaments[i].colour),
                                                 to_lab(p.filaments[static_cast<std::size_t>(f)].colour)));
        if (least > most)
            most = least, base = i;
    }
    if (base <
        0) // of the filaments in use none stands out from all: at least from the body, which is most of it
        for (int i = 0; i < plan.filaments; ++i)
            if (p.filaments[i].material == p.filaments[over].material)
                if (const double d = delta_e_2000(
                        to_lab(p.filaments[i].colour),
                        to_lab(p.filaments[static_cast<std::size_t>(main_filament(made))].colour));
                    d > most)
                    most = d, base = i;
    constexpr double kBase_mm = 0.1,
                     kRim_mm = 0.4; // a line around, so that the edge of the piece stands on it too
    if (base >= 0 && std::none_of(piece.parts.begin(), piece.parts.end(),
                                  [](const Part& part) { return part.sacrificial; })) {
        const char letter = p.filaments[base].letter;
        const double z = bed_z();
        const int layers =
            1 + make_grid(p.settings.first_layer_mm, p.settings.layer_mm, made.table->bounds.max.z - z).count;
        f.fixes.push_back(
            {say("add a sacrificial base in {}", letter),
             say("A base of {} in {} below everything, printed as the first layer at the usual first-layer "
                 "speed; {} layers in all, every change one layer later. Calibrate the flow of each colour "
                 "beforehand. "
                 "When it is off the bed, file the base away until the lettering shows clean, with a fine "
                 "file, then paper of 600 to 2000 grit. Wet-sand or wear a dust mask.",
                 mm(kBase_mm, 1), letter, layers),
             [whose = at, letter, table = made.table, z](Project& q) {
                 Piece& on = q.pieces[static_cast<std::size_t>(whose)];
                 Builder b;
                 add_prism(b, offset(table->foot, kRim_mm), z - kBase_mm, z);
                 Part basis;
                 basis.name = free_part_name(q, "sacrificial base");
                 basis.mesh = std::make_shared<Mesh>(b.build());
                 basis.own_mesh = true;
                 basis.filament = letter;
                 basis.model = on.parts.empty() ? 0 : on.parts.front().model;
                 basis.object = on.parts.empty() ? 0 : on.parts.front().object;
                 basis.sacrificial = true;
                 on.parts.push_back(std::move(basis));
                 for (Band& band : on.bands) {
                     band.z0_mm += band.z0_mm > 0 ? kBase_mm : 0;
                     band.z1_mm += kBase_mm;
                 }
                 q.settings.first_layer_mm = kBase_mm;
             }});
    }
    // Two: outlines as a job of their own; paint is no body that could be.
    Project two_jobs = p;
    two_jobs.settings.lettering_two_jobs = true;
    if (letters->layers.data() == made.detail->parts[static_cast<std::size_t>(part)].data() &&
        printed_first(two_jobs, piece)[static_cast<std::size_t>(part)])
        f.fixes.push_back(
            {say("print it as two jobs"),
             say("Job one: only the lettering's outlines, one layer of {}, then stop. Swap the filament. Job "
                 "two: the whole piece over it with a first layer of {}, thicker than job one's. "
                 "Take job one's skirt and prime line off before job two starts; let nothing move on the "
                 "bed.",
                 mm(0.2), mm(0.3)),
             [](Project& q) {
                 q.settings.lettering_two_jobs = true;
                 q.settings.first_layer_mm = 0.3;
             }});
    // Three: common practice, no source: 1.5 mm text is legible from a 0.2 mm nozzle at 0.1 mm layers.
    bool has_finer = false;
    for (const Nozzle& n : p.machine.nozzles)
        has_finer |= n.diameter_mm <= 0.2 + 1e-9;
    f.fixes.push_back(
        {say("use a {} nozzle", mm(0.2, 1)),
         sentences({has_finer ? say("The machine has one.")
                              : say("Every nozzle has to be exchanged for one; let it cool first."),
                    say("Lines of {}, layers of {} ({} of them), two walls, solid fill, elephant-foot "
                        "compensation off. Slower, and the sharpest of the three.",
                        mm(0.22), mm(0.1), make_grid(0.1, 0.1, made.table->bounds.max.z - bed_z()).count)}),
         [](Project& q) {
             for (Nozzle& n : q.machine.nozzles)
                 n.diameter_mm = 0.2;
             q.settings.line_width_mm = 0.22;
             q.settings.layer_mm = q.settings.first_layer_mm = 0.1;
             q.settings.walls = 2;
             q.settings.infill_pct = 100;
         }});
}

void Checker::lugs() {
    if (!made.detail)
        return;
    const std::vector<SnapPlace> snaps = snap_places(made.detail.get(), made.support.get());
    for (int part = 0; part < static_cast<int>(piece.parts.size()); ++part) {
        if (made.support) {
            // What is ready to snap is known.
            Run held;
            for (const SnapPlace& x : snaps) {
                if (x.part != part)
                    continue;
                held.from = held.from ? held.from : x.layer;
                held.to = x.layer;
                ++held.layers;
                held.worst = held.worst ? held.worst : x.layer;
                add_spots(*this, x.area, x.layer, held.spots);
            }
            if (held.worst) {
                Finding& f = add("thin-lug", Severity::warning,
                                 say("Support touches thin features of {} in {}, less than {} lines thick "
                                     "({}): ready to snap off with it. Cut it away there, do not pull. Cut "
                                     "away from your hand and wear eye protection.",
                                     quoted(part), layers_text(held), num(p.settings.check_lug_lines, 0),
                                     mm(p.settings.check_lug_lines * p.settings.line_width_mm, 1)),
                                 at_layer(held.worst), held.worst, {part});
                f.spots = held.spots;
            }
            continue;
        }
        const Run r = run_of(
            *this, made.detail->parts[static_cast<std::size_t>(part)],
            [](const LayerDetail& d) { return d.lugs; },
            [](const LayerDetail& d) { return area_mm2(d.lugs); });
        if (!r.worst)
            continue;
        Finding& f = add("thin-lug", Severity::warning,
                         say("{} has thin features over air in {}, less than {} lines thick ({}). Support "
                             "will touch them: cut it away there, do not pull, or they snap off with it. Cut "
                             "away from your hand and wear eye protection.",
                             quoted(part), layers_text(r), num(p.settings.check_lug_lines, 0),
                             mm(p.settings.check_lug_lines * p.settings.line_width_mm, 1)),
                         at_layer(r.worst), r.worst, {part});
        f.spots = r.spots;
    }
}

} // namespace vitrail
