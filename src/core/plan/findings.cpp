#include "core/plan/findings.h"

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <map>
#include <set>

namespace vitrail {

namespace {

std::string mm(double v, int decimals = 2) {
    char buffer[48];
    std::snprintf(buffer, sizeof buffer, "%.*f mm", decimals, v);
    return buffer;
}

std::string num(double v, int decimals = 1) {
    char buffer[48];
    std::snprintf(buffer, sizeof buffer, "%.*f", decimals, v);
    return buffer;
}

std::string at_layer(const LayerGrid& g, int layer) {
    return "layer " + std::to_string(layer) + " (" + mm(g.bottom_mm(layer)) + " to " + mm(g.top_mm(layer)) + ")";
}

struct Checker {
    const Project& p;
    const Plan& plan;
    std::vector<Finding> found;

    Finding& add(const char* code, Severity severity, std::string message, std::string where, int layer = 0,
                 std::vector<int> parts = {}) {
        found.push_back({code, severity, std::move(message), std::move(where), layer, std::move(parts), {}});
        return found.back();
    }

    std::string quoted(int part) const { return "\u201c" + p.parts[part].name + "\u201d"; }
    std::string named(const Filament& f) const {
        return std::string(1, f.letter) + " (" + facts(f.material).id + ")";
    }
    /// Index of the filament of a part in a layer.
    int filament_in(int part, int layer) const {
        return std::max(0, find_filament(p, filament_at(p, part, plan.grid.middle_mm(layer))));
    }
    bool used(int filament) const { return plan.use[filament].model_mm3 > 0; }
    std::vector<int> used_filaments() const {
        std::vector<int> u;
        for (int f = 0; f < plan.filaments; ++f)
            if (used(f))
                u.push_back(f);
        return u;
    }

