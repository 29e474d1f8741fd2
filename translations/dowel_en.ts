<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en_GB" sourcelanguage="en">
<context>
    <name>dowel::app::AsBuiltCard</name>
    <message numerus="yes">
        <source>%n hole(s); every fingering of the target has its holes.</source>
        <translation>
            <numerusform>%n hole, and every fingering of the target finds its own.</numerusform>
            <numerusform>%n holes, and every fingering of the target finds its own.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>dowel::app::ComparePage</name>
    <message numerus="yes">
        <source>Based on %n instrument(s) of this model</source>
        <translation>
            <numerusform>After %n instrument of its kind</numerusform>
            <numerusform>After %n instruments of its kind</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>dowel::app::CorrectPage</name>
    <message numerus="yes">
        <source>Play %n fingering(s)</source>
        <translation>
            <numerusform>Hear one fingering</numerusform>
            <numerusform>Hear %n fingerings</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Present sizes: %1, tube %2. %n cut(s) since the first session.</source>
        <comment>hole sizes, length</comment>
        <translation>
            <numerusform>As it is now: %1, tube %2. One cut since the first listening.</numerusform>
            <numerusform>As it is now: %1, tube %2. %n cuts since the first listening.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Then play %n fingering(s) again.</source>
        <translation>
            <numerusform>Then listen to one fingering.</numerusform>
            <numerusform>Then listen to %n fingerings.</numerusform>
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
</context>
<context>
    <name>dowel::app::Document</name>
    <message numerus="yes">
        <source>%n reading(s) saved.</source>
        <translation>
            <numerusform>One reading is kept.</numerusform>
            <numerusform>%n readings are kept.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n more note(s) do not belong to this instrument.</source>
        <translation>
            <numerusform>One more note is none of this instrument&apos;s.</numerusform>
            <numerusform>%n more notes are none of this instrument&apos;s.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>dowel::app::DriftPicture</name>
    <message numerus="yes">
        <source>%1: mean %2 cents, from %3 to %4, %n note(s)</source>
        <comment>date, cents</comment>
        <translation>
            <numerusform>%1: %2 cents in the mean, from %3 to %4, over %n note</numerusform>
            <numerusform>%1: %2 cents in the mean, from %3 to %4, over %n notes</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>dowel::app::FinishPage</name>
    <message numerus="yes">
        <source>This finish shifted %n other instrument(s) of the shop by %1 to %2 cents.</source>
        <translation>
            <numerusform>This finish has moved %n other instrument of the shop by %1 to %2 cents.</numerusform>
            <numerusform>This finish has moved %n other instruments of the shop by %1 to %2 cents.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>dowel::app::MainWindow</name>
    <message numerus="yes">
        <source>%n entry/entries of this workbook could not be saved yet and will be lost if you leave now.</source>
        <translation>
            <numerusform>One entry of this workbook could not be written to the disk yet. It is lost where the workbook is left now.</numerusform>
            <numerusform>%n entries of this workbook could not be written to the disk yet. They are lost where it is left now.</numerusform>
        </translation>
    </message>
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
            <numerusform>%n instrument laid out; it has its workbook.</numerusform>
            <numerusform>%n instruments laid out; each has its workbook.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>dowel::app::ReadingModel</name>
    <message numerus="yes">
        <source>%n cut(s) ago</source>
        <translation>
            <numerusform>a cut ago</numerusform>
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
one note</numerusform>
            <numerusform>Target
%n notes</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Layout
%n hole(s)</source>
        <translation>
            <numerusform>Layout
one hole</numerusform>
            <numerusform>Layout
%n holes</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Logbook
%n cut(s)</source>
        <translation>
            <numerusform>Logbook
one cut</numerusform>
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
            <numerusform>%n billet of %1 square, %2 long, %3 % of the wood.</numerusform>
            <numerusform>%n billets of %1 square, %2 long, %3 % of the wood.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>dowel::text</name>
    <message numerus="yes">
        <source>Advice: listen to %n fingering(s)</source>
        <translation>
            <numerusform>Advice: listen to one fingering</numerusform>
            <numerusform>Advice: listen to %n fingerings</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>New target: A4 %1 Hz, played at %2 °C, %n fingering(s)</source>
        <comment>hertz, degrees</comment>
        <translation>
            <numerusform>From here on wanted: A4 %1 Hz, played at %2 °C, one fingering</numerusform>
            <numerusform>From here on wanted: A4 %1 Hz, played at %2 °C, %n fingerings</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Tools: %n bit(s), file or knife in steps of %1</source>
        <translation>
            <numerusform>From here on with %n bit, and by file or knife in steps of %1</numerusform>
            <numerusform>From here on with %n bits, and by file or knife in steps of %1</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n node(s)</source>
        <translation>
            <numerusform>%n node along it</numerusform>
            <numerusform>%n nodes along it</numerusform>
        </translation>
    </message>
</context>
</TS>
