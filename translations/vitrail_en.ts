<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en" sourcelanguage="en">
<context>
    <name>vitrail::BaseDialog</name>
    <message numerus="yes">
        <location filename="../src/app/piece/band_dialogs.cpp" line="119"/>
        <source>Everything above the bed is lifted, and every later change moves by %n layer(s).</source><translation>
            <numerusform>Everything above the bed is lifted, and every later change moves by %n layer.</numerusform>
            <numerusform>Everything above the bed is lifted, and every later change moves by %n layers.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::ChangesBench</name>
    <message numerus="yes">
        <location filename="../src/app/changes/changes_bench.cpp" line="167"/>
        <source>%n change(s)</source>
        <translation>
            <numerusform>%n change</numerusform>
            <numerusform>%n changes</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::ColourDialog</name>
    <message numerus="yes">
        <location filename="../src/app/piece/colour_dialog.cpp" line="115"/>
        <source>%n colour(s) merged into the nearest one that covers more; the farthest is off by ΔE %1.</source><translation>
            <numerusform>%n colour merged into the nearest one that covers more; the farthest is off by ΔE %1.</numerusform>
            <numerusform>%n colours merged into the nearest one that covers more; the farthest is off by ΔE %1.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::Document</name>
    <message numerus="yes">
        <location filename="../src/app/shell/document.cpp" line="237"/>
        <source>Add %n model file(s)</source>
        <translation>
            <numerusform>Add %n model file</numerusform>
            <numerusform>Add %n model files</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::FindingsPanel</name>
    <message numerus="yes">
        <location filename="../src/app/piece/findings_panel.cpp" line="189"/>
        <source>%n off</source><translation>
            <numerusform>%n off</numerusform>
            <numerusform>%n off</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <location filename="../src/app/piece/findings_panel.cpp" line="215"/>
        <source>Fix: %n way(s)</source><translation>
            <numerusform>Fix: %n way</numerusform>
            <numerusform>Fix: %n ways</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::LayerWindow</name>
    <message numerus="yes">
        <location filename="../src/app/layer_window/layer_window.cpp" line="208"/>
        <source>%1 · %n change(s), %2 g purged</source>
        <translation>
            <numerusform>%1 · %n change, %2 g purged</numerusform>
            <numerusform>%1 · %n changes, %2 g purged</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::PaletteBench</name>
    <message numerus="yes">
        <location filename="../src/app/palette/palette_bench.cpp" line="413"/>
        <source>%n filament(s) read.</source><translation>
            <numerusform>%n filament read.</numerusform>
            <numerusform>%n filaments read.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::PieceBench</name>
    <message numerus="yes">
        <location filename="../src/app/piece/piece_bench.cpp" line="348"/>
        <source>Give %n patch(es) filament %1</source><translation>
            <numerusform>Give %n patch filament %1</numerusform>
            <numerusform>Give %n patches filament %1</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <location filename="../src/app/piece/piece_bench.cpp" line="383"/>
        <source>Give %n part(s) filament %1</source>
        <translation>
            <numerusform>Give %n part filament %1</numerusform>
            <numerusform>Give %n parts filament %1</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <location filename="../src/app/piece/piece_bench.cpp" line="454"/>
        <source>Remove %n region(s)</source><translation>
            <numerusform>Remove %n region</numerusform>
            <numerusform>Remove %n regions</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <location filename="../src/app/piece/piece_bench.cpp" line="474"/>
        <source>Split into %n part(s)</source><translation>
            <numerusform>Split into %n part</numerusform>
            <numerusform>Split into %n parts</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <location filename="../src/app/piece/piece_bench.cpp" line="482"/>
        <source>Join %n part(s)</source><translation>
            <numerusform>Join %n part</numerusform>
            <numerusform>Join %n parts</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::PoseDialog</name>
    <message numerus="yes">
        <location filename="../src/app/piece/pose_dialog.cpp" line="142"/>
        <source>%n change(s)</source><translation>
            <numerusform>%n change</numerusform>
            <numerusform>%n changes</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::RunSheetBench</name>
    <message numerus="yes">
        <location filename="../src/app/run_sheet/run_sheet_bench.cpp" line="121"/>
        <source>%n page(s)</source>
        <translation>
            <numerusform>%n page</numerusform>
            <numerusform>%n pages</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <location filename="../src/app/run_sheet/run_sheet_bench.cpp" line="121"/>
        <source>%n change(s)</source>
        <translation>
            <numerusform>%n change</numerusform>
            <numerusform>%n changes</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <location filename="../src/app/run_sheet/run_sheet_bench.cpp" line="122"/>
        <source>%n thing(s) to look at first</source>
        <translation>
            <numerusform>%n thing to look at first</numerusform>
            <numerusform>%n things to look at first</numerusform>
        </translation>
    </message>
</context>
</TS>
