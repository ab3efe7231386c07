#include "core/after_print/guide.h"

#include <fmt/format.h>

#include <algorithm>
#include <chrono>

namespace vitrail {

namespace {

Number cm2(double mm2) {
    return num(mm2 / 100, 1, "cm\u00b2");
}

Number hours(double seconds) {
    return seconds < 5400 ? num(seconds / 60, 0, "min") : num(seconds / 3600, 1, "h");
}

/// One underside of one piece.
struct HeldFace {
    const PiecePlan* piece;
    std::size_t face;
    const ContactFace& contact() const { return piece->support->layout->faces[face]; }
    double depth_mm() const { return piece->face_access.empty() ? 0 : piece->face_access[face].depth_mm; }
};

/// The largest faces, the outermost first, for the order of removal.
List order_of_removal(const Plan& plan) {
    std::vector<HeldFace> order;
    for (const PiecePlan& piece : plan.pieces)
        for (std::size_t k = 0; piece.support && k < piece.support->layout->faces.size(); ++k)
            order.push_back({&piece, k});
    std::stable_sort(order.begin(), order.end(),
                     [](const HeldFace& a, const HeldFace& b) { return a.contact().mm2 > b.contact().mm2; });
    const double largest = order.empty() ? 0 : order.front().contact().held_mm2;
    std::erase_if(order, [&](const HeldFace& f) {
        return f.contact().held_mm2 <= 0 || f.contact().held_mm2 < 0.05 * largest;
    });                                   // the others go with them
    constexpr std::size_t kMostNamed = 4; // the largest
    order.resize(std::min(order.size(), kMostNamed), HeldFace{nullptr, 0});
    std::stable_sort(order.begin(), order.end(),
                     [](const HeldFace& a, const HeldFace& b) { return a.depth_mm() < b.depth_mm(); });
    List out{List::Kind::then, {}};
    for (const HeldFace& f : order) {
        const Number area = cm2(f.contact().held_mm2),
                     height = mm(plan.grid.bottom_mm(f.contact().from_layer), 1);
        out.items.emplace_back(
            f.depth_mm() > 10 ? say("the {} below {} of height ({} in)", area, height, mm(f.depth_mm(), 0))
                              : say("the {} below {} of height", area, height));
    }
    return out;
}

/// Thin features that support touches: of which parts, between which layers.
struct Snapping {
    std::vector<std::string> names;
    std::size_t places = 0; ///< on the plate
    int low = 0, high = 0;  ///< layers
};
Snapping what_snaps(const Project& p, const Plan& plan) {
    Snapping out;
    for (std::size_t k = 0; k < plan.pieces.size(); ++k)
        for (const SnapPlace& x : snap_places(plan.pieces[k])) {
            out.low = out.low ? std::min(out.low, x.layer) : x.layer;
            out.high = std::max(out.high, x.layer);
            const std::string& name = p.pieces[k].parts[static_cast<std::size_t>(x.part)].name;
            if (std::find(out.names.begin(), out.names.end(), name) == out.names.end()) {
                out.names.push_back(name);
                out.places += static_cast<std::size_t>(count_of(p, p.pieces[k]));
            }
        }
    return out;
}

/// Whether all support there is dissolves.
bool all_soluble(const Project& p, const Plan& plan) {
    for (int l = 1; l <= plan.grid.count; ++l)
        for (int f = 0; f < plan.filaments; ++f)
            if (plan.support_in(l, f) > 1e-9 &&
                !facts(p.filaments[static_cast<std::size_t>(f)].material).soluble)
                return false;
    return true;
}

} // namespace

std::string day_text(int day) {
    const std::chrono::year_month_day d{std::chrono::sys_days{std::chrono::days{day}}};
    return fmt::format("{:04}-{:02}-{:02}", static_cast<int>(d.year()), static_cast<unsigned>(d.month()),
                       static_cast<unsigned>(d.day()));
}

Message after_times(const AfterStep& a) {
    if (a.hand_s < 30)
        return a.wait_s > 0 ? say("{} by itself", hours(a.wait_s)) : Message{};
    return a.wait_s > 0 ? say("{} by hand, then {} by itself", hours(a.hand_s), hours(a.wait_s))
                        : say("{} by hand", hours(a.hand_s));
}

DryingAdvice drying_advice(const Filament& f, double print_s) {
    const MaterialFacts& m = facts(f.material);
    DryingAdvice a;
    a.how = say("{} h at {} \u00b0C", num(m.dry_h, 0), num(m.dry_c, 0));
    if (!m.draws_moisture) {
        a.why = say("stands in the open");
        return a;
    }
    const double limit_h = m.soluble ? 24 : 72; // as is_damp(), from memory
    a.dry_first = !f.kept_dry;
    if (!f.kept_dry)
        a.why = f.dried_day ? say("was dried {} and has lain open since", day_text(f.dried_day))
                : f.opened_day
                    ? say("was opened {}, and nobody has noted that it was dried", day_text(f.opened_day))
                    : say("has no note of when it was dried");
    else
        a.why = f.dried_day
                    ? say("was dried {} and kept dry since, no need to dry it again", day_text(f.dried_day))
                    : say("is vouched to be dry");
    if (print_s > limit_h * 3600)
        a.why = clauses(
            {a.why, say("the print takes longer ({} h) than it stands open ({} h), so feed it from a dry box",
                        num(print_s / 3600, 0), num(limit_h, 0))});
    return a;
}

std::vector<AfterStep> after_print(const Project& p, const Plan& plan) {
    std::vector<AfterStep> steps;
    if (plan.contact_mm2() <= 0)
        return steps;
    const Cleanup& c = plan.cleanup;
    const Settings& s = p.settings;
    const int piece = main_filament(plan);
    const Filament& f = p.filaments[static_cast<std::size_t>(piece)];
    const auto add = [&](Message title, Message text, Message caution, double hand_s = 0, double wait_s = 0) {
        steps.push_back({std::move(title), std::move(text), std::move(caution), hand_s, wait_s});
    };
    add(say("Let it cool"),
        sentences(
            {say("Wait until the bed is below 40 \u00b0C, then take the piece off with its support on."),
             c.peeled_mm2 > 0 ? say("A release material lets go best when cold.")
                              : say("A warm piece bends when support is pulled.")}),
        say("Nozzle and bed are hot (over 200 \u00b0C at the nozzle): keep your fingers out."), 0, 1200);
    if (const Snapping snaps = what_snaps(p, plan); snaps.places) {
        List parts;
        for (const std::string& name : snaps.names)
            parts.items.emplace_back(Name{name});
        add(say("Cut free what is thin"),
            say("Between {} and {} mm of height, thin features of {} stand on support. Cut the support "
                "there, close to the piece; do not pull, or they snap off with it.",
                num(plan.grid.bottom_mm(snaps.low)), num(plan.grid.top_mm(snaps.high)), parts),
            say("Cut away from your hand; eye protection, as bits fly."),
            60.0 * static_cast<double>(std::min<std::size_t>(snaps.places, 60)));
    }
    const double by_hand = c.broken_mm2 + c.peeled_mm2;
    if (by_hand > 0) {
        const double watered = 60 * (c.dissolved_mm2 / 100 * s.soluble_min_cm2 + 3 * c.waters);
        add(say("Take the support off"),
            sentences({say("From outside in: {}.", order_of_removal(plan)),
                       c.broken_mm2 > 0
                           ? say("Break the support off in small pieces, the body first.")
                           : say("It lets go by itself: bend it away from the piece, start at a corner."),
                       c.unreached_mm2 > 1
                           ? say("A tool of {} does not reach {} of it: use something thinner.",
                                 mm(s.tool_mm, 1), cm2(c.unreached_mm2))
                           : Message{}}),
            say("Eye protection when snapping supports; cutters and blades away from the hand."),
            std::max(0.0, c.hand_s - watered));
    }
    if (c.dissolving_cm3 > 0) {
        const bool whole = c.dissolved_mm2 > 0 && by_hand <= 0 && all_soluble(p, plan);
        const Number soak = hours(c.soak_s), melts = num(c.dissolving_cm3, 1, "cm\u00b3");
        const Message water = c.waters > 1
                                  ? counted("in {} change of water", "in {} changes of water", c.waters)
                                  : say("one bowl of water is enough");
        add(say("Soak it"),
            sentences({whole ? say("Take off by hand what comes off.")
                             : say("The body of the support falls off when the interface is gone; help it "
                                   "where it is loose."),
                       say(whole ? term("Then the whole piece in warm water (up to 40 \u00b0C for PLA, or it "
                                        "bends), about {} for {}, {}.")
                                 : term("Then the piece in warm water (up to 40 \u00b0C for PLA, or it "
                                        "bends), about {} for {}, {}."),
                           soak, melts, water),
                       c.enclosed_mm2 > 1
                           ? say("{} of it lies in a cavity without an opening: it stays there.",
                                 cm2(c.enclosed_mm2))
                           : say("When nothing feels slippery any more it is done.")}),
            say("Strain the water and put what is left where your local rules say; do not wash lumps down "
                "the sink."),
            180.0 * c.waters + 60 * c.dissolved_mm2 / 100 * s.soluble_min_cm2, c.soak_s);
        add(say("Dry it"),
            say("Rinse with clean water, blow or shake it out of holes and let it dry for a few hours; what "
                "stays wet stays sticky and leaves a film."),
            say("No oven used for food, no open flame."), 0, 4 * 3600);
    }
    if (c.broken_mm2 > 0)
        add(say("Sand the scars"),
            say("{} of faces were touched by a material that bonds. Begin with 240 grit where they are "
                "rough, then 600, finish with 1000 to 2000; 240 is as coarse as {} takes.",
                cm2(c.broken_mm2), std::string(facts(f.material).id)),
            say("Wet-sand or wear a dust mask."));
    else if (c.peeled_mm2 > 0)
        add(say("Look at the faces"),
            say("They are smooth and a little matt; take hairs off with a fine file or 1000 grit. A hot-air "
                "gun at low heat takes fine strings away."),
            say("Wet-sand or wear a dust mask. No open flame: plastics burn."));
    add(say("Before it is used"), say("Look for cracks where support was and at thin places."),
        say("Printed parts are neither food-safe nor load-rated by default; for lamps low voltage only, and "
            "a licensed electrician where local codes ask for one."));
    return steps;
}

} // namespace vitrail
