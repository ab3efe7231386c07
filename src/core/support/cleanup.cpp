#include "core/support/cleanup.h"

#include "core/material/material.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace vitrail {

ComesOff comes_off(const Filament& support, const Filament& piece) {
    return facts(support.material).soluble                            ? ComesOff::dissolved
           : bond(support.material, piece.material) == Bond::releases ? ComesOff::peeled
                                                                      : ComesOff::broken;
}

namespace {

/// Books what of one piece has to come off, all of it on the plate; `most_cm3` of soluble material on one of
/// any piece. Returns the minutes.
double clean_piece(const Project& p, const PiecePlan& of, int count, Cleanup& c, double& most_cm3) {
    const Settings& s = p.settings;
    const Filament& piece = p.filaments[static_cast<std::size_t>(main_filament(of))];
    double minutes = 0;
    const auto touch = [&](double mm2, std::size_t layer, bool on_interface, const FaceAccess& access) {
        const Filament &body = p.filaments[of.support_by[layer]],
                       &touches = on_interface ? p.filaments[of.interface_by[layer]] : body;
        c.enclosed_mm2 += mm2 * access.enclosed;
        ComesOff how = comes_off(touches, piece);
        if (how == ComesOff::dissolved) {
            c.dissolved_mm2 += mm2;
            minutes += mm2 / 100 * s.soluble_min_cm2;
            if (facts(body.material).soluble)
                return;
            how = ComesOff::peeled; // the body is loose then, and has to be got out
        } else {
            (how == ComesOff::peeled ? c.peeled_mm2 : c.broken_mm2) += mm2;
        }
        c.unreached_mm2 += mm2 * access.no_tool;
        // What hangs on the larger part comes off with it; a closed cavity keeps what is in it whatever it
        // is.
        constexpr double kMost = 0.5;
        c.stays_mm2 += access.no_tool - access.enclosed >= kMost ? mm2 : 0;
        minutes += mm2 / 100 * (how == ComesOff::peeled ? s.release_min_cm2 : s.same_min_cm2) *
                   (1 + access.no_tool * (s.unreached_times - 1));
    };
    for (const SupportContact& contact : of.support->layout->contacts)
        if (contact.held)
            touch(area_mm2(contact.area) * count, static_cast<std::size_t>(contact.top) - 1,
                  contact.has_interface,
                  of.face_access.empty() ? FaceAccess{}
                                         : of.face_access[static_cast<std::size_t>(contact.face)]);
    for (const SupportFoot& foot : of.support->layout->feet)
        touch(foot.mm2 * count, static_cast<std::size_t>(foot.layer) - 1, foot.has_interface, {});
    // What purge replaces is of the same class, so that the shares tell how much is soluble.
    double dissolving_cm3 = 0;
    for (std::size_t l = 0; l < of.support_mm3.size(); ++l) {
        dissolving_cm3 +=
            facts(p.filaments[of.support_by[l]].material).soluble ? of.support_mm3[l] / 1000 : 0;
        dissolving_cm3 +=
            facts(p.filaments[of.interface_by[l]].material).soluble ? of.interface_mm3[l] / 1000 : 0;
    }
    c.dissolving_cm3 += dissolving_cm3;
    most_cm3 = std::max(most_cm3, dissolving_cm3 / std::max(1, count));
    return minutes;
}

} // namespace

Cleanup clean_up(const Project& p, const Printed& printed) {
    Cleanup c;
    const Settings& s = p.settings;
    double minutes = 0, most_cm3 = 0;
    for (std::size_t i = 0; i < printed.pieces.size(); ++i)
        if (printed.pieces[i].support)
            minutes += clean_piece(p, printed.pieces[i], count_of(p, p.pieces[i]), c, most_cm3);
    if (c.dissolving_cm3 > 1e-6) {
        c.soak_s = 3600 * (s.soak_start_h + s.soak_h_cm3 * most_cm3);
        c.waters = std::max(1, static_cast<int>(std::ceil(c.dissolving_cm3 / s.water_cm3)));
        minutes += 3 * c.waters;
    }
    c.hand_s = 60 * minutes;
    return c;
}

int count_snap_places(const Printed& printed) {
    std::size_t places = 0;
    for (const PiecePlan& piece : printed.pieces)
        places += snap_places(piece).size();
    return static_cast<int>(places);
}

std::vector<SnapPlace> snap_places(const Detail* detail, const SupportPlan* support) {
    std::vector<SnapPlace> places;
    if (!detail || !support || !support->layout)
        return places;
    std::map<int, std::vector<const SupportContact*>> by_layer;
    for (const SupportContact& c : support->layout->contacts)
        if (c.held)
            by_layer[c.layer].push_back(&c);
    for (std::size_t part = 0; part < detail->parts.size(); ++part)
        for (const auto& [layer, contacts] : by_layer) {
            const Paths& lugs = detail->parts[part][static_cast<std::size_t>(layer) - 1].lugs;
            if (lugs.empty())
                continue;
            for (const Paths& lug : pieces_of(lugs))
                if (std::any_of(contacts.begin(), contacts.end(), [&](const SupportContact* c) {
                        return box_of(c->area).meets(box_of(lug)) &&
                               !intersect(c->area, rows_of(lug, c->area.pitch)).empty();
                    }))
                    places.push_back({static_cast<int>(part), layer, lug});
        }
    return places;
}

} // namespace vitrail
