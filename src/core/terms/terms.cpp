#include "core/terms/terms.h"

#include "core/base/message.h"

#include <algorithm>

namespace vitrail {

const std::vector<Term>& all_terms() {
    static const std::vector<Term> all = {
        // The thing.
        {"piece", term("piece|pieces"),
         term("The thing to be printed: one or more parts, each with its regions."), "piece.html"},
        {"part", term("part|parts|body|bodies"),
         term("A separate body of a piece. Bodies for several colours share one origin, so that they fit "
              "together."),
         "piece.html"},
        {"region", term("region|regions"),
         term("What one filament is assigned to: a part, a painted patch of its surface, or a band of "
              "layers."),
         "piece.html"},
        {"band", term("band|bands"),
         term("A range of whole layers of a part that has a filament of its own."), "piece.html"},
        {"patch", term("patch|patches|painted"),
         term("A painted part of the surface. It takes its filament to the depth of the walls and skins "
              "there."),
         "piece.html"},
        {"plate", term("plate|plates"),
         term("What is printed in one go: one or more copies of one or more pieces."), "plate.html"},
        {"layer", term("layer|layers"),
         term("A slice of the print, counted from 1. “Before layer 12” means that layer 12 is the first one "
              "in the new filament."),
         "changes.html"},
        {"first-layer", term("first layer"),
         term("The layer on the bed, often thicker than the others. Plan and print must agree on its height, "
              "or every later swap comes too early or too late."),
         "changes.html"},
        {"walls", term("wall|walls"), term("The lines that go along the outlines of a layer."), "piece.html"},
        {"skins", term("skin|skins"),
         term("Layers that are filled solid, because nothing is above or below them."), "piece.html"},
        {"infill", term("infill"),
         term("The open pattern inside a piece. It can take purge where nobody sees it."), "purge.html"},
        {"groove", term("groove|grooves"),
         term("A shallow furrow along a border of colours, less than 1 mm wide; it makes the border look "
              "crisp."),
         "piece.html"},
        {"sacrificial-base", term("sacrificial base"),
         term("A thin layer below fine first layers, of the same material class, that is filed off "
              "afterwards."),
         "piece.html"},
        {"show-face", term("show face|show faces"),
         term("A face that will be seen. Support scars the face it touches, so it is kept off these."),
         "supports.html"},
        // Filaments.
        {"filament", term("filament|filaments"),
         term("A material in a colour. It has a letter and a hatch as well as a colour, so that two greys "
              "are never confused."),
         "palette.html"},
        {"spool", term("spool|spools"), term("One physical roll of a filament."), "palette.html"},
        {"shelf", term("shelf"),
         term("Your spools: what is on them, how dry they are, what was measured of them. It belongs to you "
              "and not to a project."),
         "palette.html"},
        {"class", term("material class|class|classes"),
         term("A family of materials, such as PLA or PETG. The same class bonds; of two classes some pairs "
              "bond, some split, and some release."),
         "palette.html"},
        {"td", term("transmission distance|TD"),
         term("How thick a filament must be, in mm, before it stops light: as thick as that, a tenth of "
              "white light comes through. Small is opaque."),
         "picture.html"},
        {"release", term("release material|release"),
         term("A material that does not bond to the piece, used as the interface of support so that it comes "
              "off clean."),
         "supports.html"},
        {"soluble", term("soluble"),
         term("A material that water dissolves. It is dear and draws moisture, so mostly the interface alone "
              "is printed in it."),
         "supports.html"},
        // The machine.
        {"machine", term("machine|printer"),
         term("Your printer as Vitrail knows it: toolheads, nozzles, slots, bed, speeds, and how long a "
              "change takes."),
         "printer.html"},
        {"toolhead", term("toolhead|toolheads"),
         term("It carries one nozzle, sometimes one that can be exchanged."), "printer.html"},
        {"nozzle", term("nozzle|nozzles"),
         term("What filament is pressed through; it is fed from one or more slots."), "changes.html"},
        {"slot", term("slot|slots"),
         term("A place for a spool that feeds a nozzle. A slot that is idle can be refilled while the "
              "printer works."),
         "changes.html"},
        {"melt-zone", term("melt zone"),
         term("The hot part of the nozzle, where old and new filament mix during a change."), "purge.html"},
        // Changes.
        {"change", term("change|changes"),
         term(
             "Any switch of filament between two extrusions: a hand swap, a feeder change or a tool change."),
         "changes.html"},
        {"hand-swap", term("hand swap|hand swaps|swap|swaps"),
         term("A change for which somebody exchanges the spool while the printer waits."), "changes.html"},
        {"feeder-change", term("feeder change|feeder changes"),
         term("A change in which a feeder pulls one filament back and pushes another through the same "
              "nozzle."),
         "changes.html"},
        {"tool-change", term("tool change|tool changes"),
         term("A change in which another nozzle takes over."), "changes.html"},
        {"refill", term("refill|refills"),
         term("A spool put by hand into a slot that is not in use just then, where there are more filaments "
              "than slots."),
         "changes.html"},
        {"lower-bound", term("lower bound|bound"),
         term("What no order whatever can fall below, proven. Where it equals the plan, the plan cannot be "
              "bettered."),
         "sums.html"},
        {"attended", term("attended|attended minutes"), term("Time somebody stands at the printer."),
         "run.html"},
        {"visit", term("visit|visits"),
         term("One time somebody has to come to the printer: to swap, to refill, or to take the plate off."),
         "run.html"},
        // Purge.
        {"purge", term("purge|purged"),
         term("Filament pushed out after a change until the old one no longer shows."), "purge.html"},
        {"prime", term("prime|primes"),
         term("The little that a nozzle pushes out before it prints again with the filament it holds."),
         "purge.html"},
        {"washout", term("washout"),
         term("How the share of old filament falls while new filament is pushed through: whole at first, "
              "then by a fixed share with each mm³."),
         "sums.html"},
        {"dead-volume", term("dead volume|V_d"),
         term("What leaves the nozzle before any new filament does, in mm³."), "purge.html"},
        {"mixing-volume", term("mixing volume|V_m"),
         term("The volume in which old and new filament are stirred, in mm³. After each such volume about a "
              "third of the old is left."),
         "purge.html"},
        {"delta-e", term("ΔE|colour difference"),
         term("How different two colours look (CIEDE2000): 1 is just noticeable side by side, 2 is seen by "
              "those who look for it, 4 is seen at once."),
         "purge.html"},
        {"tower", term("purge tower|tower"),
         term("A block printed beside the piece that takes the purge, or primes the nozzle. It is needed in "
              "every layer up to the last change, and useless above."),
         "purge.html"},
        {"ooze-wall", term("ooze wall"),
         term("A wall of one line around the piece, not touching it, that catches drips."), "purge.html"},
        {"skirt", term("skirt"),
         term("Loops printed around the piece. With hand swaps they can take the purge; then they need only "
              "be as tall as the last change."),
         "purge.html"},
        {"waste", term("waste ratio|waste|thrown away"),
         term("What is thrown away, against the grams of the piece: purge, tower, support and interface."),
         "purge.html"},
        // Support.
        {"support", term("support|supports"), term("Sacrificial structure below what overhangs."),
         "supports.html"},
        {"interface", term("interface"),
         term("The few topmost layers of support, the ones that touch the piece."), "supports.html"},
        {"overhang", term("overhang angle|overhang|overhangs"),
         term("A face that leans out over nothing. Its angle is measured from the vertical: 0° is a wall, "
              "90° a ceiling."),
         "supports.html"},
        {"bridge", term("bridge|bridges"), term("Lines printed through the air from one side to the other."),
         "supports.html"},
        {"school", term("school|schools"),
         term("A way to do a thing that practitioners swear by, such as a soluble interface, or support in "
              "the same material throughout."),
         "supports.html"},
        {"contact-face", term("contact face|contact faces"),
         term("Where support touches the piece: one face over all the layers by which it steps out."),
         "supports.html"},
        {"lug", term("lug|lugs"),
         term("A thin feature that snaps off with the support. Cut the support there, do not pull."),
         "supports.html"},
        // Pictures.
        {"relief", term("relief|reliefs"),
         term("A picture in whole layers, dark below and light above; what shows at a point is the stack "
              "below its top."),
         "picture.html"},
        {"panel", term("panel|panels"),
         term("A picture to be lit from behind: films of colour under a white relief."), "picture.html"},
        {"film", term("film|films"),
         term("One or a few layers of a coloured filament that light passes through."), "picture.html"},
        {"stack", term("stack|stacks"),
         term("The layers that lie on each other at a point, and so the colour it has."), "picture.html"},
        {"dot", term("dot|dots"), term("The smallest element of a picture, as wide as its detail can be."),
         "picture.html"},
        {"two-flux", term("two-flux theory|two-flux"),
         term("How light goes down and up through a scattering sheet (Kubelka and Munk): with absorption and "
              "scattering of each filament it gives the colour of any stack."),
         "sums.html"},
        {"step-wedge", term("step wedge"),
         term("A strip of one, two, three … layers, over black and over white, printed and photographed to "
              "measure a filament."),
         "picture.html"},
        // Deciding.
        {"variant", term("variant|variants"),
         term("One colouring of the project that was kept, to be compared with others."), "variants.html"},
        {"order", term("order|orders"),
         term("So many of this piece and so many of that one, cut into plates."), "plate.html"},
        {"job", term("job|jobs"),
         term("One start of the printer, with its own file and filament, where a print is split into "
              "several."),
         "changes.html"},
        {"aim", term("aim|aims"), term("What a plan makes small: waste, hours, or things done by hand."),
         "changes.html"},
        {"pinned", term("pinned|pin|pins"),
         term("Held as it is: a plan that others are measured against, a filament on its nozzle, a piece at "
              "its place on the bed."),
         "changes.html"},
        // At the printer, and after.
        {"run-sheet", term("run sheet|sheet"),
         term("The page for the printer: what to load, what to do before which layer, and the cautions that "
              "apply."),
         "run.html"},
        {"rehearsal", term("rehearsal|rehearse"),
         term("The run played through before it begins: what happens when, and what becomes of it if nobody "
              "comes."),
         "run.html"},
        {"toolpath", term("toolpath|toolpaths"),
         term("The lines a nozzle goes along. Another program makes them; Vitrail reads its file and checks "
              "it against the plan."),
         "run.html"},
        {"run", term("run|runs"), term("One print from start to end, at the real printer."), "run.html"},
        {"range", term("range|ranges"),
         term("Between which figures the real one will lie eight times in ten, as your logbook has it."),
         "logbook.html"},
        {"factor", term("factor|factors"),
         term("What a machine's real hours, grams or minutes were, over those foretold; 1 means that the "
              "plan was right."),
         "logbook.html"},
        {"drift", term("drift|drifts"),
         term("A slow change in what is measured, such as feeder changes that take longer than they did."),
         "logbook.html"},
        {"finding", term("finding|findings"),
         term("Something that would spoil the print, or is worth a look, found before it is printed."),
         "findings.html"},
        // The window.
        {"bench", term("bench|benches"), term("A step of the work, with what it needs and nothing else."),
         "index.html"},
        {"ribbon", term("ribbon"),
         term("The whole print from its first layer, left, to its last: a lane for each nozzle, a pane for "
              "each filament, a lead line at each change."),
         "index.html"},
        {"lead-line", term("lead line|lead lines|lead|leads"),
         term("A dark line at a change of filament. Much lead means a costly print."), "index.html"},
        {"tally", term("tally"),
         term("What the plan costs, above every bench, and the difference to the plan that was pinned."),
         "index.html"},
    };
    return all;
}

const Term* find_term(std::string_view id) {
    const auto& all = all_terms();
    const auto at = std::find_if(all.begin(), all.end(), [&](const Term& t) { return t.id == id; });
    return at == all.end() ? nullptr : &*at;
}

} // namespace vitrail
