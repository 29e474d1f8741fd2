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
        <translation>%1 %2. Die Datei dort zuerst schließen.</translation>
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
        <translation>Diese Form ist nicht möglich: %1: %2. Das Maß berichtigen.</translation>
    </message>
    <message>
        <source>The fingering cannot be: %1: %2.</source>
        <translation>Dieser Griff ist nicht möglich: %1: %2.</translation>
    </message>
    <message>
        <source>No %1 is called %2. Check its name.</source>
        <translation>%1 „%2“ gibt es nicht. Den Namen prüfen.</translation>
    </message>
    <message>
        <source>Wood does not grow back: %1: %2. Measure again and type the size it has.</source>
        <translation>Holz wächst nicht nach: %1: %2. Noch einmal messen und das Maß eintragen, das es hat.</translation>
    </message>
    <message>
        <source>No sound could be read from %1: %2. Record the note again.</source>
        <translation>In %1 ist kein Ton zu erkennen: %2. Den Ton noch einmal aufnehmen.</translation>
    </message>
    <message>
        <source>No note was taken: %2. Play one note steadily for a second or two.</source>
        <translation>Kein Ton erfasst: %2. Einen Ton ein bis zwei Sekunden lang ruhig spielen.</translation>
    </message>
    <message>
        <source>That was not %1: %2. Check the fingers and the register, then play it again.</source>
        <translation>Das war nicht %1: %2. Finger und Register prüfen, dann noch einmal spielen.</translation>
    </message>
    <message>
        <source>The model finds no such note on this shape: %1, %2. Check bore, holes and fingering.</source>
        <translation>Das Modell findet an dieser Form keinen Ton für %1: %2. Bohrung, Grifflöcher und Griff prüfen.</translation>
    </message>
    <message>
        <source>Stopped.</source>
        <translation>Abgebrochen.</translation>
    </message>
    <message>
        <source>Internal error at %1: %2. Nothing was lost; please report this error.</source>
        <translation>Interner Fehler bei %1: %2. Nichts ist verloren; bitte den Fehler melden.</translation>
    </message>
    <message>
        <source>hole %1</source>
        <translation>Loch %1</translation>
    </message>
    <message>
        <source>joint %1</source>
        <translation>Verbindung %1</translation>
    </message>
    <message>
        <source>bore station %1</source>
        <translation>Messstelle %1 der Bohrung</translation>
    </message>
    <message>
        <source>fingering %1</source>
        <translation>Griff %1</translation>
    </message>
    <message>
        <source>node %1</source>
        <translation>Knoten %1</translation>
    </message>
    <message>
        <source>drawer bit %1</source>
        <translation>Bohrer %1</translation>
    </message>
    <message>
        <source>finish step %1</source>
        <translation>Oberflächenschritt %1</translation>
    </message>
    <message>
        <source>position</source>
        <translation>Position</translation>
    </message>
    <message>
        <source>pull-out</source>
        <translation>Auszug</translation>
    </message>
    <message>
        <source>diameter</source>
        <translation>Durchmesser</translation>
    </message>
    <message>
        <source>undercut diameter</source>
        <translation>Durchmesser der Unterschneidung</translation>
    </message>
    <message>
        <source>undercut</source>
        <translation>Unterschneidung</translation>
    </message>
    <message>
        <source>wall (chimney)</source>
        <translation>Kaminhöhe (Wand)</translation>
    </message>
    <message>
        <source>offset</source>
        <translation>seitlicher Versatz</translation>
    </message>
    <message>
        <source>length along the tube</source>
        <translation>Länge längs des Rohrs</translation>
    </message>
    <message>
        <source>wall thickness</source>
        <translation>Wandstärke</translation>
    </message>
    <message>
        <source>window width</source>
        <translation>Fensterbreite</translation>
    </message>
    <message>
        <source>window length</source>
        <translation>Aufschnitt</translation>
    </message>
    <message>
        <source>embouchure hole length</source>
        <translation>Länge des Mundlochs</translation>
    </message>
    <message>
        <source>embouchure hole width</source>
        <translation>Breite des Mundlochs</translation>
    </message>
    <message>
        <source>stopper distance</source>
        <translation>Abstand des Stopfens</translation>
    </message>
    <message>
        <source>mouthpiece volume</source>
        <translation>Volumen des Mundstücks</translation>
    </message>
    <message>
        <source>countersink diameter</source>
        <translation>Durchmesser der Senkung</translation>
    </message>
    <message>
        <source>countersink depth</source>
        <translation>Tiefe der Senkung</translation>
    </message>
    <message>
        <source>smallest step</source>
        <translation>kleinster Schritt</translation>
    </message>
    <message>
        <source>largest hole</source>
        <translation>größtes Loch</translation>
    </message>
    <message>
        <source>shortest tube</source>
        <translation>kürzestes Rohr</translation>
    </message>
    <message>
        <source>greatest depth</source>
        <translation>größte Tiefe</translation>
    </message>
    <message>
        <source>length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>A4</source>
        <translation>a1</translation>
    </message>
    <message>
        <source>temperature</source>
        <translation>Temperatur</translation>
    </message>
    <message>
        <source>target</source>
        <translation>Ziel</translation>
    </message>
    <message>
        <source>tolerance</source>
        <translation>Toleranz</translation>
    </message>
    <message>
        <source>weight</source>
        <translation>Gewicht</translation>
    </message>
    <message>
        <source>register</source>
        <translation>Register</translation>
    </message>
    <message>
        <source>closed holes</source>
        <translation>geschlossene Löcher</translation>
    </message>
    <message>
        <source>half-closed holes</source>
        <translation>halb geschlossene Löcher</translation>
    </message>
    <message>
        <source>name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>bore profile</source>
        <translation>Bohrungsverlauf</translation>
    </message>
    <message>
        <source>sounding edge</source>
        <translation>Anblaskante</translation>
    </message>
    <message>
        <source>head</source>
        <translation>Kopf</translation>
    </message>
    <message>
        <source>tuning</source>
        <translation>Stimmung</translation>
    </message>
    <message>
        <source>tools</source>
        <translation>Werkzeuge</translation>
    </message>
    <message>
        <source>limits</source>
        <translation>Grenzen</translation>
    </message>
    <message>
        <source>windway height</source>
        <translation>Windkanalhöhe</translation>
    </message>
    <message>
        <source>chamfer</source>
        <translation>Fase</translation>
    </message>
</context>
<context>
    <name>Facts</name>
    <message>
        <source>%1; must be %2 to %3 standard deviations</source>
        <translation>%1; es müssen %2 bis %3 Standardabweichungen sein</translation>
    </message>
    <message>
        <source>%1; must be %2 to %3</source>
        <translation>%1; es muss %2 bis %3 sein</translation>
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
        <source>runs into %1</source>
        <translation>überschneidet %1</translation>
    </message>
    <message>
        <source>%1 is no hole of this instrument</source>
        <translation>%1 ist kein Loch dieses Instruments</translation>
    </message>
    <message>
        <source>%1 stands there twice</source>
        <translation>%1 ist doppelt angegeben</translation>
    </message>
    <message>
        <source>%1 cannot be closed and half open</source>
        <translation>%1 kann nicht zugleich geschlossen und halb offen sein</translation>
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
        <source>the bore is at least as wide there already</source>
        <translation>die Bohrung ist dort schon mindestens so weit</translation>
    </message>
    <message>
        <source>%1; this instrument has no stopper</source>
        <translation>%1; dieses Instrument hat keinen Stopfen</translation>
    </message>
    <message>
        <source>%1; this instrument has no window</source>
        <translation>%1; dieses Instrument hat kein Fenster</translation>
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
        <source>none closes every hole</source>
        <translation>kein Griff schließt alle Löcher</translation>
    </message>
    <message>
        <source>at least one fingering of register 1 is needed to lay out holes</source>
        <translation>zum Berechnen der Löcher ist mindestens ein Griff im ersten Register nötig</translation>
    </message>
    <message>
        <source>the bare tube has no first register</source>
        <translation>das Rohr ohne Löcher hat kein erstes Register</translation>
    </message>
    <message>
        <source>no row of holes could be worked out from there</source>
        <translation>von dort aus lässt sich keine Lochreihe berechnen</translation>
    </message>
    <message>
        <source>register %1</source>
        <translation>Register %1</translation>
    </message>
    <message>
        <source>no such file is there</source>
        <translation>die Datei gibt es nicht</translation>
    </message>
    <message>
        <source>it may only be read</source>
        <translation>sie ist schreibgeschützt</translation>
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
        <translation>gibt es schon</translation>
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
        <translation>ist eine Pipe</translation>
    </message>
    <message>
        <source>it is a pipe</source>
        <translation>es ist eine Pipe</translation>
    </message>
    <message>
        <source>is a socket</source>
        <translation>ist ein Socket</translation>
    </message>
    <message>
        <source>it is a socket</source>
        <translation>es ist ein Socket</translation>
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
        <translation>es beginnt nicht wie ein Werkbuch</translation>
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
        <translation>seine Tabellen und Trigger sind nicht die eines Werkbuchs von Dowel</translation>
    </message>
    <message>
        <source>its table is not as Dowel makes it</source>
        <translation>seine Tabelle ist nicht die eines Werkbuchs von Dowel</translation>
    </message>
    <message>
        <source>shop memory of version %1</source>
        <translation>Werkstattgedächtnis der Fassung %1</translation>
    </message>
    <message>
        <source>holds no specification</source>
        <translation>enthält keine Spezifikation</translation>
    </message>
    <message>
        <source>holds no samples</source>
        <translation>enthält keinen Klang</translation>
    </message>
    <message>
        <source>%1 samples a second; must be %2 to %3</source>
        <translation>%1 Abtastwerte je Sekunde; es müssen %2 bis %3 sein</translation>
    </message>
    <message>
        <source>longer than %1 minutes; cut it into takes</source>
        <translation>länger als %1 Minuten; in einzelne Aufnahmen schneiden</translation>
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
        <source>lists or objects within each other more than %1 deep</source>
        <translation>Listen oder Objekte sind mehr als %1 Ebenen tief verschachtelt</translation>
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
        <translation>fehlt</translation>
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
        <translation>ist hier unbekannt</translation>
    </message>
    <message>
        <source>is not known</source>
        <translation>ist unbekannt</translation>
    </message>
    <message>
        <source>exactly one of target and target_hz must be there</source>
        <translation>entweder target oder target_hz muss angegeben sein</translation>
    </message>
    <message>
        <source>a length such as 6.4, 1/4 or 4 1/16 in</source>
        <translation>eine Länge wie 6,4, 1/4 oder 4 1/16 in</translation>
    </message>
    <message>
        <source>%1 comes twice or out of order</source>
        <translation>%1 kommt doppelt oder in falscher Reihenfolge</translation>
    </message>
    <message>
        <source>this instrument has nothing of that kind</source>
        <translation>dieses Instrument hat keinen solchen Teil</translation>
    </message>
    <message>
        <source>%1 readings; at most %2 in one session</source>
        <translation>%1 Messungen; höchstens %2 in einer Sitzung</translation>
    </message>
    <message>
        <source>%1 bytes are more than a workbook takes (%2)</source>
        <translation>%1 Bytes sind mehr, als ein Werkbuch aufnimmt (%2)</translation>
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
        <translation>ein Schreibvorgang wurde unterbrochen; mit %1 in einen beschreibbaren Ordner kopieren und dort öffnen</translation>
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
        <translation>es fehlen Einträge, die es einmal gab</translation>
    </message>
    <message>
        <source>it was opened for looking only</source>
        <translation>es ist nur zum Lesen geöffnet</translation>
    </message>
    <message>
        <source>the new workbook could not be put together</source>
        <translation>das neue Werkbuch ließ sich nicht anlegen</translation>
    </message>
    <message>
        <source>cannot be opened</source>
        <translation>lässt sich nicht öffnen</translation>
    </message>
    <message>
        <source>stand already; a plan has none</source>
        <translation>sind schon angegeben; ein Plan hat keine</translation>
    </message>
    <message>
        <source>no bits_mm stand under tools</source>
        <translation>unter tools fehlen bits_mm</translation>
    </message>
    <message>
        <source>%1; %2 holes stand there</source>
        <translation>%1; angegeben sind %2 Löcher</translation>
    </message>
    <message>
        <source>%1; a fingering names h%2</source>
        <translation>%1; ein Griff nennt h%2</translation>
    </message>
    <message>
        <source>%1; must be %2 or %3</source>
        <translation>%1; es muss %2 oder %3 sein</translation>
    </message>
    <message>
        <source>nothing is changed</source>
        <translation>nichts hat sich geändert</translation>
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
        <source>is no picture that can be read</source>
        <translation>ist kein lesbares Bild</translation>
    </message>
    <message>
        <source>is no picture that can be kept</source>
        <translation>ist kein Bild, das gespeichert werden kann</translation>
    </message>
    <message>
        <source>its photograph cannot be read</source>
        <translation>sein Foto lässt sich nicht lesen</translation>
    </message>
    <message>
        <source>nothing was heard on it yet</source>
        <translation>an diesem Instrument wurde noch nichts gemessen</translation>
    </message>
    <message>
        <source>no note was recorded before and after the last cut</source>
        <translation>kein Ton wurde vor und nach dem letzten Schnitt aufgenommen</translation>
    </message>
    <message>
        <source>is no sound file that Dowel reads; WAV, FLAC, AIFF, AU and Ogg are</source>
        <translation>ist keine Tondatei, die Dowel lesen kann; gelesen werden WAV, FLAC, AIFF, AU und Ogg</translation>
    </message>
    <message>
        <source>the file is cut off: it promises more sound than it holds</source>
        <translation>die Datei ist abgeschnitten: Sie enthält weniger Ton, als ihr Kopf angibt</translation>
    </message>
    <message>
        <source>is damaged, or asks for more memory and time than sound needs</source>
        <translation>ist beschädigt oder verlangt mehr Speicher und Zeit, als Ton braucht</translation>
    </message>
    <message>
        <source>no process could be started to decode it</source>
        <translation>zum Dekodieren ließ sich kein Prozess starten</translation>
    </message>
    <message>
        <source>is a name that a workbook&apos;s own journal has</source>
        <translation>ist der Name des Journals eines Werkbuchs</translation>
    </message>
    <message>
        <source>may only be read</source>
        <translation>ist schreibgeschützt</translation>
    </message>
    <message>
        <source>a number in it cannot be kept as it is</source>
        <translation>eine Zahl darin lässt sich nicht genau speichern</translation>
    </message>
    <message>
        <source>its number is none that a record reaches</source>
        <translation>eine so hohe Nummer erreicht kein Werkbuch</translation>
    </message>
    <message>
        <source>belongs to a workbook that once lay here, and would be played into the new one</source>
        <translation>gehört zu einem Werkbuch, das früher hier lag, und würde in das neue eingespielt</translation>
    </message>
    <message>
        <source>another window or command has written to it; open it again</source>
        <translation>ein anderes Fenster oder ein Befehl hat hineingeschrieben; neu öffnen</translation>
    </message>
    <message>
        <source>it was left in the middle of a write that could not be undone</source>
        <translation>ein Schreibvorgang wurde unterbrochen und lässt sich nicht rückgängig machen</translation>
    </message>
    <message>
        <source>none are wanted yet; a chart with one note at least says how it is played</source>
        <translation>noch keine Griffe; die Grifftabelle braucht mindestens einen Ton</translation>
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
        <translation>%1 klänge etwa als %2; sind alle Längen in Millimetern angegeben?</translation>
    </message>
    <message>
        <source>is the same piece of wood as %1</source>
        <translation>ist dasselbe Stück Holz wie %1</translation>
    </message>
    <message>
        <source>no such bit; write 6.5 mm, 9/32, #7 or F</source>
        <translation>diesen Bohrer gibt es nicht; zum Beispiel 6.5 mm, 9/32, #7 oder F</translation>
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
    <message>
        <source>%1 after %2</source>
        <translation>%1 nach %2</translation>
    </message>
    <message>
        <source>%1; must be at least %2</source>
        <translation>%1; muss mindestens %2 sein</translation>
    </message>
    <message>
        <source>%1; this instrument can have: %2</source>
        <translation>%1; dieses Instrument kann haben: %2</translation>
    </message>
    <message>
        <source>%1 channels; at most %2</source>
        <translation>%1 Kanäle; höchstens %2</translation>
    </message>
    <message>
        <source>%1; at most %2 can be gone through</source>
        <translation>%1; höchstens %2 lassen sich durchgehen</translation>
    </message>
    <message>
        <source>%1 letters; must be %2 to %3</source>
        <translation>%1 Zeichen; müssen %2 bis %3 sein</translation>
    </message>
    <message>
        <source>must be %1 to %2</source>
        <translation>muss %1 bis %2 sein</translation>
    </message>
    <message>
        <source>must be %1 to %2, one a fingering</source>
        <translation>muss %1 bis %2 sein, eine Zahl je Griff</translation>
    </message>
    <message>
        <source>%1; must be a whole number from %2 to %3</source>
        <translation>%1; muss eine ganze Zahl von %2 bis %3 sein</translation>
    </message>
    <message>
        <source>%1; must be %2 to %3 (68 Fahrenheit are 20 Celsius)</source>
        <translation>%1; muss %2 bis %3 sein (68 Fahrenheit sind 20 Celsius)</translation>
    </message>
    <message>
        <source>%1; must be above 0 and below the chimney&apos;s %2</source>
        <translation>%1; muss über 0 und unter den %2 der Wand sein</translation>
    </message>
    <message>
        <source>%1; bits must rise</source>
        <translation>%1; Bohrer müssen aufsteigen</translation>
    </message>
    <message>
        <source>%1; the bore is %2</source>
        <translation>%1; die Bohrung misst %2</translation>
    </message>
    <message>
        <source>%1; the bore there is %2 wide</source>
        <translation>%1; die Bohrung ist dort %2 weit</translation>
    </message>
    <message>
        <source>%1; the first station is at 0</source>
        <translation>%1; die erste Messstelle liegt bei 0</translation>
    </message>
    <message>
        <source>this foot is closed</source>
        <translation>dieser Fuß ist geschlossen</translation>
    </message>
    <message>
        <source>%1 below %2 at %3; holes are numbered from the foot upwards</source>
        <translation>%1 unter %2 bei %3; Löcher werden vom Fuß aufwärts gezählt</translation>
    </message>
    <message>
        <source>%1; the tube is %2 long</source>
        <translation>%1; das Rohr ist %2 lang</translation>
    </message>
    <message>
        <source>%1; not less than the hole&apos;s %2</source>
        <translation>%1; nicht weniger als die %2 des Lochs</translation>
    </message>
    <message>
        <source>only a duct has one</source>
        <translation>das hat nur ein Instrument mit Windkanal</translation>
    </message>
    <message>
        <source>%1; outside the horn is %2</source>
        <translation>%1; außen ist das Horn %2 lang</translation>
    </message>
    <message>
        <source>%1; its edge runs over the end of the tube</source>
        <translation>%1; sein Rand läuft über das Rohrende</translation>
    </message>
    <message>
        <source>%1; must be within a quarter of the way round the tube</source>
        <translation>%1; muss innerhalb eines Viertels des Umfangs liegen</translation>
    </message>
    <message>
        <source>%1; runs through %2</source>
        <translation>%1; läuft durch %2</translation>
    </message>
    <message>
        <source>%1; slides stand from the top downwards</source>
        <translation>%1; Verbindungen stehen von oben nach unten</translation>
    </message>
    <message>
        <source>%1 stations; at least %2</source>
        <translation>%1 Messstellen; mindestens %2</translation>
    </message>
    <message>
        <source>%1 after %2; stations must rise</source>
        <translation>%1 nach %2; Messstellen müssen aufsteigen</translation>
    </message>
    <message>
        <source>%1; must be %2 to %3 times the diameter</source>
        <translation>%1; muss das %2- bis %3-Fache des Durchmessers sein</translation>
    </message>
    <message>
        <source>%1; must be %2 to %3 times the hole&apos;s %4</source>
        <translation>%1; muss das %2- bis %3-Fache der %4 des Lochs sein</translation>
    </message>
    <message>
        <source>%1; the tube is %2</source>
        <translation>%1; das Rohr misst %2</translation>
    </message>
    <message>
        <source>%1; the tube runs from 0 to %2</source>
        <translation>%1; das Rohr reicht von 0 bis %2</translation>
    </message>
    <message>
        <source>%1; must be above the highest hole, %2</source>
        <translation>%1; muss über dem höchsten Loch liegen, %2</translation>
    </message>
    <message>
        <source>%1; the wall is %2</source>
        <translation>%1; die Wand misst %2</translation>
    </message>
    <message>
        <source>is fingered otherwise than %1</source>
        <translation>wird anders gegriffen als %1</translation>
    </message>
    <message>
        <source>%1; must be a pitch name such as D5, F#4 or Bb3</source>
        <translation>%1; muss ein Tonname wie D5, F#4 oder Bb3 sein</translation>
    </message>
    <message>
        <source>no such fingering</source>
        <translation>kein solcher Griff</translation>
    </message>
    <message>
        <source>another way to sound is another instrument</source>
        <translation>eine andere Tonerzeugung ist ein anderes Instrument</translation>
    </message>
    <message>
        <source>lies beyond the tube&apos;s end; its length is length_mm</source>
        <translation>liegt hinter dem Rohrende; dessen Länge ist length_mm</translation>
    </message>
    <message>
        <source>a cut has changed it since; what it is now is another cut</source>
        <translation>ein Schnitt hat das seither geändert; was es jetzt ist, ist ein weiterer Schnitt</translation>
    </message>
    <message>
        <source>%1; it is %2 now</source>
        <translation>%1; es sind jetzt %2</translation>
    </message>
    <message>
        <source>must be a hole&apos;s name</source>
        <translation>muss der Name eines Lochs sein</translation>
    </message>
    <message>
        <source>nothing was measured</source>
        <translation>nichts wurde gemessen</translation>
    </message>
    <message>
        <source>the bore was reamed since; what it is now is another cut</source>
        <translation>die Bohrung wurde seither ausgerieben; was sie jetzt ist, ist ein weiterer Schnitt</translation>
    </message>
    <message>
        <source>from %1 to %2; the tube runs from 0 to %3</source>
        <translation>von %1 bis %2; das Rohr reicht von 0 bis %3</translation>
    </message>
    <message>
        <source>an estimate of another size, or not finite</source>
        <translation>eine Schätzung anderer Größe oder nicht endlich</translation>
    </message>
    <message>
        <source>a hand would span %1, it reaches %2</source>
        <translation>eine Hand müsste %1 spannen, sie reicht %2</translation>
    </message>
    <message>
        <source>has holes already; a blank has none</source>
        <translation>hat schon Löcher; ein Rohling hat keine</translation>
    </message>
    <message>
        <source>%1 holes; the plan&apos;s fingerings have %2</source>
        <translation>%1 Löcher; die Griffe des Entwurfs haben %2</translation>
    </message>
    <message>
        <source>a covariance that is none</source>
        <translation>eine Kovarianz, die keine ist</translation>
    </message>
    <message>
        <source>there are none yet; log the drilled holes first</source>
        <translation>es gibt noch keine: Gebohrtes ist zuerst einzutragen</translation>
    </message>
    <message>
        <source>has no lowest note</source>
        <translation>hat keinen tiefsten Ton</translation>
    </message>
    <message>
        <source>has no holes and fingerings to carry over</source>
        <translation>hat keine Löcher und Griffe zum Übertragen</translation>
    </message>
    <message>
        <source>%1 to %2 would be %3 for fingers that reach %4</source>
        <translation>%1 bis %2 wären %3 für Finger, die %4 reichen</translation>
    </message>
    <message>
        <source>needs a closed foot, no holes and one fingering</source>
        <translation>braucht einen geschlossenen Fuß, keine Löcher und einen Griff</translation>
    </message>
    <message>
        <source>%1; too short for %2 by about %3</source>
        <translation>%1; zu kurz für %2 um etwa %3</translation>
    </message>
    <message>
        <source>%1 is wider than %2</source>
        <translation>%1 ist weiter als %2</translation>
    </message>
    <message>
        <source>%1 and %2 would leave %3 of wood</source>
        <translation>%1 und %2 ließen %3 Holz stehen</translation>
    </message>
    <message>
        <source>%1 of %2 samples; the file is cut off</source>
        <translation>%1 von %2 Abtastwerten; die Datei ist abgeschnitten</translation>
    </message>
    <message>
        <source>%1 (%2), expected about %3 (%4)</source>
        <translation>%1 (%2), erwartet etwa %3 (%4)</translation>
    </message>
    <message>
        <source>no note was heard on two of them before the first cut</source>
        <translation>kein Ton wurde auf zweien davon vor dem ersten Schnitt gehört</translation>
    </message>
    <message>
        <source>two at least are laid side by side</source>
        <translation>mindestens zwei werden nebeneinandergelegt</translation>
    </message>
    <message>
        <source>entry %1</source>
        <translation>Eintrag %1</translation>
    </message>
    <message>
        <source>the entry of %1</source>
        <translation>der Eintrag von %1</translation>
    </message>
    <message>
        <source>is no kind of entry</source>
        <translation>ist keine Art von Eintrag</translation>
    </message>
    <message>
        <source>it has no picture</source>
        <translation>es hat kein Bild</translation>
    </message>
    <message>
        <source>one note or an instrument, not both</source>
        <translation>ein Ton oder ein Instrument, nicht beides</translation>
    </message>
    <message>
        <source>%1 of them for %2 readings</source>
        <translation>%1 davon für %2 Messungen</translation>
    </message>
    <message>
        <source>the file that was opened is no longer there; it was moved, replaced or taken away</source>
        <translation>die geöffnete Datei ist nicht mehr da; sie wurde verschoben, ersetzt oder weggenommen</translation>
    </message>
    <message>
        <source>the file or its folder may not be opened</source>
        <translation>die Datei oder ihr Ordner darf nicht geöffnet werden</translation>
    </message>
    <message>
        <source>no shop memory is there; advise makes one with the first instrument</source>
        <translation>es gibt noch kein Werkstattgedächtnis; advise legt eines mit dem ersten Instrument an</translation>
    </message>
    <message>
        <source>the page cannot be drawn</source>
        <translation>die Seite lässt sich nicht zeichnen</translation>
    </message>
    <message>
        <source>holds something longer than a workbook can</source>
        <translation>enthält etwas Längeres, als ein Werkbuch fassen kann</translation>
    </message>
    <message>
        <source>it would keep Dowel at work without end</source>
        <translation>sie würde Dowel ohne Ende beschäftigen</translation>
    </message>
    <message>
        <source>known: %1</source>
        <translation>bekannt: %1</translation>
    </message>
    <message>
        <source>each line of what is pasted is %1 lengths or more</source>
        <translation>jede eingefügte Zeile hat %1 Längen oder mehr</translation>
    </message>
    <message>
        <source>%1; must be a length such as 6.4, 1/4 or 4 1/16 in</source>
        <translation>%1; muss eine Länge wie 6,4, 1/4 oder 4 1/16 in sein</translation>
    </message>
    <message>
        <source>must be &quot;%1&quot;</source>
        <translation>muss „%1“ sein</translation>
    </message>
    <message>
        <source>is no day</source>
        <translation>ist kein Tag</translation>
    </message>
    <message>
        <source>holds no table; copy lines of lengths first</source>
        <translation>enthält keine Tabelle; zuerst Zeilen mit Längen kopieren</translation>
    </message>
    <message>
        <source>nothing is typed yet</source>
        <translation>noch ist nichts eingetippt</translation>
    </message>
    <message>
        <source>must be a number, 1 for a smooth bore</source>
        <translation>muss eine Zahl sein, 1 für eine glatte Bohrung</translation>
    </message>
    <message>
        <source>a bit&apos;s size such as 6.4, 17/64, No. 7 or F</source>
        <translation>eine Bohrergröße wie 6,4, 17/64, Nr. 7 oder F</translation>
    </message>
    <message>
        <source>a volume such as 3.2 mL</source>
        <translation>ein Volumen wie 3,2 mL</translation>
    </message>
    <message>
        <source>%1; this instrument has no joint there</source>
        <translation>%1; dort hat dieses Instrument keine Verbindung</translation>
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
        <source>Tube length, sounding edge to foot</source>
        <translation>Rohrlänge, Anblaskante bis Fuß</translation>
    </message>
    <message>
        <source>Where positions are measured from</source>
        <translation>Bezugspunkt der Positionen</translation>
    </message>
    <message>
        <source>Holes as built</source>
        <translation>Löcher im Ist-Zustand</translation>
    </message>
    <message>
        <source>hole</source>
        <translation>Loch</translation>
    </message>
    <message>
        <source>position</source>
        <translation>Position</translation>
    </message>
    <message>
        <source>diameter</source>
        <translation>Durchmesser</translation>
    </message>
    <message>
        <source>undercut</source>
        <translation>Unterschneidung</translation>
    </message>
    <message>
        <source>chimney height</source>
        <translation>Kaminhöhe</translation>
    </message>
    <message>
        <source>offset</source>
        <translation>Versatz</translation>
    </message>
    <message>
        <source>finger</source>
        <translation>Finger</translation>
    </message>
    <message>
        <source>thumb hole</source>
        <translation>Daumenloch</translation>
    </message>
    <message>
        <source>Add &amp;hole</source>
        <translation>L&amp;och hinzufügen</translation>
    </message>
    <message>
        <source>&amp;Remove</source>
        <translation>Ent&amp;fernen</translation>
    </message>
    <message>
        <source>Pas&amp;te table…</source>
        <translation>Tabelle ein&amp;fügen …</translation>
    </message>
    <message>
        <source>Use these measures and go to &amp;Listen</source>
        <translation>Maße übernehmen und &amp;hören</translation>
    </message>
    <message>
        <source>Paste rows from a spreadsheet: position and diameter, separated by tabs, semicolons or commas; lowest hole first or last.</source>
        <translation>Zeilen aus einer Tabelle einfügen: Position und Durchmesser, getrennt durch Tabulator, Semikolon oder Komma; unterstes Loch zuerst oder zuletzt.</translation>
    </message>
    <message>
        <source>Tube length</source>
        <translation>Rohrlänge</translation>
    </message>
    <message>
        <source>Positions</source>
        <translation>Positionen</translation>
    </message>
    <message>
        <source>%1 needs a position and a diameter.</source>
        <comment>hole</comment>
        <translation>%1: Position und Durchmesser fehlen.</translation>
    </message>
    <message numerus="yes">
        <source>%n hole(s); every fingering of the target has its holes.</source>
        <translation>
            <numerusform>%n Loch; jeder Griff des Ziels hat seine Löcher.</numerusform>
            <numerusform>%n Löcher; jeder Griff des Ziels hat seine Löcher.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>hole, what is wrong</comment>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1: position %2 lies beyond the tube, which is %3 long.</source>
        <comment>hole, place, length</comment>
        <translation>%1: Die Position %2 liegt jenseits des Rohrs, das %3 lang ist.</translation>
    </message>
    <message>
        <source>countersink</source>
        <translation>Senkung</translation>
    </message>
    <message>
        <source>pair</source>
        <translation>Doppelloch</translation>
    </message>
    <message>
        <source>Undercut: the diameter at the bore; leave empty where the hole is straight. Countersink: width and depth, for example 9 x 1.5. Pair: two holes of this diameter under one finger. Tick the thumb hole.</source>
        <translation>Unterschneidung: Durchmesser an der Bohrung; leer lassen, wo das Loch gerade ist. Senkung: Durchmesser und Tiefe, zum Beispiel 9 x 1,5. Doppelloch: zwei Löcher dieses Durchmessers unter einem Finger. Das Daumenloch ankreuzen.</translation>
    </message>
    <message>
        <source>%1: type the countersink as width and depth, for example 9 x 1.5.</source>
        <comment>hole</comment>
        <translation>%1: Die Senkung als Durchmesser und Tiefe eingeben, zum Beispiel 9 x 1,5.</translation>
    </message>
