#include "core/after_print/guide.h"

#include <fmt/format.h>

#include <algorithm>
#include <chrono>

namespace vitrail {

namespace {

std::string cm2(double mm2) {
    return fmt::format("{:.1f} cm\u00b2", mm2 / 100);
}

std::string hours(double seconds) {
    return seconds < 5400 ? fmt::format("{:.0f} min", seconds / 60) : fmt::format("{:.1f} h", seconds / 3600);
}

/// One underside of one piece.
struct HeldFace {
    const PiecePlan* piece;
    std::size_t face;
    const ContactFace& contact() const { return piece->support->layout->faces[face]; }
    double depth_mm() const { return piece->face_access.empty() ? 0 : piece->face_access[face].depth_mm; }
};

/// The largest faces, the outermost first, for the order of removal.
std::string order_of_removal(const Plan& plan) {
    std::vector<HeldFace> order;
    for (const PiecePlan& piece : plan.pieces)
        for (std::size_t k = 0; piece.support && k < piece.support->layout->faces.size(); ++k)
            order.push_back({&piece, k});
    std::stable_sort(order.begin(), order.end(), [](const HeldFace& a, const HeldFace& b) { return a.contact().mm2 > b.contact().mm2; });
    const double largest = order.empty() ? 0 : order.front().contact().held_mm2;
    std::erase_if(order, [&](const HeldFace& f) { return f.contact().held_mm2 <= 0 || f.contact().held_mm2 < 0.05 * largest; }); // the others go with them
    constexpr std::size_t kMostNamed = 4; // the largest
    order.resize(std::min(order.size(), kMostNamed), HeldFace{nullptr, 0});
    std::stable_sort(order.begin(), order.end(), [](const HeldFace& a, const HeldFace& b) { return a.depth_mm() < b.depth_mm(); });
    std::string text;
    for (const HeldFace& f : order) {
        text += (text.empty() ? "" : ", then ") + fmt::format("the {} below {:.1f} mm of height", cm2(f.contact().held_mm2), plan.grid.bottom_mm(f.contact().from_layer));
        if (f.depth_mm() > 10)
            text += fmt::format(" ({:.0f} mm in)", f.depth_mm());
    }
    return text;
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
            if (plan.support_in(l, f) > 1e-9 && !facts(p.filaments[static_cast<std::size_t>(f)].material).soluble)
                return false;
    return true;
}

} // namespace

std::string day_text(int day) {
    const std::chrono::year_month_day d{std::chrono::sys_days{std::chrono::days{day}}};
    return fmt::format("{:04}-{:02}-{:02}", static_cast<int>(d.year()), static_cast<unsigned>(d.month()), static_cast<unsigned>(d.day()));
}

std::string after_times(const AfterStep& a) {
    if (a.hand_s < 30)
        return a.wait_s > 0 ? hours(a.wait_s) + " by itself" : "";
    return hours(a.hand_s) + " by hand" + (a.wait_s > 0 ? ", then " + hours(a.wait_s) + " by itself" : "");
}

DryingAdvice drying_advice(const Filament& f, double print_s) {
    const MaterialFacts& m = facts(f.material);
    DryingAdvice a;
    a.how = fmt::format("{:.0f} h at {:.0f} \u00b0C", m.dry_h, m.dry_c);
    if (!m.draws_moisture) {
        a.why = "stands in the open";
        return a;
    }
    const double limit_h = m.soluble ? 24 : 72; // as is_damp(), from memory
    a.dry_first = !f.kept_dry;
    if (!f.kept_dry)
        a.why = f.dried_day ? "was dried " + day_text(f.dried_day) + " and has lain open since" : f.opened_day ? "was opened " + day_text(f.opened_day) + ", and nobody has noted that it was dried" : "has no note of when it was dried";
    else
        a.why = f.dried_day ? "was dried " + day_text(f.dried_day) + " and kept dry since, no need to dry it again" : "is vouched to be dry";
    if (print_s > limit_h * 3600)
        a.why += fmt::format("; the print takes longer ({:.0f} h) than it stands open ({:.0f} h), so feed it from a dry box", print_s / 3600, limit_h);
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
    const auto add = [&](const char* title, std::string text, const char* caution, double hand_s = 0, double wait_s = 0) { steps.push_back({title, std::move(text), caution, hand_s, wait_s}); };
    add("Let it cool", fmt::format("Wait until the bed is below 40 \u00b0C, then take the piece off with its support on. {}", c.peeled_mm2 > 0 ? "A release material lets go best when cold." : "A warm piece bends when support is pulled."),
        "Nozzle and bed are hot (over 200 \u00b0C at the nozzle): keep your fingers out.", 0, 1200);
    if (const Snapping snaps = what_snaps(p, plan); snaps.places) {
        std::string parts;
        for (const std::string& name : snaps.names)
            parts += (parts.empty() ? "\u201c" : ", \u201c") + name + "\u201d";
        add("Cut free what is thin", fmt::format("Between {:.1f} and {:.1f} mm of height, thin features of {} stand on support. Cut the support there, close to the piece; do not pull, or they snap off with it.",
                                            plan.grid.bottom_mm(snaps.low), plan.grid.top_mm(snaps.high), parts),
            "Cut away from your hand; eye protection, as bits fly.", 60.0 * static_cast<double>(std::min<std::size_t>(snaps.places, 60)));
    }
    const double by_hand = c.broken_mm2 + c.peeled_mm2;
    if (by_hand > 0) {
        const double watered = 60 * (c.dissolved_mm2 / 100 * s.soluble_min_cm2 + 3 * c.waters);
        std::string text = "From outside in: " + order_of_removal(plan) + ". " + (c.broken_mm2 > 0 ? "Break the support off in small pieces, the body first." : "It lets go by itself: bend it away from the piece, start at a corner.");
        if (c.unreached_mm2 > 1)
            text += fmt::format(" A tool of {:.1f} mm does not reach {} of it: use something thinner.", s.tool_mm, cm2(c.unreached_mm2));
        add("Take the support off", text, "Eye protection when snapping supports; cutters and blades away from the hand.", std::max(0.0, c.hand_s - watered));
    }
    if (c.dissolving_cm3 > 0) {
        const bool whole = c.dissolved_mm2 > 0 && by_hand <= 0 && all_soluble(p, plan);
        add("Soak it", fmt::format("{} Then {} in warm water (up to 40 \u00b0C for PLA, or it bends), about {} for {:.1f} cm\u00b3{}. {}", whole ? "Take off by hand what comes off." : "The body of the support falls off when the interface is gone; help it where it is loose.",
                              whole ? "the whole piece" : "the piece", hours(c.soak_s).c_str(), c.dissolving_cm3, c.waters > 1 ? fmt::format(", in {} changes of water", c.waters).c_str() : ", one bowl of water is enough",
                              c.enclosed_mm2 > 1 ? fmt::format("{} of it lies in a cavity without an opening: it stays there.", cm2(c.enclosed_mm2).c_str()).c_str() : "When nothing feels slippery any more it is done."),
            "Strain the water and put what is left where your local rules say; do not wash lumps down the sink.", 180.0 * c.waters + 60 * c.dissolved_mm2 / 100 * s.soluble_min_cm2, c.soak_s);
        add("Dry it", "Rinse with clean water, blow or shake it out of holes and let it dry for a few hours; what stays wet stays sticky and leaves a film.", "No oven used for food, no open flame.", 0, 4 * 3600);
    }
    if (c.broken_mm2 > 0)
        add("Sand the scars", fmt::format("{} of faces were touched by a material that bonds. Begin with 240 grit where they are rough, then 600, finish with 1000 to 2000; 240 is as coarse as {} takes.", cm2(c.broken_mm2), facts(f.material).id),
            "Wet-sand or wear a dust mask.");
    else if (c.peeled_mm2 > 0)
        add("Look at the faces", "They are smooth and a little matt; take hairs off with a fine file or 1000 grit. A hot-air gun at low heat takes fine strings away.", "Wet-sand or wear a dust mask. No open flame: plastics burn.");
    add("Before it is used", "Look for cracks where support was and at thin places.", "Printed parts are neither food-safe nor load-rated by default; for lamps low voltage only, and a licensed electrician where local codes ask for one.");
    return steps;
}

} // namespace vitrail
