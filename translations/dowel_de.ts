<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de_DE" sourcelanguage="en">
<context>
    <name>Errors</name>
    <message>
        <source>%1 cannot be read: %2. Check the name and the folder.</source>
        <translation>%1 lässt sich nicht lesen: %2. Namen und Ordner prüfen.</translation>
    </message>
    <message>
        <source>Nothing was written to %1: %2. Check the space left and the rights, then try again.</source>
        <translation>Nach %1 wurde nichts geschrieben: %2. Freien Platz und Rechte prüfen, dann noch einmal versuchen.</translation>
    </message>
    <message>
        <source>%1 %2 and is left as it was. Choose the name of a plain file.</source>
        <translation>%1 %2 und bleibt, wie es war. Den Namen einer gewöhnlichen Datei wählen.</translation>
    </message>
    <message>
        <source>%1 %2 and is not overwritten. Choose another name.</source>
        <translation>%1 %2 und wird nicht überschrieben. Einen anderen Namen wählen.</translation>
    </message>
    <message>
        <source>%1 is no Dowel workbook: it %2. Open a .dowel file.</source>
        <translation>%1 ist kein Werkbuch von Dowel: %2. Eine .dowel-Datei öffnen.</translation>
    </message>
    <message>
        <source>%1 was written by a newer Dowel (%2). Open it with that version; it was not changed.</source>
        <translation>%1 wurde von einem neueren Dowel geschrieben (%2). Mit jener Fassung öffnen; hier wurde nichts geändert.</translation>
    </message>
    <message>
        <source>%1 %2. Close it there first.</source>
        <translation>%1 %2. Erst dort schließen.</translation>
    </message>
    <message>
        <source>The workbook is damaged at %1: %2. Open a copy from your backup; this one was not changed.</source>
        <translation>Das Werkbuch ist bei %1 beschädigt: %2. Eine Kopie aus der Sicherung öffnen; dieses wurde nicht geändert.</translation>
    </message>
    <message>
        <source>%1 is not valid JSON: %2. Mend it there.</source>
        <translation>%1 ist kein gültiges JSON: %2. Dort berichtigen.</translation>
    </message>
    <message>
        <source>%1 %2. Remove it or check its spelling.</source>
        <translation>%1 %2. Entfernen oder die Schreibweise prüfen.</translation>
    </message>
    <message>
        <source>%1 %2. Add it.</source>
        <translation>%1 %2. Ergänzen.</translation>
    </message>
    <message>
        <source>%1 does not fit: %2.</source>
        <translation>%1 passt nicht: %2.</translation>
    </message>
    <message>
        <source>That shape cannot be: %1: %2. Correct the measure.</source>
        <translation>Diese Form kann es nicht geben: %1: %2. Das Maß berichtigen.</translation>
    </message>
    <message>
        <source>The fingering cannot be: %1: %2.</source>
        <translation>Diesen Griff kann es nicht geben: %1: %2.</translation>
    </message>
    <message>
        <source>No %1 is called %2. Check its name.</source>
        <translation>Unter „%1“ gibt es kein %2. Den Namen prüfen.</translation>
    </message>
    <message>
        <source>Wood does not grow back: %1: %2. Measure again and type the size it has.</source>
        <translation>Holz wächst nicht nach: %1: %2. Noch einmal messen und das Maß eintragen, das es hat.</translation>
    </message>
    <message>
        <source>No sound could be read from %1: %2. Record the note again.</source>
        <translation>Aus %1 ließ sich kein Klang lesen: %2. Den Ton noch einmal aufnehmen.</translation>
    </message>
    <message>
        <source>No note was taken: %2. Play one note steadily for a second or two.</source>
        <translation>Kein Ton wurde genommen: %2. Einen Ton ein, zwei Sekunden ruhig spielen.</translation>
    </message>
    <message>
        <source>That was not %1: %2. Check the fingers and the register, then play it again.</source>
        <translation>Das war nicht %1: %2. Finger und Register prüfen, dann noch einmal spielen.</translation>
    </message>
    <message>
        <source>The model finds no such note on this shape: %1, %2. Check bore, holes and fingering.</source>
        <translation>Das Modell findet an dieser Form keinen solchen Ton: %1, %2. Bohrung, Grifflöcher und Griff prüfen.</translation>
    </message>
    <message>
        <source>Stopped.</source>
        <translation>Abgebrochen.</translation>
    </message>
    <message>
        <source>Something inside Dowel failed at %1: %2. Nothing was lost; please report it.</source>
        <translation>In Dowel ging bei %1 etwas schief: %2. Nichts ist verloren; bitte melden.</translation>
    </message>
</context>
<context>
    <name>Facts</name>
    <message>
        <source>%1 mm; must be above %2 and at most %3 mm</source>
        <translation>%1 mm; es muss über %2 und höchstens %3 mm sein</translation>
    </message>
    <message>
        <source>%1 mm; must be 0 to %2 mm</source>
        <translation>%1 mm; es muss 0 bis %2 mm sein</translation>
    </message>
    <message>
        <source>%1 stations; at least 2</source>
        <translation>%1 Stationen; mindestens 2</translation>
    </message>
    <message>
        <source>%1 mm; at most %2</source>
        <translation>%1 mm; höchstens %2</translation>
    </message>
    <message>
        <source>%1 mm; the first station is at 0</source>
        <translation>%1 mm; die erste Station liegt bei 0</translation>
    </message>
    <message>
        <source>%1 mm after %2 mm; stations must rise</source>
        <translation>%1 mm nach %2 mm; Stationen müssen steigen</translation>
    </message>
    <message>
        <source>%1; must be %2 to %3 degrees Celsius (68 Fahrenheit are 20 Celsius)</source>
        <translation>%1; es müssen %2 bis %3 Grad Celsius sein (68 Fahrenheit sind 20 Celsius)</translation>
    </message>
    <message>
        <source>%1 mm; must be %2 to %3</source>
        <translation>%1 mm; es muss %2 bis %3 sein</translation>
    </message>
    <message>
        <source>%1; must be %2 to %3 degrees</source>
        <translation>%1; es müssen %2 bis %3 Grad sein</translation>
    </message>
    <message>
        <source>%1; must be %2 to %3 standard deviations</source>
        <translation>%1; es müssen %2 bis %3 Standardabweichungen sein</translation>
    </message>
    <message>
        <source>%1; must be %2 to %3</source>
        <translation>%1; es muss %2 bis %3 sein</translation>
    </message>
    <message>
        <source>must be %1 to %2 degrees</source>
        <translation>es müssen %1 bis %2 Grad sein</translation>
    </message>
    <message>
        <source>empty name</source>
        <translation>leerer Name</translation>
    </message>
    <message>
        <source>two holes of this name</source>
        <translation>zwei Löcher dieses Namens</translation>
    </message>
    <message>
        <source>two fingerings of this name</source>
        <translation>zwei Griffe dieses Namens</translation>
    </message>
    <message>
        <source>%1 mm; the tube runs from 0 to %2 mm</source>
        <translation>%1 mm; das Rohr geht von 0 bis %2 mm</translation>
    </message>
    <message>
        <source>%1 mm; must be above %2 mm</source>
        <translation>%1 mm; es muss über %2 mm sein</translation>
    </message>
    <message>
        <source>%1 mm; the bore there is %2 mm wide</source>
        <translation>%1 mm; die Bohrung ist dort %2 mm weit</translation>
    </message>
    <message>
        <source>%1 mm; not less than the hole&apos;s %2 mm</source>
        <translation>%1 mm; nicht weniger als das Loch mit %2 mm</translation>
    </message>
    <message>
        <source>%1 mm; must be within a quarter of the way round the tube</source>
        <translation>%1 mm; es muss innerhalb eines Viertels um das Rohr liegen</translation>
    </message>
    <message>
        <source>%1 mm; must be %2 to %3 times the diameter</source>
        <translation>%1 mm; es muss das %2- bis %3-Fache des Durchmessers sein</translation>
    </message>
    <message>
        <source>%1 mm; must be %2 to %3 times the hole&apos;s %4 mm</source>
        <translation>%1 mm; es muss das %2- bis %3-Fache der %4 mm des Lochs sein</translation>
    </message>
    <message>
        <source>%1 mm; must be above 0 and below the chimney&apos;s %2 mm</source>
        <translation>%1 mm; es muss über 0 und unter den %2 mm des Kamins sein</translation>
    </message>
    <message>
        <source>%1 mm; its edge runs over the end of the tube</source>
        <translation>%1 mm; seine Kante läuft über das Ende des Rohrs</translation>
    </message>
    <message>
        <source>%1 mm below %2 at %3 mm; holes are numbered from the foot upwards</source>
        <translation>%1 mm unter %2 bei %3 mm; Löcher werden vom Fuß aufwärts gezählt</translation>
    </message>
    <message>
        <source>runs into %1</source>
        <translation>läuft in %1</translation>
    </message>
    <message>
        <source>%1 mm; runs through %2</source>
        <translation>%1 mm; läuft durch %2</translation>
    </message>
    <message>
        <source>%1 is no hole of this instrument</source>
        <translation>%1 ist kein Loch dieses Instruments</translation>
    </message>
    <message>
        <source>%1 stands there twice</source>
        <translation>%1 steht dort zweimal</translation>
    </message>
    <message>
        <source>%1 cannot be closed and half open</source>
        <translation>%1 kann nicht zu und halb offen sein</translation>
    </message>
    <message>
        <source>%1 Hz; must be %2 to %3 Hz</source>
        <translation>%1 Hz; es müssen %2 bis %3 Hz sein</translation>
    </message>
    <message>
        <source>%1; must be above %2 and at most %3</source>
        <translation>%1; es muss über %2 und höchstens %3 sein</translation>
    </message>
    <message>
        <source>%1; must be above %2 and below %3</source>
        <translation>%1; es muss über %2 und unter %3 sein</translation>
    </message>
    <message>
        <source>%1; must be above %2</source>
        <translation>%1; es muss über %2 sein</translation>
    </message>
    <message>
        <source>%1; at most %2 degrees over the tube</source>
        <translation>%1; höchstens %2 Grad über das Rohr</translation>
    </message>
    <message>
        <source>%1 mm; bits must rise</source>
        <translation>%1 mm; Bohrer müssen steigen</translation>
    </message>
    <message>
        <source>%1 mm; slides stand from the top downwards</source>
        <translation>%1 mm; Auszüge stehen von oben nach unten</translation>
    </message>
    <message>
        <source>%1; at most %2</source>
        <translation>%1; höchstens %2</translation>
    </message>
    <message>
        <source>twelve numbers rising from 0 to below 1200 must stand here</source>
        <translation>hier müssen zwölf Zahlen stehen, steigend von 0 bis unter 1200</translation>
    </message>
    <message>
        <source>%1; known: %2</source>
        <translation>%1; bekannt: %2</translation>
    </message>
    <message>
        <source>%1; a letter with # or b</source>
        <translation>%1; ein Buchstabe mit # oder b</translation>
    </message>
    <message>
        <source>no such scale</source>
        <translation>diese Skala gibt es nicht</translation>
    </message>
    <message>
        <source>no such mode</source>
        <translation>diese Tonleiter gibt es nicht</translation>
    </message>
    <message>
        <source>a tonic such as C, F# or Bb</source>
        <translation>ein Grundton wie C, F# oder Bb</translation>
    </message>
    <message>
        <source>a pitch name such as D5, F#4 or Bb3</source>
        <translation>ein Tonname wie D5, F#4 oder Bb3</translation>
    </message>
    <message>
        <source>%1 mm; it is %2 mm now</source>
        <translation>%1 mm; jetzt sind es %2 mm</translation>
    </message>
    <message>
        <source>the bore is at least as wide there already</source>
        <translation>die Bohrung ist dort schon mindestens so weit</translation>
    </message>
    <message>
        <source>%1; this instrument has no stopper</source>
        <translation>%1; dieses Instrument hat keinen Kork</translation>
    </message>
    <message>
        <source>%1; this instrument has no window</source>
        <translation>%1; dieses Instrument hat keinen Aufschnitt</translation>
    </message>
    <message>
        <source>%1; this instrument has no embouchure hole</source>
        <translation>%1; dieses Instrument hat kein Mundloch</translation>
    </message>
    <message>
        <source>%1; this instrument has none</source>
        <translation>%1; dieses Instrument hat keins</translation>
    </message>
    <message>
        <source>not a finite size</source>
        <translation>kein endliches Maß</translation>
    </message>
    <message>
        <source>%1 mm is wider than %2 mm</source>
        <translation>%1 mm ist weiter als %2 mm</translation>
    </message>
    <message>
        <source>none closes every hole</source>
        <translation>keiner schließt alle Löcher</translation>
    </message>
    <message>
        <source>at least one fingering of register 1 is needed to lay out holes</source>
        <translation>zum Anlegen der Löcher braucht es mindestens einen Griff des Registers 1</translation>
    </message>
    <message>
        <source>the bare tube has no first register</source>
        <translation>das bloße Rohr hat kein erstes Register</translation>
    </message>
    <message>
        <source>%1 mm; too short for %2 by about %3 mm</source>
        <translation>%1 mm; für %2 um etwa %3 mm zu kurz</translation>
    </message>
    <message>
        <source>no row of holes could be worked out from there</source>
        <translation>von dort aus ließ sich keine Lochreihe ausrechnen</translation>
    </message>
    <message>
        <source>%1 and %2 would leave %3 mm of wood</source>
        <translation>%1 und %2 ließen %3 mm Holz stehen</translation>
    </message>
    <message>
        <source>%1 to %2 would be %3 mm for fingers that reach %4</source>
        <translation>%1 bis %2 wären %3 mm für Finger, die %4 reichen</translation>
    </message>
    <message>
        <source>a hand would span %1 mm, it reaches %2</source>
        <translation>eine Hand müsste %1 mm spannen, sie reicht %2</translation>
    </message>
    <message>
        <source>register %1</source>
        <translation>Register %1</translation>
    </message>
    <message>
        <source>no such file is there</source>
        <translation>dort ist keine solche Datei</translation>
    </message>
    <message>
        <source>it may only be read</source>
        <translation>sie darf nur gelesen werden</translation>
    </message>
    <message>
        <source>it may not be read</source>
        <translation>sie darf nicht gelesen werden</translation>
    </message>
    <message>
        <source>is open in another window or command</source>
        <translation>ist in einem anderen Fenster oder Befehl offen</translation>
    </message>
    <message>
        <source>is there already</source>
        <translation>ist schon da</translation>
    </message>
    <message>
        <source>is a folder</source>
        <translation>ist ein Ordner</translation>
    </message>
    <message>
        <source>it is a folder</source>
        <translation>es ist ein Ordner</translation>
    </message>
    <message>
        <source>is no plain file</source>
        <translation>ist keine gewöhnliche Datei</translation>
    </message>
    <message>
        <source>it is no plain file</source>
        <translation>es ist keine gewöhnliche Datei</translation>
    </message>
    <message>
        <source>is a link</source>
        <translation>ist ein Verweis</translation>
    </message>
    <message>
        <source>it is a link</source>
        <translation>es ist ein Verweis</translation>
    </message>
    <message>
        <source>is a pipe</source>
        <translation>ist eine Röhre</translation>
    </message>
    <message>
        <source>it is a pipe</source>
        <translation>es ist eine Röhre</translation>
    </message>
    <message>
        <source>is a socket</source>
        <translation>ist ein Anschluss</translation>
    </message>
    <message>
        <source>it is a socket</source>
        <translation>es ist ein Anschluss</translation>
    </message>
    <message>
        <source>is a device</source>
        <translation>ist ein Gerät</translation>
    </message>
    <message>
        <source>it is a device</source>
        <translation>es ist ein Gerät</translation>
    </message>
    <message>
        <source>is a workbook</source>
        <translation>ist ein Werkbuch</translation>
    </message>
    <message>
        <source>it is longer than %1 MB</source>
        <translation>sie ist länger als %1 MB</translation>
    </message>
    <message>
        <source>does not begin as a workbook does</source>
        <translation>es fängt nicht an wie ein Werkbuch</translation>
    </message>
    <message>
        <source>is a database of another program</source>
        <translation>es ist die Datenbank eines anderen Programms</translation>
    </message>
    <message>
        <source>version %1; known: %2</source>
        <translation>Fassung %1; bekannt: %2</translation>
    </message>
    <message>
        <source>its tables and guards are not as Dowel makes them</source>
        <translation>seine Tafeln und Wächter sind nicht, wie Dowel sie macht</translation>
    </message>
    <message>
        <source>its table is not as Dowel makes it</source>
        <translation>seine Tafel ist nicht, wie Dowel sie macht</translation>
    </message>
    <message>
        <source>shop memory of version %1</source>
        <translation>Werkstattgedächtnis der Fassung %1</translation>
    </message>
    <message>
        <source>holds no specification</source>
        <translation>enthält keine Beschreibung</translation>
    </message>
    <message>
        <source>holds no samples</source>
        <translation>enthält keinen Klang</translation>
    </message>
    <message>
        <source>%1 samples a second; must be %2 to %3</source>
        <translation>%1 Abtastwerte in der Sekunde; es müssen %2 bis %3 sein</translation>
    </message>
    <message>
        <source>%1 channels; at most 32</source>
        <translation>%1 Kanäle; höchstens 32</translation>
    </message>
    <message>
        <source>longer than %1 minutes; cut it into takes</source>
        <translation>länger als %1 Minuten; in Aufnahmen schneiden</translation>
    </message>
    <message>
        <source>the file is empty</source>
        <translation>die Datei ist leer</translation>
    </message>
    <message>
        <source>silence</source>
        <translation>Stille</translation>
    </message>
    <message>
        <source>no steady tone</source>
        <translation>kein ruhiger Ton</translation>
    </message>
    <message>
        <source>too short</source>
        <translation>zu kurz</translation>
    </message>
    <message>
        <source>samples that are not numbers</source>
        <translation>Abtastwerte, die keine Zahlen sind</translation>
    </message>
    <message>
        <source>%1 Hz (%2), expected about %3 Hz (%4)</source>
        <translation>%1 Hz (%2), erwartet etwa %3 Hz (%4)</translation>
    </message>
    <message>
        <source>lists or objects within each other more than %1 deep</source>
        <translation>Listen oder Objekte mehr als %1 tief ineinander</translation>
    </message>
    <message>
        <source>&quot;%1&quot; stands twice in one object</source>
        <translation>„%1“ steht zweimal in einem Objekt</translation>
    </message>
    <message>
        <source>longer than %1 MB: %2 bytes</source>
        <translation>länger als %1 MB: %2 Bytes</translation>
    </message>
    <message>
        <source>must be an object</source>
        <translation>muss ein Objekt sein</translation>
    </message>
    <message>
        <source>must be there</source>
        <translation>muss da sein</translation>
    </message>
    <message>
        <source>must be a list</source>
        <translation>muss eine Liste sein</translation>
    </message>
    <message>
        <source>%1; must be a number</source>
        <translation>%1; es muss eine Zahl sein</translation>
    </message>
    <message>
        <source>%1; must be a whole number</source>
        <translation>%1; es muss eine ganze Zahl sein</translation>
    </message>
    <message>
        <source>%1; must be text in quotes</source>
        <translation>%1; es muss Text in Anführungszeichen sein</translation>
    </message>
    <message>
        <source>%1; must be true or false</source>
        <translation>%1; es muss true oder false sein</translation>
    </message>
    <message>
        <source>is not known here</source>
        <translation>ist hier nicht bekannt</translation>
    </message>
    <message>
        <source>is not known</source>
        <translation>ist nicht bekannt</translation>
    </message>
    <message>
        <source>must be &quot;dowel-instrument&quot;</source>
        <translation>muss &quot;dowel-instrument&quot; sein</translation>
    </message>
    <message>
        <source>exactly one of target and target_hz must be there</source>
        <translation>genau eins von target und target_hz muss da sein</translation>
    </message>
    <message>
        <source>a length such as 6.4, 1/4 or 4 1/16 in</source>
        <translation>eine Länge wie 6,4, 1/4 oder 4 1/16 in</translation>
    </message>
    <message>
        <source>%1 letters; must be 1 to 4000</source>
        <translation>%1 Buchstaben; es müssen 1 bis 4000 sein</translation>
    </message>
    <message>
        <source>%1 comes twice or out of order</source>
        <translation>%1 kommt zweimal oder außer der Reihe</translation>
    </message>
    <message>
        <source>this instrument has nothing of that kind</source>
        <translation>dieses Instrument hat nichts dergleichen</translation>
    </message>
    <message>
        <source>%1 readings; at most %2 in one session</source>
        <translation>%1 Messungen; höchstens %2 in einer Sitzung</translation>
    </message>
    <message>
        <source>%1 bytes are more than a workbook takes (%2)</source>
        <translation>%1 Bytes sind mehr, als ein Werkbuch nimmt (%2)</translation>
    </message>
    <message>
        <source>&quot;%1&quot;; the number of degrees must stand here, 1 to 1000</source>
        <translation>„%1“; hier muss die Zahl der Stufen stehen, 1 bis 1000</translation>
    </message>
    <message>
        <source>&quot;%1&quot;; cents with a point or a ratio such as 3/2 must stand here</source>
        <translation>„%1“; hier müssen Cent mit Punkt oder ein Verhältnis wie 3/2 stehen</translation>
    </message>
    <message>
        <source>the text ends after %1 of %2 degrees</source>
        <translation>der Text endet nach %1 von %2 Stufen</translation>
    </message>
    <message>
        <source>the last degree is the period and must lie above the tonic</source>
        <translation>die letzte Stufe ist die Periode und muss über dem Grundton liegen</translation>
    </message>
    <message>
        <source>it was left in the middle of a write; copy it with %1 to a folder that may be written, and open it there</source>
        <translation>es wurde mitten im Schreiben verlassen; mit %1 in einen Ordner kopieren, der beschrieben werden darf, und dort öffnen</translation>
    </message>
    <message>
        <source>its checksum does not fit</source>
        <translation>seine Prüfsumme stimmt nicht</translation>
    </message>
    <message>
        <source>its recording&apos;s checksum does not fit</source>
        <translation>die Prüfsumme seiner Aufnahme stimmt nicht</translation>
    </message>
    <message>
        <source>entries are missing that once stood there</source>
        <translation>es fehlen Einträge, die einmal dort standen</translation>
    </message>
    <message>
        <source>it was opened for looking only</source>
        <translation>es wurde nur zum Ansehen geöffnet</translation>
    </message>
    <message>
        <source>the new workbook could not be put together</source>
        <translation>das neue Werkbuch ließ sich nicht zusammensetzen</translation>
    </message>
    <message>
        <source>cannot be opened</source>
        <translation>lässt sich nicht öffnen</translation>
    </message>
    <message>
        <source>stand already; a plan has none</source>
        <translation>stehen schon; ein Plan hat keine</translation>
    </message>
    <message>
        <source>no bits_mm stand under tools</source>
        <translation>unter tools stehen keine bits_mm</translation>
    </message>
    <message>
        <source>%1; %2 holes stand there</source>
        <translation>%1; dort stehen %2 Löcher</translation>
    </message>
    <message>
        <source>%1; a fingering names h%2</source>
        <translation>%1; ein Griff nennt h%2</translation>
    </message>
    <message>
        <source>from %1 mm; it is %2 mm now; tube %3 mm; it is %4 mm now</source>
        <translation>von %1 mm; jetzt sind es %2 mm; Rohr %3 mm</translation>
    </message>
    <message>
        <source>%1; must be %2 or %3</source>
        <translation>%1; es muss %2 oder %3 sein</translation>
    </message>
    <message>
        <source>%1 letters; must be 1 to 200</source>
        <translation>%1 Buchstaben; es müssen 1 bis 200 sein</translation>
    </message>
    <message>
        <source>nothing is changed</source>
        <translation>nichts ist geändert</translation>
    </message>
    <message>
        <source>hertz such as 586.3, cents such as -12, or a note such as D5 -12</source>
        <translation>Hertz wie 586,3, Cent wie -12 oder ein Ton wie D5 -12</translation>
    </message>
    <message>
        <source>%1; this tube is open at the foot</source>
        <translation>%1; dieses Rohr ist am Fuß offen</translation>
    </message>
    <message>
        <source>%1 mm; the wall is %2 mm</source>
        <translation>%1 mm; die Wand ist %2 mm</translation>
    </message>
    <message>
        <source>%1 mm; must be above the highest hole, %2 mm</source>
        <translation>%1 mm; muss über dem höchsten Loch liegen, %2 mm</translation>
    </message>
    <message>
        <source>%1 mm; the tube is %2 mm</source>
        <translation>%1 mm; das Rohr ist %2 mm</translation>
    </message>
    <message>
        <source>%1 mm; the bore is %2 mm</source>
        <translation>%1 mm; die Bohrung ist %2 mm</translation>
    </message>
    <message>
        <source>%1 mm; outside the horn is %2 mm</source>
        <translation>%1 mm; außen ist das Horn %2 mm</translation>
    </message>
    <message>
        <source>%1 mm; must be at least %2 mm</source>
        <translation>%1 mm; muss mindestens %2 mm sein</translation>
    </message>
    <message>
        <source>%1 cents; must be at most %2</source>
        <translation>%1 Cent; höchstens %2</translation>
    </message>
    <message>
        <source>is no picture that can be read</source>
        <translation>ist kein lesbares Bild</translation>
    </message>
    <message>
        <source>is no picture that can be kept</source>
        <translation>ist kein Bild, das behalten werden kann</translation>
    </message>
    <message>
        <source>its photograph cannot be read</source>
        <translation>sein Foto lässt sich nicht lesen</translation>
    </message>
    <message>
        <source>nothing was heard on it yet</source>
        <translation>darauf wurde noch nichts gehört</translation>
    </message>
    <message>
        <source>no note was recorded before and after the last cut</source>
        <translation>kein Ton wurde vor und nach dem letzten Schnitt aufgenommen</translation>
    </message>
    <message>
        <source>is no sound file that Dowel reads; WAV, FLAC, AIFF, AU and Ogg are</source>
        <translation>ist keine Tondatei, die Dowel liest; WAV, FLAC, AIFF, AU und Ogg liest es</translation>
    </message>
    <message>
        <source>the file is cut off: it promises more sound than it holds</source>
        <translation>die Datei ist abgeschnitten: Sie verspricht mehr Ton, als sie enthält</translation>
    </message>
    <message>
        <source>is damaged, or asks for more memory and time than sound needs</source>
        <translation>ist beschädigt oder verlangt mehr Speicher und Zeit, als Ton braucht</translation>
    </message>
    <message>
        <source>no process could be started to decode it</source>
        <translation>zum Entschlüsseln ließ sich kein Prozess starten</translation>
    </message>
    <message>
        <source>is a name that a workbook&apos;s own journal has</source>
        <translation>ist ein Name, den das Journal eines Werkbuchs trägt</translation>
    </message>
    <message>
        <source>may only be read</source>
        <translation>darf nur gelesen werden</translation>
    </message>
    <message>
        <source>a number in it cannot be kept as it is</source>
        <translation>eine Zahl darin lässt sich nicht genau so aufheben</translation>
    </message>
    <message>
        <source>its number is none that a record reaches</source>
        <translation>eine solche Nummer erreicht kein Werkbuch</translation>
    </message>
    <message>
        <source>belongs to a workbook that once lay here, and would be played into the new one</source>
        <translation>gehört zu einem Werkbuch, das einmal hier lag, und würde in das neue eingespielt</translation>
    </message>
    <message>
        <source>another window or command has written to it; open it again</source>
        <translation>ein anderes Fenster oder ein Befehl hat hineingeschrieben; bitte neu öffnen</translation>
    </message>
    <message>
        <source>it was left in the middle of a write that could not be undone</source>
        <translation>mitten in einem Schreibvorgang verlassen, der sich nicht zurücknehmen ließ</translation>
    </message>
    <message>
        <source>none are wanted yet; a chart with one note at least says how it is played</source>
        <translation>noch sind keine gewünscht; eine Grifftabelle mit mindestens einem Ton sagt, wie gespielt wird</translation>
    </message>
    <message>
        <source>lies above %1; the lower note comes first</source>
        <translation>liegt über %1; der tiefere Ton steht zuerst</translation>
    </message>
    <message>
        <source>is fingered as %1 is, in the same register</source>
        <translation>hat denselben Griff wie %1, im selben Register</translation>
    </message>
    <message>
        <source>%1 would sound about %2; are all lengths in millimetres?</source>
        <translation>%1 klänge ungefähr als %2; sind alle Längen in Millimetern?</translation>
    </message>
    <message>
        <source>is the same piece of wood as %1</source>
        <translation>ist dasselbe Stück Holz wie %1</translation>
    </message>
    <message>
        <source>is no bit; write 6.5 mm, 9/32, #7 or F</source>
        <translation>ist kein Bohrer; zum Beispiel 6.5 mm, 9/32, #7 oder F</translation>
    </message>
    <message>
        <source>longer than a workbook takes; cut it into takes</source>
        <translation>länger, als ein Werkbuch aufnimmt; in einzelne Aufnahmen schneiden</translation>
    </message>
    <message>
        <source>is no FLAC</source>
        <translation>ist kein FLAC</translation>
    </message>
    <message>
        <source>comes twice or out of order</source>
        <translation>kommt doppelt oder außer der Reihe</translation>
    </message>
</context>
<context>
    <name>Notes</name>
    <message>
        <source>C</source>
        <translation>C</translation>
    </message>
    <message>
        <source>C#</source>
        <translation>Cis</translation>
    </message>
    <message>
        <source>Db</source>
        <translation>Des</translation>
    </message>
    <message>
        <source>D</source>
        <translation>D</translation>
    </message>
    <message>
        <source>D#</source>
        <translation>Dis</translation>
    </message>
    <message>
        <source>Eb</source>
        <translation>Es</translation>
    </message>
    <message>
        <source>E</source>
        <translation>E</translation>
    </message>
    <message>
        <source>F</source>
        <translation>F</translation>
    </message>
    <message>
        <source>F#</source>
        <translation>Fis</translation>
    </message>
    <message>
        <source>Gb</source>
        <translation>Ges</translation>
    </message>
    <message>
        <source>G</source>
        <translation>G</translation>
    </message>
    <message>
        <source>G#</source>
        <translation>Gis</translation>
    </message>
    <message>
        <source>Ab</source>
        <translation>As</translation>
    </message>
    <message>
        <source>A</source>
        <translation>A</translation>
    </message>
    <message>
        <source>A#</source>
        <translation>Ais</translation>
    </message>
    <message>
        <source>Bb</source>
        <translation>B</translation>
    </message>
    <message>
        <source>B</source>
        <translation>H</translation>
    </message>
</context>
<context>
    <name>dowel::app::AsBuiltCard</name>
    <message>
        <source>Length of the tube, from the edge to the foot</source>
        <translation>Länge des Rohrs, von der Kante bis zum Fuß</translation>
    </message>
    <message>
        <source>Where places are measured from</source>
        <translation>Von wo die Plätze gemessen sind</translation>
    </message>
    <message>
        <source>Holes as they are</source>
        <translation>Löcher, wie sie sind</translation>
    </message>
    <message>
        <source>hole</source>
        <translation>Loch</translation>
    </message>
    <message>
        <source>place</source>
        <translation>Ort</translation>
    </message>
    <message>
        <source>size</source>
        <translation>Maß</translation>
    </message>
    <message>
        <source>inside</source>
        <translation>innen</translation>
    </message>
    <message>
        <source>wall there</source>
        <translation>Wand dort</translation>
    </message>
    <message>
        <source>off the line</source>
        <translation>seitlich</translation>
    </message>
    <message>
        <source>finger</source>
        <translation>Finger</translation>
    </message>
    <message>
        <source>at the back</source>
        <translation>hinten</translation>
    </message>
    <message>
        <source>&amp;One more hole</source>
        <translation>N&amp;och ein Loch</translation>
    </message>
    <message>
        <source>&amp;Remove it</source>
        <translation>&amp;Entfernen</translation>
    </message>
    <message>
        <source>Pas&amp;te a table</source>
        <translation>&amp;Tabelle einfügen</translation>
    </message>
    <message>
        <source>It &amp;is so: on to listening</source>
        <translation>&amp;So ist es: weiter zum Hören</translation>
    </message>
    <message>
        <source>from the foot</source>
        <translation>vom Fuß</translation>
    </message>
    <message>
        <source>from the sounding edge</source>
        <translation>von der Anblaskante</translation>
    </message>
    <message>
        <source>Lines of a spreadsheet: place and size, with tabs, semicolons or commas between them; the lowest hole first or last.</source>
        <translation>Zeilen einer Tabelle: Platz und Maß, dazwischen Tabulator, Semikolon oder Komma; das unterste Loch zuerst oder zuletzt.</translation>
    </message>
    <message>
        <source>Tube, edge to foot</source>
        <translation>Rohr, Kante bis Fuß</translation>
    </message>
    <message>
        <source>Places</source>
        <translation>Plätze</translation>
    </message>
    <message>
        <source>%1 still needs its place and its size.</source>
        <comment>hole</comment>
        <translation>%1 braucht noch seinen Platz und sein Maß.</translation>
    </message>
    <message numerus="yes">
        <source>%n hole(s), and every fingering of the target finds its own.</source>
        <translation>
            <numerusform>%n Loch, und jeder Griff des Ziels findet das seine.</numerusform>
            <numerusform>%n Löcher, und jeder Griff des Ziels findet die seinen.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>hole, what is wrong</comment>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1: a place of %2 is not on the tube, which is %3 long.</source>
        <comment>hole, place, length</comment>
        <translation>%1: ein Platz von %2 liegt nicht auf dem Rohr, das %3 lang ist.</translation>
    </message>
    <message>
        <source>countersunk</source>
        <translation>angesenkt</translation>
    </message>
    <message>
        <source>pair</source>
        <translation>Paar</translation>
    </message>
    <message>
        <source>Inside: the width at the bore where it is undercut, else as the size. Countersunk: width and depth, 9 x 1.5. A pair: two holes of that size side by side under one finger. A hole at the back is the thumb&apos;s.</source>
        <translation>Innen: die Weite an der Bohrung, wo es unterschnitten ist, sonst wie das Maß. Angesenkt: Weite und Tiefe, 9 x 1,5. Ein Paar: zwei Löcher dieses Maßes nebeneinander unter einem Finger. Ein Loch hinten ist das des Daumens.</translation>
    </message>
    <message>
        <source>%1: a countersink is its width and its depth, as 9 x 1.5.</source>
        <comment>hole</comment>
        <translation>%1: Eine Senkung ist ihre Weite und ihre Tiefe, wie 9 x 1,5.</translation>
    </message>
