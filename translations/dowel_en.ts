<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en_GB" sourcelanguage="en">
<context>
    <name>dowel::app::AsBuiltCard</name>
    <message numerus="yes">
        <source>%n hole(s); every fingering of the target has its holes.</source>
        <translation>
            <numerusform>%n hole; every fingering of the target has its holes.</numerusform>
            <numerusform>%n holes; every fingering of the target has its holes.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>dowel::app::BookController</name>
    <message numerus="yes">
        <source>%n entry/entries of this workbook could not be saved yet and will be lost if you leave now.</source>
        <translation>
            <numerusform>%n entry of this workbook could not be saved yet and will be lost if you leave now.</numerusform>
            <numerusform>%n entries of this workbook could not be saved yet and will be lost if you leave now.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>dowel::app::ComparePage</name>
    <message numerus="yes">
        <source>Based on %n instrument(s) of this model</source>
        <translation>
            <numerusform>Based on %n instrument of this model</numerusform>
            <numerusform>Based on %n instruments of this model</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>dowel::app::CorrectPage</name>
    <message numerus="yes">
        <source>Play %n fingering(s)</source>
        <translation>
            <numerusform>Play %n fingering</numerusform>
            <numerusform>Play %n fingerings</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Then play %n fingering(s) again.</source>
        <translation>
            <numerusform>Then play %n fingering again.</numerusform>
            <numerusform>Then play %n fingerings again.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>As last heard: %1 of %2 in tune, %3 sharp; %n cut(s).</source>
        <comment>score</comment>
        <translation>
            <numerusform>As last heard: %1 of %2 in tune, %3 sharp; %n cut.</numerusform>
            <numerusform>As last heard: %1 of %2 in tune, %3 sharp; %n cuts.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Present sizes: %1. %n cut(s) since the first session.</source>
        <comment>of holes and tube</comment>
        <translation>
            <numerusform>Present sizes: %1. %n cut since the first session.</numerusform>
            <numerusform>Present sizes: %1. %n cuts since the first session.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>dowel::app::Document</name>
    <message numerus="yes">
        <source>%n reading(s) saved.</source>
        <translation>
            <numerusform>%n reading saved.</numerusform>
            <numerusform>%n readings saved.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n more note(s) do not belong to this instrument.</source>
        <translation>
            <numerusform>%n more note do not belong to this instrument.</numerusform>
            <numerusform>%n more notes do not belong to this instrument.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>dowel::app::DriftPicture</name>
    <message numerus="yes">
        <source>%1: mean %2 cents, from %3 to %4, %n note(s)</source>
        <comment>date, cents</comment>
        <translation>
            <numerusform>%1: mean %2 cents, from %3 to %4, %n note</numerusform>
            <numerusform>%1: mean %2 cents, from %3 to %4, %n notes</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>dowel::app::FinishPage</name>
    <message numerus="yes">
        <source>This finish shifted %n other instrument(s) of the shop by %1 to %2 cents.</source>
        <translation>
            <numerusform>This finish shifted %n other instrument of the shop by %1 to %2 cents.</numerusform>
            <numerusform>This finish shifted %n other instruments of the shop by %1 to %2 cents.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>dowel::app::MainWindow</name>
    <message numerus="yes">
        <source>%n instrument(s) are being laid out…</source>
        <translation>
            <numerusform>%n instrument is being laid out…</numerusform>
            <numerusform>%n instruments are being laid out…</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n instrument(s) laid out, each in its own workbook.</source>
        <translation>
            <numerusform>%n instrument laid out, each in its own workbook.</numerusform>
            <numerusform>%n instruments laid out, each in its own workbook.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>dowel::app::ReadingModel</name>
    <message numerus="yes">
        <source>%n cut(s) ago</source>
        <translation>
            <numerusform>%n cut ago</numerusform>
            <numerusform>%n cuts ago</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>dowel::app::ShopPage</name>
    <message numerus="yes">
        <source>%1 of %2 in tune, %n cut(s), %3 sharp</source>
        <comment>score of a practice blank</comment>
        <translation>
            <numerusform>%1 of %2 in tune, %n cut, %3 sharp</numerusform>
            <numerusform>%1 of %2 in tune, %n cuts, %3 sharp</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>dowel::app::StageList</name>
    <message numerus="yes">
        <source>Target
%n note(s)</source>
        <translation>
            <numerusform>Target
%n note</numerusform>
            <numerusform>Target
%n notes</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Layout
%n hole(s)</source>
        <translation>
            <numerusform>Layout
%n hole</numerusform>
            <numerusform>Layout
%n holes</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Logbook
%n cut(s)</source>
        <translation>
            <numerusform>Logbook
%n cut</numerusform>
            <numerusform>Logbook
%n cuts</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>dowel::app::StockDialog</name>
    <message numerus="yes">
        <source>%n billet(s) %1 square, %2 long, %3 % of the plank.</source>
        <translation>
            <numerusform>%n billet %1 square, %2 long, %3 % of the plank.</numerusform>
            <numerusform>%n billets %1 square, %2 long, %3 % of the plank.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>dowel::text</name>
    <message numerus="yes">
        <source>Advice: listen to %n fingering(s)</source>
        <translation>
            <numerusform>Advice: listen to %n fingering</numerusform>
            <numerusform>Advice: listen to %n fingerings</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Tools: %n bit(s), file or knife in steps of %1</source>
        <translation>
            <numerusform>Tools: %n bit, file or knife in steps of %1</numerusform>
            <numerusform>Tools: %n bits, file or knife in steps of %1</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n node(s)</source>
        <translation>
            <numerusform>%n node</numerusform>
            <numerusform>%n nodes</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>New target: A4 %1 Hz, played at %2, %n fingering(s)</source>
        <comment>hertz, temperature</comment>
        <translation>
            <numerusform>New target: A4 %1 Hz, played at %2, %n fingering</numerusform>
            <numerusform>New target: A4 %1 Hz, played at %2, %n fingerings</numerusform>
        </translation>
    </message>
</context>
</TS>
