#include "formats/machine_file.h"

#include "core/logbook/record.h"
#include "formats/json.h"
#include "formats/shipped_machines.h"

#include <algorithm>
#include <stdexcept>

namespace vitrail {

namespace {

/// Names of the figures of how a machine moves, and their ranges.
struct MotionField {
    const char* key;
    double Motion::*field;
    double low, high;
};
constexpr MotionField kMotion[] = {
    {"outer_wall", &Motion::outer_wall, 1, 2000}, {"wall", &Motion::wall, 1, 2000},
    {"infill", &Motion::infill, 1, 2000},         {"skin", &Motion::skin, 1, 2000},
    {"bridge", &Motion::bridge, 1, 2000},         {"first_layer", &Motion::first_layer, 1, 2000},
    {"travel", &Motion::travel, 1, 5000},         {"acceleration", &Motion::acceleration, 10, 100000},
    {"corner", &Motion::corner, 0.1, 200},        {"retract_s", &Motion::retract_s, 0, 60},
    {"start_s", &Motion::start_s, 0, 7200},       {"nozzle_c_s", &Motion::nozzle_c_s, 0.05, 100},
    {"bed_c_s", &Motion::bed_c_s, 0.01, 100}};

Json time_to_json(const ChangeTime& t) {
    return {{"time_s", t.time_s}, {"attended_s", t.attended_s}};
}

ChangeTime time_from_json(const JsonReader& r, const char* kind, ChangeTime otherwise) {
    if (!r.has(kind))
        return otherwise;
    const JsonReader t = r.object(kind);
    return {t.number("time_s", 0, 86400), t.number("attended_s", 0, 86400)};
}

} // namespace

Json calibration_to_json(const KeptCalibration& c) {
    Json readings = Json::array();
    for (const Reading& r : c.readings)
        readings.push_back({{"from_rgb", to_hex(r.from)},
                            {"to_rgb", to_hex(r.to)},
                            {"delta_e", r.delta_e},
                            {"clean_mm3", r.clean_mm3}});
    return {{"toolhead", c.toolhead},
            {"nozzle_mm", c.nozzle_mm},
            {"material", facts(c.material).id},
            {"dead_mm3", c.dead_mm3},
            {"mixing_mm3", c.mixing_mm3},
            {"dead_sd_mm3", c.dead_sd_mm3},
            {"mixing_sd_mm3", c.mixing_sd_mm3},
            {"covariance_mm6", c.covariance_mm6},
            {"readings", readings}};
}

KeptCalibration calibration_from_json(const JsonReader& r) {
    KeptCalibration c;
    c.toolhead = r.text("toolhead", "");
    c.nozzle_mm = r.number("nozzle_mm", 0.05, 3);
    const auto material = parse_material(r.text("material"));
    if (!material)
        throw JsonMisfit{say("{} is not known", r.place("material"))};
    c.material = *material;
    c.dead_mm3 = r.number("dead_mm3", 0, 5000);
    c.mixing_mm3 = r.number("mixing_mm3", 0.1, 5000);
    c.dead_sd_mm3 = r.number("dead_sd_mm3", 0, 5000, 0);
    c.mixing_sd_mm3 = r.number("mixing_sd_mm3", 0, 5000, 0);
    c.covariance_mm6 = r.number("covariance_mm6", -1e8, 1e8, 0);
    if (r.has("readings"))
        for (std::size_t i = 0; i < r.list("readings", 1000).size(); ++i) {
            const JsonReader x = r.item("readings", i);
            const auto from = parse_colour(x.text("from_rgb")), to = parse_colour(x.text("to_rgb"));
            if (!from || !to)
                throw JsonMisfit{say("{} must have two colours #rrggbb", x.where())};
            c.readings.push_back(
                {*from, *to, x.number("delta_e", 0.2, 30), x.number("clean_mm3", 0, 100000)});
        }
    return c;
}

namespace {

Json motion_to_json(const Motion& m) {
    Json j = Json::object();
    for (const MotionField& f : kMotion)
        j[f.key] = m.*f.field;
    return j;
}

} // namespace

Json machine_to_json(const Machine& m) {
    Json heads = Json::array();
    for (std::size_t t = 0; t < m.toolheads.size(); ++t) {
        Json nozzles = Json::array(), missing = Json::array(), uses = Json::array();
        bool for_some = false;
        for (const Nozzle& n : m.nozzles)
            if (n.toolhead == static_cast<int>(t)) {
                nozzles.push_back(n.diameter_mm);
                if (n.missing)
                    missing.push_back(nozzles.size());
                uses.push_back(to_string(n.use));
                for_some |= n.use != NozzleUse::any;
            }
        Json head{
            {"name", m.toolheads[t].name}, {"feeder_slots", m.toolheads[t].slots}, {"nozzles_mm", nozzles}};
        if (!missing.empty())
            head["missing"] = missing;
        if (for_some)
            head["nozzles_for"] = uses;
        if (const auto& offset = m.toolheads[t].offset)
            head["offset_mm"] = {offset->x_mm, offset->y_mm};
        heads.push_back(head);
    }
    Json calibrations = Json::array();
    for (const KeptCalibration& c : m.calibrations)
        calibrations.push_back(calibration_to_json(c));
    Json learned = Json::array();
    for (const KeptFactor& f : m.learned)
        learned.push_back({{"quantity", f.quantity},
                           {"material", f.material},
                           {"nozzle_mm", f.nozzle_mm},
                           {"centre", f.centre},
                           {"spread", f.spread},
                           {"freedom", f.freedom},
                           {"mean_sd", f.mean_sd},
                           {"prints", f.prints}});
    Json clear = Json::array();
    for (const KeepClear& z : m.keep_clear)
        clear.push_back({z.x_mm, z.y_mm, z.w_mm, z.d_mm});
    Json json{{"schema", "vitrail.machine/1"},
              {"id", m.id},
              {"name", m.name},
              {"note", m.note},
              {"bed_mm", {m.bed_x_mm, m.bed_y_mm}},
              {"height_mm", m.height_mm},
              {"keep_clear_mm", clear},
              {"clearance_mm", {{"head_reach", m.head_reach_mm}, {"bar_height", m.bar_height_mm}}},
              {"toolheads", heads},
              {"times",
               {{"hand", time_to_json(m.hand)},
                {"feeder", time_to_json(m.feeder)},
                {"tool", time_to_json(m.tool)}}},
              {"motion", motion_to_json(m.motion)},
              {"purge",
               {{"to", to_string(m.purge_to)},
                {"dead_mm3", m.dead_mm3},
                {"mixing_mm3", m.mixing_mm3},
                {"prime_mm3", m.prime_mm3},
                {"first_load_mm3", m.first_load_mm3},
                {"class_minimum_mm3", m.class_minimum_mm3},
                {"calibrations", calibrations}}},
              {"commands",
               {{"tool", m.commands.tool},
                {"feeder", m.commands.feeder},
                {"hand", m.commands.hand},
                {"pause", m.commands.pause}}}};
    if (m.commands.g90_sets_e)
        json["commands"]["g90_sets_e"] = *m.commands.g90_sets_e;
    if (!learned.empty())
        json["learned"] = learned;
    return json;
}

namespace {

/// Where nothing may stand, and what limits printing one after another.
void read_clearance(const JsonReader& r, Machine& m) {
    if (r.has("keep_clear_mm"))
        for (const Json& z : r.list("keep_clear_mm", 100)) {
            if (!z.is_array() || z.size() != 4 ||
                !std::all_of(
                    z.begin(), z.end(),
                    [](const Json& v) { return v.is_number() && std::abs(v.get<double>()) <= 10000; }) ||
                z[2].get<double>() <= 0 || z[3].get<double>() <= 0)
                throw JsonMisfit{
                    say("{} must be lists of four lengths: x, y, width, depth", r.place("keep_clear_mm"))};
            m.keep_clear.push_back({z[0], z[1], z[2], z[3]});
        }
    if (r.has("clearance_mm")) {
        const JsonReader c = r.object("clearance_mm");
        m.head_reach_mm = c.number("head_reach", 0, 1000, 0);
        m.bar_height_mm = c.number("bar_height", 0, 10000, 0);
    }
}

} // namespace

namespace {

KeptFactor learned_from_json(const JsonReader& r) {
    KeptFactor f;
    f.quantity = r.text("quantity");
    if (!quantity_of(f.quantity))
        throw JsonMisfit{say("{} is nothing that is foretold", r.place("quantity"))};
    f.material = r.text("material", "");
    f.nozzle_mm = r.number("nozzle_mm", 0, 10, 0);
    f.centre = r.number("centre", -5, 5);
    f.spread = r.number("spread", 1e-4, 10);
    f.freedom = r.number("freedom", 1, 1e6);
    f.mean_sd = r.number("mean_sd", 0, 10);
    f.prints = static_cast<int>(r.number("prints", 1, 1e6));
    return f;
}

} // namespace

Machine machine_from_json(const JsonReader& r) {
    if (r.text("schema") != "vitrail.machine/1")
        throw JsonMisfit{say("{} is {}; this version reads {}", r.place("schema"), Name{r.text("schema")},
                             std::string("vitrail.machine/1"))};
    Machine m;
    m.id = r.text("id");
    m.name = r.text("name", m.id);
    m.note = r.prose("note", "");
    const Json& bed = r.list("bed_mm", 2);
    for (const Json& v : bed)
        if (!v.is_number() || v.get<double>() < 1 || v.get<double>() > 10000)
            throw JsonMisfit{say("{} must be two lengths from 1 to 10000", r.place("bed_mm"))};
    if (bed.size() != 2)
        throw JsonMisfit{say("{} must be two lengths", r.place("bed_mm"))};
    m.bed_x_mm = bed[0];
    m.bed_y_mm = bed[1];
    m.height_mm = r.number("height_mm", 1, 10000);
    read_clearance(r, m);
    m.toolheads.clear();
    m.nozzles.clear();
    const Json& heads = r.list("toolheads", 32);
    for (std::size_t t = 0; t < heads.size(); ++t) {
        const JsonReader h = r.item("toolheads", t);
        m.toolheads.push_back({h.text("name", "head " + std::to_string(t + 1)),
                               static_cast<int>(h.number("feeder_slots", 0, 64))});
        for (const Json& d : h.list("nozzles_mm", 32)) {
            if (!d.is_number() || d.get<double>() < 0.05 || d.get<double>() > 3)
                throw JsonMisfit{
                    say("{} must be diameters from {} to 3", h.place("nozzles_mm"), num(0.05, 2))};
            m.nozzles.push_back({d.get<double>(), static_cast<int>(t)});
        }
        if (h.has("nozzles_for")) {
            const Json& uses = h.list("nozzles_for", 32);
            const std::size_t on_head = h.list("nozzles_mm", 32).size();
            if (uses.size() != on_head)
                throw JsonMisfit{
                    say("{} must have a word for each nozzle of the toolhead", h.place("nozzles_for"))};
            for (std::size_t i = 0; i < on_head; ++i) {
                bool known = false;
                for (const NozzleUse use : {NozzleUse::any, NozzleUse::structural, NozzleUse::soluble})
                    if (uses[i] == to_string(use))
                        m.nozzles[m.nozzles.size() - on_head + i].use = use, known = true;
                if (!known)
                    throw JsonMisfit{
                        say("{} must be words out of any, structural, soluble", h.place("nozzles_for"))};
            }
        }
        if (h.has("offset_mm")) {
            const Json& offset = h.list("offset_mm", 2);
            for (const Json& v : offset)
                if (!v.is_number() || std::abs(v.get<double>()) > 1000)
                    throw JsonMisfit{say("{} must be two lengths up to 1000", h.place("offset_mm"))};
            if (offset.size() != 2)
                throw JsonMisfit{say("{} must be two lengths", h.place("offset_mm"))};
            m.toolheads.back().offset = ToolheadOffset{offset[0], offset[1]};
        }
        if (h.has("missing"))
            for (const Json& d : h.list("missing", 32)) {
                const std::size_t on_head = h.list("nozzles_mm", 32).size();
                if (!d.is_number_integer() || d.get<int>() < 1 || d.get<int>() > static_cast<int>(on_head))
                    throw JsonMisfit{say("{} must be numbers of its nozzles, from 1", h.place("missing"))};
                m.nozzles[m.nozzles.size() - on_head + static_cast<std::size_t>(d.get<int>()) - 1].missing =
                    true;
            }
    }
    if (m.nozzles.empty())
        throw JsonMisfit{say("{} must hold at least one nozzle", r.place("toolheads"))};
    if (m.nozzles.size() > 32)
        throw JsonMisfit{say("{} must hold at most 32 nozzles together", r.place("toolheads"))};
    if (r.has("times")) {
        const JsonReader times = r.object("times");
        m.hand = time_from_json(times, "hand", m.hand);
        m.feeder = time_from_json(times, "feeder", m.feeder);
        m.tool = time_from_json(times, "tool", m.tool);
    }
    if (r.has("motion")) {
        const JsonReader motion = r.object("motion");
        for (const MotionField& f : kMotion)
            m.motion.*f.field = motion.number(f.key, f.low, f.high, m.motion.*f.field);
    }
    if (r.has("purge")) {
        const JsonReader p = r.object("purge");
        const std::string to = p.text("to", "ejected");
        if (to != "ejected" && to != "tower")
            throw JsonMisfit{say("{} must be “ejected” or “tower”", p.place("to"))};
        m.purge_to = to == "tower" ? Destination::tower : Destination::ejected;
        m.dead_mm3 = p.number("dead_mm3", 0, 5000, m.dead_mm3);
        m.mixing_mm3 = p.number("mixing_mm3", 0.1, 5000, m.mixing_mm3);
        m.prime_mm3 = p.number("prime_mm3", 0, 5000, m.prime_mm3);
        m.first_load_mm3 = p.number("first_load_mm3", 0, 5000, m.first_load_mm3);
        m.class_minimum_mm3 = p.number("class_minimum_mm3", 0, 5000, m.class_minimum_mm3);
        if (p.has("calibrations"))
            for (std::size_t i = 0; i < p.list("calibrations", 200).size(); ++i)
                m.calibrations.push_back(calibration_from_json(p.item("calibrations", i)));
    }
    if (r.has("commands")) {
        const JsonReader c = r.object("commands");
        m.commands = {c.prose("tool", m.commands.tool), c.prose("feeder", m.commands.feeder),
                      c.prose("hand", m.commands.hand), c.prose("pause", m.commands.pause)};
        if (c.has("g90_sets_e"))
            m.commands.g90_sets_e = c.truth("g90_sets_e", true);
        // What was the default before places had numbers: with several feeders, two places shared a command.
        if (m.commands.tool == "T{nozzle0}" && m.commands.feeder == "T{slot0}")
            m.commands.tool = m.commands.feeder = Commands().tool;
        if (m.commands.pause == "M0 ; put {to} into slot {slot}") // which feeder's it did not say
            m.commands.pause = Commands().pause;
    }
    if (r.has("learned"))
        for (std::size_t i = 0; i < r.list("learned", 200).size(); ++i)
            m.learned.push_back(learned_from_json(r.item("learned", i)));
    return m;
}

Result<Machine> read_machine(const std::string& text) {
    const Result<Json> json = parse_json(text);
    if (!json)
        return json.error();
    try {
        return machine_from_json(JsonReader(*json, "machine"));
    } catch (const JsonMisfit& e) {
        return Error{say("The machine file does not fit: {}.", e.message)};
    }
}

std::string write_machine(const Machine& m) {
    return json_text(machine_to_json(m)) + "\n";
}

const std::vector<Machine>& shipped_machines() {
    static const std::vector<Machine> machines = [] {
        std::vector<Machine> list;
        for (const char* text : kShippedMachines) {
            Result<Machine> m = read_machine(text);
            if (!m)
                throw std::logic_error(english(m.error().message)); // a machine we ship is wrong
            list.push_back(std::move(*m));
        }
        return list;
    }();
    return machines;
}

const Machine* find_machine(const std::string& id) {
    for (const Machine& m : shipped_machines())
        if (m.id == id)
            return &m;
    return nullptr;
}

Message machine_text(const std::string& text) {
    for (const Machine& m : shipped_machines())
        for (const std::string* ours : {&m.name, &m.note})
            if (*ours == text)
                return {ours->c_str(), nullptr, 0, {}};
    return say("{}", text);
}

} // namespace vitrail