</context>
<context>
    <name>dowel::app::BlankPage</name>
    <message>
        <source>Pilot, then brad point bits with a plug in the bore. Oil moves the pitch a little: listen again after it. Fine dust of some tropical woods sensitises skin and lungs: extraction and a mask; ask before exporting protected species.</source>
        <translation>Vorbohren, dann Holzbohrer mit Zentrierspitze, ein Stopfen in der Bohrung. Öl ändert die Stimmung ein wenig: danach noch einmal hören. Der feine Staub mancher Tropenhölzer macht Haut und Lunge empfindlich: Absaugung und Maske; vor der Ausfuhr geschützter Arten nachfragen.</translation>
    </message>
    <message>
        <source>Sharp bits, slow feed, a tight plug: fibres lift. The bore drinks; seal it with a finish that is safe in the mouth when cured before the last listening.</source>
        <translation>Scharfe Bohrer, langsamer Vorschub, ein strammer Stopfen: Fasern heben sich. Die Bohrung saugt; vor dem letzten Hören mit einem Mittel versiegeln, das ausgehärtet mundverträglich ist.</translation>
    </message>
    <message>
        <source>A turning bit tears out strands that crack later: burn the holes or enter with a knife across the fibres. Burn outdoors or under extraction, with water at hand. Measure the bore at several places, and find the node with a bent wire.</source>
        <translation>Ein drehender Bohrer reißt Stränge heraus, die später springen: die Löcher brennen oder mit dem Messer quer zur Faser einstechen. Im Freien oder unter Absaugung brennen, Wasser griffbereit. Die Bohrung an mehreren Stellen messen, den Knoten mit einem gebogenen Draht suchen.</translation>
    </message>
    <message>
        <source>Sold by a nominal size that is not its bore: measure. Drill slowly and deburr inside. Never burn or overheat PVC: its fumes are poisonous.</source>
        <translation>Das Nennmaß ist nicht die Bohrung: messen. Langsam bohren und innen entgraten. PVC nie brennen oder überhitzen: der Rauch ist giftig.</translation>
    </message>
    <message>
        <source>Bore it out to a cone you can measure. It smells and its dust is harmful: work wet or under extraction.</source>
        <translation>Zu einem Kegel ausbohren, der sich messen lässt. Es riecht, und der Staub schadet: nass oder unter Absaugung arbeiten.</translation>
    </message>
    <message>
        <source>Fresh and firm, drilled on the same day; it shrinks within hours. A clean drill, washed hands, one player each.</source>
        <translation>Frisch und fest, am selben Tag gebohrt; es schrumpft in Stunden. Sauberer Bohrer, gewaschene Hände, jedes für nur einen Spieler.</translation>
    </message>
    <message>
        <source>Family</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>Tube sold as</source>
        <translation>Rohr, wie es verkauft wird</translation>
    </message>
    <message>
        <source>Bore, station by station</source>
        <translation>Bohrung, Station für Station</translation>
    </message>
    <message>
        <source>place</source>
        <translation>Ort</translation>
    </message>
    <message>
        <source>bore</source>
        <translation>Bohrung</translation>
    </message>
    <message>
        <source>Wall thickness</source>
        <translation>Wandstärke</translation>
    </message>
    <message>
        <source>Joint or slide</source>
        <translation>Zapfen oder Auszug</translation>
    </message>
    <message>
        <source>Joint, from the mouth</source>
        <translation>Auszug, vom Mund aus</translation>
    </message>
    <message>
        <source>Joint, pulled out by</source>
        <translation>Auszug, herausgezogen um</translation>
    </message>
    <message>
        <source>Material</source>
        <translation>Material</translation>
    </message>
    <message>
        <source>measured, no nominal size</source>
        <translation>gemessen, kein Nennmaß</translation>
    </message>
    <message>
        <source>%1 in. copper tube, type M</source>
        <translation>%1 Zoll Kupferrohr, Typ M</translation>
    </message>
    <message>
        <source>%1 in. pipe, schedule 40</source>
        <translation>%1 Zoll Rohr, Schedule 40</translation>
    </message>
    <message>
        <source>Mouth</source>
        <translation>Mund</translation>
    </message>
    <message>
        <source>Add a &amp;station</source>
        <translation>&amp;Station dazu</translation>
    </message>
    <message>
        <source>Sold as</source>
        <translation>Verkauft als</translation>
    </message>
    <message>
        <source>Wall</source>
        <translation>Wand</translation>
    </message>
    <message>
        <source>at</source>
        <translation>bei</translation>
    </message>
    <message>
        <source>out</source>
        <translation>aus</translation>
    </message>
    <message>
        <source>The bore as it is, from the mouth to the foot: by calipers, plug gauge, or a bent wire where no rule goes. Leave the foot long. Out of round: type both diameters, 12.9 x 13.1.</source>
        <translation>Die Bohrung, wie sie ist, vom Mund zum Fuß: mit Messschieber, Lehrdorn oder einem gebogenen Draht, wo kein Maßstab hinkommt. Den Fuß lang lassen. Unrund: beide Durchmesser eintragen, 12,9 x 13,1.</translation>
    </message>
    <message>
        <source>What this tube serves for</source>
        <translation>Wofür dieses Rohr taugt</translation>
    </message>
    <message>
        <source>Window, across</source>
        <translation>Aufschnitt, quer</translation>
    </message>
    <message>
        <source>Window, along</source>
        <translation>Aufschnitt, längs</translation>
    </message>
    <message>
        <source>Wall at the window</source>
        <translation>Wand am Aufschnitt</translation>
    </message>
    <message>
        <source>Bore above the window</source>
        <translation>Bohrung über dem Aufschnitt</translation>
    </message>
    <message>
        <source>Embouchure hole, along</source>
        <translation>Mundloch, längs</translation>
    </message>
    <message>
        <source>Embouchure hole, across</source>
        <translation>Mundloch, quer</translation>
    </message>
    <message>
        <source>Its chimney</source>
        <translation>Sein Kamin</translation>
    </message>
    <message>
        <source>Hole to stopper</source>
        <translation>Mundloch bis Kork</translation>
    </message>
    <message>
        <source>Mouthpiece, as length of bore</source>
        <translation>Mundstück, als Länge Bohrung</translation>
    </message>
    <message>
        <source>The bore stands as the size tables have it. What is sold differs: measure it and type it before a hole is laid out.</source>
        <translation>Die Bohrung steht da, wie die Maßtafeln sie nennen. Verkauft wird anderes: messen und eintragen, ehe ein Loch angelegt wird.</translation>
    </message>
    <message>
        <source>The wall is too thin to undercut holes: octaves will have to be mended by other means.</source>
        <translation>Die Wand ist zu dünn zum Unterschneiden: die Oktaven müssen anders berichtigt werden.</translation>
    </message>
    <message>
        <source>For %1 this bore is very narrow.</source>
        <translation>Für %1 ist diese Bohrung sehr eng.</translation>
    </message>
    <message>
        <source>wall</source>
        <translation>Wand</translation>
    </message>
    <message>
        <source>rough</source>
        <translation>rau</translation>
    </message>
    <message>
        <source>Nodes</source>
        <translation>Knoten</translation>
    </message>
    <message>
        <source>Nodes of the cane, from the mouth</source>
        <translation>Knoten des Rohrs, ab der Kante</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>Places from the mouth, with semicolons between them: 40; 180. Opened with the bore, unless the word kept stands behind: -22 kept.</source>
        <translation>Orte ab der Kante, mit Strichpunkten dazwischen: 40; 180. Mit der Bohrung geöffnet, wenn nicht das Wort behalten dahinter steht: -22 behalten.</translation>
    </message>
    <message>
        <source>Wall and rough may be left empty: the wall as above, the bore smooth. Rough: by how much more it takes from the sound down to the next line, 1 smooth, more where it is rough.</source>
        <translation>Wand und rau dürfen leer bleiben: die Wand wie oben, die Bohrung glatt. Rau: um wie viel mehr sie bis zur nächsten Zeile vom Klang nimmt, 1 glatt, mehr, wo sie rau ist.</translation>
    </message>
    <message>
        <source>&amp;Remove it</source>
        <translation>&amp;Entfernen</translation>
    </message>
    <message>
        <source>Pas&amp;te a table</source>
        <translation>Tabelle ein&amp;fügen</translation>
    </message>
    <message>
        <source>Lines of a spreadsheet: place and bore, and the wall where it differs.</source>
        <translation>Zeilen einer Tabelle: Ort und Bohrung, und die Wand, wo sie anders ist.</translation>
    </message>
    <message>
        <source>Cover stands up by</source>
        <translation>Deckel steht hoch um</translation>
    </message>
    <message>
        <source>Ramp of the lip</source>
        <translation>Schräge des Labiums</translation>
    </message>
    <message>
        <source> °</source>
        <translation> °</translation>
    </message>
    <message>
        <source>Under the player&apos;s lip</source>
        <translation>Unter der Lippe des Spielers</translation>
    </message>
    <message>
        <source> %</source>
        <translation> %</translation>
    </message>
    <message>
        <source> kept</source>
        <translation> behalten</translation>
    </message>
    <message>
        <source>%1 lies %2 from the node at %3: cane splits there. Let the cane lie otherwise, or bind it before it is opened.</source>
        <comment>hole, distance, place</comment>
        <translation>%1 liegt %2 vom Knoten bei %3: Dort reißt das Rohr. Legen Sie das Rohr anders, oder umwickeln Sie es, bevor es geöffnet wird.</translation>
    </message>
    <message>
        <source>From the pl&amp;ank…</source>
        <translation>Aus der &amp;Bohle…</translation>
    </message>
    <message>
        <source>Billets out of a plank, a bored blank turned true, reamers of known shape.</source>
        <translation>Kanteln aus einer Bohle, ein gebohrter Rohling rund gedreht, Räumer bekannter Form.</translation>
    </message>
    <message>
        <source>W&amp;hich bore?…</source>
        <translation>Welc&amp;he Bohrung?…</translation>
    </message>
    <message>
        <source>This plan on several bores side by side, note by note.</source>
        <translation>Dieser Plan auf mehreren Bohrungen nebeneinander, Ton für Ton.</translation>
    </message>
    <message>
        <source>%1 is out of this tube&apos;s reach. Lowest notes: ● well ◐ poorly ○ better not</source>
        <translation>%1 liegt außerhalb dessen, was dieses Rohr kann. Tiefste Töne: ● gut ◐ schlecht ○ lieber nicht</translation>
    </message>
    <message>
        <source>Undercut by</source>
        <translation>Unterschnitten um</translation>
    </message>
</context>
<context>
    <name>dowel::app::BorePicture</name>
    <message>
        <source>The bore, diameters enlarged</source>
        <translation>Die Bohrung, Weiten vergrößert</translation>
    </message>
    <message>
        <source>%1 wide, %2 from the mouth, wall %3</source>
        <comment>bore, place, wall</comment>
        <translation>%1 weit, %2 vom Mund, Wand %3</translation>
    </message>
    <message>
        <source>least wall %1, %2 from the mouth</source>
        <translation>dünnste Wand %1, %2 vom Mund</translation>
    </message>
    <message>
        <source>wall %1 all along; drag a square</source>
        <translation>Wand überall %1; ein Quadrat ziehen</translation>
    </message>
</context>
<context>
    <name>dowel::app::BoresDialog</name>
    <message>
        <source>as planned</source>
        <translation>wie geplant</translation>
    </message>
    <message>
        <source>narrower</source>
        <translation>enger</translation>
    </message>
    <message>
        <source>wider</source>
        <translation>weiter</translation>
    </message>
    <message>
        <source>smaller mouthpiece</source>
        <translation>kleineres Mundstück</translation>
    </message>
    <message>
        <source>larger mouthpiece</source>
        <translation>größeres Mundstück</translation>
    </message>
    <message>
        <source>Every note on every bore</source>
        <translation>Jeder Ton auf jeder Bohrung</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>&amp;Take this bore</source>
        <translation>Diese Bohrung &amp;nehmen</translation>
    </message>
    <message>
        <source>Which bore?</source>
        <translation>Welche Bohrung?</translation>
    </message>
    <message>
        <source>Laying the holes out on each bore…</source>
        <translation>Die Löcher werden auf jeder Bohrung ausgelegt…</translation>
    </message>
    <message>
        <source>&amp;Close</source>
        <translation>&amp;Schließen</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <comment>bore at the head, at the foot</comment>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>%1, %2: %3 of %4 notes within tolerance, furthest off %5 cents.</source>
        <translation>%1, %2: %3 von %4 Tönen in der Toleranz, am weitesten daneben %5 Cent.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>note, cents</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>Twelfths, wider than they should be by (cents): %1.</source>
        <translation>Duodezimen, weiter als sie sein sollten um (Cent): %1.</translation>
    </message>
    <message>
        <source>Octaves, wider than they should be by (cents): %1.</source>
        <translation>Oktaven, weiter als sie sein sollten um (Cent): %1.</translation>
    </message>
    <message>
        <source>The third register lies %1 cents from where it would be in line with the first.</source>
        <translation>Das dritte Register liegt %1 Cent neben dem, was zum ersten passte.</translation>
    </message>
    <message>
        <source>◇ Undercutting could still mend %1: the better fault to have.</source>
        <translation>◇ Unterschneiden könnte %1 noch richten: der bessere Fehler.</translation>
    </message>
    <message>
        <source>narrower foot</source>
        <translation>engerer Fuß</translation>
    </message>
</context>
<context>
    <name>dowel::app::ComparePage</name>
    <message>
        <source>Cents off as first drilled</source>
        <translation>Cent daneben, wie zuerst gebohrt</translation>
    </message>
    <message>
        <source>instrument</source>
        <translation>Instrument</translation>
    </message>
    <message>
        <source>Only what is each one&apos;s &amp;own</source>
        <translation>Nur das &amp;Eigene jedes einzelnen</translation>
    </message>
    <message>
        <source>&amp;Lay the next one out with it taken out</source>
        <translation>Das nächste ohne das Gemeinsame an&amp;legen</translation>
    </message>
    <message>
        <source>Side by side</source>
        <translation>Nebeneinander</translation>
    </message>
    <message>
        <source>&amp;Back to the shop</source>
        <translation>&amp;Zurück in die Werkstatt</translation>
    </message>
    <message>
        <source>Reading them…</source>
        <translation>Wird gelesen…</translation>
    </message>
    <message>
        <source>in common</source>
        <translation>gemeinsam</translation>
    </message>
    <message>
        <source>No note was heard on two of them before the first cut, so nothing can be said of what they have in common.</source>
        <translation>Kein Ton wurde auf zweien von ihnen vor dem ersten Schnitt gehört; darum lässt sich nichts über Gemeinsames sagen.</translation>
    </message>
    <message numerus="yes">
        <source>After %n instrument(s) of its kind</source>
        <translation>
            <numerusform>Nach %n Instrument seiner Art</numerusform>
            <numerusform>Nach %n Instrumenten seiner Art</numerusform>
        </translation>
    </message>
    <message>
        <source>%1  %2</source>
        <comment>number, name</comment>
        <translation>%1  %2</translation>
    </message>
    <message>
        <source>Cents off the target as they were first drilled, in the air they are tuned for. What all have in common is the drawing&apos;s error, or the model&apos;s; what is left is each one&apos;s own. Below, the bar is what they have in common, the figures are the instruments.</source>
        <translation>Cents neben dem Ziel, wie sie zuerst gebohrt waren, in der Luft, für die sie gestimmt sind. Was alle gemeinsam haben, ist der Fehler der Zeichnung oder des Modells; der Rest ist jedem eigen. Unten ist der Balken das Gemeinsame, die Ziffern sind die Instrumente.</translation>
    </message>
</context>
<context>
    <name>dowel::app::CopyDialog</name>
    <message>
        <source>Its lowest note</source>
        <translation>Sein tiefster Ton</translation>
    </message>
    <message>
        <source>Mouth to foot</source>
        <translation>Vom Mund zum Fuß</translation>
    </message>
    <message>
        <source>Bore at the mouth</source>
        <translation>Bohrung am Mund</translation>
    </message>
    <message>
        <source>Bore at the foot</source>
        <translation>Bohrung am Fuß</translation>
    </message>
    <message>
        <source>Wall</source>
        <translation>Wand</translation>
    </message>
    <message>
        <source>Its holes</source>
        <translation>Seine Grifflöcher</translation>
    </message>
    <message>
        <source>hole</source>
        <translation>Loch</translation>
    </message>
    <message>
        <source>diameter</source>
        <translation>Durchmesser</translation>
    </message>
    <message>
        <source>Copy an instrument</source>
        <translation>Ein Instrument nachbauen</translation>
    </message>
    <message>
        <source>Take it from a &amp;file…</source>
        <translation>Aus einer &amp;Datei nehmen…</translation>
    </message>
    <message>
        <source>&amp;Carry it over</source>
        <translation>&amp;Übertragen</translation>
    </message>
    <message>
        <source>Ca&amp;ncel</source>
        <translation>A&amp;bbrechen</translation>
    </message>
    <message>
        <source>The model</source>
        <translation>Das Vorbild</translation>
    </message>
    <message>
        <source>Workbooks and specifications (*.dowel *.json)</source>
        <translation>Werkbücher und Beschreibungen (*.dowel *.json)</translation>
    </message>
    <message>
        <source>Hole %1: %2</source>
        <translation>Loch %1: %2</translation>
    </message>
    <message>
        <source>Places count from</source>
        <translation>Stellen zählen ab</translation>
    </message>
    <message>
        <source>place</source>
        <translation>Platz</translation>
    </message>
    <message>
        <source>the foot</source>
        <translation>dem Fuß</translation>
    </message>
    <message>
        <source>the mark below</source>
        <translation>der Marke darunter</translation>
    </message>
    <message>
        <source>Measure the model: from the sounding edge to the foot, its bore, and every hole to its middle, from the foot or, laid alongside, from mark to mark. Places go over by the ratio of the notes, sizes by the ratio of the bores; then every note is worked out anew on the plan&apos;s bore.</source>
        <translation>Das Vorbild messen: vom Labium zum Fuß, seine Bohrung und jedes Loch bis zur Mitte, vom Fuß aus oder, danebengelegt, von Marke zu Marke. Stellen gehen nach dem Verhältnis der Töne über, Weiten nach dem der Bohrungen; dann wird jeder Ton auf der geplanten Bohrung neu ausgerechnet.</translation>
    </message>
    <message>
        <source>Set it by &amp;proportion</source>
        <translation>Nach &amp;Verhältnissen setzen</translation>
    </message>
    <message>
        <source>As it is taught to beginners: holes half as wide as the bore, a tenth of the tube apart. Below stands what scale that really gives.</source>
        <translation>Wie man es Anfängern zeigt: Löcher halb so weit wie die Bohrung, ein Zehntel des Rohrs auseinander. Unten steht, welche Tonleiter das wirklich gibt.</translation>
    </message>
    <message>
        <source>What it plays stands here when every measure does.</source>
        <translation>Was es spielt, steht hier, sobald jedes Maß da ist.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>note, cents</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>By these measures its lowest note is %1 cents off.</source>
        <translation>Nach diesen Maßen liegt sein tiefster Ton %1 Cent daneben.</translation>
    </message>
    <message>
        <source>%1 From there: %2 cents.</source>
        <comment>sentence, notes</comment>
        <translation>%1 Von dort aus: %2 Cent.</translation>
    </message>
</context>
<context>
    <name>dowel::app::CorrectPage</name>
    <message>
        <source>Cut it, then: what do the &amp;calipers say?</source>
        <translation>Schneiden, dann: was sagt der &amp;Messschieber?</translation>
    </message>
    <message>
        <source>Size by the calipers</source>
        <translation>Maß nach dem Messschieber</translation>
    </message>
    <message>
        <source>It is cut  (Enter)</source>
        <translation>Ist geschnitten  (Eingabe)</translation>
    </message>
    <message>
        <source>Record the cut</source>
        <translation>Den Schnitt eintragen</translation>
    </message>
    <message>
        <source>Go and listen  (Enter)</source>
        <translation>Zum Hören  (Eingabe)</translation>
    </message>
    <message>
        <source>Go to Listen</source>
        <translation>Zu Hören wechseln</translation>
    </message>
    <message>
        <source>Measure again</source>
        <translation>Noch einmal messen</translation>
    </message>
    <message>
        <source>&amp;Plan otherwise…</source>
        <translation>Anders &amp;planen…</translation>
    </message>
    <message>
        <source>How the plan goes about it</source>
        <translation>Wie der Plan vorgeht</translation>
    </message>
    <message>
        <source>&amp;Next cut</source>
        <translation>&amp;Nächster Schnitt</translation>
    </message>
    <message>
        <source>Next cut</source>
        <translation>Nächster Schnitt</translation>
    </message>
    <message>
        <source>&amp;Moves</source>
        <translation>&amp;Wirkung</translation>
    </message>
    <message>
        <source>What moves what</source>
        <translation>Was was bewegt</translation>
    </message>
    <message>
        <source>&amp;Try it</source>
        <translation>&amp;Probieren</translation>
    </message>
    <message>
        <source>Try it</source>
        <translation>Probieren</translation>
    </message>
    <message>
        <source>&amp;Registers</source>
        <translation>&amp;Register</translation>
    </message>
    <message>
        <source>Octaves or twelfths: how wide, and what moves them</source>
        <translation>Oktaven oder Duodezimen: wie weit, und was sie bewegt</translation>
    </message>
    <message>
        <source>Out&amp;come</source>
        <translation>&amp;Ergebnis</translation>
    </message>
    <message>
        <source>Forecast and outcome</source>
        <translation>Vorhersage und Ergebnis</translation>
    </message>
    <message>
        <source>filled: now   outline: after the cut</source>
        <translation>gefüllt: jetzt   Umriss: nach dem Schnitt</translation>
    </message>
    <message>
        <source>filled: now   outline: as was forecast</source>
        <translation>gefüllt: jetzt   Umriss: wie vorhergesagt</translation>
    </message>
    <message>
        <source>forecast</source>
        <translation>Vorhersage</translation>
    </message>
    <message>
        <source>after the cut</source>
        <translation>nach dem Schnitt</translation>
    </message>
    <message>
        <source>%1 of %2 notes within tolerance; furthest off %3, on average %4 cents</source>
        <translation>%1 von %2 Tönen in der Toleranz; am weitesten daneben %3, im Mittel %4 Cent</translation>
    </message>
    <message>
        <source>Not every note has been heard yet.</source>
        <translation>Noch ist nicht jeder Ton gehört.</translation>
    </message>
    <message>
        <source>Working it out…</source>
        <translation>Wird gerechnet…</translation>
    </message>
    <message>
        <source>No advice yet</source>
        <translation>Noch kein Rat</translation>
    </message>
    <message>
        <source>next: listen</source>
        <translation>als Nächstes: hören</translation>
    </message>
    <message numerus="yes">
        <source>Hear %n fingering(s)</source>
        <translation>
            <numerusform>%n Griff hören</numerusform>
            <numerusform>%n Griffe hören</numerusform>
        </translation>
    </message>
    <message>
        <source>the next cut</source>
        <translation>der nächste Schnitt</translation>
    </message>
    <message>
        <source>with: %1. Stop there.</source>
        <translation>mit: %1. Dort aufhören.</translation>
    </message>
    <message>
        <source>inches, or 6.4 mm</source>
        <translation>Zoll, oder 6,4 mm</translation>
    </message>
    <message>
        <source>millimetres, or inches as 1/4</source>
        <translation>Millimeter, oder Zoll als 1/4</translation>
    </message>
    <message>
        <source>done</source>
        <translation>fertig</translation>
    </message>
    <message>
        <source>No cut would bring it nearer</source>
        <translation>Kein Schnitt brächte es näher</translation>
    </message>
    <message>
        <source>Every note is within tolerance</source>
        <translation>Jeder Ton liegt in der Toleranz</translation>
    </message>
    <message>
        <source>Every note is in, as far as heard</source>
        <translation>Jeder Ton liegt drin, soweit gehört</translation>
    </message>
    <message>
        <source>Put the knife away. Clean the hole edges, finish, and listen once more afterwards: a finish moves the pitch a little.</source>
        <translation>Das Messer weglegen. Lochkanten säubern, Oberfläche behandeln und danach noch einmal hören: eine Oberfläche ändert die Stimmung ein wenig.</translation>
    </message>
    <message numerus="yes">
        <source>As it is now: %1, tube %2. %n cut(s) since the first listening.</source>
        <comment>hole sizes, length</comment>
        <translation>
            <numerusform>Wie es jetzt ist: %1, Rohr %2. %n Schnitt seit dem ersten Hören.</numerusform>
            <numerusform>Wie es jetzt ist: %1, Rohr %2. %n Schnitte seit dem ersten Hören.</numerusform>
        </translation>
    </message>
    <message>
        <source>stop</source>
        <translation>halt</translation>
    </message>
    <message>
        <source>Do not cut yet</source>
        <translation>Noch nicht schneiden</translation>
    </message>
    <message>
        <source>Measure %1 again  (Enter)</source>
        <translation>%1 noch einmal messen  (Eingabe)</translation>
    </message>
    <message>
        <source>Measure the tube again  (Enter)</source>
        <translation>Das Rohr noch einmal messen  (Eingabe)</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 auf %2</translation>
    </message>
    <message>
        <source>As the plan stands now, then: %1; then listen.</source>
        <translation>Wie der Plan jetzt steht, danach: %1; dann hören.</translation>
    </message>
    <message numerus="yes">
        <source>Then listen to %n fingering(s).</source>
        <translation>
            <numerusform>Dann %n Griff hören.</numerusform>
            <numerusform>Dann %n Griffe hören.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <comment>note, cents</comment>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>Out of line with the rest, so no cut goes by it yet: %1.</source>
        <translation>Passt nicht zu den anderen, darum richtet sich noch kein Schnitt danach: %1.</translation>
    </message>
    <message>
        <source>Out of reach by removing wood, as it looks now: %1.</source>
        <translation>Durch Wegnehmen von Holz, wie es aussieht, nicht zu erreichen: %1.</translation>
    </message>
    <message>
        <source>The plan goes: %1.</source>
        <translation>Der Plan geht so: %1.</translation>
    </message>
    <message>
        <source>Your cut…  (Enter)</source>
        <translation>Ihr Schnitt…  (Eingabe)</translation>
    </message>
    <message>
        <source>Your cut</source>
        <translation>Ihr Schnitt</translation>
    </message>
    <message>
        <source>your cut first</source>
        <translation>zuerst Ihr Schnitt</translation>
    </message>
    <message>
        <source>Which hole, and how far?</source>
        <translation>Welches Loch, und wie weit?</translation>
    </message>
    <message>
        <source>Choose by yourself; Moves and Try it say what moves what. When your cut is written down, Dowel says what it should do and what the advice would have been. Listen whenever you like.</source>
        <translation>Wählen Sie selbst; Wirkungen und Ausprobieren sagen, was was bewegt. Steht Ihr Schnitt geschrieben, sagt Dowel, was er bewirken sollte und was der Rat gewesen wäre. Hören Sie, wann immer Sie wollen.</translation>
    </message>
    <message>
        <source>%1, %2 → %3: %4 of %5 in tune after it, %6 sharp</source>
        <comment>work, sizes, notes</comment>
        <translation>%1, %2 → %3: danach %4 von %5 im Ziel, %6 zu hoch</translation>
    </message>
    <message>
        <source>Yours: %1.</source>
        <translation>Ihrer: %1.</translation>
    </message>
    <message>
        <source>The advice was: %1.</source>
        <translation>Der Rat war: %1.</translation>
    </message>
    <message>
        <source>The advice was not to cut.</source>
        <translation>Der Rat war, nicht zu schneiden.</translation>
    </message>
    <message numerus="yes">
        <source>As last heard: %1 of %2 in tune, %3 sharp; %n cut(s).</source>
        <comment>score</comment>
        <translation>
            <numerusform>Wie zuletzt gehört: %1 von %2 im Ziel, %3 zu hoch; %n Schnitt.</numerusform>
            <numerusform>Wie zuletzt gehört: %1 von %2 im Ziel, %3 zu hoch; %n Schnitte.</numerusform>
        </translation>
    </message>
    <message>
        <source>with your reamer %1, from the foot, %2 deeper than it goes now: its tip %3 in. Stop there.</source>
        <translation>mit der Reibahle %1 vom Fuß her, %2 tiefer, als sie jetzt geht: die Spitze %3 tief. Dort aufhören.</translation>
    </message>
    <message>
        <source>with your reamer %1, from the head, %2 deeper than it goes now: its tip %3 in. Stop there.</source>
        <translation>mit der Reibahle %1 vom Kopf her, %2 tiefer, als sie jetzt geht: die Spitze %3 tief. Dort aufhören.</translation>
    </message>
    <message>
        <source>filled: now   outline: with what you try</source>
        <translation>gefüllt: jetzt   Umriss: mit dem, was Sie versuchen</translation>
    </message>
    <message>
        <source>with what you try</source>
        <translation>mit dem, was Sie versuchen</translation>
    </message>
</context>
<context>
    <name>dowel::app::DemoRun</name>
    <message>
        <source>The loop stood still for too long.</source>
        <translation>Die Schleife stand zu lange still.</translation>
    </message>
    <message>
        <source>%1 of %2 notes within tolerance after %3 cuts and %4 rounds of listening; pictures in %5</source>
        <translation>%1 von %2 Tönen in der Toleranz nach %3 Schnitten und %4 Runden Hören; Bilder in %5</translation>
    </message>
</context>
<context>
    <name>dowel::app::Document</name>
    <message>
        <source>Nothing is lost: it is held here and saved as soon as it can be. Do not close Dowel before.</source>
        <translation>Nichts ist verloren: es wird hier gehalten und gespeichert, sobald es geht. Dowel nicht vorher schließen.</translation>
    </message>
    <message>
        <source>Everything is on the disk again.</source>
        <translation>Alles ist wieder auf der Platte.</translation>
    </message>
    <message>
        <source>There is no recording in that folder: WAV, FLAC, Ogg and AIFF are read.</source>
        <translation>In diesem Ordner ist keine Aufnahme: gelesen werden WAV, FLAC, Ogg und AIFF.</translation>
    </message>
    <message numerus="yes">
        <source>%n reading(s) kept.</source>
        <translation>
            <numerusform>%n Messung behalten.</numerusform>
            <numerusform>%n Messungen behalten.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n more note(s) are none of this instrument&apos;s.</source>
        <translation>
            <numerusform>%n weiterer Ton gehört nicht zu diesem Instrument.</numerusform>
            <numerusform>%n weitere Töne gehören nicht zu diesem Instrument.</numerusform>
        </translation>
    </message>
    <message>
        <source>measured over another part</source>
        <translation>über ein anderes Stück gemessen</translation>
    </message>
    <message>
        <source>Measured anew. The first version stays in the record, set aside.</source>
        <translation>Neu gemessen. Die erste Fassung bleibt im Buch, beiseitegelegt.</translation>
    </message>
    <message>
        <source>taken back</source>
        <translation>zurückgenommen</translation>
    </message>
    <message>
        <source>Set aside. It stays in the record, marked so.</source>
        <translation>Beiseitegelegt. Es bleibt im Buch, so gekennzeichnet.</translation>
    </message>
    <message>
        <source>Written down. What was heard since is understood anew.</source>
        <translation>Eingetragen. Was seither gehört wurde, wird neu verstanden.</translation>
    </message>
    <message>
        <source>This advice does without what your other instruments told: %1</source>
        <translation>Dieser Rat kommt ohne aus, was die anderen Instrumente gelehrt haben: %1</translation>
    </message>
    <message>
        <source>Copied to %1.</source>
        <translation>Kopiert nach %1.</translation>
    </message>
    <message>
        <source>Written to %1.</source>
        <translation>Geschrieben nach %1.</translation>
    </message>
    <message>
        <source>Written down. The advice goes by it from here on.</source>
        <translation>Eingetragen. Der Rat richtet sich von hier an danach.</translation>
    </message>
</context>
<context>
    <name>dowel::app::DriftPicture</name>
    <message>
        <source>Drift since each shape was first heard</source>
        <translation>Drift, seit jede Form zuerst gehört wurde</translation>
    </message>
    <message numerus="yes">
        <source>%1: %2 cents in the mean, from %3 to %4, over %n note(s)</source>
        <comment>date, cents</comment>
        <translation>
            <numerusform>%1: %2 Cent im Mittel, von %3 bis %4, über %n Ton</numerusform>
            <numerusform>%1: %2 Cent im Mittel, von %3 bis %4, über %n Töne</numerusform>
        </translation>
    </message>
    <message>
        <source>Drift: hear the same shape again on another day, and it stands here.</source>
        <translation>Drift: dieselbe Form an einem anderen Tag noch einmal hören, dann steht sie hier.</translation>
    </message>
    <message>
        <source>drift in cents at one temperature   ● mean of the notes   bar: all of them</source>
        <translation>Drift in Cent bei einer Temperatur   ● Mittel der Töne   Strich: alle</translation>
    </message>
