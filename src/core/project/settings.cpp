#include "core/project/settings.h"

#include <algorithm>
#include <charconv>
#include <cmath>

namespace vitrail {

const std::vector<SettingInfo>& all_settings() {
    using S = Settings;
    static const std::vector<SettingInfo> table{
        {"layer",
         term("Layer height"),
         "mm",
         &S::layer_mm,
         0.02,
         1.2,
         3,
         {},
         term("Height of every layer but the first. Common practice: 0.2 with a 0.4 mm nozzle.")},
        {"first_layer",
         term("First layer"),
         "mm",
         &S::first_layer_mm,
         0.02,
         1.2,
         3,
         {},
         term("Height of the first layer. Plan and print must agree on it: it shifts every change.")},
        {"line_width",
         term("Line width"),
         "mm",
         &S::line_width_mm,
         0.1,
         2,
         2,
         {},
         term("Width of an extruded line. Common practice: about the nozzle's diameter.")},
        {"walls",
         term("Walls"),
         "",
         &S::walls,
         0,
         20,
         0,
         {},
         term("Lines around each outline. From memory: 2.")},
        {"top_skins",
         term("Top skins"),
         term("layers"),
         &S::top_skins,
         0,
         50,
         0,
         {},
         term("Solid layers below a surface that faces up. From memory: 4.")},
        {"bottom_skins",
         term("Bottom skins"),
         term("layers"),
         &S::bottom_skins,
         0,
         50,
         0,
         {},
         term("Solid layers above a surface that faces down. From memory: 3.")},
        {"skins.at_borders",
         term("Skins at colour borders"),
         "",
         &S::skins_at_borders,
         0,
         1,
         0,
         {term("no"), term("yes")},
         term("Where bodies of different colour lie on each other: no treats the piece as one solid, yes "
              "gives each body skins of its own there, as toolpath programs do that slice bodies apart. It "
              "costs filament and time; set what yours does.")},
        {"infill",
         term("Infill"),
         "%",
         &S::infill_pct,
         0,
         100,
         0,
         {},
         term("Share of the inside that is filled. From memory: 15 %.")},
        {"copies",
         term("Copies"),
         "",
         &S::copies,
         1,
         10000,
         0,
         {},
         term("Of everything on the plate: of a single piece as many, of several as many of each as its "
              "count says. Changes and purge do not grow with it; everything else does.")},
        {"spacing",
         term("Space between pieces"),
         "mm",
         &S::spacing_mm,
         0,
         200,
         1,
         {},
         term("Free space around each piece and the tower. From memory: 5 mm.")},
        {"plate.turns",
         term("Turn pieces on the bed"),
         "",
         &S::arrange_turns,
         0,
         3,
         0,
         {term("no"), term("half"), term("quarter"), term("eighth")},
         term("By how much of a circle pieces may be turned where they are arranged. Copies of one piece "
              "stand in rows as long as there is room.")},
        {"plate.margin",
         term("Free edge of the bed"),
         "mm",
         &S::margin_mm,
         0,
         100,
         1,
         {},
         term("Nothing stands closer to the edge of the bed. 0: the bed is used to its edge.")},
        {"plate.enough",
         term("Another copy gains too little below"),
         "%",
         &S::enough_pct,
         0.1,
         50,
         1,
         {},
         term("From so many copies on, one more makes each piece cheaper by less than this. From memory: 2 "
              "%.")},
        {"delta_e",
         term("Clean at \u0394E"),
         "",
         &S::delta_e,
         0.2,
         30,
         1,
         {},
         term("Colour difference to the pure filament at which a change counts as clean: 1 strict (just "
              "noticeable), 2 normal, 4 thrifty. CIEDE2000."),
         {{term("strict"), 1}, {term("normal"), 2}, {term("thrifty"), 4}}},
        {"order",
         term("Order in a layer"),
         "",
         &S::order,
         0,
         1,
         0,
         {term("optimal"), term("as-assigned")},
         term("Which filament a layer starts with: worked out for the least purge, or by letter in every "
              "layer.")},
        {"purge.dead_mm3",
         term("Dead volume V_d"),
         "mm\u00b3",
         &S::dead_mm3,
         0,
         2000,
         1,
         {},
         term("Filament that comes out unmixed after a change. 0 takes the machine's (40 for a 0.4 mm "
              "nozzle, from memory)."),
         {{term("machine"), 0}}},
        {"purge.mixing_mm3",
         term("Mixing volume V_m"),
         "mm\u00b3",
         &S::mixing_mm3,
         0,
         2000,
         1,
         {},
         term("How slowly the old filament fades after that. 0 takes the machine's (60 for a 0.4 mm nozzle, "
              "from memory)."),
         {{term("machine"), 0}}},
        {"purge.to",
         term("Purge goes to"),
         "",
         &S::purge_to,
         0,
         3,
         0,
         {term("as-machine"), term("ejected"), term("tower"), term("skirt")},
         term("Where purge ends up that nothing else has use for: thrown out, laid into a tower beside the "
              "piece, or into a skirt around it.")},
        {"purge.infill",
         term("Purge into infill"),
         "",
         &S::purge_infill,
         0,
         2,
         0,
         {term("no"), term("yes"), term("peaks")},
         term("Purge is laid into the infill first, or only the peaks that would make the tower wider; as "
              "far as it has room in that layer and its colour does not show through the walls. The material "
              "must be of the same class.")},
        {"purge.support",
         term("Purge into support"),
         "",
         &S::purge_support,
         0,
         1,
         0,
         {term("no"), term("yes")},
         term("Purge is laid into support first, as far as there is any in that layer. The material must be "
              "of the same class.")},
        {"skirt.loops",
         term("Skirt loops"),
         "",
         &S::skirt_loops,
         1,
         200,
         0,
         {},
         term("Lines of a skirt that takes purge; it is as tall as the last layer that purges. From memory: "
              "3.")},
        {"skirt.gap",
         term("Skirt gap"),
         "mm",
         &S::skirt_gap_mm,
         0.5,
         50,
         1,
         {},
         term("Distance of the skirt from the piece. From memory: 3 mm.")},
        {"tower.shape",
         term("Tower shape"),
         "",
         &S::tower_shape,
         0,
         2,
         0,
         {term("block"), term("stepped"), term("split")},
         term("One block to the top; a block that narrows where fewer changes remain; or two towers of which "
              "one ends where its changes end.")},
        {"ooze.wall",
         term("Ooze wall"),
         "",
         &S::ooze_wall,
         0,
         1,
         0,
         {term("no"), term("yes")},
         term("A one-line wall around the piece, not touching it, that catches drips, up to the last tool "
              "change.")},
        {"ooze.gap",
         term("Ooze wall gap"),
         "mm",
         &S::ooze_gap_mm,
         0.5,
         20,
         1,
         {},
         term("Distance of the ooze wall from the piece. From memory: 2 mm.")},
        {"nozzles.aim",
         term("Filaments on nozzles for"),
         "",
         &S::aim,
         0,
         3,
         0,
         {term("waste"), term("time"), term("handling"), term("blend")},
         term("Which filament sits on which nozzle: for the least purge, the least time, the least work by "
              "hand, or a blend of waste and handling.")},
        {"nozzles.blend",
         term("Blend"),
         "%",
         &S::blend_pct,
         0,
         100,
         0,
         {},
         term("Between least waste (0) and least handling (100). At 50 a move by hand weighs as much as 500 "
              "mm\u00b3 of purge.")},
        {"start.hour",
         term("The print starts at"),
         term("o'clock"),
         &S::start_hour,
         0,
         24,
         2,
         {},
         term("Hour of the day; with the night it tells how often somebody must get up.")},
        {"night.from",
         term("Night from"),
         term("o'clock"),
         &S::night_from,
         0,
         24,
         0,
         {},
         term("From then on nobody is there.")},
        {"night.to",
         term("Night to"),
         term("o'clock"),
         &S::night_to,
         0,
         24,
         0,
         {},
         term("Until then nobody is there. Equal to its beginning: there is no night.")},
        {"suggest.delta_e",
         term("Similar filaments"),
         "\u0394E",
         &S::similar_delta_e,
         0,
         50,
         1,
         {},
         term("Two filaments closer than this are suggested to become one. From memory: 6, seen side by side "
              "but not apart.")},
        {"suggest.small",
         term("Small region"),
         "mm\u00b3",
         &S::small_mm3,
         0,
         100000,
         0,
         {},
         term("Regions that take less than this are suggested to be dropped. From memory: 60 mm\u00b3, one "
              "small purge.")},
        {"assembly.joint",
         term("Gluing a joint"),
         "min",
         &S::joint_min,
         0,
         600,
         1,
         {},
         term("Attended minutes for each joint, where parts are printed by colour and assembled. From "
              "memory: 3 min.")},
        {"tower.width",
         term("Tower width"),
         "mm",
         &S::tower_width_mm,
         0,
         300,
         1,
         {},
         term("Side of the square tower. 0: as small as its busiest layer and its height allow."),
         {{term("automatic"), 0}}},
        {"tower.infill",
         term("Tower sparse fill"),
         "%",
         &S::tower_infill_pct,
         1,
         100,
         0,
         {},
         term("Fill of tower layers without purge, which only carry the ones above. From memory: 15 %.")},
        {"tower.slenderness",
         term("Tower slenderness limit"),
         "",
         &S::slenderness_limit,
         1,
         50,
         1,
         {},
         term("Height over width beyond which a tower may topple. From memory: 8.")},
        {"speed",
         term("No faster than"),
         "mm/s",
         &S::speed_mm_s,
         0,
         1000,
         0,
         {},
         term("A limit to the speeds of the machine, for this project. 0: as fast as the machine prints each "
              "kind of line."),
         {{term("machine"), 0}}},
        {"first_layer_speed",
         term("First layer speed"),
         "mm/s",
         &S::first_layer_speed_mm_s,
         0,
         500,
         0,
         {},
         term("Slower, so that it sticks. 0: the machine's."),
         {{term("machine"), 0}}},
        {"min_layer",
         term("Least time per layer"),
         "s",
         &S::min_layer_s,
         0,
         300,
         0,
         {},
         term("A layer takes at least this long, so that it can cool. From memory: 6 s.")},
        {"hand.wait",
         term("Wait for a hand swap"),
         "s",
         &S::hand_wait_s,
         0,
         86400,
         0,
         {},
         term("How long the printer stands before somebody comes to swap the spool.")},
        {"run.at_night",
         term("Due at night"),
         "",
         &S::at_night,
         0,
         1,
         0,
         {term("come"), term("wait")},
         term("What becomes of a visit that can only be made at night: somebody gets up for it, or the "
              "printer stands still until morning. Standing for hours, a nozzle oozes, a bed may let go of "
              "the piece, and many printers let go of their position.")},
        {"run.times",
         term("The plate is printed"),
         term("times"),
         &S::times,
         1,
         1000,
         0,
         {},
         term("So often in a row, each time as planned. Pieces one after another are a plate of one, printed "
              "so many times.")},
        {"run.by_itself",
         term("The next one begins"),
         "",
         &S::by_itself,
         0,
         1,
         0,
         {term("by hand"), term("by itself")},
         term("By hand: somebody takes the plate off first. By itself: on the same bed, beside what is "
              "printed; only where head and bar have room.")},
        {"run.between",
         term("From plate to plate"),
         "min",
         &S::between_plates_min,
         0,
         1440,
         0,
         {},
         term("How long it takes to take a plate off and start the next one, cooling included. From memory: "
              "10 min.")},
        {"run.alarm",
         term("Notice before a visit"),
         "min",
         &S::alarm_min,
         0,
         1440,
         0,
         {},
         term("How long before something is due you are told, here and in the calendar. Common practice: 10 "
              "min.")},
        {"correct.time",
         term("Printing time is really"),
         term("times"),
         &S::correct_time,
         0.2,
         5,
         3,
         {},
         term("What the estimate of the lines' time is multiplied by, for this print: what the toolpath file "
              "says, or what a print has taken. 1: the estimate as it is.")},
        {"correct.grams",
         term("Filament printed is really"),
         term("times"),
         &S::correct_grams,
         0.2,
         5,
         3,
         {},
         term("What the estimate of the grams of piece and support is multiplied by, for this print. 1: the "
              "estimate as it is.")},
        {"currency",
         term("Currency"),
         "",
         &S::currency,
         0,
         20,
         0,
         {term("none"), "EUR", "USD", "GBP", "CHF", "SEK", "NOK", "DKK", "PLN", "CZK", "HUF",
          "RON",        "CAD", "AUD", "NZD", "JPY", "CNY", "INR", "BRL", "MXN", "ZAR"},
         term("What all prices are in, by its code in ISO 4217. Nothing is converted.")},
        {"attended_cost",
         term("Your own hour"),
         term("per h"),
         &S::attended_per_h,
         0,
         10000,
         2,
         {},
         term("What an hour at the printer is worth to you; 0 leaves it out of the cost.")},
        {"printer_cost",
         term("The printer's hour"),
         term("per h"),
         &S::printer_per_h,
         0,
         10000,
         2,
         {},
         term("Electricity and wear, where ways to print are compared; the cost of a plan does not hold it. "
              "From memory: 0.50.")},
        {"hands.worth",
         term("A swap by hand is worth"),
         "g",
         &S::hands_worth_g,
         0,
         1000,
         1,
         {},
         term("Filament that one swap by hand has to save; where it saves less, a way with fewer swaps is "
              "offered. From memory: 3 g.")},
        {"lettering.two_jobs",
         term("Lettering as two jobs"),
         "",
         &S::lettering_two_jobs,
         0,
         1,
         0,
         {term("no"), term("yes")},
         term("Fine lettering on the first layer is printed as a job of its own, and the piece over it. The "
              "run sheet says how.")},
        {"sheet",
         term("Build sheet"),
         "",
         &S::sheet,
         0,
         3,
         0,
         {term("smooth"), term("satin"), term("textured"), term("glass")},
         term("What the first layer is printed on. Some materials grip one so hard that they tear it.")},
        {"release_coat",
         term("Release coat"),
         "",
         &S::release_coat,
         0,
         1,
         0,
         {term("no"), term("yes")},
         term("A thin coat of glue between sheet and print, so that it comes off unharmed.")},
        {"support.kind",
         term("Support"),
         "",
         &S::support,
         0,
         2,
         0,
         {term("none"), term("columns"), term("tree")},
         term("Straight columns below every overhang, or branches that merge on their way down.")},
        {"support.on_piece",
         term("Support on the piece"),
         "",
         &S::support_on_piece,
         0,
         1,
         0,
         {term("no"), term("yes")},
         term("May it stand on the piece, and scar it there, or on the bed only.")},
        {"support.angle",
         term("Supported from"),
         "\u00b0",
         &S::support_angle_deg,
         0,
         89,
         0,
         {},
         term("Overhang angle from the vertical: 0\u00b0 is a wall, 90\u00b0 a ceiling. From memory: "
              "50\u00b0.")},
        {"support.bridge",
         term("Free bridges up to"),
         "mm",
         &S::support_bridge_mm,
         0,
         200,
         1,
         {},
         term("Gaps carried at both sides that PLA spans by itself; other materials span less (PETG 70 %, "
              "TPU 40 %). From memory: 10 mm; 0 trusts none.")},
        {"support.least",
         term("Smallest overhang"),
         "mm\u00b2",
         &S::support_least_mm2,
         0,
         1000,
         1,
         {},
         term(
             "Smaller overhangs are left alone; islands are held however small. From memory: 0.5 mm\u00b2.")},
        {"support.beside",
         term("Support beside the piece"),
         "mm",
         &S::support_beside_mm,
         0,
         10,
         2,
         {},
         term("Free space sideways between support and piece. From memory: 0.6 mm.")},
        {"support.gap",
         term("Gap below the piece"),
         term("layers"),
         &S::support_gap_layers,
         0,
         10,
         0,
         {},
         term("Free layers between support and piece. Common practice: one for the same material, none for a "
              "release or soluble one.")},
        {"support.density",
         term("Support fill"),
         "%",
         &S::support_density_pct,
         1,
         100,
         0,
         {},
         term("Share of the support's inside that is filled. From memory: 15 %.")},
        {"interface.layers",
         term("Interface"),
         term("layers"),
         &S::interface_layers,
         0,
         20,
         0,
         {},
         term("Topmost layers of the support, the ones that touch the piece. Common practice: 2 to 5.")},
        {"interface.density",
         term("Interface fill"),
         "%",
         &S::interface_density_pct,
         10,
         100,
         0,
         {},
         term("Common practice: 75 to 100 %; five layers at 75 % left a slightly open ceiling.")},
        {"interface.below",
         term("Interface on the piece"),
         term("layers"),
         &S::interface_below,
         0,
         20,
         0,
         {},
         term("Lowest layers of a support that stands on the piece, in the interface's material. 0: it "
              "stands there in its own.")},
        {"interface.align",
         term("Align interfaces within"),
         term("layers"),
         &S::interface_align,
         0,
         10,
         0,
         {},
         term("Supports may end so many layers lower, in layers where others end, so that fewer layers have "
              "interface. The gap grows by as much.")},
        {"interface.least",
         term("Smallest interface"),
         "mm\u00b2",
         &S::interface_least_mm2,
         0,
         100000,
         0,
         {},
         term("Contact faces smaller than this are held in the support's own material, with a gap of a "
              "layer. 0: every face gets interface.")},
        {"cleanup.tool",
         term("Tool thickness"),
         "mm",
         &S::tool_mm,
         0.2,
         50,
         1,
         {},
         term("Of the pliers or cutter that has to get at the support. From memory: 3 mm.")},
        {"cleanup.same",
         term("Breaking off the same material"),
         "min/cm\u00b2",
         &S::same_min_cm2,
         0,
         1000,
         2,
         {},
         term("Taking it off and sanding the scars, for each cm\u00b2 of contact. From memory; your own "
              "records know better.")},
        {"cleanup.release",
         term("Peeling a release material"),
         "min/cm\u00b2",
         &S::release_min_cm2,
         0,
         1000,
         2,
         {},
         term("For each cm\u00b2 of contact. From memory; your own records know better.")},
        {"cleanup.soluble",
         term("Rinsing a soluble one"),
         "min/cm\u00b2",
         &S::soluble_min_cm2,
         0,
         1000,
         2,
         {},
         term("For each cm\u00b2 of contact; each change of water takes 3 min more. From memory.")},
        {"cleanup.unreached",
         term("Out of a tool's reach"),
         term("times"),
         &S::unreached_times,
         1,
         100,
         1,
         {},
         term("How much longer it takes where the tool does not reach. From memory: 3 times.")},
        {"soak.start",
         term("Soaking at least"),
         "h",
         &S::soak_start_h,
         0,
         1000,
         1,
         {},
         term("Time in water before a soluble interface lets go. From memory: 2 h; warm water is faster.")},
        {"soak.per_cm3",
         term("Soaking for each cm\u00b3"),
         "h",
         &S::soak_h_cm3,
         0,
         1000,
         2,
         {},
         term("From memory: 1 h for each cm\u00b3 of a piece that has to dissolve; massive support takes a "
              "night. Several pieces soak side by side.")},
        {"soak.water",
         term("Change the water every"),
         "cm\u00b3",
         &S::water_cm3,
         0.1,
         1000,
         1,
         {},
         term("So much dissolves before the water is used up. From memory: 5 cm\u00b3 in a bowl of 2 l.")},
        {"check.stroke",
         term("Finest stroke"),
         "mm",
         &S::check_stroke_mm,
         0,
         5,
         2,
         {},
         term("Strokes and gaps below this are reported. Common practice: one line width."),
         {{term("line width"), 0}}},
        {"check.thin_share",
         term("Lost detail reported from"),
         "%",
         &S::check_thin_share_pct,
         0,
         100,
         1,
         {},
         term("Share of a part's area in a layer that may be lost to strokes too fine before it is reported. "
              "From memory: 2 %.")},
        {"check.gap",
         term("Gap between bodies"),
         "mm",
         &S::check_gap_mm,
         0,
         5,
         3,
         {},
         term("Bodies of different colour farther apart than this, but near enough to be meant to touch, are "
              "reported as a gap.")},
        {"check.tall",
         term("Tall for its foot"),
         "",
         &S::check_tall,
         1,
         100,
         1,
         {},
         term("Height over the narrowest width of what stands on the bed, beyond which a part may topple or "
              "sway. From memory: 6.")},
        {"check.lug",
         term("Thin lug"),
         term("lines"),
         &S::check_lug_lines,
         1,
         50,
         0,
         {},
         term("Straps and lugs thinner than this many lines snap off. Common practice: a few lines; 4 from "
              "memory.")},
        {"check.groove",
         term("Groove at colour borders"),
         "mm",
         &S::check_groove_mm,
         0,
         5,
         2,
         {},
         term("Width of the groove wanted along borders between bodies side by side; common practice is "
              "under 1 mm. 0: do not ask for one."),
         {{term("not wanted"), 0}}},
        {"check.margin",
         term("Spool margin"),
         "%",
         &S::check_margin_pct,
         0,
         200,
         0,
         {},
         term("What a spool must hold beyond what the print takes, before it counts as enough. From memory: "
              "10 %.")},
    };
    return table;
}

const char* to_string(Subject s) {
    switch (s) {
    case Subject::print:
        return term("Layers, lines and speed");
    case Subject::plate:
        return term("The plate");
    case Subject::purge:
        return term("Purge");
    case Subject::carrying:
        return term("Tower, skirt and ooze wall");
    case Subject::nozzles:
        return term("Nozzles and order");
    case Subject::presence:
        return term("Being there");
    case Subject::money:
        return term("Money and worth");
    case Subject::support:
        return term("Support and interface");
    case Subject::removal:
        return term("Taking support off");
    case Subject::after:
        return term("Assembly");
    case Subject::sheet:
        return term("Build sheet and lettering");
    case Subject::suggestions:
        return term("Suggestions");
    case Subject::checks:
        return term("What is reported");
    }
    return "";
}

Subject SettingInfo::subject() const {
    static constexpr std::pair<std::string_view, Subject> by_beginning[] = {
        {"copies", Subject::plate},         {"spacing", Subject::plate},
        {"plate.", Subject::plate},         {"delta_e", Subject::purge},
        {"purge.", Subject::purge},         {"tower.", Subject::carrying},
        {"skirt.", Subject::carrying},      {"ooze.", Subject::carrying},
        {"nozzles.", Subject::nozzles},     {"order", Subject::nozzles},
        {"start.", Subject::presence},      {"night.", Subject::presence},
        {"hand.", Subject::presence},       {"run.", Subject::presence},
        {"attended_cost", Subject::money},  {"printer_cost", Subject::money},
        {"hands.", Subject::money},         {"currency", Subject::money},
        {"support.", Subject::support},     {"interface.", Subject::support},
        {"cleanup.", Subject::removal},     {"soak.", Subject::removal},
        {"assembly.", Subject::after},      {"sheet", Subject::sheet},
        {"release_coat", Subject::sheet},   {"lettering.", Subject::sheet},
        {"suggest.", Subject::suggestions}, {"check.", Subject::checks}};
    for (const auto& [beginning, subject] : by_beginning)
        if (std::string_view(key).starts_with(beginning))
            return subject;
    return Subject::print;
}

const char* currency_code(const Settings& s) {
    return s.currency == Currency::none
               ? ""
               : find_setting("currency")->choices[static_cast<std::size_t>(s.currency)];
}

Number money(const Settings& s, double amount) {
    return num(amount, 2, currency_code(s));
}

const SettingInfo* find_setting(std::string_view key) {
    if (key == kRetiredOverhang)
        key = "support.angle";
    for (const SettingInfo& s : all_settings())
        if (key == s.key)
            return &s;
    return nullptr;
}

namespace {

std::string plain(double v) {
    char buffer[32];
    const auto end = std::to_chars(buffer, buffer + sizeof buffer, v).ptr;
    return {buffer, end};
}

} // namespace

std::string setting_text(const Settings& s, const SettingInfo& info) {
    const double v = info.field.of(s);
    return info.choices.empty() ? plain(v) : info.choices[static_cast<std::size_t>(v)];
}

std::string layer_bands_text(std::span<const LayerBand> bands) {
    std::string out;
    for (const LayerBand& b : bands)
        out += (out.empty() ? "" : " ") + plain(b.height_mm) + ":" + plain(b.from_mm) + ".." + plain(b.to_mm);
    return out;
}

Result<std::vector<LayerBand>> parse_layer_bands(std::string_view text) {
    constexpr std::size_t kMost = 200;
    std::vector<LayerBand> out;
    const std::string all(text);
    const auto no = [&] {
        return Error{
            say("The setting {0} is {1}; it takes heights of layers with from where to where, such as {2}.",
                Name{kLayerBands}, Name{all.substr(0, 60)}, std::string("0.1:12..20 0.28:30..60"))};
    };
    const char* p = all.data();
    const char* end = p + all.size();
    while (true) {
        while (p < end && (*p == ' ' || *p == ','))
            ++p;
        if (p == end)
            break;
        LayerBand b;
        const auto number = [&](double& v) {
            const auto r = std::from_chars(p, end, v, std::chars_format::fixed);
            p = r.ptr;
            return r.ec == std::errc() && std::isfinite(v);
        };
        const auto mark = [&](std::string_view m) {
            const bool there =
                std::string_view(p, static_cast<std::size_t>(end - p)).substr(0, m.size()) == m;
            p += there ? m.size() : 0;
            return there;
        };
        if (!number(b.height_mm) || !mark(":"))
            return no();
        // "12..20": the number must not take the first point.
        const std::size_t dots = std::string_view(p, static_cast<std::size_t>(end - p)).find("..");
        if (dots == std::string_view::npos)
            return no();
        const char* stop = p + dots;
        const auto from = std::from_chars(p, stop, b.from_mm, std::chars_format::fixed);
        if (from.ec != std::errc() || from.ptr != stop)
            return no();
        p = stop + 2;
        if (!number(b.to_mm) || !std::isfinite(b.from_mm) || out.size() >= kMost)
            return no();
        out.push_back(b);
    }
    std::sort(out.begin(), out.end(),
              [](const LayerBand& a, const LayerBand& b) { return a.from_mm < b.from_mm; });
    for (std::size_t i = 0; i < out.size(); ++i) {
        const LayerBand& b = out[i];
        if (b.height_mm < 0.02 || b.height_mm > 1.2)
            return Error{say("Layers are {0} to {1} high, not {2}.", mm(0.02), mm(1.2), mm(b.height_mm))};
        if (b.from_mm < 0 || b.to_mm <= b.from_mm || b.to_mm > 10000)
            return Error{say("From {0} to {1} there are no layers.", mm(b.from_mm), mm(b.to_mm))};
        if (i > 0 && b.from_mm < out[i - 1].to_mm - 1e-9)
            return Error{say("At {} two heights of layers are asked for.", mm(b.from_mm))};
    }
    return out;
}

Status set_setting(Settings& s, std::string_view key, std::string_view text) {
    const std::string name(key), value(text);
    if (key == kLayerBands) {
        auto bands = parse_layer_bands(text);
        if (!bands)
            return bands.error();
        s.layer_bands = std::move(*bands);
        return Done{};
    }
    const SettingInfo* info = find_setting(key);
    if (!info)
        return Error{say("There is no setting {}.", Name{name})};
    if (!info->choices.empty()) {
        List known;
        for (std::size_t i = 0; i < info->choices.size(); ++i) {
            if (text == info->choices[i]) {
                info->field.set(s, static_cast<double>(i));
                return Done{};
            }
            known.items.emplace_back(std::string(info->choices[i]));
        }
        return Error{
            say("The setting {} cannot be {}; it takes one of: {}.", Name{name}, Name{value}, known)};
    }
    for (const auto& [word, number] : info->words)
        if (text == word) {
            info->field.set(s, number);
            return Done{};
        }
    double v = 0;
    const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), v);
    if (error != std::errc() || end != text.data() + text.size() || !std::isfinite(v))
        return Error{say("The setting {} needs a number, not {}.", Name{name}, Name{value})};
    if (v < info->min || v > info->max)
        return Error{say("The setting {} is {}; it must lie between {} and {}.", Name{name}, plain(v),
                         plain(info->min), plain(info->max))};
    if (info->decimals == 0 && v != std::floor(v))
        return Error{say("The setting {} must be a whole number, not {}.", Name{name}, plain(v))};
    info->field.set(s, v);
    return Done{};
}

} // namespace vitrail