</context>
<context>
    <name>dowel::app::BlankPage</name>
    <message>
        <source>Drill pilots, then brad point bits over a plug in the bore. Oil moves the pitch a little, so listen again after oiling. Dust of some tropical woods sensitises skin and lungs: use extraction and a mask. Protected species need papers for export.</source>
        <translation>Vorbohren, dann mit Zentrierspitzenbohrern über einem Pfropfen in der Bohrung. Öl verschiebt die Tonhöhe ein wenig: nach dem Ölen noch einmal messen. Der Staub mancher Tropenhölzer reizt Haut und Lunge: Absaugung und Maske verwenden. Geschützte Arten brauchen für die Ausfuhr Papiere.</translation>
    </message>
    <message>
        <source>Use sharp bits, a slow feed and a tight plug, or the fibres lift. The bore soaks up moisture: seal it with a mouth-safe finish before the last session.</source>
        <translation>Scharfe Bohrer, langsamer Vorschub und ein strammer Pfropfen, sonst reißen Fasern aus. Die Bohrung nimmt Feuchtigkeit auf: vor der letzten Messung mit einem mundverträglichen Mittel versiegeln.</translation>
    </message>
    <message>
        <source>A drill tears out strands that crack later: burn the holes, or cut in with a knife across the fibres. Burn outdoors or under extraction, with water at hand. Measure the bore at several stations and find the node with a bent wire.</source>
        <translation>Ein Bohrer reißt Fasern aus, die später springen: die Löcher brennen oder mit dem Messer quer zur Faser schneiden. Im Freien oder unter Absaugung brennen, Wasser bereit. Die Bohrung an mehreren Stellen messen und den Knoten mit einem gebogenen Draht suchen.</translation>
    </message>
    <message>
        <source>The nominal size is not the bore: measure it. Drill slowly and deburr inside. Never burn or overheat PVC: the fumes are poisonous.</source>
        <translation>Das Nennmaß ist nicht die Bohrung: nachmessen. Langsam bohren und innen entgraten. PVC nie brennen oder überhitzen: Die Dämpfe sind giftig.</translation>
    </message>
    <message>
        <source>Bore the horn out to a cone you can measure. Horn dust is harmful and smells: work wet or under extraction.</source>
        <translation>Das Horn zu einem messbaren Kegel ausbohren. Hornstaub ist schädlich und riecht: nass oder unter Absaugung arbeiten.</translation>
    </message>
    <message>
        <source>Use it fresh and firm and drill it the same day; it shrinks within hours. Clean drill, washed hands, one player each.</source>
        <translation>Frisch und fest verwenden und am selben Tag bohren; es schrumpft in Stunden. Sauberer Bohrer, gewaschene Hände, nur ein Spieler je Stück.</translation>
    </message>
    <message>
        <source>Family</source>
        <translation>Familie</translation>
    </message>
    <message>
        <source>Stock size</source>
        <translation>Handelsmaß</translation>
    </message>
    <message>
        <source>Bore profile</source>
        <translation>Bohrungsverlauf</translation>
    </message>
    <message>
        <source>position</source>
        <translation>Position</translation>
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
        <source>Material</source>
        <translation>Material</translation>
    </message>
    <message>
        <source>measured, no stock size</source>
        <translation>gemessen, kein Handelsmaß</translation>
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
        <source>Sounding edge</source>
        <translation>Anblaskante</translation>
    </message>
    <message>
        <source>Add a &amp;station</source>
        <translation>&amp;Station hinzufügen</translation>
    </message>
    <message>
        <source>Wall</source>
        <translation>Wand</translation>
    </message>
    <message>
        <source>Measure the bore from the sounding edge to the foot with calipers, plug gauges or a bent wire. Leave the foot long. If the bore is out of round, type both diameters: 12.9 x 13.1.</source>
        <translation>Die Bohrung von der Anblaskante bis zum Fuß mit Messschieber, Lehrdorn oder gebogenem Draht messen. Den Fuß lang lassen. Ist die Bohrung unrund, beide Durchmesser eingeben: 12,9 x 13,1.</translation>
    </message>
    <message>
        <source>Keys for this tube</source>
        <translation>Tonarten für dieses Rohr</translation>
    </message>
    <message>
        <source>Window width</source>
        <translation>Fensterbreite</translation>
    </message>
    <message>
        <source>Window length (cut-up)</source>
        <translation>Aufschnitt (Fensterlänge)</translation>
    </message>
    <message>
        <source>Wall at window</source>
        <translation>Wand am Fenster</translation>
    </message>
    <message>
        <source>Bore above window</source>
        <translation>Bohrung über dem Fenster</translation>
    </message>
    <message>
        <source>Embouchure hole length</source>
        <translation>Länge des Mundlochs</translation>
    </message>
    <message>
        <source>Embouchure hole width</source>
        <translation>Breite des Mundlochs</translation>
    </message>
    <message>
        <source>Embouchure hole wall</source>
        <translation>Wand am Mundloch</translation>
    </message>
    <message>
        <source>Stopper distance</source>
        <translation>Abstand des Stopfens</translation>
    </message>
    <message>
        <source>Mouthpiece volume</source>
        <translation>Volumen des Mundstücks</translation>
    </message>
    <message>
        <source>The bore is the nominal one from the size tables. Stock varies: measure the bore and type it before laying out holes.</source>
        <translation>Die Bohrung ist das Nennmaß aus den Tabellen. Handelsware weicht ab: vor dem Berechnen der Löcher messen und eintragen.</translation>
    </message>
    <message>
        <source>The wall is too thin for undercutting; correct octaves by other means.</source>
        <translation>Die Wand ist zu dünn zum Unterschneiden; die Oktaven auf andere Weise berichtigen.</translation>
    </message>
    <message>
        <source>This bore is very narrow for %1.</source>
        <translation>Für %1 ist diese Bohrung sehr eng.</translation>
    </message>
    <message>
        <source>wall</source>
        <translation>Wand</translation>
    </message>
    <message>
        <source>roughness</source>
        <translation>Rauheit</translation>
    </message>
    <message>
        <source>Nodes</source>
        <translation>Knoten</translation>
    </message>
    <message>
        <source>Nodes of the cane</source>
        <translation>Knoten des Rohrs</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>Positions from the sounding edge, separated by semicolons: 40; 180. A node counts as opened with the bore unless you add the word kept: -22 kept.</source>
        <translation>Positionen ab der Anblaskante, getrennt durch Semikolon: 40; 180. Ein Knoten gilt als durchgestoßen, außer mit dem Wort behalten: -22 behalten.</translation>
    </message>
    <message>
        <source>Leave wall and roughness empty for the wall above and a smooth bore. Roughness: 1 is smooth; a rough stretch takes more from the sound, down to the next station.</source>
        <translation>Wand und Rauheit leer lassen für die Wand wie oben und eine glatte Bohrung. Rauheit: 1 ist glatt; eine raue Strecke dämpft mehr, bis zur nächsten Station.</translation>
    </message>
    <message>
        <source>&amp;Remove</source>
        <translation>Ent&amp;fernen</translation>
    </message>
    <message>
        <source>Pas&amp;te table…</source>
        <translation>Tabelle ein&amp;fügen …</translation>
    </message>
    <message>
        <source>Paste rows from a spreadsheet: position and bore, and the wall where it differs.</source>
        <translation>Zeilen aus einer Tabelle einfügen: Position und Bohrung, und die Wand, wo sie abweicht.</translation>
    </message>
    <message>
        <source>Lip angle</source>
        <translation>Winkel des Labiums</translation>
    </message>
    <message>
        <source> °</source>
        <translation> °</translation>
    </message>
    <message>
        <source>Lip coverage</source>
        <translation>Lippenabdeckung</translation>
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
        <source>%1 lies %2 from the node at %3, where cane splits. Turn or shift the cane, or bind it before opening the hole.</source>
        <comment>hole, distance, place</comment>
        <translation>%1 liegt %2 vom Knoten bei %3; dort reißt das Rohr. Das Rohr drehen oder verschieben oder vor dem Öffnen umwickeln.</translation>
    </message>
    <message>
        <source>Timber and tur&amp;ning…</source>
        <translation>H&amp;olz und Drehen …</translation>
    </message>
    <message>
        <source>Billets from a plank, turning a bored blank true, reamers, joints and horn tips.</source>
        <translation>Kanteln aus einer Bohle, einen gebohrten Rohling zentrisch drehen, Räumer, Verbindungen und Hornspitzen.</translation>
    </message>
    <message>
        <source>Compare bore&amp;s…</source>
        <translation>Bohrun&amp;gen …</translation>
    </message>
    <message>
        <source>Lay this plan out on several bores and compare every note.</source>
        <translation>Diesen Plan auf mehreren Bohrungen auslegen und jeden Ton vergleichen.</translation>
    </message>
    <message>
        <source>%1 does not suit this tube. Lowest notes: ● good ◐ poor ○ unsuitable</source>
        <translation>%1 passt nicht zu diesem Rohr. Tiefste Töne: ● gut ◐ mäßig ○ ungeeignet</translation>
    </message>
    <message>
        <source>Embouchure undercut</source>
        <translation>Unterschneidung</translation>
    </message>
    <message>
        <source> mL</source>
        <translation> ml</translation>
    </message>
    <message>
        <source>Ear height</source>
        <translation>Höhe der Wangen</translation>
    </message>
    <message>
        <source>Joints</source>
        <translation>Verbindungen</translation>
    </message>
    <message>
        <source>Positions from the sounding edge, separated by semicolons: 60; 210. Add + and a length where a joint is pulled out: 60 + 2.</source>
        <translation>Positionen ab der Anblaskante, getrennt durch Semikolon: 60; 210. Mit + und einer Länge, wo eine Verbindung ausgezogen ist: 60 + 2.</translation>
    </message>
    <message>
        <source>the sounding edge</source>
        <translation>die Anblaskante</translation>
    </message>
    <message>
        <source>the foot</source>
        <translation>den Fuß</translation>
    </message>
    <message>
        <source>The joint at %1 meets %2. The nearest place for it is %3.</source>
        <comment>place, hole, place</comment>
        <translation>Die Verbindung bei %1 trifft %2. Die nächste passende Stelle liegt bei %3.</translation>
    </message>
    <message>
        <source>The joint at %1 meets %2, and no other place serves.</source>
        <comment>place, hole</comment>
        <translation>Die Verbindung bei %1 trifft %2, und keine andere Stelle passt.</translation>
    </message>
    <message>
        <source>Pitch &amp;without holes</source>
        <translation>Ton &amp;ohne Löcher</translation>
    </message>
    <message>
        <source>Pitch without holes</source>
        <translation>Ton ohne Löcher</translation>
    </message>
    <message>
        <source>not blown yet</source>
        <translation>noch nicht geblasen</translation>
    </message>
    <message>
        <source>Blow the bare tube and type what a meter shows, such as 586.3 or D5 -12: keys and layout go by it.</source>
        <translation>Das Rohr ohne Löcher anblasen und eintragen, was ein Messgerät zeigt, etwa 586,3 oder D5 -12: Tonarten und Lochplan richten sich danach.</translation>
    </message>
    <message>
        <source>%1 Hz is %2 cents from what this tube can sound without holes. Check the pitch, the length and the bore.</source>
        <translation>%1 Hz liegt %2 Cent von dem, was dieses Rohr ohne Löcher klingen kann. Ton, Länge und Bohrung prüfen.</translation>
    </message>
    <message>
        <source> Hz</source>
        <translation> Hz</translation>
    </message>
    <message>
        <source>Heard %1 cents from the calculation; keys and layout go by it.</source>
        <translation>Gehört %1 Cent neben der Rechnung; Tonarten und Lochplan richten sich danach.</translation>
    </message>
    <message>
        <source>Oat or wheat straw, or paper straws. Wet it before it is cut; scissors make everything. One straw a player.</source>
        <translation>Hafer- oder Weizenhalm oder Papierhalm. Vor dem Schneiden wässern; die Schere macht alles. Ein Halm je Spieler.</translation>
    </message>
</context>
<context>
    <name>dowel::app::BookController</name>
    <message>
        <source>Not saved yet</source>
        <translation>Noch nicht gespeichert</translation>
    </message>
    <message numerus="yes">
        <source>%n entry/entries of this workbook could not be saved yet and will be lost if you leave now.</source>
        <translation>
            <numerusform>%n Eintrag dieses Werkbuchs konnte noch nicht gesichert werden und geht verloren, wenn das Werkbuch jetzt geschlossen wird.</numerusform>
            <numerusform>%n Einträge dieses Werkbuchs konnten noch nicht gesichert werden und gehen verloren, wenn das Werkbuch jetzt geschlossen wird.</numerusform>
        </translation>
    </message>
    <message>
        <source>Try again</source>
        <translation>Noch einmal versuchen</translation>
    </message>
    <message>
        <source>Discard</source>
        <translation>Verwerfen</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
</context>
<context>
    <name>dowel::app::BorePicture</name>
    <message>
        <source>The bore, diameters enlarged</source>
        <translation>Die Bohrung, Durchmesser vergrößert</translation>
    </message>
    <message>
        <source>%1 diameter at %2, wall %3</source>
        <comment>bore, place, wall</comment>
        <translation>Durchmesser %1 bei %2, Wand %3</translation>
    </message>
    <message>
        <source>least wall %1 at %2</source>
        <translation>dünnste Wand %1 bei %2</translation>
    </message>
    <message>
        <source>wall %1 throughout; drag a square</source>
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
        <source>Notes on each bore</source>
        <translation>Töne auf jeder Bohrung</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>&amp;Use this bore</source>
        <translation>Bohrung &amp;übernehmen</translation>
    </message>
    <message>
        <source>Compare bores</source>
        <translation>Bohrungen vergleichen</translation>
    </message>
    <message>
        <source>Laying out the holes on each bore…</source>
        <translation>Die Löcher werden auf jeder Bohrung berechnet…</translation>
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
        <source>%1, %2: %3 of %4 notes within tolerance; largest deviation %5 cents.</source>
        <translation>%1, %2: %3 von %4 Tönen in der Toleranz; größte Abweichung %5 Cent.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>note, cents</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>Twelfths too wide by (cents): %1.</source>
        <translation>Duodezimen zu weit um (Cent): %1.</translation>
    </message>
    <message>
        <source>Octaves too wide by (cents): %1.</source>
        <translation>Oktaven zu weit um (Cent): %1.</translation>
    </message>
    <message>
        <source>The third register is %1 cents out of line with the first.</source>
        <translation>Das dritte Register liegt %1 Cent neben dem ersten.</translation>
    </message>
    <message>
        <source>◇ Undercutting can still correct %1.</source>
        <translation>◇ Unterschneiden kann %1 noch berichtigen.</translation>
    </message>
    <message>
        <source>narrower foot</source>
        <translation>engerer Fuß</translation>
    </message>
    <message>
        <source>own bore</source>
        <translation>eigene Bohrung</translation>
    </message>
    <message>
        <source>Row of holes</source>
        <translation>Lochreihe</translation>
    </message>
    <message>
        <source>Own bores</source>
        <translation>Eigene Bohrungen</translation>
    </message>
    <message>
        <source>up to four: 9/16; 5/8; 11/16</source>
        <translation>bis zu vier: 9/16; 5/8; 11/16</translation>
    </message>
    <message>
        <source>up to four: 14.2; 15; 16.5</source>
        <translation>bis zu vier: 14,2; 15; 16,5</translation>
    </message>
    <message>
        <source>each on its best row</source>
        <translation>jede mit ihrer besten Lochreihe</translation>
    </message>
    <message>
        <source>all on this row</source>
        <translation>alle mit dieser Lochreihe</translation>
    </message>
    <message>
        <source>&amp;Own bores</source>
        <translation>&amp;Eigene Bohrungen</translation>
    </message>
    <message>
        <source>Diameters at the head, separated by semicolons; the profile keeps its proportion. Of a reed pipe with a joint: of the body below it.</source>
        <translation>Durchmesser am Kopf, mit Semikolon getrennt; das Profil bleibt im Verhältnis. Bei einer Rohrblattpfeife mit Verbindung: die des Körpers darunter.</translation>
    </message>
</context>
<context>
    <name>dowel::app::ComparePage</name>
    <message>
        <source>Deviation as first drilled</source>
        <translation>Abweichung nach dem ersten Bohren</translation>
    </message>
    <message>
        <source>instrument</source>
        <translation>Instrument</translation>
    </message>
    <message>
        <source>Individual deviations &amp;only</source>
        <translation>Nur &amp;eigene Abweichungen</translation>
    </message>
    <message>
        <source>&amp;Lay out the next, corrected for the common deviation</source>
        <translation>&amp;Nächstes auslegen, um die gemeinsame Abweichung berichtigt</translation>
    </message>
    <message>
        <source>Compare instruments</source>
        <translation>Instrumente vergleichen</translation>
    </message>
    <message>
        <source>&amp;Back to shop</source>
        <translation>&amp;Zurück in die Werkstatt</translation>
    </message>
    <message>
        <source>Reading the workbooks…</source>
        <translation>Die Werkbücher werden gelesen…</translation>
    </message>
    <message>
        <source>in common</source>
        <translation>gemeinsam</translation>
    </message>
    <message>
        <source>No note was heard on two of these instruments before the first cut, so they cannot be compared.</source>
        <translation>Kein Ton wurde an zwei dieser Instrumente vor dem ersten Schnitt gemessen, daher lassen sie sich nicht vergleichen.</translation>
    </message>
    <message numerus="yes">
        <source>Based on %n instrument(s) of this model</source>
        <translation>
            <numerusform>Nach %n Instrument dieses Modells</numerusform>
            <numerusform>Nach %n Instrumenten dieses Modells</numerusform>
        </translation>
    </message>
    <message>
        <source>%1  %2</source>
        <comment>number, name</comment>
        <translation>%1  %2</translation>
    </message>
    <message>
        <source>Deviation in cents from the target as first drilled, at tuning temperature. The common part is an error of the drawing or the model; the rest belongs to each instrument. In the picture the bar is the common part, the figures are the instruments.</source>
        <translation>Abweichung vom Ziel in Cent nach dem ersten Bohren, bei Stimmtemperatur. Der gemeinsame Teil ist ein Fehler der Zeichnung oder des Modells; der Rest gehört zum einzelnen Instrument. Im Bild ist der Balken der gemeinsame Teil, die Ziffern sind die Instrumente.</translation>
    </message>
</context>
<context>
    <name>dowel::app::CopyDialog</name>
    <message>
        <source>Lowest note</source>
        <translation>Tiefster Ton</translation>
    </message>
    <message>
        <source>Sounding length</source>
        <translation>Klingende Länge</translation>
    </message>
    <message>
        <source>Bore at top</source>
        <translation>Bohrung oben</translation>
    </message>
    <message>
        <source>Bore at foot</source>
        <translation>Bohrung am Fuß</translation>
    </message>
    <message>
        <source>Wall</source>
        <translation>Wand</translation>
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
        <source>diameter</source>
        <translation>Durchmesser</translation>
    </message>
    <message>
        <source>Copy an instrument</source>
        <translation>Instrument kopieren</translation>
    </message>
    <message>
        <source>Load from &amp;file…</source>
        <translation>Aus &amp;Datei laden …</translation>
    </message>
    <message>
        <source>&amp;Copy to plan</source>
        <translation>In den Plan &amp;übernehmen</translation>
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
        <translation>Werkbücher und Spezifikationen (*.dowel *.json)</translation>
    </message>
    <message>
        <source>Hole %1: %2</source>
        <translation>Loch %1: %2</translation>
    </message>
    <message>
        <source>Positions from</source>
        <translation>Positionen ab</translation>
    </message>
    <message>
        <source>position</source>
        <translation>Position</translation>
    </message>
    <message>
        <source>Fill in by &amp;proportion</source>
        <translation>Nach &amp;Proportion ausfüllen</translation>
    </message>
    <message>
        <source>A beginner&apos;s rule: holes half the bore in diameter, a tenth of the tube apart. The scale this gives is shown below.</source>
        <translation>Eine Anfängerregel: Löcher halb so weit wie die Bohrung, ein Zehntel der Rohrlänge auseinander. Die Tonleiter, die sich daraus ergibt, steht darunter.</translation>
    </message>
    <message>
        <source>The model&apos;s scale appears here once all measures are typed.</source>
        <translation>Die Tonleiter des Vorbilds steht hier, sobald alle Maße eingegeben sind.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>note, cents</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>By these measures the lowest note is %1 cents off.</source>
        <translation>Nach diesen Maßen weicht der tiefste Ton um %1 Cent ab.</translation>
    </message>
    <message>
        <source>%1 Relative to it: %2 cents.</source>
        <comment>sentence, notes</comment>
        <translation>%1 Bezogen darauf: %2 Cent.</translation>
    </message>
    <message>
        <source>thumb hole</source>
        <translation>Daumenloch</translation>
    </message>
    <message>
        <source>from the previous mark</source>
        <translation>von der vorigen Marke</translation>
    </message>
    <message>
        <source>Overall length</source>
        <translation>Gesamtlänge</translation>
    </message>
    <message>
        <source>Top end to embouchure hole</source>
        <translation>Oberes Ende bis Mundloch</translation>
    </message>
    <message>
        <source>Stopper</source>
        <translation>Stopfen</translation>
    </message>
    <message>
        <source>Measure the model: its length, overall or sounding, its bore, and the middle of every hole, with the thumb hole ticked. Positions are scaled by the ratio of the notes, diameters by the ratio of the bores; then Dowel lays the holes out again on the plan&apos;s bore.</source>
        <translation>Das Vorbild messen: seine Länge, gesamt oder klingend, seine Bohrung und die Mitte jedes Lochs; das Daumenloch wird angekreuzt. Positionen werden im Verhältnis der Töne umgerechnet, Durchmesser im Verhältnis der Bohrungen; dann berechnet Dowel die Löcher auf der Bohrung des Plans neu.</translation>
    </message>
    <message>
        <source>sounding</source>
        <translation>klingend</translation>
    </message>
    <message>
        <source>at the foot</source>
        <translation>am Fuß</translation>
    </message>
    <message>
        <source>Pas&amp;te table…</source>
        <translation>Tabelle ein&amp;fügen …</translation>
    </message>
    <message>
        <source>Paste rows from a spreadsheet: position and diameter, separated by tabs, semicolons or commas; lowest hole first or last.</source>
        <translation>Zeilen aus einer Tabelle einfügen: Position und Durchmesser, getrennt durch Tabulator, Strichpunkt oder Komma; das unterste Loch zuerst oder zuletzt.</translation>
    </message>
    <message>
        <source>Embouchure hole</source>
        <translation>Mundloch</translation>
    </message>
    <message>
        <source>across</source>
        <translation>quer</translation>
    </message>
    <message>
        <source>From its middle to the top end</source>
        <translation>Von seiner Mitte zum oberen Ende</translation>
    </message>
    <message>
        <source>to the stopper</source>
        <translation>zum Stopfen</translation>
    </message>
    <message>
        <source>The overall length must be more than what lies above the sounding edge, %1.</source>
        <translation>Die Gesamtlänge muss größer sein als das, was über der Anblaskante liegt, %1.</translation>
    </message>
    <message>
        <source>Length of the embouchure hole</source>
        <translation>Länge des Mundlochs</translation>
    </message>
    <message>
        <source>Width of the embouchure hole</source>
        <translation>Breite des Mundlochs</translation>
    </message>
    <message>
        <source>wall</source>
        <translation>Wand</translation>
    </message>
</context>
<context>
    <name>dowel::app::CorrectPage</name>
    <message>
        <source>Cut, then measure with &amp;calipers</source>
        <translation>Schneiden, dann mit dem &amp;Messschieber messen</translation>
    </message>
    <message>
        <source>Caliper reading</source>
        <translation>Messwert</translation>
    </message>
    <message>
        <source>Log this cut  (Enter)</source>
        <translation>Schnitt eintragen  (Eingabe)</translation>
    </message>
    <message>
        <source>Log this cut</source>
        <translation>Schnitt eintragen</translation>
    </message>
    <message>
        <source>Go to Listen  (Enter)</source>
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
        <source>Tuning &amp;strategy…</source>
        <translation>Ab&amp;stimmweise …</translation>
    </message>
    <message>
        <source>Tuning strategy</source>
        <translation>Abstimmweise</translation>
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
        <source>&amp;Sensitivity</source>
        <translation>&amp;Wirkung</translation>
    </message>
    <message>
        <source>Sensitivity of every note</source>
        <translation>Wirkung auf jeden Ton</translation>
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
        <source>Width of octaves or twelfths, and what changes it</source>
        <translation>Weite der Oktaven oder Duodezimen und was sie ändert</translation>
    </message>
    <message>
        <source>Fore&amp;casts</source>
        <translation>Vorher&amp;sagen</translation>
    </message>
    <message>
        <source>Forecast and result</source>
        <translation>Vorhersage und Ergebnis</translation>
    </message>
    <message>
        <source>filled: now   outline: after the cut</source>
        <translation>gefüllt: jetzt   Umriss: nach dem Schnitt</translation>
    </message>
    <message>
        <source>filled: now   outline: forecast</source>
        <translation>gefüllt: jetzt   Umriss: Vorhersage</translation>
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
        <source>%1 of %2 notes within tolerance; largest deviation %3, average %4 cents</source>
        <translation>%1 von %2 Tönen in der Toleranz; größte Abweichung %3, Mittel %4 Cent</translation>
    </message>
    <message>
        <source>Not every note has been heard yet.</source>
        <translation>Noch nicht jeder Ton ist gemessen.</translation>
    </message>
    <message>
        <source>Calculating…</source>
        <translation>Wird berechnet…</translation>
    </message>
    <message>
        <source>No advice yet</source>
        <translation>Noch kein Rat</translation>
    </message>
    <message>
        <source>Next: listen</source>
        <translation>Als Nächstes: hören</translation>
    </message>
    <message numerus="yes">
        <source>Play %n fingering(s)</source>
        <translation>
            <numerusform>%n Griff spielen</numerusform>
            <numerusform>%n Griffe spielen</numerusform>
        </translation>
    </message>
    <message>
        <source>Tool: %1. Stop at this size.</source>
        <translation>Werkzeug: %1. Bei diesem Maß aufhören.</translation>
    </message>
    <message>
        <source>millimetres, or inches as 1/4</source>
        <translation>Millimeter, oder Zoll als 1/4</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>Fertig</translation>
    </message>
    <message>
        <source>No further cut would help</source>
        <translation>Kein weiterer Schnitt würde helfen</translation>
    </message>
    <message>
        <source>Every note is within tolerance</source>
        <translation>Jeder Ton liegt in der Toleranz</translation>
    </message>
    <message>
        <source>Every note heard is within tolerance</source>
        <translation>Jeder gemessene Ton liegt in der Toleranz</translation>
    </message>
    <message>
        <source>Clean the hole edges, apply the finish, then listen once more: a finish moves the pitch a little.</source>
        <translation>Lochkanten säubern, Oberfläche behandeln, dann noch einmal messen: Eine Oberfläche verschiebt die Tonhöhe ein wenig.</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Halt</translation>
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
        <source>Then, as planned now: %1; then listen.</source>
        <translation>Danach nach jetzigem Plan: %1; dann hören.</translation>
    </message>
    <message numerus="yes">
        <source>Then play %n fingering(s) again.</source>
        <translation>
            <numerusform>Dann %n Griff noch einmal spielen.</numerusform>
            <numerusform>Dann %n Griffe noch einmal spielen.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <comment>note, cents</comment>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>Inconsistent with the other notes, so not used for cuts yet: %1.</source>
        <translation>Passt nicht zu den anderen Tönen und bestimmt noch keinen Schnitt: %1.</translation>
    </message>
    <message>
        <source>Cannot be reached by removing wood: %1.</source>
        <translation>Durch Abtragen nicht zu erreichen: %1.</translation>
    </message>
    <message>
        <source>Tuning strategy: %1.</source>
        <translation>Abstimmweise: %1.</translation>
    </message>
    <message>
        <source>Log your own cut…  (Enter)</source>
        <translation>Eigenen Schnitt eintragen …  (Eingabe)</translation>
    </message>
    <message>
        <source>Your own cut</source>
        <translation>Eigener Schnitt</translation>
    </message>
    <message>
        <source>your own cut first</source>
        <translation>eigener Schnitt zuerst</translation>
    </message>
    <message>
        <source>Choose a hole and a size</source>
        <translation>Loch und Maß wählen</translation>
    </message>
    <message>
        <source>Choose a cut yourself; Sensitivity and Try it show its effect. Once the cut is logged, Dowel shows its forecast and what the advice would have been. Listen whenever you like.</source>
        <translation>Den Schnitt selbst wählen; Wirkung und Probieren zeigen, was er bewirkt. Nach dem Eintragen zeigt Dowel die Vorhersage und was der Rat gewesen wäre. Jederzeit hören.</translation>
    </message>
    <message>
        <source>%1, %2 → %3: %4 of %5 in tune after it, %6 sharp</source>
        <comment>work, sizes, notes</comment>
        <translation>%1, %2 → %3: danach %4 von %5 im Ziel, %6 zu hoch</translation>
    </message>
    <message>
        <source>Your cut: %1.</source>
        <translation>Eigener Schnitt: %1.</translation>
    </message>
    <message>
        <source>Advice: %1.</source>
        <translation>Rat: %1.</translation>
    </message>
    <message>
        <source>Advice: do not cut.</source>
        <translation>Rat: nicht schneiden.</translation>
    </message>
    <message numerus="yes">
        <source>As last heard: %1 of %2 in tune, %3 sharp; %n cut(s).</source>
        <comment>score</comment>
        <translation>
            <numerusform>Zuletzt gemessen: %1 von %2 gestimmt, %3 zu hoch; %n Schnitt.</numerusform>
            <numerusform>Zuletzt gemessen: %1 von %2 gestimmt, %3 zu hoch; %n Schnitte.</numerusform>
        </translation>
    </message>
    <message>
        <source>Ream from the foot with %1, %2 deeper than now: tip %3 in. Stop at that depth.</source>
        <translation>Vom Fuß her mit %1 räumen, %2 tiefer als bisher: Spitze %3 tief. Bei dieser Tiefe aufhören.</translation>
    </message>
    <message>
        <source>Ream from the head with %1, %2 deeper than now: tip %3 in. Stop at that depth.</source>
        <translation>Vom Kopf her mit %1 räumen, %2 tiefer als bisher: Spitze %3 tief. Bei dieser Tiefe aufhören.</translation>
    </message>
    <message>
        <source>filled: now   outline: trial</source>
        <translation>gefüllt: jetzt   Umriss: Versuch</translation>
    </message>
    <message>
        <source>trial</source>
        <translation>Versuch</translation>
    </message>
    <message>
        <source>inches, as 1/4 or 0.252</source>
        <translation>Zoll, als 1/4 oder 0,252</translation>
    </message>
    <message>
        <source>Apply the finish, then listen once more: a finish moves the pitch a little.</source>
        <translation>Die Oberfläche behandeln, dann noch einmal hören: sie verschiebt die Tonhöhe ein wenig.</translation>
    </message>
    <message>
        <source>tube %1</source>
        <comment>its length</comment>
        <translation>Rohr %1</translation>
    </message>
    <message numerus="yes">
        <source>Present sizes: %1. %n cut(s) since the first session.</source>
        <comment>of holes and tube</comment>
        <translation>
            <numerusform>Jetzige Maße: %1. %n Schnitt seit der ersten Messung.</numerusform>
            <numerusform>Jetzige Maße: %1. %n Schnitte seit der ersten Messung.</numerusform>
        </translation>
    </message>
    <message>
        <source>Set, then measure the distan&amp;ce</source>
        <translation>Stellen, dann den Abstand &amp;messen</translation>
    </message>
</context>
<context>
    <name>dowel::app::DemoRun</name>
    <message>
        <source>The loop stood still for too long.</source>
        <translation>Die Schleife stand zu lange still.</translation>
    </message>
    <message>
        <source>%1 of %2 notes within tolerance after %3 cuts and %4 sessions; pictures in %5</source>
        <translation>%1 von %2 Tönen in der Toleranz nach %3 Schnitten und %4 Durchgängen; Bilder in %5</translation>
    </message>
</context>
<context>
    <name>dowel::app::Document</name>
    <message>
        <source>Nothing is lost: the entry is held in memory and saved as soon as possible. Keep Dowel open until then.</source>
        <translation>Nichts ist verloren: Der Eintrag liegt im Speicher und wird so bald wie möglich gesichert. Dowel bis dahin geöffnet lassen.</translation>
    </message>
    <message>
        <source>Everything is saved.</source>
        <translation>Alles ist gesichert.</translation>
    </message>
    <message>
        <source>The folder has no recordings. Dowel reads WAV, FLAC, Ogg and AIFF.</source>
        <translation>Der Ordner enthält keine Aufnahmen. Dowel liest WAV, FLAC, Ogg und AIFF.</translation>
    </message>
    <message numerus="yes">
        <source>%n reading(s) saved.</source>
        <translation>
            <numerusform>%n Messung gespeichert.</numerusform>
            <numerusform>%n Messungen gespeichert.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n more note(s) do not belong to this instrument.</source>
        <translation>
            <numerusform>%n weiterer Ton gehört nicht zu diesem Instrument.</numerusform>
            <numerusform>%n weitere Töne gehören nicht zu diesem Instrument.</numerusform>
        </translation>
    </message>
    <message>
        <source>measured over another part</source>
        <translation>über einen anderen Abschnitt gemessen</translation>
    </message>
    <message>
        <source>Measured again. The first reading stays in the logbook, set aside.</source>
        <translation>Neu gemessen. Die erste Messung bleibt beiseitegelegt im Logbuch.</translation>
    </message>
    <message>
        <source>undone</source>
        <translation>rückgängig gemacht</translation>
    </message>
    <message>
        <source>Set aside. The entry stays in the logbook, marked.</source>
        <translation>Beiseitegelegt. Der Eintrag bleibt gekennzeichnet im Logbuch.</translation>
    </message>
    <message>
        <source>Logged. Later readings are interpreted with the new size.</source>
        <translation>Eingetragen. Spätere Messungen werden mit dem neuen Maß ausgewertet.</translation>
    </message>
    <message>
        <source>This advice does not use the shop memory: %1</source>
        <translation>Dieser Rat verwendet das Werkstattgedächtnis nicht: %1</translation>
    </message>
    <message>
        <source>Copied to %1.</source>
        <translation>Kopiert nach %1.</translation>
    </message>
    <message>
        <source>Saved %1.</source>
        <translation>Gespeichert: %1.</translation>
    </message>
    <message>
        <source>Logged. Advice follows the new target from now on.</source>
        <translation>Eingetragen. Der Rat folgt ab jetzt dem neuen Ziel.</translation>
    </message>
</context>
<context>
    <name>dowel::app::DrawerDialog</name>
    <message>
        <source>&amp;Add</source>
        <translation>&amp;Hinzufügen</translation>
    </message>
    <message>
        <source>Set of bits</source>
        <translation>Bohrersatz</translation>
    </message>
    <message>
        <source>Add s&amp;et</source>
        <translation>&amp;Satz hinzufügen</translation>
    </message>
    <message>
        <source>&amp;Remove selected</source>
        <translation>Gewählte &amp;entfernen</translation>
    </message>
    <message>
        <source>Tool drawer</source>
        <translation>Werkzeugschublade</translation>
    </message>
    <message>
        <source>Bits to add</source>
        <translation>Neue Bohrer</translation>
    </message>
    <message>
        <source>6.5 mm, 9/32, #7, F</source>
        <translation>6.5 mm, 9/32, #7, F</translation>
    </message>
    <message>
        <source>Metric, 1 to 14 mm by 0.5</source>
        <translation>Metrisch, 1 bis 14 mm in 0,5</translation>
    </message>
    <message>
        <source>Fractions, 1/16 to 1/2 in</source>
        <translation>Zollbrüche, 1/16 bis 1/2 Zoll</translation>
    </message>
    <message>
        <source>Numbers, 60 to 1</source>
        <translation>Nummern, 60 bis 1</translation>
    </message>
    <message>
        <source>Letters, A to Z</source>
        <translation>Buchstaben, A bis Z</translation>
    </message>
    <message>
        <source>Bits in the drawer</source>
        <translation>Bohrer in der Schublade</translation>
    </message>
    <message>
        <source>Hand tools</source>
        <translation>Handwerkzeuge</translation>
    </message>
    <message>
        <source>&amp;Bits</source>
        <translation>&amp;Bohrer</translation>
    </message>
    <message>
        <source>&amp;Hand tools</source>
        <translation>Hand&amp;werkzeuge</translation>
    </message>
    <message>
        <source>&amp;Save</source>
        <translation>&amp;Speichern</translation>
    </message>
    <message>
        <source>The bits and hand tools of this shop. Layout, order of work and advice use these sizes and call each bit by its marking. A workbook that has been played keeps the sizes it was made with; the advice uses what is in the drawer today. A bit known to drill larger than it is marked is typed with that: 9/32 +0.008.</source>
        <translation>Die Bohrer und Handwerkzeuge dieser Werkstatt. Lochplan, Arbeitsfolge und Rat verwenden diese Größen und nennen jeden Bohrer bei seiner Bezeichnung. Ein gespieltes Werkbuch behält die Größen, mit denen es gemacht wurde; der Rat nimmt, was heute in der Schublade liegt. Ein Bohrer, der größer bohrt, als er bezeichnet ist, wird damit eingegeben: 9/32 +0.008.</translation>
    </message>
</context>
<context>
    <name>dowel::app::DriftPicture</name>
    <message>
        <source>Drift since the first session on each shape</source>
        <translation>Drift seit der ersten Messung an jeder Form</translation>
    </message>
    <message numerus="yes">
        <source>%1: mean %2 cents, from %3 to %4, %n note(s)</source>
        <comment>date, cents</comment>
        <translation>
            <numerusform>%1: Mittel %2 Cent, von %3 bis %4, %n Ton</numerusform>
            <numerusform>%1: Mittel %2 Cent, von %3 bis %4, %n Töne</numerusform>
        </translation>
    </message>
    <message>
        <source>Drift appears here once the same shape is heard on another day.</source>
        <translation>Die Drift erscheint, sobald dieselbe Form an einem anderen Tag gemessen wird.</translation>
    </message>
    <message>
        <source>drift in cents at constant temperature   ● mean   bar: range of all notes</source>
        <translation>Drift in Cent bei gleicher Temperatur   ● Mittel   Strich: Bereich aller Töne</translation>
    </message>