</context>
<context>
    <name>dowel::app::DrillPage</name>
    <message>
        <source>Places in parts of an inch</source>
        <translation>Orte in Teilen eines Zolls</translation>
    </message>
    <message>
        <source>hole</source>
        <translation>Loch</translation>
    </message>
    <message>
        <source>from the foot</source>
        <translation>vom Fuß</translation>
    </message>
    <message>
        <source>in inches</source>
        <translation>in Zoll</translation>
    </message>
    <message>
        <source>off by</source>
        <translation>daneben um</translation>
    </message>
    <message>
        <source>The lowest note while the foot is cut</source>
        <translation>Der tiefste Ton, während der Fuß gekürzt wird</translation>
    </message>
    <message>
        <source>tube</source>
        <translation>Rohr</translation>
    </message>
    <message>
        <source>no holes yet</source>
        <translation>noch ohne Löcher</translation>
    </message>
    <message>
        <source>holes drilled</source>
        <translation>Löcher gebohrt</translation>
    </message>
    <message>
        <source>Parts of an inch</source>
        <translation>Teile eines Zolls</translation>
    </message>
    <message>
        <source>Order of work</source>
        <translation>Arbeitsfolge</translation>
    </message>
    <message>
        <source>sixteenths</source>
        <translation>Sechzehntel</translation>
    </message>
    <message>
        <source>thirty-seconds</source>
        <translation>Zweiunddreißigstel</translation>
    </message>
    <message>
        <source>sixty-fourths</source>
        <translation>Vierundsechzigstel</translation>
    </message>
    <message>
        <source>Full-size template:</source>
        <translation>Schablone in wahrer Größe:</translation>
    </message>
    <message>
        <source>&amp;PDF…</source>
        <translation>&amp;PDF…</translation>
    </message>
    <message>
        <source>S&amp;VG…</source>
        <translation>S&amp;VG…</translation>
    </message>
    <message>
        <source>D&amp;XF…</source>
        <translation>D&amp;XF…</translation>
    </message>
    <message>
        <source>Template as %1</source>
        <translation>Schablone als %1</translation>
    </message>
    <message>
        <source>Marking by an inch rule, in</source>
        <translation>Anreißen mit dem Zollstock, in</translation>
    </message>
    <message>
        <source>The lowest note as the foot is cut, cents off its target:</source>
        <translation>Der tiefste Ton beim Kürzen des Fußes, Cent neben dem Ziel:</translation>
    </message>
    <message>
        <source>From the first mark to the last bit; tick off as you go.</source>
        <translation>Vom ersten Anriss bis zum letzten Bohrer; unterwegs abhaken.</translation>
    </message>
    <message>
        <source>Saw the tube to %1 and square the foot. Clamp the work; eye protection.</source>
        <translation>Das Rohr auf %1 absägen und den Fuß winklig machen. Werkstück spannen; Augenschutz.</translation>
    </message>
    <message>
        <source>Print the template without scaling, hold a rule against its ruler, wrap it with its edge on the foot; or draw one centre line and mark the places from the foot.</source>
        <translation>Die Schablone ohne Skalierung drucken, einen Maßstab daran halten, mit der Kante am Fuß herumlegen; oder eine Mittellinie ziehen und die Orte vom Fuß aus anreißen.</translation>
    </message>
    <message>
        <source>Prick the centres and drill pilots of 2 mm, pointed at the middle of the bore. No gloves or loose sleeves near the drill.</source>
        <translation>Die Mitten vorstechen und mit 2 mm vorbohren, auf die Mitte der Bohrung zu. Keine Handschuhe oder losen Ärmel am Bohrer.</translation>
    </message>
    <message>
        <source>%1: bits %2. No further: the rest is for tuning.</source>
        <translation>%1: Bohrer %2. Nicht weiter: der Rest ist fürs Stimmen.</translation>
    </message>
    <message>
        <source>, then </source>
        <translation>, dann </translation>
    </message>
    <message>
        <source>Take the burrs off inside and out, cutting away from yourself, and blow the bore clean: mask and extraction.</source>
        <translation>Innen und außen entgraten, vom Körper weg schneiden, die Bohrung ausblasen: Maske und Absaugung.</translation>
    </message>
    <message>
        <source>Leave the foot: %1 are kept for when the holes are heard. The lowest note at each length stands beside.</source>
        <translation>Den Fuß stehen lassen: %1 bleiben, bis die Löcher gehört sind. Daneben steht der tiefste Ton bei jeder Länge.</translation>
    </message>
    <message>
        <source>%1 cents</source>
        <translation>%1 Cent</translation>
    </message>
    <message>
        <source>%1.  %2</source>
        <translation>%1.  %2</translation>
    </message>
    <message>
        <source>Template</source>
        <translation>Schablone</translation>
    </message>
    <message>
        <source>Written to %1.</source>
        <translation>Geschrieben nach %1.</translation>
    </message>
    <message>
        <source>The order of &amp;work</source>
        <translation>Reihenfolge der &amp;Arbeit</translation>
    </message>
    <message>
        <source>What is t&amp;here</source>
        <translation>Was &amp;da ist</translation>
    </message>
    <message>
        <source>It is drilled so: on to &amp;listening</source>
        <translation>So ist es gebohrt: weiter zum &amp;Hören</translation>
    </message>
    <message>
        <source>There is nothing to drill yet: lay the holes out first, or type under What is there what was drilled by other means.</source>
        <translation>Es gibt noch nichts zu bohren: erst die Löcher anlegen, oder unter Was da ist eintippen, was anders gebohrt wurde.</translation>
    </message>
    <message>
        <source>Leave the tube longer than %1 by the slide&apos;s grip. Fit the slide: tight enough to hold and not to leak, greased; drawn out, its face stands %1 from the sounding edge.</source>
        <translation>Lassen Sie das Rohr um den Griff des Schiebers länger als %1. Passen Sie den Schieber ein: fest genug zu halten und dicht, gefettet; herausgezogen steht seine Fläche %1 von der Kante.</translation>
    </message>
    <message>
        <source>Mark on the slide where its face stands for every note: the table beside has the places.</source>
        <translation>Zeichnen Sie auf dem Schieber an, wo seine Fläche für jeden Ton steht: Die Orte stehen in der Tabelle daneben.</translation>
    </message>
    <message>
        <source>Bind the cane on both sides of %1 before it is opened: the node beside it splits.</source>
        <comment>hole</comment>
        <translation>Umwickeln Sie das Rohr beidseits von %1, bevor es geöffnet wird: Der Knoten daneben reißt.</translation>
    </message>
    <message>
        <source>Prick the centres and enter with a hot wire or the point of a knife, across the fibres: a turning bit tears strands out that crack later. Burn outdoors or under extraction, with water at hand.</source>
        <translation>Stechen Sie die Mitten an und gehen Sie mit einem heißen Draht oder der Messerspitze hinein, quer zu den Fasern: Ein drehender Bohrer reißt Strähnen aus, die später weiterreißen. Brennen Sie im Freien oder unter Absaugung, mit Wasser zur Hand.</translation>
    </message>
    <message>
        <source>Mark the centres with the template; nothing is drilled beforehand.</source>
        <translation>Zeichnen Sie die Mitten mit der Schablone an; vorgebohrt wird nichts.</translation>
    </message>
    <message>
        <source>Push a wooden mandrel into the pipe, prick the centres and drill pilots of 2 mm, slowly: warm plastic grabs the bit, and hot PVC gives off poison. No gloves or loose sleeves near the drill.</source>
        <translation>Schieben Sie einen Holzdorn ins Rohr, stechen Sie die Mitten an und bohren Sie mit 2 mm vor, langsam: Warmer Kunststoff packt den Bohrer, und heißes PVC gibt Gift ab. Keine Handschuhe oder weiten Ärmel am Bohrer.</translation>
    </message>
    <message>
        <source>%1: burn or cut it to %2, from the pilot outwards, the knife across the fibres and away from your hand. No further: the rest is for tuning.</source>
        <translation>%1: Brennen oder schneiden Sie es auf %2, vom Vorloch nach außen, das Messer quer zu den Fasern und von der Hand weg. Nicht weiter: Der Rest ist zum Stimmen.</translation>
    </message>
    <message>
        <source>%1: a cork borer of %2 or less, with a twist, onto a board and never towards a hand; children with somebody beside them. No further: the rest is for tuning.</source>
        <translation>%1: ein Korkbohrer von %2 oder weniger, drehend, auf ein Brett und nie auf eine Hand zu; Kinder mit jemandem daneben. Nicht weiter: Der Rest ist zum Stimmen.</translation>
    </message>
    <message>
        <source>%1: on the mandrel, bits %2, or a step drill as far as that. No further: the rest is for tuning.</source>
        <translation>%1: auf dem Dorn, Bohrer %2, oder ein Stufenbohrer bis dahin. Nicht weiter: Der Rest ist zum Stimmen.</translation>
    </message>
    <message>
        <source>%1: brad point bits %2, over a plug in the bore. No further: the rest is for tuning.</source>
        <translation>%1: Bohrer mit Zentrierspitze %2, über einem Stopfen in der Bohrung. Nicht weiter: Der Rest ist zum Stimmen.</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>slide from the edge</source>
        <translation>Schieber ab der Kante</translation>
    </message>
    <message>
        <source>from its longest</source>
        <translation>vom Längsten</translation>
    </message>
    <message>
        <source>give or take</source>
        <translation>ungefähr</translation>
    </message>
    <message>
        <source>Hear it, then bore on by what Dowel says, a little at a time: what is too deep only a plug brings back. The table beside says what each half millimetre does.</source>
        <translation>Anhören, dann nach Dowels Rat weiterbohren, immer nur ein wenig: was zu tief ist, holt nur ein Stopfen zurück. Die Tabelle daneben sagt, was jeder halbe Millimeter tut.</translation>
    </message>
    <message>
        <source>Close the foot with a stop whose face stands %1 from the sounding edge: it sounds high on purpose, and the stop is drawn out by what is heard. Cut away from yourself.</source>
        <translation>Den Fuß mit einem Stopfen schließen, dessen Stirn %1 vom Labium steht: er klingt mit Absicht zu hoch und wird nach Gehör herausgezogen. Vom Körper weg schneiden.</translation>
    </message>
    <message>
        <source>Bore it %1 deep from the sounding edge, with a stop on the bit: it starts %2 too short on purpose. Leave wood below for that and for the floor. Clamp it, no gloves; draw the bit out often.</source>
        <translation>Vom Labium an %1 tief bohren, mit Anschlag am Bohrer: mit Absicht %2 zu kurz. Darunter Holz dafür und für den Boden lassen. Einspannen, keine Handschuhe; den Bohrer oft herausziehen.</translation>
    </message>
    <message>
        <source>depth of its own pipe</source>
        <translation>Tiefe der eigenen Pfeife</translation>
    </message>
    <message>
        <source>less than this one</source>
        <translation>weniger als diese</translation>
    </message>
    <message>
        <source>The lowest note as it is bored deeper, cents off its target:</source>
        <translation>Der tiefste Ton beim Tieferbohren, Cent neben dem Ziel:</translation>
    </message>
    <message>
        <source>depth</source>
        <translation>Tiefe</translation>
    </message>
</context>
<context>
    <name>dowel::app::EdgePage</name>
    <message>
        <source>No sound at all, only breath</source>
        <translation>Gar kein Ton, nur Luft</translation>
    </message>
    <message>
        <source>1. Look through the windway at the light: the jet must meet the lip&apos;s edge, not pass over or under it. Move the block a hair, or shim it with paper.
2. Clear burrs from the windway&apos;s exit and the lip.
3. Close the holes with tape and try the lowest note.
Only then: take a little off the underside of the lip.</source>
        <translation>1. Durch die Kernspalte gegen das Licht sehen: der Luftstrahl muss die Kante des Labiums treffen, nicht darüber oder darunter gehen. Den Block um ein Haar verschieben oder mit Papier unterlegen.
2. Grate am Ausgang der Kernspalte und am Labium entfernen.
3. Die Löcher mit Klebeband schließen und den tiefsten Ton versuchen.
Erst dann: an der Unterseite des Labiums ein wenig wegnehmen.</translation>
    </message>
    <message>
        <source>Airy, hissing</source>
        <translation>Luftig, zischend</translation>
    </message>
    <message>
        <source>1. Dry the windway and ease its exit edges.
2. Narrow the windway with a strip of tape on its roof.
3. Lower the block by a sheet of paper.
Only then: sharpen the lip. A shorter window would need a new block.</source>
        <translation>1. Die Kernspalte trocknen und ihre Kanten am Ausgang brechen.
2. Die Kernspalte mit einem Streifen Klebeband unter dem Dach verengen.
3. Den Block um ein Blatt Papier senken.
Erst dann: das Labium schärfen. Ein kürzerer Aufschnitt bräuchte einen neuen Block.</translation>
    </message>
    <message>
        <source>Jumps to the octave too easily</source>
        <translation>Springt zu leicht in die Oktave</translation>
    </message>
    <message>
        <source>1. Blow softer, check for a leak at a hole.
2. Draw the block back a trifle.
3. Widen the windway&apos;s exit by removing the tape.
Only then: open the window along the tube, a tenth of a millimetre at a time: it lowers nothing back.</source>
        <translation>1. Sanfter blasen, nach einem Leck an einem Loch suchen.
2. Den Block eine Spur zurückziehen.
3. Den Ausgang der Kernspalte weiten: das Klebeband abnehmen.
Erst dann: den Aufschnitt längs öffnen, ein Zehntel Millimeter auf einmal: zurück geht es nicht.</translation>
    </message>
    <message>
        <source>Upper notes will not come</source>
        <translation>Die oberen Töne kommen nicht</translation>
    </message>
    <message>
        <source>1. Narrow the windway with tape: a faster jet.
2. Push the block forward a trifle.
Only then: thin the lip. A window opened too far cannot be closed; here a new edge must be glued in.</source>
        <translation>1. Die Kernspalte mit Klebeband verengen: ein schnellerer Strahl.
2. Den Block eine Spur vorschieben.
Erst dann: das Labium dünner machen. Ein zu weit geöffneter Aufschnitt lässt sich nicht schließen; da muss eine neue Kante eingeleimt werden.</translation>
    </message>
    <message>
        <source>Dull</source>
        <translation>Dumpf</translation>
    </message>
    <message>
        <source>1. Clean and smooth the bore; ease no edges that should be sharp.
2. Raise the block a hair so that the jet meets the lip&apos;s upper side.
Only then: a thinner lip.</source>
        <translation>1. Die Bohrung säubern und glätten; keine Kante brechen, die scharf sein soll.
2. Den Block um ein Haar heben, dass der Strahl die Oberseite des Labiums trifft.
Erst dann: ein dünneres Labium.</translation>
    </message>
    <message>
        <source>Chirps at the start</source>
        <translation>Zirpt beim Ansprechen</translation>
    </message>
    <message>
        <source>1. Chamfer the windway&apos;s exit by a touch of fine paper, above and below alike.
2. Draw the block back a trifle.
Only then: open the window a tenth.</source>
        <translation>1. Den Ausgang der Kernspalte mit feinem Papier oben wie unten leicht fasen.
2. Den Block eine Spur zurückziehen.
Erst dann: den Aufschnitt um ein Zehntel öffnen.</translation>
    </message>
    <message>
        <source>No sound at all</source>
        <translation>Gar kein Ton</translation>
    </message>
    <message>
        <source>1. Blow the head alone, closed with the palm.
2. Check the stopper for a leak with a thumb over the hole: suction must hold.
3. Roll in and out.
Only then: sharpen the far edge from inside.</source>
        <translation>1. Das Kopfstück allein blasen, mit der Hand verschlossen.
2. Den Kork auf Dichtheit prüfen, Daumen auf dem Loch: der Sog muss halten.
3. Ein- und ausdrehen.
Erst dann: die hintere Kante von innen schärfen.</translation>
    </message>
    <message>
        <source>Airy</source>
        <translation>Luftig</translation>
    </message>
    <message>
        <source>1. Cover less of the hole.
2. Take burrs off the far edge without rounding it.
Only then: undercut the far wall a little.</source>
        <translation>1. Weniger vom Loch bedecken.
2. Die hintere Kante entgraten, ohne sie zu runden.
Erst dann: die hintere Wand ein wenig unterschneiden.</translation>
    </message>
    <message>
        <source>Octaves too wide or too narrow</source>
        <translation>Oktaven zu weit oder zu eng</translation>
    </message>
    <message>
        <source>1. Move the stopper by a millimetre and listen to both registers: the table beside says which way. It can go back.
Only then: think of bore or embouchure hole.</source>
        <translation>1. Den Kork um einen Millimeter verschieben und beide Register hören: die Tafel daneben sagt, wohin. Er kann zurück.
Erst dann: an Bohrung oder Mundloch denken.</translation>
    </message>
    <message>
        <source>Low notes weak, upper ones easy</source>
        <translation>Tiefe Töne schwach, hohe leicht</translation>
    </message>
    <message>
        <source>1. Look for leaks: tape the holes one by one.
2. Cover less.
Only then: enlarge the embouchure hole a little, across the tube.</source>
        <translation>1. Lecks suchen: die Löcher eins nach dem anderen zukleben.
2. Weniger bedecken.
Erst dann: das Mundloch ein wenig quer zum Rohr weiten.</translation>
    </message>
    <message>
        <source>The reed closes and stays closed</source>
        <translation>Das Rohrblatt schließt und bleibt zu</translation>
    </message>
    <message>
        <source>1. Less lip, less pressure.
2. A stiffer reed, or bend it open over warmth.
Only then: open the lay of the mouthpiece at its tip.</source>
        <translation>1. Weniger Lippe, weniger Druck.
2. Ein steiferes Blatt, oder es über Wärme aufbiegen.
Erst dann: die Bahn des Mundstücks an der Spitze öffnen.</translation>
    </message>
    <message>
        <source>The reed leaks and never starts</source>
        <translation>Das Rohrblatt ist undicht und spricht nie an</translation>
    </message>
    <message>
        <source>1. Wet it; bind it tighter.
2. Suck with the end closed: it must hold a moment.
Only then: flatten the table of the mouthpiece.</source>
        <translation>1. Anfeuchten; fester binden.
2. Bei geschlossenem Ende saugen: es muss einen Augenblick halten.
Erst dann: die Auflage des Mundstücks plan machen.</translation>
    </message>
    <message>
        <source>Only upper notes</source>
        <translation>Nur hohe Töne</translation>
    </message>
    <message>
        <source>1. A softer reed.
2. Look for a leak near the top.
Only then: more volume in the mouthpiece.</source>
        <translation>1. Ein weicheres Blatt.
2. Oben nach einem Leck suchen.
Erst dann: mehr Raum im Mundstück.</translation>
    </message>
    <message>
        <source>1. A thinner tip on the reed.
2. Smooth the bore.
Only then: a lower roof in the mouthpiece.</source>
        <translation>1. Eine dünnere Spitze am Blatt.
2. Die Bohrung glätten.
Erst dann: ein niedrigeres Dach im Mundstück.</translation>
    </message>
    <message>
        <source>window, along</source>
        <translation>Aufschnitt, längs</translation>
    </message>
    <message>
        <source>longer: stronger low notes, harder octave</source>
        <translation>länger: stärkere Tiefe, schwerere Oktave</translation>
    </message>
    <message>
        <source>window, across</source>
        <translation>Aufschnitt, quer</translation>
    </message>
    <message>
        <source>wider: louder, wants more air</source>
        <translation>breiter: lauter, braucht mehr Luft</translation>
    </message>
    <message>
        <source>wall at the window</source>
        <translation>Wand am Aufschnitt</translation>
    </message>
    <message>
        <source>thinner: brighter, thinner sound</source>
        <translation>dünner: heller, dünner im Klang</translation>
    </message>
    <message>
        <source>hole, along</source>
        <translation>Loch, längs</translation>
    </message>
    <message>
        <source>longer: easier low notes, less focus</source>
        <translation>länger: leichtere Tiefe, weniger Kern</translation>
    </message>
    <message>
        <source>hole, across</source>
        <translation>Loch, quer</translation>
    </message>
    <message>
        <source>wider: louder, less room to lip</source>
        <translation>breiter: lauter, weniger Spielraum der Lippe</translation>
    </message>
    <message>
        <source>chimney</source>
        <translation>Kamin</translation>
    </message>
    <message>
        <source>deeper: more resistance, steadier</source>
        <translation>tiefer: mehr Widerstand, ruhiger</translation>
    </message>
    <message>
        <source>stopper, farther</source>
        <translation>Kork, weiter weg</translation>
    </message>
    <message>
        <source>moves the octaves</source>
        <translation>bewegt die Oktaven</translation>
    </message>
    <message>
        <source>What is heard</source>
        <translation>Was zu hören ist</translation>
    </message>
    <message>
        <source>What each measure does</source>
        <translation>Was jedes Maß bewirkt</translation>
    </message>
    <message>
        <source>a tenth of a mm</source>
        <translation>ein Zehntel mm</translation>
    </message>
    <message>
        <source>sound</source>
        <translation>Klang</translation>
    </message>
    <message>
        <source>What do you hear?</source>
        <translation>Was ist zu hören?</translation>
    </message>
    <message>
        <source>Windway, high</source>
        <translation>Kernspalte, hoch</translation>
    </message>
    <message>
        <source>is now</source>
        <translation>ist jetzt</translation>
    </message>
    <message>
        <source>What each measure does to the lowest note, in cents. Double-click a size to change it.</source>
        <translation>Was jedes Maß beim tiefsten Ton bewirkt, in Cent. Ein Maß doppelt anklicken, um es zu ändern.</translation>
    </message>
    <message>
        <source>Make the mouth small first and open it little by little. Sharp tools: cut away from yourself.</source>
        <translation>Den Mund erst klein machen und nach und nach öffnen. Scharfes Werkzeug: vom Körper weg schneiden.</translation>
    </message>
    <message>
        <source>%1 sounds best at about %2 Pa of breath and jumps above %3; %4 wants %5. Ten pascals are a millimetre of water.</source>
        <translation>%1 klingt bei etwa %2 Pa Atem am besten und springt über %3; %4 braucht %5. Zehn Pascal sind ein Millimeter Wasser.</translation>
    </message>
    <message>
        <source>The cut-up is low: the lowest note must be blown very softly and jumps. Open the window a little.</source>
        <translation>Der Aufschnitt ist niedrig: der tiefste Ton muss sehr leise geblasen werden und springt. Das Fenster etwas öffnen.</translation>
    </message>
    <message>
        <source>A tenth of a millimetre more: %1 cents in the first register, %2 in the second; %3</source>
        <translation>Ein Zehntel Millimeter mehr: %1 Cent im ersten Register, %2 im zweiten; %3</translation>
    </message>
    <message>
        <source>first
register</source>
        <translation>erstes
Register</translation>
    </message>
    <message>
        <source>second
register</source>
        <translation>zweites
Register</translation>
    </message>
    <message>
        <source>The cut-up is high: the low register already wants more breath than is comfortable at its top. A window cannot be made shorter again; a higher windway helps.</source>
        <translation>Der Aufschnitt ist hoch: schon das tiefe Register braucht oben mehr Atem, als bequem ist. Ein Fenster wird nicht wieder kürzer; eine höhere Kernspalte hilft.</translation>
    </message>
    <message>
        <source>larger: darker, short notes flat</source>
        <translation>größer: dunkler, kurze Töne zu tief</translation>
    </message>
    <message>
        <source>mouthpiece</source>
        <translation>Mundstück</translation>
    </message>
    <message>
        <source>Windway, long</source>
        <translation>Kernspalte, lang</translation>
    </message>
    <message>
        <source>Chamfer at its exit</source>
        <translation>Fase an ihrem Ausgang</translation>
    </message>
    <message>
        <source>The windway itself takes about %1 Pa more for %2 and %3 for %4.</source>
        <translation>Die Kernspalte selbst nimmt etwa %1 Pa mehr für %2 und %3 für %4.</translation>
    </message>
    <message>
        <source>not said</source>
        <translation>nicht gesagt</translation>
    </message>
    <message>
        <source>none</source>
        <comment>chamfer</comment>
        <translation>keine</translation>
    </message>
    <message>
        <source>undercut, all round</source>
        <translation>unterschnitten</translation>
    </message>
    <message>
        <source>easier to speak, more room to lip</source>
        <translation>spricht leichter an</translation>
    </message>
</context>
<context>
    <name>dowel::app::EdgePicture</name>
    <message>
        <source>The sounding edge, enlarged</source>
        <translation>Die Anblaskante, vergrößert</translation>
    </message>
    <message>
        <source>window, along</source>
        <translation>Fenster, längs</translation>
    </message>
    <message>
        <source>window, across</source>
        <translation>Fenster, quer</translation>
    </message>
    <message>
        <source>wall at the window</source>
        <translation>Wand am Fenster</translation>
    </message>
    <message>
        <source>bore above the window</source>
        <translation>Bohrung über dem Fenster</translation>
    </message>
    <message>
        <source>cover stands up by</source>
        <translation>Aufsatz steht über um</translation>
    </message>
    <message>
        <source>hole, along</source>
        <translation>Loch, längs</translation>
    </message>
    <message>
        <source>hole, across</source>
        <translation>Loch, quer</translation>
    </message>
    <message>
        <source>chimney</source>
        <translation>Kamin</translation>
    </message>
    <message>
        <source>hole to stopper</source>
        <translation>Loch bis Stopfen</translation>
    </message>
    <message>
        <source>mouthpiece, as length of bore</source>
        <translation>Mundstück, als Länge der Bohrung</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>measure, size</comment>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1. %2</source>
        <comment>measure with size; its effect</comment>
        <translation>%1. %2</translation>
    </message>
    <message>
        <source>%1 times as large; drag a square, or arrow keys</source>
        <translation>%1-mal so groß; ein Quadrat ziehen, oder Pfeiltasten</translation>
    </message>
    <message>
        <source>windway, high</source>
        <translation>Kernspalte, hoch</translation>
    </message>
    <message>
        <source>chamfer at its exit</source>
        <translation>Fase an ihrem Ausgang</translation>
    </message>
    <message>
        <source>undercut, all round</source>
        <translation>unterschnitten</translation>
    </message>
</context>
<context>
    <name>dowel::app::FarView</name>
    <message>
        <source>Dowel, across the room</source>
        <translation>Dowel, quer durch den Raum</translation>
    </message>
    <message>
        <source>The asked fingering, large</source>
        <translation>Der gefragte Griff, groß</translation>
    </message>
    <message>
        <source>low register</source>
        <translation>tiefes Register</translation>
    </message>
    <message>
        <source>high register</source>
        <translation>hohes Register</translation>
    </message>
    <message>
        <source>third register</source>
        <translation>drittes Register</translation>
    </message>
</context>
<context>
    <name>dowel::app::FingeringCard</name>
    <message>
        <source>Asked fingering</source>
        <translation>Gefragter Griff</translation>
    </message>
    <message>
        <source>%1, register %2, closed: %3</source>
        <translation>%1, Register %2, geschlossen: %3</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keins</translation>
    </message>
    <message>
        <source>Fingering, to be changed</source>
        <translation>Griff, zum Ändern</translation>
    </message>
    <message>
        <source>low register</source>
        <translation>tiefes Register</translation>
    </message>
    <message>
        <source>high register: blow harder</source>
        <translation>hohes Register: fester blasen</translation>
    </message>
    <message>
        <source>third register</source>
        <translation>drittes Register</translation>
    </message>
    <message>
        <source>target %1 Hz, ±%2 cents</source>
        <translation>Ziel %1 Hz, ±%2 Cent</translation>
    </message>
    <message>
        <source>%1, register %2, closed: %3; partly: %4</source>
        <translation>%1, Register %2, geschlossen: %3; teilweise: %4</translation>
    </message>
</context>
<context>
    <name>dowel::app::FingeringsDialog</name>
    <message>
        <source>%1 partly</source>
        <translation>%1 teilweise</translation>
    </message>
    <message>
        <source>all open</source>
        <translation>alle offen</translation>
    </message>
    <message>
        <source>Fingerings, best first</source>
        <translation>Griffe, die besten zuerst</translation>
    </message>
    <message>
        <source>closed, from the foot</source>
        <translation>geschlossen, vom Fuß</translation>
    </message>
    <message>
        <source>register</source>
        <translation>Register</translation>
    </message>
    <message>
        <source>cents</source>
        <translation>Cent</translation>
    </message>
    <message>
        <source>give or take</source>
        <translation>ungefähr</translation>
    </message>
    <message>
        <source>speaks</source>
        <translation>spricht an</translation>
    </message>
    <message>
        <source>fingers that move</source>
        <translation>Finger, die sich bewegen</translation>
    </message>
    <message>
        <source>&amp;Instead of it</source>
        <translation>&amp;Stattdessen</translation>
    </message>
    <message>
        <source>&amp;Beside it</source>
        <translation>&amp;Daneben</translation>
    </message>
    <message>
        <source>Fingerings for %1</source>
        <translation>Griffe für %1</translation>
    </message>
    <message>
        <source>Going through every way to close the holes…</source>
        <translation>Jede Art, die Löcher zu schließen, wird durchgegangen…</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>No way to close the holes comes within 40 cents of it.</source>
        <translation>Keine Art, die Löcher zu schließen, kommt ihm auf 40 Cent nahe.</translation>
    </message>
    <message>
        <source>By the model, on the row as it is laid out; hear one before you rely on it. Fingers that move: between it and its neighbours on the chart.</source>
        <translation>Nach dem Modell, auf der Reihe, wie sie gelegt ist; hören Sie einen, bevor Sie sich darauf verlassen. Finger, die sich bewegen: zwischen ihm und seinen Nachbarn auf der Tabelle.</translation>
    </message>
</context>
<context>
    <name>dowel::app::FinishPage</name>
    <message>
        <source>Recipe</source>
        <translation>Rezept</translation>
    </message>
    <message>
        <source>&amp;Begin with it</source>
        <translation>Damit &amp;beginnen</translation>
    </message>
    <message>
        <source>Works of the finish</source>
        <translation>Arbeiten der Oberfläche</translation>
    </message>
    <message>
        <source>work</source>
        <translation>Arbeit</translation>
    </message>
    <message>
        <source>days</source>
        <translation>Tage</translation>
    </message>
    <message>
        <source>from</source>
        <translation>ab</translation>
    </message>
    <message>
        <source>done</source>
        <translation>fertig</translation>
    </message>
    <message>
        <source>weight, g</source>
        <translation>Gewicht, g</translation>
    </message>
    <message>
        <source>What it moved</source>
        <translation>Was sie verschob</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>before</source>
        <translation>vorher</translation>
    </message>
    <message>
        <source>after</source>
        <translation>nachher</translation>
    </message>
    <message>
        <source>moved</source>
        <translation>um</translation>
    </message>
    <message>
        <source>First day</source>
        <translation>Erster Tag</translation>
    </message>
    <message>
        <source>&amp;Add a work…</source>
        <translation>&amp;Arbeit dazu…</translation>
    </message>
    <message>
        <source>&amp;Remove it</source>
        <translation>&amp;Entfernen</translation>
    </message>
    <message>
        <source>&amp;Earlier</source>
        <translation>&amp;Früher</translation>
    </message>
    <message>
        <source>La&amp;ter</source>
        <translation>&amp;Später</translation>
    </message>
    <message>
        <source>&amp;Keep as a recipe…</source>
        <translation>Als &amp;Rezept behalten…</translation>
    </message>
    <message>
        <source>&amp;Measure again…</source>
        <translation>Neu &amp;messen…</translation>
    </message>
    <message>
        <source>Cale&amp;ndar…</source>
        <translation>Kale&amp;nder…</translation>
    </message>
    <message>
        <source>&amp;Passport…</source>
        <translation>&amp;Pass…</translation>
    </message>
    <message>
        <source>&amp;Begin anew with it</source>
        <translation>Damit neu &amp;beginnen</translation>
    </message>
    <message>
        <source>When every note is in tune the knife is put away. Choose how it is finished, and from which day: each work gets its days, and what is late moves what follows.</source>
        <translation>Stimmt jeder Ton, kommt das Messer weg. Wählen, wie die Oberfläche wird und ab welchem Tag: jede Arbeit bekommt ihre Tage, und was sich verspätet, schiebt das Folgende.</translation>
    </message>
    <message>
        <source>Next, from %1: %2.</source>
        <comment>day, work</comment>
        <translation>Als Nächstes, ab %1: %2.</translation>
    </message>
    <message>
        <source>All is done. What is left is to play it in, and to write its passport.</source>
        <translation>Alles ist getan. Bleibt, es einzuspielen und seinen Pass zu schreiben.</translation>
    </message>
    <message>
        <source>What is to be minded at each work stands here. Your shop&apos;s rules and qualified practice come first.</source>
        <translation>Was bei jeder Arbeit zu beachten ist, steht hier. Die Regeln der Werkstatt und gelernte Praxis gehen vor.</translation>
    </message>
    <message>
        <source>Hear every note before the oil and again after it: then what your finish does stands here, and the last correction of the next instrument can leave room for it.</source>
        <translation>Jeden Ton vor dem Öl und danach noch einmal anhören: dann steht hier, was die Oberfläche tut, und die letzte Korrektur des nächsten Instruments kann ihr Raum lassen.</translation>
    </message>
    <message>
        <source>The first that was heard before and after this finish; the shop will know it from now on.</source>
        <translation>Das erste, das vor und nach dieser Oberfläche gehört wurde; die Werkstatt weiß es von nun an.</translation>
    </message>
    <message>
        <source>Nothing heard before and after this finish yet. Hear every note before the first work, and after the last.</source>
        <translation>Vor und nach dieser Oberfläche ist noch nichts gehört. Jeden Ton vor der ersten Arbeit anhören und nach der letzten.</translation>
    </message>
    <message numerus="yes">
        <source>This finish has moved %n other instrument(s) of the shop by %1 to %2 cents.</source>
        <translation>
            <numerusform>Diese Oberfläche hat %n anderes Instrument der Werkstatt um %1 bis %2 Cent verschoben.</numerusform>
            <numerusform>Diese Oberfläche hat %n andere Instrumente der Werkstatt um %1 bis %2 Cent verschoben.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 It needs no room.</source>
        <comment>sentence</comment>
        <translation>%1 Sie braucht keinen Raum.</translation>
    </message>
    <message>
        <source>%1 Stop %2 cents flat to leave room for it.</source>
        <comment>sentence, cents</comment>
        <translation>%1 Für sie %2 Cent zu tief aufhören.</translation>
    </message>
    <message>
        <source>%1 Stop %2 cents sharp to leave room for it.</source>
        <comment>sentence, cents</comment>
        <translation>%1 Für sie %2 Cent zu hoch aufhören.</translation>
    </message>
    <message>
        <source>%1 is no day; type it as 2026-05-12.</source>
        <comment>what was typed</comment>
        <translation>%1 ist kein Tag; so schreiben: 2026-05-12.</translation>
    </message>
    <message>
        <source>A work of your own</source>
        <translation>Eigene Arbeit</translation>
    </message>
    <message>
        <source>What is done:</source>
        <translation>Was getan wird:</translation>
    </message>
    <message>
        <source>A recipe of the shop</source>
        <translation>Rezept der Werkstatt</translation>
    </message>
    <message>
        <source>Its name:</source>
        <translation>Sein Name:</translation>
    </message>
    <message>
        <source>Calendar</source>
        <translation>Kalender</translation>
    </message>
    <message>
        <source>Written to %1.</source>
        <translation>Geschrieben nach %1.</translation>
    </message>
    <message>
        <source>humid, %</source>
        <translation>Feuchte, %</translation>
    </message>
    <message>
        <source>Give the &amp;room back: %1 cents</source>
        <translation>Den &amp;Raum zurückgeben: %1 Cent</translation>
    </message>
    <message>
        <source>Leave &amp;room: aim %1 cents flat until then</source>
        <translation>&amp;Raum lassen: bis dahin %1 Cent zu tief zielen</translation>
    </message>
    <message>
        <source>Leave &amp;room: aim %1 cents sharp until then</source>
        <translation>&amp;Raum lassen: bis dahin %1 Cent zu hoch zielen</translation>
    </message>
    <message>
        <source>Changes what is wanted, A4 and all, for the time before the finish; it stands in the record, and the plan and every note go by it.</source>
        <translation>Ändert, was gewünscht ist, samt A4, für die Zeit vor der Oberfläche; es steht in der Aufzeichnung, und Plan und Töne richten sich danach.</translation>
    </message>
    <message>
        <source>Leave &amp;room</source>
        <translation>&amp;Raum lassen</translation>
    </message>
</context>
<context>
    <name>dowel::app::FirstSteps</name>
    <message>
        <source>All is heard. Go to Correct (Ctrl+7).</source>
        <translation>Alles ist gehört. Zu Nacharbeiten (Strg+7).</translation>
    </message>
    <message>
        <source>Listen (Ctrl+6): hear what the cut has moved. Space sounds it.</source>
        <translation>Hören (Strg+6): was der Schnitt verschoben hat. Die Leertaste lässt es klingen.</translation>
    </message>
    <message>
        <source>Listen (Ctrl+6): Space sounds the note that is asked. All are flat, as they should be.</source>
        <translation>Hören (Strg+6): die Leertaste lässt den verlangten Ton klingen. Alle sind zu tief, wie es sein soll.</translation>
    </message>
    <message>
        <source>Correct (Ctrl+7): the next cut. Try it shows what it does.</source>
        <translation>Nacharbeiten (Strg+7): der nächste Schnitt. Probieren zeigt, was er tut.</translation>
    </message>
    <message>
        <source>Correct (Ctrl+7): the card names one cut. Enter makes it.</source>
        <translation>Nacharbeiten (Strg+7): die Karte nennt einen Schnitt. Eingabe macht ihn.</translation>
    </message>
    <message>
        <source>Something does not fit: the card on Correct says what.</source>
        <translation>Etwas passt nicht: die Karte auf Nacharbeiten sagt, was.</translation>
    </message>
    <message>
        <source>Done. In the shop (Ctrl+0) begin one of your own.</source>
        <translation>Fertig. In der Werkstatt (Strg+0) ein eigenes beginnen.</translation>
    </message>
    <message>
        <source>Put away</source>
        <translation>Weglegen</translation>
    </message>
    <message>
        <source>First steps</source>
        <translation>Erste Schritte</translation>
    </message>
    <message>
        <source>Put the first steps away</source>
        <translation>Die ersten Schritte weglegen</translation>
    </message>
