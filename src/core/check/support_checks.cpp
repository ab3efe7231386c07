#include "core/check/checker.h"

#include "core/material/pairing.h"
#include "core/support/cleanup.h"

#include <algorithm>
#include <numeric>

namespace vitrail {

namespace {

/// The middle of every contact of the face, at most so many.
void add_contacts(const Checker& c, int face, std::vector<Spot>& spots) {
    for (const SupportContact& x : c.made.support->layout->contacts)
        if (x.face == face && spots.size() < kMostSpots)
            spots.push_back(c.spot_in(box_of(x.area), x.layer));
}

/// A region of a layer that hangs.
struct Region {
    double mm2 = 0;
    int layer = 0;
    Box box;
};

double sum_mm2(const std::vector<Region>& all) {
    return std::accumulate(all.begin(), all.end(), 0.0,
                           [](double sum, const Region& h) { return sum + h.mm2; });
}

/// The largest as places; at most so many.
std::vector<Spot> largest(const Checker& c, std::vector<Region> all) {
    std::stable_sort(all.begin(), all.end(), [](const Region& a, const Region& b) { return a.mm2 > b.mm2; });
    constexpr std::size_t kMost = 60;
    all.resize(std::min(all.size(), kMost));
    std::vector<Spot> spots;
    for (const Region& h : all)
        spots.push_back(c.spot_in(h.box, h.layer));
    return spots;
}

} // namespace

void Checker::unsupported() {
    if (made.support || !made.underside)
        return;
    // A body over a gap is told as that: what it wants is no support.
    const auto over_gap = [this](int layer) {
        return std::any_of(made.table->gaps.begin(), made.table->gaps.end(), [&](const Gap& g) {
            return g.upwards && layer >= g.from_layer &&
                   grid().bottom_mm(layer) <= grid().bottom_mm(g.from_layer) + g.wide_mm + grid().height_mm;
        });
    };
    const Hanging& hanging = *made.underside->hanging;
    std::vector<Region> islands, steep;
    std::vector<double> face_mm2(hanging.faces.size(), 0);
    double steep_mm2 = 0;
    for (const SupportContact& c : hanging.contacts) {
        const Region region{area_mm2(c.area), c.layer, box_of(c.area)};
        if (!intersect(c.area, hanging.overhangs[static_cast<std::size_t>(c.layer) - 1].islands).empty()) {
            if (!over_gap(c.layer))
                islands.push_back(region);
            continue;
        }
        steep.push_back(region);
        steep_mm2 += region.mm2;
        face_mm2[static_cast<std::size_t>(c.face)] += region.mm2;
    }
    constexpr double kNothing_mm2 = 0.1,
                     kLittle_mm2 = 20; // an edge that curls a little is seen to by hand. Ours
    const Settings& s = p.settings;
    const Fix columns{
        say("plan columns of support"), {}, [](Project& q) { q.settings.support = SupportStyle::columns; }};
    if (sum_mm2(islands) > kNothing_mm2) {
        const int first = islands.front().layer;
        Finding& f =
            add("in-the-air", Severity::error,
                counted("A region begins in the air, in layer {1} at {2}: nothing is below, and no support "
                        "is planned. What is printed there falls down.",
                        "{0} regions begin in the air, the lowest in layer {1} at {2}: nothing is below, and "
                        "no support is planned. What is printed there falls down.",
                        static_cast<long long>(islands.size()), first, mm(grid().bottom_mm(first), 1)),
                at_layer(first), first);
        f.spots = largest(*this, islands);
        f.fixes.push_back(columns);
    }
    if (steep_mm2 > kLittle_mm2) {
        const ContactFace& worst = hanging.faces[static_cast<std::size_t>(
            std::max_element(face_mm2.begin(), face_mm2.end()) - face_mm2.begin())];
        Finding& f = add(
            "needs-support", Severity::warning,
            counted(
                "{1} cm² overhang by more than {2}° and no support is planned: the face from layer {3} to "
                "{4} sags or curls. The Supports bench compares what would hold it.",
                "{1} cm² overhang by more than {2}°, {0} faces, and no support is planned: they sag or curl, "
                "the largest from layer {3} to {4}. The Supports bench compares what would hold them.",
                std::count_if(face_mm2.begin(), face_mm2.end(), [](double mm2) { return mm2 > 0; }),
                num(steep_mm2 / 100), num(s.support_angle_deg, 0), worst.from_layer, worst.to_layer),
            at_layer(worst.from_layer), worst.from_layer);
        f.spots = largest(*this, steep);
        f.fixes.push_back(columns);
    }
}

namespace {

/// What the checks of one piece's support share.
struct Held {
    Checker& c;
    const SupportLayout& layout;
    const Settings& s;
    const Filament &piece, &touches; ///< what it is printed in, and what touches it
    ComesOff how;
};

void kept_off(Checker& c) {
    double freed = 0;
    int at = 0;
    for (std::size_t i = 0; i < c.made.support->hanging->overhangs.size(); ++i)
        if (const double mm2 = c.made.support->hanging->overhangs[i].freed_mm2; mm2 > 0.1) {
            freed += mm2;
            at = at ? at : static_cast<int>(i) + 1;
        }
    if (at)
        c.add("support-kept-off", Severity::note,
              say("{} mm² that would need holding are kept free by paint: they may sag.", num(freed, 0)),
              c.at_layer(at), at);
}

void gap_that_suits(const Held& h) {
    const int first = h.layout.contacts.front().layer;
    if (h.how == ComesOff::broken && h.s.support_gap_layers < 1) {
        Finding& f = h.c.add("support-fuses", Severity::warning,
                             say("Support of {} touches the piece of {} without a gap: they bond, and it "
                                 "does not come off. The same material wants a gap of about one layer.",
                                 h.c.named(h.touches), h.c.named(h.piece)),
                             say("support"), first);
        f.fixes.push_back(
            {say("leave a gap of one layer"), {}, [](Project& q) { q.settings.support_gap_layers = 1; }});
    }
    if (h.how != ComesOff::broken && h.s.support_gap_layers > 0) {
        Finding& f = h.c.add(
            "support-gap", Severity::warning,
            counted(
                "{1} comes off {2} by itself and wants no gap; with {0} layer of it the face above sags.",
                "{1} comes off {2} by itself and wants no gap; with {0} layers of it the face above sags.",
                h.s.support_gap_layers, h.c.named(h.touches), h.c.named(h.piece)),
            say("support"), first);
        f.fixes.push_back({say("leave no gap"), {}, [](Project& q) { q.settings.support_gap_layers = 0; }});
    }
}

void feet_that_bond(const Held& h) {
    double stands = 0;
    int stands_at = 0;
    for (const SupportFoot& foot : h.layout.feet) {
        const auto at = static_cast<std::size_t>(foot.layer) - 1;
        const Filament& f =
            h.c.p.filaments[foot.has_interface ? h.c.made.interface_by[at] : h.c.made.support_by[at]];
        if (h.s.support_gap_layers < 1 && h.how != ComesOff::broken &&
            comes_off(f, h.piece) == ComesOff::broken) {
            stands += foot.mm2;
            stands_at = stands_at ? stands_at : foot.layer;
        }
    }
    if (stands <= 1)
        return;
    Finding& f = h.c.add("support-fuses", Severity::warning,
                         say("The body of the support stands on {} cm² of the piece without a gap: there "
                             "they bond. Print interface below it as well, or let it stand on the bed only.",
                             num(stands / 100)),
                         h.c.at_layer(stands_at), stands_at);
    f.fixes.push_back(
        {say("print 2 layers of interface there"), {}, [](Project& q) { q.settings.interface_below = 2; }});
}

void faces_without_interface(const Held& h) {
    if (!h.c.p.interface_filament || h.c.p.interface_filament == h.c.p.support_filament ||
        h.how == ComesOff::broken)
        return;
    int missed = 0, worst = 0;
    double mm2 = 0;
    std::vector<Spot> spots;
    for (std::size_t k = 0; k < h.layout.faces.size(); ++k) {
        const ContactFace& f = h.layout.faces[k];
        if (f.small || f.held_mm2 <= 0.1 || f.interface_mm2 >= 0.97 * f.held_mm2)
            continue;
        ++missed;
        mm2 += f.held_mm2 - f.interface_mm2;
        worst = worst ? worst : f.from_layer;
        add_contacts(h.c, static_cast<int>(k), spots);
    }
    if (!missed)
        return;
    Finding& f = h.c.add("interface-missed", Severity::warning,
                         counted("{} of {} contact faces ({} mm²) touches the piece without the interface of "
                                 "{}: there it fuses, and breaks out of the face.",
                                 "{} of {} contact faces ({} mm²) touch the piece without the interface of "
                                 "{}: there it fuses, and breaks out of the face.",
                                 missed, h.layout.faces.size(), num(mm2), h.c.named(h.touches)),
                         h.c.at_layer(worst), worst);
    f.spots = std::move(spots);
    if (h.s.interface_layers < 1)
        f.fixes.push_back(
            {say("print 3 layers of interface"), {}, [](Project& q) { q.settings.interface_layers = 3; }});
}

void faces_without_support(const Held& h) {
    double mm2 = 0;
    int worst = 0;
    std::vector<Spot> spots;
    for (std::size_t k = 0; k < h.layout.faces.size(); ++k) {
        const ContactFace& f = h.layout.faces[k];
        if (f.held_mm2 > 0.7 * f.mm2 || f.mm2 - f.held_mm2 < 4)
            continue; // what lies right beside the piece hangs on it
        mm2 += f.mm2 - f.held_mm2;
        worst = worst ? worst : f.from_layer;
        add_contacts(h.c, static_cast<int>(k), spots);
    }
    if (!worst)
        return;
    Finding& f =
        h.c.add("support-unheld", Severity::warning,
                say(!h.s.support_on_piece ? term("{} mm² of overhang are held by nothing: support may stand "
                                                 "on the bed only, and does not get there.")
                                          : term("{} mm² of overhang are held by nothing: there is no room "
                                                 "below for support that keeps clear of the piece."),
                    num(mm2, 0)),
                h.c.at_layer(worst), worst);
    f.spots = std::move(spots);
    if (!h.s.support_on_piece)
        f.fixes.push_back({say("let support stand on the piece"), say("it scars the piece there"),
                           [](Project& q) { q.settings.support_on_piece = true; }});
}

/// Faces that nothing gets at, summed up.
struct OutOfReach {
    double mm2 = 0;
    int layer = 0;
    std::vector<Spot> spots;
    void add(Checker& c, int face, int at, double area_mm2) {
        mm2 += area_mm2;
        layer = layer ? layer : at;
        add_contacts(c, face, spots);
    }
};

void faces_out_of_reach(const Held& h) {
    OutOfReach trapped, far;
    double all_mm2 = 0;
    for (std::size_t k = 0; k < h.c.made.face_access.size(); ++k) {
        const FaceAccess& a = h.c.made.face_access[k];
        const ContactFace& f = h.layout.faces[k];
        all_mm2 += f.held_mm2;
        if (f.held_mm2 * a.enclosed > 1)
            trapped.add(h.c, static_cast<int>(k), f.from_layer, f.held_mm2 * a.enclosed);
        else if (f.held_mm2 * a.no_tool > 1)
            far.add(h.c, static_cast<int>(k), f.from_layer, f.held_mm2 * a.no_tool);
    }
    if (trapped.layer)
        h.c.add("support-trapped", Severity::warning,
                say(facts(h.touches.material).soluble
                        ? term("{} cm² of support touch the piece in a cavity without an opening: nothing "
                               "gets out of there, dissolved or not. Give the cavity a hole of a few mm, let "
                               "it bridge, or keep it free of support.")
                        : term("{} cm² of support touch the piece in a cavity without an opening: nothing "
                               "gets out of there, and no tool gets in. Give the cavity a hole of a few mm, "
                               "let it bridge, or keep it free of support."),
                    num(trapped.mm2 / 100)),
                h.c.at_layer(trapped.layer), trapped.layer)
            .spots = std::move(trapped.spots);
    const bool stays =
        stays_inside(h.c.plan.cleanup.stays_mm2, h.c.plan.cleanup.contact_mm2()); // as the schools have it
    if (far.layer && (stays || far.mm2 > 0.1 * all_mm2) && h.how != ComesOff::dissolved)
        h.c.add("support-out-of-reach", stays ? Severity::warning : Severity::note,
                say("A tool of {} does not reach {} cm² of contact. Fine fins and inner cavities want a "
                    "soluble interface, or an opening.",
                    mm(h.s.tool_mm, 1), num(far.mm2 / 100)),
                h.c.at_layer(far.layer), far.layer)
            .spots = std::move(far.spots);
}

} // namespace

void Checker::supports() {
    if (!made.support)
        return;
    kept_off(*this);
    const SupportLayout& layout = *made.support->layout;
    if (layout.faces.empty())
        return;
    const Filament& own = p.filaments[static_cast<std::size_t>(main_filament(made))];
    const int chosen = find_filament(p, p.interface_filament ? p.interface_filament : p.support_filament);
    const Filament& touches = chosen < 0 ? own : p.filaments[static_cast<std::size_t>(chosen)];
    const Held held{*this, layout, p.settings, own, touches, comes_off(touches, own)};
    gap_that_suits(held);
    feet_that_bond(held);
    faces_without_interface(held);
    faces_without_support(held);
    faces_out_of_reach(held);
}

} // namespace vitrail