</context>
<context>
    <name>dowel::app::DrillPage</name>
    <message>
        <source>Positions in fractions of an inch</source>
        <translation>Positionen in Bruchteilen eines Zolls</translation>
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
        <source>error</source>
        <translation>Abweichung</translation>
    </message>
    <message>
        <source>Lowest note as the foot is cut</source>
        <translation>Der tiefste Ton, während der Fuß gekürzt wird</translation>
    </message>
    <message>
        <source>tube</source>
        <translation>Rohr</translation>
    </message>
    <message>
        <source>no holes yet</source>
        <translation>noch keine Löcher</translation>
    </message>
    <message>
        <source>holes drilled</source>
        <translation>Löcher gebohrt</translation>
    </message>
    <message>
        <source>Fractions</source>
        <translation>Bruchteile</translation>
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
        <source>Inch rule in</source>
        <translation>Zollmaß in</translation>
    </message>
    <message>
        <source>Lowest note as the foot is cut, deviation in cents:</source>
        <translation>Tiefster Ton beim Kürzen des Fußes, Abweichung in Cent:</translation>
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
        <source>Saved %1.</source>
        <translation>Gespeichert: %1.</translation>
    </message>
    <message>
        <source>Order of &amp;work</source>
        <translation>Arbeits&amp;folge</translation>
    </message>
    <message>
        <source>As &amp;built</source>
        <translation>&amp;Ist-Maße</translation>
    </message>
    <message>
        <source>Holes drilled: go to &amp;Listen</source>
        <translation>Löcher gebohrt: weiter zu &amp;Hören</translation>
    </message>
    <message>
        <source>Nothing to drill yet. Lay out the holes first, or type existing holes under As built.</source>
        <translation>Noch nichts zu bohren. Zuerst die Löcher berechnen oder vorhandene Löcher unter Ist-Maße eingeben.</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>slide from edge</source>
        <translation>Schieber ab Anblaskante</translation>
    </message>
    <message>
        <source>from fully out</source>
        <translation>ab ganz ausgezogen</translation>
    </message>
    <message>
        <source>± spread</source>
        <translation>± Streuung</translation>
    </message>
    <message>
        <source>pipe depth</source>
        <translation>Pfeifentiefe</translation>
    </message>
    <message>
        <source>difference</source>
        <translation>Unterschied</translation>
    </message>
    <message>
        <source>Lowest note as the pipe is bored deeper, deviation in cents:</source>
        <translation>Tiefster Ton beim Tieferbohren, Abweichung in Cent:</translation>
    </message>
    <message>
        <source>depth</source>
        <translation>Tiefe</translation>
    </message>
    <message>
        <source>Tool: %1.</source>
        <translation>Werkzeug: %1.</translation>
    </message>
    <message>
        <source>Check: %1</source>
        <translation>Prüfen: %1</translation>
    </message>
    <message>
        <source>Caution: %1</source>
        <translation>Vorsicht: %1</translation>
    </message>
    <message>
        <source>Bench sheet</source>
        <translation>Werkblatt</translation>
    </message>
    <message>
        <source>Kept as this shop&apos;s way with this family and material.</source>
        <translation>Gilt als Arbeitsfolge dieser Werkstatt für diese Familie und dieses Material.</translation>
    </message>
    <message>
        <source>&amp;Add step…</source>
        <translation>Schr&amp;itt…</translation>
    </message>
    <message>
        <source>&amp;Earlier</source>
        <translation>&amp;Früher</translation>
    </message>
    <message>
        <source>La&amp;ter</source>
        <translation>S&amp;päter</translation>
    </message>
    <message>
        <source>Lea&amp;ve out</source>
        <translation>Aus&amp;lassen</translation>
    </message>
    <message>
        <source>&amp;Reset</source>
        <translation>&amp;Zurücksetzen</translation>
    </message>
    <message>
        <source>Restores the usual order of work.</source>
        <translation>Stellt die übliche Arbeitsfolge wieder her.</translation>
    </message>
    <message>
        <source>Own step</source>
        <translation>Eigener Schritt</translation>
    </message>
    <message>
        <source>Description:</source>
        <translation>Beschreibung:</translation>
    </message>
    <message>
        <source>Where positions are measured from</source>
        <translation>Wovon Orte gemessen werden</translation>
    </message>
    <message>
        <source>Saves the order of work with boxes to tick, and the full-size template, as PDF.</source>
        <translation>Speichert die Arbeitsfolge mit Kästchen zum Abhaken und die Schablone in voller Größe als PDF.</translation>
    </message>
    <message>
        <source>Saves the order of work on one page with the adult&apos;s steps marked, and the template, as PDF.</source>
        <translation>Speichert die Arbeitsfolge auf einer Seite, mit den Schritten der Erwachsenen gekennzeichnet, und die Schablone als PDF.</translation>
    </message>
    <message>
        <source>S&amp;wap</source>
        <translation>&amp;Tauschen</translation>
    </message>
    <message>
        <source>Does this step before or after the ones that it can change places with.</source>
        <translation>Macht diesen Schritt vor oder nach denen, mit denen er den Platz tauschen kann.</translation>
    </message>
    <message>
        <source>Either way: %1</source>
        <translation>So oder so: %1</translation>
    </message>
    <message>
        <source>Class sheet</source>
        <translation>Klassenblatt</translation>
    </message>
    <message>
        <source>on the rule</source>
        <translation>am Maßstab</translation>
    </message>
    <message>
        <source>Save &amp;bench sheet…</source>
        <translation>Werk&amp;blatt speichern …</translation>
    </message>
    <message>
        <source>Save &amp;class sheet…</source>
        <translation>&amp;Klassenblatt speichern …</translation>
    </message>
    <message>
        <source>These marks together move no note by more than %1 cents; the nearest mark to each length: %2 cents.</source>
        <translation>Diese Striche zusammen verstimmen keinen Ton um mehr als %1 Cent; der jeweils nächste Strich: %2 Cent.</translation>
    </message>
    <message>
        <source>Tick off each step as you finish it; with Shift, all above it too.</source>
        <translation>Jeden Schritt abhaken, wenn er fertig ist; mit Umschalt alle darüber mit.</translation>
    </message>
    <message>
        <source>By calculation. Play the slide on Listen, and the marks follow what is heard.</source>
        <translation>Nach Rechnung. Den Schieber unter Hören spielen, dann folgen die Marken dem Gehörten.</translation>
    </message>
    <message>
        <source>By what was heard; full size on the template. Far from where it was played marks are rough: set the slide there (Log own work), and play it too.</source>
        <translation>Nach dem, was gehört wurde; in voller Größe auf der Schablone. Weit von der gespielten Stelle sind Marken grob: den Schieber dorthin stellen (Eigene Arbeit) und auch dort spielen.</translation>
    </message>
    <message>
        <source>Built: go to &amp;Listen</source>
        <translation>Gebaut: weiter zu &amp;Hören</translation>
    </message>
</context>
<context>
    <name>dowel::app::EdgePage</name>
    <message>
        <source>No tone, only breath noise</source>
        <translation>Kein Ton, nur Luftrauschen</translation>
    </message>
    <message>
        <source>1. Look through the windway towards a light: the jet must meet the lip edge. Move the block slightly or shim it with paper.
2. Remove burrs from the windway exit and the lip.
3. Tape the holes closed and try the lowest note.
Last resort: take a little off the underside of the lip.</source>
        <translation>1. Durch den Windkanal gegen ein Licht sehen: Der Luftstrahl muss die Kante des Labiums treffen. Den Block ein wenig verschieben oder mit Papier unterlegen.
2. Grate am Ausgang des Windkanals und am Labium entfernen.
3. Die Löcher abkleben und den tiefsten Ton versuchen.
Zuletzt: an der Unterseite des Labiums ein wenig abnehmen.</translation>
    </message>
    <message>
        <source>Airy, hissing</source>
        <translation>Luftig, zischend</translation>
    </message>
    <message>
        <source>1. Dry the windway and ease its exit edges.
2. Narrow the windway with a strip of tape on its roof.
3. Lower the block by the thickness of a sheet of paper.
Last resort: sharpen the lip. A shorter window needs a new block.</source>
        <translation>1. Den Windkanal trocknen und seine Kanten am Ausgang brechen.
2. Den Windkanal mit einem Streifen Klebeband am Dach verengen.
3. Den Block um eine Papierstärke senken.
Zuletzt: das Labium schärfen. Ein kürzerer Aufschnitt braucht einen neuen Block.</translation>
    </message>
    <message>
        <source>Jumps to the octave too easily</source>
        <translation>Springt zu leicht in die Oktave</translation>
    </message>
    <message>
        <source>Upper notes do not speak</source>
        <translation>Obere Töne sprechen nicht an</translation>
    </message>
    <message>
        <source>1. Narrow the windway with tape for a faster jet.
2. Push the block forward slightly.
Last resort: thin the lip. A window cut too long needs a new edge glued in.</source>
        <translation>1. Den Windkanal mit Klebeband verengen: Der Strahl wird schneller.
2. Den Block ein wenig vorschieben.
Zuletzt: das Labium dünner schneiden. Bei zu langem Aufschnitt muss eine neue Kante eingeleimt werden.</translation>
    </message>
    <message>
        <source>Dull</source>
        <translation>Dumpf</translation>
    </message>
    <message>
        <source>1. Clean and smooth the bore; keep sharp edges sharp.
2. Raise the block slightly so that the jet meets the upper side of the lip.
Last resort: thin the lip.</source>
        <translation>1. Die Bohrung säubern und glätten; scharfe Kanten scharf lassen.
2. Den Block ein wenig heben, sodass der Strahl die Oberseite des Labiums trifft.
Zuletzt: das Labium dünner schneiden.</translation>
    </message>
    <message>
        <source>Chirps at the start</source>
        <translation>Zirpt beim Ansprechen</translation>
    </message>
    <message>
        <source>No tone</source>
        <translation>Kein Ton</translation>
    </message>
    <message>
        <source>1. Blow the head alone with its end closed by the palm.
2. Check the stopper for leaks: with a thumb over the hole, suction must hold.
3. Roll the flute in and out.
Last resort: sharpen the far edge from inside.</source>
        <translation>1. Das Kopfstück allein blasen, das Ende mit der Hand verschlossen.
2. Den Stopfen auf Dichtheit prüfen: Mit dem Daumen auf dem Mundloch muss der Sog halten.
3. Die Flöte ein- und ausdrehen.
Zuletzt: die Gegenkante von innen schärfen.</translation>
    </message>
    <message>
        <source>Airy</source>
        <translation>Luftig</translation>
    </message>
    <message>
        <source>1. Cover less of the hole.
2. Remove burrs from the far edge without rounding it.
Last resort: undercut the far wall slightly.</source>
        <translation>1. Weniger vom Mundloch bedecken.
2. Die Gegenkante entgraten, ohne sie zu runden.
Zuletzt: die Gegenwand ein wenig unterschneiden.</translation>
    </message>
    <message>
        <source>Octaves too wide or too narrow</source>
        <translation>Oktaven zu weit oder zu eng</translation>
    </message>
    <message>
        <source>1. Move the stopper by a millimetre and play both registers; the table shows which way. The stopper can go back.
Last resort: change the bore or the embouchure hole.</source>
        <translation>1. Den Stopfen um einen Millimeter verschieben und beide Register spielen; die Tabelle zeigt die Richtung. Der Stopfen lässt sich zurückschieben.
Zuletzt: Bohrung oder Mundloch ändern.</translation>
    </message>
    <message>
        <source>Weak low notes, easy upper notes</source>
        <translation>Schwache tiefe Töne, leichte obere Töne</translation>
    </message>
    <message>
        <source>1. Look for leaks: tape the holes one by one.
2. Cover less of the hole.
Last resort: widen the embouchure hole slightly across the tube.</source>
        <translation>1. Undichte Stellen suchen: die Löcher einzeln abkleben.
2. Weniger vom Mundloch bedecken.
Zuletzt: das Mundloch ein wenig quer zum Rohr weiten.</translation>
    </message>
    <message>
        <source>The reed closes and stays closed</source>
        <translation>Das Rohrblatt schließt und bleibt zu</translation>
    </message>
    <message>
        <source>The reed leaks and never starts</source>
        <translation>Das Blatt ist undicht und spricht nicht an</translation>
    </message>
    <message>
        <source>Only upper notes</source>
        <translation>Nur obere Töne</translation>
    </message>
    <message>
        <source>1. Fit a softer reed.
2. Look for a leak near the top.
Last resort: enlarge the mouthpiece chamber.</source>
        <translation>1. Ein weicheres Blatt einsetzen.
2. Nach einer undichten Stelle nahe dem oberen Ende suchen.
Zuletzt: die Kammer des Mundstücks vergrößern.</translation>
    </message>
    <message>
        <source>1. Thin the tip of the reed.
2. Smooth the bore.
Last resort: lower the baffle of the mouthpiece.</source>
        <translation>1. Die Spitze des Blatts dünner schaben.
2. Die Bohrung glätten.
Zuletzt: die Stufe im Mundstück tiefer legen.</translation>
    </message>
    <message>
        <source>longer: stronger low notes, harder octave</source>
        <translation>länger: kräftigere tiefe Töne, schwerere Oktave</translation>
    </message>
    <message>
        <source>wider: louder, wants more air</source>
        <translation>breiter: lauter, braucht mehr Luft</translation>
    </message>
    <message>
        <source>thinner: brighter, thinner sound</source>
        <translation>dünner: heller, dünner im Klang</translation>
    </message>
    <message>
        <source>longer: easier low notes, less focus</source>
        <translation>länger: leichtere tiefe Töne, weniger Kern</translation>
    </message>
    <message>
        <source>wider: louder, less room for lipping</source>
        <translation>breiter: lauter, weniger Spielraum</translation>
    </message>
    <message>
        <source>deeper: more resistance, steadier</source>
        <translation>tiefer: mehr Widerstand, ruhiger</translation>
    </message>
    <message>
        <source>stopper distance</source>
        <translation>Abstand des Stopfens</translation>
    </message>
    <message>
        <source>moves the octaves</source>
        <translation>bewegt die Oktaven</translation>
    </message>
    <message>
        <source>Symptom</source>
        <translation>Symptom</translation>
    </message>
    <message>
        <source>Effect of each measure</source>
        <translation>Wirkung jedes Maßes</translation>
    </message>
    <message>
        <source>sound</source>
        <translation>Klang</translation>
    </message>
    <message>
        <source>Windway height</source>
        <translation>Höhe des Windkanals</translation>
    </message>
    <message>
        <source>now</source>
        <translation>jetzt</translation>
    </message>
    <message>
        <source>Start with a small window or hole and enlarge it in small steps. Cut away from yourself.</source>
        <translation>Mit kleinem Fenster oder Mundloch anfangen und in kleinen Schritten öffnen. Vom Körper weg schneiden.</translation>
    </message>
    <message>
        <source>The cut-up is low: the lowest note overblows unless blown very softly. Lengthen the window slightly.</source>
        <translation>Der Aufschnitt ist niedrig: Der tiefste Ton überbläst, außer bei sehr sanftem Blasen. Den Aufschnitt etwas verlängern.</translation>
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
        <source>The cut-up is high: the top of the first register needs more breath than is comfortable. A window cannot be shortened; a higher windway helps.</source>
        <translation>Der Aufschnitt ist hoch: Der obere Teil des ersten Registers braucht mehr Druck, als bequem ist. Ein Aufschnitt lässt sich nicht verkürzen; ein höherer Windkanal hilft.</translation>
    </message>
    <message>
        <source>larger: darker, upper notes flatter</source>
        <translation>größer: dunkler, obere Töne tiefer</translation>
    </message>
    <message>
        <source>Windway length</source>
        <translation>Länge des Windkanals</translation>
    </message>
    <message>
        <source>Windway exit chamfer</source>
        <translation>Fase am Windkanalausgang</translation>
    </message>
    <message>
        <source>The windway itself adds about %1 Pa for %2 and %3 Pa for %4.</source>
        <translation>Der Windkanal selbst braucht zusätzlich etwa %1 Pa für %2 und %3 Pa für %4.</translation>
    </message>
    <message>
        <source>unknown</source>
        <translation>unbekannt</translation>
    </message>
    <message>
        <source>none</source>
        <comment>chamfer</comment>
        <translation>keine</translation>
    </message>
    <message>
        <source>easier to speak, more room for lipping</source>
        <translation>spricht leichter an, mehr Spielraum</translation>
    </message>
    <message>
        <source>window length</source>
        <translation>Aufschnitt</translation>
    </message>
    <message>
        <source>window width</source>
        <translation>Fensterbreite</translation>
    </message>
    <message>
        <source>wall at window</source>
        <translation>Wand am Fenster</translation>
    </message>
    <message>
        <source>hole length</source>
        <translation>Länge des Mundlochs</translation>
    </message>
    <message>
        <source>hole width</source>
        <translation>Breite des Mundlochs</translation>
    </message>
    <message>
        <source>wall (chimney)</source>
        <translation>Wand (Kaminhöhe)</translation>
    </message>
    <message>
        <source>undercut</source>
        <translation>Unterschneidung</translation>
    </message>
    <message>
        <source>mouthpiece volume</source>
        <translation>Volumen des Mundstücks</translation>
    </message>
    <message>
        <source>Length above the edge</source>
        <translation>Länge über der Kante</translation>
    </message>
    <message>
        <source>Slow chamber length</source>
        <translation>Länge der Windkammer</translation>
    </message>
    <message>
        <source>Slow chamber bore</source>
        <translation>Bohrung der Windkammer</translation>
    </message>
    <message>
        <source>none</source>
        <comment>chamber</comment>
        <translation>keine</translation>
    </message>
    <message>
        <source>Beyond the embouchure hole</source>
        <translation>Jenseits des Mundlochs</translation>
    </message>
    <message>
        <source>Above the edge</source>
        <translation>Über der Kante</translation>
    </message>
    <message>
        <source>Overall length %1</source>
        <translation>Gesamtlänge %1</translation>
    </message>
    <message>
        <source>Beak length</source>
        <translation>Schnabellänge</translation>
    </message>
    <message>
        <source>Slow chamber entry</source>
        <translation>Eingang der Windkammer</translation>
    </message>
    <message>
        <source>Slow chamber exit</source>
        <translation>Ausgang der Windkammer</translation>
    </message>
    <message>
        <source>1. Use less lip and less pressure.
2. Fit a stiffer reed, or bend it open over gentle heat, away from the lay.
Last resort: open the lay at the tip.</source>
        <translation>1. Weniger Lippe und weniger Druck nehmen.
2. Ein steiferes Blatt aufsetzen oder es über sanfter Wärme von der Bahn weg biegen.
Letztes Mittel: die Bahn an der Spitze öffnen.</translation>
    </message>
    <message>
        <source>1. Wet the reed and bind it tighter.
2. Suck with the end closed: suction must hold for a moment.
3. Bend the reed towards the lay over gentle heat.
Last resort: flatten the lay on abrasive on a flat plate.</source>
        <translation>1. Das Blatt anfeuchten und fester binden.
2. Bei geschlossenem Ende saugen: Der Sog muss einen Augenblick halten.
3. Das Blatt über sanfter Wärme zur Bahn hin biegen.
Letztes Mittel: die Bahn auf Schleifpapier auf einer ebenen Platte abrichten.</translation>
    </message>
    <message>
        <source>Sounds only deep in the mouth</source>
        <translation>Klingt nur tief im Mund</translation>
    </message>
    <message>
        <source>1. Move the band towards the tip: the pitch rises, and less of the reed swings.
2. Fit a thinner or shorter reed.
Last resort: cut the lay shorter.</source>
        <translation>1. Das Band zur Spitze schieben: Der Ton steigt, und weniger vom Blatt schwingt.
2. Ein dünneres oder kürzeres Blatt aufsetzen.
Letztes Mittel: die Bahn kürzer schneiden.</translation>
    </message>
    <message>
        <source>Socket depth</source>
        <translation>Tiefe der Aufnahme</translation>
    </message>
    <message>
        <source>Lay cut into the tube</source>
        <translation>Bahn im Rohr</translation>
    </message>
    <message>
        <source>Angle of the lay</source>
        <translation>Winkel der Bahn</translation>
    </message>
    <message>
        <source> °</source>
        <translation> °</translation>
    </message>
    <message>
        <source>at</source>
        <translation>bei</translation>
    </message>
    <message>
        <source>none</source>
        <comment>lay</comment>
        <translation>keine</translation>
    </message>
    <message>
        <source>1. Blow more softly and check for a leaking hole.
2. Draw the block back slightly.
3. Open the windway exit by removing the tape.
Last resort: lengthen the window by a hair at a time. This cannot be undone.</source>
        <translation>1. Sanfter blasen und nach einem undichten Loch suchen.
2. Den Block ein wenig zurückziehen.
3. Den Ausgang des Windkanals öffnen: den Klebestreifen entfernen.
Letztes Mittel: das Fenster jeweils um eine Haaresbreite verlängern. Das lässt sich nicht rückgängig machen.</translation>
    </message>
    <message>
        <source>1. Chamfer the windway exit lightly with fine paper, top and bottom alike.
2. Draw the block back slightly.
Last resort: lengthen the window by a hair.</source>
        <translation>1. Den Ausgang des Windkanals mit feinem Papier oben und unten gleich fasen.
2. Den Block ein wenig zurückziehen.
Letztes Mittel: das Fenster um eine Haaresbreite verlängern.</translation>
    </message>
    <message>
        <source>%1 more</source>
        <comment>0.1 mm</comment>
        <translation>%1 mehr</translation>
    </message>
    <message>
        <source>Effect of %1 on the lowest note, in cents. Double-click a size to change it.</source>
        <comment>0.1 mm</comment>
        <translation>Wirkung von %1 auf den tiefsten Ton, in Cent. Zum Ändern auf ein Maß doppelklicken.</translation>
    </message>
    <message>
        <source>%1 more: %2 cents in the first register, %3 in the second; %4</source>
        <comment>0.1 mm, cents, cents, sound</comment>
        <translation>%1 mehr: %2 Cent im ersten Register, %3 im zweiten; %4</translation>
    </message>
    <message>
        <source>soft breath (%1 Pa)</source>
        <translation>leichtem Atem (%1 Pa)</translation>
    </message>
    <message>
        <source>middling breath (%1 Pa)</source>
        <translation>mittlerem Atem (%1 Pa)</translation>
    </message>
    <message>
        <source>hard breath (%1 Pa)</source>
        <translation>kräftigem Atem (%1 Pa)</translation>
    </message>
    <message>
        <source>%1 speaks best on %2 and overblows above %3 Pa; %4 needs %5. %6</source>
        <comment>note, breath, pressure, note, breath, unit</comment>
        <translation>%1 spricht am besten mit %2 und überbläst über %3 Pa; %4 geht mit %5. %6</translation>
    </message>
    <message>
        <source>An inch of water is 250 Pa.</source>
        <translation>Ein Zoll Wassersäule sind 250 Pa.</translation>
    </message>
    <message>
        <source>A millimetre of water is 10 Pa.</source>
        <translation>Ein Millimeter Wassersäule sind 10 Pa.</translation>
    </message>
</context>
<context>
    <name>dowel::app::EdgePicture</name>
    <message>
        <source>The sounding edge, enlarged</source>
        <translation>Die Anblaskante, vergrößert</translation>
    </message>
    <message>
        <source>window length</source>
        <translation>Aufschnitt</translation>
    </message>
    <message>
        <source>window width</source>
        <translation>Fensterbreite</translation>
    </message>
    <message>
        <source>wall at window</source>
        <translation>Wand am Fenster</translation>
    </message>
    <message>
        <source>bore above window</source>
        <translation>Bohrung über dem Fenster</translation>
    </message>
    <message>
        <source>hole length</source>
        <translation>Länge des Mundlochs</translation>
    </message>
    <message>
        <source>hole width</source>
        <translation>Breite des Mundlochs</translation>
    </message>
    <message>
        <source>wall (chimney)</source>
        <translation>Wand (Kaminhöhe)</translation>
    </message>
    <message>
        <source>stopper distance</source>
        <translation>Abstand des Stopfens</translation>
    </message>
    <message>
        <source>mouthpiece volume</source>
        <translation>Volumen des Mundstücks</translation>
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
        <source>scale %1 : 1; drag a square or use the arrow keys</source>
        <translation>Maßstab %1 : 1; ein Quadrat ziehen oder die Pfeiltasten benutzen</translation>
    </message>
    <message>
        <source>windway height</source>
        <translation>Höhe des Windkanals</translation>
    </message>
    <message>
        <source>exit chamfer</source>
        <translation>Fase am Ausgang</translation>
    </message>
    <message>
        <source>undercut</source>
        <translation>Unterschneidung</translation>
    </message>
    <message>
        <source>ear height</source>
        <translation>Höhe der Wangen</translation>
    </message>
</context>
<context>
    <name>dowel::app::EmptyShop</name>
    <message>
        <source>No instruments yet. Choose how to begin:</source>
        <translation>Noch keine Instrumente. Wie soll es beginnen?</translation>
    </message>
    <message>
        <source>Start from stock</source>
        <translation>Mit einem Rohr beginnen</translation>
    </message>
    <message>
        <source>A bare tube, board or cane. Dowel finds the keys that suit it and lays out the holes.</source>
        <translation>Ein rohes Rohr, eine Kantel oder Bambus. Dowel findet die passenden Tonarten und berechnet die Löcher.</translation>
    </message>
    <message>
        <source>Correct an existing instrument</source>
        <translation>Ein Instrument nacharbeiten</translation>
    </message>
    <message>
        <source>Type its bore and holes, play it, and Dowel names the cuts that bring it in tune.</source>
        <translation>Bohrung und Löcher eingeben, spielen, und Dowel nennt die Schnitte, die es stimmen.</translation>
    </message>
    <message>
        <source>Practise without wood</source>
        <translation>Ohne Holz üben</translation>
    </message>
    <message>
        <source>A simulated player blows a simulated tube that is drilled slightly too small.</source>
        <translation>Ein simulierter Spieler spielt ein simuliertes Rohr, das etwas zu klein gebohrt ist.</translation>
    </message>
</context>
<context>
    <name>dowel::app::FarView</name>
    <message>
        <source>Across the room</source>
        <translation>Quer durch den Raum</translation>
    </message>
    <message>
        <source>Fingering to play, large</source>
        <translation>Zu spielender Griff, groß</translation>
    </message>
    <message>
        <source>first register</source>
        <translation>erstes Register</translation>
    </message>
    <message>
        <source>second register</source>
        <translation>zweites Register</translation>
    </message>
    <message>
        <source>third register</source>
        <translation>drittes Register</translation>
    </message>
</context>
<context>
    <name>dowel::app::FingeringCard</name>
    <message>
        <source>Fingering to play</source>
        <translation>Zu spielender Griff</translation>
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
        <source>Edit fingering</source>
        <translation>Griff bearbeiten</translation>
    </message>
    <message>
        <source>first register</source>
        <translation>erstes Register</translation>
    </message>
    <message>
        <source>second register: blow harder</source>
        <translation>zweites Register: stärker blasen</translation>
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
        <source>closed holes, from foot</source>
        <translation>geschlossene Löcher, vom Fuß</translation>
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
        <source>± spread</source>
        <translation>± Streuung</translation>
    </message>
    <message>
        <source>response</source>
        <translation>Ansprache</translation>
    </message>
    <message>
        <source>finger changes</source>
        <translation>Fingerwechsel</translation>
    </message>
    <message>
        <source>&amp;Replace</source>
        <translation>&amp;Ersetzen</translation>
    </message>
    <message>
        <source>&amp;Add as alternative</source>
        <translation>Als &amp;Hilfsgriff hinzufügen</translation>
    </message>
    <message>
        <source>Fingerings for %1</source>
        <translation>Griffe für %1</translation>
    </message>
    <message>
        <source>Trying every fingering…</source>
        <translation>Alle Griffe werden durchgerechnet…</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>No fingering comes within 40 cents of this note.</source>
        <translation>Kein Griff kommt diesem Ton auf 40 Cent nahe.</translation>
    </message>
    <message>
        <source>Calculated for the layout; test a fingering before you rely on it. Finger changes count from the neighbouring notes of the chart.</source>
        <translation>Für den Lochplan berechnet; jeden Griff vor der Verwendung ausprobieren. Fingerwechsel zählen zu den Nachbartönen der Grifftabelle.</translation>
    </message>
</context>
<context>
    <name>dowel::app::FinishPage</name>
    <message>
        <source>Recipe</source>
        <translation>Rezept</translation>
    </message>
    <message>
        <source>&amp;Start this schedule</source>
        <translation>Plan &amp;beginnen</translation>
    </message>
    <message>
        <source>Steps of the finish</source>
        <translation>Schritte der Oberfläche</translation>
    </message>
    <message>
        <source>step</source>
        <translation>Schritt</translation>
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
        <source>Done</source>
        <translation>Fertig</translation>
    </message>
    <message>
        <source>weight (g)</source>
        <translation>Gewicht (g)</translation>
    </message>
    <message>
        <source>Pitch shift</source>
        <translation>Tonhöhenänderung</translation>
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
        <source>shift</source>
        <translation>Änderung</translation>
    </message>
    <message>
        <source>First day</source>
        <translation>Erster Tag</translation>
    </message>
    <message>
        <source>&amp;Add step…</source>
        <translation>&amp;Schritt hinzufügen …</translation>
    </message>
    <message>
        <source>&amp;Remove</source>
        <translation>Ent&amp;fernen</translation>
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
        <source>&amp;Save as recipe…</source>
        <translation>Als &amp;Rezept speichern …</translation>
    </message>
    <message>
        <source>&amp;Measure again…</source>
        <translation>Neu &amp;messen…</translation>
    </message>
    <message>
        <source>&amp;Passport…</source>
        <translation>&amp;Pass…</translation>
    </message>
    <message>
        <source>&amp;Restart with this recipe</source>
        <translation>Mit diesem Rezept neu &amp;beginnen</translation>
    </message>
    <message>
        <source>Once every note is in tune, choose a finish and its first day. Each step gets its days; a late step moves the following ones.</source>
        <translation>Ist jeder Ton gestimmt, eine Oberfläche und ihren ersten Tag wählen. Jeder Schritt bekommt seine Tage; ein verspäteter Schritt verschiebt die folgenden.</translation>
    </message>
    <message>
        <source>Next, from %1: %2.</source>
        <comment>day, work</comment>
        <translation>Nächster Schritt ab %1: %2.</translation>
    </message>
    <message>
        <source>All steps are done. Play the instrument in and write its passport.</source>
        <translation>Alle Schritte sind fertig. Das Instrument einspielen und den Pass schreiben.</translation>
    </message>
    <message>
        <source>Instructions for the selected step appear here. Your shop&apos;s rules and qualified practice come first.</source>
        <translation>Hinweise zum gewählten Schritt stehen hier. Die Regeln der Werkstatt und fachkundige Praxis gehen vor.</translation>
    </message>
    <message>
        <source>Record every note before and after oiling. The shift then appears here, and the next instrument can be tuned to allow for it.</source>
        <translation>Jeden Ton vor und nach dem Ölen messen. Dann steht die Änderung hier, und das nächste Instrument lässt sich mit einer Zugabe dafür stimmen.</translation>
    </message>
    <message>
        <source>This is the first instrument heard before and after this finish; the shop remembers its shift.</source>
        <translation>Das erste Instrument, das vor und nach dieser Oberfläche gemessen wurde; die Werkstatt merkt sich die Änderung.</translation>
    </message>
    <message>
        <source>No notes were heard before and after this finish yet. Play every note before the first step and after the last.</source>
        <translation>Vor und nach dieser Oberfläche ist noch nichts gemessen. Jeden Ton vor dem ersten und nach dem letzten Schritt spielen.</translation>
    </message>
    <message numerus="yes">
        <source>This finish shifted %n other instrument(s) of the shop by %1 to %2 cents.</source>
        <translation>
            <numerusform>Diese Oberfläche hat %n anderes Instrument der Werkstatt um %1 bis %2 Cent verschoben.</numerusform>
            <numerusform>Diese Oberfläche hat %n andere Instrumente der Werkstatt um %1 bis %2 Cent verschoben.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 No allowance needed.</source>
        <comment>sentence</comment>
        <translation>%1 Keine Zugabe nötig.</translation>
    </message>
    <message>
        <source>%1 Tune %2 cents flat to allow for this.</source>
        <comment>sentence, cents</comment>
        <translation>%1 Als Zugabe %2 Cent tiefer stimmen.</translation>
    </message>
    <message>
        <source>%1 Tune %2 cents sharp to allow for this.</source>
        <comment>sentence, cents</comment>
        <translation>%1 Als Zugabe %2 Cent höher stimmen.</translation>
    </message>
    <message>
        <source>%1 is not a date; type dates as 2026-05-12.</source>
        <comment>what was typed</comment>
        <translation>%1 ist kein Datum; Daten so eingeben: 2026-05-12.</translation>
    </message>
    <message>
        <source>Own step</source>
        <translation>Eigener Schritt</translation>
    </message>
    <message>
        <source>Description:</source>
        <translation>Beschreibung:</translation>
    </message>
    <message>
        <source>Save recipe</source>
        <translation>Rezept speichern</translation>
    </message>
    <message>
        <source>Name:</source>
        <translation>Name:</translation>
    </message>
    <message>
        <source>Calendar</source>
        <translation>Kalender</translation>
    </message>
    <message>
        <source>Saved %1.</source>
        <translation>Gespeichert: %1.</translation>
    </message>
    <message>
        <source>humidity (%)</source>
        <translation>Luftfeuchte (%)</translation>
    </message>
    <message>
        <source>Remove allo&amp;wance: %1 cents</source>
        <translation>Zu&amp;gabe entfernen: %1 Cent</translation>
    </message>
    <message>
        <source>Allo&amp;w for finish: tune %1 cents flat</source>
        <translation>Zu&amp;gabe für die Oberfläche: %1 Cent tiefer stimmen</translation>
    </message>
    <message>
        <source>Allo&amp;w for finish: tune %1 cents sharp</source>
        <translation>Zu&amp;gabe für die Oberfläche: %1 Cent höher stimmen</translation>
    </message>
    <message>
        <source>Shifts the target, A4 included, until the finish is on. The change is logged, and advice follows it.</source>
        <translation>Verschiebt das Ziel samt A4, bis die Oberfläche aufgetragen ist. Die Änderung wird eingetragen, und der Rat folgt ihr.</translation>
    </message>
    <message>
        <source>Allo&amp;w for finish</source>
        <translation>Zu&amp;gabe für die Oberfläche</translation>
    </message>
    <message>
        <source>Export cale&amp;ndar…</source>
        <translation>Kale&amp;nder …</translation>
    </message>
</context>
<context>
    <name>dowel::app::FirstSteps</name>
    <message>
        <source>Every note is heard. Go to Correct (Ctrl+7).</source>
        <translation>Jeder Ton ist gemessen. Weiter zu Nacharbeiten (Strg+7).</translation>
    </message>
    <message>
        <source>Listen (Ctrl+6): play the notes that the cut moved. Space plays the next one.</source>
        <translation>Hören (Strg+6): die Töne spielen, die der Schnitt verschoben hat. Die Leertaste spielt den nächsten.</translation>
    </message>
    <message>
        <source>Listen (Ctrl+6): Space plays the requested note. All notes are flat, as intended.</source>
        <translation>Hören (Strg+6): Die Leertaste spielt den verlangten Ton. Alle Töne sind absichtlich zu tief.</translation>
    </message>
    <message>
        <source>Correct (Ctrl+7): shows the next cut. Try it shows the effect of any cut.</source>
        <translation>Nacharbeiten (Strg+7): zeigt den nächsten Schnitt. Probieren zeigt die Wirkung jedes Schnitts.</translation>
    </message>
    <message>
        <source>Correct (Ctrl+7): the card shows one cut. Enter makes and logs the cut.</source>
        <translation>Nacharbeiten (Strg+7): Die Karte zeigt einen Schnitt. Eingabe macht ihn und trägt ihn ein.</translation>
    </message>
    <message>
        <source>The readings are inconsistent: see the card on Correct.</source>
        <translation>Die Messungen widersprechen sich: siehe die Karte unter Nacharbeiten.</translation>
    </message>
    <message>
        <source>Done. Start your own instrument in the shop (Ctrl+0).</source>
        <translation>Fertig. In der Werkstatt (Strg+0) ein eigenes Instrument beginnen.</translation>
    </message>
    <message>
        <source>Hide</source>
        <translation>Ausblenden</translation>
    </message>
    <message>
        <source>First steps</source>
        <translation>Erste Schritte</translation>
    </message>
    <message>
        <source>Hide the first steps</source>
        <translation>Erste Schritte ausblenden</translation>
    </message>
</context>
<context>
    <name>dowel::app::Guide</name>
    <message>
        <source>How to work with Dowel</source>
        <translation>Mit Dowel arbeiten</translation>
    </message>
    <message>
        <source>Search the guide</source>
        <translation>Anleitung durchsuchen</translation>
    </message>
    <message>
        <source>Search</source>
        <translation>Suchen</translation>
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
        <source>&lt;p&gt;The guide has nothing on that.&lt;/p&gt;</source>
        <translation>&lt;p&gt;Davon spricht die Anleitung nicht.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>Words of the trade</source>
        <translation>Wörter des Handwerks</translation>
    </message>
    <message>
        <source>windway</source>
        <translation>Windkanal</translation>
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
        <source>lip slope</source>
        <translation>Schräge des Labiums</translation>
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
        <translation>Unterschneidung</translation>
    </message>
    <message>
        <source>wall (chimney)</source>
        <translation>Wand (Kaminhöhe)</translation>
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
        <source>countersink</source>
        <translation>Senkung</translation>
    </message>
    <message>
        <source>outside</source>
        <translation>außen</translation>
    </message>
</context>
<context>
    <name>dowel::app::KeysPicture</name>
    <message>
        <source>Lowest notes for this tube</source>
        <translation>Tiefste Töne für dieses Rohr</translation>
    </message>
    <message>
        <source>too narrow for its length: low notes break</source>
        <translation>zu eng für seine Länge: die tiefen Töne kippen</translation>
    </message>
    <message>
        <source>too wide for its length: the upper register is hard to reach</source>
        <translation>zu weit für seine Länge: das obere Register kommt schwer</translation>
    </message>
    <message>
        <source>%1: good, cut to about %2</source>
        <comment>note, length</comment>
        <translation>%1: gut, auf etwa %2 gekürzt</translation>
    </message>
    <message>
        <source>%1: poor, about %2 long, %3</source>
        <comment>note, length, why</comment>
        <translation>%1: mäßig, etwa %2 lang, %3</translation>
    </message>
    <message>
        <source>%1: unsuitable, about %2 long, %3</source>
        <comment>note, length, why</comment>
        <translation>%1: ungeeignet, etwa %2 lang, %3</translation>
    </message>