</context>
<context>
    <name>dowel::app::Guide</name>
    <message>
        <source>How to work with Dowel</source>
        <translation>Wie man mit Dowel arbeitet</translation>
    </message>
    <message>
        <source>Find in the guide</source>
        <translation>In der Anleitung suchen</translation>
    </message>
    <message>
        <source>Find a word</source>
        <translation>Ein Wort suchen</translation>
    </message>
    <message>
        <source>The guide</source>
        <translation>Die Anleitung</translation>
    </message>
    <message>
        <source>&amp;Close</source>
        <translation>&amp;Schließen</translation>
    </message>
    <message>
        <source>&lt;p&gt;Nothing in the guide speaks of that.&lt;/p&gt;</source>
        <translation>&lt;p&gt;Davon spricht die Anleitung nicht.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>The shop (Ctrl+0)</source>
        <translation>Die Werkstatt (Strg+0)</translation>
    </message>
    <message>
        <source>&lt;p&gt;Every instrument of the folder, each in one workbook, from the bare tube to the last listening. &lt;i&gt;Begin it&lt;/i&gt; makes a new one. &lt;i&gt;Another like this&lt;/i&gt; carries one to another key, or to several at once; two or more of one model stand &lt;i&gt;side by side&lt;/i&gt;, and the next one is laid out with what they have in common taken out. &lt;i&gt;Practise&lt;/i&gt; makes a blank that a simulated player blows.&lt;/p&gt;</source>
        <translation>&lt;p&gt;Jedes Instrument des Ordners, jedes in einem Werkbuch, vom bloßen Rohr bis zum letzten Hören. &lt;i&gt;Beginnen&lt;/i&gt; legt ein neues an. &lt;i&gt;Noch eins wie dieses&lt;/i&gt; überträgt eines in eine andere Tonart oder in mehrere zugleich; zwei oder mehr eines Modells stehen &lt;i&gt;nebeneinander&lt;/i&gt;, und das nächste wird ohne das angelegt, was ihnen gemeinsam ist. &lt;i&gt;Üben&lt;/i&gt; macht einen Rohling, den ein simulierter Spieler bläst.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>Blank (Ctrl+1)</source>
        <translation>Rohling (Strg+1)</translation>
    </message>
    <message>
        <source>Sounding edge (Ctrl+2)</source>
        <translation>Anblaskante (Strg+2)</translation>
    </message>
    <message>
        <source>Target (Ctrl+3)</source>
        <translation>Ziel (Strg+3)</translation>
    </message>
    <message>
        <source>&lt;p&gt;Lowest note, scale, temperament, A4, temperature, how near each note must come. Click the holes of a fingering to change it; &lt;i&gt;Find fingerings&lt;/i&gt; goes through every way to close them.&lt;/p&gt;</source>
        <translation>&lt;p&gt;Tiefster Ton, Tonleiter, Temperatur der Stimmung, a¹, Lufttemperatur, wie nah jeder Ton kommen muss. Die Löcher eines Griffs anklicken, um ihn zu ändern; &lt;i&gt;Griffe suchen&lt;/i&gt; geht jede Art durch, sie zu schließen.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>Layout (Ctrl+4)</source>
        <translation>Anlage (Strg+4)</translation>
    </message>
    <message>
        <source>Drill (Ctrl+5)</source>
        <translation>Bohren (Strg+5)</translation>
    </message>
    <message>
        <source>&lt;p&gt;The order of work in this material, with its cautions, the full-size template, marks in parts of an inch. A stopped pipe is bored too short on purpose, a slide gets its scale. &lt;i&gt;What is there&lt;/i&gt; takes an instrument as it is. What is ticked off stands in the logbook.&lt;/p&gt;</source>
        <translation>&lt;p&gt;Die Reihenfolge der Arbeit in diesem Material mit ihren Warnungen, die Schablone in Originalgröße, Marken in Bruchteilen eines Zolls. Eine gedackte Pfeife wird mit Absicht zu kurz gebohrt, ein Schieber bekommt seine Skala. &lt;i&gt;Was da ist&lt;/i&gt; nimmt ein Instrument, wie es ist. Abgehaktes steht im Logbuch.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>Listen (Ctrl+6)</source>
        <translation>Hören (Strg+6)</translation>
    </message>
    <message>
        <source>Correct (Ctrl+7)</source>
        <translation>Nacharbeiten (Strg+7)</translation>
    </message>
    <message>
        <source>Finish (Ctrl+8)</source>
        <translation>Oberfläche (Strg+8)</translation>
    </message>
    <message>
        <source>Logbook (Ctrl+9)</source>
        <translation>Logbuch (Strg+9)</translation>
    </message>
    <message>
        <source>Signs and keys</source>
        <translation>Zeichen und Tasten</translation>
    </message>
    <message>
        <source>Words of the trade</source>
        <translation>Wörter des Handwerks</translation>
    </message>
    <message>
        <source>&lt;p&gt;&lt;b&gt;Cent&lt;/b&gt;: a hundredth of a semitone. &lt;b&gt;Register&lt;/b&gt;: the low notes are the first; blown harder or with a vent the same fingering gives the next. &lt;b&gt;Window&lt;/b&gt;: the opening at which the jet meets the &lt;b&gt;lip&lt;/b&gt;; &lt;b&gt;cut-up&lt;/b&gt;, its length along the tube. &lt;b&gt;Windway&lt;/b&gt;: the slit that makes the jet. &lt;b&gt;Embouchure hole&lt;/b&gt;: the hole blown across. &lt;b&gt;Stopper&lt;/b&gt;: what closes the tube above it. &lt;b&gt;Chimney&lt;/b&gt;: the depth of a hole through the wall. &lt;b&gt;Undercut&lt;/b&gt;: a hole wider at the bore than outside. &lt;b&gt;Station&lt;/b&gt;: a place at which the bore is measured. &lt;b&gt;Cutoff&lt;/b&gt;: the pitch above which open holes let the sound out. &lt;b&gt;Tolerance&lt;/b&gt;: how far off a note may stay. &lt;b&gt;One standard deviation&lt;/b&gt;: two times in three the truth lies within it.&lt;/p&gt;</source>
        <translation>&lt;p&gt;&lt;b&gt;Cent&lt;/b&gt;: ein Hundertstel eines Halbtons. &lt;b&gt;Register&lt;/b&gt;: die tiefen Töne sind das erste; stärker geblasen oder mit Überblasloch gibt derselbe Griff das nächste. &lt;b&gt;Fenster&lt;/b&gt;: die Öffnung, an der der Strahl auf das &lt;b&gt;Labium&lt;/b&gt; trifft; &lt;b&gt;Aufschnitt&lt;/b&gt;, ihre Länge das Rohr entlang. &lt;b&gt;Kernspalte&lt;/b&gt;: der Schlitz, der den Strahl macht. &lt;b&gt;Mundloch&lt;/b&gt;: das Loch, über das geblasen wird. &lt;b&gt;Stopfen&lt;/b&gt;: was das Rohr darüber schließt. &lt;b&gt;Kamin&lt;/b&gt;: die Tiefe eines Lochs durch die Wand. &lt;b&gt;Unterschnitt&lt;/b&gt;: ein Loch, an der Bohrung weiter als außen. &lt;b&gt;Messstelle&lt;/b&gt;: ein Platz, an dem die Bohrung gemessen ist. &lt;b&gt;Grenzfrequenz&lt;/b&gt;: die Tonhöhe, über der offene Löcher den Klang hinauslassen. &lt;b&gt;Toleranz&lt;/b&gt;: wie weit ein Ton daneben bleiben darf. &lt;b&gt;Eine Standardabweichung&lt;/b&gt;: zweimal von dreimal liegt die Wahrheit darin.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>&lt;p&gt;The tube as it is: family, bore at stations (drag the squares of the picture, or type), wall, mouth, material, a cane&apos;s nodes; beside it which keys it serves for. &lt;i&gt;Which bore?&lt;/i&gt; lays the plan out on several bores side by side. &lt;i&gt;From the plank&lt;/i&gt; counts billets, says what a bore that wandered leaves to be turned, what a tenon leaves, and how deep your reamers go.&lt;/p&gt;</source>
        <translation>&lt;p&gt;Das Rohr, wie es ist: Familie, Bohrung an Stationen (die Quadrate des Bildes ziehen oder tippen), Wand, Mund, Material, die Knoten eines Rohrs; daneben, für welche Tonarten es taugt. &lt;i&gt;Welche Bohrung?&lt;/i&gt; legt den Plan auf mehreren Bohrungen nebeneinander aus. &lt;i&gt;Vom Brett&lt;/i&gt; zählt Kanteln, sagt, was eine verlaufene Bohrung zum Drehen lässt, was ein Zapfen lässt und wie tief Ihre Reibahlen gehen.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>&lt;p&gt;The mouth, enlarged: drag its squares. What is heard on the left points at the place where the first remedy works, the reversible before the rest. The table says what a tenth of each measure does to both registers; under the drawing stands how hard the window is to be blown.&lt;/p&gt;</source>
        <translation>&lt;p&gt;Der Mund, vergrößert: seine Quadrate ziehen. Was man links hört, zeigt auf die Stelle, an der das erste Mittel wirkt, das Umkehrbare vor dem Rest. Die Tabelle sagt, was ein Zehntel jedes Maßes in beiden Registern bewirkt; unter der Zeichnung steht, wie stark das Fenster anzublasen ist.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>&lt;p&gt;Places and sizes of the holes, worked out; drag one on the workpiece and every note moves. Where notes stay out of tolerance it says what would help, and &lt;i&gt;Do so&lt;/i&gt; takes it over. &lt;i&gt;What would it do?&lt;/i&gt; tells what a bell, a groove, a rougher bore or another mouthpiece would cost every note. &lt;i&gt;Copy an instrument&lt;/i&gt; carries a measured one over, and shows first what its own row plays.&lt;/p&gt;</source>
        <translation>&lt;p&gt;Orte und Größen der Löcher, berechnet; eines am Werkstück ziehen, und jeder Ton geht mit. Wo Töne außer der Toleranz bleiben, steht, was helfen würde, und &lt;i&gt;Mach das&lt;/i&gt; übernimmt es. &lt;i&gt;Was würde es tun?&lt;/i&gt; sagt, was ein Becher, eine Mulde, eine rauere Bohrung oder ein anderes Mundstück jeden Ton kosten würde. &lt;i&gt;Instrument nachbauen&lt;/i&gt; trägt ein gemessenes über und zeigt zuerst, was seine eigene Reihe spielt.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>&lt;p&gt;Oil, wax, lacquer or none: works and days, ticked with their day; what is late moves what follows. Hear every note before and after, and it says what the finish moved; &lt;i&gt;Leave room&lt;/i&gt; lowers what is wanted by what it usually moves, until you give it back. &lt;i&gt;Calendar&lt;/i&gt; reminds, &lt;i&gt;Passport&lt;/i&gt; writes what leaves the shop with the instrument.&lt;/p&gt;</source>
        <translation>&lt;p&gt;Öl, Wachs, Lack oder nichts: Arbeiten und Tage, abgehakt mit ihrem Tag; was sich verspätet, schiebt das Folgende. Jeden Ton vorher und nachher hören, und sie sagt, was die Oberfläche verschob; &lt;i&gt;Raum lassen&lt;/i&gt; senkt, was gewünscht ist, um das, was sie sonst verschiebt, bis Sie ihn zurückgeben. Der &lt;i&gt;Kalender&lt;/i&gt; erinnert, der &lt;i&gt;Pass&lt;/i&gt; schreibt, was mit dem Instrument die Werkstatt verlässt.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>&lt;p&gt;Everything that was heard, cut and advised, day by day, by kind or by a word, with your photographs. Nothing is erased: a wrong entry is set aside. Ctrl+Z takes the last entry back, unless it is a cut; Ctrl+Shift+Z brings it back.&lt;/p&gt;</source>
        <translation>&lt;p&gt;Alles, was gehört, geschnitten und geraten wurde, Tag für Tag, nach Art oder nach einem Wort, mit Ihren Fotos. Nichts wird gelöscht: ein falscher Eintrag wird beiseitegelegt. Strg+Z nimmt den letzten Eintrag zurück, außer einem Schnitt; Strg+Umschalt+Z holt ihn wieder.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>&lt;p&gt;Filled signs are what sounds now, outlines what the next cut will do. A disc is within tolerance, a triangle points the way the note is off; the bar through a sign is one standard deviation. Ctrl+1 to 9 change the stage, Ctrl+I between millimetres and inches, Ctrl+D between light and dark, Ctrl+Shift+D to high contrast, F1 opens and closes this guide. Pictures are walked by the arrow keys once Tab has reached them.&lt;/p&gt;</source>
        <translation>&lt;p&gt;Gefüllte Zeichen sind, was jetzt klingt, Umrisse, was der nächste Schnitt tut. Eine Scheibe liegt in der Toleranz, ein Dreieck zeigt, wohin der Ton daneben liegt; der Balken durch ein Zeichen ist eine Standardabweichung. Strg+1 bis 9 wechseln die Stufe, Strg+I zwischen Millimetern und Zoll, Strg+D zwischen hell und dunkel, Strg+Umschalt+D zu hohem Kontrast, F1 öffnet und schließt diese Anleitung. Bilder geht man mit den Pfeiltasten durch, sobald Tab sie erreicht hat.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>The first five minutes</source>
        <translation>Die ersten fünf Minuten</translation>
    </message>
    <message>
        <source>&lt;ol&gt;&lt;li&gt;In the shop (Ctrl+0) choose &lt;i&gt;Practise&lt;/i&gt;: a whistle drilled a little too small, blown by a simulated player.&lt;/li&gt;&lt;li&gt;&lt;b&gt;Listen&lt;/b&gt;: press &lt;b&gt;Space&lt;/b&gt; until every note has been heard. All are flat, as they should be.&lt;/li&gt;&lt;li&gt;&lt;b&gt;Correct&lt;/b&gt;: the card names one cut. &lt;b&gt;Enter&lt;/b&gt; makes it, as if your calipers had said so; a wrong size is taken, too, and what it did stands in &lt;i&gt;Outcome&lt;/i&gt;.&lt;/li&gt;&lt;li&gt;When it says so, listen again. After some rounds every note is within tolerance, and the knife is put away.&lt;/li&gt;&lt;li&gt;Then begin one of your own: &lt;b&gt;Blank&lt;/b&gt;, &lt;b&gt;Target&lt;/b&gt;, &lt;b&gt;Layout&lt;/b&gt;, &lt;b&gt;Drill&lt;/b&gt;, and the same again with your breath and your wood.&lt;/li&gt;&lt;/ol&gt;</source>
        <translation>&lt;ol&gt;&lt;li&gt;In der Werkstatt (Strg+0) &lt;i&gt;Üben&lt;/i&gt; wählen: eine Flöte, etwas zu klein gebohrt, die ein simulierter Spieler bläst.&lt;/li&gt;&lt;li&gt;&lt;b&gt;Hören&lt;/b&gt;: die &lt;b&gt;Leertaste&lt;/b&gt; drücken, bis jeder Ton gehört ist. Alle sind zu tief, wie es sein soll.&lt;/li&gt;&lt;li&gt;&lt;b&gt;Nacharbeiten&lt;/b&gt;: die Karte nennt einen Schnitt. &lt;b&gt;Eingabe&lt;/b&gt; macht ihn, als hätte Ihr Messschieber es so gesagt; auch ein falsches Maß wird genommen, und was es tat, steht unter &lt;i&gt;Ergebnis&lt;/i&gt;.&lt;/li&gt;&lt;li&gt;Wenn sie es sagt, wieder hören. Nach einigen Runden liegt jeder Ton in der Toleranz, und das Messer wird weggelegt.&lt;/li&gt;&lt;li&gt;Dann ein eigenes beginnen: &lt;b&gt;Rohling&lt;/b&gt;, &lt;b&gt;Ziel&lt;/b&gt;, &lt;b&gt;Anlage&lt;/b&gt;, &lt;b&gt;Bohren&lt;/b&gt;, und dasselbe noch einmal mit Ihrem Atem und Ihrem Holz.&lt;/li&gt;&lt;/ol&gt;</translation>
    </message>
    <message>
        <source>Holes in section</source>
        <translation>Löcher im Schnitt</translation>
    </message>
    <message>
        <source>&lt;p&gt;Widened as a whole, a hole raises its own note and those above it in both registers. &lt;b&gt;Undercut&lt;/b&gt;, it raises the low register more than the upper one. &lt;b&gt;Countersunk&lt;/b&gt;, it is easier to cover and a trifle shallower.&lt;/p&gt;</source>
        <translation>&lt;p&gt;Im Ganzen erweitert, hebt ein Loch seinen Ton und die darüber in beiden Registern. &lt;b&gt;Unterschnitten&lt;/b&gt; hebt es das tiefe Register mehr als das hohe. &lt;b&gt;Angesenkt&lt;/b&gt; deckt es sich leichter und ist eine Spur flacher.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>windway</source>
        <translation>Kernspalte</translation>
    </message>
    <message>
        <source>block</source>
        <translation>Block</translation>
    </message>
    <message>
        <source>window</source>
        <translation>Fenster</translation>
    </message>
    <message>
        <source>lip</source>
        <translation>Labium</translation>
    </message>
    <message>
        <source>ramp</source>
        <translation>Rampe</translation>
    </message>
    <message>
        <source>bore</source>
        <translation>Bohrung</translation>
    </message>
    <message>
        <source>hole</source>
        <translation>Loch</translation>
    </message>
    <message>
        <source>undercut</source>
        <translation>unterschnitten</translation>
    </message>
    <message>
        <source>chimney</source>
        <translation>Kamin</translation>
    </message>
    <message>
        <source>foot</source>
        <translation>Fuß</translation>
    </message>
    <message>
        <source>straight</source>
        <translation>gerade</translation>
    </message>
    <message>
        <source>countersunk</source>
        <translation>angesenkt</translation>
    </message>
    <message>
        <source>outside</source>
        <translation>außen</translation>
    </message>
    <message>
        <source>&lt;p&gt;Finger the note that is asked, then &lt;b&gt;Space&lt;/b&gt;. The reading is kept at once, with its recording. &lt;b&gt;Backspace&lt;/b&gt; takes it back, &lt;b&gt;Enter&lt;/b&gt; goes on. &lt;b&gt;H&lt;/b&gt; listens without hands: a note that is steady for a second is taken and the next one comes up; &lt;b&gt;F11&lt;/b&gt; shows it across the room, &lt;b&gt;D&lt;/b&gt; sounds the note as it is wanted. &lt;i&gt;View, Count in&lt;/i&gt; gives the fingers three beats before each. &lt;b&gt;P&lt;/b&gt; opens the newest take. &lt;i&gt;Timbre&lt;/i&gt; shows how every note sounds beside its neighbours, beside one note or beside a good instrument, and what would make a dull one brighter at which price; &lt;i&gt;Trend&lt;/i&gt; how that and the pitch have changed.&lt;/p&gt;</source>
        <translation>&lt;p&gt;Den gefragten Ton greifen, dann &lt;b&gt;Leertaste&lt;/b&gt;. Die Messung wird sofort behalten, mit ihrer Aufnahme. &lt;b&gt;Rücktaste&lt;/b&gt; nimmt sie zurück, &lt;b&gt;Eingabe&lt;/b&gt; geht weiter. &lt;b&gt;H&lt;/b&gt; hört ohne Hände: ein Ton, der eine Sekunde steht, wird genommen, und der nächste kommt; &lt;b&gt;F11&lt;/b&gt; zeigt es quer durch den Raum, &lt;b&gt;D&lt;/b&gt; spielt den Ton, wie er sein soll. &lt;i&gt;Ansicht, Einzählen&lt;/i&gt; gibt den Fingern vor jedem drei Schläge. &lt;b&gt;P&lt;/b&gt; öffnet die neueste Aufnahme. &lt;i&gt;Klang&lt;/i&gt; zeigt, wie jeder Ton neben seinen Nachbarn klingt, neben einem Ton oder neben einem guten Instrument, und was einen dumpfen heller machte, zu welchem Preis; &lt;i&gt;Verlauf&lt;/i&gt;, wie sich das und die Tonhöhe geändert haben.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>&lt;p&gt;The card says which cut comes next, how far and with what. Cut exactly so far, measure with calipers, type what they say, &lt;b&gt;Enter&lt;/b&gt;. Dowel says when to listen again, and where the readings do not fit the measures it says so first. &lt;i&gt;Plan otherwise&lt;/i&gt; chooses how the plan goes about it.&lt;/p&gt;&lt;p&gt;&lt;b&gt;Moves&lt;/b&gt;: the cents that a tenth of a millimetre is worth. &lt;b&gt;Try it&lt;/b&gt;: drag a hole, the foot or the stopper and see every note move; nothing of it is kept. &lt;b&gt;Registers&lt;/b&gt;: how wide octaves or twelfths are. &lt;b&gt;Outcome&lt;/b&gt;: what was forecast beside what came, and the takes before and after the last cut to hear.&lt;/p&gt;&lt;p&gt;&lt;i&gt;Work of your own&lt;/i&gt; records what was done without advice; there a bell or ring is put on the foot and taken off again, and each reading counts for the state it was taken in.&lt;/p&gt;</source>
        <translation>&lt;p&gt;Die Karte sagt, welcher Schnitt als Nächstes kommt, wie weit und womit. Genau so weit schneiden, mit dem Messschieber messen, eintippen, was er sagt, &lt;b&gt;Eingabe&lt;/b&gt;. Dowel sagt, wann wieder zu hören ist, und wo die Messungen nicht zu den Maßen passen, sagt es das zuerst. &lt;i&gt;Anders planen&lt;/i&gt; wählt, wie der Plan vorgeht.&lt;/p&gt;&lt;p&gt;&lt;b&gt;Was bewegt was&lt;/b&gt;: die Cent, die ein Zehntelmillimeter wert ist. &lt;b&gt;Versuchen&lt;/b&gt;: ein Loch, den Fuß oder den Stopfen ziehen und jeden Ton gehen sehen; nichts davon bleibt. &lt;b&gt;Register&lt;/b&gt;: wie weit Oktaven oder Duodezimen sind. &lt;b&gt;Ergebnis&lt;/b&gt;: was vorhergesagt war neben dem, was kam; und die Aufnahmen vor und nach dem letzten Schnitt zum Hören.&lt;/p&gt;&lt;p&gt;&lt;i&gt;Eigene Arbeit&lt;/i&gt; hält fest, was ohne Rat getan wurde; dort wird auch ein Becher oder Ring auf den Fuß gesetzt und wieder abgenommen, und jede Messung zählt für den Zustand, in dem sie genommen wurde.&lt;/p&gt;</translation>
    </message>
</context>
<context>
    <name>dowel::app::KeysPicture</name>
    <message>
        <source>Lowest notes that this tube serves</source>
        <translation>Tiefste Töne, für die dieses Rohr taugt</translation>
    </message>
    <message>
        <source>too narrow for its length: the low notes break</source>
        <translation>zu eng für seine Länge: die tiefen Töne kippen</translation>
    </message>
    <message>
        <source>too wide for its length: the upper register comes hard</source>
        <translation>zu weit für seine Länge: das obere Register kommt schwer</translation>
    </message>
    <message>
        <source>%1: serves well, cut to about %2</source>
        <comment>note, length</comment>
        <translation>%1: taugt gut, auf etwa %2 gekürzt</translation>
    </message>
    <message>
        <source>%1: poorly, about %2 long and %3</source>
        <comment>note, length, why</comment>
        <translation>%1: schlecht, etwa %2 lang und %3</translation>
    </message>
    <message>
        <source>%1: better not, about %2 long and %3</source>
        <comment>note, length, why</comment>
        <translation>%1: lieber nicht, etwa %2 lang und %3</translation>
    </message>
</context>
<context>
    <name>dowel::app::LayoutPage</name>
    <message>
        <source>the fingers&apos; reach</source>
        <translation>die Reichweite der Finger</translation>
    </message>
    <message>
        <source>the largest hole (a third larger)</source>
        <translation>das größte Loch (ein Drittel größer)</translation>
    </message>
    <message>
        <source>the smallest hole</source>
        <translation>das kleinste Loch</translation>
    </message>
    <message>
        <source>one size for all</source>
        <translation>die eine Größe für alle</translation>
    </message>
    <message>
        <source>the bits in the drawer</source>
        <translation>die Bohrer in der Schublade</translation>
    </message>
    <message>
        <source>even timbre</source>
        <translation>den gleichmäßigen Klang</translation>
    </message>
    <message>
        <source>the tube&apos;s length</source>
        <translation>die Länge des Rohrs</translation>
    </message>
    <message>
        <source>the stopper %1 nearer to the embouchure hole</source>
        <translation>der Kork um %1 näher am Mundloch</translation>
    </message>
    <message>
        <source>the stopper %1 further from the embouchure hole</source>
        <translation>der Kork um %1 weiter vom Mundloch</translation>
    </message>
    <message>
        <source>a head narrower by %1 at the stopper</source>
        <translation>ein Kopf, am Kork um %1 enger</translation>
    </message>
    <message>
        <source>a bore narrower by %1 at the foot</source>
        <translation>eine Bohrung, am Fuß um %1 enger</translation>
    </message>
    <message>
        <source>a bore wider by %1 at the foot</source>
        <translation>eine Bohrung, am Fuß um %1 weiter</translation>
    </message>
    <message>
        <source>a bore of %1</source>
        <translation>eine Bohrung von %1</translation>
    </message>
    <message>
        <source>undercutting %1 by up to %2</source>
        <translation>%1 um bis zu %2 unterschneiden</translation>
    </message>
    <message>
        <source>other fingerings for %1</source>
        <translation>andere Griffe für %1</translation>
    </message>
    <message>
        <source>%1 and %2</source>
        <translation>%1 und %2</translation>
    </message>
    <message>
        <source>%1: all %2 notes within tolerance.</source>
        <translation>%1: alle %2 Töne in der Toleranz.</translation>
    </message>
    <message>
        <source>%1: %2 of %3, furthest off %4 cents.</source>
        <translation>%1: %2 von %3, am weitesten daneben %4 Cent.</translation>
    </message>
    <message>
        <source>Hands</source>
        <translation>Hände</translation>
    </message>
    <message>
        <source>Smallest hole</source>
        <translation>Kleinstes Loch</translation>
    </message>
    <message>
        <source>Largest hole</source>
        <translation>Größtes Loch</translation>
    </message>
    <message>
        <source>Holes start smaller by</source>
        <translation>Löcher anfangs kleiner um</translation>
    </message>
    <message>
        <source>Foot starts longer by</source>
        <translation>Fuß anfangs länger um</translation>
    </message>
    <message>
        <source>Smaller still where a note is unsure</source>
        <translation>Noch kleiner, wo ein Ton unsicher ist</translation>
    </message>
    <message>
        <source>One size for all</source>
        <translation>Eine Größe für alle</translation>
    </message>
    <message>
        <source>Bits from the drawer</source>
        <translation>Bohrer aus der Schublade</translation>
    </message>
    <message>
        <source>Even timbre</source>
        <translation>Gleichmäßiger Klang</translation>
    </message>
    <message>
        <source>Undercut where it helps</source>
        <translation>Unterschneiden, wo es hilft</translation>
    </message>
    <message>
        <source>Do not cut the tube</source>
        <translation>Rohr nicht kürzen</translation>
    </message>
    <message>
        <source>&amp;Lay out the holes</source>
        <translation>&amp;Löcher anlegen</translation>
    </message>
    <message>
        <source>Cop&amp;y an instrument…</source>
        <translation>Instrument &amp;nachbauen…</translation>
    </message>
    <message>
        <source>Holes</source>
        <translation>Löcher</translation>
    </message>
    <message>
        <source>hole</source>
        <translation>Loch</translation>
    </message>
    <message>
        <source>from the foot</source>
        <translation>vom Fuß</translation>
    </message>
    <message>
        <source>first</source>
        <translation>anfangs</translation>
    </message>
    <message>
        <source>at last</source>
        <translation>am Ende</translation>
    </message>
    <message>
        <source>to the next</source>
        <translation>Abstand</translation>
    </message>
    <message>
        <source>off the line</source>
        <translation>seitlich</translation>
    </message>
    <message>
        <source>model</source>
        <translation>Vorbild</translation>
    </message>
    <message>
        <source>any hand</source>
        <translation>jede Hand</translation>
    </message>
    <message>
        <source>small hands</source>
        <translation>kleine Hände</translation>
    </message>
    <message>
        <source>medium hands</source>
        <translation>mittlere Hände</translation>
    </message>
    <message>
        <source>large hands</source>
        <translation>große Hände</translation>
    </message>
    <message>
        <source>No formula knows your mouth hole and breath. Holes start as much smaller, and the foot as much longer, as their notes may come out sharper than forecast. What the shop memory holds of your other instruments makes this less.</source>
        <translation>Keine Formel kennt Mundloch und Atem. Die Löcher fangen um so viel kleiner und der Fuß um so viel länger an, wie ihre Töne höher als vorhergesagt ausfallen können. Was das Werkstattgedächtnis von anderen Instrumenten weiß, macht das weniger.</translation>
    </message>
    <message>
        <source>Off the line: round the tube, to the player&apos;s right where positive. Double-click to change it.</source>
        <translation>Neben der Linie: um das Rohr herum, nach rechts vom Spieler, wo positiv. Doppelklick zum Ändern.</translation>
    </message>
    <message>
        <source>Reach</source>
        <translation>Reichweite</translation>
    </message>
    <message>
        <source>Holes from</source>
        <translation>Löcher von</translation>
    </message>
    <message>
        <source>to</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>Left to cut: holes</source>
        <translation>Zugabe: Löcher</translation>
    </message>
    <message>
        <source>foot</source>
        <translation>Fuß</translation>
    </message>
    <message>
        <source>Working it out…</source>
        <translation>Wird gerechnet…</translation>
    </message>
    <message>
        <source>Nothing is laid out yet. The button works out places and sizes for the target on this bore.</source>
        <translation>Noch ist nichts angelegt. Der Knopf rechnet Orte und Größen für das Ziel auf dieser Bohrung aus.</translation>
    </message>
    <message>
        <source>The model…</source>
        <translation>Das Vorbild…</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Halt</translation>
    </message>
    <message>
        <source>%1 of %2 notes within tolerance by calculation, furthest off %3 cents. A real tube will differ by some tens of cents; that is what starting undersized is for.</source>
        <translation>%1 von %2 Tönen nach der Rechnung in der Toleranz, am weitesten daneben %3 Cent. Ein wirkliches Rohr weicht um einige zehn Cent ab; dafür fängt man zu klein an.</translation>
    </message>
    <message>
        <source>It begins from what earlier instruments of yours told (menu Workbook, Shop memory).</source>
        <translation>Es geht von dem aus, was frühere Instrumente gelehrt haben (Menü Werkbuch, Werkstattgedächtnis).</translation>
    </message>
    <message>
        <source>Do&#xa0;so</source>
        <translation>Mach&#xa0;das</translation>
    </message>
    <message>
        <source>What would help</source>
        <translation>Was helfen würde</translation>
    </message>
    <message>
        <source>Without %1 every note would be within tolerance.</source>
        <translation>Ohne %1 läge jeder Ton in der Toleranz.</translation>
    </message>
    <message>
        <source>Without %1 the furthest would be %2 cents off.</source>
        <translation>Ohne %1 läge der weiteste %2 Cent daneben.</translation>
    </message>
    <message>
        <source>Drag a hole or the foot on the workpiece: the notes follow.</source>
        <translation>Ein Loch oder den Fuß am Werkstück ziehen: die Töne folgen.</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <comment>a place and a size</comment>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1, undercut %2</source>
        <translation>%1, unterschnitten %2</translation>
    </message>
    <message>
        <source>%1  back</source>
        <comment>a hole</comment>
        <translation>%1  hinten</translation>
    </message>
    <message>
        <source>tube</source>
        <translation>Rohr</translation>
    </message>
    <message>
        <source>The layout begins from a measured instrument with its lowest note at %1 Hz.</source>
        <translation>Die Anlage geht von einem gemessenen Instrument aus, tiefster Ton %1 Hz.</translation>
    </message>
    <message>
        <source>Change its measures…</source>
        <translation>Seine Maße ändern…</translation>
    </message>
    <message>
        <source>Lay out without it</source>
        <translation>Ohne es anlegen</translation>
    </message>
    <message>
        <source>Keep it</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>this spacing</source>
        <translation>diesen Abstand</translation>
    </message>
    <message>
        <source>Spacing of a hand&apos;s holes</source>
        <translation>Abstand der Löcher einer Hand</translation>
    </message>
    <message>
        <source>Spacing that is set</source>
        <translation>Gesetzter Abstand</translation>
    </message>
    <message>
        <source>What &amp;would it do?…</source>
        <translation>Was &amp;würde es tun?…</translation>
    </message>
    <message>
        <source>as it comes</source>
        <translation>wie er kommt</translation>
    </message>
    <message>
        <source>even</source>
        <translation>gleichmäßig</translation>
    </message>
    <message>
        <source>set to</source>
        <translation>gesetzt auf</translation>
    </message>
    <message>
        <source>Between the middles of neighbouring holes of a hand: a thumb&apos;s width, say. What it costs each note stands in the picture.</source>
        <translation>Zwischen den Mitten benachbarter Löcher einer Hand: eine Daumenbreite etwa. Was es jeden Ton kostet, steht im Bild.</translation>
    </message>
    <message>
        <source>A bell, a groove, a rougher bore, another mouthpiece: every note now and with it.</source>
        <translation>Ein Becher, eine Mulde, eine rauere Bohrung, ein anderes Mundstück: jeder Ton jetzt und damit.</translation>
    </message>
    <message>
        <source>Spacing</source>
        <translation>Abstand</translation>
    </message>
    <message>
        <source>A spacing near it with which every note is within tolerance: %1.</source>
        <translation>Ein Abstand in der Nähe, mit dem jeder Ton in der Toleranz ist: %1.</translation>
    </message>
</context>
<context>
    <name>dowel::app::LikeDialog</name>
    <message>
        <source>Another like this</source>
        <translation>Noch eines wie dieses</translation>
    </message>
    <message>
        <source>Its name</source>
        <translation>Sein Name</translation>
    </message>
    <message>
        <source>Lowest notes to make it in</source>
        <translation>Tiefste Töne, in denen es entstehen soll</translation>
    </message>
    <message>
        <source>&amp;Name</source>
        <translation>&amp;Name</translation>
    </message>
    <message>
        <source>&amp;Lowest note</source>
        <translation>&amp;Tiefster Ton</translation>
    </message>
    <message>
        <source>Begin it</source>
        <translation>Beginnen</translation>
    </message>
    <message>
        <source>%1, as the model</source>
        <translation>%1, wie das Vorbild</translation>
    </message>
    <message>
        <source>Give it a name first, so that you find it again.</source>
        <translation>Zuerst einen Namen geben, damit man es wiederfindet.</translation>
    </message>
    <message>
        <source>Tick the lowest note that it is to have, or several.</source>
        <translation>Kreuzen Sie den tiefsten Ton an, den es haben soll, oder mehrere.</translation>
    </message>
    <message>
        <source>Power of the length with which bore and mouth grow</source>
        <translation>Potenz der Länge, mit der Bohrung und Mund wachsen</translation>
    </message>
    <message>
        <source>Sides, fingers, undercuts, stations, wall, wishes and fingerings are kept; the holes are laid out anew, no wider than the fingers cover. Power 0: a tube of one width for all, 1: in proportion, 0.75: as families of sizes are often made. Tick several lowest notes: each gets a workbook of its own.</source>
        <translation>Seiten, Finger, Unterschnitte, Messstellen, Wand, Wünsche und Griffe bleiben; die Löcher werden neu gesetzt, nicht weiter, als Finger decken. Potenz 0: ein Rohr gleicher Weite für alle, 1: im Verhältnis, 0,75: wie Größenfamilien oft gebaut werden. Mehrere tiefste Töne ankreuzen: jeder bekommt ein eigenes Werkbuch.</translation>
    </message>
    <message>
        <source>&amp;Bore and mouth grow as the length to the power</source>
        <translation>&amp;Bohrung und Mund wachsen wie die Länge hoch</translation>
    </message>
    <message>
        <source>%1: length times %2, bore times %3</source>
        <comment>note, factor, factor</comment>
        <translation>%1: Länge mal %2, Bohrung mal %3</translation>
    </message>
