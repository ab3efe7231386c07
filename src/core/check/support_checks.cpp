#include "core/check/checker.h"

#include "core/support/cleanup.h"
#include "core/material/pairing.h"

#include <algorithm>
#include <numeric>

namespace vitrail {

namespace {

/// The middle of every contact of the face, at most so many.
void add_contacts(const Checker& c, int face, std::vector<Spot>& spots) {
    constexpr std::size_t kMostSpots = 200;
    for (const SupportContact& x : c.plan.support->layout->contacts)
        if (x.face == face && spots.size() < kMostSpots)
            spots.push_back(c.spot_in(box_of(x.area), x.layer));
}

/// A region that hangs.
struct Hanging {
    double mm2 = 0;
    int layer = 0;
    Box box;
};

void add_pieces(std::vector<Hanging>& all, const Rows& area, int layer) {
    for (const Rows& piece : pieces_of(area))
        all.push_back({area_mm2(piece), layer, box_of(piece)});
}

double sum_mm2(const std::vector<Hanging>& all) {
    return std::accumulate(all.begin(), all.end(), 0.0, [](double sum, const Hanging& h) { return sum + h.mm2; });
}

/// The largest as places; at most so many.
std::vector<Spot> largest(const Checker& c, std::vector<Hanging> all) {
    std::stable_sort(all.begin(), all.end(), [](const Hanging& a, const Hanging& b) { return a.mm2 > b.mm2; });
    constexpr std::size_t kMostSpots = 60;
    all.resize(std::min(all.size(), kMostSpots));
    std::vector<Spot> spots;
    for (const Hanging& h : all)
        spots.push_back(c.spot_in(h.box, h.layer));
    return spots;
}

} // namespace

void Checker::unsupported() {
    if (plan.support || !plan.underside)
        return;
    // A body over a gap is told as that: what it wants is no support.
    const auto over_gap = [this](int layer) {
        return std::any_of(plan.table->gaps.begin(), plan.table->gaps.end(), [&](const Gap& g) {
            return g.upwards && layer >= g.from_layer && plan.grid.bottom_mm(layer) <= plan.grid.bottom_mm(g.from_layer) + g.wide_mm + plan.grid.height_mm;
        });
    };
    std::vector<Hanging> islands, steep;
    for (std::size_t i = 1; i < plan.underside->overhangs->size(); ++i) {
        const Overhang& o = (*plan.underside->overhangs)[i];
        const int layer = static_cast<int>(i) + 1;
        if (!over_gap(layer))
            add_pieces(islands, o.islands, layer);
        add_pieces(steep, subtract(o.area, o.islands), layer);
    }
    const double steep_mm2 = sum_mm2(steep);
    constexpr double kNothing_mm2 = 0.1, kLittle_mm2 = 20; // an edge that curls a little is seen to by hand. Ours
    const Settings& s = p.settings;
    const Fix columns{"plan columns of support", "", [](Project& q) { q.settings.support = kColumns; }};
    if (sum_mm2(islands) > kNothing_mm2) {
        const int first = islands.front().layer;
        Finding& f = add("in-the-air", Severity::error,
                         (islands.size() == 1 ? "A region begins in the air," : std::to_string(islands.size()) + " regions begin in the air, the lowest") + " in layer " + std::to_string(first) + " at " + mm(plan.grid.bottom_mm(first), 1) +
                             ": nothing is below, and no support is planned. What is printed there falls down.",
                         at_layer(first), first);
        f.spots = largest(*this, islands);
        f.fixes.push_back(columns);
    }
    if (steep_mm2 > kLittle_mm2) {
        const auto worst = std::max_element(steep.begin(), steep.end(), [](const Hanging& a, const Hanging& b) { return a.mm2 < b.mm2; });
        Finding& f = add("needs-support", Severity::warning,
                         num(steep_mm2 / 100, 1) + " cm² overhang by more than " + num(s.support_angle_deg, 0) + "° and no support is planned: they sag or curl, most in layer " + std::to_string(worst->layer) + ". The Supports bench compares what would hold them.", at_layer(worst->layer), worst->layer);
        f.spots = largest(*this, steep);
        f.fixes.push_back(columns);
    }
}

void Checker::supports() {
    if (!plan.support)
        return;
    double freed = 0;
    int at = 0;
    for (std::size_t i = 0; i < plan.support->overhangs->size(); ++i)
        if (const double mm2 = (*plan.support->overhangs)[i].freed_mm2; mm2 > 0.1) {
            freed += mm2;
            at = at ? at : static_cast<int>(i) + 1;
        }
    if (at)
        add("support-kept-off", Severity::note, num(freed, 0) + " mm² that would need holding are kept free by paint: they may sag.", at_layer(at), at);
    if (plan.support->layout->faces.empty())
        return;
    const SupportLayout& layout = *plan.support->layout;
    const Settings& s = p.settings;
    const Filament& piece = p.filaments[static_cast<std::size_t>(main_filament(plan))];
    const int chosen = find_filament(p, p.interface_filament ? p.interface_filament : p.support_filament);
    const Filament& touches = chosen < 0 ? piece : p.filaments[static_cast<std::size_t>(chosen)];
    const ComesOff how = comes_off(touches, piece);

    if (how == ComesOff::broken && s.support_gap_layers < 1) {
        Finding& f = add("support-fuses", Severity::warning,
                         "Support of " + named(touches) + " touches the piece of " + named(piece) + " without a gap: they bond, and it does not come off. The same material wants a gap of about one layer.", "support", layout.contacts.front().layer);
        f.fixes.push_back({"leave a gap of one layer", {}, [](Project& q) { q.settings.support_gap_layers = 1; }});
    }
    double stands = 0;
    int stands_at = 0;
    for (const SupportFoot& foot : layout.feet) {
        const auto at = static_cast<std::size_t>(foot.layer) - 1;
        const Filament& f = p.filaments[foot.has_interface ? plan.interface_by[at] : plan.support_by[at]];
        if (s.support_gap_layers < 1 && how != ComesOff::broken && comes_off(f, piece) == ComesOff::broken) {
            stands += foot.mm2;
            stands_at = stands_at ? stands_at : foot.layer;
        }
    }
    if (stands > 1) {
        Finding& f = add("support-fuses", Severity::warning,
                         "The body of the support stands on " + num(stands / 100, 1) + " cm² of the piece without a gap: there they bond. Print interface below it as well, or let it stand on the bed only.", at_layer(stands_at), stands_at);
        f.fixes.push_back({"print 2 layers of interface there", {}, [](Project& q) { q.settings.interface_below = 2; }});
    }
    if (how != ComesOff::broken && s.support_gap_layers > 0) {
        Finding& f = add("support-gap", Severity::warning,
                         named(touches) + " comes off " + named(piece) + " by itself and wants no gap; with " + num(s.support_gap_layers, 0) + " layers of it the face above sags.", "support", layout.contacts.front().layer);
        f.fixes.push_back({"leave no gap", {}, [](Project& q) { q.settings.support_gap_layers = 0; }});
    }
    if (p.interface_filament && p.interface_filament != p.support_filament && how != ComesOff::broken) {
        int missed = 0, worst = 0;
        double mm2 = 0;
        std::vector<Spot> spots;
        for (std::size_t k = 0; k < layout.faces.size(); ++k) {
            const ContactFace& f = layout.faces[k];
            if (f.small || f.held_mm2 <= 0.1 || f.interface_mm2 >= 0.97 * f.held_mm2)
                continue;
            ++missed;
            mm2 += f.held_mm2 - f.interface_mm2;
            if (!worst)
                worst = f.from_layer;
            add_contacts(*this, static_cast<int>(k), spots);
        }
        if (missed) {
            Finding& f = add("interface-missed", Severity::warning,
                             std::to_string(missed) + " of " + std::to_string(layout.faces.size()) + " contact faces (" + num(mm2, 1) + " mm²) touch the piece without the interface of " + named(touches) + ": there it fuses, and breaks out of the face.",
                             at_layer(worst), worst);
            f.spots = std::move(spots);
            if (s.interface_layers < 1)
                f.fixes.push_back({"print 3 layers of interface", {}, [](Project& q) { q.settings.interface_layers = 3; }});
        }
    }
    {
        double mm2 = 0;
        int worst = 0;
        std::vector<Spot> spots;
        for (std::size_t k = 0; k < layout.faces.size(); ++k) {
            const ContactFace& f = layout.faces[k];
            if (f.held_mm2 > 0.3 * f.mm2 || f.mm2 - f.held_mm2 < 4)
                continue; // what lies right beside the piece hangs on it
            mm2 += f.mm2 - f.held_mm2;
            worst = worst ? worst : f.from_layer;
            add_contacts(*this, static_cast<int>(k), spots);
        }
        if (worst) {
            Finding& f = add("support-unheld", Severity::warning,
                             num(mm2, 0) + " mm² of overhang are held by nothing" + (s.support_on_piece == kNo ? ": support may stand on the bed only, and does not get there." : ": there is no room below for support that keeps clear of the piece."),
                             at_layer(worst), worst);
            f.spots = std::move(spots);
            if (s.support_on_piece == kNo)
                f.fixes.push_back({"let support stand on the piece", "it scars the piece there", [](Project& q) { q.settings.support_on_piece = kYes; }});
        }
    }
    double trapped = 0, far = 0, broken = 0;
    int trapped_at = 0, far_at = 0;
    std::vector<Spot> trapped_spots, far_spots;
    for (std::size_t k = 0; k < plan.face_access.size(); ++k) {
        const FaceAccess& a = plan.face_access[k];
        const ContactFace& f = layout.faces[k];
        broken += f.held_mm2;
        if (f.held_mm2 * a.enclosed > 1) {
            trapped += f.held_mm2 * a.enclosed;
            trapped_at = trapped_at ? trapped_at : f.from_layer;
            add_contacts(*this, static_cast<int>(k), trapped_spots);
        } else if (f.held_mm2 * a.no_tool > 1) {
            far += f.held_mm2 * a.no_tool;
            far_at = far_at ? far_at : f.from_layer;
            add_contacts(*this, static_cast<int>(k), far_spots);
        }
    }
    if (trapped_at) {
        Finding& f = add("support-trapped", Severity::warning,
                         num(trapped / 100, 1) + " cm² of support touch the piece in a cavity without an opening: nothing gets out of there, " + (facts(touches.material).soluble ? "dissolved or not. " : "and no tool gets in. ") +
                             "Give the cavity a hole of a few mm, let it bridge, or keep it free of support.",
                         at_layer(trapped_at), trapped_at);
        f.spots = std::move(trapped_spots);
    }
    if (far_at && far > 0.1 * broken && how != ComesOff::dissolved) {
        Finding& f = add("support-out-of-reach", Severity::note,
                         "A tool of " + mm(s.tool_mm, 1) + " does not reach " + num(far / 100, 1) + " cm² of contact. Fine fins and inner cavities want a soluble interface, or an opening.", at_layer(far_at), far_at);
        f.spots = std::move(far_spots);
    }
}

} // namespace vitrail