</context>
<context>
    <name>dowel::app::LayoutPage</name>
    <message>
        <source>finger reach</source>
        <translation>die Griffweite</translation>
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
        <source>one hole size</source>
        <translation>eine Lochgröße für alle</translation>
    </message>
    <message>
        <source>drawer bits only</source>
        <translation>nur Bohrer der Schublade</translation>
    </message>
    <message>
        <source>even timbre</source>
        <translation>gleichmäßiger Klang</translation>
    </message>
    <message>
        <source>the tube&apos;s length</source>
        <translation>die Rohrlänge</translation>
    </message>
    <message>
        <source>moving the stopper %1 towards the embouchure hole</source>
        <translation>den Stopfen um %1 zum Mundloch schieben</translation>
    </message>
    <message>
        <source>moving the stopper %1 away from the embouchure hole</source>
        <translation>den Stopfen um %1 vom Mundloch weg schieben</translation>
    </message>
    <message>
        <source>a head narrower by %1 at the stopper</source>
        <translation>ein am Stopfen um %1 engerer Kopf</translation>
    </message>
    <message>
        <source>a bore narrower by %1 at the foot</source>
        <translation>eine am Fuß um %1 engere Bohrung</translation>
    </message>
    <message>
        <source>a bore wider by %1 at the foot</source>
        <translation>eine am Fuß um %1 weitere Bohrung</translation>
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
        <source>%1: %2 of %3, largest deviation %4 cents.</source>
        <translation>%1: %2 von %3, größte Abweichung %4 Cent.</translation>
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
        <source>Tuning allowance: holes</source>
        <translation>Zugabe zum Stimmen: Löcher</translation>
    </message>
    <message>
        <source>Tuning allowance: foot</source>
        <translation>Zugabe zum Stimmen: Fuß</translation>
    </message>
    <message>
        <source>Extra allowance for uncertain notes</source>
        <translation>Mehr Zugabe für unsichere Töne</translation>
    </message>
    <message>
        <source>One hole size</source>
        <translation>Eine Lochgröße</translation>
    </message>
    <message>
        <source>Drawer bits only</source>
        <translation>Nur Bohrer der Schublade</translation>
    </message>
    <message>
        <source>Even timbre</source>
        <translation>Gleichmäßiger Klang</translation>
    </message>
    <message>
        <source>Allow undercutting</source>
        <translation>Unterschneiden erlauben</translation>
    </message>
    <message>
        <source>Keep the tube length</source>
        <translation>Rohrlänge behalten</translation>
    </message>
    <message>
        <source>&amp;Lay out the holes</source>
        <translation>&amp;Löcher berechnen</translation>
    </message>
    <message>
        <source>Cop&amp;y an instrument…</source>
        <translation>Instrument kop&amp;ieren …</translation>
    </message>
    <message>
        <source>Holes</source>
        <translation>Löcher</translation>
    </message>
    <message>
        <source>from the foot</source>
        <translation>vom Fuß</translation>
    </message>
    <message>
        <source>drill to</source>
        <translation>bohren auf</translation>
    </message>
    <message>
        <source>final</source>
        <translation>fertig</translation>
    </message>
    <message>
        <source>spacing</source>
        <translation>Abstand</translation>
    </message>
    <message>
        <source>offset</source>
        <translation>Versatz</translation>
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
        <source>No formula knows your embouchure and breath. Holes start smaller, and the foot longer, by as much as their notes may come out sharper than forecast. The shop memory of your other instruments reduces this allowance.</source>
        <translation>Keine Formel kennt Ansatz und Atem. Die Löcher beginnen um so viel kleiner und der Fuß um so viel länger, wie ihre Töne höher als vorhergesagt ausfallen können. Das Werkstattgedächtnis früherer Instrumente verringert diese Zugabe.</translation>
    </message>
    <message>
        <source>Offset round the tube, positive to the player&apos;s right. Double-click to change it.</source>
        <translation>Versatz um das Rohr, positiv zur rechten Hand des Spielers. Zum Ändern doppelt anklicken.</translation>
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
        <source>Tuning allowance, holes</source>
        <translation>Zugabe zum Stimmen, Löcher</translation>
    </message>
    <message>
        <source>foot</source>
        <translation>Fuß</translation>
    </message>
    <message>
        <source>Calculating…</source>
        <translation>Wird berechnet…</translation>
    </message>
    <message>
        <source>Nothing is laid out yet. Lay out the holes to calculate positions and diameters for the target on this bore.</source>
        <translation>Noch nichts berechnet. Löcher berechnen ergibt Positionen und Durchmesser für das Ziel auf dieser Bohrung.</translation>
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
        <source>%1 of %2 notes within tolerance by calculation, largest deviation %3 cents. A real tube differs by some tens of cents, so holes start undersized.</source>
        <translation>%1 von %2 Tönen nach der Rechnung in der Toleranz, größte Abweichung %3 Cent. Ein wirkliches Rohr weicht um einige zehn Cent ab; darum beginnen die Löcher zu klein.</translation>
    </message>
    <message>
        <source>Based on the shop memory of your earlier instruments (menu Workbook, Shop memory).</source>
        <translation>Grundlage ist das Werkstattgedächtnis früherer Instrumente (Menü Werkbuch, Werkstattgedächtnis).</translation>
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
        <source>Without %1 the largest deviation would be %2 cents.</source>
        <translation>Ohne %1 wäre die größte Abweichung %2 Cent.</translation>
    </message>
    <message>
        <source>Drag a hole or the foot on the workpiece and watch the notes.</source>
        <translation>Ein Loch oder den Fuß am Werkstück ziehen und die Töne beobachten.</translation>
    </message>
    <message>
        <source>%1, undercut %2</source>
        <translation>%1, unterschnitten auf %2</translation>
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
        <source>The layout is based on a measured instrument with its lowest note at %1 Hz.</source>
        <translation>Der Lochplan geht von einem gemessenen Instrument aus, tiefster Ton %1 Hz.</translation>
    </message>
    <message>
        <source>Edit measures…</source>
        <translation>Maße bearbeiten…</translation>
    </message>
    <message>
        <source>Remove the model</source>
        <translation>Vorbild entfernen</translation>
    </message>
    <message>
        <source>Keep the model</source>
        <translation>Vorbild behalten</translation>
    </message>
    <message>
        <source>this spacing</source>
        <translation>dieser Lochabstand</translation>
    </message>
    <message>
        <source>Hole spacing within a hand</source>
        <translation>Lochabstand innerhalb einer Hand</translation>
    </message>
    <message>
        <source>Fixed spacing</source>
        <translation>Fester Abstand</translation>
    </message>
    <message>
        <source>&amp;What if…</source>
        <translation>&amp;Was wäre, wenn …</translation>
    </message>
    <message>
        <source>free</source>
        <translation>frei</translation>
    </message>
    <message>
        <source>even</source>
        <translation>gleichmäßig</translation>
    </message>
    <message>
        <source>fixed</source>
        <translation>fest</translation>
    </message>
    <message>
        <source>Distance between the middles of neighbouring holes of one hand, for example a thumb&apos;s width. The picture shows the cost for each note.</source>
        <translation>Abstand der Mitten benachbarter Löcher einer Hand, zum Beispiel eine Daumenbreite. Das Bild zeigt, was das jeden Ton kostet.</translation>
    </message>
    <message>
        <source>A bell, grooves, a rougher bore, another mouthpiece: every note before and after.</source>
        <translation>Becher, Griffmulden, rauere Bohrung, anderes Mundstück: jeder Ton vorher und nachher.</translation>
    </message>
    <message>
        <source>Spacing</source>
        <translation>Abstand</translation>
    </message>
    <message>
        <source>Nearest spacing with every note within tolerance: %1.</source>
        <translation>Nächster Abstand mit jedem Ton in der Toleranz: %1.</translation>
    </message>
    <message>
        <source>Finger reach</source>
        <translation>Griffweite</translation>
    </message>
    <message>
        <source>Cutting to length takes the last %1 off the foot, where the bore goes from %2 to %3. To keep that shape, choose a lower note.</source>
        <comment>length, bore, bore</comment>
        <translation>Beim Ablängen fallen die letzten %1 am Fuß weg, wo die Bohrung von %2 auf %3 geht. Soll diese Form bleiben, einen tieferen Grundton wählen.</translation>
    </message>
    <message>
        <source>Apply</source>
        <translation>Übernehmen</translation>
    </message>
    <message>
        <source>The joint at %1 would meet a hole, so it was moved to %2.</source>
        <comment>place, place</comment>
        <translation>Die Verbindung bei %1 träfe ein Loch und wurde nach %2 verschoben.</translation>
    </message>
    <message>
        <source>Worth buying: a %1 bit would bring %2 of %3 notes within tolerance instead of %4.</source>
        <comment>marking, notes, of, notes</comment>
        <translation>Den Kauf wert: Ein Bohrer %1 brächte %2 von %3 Tönen in die Toleranz statt %4.</translation>
    </message>
    <message>
        <source>Tick: at the back, for the thumb.</source>
        <translation>Ankreuzen: hinten, für den Daumen.</translation>
    </message>
    <message>
        <source>hole (✓ back)</source>
        <translation>✓ hinten</translation>
    </message>
    <message>
        <source>The bore, measured with a plug gauge, would tell most:</source>
        <translation>Am meisten sagen würde die Bohrung, mit einem Lehrdorn gemessen:</translation>
    </message>
    <message>
        <source>The wall under each finger, measured with calipers, would tell most:</source>
        <translation>Am meisten sagen würde die Wand unter jedem Finger, mit dem Messschieber gemessen:</translation>
    </message>
    <message>
        <source>The holes, measured with calipers once drilled, would tell most:</source>
        <translation>Am meisten sagen würden die Löcher, nach dem Bohren mit dem Messschieber gemessen:</translation>
    </message>
    <message>
        <source>The places of the holes, measured once drilled, would tell most:</source>
        <translation>Am meisten sagen würden die Positionen der Löcher, nach dem Bohren gemessen:</translation>
    </message>
    <message>
        <source>The length, measured once sawn, would tell most:</source>
        <translation>Am meisten sagen würde die Länge, nach dem Sägen gemessen:</translation>
    </message>
    <message>
        <source>The mouthpiece, filled with water from a syringe, would tell most:</source>
        <translation>Am meisten sagen würde das Mundstück, mit Wasser aus einer Spritze gefüllt:</translation>
    </message>
    <message>
        <source>The tube blown before any hole is drilled (Blank, Pitch without holes) would tell most:</source>
        <translation>Am meisten sagen würde das Rohr, vor dem ersten Loch angeblasen (Rohling, Ton ohne Löcher):</translation>
    </message>
    <message>
        <source>%1 would then be sure within %2 cents instead of %3.</source>
        <comment>note, cents, cents</comment>
        <translation>%1 wäre dann auf %2 Cent sicher statt auf %3.</translation>
    </message>
    <message>
        <source>bore %1, wall %2, lowest note %3</source>
        <comment>length, length, note</comment>
        <translation>Bohrung %1, Wand %2, tiefster Ton %3</translation>
    </message>
    <message>
        <source>Model: %1; here: %2. Its marks move with that, %3 most: by %4, counted %5.</source>
        <comment>measures, hole, length, from the foot</comment>
        <translation>Vorbild: %1; hier: %2. Damit verschieben sich seine Marken, am meisten %3: um %4, gezählt %5.</translation>
    </message>
    <message>
        <source>moved</source>
        <translation>verschoben</translation>
    </message>
    <message>
        <source>Model: %1, %2 wide</source>
        <comment>a place and a size</comment>
        <translation>Vorbild: %1, %2 weit</translation>
    </message>
</context>
<context>
    <name>dowel::app::LikeDialog</name>
    <message>
        <source>Make another</source>
        <translation>Weiteres davon</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Lowest notes to make</source>
        <translation>Tiefste Töne der neuen Instrumente</translation>
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
        <source>Start</source>
        <translation>Beginnen</translation>
    </message>
    <message>
        <source>%1 (the model)</source>
        <translation>%1 (das Vorbild)</translation>
    </message>
    <message>
        <source>Type a name first.</source>
        <translation>Zuerst einen Namen eingeben.</translation>
    </message>
    <message>
        <source>Tick one or more lowest notes.</source>
        <translation>Einen oder mehrere tiefste Töne ankreuzen.</translation>
    </message>
    <message>
        <source>Exponent for bore and sounding edge</source>
        <translation>Exponent für Bohrung und Anblaskante</translation>
    </message>
    <message>
        <source>Sides, fingers, undercuts, stations, wall, wishes and fingerings are kept; the holes are laid out again, no wider than the fingers cover. Exponent 0: the same bore for all sizes; 1: in proportion; 0.75: usual for families of sizes. Each ticked note gets its own workbook.</source>
        <translation>Seiten, Finger, Unterschneidungen, Stationen, Wand, Wünsche und Griffe bleiben; die Löcher werden neu berechnet, nicht weiter, als die Finger decken. Exponent 0: gleiche Bohrung für alle Größen; 1: im Verhältnis; 0,75: üblich für Größenfamilien. Jeder angekreuzte Ton bekommt ein eigenes Werkbuch.</translation>
    </message>
    <message>
        <source>&amp;Bore scales with length to the power</source>
        <translation>&amp;Bohrung wächst mit der Länge hoch</translation>
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
        <source>Sound source</source>
        <translation>Tonquelle</translation>
    </message>
    <message>
        <source>Order</source>
        <translation>Reihenfolge</translation>
    </message>
    <message>
        <source>Play (Space)</source>
        <translation>Spielen (Leer)</translation>
    </message>
    <message>
        <source>The simulated player plays the requested fingering</source>
        <translation>Der simulierte Spieler spielt den verlangten Griff</translation>
    </message>
    <message>
        <source>Undo (⌫)</source>
        <translation>Zurück (⌫)</translation>
    </message>
    <message>
        <source>Undo the newest reading of this fingering; the recording stays in the logbook</source>
        <translation>Die neueste Messung dieses Griffs rückgängig machen; die Aufnahme bleibt im Logbuch</translation>
    </message>
    <message>
        <source>Next (↵)</source>
        <translation>Weiter (↵)</translation>
    </message>
    <message>
        <source>Go to the next fingering to play</source>
        <translation>Zum nächsten zu spielenden Griff</translation>
    </message>
    <message>
        <source>From a file…</source>
        <translation>Aus Datei…</translation>
    </message>
    <message>
        <source>Read this fingering from a recording; you can also drop files or folders on the window</source>
        <translation>Diesen Griff aus einer Aufnahme lesen; Dateien oder Ordner lassen sich auch auf das Fenster ziehen</translation>
    </message>
    <message>
        <source>Hands-free (H)</source>
        <translation>Freihändig (H)</translation>
    </message>
    <message>
        <source>Takes a note held steady for a second, then requests the next one</source>
        <translation>Übernimmt einen Ton, der eine Sekunde ruhig steht, und verlangt den nächsten</translation>
    </message>
    <message>
        <source>Save the sound as a reading of the fingering it matches</source>
        <translation>Den Ton als Messung des Griffs speichern, zu dem er passt</translation>
    </message>
    <message>
        <source>Save as the matching note</source>
        <translation>Als passenden Ton speichern</translation>
    </message>
    <message>
        <source>as advised</source>
        <translation>wie geraten</translation>
    </message>
    <message>
        <source>foot upwards</source>
        <translation>vom Fuß aufwärts</translation>
    </message>
    <message>
        <source>not heard since last cut</source>
        <translation>seit Schnitt nicht gemessen</translation>
    </message>
    <message>
        <source>&amp;Room</source>
        <translation>&amp;Raum</translation>
    </message>
    <message>
        <source>Readings so far</source>
        <translation>Bisherige Messungen</translation>
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
        <source>No loudspeaker found to play %1 Hz.</source>
        <translation>Kein Lautsprecher gefunden, um %1 Hz zu spielen.</translation>
    </message>
    <message>
        <source>The room is loud (%1 dB); readings will be less certain.</source>
        <translation>Der Raum ist laut (%1 dB); Messungen werden unsicherer.</translation>
    </message>
    <message>
        <source>Mains hum at %1 Hz: switch off the source or move the microphone.</source>
        <translation>Netzbrummen bei %1 Hz: die Quelle abschalten oder das Mikrofon versetzen.</translation>
    </message>
    <message>
        <source>This instrument has no fingerings yet.</source>
        <translation>Dieses Instrument hat noch keine Griffe.</translation>
    </message>
    <message>
        <source>Listening…</source>
        <translation>Hört zu…</translation>
    </message>
    <message>
        <source>Every requested note is heard. Enter goes to the next cut; Space plays %1 again.</source>
        <translation>Jeder verlangte Griff ist gemessen. Eingabe geht zum nächsten Schnitt; Leertaste spielt %1 noch einmal.</translation>
    </message>
    <message>
        <source>Space: the simulated player plays %1. Remaining: %2.</source>
        <translation>Leertaste: Der simulierte Spieler spielt %1. Es fehlen: %2.</translation>
    </message>
    <message>
        <source>Read a recording of %1 from a file. Remaining: %2.</source>
        <translation>Eine Aufnahme von %1 aus einer Datei lesen. Es fehlen: %2.</translation>
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
        <source>Notes played twice on this shape moved by %1 cents within %2 minutes: the instrument or the room is still warming up. Wait until the pitch settles before fine cuts.</source>
        <translation>Zweimal gespielte Töne an dieser Form haben sich in %2 Minuten um %1 Cent bewegt: Instrument oder Raum erwärmen sich noch. Vor feinen Schnitten warten, bis die Tonhöhe steht.</translation>
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
        <source>&amp;Room (check)</source>
        <translation>&amp;Raum (prüfen)</translation>
    </message>
    <message>
        <source>Too loud for the microphone: step back or lower the gain.</source>
        <translation>Zu laut für das Mikrofon: zurücktreten oder leiser stellen.</translation>
    </message>
    <message>
        <source>Play %1. Remaining: %2.</source>
        <translation>%1 spielen. Es fehlen: %2.</translation>
    </message>
    <message>
        <source>Too noisy to hear a tone. Wait for quiet or move closer.</source>
        <translation>Zu viel Lärm, um einen Ton zu erkennen. Auf Ruhe warten oder näher kommen.</translation>
    </message>
    <message>
        <source>%1: hold the note…</source>
        <translation>%1: halten…</translation>
    </message>
    <message>
        <source>Taken. Stop playing.</source>
        <translation>Übernommen. Aufhören zu spielen.</translation>
    </message>
    <message>
        <source>Overblown: that was %1. Blow more gently for %2.</source>
        <translation>Überblasen: Das war %1. Für %2 sanfter blasen.</translation>
    </message>
    <message>
        <source>That was %1; play %2.</source>
        <translation>Das war %1; %2 spielen.</translation>
    </message>
    <message>
        <source>%1 Hz is not a note of this instrument; play %2.</source>
        <translation>%1 Hz ist kein Ton dieses Instruments; %2 spielen.</translation>
    </message>
    <message>
        <source>Save as %1  (K)</source>
        <translation>Als %1 speichern  (K)</translation>
    </message>
    <message>
        <source>Plays A4 for two seconds; the D key plays the requested note at its target pitch</source>
        <translation>Spielt zwei Sekunden lang A4; die Taste D spielt den verlangten Ton in Zielhöhe</translation>
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
    <message>
        <source>Type…</source>
        <translation>Eintippen…</translation>
    </message>
    <message>
        <source>Type the readings of another meter (Ctrl+T)</source>
        <translation>Die Messwerte eines anderen Stimmgeräts eintippen (Strg+T)</translation>
    </message>
    <message>
        <source>Room temperature</source>
        <translation>Raumtemperatur</translation>
    </message>
    <message>
        <source>%1 is not a room temperature. If you meant Fahrenheit, type %2, or choose Fahrenheit under View. The room stays at %3 until then.</source>
        <translation>%1 ist keine Raumtemperatur. Falls Fahrenheit gemeint war: %2 eingeben oder unter Ansicht Fahrenheit wählen. Der Raum bleibt bis dahin bei %3.</translation>
    </message>
    <message>
        <source>%1 is outside the range for tuning. The room stays at %2.</source>
        <translation>%1 liegt außerhalb dessen, wobei gestimmt wird. Der Raum bleibt bei %2.</translation>
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
        <source>Note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>Type a note and press Enter</source>
        <translation>Notiz eingeben und Eingabe drücken</translation>
    </message>
    <message>
        <source>set aside in the logbook</source>
        <translation>im Logbuch beiseitegelegt</translation>
    </message>
    <message>
        <source>Filter</source>
        <translation>Filter</translation>
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
        <source>Exceptions</source>
        <translation>Ausnahmen</translation>
    </message>
    <message>
        <source>Exceptions: cuts other than advised or without advice, sizes measured again, entries set aside.</source>
        <translation>Ausnahmen: Schnitte, die vom Rat abweichen oder ohne Rat getan wurden, neu gemessene Maße, beiseitegelegte Einträge.</translation>
    </message>
    <message>
        <source>Search the logbook</source>
        <translation>Im Logbuch suchen</translation>
    </message>
    <message>
        <source>Search a note, a hole or a date: 2026-05</source>
        <translation>Ton, Loch oder Datum suchen: 2026-05</translation>
    </message>
    <message>
        <source>Nothing is erased: a wrong entry is set aside, stays here and no longer counts. Double-click a reading to see its take, or a photograph to enlarge it.</source>
        <translation>Nichts wird gelöscht: Ein falscher Eintrag wird beiseitegelegt, bleibt hier und zählt nicht mehr. Doppelklick auf eine Messung zeigt ihre Aufnahme, auf ein Foto vergrößert es.</translation>
    </message>
    <message>
        <source>Add p&amp;hotograph…</source>
        <translation>F&amp;oto hinzufügen …</translation>
    </message>
    <message>
        <source>The workbook keeps a reduced copy without the camera&apos;s place and time. The note becomes its caption.</source>
        <translation>Das Werkbuch behält eine verkleinerte Kopie ohne Ort und Zeit der Kamera. Die Notiz wird zur Bildunterschrift.</translation>
    </message>
    <message>
        <source>Photographs</source>
        <translation>Fotos</translation>
    </message>
    <message>
        <source>Photograph for the logbook</source>
        <translation>Foto für das Logbuch</translation>
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
        <translation>&amp;Neu aus einer Spezifikation …</translation>
    </message>
    <message>
        <source>&amp;Open…</source>
        <translation>Ö&amp;ffnen…</translation>
    </message>
    <message>
        <source>Save a &amp;copy…</source>
        <translation>&amp;Kopie speichern …</translation>
    </message>
    <message>
        <source>Save a copy</source>
        <translation>Kopie speichern</translation>
    </message>
    <message>
        <source>Workbooks (*.dowel)</source>
        <translation>Werkbücher (*.dowel)</translation>
    </message>
    <message>
        <source>Export the record as &amp;JSON…</source>
        <translation>Aufzeichnung als &amp;JSON exportieren …</translation>
    </message>
    <message>
        <source>Export the &amp;specification…</source>
        <translation>&amp;Spezifikation exportieren …</translation>
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
        <translation>&amp;Lochplan</translation>
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
        <source>&amp;Inches</source>
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
        <translation>Mit Dowel ar&amp;beiten</translation>
    </message>
    <message>
        <source>Open a workbook</source>
        <translation>Ein Werkbuch öffnen</translation>
    </message>
    <message>
        <source>Specification of the instrument</source>
        <translation>Spezifikation des Instruments</translation>
    </message>
    <message>
        <source>Specifications (*.json)</source>
        <translation>Spezifikationen (*.json)</translation>
    </message>
    <message>
        <source>New workbook</source>
        <translation>Neues Werkbuch</translation>
    </message>
    <message>
        <source>Export</source>
        <translation>Exportieren</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
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
        <source>Open a workbook before dropping recordings.</source>
        <translation>Zuerst ein Werkbuch öffnen, dann Aufnahmen darauf ziehen.</translation>
    </message>
    <message>
        <source>&amp;Language</source>
        <translation>&amp;Sprache</translation>
    </message>
    <message>
        <source>&amp;Desktop language</source>
        <translation>Sprache des &amp;Schreibtischs</translation>
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
        <translation>Aufzeichnung als Ta&amp;belle exportieren …</translation>
    </message>
    <message>
        <source>Type rea&amp;dings…</source>
        <translation>Messungen ein&amp;tippen…</translation>
    </message>
    <message>
        <source>Log o&amp;wn work…</source>
        <translation>Ei&amp;gene Arbeit…</translation>
    </message>
    <message>
        <source>Edit tar&amp;get and tools…</source>
        <translation>Ziel und &amp;Werkzeug ändern …</translation>
    </message>
    <message>
        <source>Workbook folder</source>
        <translation>Ordner der Werkbücher</translation>
    </message>
    <message>
        <source>S&amp;hop</source>
        <translation>Zur &amp;Werkstatt</translation>
    </message>
    <message>
        <source>&amp;Recent</source>
        <translation>&amp;Zuletzt</translation>
    </message>
    <message>
        <source>&amp;Undo last entry</source>
        <translation>Letzten Eintrag &amp;rückgängig machen</translation>
    </message>
    <message>
        <source>The holes are being laid out…</source>
        <translation>Die Löcher werden berechnet…</translation>
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
        <source>Start over from these measures?</source>
        <translation>Von diesen Maßen neu beginnen?</translation>
    </message>
    <message>
        <source>Earlier readings and cuts stay in the logbook but no longer count; work continues from the measures you typed. To correct a single size, use Measure again.</source>
        <translation>Frühere Messungen und Schnitte bleiben im Logbuch, zählen aber nicht mehr; die Arbeit geht von den eingegebenen Maßen aus weiter. Um ein einzelnes Maß zu berichtigen, Noch einmal messen verwenden.</translation>
    </message>
    <message>
        <source>Start over</source>
        <translation>Neu beginnen</translation>
    </message>
    <message>
        <source>The last entry is a cut, and a cut cannot be undone. If the entry is wrong, set it aside in the logbook.</source>
        <translation>Der letzte Eintrag ist ein Schnitt, und ein Schnitt lässt sich nicht rückgängig machen. Ist der Eintrag falsch, im Logbuch beiseitelegen.</translation>
    </message>
    <message>
        <source>undone</source>
        <translation>rückgängig gemacht</translation>
    </message>
    <message>
        <source>Undone: %1</source>
        <translation>Rückgängig gemacht: %1</translation>
    </message>
    <message>
        <source>Nothing to undo.</source>
        <translation>Nichts rückgängig zu machen.</translation>
    </message>
    <message>
        <source>&amp;Redo</source>
        <translation>&amp;Wiederherstellen</translation>
    </message>
    <message>
        <source>Nothing to redo.</source>
        <translation>Nichts wiederherzustellen.</translation>
    </message>
    <message>
        <source>redone</source>
        <translation>wiederhergestellt</translation>
    </message>
    <message>
        <source>Redone: %1</source>
        <translation>Wiederhergestellt: %1</translation>
    </message>
    <message>
        <source>The model</source>
        <translation>Das Vorbild</translation>
    </message>
    <message>
        <source>Workbooks and specifications (*.dowel *.json)</source>
        <translation>Werkbücher und Spezifikationen (*.dowel *.json)</translation>
    </message>
    <message numerus="yes">
        <source>%n instrument(s) are being laid out…</source>
        <translation>
            <numerusform>%n Instrument wird ausgelegt…</numerusform>
            <numerusform>%n Instrumente werden ausgelegt…</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 in %2</source>
        <comment>name, lowest note</comment>
        <translation>%1 in %2</translation>
    </message>
    <message numerus="yes">
        <source>%n instrument(s) laid out, each in its own workbook.</source>
        <translation>
            <numerusform>%n Instrument ausgelegt, mit eigenem Werkbuch.</numerusform>
            <numerusform>%n Instrumente ausgelegt, jedes mit eigenem Werkbuch.</numerusform>
        </translation>
    </message>
    <message>
        <source>Earlier plan</source>
        <translation>Früherer Plan</translation>
    </message>
    <message>
        <source>The plan of an earlier version was converted to a workbook: %1.</source>
        <translation>Der Plan einer früheren Fassung wurde in ein Werkbuch umgewandelt: %1.</translation>
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
        <source>Te&amp;mplate as built…</source>
        <translation>&amp;Schablone im Ist-Zustand …</translation>
    </message>
    <message>
        <source>Template</source>
        <translation>Schablone</translation>
    </message>
    <message>
        <source>Saved %1.</source>
        <translation>Gespeichert: %1.</translation>
    </message>
    <message>
        <source>High &amp;contrast</source>
        <translation>Hoher &amp;Kontrast</translation>
    </message>
    <message>
        <source>&amp;Speak fingerings</source>
        <translation>Griffe an&amp;sagen</translation>
    </message>
    <message>
        <source>The desktop&apos;s voice reads out each requested fingering.</source>
        <translation>Die Stimme der Arbeitsumgebung sagt jeden verlangten Griff an.</translation>
    </message>
    <message>
        <source>&amp;Count in when hands-free</source>
        <translation>Ein&amp;zählen, freihändig</translation>
    </message>
    <message>
        <source>Gives three beats before each note; sound before the last beat is ignored.</source>
        <translation>Gibt vor jedem Ton drei Schläge; was vor dem letzten Schlag klingt, zählt nicht.</translation>
    </message>
    <message>
        <source>&amp;First steps</source>
        <translation>&amp;Erste Schritte</translation>
    </message>
    <message>
        <source>Saving the last take; the window closes afterwards.</source>
        <translation>Die letzte Aufnahme wird gesichert; danach schließt sich das Fenster.</translation>
    </message>
    <message>
        <source>Tool dra&amp;wer…</source>
        <translation>Wer&amp;kzeugschublade…</translation>
    </message>
    <message>
        <source>Type the bore here, the edge on Sounding edge, then the holes under Drill, As built.</source>
        <translation>Hier die Bohrung eingeben, die Kante unter Anblaskante, dann die Löcher unter Bohren, Ist-Maße.</translation>
    </message>
    <message>
        <source>&amp;Positions</source>
        <translation>&amp;Positionen</translation>
    </message>
    <message>
        <source>from the &amp;foot</source>
        <translation>vom &amp;Fuß</translation>
    </message>
    <message>
        <source>from the &amp;lip or embouchure hole</source>
        <translation>vom &amp;Labium oder Mundloch</translation>
    </message>
    <message>
        <source>from the &amp;top end</source>
        <translation>vom &amp;oberen Ende</translation>
    </message>
    <message>
        <source>Degrees &amp;Fahrenheit</source>
        <translation>Grad &amp;Fahrenheit</translation>
    </message>
</context>
<context>
    <name>dowel::app::MeasureDialog</name>
    <message>
        <source>Measured size</source>
        <translation>Gemessenes Maß</translation>
    </message>
    <message>
        <source>Measure again</source>
        <translation>Noch einmal messen</translation>
    </message>
    <message>
        <source>tube length</source>
        <translation>Rohrlänge</translation>
    </message>
    <message>
        <source>Caliper reading</source>
        <translation>Messwert</translation>
    </message>
    <message>
        <source>The new size counts from the last entry of this size on; later readings are interpreted with it. You can set the entry aside in the logbook.</source>
        <translation>Das neue Maß gilt ab dem letzten Eintrag dieses Maßes; spätere Messungen werden damit ausgewertet. Der Eintrag lässt sich im Logbuch beiseitelegen.</translation>
    </message>
    <message>
        <source>&amp;Size of</source>
        <translation>&amp;Maß von</translation>
    </message>
    <message>
        <source>Recorded size</source>
        <translation>Eingetragenes Maß</translation>
    </message>
    <message>
        <source>&amp;Caliper reading</source>
        <translation>Mess&amp;wert</translation>
    </message>
    <message>
        <source>Log</source>
        <translation>Eintragen</translation>
    </message>
    <message>
        <source>width of %1</source>
        <translation>Durchmesser von %1</translation>
    </message>
    <message>
        <source>tube wall</source>
        <translation>Wandstärke</translation>
    </message>
    <message>
        <source>window width</source>
        <translation>Fensterbreite</translation>
    </message>
    <message>
        <source>window length (cut-up)</source>
        <translation>Aufschnitt (Fensterlänge)</translation>
    </message>
    <message>
        <source>wall at window</source>
        <translation>Wand am Fenster</translation>
    </message>
    <message>
        <source>embouchure hole length</source>
        <translation>Länge des Mundlochs</translation>
    </message>
    <message>
        <source>embouchure hole width</source>
        <translation>Breite des Mundlochs</translation>
    </message>
    <message>
        <source>embouchure hole wall</source>
        <translation>Wand am Mundloch</translation>
    </message>
    <message>
        <source>stopper distance</source>
        <translation>Abstand des Stopfens</translation>
    </message>
    <message>
        <source>position of %1 from the sounding edge</source>
        <translation>Position von %1 ab der Anblaskante</translation>
    </message>
    <message>
        <source>wall at %1</source>
        <translation>Wand bei %1</translation>
    </message>
    <message>
        <source>All sizes</source>
        <translation>Alle Maße</translation>
    </message>
    <message>
        <source>size of</source>
        <translation>Maß von</translation>
    </message>
    <message>
        <source>recorded</source>
        <translation>eingetragen</translation>
    </message>
    <message>
        <source>caliper reading</source>
        <translation>Messwert</translation>
    </message>
    <message>
        <source>Show all in a &amp;table</source>
        <translation>Alle in einer &amp;Tabelle zeigen</translation>
    </message>
    <message>
        <source>bore at %1</source>
        <comment>place</comment>
        <translation>Bohrung bei %1</translation>
    </message>
</context>
<context>
    <name>dowel::app::MessageBar</name>
    <message>
        <source>Dismiss</source>
        <translation>Schließen</translation>
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
        <translation>Kein Mikrofon. Eines anschließen und wählen oder Aufnahmen aus Dateien lesen.</translation>
    </message>
    <message>
        <source>%1 could not be opened. Another program may be using it.</source>
        <translation>%1 ließ sich nicht öffnen. Vielleicht verwendet es ein anderes Programm.</translation>
    </message>
    <message>
        <source>%1 was disconnected. All readings are saved; plug it in again or choose another microphone.</source>
        <translation>%1 wurde getrennt. Alle Messungen sind gesichert; wieder anschließen oder ein anderes Mikrofon wählen.</translation>
    </message>
</context>
<context>
    <name>dowel::app::NumbersDialog</name>
    <message>
        <source>Uncertainty of the meter in cents</source>
        <translation>Unsicherheit des Stimmgeräts in Cent</translation>
    </message>
    <message>
        <source> cents</source>
        <translation> Cent</translation>
    </message>
    <message>
        <source>Typed readings</source>
        <translation>Eingetippte Messungen</translation>
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
        <source>meter reading</source>
        <translation>Messwert</translation>
    </message>
    <message>
        <source>Type readings</source>
        <translation>Messungen eintippen</translation>
    </message>
    <message>
        <source>Uncertainty ±</source>
        <translation>Unsicherheit ±</translation>
    </message>
    <message>
        <source>Save readings</source>
        <translation>Messungen speichern</translation>
    </message>
    <message>
        <source>Type hertz (586.3), cents from the target (-12), or a note and cents (D5 -12, equal temperament at this A4). Empty rows are skipped. Room temperature as on Listen: %1.</source>
        <translation>Hertz (586,3), Cent vom Ziel (-12) oder Ton und Cent (D5 -12, gleichstufig bei diesem A4) eintragen. Leere Zeilen werden übergangen. Raumtemperatur wie unter Hören: %1.</translation>
    </message>
</context>
<context>
    <name>dowel::app::OpenBench</name>
    <message>
        <source>There is nothing to play yet. Lay out and drill the holes, or type existing ones under Drill, As built; then continue here.</source>
        <translation>Noch nichts zu spielen. Die Löcher berechnen und bohren oder vorhandene unter Bohren, Ist-Maße eingeben; danach hier weitermachen.</translation>
    </message>
    <message>
        <source>Go to &amp;Drill</source>
        <translation>Weiter zu &amp;Bohren</translation>
    </message>
    <message>
        <source>Go to Drill</source>
        <translation>Weiter zu Bohren</translation>
    </message>