</context>
<context>
    <name>dowel::app::ListenPage</name>
    <message>
        <source>Where sound comes from</source>
        <translation>Woher der Klang kommt</translation>
    </message>
    <message>
        <source>Order</source>
        <translation>Folge</translation>
    </message>
    <message>
        <source>Sound it (Space)</source>
        <translation>Blasen (Leertaste)</translation>
    </message>
    <message>
        <source>The simulated player sounds the asked fingering</source>
        <translation>Der simulierte Spieler bläst den gefragten Griff</translation>
    </message>
    <message>
        <source>Undo (⌫)</source>
        <translation>Zurück (⌫)</translation>
    </message>
    <message>
        <source>Set the newest reading of this fingering aside; its recording stays</source>
        <translation>Die neueste Messung dieses Griffs beiseitelegen; die Aufnahme bleibt</translation>
    </message>
    <message>
        <source>Next (↵)</source>
        <translation>Weiter (↵)</translation>
    </message>
    <message>
        <source>Go to the next fingering that should be heard</source>
        <translation>Zum nächsten Griff, der gehört werden soll</translation>
    </message>
    <message>
        <source>From a file…</source>
        <translation>Aus Datei…</translation>
    </message>
    <message>
        <source>Read this fingering from a recording; several notes or whole folders can be dropped on the window</source>
        <translation>Diesen Griff aus einer Aufnahme lesen; mehrere Töne oder ganze Ordner können auf das Fenster gezogen werden</translation>
    </message>
    <message>
        <source>Hands-free (H)</source>
        <translation>Freihändig (H)</translation>
    </message>
    <message>
        <source>Listens by itself: a note that is steady for a second is taken, and the next one comes up</source>
        <translation>Hört von selbst: ein Ton, der eine Sekunde ruhig steht, wird genommen, und der nächste kommt</translation>
    </message>
    <message>
        <source>Keep what sounds as the reading of the fingering that it is</source>
        <translation>Was klingt, als Messung des Griffs behalten, der es ist</translation>
    </message>
    <message>
        <source>Keep it as the note that it is</source>
        <translation>Als den Ton behalten, der es ist</translation>
    </message>
    <message>
        <source>as the plan asks</source>
        <translation>wie der Plan fragt</translation>
    </message>
    <message>
        <source>foot upwards</source>
        <translation>vom Fuß aufwärts</translation>
    </message>
    <message>
        <source>not heard since a cut</source>
        <translation>seit einem Schnitt nicht gehört</translation>
    </message>
    <message>
        <source>Room temperature in degrees Celsius</source>
        <translation>Raumtemperatur in Grad Celsius</translation>
    </message>
    <message>
        <source> °C</source>
        <translation> °C</translation>
    </message>
    <message>
        <source>&amp;Room</source>
        <translation>&amp;Raum</translation>
    </message>
    <message>
        <source>No room is at %1 °C. If that is Fahrenheit, type %2: the room is asked for in degrees Celsius. It stays at %3 °C until then.</source>
        <translation>Kein Raum hat %1 °C. Wenn das Fahrenheit ist, %2 eintragen: gefragt ist der Raum in Grad Celsius. Bis dahin bleibt es bei %3 °C.</translation>
    </message>
    <message>
        <source>Nobody tunes at %1 °C. The room stays at %2 °C.</source>
        <translation>Niemand stimmt bei %1 °C. Der Raum bleibt bei %2 °C.</translation>
    </message>
    <message>
        <source>Everything heard so far</source>
        <translation>Alles bisher Gehörte</translation>
    </message>
    <message>
        <source>Pitch</source>
        <translation>Stimmung</translation>
    </message>
    <message>
        <source>Timbre</source>
        <translation>Klang</translation>
    </message>
    <message>
        <source>Trend</source>
        <translation>Verlauf</translation>
    </message>
    <message>
        <source>&amp;Order</source>
        <translation>&amp;Folge</translation>
    </message>
    <message>
        <source>A4</source>
        <translation>A4</translation>
    </message>
    <message>
        <source>There is no loudspeaker to sound %1 Hz with.</source>
        <translation>Es gibt keinen Lautsprecher für %1 Hz.</translation>
    </message>
    <message>
        <source>The room is loud, %1 dB: notes will be read less surely.</source>
        <translation>Der Raum ist laut, %1 dB: Töne werden weniger sicher gelesen.</translation>
    </message>
    <message>
        <source>The mains hum at %1 Hz: switch off what hums, or move the microphone.</source>
        <translation>Das Netz brummt bei %1 Hz: ausschalten, was brummt, oder das Mikrofon versetzen.</translation>
    </message>
    <message>
        <source>This instrument has no fingerings yet.</source>
        <translation>Dieses Instrument hat noch keine Griffe.</translation>
    </message>
    <message>
        <source>Listening…</source>
        <translation>Wird gehört…</translation>
    </message>
    <message>
        <source>Everything asked for has been heard. Enter goes to the next cut; Space sounds %1 once more.</source>
        <translation>Alles Gefragte ist gehört. Eingabe führt zum nächsten Schnitt; Leertaste bläst %1 noch einmal.</translation>
    </message>
    <message>
        <source>Space: the simulated player sounds %1. Still to hear: %2.</source>
        <translation>Leertaste: der simulierte Spieler bläst %1. Noch zu hören: %2.</translation>
    </message>
    <message>
        <source>Read a recording of %1 from a file. Still to hear: %2.</source>
        <translation>Eine Aufnahme von %1 aus einer Datei lesen. Noch zu hören: %2.</translation>
    </message>
    <message>
        <source>Recording of %1</source>
        <translation>Aufnahme von %1</translation>
    </message>
    <message>
        <source>Recordings (*.wav *.flac *.ogg *.aif *.aiff)</source>
        <translation>Aufnahmen (*.wav *.flac *.ogg *.aif *.aiff)</translation>
    </message>
    <message>
        <source>Notes that were heard twice on this shape have moved by %1 cents within %2 minutes: the instrument or the room is still changing. Wait until it stands before cutting by the hundredth.</source>
        <translation>Töne, die an dieser Form zweimal gehört wurden, sind in %2 Minuten um %1 Cent gewandert: Instrument oder Raum ändern sich noch. Warten, bis es steht, ehe aufs Hundertstel geschnitten wird.</translation>
    </message>
    <message>
        <source>the simulated player</source>
        <translation>der simulierte Spieler</translation>
    </message>
    <message>
        <source>no microphone found</source>
        <translation>kein Mikrofon gefunden</translation>
    </message>
    <message>
        <source>&amp;Room: still so?</source>
        <translation>&amp;Raum: noch so?</translation>
    </message>
    <message>
        <source>Too loud for the microphone: step back or turn it down.</source>
        <translation>Zu laut fürs Mikrofon: zurücktreten oder leiser stellen.</translation>
    </message>
    <message>
        <source>Play %1. Still to hear: %2.</source>
        <translation>%1 spielen. Noch zu hören: %2.</translation>
    </message>
    <message>
        <source>Too much noise to hear a tone. Wait until it is quieter, or come nearer.</source>
        <translation>Zu viel Lärm, um einen Ton zu hören. Warten, bis es ruhiger ist, oder näher kommen.</translation>
    </message>
    <message>
        <source>%1: hold it…</source>
        <translation>%1: halten…</translation>
    </message>
    <message>
        <source>Taken. Let it end.</source>
        <translation>Genommen. Ausklingen lassen.</translation>
    </message>
    <message>
        <source>Overblown: that is %1. For %2 blow more gently.</source>
        <translation>Überblasen: das ist %1. Für %2 sanfter blasen.</translation>
    </message>
    <message>
        <source>That is %1; %2 is asked.</source>
        <translation>Das ist %1; gefragt ist %2.</translation>
    </message>
    <message>
        <source>%1 Hz is none of this instrument&apos;s notes; %2 is asked.</source>
        <translation>%1 Hz ist kein Ton dieses Instruments; gefragt ist %2.</translation>
    </message>
    <message>
        <source>Keep it as %1  (K)</source>
        <translation>Als %1 behalten  (K)</translation>
    </message>
    <message>
        <source>Sounds the reference pitch for two seconds; the key D sounds the asked note as it is wanted</source>
        <translation>Spielt zwei Sekunden lang den Stimmton; die Taste D spielt den gefragten Ton, wie er sein soll</translation>
    </message>
    <message>
        <source> sharp </source>
        <comment>spoken in a note&apos;s name</comment>
        <translation> Kreuz </translation>
    </message>
    <message>
        <source> flat </source>
        <comment>spoken in a note&apos;s name</comment>
        <translation> Be </translation>
    </message>
    <message>
        <source>%1 in %2…</source>
        <comment>note, beats</comment>
        <translation>%1 in %2 …</translation>
    </message>
</context>
<context>
    <name>dowel::app::LogModel</name>
    <message>
        <source>set aside</source>
        <translation>beiseitegelegt</translation>
    </message>
    <message>
        <source>No.</source>
        <translation>Nr.</translation>
    </message>
    <message>
        <source>When</source>
        <translation>Wann</translation>
    </message>
    <message>
        <source>What</source>
        <translation>Was</translation>
    </message>
</context>
<context>
    <name>dowel::app::LogbookPage</name>
    <message>
        <source>&amp;Set aside</source>
        <translation>&amp;Beiseitelegen</translation>
    </message>
    <message>
        <source>Logbook</source>
        <translation>Logbuch</translation>
    </message>
    <message>
        <source>Set the selected entry aside</source>
        <translation>Den gewählten Eintrag beiseitelegen</translation>
    </message>
    <message>
        <source>A note for the logbook</source>
        <translation>Eine Notiz fürs Logbuch</translation>
    </message>
    <message>
        <source>Write a note, Enter keeps it</source>
        <translation>Eine Notiz schreiben, Eingabe behält sie</translation>
    </message>
    <message>
        <source>set aside in the logbook</source>
        <translation>im Logbuch beiseitegelegt</translation>
    </message>
    <message>
        <source>What is shown</source>
        <translation>Was gezeigt wird</translation>
    </message>
    <message>
        <source>Everything</source>
        <translation>Alles</translation>
    </message>
    <message>
        <source>Readings</source>
        <translation>Messungen</translation>
    </message>
    <message>
        <source>Cuts</source>
        <translation>Schnitte</translation>
    </message>
    <message>
        <source>Notes</source>
        <translation>Notizen</translation>
    </message>
    <message>
        <source>Advice</source>
        <translation>Ratschläge</translation>
    </message>
    <message>
        <source>What went otherwise</source>
        <translation>Was anders lief</translation>
    </message>
    <message>
        <source>What went otherwise: done other than advised or without advice, measured again, or set aside.</source>
        <translation>Was anders lief: anders als geraten oder ohne Rat getan, neu gemessen oder beiseitegelegt.</translation>
    </message>
    <message>
        <source>Find in the logbook</source>
        <translation>Im Logbuch suchen</translation>
    </message>
    <message>
        <source>Find a note, a hole, a day: 2026-05</source>
        <translation>Ton, Loch oder Tag suchen: 2026-05</translation>
    </message>
    <message>
        <source>Nothing is ever erased: a wrong reading or cut is set aside, stays here, and no longer counts. Double-click a reading to see its take, a photograph to see it.</source>
        <translation>Nichts wird je gelöscht: Eine falsche Messung oder ein falscher Schnitt wird beiseitegelegt, bleibt hier und zählt nicht mehr. Doppelklick auf eine Messung zeigt ihre Aufnahme, auf ein Foto das Foto.</translation>
    </message>
    <message>
        <source>Add a p&amp;hotograph…</source>
        <translation>Ein &amp;Foto dazu…</translation>
    </message>
    <message>
        <source>A small copy is kept in the workbook, without place and time that the camera wrote into it. The words of the note go with it.</source>
        <translation>Eine kleine Kopie kommt ins Werkbuch, ohne Ort und Zeit, die die Kamera hineinschrieb. Die Worte der Notiz gehen mit.</translation>
    </message>
    <message>
        <source>Photographs</source>
        <translation>Fotos</translation>
    </message>
    <message>
        <source>A photograph for the logbook</source>
        <translation>Ein Foto für das Logbuch</translation>
    </message>
    <message>
        <source>Pictures (*.jpg *.jpeg *.png *.webp)</source>
        <translation>Bilder (*.jpg *.jpeg *.png *.webp)</translation>
    </message>
</context>
<context>
    <name>dowel::app::MainWindow</name>
    <message>
        <source>Dowel</source>
        <translation>Dowel</translation>
    </message>
    <message>
        <source>&amp;Workbook</source>
        <translation>&amp;Werkbuch</translation>
    </message>
    <message>
        <source>New &amp;practice blank</source>
        <translation>Neuer &amp;Übungsrohling</translation>
    </message>
    <message>
        <source>&amp;New from a specification…</source>
        <translation>&amp;Neu aus einer Beschreibung…</translation>
    </message>
    <message>
        <source>&amp;Open…</source>
        <translation>Ö&amp;ffnen…</translation>
    </message>
    <message>
        <source>&amp;Copy to…</source>
        <translation>&amp;Kopieren nach…</translation>
    </message>
    <message>
        <source>Copy the workbook</source>
        <translation>Das Werkbuch kopieren</translation>
    </message>
    <message>
        <source>Workbooks (*.dowel)</source>
        <translation>Werkbücher (*.dowel)</translation>
    </message>
    <message>
        <source>Export the record as &amp;JSON…</source>
        <translation>Das Buch als &amp;JSON ausgeben…</translation>
    </message>
    <message>
        <source>Export the &amp;specification…</source>
        <translation>Die Be&amp;schreibung ausgeben…</translation>
    </message>
    <message>
        <source>Measure a&amp;gain…</source>
        <translation>Noch einmal &amp;messen…</translation>
    </message>
    <message>
        <source>Shop &amp;memory…</source>
        <translation>Werkstatt&amp;gedächtnis…</translation>
    </message>
    <message>
        <source>&amp;Quit</source>
        <translation>&amp;Beenden</translation>
    </message>
    <message>
        <source>&amp;Stage</source>
        <translation>&amp;Stufe</translation>
    </message>
    <message>
        <source>&amp;Blank</source>
        <translation>&amp;Rohling</translation>
    </message>
    <message>
        <source>&amp;Sounding edge</source>
        <translation>&amp;Anblaskante</translation>
    </message>
    <message>
        <source>&amp;Target</source>
        <translation>&amp;Ziel</translation>
    </message>
    <message>
        <source>La&amp;yout</source>
        <translation>An&amp;lage</translation>
    </message>
    <message>
        <source>&amp;Drill</source>
        <translation>&amp;Bohren</translation>
    </message>
    <message>
        <source>&amp;Listen</source>
        <translation>&amp;Hören</translation>
    </message>
    <message>
        <source>&amp;Correct</source>
        <translation>&amp;Nacharbeiten</translation>
    </message>
    <message>
        <source>L&amp;ogbook</source>
        <translation>L&amp;ogbuch</translation>
    </message>
    <message>
        <source>&amp;View</source>
        <translation>&amp;Ansicht</translation>
    </message>
    <message>
        <source>Sizes in &amp;inches</source>
        <translation>Maße in &amp;Zoll</translation>
    </message>
    <message>
        <source>&amp;Dark</source>
        <translation>&amp;Dunkel</translation>
    </message>
    <message>
        <source>&amp;Across the room</source>
        <translation>&amp;Quer durch den Raum</translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation>&amp;Hilfe</translation>
    </message>
    <message>
        <source>&amp;How to work with Dowel</source>
        <translation>&amp;Wie man mit Dowel arbeitet</translation>
    </message>
    <message>
        <source>Open a workbook</source>
        <translation>Ein Werkbuch öffnen</translation>
    </message>
    <message>
        <source>Specification of the instrument</source>
        <translation>Beschreibung des Instruments</translation>
    </message>
    <message>
        <source>Specifications (*.json)</source>
        <translation>Beschreibungen (*.json)</translation>
    </message>
    <message>
        <source>New workbook</source>
        <translation>Neues Werkbuch</translation>
    </message>
    <message>
        <source>Export</source>
        <translation>Ausgeben</translation>
    </message>
    <message>
        <source>Not saved yet</source>
        <translation>Noch nicht gespeichert</translation>
    </message>
    <message numerus="yes">
        <source>%n entry/entries of this workbook could not be written to the disk yet. They are lost where it is left now.</source>
        <translation>
            <numerusform>%n Eintrag dieses Werkbuchs konnte noch nicht auf die Platte geschrieben werden. Er ist verloren, wenn es jetzt verlassen wird.</numerusform>
            <numerusform>%n Einträge dieses Werkbuchs konnten noch nicht auf die Platte geschrieben werden. Sie sind verloren, wenn es jetzt verlassen wird.</numerusform>
        </translation>
    </message>
    <message>
        <source>Try again</source>
        <translation>Noch einmal versuchen</translation>
    </message>
    <message>
        <source>Give them up</source>
        <translation>Aufgeben</translation>
    </message>
    <message>
        <source>Stay</source>
        <translation>Bleiben</translation>
    </message>
    <message>
        <source>%1 – Dowel</source>
        <translation>%1 – Dowel</translation>
    </message>
    <message>
        <source>Drilling, %1: done %2</source>
        <translation>Bohren, %1: erledigt %2</translation>
    </message>
    <message>
        <source>Open a workbook first; then recordings can be dropped on it.</source>
        <translation>Erst ein Werkbuch öffnen; dann können Aufnahmen darauf gezogen werden.</translation>
    </message>
    <message>
        <source>&amp;Language</source>
        <translation>&amp;Sprache</translation>
    </message>
    <message>
        <source>As the &amp;desktop</source>
        <translation>Wie der &amp;Schreibtisch</translation>
    </message>
    <message>
        <source>&amp;English</source>
        <translation>&amp;Englisch</translation>
    </message>
    <message>
        <source>&amp;German</source>
        <translation>&amp;Deutsch</translation>
    </message>
    <message>
        <source>Export the record as ta&amp;ble…</source>
        <translation>Das Buch als Ta&amp;belle ausgeben…</translation>
    </message>
    <message>
        <source>Type rea&amp;dings…</source>
        <translation>Messungen ein&amp;tippen…</translation>
    </message>
    <message>
        <source>Work of your o&amp;wn…</source>
        <translation>Ei&amp;gene Arbeit…</translation>
    </message>
    <message>
        <source>Change what is wan&amp;ted…</source>
        <translation>Wunsc&amp;h ändern…</translation>
    </message>
    <message>
        <source>Folder of the workbooks</source>
        <translation>Ordner der Werkbücher</translation>
    </message>
    <message>
        <source>To the s&amp;hop</source>
        <translation>Zur &amp;Werkstatt</translation>
    </message>
    <message>
        <source>&amp;Recent</source>
        <translation>&amp;Zuletzt</translation>
    </message>
    <message>
        <source>Take &amp;back the last entry</source>
        <translation>Den letzten Eintrag z&amp;urücknehmen</translation>
    </message>
    <message>
        <source>The holes are being laid out…</source>
        <translation>Die Löcher werden angelegt…</translation>
    </message>
    <message>
        <source>Practice %1, wood no. %2</source>
        <comment>family, number</comment>
        <translation>Übungsstück (%1), Holz Nr. %2</translation>
    </message>
    <message>
        <source>None yet</source>
        <translation>Noch keine</translation>
    </message>
    <message>
        <source>There is nothing to hear yet. Lay the holes out and drill them, or type what is there: both end in Drill, and from there it goes on here.</source>
        <translation>Es gibt noch nichts zu hören. Die Löcher anlegen und bohren, oder eintippen, was da ist: beides endet in Bohren, und von dort geht es hier weiter.</translation>
    </message>
    <message>
        <source>To the stage &amp;Drill</source>
        <translation>Zur Stufe &amp;Bohren</translation>
    </message>
    <message>
        <source>Another instrument from here on?</source>
        <translation>Von hier an ein anderes Instrument?</translation>
    </message>
    <message>
        <source>What was heard and cut so far stays in the logbook and counts no more: the record goes on from what you typed. To correct one size, use Measure again instead.</source>
        <translation>Was bisher gehört und geschnitten wurde, bleibt im Logbuch und zählt nicht mehr: das Buch geht von dem aus weiter, was eingetippt ist. Um ein Maß zu berichtigen, besser Neu messen nehmen.</translation>
    </message>
    <message>
        <source>Go on from this</source>
        <translation>Davon ausgehen</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Lassen</translation>
    </message>
    <message>
        <source>The last entry is a cut, and wood does not come back. Where the entry is wrong, set it aside in the logbook, with the reason.</source>
        <translation>Der letzte Eintrag ist ein Schnitt, und Holz wächst nicht nach. Wo der Eintrag falsch ist, im Logbuch mit dem Grund beiseitelegen.</translation>
    </message>
    <message>
        <source>taken back</source>
        <translation>zurückgenommen</translation>
    </message>
    <message>
        <source>Taken back: %1</source>
        <translation>Zurückgenommen: %1</translation>
    </message>
    <message>
        <source>There is nothing to take back.</source>
        <translation>Es gibt nichts zurückzunehmen.</translation>
    </message>
    <message>
        <source>To the stage Drill</source>
        <translation>Zur Stufe Bohren</translation>
    </message>
    <message>
        <source>Brin&amp;g it back</source>
        <translation>Wieder&amp;holen</translation>
    </message>
    <message>
        <source>There is nothing to bring back.</source>
        <translation>Es gibt nichts zurückzuholen.</translation>
    </message>
    <message>
        <source>brought back</source>
        <translation>zurückgeholt</translation>
    </message>
    <message>
        <source>Brought back: %1</source>
        <translation>Zurückgeholt: %1</translation>
    </message>
    <message>
        <source>The model</source>
        <translation>Das Vorbild</translation>
    </message>
    <message>
        <source>Workbooks and specifications (*.dowel *.json)</source>
        <translation>Werkbücher und Beschreibungen (*.dowel *.json)</translation>
    </message>
    <message numerus="yes">
        <source>%n instrument(s) are being laid out…</source>
        <translation>
            <numerusform>%n Instrument wird gelegt…</numerusform>
            <numerusform>%n Instrumente werden gelegt…</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 in %2</source>
        <comment>name, lowest note</comment>
        <translation>%1 in %2</translation>
    </message>
    <message numerus="yes">
        <source>%n instrument(s) laid out; each has its workbook.</source>
        <translation>
            <numerusform>%n Instrument gelegt; es hat sein Werkbuch.</numerusform>
            <numerusform>%n Instrumente gelegt; jedes hat sein Werkbuch.</numerusform>
        </translation>
    </message>
    <message>
        <source>Earlier plan</source>
        <translation>Früherer Plan</translation>
    </message>
    <message>
        <source>The plan of an earlier version is a workbook now: %1.</source>
        <translation>Der Plan einer früheren Fassung ist jetzt ein Werkbuch: %1.</translation>
    </message>
    <message>
        <source>&amp;Finish</source>
        <translation>&amp;Oberfläche</translation>
    </message>
    <message>
        <source>Passpor&amp;t…</source>
        <translation>&amp;Pass…</translation>
    </message>
    <message>
        <source>Te&amp;mplate of it as it is…</source>
        <translation>&amp;Schablone, wie es ist…</translation>
    </message>
    <message>
        <source>Template</source>
        <translation>Schablone</translation>
    </message>
    <message>
        <source>Written to %1.</source>
        <translation>Geschrieben nach %1.</translation>
    </message>
    <message>
        <source>High &amp;contrast</source>
        <translation>Hoher &amp;Kontrast</translation>
    </message>
    <message>
        <source>&amp;Speak the fingerings</source>
        <translation>Griffe an&amp;sagen</translation>
    </message>
    <message>
        <source>Each fingering is spoken when it is asked for, by the desktop&apos;s voice.</source>
        <translation>Jeder Griff wird angesagt, wenn er dran ist, von der Stimme der Arbeitsumgebung.</translation>
    </message>
    <message>
        <source>&amp;Count in, without hands</source>
        <translation>Ein&amp;zählen, freihändig</translation>
    </message>
    <message>
        <source>Three beats before each fingering, so that the fingers have time; what sounds before the last is not taken.</source>
        <translation>Drei Schläge vor jedem Griff, damit die Finger Zeit haben; was vor dem letzten klingt, wird nicht genommen.</translation>
    </message>
    <message>
        <source>&amp;First steps on a practice blank</source>
        <translation>&amp;Erste Schritte an einem Übungsrohling</translation>
    </message>
    <message>
        <source>What was just heard is being kept; the window closes then.</source>
        <translation>Was eben gehört wurde, wird noch gesichert; dann schließt sich das Fenster.</translation>
    </message>
</context>
<context>
    <name>dowel::app::MeasureDialog</name>
    <message>
        <source>What was measured</source>
        <translation>Was gemessen wurde</translation>
    </message>
    <message>
        <source>Measure again</source>
        <translation>Noch einmal messen</translation>
    </message>
    <message>
        <source>length of the tube</source>
        <translation>Länge des Rohrs</translation>
    </message>
    <message>
        <source>Size by the calipers</source>
        <translation>Maß nach dem Messschieber</translation>
    </message>
    <message>
        <source>The record is right up to where this size was last written down. What was heard since then is understood anew with the new size. Nothing is lost: the logbook can set the entry aside.</source>
        <translation>Das Buch stimmt bis dahin, wo dieses Maß zuletzt eingetragen wurde. Was seither gehört wurde, wird mit dem neuen Maß neu verstanden. Nichts geht verloren: das Logbuch kann den Eintrag beiseitelegen.</translation>
    </message>
    <message>
        <source>&amp;What</source>
        <translation>&amp;Was</translation>
    </message>
    <message>
        <source>The record has</source>
        <translation>Im Buch steht</translation>
    </message>
    <message>
        <source>The &amp;calipers say</source>
        <translation>Der &amp;Messschieber sagt</translation>
    </message>
    <message>
        <source>Write it down</source>
        <translation>Eintragen</translation>
    </message>
    <message>
        <source>width of %1</source>
        <translation>Weite von %1</translation>
    </message>
    <message>
        <source>wall of the tube</source>
        <translation>Wand des Rohrs</translation>
    </message>
    <message>
        <source>window, across</source>
        <translation>Fenster, quer</translation>
    </message>
    <message>
        <source>window, along (cut-up)</source>
        <translation>Fenster, längs (Aufschnitt)</translation>
    </message>
    <message>
        <source>wall at the window</source>
        <translation>Wand am Fenster</translation>
    </message>
    <message>
        <source>embouchure hole, along</source>
        <translation>Mundloch, längs</translation>
    </message>
    <message>
        <source>embouchure hole, across</source>
        <translation>Mundloch, quer</translation>
    </message>
    <message>
        <source>wall at the embouchure hole</source>
        <translation>Wand am Mundloch</translation>
    </message>
    <message>
        <source>stopper, from the middle of the embouchure hole</source>
        <translation>Stopfen, ab der Mitte des Mundlochs</translation>
    </message>
    <message>
        <source>bore at %1 mm</source>
        <comment>place</comment>
        <translation>Bohrung bei %1 mm</translation>
    </message>
    <message>
        <source>place of %1, from the sounding edge</source>
        <translation>Ort von %1, ab der Kante</translation>
    </message>
    <message>
        <source>wall at %1</source>
        <translation>Wand bei %1</translation>
    </message>
    <message>
        <source>Every size of the instrument</source>
        <translation>Jedes Maß des Instruments</translation>
    </message>
    <message>
        <source>what</source>
        <translation>was</translation>
    </message>
    <message>
        <source>the record has</source>
        <translation>steht geschrieben</translation>
    </message>
    <message>
        <source>the calipers say</source>
        <translation>die Schieblehre sagt</translation>
    </message>
    <message>
        <source>All in a &amp;table</source>
        <translation>Alles in einer &amp;Tabelle</translation>
    </message>
    <message>
        <source>nothing yet</source>
        <translation>noch nichts</translation>
    </message>
</context>
<context>
    <name>dowel::app::MessageBar</name>
    <message>
        <source>Understood</source>
        <translation>Verstanden</translation>
    </message>
    <message>
        <source>Close the message</source>
        <translation>Die Meldung schließen</translation>
    </message>
</context>
<context>
    <name>dowel::app::Microphone</name>
    <message>
        <source>There is no microphone. Plug one in and choose it, or read recordings from files.</source>
        <translation>Es gibt kein Mikrofon. Eins anstecken und wählen, oder Aufnahmen aus Dateien lesen.</translation>
    </message>
    <message>
        <source>%1 could not be opened. Is another program using it?</source>
        <translation>%1 ließ sich nicht öffnen. Benutzt es ein anderes Programm?</translation>
    </message>
    <message>
        <source>%1 is gone. Everything heard so far is kept; plug it in again or choose another microphone.</source>
        <translation>%1 ist weg. Alles bisher Gehörte ist behalten; wieder anstecken oder ein anderes Mikrofon wählen.</translation>
    </message>
</context>
<context>
    <name>dowel::app::NumbersDialog</name>
    <message>
        <source>How sure the meter is, in cents</source>
        <translation>Wie sicher das Messgerät ist, in Cent</translation>
    </message>
    <message>
        <source> cents</source>
        <translation> Cent</translation>
    </message>
    <message>
        <source>Readings, typed</source>
        <translation>Messungen, getippt</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>target, Hz</source>
        <translation>Ziel, Hz</translation>
    </message>
    <message>
        <source>as the meter shows it</source>
        <translation>wie das Gerät es zeigt</translation>
    </message>
    <message>
        <source>Type readings</source>
        <translation>Messungen eintippen</translation>
    </message>
    <message>
        <source>Hertz (586.3), cents from the target (-12), or a note and cents (D5 -12, equal temperament over A4). Lines that stay empty are left out. The room is as Listen has it, %1 °C.</source>
        <translation>Hertz (586,3), Cent vom Ziel (-12) oder ein Ton und Cent (D5 -12, gleichschwebend über A4). Zeilen, die leer bleiben, werden ausgelassen. Der Raum ist der von Hören, %1 °C.</translation>
    </message>
    <message>
        <source>Sure to about ±</source>
        <translation>Sicher auf etwa ±</translation>
    </message>
    <message>
        <source>Keep them</source>
        <translation>Behalten</translation>
    </message>
</context>
<context>
    <name>dowel::app::OutcomeCard</name>
    <message>
        <source>Forecast and outcome</source>
        <translation>Vorhersage und Ergebnis</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>was</source>
        <translation>war</translation>
    </message>
    <message>
        <source>forecast</source>
        <translation>Vorhersage</translation>
    </message>
    <message>
        <source>came</source>
        <translation>kam</translation>
    </message>
    <message>
        <source>off by</source>
        <translation>daneben um</translation>
    </message>
    <message>
        <source>Nothing to hold a forecast to yet. After a cut, listen again: here stands then what was forecast beside what came, for every note.</source>
        <translation>Noch nichts, woran eine Vorhersage zu messen wäre. Nach einem Schnitt wieder hören: dann steht hier für jeden Ton, was vorhergesagt war, neben dem, was kam.</translation>
    </message>
    <message>
        <source>%1 of %2 forecasts came within their nine-in-ten range; half of them within %3 cents.</source>
        <translation>%1 von %2 Vorhersagen kamen in ihren Neun-von-zehn-Bereich; die Hälfte auf %3 Cent.</translation>
    </message>
    <message>
        <source>The last listening after cuts, cents over target:</source>
        <translation>Das letzte Hören nach Schnitten, Cent über dem Ziel:</translation>
    </message>
    <message>
        <source>%1 ±%2</source>
        <comment>cents, one sigma</comment>
        <translation>%1 ±%2</translation>
    </message>
    <message>
        <source>&amp;Hear before and after</source>
        <translation>&amp;Vorher und nachher hören</translation>
    </message>
    <message>
        <source>Every note that was recorded before the last cut and after it: a second of each, one after the other.</source>
        <translation>Jeder Ton, der vor und nach dem letzten Schnitt aufgenommen wurde: je eine Sekunde, nacheinander.</translation>
    </message>
    <message>
        <source>There is no loudspeaker to play them with.</source>
        <translation>Es gibt keinen Lautsprecher, sie abzuspielen.</translation>
    </message>
</context>
<context>
    <name>dowel::app::OutcomePicture</name>
    <message>
        <source>How good the forecasts have been</source>
        <translation>Wie gut die Vorhersagen waren</translation>
    </message>
    <message>
        <source>sharper</source>
        <translation>höher</translation>
    </message>
    <message>
        <source>forecast</source>
        <translation>Vorhersage</translation>
    </message>
    <message>
        <source>flatter</source>
        <translation>tiefer</translation>
    </message>
    <message>
        <source>each note heard after a cut; band: nine in ten</source>
        <translation>jeder Ton, der nach einem Schnitt gehört wurde; Band: neun von zehn</translation>
    </message>
</context>
<context>
    <name>dowel::app::OwnWorkDialog</name>
    <message>
        <source>What was done</source>
        <translation>Was getan wurde</translation>
    </message>
    <message>
        <source>How the size is told</source>
        <translation>Wie das Maß gesagt wird</translation>
    </message>
    <message>
        <source>Work of your own</source>
        <translation>Eigene Arbeit</translation>
    </message>
    <message>
        <source>it is now</source>
        <translation>es ist jetzt</translation>
    </message>
    <message>
        <source>it changed by</source>
        <translation>geändert um</translation>
    </message>
    <message>
        <source>Size by the calipers</source>
        <translation>Maß nach dem Messschieber</translation>
    </message>
    <message>
        <source>It goes into the record as a cut without advice, and what it moved is listened to before the advice goes on. Wax in a hole counts as filling it.</source>
        <translation>Es kommt ins Buch als Schnitt ohne Rat, und was es bewegt hat, wird gehört, ehe der Rat weitergeht. Wachs in einem Loch zählt als Füllen.</translation>
    </message>
    <message>
        <source>&amp;What</source>
        <translation>&amp;Was</translation>
    </message>
    <message>
        <source>The record has</source>
        <translation>Im Buch steht</translation>
    </message>
    <message>
        <source>&amp;Size</source>
        <translation>&amp;Maß</translation>
    </message>
    <message>
        <source>It is done</source>
        <translation>Ist getan</translation>
    </message>
    <message>
        <source>&amp;Wide at its mouth</source>
        <translation>An der Mündung &amp;weit</translation>
    </message>
    <message>
        <source>How it widens</source>
        <translation>Wie es weiter wird</translation>
    </message>
    <message>
        <source>a cone</source>
        <translation>ein Kegel</translation>
    </message>
    <message>
        <source>as wide all along</source>
        <translation>überall gleich weit</translation>
    </message>
    <message>
        <source>Inside, at its mouth</source>
        <translation>Innen, an der Mündung</translation>
    </message>
    <message>
        <source>%1 long, %2 wide at its mouth</source>
        <translation>%1 lang, an der Mündung %2 weit</translation>
    </message>
    <message>
        <source>nothing is on the foot</source>
        <translation>auf dem Fuß sitzt nichts</translation>
    </message>
    <message>
        <source>&amp;Long</source>
        <translation>&amp;Lang</translation>
    </message>
</context>
<context>
    <name>dowel::app::PassportDialog</name>
    <message>
        <source>Which one</source>
        <translation>Welcher</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>Passport</source>
        <translation>Pass</translation>
    </message>
    <message>
        <source>the maker&apos;s, with what was cut</source>
        <translation>für den Macher, mit dem, was geschnitten wurde</translation>
    </message>
    <message>
        <source>the player&apos;s: a label and the fingerings</source>
        <translation>für den Spieler: Schild und Griffe</translation>
    </message>
    <message>
        <source>A4</source>
        <translation>A4</translation>
    </message>
    <message>
        <source>Letter</source>
        <translation>Letter</translation>
    </message>
    <message>
        <source>Maker&apos;s mark</source>
        <translation>Zeichen des Machers</translation>
    </message>
    <message>
        <source>Its number</source>
        <translation>Nummer</translation>
    </message>
    <message>
        <source>&amp;Which one</source>
        <translation>&amp;Welcher</translation>
    </message>
    <message>
        <source>Pap&amp;er</source>
        <translation>&amp;Papier</translation>
    </message>
    <message>
        <source>&amp;Maker&apos;s mark</source>
        <translation>&amp;Zeichen des Machers</translation>
    </message>
    <message>
        <source>&amp;Number</source>
        <translation>&amp;Nummer</translation>
    </message>
    <message>
        <source>Notes are told as last heard since the last cut, at the temperature of the tuning. A file ending in .html is a page for a browser, .pdf one for paper.</source>
        <translation>Töne stehen darin, wie sie seit dem letzten Schnitt zuletzt gehört wurden, bei der Temperatur der Stimmung. Eine Datei auf .html ist eine Seite für den Browser, auf .pdf eine fürs Papier.</translation>
    </message>
    <message>
        <source>Write a &amp;file…</source>
        <translation>&amp;Datei schreiben…</translation>
    </message>
    <message>
        <source>&amp;Print…</source>
        <translation>D&amp;rucken…</translation>
    </message>
    <message>
        <source>&amp;Close</source>
        <translation>&amp;Schließen</translation>
    </message>
    <message>
        <source>Written to %1.</source>
        <translation>Geschrieben nach %1.</translation>
    </message>
</context>
<context>
    <name>dowel::app::PhotoDialog</name>
    <message>
        <source>Opening it…</source>
        <translation>Wird geöffnet…</translation>
    </message>
    <message>
        <source>&amp;Close</source>
        <translation>&amp;Schließen</translation>
    </message>
</context>
<context>
    <name>dowel::app::PlankPicture</name>
    <message>
        <source>The plank with its billets</source>
        <translation>Die Bohle mit ihren Kanteln</translation>
    </message>
</context>
<context>
    <name>dowel::app::ReadingModel</name>
    <message>
        <source>low</source>
        <translation>tief</translation>
    </message>
    <message>
        <source>high</source>
        <translation>hoch</translation>
    </message>
    <message>
        <source>third</source>
        <translation>dritt</translation>
    </message>
    <message>
        <source>not yet</source>
        <translation>noch nicht</translation>
    </message>
    <message>
        <source>now</source>
        <translation>jetzt</translation>
    </message>
    <message numerus="yes">
        <source>%n cut(s) ago</source>
        <translation>
            <numerusform>vor %n Schnitt</numerusform>
            <numerusform>vor %n Schnitten</numerusform>
        </translation>
    </message>
    <message>
        <source>in tolerance, %1 cents</source>
        <translation>in der Toleranz, %1 Cent</translation>
    </message>
    <message>
        <source>sharp, %1 cents</source>
        <translation>zu hoch, %1 Cent</translation>
    </message>
    <message>
        <source>flat, %1 cents</source>
        <translation>zu tief, %1 Cent</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>Register</source>
        <translation>Register</translation>
    </message>
    <message>
        <source>Off, cents</source>
        <translation>Cent</translation>
    </message>
    <message>
        <source>Spread</source>
        <translation>Streuung</translation>
    </message>
    <message>
        <source>Takes</source>
        <translation>Aufn.</translation>
    </message>
    <message>
        <source>Heard</source>
        <translation>Gehört</translation>
    </message>
