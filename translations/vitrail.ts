<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1">
<context>
    <name>OrderPage</name>
    <message>
        <source>%1 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, there %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>QDialog</name>
    <message>
        <source> mm</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Threads</name>
    <message>
        <source>There is not enough memory for this piece. Use thicker layers or a coarser mesh.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Vitrail made a mistake (%1). Your project is as it was; save it under another name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Vitrail made a mistake. Your project is as it was; save it under another name.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>core</name>
    <message>
        <source> and </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, then </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A base of {} in {} below everything, printed as the first layer at the usual first-layer speed; {} layers in all, every change one layer later. Calibrate the flow of each colour beforehand. When it is off the bed, file the base away until the lettering shows clean, with a fine file, then paper of 600 to 2000 grit. Wet-sand or wear a dust mask.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A first layer of {} is outside the usual 25 to 75 % of a {} nozzle.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A layer takes at least this long, so that it can cool. From memory: 6 s.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A one-line wall around the piece, not touching it, that catches drips, up to the last tool change.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A project holds at most 26 filaments, one a letter.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A release material lets go best when cold.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A strip needs two filaments at least.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A thin coat of glue between sheet and print, so that it comes off unharmed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A tool of {} does not reach {} cm² of contact. Fine fins and inner cavities want a soluble interface, or an opening.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A tool of {} does not reach {} of it: use something thinner.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A tower that narrows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A tower {} wide has no room for {} mm³ of purge; the busiest layer is {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A warm piece bends when support is pulled.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ABS, ASA and HIPS give off fumes: ventilate well, to the outside, and do not stay in the room for long.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Align interfaces within</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Attended minutes for each joint, where parts are printed by colour and assembled. From memory: 3 min.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Before it is used</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Beside it a second one, {} wide, that ends with layer {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Between least waste (0) and least handling (100). At 50 a move by hand weighs as much as 500 mm³ of purge.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Between the jobs: swap the filament, and take job one&apos;s skirt and prime line off. The nozzle is hot: fingers out of a moving machine.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Between {} and {} above it there is a gap of {} in Z: the upper one would be printed onto air. Bodies must meet exactly.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Between {} and {} mm of height, thin features of {} stand on support. Cut the support there, close to the piece; do not pull, or they snap off with it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Between {} and {} there is a gap {} in XY, and they touch nowhere: they would come apart. Let them share a face.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Blend</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bodies of different colour farther apart than this, but near enough to be meant to touch, are reported as a gap.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bottom skins</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Branches instead of columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Break the support off in small pieces, the body first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Breaking off the same material</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Build sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>By how much of a circle pieces may be turned where they are arranged. Copies of one piece stand in rows as long as there is room.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cannot print: every nozzle is missing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the water every</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Clean at ΔE</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colour difference to the pure filament at which a change counts as clean: 1 strict (just noticeable), 2 normal, 4 thrifty. CIEDE2000.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Columns instead of branches</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Common practice: 75 to 100 %; five layers at 75 % left a slightly open ceiling.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Contact faces smaller than this are held in the support&apos;s own material, with a gap of a layer. 0: every face gets interface.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copies</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cut away from your hand; eye protection, as bits fly.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cut free what is thin</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cut {} at {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dead volume V_d</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Distance of the ooze wall from the piece. From memory: 2 mm.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Distance of the skirt from the piece. From memory: 3 mm.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dry it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dry {}, {}: {}, in a dryer, not in an oven used for food. It {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>End supports in shared layers, up to {} lower</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every nozzle has to be exchanged for one; let it cool first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every nozzle of the machine is missing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Eye protection when snapping supports; cutters and blades away from the hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filament that comes out unmixed after a change. 0 takes the machine&apos;s (40 for a 0.4 mm nozzle, from memory).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filaments on nozzles for</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fill of tower layers without purge, which only carry the ones above. From memory: 15 %.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fine first layers stick badly and blur. Three ways help: a sacrificial base, two jobs, or a finer nozzle.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fine lettering on the first layer is printed as a job of its own, and the piece over it. The run sheet says how.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Finest stroke</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>First layer speed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>First layer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For each cm² of contact. From memory; your own records know better.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For each cm² of contact; each change of water takes 3 min more. From memory.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Free bridges up to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Free layers between support and piece. Common practice: one for the same material, none for a release or soluble one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Free space around each piece and the tower. From memory: 5 mm.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Free space sideways between support and piece. From memory: 0.6 mm.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From layer {} on the tower is {} wide only.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From outside in: {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From then on nobody is there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Gap below the piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Gap between bodies</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Gaps carried at both sides that PLA spans by itself; other materials span less (PETG 70 %, TPU 40 %). From memory: 10 mm; 0 trusts none.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give up a band of {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give up the patch {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Gluing a joint</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Groove at colour borders</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hand swaps are done at a hot nozzle: pull and push the filament above the head, and cut it away from your hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Height of every layer but the first. Common practice: 0.2 with a 0.4 mm nozzle.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Height of the first layer. Plan and print must agree on it: it shifts every change.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Height over the narrowest width of what stands on the bed, beyond which a part may topple or sway. From memory: 6.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Height over width beyond which a tower may topple. From memory: 8.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hour of the day; with the night it tells how often somebody must get up.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How long the printer stands before somebody comes to swap the spool.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How much longer it takes where the tool does not reach. From memory: 3 times.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How slowly the old filament fades after that. 0 takes the machine&apos;s (60 for a 0.4 mm nozzle, from memory).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Infill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Interface fill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Interface on the piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Interface</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is planned as two jobs; the run sheet says how.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It lets go by itself: bend it away from the piece, start at a corner.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Job one: only the lettering&apos;s outlines, one layer of {}, then stop. Swap the filament. Job two: the whole piece over it with a first layer of {}, thicker than job one&apos;s. Take job one&apos;s skirt and prime line off before job two starts; let nothing move on the bed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep printing the {} copies together</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep {}, {} {}, within reach: it goes in later.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Layer height</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Layers of {} are outside the usual 25 to 75 % of a {} nozzle ({} to {}).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Least time per layer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Let it bridge {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Let it cool</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Let the order within layers be worked out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Let {} take the purge: its colours do not matter.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lettering as two jobs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lift the lock on the order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Line width</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Line {} of the OBJ file: a face needs at least three corners.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Line {} of the OBJ file: a vertex needs three numbers.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Line {} of the OBJ file: the face names a vertex {} that there is not.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Line {} of the STL file: a facet has {} corners instead of three.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Line {} of the STL file: a vertex needs three numbers.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Line {}: {} is {}; it must be {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lines around each outline. From memory: 2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lines of a skirt that takes purge; it is as tall as the last layer that purges. From memory: 3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lines of {}, layers of {} ({} of them), two walls, solid fill, elephant-foot compensation off. Slower, and the sharpest of the three.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Load {}, {} {}: {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Look at the faces</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Look for cracks where support was and at thin places.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lost detail reported from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lowest layers of a support that stands on the piece, in the interface&apos;s material. 0: it stands there in its own.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>May it stand on the piece, and scar it there, or on the bed only.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mixing volume V_m</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move the beginning of a band of {} to layer {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move the end of a band of {} to layer {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Never leave a machine alone on its first use of a new part or filament.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Night from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Night to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No filament would purge more on another nozzle: there is nothing to gain by moving one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No interface for faces below {} mm²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No material is known to come off {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No nozzle of the machine prints lines of {}: the nearest is {}. Lines from {} to 2 times the nozzle&apos;s diameter come out well.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No oven used for food, no open flame.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing else takes less of your time.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing needs holding: no support is worth it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nozzle and bed are hot (over 200 °C at the nozzle): keep your fingers out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nozzle and bed are over 200 °C and 50 °C hot: let them cool before you touch them, and keep your fingers out of the moving machine.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nozzles change and nothing catches what they drip: without tower, wall or skirt, hairs of the other colour end up on the piece.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nozzles of different diameter: only those that suit the line width are used.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Of everything on the plate: of a single piece as many, of several as many of each as its count says. Changes and purge do not grow with it; everything else does.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Of the pliers or cutter that has to get at the support. From memory: 3 mm.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On the bed, middles in mm from its front left corner: {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One bed cannot suit both {} and {}. Choose filaments whose bed temperatures overlap.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One block to the top; a block that narrows where fewer changes remain; or two towers of which one ends where its changes end.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One filament a layer would print too much in the wrong colour.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One filament a layer: {} and {} at the printer against {} and {}, and {} % of the piece in another colour.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One wall, no infill, no top and no bottom.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ooze wall gap</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ooze wall</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Order in a layer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Out of a tool&apos;s reach</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Overhang angle from the vertical: 0° is a wall, 90° a ceiling. From memory: 50°.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Peeling a release material</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Print an ooze wall: one line, {} from the piece, up to layer {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Print it by colour and put it together: {} and {}, {} of your time against {} for {}, and {} g of waste against {} g.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Print it on {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Print {} in {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Printed parts are neither food-safe nor load-rated by default; for lamps low voltage only, and a licensed electrician where local codes ask for one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Printed parts are not food-safe or load-rated by default.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Purge goes to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Purge into infill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Purge into support</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Purge into the infill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Purge is laid into support first, as far as there is any in that layer. The material must be of the same class.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Purge is laid into the infill first, or only the peaks that would make the tower wider; as far as it has room in that layer and its colour does not show through the walls. The material must be of the same class.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Put a purge tower of {0} × {0} mm beside the piece, {1} tall: it ends with layer {2}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reading {}: {} and {} are that close anyway, so their change tells nothing. Leave it out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Regions that take less than this are suggested to be dropped. From memory: 60 mm³, one small purge.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Release coat</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Release material for the interface: it saves {} min of cleaning up for {} and {} h less printing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Release material for the interface: it saves {} min of cleaning up for {} and {} h more printing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Release material throughout: it saves {} min of cleaning up for {} and {} h less printing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Release material throughout: it saves {} min of cleaning up for {} and {} h more printing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rinse with clean water, blow or shake it out of holes and let it dry for a few hours; what stays wet stays sticky and leaves a film.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rinsing a soluble one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sand the scars</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>See that the removable bed sits in its place, and that the sheet is clean.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Set the first layer to {} and the others to {}: the plan counts its layers so.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Set the purge of your toolpath program to nothing, and switch off tower, skirt and prime after changes: the strip itself takes what a change purges.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Share of a part&apos;s area in a layer that may be lost to strokes too fine before it is reported. From memory: 2 %.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Share of the inside that is filled. From memory: 15 %.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Share of the support&apos;s inside that is filled. From memory: 15 %.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Side of the square tower. 0: as small as its busiest layer and its height allow.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Similar filaments</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Skirt gap</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Skirt loops</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Slots are refilled while the machine moves: keep your fingers out of it, and cut filament away from your hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Small region</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Smaller overhangs are left alone; islands are held however small. From memory: 0.5 mm².</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Smallest interface</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Smallest overhang</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>So much dissolves before the water is used up. From memory: 5 cm³ in a bowl of 2 l.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Soak it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Soaking at least</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Soaking for each cm³</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Solid layers above a surface that faces down. From memory: 3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Solid layers below a surface that faces up. From memory: 4.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Soluble interface: it saves {} min of cleaning up for {} and {} h less printing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Soluble interface: it saves {} min of cleaning up for {} and {} h more printing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Soluble throughout: it saves {} min of cleaning up for {} and {} h less printing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Soluble throughout: it saves {} min of cleaning up for {} and {} h more printing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Soluble waste goes where local rules say: strain it, and do not wash lumps down the sink.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Space between pieces</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Spool margin</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Spool {} of {} is empty in layer {}: have spool {} ready.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Spool {} of {} is empty in layer {}: nothing follows it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Started at {} it runs to its end without anybody.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped before all aims were compared.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped before all interfaces were planned.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped before all overhangs were found.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped before all poses were tried.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped before all schools were compared.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped before all suggestions were worked out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped before all ways to less support were tried.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped before all ways were compared.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped before everything had its place.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped before it was known what can be reached.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped before the details were looked at.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped before the filaments had their nozzles.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped before the file was read.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped before the plate was laid out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped before the slicing was done.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped before the space around the piece was known.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped before the space beside the piece was known.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped before the support could be shown.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped before the support was laid out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped before the volumes were known.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Straight columns below every overhang, or branches that merge on their way down.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Strain the water and put what is left where your local rules say; do not wash lumps down the sink.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Straps and lugs thinner than this many lines snap off. Common practice: a few lines; 4 from memory.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Strokes and gaps below this are reported. Common practice: one line width.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Support beside the piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Support fill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Support of {} touches the piece of {} without a gap: they bond, and it does not come off. The same material wants a gap of about one layer.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Support on the bed only</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Support on the piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Support touches thin features of {} in {}, less than {} lines thick ({}): ready to snap off with it. Cut it away there, do not pull. Cut away from your hand and wear eye protection.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Support</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Supported from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Supports may end so many layers lower, in layers where others end, so that fewer layers have interface. The gap grows by as much.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Swap by hand as planned: {}, {} at the printer.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take off by hand what comes off.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take the support off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Taking it off and sanding the scars, for each cm² of contact. From memory; your own records know better.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tall for its foot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The 3MF file cannot be opened.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The 3MF file cannot be understood ({}). Export it again from the program it comes from.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The 3MF file cannot be understood. Export it again from the program it comes from.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The 3MF file could not be put together. Nothing was written.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The 3MF file has nothing to build: no build item leads to a mesh.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The 3MF file holds a mesh that cannot be read.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The 3MF file nests components more than 32 deep.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The 3MF file unfolds to more bodies or triangles than Vitrail reads.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The 3MF library did not start.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The JSON cannot be read: a mistake in line {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The JSON cannot be read: it holds a number too large for any use.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The JSON nests more than {} deep in line {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The OBJ file has more triangles than Vitrail reads.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The OBJ file has more vertices than Vitrail reads.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The OBJ file has no faces.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The OBJ file holds more groups than Vitrail reads.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The STL file has more triangles than Vitrail reads.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The STL file has no triangles.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The STL file has {} triangles, more than Vitrail reads.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The STL file holds more bodies than Vitrail reads.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The STL file is cut short: its header promises {} triangles and there are {}. Export or copy it again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The STL file is cut short: line {} is the last and “endsolid” is missing. Export or copy it again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The archive could not be put together (out of memory?). Nothing was written.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The archive holds a file {} whose name leads out of it. It is not opened.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The archive holds {} files, more than Vitrail reads.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The archive is damaged or no archive at all ({}).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The archive unfolds to far more than its size; it is not opened.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The band {} to {} of {} does not fall on layers; it is printed from {} to {} (layers {} to {}).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The band {} to {} of {} lies between the middles of two layers, so no layer takes its filament.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The body of the support falls off when the interface is gone; help it where it is loose.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The body of the support stands on {} cm² of the piece without a gap: there they bond. Print interface below it as well, or let it stand on the bed only.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The border at {} of {} lies on an overhang for {} of {} mm: colours run into each other there. Borders come out better on upward slopes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file cannot be put in its place: {}. Nothing was changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file cannot be read: {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file cannot be written: {}. Nothing was changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file has no triangle that can be used: every one has a corner that is no number, or no area. Export it again from the program it comes from.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file holds no readings: it is empty, or a quotation mark is not closed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file is empty.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file is larger than 2 GB, more than Vitrail reads.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file is no CSV: a quotation mark is not closed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The first line must name the columns; {} is missing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The folder for machines, {}, cannot be made.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The machine file does not fit: {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The machine has one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The machine was not among yours.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The model file {} is missing from the project.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The paint of {} does not fit its mesh.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The piece does not fit on {} × {} mm with {} around it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The piece does not fit on {} × {} mm with {} between it and the tower.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The piece would take {} layers, more than Vitrail plans for. Check the unit of the model, or use thicker layers.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The piece {} has no parts: give it a model file, or take it out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The plan counts on a first layer of {}. Printed with {} like the others, {}. Set the same first layer in the program that makes the toolpaths.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The plate would hold {} pieces; Vitrail plans for at most {}. Print fewer copies.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The print starts at</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The project was written by a newer Vitrail (project version {}; this one reads up to {}). Open it with that version.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The sacrificial base is the first layer. Calibrate the flow of each colour beforehand. Afterwards file it off with a fine file, then paper of 600 to 2000 grit: wet-sand or wear a dust mask.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The schema is {}; Vitrail reads {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The schema is {}; this version reads {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The setting {} cannot be {}; it takes one of: {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The setting {} is {}; it must lie between {} and {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The setting {} must be a whole number, not {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The setting {} needs a number, not {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The shelf cannot be opened at {} ({}).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The shelf cannot be opened at {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The shelf cannot be used at {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The shelf could not be brought to version {} ({}).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The shelf could not be read ({}).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The shelf was damaged. It has been set aside as {}, and a new one begun.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The shelf was not changed ({}).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The shelf was written by a newer Vitrail (version {}; this one knows up to {}). It was left as it is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The strip must be wider than four lines.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The strip must change at every letter; {} follows itself.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The strip would be {} mm tall, more than the printer&apos;s {}. Use fewer changes, or a wider strip.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The tower is {} tall on {}: {} times its width. Beyond {} it may topple.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Then the piece in warm water (up to 40 °C for PLA, or it bends), about {} for {}, {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Then the whole piece in warm water (up to 40 °C for PLA, or it bends), about {} for {}, {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no filament to print with: add one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no filament {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no project.json in it, so this is no Vitrail project.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no setting {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no such file. Check the name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is nothing to plan yet: add a model file (3MF, STL or OBJ).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is nothing to slice: the piece has no triangles. Add a model file first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is one filament, so there is nothing to choose.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is one nozzle, so there is nothing to choose.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>They are smooth and a little matt; take hairs off with a fine file or 1000 grit. A hot-air gun at low heat takes fine strings away.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Thin lug</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is no STL file: it is too short to hold a header.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is not a file that can be read.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tool thickness</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Top skins</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Topmost layers of the support, the ones that touch the piece. Common practice: 2 to 5.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tower shape</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tower slenderness limit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tower sparse fill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tower width</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turn it: {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turn pieces on the bed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turn {}: {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two filaments closer than this are suggested to become one. From memory: 6, seen side by side but not apart.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two readings of different pairs are needed at least; three or more also tell how sure the result is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two towers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Until then nobody is there. Equal to its beginning: there is no night.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Untitled piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Use a release coat or a smooth or satin sheet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Use a release coat or a textured or satin sheet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Use a release coat.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ventilate the room while it prints.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Vitrail reads 3MF, STL and OBJ files; this is none of them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Wait for a hand swap</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Wait until the bed is below 40 °C, then take the piece off with its support on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Walls</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Wet-sand or wear a dust mask. No open flame: plastics burn.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Wet-sand or wear a dust mask.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What a spool must hold beyond what the print takes, before it counts as enough. From memory: 10 %.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What an hour at the printer is worth to you; 0 leaves it out of the cost.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the first layer is printed on. Some materials grip one so hard that they tear it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the others are measured against.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>When nothing feels slippery any more it is done.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where purge ends up that nothing else has use for: thrown out, laid into a tower beside the piece, or into a skirt around it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Which filament a layer starts with: worked out for the least purge, or by letter in every layer.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Which filament sits on which nozzle: for the least purge, the least time, the least work by hand, or a blend of waste and handling.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Width of an extruded line. Common practice: about the nozzle&apos;s diameter.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Width of the groove wanted along borders between bodies side by side; common practice is under 1 mm. 0: do not ask for one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Wipe a thin, even release coat onto the sheet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Your own hour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a colour #rrggbb</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a gap up to {} wider</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a glued seam of {} cm²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a number from {} to 30</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a number of mm³ from 0 to 100000</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a purge tower</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a skirt</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a slim tower, and only what it has no room for goes inside</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a temperature range ends below where it begins</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a thin coat of glue stick, wiped even; let the bed cool before you take the print off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a tool of {} does not get at {} cm² of it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a tower in one block</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a tower that narrows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>add a sacrificial base in {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>all of it as waste</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>all of it was inside out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an ooze wall</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an ooze wall, no tower</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>another printer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>any time from layer {} to layer {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>arrange it again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as it stands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as tall as the last layer that changes; what it has no room for is thrown out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as wide as its busiest layer all the way up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as-assigned</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as-machine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at the printer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>automatic</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>back down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bed only</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>before layer {0} · after layer {1} · with {2} printed, layer {0} ends at {3}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>black</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>blend waste and handling</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>blend</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>block</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>blue</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bond, by opinion: try it first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bond, proven in use</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bond: same class</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bridges may sag</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>changing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>clean at ΔE {} instead of {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>come apart, by opinion; never in one body, good for a release interface</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>come apart, proven in use; never in one body, good for a release interface</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>copies at {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cost</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>damp</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dark blue</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dark follows light where it can; the piece stays as it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dark green</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dark grey</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dark orange</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dark pink</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dark red</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dark teal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dark violet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dark yellow</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dryer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>eighth</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ejected</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>error</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>every change is a swap by hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>every change purges the one nozzle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>every change would come {} layers too early, which is no whole number: the borders would also be off by {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>every change would come {} layers too late, which is no whole number: the borders would also be off by {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>everything is arranged anew</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>external spool</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>face of {} mm² down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>feeder change</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>feeder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>filament {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>file {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>first layer {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>first loads</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from layer {}, by {}: it then changes where something else does</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from your shelf</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>front down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>gap above support</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>gaps carried at both sides are left free, where the material spans them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>give it to {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>give it {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>glass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>green</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>grey</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>half</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hand swap</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hand swaps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>handling</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>has no note of when it was dried</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>heat</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in all</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in the project</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>infill first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>infill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>inside {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>interface density</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>interface layers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>interface material</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>interface on the piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>interfaces at different heights come to lie in the same layers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is vouched to be dry</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it draws moisture and then strings; dry it before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it has been dried</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it has corners that are no usable numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it is no PLY file as Vitrail writes it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it is no longer pinned</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it is noted as dry; keep it closed while it is not printed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it is {} then</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it must be an object</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it names a filament {} that is not in the list</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it scars the piece there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its size does not fit what its header says</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its spool</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>later, by hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>layer lines run another way</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>layer {} ({} to {})</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>layer {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>layers {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>layers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>leave a gap of one layer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>leave no gap</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left side down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>let go of the pin</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>let go of what is pinned</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>let it be as wide as it must</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>let support stand on the piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>let {} down by {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>light blue</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>light green</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>light grey</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>light orange</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>light pink</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>light red</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>light teal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>light violet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>light yellow</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>line width</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>line {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>line {}, {} walls, infill {} %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lines show</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lines</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>machine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>make {} {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>more are swapped by hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>more need a refill while a slot is idle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>more of the piece is touched on the way down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>move {} into it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nearly smooth</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nearly smooth; the lines of the support may show</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>needs a machine with a place to throw it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no bed temperature suits both</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no nozzle temperature in common</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no nozzle temperature suits both; the printer waits at every change</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nobody vouches for them: print a small test first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>normal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not into the infill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not on your shelf: planned with the figures of its class</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not wanted</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>note</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing stands on the piece and scars it there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nozzle {} ({})</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nozzle {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>o&apos;clock</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>of which one ends where its changes end</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>off-white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on the cut</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one bowl of water is enough</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one ends where its changes end</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one external spool</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one line around the piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one of its faces is faulty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>open between the lines</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>optimal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>orange</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>painted surface</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>part {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>patch {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>peaks into the infill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>peaks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>per h</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pink</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>plan columns of support</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>plate, {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>print 2 layers of interface there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>print 3 layers of interface</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>print it as two jobs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>print lines of {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>print {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>printing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>project.json does not fit: {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>project.json: {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>purge is thrown out, and the wall catches drips</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>purge put to use</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>purge until it is clean</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>purge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>quarter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ragged: the support&apos;s sparse lines carry it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reach</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>read it in centimetres</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>read it in inches</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>read it in metres</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>red</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>refills of slots</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>release material for the interface</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>release material throughout</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right side down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sags: the gap is wide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>same material throughout</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>satin</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>scars on those faces</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>scars where it touched; sand them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>scars</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>set it to {} to {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>shelf</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>skirt</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>slightly open</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>slot {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>slot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>smooth</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>smooth, a little matt</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>snap</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>soluble interface</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>soluble throughout</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>space beside the piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>split</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>spool {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stands in the open</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stepped</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>still wide enough for the nozzle; walls get thinner with it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>straight down below every overhang</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>strict</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>support density</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>support material</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>support on the piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>support</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>supported from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>teal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>textured</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the colour {} must be #rrggbb</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the face rests on points below its roof</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the faces it touches are show faces no more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the id is missing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the label says {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the longest stay is {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the material {} is not known</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the nozzle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the piece at {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the print takes longer ({} h) than it stands open ({} h), so feed it from a dry box</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the schema is {}, which is no Vitrail project</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the schema {} has no version</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the spool {} stands twice</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the tower at {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the {} below {} of height ({} in)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the {} below {} of height</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the {} of {} in layer {} start clean</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the {} of {} in layer {}: the first {} of line start in {}, ΔE {} off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>they are ΔE {} apart; {} g change colour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>they merge on their way down and keep clear of the piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>thriftier</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>thrifty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>thrown out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>times</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tool change</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tool</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>top and bottom skin</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>torn: without a gap it fuses</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tower fill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tower</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>towers at {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>trapped</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tree</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>two of them fill the wall</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>two towers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>undo a reading in centimetres</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>undo a reading in inches</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>undo a reading in metres</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>uneven: the first lines sag across the gap</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>upside down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>use a release coat</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>use a satin sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>use a {} nozzle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>violet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>walls</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>warning</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>was dried {} and has lain open since</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>was dried {} and kept dry since, no need to dry it again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>was opened {}, and nobody has noted that it was dried</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>waste ratio</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>waste</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what does not show through the walls; the piece looks the same</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what does not show through the walls; the rest as it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what the bed cannot reach is not held</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>where fewer changes remain</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>where fewer changes remain; it still stands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>where the release material is printed into the piece by mistake, it comes apart there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>where {} and {} touch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>while layer {} is printed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>whole plate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>whole print</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>within layer 1 · after part of layer 1 · with {} printed, layer 1 ends at {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>within layer {0} · after layer {1} and part of layer {0} · with {2} printed, layer {0} ends at {3}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>yellow</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>yes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} and {1} claim the same {2} mm³, up to {3} wide and {4} high, in layers {5} to {6}, first at x {7}, y {8} mm. The later in the list, {1}, gets it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} ({} after the start)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} ({} to {} after the start)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} alone on {} saves {} g of purge against the next best place: it takes part in {} of {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} and {} are parted by a groove {}; it makes the border crisp.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} and {} do not bond: they meet {} and the piece will split there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} and {} meet side by side without a groove. One of {} along the border would make it crisp.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} and {} meet {}; whether they hold is not proven. Print a small test first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} at {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} by hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} by hand, then {} by itself</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} by itself</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} can pull splinters out of bare glass.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} cm² lie in a cavity without an opening; it stays inside</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} cm² lie in a cavity without an opening; water does not get in or out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} cm² of support touch the piece in a cavity without an opening: nothing gets out of there, and no tool gets in. Give the cavity a hole of a few mm, let it bridge, or keep it free of support.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} cm² of support touch the piece in a cavity without an opening: nothing gets out of there, dissolved or not. Give the cavity a hole of a few mm, let it bridge, or keep it free of support.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} copies do not fit on {} × {} mm with {} between them and the tower; {} do.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} copies do not fit on {} × {} mm with {} between them; {} do.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} copies in rows of {}, the first at {}, {} from one to the next and {} from row to row</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} does not fit the body it is painted on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} draws moisture and then strings. Dry it for {} h at {} °C, in a dryer, not in an oven used for food, and keep it closed while it prints.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} grips smooth PEI hard enough to damage it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} grips textured PEI so hard that it can tear it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} h at {} °C</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} h of printing less</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} h of printing more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} hangs in the air at {}, beside all other parts. It seems to have another origin: export the parts together, from one program.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} has gaps narrower than {} in {}, about {} wide in layer {}; they will close up. Widen them, or print finer lines.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} has holes: {}. In {} the outline was closed by straight lines of up to {}. Look at those layers, or close the mesh in the program it comes from.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} has no filament. It is planned in {} until you give it one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} has no nozzle temperature in common with {}: the printer waits for heat at every change, and the nozzle may clog.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} has no nozzle temperature in common with {}; they are on nozzles of their own, so that is no trouble.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} has no usable triangle, so nothing of it is planned.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} has strokes narrower than {} in {}, about {} wide in layer {}: {} % of its area there ({} mm²) would be lost or blurred. Lines of {} from a {} nozzle would print them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} has the shape of a hole in {} but lies {} beside it ({} in X, {} in Y). Bodies for two colours must share one origin.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} has thin features over air in {}, less than {} lines thick ({}). Support will touch them: cut it away there, do not pull, or they snap off with it. Cut away from your hand and wear eye protection.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} has walls about {} thick in {}, between one line and two of {}. Both fit when they overlap by {} % of a line; else lines of {} fill them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} has {}, none of which a layer meets.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} in the archive cannot be read ({}).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} in the archive is damaged.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} is filed as PLA but has the density of a co-polyester, which does not bond with PLA.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} is filed as PLA but wants the nozzle as hot as PETG.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} is fine lettering on the first layer: {} % of it is narrower than two lines.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} is hard to peel off a smooth sheet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} is missing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} is no rotation</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} is not known</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} is painted on {} and is no body of its own. Cut it out first, or model it as a part.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} is pinned to {}, which does not print lines of {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} is pinned to {}, which is missing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} is pinned where it meets {}. Move one of them, or let it be arranged.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} is pinned where it reaches over the edge of the bed. Move it, or let it be arranged.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} is {} across at most, a speck. It may have been written in another unit than millimetres.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} is {} long, more than the printer holds. It may have been written in another unit than millimetres.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} is {} tall on a foot {} wide, {} times as tall. Beyond {} it may topple or sway: add a brim, slow down, or turn it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} is {}; it must be a number from {} to {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} is {}; this version reads {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} layers from {} to {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} leads out of the folder.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} measures {} × {} × {} mm and does not fit the printer&apos;s {} × {} × {} mm. Turn it, scale it, or choose another machine.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} min of your time less</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} min of your time more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} mm² of overhang are held by nothing: support may stand on the bed only, and does not get there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} mm² of overhang are held by nothing: there is no room below for support that keeps clear of the piece.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} mm² of overhang instead of {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} mm² of overhang instead of {}, {} mm tall</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} mm² of the patch {} on {} overhang by more than {}°: support would touch and scar the painted face. Turn the piece, or paint less of it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} mm² that would need holding are kept free by paint: they may sag.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} mm² to hold instead of {}; the lower piece stands {}, the upper one {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} mm³ more each time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} mm³ on {} become {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} mm³, what its layers are printed in anyway</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must be #rrggbb</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must be a letter from A to Z</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must be a list of at most {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must be a number from {} to {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must be a text</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must be an object</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must be diameters from {} to 3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must be letters from A to Z</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must be nine numbers, a rotation row by row</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must be numbers of its nozzles, from 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must be strip_mm, mm3 or seconds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must be true or false</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must be two lengths from 1 to 10000</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must be two lengths</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must be two temperatures, the lower first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must be “ejected” or “tower”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must have two colours #rrggbb</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must hold a number from {} to 1000000 for each model</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must hold at least one nozzle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must hold at most 32 nozzles together</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} names a body that the model files do not have</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} no longer has to come first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} of faces were touched by a material that bonds. Begin with 240 grit where they are rough, then 600, finish with 1000 to 2000; 240 is as coarse as {} takes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} of it lies in a cavity without an opening: it stays there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} of {} contact faces are held in the support&apos;s own material, with a gap</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} of {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} on {} saves {} g of purge against the next best place: it takes part in {} of {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} on {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} pieces do not fit on {} × {} mm with {} between them and the tower; {} do.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} pieces do not fit on {} × {} mm with {} between them; {} do.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} reaches beyond {} m, farther than any printer. Check the unit it was exported in.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} takes {} g and {} hold {} g: enough, but less than the {} % margin beyond it. Weigh the spools before you start.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} takes {} g and {} hold {} g: it runs out in layer {}, {} g short. Put another spool ready, print fewer copies, or give some regions another filament.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} takes {} g and {} holds {} g: enough, but less than the {} % margin beyond it. Weigh the spool before you start.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} takes {} g and {} holds {} g: it runs out in layer {}, {} g short. Put another spool ready, print fewer copies, or give some regions another filament.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} to {} mm, {} mm³, become {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} to {} purges {} mm³ by hand, and is clean at {}. It lands on {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} to {} wide and {} deep</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} turned by {}°</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} was mended for slicing: {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} wide and {} deep</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} with what touches it is {} tall on a foot {} wide, {} times as tall. Beyond {} it may topple or sway: add a brim, slow down, or turn it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} {} is missing from the project</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} {} is no part of its piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} {} is not known</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} {} stands twice</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} × {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{}, external spool</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{}, slot {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{}: dry it, {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{}: {} and {} missing, {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{}° from the vertical</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{}–{} °C</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>A region begins in the air, in layer {1} at {2}: nothing is below, and no support is planned. What is printed there falls down.</source>
        <comment>{0} regions begin in the air, the lowest in layer {1} at {2}: nothing is below, and no support is planned. What is printed there falls down.</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Holds {} filament at once</source>
        <comment>Holds {} filaments at once</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Somebody must get up once at night if it starts at {1} o&apos;clock. Start it at another hour, or see what takes fewer swaps.</source>
        <comment>Somebody must get up {0} times at night if it starts at {1} o&apos;clock. Start it at another hour, or see what takes fewer swaps.</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Started at {1} somebody must come once</source>
        <comment>Started at {1} somebody must come {0} times</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Started at {1} somebody must come once, never at night</source>
        <comment>Started at {1} somebody must come {0} times, never at night</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Started at {1} somebody must come once, {2} of them at night, between {3} and {4}</source>
        <comment>Started at {1} somebody must come {0} times, {2} of them at night, between {3} and {4}</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>every change would come {} layer too early</source>
        <comment>every change would come {} layers too early</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>every change would come {} layer too late</source>
        <comment>every change would come {} layers too late</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>feeder with {} slot</source>
        <comment>feeder with {} slots</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>in {} change of water</source>
        <comment>in {} changes of water</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>one after the other they would take {} change instead of {}, and {} g of purge instead of {} g</source>
        <comment>one after the other they would take {} changes instead of {}, and {} g of purge instead of {} g</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>thin features touch the support in {} place; cut there, do not pull</source>
        <comment>thin features touch the support in {} places; cut there, do not pull</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>with only {} slot for {} nozzles, more filaments mean a refill</source>
        <comment>with only {} slots for {} nozzles, more filaments mean a refill</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{1} comes off {2} by itself and wants no gap; with {0} layer of it the face above sags.</source>
        <comment>{1} comes off {2} by itself and wants no gap; with {0} layers of it the face above sags.</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{1} crosses itself or holds overlapping bodies; in {0} layer the outlines were united.</source>
        <comment>{1} crosses itself or holds overlapping bodies; in {0} layers the outlines were united.</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{1} has {0} triangle with corners that are no usable numbers; it was left out. Export the model again.</source>
        <comment>{1} has {0} triangles with corners that are no usable numbers; they were left out. Export the model again.</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} change less</source>
        <comment>{} changes less</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} change more</source>
        <comment>{} changes more</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} change</source>
        <comment>{} changes</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} copy</source>
        <comment>{} copies</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} duplicate face dropped</source>
        <comment>{} duplicate faces dropped</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} face without area dropped</source>
        <comment>{} faces without area dropped</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} flipped face turned round</source>
        <comment>{} flipped faces turned round</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} job</source>
        <comment>{} jobs</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} joint</source>
        <comment>{} joints</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} layer with interface instead of {}</source>
        <comment>{} layers with interface instead of {}</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} layer</source>
        <comment>{} layers</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} layer, {} tall</source>
        <comment>{} layers, {} tall</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} loop</source>
        <comment>{} loops</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} more change</source>
        <comment>{} more changes</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} nozzle</source>
        <comment>{} nozzles</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} of them on a nozzle of its own, which changes without purging</source>
        <comment>{} of them on nozzles of their own, which change without purging</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} of them on a nozzle of its own, which changes without purging, the others share</source>
        <comment>{} of them on nozzles of their own, which change without purging, the others share</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} of {} contact faces ({} mm²) touches the piece without the interface of {}: there it fuses, and breaks out of the face.</source>
        <comment>{} of {} contact faces ({} mm²) touch the piece without the interface of {}: there it fuses, and breaks out of the face.</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} of {} hand swaps falls inside a layer: the printer must pause in mid-layer, and somebody must stay for {} min in all.</source>
        <comment>{} of {} hand swaps fall inside a layer: the printer must pause in mid-layer, and somebody must stay for {} min in all.</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} open edge</source>
        <comment>{} open edges</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} reading</source>
        <comment>{} readings</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} spool is put in during the print, and for {} of them the printer waits: the slot is not idle for a whole layer before, or the spool is not free. The first is in layer {}.</source>
        <comment>{} spools are put in during the print, and for {} of them the printer waits: the slot is not idle for a whole layer before, or the spool is not free. The first is in layer {}.</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} spool is put in during the print, at any time in some stretch of layers. Put in too late, the printer waits.</source>
        <comment>{} spools are put in during the print, each at any time in some stretch of layers. Put in too late, the printer waits.</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} swap</source>
        <comment>{} swaps</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>“{}”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped before the layers were in rows.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>{1} cm² overhang by more than {2}° and no support is planned: the face from layer {3} to {4} sags or curls. The Supports bench compares what would hold it.</source>
        <comment>{1} cm² overhang by more than {2}°, {0} faces, and no support is planned: they sag or curl, the largest from layer {3} to {4}. The Supports bench compares what would hold them.</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>A swap by hand is worth</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Between {} and {} there is a ring of air {}, all the way down: only the floor holds them together. A groove less than {} deep makes a border crisp; below it let them touch.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Electricity and wear, where ways to print are compared; the cost of a plan does not hold it. From memory: 0.50.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filament that one swap by hand has to save; where it saves less, a way with fewer swaps is offered. From memory: 3 g.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From memory: 1 h for each cm³ of a piece that has to dissolve; massive support takes a night. Several pieces soak side by side.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Impossible: {} cm² lie where a tool of {} does not get in; what must be pulled off stays there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It comes off, which the same material does not: {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No school gets the support off: no tool reaches it, and nothing that dissolves is at hand. Give it an opening, turn the piece, or cut it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not worth it at {} an hour of yours, but from {} on: {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not worth it, {} more all in: {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Same material throughout. The others are not worth it here: cleaning up takes {} min, and no school saves as much as it costs.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The printer&apos;s hour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Time in water before a soluble interface lets go. From memory: 2 h; warm water is faster.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Worth it, {} less all in: {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Your hour is taken at {}, the printer&apos;s at {}; set their prices.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>filament for {} less</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>filament for {} more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} and {} are parted by a groove {}. Less than 1 mm wide and deep is enough for a crisp border.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} cm² lie in a closed cavity and stay there, whatever the school.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The cheapest that comes off: {}. Of the same material {} cm² would stay where a tool of {} does not get in.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A limit to the speeds of the machine, for this project. 0: as fast as the machine prints each kind of line.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No faster than</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Slower, so that it sticks. 0: the machine&apos;s.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For the other {} mm³ it has no room: purge them beside the bed, or print more loops.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Job one, a start and a file of its own: the outlines of {} in {}, {}, one layer of {}: {}, {} with heating. Then stop. Leave everything where it is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Print a skirt of {}, {} from the piece and {} tall: it takes {} mm³ of the purge.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The other {} mm³ go into the tower.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as the piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bottom skins</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>branches</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dried {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dry it where it has lain open: {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dry it: {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>elephant-foot compensation</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>first layer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>for job one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>interface in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>job one, apart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nozzle {} ({} to {}), bed {} ({} to {})</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>off, the lettering needs it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>other layers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>support in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>to {}; retract {} at {} direct, {} at {} with a tube</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>top skins</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} ({} left)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} in {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Layer {} alone sets the tower: it purges {} mm³, the next busiest {}. Without it the tower would be {} wide instead of {}, and take {} g less.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read the label on the spool before it is loaded.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as far as they have room and do not show</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>filaments</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lay the peaks into the infill</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>the label says PLA</source>
        <comment>all labels say PLA</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{1} is filed as PLA, and nobody has noted that its label was read. Co-polyester and PETG look the same on the roll, and split from PLA at the first layer of contact.</source>
        <comment>{1} are filed as PLA, and nobody has noted that their labels were read. Co-polyester and PETG look the same on the roll, and split from PLA at the first layer of contact.</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>put filaments on nozzles for the least handling</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} g more waste</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} %, the lettering solid</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All pairs take about as much mixing, so dead volume V_d and mixing volume V_m cannot be told apart. Measure a light colour after a dark one, and the other way round.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Assembly</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Being there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Build sheet and lettering</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Currency</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Layers, lines and speed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Money and worth</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nozzles and order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Purge of {} is by the machine&apos;s defaults: dead volume V_d {}, mixing volume V_m {} mm³, not calibrated.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Purge of {} is by your own figures: dead volume V_d {}, mixing volume V_m {} mm³, not calibrated.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Purge of {} on a {} nozzle is by calibration from two readings: dead volume V_d {}, mixing volume V_m {} mm³; how sure that is they do not tell.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Purge of {} on a {} nozzle is by calibration from {}: dead volume V_d {} ± {}, mixing volume V_m {} ± {} mm³.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Purge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Skins at colour borders</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Suggestions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Support and interface</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Taking support off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The ooze wall catches nothing: one nozzle prints all of it, and none waits and drips. It takes {} g.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The plate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The readings ask for dead volume V_d {} and mixing volume V_m {} mm³, which no nozzle has. Look for a reading that was mistyped or taken at another level.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The skirt has no room for {} mm³ of purge, {} % of what it is to take: that is thrown out, which needs a place for it. More loops, or a tower, take more.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tower, skirt and ooze wall</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What all prices are in, by its code in ISO 4217. Nothing is converted.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is reported</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where bodies of different colour lie on each other: no treats the piece as one solid, yes gives each body skins of its own there, as toolpath programs do that slice bodies apart. It costs filament and time; set what yours does.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a tower instead</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>any</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in the layers that purge there is no infill of the same material through whose walls both colours would not show</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in the layers that purge there is no support of the same material</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>leave it out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>refill while it prints</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>refill, the printer waits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>soluble</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>structural</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>switch it off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the piece is solid or empty inside</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there is no support</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} dissolves in water and sits on {}, which is for structural material. On such a machine the two kinds of nozzle are not interchangeable.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} g less</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} has no effect here: {}. None of the {} mm³ of purge fits.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} is structural and sits on {}, which is for soluble material. On such a machine the two kinds of nozzle are not interchangeable.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} is to take purge and takes none: none of its layers purges what is of its material.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must be two lengths up to 1000</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must be words out of any, structural, soluble</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must have a word for each nozzle of the toolhead</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{}: {} into {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>{} swap by hand saves {} g of waste, less than the {} g a swap that it is worth to you: that is what the least waste takes here. Another way does without it.</source>
        <comment>{} swaps by hand save {} g of waste, less than the {} g a swap that they are worth to you: that is what the least waste takes here. Another way does without them.</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>Check the XY offset of toolhead {} against {}: print the offset strip (the machine&apos;s editor writes it).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Correct the offset of toolhead {} against {} by X {} mm and Y {} mm, as measured with the offset strip, if that is not done yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Enter both numbers with the machine. Each line is {}: so much {} prints too far to the right or to the back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On each strip find the line of {} that goes straight on in a line of {}. Count from the thick one in the middle, towards the block positive.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Print the strip as it stands, not turned: left to right is X, front to back is Y; the block at an end of a strip marks the positive one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Soluble where it touches takes {} g of the dear material and {}, soluble throughout {} g and {}: {} {} of filament against {} {} of changes. Both let go in water, after {} and {}; all in {} against {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The machine has one toolhead: there is nothing to be off from.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no toolhead {} beside the first; the machine has {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To suit the {} nozzle: lines {} wide, layers {}, the first {}. Dead and mixing volume follow its cross-section.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>less</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>split it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} is one part of {} separate bodies. Split, each can have a filament of its own.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>{} part</source>
        <comment>{} parts</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>each body has its own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>none, the bodies are one solid</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>skins at colour borders</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>waste in all</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Job two, what this sheet plans: the whole piece over it, the lettering too, with a first layer of {}. It has to be thicker than job one&apos;s.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lettering is printed as a job of its own, {} thick, and the piece over it with a first layer of {}. That must be thicker, or the nozzle drags through the letters.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a first layer of {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The picture cannot be read. Save it again in the program it comes from, as PNG if possible.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The picture has no dots.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The picture has {} by {} dots, more than the {} million that are read. Make it smaller: a print has 5 dots to the mm at most.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The picture is damaged: its file ends too early or holds what does not belong there. Save it again in the program it comes from.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The picture&apos;s file is empty.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is no picture that can be read here. PNG, JPEG, WebP, TIFF and SVG can.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A relief needs one band at least: a filament and its layers.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bands lie on each other from below: the band of {} must begin with layer {}, and begins with {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The base is {} thick, and has to be {} at least to hold together. Give the first band more layers.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The relief would have {} layers; at most {} make sense.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>100 % infill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A panel takes each filament once: {} stands twice among its films and white.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A part of the wedge lies outside the photo. Take one that shows all of it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A patch lies outside the photo.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A picture lies flat on the bed and needs no support.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A picture needs 100 % infill: with {} % there is air below the top layers, and the colours come out wrong.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All changes of this picture are between layers: a tower wastes {} and is not needed; some like one all the same.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All dots would be alike: give the panel films, or let the white vary.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Behind a panel: low-voltage lamps only, and a licensed electrician where local codes ask for one. PLA softens at about 55 °C: keep the lamp cool, and away from it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Layers of {} are too thick for a nozzle of {}: at most {} can be printed. Choose thinner layers, or a wider nozzle.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Layers of {} are too thin: no nozzle lays down less than {} evenly.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No stack of these filaments fits. Add filaments on the Palette bench.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing of the picture is left to print: keep its ground, or cut out less.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Photograph it straight from above, beside white paper and a grey card, in even light without reflections, the white just short of burnt out. Save the photo as PNG or JPEG, without filters.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Solid: 100 % infill, and no other first layer than the plan&apos;s.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped before every dot had its stack.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped before the picture was made.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That would be {} stacks to choose from, more than {}. Give each film fewer layers, or take fewer films.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The corners make no rectangle. Mark them in order: upper left, upper right, lower right, lower left of the wedge, the row of steps over white above the one over black.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The dots of the picture are damaged.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The filaments of the picture have changed since it was made, so its heights no longer suit them. Make it anew on the Picture bench.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The panel would have {} layers; at most {} make sense.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The panel would use more than {} different stacks. Give each film fewer layers.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The photo is over-exposed: field {} of row {} is burnt out. Take one with less light, or a shorter exposure.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The photo is over-exposed: the white patch is burnt out. Take one with less light, or a shorter exposure.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The picture was made for layers of {} after a first one of {}; the settings say {} and {}. Every border would come at another height, and the colours would be others. Make the picture anew, or set the layers back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The picture would have {} by {} dots; between one and 25 million in all can be made. Choose another width, or larger dots.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The project has no picture.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The row of steps over white is the upper one, with the bare white row above it; steps grow from left to right.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The two bases look alike, so they tell nothing apart. Are the corners in order, with the row over white above the one over black?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The white is {} thick where it is thinnest, and has to be {} at least to hold together.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>layers of {} after {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no support</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no tower</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one wall</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the optics must be twelve numbers, K, S and their uncertainties</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} % of the picture has a colour that shares its lightness with another: by lightness both get one height, and neither can be right. Height by the nearest colour tells them apart.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} does not fit the picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} has no bands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} has no body</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} holds what is no stack</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} leaves nothing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must be a list of points</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must be four shares from 0 to 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must be three shares from 0 to 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must be twelve numbers, K, S and their uncertainties</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must lie in pictures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must rise from 0 to 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} walls follow every terrace of the picture and take long; one does, some print two or three.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{}: the file {} is missing from the project</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All parts are of one colour already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Another copy gains too little below</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Answer with a letter, and whatever you would like otherwise: “B, but the roof as in A”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Finished {} earlier than each kind by itself.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Free edge of the bed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From so many copies on, one more makes each piece cheaper by less than this. From memory: 2 %.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How much room the head and the bar of {} need is not known. Measure it and give it to the machine.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In all</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is one body, and its colours are painted or in bands: there is nothing to put together. Cut it into parts first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its purge goes into a tower, which has to grow with all of them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Job one: the outlines</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Job two: the piece over it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Jobs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not everything of it has room on the bed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing has changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing on the first layer is lettering: a part of another filament that begins on the bed, is thin, and small beside the largest part.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing stands closer to the edge of the bed. 0: the bed is used to its edge.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Only {} of them have room on {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plate {} runs at night. Do not leave a first print unattended; follow what your machine&apos;s maker and your local rules say.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plates</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Print the outlines: one line, one layer of {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Same place, same machine, same bed levelling: nothing may have moved between the jobs.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Since the sheet of {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Spools</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop. Leave the piece, the build sheet and the bed as they are; do not home over the letters where your machine lets you choose.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped before all numbers of copies were planned.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped before the order was cut into plates.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Swap the filament.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take this job&apos;s skirt and prime line off. The nozzle is hot: let the head move aside, and keep fingers out of a moving machine.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The first layer is {}, thicker than job one&apos;s {}: else the nozzle drags through the letters.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The lettering is finer than a line: no outline of it is left.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The machine {} is not known.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The order asks for {}, which the project does not have.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The order asks for {}, which {} does not have.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The order is empty: add a piece.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The project it was made of no longer has this job.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The variant {}: {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is only one piece on the plate.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To choose from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Together they have more filaments than there are letters.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Watch the first layer: good adhesion is everything here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What changes colour inside</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is pinned stands closer than the {} that the head needs.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>With {} between them, which the head needs, only {} of {} have room.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>You answered on {}: {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as planned</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>changes of colour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>colours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>day {}, {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>done</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>each kind by itself</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>earliest</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>filament</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>material for one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>material</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>money</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>needed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not known</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>of them by hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>of</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one piece at a time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>plates</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>put in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>runs short: {} more needed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>start</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stays in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>thrown away</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>time to print</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>trips</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>visits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>weight</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>where it goes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} and {} cannot share a plate: {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} and {} want different beds: {} to {} and {} to {} °C</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} cannot be printed: {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} comes in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} comes in, on {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} differs: {} and {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} fewer hours than each kind by itself ({} against {}).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} fewer visits than each kind by itself ({} against {}).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} is no longer needed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} is no longer offered</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} is pinned where it reaches into the free edge of the bed. Move it, or let it be arranged.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} is pinned where the machine wants nothing to stand. Move it, or let it be arranged.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} is too tall for {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} is wanted by {}, before the first plate can start.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} is wanted by {}: say when the first plate can start.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} is {} tall, and the bar passes {} above the bed: it would hit what is finished.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} less money than each kind by itself ({} against {}, hours included).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} less thrown away than each kind by itself ({} against {}, what goes into the nozzle at each loading included).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} moves to {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must be a folder below {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must be a time like {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must be lists of four lengths: x, y, width, depth</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must be names of machines</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must be one of waste, hours, trips, money, earliest</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} × {}, by {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{}, plate {} of {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{}, {}, first layer {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{}, {}: new</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{}, {}: {} is gone</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{}, {}: {} is new, in {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{}, {}: {} is {}, was {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{}: order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{}: {} of piece, {} thrown away, {} of printing. At once it would be {} thrown away and {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>☐ {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>{} joint to glue. Use the glue as its label says, and air the room.</source>
        <comment>{} joints to glue. Use the glue as its label says, and air the room.</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} piece will be late.</source>
        <comment>{} pieces will be late.</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>{} {}–{}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>each of {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} of piece, {} thrown away, {}, {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A panel holds all its filaments in every layer: none of them can be exchanged for the rest.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A picture has {} layers at most.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A printer that has lost its position may drive the nozzle into the print or the frame. Move it slowly, and be ready to switch it off.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>By hand: somebody takes the plate off first. By itself: on the same bed, beside what is printed; only where head and bar have room.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Due at night</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filament printed is really</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From layer {0} on {1} takes the place of {2}, and {2} that of {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From line {} on the file extrudes while it climbs: there layers are not level, and a change has no layer to stand before.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From plate to plate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Home X and Y only. Never Z where its switch lies below the print: the nozzle would run into it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How long before something is due you are told, here and in the calendar. Common practice: 10 min.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How long it takes to take a plate off and start the next one, cooling included. From memory: 10 min.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It starts on {0} at {1} and is done at {2}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep the printer awake: one that gets no command for a while lets go of its position. Pause it, do not stop it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Layer {0} ends at {1} in the file, at {2} in the plan: the layers are not those of the plan from there on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Layer {0} is not there, or nothing follows it: the plan has layers 1 to {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Layer {0} is not there: the plan has layers 1 to {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lift the nozzle by hand or by command above {}, clear of the print.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Line {} holds a number that is none: the file may be damaged.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Loaded already; but the materials are not of one kind, look at what bonds.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Loaded already; nothing has to be fetched.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lower the nozzle onto the last layer until a sheet of paper just grips, and tell the printer that this is Z {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is extruded in this file: it is not a toolpath file, or not one of a printer.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing was written.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing was written: at {0} the file calls tool {1} (line {2}) instead of tool {3}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing was written: from line {} on the file extrudes while it climbs, and has no place between layers.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing was written: the file changes to tool {0} before layer {1} (line {2}), and the plan does not.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing was written: the file prints pieces one after another, the plan all together.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing was written: the file stops before layer {0} (line {1}), and the plan does not. Have stops that are not planned turned into comments.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing was written: the layers of the file are not those of the plan.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing was written: what the machine writes at a change does not leave everything as it was before layer {0}: {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing was written: {0} is a tool change in the file (line {1}). Have tool changes turned into swaps.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing was written: {0} is another tool, or stands elsewhere in the layer, in the file (line {1}).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing was written: {0} lies within layer {1}, and the file does not say where there the one filament ends. Have the other program print the bodies with a tool each, and turn the tool changes into swaps.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing was written: {0} stands in the wrong place (line {1}). Have stops that are not planned turned into comments.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing was written: {0} stands in the wrong place (line {1}). Which lines a tool prints is settled by the program that made the file.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing was written: {} is missing, and another nozzle takes over there. Which lines a tool prints is settled by the program that made the file.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing was written: {} is missing. Which lines a tool prints is settled by the program that made the file.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Notice before a visit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nozzle and bed are hot, over 200 °C and up to 110 °C: keep hands and sleeves out of a machine that may move.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Printing time is really</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Push a little filament through, clear of the print, until it comes evenly, and wipe it off with tweezers, not with fingers.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read again, a change of the rest does not stand before layer {}. The file that was printed did not have it there either.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read again, layer {0} of the rest extrudes {1} of filament instead of {2}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read again, the file has {0} layers instead of {1}: what the machine writes at a swap moves or extrudes where it must not.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read again, the file stops in line {}, where the plan does not: the machine&apos;s words for a swap stop more than once.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read again, the heights of the rest are not those of the new plan.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read again, the rest has {0} layers instead of {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read again, {0} does not stand before layer {1}: the machine&apos;s words for it do not stop a print.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save the plan that was running first, under another name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say how many layers more are to be printed, or the height that was measured.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say which filament it is about.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>So often in a row, each time as planned. Pieces one after another are a plate of one, printed so many times.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stay for the first two layers, with a finger on the switch.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That is the file itself, and it stays as it is. Choose another name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That would be {} layers, more than Vitrail plans.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The bed has cooled: see that the piece still sits. If it has come loose nothing below can be trusted, and it has to be printed again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The change from {0} to {1} is before layer {2} now, not {3}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The change from {0} to {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file begins with tool {0} (line {1}), the plan with {2}, which is tool {3}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file begins with tool {0}, the plan with {1}, which is tool {2}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file begins {} times at the bed: it prints pieces one after another, the plan all together. Only the first of them is compared.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file changes to tool {0} before layer {1} (line {2}); the plan does not.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file extrudes nothing: is it a toolpath file?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file extrudes {0}, the plan expects {1}: infill, walls or support are set otherwise.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file has changed since it was read. Read it again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file has {0} layers, the plan {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file has {0} layers, the plan {1}: it is not the one that was printed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file stops before layer {0} (line {1}: {2}); the plan does not.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file&apos;s lines take {0}, the plan expects {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The first layer is {0} in the file, {1} in the plan: every change would stand at another height.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The lifted piece has {0} layers instead of {1}: it cannot be lifted there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The next one begins</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The pause to put {} in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The plate is printed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The rest cannot be cut out: the file does not print layer after layer.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The runs that were kept are of a newer version.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The swap from {0} to {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is not a toolpath file: it is not text. Save it as plain G-code.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What becomes of a visit that can only be made at night: somebody gets up for it, or the printer stands still until morning. Standing for hours, a nozzle oozes, a bed may let go of the piece, and many printers let go of their position.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What follows lies {0} {1} than the new plan says: the rest of the file is written for the heights that are really there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is printed by now is lost; everything else is as planned.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the estimate of the grams of piece and support is multiplied by, for this print. 1: the estimate as it is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the estimate of the lines&apos; time is multiplied by, for this print: what the toolpath file says, or what a print has taken. 1: the estimate as it is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was meant and what was printed is the same filament, {}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Whole layers do not make up for all of it: the piece ends {0} {1} than planned.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>any time in layers {} to {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by itself</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>come</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>done: take it off once the bed is cool</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>exchange both for the rest</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>higher</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it leaves the file counting otherwise (G90, G91, M82, M83, G20 or G21)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>layer {0}, line {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>live with it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lower</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>move what follows up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>printed {} times in a row</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>printed {} times, one after another on the same bed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>start again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>take plate {0} off once the bed is cool, start plate {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the change from {0} to {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the pause to put {} in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the printer waits in layer {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the whole file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>wait</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} instead of {1} from layer {2} on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} into {1}: {2}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is a tool change in the file (line {1}), and the machine has nobody to make it but you: write the plan&apos;s pauses in its place.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is missing: nothing stops between layers {1} and {2} (lines {3} to {4}).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is missing: nothing stops within layer {1} (lines {2} to {3}).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is not needed from layer {1} on: the print goes on as planned.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is one layer early: one off. It stands before layer {1} in the file (line {2}), before layer {3} in the plan; layer {1} would be printed in {4}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is one layer late: one off. It stands before layer {1} in the file (line {2}), before layer {3} in the plan; layer {3} would be printed in {4}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is {1} layers early. It stands before layer {2} in the file (line {3}), before layer {4} in the plan.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is {1} layers late. It stands before layer {2} in the file (line {3}), before layer {4} in the plan.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} out of {1}, {2} in: {3}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} out, {1} in on {2}, before layer {3}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} stands before layer {1} (line {2}), the plan prints part of that layer first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} stands within layer {1} (line {2}) instead of before it: part of the layer would be printed in {3}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} were measured where {1} were planned: that is no layer gone wrong. Measure again, from the bed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0}: the file calls tool {1} (line {2}), {3} is tool {4}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0}: the nozzle takes over in the file (line {1}), and does not wait for you to exchange its spool: write the plan&apos;s pauses into the file.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} is no event</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} is painted on: a patch cannot change its filament half-way up.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must be one of swap, refill, pause, take-off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must be seconds in order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must not be empty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} were measured, as planned: there is nothing to make up for.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{}, {} to {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>{0} layer more of {1} below, every later change moved up by as many: each band stays as thick as it was meant.</source>
        <comment>{0} layers more of {1} below, every later change moved up by as many: each band stays as thick as it was meant.</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{0} layer stays in {1}; from layer {2} on as planned.</source>
        <comment>{0} layers stay in {1}; from layer {2} on as planned.</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>Read again, layer {0} is another one: {1} of filament at {2} instead of {3} at {4}. What the machine writes at a swap must leave the nozzle, the filament and the ways of counting as they were.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it leaves another speed; let it end with G1, F and the speed as it was</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it leaves the filament&apos;s count at {0} instead of {1}; let it end with G92, E and the count as it was</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it leaves the nozzle at another place; let it come back to where it was</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lay {0} of it out, one after another, so far apart that neither head nor bar meets what is printed. Check it on your machine before the first time, and stay with it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lay {0} of it out, one after another: {1} free around each, the nearest to the front first, so that neither head nor bar meets what is printed. Check it on your machine before the first time, and stay with it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>all {} in a row</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} takes {} g for each of {} plates in a row and {} hold {} g: it runs out in plate {}. Put another spool ready, or print fewer.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} takes {} g for each of {} plates in a row and {} holds {} g: it runs out in plate {}. Put another spool ready, or print fewer.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A logbook has {} prints at most.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A picture&apos;s layers are all equally high: its colours come from that.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At {} two heights of layers are asked for.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From {0} to {1} there are no layers.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Layers are {0} to {1} high, not {2}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Layers {0} to {1} are {2} high, outside the usual 25 to 75 % of a {3} nozzle ({4} to {5}).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Layers {0} to {1}, from {2} to {3}, are {4} high.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The layers of the file are not those of the plan, so it cannot be rehearsed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The logbook could not be read ({}).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The logbook was not changed ({}).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The setting {0} is {1}; it takes heights of layers with from where to where, such as {2}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no photograph {} of this print.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no print in this list.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is no logbook, or one of a newer version.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a body misplaced, a gap or an overlap</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a colour that did not come out clean</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a jam in nozzle or feeder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a layer shift, or the bed was not seated</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a spool ran out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a spool that was something else than filed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a swap missed, or at night</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a swap one layer off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a thin part snapped off with the support</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an interface that bonded, or was left out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>another first layer than planned</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cleaning up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>damp filament</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>feeder changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it came off the bed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>materials that do not bond</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>more colours than slots, and nobody there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>soaking</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>something else</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>strokes too fine for the nozzle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the tower fell, or hairs of another colour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the wrong nozzle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tool changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>waiting</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0}: the id {1} stands twice</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0}: {1} is {2}, which is no number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0}: {1} is {2}, which is no time like 2026-12-05T18:30:00Z</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must be one of good, usable, failed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{}: the start is missing</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>Print {0} layer more of {1}, {3} high, from {2} up.</source>
        <comment>Print {0} layers more of {1}, each {3} high, from {2} up.</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>In the piece that is printed as number {}:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Some layers have heights of their own, and a picture&apos;s colours come from layers that are all alike.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>layers of one height</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hours, by the logbook</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>piece, by the logbook</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>purge, by the logbook</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tower, by the logbook</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>{1} to {2} with 80 %, from {0} print</source>
        <comment>{1} to {2} with 80 %, from {0} prints</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>Begun {0}, done {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Begun {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Failed in layer {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Failed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filaments</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Foretold and real</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How they came out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It came out good</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It came out usable</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Machine: {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Most over it was {0}, by {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None of {0} with the washout as measured bled: with 95 % fewer than {1} % will. If that is better than you need, ask for a higher ΔE.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None of {0} with volumes by the book bled: with 95 % fewer than {1} % will. A calibration strip says how much less would do.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Notes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Purge weighs {0} times what was foretold, pieces only {1} times: a change takes {2} % more than its volume says. Weigh what a single change throws out; the feeder may add some of its own.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Purge weighs {0} times what was foretold, pieces {1} times: a change takes {2} % less than its volume says.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Purge weighs {0} times what was foretold, pieces {1} times: to within {2} % the volumes hold.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Settings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Support that is broken off takes {} min of cleaning per cm² of contact.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Support that is dissolved takes {} min of cleaning per cm² of contact.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Support that is peeled off takes {} min of cleaning per cm² of contact.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Support: {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The photograph could not be made smaller.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no difference between them that is kept.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Towers took {0}; {1} were foretold.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What proposals saved</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What they were made of</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What went wrong: {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>With the washout as measured {0} bled, before that {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>With the washout as measured {} bled: look at the pair it was, and ask for a lower ΔE there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a border moved to another change</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a piece cut</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a tower of another shape</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an order unlocked</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>another machine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>another pose</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as it came</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>branches instead of columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>broken off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>came out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>columns instead of branches</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>copies printed together</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dissolved</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>failed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>filaments alike made one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>foretold</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>gaps bridged</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>good</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>more or less</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not measured</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not said</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nozzle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>of what</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>peeled off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pieces</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>purge into the infill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>purge into the piece or its support</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>small faces without interface</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>small regions recoloured</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>spool</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>support comes off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>support on the bed only</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>supports ended in shared layers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the order within layers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>trips at night</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>usable</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>with 80 % between</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} ({1} foretold)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} beside {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} {1}, {2}, off {3}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} % less</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} % more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} and {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} bled, with volumes by the book: measure the washout with a calibration strip.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} foretold</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} is nothing that is foretold</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} must be a picture in base64</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>{1} of {0} print</source>
        <comment>{1} of {0} prints</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} piece</source>
        <comment>{} pieces</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} print</source>
        <comment>{} prints</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} trip</source>
        <comment>{} trips</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>copies</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>date</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>swaps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Layers of heights of their own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A change by the feeder takes {0} s, and {1} mm³ of filament stay in the nozzle: from memory, for a feeder that {2}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A change of nozzles takes {0} s, and {1} mm³ until it flows again: from memory.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A swap by hand takes {} min: as you say.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colours mix over {} mm³ behind that: from memory.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How far the head reaches is not known, so pieces are not printed one after another until you say.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How far the nozzles are off against each other: an offset strip, in the machine editor. Without it colours gape or overlap.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How long it really prints: log the first three prints, and estimates get ranges of their own.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How much purge is enough: a calibration strip, on the Purge bench. It saves most, or keeps colours from bleeding.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Speeds and acceleration: take them from the printer&apos;s own settings into the machine editor.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Speeds are those of a printer of the middle sort, from memory: {0} mm/s for walls, {1} mm/s² of acceleration.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cuts and pulls</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>shapes the tip and pulls</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} mm³ of filament stay in the nozzle at a swap: from memory.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A block printed beside the piece that takes the purge, or primes the nozzle. It is needed in every layer up to the last change, and useless above.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A change for which somebody exchanges the spool while the printer waits.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A change in which a feeder pulls one filament back and pushes another through the same nozzle.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A change in which another nozzle takes over.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A dark line at a change of filament. Much lead means a costly print.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A face that leans out over nothing. Its angle is measured from the vertical: 0° is a wall, 90° a ceiling.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A face that will be seen. Support scars the face it touches, so it is kept off these.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A family of materials, such as PLA or PETG. The same class bonds; of two classes some pairs bond, some split, and some release.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A material in a colour. It has a letter and a hatch as well as a colour, so that two greys are never confused.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A material that does not bond to the piece, used as the interface of support so that it comes off clean.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A material that water dissolves. It is dear and draws moisture, so mostly the interface alone is printed in it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A painted part of the surface. It takes its filament to the depth of the walls and skins there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A picture in whole layers, dark below and light above; what shows at a point is the stack below its top.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A picture to be lit from behind: films of colour under a white relief.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A place for a spool that feeds a nozzle. A slot that is idle can be refilled while the printer works.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A range of whole layers of a part that has a filament of its own.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A separate body of a piece. Bodies for several colours share one origin, so that they fit together.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A shallow furrow along a border of colours, less than 1 mm wide; it makes the border look crisp.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A slice of the print, counted from 1. “Before layer 12” means that layer 12 is the first one in the new filament.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A slow change in what is measured, such as feeder changes that take longer than they did.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A spool put by hand into a slot that is not in use just then, where there are more filaments than slots.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A step of the work, with what it needs and nothing else.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A strip of one, two, three … layers, over black and over white, printed and photographed to measure a filament.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A thin feature that snaps off with the support. Cut the support there, do not pull.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A thin layer below fine first layers, of the same material class, that is filed off afterwards.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A wall of one line around the piece, not touching it, that catches drips.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A way to do a thing that practitioners swear by, such as a soluble interface, or support in the same material throughout.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Any switch of filament between two extrusions: a hand swap, a feeder change or a tool change.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bed, °C</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Between which figures the real one will lie eight times in ten, as your logbook has it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Class</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Default</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Defaults from common practice and from memory; what your spool&apos;s label says counts, and you can write it into the shelf.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Drying</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every number you may know better, what it is for, and where its default comes from. The key is for the command line: --set key=value.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filament pushed out after a change until the old one no longer shows.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filaments at once</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Held as it is: a plan that others are measured against, a filament on its nozzle, a piece at its place on the bed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How different two colours look (CIEDE2000): 1 is just noticeable side by side, 2 is seen by those who look for it, 4 is seen at once.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How light goes down and up through a scattering sheet (Kubelka and Munk): with absorption and scattering of each filament it gives the colour of any stack.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How the share of old filament falls while new filament is pushed through: whole at first, then by a fixed share with each mm³.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How thick a filament must be, in mm, before it stops light: as thick as that, a tenth of white light comes through. Small is opaque.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Id</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In one body filaments must hold to each other; an interface should release.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It carries one nozzle, sometimes one that can be exchanged.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Key</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kinds of machines</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Layers that are filled solid, because nothing is above or below them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lines printed through the air from one side to the other.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Loops printed around the piece. With hand swaps they can take the purge; then they need only be as tall as the last change.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Materials</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>More</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None is a particular printer. Take the nearest, or have yours described by questions.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Note</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nozzle, °C</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nozzles</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One colouring of the project that was kept, to be compared with others.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One or a few layers of a coloured filament that light passes through.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One physical roll of a filament.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One print from start to end, at the real printer.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One start of the printer, with its own file and filament, where a print is split into several.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One time somebody has to come to the printer: to swap, to refill, or to take the plate off.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Point at a word on the screen, or press F1 where you are, and its sentence is shown.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Price per kg</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Room, mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sacrificial structure below what overhangs.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Setting</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>So many of this piece and so many of that one, cut into plates.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Something that would spoil the print, or is worth a look, found before it is printed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Terms</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The few topmost layers of support, the ones that touch the piece.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The guide is not installed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The hot part of the nozzle, where old and new filament mix during a change.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The layer on the bed, often thicker than the others. Plan and print must agree on its height, or every later swap comes too early or too late.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The layers that lie on each other at a point, and so the colour it has.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The lines a nozzle goes along. Another program makes them; Vitrail reads its file and checks it against the plan.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The lines that go along the outlines of a layer.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The little that a nozzle pushes out before it prints again with the filament it holds.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The open pattern inside a piece. It can take purge where nobody sees it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The page for the printer: what to load, what to do before which layer, and the cautions that apply.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The run played through before it begins: what happens when, and what becomes of it if nobody comes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The smallest element of a picture, as wide as its detail can be.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The thing to be printed: one or more parts, each with its regions.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The volume in which old and new filament are stirred, in mm³. After each such volume about a third of the old is left.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The whole print from its first layer, left, to its last: a lane for each nozzle, a pane for each filament, a lead line at each change.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Time somebody stands at the printer.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What a machine&apos;s real hours, grams or minutes were, over those foretold; 1 means that the plan was right.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What a plan makes small: waste, hours, or things done by hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What filament is pressed through; it is fed from one or more slots.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What holds to what</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is printed in one go: one or more copies of one or more pieces.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is thrown away, against the grams of the piece: purge, tower, support and interface.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What it is for</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What leaves the nozzle before any new filament does, in mm³.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What no order whatever can fall below, proven. Where it equals the plan, the plan cannot be bettered.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What one filament is assigned to: a part, a painted patch of its surface, or a band of layers.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the plan costs, above every bench, and the difference to the plan that was pinned.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where support touches the piece: one face over all the layers by which it steps out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Your printer as Vitrail knows it: toolheads, nozzles, slots, bed, speeds, and how long a change takes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Your spools: what is on them, how dry they are, what was measured of them. It belongs to you and not to a project.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>aim|aims</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>attended|attended minutes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>band|bands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bench|benches</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bridge|bridges</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>change|changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>contact face|contact faces</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dead volume|V_d</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dissolves in water</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dot|dots</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>drift|drifts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>factor|factors</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>feeder change|feeder changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>filament|filaments</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>film|films</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>finding|findings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>g/cm³</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>groove|grooves</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hand swap|hand swaps|swap|swaps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>holds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>holds, for some</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>interface</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>job|jobs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>keep it closed and dry</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>layer|layers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lead line|lead lines|lead|leads</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lower bound|bound</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lug|lugs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>machine|printer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>material class|class|classes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>melt zone</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mixing volume|V_m</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nobody knows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nozzle|nozzles</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ooze wall</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>order|orders</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>overhang angle|overhang|overhangs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>panel|panels</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>part|parts|body|bodies</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>patch|patches|painted</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>piece|pieces</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pinned|pin|pins</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>plate|plates</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>prime|primes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>purge tower|tower</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>purge|purged</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>range|ranges</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>refill|refills</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>region|regions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rehearsal|rehearse</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>release material|release</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>releases</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>relief|reliefs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ribbon</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>run sheet|sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>run|runs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sacrificial base</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>school|schools</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>show face|show faces</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>skin|skins</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>slot|slots</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>spool|spools</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stack|stacks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>step wedge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>support|supports</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tally</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tool change|tool changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>toolhead|toolheads</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>toolpath|toolpaths</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>transmission distance|TD</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>two-flux theory|two-flux</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>variant|variants</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ventilate well</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>visit|visits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>wall|walls</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>washout</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>waste ratio|waste|thrown away</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} to {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} °C, {} h</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{}: cannot be made.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{}: cannot be read.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ΔE|colour difference</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>After the print</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Before the start</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cautions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Look at this before you start</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None: the whole print is in one filament.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plate {}: {}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Slots to refill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To set in the toolpath program</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>command</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>empty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>grams</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>heat, drying, spools</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>kind</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>metres</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>print</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>takes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the bed from above, its front at the bottom</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the piece in its filaments</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>when</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>where</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} – run sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>{} thing to do at the printer</source>
        <comment>{} things to do at the printer</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>A feeder retracts one filament and pushes another through the same nozzle. Times are defaults from memory.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A large printer that pauses at a change until a person has exchanged the spool.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A small printer that pauses at a change until a person has exchanged the spool.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As the one with a tower, but what is purged goes out through a chute beside the bed; no tower is needed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Each head has a nozzle and an external spool of its own. Check the XY offset of the heads before a colour job.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Each nozzle has a feeder of its own. Check the XY offset of the nozzles before a colour job.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Each toolhead is parked until it is fetched, and has an external spool of its own: five colours without purging.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Five toolheads that take turns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One fixed nozzle and six exchangeable ones</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One nozzle, feeder with eight slots</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One nozzle, feeder with four slots</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One nozzle, feeder with four slots, chute</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One nozzle, feeder with sixteen slots</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One nozzle, large, swaps by hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One nozzle, small, swaps by hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One nozzle, swaps by hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Several feeders in a row through the same nozzle.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The first nozzle has an external spool, the second a feeder: support on the one, colours on the other.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The fixed nozzle has an external spool; the six others take turns behind a feeder with four slots.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The printer pauses at a change and a person exchanges the spool. Times are defaults from memory.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two feeders of four in a row, or one of eight, through the same nozzle.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two nozzles with a feeder of four each</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two nozzles, one with a feeder of four</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two toolheads</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Followed line by line, layer {0} is printed in {1} instead of {2}: what the file calls there is not what lies in that slot by then.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read again, layer {} is printed in other filaments than planned: the machine&apos;s words for its places do not call what lies there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file extrudes {0}, the plan expects {1}: it is another model or another size, or infill, walls or support are set quite otherwise. Set both alike, or choose the file that belongs to this plan.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it leaves the file at another speed or flow (M220, M221)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Line {} says G90 or G91 after M82 or M83. It was read as firmware does that leaves the filament alone, as otherwise the file would print next to nothing. The machine&apos;s words can settle it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Line {} says G90 or G91 after M82 or M83. It was read as firmware does that takes it for the filament as well. The machine&apos;s words can settle it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>before layer {}, while the printer waits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>within layer {0}, before it goes on in {1}, while the printer waits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It took {0}, where {1} were foretold.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read again, the layers of the file are not those of the plan.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file prints the same filaments in every layer, but from layer {0} on in another order. That takes {1} more purge and {2} than the plan.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The machine&apos;s words call two places alike: {0}, and {1}. A file cannot tell them apart. Let its words for a tool change and a feeder change number the places, as those of the machines that ship do.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{1} on the scale ({0}), where {2} were foretold.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{} mm² hang, and no support gets below them: there is no room that keeps clear of the piece. Turn the piece, or cut it.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>main</name>
    <message>
        <source>Plans multicolour prints.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A project, or model files</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Quit once the piece has been painted (for benchmarks)</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::AnswerDialog</name>
    <message>
        <source>The answer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Which sheet was answered</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, for %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>B, or A and C, or none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As it was said</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Answered on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Letter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As it was sai&amp;d</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::BandDialog</name>
    <message>
        <source>From height</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To height</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Band of %1 in %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Snap to layers and level faces</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No layer has its middle between these heights.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Layers %1 to %2, printed from %3 to %4 mm.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::BandsPanel</name>
    <message>
        <source>Bands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bands, the highest first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>filament</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>layers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>up to mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ends here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Share of the picture that ends in this band, and shows it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Border &amp;up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The upper border of the chosen band, one layer; on the ribbon leads can be dragged, and Alt with the arrow keys moves the one at the cursor</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Border dow&amp;n</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The upper border of the chosen band, one layer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>L&amp;ift all</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Everything one layer higher, the base thicker: the look stays</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lo&amp;wer all</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Everything one layer lower, as far as the base allows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Di&amp;vide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The chosen band in two; give one of them another filament by its letter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The chosen band goes to its lower neighbour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>By lightness</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How tall a dot is: by its lightness, brighter is taller; or as the stack whose colour is nearest</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Height from the nearest colour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Height from lightness</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Face down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The face lies on the bed: the order is reversed, the picture mirrored, the face as smooth as the sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>films and white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>of it, mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dots with it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>0–%1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>By nearest colour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>brighter is taller</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by the nearest colour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1–%2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The base: it is everywhere</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no filament %1 yet: add it on the Palette bench, or take it from the shelf.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give a band filament %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lift all bands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lower all bands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move a border</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A band of one layer cannot be divided.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no other filament to divide it with: add one on the Palette bench.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The base needs all its layers.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Divide a band</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove a band</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Face up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Face down</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::BandsView</name>
    <message>
        <source>Bands as planned and as they become</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2 mm becomes %3 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as planned</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rescued</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1  %2 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>printed</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::BaseDialog</name>
    <message>
        <source>Thicker by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Thicken the base</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>Everything above the bed is lifted, and every later change moves by %n layer(s).</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>That is no whole number of layers: %1 mm are left over, and borders will be off by as much.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::BedPage</name>
    <message>
        <source>From the left edge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From the front edge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turned by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>°</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Pinned there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The bed from above</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>drag to move · Ctrl+click adds to the choice · a line every 50 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Room between them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pieces</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pieces of the plate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>g each</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>time each</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Piece without support, in grams</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its share of the whole print by volume</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How &amp;many</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rename a piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change how many of a piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Add a piece…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Re&amp;move</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Fill the bed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As many of this piece as there is room for, besides the others</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The one that is chosen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It stays where it is; the others are arranged around it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Middle at x, y</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Turned by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Arrange &amp;everything anew</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is pinned any more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Arrange everything anew</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A&amp;lign</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is chosen, to the one that was chosen first; they stay there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Left edges</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Right edges</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Front edges</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Back edges</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Middles in a &amp;column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Middles in a r&amp;ow</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Looking for how many have room…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not even one has room beside the others.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The bed is full of it already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fill the bed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove the piece “%1”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>–</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The plate shows once there is a plan.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing to arrange yet: add a piece.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n piece(s) on %L1 × %L2 mm</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>Does not fit: %L1 of %L2 have a place on %L3 × %L4 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> · the tower stands %L1 mm from their middle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>click one on the bed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %L2 of %L3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pieces, places and room</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::BenchButton</name>
    <message>
        <source>%1 bench</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 (Alt+%2)</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::BenchPages</name>
    <message>
        <source>Pages of the bench</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::BenchRail</name>
    <message>
        <source>Benches</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::ByHandPage</name>
    <message>
        <source>Print it in &amp;bands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Purge into a &amp;skirt</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Three ways without a feeder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Advice</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ways by hand compared</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>swaps inside layers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one filament a layer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>parts, put together</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every layer in the filament that has most of it. Can be undone.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Around the swaps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A swap is done at a hot nozzle: keep fingers off it and out of the machine, and cut filament away from your hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One filament a layer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Purge into a skirt</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No change of filament, so nothing to do by hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The skirt takes the purge: %1 loops, %2 layers (%3 mm) tall, up to the last layer that changes. %4 mm³ of purge go into it, %5 mm³ find no room, %6 g of it are fill.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A skirt can take the purge. It needs to be only as tall as the last layer that changes: %1 layers, %2 mm.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What your toolpath program should write there:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in layer %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>before layer %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>and so on; the run sheet lists all. </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The words are the machine&apos;s: edit them with it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Working it out…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Once there is a plan, three ways to print it by hand are compared here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hand swaps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at the printer, and gluing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>printer waits for you</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>printing and changing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>jobs, and joints to glue</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in another colour than asked</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 % of the piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>possible</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>yes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Advised</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>purge, tower</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 g, %2 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>waste in all</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Jobs by &amp;colour…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Lettering first…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A project, a sheet and bodies for each colour, and a list of parts with pictures of where they go</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Job one prints the outlines of lettering on the first layer, job two the piece over it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save the project first: its jobs remember which file they come from.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the line&apos;s width</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The line is %1 mm wide now. Look at the jobs again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A folder for the jobs</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n job(s) were written into %1, with a list of all parts.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::CalibrationPage</name>
    <message>
        <source>&amp;Write the strip…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Rows for this strip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Keep it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Forget it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>1  Print a strip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Filaments from below</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Each letter after the first is one change, and one reading</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A folder gets the strip as 3MF and STL, its plan as a page, and a project</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>2  Enter what you measured</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mm of strip above the change</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mm³ pushed out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>seconds after the change</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Unit of the readings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> mm³/s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Flow while the strip was printed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Line width × layer height × speed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From CSV…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To CSV…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Readings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>judged at ΔE</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>clean after</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>model, mm³</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>off by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Add</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove a reading</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change a reading</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the unit of the readings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the flow of the readings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>3  What it says about the nozzle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nozzle it was measured on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Material it was measured with</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kept with the machine, for nozzles of that toolhead and diameter and for that material class</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>measured on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Calibrations of this machine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show its readings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Forget a calibration</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show the readings of a calibration</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A strip needs two filaments in the project.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>A hollow column %1 mm tall that changes filament %n time(s). Print it with no purge at all: one wall, no infill, no tower, so that %2 mm³ leave the nozzle with every mm of height. Then measure, above each change, from where on the colour looks clean.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>Add a reading</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rows for the strip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Row %1: “%2” is neither a letter of the project nor a colour #rrggbb.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Row %1: the level must be a number from 0.2 to 30.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Row %1: “%2” is no number that can have been measured.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> ✗</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An outlier: %1 times its own standard deviation off. Measure it again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source> – %n outlier(s)</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing fitted yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep a calibration</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kept. The project has figures of its own, purge.dead_mm3 or purge.mixing_mm3, and goes by them until they are 0.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kept with the machine. The plan goes by it now.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No calibration kept yet: the plan goes by the machine&apos;s figures.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open readings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Readings (*.csv)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 was not read. %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write readings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Folder for the strip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Written into %1: strip.3mf, one STL for each filament, strip.html with its plan, strip.vitrail.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> – a third reading would</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%1, %2 mm, %3: dead volume V_d %4 ± %6, mixing volume V_m %5 ± %7 mm³, %n reading(s)</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>%1, %2 mm, %3: dead volume V_d %4, mixing volume V_m %5 mm³, two readings, uncertainty unknown</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dead volume V_d %1 ± %2 mm³, mixing volume V_m %3 ± %4 mm³</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dead volume V_d %1 mm³, mixing volume V_m %2 mm³; two readings do not tell how sure that is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dead volume V_d 0 mm³, with 95 % no more than %1; mixing volume V_m %2 ± %3 mm³</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::ChangesBench</name>
    <message>
        <source>Changes and order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nozzles and slots</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>By hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What would save changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Each has been planned: the figures are exact. Sorted by what it saves for what it gives up.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing here would save changes, purge or time.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Once there is a plan, what could be given up for fewer changes stands here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fewer changes</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::ChangesModel</name>
    <message>
        <source>The first layer in the new filament; “in” where that layer has already begun in another one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>before layer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The last layer that is finished before the change</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>after layer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Height that is finished when the change is due</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Height at which the first layer in the new filament ends</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filament that was printed, and the one that follows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from → to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>kind</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Grams of the new filament that are purged</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>purge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The change, its purge, and waiting for a person</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What your toolpath program should write at this change; the words are edited with the machine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>command</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where the purge goes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>goes to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 mm³: the nozzle keeps this filament and only primes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 s for the change itself, the rest is purging at %2 mm³/s%3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> and %1 s until somebody comes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hand swap</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>feeder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tool</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ejected</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tower</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>infill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>support</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>2nd piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>skirt</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Number of the change; refills have none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>By hand, by a feeder, to another nozzle; or a slot that gets another filament</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Of it, how long a person must be at the printer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 into an empty slot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>refill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>slot %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>spool</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 mm³, for %2 no longer to show in %3 at ΔE %4 it takes %5 (dead volume V_d %6, mixing volume V_m %7 mm³); × %8 g/cm³</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>printed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>layer ends</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::ColourDialog</name>
    <message>
        <source>Colours of the model</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colours left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colours &amp;left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colours of the file and their filaments</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in the file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>of the surface</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>becomes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>off by ΔE</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n colour(s) merged into the nearest one that covers more; the farthest is off by ΔE %1.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>Every colour of the file is kept. Move the slider to merge near-equal ones.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> and %1 more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filament for %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a new filament of this colour</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::CopiesPage</name>
    <message>
        <source>&amp;Print so many</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One piece, of so many printed together</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>changes are paid once for the plate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This many</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Figures of this many copies</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in all</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>each</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One after another instead</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Between two pieces the head travels low over the bed. Check the clearance on your machine before the first time, and stay with it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change how many are printed together</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Working it out…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Once there is a plan, what more copies at once would cost stands here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not even one of everything fits on the bed: turn it, scale it, or choose another machine.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n of everything fit on one plate</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n fit on one plate</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>; from %1 on another gains less than %2 % of a piece&apos;s price.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; each one more still gains over %1 % of a piece&apos;s price.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>plates</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>thrown away</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>material</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>all in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lost if it fails late</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hours lost then</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Changes are those of the plate, not of the piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Purge, tower and support</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filament, and your own hours where they have a price</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filament, the printer&apos;s hours and one&apos;s own: by this ways to print are compared</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A failure in the last layer takes everything on the plate with it; at the right the share of all pieces that are wanted</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Print %1 together</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>They take several plates: write an order for them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not offered. %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 changes instead of %2, %3 g thrown away instead of %4, %5 instead of %6. A failure loses %7 g instead of %8. It needs %9 between the pieces.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Print them one &amp;after another</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The plate becomes one piece, printed so many times: each run of it begins by itself beside the last. The Run bench has all of them on the clock</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Print one after another</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::CopiesView</name>
    <message>
        <source>What a piece costs over how many are printed together</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Click, drag, or use the arrow keys to choose a number of copies</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2 g thrown away, %3 and %4 for each</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>printed together · a dark line: the plate is full · ▼ from here one more gains less than %1 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>thrown away, each</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>time, each</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>money all in, each</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::CoreView</name>
    <message>
        <source>The core at the pointer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is printed here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n layer(s) of %1</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>From the top: %1. It becomes %2, asked is %3, ΔE %4.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: ΔE %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 × %2 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lamp</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lets through %1 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sends back %1 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the bed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>asked</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>made</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ΔE %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::CropView</name>
    <message>
        <source>What is kept of the picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From %1 to %2 % across, from %3 to %4 % down. Arrow keys move it, with Shift they change its size.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No picture yet.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::CurveView</name>
    <message>
        <source>Click to add a point, drag it; a double click takes it away. By keys: Space goes to the next point, arrows move it, Insert adds, Delete takes away.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 to %2: %3. Point %4 is chosen.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::DeviceLink</name>
    <message>
        <source>an address is HOST:PORT, such as localhost:9100, or a device such as /dev/ttyUSB0</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::DeviceRow</name>
    <message>
        <source>Where it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The simulated one, HOST:PORT, or a serial port with its baud rate behind a comma where it is not 115200</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>simulated</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It does not answer. Is it switched on, and is the address right?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It has hung up.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no line to it: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is asked…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Read the scale</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Takes what a scale on a line shows, once it stands still</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It has not settled yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Read a tag</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Takes the number of the spool&apos;s tag that is held to a reader on a line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It could not read the tag; hold it still.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hold the spool&apos;s tag to the reader.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::Document</name>
    <message>
        <source>Untitled</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as assigned</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pinned</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 could not be opened. %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 was not saved. %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 was not added. %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>Add %n piece(s)</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Add %n model file(s)</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>%1 was not written. %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::EmptyHint</name>
    <message>
        <source>Add model files…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Demo projects</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 There is nothing to plan yet: add a model, or look at a demo.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::Explain</name>
    <message>
        <source>More in the guide</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::FactorView</name>
    <message>
        <source>The factor over time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2: %3 times what was foretold</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; so far from the others that it does not count</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; left out by you</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; from before it changed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose a factor, and see the prints it comes from.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1×</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 over time</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::FilamentDialog</name>
    <message>
        <source>Filament %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colour as #rrggbb</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose the colour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Transmission distance: the thickness that lets a tenth of the light through. Definitions differ; measure with a step wedge.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Transmission distance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Of the strand: 1.75 or 2.85 mm in practice.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Diameter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>g/cm³</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Default of the material class, from memory.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Density</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>per kg</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What a kilogram costs you, in your currency.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Price</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Default of the material class, from memory; the spool&apos;s label knows better.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>°C</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nozzle from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nozzle to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bed from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>h</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its spool is busy elsewhere, in another printer for instance, until so many hours after the start. It is put in later then, as long as it is there by its first layer.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Spool free after</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from the start</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colour difference at which a change to it counts as clean: 1 for show surfaces, 4 where it is hidden.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Clean at ΔE</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as the project</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bed to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Material</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Colour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Transmission distance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Diameter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>D&amp;ensity</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Price</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No&amp;zzle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Bed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Clean at Δ&amp;E</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Spool &amp;free after</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A new material brings its own density and temperatures.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colour of filament %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measure…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>By a step wedge: print it, photograph it, and read how the filament absorbs and scatters light</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Forget</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Light in pict&amp;ures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from colour and transmission distance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>measured: K %1, S %2 /mm (green)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Red, green, blue: K %1, %2, %3 and S %4, %5, %6 per mm</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::FilamentsModel</name>
    <message>
        <source>%1 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>piece %1 g + purge %2 g + tower %3 g + first load %4 g
= %5 m of strand, costs %6</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Press %1 to give it to what is selected. Enter or double click changes it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filament %1: %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::FilePage</name>
    <message>
        <source>put %1 in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>within layer %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>before layer %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Tool changes become swaps by hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stops that are not planned become &amp;comments</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Choose the toolpath file…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read it a&amp;gain</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Write the plan&apos;s stops…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Use its time and grams</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the toolpath file says</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Changes of the plan, and where the file has them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>change</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the plan</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is not as planned</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>where</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The same file, with the plan&apos;s stops</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A copy is written, byte for byte but for the stops; it is read again and proven before it gets its name. The original stays. Where layers are not the plan&apos;s nothing is written.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Try a new stop on a small print first, and stay with it: a hot nozzle moves at each of them. What is written there is set in the machine&apos;s editor.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The plan&apos;s hours and grams of this print are corrected by the file&apos;s; undo brings the estimate back</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%1 · %n layer(s)</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source> · %1 lines</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose the toolpath file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Toolpath files (*.gcode *.gco *.g *.nc);;All files (*)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reading %1…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be used. %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Programs differ by a layer in where they put a swap. Choose the file that will be printed, and see between which layers it really stops.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>▲ %n thing(s) would spoil the print</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>✓ The file prints the plan&apos;s layers, and nothing has to change.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>✓ Every change stands where the plan has it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>✓ as planned</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>▲ missing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>▲ elsewhere in the layer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>▲ one layer late</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>▲ one layer early</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>▲ %1 layers late</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>▲ %1 layers early</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> · ▲ another filament</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nowhere</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tool %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>▲ not planned</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>error</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>warning</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>note</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>first layer %1 mm, %2 planned</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 g in the file, %2 g planned</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of lines, %2 planned</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 %2 g (%3)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>each, planned in brackets: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 mm³ pushed out at the stops</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Correct the estimate by the toolpath file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The plan&apos;s lines take %1 times as long, its piece and support %2 times as much, as estimated; both are settings now.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write the file with the plan&apos;s stops</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>-with-stops.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing has to be written: the file stops where the plan says.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Writing %1…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 was not written. %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%1 was written with what was missing in %n place(s), read again and proven.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>in another order</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::FilmsPage</name>
    <message>
        <source>each film in layers of its own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>films on each other, below the white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>films on each other, above the white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Spread what a dot is off by to its neighbours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Fit the tones between darkest and brightest</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Compare the orders</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Films and white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the panel&apos;s layers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;White</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its thickness makes the brightness</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Films, from below</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Letters of the filaments, in their order from the bed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the films</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In layers of their own there are two filaments in a layer at most; on each other the panel is thinner and brighter, with more changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the order of the films</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Layers of each film</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At most</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White &amp;below</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Layers below everything</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White above, &amp;least</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Layers that there are everywhere</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White above, &amp;most</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Layers where it is darkest</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the panel&apos;s rim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Rim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Of white, as tall as everything, around the picture; 0: none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Slots &amp;in it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Width of two slots in the rim&apos;s lower edge, for a stand; 0: none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Continuous tones from few layers (Floyd &amp; Steinberg 1976); without it areas are even and steps show</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A panel is never black: black becomes the darkest it can be, and the tones between move with it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Spread the error</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fit the tones</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What each order costs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Orders of the films</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ΔE</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>waste g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At the lamp: low-voltage parts only, and a licensed electrician where local codes ask for one. PLA softens at about 55 °C: use a cool lamp, some centimetres away, and let air pass.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 stacks in use. %2 % of the picture asks for a colour that no stack comes near by itself; spread over neighbours much of that comes out all the same.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Each order is being made and planned…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pure layers, one film in each, take %L1 changes; films mixed in a layer take %L2, and come nearer by ΔE %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None of the orders could be made.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colours within reach: circles are the picture&apos;s, crossed where no stack comes near by itself; the outline holds all stacks</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::FindingsModel</name>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stops the print</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>look at it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>to know</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::FindingsPanel</name>
    <message>
        <source>Findings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show me</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fix</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Do not check this here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Do not check this in this project, for a reason you give</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Checks that are off in this project</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What would spoil the print is listed here once there is a plan.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 stop the print · %2 to look at</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing found that would spoil the print. Looked at: meshes, bodies against each other, fine detail, overhangs, bonding, temperatures, sheet, moisture, spools, layer heights, bands, bed, slots, tower, swaps within layers.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n off</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>No fix by itself</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fix: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>Fix: %n way(s)</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>layers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>g purge and tower</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>min</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: costs nothing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Why does “%1” not matter in this project?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Switch off the check “%1”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Check “%1” again (off: %2)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Switch on the check “%1”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>More room for the findings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>More room for the list. Its edge can be dragged, too; how it is left is kept.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::FitPlot</name>
    <message>
        <source>Readings against the model</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>With two readings or more, the line they lie on shows here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>how far it must mix, ln(1/share)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mm³ until clean</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::FlowView</name>
    <message>
        <source>Purge by layer and where it goes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is purged.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What each layer purges shows here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>put to use</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tower</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>skirt</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>thrown out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fill that carries</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mm³</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>layer 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 %2 mm³</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>layer %1: %2 mm³ put to use, %3 into the tower, %4 into the skirt, %5 thrown out; %6 mm³ of fill</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::FrontPlot</name>
    <message>
        <source>Purge against work by hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>things done by hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 g of waste with %2 moves by hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>waste, g</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::GamutView</name>
    <message>
        <source>Colours within reach</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 % of the picture asks for colours within ΔE %2 of a stack.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>red</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>green</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>yellow</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>blue</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::GuideWindow</name>
    <message>
        <source>Guide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Contents</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Look for words in the guide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Look for words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Page</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Forward</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Search</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save as HTML…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Close</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n page(s) with “%1”</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>Try fewer words, or part of one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A folder for the guide&apos;s pages</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::HeldPage</name>
    <message>
        <source>Faces of the piece that support touches</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>face</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cm²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>held</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>interface</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reach</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filament of the support</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Who prints the support&apos;s body. The piece&apos;s own: whichever of its filaments a layer is printed in anyway</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filament of the interface</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Who prints what touches the piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is shown with the piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the support</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the faces it touches</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the piece alone</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sho&amp;w</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Interface and touched faces: a colour no filament has. In red: thin, ready to snap.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The 3D piece needs OpenGL 3.3, which is missing here. The layer window shows support and interface of every layer.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where it touches</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Share of the face that lies on support</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Share of what is held that lies on interface: a missed interface fuses</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Whether a tool and water get there afterwards</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How it is held</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Support in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Interface in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Print support in another filament</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Print the interface in another filament</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 · %2 %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the piece&apos;s own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as the support</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No support is planned. Choose columns or tree at the right, or a school on the first page.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing overhangs far enough to need holding.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n face(s), %1 cm² in all.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Thin features are ready to snap in %n place(s).</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>%1 cm² lie so close to the piece that nothing fits below.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The %1 largest are listed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no way out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 unreached</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in reach</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at %1 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1–%2 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>small</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>–</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Layers %1 to %2. The way in from outside is %3 mm; a tool of %4 mm misses %5 of it, and %6 have no way out for water.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::InterfacePage</name>
    <message>
        <source>Interfaces compared</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>layers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>density</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>face above</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>interface</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in layers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>purge, tower</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cost</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Use this</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dried &amp;today</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How many layers, how dense</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From memory, but for one fact of the trade: 5 layers at 75 % left a slightly open ceiling. More layers or more density where it comes out ragged</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Layers of the print that have interface; each costs up to two changes, fewer where neighbours share them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Materials that draw moisture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What has to be dried before this print</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Notes that the chosen filament has been dried today and is kept closed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In a dryer, not in an oven used for food.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What cleaning up takes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Planning each…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Interface of %1 layers at %2 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Note that %1 was dried</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 (now)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Once there is a plan, interfaces of 2 to 5 layers stand here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No support is planned: choose a school first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>A gap of %n layer(s): the same material wants about one, a release or soluble one none. Each interface has been planned; the order within layers sees to it that neighbours share changes.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>%1, %2 %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing in this print draws moisture.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 + %2 g</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::JobsDialog</name>
    <message>
        <source>The jobs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2 thrown away, %3 of printing; at once it would be %4 and %5.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n job(s)</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n joint(s) to glue: use the glue as its label says, and air the room.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>Jobs and their parts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>job, and its parts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Write into a folder…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Width of the line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Everything of it is as wide as the line.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Print lines of this width</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Red: %1 % of it is finer than the line and blurs or is lost.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::LayerBandsDialog</name>
    <message>
        <source>Layers of heights of their own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>layers (mm)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from (mm)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>to (mm)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Add</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Remove</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A layer is as high as the row says that its middle lies in. Set the same heights in the program that makes the toolpaths, or every change comes too early or too late.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n layer(s), %1 with one height throughout.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::LayerOrderView</name>
    <message>
        <source>Order of the filaments in the cursor layer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The order of a layer shows here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>layer %1, %2 to %3 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing is printed in this layer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 → %2 purges %3 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no change in this layer</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::LayerWindow</name>
    <message>
        <source>Layer window: cut through the piece at the cursor layer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Layer window</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The cut through the piece at the cursor layer.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>layer %1 · %2 → %3 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on the plate: </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, then </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” ends with layer %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing is printed in this layer</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%1 · %n change(s), %2 g purged</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>%1 · no change</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, painted: %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::LetterView</name>
    <message>
        <source>The lettering as these lines print it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 % of the lettering is finer than the line</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::LogbookBench</name>
    <message>
        <source>Prints</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What they teach</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Totals</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Over time</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::LogbookStore</name>
    <message numerus="yes">
        <source>%n print(s) of the logbook cannot be read; they stay where they are.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>%1 was not added. %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add a photograph</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be used. %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Import prints</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n print(s) came from the list.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::LookPage</name>
    <message>
        <source>As printed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Flat colours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Against light</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Unlit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Original</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Differences</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Choose a picture…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Make it anew</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The core</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>drilled at the pointer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As it will look</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Left of the bar</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lamp %1 K</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lamp</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;diffuser</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An opal sheet between lamp and print: softer light, and less contrast</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Works every dot out again, for the filaments, layers and light as they are now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make the picture anew</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Another picture…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The picture is being read…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose a picture, or drop one on the window: it becomes a relief in layers, or a panel to be lit from behind.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>20 and more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ΔE to the original: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>being made…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 × %2 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ΔE to the original %1 on average with these borders</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ΔE to the original %1 on average, under %2 in 95 % of it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, seen from %1 cm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> · %1 % too fine to come out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> · %1 stacks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> · %1 % shares its lightness with another colour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filaments or layers have changed since it was made.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a layer more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a layer less</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>more white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>less white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Equal lightness</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Striped where two colours of one lightness land on one height, so that neither can be right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>being made… %1 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Stop</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::MachineAssistant</name>
    <message>
        <source>My printer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Keep it among my machines</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Describe your printer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What do you &amp;call it?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Width of the bed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Depth of the bed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Height it can print</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How &amp;large can it print? Width, depth, height</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How many &amp;nozzles does it print with?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How &amp;wide are they?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It stands on the nozzle; 0.4 mm where nobody has changed it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>they hang side by side on one head</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>each is parked and fetched</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Where are they?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a spool each, swapped by hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a feeder that changes filament by itself</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a feeder for each nozzle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a spool for the first, a feeder for the others</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What &amp;feeds them?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How many s&amp;lots has a feeder?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it cuts it, and pulls</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it pulls it out with a shaped tip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How does the feeder get filament &amp;out?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>into a tower beside the piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>out through a chute, beside the bed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where does &amp;purge go?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> min</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How long do you need to &amp;swap a spool?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As it stands there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measure first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where the other figures come from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What to measure first, and where figures come from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Questions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Print with it</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::MachineEditor</name>
    <message>
        <source>&amp;missing or worn out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nozzle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The machine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As it stands there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the machine can do</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Toolheads and nozzles</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Times, purge, commands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep among my machines</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It can then be chosen for any project, and suggestions count it as one you own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kept as “%1”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Forget</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Takes the machine of this name out of yours; the project keeps what it has</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is no longer among yours.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write to a file…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A machine file, JSON</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write the machine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Machine files (*.json)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not written</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fed by, or diameter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Toolhead</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Name of the machine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>N&amp;ote</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Toolhead</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one external spool, swapped by hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> slots</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Fed by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>N&amp;ozzle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bed, across</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Room to print from left to right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bed, deep</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Room to print from front to back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Height</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tallest piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hand swap</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The printer stands still so long, purging and waiting for you not included. From memory: 180 s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>… of it attended</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>So long you must be there. From memory: 180 s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Feeder change</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Retracting one filament and pushing the other in. From memory: 100 s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tool change</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Another nozzle takes over. From memory: 12 s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>thrown out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>into a tower</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Purge goes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mm³</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dead volume, where nothing was calibrated. From memory: 40 for a 0.4 mm nozzle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mixing volume, where nothing was calibrated. From memory: 60 for a 0.4 mm nozzle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Prime</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Least extrusion after any change, to restore pressure. From memory</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>First load</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pushed through an empty nozzle before it prints. From memory</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Other material</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Least purge between material classes: traces weaken the bond. From memory</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tool change writes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Feeder change writes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hand swap writes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Waiting writes</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>feeder, %n slot(s)</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>external spool</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nozzle %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>missing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Speeds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mm/s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From memory; your toolpath program says what it really uses.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Outer walls</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is seen, and so slower. %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Other walls</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Infill, tower and support</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Skins and interface</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Skins over air</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Slowly, so that they hold. %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>First layer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Slowly, so that it sticks. %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Travel</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Acceleration</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mm/s²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Short lines never reach their speed: from standing to standing 2·√(length/acceleration). From memory.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Corner speed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How much the velocity may change at once. From memory.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pulling back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filament is pulled back and pushed forth again, each time it travels over air. From memory.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Homing and levelling</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Before each print, heating not included. From memory: 4 min.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The nozzle heats by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>°C/s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From memory.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The bed heats by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dead volume V_d</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mixing volume V_m</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Offset s&amp;trip…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>any material</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>structural material only</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>soluble material only</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On some machines nozzles for soluble and for structural material are not interchangeable. Filaments then sit only where they belong, and a mismatch is told.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>M&amp;eant for</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Offset</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Line of the strip for Y that goes straight on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Line of the strip for X that goes straight on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On the printed offset strip: the line that goes straight on, counted from the thick one in the middle, towards the block positive</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not measured</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Y line </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>X line </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two combs to print with both toolheads and to read like a vernier, each line %1 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Others are measured from this one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Correct it by X %1 mm, Y %2 mm.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Print the strip and enter both lines: the run sheet then says by how much to correct.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Folder for the offset strip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Written into %1: offset-strip.3mf, one STL for each filament, offset-strip.html with what to do, offset-strip.vitrail.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 mm, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Places to keep clear</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>x</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>y</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>wide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>deep</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mm from the front left corner: clips, a wiper, a place for purge. Nothing is arranged there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Place</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remo&amp;ve</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The head reaches</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How far the head reaches around the nozzle, close above the bed; for printing pieces one after another. 0: not known, and then that is not offered. From memory</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The bar passes at</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From the nozzle&apos;s tip up to the lowest thing that moves over the whole width of the bed. 0: not known. From memory</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep clear</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, several lines</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Several lines: park, purge, resume. The nozzle, the count of the filament and the speed must be left as they were.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is written, line by line. A hot nozzle will do what stands here: try it with nobody&apos;s hand near it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>General G-code words (RS-274): T selects a tool, M0 stops, M1 stops if wanted, M600 exchanges filament, M25 pauses a print from a card. Filled in: {place} {nozzle} {slot} from 1, {place0} {nozzle0} {slot0} from 0, {where} the slot in words, {from} {to} letters, {layer}, {z}. A place is a nozzle with one of its slots, all of them counted.
Where it is written into a toolpath file also {x} {y} {e} {feed} as they are there, {up} 10 mm above the print, {purge} mm³ or {purge_mm} of filament; ⏎ begins a new line.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>found out for each file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>counts for the filament as well</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>leaves the filament alone</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>G90 after M83</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In some firmware G90 makes the filament absolute again after M83, in other it does not. It decides how a file is read that says M83 before G90.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::MachineView</name>
    <message>
        <source>The machine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> Left and right choose a filament; with Shift they move it to another nozzle; Delete lets go of its pin.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>external</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>missing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 %2 on %3%4. Drag it to another nozzle to pin it there; click to pin it or to let go.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, pinned</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: missing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2 mm</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::MainWindow</name>
    <message>
        <source>Piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Palette</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Supports</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Purge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Only a preview: %1. Nothing is changed yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Back to the plan</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;File</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;New project</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Open…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open &amp;recent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Add model files…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ctrl+I</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add a p&amp;iece…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ctrl+Shift+I</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Save</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save &amp;as…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Export one body per filament (3MF)…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ctrl+E</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Export one body per filament (S&amp;TL)…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Quit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Undo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Redo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ctrl+Y</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Thicken the base…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Unit of a model file…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The &amp;machine…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Pin this plan</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ctrl+Shift+P</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;View</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pa&amp;lette</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Supports</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pl&amp;ate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>P&amp;urge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Run sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sho&amp;w support</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ctrl+Shift+H</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Fit the piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ctrl+0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Theme</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As the &amp;desktop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dark &amp;lead</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Light &amp;paper</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Keys</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;About Vitrail</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>About Vitrail</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Vitrail %1 plans multicolour prints.

It is free software under the GNU General Public License, version 3 or later, and comes without any warranty. Its estimates are no promise: follow your printer&apos;s manual, local codes and the advice of licensed practice where they apply.

Font: Inter (SIL Open Font License). Icons: Lucide (ISC).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the machine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1%2 – Vitrail</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reading a file…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Writing a file…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Planning…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add model files</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Models (*.3mf *.stl *.obj)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add a piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is nothing to export yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The plan is still being made; export when it is done.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Folder for the STL files</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Export as 3MF</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>3MF (*.3mf)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save the project</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Vitrail projects (*.vitrail)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not saved</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” has changes that are not saved.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The last session ended before %1 was saved.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Recover it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A &amp;picture…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ctrl+Shift+O</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pi&amp;cture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose a picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.svg)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Projects, models and pictures (*.vitrail *.3mf *.stl *.obj *.png *.jpg *.jpeg *.webp *.tif *.tiff *.svg);;Projects (*.vitrail);;Models (*.3mf *.stl *.obj)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Export the parts &amp;whole (3MF)…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Each part in one body under its name, to be swapped by layers: a relief as one body, a panel with its white below and above</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Export one body per &amp;band of a relief (3MF)…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Variants</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Keep as a variant</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ctrl+K</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Variants</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save a pic&amp;ture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no picture yet: add a model first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Of the &amp;piece, as it is seen…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Of the &amp;layer at the cursor…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>layer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Of the &amp;bed from above…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show the run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A run of %1 is under way.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open its project</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Logbook</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Log this print…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ctrl+L</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Logbook</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The tour needs the demo&apos;s badge, which is not installed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Welcome</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Describe my printer…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;First tour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turns a picture into layers of colour: a relief to be seen by day, or a panel to be lit from behind.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The piece itself: which of its regions gets which filament, how it lies, and what would spoil the print.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Your spools, which of them may be printed together, and how much of each this print takes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What hangs in the air, what holds it, and what that costs to print and to take off.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The bed from above: where pieces stand, how many to print at once, and orders cut into plates.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every change of filament, what goes into which nozzle and slot, and how to need fewer.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How much is pushed out at each change, where it goes, and how to measure what your printer needs.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colourings side by side with what each costs, to choose from or to show to somebody who has a say.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The print at the printer: when to come, the sheet to take along, the file to check, and help when something went wrong.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What prints really took, so that the next estimate is better.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The whole print from its first layer, left, to its last. Arrow keys move the cursor layer, with Ctrl by ten; Page Up and Page Down go to the change before and after; with Shift a range is chosen.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the plan costs. Beside each figure is the difference to the plan that was pinned, if one was.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The benches, in the order of the work.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ne&amp;w window</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ctrl+Shift+N</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lan&amp;guage</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Guide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ctrl+F1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;What is this?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Point at something…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>More &amp;contrast</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Close the window</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::MessageBar</name>
    <message>
        <source>Dismiss</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::NeedsModel</name>
    <message>
        <source>not used in this project</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>takes %1 g · not matched with the shelf</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>takes %1 g · no spool of it on the shelf</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, then </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>spool %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> (empty in layer %1)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>takes %1 g of %2 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 · runs out in layer %2, %3 g short</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 · %2 · %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>enough, within the margin</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>enough</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filament %1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All it takes: piece, purge, tower and first load. The thin mark is the margin of %1 % (setting “Spool margin”).</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::NeedsView</name>
    <message>
        <source>What the project takes of each filament</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::NewPictureDialog</name>
    <message>
        <source>A &amp;relief in layers, seen from the front</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A &amp;panel, seen against light</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is “%1” to become?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filaments in whole layers on each other; what shows is the stack below. Few changes, all of them between layers.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Films of colour and a white whose thickness makes the brightness. White and three films; changes within layers. The light behind it is yours to choose.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Width</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It takes the place of the picture that is there; undo brings that back.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::NozzlesPage</name>
    <message>
        <source>Aims compared</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>purge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>changing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on nozzles</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Use this</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Let go of &amp;pins</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filaments on nozzles</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Edit the &amp;machine…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is &amp;loaded now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Takes what the plan begins with as what is in the machine already. Least handling then keeps it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every filament may go to any nozzle again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Slots over time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What each aim costs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Spools put in before the start, refills and swaps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>least waste</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>least handling</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Between least waste and least handling</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Note what is in the machine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Let go of pins</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Put filaments on nozzles for another aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Let go of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pin %1 to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source> %n refill(s).</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source> For %n of them the printer waits.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>now, pinned</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>least time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>blend %1 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 spools put in before the start, %2 refills, %3 swaps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>By nozzle, in the order of the machine%1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; proven: no other split costs less for this aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; searched, not proven</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Once there is a plan, its alternatives stand here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Least waste and least handling agree here: there is nothing to trade.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>waste</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>purge %1 g, tower and walls %2 g, support %3 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Walks along the best trade-offs: for each of its stops nothing wastes less with as little work by hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n best trade-off(s) between waste and work by hand. A ring marks the plan as it is, a square the least time.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>tower</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::OrderListPage</name>
    <message>
        <source>First plate &amp;at</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is wanted</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Items of the order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>price</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>with</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by day</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>By when it is wanted, such as 2026-12-05T10:00; empty: whenever</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What one is sold for; empty: not for sale</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Items of the same number are printed on the same plates; empty: as it comes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No plate with it runs at night</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A &amp;piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A piece of this project</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A pro&amp;ject…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Everything of another project, once for each</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Take out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take an item out of the order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How to cut it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>least thrown away</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fewest hours of the machines</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fewest visits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>least money, hours included</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>finished as early as can be</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change what the order is cut for</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Without it the plates count in days, and nothing can be due</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>When the first plate can start</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change when the order starts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Machines it may be printed on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the machines of the order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;What counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Printed on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Cut into plates</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How far the search is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plates</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>night is shaded</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plates of the order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>start</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>put in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>waste</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>takes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Thrown away: purge, tower, support</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filaments that have to be put into the machine for it; the others stay in from before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Spools the order needs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>filament</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>needed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Write projects and sheets…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A project and a run sheet for each plate, and one sheet for the order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A folder for the order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 (this project&apos;s)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is no time. Write it as 2026-12-05T10:00.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is no number from 1 to %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is no number that can stand there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change an item of the order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Order a piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Projects that are wanted</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Vitrail projects (*.vitrail)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Order a project</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Looking for the best way to cut it…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped; what stands here is from before.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>On %1 until %2; %n visit(s)</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>not known</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>runs short by %1 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>By what counts nothing is gained over each kind by itself; %1 plates instead of %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One piece at a time: %1 g thrown away, %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No way to cut it is better: all were looked at.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>However it is cut, at least %1 % of this remain.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n plate(s) were planned on the way.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>Sold for %1, at %2 all in.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is wanted yet. Add pieces of this project, or other projects, and how many of each.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cut it into plates to see which pieces share one, when each can start, and which spools it takes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The order has changed since: cut it again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n piece(s) will be late.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>Done by %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Writing…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The order was written into %1: one sheet for it, and a project and a sheet for each plate.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>wanted</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::OrderPage</name>
    <message>
        <source>Changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Within a layer: the cheapest path through its filaments for every first and last one (Held and Karp 1962). Over the layers: a shortest path with the filament that was last as state. Together they are the optimum, and its proof.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the order saves</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Order within layers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>worked out for the least purge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by letter in every layer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Order within layers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>By letter is what happens when nobody thinks about it: every layer starts with the first letter again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In the cursor layer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Always &amp;first in a layer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filament that is always first in a layer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Locks the order: where a layer has this filament it begins with it. What that costs stands below.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the order within layers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Print %1 first in every layer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lift the lock on the order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>whichever costs least</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>The lock costs %n change(s) and %1 mm³ of purge.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>The lock costs nothing here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Once there is a piece, every change of filament stands here with its layer and height.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing to order yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No change: the whole print is in one filament.
Give a part or a band another one on the Piece bench.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n change(s)</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Proven: no order of these layers takes fewer than %n change(s) or purges less than %1 mm³.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>Any order takes at least %1 changes and purges at least %2 mm³; this one takes %3 and %4 mm³.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by letter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>purge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tower fill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Saved: %1 changes, %2 of purge, %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Here both orders cost the same.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1. In all %2.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::OriginWatch</name>
    <message>
        <source>This job was made of %1. %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has changed since this job was made of it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take the change over</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take over what changed</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::OverTimePage</name>
    <message>
        <source>Real against foretold, over time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Machine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>● counts · ○ from before it changed · ✕ does not count · the band is where the next comes with 80 % · 1× is as foretold</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Factors of the machine over time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the records say</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2</source>
        <comment>what, where</comment>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Once prints are logged, weighed and timed, how each machine comes out over the months stands here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>(%n print(s))</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>Too few prints of this machine have been weighed to say anything yet.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::PaintBar</name>
    <message>
        <source>Choose and turn: click chooses a part or a patch, dragging turns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fill: the face under the pointer, up to the next crease</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Brush: draws along the surface, not through the piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lasso: the faces inside the loop that are seen from here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Heights: all surface between two heights</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Facing: all faces that look one way</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is painted about support</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the tools paint: faces that no support may touch, or faces that are held whatever their angle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>keep free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hold</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Erase: the tools take paint away</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Erase</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mirror: paint both halves of a symmetric part at once</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mirror</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Do not mirror</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Left and right (across X)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Front and back (across Y)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Patch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What can be done with the chosen patch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Begin a new patch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Grow by 1 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shrink by 1 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Invert on its part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Crease angle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>°</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>up to creases of</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Width of the brush</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>width</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>draw a loop around the faces</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From height</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To height</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Snap</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To the nearest layer tops and level faces</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Paint</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Direction</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>front</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Within</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>within</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>→ hold</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>→ keep free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Painted faces are held wherever they overhang at all.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Painted faces are not held, not even islands.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>erases</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The tools take paint away.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Goes on with the patch “%1” in %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Goes on with the patch “%1”; press the letter of its filament.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>→ new patch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Begins a new patch; then press the letter of its filament.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::Painter</name>
    <message>
        <source>A part holds at most %1 patches.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Erase paint</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fill a face</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Paint with the brush</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The part has changed meanwhile; do that once more.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The upper height must lie above the lower one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Paint %1 to %2 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Paint faces that look one way</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Erase with the lasso</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Paint with the lasso</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose a patch in the list of regions first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Invert a patch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Grow a patch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shrink a patch</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::PairingView</name>
    <message>
        <source>Pairing of the project&apos;s filaments</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Click a filament, or use the arrow keys, to see how it gets on with each other one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 and %2 %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>With a second filament, this shows whether the two may be printed together.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 Use a release coat or another sheet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: dry it %2 h at %3 °C before use, in a dryer, not in an oven used for food.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All of them bond, and share nozzle and bed temperatures.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The project has no filaments yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bond</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>come apart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>untried</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::PairsView</name>
    <message>
        <source>%1 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Foretold against real</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2 foretold</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, expected between %1 and %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; not measured</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; %1 in fact, %2 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; nothing is learned from it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose a print, and see what was foretold and what came.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1×</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>–</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::PaletteBench</name>
    <message>
        <source>Shelf</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Your filaments and spools</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filament</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add a filament to the shelf</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Spool</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add a spool of the chosen filament</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the chosen filament or spool</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove the chosen filament or spool</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Use in project</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Weigh…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Enter what the scale shows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dried today</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Note that the spool came out of the dryer today. Use a dryer, not an oven used for food.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Import…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add filaments and spools from a CSV or JSON file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Export…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write the shelf as CSV or JSON</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This project</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take from the shelf…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Match or replace the chosen filament by one of the shelf: same class, nearest colour first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pairing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pairs in words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reading the shelf…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The shelf is empty. Add a filament, or import a list.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>These are generic filaments to begin with. Choose one and add the spools you have.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Is it %1?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1

Read the label on the spool. Does it say %2?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Yes, it says %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not sure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Confirm the class of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add a spool</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change a filament of the shelf</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change a spool</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove a spool</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove a filament from the shelf</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Weigh a spool</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dry a spool</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A project holds at most 26 filaments, one a letter.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add filament %1 from the shelf</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 · off by ΔE %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take filament %1 from the shelf</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing of class %1 on the shelf</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Import filaments and spools</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lists (*.csv *.json)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing was imported. %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Import into the shelf</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n filament(s) read.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>Export the shelf</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>CSV (*.csv);;JSON (*.json)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep that the label of %1 was read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Which is it?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hold a spool&apos;s tag to a reader, and see which spool it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Which spool is this?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hold the spool&apos;s tag to the reader.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Spool %1: %2, %3 g left%4.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no filament</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; dry it first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No spool has the tag %1 yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is spool %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give a spool its tag</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>choose one, press a letter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add the chosen filament to the project. Its letter does the same: with B it becomes filament B.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose a filament of the shelf first, then press the letter it is to have in the project.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::PictureBench</name>
    <message>
        <source>As it will &amp;look</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Prepared</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Best stack</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Films</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move a border</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The picture is being read and its stack searched for…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be read, or is too large for a picture.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The project was changed while the picture was being made; try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make a relief</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make a panel</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::PictureDialog</name>
    <message>
        <source>&amp;Legend: letters, colours and names of the filaments</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> px</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Width</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Height</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save the picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Picture (*.png);;Drawing (*.svg)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Picture (*.png)</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::PictureView</name>
    <message>
        <source>The picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Left of the bar %1, right of it %2; the bar is at %3 % of the width. The pointer is at dot %4, %5. Arrow keys move the pointer, with Shift the bar.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::PieceBench</name>
    <message>
        <source>Regions: parts and bands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The 3D piece needs OpenGL 3.3, which is missing here. The layer window shows every layer; everything else works.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add model files…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open a project…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Machine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Machine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Poses…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the piece would cost standing otherwise</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All &amp;settings…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Regions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Select and press a letter. For a band, drag over the ribbon first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove the chosen bands and patches</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Split</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make a part of each separate body</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Join</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make one part of the chosen ones; surfaces in other filaments stay, as patches</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>select, press a letter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filaments</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filaments of the project</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 (yours)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Edit the machine…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From a file…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open a machine file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Machine files (*.json)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the machine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A project holds at most 26 filaments, one a letter.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add filament %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose a filament in the list first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change filament %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose a filament in the list first; the last one stays.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove filament %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change settings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no filament %1. Add one first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>Give %n patch(es) filament %1</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>Select a part or a band first, then press its letter.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give layers %1 to %2 filament %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give a band filament %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>Give %n part(s) filament %1</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Remove %n region(s)</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>Each of these parts is one body: there is nothing to split.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>Split into %n part(s)</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Join %n part(s)</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>Move a band</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turn the piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Scale %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Thicken the base by %1 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Drop a model here: 3MF, STL or OBJ.
Its bodies become parts; give each a filament by its letter.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Layers of heights of their own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Layers of heights of their own: finer where it is round, coarser where it is plain</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change heights of layers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Describe my printer…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>give them by their letters</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::PieceChooser</name>
    <message>
        <source>Piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Which piece is shown here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 × %L2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::PlateBench</name>
    <message>
        <source>The bed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How many at once</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Order</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::PlateView</name>
    <message>
        <source>The bed from above</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Drag to move. Arrows move by 1 mm, with Shift by 10, with Ctrl they turn by 15°; Space pins, Delete lets go.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The purge tower; its place is kept free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 at %2, %3 mm, turned by %4°</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turn a piece on the bed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move a piece on the bed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Let a piece be arranged</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>meets</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There it meets %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There it reaches into the free edge of the bed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There it reaches over the edge of the bed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There the machine wants nothing to stand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 mm to %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is free there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Align pieces on the bed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move pieces on the bed</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::PoseDialog</name>
    <message>
        <source>Poses</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fewest changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>least overhang</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>shortest time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lowest</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sort by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Poses of the piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turn the piece so</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bands become parts of their own when the piece is turned, so that their colours stay where they are.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n change(s)</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>
does not fit the printer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cheapest, all in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>least waste</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The same piece, cut into layers standing each way, and held where it hangs. Poses that tip over or put a show face on the support come last. %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> · waste %1 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>overhang %1 cm² · %2 mm high</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 and %2 of cleaning</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>
tips over</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>
held by nothing in places</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>
show faces on the support</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Waste %1 g: purge %2 g, tower %3 g, support %4 g. All in %5: filament, the printer&apos;s hours and yours.
Against how it stands now: %6 changes, %7 g of waste, %8 min of printing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>purge %1 g · tower %2 g</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::PreparePage</name>
    <message>
        <source>free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>square</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>3 : 2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>4 : 3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>2 : 3 upright</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>90 × 130 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>130 × 90 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>100 × 150 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>150 × 100 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>130 × 180 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>180 × 130 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>144 × 108 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Width</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Seen from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;mirrored</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As it came</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>drag the corners: what is inside is kept</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cut the picture out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cut and size</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Format</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Format</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cut to a format</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Of the print; its height follows from what is kept</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Width</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>0.2 mm suits a 0.4 nozzle: nothing finer than about a line comes out. A panel has no dots smaller than a line. Common practice, no source.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>D&amp;ot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dot by dot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How far it is looked at from: differences and the search go by what an eye tells apart there, one minute of arc</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Seen from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the picture&apos;s width</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the picture&apos;s dots</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change where it is seen from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as it came</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a quarter to the right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>upside down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a quarter to the left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turned</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turn the picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mirror the picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Prepare the picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tones and ground</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Brightness</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Added to each channel; 0 leaves it as it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Contrast</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>About mid grey; 1 leaves it as it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Gamma</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Above 1 middle tones are lighter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stays</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as low as can be</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cut out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ground around the subject</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is about the colour of the upper left corner and hangs together with the edge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>G&amp;round</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take the ground out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>  up to ΔE</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How far from the corner&apos;s colour still is ground</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Under what is clear</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tones</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>print</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bend the tones</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Frame and hanging</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>F&amp;rame</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A border within the picture, in a colour of its own; 0: none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>  its colour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rounded &amp;corners</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Radius; 0: square</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Hole to hang it by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In the middle of the upper edge, 2 mm from it at least; 0: none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Line of text</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Letter the picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>  its height</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Strokes finer than a line do not come out: 5 mm and more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 × %2 dots · drag the corners: what is inside is kept</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Height from lightness</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lightness</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>height</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bend the heights</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Light it is made for</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lamp</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>K</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colour temperature of the light it hangs in, or of the lamp behind it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>L&amp;amp</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the light</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What lies behind it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing: light that gets through is lost</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mid grey</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>black</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Be&amp;hind it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change what lies behind</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Optics</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>two-flux theory</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>simple blending</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two-flux theory (Kubelka) follows light to and fro through every layer. Simple blending is what most figures for transmission distances mean: each layer lets 0.1^(thickness/TD) through and adds its own colour.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>O&amp;ptics</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the optics</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::PrintDetail</name>
    <message>
        <source>◇ foretold · ▌ as it came · the band is where it was expected with 80 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What differs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add a p&amp;hotograph…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Take out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Print…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pictures of this print</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Or drop it here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>1: %1
2: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n layer(s)</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n change(s)</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>%1 pieces</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n trip(s) at night</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>▲ %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>failed in layer %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 saved %2 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2 beside %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: press Enter to see it large</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as planned</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add photographs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pictures (%1)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take a photograph out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Print this page</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The page was sent to the printer.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::PrinterPage</name>
    <message>
        <source>&amp;Connect</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Print the file on it…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go &amp;on with it…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For&amp;get it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Stop sending</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turn the &amp;heat off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Do it (simulated)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Report to the run: layers, waits, the end</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A printer on a line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Print over the line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was said</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Connect to %1 first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go on with a print</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The rest of %1 is sent from the line that the printer asks for. %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing more is sent. The printer does what it has, and stays hot.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Heat off.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no plan to follow yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Connected again to %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Connected to %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The line is broken (%1); it is tried again every few seconds.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the other side hung up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The printer has hung up.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no line to %1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Address</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>HOST:PORT, or a serial port, with its baud rate behind a comma where it is not 115200</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>localhost:9100, or /dev/ttyUSB0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It does</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Heat</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Height</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Looking on only asks: temperatures, position, what is printed from its card. Nothing is heated or moved by it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The simulated person exchanges the filament; at a real printer you do</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How much of the file is sent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A printer that prints has a nozzle over 200 °C and parts that move: keep fingers away, the room aired, nothing that burns near it, and never leave a first use alone.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hung up.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It heats the nozzle to %1 °C and the bed to %2 °C, and moves at once.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It may heat, and moves at once.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is a simulated printer: nothing gets hot.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Is the bed clear and seated, the right filament in, and somebody there? Keep fingers away from what is hot or moves, air the room, and never leave a first use alone.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Heat and move</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Print on %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is sent to %2. %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Going on with %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Printing %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The printer has started anew.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It waits for somebody.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All of the file is sent and done.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The printer has started anew and lost its position, in line %1 of the file. Do not let it home through the print: the page “Something went wrong” makes a plan and a file for the rest.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The printer has started anew in the middle of the print.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Hang up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not answering; tried again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not connected</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a printer that does not say</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: simulated, nothing gets hot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nozzle %1 of %2 °C, bed %3 of %4 °C</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>–</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 mm: layer %2 of %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>▲ it waits for somebody</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>prints what is sent to it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>prints from its card, %1 % by now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing that is known here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No toolpath file: choose one on the page “The toolpath file”, and see there that it stops where the plan says.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A print of %1 over %2 was broken off. A printer that is still on says which line it wants next.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::PrintsPage</name>
    <message>
        <source>&amp;Log this print…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Change…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Remove</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Prints</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How the open project came out (Ctrl+L)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Only prints with these words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Only this machine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Only those that came out so</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>all outcomes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>good</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>usable</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>failed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>begun</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>print</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>machine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>foretold</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>waste</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>came out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Foretold and real</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Import…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Export…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Logbooks (*.json *.csv)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Import prints</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Export prints</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>logbook.json</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>all machines</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>▲ failed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>–</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The logbook is being opened.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No print yet. After the next one press “Log this print”: when it was done, and what it weighs, is enough. From then on estimates get ranges, and better.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No print is like that.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n print(s)</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>: %1 g in the pieces, %2 g of waste, %3 at the printer, %4 of filament, power and hands; %5 failed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no plan to hold a print against: open the project that was printed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Log a print</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take a print off the spools</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 g off %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The print is in the logbook.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The print is in the logbook; %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change a print of the logbook</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove a print from the logbook</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 was written.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 was not written. %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>badge -failed waste&gt;20 date&gt;2026-10</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Words that stand anywhere in it: name, machine, material, filament, spool, fault, notes, date. -word: without it. Figures: %1, with &lt; or &gt;.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose two, with Ctrl or Shift, to see them beside each other</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove prints from the logbook</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Proposals saved %1 g and %2.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::ProgressStrip</name>
    <message>
        <source>Cancel</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Progress</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::PurgeBench</name>
    <message>
        <source>Strips</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where it goes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Calibration</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::RecordDialog</name>
    <message>
        <source>&amp;More…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How %1 came out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>good</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>usable</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>failed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It came out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Done</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Piece on the scale</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Tower</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>P&amp;urge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Notes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Be&amp;gun</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What went &amp;wrong</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Failed in &amp;layer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pieces on the scale</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Steps of the scale</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It stood waiting</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>min</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Cleaning up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>S&amp;oaking</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>h</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Keep it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not measured</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 %2 were foretold</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It took %1; %2 were foretold.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It was done before it had begun.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>all %1 pieces</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Each piece weighs %1 ± %2 g.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Together on the scale: %1; about %2 g, to within %3 %.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No print comes out like that. Was everything that was printed on the scale, and nothing else?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Keep it as it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Look again</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::Recovery</name>
    <message>
        <source>No copy for emergencies could be kept: %1 Save the project yourself.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an unsaved project</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It could not be recovered. %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::RegionsModel</name>
    <message>
        <source>region</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>grams</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>band %1–%2 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>painted: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, filament %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Walls, skins and infill of this region over its layers, all copies, times the filament&apos;s density.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Press a letter to give it that filament.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::RehearsePage</name>
    <message>
        <source>&amp;Begin the rehearsal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Leave it in and go on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>I am &amp;not there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A night, rehearsed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At the printer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The sheet, step by step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Steps of the sheet, and how they went</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>when</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what to do</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>how it went</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>if it is missed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What came of it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That is a real printer (%1): nothing is rehearsed with it. Look on at it on the page “The printer”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The printer has hung up.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no line to the printer: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the plan, in short</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The plan&apos;s layers and stops, a lap for each; or the toolpath file that was read, line by line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>I do it, step by step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>somebody is always there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>somebody is there, but not at night</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nobody comes until morning</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Who</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step by step the printer&apos;s clock runs as yours while it waits for you</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> min</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Late by up to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Whoever is called comes up to so much later, by chance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All of it in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How long the rehearsal takes, but for your own steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the spool runs out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lines arrive damaged</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it is a fifth slower</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it starts anew</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What goes wrong</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The simulated printer has its moods</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Chance no.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The same number is the same night again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the one that comes with the program</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Printer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Only simulated ones: that of the program, or one that was started by hand: vitrail-printer --port 9100 is localhost:9100</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How far the rehearsal is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Put in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where it goes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Half an hour passes before you are asked again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the toolpath file %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Put %1 in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>into %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The rehearsal was stopped.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>–</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no plan to rehearse yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the simulated printer is called…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not begun</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>See what the night asks of you before it comes: nothing gets hot, nothing is wasted.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>over, in layer %1 of %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it stands before layer %1 of %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it heats</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>printing layer %1 of %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It waits, and the sheet does not say why: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The project has no night in which nobody comes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It begins when the run does.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It begins when the run does; nobody is there from %1 to %2, as the settings of the run have it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it waits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>can be done now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>✓ right, at %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>▲ right, but it stood %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>▲ %1 was put in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>▲ missed: it stood %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>▲ missed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it stands until %1, and is done at %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>layers %1 to %2 come out in %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing is lost</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This print asks nothing of anybody between its start and its end.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A score of what was done right, what was missed, and what that does to the end and to the colours stands here afterwards.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing to do</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of %2 right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of %2 right by now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The printer started anew in layer %1 and forgot everything: position, heat, the rest of the print. With a real one: do not let it home through the print; the page “Something went wrong” has a plan for the rest from a height.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Done at %1, as planned.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Done at %1 instead of %2: %3 later.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Done at %1 instead of %2: %3 earlier.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n step(s) missed: nobody was there when it was due.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>▲ Layer %1 came out in %2 instead of %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>▲ Layers %1 to %2 came out in %3 instead of %4.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The printer stood %1 with nobody there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Standing for hours a hot nozzle oozes and cooks what is in it, and a bed may let go: see that your printer may do so, and that its position is kept. Never leave a first use alone.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It also stopped for something that is not on the sheet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n line(s) had to be sent again; nothing was lost.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::RescuePage</name>
    <message>
        <source>by the &amp;height that is really there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The printer still &amp;knows where it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The bed is still &amp;warm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Make it the plan</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write the &amp;rest of the file…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What went wrong</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What becomes of it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Changes that move</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>change</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>before layer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ways on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>way</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>colours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>filament</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At the printer, in this order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What to do, in order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The project as it stands is kept beside it first, under another name; undo brings it back, too</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Of the file that was being printed: the layer again, and everything above it, lifted; read again and proven before it gets its name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a layer came out too thin or too high</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a filament is gone</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a swap was missed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>layers in the wrong filament</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Layer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Layers more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measured</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filament</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Printed instead</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Layers it took</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The last layer that is printed; of a missed swap or a wrong filament the first it concerns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>So many layers more of what that layer is printed in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From the bed to the top of what is printed, by a calliper or by the printer&apos;s own Z</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n layer(s) more of %1</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>ends %1 mm higher than planned</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ends %1 mm lower than planned</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the picture looks ΔE %1 otherwise on average, %2 at most</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ΔE %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lost: %1 g and %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pause the printer, do not stop it; one that gets no command for a while lets go of its position.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save the plan that was running first, under another name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take the way on; then look at the run sheet again: later changes may stand elsewhere.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stay for the first two layers.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nozzle and bed are hot: keep hands and sleeves out of a machine that may move.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Once there is a plan, what can be done about a layer that went wrong stands here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save the project first: the plan that is running has to be kept before it is changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>-before-rescue-%1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing was changed: the plan that is running could not be kept as %1. %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rescue the print</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The rescue is the plan now; the one that was running is kept as %1. The run sheet is a new one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Which file was being printed?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Toolpath files (*.gcode *.gco *.g *.nc);;All files (*)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write the rest of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>-rest.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 was written, read again and proven. Look through its first lines before you start it: they heat and move the printer.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 was not written. %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>layers of their &amp;own height, so that nothing is left over</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Instead of whole layers as they are everywhere; not for pictures, whose colours come from equal layers</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::Ribbon</name>
    <message>
        <source>Ribbon: layers of the print</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Arrow keys move the cursor layer; with Shift they choose a range of layers.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ribbon</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The layers of the print will run from left to right here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nozzle %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>purge by layer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing is purged</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>layers %1–%2: select a part, then press a letter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>layers %1–%2: press a letter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>layer %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> then </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Layer %1, %2 to %3 mm: %4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>
Purge %1 g (%2 mm³), changes take %3 s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Arrow keys move the cursor layer; with Alt they move the lead line that is nearest to it, which cuts the picture&apos;s bands.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ends in layer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On the clock. Visits: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>night</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>come</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the file</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::RunBench</name>
    <message>
        <source>When to come</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The toolpath file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Something went wrong</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Run sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rehearsal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The printer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rehearsed %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::RunPanel</name>
    <message>
        <source>Next</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Visits, ticked off as they are done</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Started now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The printer has begun: from now on times are real ones (F6)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Layer begins now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The layer beside it begins this moment: what is to come moves with it (F7)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Swap &amp;done</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was due is done, and the printer goes on (F8)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Paused</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The printer stands, or goes on again (F9)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Finished</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The plate is done (F10)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>F&amp;ailed…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It went wrong and will not be finished</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take &amp;back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The last report was a mistake</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Call it &amp;off…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing more of this run is followed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Into my &amp;calendar…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save the visits as a calendar file (iCalendar), with alarms</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Layer that begins now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It failed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Has this plate failed in layer %1? It will not be followed any further; what was real is kept.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Call the run off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shall this run not be followed any more? What was reported is kept.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>plate %1 of %2 · </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing to print yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not started. As planned:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>printing layer %1 of %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the printer waits, for %1 by now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>paused in layer %1 of %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>plate %1 is done; start plate %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It failed in layer %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The run is over.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It took %1; %2 were planned. The printer waited %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It goes %1 % slower than planned; times to come follow.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It goes %1 % faster than planned; times to come follow.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Standing for hours with nobody there, a hot nozzle oozes and a bed may let go: see that your printer may do so, and that its position is kept.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This can only be done at night.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1  begun</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1  %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1  paused</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1  went on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1  done</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1  failed in layer %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1  called off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1  begin</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1  %2%3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> (at night)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Goes on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lo&amp;g this print…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Into the logbook: when it was done, what it weighs, how it came out (Ctrl+L)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>with 80 % due %1</source>
        <comment>between two times</comment>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>, by %n print(s)</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>with 80 % its last moment is %1</source>
        <comment>between two times</comment>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 (its end %2)</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::RunStore</name>
    <message>
        <source>The runs of earlier sessions cannot be read: %1 They were set aside as %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The runs of earlier sessions cannot be read: %1 This session&apos;s are not kept.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Due now: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Due at %1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The run is not kept: %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::ScaleDialog</name>
    <message>
        <source>Unit of a model file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>File</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>inches</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>centimetres</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>metres</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tenths of a millimetre</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>thousandths of a millimetre</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>another factor</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It was written in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every length times</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;File</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It was &amp;written in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Every length times</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No part is left of this file.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 × %2 × %3 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is %1 now and becomes %2. Bands and paint grow with it.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::ScheduleView</name>
    <message>
        <source>Plates on the clock</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plate %1: %2 to %3, %4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plate %1: %2 to %3
%4</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::SchoolsPage</name>
    <message>
        <source>%1 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What to set in the toolpath program</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>set</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Use this school</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Copy</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Five ways to hold it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Comparing schools</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>your own &amp;hour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Schools of support compared</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>materials</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>support</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>purge and tower</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>printing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cleaning up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in water</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>faces</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>risks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>worth it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The piece, what touches it, and what stands below</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The body of the support, then its interface; from the project, from your shelf, or neither</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Support and interface, all copies; hover for what each filament takes more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Purge that serves nothing, and fill of the tower</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Changes of filament in the whole print</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The whole print, changes included; what it takes longer than without any support</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A person&apos;s minutes afterwards, by contact, reach, gap and material</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hours in water, and bowls of it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filament, and your own time at the printer and afterwards at the price of your hour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the touched faces look like</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What can go wrong</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The price of your own hour from which it pays against the same material</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Why</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Risks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Risks of the chosen school</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What to set in your toolpath program</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Planning it five times…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Support: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copied: what to set in your toolpath program.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the price of your own hour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Once there is a piece to plan, five ways to hold it stand here beside each other.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 (now)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, interface %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not on your shelf</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 + %2 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2 g more than without support
</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 (+%2)</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%1, %n bowl(s)</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>none known</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>wins here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the measure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>never pays</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pays anyway</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from %1 an hour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It touches %1 cm² of the piece; taking it off takes %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%1 cm³ dissolve in %2, with %n bowl(s) of water.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>%1 %2 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>More than without support: %1, and %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None known.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>purge %1 g, tower %2 g; with support %3 g of waste in all</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>filament %1; the printer&apos;s %2 h at %3; your %4 min at %5 an hour%6. What the schools are ranked by.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> (assumed)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>impossible</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the &amp;printer&apos;s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the price of the printer&apos;s hour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>all in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>waste in all</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Everything thrown away: support, interface, purge, tower</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::ScoreView</name>
    <message>
        <source>Whether ranges hold what they say</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 % hold %2 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No range has been held against a print yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>said, and held</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::SettingsDialog</name>
    <message>
        <source>All settings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>only what is &amp;changed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No setting has these words.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Search the settings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Search</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Settings that are not at their defaults</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reset %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Back to the default: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Everything is at its default.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::SettingsForm</name>
    <message>
        <source>Change %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::SheetDialog</name>
    <message>
        <source>Which one?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Variants on the sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Figures on the sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say first what has changed &amp;since the last sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A sheet to choose from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>for your own record</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as it stands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Heading</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;For</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Variants</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fi&amp;gures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Write it…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Only what is chosen here stands on it: pictures, letters to answer by, and figures in plain words.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::SheetPage</name>
    <message>
        <source>Run sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What to load before the start, every change with its layer stated all ways, and the cautions that apply. Keep it at the printer and tick the changes off.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Print…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save as P&amp;DF…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>PDF (*.pdf)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save as &amp;HTML…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>HTML page (*.html)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save as &amp;CSV…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Comma-separated values (*.csv)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pages of the run sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Once there is a plan, the sheet for the printer stands here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n page(s)</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n change(s)</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n thing(s) to look at first</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>nothing to look at first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save the run sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The run sheet was saved as %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 was not saved. %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::SheetPages</name>
    <message>
        <source>%1 (%2)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Look at this before you start</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filaments</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 m</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Before the start</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None: the whole print is in one filament.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>within layer %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>before layer %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>after layer %1 and part of layer %2 · with %3 mm printed · layer %2 ends at %4 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>after layer %1 · with %2 mm printed · layer %3 ends at %4 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 · %2 · purge %3 g · %4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Slots to refill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: take %2 out, put %3 in, %4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: put %2 in, %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In all</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>After the print</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 (%2). </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cautions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 · page %2 of %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To set in the toolpath program</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::ShelfFilamentDialog</name>
    <message>
        <source>Filament on the shelf</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>°C</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Drying temperature</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>h</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Drying time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as the class</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As the class: %1 h at %2 °C, from memory. The label knows better.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Hatch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dr&amp;ying</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>N&amp;otes</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::ShelfModel</name>
    <message>
        <source>filament, spool</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>class</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>where</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dried</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>spool %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>–</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>draws moisture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not known</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>spool %1: %2 g of %3 g left, empty roll %4 g
opened %5, dried %6
%7%8</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 · TD %2 mm · %3 mm · %4 g/cm³ · %5 per kg
nozzle %6–%7 °C, bed %8–%9 °C, dry %10 h at %11 °C%12</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2, in the project as %3</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::SlotsView</name>
    <message>
        <source>Slots over time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Which spool sits where and when shows here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Refill %1 in layer %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 into %2: %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>layer %1, %2 after the start, %3 o&apos;clock</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::SmallRibbon</name>
    <message>
        <source>Its layers</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n change(s)</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::SpoolDialog</name>
    <message>
        <source>g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filament when new</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Empty roll</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>opened</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dried</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Spool</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The code printed on the spool, or one of your own.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>which slot, which printer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Weigh an empty roll of this kind once; 220 g is from memory.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Code</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Filament when new</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Empty roll</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Where</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A spool needs a code, so that it can be told from the others.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Another spool has this code already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The number of the tag on the spool, if it has one: by it the spool is found again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Tag</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::StackFront</name>
    <message>
        <source>Difference against number of swaps</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n swap(s): ΔE %1</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>swaps at most</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mean ΔE to the picture</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::StackPage</name>
    <message>
        <source>&amp;Search</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Use this stack</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What comes nearest</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mean difference over the whole picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The best stack for each number of swaps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>swaps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ΔE</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>gains</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from the bed upwards</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What this swap buys against one less</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Out of what</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filaments to choose from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>filament</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>TD mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in the stack</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Transmission distance: so thick it lets a tenth of the light through</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Press Space to go through: may be, must be, not</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>may be</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>must be</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Different filaments at most: what the slots hold, or what you have the patience for</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>S&amp;waps at most</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Filaments at most</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Height at most</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>shelf: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing to search among: let a filament be in the stack.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>More filaments must be in the stack than may be: allow more.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Searching…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped before anything was found.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped; this is the best so far.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cannot keep what must be</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All stacks with so many swaps were looked at: there is no better one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Found by searching; there may be a better one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Search for the stack that comes nearest to the picture: filaments, their order, and the borders between them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No stack keeps what must be with so few swaps, filaments and layers. Allow more.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n swap(s) are enough: all that come after gain ΔE %1 together, which is hardly seen.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>The last swap still gains; one more may, too.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All letters are taken: remove a filament of the project first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Use the stack that was found</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Exactly that high</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bands the picture has, and what of them stays</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>band it has</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>layers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stays</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Press Space to go through: free, its layers in its filament, or only the border below it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its layers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>border below</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The stack gets all the layers that fit into the height, not fewer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1–%2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A band that stays is higher than the stack may be, or its filament is not to choose from.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::StartsView</name>
    <message>
        <source>Trips to the printer over the hour it begins</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>Begun %1 it is done %2: %n trip(s)</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>, %1 of them at night</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, none at night</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, waits %1 h for the morning</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; it would begin at night</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nobody has to come at these hours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>trips to the printer, by when it begins · hatched: at night · ▼ the best of these hours</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::StripsPage</name>
    <message>
        <source>&amp;Locked</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As &amp;computed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show &amp;me</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What each change purges</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The chosen pair</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as the filament</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colour difference at which this pair counts as clean</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Clean at Δ&amp;E, this pair</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>why it must stay</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reason of the lock</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The volume stays whatever else changes: levels, calibration, colours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Drops what was set by hand for this pair</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>When it counts as clean</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Whole project, Δ&amp;E</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Level for each filament</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a change to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>counts as clean</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the level of %1 to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the reason of a lock</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Purge %1 to %2 as computed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change when a change counts as clean</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lock the purge of %1 to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Unlock the purge of %1 to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No pair chosen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 %2 → %3 %4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> ± %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The volume is locked.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The cut was set by hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Another material purges at least %1 mm³, whatever the colour.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The colours are close enough; the nozzle only primes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Beyond the cut: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%1 by calibration from %n reading(s)</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>%1 by your own figures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 by the machine&apos;s defaults, not calibrated</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n pair(s) take half of %1 g. Drag a cut, or move it with the arrow keys.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source> Another %1 g prime nozzles that kept their filament.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as the project, ΔE %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>show surface, ΔE 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>normal, ΔE 2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hidden, ΔE 4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Level of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ΔE %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Purges %1 mm³; clean at ΔE %2 after %3%4 mm³ (dead volume V_d %5, mixing volume V_m %6). %7</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::StripsView</name>
    <message>
        <source>Purge strips</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 to %2: %3 mm³, %4 times</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No nozzle changes its filament, so nothing has to be washed out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Once there is a plan, every pair of filaments that follow each other in a nozzle is a strip here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 mm³ · %2 g · %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>locked</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>other material</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a prime is enough</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>clean at ΔE %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%1 · %n time(s) = %2 g</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>half of it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mm³ out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This strip is locked%1. Unlock it first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Purge %1 mm³ from %2 to %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>after %1 mm³: %2 % of the old one left, %3, ΔE %4 to the new one</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::SuggestionsPage</name>
    <message>
        <source>Suggestions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>gives up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Preview</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Apply</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>other &amp;poses too</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Working suggestions out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plans every pose the piece can stand in, which slices it again for each: takes a while.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shows the plan as it would be, everywhere in the window; nothing is changed yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Working it out…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>min</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>so already</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 mm³ recoloured</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1. Now %2 changes, %3 g and %4; then %5 changes, %6 g and %7.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>purge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tower</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>waste</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Purge that serves nothing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fill of tower and skirt, ooze wall</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Everything thrown away: purge, tower, support and interface</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::SupportsBench</name>
    <message>
        <source>Schools</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is held</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Interface</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What would need less support</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Each has been planned: the figures are exact. Interfaces at other heights, fewer of them, other supports, a cut, other poses.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing here would save support, changes or time.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose a school or switch support on, then what could be saved stands here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Less of it</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::Tally</name>
    <message>
        <source>Pin</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep this plan as the one that later plans are measured against</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>waste ÷ piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>purge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hand swaps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>money</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There are changes that are not saved</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no model yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Known once there is a plan</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 · %2 layers · %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>1 copy</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 copies</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 pieces</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>(purge %1 g + tower fill %2 g + support %3 g) ÷ piece %4 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The purge of %1 changes, %2 mm³ in all. No order of these layers purges less than %3.
%6Not in it: %4 g to fill the nozzles at the start%5.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 mm³: this one is proven the best</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 mm³: a gap of %2 mm³ or %3 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, and %1 g of fill that lets the tower stand.
The tower is %2 mm square and %3 mm tall (%4 times its width) and takes %5 % of all filament</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 g of it are put to use and do not count here.
</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Which filament sits on which nozzle is proven too.
</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Which filament sits on which nozzle was searched: at most %1 % from the best.
</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 by hand, %2 by a feeder, %3 to another nozzle.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No order takes fewer than %1: a gap of %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No order takes fewer than %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Somebody is at the printer for %1 in all. %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>printing %1 + changing %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>filament %1 + your time %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>against the
pinned plan</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Which filament sits on which nozzle was searched, not proven.
</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> · each %1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1  %2 – %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>By the logbook between %1 and %2, with 80 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>, from %n print(s).</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::TeachPage</name>
    <message>
        <source>%1 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Switch off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Leave this print out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the prints teach</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Factors</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>of what</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>where</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>factor</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>next: 80 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>prints</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where it comes from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The plan&apos;s own figure stands then, with the spread of a guess</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The open project, as the logbook sees it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ranges for the open project</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by the plan</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>with 80 % between</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Do ranges hold what they say?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Count this print</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 ± %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It changed %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>Of %n figure(s) with a range</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>, %1 % came out within their 80 %.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Switch on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A factor is what comes out, divided by what the plan says: 1.12 of printing means an eighth more. It is pulled towards 1 while there are few prints.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>▲ Since %1 it is %2 % more; only what came since teaches.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>▲ Since %1 it is %2 % less; only what came since teaches.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Too far from the others to count: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Switched off: the plan&apos;s own figure stands.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>purge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tower</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cleaning up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>soaking</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 and %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n print(s)</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>a guess</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No print of this kind is in the logbook yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Switch a factor on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Switch a factor off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Leave a print out, or count it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Start a&amp;new</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Into a &amp;machine file…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Writes the open project&apos;s machine with what its prints taught: whoever prints with that file starts from there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing that was printed so far teaches this factor any more: after a repair, or another nozzle. Undo brings it back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Start a factor anew</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write the machine with what its prints taught</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Machine files (*.json)</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%1 was written, with %n factor(s).</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>%1 was not written. %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::TotalsPage</name>
    <message>
        <source>What it comes to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by the month</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by the year</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Months or years</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Totals</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>prints</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>failed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in pieces</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>waste</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>trips</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at night</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>money</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>saved</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What went wrong</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fault</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lost</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was in them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What failed prints had in them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 kg</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>–</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>all of it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Once prints are logged, what months and years come to stands here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nobody said</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>machine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>material</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>spool</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>support</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What proposals saved</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None yet. Proposals that are taken on the benches Changes and Supports are counted here, and the order within layers against that by letter.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measured where it was, else as foretold; of a failed print everything is waste. Saved: by the order within layers, against the same print in the order as assigned; by purge that replaced something; and by every proposal that was taken.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>setting</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>setting, value</comment>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::TourBar</name>
    <message>
        <source>This is a badge of two bodies, a plate and its lettering. Drag to turn it. Beside it is a single layer, as if cut through; below, whatever would spoil the print.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filaments have letters. The lettering has been selected in the list of regions: press A or B, and it is printed in that filament. Undo brings the other back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The ribbon shows the print from its first layer to its last, a row for each filament. The cursor stands where the filament changes; arrow keys move it, Page Up and Page Down go from change to change.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Each change, in every way people count layers: which layer it comes before, after which it stops, and at what height. One layer off, and the lettering has the wrong colour.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What a change pushes out until the new colour is clean. Each strip fades from one filament into the other; drag the cut, and see what less or more of it costs.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The sheet for the printer: what to load, what to do before which layer, and the cautions that apply. Print it, or save it. That was all: now open a model of your own.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Leave the tour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>First tour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <comment>step, steps</comment>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Next</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Done</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::VariantCard</name>
    <message>
        <source>&amp;measure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Use</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>M&amp;ore</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The others are measured against this one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make it current</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Rename…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Replace by what is on the screen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Save a picture of it…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Take away</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As it stands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 · current</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Compare the others with %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make %1 current</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>More for %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How %1 will look</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 in %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source> and %n more</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::VariantsBench</name>
    <message>
        <source>Side by side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Keep what is on the screen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As a variant with a name of its own (Ctrl+K)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Variants side by side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What one wish costs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is wanted otherwise</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In which filament</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Print th&amp;is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>i&amp;n</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep it as a &amp;variant</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For someone who has a say</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sheets that were given, and their answers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sheet of</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>for</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>shown</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>answer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Write a sheet…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>PDF, HTML or PNG: pictures, letters to answer by, and only the figures you choose</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Enter the answer…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is nothing to keep yet: add a model or a picture.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Variant %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep a variant</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kept as “%1”. Go on changing; it stays as it is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make “%1” current</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rename a variant</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Replace a variant</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take a variant away</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Once there is a plan, colourings of it can be kept and hung side by side here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is kept yet. Keep what is on the screen, then change colours, bands, the machine or anything else, and keep that too: they hang here side by side.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2–%3 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose what should be otherwise: it is planned at once, and nothing is changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing changes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 changes · %2 thrown away · %3 · %4 of material · %5 all in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Loading: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 in %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep a wish as a variant</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>none yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save the sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>PDF (*.pdf);;HTML page (*.html);;Picture (*.png)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as it stands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give somebody a sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The sheet was saved as %1. Enter the answer here when it comes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep an answer</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::View3d</name>
    <message>
        <source>3D piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Arrow keys turn the piece, plus and minus zoom, Home fits it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turn: drag · zoom: wheel · move: right drag · fit: double click · choose a part or a patch: click</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no filament</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 in %2, chosen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 in %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::WedgeDialog</name>
    <message>
        <source>How %1 takes light</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;1 Print the wedge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;2 Read its photograph</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Or judge by eye</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A small plate with steps of one layer each, over white and over black. Where it is bare white the light on it can be seen. How light falls off from step to step says how much the filament absorbs (K) and scatters (S).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Layer height</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Write 3MF, STL and plan…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nozzle and bed are hot: keep fingers out of a moving machine, and let the plate cool before you take it off.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Open the photograph…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>channel</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>K, 1/mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>S, 1/mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Absorption, and its standard uncertainty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Scattering, and its standard uncertainty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The photograph of the wedge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.webp *.tif *.tiff)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be read.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Drag the marks onto the wedge&apos;s corners, the white and the grey; then it is read.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>red</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>green</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>blue</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 ± %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n layer(s) over black</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n layer(s) over white</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>Transmission distance %1 mm. Fields fit within %2 %; the light was uneven by %3 %.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Left out, as they lie far from the others: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hold the printed steps over black beside the screen, in daylight, and choose in each row the patch that looks like that step. Less sure than a photograph, but quick.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n layer(s)</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>as with a transmission distance of %1 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>Transmission distance %1 mm, from %n row(s); they differ by a factor of %2.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>Transmission distance %1 mm, from one row.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Folder for the wedge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>black</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Written to %1: wedge.3mf, STL files, wedge.html with its plan, wedge.vitrail.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::WedgePhotoView</name>
    <message>
        <source>upper left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>upper right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lower right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lower left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>grey</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The photograph of the wedge, with its marks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No photograph yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mark %1 is chosen, at %2, %3. Space goes to the next, arrow keys move it, with Ctrl by ten.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open a photograph of the printed wedge, beside white paper and a grey card.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::WeighDialog</name>
    <message>
        <source>g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On the scale</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Steps of the scale</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Weigh spool %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On the &amp;scale</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>S&amp;teps of the scale</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That is less than the empty roll of %1 g: look at the roll&apos;s weight.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Left: %1 ± %2 g, without the roll of %3 g.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The shelf says so too.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The shelf says %1 g: prints took %2 g less than was written off.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The shelf says %1 g: %2 g more went than was written off.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::Welcome</name>
    <message>
        <source>Badge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two colours, one swap by hand: the shortest way from a model to a sheet for the printer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lighthouse</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Four colours through one nozzle: bands, a tower, purge, and what each change costs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dusk</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A picture in thin layers: where bands are cut, and how colours come about</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rose window</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A panel to be lit from behind, every dot a stack of films</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bracket</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Support that comes off: schools, interfaces, what bonds to what</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Signal flags</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Several nozzles: which filament goes on which</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open day</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An order of many pieces, on plates, by day and by night</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Painted</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colours painted on the surface of a single body</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Demo projects</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Projects you had open</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What would you like to print?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Vitrail works out where colours change, what that costs in filament and hours, and how it costs less. It writes no toolpaths: your own program does, and follows the sheet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Begin</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Show me round: a badge in six steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Does the work on this window, step by step; can be left at any time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open a &amp;model…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>3MF, STL or OBJ; its bodies become parts, each in a filament</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make something of a &amp;picture…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A relief in thin layers, or a panel to be lit from behind</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Start an &amp;order…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Many pieces by a day: what goes on which plate, and when</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open a pro&amp;ject…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A Vitrail project, *.vitrail</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Describe my printer…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>By questions that anybody who has it can answer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Or drop a file anywhere on this window.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filaments have letters: select a region of a piece and press a letter, and it is printed in that filament.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Try it on a demo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go on with</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Projects you open or save are found here.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::WhenPage</name>
    <message>
        <source>&amp;Now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Find the &amp;best start</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>When to come</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Begins</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Be&amp;gins</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Begin this minute</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the start is chosen for</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nobody comes at night</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>finished by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Finished by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The start within the hours shown that needs nobody at night, else as little as can be; then the fewest trips, then the earliest end</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Then</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Print another project…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Remove</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Projects printed after this one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Once there is a plan, when somebody has to be at the printer stands here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose when it begins</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Within these hours no start is finished by then; this one is done at %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Begun %1 it is done %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; nobody has to come.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>; %n trip(s)</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>, %1 of them at night.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, none at night.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It waits %1 for the morning.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Somebody has to start it at night.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This print is under way; what is at the right counts. It will be done %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>now %1 · waits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>now %1 · layer %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save the visits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Calendar (*.ics)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The visits were saved as %1: open it with your calendar.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 was not saved. %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Print another project</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Vitrail projects (*.vitrail)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be printed after it. %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing: the printer is free then</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 · %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, done: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>With 80 % it is done between %1 and %2</source>
        <comment>two times</comment>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>, by %n print(s) in the logbook.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::WherePage</name>
    <message>
        <source>Ways for purge compared</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>way</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>saves</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>put to use</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Use this</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What each layer&apos;s purge becomes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What each way would waste</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The plate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Parts whose colours do not matter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A ticked part is a second piece: it is printed from purge as far as there is any, and else in whatever is loaded</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Second piece</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Purge: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Let a part take purge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Print a part in its own colour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The tower is %1 mm square and %2 mm tall, %3 times its width; it takes %4 g, %5 % of all filament, of which %6 g only carry.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> From layer %1 on it is %2 mm wide.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> A second one, %1 mm wide, ends with layer %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The skirt is %1 layers tall; %2 mm³ of purge find no room in it and are thrown out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No tower: what nothing has use for is thrown out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> The ooze wall takes %1 g, up to layer %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> It stands %1 mm from the middle of the pieces.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> Not everything fits the bed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> g</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>purge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tower</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>waste</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Purge that serves nothing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fill of tower and skirt, ooze wall</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Everything thrown away: purge, tower, support and interface</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>vitrail::WindowsView</name>
    <message>
        <source>Nozzle and bed temperatures of the project&apos;s filaments</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nozzle °C</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bed °C</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>✓ %1–%2 suits all</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>✕ nothing suits all</source>
        <translation type="unfinished"></translation>
    </message>
</context>
</TS>