</context>
<context>
    <name>dowel::app::OutcomeCard</name>
    <message>
        <source>Forecast and result</source>
        <translation>Vorhersage und Ergebnis</translation>
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
        <source>forecast</source>
        <translation>Vorhersage</translation>
    </message>
    <message>
        <source>result</source>
        <translation>Ergebnis</translation>
    </message>
    <message>
        <source>error</source>
        <translation>Abweichung</translation>
    </message>
    <message>
        <source>No results yet. After a cut and a new session, forecast and result of every note appear here.</source>
        <translation>Noch keine Ergebnisse. Nach einem Schnitt und einer neuen Messung stehen hier Vorhersage und Ergebnis jedes Tons.</translation>
    </message>
    <message>
        <source>%1 of %2 results lie within the 90 % range; half lie within %3 cents.</source>
        <translation>%1 von %2 Ergebnissen liegen im 90-%-Bereich; die Hälfte liegt innerhalb von %3 Cent.</translation>
    </message>
    <message>
        <source>Last session after cuts, deviation in cents:</source>
        <translation>Letzte Messung nach Schnitten, Abweichung in Cent:</translation>
    </message>
    <message>
        <source>%1 ±%2</source>
        <comment>cents, one sigma</comment>
        <translation>%1 ±%2</translation>
    </message>
    <message>
        <source>&amp;Play before and after</source>
        <translation>Vorher und nachher s&amp;pielen</translation>
    </message>
    <message>
        <source>Plays every note recorded before and after the last cut, one second each.</source>
        <translation>Spielt jeden Ton, der vor und nach dem letzten Schnitt aufgenommen wurde, je eine Sekunde.</translation>
    </message>
    <message>
        <source>No loudspeaker found.</source>
        <translation>Kein Lautsprecher gefunden.</translation>
    </message>
</context>
<context>
    <name>dowel::app::OutcomePicture</name>
    <message>
        <source>Forecast accuracy</source>
        <translation>Genauigkeit der Vorhersage</translation>
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
        <source>each note heard after a cut; band: 90 %</source>
        <translation>jeder nach einem Schnitt gemessene Ton; Band: 90 %</translation>
    </message>
</context>
<context>
    <name>dowel::app::OwnWorkDialog</name>
    <message>
        <source>Work done</source>
        <translation>Ausgeführte Arbeit</translation>
    </message>
    <message>
        <source>Size given as</source>
        <translation>Maß angegeben als</translation>
    </message>
    <message>
        <source>Log own work</source>
        <translation>Eigene Arbeit</translation>
    </message>
    <message>
        <source>new size</source>
        <translation>neues Maß</translation>
    </message>
    <message>
        <source>change</source>
        <translation>Änderung</translation>
    </message>
    <message>
        <source>Caliper reading</source>
        <translation>Messwert</translation>
    </message>
    <message>
        <source>Logged as a cut without advice; the notes it moves are heard again before further advice. Wax in a hole counts as filling.</source>
        <translation>Wird als Schnitt ohne Rat eingetragen; die Töne, die er verschiebt, werden vor weiterem Rat neu gemessen. Wachs in einem Loch zählt als Füllen.</translation>
    </message>
    <message>
        <source>Recorded size</source>
        <translation>Eingetragenes Maß</translation>
    </message>
    <message>
        <source>&amp;Size</source>
        <translation>&amp;Maß</translation>
    </message>
    <message>
        <source>Log work</source>
        <translation>Arbeit eintragen</translation>
    </message>
    <message>
        <source>&amp;Mouth diameter</source>
        <translation>&amp;Weite an der Mündung</translation>
    </message>
    <message>
        <source>Shape</source>
        <translation>Form</translation>
    </message>
    <message>
        <source>cone</source>
        <translation>Kegel</translation>
    </message>
    <message>
        <source>cylinder</source>
        <translation>Zylinder</translation>
    </message>
    <message>
        <source>Mouth diameter</source>
        <translation>Weite an der Mündung</translation>
    </message>
    <message>
        <source>%1 long, mouth %2</source>
        <translation>%1 lang, Mündung %2</translation>
    </message>
    <message>
        <source>no foot piece</source>
        <translation>kein Fußstück</translation>
    </message>
    <message>
        <source>&amp;Length</source>
        <translation>&amp;Länge</translation>
    </message>
    <message>
        <source>to</source>
        <comment>a place</comment>
        <translation>bis</translation>
    </message>
    <message>
        <source>End the reamer went in at</source>
        <translation>Ende, an dem der Räumer hineinging</translation>
    </message>
    <message>
        <source>from the foot</source>
        <translation>vom Fuß</translation>
    </message>
    <message>
        <source>from the head</source>
        <translation>vom Kopf</translation>
    </message>
    <message>
        <source>Upper end of the stretch</source>
        <translation>Oberes Ende der Strecke</translation>
    </message>
    <message>
        <source>Lower end of the stretch</source>
        <translation>Unteres Ende der Strecke</translation>
    </message>
    <message>
        <source>Reamed, %1</source>
        <comment>from the lip</comment>
        <translation>Geräumt, %1</translation>
    </message>
    <message>
        <source>Ream with %1</source>
        <comment>a reamer</comment>
        <translation>Räumen mit %1</translation>
    </message>
    <message>
        <source>Ream a stretch of the bore</source>
        <translation>Eine Strecke der Bohrung räumen</translation>
    </message>
    <message>
        <source>narrowest bore %1</source>
        <translation>engste Bohrung %1</translation>
    </message>
    <message>
        <source>&amp;Tip in by</source>
        <translation>&amp;Spitze hinein um</translation>
    </message>
    <message>
        <source>&amp;Diameter</source>
        <translation>&amp;Durchmesser</translation>
    </message>
    <message>
        <source>&amp;Work</source>
        <translation>&amp;Arbeit</translation>
    </message>
</context>
<context>
    <name>dowel::app::PassportDialog</name>
    <message>
        <source>Type</source>
        <translation>Art</translation>
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
        <source>maker&apos;s passport with all cuts</source>
        <translation>Pass für die Werkstatt mit allen Schnitten</translation>
    </message>
    <message>
        <source>player&apos;s passport: label and fingerings</source>
        <translation>Pass für den Spieler: Schild und Griffe</translation>
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
        <source>Serial number</source>
        <translation>Seriennummer</translation>
    </message>
    <message>
        <source>&amp;Type</source>
        <translation>Ar&amp;t</translation>
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
        <source>Pitches are the latest readings since the last cut, at tuning temperature. Save as .pdf for paper or .html for a browser.</source>
        <translation>Tonhöhen sind die neuesten Messungen seit dem letzten Schnitt, bei Stimmtemperatur. Als .pdf für Papier oder .html für den Browser speichern.</translation>
    </message>
    <message>
        <source>&amp;Save as…</source>
        <translation>&amp;Speichern unter …</translation>
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
        <source>Saved %1.</source>
        <translation>Gespeichert: %1.</translation>
    </message>
</context>
<context>
    <name>dowel::app::PhotoDialog</name>
    <message>
        <source>&amp;Close</source>
        <translation>&amp;Schließen</translation>
    </message>
    <message>
        <source>Opening the photograph…</source>
        <translation>Das Foto wird geöffnet…</translation>
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
        <source>first</source>
        <translation>1.</translation>
    </message>
    <message>
        <source>second</source>
        <translation>2.</translation>
    </message>
    <message>
        <source>third</source>
        <translation>3.</translation>
    </message>
    <message>
        <source>never</source>
        <translation>nie</translation>
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
        <source>Deviation (cents)</source>
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
        <translation>Stand</translation>
    </message>
</context>
<context>
    <name>dowel::app::RegisterCard</name>
    <message>
        <source>enlarge %1</source>
        <comment>%1 hole</comment>
        <translation>%1 weiten</translation>
    </message>
    <message>
        <source>undercut %1</source>
        <comment>%1 hole</comment>
        <translation>%1 unterschneiden</translation>
    </message>
    <message>
        <source>trim foot</source>
        <translation>Fuß kürzen</translation>
    </message>
    <message>
        <source>longer window</source>
        <translation>Aufschnitt verlängern</translation>
    </message>
    <message>
        <source>longer embouchure hole</source>
        <translation>Mundloch verlängern</translation>
    </message>
    <message>
        <source>Width of each interval</source>
        <translation>Weite jedes Intervalls</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>first</source>
        <translation>erstes</translation>
    </message>
    <message>
        <source>second</source>
        <translation>zweites</translation>
    </message>
    <message>
        <source>interval</source>
        <translation>Intervall</translation>
    </message>
    <message>
        <source>What changes the intervals</source>
        <translation>Was die Intervalle ändert</translation>
    </message>
    <message>
        <source>mean</source>
        <translation>Mittel</translation>
    </message>
    <message>
        <source>most</source>
        <translation>größte</translation>
    </message>
    <message>
        <source>No fingering is used in two registers, so there are no intervals to compare.</source>
        <translation>Kein Griff wird in zwei Registern verwendet; es gibt keine Intervalle zu vergleichen.</translation>
    </message>
    <message>
        <source>The registers are in tune with each other on average.</source>
        <translation>Die Register stimmen im Mittel miteinander überein.</translation>
    </message>
    <message>
        <source>The intervals are %1 cents too wide on average.</source>
        <translation>Die Intervalle sind im Mittel %1 Cent zu weit.</translation>
    </message>
    <message>
        <source>The intervals are %1 cents too narrow on average.</source>
        <translation>Die Intervalle sind im Mittel %1 Cent zu eng.</translation>
    </message>
    <message>
        <source>pure</source>
        <translation>rein</translation>
    </message>
    <message>
        <source>%1 wide</source>
        <translation>%1 weit</translation>
    </message>
    <message>
        <source>%1 narrow</source>
        <translation>%1 eng</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <comment>cents, note</comment>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>deepen bore</source>
        <translation>Bohrung vertiefen</translation>
    </message>
    <message>
        <source>change</source>
        <translation>Änderung</translation>
    </message>
    <message>
        <source>fill %1</source>
        <comment>%1 hole</comment>
        <translation>%1 verengen</translation>
    </message>
    <message>
        <source>push plug in</source>
        <translation>Stopfen hineinschieben</translation>
    </message>
    <message>
        <source>foot piece</source>
        <translation>Fußstück</translation>
    </message>
    <message>
        <source>undercut embouchure hole</source>
        <translation>Mundloch unterschneiden</translation>
    </message>
    <message>
        <source>countersink %1</source>
        <comment>%1 hole</comment>
        <translation>%1 ansenken</translation>
    </message>
    <message>
        <source>thinner wall under %1</source>
        <comment>%1 hole</comment>
        <translation>dünnere Wand unter %1</translation>
    </message>
    <message>
        <source>higher windway</source>
        <translation>höherer Windkanal</translation>
    </message>
    <message>
        <source>windway chamfer</source>
        <translation>Fase am Windkanal</translation>
    </message>
    <message>
        <source>smoother bore</source>
        <translation>glattere Bohrung</translation>
    </message>
    <message>
        <source>lacquer inside</source>
        <translation>Lack innen</translation>
    </message>
    <message>
        <source>joint out %1</source>
        <comment>1 mm</comment>
        <translation>Verbindung %1 heraus</translation>
    </message>
    <message>
        <source>block back %1</source>
        <comment>1 mm</comment>
        <translation>Block %1 zurück</translation>
    </message>
    <message>
        <source>stopper out %1</source>
        <comment>1 mm</comment>
        <translation>Stopfen %1 hinaus</translation>
    </message>
    <message>
        <source>bore %1 to %2</source>
        <comment>places</comment>
        <translation>Bohrung %1 bis %2</translation>
    </message>
    <message>
        <source>Effect of %1 in cents (+ widens):</source>
        <comment>0.1 mm</comment>
        <translation>Wirkung von %1 in Cent (+ weitet):</translation>
    </message>
    <message>
        <source>longer lip ramp</source>
        <translation>längere Labiumschräge</translation>
    </message>
    <message>
        <source>another stopper</source>
        <translation>anderer Stopfen</translation>
    </message>
    <message>
        <source>reamed taper</source>
        <translation>geräumter Kegel</translation>
    </message>
    <message>
        <source>set slide</source>
        <translation>Schieber stellen</translation>
    </message>
</context>
<context>
    <name>dowel::app::SawPicture</name>
    <message>
        <source>Saw cut from the side</source>
        <translation>Sägeschnitt von der Seite</translation>
    </message>
    <message>
        <source>depth of the cut</source>
        <translation>Schnitttiefe</translation>
    </message>
    <message>
        <source>window</source>
        <translation>Fenster</translation>
    </message>
    <message>
        <source>lip from the end</source>
        <translation>Labium vom Ende</translation>
    </message>
    <message>
        <source>wall opposite</source>
        <translation>Wand gegenüber</translation>
    </message>
    <message>
        <source>%1°</source>
        <translation>%1°</translation>
    </message>
    <message>
        <source>%1 deep</source>
        <translation>%1 tief</translation>
    </message>
    <message>
        <source>window %1</source>
        <translation>Fenster %1</translation>
    </message>
    <message>
        <source>lip %1 from the end</source>
        <translation>Labium %1 vom Ende</translation>
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
        <source>&amp;Fingering</source>
        <translation>&amp;Griff</translation>
    </message>
    <message>
        <source>foot</source>
        <translation>Fuß</translation>
    </message>
    <message>
        <source>stopper</source>
        <translation>Stopfen</translation>
    </message>
    <message>
        <source>window</source>
        <translation>Fenster</translation>
    </message>
    <message>
        <source>embouchure hole</source>
        <translation>Mundloch</translation>
    </message>
    <message>
        <source>position</source>
        <translation>Position</translation>
    </message>
    <message>
        <source>Cents per %1</source>
        <comment>0.1 mm</comment>
        <translation>Cent je %1</translation>
    </message>
    <message>
        <source>Cents per %1 removed: a wider hole, a shorter foot. Choose another note here or in the picture.</source>
        <comment>0.1 mm</comment>
        <translation>Cent je %1 Abtrag: ein weiteres Loch, ein kürzerer Fuß. Einen anderen Ton hier oder im Bild wählen.</translation>
    </message>
    <message>
        <source>Curves in the bore: effect of reaming %1 over a length of %2. In the %3, reaming raises most near %4 (%5) and lowers most near %6 (%7).</source>
        <comment>0.1 mm, 10 mm, register, place, cents, place, cents</comment>
        <translation>Kurven in der Bohrung: Wirkung von %1 Räumen auf einer Länge von %2. Im %3 hebt Räumen am meisten bei %4 (%5) und senkt am meisten bei %6 (%7).</translation>
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
        <source>&amp;Use for new instruments</source>
        <translation>Für neue Instrumente &amp;verwenden</translation>
    </message>
    <message>
        <source>Instruments remembered</source>
        <translation>Gemerkte Instrumente</translation>
    </message>
    <message>
        <source>instrument</source>
        <translation>Instrument</translation>
    </message>
    <message>
        <source>family</source>
        <translation>Familie</translation>
    </message>
    <message>
        <source>readings</source>
        <translation>Messungen</translation>
    </message>
    <message>
        <source>last heard</source>
        <translation>zuletzt gemessen</translation>
    </message>
    <message>
        <source>What is learnt</source>
        <translation>Gelerntes</translation>
    </message>
    <message>
        <source>before</source>
        <translation>vorher</translation>
    </message>
    <message>
        <source>for the next</source>
        <translation>für das nächste</translation>
    </message>
    <message>
        <source>Forget selected</source>
        <translation>Gewähltes vergessen</translation>
    </message>
    <message>
        <source>Forget all</source>
        <translation>Alles vergessen</translation>
    </message>
    <message>
        <source>Shop memory</source>
        <translation>Werkstattgedächtnis</translation>
    </message>
    <message>
        <source>Use the shop memory</source>
        <translation>Werkstattgedächtnis verwenden</translation>
    </message>
    <message>
        <source>Your embouchure, breath and way of cutting holes carry over between instruments. Estimates from earlier instruments are the starting point for the next of the same family; its own readings count for more. Practice blanks are not remembered.</source>
        <translation>Ansatz, Atem und die Art, Löcher zu schneiden, gelten auch für das nächste Instrument. Schätzwerte früherer Instrumente sind der Ausgangspunkt für das nächste derselben Familie; seine eigenen Messungen zählen mehr. Übungsrohlinge werden nicht gemerkt.</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>unnamed</source>
        <translation>ohne Namen</translation>
    </message>
    <message>
        <source>Nothing is remembered yet. A workbook is remembered once every note has been heard.</source>
        <translation>Noch nichts gemerkt. Ein Werkbuch wird gemerkt, sobald jeder Ton gemessen ist.</translation>
    </message>
    <message>
        <source>Starting values for the next %1:</source>
        <comment>family</comment>
        <translation>Ausgangswerte für das nächste Instrument (%1):</translation>
    </message>
    <message>
        <source>cents</source>
        <translation>Cent</translation>
    </message>
    <message>
        <source>air in the tube, between room and breath</source>
        <translation>Luft im Rohr, zwischen Raum und Atem</translation>
    </message>
    <message>
        <source>end correction at the sounding edge</source>
        <translation>Mündungskorrektur an der Anblaskante</translation>
    </message>
    <message>
        <source>end correction of the holes</source>
        <translation>Mündungskorrektur der Löcher</translation>
    </message>
    <message>
        <source>interaction of open holes</source>
        <translation>Wechselwirkung offener Löcher</translation>
    </message>
    <message>
        <source>times</source>
        <translation>mal</translation>
    </message>
    <message>
        <source>wall losses</source>
        <translation>Wandverluste</translation>
    </message>
    <message>
        <source>reach of an undercut</source>
        <translation>Reichweite einer Unterschneidung</translation>
    </message>
    <message>
        <source>blowing, first register</source>
        <translation>Anblasen, erstes Register</translation>
    </message>
    <message>
        <source>blowing, second register</source>
        <translation>Anblasen, zweites Register</translation>
    </message>
    <message>
        <source>blowing, per octave</source>
        <translation>Anblasen, je Oktave</translation>
    </message>
    <message>
        <source>parameter</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>effect of opening a hole</source>
        <translation>Wirkung beim Öffnen eines Lochs</translation>
    </message>
</context>
<context>
    <name>dowel::app::ShopPage</name>
    <message>
        <source>A cut is ready: %1</source>
        <translation>Schnitt bereit: %1</translation>
    </message>
    <message>
        <source>Stopped: readings are inconsistent, see Correct</source>
        <translation>Angehalten: Messungen widersprechen sich, siehe Nacharbeiten</translation>
    </message>
    <message>
        <source>%1 of %2 to play</source>
        <translation>%1 von %2 zu spielen</translation>
    </message>
    <message>
        <source>Heard; advice pending</source>
        <translation>Gemessen; Rat steht aus</translation>
    </message>
    <message>
        <source>Laid out, ready to drill</source>
        <translation>Löcher berechnet, bereit zum Bohren</translation>
    </message>
    <message>
        <source>In planning</source>
        <translation>In Planung</translation>
    </message>
    <message>
        <source>Tuning finished</source>
        <translation>Stimmen abgeschlossen</translation>
    </message>
    <message>
        <source>largest deviation %1 cents</source>
        <translation>größte Abweichung %1 Cent</translation>
    </message>
    <message>
        <source>Sort order</source>
        <translation>Sortierung</translation>
    </message>
    <message>
        <source>archi&amp;ved</source>
        <translation>ar&amp;chivierte</translation>
    </message>
    <message>
        <source>&amp;Open</source>
        <translation>Öff&amp;nen</translation>
    </message>
    <message>
        <source>&amp;Make another…</source>
        <translation>&amp;Weiteres davon …</translation>
    </message>
    <message>
        <source>&amp;Compare</source>
        <translation>&amp;Vergleichen</translation>
    </message>
    <message>
        <source>Archi&amp;ve</source>
        <translation>A&amp;rchivieren</translation>
    </message>
    <message>
        <source>Family</source>
        <translation>Familie</translation>
    </message>
    <message>
        <source>&amp;Start</source>
        <translation>&amp;Beginnen</translation>
    </message>
    <message>
        <source>Family of the practice blank</source>
        <translation>Familie des Übungsrohlings</translation>
    </message>
    <message>
        <source>Listening conditions</source>
        <translation>Umgebung</translation>
    </message>
    <message>
        <source>Search by name</source>
        <translation>Nach Namen suchen</translation>
    </message>
    <message>
        <source>search by name</source>
        <translation>nach Namen suchen</translation>
    </message>
    <message>
        <source>Show archived instruments</source>
        <translation>Archivierte Instrumente zeigen</translation>
    </message>
    <message>
        <source>Instruments</source>
        <translation>Instrumente</translation>
    </message>
    <message>
        <source>by next step</source>
        <translation>nach nächstem Schritt</translation>
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
        <source>by date</source>
        <translation>nach Datum</translation>
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
        <source>noisy, beside a fan</source>
        <translation>laut, neben einem Lüfter</translation>
    </message>
    <message>
        <source>Number of the simulated piece of wood; the same number gives the same wood</source>
        <translation>Nummer des simulierten Holzstücks; dieselbe Nummer ergibt dasselbe Holz</translation>
    </message>
    <message>
        <source>wood no. </source>
        <translation>Holz Nr. </translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>A simulated player plays a simulated piece of wood; no real wood is at risk.</source>
        <translation>Ein simulierter Spieler spielt ein simuliertes Stück Holz; echtes Holz ist nicht in Gefahr.</translation>
    </message>
    <message>
        <source>Start a &amp;practice blank</source>
        <translation>&amp;Übungsrohling beginnen</translation>
    </message>
    <message>
        <source>New instrument</source>
        <translation>Neues Instrument</translation>
    </message>
    <message>
        <source>Practice</source>
        <translation>Übung</translation>
    </message>
    <message>
        <source>Import</source>
        <translation>Importieren</translation>
    </message>
    <message>
        <source>Type a name first.</source>
        <translation>Zuerst einen Namen eingeben.</translation>
    </message>
    <message>
        <source>No instrument matches.</source>
        <translation>Kein Instrument passt.</translation>
    </message>
    <message>
        <source>The archive is empty.</source>
        <translation>Das Archiv ist leer.</translation>
    </message>
    <message>
        <source>Select two or more instruments of one model with Ctrl or Shift.</source>
        <translation>Zwei oder mehr Instrumente eines Modells mit Strg oder Umschalt wählen.</translation>
    </message>
    <message>
        <source>&amp;Back to shop</source>
        <translation>&amp;Zurück in die Werkstatt</translation>
    </message>
    <message>
        <source>%1 exists already; rename one of the two.</source>
        <translation>%1 gibt es schon; eines der beiden umbenennen.</translation>
    </message>
    <message>
        <source>Show all again</source>
        <translation>Wieder alle zeigen</translation>
    </message>
    <message numerus="yes">
        <source>%1 of %2 in tune, %n cut(s), %3 sharp</source>
        <comment>score of a practice blank</comment>
        <translation>
            <numerusform>%1 von %2 gestimmt, %n Schnitt, %3 zu hoch</numerusform>
            <numerusform>%1 von %2 gestimmt, %n Schnitte, %3 zu hoch</numerusform>
        </translation>
    </message>
    <message>
        <source>o&amp;wn cut first</source>
        <translation>&amp;eigener Schnitt zuerst</translation>
    </message>
    <message>
        <source>Own cut first</source>
        <translation>Eigener Schnitt zuerst</translation>
    </message>
    <message>
        <source>You choose hole and size; then Dowel shows the forecast for your cut and its own advice, and keeps score.</source>
        <translation>Loch und Maß selbst wählen; danach zeigt Dowel die Vorhersage für den Schnitt und den eigenen Rat und zählt Punkte.</translation>
    </message>
    <message>
        <source>Another %1</source>
        <comment>name of an instrument</comment>
        <translation>Weiteres: %1</translation>
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
        <source>Open a workbook from any folder.</source>
        <translation>Ein Werkbuch aus einem beliebigen Ordner öffnen.</translation>
    </message>
    <message>
        <source>&amp;Specification…</source>
        <translation>&amp;Spezifikation …</translation>
    </message>
    <message>
        <source>Make a workbook from a JSON specification.</source>
        <translation>Ein Werkbuch aus einer JSON-Spezifikation anlegen.</translation>
    </message>
    <message>
        <source>&amp;Like a file…</source>
        <translation>Wie eine &amp;Datei…</translation>
    </message>
    <message>
        <source>Make another instrument from a file, in the same or other keys.</source>
        <translation>Ein weiteres Instrument nach einer Datei, in gleicher oder anderer Tonart.</translation>
    </message>
    <message>
        <source>&amp;Folder…</source>
        <translation>&amp;Ordner…</translation>
    </message>
    <message>
        <source>Choose the workbook folder.</source>
        <translation>Den Ordner der Werkbücher wählen.</translation>
    </message>
    <message>
        <source>Finish due since %1: %2</source>
        <comment>day, work</comment>
        <translation>Oberfläche fällig seit %1: %2</translation>
    </message>
    <message>
        <source>Finish from %1: %2</source>
        <comment>day, work</comment>
        <translation>Oberfläche, ab %1: %2</translation>
    </message>
    <message>
        <source>Shop</source>
        <translation>Werkstatt</translation>
    </message>
    <message>
        <source>&amp;Tool drawer…</source>
        <translation>Wer&amp;kzeugschublade…</translation>
    </message>
    <message>
        <source>The bits and hand tools that layouts, order of work and advice go by.</source>
        <translation>Bohrer und Handwerkzeuge, nach denen sich Lochplan, Arbeitsfolge und Ratschläge richten.</translation>
    </message>
    <message>
        <source>New: %1</source>
        <comment>family</comment>
        <translation>Neu: %1</translation>
    </message>
    <message>
        <source>a beginner blows</source>
        <translation>ein Anfänger bläst</translation>
    </message>
</context>
<context>
    <name>dowel::app::SidePicture</name>
    <message>
        <source>Deviation of each instrument by note</source>
        <translation>Abweichung jedes Instruments nach Tönen</translation>
    </message>
    <message>
        <source>%1: %2 common</source>
        <comment>note, cents</comment>
        <translation>%1: %2 gemeinsam</translation>
    </message>
</context>
<context>
    <name>dowel::app::StageList</name>
    <message>
        <source>not started</source>
        <translation>nicht begonnen</translation>
    </message>
    <message>
        <source>next: %1</source>
        <comment>day</comment>
        <translation>als Nächstes: %1</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>Fertig</translation>
    </message>
    <message>
        <source>Stages of the work</source>
        <translation>Arbeitsstufen</translation>
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
        <translation>Lochplan</translation>
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
            <numerusform>Lochplan
%n Loch</numerusform>
            <numerusform>Lochplan
%n Löcher</numerusform>
        </translation>
    </message>
    <message>
        <source>Layout
not yet</source>
        <translation>Lochplan
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
no layout yet</source>
        <translation>Bohren
noch kein Lochplan</translation>
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
done</source>
        <translation>Hören
fertig</translation>
    </message>
    <message>
        <source>Listen
%1 of %2 left</source>
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
cut ready</source>
        <translation>Nacharbeiten
Schnitt bereit</translation>
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
Halt</translation>
    </message>
    <message>
        <source>Correct
calculating</source>
        <translation>Nacharbeiten
rechnet</translation>
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
        <source>Reamers enter from</source>
        <translation>Räumer einführen von</translation>
    </message>
    <message>
        <source>&amp;Use this bore</source>
        <translation>Bohrung &amp;übernehmen</translation>
    </message>
    <message>
        <source>Timber and turning</source>
        <translation>Holz und Drehen</translation>
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
        <source>Plank length</source>
        <translation>Länge der Bohle</translation>
    </message>
    <message>
        <source>width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>thickness</source>
        <translation>Dicke</translation>
    </message>
    <message>
        <source>Kerf</source>
        <translation>Sägeschnitt</translation>
    </message>
    <message>
        <source>End waste</source>
        <translation>Endverlust</translation>
    </message>
    <message>
        <source>Outside diameter</source>
        <translation>Außendurchmesser</translation>
    </message>
    <message>
        <source>Allowance for turning</source>
        <translation>Zugabe zum Drehen</translation>
    </message>
    <message>
        <source>Allowance for chucking</source>
        <translation>Zugabe zum Spannen</translation>
    </message>
    <message>
        <source>Cracks and knots, from and to</source>
        <translation>Risse und Äste, von und bis</translation>
    </message>
    <message>
        <source>Cracks and knots</source>
        <translation>Risse und Äste</translation>
    </message>
    <message>
        <source>Season sawn billets with waxed ends until they stop losing weight, about a year per inch of thickness, and again for some weeks after the pilot bore. At the saw use push sticks, guard and extraction; some wood dust harms skin and lungs.</source>
        <translation>Gesägte Kanteln mit gewachsten Enden lagern, bis sie nicht mehr leichter werden, etwa ein Jahr je Zoll Dicke, und nach dem Vorbohren noch einige Wochen. An der Säge Schiebestock, Schutzhaube und Absaugung verwenden; mancher Holzstaub schadet Haut und Lunge.</translation>
    </message>
    <message numerus="yes">
        <source>%n billet(s) %1 square, %2 long, %3 % of the plank.</source>
        <translation>
            <numerusform>%n Kantel, %1 im Quadrat, %2 lang, %3 % der Bohle.</numerusform>
            <numerusform>%n Kanteln, %1 im Quadrat, %2 lang, %3 % der Bohle.</numerusform>
        </translation>
    </message>
    <message>
        <source>Crosscut from the end: %1.</source>
        <comment>lengths</comment>
        <translation>Querschnitte, vom Ende: %1.</translation>
    </message>
    <message>
        <source>Head: thickest wall</source>
        <translation>Kopf: dickste Wand</translation>
    </message>
    <message>
        <source>thinnest wall</source>
        <translation>dünnste Wand</translation>
    </message>
    <message>
        <source>bore</source>
        <translation>Bohrung</translation>
    </message>
    <message>
        <source>Foot: thickest wall</source>
        <translation>Fuß: dickste Wand</translation>
    </message>
    <message>
        <source>Least wall required</source>
        <translation>Mindestwand</translation>
    </message>
    <message>
        <source>Bore first, then turn: a long bit wanders, so the outside is turned true to the bore, between centres or on fitted plugs. Face shield, no gloves or loose sleeves at the lathe, dust extraction.</source>
        <translation>Zuerst bohren, dann drehen: Ein langer Bohrer verläuft, darum wird die Außenseite zentrisch zur Bohrung gedreht, zwischen Spitzen oder auf passenden Pfropfen. An der Drehbank Gesichtsschutz, keine Handschuhe oder weiten Ärmel, Absaugung.</translation>
    </message>
    <message>
        <source>The bore is %1 off centre at the head and %2 at the foot.</source>
        <translation>Die Bohrung liegt am Kopf %1 und am Fuß %2 außermittig.</translation>
    </message>
    <message>
        <source>Turned true to the bore, the outside can be at most %1.</source>
        <translation>Zentrisch zur Bohrung gedreht, kann die Außenseite höchstens %1 werden.</translation>
    </message>
    <message>
        <source>Least wall of the tube: %1</source>
        <translation>Dünnste Wand des Rohrs: %1</translation>
    </message>
    <message>
        <source>At the window: %1</source>
        <translation>Am Fenster: %1</translation>
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
        <source>The blank is usable.</source>
        <translation>Der Rohling ist brauchbar.</translation>
    </message>
    <message>
        <source>The blank is too thin for this instrument; use it for a narrower one.</source>
        <translation>Der Rohling ist für dieses Instrument zu dünn; für ein engeres verwenden.</translation>
    </message>
    <message>
        <source>Shop reamers</source>
        <translation>Räumer der Werkstatt</translation>
    </message>
    <message>
        <source>Long cone: 0 9.8; 120 12.0; 260 13.2</source>
        <translation>Langer Kegel: 0 9,8; 120 12,0; 260 13,2</translation>
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
        <source>Pilot bore</source>
        <translation>Vorbohrung</translation>
    </message>
    <message>
        <source>Enter from</source>
        <translation>Einführen von</translation>
    </message>
    <message>
        <source>One reamer per line: name, then positions from the tip with diameters. Reamers are saved for the shop. Listed below is how deep each goes, measured from the end it enters, without passing the planned bore. Ream slowly, clear the chips often and let the wood cool: a jammed reamer splits it.</source>
        <translation>Ein Räumer je Zeile: Name, dann Positionen ab der Spitze mit Durchmessern. Räumer werden für die Werkstatt gespeichert. Darunter steht, wie tief jeder geht, gemessen vom Ende, an dem er eingeführt wird, ohne die geplante Bohrung zu überschreiten. Langsam räumen, oft die Späne entfernen und das Holz abkühlen lassen: Ein festsitzender Räumer spaltet es.</translation>
    </message>
    <message>
        <source>%1.  %2: %3 deep</source>
        <comment>number, reamer, how deep</comment>
        <translation>%1.  %2: %3 tief</translation>
    </message>
    <message>
        <source>No reamer cuts without passing the planned bore.</source>
        <translation>Kein Räumer schneidet, ohne die geplante Bohrung zu überschreiten.</translation>
    </message>
    <message>
        <source>Up to %1 narrower than planned, at %2.</source>
        <translation>Bis zu %1 enger als geplant, bei %2.</translation>
    </message>
    <message>
        <source>This matches the planned bore.</source>
        <translation>Das entspricht der geplanten Bohrung.</translation>
    </message>
    <message>
        <source>Layers in the thickness: %1. View from above; hatched: end waste and defects.</source>
        <translation>Lagen in der Dicke: %1. Ansicht von oben; schraffiert: Endverlust und Fehler.</translation>
    </message>
    <message>
        <source>&amp;Joints</source>
        <translation>&amp;Verbindungen</translation>
    </message>
    <message>
        <source>&amp;Horn</source>
        <translation>&amp;Horn</translation>
    </message>
    <message>
        <source>Outside diameter at joint</source>
        <translation>Außendurchmesser an der Verbindung</translation>
    </message>
    <message>
        <source>Bore at joint</source>
        <translation>Bohrung an der Verbindung</translation>
    </message>
    <message>
        <source>Tenon diameter</source>
        <translation>Zapfendurchmesser</translation>
    </message>
    <message>
        <source>Tenon length</source>
        <translation>Zapfenlänge</translation>
    </message>
    <message>
        <source>Cork or thread, compressed</source>
        <translation>Kork oder Faden, gepresst</translation>
    </message>
    <message>
        <source>Bore the socket before reaming; turn the tenon last, with cork or waxed thread in a shallow groove. Ream a long instrument joint by joint, then assembled. Thread wound too thick splits a socket: the joint must close by hand without force.</source>
        <translation>Die Hülse vor dem Räumen bohren; den Zapfen zuletzt drehen, mit Kork oder gewachstem Faden in einer flachen Nut. Ein langes Instrument Teil für Teil räumen, dann zusammengesetzt. Zu dick gewickelter Faden spaltet die Hülse: Die Verbindung muss sich von Hand ohne Kraft schließen.</translation>
    </message>
    <message>
        <source>Tenon wall: %1</source>
        <translation>Wand des Zapfens: %1</translation>
    </message>
    <message>
        <source>Socket wall: %1</source>
        <translation>Wand der Hülse: %1</translation>
    </message>
    <message>
        <source>Groove for cork or thread: at most %1 deep.</source>
        <translation>Nut für Kork oder Faden: höchstens %1 tief.</translation>
    </message>
    <message>
        <source>Add the tenon to the length of its part: %1 more wood for every joint.</source>
        <translation>Den Zapfen zur Länge seines Teils rechnen: je Verbindung %1 mehr Holz.</translation>
    </message>
    <message>
        <source>Too thin: use thicker wood, a metal or horn ring round the socket, or a tenon nearer to the middle of the wall.</source>
        <translation>Zu dünn: dickeres Holz, ein Ring aus Metall oder Horn um die Hülse oder ein Zapfen näher an der Wandmitte.</translation>
    </message>
    <message>
        <source>Length along outer bend</source>
        <translation>Länge an der Außenbiegung</translation>
    </message>
    <message>
        <source>Wire depth from wide end</source>
        <translation>Drahttiefe vom weiten Ende</translation>
    </message>
    <message>
        <source>Tip diameter</source>
        <translation>Durchmesser an der Spitze</translation>
    </message>
    <message>
        <source>Diameter where hollow ends</source>
        <translation>Durchmesser am Ende des Hohlraums</translation>
    </message>
    <message>
        <source>Mouth hole</source>
        <translation>Mundloch</translation>
    </message>
    <message>
        <source>Least wall round mouth hole</source>
        <translation>Mindestwand um das Mundloch</translation>
    </message>
    <message>
        <source>Bend a soft wire to the horn&apos;s curve, push it in to the end of the hollow and mark it at the rim. Saw and drill wet or under extraction: horn dust harms the lungs. Let a hot drill cool, or it glazes.</source>
        <translation>Einen weichen Draht nach der Biegung des Horns formen, bis zum Ende des Hohlraums schieben und am Rand anzeichnen. Nass oder unter Absaugung sägen und bohren: Hornstaub schadet der Lunge. Heißen Bohrer abkühlen lassen, sonst verglast das Horn.</translation>
    </message>
    <message>
        <source>Solid tip: %1.</source>
        <translation>Massive Spitze: %1.</translation>
    </message>
    <message>
        <source>Cut %1 off the tip; %2 of wall is left round the mouth hole.</source>
        <translation>%1 von der Spitze absägen; um das Mundloch bleiben %2 Wand.</translation>
    </message>
    <message>
        <source>Drill %1 through the remaining solid part, then ream the hollow to an even cone.</source>
        <translation>%1 durch das restliche massive Stück bohren, dann den Hohlraum zu einem gleichmäßigen Kegel räumen.</translation>
    </message>
    <message>
        <source>The tube is then %1 long along its bend. Leave the wide end long; saw it back last, after the holes.</source>
        <translation>Das Rohr ist dann längs der Biegung %1 lang. Das weite Ende lang lassen; es wird zuletzt gesägt, nach den Löchern.</translation>
    </message>
    <message>
        <source>none, or 400-460</source>
        <translation>keine, oder 400-460</translation>
    </message>
    <message>
        <source>Use this &amp;length</source>
        <translation>&amp;Länge übernehmen</translation>
    </message>
    <message>
        <source>Use this &amp;window</source>
        <translation>Fen&amp;ster übernehmen</translation>
    </message>
    <message>
        <source>Saw &amp;cut</source>
        <translation>Säge&amp;schnitt</translation>
    </message>
    <message>
        <source>Distance from the end</source>
        <translation>Abstand vom Ende</translation>
    </message>
    <message>
        <source>Depth of the cut</source>
        <translation>Tiefe des Schnitts</translation>
    </message>
    <message>
        <source>Block thickness</source>
        <translation>Dicke des Klotzes</translation>
    </message>
    <message>
        <source>Bore</source>
        <translation>Bohrung</translation>
    </message>
    <message>
        <source>Angle of the ramp</source>
        <translation>Winkel der Schräge</translation>
    </message>
    <message>
        <source> °</source>
        <translation> °</translation>
    </message>
    <message>
        <source>Saw square to the tube first, then the ramp from the foot side down to the bottom of that cut. Saw a little short of the depth and finish with a knife. Clamp the block; keep fingers out of the line of the saw.</source>
        <translation>Zuerst quer zum Rohr sägen, dann die Schräge von der Fußseite bis zum Grund dieses Schnitts. Etwas weniger tief sägen und mit dem Messer fertig schneiden. Den Klotz einspannen; Finger aus der Schnittlinie.</translation>
    </message>
    <message>
        <source>Window: %1 long (cut-up), %2 wide.</source>
        <translation>Fenster: Aufschnitt %1, %2 breit.</translation>
    </message>
    <message>
        <source>The lip lies %1 from the end; the ramp runs %2 along the face.</source>
        <translation>Das Labium liegt %1 vom Ende; die Schräge ist auf der Fläche %2 lang.</translation>
    </message>
    <message>
        <source>Wall at the window %1, opposite %2.</source>
        <translation>Wand am Fenster %1, gegenüber %2.</translation>
    </message>
    <message>
        <source>For a window %1 long, saw %2 deep.</source>
        <translation>Für einen Aufschnitt von %1 %2 tief sägen.</translation>
    </message>
    <message>
        <source>Bore offset towards the cut</source>
        <translation>Bohrungsversatz zum Schnitt</translation>
    </message>
    <message>
        <source>Use &amp;this tenon for every joint</source>
        <translation>&amp;Diesen Zapfen für jede Verbindung</translation>
    </message>
    <message>
        <source>Order of work and bench sheet saw the parts with it.</source>
        <translation>Arbeitsfolge und Werkblatt sägen die Stücke damit.</translation>
    </message>