</context>
<context>
    <name>dowel::app::RegisterCard</name>
    <message>
        <source>%1 wider</source>
        <comment>%1 hole</comment>
        <translation>%1 weiter</translation>
    </message>
    <message>
        <source>%1 undercut</source>
        <comment>%1 hole</comment>
        <translation>%1 unterschnitten</translation>
    </message>
    <message>
        <source>foot shorter</source>
        <translation>Fuß kürzer</translation>
    </message>
    <message>
        <source>window longer</source>
        <translation>Aufschnitt länger</translation>
    </message>
    <message>
        <source>embouchure hole longer</source>
        <translation>Mundloch länger</translation>
    </message>
    <message>
        <source>stopper 1 mm out</source>
        <translation>Kork 1 mm weiter</translation>
    </message>
    <message>
        <source>bore %1 to %2 mm</source>
        <translation>Bohrung %1 bis %2 mm</translation>
    </message>
    <message>
        <source>How wide each interval is</source>
        <translation>Wie weit jeder Abstand ist</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>low</source>
        <translation>tief</translation>
    </message>
    <message>
        <source>high</source>
        <translation>hoch</translation>
    </message>
    <message>
        <source>interval</source>
        <translation>Abstand</translation>
    </message>
    <message>
        <source>What makes the intervals wider or narrower</source>
        <translation>Was die Abstände weiter oder enger macht</translation>
    </message>
    <message>
        <source>work</source>
        <translation>Arbeit</translation>
    </message>
    <message>
        <source>mean</source>
        <translation>Mittel</translation>
    </message>
    <message>
        <source>most</source>
        <translation>meist</translation>
    </message>
    <message>
        <source>No fingering is played in two registers; there is no interval to mend.</source>
        <translation>Kein Griff wird in zwei Registern gespielt; es gibt keinen Abstand zu berichtigen.</translation>
    </message>
    <message>
        <source>On average the registers lie right above each other.</source>
        <translation>Im Mittel liegen die Register genau übereinander.</translation>
    </message>
    <message>
        <source>On average the intervals are %1 cents too wide.</source>
        <translation>Im Mittel sind die Abstände %1 Cent zu weit.</translation>
    </message>
    <message>
        <source>On average the intervals are %1 cents too narrow.</source>
        <translation>Im Mittel sind die Abstände %1 Cent zu eng.</translation>
    </message>
    <message>
        <source>pure</source>
        <translation>rein</translation>
    </message>
    <message>
        <source>%1 wide</source>
        <translation>%1 zu weit</translation>
    </message>
    <message>
        <source>%1 narrow</source>
        <translation>%1 zu eng</translation>
    </message>
    <message>
        <source>What a tenth of a millimetre does, in cents; + widens:</source>
        <translation>Was ein Zehntel Millimeter bewirkt, in Cent; + weitet:</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <comment>cents, note</comment>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>bore deeper</source>
        <translation>tiefer bohren</translation>
    </message>
</context>
<context>
    <name>dowel::app::SchoolDialog</name>
    <message>
        <source>How the plan goes about it</source>
        <translation>Wie der Plan vorgeht</translation>
    </message>
    <message>
        <source>&amp;Holes first, the foot last</source>
        <translation>Erst die &amp;Löcher, zuletzt der Fuß</translation>
    </message>
    <message>
        <source>&amp;Foot first, then the holes</source>
        <translation>Erst der &amp;Fuß, dann die Löcher</translation>
    </message>
    <message>
        <source>&amp;Graded holes</source>
        <translation>A&amp;bgestufte Löcher</translation>
    </message>
    <message>
        <source>&amp;One size for all, as near as pitch allows</source>
        <translation>&amp;Eine Größe für alle, soweit die Stimmung es zulässt</translation>
    </message>
    <message>
        <source>&amp;All registers alike</source>
        <translation>&amp;Alle Register gleich</translation>
    </message>
    <message>
        <source>The &amp;low register rules</source>
        <translation>Das &amp;tiefe Register gilt</translation>
    </message>
    <message>
        <source>Holes first, graded, all registers: so the most wood is kept for longest. Where the low register rules, higher notes count a tenth and may stay twice as far off.</source>
        <translation>Erst die Löcher, abgestuft, alle Register: so bleibt das meiste Holz am längsten stehen. Wo das tiefe Register gilt, zählen höhere Töne ein Zehntel und dürfen doppelt so weit daneben bleiben.</translation>
    </message>
    <message>
        <source>&amp;Even timbre beside pitch</source>
        <translation>&amp;Gleichmäßiger Klang neben der Stimmung</translation>
    </message>
    <message>
        <source>What even timbre is worth beside pitch, in per cent</source>
        <translation>Was gleichmäßiger Klang neben der Stimmung wert ist, in Prozent</translation>
    </message>
    <message>
        <source>0 %: pitch alone</source>
        <translation>0 %: nur die Stimmung</translation>
    </message>
    <message>
        <source>%1 %: two neighbouring holes that let through sounds a tenth higher or lower weigh as much as a note %2 tolerances off</source>
        <comment>per cent, tolerances</comment>
        <translation>%1 %: zwei Nachbarlöcher, die um ein Zehntel höhere oder tiefere Klänge durchlassen, wiegen so viel wie ein Ton, der %2 Toleranzen daneben liegt</translation>
    </message>
    <message>
        <source>Plan so</source>
        <translation>So planen</translation>
    </message>
</context>
<context>
    <name>dowel::app::SensitivityCard</name>
    <message>
        <source>Fingering</source>
        <translation>Griff</translation>
    </message>
    <message>
        <source>Fingerings</source>
        <translation>Griffe</translation>
    </message>
    <message>
        <source>Cents for a tenth of a millimetre</source>
        <translation>Cent für ein Zehntel Millimeter</translation>
    </message>
    <message>
        <source>Cents for one tenth of a millimetre taken off: a hole made wider, the foot cut shorter. Pick another note here or in the picture.</source>
        <translation>Cent für ein weggenommenes Zehntel Millimeter: ein Loch geweitet, der Fuß gekürzt. Einen anderen Ton hier oder im Bild wählen.</translation>
    </message>
    <message>
        <source>&amp;Fingering of</source>
        <translation>&amp;Griff von</translation>
    </message>
    <message>
        <source>foot</source>
        <translation>Fuß</translation>
    </message>
    <message>
        <source>stopper</source>
        <translation>Kork</translation>
    </message>
    <message>
        <source>window</source>
        <translation>Aufschnitt</translation>
    </message>
    <message>
        <source>embouchure hole</source>
        <translation>Mundloch</translation>
    </message>
    <message>
        <source>at</source>
        <translation>bei</translation>
    </message>
    <message>
        <source>The curves in the bore: a tenth of a millimetre reamed out over ten. In the %1 it raises most near %2 mm (%3) and lowers most near %4 mm (%5).</source>
        <translation>Die Kurven in der Bohrung: ein Zehntel Millimeter über zehn aufgerieben. Dort, %1, hebt es am meisten bei %2 mm (%3) und senkt am meisten bei %4 mm (%5).</translation>
    </message>
</context>
<context>
    <name>dowel::app::ShopMemoryDialog</name>
    <message>
        <source>%1 ± %2 %3</source>
        <comment>mean, spread, unit</comment>
        <translation>%1 ± %2 %3</translation>
    </message>
    <message>
        <source>&amp;Use it for the instruments to come</source>
        <translation>Für die kommenden Instrumente &amp;benutzen</translation>
    </message>
    <message>
        <source>Instruments remembered</source>
        <translation>Erinnerte Instrumente</translation>
    </message>
    <message>
        <source>instrument</source>
        <translation>Instrument</translation>
    </message>
    <message>
        <source>family</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>readings</source>
        <translation>Messungen</translation>
    </message>
    <message>
        <source>last heard</source>
        <translation>zuletzt gehört</translation>
    </message>
    <message>
        <source>What is learnt</source>
        <translation>Was gelernt ist</translation>
    </message>
    <message>
        <source>what</source>
        <translation>was</translation>
    </message>
    <message>
        <source>before</source>
        <translation>vorher</translation>
    </message>
    <message>
        <source>for the next one</source>
        <translation>fürs nächste</translation>
    </message>
    <message>
        <source>Forget the chosen one</source>
        <translation>Das gewählte vergessen</translation>
    </message>
    <message>
        <source>Forget everything</source>
        <translation>Alles vergessen</translation>
    </message>
    <message>
        <source>Shop memory</source>
        <translation>Werkstattgedächtnis</translation>
    </message>
    <message>
        <source>Use the shop memory</source>
        <translation>Das Werkstattgedächtnis benutzen</translation>
    </message>
    <message>
        <source>Your mouth, your breath and the way you cut holes go from one instrument to the next. What the fit found on earlier ones is where it starts on the next of the same family; every reading still counts for more. Practice blanks are not remembered.</source>
        <translation>Mund, Atem und die Art, Löcher zu schneiden, gehen von einem Instrument zum nächsten mit. Was die Anpassung an früheren fand, ist ihr Anfang beim nächsten derselben Art; jede Messung zählt trotzdem mehr. Übungsrohlinge werden nicht erinnert.</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>without a name</source>
        <translation>ohne Namen</translation>
    </message>
    <message>
        <source>Nothing is remembered yet. Once every note of a workbook has been heard, it is.</source>
        <translation>Noch ist nichts erinnert. Sobald jeder Ton eines Werkbuchs gehört ist, wird er es.</translation>
    </message>
    <message>
        <source>What the next %1 starts from:</source>
        <comment>family</comment>
        <translation>Wovon das nächste Instrument dieser Art ausgeht (%1):</translation>
    </message>
    <message>
        <source>cents</source>
        <translation>Cent</translation>
    </message>
    <message>
        <source>air in the tube, from the room&apos;s to the breath&apos;s</source>
        <translation>Luft im Rohr, vom Raum zum Atem</translation>
    </message>
    <message>
        <source>the mouth&apos;s end correction</source>
        <translation>Mündungskorrektur des Munds</translation>
    </message>
    <message>
        <source>the holes&apos; end correction</source>
        <translation>Mündungskorrektur der Löcher</translation>
    </message>
    <message>
        <source>how open holes hear each other</source>
        <translation>wie offene Löcher einander hören</translation>
    </message>
    <message>
        <source>times</source>
        <translation>mal</translation>
    </message>
    <message>
        <source>losses at the wall</source>
        <translation>Verluste an der Wand</translation>
    </message>
    <message>
        <source>how far an undercut reaches</source>
        <translation>wie weit ein Unterschnitt wirkt</translation>
    </message>
    <message>
        <source>blown, first register</source>
        <translation>geblasen, erstes Register</translation>
    </message>
    <message>
        <source>blown, second register</source>
        <translation>geblasen, zweites Register</translation>
    </message>
    <message>
        <source>blown, per octave</source>
        <translation>geblasen, je Oktave</translation>
    </message>
</context>
<context>
    <name>dowel::app::ShopPage</name>
    <message>
        <source>A cut is ready: %1</source>
        <translation>Ein Schnitt steht an: %1</translation>
    </message>
    <message>
        <source>Stopped: something does not fit, see Correct</source>
        <translation>Angehalten: etwas passt nicht, siehe Nacharbeiten</translation>
    </message>
    <message>
        <source>%1 of %2 to hear</source>
        <translation>%1 von %2 zu hören</translation>
    </message>
    <message>
        <source>Heard; the advice is to be worked out</source>
        <translation>Gehört; der Rat ist noch auszurechnen</translation>
    </message>
    <message>
        <source>Laid out, to be drilled</source>
        <translation>Angelegt, zu bohren</translation>
    </message>
    <message>
        <source>Being planned</source>
        <translation>Wird geplant</translation>
    </message>
    <message>
        <source>Done: nothing more to cut</source>
        <translation>Fertig: nichts mehr zu schneiden</translation>
    </message>
    <message>
        <source>furthest off %1 cents</source>
        <translation>am weitesten daneben %1 Cent</translation>
    </message>
    <message>
        <source>Order of the instruments</source>
        <translation>Reihenfolge der Instrumente</translation>
    </message>
    <message>
        <source>archi&amp;ved ones</source>
        <translation>ab&amp;gelegte</translation>
    </message>
    <message>
        <source>&amp;Take it up</source>
        <translation>Zur &amp;Hand nehmen</translation>
    </message>
    <message>
        <source>&amp;Another like this</source>
        <translation>N&amp;och eins wie dieses</translation>
    </message>
    <message>
        <source>&amp;Side by side</source>
        <translation>&amp;Nebeneinander</translation>
    </message>
    <message>
        <source>Archi&amp;ve</source>
        <translation>&amp;Ablegen</translation>
    </message>
    <message>
        <source>What it is</source>
        <translation>Was es ist</translation>
    </message>
    <message>
        <source>&amp;Begin it</source>
        <translation>&amp;Beginnen</translation>
    </message>
    <message>
        <source>Kind of the practice blank</source>
        <translation>Art des Übungsrohlings</translation>
    </message>
    <message>
        <source>How it is to be heard</source>
        <translation>Wie es zu hören ist</translation>
    </message>
    <message>
        <source>Find by name</source>
        <translation>Nach Namen suchen</translation>
    </message>
    <message>
        <source>find by name</source>
        <translation>nach Namen suchen</translation>
    </message>
    <message>
        <source>Show archived instruments</source>
        <translation>Abgelegte Instrumente zeigen</translation>
    </message>
    <message>
        <source>Instruments</source>
        <translation>Instrumente</translation>
    </message>
    <message>
        <source>by what is next</source>
        <translation>nach dem, was ansteht</translation>
    </message>
    <message>
        <source>by name</source>
        <translation>nach Namen</translation>
    </message>
    <message>
        <source>by family</source>
        <translation>nach Familie</translation>
    </message>
    <message>
        <source>by when it was touched</source>
        <translation>nach der letzten Arbeit</translation>
    </message>
    <message>
        <source>a quiet room</source>
        <translation>ein stiller Raum</translation>
    </message>
    <message>
        <source>a workshop</source>
        <translation>eine Werkstatt</translation>
    </message>
    <message>
        <source>breathy, beside a fan</source>
        <translation>luftig, neben einem Lüfter</translation>
    </message>
    <message>
        <source>Which piece of wood: the same number is the same wood, to be shared</source>
        <translation>Welches Stück Holz: dieselbe Zahl ist dasselbe Holz, zum Weitergeben</translation>
    </message>
    <message>
        <source>wood no. </source>
        <translation>Holz Nr. </translation>
    </message>
    <message>
        <source>Its name</source>
        <translation>Sein Name</translation>
    </message>
    <message>
        <source>its name</source>
        <translation>sein Name</translation>
    </message>
    <message>
        <source>On the bench and on the shelf</source>
        <translation>Auf der Bank und im Regal</translation>
    </message>
    <message>
        <source>The simulated player blows a hidden piece of wood; nothing can be spoilt there.</source>
        <translation>Der simulierte Spieler bläst ein verborgenes Stück Holz; dort kann nichts verderben.</translation>
    </message>
    <message>
        <source>Start a &amp;practice blank</source>
        <translation>Einen &amp;Übungsrohling beginnen</translation>
    </message>
    <message>
        <source>A new one</source>
        <translation>Ein neues</translation>
    </message>
    <message>
        <source>Practise</source>
        <translation>Üben</translation>
    </message>
    <message>
        <source>From elsewhere</source>
        <translation>Von anderswo</translation>
    </message>
    <message>
        <source>Give it a name first, so that you find it again.</source>
        <translation>Zuerst einen Namen geben, damit man es wiederfindet.</translation>
    </message>
    <message>
        <source>None is called so.</source>
        <translation>Keines heißt so.</translation>
    </message>
    <message>
        <source>Nothing is archived.</source>
        <translation>Nichts ist abgelegt.</translation>
    </message>
    <message>
        <source>No instrument stands here yet. Begin one on the right: from the bare tube on, everything about it is kept in one workbook of this folder.</source>
        <translation>Hier steht noch kein Instrument. Rechts eins beginnen: vom bloßen Rohr an wird alles über es in einem Werkbuch dieses Ordners gehalten.</translation>
    </message>
    <message>
        <source>Choose two or more of one model, with Ctrl or Shift.</source>
        <translation>Zwei oder mehr eines Modells wählen, mit Strg oder Umschalt.</translation>
    </message>
    <message>
        <source>&amp;Back to the shop</source>
        <translation>&amp;Zurück in die Werkstatt</translation>
    </message>
    <message>
        <source>%1 is there already; rename one of the two.</source>
        <translation>%1 ist schon da; eins von beiden umbenennen.</translation>
    </message>
    <message>
        <source>Show all again</source>
        <translation>Wieder alle zeigen</translation>
    </message>
    <message numerus="yes">
        <source>%1 of %2 in tune, %n cut(s), %3 sharp</source>
        <comment>score of a practice blank</comment>
        <translation>
            <numerusform>%1 von %2 im Ziel, %n Schnitt, %3 zu hoch</numerusform>
            <numerusform>%1 von %2 im Ziel, %n Schnitte, %3 zu hoch</numerusform>
        </translation>
    </message>
    <message>
        <source>your o&amp;wn cut first</source>
        <translation>zuerst der &amp;eigene Schnitt</translation>
    </message>
    <message>
        <source>Your own cut first</source>
        <translation>Zuerst der eigene Schnitt</translation>
    </message>
    <message>
        <source>You choose hole and size by yourself; then Dowel says what your cut should do, what it would have cut, and keeps the score.</source>
        <translation>Sie wählen Loch und Maß selbst; dann sagt Dowel, was Ihr Schnitt bewirken sollte, was es geschnitten hätte, und führt den Stand.</translation>
    </message>
    <message>
        <source>Another %1</source>
        <comment>name of an instrument</comment>
        <translation>Noch ein %1</translation>
    </message>
    <message>
        <source>%1: %2 %3</source>
        <comment>name, where it stands, worst or score</comment>
        <translation>%1: %2 %3</translation>
    </message>
    <message>
        <source>&amp;Workbook…</source>
        <translation>&amp;Werkbuch…</translation>
    </message>
    <message>
        <source>Opens a workbook that lies anywhere.</source>
        <translation>Öffnet ein Werkbuch, das irgendwo liegt.</translation>
    </message>
    <message>
        <source>&amp;Specification…</source>
        <translation>Be&amp;schreibung…</translation>
    </message>
    <message>
        <source>A new workbook from an instrument&apos;s description as JSON.</source>
        <translation>Ein neues Werkbuch aus der Beschreibung eines Instruments als JSON.</translation>
    </message>
    <message>
        <source>&amp;Like a file…</source>
        <translation>Wie eine &amp;Datei…</translation>
    </message>
    <message>
        <source>Another instrument like the one in a file, in its own key or others.</source>
        <translation>Noch ein Instrument wie das in einer Datei, in seiner Tonart oder anderen.</translation>
    </message>
    <message>
        <source>&amp;Folder…</source>
        <translation>&amp;Ordner…</translation>
    </message>
    <message>
        <source>Where the shop&apos;s workbooks lie.</source>
        <translation>Wo die Werkbücher der Werkstatt liegen.</translation>
    </message>
    <message>
        <source>Finish, due since %1: %2</source>
        <comment>day, work</comment>
        <translation>Oberfläche, fällig seit %1: %2</translation>
    </message>
    <message>
        <source>Finish, from %1: %2</source>
        <comment>day, work</comment>
        <translation>Oberfläche, ab %1: %2</translation>
    </message>
</context>
<context>
    <name>dowel::app::SidePicture</name>
    <message>
        <source>Instruments of one model over the notes</source>
        <translation>Instrumente eines Vorbilds über den Tönen</translation>
    </message>
    <message>
        <source>%1: %2 in common</source>
        <comment>note, cents</comment>
        <translation>%1: %2 gemeinsam</translation>
    </message>
</context>
<context>
    <name>dowel::app::StageList</name>
    <message>
        <source>not begun</source>
        <translation>nicht begonnen</translation>
    </message>
    <message>
        <source>next: %1</source>
        <comment>day</comment>
        <translation>als Nächstes: %1</translation>
    </message>
    <message>
        <source>done</source>
        <translation>fertig</translation>
    </message>
    <message>
        <source>Stages of the work</source>
        <translation>Stufen der Arbeit</translation>
    </message>
    <message>
        <source>Blank</source>
        <translation>Rohling</translation>
    </message>
    <message>
        <source>Sounding edge</source>
        <translation>Anblaskante</translation>
    </message>
    <message>
        <source>Target</source>
        <translation>Ziel</translation>
    </message>
    <message>
        <source>Layout</source>
        <translation>Anlage</translation>
    </message>
    <message>
        <source>Drill</source>
        <translation>Bohren</translation>
    </message>
    <message>
        <source>Listen</source>
        <translation>Hören</translation>
    </message>
    <message>
        <source>Correct</source>
        <translation>Nacharbeiten</translation>
    </message>
    <message>
        <source>Finish</source>
        <translation>Oberfläche</translation>
    </message>
    <message>
        <source>Logbook</source>
        <translation>Logbuch</translation>
    </message>
    <message>
        <source>Blank
%1</source>
        <translation>Rohling
%1</translation>
    </message>
    <message>
        <source>Sounding edge
voicing</source>
        <translation>Anblaskante
Intonieren</translation>
    </message>
    <message numerus="yes">
        <source>Target
%n note(s)</source>
        <translation>
            <numerusform>Ziel
%n Ton</numerusform>
            <numerusform>Ziel
%n Töne</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Layout
%n hole(s)</source>
        <translation>
            <numerusform>Anlage
%n Loch</numerusform>
            <numerusform>Anlage
%n Löcher</numerusform>
        </translation>
    </message>
    <message>
        <source>Layout
not yet</source>
        <translation>Anlage
noch nicht</translation>
    </message>
    <message>
        <source>Drill
done</source>
        <translation>Bohren
fertig</translation>
    </message>
    <message>
        <source>Drill
ready</source>
        <translation>Bohren
bereit</translation>
    </message>
    <message>
        <source>Drill
lay out first</source>
        <translation>Bohren
erst anlegen</translation>
    </message>
    <message numerus="yes">
        <source>Logbook
%n cut(s)</source>
        <translation>
            <numerusform>Logbuch
%n Schnitt</numerusform>
            <numerusform>Logbuch
%n Schnitte</numerusform>
        </translation>
    </message>
    <message>
        <source>Listen
not drilled yet</source>
        <translation>Hören
noch nicht gebohrt</translation>
    </message>
    <message>
        <source>Correct
not drilled yet</source>
        <translation>Nacharbeiten
noch nicht gebohrt</translation>
    </message>
    <message>
        <source>Finish
not drilled yet</source>
        <translation>Oberfläche
noch nicht gebohrt</translation>
    </message>
    <message>
        <source>Listen
nothing asked for</source>
        <translation>Hören
nichts gefragt</translation>
    </message>
    <message>
        <source>Listen
%1 of %2 to hear</source>
        <translation>Hören
noch %1 von %2</translation>
    </message>
    <message>
        <source>Correct
listen first</source>
        <translation>Nacharbeiten
erst hören</translation>
    </message>
    <message>
        <source>Correct
a cut is ready</source>
        <translation>Nacharbeiten
Schnitt steht an</translation>
    </message>
    <message>
        <source>Correct
done</source>
        <translation>Nacharbeiten
fertig</translation>
    </message>
    <message>
        <source>Correct
stop</source>
        <translation>Nacharbeiten
halt</translation>
    </message>
    <message>
        <source>Correct
thinking</source>
        <translation>Nacharbeiten
wird gerechnet</translation>
    </message>
    <message>
        <source>Finish
%1</source>
        <translation>Oberfläche
%1</translation>
    </message>
</context>
<context>
    <name>dowel::app::StockDialog</name>
    <message>
        <source>The reamers go in from</source>
        <translation>Die Räumer gehen hinein von</translation>
    </message>
    <message>
        <source>&amp;Take this bore</source>
        <translation>Diese Bohrung &amp;nehmen</translation>
    </message>
    <message>
        <source>From the plank to the bore</source>
        <translation>Von der Bohle zur Bohrung</translation>
    </message>
    <message>
        <source>&amp;Plank</source>
        <translation>&amp;Bohle</translation>
    </message>
    <message>
        <source>T&amp;urning</source>
        <translation>D&amp;rehen</translation>
    </message>
    <message>
        <source>&amp;Reamers</source>
        <translation>Rä&amp;umer</translation>
    </message>
    <message>
        <source>Plank, long</source>
        <translation>Bohle, lang</translation>
    </message>
    <message>
        <source>wide</source>
        <translation>breit</translation>
    </message>
    <message>
        <source>thick</source>
        <translation>dick</translation>
    </message>
    <message>
        <source>A saw cut takes</source>
        <translation>Ein Sägeschnitt nimmt</translation>
    </message>
    <message>
        <source>Lost at each end</source>
        <translation>Verlust an jedem Ende</translation>
    </message>
    <message>
        <source>Outside of the instrument</source>
        <translation>Außenmaß des Instruments</translation>
    </message>
    <message>
        <source>More, to square and turn</source>
        <translation>Zugabe zum Kanten und Drehen</translation>
    </message>
    <message>
        <source>More in length, to hold it</source>
        <translation>Zugabe zum Spannen</translation>
    </message>
    <message>
        <source>Cracks and knots, from and to along the plank</source>
        <translation>Risse und Äste, von und bis die Bohle entlang</translation>
    </message>
    <message>
        <source>Cracks and knots</source>
        <translation>Risse und Äste</translation>
    </message>
    <message>
        <source>Let sawn billets lie at least until they no longer lose weight, ends waxed, a year for an inch of thickness; and again some weeks after the pilot is bored. Push sticks at the saw, guard on, dust extracted: some woods harm skin and lungs.</source>
        <translation>Kanteln liegen lassen, bis sie kein Gewicht mehr verlieren, Enden gewachst, ein Jahr je Zoll Dicke; und nach dem Vorbohren noch einmal einige Wochen. An der Säge Schiebestock und Schutzhaube, Staub absaugen: manche Hölzer schaden Haut und Lunge.</translation>
    </message>
    <message numerus="yes">
        <source>%n billet(s) of %1 square, %2 long, %3 % of the wood.</source>
        <translation>
            <numerusform>%n Kantel von %1 im Quadrat, %2 lang, %3 % des Holzes.</numerusform>
            <numerusform>%n Kanteln von %1 im Quadrat, %2 lang, %3 % des Holzes.</numerusform>
        </translation>
    </message>
    <message>
        <source>Cross-cut, from the end: %1.</source>
        <comment>lengths</comment>
        <translation>Querschnitte, vom Ende: %1.</translation>
    </message>
    <message>
        <source>Head: wall where it is thickest</source>
        <translation>Kopf: Wand, wo sie am dicksten ist</translation>
    </message>
    <message>
        <source>where it is thinnest</source>
        <translation>wo sie am dünnsten ist</translation>
    </message>
    <message>
        <source>bore</source>
        <translation>Bohrung</translation>
    </message>
    <message>
        <source>Foot: wall where it is thickest</source>
        <translation>Fuß: Wand, wo sie am dicksten ist</translation>
    </message>
    <message>
        <source>Least wall that serves</source>
        <translation>Kleinste Wand, die reicht</translation>
    </message>
    <message>
        <source>Bore first, turn after: a bit wanders, so the outside is turned true to the bore, between centres or on plugs that fit it. Face shield, no gloves or loose sleeves at the lathe, dust extracted.</source>
        <translation>Erst bohren, dann drehen: ein Bohrer verläuft, darum wird außen nach der Bohrung rund gedreht, zwischen Spitzen oder auf passenden Stopfen. An der Drehbank Gesichtsschutz, keine Handschuhe oder losen Ärmel, Staub absaugen.</translation>
    </message>
    <message>
        <source>The bore stands %1 off the middle at the head and %2 at the foot.</source>
        <translation>Die Bohrung steht am Kopf %1 und am Fuß %2 aus der Mitte.</translation>
    </message>
    <message>
        <source>Turned true to it, the outside can be %1 at most.</source>
        <translation>Nach ihr rund gedreht, kann das Außenmaß höchstens %1 sein.</translation>
    </message>
    <message>
        <source>Least wall of the tube: %1</source>
        <translation>Kleinste Wand des Rohrs: %1</translation>
    </message>
    <message>
        <source>At the window: %1</source>
        <translation>Am Aufschnitt: %1</translation>
    </message>
    <message>
        <source>At %1: %2</source>
        <comment>hole, wall</comment>
        <translation>Bei %1: %2</translation>
    </message>
    <message>
        <source>%1, too thin</source>
        <translation>%1, zu dünn</translation>
    </message>
    <message>
        <source>It serves.</source>
        <translation>Er taugt.</translation>
    </message>
    <message>
        <source>It does not serve for this instrument: a narrower one, or firewood.</source>
        <translation>Für dieses Instrument taugt er nicht: ein engeres oder Brennholz.</translation>
    </message>
    <message>
        <source>Reamers of the shop</source>
        <translation>Räumer der Werkstatt</translation>
    </message>
    <message>
        <source>Long cone: 0 9.8; 120 12.0; 260 13.2</source>
        <translation>Langer Konus: 0 9,8; 120 12,0; 260 13,2</translation>
    </message>
    <message>
        <source>the foot</source>
        <translation>dem Fuß</translation>
    </message>
    <message>
        <source>the head</source>
        <translation>dem Kopf</translation>
    </message>
    <message>
        <source>Bored to, all through</source>
        <translation>Durchgehend gebohrt auf</translation>
    </message>
    <message>
        <source>They go in from</source>
        <translation>Sie gehen hinein von</translation>
    </message>
    <message>
        <source>One reamer a line: its name, then places from its tip and its diameters there. They are kept for the shop. Below stands how deep each goes, its tip from the end it enters, so that the plan&apos;s bore is nowhere passed. Ream slowly, clear the chips often, and let the wood cool: a jammed reamer splits it.</source>
        <translation>Ein Räumer je Zeile: sein Name, dann Stellen von der Spitze und die Durchmesser dort. Sie bleiben der Werkstatt. Unten steht, wie tief jeder geht, die Spitze von dem Ende, an dem er hineingeht, sodass die geplante Bohrung nirgends überschritten wird. Langsam räumen, oft Späne holen, das Holz abkühlen lassen: ein klemmender Räumer sprengt es.</translation>
    </message>
    <message>
        <source>%1.  %2: %3 deep</source>
        <comment>number, reamer, how deep</comment>
        <translation>%1.  %2: %3 tief</translation>
    </message>
    <message>
        <source>None of them cuts before it passes the plan&apos;s bore.</source>
        <translation>Keiner schneidet, ehe er die geplante Bohrung überschreitet.</translation>
    </message>
    <message>
        <source>Narrower than planned by %1 at most, %2 from the mouth.</source>
        <translation>Höchstens %1 enger als geplant, %2 vom Mund.</translation>
    </message>
    <message>
        <source>That is the bore that is planned.</source>
        <translation>Das ist die geplante Bohrung.</translation>
    </message>
    <message>
        <source>Layers in the thickness: %1. Seen from above; hatched: ends and what is left out.</source>
        <translation>Lagen in der Dicke: %1. Von oben; schraffiert: Enden und was ausgelassen wird.</translation>
    </message>
    <message>
        <source>&amp;Joints</source>
        <translation>&amp;Zapfen</translation>
    </message>
    <message>
        <source>&amp;Horn</source>
        <translation>&amp;Horn</translation>
    </message>
    <message>
        <source>Outside at the joint</source>
        <translation>Außen an der Verbindung</translation>
    </message>
    <message>
        <source>Bore there</source>
        <translation>Bohrung dort</translation>
    </message>
    <message>
        <source>Tenon, across</source>
        <translation>Zapfen, stark</translation>
    </message>
    <message>
        <source>Tenon, long</source>
        <translation>Zapfen, lang</translation>
    </message>
    <message>
        <source>Cork or thread on it, pressed</source>
        <translation>Kork oder Garn darauf, gepresst</translation>
    </message>
    <message>
        <source>The socket is bored before the bore is reamed, the tenon turned to it last, with cork or waxed thread in a shallow groove. A long piece is reamed joint by joint, each by its own reamer, then all together. Thread wound too thick splits a socket: it must go in by hand without force.</source>
        <translation>Die Hülse wird gebohrt, bevor die Bohrung gerieben wird, der Zapfen zuletzt darauf gedreht, mit Kork oder gewachstem Garn in einer flachen Nut. Ein langes Stück wird Teil für Teil gerieben, jedes mit eigener Reibahle, dann alle zusammen. Zu dick gewickeltes Garn sprengt die Hülse: es muss von Hand ohne Kraft gehen.</translation>
    </message>
    <message>
        <source>Wall of the tenon: %1</source>
        <translation>Wand des Zapfens: %1</translation>
    </message>
    <message>
        <source>Wall of the socket: %1</source>
        <translation>Wand der Hülse: %1</translation>
    </message>
    <message>
        <source>Groove for cork or thread: %1 deep at most.</source>
        <translation>Nut für Kork oder Garn: höchstens %1 tief.</translation>
    </message>
    <message>
        <source>Add the tenon to the length of its part: %1 more wood than the instrument is long, for every joint.</source>
        <translation>Den Zapfen zur Länge seines Teils rechnen: %1 mehr Holz, als das Instrument lang ist, für jede Verbindung.</translation>
    </message>
    <message>
        <source>It does not serve: thicker wood there, a ring of metal or horn round the socket, or a tenon nearer to the middle of the wall.</source>
        <translation>Es taugt nicht: dort dickeres Holz, ein Ring aus Metall oder Horn um die Hülse, oder ein Zapfen näher an der Mitte der Wand.</translation>
    </message>
    <message>
        <source>Along the outside of the bend</source>
        <translation>Außen die Biegung entlang</translation>
    </message>
    <message>
        <source>A wire goes in, from the wide end</source>
        <translation>Ein Draht geht hinein, vom weiten Ende</translation>
    </message>
    <message>
        <source>Across at the tip</source>
        <translation>Stärke an der Spitze</translation>
    </message>
    <message>
        <source>Across where the hollow ends</source>
        <translation>Stärke, wo das Hohle endet</translation>
    </message>
    <message>
        <source>The mouth&apos;s hole</source>
        <translation>Das Loch am Mund</translation>
    </message>
    <message>
        <source>Least wall round it</source>
        <translation>Dünnste Wand darum</translation>
    </message>
    <message>
        <source>Bend a soft wire to the horn&apos;s curve, push it in to where the hollow ends, and mark it at the rim. Saw and drill wet or under extraction: horn dust harms the lungs, and it smells. A hot drill glazes: let it cool.</source>
        <translation>Einen weichen Draht nach dem Horn biegen, bis zum Ende des Hohlen schieben und am Rand anzeichnen. Nass oder mit Absaugung sägen und bohren: Hornstaub schadet der Lunge, und er riecht. Ein heißer Bohrer schmiert: abkühlen lassen.</translation>
    </message>
    <message>
        <source>The tip is solid for %1.</source>
        <translation>Die Spitze ist auf %1 voll.</translation>
    </message>
    <message>
        <source>Cut %1 from the tip: %2 of wall stands round the hole there.</source>
        <translation>%1 von der Spitze schneiden: dort stehen %2 Wand um das Loch.</translation>
    </message>
    <message>
        <source>Drill %1 through what is left of the solid, then open the hollow to an even cone.</source>
        <translation>%1 durch den Rest des Vollen bohren, dann das Hohle zu einem gleichmäßigen Kegel öffnen.</translation>
    </message>
    <message>
        <source>The tube is then %1 long along its bend: type it as the bore&apos;s last place. Leave the wide end long; it is sawn back last, after the holes, by what they cost.</source>
        <translation>Das Rohr ist dann die Biegung entlang %1 lang: als letzte Stelle der Bohrung eintragen. Das weite Ende lang lassen; es wird zuletzt zurückgesägt, nach den Löchern, um das, was sie kosten.</translation>
    </message>
    <message>
        <source>none, or 400-460</source>
        <translation>keine, oder 400-460</translation>
    </message>
