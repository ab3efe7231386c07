<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en" sourcelanguage="en">
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
    <name>vitrail::Document</name>
    <message numerus="yes">
        <location filename="../src/app/shell/document.cpp" line="199"/>
        <source>Add %n model file(s)</source>
        <translation>
            <numerusform>Add %n model file</numerusform>
            <numerusform>Add %n model files</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::LayerWindow</name>
    <message numerus="yes">
        <location filename="../src/app/layer_window/layer_window.cpp" line="166"/>
        <source>%1 · %n change(s), %2 g purged</source>
        <translation>
            <numerusform>%1 · %n change, %2 g purged</numerusform>
            <numerusform>%1 · %n changes, %2 g purged</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>vitrail::PieceBench</name>
    <message numerus="yes">
        <location filename="../src/app/piece/piece_bench.cpp" line="300"/>
        <source>Give %n part(s) filament %1</source>
        <translation>
            <numerusform>Give %n part filament %1</numerusform>
            <numerusform>Give %n parts filament %1</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <location filename="../src/app/piece/piece_bench.cpp" line="364"/>
        <source>Remove %n band(s)</source>
        <translation>
            <numerusform>Remove %n band</numerusform>
            <numerusform>Remove %n bands</numerusform>
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