</context>
<context>
    <name>dowel::app::StrategyDialog</name>
    <message>
        <source>Tuning strategy</source>
        <translation>Abstimmweise</translation>
    </message>
    <message>
        <source>&amp;Holes first, the foot last</source>
        <translation>Zuerst die &amp;Löcher, zuletzt der Fuß</translation>
    </message>
    <message>
        <source>&amp;Foot first, then the holes</source>
        <translation>Zuerst der &amp;Fuß, dann die Löcher</translation>
    </message>
    <message>
        <source>&amp;Graded hole sizes</source>
        <translation>Abg&amp;estufte Lochgrößen</translation>
    </message>
    <message>
        <source>&amp;One hole size, as far as pitch allows</source>
        <translation>E&amp;ine Lochgröße, soweit die Stimmung es zulässt</translation>
    </message>
    <message>
        <source>&amp;All registers equally</source>
        <translation>&amp;Alle Register gleich</translation>
    </message>
    <message>
        <source>&amp;First register has priority</source>
        <translation>Das e&amp;rste Register hat Vorrang</translation>
    </message>
    <message>
        <source>&amp;Even timbre</source>
        <translation>&amp;Gleichmäßiger Klang</translation>
    </message>
    <message>
        <source>Weight of even timbre against pitch in per cent</source>
        <translation>Gewicht des gleichmäßigen Klangs gegen die Tonhöhe in Prozent</translation>
    </message>
    <message>
        <source>0 %: pitch only</source>
        <translation>0 %: nur die Tonhöhe</translation>
    </message>
    <message>
        <source>%1 %: a 10 % difference in cutoff between neighbouring holes weighs as much as a note %2 tolerances off</source>
        <comment>per cent, tolerances</comment>
        <translation>%1 %: 10 % Unterschied der Grenzfrequenz zwischen Nachbarlöchern wiegen so viel wie ein Ton, der um %2 Toleranzen abweicht</translation>
    </message>
    <message>
        <source>Apply</source>
        <translation>Anwenden</translation>
    </message>
    <message>
        <source>&amp;Few rounds</source>
        <translation>&amp;Wenige Durchgänge</translation>
    </message>
    <message>
        <source>&amp;Usual work</source>
        <translation>Ü&amp;bliche Arbeit</translation>
    </message>
    <message>
        <source>As &amp;good as possible</source>
        <translation>So &amp;gut wie möglich</translation>
    </message>
    <message>
        <source>Holes first, graded sizes and all registers keep the most wood for the longest. With priority for the first register, higher notes count a tenth and get twice the tolerance. With few rounds a cut must gain eight points of the chance that all are in tune and no wood is taken after six listenings; as good as possible goes on for a single point.</source>
        <translation>Löcher zuerst, abgestufte Größen und alle Register lassen am längsten am meisten Holz stehen. Mit Vorrang für das erste Register zählen höhere Töne ein Zehntel und bekommen die doppelte Toleranz. Bei wenigen Durchgängen muss ein Schnitt die Aussicht, dass alle stimmen, um acht Punkte heben, und nach sechs Durchgängen wird kein Holz mehr abgetragen; so gut wie möglich arbeitet für einen einzigen Punkt weiter.</translation>
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
        <translation>Tonhöhe über der Zeit</translation>
    </message>
    <message>
        <source>seconds</source>
        <translation>Sekunden</translation>
    </message>
    <message>
        <source>deviation (cents)</source>
        <translation>Abweichung (Cent)</translation>
    </message>
    <message>
        <source>Spectrum of the selection</source>
        <translation>Spektrum der Auswahl</translation>
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
        <source>&amp;Use this reading</source>
        <translation>&amp;Diese Messung übernehmen</translation>
    </message>
    <message>
        <source>Take of %1</source>
        <translation>Aufnahme von %1</translation>
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
        <source>No steady tone in this part: select a longer or quieter one.</source>
        <translation>Kein ruhiger Ton in diesem Abschnitt: einen längeren oder ruhigeren wählen.</translation>
    </message>
    <message>
        <source>%1 Hz; %2 cents, ± %3 depending on the part selected</source>
        <translation>%1 Hz; %2 Cent, ± %3 je nach gewähltem Abschnitt</translation>
    </message>
</context>
<context>
    <name>dowel::app::TakeStrip</name>
    <message>
        <source>The last take</source>
        <translation>Letzte Aufnahme</translation>
    </message>
    <message>
        <source>%1 hertz, %2 cents from the target</source>
        <translation>%1 Hertz, %2 Cent vom Ziel</translation>
    </message>
    <message>
        <source>nothing heard yet</source>
        <translation>noch nichts gemessen</translation>
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
        <source>Pitch and partials of the last take appear here.</source>
        <translation>Tonhöhe und Teiltöne der letzten Aufnahme stehen hier.</translation>
    </message>
    <message>
        <source>last take, %1: deviation in cents</source>
        <translation>letzte Aufnahme, %1: Abweichung in Cent</translation>
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
        <source>Tonic</source>
        <translation>Grundton</translation>
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
        <source>Playing temperature</source>
        <translation>Spieltemperatur</translation>
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
        <source>vs. equal</source>
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
        <source>closed holes, from foot</source>
        <translation>geschlossene Löcher, vom Fuß</translation>
    </message>
    <message>
        <source>Note for a new fingering</source>
        <translation>Ton für einen neuen Griff</translation>
    </message>
    <message>
        <source>&amp;Remove</source>
        <translation>Ent&amp;fernen</translation>
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
        <source>&amp;Load scale…</source>
        <translation>Skala &amp;laden …</translation>
    </message>
    <message>
        <source>&amp;Save scale…</source>
        <translation>Skala speic&amp;hern …</translation>
    </message>
    <message>
        <source>&amp;Add fingering for</source>
        <translation>&amp;Griff hinzufügen für</translation>
    </message>
    <message>
        <source>Temperature at which the instrument will be played; Listen asks for the workshop&apos;s temperature.</source>
        <translation>Temperatur, bei der das Instrument gespielt wird; nach der Temperatur der Werkstatt fragt Hören.</translation>
    </message>
    <message>
        <source>%1: the tolerance of %2 must be a number from 0.5 to 100 cents.</source>
        <translation>%1: Die Toleranz von %2 muss eine Zahl von 0,5 bis 100 Cent sein.</translation>
    </message>
    <message>
        <source>%1: the weight of %2 must be a number from 0 (does not count) to 100.</source>
        <translation>%1: Das Gewicht von %2 muss eine Zahl von 0 (zählt nicht) bis 100 sein.</translation>
    </message>
    <message>
        <source>Edited by hand. Changing the lowest note, scale or registers replaces the chart.</source>
        <translation>Von Hand geändert. Ein anderer tiefster Ton, eine andere Tonleiter oder Registerzahl ersetzt die Tabelle.</translation>
    </message>
    <message>
        <source>Click a hole to cycle closed, half, open. Double-click a tolerance or weight to change it.</source>
        <translation>Ein Loch anklicken: geschlossen, halb, offen. Toleranz oder Gewicht zum Ändern doppelt anklicken.</translation>
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
        <translation>%1 hat %2 Stufen in der Periode; eine Grifftabelle braucht zwölf je Oktave. Eine andere Skala wählen oder einzelnen Tönen in einer Spezifikation eigene Hertz geben.</translation>
    </message>
    <message>
        <source>Save scale</source>
        <translation>Skala speichern</translation>
    </message>
    <message>
        <source>&amp;Find fingerings…</source>
        <translation>Griffe &amp;suchen…</translation>
    </message>
    <message>
        <source>Lists every fingering near this note, best first.</source>
        <translation>Listet alle Griffe nahe diesem Ton, den besten zuerst.</translation>
    </message>
    <message>
        <source>Lay out the holes first; fingerings are calculated from the layout.</source>
        <translation>Zuerst die Löcher berechnen; die Griffe werden aus dem Lochplan berechnet.</translation>
    </message>
    <message>
        <source>Holes</source>
        <translation>Löcher</translation>
    </message>
    <message>
        <source>Number of holes, opened one after the other from the foot for the degrees of the scale.</source>
        <translation>Zahl der Löcher, die vom Fuß aus eines nach dem anderen für die Stufen der Tonleiter geöffnet werden.</translation>
    </message>
    <message>
        <source>usual</source>
        <comment>number of holes</comment>
        <translation>üblich</translation>
    </message>
    <message>
        <source>Highest hole at the back, for the thumb</source>
        <translation>Oberstes Loch hinten, für den Daumen</translation>
    </message>
    <message>
        <source>at the back</source>
        <translation>hinten</translation>
    </message>
    <message>
        <source>Thumb hole</source>
        <translation>Daumenloch</translation>
    </message>
</context>
<context>
    <name>dowel::app::TimbreCard</name>
    <message>
        <source>Model: the resonance is weak because the holes are small and deep or the bore is rough.</source>
        <translation>Modell: Die Resonanz ist schwach, weil die Löcher klein und tief sind oder die Bohrung rau ist.</translation>
    </message>
    <message>
        <source>Model: the note lies near the cutoff of the open holes.</source>
        <translation>Modell: Der Ton liegt nahe der Grenzfrequenz der offenen Löcher.</translation>
    </message>
    <message>
        <source>Model: the octave is far from a resonance of the tube.</source>
        <translation>Modell: Die Oktave liegt weit von einer Resonanz des Rohrs.</translation>
    </message>
    <message>
        <source>Model: the register below is stronger.</source>
        <translation>Modell: Das Register darunter ist stärker.</translation>
    </message>
    <message>
        <source>enlarging %1 by %2</source>
        <comment>hole, how much</comment>
        <translation>%1 um %2 weiten</translation>
    </message>
    <message>
        <source>undercutting %1 by %2</source>
        <comment>hole, how much</comment>
        <translation>%1 um %2 unterschneiden</translation>
    </message>
    <message>
        <source>smoothing the bore</source>
        <translation>die Bohrung glätten</translation>
    </message>
    <message>
        <source>%1: brighter, %2 cents instead of %3; all notes stay within tolerance.</source>
        <translation>%1: heller, %2 Cent statt %3; alle Töne bleiben in der Toleranz.</translation>
    </message>
    <message>
        <source>%1: brighter, %2 cents instead of %3; some notes leave tolerance.</source>
        <translation>%1: heller, %2 Cent statt %3; einige Töne verlassen die Toleranz.</translation>
    </message>
    <message>
        <source>Match t&amp;his note</source>
        <translation>Wie &amp;dieser</translation>
    </message>
    <message>
        <source>Match &amp;instrument…</source>
        <translation>Wie &amp;Instrument…</translation>
    </message>
    <message>
        <source>&amp;No reference</source>
        <translation>&amp;Kein Vergleich</translation>
    </message>
    <message>
        <source>Compare all notes with the selected note.</source>
        <translation>Alle Töne mit dem gewählten Ton vergleichen.</translation>
    </message>
    <message>
        <source>Compare every note with a good instrument&apos;s workbook.</source>
        <translation>Jeden Ton mit dem Werkbuch eines guten Instruments vergleichen.</translation>
    </message>
    <message>
        <source>%1 is %2</source>
        <comment>note, what stands out</comment>
        <translation>%1 ist %2</translation>
    </message>
    <message>
        <source>Nothing recorded yet: play the fingerings one after the other.</source>
        <translation>Noch nichts aufgenommen: die Griffe nacheinander spielen.</translation>
    </message>
    <message>
        <source>All notes sound alike. Point at a note for figures.</source>
        <translation>Alle Töne klingen gleich. Auf einen Ton zeigen, um seine Werte zu sehen.</translation>
    </message>
    <message>
        <source>. Point at a note for figures.</source>
        <translation>. Auf einen Ton zeigen, um seine Werte zu sehen.</translation>
    </message>
    <message>
        <source>Workbook of the reference instrument</source>
        <translation>Werkbuch des Vergleichsinstruments</translation>
    </message>
    <message>
        <source>Workbooks (*.dowel)</source>
        <translation>Werkbücher (*.dowel)</translation>
    </message>
    <message>
        <source>No note was heard twice yet. Changes appear here after a second session.</source>
        <translation>Noch kein Ton wurde zweimal gemessen. Änderungen erscheinen nach einer zweiten Messung.</translation>
    </message>
    <message>
        <source>No change since the first session.</source>
        <translation>Keine Änderung seit der ersten Messung.</translation>
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
        <translation>%1 dB über dem Atemgeräusch</translation>
    </message>
    <message>
        <source>partials centred on %1 times the note</source>
        <translation>Teiltöne mit Schwerpunkt beim %1-Fachen des Tons</translation>
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
        <translation>weniger Atemgeräusch</translation>
    </message>
    <message>
        <source>breathier</source>
        <translation>mehr Atemgeräusch</translation>
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
        <source>Timbre of every note</source>
        <translation>Klang jedes Tons</translation>
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
        <translation>%1: wie zu Anfang</translation>
    </message>
    <message>
        <source>%1 has become %2</source>
        <comment>note, what it became</comment>
        <translation>%1 ist jetzt %2</translation>
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
        <source>outline: first take</source>
        <translation>Umriss: erste Aufnahme</translation>
    </message>
    <message>
        <source>outline: reference</source>
        <translation>Umriss: Vergleich</translation>
    </message>
    <message>
        <source>lines: partials   dots: breath   slope: attack   ◆ stands out</source>
        <translation>Striche: Teiltöne   Punkte: Atem   Schräge: Ansprache   ◆ fällt auf</translation>
    </message>