    void meshes();
    void overlaps();
    void unassigned();
    void bonds();
    void temperatures();
    void heights();
    void bands();
    void bed();
    void slots();
    void tower();
    void hands();
};

void Checker::meshes() {
    for (std::size_t i = 0; i < p.parts.size(); ++i) {
        const int part = static_cast<int>(i);
        const MeshCheck& m = p.parts[i].mesh->check;
        const SliceCheck& s = plan.table->parts[i].check;
        if (m.not_finite)
            add("mesh-not-finite", Severity::error,
                quoted(part) + " has " + std::to_string(m.not_finite) +
                    " triangles with corners that are no usable numbers; they were left out. Export the model again.",
                "part " + p.parts[i].name, 0, {part});
        if (p.parts[i].mesh->triangles.empty())
            add("empty-part", Severity::error, quoted(part) + " has no usable triangle, so nothing of it is planned.",
                "part " + p.parts[i].name, 0, {part});
        if (s.open_layers)
            add("mesh-open", s.widest_gap_mm > 1 ? Severity::error : Severity::warning,
                quoted(part) + " has holes: " + std::to_string(m.open_edges) + " open edges. In " +
                    std::to_string(s.open_layers) + " layers the outline was closed by straight lines of up to " +
                    mm(s.widest_gap_mm) + ". Look at those layers, or close the mesh in the program it comes from.",
                at_layer(plan.grid, s.first_open_layer), s.first_open_layer, {part});
        else if (m.open_edges)
            add("mesh-open", Severity::note,
                quoted(part) + " has " + std::to_string(m.open_edges) + " open edges, none of which a layer meets.",
                "part " + p.parts[i].name, 0, {part});
        if (m.flipped || m.duplicate || m.zero_area || m.inside_out) {
            std::string what;
            const auto say = [&](std::size_t n, const char* thing) {
                if (n)
                    what += (what.empty() ? "" : ", ") + std::to_string(n) + " " + thing;
            };
            say(m.flipped, "flipped faces turned round");
            say(m.duplicate, "duplicate faces dropped");
            say(m.zero_area, "faces without area dropped");
            if (m.inside_out)
                what += std::string(what.empty() ? "" : ", ") + "all of it was inside out";
            add("mesh-repaired", Severity::note, quoted(part) + " was mended for slicing: " + what + ".",
                "part " + p.parts[i].name, 0, {part});
        }
        if (s.crossing_layers)
            add("mesh-crossing", Severity::warning,
                quoted(part) + " crosses itself or holds overlapping bodies; in " + std::to_string(s.crossing_layers) +
                    " layers the outlines were united.",
                at_layer(plan.grid, s.first_crossing_layer), s.first_crossing_layer, {part});
    }
}

void Checker::overlaps() {
    for (const Overlap& o : plan.table->overlaps) {
        Finding& f = add("overlap", Severity::warning,
                         quoted(o.first_part) + " and " + quoted(o.second_part) + " claim the same " + num(o.mm3) +
                             " mm³ in layers " + std::to_string(o.from_layer) + " to " + std::to_string(o.to_layer) +
                             ", first at x " + num(o.x_mm) + ", y " + num(o.y_mm) + " mm. The later in the list, " +
                             quoted(o.second_part) + ", gets it.",
                         at_layer(plan.grid, o.from_layer), o.from_layer, {o.first_part, o.second_part});
        const std::string a = p.parts[o.first_part].name, b = p.parts[o.second_part].name;
        f.fix = Fix{"give it to \u201c" + a + "\u201d", [a, b](Project& q) {
                        const int i = find_part(q, a), j = find_part(q, b);
                        if (i >= 0 && j > i)
                            std::rotate(q.parts.begin() + i, q.parts.begin() + i + 1, q.parts.begin() + j + 1);
                    }};
    }
}

void Checker::unassigned() {
    for (std::size_t i = 0; i < p.parts.size(); ++i) {
        const int part = static_cast<int>(i);
        if (find_filament(p, p.parts[i].filament) >= 0)
            continue;
        const char first = p.filaments.front().letter;
        Finding& f = add("unassigned", Severity::error,
                         quoted(part) + " has no filament. It is planned in " + std::string(1, first) +
                             " until you give it one.",
                         "part " + p.parts[i].name, 0, {part});
        const std::string name = p.parts[i].name;
        f.fix = Fix{std::string("give it ") + first, [name, first](Project& q) {
                        if (const int k = find_part(q, name); k >= 0)
                            q.parts[k].filament = first;
                    }};
    }
}

void Checker::bonds() {
    // Where two filaments first meet: within a part from layer to layer, or between parts that touch.
    struct Meeting {
        int layer, part, other;
    };
    std::map<std::pair<int, int>, Meeting> meet;
    const auto note = [&](int a, int b, int layer, int part, int other) {
        if (p.filaments[a].material == p.filaments[b].material)
            return;
        const auto [it, fresh] = meet.try_emplace(std::minmax(a, b), Meeting{layer, part, other});
        if (!fresh && layer < it->second.layer)
            it->second = {layer, part, other};
    };
    std::set<Material> classes;
    for (int f : used_filaments())
        classes.insert(p.filaments[f].material);
    if (classes.size() < 2)
        return;
    for (std::size_t i = 0; i < p.parts.size(); ++i)
        for (int l = 2; l <= plan.grid.count; ++l)
            if (!plan.table->parts[i].layers[l - 1].empty() && !plan.table->parts[i].layers[l - 2].empty())
                note(filament_in(static_cast<int>(i), l - 1), filament_in(static_cast<int>(i), l), l, static_cast<int>(i),
                     static_cast<int>(i));
    for (const Contact& c : plan.table->contacts)
        for (int l = c.from_layer; l <= c.to_layer; ++l) {
            const auto there = [&](int part, int layer) { return layer > 0 && !plan.table->parts[part].layers[layer - 1].empty(); };
            const int a = c.first_part, b = c.second_part;
            if (there(a, l) && there(b, l))
                note(filament_in(a, l), filament_in(b, l), l, a, b);
            else if (there(a, l - 1) && there(b, l)) // one ends where the other begins
                note(filament_in(a, l - 1), filament_in(b, l), l, a, b);
            else if (there(b, l - 1) && there(a, l))
                note(filament_in(a, l), filament_in(b, l - 1), l, a, b);
        }
    for (const auto& [pair, m] : meet) {
        const Filament &a = p.filaments[pair.first], &b = p.filaments[pair.second];
        const Bond how = bond(a.material, b.material);
        if (how == Bond::holds)
            continue;
        const std::string who = m.part == m.other ? "inside " + quoted(m.part)
                                                  : "where " + quoted(m.part) + " and " + quoted(m.other) + " touch";
        std::vector<int> parts{m.part};
        if (m.other != m.part)
            parts.push_back(m.other);
        if (how == Bond::experimental) {
            add("experimental-bond", Severity::warning,
                named(a) + " and " + named(b) + " meet " + who + "; whether they hold is not proven. Print a small test first.",
                at_layer(plan.grid, m.layer), m.layer, parts);
            continue;
        }
        Finding& f = add("no-bond", Severity::error,
                         named(a) + " and " + named(b) + " do not bond: they meet " + who +
                             " and the piece will split there.",
                         at_layer(plan.grid, m.layer), m.layer, parts);
        // Change the one that prints less.
        const bool first_prints_less = plan.use[pair.first].model_mm3 < plan.use[pair.second].model_mm3;
        const Filament& change = first_prints_less ? a : b;
        const Material to = (first_prints_less ? b : a).material;
        const char letter = change.letter;
        f.fix = Fix{std::string("make ") + letter + " " + facts(to).id, [letter, to](Project& q) {
                        if (const int k = find_filament(q, letter); k >= 0) {
                            Filament fresh = make_filament(letter, to, q.filaments[k].colour, q.filaments[k].name);
                            fresh.price_per_kg = q.filaments[k].price_per_kg;
                            fresh.diameter_mm = q.filaments[k].diameter_mm;
                            fresh.td_mm = q.filaments[k].td_mm;
                            q.filaments[k] = fresh;
                        }
                    }};
    }
}

void Checker::temperatures() {
    const auto window = [](Range r) { return num(r.low, 0) + "\u2013" + num(r.high, 0) + " °C"; };
    // One finding for each filament that stands against others, not one for each pair.
    const auto each_misfit = [&](auto apart, auto say) {
        std::vector<int> left = used_filaments();
        for (;;) {
            int worst = -1;
            std::vector<int> against;
            for (const int f : left) {
                std::vector<int> others;
                for (const int g : left)
                    if (f != g && apart(f, g))
                        others.push_back(g);
                if (others.size() > against.size() || (others.size() == against.size() && !others.empty() && worst < 0))
                    worst = f, against = others;
            }
            if (worst < 0)
                return;
            say(worst, against);
            std::erase(left, worst);
        }
    };
    const auto list = [&](const std::vector<int>& filaments, Range Filament::*range) {
        std::string s;
        for (std::size_t i = 0; i < filaments.size(); ++i) {
            const Filament& f = p.filaments[filaments[i]];
            s += (i == 0 ? "" : i + 1 == filaments.size() ? " and " : ", ") + named(f) + " " + window(f.*range);
        }
        return s;
    };
    each_misfit([&](int a, int b) { return !p.filaments[a].bed_c.meets(p.filaments[b].bed_c); },
                [&](int f, const std::vector<int>& against) {
                    add("bed-window", Severity::error,
                        "One bed cannot suit both " + list({f}, &Filament::bed_c) + " and " + list(against, &Filament::bed_c) +
                            ". Choose filaments whose bed temperatures overlap.",
                        "whole print");
                });
    // On one nozzle it hurts; on nozzles of their own it does not.
    for (const bool shared : {true, false})
        each_misfit(
            [&](int a, int b) {
                return !p.filaments[a].nozzle_c.meets(p.filaments[b].nozzle_c) && (plan.loading.nozzle[a] == plan.loading.nozzle[b]) == shared;
            },
            [&](int f, const std::vector<int>& against) {
                add("temperature-window", shared ? Severity::warning : Severity::note,
                    list({f}, &Filament::nozzle_c) + " has no nozzle temperature in common with " + list(against, &Filament::nozzle_c) +
                        (shared ? ": the printer waits for heat at every change, and the nozzle may clog."
                                : "; they are on nozzles of their own, so that is no trouble."),
                    "whole print");
            });
}

void Checker::heights() {
    // Common practice, no source: layers of 25 to 75 % of the nozzle's diameter.
    std::set<double> diameters;
    for (int f : used_filaments())
        diameters.insert(p.machine.nozzles[plan.loading.nozzle[f]].diameter_mm);
    for (double d : diameters) {
        const auto fits = [&](double h) { return h >= 0.25 * d - 1e-9 && h <= 0.75 * d + 1e-9; };
        if (plan.grid.count > 1 && !fits(plan.grid.height_mm))
            add("layer-height", plan.grid.height_mm > 0.8 * d ? Severity::error : Severity::note,
                "Layers of " + mm(plan.grid.height_mm) + " are outside the usual 25 to 75 % of a " + mm(d, 1) +
                    " nozzle (" + mm(0.25 * d) + " to " + mm(0.75 * d) + ").",
                "whole print");
        if (!fits(plan.grid.first_mm))
            add("first-layer", plan.grid.first_mm > 0.8 * d ? Severity::error : Severity::note,
                "A first layer of " + mm(plan.grid.first_mm) + " is outside the usual 25 to 75 % of a " + mm(d, 1) +
                    " nozzle.",
                at_layer(plan.grid, 1), 1);
    }
}

void Checker::bands() {
    for (const Band& b : p.bands) {
        const int part = find_part(p, b.part);
        if (part < 0)
            continue;
        const int from = first_layer_above(plan.grid, b.z0_mm), to = first_layer_above(plan.grid, b.z1_mm) - 1;
        if (to < from) {
            add("band-empty", Severity::warning,
                "The band " + mm(b.z0_mm) + " to " + mm(b.z1_mm) + " of " + quoted(part) +
                    " lies between the middles of two layers, so no layer takes its filament.",
                "part " + b.part, std::min(from, plan.grid.count), {part});
            continue;
        }
        const double z0 = plan.grid.bottom_mm(from), z1 = plan.grid.top_mm(to);
        const double top = plan.table->bounds.max.z - plan.table->bed_z_mm;
        const double off0 = z0 - b.z0_mm, off1 = b.z1_mm >= top - 1e-6 ? 0 : z1 - b.z1_mm;
        if (std::abs(off0) > 0.0051 || std::abs(off1) > 0.0051)
            add("band-rounded", Severity::note,
                "The band " + mm(b.z0_mm) + " to " + mm(b.z1_mm) + " of " + quoted(part) + " does not fall on layers; it is printed from " +
                    mm(z0) + " to " + mm(z1) + " (layers " + std::to_string(from) + " to " + std::to_string(to) + ").",
                at_layer(plan.grid, from), from, {part});
    }
}

void Checker::bed() {
    const Bounds& b = plan.table->bounds;
    const double w = b.max.x - b.min.x, d = b.max.y - b.min.y, h = b.max.z - b.min.z;
    const Machine& m = p.machine;
    const std::string bed = num(m.bed_x_mm, 0) + " × " + num(m.bed_y_mm, 0) + " × " + num(m.height_mm, 0) + " mm";
    if (w > m.bed_x_mm || d > m.bed_y_mm || h > m.height_mm) {
        add("off-bed", Severity::error,
            "The piece measures " + num(w) + " × " + num(d) + " × " + num(h) + " mm and does not fit the printer's " + bed +
                ". Turn it, scale it, or choose another machine.",
            "whole print");
        return;
    }
    // Copies in rows with free space around each; the tower takes places off the last row.
    const double gap = p.settings.spacing_mm;
    const int across = static_cast<int>((m.bed_x_mm + gap) / (w + gap)), deep = static_cast<int>((m.bed_y_mm + gap) / (d + gap));
    int places = across * deep;
    if (plan.tower.layers > 0) {
        const int wide = static_cast<int>(std::ceil((plan.tower.width_mm + gap) / (w + gap)));
        const int long_ = static_cast<int>(std::ceil((plan.tower.width_mm + gap) / (d + gap)));
        const bool beside = m.bed_x_mm - across * (w + gap) >= plan.tower.width_mm ||
                            m.bed_y_mm - deep * (d + gap) >= plan.tower.width_mm;
        if (!beside)
            places -= wide * long_;
    }
    if (p.settings.copies > places) {
        Finding& f = add("off-bed", Severity::error,
                         num(p.settings.copies, 0) + " copies do not fit on " + num(m.bed_x_mm, 0) + " × " +
                             num(m.bed_y_mm, 0) + " mm with " + mm(gap, 1) + " between them" +
                             (plan.tower.layers ? " and the tower" : "") + "; " + std::to_string(std::max(0, places)) + " do.",
                         "whole plate");
        if (places > 0)
            f.fix = Fix{"print " + std::to_string(places), [places](Project& q) { q.settings.copies = places; }};
    }
}

void Checker::slots() {
    const int used = static_cast<int>(used_filaments().size()), places = places_for_filament(p.machine);
    bool by_hand_only = true;
    for (const Toolhead& t : p.machine.toolheads)
        by_hand_only &= !t.has_feeder();
    if (used > places && !by_hand_only)
        add("slots-short", Severity::warning,
            "The print takes " + std::to_string(used) + " filaments and the machine holds " + std::to_string(places) +
                ". Somebody must refill a slot while it is idle, or the printer will wait.",
            "whole print");
}

void Checker::tower() {
    const Tower& t = plan.tower;
    if (!t.layers)
        return;
    if (t.slenderness() > p.settings.slenderness_limit + 1e-9) {
        Finding& f = add("tower-slender", Severity::warning,
                         "The tower is " + mm(t.height_mm, 1) + " tall on " + mm(t.width_mm, 1) + ": " + num(t.slenderness()) +
                             " times its width. Beyond " + num(p.settings.slenderness_limit, 0) + " it may topple.",
                         at_layer(plan.grid, t.layers), t.layers);
        f.fix = Fix{"let it be as wide as it must", [](Project& q) { q.settings.tower_width_mm = 0; }};
    }
    if (t.overflow_mm3 > 0.5) {
        Finding& f = add("tower-small", Severity::error,
                         "A tower " + mm(t.width_mm, 1) + " wide has no room for " + num(t.overflow_mm3, 0) +
                             " mm³ of purge; the busiest layer is " + std::to_string(t.busiest_layer) + ".",
                         at_layer(plan.grid, t.busiest_layer), t.busiest_layer);
        f.fix = Fix{"let it be as wide as it must", [](Project& q) { q.settings.tower_width_mm = 0; }};
    }
}

void Checker::hands() {
    int within = 0, first_layer = 0;
    for (const Change& c : plan.changes)
        if (c.kind == ChangeKind::hand && c.within_layer) {
            ++within;
            if (!first_layer)
                first_layer = c.layer;
        }
    if (within)
        add("hand-within-layer", Severity::warning,
            std::to_string(within) + " of " + std::to_string(plan.totals.hand_swaps) +
                " hand swaps fall inside a layer: the printer must pause in mid-layer, and somebody must stay for " +
                num(plan.totals.attended_s / 60, 0) + " min in all.",
            at_layer(plan.grid, first_layer), first_layer);
}

} // namespace

std::vector<Finding> find_problems(const Project& project, const Plan& plan) {
    Checker c{project, plan, {}};
    c.meshes();
    c.unassigned();
    c.bonds();
    c.overlaps();
    c.temperatures();
    c.heights();
    c.bands();
    c.bed();
    c.slots();
    c.tower();
    c.hands();
    std::stable_sort(c.found.begin(), c.found.end(),
                     [](const Finding& a, const Finding& b) { return a.severity < b.severity; });
    return std::move(c.found);
}

} // namespace vitrail