</context>
<context>
    <name>dowel::app::TakeDialog</name>
    <message>
        <source>Sound</source>
        <translation>Klang</translation>
    </message>
    <message>
        <source>sound</source>
        <translation>Klang</translation>
    </message>
    <message>
        <source>Pitch over time</source>
        <translation>Stimmung über der Zeit</translation>
    </message>
    <message>
        <source>seconds</source>
        <translation>Sekunden</translation>
    </message>
    <message>
        <source>cents from the target</source>
        <translation>Cent vom Ziel</translation>
    </message>
    <message>
        <source>Spectrum of the chosen part</source>
        <translation>Spektrum des gewählten Stücks</translation>
    </message>
    <message>
        <source>hertz</source>
        <translation>Hertz</translation>
    </message>
    <message>
        <source>dB</source>
        <translation>dB</translation>
    </message>
    <message>
        <source>From</source>
        <translation>Von</translation>
    </message>
    <message>
        <source> s</source>
        <translation> s</translation>
    </message>
    <message>
        <source>To</source>
        <translation>Bis</translation>
    </message>
    <message>
        <source>&amp;Keep this reading instead</source>
        <translation>&amp;Diese Messung behalten</translation>
    </message>
    <message>
        <source>A take of %1</source>
        <translation>Eine Aufnahme von %1</translation>
    </message>
    <message>
        <source>C&amp;lose</source>
        <translation>&amp;Schließen</translation>
    </message>
    <message>
        <source>Measured from</source>
        <translation>Gemessen von</translation>
    </message>
    <message>
        <source>to</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>Opening the recording…</source>
        <translation>Die Aufnahme wird geöffnet…</translation>
    </message>
    <message>
        <source>No steady tone in this part: choose a longer or quieter one.</source>
        <translation>Kein ruhiger Ton in diesem Stück: ein längeres oder ruhigeres wählen.</translation>
    </message>
    <message>
        <source>%1 Hz; %2 cents, ± %3 by which part is taken</source>
        <translation>%1 Hz; %2 Cent, ± %3 je nach Stück</translation>
    </message>
</context>
<context>
    <name>dowel::app::TakeStrip</name>
    <message>
        <source>The last take</source>
        <translation>Die letzte Aufnahme</translation>
    </message>
    <message>
        <source>%1 hertz, %2 cents from the target</source>
        <translation>%1 Hertz, %2 Cent vom Ziel</translation>
    </message>
    <message>
        <source>nothing heard yet</source>
        <translation>noch nichts gehört</translation>
    </message>
    <message>
        <source>the last %1 s</source>
        <translation>die letzten %1 s</translation>
    </message>
    <message>
        <source>level, dB</source>
        <translation>Pegel, dB</translation>
    </message>
    <message>
        <source>too loud</source>
        <translation>zu laut</translation>
    </message>
    <message>
        <source>room %1</source>
        <translation>Raum %1</translation>
    </message>
    <message>
        <source>Pitch and partials of a take appear here when it has been heard.</source>
        <translation>Stimmung und Teiltöne einer Aufnahme erscheinen hier, wenn sie gehört ist.</translation>
    </message>
    <message>
        <source>last take, %1: cents off</source>
        <translation>letzte Aufnahme, %1: Cent daneben</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>measured here</source>
        <translation>hier gemessen</translation>
    </message>
    <message>
        <source>partials, dB</source>
        <translation>Teiltöne, dB</translation>
    </message>
    <message>
        <source>now: cents from the target   ● steady   ○ not yet</source>
        <translation>jetzt: Cent vom Ziel   ● ruhig   ○ noch nicht</translation>
    </message>
</context>
<context>
    <name>dowel::app::TargetPage</name>
    <message>
        <source>%1 partly</source>
        <comment>a hole partly covered</comment>
        <translation>%1 teilweise</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keins</translation>
    </message>
    <message>
        <source>Lowest note</source>
        <translation>Tiefster Ton</translation>
    </message>
    <message>
        <source>Scale</source>
        <translation>Tonleiter</translation>
    </message>
    <message>
        <source>Temperament</source>
        <translation>Temperierung</translation>
    </message>
    <message>
        <source>Built on</source>
        <translation>Aufgebaut auf</translation>
    </message>
    <message>
        <source>Registers</source>
        <translation>Register</translation>
    </message>
    <message>
        <source>A4</source>
        <translation>A4</translation>
    </message>
    <message>
        <source> Hz</source>
        <translation> Hz</translation>
    </message>
    <message>
        <source>Temperature it is played at</source>
        <translation>Temperatur, bei der gespielt wird</translation>
    </message>
    <message>
        <source> °C</source>
        <translation> °C</translation>
    </message>
    <message>
        <source>Tolerance</source>
        <translation>Toleranz</translation>
    </message>
    <message>
        <source> cents</source>
        <translation> Cent</translation>
    </message>
    <message>
        <source>Fingerings</source>
        <translation>Griffe</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>register</source>
        <translation>Register</translation>
    </message>
    <message>
        <source>Hz</source>
        <translation>Hz</translation>
    </message>
    <message>
        <source>from equal</source>
        <translation>Abw.</translation>
    </message>
    <message>
        <source>± cents</source>
        <translation>± Cent</translation>
    </message>
    <message>
        <source>weight</source>
        <translation>Gewicht</translation>
    </message>
    <message>
        <source>closed, from the foot</source>
        <translation>geschlossen, vom Fuß aus</translation>
    </message>
    <message>
        <source>Note to add a fingering for</source>
        <translation>Ton für einen neuen Griff</translation>
    </message>
    <message>
        <source>&amp;Remove it</source>
        <translation>&amp;Entfernen</translation>
    </message>
    <message>
        <source>Major</source>
        <translation>Dur</translation>
    </message>
    <message>
        <source>Minor (natural)</source>
        <translation>Moll (natürlich)</translation>
    </message>
    <message>
        <source>Dorian</source>
        <translation>Dorisch</translation>
    </message>
    <message>
        <source>Phrygian</source>
        <translation>Phrygisch</translation>
    </message>
    <message>
        <source>Lydian</source>
        <translation>Lydisch</translation>
    </message>
    <message>
        <source>Mixolydian</source>
        <translation>Mixolydisch</translation>
    </message>
    <message>
        <source>Locrian</source>
        <translation>Lokrisch</translation>
    </message>
    <message>
        <source>Major pentatonic</source>
        <translation>Dur-Pentatonik</translation>
    </message>
    <message>
        <source>Minor pentatonic</source>
        <translation>Moll-Pentatonik</translation>
    </message>
    <message>
        <source>Chromatic</source>
        <translation>Chromatisch</translation>
    </message>
    <message>
        <source>one</source>
        <translation>eins</translation>
    </message>
    <message>
        <source>two</source>
        <translation>zwei</translation>
    </message>
    <message>
        <source>&amp;Scale from a file…</source>
        <translation>&amp;Skala aus Datei…</translation>
    </message>
    <message>
        <source>&amp;Write the scale…</source>
        <translation>Skala schrei&amp;ben…</translation>
    </message>
    <message>
        <source>&amp;Add a fingering for</source>
        <translation>&amp;Griff dazu für</translation>
    </message>
    <message>
        <source>built on</source>
        <translation>auf</translation>
    </message>
    <message>
        <source>Played at</source>
        <translation>Gespielt bei</translation>
    </message>
    <message>
        <source>The temperature is that of the music, not of the workshop: Listen asks for the workshop&apos;s own.</source>
        <translation>Die Temperatur ist die der Musik, nicht der Werkstatt: nach der fragt Hören.</translation>
    </message>
    <message>
        <source>%1: the tolerance of %2 must be a number from 0.5 to 100 cents.</source>
        <translation>%1: die Toleranz von %2 muss eine Zahl von 0,5 bis 100 Cent sein.</translation>
    </message>
    <message>
        <source>%1: the weight of %2 must be a number from 0 (does not count) to 100.</source>
        <translation>%1: das Gewicht von %2 muss eine Zahl von 0 (zählt nicht) bis 100 sein.</translation>
    </message>
    <message>
        <source>Changed by hand. Another lowest note, scale or number of registers makes the chart anew.</source>
        <translation>Von Hand geändert. Ein anderer tiefster Ton, eine andere Leiter oder Registerzahl macht die Tabelle neu.</translation>
    </message>
    <message>
        <source>Click a hole: closed, half, open. Double-click a tolerance or a weight to change it.</source>
        <translation>Ein Loch anklicken: zu, halb, offen. Doppelklick auf Toleranz oder Gewicht zum Ändern.</translation>
    </message>
    <message>
        <source>Scales (*.scl)</source>
        <translation>Skalen (*.scl)</translation>
    </message>
    <message>
        <source>%1, %2: %3.</source>
        <translation>%1, %2: %3.</translation>
    </message>
    <message>
        <source>%1 has %2 degrees to its period; a chart needs twelve to the octave. Choose another scale, or give single notes their own hertz in a specification.</source>
        <translation>%1 hat %2 Stufen in seiner Periode; eine Tabelle braucht zwölf in der Oktave. Eine andere Skala wählen oder einzelnen Tönen in einer Beschreibung eigene Hertz geben.</translation>
    </message>
    <message>
        <source>Write the scale</source>
        <translation>Die Skala schreiben</translation>
    </message>
    <message>
        <source>&amp;Find fingerings…</source>
        <translation>Griffe &amp;suchen…</translation>
    </message>
    <message>
        <source>Every way to close the holes that comes near this note, best first.</source>
        <translation>Jede Art, die Löcher zu schließen, die diesem Ton nahe kommt, die beste zuerst.</translation>
    </message>
    <message>
        <source>Lay the holes out first: only then is it known what a fingering sounds.</source>
        <translation>Legen Sie zuerst die Löcher: Erst dann steht fest, was ein Griff klingt.</translation>
    </message>
    <message>
        <source>Holes</source>
        <translation>Löcher</translation>
    </message>
    <message>
        <source>Any number of holes, opened one after the other from the foot for the degrees of the scale in turn.</source>
        <translation>Beliebig viele Löcher, vom Fuß her eines nach dem anderen für die Stufen der Leiter geöffnet.</translation>
    </message>
    <message>
        <source>usual</source>
        <comment>number of holes</comment>
        <translation>üblich</translation>
    </message>
</context>
<context>
    <name>dowel::app::TimbreCard</name>
    <message>
        <source>By the model little sound comes back from its holes: they are small and deep, or the bore is rough.</source>
        <translation>Nach dem Modell kommt wenig Schall von seinen Löchern zurück: sie sind klein und tief, oder die Bohrung ist rau.</translation>
    </message>
    <message>
        <source>By the model it lies near where its open holes let the wave pass.</source>
        <translation>Nach dem Modell liegt er nahe dort, wo seine offenen Löcher die Welle durchlassen.</translation>
    </message>
    <message>
        <source>By the model its octave is far from where the tube has one.</source>
        <translation>Nach dem Modell liegt seine Oktave weit von der des Rohrs.</translation>
    </message>
    <message>
        <source>By the model the register below is stronger there.</source>
        <translation>Nach dem Modell ist dort das Register darunter stärker.</translation>
    </message>
    <message>
        <source>%1 larger by %2</source>
        <comment>hole, how much</comment>
        <translation>%1 um %2 größer</translation>
    </message>
    <message>
        <source>%1 undercut by %2</source>
        <comment>hole, how much</comment>
        <translation>%1 um %2 unterschnitten</translation>
    </message>
    <message>
        <source>a smooth bore</source>
        <translation>eine glatte Bohrung</translation>
    </message>
    <message>
        <source>%1: brighter, at %2 cents instead of %3; all stay within tolerance.</source>
        <translation>%1: heller, bei %2 Cent statt %3; alle bleiben in der Toleranz.</translation>
    </message>
    <message>
        <source>%1: brighter, at %2 cents instead of %3; not all stay within tolerance.</source>
        <translation>%1: heller, bei %2 Cent statt %3; nicht alle bleiben in der Toleranz.</translation>
    </message>
    <message>
        <source>All like t&amp;his one</source>
        <translation>Alle wie &amp;dieser</translation>
    </message>
    <message>
        <source>Like an &amp;instrument…</source>
        <translation>Wie ein &amp;Instrument…</translation>
    </message>
    <message>
        <source>&amp;No pattern</source>
        <translation>&amp;Kein Muster</translation>
    </message>
    <message>
        <source>The chosen note is the one that all others are compared with.</source>
        <translation>Der gewählte Ton ist der, mit dem alle anderen verglichen werden.</translation>
    </message>
    <message>
        <source>The sound of a good instrument, from its workbook, is what every note is compared with.</source>
        <translation>Der Klang eines guten Instruments, aus seinem Werkbuch, ist das, womit jeder Ton verglichen wird.</translation>
    </message>
    <message>
        <source>%1 is %2</source>
        <comment>note, what stands out</comment>
        <translation>%1 ist %2</translation>
    </message>
    <message>
        <source>Nothing to see yet: sound the fingerings one after the other.</source>
        <translation>Noch nichts zu sehen: die Griffe nacheinander spielen.</translation>
    </message>
    <message>
        <source>All sound alike. Point at a note for its numbers.</source>
        <translation>Alle klingen gleich. Auf einen Ton zeigen gibt seine Zahlen.</translation>
    </message>
    <message>
        <source>. Point at a note for its numbers.</source>
        <translation>. Auf einen Ton zeigen gibt seine Zahlen.</translation>
    </message>
    <message>
        <source>The workbook of the instrument it is to sound like</source>
        <translation>Das Werkbuch des Instruments, nach dem es klingen soll</translation>
    </message>
    <message>
        <source>Workbooks (*.dowel)</source>
        <translation>Werkbücher (*.dowel)</translation>
    </message>
    <message>
        <source>No note was heard twice yet: hear again, after cuts or weeks, and what has changed stands here.</source>
        <translation>Noch kein Ton wurde zweimal gehört: wieder hören, nach Schnitten oder Wochen, dann steht hier, was sich geändert hat.</translation>
    </message>
    <message>
        <source>All sound as they first did.</source>
        <translation>Alle klingen wie zuerst.</translation>
    </message>
</context>
<context>
    <name>dowel::app::TimbrePicture</name>
    <message>
        <source>duller</source>
        <translation>dumpfer</translation>
    </message>
    <message>
        <source>speaks within %1 s</source>
        <translation>spricht in %1 s an</translation>
    </message>
    <message>
        <source>%1 dB over its noise</source>
        <translation>%1 dB über seinem Rauschen</translation>
    </message>
    <message>
        <source>%1 dB over its breath</source>
        <translation>%1 dB über seinem Hauch</translation>
    </message>
    <message>
        <source>partials centred on %1 times the note</source>
        <translation>Teiltöne um das %1-Fache des Tons</translation>
    </message>
    <message>
        <source>even partials over odd ones by %1 dB</source>
        <translation>gerade Teiltöne über ungeraden um %1 dB</translation>
    </message>
    <message>
        <source>loudness wavers by %1 dB</source>
        <translation>die Lautstärke schwankt um %1 dB</translation>
    </message>
    <message>
        <source>slower to speak</source>
        <translation>langsamer in der Ansprache</translation>
    </message>
    <message>
        <source>quicker to speak</source>
        <translation>schneller in der Ansprache</translation>
    </message>
    <message>
        <source>clearer</source>
        <translation>klarer</translation>
    </message>
    <message>
        <source>noisier</source>
        <translation>rauschender</translation>
    </message>
    <message>
        <source>less breathy</source>
        <translation>weniger hauchig</translation>
    </message>
    <message>
        <source>breathier</source>
        <translation>hauchiger</translation>
    </message>
    <message>
        <source>brighter</source>
        <translation>heller</translation>
    </message>
    <message>
        <source>fuller</source>
        <translation>voller</translation>
    </message>
    <message>
        <source>hollower</source>
        <translation>hohler</translation>
    </message>
    <message>
        <source>less steady</source>
        <translation>unruhiger</translation>
    </message>
    <message>
        <source>steadier</source>
        <translation>ruhiger</translation>
    </message>
    <message>
        <source>How every note sounds</source>
        <translation>Wie jeder Ton klingt</translation>
    </message>
    <message>
        <source>%1: no take yet</source>
        <translation>%1: noch keine Aufnahme</translation>
    </message>
    <message>
        <source>%1: one take, nothing to compare</source>
        <translation>%1: eine Aufnahme, nichts zu vergleichen</translation>
    </message>
    <message>
        <source>%1: as it first sounded</source>
        <comment>note</comment>
        <translation>%1: wie er zuerst klang</translation>
    </message>
    <message>
        <source>%1 has become %2</source>
        <comment>note, what it became</comment>
        <translation>%1 ist %2 geworden</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>note, numbers</comment>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1 is %2: %3</source>
        <comment>note, what stands out, numbers</comment>
        <translation>%1 ist %2: %3</translation>
    </message>
    <message>
        <source>outline: the first take</source>
        <translation>Umriss: die erste Aufnahme</translation>
    </message>
    <message>
        <source>outline: the pattern</source>
        <translation>Umriss: das Muster</translation>
    </message>
    <message>
        <source>a stroke a partial   dots: breath   slope: how it speaks   ◆ stands out</source>
        <translation>ein Strich ein Teilton   Punkte: Hauch   Schräge: Ansprache   ◆ fällt auf</translation>
    </message>
</context>
<context>
    <name>dowel::app::TryCard</name>
    <message>
        <source>&amp;Back to the wood as it is</source>
        <translation>&amp;Zurück zum Holz, wie es ist</translation>
    </message>
    <message>
        <source>Drag on the workpiece</source>
        <translation>Am Werkstück ziehen</translation>
    </message>
    <message>
        <source>A hole up or down, the foot or the stopper along the tube; Shift for tenths of that. By key: left and right choose, up and down change. Every note follows at once. Nothing is cut and nothing is kept.</source>
        <translation>Ein Loch auf oder ab, Fuß oder Kork längs des Rohrs; Umschalt für Zehntel davon. Mit Tasten: links und rechts wählen, auf und ab ändern. Jeder Ton folgt sofort. Nichts wird geschnitten, nichts behalten.</translation>
    </message>
    <message>
        <source>Back to the wood as it is</source>
        <translation>Zurück zum Holz, wie es ist</translation>
    </message>
    <message>
        <source>tube</source>
        <translation>Rohr</translation>
    </message>
    <message>
        <source>stopper</source>
        <translation>Kork</translation>
    </message>
    <message>
        <source>%1: %2 → %3 (wood would have to come back)</source>
        <translation>%1: %2 → %3 (Holz müsste zurückkommen)</translation>
    </message>
    <message>
        <source>%1: %2 → %3</source>
        <translation>%1: %2 → %3</translation>
    </message>
    <message>
        <source>Nothing tried yet.</source>
        <translation>Noch nichts probiert.</translation>
    </message>
    <message>
        <source>With this: %1 of %2 notes within tolerance, furthest off %3, on average %4 cents.</source>
        <translation>Damit: %1 von %2 Tönen in der Toleranz, am weitesten daneben %3, im Mittel %4 Cent.</translation>
    </message>
</context>
<context>
    <name>dowel::app::TuningPicture</name>
    <message>
        <source>Tuning, note by note</source>
        <translation>Stimmung, Ton für Ton</translation>
    </message>
    <message>
        <source>filled: now   outline: after the cut</source>
        <translation>gefüllt: jetzt   Umriss: nach dem Schnitt</translation>
    </message>
    <message>
        <source>after the cut</source>
        <translation>nach dem Schnitt</translation>
    </message>
    <message>
        <source>%1 not heard yet</source>
        <translation>%1 noch nicht gehört</translation>
    </message>
    <message>
        <source>%1 %2 cents, %3 %4</source>
        <translation>%1 %2 Cent, %3 %4</translation>
    </message>
    <message>
        <source>%1 %2 cents</source>
        <translation>%1 %2 Cent</translation>
    </message>
    <message>
        <source>0</source>
        <translation>0</translation>
    </message>
    <message>
        <source>cents   ▲ sharp   ● in tolerance   ▼ flat</source>
        <translation>Cent   ▲ zu hoch   ● in der Toleranz   ▼ zu tief</translation>
    </message>
    <message>
        <source>cents off, at the temperature it is meant to be played at</source>
        <translation>Cent daneben, bei der Temperatur, bei der gespielt werden soll</translation>
    </message>
    <message>
        <source>%1 cents flat</source>
        <translation>%1 Cent zu tief</translation>
    </message>
    <message>
        <source>%1 cents sharp</source>
        <translation>%1 Cent zu hoch</translation>
    </message>
    <message>
        <source>%1, within tolerance</source>
        <translation>%1, in der Toleranz</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <comment>note, how far off</comment>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1; %2 %3</source>
        <comment>now; after the cut, how far off</comment>
        <translation>%1; %2 %3</translation>
    </message>
</context>
<context>
    <name>dowel::app::VariationDialog</name>
    <message>
        <source>Losses at its wall, times</source>
        <translation>Verluste an der Wand, mal</translation>
    </message>
    <message>
        <source>grooves for the fingers</source>
        <translation>Mulden für die Finger</translation>
    </message>
    <message>
        <source>Deep</source>
        <translation>Tief</translation>
    </message>
    <message>
        <source>The wall under each finger becomes thinner, so each hole works as if it were larger. File with the grain, away from the other hand.</source>
        <translation>Die Wand unter jedem Finger wird dünner, so wirkt jedes Loch, als wäre es größer. Mit der Faser feilen, von der anderen Hand weg.</translation>
    </message>
    <message>
        <source>a ring on the foot</source>
        <translation>ein Ring am Fuß</translation>
    </message>
    <message>
        <source>Long</source>
        <translation>Lang</translation>
    </message>
    <message>
        <source>Inside</source>
        <translation>Innen</translation>
    </message>
    <message>
        <source>As wide all along. It can be heard with it and without: two states, two forecasts.</source>
        <translation>Überall gleich weit. Es lässt sich mit und ohne hören: zwei Zustände, zwei Vorhersagen.</translation>
    </message>
    <message>
        <source>a bell or funnel on the foot</source>
        <translation>ein Becher oder Trichter am Fuß</translation>
    </message>
    <message>
        <source>Wide at its mouth</source>
        <translation>Weit an der Mündung</translation>
    </message>
    <message>
        <source>A cone from the foot outwards. It can be heard with it and without: two states, two forecasts.</source>
        <translation>Ein Kegel vom Fuß nach außen. Es lässt sich mit und ohne hören: zwei Zustände, zwei Vorhersagen.</translation>
    </message>
    <message>
        <source>another mouthpiece</source>
        <translation>ein anderes Mundstück</translation>
    </message>
    <message>
        <source>Its volume, times</source>
        <translation>Sein Raum, mal</translation>
    </message>
    <message>
        <source>Mouthpiece and chamber, with what the reed or the lips give way. More volume flattens short notes more than long ones.</source>
        <translation>Mundstück und Kammer, mit dem, was Blatt oder Lippen nachgeben. Mehr Raum macht kurze Töne mehr zu tief als lange.</translation>
    </message>
    <message>
        <source>the barrel pulled out</source>
        <translation>das Fässchen ausgezogen</translation>
    </message>
    <message>
        <source>By</source>
        <translation>Um</translation>
    </message>
    <message>
        <source>Everything below lies lower by as much: short notes go flat by more than long ones.</source>
        <translation>Alles darunter liegt um so viel tiefer: kurze Töne werden mehr zu tief als lange.</translation>
    </message>
    <message>
        <source>a register hole</source>
        <translation>ein Überblasloch</translation>
    </message>
    <message>
        <source>From the mouthpiece</source>
        <translation>Vom Mundstück</translation>
    </message>
    <message>
        <source>Wide</source>
        <translation>Weit</translation>
    </message>
    <message>
        <source>Closed in the first register, open above it. It pulls notes up the more, the farther it is from where their pressure is lowest.</source>
        <translation>Im ersten Register zu, darüber offen. Es zieht Töne umso mehr hinauf, je weiter es von der Stelle ihres kleinsten Drucks liegt.</translation>
    </message>
    <message>
        <source>a loose slide</source>
        <translation>ein lockerer Zug</translation>
    </message>
    <message>
        <source>Gap all round</source>
        <translation>Spalt ringsum</translation>
    </message>
    <message>
        <source>Packing, long</source>
        <translation>Dichtung, lang</translation>
    </message>
    <message>
        <source>Air that passes the packing: the tube rings less long, the pitch hardly moves. Grease and thread, cork or felt close it.</source>
        <translation>Luft, die an der Dichtung vorbeigeht: das Rohr schwingt kürzer, die Tonhöhe ändert sich kaum. Fett und Garn, Kork oder Filz dichten.</translation>
    </message>
    <message>
        <source>none</source>
        <comment>no such note</comment>
        <translation>keiner</translation>
    </message>
    <message>
        <source>What would be changed</source>
        <translation>Was geändert würde</translation>
    </message>
    <message>
        <source>How many times</source>
        <translation>Wie vielfach</translation>
    </message>
    <message>
        <source>How much</source>
        <translation>Wie viel</translation>
    </message>
    <message>
        <source>How wide</source>
        <translation>Wie weit</translation>
    </message>
    <message>
        <source>Every note, now and with it</source>
        <translation>Jeder Ton, jetzt und damit</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>now</source>
        <translation>jetzt</translation>
    </message>
    <message>
        <source>with it</source>
        <translation>damit</translation>
    </message>
    <message>
        <source>moves by</source>
        <translation>ändert sich um</translation>
    </message>
    <message>
        <source>stronger by</source>
        <translation>stärker um</translation>
    </message>
    <message>
        <source>speaks</source>
        <translation>spricht an</translation>
    </message>
    <message>
        <source>What would it do?</source>
        <translation>Was würde es tun?</translation>
    </message>
    <message>
        <source>%1 dB</source>
        <translation>%1 dB</translation>
    </message>
    <message>
        <source>The note that moves most: %1 cents. By the model, in cents off the target.</source>
        <translation>Der Ton, der sich am meisten ändert: %1 Cent. Nach dem Modell, in Cent neben dem Ziel.</translation>
    </message>
    <message>
        <source>For the lowest note to sound with it as it does now without, leave %1 off the foot.</source>
        <translation>Damit der tiefste Ton damit so klingt wie jetzt ohne, am Fuß %1 weglassen.</translation>
    </message>
    <message>
        <source>For the lowest note to sound with it as it does now without, the tube would have to be %1 longer.</source>
        <translation>Damit der tiefste Ton damit so klingt wie jetzt ohne, müsste das Rohr %1 länger sein.</translation>
    </message>
    <message>
        <source>a rougher or smoother bore</source>
        <translation>eine rauere oder glattere Bohrung</translation>
    </message>
    <message>
        <source>From, measured from the mouth</source>
        <translation>Von, vom Mund aus</translation>
    </message>
    <message>
        <source>To</source>
        <translation>Bis</translation>
    </message>
    <message>
        <source>1 is a smooth, sealed wall; raw wood or cane with its pith takes half as much again to twice as much. A rough wall sounds a little flatter and softer, and most so where little else costs sound: the table tells note by note. 1 over a stretch tells what smoothing it would bring.</source>
        <translation>1 ist eine glatte, geschlossene Wand; rohes Holz oder Rohr mit seinem Mark nimmt die Hälfte mehr bis doppelt so viel. Eine raue Wand klingt etwas tiefer und leiser, am meisten dort, wo sonst wenig Klang verloren geht: die Tabelle sagt es Ton für Ton. 1 über eine Strecke sagt, was Glätten brächte.</translation>
    </message>
</context>
<context>
    <name>dowel::app::WantedDialog</name>
    <message>
        <source>A4</source>
        <translation>A4</translation>
    </message>
    <message>
        <source> Hz</source>
        <translation> Hz</translation>
    </message>
    <message>
        <source>Temperature it is played at</source>
        <translation>Temperatur, bei der gespielt wird</translation>
    </message>
    <message>
        <source> °C</source>
        <translation> °C</translation>
    </message>
    <message>
        <source>Temperament</source>
        <translation>Temperatur</translation>
    </message>
    <message>
        <source>Built on</source>
        <translation>Aufgebaut auf</translation>
    </message>
    <message>
        <source>How near each note must come</source>
        <translation>Wie nah jeder Ton kommen muss</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>Hz</source>
        <translation>Hz</translation>
    </message>
    <message>
        <source>± cents</source>
        <translation>± Cent</translation>
    </message>
    <message>
        <source>weight</source>
        <translation>Gewicht</translation>
    </message>
    <message>
        <source>Change what is wanted</source>
        <translation>Ändern, was gewünscht ist</translation>
    </message>
    <message>
        <source>Name of the instrument</source>
        <translation>Name des Instruments</translation>
    </message>
    <message>
        <source>The advice goes by it from here on. What was heard stays as it was heard, and counts against the new targets; the logbook can set the change aside.</source>
        <translation>Der Rat richtet sich von hier an danach. Was gehört wurde, bleibt, wie es gehört wurde, und zählt gegen die neuen Ziele; das Logbuch kann die Änderung beiseitelegen.</translation>
    </message>
    <message>
        <source>Want it so</source>
        <translation>So wünschen</translation>
    </message>
    <message>
        <source>&amp;Name</source>
        <translation>&amp;Name</translation>
    </message>
    <message>
        <source>&amp;A4</source>
        <translation>&amp;A4</translation>
    </message>
    <message>
        <source>&amp;Played at</source>
        <translation>&amp;Gespielt bei</translation>
    </message>
    <message>
        <source>&amp;Temperament</source>
        <translation>&amp;Temperierung</translation>
    </message>
    <message>
        <source>&amp;built on</source>
        <translation>auf&amp;gebaut auf</translation>
    </message>
    <message>
        <source>&amp;Bits in the drawer</source>
        <translation>&amp;Bohrer in der Schublade</translation>
    </message>
    <message>
        <source>Sizes, sixty-fourths, number and letter sizes, with semicolons between them: 5; 5.5; 17/64; No. 7; F. None: any size can be made.</source>
        <translation>Maße, Vierundsechzigstel, Nummern und Buchstaben, mit Strichpunkten dazwischen: 5; 5,5; 17/64; No. 7; F. Keine: jedes Maß lässt sich machen.</translation>
    </message>
    <message>
        <source>By file or knife in &amp;steps of</source>
        <translation>Mit Feile oder Messer in &amp;Schritten von</translation>
    </message>
    <message>
        <source>The least by which you can widen a hole and know it.</source>
        <translation>Das Kleinste, um das Sie ein Loch gezielt weiten können.</translation>
    </message>
    <message>
        <source>&amp;Widest hole</source>
        <translation>&amp;Weitestes Loch</translation>
    </message>
    <message>
        <source>That your fingers cover. Nothing: as wide as the bore allows.</source>
        <translation>Das Ihre Finger decken. Nichts: so weit die Bohrung es erlaubt.</translation>
    </message>
</context>
<context>
    <name>dowel::app::Workpiece</name>
    <message>
        <source>Workpiece</source>
        <translation>Werkstück</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>Tube %1 long</source>
        <translation>Rohr %1 lang</translation>
    </message>
    <message>
        <source>%1 %2 at %3</source>
        <comment>hole, diameter, place</comment>
        <translation>%1 %2 bei %3</translation>
    </message>
    <message>
        <source>proposed: %1 to %2</source>
        <translation>vorgeschlagen: %1 auf %2</translation>
    </message>
    <message>
        <source>foot</source>
        <translation>Fuß</translation>
    </message>
    <message>
        <source>to scale</source>
        <translation>maßstäblich</translation>
    </message>
    <message>
        <source>diameters × %1</source>
        <translation>Durchmesser × %1</translation>
    </message>
    <message>
        <source>%1: %2 wide, %3 from the sounding edge, finger %4</source>
        <translation>%1: %2 weit, %3 von der Anblaskante, Finger %4</translation>
    </message>
    <message>
        <source>The foot, %1 from the sounding edge</source>
        <translation>Der Fuß, %1 von der Anblaskante</translation>
    </message>
    <message>
        <source>The stopper, %1 from the hole</source>
        <translation>Der Stopfen, %1 vom Loch</translation>
    </message>
    <message>
        <source>a node, kept, at %1</source>
        <translation>ein Knoten, belassen, bei %1</translation>
    </message>
    <message>
        <source>a node, opened, at %1</source>
        <translation>ein Knoten, geöffnet, bei %1</translation>
    </message>
    <message>
        <source>on the foot %1 long, %2 wide at its mouth</source>
        <translation>auf dem Fuß %1 lang, an der Mündung %2 weit</translation>
    </message>