</context>
<context>
    <name>dowel::app::TryCard</name>
    <message>
        <source>&amp;Reset to present shape</source>
        <translation>&amp;Zurück zur jetzigen Form</translation>
    </message>
    <message>
        <source>Drag on the workpiece</source>
        <translation>Am Werkstück ziehen</translation>
    </message>
    <message>
        <source>Drag a hole up or down, the foot or stopper along the tube; hold Shift for fine steps. Keys: left and right select, up and down change. Nothing is logged.</source>
        <translation>Ein Loch auf oder ab ziehen, Fuß oder Stopfen längs des Rohrs; mit Umschalt in kleinen Schritten. Tasten: links und rechts wählen, auf und ab ändern. Nichts wird eingetragen.</translation>
    </message>
    <message>
        <source>Reset to present shape</source>
        <translation>Zurück zur jetzigen Form</translation>
    </message>
    <message>
        <source>tube</source>
        <translation>Rohr</translation>
    </message>
    <message>
        <source>stopper</source>
        <translation>Stopfen</translation>
    </message>
    <message>
        <source>%1: %2 → %3 (needs material added)</source>
        <translation>%1: %2 → %3 (Material müsste aufgetragen werden)</translation>
    </message>
    <message>
        <source>%1: %2 → %3</source>
        <translation>%1: %2 → %3</translation>
    </message>
    <message>
        <source>No change yet.</source>
        <translation>Noch keine Änderung.</translation>
    </message>
    <message>
        <source>Trial: %1 of %2 notes within tolerance, largest deviation %3, average %4 cents.</source>
        <translation>Versuch: %1 von %2 Tönen in der Toleranz, größte Abweichung %3, Mittel %4 Cent.</translation>
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
        <translation>%1 noch nicht gemessen</translation>
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
        <source>deviation in cents at playing temperature</source>
        <translation>Abweichung in Cent bei Spieltemperatur</translation>
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
        <source>Wall loss factor</source>
        <translation>Faktor der Wandverluste</translation>
    </message>
    <message>
        <source>finger grooves</source>
        <translation>Griffmulden</translation>
    </message>
    <message>
        <source>Depth</source>
        <translation>Tiefe</translation>
    </message>
    <message>
        <source>A groove thins the wall under the finger, so each hole acts larger. File with the grain, away from the other hand.</source>
        <translation>Eine Mulde macht die Wand unter dem Finger dünner, sodass jedes Loch größer wirkt. Mit der Faser feilen, von der anderen Hand weg.</translation>
    </message>
    <message>
        <source>a ring on the foot</source>
        <translation>ein Ring am Fuß</translation>
    </message>
    <message>
        <source>Length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>Inside diameter</source>
        <translation>Innendurchmesser</translation>
    </message>
    <message>
        <source>Cylindrical. You can record the instrument with and without it.</source>
        <translation>Zylindrisch. Das Instrument lässt sich mit und ohne Ring messen.</translation>
    </message>
    <message>
        <source>a bell or funnel on the foot</source>
        <translation>ein Becher oder Trichter am Fuß</translation>
    </message>
    <message>
        <source>Mouth diameter</source>
        <translation>Weite an der Mündung</translation>
    </message>
    <message>
        <source>A cone beyond the foot. You can record the instrument with and without it.</source>
        <translation>Ein Kegel am Fuß. Das Instrument lässt sich mit und ohne messen.</translation>
    </message>
    <message>
        <source>another mouthpiece</source>
        <translation>ein anderes Mundstück</translation>
    </message>
    <message>
        <source>Volume factor</source>
        <translation>Volumenfaktor</translation>
    </message>
    <message>
        <source>Mouthpiece and chamber, including the compliance of reed or lips. More volume flattens upper notes more than low ones.</source>
        <translation>Mundstück und Kammer mit der Nachgiebigkeit von Blatt oder Lippen. Mehr Volumen senkt obere Töne stärker als tiefe.</translation>
    </message>
    <message>
        <source>barrel pulled out</source>
        <translation>Birne herausgezogen</translation>
    </message>
    <message>
        <source>By</source>
        <translation>Um</translation>
    </message>
    <message>
        <source>Lengthens the tube above all holes: upper notes go flatter than low ones.</source>
        <translation>Verlängert das Rohr oberhalb aller Löcher: Obere Töne sinken stärker als tiefe.</translation>
    </message>
    <message>
        <source>a register hole</source>
        <translation>ein Registerloch</translation>
    </message>
    <message>
        <source>From the mouthpiece</source>
        <translation>Vom Mundstück</translation>
    </message>
    <message>
        <source>Diameter</source>
        <translation>Durchmesser</translation>
    </message>
    <message>
        <source>Closed in the first register, open above. The further the hole is from a pressure node, the more it raises the note.</source>
        <translation>Im ersten Register geschlossen, darüber offen. Je weiter das Loch von einem Druckknoten liegt, desto mehr hebt es den Ton.</translation>
    </message>
    <message>
        <source>a loose slide</source>
        <translation>ein undichter Stimmzug</translation>
    </message>
    <message>
        <source>Radial gap</source>
        <translation>Spalt am Umfang</translation>
    </message>
    <message>
        <source>Packing length</source>
        <translation>Länge der Dichtung</translation>
    </message>
    <message>
        <source>Air leaking past the packing weakens the resonance but hardly changes pitch. Thread, cork or felt with grease seals it.</source>
        <translation>Luft, die an der Dichtung vorbeigeht, schwächt die Resonanz, ändert die Tonhöhe aber kaum. Faden, Kork oder Filz mit Fett dichten ab.</translation>
    </message>
    <message>
        <source>none</source>
        <comment>no such note</comment>
        <translation>keine</translation>
    </message>
    <message>
        <source>Change</source>
        <translation>Änderung</translation>
    </message>
    <message>
        <source>Factor</source>
        <translation>Faktor</translation>
    </message>
    <message>
        <source>Amount</source>
        <translation>Betrag</translation>
    </message>
    <message>
        <source>Every note before and after</source>
        <translation>Jeder Ton vorher und nachher</translation>
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
        <source>changed</source>
        <translation>geändert</translation>
    </message>
    <message>
        <source>shift</source>
        <translation>Änderung</translation>
    </message>
    <message>
        <source>stronger by</source>
        <translation>stärker um</translation>
    </message>
    <message>
        <source>response</source>
        <translation>Ansprache</translation>
    </message>
    <message>
        <source>What if</source>
        <translation>Was wäre, wenn</translation>
    </message>
    <message>
        <source>%1 dB</source>
        <translation>%1 dB</translation>
    </message>
    <message>
        <source>Largest shift: %1 cents. Calculated, in cents from the target.</source>
        <translation>Größte Änderung: %1 Cent. Berechnet, in Cent vom Ziel.</translation>
    </message>
    <message>
        <source>To keep the lowest note, shorten the foot by %1.</source>
        <translation>Um den tiefsten Ton zu halten, den Fuß um %1 kürzen.</translation>
    </message>
    <message>
        <source>To keep the lowest note, the tube would have to be %1 longer.</source>
        <translation>Um den tiefsten Ton zu halten, müsste das Rohr %1 länger sein.</translation>
    </message>
    <message>
        <source>a rougher or smoother bore</source>
        <translation>eine rauere oder glattere Bohrung</translation>
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
        <source>1 is a smooth, sealed wall; raw wood or unscraped cane is 1.5 to 2. A rough wall makes notes slightly flatter and weaker; the table shows each note. Enter 1 over a stretch to see what smoothing would gain.</source>
        <translation>1 ist eine glatte, versiegelte Wand; rohes Holz oder ungeschabtes Rohr liegt bei 1,5 bis 2. Eine raue Wand macht Töne etwas tiefer und schwächer; die Tabelle zeigt jeden Ton. 1 über eine Strecke zeigt, was Glätten brächte.</translation>
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
        <source>Playing temperature</source>
        <translation>Spieltemperatur</translation>
    </message>
    <message>
        <source>Temperament</source>
        <translation>Temperierung</translation>
    </message>
    <message>
        <source>Tonic</source>
        <translation>Grundton</translation>
    </message>
    <message>
        <source>Tolerance of each note</source>
        <translation>Toleranz jedes Tons</translation>
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
        <source>Edit target and tools</source>
        <translation>Ziel und Werkzeug ändern</translation>
    </message>
    <message>
        <source>Name of the instrument</source>
        <translation>Name des Instruments</translation>
    </message>
    <message>
        <source>Advice follows the new target from now on. Readings stay as heard and are compared with the new target. You can set the change aside in the logbook.</source>
        <translation>Der Rat folgt ab jetzt dem neuen Ziel. Messungen bleiben, wie sie sind, und werden mit dem neuen Ziel verglichen. Die Änderung lässt sich im Logbuch beiseitelegen.</translation>
    </message>
    <message>
        <source>Apply</source>
        <translation>Anwenden</translation>
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
        <source>&amp;Playing temperature</source>
        <translation>S&amp;pieltemperatur</translation>
    </message>
    <message>
        <source>&amp;Temperament</source>
        <translation>&amp;Temperierung</translation>
    </message>
    <message>
        <source>&amp;tonic</source>
        <translation>&amp;Grundton</translation>
    </message>
    <message>
        <source>&amp;Drawer bits</source>
        <translation>&amp;Bohrer in der Schublade</translation>
    </message>
    <message>
        <source>Millimetres, fractions, number and letter sizes, separated by semicolons: 5; 5.5; 17/64; No. 7; F. Empty: any size.</source>
        <translation>Millimeter, Brüche, Nummern und Buchstaben, getrennt durch Semikolon: 5; 5,5; 17/64; No. 7; F. Leer: jede Größe.</translation>
    </message>
    <message>
        <source>Smallest &amp;step by file or knife</source>
        <translation>Kleinster &amp;Schritt mit Feile oder Messer</translation>
    </message>
    <message>
        <source>The smallest enlargement you can make and measure.</source>
        <translation>Die kleinste Erweiterung, die sich ausführen und messen lässt.</translation>
    </message>
    <message>
        <source>&amp;Largest hole</source>
        <translation>&amp;Größtes Loch</translation>
    </message>
    <message>
        <source>The largest hole your fingers cover. Empty: limited by the bore.</source>
        <translation>Das größte Loch, das die Finger decken. Leer: durch die Bohrung begrenzt.</translation>
    </message>
    <message>
        <source>Find nearest &amp;scale</source>
        <translation>Nächste Ton&amp;leiter suchen</translation>
    </message>
    <message>
        <source>For an instrument made to no key: takes the scale and the A4 that the notes as heard are nearest to.</source>
        <translation>Für ein Instrument ohne Tonart: nimmt die Tonleiter und das A4, denen die gehörten Töne am nächsten sind.</translation>
    </message>
    <message>
        <source>Three notes of the low register must have been heard.</source>
        <translation>Drei Töne des unteren Registers müssen gehört sein.</translation>
    </message>
    <message>
        <source>Nearest: %1 %2 at A4 = %3 Hz. %4 is furthest from it, by %5 cents. Apply it, and Correct says which cut brings it nearer.</source>
        <comment>tonic, mode, hertz, note, cents</comment>
        <translation>Am nächsten: %1 %2 bei A4 = %3 Hz. %4 liegt am weitesten davon, um %5 Cent. Übernehmen, dann sagt Nacharbeiten, welcher Schnitt näher führt.</translation>
    </message>
    <message>
        <source>Fractions, decimals, number and letter sizes, separated by semicolons: 1/4; 17/64; 0.27; No. 7; F. Empty: any size.</source>
        <translation>Brüche, Dezimalzahlen, Nummern und Buchstaben, mit Semikolon getrennt: 1/4; 17/64; 0,27; No. 7; F. Leer: jede Größe.</translation>
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
        <translation>Rohr, %1 lang</translation>
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
        <source>%1: diameter %2, %3 from the sounding edge, finger %4</source>
        <translation>%1: Durchmesser %2, %3 ab der Anblaskante, Finger %4</translation>
    </message>
    <message>
        <source>Foot, %1 from the sounding edge</source>
        <translation>Fuß, %1 ab der Anblaskante</translation>
    </message>
    <message>
        <source>Stopper, %1 from the embouchure hole</source>
        <translation>Stopfen, %1 vom Mundloch</translation>
    </message>
    <message>
        <source>node kept at %1</source>
        <translation>Knoten bei %1, behalten</translation>
    </message>
    <message>
        <source>node opened at %1</source>
        <translation>Knoten bei %1, durchgestoßen</translation>
    </message>
    <message>
        <source>foot piece %1 long, mouth %2</source>
        <translation>Fußstück %1 lang, Mündung %2</translation>
    </message>
    <message>
        <source>%1 sounding, %2 overall</source>
        <comment>length, length</comment>
        <translation>%1 klingend, %2 gesamt</translation>
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
        <source>Move the stopper</source>
        <translation>Stopfen verschieben</translation>
    </message>
    <message>
        <source>Lengthen the window</source>
        <translation>Aufschnitt verlängern</translation>
    </message>
    <message>
        <source>Enlarge the embouchure hole</source>
        <translation>Mundloch vergrößern</translation>
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
        <source>push rod with a mark</source>
        <translation>Schubstange mit Marke</translation>
    </message>
    <message>
        <source>knife, at the lip&apos;s edge</source>
        <translation>Messer, an der Kante des Labiums</translation>
    </message>
    <message>
        <source>round file, at both ends alike</source>
        <translation>Rundfeile, beide Enden gleich</translation>
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
        <source>%1 is %2; undercutting this hole moves that note most.</source>
        <comment>note, how far off</comment>
        <translation>%1 ist %2; dieses Loch zu unterschneiden verschiebt diesen Ton am meisten.</translation>
    </message>
    <message>
        <source>%1 is %2; the foot moves that note most.</source>
        <comment>note, how far off</comment>
        <translation>%1 ist %2; der Fuß verschiebt diesen Ton am meisten.</translation>
    </message>
    <message>
        <source>%1 is %2; reaming here moves that note most and changes the registers differently.</source>
        <comment>note, how far off</comment>
        <translation>%1 ist %2; Räumen an dieser Stelle verschiebt diesen Ton am meisten und wirkt auf die Register verschieden.</translation>
    </message>
    <message>
        <source>%1 is %2; the stopper moves that note most and can be moved back.</source>
        <comment>note, how far off</comment>
        <translation>%1 ist %2; der Stopfen verschiebt diesen Ton am meisten und lässt sich zurückschieben.</translation>
    </message>
    <message>
        <source>%1 is %2; the window moves every note, so it comes before the holes.</source>
        <comment>note, how far off</comment>
        <translation>%1 ist %2; der Aufschnitt verschiebt jeden Ton, darum kommt er vor den Löchern.</translation>
    </message>
    <message>
        <source>%1 is %2; the embouchure hole moves every note, so it comes before the holes.</source>
        <comment>note, how far off</comment>
        <translation>%1 ist %2; das Mundloch verschiebt jeden Ton, darum kommt es vor den Löchern.</translation>
    </message>
    <message>
        <source>%1 is %2; this hole moves that note most.</source>
        <comment>note, how far off</comment>
        <translation>%1 ist %2; dieses Loch verschiebt diesen Ton am meisten.</translation>
    </message>
    <message>
        <source>The final size will probably be near %1; going further now could overshoot.</source>
        <comment>%1 size</comment>
        <translation>Das Endmaß wird wohl nahe %1 liegen; jetzt weiter zu gehen könnte zu viel sein.</translation>
    </message>
    <message>
        <source>99 %</source>
        <translation>99 %</translation>
    </message>
    <message>
        <source>at most 1 %</source>
        <translation>höchstens 1 %</translation>
    </message>
    <message>
        <source>%1 sure that no note goes sharp for good.</source>
        <comment>a chance</comment>
        <translation>%1 sicher, dass kein Ton dauerhaft zu hoch wird.</translation>
    </message>
    <message>
        <source>%1 sure that every note is within tolerance.</source>
        <comment>a chance</comment>
        <translation>%1 sicher, dass jeder Ton in der Toleranz liegt.</translation>
    </message>
    <message>
        <source>Playing %1 again would settle most.</source>
        <comment>notes</comment>
        <translation>%1 noch einmal zu spielen klärt am meisten.</translation>
    </message>
    <message>
        <source>Advice starts once every fingering has been heard.</source>
        <translation>Rat gibt es, sobald jeder Griff gemessen ist.</translation>
    </message>
    <message>
        <source>Advice continues once every fingering has been heard.</source>
        <translation>Der Rat geht weiter, sobald jeder Griff gemessen ist.</translation>
    </message>
    <message>
        <source>These notes decide the next step; %1 sure that every note is in tolerance already.</source>
        <comment>a chance</comment>
        <translation>Diese Töne entscheiden über den nächsten Schritt; %1 sicher, dass schon jeder Ton in der Toleranz liegt.</translation>
    </message>
    <message>
        <source>Cuts since the last session have moved these notes, so play them before the next cut.</source>
        <translation>Schnitte seit der letzten Messung haben diese Töne verschoben, darum vor dem nächsten Schnitt spielen.</translation>
    </message>
    <message>
        <source>%1 stays %2</source>
        <comment>note, how far</comment>
        <translation>%1 bleibt %2</translation>
    </message>
    <message>
        <source>%1: removing wood cannot lower the note; another fingering or a narrower hole can.</source>
        <translation>%1: Abtragen kann den Ton nicht senken; ein anderer Griff oder ein engeres Loch kann es.</translation>
    </message>
    <message>
        <source>%1: the hole has reached its limit.</source>
        <translation>%1: Das Loch hat seine Grenze erreicht.</translation>
    </message>
    <message>
        <source>%1: the tube has reached its shortest length.</source>
        <translation>%1: Das Rohr hat seine kürzeste Länge erreicht.</translation>
    </message>
    <message>
        <source>%1: the best compromise with neighbouring notes and the other register.</source>
        <translation>%1: der beste Ausgleich mit Nachbartönen und dem anderen Register.</translation>
    </message>
    <message>
        <source>%1: repeatedly inconsistent with the other notes, so not used for cuts.</source>
        <translation>%1: passt wiederholt nicht zu den anderen Tönen und bestimmte daher keinen Schnitt.</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <comment>hole, size</comment>
        <translation>%1 auf %2</translation>
    </message>
    <message>
        <source>As a last resort, partly fill holes: %1. Try wax first, which can be removed, and listen before filling for good.</source>
        <translation>Als letztes Mittel Löcher teilweise füllen: %1. Zuerst Wachs versuchen, das sich entfernen lässt, und vor dem dauerhaften Füllen messen.</translation>
    </message>
    <message>
        <source>foot first</source>
        <translation>Fuß zuerst</translation>
    </message>
    <message>
        <source>holes first</source>
        <translation>Löcher zuerst</translation>
    </message>
    <message>
        <source>one hole size</source>
        <translation>eine Lochgröße</translation>
    </message>
    <message>
        <source>graded</source>
        <translation>abgestuft</translation>
    </message>
    <message>
        <source>first register priority</source>
        <translation>erstes Register hat Vorrang</translation>
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
        <translation>Drücken, nicht schlagen: Ein strammer Stopfen kann den Kopf spalten.</translation>
    </message>
    <message>
        <source>Cut away from yourself, small strokes; keep the dust out of your lungs.</source>
        <translation>Vom Körper weg, in kleinen Strichen schneiden; den Staub nicht einatmen.</translation>
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
            <numerusform>Rat: %n Griff spielen</numerusform>
            <numerusform>Rat: %n Griffe spielen</numerusform>
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
        <source>Tuning strategy: %1</source>
        <translation>Abstimmweise: %1</translation>
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
        <source>Own scale from a file</source>
        <translation>Eigene, aus Datei</translation>
    </message>
    <message>
        <source>Renamed %1</source>
        <comment>name</comment>
        <translation>Umbenannt in %1</translation>
    </message>
    <message>
        <source>Whistle</source>
        <translation>Blockpfeife (Whistle)</translation>
    </message>
    <message>
        <source>Recorder</source>
        <translation>Blockflöte</translation>
    </message>
    <message>
        <source>Two-chamber flute</source>
        <translation>Zweikammerflöte</translation>
    </message>
    <message>
        <source>Transverse flute</source>
        <translation>Querflöte</translation>
    </message>
    <message>
        <source>Fife</source>
        <translation>Querpfeife</translation>
    </message>
    <message>
        <source>Stopped pipe</source>
        <translation>Gedackte Pfeife</translation>
    </message>
    <message>
        <source>Slide whistle</source>
        <translation>Kolbenpfeife</translation>
    </message>
    <message>
        <source>Reed pipe</source>
        <translation>Rohrblattpfeife</translation>
    </message>
    <message>
        <source>Horn with finger holes</source>
        <translation>Horn mit Grifflöchern</translation>
    </message>
    <message>
        <source>Design saved</source>
        <translation>Entwurf gespeichert</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>hole, size</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>As built: %1 long; %2</source>
        <comment>length, holes with their sizes</comment>
        <translation>Ist-Maße: %1 lang; %2</translation>
    </message>
    <message>
        <source>no holes</source>
        <translation>keine Löcher</translation>
    </message>
    <message>
        <source>Measured again: bore, sounding edge, wall or holes</source>
        <translation>Neu gemessen: Bohrung, Anblaskante, Wand oder Löcher</translation>
    </message>
    <message numerus="yes">
        <source>Tools: %n bit(s), file or knife in steps of %1</source>
        <translation>
            <numerusform>Werkzeuge: %n Bohrer, Feile oder Messer in Schritten von %1</numerusform>
            <numerusform>Werkzeuge: %n Bohrer, Feile oder Messer in Schritten von %1</numerusform>
        </translation>
    </message>
    <message>
        <source>New limits for holes and foot</source>
        <translation>Neue Grenzen für Löcher und Fuß</translation>
    </message>
    <message>
        <source>Material: %1</source>
        <comment>material</comment>
        <translation>Material: %1</translation>
    </message>
    <message numerus="yes">
        <source>%n node(s)</source>
        <translation>
            <numerusform>%n Knoten</numerusform>
            <numerusform>%n Knoten</numerusform>
        </translation>
    </message>
    <message>
        <source>Redone: entry %1</source>
        <translation>Wiederhergestellt: Eintrag %1</translation>
    </message>
    <message>
        <source>Deburr and ease hole edges</source>
        <translation>Entgraten, Kanten brechen</translation>
    </message>
    <message>
        <source>Smooth the bore</source>
        <translation>Bohrung glätten</translation>
    </message>
    <message>
        <source>Sand through the grits</source>
        <translation>Schleifen, Körnung für Körnung</translation>
    </message>
    <message>
        <source>Stain</source>
        <translation>Beizen</translation>
    </message>
    <message>
        <source>Oil soak, wiped daily</source>
        <translation>In Öl tränken</translation>
    </message>
    <message>
        <source>Oil, brushed coats</source>
        <translation>Öl, gestrichene Lagen</translation>
    </message>
    <message>
        <source>Wax coats, buffed</source>
        <translation>Wachslagen, poliert</translation>
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
        <source>Cure</source>
        <translation>Aushärten</translation>
    </message>
    <message>
        <source>Cork the tenons</source>
        <translation>Zapfen mit Kork belegen</translation>
    </message>
    <message>
        <source>Bind with thread and seal</source>
        <translation>Mit Faden umwickeln und versiegeln</translation>
    </message>
    <message>
        <source>Stamp the maker&apos;s mark</source>
        <translation>Meisterzeichen einbrennen</translation>
    </message>
    <message>
        <source>Measure and listen again</source>
        <translation>Nachmessen und hören</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>work, the maker&apos;s own words</comment>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Deburr inside as well: scrape burnt holes, cut drilled ones. Rounding an edge raises the note slightly, so listen again. Cut away from yourself.</source>
        <translation>Auch innen entgraten: gebrannte Löcher schaben, gebohrte schneiden. Eine gerundete Kante hebt den Ton ein wenig, darum noch einmal messen. Vom Körper weg schneiden.</translation>
    </message>
    <message>
        <source>Use fine abrasive on a rod along the bore, never into the window. A smoother bore helps the upper register. Use extraction and a mask.</source>
        <translation>Mit feinem Schleifmittel an einem Stab längs der Bohrung, nie bis ins Fenster. Eine glattere Bohrung hilft dem oberen Register. Absaugung und Maske verwenden.</translation>
    </message>
    <message>
        <source>180, 220, 400, 600, along the grain, never over the lip or the window. Dry dust: extraction and a mask; some woods harm skin and lungs, so wear gloves and change clothes where yours is one.</source>
        <translation>180, 220, 400, 600, mit der Faser, nie über Labium oder Fenster. Trockener Staub: Absaugung und Maske; manche Hölzer schaden Haut und Lunge, dann Handschuhe tragen und die Kleidung wechseln.</translation>
    </message>
    <message>
        <source>Stain the outside only, thinly, and let dry before the next step. Ventilate and wear gloves.</source>
        <translation>Nur außen und dünn beizen und vor dem nächsten Schritt trocknen lassen. Lüften und Handschuhe tragen.</translation>
    </message>
    <message>
        <source>An oil that is safe in the mouth when cured; bore and outside, wiped every day, days to weeks by the wood. Oily rags catch fire by themselves: spread them flat outdoors or drown them in water.</source>
        <translation>Ein Öl, das ausgehärtet mundverträglich ist; Bohrung und außen, täglich abgewischt, je nach Holz Tage bis Wochen. Ölige Lappen entzünden sich selbst: im Freien flach ausbreiten oder in Wasser tauchen.</translation>
    </message>
    <message>
        <source>An oil that is safe in the mouth when cured, thin coats, wiped after a quarter of an hour, a day between. Oily rags catch fire by themselves: spread them flat outdoors or drown them in water.</source>
        <translation>Ein Öl, das ausgehärtet mundverträglich ist, in dünnen Lagen, nach einer Viertelstunde abgewischt, ein Tag dazwischen. Ölige Lappen entzünden sich selbst: im Freien flach ausbreiten oder in Wasser tauchen.</translation>
    </message>
    <message>
        <source>Two or three thin coats, dry between coats, buffed by hand. A buffing wheel can tear the tube from your hand: hold it below the middle, eye protection, no gloves.</source>
        <translation>Zwei oder drei dünne Lagen, dazwischen trocknen lassen, von Hand polieren. Eine Polierscheibe kann das Rohr aus der Hand reißen: unterhalb der Mitte halten, Augenschutz, keine Handschuhe.</translation>
    </message>
    <message>
        <source>Thin coats, a day apart, holes and window masked. Solvents burn and harm: ventilate, no flame, vapour mask. Only use what is safe in the mouth when cured.</source>
        <translation>Dünne Lagen, je ein Tag dazwischen, Löcher und Fenster abgeklebt. Lösemittel brennen und schaden: lüften, keine Flamme, Atemmaske. Nur verwenden, was ausgehärtet mundverträglich ist.</translation>
    </message>
    <message>
        <source>Lacquer seals and smooths a rough bore, which helps the upper register, and narrows it slightly. Solvents burn and harm: ventilate, no flame, vapour mask. Only use what is safe in the mouth when cured.</source>
        <translation>Lack versiegelt und glättet eine raue Bohrung, was dem oberen Register hilft, und verengt sie ein wenig. Lösemittel brennen und schaden: lüften, keine Flamme, Atemmaske. Nur verwenden, was ausgehärtet mundverträglich ist.</translation>
    </message>
    <message>
        <source>Cure in moving air, out of the sun, and do not play. Oils take two to six weeks, wax some days, lacquer one to four weeks.</source>
        <translation>In bewegter Luft und ohne Sonne aushärten lassen und nicht spielen. Öle brauchen zwei bis sechs Wochen, Wachs einige Tage, Lack eine bis vier Wochen.</translation>
    </message>
    <message>
        <source>Glue thinly, press, then cut to fit and grease. Cut away from yourself.</source>
        <translation>Dünn leimen, pressen, dann passend schneiden und fetten. Vom Körper weg schneiden.</translation>
    </message>
    <message>
        <source>Wind waxed thread tight and even, ends under the turns, and seal it. The binding holds cane together in dry air.</source>
        <translation>Gewachsten Faden straff und gleichmäßig wickeln, die Enden unter den Windungen, und versiegeln. Die Wicklung hält das Rohr in trockener Luft zusammen.</translation>
    </message>
    <message>
        <source>Stamp before the last coat, on a flat support, away from the holes.</source>
        <translation>Vor der letzten Lage einbrennen, auf ebener Unterlage, mit Abstand zu den Löchern.</translation>
    </message>
    <message>
        <source>The finish has shifted the pitch slightly: measure bore, window and holes again, play every note and correct what is out of tolerance. Protect your ears from long high notes.</source>
        <translation>Die Oberfläche hat die Tonhöhe ein wenig verschoben: Bohrung, Fenster und Löcher nachmessen, jeden Ton spielen und berichtigen, was außerhalb der Toleranz liegt. Bei langen hohen Tönen das Gehör schützen.</translation>
    </message>
    <message>
        <source>Follow your shop&apos;s rules.</source>
        <translation>Die Regeln der Werkstatt befolgen.</translation>
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
        <translation>Gemüse, für den Unterricht</translation>
    </message>
    <message>
        <source>Window %1 wide, %2 long (cut-up); wall at window %3.</source>
        <translation>Fenster %1 breit, Aufschnitt %2; Wand am Fenster %3.</translation>
    </message>
    <message>
        <source>Embouchure hole %1 long, %2 wide, wall %3; stopper %4 from its middle.</source>
        <translation>Mundloch %1 lang, %2 breit, Wand %3; Stopfen %4 von der Mitte.</translation>
    </message>
    <message>
        <source>not heard</source>
        <translation>nicht gemessen</translation>
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
        <source>deviation (cents)</source>
        <translation>Abweichung (Cent)</translation>
    </message>
    <message>
        <source>± spread</source>
        <translation>± Streuung</translation>
    </message>
    <message>
        <source>Measures</source>
        <translation>Maße</translation>
    </message>
    <message>
        <source>position</source>
        <translation>Position</translation>
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
        <source>wall (chimney)</source>
        <translation>Wand (Kaminhöhe)</translation>
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
        <source>by readings of another meter</source>
        <translation>mit den Werten eines anderen Stimmgeräts</translation>
    </message>
    <message>
        <source>by the simulated player</source>
        <translation>vom simulierten Spieler</translation>
    </message>
    <message>
        <source>How the notes were measured</source>
        <translation>Messung der Töne</translation>
    </message>
    <message>
        <source>Not heard yet.</source>
        <translation>Noch nicht gemessen.</translation>
    </message>
    <message>
        <source>Readings: %1, %2.</source>
        <comment>how many, how</comment>
        <translation>Messungen: %1, %2.</translation>
    </message>
    <message>
        <source>not done yet</source>
        <translation>noch nicht ausgeführt</translation>
    </message>
    <message>
        <source>Finish: %1</source>
        <translation>Oberfläche: %1</translation>
    </message>
    <message>
        <source>step</source>
        <translation>Schritt</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>Fertig</translation>
    </message>
    <message>
        <source>Care</source>
        <translation>Pflege</translation>
    </message>
    <message>
        <source>Wash in lukewarm water with a little soap and let dry away from heat.</source>
        <translation>In lauwarmem Wasser mit etwas Seife waschen und fern von Wärme trocknen lassen.</translation>
    </message>
    <message>
        <source>Play in slowly: a quarter of an hour a day for two weeks. Wipe the bore dry after playing; keep away from sun, heaters and cold cars.</source>
        <translation>Langsam einspielen: zwei Wochen lang eine Viertelstunde am Tag. Die Bohrung nach dem Spielen trocken wischen; vor Sonne, Heizung und kaltem Auto schützen.</translation>
    </message>
    <message>
        <source>Oil the bore twice a year, thinly, with an oil that is safe in the mouth when cured, and let it dry for some days. Oily rags catch fire by themselves: spread them flat outdoors.</source>
        <translation>Die Bohrung zweimal im Jahr dünn ölen, mit einem Öl, das ausgehärtet mundverträglich ist, und einige Tage trocknen lassen. Ölige Lappen entzünden sich selbst: im Freien flach ausbreiten.</translation>
    </message>
    <message>
        <source>Clean the mouthpiece between players; alcohol harms some finishes, so test a hidden spot first.</source>
        <translation>Das Mundstück vor jedem Spielerwechsel reinigen; Alkohol schadet mancher Oberfläche, darum an verdeckter Stelle prüfen.</translation>
    </message>
    <message>
        <source>Cuts</source>
        <translation>Schnitte</translation>
    </message>
    <message>
        <source>day</source>
        <translation>Tag</translation>
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
        <translation>Einen Pfropfen einschieben</translation>
    </message>
    <message>
        <source>bit of the bore, with a stop at its depth</source>
        <translation>Bohrer der Bohrung, mit Anschlag in der Tiefe</translation>
    </message>
    <message>
        <source>%1 is %2; a deeper bore lowers the pitch. A plug can raise it again.</source>
        <comment>note, how far off</comment>
        <translation>%1 ist %2; tiefer bohren senkt den Ton. Ein Pfropfen kann ihn wieder heben.</translation>
    </message>
    <message>
        <source>%1: the bore is too deep; pushing in a plug raises the note.</source>
        <translation>%1: Die Bohrung ist zu tief; ein eingeschobener Pfropfen hebt den Ton.</translation>
    </message>
    <message>
        <source>%1: the bore has reached its deepest point.</source>
        <translation>%1: Die Bohrung hat ihre größte Tiefe erreicht.</translation>
    </message>
    <message>
        <source>Finish schedule saved</source>
        <translation>Oberflächenplan gespeichert</translation>
    </message>
    <message>
        <source>Play in</source>
        <translation>Einspielen</translation>
    </message>
    <message>
        <source>Play a quarter of an hour a day at first and wipe dry each time: damp swells the bore, and forcing it cracks the wood.</source>
        <translation>Anfangs eine Viertelstunde am Tag spielen und jedes Mal trocken wischen: Feuchte lässt die Bohrung quellen, und Übereile lässt das Holz reißen.</translation>
    </message>
    <message>
        <source>about %1</source>
        <comment>cents, reckoned</comment>
        <translation>etwa %1</translation>
    </message>
    <message>
        <source>Fingers from the top: x closed, o open, / partly. Values marked about were not heard since the last cut and are calculated. One standard deviation is given beside each.</source>
        <translation>Griffe von oben: x geschlossen, o offen, / teilweise. Werte mit „etwa“ wurden seit dem letzten Schnitt nicht gemessen, sondern berechnet. Daneben steht eine Standardabweichung.</translation>
    </message>
    <message>
        <source>Know how much wood is left below the bit. Clamp the pipe, no gloves near the bit; draw it out often to clear the chips, and blow none into your eyes.</source>
        <translation>Vorher wissen, wie viel Holz unter dem Bohrer bleibt. Die Pfeife einspannen, keine Handschuhe am Bohrer; oft zurückziehen und die Späne entfernen, nicht in Richtung der Augen blasen.</translation>
    </message>
    <message>
        <source>Photograph</source>
        <translation>Foto</translation>
    </message>
    <message>
        <source>Photograph: %1</source>
        <translation>Foto: %1</translation>
    </message>
    <message>
        <source>Timbre reference: note %1</source>
        <translation>Klangvergleich: Ton %1</translation>
    </message>
    <message>
        <source>Timbre reference removed</source>
        <translation>Klangvergleich entfernt</translation>
    </message>
    <message>
        <source>Timbre reference: %1</source>
        <comment>an instrument&apos;s name</comment>
        <translation>Klangvergleich: %1</translation>
    </message>
    <message>
        <source>first register</source>
        <translation>erstes Register</translation>
    </message>
    <message>
        <source>second register</source>
        <translation>zweites Register</translation>
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
        <source>good</source>
        <translation>gut</translation>
    </message>
    <message>
        <source>uncertain</source>
        <translation>unsicher</translation>
    </message>
    <message>
        <source>poor</source>
        <translation>schlecht</translation>
    </message>
    <message>
        <source>Windway height %1.</source>
        <translation>Höhe des Windkanals %1.</translation>
    </message>
    <message>
        <source>Windway length %1.</source>
        <translation>Länge des Windkanals %1.</translation>
    </message>
    <message>
        <source>Exit chamfer %1.</source>
        <translation>Fase am Ausgang %1.</translation>
    </message>
    <message>
        <source>Foot piece %1 long, mouth %2; notes are with the foot piece on.</source>
        <translation>Fußstück %1 lang, Mündung %2; die Töne gelten mit Fußstück.</translation>
    </message>
    <message>
        <source>Put a bell, funnel or ring on the foot</source>
        <translation>Becher, Trichter oder Ring auf den Fuß setzen</translation>
    </message>
    <message>
        <source>Remove the foot piece</source>
        <translation>Fußstück abnehmen</translation>
    </message>
    <message>
        <source>%1: %2 long, mouth %3</source>
        <comment>work, length, width</comment>
        <translation>%1: %2 lang, Mündung %3</translation>
    </message>
    <message>
        <source>%1: %2, give or take %3</source>
        <comment>note, cents flat or sharp, error</comment>
        <translation>%1: %2, auf %3 genau</translation>
    </message>
    <message>
        <source>Embouchure hole %1 long, %2 wide, undercut by %3, wall %4; stopper %5 from its middle.</source>
        <translation>Mundloch %1 lang, %2 breit, um %3 unterschnitten, Wand %4; Stopfen %5 von der Mitte.</translation>
    </message>
    <message>
        <source>Undercut the embouchure hole</source>
        <translation>Mundloch unterschneiden</translation>
    </message>
    <message>
        <source>whistle</source>
        <translation>Blockpfeife</translation>
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
        <translation>Kolbenpfeife</translation>
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
    <message>
        <source>cut</source>
        <translation>Schnitt</translation>
    </message>
    <message>
        <source>head %1</source>
        <translation>Kopf %1</translation>
    </message>
    <message>
        <source>foot %1</source>
        <translation>Fuß %1</translation>
    </message>
    <message>
        <source>middle %1</source>
        <translation>Mittelstück %1</translation>
    </message>
    <message>
        <source>Parts without tenons: %1.</source>
        <translation>Teile ohne Zapfen: %1.</translation>
    </message>
    <message>
        <source>Tool: %1.</source>
        <translation>Werkzeug: %1.</translation>
    </message>
    <message>
        <source>Check: %1</source>
        <translation>Prüfen: %1</translation>
    </message>
    <message>
        <source>Caution: %1</source>
        <translation>Vorsicht: %1</translation>
    </message>
    <message>
        <source>Mouthpiece volume %1.</source>
        <translation>Volumen des Mundstücks %1.</translation>
    </message>
    <message>
        <source>%1 %</source>
        <comment>a chance</comment>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>knife</source>
        <translation>Messer</translation>
    </message>
    <message>
        <source>file</source>
        <translation>Feile</translation>
    </message>
    <message>
        <source>round file</source>
        <translation>Rundfeile</translation>
    </message>
    <message>
        <source>tapered reamer</source>
        <translation>konischer Räumer</translation>
    </message>
    <message>
        <source>undercutting tool</source>
        <translation>Unterschneider</translation>
    </message>
    <message>
        <source>hot iron</source>
        <translation>Brenneisen</translation>
    </message>
    <message>
        <source>cork borer</source>
        <translation>Korkbohrer</translation>
    </message>
    <message>
        <source>countersink</source>
        <translation>Senker</translation>
    </message>
    <message>
        <source>abrasive on a rod</source>
        <translation>Schleifmittel am Stab</translation>
    </message>
    <message>
        <source>hot iron, or a knife led in from the side</source>
        <translation>Brenneisen oder Messer, von der Seite geführt</translation>
    </message>
    <message>
        <source>round file, no heat</source>
        <translation>Rundfeile, ohne Hitze</translation>
    </message>
    <message>
        <source>cork borer or knife</source>
        <translation>Korkbohrer oder Messer</translation>
    </message>
    <message>
        <source>from the embouchure hole</source>
        <translation>vom Mundloch</translation>
    </message>
    <message>
        <source>from the lip</source>
        <translation>vom Labium</translation>
    </message>
    <message>
        <source>from the sounding edge</source>
        <translation>von der Anblaskante</translation>
    </message>
    <message>
        <source>from the top end</source>
        <translation>vom oberen Ende</translation>
    </message>
    <message>
        <source>wax, pressed in from outside</source>
        <translation>Wachs, von außen eingedrückt</translation>
    </message>
    <message>
        <source>by hand</source>
        <translation>von Hand</translation>
    </message>
    <message>
        <source>%1 is %2; a plug raises the pitch and can be drawn out again.</source>
        <comment>note, how far off</comment>
        <translation>%1 ist %2; ein Stopfen erhöht den Ton und lässt sich wieder herausziehen.</translation>
    </message>
    <message>
        <source>%1 is %2; what is on the foot moves that note most.</source>
        <comment>note, how far off</comment>
        <translation>%1 ist %2; was auf dem Fuß steckt, bewegt diesen Ton am meisten.</translation>
    </message>
    <message>
        <source>Warm the wax, not the wood; keep flames and hot tools away from shavings.</source>
        <translation>Das Wachs erwärmen, nicht das Holz; Flammen und heißes Werkzeug von Spänen fernhalten.</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <comment>a length</comment>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source>%1 Hz</source>
        <comment>a frequency</comment>
        <translation>%1 Hz</translation>
    </message>
    <message>
        <source>%1 cents</source>
        <comment>an interval</comment>
        <translation>%1 Cent</translation>
    </message>
    <message>
        <source>%1°</source>
        <comment>an angle</comment>
        <translation>%1°</translation>
    </message>
    <message>
        <source>Countersink %1</source>
        <comment>%1 hole</comment>
        <translation>%1 ansenken</translation>
    </message>
    <message>
        <source>Thin the wall under %1</source>
        <comment>%1 hole</comment>
        <translation>Wand unter %1 dünner machen</translation>
    </message>
    <message>
        <source>Make the windway higher</source>
        <translation>Windkanal höher machen</translation>
    </message>
    <message>
        <source>Chamfer the windway</source>
        <translation>Windkanal fasen</translation>
    </message>
    <message>
        <source>countersink or round file</source>
        <translation>Senker oder Rundfeile</translation>
    </message>
    <message>
        <source>half-round file</source>
        <translation>Halbrundfeile</translation>
    </message>
    <message>
        <source>flat file, thin</source>
        <translation>dünne Flachfeile</translation>
    </message>
    <message>
        <source>fine file or knife</source>
        <translation>feine Feile oder Messer</translation>
    </message>
    <message>
        <source>%1 is %2; the windway gives that note more breath.</source>
        <comment>note, how far off</comment>
        <translation>%1 ist %2; der Windkanal gibt diesem Ton mehr Luft.</translation>
    </message>
    <message>
        <source>%1 is %2; the windway&apos;s edges change how that note speaks.</source>
        <comment>note, how far off</comment>
        <translation>%1 ist %2; die Kanten des Windkanals ändern, wie dieser Ton anspricht.</translation>
    </message>
    <message>
        <source>Stock</source>
        <translation>Rohling</translation>
    </message>
    <message>
        <source>Bore</source>
        <translation>Bohrung</translation>
    </message>
    <message>
        <source>Sounding edge</source>
        <translation>Anblaskante</translation>
    </message>
    <message>
        <source>Mouthpiece</source>
        <translation>Mundstück</translation>
    </message>
    <message>
        <source>Joints</source>
        <translation>Verbindungen</translation>
    </message>
    <message>
        <source>First sound</source>
        <translation>Erster Ton</translation>
    </message>
    <message>
        <source>Holes</source>
        <translation>Löcher</translation>
    </message>
    <message>
        <source>Tuning and finish</source>
        <translation>Stimmen und Oberfläche</translation>
    </message>
    <message>
        <source>Overall length %1, sounding length %2.</source>
        <translation>Gesamtlänge %1, klingende Länge %2.</translation>
    </message>
    <message>
        <source>Bench sheet.</source>
        <translation>Werkblatt.</translation>
    </message>
    <message>
        <source>Steps with ADULT are an adult&apos;s; children watch from where nothing can reach them.</source>
        <translation>Schritte mit ERWACHSENE macht ein Erwachsener; Kinder sehen zu, wo sie nichts treffen kann.</translation>
    </message>
    <message>
        <source>ADULT</source>
        <translation>ERWACHSENE</translation>
    </message>
    <message>
        <source>head joint</source>
        <translation>Kopfstück</translation>
    </message>
    <message>
        <source>middle joint</source>
        <translation>Mittelstück</translation>
    </message>
    <message>
        <source>foot joint</source>
        <translation>Fußstück</translation>
    </message>
    <message>
        <source>body</source>
        <translation>Körper</translation>
    </message>
    <message>
        <source>Parts with their tenons: %1.</source>
        <translation>Stücke mit ihren Zapfen: %1.</translation>
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
        <source>Notes at %1, A4 = %2 Hz</source>
        <comment>temperature, hertz</comment>
        <translation>Töne bei %1, A4 = %2 Hz</translation>
    </message>
    <message>
        <source>Measured at %1 to %2; the table above is corrected to the temperature stated there.</source>
        <comment>temperatures</comment>
        <translation>Gemessen bei %1 bis %2; die Tabelle oben ist auf die dort genannte Temperatur umgerechnet.</translation>
    </message>
    <message>
        <source>Draw the joint out or in</source>
        <translation>Die Verbindung verschieben</translation>
    </message>
    <message>
        <source>Move the block</source>
        <translation>Den Block verschieben</translation>
    </message>
    <message>
        <source>Smooth the bore from the foot</source>
        <translation>Die Bohrung vom Fuß her glätten</translation>
    </message>
    <message>
        <source>Lacquer the bore</source>
        <translation>Die Bohrung lackieren</translation>
    </message>
    <message>
        <source>abrasive on a long rod, turned by hand</source>
        <translation>Schleifpapier auf langem Stab, von Hand gedreht</translation>
    </message>
    <message>
        <source>swab on a rod, thin coats</source>
        <translation>Wischer am Stab, dünne Schichten</translation>
    </message>
    <message>
        <source>%1 is %2; the joint moves every note and goes back as easily.</source>
        <comment>note, how far off</comment>
        <translation>%1 ist %2; die Verbindung verschiebt jeden Ton und geht ebenso leicht zurück.</translation>
    </message>
    <message>
        <source>%1 is %2; the block moves every note and can be pushed back.</source>
        <comment>note, how far off</comment>
        <translation>%1 ist %2; der Block verschiebt jeden Ton und lässt sich zurückschieben.</translation>
    </message>
    <message>
        <source>%1 is %2; a smooth bore sounds a little sharper and louder.</source>
        <comment>note, how far off</comment>
        <translation>%1 ist %2; eine glatte Bohrung klingt etwas höher und lauter.</translation>
    </message>
    <message>
        <source>%1 is %2; a coat inside makes the bore smooth and a little narrower.</source>
        <comment>note, how far off</comment>
        <translation>%1 ist %2; eine Schicht innen macht die Bohrung glatt und etwas enger.</translation>
    </message>
    <message>
        <source>The readings do not fit the measures: all notes together would need air %1 warmer than can be. Check the room temperature and its degrees, the tube&apos;s length and the bore.</source>
        <comment>degrees</comment>
        <translation>Die Messungen passen nicht zu den Maßen: Alle Töne zusammen bräuchten Luft, die um %1 wärmer ist, als sie sein kann. Raumtemperatur und ihre Grade, Rohrlänge und Bohrung prüfen.</translation>
    </message>
    <message>
        <source>The readings do not fit the measures: all notes together would need air %1 colder than can be. Check the room temperature and its degrees, the tube&apos;s length and the bore.</source>
        <comment>degrees</comment>
        <translation>Die Messungen passen nicht zu den Maßen: Alle Töne zusammen bräuchten Luft, die um %1 kälter ist, als sie sein kann. Raumtemperatur und ihre Grade, Rohrlänge und Bohrung prüfen.</translation>
    </message>
    <message>
        <source>Turn it while you draw; a dry cork tears.</source>
        <translation>Beim Ziehen drehen; trockener Kork reißt.</translation>
    </message>
    <message>
        <source>Turn the rod by hand: in a drill it jams in the bore. Keep the dust out of your lungs.</source>
        <translation>Den Stab von Hand drehen: In der Bohrmaschine verklemmt er sich. Den Staub nicht einatmen.</translation>
    </message>
    <message>
        <source>Only what is safe in the mouth when cured; air the room, and keep flames away until it is dry.</source>
        <translation>Nur, was ausgehärtet im Mund unbedenklich ist; lüften und Flammen fernhalten, bis es trocken ist.</translation>
    </message>
    <message numerus="yes">
        <source>New target: A4 %1 Hz, played at %2, %n fingering(s)</source>
        <comment>hertz, temperature</comment>
        <translation>
            <numerusform>Neues Ziel: A4 %1 Hz, gespielt bei %2, %n Griff</numerusform>
            <numerusform>Neues Ziel: A4 %1 Hz, gespielt bei %2, %n Griffe</numerusform>
        </translation>
    </message>
    <message>
        <source>Heard %1: %2 Hz, %3 cents, room %4</source>
        <comment>note, hertz, cents, temperature</comment>
        <translation>Gehört %1: %2 Hz, %3 Cent, Raum %4</translation>
    </message>
    <message>
        <source>Ream the bore from %1 to %2</source>
        <comment>places</comment>
        <translation>Bohrung von %1 bis %2 räumen</translation>
    </message>
    <message>
        <source>The readings do not fit the measures: %1 behaves as if it were %2 larger. Measure it again and write down what the calipers say, even if it is the same; look for a leak or a chip, and check that the fingerings were the ones asked for.</source>
        <comment>hole, length</comment>
        <translation>Die Messungen passen nicht zu den Maßen: %1 verhält sich, als wäre es %2 größer. Noch einmal messen und eintragen, was der Messschieber sagt, auch wenn es dasselbe ist; nach einem Leck oder einer Absplitterung sehen und prüfen, ob die verlangten Griffe gespielt wurden.</translation>
    </message>
    <message>
        <source>The readings do not fit the measures: %1 behaves as if it were %2 smaller. Measure it again and write down what the calipers say, even if it is the same; look for a leak or a chip, and check that the fingerings were the ones asked for.</source>
        <comment>hole, length</comment>
        <translation>Die Messungen passen nicht zu den Maßen: %1 verhält sich, als wäre es %2 kleiner. Noch einmal messen und eintragen, was der Messschieber sagt, auch wenn es dasselbe ist; nach einem Leck oder einer Absplitterung sehen und prüfen, ob die verlangten Griffe gespielt wurden.</translation>
    </message>
    <message>
        <source>Straw, for a class</source>
        <translation>Halm, für den Unterricht</translation>
    </message>
    <message>
        <source>round-tipped scissors</source>
        <translation>Schere mit runden Spitzen</translation>
    </message>
    <message>
        <source>Older readings not used, since the instrument as it was then could not be worked out for them: %1.</source>
        <comment>notes</comment>
        <translation>Ältere Messungen bleiben außer Acht, weil sich das Instrument, wie es damals war, für sie nicht berechnen ließ: %1.</translation>
    </message>
    <message>
        <source>scraper on a rod, or abrasive round a dowel; stops for both ends of the stretch</source>
        <translation>Schaber am Stab oder Schleifleinen um einen Rundstab; Anschläge für beide Enden der Strecke</translation>
    </message>
    <message>
        <source>Reaming here makes %1 %2 cents flatter and %3 %4 cents sharper.</source>
        <comment>notes, by how much</comment>
        <translation>Räumen an dieser Stelle macht %1 um %2 Cent tiefer und %3 um %4 Cent höher.</translation>
    </message>
    <message>
        <source>Ream the bore to a taper from %1 to %2</source>
        <comment>places</comment>
        <translation>Bohrung von %1 bis %2 kegelig räumen</translation>
    </message>
    <message>
        <source>Cut the lip to a longer ramp</source>
        <translation>Das Labium länger anschrägen</translation>
    </message>
    <message>
        <source>Put in another stopper</source>
        <translation>Einen anderen Stopfen einsetzen</translation>
    </message>
    <message>
        <source>sharp chisel or flat file, towards the edge</source>
        <translation>scharfer Stechbeitel oder Flachfeile, zur Kante hin</translation>
    </message>
    <message>
        <source>reamer, turned by hand with a stop at its depth</source>
        <translation>Räumer, von Hand gedreht, mit Anschlag in seiner Tiefe</translation>
    </message>
    <message>
        <source>%1 is %2; a wider bore there moves that note.</source>
        <comment>note, how far off</comment>
        <translation>%1 ist %2; eine weitere Bohrung dort bewegt diesen Ton.</translation>
    </message>
    <message>
        <source>%1 is %2; a thinner lip changes how that note speaks.</source>
        <comment>note, how far off</comment>
        <translation>%1 ist %2; ein dünneres Labium ändert, wie dieser Ton anspricht.</translation>
    </message>
    <message>
        <source>%1 is %2; the stopper&apos;s face moves every note.</source>
        <comment>note, how far off</comment>
        <translation>%1 ist %2; die Fläche des Stopfens verschiebt jeden Ton.</translation>
    </message>
    <message>
        <source>few rounds</source>
        <translation>wenige Durchgänge</translation>
    </message>
    <message>
        <source>as good as possible</source>
        <translation>so gut wie möglich</translation>
    </message>
    <message>
        <source>Set the slide</source>
        <translation>Schieber stellen</translation>
    </message>
    <message>
        <source>rule along the rod</source>
        <translation>Maßstab am Stab entlang</translation>
    </message>
    <message>
        <source>%1 is %2; the slide&apos;s face moves that note.</source>
        <comment>note, how far off</comment>
        <translation>%1 ist %2; die Stirn des Schiebers bewegt diesen Ton.</translation>
    </message>
</context>
<context>
    <name>dowel::text::TemplateWords</name>
    <message>
        <source>from the sounding edge</source>
        <translation>von der Anblaskante</translation>
    </message>
    <message>
        <source>from the top end</source>
        <translation>vom oberen Ende</translation>
    </message>
    <message>
        <source>from the upper end</source>
        <translation>vom oberen Ende</translation>
    </message>
    <message>
        <source>from the foot</source>
        <translation>vom Fuß</translation>
    </message>
    <message>
        <source>from the lower end</source>
        <translation>vom unteren Ende</translation>
    </message>
    <message>
        <source>in</source>
        <comment>unit</comment>
        <translation>Zoll</translation>
    </message>
    <message>
        <source>mm</source>
        <comment>unit</comment>
        <translation>mm</translation>
    </message>
    <message>
        <source>foot edge. Hole: size now–at most; below it how far %1 (%2)</source>
        <comment>%1: from the foot</comment>
        <translation>Fußkante. Loch: Größe jetzt–höchstens; darunter der Abstand %1 (%2)</translation>
    </message>
    <message>
        <source>lower end, without tenon. Hole: size now–at most; below it how far %1 (%2)</source>
        <comment>%1: from the foot</comment>
        <translation>unteres Ende, ohne Zapfen. Loch: Größe jetzt–höchstens; darunter der Abstand %1 (%2)</translation>
    </message>
    <message>
        <source>top end</source>
        <translation>oberes Ende</translation>
    </message>
    <message>
        <source>upper end, without tenon</source>
        <translation>oberes Ende, ohne Zapfen</translation>
    </message>
    <message>
        <source>saw no further than %1</source>
        <translation>höchstens bis %1 sägen</translation>
    </message>
    <message>
        <source>window %1 × %2</source>
        <translation>Fenster %1 × %2</translation>
    </message>
    <message>
        <source>stopper %1 from the hole</source>
        <translation>Stopfen %1 vom Loch</translation>
    </message>
    <message>
        <source>block</source>
        <comment>of a duct</comment>
        <translation>Block</translation>
    </message>
    <message>
        <source>lap: glue it under the other edge</source>
        <translation>Lasche: unter die andere Kante kleben</translation>
    </message>
    <message>
        <source>mouth</source>
        <comment>of the instrument</comment>
        <translation>Mund</translation>
    </message>
    <message>
        <source>hole</source>
        <translation>Loch</translation>
    </message>
    <message>
        <source>first</source>
        <comment>size of a hole</comment>
        <translation>zuerst</translation>
    </message>
    <message>
        <source>at most</source>
        <comment>size of a hole</comment>
        <translation>höchstens</translation>
    </message>
    <message>
        <source>done</source>
        <comment>of a hole</comment>
        <translation>fertig</translation>
    </message>
    <message>
        <source>%1, at the back</source>
        <translation>%1, hinten</translation>
    </message>
    <message>
        <source>%1 – full size, page %2 of %3. Print without scaling and hold a rule against the ruler.</source>
        <translation>%1 – volle Größe, Seite %2 von %3. Ohne Skalierung drucken und einen Maßstab an die Skala halten.</translation>
    </message>
    <message>
        <source>edge of page %1</source>
        <translation>Rand von Seite %1</translation>
    </message>
