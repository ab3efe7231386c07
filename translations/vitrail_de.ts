<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
<context>
    <name>OrderPage</name>
    <message>
        <source>%1 g</source>
        <translation>%1 g</translation>
    </message>
    <message>
        <source>there %1</source>
        <translation>da %1</translation>
    </message>
    <message>
        <source>%1, there %2</source>
        <translation>%1, da %2</translation>
    </message>
</context>
<context>
    <name>QDialog</name>
    <message>
        <source> mm</source>
        <translation> mm</translation>
    </message>
</context>
<context>
    <name>Threads</name>
    <message>
        <source>There is not enough memory for this piece. Use thicker layers or a coarser mesh.</source>
        <translation>Für dieses Stück reicht der Arbeitsspeicher nicht. Nimm dickere Schichten oder ein gröberes Netz.</translation>
    </message>
    <message>
        <source>Vitrail made a mistake (%1). Your project is as it was; save it under another name.</source>
        <translation>Vitrail hat einen Fehler gemacht (%1). Dein Projekt ist, wie es war; speichere es unter einem anderen Namen.</translation>
    </message>
    <message>
        <source>Vitrail made a mistake. Your project is as it was; save it under another name.</source>
        <translation>Vitrail hat einen Fehler gemacht. Dein Projekt ist, wie es war; speichere es unter einem anderen Namen.</translation>
    </message>
</context>
<context>
    <name>core</name>
    <message>
        <source> and </source>
        <translation> und </translation>
    </message>
    <message>
        <source>, then </source>
        <translation>, dann </translation>
    </message>
    <message>
        <source>A base of {} in {} below everything, printed as the first layer at the usual first-layer speed; {} layers in all, every change one layer later. Calibrate the flow of each colour beforehand. When it is off the bed, file the base away until the lettering shows clean, with a fine file, then paper of 600 to 2000 grit. Wet-sand or wear a dust mask.</source>
        <translation>Eine Opferschicht von {} in {} unter allem, gedruckt als erste Schicht mit der üblichen Geschwindigkeit; insgesamt {} Schichten, jeder Wechsel eine Schicht später. Kalibriere vorher den Fluss jeder Farbe. Feile die Schicht nach dem Druck ab, bis die Schrift sauber erscheint, mit feiner Feile, dann Papier mit Körnung 600 bis 2000. Nass schleifen oder Staubmaske tragen.</translation>
    </message>
    <message>
        <source>A first layer of {} is outside the usual 25 to 75 % of a {} nozzle.</source>
        <translation>Eine erste Schicht von {} liegt außerhalb der üblichen 25 bis 75 % einer Düse von {}.</translation>
    </message>
    <message>
        <source>A layer takes at least this long, so that it can cool. From memory: 6 s.</source>
        <translation>So lange dauert eine Schicht mindestens, damit sie abkühlen kann. Aus der Erinnerung: 6 s.</translation>
    </message>
    <message>
        <source>A one-line wall around the piece, not touching it, that catches drips, up to the last tool change.</source>
        <translation>Eine Wand aus einer Linie um das Stück, ohne es zu berühren; sie fängt Tropfen auf, bis zum letzten Werkzeugwechsel.</translation>
    </message>
    <message>
        <source>A project holds at most 26 filaments, one a letter.</source>
        <translation>Ein Projekt hat höchstens 26 Filamente, für jeden Buchstaben eines.</translation>
    </message>
    <message>
        <source>A release material lets go best when cold.</source>
        <translation>Ein Trennmaterial löst sich am besten kalt.</translation>
    </message>
    <message>
        <source>A strip needs two filaments at least.</source>
        <translation>Ein Streifen braucht mindestens zwei Filamente.</translation>
    </message>
    <message>
        <source>A thin coat of glue between sheet and print, so that it comes off unharmed.</source>
        <translation>Ein dünner Film Kleber zwischen Druckblatt und Druck, damit er sich unbeschädigt löst.</translation>
    </message>
    <message>
        <source>A tool of {} does not reach {} cm² of contact. Fine fins and inner cavities want a soluble interface, or an opening.</source>
        <translation>Ein Werkzeug von {} erreicht {} cm² der Kontaktfläche nicht. Feine Rippen und innere Hohlräume verlangen eine lösliche Trennschicht oder eine Öffnung.</translation>
    </message>
    <message>
        <source>A tool of {} does not reach {} of it: use something thinner.</source>
        <translation>Ein Werkzeug von {} erreicht {} davon nicht: nimm etwas Dünneres.</translation>
    </message>
    <message>
        <source>A tower that narrows</source>
        <translation>Ein Turm, der schmaler wird</translation>
    </message>
    <message>
        <source>A tower {} wide has no room for {} mm³ of purge; the busiest layer is {}.</source>
        <translation>Ein Turm von {} Breite hat keinen Platz für {} mm³ Spülung; am meisten hat Schicht {}.</translation>
    </message>
    <message>
        <source>A warm piece bends when support is pulled.</source>
        <translation>Ein warmes Stück verbiegt sich, wenn man an Stützen zieht.</translation>
    </message>
    <message>
        <source>ABS, ASA and HIPS give off fumes: ventilate well, to the outside, and do not stay in the room for long.</source>
        <translation>ABS, ASA und HIPS geben Dämpfe ab: gut ins Freie lüften und nicht lange im Raum bleiben.</translation>
    </message>
    <message>
        <source>Align interfaces within</source>
        <translation>Trennschichten angleichen innerhalb von</translation>
    </message>
    <message>
        <source>Attended minutes for each joint, where parts are printed by colour and assembled. From memory: 3 min.</source>
        <translation>Minuten Handarbeit für jede Fuge, wo Teile nach Farben gedruckt und zusammengesetzt werden. Aus der Erinnerung: 3 min.</translation>
    </message>
    <message>
        <source>Before it is used</source>
        <translation>Bevor es benutzt wird</translation>
    </message>
    <message>
        <source>Beside it a second one, {} wide, that ends with layer {}.</source>
        <translation>Daneben ein zweiter, {} breit, der mit Schicht {} endet.</translation>
    </message>
    <message>
        <source>Between least waste (0) and least handling (100). At 50 a move by hand weighs as much as 500 mm³ of purge.</source>
        <translation>Zwischen wenigstem Abfall (0) und wenigsten Handgriffen (100). Bei 50 wiegt ein Handgriff so viel wie 500 mm³ Spülung.</translation>
    </message>
    <message>
        <source>Between the jobs: swap the filament, and take job one&apos;s skirt and prime line off. The nozzle is hot: fingers out of a moving machine.</source>
        <translation>Zwischen den Jobs: Filament tauschen, Schürze und Spülstreifen des ersten Jobs entfernen. Die Düse ist heiß: Finger weg von einer Maschine, die sich bewegt.</translation>
    </message>
    <message>
        <source>Between {} and {} above it there is a gap of {} in Z: the upper one would be printed onto air. Bodies must meet exactly.</source>
        <translation>Zwischen {} und {} darüber ist in Z ein Spalt von {}: das obere würde in die Luft gedruckt. Körper müssen genau aneinander liegen.</translation>
    </message>
    <message>
        <source>Between {} and {} mm of height, thin features of {} stand on support. Cut the support there, close to the piece; do not pull, or they snap off with it.</source>
        <translation>Zwischen {} und {} mm Höhe stehen dünne Stellen von {} auf Stützen. Schneide die Stütze dort nah am Stück ab, nicht ziehen, sonst bricht beides ab.</translation>
    </message>
    <message>
        <source>Between {} and {} there is a gap {} in XY, and they touch nowhere: they would come apart. Let them share a face.</source>
        <translation>Zwischen {} und {} ist in XY ein Spalt von {}, und sie berühren sich nirgends: sie fielen auseinander. Gib ihnen eine gemeinsame Fläche.</translation>
    </message>
    <message>
        <source>Blend</source>
        <translation>Mischung</translation>
    </message>
    <message>
        <source>Bodies of different colour farther apart than this, but near enough to be meant to touch, are reported as a gap.</source>
        <translation>Körper verschiedener Farbe, die weiter auseinander liegen als dies, aber so nah, dass sie sich berühren sollten, werden als Spalt gemeldet.</translation>
    </message>
    <message>
        <source>Bottom skins</source>
        <translation>Deckschichten unten</translation>
    </message>
    <message>
        <source>Branches instead of columns</source>
        <translation>Äste statt Säulen</translation>
    </message>
    <message>
        <source>Break the support off in small pieces, the body first.</source>
        <translation>Brich die Stütze in kleinen Stücken ab, zuerst den Körper.</translation>
    </message>
    <message>
        <source>Breaking off the same material</source>
        <translation>Abbrechen gleichen Materials</translation>
    </message>
    <message>
        <source>Build sheet</source>
        <translation>Druckblatt</translation>
    </message>
    <message>
        <source>By how much of a circle pieces may be turned where they are arranged. Copies of one piece stand in rows as long as there is room.</source>
        <translation>Um welchen Teil eines Kreises Stücke beim Anordnen gedreht werden dürfen. Kopien eines Stücks stehen in Reihen, solange Platz ist.</translation>
    </message>
    <message>
        <source>Cannot print: every nozzle is missing.</source>
        <translation>Drucken geht nicht: alle Düsen fehlen.</translation>
    </message>
    <message>
        <source>Change the water every</source>
        <translation>Das Wasser wechseln alle</translation>
    </message>
    <message>
        <source>Clean at ΔE</source>
        <translation>Sauber bei ΔE</translation>
    </message>
    <message>
        <source>Colour difference to the pure filament at which a change counts as clean: 1 strict (just noticeable), 2 normal, 4 thrifty. CIEDE2000.</source>
        <translation>Farbabstand zum reinen neuen Filament, bei dem ein Wechsel als sauber gilt: 1 streng (eben zu sehen), 2 normal, 4 sparsam. CIEDE2000.</translation>
    </message>
    <message>
        <source>Columns instead of branches</source>
        <translation>Säulen statt Äste</translation>
    </message>
    <message>
        <source>Common practice: 75 to 100 %; five layers at 75 % left a slightly open ceiling.</source>
        <translation>Übliche Praxis: 75 bis 100 %; fünf Schichten mit 75 % ließen die Decke etwas offen.</translation>
    </message>
    <message>
        <source>Contact faces smaller than this are held in the support&apos;s own material, with a gap of a layer. 0: every face gets interface.</source>
        <translation>Kleinere Kontaktflächen hält das Material der Stütze selbst, mit einer Schicht Abstand. 0: jede Fläche bekommt eine Trennschicht.</translation>
    </message>
    <message>
        <source>Copies</source>
        <translation>Kopien</translation>
    </message>
    <message>
        <source>Cut away from your hand; eye protection, as bits fly.</source>
        <translation>Schneide von der Hand weg; Schutzbrille tragen, denn Splitter fliegen.</translation>
    </message>
    <message>
        <source>Cut free what is thin</source>
        <translation>Dünnes freischneiden</translation>
    </message>
    <message>
        <source>Cut {} at {}</source>
        <translation>{} bei {} durchschneiden</translation>
    </message>
    <message>
        <source>Dead volume V_d</source>
        <translation>Totvolumen V_d</translation>
    </message>
    <message>
        <source>Distance of the ooze wall from the piece. From memory: 2 mm.</source>
        <translation>Abstand der Tropfwand vom Stück. Aus der Erinnerung: 2 mm.</translation>
    </message>
    <message>
        <source>Distance of the skirt from the piece. From memory: 3 mm.</source>
        <translation>Abstand der Schürze vom Stück. Aus der Erinnerung: 3 mm.</translation>
    </message>
    <message>
        <source>Dry it</source>
        <translation>Trocknen</translation>
    </message>
    <message>
        <source>Dry {}, {}: {}, in a dryer, not in an oven used for food. It {}.</source>
        <translation>{} trocknen, {}: {}, in einem Trockner, nicht in einem Backofen für Essen. Es {}.</translation>
    </message>
    <message>
        <source>End supports in shared layers, up to {} lower</source>
        <translation>Stützen in gemeinsamen Schichten enden lassen, bis zu {} tiefer</translation>
    </message>
    <message>
        <source>Every nozzle has to be exchanged for one; let it cool first.</source>
        <translation>Jede Düse muss gegen eine solche getauscht werden; erst abkühlen lassen.</translation>
    </message>
    <message>
        <source>Every nozzle of the machine is missing.</source>
        <translation>Alle Düsen der Maschine fehlen.</translation>
    </message>
    <message>
        <source>Eye protection when snapping supports; cutters and blades away from the hand.</source>
        <translation>Schutzbrille beim Abbrechen von Stützen; Zangen und Klingen weg von der Hand.</translation>
    </message>
    <message>
        <source>Filament that comes out unmixed after a change. 0 takes the machine&apos;s (40 for a 0.4 mm nozzle, from memory).</source>
        <translation>Filament, das nach einem Wechsel unvermischt herauskommt. 0 nimmt den Wert der Maschine (40 für eine Düse von 0,4 mm, aus der Erinnerung).</translation>
    </message>
    <message>
        <source>Filaments on nozzles for</source>
        <translation>Filamente auf Düsen nach</translation>
    </message>
    <message>
        <source>Fill of tower layers without purge, which only carry the ones above. From memory: 15 %.</source>
        <translation>Füllung der Turmschichten ohne Spülung, die nur die oberen tragen. Aus der Erinnerung: 15 %.</translation>
    </message>
    <message>
        <source>Fine first layers stick badly and blur. Three ways help: a sacrificial base, two jobs, or a finer nozzle.</source>
        <translation>Feine erste Schichten haften schlecht und verlaufen. Drei Wege helfen: eine Opferschicht, zwei Jobs oder eine feinere Düse.</translation>
    </message>
    <message>
        <source>Fine lettering on the first layer is printed as a job of its own, and the piece over it. The run sheet says how.</source>
        <translation>Feine Schrift auf der ersten Schicht wird als eigener Job gedruckt und das Stück darüber. Der Laufzettel sagt, wie.</translation>
    </message>
    <message>
        <source>Finest stroke</source>
        <translation>Feinster Strich</translation>
    </message>
    <message>
        <source>First layer speed</source>
        <translation>Tempo der ersten Schicht</translation>
    </message>
    <message>
        <source>First layer</source>
        <translation>Erste Schicht</translation>
    </message>
    <message>
        <source>For each cm² of contact. From memory; your own records know better.</source>
        <translation>Für jeden cm² Kontakt. Aus der Erinnerung; deine eigenen Aufzeichnungen wissen es besser.</translation>
    </message>
    <message>
        <source>For each cm² of contact; each change of water takes 3 min more. From memory.</source>
        <translation>Für jeden cm² Kontakt; jeder Wasserwechsel kostet 3 min mehr. Aus der Erinnerung.</translation>
    </message>
    <message>
        <source>Free bridges up to</source>
        <translation>Freie Brücken bis</translation>
    </message>
    <message>
        <source>Free layers between support and piece. Common practice: one for the same material, none for a release or soluble one.</source>
        <translation>Freie Schichten zwischen Stütze und Stück. Übliche Praxis: eine bei gleichem Material, keine bei Trennmaterial oder löslichem.</translation>
    </message>
    <message>
        <source>Free space around each piece and the tower. From memory: 5 mm.</source>
        <translation>Freier Raum um jedes Stück und den Turm. Aus der Erinnerung: 5 mm.</translation>
    </message>
    <message>
        <source>Free space sideways between support and piece. From memory: 0.6 mm.</source>
        <translation>Freier Raum seitlich zwischen Stütze und Stück. Aus der Erinnerung: 0,6 mm.</translation>
    </message>
    <message>
        <source>From layer {} on the tower is {} wide only.</source>
        <translation>Ab Schicht {} ist der Turm nur {} breit.</translation>
    </message>
    <message>
        <source>From outside in: {}.</source>
        <translation>Von außen nach innen: {}.</translation>
    </message>
    <message>
        <source>From then on nobody is there.</source>
        <translation>Danach ist niemand mehr da.</translation>
    </message>
    <message>
        <source>Gap below the piece</source>
        <translation>Abstand unter dem Stück</translation>
    </message>
    <message>
        <source>Gap between bodies</source>
        <translation>Spalt zwischen Körpern</translation>
    </message>
    <message>
        <source>Gaps carried at both sides that PLA spans by itself; other materials span less (PETG 70 %, TPU 40 %). From memory: 10 mm; 0 trusts none.</source>
        <translation>Spalte, an beiden Seiten getragen, die PLA von selbst überbrückt; andere Materialien weniger (PETG 70 %, TPU 40 %). Aus der Erinnerung: 10 mm; 0 traut keiner.</translation>
    </message>
    <message>
        <source>Give up a band of {}</source>
        <translation>Auf ein Band in {} verzichten</translation>
    </message>
    <message>
        <source>Give up the patch {}</source>
        <translation>Auf den Fleck {} verzichten</translation>
    </message>
    <message>
        <source>Gluing a joint</source>
        <translation>Eine Fuge kleben</translation>
    </message>
    <message>
        <source>Groove at colour borders</source>
        <translation>Fuge an Farbgrenzen</translation>
    </message>
    <message>
        <source>Hand swaps are done at a hot nozzle: pull and push the filament above the head, and cut it away from your hand.</source>
        <translation>Handwechsel geschehen an heißer Düse: zieh und schiebe das Filament über dem Kopf, und schneide es von der Hand weg.</translation>
    </message>
    <message>
        <source>Height of every layer but the first. Common practice: 0.2 with a 0.4 mm nozzle.</source>
        <translation>Höhe jeder Schicht außer der ersten. Übliche Praxis: 0,2 bei einer Düse von 0,4 mm.</translation>
    </message>
    <message>
        <source>Height of the first layer. Plan and print must agree on it: it shifts every change.</source>
        <translation>Höhe der ersten Schicht. Plan und Druck müssen darin übereinstimmen: sie verschiebt jeden Wechsel.</translation>
    </message>
    <message>
        <source>Height over the narrowest width of what stands on the bed, beyond which a part may topple or sway. From memory: 6.</source>
        <translation>Höhe durch kleinste Breite dessen, was auf dem Bett steht, über der ein Teil kippen oder schwanken kann. Aus der Erinnerung: 6.</translation>
    </message>
    <message>
        <source>Height over width beyond which a tower may topple. From memory: 8.</source>
        <translation>Höhe durch Breite, über der ein Turm kippen kann. Aus der Erinnerung: 8.</translation>
    </message>
    <message>
        <source>Hour of the day; with the night it tells how often somebody must get up.</source>
        <translation>Stunde des Tages; zusammen mit der Nacht sagt sie, wie oft jemand aufstehen muss.</translation>
    </message>
    <message>
        <source>How long the printer stands before somebody comes to swap the spool.</source>
        <translation>Wie lange der Drucker steht, bis jemand kommt und die Spule tauscht.</translation>
    </message>
    <message>
        <source>How much longer it takes where the tool does not reach. From memory: 3 times.</source>
        <translation>Wie viel länger es dauert, wo das Werkzeug nicht hinkommt. Aus der Erinnerung: 3-mal.</translation>
    </message>
    <message>
        <source>How slowly the old filament fades after that. 0 takes the machine&apos;s (60 for a 0.4 mm nozzle, from memory).</source>
        <translation>Wie langsam das alte Filament danach verschwindet. 0 nimmt den Wert der Maschine (60 für eine Düse von 0,4 mm, aus der Erinnerung).</translation>
    </message>
    <message>
        <source>Infill</source>
        <translation>Füllung</translation>
    </message>
    <message>
        <source>Interface fill</source>
        <translation>Dichte der Trennschicht</translation>
    </message>
    <message>
        <source>Interface on the piece</source>
        <translation>Trennschicht auf dem Stück</translation>
    </message>
    <message>
        <source>Interface</source>
        <translation>Trennschicht</translation>
    </message>
    <message>
        <source>It is planned as two jobs; the run sheet says how.</source>
        <translation>Es ist als zwei Jobs geplant; der Laufzettel sagt, wie.</translation>
    </message>
    <message>
        <source>It lets go by itself: bend it away from the piece, start at a corner.</source>
        <translation>Es löst sich von selbst: biege es vom Stück weg, an einer Ecke beginnend.</translation>
    </message>
    <message>
        <source>Job one: only the lettering&apos;s outlines, one layer of {}, then stop. Swap the filament. Job two: the whole piece over it with a first layer of {}, thicker than job one&apos;s. Take job one&apos;s skirt and prime line off before job two starts; let nothing move on the bed.</source>
        <translation>Job eins: nur die Umrisse der Schrift, eine Schicht von {}, dann halten. Filament tauschen. Job zwei: das ganze Stück darüber, mit einer ersten Schicht von {}, dicker als die des ersten Jobs. Schürze und Spülstreifen des ersten Jobs entfernen, bevor der zweite beginnt; auf dem Bett darf sich nichts verschieben.</translation>
    </message>
    <message>
        <source>Keep printing the {} copies together</source>
        <translation>Die {} Kopien weiter zusammen drucken</translation>
    </message>
    <message>
        <source>Keep {}, {} {}, within reach: it goes in later.</source>
        <translation>{}, {} {}, in Reichweite halten: es kommt später hinein.</translation>
    </message>
    <message>
        <source>Layer height</source>
        <translation>Schichthöhe</translation>
    </message>
    <message>
        <source>Layers of {} are outside the usual 25 to 75 % of a {} nozzle ({} to {}).</source>
        <translation>Schichten von {} liegen außerhalb der üblichen 25 bis 75 % einer Düse von {} ({} bis {}).</translation>
    </message>
    <message>
        <source>Least time per layer</source>
        <translation>Mindestzeit je Schicht</translation>
    </message>
    <message>
        <source>Let it bridge {}</source>
        <translation>{} eine Brücke schlagen lassen</translation>
    </message>
    <message>
        <source>Let it cool</source>
        <translation>Abkühlen lassen</translation>
    </message>
    <message>
        <source>Let the order within layers be worked out</source>
        <translation>Die Reihenfolge in den Schichten ausrechnen lassen</translation>
    </message>
    <message>
        <source>Let {} take the purge: its colours do not matter.</source>
        <translation>{} die Spülung aufnehmen lassen: seine Farben sind gleichgültig.</translation>
    </message>
    <message>
        <source>Lettering as two jobs</source>
        <translation>Schrift als zwei Jobs</translation>
    </message>
    <message>
        <source>Lift the lock on the order</source>
        <translation>Die Reihenfolge wieder freigeben</translation>
    </message>
    <message>
        <source>Line width</source>
        <translation>Linienbreite</translation>
    </message>
    <message>
        <source>Line {} of the OBJ file: a face needs at least three corners.</source>
        <translation>Zeile {} der OBJ-Datei: eine Fläche braucht mindestens drei Ecken.</translation>
    </message>
    <message>
        <source>Line {} of the OBJ file: a vertex needs three numbers.</source>
        <translation>Zeile {} der OBJ-Datei: ein Punkt braucht drei Zahlen.</translation>
    </message>
    <message>
        <source>Line {} of the OBJ file: the face names a vertex {} that there is not.</source>
        <translation>Zeile {} der OBJ-Datei: die Fläche nennt einen Punkt {}, den es nicht gibt.</translation>
    </message>
    <message>
        <source>Line {} of the STL file: a facet has {} corners instead of three.</source>
        <translation>Zeile {} der STL-Datei: ein Dreieck hat {} Ecken statt drei.</translation>
    </message>
    <message>
        <source>Line {} of the STL file: a vertex needs three numbers.</source>
        <translation>Zeile {} der STL-Datei: ein Punkt braucht drei Zahlen.</translation>
    </message>
    <message>
        <source>Line {}: {} is {}; it must be {}.</source>
        <translation>Zeile {}: {} ist {}; es muss {} sein.</translation>
    </message>
    <message>
        <source>Lines around each outline. From memory: 2.</source>
        <translation>Linien um jeden Umriss. Aus der Erinnerung: 2.</translation>
    </message>
    <message>
        <source>Lines of a skirt that takes purge; it is as tall as the last layer that purges. From memory: 3.</source>
        <translation>Linien einer Schürze, die Spülung aufnimmt; sie ist so hoch wie die letzte Schicht, die spült. Aus der Erinnerung: 3.</translation>
    </message>
    <message>
        <source>Lines of {}, layers of {} ({} of them), two walls, solid fill, elephant-foot compensation off. Slower, and the sharpest of the three.</source>
        <translation>Linien von {}, Schichten von {} ({} davon), zwei Wände, voll gefüllt, Elefantenfuß-Ausgleich aus. Langsamer, und von den dreien am schärfsten.</translation>
    </message>
    <message>
        <source>Load {}, {} {}: {}.</source>
        <translation>Einlegen: {}, {} {}: {}.</translation>
    </message>
    <message>
        <source>Look at the faces</source>
        <translation>Die Flächen ansehen</translation>
    </message>
    <message>
        <source>Look for cracks where support was and at thin places.</source>
        <translation>Suche nach Rissen, wo Stützen waren und an dünnen Stellen.</translation>
    </message>
    <message>
        <source>Lost detail reported from</source>
        <translation>Verlorene Einzelheiten melden ab</translation>
    </message>
    <message>
        <source>Lowest layers of a support that stands on the piece, in the interface&apos;s material. 0: it stands there in its own.</source>
        <translation>Unterste Schichten einer Stütze, die auf dem Stück steht, im Material der Trennschicht. 0: sie steht dort in ihrem eigenen.</translation>
    </message>
    <message>
        <source>May it stand on the piece, and scar it there, or on the bed only.</source>
        <translation>Darf sie auf dem Stück stehen und dort Spuren lassen, oder nur auf dem Bett.</translation>
    </message>
    <message>
        <source>Mixing volume V_m</source>
        <translation>Mischvolumen V_m</translation>
    </message>
    <message>
        <source>Move the beginning of a band of {} to layer {}</source>
        <translation>Den Anfang eines Bandes in {} auf Schicht {} schieben</translation>
    </message>
    <message>
        <source>Move the end of a band of {} to layer {}</source>
        <translation>Das Ende eines Bandes in {} auf Schicht {} schieben</translation>
    </message>
    <message>
        <source>Never leave a machine alone on its first use of a new part or filament.</source>
        <translation>Lass eine Maschine bei der ersten Benutzung eines neuen Teils oder Filaments nie allein.</translation>
    </message>
    <message>
        <source>Night from</source>
        <translation>Nacht ab</translation>
    </message>
    <message>
        <source>Night to</source>
        <translation>Nacht bis</translation>
    </message>
    <message>
        <source>No filament would purge more on another nozzle: there is nothing to gain by moving one.</source>
        <translation>Kein Filament würde auf einer anderen Düse mehr spülen: durch Umsetzen ist nichts zu gewinnen.</translation>
    </message>
    <message>
        <source>No interface for faces below {} mm²</source>
        <translation>Keine Trennschicht für Flächen unter {} mm²</translation>
    </message>
    <message>
        <source>No material is known to come off {}.</source>
        <translation>Von {} ist kein Material bekannt, das sich löst.</translation>
    </message>
    <message>
        <source>No nozzle of the machine prints lines of {}: the nearest is {}. Lines from {} to 2 times the nozzle&apos;s diameter come out well.</source>
        <translation>Keine Düse der Maschine druckt Linien von {}: am nächsten kommt {}. Gut werden Linien von {} bis zum 2-Fachen des Düsendurchmessers.</translation>
    </message>
    <message>
        <source>No oven used for food, no open flame.</source>
        <translation>Kein Backofen für Essen, keine offene Flamme.</translation>
    </message>
    <message>
        <source>Nothing else takes less of your time.</source>
        <translation>Nichts anderes kostet weniger deiner Zeit.</translation>
    </message>
    <message>
        <source>Nothing needs holding: no support is worth it.</source>
        <translation>Nichts muss gehalten werden: keine Stütze lohnt sich.</translation>
    </message>
    <message>
        <source>Nozzle and bed are hot (over 200 °C at the nozzle): keep your fingers out.</source>
        <translation>Düse und Bett sind heiß (die Düse über 200 °C): Finger weg.</translation>
    </message>
    <message>
        <source>Nozzle and bed are over 200 °C and 50 °C hot: let them cool before you touch them, and keep your fingers out of the moving machine.</source>
        <translation>Düse und Bett sind über 200 °C und 50 °C heiß: vor dem Anfassen abkühlen lassen und Finger aus der laufenden Maschine halten.</translation>
    </message>
    <message>
        <source>Nozzles change and nothing catches what they drip: without tower, wall or skirt, hairs of the other colour end up on the piece.</source>
        <translation>Düsen wechseln, und nichts fängt auf, was sie tropfen: ohne Turm, Tropfwand oder Schürze landen Fäden der anderen Farbe auf dem Stück.</translation>
    </message>
    <message>
        <source>Nozzles of different diameter: only those that suit the line width are used.</source>
        <translation>Düsen verschiedenen Durchmessers: nur die zur Linienbreite passenden werden benutzt.</translation>
    </message>
    <message>
        <source>Of everything on the plate: of a single piece as many, of several as many of each as its count says. Changes and purge do not grow with it; everything else does.</source>
        <translation>Von allem auf der Platte: von einem einzigen Stück so viele, von mehreren je so viele, wie ihre Anzahl sagt. Wechsel und Spülung wachsen damit nicht, alles andere schon.</translation>
    </message>
    <message>
        <source>Of the pliers or cutter that has to get at the support. From memory: 3 mm.</source>
        <translation>Der Zange oder des Schneiders, der an die Stütze kommen muss. Aus der Erinnerung: 3 mm.</translation>
    </message>
    <message>
        <source>On the bed, middles in mm from its front left corner: {}.</source>
        <translation>Auf dem Bett, Mitten in mm von der linken vorderen Ecke: {}.</translation>
    </message>
    <message>
        <source>One bed cannot suit both {} and {}. Choose filaments whose bed temperatures overlap.</source>
        <translation>Kein Bett passt zu {} und {} zugleich. Wähle Filamente, deren Betttemperaturen sich überschneiden.</translation>
    </message>
    <message>
        <source>One block to the top; a block that narrows where fewer changes remain; or two towers of which one ends where its changes end.</source>
        <translation>Ein Block bis oben; ein Block, der schmaler wird, wo weniger Wechsel bleiben; oder zwei Türme, deren einer mit seinen Wechseln endet.</translation>
    </message>
    <message>
        <source>One filament a layer would print too much in the wrong colour.</source>
        <translation>Ein Filament je Schicht würde zu viel in der falschen Farbe drucken.</translation>
    </message>
    <message>
        <source>One filament a layer: {} and {} at the printer against {} and {}, and {} % of the piece in another colour.</source>
        <translation>Ein Filament je Schicht: {} und {} am Drucker statt {} und {}, und {} % des Stücks in anderer Farbe.</translation>
    </message>
    <message>
        <source>One wall, no infill, no top and no bottom.</source>
        <translation>Eine Wand, keine Füllung, kein Deckel und kein Boden.</translation>
    </message>
    <message>
        <source>Ooze wall gap</source>
        <translation>Abstand der Tropfwand</translation>
    </message>
    <message>
        <source>Ooze wall</source>
        <translation>Tropfwand</translation>
    </message>
    <message>
        <source>Order in a layer</source>
        <translation>Reihenfolge in einer Schicht</translation>
    </message>
    <message>
        <source>Out of a tool&apos;s reach</source>
        <translation>Außer Reichweite eines Werkzeugs</translation>
    </message>
    <message>
        <source>Overhang angle from the vertical: 0° is a wall, 90° a ceiling. From memory: 50°.</source>
        <translation>Überhangwinkel von der Senkrechten: 0° ist eine Wand, 90° eine Decke. Aus der Erinnerung: 50°.</translation>
    </message>
    <message>
        <source>Peeling a release material</source>
        <translation>Abziehen eines Trennmaterials</translation>
    </message>
    <message>
        <source>Print an ooze wall: one line, {} from the piece, up to layer {}.</source>
        <translation>Eine Tropfwand drucken: eine Linie, {} vom Stück, bis Schicht {}.</translation>
    </message>
    <message>
        <source>Print it by colour and put it together: {} and {}, {} of your time against {} for {}, and {} g of waste against {} g.</source>
        <translation>Nach Farben drucken und zusammensetzen: {} und {}, {} deiner Zeit statt {} bei {}, und {} g Abfall statt {} g.</translation>
    </message>
    <message>
        <source>Print it on {}</source>
        <translation>Auf {} drucken</translation>
    </message>
    <message>
        <source>Print {} in {}</source>
        <translation>{} in {} drucken</translation>
    </message>
    <message>
        <source>Printed parts are neither food-safe nor load-rated by default; for lamps low voltage only, and a licensed electrician where local codes ask for one.</source>
        <translation>Gedruckte Teile sind von sich aus weder lebensmittelecht noch belastbar; für Lampen nur Kleinspannung, und eine Elektrofachkraft, wo örtliche Vorschriften es verlangen.</translation>
    </message>
    <message>
        <source>Printed parts are not food-safe or load-rated by default.</source>
        <translation>Gedruckte Teile sind von sich aus weder lebensmittelecht noch belastbar.</translation>
    </message>
    <message>
        <source>Purge goes to</source>
        <translation>Spülung geht in</translation>
    </message>
    <message>
        <source>Purge into infill</source>
        <translation>Spülung in die Füllung</translation>
    </message>
    <message>
        <source>Purge into support</source>
        <translation>Spülung in die Stützen</translation>
    </message>
    <message>
        <source>Purge into the infill</source>
        <translation>Die Spülung in die Füllung legen</translation>
    </message>
    <message>
        <source>Purge is laid into support first, as far as there is any in that layer. The material must be of the same class.</source>
        <translation>Spülung kommt zuerst in die Stützen, soweit es in der Schicht welche gibt. Das Material muss derselben Klasse angehören.</translation>
    </message>
    <message>
        <source>Purge is laid into the infill first, or only the peaks that would make the tower wider; as far as it has room in that layer and its colour does not show through the walls. The material must be of the same class.</source>
        <translation>Spülung kommt zuerst in die Füllung, oder nur die Spitzen, die den Turm breiter machten; soweit sie in der Schicht Platz hat und ihre Farbe nicht durch die Wände scheint. Das Material muss derselben Klasse angehören.</translation>
    </message>
    <message>
        <source>Put a purge tower of {0} × {0} mm beside the piece, {1} tall: it ends with layer {2}.</source>
        <translation>Einen Spülturm von {0} × {0} mm neben das Stück stellen, {1} hoch: er endet mit Schicht {2}.</translation>
    </message>
    <message>
        <source>Reading {}: {} and {} are that close anyway, so their change tells nothing. Leave it out.</source>
        <translation>Messung {}: {} und {} liegen ohnehin so nah, dass ihr Wechsel nichts verrät. Lass sie weg.</translation>
    </message>
    <message>
        <source>Regions that take less than this are suggested to be dropped. From memory: 60 mm³, one small purge.</source>
        <translation>Bereiche, die weniger brauchen, werden zum Weglassen vorgeschlagen. Aus der Erinnerung: 60 mm³, eine kleine Spülung.</translation>
    </message>
    <message>
        <source>Release coat</source>
        <translation>Trennfilm</translation>
    </message>
    <message>
        <source>Release material for the interface: it saves {} min of cleaning up for {} and {} h less printing.</source>
        <translation>Trennmaterial für die Trennschicht: spart {} min Nacharbeit für {} und {} h weniger Druckzeit.</translation>
    </message>
    <message>
        <source>Release material for the interface: it saves {} min of cleaning up for {} and {} h more printing.</source>
        <translation>Trennmaterial für die Trennschicht: spart {} min Nacharbeit für {} und {} h mehr Druckzeit.</translation>
    </message>
    <message>
        <source>Release material throughout: it saves {} min of cleaning up for {} and {} h less printing.</source>
        <translation>Trennmaterial durch und durch: spart {} min Nacharbeit für {} und {} h weniger Druckzeit.</translation>
    </message>
    <message>
        <source>Release material throughout: it saves {} min of cleaning up for {} and {} h more printing.</source>
        <translation>Trennmaterial durch und durch: spart {} min Nacharbeit für {} und {} h mehr Druckzeit.</translation>
    </message>
    <message>
        <source>Rinse with clean water, blow or shake it out of holes and let it dry for a few hours; what stays wet stays sticky and leaves a film.</source>
        <translation>Mit klarem Wasser spülen, Löcher ausblasen oder ausschütteln und ein paar Stunden trocknen lassen; was feucht bleibt, klebt und hinterlässt einen Film.</translation>
    </message>
    <message>
        <source>Rinsing a soluble one</source>
        <translation>Abspülen eines löslichen</translation>
    </message>
    <message>
        <source>Sand the scars</source>
        <translation>Die Spuren schleifen</translation>
    </message>
    <message>
        <source>See that the removable bed sits in its place, and that the sheet is clean.</source>
        <translation>Sieh nach, ob das abnehmbare Bett richtig sitzt und das Druckblatt sauber ist.</translation>
    </message>
    <message>
        <source>Set the first layer to {} and the others to {}: the plan counts its layers so.</source>
        <translation>Stelle die erste Schicht auf {} und die anderen auf {}: so zählt der Plan seine Schichten.</translation>
    </message>
    <message>
        <source>Set the purge of your toolpath program to nothing, and switch off tower, skirt and prime after changes: the strip itself takes what a change purges.</source>
        <translation>Stelle das Spülen in deinem Programm für Druckdateien auf null und schalte Turm, Schürze und Vorfördern nach Wechseln aus: der Streifen selbst nimmt auf, was ein Wechsel spült.</translation>
    </message>
    <message>
        <source>Share of a part&apos;s area in a layer that may be lost to strokes too fine before it is reported. From memory: 2 %.</source>
        <translation>Anteil der Fläche eines Teils in einer Schicht, der durch zu feine Striche verloren gehen darf, bevor es gemeldet wird. Aus der Erinnerung: 2 %.</translation>
    </message>
    <message>
        <source>Share of the inside that is filled. From memory: 15 %.</source>
        <translation>Anteil des Inneren, der gefüllt wird. Aus der Erinnerung: 15 %.</translation>
    </message>
    <message>
        <source>Share of the support&apos;s inside that is filled. From memory: 15 %.</source>
        <translation>Anteil des Inneren der Stütze, der gefüllt wird. Aus der Erinnerung: 15 %.</translation>
    </message>
    <message>
        <source>Side of the square tower. 0: as small as its busiest layer and its height allow.</source>
        <translation>Seite des quadratischen Turms. 0: so klein, wie seine vollste Schicht und seine Höhe erlauben.</translation>
    </message>
    <message>
        <source>Similar filaments</source>
        <translation>Ähnliche Filamente</translation>
    </message>
    <message>
        <source>Skirt gap</source>
        <translation>Abstand der Schürze</translation>
    </message>
    <message>
        <source>Skirt loops</source>
        <translation>Runden der Schürze</translation>
    </message>
    <message>
        <source>Slots are refilled while the machine moves: keep your fingers out of it, and cut filament away from your hand.</source>
        <translation>Slots werden nachgeladen, während die Maschine läuft: Finger weg, und Filament von der Hand weg schneiden.</translation>
    </message>
    <message>
        <source>Small region</source>
        <translation>Kleiner Bereich</translation>
    </message>
    <message>
        <source>Smaller overhangs are left alone; islands are held however small. From memory: 0.5 mm².</source>
        <translation>Kleinere Überhänge bleiben, wie sie sind; Inseln werden gehalten, so klein sie auch sind. Aus der Erinnerung: 0,5 mm².</translation>
    </message>
    <message>
        <source>Smallest interface</source>
        <translation>Kleinste Trennschicht</translation>
    </message>
    <message>
        <source>Smallest overhang</source>
        <translation>Kleinster Überhang</translation>
    </message>
    <message>
        <source>So much dissolves before the water is used up. From memory: 5 cm³ in a bowl of 2 l.</source>
        <translation>So viel löst sich, bis das Wasser verbraucht ist. Aus der Erinnerung: 5 cm³ in einer Schüssel von 2 l.</translation>
    </message>
    <message>
        <source>Soak it</source>
        <translation>Einweichen</translation>
    </message>
    <message>
        <source>Soaking at least</source>
        <translation>Einweichen mindestens</translation>
    </message>
    <message>
        <source>Soaking for each cm³</source>
        <translation>Einweichen je cm³</translation>
    </message>
    <message>
        <source>Solid layers above a surface that faces down. From memory: 3.</source>
        <translation>Volle Schichten über einer Fläche, die nach unten zeigt. Aus der Erinnerung: 3.</translation>
    </message>
    <message>
        <source>Solid layers below a surface that faces up. From memory: 4.</source>
        <translation>Volle Schichten unter einer Fläche, die nach oben zeigt. Aus der Erinnerung: 4.</translation>
    </message>
    <message>
        <source>Soluble interface: it saves {} min of cleaning up for {} and {} h less printing.</source>
        <translation>Lösliche Trennschicht: spart {} min Nacharbeit für {} und {} h weniger Druckzeit.</translation>
    </message>
    <message>
        <source>Soluble interface: it saves {} min of cleaning up for {} and {} h more printing.</source>
        <translation>Lösliche Trennschicht: spart {} min Nacharbeit für {} und {} h mehr Druckzeit.</translation>
    </message>
    <message>
        <source>Soluble throughout: it saves {} min of cleaning up for {} and {} h less printing.</source>
        <translation>Löslich durch und durch: spart {} min Nacharbeit für {} und {} h weniger Druckzeit.</translation>
    </message>
    <message>
        <source>Soluble throughout: it saves {} min of cleaning up for {} and {} h more printing.</source>
        <translation>Löslich durch und durch: spart {} min Nacharbeit für {} und {} h mehr Druckzeit.</translation>
    </message>
    <message>
        <source>Soluble waste goes where local rules say: strain it, and do not wash lumps down the sink.</source>
        <translation>Lösliche Abfälle gehören dahin, wo es örtliche Regeln sagen: absieben, und keine Klumpen in den Abfluss.</translation>
    </message>
    <message>
        <source>Space between pieces</source>
        <translation>Raum zwischen Stücken</translation>
    </message>
    <message>
        <source>Spool margin</source>
        <translation>Reserve je Spule</translation>
    </message>
    <message>
        <source>Spool {} of {} is empty in layer {}: have spool {} ready.</source>
        <translation>Spule {} von {} ist in Schicht {} leer: Spule {} bereithalten.</translation>
    </message>
    <message>
        <source>Spool {} of {} is empty in layer {}: nothing follows it.</source>
        <translation>Spule {} von {} ist in Schicht {} leer: danach kommt keine mehr.</translation>
    </message>
    <message>
        <source>Started at {} it runs to its end without anybody.</source>
        <translation>Um {} begonnen, läuft er ohne jemanden bis zum Ende.</translation>
    </message>
    <message>
        <source>Stopped before all aims were compared.</source>
        <translation>Angehalten, bevor alle Ziele verglichen waren.</translation>
    </message>
    <message>
        <source>Stopped before all interfaces were planned.</source>
        <translation>Angehalten, bevor alle Trennschichten geplant waren.</translation>
    </message>
    <message>
        <source>Stopped before all overhangs were found.</source>
        <translation>Angehalten, bevor alle Überhänge gefunden waren.</translation>
    </message>
    <message>
        <source>Stopped before all poses were tried.</source>
        <translation>Angehalten, bevor alle Lagen versucht waren.</translation>
    </message>
    <message>
        <source>Stopped before all schools were compared.</source>
        <translation>Angehalten, bevor alle Methoden verglichen waren.</translation>
    </message>
    <message>
        <source>Stopped before all suggestions were worked out.</source>
        <translation>Angehalten, bevor alle Vorschläge ausgerechnet waren.</translation>
    </message>
    <message>
        <source>Stopped before all ways to less support were tried.</source>
        <translation>Angehalten, bevor alle Wege zu weniger Stützen versucht waren.</translation>
    </message>
    <message>
        <source>Stopped before all ways were compared.</source>
        <translation>Angehalten, bevor alle Wege verglichen waren.</translation>
    </message>
    <message>
        <source>Stopped before everything had its place.</source>
        <translation>Angehalten, bevor alles seinen Platz hatte.</translation>
    </message>
    <message>
        <source>Stopped before it was known what can be reached.</source>
        <translation>Angehalten, bevor bekannt war, was erreichbar ist.</translation>
    </message>
    <message>
        <source>Stopped before the details were looked at.</source>
        <translation>Angehalten, bevor die Einzelheiten angesehen waren.</translation>
    </message>
    <message>
        <source>Stopped before the filaments had their nozzles.</source>
        <translation>Angehalten, bevor die Filamente ihre Düsen hatten.</translation>
    </message>
    <message>
        <source>Stopped before the file was read.</source>
        <translation>Angehalten, bevor die Datei gelesen war.</translation>
    </message>
    <message>
        <source>Stopped before the plate was laid out.</source>
        <translation>Angehalten, bevor die Platte belegt war.</translation>
    </message>
    <message>
        <source>Stopped before the slicing was done.</source>
        <translation>Angehalten, bevor das Zerlegen in Schichten fertig war.</translation>
    </message>
    <message>
        <source>Stopped before the space around the piece was known.</source>
        <translation>Angehalten, bevor der Raum um das Stück bekannt war.</translation>
    </message>
    <message>
        <source>Stopped before the space beside the piece was known.</source>
        <translation>Angehalten, bevor der Raum neben dem Stück bekannt war.</translation>
    </message>
    <message>
        <source>Stopped before the support could be shown.</source>
        <translation>Angehalten, bevor die Stützen gezeigt werden konnten.</translation>
    </message>
    <message>
        <source>Stopped before the support was laid out.</source>
        <translation>Angehalten, bevor die Stützen angelegt waren.</translation>
    </message>
    <message>
        <source>Stopped before the volumes were known.</source>
        <translation>Angehalten, bevor die Volumen bekannt waren.</translation>
    </message>
    <message>
        <source>Straight columns below every overhang, or branches that merge on their way down.</source>
        <translation>Gerade Säulen unter jedem Überhang, oder Äste, die nach unten zusammenlaufen.</translation>
    </message>
    <message>
        <source>Strain the water and put what is left where your local rules say; do not wash lumps down the sink.</source>
        <translation>Siebe das Wasser und bringe den Rest dahin, wo es örtliche Regeln sagen; keine Klumpen in den Abfluss.</translation>
    </message>
    <message>
        <source>Straps and lugs thinner than this many lines snap off. Common practice: a few lines; 4 from memory.</source>
        <translation>Stege und Laschen, dünner als so viele Linien, brechen ab. Übliche Praxis: ein paar Linien; 4 aus der Erinnerung.</translation>
    </message>
    <message>
        <source>Strokes and gaps below this are reported. Common practice: one line width.</source>
        <translation>Striche und Spalte darunter werden gemeldet. Übliche Praxis: eine Linienbreite.</translation>
    </message>
    <message>
        <source>Support beside the piece</source>
        <translation>Stütze neben dem Stück</translation>
    </message>
    <message>
        <source>Support fill</source>
        <translation>Dichte der Stütze</translation>
    </message>
    <message>
        <source>Support of {} touches the piece of {} without a gap: they bond, and it does not come off. The same material wants a gap of about one layer.</source>
        <translation>Stütze aus {} berührt das Stück aus {} ohne Abstand: sie verbinden sich, und sie geht nicht ab. Gleiches Material braucht etwa eine Schicht Abstand.</translation>
    </message>
    <message>
        <source>Support on the bed only</source>
        <translation>Stützen nur auf dem Bett</translation>
    </message>
    <message>
        <source>Support on the piece</source>
        <translation>Stützen auf dem Stück</translation>
    </message>
    <message>
        <source>Support touches thin features of {} in {}, less than {} lines thick ({}): ready to snap off with it. Cut it away there, do not pull. Cut away from your hand and wear eye protection.</source>
        <translation>Stützen berühren dünne Stellen von {} aus {}, weniger als {} Linien dick ({}): sie brechen leicht mit ab. Dort abschneiden, nicht ziehen. Von der Hand weg schneiden und Schutzbrille tragen.</translation>
    </message>
    <message>
        <source>Support</source>
        <translation>Stützen</translation>
    </message>
    <message>
        <source>Supported from</source>
        <translation>Gestützt ab</translation>
    </message>
    <message>
        <source>Supports may end so many layers lower, in layers where others end, so that fewer layers have interface. The gap grows by as much.</source>
        <translation>Stützen dürfen so viele Schichten tiefer enden, in Schichten, in denen andere enden, damit weniger Schichten eine Trennschicht haben. Der Abstand wächst um ebenso viel.</translation>
    </message>
    <message>
        <source>Swap by hand as planned: {}, {} at the printer.</source>
        <translation>Von Hand wechseln wie geplant: {}, {} am Drucker.</translation>
    </message>
    <message>
        <source>Take off by hand what comes off.</source>
        <translation>Von Hand abnehmen, was sich löst.</translation>
    </message>
    <message>
        <source>Take the support off</source>
        <translation>Die Stützen abnehmen</translation>
    </message>
    <message>
        <source>Taking it off and sanding the scars, for each cm² of contact. From memory; your own records know better.</source>
        <translation>Abnehmen und Schleifen der Spuren, für jeden cm² Kontakt. Aus der Erinnerung; deine eigenen Aufzeichnungen wissen es besser.</translation>
    </message>
    <message>
        <source>Tall for its foot</source>
        <translation>Hoch für seinen Fuß</translation>
    </message>
    <message>
        <source>The 3MF file cannot be opened.</source>
        <translation>Die 3MF-Datei lässt sich nicht öffnen.</translation>
    </message>
    <message>
        <source>The 3MF file cannot be understood ({}). Export it again from the program it comes from.</source>
        <translation>Die 3MF-Datei ist nicht zu verstehen ({}). Exportiere sie neu aus dem Programm, aus dem sie kommt.</translation>
    </message>
    <message>
        <source>The 3MF file cannot be understood. Export it again from the program it comes from.</source>
        <translation>Die 3MF-Datei ist nicht zu verstehen. Exportiere sie neu aus dem Programm, aus dem sie kommt.</translation>
    </message>
    <message>
        <source>The 3MF file could not be put together. Nothing was written.</source>
        <translation>Die 3MF-Datei ließ sich nicht zusammenstellen. Es wurde nichts geschrieben.</translation>
    </message>
    <message>
        <source>The 3MF file has nothing to build: no build item leads to a mesh.</source>
        <translation>In der 3MF-Datei ist nichts zu bauen: kein Eintrag führt zu einem Netz.</translation>
    </message>
    <message>
        <source>The 3MF file holds a mesh that cannot be read.</source>
        <translation>Die 3MF-Datei enthält ein Netz, das nicht zu lesen ist.</translation>
    </message>
    <message>
        <source>The 3MF file nests components more than 32 deep.</source>
        <translation>Die 3MF-Datei verschachtelt Bauteile mehr als 32 Ebenen tief.</translation>
    </message>
    <message>
        <source>The 3MF file unfolds to more bodies or triangles than Vitrail reads.</source>
        <translation>Die 3MF-Datei ergibt mehr Körper oder Dreiecke, als Vitrail liest.</translation>
    </message>
    <message>
        <source>The 3MF library did not start.</source>
        <translation>Die 3MF-Bibliothek ließ sich nicht starten.</translation>
    </message>
    <message>
        <source>The JSON cannot be read: a mistake in line {}.</source>
        <translation>Das JSON ist nicht zu lesen: ein Fehler in Zeile {}.</translation>
    </message>
    <message>
        <source>The JSON cannot be read: it holds a number too large for any use.</source>
        <translation>Das JSON ist nicht zu lesen: es enthält eine Zahl, die für alles zu groß ist.</translation>
    </message>
    <message>
        <source>The JSON nests more than {} deep in line {}.</source>
        <translation>Das JSON ist in Zeile {1} mehr als {0} Ebenen tief verschachtelt.</translation>
    </message>
    <message>
        <source>The OBJ file has more triangles than Vitrail reads.</source>
        <translation>Die OBJ-Datei hat mehr Dreiecke, als Vitrail liest.</translation>
    </message>
    <message>
        <source>The OBJ file has more vertices than Vitrail reads.</source>
        <translation>Die OBJ-Datei hat mehr Punkte, als Vitrail liest.</translation>
    </message>
    <message>
        <source>The OBJ file has no faces.</source>
        <translation>Die OBJ-Datei hat keine Flächen.</translation>
    </message>
    <message>
        <source>The OBJ file holds more groups than Vitrail reads.</source>
        <translation>Die OBJ-Datei hat mehr Gruppen, als Vitrail liest.</translation>
    </message>
    <message>
        <source>The STL file has more triangles than Vitrail reads.</source>
        <translation>Die STL-Datei hat mehr Dreiecke, als Vitrail liest.</translation>
    </message>
    <message>
        <source>The STL file has no triangles.</source>
        <translation>Die STL-Datei hat keine Dreiecke.</translation>
    </message>
    <message>
        <source>The STL file has {} triangles, more than Vitrail reads.</source>
        <translation>Die STL-Datei hat {} Dreiecke, mehr als Vitrail liest.</translation>
    </message>
    <message>
        <source>The STL file holds more bodies than Vitrail reads.</source>
        <translation>Die STL-Datei hat mehr Körper, als Vitrail liest.</translation>
    </message>
    <message>
        <source>The STL file is cut short: its header promises {} triangles and there are {}. Export or copy it again.</source>
        <translation>Die STL-Datei ist abgeschnitten: ihr Kopf verspricht {} Dreiecke, da sind {}. Exportiere oder kopiere sie neu.</translation>
    </message>
    <message>
        <source>The STL file is cut short: line {} is the last and “endsolid” is missing. Export or copy it again.</source>
        <translation>Die STL-Datei ist abgeschnitten: Zeile {} ist die letzte, und „endsolid“ fehlt. Exportiere oder kopiere sie neu.</translation>
    </message>
    <message>
        <source>The archive could not be put together (out of memory?). Nothing was written.</source>
        <translation>Das Archiv ließ sich nicht zusammenstellen (kein Speicher mehr?). Es wurde nichts geschrieben.</translation>
    </message>
    <message>
        <source>The archive holds a file {} whose name leads out of it. It is not opened.</source>
        <translation>Das Archiv enthält eine Datei {}, deren Name aus ihm herausführt. Es wird nicht geöffnet.</translation>
    </message>
    <message>
        <source>The archive holds {} files, more than Vitrail reads.</source>
        <translation>Das Archiv enthält {} Dateien, mehr als Vitrail liest.</translation>
    </message>
    <message>
        <source>The archive is damaged or no archive at all ({}).</source>
        <translation>Das Archiv ist beschädigt oder gar keins ({}).</translation>
    </message>
    <message>
        <source>The archive unfolds to far more than its size; it is not opened.</source>
        <translation>Das Archiv entpackt sich auf weit mehr als seine Größe; es wird nicht geöffnet.</translation>
    </message>
    <message>
        <source>The band {} to {} of {} does not fall on layers; it is printed from {} to {} (layers {} to {}).</source>
        <translation>Das Band {} bis {} von {} liegt nicht auf Schichten; gedruckt wird es von {} bis {} (Schichten {} bis {}).</translation>
    </message>
    <message>
        <source>The band {} to {} of {} lies between the middles of two layers, so no layer takes its filament.</source>
        <translation>Das Band {} bis {} von {} liegt zwischen den Mitten zweier Schichten, darum bekommt keine Schicht sein Filament.</translation>
    </message>
    <message>
        <source>The body of the support falls off when the interface is gone; help it where it is loose.</source>
        <translation>Der Körper der Stütze fällt ab, wenn die Trennschicht weg ist; hilf nach, wo er lose ist.</translation>
    </message>
    <message>
        <source>The body of the support stands on {} cm² of the piece without a gap: there they bond. Print interface below it as well, or let it stand on the bed only.</source>
        <translation>Der Körper der Stütze steht auf {} cm² des Stücks ohne Abstand: dort verbinden sie sich. Drucke auch darunter eine Trennschicht, oder lass ihn nur auf dem Bett stehen.</translation>
    </message>
    <message>
        <source>The border at {} of {} lies on an overhang for {} of {} mm: colours run into each other there. Borders come out better on upward slopes.</source>
        <translation>Die Grenze bei {} von {} liegt auf {} von {} mm an einem Überhang: dort laufen Farben ineinander. Grenzen gelingen besser an Schrägen nach oben.</translation>
    </message>
    <message>
        <source>The file cannot be put in its place: {}. Nothing was changed.</source>
        <translation>Die Datei lässt sich nicht an ihren Platz bringen: {}. Es wurde nichts geändert.</translation>
    </message>
    <message>
        <source>The file cannot be read: {}.</source>
        <translation>Die Datei lässt sich nicht lesen: {}.</translation>
    </message>
    <message>
        <source>The file cannot be written: {}. Nothing was changed.</source>
        <translation>Die Datei lässt sich nicht schreiben: {}. Es wurde nichts geändert.</translation>
    </message>
    <message>
        <source>The file has no triangle that can be used: every one has a corner that is no number, or no area. Export it again from the program it comes from.</source>
        <translation>Die Datei hat kein brauchbares Dreieck: jedes hat eine Ecke, die keine Zahl ist, oder keine Fläche. Exportiere sie neu aus dem Programm, aus dem sie kommt.</translation>
    </message>
    <message>
        <source>The file holds no readings: it is empty, or a quotation mark is not closed.</source>
        <translation>Die Datei enthält keine Messungen: sie ist leer, oder ein Anführungszeichen ist nicht geschlossen.</translation>
    </message>
    <message>
        <source>The file is empty.</source>
        <translation>Die Datei ist leer.</translation>
    </message>
    <message>
        <source>The file is larger than 2 GB, more than Vitrail reads.</source>
        <translation>Die Datei ist größer als 2 GB, mehr als Vitrail liest.</translation>
    </message>
    <message>
        <source>The file is no CSV: a quotation mark is not closed.</source>
        <translation>Die Datei ist kein CSV: ein Anführungszeichen ist nicht geschlossen.</translation>
    </message>
    <message>
        <source>The first line must name the columns; {} is missing.</source>
        <translation>Die erste Zeile muss die Spalten nennen; {} fehlt.</translation>
    </message>
    <message>
        <source>The folder for machines, {}, cannot be made.</source>
        <translation>Der Ordner für Maschinen, {}, lässt sich nicht anlegen.</translation>
    </message>
    <message>
        <source>The machine file does not fit: {}.</source>
        <translation>Die Maschinendatei passt nicht: {}.</translation>
    </message>
    <message>
        <source>The machine has one.</source>
        <translation>Die Maschine hat einen.</translation>
    </message>
    <message>
        <source>The machine was not among yours.</source>
        <translation>Die Maschine war nicht unter deinen.</translation>
    </message>
    <message>
        <source>The model file {} is missing from the project.</source>
        <translation>Die Modelldatei {} fehlt im Projekt.</translation>
    </message>
    <message>
        <source>The paint of {} does not fit its mesh.</source>
        <translation>Die Bemalung von {} passt nicht zu seinem Netz.</translation>
    </message>
    <message>
        <source>The piece does not fit on {} × {} mm with {} around it.</source>
        <translation>Das Stück passt nicht auf {} × {} mm mit {} ringsum.</translation>
    </message>
    <message>
        <source>The piece does not fit on {} × {} mm with {} between it and the tower.</source>
        <translation>Das Stück passt nicht auf {} × {} mm mit {} zwischen ihm und dem Turm.</translation>
    </message>
    <message>
        <source>The piece would take {} layers, more than Vitrail plans for. Check the unit of the model, or use thicker layers.</source>
        <translation>Das Stück hätte {} Schichten, mehr als Vitrail plant. Prüfe die Einheit des Modells oder nimm dickere Schichten.</translation>
    </message>
    <message>
        <source>The piece {} has no parts: give it a model file, or take it out.</source>
        <translation>Das Stück {} hat keine Teile: gib ihm eine Modelldatei, oder nimm es heraus.</translation>
    </message>
    <message>
        <source>The piece</source>
        <translation>Das Stück</translation>
    </message>
    <message>
        <source>The plan counts on a first layer of {}. Printed with {} like the others, {}. Set the same first layer in the program that makes the toolpaths.</source>
        <translation>Der Plan rechnet mit einer ersten Schicht von {}. Mit {} gedruckt wie die anderen, {}. Stelle im Programm für Druckdateien dieselbe erste Schicht ein.</translation>
    </message>
    <message>
        <source>The plate would hold {} pieces; Vitrail plans for at most {}. Print fewer copies.</source>
        <translation>Auf die Platte kämen {} Stücke; Vitrail plant höchstens {}. Drucke weniger Kopien.</translation>
    </message>
    <message>
        <source>The print starts at</source>
        <translation>Der Druck beginnt um</translation>
    </message>
    <message>
        <source>The project was written by a newer Vitrail (project version {}; this one reads up to {}). Open it with that version.</source>
        <translation>Das Projekt wurde mit einem neueren Vitrail geschrieben (Projektversion {}; dieses liest bis {}). Öffne es mit jener Version.</translation>
    </message>
    <message>
        <source>The sacrificial base is the first layer. Calibrate the flow of each colour beforehand. Afterwards file it off with a fine file, then paper of 600 to 2000 grit: wet-sand or wear a dust mask.</source>
        <translation>Die Opferschicht ist die erste Schicht. Kalibriere vorher den Fluss jeder Farbe. Danach mit feiner Feile abfeilen, dann mit Papier 600 bis 2000: nass schleifen oder Staubmaske tragen.</translation>
    </message>
    <message>
        <source>The schema is {}; Vitrail reads {}.</source>
        <translation>Das Schema ist {}; Vitrail liest {}.</translation>
    </message>
    <message>
        <source>The schema is {}; this version reads {}.</source>
        <translation>Das Schema ist {}; diese Version liest {}.</translation>
    </message>
    <message>
        <source>The setting {} cannot be {}; it takes one of: {}.</source>
        <translation>Die Einstellung {} kann nicht {} sein; möglich sind: {}.</translation>
    </message>
    <message>
        <source>The setting {} is {}; it must lie between {} and {}.</source>
        <translation>Die Einstellung {} ist {}; sie muss zwischen {} und {} liegen.</translation>
    </message>
    <message>
        <source>The setting {} must be a whole number, not {}.</source>
        <translation>Die Einstellung {} muss eine ganze Zahl sein, nicht {}.</translation>
    </message>
    <message>
        <source>The setting {} needs a number, not {}.</source>
        <translation>Die Einstellung {} braucht eine Zahl, nicht {}.</translation>
    </message>
    <message>
        <source>The shelf cannot be opened at {} ({}).</source>
        <translation>Das Regal lässt sich unter {} nicht öffnen ({}).</translation>
    </message>
    <message>
        <source>The shelf cannot be opened at {}.</source>
        <translation>Das Regal lässt sich unter {} nicht öffnen.</translation>
    </message>
    <message>
        <source>The shelf cannot be used at {}.</source>
        <translation>Das Regal ist unter {} nicht zu benutzen.</translation>
    </message>
    <message>
        <source>The shelf could not be brought to version {} ({}).</source>
        <translation>Das Regal ließ sich nicht auf Version {} bringen ({}).</translation>
    </message>
    <message>
        <source>The shelf could not be read ({}).</source>
        <translation>Das Regal ließ sich nicht lesen ({}).</translation>
    </message>
    <message>
        <source>The shelf was damaged. It has been set aside as {}, and a new one begun.</source>
        <translation>Das Regal war beschädigt. Es wurde als {} beiseitegelegt und ein neues begonnen.</translation>
    </message>
    <message>
        <source>The shelf was not changed ({}).</source>
        <translation>Das Regal wurde nicht geändert ({}).</translation>
    </message>
    <message>
        <source>The shelf was written by a newer Vitrail (version {}; this one knows up to {}). It was left as it is.</source>
        <translation>Das Regal wurde mit einem neueren Vitrail geschrieben (Version {}; dieses kennt bis {}). Es blieb, wie es war.</translation>
    </message>
    <message>
        <source>The strip must be wider than four lines.</source>
        <translation>Der Streifen muss breiter sein als vier Linien.</translation>
    </message>
    <message>
        <source>The strip must change at every letter; {} follows itself.</source>
        <translation>Der Streifen muss bei jedem Buchstaben wechseln; {} folgt auf sich selbst.</translation>
    </message>
    <message>
        <source>The strip would be {} mm tall, more than the printer&apos;s {}. Use fewer changes, or a wider strip.</source>
        <translation>Der Streifen wäre {} mm hoch, mehr als die {} des Druckers. Nimm weniger Wechsel oder einen breiteren Streifen.</translation>
    </message>
    <message>
        <source>The tower is {} tall on {}: {} times its width. Beyond {} it may topple.</source>
        <translation>Der Turm ist {} hoch bei {}: das {}-Fache seiner Breite. Über {} kann er kippen.</translation>
    </message>
    <message>
        <source>Then the piece in warm water (up to 40 °C for PLA, or it bends), about {} for {}, {}.</source>
        <translation>Dann das Stück in warmes Wasser (bis 40 °C bei PLA, sonst verbiegt es sich), etwa {} für {}, {}.</translation>
    </message>
    <message>
        <source>Then the whole piece in warm water (up to 40 °C for PLA, or it bends), about {} for {}, {}.</source>
        <translation>Dann das ganze Stück in warmes Wasser (bis 40 °C bei PLA, sonst verbiegt es sich), etwa {} für {}, {}.</translation>
    </message>
    <message>
        <source>There is no filament to print with: add one.</source>
        <translation>Es gibt kein Filament zum Drucken: füge eines hinzu.</translation>
    </message>
    <message>
        <source>There is no filament {}.</source>
        <translation>Es gibt kein Filament {}.</translation>
    </message>
    <message>
        <source>There is no project.json in it, so this is no Vitrail project.</source>
        <translation>Darin ist keine project.json, also ist es kein Vitrail-Projekt.</translation>
    </message>
    <message>
        <source>There is no setting {}.</source>
        <translation>Es gibt keine Einstellung {}.</translation>
    </message>
    <message>
        <source>There is no such file. Check the name.</source>
        <translation>Diese Datei gibt es nicht. Prüfe den Namen.</translation>
    </message>
    <message>
        <source>There is nothing to plan yet: add a model file (3MF, STL or OBJ).</source>
        <translation>Noch ist nichts zu planen: füge eine Modelldatei hinzu (3MF, STL oder OBJ).</translation>
    </message>
    <message>
        <source>There is nothing to slice: the piece has no triangles. Add a model file first.</source>
        <translation>Nichts zu zerlegen: das Stück hat keine Dreiecke. Füge zuerst eine Modelldatei hinzu.</translation>
    </message>
    <message>
        <source>There is one filament, so there is nothing to choose.</source>
        <translation>Es gibt nur ein Filament, also nichts zu wählen.</translation>
    </message>
    <message>
        <source>There is one nozzle, so there is nothing to choose.</source>
        <translation>Es gibt nur eine Düse, also nichts zu wählen.</translation>
    </message>
    <message>
        <source>They are smooth and a little matt; take hairs off with a fine file or 1000 grit. A hot-air gun at low heat takes fine strings away.</source>
        <translation>Sie sind glatt und etwas matt; Fäden mit feiner Feile oder 1000er Papier abnehmen. Feine Fäden nimmt auch ein Heißluftgebläse auf kleiner Stufe weg.</translation>
    </message>
    <message>
        <source>Thin lug</source>
        <translation>Dünne Lasche</translation>
    </message>
    <message>
        <source>This is no STL file: it is too short to hold a header.</source>
        <translation>Das ist keine STL-Datei: sie ist zu kurz für einen Kopf.</translation>
    </message>
    <message>
        <source>This is not a file that can be read.</source>
        <translation>Das ist keine Datei, die sich lesen lässt.</translation>
    </message>
    <message>
        <source>Tool thickness</source>
        <translation>Werkzeugdicke</translation>
    </message>
    <message>
        <source>Top skins</source>
        <translation>Deckschichten oben</translation>
    </message>
    <message>
        <source>Topmost layers of the support, the ones that touch the piece. Common practice: 2 to 5.</source>
        <translation>Oberste Schichten der Stütze, die das Stück berühren. Übliche Praxis: 2 bis 5.</translation>
    </message>
    <message>
        <source>Tower shape</source>
        <translation>Form des Turms</translation>
    </message>
    <message>
        <source>Tower slenderness limit</source>
        <translation>Grenze der Turmschlankheit</translation>
    </message>
    <message>
        <source>Tower sparse fill</source>
        <translation>Lockere Füllung des Turms</translation>
    </message>
    <message>
        <source>Tower width</source>
        <translation>Turmbreite</translation>
    </message>
    <message>
        <source>Turn it: {}</source>
        <translation>Drehen: {}</translation>
    </message>
    <message>
        <source>Turn pieces on the bed</source>
        <translation>Stücke auf dem Bett drehen</translation>
    </message>
    <message>
        <source>Turn {}: {}</source>
        <translation>{} drehen: {}</translation>
    </message>
    <message>
        <source>Two filaments closer than this are suggested to become one. From memory: 6, seen side by side but not apart.</source>
        <translation>Zwei Filamente, die näher beieinander liegen, werden zum Zusammenlegen vorgeschlagen. Aus der Erinnerung: 6, nebeneinander zu sehen, einzeln nicht.</translation>
    </message>
    <message>
        <source>Two readings of different pairs are needed at least; three or more also tell how sure the result is.</source>
        <translation>Mindestens zwei Messungen verschiedener Paare sind nötig; ab drei weiß man auch, wie sicher das Ergebnis ist.</translation>
    </message>
    <message>
        <source>Two towers</source>
        <translation>Zwei Türme</translation>
    </message>
    <message>
        <source>Until then nobody is there. Equal to its beginning: there is no night.</source>
        <translation>Bis dahin ist niemand da. Gleich dem Beginn: es gibt keine Nacht.</translation>
    </message>
    <message>
        <source>Untitled piece</source>
        <translation>Stück ohne Namen</translation>
    </message>
    <message>
        <source>Use a release coat or a smooth or satin sheet.</source>
        <translation>Nimm einen Trennfilm oder ein glattes oder satiniertes Blatt.</translation>
    </message>
    <message>
        <source>Use a release coat or a textured or satin sheet.</source>
        <translation>Nimm einen Trennfilm oder ein strukturiertes oder satiniertes Blatt.</translation>
    </message>
    <message>
        <source>Use a release coat.</source>
        <translation>Nimm einen Trennfilm.</translation>
    </message>
    <message>
        <source>Ventilate the room while it prints.</source>
        <translation>Lüfte den Raum, während gedruckt wird.</translation>
    </message>
    <message>
        <source>Vitrail reads 3MF, STL and OBJ files; this is none of them.</source>
        <translation>Vitrail liest 3MF, STL und OBJ; dies ist keine davon.</translation>
    </message>
    <message>
        <source>Wait for a hand swap</source>
        <translation>Warten auf einen Handwechsel</translation>
    </message>
    <message>
        <source>Wait until the bed is below 40 °C, then take the piece off with its support on.</source>
        <translation>Warte, bis das Bett unter 40 °C ist, dann nimm das Stück mitsamt den Stützen ab.</translation>
    </message>
    <message>
        <source>Walls</source>
        <translation>Wände</translation>
    </message>
    <message>
        <source>Wet-sand or wear a dust mask. No open flame: plastics burn.</source>
        <translation>Nass schleifen oder Staubmaske tragen. Keine offene Flamme: Kunststoff brennt.</translation>
    </message>
    <message>
        <source>Wet-sand or wear a dust mask.</source>
        <translation>Nass schleifen oder Staubmaske tragen.</translation>
    </message>
    <message>
        <source>What a spool must hold beyond what the print takes, before it counts as enough. From memory: 10 %.</source>
        <translation>Was eine Spule über den Bedarf hinaus haben muss, damit sie als ausreichend gilt. Aus der Erinnerung: 10 %.</translation>
    </message>
    <message>
        <source>What an hour at the printer is worth to you; 0 leaves it out of the cost.</source>
        <translation>Was dir eine Stunde am Drucker wert ist; 0 lässt sie aus den Kosten.</translation>
    </message>
    <message>
        <source>What the first layer is printed on. Some materials grip one so hard that they tear it.</source>
        <translation>Worauf die erste Schicht gedruckt wird. Manche Materialien haften auf einem so fest, dass sie es zerreißen.</translation>
    </message>
    <message>
        <source>What the others are measured against.</source>
        <translation>Woran die anderen gemessen werden.</translation>
    </message>
    <message>
        <source>When nothing feels slippery any more it is done.</source>
        <translation>Fertig ist es, wenn sich nichts mehr glitschig anfühlt.</translation>
    </message>
    <message>
        <source>Where purge ends up that nothing else has use for: thrown out, laid into a tower beside the piece, or into a skirt around it.</source>
        <translation>Wohin Spülung geht, die sonst niemand braucht: ausgeworfen, in einen Turm neben dem Stück oder in eine Schürze darum.</translation>
    </message>
    <message>
        <source>Which filament a layer starts with: worked out for the least purge, or by letter in every layer.</source>
        <translation>Mit welchem Filament eine Schicht beginnt: für die geringste Spülung ausgerechnet, oder in jeder Schicht nach Buchstaben.</translation>
    </message>
    <message>
        <source>Which filament sits on which nozzle: for the least purge, the least time, the least work by hand, or a blend of waste and handling.</source>
        <translation>Welches Filament auf welcher Düse sitzt: für die geringste Spülung, die kürzeste Zeit, die wenigste Handarbeit oder eine Mischung aus Abfall und Handgriffen.</translation>
    </message>
    <message>
        <source>Width of an extruded line. Common practice: about the nozzle&apos;s diameter.</source>
        <translation>Breite einer gedruckten Linie. Übliche Praxis: etwa der Düsendurchmesser.</translation>
    </message>
    <message>
        <source>Width of the groove wanted along borders between bodies side by side; common practice is under 1 mm. 0: do not ask for one.</source>
        <translation>Breite der gewünschten Fuge an Grenzen zwischen Körpern nebeneinander; übliche Praxis ist unter 1 mm. 0: keine verlangen.</translation>
    </message>
    <message>
        <source>Wipe a thin, even release coat onto the sheet.</source>
        <translation>Wische einen dünnen, gleichmäßigen Trennfilm auf das Blatt.</translation>
    </message>
    <message>
        <source>Your own hour</source>
        <translation>Deine eigene Stunde</translation>
    </message>
    <message>
        <source>a colour #rrggbb</source>
        <translation>eine Farbe #rrggbb</translation>
    </message>
    <message>
        <source>a gap up to {} wider</source>
        <translation>ein bis zu {} breiterer Spalt</translation>
    </message>
    <message>
        <source>a glued seam of {} cm²</source>
        <translation>eine Klebefuge von {} cm²</translation>
    </message>
    <message>
        <source>a number from {} to 30</source>
        <translation>eine Zahl von {} bis 30</translation>
    </message>
    <message>
        <source>a number of mm³ from 0 to 100000</source>
        <translation>eine Zahl von mm³ von 0 bis 100000</translation>
    </message>
    <message>
        <source>a purge tower</source>
        <translation>einen Spülturm</translation>
    </message>
    <message>
        <source>a skirt</source>
        <translation>eine Schürze</translation>
    </message>
    <message>
        <source>a slim tower, and only what it has no room for goes inside</source>
        <translation>ein schlanker Turm, und nur was darin nicht Platz hat, geht nach innen</translation>
    </message>
    <message>
        <source>a temperature range ends below where it begins</source>
        <translation>ein Temperaturbereich endet unter seinem Anfang</translation>
    </message>
    <message>
        <source>a thin coat of glue stick, wiped even; let the bed cool before you take the print off</source>
        <translation>ein dünner Film vom Klebestift, gleichmäßig verwischt; lass das Bett abkühlen, bevor du den Druck abnimmst</translation>
    </message>
    <message>
        <source>a tool of {} does not get at {} cm² of it</source>
        <translation>ein Werkzeug von {} kommt an {} cm² davon nicht heran</translation>
    </message>
    <message>
        <source>a tower in one block</source>
        <translation>ein Turm in einem Block</translation>
    </message>
    <message>
        <source>a tower that narrows</source>
        <translation>ein Turm, der schmaler wird</translation>
    </message>
    <message>
        <source>add a sacrificial base in {}</source>
        <translation>eine Opferschicht in {} hinzufügen</translation>
    </message>
    <message>
        <source>all of it as waste</source>
        <translation>alles als Abfall</translation>
    </message>
    <message>
        <source>all of it was inside out</source>
        <translation>alles war nach innen gestülpt</translation>
    </message>
    <message>
        <source>an ooze wall</source>
        <translation>eine Tropfwand</translation>
    </message>
    <message>
        <source>an ooze wall, no tower</source>
        <translation>eine Tropfwand, kein Turm</translation>
    </message>
    <message>
        <source>another printer</source>
        <translation>einen anderen Drucker</translation>
    </message>
    <message>
        <source>any time from layer {} to layer {}</source>
        <translation>jederzeit von Schicht {} bis Schicht {}</translation>
    </message>
    <message>
        <source>arrange it again</source>
        <translation>neu anordnen</translation>
    </message>
    <message>
        <source>as it is</source>
        <translation>wie es ist</translation>
    </message>
    <message>
        <source>as it stands</source>
        <translation>wie es steht</translation>
    </message>
    <message>
        <source>as tall as the last layer that changes; what it has no room for is thrown out</source>
        <translation>so hoch wie die letzte Schicht, die wechselt; was keinen Platz hat, wird ausgeworfen</translation>
    </message>
    <message>
        <source>as wide as its busiest layer all the way up</source>
        <translation>durchgehend so breit wie seine vollste Schicht</translation>
    </message>
    <message>
        <source>as-assigned</source>
        <translation>wie zugewiesen</translation>
    </message>
    <message>
        <source>as-machine</source>
        <translation>wie die Maschine</translation>
    </message>
    <message>
        <source>at the printer</source>
        <translation>am Drucker</translation>
    </message>
    <message>
        <source>automatic</source>
        <translation>automatisch</translation>
    </message>
    <message>
        <source>back down</source>
        <translation>Rückseite nach unten</translation>
    </message>
    <message>
        <source>bed only</source>
        <translation>nur auf dem Bett</translation>
    </message>
    <message>
        <source>before layer {0} · after layer {1} · with {2} printed, layer {0} ends at {3}</source>
        <translation>vor Schicht {0} · nach Schicht {1} · bei {2} Höhe, Schicht {0} endet bei {3}</translation>
    </message>
    <message>
        <source>black</source>
        <translation>schwarz</translation>
    </message>
    <message>
        <source>blend waste and handling</source>
        <translation>Abfall und Handgriffe mischen</translation>
    </message>
    <message>
        <source>blend</source>
        <translation>Mischung</translation>
    </message>
    <message>
        <source>block</source>
        <translation>Block</translation>
    </message>
    <message>
        <source>blue</source>
        <translation>blau</translation>
    </message>
    <message>
        <source>bond, by opinion: try it first</source>
        <translation>halten, wie manche sagen: erst versuchen</translation>
    </message>
    <message>
        <source>bond, proven in use</source>
        <translation>halten, bewährt</translation>
    </message>
    <message>
        <source>bond: same class</source>
        <translation>halten: gleiche Klasse</translation>
    </message>
    <message>
        <source>bridges may sag</source>
        <translation>Brücken können durchhängen</translation>
    </message>
    <message>
        <source>changes</source>
        <translation>Wechsel</translation>
    </message>
    <message>
        <source>changing</source>
        <translation>Wechseln</translation>
    </message>
    <message>
        <source>clean at ΔE {} instead of {}</source>
        <translation>sauber bei ΔE {} statt {}</translation>
    </message>
    <message>
        <source>columns</source>
        <translation>Säulen</translation>
    </message>
    <message>
        <source>come apart, by opinion; never in one body, good for a release interface</source>
        <translation>lösen sich, wie manche sagen; nie in einem Körper, gut für eine Trennschicht</translation>
    </message>
    <message>
        <source>come apart, proven in use; never in one body, good for a release interface</source>
        <translation>lösen sich, bewährt; nie in einem Körper, gut für eine Trennschicht</translation>
    </message>
    <message>
        <source>copies at {}</source>
        <translation>Kopien bei {}</translation>
    </message>
    <message>
        <source>cost</source>
        <translation>Kosten</translation>
    </message>
    <message>
        <source>damp</source>
        <translation>feucht</translation>
    </message>
    <message>
        <source>dark blue</source>
        <translation>dunkelblau</translation>
    </message>
    <message>
        <source>dark follows light where it can; the piece stays as it is</source>
        <translation>Dunkel folgt auf Hell, wo es kann; das Stück bleibt, wie es ist</translation>
    </message>
    <message>
        <source>dark green</source>
        <translation>dunkelgrün</translation>
    </message>
    <message>
        <source>dark grey</source>
        <translation>dunkelgrau</translation>
    </message>
    <message>
        <source>dark orange</source>
        <translation>dunkelorange</translation>
    </message>
    <message>
        <source>dark pink</source>
        <translation>dunkelrosa</translation>
    </message>
    <message>
        <source>dark red</source>
        <translation>dunkelrot</translation>
    </message>
    <message>
        <source>dark teal</source>
        <translation>dunkelpetrol</translation>
    </message>
    <message>
        <source>dark violet</source>
        <translation>dunkelviolett</translation>
    </message>
    <message>
        <source>dark yellow</source>
        <translation>dunkelgelb</translation>
    </message>
    <message>
        <source>dryer</source>
        <translation>Trockner</translation>
    </message>
    <message>
        <source>eighth</source>
        <translation>Achtel</translation>
    </message>
    <message>
        <source>ejected</source>
        <translation>ausgeworfen</translation>
    </message>
    <message>
        <source>error</source>
        <translation>Fehler</translation>
    </message>
    <message>
        <source>every change is a swap by hand</source>
        <translation>jeder Wechsel geschieht von Hand</translation>
    </message>
    <message>
        <source>every change purges the one nozzle</source>
        <translation>jeder Wechsel spült die eine Düse</translation>
    </message>
    <message>
        <source>every change would come {} layers too early, which is no whole number: the borders would also be off by {}</source>
        <translation>jeder Wechsel käme {} Schichten zu früh, und das ist keine ganze Zahl: auch die Grenzen lägen um {} daneben</translation>
    </message>
    <message>
        <source>every change would come {} layers too late, which is no whole number: the borders would also be off by {}</source>
        <translation>jeder Wechsel käme {} Schichten zu spät, und das ist keine ganze Zahl: auch die Grenzen lägen um {} daneben</translation>
    </message>
    <message>
        <source>everything is arranged anew</source>
        <translation>alles wird neu angeordnet</translation>
    </message>
    <message>
        <source>external spool</source>
        <translation>freie Spule</translation>
    </message>
    <message>
        <source>face of {} mm² down</source>
        <translation>Fläche von {} mm² nach unten</translation>
    </message>
    <message>
        <source>feeder change</source>
        <translation>Feeder-Wechsel</translation>
    </message>
    <message>
        <source>feeder</source>
        <translation>Feeder</translation>
    </message>
    <message>
        <source>filament {}</source>
        <translation>Filament {}</translation>
    </message>
    <message>
        <source>file {}</source>
        <translation>Datei {}</translation>
    </message>
    <message>
        <source>first layer {}</source>
        <translation>erste Schicht {}</translation>
    </message>
    <message>
        <source>first loads</source>
        <translation>erstes Füllen</translation>
    </message>
    <message>
        <source>from layer {}, by {}: it then changes where something else does</source>
        <translation>ab Schicht {}, um {}: dann wechselt es, wo auch etwas anderes wechselt</translation>
    </message>
    <message>
        <source>from your shelf</source>
        <translation>aus deinem Regal</translation>
    </message>
    <message>
        <source>front down</source>
        <translation>Vorderseite nach unten</translation>
    </message>
    <message>
        <source>gap above support</source>
        <translation>Abstand über der Stütze</translation>
    </message>
    <message>
        <source>gaps carried at both sides are left free, where the material spans them</source>
        <translation>Spalte, die an beiden Seiten getragen werden, bleiben frei, wo das Material sie überspannt</translation>
    </message>
    <message>
        <source>give it to {}</source>
        <translation>an {} geben</translation>
    </message>
    <message>
        <source>give it {}</source>
        <translation>{} geben</translation>
    </message>
    <message>
        <source>glass</source>
        <translation>Glas</translation>
    </message>
    <message>
        <source>green</source>
        <translation>grün</translation>
    </message>
    <message>
        <source>grey</source>
        <translation>grau</translation>
    </message>
    <message>
        <source>half</source>
        <translation>Hälfte</translation>
    </message>
    <message>
        <source>hand swap</source>
        <translation>Handwechsel</translation>
    </message>
    <message>
        <source>hand swaps</source>
        <translation>Handwechsel</translation>
    </message>
    <message>
        <source>hand</source>
        <translation>Hand</translation>
    </message>
    <message>
        <source>handling</source>
        <translation>Handgriffe</translation>
    </message>
    <message>
        <source>has no note of when it was dried</source>
        <translation>hat keinen Vermerk, wann es getrocknet wurde</translation>
    </message>
    <message>
        <source>heat</source>
        <translation>Heizen</translation>
    </message>
    <message>
        <source>in all</source>
        <translation>insgesamt</translation>
    </message>
    <message>
        <source>in the project</source>
        <translation>im Projekt</translation>
    </message>
    <message>
        <source>infill first</source>
        <translation>zuerst in die Füllung</translation>
    </message>
    <message>
        <source>infill</source>
        <translation>Füllung</translation>
    </message>
    <message>
        <source>inside {}</source>
        <translation>innen in {}</translation>
    </message>
    <message>
        <source>interface density</source>
        <translation>Dichte der Trennschicht</translation>
    </message>
    <message>
        <source>interface layers</source>
        <translation>Lagen der Trennschicht</translation>
    </message>
    <message>
        <source>interface material</source>
        <translation>Material der Trennschicht</translation>
    </message>
    <message>
        <source>interface on the piece</source>
        <translation>Trennschicht auf dem Stück</translation>
    </message>
    <message>
        <source>interfaces at different heights come to lie in the same layers</source>
        <translation>Trennschichten verschiedener Höhe kommen in dieselben Schichten</translation>
    </message>
    <message>
        <source>is vouched to be dry</source>
        <translation>gilt als trocken</translation>
    </message>
    <message>
        <source>it draws moisture and then strings; dry it before</source>
        <translation>es zieht Feuchtigkeit und zieht dann Fäden; trockne es vorher</translation>
    </message>
    <message>
        <source>it has been dried</source>
        <translation>es ist getrocknet</translation>
    </message>
    <message>
        <source>it has corners that are no usable numbers</source>
        <translation>es hat Ecken, die keine brauchbaren Zahlen sind</translation>
    </message>
    <message>
        <source>it is no PLY file as Vitrail writes it</source>
        <translation>es ist keine PLY-Datei, wie Vitrail sie schreibt</translation>
    </message>
    <message>
        <source>it is no longer pinned</source>
        <translation>es ist nicht mehr angeheftet</translation>
    </message>
    <message>
        <source>it is noted as dry; keep it closed while it is not printed</source>
        <translation>es gilt als trocken; halte es verschlossen, solange nicht gedruckt wird</translation>
    </message>
    <message>
        <source>it is {} then</source>
        <translation>dann ist es {}</translation>
    </message>
    <message>
        <source>it must be an object</source>
        <translation>es muss ein Objekt sein</translation>
    </message>
    <message>
        <source>it names a filament {} that is not in the list</source>
        <translation>es nennt ein Filament {}, das nicht in der Liste steht</translation>
    </message>
    <message>
        <source>it scars the piece there</source>
        <translation>es hinterlässt dort Spuren am Stück</translation>
    </message>
    <message>
        <source>it</source>
        <translation>es</translation>
    </message>
    <message>
        <source>its size does not fit what its header says</source>
        <translation>seine Größe passt nicht zu dem, was sein Kopf sagt</translation>
    </message>
    <message>
        <source>its spool</source>
        <translation>seine Spule</translation>
    </message>
    <message>
        <source>later, by hand</source>
        <translation>später, von Hand</translation>
    </message>
    <message>
        <source>layer lines run another way</source>
        <translation>Schichtlinien laufen anders</translation>
    </message>
    <message>
        <source>layer {} ({} to {})</source>
        <translation>Schicht {} ({} bis {})</translation>
    </message>
    <message>
        <source>layer {}</source>
        <translation>Schicht {}</translation>
    </message>
    <message>
        <source>layers {}</source>
        <translation>Schichten {}</translation>
    </message>
    <message>
        <source>layers</source>
        <translation>Schichten</translation>
    </message>
    <message>
        <source>leave a gap of one layer</source>
        <translation>eine Schicht Abstand lassen</translation>
    </message>
    <message>
        <source>leave no gap</source>
        <translation>keinen Abstand lassen</translation>
    </message>
    <message>
        <source>left side down</source>
        <translation>linke Seite nach unten</translation>
    </message>
    <message>
        <source>let go of the pin</source>
        <translation>loslassen</translation>
    </message>
    <message>
        <source>let go of what is pinned</source>
        <translation>Angeheftetes loslassen</translation>
    </message>
    <message>
        <source>let it be as wide as it must</source>
        <translation>so breit werden lassen, wie er muss</translation>
    </message>
    <message>
        <source>let support stand on the piece</source>
        <translation>Stützen auf dem Stück stehen lassen</translation>
    </message>
    <message>
        <source>let {} down by {}</source>
        <translation>{} um {} absenken</translation>
    </message>
    <message>
        <source>light blue</source>
        <translation>hellblau</translation>
    </message>
    <message>
        <source>light green</source>
        <translation>hellgrün</translation>
    </message>
    <message>
        <source>light grey</source>
        <translation>hellgrau</translation>
    </message>
    <message>
        <source>light orange</source>
        <translation>hellorange</translation>
    </message>
    <message>
        <source>light pink</source>
        <translation>hellrosa</translation>
    </message>
    <message>
        <source>light red</source>
        <translation>hellrot</translation>
    </message>
    <message>
        <source>light teal</source>
        <translation>hellpetrol</translation>
    </message>
    <message>
        <source>light violet</source>
        <translation>hellviolett</translation>
    </message>
    <message>
        <source>light yellow</source>
        <translation>hellgelb</translation>
    </message>
    <message>
        <source>line width</source>
        <translation>Linienbreite</translation>
    </message>
    <message>
        <source>line {}</source>
        <translation>Zeile {}</translation>
    </message>
    <message>
        <source>line {}, {} walls, infill {} %</source>
        <translation>Linien {}, {} Wände, Füllung {} %</translation>
    </message>
    <message>
        <source>lines show</source>
        <translation>Linien bleiben sichtbar</translation>
    </message>
    <message>
        <source>lines</source>
        <translation>Linien</translation>
    </message>
    <message>
        <source>machine</source>
        <translation>Maschine</translation>
    </message>
    <message>
        <source>make {} {}</source>
        <translation>{} zu {} machen</translation>
    </message>
    <message>
        <source>more are swapped by hand</source>
        <translation>mehr wird von Hand gewechselt</translation>
    </message>
    <message>
        <source>more need a refill while a slot is idle</source>
        <translation>mehr wird nachgeladen, während ein Slot ruht</translation>
    </message>
    <message>
        <source>more of the piece is touched on the way down</source>
        <translation>auf dem Weg nach unten wird mehr vom Stück berührt</translation>
    </message>
    <message>
        <source>move {} into it</source>
        <translation>{} hineinschieben</translation>
    </message>
    <message>
        <source>nearly smooth</source>
        <translation>fast glatt</translation>
    </message>
    <message>
        <source>nearly smooth; the lines of the support may show</source>
        <translation>fast glatt; die Linien der Stütze können durchscheinen</translation>
    </message>
    <message>
        <source>needs a machine with a place to throw it</source>
        <translation>braucht eine Maschine, die auswerfen kann</translation>
    </message>
    <message>
        <source>no bed temperature suits both</source>
        <translation>keine Betttemperatur passt zu beiden</translation>
    </message>
    <message>
        <source>no nozzle temperature in common</source>
        <translation>keine gemeinsame Düsentemperatur</translation>
    </message>
    <message>
        <source>no nozzle temperature suits both; the printer waits at every change</source>
        <translation>keine Düsentemperatur passt zu beiden; der Drucker wartet bei jedem Wechsel</translation>
    </message>
    <message>
        <source>no</source>
        <translation>nein</translation>
    </message>
    <message>
        <source>nobody vouches for them: print a small test first</source>
        <translation>niemand bürgt dafür: drucke erst eine kleine Probe</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>normal</source>
        <translation>normal</translation>
    </message>
    <message>
        <source>not into the infill</source>
        <translation>nicht in die Füllung</translation>
    </message>
    <message>
        <source>not on your shelf: planned with the figures of its class</source>
        <translation>nicht in deinem Regal: geplant mit den Zahlen seiner Klasse</translation>
    </message>
    <message>
        <source>not wanted</source>
        <translation>nicht gewünscht</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Hinweis</translation>
    </message>
    <message>
        <source>nothing stands on the piece and scars it there</source>
        <translation>nichts steht auf dem Stück und hinterlässt Spuren</translation>
    </message>
    <message>
        <source>nozzle {} ({})</source>
        <translation>Düse {} ({})</translation>
    </message>
    <message>
        <source>nozzle {}</source>
        <translation>Düse {}</translation>
    </message>
    <message>
        <source>o&apos;clock</source>
        <translation>Uhr</translation>
    </message>
    <message>
        <source>of which one ends where its changes end</source>
        <translation>von denen einer mit seinen Wechseln endet</translation>
    </message>
    <message>
        <source>off-white</source>
        <translation>gebrochenes Weiß</translation>
    </message>
    <message>
        <source>on the cut</source>
        <translation>auf dem Schnitt</translation>
    </message>
    <message>
        <source>one bowl of water is enough</source>
        <translation>eine Schüssel Wasser genügt</translation>
    </message>
    <message>
        <source>one ends where its changes end</source>
        <translation>einer endet, wo seine Wechsel enden</translation>
    </message>
    <message>
        <source>one external spool</source>
        <translation>eine freie Spule</translation>
    </message>
    <message>
        <source>one line around the piece</source>
        <translation>eine Linie um das Stück</translation>
    </message>
    <message>
        <source>one of its faces is faulty</source>
        <translation>eine seiner Flächen ist fehlerhaft</translation>
    </message>
    <message>
        <source>open between the lines</source>
        <translation>offen zwischen den Linien</translation>
    </message>
    <message>
        <source>optimal</source>
        <translation>optimal</translation>
    </message>
    <message>
        <source>orange</source>
        <translation>orange</translation>
    </message>
    <message>
        <source>painted surface</source>
        <translation>bemalte Fläche</translation>
    </message>
    <message>
        <source>part {}</source>
        <translation>Teil {}</translation>
    </message>
    <message>
        <source>patch {}</source>
        <translation>Fleck {}</translation>
    </message>
    <message>
        <source>peaks into the infill</source>
        <translation>Spitzen in die Füllung</translation>
    </message>
    <message>
        <source>peaks</source>
        <translation>Spitzen</translation>
    </message>
    <message>
        <source>per h</source>
        <translation>je h</translation>
    </message>
    <message>
        <source>piece</source>
        <translation>Stück</translation>
    </message>
    <message>
        <source>pink</source>
        <translation>rosa</translation>
    </message>
    <message>
        <source>plan columns of support</source>
        <translation>Säulen als Stützen planen</translation>
    </message>
    <message>
        <source>plate, {}</source>
        <translation>Platte, {}</translation>
    </message>
    <message>
        <source>print 2 layers of interface there</source>
        <translation>dort 2 Lagen Trennschicht drucken</translation>
    </message>
    <message>
        <source>print 3 layers of interface</source>
        <translation>3 Lagen Trennschicht drucken</translation>
    </message>
    <message>
        <source>print it as two jobs</source>
        <translation>als zwei Jobs drucken</translation>
    </message>
    <message>
        <source>print lines of {}</source>
        <translation>Linien von {} drucken</translation>
    </message>
    <message>
        <source>print {}</source>
        <translation>{} drucken</translation>
    </message>
    <message>
        <source>printing</source>
        <translation>Drucken</translation>
    </message>
    <message>
        <source>project.json does not fit: {}.</source>
        <translation>project.json passt nicht: {}.</translation>
    </message>
    <message>
        <source>project.json: {}</source>
        <translation>project.json: {}</translation>
    </message>
    <message>
        <source>purge is thrown out, and the wall catches drips</source>
        <translation>Spülung wird ausgeworfen, und die Wand fängt Tropfen</translation>
    </message>
    <message>
        <source>purge put to use</source>
        <translation>genutzte Spülung</translation>
    </message>
    <message>
        <source>purge until it is clean</source>
        <translation>spülen, bis es sauber ist</translation>
    </message>
    <message>
        <source>purge</source>
        <translation>Spülung</translation>
    </message>
    <message>
        <source>quarter</source>
        <translation>Viertel</translation>
    </message>
    <message>
        <source>ragged: the support&apos;s sparse lines carry it</source>
        <translation>fransig: sie liegt auf den lockeren Linien der Stütze</translation>
    </message>
    <message>
        <source>reach</source>
        <translation>Reichweite</translation>
    </message>
    <message>
        <source>read it in centimetres</source>
        <translation>in Zentimetern lesen</translation>
    </message>
    <message>
        <source>read it in inches</source>
        <translation>in Zoll lesen</translation>
    </message>
    <message>
        <source>read it in metres</source>
        <translation>in Metern lesen</translation>
    </message>
    <message>
        <source>red</source>
        <translation>rot</translation>
    </message>
    <message>
        <source>refills of slots</source>
        <translation>Nachladen von Slots</translation>
    </message>
    <message>
        <source>release material for the interface</source>
        <translation>Trennmaterial für die Trennschicht</translation>
    </message>
    <message>
        <source>release material throughout</source>
        <translation>Trennmaterial durch und durch</translation>
    </message>
    <message>
        <source>right side down</source>
        <translation>rechte Seite nach unten</translation>
    </message>
    <message>
        <source>sags: the gap is wide</source>
        <translation>hängt durch: der Spalt ist weit</translation>
    </message>
    <message>
        <source>same material throughout</source>
        <translation>gleiches Material durch und durch</translation>
    </message>
    <message>
        <source>satin</source>
        <translation>satiniert</translation>
    </message>
    <message>
        <source>scars on those faces</source>
        <translation>Spuren auf diesen Flächen</translation>
    </message>
    <message>
        <source>scars where it touched; sand them</source>
        <translation>Spuren, wo sie berührt hat; schleifen</translation>
    </message>
    <message>
        <source>scars</source>
        <translation>Spuren</translation>
    </message>
    <message>
        <source>set it to {} to {}</source>
        <translation>auf {} bis {} stellen</translation>
    </message>
    <message>
        <source>sheet</source>
        <translation>Blatt</translation>
    </message>
    <message>
        <source>shelf</source>
        <translation>Regal</translation>
    </message>
    <message>
        <source>skirt</source>
        <translation>Schürze</translation>
    </message>
    <message>
        <source>slightly open</source>
        <translation>etwas offen</translation>
    </message>
    <message>
        <source>slot {}</source>
        <translation>Slot {}</translation>
    </message>
    <message>
        <source>slot</source>
        <translation>Slot</translation>
    </message>
    <message>
        <source>smooth</source>
        <translation>glatt</translation>
    </message>
    <message>
        <source>smooth, a little matt</source>
        <translation>glatt, etwas matt</translation>
    </message>
    <message>
        <source>snap</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>soluble interface</source>
        <translation>lösliche Trennschicht</translation>
    </message>
    <message>
        <source>soluble throughout</source>
        <translation>löslich durch und durch</translation>
    </message>
    <message>
        <source>space beside the piece</source>
        <translation>Raum neben dem Stück</translation>
    </message>
    <message>
        <source>split</source>
        <translation>geteilt</translation>
    </message>
    <message>
        <source>spool {}</source>
        <translation>Spule {}</translation>
    </message>
    <message>
        <source>stands in the open</source>
        <translation>steht offen</translation>
    </message>
    <message>
        <source>stepped</source>
        <translation>gestuft</translation>
    </message>
    <message>
        <source>still wide enough for the nozzle; walls get thinner with it</source>
        <translation>noch weit genug für die Düse; Wände werden dadurch dünner</translation>
    </message>
    <message>
        <source>straight down below every overhang</source>
        <translation>gerade hinunter unter jedem Überhang</translation>
    </message>
    <message>
        <source>strict</source>
        <translation>streng</translation>
    </message>
    <message>
        <source>support density</source>
        <translation>Dichte der Stütze</translation>
    </message>
    <message>
        <source>support material</source>
        <translation>Material der Stütze</translation>
    </message>
    <message>
        <source>support on the piece</source>
        <translation>Stütze auf dem Stück</translation>
    </message>
    <message>
        <source>support</source>
        <translation>Stützen</translation>
    </message>
    <message>
        <source>supported from</source>
        <translation>gestützt ab</translation>
    </message>
    <message>
        <source>teal</source>
        <translation>petrol</translation>
    </message>
    <message>
        <source>textured</source>
        <translation>strukturiert</translation>
    </message>
    <message>
        <source>the colour {} must be #rrggbb</source>
        <translation>die Farbe {} muss #rrggbb sein</translation>
    </message>
    <message>
        <source>the face rests on points below its roof</source>
        <translation>die Fläche ruht auf Punkten unter ihrem Dach</translation>
    </message>
    <message>
        <source>the faces it touches are show faces no more</source>
        <translation>die berührten Flächen sind keine Sichtflächen mehr</translation>
    </message>
    <message>
        <source>the id is missing</source>
        <translation>die Kennung fehlt</translation>
    </message>
    <message>
        <source>the label says {}</source>
        <translation>auf dem Etikett steht {}</translation>
    </message>
    <message>
        <source>the longest stay is {}</source>
        <translation>am längsten dauert {}</translation>
    </message>
    <message>
        <source>the material {} is not known</source>
        <translation>das Material {} ist nicht bekannt</translation>
    </message>
    <message>
        <source>the nozzle</source>
        <translation>die Düse</translation>
    </message>
    <message>
        <source>the piece at {}</source>
        <translation>das Stück bei {}</translation>
    </message>
    <message>
        <source>the print takes longer ({} h) than it stands open ({} h), so feed it from a dry box</source>
        <translation>der Druck dauert länger ({} h), als es offen stehen darf ({} h), also aus einer Trockenbox zuführen</translation>
    </message>
    <message>
        <source>the schema is {}, which is no Vitrail project</source>
        <translation>das Schema ist {}, das ist kein Vitrail-Projekt</translation>
    </message>
    <message>
        <source>the schema {} has no version</source>
        <translation>das Schema {} hat keine Version</translation>
    </message>
    <message>
        <source>the spool {} stands twice</source>
        <translation>die Spule {} kommt zweimal vor</translation>
    </message>
    <message>
        <source>the tower at {}</source>
        <translation>der Turm bei {}</translation>
    </message>
    <message>
        <source>the {} below {} of height ({} in)</source>
        <translation>die {} unter {} Höhe ({} in)</translation>
    </message>
    <message>
        <source>the {} below {} of height</source>
        <translation>die {} unter {} Höhe</translation>
    </message>
    <message>
        <source>the {} of {} in layer {} start clean</source>
        <translation>die {} von {} in Schicht {} beginnen sauber</translation>
    </message>
    <message>
        <source>the {} of {} in layer {}: the first {} of line start in {}, ΔE {} off</source>
        <translation>die {} von {} in Schicht {}: die ersten {} Linie beginnen in {}, ΔE {} daneben</translation>
    </message>
    <message>
        <source>they are ΔE {} apart; {} g change colour</source>
        <translation>sie liegen ΔE {} auseinander; {} g wechseln die Farbe</translation>
    </message>
    <message>
        <source>they merge on their way down and keep clear of the piece</source>
        <translation>sie laufen nach unten zusammen und halten Abstand vom Stück</translation>
    </message>
    <message>
        <source>thriftier</source>
        <translation>sparsamer</translation>
    </message>
    <message>
        <source>thrifty</source>
        <translation>sparsam</translation>
    </message>
    <message>
        <source>thrown out</source>
        <translation>ausgeworfen</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>times</source>
        <translation>mal</translation>
    </message>
    <message>
        <source>tool change</source>
        <translation>Werkzeugwechsel</translation>
    </message>
    <message>
        <source>tool</source>
        <translation>Werkzeug</translation>
    </message>
    <message>
        <source>top and bottom skin</source>
        <translation>Deckschicht oben und unten</translation>
    </message>
    <message>
        <source>torn: without a gap it fuses</source>
        <translation>eingerissen: ohne Abstand verschmilzt sie</translation>
    </message>
    <message>
        <source>tower fill</source>
        <translation>Turmfüllung</translation>
    </message>
    <message>
        <source>tower</source>
        <translation>Turm</translation>
    </message>
    <message>
        <source>towers at {}</source>
        <translation>Türme bei {}</translation>
    </message>
    <message>
        <source>trapped</source>
        <translation>gefangen</translation>
    </message>
    <message>
        <source>tree</source>
        <translation>Baum</translation>
    </message>
    <message>
        <source>two of them fill the wall</source>
        <translation>zwei davon füllen die Wand</translation>
    </message>
    <message>
        <source>two towers</source>
        <translation>zwei Türme</translation>
    </message>
    <message>
        <source>undo a reading in centimetres</source>
        <translation>das Lesen in Zentimetern rückgängig machen</translation>
    </message>
    <message>
        <source>undo a reading in inches</source>
        <translation>das Lesen in Zoll rückgängig machen</translation>
    </message>
    <message>
        <source>undo a reading in metres</source>
        <translation>das Lesen in Metern rückgängig machen</translation>
    </message>
    <message>
        <source>uneven: the first lines sag across the gap</source>
        <translation>uneben: die ersten Linien hängen über dem Spalt durch</translation>
    </message>
    <message>
        <source>upside down</source>
        <translation>kopfüber</translation>
    </message>
    <message>
        <source>use a release coat</source>
        <translation>Trennfilm verwenden</translation>
    </message>
    <message>
        <source>use a satin sheet</source>
        <translation>satiniertes Blatt verwenden</translation>
    </message>
    <message>
        <source>use a {} nozzle</source>
        <translation>eine Düse von {} verwenden</translation>
    </message>
    <message>
        <source>violet</source>
        <translation>violett</translation>
    </message>
    <message>
        <source>walls</source>
        <translation>Wände</translation>
    </message>
    <message>
        <source>warning</source>
        <translation>Warnung</translation>
    </message>
    <message>
        <source>was dried {} and has lain open since</source>
        <translation>wurde am {} getrocknet und liegt seitdem offen</translation>
    </message>
    <message>
        <source>was dried {} and kept dry since, no need to dry it again</source>
        <translation>wurde am {} getrocknet und seitdem trocken gehalten, nochmals trocknen ist unnötig</translation>
    </message>
    <message>
        <source>was opened {}, and nobody has noted that it was dried</source>
        <translation>wurde am {} geöffnet, und niemand hat vermerkt, dass es getrocknet wurde</translation>
    </message>
    <message>
        <source>waste ratio</source>
        <translation>Abfallquote</translation>
    </message>
    <message>
        <source>waste</source>
        <translation>Abfall</translation>
    </message>
    <message>
        <source>what does not show through the walls; the piece looks the same</source>
        <translation>was nicht durch die Wände scheint; das Stück sieht gleich aus</translation>
    </message>
    <message>
        <source>what does not show through the walls; the rest as it is</source>
        <translation>was nicht durch die Wände scheint; der Rest wie bisher</translation>
    </message>
    <message>
        <source>what the bed cannot reach is not held</source>
        <translation>was das Bett nicht erreicht, wird nicht gehalten</translation>
    </message>
    <message>
        <source>where fewer changes remain</source>
        <translation>wo weniger Wechsel bleiben</translation>
    </message>
    <message>
        <source>where fewer changes remain; it still stands</source>
        <translation>wo weniger Wechsel bleiben; er steht trotzdem</translation>
    </message>
    <message>
        <source>where the release material is printed into the piece by mistake, it comes apart there</source>
        <translation>wo das Trennmaterial versehentlich ins Stück gedruckt wird, fällt es dort auseinander</translation>
    </message>
    <message>
        <source>where {} and {} touch</source>
        <translation>wo {} und {} sich berühren</translation>
    </message>
    <message>
        <source>while layer {} is printed</source>
        <translation>während Schicht {} gedruckt wird</translation>
    </message>
    <message>
        <source>white</source>
        <translation>weiß</translation>
    </message>
    <message>
        <source>whole plate</source>
        <translation>ganze Platte</translation>
    </message>
    <message>
        <source>whole print</source>
        <translation>ganzer Druck</translation>
    </message>
    <message>
        <source>within layer 1 · after part of layer 1 · with {} printed, layer 1 ends at {}</source>
        <translation>in Schicht 1 · nach einem Teil von Schicht 1 · bei {} Höhe, Schicht 1 endet bei {}</translation>
    </message>
    <message>
        <source>within layer {0} · after layer {1} and part of layer {0} · with {2} printed, layer {0} ends at {3}</source>
        <translation>in Schicht {0} · nach Schicht {1} und einem Teil von Schicht {0} · bei {2} Höhe, Schicht {0} endet bei {3}</translation>
    </message>
    <message>
        <source>yellow</source>
        <translation>gelb</translation>
    </message>
    <message>
        <source>yes</source>
        <translation>ja</translation>
    </message>
    <message>
        <source>{0} and {1} claim the same {2} mm³, up to {3} wide and {4} high, in layers {5} to {6}, first at x {7}, y {8} mm. The later in the list, {1}, gets it.</source>
        <translation>{0} und {1} beanspruchen dieselben {2} mm³, bis zu {3} breit und {4} hoch, in Schichten {5} bis {6}, zuerst bei x {7}, y {8} mm. Das spätere in der Liste, {1}, bekommt sie.</translation>
    </message>
    <message>
        <source>{} ({} after the start)</source>
        <translation>{} ({} nach dem Beginn)</translation>
    </message>
    <message>
        <source>{} ({} to {} after the start)</source>
        <translation>{} ({} bis {} nach dem Beginn)</translation>
    </message>
    <message>
        <source>{} alone on {} saves {} g of purge against the next best place: it takes part in {} of {}.</source>
        <translation>{} allein auf {} spart {} g Spülung gegen den nächstbesten Platz: es kommt in {} von {} vor.</translation>
    </message>
    <message>
        <source>{} and {} are parted by a groove {}; it makes the border crisp.</source>
        <translation>{} und {} sind durch eine Fuge getrennt, {}; sie macht die Grenze scharf.</translation>
    </message>
    <message>
        <source>{} and {} do not bond: they meet {} and the piece will split there.</source>
        <translation>{} und {} halten nicht aneinander: sie treffen sich {}, und das Stück wird dort brechen.</translation>
    </message>
    <message>
        <source>{} and {} meet side by side without a groove. One of {} along the border would make it crisp.</source>
        <translation>{} und {} stoßen seitlich ohne Fuge aneinander. Eine von {} an der Grenze machte sie scharf.</translation>
    </message>
    <message>
        <source>{} and {} meet {}; whether they hold is not proven. Print a small test first.</source>
        <translation>{} und {} treffen sich {}; ob sie halten, ist nicht erwiesen. Drucke erst eine kleine Probe.</translation>
    </message>
    <message>
        <source>{} at {}</source>
        <translation>{} bei {}</translation>
    </message>
    <message>
        <source>{} by hand</source>
        <translation>{} von Hand</translation>
    </message>
    <message>
        <source>{} by hand, then {} by itself</source>
        <translation>{} von Hand, dann {} von selbst</translation>
    </message>
    <message>
        <source>{} by itself</source>
        <translation>{} von selbst</translation>
    </message>
    <message>
        <source>{} can pull splinters out of bare glass.</source>
        <translation>{} kann Splitter aus blankem Glas reißen.</translation>
    </message>
    <message>
        <source>{} cm² lie in a cavity without an opening; it stays inside</source>
        <translation>{} cm² liegen in einem Hohlraum ohne Öffnung; es bleibt darin</translation>
    </message>
    <message>
        <source>{} cm² lie in a cavity without an opening; water does not get in or out</source>
        <translation>{} cm² liegen in einem Hohlraum ohne Öffnung; Wasser kommt nicht hinein und nicht hinaus</translation>
    </message>
    <message>
        <source>{} cm² of support touch the piece in a cavity without an opening: nothing gets out of there, and no tool gets in. Give the cavity a hole of a few mm, let it bridge, or keep it free of support.</source>
        <translation>{} cm² Stütze berühren das Stück in einem Hohlraum ohne Öffnung: von dort kommt nichts heraus und kein Werkzeug hinein. Gib ihm ein Loch von ein paar mm, lass ihn überbrücken, oder halte ihn frei von Stützen.</translation>
    </message>
    <message>
        <source>{} cm² of support touch the piece in a cavity without an opening: nothing gets out of there, dissolved or not. Give the cavity a hole of a few mm, let it bridge, or keep it free of support.</source>
        <translation>{} cm² Stütze berühren das Stück in einem Hohlraum ohne Öffnung: von dort kommt nichts heraus, gelöst oder nicht. Gib ihm ein Loch von ein paar mm, lass ihn überbrücken, oder halte ihn frei von Stützen.</translation>
    </message>
    <message>
        <source>{} copies do not fit on {} × {} mm with {} between them and the tower; {} do.</source>
        <translation>{} Kopien passen nicht auf {} × {} mm mit {} zwischen ihnen und dem Turm; {} passen.</translation>
    </message>
    <message>
        <source>{} copies do not fit on {} × {} mm with {} between them; {} do.</source>
        <translation>{} Kopien passen nicht auf {} × {} mm mit {} zwischen ihnen; {} passen.</translation>
    </message>
    <message>
        <source>{} copies in rows of {}, the first at {}, {} from one to the next and {} from row to row</source>
        <translation>{} Kopien in Reihen zu {}, die erste bei {}, {} von einer zur nächsten und {} von Reihe zu Reihe</translation>
    </message>
    <message>
        <source>{} does not fit the body it is painted on</source>
        <translation>{} passt nicht zu dem Körper, auf den es gemalt ist</translation>
    </message>
    <message>
        <source>{} draws moisture and then strings. Dry it for {} h at {} °C, in a dryer, not in an oven used for food, and keep it closed while it prints.</source>
        <translation>{} zieht Feuchtigkeit und dann Fäden. Trockne es {} h bei {} °C, in einem Trockner, nicht in einem Backofen für Essen, und halte es beim Drucken verschlossen.</translation>
    </message>
    <message>
        <source>{} grips smooth PEI hard enough to damage it.</source>
        <translation>{} haftet auf glattem PEI so fest, dass es beschädigt wird.</translation>
    </message>
    <message>
        <source>{} grips textured PEI so hard that it can tear it.</source>
        <translation>{} haftet auf strukturiertem PEI so fest, dass es zerreißen kann.</translation>
    </message>
    <message>
        <source>{} h at {} °C</source>
        <translation>{} h bei {} °C</translation>
    </message>
    <message>
        <source>{} h of printing less</source>
        <translation>{} h weniger Druckzeit</translation>
    </message>
    <message>
        <source>{} h of printing more</source>
        <translation>{} h mehr Druckzeit</translation>
    </message>
    <message>
        <source>{} hangs in the air at {}, beside all other parts. It seems to have another origin: export the parts together, from one program.</source>
        <translation>{} hängt bei {} in der Luft, neben allen anderen Teilen. Es scheint einen anderen Ursprung zu haben: exportiere die Teile zusammen, aus einem Programm.</translation>
    </message>
    <message>
        <source>{} has gaps narrower than {} in {}, about {} wide in layer {}; they will close up. Widen them, or print finer lines.</source>
        <translation>{} hat Spalte schmaler als {} in {}, etwa {} breit in Schicht {}; sie laufen zu. Mach sie breiter, oder drucke feinere Linien.</translation>
    </message>
    <message>
        <source>{} has holes: {}. In {} the outline was closed by straight lines of up to {}. Look at those layers, or close the mesh in the program it comes from.</source>
        <translation>{} hat Löcher: {}. In {} wurde der Umriss mit geraden Linien bis zu {} geschlossen. Sieh dir diese Schichten an, oder schließe das Netz in dem Programm, aus dem es kommt.</translation>
    </message>
    <message>
        <source>{} has no filament. It is planned in {} until you give it one.</source>
        <translation>{} hat kein Filament. Geplant wird es in {}, bis du ihm eins gibst.</translation>
    </message>
    <message>
        <source>{} has no nozzle temperature in common with {}: the printer waits for heat at every change, and the nozzle may clog.</source>
        <translation>{} hat mit {} keine Düsentemperatur gemeinsam: der Drucker wartet bei jedem Wechsel auf die Hitze, und die Düse kann verstopfen.</translation>
    </message>
    <message>
        <source>{} has no nozzle temperature in common with {}; they are on nozzles of their own, so that is no trouble.</source>
        <translation>{} hat mit {} keine Düsentemperatur gemeinsam; sie sitzen auf eigenen Düsen, also stört es nicht.</translation>
    </message>
    <message>
        <source>{} has no usable triangle, so nothing of it is planned.</source>
        <translation>{} hat kein brauchbares Dreieck, also wird davon nichts geplant.</translation>
    </message>
    <message>
        <source>{} has strokes narrower than {} in {}, about {} wide in layer {}: {} % of its area there ({} mm²) would be lost or blurred. Lines of {} from a {} nozzle would print them.</source>
        <translation>{} hat Striche schmaler als {} in {}, etwa {} breit in Schicht {}: {} % seiner Fläche dort ({} mm²) gingen verloren oder verliefen. Linien von {} aus einer Düse von {} druckten sie.</translation>
    </message>
    <message>
        <source>{} has the shape of a hole in {} but lies {} beside it ({} in X, {} in Y). Bodies for two colours must share one origin.</source>
        <translation>{} hat die Form eines Lochs in {}, liegt aber {} daneben ({} in X, {} in Y). Körper für zwei Farben müssen einen gemeinsamen Ursprung haben.</translation>
    </message>
    <message>
        <source>{} has thin features over air in {}, less than {} lines thick ({}). Support will touch them: cut it away there, do not pull, or they snap off with it. Cut away from your hand and wear eye protection.</source>
        <translation>{} hat in {} dünne Stellen über Luft, weniger als {} Linien dick ({}). Stützen werden sie berühren: dort abschneiden, nicht ziehen, sonst brechen sie mit ab. Von der Hand weg schneiden und Schutzbrille tragen.</translation>
    </message>
    <message>
        <source>{} has walls about {} thick in {}, between one line and two of {}. Both fit when they overlap by {} % of a line; else lines of {} fill them.</source>
        <translation>{} hat etwa {} dicke Wände in {}, zwischen einer Linie und zweien von {}. Beide passen, wenn sie sich um {} % einer Linie überlappen; sonst füllen Linien von {} sie aus.</translation>
    </message>
    <message>
        <source>{} has {}, none of which a layer meets.</source>
        <translation>{} hat {}, wovon keine Schicht etwas trifft.</translation>
    </message>
    <message>
        <source>{} in the archive cannot be read ({}).</source>
        <translation>{} im Archiv ist nicht zu lesen ({}).</translation>
    </message>
    <message>
        <source>{} in the archive is damaged.</source>
        <translation>{} im Archiv ist beschädigt.</translation>
    </message>
    <message>
        <source>{} is filed as PLA but has the density of a co-polyester, which does not bond with PLA.</source>
        <translation>{} gilt als PLA, hat aber die Dichte eines Copolyesters, der nicht an PLA hält.</translation>
    </message>
    <message>
        <source>{} is filed as PLA but wants the nozzle as hot as PETG.</source>
        <translation>{} gilt als PLA, will die Düse aber so heiß wie PETG.</translation>
    </message>
    <message>
        <source>{} is fine lettering on the first layer: {} % of it is narrower than two lines.</source>
        <translation>{} ist feine Schrift auf der ersten Schicht: {} % davon sind schmaler als zwei Linien.</translation>
    </message>
    <message>
        <source>{} is hard to peel off a smooth sheet.</source>
        <translation>{} ist schwer von einem glatten Blatt zu lösen.</translation>
    </message>
    <message>
        <source>{} is missing</source>
        <translation>{} fehlt</translation>
    </message>
    <message>
        <source>{} is no rotation</source>
        <translation>{} ist keine Drehung</translation>
    </message>
    <message>
        <source>{} is not known</source>
        <translation>{} ist nicht bekannt</translation>
    </message>
    <message>
        <source>{} is painted on {} and is no body of its own. Cut it out first, or model it as a part.</source>
        <translation>{} ist auf {} gemalt und kein eigener Körper. Schneide es erst aus, oder zeichne es als Teil.</translation>
    </message>
    <message>
        <source>{} is pinned to {}, which does not print lines of {}.</source>
        <translation>{} ist auf {} angeheftet, und die druckt keine Linien von {}.</translation>
    </message>
    <message>
        <source>{} is pinned to {}, which is missing.</source>
        <translation>{} ist auf {} angeheftet, und die fehlt.</translation>
    </message>
    <message>
        <source>{} is pinned where it meets {}. Move one of them, or let it be arranged.</source>
        <translation>{} ist angeheftet, wo es auf {} trifft. Verschiebe eines davon, oder lass es anordnen.</translation>
    </message>
    <message>
        <source>{} is pinned where it reaches over the edge of the bed. Move it, or let it be arranged.</source>
        <translation>{} ist angeheftet, wo es über den Rand des Betts ragt. Verschiebe es, oder lass es anordnen.</translation>
    </message>
    <message>
        <source>{} is {} across at most, a speck. It may have been written in another unit than millimetres.</source>
        <translation>{} misst höchstens {}, ein Krümel. Vielleicht ist es in einer anderen Einheit als Millimetern geschrieben.</translation>
    </message>
    <message>
        <source>{} is {} long, more than the printer holds. It may have been written in another unit than millimetres.</source>
        <translation>{} ist {} lang, mehr als in den Drucker passt. Vielleicht ist es in einer anderen Einheit als Millimetern geschrieben.</translation>
    </message>
    <message>
        <source>{} is {} tall on a foot {} wide, {} times as tall. Beyond {} it may topple or sway: add a brim, slow down, or turn it.</source>
        <translation>{} ist {} hoch auf einem Fuß von {}, das {}-Fache. Über {} kann es kippen oder schwanken: gib ihm einen Rand, drucke langsamer, oder drehe es.</translation>
    </message>
    <message>
        <source>{} is {}; it must be a number from {} to {}</source>
        <translation>{} ist {}; es muss eine Zahl von {} bis {} sein</translation>
    </message>
    <message>
        <source>{} is {}; this version reads {}</source>
        <translation>{} ist {}; diese Version liest {}</translation>
    </message>
    <message>
        <source>{} layers from {} to {}</source>
        <translation>{} Schichten von {} bis {}</translation>
    </message>
    <message>
        <source>{} leads out of the folder.</source>
        <translation>{} führt aus dem Ordner hinaus.</translation>
    </message>
    <message>
        <source>{} measures {} × {} × {} mm and does not fit the printer&apos;s {} × {} × {} mm. Turn it, scale it, or choose another machine.</source>
        <translation>{} misst {} × {} × {} mm und passt nicht in die {} × {} × {} mm des Druckers. Drehe oder verkleinere es, oder wähle eine andere Maschine.</translation>
    </message>
    <message>
        <source>{} min of your time less</source>
        <translation>{} min deiner Zeit weniger</translation>
    </message>
    <message>
        <source>{} min of your time more</source>
        <translation>{} min deiner Zeit mehr</translation>
    </message>
    <message>
        <source>{} mm² of overhang are held by nothing: support may stand on the bed only, and does not get there.</source>
        <translation>{} mm² Überhang hält nichts: Stützen dürfen nur auf dem Bett stehen und kommen nicht hin.</translation>
    </message>
    <message>
        <source>{} mm² of overhang are held by nothing: there is no room below for support that keeps clear of the piece.</source>
        <translation>{} mm² Überhang hält nichts: darunter ist kein Platz für Stützen, die Abstand vom Stück halten.</translation>
    </message>
    <message>
        <source>{} mm² of overhang instead of {}</source>
        <translation>{} mm² Überhang statt {}</translation>
    </message>
    <message>
        <source>{} mm² of overhang instead of {}, {} mm tall</source>
        <translation>{} mm² Überhang statt {}, {} mm hoch</translation>
    </message>
    <message>
        <source>{} mm² of the patch {} on {} overhang by more than {}°: support would touch and scar the painted face. Turn the piece, or paint less of it.</source>
        <translation>{} mm² des Flecks {} auf {} hängen um mehr als {}° über: Stützen berührten die bemalte Fläche und hinterließen Spuren. Drehe das Stück, oder bemale weniger.</translation>
    </message>
    <message>
        <source>{} mm² that would need holding are kept free by paint: they may sag.</source>
        <translation>{} mm², die gehalten werden müssten, hält Farbe frei: sie können durchhängen.</translation>
    </message>
    <message>
        <source>{} mm² to hold instead of {}; the lower piece stands {}, the upper one {}</source>
        <translation>{} mm² zu halten statt {}; das untere Stück steht {}, das obere {}</translation>
    </message>
    <message>
        <source>{} mm³ more each time</source>
        <translation>{} mm³ jedes Mal mehr</translation>
    </message>
    <message>
        <source>{} mm³ on {} become {}</source>
        <translation>{} mm³ auf {} werden {}</translation>
    </message>
    <message>
        <source>{} mm³, what its layers are printed in anyway</source>
        <translation>{} mm³, worin seine Schichten ohnehin gedruckt werden</translation>
    </message>
    <message>
        <source>{} must be #rrggbb</source>
        <translation>{} muss #rrggbb sein</translation>
    </message>
    <message>
        <source>{} must be a letter from A to Z</source>
        <translation>{} muss ein Buchstabe von A bis Z sein</translation>
    </message>
    <message>
        <source>{} must be a list of at most {}</source>
        <translation>{} muss eine Liste von höchstens {} sein</translation>
    </message>
    <message>
        <source>{} must be a number from {} to {}</source>
        <translation>{} muss eine Zahl von {} bis {} sein</translation>
    </message>
    <message>
        <source>{} must be a text</source>
        <translation>{} muss ein Text sein</translation>
    </message>
    <message>
        <source>{} must be an object</source>
        <translation>{} muss ein Objekt sein</translation>
    </message>
    <message>
        <source>{} must be diameters from {} to 3</source>
        <translation>{} müssen Durchmesser von {} bis 3 sein</translation>
    </message>
    <message>
        <source>{} must be letters from A to Z</source>
        <translation>{} müssen Buchstaben von A bis Z sein</translation>
    </message>
    <message>
        <source>{} must be nine numbers, a rotation row by row</source>
        <translation>{} müssen neun Zahlen sein, eine Drehung Zeile für Zeile</translation>
    </message>
    <message>
        <source>{} must be numbers of its nozzles, from 1</source>
        <translation>{} müssen Nummern seiner Düsen sein, ab 1</translation>
    </message>
    <message>
        <source>{} must be strip_mm, mm3 or seconds</source>
        <translation>{} muss strip_mm, mm3 oder seconds sein</translation>
    </message>
    <message>
        <source>{} must be true or false</source>
        <translation>{} muss true oder false sein</translation>
    </message>
    <message>
        <source>{} must be two lengths from 1 to 10000</source>
        <translation>{} müssen zwei Längen von 1 bis 10000 sein</translation>
    </message>
    <message>
        <source>{} must be two lengths</source>
        <translation>{} müssen zwei Längen sein</translation>
    </message>
    <message>
        <source>{} must be two temperatures, the lower first</source>
        <translation>{} müssen zwei Temperaturen sein, die niedrigere zuerst</translation>
    </message>
    <message>
        <source>{} must be “ejected” or “tower”</source>
        <translation>{} muss „ejected“ oder „tower“ sein</translation>
    </message>
    <message>
        <source>{} must have two colours #rrggbb</source>
        <translation>{} muss zwei Farben #rrggbb haben</translation>
    </message>
    <message>
        <source>{} must hold a number from {} to 1000000 for each model</source>
        <translation>{} muss für jedes Modell eine Zahl von {} bis 1000000 haben</translation>
    </message>
    <message>
        <source>{} must hold at least one nozzle</source>
        <translation>{} muss mindestens eine Düse haben</translation>
    </message>
    <message>
        <source>{} must hold at most 32 nozzles together</source>
        <translation>{} dürfen zusammen höchstens 32 Düsen haben</translation>
    </message>
    <message>
        <source>{} names a body that the model files do not have</source>
        <translation>{} nennt einen Körper, den die Modelldateien nicht haben</translation>
    </message>
    <message>
        <source>{} no longer has to come first</source>
        <translation>{} muss nicht mehr zuerst kommen</translation>
    </message>
    <message>
        <source>{} of faces were touched by a material that bonds. Begin with 240 grit where they are rough, then 600, finish with 1000 to 2000; 240 is as coarse as {} takes.</source>
        <translation>{} Fläche wurden von einem Material berührt, das haftet. Beginne bei rauen Stellen mit 240er Papier, dann 600, am Ende 1000 bis 2000; gröber als 240 verträgt {} nicht.</translation>
    </message>
    <message>
        <source>{} of it lies in a cavity without an opening: it stays there.</source>
        <translation>{} davon liegen in einem Hohlraum ohne Öffnung: dort bleibt es.</translation>
    </message>
    <message>
        <source>{} of {} contact faces are held in the support&apos;s own material, with a gap</source>
        <translation>{} von {} Kontaktflächen hält das Material der Stütze selbst, mit Abstand</translation>
    </message>
    <message>
        <source>{} of {}</source>
        <translation>{} von {}</translation>
    </message>
    <message>
        <source>{} on {} saves {} g of purge against the next best place: it takes part in {} of {}.</source>
        <translation>{} auf {} spart {} g Spülung gegen den nächstbesten Platz: es kommt in {} von {} vor.</translation>
    </message>
    <message>
        <source>{} on {}</source>
        <translation>{} auf {}</translation>
    </message>
    <message>
        <source>{} pieces do not fit on {} × {} mm with {} between them and the tower; {} do.</source>
        <translation>{} Stücke passen nicht auf {} × {} mm mit {} zwischen ihnen und dem Turm; {} passen.</translation>
    </message>
    <message>
        <source>{} pieces do not fit on {} × {} mm with {} between them; {} do.</source>
        <translation>{} Stücke passen nicht auf {} × {} mm mit {} zwischen ihnen; {} passen.</translation>
    </message>
    <message>
        <source>{} reaches beyond {} m, farther than any printer. Check the unit it was exported in.</source>
        <translation>{} reicht über {} m hinaus, weiter als jeder Drucker. Prüfe die Einheit, in der es exportiert wurde.</translation>
    </message>
    <message>
        <source>{} takes {} g and {} hold {} g: enough, but less than the {} % margin beyond it. Weigh the spools before you start.</source>
        <translation>{} braucht {} g, und {} haben {} g: genug, aber weniger als die Reserve von {} % darüber. Wiege die Spulen vor dem Start.</translation>
    </message>
    <message>
        <source>{} takes {} g and {} hold {} g: it runs out in layer {}, {} g short. Put another spool ready, print fewer copies, or give some regions another filament.</source>
        <translation>{} braucht {} g, und {} haben {} g: es geht in Schicht {} aus, {} g zu wenig. Lege eine weitere Spule bereit, drucke weniger Kopien, oder gib einigen Bereichen ein anderes Filament.</translation>
    </message>
    <message>
        <source>{} takes {} g and {} holds {} g: enough, but less than the {} % margin beyond it. Weigh the spool before you start.</source>
        <translation>{} braucht {} g, und {} hat {} g: genug, aber weniger als die Reserve von {} % darüber. Wiege die Spule vor dem Start.</translation>
    </message>
    <message>
        <source>{} takes {} g and {} holds {} g: it runs out in layer {}, {} g short. Put another spool ready, print fewer copies, or give some regions another filament.</source>
        <translation>{} braucht {} g, und {} hat {} g: es geht in Schicht {} aus, {} g zu wenig. Lege eine weitere Spule bereit, drucke weniger Kopien, oder gib einigen Bereichen ein anderes Filament.</translation>
    </message>
    <message>
        <source>{} to {} mm, {} mm³, become {}</source>
        <translation>{} bis {} mm, {} mm³, werden {}</translation>
    </message>
    <message>
        <source>{} to {} purges {} mm³ by hand, and is clean at {}. It lands on {}.</source>
        <translation>{} auf {} spült von Hand {} mm³ und ist sauber bei {}. Es landet auf {}.</translation>
    </message>
    <message>
        <source>{} to {} wide and {} deep</source>
        <translation>{} bis {} breit und {} tief</translation>
    </message>
    <message>
        <source>{} turned by {}°</source>
        <translation>{} um {}° gedreht</translation>
    </message>
    <message>
        <source>{} was mended for slicing: {}.</source>
        <translation>{} wurde zum Zerlegen geflickt: {}.</translation>
    </message>
    <message>
        <source>{} wide and {} deep</source>
        <translation>{} breit und {} tief</translation>
    </message>
    <message>
        <source>{} with what touches it is {} tall on a foot {} wide, {} times as tall. Beyond {} it may topple or sway: add a brim, slow down, or turn it.</source>
        <translation>{} mit dem, was daran liegt, ist {} hoch auf einem Fuß von {}, das {}-Fache. Über {} kann es kippen oder schwanken: gib ihm einen Rand, drucke langsamer, oder drehe es.</translation>
    </message>
    <message>
        <source>{} {} is missing from the project</source>
        <translation>{} {} fehlt im Projekt</translation>
    </message>
    <message>
        <source>{} {} is no part of its piece</source>
        <translation>{} {} ist kein Teil seines Stücks</translation>
    </message>
    <message>
        <source>{} {} is not known</source>
        <translation>{} {} ist nicht bekannt</translation>
    </message>
    <message>
        <source>{} {} stands twice</source>
        <translation>{} {} kommt zweimal vor</translation>
    </message>
    <message>
        <source>{} × {}</source>
        <translation>{} × {}</translation>
    </message>
    <message>
        <source>{}, external spool</source>
        <translation>{}, freie Spule</translation>
    </message>
    <message>
        <source>{}, slot {}</source>
        <translation>{}, Slot {}</translation>
    </message>
    <message>
        <source>{}: dry it, {}.</source>
        <translation>{}: trocknen, {}.</translation>
    </message>
    <message>
        <source>{}: {} and {} missing, {}</source>
        <translation>{}: {} und {} fehlen, {}</translation>
    </message>
    <message>
        <source>{}° from the vertical</source>
        <translation>{}° von der Senkrechten</translation>
    </message>
    <message>
        <source>{}–{} °C</source>
        <translation>{}–{} °C</translation>
    </message>
    <message numerus="yes">
        <source>A region begins in the air, in layer {1} at {2}: nothing is below, and no support is planned. What is printed there falls down.</source>
        <comment>{0} regions begin in the air, the lowest in layer {1} at {2}: nothing is below, and no support is planned. What is printed there falls down.</comment>
        <translation>
            <numerusform>Ein Bereich beginnt in der Luft, in Schicht {1} bei {2}: darunter ist nichts, und es sind keine Stützen geplant. Was dort gedruckt wird, fällt herunter.</numerusform>
            <numerusform>{0} Bereiche beginnen in der Luft, der unterste in Schicht {1} bei {2}: darunter ist nichts, und es sind keine Stützen geplant. Was dort gedruckt wird, fällt herunter.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Holds {} filament at once</source>
        <comment>Holds {} filaments at once</comment>
        <translation>
            <numerusform>Fasst {} Filament zugleich</numerusform>
            <numerusform>Fasst {} Filamente zugleich</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Somebody must get up once at night if it starts at {1} o&apos;clock. Start it at another hour, or see what takes fewer swaps.</source>
        <comment>Somebody must get up {0} times at night if it starts at {1} o&apos;clock. Start it at another hour, or see what takes fewer swaps.</comment>
        <translation>
            <numerusform>Jemand muss nachts einmal aufstehen, wenn es um {1} Uhr beginnt. Beginne zu einer anderen Stunde, oder sieh, womit weniger Wechsel nötig sind.</numerusform>
            <numerusform>Jemand muss nachts {0}-mal aufstehen, wenn es um {1} Uhr beginnt. Beginne zu einer anderen Stunde, oder sieh, womit weniger Wechsel nötig sind.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Started at {1} somebody must come once</source>
        <comment>Started at {1} somebody must come {0} times</comment>
        <translation>
            <numerusform>Bei Beginn um {1} muss jemand einmal kommen</numerusform>
            <numerusform>Bei Beginn um {1} muss jemand {0}-mal kommen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Started at {1} somebody must come once, never at night</source>
        <comment>Started at {1} somebody must come {0} times, never at night</comment>
        <translation>
            <numerusform>Bei Beginn um {1} muss jemand einmal kommen, nie nachts</numerusform>
            <numerusform>Bei Beginn um {1} muss jemand {0}-mal kommen, nie nachts</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Started at {1} somebody must come once, {2} of them at night, between {3} and {4}</source>
        <comment>Started at {1} somebody must come {0} times, {2} of them at night, between {3} and {4}</comment>
        <translation>
            <numerusform>Bei Beginn um {1} muss jemand einmal kommen, {2} davon nachts, zwischen {3} und {4}</numerusform>
            <numerusform>Bei Beginn um {1} muss jemand {0}-mal kommen, {2} davon nachts, zwischen {3} und {4}</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>every change would come {} layer too early</source>
        <comment>every change would come {} layers too early</comment>
        <translation>
            <numerusform>jeder Wechsel käme {} Schicht zu früh</numerusform>
            <numerusform>jeder Wechsel käme {} Schichten zu früh</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>every change would come {} layer too late</source>
        <comment>every change would come {} layers too late</comment>
        <translation>
            <numerusform>jeder Wechsel käme {} Schicht zu spät</numerusform>
            <numerusform>jeder Wechsel käme {} Schichten zu spät</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>feeder with {} slot</source>
        <comment>feeder with {} slots</comment>
        <translation>
            <numerusform>Feeder mit {} Slot</numerusform>
            <numerusform>Feeder mit {} Slots</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>in {} change of water</source>
        <comment>in {} changes of water</comment>
        <translation>
            <numerusform>mit {} Wasserwechsel</numerusform>
            <numerusform>mit {} Wasserwechseln</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>one after the other they would take {} change instead of {}, and {} g of purge instead of {} g</source>
        <comment>one after the other they would take {} changes instead of {}, and {} g of purge instead of {} g</comment>
        <translation>
            <numerusform>nacheinander bräuchten sie {} Wechsel statt {}, und {} g Spülung statt {} g</numerusform>
            <numerusform>nacheinander bräuchten sie {} Wechsel statt {}, und {} g Spülung statt {} g</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>thin features touch the support in {} place; cut there, do not pull</source>
        <comment>thin features touch the support in {} places; cut there, do not pull</comment>
        <translation>
            <numerusform>dünne Stellen berühren die Stütze an {} Stelle; dort schneiden, nicht ziehen</numerusform>
            <numerusform>dünne Stellen berühren die Stütze an {} Stellen; dort schneiden, nicht ziehen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>with only {} slot for {} nozzles, more filaments mean a refill</source>
        <comment>with only {} slots for {} nozzles, more filaments mean a refill</comment>
        <translation>
            <numerusform>bei nur {} Slot für {} Düsen bedeuten mehr Filamente ein Nachladen</numerusform>
            <numerusform>bei nur {} Slots für {} Düsen bedeuten mehr Filamente ein Nachladen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{1} comes off {2} by itself and wants no gap; with {0} layer of it the face above sags.</source>
        <comment>{1} comes off {2} by itself and wants no gap; with {0} layers of it the face above sags.</comment>
        <translation>
            <numerusform>{1} löst sich von {2} von selbst und will keinen Abstand; mit {0} Schicht davon hängt die Fläche darüber durch.</numerusform>
            <numerusform>{1} löst sich von {2} von selbst und will keinen Abstand; mit {0} Schichten davon hängt die Fläche darüber durch.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{1} crosses itself or holds overlapping bodies; in {0} layer the outlines were united.</source>
        <comment>{1} crosses itself or holds overlapping bodies; in {0} layers the outlines were united.</comment>
        <translation>
            <numerusform>{1} durchdringt sich selbst oder enthält überlappende Körper; in {0} Schicht wurden die Umrisse vereinigt.</numerusform>
            <numerusform>{1} durchdringt sich selbst oder enthält überlappende Körper; in {0} Schichten wurden die Umrisse vereinigt.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{1} has {0} triangle with corners that are no usable numbers; it was left out. Export the model again.</source>
        <comment>{1} has {0} triangles with corners that are no usable numbers; they were left out. Export the model again.</comment>
        <translation>
            <numerusform>{1} hat {0} Dreieck mit Ecken, die keine brauchbaren Zahlen sind; es wurde weggelassen. Exportiere das Modell neu.</numerusform>
            <numerusform>{1} hat {0} Dreiecke mit Ecken, die keine brauchbaren Zahlen sind; sie wurden weggelassen. Exportiere das Modell neu.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} change less</source>
        <comment>{} changes less</comment>
        <translation>
            <numerusform>{} Wechsel weniger</numerusform>
            <numerusform>{} Wechsel weniger</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} change more</source>
        <comment>{} changes more</comment>
        <translation>
            <numerusform>{} Wechsel mehr</numerusform>
            <numerusform>{} Wechsel mehr</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} change</source>
        <comment>{} changes</comment>
        <translation>
            <numerusform>{} Wechsel</numerusform>
            <numerusform>{} Wechsel</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} copy</source>
        <comment>{} copies</comment>
        <translation>
            <numerusform>{} Kopie</numerusform>
            <numerusform>{} Kopien</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} duplicate face dropped</source>
        <comment>{} duplicate faces dropped</comment>
        <translation>
            <numerusform>{} doppelte Fläche entfernt</numerusform>
            <numerusform>{} doppelte Flächen entfernt</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} face without area dropped</source>
        <comment>{} faces without area dropped</comment>
        <translation>
            <numerusform>{} Fläche ohne Inhalt entfernt</numerusform>
            <numerusform>{} Flächen ohne Inhalt entfernt</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} flipped face turned round</source>
        <comment>{} flipped faces turned round</comment>
        <translation>
            <numerusform>{} verkehrte Fläche gewendet</numerusform>
            <numerusform>{} verkehrte Flächen gewendet</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} job</source>
        <comment>{} jobs</comment>
        <translation>
            <numerusform>{} Job</numerusform>
            <numerusform>{} Jobs</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} joint</source>
        <comment>{} joints</comment>
        <translation>
            <numerusform>{} Fuge</numerusform>
            <numerusform>{} Fugen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} layer with interface instead of {}</source>
        <comment>{} layers with interface instead of {}</comment>
        <translation>
            <numerusform>{} Schicht mit Trennschicht statt {}</numerusform>
            <numerusform>{} Schichten mit Trennschicht statt {}</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} layer</source>
        <comment>{} layers</comment>
        <translation>
            <numerusform>{} Schicht</numerusform>
            <numerusform>{} Schichten</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} layer, {} tall</source>
        <comment>{} layers, {} tall</comment>
        <translation>
            <numerusform>{} Schicht, {} hoch</numerusform>
            <numerusform>{} Schichten, {} hoch</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} loop</source>
        <comment>{} loops</comment>
        <translation>
            <numerusform>{} Runde</numerusform>
            <numerusform>{} Runden</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} more change</source>
        <comment>{} more changes</comment>
        <translation>
            <numerusform>{} Wechsel mehr</numerusform>
            <numerusform>{} Wechsel mehr</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} nozzle</source>
        <comment>{} nozzles</comment>
        <translation>
            <numerusform>{} Düse</numerusform>
            <numerusform>{} Düsen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} of them on a nozzle of its own, which changes without purging</source>
        <comment>{} of them on nozzles of their own, which change without purging</comment>
        <translation>
            <numerusform>{} davon auf eigener Düse, die ohne Spülen wechselt</numerusform>
            <numerusform>{} davon auf eigenen Düsen, die ohne Spülen wechseln</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} of them on a nozzle of its own, which changes without purging, the others share</source>
        <comment>{} of them on nozzles of their own, which change without purging, the others share</comment>
        <translation>
            <numerusform>{} davon auf eigener Düse, die ohne Spülen wechselt, die anderen teilen sich</numerusform>
            <numerusform>{} davon auf eigenen Düsen, die ohne Spülen wechseln, die anderen teilen sich</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} of {} contact faces ({} mm²) touches the piece without the interface of {}: there it fuses, and breaks out of the face.</source>
        <comment>{} of {} contact faces ({} mm²) touch the piece without the interface of {}: there it fuses, and breaks out of the face.</comment>
        <translation>
            <numerusform>{} von {} Kontaktflächen ({} mm²) berührt das Stück ohne die Trennschicht aus {}: dort verschmilzt sie und bricht aus der Fläche.</numerusform>
            <numerusform>{} von {} Kontaktflächen ({} mm²) berühren das Stück ohne die Trennschicht aus {}: dort verschmilzt sie und bricht aus der Fläche.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} of {} hand swaps falls inside a layer: the printer must pause in mid-layer, and somebody must stay for {} min in all.</source>
        <comment>{} of {} hand swaps fall inside a layer: the printer must pause in mid-layer, and somebody must stay for {} min in all.</comment>
        <translation>
            <numerusform>{} von {} Handwechseln fällt in eine Schicht: der Drucker muss mitten darin halten, und jemand muss insgesamt {} min dabeibleiben.</numerusform>
            <numerusform>{} von {} Handwechseln fallen in eine Schicht: der Drucker muss mitten darin halten, und jemand muss insgesamt {} min dabeibleiben.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} open edge</source>
        <comment>{} open edges</comment>
        <translation>
            <numerusform>{} offene Kante</numerusform>
            <numerusform>{} offene Kanten</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} reading</source>
        <comment>{} readings</comment>
        <translation>
            <numerusform>{} Messung</numerusform>
            <numerusform>{} Messungen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} spool is put in during the print, and for {} of them the printer waits: the slot is not idle for a whole layer before, or the spool is not free. The first is in layer {}.</source>
        <comment>{} spools are put in during the print, and for {} of them the printer waits: the slot is not idle for a whole layer before, or the spool is not free. The first is in layer {}.</comment>
        <translation>
            <numerusform>{} Spule kommt während des Drucks hinein, und für {} davon wartet der Drucker: der Slot ruht davor keine ganze Schicht, oder die Spule ist nicht frei. Die erste ist in Schicht {}.</numerusform>
            <numerusform>{} Spulen kommen während des Drucks hinein, und für {} davon wartet der Drucker: der Slot ruht davor keine ganze Schicht, oder die Spule ist nicht frei. Die erste ist in Schicht {}.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} spool is put in during the print, at any time in some stretch of layers. Put in too late, the printer waits.</source>
        <comment>{} spools are put in during the print, each at any time in some stretch of layers. Put in too late, the printer waits.</comment>
        <translation>
            <numerusform>{} Spule kommt während des Drucks hinein, jederzeit in einem Abschnitt von Schichten. Kommt sie zu spät, wartet der Drucker.</numerusform>
            <numerusform>{} Spulen kommen während des Drucks hinein, jede jederzeit in einem Abschnitt von Schichten. Kommt eine zu spät, wartet der Drucker.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} swap</source>
        <comment>{} swaps</comment>
        <translation>
            <numerusform>{} Handwechsel</numerusform>
            <numerusform>{} Handwechsel</numerusform>
        </translation>
    </message>
    <message>
        <source>“{}”</source>
        <translation>„{}“</translation>
    </message>
    <message>
        <source>Stopped before the layers were in rows.</source>
        <translation>Angehalten, bevor die Schichten in Reihen lagen.</translation>
    </message>
    <message numerus="yes">
        <source>{1} cm² overhang by more than {2}° and no support is planned: the face from layer {3} to {4} sags or curls. The Supports bench compares what would hold it.</source>
        <comment>{1} cm² overhang by more than {2}°, {0} faces, and no support is planned: they sag or curl, the largest from layer {3} to {4}. The Supports bench compares what would hold them.</comment>
        <translation>
            <numerusform>{1} cm² hängen um mehr als {2}° über, und es sind keine Stützen geplant: die Fläche von Schicht {3} bis {4} hängt durch oder wellt sich. Die Werkbank „Stützen“ vergleicht, was sie hielte.</numerusform>
            <numerusform>{1} cm² hängen um mehr als {2}° über, {0} Flächen, und es sind keine Stützen geplant: sie hängen durch oder wellen sich, die größte von Schicht {3} bis {4}. Die Werkbank „Stützen“ vergleicht, was sie hielte.</numerusform>
        </translation>
    </message>
    <message>
        <source>A swap by hand is worth</source>
        <translation>Ein Handwechsel ist wert</translation>
    </message>
    <message>
        <source>Between {} and {} there is a ring of air {}, all the way down: only the floor holds them together. A groove less than {} deep makes a border crisp; below it let them touch.</source>
        <translation>Zwischen {} und {} liegt ein Ring aus Luft, {}, bis ganz hinunter: nur der Boden hält sie zusammen. Eine Fuge weniger als {} tief macht die Grenze scharf; darunter lass sie sich berühren.</translation>
    </message>
    <message>
        <source>Electricity and wear, where ways to print are compared; the cost of a plan does not hold it. From memory: 0.50.</source>
        <translation>Strom und Verschleiß, wo Arten zu drucken verglichen werden; in den Kosten eines Plans ist das nicht enthalten. Aus der Erinnerung: 0,50.</translation>
    </message>
    <message>
        <source>Filament that one swap by hand has to save; where it saves less, a way with fewer swaps is offered. From memory: 3 g.</source>
        <translation>So viel Filament muss ein Handwechsel sparen; spart er weniger, wird ein Weg mit weniger Handwechseln angeboten. Aus der Erinnerung: 3 g.</translation>
    </message>
    <message>
        <source>From memory: 1 h for each cm³ of a piece that has to dissolve; massive support takes a night. Several pieces soak side by side.</source>
        <translation>Aus der Erinnerung: 1 h für jeden cm³ eines Stücks, der sich lösen muss; massive Stützen brauchen eine Nacht. Mehrere Stücke weichen nebeneinander ein.</translation>
    </message>
    <message>
        <source>Impossible: {} cm² lie where a tool of {} does not get in; what must be pulled off stays there.</source>
        <translation>Unmöglich: {} cm² liegen, wo ein Werkzeug von {} nicht hinkommt; was dort abgezogen werden muss, bleibt.</translation>
    </message>
    <message>
        <source>It comes off, which the same material does not: {}.</source>
        <translation>Es geht ab, anders als gleiches Material: {}.</translation>
    </message>
    <message>
        <source>No school gets the support off: no tool reaches it, and nothing that dissolves is at hand. Give it an opening, turn the piece, or cut it.</source>
        <translation>Keine Methode bekommt die Stützen heraus: kein Werkzeug kommt hin, und nichts Lösliches ist zur Hand. Gib ihm eine Öffnung, drehe das Stück, oder schneide es durch.</translation>
    </message>
    <message>
        <source>Not worth it at {} an hour of yours, but from {} on: {}.</source>
        <translation>Lohnt nicht bei {} für deine Stunde, aber ab {}: {}.</translation>
    </message>
    <message>
        <source>Not worth it, {} more all in: {}.</source>
        <translation>Lohnt nicht, insgesamt {} mehr: {}.</translation>
    </message>
    <message>
        <source>Same material throughout. The others are not worth it here: cleaning up takes {} min, and no school saves as much as it costs.</source>
        <translation>Gleiches Material durch und durch. Die anderen lohnen hier nicht: die Nacharbeit dauert {} min, und keine Methode spart so viel, wie sie kostet.</translation>
    </message>
    <message>
        <source>The printer&apos;s hour</source>
        <translation>Die Stunde des Druckers</translation>
    </message>
    <message>
        <source>Time in water before a soluble interface lets go. From memory: 2 h; warm water is faster.</source>
        <translation>Zeit im Wasser, bis eine lösliche Trennschicht loslässt. Aus der Erinnerung: 2 h; warmes Wasser ist schneller.</translation>
    </message>
    <message>
        <source>Worth it, {} less all in: {}.</source>
        <translation>Lohnt sich, insgesamt {} weniger: {}.</translation>
    </message>
    <message>
        <source>Your hour is taken at {}, the printer&apos;s at {}; set their prices.</source>
        <translation>Gerechnet mit {} für deine Stunde und {} für die des Druckers; setze ihre Preise.</translation>
    </message>
    <message>
        <source>filament for {} less</source>
        <translation>Filament für {} weniger</translation>
    </message>
    <message>
        <source>filament for {} more</source>
        <translation>Filament für {} mehr</translation>
    </message>
    <message>
        <source>{} and {} are parted by a groove {}. Less than 1 mm wide and deep is enough for a crisp border.</source>
        <translation>{} und {} sind durch eine Fuge getrennt, {}. Weniger als 1 mm breit und tief genügt für eine scharfe Grenze.</translation>
    </message>
    <message>
        <source>{} cm² lie in a closed cavity and stay there, whatever the school.</source>
        <translation>{} cm² liegen in einem geschlossenen Hohlraum und bleiben dort, nach welcher Methode auch immer.</translation>
    </message>
    <message>
        <source>The cheapest that comes off: {}. Of the same material {} cm² would stay where a tool of {} does not get in.</source>
        <translation>Am billigsten, wenn es abgehen soll: {}. Bei gleichem Material blieben {} cm², wo ein Werkzeug von {} nicht hinkommt.</translation>
    </message>
    <message>
        <source>A limit to the speeds of the machine, for this project. 0: as fast as the machine prints each kind of line.</source>
        <translation>Eine Grenze für die Tempi der Maschine, für dieses Projekt. 0: so schnell, wie die Maschine jede Art Linie druckt.</translation>
    </message>
    <message>
        <source>No faster than</source>
        <translation>Nicht schneller als</translation>
    </message>
    <message>
        <source>Slower, so that it sticks. 0: the machine&apos;s.</source>
        <translation>Langsamer, damit sie haftet. 0: wie die Maschine.</translation>
    </message>
    <message>
        <source>For the other {} mm³ it has no room: purge them beside the bed, or print more loops.</source>
        <translation>Für die anderen {} mm³ hat sie keinen Platz: spüle sie neben dem Bett, oder drucke mehr Runden.</translation>
    </message>
    <message>
        <source>Job one, a start and a file of its own: the outlines of {} in {}, {}, one layer of {}: {}, {} with heating. Then stop. Leave everything where it is.</source>
        <translation>Job eins, ein eigener Start mit eigener Datei: die Umrisse von {} in {}, {}, eine Schicht von {}: {}, {} mit Aufheizen. Dann halten. Alles liegen lassen, wo es ist.</translation>
    </message>
    <message>
        <source>Print a skirt of {}, {} from the piece and {} tall: it takes {} mm³ of the purge.</source>
        <translation>Drucke eine Schürze aus {}, {} vom Stück und {} hoch: sie nimmt {} mm³ der Spülung auf.</translation>
    </message>
    <message>
        <source>The other {} mm³ go into the tower.</source>
        <translation>Die anderen {} mm³ gehen in den Turm.</translation>
    </message>
    <message>
        <source>as the piece</source>
        <translation>wie das Stück</translation>
    </message>
    <message>
        <source>bottom skins</source>
        <translation>Deckschichten unten</translation>
    </message>
    <message>
        <source>branches</source>
        <translation>Äste</translation>
    </message>
    <message>
        <source>dried {}</source>
        <translation>getrocknet {}</translation>
    </message>
    <message>
        <source>dry it where it has lain open: {}</source>
        <translation>trockne es, wo es offen lag: {}</translation>
    </message>
    <message>
        <source>dry it: {}</source>
        <translation>trockne es: {}</translation>
    </message>
    <message>
        <source>elephant-foot compensation</source>
        <translation>Elefantenfuß-Ausgleich</translation>
    </message>
    <message>
        <source>first layer</source>
        <translation>erste Schicht</translation>
    </message>
    <message>
        <source>for job one</source>
        <translation>für Job eins</translation>
    </message>
    <message>
        <source>interface in</source>
        <translation>Trennschicht in</translation>
    </message>
    <message>
        <source>job one, apart</source>
        <translation>Job eins, getrennt</translation>
    </message>
    <message>
        <source>nozzle {} ({} to {}), bed {} ({} to {})</source>
        <translation>Düse {} ({} bis {}), Bett {} ({} bis {})</translation>
    </message>
    <message>
        <source>off, the lettering needs it</source>
        <translation>aus, die Schrift braucht es</translation>
    </message>
    <message>
        <source>other layers</source>
        <translation>andere Schichten</translation>
    </message>
    <message>
        <source>support in</source>
        <translation>Stützen in</translation>
    </message>
    <message>
        <source>to {}; retract {} at {} direct, {} at {} with a tube</source>
        <translation>bis {}; Rückzug {} mit {} direkt, {} mit {} bei einem Schlauch</translation>
    </message>
    <message>
        <source>top skins</source>
        <translation>Deckschichten oben</translation>
    </message>
    <message>
        <source>{} ({} left)</source>
        <translation>{} (noch {})</translation>
    </message>
    <message>
        <source>{} in {}</source>
        <translation>{} in {}</translation>
    </message>
    <message>
        <source>Layer {} alone sets the tower: it purges {} mm³, the next busiest {}. Without it the tower would be {} wide instead of {}, and take {} g less.</source>
        <translation>Schicht {} allein bestimmt den Turm: sie spült {} mm³, die nächste {}. Ohne sie wäre der Turm {} breit statt {} und brauchte {} g weniger.</translation>
    </message>
    <message>
        <source>Read the label on the spool before it is loaded.</source>
        <translation>Lies das Etikett der Spule, bevor du sie einlegst.</translation>
    </message>
    <message>
        <source>as far as they have room and do not show</source>
        <translation>soweit sie Platz haben und man sie nicht sieht</translation>
    </message>
    <message>
        <source>filaments</source>
        <translation>Filamente</translation>
    </message>
    <message>
        <source>lay the peaks into the infill</source>
        <translation>die Spitzen in die Füllung legen</translation>
    </message>
    <message numerus="yes">
        <source>the label says PLA</source>
        <comment>all labels say PLA</comment>
        <translation>
            <numerusform>auf dem Etikett steht PLA</numerusform>
            <numerusform>auf allen Etiketten steht PLA</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{1} is filed as PLA, and nobody has noted that its label was read. Co-polyester and PETG look the same on the roll, and split from PLA at the first layer of contact.</source>
        <comment>{1} are filed as PLA, and nobody has noted that their labels were read. Co-polyester and PETG look the same on the roll, and split from PLA at the first layer of contact.</comment>
        <translation>
            <numerusform>{1} gilt als PLA, und niemand hat vermerkt, dass das Etikett gelesen wurde. Copolyester und PETG sehen auf der Rolle gleich aus und lösen sich von PLA an der ersten gemeinsamen Schicht.</numerusform>
            <numerusform>{1} gelten als PLA, und niemand hat vermerkt, dass die Etiketten gelesen wurden. Copolyester und PETG sehen auf der Rolle gleich aus und lösen sich von PLA an der ersten gemeinsamen Schicht.</numerusform>
        </translation>
    </message>
    <message>
        <source>put filaments on nozzles for the least handling</source>
        <translation>Filamente mit den wenigsten Handgriffen auf Düsen setzen</translation>
    </message>
    <message>
        <source>{} g more waste</source>
        <translation>{} g mehr Abfall</translation>
    </message>
    <message>
        <source>{} %, the lettering solid</source>
        <translation>{} %, die Schrift voll</translation>
    </message>
    <message>
        <source>All pairs take about as much mixing, so dead volume V_d and mixing volume V_m cannot be told apart. Measure a light colour after a dark one, and the other way round.</source>
        <translation>Alle Paare brauchen etwa gleich viel Mischung, also lassen sich Totvolumen V_d und Mischvolumen V_m nicht trennen. Miss eine helle Farbe nach einer dunklen und umgekehrt.</translation>
    </message>
    <message>
        <source>Assembly</source>
        <translation>Zusammenbau</translation>
    </message>
    <message>
        <source>Being there</source>
        <translation>Anwesenheit</translation>
    </message>
    <message>
        <source>Build sheet and lettering</source>
        <translation>Druckblatt und Schrift</translation>
    </message>
    <message>
        <source>Currency</source>
        <translation>Währung</translation>
    </message>
    <message>
        <source>Layers, lines and speed</source>
        <translation>Schichten, Linien und Tempo</translation>
    </message>
    <message>
        <source>Money and worth</source>
        <translation>Geld und Wert</translation>
    </message>
    <message>
        <source>Nozzles and order</source>
        <translation>Düsen und Reihenfolge</translation>
    </message>
    <message>
        <source>Purge of {} is by the machine&apos;s defaults: dead volume V_d {}, mixing volume V_m {} mm³, not calibrated.</source>
        <translation>Die Spülung von {} folgt den Vorgaben der Maschine: Totvolumen V_d {}, Mischvolumen V_m {} mm³, nicht kalibriert.</translation>
    </message>
    <message>
        <source>Purge of {} is by your own figures: dead volume V_d {}, mixing volume V_m {} mm³, not calibrated.</source>
        <translation>Die Spülung von {} folgt deinen eigenen Zahlen: Totvolumen V_d {}, Mischvolumen V_m {} mm³, nicht kalibriert.</translation>
    </message>
    <message>
        <source>Purge of {} on a {} nozzle is by calibration from two readings: dead volume V_d {}, mixing volume V_m {} mm³; how sure that is they do not tell.</source>
        <translation>Die Spülung von {} an einer Düse von {} folgt einer Kalibrierung aus zwei Messungen: Totvolumen V_d {}, Mischvolumen V_m {} mm³; wie sicher das ist, sagen sie nicht.</translation>
    </message>
    <message>
        <source>Purge of {} on a {} nozzle is by calibration from {}: dead volume V_d {} ± {}, mixing volume V_m {} ± {} mm³.</source>
        <translation>Die Spülung von {} an einer Düse von {} folgt einer Kalibrierung aus {}: Totvolumen V_d {} ± {}, Mischvolumen V_m {} ± {} mm³.</translation>
    </message>
    <message>
        <source>Purge</source>
        <translation>Spülung</translation>
    </message>
    <message>
        <source>Skins at colour borders</source>
        <translation>Deckschichten an Farbgrenzen</translation>
    </message>
    <message>
        <source>Suggestions</source>
        <translation>Vorschläge</translation>
    </message>
    <message>
        <source>Support and interface</source>
        <translation>Stützen und Trennschicht</translation>
    </message>
    <message>
        <source>Taking support off</source>
        <translation>Stützen abnehmen</translation>
    </message>
    <message>
        <source>The ooze wall catches nothing: one nozzle prints all of it, and none waits and drips. It takes {} g.</source>
        <translation>Die Tropfwand fängt nichts: eine Düse druckt alles, und keine wartet und tropft. Sie kostet {} g.</translation>
    </message>
    <message>
        <source>The plate</source>
        <translation>Die Platte</translation>
    </message>
    <message>
        <source>The readings ask for dead volume V_d {} and mixing volume V_m {} mm³, which no nozzle has. Look for a reading that was mistyped or taken at another level.</source>
        <translation>Die Messungen verlangen Totvolumen V_d {} und Mischvolumen V_m {} mm³, die keine Düse hat. Suche eine Messung, die vertippt oder bei anderer Stufe genommen wurde.</translation>
    </message>
    <message>
        <source>The skirt has no room for {} mm³ of purge, {} % of what it is to take: that is thrown out, which needs a place for it. More loops, or a tower, take more.</source>
        <translation>Die Schürze hat für {} mm³ Spülung keinen Platz, {} % dessen, was sie aufnehmen soll: das wird ausgeworfen und braucht einen Ort dafür. Mehr Runden oder ein Turm nehmen mehr auf.</translation>
    </message>
    <message>
        <source>Tower, skirt and ooze wall</source>
        <translation>Turm, Schürze und Tropfwand</translation>
    </message>
    <message>
        <source>What all prices are in, by its code in ISO 4217. Nothing is converted.</source>
        <translation>Worin alle Preise stehen, nach dem Code von ISO 4217. Es wird nichts umgerechnet.</translation>
    </message>
    <message>
        <source>What is reported</source>
        <translation>Was gemeldet wird</translation>
    </message>
    <message>
        <source>Where bodies of different colour lie on each other: no treats the piece as one solid, yes gives each body skins of its own there, as toolpath programs do that slice bodies apart. It costs filament and time; set what yours does.</source>
        <translation>Wo Körper verschiedener Farbe aufeinanderliegen: „nein“ behandelt das Stück als ganzes, „ja“ gibt dort jedem Körper eigene Deckschichten, wie es Programme tun, die Körper getrennt zerlegen. Es kostet Filament und Zeit; stelle ein, was deins tut.</translation>
    </message>
    <message>
        <source>a tower instead</source>
        <translation>stattdessen ein Turm</translation>
    </message>
    <message>
        <source>any</source>
        <translation>beliebig</translation>
    </message>
    <message>
        <source>in the layers that purge there is no infill of the same material through whose walls both colours would not show</source>
        <translation>in den Schichten, die spülen, gibt es keine Füllung gleichen Materials, durch deren Wände beide Farben nicht schienen</translation>
    </message>
    <message>
        <source>in the layers that purge there is no support of the same material</source>
        <translation>in den Schichten, die spülen, gibt es keine Stützen gleichen Materials</translation>
    </message>
    <message>
        <source>leave it out</source>
        <translation>weglassen</translation>
    </message>
    <message>
        <source>refill while it prints</source>
        <translation>während des Drucks nachladen</translation>
    </message>
    <message>
        <source>refill, the printer waits</source>
        <translation>nachladen, der Drucker wartet</translation>
    </message>
    <message>
        <source>soluble</source>
        <translation>löslich</translation>
    </message>
    <message>
        <source>structural</source>
        <translation>tragend</translation>
    </message>
    <message>
        <source>switch it off</source>
        <translation>abschalten</translation>
    </message>
    <message>
        <source>the piece is solid or empty inside</source>
        <translation>das Stück ist innen voll oder leer</translation>
    </message>
    <message>
        <source>there is no support</source>
        <translation>es gibt keine Stützen</translation>
    </message>
    <message>
        <source>{} dissolves in water and sits on {}, which is for structural material. On such a machine the two kinds of nozzle are not interchangeable.</source>
        <translation>{} löst sich in Wasser und sitzt auf {}, die für tragendes Material ist. Auf so einer Maschine sind die beiden Arten von Düsen nicht austauschbar.</translation>
    </message>
    <message>
        <source>{} g less</source>
        <translation>{} g weniger</translation>
    </message>
    <message>
        <source>{} has no effect here: {}. None of the {} mm³ of purge fits.</source>
        <translation>{} bewirkt hier nichts: {}. Von den {} mm³ Spülung passt nichts.</translation>
    </message>
    <message>
        <source>{} is structural and sits on {}, which is for soluble material. On such a machine the two kinds of nozzle are not interchangeable.</source>
        <translation>{} ist tragend und sitzt auf {}, die für lösliches Material ist. Auf so einer Maschine sind die beiden Arten von Düsen nicht austauschbar.</translation>
    </message>
    <message>
        <source>{} is to take purge and takes none: none of its layers purges what is of its material.</source>
        <translation>{} soll Spülung aufnehmen und nimmt keine auf: keine seiner Schichten spült, was von seinem Material ist.</translation>
    </message>
    <message>
        <source>{} must be two lengths up to 1000</source>
        <translation>{} müssen zwei Längen bis 1000 sein</translation>
    </message>
    <message>
        <source>{} must be words out of any, structural, soluble</source>
        <translation>{} müssen Wörter aus any, structural, soluble sein</translation>
    </message>
    <message>
        <source>{} must have a word for each nozzle of the toolhead</source>
        <translation>{} muss ein Wort für jede Düse des Druckkopfs haben</translation>
    </message>
    <message>
        <source>{}: {} into {}</source>
        <translation>{}: {} in {}</translation>
    </message>
    <message numerus="yes">
        <source>{} swap by hand saves {} g of waste, less than the {} g a swap that it is worth to you: that is what the least waste takes here. Another way does without it.</source>
        <comment>{} swaps by hand save {} g of waste, less than the {} g a swap that they are worth to you: that is what the least waste takes here. Another way does without them.</comment>
        <translation>
            <numerusform>{} Handwechsel spart {} g Abfall, weniger als die {} g je Handwechsel, die er dir wert ist: so viel kostet hier der wenigste Abfall. Ein anderer Weg kommt ohne aus.</numerusform>
            <numerusform>{} Handwechsel sparen {} g Abfall, weniger als die {} g je Handwechsel, die sie dir wert sind: so viel kostet hier der wenigste Abfall. Ein anderer Weg kommt ohne aus.</numerusform>
        </translation>
    </message>
    <message>
        <source>Check the XY offset of toolhead {} against {}: print the offset strip (the machine&apos;s editor writes it).</source>
        <translation>Prüfe den XY-Versatz von Druckkopf {} gegen {}: drucke den Versatzstreifen (der Maschineneditor schreibt ihn).</translation>
    </message>
    <message>
        <source>Correct the offset of toolhead {} against {} by X {} mm and Y {} mm, as measured with the offset strip, if that is not done yet.</source>
        <translation>Korrigiere den Versatz von Druckkopf {} gegen {} um X {} mm und Y {} mm, wie mit dem Versatzstreifen gemessen, falls das noch nicht geschehen ist.</translation>
    </message>
    <message>
        <source>Enter both numbers with the machine. Each line is {}: so much {} prints too far to the right or to the back.</source>
        <translation>Trage beide Zahlen bei der Maschine ein. Jede Linie ist {}: so weit druckt {} zu weit rechts oder hinten.</translation>
    </message>
    <message>
        <source>On each strip find the line of {} that goes straight on in a line of {}. Count from the thick one in the middle, towards the block positive.</source>
        <translation>Suche auf jedem Streifen die Linie von {}, die gerade in eine Linie von {} übergeht. Zähle von der dicken in der Mitte, zum Klotz hin positiv.</translation>
    </message>
    <message>
        <source>Print the strip as it stands, not turned: left to right is X, front to back is Y; the block at an end of a strip marks the positive one.</source>
        <translation>Drucke den Streifen, wie er steht, nicht gedreht: links nach rechts ist X, vorn nach hinten ist Y; der Klotz am Ende eines Streifens zeigt das positive.</translation>
    </message>
    <message>
        <source>Soluble where it touches takes {} g of the dear material and {}, soluble throughout {} g and {}: {} {} of filament against {} {} of changes. Both let go in water, after {} and {}; all in {} against {}.</source>
        <translation>Löslich nur am Kontakt braucht {} g des teuren Materials und {}, löslich durch und durch {} g und {}: {} {} Filament gegen {} {} Wechsel. Beide lassen im Wasser los, nach {} und {}; insgesamt {} gegen {}.</translation>
    </message>
    <message>
        <source>The machine has one toolhead: there is nothing to be off from.</source>
        <translation>Die Maschine hat einen Druckkopf: es gibt nichts, wogegen er versetzt sein könnte.</translation>
    </message>
    <message>
        <source>There is no toolhead {} beside the first; the machine has {}.</source>
        <translation>Es gibt keinen Druckkopf {} neben dem ersten; die Maschine hat {}.</translation>
    </message>
    <message>
        <source>To suit the {} nozzle: lines {} wide, layers {}, the first {}. Dead and mixing volume follow its cross-section.</source>
        <translation>Passend zur Düse von {}: Linien {} breit, Schichten {}, die erste {}. Tot- und Mischvolumen folgen ihrem Querschnitt.</translation>
    </message>
    <message>
        <source>less</source>
        <translation>weniger</translation>
    </message>
    <message>
        <source>more</source>
        <translation>mehr</translation>
    </message>
    <message>
        <source>split it</source>
        <translation>zerlegen</translation>
    </message>
    <message>
        <source>{} is one part of {} separate bodies. Split, each can have a filament of its own.</source>
        <translation>{} ist ein Teil aus {} getrennten Körpern. Zerlegt kann jeder sein eigenes Filament haben.</translation>
    </message>
    <message numerus="yes">
        <source>{} part</source>
        <comment>{} parts</comment>
        <translation>
            <numerusform>{} Teil</numerusform>
            <numerusform>{} Teile</numerusform>
        </translation>
    </message>
    <message>
        <source>each body has its own</source>
        <translation>jeder Körper hat eigene</translation>
    </message>
    <message>
        <source>none, the bodies are one solid</source>
        <translation>keine, die Körper sind ein Ganzes</translation>
    </message>
    <message>
        <source>skins at colour borders</source>
        <translation>Deckschichten an Farbgrenzen</translation>
    </message>
    <message>
        <source>waste in all</source>
        <translation>Abfall insgesamt</translation>
    </message>
    <message>
        <source>Job two, what this sheet plans: the whole piece over it, the lettering too, with a first layer of {}. It has to be thicker than job one&apos;s.</source>
        <translation>Job zwei, den dieser Zettel plant: das ganze Stück darüber, auch die Schrift, mit einer ersten Schicht von {}. Sie muss dicker sein als die des ersten Jobs.</translation>
    </message>
    <message>
        <source>Lettering is printed as a job of its own, {} thick, and the piece over it with a first layer of {}. That must be thicker, or the nozzle drags through the letters.</source>
        <translation>Die Schrift wird als eigener Job gedruckt, {} dick, und das Stück darüber mit einer ersten Schicht von {}. Die muss dicker sein, sonst zieht die Düse durch die Buchstaben.</translation>
    </message>
    <message>
        <source>a first layer of {}</source>
        <translation>eine erste Schicht von {}</translation>
    </message>
    <message>
        <source>The picture cannot be read. Save it again in the program it comes from, as PNG if possible.</source>
        <translation>Das Bild ist nicht zu lesen. Speichere es in dem Programm, aus dem es kommt, noch einmal, möglichst als PNG.</translation>
    </message>
    <message>
        <source>The picture has no dots.</source>
        <translation>Das Bild hat keine Punkte.</translation>
    </message>
    <message>
        <source>The picture has {} by {} dots, more than the {} million that are read. Make it smaller: a print has 5 dots to the mm at most.</source>
        <translation>Das Bild hat {} mal {} Punkte, mehr als die {} Millionen, die gelesen werden. Verkleinere es: ein Druck hat höchstens 5 Punkte je mm.</translation>
    </message>
    <message>
        <source>The picture is damaged: its file ends too early or holds what does not belong there. Save it again in the program it comes from.</source>
        <translation>Das Bild ist beschädigt: seine Datei endet zu früh oder enthält, was nicht hineingehört. Speichere es in dem Programm, aus dem es kommt, noch einmal.</translation>
    </message>
    <message>
        <source>The picture&apos;s file is empty.</source>
        <translation>Die Datei des Bildes ist leer.</translation>
    </message>
    <message>
        <source>This is no picture that can be read here. PNG, JPEG, WebP, TIFF and SVG can.</source>
        <translation>Das ist kein Bild, das hier gelesen werden kann. PNG, JPEG, WebP, TIFF und SVG gehen.</translation>
    </message>
    <message>
        <source>A relief needs one band at least: a filament and its layers.</source>
        <translation>Ein Relief braucht mindestens ein Band: ein Filament und seine Schichten.</translation>
    </message>
    <message>
        <source>Bands lie on each other from below: the band of {} must begin with layer {}, and begins with {}.</source>
        <translation>Bänder liegen von unten aufeinander: das Band in {} muss mit Schicht {} beginnen und beginnt mit {}.</translation>
    </message>
    <message>
        <source>The base is {} thick, and has to be {} at least to hold together. Give the first band more layers.</source>
        <translation>Die Grundschicht ist {} dick und muss mindestens {} haben, um zusammenzuhalten. Gib dem ersten Band mehr Schichten.</translation>
    </message>
    <message>
        <source>The relief would have {} layers; at most {} make sense.</source>
        <translation>Das Relief hätte {} Schichten; sinnvoll sind höchstens {}.</translation>
    </message>
    <message>
        <source>100 % infill</source>
        <translation>100 % Füllung</translation>
    </message>
    <message>
        <source>A panel takes each filament once: {} stands twice among its films and white.</source>
        <translation>Ein Leuchtbild nimmt jedes Filament einmal: {} kommt unter Filmen und Weiß zweimal vor.</translation>
    </message>
    <message>
        <source>A part of the wedge lies outside the photo. Take one that shows all of it.</source>
        <translation>Ein Teil des Keils liegt außerhalb des Fotos. Nimm eins, das ihn ganz zeigt.</translation>
    </message>
    <message>
        <source>A patch lies outside the photo.</source>
        <translation>Ein Feld liegt außerhalb des Fotos.</translation>
    </message>
    <message>
        <source>A picture lies flat on the bed and needs no support.</source>
        <translation>Ein Bild liegt flach auf dem Bett und braucht keine Stützen.</translation>
    </message>
    <message>
        <source>A picture needs 100 % infill: with {} % there is air below the top layers, and the colours come out wrong.</source>
        <translation>Ein Bild braucht 100 % Füllung: bei {} % ist Luft unter den obersten Schichten, und die Farben stimmen nicht.</translation>
    </message>
    <message>
        <source>All changes of this picture are between layers: a tower wastes {} and is not needed; some like one all the same.</source>
        <translation>Alle Wechsel dieses Bildes liegen zwischen Schichten: ein Turm verschwendet {} und ist unnötig; manche mögen trotzdem einen.</translation>
    </message>
    <message>
        <source>All dots would be alike: give the panel films, or let the white vary.</source>
        <translation>Alle Bildpunkte wären gleich: gib dem Leuchtbild Filme, oder lass das Weiß verschieden dick sein.</translation>
    </message>
    <message>
        <source>Behind a panel: low-voltage lamps only, and a licensed electrician where local codes ask for one. PLA softens at about 55 °C: keep the lamp cool, and away from it.</source>
        <translation>Hinter ein Leuchtbild gehören nur Lampen mit Kleinspannung, und eine Elektrofachkraft, wo örtliche Vorschriften es verlangen. PLA wird bei etwa 55 °C weich: halte die Lampe kühl und auf Abstand.</translation>
    </message>
    <message>
        <source>Layers of {} are too thick for a nozzle of {}: at most {} can be printed. Choose thinner layers, or a wider nozzle.</source>
        <translation>Schichten von {} sind zu dick für eine Düse von {}: höchstens {} lassen sich drucken. Nimm dünnere Schichten oder eine weitere Düse.</translation>
    </message>
    <message>
        <source>Layers of {} are too thin: no nozzle lays down less than {} evenly.</source>
        <translation>Schichten von {} sind zu dünn: keine Düse legt weniger als {} gleichmäßig ab.</translation>
    </message>
    <message>
        <source>No stack of these filaments fits. Add filaments on the Palette bench.</source>
        <translation>Kein Stapel aus diesen Filamenten passt. Füge auf der Werkbank „Palette“ Filamente hinzu.</translation>
    </message>
    <message>
        <source>Nothing of the picture is left to print: keep its ground, or cut out less.</source>
        <translation>Vom Bild bleibt nichts zu drucken: behalte seinen Grund, oder schneide weniger aus.</translation>
    </message>
    <message>
        <source>Photograph it straight from above, beside white paper and a grey card, in even light without reflections, the white just short of burnt out. Save the photo as PNG or JPEG, without filters.</source>
        <translation>Fotografiere ihn gerade von oben, neben weißem Papier und einer Graukarte, in gleichmäßigem Licht ohne Spiegelungen, das Weiß gerade nicht ausgefressen. Speichere das Foto als PNG oder JPEG, ohne Filter.</translation>
    </message>
    <message>
        <source>Solid: 100 % infill, and no other first layer than the plan&apos;s.</source>
        <translation>Voll: 100 % Füllung, und keine andere erste Schicht als die des Plans.</translation>
    </message>
    <message>
        <source>Stopped before every dot had its stack.</source>
        <translation>Angehalten, bevor jeder Bildpunkt seinen Stapel hatte.</translation>
    </message>
    <message>
        <source>Stopped before the picture was made.</source>
        <translation>Angehalten, bevor das Bild gemacht war.</translation>
    </message>
    <message>
        <source>That would be {} stacks to choose from, more than {}. Give each film fewer layers, or take fewer films.</source>
        <translation>Das wären {} Stapel zur Auswahl, mehr als {}. Gib jedem Film weniger Schichten, oder nimm weniger Filme.</translation>
    </message>
    <message>
        <source>The corners make no rectangle. Mark them in order: upper left, upper right, lower right, lower left of the wedge, the row of steps over white above the one over black.</source>
        <translation>Die Ecken ergeben kein Rechteck. Markiere sie der Reihe nach: oben links, oben rechts, unten rechts, unten links des Keils, die Reihe über Weiß über der über Schwarz.</translation>
    </message>
    <message>
        <source>The dots of the picture are damaged.</source>
        <translation>Die Bildpunkte sind beschädigt.</translation>
    </message>
    <message>
        <source>The filaments of the picture have changed since it was made, so its heights no longer suit them. Make it anew on the Picture bench.</source>
        <translation>Die Filamente des Bildes haben sich geändert, seit es gemacht wurde, also passen seine Höhen nicht mehr. Mach es auf der Werkbank „Bild“ neu.</translation>
    </message>
    <message>
        <source>The panel would have {} layers; at most {} make sense.</source>
        <translation>Das Leuchtbild hätte {} Schichten; sinnvoll sind höchstens {}.</translation>
    </message>
    <message>
        <source>The panel would use more than {} different stacks. Give each film fewer layers.</source>
        <translation>Das Leuchtbild bräuchte mehr als {} verschiedene Stapel. Gib jedem Film weniger Schichten.</translation>
    </message>
    <message>
        <source>The photo is over-exposed: field {} of row {} is burnt out. Take one with less light, or a shorter exposure.</source>
        <translation>Das Foto ist überbelichtet: Feld {} der Reihe {} ist ausgefressen. Nimm eins mit weniger Licht oder kürzer belichtet.</translation>
    </message>
    <message>
        <source>The photo is over-exposed: the white patch is burnt out. Take one with less light, or a shorter exposure.</source>
        <translation>Das Foto ist überbelichtet: das weiße Feld ist ausgefressen. Nimm eins mit weniger Licht oder kürzer belichtet.</translation>
    </message>
    <message>
        <source>The picture was made for layers of {} after a first one of {}; the settings say {} and {}. Every border would come at another height, and the colours would be others. Make the picture anew, or set the layers back.</source>
        <translation>Das Bild wurde für Schichten von {} nach einer ersten von {} gemacht; die Einstellungen sagen {} und {}. Jede Grenze käme auf andere Höhe, und die Farben wären andere. Mach das Bild neu, oder stelle die Schichten zurück.</translation>
    </message>
    <message>
        <source>The picture would have {} by {} dots; between one and 25 million in all can be made. Choose another width, or larger dots.</source>
        <translation>Das Bild hätte {} mal {} Bildpunkte; zwischen einem und insgesamt 25 Millionen sind möglich. Wähle eine andere Breite oder größere Bildpunkte.</translation>
    </message>
    <message>
        <source>The project has no picture.</source>
        <translation>Das Projekt hat kein Bild.</translation>
    </message>
    <message>
        <source>The row of steps over white is the upper one, with the bare white row above it; steps grow from left to right.</source>
        <translation>Die Reihe der Stufen über Weiß ist die obere, mit der blanken weißen Reihe darüber; Stufen wachsen von links nach rechts.</translation>
    </message>
    <message>
        <source>The two bases look alike, so they tell nothing apart. Are the corners in order, with the row over white above the one over black?</source>
        <translation>Die beiden Untergründe sehen gleich aus, also verraten sie nichts. Stimmt die Folge der Ecken, die Reihe über Weiß über der über Schwarz?</translation>
    </message>
    <message>
        <source>The white is {} thick where it is thinnest, and has to be {} at least to hold together.</source>
        <translation>Das Weiß ist an der dünnsten Stelle {} dick und muss mindestens {} haben, um zusammenzuhalten.</translation>
    </message>
    <message>
        <source>layers of {} after {}</source>
        <translation>Schichten von {} nach {}</translation>
    </message>
    <message>
        <source>no support</source>
        <translation>keine Stützen</translation>
    </message>
    <message>
        <source>no tower</source>
        <translation>kein Turm</translation>
    </message>
    <message>
        <source>one wall</source>
        <translation>eine Wand</translation>
    </message>
    <message>
        <source>the optics must be twelve numbers, K, S and their uncertainties</source>
        <translation>die Optik muss zwölf Zahlen haben, K, S und ihre Unsicherheiten</translation>
    </message>
    <message>
        <source>{} % of the picture has a colour that shares its lightness with another: by lightness both get one height, and neither can be right. Height by the nearest colour tells them apart.</source>
        <translation>{} % des Bildes haben eine Farbe, die ihre Helligkeit mit einer anderen teilt: nach Helligkeit bekommen beide eine Höhe, und keine kann stimmen. Höhe nach der nächsten Farbe hält sie auseinander.</translation>
    </message>
    <message>
        <source>{} does not fit the picture</source>
        <translation>{} passt nicht zum Bild</translation>
    </message>
    <message>
        <source>{} has no bands</source>
        <translation>{} hat keine Bänder</translation>
    </message>
    <message>
        <source>{} has no body</source>
        <translation>{} hat keinen Körper</translation>
    </message>
    <message>
        <source>{} holds what is no stack</source>
        <translation>{} enthält, was kein Stapel ist</translation>
    </message>
    <message>
        <source>{} leaves nothing</source>
        <translation>{} lässt nichts übrig</translation>
    </message>
    <message>
        <source>{} must be a list of points</source>
        <translation>{} muss eine Liste von Punkten sein</translation>
    </message>
    <message>
        <source>{} must be four shares from 0 to 1</source>
        <translation>{} müssen vier Anteile von 0 bis 1 sein</translation>
    </message>
    <message>
        <source>{} must be three shares from 0 to 1</source>
        <translation>{} müssen drei Anteile von 0 bis 1 sein</translation>
    </message>
    <message>
        <source>{} must be twelve numbers, K, S and their uncertainties</source>
        <translation>{} müssen zwölf Zahlen sein, K, S und ihre Unsicherheiten</translation>
    </message>
    <message>
        <source>{} must lie in pictures</source>
        <translation>{} muss in pictures liegen</translation>
    </message>
    <message>
        <source>{} must rise from 0 to 1</source>
        <translation>{} muss von 0 auf 1 steigen</translation>
    </message>
    <message>
        <source>{} walls follow every terrace of the picture and take long; one does, some print two or three.</source>
        <translation>{} Wände folgen jeder Terrasse des Bildes und dauern lange; eine genügt, manche drucken zwei oder drei.</translation>
    </message>
    <message>
        <source>{}: the file {} is missing from the project</source>
        <translation>{}: die Datei {} fehlt im Projekt</translation>
    </message>
    <message>
        <source>All parts are of one colour already.</source>
        <translation>Alle Teile sind schon einfarbig.</translation>
    </message>
    <message>
        <source>Another copy gains too little below</source>
        <translation>Eine Kopie mehr gewinnt zu wenig unter</translation>
    </message>
    <message>
        <source>Answer with a letter, and whatever you would like otherwise: “B, but the roof as in A”.</source>
        <translation>Antworte mit einem Buchstaben und dem, was du anders möchtest: „B, aber das Dach wie bei A“.</translation>
    </message>
    <message>
        <source>Finished {} earlier than each kind by itself.</source>
        <translation>{} früher fertig als jede Sorte für sich.</translation>
    </message>
    <message>
        <source>Free edge of the bed</source>
        <translation>Freier Rand des Betts</translation>
    </message>
    <message>
        <source>From so many copies on, one more makes each piece cheaper by less than this. From memory: 2 %.</source>
        <translation>Ab so vielen Kopien macht eine weitere jedes Stück um weniger als dies billiger. Aus der Erinnerung: 2 %.</translation>
    </message>
    <message>
        <source>How much room the head and the bar of {} need is not known. Measure it and give it to the machine.</source>
        <translation>Wie viel Raum Kopf und Balken von {} brauchen, ist nicht bekannt. Miss es und gib es der Maschine.</translation>
    </message>
    <message>
        <source>In all</source>
        <translation>Insgesamt</translation>
    </message>
    <message>
        <source>It is one body, and its colours are painted or in bands: there is nothing to put together. Cut it into parts first.</source>
        <translation>Es ist ein Körper, und seine Farben sind gemalt oder in Bändern: es gibt nichts zusammenzusetzen. Schneide es erst in Teile.</translation>
    </message>
    <message>
        <source>Its purge goes into a tower, which has to grow with all of them.</source>
        <translation>Seine Spülung geht in einen Turm, der mit allen wachsen muss.</translation>
    </message>
    <message>
        <source>Job one: the outlines</source>
        <translation>Job eins: die Umrisse</translation>
    </message>
    <message>
        <source>Job two: the piece over it</source>
        <translation>Job zwei: das Stück darüber</translation>
    </message>
    <message>
        <source>Jobs</source>
        <translation>Jobs</translation>
    </message>
    <message>
        <source>Not everything of it has room on the bed.</source>
        <translation>Nicht alles davon hat auf dem Bett Platz.</translation>
    </message>
    <message>
        <source>Nothing has changed.</source>
        <translation>Es hat sich nichts geändert.</translation>
    </message>
    <message>
        <source>Nothing on the first layer is lettering: a part of another filament that begins on the bed, is thin, and small beside the largest part.</source>
        <translation>Nichts auf der ersten Schicht ist Schrift: ein Teil in anderem Filament, das auf dem Bett beginnt, dünn ist und klein neben dem größten Teil.</translation>
    </message>
    <message>
        <source>Nothing stands closer to the edge of the bed. 0: the bed is used to its edge.</source>
        <translation>Nichts steht näher am Rand des Betts. 0: das Bett wird bis zum Rand benutzt.</translation>
    </message>
    <message>
        <source>Only {} of them have room on {}.</source>
        <translation>Nur {} davon haben auf {} Platz.</translation>
    </message>
    <message>
        <source>Plate {} runs at night. Do not leave a first print unattended; follow what your machine&apos;s maker and your local rules say.</source>
        <translation>Platte {} läuft nachts. Lass einen ersten Druck nicht unbeaufsichtigt; richte dich nach dem Hersteller deiner Maschine und örtlichen Regeln.</translation>
    </message>
    <message>
        <source>Plates</source>
        <translation>Platten</translation>
    </message>
    <message>
        <source>Print the outlines: one line, one layer of {}.</source>
        <translation>Die Umrisse drucken: eine Linie, eine Schicht von {}.</translation>
    </message>
    <message>
        <source>Same place, same machine, same bed levelling: nothing may have moved between the jobs.</source>
        <translation>Gleicher Platz, gleiche Maschine, gleiche Nivellierung: zwischen den Jobs darf sich nichts verschoben haben.</translation>
    </message>
    <message>
        <source>Since the sheet of {}</source>
        <translation>Seit dem Blatt vom {}</translation>
    </message>
    <message>
        <source>Spools</source>
        <translation>Spulen</translation>
    </message>
    <message>
        <source>Stop. Leave the piece, the build sheet and the bed as they are; do not home over the letters where your machine lets you choose.</source>
        <translation>Halten. Stück, Druckblatt und Bett lassen, wie sie sind; nicht über den Buchstaben referenzieren, wo die Maschine dir die Wahl lässt.</translation>
    </message>
    <message>
        <source>Stopped before all numbers of copies were planned.</source>
        <translation>Angehalten, bevor alle Stückzahlen geplant waren.</translation>
    </message>
    <message>
        <source>Stopped before the order was cut into plates.</source>
        <translation>Angehalten, bevor der Auftrag auf Platten verteilt war.</translation>
    </message>
    <message>
        <source>Swap the filament.</source>
        <translation>Filament tauschen.</translation>
    </message>
    <message>
        <source>Take this job&apos;s skirt and prime line off. The nozzle is hot: let the head move aside, and keep fingers out of a moving machine.</source>
        <translation>Schürze und Spülstreifen dieses Jobs entfernen. Die Düse ist heiß: lass den Kopf zur Seite fahren, und Finger weg von einer Maschine, die sich bewegt.</translation>
    </message>
    <message>
        <source>The first layer is {}, thicker than job one&apos;s {}: else the nozzle drags through the letters.</source>
        <translation>Die erste Schicht ist {}, dicker als die {} des ersten Jobs: sonst zieht die Düse durch die Buchstaben.</translation>
    </message>
    <message>
        <source>The lettering is finer than a line: no outline of it is left.</source>
        <translation>Die Schrift ist feiner als eine Linie: kein Umriss bleibt übrig.</translation>
    </message>
    <message>
        <source>The machine {} is not known.</source>
        <translation>Die Maschine {} ist nicht bekannt.</translation>
    </message>
    <message>
        <source>The order asks for {}, which the project does not have.</source>
        <translation>Der Auftrag verlangt {}, das das Projekt nicht hat.</translation>
    </message>
    <message>
        <source>The order asks for {}, which {} does not have.</source>
        <translation>Der Auftrag verlangt {}, das {} nicht hat.</translation>
    </message>
    <message>
        <source>The order is empty: add a piece.</source>
        <translation>Der Auftrag ist leer: füge ein Stück hinzu.</translation>
    </message>
    <message>
        <source>The project it was made of no longer has this job.</source>
        <translation>Das Projekt, aus dem er stammt, hat diesen Job nicht mehr.</translation>
    </message>
    <message>
        <source>The variant {}: {}</source>
        <translation>Die Variante {}: {}</translation>
    </message>
    <message>
        <source>There is only one piece on the plate.</source>
        <translation>Auf der Platte ist nur ein Stück.</translation>
    </message>
    <message>
        <source>To choose from</source>
        <translation>Zur Auswahl</translation>
    </message>
    <message>
        <source>Together they have more filaments than there are letters.</source>
        <translation>Zusammen haben sie mehr Filamente, als es Buchstaben gibt.</translation>
    </message>
    <message>
        <source>Watch the first layer: good adhesion is everything here.</source>
        <translation>Achte auf die erste Schicht: hier kommt alles auf gute Haftung an.</translation>
    </message>
    <message>
        <source>What changes colour inside</source>
        <translation>Was innen die Farbe wechselt</translation>
    </message>
    <message>
        <source>What is pinned stands closer than the {} that the head needs.</source>
        <translation>Was angeheftet ist, steht näher als die {}, die der Kopf braucht.</translation>
    </message>
    <message>
        <source>With {} between them, which the head needs, only {} of {} have room.</source>
        <translation>Mit {} dazwischen, die der Kopf braucht, haben nur {} von {} Platz.</translation>
    </message>
    <message>
        <source>You answered on {}: {}</source>
        <translation>Du hast am {} geantwortet: {}</translation>
    </message>
    <message>
        <source>as planned</source>
        <translation>wie geplant</translation>
    </message>
    <message>
        <source>changes of colour</source>
        <translation>Farbwechsel</translation>
    </message>
    <message>
        <source>colours</source>
        <translation>Farben</translation>
    </message>
    <message>
        <source>day {}, {}</source>
        <translation>Tag {}, {}</translation>
    </message>
    <message>
        <source>done</source>
        <translation>fertig</translation>
    </message>
    <message>
        <source>each kind by itself</source>
        <translation>jede Sorte für sich</translation>
    </message>
    <message>
        <source>earliest</source>
        <translation>am frühesten</translation>
    </message>
    <message>
        <source>filament</source>
        <translation>Filament</translation>
    </message>
    <message>
        <source>hours</source>
        <translation>Stunden</translation>
    </message>
    <message>
        <source>left</source>
        <translation>übrig</translation>
    </message>
    <message>
        <source>material for one</source>
        <translation>Material für eines</translation>
    </message>
    <message>
        <source>material</source>
        <translation>Material</translation>
    </message>
    <message>
        <source>money</source>
        <translation>Geld</translation>
    </message>
    <message>
        <source>needed</source>
        <translation>nötig</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>nicht bekannt</translation>
    </message>
    <message>
        <source>number</source>
        <translation>Anzahl</translation>
    </message>
    <message>
        <source>of them by hand</source>
        <translation>davon von Hand</translation>
    </message>
    <message>
        <source>of</source>
        <translation>von</translation>
    </message>
    <message>
        <source>on it</source>
        <translation>darauf</translation>
    </message>
    <message>
        <source>one piece at a time</source>
        <translation>ein Stück nach dem anderen</translation>
    </message>
    <message>
        <source>part</source>
        <translation>Teil</translation>
    </message>
    <message>
        <source>plates</source>
        <translation>Platten</translation>
    </message>
    <message>
        <source>put in</source>
        <translation>einlegen</translation>
    </message>
    <message>
        <source>runs short: {} more needed</source>
        <translation>reicht nicht: {} mehr nötig</translation>
    </message>
    <message>
        <source>start</source>
        <translation>Beginn</translation>
    </message>
    <message>
        <source>stays in</source>
        <translation>bleibt drin</translation>
    </message>
    <message>
        <source>thrown away</source>
        <translation>Abfall</translation>
    </message>
    <message>
        <source>time to print</source>
        <translation>Druckzeit</translation>
    </message>
    <message>
        <source>trips</source>
        <translation>Gänge</translation>
    </message>
    <message>
        <source>visits</source>
        <translation>Gänge</translation>
    </message>
    <message>
        <source>weight</source>
        <translation>Gewicht</translation>
    </message>
    <message>
        <source>where it goes</source>
        <translation>wohin es gehört</translation>
    </message>
    <message>
        <source>{} and {} cannot share a plate: {}.</source>
        <translation>{} und {} können nicht auf eine Platte: {}.</translation>
    </message>
    <message>
        <source>{} and {} want different beds: {} to {} and {} to {} °C</source>
        <translation>{} und {} wollen verschiedene Betten: {} bis {} und {} bis {} °C</translation>
    </message>
    <message>
        <source>{} cannot be printed: {}</source>
        <translation>{} lässt sich nicht drucken: {}</translation>
    </message>
    <message>
        <source>{} comes in</source>
        <translation>{} kommt hinein</translation>
    </message>
    <message>
        <source>{} comes in, on {}</source>
        <translation>{} kommt hinein, auf {}</translation>
    </message>
    <message>
        <source>{} differs: {} and {}</source>
        <translation>{} ist verschieden: {} und {}</translation>
    </message>
    <message>
        <source>{} fewer hours than each kind by itself ({} against {}).</source>
        <translation>{} Stunden weniger als jede Sorte für sich ({} gegen {}).</translation>
    </message>
    <message>
        <source>{} fewer visits than each kind by itself ({} against {}).</source>
        <translation>{} Gänge weniger als jede Sorte für sich ({} gegen {}).</translation>
    </message>
    <message>
        <source>{} is no longer needed</source>
        <translation>{} wird nicht mehr gebraucht</translation>
    </message>
    <message>
        <source>{} is no longer offered</source>
        <translation>{} steht nicht mehr zur Wahl</translation>
    </message>
    <message>
        <source>{} is pinned where it reaches into the free edge of the bed. Move it, or let it be arranged.</source>
        <translation>{} ist angeheftet, wo es in den freien Rand des Betts ragt. Verschiebe es, oder lass es anordnen.</translation>
    </message>
    <message>
        <source>{} is pinned where the machine wants nothing to stand. Move it, or let it be arranged.</source>
        <translation>{} ist angeheftet, wo die Maschine nichts haben will. Verschiebe es, oder lass es anordnen.</translation>
    </message>
    <message>
        <source>{} is too tall for {}.</source>
        <translation>{} ist zu hoch für {}.</translation>
    </message>
    <message>
        <source>{} is wanted by {}, before the first plate can start.</source>
        <translation>{} wird bis {} gebraucht, bevor die erste Platte beginnen kann.</translation>
    </message>
    <message>
        <source>{} is wanted by {}: say when the first plate can start.</source>
        <translation>{} wird bis {} gebraucht: sag, wann die erste Platte beginnen kann.</translation>
    </message>
    <message>
        <source>{} is {} tall, and the bar passes {} above the bed: it would hit what is finished.</source>
        <translation>{} ist {} hoch, und der Balken fährt {} über dem Bett: er stieße an, was fertig ist.</translation>
    </message>
    <message>
        <source>{} less money than each kind by itself ({} against {}, hours included).</source>
        <translation>{} weniger Geld als jede Sorte für sich ({} gegen {}, Stunden eingerechnet).</translation>
    </message>
    <message>
        <source>{} less thrown away than each kind by itself ({} against {}, what goes into the nozzle at each loading included).</source>
        <translation>{} weniger Abfall als jede Sorte für sich ({} gegen {}, das Füllen der Düse bei jeder Bestückung eingerechnet).</translation>
    </message>
    <message>
        <source>{} moves to {}</source>
        <translation>{} kommt nach {}</translation>
    </message>
    <message>
        <source>{} must be a folder below {}</source>
        <translation>{} muss ein Ordner unter {} sein</translation>
    </message>
    <message>
        <source>{} must be a time like {}</source>
        <translation>{} muss eine Zeit wie {} sein</translation>
    </message>
    <message>
        <source>{} must be lists of four lengths: x, y, width, depth</source>
        <translation>{} müssen Listen von vier Längen sein: x, y, Breite, Tiefe</translation>
    </message>
    <message>
        <source>{} must be names of machines</source>
        <translation>{} müssen Namen von Maschinen sein</translation>
    </message>
    <message>
        <source>{} must be one of waste, hours, trips, money, earliest</source>
        <translation>{} muss waste, hours, trips, money oder earliest sein</translation>
    </message>
    <message>
        <source>{} × {}, by {}</source>
        <translation>{} × {}, bis {}</translation>
    </message>
    <message>
        <source>{}, plate {} of {}</source>
        <translation>{}, Platte {} von {}</translation>
    </message>
    <message>
        <source>{}, {}, first layer {}</source>
        <translation>{}, {}, erste Schicht {}</translation>
    </message>
    <message>
        <source>{}, {}: new</source>
        <translation>{}, {}: neu</translation>
    </message>
    <message>
        <source>{}, {}: {} is gone</source>
        <translation>{}, {}: {} ist weg</translation>
    </message>
    <message>
        <source>{}, {}: {} is new, in {}</source>
        <translation>{}, {}: {} ist neu, in {}</translation>
    </message>
    <message>
        <source>{}, {}: {} is {}, was {}</source>
        <translation>{}, {}: {} ist {}, war {}</translation>
    </message>
    <message>
        <source>{}: order</source>
        <translation>{}: Auftrag</translation>
    </message>
    <message>
        <source>{}: {} of piece, {} thrown away, {} of printing. At once it would be {} thrown away and {}.</source>
        <translation>{}: {} Stück, {} Abfall, {} Druckzeit. Auf einmal wären es {} Abfall und {}.</translation>
    </message>
    <message>
        <source>☐ {}</source>
        <translation>☐ {}</translation>
    </message>
    <message numerus="yes">
        <source>{} joint to glue. Use the glue as its label says, and air the room.</source>
        <comment>{} joints to glue. Use the glue as its label says, and air the room.</comment>
        <translation>
            <numerusform>{} Fuge zu kleben. Nimm den Kleber, wie sein Etikett sagt, und lüfte.</numerusform>
            <numerusform>{} Fugen zu kleben. Nimm den Kleber, wie sein Etikett sagt, und lüfte.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} piece will be late.</source>
        <comment>{} pieces will be late.</comment>
        <translation>
            <numerusform>{} Stück wird zu spät.</numerusform>
            <numerusform>{} Stücke werden zu spät.</numerusform>
        </translation>
    </message>
    <message>
        <source>{} {}–{}</source>
        <translation>{} {}–{}</translation>
    </message>
    <message>
        <source>each of {}</source>
        <translation>je {}</translation>
    </message>
    <message>
        <source>{} of piece, {} thrown away, {}, {}</source>
        <translation>{} Stück, {} Abfall, {}, {}</translation>
    </message>
    <message>
        <source>A panel holds all its filaments in every layer: none of them can be exchanged for the rest.</source>
        <translation>Ein Leuchtbild hat alle seine Filamente in jeder Schicht: keines lässt sich für den Rest austauschen.</translation>
    </message>
    <message>
        <source>A picture has {} layers at most.</source>
        <translation>Ein Bild hat höchstens {} Schichten.</translation>
    </message>
    <message>
        <source>A printer that has lost its position may drive the nozzle into the print or the frame. Move it slowly, and be ready to switch it off.</source>
        <translation>Ein Drucker, der seine Position verloren hat, kann die Düse in den Druck oder den Rahmen fahren. Bewege sie langsam, und sei bereit, ihn auszuschalten.</translation>
    </message>
    <message>
        <source>By hand: somebody takes the plate off first. By itself: on the same bed, beside what is printed; only where head and bar have room.</source>
        <translation>Von Hand: jemand nimmt erst die Platte ab. Von selbst: auf demselben Bett, neben dem Gedruckten; nur wo Kopf und Balken Platz haben.</translation>
    </message>
    <message>
        <source>Due at night</source>
        <translation>Was nachts fällig wird</translation>
    </message>
    <message>
        <source>Filament printed is really</source>
        <translation>Filament braucht wirklich</translation>
    </message>
    <message>
        <source>From layer {0} on {1} takes the place of {2}, and {2} that of {1}.</source>
        <translation>Ab Schicht {0} tritt {1} an die Stelle von {2}, und {2} an die von {1}.</translation>
    </message>
    <message>
        <source>From line {} on the file extrudes while it climbs: there layers are not level, and a change has no layer to stand before.</source>
        <translation>Ab Zeile {} fördert die Datei im Steigen: dort sind Schichten nicht eben, und ein Wechsel hat keine Schicht, vor der er stünde.</translation>
    </message>
    <message>
        <source>From plate to plate</source>
        <translation>Von Platte zu Platte</translation>
    </message>
    <message>
        <source>Home X and Y only. Never Z where its switch lies below the print: the nozzle would run into it.</source>
        <translation>Referenziere nur X und Y. Nie Z, wo sein Schalter unter dem Druck liegt: die Düse führe hinein.</translation>
    </message>
    <message>
        <source>How long before something is due you are told, here and in the calendar. Common practice: 10 min.</source>
        <translation>So lange vorher wirst du erinnert, hier und im Kalender. Übliche Praxis: 10 min.</translation>
    </message>
    <message>
        <source>How long it takes to take a plate off and start the next one, cooling included. From memory: 10 min.</source>
        <translation>Wie lange es dauert, eine Platte abzunehmen und die nächste zu starten, mit Abkühlen. Aus der Erinnerung: 10 min.</translation>
    </message>
    <message>
        <source>It starts on {0} at {1} and is done at {2}.</source>
        <translation>Er beginnt am {0} um {1} und ist um {2} fertig.</translation>
    </message>
    <message>
        <source>Keep the printer awake: one that gets no command for a while lets go of its position. Pause it, do not stop it.</source>
        <translation>Halte den Drucker wach: bekommt er eine Weile keinen Befehl, gibt er seine Position auf. Pausieren, nicht abbrechen.</translation>
    </message>
    <message>
        <source>Layer {0} ends at {1} in the file, at {2} in the plan: the layers are not those of the plan from there on.</source>
        <translation>Schicht {0} endet in der Datei bei {1}, im Plan bei {2}: ab dort sind es nicht die Schichten des Plans.</translation>
    </message>
    <message>
        <source>Layer {0} is not there, or nothing follows it: the plan has layers 1 to {1}.</source>
        <translation>Schicht {0} gibt es nicht, oder danach kommt nichts: der Plan hat Schichten 1 bis {1}.</translation>
    </message>
    <message>
        <source>Layer {0} is not there: the plan has layers 1 to {1}.</source>
        <translation>Schicht {0} gibt es nicht: der Plan hat Schichten 1 bis {1}.</translation>
    </message>
    <message>
        <source>Lift the nozzle by hand or by command above {}, clear of the print.</source>
        <translation>Hebe die Düse von Hand oder per Befehl über {}, frei vom Druck.</translation>
    </message>
    <message>
        <source>Line {} holds a number that is none: the file may be damaged.</source>
        <translation>Zeile {} enthält eine Zahl, die keine ist: die Datei kann beschädigt sein.</translation>
    </message>
    <message>
        <source>Loaded already; but the materials are not of one kind, look at what bonds.</source>
        <translation>Schon eingelegt; aber die Materialien sind nicht von einer Art, sieh nach, was aneinander hält.</translation>
    </message>
    <message>
        <source>Loaded already; nothing has to be fetched.</source>
        <translation>Schon eingelegt; nichts muss geholt werden.</translation>
    </message>
    <message>
        <source>Lower the nozzle onto the last layer until a sheet of paper just grips, and tell the printer that this is Z {}.</source>
        <translation>Senke die Düse auf die letzte Schicht, bis ein Blatt Papier gerade klemmt, und sag dem Drucker, dass dies Z {} ist.</translation>
    </message>
    <message>
        <source>Nothing is extruded in this file: it is not a toolpath file, or not one of a printer.</source>
        <translation>In dieser Datei wird nichts gefördert: sie ist keine Druckdatei, oder keine eines Druckers.</translation>
    </message>
    <message>
        <source>Nothing was written.</source>
        <translation>Es wurde nichts geschrieben.</translation>
    </message>
    <message>
        <source>Nothing was written: at {0} the file calls tool {1} (line {2}) instead of tool {3}.</source>
        <translation>Es wurde nichts geschrieben: bei „{0}“ ruft die Datei Werkzeug {1} (Zeile {2}) statt Werkzeug {3}.</translation>
    </message>
    <message>
        <source>Nothing was written: from line {} on the file extrudes while it climbs, and has no place between layers.</source>
        <translation>Es wurde nichts geschrieben: ab Zeile {} fördert die Datei im Steigen und hat keine Stelle zwischen Schichten.</translation>
    </message>
    <message>
        <source>Nothing was written: the file changes to tool {0} before layer {1} (line {2}), and the plan does not.</source>
        <translation>Es wurde nichts geschrieben: die Datei wechselt vor Schicht {1} (Zeile {2}) zu Werkzeug {0}, der Plan nicht.</translation>
    </message>
    <message>
        <source>Nothing was written: the file prints pieces one after another, the plan all together.</source>
        <translation>Es wurde nichts geschrieben: die Datei druckt Stücke nacheinander, der Plan alle zusammen.</translation>
    </message>
    <message>
        <source>Nothing was written: the file stops before layer {0} (line {1}), and the plan does not. Have stops that are not planned turned into comments.</source>
        <translation>Es wurde nichts geschrieben: die Datei hält vor Schicht {0} (Zeile {1}), der Plan nicht. Lass ungeplante Halte zu Kommentaren werden.</translation>
    </message>
    <message>
        <source>Nothing was written: the layers of the file are not those of the plan.</source>
        <translation>Es wurde nichts geschrieben: die Schichten der Datei sind nicht die des Plans.</translation>
    </message>
    <message>
        <source>Nothing was written: what the machine writes at a change does not leave everything as it was before layer {0}: {1}.</source>
        <translation>Es wurde nichts geschrieben: was die Maschine bei einem Wechsel schreibt, lässt vor Schicht {0} nicht alles, wie es war: {1}.</translation>
    </message>
    <message>
        <source>Nothing was written: {0} is a tool change in the file (line {1}). Have tool changes turned into swaps.</source>
        <translation>Es wurde nichts geschrieben: {0} ist in der Datei ein Werkzeugwechsel (Zeile {1}). Lass Werkzeugwechsel zu Handwechseln werden.</translation>
    </message>
    <message>
        <source>Nothing was written: {0} is another tool, or stands elsewhere in the layer, in the file (line {1}).</source>
        <translation>Es wurde nichts geschrieben: {0} ist in der Datei ein anderes Werkzeug oder steht anderswo in der Schicht (Zeile {1}).</translation>
    </message>
    <message>
        <source>Nothing was written: {0} lies within layer {1}, and the file does not say where there the one filament ends. Have the other program print the bodies with a tool each, and turn the tool changes into swaps.</source>
        <translation>Es wurde nichts geschrieben: {0} liegt in Schicht {1}, und die Datei sagt nicht, wo dort das eine Filament endet. Lass das andere Programm die Körper mit je einem Werkzeug drucken, und mach aus den Werkzeugwechseln Handwechsel.</translation>
    </message>
    <message>
        <source>Nothing was written: {0} stands in the wrong place (line {1}). Have stops that are not planned turned into comments.</source>
        <translation>Es wurde nichts geschrieben: {0} steht an der falschen Stelle (Zeile {1}). Lass ungeplante Halte zu Kommentaren werden.</translation>
    </message>
    <message>
        <source>Nothing was written: {0} stands in the wrong place (line {1}). Which lines a tool prints is settled by the program that made the file.</source>
        <translation>Es wurde nichts geschrieben: {0} steht an der falschen Stelle (Zeile {1}). Welche Linien ein Werkzeug druckt, entscheidet das Programm, das die Datei gemacht hat.</translation>
    </message>
    <message>
        <source>Nothing was written: {} is missing, and another nozzle takes over there. Which lines a tool prints is settled by the program that made the file.</source>
        <translation>Es wurde nichts geschrieben: {} fehlt, und dort übernimmt eine andere Düse. Welche Linien ein Werkzeug druckt, entscheidet das Programm, das die Datei gemacht hat.</translation>
    </message>
    <message>
        <source>Nothing was written: {} is missing. Which lines a tool prints is settled by the program that made the file.</source>
        <translation>Es wurde nichts geschrieben: {} fehlt. Welche Linien ein Werkzeug druckt, entscheidet das Programm, das die Datei gemacht hat.</translation>
    </message>
    <message>
        <source>Notice before a visit</source>
        <translation>Erinnerung vor einem Gang</translation>
    </message>
    <message>
        <source>Nozzle and bed are hot, over 200 °C and up to 110 °C: keep hands and sleeves out of a machine that may move.</source>
        <translation>Düse und Bett sind heiß, über 200 °C und bis zu 110 °C: Hände und Ärmel weg von einer Maschine, die sich bewegen kann.</translation>
    </message>
    <message>
        <source>Printing time is really</source>
        <translation>Druckzeit ist wirklich</translation>
    </message>
    <message>
        <source>Push a little filament through, clear of the print, until it comes evenly, and wipe it off with tweezers, not with fingers.</source>
        <translation>Drücke etwas Filament heraus, frei vom Druck, bis es gleichmäßig kommt, und nimm es mit einer Pinzette ab, nicht mit den Fingern.</translation>
    </message>
    <message>
        <source>Read again, a change of the rest does not stand before layer {}. The file that was printed did not have it there either.</source>
        <translation>Noch einmal gelesen, steht ein Wechsel des Rests nicht vor Schicht {}. Auch die gedruckte Datei hatte ihn dort nicht.</translation>
    </message>
    <message>
        <source>Read again, layer {0} of the rest extrudes {1} of filament instead of {2}.</source>
        <translation>Noch einmal gelesen, fördert Schicht {0} des Rests {1} Filament statt {2}.</translation>
    </message>
    <message>
        <source>Read again, the file has {0} layers instead of {1}: what the machine writes at a swap moves or extrudes where it must not.</source>
        <translation>Noch einmal gelesen, hat die Datei {0} Schichten statt {1}: was die Maschine bei einem Wechsel schreibt, bewegt oder fördert, wo es nicht darf.</translation>
    </message>
    <message>
        <source>Read again, the file stops in line {}, where the plan does not: the machine&apos;s words for a swap stop more than once.</source>
        <translation>Noch einmal gelesen, hält die Datei in Zeile {}, wo der Plan es nicht tut: die Worte der Maschine für einen Wechsel halten mehr als einmal.</translation>
    </message>
    <message>
        <source>Read again, the heights of the rest are not those of the new plan.</source>
        <translation>Noch einmal gelesen, sind die Höhen des Rests nicht die des neuen Plans.</translation>
    </message>
    <message>
        <source>Read again, the rest has {0} layers instead of {1}.</source>
        <translation>Noch einmal gelesen, hat der Rest {0} Schichten statt {1}.</translation>
    </message>
    <message>
        <source>Read again, {0} does not stand before layer {1}: the machine&apos;s words for it do not stop a print.</source>
        <translation>Noch einmal gelesen, steht {0} nicht vor Schicht {1}: die Worte der Maschine dafür halten keinen Druck an.</translation>
    </message>
    <message>
        <source>Save the plan that was running first, under another name.</source>
        <translation>Speichere zuerst den laufenden Plan, unter anderem Namen.</translation>
    </message>
    <message>
        <source>Say how many layers more are to be printed, or the height that was measured.</source>
        <translation>Sag, wie viele Schichten mehr gedruckt werden sollen, oder welche Höhe gemessen wurde.</translation>
    </message>
    <message>
        <source>Say which filament it is about.</source>
        <translation>Sag, um welches Filament es geht.</translation>
    </message>
    <message>
        <source>So often in a row, each time as planned. Pieces one after another are a plate of one, printed so many times.</source>
        <translation>So oft hintereinander, jedes Mal wie geplant. Stücke nacheinander sind eine Platte mit einem, so oft gedruckt.</translation>
    </message>
    <message>
        <source>Stay for the first two layers, with a finger on the switch.</source>
        <translation>Bleib für die ersten zwei Schichten da, den Finger am Schalter.</translation>
    </message>
    <message>
        <source>Stopped.</source>
        <translation>Angehalten.</translation>
    </message>
    <message>
        <source>That is the file itself, and it stays as it is. Choose another name.</source>
        <translation>Das ist die Datei selbst, und sie bleibt, wie sie ist. Wähle einen anderen Namen.</translation>
    </message>
    <message>
        <source>That would be {} layers, more than Vitrail plans.</source>
        <translation>Das wären {} Schichten, mehr als Vitrail plant.</translation>
    </message>
    <message>
        <source>The bed has cooled: see that the piece still sits. If it has come loose nothing below can be trusted, and it has to be printed again.</source>
        <translation>Das Bett ist abgekühlt: sieh nach, ob das Stück noch sitzt. Hat es sich gelöst, ist auf nichts darunter Verlass, und es muss neu gedruckt werden.</translation>
    </message>
    <message>
        <source>The change from {0} to {1} is before layer {2} now, not {3}.</source>
        <translation>Der Wechsel von {0} auf {1} ist jetzt vor Schicht {2}, nicht {3}.</translation>
    </message>
    <message>
        <source>The change from {0} to {1}</source>
        <translation>Der Wechsel von {0} auf {1}</translation>
    </message>
    <message>
        <source>The file begins with tool {0} (line {1}), the plan with {2}, which is tool {3}.</source>
        <translation>Die Datei beginnt mit Werkzeug {0} (Zeile {1}), der Plan mit {2}, das ist Werkzeug {3}.</translation>
    </message>
    <message>
        <source>The file begins with tool {0}, the plan with {1}, which is tool {2}.</source>
        <translation>Die Datei beginnt mit Werkzeug {0}, der Plan mit {1}, das ist Werkzeug {2}.</translation>
    </message>
    <message>
        <source>The file begins {} times at the bed: it prints pieces one after another, the plan all together. Only the first of them is compared.</source>
        <translation>Die Datei beginnt {}-mal am Bett: sie druckt Stücke nacheinander, der Plan alle zusammen. Verglichen wird nur das erste.</translation>
    </message>
    <message>
        <source>The file changes to tool {0} before layer {1} (line {2}); the plan does not.</source>
        <translation>Die Datei wechselt vor Schicht {1} (Zeile {2}) zu Werkzeug {0}; der Plan nicht.</translation>
    </message>
    <message>
        <source>The file extrudes nothing: is it a toolpath file?</source>
        <translation>Die Datei fördert nichts: ist sie eine Druckdatei?</translation>
    </message>
    <message>
        <source>The file extrudes {0}, the plan expects {1}: infill, walls or support are set otherwise.</source>
        <translation>Die Datei fördert {0}, der Plan erwartet {1}: Füllung, Wände oder Stützen sind anders eingestellt.</translation>
    </message>
    <message>
        <source>The file has changed since it was read. Read it again.</source>
        <translation>Die Datei hat sich geändert, seit sie gelesen wurde. Lies sie neu.</translation>
    </message>
    <message>
        <source>The file has {0} layers, the plan {1}.</source>
        <translation>Die Datei hat {0} Schichten, der Plan {1}.</translation>
    </message>
    <message>
        <source>The file has {0} layers, the plan {1}: it is not the one that was printed.</source>
        <translation>Die Datei hat {0} Schichten, der Plan {1}: es ist nicht die gedruckte.</translation>
    </message>
    <message>
        <source>The file stops before layer {0} (line {1}: {2}); the plan does not.</source>
        <translation>Die Datei hält vor Schicht {0} (Zeile {1}: {2}); der Plan nicht.</translation>
    </message>
    <message>
        <source>The file&apos;s lines take {0}, the plan expects {1}.</source>
        <translation>Die Linien der Datei dauern {0}, der Plan erwartet {1}.</translation>
    </message>
    <message>
        <source>The first layer is {0} in the file, {1} in the plan: every change would stand at another height.</source>
        <translation>Die erste Schicht ist in der Datei {0}, im Plan {1}: jeder Wechsel läge auf anderer Höhe.</translation>
    </message>
    <message>
        <source>The lifted piece has {0} layers instead of {1}: it cannot be lifted there.</source>
        <translation>Das angehobene Stück hat {0} Schichten statt {1}: dort lässt es sich nicht anheben.</translation>
    </message>
    <message>
        <source>The next one begins</source>
        <translation>Der nächste beginnt</translation>
    </message>
    <message>
        <source>The pause to put {} in</source>
        <translation>Die Pause, um {} einzulegen</translation>
    </message>
    <message>
        <source>The plate is printed</source>
        <translation>Die Platte ist gedruckt</translation>
    </message>
    <message>
        <source>The rest cannot be cut out: the file does not print layer after layer.</source>
        <translation>Der Rest lässt sich nicht herausschneiden: die Datei druckt nicht Schicht für Schicht.</translation>
    </message>
    <message>
        <source>The runs that were kept are of a newer version.</source>
        <translation>Die aufbewahrten Läufe sind von einer neueren Version.</translation>
    </message>
    <message>
        <source>The swap from {0} to {1}</source>
        <translation>Der Handwechsel von {0} auf {1}</translation>
    </message>
    <message>
        <source>This is not a toolpath file: it is not text. Save it as plain G-code.</source>
        <translation>Das ist keine Druckdatei: sie ist kein Text. Speichere sie als einfachen G-Code.</translation>
    </message>
    <message>
        <source>What becomes of a visit that can only be made at night: somebody gets up for it, or the printer stands still until morning. Standing for hours, a nozzle oozes, a bed may let go of the piece, and many printers let go of their position.</source>
        <translation>Was aus einem Gang wird, der nur nachts möglich ist: jemand steht dafür auf, oder der Drucker steht bis zum Morgen. Steht er Stunden, tropft die Düse, das Stück kann sich vom Bett lösen, und viele Drucker geben ihre Position auf.</translation>
    </message>
    <message>
        <source>What follows lies {0} {1} than the new plan says: the rest of the file is written for the heights that are really there.</source>
        <translation>Was folgt, liegt {0} {1}, als der neue Plan sagt: der Rest der Datei wird für die wirklichen Höhen geschrieben.</translation>
    </message>
    <message>
        <source>What is printed by now is lost; everything else is as planned.</source>
        <translation>Was bis jetzt gedruckt ist, ist verloren; alles andere wie geplant.</translation>
    </message>
    <message>
        <source>What the estimate of the grams of piece and support is multiplied by, for this print. 1: the estimate as it is.</source>
        <translation>Womit die Schätzung der Gramm von Stück und Stützen für diesen Druck malgenommen wird. 1: die Schätzung, wie sie ist.</translation>
    </message>
    <message>
        <source>What the estimate of the lines&apos; time is multiplied by, for this print: what the toolpath file says, or what a print has taken. 1: the estimate as it is.</source>
        <translation>Womit die Schätzung der Zeit der Linien für diesen Druck malgenommen wird: was die Druckdatei sagt, oder was ein Druck gebraucht hat. 1: die Schätzung, wie sie ist.</translation>
    </message>
    <message>
        <source>What was meant and what was printed is the same filament, {}.</source>
        <translation>Was gemeint war und was gedruckt wurde, ist dasselbe Filament, {}.</translation>
    </message>
    <message>
        <source>Whole layers do not make up for all of it: the piece ends {0} {1} than planned.</source>
        <translation>Ganze Schichten gleichen nicht alles aus: das Stück endet {0} {1} als geplant.</translation>
    </message>
    <message>
        <source>any time in layers {} to {}</source>
        <translation>jederzeit in Schichten {} bis {}</translation>
    </message>
    <message>
        <source>by hand</source>
        <translation>von Hand</translation>
    </message>
    <message>
        <source>by itself</source>
        <translation>von selbst</translation>
    </message>
    <message>
        <source>come</source>
        <translation>kommen</translation>
    </message>
    <message>
        <source>done: take it off once the bed is cool</source>
        <translation>fertig: abnehmen, wenn das Bett kühl ist</translation>
    </message>
    <message>
        <source>exchange both for the rest</source>
        <translation>beide für den Rest tauschen</translation>
    </message>
    <message>
        <source>higher</source>
        <translation>höher</translation>
    </message>
    <message>
        <source>it leaves the file counting otherwise (G90, G91, M82, M83, G20 or G21)</source>
        <translation>es lässt die Datei anders zählen (G90, G91, M82, M83, G20 oder G21)</translation>
    </message>
    <message>
        <source>layer {0}, line {1}</source>
        <translation>Schicht {0}, Zeile {1}</translation>
    </message>
    <message>
        <source>live with it</source>
        <translation>damit leben</translation>
    </message>
    <message>
        <source>lower</source>
        <translation>tiefer</translation>
    </message>
    <message>
        <source>move what follows up</source>
        <translation>das Folgende nach oben schieben</translation>
    </message>
    <message>
        <source>printed {} times in a row</source>
        <translation>{}-mal hintereinander gedruckt</translation>
    </message>
    <message>
        <source>printed {} times, one after another on the same bed</source>
        <translation>{}-mal gedruckt, nacheinander auf demselben Bett</translation>
    </message>
    <message>
        <source>start again</source>
        <translation>neu beginnen</translation>
    </message>
    <message>
        <source>take plate {0} off once the bed is cool, start plate {1}</source>
        <translation>Platte {0} abnehmen, wenn das Bett kühl ist, Platte {1} starten</translation>
    </message>
    <message>
        <source>the change from {0} to {1}</source>
        <translation>der Wechsel von {0} auf {1}</translation>
    </message>
    <message>
        <source>the pause to put {} in</source>
        <translation>die Pause, um {} einzulegen</translation>
    </message>
    <message>
        <source>the printer waits in layer {}</source>
        <translation>der Drucker wartet in Schicht {}</translation>
    </message>
    <message>
        <source>the whole file</source>
        <translation>die ganze Datei</translation>
    </message>
    <message>
        <source>wait</source>
        <translation>warten</translation>
    </message>
    <message>
        <source>{0} instead of {1} from layer {2} on</source>
        <translation>{0} statt {1} ab Schicht {2}</translation>
    </message>
    <message>
        <source>{0} into {1}: {2}</source>
        <translation>{0} in {1}: {2}</translation>
    </message>
    <message>
        <source>{0} is a tool change in the file (line {1}), and the machine has nobody to make it but you: write the plan&apos;s pauses in its place.</source>
        <translation>{0} ist in der Datei ein Werkzeugwechsel (Zeile {1}), und die Maschine hat niemanden dafür als dich: schreibe an seine Stelle die Pausen des Plans.</translation>
    </message>
    <message>
        <source>{0} is missing: nothing stops between layers {1} and {2} (lines {3} to {4}).</source>
        <translation>{0} fehlt: zwischen Schicht {1} und {2} hält nichts (Zeilen {3} bis {4}).</translation>
    </message>
    <message>
        <source>{0} is missing: nothing stops within layer {1} (lines {2} to {3}).</source>
        <translation>{0} fehlt: in Schicht {1} hält nichts (Zeilen {2} bis {3}).</translation>
    </message>
    <message>
        <source>{0} is not needed from layer {1} on: the print goes on as planned.</source>
        <translation>{0} ist ab Schicht {1} nicht nötig: der Druck geht weiter wie geplant.</translation>
    </message>
    <message>
        <source>{0} is one layer early: one off. It stands before layer {1} in the file (line {2}), before layer {3} in the plan; layer {1} would be printed in {4}.</source>
        <translation>{0} kommt eine Schicht zu früh. In der Datei steht er vor Schicht {1} (Zeile {2}), im Plan vor Schicht {3}; Schicht {1} würde in {4} gedruckt.</translation>
    </message>
    <message>
        <source>{0} is one layer late: one off. It stands before layer {1} in the file (line {2}), before layer {3} in the plan; layer {3} would be printed in {4}.</source>
        <translation>{0} kommt eine Schicht zu spät. In der Datei steht er vor Schicht {1} (Zeile {2}), im Plan vor Schicht {3}; Schicht {3} würde in {4} gedruckt.</translation>
    </message>
    <message>
        <source>{0} is {1} layers early. It stands before layer {2} in the file (line {3}), before layer {4} in the plan.</source>
        <translation>{0} kommt {1} Schichten zu früh. In der Datei steht er vor Schicht {2} (Zeile {3}), im Plan vor Schicht {4}.</translation>
    </message>
    <message>
        <source>{0} is {1} layers late. It stands before layer {2} in the file (line {3}), before layer {4} in the plan.</source>
        <translation>{0} kommt {1} Schichten zu spät. In der Datei steht er vor Schicht {2} (Zeile {3}), im Plan vor Schicht {4}.</translation>
    </message>
    <message>
        <source>{0} out of {1}, {2} in: {3}</source>
        <translation>{0} aus {1}, {2} hinein: {3}</translation>
    </message>
    <message>
        <source>{0} out, {1} in on {2}, before layer {3}</source>
        <translation>{0} heraus, {1} hinein auf {2}, vor Schicht {3}</translation>
    </message>
    <message>
        <source>{0} stands before layer {1} (line {2}), the plan prints part of that layer first.</source>
        <translation>{0} steht vor Schicht {1} (Zeile {2}), der Plan druckt erst einen Teil dieser Schicht.</translation>
    </message>
    <message>
        <source>{0} stands within layer {1} (line {2}) instead of before it: part of the layer would be printed in {3}.</source>
        <translation>{0} steht in Schicht {1} (Zeile {2}) statt davor: ein Teil der Schicht würde in {3} gedruckt.</translation>
    </message>
    <message>
        <source>{0} were measured where {1} were planned: that is no layer gone wrong. Measure again, from the bed.</source>
        <translation>{0} wurden gemessen, wo {1} geplant waren: das ist keine missratene Schicht. Miss noch einmal, vom Bett aus.</translation>
    </message>
    <message>
        <source>{0}: the file calls tool {1} (line {2}), {3} is tool {4}.</source>
        <translation>{0}: die Datei ruft Werkzeug {1} (Zeile {2}), {3} ist Werkzeug {4}.</translation>
    </message>
    <message>
        <source>{0}: the nozzle takes over in the file (line {1}), and does not wait for you to exchange its spool: write the plan&apos;s pauses into the file.</source>
        <translation>{0}: in der Datei übernimmt die Düse (Zeile {1}) und wartet nicht, bis du ihre Spule getauscht hast: schreibe die Pausen des Plans in die Datei.</translation>
    </message>
    <message>
        <source>{} is no event</source>
        <translation>{} ist kein Ereignis</translation>
    </message>
    <message>
        <source>{} is painted on: a patch cannot change its filament half-way up.</source>
        <translation>{} ist aufgemalt: ein Fleck kann sein Filament nicht auf halber Höhe wechseln.</translation>
    </message>
    <message>
        <source>{} must be one of swap, refill, pause, take-off</source>
        <translation>{} muss swap, refill, pause oder take-off sein</translation>
    </message>
    <message>
        <source>{} must be seconds in order</source>
        <translation>{} müssen Sekunden der Reihe nach sein</translation>
    </message>
    <message>
        <source>{} must not be empty</source>
        <translation>{} darf nicht leer sein</translation>
    </message>
    <message>
        <source>{} were measured, as planned: there is nothing to make up for.</source>
        <translation>{} wurden gemessen, wie geplant: es ist nichts auszugleichen.</translation>
    </message>
    <message>
        <source>{}, {} to {}</source>
        <translation>{}, {} bis {}</translation>
    </message>
    <message numerus="yes">
        <source>{0} layer more of {1} below, every later change moved up by as many: each band stays as thick as it was meant.</source>
        <comment>{0} layers more of {1} below, every later change moved up by as many: each band stays as thick as it was meant.</comment>
        <translation>
            <numerusform>{0} Schicht mehr in {1} darunter, jeder spätere Wechsel um ebenso viele nach oben: jedes Band bleibt so dick, wie es gemeint war.</numerusform>
            <numerusform>{0} Schichten mehr in {1} darunter, jeder spätere Wechsel um ebenso viele nach oben: jedes Band bleibt so dick, wie es gemeint war.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{0} layer stays in {1}; from layer {2} on as planned.</source>
        <comment>{0} layers stay in {1}; from layer {2} on as planned.</comment>
        <translation>
            <numerusform>{0} Schicht bleibt in {1}; ab Schicht {2} wie geplant.</numerusform>
            <numerusform>{0} Schichten bleiben in {1}; ab Schicht {2} wie geplant.</numerusform>
        </translation>
    </message>
    <message>
        <source>Read again, layer {0} is another one: {1} of filament at {2} instead of {3} at {4}. What the machine writes at a swap must leave the nozzle, the filament and the ways of counting as they were.</source>
        <translation>Noch einmal gelesen, ist Schicht {0} eine andere: {1} Filament bei {2} statt {3} bei {4}. Was die Maschine bei einem Wechsel schreibt, muss Düse, Filament und Zählweise lassen, wie sie waren.</translation>
    </message>
    <message>
        <source>it leaves another speed; let it end with G1, F and the speed as it was</source>
        <translation>es hinterlässt ein anderes Tempo; lass es mit G1, F und dem Tempo enden, wie es war</translation>
    </message>
    <message>
        <source>it leaves the filament&apos;s count at {0} instead of {1}; let it end with G92, E and the count as it was</source>
        <translation>es hinterlässt die Zählung des Filaments bei {0} statt {1}; lass es mit G92, E und der Zählung enden, wie sie war</translation>
    </message>
    <message>
        <source>it leaves the nozzle at another place; let it come back to where it was</source>
        <translation>es lässt die Düse an einer anderen Stelle; lass sie dahin zurückkehren, wo sie war</translation>
    </message>
    <message>
        <source>Lay {0} of it out, one after another, so far apart that neither head nor bar meets what is printed. Check it on your machine before the first time, and stay with it.</source>
        <translation>Lege {0} davon aus, nacheinander, so weit auseinander, dass weder Kopf noch Balken an Gedrucktes stößt. Prüfe es vor dem ersten Mal an deiner Maschine, und bleib dabei.</translation>
    </message>
    <message>
        <source>Lay {0} of it out, one after another: {1} free around each, the nearest to the front first, so that neither head nor bar meets what is printed. Check it on your machine before the first time, and stay with it.</source>
        <translation>Lege {0} davon aus, nacheinander: {1} frei um jedes, das vorderste zuerst, damit weder Kopf noch Balken an Gedrucktes stößt. Prüfe es vor dem ersten Mal an deiner Maschine, und bleib dabei.</translation>
    </message>
    <message>
        <source>all {} in a row</source>
        <translation>alle {} hintereinander</translation>
    </message>
    <message>
        <source>{} takes {} g for each of {} plates in a row and {} hold {} g: it runs out in plate {}. Put another spool ready, or print fewer.</source>
        <translation>{} braucht {} g für jede von {} Platten hintereinander, und {} haben {} g: es geht auf Platte {} aus. Lege eine weitere Spule bereit, oder drucke weniger.</translation>
    </message>
    <message>
        <source>{} takes {} g for each of {} plates in a row and {} holds {} g: it runs out in plate {}. Put another spool ready, or print fewer.</source>
        <translation>{} braucht {} g für jede von {} Platten hintereinander, und {} hat {} g: es geht auf Platte {} aus. Lege eine weitere Spule bereit, oder drucke weniger.</translation>
    </message>
    <message>
        <source>A logbook has {} prints at most.</source>
        <translation>Ein Logbuch hat höchstens {} Drucke.</translation>
    </message>
    <message>
        <source>A picture&apos;s layers are all equally high: its colours come from that.</source>
        <translation>Die Schichten eines Bildes sind alle gleich hoch: daher kommen seine Farben.</translation>
    </message>
    <message>
        <source>At {} two heights of layers are asked for.</source>
        <translation>Bei {} sind zwei Schichthöhen verlangt.</translation>
    </message>
    <message>
        <source>From {0} to {1} there are no layers.</source>
        <translation>Von {0} bis {1} gibt es keine Schichten.</translation>
    </message>
    <message>
        <source>Layers are {0} to {1} high, not {2}.</source>
        <translation>Schichten sind {0} bis {1} hoch, nicht {2}.</translation>
    </message>
    <message>
        <source>Layers {0} to {1} are {2} high, outside the usual 25 to 75 % of a {3} nozzle ({4} to {5}).</source>
        <translation>Schichten {0} bis {1} sind {2} hoch, außerhalb der üblichen 25 bis 75 % einer Düse von {3} ({4} bis {5}).</translation>
    </message>
    <message>
        <source>Layers {0} to {1}, from {2} to {3}, are {4} high.</source>
        <translation>Schichten {0} bis {1}, von {2} bis {3}, sind {4} hoch.</translation>
    </message>
    <message>
        <source>The layers of the file are not those of the plan, so it cannot be rehearsed.</source>
        <translation>Die Schichten der Datei sind nicht die des Plans, also lässt sie sich nicht proben.</translation>
    </message>
    <message>
        <source>The logbook could not be read ({}).</source>
        <translation>Das Logbuch ließ sich nicht lesen ({}).</translation>
    </message>
    <message>
        <source>The logbook was not changed ({}).</source>
        <translation>Das Logbuch wurde nicht geändert ({}).</translation>
    </message>
    <message>
        <source>The setting {0} is {1}; it takes heights of layers with from where to where, such as {2}.</source>
        <translation>Die Einstellung {0} ist {1}; sie nimmt Schichthöhen mit von und bis, etwa {2}.</translation>
    </message>
    <message>
        <source>There is no photograph {} of this print.</source>
        <translation>Dieser Druck hat kein Foto {}.</translation>
    </message>
    <message>
        <source>There is no print in this list.</source>
        <translation>In dieser Liste ist kein Druck.</translation>
    </message>
    <message>
        <source>This is no logbook, or one of a newer version.</source>
        <translation>Das ist kein Logbuch, oder eines einer neueren Version.</translation>
    </message>
    <message>
        <source>a body misplaced, a gap or an overlap</source>
        <translation>ein Körper am falschen Platz, ein Spalt oder eine Überschneidung</translation>
    </message>
    <message>
        <source>a colour that did not come out clean</source>
        <translation>eine Farbe, die nicht sauber kam</translation>
    </message>
    <message>
        <source>a jam in nozzle or feeder</source>
        <translation>Düse oder Feeder verstopft</translation>
    </message>
    <message>
        <source>a layer shift, or the bed was not seated</source>
        <translation>eine Schicht versetzt, oder das Bett saß nicht</translation>
    </message>
    <message>
        <source>a spool ran out</source>
        <translation>eine Spule ging aus</translation>
    </message>
    <message>
        <source>a spool that was something else than filed</source>
        <translation>eine Spule, die etwas anderes war als gedacht</translation>
    </message>
    <message>
        <source>a swap missed, or at night</source>
        <translation>ein Handwechsel verpasst oder nachts</translation>
    </message>
    <message>
        <source>a swap one layer off</source>
        <translation>ein Wechsel eine Schicht daneben</translation>
    </message>
    <message>
        <source>a thin part snapped off with the support</source>
        <translation>ein dünnes Teil brach mit der Stütze ab</translation>
    </message>
    <message>
        <source>an interface that bonded, or was left out</source>
        <translation>eine Trennschicht, die hielt oder fehlte</translation>
    </message>
    <message>
        <source>another first layer than planned</source>
        <translation>eine andere erste Schicht als geplant</translation>
    </message>
    <message>
        <source>cleaning up</source>
        <translation>Nacharbeit</translation>
    </message>
    <message>
        <source>damp filament</source>
        <translation>feuchtes Filament</translation>
    </message>
    <message>
        <source>feeder changes</source>
        <translation>Feeder-Wechsel</translation>
    </message>
    <message>
        <source>it came off the bed</source>
        <translation>es löste sich vom Bett</translation>
    </message>
    <message>
        <source>materials that do not bond</source>
        <translation>Materialien, die nicht halten</translation>
    </message>
    <message>
        <source>more colours than slots, and nobody there</source>
        <translation>mehr Farben als Slots, und niemand da</translation>
    </message>
    <message>
        <source>soaking</source>
        <translation>Einweichen</translation>
    </message>
    <message>
        <source>something else</source>
        <translation>etwas anderes</translation>
    </message>
    <message>
        <source>strokes too fine for the nozzle</source>
        <translation>Striche zu fein für die Düse</translation>
    </message>
    <message>
        <source>the tower fell, or hairs of another colour</source>
        <translation>der Turm fiel um, oder Fäden anderer Farbe</translation>
    </message>
    <message>
        <source>the wrong nozzle</source>
        <translation>die falsche Düse</translation>
    </message>
    <message>
        <source>tool changes</source>
        <translation>Werkzeugwechsel</translation>
    </message>
    <message>
        <source>waiting</source>
        <translation>Warten</translation>
    </message>
    <message>
        <source>{0}: the id {1} stands twice</source>
        <translation>{0}: die Kennung {1} kommt zweimal vor</translation>
    </message>
    <message>
        <source>{0}: {1} is {2}, which is no number</source>
        <translation>{0}: {1} ist {2}, und das ist keine Zahl</translation>
    </message>
    <message>
        <source>{0}: {1} is {2}, which is no time like 2026-12-05T18:30:00Z</source>
        <translation>{0}: {1} ist {2}, und das ist keine Zeit wie 2026-12-05T18:30:00Z</translation>
    </message>
    <message>
        <source>{} must be one of good, usable, failed</source>
        <translation>{} muss good, usable oder failed sein</translation>
    </message>
    <message>
        <source>{}: the start is missing</source>
        <translation>{}: der Beginn fehlt</translation>
    </message>
    <message numerus="yes">
        <source>Print {0} layer more of {1}, {3} high, from {2} up.</source>
        <comment>Print {0} layers more of {1}, each {3} high, from {2} up.</comment>
        <translation>
            <numerusform>Drucke {0} Schicht mehr in {1}, {3} hoch, ab {2}.</numerusform>
            <numerusform>Drucke {0} Schichten mehr in {1}, je {3} hoch, ab {2}.</numerusform>
        </translation>
    </message>
    <message>
        <source>In the piece that is printed as number {}:</source>
        <translation>Im Stück, das als Nummer {} gedruckt wird:</translation>
    </message>
    <message>
        <source>Some layers have heights of their own, and a picture&apos;s colours come from layers that are all alike.</source>
        <translation>Manche Schichten haben eigene Höhen, und die Farben eines Bildes kommen von lauter gleichen Schichten.</translation>
    </message>
    <message>
        <source>layers of one height</source>
        <translation>Schichten einer Höhe</translation>
    </message>
    <message>
        <source>hours, by the logbook</source>
        <translation>Stunden, nach dem Logbuch</translation>
    </message>
    <message>
        <source>piece, by the logbook</source>
        <translation>Stück, nach dem Logbuch</translation>
    </message>
    <message>
        <source>purge, by the logbook</source>
        <translation>Spülung, nach dem Logbuch</translation>
    </message>
    <message>
        <source>tower, by the logbook</source>
        <translation>Turm, nach dem Logbuch</translation>
    </message>
    <message numerus="yes">
        <source>{1} to {2} with 80 %, from {0} print</source>
        <comment>{1} to {2} with 80 %, from {0} prints</comment>
        <translation>
            <numerusform>{1} bis {2} mit 80 %, aus {0} Druck</numerusform>
            <numerusform>{1} bis {2} mit 80 %, aus {0} Drucken</numerusform>
        </translation>
    </message>
    <message>
        <source>Begun {0}, done {1}</source>
        <translation>Begonnen {0}, fertig {1}</translation>
    </message>
    <message>
        <source>Begun {}</source>
        <translation>Begonnen {}</translation>
    </message>
    <message>
        <source>Failed in layer {}</source>
        <translation>Misslungen in Schicht {}</translation>
    </message>
    <message>
        <source>Failed</source>
        <translation>Misslungen</translation>
    </message>
    <message>
        <source>Filaments</source>
        <translation>Filamente</translation>
    </message>
    <message>
        <source>Foretold and real</source>
        <translation>Vorhergesagt und wirklich</translation>
    </message>
    <message>
        <source>How they came out</source>
        <translation>Wie sie gelungen sind</translation>
    </message>
    <message>
        <source>It came out good</source>
        <translation>Gut gelungen</translation>
    </message>
    <message>
        <source>It came out usable</source>
        <translation>Brauchbar</translation>
    </message>
    <message>
        <source>Machine: {}</source>
        <translation>Maschine: {}</translation>
    </message>
    <message>
        <source>Most over it was {0}, by {1}.</source>
        <translation>Am weitesten darüber lag {0}, um {1}.</translation>
    </message>
    <message>
        <source>None of {0} with the washout as measured bled: with 95 % fewer than {1} % will. If that is better than you need, ask for a higher ΔE.</source>
        <translation>Von {0} mit gemessener Ausspülung verfärbte sich keiner: mit 95 % tun es weniger als {1} %. Ist das besser als nötig, verlange ein höheres ΔE.</translation>
    </message>
    <message>
        <source>None of {0} with volumes by the book bled: with 95 % fewer than {1} % will. A calibration strip says how much less would do.</source>
        <translation>Von {0} mit Volumen nach Vorgabe verfärbte sich keiner: mit 95 % tun es weniger als {1} %. Ein Kalibrierstreifen sagt, mit wie viel weniger es ginge.</translation>
    </message>
    <message>
        <source>Notes</source>
        <translation>Notizen</translation>
    </message>
    <message>
        <source>Purge weighs {0} times what was foretold, pieces only {1} times: a change takes {2} % more than its volume says. Weigh what a single change throws out; the feeder may add some of its own.</source>
        <translation>Spülung wiegt das {0}-Fache der Vorhersage, Stücke nur das {1}-Fache: ein Wechsel braucht {2} % mehr, als sein Volumen sagt. Wiege, was ein einzelner Wechsel auswirft; der Feeder gibt vielleicht etwas dazu.</translation>
    </message>
    <message>
        <source>Purge weighs {0} times what was foretold, pieces {1} times: a change takes {2} % less than its volume says.</source>
        <translation>Spülung wiegt das {0}-Fache der Vorhersage, Stücke das {1}-Fache: ein Wechsel braucht {2} % weniger, als sein Volumen sagt.</translation>
    </message>
    <message>
        <source>Purge weighs {0} times what was foretold, pieces {1} times: to within {2} % the volumes hold.</source>
        <translation>Spülung wiegt das {0}-Fache der Vorhersage, Stücke das {1}-Fache: auf {2} % genau stimmen die Volumen.</translation>
    </message>
    <message>
        <source>Settings</source>
        <translation>Einstellungen</translation>
    </message>
    <message>
        <source>Support that is broken off takes {} min of cleaning per cm² of contact.</source>
        <translation>Abgebrochene Stützen kosten {} min Nacharbeit je cm² Kontakt.</translation>
    </message>
    <message>
        <source>Support that is dissolved takes {} min of cleaning per cm² of contact.</source>
        <translation>Aufgelöste Stützen kosten {} min Nacharbeit je cm² Kontakt.</translation>
    </message>
    <message>
        <source>Support that is peeled off takes {} min of cleaning per cm² of contact.</source>
        <translation>Abgezogene Stützen kosten {} min Nacharbeit je cm² Kontakt.</translation>
    </message>
    <message>
        <source>Support: {}</source>
        <translation>Stützen: {}</translation>
    </message>
    <message>
        <source>The photograph could not be made smaller.</source>
        <translation>Das Foto ließ sich nicht verkleinern.</translation>
    </message>
    <message>
        <source>There is no difference between them that is kept.</source>
        <translation>Zwischen ihnen ist kein Unterschied vermerkt.</translation>
    </message>
    <message>
        <source>Towers took {0}; {1} were foretold.</source>
        <translation>Türme brauchten {0}; vorhergesagt waren {1}.</translation>
    </message>
    <message>
        <source>What proposals saved</source>
        <translation>Was Vorschläge gespart haben</translation>
    </message>
    <message>
        <source>What they were made of</source>
        <translation>Woraus sie gemacht waren</translation>
    </message>
    <message>
        <source>What went wrong: {}</source>
        <translation>Was schiefging: {}</translation>
    </message>
    <message>
        <source>With the washout as measured {0} bled, before that {1}.</source>
        <translation>Mit gemessener Ausspülung verfärbten sich {0}, davor {1}.</translation>
    </message>
    <message>
        <source>With the washout as measured {} bled: look at the pair it was, and ask for a lower ΔE there.</source>
        <translation>Mit gemessener Ausspülung verfärbten sich {}: sieh nach, welches Paar es war, und verlange dort ein kleineres ΔE.</translation>
    </message>
    <message>
        <source>a border moved to another change</source>
        <translation>eine Grenze zu einem anderen Wechsel verschoben</translation>
    </message>
    <message>
        <source>a piece cut</source>
        <translation>ein Stück durchgeschnitten</translation>
    </message>
    <message>
        <source>a tower of another shape</source>
        <translation>ein Turm anderer Form</translation>
    </message>
    <message>
        <source>an order unlocked</source>
        <translation>eine Reihenfolge freigegeben</translation>
    </message>
    <message>
        <source>another machine</source>
        <translation>eine andere Maschine</translation>
    </message>
    <message>
        <source>another pose</source>
        <translation>eine andere Lage</translation>
    </message>
    <message>
        <source>as it came</source>
        <translation>wie er kam</translation>
    </message>
    <message>
        <source>branches instead of columns</source>
        <translation>Äste statt Säulen</translation>
    </message>
    <message>
        <source>broken off</source>
        <translation>abgebrochen</translation>
    </message>
    <message>
        <source>by</source>
        <translation>von</translation>
    </message>
    <message>
        <source>came out</source>
        <translation>kam heraus</translation>
    </message>
    <message>
        <source>columns instead of branches</source>
        <translation>Säulen statt Äste</translation>
    </message>
    <message>
        <source>copies printed together</source>
        <translation>Kopien zusammen gedruckt</translation>
    </message>
    <message>
        <source>dissolved</source>
        <translation>aufgelöst</translation>
    </message>
    <message>
        <source>failed</source>
        <translation>misslungen</translation>
    </message>
    <message>
        <source>filaments alike made one</source>
        <translation>gleiche Filamente zusammengelegt</translation>
    </message>
    <message>
        <source>foretold</source>
        <translation>vorhergesagt</translation>
    </message>
    <message>
        <source>gaps bridged</source>
        <translation>Lücken überbrückt</translation>
    </message>
    <message>
        <source>good</source>
        <translation>gut</translation>
    </message>
    <message>
        <source>more or less</source>
        <translation>mehr oder weniger</translation>
    </message>
    <message>
        <source>not measured</source>
        <translation>nicht gemessen</translation>
    </message>
    <message>
        <source>not said</source>
        <translation>nicht gesagt</translation>
    </message>
    <message>
        <source>nozzle</source>
        <translation>Düse</translation>
    </message>
    <message>
        <source>of what</source>
        <translation>wovon</translation>
    </message>
    <message>
        <source>peeled off</source>
        <translation>abgezogen</translation>
    </message>
    <message>
        <source>pieces</source>
        <translation>Stücke</translation>
    </message>
    <message>
        <source>purge into the infill</source>
        <translation>Spülung in die Füllung</translation>
    </message>
    <message>
        <source>purge into the piece or its support</source>
        <translation>Spülung ins Stück oder seine Stützen</translation>
    </message>
    <message>
        <source>small faces without interface</source>
        <translation>kleine Flächen ohne Trennschicht</translation>
    </message>
    <message>
        <source>small regions recoloured</source>
        <translation>kleine Bereiche umgefärbt</translation>
    </message>
    <message>
        <source>spool</source>
        <translation>Spule</translation>
    </message>
    <message>
        <source>support comes off</source>
        <translation>Stützen gehen ab</translation>
    </message>
    <message>
        <source>support on the bed only</source>
        <translation>Stützen nur auf dem Bett</translation>
    </message>
    <message>
        <source>supports ended in shared layers</source>
        <translation>Stützen enden in gemeinsamen Schichten</translation>
    </message>
    <message>
        <source>the order within layers</source>
        <translation>die Reihenfolge in den Schichten</translation>
    </message>
    <message>
        <source>trips at night</source>
        <translation>Gänge bei Nacht</translation>
    </message>
    <message>
        <source>usable</source>
        <translation>brauchbar</translation>
    </message>
    <message>
        <source>with 80 % between</source>
        <translation>mit 80 % zwischen</translation>
    </message>
    <message>
        <source>{0} ({1} foretold)</source>
        <translation>{0} (vorhergesagt {1})</translation>
    </message>
    <message>
        <source>{0} beside {1}</source>
        <translation>{0} neben {1}</translation>
    </message>
    <message>
        <source>{0} {1}, {2}, off {3}</source>
        <translation>{0} {1}, {2}, daneben um {3}</translation>
    </message>
    <message>
        <source>{} % less</source>
        <translation>{} % weniger</translation>
    </message>
    <message>
        <source>{} % more</source>
        <translation>{} % mehr</translation>
    </message>
    <message>
        <source>{} and {}</source>
        <translation>{} und {}</translation>
    </message>
    <message>
        <source>{} bled, with volumes by the book: measure the washout with a calibration strip.</source>
        <translation>{} verfärbten sich, mit Volumen nach Vorgabe: miss die Ausspülung mit einem Kalibrierstreifen.</translation>
    </message>
    <message>
        <source>{} foretold</source>
        <translation>{} vorhergesagt</translation>
    </message>
    <message>
        <source>{} is nothing that is foretold</source>
        <translation>{} wird nicht vorhergesagt</translation>
    </message>
    <message>
        <source>{} must be a picture in base64</source>
        <translation>{} muss ein Bild in Base64 sein</translation>
    </message>
    <message numerus="yes">
        <source>{1} of {0} print</source>
        <comment>{1} of {0} prints</comment>
        <translation>
            <numerusform>{1} von {0} Druck</numerusform>
            <numerusform>{1} von {0} Drucken</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} piece</source>
        <comment>{} pieces</comment>
        <translation>
            <numerusform>{} Stück</numerusform>
            <numerusform>{} Stücke</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} print</source>
        <comment>{} prints</comment>
        <translation>
            <numerusform>{} Druck</numerusform>
            <numerusform>{} Drucke</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{} trip</source>
        <comment>{} trips</comment>
        <translation>
            <numerusform>{} Gang</numerusform>
            <numerusform>{} Gänge</numerusform>
        </translation>
    </message>
    <message>
        <source>copies</source>
        <translation>Kopien</translation>
    </message>
    <message>
        <source>date</source>
        <translation>Datum</translation>
    </message>
    <message>
        <source>swaps</source>
        <translation>Handwechsel</translation>
    </message>
    <message>
        <source>Layers of heights of their own</source>
        <translation>Schichten mit eigener Höhe</translation>
    </message>
    <message>
        <source>A change by the feeder takes {0} s, and {1} mm³ of filament stay in the nozzle: from memory, for a feeder that {2}.</source>
        <translation>Ein Wechsel durch den Feeder dauert {0} s, und {1} mm³ Filament bleiben in der Düse: aus der Erinnerung, für einen Feeder, der {2}.</translation>
    </message>
    <message>
        <source>A change of nozzles takes {0} s, and {1} mm³ until it flows again: from memory.</source>
        <translation>Ein Düsenwechsel dauert {0} s, und nach {1} mm³ fließt es wieder: aus der Erinnerung.</translation>
    </message>
    <message>
        <source>A swap by hand takes {} min: as you say.</source>
        <translation>Ein Handwechsel dauert {} min: wie du sagst.</translation>
    </message>
    <message>
        <source>Colours mix over {} mm³ behind that: from memory.</source>
        <translation>Dahinter mischen sich Farben über {} mm³: aus der Erinnerung.</translation>
    </message>
    <message>
        <source>How far the head reaches is not known, so pieces are not printed one after another until you say.</source>
        <translation>Wie weit der Kopf ausladend ist, ist nicht bekannt, also werden Stücke nicht nacheinander gedruckt, bis du es sagst.</translation>
    </message>
    <message>
        <source>How far the nozzles are off against each other: an offset strip, in the machine editor. Without it colours gape or overlap.</source>
        <translation>Wie weit die Düsen gegeneinander versetzt sind: ein Versatzstreifen, im Maschineneditor. Ohne ihn klaffen Farben oder überlappen sich.</translation>
    </message>
    <message>
        <source>How long it really prints: log the first three prints, and estimates get ranges of their own.</source>
        <translation>Wie lange er wirklich druckt: trage die ersten drei Drucke ins Logbuch ein, dann bekommen Schätzungen eigene Spannen.</translation>
    </message>
    <message>
        <source>How much purge is enough: a calibration strip, on the Purge bench. It saves most, or keeps colours from bleeding.</source>
        <translation>Wie viel Spülung genügt: ein Kalibrierstreifen, auf der Werkbank „Spülung“. Er spart am meisten, oder er verhindert Verfärbungen.</translation>
    </message>
    <message>
        <source>Speeds and acceleration: take them from the printer&apos;s own settings into the machine editor.</source>
        <translation>Tempi und Beschleunigung: übernimm sie aus den Einstellungen des Druckers in den Maschineneditor.</translation>
    </message>
    <message>
        <source>Speeds are those of a printer of the middle sort, from memory: {0} mm/s for walls, {1} mm/s² of acceleration.</source>
        <translation>Die Tempi sind die eines mittleren Druckers, aus der Erinnerung: {0} mm/s für Wände, {1} mm/s² Beschleunigung.</translation>
    </message>
    <message>
        <source>cuts and pulls</source>
        <translation>schneidet und zieht</translation>
    </message>
    <message>
        <source>shapes the tip and pulls</source>
        <translation>die Spitze formt und zieht</translation>
    </message>
    <message>
        <source>{} mm³ of filament stay in the nozzle at a swap: from memory.</source>
        <translation>{} mm³ Filament bleiben bei einem Handwechsel in der Düse: aus der Erinnerung.</translation>
    </message>
    <message>
        <source>A block printed beside the piece that takes the purge, or primes the nozzle. It is needed in every layer up to the last change, and useless above.</source>
        <translation>Ein Block neben dem Stück, der die Spülung aufnimmt oder die Düse vorfördert. Er wird in jeder Schicht bis zum letzten Wechsel gebraucht und ist darüber nutzlos.</translation>
    </message>
    <message>
        <source>A change for which somebody exchanges the spool while the printer waits.</source>
        <translation>Ein Wechsel, für den jemand die Spule tauscht, während der Drucker wartet.</translation>
    </message>
    <message>
        <source>A change in which a feeder pulls one filament back and pushes another through the same nozzle.</source>
        <translation>Ein Wechsel, bei dem ein Feeder ein Filament zurückzieht und ein anderes durch dieselbe Düse schiebt.</translation>
    </message>
    <message>
        <source>A change in which another nozzle takes over.</source>
        <translation>Ein Wechsel, bei dem eine andere Düse übernimmt.</translation>
    </message>
    <message>
        <source>A dark line at a change of filament. Much lead means a costly print.</source>
        <translation>Eine dunkle Linie an einem Filamentwechsel. Viel Blei heißt: teurer Druck.</translation>
    </message>
    <message>
        <source>A face that leans out over nothing. Its angle is measured from the vertical: 0° is a wall, 90° a ceiling.</source>
        <translation>Eine Fläche, die über nichts hinausragt. Ihr Winkel zählt von der Senkrechten: 0° ist eine Wand, 90° eine Decke.</translation>
    </message>
    <message>
        <source>A face that will be seen. Support scars the face it touches, so it is kept off these.</source>
        <translation>Eine Fläche, die man sehen wird. Stützen hinterlassen Spuren, also hält man sie davon frei.</translation>
    </message>
    <message>
        <source>A family of materials, such as PLA or PETG. The same class bonds; of two classes some pairs bond, some split, and some release.</source>
        <translation>Eine Familie von Materialien, etwa PLA oder PETG. Gleiche Klasse hält; von zwei Klassen halten manche Paare, manche brechen, und manche lösen sich.</translation>
    </message>
    <message>
        <source>A material in a colour. It has a letter and a hatch as well as a colour, so that two greys are never confused.</source>
        <translation>Ein Material in einer Farbe. Es hat außer der Farbe einen Buchstaben und eine Schraffur, damit man zwei Grautöne nie verwechselt.</translation>
    </message>
    <message>
        <source>A material that does not bond to the piece, used as the interface of support so that it comes off clean.</source>
        <translation>Ein Material, das am Stück nicht haftet; als Trennschicht einer Stütze löst es sich sauber.</translation>
    </message>
    <message>
        <source>A material that water dissolves. It is dear and draws moisture, so mostly the interface alone is printed in it.</source>
        <translation>Ein Material, das sich in Wasser löst. Es ist teuer und zieht Feuchtigkeit, also druckt man meist nur die Trennschicht daraus.</translation>
    </message>
    <message>
        <source>A painted part of the surface. It takes its filament to the depth of the walls and skins there.</source>
        <translation>Ein bemaltes Stück Oberfläche. Es hat sein Filament so tief, wie dort Wände und Deckschichten sind.</translation>
    </message>
    <message>
        <source>A picture in whole layers, dark below and light above; what shows at a point is the stack below its top.</source>
        <translation>Ein Bild in ganzen Schichten, unten dunkel und oben hell; an jedem Punkt sieht man den Stapel unter seiner Spitze.</translation>
    </message>
    <message>
        <source>A picture to be lit from behind: films of colour under a white relief.</source>
        <translation>Ein Bild, das von hinten beleuchtet wird: farbige Filme unter einem weißen Relief.</translation>
    </message>
    <message>
        <source>A place for a spool that feeds a nozzle. A slot that is idle can be refilled while the printer works.</source>
        <translation>Ein Platz für eine Spule, die eine Düse versorgt. Ein ruhender Slot kann nachgeladen werden, während der Drucker arbeitet.</translation>
    </message>
    <message>
        <source>A range of whole layers of a part that has a filament of its own.</source>
        <translation>Ein Bereich ganzer Schichten eines Teils, der sein eigenes Filament hat.</translation>
    </message>
    <message>
        <source>A separate body of a piece. Bodies for several colours share one origin, so that they fit together.</source>
        <translation>Ein eigener Körper eines Stücks. Körper für mehrere Farben haben einen gemeinsamen Ursprung, damit sie ineinanderpassen.</translation>
    </message>
    <message>
        <source>A shallow furrow along a border of colours, less than 1 mm wide; it makes the border look crisp.</source>
        <translation>Eine flache Rille an einer Farbgrenze, weniger als 1 mm breit; sie macht die Grenze scharf.</translation>
    </message>
    <message>
        <source>A slice of the print, counted from 1. “Before layer 12” means that layer 12 is the first one in the new filament.</source>
        <translation>Eine Lage des Drucks, gezählt ab 1. „Vor Schicht 12“ heißt, dass Schicht 12 die erste im neuen Filament ist.</translation>
    </message>
    <message>
        <source>A slow change in what is measured, such as feeder changes that take longer than they did.</source>
        <translation>Eine langsame Änderung dessen, was gemessen wird, etwa Feeder-Wechsel, die länger dauern als früher.</translation>
    </message>
    <message>
        <source>A spool put by hand into a slot that is not in use just then, where there are more filaments than slots.</source>
        <translation>Eine Spule, die von Hand in einen gerade ruhenden Slot kommt, wo es mehr Filamente als Slots gibt.</translation>
    </message>
    <message>
        <source>A step of the work, with what it needs and nothing else.</source>
        <translation>Ein Schritt der Arbeit, mit allem, was er braucht, und sonst nichts.</translation>
    </message>
    <message>
        <source>A strip of one, two, three … layers, over black and over white, printed and photographed to measure a filament.</source>
        <translation>Ein Streifen aus einer, zwei, drei … Schichten über Schwarz und über Weiß, gedruckt und fotografiert, um ein Filament zu messen.</translation>
    </message>
    <message>
        <source>A thin feature that snaps off with the support. Cut the support there, do not pull.</source>
        <translation>Eine dünne Stelle, die mit der Stütze abbricht. Dort schneiden, nicht ziehen.</translation>
    </message>
    <message>
        <source>A thin layer below fine first layers, of the same material class, that is filed off afterwards.</source>
        <translation>Eine dünne Schicht unter feinen ersten Schichten, aus derselben Materialklasse, die man danach abfeilt.</translation>
    </message>
    <message>
        <source>A wall of one line around the piece, not touching it, that catches drips.</source>
        <translation>Eine Wand aus einer Linie um das Stück, ohne es zu berühren; sie fängt Tropfen auf.</translation>
    </message>
    <message>
        <source>A way to do a thing that practitioners swear by, such as a soluble interface, or support in the same material throughout.</source>
        <translation>Eine Art, etwas zu tun, auf die manche schwören, etwa eine lösliche Trennschicht oder Stützen ganz aus gleichem Material.</translation>
    </message>
    <message>
        <source>Any switch of filament between two extrusions: a hand swap, a feeder change or a tool change.</source>
        <translation>Jeder Filamentwechsel zwischen zwei gedruckten Linien: Handwechsel, Feeder-Wechsel oder Werkzeugwechsel.</translation>
    </message>
    <message>
        <source>Bed, °C</source>
        <translation>Bett, °C</translation>
    </message>
    <message>
        <source>Between which figures the real one will lie eight times in ten, as your logbook has it.</source>
        <translation>Zwischen welchen Zahlen die wirkliche acht von zehn Mal liegt, nach deinem Logbuch.</translation>
    </message>
    <message>
        <source>Class</source>
        <translation>Klasse</translation>
    </message>
    <message>
        <source>Default</source>
        <translation>Vorgabe</translation>
    </message>
    <message>
        <source>Defaults from common practice and from memory; what your spool&apos;s label says counts, and you can write it into the shelf.</source>
        <translation>Vorgaben aus üblicher Praxis und aus der Erinnerung; es gilt, was auf dem Etikett deiner Spule steht, und du kannst es ins Regal eintragen.</translation>
    </message>
    <message>
        <source>Drying</source>
        <translation>Trocknen</translation>
    </message>
    <message>
        <source>Every number you may know better, what it is for, and where its default comes from. The key is for the command line: --set key=value.</source>
        <translation>Jede Zahl, die du besser wissen magst, wozu sie dient und woher ihre Vorgabe kommt. Der Schlüssel ist für die Befehlszeile: --set schlüssel=wert.</translation>
    </message>
    <message>
        <source>Filament pushed out after a change until the old one no longer shows.</source>
        <translation>Filament, das nach einem Wechsel herausgedrückt wird, bis man das alte nicht mehr sieht.</translation>
    </message>
    <message>
        <source>Filaments at once</source>
        <translation>Filamente zugleich</translation>
    </message>
    <message>
        <source>Held as it is: a plan that others are measured against, a filament on its nozzle, a piece at its place on the bed.</source>
        <translation>Festgehalten, wie es ist: ein Plan, an dem andere gemessen werden, ein Filament auf seiner Düse, ein Stück an seinem Platz auf dem Bett.</translation>
    </message>
    <message>
        <source>How different two colours look (CIEDE2000): 1 is just noticeable side by side, 2 is seen by those who look for it, 4 is seen at once.</source>
        <translation>Wie verschieden zwei Farben aussehen (CIEDE2000): 1 sieht man nebeneinander gerade eben, 2 sieht, wer danach sucht, 4 sieht man sofort.</translation>
    </message>
    <message>
        <source>How light goes down and up through a scattering sheet (Kubelka and Munk): with absorption and scattering of each filament it gives the colour of any stack.</source>
        <translation>Wie Licht durch eine streuende Lage hinab- und heraufgeht (Kubelka und Munk): aus Absorption und Streuung jedes Filaments ergibt sich die Farbe jedes Stapels.</translation>
    </message>
    <message>
        <source>How the share of old filament falls while new filament is pushed through: whole at first, then by a fixed share with each mm³.</source>
        <translation>Wie der Anteil des alten Filaments fällt, während neues durchgeschoben wird: erst gar nicht, dann mit jedem mm³ um einen festen Teil.</translation>
    </message>
    <message>
        <source>How thick a filament must be, in mm, before it stops light: as thick as that, a tenth of white light comes through. Small is opaque.</source>
        <translation>Wie dick ein Filament sein muss, in mm, bis es Licht aufhält: bei dieser Dicke kommt noch ein Zehntel weißen Lichts durch. Klein ist deckend.</translation>
    </message>
    <message>
        <source>Id</source>
        <translation>Kennung</translation>
    </message>
    <message>
        <source>In one body filaments must hold to each other; an interface should release.</source>
        <translation>In einem Körper müssen Filamente aneinander halten; eine Trennschicht soll sich lösen.</translation>
    </message>
    <message>
        <source>It carries one nozzle, sometimes one that can be exchanged.</source>
        <translation>Er trägt eine Düse, manchmal eine, die sich tauschen lässt.</translation>
    </message>
    <message>
        <source>Key</source>
        <translation>Schlüssel</translation>
    </message>
    <message>
        <source>Kinds of machines</source>
        <translation>Arten von Maschinen</translation>
    </message>
    <message>
        <source>Layers that are filled solid, because nothing is above or below them.</source>
        <translation>Schichten, die voll gefüllt sind, weil nichts über oder unter ihnen ist.</translation>
    </message>
    <message>
        <source>Lines printed through the air from one side to the other.</source>
        <translation>Linien, die durch die Luft von einer Seite zur anderen gedruckt werden.</translation>
    </message>
    <message>
        <source>Loops printed around the piece. With hand swaps they can take the purge; then they need only be as tall as the last change.</source>
        <translation>Runden um das Stück. Bei Handwechseln können sie die Spülung aufnehmen; dann müssen sie nur so hoch sein wie der letzte Wechsel.</translation>
    </message>
    <message>
        <source>Materials</source>
        <translation>Materialien</translation>
    </message>
    <message>
        <source>More</source>
        <translation>Mehr</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>None is a particular printer. Take the nearest, or have yours described by questions.</source>
        <translation>Keine ist ein bestimmter Drucker. Nimm die nächste, oder lass deinen mit Fragen beschreiben.</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Anmerkung</translation>
    </message>
    <message>
        <source>Nozzle, °C</source>
        <translation>Düse, °C</translation>
    </message>
    <message>
        <source>Nozzles</source>
        <translation>Düsen</translation>
    </message>
    <message>
        <source>One colouring of the project that was kept, to be compared with others.</source>
        <translation>Eine aufgehobene Farbgebung des Projekts, zum Vergleich mit anderen.</translation>
    </message>
    <message>
        <source>One or a few layers of a coloured filament that light passes through.</source>
        <translation>Eine oder ein paar Schichten farbigen Filaments, durch die Licht geht.</translation>
    </message>
    <message>
        <source>One physical roll of a filament.</source>
        <translation>Eine einzelne Rolle eines Filaments.</translation>
    </message>
    <message>
        <source>One print from start to end, at the real printer.</source>
        <translation>Ein Druck von Anfang bis Ende, am wirklichen Drucker.</translation>
    </message>
    <message>
        <source>One start of the printer, with its own file and filament, where a print is split into several.</source>
        <translation>Ein Start des Druckers mit eigener Datei und eigenem Filament, wo ein Druck in mehrere geteilt ist.</translation>
    </message>
    <message>
        <source>One time somebody has to come to the printer: to swap, to refill, or to take the plate off.</source>
        <translation>Ein Mal, dass jemand zum Drucker kommen muss: zum Wechseln, zum Nachladen oder um die Platte abzunehmen.</translation>
    </message>
    <message>
        <source>Point at a word on the screen, or press F1 where you are, and its sentence is shown.</source>
        <translation>Zeige auf ein Wort auf dem Bildschirm, oder drücke F1, wo du bist, und sein Satz erscheint.</translation>
    </message>
    <message>
        <source>Price per kg</source>
        <translation>Preis je kg</translation>
    </message>
    <message>
        <source>Room, mm</source>
        <translation>Raum, mm</translation>
    </message>
    <message>
        <source>Sacrificial structure below what overhangs.</source>
        <translation>Wegwerfbares Gerüst unter dem, was überhängt.</translation>
    </message>
    <message>
        <source>Setting</source>
        <translation>Einstellung</translation>
    </message>
    <message>
        <source>So many of this piece and so many of that one, cut into plates.</source>
        <translation>So viele von diesem Stück und so viele von jenem, auf Platten verteilt.</translation>
    </message>
    <message>
        <source>Something that would spoil the print, or is worth a look, found before it is printed.</source>
        <translation>Etwas, das den Druck verderben würde oder einen Blick wert ist, gefunden, bevor gedruckt wird.</translation>
    </message>
    <message>
        <source>Terms</source>
        <translation>Begriffe</translation>
    </message>
    <message>
        <source>The few topmost layers of support, the ones that touch the piece.</source>
        <translation>Die paar obersten Schichten der Stütze, die das Stück berühren.</translation>
    </message>
    <message>
        <source>The guide is not installed.</source>
        <translation>Das Handbuch ist nicht installiert.</translation>
    </message>
    <message>
        <source>The hot part of the nozzle, where old and new filament mix during a change.</source>
        <translation>Der heiße Teil der Düse, in dem sich bei einem Wechsel altes und neues Filament mischen.</translation>
    </message>
    <message>
        <source>The layer on the bed, often thicker than the others. Plan and print must agree on its height, or every later swap comes too early or too late.</source>
        <translation>Die Schicht auf dem Bett, oft dicker als die anderen. Plan und Druck müssen in ihrer Höhe übereinstimmen, sonst kommt jeder spätere Wechsel zu früh oder zu spät.</translation>
    </message>
    <message>
        <source>The layers that lie on each other at a point, and so the colour it has.</source>
        <translation>Die Schichten, die an einem Punkt aufeinanderliegen, und damit seine Farbe.</translation>
    </message>
    <message>
        <source>The lines a nozzle goes along. Another program makes them; Vitrail reads its file and checks it against the plan.</source>
        <translation>Die Linien, die eine Düse fährt. Ein anderes Programm macht sie; Vitrail liest dessen Datei und prüft sie gegen den Plan.</translation>
    </message>
    <message>
        <source>The lines that go along the outlines of a layer.</source>
        <translation>Die Linien entlang der Umrisse einer Schicht.</translation>
    </message>
    <message>
        <source>The little that a nozzle pushes out before it prints again with the filament it holds.</source>
        <translation>Das Wenige, das eine Düse herausdrückt, bevor sie mit dem Filament weiterdruckt, das sie hält.</translation>
    </message>
    <message>
        <source>The open pattern inside a piece. It can take purge where nobody sees it.</source>
        <translation>Das offene Muster im Inneren eines Stücks. Es kann Spülung aufnehmen, wo sie niemand sieht.</translation>
    </message>
    <message>
        <source>The page for the printer: what to load, what to do before which layer, and the cautions that apply.</source>
        <translation>Die Seite für den Drucker: was einzulegen ist, was vor welcher Schicht zu tun ist, und die Warnungen, die gelten.</translation>
    </message>
    <message>
        <source>The run played through before it begins: what happens when, and what becomes of it if nobody comes.</source>
        <translation>Der Lauf, durchgespielt, bevor er beginnt: was wann geschieht, und was daraus wird, wenn niemand kommt.</translation>
    </message>
    <message>
        <source>The smallest element of a picture, as wide as its detail can be.</source>
        <translation>Das kleinste Element eines Bildes, so breit, wie seine Einzelheiten sein können.</translation>
    </message>
    <message>
        <source>The thing to be printed: one or more parts, each with its regions.</source>
        <translation>Das Ding, das gedruckt werden soll: ein oder mehrere Teile, jedes mit seinen Bereichen.</translation>
    </message>
    <message>
        <source>The volume in which old and new filament are stirred, in mm³. After each such volume about a third of the old is left.</source>
        <translation>Das Volumen, in dem altes und neues Filament verrührt werden, in mm³. Nach jedem solchen Volumen ist noch etwa ein Drittel des alten da.</translation>
    </message>
    <message>
        <source>The whole print from its first layer, left, to its last: a lane for each nozzle, a pane for each filament, a lead line at each change.</source>
        <translation>Der ganze Druck von der ersten Schicht, links, bis zur letzten: eine Spur je Düse, eine Scheibe je Filament, eine Bleilinie an jedem Wechsel.</translation>
    </message>
    <message>
        <source>Time somebody stands at the printer.</source>
        <translation>Zeit, die jemand am Drucker steht.</translation>
    </message>
    <message>
        <source>What a machine&apos;s real hours, grams or minutes were, over those foretold; 1 means that the plan was right.</source>
        <translation>Was Stunden, Gramm oder Minuten einer Maschine wirklich waren, geteilt durch die Vorhersage; 1 heißt, der Plan hatte recht.</translation>
    </message>
    <message>
        <source>What a plan makes small: waste, hours, or things done by hand.</source>
        <translation>Was ein Plan klein macht: Abfall, Stunden oder Handgriffe.</translation>
    </message>
    <message>
        <source>What filament is pressed through; it is fed from one or more slots.</source>
        <translation>Wodurch Filament gedrückt wird; versorgt aus einem oder mehreren Slots.</translation>
    </message>
    <message>
        <source>What holds to what</source>
        <translation>Was woran hält</translation>
    </message>
    <message>
        <source>What is printed in one go: one or more copies of one or more pieces.</source>
        <translation>Was auf einmal gedruckt wird: eine oder mehrere Kopien eines oder mehrerer Stücke.</translation>
    </message>
    <message>
        <source>What is thrown away, against the grams of the piece: purge, tower, support and interface.</source>
        <translation>Was weggeworfen wird, gegen die Gramm des Stücks: Spülung, Turm, Stützen und Trennschicht.</translation>
    </message>
    <message>
        <source>What it is for</source>
        <translation>Wozu sie dient</translation>
    </message>
    <message>
        <source>What leaves the nozzle before any new filament does, in mm³.</source>
        <translation>Was die Düse verlässt, bevor neues Filament kommt, in mm³.</translation>
    </message>
    <message>
        <source>What no order whatever can fall below, proven. Where it equals the plan, the plan cannot be bettered.</source>
        <translation>Was keine Reihenfolge unterbieten kann, bewiesen. Gleicht sie dem Plan, ist er nicht zu verbessern.</translation>
    </message>
    <message>
        <source>What one filament is assigned to: a part, a painted patch of its surface, or a band of layers.</source>
        <translation>Wem ein Filament zugewiesen wird: einem Teil, einem bemalten Fleck seiner Oberfläche oder einem Band von Schichten.</translation>
    </message>
    <message>
        <source>What the plan costs, above every bench, and the difference to the plan that was pinned.</source>
        <translation>Was der Plan kostet, über jeder Werkbank, und der Unterschied zum angehefteten Plan.</translation>
    </message>
    <message>
        <source>Where support touches the piece: one face over all the layers by which it steps out.</source>
        <translation>Wo die Stütze das Stück berührt: eine Fläche über alle Schichten, um die sie vorspringt.</translation>
    </message>
    <message>
        <source>Your printer as Vitrail knows it: toolheads, nozzles, slots, bed, speeds, and how long a change takes.</source>
        <translation>Dein Drucker, wie Vitrail ihn kennt: Druckköpfe, Düsen, Slots, Bett, Tempi, und wie lange ein Wechsel dauert.</translation>
    </message>
    <message>
        <source>Your spools: what is on them, how dry they are, what was measured of them. It belongs to you and not to a project.</source>
        <translation>Deine Spulen: was darauf ist, wie trocken sie sind, was an ihnen gemessen wurde. Es gehört dir und keinem Projekt.</translation>
    </message>
    <message>
        <source>aim|aims</source>
        <translation>Ziel|Ziele</translation>
    </message>
    <message>
        <source>attended|attended minutes</source>
        <translation>Anwesenheit|Handarbeit</translation>
    </message>
    <message>
        <source>band|bands</source>
        <translation>Band|Bänder|Bändern</translation>
    </message>
    <message>
        <source>bench|benches</source>
        <translation>Werkbank|Werkbänke</translation>
    </message>
    <message>
        <source>bridge|bridges</source>
        <translation>Brücke|Brücken</translation>
    </message>
    <message>
        <source>change|changes</source>
        <translation>Wechsel|Wechseln|Wechsels|Filamentwechsel</translation>
    </message>
    <message>
        <source>contact face|contact faces</source>
        <translation>Kontaktfläche|Kontaktflächen</translation>
    </message>
    <message>
        <source>dead volume|V_d</source>
        <translation>Totvolumen|V_d</translation>
    </message>
    <message>
        <source>dissolves in water</source>
        <translation>löst sich in Wasser</translation>
    </message>
    <message>
        <source>dot|dots</source>
        <translation>Bildpunkt|Bildpunkte|Bildpunkten</translation>
    </message>
    <message>
        <source>drift|drifts</source>
        <translation>Drift</translation>
    </message>
    <message>
        <source>factor|factors</source>
        <translation>Faktor|Faktoren</translation>
    </message>
    <message>
        <source>feeder change|feeder changes</source>
        <translation>Feeder-Wechsel|Feeder-Wechseln</translation>
    </message>
    <message>
        <source>filament|filaments</source>
        <translation>Filament|Filamente|Filamenten|Filaments</translation>
    </message>
    <message>
        <source>film|films</source>
        <translation>Film|Filme|Filmen</translation>
    </message>
    <message>
        <source>finding|findings</source>
        <translation>Befund|Befunde|Befunden</translation>
    </message>
    <message>
        <source>g/cm³</source>
        <translation>g/cm³</translation>
    </message>
    <message>
        <source>groove|grooves</source>
        <translation>Fuge|Fugen</translation>
    </message>
    <message>
        <source>hand swap|hand swaps|swap|swaps</source>
        <translation>Handwechsel|Handwechseln</translation>
    </message>
    <message>
        <source>holds</source>
        <translation>hält</translation>
    </message>
    <message>
        <source>holds, for some</source>
        <translation>hält, bei manchen</translation>
    </message>
    <message>
        <source>interface</source>
        <translation>Trennschicht|Trennschichten</translation>
    </message>
    <message>
        <source>job|jobs</source>
        <translation>Job|Jobs</translation>
    </message>
    <message>
        <source>keep it closed and dry</source>
        <translation>verschlossen und trocken halten</translation>
    </message>
    <message>
        <source>layer|layers</source>
        <translation>Schicht|Schichten</translation>
    </message>
    <message>
        <source>lead line|lead lines|lead|leads</source>
        <translation>Bleilinie|Bleilinien|Blei</translation>
    </message>
    <message>
        <source>lower bound|bound</source>
        <translation>untere Schranke|Schranke</translation>
    </message>
    <message>
        <source>lug|lugs</source>
        <translation>Lasche|Laschen</translation>
    </message>
    <message>
        <source>machine|printer</source>
        <translation>Maschine|Drucker</translation>
    </message>
    <message>
        <source>material class|class|classes</source>
        <translation>Materialklasse|Klasse|Klassen</translation>
    </message>
    <message>
        <source>melt zone</source>
        <translation>Schmelzzone</translation>
    </message>
    <message>
        <source>mixing volume|V_m</source>
        <translation>Mischvolumen|V_m</translation>
    </message>
    <message>
        <source>nobody knows</source>
        <translation>weiß niemand</translation>
    </message>
    <message>
        <source>nozzle|nozzles</source>
        <translation>Düse|Düsen</translation>
    </message>
    <message>
        <source>ooze wall</source>
        <translation>Tropfwand</translation>
    </message>
    <message>
        <source>order|orders</source>
        <translation>Auftrag|Aufträge</translation>
    </message>
    <message>
        <source>overhang angle|overhang|overhangs</source>
        <translation>Überhangwinkel|Überhang|Überhänge</translation>
    </message>
    <message>
        <source>panel|panels</source>
        <translation>Leuchtbild|Leuchtbilder</translation>
    </message>
    <message>
        <source>part|parts|body|bodies</source>
        <translation>Teil|Teile|Teilen|Körper</translation>
    </message>
    <message>
        <source>patch|patches|painted</source>
        <translation>Fleck|Flecke|Flecken|bemalt</translation>
    </message>
    <message>
        <source>piece|pieces</source>
        <translation>Stück|Stücke|Stücken|Stücks</translation>
    </message>
    <message>
        <source>pinned|pin|pins</source>
        <translation>angeheftet|anheften|Anheftung</translation>
    </message>
    <message>
        <source>plate|plates</source>
        <translation>Platte|Platten</translation>
    </message>
    <message>
        <source>prime|primes</source>
        <translation>Vorfördern</translation>
    </message>
    <message>
        <source>purge tower|tower</source>
        <translation>Spülturm|Turm|Türme</translation>
    </message>
    <message>
        <source>purge|purged</source>
        <translation>Spülung|Spülmenge|spülen|spült</translation>
    </message>
    <message>
        <source>range|ranges</source>
        <translation>Spanne|Spannen</translation>
    </message>
    <message>
        <source>refill|refills</source>
        <translation>Nachladen</translation>
    </message>
    <message>
        <source>region|regions</source>
        <translation>Bereich|Bereiche|Bereichen</translation>
    </message>
    <message>
        <source>rehearsal|rehearse</source>
        <translation>Probe|proben</translation>
    </message>
    <message>
        <source>release material|release</source>
        <translation>Trennmaterial</translation>
    </message>
    <message>
        <source>releases</source>
        <translation>löst sich</translation>
    </message>
    <message>
        <source>relief|reliefs</source>
        <translation>Relief|Reliefs</translation>
    </message>
    <message>
        <source>ribbon</source>
        <translation>Verlauf</translation>
    </message>
    <message>
        <source>run sheet|sheet</source>
        <translation>Laufzettel</translation>
    </message>
    <message>
        <source>run|runs</source>
        <translation>Lauf|Läufe</translation>
    </message>
    <message>
        <source>sacrificial base</source>
        <translation>Opferschicht</translation>
    </message>
    <message>
        <source>school|schools</source>
        <translation>Methode|Methoden</translation>
    </message>
    <message>
        <source>show face|show faces</source>
        <translation>Sichtfläche|Sichtflächen</translation>
    </message>
    <message>
        <source>skin|skins</source>
        <translation>Deckschicht|Deckschichten</translation>
    </message>
    <message>
        <source>slot|slots</source>
        <translation>Slot|Slots</translation>
    </message>
    <message>
        <source>spool|spools</source>
        <translation>Spule|Spulen</translation>
    </message>
    <message>
        <source>stack|stacks</source>
        <translation>Stapel</translation>
    </message>
    <message>
        <source>step wedge</source>
        <translation>Stufenkeil</translation>
    </message>
    <message>
        <source>support|supports</source>
        <translation>Stütze|Stützen</translation>
    </message>
    <message>
        <source>tally</source>
        <translation>Bilanz</translation>
    </message>
    <message>
        <source>tool change|tool changes</source>
        <translation>Werkzeugwechsel</translation>
    </message>
    <message>
        <source>toolhead|toolheads</source>
        <translation>Druckkopf|Druckköpfe</translation>
    </message>
    <message>
        <source>toolpath|toolpaths</source>
        <translation>Werkzeugweg|Werkzeugwege|Druckdatei</translation>
    </message>
    <message>
        <source>transmission distance|TD</source>
        <translation>Transmissionsdicke|TD</translation>
    </message>
    <message>
        <source>two-flux theory|two-flux</source>
        <translation>Zwei-Strom-Theorie</translation>
    </message>
    <message>
        <source>variant|variants</source>
        <translation>Variante|Varianten</translation>
    </message>
    <message>
        <source>ventilate well</source>
        <translation>gut lüften</translation>
    </message>
    <message>
        <source>visit|visits</source>
        <translation>Gang|Gänge</translation>
    </message>
    <message>
        <source>wall|walls</source>
        <translation>Wand|Wände</translation>
    </message>
    <message>
        <source>washout</source>
        <translation>Ausspülung</translation>
    </message>
    <message>
        <source>waste ratio|waste|thrown away</source>
        <translation>Abfallquote|Abfall</translation>
    </message>
    <message>
        <source>{} to {}</source>
        <translation>{} bis {}</translation>
    </message>
    <message>
        <source>{} °C, {} h</source>
        <translation>{} °C, {} h</translation>
    </message>
    <message>
        <source>{}: cannot be made.</source>
        <translation>{}: lässt sich nicht anlegen.</translation>
    </message>
    <message>
        <source>{}: cannot be read.</source>
        <translation>{}: lässt sich nicht lesen.</translation>
    </message>
    <message>
        <source>ΔE|colour difference</source>
        <translation>ΔE|Farbabstand</translation>
    </message>
    <message>
        <source>After the print</source>
        <translation>Nach dem Druck</translation>
    </message>
    <message>
        <source>Before the start</source>
        <translation>Vor dem Beginn</translation>
    </message>
    <message>
        <source>Cautions</source>
        <translation>Warnungen</translation>
    </message>
    <message>
        <source>Changes</source>
        <translation>Wechsel</translation>
    </message>
    <message>
        <source>Look at this before you start</source>
        <translation>Sieh dir das an, bevor du beginnst</translation>
    </message>
    <message>
        <source>None: the whole print is in one filament.</source>
        <translation>Keine: der ganze Druck ist in einem Filament.</translation>
    </message>
    <message>
        <source>Plate {}: {}</source>
        <translation>Platte {}: {}</translation>
    </message>
    <message>
        <source>Slots to refill</source>
        <translation>Nachzuladende Slots</translation>
    </message>
    <message>
        <source>To set in the toolpath program</source>
        <translation>Im Programm für Druckdateien einzustellen</translation>
    </message>
    <message>
        <source>command</source>
        <translation>Befehl</translation>
    </message>
    <message>
        <source>empty</source>
        <translation>leer</translation>
    </message>
    <message>
        <source>from</source>
        <translation>von</translation>
    </message>
    <message>
        <source>grams</source>
        <translation>Gramm</translation>
    </message>
    <message>
        <source>heat, drying, spools</source>
        <translation>Hitze, Trocknen, Spulen</translation>
    </message>
    <message>
        <source>in</source>
        <translation>hinein</translation>
    </message>
    <message>
        <source>kind</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>metres</source>
        <translation>Meter</translation>
    </message>
    <message>
        <source>out</source>
        <translation>heraus</translation>
    </message>
    <message>
        <source>print</source>
        <translation>Druck</translation>
    </message>
    <message>
        <source>takes</source>
        <translation>dauert</translation>
    </message>
    <message>
        <source>the bed from above, its front at the bottom</source>
        <translation>das Bett von oben, vorn ist unten</translation>
    </message>
    <message>
        <source>the piece in its filaments</source>
        <translation>das Stück in seinen Filamenten</translation>
    </message>
    <message>
        <source>to</source>
        <translation>nach</translation>
    </message>
    <message>
        <source>when</source>
        <translation>wann</translation>
    </message>
    <message>
        <source>where</source>
        <translation>wo</translation>
    </message>
    <message>
        <source>{} – run sheet</source>
        <translation>{} – Laufzettel</translation>
    </message>
    <message numerus="yes">
        <source>{} thing to do at the printer</source>
        <comment>{} things to do at the printer</comment>
        <translation>
            <numerusform>eine Sache am Drucker zu tun</numerusform>
            <numerusform>{} Dinge am Drucker zu tun</numerusform>
        </translation>
    </message>
    <message>
        <source>A feeder retracts one filament and pushes another through the same nozzle. Times are defaults from memory.</source>
        <translation>Ein Feeder zieht ein Filament zurück und schiebt ein anderes durch dieselbe Düse. Die Zeiten sind Vorgaben aus dem Gedächtnis.</translation>
    </message>
    <message>
        <source>A large printer that pauses at a change until a person has exchanged the spool.</source>
        <translation>Ein großer Drucker, der beim Wechsel wartet, bis jemand die Spule getauscht hat.</translation>
    </message>
    <message>
        <source>A small printer that pauses at a change until a person has exchanged the spool.</source>
        <translation>Ein kleiner Drucker, der beim Wechsel wartet, bis jemand die Spule getauscht hat.</translation>
    </message>
    <message>
        <source>As the one with a tower, but what is purged goes out through a chute beside the bed; no tower is needed.</source>
        <translation>Wie die mit Turm, nur fällt die Spülung durch einen Auswurf neben dem Bett; ein Turm ist nicht nötig.</translation>
    </message>
    <message>
        <source>Each head has a nozzle and an external spool of its own. Check the XY offset of the heads before a colour job.</source>
        <translation>Jeder Kopf hat eine eigene Düse und eine eigene Spule außen. Prüfe den XY-Versatz der Köpfe vor einem Farbdruck.</translation>
    </message>
    <message>
        <source>Each nozzle has a feeder of its own. Check the XY offset of the nozzles before a colour job.</source>
        <translation>Jede Düse hat ihren eigenen Feeder. Prüfe den XY-Versatz der Düsen vor einem Farbdruck.</translation>
    </message>
    <message>
        <source>Each toolhead is parked until it is fetched, and has an external spool of its own: five colours without purging.</source>
        <translation>Jeder Druckkopf steht geparkt, bis er geholt wird, und hat seine eigene Spule außen: fünf Farben ohne Spülung.</translation>
    </message>
    <message>
        <source>Five toolheads that take turns</source>
        <translation>Fünf Druckköpfe, die sich abwechseln</translation>
    </message>
    <message>
        <source>One fixed nozzle and six exchangeable ones</source>
        <translation>Eine feste Düse und sechs auswechselbare</translation>
    </message>
    <message>
        <source>One nozzle, feeder with eight slots</source>
        <translation>Eine Düse, Feeder mit acht Slots</translation>
    </message>
    <message>
        <source>One nozzle, feeder with four slots</source>
        <translation>Eine Düse, Feeder mit vier Slots</translation>
    </message>
    <message>
        <source>One nozzle, feeder with four slots, chute</source>
        <translation>Eine Düse, Feeder mit vier Slots, Auswurf</translation>
    </message>
    <message>
        <source>One nozzle, feeder with sixteen slots</source>
        <translation>Eine Düse, Feeder mit sechzehn Slots</translation>
    </message>
    <message>
        <source>One nozzle, large, swaps by hand</source>
        <translation>Eine Düse, groß, Wechsel von Hand</translation>
    </message>
    <message>
        <source>One nozzle, small, swaps by hand</source>
        <translation>Eine Düse, klein, Wechsel von Hand</translation>
    </message>
    <message>
        <source>One nozzle, swaps by hand</source>
        <translation>Eine Düse, Wechsel von Hand</translation>
    </message>
    <message>
        <source>Several feeders in a row through the same nozzle.</source>
        <translation>Mehrere Feeder hintereinander durch dieselbe Düse.</translation>
    </message>
    <message>
        <source>The first nozzle has an external spool, the second a feeder: support on the one, colours on the other.</source>
        <translation>Die erste Düse hat eine Spule außen, die zweite einen Feeder: Stützen mit der einen, Farben mit der anderen.</translation>
    </message>
    <message>
        <source>The fixed nozzle has an external spool; the six others take turns behind a feeder with four slots.</source>
        <translation>Die feste Düse hat eine eigene Spule außen; die sechs anderen wechseln sich hinter einem Feeder mit vier Slots ab.</translation>
    </message>
    <message>
        <source>The printer pauses at a change and a person exchanges the spool. Times are defaults from memory.</source>
        <translation>Der Drucker wartet beim Wechsel, und jemand tauscht die Spule. Die Zeiten sind Vorgaben aus dem Gedächtnis.</translation>
    </message>
    <message>
        <source>Two feeders of four in a row, or one of eight, through the same nozzle.</source>
        <translation>Zwei Feeder mit je vier Slots hintereinander oder einer mit acht, durch dieselbe Düse.</translation>
    </message>
    <message>
        <source>Two nozzles with a feeder of four each</source>
        <translation>Zwei Düsen mit je einem Feeder mit vier Slots</translation>
    </message>
    <message>
        <source>Two nozzles, one with a feeder of four</source>
        <translation>Zwei Düsen, eine mit einem Feeder mit vier Slots</translation>
    </message>
    <message>
        <source>Two toolheads</source>
        <translation>Zwei Druckköpfe</translation>
    </message>
    <message>
        <source>Followed line by line, layer {0} is printed in {1} instead of {2}: what the file calls there is not what lies in that slot by then.</source>
        <translation>Zeile für Zeile verfolgt, wird Schicht {0} in {1} statt {2} gedruckt: Was die Datei dort ruft, liegt dann nicht in diesem Slot.</translation>
    </message>
    <message>
        <source>Read again, layer {} is printed in other filaments than planned: the machine&apos;s words for its places do not call what lies there.</source>
        <translation>Beim Wiederlesen wird Schicht {} in anderen Filamenten als geplant gedruckt: Die Wörter der Maschine für ihre Plätze rufen nicht, was dort liegt.</translation>
    </message>
    <message>
        <source>The file extrudes {0}, the plan expects {1}: it is another model or another size, or infill, walls or support are set quite otherwise. Set both alike, or choose the file that belongs to this plan.</source>
        <translation>Die Datei extrudiert {0}, der Plan erwartet {1}: Es ist ein anderes Modell oder eine andere Größe, oder Füllung, Wände oder Stützen sind ganz anders eingestellt. Stelle beides gleich ein oder wähle die Datei, die zu diesem Plan gehört.</translation>
    </message>
    <message>
        <source>it leaves the file at another speed or flow (M220, M221)</source>
        <translation>es hinterlässt die Datei mit anderer Geschwindigkeit oder anderem Fluss (M220, M221)</translation>
    </message>
    <message>
        <source>Line {} says G90 or G91 after M82 or M83. It was read as firmware does that leaves the filament alone, as otherwise the file would print next to nothing. The machine&apos;s words can settle it.</source>
        <translation>In Zeile {} steht G90 oder G91 nach M82 oder M83. Gelesen wurde es wie von Firmware, die das Filament in Ruhe lässt, denn sonst würde die Datei fast nichts drucken. Die Wörter der Maschine können das festlegen.</translation>
    </message>
    <message>
        <source>Line {} says G90 or G91 after M82 or M83. It was read as firmware does that takes it for the filament as well. The machine&apos;s words can settle it.</source>
        <translation>In Zeile {} steht G90 oder G91 nach M82 oder M83. Gelesen wurde es wie von Firmware, die es auch auf das Filament bezieht. Die Wörter der Maschine können das festlegen.</translation>
    </message>
    <message>
        <source>before layer {}, while the printer waits</source>
        <translation>vor Schicht {}, während der Drucker wartet</translation>
    </message>
    <message>
        <source>within layer {0}, before it goes on in {1}, while the printer waits</source>
        <translation>in Schicht {0}, bevor sie mit {1} weitergeht, während der Drucker wartet</translation>
    </message>
    <message>
        <source>It took {0}, where {1} were foretold.</source>
        <translation>Es dauerte {0}, wo {1} vorhergesagt waren.</translation>
    </message>
    <message>
        <source>Read again, the layers of the file are not those of the plan.</source>
        <translation>Beim Wiederlesen sind die Schichten der Datei nicht die des Plans.</translation>
    </message>
    <message>
        <source>The file prints the same filaments in every layer, but from layer {0} on in another order. That takes {1} more purge and {2} than the plan.</source>
        <translation>Die Datei druckt in jeder Schicht dieselben Filamente, aber ab Schicht {0} in anderer Reihenfolge. Das kostet {1} mehr Spülung und {2} als der Plan.</translation>
    </message>
    <message>
        <source>The machine&apos;s words call two places alike: {0}, and {1}. A file cannot tell them apart. Let its words for a tool change and a feeder change number the places, as those of the machines that ship do.</source>
        <translation>Die Wörter der Maschine rufen zwei Plätze gleich: {0}, und {1}. Eine Datei kann sie nicht auseinanderhalten. Lass ihre Wörter für Werkzeug- und Feeder-Wechsel die Plätze nummerieren, wie es die mitgelieferten Maschinen tun.</translation>
    </message>
    <message>
        <source>{1} on the scale ({0}), where {2} were foretold.</source>
        <translation>{1} auf der Waage ({0}), wo {2} vorhergesagt waren.</translation>
    </message>
    <message>
        <source>{} mm² hang, and no support gets below them: there is no room that keeps clear of the piece. Turn the piece, or cut it.</source>
        <translation>{} mm² hängen über, und keine Stütze kommt darunter: Es ist kein Platz, der vom Stück frei bleibt. Drehe das Stück, oder schneide es durch.</translation>
    </message>
</context>
<context>
    <name>main</name>
    <message>
        <source>Plans multicolour prints.</source>
        <translation>Plant Drucke in mehreren Farben.</translation>
    </message>
    <message>
        <source>A project, or model files</source>
        <translation>Ein Projekt oder Modelldateien</translation>
    </message>
    <message>
        <source>Quit once the piece has been painted (for benchmarks)</source>
        <translation>Beenden, sobald das Stück gezeichnet ist (für Messungen)</translation>
    </message>
</context>
<context>
    <name>vitrail::AnswerDialog</name>
    <message>
        <source>The answer</source>
        <translation>Die Antwort</translation>
    </message>
    <message>
        <source>Which sheet was answered</source>
        <translation>Auf welches Blatt geantwortet wurde</translation>
    </message>
    <message>
        <source>%1, for %2</source>
        <translation>%1, für %2</translation>
    </message>
    <message>
        <source>B, or A and C, or none</source>
        <translation>B, oder A und C, oder keins</translation>
    </message>
    <message>
        <source>As it was said</source>
        <translation>Wie es gesagt wurde</translation>
    </message>
    <message>
        <source>&amp;Sheet</source>
        <translation>&amp;Blatt</translation>
    </message>
    <message>
        <source>&amp;Answered on</source>
        <translation>Geantwortet &amp;am</translation>
    </message>
    <message>
        <source>&amp;Letter</source>
        <translation>B&amp;uchstabe</translation>
    </message>
    <message>
        <source>As it was sai&amp;d</source>
        <translation>&amp;Wie es gesagt wurde</translation>
    </message>
</context>
<context>
    <name>vitrail::BandDialog</name>
    <message>
        <source>From height</source>
        <translation>Ab Höhe</translation>
    </message>
    <message>
        <source>To height</source>
        <translation>Bis Höhe</translation>
    </message>
    <message>
        <source>Band of %1 in %2</source>
        <translation>Band von %1 in %2</translation>
    </message>
    <message>
        <source>From</source>
        <translation>Von</translation>
    </message>
    <message>
        <source>To</source>
        <translation>Bis</translation>
    </message>
    <message>
        <source>Snap to layers and level faces</source>
        <translation>An Schichten und ebenen Flächen einrasten</translation>
    </message>
    <message>
        <source>No layer has its middle between these heights.</source>
        <translation>Keine Schicht hat ihre Mitte zwischen diesen Höhen.</translation>
    </message>
    <message>
        <source>Layers %1 to %2, printed from %3 to %4 mm.</source>
        <translation>Schichten %1 bis %2, gedruckt von %3 bis %4 mm.</translation>
    </message>
</context>
<context>
    <name>vitrail::BandsPanel</name>
    <message>
        <source>Bands</source>
        <translation>Bänder</translation>
    </message>
    <message>
        <source>Bands, the highest first</source>
        <translation>Bänder, das höchste zuerst</translation>
    </message>
    <message>
        <source>filament</source>
        <translation>Filament</translation>
    </message>
    <message>
        <source>layers</source>
        <translation>Schichten</translation>
    </message>
    <message>
        <source>up to mm</source>
        <translation>bis mm</translation>
    </message>
    <message>
        <source>ends here</source>
        <translation>endet hier</translation>
    </message>
    <message>
        <source>Share of the picture that ends in this band, and shows it</source>
        <translation>Anteil des Bildes, der in diesem Band endet und es zeigt</translation>
    </message>
    <message>
        <source>Border &amp;up</source>
        <translation>Grenze &amp;hinauf</translation>
    </message>
    <message>
        <source>The upper border of the chosen band, one layer; on the ribbon leads can be dragged, and Alt with the arrow keys moves the one at the cursor</source>
        <translation>Die obere Grenze des gewählten Bandes, eine Schicht; im Verlauf lassen sich Bleilinien ziehen, und Alt mit den Pfeiltasten verschiebt die am Zeiger</translation>
    </message>
    <message>
        <source>Border dow&amp;n</source>
        <translation>Grenze h&amp;inunter</translation>
    </message>
    <message>
        <source>The upper border of the chosen band, one layer</source>
        <translation>Die obere Grenze des gewählten Bandes, eine Schicht</translation>
    </message>
    <message>
        <source>L&amp;ift all</source>
        <translation>Alles an&amp;heben</translation>
    </message>
    <message>
        <source>Everything one layer higher, the base thicker: the look stays</source>
        <translation>Alles eine Schicht höher, die Grundschicht dicker: das Aussehen bleibt</translation>
    </message>
    <message>
        <source>Lo&amp;wer all</source>
        <translation>Alles ab&amp;senken</translation>
    </message>
    <message>
        <source>Everything one layer lower, as far as the base allows</source>
        <translation>Alles eine Schicht tiefer, soweit die Grundschicht es erlaubt</translation>
    </message>
    <message>
        <source>Di&amp;vide</source>
        <translation>&amp;Teilen</translation>
    </message>
    <message>
        <source>The chosen band in two; give one of them another filament by its letter</source>
        <translation>Das gewählte Band in zwei; gib einem davon mit seinem Buchstaben ein anderes Filament</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>The chosen band goes to its lower neighbour</source>
        <translation>Das gewählte Band geht an seinen unteren Nachbarn</translation>
    </message>
    <message>
        <source>By lightness</source>
        <translation>Nach Helligkeit</translation>
    </message>
    <message>
        <source>How tall a dot is: by its lightness, brighter is taller; or as the stack whose colour is nearest</source>
        <translation>Wie hoch ein Bildpunkt ist: nach seiner Helligkeit, heller ist höher; oder wie der Stapel, dessen Farbe am nächsten kommt</translation>
    </message>
    <message>
        <source>Height from the nearest colour</source>
        <translation>Höhe nach der nächsten Farbe</translation>
    </message>
    <message>
        <source>Height from lightness</source>
        <translation>Höhe nach Helligkeit</translation>
    </message>
    <message>
        <source>&amp;Face down</source>
        <translation>&amp;Gesicht nach unten</translation>
    </message>
    <message>
        <source>The face lies on the bed: the order is reversed, the picture mirrored, the face as smooth as the sheet</source>
        <translation>Das Gesicht liegt auf dem Bett: die Folge kehrt sich um, das Bild wird gespiegelt, das Gesicht so glatt wie das Blatt</translation>
    </message>
    <message>
        <source>not there</source>
        <translation>nicht da</translation>
    </message>
    <message>
        <source>films and white</source>
        <translation>Filme und Weiß</translation>
    </message>
    <message>
        <source>of it, mm</source>
        <translation>davon, mm</translation>
    </message>
    <message>
        <source>dots with it</source>
        <translation>Bildpunkte damit</translation>
    </message>
    <message>
        <source>0–%1</source>
        <translation>0–%1</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>By nearest colour</source>
        <translation>Nach nächster Farbe</translation>
    </message>
    <message>
        <source>brighter is taller</source>
        <translation>heller ist höher</translation>
    </message>
    <message>
        <source>by the nearest colour</source>
        <translation>nach der nächsten Farbe</translation>
    </message>
    <message>
        <source>%1–%2</source>
        <translation>%1–%2</translation>
    </message>
    <message>
        <source>The base: it is everywhere</source>
        <translation>Die Grundschicht: sie ist überall</translation>
    </message>
    <message>
        <source>There is no filament %1 yet: add it on the Palette bench, or take it from the shelf.</source>
        <translation>Es gibt noch kein Filament %1: füge es auf der Werkbank „Palette“ hinzu, oder nimm es aus dem Regal.</translation>
    </message>
    <message>
        <source>Give a band filament %1</source>
        <translation>Einem Band Filament %1 geben</translation>
    </message>
    <message>
        <source>Lift all bands</source>
        <translation>Alle Bänder anheben</translation>
    </message>
    <message>
        <source>Lower all bands</source>
        <translation>Alle Bänder absenken</translation>
    </message>
    <message>
        <source>Move a border</source>
        <translation>Eine Grenze verschieben</translation>
    </message>
    <message>
        <source>A band of one layer cannot be divided.</source>
        <translation>Ein Band von einer Schicht lässt sich nicht teilen.</translation>
    </message>
    <message>
        <source>There is no other filament to divide it with: add one on the Palette bench.</source>
        <translation>Es gibt kein anderes Filament zum Teilen: füge auf der Werkbank „Palette“ eines hinzu.</translation>
    </message>
    <message>
        <source>The base needs all its layers.</source>
        <translation>Die Grundschicht braucht alle ihre Schichten.</translation>
    </message>
    <message>
        <source>Divide a band</source>
        <translation>Ein Band teilen</translation>
    </message>
    <message>
        <source>Remove a band</source>
        <translation>Ein Band entfernen</translation>
    </message>
    <message>
        <source>Face up</source>
        <translation>Gesicht nach oben</translation>
    </message>
    <message>
        <source>Face down</source>
        <translation>Gesicht nach unten</translation>
    </message>
</context>
<context>
    <name>vitrail::BandsView</name>
    <message>
        <source>Bands as planned and as they become</source>
        <translation>Bänder wie geplant und wie sie werden</translation>
    </message>
    <message>
        <source>%1: %2 mm becomes %3 mm</source>
        <translation>%1: %2 mm werden %3 mm</translation>
    </message>
    <message>
        <source>%1: %2 mm</source>
        <translation>%1: %2 mm</translation>
    </message>
    <message>
        <source>as planned</source>
        <translation>wie geplant</translation>
    </message>
    <message>
        <source>rescued</source>
        <translation>gerettet</translation>
    </message>
    <message>
        <source>%1  %2 mm</source>
        <translation>%1  %2 mm</translation>
    </message>
    <message>
        <source>printed</source>
        <translation>gedruckt</translation>
    </message>
</context>
<context>
    <name>vitrail::BaseDialog</name>
    <message>
        <source>Thicker by</source>
        <translation>Dicker um</translation>
    </message>
    <message>
        <source>Thicken the base</source>
        <translation>Die Grundschicht dicker machen</translation>
    </message>
    <message numerus="yes">
        <source>Everything above the bed is lifted, and every later change moves by %n layer(s).</source>
        <translation>
            <numerusform>Alles über dem Bett wird angehoben, und jeder spätere Wechsel verschiebt sich um %n Schicht.</numerusform>
            <numerusform>Alles über dem Bett wird angehoben, und jeder spätere Wechsel verschiebt sich um %n Schichten.</numerusform>
        </translation>
    </message>
    <message>
        <source>That is no whole number of layers: %1 mm are left over, and borders will be off by as much.</source>
        <translation>Das ist keine ganze Zahl von Schichten: %1 mm bleiben übrig, und um so viel liegen Grenzen daneben.</translation>
    </message>
</context>
<context>
    <name>vitrail::BedPage</name>
    <message>
        <source>From the left edge</source>
        <translation>Vom linken Rand</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>From the front edge</source>
        <translation>Vom vorderen Rand</translation>
    </message>
    <message>
        <source>Turned by</source>
        <translation>Gedreht um</translation>
    </message>
    <message>
        <source>°</source>
        <translation>°</translation>
    </message>
    <message>
        <source>&amp;Pinned there</source>
        <translation>Dort an&amp;geheftet</translation>
    </message>
    <message>
        <source>The bed from above</source>
        <translation>Das Bett von oben</translation>
    </message>
    <message>
        <source>drag to move · Ctrl+click adds to the choice · a line every 50 mm</source>
        <translation>ziehen verschiebt · Strg+Klick nimmt dazu · eine Linie alle 50 mm</translation>
    </message>
    <message>
        <source>Room between them</source>
        <translation>Raum dazwischen</translation>
    </message>
    <message>
        <source>Pieces</source>
        <translation>Stücke</translation>
    </message>
    <message>
        <source>Pieces of the plate</source>
        <translation>Stücke der Platte</translation>
    </message>
    <message>
        <source>piece</source>
        <translation>Stück</translation>
    </message>
    <message>
        <source>number</source>
        <translation>Anzahl</translation>
    </message>
    <message>
        <source>g each</source>
        <translation>g je Stück</translation>
    </message>
    <message>
        <source>time each</source>
        <translation>Zeit je Stück</translation>
    </message>
    <message>
        <source>Piece without support, in grams</source>
        <translation>Stück ohne Stützen, in Gramm</translation>
    </message>
    <message>
        <source>Its share of the whole print by volume</source>
        <translation>Sein Anteil am ganzen Druck nach Volumen</translation>
    </message>
    <message>
        <source>&amp;Name</source>
        <translation>&amp;Name</translation>
    </message>
    <message>
        <source>How &amp;many</source>
        <translation>Wie &amp;viele</translation>
    </message>
    <message>
        <source>Rename a piece</source>
        <translation>Ein Stück umbenennen</translation>
    </message>
    <message>
        <source>Change how many of a piece</source>
        <translation>Die Anzahl eines Stücks ändern</translation>
    </message>
    <message>
        <source>&amp;Add a piece…</source>
        <translation>Ein Stück &amp;hinzufügen…</translation>
    </message>
    <message>
        <source>Re&amp;move</source>
        <translation>&amp;Entfernen</translation>
    </message>
    <message>
        <source>&amp;Fill the bed</source>
        <translation>Bett &amp;füllen</translation>
    </message>
    <message>
        <source>As many of this piece as there is room for, besides the others</source>
        <translation>So viele von diesem Stück, wie neben den anderen Platz haben</translation>
    </message>
    <message>
        <source>The one that is chosen</source>
        <translation>Das gewählte</translation>
    </message>
    <message>
        <source>It stays where it is; the others are arranged around it.</source>
        <translation>Es bleibt, wo es ist; die anderen werden darum herum angeordnet.</translation>
    </message>
    <message>
        <source>Middle at x, y</source>
        <translation>Mitte bei x, y</translation>
    </message>
    <message>
        <source>&amp;Turned by</source>
        <translation>Gedreht &amp;um</translation>
    </message>
    <message>
        <source>Arrange &amp;everything anew</source>
        <translation>Alles neu &amp;anordnen</translation>
    </message>
    <message>
        <source>Nothing is pinned any more</source>
        <translation>Nichts ist mehr angeheftet</translation>
    </message>
    <message>
        <source>Arrange everything anew</source>
        <translation>Alles neu anordnen</translation>
    </message>
    <message>
        <source>A&amp;lign</source>
        <translation>A&amp;usrichten</translation>
    </message>
    <message>
        <source>What is chosen, to the one that was chosen first; they stay there</source>
        <translation>Das Gewählte, am zuerst Gewählten; sie bleiben dort</translation>
    </message>
    <message>
        <source>&amp;Left edges</source>
        <translation>&amp;Linke Kanten</translation>
    </message>
    <message>
        <source>&amp;Right edges</source>
        <translation>&amp;Rechte Kanten</translation>
    </message>
    <message>
        <source>&amp;Front edges</source>
        <translation>&amp;Vordere Kanten</translation>
    </message>
    <message>
        <source>&amp;Back edges</source>
        <translation>&amp;Hintere Kanten</translation>
    </message>
    <message>
        <source>Middles in a &amp;column</source>
        <translation>Mitten in eine &amp;Spalte</translation>
    </message>
    <message>
        <source>Middles in a r&amp;ow</source>
        <translation>Mitten in eine R&amp;eihe</translation>
    </message>
    <message>
        <source>Looking for how many have room…</source>
        <translation>Es wird gesucht, wie viele Platz haben…</translation>
    </message>
    <message>
        <source>Not even one has room beside the others.</source>
        <translation>Neben den anderen hat nicht eines Platz.</translation>
    </message>
    <message>
        <source>The bed is full of it already.</source>
        <translation>Das Bett ist schon voll davon.</translation>
    </message>
    <message>
        <source>Fill the bed</source>
        <translation>Das Bett füllen</translation>
    </message>
    <message>
        <source>Remove the piece “%1”</source>
        <translation>Das Stück „%1“ entfernen</translation>
    </message>
    <message>
        <source>–</source>
        <translation>–</translation>
    </message>
    <message>
        <source>The plate shows once there is a plan.</source>
        <translation>Die Platte erscheint, sobald es einen Plan gibt.</translation>
    </message>
    <message>
        <source>Nothing to arrange yet: add a piece.</source>
        <translation>Noch nichts anzuordnen: füge ein Stück hinzu.</translation>
    </message>
    <message numerus="yes">
        <source>%n piece(s) on %L1 × %L2 mm</source>
        <translation>
            <numerusform>%n Stück auf %L1 × %L2 mm</numerusform>
            <numerusform>%n Stücke auf %L1 × %L2 mm</numerusform>
        </translation>
    </message>
    <message>
        <source>Does not fit: %L1 of %L2 have a place on %L3 × %L4 mm</source>
        <translation>Passt nicht: %L1 von %L2 haben Platz auf %L3 × %L4 mm</translation>
    </message>
    <message>
        <source> · the tower stands %L1 mm from their middle</source>
        <translation> · der Turm steht %L1 mm von ihrer Mitte</translation>
    </message>
    <message>
        <source>click one on the bed</source>
        <translation>klicke eines auf dem Bett an</translation>
    </message>
    <message>
        <source>%1, %L2 of %L3</source>
        <translation>%1, %L2 von %L3</translation>
    </message>
    <message>
        <source>Pieces, places and room</source>
        <translation>Stücke, Plätze und Raum</translation>
    </message>
</context>
<context>
    <name>vitrail::BenchButton</name>
    <message>
        <source>%1 bench</source>
        <translation>Werkbank „%1“</translation>
    </message>
    <message>
        <source>%1 (Alt+%2)</source>
        <translation>%1 (Alt+%2)</translation>
    </message>
</context>
<context>
    <name>vitrail::BenchPages</name>
    <message>
        <source>Pages of the bench</source>
        <translation>Seiten der Werkbank</translation>
    </message>
</context>
<context>
    <name>vitrail::BenchRail</name>
    <message>
        <source>Benches</source>
        <translation>Werkbänke</translation>
    </message>
</context>
<context>
    <name>vitrail::ByHandPage</name>
    <message>
        <source>Print it in &amp;bands</source>
        <translation>In &amp;Bändern drucken</translation>
    </message>
    <message>
        <source>Purge into a &amp;skirt</source>
        <translation>In eine &amp;Schürze spülen</translation>
    </message>
    <message>
        <source>Three ways without a feeder</source>
        <translation>Drei Wege ohne Feeder</translation>
    </message>
    <message>
        <source>Advice</source>
        <translation>Rat</translation>
    </message>
    <message>
        <source>Ways by hand compared</source>
        <translation>Wege von Hand im Vergleich</translation>
    </message>
    <message>
        <source>swaps inside layers</source>
        <translation>Wechsel in Schichten</translation>
    </message>
    <message>
        <source>one filament a layer</source>
        <translation>ein Filament je Schicht</translation>
    </message>
    <message>
        <source>parts, put together</source>
        <translation>Teile, zusammengesetzt</translation>
    </message>
    <message>
        <source>Every layer in the filament that has most of it. Can be undone.</source>
        <translation>Jede Schicht im Filament, das am meisten davon hat. Lässt sich rückgängig machen.</translation>
    </message>
    <message>
        <source>Around the swaps</source>
        <translation>Rund um die Handwechsel</translation>
    </message>
    <message>
        <source>A swap is done at a hot nozzle: keep fingers off it and out of the machine, and cut filament away from your hand.</source>
        <translation>Gewechselt wird an heißer Düse: Finger weg von ihr und aus der Maschine, und Filament von der Hand weg schneiden.</translation>
    </message>
    <message>
        <source>One filament a layer</source>
        <translation>Ein Filament je Schicht</translation>
    </message>
    <message>
        <source>Purge into a skirt</source>
        <translation>In eine Schürze spülen</translation>
    </message>
    <message>
        <source>No change of filament, so nothing to do by hand.</source>
        <translation>Kein Filamentwechsel, also nichts von Hand zu tun.</translation>
    </message>
    <message>
        <source>The skirt takes the purge: %1 loops, %2 layers (%3 mm) tall, up to the last layer that changes. %4 mm³ of purge go into it, %5 mm³ find no room, %6 g of it are fill.</source>
        <translation>Die Schürze nimmt die Spülung auf: %1 Runden, %2 Schichten (%3 mm) hoch, bis zur letzten Schicht, die wechselt. %4 mm³ Spülung gehen hinein, %5 mm³ finden keinen Platz, %6 g davon sind Füllung.</translation>
    </message>
    <message>
        <source>A skirt can take the purge. It needs to be only as tall as the last layer that changes: %1 layers, %2 mm.</source>
        <translation>Eine Schürze kann die Spülung aufnehmen. Sie muss nur so hoch sein wie die letzte Schicht, die wechselt: %1 Schichten, %2 mm.</translation>
    </message>
    <message>
        <source>What your toolpath program should write there:</source>
        <translation>Was dein Programm für Druckdateien dort schreiben soll:</translation>
    </message>
    <message>
        <source>in layer %1</source>
        <translation>in Schicht %1</translation>
    </message>
    <message>
        <source>before layer %1</source>
        <translation>vor Schicht %1</translation>
    </message>
    <message>
        <source>and so on; the run sheet lists all. </source>
        <translation>und so weiter; der Laufzettel nennt alle. </translation>
    </message>
    <message>
        <source>The words are the machine&apos;s: edit them with it.</source>
        <translation>Die Worte gehören zur Maschine: ändere sie dort.</translation>
    </message>
    <message>
        <source>Working it out…</source>
        <translation>Wird ausgerechnet…</translation>
    </message>
    <message>
        <source>Once there is a plan, three ways to print it by hand are compared here.</source>
        <translation>Sobald es einen Plan gibt, werden hier drei Wege von Hand verglichen.</translation>
    </message>
    <message>
        <source>hand swaps</source>
        <translation>Handwechsel</translation>
    </message>
    <message>
        <source>at the printer, and gluing</source>
        <translation>am Drucker und beim Kleben</translation>
    </message>
    <message>
        <source>printer waits for you</source>
        <translation>Drucker wartet auf dich</translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation>%1 g</translation>
    </message>
    <message>
        <source>printing and changing</source>
        <translation>Drucken und Wechseln</translation>
    </message>
    <message>
        <source>jobs, and joints to glue</source>
        <translation>Jobs und Fugen zu kleben</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>in another colour than asked</source>
        <translation>in anderer Farbe als verlangt</translation>
    </message>
    <message>
        <source>%1 % of the piece</source>
        <translation>%1 % des Stücks</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>possible</source>
        <translation>möglich</translation>
    </message>
    <message>
        <source>yes</source>
        <translation>ja</translation>
    </message>
    <message>
        <source>Advised</source>
        <translation>Empfohlen</translation>
    </message>
    <message>
        <source>purge, tower</source>
        <translation>Spülung, Turm</translation>
    </message>
    <message>
        <source>%1 g, %2 g</source>
        <translation>%1 g, %2 g</translation>
    </message>
    <message>
        <source>waste in all</source>
        <translation>Abfall insgesamt</translation>
    </message>
    <message>
        <source>Jobs by &amp;colour…</source>
        <translation>Jobs nach &amp;Farbe…</translation>
    </message>
    <message>
        <source>&amp;Lettering first…</source>
        <translation>Schrift &amp;zuerst…</translation>
    </message>
    <message>
        <source>A project, a sheet and bodies for each colour, and a list of parts with pictures of where they go</source>
        <translation>Ein Projekt, ein Zettel und Körper für jede Farbe, und eine Teileliste mit Bildern, wohin sie gehören</translation>
    </message>
    <message>
        <source>Job one prints the outlines of lettering on the first layer, job two the piece over it</source>
        <translation>Job eins druckt die Umrisse der Schrift auf der ersten Schicht, Job zwei das Stück darüber</translation>
    </message>
    <message>
        <source>Save the project first: its jobs remember which file they come from.</source>
        <translation>Speichere erst das Projekt: seine Jobs merken sich, aus welcher Datei sie stammen.</translation>
    </message>
    <message>
        <source>Change the line&apos;s width</source>
        <translation>Die Linienbreite ändern</translation>
    </message>
    <message>
        <source>The line is %1 mm wide now. Look at the jobs again.</source>
        <translation>Die Linie ist jetzt %1 mm breit. Sieh dir die Jobs noch einmal an.</translation>
    </message>
    <message>
        <source>A folder for the jobs</source>
        <translation>Ein Ordner für die Jobs</translation>
    </message>
    <message numerus="yes">
        <source>%n job(s) were written into %1, with a list of all parts.</source>
        <translation>
            <numerusform>%n Job wurde in %1 geschrieben, mit einer Liste aller Teile.</numerusform>
            <numerusform>%n Jobs wurden in %1 geschrieben, mit einer Liste aller Teile.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::CalibrationPage</name>
    <message>
        <source>&amp;Write the strip…</source>
        <translation>Streifen &amp;schreiben…</translation>
    </message>
    <message>
        <source>&amp;Rows for this strip</source>
        <translation>&amp;Zeilen für diesen Streifen</translation>
    </message>
    <message>
        <source>&amp;Keep it</source>
        <translation>&amp;Behalten</translation>
    </message>
    <message>
        <source>Forget it</source>
        <translation>Vergessen</translation>
    </message>
    <message>
        <source>1  Print a strip</source>
        <translation>1  Einen Streifen drucken</translation>
    </message>
    <message>
        <source>&amp;Filaments from below</source>
        <translation>&amp;Filamente von unten</translation>
    </message>
    <message>
        <source>Each letter after the first is one change, and one reading</source>
        <translation>Jeder Buchstabe nach dem ersten ist ein Wechsel und eine Messung</translation>
    </message>
    <message>
        <source>A folder gets the strip as 3MF and STL, its plan as a page, and a project</source>
        <translation>Ein Ordner bekommt den Streifen als 3MF und STL, seinen Plan als Seite und ein Projekt</translation>
    </message>
    <message>
        <source>2  Enter what you measured</source>
        <translation>2  Messungen eintragen</translation>
    </message>
    <message>
        <source>mm of strip above the change</source>
        <translation>mm Streifen über dem Wechsel</translation>
    </message>
    <message>
        <source>mm³ pushed out</source>
        <translation>mm³ herausgedrückt</translation>
    </message>
    <message>
        <source>seconds after the change</source>
        <translation>Sekunden nach dem Wechsel</translation>
    </message>
    <message>
        <source>Unit of the readings</source>
        <translation>Einheit der Messungen</translation>
    </message>
    <message>
        <source> mm³/s</source>
        <translation> mm³/s</translation>
    </message>
    <message>
        <source>Flow while the strip was printed</source>
        <translation>Fluss beim Drucken des Streifens</translation>
    </message>
    <message>
        <source>Line width × layer height × speed</source>
        <translation>Linienbreite × Schichthöhe × Tempo</translation>
    </message>
    <message>
        <source>From CSV…</source>
        <translation>Aus CSV…</translation>
    </message>
    <message>
        <source>To CSV…</source>
        <translation>Als CSV…</translation>
    </message>
    <message>
        <source>Readings</source>
        <translation>Messungen</translation>
    </message>
    <message>
        <source>from</source>
        <translation>von</translation>
    </message>
    <message>
        <source>to</source>
        <translation>auf</translation>
    </message>
    <message>
        <source>judged at ΔE</source>
        <translation>beurteilt bei ΔE</translation>
    </message>
    <message>
        <source>clean after</source>
        <translation>sauber nach</translation>
    </message>
    <message>
        <source>model, mm³</source>
        <translation>Modell, mm³</translation>
    </message>
    <message>
        <source>off by</source>
        <translation>daneben um</translation>
    </message>
    <message>
        <source>&amp;Add</source>
        <translation>&amp;Hinzufügen</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Remove a reading</source>
        <translation>Eine Messung entfernen</translation>
    </message>
    <message>
        <source>Change a reading</source>
        <translation>Eine Messung ändern</translation>
    </message>
    <message>
        <source>Change the unit of the readings</source>
        <translation>Die Einheit der Messungen ändern</translation>
    </message>
    <message>
        <source>Change the flow of the readings</source>
        <translation>Den Fluss der Messungen ändern</translation>
    </message>
    <message>
        <source>3  What it says about the nozzle</source>
        <translation>3  Was sie über die Düse sagen</translation>
    </message>
    <message>
        <source>Nozzle it was measured on</source>
        <translation>Düse, an der gemessen wurde</translation>
    </message>
    <message>
        <source>Material it was measured with</source>
        <translation>Material, mit dem gemessen wurde</translation>
    </message>
    <message>
        <source>Kept with the machine, for nozzles of that toolhead and diameter and for that material class</source>
        <translation>Bleibt bei der Maschine, für Düsen dieses Druckkopfs und Durchmessers und für diese Materialklasse</translation>
    </message>
    <message>
        <source>measured on</source>
        <translation>gemessen am</translation>
    </message>
    <message>
        <source>Calibrations of this machine</source>
        <translation>Kalibrierungen dieser Maschine</translation>
    </message>
    <message>
        <source>Show its readings</source>
        <translation>Ihre Messungen zeigen</translation>
    </message>
    <message>
        <source>Forget a calibration</source>
        <translation>Eine Kalibrierung vergessen</translation>
    </message>
    <message>
        <source>Show the readings of a calibration</source>
        <translation>Die Messungen einer Kalibrierung zeigen</translation>
    </message>
    <message>
        <source>A strip needs two filaments in the project.</source>
        <translation>Ein Streifen braucht zwei Filamente im Projekt.</translation>
    </message>
    <message numerus="yes">
        <source>A hollow column %1 mm tall that changes filament %n time(s). Print it with no purge at all: one wall, no infill, no tower, so that %2 mm³ leave the nozzle with every mm of height. Then measure, above each change, from where on the colour looks clean.</source>
        <translation>
            <numerusform>Eine hohle Säule, %1 mm hoch, die %n-mal das Filament wechselt. Drucke sie ganz ohne Spülung: eine Wand, keine Füllung, kein Turm, damit mit jedem mm Höhe %2 mm³ die Düse verlassen. Miss dann über jedem Wechsel, ab wo die Farbe sauber aussieht.</numerusform>
            <numerusform>Eine hohle Säule, %1 mm hoch, die %n-mal das Filament wechselt. Drucke sie ganz ohne Spülung: eine Wand, keine Füllung, kein Turm, damit mit jedem mm Höhe %2 mm³ die Düse verlassen. Miss dann über jedem Wechsel, ab wo die Farbe sauber aussieht.</numerusform>
        </translation>
    </message>
    <message>
        <source>Add a reading</source>
        <translation>Eine Messung hinzufügen</translation>
    </message>
    <message>
        <source>Rows for the strip</source>
        <translation>Zeilen für den Streifen</translation>
    </message>
    <message>
        <source>Row %1: “%2” is neither a letter of the project nor a colour #rrggbb.</source>
        <translation>Zeile %1: „%2“ ist weder ein Buchstabe des Projekts noch eine Farbe #rrggbb.</translation>
    </message>
    <message>
        <source>Row %1: the level must be a number from 0.2 to 30.</source>
        <translation>Zeile %1: die Stufe muss eine Zahl von 0,2 bis 30 sein.</translation>
    </message>
    <message>
        <source>Row %1: “%2” is no number that can have been measured.</source>
        <translation>Zeile %1: „%2“ ist keine Zahl, die gemessen sein kann.</translation>
    </message>
    <message>
        <source> ✗</source>
        <translation> ✗</translation>
    </message>
    <message>
        <source>An outlier: %1 times its own standard deviation off. Measure it again.</source>
        <translation>Ein Ausreißer: um das %1-Fache seiner Standardabweichung daneben. Miss ihn noch einmal.</translation>
    </message>
    <message numerus="yes">
        <source> – %n outlier(s)</source>
        <translation>
            <numerusform> – %n Ausreißer</numerusform>
            <numerusform> – %n Ausreißer</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing fitted yet.</source>
        <translation>Noch nichts angepasst.</translation>
    </message>
    <message>
        <source>%1, %2 mm</source>
        <translation>%1, %2 mm</translation>
    </message>
    <message>
        <source>Keep a calibration</source>
        <translation>Eine Kalibrierung behalten</translation>
    </message>
    <message>
        <source>Kept. The project has figures of its own, purge.dead_mm3 or purge.mixing_mm3, and goes by them until they are 0.</source>
        <translation>Behalten. Das Projekt hat eigene Zahlen, purge.dead_mm3 oder purge.mixing_mm3, und geht nach ihnen, bis sie 0 sind.</translation>
    </message>
    <message>
        <source>Kept with the machine. The plan goes by it now.</source>
        <translation>Bei der Maschine behalten. Der Plan geht jetzt danach.</translation>
    </message>
    <message>
        <source>No calibration kept yet: the plan goes by the machine&apos;s figures.</source>
        <translation>Noch keine Kalibrierung: der Plan geht nach den Zahlen der Maschine.</translation>
    </message>
    <message>
        <source>Open readings</source>
        <translation>Messungen öffnen</translation>
    </message>
    <message>
        <source>Readings (*.csv)</source>
        <translation>Messungen (*.csv)</translation>
    </message>
    <message>
        <source>%1 was not read. %2</source>
        <translation>%1 wurde nicht gelesen. %2</translation>
    </message>
    <message>
        <source>Write readings</source>
        <translation>Messungen schreiben</translation>
    </message>
    <message>
        <source>Folder for the strip</source>
        <translation>Ordner für den Streifen</translation>
    </message>
    <message>
        <source>Written into %1: strip.3mf, one STL for each filament, strip.html with its plan, strip.vitrail.</source>
        <translation>In %1 geschrieben: strip.3mf, ein STL je Filament, strip.html mit seinem Plan, strip.vitrail.</translation>
    </message>
    <message>
        <source> – a third reading would</source>
        <translation> – eine dritte Messung sagte es</translation>
    </message>
    <message numerus="yes">
        <source>%1, %2 mm, %3: dead volume V_d %4 ± %6, mixing volume V_m %5 ± %7 mm³, %n reading(s)</source>
        <translation>
            <numerusform>%1, %2 mm, %3: Totvolumen V_d %4 ± %6, Mischvolumen V_m %5 ± %7 mm³, %n Messung</numerusform>
            <numerusform>%1, %2 mm, %3: Totvolumen V_d %4 ± %6, Mischvolumen V_m %5 ± %7 mm³, %n Messungen</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, %2 mm, %3: dead volume V_d %4, mixing volume V_m %5 mm³, two readings, uncertainty unknown</source>
        <translation>%1, %2 mm, %3: Totvolumen V_d %4, Mischvolumen V_m %5 mm³, zwei Messungen, Unsicherheit unbekannt</translation>
    </message>
    <message>
        <source>Dead volume V_d %1 ± %2 mm³, mixing volume V_m %3 ± %4 mm³</source>
        <translation>Totvolumen V_d %1 ± %2 mm³, Mischvolumen V_m %3 ± %4 mm³</translation>
    </message>
    <message>
        <source>Dead volume V_d %1 mm³, mixing volume V_m %2 mm³; two readings do not tell how sure that is</source>
        <translation>Totvolumen V_d %1 mm³, Mischvolumen V_m %2 mm³; zwei Messungen sagen nicht, wie sicher das ist</translation>
    </message>
    <message>
        <source>Dead volume V_d 0 mm³, with 95 % no more than %1; mixing volume V_m %2 ± %3 mm³</source>
        <translation>Totvolumen V_d 0 mm³, mit 95 % nicht mehr als %1; Mischvolumen V_m %2 ± %3 mm³</translation>
    </message>
</context>
<context>
    <name>vitrail::ChangesBench</name>
    <message>
        <source>Changes and order</source>
        <translation>Wechsel und Reihenfolge</translation>
    </message>
    <message>
        <source>Nozzles and slots</source>
        <translation>Düsen und Slots</translation>
    </message>
    <message>
        <source>By hand</source>
        <translation>Von Hand</translation>
    </message>
    <message>
        <source>What would save changes</source>
        <translation>Was Wechsel sparte</translation>
    </message>
    <message>
        <source>Each has been planned: the figures are exact. Sorted by what it saves for what it gives up.</source>
        <translation>Jeder ist geplant: die Zahlen sind genau. Sortiert nach dem, was er für das spart, was er aufgibt.</translation>
    </message>
    <message>
        <source>Nothing here would save changes, purge or time.</source>
        <translation>Nichts hier sparte Wechsel, Spülung oder Zeit.</translation>
    </message>
    <message>
        <source>Once there is a plan, what could be given up for fewer changes stands here.</source>
        <translation>Sobald es einen Plan gibt, steht hier, was sich für weniger Wechsel aufgeben ließe.</translation>
    </message>
    <message>
        <source>Fewer changes</source>
        <translation>Weniger Wechsel</translation>
    </message>
</context>
<context>
    <name>vitrail::ChangesModel</name>
    <message>
        <source>The first layer in the new filament; “in” where that layer has already begun in another one</source>
        <translation>Die erste Schicht im neuen Filament; „in“, wo sie in einem anderen schon begonnen hat</translation>
    </message>
    <message>
        <source>before layer</source>
        <translation>vor Schicht</translation>
    </message>
    <message>
        <source>The last layer that is finished before the change</source>
        <translation>Die letzte Schicht, die vor dem Wechsel fertig ist</translation>
    </message>
    <message>
        <source>after layer</source>
        <translation>nach Schicht</translation>
    </message>
    <message>
        <source>Height that is finished when the change is due</source>
        <translation>Höhe, die fertig ist, wenn der Wechsel kommt</translation>
    </message>
    <message>
        <source>Height at which the first layer in the new filament ends</source>
        <translation>Höhe, bei der die erste Schicht im neuen Filament endet</translation>
    </message>
    <message>
        <source>Filament that was printed, and the one that follows</source>
        <translation>Das Filament bis dahin und das folgende</translation>
    </message>
    <message>
        <source>from → to</source>
        <translation>von → auf</translation>
    </message>
    <message>
        <source>kind</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>Grams of the new filament that are purged</source>
        <translation>Gramm des neuen Filaments, die gespült werden</translation>
    </message>
    <message>
        <source>purge</source>
        <translation>Spülung</translation>
    </message>
    <message>
        <source>The change, its purge, and waiting for a person</source>
        <translation>Der Wechsel, seine Spülung und das Warten auf jemanden</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>What your toolpath program should write at this change; the words are edited with the machine</source>
        <translation>Was dein Programm für Druckdateien bei diesem Wechsel schreiben soll; die Worte ändert man bei der Maschine</translation>
    </message>
    <message>
        <source>command</source>
        <translation>Befehl</translation>
    </message>
    <message>
        <source>Where the purge goes</source>
        <translation>Wohin die Spülung geht</translation>
    </message>
    <message>
        <source>goes to</source>
        <translation>geht in</translation>
    </message>
    <message>
        <source>%1 mm³: the nozzle keeps this filament and only primes</source>
        <translation>%1 mm³: die Düse behält dieses Filament und fördert nur vor</translation>
    </message>
    <message>
        <source>%1 s for the change itself, the rest is purging at %2 mm³/s%3</source>
        <translation>%1 s für den Wechsel selbst, der Rest ist Spülen mit %2 mm³/s%3</translation>
    </message>
    <message>
        <source> and %1 s until somebody comes</source>
        <translation> und %1 s, bis jemand kommt</translation>
    </message>
    <message>
        <source>in %1</source>
        <translation>in %1</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>hand swap</source>
        <translation>Handwechsel</translation>
    </message>
    <message>
        <source>feeder</source>
        <translation>Feeder</translation>
    </message>
    <message>
        <source>tool</source>
        <translation>Werkzeug</translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation>%1 g</translation>
    </message>
    <message>
        <source>ejected</source>
        <translation>ausgeworfen</translation>
    </message>
    <message>
        <source>tower</source>
        <translation>Turm</translation>
    </message>
    <message>
        <source>infill</source>
        <translation>Füllung</translation>
    </message>
    <message>
        <source>support</source>
        <translation>Stützen</translation>
    </message>
    <message>
        <source>2nd piece</source>
        <translation>2. Stück</translation>
    </message>
    <message>
        <source>skirt</source>
        <translation>Schürze</translation>
    </message>
    <message>
        <source>Number of the change; refills have none</source>
        <translation>Nummer des Wechsels; Nachladen hat keine</translation>
    </message>
    <message>
        <source>By hand, by a feeder, to another nozzle; or a slot that gets another filament</source>
        <translation>Von Hand, durch einen Feeder, auf eine andere Düse; oder ein Slot, der ein anderes Filament bekommt</translation>
    </message>
    <message>
        <source>Of it, how long a person must be at the printer</source>
        <translation>Wie lange davon jemand am Drucker sein muss</translation>
    </message>
    <message>
        <source>there</source>
        <translation>da</translation>
    </message>
    <message>
        <source>%1 into an empty slot</source>
        <translation>%1 in einen leeren Slot</translation>
    </message>
    <message>
        <source>refill</source>
        <translation>Nachladen</translation>
    </message>
    <message>
        <source>slot %1</source>
        <translation>Slot %1</translation>
    </message>
    <message>
        <source>spool</source>
        <translation>Spule</translation>
    </message>
    <message>
        <source>%1 mm³, for %2 no longer to show in %3 at ΔE %4 it takes %5 (dead volume V_d %6, mixing volume V_m %7 mm³); × %8 g/cm³</source>
        <translation>%1 mm³; damit man %2 bei ΔE %4 in %3 nicht mehr sieht, braucht es %5 (Totvolumen V_d %6, Mischvolumen V_m %7 mm³); × %8 g/cm³</translation>
    </message>
    <message>
        <source>printed</source>
        <translation>gedruckt</translation>
    </message>
    <message>
        <source>layer ends</source>
        <translation>Schicht endet</translation>
    </message>
</context>
<context>
    <name>vitrail::ColourDialog</name>
    <message>
        <source>Colours of the model</source>
        <translation>Farben des Modells</translation>
    </message>
    <message>
        <source>Colours left</source>
        <translation>Farben übrig</translation>
    </message>
    <message>
        <source>Colours &amp;left</source>
        <translation>Farben ü&amp;brig</translation>
    </message>
    <message>
        <source>Colours of the file and their filaments</source>
        <translation>Farben der Datei und ihre Filamente</translation>
    </message>
    <message>
        <source>in the file</source>
        <translation>in der Datei</translation>
    </message>
    <message>
        <source>of the surface</source>
        <translation>der Oberfläche</translation>
    </message>
    <message>
        <source>becomes</source>
        <translation>wird</translation>
    </message>
    <message>
        <source>off by ΔE</source>
        <translation>daneben um ΔE</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message numerus="yes">
        <source>%n colour(s) merged into the nearest one that covers more; the farthest is off by ΔE %1.</source>
        <translation>
            <numerusform>%n Farbe in die nächste aufgegangen, die mehr bedeckt; die fernste liegt ΔE %1 daneben.</numerusform>
            <numerusform>%n Farben in die nächste aufgegangen, die mehr bedeckt; die fernste liegt ΔE %1 daneben.</numerusform>
        </translation>
    </message>
    <message>
        <source>Every colour of the file is kept. Move the slider to merge near-equal ones.</source>
        <translation>Jede Farbe der Datei bleibt. Schiebe den Regler, um fast gleiche zusammenzulegen.</translation>
    </message>
    <message>
        <source> and %1 more</source>
        <translation> und %1 mehr</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>Filament for %1</source>
        <translation>Filament für %1</translation>
    </message>
    <message>
        <source>a new filament of this colour</source>
        <translation>ein neues Filament dieser Farbe</translation>
    </message>
</context>
<context>
    <name>vitrail::CopiesPage</name>
    <message>
        <source>&amp;Print so many</source>
        <translation>So viele &amp;drucken</translation>
    </message>
    <message>
        <source>One piece, of so many printed together</source>
        <translation>Ein Stück von so vielen, die zusammen gedruckt werden</translation>
    </message>
    <message>
        <source>changes are paid once for the plate</source>
        <translation>Wechsel zahlt man einmal für die Platte</translation>
    </message>
    <message>
        <source>This many</source>
        <translation>So viele</translation>
    </message>
    <message>
        <source>Figures of this many copies</source>
        <translation>Zahlen dieser Stückzahl</translation>
    </message>
    <message>
        <source>in all</source>
        <translation>insgesamt</translation>
    </message>
    <message>
        <source>each</source>
        <translation>je Stück</translation>
    </message>
    <message>
        <source>One after another instead</source>
        <translation>Stattdessen nacheinander</translation>
    </message>
    <message>
        <source>Between two pieces the head travels low over the bed. Check the clearance on your machine before the first time, and stay with it.</source>
        <translation>Zwischen zwei Stücken fährt der Kopf tief über das Bett. Prüfe den Freiraum vor dem ersten Mal an deiner Maschine, und bleib dabei.</translation>
    </message>
    <message>
        <source>What counts</source>
        <translation>Was zählt</translation>
    </message>
    <message>
        <source>Change how many are printed together</source>
        <translation>Ändern, wie viele zusammen gedruckt werden</translation>
    </message>
    <message>
        <source>Working it out…</source>
        <translation>Wird ausgerechnet…</translation>
    </message>
    <message>
        <source>Once there is a plan, what more copies at once would cost stands here.</source>
        <translation>Sobald es einen Plan gibt, steht hier, was mehr Kopien auf einmal kosten.</translation>
    </message>
    <message>
        <source>Not even one of everything fits on the bed: turn it, scale it, or choose another machine.</source>
        <translation>Nicht einmal eines von allem passt auf das Bett: drehe oder verkleinere es, oder wähle eine andere Maschine.</translation>
    </message>
    <message numerus="yes">
        <source>%n of everything fit on one plate</source>
        <translation>
            <numerusform>%n von allem passt auf eine Platte</numerusform>
            <numerusform>%n von allem passen auf eine Platte</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n fit on one plate</source>
        <translation>
            <numerusform>%n passt auf eine Platte</numerusform>
            <numerusform>%n passen auf eine Platte</numerusform>
        </translation>
    </message>
    <message>
        <source>; from %1 on another gains less than %2 % of a piece&apos;s price.</source>
        <translation>; ab %1 gewinnt ein weiteres weniger als %2 % vom Preis eines Stücks.</translation>
    </message>
    <message>
        <source>; each one more still gains over %1 % of a piece&apos;s price.</source>
        <translation>; jedes weitere gewinnt noch über %1 % vom Preis eines Stücks.</translation>
    </message>
    <message>
        <source>plates</source>
        <translation>Platten</translation>
    </message>
    <message>
        <source>changes</source>
        <translation>Wechsel</translation>
    </message>
    <message>
        <source>thrown away</source>
        <translation>Abfall</translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation>%1 g</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>material</source>
        <translation>Material</translation>
    </message>
    <message>
        <source>all in</source>
        <translation>insgesamt</translation>
    </message>
    <message>
        <source>lost if it fails late</source>
        <translation>verloren, wenn es spät misslingt</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>hours lost then</source>
        <translation>dann verlorene Stunden</translation>
    </message>
    <message>
        <source>Changes are those of the plate, not of the piece</source>
        <translation>Wechsel sind die der Platte, nicht des Stücks</translation>
    </message>
    <message>
        <source>Purge, tower and support</source>
        <translation>Spülung, Turm und Stützen</translation>
    </message>
    <message>
        <source>Filament, and your own hours where they have a price</source>
        <translation>Filament, und deine eigenen Stunden, wo sie einen Preis haben</translation>
    </message>
    <message>
        <source>Filament, the printer&apos;s hours and one&apos;s own: by this ways to print are compared</source>
        <translation>Filament, die Stunden des Druckers und die eigenen: danach werden Arten zu drucken verglichen</translation>
    </message>
    <message>
        <source>A failure in the last layer takes everything on the plate with it; at the right the share of all pieces that are wanted</source>
        <translation>Misslingt die letzte Schicht, ist alles auf der Platte verloren; rechts der Anteil an allen Stücken, die gewünscht sind</translation>
    </message>
    <message>
        <source>&amp;Print %1 together</source>
        <translation>%1 &amp;zusammen drucken</translation>
    </message>
    <message>
        <source>They take several plates: write an order for them</source>
        <translation>Sie brauchen mehrere Platten: schreibe einen Auftrag dafür</translation>
    </message>
    <message>
        <source>Not offered. %1</source>
        <translation>Nicht angeboten. %1</translation>
    </message>
    <message>
        <source>%1 changes instead of %2, %3 g thrown away instead of %4, %5 instead of %6. A failure loses %7 g instead of %8. It needs %9 between the pieces.</source>
        <translation>%1 Wechsel statt %2, %3 g Abfall statt %4, %5 statt %6. Misslingt eines, sind %7 g verloren statt %8. Es braucht %9 zwischen den Stücken.</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source>Print them one &amp;after another</source>
        <translation>Sie &amp;nacheinander drucken</translation>
    </message>
    <message>
        <source>The plate becomes one piece, printed so many times: each run of it begins by itself beside the last. The Run bench has all of them on the clock</source>
        <translation>Die Platte wird zu einem Stück, so oft gedruckt: jeder Lauf beginnt von selbst neben dem letzten. Die Werkbank „Lauf“ hat sie alle auf der Uhr</translation>
    </message>
    <message>
        <source>Print one after another</source>
        <translation>Nacheinander drucken</translation>
    </message>
</context>
<context>
    <name>vitrail::CopiesView</name>
    <message>
        <source>What a piece costs over how many are printed together</source>
        <translation>Was ein Stück kostet, je nachdem, wie viele zusammen gedruckt werden</translation>
    </message>
    <message>
        <source>Click, drag, or use the arrow keys to choose a number of copies</source>
        <translation>Klicke, ziehe oder nimm die Pfeiltasten, um eine Stückzahl zu wählen</translation>
    </message>
    <message>
        <source>%1: %2 g thrown away, %3 and %4 for each</source>
        <translation>%1: %2 g Abfall, %3 und %4 je Stück</translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation>%1 g</translation>
    </message>
    <message>
        <source>printed together · a dark line: the plate is full · ▼ from here one more gains less than %1 %</source>
        <translation>zusammen gedruckt · eine dunkle Linie: die Platte ist voll · ▼ ab hier gewinnt ein weiteres weniger als %1 %</translation>
    </message>
    <message>
        <source>thrown away, each</source>
        <translation>Abfall, je Stück</translation>
    </message>
    <message>
        <source>time, each</source>
        <translation>Zeit, je Stück</translation>
    </message>
    <message>
        <source>money all in, each</source>
        <translation>Geld insgesamt, je Stück</translation>
    </message>
</context>
<context>
    <name>vitrail::CoreView</name>
    <message>
        <source>The core at the pointer</source>
        <translation>Der Bohrkern am Zeiger</translation>
    </message>
    <message>
        <source>Nothing is printed here.</source>
        <translation>Hier wird nichts gedruckt.</translation>
    </message>
    <message numerus="yes">
        <source>%n layer(s) of %1</source>
        <translation>
            <numerusform>%n Schicht in %1</numerusform>
            <numerusform>%n Schichten in %1</numerusform>
        </translation>
    </message>
    <message>
        <source>From the top: %1. It becomes %2, asked is %3, ΔE %4.</source>
        <translation>Von oben: %1. Es wird %2, verlangt ist %3, ΔE %4.</translation>
    </message>
    <message>
        <source>%1: ΔE %2.</source>
        <translation>%1: ΔE %2.</translation>
    </message>
    <message>
        <source>%1 × %2 mm</source>
        <translation>%1 × %2 mm</translation>
    </message>
    <message>
        <source>lamp</source>
        <translation>Lampe</translation>
    </message>
    <message>
        <source>lets through %1 %</source>
        <translation>lässt %1 % durch</translation>
    </message>
    <message>
        <source>sends back %1 %</source>
        <translation>wirft %1 % zurück</translation>
    </message>
    <message>
        <source>the bed</source>
        <translation>das Bett</translation>
    </message>
    <message>
        <source>asked</source>
        <translation>verlangt</translation>
    </message>
    <message>
        <source>made</source>
        <translation>gemacht</translation>
    </message>
    <message>
        <source>ΔE %1</source>
        <translation>ΔE %1</translation>
    </message>
</context>
<context>
    <name>vitrail::CropView</name>
    <message>
        <source>What is kept of the picture</source>
        <translation>Was vom Bild bleibt</translation>
    </message>
    <message>
        <source>From %1 to %2 % across, from %3 to %4 % down. Arrow keys move it, with Shift they change its size.</source>
        <translation>Von %1 bis %2 % quer, von %3 bis %4 % hinunter. Pfeiltasten verschieben, mit Umschalt ändern sie die Größe.</translation>
    </message>
    <message>
        <source>No picture yet.</source>
        <translation>Noch kein Bild.</translation>
    </message>
</context>
<context>
    <name>vitrail::CurveView</name>
    <message>
        <source>Click to add a point, drag it; a double click takes it away. By keys: Space goes to the next point, arrows move it, Insert adds, Delete takes away.</source>
        <translation>Klicke, um einen Punkt zu setzen, ziehe ihn; ein Doppelklick nimmt ihn weg. Mit Tasten: Leertaste zum nächsten Punkt, Pfeile verschieben ihn, Einfg setzt einen, Entf nimmt ihn weg.</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>%1 to %2: %3. Point %4 is chosen.</source>
        <translation>%1 auf %2: %3. Punkt %4 ist gewählt.</translation>
    </message>
</context>
<context>
    <name>vitrail::DeviceLink</name>
    <message>
        <source>an address is HOST:PORT, such as localhost:9100, or a device such as /dev/ttyUSB0</source>
        <translation>eine Adresse ist RECHNER:PORT, etwa localhost:9100, oder ein Gerät wie /dev/ttyUSB0</translation>
    </message>
</context>
<context>
    <name>vitrail::DeviceRow</name>
    <message>
        <source>Where it is</source>
        <translation>Wo es ist</translation>
    </message>
    <message>
        <source>The simulated one, HOST:PORT, or a serial port with its baud rate behind a comma where it is not 115200</source>
        <translation>Das simulierte, RECHNER:PORT, oder eine serielle Schnittstelle, mit der Baudrate hinter einem Komma, wo sie nicht 115200 ist</translation>
    </message>
    <message>
        <source>simulated</source>
        <translation>simuliert</translation>
    </message>
    <message>
        <source>It does not answer. Is it switched on, and is the address right?</source>
        <translation>Es antwortet nicht. Ist es eingeschaltet, und stimmt die Adresse?</translation>
    </message>
    <message>
        <source>It has hung up.</source>
        <translation>Es hat aufgelegt.</translation>
    </message>
    <message>
        <source>There is no line to it: %1</source>
        <translation>Es gibt keine Verbindung dahin: %1</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>It is asked…</source>
        <translation>Es wird gefragt…</translation>
    </message>
    <message>
        <source>&amp;Read the scale</source>
        <translation>&amp;Waage ablesen</translation>
    </message>
    <message>
        <source>Takes what a scale on a line shows, once it stands still</source>
        <translation>Nimmt, was eine angeschlossene Waage zeigt, sobald sie stillsteht</translation>
    </message>
    <message>
        <source>It has not settled yet.</source>
        <translation>Sie ist noch nicht zur Ruhe gekommen.</translation>
    </message>
    <message>
        <source>&amp;Read a tag</source>
        <translation>&amp;Marke lesen</translation>
    </message>
    <message>
        <source>Takes the number of the spool&apos;s tag that is held to a reader on a line</source>
        <translation>Nimmt die Nummer der Marke einer Spule, die man an einen angeschlossenen Leser hält</translation>
    </message>
    <message>
        <source>It could not read the tag; hold it still.</source>
        <translation>Die Marke war nicht zu lesen; halte sie still.</translation>
    </message>
    <message>
        <source>Hold the spool&apos;s tag to the reader.</source>
        <translation>Halte die Marke der Spule an den Leser.</translation>
    </message>
</context>
<context>
    <name>vitrail::Document</name>
    <message>
        <source>Untitled</source>
        <translation>Ohne Titel</translation>
    </message>
    <message>
        <source>as assigned</source>
        <translation>wie zugewiesen</translation>
    </message>
    <message>
        <source>pinned</source>
        <translation>angeheftet</translation>
    </message>
    <message>
        <source>%1 could not be opened. %2</source>
        <translation>%1 ließ sich nicht öffnen. %2</translation>
    </message>
    <message>
        <source>%1 was not saved. %2</source>
        <translation>%1 wurde nicht gespeichert. %2</translation>
    </message>
    <message>
        <source>%1 was not added. %2</source>
        <translation>%1 wurde nicht hinzugefügt. %2</translation>
    </message>
    <message numerus="yes">
        <source>Add %n piece(s)</source>
        <translation>
            <numerusform>%n Stück hinzufügen</numerusform>
            <numerusform>%n Stücke hinzufügen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Add %n model file(s)</source>
        <translation>
            <numerusform>%n Modelldatei hinzufügen</numerusform>
            <numerusform>%n Modelldateien hinzufügen</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 was not written. %2</source>
        <translation>%1 wurde nicht geschrieben. %2</translation>
    </message>
</context>
<context>
    <name>vitrail::EmptyHint</name>
    <message>
        <source>Add model files…</source>
        <translation>Modelldateien hinzufügen…</translation>
    </message>
    <message>
        <source>Demo projects</source>
        <translation>Beispielprojekte</translation>
    </message>
    <message>
        <source>%1 There is nothing to plan yet: add a model, or look at a demo.</source>
        <translation>%1 Noch ist nichts zu planen: füge ein Modell hinzu, oder sieh dir ein Beispiel an.</translation>
    </message>
</context>
<context>
    <name>vitrail::Explain</name>
    <message>
        <source>More in the guide</source>
        <translation>Mehr im Handbuch</translation>
    </message>
</context>
<context>
    <name>vitrail::FactorView</name>
    <message>
        <source>The factor over time</source>
        <translation>Der Faktor über die Zeit</translation>
    </message>
    <message>
        <source>%1, %2: %3 times what was foretold</source>
        <translation>%1, %2: das %3-Fache der Vorhersage</translation>
    </message>
    <message>
        <source>; so far from the others that it does not count</source>
        <translation>; so weit von den anderen, dass er nicht zählt</translation>
    </message>
    <message>
        <source>; left out by you</source>
        <translation>; von dir weggelassen</translation>
    </message>
    <message>
        <source>; from before it changed</source>
        <translation>; aus der Zeit vor der Änderung</translation>
    </message>
    <message>
        <source>Choose a factor, and see the prints it comes from.</source>
        <translation>Wähle einen Faktor und sieh, aus welchen Drucken er stammt.</translation>
    </message>
    <message>
        <source>%1×</source>
        <translation>%1×</translation>
    </message>
    <message>
        <source>%1 over time</source>
        <translation>%1 über die Zeit</translation>
    </message>
</context>
<context>
    <name>vitrail::FilamentDialog</name>
    <message>
        <source>Filament %1</source>
        <translation>Filament %1</translation>
    </message>
    <message>
        <source>Colour as #rrggbb</source>
        <translation>Farbe als #rrggbb</translation>
    </message>
    <message>
        <source>Choose the colour</source>
        <translation>Die Farbe wählen</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>Transmission distance: the thickness that lets a tenth of the light through. Definitions differ; measure with a step wedge.</source>
        <translation>Transmissionsdicke: die Dicke, die ein Zehntel des Lichts durchlässt. Definitionen gehen auseinander; miss mit einem Stufenkeil.</translation>
    </message>
    <message>
        <source>Transmission distance</source>
        <translation>Transmissionsdicke</translation>
    </message>
    <message>
        <source>Of the strand: 1.75 or 2.85 mm in practice.</source>
        <translation>Des Strangs: in der Praxis 1,75 oder 2,85 mm.</translation>
    </message>
    <message>
        <source>Diameter</source>
        <translation>Durchmesser</translation>
    </message>
    <message>
        <source>g/cm³</source>
        <translation>g/cm³</translation>
    </message>
    <message>
        <source>Default of the material class, from memory.</source>
        <translation>Vorgabe der Materialklasse, aus der Erinnerung.</translation>
    </message>
    <message>
        <source>Density</source>
        <translation>Dichte</translation>
    </message>
    <message>
        <source>per kg</source>
        <translation>je kg</translation>
    </message>
    <message>
        <source>What a kilogram costs you, in your currency.</source>
        <translation>Was dich ein Kilogramm kostet, in deiner Währung.</translation>
    </message>
    <message>
        <source>Price</source>
        <translation>Preis</translation>
    </message>
    <message>
        <source>Default of the material class, from memory; the spool&apos;s label knows better.</source>
        <translation>Vorgabe der Materialklasse, aus der Erinnerung; das Etikett der Spule weiß es besser.</translation>
    </message>
    <message>
        <source>°C</source>
        <translation>°C</translation>
    </message>
    <message>
        <source>Nozzle from</source>
        <translation>Düse von</translation>
    </message>
    <message>
        <source>Nozzle to</source>
        <translation>Düse bis</translation>
    </message>
    <message>
        <source>Bed from</source>
        <translation>Bett von</translation>
    </message>
    <message>
        <source>h</source>
        <translation>h</translation>
    </message>
    <message>
        <source>Its spool is busy elsewhere, in another printer for instance, until so many hours after the start. It is put in later then, as long as it is there by its first layer.</source>
        <translation>Seine Spule ist anderswo beschäftigt, etwa in einem anderen Drucker, bis so viele Stunden nach dem Beginn. Sie kommt dann später hinein, solange sie bis zu ihrer ersten Schicht da ist.</translation>
    </message>
    <message>
        <source>Spool free after</source>
        <translation>Spule frei nach</translation>
    </message>
    <message>
        <source>from the start</source>
        <translation>von Beginn an</translation>
    </message>
    <message>
        <source>Colour difference at which a change to it counts as clean: 1 for show surfaces, 4 where it is hidden.</source>
        <translation>Farbabstand, bei dem ein Wechsel zu ihm als sauber gilt: 1 für Sichtflächen, 4, wo man es nicht sieht.</translation>
    </message>
    <message>
        <source>Clean at ΔE</source>
        <translation>Sauber bei ΔE</translation>
    </message>
    <message>
        <source>as the project</source>
        <translation>wie das Projekt</translation>
    </message>
    <message>
        <source>Bed to</source>
        <translation>Bett bis</translation>
    </message>
    <message>
        <source>&amp;Name</source>
        <translation>&amp;Name</translation>
    </message>
    <message>
        <source>&amp;Material</source>
        <translation>&amp;Material</translation>
    </message>
    <message>
        <source>&amp;Colour</source>
        <translation>&amp;Farbe</translation>
    </message>
    <message>
        <source>&amp;Transmission distance</source>
        <translation>&amp;Transmissionsdicke</translation>
    </message>
    <message>
        <source>&amp;Diameter</source>
        <translation>&amp;Durchmesser</translation>
    </message>
    <message>
        <source>D&amp;ensity</source>
        <translation>D&amp;ichte</translation>
    </message>
    <message>
        <source>&amp;Price</source>
        <translation>&amp;Preis</translation>
    </message>
    <message>
        <source>No&amp;zzle</source>
        <translation>Dü&amp;se</translation>
    </message>
    <message>
        <source>&amp;Bed</source>
        <translation>&amp;Bett</translation>
    </message>
    <message>
        <source>Clean at Δ&amp;E</source>
        <translation>Sauber bei Δ&amp;E</translation>
    </message>
    <message>
        <source>Spool &amp;free after</source>
        <translation>Spule f&amp;rei nach</translation>
    </message>
    <message>
        <source>A new material brings its own density and temperatures.</source>
        <translation>Ein neues Material bringt seine eigene Dichte und seine Temperaturen mit.</translation>
    </message>
    <message>
        <source>Colour of filament %1</source>
        <translation>Farbe von Filament %1</translation>
    </message>
    <message>
        <source>Measure…</source>
        <translation>Messen…</translation>
    </message>
    <message>
        <source>By a step wedge: print it, photograph it, and read how the filament absorbs and scatters light</source>
        <translation>Mit einem Stufenkeil: drucke ihn, fotografiere ihn, und lies ab, wie das Filament Licht schluckt und streut</translation>
    </message>
    <message>
        <source>Forget</source>
        <translation>Vergessen</translation>
    </message>
    <message>
        <source>Light in pict&amp;ures</source>
        <translation>Licht in B&amp;ildern</translation>
    </message>
    <message>
        <source>from colour and transmission distance</source>
        <translation>aus Farbe und Transmissionsdicke</translation>
    </message>
    <message>
        <source>measured: K %1, S %2 /mm (green)</source>
        <translation>gemessen: K %1, S %2 /mm (grün)</translation>
    </message>
    <message>
        <source>Red, green, blue: K %1, %2, %3 and S %4, %5, %6 per mm</source>
        <translation>Rot, Grün, Blau: K %1, %2, %3 und S %4, %5, %6 je mm</translation>
    </message>
</context>
<context>
    <name>vitrail::FilamentsModel</name>
    <message>
        <source>%1 g</source>
        <translation>%1 g</translation>
    </message>
    <message>
        <source>piece %1 g + purge %2 g + tower %3 g + first load %4 g
= %5 m of strand, costs %6</source>
        <translation>Stück %1 g + Spülung %2 g + Turm %3 g + erstes Füllen %4 g
= %5 m Strang, kostet %6</translation>
    </message>
    <message>
        <source>Press %1 to give it to what is selected. Enter or double click changes it.</source>
        <translation>Drücke %1, um es dem Gewählten zu geben. Eingabe oder Doppelklick ändert es.</translation>
    </message>
    <message>
        <source>Filament %1: %2</source>
        <translation>Filament %1: %2</translation>
    </message>
</context>
<context>
    <name>vitrail::FilePage</name>
    <message>
        <source>put %1 in</source>
        <translation>%1 einlegen</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>within layer %1</source>
        <translation>in Schicht %1</translation>
    </message>
    <message>
        <source>before layer %1</source>
        <translation>vor Schicht %1</translation>
    </message>
    <message>
        <source>&amp;Tool changes become swaps by hand</source>
        <translation>&amp;Werkzeugwechsel werden Handwechsel</translation>
    </message>
    <message>
        <source>Stops that are not planned become &amp;comments</source>
        <translation>Ungeplante Halte werden &amp;Kommentare</translation>
    </message>
    <message>
        <source>&amp;Choose the toolpath file…</source>
        <translation>Druck&amp;datei wählen…</translation>
    </message>
    <message>
        <source>Read it a&amp;gain</source>
        <translation>&amp;Neu lesen</translation>
    </message>
    <message>
        <source>&amp;Write the plan&apos;s stops…</source>
        <translation>Die Halte des Plans &amp;schreiben…</translation>
    </message>
    <message>
        <source>&amp;Use its time and grams</source>
        <translation>&amp;Ihre Zeit und Gramm übernehmen</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>What the toolpath file says</source>
        <translation>Was die Druckdatei sagt</translation>
    </message>
    <message>
        <source>Changes of the plan, and where the file has them</source>
        <translation>Wechsel des Plans, und wo die Datei sie hat</translation>
    </message>
    <message>
        <source>change</source>
        <translation>Wechsel</translation>
    </message>
    <message>
        <source>the plan</source>
        <translation>der Plan</translation>
    </message>
    <message>
        <source>the file</source>
        <translation>die Datei</translation>
    </message>
    <message>
        <source>line</source>
        <translation>Zeile</translation>
    </message>
    <message>
        <source>What is not as planned</source>
        <translation>Was nicht wie geplant ist</translation>
    </message>
    <message>
        <source>where</source>
        <translation>wo</translation>
    </message>
    <message>
        <source>The same file, with the plan&apos;s stops</source>
        <translation>Dieselbe Datei, mit den Halten des Plans</translation>
    </message>
    <message>
        <source>A copy is written, byte for byte but for the stops; it is read again and proven before it gets its name. The original stays. Where layers are not the plan&apos;s nothing is written.</source>
        <translation>Eine Kopie wird geschrieben, bis auf die Halte Byte für Byte gleich; sie wird noch einmal gelesen und geprüft, bevor sie ihren Namen bekommt. Das Original bleibt. Wo Schichten nicht die des Plans sind, wird nichts geschrieben.</translation>
    </message>
    <message>
        <source>Try a new stop on a small print first, and stay with it: a hot nozzle moves at each of them. What is written there is set in the machine&apos;s editor.</source>
        <translation>Versuche einen neuen Halt erst an einem kleinen Druck, und bleib dabei: an jedem bewegt sich eine heiße Düse. Was dort geschrieben wird, stellt man im Maschineneditor ein.</translation>
    </message>
    <message>
        <source>The plan&apos;s hours and grams of this print are corrected by the file&apos;s; undo brings the estimate back</source>
        <translation>Stunden und Gramm dieses Drucks im Plan werden nach denen der Datei berichtigt; Rückgängig bringt die Schätzung zurück</translation>
    </message>
    <message numerus="yes">
        <source>%1 · %n layer(s)</source>
        <translation>
            <numerusform>%1 · %n Schicht</numerusform>
            <numerusform>%1 · %n Schichten</numerusform>
        </translation>
    </message>
    <message>
        <source> · %1 lines</source>
        <translation> · %1 Zeilen</translation>
    </message>
    <message>
        <source>Choose the toolpath file</source>
        <translation>Die Druckdatei wählen</translation>
    </message>
    <message>
        <source>Toolpath files (*.gcode *.gco *.g *.nc);;All files (*)</source>
        <translation>Druckdateien (*.gcode *.gco *.g *.nc);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Reading %1…</source>
        <translation>%1 wird gelesen…</translation>
    </message>
    <message>
        <source>%1 cannot be used. %2</source>
        <translation>%1 ist nicht zu gebrauchen. %2</translation>
    </message>
    <message>
        <source>Programs differ by a layer in where they put a swap. Choose the file that will be printed, and see between which layers it really stops.</source>
        <translation>Programme setzen einen Wechsel oft um eine Schicht verschieden. Wähle die Datei, die gedruckt wird, und sieh, zwischen welchen Schichten sie wirklich hält.</translation>
    </message>
    <message numerus="yes">
        <source>▲ %n thing(s) would spoil the print</source>
        <translation>
            <numerusform>▲ %n Sache würde den Druck verderben</numerusform>
            <numerusform>▲ %n Sachen würden den Druck verderben</numerusform>
        </translation>
    </message>
    <message>
        <source>✓ The file prints the plan&apos;s layers, and nothing has to change.</source>
        <translation>✓ Die Datei druckt die Schichten des Plans, und nichts muss wechseln.</translation>
    </message>
    <message>
        <source>✓ Every change stands where the plan has it.</source>
        <translation>✓ Jeder Wechsel steht, wo der Plan ihn hat.</translation>
    </message>
    <message>
        <source>✓ as planned</source>
        <translation>✓ wie geplant</translation>
    </message>
    <message>
        <source>▲ missing</source>
        <translation>▲ fehlt</translation>
    </message>
    <message>
        <source>▲ elsewhere in the layer</source>
        <translation>▲ anderswo in der Schicht</translation>
    </message>
    <message>
        <source>▲ one layer late</source>
        <translation>▲ eine Schicht zu spät</translation>
    </message>
    <message>
        <source>▲ one layer early</source>
        <translation>▲ eine Schicht zu früh</translation>
    </message>
    <message>
        <source>▲ %1 layers late</source>
        <translation>▲ %1 Schichten zu spät</translation>
    </message>
    <message>
        <source>▲ %1 layers early</source>
        <translation>▲ %1 Schichten zu früh</translation>
    </message>
    <message>
        <source> · ▲ another filament</source>
        <translation> · ▲ anderes Filament</translation>
    </message>
    <message>
        <source>nowhere</source>
        <translation>nirgends</translation>
    </message>
    <message>
        <source>tool %1</source>
        <translation>Werkzeug %1</translation>
    </message>
    <message>
        <source>stop</source>
        <translation>Halt</translation>
    </message>
    <message>
        <source>▲ not planned</source>
        <translation>▲ nicht geplant</translation>
    </message>
    <message>
        <source>error</source>
        <translation>Fehler</translation>
    </message>
    <message>
        <source>warning</source>
        <translation>Warnung</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Hinweis</translation>
    </message>
    <message>
        <source>first layer %1 mm, %2 planned</source>
        <translation>erste Schicht %1 mm, geplant %2</translation>
    </message>
    <message>
        <source>%1 g in the file, %2 g planned</source>
        <translation>%1 g in der Datei, %2 g geplant</translation>
    </message>
    <message>
        <source>%1 of lines, %2 planned</source>
        <translation>%1 Linien, geplant %2</translation>
    </message>
    <message>
        <source>%1 %2 g (%3)</source>
        <translation>%1 %2 g (%3)</translation>
    </message>
    <message>
        <source>each, planned in brackets: %1</source>
        <translation>jedes, geplant in Klammern: %1</translation>
    </message>
    <message>
        <source>%1 mm³ pushed out at the stops</source>
        <translation>%1 mm³ an den Halten herausgedrückt</translation>
    </message>
    <message>
        <source>Correct the estimate by the toolpath file</source>
        <translation>Die Schätzung nach der Druckdatei berichtigen</translation>
    </message>
    <message>
        <source>The plan&apos;s lines take %1 times as long, its piece and support %2 times as much, as estimated; both are settings now.</source>
        <translation>Die Linien des Plans dauern %1-mal so lange, Stück und Stützen sind %2-mal so viel wie geschätzt; beides sind jetzt Einstellungen.</translation>
    </message>
    <message>
        <source>Write the file with the plan&apos;s stops</source>
        <translation>Die Datei mit den Halten des Plans schreiben</translation>
    </message>
    <message>
        <source>-with-stops.</source>
        <translation>-mit-halten.</translation>
    </message>
    <message>
        <source>Nothing has to be written: the file stops where the plan says.</source>
        <translation>Es muss nichts geschrieben werden: die Datei hält, wo der Plan es sagt.</translation>
    </message>
    <message>
        <source>Writing %1…</source>
        <translation>%1 wird geschrieben…</translation>
    </message>
    <message>
        <source>%1 was not written. %2</source>
        <translation>%1 wurde nicht geschrieben. %2</translation>
    </message>
    <message numerus="yes">
        <source>%1 was written with what was missing in %n place(s), read again and proven.</source>
        <translation>
            <numerusform>%1 wurde geschrieben, an %n Stelle ergänzt, noch einmal gelesen und geprüft.</numerusform>
            <numerusform>%1 wurde geschrieben, an %n Stellen ergänzt, noch einmal gelesen und geprüft.</numerusform>
        </translation>
    </message>
    <message>
        <source>in another order</source>
        <translation>in anderer Reihenfolge</translation>
    </message>
</context>
<context>
    <name>vitrail::FilmsPage</name>
    <message>
        <source>each film in layers of its own</source>
        <translation>jeder Film in eigenen Schichten</translation>
    </message>
    <message>
        <source>films on each other, below the white</source>
        <translation>Filme aufeinander, unter dem Weiß</translation>
    </message>
    <message>
        <source>films on each other, above the white</source>
        <translation>Filme aufeinander, über dem Weiß</translation>
    </message>
    <message>
        <source>&amp;Spread what a dot is off by to its neighbours</source>
        <translation>&amp;Fehler eines Bildpunkts auf seine Nachbarn verteilen</translation>
    </message>
    <message>
        <source>&amp;Fit the tones between darkest and brightest</source>
        <translation>&amp;Töne zwischen Dunkelstes und Hellstes einpassen</translation>
    </message>
    <message>
        <source>&amp;Compare the orders</source>
        <translation>Folgen &amp;vergleichen</translation>
    </message>
    <message>
        <source>Films and white</source>
        <translation>Filme und Weiß</translation>
    </message>
    <message>
        <source>Change the panel&apos;s layers</source>
        <translation>Die Schichten des Leuchtbilds ändern</translation>
    </message>
    <message>
        <source>&amp;White</source>
        <translation>&amp;Weiß</translation>
    </message>
    <message>
        <source>Its thickness makes the brightness</source>
        <translation>Seine Dicke macht die Helligkeit</translation>
    </message>
    <message>
        <source>Change the white</source>
        <translation>Das Weiß ändern</translation>
    </message>
    <message>
        <source>&amp;Films, from below</source>
        <translation>Filme, &amp;von unten</translation>
    </message>
    <message>
        <source>Letters of the filaments, in their order from the bed</source>
        <translation>Buchstaben der Filamente in ihrer Folge vom Bett aus</translation>
    </message>
    <message>
        <source>Change the films</source>
        <translation>Die Filme ändern</translation>
    </message>
    <message>
        <source>&amp;Order</source>
        <translation>&amp;Folge</translation>
    </message>
    <message>
        <source>In layers of their own there are two filaments in a layer at most; on each other the panel is thinner and brighter, with more changes</source>
        <translation>In eigenen Schichten sind höchstens zwei Filamente in einer Schicht; aufeinander ist das Leuchtbild dünner und heller, mit mehr Wechseln</translation>
    </message>
    <message>
        <source>Change the order of the films</source>
        <translation>Die Folge der Filme ändern</translation>
    </message>
    <message>
        <source>&amp;Layers of each film</source>
        <translation>&amp;Schichten je Film</translation>
    </message>
    <message>
        <source>At most</source>
        <translation>Höchstens</translation>
    </message>
    <message>
        <source>White &amp;below</source>
        <translation>Weiß &amp;darunter</translation>
    </message>
    <message>
        <source>Layers below everything</source>
        <translation>Schichten unter allem</translation>
    </message>
    <message>
        <source>White above, &amp;least</source>
        <translation>Weiß darüber, &amp;mindestens</translation>
    </message>
    <message>
        <source>Layers that there are everywhere</source>
        <translation>Schichten, die es überall gibt</translation>
    </message>
    <message>
        <source>White above, &amp;most</source>
        <translation>Weiß darüber, &amp;höchstens</translation>
    </message>
    <message>
        <source>Layers where it is darkest</source>
        <translation>Schichten, wo es am dunkelsten ist</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>Change the panel&apos;s rim</source>
        <translation>Den Rand des Leuchtbilds ändern</translation>
    </message>
    <message>
        <source>&amp;Rim</source>
        <translation>&amp;Rand</translation>
    </message>
    <message>
        <source>Of white, as tall as everything, around the picture; 0: none</source>
        <translation>Aus Weiß, so hoch wie alles, um das Bild; 0: keiner</translation>
    </message>
    <message>
        <source>Slots &amp;in it</source>
        <translation>Schlitze dar&amp;in</translation>
    </message>
    <message>
        <source>Width of two slots in the rim&apos;s lower edge, for a stand; 0: none</source>
        <translation>Breite zweier Schlitze in der Unterkante des Rands, für einen Ständer; 0: keine</translation>
    </message>
    <message>
        <source>Continuous tones from few layers (Floyd &amp; Steinberg 1976); without it areas are even and steps show</source>
        <translation>Stufenlose Töne aus wenigen Schichten (Floyd &amp; Steinberg 1976); ohne das sind Flächen gleichmäßig, und man sieht Stufen</translation>
    </message>
    <message>
        <source>A panel is never black: black becomes the darkest it can be, and the tones between move with it</source>
        <translation>Ein Leuchtbild ist nie schwarz: Schwarz wird das Dunkelste, was geht, und die Töne dazwischen rücken mit</translation>
    </message>
    <message>
        <source>Spread the error</source>
        <translation>Den Fehler verteilen</translation>
    </message>
    <message>
        <source>Fit the tones</source>
        <translation>Die Töne einpassen</translation>
    </message>
    <message>
        <source>What each order costs</source>
        <translation>Was jede Folge kostet</translation>
    </message>
    <message>
        <source>Orders of the films</source>
        <translation>Folgen der Filme</translation>
    </message>
    <message>
        <source>order</source>
        <translation>Folge</translation>
    </message>
    <message>
        <source>ΔE</source>
        <translation>ΔE</translation>
    </message>
    <message>
        <source>changes</source>
        <translation>Wechsel</translation>
    </message>
    <message>
        <source>waste g</source>
        <translation>Abfall g</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>At the lamp: low-voltage parts only, and a licensed electrician where local codes ask for one. PLA softens at about 55 °C: use a cool lamp, some centimetres away, and let air pass.</source>
        <translation>An der Lampe: nur Teile mit Kleinspannung, und eine Elektrofachkraft, wo örtliche Vorschriften es verlangen. PLA wird bei etwa 55 °C weich: nimm eine kühle Lampe, ein paar Zentimeter entfernt, und lass Luft durch.</translation>
    </message>
    <message>
        <source>%1 stacks in use. %2 % of the picture asks for a colour that no stack comes near by itself; spread over neighbours much of that comes out all the same.</source>
        <translation>%1 Stapel in Gebrauch. %2 % des Bildes verlangen eine Farbe, der allein kein Stapel nahekommt; auf Nachbarn verteilt gelingt vieles davon doch.</translation>
    </message>
    <message>
        <source>Each order is being made and planned…</source>
        <translation>Jede Folge wird gemacht und geplant…</translation>
    </message>
    <message>
        <source>Pure layers, one film in each, take %L1 changes; films mixed in a layer take %L2, and come nearer by ΔE %3.</source>
        <translation>Reine Schichten, in jeder ein Film, brauchen %L1 Wechsel; in einer Schicht gemischte %L2, und kommen um ΔE %3 näher.</translation>
    </message>
    <message>
        <source>None of the orders could be made.</source>
        <translation>Keine der Folgen ließ sich machen.</translation>
    </message>
    <message>
        <source>Colours within reach: circles are the picture&apos;s, crossed where no stack comes near by itself; the outline holds all stacks</source>
        <translation>Erreichbare Farben: Kreise sind die des Bildes, durchkreuzt, wo allein kein Stapel nahekommt; der Umriss umfasst alle Stapel</translation>
    </message>
</context>
<context>
    <name>vitrail::FindingsModel</name>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>stops the print</source>
        <translation>verdirbt den Druck</translation>
    </message>
    <message>
        <source>look at it</source>
        <translation>ansehen</translation>
    </message>
    <message>
        <source>to know</source>
        <translation>zur Kenntnis</translation>
    </message>
</context>
<context>
    <name>vitrail::FindingsPanel</name>
    <message>
        <source>Findings</source>
        <translation>Befunde</translation>
    </message>
    <message>
        <source>Show me</source>
        <translation>Zeigen</translation>
    </message>
    <message>
        <source>Fix</source>
        <translation>Beheben</translation>
    </message>
    <message>
        <source>Do not check this here</source>
        <translation>Hier nicht prüfen</translation>
    </message>
    <message>
        <source>Do not check this in this project, for a reason you give</source>
        <translation>In diesem Projekt nicht prüfen, aus einem Grund, den du angibst</translation>
    </message>
    <message>
        <source>Checks that are off in this project</source>
        <translation>Prüfungen, die in diesem Projekt aus sind</translation>
    </message>
    <message>
        <source>What would spoil the print is listed here once there is a plan.</source>
        <translation>Was den Druck verderben würde, steht hier, sobald es einen Plan gibt.</translation>
    </message>
    <message>
        <source>%1 stop the print · %2 to look at</source>
        <translation>%1 verderben den Druck · %2 ansehen</translation>
    </message>
    <message>
        <source>Nothing found that would spoil the print. Looked at: meshes, bodies against each other, fine detail, overhangs, bonding, temperatures, sheet, moisture, spools, layer heights, bands, bed, slots, tower, swaps within layers.</source>
        <translation>Nichts gefunden, was den Druck verderben würde. Angesehen: Netze, Körper gegeneinander, feine Einzelheiten, Überhänge, Haftung, Temperaturen, Druckblatt, Feuchte, Spulen, Schichthöhen, Bänder, Bett, Slots, Turm, Wechsel in Schichten.</translation>
    </message>
    <message numerus="yes">
        <source>%n off</source>
        <translation>
            <numerusform>%n aus</numerusform>
            <numerusform>%n aus</numerusform>
        </translation>
    </message>
    <message>
        <source>No fix by itself</source>
        <translation>Nicht von selbst zu beheben</translation>
    </message>
    <message>
        <source>Fix: %1</source>
        <translation>Beheben: %1</translation>
    </message>
    <message numerus="yes">
        <source>Fix: %n way(s)</source>
        <translation>
            <numerusform>Beheben: %n Weg</numerusform>
            <numerusform>Beheben: %n Wege</numerusform>
        </translation>
    </message>
    <message>
        <source>layers</source>
        <translation>Schichten</translation>
    </message>
    <message>
        <source>changes</source>
        <translation>Wechsel</translation>
    </message>
    <message>
        <source>g purge and tower</source>
        <translation>g Spülung und Turm</translation>
    </message>
    <message>
        <source>min</source>
        <translation>min</translation>
    </message>
    <message>
        <source>%1: costs nothing</source>
        <translation>%1: kostet nichts</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Why does “%1” not matter in this project?</source>
        <translation>Warum ist „%1“ in diesem Projekt gleichgültig?</translation>
    </message>
    <message>
        <source>Switch off the check “%1”</source>
        <translation>Die Prüfung „%1“ abschalten</translation>
    </message>
    <message>
        <source>Check “%1” again (off: %2)</source>
        <translation>„%1“ wieder prüfen (aus: %2)</translation>
    </message>
    <message>
        <source>Switch on the check “%1”</source>
        <translation>Die Prüfung „%1“ einschalten</translation>
    </message>
    <message>
        <source>More room for the findings</source>
        <translation>Mehr Platz für die Befunde</translation>
    </message>
    <message>
        <source>More room for the list. Its edge can be dragged, too; how it is left is kept.</source>
        <translation>Mehr Platz für die Liste. Ihr Rand lässt sich auch ziehen; wie er steht, bleibt.</translation>
    </message>
</context>
<context>
    <name>vitrail::FitPlot</name>
    <message>
        <source>Readings against the model</source>
        <translation>Messungen gegen das Modell</translation>
    </message>
    <message>
        <source>With two readings or more, the line they lie on shows here.</source>
        <translation>Ab zwei Messungen erscheint hier die Linie, auf der sie liegen.</translation>
    </message>
    <message>
        <source>how far it must mix, ln(1/share)</source>
        <translation>wie weit es mischen muss, ln(1/Anteil)</translation>
    </message>
    <message>
        <source>mm³ until clean</source>
        <translation>mm³, bis es sauber ist</translation>
    </message>
</context>
<context>
    <name>vitrail::FlowView</name>
    <message>
        <source>Purge by layer and where it goes</source>
        <translation>Spülung je Schicht, und wohin sie geht</translation>
    </message>
    <message>
        <source>Nothing is purged.</source>
        <translation>Es wird nichts gespült.</translation>
    </message>
    <message>
        <source>What each layer purges shows here.</source>
        <translation>Was jede Schicht spült, erscheint hier.</translation>
    </message>
    <message>
        <source>put to use</source>
        <translation>genutzt</translation>
    </message>
    <message>
        <source>tower</source>
        <translation>Turm</translation>
    </message>
    <message>
        <source>skirt</source>
        <translation>Schürze</translation>
    </message>
    <message>
        <source>thrown out</source>
        <translation>ausgeworfen</translation>
    </message>
    <message>
        <source>fill that carries</source>
        <translation>Füllung, die trägt</translation>
    </message>
    <message>
        <source>mm³</source>
        <translation>mm³</translation>
    </message>
    <message>
        <source>layer 1</source>
        <translation>Schicht 1</translation>
    </message>
    <message>
        <source>%1 %2 mm³</source>
        <translation>%1 %2 mm³</translation>
    </message>
    <message>
        <source>layer %1: %2 mm³ put to use, %3 into the tower, %4 into the skirt, %5 thrown out; %6 mm³ of fill</source>
        <translation>Schicht %1: %2 mm³ genutzt, %3 in den Turm, %4 in die Schürze, %5 ausgeworfen; %6 mm³ Füllung</translation>
    </message>
</context>
<context>
    <name>vitrail::FrontPlot</name>
    <message>
        <source>Purge against work by hand</source>
        <translation>Spülung gegen Handarbeit</translation>
    </message>
    <message>
        <source>things done by hand</source>
        <translation>Handgriffe</translation>
    </message>
    <message>
        <source>%1 g of waste with %2 moves by hand</source>
        <translation>%1 g Abfall mit %2 Handgriffen</translation>
    </message>
    <message>
        <source>waste, g</source>
        <translation>Abfall, g</translation>
    </message>
</context>
<context>
    <name>vitrail::GamutView</name>
    <message>
        <source>Colours within reach</source>
        <translation>Erreichbare Farben</translation>
    </message>
    <message>
        <source>%1 % of the picture asks for colours within ΔE %2 of a stack.</source>
        <translation>%1 % des Bildes verlangen Farben innerhalb von ΔE %2 eines Stapels.</translation>
    </message>
    <message>
        <source>red</source>
        <translation>rot</translation>
    </message>
    <message>
        <source>green</source>
        <translation>grün</translation>
    </message>
    <message>
        <source>yellow</source>
        <translation>gelb</translation>
    </message>
    <message>
        <source>blue</source>
        <translation>blau</translation>
    </message>
</context>
<context>
    <name>vitrail::GuideWindow</name>
    <message>
        <source>Guide</source>
        <translation>Handbuch</translation>
    </message>
    <message>
        <source>Contents</source>
        <translation>Inhalt</translation>
    </message>
    <message>
        <source>Look for words in the guide</source>
        <translation>Im Handbuch nach Wörtern suchen</translation>
    </message>
    <message>
        <source>Look for words</source>
        <translation>Nach Wörtern suchen</translation>
    </message>
    <message>
        <source>Page</source>
        <translation>Seite</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Zurück</translation>
    </message>
    <message>
        <source>Forward</source>
        <translation>Vor</translation>
    </message>
    <message>
        <source>Search</source>
        <translation>Suchen</translation>
    </message>
    <message>
        <source>Save as HTML…</source>
        <translation>Als HTML speichern…</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message numerus="yes">
        <source>%n page(s) with “%1”</source>
        <translation>
            <numerusform>%n Seite mit „%1“</numerusform>
            <numerusform>%n Seiten mit „%1“</numerusform>
        </translation>
    </message>
    <message>
        <source>Try fewer words, or part of one.</source>
        <translation>Versuche weniger Wörter, oder einen Teil davon.</translation>
    </message>
    <message>
        <source>A folder for the guide&apos;s pages</source>
        <translation>Ein Ordner für die Seiten des Handbuchs</translation>
    </message>
</context>
<context>
    <name>vitrail::HeldPage</name>
    <message>
        <source>Faces of the piece that support touches</source>
        <translation>Flächen des Stücks, die Stützen berühren</translation>
    </message>
    <message>
        <source>face</source>
        <translation>Fläche</translation>
    </message>
    <message>
        <source>cm²</source>
        <translation>cm²</translation>
    </message>
    <message>
        <source>held</source>
        <translation>gehalten</translation>
    </message>
    <message>
        <source>interface</source>
        <translation>Trennschicht|Trennschichten</translation>
    </message>
    <message>
        <source>reach</source>
        <translation>Reichweite</translation>
    </message>
    <message>
        <source>Filament of the support</source>
        <translation>Filament der Stützen</translation>
    </message>
    <message>
        <source>Who prints the support&apos;s body. The piece&apos;s own: whichever of its filaments a layer is printed in anyway</source>
        <translation>Womit der Körper der Stützen gedruckt wird. Das des Stücks: welches seiner Filamente eine Schicht ohnehin hat</translation>
    </message>
    <message>
        <source>Filament of the interface</source>
        <translation>Filament der Trennschicht</translation>
    </message>
    <message>
        <source>Who prints what touches the piece</source>
        <translation>Womit gedruckt wird, was das Stück berührt</translation>
    </message>
    <message>
        <source>What is shown with the piece</source>
        <translation>Was mit dem Stück gezeigt wird</translation>
    </message>
    <message>
        <source>the support</source>
        <translation>die Stützen</translation>
    </message>
    <message>
        <source>the faces it touches</source>
        <translation>die berührten Flächen</translation>
    </message>
    <message>
        <source>the piece alone</source>
        <translation>das Stück allein</translation>
    </message>
    <message>
        <source>Sho&amp;w</source>
        <translation>&amp;Zeigen</translation>
    </message>
    <message>
        <source>Interface and touched faces: a colour no filament has. In red: thin, ready to snap.</source>
        <translation>Trennschicht und berührte Flächen: eine Farbe, die kein Filament hat. Rot: dünn, bricht leicht.</translation>
    </message>
    <message>
        <source>The 3D piece needs OpenGL 3.3, which is missing here. The layer window shows support and interface of every layer.</source>
        <translation>Das Stück in 3D braucht OpenGL 3.3, das hier fehlt. Das Schichtfenster zeigt Stützen und Trennschicht jeder Schicht.</translation>
    </message>
    <message>
        <source>Where it touches</source>
        <translation>Wo sie berührt</translation>
    </message>
    <message>
        <source>Share of the face that lies on support</source>
        <translation>Anteil der Fläche, der auf Stützen liegt</translation>
    </message>
    <message>
        <source>Share of what is held that lies on interface: a missed interface fuses</source>
        <translation>Anteil des Gehaltenen, der auf Trennschicht liegt: eine fehlende Trennschicht verschmilzt</translation>
    </message>
    <message>
        <source>Whether a tool and water get there afterwards</source>
        <translation>Ob Werkzeug und Wasser danach hinkommen</translation>
    </message>
    <message>
        <source>How it is held</source>
        <translation>Wie gehalten wird</translation>
    </message>
    <message>
        <source>Support in</source>
        <translation>Stützen in</translation>
    </message>
    <message>
        <source>Interface in</source>
        <translation>Trennschicht in</translation>
    </message>
    <message>
        <source>Print support in another filament</source>
        <translation>Stützen in anderem Filament drucken</translation>
    </message>
    <message>
        <source>Print the interface in another filament</source>
        <translation>Die Trennschicht in anderem Filament drucken</translation>
    </message>
    <message>
        <source>%1 · %2 %3</source>
        <translation>%1 · %2 %3</translation>
    </message>
    <message>
        <source>the piece&apos;s own</source>
        <translation>das des Stücks</translation>
    </message>
    <message>
        <source>as the support</source>
        <translation>wie die Stützen</translation>
    </message>
    <message>
        <source>No support is planned. Choose columns or tree at the right, or a school on the first page.</source>
        <translation>Es sind keine Stützen geplant. Wähle rechts Säulen oder Baum, oder auf der ersten Seite eine Methode.</translation>
    </message>
    <message>
        <source>Nothing overhangs far enough to need holding.</source>
        <translation>Nichts hängt so weit über, dass es gehalten werden müsste.</translation>
    </message>
    <message numerus="yes">
        <source>%n face(s), %1 cm² in all.</source>
        <translation>
            <numerusform>%n Fläche, insgesamt %1 cm².</numerusform>
            <numerusform>%n Flächen, insgesamt %1 cm².</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Thin features are ready to snap in %n place(s).</source>
        <translation>
            <numerusform>An %n Stelle brechen dünne Teile leicht ab.</numerusform>
            <numerusform>An %n Stellen brechen dünne Teile leicht ab.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 cm² lie so close to the piece that nothing fits below.</source>
        <translation>%1 cm² liegen so nah am Stück, dass nichts darunter passt.</translation>
    </message>
    <message>
        <source>The %1 largest are listed.</source>
        <translation>Die %1 größten stehen in der Liste.</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>no way out</source>
        <translation>kein Weg hinaus</translation>
    </message>
    <message>
        <source>%1 unreached</source>
        <translation>%1 unerreicht</translation>
    </message>
    <message>
        <source>in reach</source>
        <translation>erreichbar</translation>
    </message>
    <message>
        <source>at %1 mm</source>
        <translation>bei %1 mm</translation>
    </message>
    <message>
        <source>%1–%2 mm</source>
        <translation>%1–%2 mm</translation>
    </message>
    <message>
        <source>small</source>
        <translation>klein</translation>
    </message>
    <message>
        <source>–</source>
        <translation>–</translation>
    </message>
    <message>
        <source>Layers %1 to %2. The way in from outside is %3 mm; a tool of %4 mm misses %5 of it, and %6 have no way out for water.</source>
        <translation>Schichten %1 bis %2. Der Weg von außen ist %3 mm weit; ein Werkzeug von %4 mm erreicht %5 davon nicht, und von %6 führt kein Weg für Wasser hinaus.</translation>
    </message>
</context>
<context>
    <name>vitrail::InterfacePage</name>
    <message>
        <source>Interfaces compared</source>
        <translation>Trennschichten im Vergleich</translation>
    </message>
    <message>
        <source>layers</source>
        <translation>Schichten</translation>
    </message>
    <message>
        <source>density</source>
        <translation>Dichte</translation>
    </message>
    <message>
        <source>face above</source>
        <translation>Fläche darüber</translation>
    </message>
    <message>
        <source>interface</source>
        <translation>Trennschicht|Trennschichten</translation>
    </message>
    <message>
        <source>changes</source>
        <translation>Wechsel</translation>
    </message>
    <message>
        <source>in layers</source>
        <translation>in Schichten</translation>
    </message>
    <message>
        <source>purge, tower</source>
        <translation>Spülung, Turm</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>cost</source>
        <translation>Kosten</translation>
    </message>
    <message>
        <source>&amp;Use this</source>
        <translation>Diese n&amp;ehmen</translation>
    </message>
    <message>
        <source>Dried &amp;today</source>
        <translation>&amp;Heute getrocknet</translation>
    </message>
    <message>
        <source>How many layers, how dense</source>
        <translation>Wie viele Lagen, wie dicht</translation>
    </message>
    <message>
        <source>From memory, but for one fact of the trade: 5 layers at 75 % left a slightly open ceiling. More layers or more density where it comes out ragged</source>
        <translation>Aus der Erinnerung, bis auf eine Tatsache der Praxis: 5 Lagen mit 75 % ließen die Decke etwas offen. Mehr Lagen oder mehr Dichte, wo sie fransig wird</translation>
    </message>
    <message>
        <source>Layers of the print that have interface; each costs up to two changes, fewer where neighbours share them</source>
        <translation>Schichten des Drucks mit Trennschicht; jede kostet bis zu zwei Wechsel, weniger, wo Nachbarn sie teilen</translation>
    </message>
    <message>
        <source>Materials that draw moisture</source>
        <translation>Materialien, die Feuchtigkeit ziehen</translation>
    </message>
    <message>
        <source>What has to be dried before this print</source>
        <translation>Was vor diesem Druck getrocknet werden muss</translation>
    </message>
    <message>
        <source>Notes that the chosen filament has been dried today and is kept closed</source>
        <translation>Vermerkt, dass das gewählte Filament heute getrocknet wurde und verschlossen bleibt</translation>
    </message>
    <message>
        <source>In a dryer, not in an oven used for food.</source>
        <translation>In einem Trockner, nicht in einem Backofen für Essen.</translation>
    </message>
    <message>
        <source>What cleaning up takes</source>
        <translation>Was die Nacharbeit kostet</translation>
    </message>
    <message>
        <source>Planning each…</source>
        <translation>Jede wird geplant…</translation>
    </message>
    <message>
        <source>Interface of %1 layers at %2 %</source>
        <translation>Trennschicht aus %1 Lagen mit %2 %</translation>
    </message>
    <message>
        <source>Note that %1 was dried</source>
        <translation>Vermerken, dass %1 getrocknet wurde</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>%1 (now)</source>
        <translation>%1 (jetzt)</translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation>%1 g</translation>
    </message>
    <message>
        <source>Once there is a plan, interfaces of 2 to 5 layers stand here.</source>
        <translation>Sobald es einen Plan gibt, stehen hier Trennschichten von 2 bis 5 Lagen.</translation>
    </message>
    <message>
        <source>No support is planned: choose a school first.</source>
        <translation>Es sind keine Stützen geplant: wähle erst eine Methode.</translation>
    </message>
    <message numerus="yes">
        <source>A gap of %n layer(s): the same material wants about one, a release or soluble one none. Each interface has been planned; the order within layers sees to it that neighbours share changes.</source>
        <translation>
            <numerusform>Ein Abstand von %n Schicht: gleiches Material will etwa eine, Trennmaterial oder lösliches keine. Jede Trennschicht ist geplant; die Reihenfolge in den Schichten sorgt dafür, dass Nachbarn Wechsel teilen.</numerusform>
            <numerusform>Ein Abstand von %n Schichten: gleiches Material will etwa eine, Trennmaterial oder lösliches keine. Jede Trennschicht ist geplant; die Reihenfolge in den Schichten sorgt dafür, dass Nachbarn Wechsel teilen.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, %2 %3</source>
        <translation>%1, %2 %3</translation>
    </message>
    <message>
        <source>Nothing in this print draws moisture.</source>
        <translation>Nichts in diesem Druck zieht Feuchtigkeit.</translation>
    </message>
    <message>
        <source>%1 + %2 g</source>
        <translation>%1 + %2 g</translation>
    </message>
</context>
<context>
    <name>vitrail::JobsDialog</name>
    <message>
        <source>The jobs</source>
        <translation>Die Jobs</translation>
    </message>
    <message>
        <source>%1, %2 thrown away, %3 of printing; at once it would be %4 and %5.</source>
        <translation>%1, %2 Abfall, %3 Druckzeit; auf einmal wären es %4 und %5.</translation>
    </message>
    <message numerus="yes">
        <source>%n job(s)</source>
        <translation>
            <numerusform>%n Job</numerusform>
            <numerusform>%n Jobs</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation>%1 g</translation>
    </message>
    <message numerus="yes">
        <source>%n joint(s) to glue: use the glue as its label says, and air the room.</source>
        <translation>
            <numerusform>%n Fuge zu kleben: nimm den Kleber, wie sein Etikett sagt, und lüfte.</numerusform>
            <numerusform>%n Fugen zu kleben: nimm den Kleber, wie sein Etikett sagt, und lüfte.</numerusform>
        </translation>
    </message>
    <message>
        <source>Jobs and their parts</source>
        <translation>Jobs und ihre Teile</translation>
    </message>
    <message>
        <source>job, and its parts</source>
        <translation>Job und seine Teile</translation>
    </message>
    <message>
        <source>number</source>
        <translation>Anzahl</translation>
    </message>
    <message>
        <source>piece</source>
        <translation>Stück</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>&amp;Write into a folder…</source>
        <translation>In einen &amp;Ordner schreiben…</translation>
    </message>
    <message>
        <source>Width of the line</source>
        <translation>Breite der Linie</translation>
    </message>
    <message>
        <source> mm</source>
        <translation> mm</translation>
    </message>
    <message>
        <source>&amp;Line</source>
        <translation>&amp;Linie</translation>
    </message>
    <message>
        <source>Everything of it is as wide as the line.</source>
        <translation>Alles davon ist so breit wie die Linie.</translation>
    </message>
    <message>
        <source>&amp;Print lines of this width</source>
        <translation>Linien dieser Breite &amp;drucken</translation>
    </message>
    <message>
        <source>Red: %1 % of it is finer than the line and blurs or is lost.</source>
        <translation>Rot: %1 % davon sind feiner als die Linie und verlaufen oder gehen verloren.</translation>
    </message>
</context>
<context>
    <name>vitrail::LayerBandsDialog</name>
    <message>
        <source>Layers of heights of their own</source>
        <translation>Schichten mit eigener Höhe</translation>
    </message>
    <message>
        <source>layers (mm)</source>
        <translation>Schichten (mm)</translation>
    </message>
    <message>
        <source>from (mm)</source>
        <translation>von (mm)</translation>
    </message>
    <message>
        <source>to (mm)</source>
        <translation>bis (mm)</translation>
    </message>
    <message>
        <source>&amp;Add</source>
        <translation>&amp;Hinzufügen</translation>
    </message>
    <message>
        <source>&amp;Remove</source>
        <translation>&amp;Entfernen</translation>
    </message>
    <message>
        <source>A layer is as high as the row says that its middle lies in. Set the same heights in the program that makes the toolpaths, or every change comes too early or too late.</source>
        <translation>Eine Schicht ist so hoch wie die Zeile sagt, in der ihre Mitte liegt. Stelle im Programm für Druckdateien dieselben Höhen ein, sonst kommt jeder Wechsel zu früh oder zu spät.</translation>
    </message>
    <message numerus="yes">
        <source>%n layer(s), %1 with one height throughout.</source>
        <translation>
            <numerusform>%n Schicht, %1 bei einer Höhe durchweg.</numerusform>
            <numerusform>%n Schichten, %1 bei einer Höhe durchweg.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::LayerOrderView</name>
    <message>
        <source>Order of the filaments in the cursor layer</source>
        <translation>Reihenfolge der Filamente in der Schicht am Zeiger</translation>
    </message>
    <message>
        <source>The order of a layer shows here.</source>
        <translation>Die Reihenfolge einer Schicht erscheint hier.</translation>
    </message>
    <message>
        <source>layer %1, %2 to %3 mm</source>
        <translation>Schicht %1, %2 bis %3 mm</translation>
    </message>
    <message>
        <source>nothing is printed in this layer</source>
        <translation>in dieser Schicht wird nichts gedruckt</translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation>%1 g</translation>
    </message>
    <message>
        <source>%1 → %2 purges %3 g</source>
        <translation>%1 → %2 spült %3 g</translation>
    </message>
    <message>
        <source>no change in this layer</source>
        <translation>kein Wechsel in dieser Schicht</translation>
    </message>
</context>
<context>
    <name>vitrail::LayerWindow</name>
    <message>
        <source>Layer window: cut through the piece at the cursor layer</source>
        <translation>Schichtfenster: Schnitt durch das Stück in der Schicht am Zeiger</translation>
    </message>
    <message>
        <source>Layer window</source>
        <translation>Schichtfenster</translation>
    </message>
    <message>
        <source>The cut through the piece at the cursor layer.</source>
        <translation>Der Schnitt durch das Stück in der Schicht am Zeiger.</translation>
    </message>
    <message>
        <source>layer %1 · %2 → %3 mm</source>
        <translation>Schicht %1 · %2 → %3 mm</translation>
    </message>
    <message>
        <source>on the plate: </source>
        <translation>auf der Platte: </translation>
    </message>
    <message>
        <source>, then </source>
        <translation>, dann </translation>
    </message>
    <message>
        <source>“%1” ends with layer %2</source>
        <translation>„%1“ endet mit Schicht %2</translation>
    </message>
    <message>
        <source>nothing is printed in this layer</source>
        <translation>in dieser Schicht wird nichts gedruckt</translation>
    </message>
    <message numerus="yes">
        <source>%1 · %n change(s), %2 g purged</source>
        <translation>
            <numerusform>%1 · %n Wechsel, %2 g gespült</numerusform>
            <numerusform>%1 · %n Wechsel, %2 g gespült</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 · no change</source>
        <translation>%1 · kein Wechsel</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source>, painted: %1</source>
        <translation>, bemalt: %1</translation>
    </message>
</context>
<context>
    <name>vitrail::LetterView</name>
    <message>
        <source>The lettering as these lines print it</source>
        <translation>Die Schrift, wie diese Linien sie drucken</translation>
    </message>
    <message>
        <source>%1 % of the lettering is finer than the line</source>
        <translation>%1 % der Schrift sind feiner als die Linie</translation>
    </message>
</context>
<context>
    <name>vitrail::LogbookBench</name>
    <message>
        <source>Prints</source>
        <translation>Drucke</translation>
    </message>
    <message>
        <source>What they teach</source>
        <translation>Was sie lehren</translation>
    </message>
    <message>
        <source>Totals</source>
        <translation>Summen</translation>
    </message>
    <message>
        <source>Over time</source>
        <translation>Über die Zeit</translation>
    </message>
</context>
<context>
    <name>vitrail::LogbookStore</name>
    <message numerus="yes">
        <source>%n print(s) of the logbook cannot be read; they stay where they are.</source>
        <translation>
            <numerusform>%n Druck im Logbuch ist nicht zu lesen; er bleibt, wo er ist.</numerusform>
            <numerusform>%n Drucke im Logbuch sind nicht zu lesen; sie bleiben, wo sie sind.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 was not added. %2</source>
        <translation>%1 wurde nicht hinzugefügt. %2</translation>
    </message>
    <message>
        <source>Add a photograph</source>
        <translation>Ein Foto hinzufügen</translation>
    </message>
    <message>
        <source>%1 cannot be used. %2</source>
        <translation>%1 ist nicht zu gebrauchen. %2</translation>
    </message>
    <message>
        <source>Import prints</source>
        <translation>Drucke einlesen</translation>
    </message>
    <message numerus="yes">
        <source>%n print(s) came from the list.</source>
        <translation>
            <numerusform>%n Druck kam aus der Liste.</numerusform>
            <numerusform>%n Drucke kamen aus der Liste.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::LookPage</name>
    <message>
        <source>As printed</source>
        <translation>Wie gedruckt</translation>
    </message>
    <message>
        <source>Flat colours</source>
        <translation>Flache Farben</translation>
    </message>
    <message>
        <source>Lit</source>
        <translation>Beleuchtet</translation>
    </message>
    <message>
        <source>Against light</source>
        <translation>Gegen Licht</translation>
    </message>
    <message>
        <source>Unlit</source>
        <translation>Unbeleuchtet</translation>
    </message>
    <message>
        <source>Original</source>
        <translation>Original</translation>
    </message>
    <message>
        <source>Differences</source>
        <translation>Unterschiede</translation>
    </message>
    <message>
        <source>&amp;Choose a picture…</source>
        <translation>Ein Bild &amp;wählen…</translation>
    </message>
    <message>
        <source>&amp;Make it anew</source>
        <translation>&amp;Neu machen</translation>
    </message>
    <message>
        <source>The core</source>
        <translation>Der Bohrkern</translation>
    </message>
    <message>
        <source>drilled at the pointer</source>
        <translation>gebohrt am Zeiger</translation>
    </message>
    <message>
        <source>As it will look</source>
        <translation>Wie es aussehen wird</translation>
    </message>
    <message>
        <source>&amp;Left of the bar</source>
        <translation>&amp;Links der Leiste</translation>
    </message>
    <message>
        <source>&amp;right</source>
        <translation>&amp;rechts</translation>
    </message>
    <message>
        <source>lamp %1 K</source>
        <translation>Lampe %1 K</translation>
    </message>
    <message>
        <source>Lamp</source>
        <translation>Lampe</translation>
    </message>
    <message>
        <source>&amp;diffuser</source>
        <translation>&amp;Diffusor</translation>
    </message>
    <message>
        <source>An opal sheet between lamp and print: softer light, and less contrast</source>
        <translation>Eine Opalscheibe zwischen Lampe und Druck: weicheres Licht und weniger Kontrast</translation>
    </message>
    <message>
        <source>Works every dot out again, for the filaments, layers and light as they are now</source>
        <translation>Rechnet jeden Bildpunkt neu aus, für Filamente, Schichten und Licht, wie sie jetzt sind</translation>
    </message>
    <message>
        <source>Make the picture anew</source>
        <translation>Das Bild neu machen</translation>
    </message>
    <message>
        <source>&amp;Another picture…</source>
        <translation>&amp;Anderes Bild…</translation>
    </message>
    <message>
        <source>The picture is being read…</source>
        <translation>Das Bild wird gelesen…</translation>
    </message>
    <message>
        <source>Choose a picture, or drop one on the window: it becomes a relief in layers, or a panel to be lit from behind.</source>
        <translation>Wähle ein Bild, oder zieh eins auf das Fenster: es wird ein Relief in Schichten oder ein Leuchtbild.</translation>
    </message>
    <message>
        <source>20 and more</source>
        <translation>20 und mehr</translation>
    </message>
    <message>
        <source>ΔE to the original: %1</source>
        <translation>ΔE zum Original: %1</translation>
    </message>
    <message>
        <source>being made…</source>
        <translation>wird gemacht…</translation>
    </message>
    <message>
        <source>%1 × %2 mm</source>
        <translation>%1 × %2 mm</translation>
    </message>
    <message>
        <source>ΔE to the original %1 on average with these borders</source>
        <translation>ΔE zum Original im Mittel %1 mit diesen Grenzen</translation>
    </message>
    <message>
        <source>ΔE to the original %1 on average, under %2 in 95 % of it</source>
        <translation>ΔE zum Original im Mittel %1, unter %2 auf 95 % davon</translation>
    </message>
    <message>
        <source>, seen from %1 cm</source>
        <translation>, gesehen aus %1 cm</translation>
    </message>
    <message>
        <source> · %1 % too fine to come out</source>
        <translation> · %1 % zu fein für den Druck</translation>
    </message>
    <message>
        <source> · %1 stacks</source>
        <translation> · %1 Stapel</translation>
    </message>
    <message>
        <source> · %1 % shares its lightness with another colour</source>
        <translation> · %1 % teilen ihre Helligkeit mit einer anderen Farbe</translation>
    </message>
    <message>
        <source>Filaments or layers have changed since it was made.</source>
        <translation>Filamente oder Schichten haben sich geändert, seit es gemacht wurde.</translation>
    </message>
    <message>
        <source>a layer more</source>
        <translation>eine Schicht mehr</translation>
    </message>
    <message>
        <source>a layer less</source>
        <translation>eine Schicht weniger</translation>
    </message>
    <message>
        <source>more white</source>
        <translation>mehr Weiß</translation>
    </message>
    <message>
        <source>less white</source>
        <translation>weniger Weiß</translation>
    </message>
    <message>
        <source>Equal lightness</source>
        <translation>Gleiche Helligkeit</translation>
    </message>
    <message>
        <source>Striped where two colours of one lightness land on one height, so that neither can be right</source>
        <translation>Gestreift, wo zwei Farben gleicher Helligkeit auf einer Höhe landen, sodass keine stimmen kann</translation>
    </message>
    <message>
        <source>being made… %1 %</source>
        <translation>wird gemacht… %1 %</translation>
    </message>
    <message>
        <source>&amp;Stop</source>
        <translation>&amp;Anhalten</translation>
    </message>
</context>
<context>
    <name>vitrail::MachineAssistant</name>
    <message>
        <source>My printer</source>
        <translation>Mein Drucker</translation>
    </message>
    <message>
        <source>&amp;Keep it among my machines</source>
        <translation>Unter meinen Maschinen &amp;behalten</translation>
    </message>
    <message>
        <source>Describe your printer</source>
        <translation>Beschreibe deinen Drucker</translation>
    </message>
    <message>
        <source>What do you &amp;call it?</source>
        <translation>Wie &amp;nennst du ihn?</translation>
    </message>
    <message>
        <source>Width of the bed</source>
        <translation>Breite des Betts</translation>
    </message>
    <message>
        <source>Depth of the bed</source>
        <translation>Tiefe des Betts</translation>
    </message>
    <message>
        <source>Height it can print</source>
        <translation>Höhe, die er druckt</translation>
    </message>
    <message>
        <source>How &amp;large can it print? Width, depth, height</source>
        <translation>Wie &amp;groß kann er drucken? Breite, Tiefe, Höhe</translation>
    </message>
    <message>
        <source>How many &amp;nozzles does it print with?</source>
        <translation>Mit wie vielen &amp;Düsen druckt er?</translation>
    </message>
    <message>
        <source> mm</source>
        <translation> mm</translation>
    </message>
    <message>
        <source>How &amp;wide are they?</source>
        <translation>Wie &amp;weit sind sie?</translation>
    </message>
    <message>
        <source>It stands on the nozzle; 0.4 mm where nobody has changed it</source>
        <translation>Es steht auf der Düse; 0,4 mm, wo sie niemand getauscht hat</translation>
    </message>
    <message>
        <source>they hang side by side on one head</source>
        <translation>sie hängen nebeneinander an einem Kopf</translation>
    </message>
    <message>
        <source>each is parked and fetched</source>
        <translation>jede wird geparkt und geholt</translation>
    </message>
    <message>
        <source>&amp;Where are they?</source>
        <translation>Wo &amp;sitzen sie?</translation>
    </message>
    <message>
        <source>a spool each, swapped by hand</source>
        <translation>je eine Spule, von Hand getauscht</translation>
    </message>
    <message>
        <source>a feeder that changes filament by itself</source>
        <translation>ein Feeder, der das Filament selbst wechselt</translation>
    </message>
    <message>
        <source>a feeder for each nozzle</source>
        <translation>ein Feeder für jede Düse</translation>
    </message>
    <message>
        <source>a spool for the first, a feeder for the others</source>
        <translation>eine Spule für die erste, ein Feeder für die anderen</translation>
    </message>
    <message>
        <source>What &amp;feeds them?</source>
        <translation>Was &amp;versorgt sie?</translation>
    </message>
    <message>
        <source>How many s&amp;lots has a feeder?</source>
        <translation>Wie viele S&amp;lots hat ein Feeder?</translation>
    </message>
    <message>
        <source>it cuts it, and pulls</source>
        <translation>er schneidet es ab und zieht</translation>
    </message>
    <message>
        <source>it pulls it out with a shaped tip</source>
        <translation>er zieht es mit geformter Spitze heraus</translation>
    </message>
    <message>
        <source>How does the feeder get filament &amp;out?</source>
        <translation>Wie bekommt der Feeder das Filament hera&amp;us?</translation>
    </message>
    <message>
        <source>into a tower beside the piece</source>
        <translation>in einen Turm neben dem Stück</translation>
    </message>
    <message>
        <source>out through a chute, beside the bed</source>
        <translation>durch einen Auswurf, neben das Bett</translation>
    </message>
    <message>
        <source>Where does &amp;purge go?</source>
        <translation>Wohin geht die S&amp;pülung?</translation>
    </message>
    <message>
        <source> min</source>
        <translation> min</translation>
    </message>
    <message>
        <source>How long do you need to &amp;swap a spool?</source>
        <translation>Wie lange brauchst du, um eine Spule zu &amp;tauschen?</translation>
    </message>
    <message>
        <source>As it stands there</source>
        <translation>Wie er dasteht</translation>
    </message>
    <message>
        <source>Measure first</source>
        <translation>Zuerst messen</translation>
    </message>
    <message>
        <source>Where the other figures come from</source>
        <translation>Woher die anderen Zahlen kommen</translation>
    </message>
    <message>
        <source>What to measure first, and where figures come from</source>
        <translation>Was zuerst zu messen ist, und woher Zahlen kommen</translation>
    </message>
    <message>
        <source>Questions</source>
        <translation>Fragen</translation>
    </message>
    <message>
        <source>&amp;Print with it</source>
        <translation>&amp;Damit drucken</translation>
    </message>
</context>
<context>
    <name>vitrail::MachineEditor</name>
    <message>
        <source>&amp;missing or worn out</source>
        <translation>&amp;fehlt oder verschlissen</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Nozzle</source>
        <translation>Düse</translation>
    </message>
    <message>
        <source>The machine</source>
        <translation>Die Maschine</translation>
    </message>
    <message>
        <source>As it stands there</source>
        <translation>Wie er dasteht</translation>
    </message>
    <message>
        <source>What the machine can do</source>
        <translation>Was die Maschine kann</translation>
    </message>
    <message>
        <source>Toolheads and nozzles</source>
        <translation>Druckköpfe und Düsen</translation>
    </message>
    <message>
        <source>Times, purge, commands</source>
        <translation>Zeiten, Spülung, Befehle</translation>
    </message>
    <message>
        <source>Keep among my machines</source>
        <translation>Unter meinen Maschinen behalten</translation>
    </message>
    <message>
        <source>It can then be chosen for any project, and suggestions count it as one you own</source>
        <translation>Sie lässt sich dann für jedes Projekt wählen, und Vorschläge zählen sie als deine</translation>
    </message>
    <message>
        <source>Kept as “%1”.</source>
        <translation>Behalten als „%1“.</translation>
    </message>
    <message>
        <source>Forget</source>
        <translation>Vergessen</translation>
    </message>
    <message>
        <source>Takes the machine of this name out of yours; the project keeps what it has</source>
        <translation>Nimmt die Maschine dieses Namens aus deinen; das Projekt behält, was es hat</translation>
    </message>
    <message>
        <source>“%1” is no longer among yours.</source>
        <translation>„%1“ ist nicht mehr unter deinen.</translation>
    </message>
    <message>
        <source>Write to a file…</source>
        <translation>In eine Datei schreiben…</translation>
    </message>
    <message>
        <source>A machine file, JSON</source>
        <translation>Eine Maschinendatei, JSON</translation>
    </message>
    <message>
        <source>Write the machine</source>
        <translation>Die Maschine schreiben</translation>
    </message>
    <message>
        <source>Machine files (*.json)</source>
        <translation>Maschinendateien (*.json)</translation>
    </message>
    <message>
        <source>Not written</source>
        <translation>Nicht geschrieben</translation>
    </message>
    <message>
        <source>part</source>
        <translation>Teil</translation>
    </message>
    <message>
        <source>fed by, or diameter</source>
        <translation>versorgt von, oder Durchmesser</translation>
    </message>
    <message>
        <source>Toolhead</source>
        <translation>Druckkopf</translation>
    </message>
    <message>
        <source>&amp;Name of the machine</source>
        <translation>&amp;Name der Maschine</translation>
    </message>
    <message>
        <source>N&amp;ote</source>
        <translation>&amp;Anmerkung</translation>
    </message>
    <message>
        <source>&amp;Toolhead</source>
        <translation>&amp;Druckkopf</translation>
    </message>
    <message>
        <source>one external spool, swapped by hand</source>
        <translation>eine freie Spule, von Hand getauscht</translation>
    </message>
    <message>
        <source> slots</source>
        <translation> Slots</translation>
    </message>
    <message>
        <source>&amp;Fed by</source>
        <translation>&amp;Versorgt von</translation>
    </message>
    <message>
        <source> mm</source>
        <translation> mm</translation>
    </message>
    <message>
        <source>N&amp;ozzle</source>
        <translation>Dü&amp;se</translation>
    </message>
    <message>
        <source>Bed, across</source>
        <translation>Bett, quer</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>Room to print from left to right</source>
        <translation>Druckraum von links nach rechts</translation>
    </message>
    <message>
        <source>Bed, deep</source>
        <translation>Bett, tief</translation>
    </message>
    <message>
        <source>Room to print from front to back</source>
        <translation>Druckraum von vorn nach hinten</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>Tallest piece</source>
        <translation>Höchstes Stück</translation>
    </message>
    <message>
        <source>Hand swap</source>
        <translation>Handwechsel</translation>
    </message>
    <message>
        <source>s</source>
        <translation>s</translation>
    </message>
    <message>
        <source>The printer stands still so long, purging and waiting for you not included. From memory: 180 s</source>
        <translation>So lange steht der Drucker, ohne Spülen und ohne Warten auf dich. Aus der Erinnerung: 180 s</translation>
    </message>
    <message>
        <source>… of it attended</source>
        <translation>… davon anwesend</translation>
    </message>
    <message>
        <source>So long you must be there. From memory: 180 s</source>
        <translation>So lange musst du da sein. Aus der Erinnerung: 180 s</translation>
    </message>
    <message>
        <source>Feeder change</source>
        <translation>Feeder-Wechsel</translation>
    </message>
    <message>
        <source>Retracting one filament and pushing the other in. From memory: 100 s</source>
        <translation>Ein Filament zurückziehen und das andere hineinschieben. Aus der Erinnerung: 100 s</translation>
    </message>
    <message>
        <source>Tool change</source>
        <translation>Werkzeugwechsel</translation>
    </message>
    <message>
        <source>Another nozzle takes over. From memory: 12 s</source>
        <translation>Eine andere Düse übernimmt. Aus der Erinnerung: 12 s</translation>
    </message>
    <message>
        <source>thrown out</source>
        <translation>ausgeworfen</translation>
    </message>
    <message>
        <source>into a tower</source>
        <translation>in einen Turm</translation>
    </message>
    <message>
        <source>Purge goes</source>
        <translation>Spülung geht</translation>
    </message>
    <message>
        <source>mm³</source>
        <translation>mm³</translation>
    </message>
    <message>
        <source>Dead volume, where nothing was calibrated. From memory: 40 for a 0.4 mm nozzle</source>
        <translation>Totvolumen, wo nichts kalibriert wurde. Aus der Erinnerung: 40 für eine Düse von 0,4 mm</translation>
    </message>
    <message>
        <source>Mixing volume, where nothing was calibrated. From memory: 60 for a 0.4 mm nozzle</source>
        <translation>Mischvolumen, wo nichts kalibriert wurde. Aus der Erinnerung: 60 für eine Düse von 0,4 mm</translation>
    </message>
    <message>
        <source>Prime</source>
        <translation>Vorfördern</translation>
    </message>
    <message>
        <source>Least extrusion after any change, to restore pressure. From memory</source>
        <translation>Mindestmenge nach jedem Wechsel, bis der Druck wieder stimmt. Aus der Erinnerung</translation>
    </message>
    <message>
        <source>First load</source>
        <translation>Erstes Füllen</translation>
    </message>
    <message>
        <source>Pushed through an empty nozzle before it prints. From memory</source>
        <translation>Durch eine leere Düse geschoben, bevor sie druckt. Aus der Erinnerung</translation>
    </message>
    <message>
        <source>Other material</source>
        <translation>Anderes Material</translation>
    </message>
    <message>
        <source>Least purge between material classes: traces weaken the bond. From memory</source>
        <translation>Mindestspülung zwischen Materialklassen: Spuren schwächen die Haftung. Aus der Erinnerung</translation>
    </message>
    <message>
        <source>Tool change writes</source>
        <translation>Werkzeugwechsel schreibt</translation>
    </message>
    <message>
        <source>Feeder change writes</source>
        <translation>Feeder-Wechsel schreibt</translation>
    </message>
    <message>
        <source>Hand swap writes</source>
        <translation>Handwechsel schreibt</translation>
    </message>
    <message>
        <source>Waiting writes</source>
        <translation>Warten schreibt</translation>
    </message>
    <message numerus="yes">
        <source>feeder, %n slot(s)</source>
        <translation>
            <numerusform>Feeder, %n Slot</numerusform>
            <numerusform>Feeder, %n Slots</numerusform>
        </translation>
    </message>
    <message>
        <source>external spool</source>
        <translation>freie Spule</translation>
    </message>
    <message>
        <source>nozzle %1</source>
        <translation>Düse %1</translation>
    </message>
    <message>
        <source>missing</source>
        <translation>fehlt</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source>Speeds</source>
        <translation>Tempi</translation>
    </message>
    <message>
        <source>mm/s</source>
        <translation>mm/s</translation>
    </message>
    <message>
        <source>From memory; your toolpath program says what it really uses.</source>
        <translation>Aus der Erinnerung; dein Programm für Druckdateien sagt, was es wirklich nimmt.</translation>
    </message>
    <message>
        <source>Outer walls</source>
        <translation>Außenwände</translation>
    </message>
    <message>
        <source>What is seen, and so slower. %1</source>
        <translation>Was man sieht, und darum langsamer. %1</translation>
    </message>
    <message>
        <source>Other walls</source>
        <translation>Andere Wände</translation>
    </message>
    <message>
        <source>Infill, tower and support</source>
        <translation>Füllung, Turm und Stützen</translation>
    </message>
    <message>
        <source>Skins and interface</source>
        <translation>Deckschichten und Trennschicht</translation>
    </message>
    <message>
        <source>Skins over air</source>
        <translation>Deckschichten über Luft</translation>
    </message>
    <message>
        <source>Slowly, so that they hold. %1</source>
        <translation>Langsam, damit sie halten. %1</translation>
    </message>
    <message>
        <source>First layer</source>
        <translation>Erste Schicht</translation>
    </message>
    <message>
        <source>Slowly, so that it sticks. %1</source>
        <translation>Langsam, damit sie haftet. %1</translation>
    </message>
    <message>
        <source>Travel</source>
        <translation>Fahrt</translation>
    </message>
    <message>
        <source>Acceleration</source>
        <translation>Beschleunigung</translation>
    </message>
    <message>
        <source>mm/s²</source>
        <translation>mm/s²</translation>
    </message>
    <message>
        <source>Short lines never reach their speed: from standing to standing 2·√(length/acceleration). From memory.</source>
        <translation>Kurze Linien erreichen ihr Tempo nie: von Stand zu Stand 2·√(Länge/Beschleunigung). Aus der Erinnerung.</translation>
    </message>
    <message>
        <source>Corner speed</source>
        <translation>Ecktempo</translation>
    </message>
    <message>
        <source>How much the velocity may change at once. From memory.</source>
        <translation>Um wie viel sich die Geschwindigkeit auf einmal ändern darf. Aus der Erinnerung.</translation>
    </message>
    <message>
        <source>Pulling back</source>
        <translation>Rückzug</translation>
    </message>
    <message>
        <source>Filament is pulled back and pushed forth again, each time it travels over air. From memory.</source>
        <translation>Filament wird zurück- und wieder vorgeschoben, sooft über Luft gefahren wird. Aus der Erinnerung.</translation>
    </message>
    <message>
        <source>Homing and levelling</source>
        <translation>Referenzieren und Nivellieren</translation>
    </message>
    <message>
        <source>Before each print, heating not included. From memory: 4 min.</source>
        <translation>Vor jedem Druck, ohne Aufheizen. Aus der Erinnerung: 4 min.</translation>
    </message>
    <message>
        <source>The nozzle heats by</source>
        <translation>Die Düse heizt mit</translation>
    </message>
    <message>
        <source>°C/s</source>
        <translation>°C/s</translation>
    </message>
    <message>
        <source>From memory.</source>
        <translation>Aus der Erinnerung.</translation>
    </message>
    <message>
        <source>The bed heats by</source>
        <translation>Das Bett heizt mit</translation>
    </message>
    <message>
        <source>Dead volume V_d</source>
        <translation>Totvolumen V_d</translation>
    </message>
    <message>
        <source>Mixing volume V_m</source>
        <translation>Mischvolumen V_m</translation>
    </message>
    <message>
        <source>Offset s&amp;trip…</source>
        <translation>Versatz&amp;streifen…</translation>
    </message>
    <message>
        <source>any material</source>
        <translation>jedes Material</translation>
    </message>
    <message>
        <source>structural material only</source>
        <translation>nur tragendes Material</translation>
    </message>
    <message>
        <source>soluble material only</source>
        <translation>nur lösliches Material</translation>
    </message>
    <message>
        <source>On some machines nozzles for soluble and for structural material are not interchangeable. Filaments then sit only where they belong, and a mismatch is told.</source>
        <translation>Auf manchen Maschinen sind Düsen für lösliches und für tragendes Material nicht austauschbar. Filamente sitzen dann nur, wo sie hingehören, und was nicht passt, wird gemeldet.</translation>
    </message>
    <message>
        <source>M&amp;eant for</source>
        <translation>&amp;Gedacht für</translation>
    </message>
    <message>
        <source>Offset</source>
        <translation>Versatz</translation>
    </message>
    <message>
        <source>Line of the strip for Y that goes straight on</source>
        <translation>Linie des Streifens für Y, die gerade weitergeht</translation>
    </message>
    <message>
        <source>Line of the strip for X that goes straight on</source>
        <translation>Linie des Streifens für X, die gerade weitergeht</translation>
    </message>
    <message>
        <source>On the printed offset strip: the line that goes straight on, counted from the thick one in the middle, towards the block positive</source>
        <translation>Auf dem gedruckten Versatzstreifen: die Linie, die gerade weitergeht, von der dicken in der Mitte gezählt, zum Klotz hin positiv</translation>
    </message>
    <message>
        <source>not measured</source>
        <translation>nicht gemessen</translation>
    </message>
    <message>
        <source>Y line </source>
        <translation>Y-Linie </translation>
    </message>
    <message>
        <source>X line </source>
        <translation>X-Linie </translation>
    </message>
    <message>
        <source>Two combs to print with both toolheads and to read like a vernier, each line %1 mm</source>
        <translation>Zwei Kämme, mit beiden Druckköpfen zu drucken und wie ein Nonius zu lesen, jede Linie %1 mm</translation>
    </message>
    <message>
        <source>Others are measured from this one.</source>
        <translation>Die anderen werden von diesem aus gemessen.</translation>
    </message>
    <message>
        <source>Correct it by X %1 mm, Y %2 mm.</source>
        <translation>Korrigiere um X %1 mm, Y %2 mm.</translation>
    </message>
    <message>
        <source>Print the strip and enter both lines: the run sheet then says by how much to correct.</source>
        <translation>Drucke den Streifen und trage beide Linien ein: der Laufzettel sagt dann, um wie viel zu korrigieren ist.</translation>
    </message>
    <message>
        <source>Folder for the offset strip</source>
        <translation>Ordner für den Versatzstreifen</translation>
    </message>
    <message>
        <source>Written into %1: offset-strip.3mf, one STL for each filament, offset-strip.html with what to do, offset-strip.vitrail.</source>
        <translation>In %1 geschrieben: offset-strip.3mf, ein STL je Filament, offset-strip.html mit der Anleitung, offset-strip.vitrail.</translation>
    </message>
    <message>
        <source>%1 mm, %2</source>
        <translation>%1 mm, %2</translation>
    </message>
    <message>
        <source>Places to keep clear</source>
        <translation>Freizuhaltende Stellen</translation>
    </message>
    <message>
        <source>x</source>
        <translation>x</translation>
    </message>
    <message>
        <source>y</source>
        <translation>y</translation>
    </message>
    <message>
        <source>wide</source>
        <translation>breit</translation>
    </message>
    <message>
        <source>deep</source>
        <translation>tief</translation>
    </message>
    <message>
        <source>mm from the front left corner: clips, a wiper, a place for purge. Nothing is arranged there.</source>
        <translation>mm von der linken vorderen Ecke: Klammern, ein Abstreifer, ein Platz für Spülung. Dort wird nichts angeordnet.</translation>
    </message>
    <message>
        <source>&amp;Place</source>
        <translation>&amp;Stelle</translation>
    </message>
    <message>
        <source>Remo&amp;ve</source>
        <translation>&amp;Entfernen</translation>
    </message>
    <message>
        <source>The head reaches</source>
        <translation>Der Kopf ragt</translation>
    </message>
    <message>
        <source>How far the head reaches around the nozzle, close above the bed; for printing pieces one after another. 0: not known, and then that is not offered. From memory</source>
        <translation>Wie weit der Kopf rings um die Düse ragt, dicht über dem Bett; für den Druck nacheinander. 0: nicht bekannt, dann wird das nicht angeboten. Aus der Erinnerung</translation>
    </message>
    <message>
        <source>The bar passes at</source>
        <translation>Der Balken fährt bei</translation>
    </message>
    <message>
        <source>From the nozzle&apos;s tip up to the lowest thing that moves over the whole width of the bed. 0: not known. From memory</source>
        <translation>Von der Düsenspitze bis zum Untersten, das sich über die ganze Breite des Betts bewegt. 0: nicht bekannt. Aus der Erinnerung</translation>
    </message>
    <message>
        <source>Keep clear</source>
        <translation>Freihalten</translation>
    </message>
    <message>
        <source>%1, several lines</source>
        <translation>%1, mehrere Zeilen</translation>
    </message>
    <message>
        <source>Several lines: park, purge, resume. The nozzle, the count of the filament and the speed must be left as they were.</source>
        <translation>Mehrere Zeilen: parken, spülen, weiter. Düse, Zählung des Filaments und Tempo müssen bleiben, wie sie waren.</translation>
    </message>
    <message>
        <source>What is written, line by line. A hot nozzle will do what stands here: try it with nobody&apos;s hand near it.</source>
        <translation>Was geschrieben wird, Zeile für Zeile. Eine heiße Düse tut, was hier steht: versuche es, ohne dass jemand die Hand in der Nähe hat.</translation>
    </message>
    <message>
        <source>General G-code words (RS-274): T selects a tool, M0 stops, M1 stops if wanted, M600 exchanges filament, M25 pauses a print from a card. Filled in: {place} {nozzle} {slot} from 1, {place0} {nozzle0} {slot0} from 0, {where} the slot in words, {from} {to} letters, {layer}, {z}. A place is a nozzle with one of its slots, all of them counted.
Where it is written into a toolpath file also {x} {y} {e} {feed} as they are there, {up} 10 mm above the print, {purge} mm³ or {purge_mm} of filament; ⏎ begins a new line.</source>
        <translation>Allgemeine G-Code-Wörter (RS-274): T wählt ein Werkzeug, M0 hält, M1 hält auf Wunsch, M600 tauscht Filament, M25 pausiert einen Druck von der Karte. Eingesetzt wird: {place} {nozzle} {slot} ab 1, {place0} {nozzle0} {slot0} ab 0, {where} der Slot in Worten, {from} {to} Buchstaben, {layer}, {z}. Ein Platz ist eine Düse mit einem ihrer Slots, alle durchgezählt.
Wo es in eine Werkzeugbahndatei geschrieben wird, auch {x} {y} {e} {feed}, wie sie dort sind, {up} 10 mm über dem Druck, {purge} mm³ oder {purge_mm} Filament; ⏎ beginnt eine neue Zeile.</translation>
    </message>
    <message>
        <source>found out for each file</source>
        <translation>wird für jede Datei herausgefunden</translation>
    </message>
    <message>
        <source>counts for the filament as well</source>
        <translation>gilt auch für das Filament</translation>
    </message>
    <message>
        <source>leaves the filament alone</source>
        <translation>lässt das Filament in Ruhe</translation>
    </message>
    <message>
        <source>G90 after M83</source>
        <translation>G90 nach M83</translation>
    </message>
    <message>
        <source>In some firmware G90 makes the filament absolute again after M83, in other it does not. It decides how a file is read that says M83 before G90.</source>
        <translation>In mancher Firmware macht G90 das Filament nach M83 wieder absolut, in anderer nicht. Davon hängt ab, wie eine Datei gelesen wird, in der M83 vor G90 steht.</translation>
    </message>
</context>
<context>
    <name>vitrail::MachineView</name>
    <message>
        <source>The machine</source>
        <translation>Die Maschine</translation>
    </message>
    <message>
        <source> Left and right choose a filament; with Shift they move it to another nozzle; Delete lets go of its pin.</source>
        <translation> Links und rechts wählen ein Filament; mit Umschalt setzen sie es auf eine andere Düse; Entf lässt es los.</translation>
    </message>
    <message>
        <source>external</source>
        <translation>frei</translation>
    </message>
    <message>
        <source>missing</source>
        <translation>fehlt</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source>%1 %2 on %3%4. Drag it to another nozzle to pin it there; click to pin it or to let go.</source>
        <translation>%1 %2 auf %3%4. Zieh es auf eine andere Düse, um es dort anzuheften; ein Klick heftet es an oder lässt es los.</translation>
    </message>
    <message>
        <source>, pinned</source>
        <translation>, angeheftet</translation>
    </message>
    <message>
        <source>%1: missing</source>
        <translation>%1: fehlt</translation>
    </message>
    <message>
        <source>%1: %2 mm</source>
        <translation>%1: %2 mm</translation>
    </message>
</context>
<context>
    <name>vitrail::MainWindow</name>
    <message>
        <source>Piece</source>
        <translation>Stück</translation>
    </message>
    <message>
        <source>Palette</source>
        <translation>Palette</translation>
    </message>
    <message>
        <source>Supports</source>
        <translation>Stützen</translation>
    </message>
    <message>
        <source>Plate</source>
        <translation>Platte</translation>
    </message>
    <message>
        <source>Changes</source>
        <translation>Wechsel</translation>
    </message>
    <message>
        <source>Purge</source>
        <translation>Spülung</translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation>Geschrieben: %1</translation>
    </message>
    <message>
        <source>Only a preview: %1. Nothing is changed yet.</source>
        <translation>Nur eine Vorschau: %1. Noch ist nichts geändert.</translation>
    </message>
    <message>
        <source>Back to the plan</source>
        <translation>Zurück zum Plan</translation>
    </message>
    <message>
        <source>&amp;File</source>
        <translation>&amp;Datei</translation>
    </message>
    <message>
        <source>&amp;New project</source>
        <translation>&amp;Neues Projekt</translation>
    </message>
    <message>
        <source>&amp;Open…</source>
        <translation>Ö&amp;ffnen…</translation>
    </message>
    <message>
        <source>Open &amp;recent</source>
        <translation>&amp;Zuletzt geöffnet</translation>
    </message>
    <message>
        <source>&amp;Add model files…</source>
        <translation>&amp;Modelldateien hinzufügen…</translation>
    </message>
    <message>
        <source>Ctrl+I</source>
        <translation>Ctrl+I</translation>
    </message>
    <message>
        <source>Add a p&amp;iece…</source>
        <translation>Ein St&amp;ück hinzufügen…</translation>
    </message>
    <message>
        <source>Ctrl+Shift+I</source>
        <translation>Ctrl+Shift+I</translation>
    </message>
    <message>
        <source>&amp;Save</source>
        <translation>&amp;Speichern</translation>
    </message>
    <message>
        <source>Save &amp;as…</source>
        <translation>Speichern &amp;unter…</translation>
    </message>
    <message>
        <source>&amp;Export one body per filament (3MF)…</source>
        <translation>Einen Körper je Filament &amp;exportieren (3MF)…</translation>
    </message>
    <message>
        <source>Ctrl+E</source>
        <translation>Ctrl+E</translation>
    </message>
    <message>
        <source>Export one body per filament (S&amp;TL)…</source>
        <translation>Einen Körper je Filament exportieren (S&amp;TL)…</translation>
    </message>
    <message>
        <source>&amp;Quit</source>
        <translation>&amp;Beenden</translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation>&amp;Bearbeiten</translation>
    </message>
    <message>
        <source>&amp;Undo</source>
        <translation>&amp;Rückgängig</translation>
    </message>
    <message>
        <source>&amp;Redo</source>
        <translation>&amp;Wiederholen</translation>
    </message>
    <message>
        <source>Ctrl+Y</source>
        <translation>Ctrl+Y</translation>
    </message>
    <message>
        <source>&amp;Thicken the base…</source>
        <translation>Grundschicht &amp;dicker machen…</translation>
    </message>
    <message>
        <source>&amp;Unit of a model file…</source>
        <translation>&amp;Einheit einer Modelldatei…</translation>
    </message>
    <message>
        <source>The &amp;machine…</source>
        <translation>Die &amp;Maschine…</translation>
    </message>
    <message>
        <source>&amp;Pin this plan</source>
        <translation>Diesen Plan an&amp;heften</translation>
    </message>
    <message>
        <source>Ctrl+Shift+P</source>
        <translation>Ctrl+Shift+P</translation>
    </message>
    <message>
        <source>&amp;View</source>
        <translation>&amp;Ansicht</translation>
    </message>
    <message>
        <source>&amp;Piece</source>
        <translation>&amp;Stück</translation>
    </message>
    <message>
        <source>Pa&amp;lette</source>
        <translation>Pa&amp;lette</translation>
    </message>
    <message>
        <source>&amp;Supports</source>
        <translation>S&amp;tützen</translation>
    </message>
    <message>
        <source>Pl&amp;ate</source>
        <translation>Pl&amp;atte</translation>
    </message>
    <message>
        <source>&amp;Changes</source>
        <translation>&amp;Wechsel</translation>
    </message>
    <message>
        <source>P&amp;urge</source>
        <translation>Sp&amp;ülung</translation>
    </message>
    <message>
        <source>&amp;Run sheet</source>
        <translation>Lau&amp;f</translation>
    </message>
    <message>
        <source>Sho&amp;w support</source>
        <translation>Stütz&amp;en zeigen</translation>
    </message>
    <message>
        <source>Ctrl+Shift+H</source>
        <translation>Ctrl+Shift+H</translation>
    </message>
    <message>
        <source>&amp;Fit the piece</source>
        <translation>Das Stück ein&amp;passen</translation>
    </message>
    <message>
        <source>Ctrl+0</source>
        <translation>Ctrl+0</translation>
    </message>
    <message>
        <source>&amp;Theme</source>
        <translation>&amp;Farbschema</translation>
    </message>
    <message>
        <source>As the &amp;desktop</source>
        <translation>Wie der &amp;Desktop</translation>
    </message>
    <message>
        <source>Dark &amp;lead</source>
        <translation>Dunkles &amp;Blei</translation>
    </message>
    <message>
        <source>Light &amp;paper</source>
        <translation>Helles &amp;Papier</translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation>&amp;Hilfe</translation>
    </message>
    <message>
        <source>&amp;Keys</source>
        <translation>&amp;Tasten</translation>
    </message>
    <message>
        <source>&amp;About Vitrail</source>
        <translation>Ü&amp;ber Vitrail</translation>
    </message>
    <message>
        <source>About Vitrail</source>
        <translation>Über Vitrail</translation>
    </message>
    <message>
        <source>Vitrail %1 plans multicolour prints.

It is free software under the GNU General Public License, version 3 or later, and comes without any warranty. Its estimates are no promise: follow your printer&apos;s manual, local codes and the advice of licensed practice where they apply.

Font: Inter (SIL Open Font License). Icons: Lucide (ISC).</source>
        <translation>Vitrail %1 plant Drucke in mehreren Farben.

Es ist freie Software unter der GNU General Public License, Version 3 oder später, und kommt ohne jede Gewähr. Seine Schätzungen sind kein Versprechen: richte dich nach der Anleitung deines Druckers, örtlichen Vorschriften und dem Rat von Fachleuten, wo sie gelten.

Schrift: Inter (SIL Open Font License). Symbole: Lucide (ISC).</translation>
    </message>
    <message>
        <source>Change the machine</source>
        <translation>Die Maschine wechseln</translation>
    </message>
    <message>
        <source>%1%2 – Vitrail</source>
        <translation>%1%2 – Vitrail</translation>
    </message>
    <message>
        <source>Reading a file…</source>
        <translation>Eine Datei wird gelesen…</translation>
    </message>
    <message>
        <source>Writing a file…</source>
        <translation>Eine Datei wird geschrieben…</translation>
    </message>
    <message>
        <source>Planning…</source>
        <translation>Wird geplant…</translation>
    </message>
    <message>
        <source>nothing yet</source>
        <translation>noch nichts</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Öffnen</translation>
    </message>
    <message>
        <source>Add model files</source>
        <translation>Modelldateien hinzufügen</translation>
    </message>
    <message>
        <source>Models (*.3mf *.stl *.obj)</source>
        <translation>Modelle (*.3mf *.stl *.obj)</translation>
    </message>
    <message>
        <source>Add a piece</source>
        <translation>Ein Stück hinzufügen</translation>
    </message>
    <message>
        <source>There is nothing to export yet.</source>
        <translation>Noch gibt es nichts zu exportieren.</translation>
    </message>
    <message>
        <source>The plan is still being made; export when it is done.</source>
        <translation>Der Plan entsteht noch; exportiere, wenn er fertig ist.</translation>
    </message>
    <message>
        <source>Folder for the STL files</source>
        <translation>Ordner für die STL-Dateien</translation>
    </message>
    <message>
        <source>Export as 3MF</source>
        <translation>Als 3MF exportieren</translation>
    </message>
    <message>
        <source>3MF (*.3mf)</source>
        <translation>3MF (*.3mf)</translation>
    </message>
    <message>
        <source>Save the project</source>
        <translation>Das Projekt speichern</translation>
    </message>
    <message>
        <source>Vitrail projects (*.vitrail)</source>
        <translation>Vitrail-Projekte (*.vitrail)</translation>
    </message>
    <message>
        <source>Not saved</source>
        <translation>Nicht gespeichert</translation>
    </message>
    <message>
        <source>“%1” has changes that are not saved.</source>
        <translation>„%1“ hat Änderungen, die nicht gespeichert sind.</translation>
    </message>
    <message>
        <source>The last session ended before %1 was saved.</source>
        <translation>Die letzte Sitzung endete, bevor %1 gespeichert war.</translation>
    </message>
    <message>
        <source>Recover it</source>
        <translation>Wiederherstellen</translation>
    </message>
    <message>
        <source>Picture</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>A &amp;picture…</source>
        <translation>Ein &amp;Bild…</translation>
    </message>
    <message>
        <source>Ctrl+Shift+O</source>
        <translation>Ctrl+Shift+O</translation>
    </message>
    <message>
        <source>Pi&amp;cture</source>
        <translation>&amp;Bild</translation>
    </message>
    <message>
        <source>Choose a picture</source>
        <translation>Ein Bild wählen</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.svg)</source>
        <translation>Bilder (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.svg)</translation>
    </message>
    <message>
        <source>Projects, models and pictures (*.vitrail *.3mf *.stl *.obj *.png *.jpg *.jpeg *.webp *.tif *.tiff *.svg);;Projects (*.vitrail);;Models (*.3mf *.stl *.obj)</source>
        <translation>Projekte, Modelle und Bilder (*.vitrail *.3mf *.stl *.obj *.png *.jpg *.jpeg *.webp *.tif *.tiff *.svg);;Projekte (*.vitrail);;Modelle (*.3mf *.stl *.obj)</translation>
    </message>
    <message>
        <source>Export the parts &amp;whole (3MF)…</source>
        <translation>Die Teile &amp;ganz exportieren (3MF)…</translation>
    </message>
    <message>
        <source>Each part in one body under its name, to be swapped by layers: a relief as one body, a panel with its white below and above</source>
        <translation>Jedes Teil als ein Körper unter seinem Namen, nach Schichten zu wechseln: ein Relief als ein Körper, ein Leuchtbild mit seinem Weiß unten und oben</translation>
    </message>
    <message>
        <source>Export one body per &amp;band of a relief (3MF)…</source>
        <translation>Einen Körper je Ba&amp;nd eines Reliefs exportieren (3MF)…</translation>
    </message>
    <message>
        <source>Variants</source>
        <translation>Varianten</translation>
    </message>
    <message>
        <source>&amp;Keep as a variant</source>
        <translation>Als Variante auf&amp;heben</translation>
    </message>
    <message>
        <source>Ctrl+K</source>
        <translation>Ctrl+K</translation>
    </message>
    <message>
        <source>&amp;Variants</source>
        <translation>&amp;Varianten</translation>
    </message>
    <message>
        <source>Save a pic&amp;ture</source>
        <translation>Eine Abb&amp;ildung speichern</translation>
    </message>
    <message>
        <source>There is no picture yet: add a model first.</source>
        <translation>Noch gibt es keine Abbildung: füge erst ein Modell hinzu.</translation>
    </message>
    <message>
        <source>Of the &amp;piece, as it is seen…</source>
        <translation>Vom &amp;Stück, wie man es sieht…</translation>
    </message>
    <message>
        <source>piece</source>
        <translation>Stück</translation>
    </message>
    <message>
        <source>Of the &amp;layer at the cursor…</source>
        <translation>Von der S&amp;chicht am Zeiger…</translation>
    </message>
    <message>
        <source>layer</source>
        <translation>Schicht</translation>
    </message>
    <message>
        <source>Of the &amp;bed from above…</source>
        <translation>Vom &amp;Bett von oben…</translation>
    </message>
    <message>
        <source>bed</source>
        <translation>Bett</translation>
    </message>
    <message>
        <source>Run</source>
        <translation>Lauf</translation>
    </message>
    <message>
        <source>Show the run</source>
        <translation>Den Lauf zeigen</translation>
    </message>
    <message>
        <source>A run of %1 is under way.</source>
        <translation>Ein Lauf von %1 ist unterwegs.</translation>
    </message>
    <message>
        <source>Open its project</source>
        <translation>Sein Projekt öffnen</translation>
    </message>
    <message>
        <source>Logbook</source>
        <translation>Logbuch</translation>
    </message>
    <message>
        <source>&amp;Log this print…</source>
        <translation>Diesen Druck ins &amp;Logbuch…</translation>
    </message>
    <message>
        <source>Ctrl+L</source>
        <translation>Ctrl+L</translation>
    </message>
    <message>
        <source>&amp;Logbook</source>
        <translation>L&amp;ogbuch</translation>
    </message>
    <message>
        <source>The tour needs the demo&apos;s badge, which is not installed.</source>
        <translation>Der Rundgang braucht das Besucherschild der Beispiele, das nicht installiert ist.</translation>
    </message>
    <message>
        <source>&amp;Welcome</source>
        <translation>&amp;Willkommen</translation>
    </message>
    <message>
        <source>&amp;Describe my printer…</source>
        <translation>Meinen D&amp;rucker beschreiben…</translation>
    </message>
    <message>
        <source>&amp;First tour</source>
        <translation>&amp;Erster Rundgang</translation>
    </message>
    <message>
        <source>Turns a picture into layers of colour: a relief to be seen by day, or a panel to be lit from behind.</source>
        <translation>Macht aus einem Bild Schichten von Farbe: ein Relief für das Tageslicht oder ein Leuchtbild.</translation>
    </message>
    <message>
        <source>The piece itself: which of its regions gets which filament, how it lies, and what would spoil the print.</source>
        <translation>Das Stück selbst: welcher Bereich welches Filament bekommt, wie es liegt, und was den Druck verderben würde.</translation>
    </message>
    <message>
        <source>Your spools, which of them may be printed together, and how much of each this print takes.</source>
        <translation>Deine Spulen, welche davon sich zusammen drucken lassen, und wie viel dieser Druck von jeder braucht.</translation>
    </message>
    <message>
        <source>What hangs in the air, what holds it, and what that costs to print and to take off.</source>
        <translation>Was in der Luft hängt, was es hält, und was Drucken und Abnehmen kosten.</translation>
    </message>
    <message>
        <source>The bed from above: where pieces stand, how many to print at once, and orders cut into plates.</source>
        <translation>Das Bett von oben: wo Stücke stehen, wie viele auf einmal, und Aufträge, auf Platten verteilt.</translation>
    </message>
    <message>
        <source>Every change of filament, what goes into which nozzle and slot, and how to need fewer.</source>
        <translation>Jeder Filamentwechsel, was in welche Düse und welchen Slot kommt, und wie es mit weniger geht.</translation>
    </message>
    <message>
        <source>How much is pushed out at each change, where it goes, and how to measure what your printer needs.</source>
        <translation>Wie viel bei jedem Wechsel gespült wird, wohin es geht, und wie man misst, was dein Drucker braucht.</translation>
    </message>
    <message>
        <source>Colourings side by side with what each costs, to choose from or to show to somebody who has a say.</source>
        <translation>Farbgebungen nebeneinander mit ihren Kosten, zum Auswählen oder um sie jemandem zu zeigen, der mitredet.</translation>
    </message>
    <message>
        <source>The print at the printer: when to come, the sheet to take along, the file to check, and help when something went wrong.</source>
        <translation>Der Druck am Drucker: wann man kommen muss, der Laufzettel zum Mitnehmen, die Datei zum Prüfen, und Hilfe, wenn etwas schiefging.</translation>
    </message>
    <message>
        <source>What prints really took, so that the next estimate is better.</source>
        <translation>Was Drucke wirklich brauchten, damit die nächste Schätzung besser wird.</translation>
    </message>
    <message>
        <source>The whole print from its first layer, left, to its last. Arrow keys move the cursor layer, with Ctrl by ten; Page Up and Page Down go to the change before and after; with Shift a range is chosen.</source>
        <translation>Der ganze Druck von der ersten Schicht, links, bis zur letzten. Pfeiltasten bewegen die Schicht am Zeiger, mit Strg um zehn; Bild auf und Bild ab gehen zum Wechsel davor und danach; mit Umschalt wird ein Bereich gewählt.</translation>
    </message>
    <message>
        <source>What the plan costs. Beside each figure is the difference to the plan that was pinned, if one was.</source>
        <translation>Was der Plan kostet. Neben jeder Zahl steht der Unterschied zum angehefteten Plan, falls es einen gibt.</translation>
    </message>
    <message>
        <source>The benches, in the order of the work.</source>
        <translation>Die Werkbänke, in der Folge der Arbeit.</translation>
    </message>
    <message>
        <source>Ne&amp;w window</source>
        <translation>Neues &amp;Fenster</translation>
    </message>
    <message>
        <source>Ctrl+Shift+N</source>
        <translation>Ctrl+Shift+N</translation>
    </message>
    <message>
        <source>Lan&amp;guage</source>
        <translation>&amp;Sprache</translation>
    </message>
    <message>
        <source>&amp;Guide</source>
        <translation>&amp;Handbuch</translation>
    </message>
    <message>
        <source>Ctrl+F1</source>
        <translation>Ctrl+F1</translation>
    </message>
    <message>
        <source>&amp;What is this?</source>
        <translation>&amp;Was ist das?</translation>
    </message>
    <message>
        <source>&amp;Point at something…</source>
        <translation>Auf etwas &amp;zeigen…</translation>
    </message>
    <message>
        <source>More &amp;contrast</source>
        <translation>Mehr &amp;Kontrast</translation>
    </message>
    <message>
        <source>&amp;Close the window</source>
        <translation>Fenster s&amp;chließen</translation>
    </message>
</context>
<context>
    <name>vitrail::MessageBar</name>
    <message>
        <source>Dismiss</source>
        <translation>Verwerfen</translation>
    </message>
</context>
<context>
    <name>vitrail::NeedsModel</name>
    <message>
        <source>not used in this project</source>
        <translation>in diesem Projekt nicht benutzt</translation>
    </message>
    <message>
        <source>takes %1 g · not matched with the shelf</source>
        <translation>braucht %1 g · nicht mit dem Regal verbunden</translation>
    </message>
    <message>
        <source>takes %1 g · no spool of it on the shelf</source>
        <translation>braucht %1 g · keine Spule davon im Regal</translation>
    </message>
    <message>
        <source>, then </source>
        <translation>, dann </translation>
    </message>
    <message>
        <source>spool %1</source>
        <translation>Spule %1</translation>
    </message>
    <message>
        <source> (empty in layer %1)</source>
        <translation> (leer in Schicht %1)</translation>
    </message>
    <message>
        <source>takes %1 g of %2 g</source>
        <translation>braucht %1 g von %2 g</translation>
    </message>
    <message>
        <source>%1 · runs out in layer %2, %3 g short</source>
        <translation>%1 · geht in Schicht %2 aus, %3 g zu wenig</translation>
    </message>
    <message>
        <source>%1 · %2 · %3</source>
        <translation>%1 · %2 · %3</translation>
    </message>
    <message>
        <source>enough, within the margin</source>
        <translation>genug, innerhalb der Reserve</translation>
    </message>
    <message>
        <source>enough</source>
        <translation>genug</translation>
    </message>
    <message>
        <source>Filament %1: %2</source>
        <translation>Filament %1: %2</translation>
    </message>
    <message>
        <source>All it takes: piece, purge, tower and first load. The thin mark is the margin of %1 % (setting “Spool margin”).</source>
        <translation>Alles, was es braucht: Stück, Spülung, Turm und erstes Füllen. Die dünne Marke ist die Reserve von %1 % (Einstellung „Reserve je Spule“).</translation>
    </message>
</context>
<context>
    <name>vitrail::NeedsView</name>
    <message>
        <source>What the project takes of each filament</source>
        <translation>Was das Projekt von jedem Filament braucht</translation>
    </message>
</context>
<context>
    <name>vitrail::NewPictureDialog</name>
    <message>
        <source>A &amp;relief in layers, seen from the front</source>
        <translation>Ein &amp;Relief in Schichten, von vorn gesehen</translation>
    </message>
    <message>
        <source>A &amp;panel, seen against light</source>
        <translation>Ein &amp;Leuchtbild, gegen Licht gesehen</translation>
    </message>
    <message>
        <source>A picture</source>
        <translation>Ein Bild</translation>
    </message>
    <message>
        <source>What is “%1” to become?</source>
        <translation>Was soll aus „%1“ werden?</translation>
    </message>
    <message>
        <source>Filaments in whole layers on each other; what shows is the stack below. Few changes, all of them between layers.</source>
        <translation>Filamente in ganzen Schichten aufeinander; man sieht den Stapel darunter. Wenige Wechsel, alle zwischen Schichten.</translation>
    </message>
    <message>
        <source>Films of colour and a white whose thickness makes the brightness. White and three films; changes within layers. The light behind it is yours to choose.</source>
        <translation>Farbige Filme und ein Weiß, dessen Dicke die Helligkeit macht. Weiß und drei Filme; Wechsel in Schichten. Das Licht dahinter wählst du.</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>&amp;Width</source>
        <translation>&amp;Breite</translation>
    </message>
    <message>
        <source>It takes the place of the picture that is there; undo brings that back.</source>
        <translation>Es tritt an die Stelle des vorhandenen Bildes; Rückgängig bringt das zurück.</translation>
    </message>
</context>
<context>
    <name>vitrail::NozzlesPage</name>
    <message>
        <source>Aims compared</source>
        <translation>Ziele im Vergleich</translation>
    </message>
    <message>
        <source>aim</source>
        <translation>Ziel</translation>
    </message>
    <message>
        <source>purge</source>
        <translation>Spülung</translation>
    </message>
    <message>
        <source>changing</source>
        <translation>Wechseln</translation>
    </message>
    <message>
        <source>by hand</source>
        <translation>von Hand</translation>
    </message>
    <message>
        <source>on nozzles</source>
        <translation>auf Düsen</translation>
    </message>
    <message>
        <source>&amp;Use this</source>
        <translation>Diese n&amp;ehmen</translation>
    </message>
    <message>
        <source>Let go of &amp;pins</source>
        <translation>Angeheftetes &amp;loslassen</translation>
    </message>
    <message>
        <source>Filaments on nozzles</source>
        <translation>Filamente auf Düsen</translation>
    </message>
    <message>
        <source>Edit the &amp;machine…</source>
        <translation>Die &amp;Maschine ändern…</translation>
    </message>
    <message>
        <source>This is &amp;loaded now</source>
        <translation>Das ist jetzt &amp;eingelegt</translation>
    </message>
    <message>
        <source>Takes what the plan begins with as what is in the machine already. Least handling then keeps it.</source>
        <translation>Nimmt, womit der Plan beginnt, als schon in der Maschine. Wenigste Handgriffe behält es dann.</translation>
    </message>
    <message>
        <source>Every filament may go to any nozzle again</source>
        <translation>Jedes Filament darf wieder auf jede Düse</translation>
    </message>
    <message>
        <source>Slots over time</source>
        <translation>Slots über die Zeit</translation>
    </message>
    <message>
        <source>Change %1</source>
        <translation>%1 ändern</translation>
    </message>
    <message>
        <source>What each aim costs</source>
        <translation>Was jedes Ziel kostet</translation>
    </message>
    <message>
        <source>Spools put in before the start, refills and swaps</source>
        <translation>Spulen, die vor dem Beginn hineinkommen, Nachladen und Handwechsel</translation>
    </message>
    <message>
        <source>least waste</source>
        <translation>wenigster Abfall</translation>
    </message>
    <message>
        <source>least handling</source>
        <translation>wenigste Handgriffe</translation>
    </message>
    <message>
        <source>Between least waste and least handling</source>
        <translation>Zwischen wenigstem Abfall und wenigsten Handgriffen</translation>
    </message>
    <message>
        <source>Note what is in the machine</source>
        <translation>Vermerken, was in der Maschine ist</translation>
    </message>
    <message>
        <source>Let go of pins</source>
        <translation>Angeheftetes loslassen</translation>
    </message>
    <message>
        <source>Put filaments on nozzles for another aim</source>
        <translation>Filamente für ein anderes Ziel auf Düsen setzen</translation>
    </message>
    <message>
        <source>Let go of %1</source>
        <translation>%1 loslassen</translation>
    </message>
    <message>
        <source>Pin %1 to %2</source>
        <translation>%1 auf %2 anheften</translation>
    </message>
    <message numerus="yes">
        <source> %n refill(s).</source>
        <translation>
            <numerusform> %n-mal nachladen.</numerusform>
            <numerusform> %n-mal nachladen.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source> For %n of them the printer waits.</source>
        <translation>
            <numerusform> Für %n davon wartet der Drucker.</numerusform>
            <numerusform> Für %n davon wartet der Drucker.</numerusform>
        </translation>
    </message>
    <message>
        <source>now</source>
        <translation>jetzt</translation>
    </message>
    <message>
        <source>now, pinned</source>
        <translation>jetzt, angeheftet</translation>
    </message>
    <message>
        <source>least time</source>
        <translation>kürzeste Zeit</translation>
    </message>
    <message>
        <source>blend %1 %</source>
        <translation>Mischung %1 %</translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation>%1 g</translation>
    </message>
    <message>
        <source>%1 spools put in before the start, %2 refills, %3 swaps</source>
        <translation>%1 Spulen vor dem Beginn eingelegt, %2-mal nachladen, %3 Handwechsel</translation>
    </message>
    <message>
        <source>By nozzle, in the order of the machine%1</source>
        <translation>Nach Düsen, in der Folge der Maschine%1</translation>
    </message>
    <message>
        <source>; proven: no other split costs less for this aim</source>
        <translation>; bewiesen: keine andere Aufteilung kostet für dieses Ziel weniger</translation>
    </message>
    <message>
        <source>; searched, not proven</source>
        <translation>; gesucht, nicht bewiesen</translation>
    </message>
    <message>
        <source>Once there is a plan, its alternatives stand here.</source>
        <translation>Sobald es einen Plan gibt, stehen hier seine Alternativen.</translation>
    </message>
    <message>
        <source>Least waste and least handling agree here: there is nothing to trade.</source>
        <translation>Wenigster Abfall und wenigste Handgriffe sind hier dasselbe: es gibt nichts abzuwägen.</translation>
    </message>
    <message>
        <source>waste</source>
        <translation>Abfall</translation>
    </message>
    <message>
        <source>purge %1 g, tower and walls %2 g, support %3 g</source>
        <translation>Spülung %1 g, Turm und Wände %2 g, Stützen %3 g</translation>
    </message>
    <message>
        <source>Walks along the best trade-offs: for each of its stops nothing wastes less with as little work by hand.</source>
        <translation>Geht die besten Abwägungen entlang: an jeder Stelle hat nichts mit so wenig Handarbeit weniger Abfall.</translation>
    </message>
    <message numerus="yes">
        <source>%n best trade-off(s) between waste and work by hand. A ring marks the plan as it is, a square the least time.</source>
        <translation>
            <numerusform>%n beste Abwägung zwischen Abfall und Handarbeit. Ein Ring zeigt den Plan, wie er ist, ein Quadrat die kürzeste Zeit.</numerusform>
            <numerusform>%n beste Abwägungen zwischen Abfall und Handarbeit. Ein Ring zeigt den Plan, wie er ist, ein Quadrat die kürzeste Zeit.</numerusform>
        </translation>
    </message>
    <message>
        <source>tower</source>
        <translation>Turm</translation>
    </message>
</context>
<context>
    <name>vitrail::OrderListPage</name>
    <message>
        <source>First plate &amp;at</source>
        <translation>&amp;Erste Platte um</translation>
    </message>
    <message>
        <source>What is wanted</source>
        <translation>Was gewünscht ist</translation>
    </message>
    <message>
        <source>Items of the order</source>
        <translation>Posten des Auftrags</translation>
    </message>
    <message>
        <source>number</source>
        <translation>Anzahl</translation>
    </message>
    <message>
        <source>by</source>
        <translation>von</translation>
    </message>
    <message>
        <source>price</source>
        <translation>Preis</translation>
    </message>
    <message>
        <source>with</source>
        <translation>mit</translation>
    </message>
    <message>
        <source>by day</source>
        <translation>bei Tag</translation>
    </message>
    <message>
        <source>By when it is wanted, such as 2026-12-05T10:00; empty: whenever</source>
        <translation>Bis wann es gebraucht wird, etwa 2026-12-05T10:00; leer: irgendwann</translation>
    </message>
    <message>
        <source>What one is sold for; empty: not for sale</source>
        <translation>Wofür eines verkauft wird; leer: nicht zu verkaufen</translation>
    </message>
    <message>
        <source>Items of the same number are printed on the same plates; empty: as it comes</source>
        <translation>Posten gleicher Nummer kommen auf dieselben Platten; leer: wie es kommt</translation>
    </message>
    <message>
        <source>No plate with it runs at night</source>
        <translation>Keine Platte damit läuft nachts</translation>
    </message>
    <message>
        <source>A &amp;piece</source>
        <translation>Ein &amp;Stück</translation>
    </message>
    <message>
        <source>A piece of this project</source>
        <translation>Ein Stück dieses Projekts</translation>
    </message>
    <message>
        <source>A pro&amp;ject…</source>
        <translation>Ein Pro&amp;jekt…</translation>
    </message>
    <message>
        <source>Everything of another project, once for each</source>
        <translation>Alles aus einem anderen Projekt, je einmal</translation>
    </message>
    <message>
        <source>&amp;Take out</source>
        <translation>&amp;Herausnehmen</translation>
    </message>
    <message>
        <source>Take an item out of the order</source>
        <translation>Einen Posten aus dem Auftrag nehmen</translation>
    </message>
    <message>
        <source>How to cut it</source>
        <translation>Wie verteilt wird</translation>
    </message>
    <message>
        <source>What counts</source>
        <translation>Was zählt</translation>
    </message>
    <message>
        <source>least thrown away</source>
        <translation>wenigster Abfall</translation>
    </message>
    <message>
        <source>fewest hours of the machines</source>
        <translation>wenigste Stunden der Maschinen</translation>
    </message>
    <message>
        <source>fewest visits</source>
        <translation>wenigste Gänge</translation>
    </message>
    <message>
        <source>least money, hours included</source>
        <translation>wenigstes Geld, mit Stunden</translation>
    </message>
    <message>
        <source>finished as early as can be</source>
        <translation>so früh fertig wie möglich</translation>
    </message>
    <message>
        <source>Change what the order is cut for</source>
        <translation>Ändern, wofür der Auftrag verteilt wird</translation>
    </message>
    <message>
        <source>Without it the plates count in days, and nothing can be due</source>
        <translation>Ohne das zählen die Platten in Tagen, und nichts kann fällig sein</translation>
    </message>
    <message>
        <source>When the first plate can start</source>
        <translation>Wann die erste Platte beginnen kann</translation>
    </message>
    <message>
        <source>Change when the order starts</source>
        <translation>Ändern, wann der Auftrag beginnt</translation>
    </message>
    <message>
        <source>Machines it may be printed on</source>
        <translation>Maschinen, auf denen gedruckt werden darf</translation>
    </message>
    <message>
        <source>Change the machines of the order</source>
        <translation>Die Maschinen des Auftrags ändern</translation>
    </message>
    <message>
        <source>&amp;What counts</source>
        <translation>&amp;Was zählt</translation>
    </message>
    <message>
        <source>Printed on</source>
        <translation>Gedruckt auf</translation>
    </message>
    <message>
        <source>&amp;Cut into plates</source>
        <translation>Auf &amp;Platten verteilen</translation>
    </message>
    <message>
        <source>How far the search is</source>
        <translation>Wie weit die Suche ist</translation>
    </message>
    <message>
        <source>Plates</source>
        <translation>Platten</translation>
    </message>
    <message>
        <source>night is shaded</source>
        <translation>Nacht ist schattiert</translation>
    </message>
    <message>
        <source>Plates of the order</source>
        <translation>Platten des Auftrags</translation>
    </message>
    <message>
        <source>start</source>
        <translation>Beginn</translation>
    </message>
    <message>
        <source>on it</source>
        <translation>darauf</translation>
    </message>
    <message>
        <source>put in</source>
        <translation>einlegen</translation>
    </message>
    <message>
        <source>changes</source>
        <translation>Wechsel</translation>
    </message>
    <message>
        <source>waste</source>
        <translation>Abfall</translation>
    </message>
    <message>
        <source>takes</source>
        <translation>dauert</translation>
    </message>
    <message>
        <source>Thrown away: purge, tower, support</source>
        <translation>Abfall: Spülung, Turm, Stützen</translation>
    </message>
    <message>
        <source>Filaments that have to be put into the machine for it; the others stay in from before</source>
        <translation>Filamente, die dafür in die Maschine müssen; die anderen bleiben von vorher drin</translation>
    </message>
    <message>
        <source>Spools the order needs</source>
        <translation>Spulen, die der Auftrag braucht</translation>
    </message>
    <message>
        <source>filament</source>
        <translation>Filament</translation>
    </message>
    <message>
        <source>needed</source>
        <translation>nötig</translation>
    </message>
    <message>
        <source>left</source>
        <translation>übrig</translation>
    </message>
    <message>
        <source>&amp;Write projects and sheets…</source>
        <translation>Projekte und Zettel &amp;schreiben…</translation>
    </message>
    <message>
        <source>A project and a run sheet for each plate, and one sheet for the order</source>
        <translation>Für jede Platte ein Projekt und ein Laufzettel, und ein Zettel für den Auftrag</translation>
    </message>
    <message>
        <source>A folder for the order</source>
        <translation>Ein Ordner für den Auftrag</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>%1 (this project&apos;s)</source>
        <translation>%1 (von diesem Projekt)</translation>
    </message>
    <message>
        <source>“%1” is no time. Write it as 2026-12-05T10:00.</source>
        <translation>„%1“ ist keine Zeit. Schreib sie als 2026-12-05T10:00.</translation>
    </message>
    <message>
        <source>“%1” is no number from 1 to %2.</source>
        <translation>„%1“ ist keine Zahl von 1 bis %2.</translation>
    </message>
    <message>
        <source>“%1” is no number that can stand there.</source>
        <translation>„%1“ ist keine Zahl, die dort stehen kann.</translation>
    </message>
    <message>
        <source>Change an item of the order</source>
        <translation>Einen Posten des Auftrags ändern</translation>
    </message>
    <message>
        <source>Order a piece</source>
        <translation>Ein Stück bestellen</translation>
    </message>
    <message>
        <source>Projects that are wanted</source>
        <translation>Gewünschte Projekte</translation>
    </message>
    <message>
        <source>Vitrail projects (*.vitrail)</source>
        <translation>Vitrail-Projekte (*.vitrail)</translation>
    </message>
    <message>
        <source>Order a project</source>
        <translation>Ein Projekt bestellen</translation>
    </message>
    <message>
        <source>&amp;Stop</source>
        <translation>&amp;Anhalten</translation>
    </message>
    <message>
        <source>Looking for the best way to cut it…</source>
        <translation>Die beste Verteilung wird gesucht…</translation>
    </message>
    <message>
        <source>Stopped; what stands here is from before.</source>
        <translation>Angehalten; was hier steht, ist von vorher.</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation>%1 g</translation>
    </message>
    <message numerus="yes">
        <source>On %1 until %2; %n visit(s)</source>
        <translation>
            <numerusform>Auf %1 bis %2; %n Gang</numerusform>
            <numerusform>Auf %1 bis %2; %n Gänge</numerusform>
        </translation>
    </message>
    <message>
        <source>not known</source>
        <translation>nicht bekannt</translation>
    </message>
    <message>
        <source>runs short by %1 g</source>
        <translation>es fehlen %1 g</translation>
    </message>
    <message>
        <source>By what counts nothing is gained over each kind by itself; %1 plates instead of %2.</source>
        <translation>Nach dem, was zählt, ist gegen jede Sorte für sich nichts gewonnen; %1 Platten statt %2.</translation>
    </message>
    <message>
        <source>One piece at a time: %1 g thrown away, %2.</source>
        <translation>Ein Stück nach dem anderen: %1 g Abfall, %2.</translation>
    </message>
    <message>
        <source>No way to cut it is better: all were looked at.</source>
        <translation>Keine Verteilung ist besser: alle wurden angesehen.</translation>
    </message>
    <message>
        <source>However it is cut, at least %1 % of this remain.</source>
        <translation>Wie auch verteilt wird, mindestens %1 % davon bleiben.</translation>
    </message>
    <message numerus="yes">
        <source>%n plate(s) were planned on the way.</source>
        <translation>
            <numerusform>%n Platte wurde unterwegs geplant.</numerusform>
            <numerusform>%n Platten wurden unterwegs geplant.</numerusform>
        </translation>
    </message>
    <message>
        <source>Sold for %1, at %2 all in.</source>
        <translation>Verkauft für %1, bei %2 insgesamt.</translation>
    </message>
    <message>
        <source>Nothing is wanted yet. Add pieces of this project, or other projects, and how many of each.</source>
        <translation>Noch ist nichts gewünscht. Füge Stücke dieses Projekts oder andere Projekte hinzu, und wie viele von jedem.</translation>
    </message>
    <message>
        <source>Cut it into plates to see which pieces share one, when each can start, and which spools it takes.</source>
        <translation>Verteile ihn auf Platten, um zu sehen, welche Stücke sich eine teilen, wann jede beginnen kann und welche Spulen er braucht.</translation>
    </message>
    <message>
        <source>The order has changed since: cut it again.</source>
        <translation>Der Auftrag hat sich seitdem geändert: verteile ihn neu.</translation>
    </message>
    <message numerus="yes">
        <source>%n piece(s) will be late.</source>
        <translation>
            <numerusform>%n Stück wird zu spät.</numerusform>
            <numerusform>%n Stücke werden zu spät.</numerusform>
        </translation>
    </message>
    <message>
        <source>Done by %1.</source>
        <translation>Fertig um %1.</translation>
    </message>
    <message>
        <source>Writing…</source>
        <translation>Wird geschrieben…</translation>
    </message>
    <message>
        <source>The order was written into %1: one sheet for it, and a project and a sheet for each plate.</source>
        <translation>Der Auftrag wurde in %1 geschrieben: ein Zettel dafür, und ein Projekt und ein Zettel je Platte.</translation>
    </message>
    <message>
        <source>wanted</source>
        <translation>gewünscht</translation>
    </message>
</context>
<context>
    <name>vitrail::OrderPage</name>
    <message>
        <source>Changes</source>
        <translation>Wechsel</translation>
    </message>
    <message>
        <source>Within a layer: the cheapest path through its filaments for every first and last one (Held and Karp 1962). Over the layers: a shortest path with the filament that was last as state. Together they are the optimum, and its proof.</source>
        <translation>In einer Schicht: der billigste Weg durch ihre Filamente für jedes erste und letzte (Held und Karp 1962). Über die Schichten: ein kürzester Weg mit dem zuletzt gedruckten Filament als Zustand. Zusammen sind sie das Optimum und sein Beweis.</translation>
    </message>
    <message>
        <source>What the order saves</source>
        <translation>Was die Reihenfolge spart</translation>
    </message>
    <message>
        <source>&amp;Order within layers</source>
        <translation>&amp;Reihenfolge in Schichten</translation>
    </message>
    <message>
        <source>worked out for the least purge</source>
        <translation>für die geringste Spülung ausgerechnet</translation>
    </message>
    <message>
        <source>by letter in every layer</source>
        <translation>in jeder Schicht nach Buchstaben</translation>
    </message>
    <message>
        <source>Order within layers</source>
        <translation>Reihenfolge in Schichten</translation>
    </message>
    <message>
        <source>By letter is what happens when nobody thinks about it: every layer starts with the first letter again.</source>
        <translation>Nach Buchstaben geschieht, wenn niemand darüber nachdenkt: jede Schicht beginnt wieder mit dem ersten.</translation>
    </message>
    <message>
        <source>In the cursor layer</source>
        <translation>In der Schicht am Zeiger</translation>
    </message>
    <message>
        <source>Always &amp;first in a layer</source>
        <translation>In einer Schicht immer &amp;zuerst</translation>
    </message>
    <message>
        <source>Filament that is always first in a layer</source>
        <translation>Filament, das in einer Schicht immer zuerst kommt</translation>
    </message>
    <message>
        <source>Locks the order: where a layer has this filament it begins with it. What that costs stands below.</source>
        <translation>Legt die Reihenfolge fest: wo eine Schicht dieses Filament hat, beginnt sie damit. Was das kostet, steht darunter.</translation>
    </message>
    <message>
        <source>Change the order within layers</source>
        <translation>Die Reihenfolge in Schichten ändern</translation>
    </message>
    <message>
        <source>Print %1 first in every layer</source>
        <translation>%1 in jeder Schicht zuerst drucken</translation>
    </message>
    <message>
        <source>Lift the lock on the order</source>
        <translation>Die Reihenfolge wieder freigeben</translation>
    </message>
    <message>
        <source>whichever costs least</source>
        <translation>was am wenigsten kostet</translation>
    </message>
    <message numerus="yes">
        <source>The lock costs %n change(s) and %1 mm³ of purge.</source>
        <translation>
            <numerusform>Die Festlegung kostet %n Wechsel und %1 mm³ Spülung.</numerusform>
            <numerusform>Die Festlegung kostet %n Wechsel und %1 mm³ Spülung.</numerusform>
        </translation>
    </message>
    <message>
        <source>The lock costs nothing here.</source>
        <translation>Die Festlegung kostet hier nichts.</translation>
    </message>
    <message>
        <source>Once there is a piece, every change of filament stands here with its layer and height.</source>
        <translation>Sobald es ein Stück gibt, steht hier jeder Filamentwechsel mit Schicht und Höhe.</translation>
    </message>
    <message>
        <source>Nothing to order yet.</source>
        <translation>Noch nichts zu ordnen.</translation>
    </message>
    <message>
        <source>No change: the whole print is in one filament.
Give a part or a band another one on the Piece bench.</source>
        <translation>Kein Wechsel: der ganze Druck ist in einem Filament.
Gib einem Teil oder einem Band auf der Werkbank „Stück“ ein anderes.</translation>
    </message>
    <message numerus="yes">
        <source>%n change(s)</source>
        <translation>
            <numerusform>%n Wechsel</numerusform>
            <numerusform>%n Wechsel</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Proven: no order of these layers takes fewer than %n change(s) or purges less than %1 mm³.</source>
        <translation>
            <numerusform>Bewiesen: keine Reihenfolge dieser Schichten braucht weniger als %n Wechsel oder spült weniger als %1 mm³.</numerusform>
            <numerusform>Bewiesen: keine Reihenfolge dieser Schichten braucht weniger als %n Wechsel oder spült weniger als %1 mm³.</numerusform>
        </translation>
    </message>
    <message>
        <source>Any order takes at least %1 changes and purges at least %2 mm³; this one takes %3 and %4 mm³.</source>
        <translation>Jede Reihenfolge braucht mindestens %1 Wechsel und spült mindestens %2 mm³; diese braucht %3 und %4 mm³.</translation>
    </message>
    <message>
        <source>by letter</source>
        <translation>nach Buchstaben</translation>
    </message>
    <message>
        <source>this order</source>
        <translation>diese Reihenfolge</translation>
    </message>
    <message>
        <source>changes</source>
        <translation>Wechsel</translation>
    </message>
    <message>
        <source>purge</source>
        <translation>Spülung</translation>
    </message>
    <message>
        <source>tower fill</source>
        <translation>Turmfüllung</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>Saved: %1 changes, %2 of purge, %3.</source>
        <translation>Gespart: %1 Wechsel, %2 Spülung, %3.</translation>
    </message>
    <message>
        <source>Here both orders cost the same.</source>
        <translation>Hier kosten beide Reihenfolgen gleich viel.</translation>
    </message>
    <message>
        <source>%1. In all %2.</source>
        <translation>%1. Insgesamt %2.</translation>
    </message>
</context>
<context>
    <name>vitrail::OriginWatch</name>
    <message>
        <source>This job was made of %1. %2</source>
        <translation>Dieser Job stammt aus %1. %2</translation>
    </message>
    <message>
        <source>%1 has changed since this job was made of it.</source>
        <translation>%1 hat sich geändert, seit dieser Job daraus gemacht wurde.</translation>
    </message>
    <message>
        <source>Take the change over</source>
        <translation>Die Änderung übernehmen</translation>
    </message>
    <message>
        <source>Take over what changed</source>
        <translation>Übernehmen, was sich geändert hat</translation>
    </message>
</context>
<context>
    <name>vitrail::OverTimePage</name>
    <message>
        <source>Real against foretold, over time</source>
        <translation>Wirklich gegen vorhergesagt, über die Zeit</translation>
    </message>
    <message>
        <source>Machine</source>
        <translation>Maschine</translation>
    </message>
    <message>
        <source>● counts · ○ from before it changed · ✕ does not count · the band is where the next comes with 80 % · 1× is as foretold</source>
        <translation>● zählt · ○ von vor einer Änderung · ✕ zählt nicht · im Streifen liegt der nächste mit 80 % · 1× ist wie vorhergesagt</translation>
    </message>
    <message>
        <source>Factors of the machine over time</source>
        <translation>Faktoren der Maschine über die Zeit</translation>
    </message>
    <message>
        <source>What the records say</source>
        <translation>Was die Aufzeichnungen sagen</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <comment>what, where</comment>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Once prints are logged, weighed and timed, how each machine comes out over the months stands here.</source>
        <translation>Sobald Drucke eingetragen, gewogen und gestoppt sind, steht hier, wie jede Maschine über die Monate ausfällt.</translation>
    </message>
    <message numerus="yes">
        <source>(%n print(s))</source>
        <translation>
            <numerusform>(%n Druck)</numerusform>
            <numerusform>(%n Drucke)</numerusform>
        </translation>
    </message>
    <message>
        <source>Too few prints of this machine have been weighed to say anything yet.</source>
        <translation>Von dieser Maschine sind noch zu wenige Drucke gewogen, um etwas zu sagen.</translation>
    </message>
</context>
<context>
    <name>vitrail::PaintBar</name>
    <message>
        <source>Choose and turn: click chooses a part or a patch, dragging turns</source>
        <translation>Wählen und drehen: ein Klick wählt ein Teil oder einen Fleck, Ziehen dreht</translation>
    </message>
    <message>
        <source>Fill: the face under the pointer, up to the next crease</source>
        <translation>Füllen: die Fläche unter dem Zeiger, bis zur nächsten Kante</translation>
    </message>
    <message>
        <source>Brush: draws along the surface, not through the piece</source>
        <translation>Pinsel: malt auf der Oberfläche, nicht durch das Stück</translation>
    </message>
    <message>
        <source>Lasso: the faces inside the loop that are seen from here</source>
        <translation>Lasso: die Flächen in der Schlinge, die man von hier sieht</translation>
    </message>
    <message>
        <source>Heights: all surface between two heights</source>
        <translation>Höhen: alle Oberfläche zwischen zwei Höhen</translation>
    </message>
    <message>
        <source>Facing: all faces that look one way</source>
        <translation>Richtung: alle Flächen, die in eine Richtung sehen</translation>
    </message>
    <message>
        <source>What is painted about support</source>
        <translation>Was über Stützen gemalt wird</translation>
    </message>
    <message>
        <source>What the tools paint: faces that no support may touch, or faces that are held whatever their angle</source>
        <translation>Was die Werkzeuge malen: Flächen, die keine Stütze berühren darf, oder Flächen, die bei jedem Winkel gehalten werden</translation>
    </message>
    <message>
        <source>keep free</source>
        <translation>freihalten</translation>
    </message>
    <message>
        <source>hold</source>
        <translation>halten</translation>
    </message>
    <message>
        <source>Erase: the tools take paint away</source>
        <translation>Radieren: die Werkzeuge nehmen Farbe weg</translation>
    </message>
    <message>
        <source>Erase</source>
        <translation>Radieren</translation>
    </message>
    <message>
        <source>Mirror: paint both halves of a symmetric part at once</source>
        <translation>Spiegeln: beide Hälften eines symmetrischen Teils auf einmal bemalen</translation>
    </message>
    <message>
        <source>Mirror</source>
        <translation>Spiegeln</translation>
    </message>
    <message>
        <source>Do not mirror</source>
        <translation>Nicht spiegeln</translation>
    </message>
    <message>
        <source>Left and right (across X)</source>
        <translation>Links und rechts (über X)</translation>
    </message>
    <message>
        <source>Front and back (across Y)</source>
        <translation>Vorn und hinten (über Y)</translation>
    </message>
    <message>
        <source>Patch</source>
        <translation>Fleck</translation>
    </message>
    <message>
        <source>What can be done with the chosen patch</source>
        <translation>Was sich mit dem gewählten Fleck tun lässt</translation>
    </message>
    <message>
        <source>Begin a new patch</source>
        <translation>Einen neuen Fleck beginnen</translation>
    </message>
    <message>
        <source>Grow by 1 mm</source>
        <translation>Um 1 mm wachsen</translation>
    </message>
    <message>
        <source>Shrink by 1 mm</source>
        <translation>Um 1 mm schrumpfen</translation>
    </message>
    <message>
        <source>Invert on its part</source>
        <translation>Auf seinem Teil umkehren</translation>
    </message>
    <message>
        <source>Crease angle</source>
        <translation>Kantenwinkel</translation>
    </message>
    <message>
        <source>°</source>
        <translation>°</translation>
    </message>
    <message>
        <source>up to creases of</source>
        <translation>bis zu Kanten von</translation>
    </message>
    <message>
        <source>Width of the brush</source>
        <translation>Breite des Pinsels</translation>
    </message>
    <message>
        <source> mm</source>
        <translation> mm</translation>
    </message>
    <message>
        <source>width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>draw a loop around the faces</source>
        <translation>zieh eine Schlinge um die Flächen</translation>
    </message>
    <message>
        <source>From height</source>
        <translation>Ab Höhe</translation>
    </message>
    <message>
        <source>To height</source>
        <translation>Bis Höhe</translation>
    </message>
    <message>
        <source>to</source>
        <translation>auf</translation>
    </message>
    <message>
        <source>Snap</source>
        <translation>Einrasten</translation>
    </message>
    <message>
        <source>To the nearest layer tops and level faces</source>
        <translation>An den nächsten Schichtgrenzen und ebenen Flächen</translation>
    </message>
    <message>
        <source>Paint</source>
        <translation>Malen</translation>
    </message>
    <message>
        <source>Direction</source>
        <translation>Richtung</translation>
    </message>
    <message>
        <source>up</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>down</source>
        <translation>unten</translation>
    </message>
    <message>
        <source>front</source>
        <translation>vorn</translation>
    </message>
    <message>
        <source>back</source>
        <translation>hinten</translation>
    </message>
    <message>
        <source>left</source>
        <translation>übrig</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>Within</source>
        <translation>Innerhalb von</translation>
    </message>
    <message>
        <source>within</source>
        <translation>innerhalb von</translation>
    </message>
    <message>
        <source>→ hold</source>
        <translation>→ halten</translation>
    </message>
    <message>
        <source>→ keep free</source>
        <translation>→ freihalten</translation>
    </message>
    <message>
        <source>Painted faces are held wherever they overhang at all.</source>
        <translation>Bemalte Flächen werden gehalten, wo immer sie überhängen.</translation>
    </message>
    <message>
        <source>Painted faces are not held, not even islands.</source>
        <translation>Bemalte Flächen werden nicht gehalten, auch Inseln nicht.</translation>
    </message>
    <message>
        <source>erases</source>
        <translation>radiert</translation>
    </message>
    <message>
        <source>The tools take paint away.</source>
        <translation>Die Werkzeuge nehmen Farbe weg.</translation>
    </message>
    <message>
        <source>Goes on with the patch “%1” in %2.</source>
        <translation>Malt am Fleck „%1“ in %2 weiter.</translation>
    </message>
    <message>
        <source>Goes on with the patch “%1”; press the letter of its filament.</source>
        <translation>Malt am Fleck „%1“ weiter; drücke den Buchstaben seines Filaments.</translation>
    </message>
    <message>
        <source>→ new patch</source>
        <translation>→ neuer Fleck</translation>
    </message>
    <message>
        <source>Begins a new patch; then press the letter of its filament.</source>
        <translation>Beginnt einen neuen Fleck; drücke dann den Buchstaben seines Filaments.</translation>
    </message>
</context>
<context>
    <name>vitrail::Painter</name>
    <message>
        <source>A part holds at most %1 patches.</source>
        <translation>Ein Teil hat höchstens %1 Flecke.</translation>
    </message>
    <message>
        <source>Erase paint</source>
        <translation>Farbe wegradieren</translation>
    </message>
    <message>
        <source>Fill a face</source>
        <translation>Eine Fläche füllen</translation>
    </message>
    <message>
        <source>Paint with the brush</source>
        <translation>Mit dem Pinsel malen</translation>
    </message>
    <message>
        <source>The part has changed meanwhile; do that once more.</source>
        <translation>Das Teil hat sich inzwischen geändert; mach das noch einmal.</translation>
    </message>
    <message>
        <source>The upper height must lie above the lower one.</source>
        <translation>Die obere Höhe muss über der unteren liegen.</translation>
    </message>
    <message>
        <source>Paint %1 to %2 mm</source>
        <translation>%1 bis %2 mm bemalen</translation>
    </message>
    <message>
        <source>Paint faces that look one way</source>
        <translation>Flächen einer Richtung bemalen</translation>
    </message>
    <message>
        <source>Erase with the lasso</source>
        <translation>Mit dem Lasso radieren</translation>
    </message>
    <message>
        <source>Paint with the lasso</source>
        <translation>Mit dem Lasso malen</translation>
    </message>
    <message>
        <source>Choose a patch in the list of regions first.</source>
        <translation>Wähle erst einen Fleck in der Liste der Bereiche.</translation>
    </message>
    <message>
        <source>Invert a patch</source>
        <translation>Einen Fleck umkehren</translation>
    </message>
    <message>
        <source>Grow a patch</source>
        <translation>Einen Fleck wachsen lassen</translation>
    </message>
    <message>
        <source>Shrink a patch</source>
        <translation>Einen Fleck schrumpfen lassen</translation>
    </message>
</context>
<context>
    <name>vitrail::PairingView</name>
    <message>
        <source>Pairing of the project&apos;s filaments</source>
        <translation>Wie sich die Filamente des Projekts vertragen</translation>
    </message>
    <message>
        <source>Click a filament, or use the arrow keys, to see how it gets on with each other one.</source>
        <translation>Klicke ein Filament an, oder nimm die Pfeiltasten, um zu sehen, wie es sich mit jedem anderen verträgt.</translation>
    </message>
    <message>
        <source>%1 and %2 %3.</source>
        <translation>%1 und %2 %3.</translation>
    </message>
    <message>
        <source>With a second filament, this shows whether the two may be printed together.</source>
        <translation>Mit einem zweiten Filament zeigt dies, ob die beiden zusammen gedruckt werden dürfen.</translation>
    </message>
    <message>
        <source>%1 Use a release coat or another sheet.</source>
        <translation>%1 Nimm einen Trennfilm oder ein anderes Blatt.</translation>
    </message>
    <message>
        <source>%1: dry it %2 h at %3 °C before use, in a dryer, not in an oven used for food.</source>
        <translation>%1: vor Gebrauch %2 h bei %3 °C trocknen, in einem Trockner, nicht in einem Backofen für Essen.</translation>
    </message>
    <message>
        <source>All of them bond, and share nozzle and bed temperatures.</source>
        <translation>Alle halten aneinander und haben Düsen- und Betttemperaturen gemeinsam.</translation>
    </message>
    <message>
        <source>The project has no filaments yet.</source>
        <translation>Das Projekt hat noch keine Filamente.</translation>
    </message>
    <message>
        <source>bond</source>
        <translation>halten</translation>
    </message>
    <message>
        <source>come apart</source>
        <translation>lösen sich</translation>
    </message>
    <message>
        <source>untried</source>
        <translation>offen</translation>
    </message>
</context>
<context>
    <name>vitrail::PairsView</name>
    <message>
        <source>%1 g</source>
        <translation>%1 g</translation>
    </message>
    <message>
        <source>Foretold against real</source>
        <translation>Vorhergesagt gegen wirklich</translation>
    </message>
    <message>
        <source>%1: %2 foretold</source>
        <translation>%1: %2 vorhergesagt</translation>
    </message>
    <message>
        <source>, expected between %1 and %2</source>
        <translation>, erwartet zwischen %1 und %2</translation>
    </message>
    <message>
        <source>; not measured</source>
        <translation>; nicht gemessen</translation>
    </message>
    <message>
        <source>; %1 in fact, %2 %</source>
        <translation>; tatsächlich %1, %2 %</translation>
    </message>
    <message>
        <source>; nothing is learned from it</source>
        <translation>; daraus wird nichts gelernt</translation>
    </message>
    <message>
        <source>Choose a print, and see what was foretold and what came.</source>
        <translation>Wähle einen Druck und sieh, was vorhergesagt war und was kam.</translation>
    </message>
    <message>
        <source>%1×</source>
        <translation>%1×</translation>
    </message>
    <message>
        <source>–</source>
        <translation>–</translation>
    </message>
    <message>
        <source> %</source>
        <translation> %</translation>
    </message>
    <message>
        <source>%1: none</source>
        <translation>%1: keine</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
</context>
<context>
    <name>vitrail::PaletteBench</name>
    <message>
        <source>Shelf</source>
        <translation>Regal</translation>
    </message>
    <message>
        <source>Your filaments and spools</source>
        <translation>Deine Filamente und Spulen</translation>
    </message>
    <message>
        <source>Filament</source>
        <translation>Filament</translation>
    </message>
    <message>
        <source>Add a filament to the shelf</source>
        <translation>Ein Filament ins Regal stellen</translation>
    </message>
    <message>
        <source>Spool</source>
        <translation>Spule</translation>
    </message>
    <message>
        <source>Add a spool of the chosen filament</source>
        <translation>Eine Spule des gewählten Filaments hinzufügen</translation>
    </message>
    <message>
        <source>Change</source>
        <translation>Ändern</translation>
    </message>
    <message>
        <source>Change the chosen filament or spool</source>
        <translation>Das gewählte Filament oder die Spule ändern</translation>
    </message>
    <message>
        <source>Remove the chosen filament or spool</source>
        <translation>Das gewählte Filament oder die Spule entfernen</translation>
    </message>
    <message>
        <source>Use in project</source>
        <translation>Ins Projekt</translation>
    </message>
    <message>
        <source>Weigh…</source>
        <translation>Wiegen…</translation>
    </message>
    <message>
        <source>Enter what the scale shows</source>
        <translation>Eintragen, was die Waage zeigt</translation>
    </message>
    <message>
        <source>Dried today</source>
        <translation>Getrocknet</translation>
    </message>
    <message>
        <source>Note that the spool came out of the dryer today. Use a dryer, not an oven used for food.</source>
        <translation>Vermerken, dass die Spule heute aus dem Trockner kam. Nimm einen Trockner, keinen Backofen für Essen.</translation>
    </message>
    <message>
        <source>Import…</source>
        <translation>Einlesen…</translation>
    </message>
    <message>
        <source>Add filaments and spools from a CSV or JSON file</source>
        <translation>Filamente und Spulen aus einer CSV- oder JSON-Datei hinzufügen</translation>
    </message>
    <message>
        <source>Export…</source>
        <translation>Ausgeben…</translation>
    </message>
    <message>
        <source>Write the shelf as CSV or JSON</source>
        <translation>Das Regal als CSV oder JSON schreiben</translation>
    </message>
    <message>
        <source>This project</source>
        <translation>Dieses Projekt</translation>
    </message>
    <message>
        <source>Take from the shelf…</source>
        <translation>Aus dem Regal nehmen…</translation>
    </message>
    <message>
        <source>Match or replace the chosen filament by one of the shelf: same class, nearest colour first</source>
        <translation>Das gewählte Filament mit einem aus dem Regal verbinden oder dadurch ersetzen: gleiche Klasse, nächste Farbe zuerst</translation>
    </message>
    <message>
        <source>Pairing</source>
        <translation>Verträglichkeit</translation>
    </message>
    <message>
        <source>Pairs in words</source>
        <translation>Paare in Worten</translation>
    </message>
    <message>
        <source>Reading the shelf…</source>
        <translation>Das Regal wird gelesen…</translation>
    </message>
    <message>
        <source>The shelf is empty. Add a filament, or import a list.</source>
        <translation>Das Regal ist leer. Füge ein Filament hinzu, oder lies eine Liste ein.</translation>
    </message>
    <message>
        <source>These are generic filaments to begin with. Choose one and add the spools you have.</source>
        <translation>Das sind allgemeine Filamente für den Anfang. Wähle eines und trage die Spulen ein, die du hast.</translation>
    </message>
    <message>
        <source>Is it %1?</source>
        <translation>Ist es %1?</translation>
    </message>
    <message>
        <source>%1

Read the label on the spool. Does it say %2?</source>
        <translation>%1

Lies das Etikett auf der Spule. Steht darauf %2?</translation>
    </message>
    <message>
        <source>Yes, it says %1</source>
        <translation>Ja, darauf steht %1</translation>
    </message>
    <message>
        <source>Not sure</source>
        <translation>Nicht sicher</translation>
    </message>
    <message>
        <source>Confirm the class of %1</source>
        <translation>Die Klasse von %1 bestätigen</translation>
    </message>
    <message>
        <source>Add a spool</source>
        <translation>Eine Spule hinzufügen</translation>
    </message>
    <message>
        <source>Change a filament of the shelf</source>
        <translation>Ein Filament des Regals ändern</translation>
    </message>
    <message>
        <source>Change a spool</source>
        <translation>Eine Spule ändern</translation>
    </message>
    <message>
        <source>Remove a spool</source>
        <translation>Eine Spule entfernen</translation>
    </message>
    <message>
        <source>Remove a filament from the shelf</source>
        <translation>Ein Filament aus dem Regal entfernen</translation>
    </message>
    <message>
        <source>Weigh a spool</source>
        <translation>Eine Spule wiegen</translation>
    </message>
    <message>
        <source>Dry a spool</source>
        <translation>Eine Spule trocknen</translation>
    </message>
    <message>
        <source>A project holds at most 26 filaments, one a letter.</source>
        <translation>Ein Projekt hat höchstens 26 Filamente, für jeden Buchstaben eines.</translation>
    </message>
    <message>
        <source>Add filament %1 from the shelf</source>
        <translation>Filament %1 aus dem Regal hinzufügen</translation>
    </message>
    <message>
        <source>%1 · off by ΔE %2</source>
        <translation>%1 · ΔE %2 daneben</translation>
    </message>
    <message>
        <source>Take filament %1 from the shelf</source>
        <translation>Filament %1 aus dem Regal nehmen</translation>
    </message>
    <message>
        <source>nothing of class %1 on the shelf</source>
        <translation>nichts der Klasse %1 im Regal</translation>
    </message>
    <message>
        <source>Import filaments and spools</source>
        <translation>Filamente und Spulen einlesen</translation>
    </message>
    <message>
        <source>Lists (*.csv *.json)</source>
        <translation>Listen (*.csv *.json)</translation>
    </message>
    <message>
        <source>Nothing was imported. %1</source>
        <translation>Es wurde nichts eingelesen. %1</translation>
    </message>
    <message>
        <source>Import into the shelf</source>
        <translation>Ins Regal einlesen</translation>
    </message>
    <message numerus="yes">
        <source>%n filament(s) read.</source>
        <translation>
            <numerusform>%n Filament gelesen.</numerusform>
            <numerusform>%n Filamente gelesen.</numerusform>
        </translation>
    </message>
    <message>
        <source>Export the shelf</source>
        <translation>Das Regal ausgeben</translation>
    </message>
    <message>
        <source>CSV (*.csv);;JSON (*.json)</source>
        <translation>CSV (*.csv);;JSON (*.json)</translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation>Geschrieben: %1</translation>
    </message>
    <message>
        <source>Keep that the label of %1 was read</source>
        <translation>Merken, dass das Etikett von %1 gelesen wurde</translation>
    </message>
    <message>
        <source>Which is it?</source>
        <translation>Welche?</translation>
    </message>
    <message>
        <source>Hold a spool&apos;s tag to a reader, and see which spool it is</source>
        <translation>Halte die Marke einer Spule an einen Leser und sieh, welche Spule es ist</translation>
    </message>
    <message>
        <source>Which spool is this?</source>
        <translation>Welche Spule ist das?</translation>
    </message>
    <message>
        <source>Hold the spool&apos;s tag to the reader.</source>
        <translation>Halte die Marke der Spule an den Leser.</translation>
    </message>
    <message>
        <source>Spool %1: %2, %3 g left%4.</source>
        <translation>Spule %1: %2, noch %3 g%4.</translation>
    </message>
    <message>
        <source>no filament</source>
        <translation>kein Filament</translation>
    </message>
    <message>
        <source>; dry it first</source>
        <translation>; erst trocknen</translation>
    </message>
    <message>
        <source>No spool has the tag %1 yet.</source>
        <translation>Keine Spule hat bisher die Marke %1.</translation>
    </message>
    <message>
        <source>It is spool %1</source>
        <translation>Es ist Spule %1</translation>
    </message>
    <message>
        <source>Give a spool its tag</source>
        <translation>Einer Spule ihre Marke geben</translation>
    </message>
    <message>
        <source>choose one, press a letter</source>
        <translation>eines wählen, Buchstaben drücken</translation>
    </message>
    <message>
        <source>Add the chosen filament to the project. Its letter does the same: with B it becomes filament B.</source>
        <translation>Das gewählte Filament ins Projekt nehmen. Sein Buchstabe tut dasselbe: mit B wird es Filament B.</translation>
    </message>
    <message>
        <source>Choose a filament of the shelf first, then press the letter it is to have in the project.</source>
        <translation>Wähle erst ein Filament des Regals, dann drücke den Buchstaben, den es im Projekt haben soll.</translation>
    </message>
</context>
<context>
    <name>vitrail::PictureBench</name>
    <message>
        <source>As it will &amp;look</source>
        <translation>Wie es &amp;aussehen wird</translation>
    </message>
    <message>
        <source>&amp;Prepared</source>
        <translation>&amp;Vorbereitet</translation>
    </message>
    <message>
        <source>&amp;Best stack</source>
        <translation>&amp;Bester Stapel</translation>
    </message>
    <message>
        <source>&amp;Films</source>
        <translation>&amp;Filme</translation>
    </message>
    <message>
        <source>Move a border</source>
        <translation>Eine Grenze verschieben</translation>
    </message>
    <message>
        <source>The picture is being read and its stack searched for…</source>
        <translation>Das Bild wird gelesen und sein Stapel gesucht…</translation>
    </message>
    <message>
        <source>%1 cannot be read, or is too large for a picture.</source>
        <translation>%1 ist nicht zu lesen oder für ein Bild zu groß.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>The project was changed while the picture was being made; try again.</source>
        <translation>Das Projekt wurde geändert, während das Bild entstand; versuche es noch einmal.</translation>
    </message>
    <message>
        <source>Make a relief</source>
        <translation>Ein Relief machen</translation>
    </message>
    <message>
        <source>Make a panel</source>
        <translation>Ein Leuchtbild machen</translation>
    </message>
</context>
<context>
    <name>vitrail::PictureDialog</name>
    <message>
        <source>&amp;Legend: letters, colours and names of the filaments</source>
        <translation>&amp;Legende: Buchstaben, Farben und Namen der Filamente</translation>
    </message>
    <message>
        <source>A picture</source>
        <translation>Ein Bild</translation>
    </message>
    <message>
        <source> px</source>
        <translation> px</translation>
    </message>
    <message>
        <source>&amp;Width</source>
        <translation>&amp;Breite</translation>
    </message>
    <message>
        <source>&amp;Height</source>
        <translation>&amp;Höhe</translation>
    </message>
    <message>
        <source>Save the picture</source>
        <translation>Das Bild speichern</translation>
    </message>
    <message>
        <source>Picture (*.png);;Drawing (*.svg)</source>
        <translation>Bild (*.png);;Zeichnung (*.svg)</translation>
    </message>
    <message>
        <source>Picture (*.png)</source>
        <translation>Bild (*.png)</translation>
    </message>
</context>
<context>
    <name>vitrail::PictureView</name>
    <message>
        <source>The picture</source>
        <translation>Das Bild</translation>
    </message>
    <message>
        <source>Left of the bar %1, right of it %2; the bar is at %3 % of the width. The pointer is at dot %4, %5. Arrow keys move the pointer, with Shift the bar.</source>
        <translation>Links der Leiste %1, rechts davon %2; die Leiste steht bei %3 % der Breite. Der Zeiger ist am Bildpunkt %4, %5. Pfeiltasten bewegen den Zeiger, mit Umschalt die Leiste.</translation>
    </message>
</context>
<context>
    <name>vitrail::PieceBench</name>
    <message>
        <source>Regions: parts and bands</source>
        <translation>Bereiche: Teile und Bänder</translation>
    </message>
    <message>
        <source>The 3D piece needs OpenGL 3.3, which is missing here. The layer window shows every layer; everything else works.</source>
        <translation>Das Stück in 3D braucht OpenGL 3.3, das hier fehlt. Das Schichtfenster zeigt jede Schicht; alles andere geht.</translation>
    </message>
    <message>
        <source>Add model files…</source>
        <translation>Modelldateien hinzufügen…</translation>
    </message>
    <message>
        <source>Open a project…</source>
        <translation>Ein Projekt öffnen…</translation>
    </message>
    <message>
        <source>Machine</source>
        <translation>Maschine</translation>
    </message>
    <message>
        <source>&amp;Machine</source>
        <translation>&amp;Maschine</translation>
    </message>
    <message>
        <source>Change %1</source>
        <translation>%1 ändern</translation>
    </message>
    <message>
        <source>&amp;Poses…</source>
        <translation>&amp;Lagen…</translation>
    </message>
    <message>
        <source>What the piece would cost standing otherwise</source>
        <translation>Was das Stück anders liegend kosten würde</translation>
    </message>
    <message>
        <source>All &amp;settings…</source>
        <translation>&amp;Einstellungen…</translation>
    </message>
    <message>
        <source>Regions</source>
        <translation>Bereiche</translation>
    </message>
    <message>
        <source>Select and press a letter. For a band, drag over the ribbon first.</source>
        <translation>Wählen und einen Buchstaben drücken. Für ein Band erst über den Verlauf ziehen.</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Remove the chosen bands and patches</source>
        <translation>Die gewählten Bänder und Flecke entfernen</translation>
    </message>
    <message>
        <source>Split</source>
        <translation>Zerlegen</translation>
    </message>
    <message>
        <source>Make a part of each separate body</source>
        <translation>Aus jedem getrennten Körper ein Teil machen</translation>
    </message>
    <message>
        <source>Join</source>
        <translation>Verbinden</translation>
    </message>
    <message>
        <source>Make one part of the chosen ones; surfaces in other filaments stay, as patches</source>
        <translation>Aus den gewählten ein Teil machen; Flächen in anderen Filamenten bleiben, als Flecke</translation>
    </message>
    <message>
        <source>select, press a letter</source>
        <translation>wählen, Buchstaben drücken</translation>
    </message>
    <message>
        <source>Filaments</source>
        <translation>Filamente</translation>
    </message>
    <message>
        <source>Filaments of the project</source>
        <translation>Filamente des Projekts</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Hinzufügen</translation>
    </message>
    <message>
        <source>Change</source>
        <translation>Ändern</translation>
    </message>
    <message>
        <source>%1 (yours)</source>
        <translation>%1 (deine)</translation>
    </message>
    <message>
        <source>Edit the machine…</source>
        <translation>Die Maschine ändern…</translation>
    </message>
    <message>
        <source>From a file…</source>
        <translation>Aus einer Datei…</translation>
    </message>
    <message>
        <source>Open a machine file</source>
        <translation>Eine Maschinendatei öffnen</translation>
    </message>
    <message>
        <source>Machine files (*.json)</source>
        <translation>Maschinendateien (*.json)</translation>
    </message>
    <message>
        <source>Change the machine</source>
        <translation>Die Maschine wechseln</translation>
    </message>
    <message>
        <source>A project holds at most 26 filaments, one a letter.</source>
        <translation>Ein Projekt hat höchstens 26 Filamente, für jeden Buchstaben eines.</translation>
    </message>
    <message>
        <source>Add filament %1</source>
        <translation>Filament %1 hinzufügen</translation>
    </message>
    <message>
        <source>Choose a filament in the list first.</source>
        <translation>Wähle erst ein Filament in der Liste.</translation>
    </message>
    <message>
        <source>Change filament %1</source>
        <translation>Filament %1 ändern</translation>
    </message>
    <message>
        <source>Choose a filament in the list first; the last one stays.</source>
        <translation>Wähle erst ein Filament in der Liste; das letzte bleibt.</translation>
    </message>
    <message>
        <source>Remove filament %1</source>
        <translation>Filament %1 entfernen</translation>
    </message>
    <message>
        <source>Change settings</source>
        <translation>Einstellungen ändern</translation>
    </message>
    <message>
        <source>There is no filament %1. Add one first.</source>
        <translation>Es gibt kein Filament %1. Füge erst eins hinzu.</translation>
    </message>
    <message numerus="yes">
        <source>Give %n patch(es) filament %1</source>
        <translation>
            <numerusform>%n Fleck Filament %1 geben</numerusform>
            <numerusform>%n Flecken Filament %1 geben</numerusform>
        </translation>
    </message>
    <message>
        <source>Select a part or a band first, then press its letter.</source>
        <translation>Wähle erst ein Teil oder ein Band, dann drücke seinen Buchstaben.</translation>
    </message>
    <message>
        <source>Give layers %1 to %2 filament %3</source>
        <translation>Schichten %1 bis %2 Filament %3 geben</translation>
    </message>
    <message>
        <source>Give a band filament %1</source>
        <translation>Einem Band Filament %1 geben</translation>
    </message>
    <message numerus="yes">
        <source>Give %n part(s) filament %1</source>
        <translation>
            <numerusform>%n Teil Filament %1 geben</numerusform>
            <numerusform>%n Teilen Filament %1 geben</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Remove %n region(s)</source>
        <translation>
            <numerusform>%n Bereich entfernen</numerusform>
            <numerusform>%n Bereiche entfernen</numerusform>
        </translation>
    </message>
    <message>
        <source>Each of these parts is one body: there is nothing to split.</source>
        <translation>Jedes dieser Teile ist ein Körper: es gibt nichts zu zerlegen.</translation>
    </message>
    <message numerus="yes">
        <source>Split into %n part(s)</source>
        <translation>
            <numerusform>In %n Teil zerlegen</numerusform>
            <numerusform>In %n Teile zerlegen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Join %n part(s)</source>
        <translation>
            <numerusform>%n Teil verbinden</numerusform>
            <numerusform>%n Teile verbinden</numerusform>
        </translation>
    </message>
    <message>
        <source>Move a band</source>
        <translation>Ein Band verschieben</translation>
    </message>
    <message>
        <source>Turn the piece</source>
        <translation>Das Stück drehen</translation>
    </message>
    <message>
        <source>Scale %1</source>
        <translation>%1 skalieren</translation>
    </message>
    <message>
        <source>Thicken the base by %1 mm</source>
        <translation>Die Grundschicht um %1 mm dicker machen</translation>
    </message>
    <message>
        <source>Drop a model here: 3MF, STL or OBJ.
Its bodies become parts; give each a filament by its letter.</source>
        <translation>Zieh ein Modell hierher: 3MF, STL oder OBJ.
Seine Körper werden Teile; gib jedem mit dessen Buchstaben ein Filament.</translation>
    </message>
    <message>
        <source>Layers of heights of their own</source>
        <translation>Schichten mit eigener Höhe</translation>
    </message>
    <message>
        <source>Layers of heights of their own: finer where it is round, coarser where it is plain</source>
        <translation>Schichten mit eigener Höhe: feiner, wo es rund ist, gröber, wo es schlicht ist</translation>
    </message>
    <message>
        <source>%1 …</source>
        <translation>%1 …</translation>
    </message>
    <message>
        <source>Change heights of layers</source>
        <translation>Schichthöhen ändern</translation>
    </message>
    <message>
        <source>Describe my printer…</source>
        <translation>Meinen Drucker beschreiben…</translation>
    </message>
    <message>
        <source>give them by their letters</source>
        <translation>über ihre Buchstaben vergeben</translation>
    </message>
</context>
<context>
    <name>vitrail::PieceChooser</name>
    <message>
        <source>Piece</source>
        <translation>Stück</translation>
    </message>
    <message>
        <source>Which piece is shown here</source>
        <translation>Welches Stück hier gezeigt wird</translation>
    </message>
    <message>
        <source>%1 × %L2</source>
        <translation>%1 × %L2</translation>
    </message>
</context>
<context>
    <name>vitrail::PlateBench</name>
    <message>
        <source>The bed</source>
        <translation>Das Bett</translation>
    </message>
    <message>
        <source>How many at once</source>
        <translation>Wie viele zugleich</translation>
    </message>
    <message>
        <source>Order</source>
        <translation>Auftrag</translation>
    </message>
</context>
<context>
    <name>vitrail::PlateView</name>
    <message>
        <source>The bed from above</source>
        <translation>Das Bett von oben</translation>
    </message>
    <message>
        <source>Drag to move. Arrows move by 1 mm, with Shift by 10, with Ctrl they turn by 15°; Space pins, Delete lets go.</source>
        <translation>Ziehen verschiebt. Pfeile bewegen um 1 mm, mit Umschalt um 10, mit Strg drehen sie um 15°; Leertaste heftet an, Entf lässt los.</translation>
    </message>
    <message>
        <source>The purge tower; its place is kept free</source>
        <translation>Der Spülturm; sein Platz bleibt frei</translation>
    </message>
    <message>
        <source>%1 at %2, %3 mm, turned by %4°</source>
        <translation>%1 bei %2, %3 mm, gedreht um %4°</translation>
    </message>
    <message>
        <source>Turn a piece on the bed</source>
        <translation>Ein Stück auf dem Bett drehen</translation>
    </message>
    <message>
        <source>Move a piece on the bed</source>
        <translation>Ein Stück auf dem Bett verschieben</translation>
    </message>
    <message>
        <source>Let a piece be arranged</source>
        <translation>Ein Stück anordnen lassen</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source>meets</source>
        <translation>trifft</translation>
    </message>
    <message>
        <source>There it meets %1.</source>
        <translation>Dort trifft es auf %1.</translation>
    </message>
    <message>
        <source>There it reaches into the free edge of the bed.</source>
        <translation>Dort ragt es in den freien Rand des Betts.</translation>
    </message>
    <message>
        <source>There it reaches over the edge of the bed.</source>
        <translation>Dort ragt es über den Rand des Betts.</translation>
    </message>
    <message>
        <source>There the machine wants nothing to stand.</source>
        <translation>Dort will die Maschine nichts haben.</translation>
    </message>
    <message>
        <source>%1 mm to %2.</source>
        <translation>%1 mm bis %2.</translation>
    </message>
    <message>
        <source>It is free there.</source>
        <translation>Dort ist es frei.</translation>
    </message>
    <message>
        <source>Align pieces on the bed</source>
        <translation>Stücke auf dem Bett ausrichten</translation>
    </message>
    <message>
        <source>Move pieces on the bed</source>
        <translation>Stücke auf dem Bett verschieben</translation>
    </message>
</context>
<context>
    <name>vitrail::PoseDialog</name>
    <message>
        <source>Poses</source>
        <translation>Lagen</translation>
    </message>
    <message>
        <source>fewest changes</source>
        <translation>wenigste Wechsel</translation>
    </message>
    <message>
        <source>least overhang</source>
        <translation>wenigster Überhang</translation>
    </message>
    <message>
        <source>shortest time</source>
        <translation>kürzeste Zeit</translation>
    </message>
    <message>
        <source>lowest</source>
        <translation>niedrigste</translation>
    </message>
    <message>
        <source>Sort by</source>
        <translation>Sortieren nach</translation>
    </message>
    <message>
        <source>Poses of the piece</source>
        <translation>Lagen des Stücks</translation>
    </message>
    <message>
        <source>Turn the piece so</source>
        <translation>Das Stück so drehen</translation>
    </message>
    <message>
        <source>Bands become parts of their own when the piece is turned, so that their colours stay where they are.</source>
        <translation>Bänder werden eigene Teile, wenn das Stück gedreht wird, damit ihre Farben bleiben, wo sie sind.</translation>
    </message>
    <message numerus="yes">
        <source>%n change(s)</source>
        <translation>
            <numerusform>%n Wechsel</numerusform>
            <numerusform>%n Wechsel</numerusform>
        </translation>
    </message>
    <message>
        <source>
does not fit the printer</source>
        <translation>
passt nicht in den Drucker</translation>
    </message>
    <message>
        <source>cheapest, all in</source>
        <translation>insgesamt am billigsten</translation>
    </message>
    <message>
        <source>least waste</source>
        <translation>wenigster Abfall</translation>
    </message>
    <message>
        <source>The same piece, cut into layers standing each way, and held where it hangs. Poses that tip over or put a show face on the support come last. %1</source>
        <translation>Dasselbe Stück, in jeder Lage in Schichten zerlegt und gehalten, wo es hängt. Lagen, die kippen oder eine Sichtfläche auf die Stützen legen, stehen am Ende. %1</translation>
    </message>
    <message>
        <source> · waste %1 g</source>
        <translation> · Abfall %1 g</translation>
    </message>
    <message>
        <source>overhang %1 cm² · %2 mm high</source>
        <translation>Überhang %1 cm² · %2 mm hoch</translation>
    </message>
    <message>
        <source>%1 and %2 of cleaning</source>
        <translation>%1 und %2 Nacharbeit</translation>
    </message>
    <message>
        <source>
tips over</source>
        <translation>
kippt</translation>
    </message>
    <message>
        <source>
held by nothing in places</source>
        <translation>
stellenweise hält nichts</translation>
    </message>
    <message>
        <source>
show faces on the support</source>
        <translation>
Sichtflächen auf den Stützen</translation>
    </message>
    <message>
        <source>Waste %1 g: purge %2 g, tower %3 g, support %4 g. All in %5: filament, the printer&apos;s hours and yours.
Against how it stands now: %6 changes, %7 g of waste, %8 min of printing</source>
        <translation>Abfall %1 g: Spülung %2 g, Turm %3 g, Stützen %4 g. Insgesamt %5: Filament, die Stunden des Druckers und deine.
Gegen jetzt: %6 Wechsel, %7 g Abfall, %8 min Druckzeit</translation>
    </message>
    <message>
        <source>purge %1 g · tower %2 g</source>
        <translation>Spülung %1 g · Turm %2 g</translation>
    </message>
</context>
<context>
    <name>vitrail::PreparePage</name>
    <message>
        <source>free</source>
        <translation>frei</translation>
    </message>
    <message>
        <source>square</source>
        <translation>quadratisch</translation>
    </message>
    <message>
        <source>3 : 2</source>
        <translation>3 : 2</translation>
    </message>
    <message>
        <source>4 : 3</source>
        <translation>4 : 3</translation>
    </message>
    <message>
        <source>2 : 3 upright</source>
        <translation>2 : 3 hochkant</translation>
    </message>
    <message>
        <source>90 × 130 mm</source>
        <translation>90 × 130 mm</translation>
    </message>
    <message>
        <source>130 × 90 mm</source>
        <translation>130 × 90 mm</translation>
    </message>
    <message>
        <source>100 × 150 mm</source>
        <translation>100 × 150 mm</translation>
    </message>
    <message>
        <source>150 × 100 mm</source>
        <translation>150 × 100 mm</translation>
    </message>
    <message>
        <source>130 × 180 mm</source>
        <translation>130 × 180 mm</translation>
    </message>
    <message>
        <source>180 × 130 mm</source>
        <translation>180 × 130 mm</translation>
    </message>
    <message>
        <source>144 × 108 mm</source>
        <translation>144 × 108 mm</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>Dot</source>
        <translation>Bildpunkt</translation>
    </message>
    <message>
        <source>Seen from</source>
        <translation>Gesehen aus</translation>
    </message>
    <message>
        <source>cm</source>
        <translation>cm</translation>
    </message>
    <message>
        <source>&amp;mirrored</source>
        <translation>ge&amp;spiegelt</translation>
    </message>
    <message>
        <source>As it came</source>
        <translation>Wie es kam</translation>
    </message>
    <message>
        <source>drag the corners: what is inside is kept</source>
        <translation>zieh die Ecken: was innen ist, bleibt</translation>
    </message>
    <message>
        <source>Cut the picture out</source>
        <translation>Das Bild zuschneiden</translation>
    </message>
    <message>
        <source>Cut and size</source>
        <translation>Zuschnitt und Größe</translation>
    </message>
    <message>
        <source>Format</source>
        <translation>Format</translation>
    </message>
    <message>
        <source>&amp;Format</source>
        <translation>&amp;Format</translation>
    </message>
    <message>
        <source>Cut to a format</source>
        <translation>Auf ein Format zuschneiden</translation>
    </message>
    <message>
        <source>Of the print; its height follows from what is kept</source>
        <translation>Des Drucks; seine Höhe folgt aus dem, was bleibt</translation>
    </message>
    <message>
        <source>&amp;Width</source>
        <translation>&amp;Breite</translation>
    </message>
    <message>
        <source>0.2 mm suits a 0.4 nozzle: nothing finer than about a line comes out. A panel has no dots smaller than a line. Common practice, no source.</source>
        <translation>0,2 mm passen zu einer Düse von 0,4: feiner als etwa eine Linie wird nichts. Ein Leuchtbild hat keine Punkte kleiner als eine Linie. Übliche Praxis, ohne Quelle.</translation>
    </message>
    <message>
        <source>D&amp;ot</source>
        <translation>B&amp;ildpunkt</translation>
    </message>
    <message>
        <source>dot by dot</source>
        <translation>Punkt für Punkt</translation>
    </message>
    <message>
        <source>How far it is looked at from: differences and the search go by what an eye tells apart there, one minute of arc</source>
        <translation>Aus welchem Abstand man es ansieht: Unterschiede und Suche gehen danach, was ein Auge dort trennt, eine Bogenminute</translation>
    </message>
    <message>
        <source>&amp;Seen from</source>
        <translation>Gesehen &amp;aus</translation>
    </message>
    <message>
        <source>Change the picture&apos;s width</source>
        <translation>Die Breite des Bildes ändern</translation>
    </message>
    <message>
        <source>Change the picture&apos;s dots</source>
        <translation>Die Bildpunkte ändern</translation>
    </message>
    <message>
        <source>Change where it is seen from</source>
        <translation>Ändern, aus welchem Abstand man es sieht</translation>
    </message>
    <message>
        <source>as it came</source>
        <translation>wie er kam</translation>
    </message>
    <message>
        <source>a quarter to the right</source>
        <translation>eine Vierteldrehung nach rechts</translation>
    </message>
    <message>
        <source>upside down</source>
        <translation>kopfüber</translation>
    </message>
    <message>
        <source>a quarter to the left</source>
        <translation>eine Vierteldrehung nach links</translation>
    </message>
    <message>
        <source>Turned</source>
        <translation>Gedreht</translation>
    </message>
    <message>
        <source>Turn the picture</source>
        <translation>Das Bild drehen</translation>
    </message>
    <message>
        <source>Mirror the picture</source>
        <translation>Das Bild spiegeln</translation>
    </message>
    <message>
        <source>Prepare the picture</source>
        <translation>Das Bild vorbereiten</translation>
    </message>
    <message>
        <source>Tones and ground</source>
        <translation>Töne und Grund</translation>
    </message>
    <message>
        <source>&amp;Brightness</source>
        <translation>&amp;Helligkeit</translation>
    </message>
    <message>
        <source>Added to each channel; 0 leaves it as it is</source>
        <translation>Zu jedem Kanal hinzugezählt; 0 lässt es, wie es ist</translation>
    </message>
    <message>
        <source>&amp;Contrast</source>
        <translation>&amp;Kontrast</translation>
    </message>
    <message>
        <source>About mid grey; 1 leaves it as it is</source>
        <translation>Um mittleres Grau; 1 lässt es, wie es ist</translation>
    </message>
    <message>
        <source>&amp;Gamma</source>
        <translation>&amp;Gamma</translation>
    </message>
    <message>
        <source>Above 1 middle tones are lighter</source>
        <translation>Über 1 werden mittlere Töne heller</translation>
    </message>
    <message>
        <source>stays</source>
        <translation>bleibt</translation>
    </message>
    <message>
        <source>as low as can be</source>
        <translation>so niedrig wie möglich</translation>
    </message>
    <message>
        <source>cut out</source>
        <translation>herausgeschnitten</translation>
    </message>
    <message>
        <source>Ground around the subject</source>
        <translation>Grund um das Motiv</translation>
    </message>
    <message>
        <source>What is about the colour of the upper left corner and hangs together with the edge</source>
        <translation>Was etwa die Farbe der oberen linken Ecke hat und mit dem Rand zusammenhängt</translation>
    </message>
    <message>
        <source>G&amp;round</source>
        <translation>G&amp;rund</translation>
    </message>
    <message>
        <source>Take the ground out</source>
        <translation>Den Grund herausnehmen</translation>
    </message>
    <message>
        <source>  up to ΔE</source>
        <translation>  bis ΔE</translation>
    </message>
    <message>
        <source>How far from the corner&apos;s colour still is ground</source>
        <translation>Wie weit von der Farbe der Ecke noch Grund ist</translation>
    </message>
    <message>
        <source>&amp;Under what is clear</source>
        <translation>&amp;Unter Durchsichtigem</translation>
    </message>
    <message>
        <source>Tones</source>
        <translation>Töne</translation>
    </message>
    <message>
        <source>picture</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>print</source>
        <translation>Druck</translation>
    </message>
    <message>
        <source>Bend the tones</source>
        <translation>Die Töne biegen</translation>
    </message>
    <message>
        <source>Frame and hanging</source>
        <translation>Rahmen und Aufhängung</translation>
    </message>
    <message>
        <source>F&amp;rame</source>
        <translation>R&amp;ahmen</translation>
    </message>
    <message>
        <source>A border within the picture, in a colour of its own; 0: none</source>
        <translation>Ein Rand im Bild, in eigener Farbe; 0: keiner</translation>
    </message>
    <message>
        <source>  its colour</source>
        <translation>  seine Farbe</translation>
    </message>
    <message>
        <source>Rounded &amp;corners</source>
        <translation>Runde &amp;Ecken</translation>
    </message>
    <message>
        <source>Radius; 0: square</source>
        <translation>Radius; 0: eckig</translation>
    </message>
    <message>
        <source>&amp;Hole to hang it by</source>
        <translation>&amp;Loch zum Aufhängen</translation>
    </message>
    <message>
        <source>In the middle of the upper edge, 2 mm from it at least; 0: none</source>
        <translation>In der Mitte der Oberkante, mindestens 2 mm davon; 0: keins</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>&amp;Line of text</source>
        <translation>&amp;Textzeile</translation>
    </message>
    <message>
        <source>Letter the picture</source>
        <translation>Das Bild beschriften</translation>
    </message>
    <message>
        <source>  its height</source>
        <translation>  ihre Höhe</translation>
    </message>
    <message>
        <source>Strokes finer than a line do not come out: 5 mm and more</source>
        <translation>Striche feiner als eine Linie werden nichts: ab 5 mm</translation>
    </message>
    <message>
        <source>%1 × %2 dots · drag the corners: what is inside is kept</source>
        <translation>%1 × %2 Bildpunkte · zieh die Ecken: was innen ist, bleibt</translation>
    </message>
    <message>
        <source>Height from lightness</source>
        <translation>Höhe nach Helligkeit</translation>
    </message>
    <message>
        <source>lightness</source>
        <translation>Helligkeit</translation>
    </message>
    <message>
        <source>height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>Bend the heights</source>
        <translation>Die Höhen biegen</translation>
    </message>
    <message>
        <source>Light it is made for</source>
        <translation>Licht, für das es gemacht ist</translation>
    </message>
    <message>
        <source>Lamp</source>
        <translation>Lampe</translation>
    </message>
    <message>
        <source>K</source>
        <translation>K</translation>
    </message>
    <message>
        <source>Colour temperature of the light it hangs in, or of the lamp behind it</source>
        <translation>Farbtemperatur des Lichts, in dem es hängt, oder der Lampe dahinter</translation>
    </message>
    <message>
        <source>L&amp;amp</source>
        <translation>La&amp;mpe</translation>
    </message>
    <message>
        <source>Change the light</source>
        <translation>Das Licht ändern</translation>
    </message>
    <message>
        <source>What lies behind it</source>
        <translation>Was dahinter liegt</translation>
    </message>
    <message>
        <source>nothing: light that gets through is lost</source>
        <translation>nichts: Licht, das durchkommt, ist verloren</translation>
    </message>
    <message>
        <source>white</source>
        <translation>weiß</translation>
    </message>
    <message>
        <source>mid grey</source>
        <translation>mittleres Grau</translation>
    </message>
    <message>
        <source>black</source>
        <translation>schwarz</translation>
    </message>
    <message>
        <source>Be&amp;hind it</source>
        <translation>Da&amp;hinter</translation>
    </message>
    <message>
        <source>Change what lies behind</source>
        <translation>Ändern, was dahinter liegt</translation>
    </message>
    <message>
        <source>Optics</source>
        <translation>Optik</translation>
    </message>
    <message>
        <source>two-flux theory</source>
        <translation>Zwei-Strom-Theorie</translation>
    </message>
    <message>
        <source>simple blending</source>
        <translation>einfache Mischung</translation>
    </message>
    <message>
        <source>Two-flux theory (Kubelka) follows light to and fro through every layer. Simple blending is what most figures for transmission distances mean: each layer lets 0.1^(thickness/TD) through and adds its own colour.</source>
        <translation>Die Zwei-Strom-Theorie (Kubelka) verfolgt Licht hin und her durch jede Schicht. Die einfache Mischung meinen die meisten Angaben der Transmissionsdicke: jede Schicht lässt 0,1^(Dicke/TD) durch und gibt ihre eigene Farbe dazu.</translation>
    </message>
    <message>
        <source>O&amp;ptics</source>
        <translation>O&amp;ptik</translation>
    </message>
    <message>
        <source>Change the optics</source>
        <translation>Die Optik ändern</translation>
    </message>
</context>
<context>
    <name>vitrail::PrintDetail</name>
    <message>
        <source>◇ foretold · ▌ as it came · the band is where it was expected with 80 %</source>
        <translation>◇ vorhergesagt · ▌ wie es kam · im Streifen wurde es mit 80 % erwartet</translation>
    </message>
    <message>
        <source>What differs</source>
        <translation>Was verschieden ist</translation>
    </message>
    <message>
        <source>1</source>
        <translation>1</translation>
    </message>
    <message>
        <source>2</source>
        <translation>2</translation>
    </message>
    <message>
        <source>Add a p&amp;hotograph…</source>
        <translation>Ein &amp;Foto hinzufügen…</translation>
    </message>
    <message>
        <source>&amp;Take out</source>
        <translation>&amp;Herausnehmen</translation>
    </message>
    <message>
        <source>&amp;Print…</source>
        <translation>&amp;Drucken…</translation>
    </message>
    <message>
        <source>Pictures of this print</source>
        <translation>Fotos dieses Drucks</translation>
    </message>
    <message>
        <source>Or drop it here</source>
        <translation>Oder hierher ziehen</translation>
    </message>
    <message>
        <source>1: %1
2: %2</source>
        <translation>1: %1
2: %2</translation>
    </message>
    <message numerus="yes">
        <source>%n layer(s)</source>
        <translation>
            <numerusform>%n Schicht</numerusform>
            <numerusform>%n Schichten</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n change(s)</source>
        <translation>
            <numerusform>%n Wechsel</numerusform>
            <numerusform>%n Wechsel</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 pieces</source>
        <translation>%1 Stücke</translation>
    </message>
    <message numerus="yes">
        <source>%n trip(s) at night</source>
        <translation>
            <numerusform>%n Gang bei Nacht</numerusform>
            <numerusform>%n Gänge bei Nacht</numerusform>
        </translation>
    </message>
    <message>
        <source>▲ %1</source>
        <translation>▲ %1</translation>
    </message>
    <message>
        <source>failed in layer %1</source>
        <translation>misslungen in Schicht %1</translation>
    </message>
    <message>
        <source>%1 saved %2 g</source>
        <translation>%1 hat %2 g gespart</translation>
    </message>
    <message>
        <source>%1: %2 beside %3</source>
        <translation>%1: %2 neben %3</translation>
    </message>
    <message>
        <source>%1: press Enter to see it large</source>
        <translation>%1: Eingabe zeigt es groß</translation>
    </message>
    <message>
        <source>as planned</source>
        <translation>wie geplant</translation>
    </message>
    <message>
        <source>Add photographs</source>
        <translation>Fotos hinzufügen</translation>
    </message>
    <message>
        <source>Pictures (%1)</source>
        <translation>Bilder (%1)</translation>
    </message>
    <message>
        <source>Take a photograph out</source>
        <translation>Ein Foto herausnehmen</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Print this page</source>
        <translation>Diese Seite drucken</translation>
    </message>
    <message>
        <source>The page was sent to the printer.</source>
        <translation>Die Seite ging an den Drucker.</translation>
    </message>
</context>
<context>
    <name>vitrail::PrinterPage</name>
    <message>
        <source>&amp;Connect</source>
        <translation>&amp;Verbinden</translation>
    </message>
    <message>
        <source>&amp;Print the file on it…</source>
        <translation>Die Datei darauf &amp;drucken…</translation>
    </message>
    <message>
        <source>Go &amp;on with it…</source>
        <translation>Damit &amp;weitermachen…</translation>
    </message>
    <message>
        <source>For&amp;get it</source>
        <translation>Ver&amp;gessen</translation>
    </message>
    <message>
        <source>&amp;Stop sending</source>
        <translation>Senden &amp;anhalten</translation>
    </message>
    <message>
        <source>Turn the &amp;heat off</source>
        <translation>&amp;Heizung aus</translation>
    </message>
    <message>
        <source>Do it (simulated)</source>
        <translation>Ausführen (simuliert)</translation>
    </message>
    <message>
        <source>&amp;Report to the run: layers, waits, the end</source>
        <translation>An den Lauf &amp;melden: Schichten, Warten, das Ende</translation>
    </message>
    <message>
        <source>A printer on a line</source>
        <translation>Ein Drucker an der Leitung</translation>
    </message>
    <message>
        <source>Print over the line</source>
        <translation>Über die Leitung drucken</translation>
    </message>
    <message>
        <source>What was said</source>
        <translation>Was gesagt wurde</translation>
    </message>
    <message>
        <source>Connect to %1 first.</source>
        <translation>Verbinde dich erst mit %1.</translation>
    </message>
    <message>
        <source>Go on with a print</source>
        <translation>Einen Druck fortsetzen</translation>
    </message>
    <message>
        <source>The rest of %1 is sent from the line that the printer asks for. %2</source>
        <translation>Der Rest von %1 wird ab der Zeile gesendet, die der Drucker verlangt. %2</translation>
    </message>
    <message>
        <source>Nothing more is sent. The printer does what it has, and stays hot.</source>
        <translation>Es wird nichts mehr gesendet. Der Drucker tut, was er hat, und bleibt heiß.</translation>
    </message>
    <message>
        <source>Heat off.</source>
        <translation>Heizung aus.</translation>
    </message>
    <message>
        <source>There is no plan to follow yet.</source>
        <translation>Es gibt noch keinen Plan, dem zu folgen wäre.</translation>
    </message>
    <message>
        <source>Connected again to %1.</source>
        <translation>Wieder verbunden mit %1.</translation>
    </message>
    <message>
        <source>Connected to %1.</source>
        <translation>Verbunden mit %1.</translation>
    </message>
    <message>
        <source>The line is broken (%1); it is tried again every few seconds.</source>
        <translation>Die Leitung ist unterbrochen (%1); alle paar Sekunden wird es neu versucht.</translation>
    </message>
    <message>
        <source>the other side hung up</source>
        <translation>die andere Seite hat aufgelegt</translation>
    </message>
    <message>
        <source>The printer has hung up.</source>
        <translation>Der Drucker hat aufgelegt.</translation>
    </message>
    <message>
        <source>There is no line to %1: %2</source>
        <translation>Es gibt keine Leitung zu %1: %2</translation>
    </message>
    <message>
        <source>Address</source>
        <translation>Adresse</translation>
    </message>
    <message>
        <source>HOST:PORT, or a serial port, with its baud rate behind a comma where it is not 115200</source>
        <translation>RECHNER:PORT, oder eine serielle Schnittstelle, mit der Baudrate hinter einem Komma, wo sie nicht 115200 ist</translation>
    </message>
    <message>
        <source>localhost:9100, or /dev/ttyUSB0</source>
        <translation>localhost:9100, oder /dev/ttyUSB0</translation>
    </message>
    <message>
        <source>It is</source>
        <translation>Er ist</translation>
    </message>
    <message>
        <source>It does</source>
        <translation>Er tut</translation>
    </message>
    <message>
        <source>Heat</source>
        <translation>Hitze</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>Looking on only asks: temperatures, position, what is printed from its card. Nothing is heated or moved by it.</source>
        <translation>Zusehen fragt nur: Temperaturen, Position, was von der Karte gedruckt wird. Nichts wird dadurch geheizt oder bewegt.</translation>
    </message>
    <message>
        <source>The simulated person exchanges the filament; at a real printer you do</source>
        <translation>Der simulierte Mensch tauscht das Filament; an einem echten Drucker tust du es</translation>
    </message>
    <message>
        <source>How much of the file is sent</source>
        <translation>Wie viel der Datei gesendet ist</translation>
    </message>
    <message>
        <source>A printer that prints has a nozzle over 200 °C and parts that move: keep fingers away, the room aired, nothing that burns near it, and never leave a first use alone.</source>
        <translation>Ein Drucker, der druckt, hat eine Düse über 200 °C und bewegte Teile: Finger weg, den Raum lüften, nichts Brennbares in der Nähe, und eine erste Benutzung nie allein lassen.</translation>
    </message>
    <message>
        <source>Hung up.</source>
        <translation>Aufgelegt.</translation>
    </message>
    <message>
        <source>It heats the nozzle to %1 °C and the bed to %2 °C, and moves at once.</source>
        <translation>Es heizt die Düse auf %1 °C und das Bett auf %2 °C und bewegt sich sofort.</translation>
    </message>
    <message>
        <source>It may heat, and moves at once.</source>
        <translation>Es kann heizen und bewegt sich sofort.</translation>
    </message>
    <message>
        <source>This is a simulated printer: nothing gets hot.</source>
        <translation>Das ist ein simulierter Drucker: nichts wird heiß.</translation>
    </message>
    <message>
        <source>Is the bed clear and seated, the right filament in, and somebody there? Keep fingers away from what is hot or moves, air the room, and never leave a first use alone.</source>
        <translation>Ist das Bett frei und sitzt es, ist das richtige Filament drin, und ist jemand da? Finger weg von allem, was heiß ist oder sich bewegt, lüften, und eine erste Benutzung nie allein lassen.</translation>
    </message>
    <message>
        <source>Heat and move</source>
        <translation>Heizen und bewegen</translation>
    </message>
    <message>
        <source>Print on %1</source>
        <translation>Auf %1 drucken</translation>
    </message>
    <message>
        <source>%1 is sent to %2. %3</source>
        <translation>%1 wird an %2 gesendet. %3</translation>
    </message>
    <message>
        <source>Going on with %1.</source>
        <translation>Weiter mit %1.</translation>
    </message>
    <message>
        <source>Printing %1.</source>
        <translation>%1 wird gedruckt.</translation>
    </message>
    <message>
        <source>The printer has started anew.</source>
        <translation>Der Drucker ist neu gestartet.</translation>
    </message>
    <message>
        <source>It waits for somebody.</source>
        <translation>Er wartet auf jemanden.</translation>
    </message>
    <message>
        <source>All of the file is sent and done.</source>
        <translation>Die ganze Datei ist gesendet und fertig.</translation>
    </message>
    <message>
        <source>The printer has started anew and lost its position, in line %1 of the file. Do not let it home through the print: the page “Something went wrong” makes a plan and a file for the rest.</source>
        <translation>Der Drucker ist in Zeile %1 der Datei neu gestartet und hat seine Position verloren. Lass ihn nicht durch den Druck referenzieren: die Seite „Etwas ging schief“ macht einen Plan und eine Datei für den Rest.</translation>
    </message>
    <message>
        <source>The printer has started anew in the middle of the print.</source>
        <translation>Der Drucker ist mitten im Druck neu gestartet.</translation>
    </message>
    <message>
        <source>&amp;Hang up</source>
        <translation>&amp;Auflegen</translation>
    </message>
    <message>
        <source>not answering; tried again</source>
        <translation>antwortet nicht; wird neu versucht</translation>
    </message>
    <message>
        <source>not connected</source>
        <translation>nicht verbunden</translation>
    </message>
    <message>
        <source>a printer that does not say</source>
        <translation>ein Drucker, der es nicht sagt</translation>
    </message>
    <message>
        <source>%1: simulated, nothing gets hot</source>
        <translation>%1: simuliert, nichts wird heiß</translation>
    </message>
    <message>
        <source>nozzle %1 of %2 °C, bed %3 of %4 °C</source>
        <translation>Düse %1 von %2 °C, Bett %3 von %4 °C</translation>
    </message>
    <message>
        <source>–</source>
        <translation>–</translation>
    </message>
    <message>
        <source>%1 mm: layer %2 of %3</source>
        <translation>%1 mm: Schicht %2 von %3</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source>▲ it waits for somebody</source>
        <translation>▲ er wartet auf jemanden</translation>
    </message>
    <message>
        <source>prints what is sent to it</source>
        <translation>druckt, was ihm gesendet wird</translation>
    </message>
    <message>
        <source>prints from its card, %1 % by now</source>
        <translation>druckt von seiner Karte, bis jetzt %1 %</translation>
    </message>
    <message>
        <source>nothing that is known here</source>
        <translation>nichts, was hier bekannt wäre</translation>
    </message>
    <message>
        <source>The file: %1</source>
        <translation>Die Datei: %1</translation>
    </message>
    <message>
        <source>No toolpath file: choose one on the page “The toolpath file”, and see there that it stops where the plan says.</source>
        <translation>Keine Druckdatei: wähle eine auf der Seite „Druckdatei“, und sieh dort, ob sie hält, wo der Plan es sagt.</translation>
    </message>
    <message>
        <source>A print of %1 over %2 was broken off. A printer that is still on says which line it wants next.</source>
        <translation>Ein Druck von %1 über %2 wurde abgebrochen. Ein Drucker, der noch an ist, sagt, welche Zeile er als nächste will.</translation>
    </message>
</context>
<context>
    <name>vitrail::PrintsPage</name>
    <message>
        <source>&amp;Log this print…</source>
        <translation>Diesen Druck ins &amp;Logbuch…</translation>
    </message>
    <message>
        <source>&amp;Change…</source>
        <translation>Ä&amp;ndern…</translation>
    </message>
    <message>
        <source>&amp;Remove</source>
        <translation>&amp;Entfernen</translation>
    </message>
    <message>
        <source>Prints</source>
        <translation>Drucke</translation>
    </message>
    <message>
        <source>How the open project came out (Ctrl+L)</source>
        <translation>Wie das offene Projekt gelungen ist (Strg+L)</translation>
    </message>
    <message>
        <source>Only prints with these words</source>
        <translation>Nur Drucke mit diesen Wörtern</translation>
    </message>
    <message>
        <source>Only this machine</source>
        <translation>Nur diese Maschine</translation>
    </message>
    <message>
        <source>Only those that came out so</source>
        <translation>Nur solche, die so gelungen sind</translation>
    </message>
    <message>
        <source>all outcomes</source>
        <translation>alle Ergebnisse</translation>
    </message>
    <message>
        <source>good</source>
        <translation>gut</translation>
    </message>
    <message>
        <source>usable</source>
        <translation>brauchbar</translation>
    </message>
    <message>
        <source>failed</source>
        <translation>misslungen</translation>
    </message>
    <message>
        <source>begun</source>
        <translation>begonnen</translation>
    </message>
    <message>
        <source>print</source>
        <translation>Druck</translation>
    </message>
    <message>
        <source>machine</source>
        <translation>Maschine</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>foretold</source>
        <translation>vorhergesagt</translation>
    </message>
    <message>
        <source>waste</source>
        <translation>Abfall</translation>
    </message>
    <message>
        <source>came out</source>
        <translation>kam heraus</translation>
    </message>
    <message>
        <source>Foretold and real</source>
        <translation>Vorhergesagt und wirklich</translation>
    </message>
    <message>
        <source>&amp;Import…</source>
        <translation>&amp;Einlesen…</translation>
    </message>
    <message>
        <source>&amp;Export…</source>
        <translation>&amp;Ausgeben…</translation>
    </message>
    <message>
        <source>Logbooks (*.json *.csv)</source>
        <translation>Logbücher (*.json *.csv)</translation>
    </message>
    <message>
        <source>Import prints</source>
        <translation>Drucke einlesen</translation>
    </message>
    <message>
        <source>Export prints</source>
        <translation>Drucke ausgeben</translation>
    </message>
    <message>
        <source>logbook.json</source>
        <translation>logbuch.json</translation>
    </message>
    <message>
        <source>all machines</source>
        <translation>alle Maschinen</translation>
    </message>
    <message>
        <source>▲ failed</source>
        <translation>▲ misslungen</translation>
    </message>
    <message>
        <source>–</source>
        <translation>–</translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation>%1 g</translation>
    </message>
    <message>
        <source>The logbook is being opened.</source>
        <translation>Das Logbuch wird geöffnet.</translation>
    </message>
    <message>
        <source>No print yet. After the next one press “Log this print”: when it was done, and what it weighs, is enough. From then on estimates get ranges, and better.</source>
        <translation>Noch kein Druck. Nach dem nächsten drücke „Diesen Druck ins Logbuch“: wann er fertig war und was er wiegt, genügt. Von da an haben Schätzungen Spannen und werden besser.</translation>
    </message>
    <message>
        <source>No print is like that.</source>
        <translation>So ist kein Druck.</translation>
    </message>
    <message numerus="yes">
        <source>%n print(s)</source>
        <translation>
            <numerusform>%n Druck</numerusform>
            <numerusform>%n Drucke</numerusform>
        </translation>
    </message>
    <message>
        <source>: %1 g in the pieces, %2 g of waste, %3 at the printer, %4 of filament, power and hands; %5 failed.</source>
        <translation>: %1 g in den Stücken, %2 g Abfall, %3 am Drucker, %4 für Filament, Strom und Handarbeit; %5 misslungen.</translation>
    </message>
    <message>
        <source>There is no plan to hold a print against: open the project that was printed.</source>
        <translation>Es gibt keinen Plan, gegen den ein Druck zu halten wäre: öffne das Projekt, das gedruckt wurde.</translation>
    </message>
    <message>
        <source>Log a print</source>
        <translation>Einen Druck eintragen</translation>
    </message>
    <message>
        <source>Take a print off the spools</source>
        <translation>Einen Druck von den Spulen abziehen</translation>
    </message>
    <message>
        <source>%1 g off %2</source>
        <translation>%1 g von %2 ab</translation>
    </message>
    <message>
        <source>The print is in the logbook.</source>
        <translation>Der Druck steht im Logbuch.</translation>
    </message>
    <message>
        <source>The print is in the logbook; %1.</source>
        <translation>Der Druck steht im Logbuch; %1.</translation>
    </message>
    <message>
        <source>Change a print of the logbook</source>
        <translation>Einen Druck im Logbuch ändern</translation>
    </message>
    <message>
        <source>Remove a print from the logbook</source>
        <translation>Einen Druck aus dem Logbuch entfernen</translation>
    </message>
    <message>
        <source>%1 was written.</source>
        <translation>%1 wurde geschrieben.</translation>
    </message>
    <message>
        <source>%1 was not written. %2</source>
        <translation>%1 wurde nicht geschrieben. %2</translation>
    </message>
    <message>
        <source>badge -failed waste&gt;20 date&gt;2026-10</source>
        <translation>badge -failed waste&gt;20 date&gt;2026-10</translation>
    </message>
    <message>
        <source>Words that stand anywhere in it: name, machine, material, filament, spool, fault, notes, date. -word: without it. Figures: %1, with &lt; or &gt;.</source>
        <translation>Wörter, die irgendwo darin stehen: Name, Maschine, Material, Filament, Spule, Fehler, Notizen, Datum. -wort: ohne. Zahlen: %1, mit &lt; oder &gt;.</translation>
    </message>
    <message>
        <source>Choose two, with Ctrl or Shift, to see them beside each other</source>
        <translation>Wähle zwei, mit Strg oder Umschalt, um sie nebeneinander zu sehen</translation>
    </message>
    <message>
        <source>Remove prints from the logbook</source>
        <translation>Drucke aus dem Logbuch entfernen</translation>
    </message>
    <message>
        <source>Proposals saved %1 g and %2.</source>
        <translation>Vorschläge haben %1 g und %2 gespart.</translation>
    </message>
</context>
<context>
    <name>vitrail::ProgressStrip</name>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>Progress</source>
        <translation>Fortschritt</translation>
    </message>
</context>
<context>
    <name>vitrail::PurgeBench</name>
    <message>
        <source>Strips</source>
        <translation>Strähnen</translation>
    </message>
    <message>
        <source>Where it goes</source>
        <translation>Wohin es geht</translation>
    </message>
    <message>
        <source>Calibration</source>
        <translation>Kalibrierung</translation>
    </message>
</context>
<context>
    <name>vitrail::RecordDialog</name>
    <message>
        <source>&amp;More…</source>
        <translation>&amp;Mehr…</translation>
    </message>
    <message>
        <source>How %1 came out</source>
        <translation>Wie %1 gelungen ist</translation>
    </message>
    <message>
        <source>good</source>
        <translation>gut</translation>
    </message>
    <message>
        <source>usable</source>
        <translation>brauchbar</translation>
    </message>
    <message>
        <source>failed</source>
        <translation>misslungen</translation>
    </message>
    <message>
        <source>It came out</source>
        <translation>Es ist</translation>
    </message>
    <message>
        <source>&amp;Done</source>
        <translation>&amp;Fertig</translation>
    </message>
    <message>
        <source>&amp;Piece on the scale</source>
        <translation>&amp;Stück auf der Waage</translation>
    </message>
    <message>
        <source>g</source>
        <translation>g</translation>
    </message>
    <message>
        <source>&amp;Tower</source>
        <translation>&amp;Turm</translation>
    </message>
    <message>
        <source>P&amp;urge</source>
        <translation>Sp&amp;ülung</translation>
    </message>
    <message>
        <source>&amp;Notes</source>
        <translation>&amp;Notizen</translation>
    </message>
    <message>
        <source>Be&amp;gun</source>
        <translation>Be&amp;gonnen</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>What went &amp;wrong</source>
        <translation>Was &amp;schiefging</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>Failed in &amp;layer</source>
        <translation>Misslungen in S&amp;chicht</translation>
    </message>
    <message>
        <source>Pieces on the scale</source>
        <translation>Stücke auf der Waage</translation>
    </message>
    <message>
        <source> g</source>
        <translation> g</translation>
    </message>
    <message>
        <source>&amp;Steps of the scale</source>
        <translation>Stufen der &amp;Waage</translation>
    </message>
    <message>
        <source>It stood waiting</source>
        <translation>Es stand und wartete</translation>
    </message>
    <message>
        <source>min</source>
        <translation>min</translation>
    </message>
    <message>
        <source>&amp;Cleaning up</source>
        <translation>N&amp;acharbeit</translation>
    </message>
    <message>
        <source>S&amp;oaking</source>
        <translation>Ein&amp;weichen</translation>
    </message>
    <message>
        <source>h</source>
        <translation>h</translation>
    </message>
    <message>
        <source>&amp;Keep it</source>
        <translation>&amp;Behalten</translation>
    </message>
    <message>
        <source>not measured</source>
        <translation>nicht gemessen</translation>
    </message>
    <message>
        <source>%1 %2 were foretold</source>
        <translation>%1 %2 waren vorhergesagt</translation>
    </message>
    <message>
        <source>It took %1; %2 were foretold.</source>
        <translation>Er dauerte %1; vorhergesagt waren %2.</translation>
    </message>
    <message>
        <source>It was done before it had begun.</source>
        <translation>Er war fertig, bevor er begonnen hatte.</translation>
    </message>
    <message>
        <source>all %1 pieces</source>
        <translation>alle %1 Stücke</translation>
    </message>
    <message>
        <source>Each piece weighs %1 ± %2 g.</source>
        <translation>Jedes Stück wiegt %1 ± %2 g.</translation>
    </message>
    <message>
        <source>Together on the scale: %1; about %2 g, to within %3 %.</source>
        <translation>Zusammen auf die Waage: %1; etwa %2 g, auf %3 % genau.</translation>
    </message>
    <message>
        <source>No print comes out like that. Was everything that was printed on the scale, and nothing else?</source>
        <translation>So kommt kein Druck heraus. Lag alles auf der Waage, was gedruckt wurde, und nichts sonst?</translation>
    </message>
    <message>
        <source>&amp;Keep it as it is</source>
        <translation>So &amp;behalten</translation>
    </message>
    <message>
        <source>&amp;Look again</source>
        <translation>&amp;Noch einmal nachsehen</translation>
    </message>
</context>
<context>
    <name>vitrail::Recovery</name>
    <message>
        <source>No copy for emergencies could be kept: %1 Save the project yourself.</source>
        <translation>Es ließ sich keine Notkopie anlegen: %1 Speichere das Projekt selbst.</translation>
    </message>
    <message>
        <source>an unsaved project</source>
        <translation>ein nicht gespeichertes Projekt</translation>
    </message>
    <message>
        <source>It could not be recovered. %1</source>
        <translation>Es ließ sich nicht wiederherstellen. %1</translation>
    </message>
</context>
<context>
    <name>vitrail::RegionsModel</name>
    <message>
        <source>region</source>
        <translation>Bereich</translation>
    </message>
    <message>
        <source>grams</source>
        <translation>Gramm</translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation>%1 g</translation>
    </message>
    <message>
        <source>band %1–%2 mm</source>
        <translation>Band %1–%2 mm</translation>
    </message>
    <message>
        <source>painted: %1</source>
        <translation>bemalt: %1</translation>
    </message>
    <message>
        <source>%1, filament %2</source>
        <translation>%1, Filament %2</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>Walls, skins and infill of this region over its layers, all copies, times the filament&apos;s density.</source>
        <translation>Wände, Deckschichten und Füllung dieses Bereichs über seine Schichten, alle Kopien, mal Dichte des Filaments.</translation>
    </message>
    <message>
        <source>Press a letter to give it that filament.</source>
        <translation>Drücke einen Buchstaben, um ihm das Filament zu geben.</translation>
    </message>
</context>
<context>
    <name>vitrail::RehearsePage</name>
    <message>
        <source>&amp;Begin the rehearsal</source>
        <translation>Die Probe &amp;beginnen</translation>
    </message>
    <message>
        <source>&amp;Stop</source>
        <translation>&amp;Anhalten</translation>
    </message>
    <message>
        <source>&amp;Leave it in and go on</source>
        <translation>&amp;Drinlassen und weiter</translation>
    </message>
    <message>
        <source>I am &amp;not there</source>
        <translation>Ich bin &amp;nicht da</translation>
    </message>
    <message>
        <source>A night, rehearsed</source>
        <translation>Eine Nacht, geprobt</translation>
    </message>
    <message>
        <source>At the printer</source>
        <translation>Am Drucker</translation>
    </message>
    <message>
        <source>The sheet, step by step</source>
        <translation>Der Zettel, Schritt für Schritt</translation>
    </message>
    <message>
        <source>Steps of the sheet, and how they went</source>
        <translation>Schritte des Zettels, und wie sie liefen</translation>
    </message>
    <message>
        <source>when</source>
        <translation>wann</translation>
    </message>
    <message>
        <source>what to do</source>
        <translation>was zu tun ist</translation>
    </message>
    <message>
        <source>how it went</source>
        <translation>wie es lief</translation>
    </message>
    <message>
        <source>if it is missed</source>
        <translation>wenn es verpasst wird</translation>
    </message>
    <message>
        <source>What came of it</source>
        <translation>Was daraus wurde</translation>
    </message>
    <message>
        <source>That is a real printer (%1): nothing is rehearsed with it. Look on at it on the page “The printer”.</source>
        <translation>Das ist ein echter Drucker (%1): mit ihm wird nicht geprobt. Sieh ihm auf der Seite „Der Drucker“ zu.</translation>
    </message>
    <message>
        <source>The printer has hung up.</source>
        <translation>Der Drucker hat aufgelegt.</translation>
    </message>
    <message>
        <source>There is no line to the printer: %1</source>
        <translation>Es gibt keine Leitung zum Drucker: %1</translation>
    </message>
    <message>
        <source>the plan, in short</source>
        <translation>der Plan, in Kürze</translation>
    </message>
    <message>
        <source>What</source>
        <translation>Was</translation>
    </message>
    <message>
        <source>The plan&apos;s layers and stops, a lap for each; or the toolpath file that was read, line by line</source>
        <translation>Schichten und Halte des Plans, eine Runde für jede; oder die gelesene Druckdatei, Zeile für Zeile</translation>
    </message>
    <message>
        <source>I do it, step by step</source>
        <translation>ich, Schritt für Schritt</translation>
    </message>
    <message>
        <source>somebody is always there</source>
        <translation>immer ist jemand da</translation>
    </message>
    <message>
        <source>somebody is there, but not at night</source>
        <translation>jemand ist da, aber nicht nachts</translation>
    </message>
    <message>
        <source>nobody comes until morning</source>
        <translation>niemand kommt bis zum Morgen</translation>
    </message>
    <message>
        <source>Who</source>
        <translation>Wer</translation>
    </message>
    <message>
        <source>Step by step the printer&apos;s clock runs as yours while it waits for you</source>
        <translation>Schritt für Schritt läuft die Uhr des Druckers wie deine, während er auf dich wartet</translation>
    </message>
    <message>
        <source> min</source>
        <translation> min</translation>
    </message>
    <message>
        <source>Late by up to</source>
        <translation>Verspätung bis</translation>
    </message>
    <message>
        <source>Whoever is called comes up to so much later, by chance</source>
        <translation>Wer gerufen wird, kommt zufällig bis zu so viel später</translation>
    </message>
    <message>
        <source> s</source>
        <translation> s</translation>
    </message>
    <message>
        <source>All of it in</source>
        <translation>Alles in</translation>
    </message>
    <message>
        <source>How long the rehearsal takes, but for your own steps</source>
        <translation>Wie lange die Probe dauert, ohne deine eigenen Schritte</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>the spool runs out</source>
        <translation>die Spule geht aus</translation>
    </message>
    <message>
        <source>lines arrive damaged</source>
        <translation>Zeilen kommen beschädigt an</translation>
    </message>
    <message>
        <source>it is a fifth slower</source>
        <translation>er ist ein Fünftel langsamer</translation>
    </message>
    <message>
        <source>it starts anew</source>
        <translation>er startet neu</translation>
    </message>
    <message>
        <source>What goes wrong</source>
        <translation>Was schiefgeht</translation>
    </message>
    <message>
        <source>The simulated printer has its moods</source>
        <translation>Der simulierte Drucker hat seine Launen</translation>
    </message>
    <message>
        <source>Chance no.</source>
        <translation>Zufall Nr.</translation>
    </message>
    <message>
        <source>The same number is the same night again</source>
        <translation>Dieselbe Nummer ist dieselbe Nacht noch einmal</translation>
    </message>
    <message>
        <source>the one that comes with the program</source>
        <translation>der mitgelieferte</translation>
    </message>
    <message>
        <source>Printer</source>
        <translation>Drucker</translation>
    </message>
    <message>
        <source>Only simulated ones: that of the program, or one that was started by hand: vitrail-printer --port 9100 is localhost:9100</source>
        <translation>Nur simulierte: der des Programms, oder einer, der von Hand gestartet wurde: vitrail-printer --port 9100 ist localhost:9100</translation>
    </message>
    <message>
        <source>How far the rehearsal is</source>
        <translation>Wie weit die Probe ist</translation>
    </message>
    <message>
        <source>Put in</source>
        <translation>Einlegen</translation>
    </message>
    <message>
        <source>Where it goes</source>
        <translation>Wohin es geht</translation>
    </message>
    <message>
        <source>Half an hour passes before you are asked again</source>
        <translation>Eine halbe Stunde vergeht, bis du wieder gefragt wirst</translation>
    </message>
    <message>
        <source>the toolpath file %1</source>
        <translation>die Druckdatei %1</translation>
    </message>
    <message>
        <source>Put %1 in</source>
        <translation>%1 einlegen</translation>
    </message>
    <message>
        <source>into %1</source>
        <translation>in %1</translation>
    </message>
    <message>
        <source>The rehearsal was stopped.</source>
        <translation>Die Probe wurde angehalten.</translation>
    </message>
    <message>
        <source>–</source>
        <translation>–</translation>
    </message>
    <message>
        <source>There is no plan to rehearse yet.</source>
        <translation>Es gibt noch keinen Plan zu proben.</translation>
    </message>
    <message>
        <source>the simulated printer is called…</source>
        <translation>der simulierte Drucker wird gerufen…</translation>
    </message>
    <message>
        <source>not begun</source>
        <translation>nicht begonnen</translation>
    </message>
    <message>
        <source>See what the night asks of you before it comes: nothing gets hot, nothing is wasted.</source>
        <translation>Sieh, was die Nacht von dir verlangt, bevor sie kommt: nichts wird heiß, nichts wird verschwendet.</translation>
    </message>
    <message>
        <source>over, in layer %1 of %2</source>
        <translation>vorbei, in Schicht %1 von %2</translation>
    </message>
    <message>
        <source>it stands before layer %1 of %2</source>
        <translation>er steht vor Schicht %1 von %2</translation>
    </message>
    <message>
        <source>it heats</source>
        <translation>er heizt</translation>
    </message>
    <message>
        <source>printing layer %1 of %2</source>
        <translation>druckt Schicht %1 von %2</translation>
    </message>
    <message>
        <source>It waits, and the sheet does not say why: %1</source>
        <translation>Er wartet, und der Zettel sagt nicht, warum: %1</translation>
    </message>
    <message>
        <source>The project has no night in which nobody comes.</source>
        <translation>Das Projekt hat keine Nacht, in der niemand kommt.</translation>
    </message>
    <message>
        <source>It begins when the run does.</source>
        <translation>Sie beginnt mit dem Lauf.</translation>
    </message>
    <message>
        <source>It begins when the run does; nobody is there from %1 to %2, as the settings of the run have it.</source>
        <translation>Sie beginnt mit dem Lauf; von %1 bis %2 ist niemand da, wie es die Einstellungen des Laufs haben.</translation>
    </message>
    <message>
        <source>it waits</source>
        <translation>er wartet</translation>
    </message>
    <message>
        <source>can be done now</source>
        <translation>kann jetzt getan werden</translation>
    </message>
    <message>
        <source>✓ right, at %1</source>
        <translation>✓ richtig, um %1</translation>
    </message>
    <message>
        <source>▲ right, but it stood %1</source>
        <translation>▲ richtig, aber er stand %1</translation>
    </message>
    <message>
        <source>▲ %1 was put in</source>
        <translation>▲ %1 wurde eingelegt</translation>
    </message>
    <message>
        <source>▲ missed: it stood %1</source>
        <translation>▲ verpasst: er stand %1</translation>
    </message>
    <message>
        <source>▲ missed</source>
        <translation>▲ verpasst</translation>
    </message>
    <message>
        <source>it stands until %1, and is done at %2</source>
        <translation>er steht bis %1 und ist um %2 fertig</translation>
    </message>
    <message>
        <source>layers %1 to %2 come out in %3</source>
        <translation>Schichten %1 bis %2 kommen in %3</translation>
    </message>
    <message>
        <source>nothing is lost</source>
        <translation>nichts geht verloren</translation>
    </message>
    <message>
        <source>This print asks nothing of anybody between its start and its end.</source>
        <translation>Dieser Druck verlangt zwischen Anfang und Ende nichts von niemandem.</translation>
    </message>
    <message>
        <source>A score of what was done right, what was missed, and what that does to the end and to the colours stands here afterwards.</source>
        <translation>Hier steht danach, was richtig war, was verpasst wurde und was das mit dem Ende und den Farben macht.</translation>
    </message>
    <message>
        <source>Nothing to do</source>
        <translation>Nichts zu tun</translation>
    </message>
    <message>
        <source>%1 of %2 right</source>
        <translation>%1 von %2 richtig</translation>
    </message>
    <message>
        <source>%1 of %2 right by now</source>
        <translation>bis jetzt %1 von %2 richtig</translation>
    </message>
    <message>
        <source>The printer started anew in layer %1 and forgot everything: position, heat, the rest of the print. With a real one: do not let it home through the print; the page “Something went wrong” has a plan for the rest from a height.</source>
        <translation>Der Drucker startete in Schicht %1 neu und vergaß alles: Position, Hitze, den Rest des Drucks. Bei einem echten: lass ihn nicht durch den Druck referenzieren; die Seite „Etwas ging schief“ hat einen Plan für den Rest ab einer Höhe.</translation>
    </message>
    <message>
        <source>Done at %1, as planned.</source>
        <translation>Fertig um %1, wie geplant.</translation>
    </message>
    <message>
        <source>Done at %1 instead of %2: %3 later.</source>
        <translation>Fertig um %1 statt %2: %3 später.</translation>
    </message>
    <message>
        <source>Done at %1 instead of %2: %3 earlier.</source>
        <translation>Fertig um %1 statt %2: %3 früher.</translation>
    </message>
    <message numerus="yes">
        <source>%n step(s) missed: nobody was there when it was due.</source>
        <translation>
            <numerusform>%n Schritt verpasst: als er fällig war, war niemand da.</numerusform>
            <numerusform>%n Schritte verpasst: als sie fällig waren, war niemand da.</numerusform>
        </translation>
    </message>
    <message>
        <source>▲ Layer %1 came out in %2 instead of %3.</source>
        <translation>▲ Schicht %1 kam in %2 statt %3.</translation>
    </message>
    <message>
        <source>▲ Layers %1 to %2 came out in %3 instead of %4.</source>
        <translation>▲ Schichten %1 bis %2 kamen in %3 statt %4.</translation>
    </message>
    <message>
        <source>The printer stood %1 with nobody there.</source>
        <translation>Der Drucker stand %1, und niemand war da.</translation>
    </message>
    <message>
        <source>Standing for hours a hot nozzle oozes and cooks what is in it, and a bed may let go: see that your printer may do so, and that its position is kept. Never leave a first use alone.</source>
        <translation>Steht sie Stunden, tropft eine heiße Düse und verkocht, was darin ist, und das Stück kann sich vom Bett lösen: sieh nach, ob dein Drucker das darf und seine Position behält. Lass eine erste Benutzung nie allein.</translation>
    </message>
    <message>
        <source>It also stopped for something that is not on the sheet.</source>
        <translation>Er hielt auch für etwas, das nicht auf dem Zettel steht.</translation>
    </message>
    <message numerus="yes">
        <source>%n line(s) had to be sent again; nothing was lost.</source>
        <translation>
            <numerusform>%n Zeile musste noch einmal gesendet werden; nichts ging verloren.</numerusform>
            <numerusform>%n Zeilen mussten noch einmal gesendet werden; nichts ging verloren.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::RescuePage</name>
    <message>
        <source>by the &amp;height that is really there</source>
        <translation>nach der &amp;Höhe, die wirklich da ist</translation>
    </message>
    <message>
        <source>The printer still &amp;knows where it is</source>
        <translation>Der Drucker &amp;weiß noch, wo er ist</translation>
    </message>
    <message>
        <source>The bed is still &amp;warm</source>
        <translation>Das Bett ist noch wa&amp;rm</translation>
    </message>
    <message>
        <source>&amp;Make it the plan</source>
        <translation>Zum &amp;Plan machen</translation>
    </message>
    <message>
        <source>Write the &amp;rest of the file…</source>
        <translation>Den &amp;Rest der Datei schreiben…</translation>
    </message>
    <message>
        <source>What went wrong</source>
        <translation>Was schiefging</translation>
    </message>
    <message>
        <source>What becomes of it</source>
        <translation>Was daraus wird</translation>
    </message>
    <message>
        <source>Changes that move</source>
        <translation>Wechsel, die sich verschieben</translation>
    </message>
    <message>
        <source>change</source>
        <translation>Wechsel</translation>
    </message>
    <message>
        <source>before layer</source>
        <translation>vor Schicht</translation>
    </message>
    <message>
        <source>now</source>
        <translation>jetzt</translation>
    </message>
    <message>
        <source>Ways on</source>
        <translation>Wege weiter</translation>
    </message>
    <message>
        <source>way</source>
        <translation>Weg</translation>
    </message>
    <message>
        <source>colours</source>
        <translation>Farben</translation>
    </message>
    <message>
        <source>filament</source>
        <translation>Filament</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>changes</source>
        <translation>Wechsel</translation>
    </message>
    <message>
        <source>At the printer, in this order</source>
        <translation>Am Drucker, in dieser Folge</translation>
    </message>
    <message>
        <source>What to do, in order</source>
        <translation>Was zu tun ist, der Reihe nach</translation>
    </message>
    <message>
        <source>The project as it stands is kept beside it first, under another name; undo brings it back, too</source>
        <translation>Das Projekt, wie es ist, wird erst unter anderem Namen daneben behalten; auch Rückgängig bringt es zurück</translation>
    </message>
    <message>
        <source>Of the file that was being printed: the layer again, and everything above it, lifted; read again and proven before it gets its name</source>
        <translation>Der Datei, die gedruckt wurde: die Schicht noch einmal und alles darüber, angehoben; noch einmal gelesen und geprüft, bevor sie ihren Namen bekommt</translation>
    </message>
    <message>
        <source>a layer came out too thin or too high</source>
        <translation>eine Schicht kam zu dünn oder zu hoch</translation>
    </message>
    <message>
        <source>a filament is gone</source>
        <translation>ein Filament ist ausgegangen</translation>
    </message>
    <message>
        <source>a swap was missed</source>
        <translation>ein Handwechsel wurde verpasst</translation>
    </message>
    <message>
        <source>layers in the wrong filament</source>
        <translation>Schichten im falschen Filament</translation>
    </message>
    <message>
        <source>Layer</source>
        <translation>Schicht</translation>
    </message>
    <message>
        <source>Layers more</source>
        <translation>Schichten mehr</translation>
    </message>
    <message>
        <source>Measured</source>
        <translation>Gemessen</translation>
    </message>
    <message>
        <source>Filament</source>
        <translation>Filament</translation>
    </message>
    <message>
        <source>Printed instead</source>
        <translation>Stattdessen gedruckt</translation>
    </message>
    <message>
        <source>Layers it took</source>
        <translation>So viele Schichten</translation>
    </message>
    <message>
        <source>The last layer that is printed; of a missed swap or a wrong filament the first it concerns</source>
        <translation>Die letzte gedruckte Schicht; bei verpasstem Wechsel oder falschem Filament die erste betroffene</translation>
    </message>
    <message>
        <source>So many layers more of what that layer is printed in</source>
        <translation>So viele Schichten mehr in dem, worin jene Schicht gedruckt ist</translation>
    </message>
    <message>
        <source> mm</source>
        <translation> mm</translation>
    </message>
    <message>
        <source>From the bed to the top of what is printed, by a calliper or by the printer&apos;s own Z</source>
        <translation>Vom Bett bis oben auf das Gedruckte, mit dem Messschieber oder dem Z des Druckers</translation>
    </message>
    <message numerus="yes">
        <source>%n layer(s) more of %1</source>
        <translation>
            <numerusform>%n Schicht mehr in %1</numerusform>
            <numerusform>%n Schichten mehr in %1</numerusform>
        </translation>
    </message>
    <message>
        <source>ends %1 mm higher than planned</source>
        <translation>endet %1 mm höher als geplant</translation>
    </message>
    <message>
        <source>ends %1 mm lower than planned</source>
        <translation>endet %1 mm tiefer als geplant</translation>
    </message>
    <message>
        <source>the picture looks ΔE %1 otherwise on average, %2 at most</source>
        <translation>das Bild sieht im Mittel um ΔE %1 anders aus, höchstens um %2</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>ΔE %1</source>
        <translation>ΔE %1</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation>%1 g</translation>
    </message>
    <message>
        <source>Lost: %1 g and %2.</source>
        <translation>Verloren: %1 g und %2.</translation>
    </message>
    <message>
        <source>Pause the printer, do not stop it; one that gets no command for a while lets go of its position.</source>
        <translation>Den Drucker pausieren, nicht abbrechen; bekommt er eine Weile keinen Befehl, gibt er seine Position auf.</translation>
    </message>
    <message>
        <source>Save the plan that was running first, under another name.</source>
        <translation>Speichere zuerst den laufenden Plan, unter anderem Namen.</translation>
    </message>
    <message>
        <source>Take the way on; then look at the run sheet again: later changes may stand elsewhere.</source>
        <translation>Nimm den Weg weiter; dann sieh den Laufzettel noch einmal an: spätere Wechsel können anders liegen.</translation>
    </message>
    <message>
        <source>Stay for the first two layers.</source>
        <translation>Bleib für die ersten zwei Schichten da.</translation>
    </message>
    <message>
        <source>Nozzle and bed are hot: keep hands and sleeves out of a machine that may move.</source>
        <translation>Düse und Bett sind heiß: Hände und Ärmel weg von einer Maschine, die sich bewegen kann.</translation>
    </message>
    <message>
        <source>Once there is a plan, what can be done about a layer that went wrong stands here.</source>
        <translation>Sobald es einen Plan gibt, steht hier, was sich bei einer missratenen Schicht tun lässt.</translation>
    </message>
    <message>
        <source>Save the project first: the plan that is running has to be kept before it is changed.</source>
        <translation>Speichere erst das Projekt: der laufende Plan muss behalten werden, bevor er geändert wird.</translation>
    </message>
    <message>
        <source>-before-rescue-%1</source>
        <translation>-vor-rettung-%1</translation>
    </message>
    <message>
        <source>Nothing was changed: the plan that is running could not be kept as %1. %2</source>
        <translation>Es wurde nichts geändert: der laufende Plan ließ sich nicht als %1 behalten. %2</translation>
    </message>
    <message>
        <source>Rescue the print</source>
        <translation>Den Druck retten</translation>
    </message>
    <message>
        <source>The rescue is the plan now; the one that was running is kept as %1. The run sheet is a new one.</source>
        <translation>Die Rettung ist jetzt der Plan; der laufende liegt als %1 daneben. Der Laufzettel ist ein neuer.</translation>
    </message>
    <message>
        <source>Which file was being printed?</source>
        <translation>Welche Datei wurde gedruckt?</translation>
    </message>
    <message>
        <source>Toolpath files (*.gcode *.gco *.g *.nc);;All files (*)</source>
        <translation>Druckdateien (*.gcode *.gco *.g *.nc);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Write the rest of %1</source>
        <translation>Den Rest von %1 schreiben</translation>
    </message>
    <message>
        <source>-rest.</source>
        <translation>-rest.</translation>
    </message>
    <message>
        <source>%1 was written, read again and proven. Look through its first lines before you start it: they heat and move the printer.</source>
        <translation>%1 wurde geschrieben, noch einmal gelesen und geprüft. Sieh die ersten Zeilen durch, bevor du sie startest: sie heizen und bewegen den Drucker.</translation>
    </message>
    <message>
        <source>%1 was not written. %2</source>
        <translation>%1 wurde nicht geschrieben. %2</translation>
    </message>
    <message>
        <source>layers of their &amp;own height, so that nothing is left over</source>
        <translation>Schichten mit &amp;eigener Höhe, damit nichts übrig bleibt</translation>
    </message>
    <message>
        <source>Instead of whole layers as they are everywhere; not for pictures, whose colours come from equal layers</source>
        <translation>Statt ganzer Schichten wie sonst überall; nicht für Bilder, deren Farben von gleichen Schichten kommen</translation>
    </message>
</context>
<context>
    <name>vitrail::Ribbon</name>
    <message>
        <source>Ribbon: layers of the print</source>
        <translation>Verlauf: Schichten des Drucks</translation>
    </message>
    <message>
        <source>Arrow keys move the cursor layer; with Shift they choose a range of layers.</source>
        <translation>Pfeiltasten bewegen die Schicht am Zeiger; mit Umschalt wählen sie einen Bereich von Schichten.</translation>
    </message>
    <message>
        <source>Ribbon</source>
        <translation>Verlauf</translation>
    </message>
    <message>
        <source>The layers of the print will run from left to right here.</source>
        <translation>Hier werden die Schichten des Drucks von links nach rechts laufen.</translation>
    </message>
    <message>
        <source>nozzle %1</source>
        <translation>Düse %1</translation>
    </message>
    <message>
        <source>purge by layer</source>
        <translation>Spülung je Schicht</translation>
    </message>
    <message>
        <source>nothing is purged</source>
        <translation>es wird nichts gespült</translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation>%1 g</translation>
    </message>
    <message>
        <source>layers %1–%2: select a part, then press a letter</source>
        <translation>Schichten %1–%2: wähle ein Teil, dann drücke einen Buchstaben</translation>
    </message>
    <message>
        <source>layers %1–%2: press a letter</source>
        <translation>Schichten %1–%2: drücke einen Buchstaben</translation>
    </message>
    <message>
        <source>layer %1</source>
        <translation>Schicht %1</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source> then </source>
        <translation> dann </translation>
    </message>
    <message>
        <source>Layer %1, %2 to %3 mm: %4</source>
        <translation>Schicht %1, %2 bis %3 mm: %4</translation>
    </message>
    <message>
        <source>
Purge %1 g (%2 mm³), changes take %3 s</source>
        <translation>
Spülung %1 g (%2 mm³), Wechsel dauern %3 s</translation>
    </message>
    <message>
        <source>Arrow keys move the cursor layer; with Alt they move the lead line that is nearest to it, which cuts the picture&apos;s bands.</source>
        <translation>Pfeiltasten bewegen die Schicht am Zeiger; mit Alt verschieben sie die nächste Bleilinie, die die Bänder des Bildes schneidet.</translation>
    </message>
    <message>
        <source>ends in layer</source>
        <translation>endet in Schicht</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>On the clock. Visits: %1</source>
        <translation>Auf der Uhr. Gänge: %1</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>night</source>
        <translation>Nacht</translation>
    </message>
    <message>
        <source>come</source>
        <translation>kommen</translation>
    </message>
    <message>
        <source>the file</source>
        <translation>die Datei</translation>
    </message>
</context>
<context>
    <name>vitrail::RunBench</name>
    <message>
        <source>When to come</source>
        <translation>Wann kommen</translation>
    </message>
    <message>
        <source>The toolpath file</source>
        <translation>Druckdatei</translation>
    </message>
    <message>
        <source>Something went wrong</source>
        <translation>Etwas ging schief</translation>
    </message>
    <message>
        <source>Run sheet</source>
        <translation>Laufzettel</translation>
    </message>
    <message>
        <source>Rehearsal</source>
        <translation>Probe</translation>
    </message>
    <message>
        <source>The printer</source>
        <translation>Der Drucker</translation>
    </message>
    <message>
        <source>rehearsed %1</source>
        <translation>%1 geprobt</translation>
    </message>
</context>
<context>
    <name>vitrail::RunPanel</name>
    <message>
        <source>Next</source>
        <translation>Als Nächstes</translation>
    </message>
    <message>
        <source>Visits, ticked off as they are done</source>
        <translation>Gänge, abgehakt, wenn sie getan sind</translation>
    </message>
    <message>
        <source>&amp;Started now</source>
        <translation>&amp;Jetzt begonnen</translation>
    </message>
    <message>
        <source>The printer has begun: from now on times are real ones (F6)</source>
        <translation>Der Drucker hat begonnen: von jetzt an sind Zeiten wirkliche (F6)</translation>
    </message>
    <message>
        <source>&amp;Layer begins now</source>
        <translation>&amp;Schicht beginnt jetzt</translation>
    </message>
    <message>
        <source>The layer beside it begins this moment: what is to come moves with it (F7)</source>
        <translation>Die Schicht daneben beginnt in diesem Augenblick: was kommt, verschiebt sich mit (F7)</translation>
    </message>
    <message>
        <source>Swap &amp;done</source>
        <translation>Wechsel &amp;getan</translation>
    </message>
    <message>
        <source>What was due is done, and the printer goes on (F8)</source>
        <translation>Was fällig war, ist getan, und der Drucker macht weiter (F8)</translation>
    </message>
    <message>
        <source>&amp;Paused</source>
        <translation>&amp;Pausiert</translation>
    </message>
    <message>
        <source>The printer stands, or goes on again (F9)</source>
        <translation>Der Drucker steht, oder er macht weiter (F9)</translation>
    </message>
    <message>
        <source>&amp;Finished</source>
        <translation>&amp;Fertig</translation>
    </message>
    <message>
        <source>The plate is done (F10)</source>
        <translation>Die Platte ist fertig (F10)</translation>
    </message>
    <message>
        <source>F&amp;ailed…</source>
        <translation>&amp;Misslungen…</translation>
    </message>
    <message>
        <source>It went wrong and will not be finished</source>
        <translation>Es ging schief und wird nicht fertig</translation>
    </message>
    <message>
        <source>Take &amp;back</source>
        <translation>&amp;Zurücknehmen</translation>
    </message>
    <message>
        <source>The last report was a mistake</source>
        <translation>Die letzte Meldung war ein Irrtum</translation>
    </message>
    <message>
        <source>Call it &amp;off…</source>
        <translation>&amp;Absagen…</translation>
    </message>
    <message>
        <source>Nothing more of this run is followed</source>
        <translation>Dieser Lauf wird nicht weiter verfolgt</translation>
    </message>
    <message>
        <source>Into my &amp;calendar…</source>
        <translation>In meinen &amp;Kalender…</translation>
    </message>
    <message>
        <source>Save the visits as a calendar file (iCalendar), with alarms</source>
        <translation>Die Gänge als Kalenderdatei speichern (iCalendar), mit Erinnerungen</translation>
    </message>
    <message>
        <source>Layer that begins now</source>
        <translation>Schicht, die jetzt beginnt</translation>
    </message>
    <message>
        <source>It failed</source>
        <translation>Es misslang</translation>
    </message>
    <message>
        <source>Has this plate failed in layer %1? It will not be followed any further; what was real is kept.</source>
        <translation>Ist diese Platte in Schicht %1 misslungen? Sie wird nicht weiter verfolgt; was wirklich war, bleibt.</translation>
    </message>
    <message>
        <source>Call the run off</source>
        <translation>Den Lauf absagen</translation>
    </message>
    <message>
        <source>Shall this run not be followed any more? What was reported is kept.</source>
        <translation>Soll dieser Lauf nicht weiter verfolgt werden? Was gemeldet wurde, bleibt.</translation>
    </message>
    <message>
        <source>plate %1 of %2 · </source>
        <translation>Platte %1 von %2 · </translation>
    </message>
    <message>
        <source>Nothing to print yet.</source>
        <translation>Noch nichts zu drucken.</translation>
    </message>
    <message>
        <source>Not started. As planned:</source>
        <translation>Nicht begonnen. Wie geplant:</translation>
    </message>
    <message>
        <source>printing layer %1 of %2</source>
        <translation>druckt Schicht %1 von %2</translation>
    </message>
    <message>
        <source>the printer waits, for %1 by now</source>
        <translation>der Drucker wartet, bis jetzt %1</translation>
    </message>
    <message>
        <source>paused in layer %1 of %2</source>
        <translation>pausiert in Schicht %1 von %2</translation>
    </message>
    <message>
        <source>plate %1 is done; start plate %2</source>
        <translation>Platte %1 ist fertig; starte Platte %2</translation>
    </message>
    <message>
        <source>It failed in layer %1.</source>
        <translation>In Schicht %1 misslungen.</translation>
    </message>
    <message>
        <source>The run is over.</source>
        <translation>Der Lauf ist vorbei.</translation>
    </message>
    <message>
        <source>now</source>
        <translation>jetzt</translation>
    </message>
    <message>
        <source>It took %1; %2 were planned. The printer waited %3.</source>
        <translation>Er dauerte %1; geplant waren %2. Der Drucker wartete %3.</translation>
    </message>
    <message>
        <source>It goes %1 % slower than planned; times to come follow.</source>
        <translation>Er geht %1 % langsamer als geplant; die kommenden Zeiten folgen.</translation>
    </message>
    <message>
        <source>It goes %1 % faster than planned; times to come follow.</source>
        <translation>Er geht %1 % schneller als geplant; die kommenden Zeiten folgen.</translation>
    </message>
    <message>
        <source>Standing for hours with nobody there, a hot nozzle oozes and a bed may let go: see that your printer may do so, and that its position is kept.</source>
        <translation>Steht sie Stunden ohne jemanden, tropft eine heiße Düse, und das Stück kann sich vom Bett lösen: sieh nach, ob dein Drucker das darf und seine Position behält.</translation>
    </message>
    <message>
        <source>This can only be done at night.</source>
        <translation>Das geht nur nachts.</translation>
    </message>
    <message>
        <source>%1  begun</source>
        <translation>%1  begonnen</translation>
    </message>
    <message>
        <source>%1  %2</source>
        <translation>%1  %2</translation>
    </message>
    <message>
        <source>%1  paused</source>
        <translation>%1  pausiert</translation>
    </message>
    <message>
        <source>%1  went on</source>
        <translation>%1  ging weiter</translation>
    </message>
    <message>
        <source>%1  done</source>
        <translation>%1  fertig</translation>
    </message>
    <message>
        <source>%1  failed in layer %2</source>
        <translation>%1  misslungen in Schicht %2</translation>
    </message>
    <message>
        <source>%1  called off</source>
        <translation>%1  abgesagt</translation>
    </message>
    <message>
        <source>%1  begin</source>
        <translation>%1  beginnen</translation>
    </message>
    <message>
        <source>%1  %2%3</source>
        <translation>%1  %2%3</translation>
    </message>
    <message>
        <source> (at night)</source>
        <translation> (nachts)</translation>
    </message>
    <message>
        <source>&amp;Goes on</source>
        <translation>&amp;Geht weiter</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>Lo&amp;g this print…</source>
        <translation>Diesen Druck ins &amp;Logbuch…</translation>
    </message>
    <message>
        <source>Into the logbook: when it was done, what it weighs, how it came out (Ctrl+L)</source>
        <translation>Ins Logbuch: wann er fertig war, was er wiegt, wie er gelungen ist (Strg+L)</translation>
    </message>
    <message>
        <source>with 80 % due %1</source>
        <comment>between two times</comment>
        <translation>mit 80 % fällig %1</translation>
    </message>
    <message numerus="yes">
        <source>, by %n print(s)</source>
        <translation>
            <numerusform>, nach %n Druck</numerusform>
            <numerusform>, nach %n Drucken</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>with 80 % its last moment is %1</source>
        <comment>between two times</comment>
        <translation>mit 80 % ist der letzte Augenblick %1</translation>
    </message>
    <message>
        <source>%1 (its end %2)</source>
        <translation>%1 (Ende %2)</translation>
    </message>
</context>
<context>
    <name>vitrail::RunStore</name>
    <message>
        <source>The runs of earlier sessions cannot be read: %1 They were set aside as %2.</source>
        <translation>Die Läufe früherer Sitzungen sind nicht zu lesen: %1 Sie wurden als %2 beiseitegelegt.</translation>
    </message>
    <message>
        <source>The runs of earlier sessions cannot be read: %1 This session&apos;s are not kept.</source>
        <translation>Die Läufe früherer Sitzungen sind nicht zu lesen: %1 Die dieser Sitzung werden nicht behalten.</translation>
    </message>
    <message>
        <source>Due now: %1</source>
        <translation>Jetzt fällig: %1</translation>
    </message>
    <message>
        <source>Due at %1: %2</source>
        <translation>Fällig um %1: %2</translation>
    </message>
    <message>
        <source>The run is not kept: %1</source>
        <translation>Der Lauf wird nicht behalten: %1</translation>
    </message>
</context>
<context>
    <name>vitrail::ScaleDialog</name>
    <message>
        <source>Unit of a model file</source>
        <translation>Einheit einer Modelldatei</translation>
    </message>
    <message>
        <source>File</source>
        <translation>Datei</translation>
    </message>
    <message>
        <source>inches</source>
        <translation>Zoll</translation>
    </message>
    <message>
        <source>centimetres</source>
        <translation>Zentimeter</translation>
    </message>
    <message>
        <source>metres</source>
        <translation>Meter</translation>
    </message>
    <message>
        <source>tenths of a millimetre</source>
        <translation>Zehntelmillimeter</translation>
    </message>
    <message>
        <source>thousandths of a millimetre</source>
        <translation>Tausendstelmillimeter</translation>
    </message>
    <message>
        <source>another factor</source>
        <translation>ein anderer Faktor</translation>
    </message>
    <message>
        <source>It was written in</source>
        <translation>Geschrieben in</translation>
    </message>
    <message>
        <source>Every length times</source>
        <translation>Jede Länge mal</translation>
    </message>
    <message>
        <source>&amp;File</source>
        <translation>&amp;Datei</translation>
    </message>
    <message>
        <source>It was &amp;written in</source>
        <translation>&amp;Geschrieben in</translation>
    </message>
    <message>
        <source>&amp;Every length times</source>
        <translation>&amp;Jede Länge mal</translation>
    </message>
    <message>
        <source>No part is left of this file.</source>
        <translation>Aus dieser Datei ist kein Teil mehr da.</translation>
    </message>
    <message>
        <source>%1 × %2 × %3 mm</source>
        <translation>%1 × %2 × %3 mm</translation>
    </message>
    <message>
        <source>It is %1 now and becomes %2. Bands and paint grow with it.</source>
        <translation>Jetzt ist es %1 und wird %2. Bänder und Bemalung wachsen mit.</translation>
    </message>
</context>
<context>
    <name>vitrail::ScheduleView</name>
    <message>
        <source>Plates on the clock</source>
        <translation>Platten auf der Uhr</translation>
    </message>
    <message>
        <source>Plate %1: %2 to %3, %4</source>
        <translation>Platte %1: %2 bis %3, %4</translation>
    </message>
    <message>
        <source>Plate %1: %2 to %3
%4</source>
        <translation>Platte %1: %2 bis %3
%4</translation>
    </message>
</context>
<context>
    <name>vitrail::SchoolsPage</name>
    <message>
        <source>%1 g</source>
        <translation>%1 g</translation>
    </message>
    <message>
        <source>What to set in the toolpath program</source>
        <translation>Was im Programm für Druckdateien einzustellen ist</translation>
    </message>
    <message>
        <source>set</source>
        <translation>einstellen</translation>
    </message>
    <message>
        <source>to</source>
        <translation>auf</translation>
    </message>
    <message>
        <source>&amp;Use this school</source>
        <translation>Diese Methode &amp;nehmen</translation>
    </message>
    <message>
        <source>&amp;Copy</source>
        <translation>&amp;Kopieren</translation>
    </message>
    <message>
        <source>Five ways to hold it</source>
        <translation>Fünf Arten, es zu halten</translation>
    </message>
    <message>
        <source>Comparing schools</source>
        <translation>Methoden werden verglichen</translation>
    </message>
    <message>
        <source>your own &amp;hour</source>
        <translation>deine eigene &amp;Stunde</translation>
    </message>
    <message>
        <source>Schools of support compared</source>
        <translation>Stützmethoden im Vergleich</translation>
    </message>
    <message>
        <source>materials</source>
        <translation>Materialien</translation>
    </message>
    <message>
        <source>support</source>
        <translation>Stützen</translation>
    </message>
    <message>
        <source>purge and tower</source>
        <translation>Spülung und Turm</translation>
    </message>
    <message>
        <source>changes</source>
        <translation>Wechsel</translation>
    </message>
    <message>
        <source>printing</source>
        <translation>Drucken</translation>
    </message>
    <message>
        <source>cleaning up</source>
        <translation>Nacharbeit</translation>
    </message>
    <message>
        <source>in water</source>
        <translation>im Wasser</translation>
    </message>
    <message>
        <source>faces</source>
        <translation>Flächen</translation>
    </message>
    <message>
        <source>risks</source>
        <translation>Risiken</translation>
    </message>
    <message>
        <source>worth it</source>
        <translation>lohnt</translation>
    </message>
    <message>
        <source>The piece, what touches it, and what stands below</source>
        <translation>Das Stück, was es berührt, und was darunter steht</translation>
    </message>
    <message>
        <source>The body of the support, then its interface; from the project, from your shelf, or neither</source>
        <translation>Der Körper der Stützen, dann ihre Trennschicht; aus dem Projekt, aus deinem Regal, oder keins von beiden</translation>
    </message>
    <message>
        <source>Support and interface, all copies; hover for what each filament takes more</source>
        <translation>Stützen und Trennschicht, alle Kopien; zeige darauf, was jedes Filament mehr braucht</translation>
    </message>
    <message>
        <source>Purge that serves nothing, and fill of the tower</source>
        <translation>Spülung, die nichts nützt, und Füllung des Turms</translation>
    </message>
    <message>
        <source>Changes of filament in the whole print</source>
        <translation>Filamentwechsel im ganzen Druck</translation>
    </message>
    <message>
        <source>The whole print, changes included; what it takes longer than without any support</source>
        <translation>Der ganze Druck mit Wechseln; was er länger dauert als ganz ohne Stützen</translation>
    </message>
    <message>
        <source>A person&apos;s minutes afterwards, by contact, reach, gap and material</source>
        <translation>Minuten eines Menschen danach, nach Kontakt, Reichweite, Abstand und Material</translation>
    </message>
    <message>
        <source>Hours in water, and bowls of it</source>
        <translation>Stunden im Wasser, und Schüsseln davon</translation>
    </message>
    <message>
        <source>Filament, and your own time at the printer and afterwards at the price of your hour</source>
        <translation>Filament, und deine eigene Zeit am Drucker und danach, zum Preis deiner Stunde</translation>
    </message>
    <message>
        <source>What the touched faces look like</source>
        <translation>Wie die berührten Flächen aussehen</translation>
    </message>
    <message>
        <source>What can go wrong</source>
        <translation>Was schiefgehen kann</translation>
    </message>
    <message>
        <source>The price of your own hour from which it pays against the same material</source>
        <translation>Der Preis deiner Stunde, ab dem es sich gegen gleiches Material lohnt</translation>
    </message>
    <message>
        <source>Why</source>
        <translation>Warum</translation>
    </message>
    <message>
        <source>Risks</source>
        <translation>Risiken</translation>
    </message>
    <message>
        <source>Risks of the chosen school</source>
        <translation>Risiken der gewählten Methode</translation>
    </message>
    <message>
        <source>What to set in your toolpath program</source>
        <translation>Im Programm einzustellen</translation>
    </message>
    <message>
        <source>Planning it five times…</source>
        <translation>Fünfmal geplant…</translation>
    </message>
    <message>
        <source>Support: %1</source>
        <translation>Stützen: %1</translation>
    </message>
    <message>
        <source>Copied: what to set in your toolpath program.</source>
        <translation>Kopiert: was in deinem Programm für Druckdateien einzustellen ist.</translation>
    </message>
    <message>
        <source>Change the price of your own hour</source>
        <translation>Den Preis deiner Stunde ändern</translation>
    </message>
    <message>
        <source>Once there is a piece to plan, five ways to hold it stand here beside each other.</source>
        <translation>Sobald es ein Stück zu planen gibt, stehen hier fünf Arten, es zu halten, nebeneinander.</translation>
    </message>
    <message>
        <source>%1 (now)</source>
        <translation>%1 (jetzt)</translation>
    </message>
    <message>
        <source>, interface %1</source>
        <translation>, Trennschicht %1</translation>
    </message>
    <message>
        <source>not on your shelf</source>
        <translation>nicht in deinem Regal</translation>
    </message>
    <message>
        <source>%1 + %2 g</source>
        <translation>%1 + %2 g</translation>
    </message>
    <message>
        <source>%1: %2 g more than without support
</source>
        <translation>%1: %2 g mehr als ohne Stützen
</translation>
    </message>
    <message>
        <source>%1 (+%2)</source>
        <translation>%1 (+%2)</translation>
    </message>
    <message numerus="yes">
        <source>%1, %n bowl(s)</source>
        <translation>
            <numerusform>%1, %n Schüssel</numerusform>
            <numerusform>%1, %n Schüsseln</numerusform>
        </translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>none known</source>
        <translation>keine bekannt</translation>
    </message>
    <message>
        <source>wins here</source>
        <translation>gewinnt hier</translation>
    </message>
    <message>
        <source>the measure</source>
        <translation>das Maß</translation>
    </message>
    <message>
        <source>never pays</source>
        <translation>lohnt nie</translation>
    </message>
    <message>
        <source>pays anyway</source>
        <translation>lohnt ohnehin</translation>
    </message>
    <message>
        <source>from %1 an hour</source>
        <translation>ab %1 je Stunde</translation>
    </message>
    <message>
        <source>It touches %1 cm² of the piece; taking it off takes %2.</source>
        <translation>Sie berührt %1 cm² des Stücks; sie abzunehmen dauert %2.</translation>
    </message>
    <message numerus="yes">
        <source>%1 cm³ dissolve in %2, with %n bowl(s) of water.</source>
        <translation>
            <numerusform>%1 cm³ lösen sich in %2, mit %n Schüssel Wasser.</numerusform>
            <numerusform>%1 cm³ lösen sich in %2, mit %n Schüsseln Wasser.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 %2 g</source>
        <translation>%1 %2 g</translation>
    </message>
    <message>
        <source>More than without support: %1, and %2.</source>
        <translation>Mehr als ohne Stützen: %1, und %2.</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>None known.</source>
        <translation>Keine bekannt.</translation>
    </message>
    <message>
        <source>purge %1 g, tower %2 g; with support %3 g of waste in all</source>
        <translation>Spülung %1 g, Turm %2 g; mit Stützen insgesamt %3 g Abfall</translation>
    </message>
    <message>
        <source>filament %1; the printer&apos;s %2 h at %3; your %4 min at %5 an hour%6. What the schools are ranked by.</source>
        <translation>Filament %1; die %2 h des Druckers zu %3; deine %4 min zu %5 je Stunde%6. Danach sind die Methoden geordnet.</translation>
    </message>
    <message>
        <source> (assumed)</source>
        <translation> (angenommen)</translation>
    </message>
    <message>
        <source>impossible</source>
        <translation>unmöglich</translation>
    </message>
    <message>
        <source>the &amp;printer&apos;s</source>
        <translation>die des &amp;Druckers</translation>
    </message>
    <message>
        <source>Change the price of the printer&apos;s hour</source>
        <translation>Den Preis der Stunde des Druckers ändern</translation>
    </message>
    <message>
        <source>all in</source>
        <translation>insgesamt</translation>
    </message>
    <message>
        <source>waste in all</source>
        <translation>Abfall insgesamt</translation>
    </message>
    <message>
        <source>Everything thrown away: support, interface, purge, tower</source>
        <translation>Alles, was weggeworfen wird: Stützen, Trennschicht, Spülung, Turm</translation>
    </message>
</context>
<context>
    <name>vitrail::ScoreView</name>
    <message>
        <source>Whether ranges hold what they say</source>
        <translation>Ob Spannen halten, was sie sagen</translation>
    </message>
    <message>
        <source>%1 % hold %2 %</source>
        <translation>%1 % halten %2 %</translation>
    </message>
    <message>
        <source>No range has been held against a print yet.</source>
        <translation>Noch keine Spanne wurde gegen einen Druck gehalten.</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>said, and held</source>
        <translation>gesagt, und gehalten</translation>
    </message>
</context>
<context>
    <name>vitrail::SettingsDialog</name>
    <message>
        <source>All settings</source>
        <translation>Alle Einstellungen</translation>
    </message>
    <message>
        <source>only what is &amp;changed</source>
        <translation>nur &amp;Geändertes</translation>
    </message>
    <message>
        <source>No setting has these words.</source>
        <translation>Keine Einstellung hat diese Wörter.</translation>
    </message>
    <message>
        <source>Search the settings</source>
        <translation>Die Einstellungen durchsuchen</translation>
    </message>
    <message>
        <source>Search</source>
        <translation>Suchen</translation>
    </message>
    <message>
        <source>Settings that are not at their defaults</source>
        <translation>Einstellungen, die nicht auf ihrer Vorgabe stehen</translation>
    </message>
    <message>
        <source>Reset %1</source>
        <translation>%1 zurücksetzen</translation>
    </message>
    <message>
        <source>Back to the default: %1</source>
        <translation>Zurück zur Vorgabe: %1</translation>
    </message>
    <message>
        <source>Everything is at its default.</source>
        <translation>Alles steht auf seiner Vorgabe.</translation>
    </message>
</context>
<context>
    <name>vitrail::SettingsForm</name>
    <message>
        <source>Change %1</source>
        <translation>%1 ändern</translation>
    </message>
</context>
<context>
    <name>vitrail::SheetDialog</name>
    <message>
        <source>Which one?</source>
        <translation>Welche?</translation>
    </message>
    <message>
        <source>Variants on the sheet</source>
        <translation>Varianten auf dem Blatt</translation>
    </message>
    <message>
        <source>Figures on the sheet</source>
        <translation>Zahlen auf dem Blatt</translation>
    </message>
    <message>
        <source>Say first what has changed &amp;since the last sheet</source>
        <translation>Erst sagen, was sich &amp;seit dem letzten Blatt geändert hat</translation>
    </message>
    <message>
        <source>A sheet to choose from</source>
        <translation>Ein Blatt zum Auswählen</translation>
    </message>
    <message>
        <source>for your own record</source>
        <translation>für deine eigenen Unterlagen</translation>
    </message>
    <message>
        <source>as it stands</source>
        <translation>wie es steht</translation>
    </message>
    <message>
        <source>&amp;Heading</source>
        <translation>&amp;Überschrift</translation>
    </message>
    <message>
        <source>&amp;For</source>
        <translation>&amp;Für</translation>
    </message>
    <message>
        <source>&amp;Variants</source>
        <translation>&amp;Varianten</translation>
    </message>
    <message>
        <source>Fi&amp;gures</source>
        <translation>&amp;Zahlen</translation>
    </message>
    <message>
        <source>&amp;Write it…</source>
        <translation>&amp;Schreiben…</translation>
    </message>
    <message>
        <source>Only what is chosen here stands on it: pictures, letters to answer by, and figures in plain words.</source>
        <translation>Nur was hier gewählt ist, steht darauf: Bilder, Buchstaben zum Antworten, und Zahlen in einfachen Worten.</translation>
    </message>
</context>
<context>
    <name>vitrail::SheetPage</name>
    <message>
        <source>Run sheet</source>
        <translation>Laufzettel</translation>
    </message>
    <message>
        <source>What to load before the start, every change with its layer stated all ways, and the cautions that apply. Keep it at the printer and tick the changes off.</source>
        <translation>Was vor dem Beginn einzulegen ist, jeder Wechsel mit seiner Schicht in allen Zählweisen, und die Warnungen, die gelten. Leg ihn an den Drucker und hake die Wechsel ab.</translation>
    </message>
    <message>
        <source>&amp;Print…</source>
        <translation>&amp;Drucken…</translation>
    </message>
    <message>
        <source>Save as P&amp;DF…</source>
        <translation>Als P&amp;DF speichern…</translation>
    </message>
    <message>
        <source>PDF (*.pdf)</source>
        <translation>PDF (*.pdf)</translation>
    </message>
    <message>
        <source>Save as &amp;HTML…</source>
        <translation>Als &amp;HTML speichern…</translation>
    </message>
    <message>
        <source>HTML page (*.html)</source>
        <translation>HTML-Seite (*.html)</translation>
    </message>
    <message>
        <source>Save as &amp;CSV…</source>
        <translation>Als &amp;CSV speichern…</translation>
    </message>
    <message>
        <source>Comma-separated values (*.csv)</source>
        <translation>Kommagetrennte Werte (*.csv)</translation>
    </message>
    <message>
        <source>Pages of the run sheet</source>
        <translation>Seiten des Laufzettels</translation>
    </message>
    <message>
        <source>Once there is a plan, the sheet for the printer stands here.</source>
        <translation>Sobald es einen Plan gibt, steht hier der Zettel für den Drucker.</translation>
    </message>
    <message numerus="yes">
        <source>%n page(s)</source>
        <translation>
            <numerusform>%n Seite</numerusform>
            <numerusform>%n Seiten</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n change(s)</source>
        <translation>
            <numerusform>%n Wechsel</numerusform>
            <numerusform>%n Wechsel</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n thing(s) to look at first</source>
        <translation>
            <numerusform>%n Sache vorher ansehen</numerusform>
            <numerusform>%n Sachen vorher ansehen</numerusform>
        </translation>
    </message>
    <message>
        <source>nothing to look at first</source>
        <translation>vorher nichts anzusehen</translation>
    </message>
    <message>
        <source>Save the run sheet</source>
        <translation>Den Laufzettel speichern</translation>
    </message>
    <message>
        <source>The run sheet was saved as %1.</source>
        <translation>Der Laufzettel wurde als %1 gespeichert.</translation>
    </message>
    <message>
        <source>%1 was not saved. %2</source>
        <translation>%1 wurde nicht gespeichert. %2</translation>
    </message>
</context>
<context>
    <name>vitrail::SheetPages</name>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>Look at this before you start</source>
        <translation>Sieh dir das an, bevor du beginnst</translation>
    </message>
    <message>
        <source>Filaments</source>
        <translation>Filamente</translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation>%1 g</translation>
    </message>
    <message>
        <source>%1 m</source>
        <translation>%1 m</translation>
    </message>
    <message>
        <source>Before the start</source>
        <translation>Vor dem Beginn</translation>
    </message>
    <message>
        <source>Changes</source>
        <translation>Wechsel</translation>
    </message>
    <message>
        <source>None: the whole print is in one filament.</source>
        <translation>Keine: der ganze Druck ist in einem Filament.</translation>
    </message>
    <message>
        <source>within layer %1</source>
        <translation>in Schicht %1</translation>
    </message>
    <message>
        <source>before layer %1</source>
        <translation>vor Schicht %1</translation>
    </message>
    <message>
        <source>after layer %1 and part of layer %2 · with %3 mm printed · layer %2 ends at %4 mm</source>
        <translation>nach Schicht %1 und einem Teil von Schicht %2 · bei %3 mm Höhe · Schicht %2 endet bei %4 mm</translation>
    </message>
    <message>
        <source>after layer %1 · with %2 mm printed · layer %3 ends at %4 mm</source>
        <translation>nach Schicht %1 · bei %2 mm Höhe · Schicht %3 endet bei %4 mm</translation>
    </message>
    <message>
        <source>%1 · %2 · purge %3 g · %4</source>
        <translation>%1 · %2 · Spülung %3 g · %4</translation>
    </message>
    <message>
        <source>Slots to refill</source>
        <translation>Nachzuladende Slots</translation>
    </message>
    <message>
        <source>%1: take %2 out, put %3 in, %4</source>
        <translation>%1: %2 heraus, %3 hinein, %4</translation>
    </message>
    <message>
        <source>%1: put %2 in, %3</source>
        <translation>%1: %2 hinein, %3</translation>
    </message>
    <message>
        <source>In all</source>
        <translation>Insgesamt</translation>
    </message>
    <message>
        <source>After the print</source>
        <translation>Nach dem Druck</translation>
    </message>
    <message>
        <source>%1 (%2). </source>
        <translation>%1 (%2). </translation>
    </message>
    <message>
        <source>Cautions</source>
        <translation>Warnungen</translation>
    </message>
    <message>
        <source>%1 · page %2 of %3</source>
        <translation>%1 · Seite %2 von %3</translation>
    </message>
    <message>
        <source>To set in the toolpath program</source>
        <translation>Im Programm für Druckdateien einzustellen</translation>
    </message>
</context>
<context>
    <name>vitrail::ShelfFilamentDialog</name>
    <message>
        <source>Filament on the shelf</source>
        <translation>Filament im Regal</translation>
    </message>
    <message>
        <source>°C</source>
        <translation>°C</translation>
    </message>
    <message>
        <source>Drying temperature</source>
        <translation>Trockentemperatur</translation>
    </message>
    <message>
        <source>h</source>
        <translation>h</translation>
    </message>
    <message>
        <source>Drying time</source>
        <translation>Trockenzeit</translation>
    </message>
    <message>
        <source>as the class</source>
        <translation>wie die Klasse</translation>
    </message>
    <message>
        <source>As the class: %1 h at %2 °C, from memory. The label knows better.</source>
        <translation>Wie die Klasse: %1 h bei %2 °C, aus der Erinnerung. Das Etikett weiß es besser.</translation>
    </message>
    <message>
        <source>&amp;Hatch</source>
        <translation>&amp;Schraffur</translation>
    </message>
    <message>
        <source>Dr&amp;ying</source>
        <translation>&amp;Trocknen</translation>
    </message>
    <message>
        <source>N&amp;otes</source>
        <translation>N&amp;otizen</translation>
    </message>
</context>
<context>
    <name>vitrail::ShelfModel</name>
    <message>
        <source>filament, spool</source>
        <translation>Filament, Spule</translation>
    </message>
    <message>
        <source>class</source>
        <translation>Klasse</translation>
    </message>
    <message>
        <source>left</source>
        <translation>übrig</translation>
    </message>
    <message>
        <source>where</source>
        <translation>wo</translation>
    </message>
    <message>
        <source>dried</source>
        <translation>getrocknet</translation>
    </message>
    <message>
        <source>spool %1</source>
        <translation>Spule %1</translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation>%1 g</translation>
    </message>
    <message>
        <source>–</source>
        <translation>–</translation>
    </message>
    <message>
        <source>draws moisture</source>
        <translation>zieht Feuchtigkeit</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>nicht bekannt</translation>
    </message>
    <message>
        <source>spool %1: %2 g of %3 g left, empty roll %4 g
opened %5, dried %6
%7%8</source>
        <translation>Spule %1: noch %2 g von %3 g, leere Rolle %4 g
geöffnet %5, getrocknet %6
%7%8</translation>
    </message>
    <message>
        <source>%1 · TD %2 mm · %3 mm · %4 g/cm³ · %5 per kg
nozzle %6–%7 °C, bed %8–%9 °C, dry %10 h at %11 °C%12</source>
        <translation>%1 · TD %2 mm · %3 mm · %4 g/cm³ · %5 je kg
Düse %6–%7 °C, Bett %8–%9 °C, trocknen %10 h bei %11 °C%12</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1, %2, in the project as %3</source>
        <translation>%1, %2, im Projekt als %3</translation>
    </message>
</context>
<context>
    <name>vitrail::SlotsView</name>
    <message>
        <source>Slots over time</source>
        <translation>Slots über die Zeit</translation>
    </message>
    <message>
        <source>Which spool sits where and when shows here.</source>
        <translation>Hier erscheint, welche Spule wann wo sitzt.</translation>
    </message>
    <message>
        <source>Refill %1 in layer %2</source>
        <translation>%1 in Schicht %2 nachladen</translation>
    </message>
    <message>
        <source>%1 into %2: %3</source>
        <translation>%1 in %2: %3</translation>
    </message>
    <message>
        <source>layer %1, %2 after the start, %3 o&apos;clock</source>
        <translation>Schicht %1, %2 nach dem Beginn, %3 Uhr</translation>
    </message>
</context>
<context>
    <name>vitrail::SmallRibbon</name>
    <message>
        <source>Its layers</source>
        <translation>Seine Schichten</translation>
    </message>
    <message numerus="yes">
        <source>%n change(s)</source>
        <translation>
            <numerusform>%n Wechsel</numerusform>
            <numerusform>%n Wechsel</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::SpoolDialog</name>
    <message>
        <source>g</source>
        <translation>g</translation>
    </message>
    <message>
        <source>Filament when new</source>
        <translation>Filament, wenn neu</translation>
    </message>
    <message>
        <source>Empty roll</source>
        <translation>Leere Rolle</translation>
    </message>
    <message>
        <source>Left</source>
        <translation>Noch</translation>
    </message>
    <message>
        <source>opened</source>
        <translation>geöffnet</translation>
    </message>
    <message>
        <source>dried</source>
        <translation>getrocknet</translation>
    </message>
    <message>
        <source>Spool</source>
        <translation>Spule</translation>
    </message>
    <message>
        <source>The code printed on the spool, or one of your own.</source>
        <translation>Der Code auf der Spule, oder ein eigener.</translation>
    </message>
    <message>
        <source>which slot, which printer</source>
        <translation>welcher Slot, welcher Drucker</translation>
    </message>
    <message>
        <source>Weigh an empty roll of this kind once; 220 g is from memory.</source>
        <translation>Wiege einmal eine leere Rolle dieser Art; 220 g ist aus der Erinnerung.</translation>
    </message>
    <message>
        <source>&amp;Code</source>
        <translation>&amp;Code</translation>
    </message>
    <message>
        <source>&amp;Filament when new</source>
        <translation>&amp;Filament, wenn neu</translation>
    </message>
    <message>
        <source>&amp;Empty roll</source>
        <translation>&amp;Leere Rolle</translation>
    </message>
    <message>
        <source>&amp;Left</source>
        <translation>&amp;Noch</translation>
    </message>
    <message>
        <source>&amp;Where</source>
        <translation>&amp;Wo</translation>
    </message>
    <message>
        <source>A spool needs a code, so that it can be told from the others.</source>
        <translation>Eine Spule braucht einen Code, damit man sie von den anderen unterscheidet.</translation>
    </message>
    <message>
        <source>Another spool has this code already.</source>
        <translation>Eine andere Spule hat diesen Code schon.</translation>
    </message>
    <message>
        <source>The number of the tag on the spool, if it has one: by it the spool is found again</source>
        <translation>Die Nummer der Marke auf der Spule, falls sie eine hat: daran wird die Spule wiedergefunden</translation>
    </message>
    <message>
        <source>&amp;Tag</source>
        <translation>&amp;Marke</translation>
    </message>
</context>
<context>
    <name>vitrail::StackFront</name>
    <message>
        <source>Difference against number of swaps</source>
        <translation>Unterschied über der Zahl der Handwechsel</translation>
    </message>
    <message numerus="yes">
        <source>%n swap(s): ΔE %1</source>
        <translation>
            <numerusform>%n Handwechsel: ΔE %1</numerusform>
            <numerusform>%n Handwechsel: ΔE %1</numerusform>
        </translation>
    </message>
    <message>
        <source>swaps at most</source>
        <translation>Handwechsel höchstens</translation>
    </message>
    <message>
        <source>mean ΔE to the picture</source>
        <translation>mittleres ΔE zum Bild</translation>
    </message>
</context>
<context>
    <name>vitrail::StackPage</name>
    <message>
        <source>&amp;Search</source>
        <translation>&amp;Suchen</translation>
    </message>
    <message>
        <source>&amp;Use this stack</source>
        <translation>Diesen Stapel &amp;nehmen</translation>
    </message>
    <message>
        <source>What comes nearest</source>
        <translation>Was am nächsten kommt</translation>
    </message>
    <message>
        <source>mean difference over the whole picture</source>
        <translation>mittlerer Unterschied über das ganze Bild</translation>
    </message>
    <message>
        <source>The best stack for each number of swaps</source>
        <translation>Der beste Stapel für jede Zahl von Handwechseln</translation>
    </message>
    <message>
        <source>swaps</source>
        <translation>Handwechsel</translation>
    </message>
    <message>
        <source>ΔE</source>
        <translation>ΔE</translation>
    </message>
    <message>
        <source>gains</source>
        <translation>Gewinn</translation>
    </message>
    <message>
        <source>from the bed upwards</source>
        <translation>vom Bett aufwärts</translation>
    </message>
    <message>
        <source>What this swap buys against one less</source>
        <translation>Was dieser Wechsel gegen einen weniger bringt</translation>
    </message>
    <message>
        <source>Out of what</source>
        <translation>Woraus</translation>
    </message>
    <message>
        <source>Filaments to choose from</source>
        <translation>Filamente zur Wahl</translation>
    </message>
    <message>
        <source>filament</source>
        <translation>Filament</translation>
    </message>
    <message>
        <source>TD mm</source>
        <translation>TD mm</translation>
    </message>
    <message>
        <source>in the stack</source>
        <translation>im Stapel</translation>
    </message>
    <message>
        <source>Transmission distance: so thick it lets a tenth of the light through</source>
        <translation>Transmissionsdicke: so dick lässt es ein Zehntel des Lichts durch</translation>
    </message>
    <message>
        <source>Press Space to go through: may be, must be, not</source>
        <translation>Leertaste geht durch: darf, muss, nicht</translation>
    </message>
    <message>
        <source>may be</source>
        <translation>darf</translation>
    </message>
    <message>
        <source>must be</source>
        <translation>muss</translation>
    </message>
    <message>
        <source>not</source>
        <translation>nicht</translation>
    </message>
    <message>
        <source>Different filaments at most: what the slots hold, or what you have the patience for</source>
        <translation>Verschiedene Filamente höchstens: was die Slots fassen, oder wofür du Geduld hast</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>S&amp;waps at most</source>
        <translation>&amp;Handwechsel höchstens</translation>
    </message>
    <message>
        <source>&amp;Filaments at most</source>
        <translation>&amp;Filamente höchstens</translation>
    </message>
    <message>
        <source>&amp;Height at most</source>
        <translation>Hö&amp;he höchstens</translation>
    </message>
    <message>
        <source>shelf: %1</source>
        <translation>Regal: %1</translation>
    </message>
    <message>
        <source>Nothing to search among: let a filament be in the stack.</source>
        <translation>Nichts, worin zu suchen wäre: lass ein Filament in den Stapel.</translation>
    </message>
    <message>
        <source>More filaments must be in the stack than may be: allow more.</source>
        <translation>Es müssen mehr Filamente in den Stapel, als dürfen: erlaube mehr.</translation>
    </message>
    <message>
        <source>&amp;Stop</source>
        <translation>&amp;Anhalten</translation>
    </message>
    <message>
        <source>Searching…</source>
        <translation>Wird gesucht…</translation>
    </message>
    <message>
        <source>Stopped before anything was found.</source>
        <translation>Angehalten, bevor etwas gefunden war.</translation>
    </message>
    <message>
        <source>Stopped; this is the best so far.</source>
        <translation>Angehalten; das ist bis jetzt der beste.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>cannot keep what must be</source>
        <translation>behält nicht, was muss</translation>
    </message>
    <message>
        <source>All stacks with so many swaps were looked at: there is no better one</source>
        <translation>Alle Stapel mit so vielen Handwechseln wurden angesehen: es gibt keinen besseren</translation>
    </message>
    <message>
        <source>Found by searching; there may be a better one</source>
        <translation>Durch Suchen gefunden; es kann einen besseren geben</translation>
    </message>
    <message>
        <source>Search for the stack that comes nearest to the picture: filaments, their order, and the borders between them.</source>
        <translation>Suche den Stapel, der dem Bild am nächsten kommt: Filamente, ihre Folge und die Grenzen dazwischen.</translation>
    </message>
    <message>
        <source>No stack keeps what must be with so few swaps, filaments and layers. Allow more.</source>
        <translation>Kein Stapel behält, was muss, mit so wenigen Handwechseln, Filamenten und Schichten. Erlaube mehr.</translation>
    </message>
    <message numerus="yes">
        <source>%n swap(s) are enough: all that come after gain ΔE %1 together, which is hardly seen.</source>
        <translation>
            <numerusform>%n Handwechsel genügt: alle weiteren gewinnen zusammen ΔE %1, was man kaum sieht.</numerusform>
            <numerusform>%n Handwechsel genügen: alle weiteren gewinnen zusammen ΔE %1, was man kaum sieht.</numerusform>
        </translation>
    </message>
    <message>
        <source>The last swap still gains; one more may, too.</source>
        <translation>Der letzte Handwechsel gewinnt noch; einer mehr vielleicht auch.</translation>
    </message>
    <message>
        <source>All letters are taken: remove a filament of the project first.</source>
        <translation>Alle Buchstaben sind vergeben: entferne erst ein Filament des Projekts.</translation>
    </message>
    <message>
        <source>Use the stack that was found</source>
        <translation>Den gefundenen Stapel nehmen</translation>
    </message>
    <message>
        <source>&amp;Exactly that high</source>
        <translation>&amp;Genau so hoch</translation>
    </message>
    <message>
        <source>Bands the picture has, and what of them stays</source>
        <translation>Bänder, die das Bild hat, und was davon bleibt</translation>
    </message>
    <message>
        <source>band it has</source>
        <translation>vorhandenes Band</translation>
    </message>
    <message>
        <source>layers</source>
        <translation>Schichten</translation>
    </message>
    <message>
        <source>stays</source>
        <translation>bleibt</translation>
    </message>
    <message>
        <source>Press Space to go through: free, its layers in its filament, or only the border below it</source>
        <translation>Leertaste geht durch: frei, seine Schichten in seinem Filament, oder nur die Grenze darunter</translation>
    </message>
    <message>
        <source>free</source>
        <translation>frei</translation>
    </message>
    <message>
        <source>its layers</source>
        <translation>seine Schichten</translation>
    </message>
    <message>
        <source>border below</source>
        <translation>Grenze darunter</translation>
    </message>
    <message>
        <source>The stack gets all the layers that fit into the height, not fewer</source>
        <translation>Der Stapel bekommt alle Schichten, die in die Höhe passen, nicht weniger</translation>
    </message>
    <message>
        <source>%1–%2</source>
        <translation>%1–%2</translation>
    </message>
    <message>
        <source>A band that stays is higher than the stack may be, or its filament is not to choose from.</source>
        <translation>Ein Band, das bleibt, ist höher, als der Stapel sein darf, oder sein Filament steht nicht zur Wahl.</translation>
    </message>
</context>
<context>
    <name>vitrail::StartsView</name>
    <message>
        <source>Trips to the printer over the hour it begins</source>
        <translation>Gänge zum Drucker über der Stunde des Beginns</translation>
    </message>
    <message numerus="yes">
        <source>Begun %1 it is done %2: %n trip(s)</source>
        <translation>
            <numerusform>Begonnen %1, ist er %2 fertig: %n Gang</numerusform>
            <numerusform>Begonnen %1, ist er %2 fertig: %n Gänge</numerusform>
        </translation>
    </message>
    <message>
        <source>, %1 of them at night</source>
        <translation>, %1 davon nachts</translation>
    </message>
    <message>
        <source>, none at night</source>
        <translation>, keiner nachts</translation>
    </message>
    <message>
        <source>, waits %1 h for the morning</source>
        <translation>, wartet %1 h auf den Morgen</translation>
    </message>
    <message>
        <source>; it would begin at night</source>
        <translation>; er begänne nachts</translation>
    </message>
    <message>
        <source>nobody has to come at these hours</source>
        <translation>in diesen Stunden muss niemand kommen</translation>
    </message>
    <message>
        <source>trips to the printer, by when it begins · hatched: at night · ▼ the best of these hours</source>
        <translation>Gänge zum Drucker, nach Beginn · schraffiert: nachts · ▼ der beste dieser Stunden</translation>
    </message>
</context>
<context>
    <name>vitrail::StripsPage</name>
    <message>
        <source>&amp;Locked</source>
        <translation>&amp;Festgelegt</translation>
    </message>
    <message>
        <source>As &amp;computed</source>
        <translation>Wie &amp;berechnet</translation>
    </message>
    <message>
        <source>Show &amp;me</source>
        <translation>&amp;Zeigen</translation>
    </message>
    <message>
        <source>What each change purges</source>
        <translation>Was jeder Wechsel spült</translation>
    </message>
    <message>
        <source>The chosen pair</source>
        <translation>Das gewählte Paar</translation>
    </message>
    <message>
        <source>as the filament</source>
        <translation>wie das Filament</translation>
    </message>
    <message>
        <source>Colour difference at which this pair counts as clean</source>
        <translation>Farbabstand, bei dem dieses Paar als sauber gilt</translation>
    </message>
    <message>
        <source>Clean at Δ&amp;E, this pair</source>
        <translation>Sauber bei Δ&amp;E, dieses Paar</translation>
    </message>
    <message>
        <source>why it must stay</source>
        <translation>warum es bleiben muss</translation>
    </message>
    <message>
        <source>Reason of the lock</source>
        <translation>Grund der Festlegung</translation>
    </message>
    <message>
        <source>The volume stays whatever else changes: levels, calibration, colours</source>
        <translation>Das Volumen bleibt, was sich auch sonst ändert: Stufen, Kalibrierung, Farben</translation>
    </message>
    <message>
        <source>Drops what was set by hand for this pair</source>
        <translation>Verwirft, was für dieses Paar von Hand gesetzt wurde</translation>
    </message>
    <message>
        <source>When it counts as clean</source>
        <translation>Wann es als sauber gilt</translation>
    </message>
    <message>
        <source>Whole project, Δ&amp;E</source>
        <translation>Ganzes Projekt, Δ&amp;E</translation>
    </message>
    <message>
        <source>Level for each filament</source>
        <translation>Stufe für jedes Filament</translation>
    </message>
    <message>
        <source>a change to</source>
        <translation>ein Wechsel auf</translation>
    </message>
    <message>
        <source>counts as clean</source>
        <translation>gilt als sauber</translation>
    </message>
    <message>
        <source>Change the level of %1 to %2</source>
        <translation>Die Stufe von %1 auf %2 ändern</translation>
    </message>
    <message>
        <source>Change the reason of a lock</source>
        <translation>Den Grund einer Festlegung ändern</translation>
    </message>
    <message>
        <source>Purge %1 to %2 as computed</source>
        <translation>%1 auf %2 wie berechnet spülen</translation>
    </message>
    <message>
        <source>Change when a change counts as clean</source>
        <translation>Ändern, wann ein Wechsel als sauber gilt</translation>
    </message>
    <message>
        <source>Lock the purge of %1 to %2</source>
        <translation>Die Spülung von %1 auf %2 festlegen</translation>
    </message>
    <message>
        <source>Unlock the purge of %1 to %2</source>
        <translation>Die Spülung von %1 auf %2 freigeben</translation>
    </message>
    <message>
        <source>No pair chosen</source>
        <translation>Kein Paar gewählt</translation>
    </message>
    <message>
        <source>%1 %2 → %3 %4</source>
        <translation>%1 %2 → %3 %4</translation>
    </message>
    <message>
        <source> ± %1</source>
        <translation> ± %1</translation>
    </message>
    <message>
        <source>The volume is locked.</source>
        <translation>Das Volumen ist festgelegt.</translation>
    </message>
    <message>
        <source>The cut was set by hand.</source>
        <translation>Der Schnitt wurde von Hand gesetzt.</translation>
    </message>
    <message>
        <source>Another material purges at least %1 mm³, whatever the colour.</source>
        <translation>Anderes Material spült mindestens %1 mm³, welche Farbe auch immer.</translation>
    </message>
    <message>
        <source>The colours are close enough; the nozzle only primes.</source>
        <translation>Die Farben liegen nah genug; die Düse fördert nur vor.</translation>
    </message>
    <message>
        <source>Beyond the cut: %1.</source>
        <translation>Hinter dem Schnitt: %1.</translation>
    </message>
    <message numerus="yes">
        <source>%1 by calibration from %n reading(s)</source>
        <translation>
            <numerusform>%1 nach Kalibrierung aus %n Messung</numerusform>
            <numerusform>%1 nach Kalibrierung aus %n Messungen</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 by your own figures</source>
        <translation>%1 nach deinen eigenen Zahlen</translation>
    </message>
    <message>
        <source>%1 by the machine&apos;s defaults, not calibrated</source>
        <translation>%1 nach den Vorgaben der Maschine, nicht kalibriert</translation>
    </message>
    <message numerus="yes">
        <source>%n pair(s) take half of %1 g. Drag a cut, or move it with the arrow keys.</source>
        <translation>
            <numerusform>%n Paar braucht die Hälfte von %1 g. Zieh einen Schnitt, oder verschieb ihn mit den Pfeiltasten.</numerusform>
            <numerusform>%n Paare brauchen die Hälfte von %1 g. Zieh einen Schnitt, oder verschieb ihn mit den Pfeiltasten.</numerusform>
        </translation>
    </message>
    <message>
        <source> Another %1 g prime nozzles that kept their filament.</source>
        <translation> Weitere %1 g fördern Düsen vor, die ihr Filament behalten haben.</translation>
    </message>
    <message>
        <source>as the project, ΔE %1</source>
        <translation>wie das Projekt, ΔE %1</translation>
    </message>
    <message>
        <source>show surface, ΔE 1</source>
        <translation>Sichtfläche, ΔE 1</translation>
    </message>
    <message>
        <source>normal, ΔE 2</source>
        <translation>normal, ΔE 2</translation>
    </message>
    <message>
        <source>hidden, ΔE 4</source>
        <translation>verdeckt, ΔE 4</translation>
    </message>
    <message>
        <source>Level of %1</source>
        <translation>Stufe von %1</translation>
    </message>
    <message>
        <source>ΔE %1</source>
        <translation>ΔE %1</translation>
    </message>
    <message>
        <source>Purges %1 mm³; clean at ΔE %2 after %3%4 mm³ (dead volume V_d %5, mixing volume V_m %6). %7</source>
        <translation>Spült %1 mm³; sauber bei ΔE %2 nach %3%4 mm³ (Totvolumen V_d %5, Mischvolumen V_m %6). %7</translation>
    </message>
</context>
<context>
    <name>vitrail::StripsView</name>
    <message>
        <source>Purge strips</source>
        <translation>Spülsträhnen</translation>
    </message>
    <message>
        <source>%1 to %2: %3 mm³, %4 times</source>
        <translation>%1 auf %2: %3 mm³, %4-mal</translation>
    </message>
    <message>
        <source>No nozzle changes its filament, so nothing has to be washed out.</source>
        <translation>Keine Düse wechselt ihr Filament, also ist nichts auszuspülen.</translation>
    </message>
    <message>
        <source>Once there is a plan, every pair of filaments that follow each other in a nozzle is a strip here.</source>
        <translation>Sobald es einen Plan gibt, ist hier jedes Paar von Filamenten, die in einer Düse aufeinander folgen, eine Strähne.</translation>
    </message>
    <message>
        <source>%1 mm³ · %2 g · %3</source>
        <translation>%1 mm³ · %2 g · %3</translation>
    </message>
    <message>
        <source>locked</source>
        <translation>festgelegt</translation>
    </message>
    <message>
        <source>by hand</source>
        <translation>von Hand</translation>
    </message>
    <message>
        <source>other material</source>
        <translation>anderes Material</translation>
    </message>
    <message>
        <source>a prime is enough</source>
        <translation>Vorfördern genügt</translation>
    </message>
    <message>
        <source>clean at ΔE %1</source>
        <translation>sauber bei ΔE %1</translation>
    </message>
    <message numerus="yes">
        <source>%1 · %n time(s) = %2 g</source>
        <translation>
            <numerusform>%1 · %n-mal = %2 g</numerusform>
            <numerusform>%1 · %n-mal = %2 g</numerusform>
        </translation>
    </message>
    <message>
        <source>half of it</source>
        <translation>Hälfte</translation>
    </message>
    <message>
        <source>mm³ out</source>
        <translation>mm³ heraus</translation>
    </message>
    <message>
        <source>This strip is locked%1. Unlock it first.</source>
        <translation>Diese Strähne ist festgelegt%1. Gib sie erst frei.</translation>
    </message>
    <message>
        <source>Purge %1 mm³ from %2 to %3</source>
        <translation>%1 mm³ von %2 auf %3 spülen</translation>
    </message>
    <message>
        <source>after %1 mm³: %2 % of the old one left, %3, ΔE %4 to the new one</source>
        <translation>nach %1 mm³: noch %2 % des alten, %3, ΔE %4 zum neuen</translation>
    </message>
</context>
<context>
    <name>vitrail::SuggestionsPage</name>
    <message>
        <source>Suggestions</source>
        <translation>Vorschläge</translation>
    </message>
    <message>
        <source>what</source>
        <translation>was</translation>
    </message>
    <message>
        <source>changes</source>
        <translation>Wechsel</translation>
    </message>
    <message>
        <source>by hand</source>
        <translation>von Hand</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>gives up</source>
        <translation>gibt auf</translation>
    </message>
    <message>
        <source>&amp;Preview</source>
        <translation>&amp;Vorschau</translation>
    </message>
    <message>
        <source>&amp;Apply</source>
        <translation>&amp;Anwenden</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>other &amp;poses too</source>
        <translation>auch andere &amp;Lagen</translation>
    </message>
    <message>
        <source>Working suggestions out</source>
        <translation>Vorschläge werden ausgerechnet</translation>
    </message>
    <message>
        <source>Plans every pose the piece can stand in, which slices it again for each: takes a while.</source>
        <translation>Plant jede Lage, in der das Stück stehen kann, und zerlegt es dafür jedes Mal neu: dauert eine Weile.</translation>
    </message>
    <message>
        <source>Shows the plan as it would be, everywhere in the window; nothing is changed yet</source>
        <translation>Zeigt überall im Fenster den Plan, wie er wäre; noch ist nichts geändert</translation>
    </message>
    <message>
        <source>Working it out…</source>
        <translation>Wird ausgerechnet…</translation>
    </message>
    <message>
        <source>g</source>
        <translation>g</translation>
    </message>
    <message>
        <source>min</source>
        <translation>min</translation>
    </message>
    <message>
        <source>so already</source>
        <translation>schon so</translation>
    </message>
    <message>
        <source>%1 mm³ recoloured</source>
        <translation>%1 mm³ umgefärbt</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>%1. Now %2 changes, %3 g and %4; then %5 changes, %6 g and %7.</source>
        <translation>%1. Jetzt %2 Wechsel, %3 g und %4; dann %5 Wechsel, %6 g und %7.</translation>
    </message>
    <message>
        <source>purge</source>
        <translation>Spülung</translation>
    </message>
    <message>
        <source>tower</source>
        <translation>Turm</translation>
    </message>
    <message>
        <source>waste</source>
        <translation>Abfall</translation>
    </message>
    <message>
        <source>Purge that serves nothing</source>
        <translation>Spülung, die nichts nützt</translation>
    </message>
    <message>
        <source>Fill of tower and skirt, ooze wall</source>
        <translation>Füllung von Turm und Schürze, Tropfwand</translation>
    </message>
    <message>
        <source>Everything thrown away: purge, tower, support and interface</source>
        <translation>Alles, was weggeworfen wird: Spülung, Turm, Stützen und Trennschicht</translation>
    </message>
</context>
<context>
    <name>vitrail::SupportsBench</name>
    <message>
        <source>Schools</source>
        <translation>Methoden</translation>
    </message>
    <message>
        <source>What is held</source>
        <translation>Was gehalten wird</translation>
    </message>
    <message>
        <source>Interface</source>
        <translation>Trennschicht</translation>
    </message>
    <message>
        <source>What would need less support</source>
        <translation>Was weniger Stützen bräuchte</translation>
    </message>
    <message>
        <source>Each has been planned: the figures are exact. Interfaces at other heights, fewer of them, other supports, a cut, other poses.</source>
        <translation>Jeder ist geplant: die Zahlen sind genau. Trennschichten auf anderer Höhe, weniger davon, andere Stützen, ein Schnitt, andere Lagen.</translation>
    </message>
    <message>
        <source>Nothing here would save support, changes or time.</source>
        <translation>Nichts hier sparte Stützen, Wechsel oder Zeit.</translation>
    </message>
    <message>
        <source>Choose a school or switch support on, then what could be saved stands here.</source>
        <translation>Wähle eine Methode oder schalte Stützen ein, dann steht hier, was sich sparen ließe.</translation>
    </message>
    <message>
        <source>Less of it</source>
        <translation>Weniger davon</translation>
    </message>
</context>
<context>
    <name>vitrail::Tally</name>
    <message>
        <source>Pin</source>
        <translation>Anheften</translation>
    </message>
    <message>
        <source>Keep this plan as the one that later plans are measured against</source>
        <translation>Diesen Plan als den behalten, an dem spätere gemessen werden</translation>
    </message>
    <message>
        <source>waste ÷ piece</source>
        <translation>Abfall ÷ Stück</translation>
    </message>
    <message>
        <source>purge</source>
        <translation>Spülung</translation>
    </message>
    <message>
        <source>changes</source>
        <translation>Wechsel</translation>
    </message>
    <message>
        <source>hand swaps</source>
        <translation>Handwechsel</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>money</source>
        <translation>Geld</translation>
    </message>
    <message>
        <source>There are changes that are not saved</source>
        <translation>Es gibt Änderungen, die nicht gespeichert sind</translation>
    </message>
    <message>
        <source>no model yet</source>
        <translation>noch kein Modell</translation>
    </message>
    <message>
        <source>Known once there is a plan</source>
        <translation>Bekannt, sobald es einen Plan gibt</translation>
    </message>
    <message>
        <source>%1 · %2 layers · %3</source>
        <translation>%1 · %2 Schichten · %3</translation>
    </message>
    <message>
        <source>1 copy</source>
        <translation>1 Kopie</translation>
    </message>
    <message>
        <source>%1 copies</source>
        <translation>%1 Kopien</translation>
    </message>
    <message>
        <source>%1 pieces</source>
        <translation>%1 Stücke</translation>
    </message>
    <message>
        <source>(purge %1 g + tower fill %2 g + support %3 g) ÷ piece %4 g</source>
        <translation>(Spülung %1 g + Turmfüllung %2 g + Stützen %3 g) ÷ Stück %4 g</translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation>%1 g</translation>
    </message>
    <message>
        <source>The purge of %1 changes, %2 mm³ in all. No order of these layers purges less than %3.
%6Not in it: %4 g to fill the nozzles at the start%5.</source>
        <translation>Die Spülung von %1 Wechseln, insgesamt %2 mm³. Keine Reihenfolge dieser Schichten spült weniger als %3.
%6Nicht darin: %4 g, um zu Beginn die Düsen zu füllen%5.</translation>
    </message>
    <message>
        <source>%1 mm³: this one is proven the best</source>
        <translation>%1 mm³: diese ist bewiesen die beste</translation>
    </message>
    <message>
        <source>%1 mm³: a gap of %2 mm³ or %3 %</source>
        <translation>%1 mm³: ein Abstand von %2 mm³ oder %3 %</translation>
    </message>
    <message>
        <source>, and %1 g of fill that lets the tower stand.
The tower is %2 mm square and %3 mm tall (%4 times its width) and takes %5 % of all filament</source>
        <translation>, und %1 g Füllung, damit der Turm steht.
Der Turm ist %2 mm im Quadrat und %3 mm hoch (das %4-Fache seiner Breite) und nimmt %5 % allen Filaments</translation>
    </message>
    <message>
        <source>%1 g of it are put to use and do not count here.
</source>
        <translation>%1 g davon werden genutzt und zählen hier nicht.
</translation>
    </message>
    <message>
        <source>Which filament sits on which nozzle is proven too.
</source>
        <translation>Auch welches Filament auf welcher Düse sitzt, ist bewiesen.
</translation>
    </message>
    <message>
        <source>Which filament sits on which nozzle was searched: at most %1 % from the best.
</source>
        <translation>Welches Filament auf welcher Düse sitzt, wurde gesucht: höchstens %1 % vom Besten.
</translation>
    </message>
    <message>
        <source>%1 by hand, %2 by a feeder, %3 to another nozzle.</source>
        <translation>%1 von Hand, %2 durch einen Feeder, %3 auf eine andere Düse.</translation>
    </message>
    <message>
        <source>No order takes fewer than %1: a gap of %2.</source>
        <translation>Keine Reihenfolge braucht weniger als %1: ein Abstand von %2.</translation>
    </message>
    <message>
        <source>No order takes fewer than %1.</source>
        <translation>Keine Reihenfolge braucht weniger als %1.</translation>
    </message>
    <message>
        <source>Somebody is at the printer for %1 in all. %2</source>
        <translation>Jemand ist insgesamt %1 am Drucker. %2</translation>
    </message>
    <message>
        <source>printing %1 + changing %2</source>
        <translation>Drucken %1 + Wechseln %2</translation>
    </message>
    <message>
        <source>filament %1 + your time %2</source>
        <translation>Filament %1 + deine Zeit %2</translation>
    </message>
    <message>
        <source>against the
pinned plan</source>
        <translation>gegen den
angehefteten</translation>
    </message>
    <message>
        <source>Which filament sits on which nozzle was searched, not proven.
</source>
        <translation>Welches Filament auf welcher Düse sitzt, wurde gesucht, nicht bewiesen.
</translation>
    </message>
    <message>
        <source> · each %1, %2</source>
        <translation> · je %1, %2</translation>
    </message>
    <message>
        <source>%1  %2 – %3</source>
        <translation>%1  %2 – %3</translation>
    </message>
    <message>
        <source>By the logbook between %1 and %2, with 80 %</source>
        <translation>Nach dem Logbuch zwischen %1 und %2, mit 80 %</translation>
    </message>
    <message numerus="yes">
        <source>, from %n print(s).</source>
        <translation>
            <numerusform>, aus %n Druck.</numerusform>
            <numerusform>, aus %n Drucken.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::TeachPage</name>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source>&amp;Switch off</source>
        <translation>Ab&amp;schalten</translation>
    </message>
    <message>
        <source>&amp;Leave this print out</source>
        <translation>Diesen Druck &amp;weglassen</translation>
    </message>
    <message>
        <source>What the prints teach</source>
        <translation>Was die Drucke lehren</translation>
    </message>
    <message>
        <source>Factors</source>
        <translation>Faktoren</translation>
    </message>
    <message>
        <source>of what</source>
        <translation>wovon</translation>
    </message>
    <message>
        <source>where</source>
        <translation>wo</translation>
    </message>
    <message>
        <source>factor</source>
        <translation>Faktor</translation>
    </message>
    <message>
        <source>next: 80 %</source>
        <translation>nächster: 80 %</translation>
    </message>
    <message>
        <source>prints</source>
        <translation>Drucke</translation>
    </message>
    <message>
        <source>Where it comes from</source>
        <translation>Woher er kommt</translation>
    </message>
    <message>
        <source>The plan&apos;s own figure stands then, with the spread of a guess</source>
        <translation>Dann gilt die Zahl des Plans, mit der Streuung einer Schätzung</translation>
    </message>
    <message>
        <source>The open project, as the logbook sees it</source>
        <translation>Das offene Projekt, wie das Logbuch es sieht</translation>
    </message>
    <message>
        <source>Ranges for the open project</source>
        <translation>Spannen für das offene Projekt</translation>
    </message>
    <message>
        <source>by the plan</source>
        <translation>nach dem Plan</translation>
    </message>
    <message>
        <source>with 80 % between</source>
        <translation>mit 80 % zwischen</translation>
    </message>
    <message>
        <source>from</source>
        <translation>von</translation>
    </message>
    <message>
        <source>Do ranges hold what they say?</source>
        <translation>Halten Spannen, was sie sagen?</translation>
    </message>
    <message>
        <source>&amp;Count this print</source>
        <translation>Diesen Druck &amp;zählen</translation>
    </message>
    <message>
        <source>off</source>
        <translation>aus</translation>
    </message>
    <message>
        <source>%1 ± %2</source>
        <translation>%1 ± %2</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>It changed %1</source>
        <translation>Es änderte sich %1</translation>
    </message>
    <message numerus="yes">
        <source>Of %n figure(s) with a range</source>
        <translation>
            <numerusform>Von %n Zahl mit Spanne</numerusform>
            <numerusform>Von %n Zahlen mit Spanne</numerusform>
        </translation>
    </message>
    <message>
        <source>, %1 % came out within their 80 %.</source>
        <translation> kamen %1 % innerhalb ihrer 80 %.</translation>
    </message>
    <message>
        <source>&amp;Switch on</source>
        <translation>Ein&amp;schalten</translation>
    </message>
    <message>
        <source>A factor is what comes out, divided by what the plan says: 1.12 of printing means an eighth more. It is pulled towards 1 while there are few prints.</source>
        <translation>Ein Faktor ist, was herauskommt, geteilt durch das, was der Plan sagt: 1,12 beim Drucken heißt ein Achtel mehr. Er wird zu 1 gezogen, solange es wenige Drucke gibt.</translation>
    </message>
    <message>
        <source>▲ Since %1 it is %2 % more; only what came since teaches.</source>
        <translation>▲ Seit %1 ist es %2 % mehr; nur was seitdem kam, lehrt.</translation>
    </message>
    <message>
        <source>▲ Since %1 it is %2 % less; only what came since teaches.</source>
        <translation>▲ Seit %1 ist es %2 % weniger; nur was seitdem kam, lehrt.</translation>
    </message>
    <message>
        <source>Too far from the others to count: %1.</source>
        <translation>Zu weit von den anderen, um zu zählen: %1.</translation>
    </message>
    <message>
        <source>Switched off: the plan&apos;s own figure stands.</source>
        <translation>Abgeschaltet: es gilt die Zahl des Plans.</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>piece</source>
        <translation>Stück</translation>
    </message>
    <message>
        <source>purge</source>
        <translation>Spülung</translation>
    </message>
    <message>
        <source>tower</source>
        <translation>Turm</translation>
    </message>
    <message>
        <source>cleaning up</source>
        <translation>Nacharbeit</translation>
    </message>
    <message>
        <source>soaking</source>
        <translation>Einweichen</translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation>%1 g</translation>
    </message>
    <message>
        <source>%1 and %2</source>
        <translation>%1 und %2</translation>
    </message>
    <message numerus="yes">
        <source>%n print(s)</source>
        <translation>
            <numerusform>%n Druck</numerusform>
            <numerusform>%n Drucke</numerusform>
        </translation>
    </message>
    <message>
        <source>a guess</source>
        <translation>eine Schätzung</translation>
    </message>
    <message>
        <source>No print of this kind is in the logbook yet</source>
        <translation>Noch kein Druck dieser Art steht im Logbuch</translation>
    </message>
    <message>
        <source>Switch a factor on</source>
        <translation>Einen Faktor einschalten</translation>
    </message>
    <message>
        <source>Switch a factor off</source>
        <translation>Einen Faktor abschalten</translation>
    </message>
    <message>
        <source>Leave a print out, or count it</source>
        <translation>Einen Druck weglassen oder zählen</translation>
    </message>
    <message>
        <source>Start a&amp;new</source>
        <translation>Neu &amp;beginnen</translation>
    </message>
    <message>
        <source>Into a &amp;machine file…</source>
        <translation>In eine &amp;Maschinendatei…</translation>
    </message>
    <message>
        <source>Writes the open project&apos;s machine with what its prints taught: whoever prints with that file starts from there</source>
        <translation>Schreibt die Maschine des offenen Projekts mit dem, was ihre Drucke gelehrt haben: wer mit dieser Datei druckt, beginnt da</translation>
    </message>
    <message>
        <source>Nothing that was printed so far teaches this factor any more: after a repair, or another nozzle. Undo brings it back.</source>
        <translation>Nichts bisher Gedrucktes lehrt diesen Faktor mehr: nach einer Reparatur oder mit anderer Düse. Rückgängig bringt es zurück.</translation>
    </message>
    <message>
        <source>Start a factor anew</source>
        <translation>Einen Faktor neu beginnen</translation>
    </message>
    <message>
        <source>Write the machine with what its prints taught</source>
        <translation>Die Maschine mit dem schreiben, was ihre Drucke gelehrt haben</translation>
    </message>
    <message>
        <source>Machine files (*.json)</source>
        <translation>Maschinendateien (*.json)</translation>
    </message>
    <message numerus="yes">
        <source>%1 was written, with %n factor(s).</source>
        <translation>
            <numerusform>%1 wurde geschrieben, mit %n Faktor.</numerusform>
            <numerusform>%1 wurde geschrieben, mit %n Faktoren.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 was not written. %2</source>
        <translation>%1 wurde nicht geschrieben. %2</translation>
    </message>
</context>
<context>
    <name>vitrail::TotalsPage</name>
    <message>
        <source>What it comes to</source>
        <translation>Was es ausmacht</translation>
    </message>
    <message>
        <source>by the month</source>
        <translation>nach Monaten</translation>
    </message>
    <message>
        <source>by the year</source>
        <translation>nach Jahren</translation>
    </message>
    <message>
        <source>Months or years</source>
        <translation>Monate oder Jahre</translation>
    </message>
    <message>
        <source>Totals</source>
        <translation>Summen</translation>
    </message>
    <message>
        <source>prints</source>
        <translation>Drucke</translation>
    </message>
    <message>
        <source>failed</source>
        <translation>misslungen</translation>
    </message>
    <message>
        <source>in pieces</source>
        <translation>in Stücken</translation>
    </message>
    <message>
        <source>waste</source>
        <translation>Abfall</translation>
    </message>
    <message>
        <source>hours</source>
        <translation>Stunden</translation>
    </message>
    <message>
        <source>trips</source>
        <translation>Gänge</translation>
    </message>
    <message>
        <source>at night</source>
        <translation>nachts</translation>
    </message>
    <message>
        <source>money</source>
        <translation>Geld</translation>
    </message>
    <message>
        <source>saved</source>
        <translation>gespart</translation>
    </message>
    <message>
        <source>What went wrong</source>
        <translation>Was schiefging</translation>
    </message>
    <message>
        <source>fault</source>
        <translation>Fehler</translation>
    </message>
    <message>
        <source>lost</source>
        <translation>verloren</translation>
    </message>
    <message>
        <source>What was in them</source>
        <translation>Was in ihnen war</translation>
    </message>
    <message>
        <source>What failed prints had in them</source>
        <translation>Was in misslungenen Drucken war</translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation>%1 g</translation>
    </message>
    <message>
        <source>%1 kg</source>
        <translation>%1 kg</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>–</source>
        <translation>–</translation>
    </message>
    <message>
        <source>all of it</source>
        <translation>alles</translation>
    </message>
    <message>
        <source>Once prints are logged, what months and years come to stands here.</source>
        <translation>Sobald Drucke eingetragen sind, steht hier, was Monate und Jahre ausmachen.</translation>
    </message>
    <message>
        <source>nobody said</source>
        <translation>niemand sagte es</translation>
    </message>
    <message>
        <source>machine</source>
        <translation>Maschine</translation>
    </message>
    <message>
        <source>material</source>
        <translation>Material</translation>
    </message>
    <message>
        <source>spool</source>
        <translation>Spule</translation>
    </message>
    <message>
        <source>support</source>
        <translation>Stützen</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>What proposals saved</source>
        <translation>Was Vorschläge gespart haben</translation>
    </message>
    <message>
        <source>by</source>
        <translation>von</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>None yet. Proposals that are taken on the benches Changes and Supports are counted here, and the order within layers against that by letter.</source>
        <translation>Noch keine. Hier zählen Vorschläge, die auf den Werkbänken „Wechsel“ und „Stützen“ angenommen werden, und die Reihenfolge in den Schichten gegen die nach Buchstaben.</translation>
    </message>
    <message>
        <source>Measured where it was, else as foretold; of a failed print everything is waste. Saved: by the order within layers, against the same print in the order as assigned; by purge that replaced something; and by every proposal that was taken.</source>
        <translation>Gemessen, wo gemessen wurde, sonst wie vorhergesagt; von einem misslungenen Druck ist alles Abfall. Gespart: durch die Reihenfolge in den Schichten gegen denselben Druck in zugewiesener Reihenfolge; durch Spülung, die etwas ersetzt hat; und durch jeden angenommenen Vorschlag.</translation>
    </message>
    <message>
        <source>piece</source>
        <translation>Stück</translation>
    </message>
    <message>
        <source>setting</source>
        <translation>Einstellung</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>setting, value</comment>
        <translation>%1: %2</translation>
    </message>
</context>
<context>
    <name>vitrail::TourBar</name>
    <message>
        <source>This is a badge of two bodies, a plate and its lettering. Drag to turn it. Beside it is a single layer, as if cut through; below, whatever would spoil the print.</source>
        <translation>Das ist ein Besucherschild aus zwei Körpern, einer Platte und ihrer Schrift. Ziehen dreht es. Daneben eine einzelne Schicht, wie durchgeschnitten; darunter, was den Druck verderben würde.</translation>
    </message>
    <message>
        <source>Filaments have letters. The lettering has been selected in the list of regions: press A or B, and it is printed in that filament. Undo brings the other back.</source>
        <translation>Filamente haben Buchstaben. In der Liste der Bereiche ist die Schrift gewählt: drücke A oder B, und sie wird in diesem Filament gedruckt. Rückgängig bringt das andere zurück.</translation>
    </message>
    <message>
        <source>The ribbon shows the print from its first layer to its last, a row for each filament. The cursor stands where the filament changes; arrow keys move it, Page Up and Page Down go from change to change.</source>
        <translation>Der Verlauf zeigt den Druck von der ersten Schicht bis zur letzten, eine Reihe je Filament. Der Zeiger steht, wo das Filament wechselt; Pfeiltasten bewegen ihn, Bild auf und Bild ab gehen von Wechsel zu Wechsel.</translation>
    </message>
    <message>
        <source>Each change, in every way people count layers: which layer it comes before, after which it stops, and at what height. One layer off, and the lettering has the wrong colour.</source>
        <translation>Jeder Wechsel, in jeder Art, Schichten zu zählen: vor welcher Schicht er kommt, nach welcher er hält und auf welcher Höhe. Eine Schicht daneben, und die Schrift hat die falsche Farbe.</translation>
    </message>
    <message>
        <source>What a change pushes out until the new colour is clean. Each strip fades from one filament into the other; drag the cut, and see what less or more of it costs.</source>
        <translation>Was ein Wechsel herausdrückt, bis die neue Farbe sauber ist. Jede Strähne geht von einem Filament ins andere über; zieh den Schnitt, und sieh, was weniger oder mehr davon kostet.</translation>
    </message>
    <message>
        <source>The sheet for the printer: what to load, what to do before which layer, and the cautions that apply. Print it, or save it. That was all: now open a model of your own.</source>
        <translation>Der Zettel für den Drucker: was einzulegen ist, was vor welcher Schicht zu tun ist, und die Warnungen, die gelten. Drucke ihn, oder speichere ihn. Das war alles: öffne jetzt ein eigenes Modell.</translation>
    </message>
    <message>
        <source>&amp;Back</source>
        <translation>&amp;Zurück</translation>
    </message>
    <message>
        <source>&amp;Leave the tour</source>
        <translation>Rundgang &amp;verlassen</translation>
    </message>
    <message>
        <source>First tour</source>
        <translation>Erster Rundgang</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <comment>step, steps</comment>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>&amp;Next</source>
        <translation>&amp;Weiter</translation>
    </message>
    <message>
        <source>&amp;Done</source>
        <translation>&amp;Fertig</translation>
    </message>
</context>
<context>
    <name>vitrail::VariantCard</name>
    <message>
        <source>&amp;measure</source>
        <translation>&amp;Maß</translation>
    </message>
    <message>
        <source>&amp;Use</source>
        <translation>&amp;Nehmen</translation>
    </message>
    <message>
        <source>M&amp;ore</source>
        <translation>M&amp;ehr</translation>
    </message>
    <message>
        <source>The others are measured against this one</source>
        <translation>Die anderen werden an dieser gemessen</translation>
    </message>
    <message>
        <source>Make it current</source>
        <translation>Zur gültigen machen</translation>
    </message>
    <message>
        <source>&amp;Rename…</source>
        <translation>&amp;Umbenennen…</translation>
    </message>
    <message>
        <source>&amp;Replace by what is on the screen</source>
        <translation>Durch das &amp;ersetzen, was auf dem Bildschirm ist</translation>
    </message>
    <message>
        <source>&amp;Save a picture of it…</source>
        <translation>Eine &amp;Abbildung davon speichern…</translation>
    </message>
    <message>
        <source>&amp;Take away</source>
        <translation>&amp;Wegnehmen</translation>
    </message>
    <message>
        <source>As it stands</source>
        <translation>Wie es steht</translation>
    </message>
    <message>
        <source>%1 · current</source>
        <translation>%1 · gültig</translation>
    </message>
    <message>
        <source>Compare the others with %1</source>
        <translation>Die anderen mit %1 vergleichen</translation>
    </message>
    <message>
        <source>Make %1 current</source>
        <translation>%1 gültig machen</translation>
    </message>
    <message>
        <source>More for %1</source>
        <translation>Mehr zu %1</translation>
    </message>
    <message>
        <source>How %1 will look</source>
        <translation>Wie %1 aussehen wird</translation>
    </message>
    <message>
        <source>%1 in %2</source>
        <translation>%1 in %2</translation>
    </message>
    <message numerus="yes">
        <source> and %n more</source>
        <translation>
            <numerusform> und %n weiterer</numerusform>
            <numerusform> und %n weitere</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::VariantsBench</name>
    <message>
        <source>Side by side</source>
        <translation>Nebeneinander</translation>
    </message>
    <message>
        <source>&amp;Keep what is on the screen</source>
        <translation>Behalten, was auf dem Bildschirm ist</translation>
    </message>
    <message>
        <source>As a variant with a name of its own (Ctrl+K)</source>
        <translation>Als Variante mit eigenem Namen (Strg+K)</translation>
    </message>
    <message>
        <source>Variants side by side</source>
        <translation>Varianten nebeneinander</translation>
    </message>
    <message>
        <source>What one wish costs</source>
        <translation>Was ein Wunsch kostet</translation>
    </message>
    <message>
        <source>What is wanted otherwise</source>
        <translation>Was anders gewünscht ist</translation>
    </message>
    <message>
        <source>In which filament</source>
        <translation>In welchem Filament</translation>
    </message>
    <message>
        <source>Print th&amp;is</source>
        <translation>&amp;Dies drucken</translation>
    </message>
    <message>
        <source>i&amp;n</source>
        <translation>i&amp;n</translation>
    </message>
    <message>
        <source>Keep it as a &amp;variant</source>
        <translation>Als &amp;Variante behalten</translation>
    </message>
    <message>
        <source>For someone who has a say</source>
        <translation>Für jemanden, der mitredet</translation>
    </message>
    <message>
        <source>Sheets that were given, and their answers</source>
        <translation>Blätter, die ausgegeben wurden, und ihre Antworten</translation>
    </message>
    <message>
        <source>sheet of</source>
        <translation>Blatt vom</translation>
    </message>
    <message>
        <source>for</source>
        <translation>für</translation>
    </message>
    <message>
        <source>shown</source>
        <translation>gezeigt</translation>
    </message>
    <message>
        <source>answer</source>
        <translation>Antwort</translation>
    </message>
    <message>
        <source>&amp;Write a sheet…</source>
        <translation>Ein &amp;Blatt schreiben…</translation>
    </message>
    <message>
        <source>PDF, HTML or PNG: pictures, letters to answer by, and only the figures you choose</source>
        <translation>PDF, HTML oder PNG: Bilder, Buchstaben zum Antworten, und nur die Zahlen, die du wählst</translation>
    </message>
    <message>
        <source>&amp;Enter the answer…</source>
        <translation>Die &amp;Antwort eintragen…</translation>
    </message>
    <message>
        <source>There is nothing to keep yet: add a model or a picture.</source>
        <translation>Noch ist nichts aufzuheben: füge ein Modell oder ein Bild hinzu.</translation>
    </message>
    <message>
        <source>Variant %1</source>
        <translation>Variante %1</translation>
    </message>
    <message>
        <source>Keep a variant</source>
        <translation>Eine Variante aufheben</translation>
    </message>
    <message>
        <source>Kept as “%1”. Go on changing; it stays as it is.</source>
        <translation>Aufgehoben als „%1“. Ändere ruhig weiter; sie bleibt, wie sie ist.</translation>
    </message>
    <message>
        <source>Make “%1” current</source>
        <translation>„%1“ gültig machen</translation>
    </message>
    <message>
        <source>Rename a variant</source>
        <translation>Eine Variante umbenennen</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Replace a variant</source>
        <translation>Eine Variante ersetzen</translation>
    </message>
    <message>
        <source>Take a variant away</source>
        <translation>Eine Variante wegnehmen</translation>
    </message>
    <message>
        <source>Once there is a plan, colourings of it can be kept and hung side by side here.</source>
        <translation>Sobald es einen Plan gibt, lassen sich Farbgebungen davon aufheben und hier nebeneinander hängen.</translation>
    </message>
    <message>
        <source>Nothing is kept yet. Keep what is on the screen, then change colours, bands, the machine or anything else, and keep that too: they hang here side by side.</source>
        <translation>Noch ist nichts aufgehoben. Hebe auf, was auf dem Bildschirm ist, dann ändere Farben, Bänder, die Maschine oder etwas anderes, und hebe auch das auf: sie hängen hier nebeneinander.</translation>
    </message>
    <message>
        <source>%1, %2–%3 mm</source>
        <translation>%1, %2–%3 mm</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Choose what should be otherwise: it is planned at once, and nothing is changed.</source>
        <translation>Wähle, was anders sein soll: es wird sofort geplant, und nichts wird geändert.</translation>
    </message>
    <message>
        <source>Nothing changes.</source>
        <translation>Nichts ändert sich.</translation>
    </message>
    <message>
        <source>%1 changes · %2 thrown away · %3 · %4 of material · %5 all in</source>
        <translation>%1 Wechsel · %2 Abfall · %3 · %4 Material · %5 insgesamt</translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation>%1 g</translation>
    </message>
    <message>
        <source>Loading: %1.</source>
        <translation>Belegung: %1.</translation>
    </message>
    <message>
        <source>%1 in %2</source>
        <translation>%1 in %2</translation>
    </message>
    <message>
        <source>Keep a wish as a variant</source>
        <translation>Einen Wunsch als Variante behalten</translation>
    </message>
    <message>
        <source>none yet</source>
        <translation>noch keine</translation>
    </message>
    <message>
        <source>Save the sheet</source>
        <translation>Das Blatt speichern</translation>
    </message>
    <message>
        <source>PDF (*.pdf);;HTML page (*.html);;Picture (*.png)</source>
        <translation>PDF (*.pdf);;HTML-Seite (*.html);;Bild (*.png)</translation>
    </message>
    <message>
        <source>as it stands</source>
        <translation>wie es steht</translation>
    </message>
    <message>
        <source>Give somebody a sheet</source>
        <translation>Jemandem ein Blatt geben</translation>
    </message>
    <message>
        <source>The sheet was saved as %1. Enter the answer here when it comes.</source>
        <translation>Das Blatt wurde als %1 gespeichert. Trage die Antwort hier ein, wenn sie kommt.</translation>
    </message>
    <message>
        <source>Keep an answer</source>
        <translation>Eine Antwort behalten</translation>
    </message>
</context>
<context>
    <name>vitrail::View3d</name>
    <message>
        <source>3D piece</source>
        <translation>Stück in 3D</translation>
    </message>
    <message>
        <source>Arrow keys turn the piece, plus and minus zoom, Home fits it.</source>
        <translation>Pfeiltasten drehen das Stück, Plus und Minus vergrößern und verkleinern, Pos1 passt es ein.</translation>
    </message>
    <message>
        <source>Turn: drag · zoom: wheel · move: right drag · fit: double click · choose a part or a patch: click</source>
        <translation>Drehen: ziehen · Größe: Rad · schieben: rechts ziehen · einpassen: Doppelklick · Teil oder Fleck wählen: Klick</translation>
    </message>
    <message>
        <source>no filament</source>
        <translation>kein Filament</translation>
    </message>
    <message>
        <source>%1 in %2, chosen</source>
        <translation>%1 in %2, gewählt</translation>
    </message>
    <message>
        <source>%1 in %2</source>
        <translation>%1 in %2</translation>
    </message>
</context>
<context>
    <name>vitrail::WedgeDialog</name>
    <message>
        <source>How %1 takes light</source>
        <translation>Wie %1 Licht aufnimmt</translation>
    </message>
    <message>
        <source>&amp;1 Print the wedge</source>
        <translation>&amp;1 Den Keil drucken</translation>
    </message>
    <message>
        <source>&amp;2 Read its photograph</source>
        <translation>&amp;2 Sein Foto lesen</translation>
    </message>
    <message>
        <source>&amp;Or judge by eye</source>
        <translation>&amp;Oder nach Augenmaß</translation>
    </message>
    <message>
        <source>Take it</source>
        <translation>Übernehmen</translation>
    </message>
    <message>
        <source>A small plate with steps of one layer each, over white and over black. Where it is bare white the light on it can be seen. How light falls off from step to step says how much the filament absorbs (K) and scatters (S).</source>
        <translation>Ein Plättchen mit Stufen von je einer Schicht, über Weiß und über Schwarz. Wo es blank weiß ist, sieht man das Licht darauf. Wie das Licht von Stufe zu Stufe abnimmt, sagt, wie viel das Filament schluckt (K) und streut (S).</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>&amp;Steps</source>
        <translation>&amp;Stufen</translation>
    </message>
    <message>
        <source>&amp;Layer height</source>
        <translation>Schicht&amp;höhe</translation>
    </message>
    <message>
        <source>&amp;Write 3MF, STL and plan…</source>
        <translation>3MF, STL und Plan &amp;schreiben…</translation>
    </message>
    <message>
        <source>Nozzle and bed are hot: keep fingers out of a moving machine, and let the plate cool before you take it off.</source>
        <translation>Düse und Bett sind heiß: Finger weg von einer laufenden Maschine, und lass das Plättchen abkühlen, bevor du es abnimmst.</translation>
    </message>
    <message>
        <source>&amp;Open the photograph…</source>
        <translation>Das &amp;Foto öffnen…</translation>
    </message>
    <message>
        <source>What was read</source>
        <translation>Was gelesen wurde</translation>
    </message>
    <message>
        <source>channel</source>
        <translation>Kanal</translation>
    </message>
    <message>
        <source>K, 1/mm</source>
        <translation>K, 1/mm</translation>
    </message>
    <message>
        <source>S, 1/mm</source>
        <translation>S, 1/mm</translation>
    </message>
    <message>
        <source>Absorption, and its standard uncertainty</source>
        <translation>Absorption und ihre Standardunsicherheit</translation>
    </message>
    <message>
        <source>Scattering, and its standard uncertainty</source>
        <translation>Streuung und ihre Standardunsicherheit</translation>
    </message>
    <message>
        <source>The photograph of the wedge</source>
        <translation>Das Foto des Keils</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.webp *.tif *.tiff)</source>
        <translation>Bilder (*.png *.jpg *.jpeg *.webp *.tif *.tiff)</translation>
    </message>
    <message>
        <source>%1 cannot be read.</source>
        <translation>%1 ist nicht zu lesen.</translation>
    </message>
    <message>
        <source>Drag the marks onto the wedge&apos;s corners, the white and the grey; then it is read.</source>
        <translation>Zieh die Marken auf die Ecken des Keils, das Weiß und das Grau; dann wird gelesen.</translation>
    </message>
    <message>
        <source>red</source>
        <translation>rot</translation>
    </message>
    <message>
        <source>green</source>
        <translation>grün</translation>
    </message>
    <message>
        <source>blue</source>
        <translation>blau</translation>
    </message>
    <message>
        <source>%1 ± %2</source>
        <translation>%1 ± %2</translation>
    </message>
    <message numerus="yes">
        <source>%n layer(s) over black</source>
        <translation>
            <numerusform>%n Schicht über Schwarz</numerusform>
            <numerusform>%n Schichten über Schwarz</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n layer(s) over white</source>
        <translation>
            <numerusform>%n Schicht über Weiß</numerusform>
            <numerusform>%n Schichten über Weiß</numerusform>
        </translation>
    </message>
    <message>
        <source>Transmission distance %1 mm. Fields fit within %2 %; the light was uneven by %3 %.</source>
        <translation>Transmissionsdicke %1 mm. Felder passen auf %2 % genau; das Licht war um %3 % ungleich.</translation>
    </message>
    <message>
        <source>Left out, as they lie far from the others: %1.</source>
        <translation>Weggelassen, weil weit von den anderen: %1.</translation>
    </message>
    <message>
        <source>Hold the printed steps over black beside the screen, in daylight, and choose in each row the patch that looks like that step. Less sure than a photograph, but quick.</source>
        <translation>Halte die gedruckten Stufen über Schwarz bei Tageslicht neben den Bildschirm, und wähle in jeder Reihe das Feld, das wie die Stufe aussieht. Weniger sicher als ein Foto, aber schnell.</translation>
    </message>
    <message numerus="yes">
        <source>%n layer(s)</source>
        <translation>
            <numerusform>%n Schicht</numerusform>
            <numerusform>%n Schichten</numerusform>
        </translation>
    </message>
    <message>
        <source>as with a transmission distance of %1 mm</source>
        <translation>wie bei einer Transmissionsdicke von %1 mm</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message numerus="yes">
        <source>Transmission distance %1 mm, from %n row(s); they differ by a factor of %2.</source>
        <translation>
            <numerusform>Transmissionsdicke %1 mm, aus %n Reihe; sie liegen um das %2-Fache auseinander.</numerusform>
            <numerusform>Transmissionsdicke %1 mm, aus %n Reihen; sie liegen um das %2-Fache auseinander.</numerusform>
        </translation>
    </message>
    <message>
        <source>Transmission distance %1 mm, from one row.</source>
        <translation>Transmissionsdicke %1 mm, aus einer Reihe.</translation>
    </message>
    <message>
        <source>Folder for the wedge</source>
        <translation>Ordner für den Keil</translation>
    </message>
    <message>
        <source>white</source>
        <translation>weiß</translation>
    </message>
    <message>
        <source>black</source>
        <translation>schwarz</translation>
    </message>
    <message>
        <source>Written to %1: wedge.3mf, STL files, wedge.html with its plan, wedge.vitrail.</source>
        <translation>In %1 geschrieben: wedge.3mf, STL-Dateien, wedge.html mit dem Plan, wedge.vitrail.</translation>
    </message>
</context>
<context>
    <name>vitrail::WedgePhotoView</name>
    <message>
        <source>upper left</source>
        <translation>oben links</translation>
    </message>
    <message>
        <source>upper right</source>
        <translation>oben rechts</translation>
    </message>
    <message>
        <source>lower right</source>
        <translation>unten rechts</translation>
    </message>
    <message>
        <source>lower left</source>
        <translation>unten links</translation>
    </message>
    <message>
        <source>white</source>
        <translation>weiß</translation>
    </message>
    <message>
        <source>grey</source>
        <translation>grau</translation>
    </message>
    <message>
        <source>The photograph of the wedge, with its marks</source>
        <translation>Das Foto des Keils mit seinen Marken</translation>
    </message>
    <message>
        <source>No photograph yet.</source>
        <translation>Noch kein Foto.</translation>
    </message>
    <message>
        <source>Mark %1 is chosen, at %2, %3. Space goes to the next, arrow keys move it, with Ctrl by ten.</source>
        <translation>Marke %1 ist gewählt, bei %2, %3. Leertaste geht zur nächsten, Pfeiltasten verschieben sie, mit Strg um zehn.</translation>
    </message>
    <message>
        <source>Open a photograph of the printed wedge, beside white paper and a grey card.</source>
        <translation>Öffne ein Foto des gedruckten Keils, neben weißem Papier und einer Graukarte.</translation>
    </message>
</context>
<context>
    <name>vitrail::WeighDialog</name>
    <message>
        <source>g</source>
        <translation>g</translation>
    </message>
    <message>
        <source>On the scale</source>
        <translation>Auf der Waage</translation>
    </message>
    <message>
        <source>Steps of the scale</source>
        <translation>Stufen der Waage</translation>
    </message>
    <message>
        <source>Weigh spool %1</source>
        <translation>Spule %1 wiegen</translation>
    </message>
    <message>
        <source>On the &amp;scale</source>
        <translation>Auf der &amp;Waage</translation>
    </message>
    <message>
        <source>S&amp;teps of the scale</source>
        <translation>S&amp;tufen der Waage</translation>
    </message>
    <message>
        <source>That is less than the empty roll of %1 g: look at the roll&apos;s weight.</source>
        <translation>Das ist weniger als die leere Rolle mit %1 g: sieh dir das Gewicht der Rolle an.</translation>
    </message>
    <message>
        <source>Left: %1 ± %2 g, without the roll of %3 g.</source>
        <translation>Noch %1 ± %2 g, ohne die Rolle mit %3 g.</translation>
    </message>
    <message>
        <source>The shelf says so too.</source>
        <translation>Das Regal sagt es auch.</translation>
    </message>
    <message>
        <source>The shelf says %1 g: prints took %2 g less than was written off.</source>
        <translation>Das Regal sagt %1 g: Drucke haben %2 g weniger gebraucht, als abgeschrieben wurde.</translation>
    </message>
    <message>
        <source>The shelf says %1 g: %2 g more went than was written off.</source>
        <translation>Das Regal sagt %1 g: %2 g mehr sind weg, als abgeschrieben wurde.</translation>
    </message>
</context>
<context>
    <name>vitrail::Welcome</name>
    <message>
        <source>Badge</source>
        <translation>Besucherschild</translation>
    </message>
    <message>
        <source>Two colours, one swap by hand: the shortest way from a model to a sheet for the printer</source>
        <translation>Zwei Farben, ein Handwechsel: der kürzeste Weg vom Modell zum Laufzettel</translation>
    </message>
    <message>
        <source>Lighthouse</source>
        <translation>Leuchtturm</translation>
    </message>
    <message>
        <source>Four colours through one nozzle: bands, a tower, purge, and what each change costs</source>
        <translation>Vier Farben durch eine Düse: Bänder, ein Turm, Spülung, und was jeder Wechsel kostet</translation>
    </message>
    <message>
        <source>Dusk</source>
        <translation>Dämmerung</translation>
    </message>
    <message>
        <source>A picture in thin layers: where bands are cut, and how colours come about</source>
        <translation>Ein Bild in dünnen Schichten: wo Bänder geschnitten werden, und wie Farben entstehen</translation>
    </message>
    <message>
        <source>Rose window</source>
        <translation>Rosenfenster</translation>
    </message>
    <message>
        <source>A panel to be lit from behind, every dot a stack of films</source>
        <translation>Ein Leuchtbild, jeder Punkt ein Stapel von Filmen</translation>
    </message>
    <message>
        <source>Bracket</source>
        <translation>Lampenhalter</translation>
    </message>
    <message>
        <source>Support that comes off: schools, interfaces, what bonds to what</source>
        <translation>Stützen, die abgehen: Methoden, Trennschichten, was woran hält</translation>
    </message>
    <message>
        <source>Signal flags</source>
        <translation>Signalflaggen</translation>
    </message>
    <message>
        <source>Several nozzles: which filament goes on which</source>
        <translation>Mehrere Düsen: welches Filament auf welche kommt</translation>
    </message>
    <message>
        <source>Open day</source>
        <translation>Tag der offenen Tür</translation>
    </message>
    <message>
        <source>An order of many pieces, on plates, by day and by night</source>
        <translation>Ein Auftrag über viele Stücke, auf Platten, bei Tag und bei Nacht</translation>
    </message>
    <message>
        <source>Painted</source>
        <translation>Bemalt</translation>
    </message>
    <message>
        <source>Colours painted on the surface of a single body</source>
        <translation>Farben, auf die Oberfläche eines einzigen Körpers gemalt</translation>
    </message>
    <message>
        <source>Demo projects</source>
        <translation>Beispielprojekte</translation>
    </message>
    <message>
        <source>Projects you had open</source>
        <translation>Projekte, die du offen hattest</translation>
    </message>
    <message>
        <source>What would you like to print?</source>
        <translation>Was möchtest du drucken?</translation>
    </message>
    <message>
        <source>Vitrail works out where colours change, what that costs in filament and hours, and how it costs less. It writes no toolpaths: your own program does, and follows the sheet.</source>
        <translation>Vitrail rechnet aus, wo Farben wechseln, was das an Filament und Stunden kostet und wie es weniger kostet. Es schreibt keine Werkzeugwege: das tut dein eigenes Programm, und es richtet sich nach dem Zettel.</translation>
    </message>
    <message>
        <source>Begin</source>
        <translation>Beginnen</translation>
    </message>
    <message>
        <source>&amp;Show me round: a badge in six steps</source>
        <translation>&amp;Rundgang: ein Schild in sechs Schritten</translation>
    </message>
    <message>
        <source>Does the work on this window, step by step; can be left at any time</source>
        <translation>Tut die Arbeit in diesem Fenster, Schritt für Schritt; lässt sich jederzeit verlassen</translation>
    </message>
    <message>
        <source>Open a &amp;model…</source>
        <translation>Ein &amp;Modell öffnen…</translation>
    </message>
    <message>
        <source>3MF, STL or OBJ; its bodies become parts, each in a filament</source>
        <translation>3MF, STL oder OBJ; seine Körper werden Teile, jedes in einem Filament</translation>
    </message>
    <message>
        <source>Make something of a &amp;picture…</source>
        <translation>Aus einem &amp;Bild etwas machen…</translation>
    </message>
    <message>
        <source>A relief in thin layers, or a panel to be lit from behind</source>
        <translation>Ein Relief in dünnen Schichten, oder ein Leuchtbild</translation>
    </message>
    <message>
        <source>Start an &amp;order…</source>
        <translation>Einen &amp;Auftrag beginnen…</translation>
    </message>
    <message>
        <source>Many pieces by a day: what goes on which plate, and when</source>
        <translation>Viele Stücke bis zu einem Tag: was auf welche Platte kommt, und wann</translation>
    </message>
    <message>
        <source>Open a pro&amp;ject…</source>
        <translation>Ein &amp;Projekt öffnen…</translation>
    </message>
    <message>
        <source>A Vitrail project, *.vitrail</source>
        <translation>Ein Vitrail-Projekt, *.vitrail</translation>
    </message>
    <message>
        <source>&amp;Describe my printer…</source>
        <translation>Meinen D&amp;rucker beschreiben…</translation>
    </message>
    <message>
        <source>By questions that anybody who has it can answer</source>
        <translation>Mit Fragen, die jeder beantworten kann, der ihn hat</translation>
    </message>
    <message>
        <source>Or drop a file anywhere on this window.</source>
        <translation>Oder zieh eine Datei irgendwo auf dieses Fenster.</translation>
    </message>
    <message>
        <source>Filaments have letters: select a region of a piece and press a letter, and it is printed in that filament.</source>
        <translation>Filamente haben Buchstaben: wähle einen Bereich eines Stücks und drücke einen Buchstaben, und er wird in diesem Filament gedruckt.</translation>
    </message>
    <message>
        <source>Try it on a demo</source>
        <translation>Versuch es an einem Beispiel</translation>
    </message>
    <message>
        <source>Go on with</source>
        <translation>Weitermachen mit</translation>
    </message>
    <message>
        <source>Projects you open or save are found here.</source>
        <translation>Projekte, die du öffnest oder speicherst, findest du hier.</translation>
    </message>
</context>
<context>
    <name>vitrail::WhenPage</name>
    <message>
        <source>&amp;Now</source>
        <translation>&amp;Jetzt</translation>
    </message>
    <message>
        <source>Find the &amp;best start</source>
        <translation>Den &amp;besten Beginn suchen</translation>
    </message>
    <message>
        <source>When to come</source>
        <translation>Wann kommen</translation>
    </message>
    <message>
        <source>Begins</source>
        <translation>Beginnt</translation>
    </message>
    <message>
        <source>Be&amp;gins</source>
        <translation>Be&amp;ginnt</translation>
    </message>
    <message>
        <source>Begin this minute</source>
        <translation>In dieser Minute beginnen</translation>
    </message>
    <message>
        <source>What the start is chosen for</source>
        <translation>Wonach der Beginn gewählt wird</translation>
    </message>
    <message>
        <source>nobody comes at night</source>
        <translation>niemand kommt nachts</translation>
    </message>
    <message>
        <source>finished by</source>
        <translation>fertig bis</translation>
    </message>
    <message>
        <source>Finished by</source>
        <translation>Fertig bis</translation>
    </message>
    <message>
        <source>The start within the hours shown that needs nobody at night, else as little as can be; then the fewest trips, then the earliest end</source>
        <translation>Der Beginn in den gezeigten Stunden, der nachts niemanden braucht, sonst so wenig wie möglich; dann die wenigsten Gänge, dann das früheste Ende</translation>
    </message>
    <message>
        <source>Then</source>
        <translation>Danach</translation>
    </message>
    <message>
        <source>&amp;Print another project…</source>
        <translation>&amp;Noch ein Projekt drucken…</translation>
    </message>
    <message>
        <source>&amp;Remove</source>
        <translation>&amp;Entfernen</translation>
    </message>
    <message>
        <source>Projects printed after this one</source>
        <translation>Projekte, die danach gedruckt werden</translation>
    </message>
    <message>
        <source>What counts</source>
        <translation>Was zählt</translation>
    </message>
    <message>
        <source>Once there is a plan, when somebody has to be at the printer stands here.</source>
        <translation>Sobald es einen Plan gibt, steht hier, wann jemand am Drucker sein muss.</translation>
    </message>
    <message>
        <source>Choose when it begins</source>
        <translation>Wählen, wann es beginnt</translation>
    </message>
    <message>
        <source>Within these hours no start is finished by then; this one is done at %1.</source>
        <translation>In diesen Stunden wird bis dahin kein Beginn fertig; dieser ist um %1 fertig.</translation>
    </message>
    <message>
        <source>Begun %1 it is done %2</source>
        <translation>Begonnen %1, ist er %2 fertig</translation>
    </message>
    <message>
        <source>; nobody has to come.</source>
        <translation>; niemand muss kommen.</translation>
    </message>
    <message numerus="yes">
        <source>; %n trip(s)</source>
        <translation>
            <numerusform>; %n Gang</numerusform>
            <numerusform>; %n Gänge</numerusform>
        </translation>
    </message>
    <message>
        <source>, %1 of them at night.</source>
        <translation>, %1 davon nachts.</translation>
    </message>
    <message>
        <source>, none at night.</source>
        <translation>, keiner nachts.</translation>
    </message>
    <message>
        <source>It waits %1 for the morning.</source>
        <translation>Er wartet %1 auf den Morgen.</translation>
    </message>
    <message>
        <source>Somebody has to start it at night.</source>
        <translation>Jemand muss ihn nachts beginnen.</translation>
    </message>
    <message>
        <source>This print is under way; what is at the right counts. It will be done %1.</source>
        <translation>Dieser Druck ist unterwegs; es zählt, was rechts steht. Er wird %1 fertig.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>now %1 · waits</source>
        <translation>jetzt %1 · wartet</translation>
    </message>
    <message>
        <source>now %1 · layer %2</source>
        <translation>jetzt %1 · Schicht %2</translation>
    </message>
    <message>
        <source>Save the visits</source>
        <translation>Die Gänge speichern</translation>
    </message>
    <message>
        <source>Calendar (*.ics)</source>
        <translation>Kalender (*.ics)</translation>
    </message>
    <message>
        <source>The visits were saved as %1: open it with your calendar.</source>
        <translation>Die Gänge wurden als %1 gespeichert: öffne die Datei mit deinem Kalender.</translation>
    </message>
    <message>
        <source>%1 was not saved. %2</source>
        <translation>%1 wurde nicht gespeichert. %2</translation>
    </message>
    <message>
        <source>Print another project</source>
        <translation>Noch ein Projekt drucken</translation>
    </message>
    <message>
        <source>Vitrail projects (*.vitrail)</source>
        <translation>Vitrail-Projekte (*.vitrail)</translation>
    </message>
    <message>
        <source>%1 cannot be printed after it. %2</source>
        <translation>%1 kann nicht danach gedruckt werden. %2</translation>
    </message>
    <message>
        <source>nothing: the printer is free then</source>
        <translation>nichts: der Drucker ist dann frei</translation>
    </message>
    <message>
        <source>%1 · %2</source>
        <translation>%1 · %2</translation>
    </message>
    <message>
        <source>%1, done: %2</source>
        <translation>%1, fertig: %2</translation>
    </message>
    <message>
        <source>With 80 % it is done between %1 and %2</source>
        <comment>two times</comment>
        <translation>Mit 80 % ist er zwischen %1 und %2 fertig</translation>
    </message>
    <message numerus="yes">
        <source>, by %n print(s) in the logbook.</source>
        <translation>
            <numerusform>, nach %n Druck im Logbuch.</numerusform>
            <numerusform>, nach %n Drucken im Logbuch.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::WherePage</name>
    <message>
        <source>Ways for purge compared</source>
        <translation>Wege für Spülung im Vergleich</translation>
    </message>
    <message>
        <source>way</source>
        <translation>Weg</translation>
    </message>
    <message>
        <source>saves</source>
        <translation>spart</translation>
    </message>
    <message>
        <source>put to use</source>
        <translation>genutzt</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>&amp;Use this</source>
        <translation>Diese n&amp;ehmen</translation>
    </message>
    <message>
        <source>What each layer&apos;s purge becomes</source>
        <translation>Was aus der Spülung jeder Schicht wird</translation>
    </message>
    <message>
        <source>What each way would waste</source>
        <translation>Was jeder Weg wegwürfe</translation>
    </message>
    <message>
        <source>The plate</source>
        <translation>Die Platte</translation>
    </message>
    <message>
        <source>How</source>
        <translation>Wie</translation>
    </message>
    <message>
        <source>Parts whose colours do not matter</source>
        <translation>Teile, deren Farben gleichgültig sind</translation>
    </message>
    <message>
        <source>A ticked part is a second piece: it is printed from purge as far as there is any, and else in whatever is loaded</source>
        <translation>Ein angehaktes Teil ist ein Zweitstück: es wird aus Spülung gedruckt, soweit es welche gibt, sonst in dem, was eingelegt ist</translation>
    </message>
    <message>
        <source>Second piece</source>
        <translation>Zweitstück</translation>
    </message>
    <message>
        <source>Purge: %1</source>
        <translation>Spülung: %1</translation>
    </message>
    <message>
        <source>Let a part take purge</source>
        <translation>Ein Teil Spülung aufnehmen lassen</translation>
    </message>
    <message>
        <source>Print a part in its own colour</source>
        <translation>Ein Teil in seiner eigenen Farbe drucken</translation>
    </message>
    <message>
        <source>The tower is %1 mm square and %2 mm tall, %3 times its width; it takes %4 g, %5 % of all filament, of which %6 g only carry.</source>
        <translation>Der Turm ist %1 mm im Quadrat und %2 mm hoch, das %3-Fache seiner Breite; er nimmt %4 g, %5 % allen Filaments, wovon %6 g nur tragen.</translation>
    </message>
    <message>
        <source> From layer %1 on it is %2 mm wide.</source>
        <translation> Ab Schicht %1 ist er %2 mm breit.</translation>
    </message>
    <message>
        <source> A second one, %1 mm wide, ends with layer %2.</source>
        <translation> Ein zweiter, %1 mm breit, endet mit Schicht %2.</translation>
    </message>
    <message>
        <source>The skirt is %1 layers tall; %2 mm³ of purge find no room in it and are thrown out.</source>
        <translation>Die Schürze ist %1 Schichten hoch; %2 mm³ Spülung finden keinen Platz darin und werden ausgeworfen.</translation>
    </message>
    <message>
        <source>No tower: what nothing has use for is thrown out.</source>
        <translation>Kein Turm: was niemand braucht, wird ausgeworfen.</translation>
    </message>
    <message>
        <source> The ooze wall takes %1 g, up to layer %2.</source>
        <translation> Die Tropfwand nimmt %1 g, bis Schicht %2.</translation>
    </message>
    <message>
        <source> It stands %1 mm from the middle of the pieces.</source>
        <translation> Er steht %1 mm von der Mitte der Stücke.</translation>
    </message>
    <message>
        <source> Not everything fits the bed.</source>
        <translation> Nicht alles passt auf das Bett.</translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation>%1 g</translation>
    </message>
    <message>
        <source> g</source>
        <translation> g</translation>
    </message>
    <message>
        <source>purge</source>
        <translation>Spülung</translation>
    </message>
    <message>
        <source>tower</source>
        <translation>Turm</translation>
    </message>
    <message>
        <source>waste</source>
        <translation>Abfall</translation>
    </message>
    <message>
        <source>Purge that serves nothing</source>
        <translation>Spülung, die nichts nützt</translation>
    </message>
    <message>
        <source>Fill of tower and skirt, ooze wall</source>
        <translation>Füllung von Turm und Schürze, Tropfwand</translation>
    </message>
    <message>
        <source>Everything thrown away: purge, tower, support and interface</source>
        <translation>Alles, was weggeworfen wird: Spülung, Turm, Stützen und Trennschicht</translation>
    </message>
</context>
<context>
    <name>vitrail::WindowsView</name>
    <message>
        <source>Nozzle and bed temperatures of the project&apos;s filaments</source>
        <translation>Düsen- und Betttemperaturen der Filamente des Projekts</translation>
    </message>
    <message>
        <source>nozzle °C</source>
        <translation>Düse °C</translation>
    </message>
    <message>
        <source>bed °C</source>
        <translation>Bett °C</translation>
    </message>
    <message>
        <source>✓ %1–%2 suits all</source>
        <translation>✓ %1–%2 für alle</translation>
    </message>
    <message>
        <source>✕ nothing suits all</source>
        <translation>✕ nichts für alle</translation>
    </message>
</context>
</TS>
