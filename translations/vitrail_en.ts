<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en" sourcelanguage="en">
<context>
    <name>vitrail::BaseDialog</name>
    <message numerus="yes">
        <source>Everything above the bed is lifted, and every later change moves by %n layer(s).</source>
        <translation>
            <numerusform>Everything above the bed is lifted, and every later change moves by %n layer.</numerusform>
            <numerusform>Everything above the bed is lifted, and every later change moves by %n layers.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::BedPage</name>
    <message numerus="yes">
        <source>%n piece(s) on %L1 × %L2 mm</source>
        <translation>
            <numerusform>%n piece on %L1 × %L2 mm</numerusform>
            <numerusform>%n pieces on %L1 × %L2 mm</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::ByHandPage</name>
    <message numerus="yes">
        <source>%n job(s) were written into %1, with a list of all parts.</source>
        <translation>
            <numerusform>%n job was written into %1, with a list of all parts.</numerusform>
            <numerusform>%n jobs were written into %1, with a list of all parts.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::CalibrationPage</name>
    <message numerus="yes">
        <source>A hollow column %1 mm tall that changes filament %n time(s). Print it with no purge at all: one wall, no infill, no tower, so that %2 mm³ leave the nozzle with every mm of height. Then measure, above each change, from where on the colour looks clean.</source>
        <translation>
            <numerusform>A hollow column %1 mm tall that changes filament %n time. Print it with no purge at all: one wall, no infill, no tower, so that %2 mm³ leave the nozzle with every mm of height. Then measure, above each change, from where on the colour looks clean.</numerusform>
            <numerusform>A hollow column %1 mm tall that changes filament %n times. Print it with no purge at all: one wall, no infill, no tower, so that %2 mm³ leave the nozzle with every mm of height. Then measure, above each change, from where on the colour looks clean.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source> – %n outlier(s)</source>
        <translation>
            <numerusform> – %n outlier</numerusform>
            <numerusform> – %n outliers</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1, %2 mm, %3: dead volume V_d %4 ± %6, mixing volume V_m %5 ± %7 mm³, %n reading(s)</source>
        <translation>
            <numerusform>%1, %2 mm, %3: dead volume V_d %4 ± %6, mixing volume V_m %5 ± %7 mm³, %n reading</numerusform>
            <numerusform>%1, %2 mm, %3: dead volume V_d %4 ± %6, mixing volume V_m %5 ± %7 mm³, %n readings</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::ColourDialog</name>
    <message numerus="yes">
        <source>%n colour(s) merged into the nearest one that covers more; the farthest is off by ΔE %1.</source>
        <translation>
            <numerusform>%n colour merged into the nearest one that covers more; the farthest is off by ΔE %1.</numerusform>
            <numerusform>%n colours merged into the nearest one that covers more; the farthest is off by ΔE %1.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::CopiesPage</name>
    <message numerus="yes">
        <source>%n of everything fit on one plate</source>
        <translation>
            <numerusform>%n of everything fits on one plate</numerusform>
            <numerusform>%n of everything fit on one plate</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n fit on one plate</source>
        <translation>
            <numerusform>%n fits on one plate</numerusform>
            <numerusform>%n fit on one plate</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::CoreView</name>
    <message numerus="yes">
        <source>%n layer(s) of %1</source>
        <translation>
            <numerusform>%n layer of %1</numerusform>
            <numerusform>%n layers of %1</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::Document</name>
    <message numerus="yes">
        <source>Add %n model file(s)</source>
        <translation>
            <numerusform>Add %n model file</numerusform>
            <numerusform>Add %n model files</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Add %n piece(s)</source>
        <translation>
            <numerusform>Add a piece</numerusform>
            <numerusform>Add %n pieces</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::FilePage</name>
    <message numerus="yes">
        <source>%1 · %n layer(s)</source>
        <translation>
            <numerusform>%1 · %n layer</numerusform>
            <numerusform>%1 · %n layers</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>▲ %n thing(s) would spoil the print</source>
        <translation>
            <numerusform>▲ %n thing would spoil the print</numerusform>
            <numerusform>▲ %n things would spoil the print</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1 was written with what was missing in %n place(s), read again and proven.</source>
        <translation>
            <numerusform>%1 was written with what was missing in %n place, read again and proven.</numerusform>
            <numerusform>%1 was written with what was missing in %n places, read again and proven.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::FindingsPanel</name>
    <message numerus="yes">
        <source>%n off</source>
        <translation>
            <numerusform>%n off</numerusform>
            <numerusform>%n off</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Fix: %n way(s)</source>
        <translation>
            <numerusform>Fix: %n way</numerusform>
            <numerusform>Fix: %n ways</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::GuideWindow</name>
    <message numerus="yes">
        <source>%n page(s) with “%1”</source>
        <translation>
            <numerusform>%n page with “%1”</numerusform>
            <numerusform>%n pages with “%1”</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::HeldPage</name>
    <message numerus="yes">
        <source>%n face(s), %1 cm² in all.</source>
        <translation>
            <numerusform>%n face, %1 cm² in all.</numerusform>
            <numerusform>%n faces, %1 cm² in all.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Thin features are ready to snap in %n place(s).</source>
        <translation>
            <numerusform>Thin features are ready to snap in %n place.</numerusform>
            <numerusform>Thin features are ready to snap in %n places.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::InterfacePage</name>
    <message numerus="yes">
        <source>A gap of %n layer(s): the same material wants about one, a release or soluble one none. Each interface has been planned; the order within layers sees to it that neighbours share changes.</source>
        <translation>
            <numerusform>A gap of %n layer: the same material wants about one, a release or soluble one none. Each interface has been planned; the order within layers sees to it that neighbours share changes.</numerusform>
            <numerusform>A gap of %n layers: the same material wants about one, a release or soluble one none. Each interface has been planned; the order within layers sees to it that neighbours share changes.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::JobsDialog</name>
    <message numerus="yes">
        <source>%n job(s)</source>
        <translation>
            <numerusform>%n job</numerusform>
            <numerusform>%n jobs</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n joint(s) to glue: use the glue as its label says, and air the room.</source>
        <translation>
            <numerusform>%n joint to glue: use the glue as its label says, and air the room.</numerusform>
            <numerusform>%n joints to glue: use the glue as its label says, and air the room.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::LayerBandsDialog</name>
    <message numerus="yes">
        <source>%n layer(s), %1 with one height throughout.</source>
        <translation>
            <numerusform>%n layer, %1 with one height throughout.</numerusform>
            <numerusform>%n layers, %1 with one height throughout.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::LayerWindow</name>
    <message numerus="yes">
        <source>%1 · %n change(s), %2 g purged</source>
        <translation>
            <numerusform>%1 · %n change, %2 g purged</numerusform>
            <numerusform>%1 · %n changes, %2 g purged</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::LogbookStore</name>
    <message numerus="yes">
        <source>%n print(s) of the logbook cannot be read; they stay where they are.</source>
        <translation>
            <numerusform>%n print of the logbook cannot be read; it stays where it is.</numerusform>
            <numerusform>%n prints of the logbook cannot be read; they stay where they are.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n print(s) came from the list.</source>
        <translation>
            <numerusform>%n print came from the list.</numerusform>
            <numerusform>%n prints came from the list.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::MachineEditor</name>
    <message numerus="yes">
        <source>feeder, %n slot(s)</source>
        <translation>
            <numerusform>feeder, %n slot</numerusform>
            <numerusform>feeder, %n slots</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::NozzlesPage</name>
    <message numerus="yes">
        <source> %n refill(s).</source>
        <translation>
            <numerusform> %n refill.</numerusform>
            <numerusform> %n refills.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source> For %n of them the printer waits.</source>
        <translation>
            <numerusform> For %n of them the printer waits.</numerusform>
            <numerusform> For %n of them the printer waits.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n best trade-off(s) between waste and work by hand. A ring marks the plan as it is, a square the least time.</source>
        <translation>
            <numerusform>%n best trade-off between waste and work by hand. A ring marks the plan as it is, a square the least time.</numerusform>
            <numerusform>%n best trade-offs between waste and work by hand. A ring marks the plan as it is, a square the least time.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::OrderListPage</name>
    <message numerus="yes">
        <source>On %1 until %2; %n visit(s)</source>
        <translation>
            <numerusform>On %1 until %2; %n visit</numerusform>
            <numerusform>On %1 until %2; %n visits</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n plate(s) were planned on the way.</source>
        <translation>
            <numerusform>%n plate was planned on the way.</numerusform>
            <numerusform>%n plates were planned on the way.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n piece(s) will be late.</source>
        <translation>
            <numerusform>%n piece will be late.</numerusform>
            <numerusform>%n pieces will be late.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::OrderPage</name>
    <message numerus="yes">
        <source>The lock costs %n change(s) and %1 mm³ of purge.</source>
        <translation>
            <numerusform>The lock costs %n change and %1 mm³ of purge.</numerusform>
            <numerusform>The lock costs %n changes and %1 mm³ of purge.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n change(s)</source>
        <translation>
            <numerusform>%n change</numerusform>
            <numerusform>%n changes</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Proven: no order of these layers takes fewer than %n change(s) or purges less than %1 mm³.</source>
        <translation>
            <numerusform>Proven: no order of these layers takes fewer than %n change or purges less than %1 mm³.</numerusform>
            <numerusform>Proven: no order of these layers takes fewer than %n changes or purges less than %1 mm³.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::OverTimePage</name>
    <message numerus="yes">
        <source>(%n print(s))</source>
        <translation>
            <numerusform>(%n print)</numerusform>
            <numerusform>(%n prints)</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::PaletteBench</name>
    <message numerus="yes">
        <source>%n filament(s) read.</source>
        <translation>
            <numerusform>%n filament read.</numerusform>
            <numerusform>%n filaments read.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::PieceBench</name>
    <message numerus="yes">
        <source>Give %n patch(es) filament %1</source>
        <translation>
            <numerusform>Give %n patch filament %1</numerusform>
            <numerusform>Give %n patches filament %1</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Give %n part(s) filament %1</source>
        <translation>
            <numerusform>Give %n part filament %1</numerusform>
            <numerusform>Give %n parts filament %1</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Remove %n region(s)</source>
        <translation>
            <numerusform>Remove %n region</numerusform>
            <numerusform>Remove %n regions</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Split into %n part(s)</source>
        <translation>
            <numerusform>Split into %n part</numerusform>
            <numerusform>Split into %n parts</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Join %n part(s)</source>
        <translation>
            <numerusform>Join %n part</numerusform>
            <numerusform>Join %n parts</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::PoseDialog</name>
    <message numerus="yes">
        <source>%n change(s)</source>
        <translation>
            <numerusform>%n change</numerusform>
            <numerusform>%n changes</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::PrintDetail</name>
    <message numerus="yes">
        <source>%n layer(s)</source>
        <translation>
            <numerusform>%n layer</numerusform>
            <numerusform>%n layers</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n change(s)</source>
        <translation>
            <numerusform>%n change</numerusform>
            <numerusform>%n changes</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n trip(s) at night</source>
        <translation>
            <numerusform>%n trip at night</numerusform>
            <numerusform>%n trips at night</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::PrintsPage</name>
    <message numerus="yes">
        <source>%n print(s)</source>
        <translation>
            <numerusform>%n print</numerusform>
            <numerusform>%n prints</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::RehearsePage</name>
    <message numerus="yes">
        <source>%n step(s) missed: nobody was there when it was due.</source>
        <translation>
            <numerusform>%n step missed: nobody was there when it was due.</numerusform>
            <numerusform>%n steps missed: nobody was there when it was due.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n line(s) had to be sent again; nothing was lost.</source>
        <translation>
            <numerusform>%n line had to be sent again; nothing was lost.</numerusform>
            <numerusform>%n lines had to be sent again; nothing was lost.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::RescuePage</name>
    <message numerus="yes">
        <source>%n layer(s) more of %1</source>
        <translation>
            <numerusform>%n layer more of %1</numerusform>
            <numerusform>%n layers more of %1</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::RunPanel</name>
    <message numerus="yes">
        <source>, by %n print(s)</source>
        <translation>
            <numerusform>, by %n print</numerusform>
            <numerusform>, by %n prints</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::SchoolsPage</name>
    <message numerus="yes">
        <source>%1, %n bowl(s)</source>
        <translation>
            <numerusform>%1, %n bowl</numerusform>
            <numerusform>%1, %n bowls</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1 cm³ dissolve in %2, with %n bowl(s) of water.</source>
        <translation>
            <numerusform>%1 cm³ dissolve in %2, with %n bowl of water.</numerusform>
            <numerusform>%1 cm³ dissolve in %2, with %n bowls of water.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::SheetPage</name>
    <message numerus="yes">
        <source>%n page(s)</source>
        <translation>
            <numerusform>%n page</numerusform>
            <numerusform>%n pages</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n change(s)</source>
        <translation>
            <numerusform>%n change</numerusform>
            <numerusform>%n changes</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n thing(s) to look at first</source>
        <translation>
            <numerusform>%n thing to look at first</numerusform>
            <numerusform>%n things to look at first</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::SmallRibbon</name>
    <message numerus="yes">
        <source>%n change(s)</source>
        <translation>
            <numerusform>%n change</numerusform>
            <numerusform>%n changes</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::StackFront</name>
    <message numerus="yes">
        <source>%n swap(s): ΔE %1</source>
        <translation>
            <numerusform>%n swap: ΔE %1</numerusform>
            <numerusform>%n swaps: ΔE %1</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::StackPage</name>
    <message numerus="yes">
        <source>%n swap(s) are enough: all that come after gain ΔE %1 together, which is hardly seen.</source>
        <translation>
            <numerusform>%n swap is enough: all that come after gain ΔE %1 together, which is hardly seen.</numerusform>
            <numerusform>%n swaps are enough: all that come after gain ΔE %1 together, which is hardly seen.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::StartsView</name>
    <message numerus="yes">
        <source>Begun %1 it is done %2: %n trip(s)</source>
        <translation>
            <numerusform>Begun %1 it is done %2: %n trip</numerusform>
            <numerusform>Begun %1 it is done %2: %n trips</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::StripsPage</name>
    <message numerus="yes">
        <source>%1 by calibration from %n reading(s)</source>
        <translation>
            <numerusform>%1 by calibration from %n reading</numerusform>
            <numerusform>%1 by calibration from %n readings</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n pair(s) take half of %1 g. Drag a cut, or move it with the arrow keys.</source>
        <translation>
            <numerusform>%n pair takes half of %1 g. Drag a cut, or move it with the arrow keys.</numerusform>
            <numerusform>%n pairs take half of %1 g. Drag a cut, or move it with the arrow keys.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::StripsView</name>
    <message numerus="yes">
        <source>%1 · %n time(s) = %2 g</source>
        <translation>
            <numerusform>%1 · %n time = %2 g</numerusform>
            <numerusform>%1 · %n times = %2 g</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::Tally</name>
    <message numerus="yes">
        <source>, from %n print(s).</source>
        <translation>
            <numerusform>, from %n print.</numerusform>
            <numerusform>, from %n prints.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::TeachPage</name>
    <message numerus="yes">
        <source>Of %n figure(s) with a range</source>
        <translation>
            <numerusform>Of %n figure with a range</numerusform>
            <numerusform>Of %n figures with a range</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n print(s)</source>
        <translation>
            <numerusform>%n print</numerusform>
            <numerusform>%n prints</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1 was written, with %n factor(s).</source>
        <translation>
            <numerusform>%1 was written, with %n factor.</numerusform>
            <numerusform>%1 was written, with %n factors.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::VariantCard</name>
    <message numerus="yes">
        <source> and %n more</source>
        <translation>
            <numerusform> and %n more</numerusform>
            <numerusform> and %n more</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::WedgeDialog</name>
    <message numerus="yes">
        <source>%n layer(s) over black</source>
        <translation>
            <numerusform>%n layer over black</numerusform>
            <numerusform>%n layers over black</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n layer(s) over white</source>
        <translation>
            <numerusform>%n layer over white</numerusform>
            <numerusform>%n layers over white</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n layer(s)</source>
        <translation>
            <numerusform>%n layer</numerusform>
            <numerusform>%n layers</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Transmission distance %1 mm, from %n row(s); they differ by a factor of %2.</source>
        <translation>
            <numerusform>Transmission distance %1 mm, from %n row; they differ by a factor of %2.</numerusform>
            <numerusform>Transmission distance %1 mm, from %n rows; they differ by a factor of %2.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::WhenPage</name>
    <message numerus="yes">
        <source>; %n trip(s)</source>
        <translation>
            <numerusform>; %n trip</numerusform>
            <numerusform>; %n trips</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>, by %n print(s) in the logbook.</source>
        <translation>
            <numerusform>, by %n print in the logbook.</numerusform>
            <numerusform>, by %n prints in the logbook.</numerusform>
        </translation>
    </message>
</context>
</TS>