</context>
<context>
    <name>dowel::text::Writer</name>
    <message>
        <source>%1 bit</source>
        <comment>drill of a size</comment>
        <translation>Bohrer %1</translation>
    </message>
    <message>
        <source>Choose straight, knot-free wood. Season the billet with waxed ends until it stops losing weight, and rest it again for some weeks after the pilot bore.</source>
        <translation>Gerades, astfreies Holz wählen. Den Kantel mit gewachsten Enden lagern, bis er nicht mehr leichter wird, und nach dem Vorbohren noch einige Wochen ruhen lassen.</translation>
    </message>
    <message>
        <source>Weigh the billet twice a month; it is dry when the weight no longer changes.</source>
        <translation>Den Kantel zweimal im Monat wiegen; trocken ist er, wenn das Gewicht gleich bleibt.</translation>
    </message>
    <message>
        <source>Saw the billet to %1: %2 for the instrument and %3 for chucking.</source>
        <translation>Den Kantel auf %1 sägen: %2 für das Instrument und %3 zum Einspannen.</translation>
    </message>
    <message>
        <source>saw</source>
        <translation>Säge</translation>
    </message>
    <message>
        <source>Clamp the work and wear eye protection.</source>
        <translation>Werkstück einspannen, Augenschutz tragen.</translation>
    </message>
    <message>
        <source>Choose dry, straight cane without splits, cut in winter and dried for a year.</source>
        <translation>Trockenes, gerades Rohr ohne Risse wählen, im Winter geschnitten und ein Jahr getrocknet.</translation>
    </message>
    <message>
        <source>Tap the cane: a split sounds dull.</source>
        <translation>Das Rohr anklopfen: Ein Riss klingt dumpf.</translation>
    </message>
    <message>
        <source>Saw the cane to %1. Place the holes away from the nodes.</source>
        <translation>Das Rohr auf %1 sägen. Die Löcher von den Knoten fernhalten.</translation>
    </message>
    <message>
        <source>fine saw</source>
        <translation>Feinsäge</translation>
    </message>
    <message>
        <source>The end is clean, without splinters.</source>
        <translation>Das Ende ist sauber und ohne Splitter.</translation>
    </message>
    <message>
        <source>Measure the real bore of the pipe, then saw it to %1.</source>
        <translation>Die wirkliche Bohrung des Rohrs messen, dann auf %1 sägen.</translation>
    </message>
    <message>
        <source>fine saw or pipe cutter</source>
        <translation>Feinsäge oder Rohrschneider</translation>
    </message>
    <message>
        <source>Measure the hollow with a soft wire, saw off the solid tip, and leave the wide end long. The finished tube is %1 long along its bend.</source>
        <translation>Den Hohlraum mit weichem Draht messen, die massive Spitze absägen und das weite Ende lang lassen. Das fertige Rohr ist längs der Biegung %1 lang.</translation>
    </message>
    <message>
        <source>Horn dust harms the lungs and smells: work wet or under extraction.</source>
        <translation>Hornstaub schadet der Lunge und riecht: nass oder unter Absaugung arbeiten.</translation>
    </message>
    <message>
        <source>Choose a fresh, firm, straight vegetable and wash it. Play it the same day.</source>
        <translation>Ein frisches, festes, gerades Gemüse wählen und waschen. Am selben Tag spielen.</translation>
    </message>
    <message>
        <source>Cut it to %1.</source>
        <translation>Auf %1 schneiden.</translation>
    </message>
    <message>
        <source>knife</source>
        <translation>Messer</translation>
    </message>
    <message>
        <source>An adult cuts. Wash hands and tools; one player each.</source>
        <translation>Ein Erwachsener schneidet. Hände und Werkzeug waschen; je ein Spieler.</translation>
    </message>
    <message>
        <source>Plane the billet square and square both ends. Mark the centre of each end.</source>
        <translation>Den Kantel quadratisch hobeln, beide Enden rechtwinklig abrichten und die Mitten anreißen.</translation>
    </message>
    <message>
        <source>Square both ends.</source>
        <translation>Beide Enden rechtwinklig abrichten.</translation>
    </message>
    <message>
        <source>A try square shows no light.</source>
        <translation>Am Anschlagwinkel fällt kein Licht durch.</translation>
    </message>
    <message>
        <source>Bore %1 deep from the sounding end with a %2 bit and a stop on the bit. The bore is short on purpose; deepening lowers the note.</source>
        <translation>Vom Klangende %1 tief bohren, mit %2 und Tiefenanschlag. Die Bohrung ist absichtlich kurz; tiefer bohren senkt den Ton.</translation>
    </message>
    <message>
        <source>Bore through at %1, half the depth from each end.</source>
        <translation>Mit %1 durchbohren, je zur Hälfte von beiden Enden.</translation>
    </message>
    <message>
        <source>long bit</source>
        <translation>langer Bohrer</translation>
    </message>
    <message>
        <source>long %1</source>
        <translation>langer %1</translation>
    </message>
    <message>
        <source>Look through the bore at a light: no step where the two bores meet.</source>
        <translation>Durch die Bohrung gegen ein Licht sehen: kein Absatz, wo sich die Bohrungen treffen.</translation>
    </message>
    <message>
        <source>Clamp the work, wear no gloves or loose sleeves, and clear the chips often.</source>
        <translation>Werkstück einspannen, keine Handschuhe oder weiten Ärmel, Späne oft entfernen.</translation>
    </message>
    <message>
        <source>Ream the bore to its profile: %1 at the top, %2 at the foot.</source>
        <translation>Die Bohrung auf ihren Verlauf räumen: %1 oben, %2 am Fuß.</translation>
    </message>
    <message>
        <source>reamers, see Timber and turning for their depths</source>
        <translation>Räumer; Tiefen unter Holz und Drehen</translation>
    </message>
    <message>
        <source>Plug gauges stop at the positions of the bore profile.</source>
        <translation>Lehrdorne sitzen an den Stellen des Bohrungsverlaufs.</translation>
    </message>
    <message>
        <source>Ream slowly and let the wood cool: a jammed reamer splits it.</source>
        <translation>Langsam räumen und das Holz abkühlen lassen: Ein festsitzender Räumer spaltet es.</translation>
    </message>
    <message>
        <source>Turn the outside to %1, a wall of %2, true to the bore.</source>
        <translation>Außen auf %1 drehen, Wand %2, zentrisch zur Bohrung.</translation>
    </message>
    <message>
        <source>lathe, jam chuck or centres in the bore</source>
        <translation>Drehbank, Spundfutter oder Spitzen in der Bohrung</translation>
    </message>
    <message>
        <source>Measure the wall on four sides at both ends.</source>
        <translation>Die Wand an beiden Enden auf vier Seiten messen.</translation>
    </message>
    <message>
        <source>Face shield, no gloves or loose sleeves, dust extraction.</source>
        <translation>Gesichtsschutz, keine Handschuhe oder weiten Ärmel, Absaugung.</translation>
    </message>
    <message>
        <source>Punch out the nodes with a rod, except the node that stays as the stopper. Smooth the bore to about %1.</source>
        <translation>Die Knoten mit einer Stange durchstoßen, außer dem, der als Stopfen bleibt. Die Bohrung auf etwa %1 glätten.</translation>
    </message>
    <message>
        <source>Punch out the nodes with a rod and smooth the bore to about %1.</source>
        <translation>Die Knoten mit einer Stange durchstoßen und die Bohrung auf etwa %1 glätten.</translation>
    </message>
    <message>
        <source>steel rod, then abrasive on a long rod by hand</source>
        <translation>Stahlstange, dann Schleifmittel an langer Stange, von Hand</translation>
    </message>
    <message>
        <source>Look through the tube at a light: no ridge is left at a node.</source>
        <translation>Durch das Rohr gegen ein Licht sehen: An keinem Knoten bleibt ein Grat.</translation>
    </message>
    <message>
        <source>Turn the rod by hand: in a drill it jams in the bore.</source>
        <translation>Die Stange von Hand drehen: In der Bohrmaschine klemmt sie im Rohr.</translation>
    </message>
    <message>
        <source>Clean and deburr the bore; it stays as the pipe is, %1.</source>
        <translation>Die Bohrung reinigen und entgraten; sie bleibt, wie das Rohr ist: %1.</translation>
    </message>
    <message>
        <source>knife or deburring tool</source>
        <translation>Messer oder Entgrater</translation>
    </message>
    <message>
        <source>Drill through the solid part to the hollow, then open the hollow to an even cone from %1 to %2.</source>
        <translation>Durch das massive Stück bis zum Hohlraum bohren, dann zu einem gleichmäßigen Kegel von %1 auf %2 öffnen.</translation>
    </message>
    <message>
        <source>bit, then reamer or abrasive on a rod</source>
        <translation>Bohrer, dann Räumer oder Schleifmittel an einer Stange</translation>
    </message>
    <message>
        <source>Let a hot drill cool: horn glazes. Mask and extraction.</source>
        <translation>Heißen Bohrer abkühlen lassen: Horn verglast. Maske und Absaugung.</translation>
    </message>
    <message>
        <source>Bore through at %1, half from each end.</source>
        <translation>Mit %1 durchbohren, je zur Hälfte von beiden Enden.</translation>
    </message>
    <message>
        <source>cork borer or spade bit</source>
        <translation>Korkbohrer oder Flachbohrer</translation>
    </message>
    <message>
        <source>An adult drills; a spade bit grabs. Hold the vegetable in a vice with soft jaws.</source>
        <translation>Ein Erwachsener bohrt; ein Flachbohrer hakt ein. Das Gemüse in weichen Backen einspannen.</translation>
    </message>
    <message>
        <source>Bore the slow chamber %1 deep and %2 wide from the top, and its exit into the windway.</source>
        <translation>Die Windkammer von oben %1 tief und %2 weit bohren, mit Ausgang in den Windkanal.</translation>
    </message>
    <message>
        <source>bit, then file</source>
        <translation>Bohrer, dann Feile</translation>
    </message>
    <message>
        <source>saw, chisel and knife</source>
        <translation>Säge, Stechbeitel und Messer</translation>
    </message>
    <message>
        <source>Look along the bore: the edge is straight, sharp and square to the tube.</source>
        <translation>Durch die Bohrung sehen: Die Schneide ist gerade, scharf und rechtwinklig zum Rohr.</translation>
    </message>
    <message>
        <source>Cut away from yourself.</source>
        <translation>Vom Körper weg schneiden.</translation>
    </message>
    <message>
        <source>Slope the lip from outside until its edge is thin and even.</source>
        <translation>Das Labium von außen abschrägen, bis die Schneide dünn und gleichmäßig ist.</translation>
    </message>
    <message>
        <source>knife, then fine file</source>
        <translation>Messer, dann feine Feile</translation>
    </message>
    <message>
        <source>The edge lies in the middle of the windway&apos;s opening.</source>
        <translation>Die Schneide liegt in der Mitte der Kanalöffnung.</translation>
    </message>
    <message>
        <source>Cut the windway %1 long, as wide as the window and %2 high at its exit.</source>
        <translation>Den Windkanal %1 lang schneiden, so breit wie das Fenster und am Ausgang %2 hoch.</translation>
    </message>
    <message>
        <source>float or file</source>
        <translation>Kanalfeile oder Feile</translation>
    </message>
    <message>
        <source>Light through the windway shows an even slit.</source>
        <translation>Licht durch den Windkanal zeigt einen gleichmäßigen Spalt.</translation>
    </message>
    <message>
        <source>Fit the block, %1 in diameter and %2 long, with a flat for the windway. Its face ends at the window.</source>
        <translation>Den Block einpassen, %1 im Durchmesser und %2 lang, mit Fläche für den Windkanal. Er endet am Fenster.</translation>
    </message>
    <message>
        <source>plane or knife</source>
        <translation>Hobel oder Messer</translation>
    </message>
    <message>
        <source>Push the block in by hand; it holds and does not leak at the sides.</source>
        <translation>Den Block von Hand einschieben; er hält und ist seitlich dicht.</translation>
    </message>
    <message>
        <source>The block stays movable until the voice is right: moving it back and forth changes the voicing for free.</source>
        <translation>Der Block bleibt beweglich, bis die Ansprache stimmt: Verschieben kostet nichts.</translation>
    </message>
    <message>
        <source>Make the embouchure hole %1 long and %2 wide, its middle %3 from the top end and %4 from the foot.</source>
        <translation>Das Mundloch %1 lang und %2 breit anlegen, Mitte %3 vom oberen Ende und %4 vom Fuß.</translation>
    </message>
    <message>
        <source>hot iron or knife, then file</source>
        <translation>Brenneisen oder Messer, dann Feile</translation>
    </message>
    <message>
        <source>round file</source>
        <translation>Rundfeile</translation>
    </message>
    <message>
        <source>%1, then round file</source>
        <translation>%1, dann Rundfeile</translation>
    </message>
    <message>
        <source>The far edge is sharp and free of burrs.</source>
        <translation>Die Gegenkante ist scharf und gratfrei.</translation>
    </message>
    <message>
        <source>Burn outdoors or under extraction, with water at hand, and not through the far wall.</source>
        <translation>Im Freien oder unter Absaugung brennen, Wasser bereit, nicht durch die Gegenwand.</translation>
    </message>
    <message>
        <source>No gloves or loose sleeves near the drill.</source>
        <translation>Keine Handschuhe oder weiten Ärmel am Bohrer.</translation>
    </message>
    <message>
        <source>The node that is left stops the tube %1 from the middle of the embouchure hole.</source>
        <translation>Der stehen gelassene Knoten schließt das Rohr %1 von der Mitte des Mundlochs.</translation>
    </message>
    <message>
        <source>Fit the stopper with its face %1 from the middle of the embouchure hole.</source>
        <translation>Den Stopfen einsetzen, Stirnfläche %1 von der Mitte des Mundlochs.</translation>
    </message>
    <message>
        <source>cork or wax, push rod with a mark</source>
        <translation>Kork oder Wachs, Schubstange mit Marke</translation>
    </message>
    <message>
        <source>Close the embouchure hole with a thumb and suck at the foot: suction holds.</source>
        <translation>Das Mundloch mit dem Daumen schließen und am Fuß saugen: Der Unterdruck hält.</translation>
    </message>
    <message>
        <source>Push, do not hammer: a tight stopper can split the head.</source>
        <translation>Drücken, nicht schlagen: Ein strammer Stopfen kann den Kopf spalten.</translation>
    </message>
    <message>
        <source>%1 mL</source>
        <translation>%1 ml</translation>
    </message>
    <message>
        <source>Open the mouth hole at the tip and shape its rim. With the lips the volume is about %1.</source>
        <translation>Das Mundloch an der Spitze öffnen und den Rand formen. Mit den Lippen beträgt das Volumen etwa %1.</translation>
    </message>
    <message>
        <source>bit, then round file</source>
        <translation>Bohrer, dann Rundfeile</translation>
    </message>
    <message>
        <source>The rim is smooth and the wall round the hole is even.</source>
        <translation>Der Rand ist glatt und die Wand ringsum gleich stark.</translation>
    </message>
    <message>
        <source>Fit the mouthpiece into its socket. Mouthpiece and reed together hold about %1.</source>
        <translation>Das Mundstück in die Hülse einpassen. Mundstück und Blatt fassen zusammen etwa %1.</translation>
    </message>
    <message>
        <source>socket cutter, cork or thread</source>
        <translation>Zapfensenker, Kork oder Faden</translation>
    </message>
    <message>
        <source>Fill the mouthpiece with water from a syringe to measure its volume.</source>
        <translation>Das Mundstück mit Wasser aus einer Spritze füllen, um das Volumen zu messen.</translation>
    </message>
    <message>
        <source>Bind the reed to the lay with its tip level with the mouthpiece&apos;s tip.</source>
        <translation>Das Blatt auf die Bahn binden, Spitze bündig mit der Mundstückspitze.</translation>
    </message>
    <message>
        <source>thread or ligature</source>
        <translation>Faden oder Blattschraube</translation>
    </message>
    <message>
        <source>Suck with the end closed: the reed shuts and holds for a moment.</source>
        <translation>Bei verschlossenem Ende saugen: Das Blatt schließt und hält einen Augenblick.</translation>
    </message>
    <message>
        <source>Cut joint %1 so that the part above is %2 long without its tenon. Bore the socket before reaming and turn the tenon last.</source>
        <translation>Verbindung %1 so trennen, dass das Teil darüber ohne Zapfen %2 lang ist. Die Hülse vor dem Räumen bohren, den Zapfen zuletzt drehen.</translation>
    </message>
    <message>
        <source>parting tool; cork or waxed thread</source>
        <translation>Abstechstahl; Kork oder gewachster Faden</translation>
    </message>
    <message>
        <source>The joint closes by hand without force and does not rock.</source>
        <translation>Die Verbindung lässt sich ohne Kraft von Hand schließen und wackelt nicht.</translation>
    </message>
    <message>
        <source>Thread wound too thick splits a socket.</source>
        <translation>Zu dick gewickelter Faden spaltet die Hülse.</translation>
    </message>
    <message>
        <source>Blow the tube before any hole is made.</source>
        <translation>Das Rohr anblasen, bevor ein Loch gebohrt ist.</translation>
    </message>
    <message>
        <source>Blow the tube with no holes, or all holes taped: it sounds a little below %1.</source>
        <translation>Das Rohr ohne Löcher oder mit abgeklebten Löchern anblasen: Es klingt etwas unter %1.</translation>
    </message>
    <message>
        <source>Blow the horn before any hole is made and note its pitch: the pitch decides which keys it can have.</source>
        <translation>Das Horn vor dem ersten Loch anblasen und die Tonhöhe notieren: Sie entscheidet über die möglichen Tonarten.</translation>
    </message>
    <message>
        <source>If it does not sound, follow the remedies on Sounding edge before going on.</source>
        <translation>Klingt es nicht, zuerst den Abhilfen unter Anblaskante folgen.</translation>
    </message>
    <message>
        <source>Leave the tube longer than %1 by the grip of the slide. Fit and grease the slide so that it holds and does not leak, and mark it for every note.</source>
        <translation>Das Rohr um den Griff des Schiebers länger als %1 lassen. Den Schieber einpassen und fetten, sodass er hält und dicht ist, und für jeden Ton markieren.</translation>
    </message>
    <message>
        <source>cork, felt or thread</source>
        <translation>Kork, Filz oder Faden</translation>
    </message>
    <message>
        <source>Drawn out quickly, the slide pops: it is tight.</source>
        <translation>Schnell herausgezogen, knallt der Schieber: Er ist dicht.</translation>
    </message>
    <message>
        <source>Print the template at 100 % and check its ruler. Wrap it round the tube with its edge at the foot, and prick the centres.</source>
        <translation>Die Schablone mit 100 % drucken und ihr Lineal prüfen. Mit der Kante am Fuß um das Rohr legen und die Mitten ankörnen.</translation>
    </message>
    <message>
        <source>template, awl</source>
        <translation>Schablone, Ahle</translation>
    </message>
    <message>
        <source>Push a wooden mandrel into the pipe and drill %1 pilots slowly towards the middle of the bore.</source>
        <translation>Einen Holzdorn ins Rohr schieben und langsam mit %1 zur Bohrungsmitte vorbohren.</translation>
    </message>
    <message>
        <source>Drill %1 pilots towards the middle of the bore.</source>
        <translation>Mit %1 zur Bohrungsmitte vorbohren.</translation>
    </message>
    <message>
        <source>Warm plastic grabs the bit, and hot PVC gives off poisonous fumes.</source>
        <translation>Warmer Kunststoff hakt am Bohrer, heißes PVC gibt giftige Dämpfe ab.</translation>
    </message>
    <message>
        <source>Bind the cane on both sides of %1 before opening the hole: the node next to it splits.</source>
        <comment>hole</comment>
        <translation>Das Rohr beidseits von %1 umwickeln, bevor das Loch geöffnet wird: Der Knoten daneben reißt.</translation>
    </message>
    <message>
        <source>waxed thread</source>
        <translation>gewachster Faden</translation>
    </message>
    <message>
        <source>Remove the burrs inside and out and clean the bore.</source>
        <translation>Innen und außen entgraten und die Bohrung reinigen.</translation>
    </message>
    <message>
        <source>knife, fine abrasive</source>
        <translation>Messer, feines Schleifmittel</translation>
    </message>
    <message>
        <source>A fingertip finds no edge that catches.</source>
        <translation>Die Fingerspitze spürt keine Kante.</translation>
    </message>
    <message>
        <source>Cut away from yourself; use a mask and extraction, and no compressed air towards anybody.</source>
        <translation>Vom Körper weg schneiden; Maske und Absaugung, keine Druckluft gegen Menschen.</translation>
    </message>
    <message>
        <source>Leave the foot %1 long: this is kept for tuning.</source>
        <translation>Den Fuß %1 länger lassen: Das bleibt zum Stimmen.</translation>
    </message>
    <message>
        <source> (thumb, at the back)</source>
        <translation> (Daumen, hinten)</translation>
    </message>
    <message>
        <source>%1: %2 from the foot. Burn or cut to %3 and no further.</source>
        <translation>%1: %2 vom Fuß. Auf %3 brennen oder schneiden, nicht weiter.</translation>
    </message>
    <message>
        <source>%1: %2 from the foot. Bore to %3 and no further.</source>
        <translation>%1: %2 vom Fuß. Auf %3 ausstechen, nicht weiter.</translation>
    </message>
    <message>
        <source>%1: %2 from the foot. Drill to %3 and no further.</source>
        <translation>%1: %2 vom Fuß. Auf %3 bohren, nicht weiter.</translation>
    </message>
    <message>
        <source>hot iron or knife across the fibres</source>
        <translation>Brenneisen oder Messer quer zur Faser</translation>
    </message>
    <message>
        <source>knife across the fibres</source>
        <translation>Messer quer zur Faser</translation>
    </message>
    <message>
        <source>Burn outdoors or under extraction, with water at hand; cut away from your hand.</source>
        <translation>Im Freien oder unter Absaugung brennen, Wasser bereit; von der Hand weg schneiden.</translation>
    </message>
    <message>
        <source>cork borer, with a twist onto a board</source>
        <translation>Korkbohrer, drehend auf ein Brett</translation>
    </message>
    <message>
        <source>Never towards a hand; children work with an adult.</source>
        <translation>Nie gegen die Hand; Kinder arbeiten mit einem Erwachsenen.</translation>
    </message>
    <message>
        <source>out of reach of this drawer</source>
        <translation>mit diesen Bohrern nicht zu erreichen</translation>
    </message>
    <message>
        <source>knife or round file</source>
        <translation>Messer oder Rundfeile</translation>
    </message>
    <message>
        <source>%1, brad point, over a plug in the bore</source>
        <translation>%1 mit Zentrierspitze, über einem Pfropfen in der Bohrung</translation>
    </message>
    <message>
        <source>Countersink %1 to %2, %3 deep.</source>
        <translation>%1 auf %2 senken, %3 tief.</translation>
    </message>
    <message>
        <source>countersink or round file</source>
        <translation>Senker oder Rundfeile</translation>
    </message>
    <message>
        <source>Play every fingering on Listen, then make one cut at a time as Correct advises, until every note is within tolerance.</source>
        <translation>Unter Hören jeden Griff spielen, dann Schnitt für Schnitt nach Nacharbeiten, bis jeder Ton in der Toleranz liegt.</translation>
    </message>
    <message>
        <source>Play again after each round of cuts.</source>
        <translation>Nach jeder Runde von Schnitten wieder spielen.</translation>
    </message>
    <message>
        <source>No finish: play it today, then compost it.</source>
        <translation>Keine Oberfläche: heute spielen, dann kompostieren.</translation>
    </message>
    <message>
        <source>Polish the outside; plastic needs no finish.</source>
        <translation>Außen polieren; Kunststoff braucht keine Oberfläche.</translation>
    </message>
    <message>
        <source>Polish with fine abrasive, then wax.</source>
        <translation>Mit feinem Schleifmittel polieren, dann wachsen.</translation>
    </message>
    <message>
        <source>Finish as scheduled on Finish, and play every note before and after.</source>
        <translation>Die Oberfläche nach Plan behandeln und jeden Ton davor und danach spielen.</translation>
    </message>
    <message>
        <source>Oily rags catch fire by themselves: spread them flat outdoors.</source>
        <translation>Ölige Lappen entzünden sich selbst: flach im Freien ausbreiten.</translation>
    </message>
    <message>
        <source>Close the foot with a plug whose face is %1 from the sounding edge. The pipe is short on purpose.</source>
        <translation>Den Fuß mit einem Pfropfen schließen, Stirnfläche %1 von der Anblaskante. Die Pfeife ist absichtlich kurz.</translation>
    </message>
    <message>
        <source>knife, cork or wood</source>
        <translation>Messer, Kork oder Holz</translation>
    </message>
    <message>
        <source>The plug holds and does not leak.</source>
        <translation>Der Pfropfen hält und ist dicht.</translation>
    </message>
    <message>
        <source>Blow the pipe: it sounds above %1 on purpose.</source>
        <translation>Die Pfeife anblasen: Sie klingt absichtlich über %1.</translation>
    </message>
    <message>
        <source>Bore deeper a little at a time as Dowel advises; only a plug brings back what is too deep.</source>
        <translation>In kleinen Schritten nach Anweisung tiefer bohren; was zu tief ist, hebt nur ein Pfropfen.</translation>
    </message>
    <message>
        <source>Draw the plug out a little at a time as Dowel advises.</source>
        <translation>Den Pfropfen in kleinen Schritten nach Anweisung herausziehen.</translation>
    </message>
    <message>
        <source>Play the note again after every step.</source>
        <translation>Den Ton nach jedem Schritt wieder spielen.</translation>
    </message>
    <message>
        <source>Cut the window %1 wide and %2 long. Its lip, the sounding edge, is %3 from the top end and %4 from the foot.</source>
        <translation>Das Fenster %1 breit und %2 lang schneiden. Sein Labium, die Anblaskante, liegt %3 vom oberen Ende und %4 vom Fuß.</translation>
    </message>
    <message>
        <source>Window first: the windway can be led to the lip. Windway first: the cutter runs out before there is an edge to break.</source>
        <translation>Erst das Fenster: Der Windkanal lässt sich zum Labium führen. Erst der Windkanal: Das Werkzeug läuft aus, bevor es eine Kante zu verletzen gibt.</translation>
    </message>
    <message>
        <source>Holes first: each hole lowers the notes below it, and the foot has the wood for that. Foot first: saw it as the table of the lowest note says, leave a little, and type the length under As built.</source>
        <translation>Erst die Löcher: Jedes Loch senkt die Töne darunter, und der Fuß hat das Holz dafür. Erst der Fuß: nach der Tabelle des tiefsten Tons sägen, etwas stehen lassen und die Länge unter Gebaut eintragen.</translation>
    </message>
    <message>
        <source>Bore first: the outside is turned true to a bore that wandered. Turn first: a round blank bores truer in the lathe; leave %1 and turn to size after the bore.</source>
        <translation>Erst bohren: Die Außenseite wird nach einer verlaufenen Bohrung gedreht. Erst drehen: Ein runder Rohling bohrt sich auf der Drehbank genauer; %1 stehen lassen und nach dem Bohren auf Maß drehen.</translation>
    </message>
    <message>
        <source>Open the slow chamber at the top by %1 for the breath and towards the windway by %2.</source>
        <translation>Die Windkammer oben für den Atem auf %1 und zum Windkanal hin auf %2 öffnen.</translation>
    </message>
    <message>
        <source>The exit is wider than the windway is high, so that it does not throttle the breath.</source>
        <translation>Der Ausgang ist weiter, als der Windkanal hoch ist, damit er den Atem nicht drosselt.</translation>
    </message>
    <message>
        <source>Shape the beak over %1 from the top end.</source>
        <translation>Den Schnabel über %1 vom oberen Ende formen.</translation>
    </message>
    <message>
        <source>saw, rasp and fine file</source>
        <translation>Säge, Raspel und feine Feile</translation>
    </message>
    <message>
        <source>Enough wall stays above the windway, and the edge is smooth to the lips.</source>
        <translation>Über dem Windkanal bleibt genug Wand, und die Kante ist glatt an den Lippen.</translation>
    </message>
    <message>
        <source>The socket is %1 deep.</source>
        <translation>Die Aufnahme ist %1 tief.</translation>
    </message>
    <message>
        <source>Cut joint %1: saw the part above to %2, its tenon of %3 included, and the part below to %4. Bore the socket before reaming and turn the tenon last.</source>
        <translation>Verbindung %1 schneiden: das obere Stück mit seinem Zapfen von %3 auf %2 sägen, das untere auf %4. Die Aufnahme vor dem Reiben bohren und den Zapfen zuletzt drehen.</translation>
    </message>
    <message>
        <source>Cut joint %1: saw the part below to %2, its tenon of %3 included, and the part above to %4. Bore the socket before reaming and turn the tenon last.</source>
        <translation>Verbindung %1 schneiden: das untere Stück mit seinem Zapfen von %3 auf %2 sägen, das obere auf %4. Die Aufnahme vor dem Reiben bohren und den Zapfen zuletzt drehen.</translation>
    </message>
    <message>
        <source>Cut the lay in one stroke: a flat %1 long, at %2° to the tube, that opens the bore.</source>
        <translation>Die Bahn in einem Zug schneiden: eine Fläche, %1 lang, in %2° zum Rohr, die die Bohrung öffnet.</translation>
    </message>
    <message>
        <source>Cut the lay in one stroke: a flat %1 long that opens the bore.</source>
        <translation>Die Bahn in einem Zug schneiden: eine Fläche, %1 lang, die die Bohrung öffnet.</translation>
    </message>
    <message>
        <source>long sharp knife</source>
        <translation>langes scharfes Messer</translation>
    </message>
    <message>
        <source>Laid on a flat plate the lay shows no light; the opening is even on both sides.</source>
        <translation>Auf einer ebenen Platte zeigt die Bahn kein Licht; die Öffnung ist auf beiden Seiten gleich.</translation>
    </message>
    <message>
        <source>An adult cuts, away from the hand that holds.</source>
        <translation>Ein Erwachsener schneidet, weg von der haltenden Hand.</translation>
    </message>
    <message>
        <source>Cut a shallow groove for the band at the lower end of the lay.</source>
        <translation>Am unteren Ende der Bahn eine flache Rille für das Band schneiden.</translation>
    </message>
    <message>
        <source>Cut a reed %1 long from the wall of a bottle, a little wider than the bore, and hold it on the lay with a band in the groove.</source>
        <translation>Aus einer Flaschenwand ein Blatt schneiden, %1 lang und etwas breiter als die Bohrung, und es mit einem Band in der Rille auf der Bahn halten.</translation>
    </message>
    <message>
        <source>scissors</source>
        <translation>Schere</translation>
    </message>
    <message>
        <source>It stands open at the tip by the thickness of a card. Move the band to tune: towards the tip is higher.</source>
        <translation>An der Spitze steht es um die Dicke einer Karte offen. Zum Stimmen das Band schieben: zur Spitze hin wird es höher.</translation>
    </message>
    <message>
        <source>The bore matches the plan to %1; if not, type it on Blank.</source>
        <comment>0.1 mm</comment>
        <translation>Die Bohrung stimmt auf %1 mit dem Plan überein; wenn nicht, auf Rohling eintragen.</translation>
    </message>
    <message>
        <source>Choose straight straws of one thickness, about %1 inside, and wet them for an hour so that they do not split.</source>
        <translation>Gerade Halme von einer Dicke wählen, innen etwa %1, und eine Stunde wässern, damit sie nicht reißen.</translation>
    </message>
    <message>
        <source>Look through: the straw is clear and round.</source>
        <translation>Hindurchsehen: Der Halm ist frei und rund.</translation>
    </message>
    <message>
        <source>Cut the straw to %1, and a second one shorter, to hear high and low.</source>
        <translation>Den Halm auf %1 schneiden, und einen zweiten kürzer, um hoch und tief zu hören.</translation>
    </message>
    <message>
        <source>sharp knife on a board</source>
        <translation>scharfes Messer auf einem Brett</translation>
    </message>
    <message>
        <source>An adult cuts for all.</source>
        <translation>Ein Erwachsener schneidet für alle.</translation>
    </message>
    <message>
        <source>Flatten the last %1 of one end with a thumbnail and snip both corners: the two tips are the reed.</source>
        <translation>Die letzten %1 eines Endes mit dem Daumennagel flach drücken und beide Ecken abschneiden: Die zwei Spitzen sind das Rohrblatt.</translation>
    </message>
    <message>
        <source>round-tipped scissors</source>
        <translation>Schere mit runden Spitzen</translation>
    </message>
    <message>
        <source>With the tips well inside the lips it buzzes. It stays shut: pinch it open from the sides. It leaks: flatten it again.</source>
        <translation>Mit den Spitzen weit zwischen den Lippen summt es. Es bleibt zu: von den Seiten aufdrücken. Es ist undicht: noch einmal flach drücken.</translation>
    </message>
    <message>
        <source>Blow the straw. Snip the foot a little at a time: the pitch rises.</source>
        <translation>Den Halm blasen. Am Fuß jeweils ein wenig abschneiden: Der Ton steigt.</translation>
    </message>
    <message>
        <source>Print the template at 100 %, check its ruler, lay the straw on it and mark the holes.</source>
        <translation>Die Schablone mit 100 % drucken, ihre Skala prüfen, den Halm darauf legen und die Löcher anzeichnen.</translation>
    </message>
    <message>
        <source>template, pencil</source>
        <translation>Schablone, Bleistift</translation>
    </message>
    <message>
        <source>%1: %2 from the foot. Pinch the straw flat there and nick the fold, %3 across.</source>
        <translation>%1: %2 vom Fuß. Den Halm dort flach drücken und den Knick einschneiden, %3 weit.</translation>
    </message>
    <message>
        <source>The hole is round when the straw springs open.</source>
        <translation>Das Loch ist rund, wenn der Halm aufspringt.</translation>
    </message>
    <message>
        <source>Play every fingering on Listen. A second nick widens a hole; a snip off the foot raises the lowest note.</source>
        <translation>Unter Hören jeden Griff spielen. Ein zweiter Einschnitt weitet ein Loch; ein Schnitt am Fuß hebt den tiefsten Ton.</translation>
    </message>
    <message>
        <source>No finish: one straw a player, thrown away after the lesson.</source>
        <translation>Keine Oberfläche: ein Halm je Spieler, nach der Stunde weggeworfen.</translation>
    </message>
    <message>
        <source>Seal both ends: singe them until they darken, or lacquer them.</source>
        <translation>Beide Enden versiegeln: ansengen, bis sie dunkel werden, oder lackieren.</translation>
    </message>
    <message>
        <source>hot iron, or lacquer</source>
        <translation>Brenneisen oder Lack</translation>
    </message>
    <message>
        <source>lacquer</source>
        <translation>Lack</translation>
    </message>
    <message>
        <source>Burn outdoors or under extraction, with water at hand.</source>
        <translation>Im Freien oder unter Absaugung brennen, Wasser bereit.</translation>
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
        <source>Open a new practice blank.</source>
        <translation>Einen neuen Übungsrohling öffnen.</translation>
    </message>
    <message>
        <source>Play the whole loop and leave a picture of every view in &lt;folder&gt;.</source>
        <translation>Den ganzen Ablauf spielen und ein Bild jeder Ansicht in &lt;folder&gt; ablegen.</translation>
    </message>
    <message>
        <source>Dowel is already running but could not be reached.</source>
        <translation>Dowel läuft schon, ist aber nicht erreichbar.</translation>
    </message>
    <message>
        <source>Leave a picture of the first page in &lt;file&gt; and end.</source>
        <translation>Ein Bild der ersten Seite in &lt;Datei&gt; ablegen und enden.</translation>
    </message>
    <message>
        <source>Type this many per cent of its usual size, 75 to 300; without it as large as the desktop&apos;s own.</source>
        <translation>Schriftgröße in Prozent der üblichen, 75 bis 300; ohne Angabe wie die der Arbeitsumgebung.</translation>
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
