#include "core/logbook/compare.h"

#include "core/base/numbers.h"

#include <cmath>
#include <set>

namespace vitrail {

namespace {

Message amount(Quantity q, double v) {
    return in_grams(q) ? say("{}", num(v, 1, "g")) : say("{}", Duration{v});
}

/// "12.0 g (11.5 g foretold)", or what was foretold where nobody measured.
Message with_foretold(Quantity q, const Figure& f) {
    if (f.foretold <= 0 && !f.real)
        return say("none");
    return f.real ? say("{0} ({1} foretold)", amount(q, *f.real), amount(q, f.foretold))
                  : say("{} foretold", amount(q, f.foretold));
}

Message filaments(const PrintRecord& r) {
    std::vector<Message> out;
    for (const UsedFilament& u : r.filaments)
        out.push_back(u.spool.empty()
                          ? say("{0} {1}, {2}", u.letter, Name{u.name}, u.material)
                          : say("{0} {1}, {2}, off {3}", u.letter, Name{u.name}, u.material, Name{u.spool}));
    return clauses(std::move(out));
}

Message came_out(const PrintRecord& r) {
    const Fault* f = find_fault(r.fault);
    const Message how = r.outcome == Outcome::good     ? say("good")
                        : r.outcome == Outcome::usable ? say("usable")
                                                       : say("failed");
    return f ? say("{0}: {1}", how, say(f->words)) : how;
}

/// With its unit; what is not kept was the default.
Message setting_of(const PrintRecord& r, const std::string& key) {
    const SettingInfo* info = find_setting(key);
    const auto at = r.settings.find(key);
    const std::string text = at != r.settings.end() ? at->second
                             : info                 ? setting_text(Settings{}, *info)
                                                    : std::string("–");
    return info && *info->unit ? say("{0} {1}", text, say(info->unit)) : say("{}", text);
}

} // namespace

std::vector<Difference> differences(const PrintRecord& a, const PrintRecord& b, const Settings& s) {
    using Of = Difference::Of;
    std::vector<Difference> out;
    const auto add = [&](Of of, Message what, Message first, Message second) {
        if (english(first) != english(second))
            out.push_back({of, std::move(what), std::move(first), std::move(second)});
    };
    const auto count = [&](Message what, int first, int second) {
        add(Of::make_up, std::move(what), say("{}", first), say("{}", second));
    };
    const auto time = [](const PrintRecord& r) {
        return r.real_s() ? say("{0} ({1} foretold)", Duration{*r.real_s()}, Duration{r.foretold_s()})
                          : say("{} foretold", Duration{r.foretold_s()});
    };
    add(Of::result, say("came out"), came_out(a), came_out(b));
    add(Of::result, say("in all"), time(a), time(b));
    for (int k = 0; k < kQuantities; ++k) {
        const Quantity q = static_cast<Quantity>(k);
        add(Of::result, label(q), with_foretold(q, a.at(q)), with_foretold(q, b.at(q)));
    }
    add(Of::result, say("cost"), say("{}", money(s, a.cost)), say("{}", money(s, b.cost)));
    add(Of::make_up, say("machine"), say("{}", Name{a.machine_name}), say("{}", Name{b.machine_name}));
    add(Of::make_up, say("nozzle"), say("{}", mm(a.nozzle_mm, 2)), say("{}", mm(b.nozzle_mm, 2)));
    add(Of::make_up, say("filaments"), filaments(a), filaments(b));
    add(Of::make_up, say("support comes off"), school_label(a.school), school_label(b.school));
    count(say("pieces"), a.copies, b.copies);
    count(say("layers"), a.layers, b.layers);
    count(say("changes"), a.changes, b.changes);
    count(say("hand swaps"), a.hand_swaps, b.hand_swaps);
    count(say("trips"), a.trips, b.trips);
    count(say("trips at night"), a.night_trips, b.night_trips);
    std::set<std::string> keys;
    for (const PrintRecord* r : {&a, &b})
        for (const auto& [key, text] : r->settings)
            keys.insert(key);
    for (const std::string& key : keys)
        add(Of::setting, setting_label(key), setting_of(a, key), setting_of(b, key));
    return out;
}

} // namespace vitrail