</context>
<context>
    <name>dowel::text</name>
    <message>
        <source>%1 cents flat</source>
        <translation>%1 Cent zu tief</translation>
    </message>
    <message>
        <source>%1 cents sharp</source>
        <translation>%1 Cent zu hoch</translation>
    </message>
    <message>
        <source>Enlarge %1</source>
        <comment>%1 hole</comment>
        <translation>%1 weiten</translation>
    </message>
    <message>
        <source>Undercut %1</source>
        <comment>%1 hole</comment>
        <translation>%1 unterschneiden</translation>
    </message>
    <message>
        <source>Trim the foot</source>
        <translation>Den Fuß kürzen</translation>
    </message>
    <message>
        <source>Ream the bore from %1 to %2 mm</source>
        <translation>Die Bohrung von %1 bis %2 mm aufreiben</translation>
    </message>
    <message>
        <source>Move the stopper</source>
        <translation>Den Kork verschieben</translation>
    </message>
    <message>
        <source>Open the window</source>
        <translation>Den Aufschnitt öffnen</translation>
    </message>
    <message>
        <source>Open the embouchure hole</source>
        <translation>Das Mundloch öffnen</translation>
    </message>
    <message>
        <source>Fill %1</source>
        <comment>%1 hole</comment>
        <translation>%1 füllen</translation>
    </message>
    <message>
        <source>%1 bit</source>
        <comment>drill of a size</comment>
        <translation>Bohrer %1</translation>
    </message>
    <message>
        <source>fine saw, then file</source>
        <translation>feine Säge, dann Feile</translation>
    </message>
    <message>
        <source>flat file</source>
        <translation>Flachfeile</translation>
    </message>
    <message>
        <source>scraper or reamer, with a stop at its depth</source>
        <translation>Schaber oder Räumer, mit Anschlag auf seine Tiefe</translation>
    </message>
    <message>
        <source>push rod with a mark</source>
        <translation>Schubstange mit Marke</translation>
    </message>
    <message>
        <source>knife, at the lip&apos;s edge</source>
        <translation>Messer, an der Kante des Labiums</translation>
    </message>
    <message>
        <source>round file, at both ends alike</source>
        <translation>Rundfeile, an beiden Enden gleich</translation>
    </message>
    <message>
        <source>small knife or undercutter, from inside</source>
        <translation>kleines Messer oder Unterschneider, von innen</translation>
    </message>
    <message>
        <source>round file or knife</source>
        <translation>Rundfeile oder Messer</translation>
    </message>
    <message>
        <source>%1 is %2; undercutting this hole moves it most.</source>
        <comment>note, how far off</comment>
        <translation>%1 ist %2; dieses Loch zu unterschneiden bewegt ihn am meisten.</translation>
    </message>
    <message>
        <source>%1 is %2; the foot moves it most.</source>
        <comment>note, how far off</comment>
        <translation>%1 ist %2; der Fuß bewegt ihn am meisten.</translation>
    </message>
    <message>
        <source>%1 is %2; the bore here moves it most, and the registers not alike.</source>
        <comment>note, how far off</comment>
        <translation>%1 ist %2; die Bohrung hier bewegt ihn am meisten, und die Register nicht gleich.</translation>
    </message>
    <message>
        <source>%1 is %2; the stopper moves it most, and can be moved back.</source>
        <comment>note, how far off</comment>
        <translation>%1 ist %2; der Kork bewegt ihn am meisten und kann zurück.</translation>
    </message>
    <message>
        <source>%1 is %2; the window moves every note, so it comes before the holes.</source>
        <comment>note, how far off</comment>
        <translation>%1 ist %2; der Aufschnitt bewegt jeden Ton, darum kommt er vor den Löchern.</translation>
    </message>
    <message>
        <source>%1 is %2; the embouchure hole moves every note, so it comes before the holes.</source>
        <comment>note, how far off</comment>
        <translation>%1 ist %2; das Mundloch bewegt jeden Ton, darum kommt es vor den Löchern.</translation>
    </message>
    <message>
        <source>%1 is %2; this hole moves it most.</source>
        <comment>note, how far off</comment>
        <translation>%1 ist %2; dieses Loch bewegt ihn am meisten.</translation>
    </message>
    <message>
        <source>It will probably end near %1, but further than this could overshoot.</source>
        <comment>%1 size</comment>
        <translation>Es endet wohl bei %1, aber weiter als so könnte es zu viel sein.</translation>
    </message>
    <message>
        <source>99 in 100</source>
        <translation>99 von 100</translation>
    </message>
    <message>
        <source>1 in 100 at most</source>
        <translation>höchstens 1 von 100</translation>
    </message>
    <message>
        <source>one in two</source>
        <translation>eins zu eins</translation>
    </message>
    <message>
        <source>%1 in 20</source>
        <comment>a chance</comment>
        <translation>%1 von 20</translation>
    </message>
    <message>
        <source>%1: nothing is spoiled.</source>
        <comment>a chance</comment>
        <translation>%1: nichts wird verdorben.</translation>
    </message>
    <message>
        <source>By all that was heard, %1 that every note is within tolerance.</source>
        <comment>a chance</comment>
        <translation>Nach allem Gehörten %1, dass jeder Ton in der Toleranz liegt.</translation>
    </message>
    <message>
        <source>One more listening would tell most about %1.</source>
        <comment>notes</comment>
        <translation>Noch einmal hören würde am meisten sagen über %1.</translation>
    </message>
    <message>
        <source>Advice begins when every fingering has been heard once.</source>
        <translation>Rat gibt es, wenn jeder Griff einmal gehört ist.</translation>
    </message>
    <message>
        <source>Advice goes on when every fingering has been heard.</source>
        <translation>Rat gibt es wieder, wenn jeder Griff gehört ist.</translation>
    </message>
    <message>
        <source>They decide what comes next: %1 that every note is in already, by what was heard so far.</source>
        <comment>a chance</comment>
        <translation>Sie entscheiden, was kommt: %1, dass nach allem Gehörten schon jeder Ton drin ist.</translation>
    </message>
    <message>
        <source>The cuts since the last listening have moved them. Advice without hearing them would be a guess.</source>
        <translation>Die Schnitte seit dem letzten Hören haben sie bewegt. Rat, ohne sie zu hören, wäre geraten.</translation>
    </message>
    <message>
        <source>%1 stays %2</source>
        <comment>note, how far</comment>
        <translation>%1 bleibt %2</translation>
    </message>
    <message>
        <source>%1: removing wood cannot lower it. Another fingering, or a narrower hole, would.</source>
        <translation>%1: Holz wegnehmen kann ihn nicht senken. Ein anderer Griff oder ein engeres Loch könnte es.</translation>
    </message>
    <message>
        <source>%1: its hole is as wide as it may be.</source>
        <translation>%1: sein Loch ist so weit, wie es darf.</translation>
    </message>
    <message>
        <source>%1: the tube is as short as it may be.</source>
        <translation>%1: das Rohr ist so kurz, wie es darf.</translation>
    </message>
    <message>
        <source>%1: the best compromise with its neighbours and its other register.</source>
        <translation>%1: der beste Ausgleich mit seinen Nachbarn und seinem anderen Register.</translation>
    </message>
    <message>
        <source>%1: heard again and again out of line with the rest of this wood; no cut went by it.</source>
        <translation>%1: immer wieder anders gehört als der Rest dieses Holzes; kein Schnitt hat sich danach gerichtet.</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <comment>hole, size</comment>
        <translation>%1 auf %2</translation>
    </message>
    <message>
        <source>As a last resort, filling would bring it nearer: %1. Try it with wax, which comes out again, and listen, before anything that stays.</source>
        <translation>Als letztes Mittel brächte Füllen es näher: %1. Erst mit Wachs, das wieder herausgeht, versuchen und hören, vor allem Bleibenden.</translation>
    </message>
    <message>
        <source>foot first</source>
        <translation>erst der Fuß</translation>
    </message>
    <message>
        <source>holes first</source>
        <translation>erst die Löcher</translation>
    </message>
    <message>
        <source>one size</source>
        <translation>eine Größe</translation>
    </message>
    <message>
        <source>graded</source>
        <translation>abgestuft</translation>
    </message>
    <message>
        <source>low register rules</source>
        <translation>tiefes Register gilt</translation>
    </message>
    <message>
        <source>all registers</source>
        <translation>alle Register</translation>
    </message>
    <message>
        <source>even timbre %1 %</source>
        <translation>gleichmäßiger Klang %1 %</translation>
    </message>
    <message>
        <source>The readings do not fit the measures: %1 behaves as if it were %2 mm larger. Measure it again and write down what the calipers say, even if it is the same; look for a leak or a chip, and check that the fingerings were the ones asked for.</source>
        <translation>Messungen und Maße passen nicht zusammen: %1 verhält sich, als wäre es %2 mm weiter. Noch einmal messen und eintragen, was der Messschieber sagt, auch wenn es dasselbe ist; nach einem Leck oder Ausbruch sehen und prüfen, ob die gefragten Griffe gespielt wurden.</translation>
    </message>
    <message>
        <source>The readings do not fit the measures: %1 behaves as if it were %2 mm smaller. Measure it again and write down what the calipers say, even if it is the same; look for a leak or a chip, and check that the fingerings were the ones asked for.</source>
        <translation>Messungen und Maße passen nicht zusammen: %1 verhält sich, als wäre es %2 mm enger. Noch einmal messen und eintragen, was der Messschieber sagt, auch wenn es dasselbe ist; nach einem Leck oder Ausbruch sehen und prüfen, ob die gefragten Griffe gespielt wurden.</translation>
    </message>
    <message>
        <source>The readings do not fit the measures: all notes together would need air %1 °C warmer than can be. Check the room temperature (degrees Celsius, not Fahrenheit), the tube&apos;s length and the bore.</source>
        <translation>Messungen und Maße passen nicht zusammen: alle Töne zusammen bräuchten um %1 °C wärmere Luft, als sein kann. Raumtemperatur (Grad Celsius, nicht Fahrenheit), Rohrlänge und Bohrung prüfen.</translation>
    </message>
    <message>
        <source>The readings do not fit the measures: all notes together would need air %1 °C colder than can be. Check the room temperature (degrees Celsius, not Fahrenheit), the tube&apos;s length and the bore.</source>
        <translation>Messungen und Maße passen nicht zusammen: alle Töne zusammen bräuchten um %1 °C kältere Luft, als sein kann. Raumtemperatur (Grad Celsius, nicht Fahrenheit), Rohrlänge und Bohrung prüfen.</translation>
    </message>
    <message>
        <source>%1 and %2 sound like each other&apos;s fingering: their readings were probably swapped. Set both aside and hear them again.</source>
        <translation>%1 und %2 klingen wie der Griff des anderen: ihre Messungen sind wohl vertauscht. Beide beiseitelegen und noch einmal hören.</translation>
    </message>
    <message>
        <source>No one explanation fits all readings, so no cut can be trusted. %1 fits worst: set it aside, hear every note again, and check the measures.</source>
        <translation>Keine Erklärung passt zu allen Messungen, darum ist keinem Schnitt zu trauen. %1 passt am schlechtesten: beiseitelegen, jeden Ton noch einmal hören und die Maße prüfen.</translation>
    </message>
    <message>
        <source>The reading of %1 fits none of the others. Hear it again and check the fingering.</source>
        <translation>Die Messung von %1 passt zu keiner anderen. Noch einmal hören und den Griff prüfen.</translation>
    </message>
    <message>
        <source>Clamp the tube, wear eye protection, no gloves or loose sleeves near the drill; follow your shop&apos;s rules.</source>
        <translation>Das Rohr spannen, Augenschutz tragen, keine Handschuhe oder losen Ärmel am Bohrer; die Regeln der Werkstatt befolgen.</translation>
    </message>
    <message>
        <source>Cut away from yourself; keep the dust out of your lungs.</source>
        <translation>Vom Körper weg schneiden; den Staub nicht einatmen.</translation>
    </message>
    <message>
        <source>Push, do not hammer: a tight stopper can split the head.</source>
        <translation>Schieben, nicht hämmern: ein strammer Kork kann den Kopf spalten.</translation>
    </message>
    <message>
        <source>Cut away from yourself, small strokes; keep the dust out of your lungs.</source>
        <translation>Vom Körper weg, in kleinen Strichen schneiden; den Staub nicht einatmen.</translation>
    </message>
    <message>
        <source>Heard %1: %2 Hz, %3 cents, room %4 °C</source>
        <translation>%1 gehört: %2 Hz, %3 Cent, Raum %4 °C</translation>
    </message>
    <message>
        <source>%1: %2 to %3</source>
        <comment>work, from, to</comment>
        <translation>%1: %2 auf %3</translation>
    </message>
    <message>
        <source>%1 (advised %2)</source>
        <translation>%1 (geraten %2)</translation>
    </message>
    <message numerus="yes">
        <source>Advice: listen to %n fingering(s)</source>
        <translation>
            <numerusform>Rat: %n Griff hören</numerusform>
            <numerusform>Rat: %n Griffe hören</numerusform>
        </translation>
    </message>
    <message>
        <source>Advice: %1 to %2</source>
        <translation>Rat: %1 auf %2</translation>
    </message>
    <message>
        <source>Advice: done, %1 of %2 notes within tolerance</source>
        <translation>Rat: fertig, %1 von %2 Tönen in der Toleranz</translation>
    </message>
    <message>
        <source>Advice: stop</source>
        <translation>Rat: halt</translation>
    </message>
    <message>
        <source>From here on the plan goes so: %1</source>
        <translation>Von hier an geht der Plan so: %1</translation>
    </message>
    <message>
        <source>Measured again: %1 is %2</source>
        <translation>Noch einmal gemessen: %1 ist %2</translation>
    </message>
    <message>
        <source>Measured again: the tube is %1 long</source>
        <translation>Noch einmal gemessen: das Rohr ist %1 lang</translation>
    </message>
    <message>
        <source>Set aside entry %1: %2</source>
        <translation>Eintrag %1 beiseitegelegt: %2</translation>
    </message>
    <message>
        <source>Practice blank: the simulated player blows it</source>
        <translation>Übungsrohling: der simulierte Spieler bläst ihn</translation>
    </message>
    <message>
        <source>Equal</source>
        <translation>Gleichschwebend</translation>
    </message>
    <message>
        <source>Just</source>
        <translation>Rein</translation>
    </message>
    <message>
        <source>Quarter-comma meantone</source>
        <translation>Viertelkomma-mitteltönig</translation>
    </message>
    <message>
        <source>Pythagorean</source>
        <translation>Pythagoreisch</translation>
    </message>
    <message>
        <source>Werckmeister III</source>
        <translation>Werckmeister III</translation>
    </message>
    <message>
        <source>Vallotti</source>
        <translation>Vallotti</translation>
    </message>
    <message>
        <source>Own, from a file</source>
        <translation>Eigene, aus Datei</translation>
    </message>
    <message>
        <source>From here on it is called %1</source>
        <comment>name</comment>
        <translation>Von hier an heißt es %1</translation>
    </message>
    <message numerus="yes">
        <source>From here on wanted: A4 %1 Hz, played at %2 °C, %n fingering(s)</source>
        <comment>hertz, degrees</comment>
        <translation>
            <numerusform>Von hier an gewünscht: A4 %1 Hz, gespielt bei %2 °C, %n Griff</numerusform>
            <numerusform>Von hier an gewünscht: A4 %1 Hz, gespielt bei %2 °C, %n Griffe</numerusform>
        </translation>
    </message>
    <message>
        <source>End-blown duct pipe, six holes</source>
        <translation>Kernspaltpfeife, sechs Löcher</translation>
    </message>
    <message>
        <source>Duct pipe with tapered bore and thumb hole</source>
        <translation>Kernspaltflöte, konisch, mit Daumenloch</translation>
    </message>
    <message>
        <source>Two-chamber duct flute</source>
        <translation>Zweikammer-Kernspaltflöte</translation>
    </message>
    <message>
        <source>Side-blown flute</source>
        <translation>Querflöte</translation>
    </message>
    <message>
        <source>Fife</source>
        <translation>Querpfeife</translation>
    </message>
    <message>
        <source>Stopped whistle</source>
        <translation>Gedackte Pfeife</translation>
    </message>
    <message>
        <source>Slide whistle</source>
        <translation>Kolbenpfeife</translation>
    </message>
    <message>
        <source>Reed cylinder</source>
        <translation>Rohrblattrohr, zylindrisch</translation>
    </message>
    <message>
        <source>Horn with finger holes</source>
        <translation>Horn mit Grifflöchern</translation>
    </message>
    <message>
        <source>The design as it was then</source>
        <translation>Der Entwurf, wie er da war</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>hole, size</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>From here on it is so: %1 long; %2</source>
        <comment>length, holes with their sizes</comment>
        <translation>Von hier an ist es so: %1 lang; %2</translation>
    </message>
    <message>
        <source>no holes</source>
        <translation>keine Löcher</translation>
    </message>
    <message>
        <source>Measured again, as it was when it was first written down: bore, mouth, wall or holes</source>
        <translation>Neu gemessen, so wie es war, als es zuerst aufgeschrieben wurde: Bohrung, Mundloch, Wand oder Löcher</translation>
    </message>
    <message numerus="yes">
        <source>From here on with %n bit(s), and by file or knife in steps of %1</source>
        <translation>
            <numerusform>Von hier an mit %n Bohrer, und mit Feile oder Messer in Schritten von %1</numerusform>
            <numerusform>Von hier an mit %n Bohrern, und mit Feile oder Messer in Schritten von %1</numerusform>
        </translation>
    </message>
    <message>
        <source>From here on other limits for holes and foot</source>
        <translation>Von hier an andere Grenzen für Löcher und Fuß</translation>
    </message>
    <message>
        <source>It is of %1</source>
        <comment>material</comment>
        <translation>Es ist aus %1</translation>
    </message>
    <message numerus="yes">
        <source>%n node(s) along it</source>
        <translation>
            <numerusform>%n Knoten darin</numerusform>
            <numerusform>%n Knoten darin</numerusform>
        </translation>
    </message>
    <message>
        <source>Brought back entry %1</source>
        <translation>Eintrag %1 zurückgeholt</translation>
    </message>
    <message>
        <source>Burrs out, hole edges eased</source>
        <translation>Grate weg, Lochkanten gebrochen</translation>
    </message>
    <message>
        <source>Bore smoothed</source>
        <translation>Bohrung geglättet</translation>
    </message>
    <message>
        <source>Abrasives, up through the grades</source>
        <translation>Schleifen, die Körnungen hinauf</translation>
    </message>
    <message>
        <source>Stain</source>
        <translation>Beize</translation>
    </message>
    <message>
        <source>Soaked in oil, wiped every day</source>
        <translation>In Öl getränkt, täglich abgewischt</translation>
    </message>
    <message>
        <source>Oil in brushed coats</source>
        <translation>Öl in gestrichenen Lagen</translation>
    </message>
    <message>
        <source>Wax in coats, buffed</source>
        <translation>Wachs in Lagen, poliert</translation>
    </message>
    <message>
        <source>Lacquer outside</source>
        <translation>Lack außen</translation>
    </message>
    <message>
        <source>Lacquer inside</source>
        <translation>Lack innen</translation>
    </message>
    <message>
        <source>Left to cure</source>
        <translation>Aushärten</translation>
    </message>
    <message>
        <source>Cork on the tenons</source>
        <translation>Kork auf die Zapfen</translation>
    </message>
    <message>
        <source>Thread bound and sealed</source>
        <translation>Mit Faden gebunden und versiegelt</translation>
    </message>
    <message>
        <source>Stamp</source>
        <translation>Brandzeichen</translation>
    </message>
    <message>
        <source>Measure and hear again</source>
        <translation>Neu messen und anhören</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>work, the maker&apos;s own words</comment>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Inside, too: what was burnt is scraped, what was drilled is cut. A rounded edge raises its note a little: hear it again. Cut away from yourself.</source>
        <translation>Auch innen: Gebranntes wird geschabt, Gebohrtes geschnitten. Eine gerundete Kante hebt ihren Ton ein wenig: neu anhören. Vom Körper weg schneiden.</translation>
    </message>
    <message>
        <source>A rod with fine abrasive, along the bore, never into the window. A smoother bore speaks more easily above. Extraction and a mask.</source>
        <translation>Ein Stab mit feinem Schleifmittel, die Bohrung entlang, nie in den Aufschnitt. Eine glattere Bohrung spricht oben leichter an. Absaugung und Maske.</translation>
    </message>
    <message>
        <source>180, 220, 400, 600, along the grain, never over the lip or the window. Dry dust: extraction and a mask; some woods harm skin and lungs, so wear gloves and change clothes where yours is one.</source>
        <translation>180, 220, 400, 600, mit der Faser, nie über Labium oder Aufschnitt. Trockener Staub: Absaugung und Maske; manche Hölzer schaden Haut und Lunge, bei solchen Handschuhe tragen und die Kleider wechseln.</translation>
    </message>
    <message>
        <source>Outside only, thin, and dry before anything follows. Fumes: open the window, gloves.</source>
        <translation>Nur außen, dünn, und trocken, ehe etwas folgt. Dämpfe: Fenster auf, Handschuhe.</translation>
    </message>
    <message>
        <source>An oil that is safe in the mouth when cured; bore and outside, wiped every day, days to weeks by the wood. Oily rags catch fire by themselves: spread them flat outdoors or drown them in water.</source>
        <translation>Ein Öl, das ausgehärtet im Mund unbedenklich ist; Bohrung und außen, täglich abgewischt, je nach Holz Tage bis Wochen. Ölige Lappen entzünden sich von selbst: draußen flach ausbreiten oder in Wasser tauchen.</translation>
    </message>
    <message>
        <source>An oil that is safe in the mouth when cured, thin coats, wiped after a quarter of an hour, a day between. Oily rags catch fire by themselves: spread them flat outdoors or drown them in water.</source>
        <translation>Ein Öl, das ausgehärtet im Mund unbedenklich ist, dünne Lagen, nach einer Viertelstunde abgewischt, ein Tag dazwischen. Ölige Lappen entzünden sich von selbst: draußen flach ausbreiten oder in Wasser tauchen.</translation>
    </message>
    <message>
        <source>Two or three thin coats, dry between, buffed by hand. At a buffing wheel the tube is torn from the hand: hold it below the middle, eye protection, no gloves.</source>
        <translation>Zwei oder drei dünne Lagen, dazwischen trocken, von Hand poliert. Eine Polierscheibe reißt das Rohr aus der Hand: unter der Mitte halten, Augenschutz, keine Handschuhe.</translation>
    </message>
    <message>
        <source>Thin coats, a day between, holes and window masked. Solvents burn and harm: air it, no flame, a mask for vapours. Safe in the mouth only when cured: ask its maker.</source>
        <translation>Dünne Lagen, ein Tag dazwischen, Löcher und Aufschnitt abgeklebt. Lösemittel brennen und schaden: lüften, keine Flamme, Maske gegen Dämpfe. Im Mund erst ausgehärtet unbedenklich: den Hersteller fragen.</translation>
    </message>
    <message>
        <source>It seals and smooths a rough bore, which helps the upper register, and narrows it a little. Solvents burn and harm: air it, no flame, a mask for vapours.</source>
        <translation>Er versiegelt und glättet eine raue Bohrung, was dem oberen Register hilft, und verengt sie ein wenig. Lösemittel brennen und schaden: lüften, keine Flamme, Maske gegen Dämpfe.</translation>
    </message>
    <message>
        <source>In moving air, out of the sun, not to be played. Oils take two to six weeks, wax days, lacquer one to four weeks.</source>
        <translation>In bewegter Luft, nicht in der Sonne, nicht spielen. Öle brauchen zwei bis sechs Wochen, Wachs Tage, Lack eine bis vier Wochen.</translation>
    </message>
    <message>
        <source>Thin glue, pressed, then cut to fit and greased. Knife away from yourself.</source>
        <translation>Dünner Leim, gepresst, dann passend geschnitten und gefettet. Messer vom Körper weg.</translation>
    </message>
    <message>
        <source>Waxed thread, tight and even, its ends under the turns, sealed. It holds cane together when the air dries.</source>
        <translation>Gewachster Faden, straff und gleichmäßig, die Enden unter den Windungen, versiegelt. Er hält Rohr zusammen, wenn die Luft trocknet.</translation>
    </message>
    <message>
        <source>Before the last coat, on a flat support, away from holes.</source>
        <translation>Vor der letzten Lage, auf ebener Unterlage, weg von Löchern.</translation>
    </message>
    <message>
        <source>The finish has moved the pitch a little: measure bore, window and holes again where it reached them, hear every note, and correct what is off. Long high notes: protect your ears.</source>
        <translation>Die Oberfläche hat die Tonhöhe ein wenig verschoben: Bohrung, Aufschnitt und Löcher neu messen, wo sie hinkam, jeden Ton anhören und richten, was daneben liegt. Lange hohe Töne: Gehör schützen.</translation>
    </message>
    <message>
        <source>As you do it; follow the rules of your shop.</source>
        <translation>Wie du es machst; nach den Regeln deiner Werkstatt.</translation>
    </message>
    <message>
        <source>Oil</source>
        <translation>Öl</translation>
    </message>
    <message>
        <source>Wax</source>
        <translation>Wachs</translation>
    </message>
    <message>
        <source>Lacquer</source>
        <translation>Lack</translation>
    </message>
    <message>
        <source>None</source>
        <translation>Keine</translation>
    </message>
    <message>
        <source>Instrument</source>
        <translation>Instrument</translation>
    </message>
    <message>
        <source>Hardwood</source>
        <translation>Hartholz</translation>
    </message>
    <message>
        <source>Softwood</source>
        <translation>Nadelholz</translation>
    </message>
    <message>
        <source>Bamboo or cane</source>
        <translation>Bambus oder Rohr</translation>
    </message>
    <message>
        <source>Plastic pipe</source>
        <translation>Kunststoffrohr</translation>
    </message>
    <message>
        <source>Horn</source>
        <translation>Horn</translation>
    </message>
    <message>
        <source>Vegetable, for a class</source>
        <translation>Gemüse, für die Schule</translation>
    </message>
    <message>
        <source>Window %1 across, %2 along; wall at the window %3.</source>
        <translation>Aufschnitt %1 quer, %2 längs; Wand am Aufschnitt %3.</translation>
    </message>
    <message>
        <source>Embouchure hole %1 along, %2 across, chimney %3; stopper %4 from its middle.</source>
        <translation>Mundloch %1 längs, %2 quer, Kamin %3; Stopfen %4 von seiner Mitte.</translation>
    </message>
    <message>
        <source>Mouthpiece with a volume of %1 mm³.</source>
        <translation>Mundstück mit einem Volumen von %1 mm³.</translation>
    </message>
    <message>
        <source>not heard</source>
        <translation>nicht gehört</translation>
    </message>
    <message>
        <source>Notes at %1 °C, A4 = %2 Hz</source>
        <translation>Töne bei %1 °C, a¹ = %2 Hz</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>fingers</source>
        <translation>Griff</translation>
    </message>
    <message>
        <source>register</source>
        <translation>Register</translation>
    </message>
    <message>
        <source>target, Hz</source>
        <translation>Ziel, Hz</translation>
    </message>
    <message>
        <source>cents off</source>
        <translation>Cent daneben</translation>
    </message>
    <message>
        <source>give or take</source>
        <translation>ungefähr</translation>
    </message>
    <message>
        <source>Measures</source>
        <translation>Maße</translation>
    </message>
    <message>
        <source>from the mouth</source>
        <translation>vom Mund</translation>
    </message>
    <message>
        <source>bore</source>
        <translation>Bohrung</translation>
    </message>
    <message>
        <source>wall</source>
        <translation>Wand</translation>
    </message>
    <message>
        <source>back</source>
        <translation>hinten</translation>
    </message>
    <message>
        <source>front</source>
        <translation>vorn</translation>
    </message>
    <message>
        <source>hole</source>
        <translation>Loch</translation>
    </message>
    <message>
        <source>from the foot</source>
        <translation>vom Fuß</translation>
    </message>
    <message>
        <source>diameter</source>
        <translation>Durchmesser</translation>
    </message>
    <message>
        <source>at the bore</source>
        <translation>an der Bohrung</translation>
    </message>
    <message>
        <source>chimney</source>
        <translation>Kamin</translation>
    </message>
    <message>
        <source>side</source>
        <translation>Seite</translation>
    </message>
    <message>
        <source>finger</source>
        <translation>Finger</translation>
    </message>
    <message>
        <source>by microphone</source>
        <translation>mit Mikrofon</translation>
    </message>
    <message>
        <source>from recordings</source>
        <translation>aus Aufnahmen</translation>
    </message>
    <message>
        <source>by numbers of another tuner</source>
        <translation>mit Zahlen eines anderen Stimmgeräts</translation>
    </message>
    <message>
        <source>by the simulated player</source>
        <translation>vom simulierten Spieler</translation>
    </message>
    <message>
        <source>How it was measured</source>
        <translation>Wie gemessen wurde</translation>
    </message>
    <message>
        <source>It has not been heard yet.</source>
        <translation>Es ist noch nicht gehört.</translation>
    </message>
    <message>
        <source>Readings: %1, %2.</source>
        <comment>how many, how</comment>
        <translation>Messungen: %1, %2.</translation>
    </message>
    <message>
        <source>In rooms of %1 to %2 °C; what is told above is brought to the temperature named there.</source>
        <translation>In Räumen von %1 bis %2 °C; das oben Gesagte ist auf die dort genannte Temperatur gebracht.</translation>
    </message>
    <message>
        <source>not done yet</source>
        <translation>noch nicht getan</translation>
    </message>
    <message>
        <source>Finish: %1</source>
        <translation>Oberfläche: %1</translation>
    </message>
    <message>
        <source>work</source>
        <translation>Arbeit</translation>
    </message>
    <message>
        <source>done</source>
        <translation>fertig</translation>
    </message>
    <message>
        <source>Care</source>
        <translation>Pflege</translation>
    </message>
    <message>
        <source>Wash it in lukewarm water with a little soap, and let it dry. Not near heat.</source>
        <translation>In lauwarmem Wasser mit etwas Seife waschen und trocknen lassen. Nicht an Wärme.</translation>
    </message>
    <message>
        <source>Play it in slowly: a quarter of an hour a day for two weeks. Wipe the bore dry after playing, and keep it from sun, heaters and cold cars.</source>
        <translation>Langsam einspielen: zwei Wochen lang eine Viertelstunde am Tag. Die Bohrung nach dem Spielen trocken wischen, und vor Sonne, Heizung und kalten Autos bewahren.</translation>
    </message>
    <message>
        <source>Oil the bore twice a year, thinly, with an oil that is safe in the mouth when cured, and let it dry for some days. Oily rags catch fire by themselves: spread them flat outdoors.</source>
        <translation>Die Bohrung zweimal im Jahr dünn ölen, mit einem Öl, das ausgehärtet im Mund unbedenklich ist, und einige Tage trocknen lassen. Ölige Lappen entzünden sich von selbst: draußen flach ausbreiten.</translation>
    </message>
    <message>
        <source>Before another player takes it, clean the mouthpiece; alcohol harms some finishes, so try it where it is not seen.</source>
        <translation>Ehe ein anderer darauf spielt, das Mundstück reinigen; Alkohol schadet mancher Oberfläche, darum an verdeckter Stelle probieren.</translation>
    </message>
    <message>
        <source>What was cut</source>
        <translation>Was geschnitten wurde</translation>
    </message>
    <message>
        <source>day</source>
        <translation>Tag</translation>
    </message>
    <message>
        <source>from</source>
        <translation>ab</translation>
    </message>
    <message>
        <source>to</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>No. %1</source>
        <comment>serial</comment>
        <translation>Nr. %1</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <comment>days</comment>
        <translation>%1 auf %2</translation>
    </message>
    <message>
        <source>Bore deeper</source>
        <translation>Tiefer bohren</translation>
    </message>
    <message>
        <source>Push in a plug</source>
        <translation>Einen Stopfen einschieben</translation>
    </message>
    <message>
        <source>bit of the bore, with a stop at its depth</source>
        <translation>Bohrer der Bohrung, mit Anschlag in der Tiefe</translation>
    </message>
    <message>
        <source>%1 is %2; a deeper bore lowers it. The way back is a plug.</source>
        <comment>note, how far off</comment>
        <translation>%1 ist %2; eine tiefere Bohrung senkt ihn. Zurück geht es mit einem Stopfen.</translation>
    </message>
    <message>
        <source>%1: the bore is too deep for it; a plug pushed in would raise it.</source>
        <translation>%1: dafür ist die Bohrung zu tief; ein eingeschobener Stopfen höbe ihn.</translation>
    </message>
    <message>
        <source>%1: the bore is as deep as the wood allows.</source>
        <translation>%1: tiefer erlaubt es das Holz nicht.</translation>
    </message>
    <message>
        <source>The finish, with what was done of it then</source>
        <translation>Die Oberfläche, mit dem, was damals getan war</translation>
    </message>
    <message>
        <source>Played in</source>
        <translation>Eingespielt</translation>
    </message>
    <message>
        <source>A quarter of an hour a day at first, wiped dry each time: damp swells the bore from inside, and what is forced cracks.</source>
        <translation>Anfangs eine Viertelstunde am Tag, jedes Mal trocken gewischt: Feuchte lässt die Bohrung von innen quellen, und was gezwungen wird, reißt.</translation>
    </message>
    <message>
        <source>about %1</source>
        <comment>cents, reckoned</comment>
        <translation>etwa %1</translation>
    </message>
    <message>
        <source>Fingers from the mouth down: x closed, o open, / partly. What is about so was not heard since the last cut; it is reckoned from this piece of wood. One standard deviation stands beside.</source>
        <translation>Griffe vom Mund abwärts: x zu, o offen, / teils. Was mit etwa dasteht, wurde seit dem letzten Schnitt nicht gehört; es ist aus diesem Stück Holz errechnet. Daneben steht eine Standardabweichung.</translation>
    </message>
    <message>
        <source>Know how much wood is left below the bit. Clamp the pipe, no gloves near the bit; draw it out often to clear the chips, and blow none into your eyes.</source>
        <translation>Wissen, wie viel Holz unter dem Bohrer bleibt. Die Pfeife einspannen, keine Handschuhe am Bohrer; ihn oft herausziehen und Späne holen, keine in die Augen blasen.</translation>
    </message>
    <message>
        <source>A photograph</source>
        <translation>Ein Foto</translation>
    </message>
    <message>
        <source>A photograph: %1</source>
        <translation>Ein Foto: %1</translation>
    </message>
    <message>
        <source>From here on every note is to sound like %1</source>
        <translation>Von hier an soll jeder Ton wie %1 klingen</translation>
    </message>
    <message>
        <source>From here on no note is the pattern for the others</source>
        <translation>Von hier an ist kein Ton das Muster für die anderen</translation>
    </message>
    <message>
        <source>From here on it is to sound like %1</source>
        <comment>an instrument&apos;s name</comment>
        <translation>Von hier an soll es klingen wie %1</translation>
    </message>
    <message>
        <source>low register</source>
        <translation>tiefes Register</translation>
    </message>
    <message>
        <source>high register</source>
        <translation>hohes Register</translation>
    </message>
    <message>
        <source>third register</source>
        <translation>drittes Register</translation>
    </message>
    <message>
        <source>register %1</source>
        <translation>Register %1</translation>
    </message>
    <message>
        <source>well</source>
        <translation>gut</translation>
    </message>
    <message>
        <source>unsure</source>
        <translation>unsicher</translation>
    </message>
    <message>
        <source>poorly</source>
        <translation>schlecht</translation>
    </message>
    <message>
        <source>Windway %1 high.</source>
        <translation>Kernspalte %1 hoch.</translation>
    </message>
    <message>
        <source>Windway %1 long.</source>
        <translation>Kernspalte %1 lang.</translation>
    </message>
    <message>
        <source>Its exit chamfered by %1.</source>
        <translation>Ihr Ausgang um %1 gefast.</translation>
    </message>
    <message>
        <source>On the foot, %1 long and %2 wide at its mouth; the notes are those with it on.</source>
        <translation>Auf dem Fuß, %1 lang und an der Mündung %2 weit; die Töne sind die damit.</translation>
    </message>
    <message>
        <source>Put a bell, funnel or ring on the foot</source>
        <translation>Becher, Trichter oder Ring auf den Fuß setzen</translation>
    </message>
    <message>
        <source>Take off what is on the foot</source>
        <translation>Abnehmen, was auf dem Fuß sitzt</translation>
    </message>
    <message>
        <source>%1: %2 long, %3 wide at its mouth</source>
        <comment>work, length, width</comment>
        <translation>%1: %2 lang, an der Mündung %3 weit</translation>
    </message>
    <message>
        <source>%1: %2, give or take %3</source>
        <comment>note, cents flat or sharp, error</comment>
        <translation>%1: %2, auf %3 genau</translation>
    </message>
    <message>
        <source>Embouchure hole %1 along, %2 across, undercut by %3, chimney %4; stopper %5 from its middle.</source>
        <translation>Mundloch %1 längs, %2 quer, um %3 unterschnitten, Kamin %4; Stopfen %5 von seiner Mitte.</translation>
    </message>
    <message>
        <source>Undercut the embouchure hole</source>
        <translation>Mundloch unterschneiden</translation>
    </message>
    <message>
        <source>whistle</source>
        <translation>Kernspaltpfeife</translation>
    </message>
    <message>
        <source>recorder</source>
        <translation>Blockflöte</translation>
    </message>
    <message>
        <source>two-chamber flute</source>
        <translation>Zweikammerflöte</translation>
    </message>
    <message>
        <source>flute</source>
        <translation>Querflöte</translation>
    </message>
    <message>
        <source>fife</source>
        <translation>Querpfeife</translation>
    </message>
    <message>
        <source>stopped pipe</source>
        <translation>gedackte Pfeife</translation>
    </message>
    <message>
        <source>slide whistle</source>
        <translation>Schiebepfeife</translation>
    </message>
    <message>
        <source>reed pipe</source>
        <translation>Rohrblattpfeife</translation>
    </message>
    <message>
        <source>horn</source>
        <translation>Horn</translation>
    </message>
    <message>
        <source>instrument</source>
        <translation>Instrument</translation>
    </message>
</context>
<context>
    <name>form</name>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>&amp;Close</source>
        <translation>&amp;Schließen</translation>
    </message>
</context>
<context>
    <name>main</name>
    <message>
        <source>Tuning bench for makers of flutes, whistles and fifes.</source>
        <translation>Stimmbank für Bauer von Flöten und Pfeifen.</translation>
    </message>
    <message>
        <source>workbook to open</source>
        <translation>Werkbuch, das geöffnet wird</translation>
    </message>
    <message>
        <source>Open a fresh practice blank.</source>
        <translation>Einen frischen Übungsrohling öffnen.</translation>
    </message>
    <message>
        <source>Play the whole loop and leave a picture of every view in &lt;folder&gt;.</source>
        <translation>Die ganze Schleife spielen und von jeder Ansicht ein Bild in &lt;folder&gt; lassen.</translation>
    </message>
    <message>
        <source>Another start will not find this window.</source>
        <translation>Ein weiterer Start wird dieses Fenster nicht finden.</translation>
    </message>
    <message>
        <source>Leave a picture of the first page in &lt;file&gt; and end.</source>
        <translation>Ein Bild der ersten Seite in &lt;Datei&gt; ablegen und enden.</translation>
    </message>
    <message>
        <source>Type this many per cent of its usual size, 75 to 300; without it as large as the desktop&apos;s own.</source>
        <translation>Schrift in so viel Prozent der üblichen Größe, 75 bis 300; ohne so groß wie die der Arbeitsumgebung.</translation>
    </message>
    <message>
        <source>--type: %1 is no per cent from 75 to 300.</source>
        <translation>--type: %1 ist kein Prozentwert von 75 bis 300.</translation>
    </message>
    <message>
        <source>There is no display to open a window on: neither DISPLAY nor WAYLAND_DISPLAY is set. dowel-cli does its work without one.</source>
        <translation>Es gibt keinen Bildschirm für ein Fenster: weder DISPLAY noch WAYLAND_DISPLAY ist gesetzt. dowel-cli arbeitet auch ohne.</translation>
    </message>
</context>
</TS>
