<?xml version='1.0' encoding='utf-8'?>
<TS version="2.1" language="de">
  <context>
    <name>fusain</name>
    <message>
      <source>"{1}" is not name=value.</source>
      <translation>„{1}“ ist nicht Name=Wert.</translation>
    </message>
    <message>
      <source>There is no policy called "{1}".</source>
      <translation>Es gibt keine Regel namens „{1}“.</translation>
    </message>
    <message>
      <source>List them with: fusain-calc policies</source>
      <translation>Auflisten mit: fusain-calc policies</translation>
    </message>
    <message>
      <source>The file cannot be read.</source>
      <translation>Die Datei kann nicht gelesen werden.</translation>
    </message>
    <message>
      <source>Check the name and the permissions.</source>
      <translation>Namen und Rechte prüfen.</translation>
    </message>
    <message>
      <source>The output could not be written: is the disk full?</source>
      <translation>Die Ausgabe konnte nicht geschrieben werden: Ist die Platte voll?</translation>
    </message>
    <message>
      <source>The policy "{1}" is for another method.</source>
      <translation>Die Regel „{1}“ gilt für eine andere Methode.</translation>
    </message>
    <message>
      <source>There is no table for the method "{1}".</source>
      <translation>Für die Methode „{1}“ gibt es keine Tabelle.</translation>
    </message>
    <message>
      <source>Compute its raw records one by one with: fusain-calc run</source>
      <translation>Ihre Rohdaten einzeln berechnen mit: fusain-calc run</translation>
    </message>
    <message>
      <source>"{1}" is not the head of a journal.</source>
      <translation>„{1}“ ist kein Kopf eines Journals.</translation>
    </message>
    <message>
      <source>Give it as EVENT:HASH, with 16 or more characters of the hash.</source>
      <translation>Als EREIGNIS:HASH angeben, mit 16 oder mehr Zeichen des Hashs.</translation>
    </message>
    <message>
      <source>"{1}" is used as: fusain-calc {1} {2}</source>
      <translation>„{1}“ wird so verwendet: fusain-calc {1} {2}</translation>
    </message>
    <message>
      <source>There is no command "{1}".</source>
      <translation>Es gibt keinen Befehl „{1}“.</translation>
    </message>
    <message>
      <source>fusain-calc --help lists them.</source>
      <translation>fusain-calc --help nennt sie.</translation>
    </message>
    <message>
      <source>That did not work</source>
      <translation>Das hat nicht funktioniert</translation>
    </message>
    <message>
      <source>Something unexpected was in a file or in the lab book: %1

Everything accepted so far is kept. Please report this.</source>
      <translation>In einer Datei oder im Laborbuch war etwas Unerwartetes: %1

Alles bisher Übernommene ist gespeichert. Bitte melden.</translation>
    </message>
    <message>
      <source>Accept trial</source>
      <translation>Versuch übernehmen</translation>
    </message>
    <message>
      <source>No lab book here</source>
      <translation>Hier ist kein Laborbuch</translation>
    </message>
    <message>
      <source>There is no lab book at %1.

If there should be one, check that its disk or share is connected, then start again.</source>
      <translation>Unter %1 ist kein Laborbuch.

Wenn dort eines sein sollte, prüfen, ob seine Platte oder Freigabe verbunden ist, und neu starten.</translation>
    </message>
    <message>
      <source>Create a new lab book here</source>
      <translation>Hier ein neues Laborbuch anlegen</translation>
    </message>
    <message>
      <source>Leave</source>
      <translation>Beenden</translation>
    </message>
    <message>
      <source>This lab book has clients in it; practice has a book of its own.</source>
      <translation>In diesem Laborbuch sind Klienten; die Übung hat ein eigenes Buch.</translation>
    </message>
    <message>
      <source>Open the practice room without a file.</source>
      <translation>Den Übungsraum ohne Datei öffnen.</translation>
    </message>
    <message>
      <source>Nothing in it was changed.</source>
      <translation>Darin wurde nichts geändert.</translation>
    </message>
    <message>
      <source>This is a practice book; clients do not belong in it.</source>
      <translation>Das ist ein Übungsbuch; Klienten gehören nicht hinein.</translation>
    </message>
    <message>
      <source>Open it with --practice.</source>
      <translation>Mit --practice öffnen.</translation>
    </message>
    <message>
      <source>This lab book is already open; its window was brought forward.</source>
      <translation>Dieses Laborbuch ist schon offen; sein Fenster wurde nach vorn geholt.</translation>
    </message>
    <message>
      <source>a test is running</source>
      <translation>ein Test läuft</translation>
    </message>
    <message>
      <source>The recording is shorter than five whole seconds.</source>
      <translation>Die Aufzeichnung ist kürzer als fünf volle Sekunden.</translation>
    </message>
    <message>
      <source>Keep the door shut until the recording ends, then repeat.</source>
      <translation>Die Tür bis zum Ende der Aufzeichnung zulassen, dann wiederholen.</translation>
    </message>
    <message>
      <source>There is no pressure swing from the diaphragm.</source>
      <translation>Von der Membran kommt keine Druckschwankung.</translation>
    </message>
    <message>
      <source>Is the chamber switched on, and are both pressures connected?</source>
      <translation>Ist die Kammer eingeschaltet, und sind beide Drücke verbunden?</translation>
    </message>
    <message>
      <source>The pressures are too restless to read.</source>
      <translation>Die Drücke sind zum Auslesen zu unruhig.</translation>
    </message>
    <message>
      <source>Nobody leans on the chamber, no draught, then repeat.</source>
      <translation>Niemand lehnt sich an die Kammer, keine Zugluft; dann wiederholen.</translation>
    </message>
    <message>
      <source>Calibration cylinder {1} L is out of range.</source>
      <translation>Kalibrierzylinder {1} L liegt außerhalb des Bereichs.</translation>
    </message>
    <message>
      <source>The range is 5 to 150 L. See the certificate.</source>
      <translation>Der Bereich ist 5 bis 150 L. Siehe Zertifikat.</translation>
    </message>
    <message>
      <source>The cylinder makes no difference: it was in both recordings or in neither.</source>
      <translation>Der Zylinder macht keinen Unterschied: Er war in beiden Aufzeichnungen oder in keiner.</translation>
    </message>
    <message>
      <source>Record the empty chamber first, then with the cylinder inside.</source>
      <translation>Zuerst die leere Kammer aufzeichnen, dann mit dem Zylinder.</translation>
    </message>
    <message>
      <source>The cylinder would fill more than the chamber.</source>
      <translation>Der Zylinder würde mehr als die Kammer füllen.</translation>
    </message>
    <message>
      <source>Check the pressures of both chambers.</source>
      <translation>Die Drücke beider Kammern prüfen.</translation>
    </message>
    <message>
      <source>Air escapes while calibrating: the door is not shut.</source>
      <translation>Beim Kalibrieren entweicht Luft: Die Tür ist nicht zu.</translation>
    </message>
    <message>
      <source>Close the door without leaning on it, then calibrate again.</source>
      <translation>Die Tür schließen, ohne sich anzulehnen, dann neu kalibrieren.</translation>
    </message>
    <message>
      <source>Too short: about three gentle puffs are needed.</source>
      <translation>Zu kurz: Etwa drei sanfte Stöße werden gebraucht.</translation>
    </message>
    <message>
      <source>The airway pressure does not move: is the tube occluded?</source>
      <translation>Der Atemwegsdruck bewegt sich nicht: Ist der Schlauch verschlossen?</translation>
    </message>
    <message>
      <source>Too strong ({1} cmH2O): puff gently, below 35.</source>
      <translation>Zu stark ({1} cmH2O): sanft stoßen, unter 35.</translation>
    </message>
    <message>
      <source>The two pressures do not go together: cheeks held, lips closed, gentle puffs.</source>
      <translation>Die beiden Drücke passen nicht zusammen: Wangen gehalten, Lippen geschlossen, sanfte Stöße.</translation>
    </message>
    <message>
      <source>Good: {1} L of thoracic gas.</source>
      <translation>Gut: {1} L thorakales Gas.</translation>
    </message>
    <message>
      <source>{1} of at least 2 volume trials.</source>
      <translation>{1} von mindestens 2 Volumenversuchen.</translation>
    </message>
    <message>
      <source>Trials {1} and {2} agree within {3} mL. Enough trials.</source>
      <translation>Versuche {1} und {2} stimmen innerhalb {3} mL überein. Genug Versuche.</translation>
    </message>
    <message>
      <source>The closest two differ by {1} mL, more than {2}: one more trial.</source>
      <translation>Die nächsten zwei unterscheiden sich um {1} mL, mehr als {2}: noch ein Versuch.</translation>
    </message>
    <message>
      <source>No two of {1} trials agree (the closest differ by {2} mL): recalibrate and start over.</source>
      <translation>Keine zwei von {1} Versuchen stimmen überein (die nächsten unterscheiden sich um {2} mL): neu kalibrieren und von vorn beginnen.</translation>
    </message>
    <message>
      <source>The trials do not agree after recalibrating either. End the session, rebook, and have the chamber looked at.</source>
      <translation>Auch nach neuem Kalibrieren stimmen die Versuche nicht überein. Beenden Sie die Sitzung, vereinbaren Sie einen neuen Termin und lassen Sie die Kammer prüfen.</translation>
    </message>
    <message>
      <source>Recording: sit still, hands in the lap, breathe quietly.</source>
      <translation>Aufzeichnung: still sitzen, Hände im Schoß, ruhig atmen.</translation>
    </message>
    <message>
      <source>Steady: {1} L.</source>
      <translation>Ruhig: {1} L.</translation>
    </message>
    <message>
      <source>The person moved: repeat this trial, hands in the lap.</source>
      <translation>Die Person hat sich bewegt: diesen Versuch wiederholen, Hände im Schoß.</translation>
    </message>
    <message>
      <source>A cough or a laugh: wait until it has passed, then repeat.</source>
      <translation>Husten oder Lachen: warten, bis es vorbei ist, dann wiederholen.</translation>
    </message>
    <message>
      <source>The door is not shut: close it without leaning on it, then repeat.</source>
      <translation>Die Tür ist nicht zu: schließen, ohne sich anzulehnen, dann wiederholen.</translation>
    </message>
    <message>
      <source>The volume drifts by {1} mL over the trial: a draught or a change of temperature.</source>
      <translation>Das Volumen driftet während des Versuchs um {1} mL: Zugluft oder Temperaturänderung.</translation>
    </message>
    <message>
      <source>The chamber is warming up because the client is warm or damp. Dry the client, let them rest for ten minutes, then repeat.</source>
      <translation>Die Kammer erwärmt sich, weil die Person warm oder feucht ist. Abtrocknen, zehn Minuten ruhen lassen, dann wiederholen.</translation>
    </message>
    <message>
      <source>Air is held in hair or clothing: cap pressed flat, close-fitting swimwear, then repeat.</source>
      <translation>In Haar oder Kleidung ist Luft: Kappe flach gedrückt, enge Badekleidung, dann wiederholen.</translation>
    </message>
    <message>
      <source>The calibration cylinder seems to be still inside: the volume is about that much too large.</source>
      <translation>Der Kalibrierzylinder scheint noch darin zu sein: Das Volumen ist um etwa so viel zu groß.</translation>
    </message>
    <message>
      <source>{1} L does not go with the mass: check mass and calibration.</source>
      <translation>{1} L passt nicht zur Masse: Masse und Kalibrierung prüfen.</translation>
    </message>
    <message>
      <source>whole body</source>
      <translation>ganzer Körper</translation>
    </message>
    <message>
      <source>right arm</source>
      <translation>Rechter Arm</translation>
    </message>
    <message>
      <source>left arm</source>
      <translation>Linker Arm</translation>
    </message>
    <message>
      <source>trunk</source>
      <translation>Rumpf</translation>
    </message>
    <message>
      <source>right leg</source>
      <translation>Rechtes Bein</translation>
    </message>
    <message>
      <source>left leg</source>
      <translation>Linkes Bein</translation>
    </message>
    <message>
      <source>sex must be male or female, not "{1}".</source>
      <translation>Das Geschlecht muss male oder female sein, nicht „{1}“.</translation>
    </message>
    <message>
      <source>{1}: "{2}" is not a number.</source>
      <translation>{1}: „{2}“ ist keine Zahl.</translation>
    </message>
    <message>
      <source>There is no equation called "{1}".</source>
      <translation>Es gibt keine Gleichung namens „{1}“.</translation>
    </message>
    <message>
      <source>List them with: fusain-calc equations</source>
      <translation>Auflisten mit: fusain-calc equations</translation>
    </message>
    <message>
      <source>It has no input called "{1}".</source>
      <translation>Sie hat keine Eingabe namens „{1}“.</translation>
    </message>
    <message>
      <source>The input "{1}" is missing.</source>
      <translation>Die Eingabe „{1}“ fehlt.</translation>
    </message>
    <message>
      <source>Made for a body mass index of</source>
      <translation>Gemacht für einen Body-Mass-Index von</translation>
    </message>
    <message>
      <source>Standard error in the people it was made from</source>
      <translation>Standardfehler bei den Personen, aus denen sie entstand</translation>
    </message>
    <message>
      <source>Standard error in other people, which is used where it is larger</source>
      <translation>Standardfehler bei anderen Personen, der verwendet wird, wo er größer ist</translation>
    </message>
    <message>
      <source>deuterium</source>
      <translation>Deuterium</translation>
    </message>
    <message>
      <source>oxygen-18</source>
      <translation>Sauerstoff-18</translation>
    </message>
    <message>
      <source>Four components, Wang 2002</source>
      <translation>Vier Bestandteile, Wang 2002</translation>
    </message>
    <message>
      <source>Four components, Selinger 1977</source>
      <translation>Vier Bestandteile, Selinger 1977</translation>
    </message>
    <message>
      <source>Four components, Friedl 1992</source>
      <translation>Vier Bestandteile, Friedl 1992</translation>
    </message>
    <message>
      <source>Four components, Withers 1998</source>
      <translation>Vier Bestandteile, Withers 1998</translation>
    </message>
    <message>
      <source>Three components with water, Siri 1961</source>
      <translation>Drei Bestandteile mit Wasser, Siri 1961</translation>
    </message>
    <message>
      <source>Three components with water, fat 0.9007</source>
      <translation>Drei Bestandteile mit Wasser, Fett 0,9007</translation>
    </message>
    <message>
      <source>Three components with water, Fuller 1992</source>
      <translation>Drei Bestandteile mit Wasser, Fuller 1992</translation>
    </message>
    <message>
      <source>Four components, Fuller 1992</source>
      <translation>Vier Bestandteile, Fuller 1992</translation>
    </message>
    <message>
      <source>Ancestry is a poor proxy for hydration and bone mineral. Four-component work finds no certain difference in fat-free density between groups; prefer Siri or a model with measured water.</source>
      <translation>Die Herkunft ist ein schlechter Stellvertreter für Wassergehalt und Knochenmineral. Vier-Komponenten-Studien finden keinen sicheren Gruppenunterschied der fettfreien Dichte; Siri oder ein Modell mit gemessenem Wasser vorziehen.</translation>
    </message>
    <message>
      <source>Siri 1961</source>
      <translation>Siri 1961</translation>
    </message>
    <message>
      <source>Brozek 1963</source>
      <translation>Brozek 1963</translation>
    </message>
    <message>
      <source>Lohman 1989, children</source>
      <translation>Lohman 1989, Kinder</translation>
    </message>
    <message>
      <source>Schutte 1984, black men</source>
      <translation>Schutte 1984, schwarze Männer</translation>
    </message>
    <message>
      <source>Wagner and Heyward 2001, black men</source>
      <translation>Wagner und Heyward 2001, schwarze Männer</translation>
    </message>
    <message>
      <source>Heyward and Wagner 2004, black women</source>
      <translation>Heyward und Wagner 2004, schwarze Frauen</translation>
    </message>
    <message>
      <source>Heyward and Wagner 2004, white people</source>
      <translation>Heyward und Wagner 2004, weiße Personen</translation>
    </message>
    <message>
      <source>Bone density with the head is not scored in a child: the total without head is.</source>
      <translation>Knochendichte mit Kopf wird bei einem Kind nicht bewertet; die gesamte ohne Kopf schon.</translation>
    </message>
    <message>
      <source>A {1}-score is what goes with this sex and age; the densitometer reported none.</source>
      <translation>Zu diesem Geschlecht und Alter gehört ein {1}-Score; der DXA-Scanner gab keinen an.</translation>
    </message>
    <message>
      <source>Reported {1}-score of the whole body {2}: a measure of the skeleton's size and mineral, not a diagnosis. Bones are judged at spine and hip, by a physician.</source>
      <translation>Angegebener {1}-Score des ganzen Körpers {2}: ein Maß für Größe und Mineral des Skeletts, keine Diagnose. Knochen werden an Wirbelsäule und Hüfte ärztlich beurteilt.</translation>
    </message>
    <message>
      <source>Reported Z-score {1} at the {2}: below the expected range for this age. A physician decides what it means.</source>
      <translation>Angegebener Z-Score {1} an {2}: unter dem erwarteten Bereich für dieses Alter. Was das bedeutet, wird ärztlich entschieden.</translation>
    </message>
    <message>
      <source>Reported {1}-score {2} at the {3}; a physician decides what it means.</source>
      <translation>Angegebener {1}-Score {2} an {3}; was das bedeutet, wird ärztlich entschieden.</translation>
    </message>
    <message>
      <source>head</source>
      <translation>Kopf</translation>
    </message>
    <message>
      <source>total without head</source>
      <translation>gesamt ohne Kopf</translation>
    </message>
    <message>
      <source>total</source>
      <translation>gesamt</translation>
    </message>
    <message>
      <source>android</source>
      <translation>android</translation>
    </message>
    <message>
      <source>gynoid</source>
      <translation>gynoid</translation>
    </message>
    <message>
      <source>fat in the whole mass, bone included</source>
      <translation>Fett in der ganzen Masse, mit Knochen</translation>
    </message>
    <message>
      <source>fat in the soft tissue, without bone</source>
      <translation>Fett im Weichgewebe, ohne Knochen</translation>
    </message>
    <message>
      <source>fat</source>
      <translation>Fett</translation>
    </message>
    <message>
      <source>lean</source>
      <translation>mager</translation>
    </message>
    <message>
      <source>bone mineral</source>
      <translation>Knochenmineral</translation>
    </message>
    <message>
      <source>The region "{1}" is missing.</source>
      <translation>Die Region „{1}“ fehlt.</translation>
    </message>
    <message>
      <source>Give all six regions, or say which side of a half body was complete.</source>
      <translation>Alle sechs Regionen angeben, oder welche Seite eines halben Körpers vollständig war.</translation>
    </message>
    <message>
      <source>{1}, {2}: there is no number, or one below zero.</source>
      <translation>{1}, {2}: keine Zahl oder eine unter null.</translation>
    </message>
    <message>
      <source>Type it again from the densitometer's page.</source>
      <translation>Von der Seite des DXA-Scanners neu eintippen.</translation>
    </message>
    <message>
      <source>The scan adds up to {1}, the scale reads {2} kg. Are these pounds?</source>
      <translation>Der Scan ergibt {1}, die Waage zeigt {2} kg. Sind das Pfund?</translation>
    </message>
    <message>
      <source>Look at the unit of the densitometer's page.</source>
      <translation>Die Einheit auf der Seite des DXA-Scanners ansehen.</translation>
    </message>
    <message>
      <source>The scan adds up to {1}, the scale reads {2} kg. Are these grams?</source>
      <translation>Der Scan ergibt {1}, die Waage zeigt {2} kg. Sind das Gramm?</translation>
    </message>
    <message>
      <source>{1}: fat, lean and bone mineral add up to {2} kg, the page shows {3} kg.</source>
      <translation>{1}: Fett, Magermasse und Knochenmineral ergeben {2} kg, die Seite zeigt {3} kg.</translation>
    </message>
    <message>
      <source>Compare this row with the page, digit by digit.</source>
      <translation>Diese Zeile Ziffer für Ziffer mit der Seite vergleichen.</translation>
    </message>
    <message>
      <source>{1}, {2}: the regions add up to {3} kg, the page shows {4} kg.</source>
      <translation>{1}, {2}: Die Regionen ergeben {3} kg, die Seite zeigt {4} kg.</translation>
    </message>
    <message>
      <source>Look for the region that was mistyped; android and gynoid do not count.</source>
      <translation>Die falsch getippte Region suchen; android und gynoid zählen nicht.</translation>
    </message>
    <message>
      <source>{1}, {2}: {3} kg, more than the {4} kg of the region that contains it.</source>
      <translation>{1}, {2}: {3} kg, mehr als die {4} kg der Region, die sie enthält.</translation>
    </message>
    <message>
      <source>Look at the region lines, and whether two rows were swapped.</source>
      <translation>Die Regionslinien ansehen, und ob zwei Zeilen vertauscht wurden.</translation>
    </message>
    <message>
      <source>The scan adds up to {1} kg, {2} % against the scale ({3} kg).</source>
      <translation>Der Scan ergibt {1} kg, {2} % gegen die Waage ({3} kg).</translation>
    </message>
    <message>
      <source>Is it this client? Was everything inside the field, and nothing on the table?</source>
      <translation>Ist es dieser Klient? War alles im Feld und nichts auf dem Tisch?</translation>
    </message>
    <message>
      <source>{1} and {2} are the same in every digit: one was copied from the other.</source>
      <translation>{1} und {2} sind in jeder Ziffer gleich: Eins wurde vom anderen kopiert.</translation>
    </message>
    <message>
      <source>Mark the scan as a half body, with the side that was complete.</source>
      <translation>Den Scan als halben Körper markieren, mit der vollständigen Seite.</translation>
    </message>
    <message>
      <source>The {1} has {2} % less lean than the other side: is it cut off?</source>
      <translation>{1} hat {2} % weniger Magermasse als die andere Seite: abgeschnitten?</translation>
    </message>
    <message>
      <source>The {1} has {2} % less lean than the other side.</source>
      <translation>{1}: {2} % weniger mageres Gewebe als auf der anderen Seite.</translation>
    </message>
    <message>
      <source>Scan again inside the field, or as a half body.</source>
      <translation>Im Feld erneut scannen, oder als halben Körper.</translation>
    </message>
    <message>
      <source>Review the region lines of this limb; an old injury may explain it.</source>
      <translation>Die Regionslinien dieses Körperteils durchsehen; eine alte Verletzung kann es erklären.</translation>
    </message>
    <message>
      <source>Bone mineral is {1} % of the fat-free mass; 3 to 7 % is usual.</source>
      <translation>Knochenmineral ist {1} % der fettfreien Masse; üblich sind 3 bis 7 %.</translation>
    </message>
    <message>
      <source>Is it in kilograms? Is there metal, or contrast in the gut?</source>
      <translation>Sind es Kilogramm? Ist Metall oder Kontrastmittel im Darm?</translation>
    </message>
    <message>
      <source>Mifflin and St Jeor 1990</source>
      <translation>Mifflin und St Jeor 1990</translation>
    </message>
    <message>
      <source>Cunningham 1991</source>
      <translation>Cunningham 1991</translation>
    </message>
    <message>
      <source>Cunningham 1980</source>
      <translation>Cunningham 1980</translation>
    </message>
    <message>
      <source>ten Haaf and Weijs 2014, fat-free mass</source>
      <translation>ten Haaf und Weijs 2014, fettfreie Masse</translation>
    </message>
    <message>
      <source>ten Haaf and Weijs 2014, mass</source>
      <translation>ten Haaf und Weijs 2014, Masse</translation>
    </message>
    <message>
      <source>Harris and Benedict 1919</source>
      <translation>Harris und Benedict 1919</translation>
    </message>
    <message>
      <source>Roza and Shizgal 1984</source>
      <translation>Roza und Shizgal 1984</translation>
    </message>
    <message>
      <source>Owen 1986 and 1987</source>
      <translation>Owen 1986 und 1987</translation>
    </message>
    <message>
      <source>Müller 2004</source>
      <translation>Müller 2004</translation>
    </message>
    <message>
      <source>Schofield 1985</source>
      <translation>Schofield 1985</translation>
    </message>
    <message>
      <source>Henry 2005</source>
      <translation>Henry 2005</translation>
    </message>
    <message>
      <source>De Lorenzo 1999, male athletes</source>
      <translation>De Lorenzo 1999, männliche Sportler</translation>
    </message>
    <message>
      <source>below a light way of life</source>
      <translation>unter einer leichten Lebensweise</translation>
    </message>
    <message>
      <source>sedentary or light</source>
      <translation>sitzend oder leicht</translation>
    </message>
    <message>
      <source>active or moderately active</source>
      <translation>aktiv oder mäßig aktiv</translation>
    </message>
    <message>
      <source>vigorous</source>
      <translation>sehr aktiv</translation>
    </message>
    <message>
      <source>hard to keep up for long</source>
      <translation>auf Dauer schwer durchzuhalten</translation>
    </message>
    <message>
      <source>{1} minutes are too few: five to settle and five steady ones are needed.</source>
      <translation>{1} Minuten sind zu wenige: fünf zum Beruhigen und fünf ruhige werden gebraucht.</translation>
    </message>
    <message>
      <source>Measure on.</source>
      <translation>Weiter messen.</translation>
    </message>
    <message>
      <source>Gas exchange is above 0 in every minute.</source>
      <translation>Der Gasaustausch liegt in jeder Minute über 0.</translation>
    </message>
    <message>
      <source>Correct it and try again.</source>
      <translation>Berichtigen und erneut versuchen.</translation>
    </message>
    <message>
      <source>The steadiest five minutes still vary by {1} %, more than 10 %.</source>
      <translation>Die ruhigsten fünf Minuten schwanken noch um {1} %, mehr als 10 %.</translation>
    </message>
    <message>
      <source>Let the person settle and measure on.</source>
      <translation>Die Person ruhen lassen und weiter messen.</translation>
    </message>
    <message>
      <source>A quotient of {1} is not one of a resting, breathing person (0.67 to 1.0).</source>
      <translation>Ein Quotient von {1} passt nicht zu einer ruhenden, atmenden Person (0,67 bis 1,0).</translation>
    </message>
    <message>
      <source>Look for a leak, hasty breathing or a meal, and measure again.</source>
      <translation>Nach einem Leck, hastigem Atmen oder einer Mahlzeit suchen und erneut messen.</translation>
    </message>
    <message>
      <source>waist, WHO 2008</source>
      <translation>Taille, WHO 2008</translation>
    </message>
    <message>
      <source>waist, limits for Asian adults, 2009</source>
      <translation>Taille, Grenzen für asiatische Erwachsene, 2009</translation>
    </message>
    <message>
      <source>waist-to-height, 0.5 and 0.6</source>
      <translation>Taille zu Größe, 0,5 und 0,6</translation>
    </message>
    <message>
      <source>waist-to-hip, WHO 2008</source>
      <translation>Taille zu Hüfte, WHO 2008</translation>
    </message>
    <message>
      <source>waist</source>
      <translation>Taille</translation>
    </message>
    <message>
      <source>Midway between the lowest rib that you can feel and the top of the hip bone, at the side of the body.</source>
      <translation>In der Mitte zwischen der untersten tastbaren Rippe und dem oberen Rand des Hüftknochens, seitlich am Körper.</translation>
    </message>
    <message>
      <source>Arms hanging, feet together, weight on both; read at the end of a normal breath out.</source>
      <translation>Arme hängen, Füße zusammen, Gewicht auf beiden; am Ende eines normalen Ausatmens ablesen.</translation>
    </message>
    <message>
      <source>hip</source>
      <translation>Hüfte</translation>
    </message>
    <message>
      <source>Around the widest part of the buttocks, seen from the side.</source>
      <translation>Um die breiteste Stelle des Gesäßes, von der Seite gesehen.</translation>
    </message>
    <message>
      <source>Feet together, buttocks relaxed; the tape level all the way round.</source>
      <translation>Füße zusammen, Gesäß locker; das Band ringsum waagerecht.</translation>
    </message>
    <message>
      <source>neck</source>
      <translation>Hals</translation>
    </message>
    <message>
      <source>Just below the larynx, at right angles to the neck.</source>
      <translation>Knapp unter dem Kehlkopf, rechtwinklig zum Hals.</translation>
    </message>
    <message>
      <source>Looking straight ahead, shoulders down; never tight.</source>
      <translation>Blick geradeaus, Schultern unten; nie straff.</translation>
    </message>
    <message>
      <source>right upper arm</source>
      <translation>rechter Oberarm</translation>
    </message>
    <message>
      <source>Midway between the tip of the shoulder and the tip of the elbow; mark it with the elbow bent.</source>
      <translation>In der Mitte zwischen Schulterhöhe und Ellenbogenspitze; bei gebeugtem Ellenbogen markieren.</translation>
    </message>
    <message>
      <source>The arm hangs relaxed, the palm towards the thigh.</source>
      <translation>Der Arm hängt locker, die Handfläche zum Oberschenkel.</translation>
    </message>
    <message>
      <source>right thigh</source>
      <translation>rechter Oberschenkel</translation>
    </message>
    <message>
      <source>Midway between the fold of the groin and the upper edge of the kneecap; mark it sitting.</source>
      <translation>In der Mitte zwischen Leistenfalte und oberem Rand der Kniescheibe; im Sitzen markieren.</translation>
    </message>
    <message>
      <source>Standing, the weight on the other leg.</source>
      <translation>Im Stehen, das Gewicht auf dem anderen Bein.</translation>
    </message>
    <message>
      <source>Trials {1} agree within {2} kg; trial {3} differs by {4} kg. Exclude it (X), or one more.</source>
      <translation>Versuche {1} stimmen innerhalb {2} kg überein; Versuch {3} weicht um {4} kg ab. Ausschließen (X) oder noch einer.</translation>
    </message>
    <message>
      <source>Trial {1} is the reading by the lab's rule. Enough trials.</source>
      <translation>Versuch {1} ist der Wert nach der Regel des Labors. Genug Versuche.</translation>
    </message>
    <message>
      <source>Trials {1} agree within {2} kg. Enough trials.</source>
      <translation>Versuche {1} stimmen innerhalb {2} kg überein. Genug Versuche.</translation>
    </message>
    <message>
      <source>{1} trials made and they still differ by {2} kg: use them with a flag, or rebook.</source>
      <translation>{1} Versuche gemacht, und sie unterscheiden sich noch um {2} kg: mit Vermerk verwenden oder neu buchen.</translation>
    </message>
    <message>
      <source>{1} of at least {2} trials.</source>
      <translation>{1} von mindestens {2} Versuchen.</translation>
    </message>
    <message>
      <source>Still rising, {1} kg a trial: learning to breathe out. One more.</source>
      <translation>Noch steigend, {1} kg je Versuch: lernt das Ausatmen. Noch einer.</translation>
    </message>
    <message>
      <source>Trials {1} differ by {2} kg (limit {3}). One more trial.</source>
      <translation>Versuche {1} unterscheiden sich um {2} kg (Grenze {3}). Noch ein Versuch.</translation>
    </message>
    <message>
      <source>Waiting for the client to go under.</source>
      <translation>Warten, bis der Klient untertaucht.</translation>
    </message>
    <message>
      <source>Not steady yet: keep still, touch nothing but the chair.</source>
      <translation>Noch nicht ruhig: still halten, nichts als den Stuhl berühren.</translation>
    </message>
    <message>
      <source>Still breathing out: {1} kg a second.</source>
      <translation>Atmet noch aus: {1} kg je Sekunde.</translation>
    </message>
    <message>
      <source>Contact: the reading jumped. Wall, floor or a hand? Repeat this trial.</source>
      <translation>Kontakt: Der Wert sprang. Wand, Boden oder eine Hand? Diesen Versuch wiederholen.</translation>
    </message>
    <message>
      <source>Client up. {1} kg is ready.</source>
      <translation>Klient oben. {1} kg ist bereit.</translation>
    </message>
    <message>
      <source>Reading steady, no contact seen.</source>
      <translation>Wert ruhig, kein Kontakt erkannt.</translation>
    </message>
    <message>
      <source>The arc misses the readings by {1} %; more than {2} % is not an arc.</source>
      <translation>Die Kurve verfehlt die Werte um {1} %; mehr als {2} % ist keine Ortskurve.</translation>
    </message>
    <message>
      <source>{1} of {2} readings are not on the arc.</source>
      <translation>{1} von {2} Werten liegen nicht auf der Kurve.</translation>
    </message>
    <message>
      <source>R∞/R0 is {1}; the range is {2} to {3}.</source>
      <translation>R∞/R0 ist {1}; der Bereich ist {2} bis {3}.</translation>
    </message>
    <message>
      <source>The exponent of the arc is {1}; the range is {2} to {3}.</source>
      <translation>Der Exponent der Kurve ist {1}; der Bereich ist {2} bis {3}.</translation>
    </message>
    <message>
      <source>The characteristic frequency is {1} kHz; the range is {2} to {3}.</source>
      <translation>Die charakteristische Frequenz ist {1} kHz; der Bereich ist {2} bis {3}.</translation>
    </message>
    <message>
      <source>The arc misses the readings by {1} %.</source>
      <translation>Die Kurve verfehlt die Werte um {1} %.</translation>
    </message>
    <message>
      <source>R0 is known to ± {1} Ω only.</source>
      <translation>R0 ist nur auf ± {1} Ω bekannt.</translation>
    </message>
    <message>
      <source>R∞ is known to ± {1} Ω only.</source>
      <translation>R∞ ist nur auf ± {1} Ω bekannt.</translation>
    </message>
    <message>
      <source>A delay of {1} ns is long: look at the leads.</source>
      <translation>Eine Verzögerung von {1} ns ist lang: die Kabel ansehen.</translation>
    </message>
    <message>
      <source>At 50 kHz the arc is {1} % away from the reading.</source>
      <translation>Bei 50 kHz liegt die Kurve {1} % neben dem Messwert.</translation>
    </message>
    <message>
      <source>A paired regression needs at least {1} people; there are {2}.</source>
      <translation>Eine gepaarte Regression braucht mindestens {1} Personen; es sind {2}.</translation>
    </message>
    <message>
      <source>Measure more people lying with gel and standing on the contacts.</source>
      <translation>Mehr Personen liegend mit Gel und stehend auf den Kontakten messen.</translation>
    </message>
    <message>
      <source>A resistance is above zero in every pair.</source>
      <translation>Eine Resistanz liegt in jedem Paar über null.</translation>
    </message>
    <message>
      <source>All contact readings are the same: no line can be drawn.</source>
      <translation>Alle Kontaktwerte sind gleich: Es lässt sich keine Gerade ziehen.</translation>
    </message>
    <message>
      <source>hand</source>
      <translation>Hand</translation>
    </message>
    <message>
      <source>forearm and hand</source>
      <translation>Unterarm und Hand</translation>
    </message>
    <message>
      <source>whole arm</source>
      <translation>ganzer Arm</translation>
    </message>
    <message>
      <source>foot</source>
      <translation>Fuß</translation>
    </message>
    <message>
      <source>lower leg and foot</source>
      <translation>Unterschenkel und Fuß</translation>
    </message>
    <message>
      <source>whole leg</source>
      <translation>ganzes Bein</translation>
    </message>
    <message>
      <source>The {1} has no usable resistance at 50 kHz.</source>
      <translation>{1} hat keine brauchbare Resistanz bei 50 kHz.</translation>
    </message>
    <message>
      <source>Measure it again, or read the whole body only.</source>
      <translation>Erneut messen oder nur den ganzen Körper messen.</translation>
    </message>
    <message>
      <source>Segments and whole body disagree: closing them takes a factor of {1}.</source>
      <translation>Segmente und ganzer Körper passen nicht zusammen: Zum Schließen braucht es den Faktor {1}.</translation>
    </message>
    <message>
      <source>Uncalibrated estimate: this lab has not yet compared its segments with a densitometer.</source>
      <translation>Unkalibrierte Schätzung: Dieses Labor hat seine Abschnitte noch nicht mit einem Densitometer verglichen.</translation>
    </message>
    <message>
      <source>A calibration needs at least {1} people measured by both; there are {2}.</source>
      <translation>Eine Kalibrierung braucht mindestens {1} mit beiden gemessene Personen; es sind {2}.</translation>
    </message>
    <message>
      <source>Measure more people of this sex with both instruments.</source>
      <translation>Mehr Personen dieses Geschlechts mit beiden Geräten messen.</translation>
    </message>
    <message>
      <source>One person of the calibration lacks the {1}.</source>
      <translation>Einer Person der Kalibrierung fehlt: {1}.</translation>
    </message>
    <message>
      <source>Wipe and moisten skin and electrode, press the contact, repeat.</source>
      <translation>Haut und Elektrode abwischen und anfeuchten, Kontakt andrücken, wiederholen.</translation>
    </message>
    <message>
      <source>Ask for stillness and silence, repeat.</source>
      <translation>Um Stillhalten und Ruhe bitten, wiederholen.</translation>
    </message>
    <message>
      <source>Both legs are high or unsteady at low frequency: socks, or dry and callused soles.</source>
      <translation>Beide Beine sind bei niedriger Frequenz hoch oder unruhig: Socken, oder trockene und verhornte Sohlen.</translation>
    </message>
    <message>
      <source>Socks off, wipe and moisten the soles, heels on the electrodes, repeat.</source>
      <translation>Socken aus, Sohlen abwischen und anfeuchten, Fersen auf die Elektroden, wiederholen.</translation>
    </message>
    <message>
      <source>Both arms are high or unsteady at low frequency: dry or lotioned hands.</source>
      <translation>Beide Arme sind bei niedriger Frequenz hoch oder unruhig: trockene oder eingecremte Hände.</translation>
    </message>
    <message>
      <source>The {1} is high or unsteady at low frequency: an electrode there has poor contact.</source>
      <translation>{1} ist bei niedriger Frequenz hoch oder unruhig: Eine Elektrode dort hat schlechten Kontakt.</translation>
    </message>
    <message>
      <source>High or unsteady at low frequency: an electrode has poor contact.</source>
      <translation>Bei niedriger Frequenz hoch oder unruhig: Eine Elektrode hat schlechten Kontakt.</translation>
    </message>
    <message>
      <source>The trunk is unsteady by {1} %: talking, or deep breaths.</source>
      <translation>Der Rumpf ist um {1} % unruhig: Sprechen oder tiefe Atemzüge.</translation>
    </message>
    <message>
      <source>The {1} is unsteady by {2} % at every frequency: it moved.</source>
      <translation>{1} ist bei jeder Frequenz um {2} % unruhig: Bewegung.</translation>
    </message>
    <message>
      <source>The whole body read {1} % differently at the end of the sweep: the analyzer is not warm, or the posture changed.</source>
      <translation>Der ganze Körper maß am Ende der Messung {1} % anders: Der Analysator ist nicht warm, oder die Haltung hat sich geändert.</translation>
    </message>
    <message>
      <source>Let the analyzer warm up, let the person stand or lie quietly, repeat.</source>
      <translation>Den Analysator aufwärmen lassen, die Person ruhig stehen oder liegen lassen, wiederholen.</translation>
    </message>
    <message>
      <source>The {1} has a negative resistance: two leads are crossed.</source>
      <translation>{1} hat eine negative Resistanz: Zwei Kabel sind vertauscht.</translation>
    </message>
    <message>
      <source>Compare every lead with its mark, repeat.</source>
      <translation>Jedes Kabel mit seiner Markierung vergleichen, wiederholen.</translation>
    </message>
    <message>
      <source>The {1} rises from {2} to {3} kHz, which tissue never does. Check contact, stray capacitance and movement.</source>
      <translation>{1} steigt von {2} auf {3} kHz, was Gewebe nie tut. Prüfen Sie Kontakt, Streukapazität und Bewegung.</translation>
    </message>
    <message>
      <source>The phase of the {1} at {2} kHz is {3}°; no body has that.</source>
      <translation>Die Phase von {1} bei {2} kHz ist {3}°; kein Körper hat das.</translation>
    </message>
    <message>
      <source>Are resistance and reactance swapped? Check the leads, repeat.</source>
      <translation>Sind Resistanz und Reaktanz vertauscht? Kabel prüfen, wiederholen.</translation>
    </message>
    <message>
      <source>Magnitudes and phase of the {1} at {2} kHz do not belong together ({3}° against {4}°).</source>
      <translation>Betrag und Phase von {1} bei {2} kHz gehören nicht zusammen ({3}° gegen {4}°).</translation>
    </message>
    <message>
      <source>Check the analyzer with its module.</source>
      <translation>Den Analysator mit seinem Modul prüfen.</translation>
    </message>
    <message>
      <source>Right arm, trunk and right leg add up to {1} % more or less than the whole body at {2} kHz.</source>
      <translation>Rechter Arm, Rumpf und rechtes Bein ergeben bei {2} kHz {1} % mehr oder weniger als der ganze Körper.</translation>
    </message>
    <message>
      <source>Check posture, leads and contacts, repeat.</source>
      <translation>Haltung, Kabel und Kontakte prüfen, wiederholen.</translation>
    </message>
    <message>
      <source>Check contacts and posture; swelling, injury or metal on one side can be the reason.</source>
      <translation>Kontakte und Haltung prüfen; Schwellung, Verletzung oder Metall auf einer Seite kann der Grund sein.</translation>
    </message>
    <message>
      <source>Right and left arm differ by {1} %.</source>
      <translation>Rechter und linker Arm unterscheiden sich um {1} %.</translation>
    </message>
    <message>
      <source>Right and left leg differ by {1} %.</source>
      <translation>Rechtes und linkes Bein unterscheiden sich um {1} %.</translation>
    </message>
    <message>
      <source>Both legs read low against the arms: the thighs may touch.</source>
      <translation>Beide Beine messen niedrig gegen die Arme: Die Oberschenkel können sich berühren.</translation>
    </message>
    <message>
      <source>Feet apart, a dry towel between the thighs if need be, repeat.</source>
      <translation>Füße auseinander, notfalls ein trockenes Handtuch zwischen die Oberschenkel, wiederholen.</translation>
    </message>
    <message>
      <source>Both arms read low against the legs: the arms may touch the trunk.</source>
      <translation>Beide Arme messen niedrig gegen die Beine: Die Arme können den Rumpf berühren.</translation>
    </message>
    <message>
      <source>Arms away from the trunk, repeat.</source>
      <translation>Arme vom Rumpf weg, wiederholen.</translation>
    </message>
    <message>
      <source>The {1} reads {2} Ω at 50 kHz; such segments read {3} to {4}.</source>
      <translation>{1} misst {2} Ω bei 50 kHz; solche Segmente messen {3} bis {4}.</translation>
    </message>
    <message>
      <source>Check contacts, posture and whose turn it is.</source>
      <translation>Kontakte, Haltung und Identität prüfen.</translation>
    </message>
    <message>
      <source>rising</source>
      <translation>Anstieg</translation>
    </message>
    <message>
      <source>phase</source>
      <translation>Phase</translation>
    </message>
    <message>
      <source>crossed leads</source>
      <translation>vertauschte Kabel</translation>
    </message>
    <message>
      <source>contact</source>
      <translation>Kontakt</translation>
    </message>
    <message>
      <source>socks</source>
      <translation>Socken</translation>
    </message>
    <message>
      <source>dry hands</source>
      <translation>trockene Hände</translation>
    </message>
    <message>
      <source>movement</source>
      <translation>Bewegung</translation>
    </message>
    <message>
      <source>talking</source>
      <translation>Sprechen</translation>
    </message>
    <message>
      <source>drift</source>
      <translation>Drift</translation>
    </message>
    <message>
      <source>sum</source>
      <translation>Summe</translation>
    </message>
    <message>
      <source>sides</source>
      <translation>Seiten</translation>
    </message>
    <message>
      <source>range</source>
      <translation>Bereich</translation>
    </message>
    <message>
      <source>thighs touch</source>
      <translation>Oberschenkel berühren sich</translation>
    </message>
    <message>
      <source>arms touch</source>
      <translation>Arme berühren den Rumpf</translation>
    </message>
    <message>
      <source>slope</source>
      <translation>Steigung</translation>
    </message>
    <message>
      <source>The height is {1} cm, at the last visit it was {2} cm.</source>
      <translation>Die Größe ist {1} cm, beim letzten Besuch war sie {2} cm.</translation>
    </message>
    <message>
      <source>The mass is {1} kg, at the last visit it was {2} kg.</source>
      <translation>Die Masse ist {1} kg, beim letzten Besuch war sie {2} kg.</translation>
    </message>
    <message>
      <source>The whole body reads {1} Ω, at the last visit it was {2} Ω.</source>
      <translation>Der ganze Körper misst {1} Ω, beim letzten Besuch waren es {2} Ω.</translation>
    </message>
    <message>
      <source>lying, gel electrodes at wrist and ankle</source>
      <translation>liegend, Gel-Elektroden an Hand- und Fußgelenk</translation>
    </message>
    <message>
      <source>standing, contacts under hands and feet</source>
      <translation>stehend, Kontakte unter Händen und Füßen</translation>
    </message>
    <message>
      <source>no change that means anything</source>
      <translation>keine bedeutsame Änderung</translation>
    </message>
    <message>
      <source>shorter: more fluid</source>
      <translation>kürzer: mehr Flüssigkeit</translation>
    </message>
    <message>
      <source>longer: less fluid</source>
      <translation>länger: weniger Flüssigkeit</translation>
    </message>
    <message>
      <source>steeper: more cell mass</source>
      <translation>steiler: mehr Zellmasse</translation>
    </message>
    <message>
      <source>flatter: less cell mass</source>
      <translation>flacher: weniger Zellmasse</translation>
    </message>
    <message>
      <source>The vector is in the middle half of {2}.</source>
      <translation>Der Vektor liegt in der mittleren Hälfte von {2}.</translation>
    </message>
    <message>
      <source>The vector is outside the middle half of {2} ({1} % are nearer to the mean), towards more fluid or a larger body.</source>
      <translation>Der Vektor liegt außerhalb der mittleren Hälfte von {2} ({1} % liegen näher am Mittel), zu mehr Flüssigkeit oder größerem Körper hin.</translation>
    </message>
    <message>
      <source>The vector is outside the middle half of {2} ({1} % are nearer to the mean), towards less fluid or a slighter body.</source>
      <translation>Der Vektor liegt außerhalb der mittleren Hälfte von {2} ({1} % liegen näher am Mittel), zu weniger Flüssigkeit oder schmalerem Körper hin.</translation>
    </message>
    <message>
      <source>The vector is outside the middle half of {2} ({1} % are nearer to the mean), towards more cell mass.</source>
      <translation>Der Vektor liegt außerhalb der mittleren Hälfte von {2} ({1} % liegen näher am Mittel), zu mehr Zellmasse hin.</translation>
    </message>
    <message>
      <source>The vector is outside the middle half of {2} ({1} % are nearer to the mean), towards less cell mass.</source>
      <translation>Der Vektor liegt außerhalb der mittleren Hälfte von {2} ({1} % liegen näher am Mittel), zu weniger Zellmasse hin.</translation>
    </message>
    <message>
      <source>fat-free mass</source>
      <translation>fettfreie Masse</translation>
    </message>
    <message>
      <source>body water</source>
      <translation>Körperwasser</translation>
    </message>
    <message>
      <source>water outside the cells</source>
      <translation>extrazelluläres Wasser</translation>
    </message>
    <message>
      <source>skeletal muscle</source>
      <translation>Skelettmuskel</translation>
    </message>
    <message>
      <source>lean mass of the limbs</source>
      <translation>Magermasse der Gliedmaßen</translation>
    </message>
    <message>
      <source>{1} was made for women only.</source>
      <translation>{1} gilt nur für Frauen.</translation>
    </message>
    <message>
      <source>{1} was made for men only.</source>
      <translation>{1} gilt nur für Männer.</translation>
    </message>
    <message>
      <source>{1} was made for {2} to {3} y.</source>
      <translation>{1} gilt für {2} bis {3} J.</translation>
    </message>
    <message>
      <source>{1} was made for a body mass index of {2} to {3}; this one is {4}.</source>
      <translation>{1} gilt für einen Body-Mass-Index von {2} bis {3}; dieser ist {4}.</translation>
    </message>
    <message>
      <source>{1} is not yet verified.</source>
      <translation>{1} ist noch nicht verifiziert.</translation>
    </message>
    <message>
      <source>Fat-free mass, Kyle</source>
      <translation>Fettfreie Masse, Kyle</translation>
    </message>
    <message>
      <source>healthy adults, n = 343, DXA; people of 22 y and over</source>
      <translation>gesunde Erwachsene, n = 343, DXA; Personen ab 22 J.</translation>
    </message>
    <message>
      <source>Fat-free mass, Sun</source>
      <translation>Fettfreie Masse, Sun</translation>
    </message>
    <message>
      <source>12 to 94 y, multicomponent model, n about 1300</source>
      <translation>12 bis 94 J., Mehrkomponentenmodell, n etwa 1300</translation>
    </message>
    <message>
      <source>Fat-free mass, Lukaski with reactance</source>
      <translation>Fettfreie Masse, Lukaski mit Reaktanz</translation>
    </message>
    <message>
      <source>adults, n = 114, densitometry</source>
      <translation>Erwachsene, n = 114, Densitometrie</translation>
    </message>
    <message>
      <source>Fat-free mass, Lukaski by sex</source>
      <translation>Fettfreie Masse, Lukaski nach Geschlecht</translation>
    </message>
    <message>
      <source>47 men and 67 women, densitometry</source>
      <translation>47 Männer und 67 Frauen, Densitometrie</translation>
    </message>
    <message>
      <source>Fat-free mass, Lukaski, men</source>
      <translation>Fettfreie Masse, Lukaski, Männer</translation>
    </message>
    <message>
      <source>37 men, densitometry</source>
      <translation>37 Männer, Densitometrie</translation>
    </message>
    <message>
      <source>Fat-free mass, Lukaski and Bolonchuk</source>
      <translation>Fettfreie Masse, Lukaski und Bolonchuk</translation>
    </message>
    <message>
      <source>adults</source>
      <translation>Erwachsene</translation>
    </message>
    <message>
      <source>Fat-free mass, Segal, men under 20 % and women under 30 % fat</source>
      <translation>Fettfreie Masse, Segal, Männer unter 20 % und Frauen unter 30 % Fett</translation>
    </message>
    <message>
      <source>n = 1567, four laboratories, densitometry; for the lean only; SEE 1.97 to 3.03 by group, the largest used</source>
      <translation>n = 1567, vier Labore, Densitometrie; nur für Schlanke; SEE 1,97 bis 3,03 je Gruppe, die größte verwendet</translation>
    </message>
    <message>
      <source>Fat-free mass, Segal, men from 20 % and women from 30 % fat</source>
      <translation>Fettfreie Masse, Segal, Männer ab 20 % und Frauen ab 30 % Fett</translation>
    </message>
    <message>
      <source>n = 1567, four laboratories, densitometry; for the obese only; SEE 1.97 to 3.03 by group, the largest used</source>
      <translation>n = 1567, vier Labore, Densitometrie; nur für Adipöse; SEE 1,97 bis 3,03 je Gruppe, die größte verwendet</translation>
    </message>
    <message>
      <source>Fat-free mass, Segal, mean of the lean and the obese form</source>
      <translation>Fettfreie Masse, Segal, Mittel der schlanken und der adipösen Form</translation>
    </message>
    <message>
      <source>as Segal</source>
      <translation>wie Segal</translation>
    </message>
    <message>
      <source>Fat-free mass, Segal, general</source>
      <translation>Fettfreie Masse, Segal, allgemein</translation>
    </message>
    <message>
      <source>n = 1567, densitometry</source>
      <translation>n = 1567, Densitometrie</translation>
    </message>
    <message>
      <source>Fat-free mass, Deurenberg, 16 y and over</source>
      <translation>Fettfreie Masse, Deurenberg, ab 16 J.</translation>
    </message>
    <message>
      <source>healthy Dutch, n = 827, densitometry</source>
      <translation>gesunde Niederländer, n = 827, Densitometrie</translation>
    </message>
    <message>
      <source>Fat-free mass, Deurenberg, 7 to 15 y</source>
      <translation>Fettfreie Masse, Deurenberg, 7 bis 15 J.</translation>
    </message>
    <message>
      <source>healthy Dutch children</source>
      <translation>gesunde niederländische Kinder</translation>
    </message>
    <message>
      <source>Fat-free mass, Houtkooper, 10 to 19 y</source>
      <translation>Fettfreie Masse, Houtkooper, 10 bis 19 J.</translation>
    </message>
    <message>
      <source>children and youths, n = 225, multicomponent</source>
      <translation>Kinder und Jugendliche, n = 225, mehrere Komponenten</translation>
    </message>
    <message>
      <source>Fat-free mass, Houtkooper, 10 to 14 y</source>
      <translation>Fettfreie Masse, Houtkooper, 10 bis 14 J.</translation>
    </message>
    <message>
      <source>children, n = 94</source>
      <translation>Kinder, n = 94</translation>
    </message>
    <message>
      <source>Fat-free mass, Schaefer, 4 to 19 y</source>
      <translation>Fettfreie Masse, Schaefer, 4 bis 19 J.</translation>
    </message>
    <message>
      <source>children, n = 112, potassium</source>
      <translation>Kinder, n = 112, Kalium</translation>
    </message>
    <message>
      <source>Fat-free mass, Rush, 5 to 14 y</source>
      <translation>Fettfreie Masse, Rush, 5 bis 14 J.</translation>
    </message>
    <message>
      <source>New Zealand children, deuterium</source>
      <translation>neuseeländische Kinder, Deuterium</translation>
    </message>
    <message>
      <source>Fat-free mass, Gray</source>
      <translation>Fettfreie Masse, Gray</translation>
    </message>
    <message>
      <source>adults of wide adiposity; women best below 48 % fat</source>
      <translation>Erwachsene mit weitem Fettbereich; Frauen am besten unter 48 % Fett</translation>
    </message>
    <message>
      <source>Fat-free mass, Roubenoff, older people</source>
      <translation>Fettfreie Masse, Roubenoff, Ältere</translation>
    </message>
    <message>
      <source>older adults, DXA</source>
      <translation>ältere Erwachsene, DXA</translation>
    </message>
    <message>
      <source>Fat-free mass, Heitmann</source>
      <translation>Fettfreie Masse, Heitmann</translation>
    </message>
    <message>
      <source>Danes, n = 139, four components</source>
      <translation>Dänen, n = 139, vier Komponenten</translation>
    </message>
    <message>
      <source>Fat-free mass, Dey, 70 to 75 y</source>
      <translation>Fettfreie Masse, Dey, 70 bis 75 J.</translation>
    </message>
    <message>
      <source>Swedes, n = 106, four components</source>
      <translation>Schweden, n = 106, vier Komponenten</translation>
    </message>
    <message>
      <source>Fat-free mass, Kotler</source>
      <translation>Fettfreie Masse, Kotler</translation>
    </message>
    <message>
      <source>adults, healthy and with HIV, n = 332</source>
      <translation>Erwachsene, gesund und mit HIV, n = 332</translation>
    </message>
    <message>
      <source>Fat-free mass, Matias, athletes</source>
      <translation>Fettfreie Masse, Matias, Sportler</translation>
    </message>
    <message>
      <source>athletes, four components</source>
      <translation>Sportler, vier Komponenten</translation>
    </message>
    <message>
      <source>Body water, Sun</source>
      <translation>Körperwasser, Sun</translation>
    </message>
    <message>
      <source>12 to 94 y, dilution</source>
      <translation>12 bis 94 J., Verdünnung</translation>
    </message>
    <message>
      <source>Body water, Kushner and Schoeller by sex</source>
      <translation>Körperwasser, Kushner und Schoeller nach Geschlecht</translation>
    </message>
    <message>
      <source>adults, n = 58, deuterium</source>
      <translation>Erwachsene, n = 58, Deuterium</translation>
    </message>
    <message>
      <source>Body water, Kushner and Schoeller, both sexes</source>
      <translation>Körperwasser, Kushner und Schoeller, beide Geschlechter</translation>
    </message>
    <message>
      <source>Body water, Kushner, all ages</source>
      <translation>Körperwasser, Kushner, alle Alter</translation>
    </message>
    <message>
      <source>infants to adults, n = 175</source>
      <translation>Säuglinge bis Erwachsene, n = 175</translation>
    </message>
    <message>
      <source>Body water, Lukaski and Bolonchuk</source>
      <translation>Körperwasser, Lukaski und Bolonchuk</translation>
    </message>
    <message>
      <source>adults, n = 53, deuterium</source>
      <translation>Erwachsene, n = 53, Deuterium</translation>
    </message>
    <message>
      <source>Body water, Heitmann</source>
      <translation>Körperwasser, Heitmann</translation>
    </message>
    <message>
      <source>Danes, tritium</source>
      <translation>Dänen, Tritium</translation>
    </message>
    <message>
      <source>Body water, Vaché, 60 to 80 y</source>
      <translation>Körperwasser, Vaché, 60 bis 80 J.</translation>
    </message>
    <message>
      <source>older people, n = 58, oxygen-18</source>
      <translation>Ältere, n = 58, Sauerstoff-18</translation>
    </message>
    <message>
      <source>Body water, Horlick, 4 to 18 y</source>
      <translation>Körperwasser, Horlick, 4 bis 18 J.</translation>
    </message>
    <message>
      <source>children</source>
      <translation>Kinder</translation>
    </message>
    <message>
      <source>Body water, Kotler</source>
      <translation>Körperwasser, Kotler</translation>
    </message>
    <message>
      <source>adults, healthy and with HIV</source>
      <translation>Erwachsene, gesund und mit HIV</translation>
    </message>
    <message>
      <source>Body water, Matias, athletes</source>
      <translation>Körperwasser, Matias, Sportler</translation>
    </message>
    <message>
      <source>athletes, n = 208, deuterium</source>
      <translation>Sportler, n = 208, Deuterium</translation>
    </message>
    <message>
      <source>Extracellular water, Lukaski and Bolonchuk</source>
      <translation>Extrazelluläres Wasser, Lukaski und Bolonchuk</translation>
    </message>
    <message>
      <source>adults, bromide</source>
      <translation>Erwachsene, Bromid</translation>
    </message>
    <message>
      <source>Extracellular water, Matias, athletes</source>
      <translation>Extrazelluläres Wasser, Matias, Sportler</translation>
    </message>
    <message>
      <source>athletes, bromide</source>
      <translation>Sportler, Bromid</translation>
    </message>
    <message>
      <source>Skeletal muscle, Janssen</source>
      <translation>Skelettmuskel, Janssen</translation>
    </message>
    <message>
      <source>n = 388, whole-body MRI; made with mostly white adults, and biased in Asian people</source>
      <translation>n = 388, Ganzkörper-MRT; meist an weißen Erwachsenen entstanden, bei Asiaten verzerrt</translation>
    </message>
    <message>
      <source>Limb muscle, Kyle</source>
      <translation>Muskel der Gliedmaßen, Kyle</translation>
    </message>
    <message>
      <source>healthy, n = 444, and transplant patients, DXA</source>
      <translation>Gesunde, n = 444, und Transplantierte, DXA</translation>
    </message>
    <message>
      <source>Limb muscle, Sergi, 60 y and over</source>
      <translation>Muskel der Gliedmaßen, Sergi, ab 60 J.</translation>
    </message>
    <message>
      <source>older Caucasian people, n = 296, DXA</source>
      <translation>ältere Europäer, n = 296, DXA</translation>
    </message>
    <message>
      <source>Limb muscle, Rangel, 60 y and over</source>
      <translation>Muskel der Gliedmaßen, Rangel, ab 60 J.</translation>
    </message>
    <message>
      <source>older Mexicans, DXA</source>
      <translation>ältere Mexikaner, DXA</translation>
    </message>
    <message>
      <source>Limb muscle, Vermeiren, 80 y and over</source>
      <translation>Muskel der Gliedmaßen, Vermeiren, ab 80 J.</translation>
    </message>
    <message>
      <source>the oldest, DXA</source>
      <translation>Hochbetagte, DXA</translation>
    </message>
    <message>
      <source>Slow start (back-extrapolated volume {1} L): blow out hard at once, without hesitating.</source>
      <translation>Langsamer Beginn (rückextrapoliertes Volumen {1} L): sofort kräftig ausatmen, ohne zu zögern.</translation>
    </message>
    <message>
      <source>Stopped early ({1} L still coming in the last second): keep going until nothing more comes.</source>
      <translation>Zu früh aufgehört ({1} L kamen noch in der letzten Sekunde): weiterblasen, bis nichts mehr kommt.</translation>
    </message>
    <message>
      <source>The curve is too short to judge: repeat the manoeuvre.</source>
      <translation>Die Kurve ist zum Beurteilen zu kurz: das Manöver wiederholen.</translation>
    </message>
    <message>
      <source>The two largest agree within {1} mL. The largest, {2} L, is used.</source>
      <translation>Die zwei größten stimmen innerhalb {1} mL überein. Der größte, {2} L, wird verwendet.</translation>
    </message>
    <message>
      <source>Eight efforts without agreement: stop here, the largest is used and flagged.</source>
      <translation>Acht Versuche ohne Übereinstimmung: hier aufhören, der größte wird mit Vermerk verwendet.</translation>
    </message>
    <message>
      <source>{1} acceptable so far; at least three are needed.</source>
      <translation>{1} annehmbare bisher; mindestens drei werden gebraucht.</translation>
    </message>
    <message>
      <source>The two largest differ by {1} mL, more than 150: one more.</source>
      <translation>Die zwei größten unterscheiden sich um {1} mL, mehr als 150: noch einer.</translation>
    </message>
    <message>
      <source>gut content</source>
      <translation>Darminhalt</translation>
    </message>
    <message>
      <source>gut gas</source>
      <translation>Darmgas</translation>
    </message>
    <message>
      <source>residual volume</source>
      <translation>Residualvolumen</translation>
    </message>
    <message>
      <source>thoracic gas</source>
      <translation>Thorakales Gas</translation>
    </message>
    <message>
      <source>resistance</source>
      <translation>Resistanz</translation>
    </message>
    <message>
      <source>reactance</source>
      <translation>Reaktanz</translation>
    </message>
    <message>
      <source>body water from the spectrum</source>
      <translation>Körperwasser aus dem Spektrum</translation>
    </message>
    <message>
      <source>dry mass</source>
      <translation>Masse an Land</translation>
    </message>
    <message>
      <source>underwater reading</source>
      <translation>Wert unter Wasser</translation>
    </message>
    <message>
      <source>between trials</source>
      <translation>zwischen Versuchen</translation>
    </message>
    <message>
      <source>water temperature</source>
      <translation>Wassertemperatur</translation>
    </message>
    <message>
      <source>volume trials</source>
      <translation>Volumenversuche</translation>
    </message>
    <message>
      <source>calibration of the chamber</source>
      <translation>Kalibrierung der Kammer</translation>
    </message>
    <message>
      <source>body surface area</source>
      <translation>Körperoberfläche</translation>
    </message>
    <message>
      <source>resistance reading</source>
      <translation>Resistanzwert</translation>
    </message>
    <message>
      <source>reactance reading</source>
      <translation>Reaktanzwert</translation>
    </message>
    <message>
      <source>the equation for one person</source>
      <translation>Gleichung bei einer einzelnen Person</translation>
    </message>
    <message>
      <source>conversion of the electrodes</source>
      <translation>Umrechnung der Elektroden</translation>
    </message>
    <message>
      <source>fat of the scan</source>
      <translation>Fett des Scans</translation>
    </message>
    <message>
      <source>lean of the scan</source>
      <translation>Magermasse des Scans</translation>
    </message>
    <message>
      <source>mass of the scan</source>
      <translation>Masse des Scans</translation>
    </message>
    <message>
      <source>bone mineral of the scan</source>
      <translation>Knochenmineral des Scans</translation>
    </message>
    <message>
      <source>the densitometer for this person</source>
      <translation>DXA-Scanner bei dieser Person</translation>
    </message>
    <message>
      <source>fat-free density of this person</source>
      <translation>Dichte der fettfreien Masse dieser Person</translation>
    </message>
    <message>
      <source>what the model assumes of this person</source>
      <translation>was das Modell von dieser Person annimmt</translation>
    </message>
    <message>
      <source>body water by dilution</source>
      <translation>Körperwasser durch Verdünnung</translation>
    </message>
    <message>
      <source>predicted lung volume for this person</source>
      <translation>vorhergesagtes Lungenvolumen dieser Person</translation>
    </message>
    <message>
      <source>lung volume of this day</source>
      <translation>Lungenvolumen dieses Tages</translation>
    </message>
    <message>
      <source>body water of this day</source>
      <translation>Körperwasser dieses Tages</translation>
    </message>
    <message>
      <source>gut content of this day</source>
      <translation>Darminhalt dieses Tages</translation>
    </message>
    <message>
      <source>resistance of this day</source>
      <translation>Resistanz dieses Tages</translation>
    </message>
    <message>
      <source>reactance of this day</source>
      <translation>Reaktanz dieses Tages</translation>
    </message>
    <message>
      <source>spectrum of this day</source>
      <translation>Spektrum dieses Tages</translation>
    </message>
    <message>
      <source>readings of the tape</source>
      <translation>Ablesungen am Maßband</translation>
    </message>
    <message>
      <source>readings of the hip</source>
      <translation>Ablesungen der Hüfte</translation>
    </message>
    <message>
      <source>the tape</source>
      <translation>das Maßband</translation>
    </message>
    <message>
      <source>landmark and breath of this day</source>
      <translation>Messpunkt und Atmung dieses Tages</translation>
    </message>
    <message>
      <source>landmark of the hip of this day</source>
      <translation>Messpunkt der Hüfte an diesem Tag</translation>
    </message>
    <message>
      <source>{1} of {2} readings.</source>
      <translation>{1} von {2} Messwerten.</translation>
    </message>
    <message>
      <source>The mean is {1} off, more than {2}.</source>
      <translation>Der Mittelwert weicht um {1} ab, Grenze {2}.</translation>
    </message>
    <message>
      <source>The readings scatter by {1}, more than {2}.</source>
      <translation>Die Messwerte streuen um {1}, Grenze {2}.</translation>
    </message>
    <message>
      <source>One reading is {1}, more than {2} off.</source>
      <translation>Ein Messwert ist {1}, er weicht mehr als {2} ab.</translation>
    </message>
    <message>
      <source>Passed: error {1}, limit {2}.</source>
      <translation>Bestanden: Abweichung {1}, Grenze {2}.</translation>
    </message>
    <message>
      <source>Passed: error {1}.</source>
      <translation>Bestanden: Fehler {1}.</translation>
    </message>
    <message>
      <source>one beyond 2 SD (warning)</source>
      <translation>einer jenseits 2 SD (Warnung)</translation>
    </message>
    <message>
      <source>one beyond 3 SD</source>
      <translation>einer jenseits 3 SD</translation>
    </message>
    <message>
      <source>two in a row beyond the same 2 SD</source>
      <translation>zwei nacheinander jenseits derselben 2 SD</translation>
    </message>
    <message>
      <source>4 SD apart within one run</source>
      <translation>4 SD Abstand in einer Reihe</translation>
    </message>
    <message>
      <source>four in a row beyond the same 1 SD</source>
      <translation>vier nacheinander jenseits derselben 1 SD</translation>
    </message>
    <message>
      <source>ten in a row on one side</source>
      <translation>zehn nacheinander auf einer Seite</translation>
    </message>
    <message>
      <source>CUSUM limit exceeded</source>
      <translation>CUSUM-Grenze überschritten</translation>
    </message>
    <message>
      <source>the weighted average has moved (EWMA)</source>
      <translation>der gewichtete Mittelwert hat sich verschoben (EWMA)</translation>
    </message>
    <message>
      <source>Chlorine is read in mg/L, 0 to 50.</source>
      <translation>Chlor wird in mg/L angegeben, 0 bis 50.</translation>
    </message>
    <message>
      <source>The pH of a tank is 4 to 10.</source>
      <translation>Der pH-Wert eines Beckens ist 4 bis 10.</translation>
    </message>
    <message>
      <source>The temperature of the water is read in °C, 5 to 60.</source>
      <translation>Die Wassertemperatur wird in °C angegeben, 5 bis 60.</translation>
    </message>
    <message>
      <source>Nobody in the water. Free chlorine {1} mg/L, limit {2}. Wait or replace part of the water, then test again.</source>
      <translation>Niemand ins Wasser. Freies Chlor {1} mg/L, Grenze {2}. Warten oder einen Teil des Wassers ersetzen, dann erneut messen.</translation>
    </message>
    <message>
      <source>Free chlorine {1} mg/L (limit {2}). Add none. Read again in an hour.</source>
      <translation>Freies Chlor {1} mg/L (Grenze {2}). Nichts zugeben. In einer Stunde erneut messen.</translation>
    </message>
    <message>
      <source>Nobody in the water. Free chlorine {1} mg/L, at least {2} is needed. Add {3} mL of the {4} % solution, stir, then test again.</source>
      <translation>Niemand ins Wasser. Freies Chlor {1} mg/L, mindestens {2} ist nötig. {3} mL der {4}-%-Lösung zugeben, rühren, dann erneut messen.</translation>
    </message>
    <message>
      <source>Combined chlorine {1} mg/L (limit {2}). Finish this client only if free chlorine and pH are in range; then change the water.</source>
      <translation>Gebundenes Chlor {1} mg/L (Grenze {2}). Diesen Klienten nur fertig messen, wenn freies Chlor und pH im Bereich sind; dann das Wasser wechseln.</translation>
    </message>
    <message>
      <source>pH {1}: below {2}, hard on eyes and metal. Raise it as the maker of the product says, and read again.</source>
      <translation>pH {1}: unter {2}, greift Augen und Metall an. Nach Angabe des Herstellers anheben und erneut messen.</translation>
    </message>
    <message>
      <source>Never mix acid and chlorine: toxic gas. pH {1} is above {2}: only {3} % of the free chlorine is active. Lower the pH as the product label says, then test again.</source>
      <translation>Säure und Chlor niemals mischen: giftiges Gas. pH {1} liegt über {2}: nur {3} % des freien Chlors wirken. Den pH nach Produktangabe senken, dann erneut messen.</translation>
    </message>
    <message>
      <source>Nobody in the water. Water {1} °C (limit {2} °C).</source>
      <translation>Niemand ins Wasser. Wasser {1} °C (Grenze {2} °C).</translation>
    </message>
    <message>
      <source>Water {1} °C: outside the comfort range, {2}–{3} °C.</source>
      <translation>Wasser {1} °C: außerhalb des Wohlfühlbereichs, {2}–{3} °C.</translation>
    </message>
    <message>
      <source>Water above {1} °C is never used with a person.</source>
      <translation>Wasser über {1} °C wird nie mit einer Person benutzt.</translation>
    </message>
    <message>
      <source>Plan for 33 to 36 °C.</source>
      <translation>33 bis 36 °C planen.</translation>
    </message>
    <message>
      <source>With hot water alone the tank reaches {1} °C only.</source>
      <translation>Mit dem warmen Zulauf allein erreicht das Becken nur {1} °C.</translation>
    </message>
    <message>
      <source>Heat the supply, or start the tank's heater and allow for its hours.</source>
      <translation>Den Zulauf erwärmen oder die Beckenheizung starten und ihre Stunden einplanen.</translation>
    </message>
    <message>
      <source>The tank cannot be filled this cool: the cold supply gives {1} °C.</source>
      <translation>So kühl lässt sich das Becken nicht füllen: der kalte Zulauf hat {1} °C.</translation>
    </message>
    <message>
      <source>Fill later, or add ice.</source>
      <translation>Später füllen oder Eis zugeben.</translation>
    </message>
    <message>
      <source>client</source>
      <translation>Klient</translation>
    </message>
    <message>
      <source>test</source>
      <translation>Test</translation>
    </message>
    <message>
      <source>begun</source>
      <translation>begonnen</translation>
    </message>
    <message>
      <source>state</source>
      <translation>Stand</translation>
    </message>
    <message>
      <source>Open tests</source>
      <translation>Offene Tests</translation>
    </message>
    <message>
      <source>Run sheet</source>
      <translation>Ablauf</translation>
    </message>
    <message>
      <source>Result so far</source>
      <translation>Ergebnis bisher</translation>
    </message>
    <message>
      <source>Space</source>
      <translation>Leertaste</translation>
    </message>
    <message>
      <source>Bench</source>
      <translation>Messplatz</translation>
    </message>
    <message>
      <source>Bench  ›  %1  ›  %2</source>
      <translation>Messplatz  ›  %1  ›  %2</translation>
    </message>
    <message>
      <source>handed over, to be signed</source>
      <translation>übergeben, zu unterschreiben</translation>
    </message>
    <message>
      <source>not finished</source>
      <translation>nicht beendet</translation>
    </message>
    <message>
      <source>No test is running.

Choose an appointment in Day (Alt+D) or a client in Clients (Alt+C) and start one there.</source>
      <translation>Kein Test läuft.

Einen Termin unter Tag (Alt+D) oder einen Klienten unter Klienten (Alt+C) wählen und dort starten.</translation>
    </message>
    <message>
      <source>No test is on the bench. These tests are open. Enter resumes one.</source>
      <translation>Kein Test am Messplatz. Diese Tests sind offen. Enter nimmt einen wieder auf.</translation>
    </message>
    <message>
      <source>%1 not as asked</source>
      <translation>%1 nicht wie verlangt</translation>
    </message>
    <message>
      <source>clear</source>
      <translation>unauffällig</translation>
    </message>
    <message>
      <source>Ended without a result: %1</source>
      <translation>Ohne Ergebnis beendet: %1</translation>
    </message>
    <message>
      <source>   [Ctrl+Enter]</source>
      <translation>   [Strg+Enter]</translation>
    </message>
    <message>
      <source>   [Space]</source>
      <translation>   [Leertaste]</translation>
    </message>
    <message>
      <source>F11: back to the desk</source>
      <translation>F11: zurück an den Tisch</translation>
    </message>
    <message>
      <source>Space: %1</source>
      <translation>Leertaste: %1</translation>
    </message>
    <message>
      <source>Add a note</source>
      <translation>Bemerkung hinzufügen</translation>
    </message>
    <message>
      <source>The note is kept with the raw record.</source>
      <translation>Die Bemerkung wird mit den Rohdaten gespeichert.</translation>
    </message>
    <message>
      <source>End without a result</source>
      <translation>Ohne Ergebnis beenden</translation>
    </message>
    <message>
      <source>Why does the test end here (rebooked, refused, unwell …)?</source>
      <translation>Warum endet der Test hier (neu gebucht, abgelehnt, unwohl …)?</translation>
    </message>
    <message>
      <source>Override a failed check</source>
      <translation>Nicht bestandene Prüfung übergehen</translation>
    </message>
    <message>
      <source>The physiologist decides and says why.</source>
      <translation>Die Physiologin oder der Physiologe entscheidet und begründet es.</translation>
    </message>
    <message>
      <source>No test is open.</source>
      <translation>Kein Test ist offen.</translation>
    </message>
    <message>
      <source>Do what the button at the foot says</source>
      <translation>Tun, was der Knopf unten sagt</translation>
    </message>
    <message>
      <source>Add a note…</source>
      <translation>Bemerkung hinzufügen…</translation>
    </message>
    <message>
      <source>End without a result…</source>
      <translation>Ohne Ergebnis beenden…</translation>
    </message>
    <message>
      <source>Override a failed check…</source>
      <translation>Nicht bestandene Prüfung übergehen…</translation>
    </message>
    <message>
      <source>This step is no check.</source>
      <translation>Dieser Schritt ist keine Prüfung.</translation>
    </message>
    <message>
      <source>One step back</source>
      <translation>Einen Schritt zurück</translation>
    </message>
    <message>
      <source>Stand back, or return to the desk</source>
      <translation>Zurücktreten oder an den Tisch zurückkehren</translation>
    </message>
    <message>
      <source>Answer a question</source>
      <translation>Frage beantworten</translation>
    </message>
    <message>
      <source>1 to 9</source>
      <translation>1 bis 9</translation>
    </message>
    <message>
      <source>Repeat</source>
      <translation>Wiederholen</translation>
    </message>
    <message>
      <source>R</source>
      <translation>R</translation>
    </message>
    <message>
      <source>Exclude the chosen trial</source>
      <translation>Gewählten Versuch ausschließen</translation>
    </message>
    <message>
      <source>X</source>
      <translation>X</translation>
    </message>
    <message>
      <source>N</source>
      <translation>N</translation>
    </message>
    <message>
      <source>Esc</source>
      <translation>Esc</translation>
    </message>
    <message>
      <source>The time, and how long the test has been open</source>
      <translation>Die Uhrzeit, und wie lange der Test schon offen ist</translation>
    </message>
    <message>
      <source>Note… (N)</source>
      <translation>Bemerkung… (N)</translation>
    </message>
    <message>
      <source>End test…</source>
      <translation>Test beenden…</translation>
    </message>
    <message>
      <source>Stand back (F11)</source>
      <translation>Zurücktreten (F11)</translation>
    </message>
    <message>
      <source>minor, guardian's consent on file</source>
      <translation>minderjährig, Einwilligung der Sorgeberechtigten liegt vor</translation>
    </message>
    <message>
      <source>▲ minor, no guardian's consent on file</source>
      <translation>▲ minderjährig, Einwilligung der Sorgeberechtigten fehlt</translation>
    </message>
    <message>
      <source>to ask: what was noted (%1)</source>
      <translation>zu fragen: was notiert wurde (%1)</translation>
    </message>
    <message>
      <source>%1 y</source>
      <translation>%1 J.</translation>
    </message>
    <message>
      <source>last: %1, %2 % fat (%3, %4)</source>
      <translation>zuletzt: %1, %2 % Fett (%3, %4)</translation>
    </message>
    <message>
      <source>first test here</source>
      <translation>erster Test hier</translation>
    </message>
    <message>
      <source>%1  ·  %2 min</source>
      <translation>%1  ·  %2 min</translation>
    </message>
    <message>
      <source>Body fat on its scale</source>
      <translation>Körperfett auf seiner Skala</translation>
    </message>
    <message>
      <source>Where the interval comes from</source>
      <translation>Woher das Intervall kommt</translation>
    </message>
    <message>
      <source>quantity</source>
      <translation>Größe</translation>
    </message>
    <message>
      <source>value</source>
      <translation>Wert</translation>
    </message>
    <message>
      <source>Worked sheet</source>
      <translation>Rechenblatt</translation>
    </message>
    <message>
      <source>No result yet: readings are missing.</source>
      <translation>Noch kein Ergebnis: Messwerte fehlen.</translation>
    </message>
    <message>
      <source>%1 % fat</source>
      <translation>%1 % Fett</translation>
    </message>
    <message>
      <source>95 % CI %1 to %2 %</source>
      <translation>95-%-KI %1 bis %2 %</translation>
    </message>
    <message>
      <source>Body fat</source>
      <translation>Körperfett</translation>
    </message>
    <message>
      <source>Reference masses, as marked</source>
      <translation>Prüfmassen, wie beschriftet</translation>
    </message>
    <message>
      <source>kg</source>
      <translation>kg</translation>
    </message>
    <message>
      <source>Shown with the reference masses</source>
      <translation>Anzeige mit den Prüfmassen</translation>
    </message>
    <message>
      <source>Accept %1 kg</source>
      <translation>%1 kg übernehmen</translation>
    </message>
    <message>
      <source>Accept the reading</source>
      <translation>Wert übernehmen</translation>
    </message>
    <message>
      <source>Error %1 kg (limit %2). Repeat the check, or ask the physiologist to override (Ctrl+G).</source>
      <translation>Abweichung %1 kg (Grenze %2). Prüfung wiederholen, oder die Physiologie übergeht sie (Strg+G).</translation>
    </message>
    <message>
      <source>Stations of the calibration</source>
      <translation>Stationen der Kalibrierung</translation>
    </message>
    <message>
      <source>Pressures of the chamber</source>
      <translation>Drücke der Kammer</translation>
    </message>
    <message>
      <source>Cylinder, as certified</source>
      <translation>Zylinder, laut Zertifikat</translation>
    </message>
    <message>
      <source>L</source>
      <translation>L</translation>
    </message>
    <message>
      <source>Cylinder, as this chamber reads it</source>
      <translation>Zylinder, wie diese Kammer ihn misst</translation>
    </message>
    <message>
      <source>L (a chamber that calibrates itself)</source>
      <translation>L (eine Kammer, die sich selbst kalibriert)</translation>
    </message>
    <message>
      <source>Empty chamber</source>
      <translation>Leere Kammer</translation>
    </message>
    <message>
      <source>With the cylinder</source>
      <translation>Mit dem Zylinder</translation>
    </message>
    <message>
      <source>Verdict</source>
      <translation>Urteil</translation>
    </message>
    <message>
      <source>%1 L</source>
      <translation>%1 L</translation>
    </message>
    <message>
      <source>%1 of %2 s</source>
      <translation>%1 von %2 s</translation>
    </message>
    <message>
      <source>Calibrated at %1: ratio %2 empty, %3 with the cylinder of %4 L.</source>
      <translation>Kalibriert um %1: Verhältnis %2 leer, %3 mit dem Zylinder von %4 L.</translation>
    </message>
    <message>
      <source>At %1 the chamber read %2 L for %3 L.</source>
      <translation>Um %1 maß die Kammer %2 L statt %3 L.</translation>
    </message>
    <message>
      <source>Empty chamber recorded. Now the cylinder: open, put it in, close.</source>
      <translation>Leere Kammer aufgezeichnet. Jetzt der Zylinder: öffnen, hineinstellen, schließen.</translation>
    </message>
    <message>
      <source>Save the calibration</source>
      <translation>Kalibrierung speichern</translation>
    </message>
    <message>
      <source>Recording…</source>
      <translation>Aufzeichnung läuft…</translation>
    </message>
    <message>
      <source>Accept calibration</source>
      <translation>Kalibrierung übernehmen</translation>
    </message>
    <message>
      <source>Record the empty chamber</source>
      <translation>Leere Kammer aufzeichnen</translation>
    </message>
    <message>
      <source>Record with the cylinder</source>
      <translation>Mit Zylinder aufzeichnen</translation>
    </message>
    <message>
      <source>A number is missing: the certified volume or what the chamber read.</source>
      <translation>Eine Zahl fehlt: das zertifizierte Volumen oder der Wert der Kammer.</translation>
    </message>
    <message>
      <source>Type litres with a point or a comma.</source>
      <translation>Liter mit Punkt oder Komma tippen.</translation>
    </message>
    <message>
      <source>Recording the empty chamber: nobody leans on it.</source>
      <translation>Die leere Kammer wird aufgezeichnet: niemand lehnt sich an.</translation>
    </message>
    <message>
      <source>Recording the cylinder: nobody leans on the chamber.</source>
      <translation>Der Zylinder wird aufgezeichnet: niemand lehnt sich an die Kammer.</translation>
    </message>
    <message>
      <source>Cylinder recorded.</source>
      <translation>Zylinder aufgezeichnet.</translation>
    </message>
    <message>
      <source>Put the cylinder in, close the door, then record again.</source>
      <translation>Zylinder hineinstellen, Tür schließen, dann erneut aufzeichnen.</translation>
    </message>
    <message>
      <source>Cylinder error %1 L (limit %2). Repeat the calibration.</source>
      <translation>Abweichung des Zylinders %1 L (Grenze %2). Kalibrierung wiederholen.</translation>
    </message>
    <message>
      <source>Mass</source>
      <translation>Masse</translation>
    </message>
    <message>
      <source>On for at least half an hour; the chamber's own manual comes first.</source>
      <translation>Seit mindestens einer halben Stunde an; das Handbuch des Geräts geht vor.</translation>
    </message>
    <message>
      <source>Room 21 to 27 °C and steady; doors and windows shut, ventilation quiet.</source>
      <translation>Raum 21 bis 27 °C und gleichmäßig; Türen und Fenster zu, Lüftung ruhig.</translation>
    </message>
    <message>
      <source>Chamber empty, door shut, nothing leaning on it.</source>
      <translation>Kammer leer, Tür zu, nichts lehnt daran.</translation>
    </message>
    <message>
      <source>Cap, towel and nose clip at hand.</source>
      <translation>Kappe, Handtuch und Nasenklammer bereit.</translation>
    </message>
    <message>
      <source>Warm and steady</source>
      <translation>Warm und gleichmäßig</translation>
    </message>
    <message>
      <source>Show how the door opens and agree a stop signal.</source>
      <translation>Zeigen, wie die Tür aufgeht, und ein Zeichen zum Aufhören vereinbaren.</translation>
    </message>
    <message>
      <source>How a client gets out: %1</source>
      <translation>Wie ein Klient herauskommt: %1</translation>
    </message>
    <message>
      <source>Wipe seat and handles; wash the cap.</source>
      <translation>Sitz und Griffe abwischen; Kappe waschen.</translation>
    </message>
    <message>
      <source>Throw the filter of the tube away.</source>
      <translation>Filter des Schlauchs wegwerfen.</translation>
    </message>
    <message>
      <source>Leave the door ajar so that the chamber dries.</source>
      <translation>Tür angelehnt lassen, damit die Kammer trocknet.</translation>
    </message>
    <message>
      <source>Finish</source>
      <translation>Abschließen</translation>
    </message>
    <message>
      <source>trial %1</source>
      <translation>Versuch %1</translation>
    </message>
    <message>
      <source>%1 kg</source>
      <translation>%1 kg</translation>
    </message>
    <message>
      <source>Air pressure</source>
      <translation>Luftdruck</translation>
    </message>
    <message>
      <source>mmHg</source>
      <translation>mmHg</translation>
    </message>
    <message>
      <source>Or: thoracic gas measured elsewhere</source>
      <translation>Oder: anderswo gemessenes thorakales Gas</translation>
    </message>
    <message>
      <source>L BTPS</source>
      <translation>L BTPS</translation>
    </message>
    <message>
      <source>by which method</source>
      <translation>nach welcher Methode</translation>
    </message>
    <message>
      <source>Method of the thoracic gas</source>
      <translation>Methode des thorakalen Gases</translation>
    </message>
    <message>
      <source>Save thoracic gas volume</source>
      <translation>Thorakales Gasvolumen speichern</translation>
    </message>
    <message>
      <source>Use the prediction</source>
      <translation>Mit der Schätzung fortsetzen</translation>
    </message>
    <message>
      <source>Measured: %1 L (%2).</source>
      <translation>Gemessen: %1 L (%2).</translation>
    </message>
    <message>
      <source>Predicted from height and age: %1 L (SE %2). The SE is worth %3 %-points of fat.</source>
      <translation>Vorhergesagt aus Größe und Alter: %1 L (SE %2). Der SE entspricht %3 %-Punkten Fett.</translation>
    </message>
    <message>
      <source>Accept %1 L</source>
      <translation>%1 L übernehmen</translation>
    </message>
    <message>
      <source>Start the panting</source>
      <translation>Hecheln starten</translation>
    </message>
    <message>
      <source>Use the predicted volume.</source>
      <translation>Geschätztes Volumen verwenden.</translation>
    </message>
    <message>
      <source>"{1}" is not a number.</source>
      <translation>„{1}“ ist keine Zahl.</translation>
    </message>
    <message>
      <source>Why was it not measured? A predicted volume makes the interval wider.</source>
      <translation>Warum wurde nicht gemessen? Ein vorhergesagtes Volumen macht das Intervall breiter.</translation>
    </message>
    <message>
      <source>Three gentle puffs, cheeks held.</source>
      <translation>Drei sanfte Stöße, Wangen gehalten.</translation>
    </message>
    <message>
      <source>Volume over time</source>
      <translation>Volumen über der Zeit</translation>
    </message>
    <message>
      <source>Raw volume, typed</source>
      <translation>Rohvolumen, getippt</translation>
    </message>
    <message>
      <source>Volume trials</source>
      <translation>Volumenversuche</translation>
    </message>
    <message>
      <source>L, raw</source>
      <translation>L, roh</translation>
    </message>
    <message>
      <source>Accept typed volume</source>
      <translation>Getipptes Volumen übernehmen</translation>
    </message>
    <message>
      <source>Replay a trial…</source>
      <translation>Versuch abspielen…</translation>
    </message>
    <message>
      <source>Save trial…</source>
      <translation>Versuch speichern…</translation>
    </message>
    <message>
      <source>Recalibrate…</source>
      <translation>Neu kalibrieren…</translation>
    </message>
    <message>
      <source>Trial %1</source>
      <translation>Versuch %1</translation>
    </message>
    <message>
      <source>before recalibrating</source>
      <translation>vor der Neukalibrierung</translation>
    </message>
    <message>
      <source>ready to accept</source>
      <translation>bereit</translation>
    </message>
    <message>
      <source>two must agree within %1 L</source>
      <translation>zwei: Abstand höchstens %1 L</translation>
    </message>
    <message>
      <source>Recalibrate</source>
      <translation>Neu kalibrieren</translation>
    </message>
    <message>
      <source>Accept typed %1 L</source>
      <translation>Getippte %1 L übernehmen</translation>
    </message>
    <message>
      <source>Close the door, start</source>
      <translation>Tür schließen, starten</translation>
    </message>
    <message>
      <source>Accept trial: %1 L</source>
      <translation>Versuch übernehmen: %1 L</translation>
    </message>
    <message>
      <source>Repeat the trial</source>
      <translation>Versuch wiederholen</translation>
    </message>
    <message>
      <source>Recalibrate and start over</source>
      <translation>Neu kalibrieren und von vorn beginnen</translation>
    </message>
    <message>
      <source>Why? The trials so far stay on the record but do not count any more.</source>
      <translation>Warum? Die bisherigen Versuche bleiben im Protokoll, zählen aber nicht mehr.</translation>
    </message>
    <message>
      <source>Exclude trial %1</source>
      <translation>Versuch %1 ausschließen</translation>
    </message>
    <message>
      <source>Replay a trial</source>
      <translation>Versuch abspielen</translation>
    </message>
    <message>
      <source>Pressures (*.csv)</source>
      <translation>Drücke (*.csv)</translation>
    </message>
    <message>
      <source>The selected trial has no recorded pressures.</source>
      <translation>Der gewählte Versuch hat keine aufgezeichneten Drücke.</translation>
    </message>
    <message>
      <source>Select a trial that came from the chamber.</source>
      <translation>Einen Versuch wählen, der von der Kammer kam.</translation>
    </message>
    <message>
      <source>Save the trial</source>
      <translation>Versuch speichern</translation>
    </message>
    <message>
      <source>volume-%1.csv</source>
      <translation>volumen-%1.csv</translation>
    </message>
    <message>
      <source>Chamber disconnected. Data so far is kept. Reconnect, then press R.</source>
      <translation>Kammer getrennt. Die bisherigen Daten sind gespeichert. Wieder verbinden, dann R drücken.</translation>
    </message>
    <message>
      <source>✓ three agree</source>
      <translation>✓ drei stimmen überein</translation>
    </message>
    <message>
      <source>▲ median, flagged</source>
      <translation>▲ Median, mit Hinweis</translation>
    </message>
    <message>
      <source>%1 of %2</source>
      <translation>%1 von %2</translation>
    </message>
    <message>
      <source>differ by %1 cm: one more</source>
      <translation>%1 cm auseinander: noch eine</translation>
    </message>
    <message>
      <source>site</source>
      <translation>Stelle</translation>
    </message>
    <message>
      <source>readings, cm</source>
      <translation>Ablesungen, cm</translation>
    </message>
    <message>
      <source>value, cm</source>
      <translation>Wert, cm</translation>
    </message>
    <message>
      <source>Sites</source>
      <translation>Messstellen</translation>
    </message>
    <message>
      <source>Readings of this site</source>
      <translation>Ablesungen dieser Stelle</translation>
    </message>
    <message>
      <source>cm</source>
      <translation>cm</translation>
    </message>
    <message>
      <source>Reading, typed</source>
      <translation>Ablesung, getippt</translation>
    </message>
    <message>
      <source>Use these readings…</source>
      <translation>Diese Ablesungen verwenden…</translation>
    </message>
    <message>
      <source>three within %1 cm</source>
      <translation>drei auf %1 cm</translation>
    </message>
    <message>
      <source>Accept %1: %2</source>
      <translation>%1 übernehmen: %2</translation>
    </message>
    <message>
      <source>Lay the tape: %1</source>
      <translation>Maßband anlegen: %1</translation>
    </message>
    <message>
      <source>Exclude reading %1</source>
      <translation>Ablesung %1 ausschließen</translation>
    </message>
    <message>
      <source>Use these readings</source>
      <translation>Diese Ablesungen verwenden</translation>
    </message>
    <message>
      <source>Why are they good enough? Sites without a value are left out.</source>
      <translation>Warum reichen sie aus? Stellen ohne Wert entfallen.</translation>
    </message>
    <message>
      <source>Every site has its value.</source>
      <translation>Jede Stelle hat ihren Wert.</translation>
    </message>
    <message>
      <source>Take the tape off and lay it anew: a reading is taken once.</source>
      <translation>Das Band abnehmen und neu anlegen: Jede Ablesung zählt einmal.</translation>
    </message>
    <message>
      <source>Marked</source>
      <translation>Markiert</translation>
    </message>
    <message>
      <source>Tape wiped; marks on the skin taken off.</source>
      <translation>Maßband abgewischt; Markierungen von der Haut entfernt.</translation>
    </message>
    <message>
      <source>Tape rolled up without a fold.</source>
      <translation>Maßband ohne Knick aufgerollt.</translation>
    </message>
    <message>
      <source>%1 cm</source>
      <translation>%1 cm</translation>
    </message>
    <message>
      <source>Length of the rule, as marked</source>
      <translation>Länge des Maßstabs, laut Aufschrift</translation>
    </message>
    <message>
      <source>What the tape shows</source>
      <translation>Was das Maßband zeigt</translation>
    </message>
    <message>
      <source>Save the check</source>
      <translation>Prüfung speichern</translation>
    </message>
    <message>
      <source>Error %1 cm (limit %2). Take another tape, or ask the physiologist to override (Ctrl+G).</source>
      <translation>Abweichung %1 cm (Grenze %2). Ein anderes Maßband nehmen oder die Physiologin oder den Physiologen um eine Ausnahme bitten (Strg+G).</translation>
    </message>
    <message>
      <source>Skin of the limbs</source>
      <translation>Haut der Gliedmaßen</translation>
    </message>
    <message>
      <source>°C</source>
      <translation>°C</translation>
    </message>
    <message>
      <source>How it is connected</source>
      <translation>Verbindung</translation>
    </message>
    <message>
      <source>%1 electrodes</source>
      <translation>%1 Elektroden</translation>
    </message>
    <message>
      <source>right side</source>
      <translation>rechte Seite</translation>
    </message>
    <message>
      <source>left side</source>
      <translation>linke Seite</translation>
    </message>
    <message>
      <source>no part is missing</source>
      <translation>kein Körperteil fehlt</translation>
    </message>
    <message>
      <source>left</source>
      <translation>links</translation>
    </message>
    <message>
      <source>right</source>
      <translation>rechts</translation>
    </message>
    <message>
      <source>missing: %1 %2</source>
      <translation>fehlt: %1 %2</translation>
    </message>
    <message>
      <source>firmware of the analyzer</source>
      <translation>Firmware des Analysators</translation>
    </message>
    <message>
      <source>Electrodes</source>
      <translation>Elektroden</translation>
    </message>
    <message>
      <source>Number of electrodes</source>
      <translation>Zahl der Elektroden</translation>
    </message>
    <message>
      <source>Measured side</source>
      <translation>Gemessene Seite</translation>
    </message>
    <message>
      <source>Missing part</source>
      <translation>Fehlender Körperteil</translation>
    </message>
    <message>
      <source>Firmware</source>
      <translation>Firmware</translation>
    </message>
    <message>
      <source>Lengths by tape, where they were taken; others follow from the height.</source>
      <translation>Längen mit dem Maßband, wo sie genommen wurden; andere ergeben sich aus der Größe.</translation>
    </message>
    <message>
      <source>Save the set-up</source>
      <translation>Einrichtung speichern</translation>
    </message>
    <message>
      <source>Go back</source>
      <translation>Zurück</translation>
    </message>
    <message>
      <source>Module, as marked</source>
      <translation>Modul, wie beschriftet</translation>
    </message>
    <message>
      <source>Ω</source>
      <translation>Ω</translation>
    </message>
    <message>
      <source>Read by the analyzer</source>
      <translation>Vom Analysator gelesen</translation>
    </message>
    <message>
      <source>Accept typed %1 Ω</source>
      <translation>Getippte %1 Ω übernehmen</translation>
    </message>
    <message>
      <source>Reading…</source>
      <translation>Messung läuft…</translation>
    </message>
    <message>
      <source>Accept %1 Ω</source>
      <translation>%1 Ω übernehmen</translation>
    </message>
    <message>
      <source>Read the module</source>
      <translation>Modul messen</translation>
    </message>
    <message>
      <source>Reading the module…</source>
      <translation>Das Modul wird gemessen…</translation>
    </message>
    <message>
      <source>Module error %1 %, within the limit of ± %2 %.</source>
      <translation>Abweichung des Moduls %1 %, innerhalb der Grenze von ± %2 %.</translation>
    </message>
    <message>
      <source>Done. </source>
      <translation>Fertig. </translation>
    </message>
    <message>
      <source> Module out of limits. Check leads and warm-up, read again. A physiologist can override (Ctrl+G).</source>
      <translation> Modul außerhalb der Grenzen. Kabel und Aufwärmzeit prüfen, erneut messen. Die Physiologin oder der Physiologe kann übergehen (Strg+G).</translation>
    </message>
    <message>
      <source>Height</source>
      <translation>Größe</translation>
    </message>
    <message>
      <source>client code, typed or scanned</source>
      <translation>Klientencode, getippt oder gescannt</translation>
    </message>
    <message>
      <source>Client code</source>
      <translation>Klientencode</translation>
    </message>
    <message>
      <source>%1, %2 y</source>
      <translation>%1, %2 J.</translation>
    </message>
    <message>
      <source>%1: %2 kg%3</source>
      <translation>%1: %2 kg%3</translation>
    </message>
    <message>
      <source>, whole body %1 Ω</source>
      <translation>, Ganzkörper %1 Ω</translation>
    </message>
    <message>
      <source>No earlier impedance test of this client.</source>
      <translation>Kein früherer Impedanztest dieses Klienten.</translation>
    </message>
    <message>
      <source>Is it this client?</source>
      <translation>Ist es dieser Klient?</translation>
    </message>
    <message>
      <source>
Why is it correct? Otherwise go back and correct it.</source>
      <translation>
Warum ist der Wert richtig? Sonst zurückgehen und berichtigen.</translation>
    </message>
    <message>
      <source>Done: %1, %2 cm.</source>
      <translation>Fertig: %1, %2 cm.</translation>
    </message>
    <message>
      <source>It is this person</source>
      <translation>Es ist diese Person</translation>
    </message>
    <message>
      <source>On for 10 to 15 minutes; the manual of the analyzer comes first.</source>
      <translation>Seit 10 bis 15 Minuten an; das Handbuch des Analysators geht vor.</translation>
    </message>
    <message>
      <source>Room 22 to 26 °C; the client has had time to adjust to it.</source>
      <translation>Raum 22 bis 26 °C; die Person hatte Zeit, sich zu gewöhnen.</translation>
    </message>
    <message>
      <source>Cables apart from each other and from the mains.</source>
      <translation>Kabel voneinander und vom Netz getrennt.</translation>
    </message>
    <message>
      <source>Warm and ready</source>
      <translation>Warm und bereit</translation>
    </message>
    <message>
      <source>Electrodes and plates cleaned since the last client.</source>
      <translation>Elektroden und Platten seit der letzten Person gereinigt.</translation>
    </message>
    <message>
      <source>Socks and large metal off; skin wiped, no lotion; dry or callused skin moistened.</source>
      <translation>Socken und großes Metall abgelegt; Haut abgewischt, keine Lotion; trockene oder verhornte Haut angefeuchtet.</translation>
    </message>
    <message>
      <source>Gel electrodes: sensing ones on the line of wrist and ankle, at least 5 cm from the others.</source>
      <translation>Gel-Elektroden: Messelektroden auf der Linie von Hand- und Fußgelenk, mindestens 5 cm von den anderen.</translation>
    </message>
    <message>
      <source>Contacts: heels and balls of the feet on their plates, thumbs and fingers on theirs.</source>
      <translation>Kontakte: Fersen und Ballen auf ihren Platten, Daumen und Finger auf ihren.</translation>
    </message>
    <message>
      <source>Electrodes are on</source>
      <translation>Elektroden sitzen</translation>
    </message>
    <message>
      <source>Arms about 30° from the trunk, thighs not touching: a dry towel between them if need be.</source>
      <translation>Arme etwa 30° vom Rumpf, Oberschenkel berühren sich nicht: notfalls ein trockenes Handtuch dazwischen.</translation>
    </message>
    <message>
      <source>Lying: flat for 5 to 10 minutes, every time the same. Standing: upright for 5 minutes.</source>
      <translation>Liegend: 5 bis 10 Minuten flach, jedes Mal gleich lang. Stehend: 5 Minuten aufrecht.</translation>
    </message>
    <message>
      <source>No talking, no deep breaths until the sweep is done.</source>
      <translation>Nicht sprechen, nicht tief atmen, bis die Messung fertig ist.</translation>
    </message>
    <message>
      <source>Posture is right</source>
      <translation>Haltung stimmt</translation>
    </message>
    <message>
      <source>Electrodes off, or plates wiped with what your local rules ask for.</source>
      <translation>Elektroden ab, oder Platten nach den örtlichen Regeln abgewischt.</translation>
    </message>
    <message>
      <source>Leads hung up, not wound round the analyzer.</source>
      <translation>Kabel aufgehängt, nicht um den Analysator gewickelt.</translation>
    </message>
    <message>
      <source>%1 Ω at 50 kHz</source>
      <translation>%1 Ω bei 50 kHz</translation>
    </message>
    <message>
      <source>Arc of the whole body</source>
      <translation>Ortskurve des ganzen Körpers</translation>
    </message>
    <message>
      <source>segment</source>
      <translation>Segment</translation>
    </message>
    <message>
      <source>|Z|, Ω</source>
      <translation>|Z|, Ω</translation>
    </message>
    <message>
      <source>phase, °</source>
      <translation>Phase, °</translation>
    </message>
    <message>
      <source>points</source>
      <translation>Punkte</translation>
    </message>
    <message>
      <source>Segments at 50 kHz</source>
      <translation>Segmente bei 50 kHz</translation>
    </message>
    <message>
      <source>R typed</source>
      <translation>R getippt</translation>
    </message>
    <message>
      <source>Xc typed</source>
      <translation>Xc getippt</translation>
    </message>
    <message>
      <source>Accept typed</source>
      <translation>Getippten Wert übernehmen</translation>
    </message>
    <message>
      <source>Import…</source>
      <translation>Importieren…</translation>
    </message>
    <message>
      <source>Reported values…</source>
      <translation>Angegebene Werte…</translation>
    </message>
    <message>
      <source>Override finding…</source>
      <translation>Befund übergehen…</translation>
    </message>
    <message>
      <source>How it is connected…</source>
      <translation>Verbindung einrichten…</translation>
    </message>
    <message>
      <source>Reading %1 of %2</source>
      <translation>Messung %1 von %2</translation>
    </message>
    <message>
      <source>The signal is clean.</source>
      <translation>Das Signal ist sauber.</translation>
    </message>
    <message>
      <source>✓ sweep %1, used</source>
      <translation>✓ Messung %1, verwendet</translation>
    </message>
    <message>
      <source>sweep %1</source>
      <translation>Messung %1</translation>
    </message>
    <message>
      <source>sweep %1 excluded: %2</source>
      <translation>Messung %1 ausgeschlossen: %2</translation>
    </message>
    <message>
      <source>%1 values as reported by the instrument</source>
      <translation>%1 Werte, wie vom Gerät angegeben</translation>
    </message>
    <message>
      <source>Start the sweep</source>
      <translation>Messung starten</translation>
    </message>
    <message>
      <source>Repeat the sweep</source>
      <translation>Messung wiederholen</translation>
    </message>
    <message>
      <source>Accept the sweep</source>
      <translation>Messung übernehmen</translation>
    </message>
    <message>
      <source>
Why is it correct?</source>
      <translation>
Warum ist der Wert richtig?</translation>
    </message>
    <message>
      <source>There is no sweep here that should be repeated.</source>
      <translation>Hier ist keine Messung, die wiederholt werden sollte.</translation>
    </message>
    <message>
      <source>Use this sweep anyway</source>
      <translation>Diese Messung trotzdem verwenden</translation>
    </message>
    <message>
      <source>
The physiologist decides and says why.</source>
      <translation>
Die Physiologin oder der Physiologe entscheidet und begründet es.</translation>
    </message>
    <message>
      <source>A typed reading needs resistance and reactance at 50 kHz.</source>
      <translation>Ein getippter Wert braucht Resistanz und Reaktanz bei 50 kHz.</translation>
    </message>
    <message>
      <source>Type ohms with a point or a comma; the reactance is positive.</source>
      <translation>Ohm mit Punkt oder Komma tippen; die Reaktanz ist positiv.</translation>
    </message>
    <message>
      <source>Import a sweep</source>
      <translation>Messung importieren</translation>
    </message>
    <message>
      <source>Tables (*.csv)</source>
      <translation>Tabellen (*.csv)</translation>
    </message>
    <message>
      <source>Values reported by the instrument</source>
      <translation>Vom Gerät angegebene Werte</translation>
    </message>
    <message>
      <source>One a line: name, value, unit. Known names: fat-percent, fat-free-mass, body-water, lean.right-arm … They are stored separately from what is computed here.</source>
      <translation>Einer je Zeile: Name, Wert, Einheit. Bekannte Namen: fat-percent, fat-free-mass, body-water, lean.right-arm … Sie werden getrennt von dem gespeichert, was hier berechnet wird.</translation>
    </message>
    <message>
      <source>Exclude sweep %1</source>
      <translation>Messung %1 ausschließen</translation>
    </message>
    <message>
      <source>Analyzer disconnected. Reconnect, then press R to repeat the sweep.</source>
      <translation>Analysator getrennt. Wieder verbinden, dann mit R die Messung wiederholen.</translation>
    </message>
    <message>
      <source>Keep still and silent.</source>
      <translation>Still halten und nicht sprechen.</translation>
    </message>
    <message>
      <source>Every reading falls with frequency, sides and sums agree. Accept it.</source>
      <translation>Jeder Wert fällt mit der Frequenz, Seiten und Summen passen. Übernehmen.</translation>
    </message>
    <message>
      <source>Done.</source>
      <translation>Fertig.</translation>
    </message>
    <message>
      <source>%1 taken</source>
      <translation>%1 gemessen</translation>
    </message>
    <message>
      <source>Phase angle; fat is not worked out with these electrodes.</source>
      <translation>Phasenwinkel; mit diesen Elektroden wird kein Fett berechnet.</translation>
    </message>
    <message>
      <source>Waist; a tape gives no fat.</source>
      <translation>Taille; ein Maßband ergibt kein Fett.</translation>
    </message>
    <message>
      <source>± %1 % (95 % CI)</source>
      <translation>± %1 % (95-%-KI)</translation>
    </message>
    <message>
      <source>client copy in words only</source>
      <translation>Klientenseite nur in Worten</translation>
    </message>
    <message>
      <source>Client copy</source>
      <translation>Klientenseite</translation>
    </message>
    <message>
      <source>Lab copy</source>
      <translation>Laborseite</translation>
    </message>
    <message>
      <source>Which copy</source>
      <translation>Welche Seite</translation>
    </message>
    <message>
      <source>Print…</source>
      <translation>Drucken…</translation>
    </message>
    <message>
      <source>Body composition report</source>
      <translation>Bericht zur Körperzusammensetzung</translation>
    </message>
    <message>
      <source>Save the report</source>
      <translation>Bericht speichern</translation>
    </message>
    <message>
      <source>PDF (*.pdf)</source>
      <translation>PDF (*.pdf)</translation>
    </message>
    <message>
      <source>Result seen</source>
      <translation>Ergebnis gesehen</translation>
    </message>
    <message>
      <source>Save as PDF…</source>
      <translation>Als PDF speichern…</translation>
    </message>
    <message>
      <source>Mass is out of range (%1–%2).</source>
      <translation>Die Masse liegt außerhalb des Bereichs (%1–%2).</translation>
    </message>
    <message>
      <source>This test has nothing to tick; write a sentence.</source>
      <translation>Für diesen Test gibt es nichts anzukreuzen; einen Satz schreiben.</translation>
    </message>
    <message>
      <source>Interpretation</source>
      <translation>Beurteilung</translation>
    </message>
    <message>
      <source>What the client should know today, in your own words</source>
      <translation>Was der Klient heute wissen soll, in eigenen Worten</translation>
    </message>
    <message>
      <source>For the client: tick what matters today (keys 1 to 3)</source>
      <translation>Für den Klienten: ankreuzen, was heute zählt (Tasten 1 bis 3)</translation>
    </message>
    <message>
      <source>All findings</source>
      <translation>Alle Befunde</translation>
    </message>
    <message>
      <source>Not a number of this test: %1. Check it before you save.</source>
      <translation>Keine Zahl dieses Tests: %1. Vor dem Speichern prüfen.</translation>
    </message>
    <message>
      <source>"%1": the test says otherwise. %2</source>
      <translation>„%1“: Der Test zeigt etwas anderes. %2</translation>
    </message>
    <message>
      <source>Save the interpretation</source>
      <translation>Beurteilung speichern</translation>
    </message>
    <message>
      <source>Why does it not count? It stays on the record and can be restored.</source>
      <translation>Warum zählt er nicht? Er bleibt im Protokoll und kann zurückgeholt werden.</translation>
    </message>
    <message>
      <source>Safety: %1</source>
      <translation>Sicherheit: %1</translation>
    </message>
    <message>
      <source>If not as asked: %1</source>
      <translation>Wenn nicht wie verlangt: %1</translation>
    </message>
    <message>
      <source>↑ higher</source>
      <translation>↑ höher</translation>
    </message>
    <message>
      <source>↓ lower</source>
      <translation>↓ niedriger</translation>
    </message>
    <message>
      <source>↕ either way</source>
      <translation>↕ in beide Richtungen</translation>
    </message>
    <message>
      <source>at least %1</source>
      <translation>mindestens %1</translation>
    </message>
    <message>
      <source>more than %1</source>
      <translation>mehr als %1</translation>
    </message>
    <message>
      <source>at most %1</source>
      <translation>höchstens %1</translation>
    </message>
    <message>
      <source>less than %1</source>
      <translation>weniger als %1</translation>
    </message>
    <message>
      <source>Rebook…</source>
      <translation>Neu buchen…</translation>
    </message>
    <message>
      <source>Change the answer</source>
      <translation>Antwort ändern</translation>
    </message>
    <message>
      <source>question</source>
      <translation>Frage</translation>
    </message>
    <message>
      <source>asked for</source>
      <translation>verlangt</translation>
    </message>
    <message>
      <source>fat reads</source>
      <translation>Fett erscheint</translation>
    </message>
    <message>
      <source>last time</source>
      <translation>letztes Mal</translation>
    </message>
    <message>
      <source>today</source>
      <translation>heute</translation>
    </message>
    <message>
      <source>Questions and answers</source>
      <translation>Fragen und Antworten</translation>
    </message>
    <message>
      <source>Answer</source>
      <translation>Antwort</translation>
    </message>
    <message>
      <source>  ✓ as asked</source>
      <translation>  ✓ wie verlangt</translation>
    </message>
    <message>
      <source>  accepted: %1</source>
      <translation>  akzeptiert: %1</translation>
    </message>
    <message>
      <source>  ▲ wait %1 min, until %2</source>
      <translation>  ▲ %1 min warten, bis %2</translation>
    </message>
    <message>
      <source>said at %1: %2</source>
      <translation>gesagt um %1: %2</translation>
    </message>
    <message>
      <source>the room: %1 °C now</source>
      <translation>der Raum: jetzt %1 °C</translation>
    </message>
    <message>
      <source>All %1 as asked, read out as a list (Alt+&amp;A)</source>
      <translation>Alle %1 wie verlangt, als Liste vorgelesen (Alt+&amp;A)</translation>
    </message>
    <message numerus="yes">
      <source>Use %n answer(s) of today (Alt+&amp;C)</source>
      <translation>
        <numerusform>%n Antwort von heute verwenden (Alt+&amp;C)</numerusform>
        <numerusform>%n Antworten von heute verwenden (Alt+&amp;C)</numerusform>
      </translation>
    </message>
    <message>
      <source>The client says: "%1"
</source>
      <translation>Der Klient sagt: „%1“
</translation>
    </message>
    <message>
      <source>07:15, yesterday 19:00, 90 min, 2 days, never</source>
      <translation>07:15, gestern 19:00, 90 min, 2 Tage, nie</translation>
    </message>
    <message>
      <source>End test: contraindication…</source>
      <translation>Test beenden: Kontraindikation…</translation>
    </message>
    <message>
      <source>Waited long enough: save it</source>
      <translation>Lange genug gewartet: speichern</translation>
    </message>
    <message>
      <source>Continue with a reason…</source>
      <translation>Mit Begründung fortsetzen…</translation>
    </message>
    <message>
      <source>Save the answer</source>
      <translation>Antwort speichern</translation>
    </message>
    <message>
      <source>"{1}" was not understood.</source>
      <translation>„{1}“ wurde nicht verstanden.</translation>
    </message>
    <message>
      <source>Type a time like 07:15, yesterday 19:00, 90 min, 2 days or never; or a number.</source>
      <translation>Eine Zeit wie 07:15, gestern 19:00, 90 min, 2 Tage oder nie eintippen; oder eine Zahl.</translation>
    </message>
    <message>
      <source>Rebook</source>
      <translation>Neu buchen</translation>
    </message>
    <message>
      <source>The test ends here without a result and the appointment is free. Why?</source>
      <translation>Der Test endet hier ohne Ergebnis, und der Termin wird frei. Warum?</translation>
    </message>
    <message>
      <source>Override finding</source>
      <translation>Befund übergehen</translation>
    </message>
    <message>
      <source>Continue with a reason</source>
      <translation>Mit Begründung fortsetzen</translation>
    </message>
    <message>
      <source>Why is the test justified? The reason goes on the record.</source>
      <translation>Warum ist der Test gerechtfertigt? Der Grund steht im Protokoll.</translation>
    </message>
    <message>
      <source>Why is it acceptable to continue? The reason goes on the record.</source>
      <translation>Warum darf fortgesetzt werden? Die Begründung kommt ins Protokoll.</translation>
    </message>
    <message>
      <source>It is %1: the wait is over.</source>
      <translation>Es ist %1: Die Wartezeit ist vorbei.</translation>
    </message>
    <message>
      <source>Wait until %1, rebook, or continue with a reason.</source>
      <translation>Bis %1 warten, neu buchen oder mit Begründung fortsetzen.</translation>
    </message>
    <message>
      <source>Contraindication: end the test. Only a physiologist can override it.</source>
      <translation>Kontraindikation: Test beenden. Nur die Physiologin oder der Physiologe kann das übergehen.</translation>
    </message>
    <message>
      <source>%1 to decide: change the answer, rebook, or continue with a reason.</source>
      <translation>%1 zu entscheiden: Antwort ändern, neu buchen oder mit Begründung fortsetzen.</translation>
    </message>
    <message>
      <source>%1 of %2 questions left. Number keys answer; a letter goes to its question.</source>
      <translation>Noch %1 von %2 Fragen. Zifferntasten antworten; ein Buchstabe springt zur Frage.</translation>
    </message>
    <message>
      <source>All answered.</source>
      <translation>Alle beantwortet.</translation>
    </message>
    <message>
      <source>Scale</source>
      <translation>Waage</translation>
    </message>
    <message>
      <source>Accepted: %1 (%2, %3).</source>
      <translation>Übernommen: %1 (%2, %3).</translation>
    </message>
    <message>
      <source>typed</source>
      <translation>getippt</translation>
    </message>
    <message>
      <source>from the instrument</source>
      <translation>vom Gerät</translation>
    </message>
    <message>
      <source>Accept typed %1</source>
      <translation>Getippten Wert %1 übernehmen</translation>
    </message>
    <message>
      <source>Accept %1</source>
      <translation>%1 übernehmen</translation>
    </message>
    <message>
      <source>Not steady yet</source>
      <translation>Noch nicht ruhig</translation>
    </message>
    <message>
      <source>Type digits with a point or a comma.</source>
      <translation>Ziffern mit Punkt oder Komma tippen.</translation>
    </message>
    <message>
      <source>The reading is not steady yet. Wait, and let nobody touch the scale.</source>
      <translation>Der Wert ist noch nicht ruhig. Warten; niemand berührt die Waage.</translation>
    </message>
    <message>
      <source>Technician</source>
      <translation>Technik</translation>
    </message>
    <message>
      <source>Technician who ran the test</source>
      <translation>Wer den Test durchgeführt hat</translation>
    </message>
    <message>
      <source>Physiologist who answers for the result</source>
      <translation>Wer für das Ergebnis einsteht</translation>
    </message>
    <message>
      <source>The client's page</source>
      <translation>Die Seite des Klienten</translation>
    </message>
    <message>
      <source>choose who ran the test</source>
      <translation>Durchführende Person wählen</translation>
    </message>
    <message>
      <source>Signed by %1 at %2. Version %3.</source>
      <translation>Unterschrieben von %1 am %2. Version %3.</translation>
    </message>
    <message>
      <source>Handed over. Not signed yet.</source>
      <translation>Übergeben. Noch nicht unterschrieben.</translation>
    </message>
    <message>
      <source>Version %1, not signed yet.</source>
      <translation>Version %1, noch nicht unterschrieben.</translation>
    </message>
    <message>
      <source>%1, at the bench now.</source>
      <translation>%1, jetzt am Messplatz.</translation>
    </message>
    <message>
      <source>Not at the bench. A test that is handed over waits in the day of the physiologist, who signs it in her or his own name.</source>
      <translation>Nicht am Messplatz. Ein übergebener Test wartet im Tag der Physiologin oder des Physiologen und wird dort im eigenen Namen unterschrieben.</translation>
    </message>
    <message>
      <source>This lab's policy does not ask for one.</source>
      <translation>Die Regel dieses Labors verlangt keine.</translation>
    </message>
    <message>
      <source>Sign and lock</source>
      <translation>Unterschreiben und sperren</translation>
    </message>
    <message>
      <source>Hand over for signing</source>
      <translation>Zur Unterschrift übergeben</translation>
    </message>
    <message>
      <source>Amend with a reason</source>
      <translation>Mit Begründung berichtigen</translation>
    </message>
    <message>
      <source>Amend a signed test</source>
      <translation>Unterschriebenen Test berichtigen</translation>
    </message>
    <message>
      <source>What has to change, and why? Both versions are kept.</source>
      <translation>Was muss geändert werden, und warum? Beide Versionen bleiben erhalten.</translation>
    </message>
    <message>
      <source>Locked. An amendment makes a new version; both are kept.</source>
      <translation>Gesperrt. Eine Berichtigung erzeugt eine neue Version; beide bleiben erhalten.</translation>
    </message>
    <message>
      <source>Handed over. The test waits for the physiologist. Continue with the next client.</source>
      <translation>Übergeben. Der Test wartet auf die Physiologie. Weiter mit der nächsten Person.</translation>
    </message>
    <message>
      <source>Ready: look at the page, then hand it over.</source>
      <translation>Bereit: die Seite ansehen, dann übergeben.</translation>
    </message>
    <message>
      <source>error %1, limit %2: passed</source>
      <translation>Fehler %1, Grenze %2: bestanden</translation>
    </message>
    <message>
      <source>error %1, limit %2: failed</source>
      <translation>Fehler %1, Grenze %2: nicht bestanden</translation>
    </message>
    <message>
      <source> Lines lost by the link: %1.</source>
      <translation> Von der Verbindung verlorene Zeilen: %1.</translation>
    </message>
    <message>
      <source>excluded: %1</source>
      <translation>ausgeschlossen: %1</translation>
    </message>
    <message>
      <source>used</source>
      <translation>verwendet</translation>
    </message>
    <message>
      <source>valid, not used</source>
      <translation>gültig, nicht verwendet</translation>
    </message>
    <message>
      <source>no.</source>
      <translation>Nr.</translation>
    </message>
    <message>
      <source>min,minute,minutes</source>
      <translation>min,minute,minuten</translation>
    </message>
    <message>
      <source>h,hour,hours</source>
      <translation>h,std,stunde,stunden</translation>
    </message>
    <message>
      <source>d,day,days</source>
      <translation>t,tag,tage,tagen</translation>
    </message>
    <message>
      <source>w,week,weeks</source>
      <translation>w,woche,wochen</translation>
    </message>
    <message>
      <source>month,months</source>
      <translation>monat,monate,monaten</translation>
    </message>
    <message>
      <source>yesterday</source>
      <translation>gestern</translation>
    </message>
    <message>
      <source>ago,about</source>
      <translation>vor,etwa</translation>
    </message>
    <message>
      <source>never</source>
      <translation>nie</translation>
    </message>
    <message>
      <source>Phantom, fat as certified</source>
      <translation>Phantom, Fett laut Zertifikat</translation>
    </message>
    <message>
      <source>Read by the densitometer</source>
      <translation>Vom DXA-Scanner gelesen</translation>
    </message>
    <message>
      <source>Last phantom check %1 %2: %3 %.</source>
      <translation>Letzte Phantomprüfung %1 %2: %3 %.</translation>
    </message>
    <message>
      <source>No reading of the phantom in the quality log of the last 24 hours.</source>
      <translation>Kein Phantomwert der letzten 24 Stunden im Qualitätsprotokoll.</translation>
    </message>
    <message>
      <source>Accept %1 %</source>
      <translation>%1 % übernehmen</translation>
    </message>
    <message>
      <source>Use the last check: %1 %</source>
      <translation>Letzte Prüfung verwenden: %1 %</translation>
    </message>
    <message>
      <source>Read the phantom</source>
      <translation>Phantom messen</translation>
    </message>
    <message>
      <source>The fat of the phantom is missing.</source>
      <translation>Der Fettwert des Phantoms fehlt.</translation>
    </message>
    <message>
      <source>Type percent, as on its certificate.</source>
      <translation>Prozent eintippen, wie auf dem Zertifikat.</translation>
    </message>
    <message>
      <source>Phantom error %1 %-points, within the limit of ± %2.</source>
      <translation>Abweichung des Phantoms %1 %-Punkte, innerhalb der Grenze von ± %2.</translation>
    </message>
    <message>
      <source>Do not scan. Phantom out of limits: %1 %-points (limit ± %2). Find the cause first.</source>
      <translation>Nicht scannen. Phantom außerhalb der Grenzen: %1 %-Punkte (Grenze ± %2). Zuerst die Ursache finden.</translation>
    </message>
    <message>
      <source>Scans elsewhere, as the client says</source>
      <translation>Scans anderswo, nach Angabe des Klienten</translation>
    </message>
    <message>
      <source>After the menopause (decides which bone score may be shown)</source>
      <translation>Nach der Menopause (bestimmt, welcher Knochen-Score gezeigt werden darf)</translation>
    </message>
    <message numerus="yes">
      <source>In this lab book within twelve months: %n scan(s), %1 µSv.</source>
      <translation>
        <numerusform>In diesem Laborbuch innerhalb von zwölf Monaten: %n Scan, %1 µSv.</numerusform>
        <numerusform>In diesem Laborbuch innerhalb von zwölf Monaten: %n Scans, %1 µSv.</numerusform>
      </translation>
    </message>
    <message>
      <source>With this scan (%1 µSv): %2 µSv, as much as %3 days of the natural background.</source>
      <translation>Mit diesem Scan (%1 µSv): %2 µSv, so viel wie %3 Tage natürliche Strahlung.</translation>
    </message>
    <message>
      <source>More than this lab's limit</source>
      <translation>Mehr als die Grenze dieses Labors</translation>
    </message>
    <message>
      <source>Why is this scan justified? The licensed operator answers for it.</source>
      <translation>Warum ist dieser Scan gerechtfertigt? Die zugelassene Bedienperson steht dafür ein.</translation>
    </message>
    <message>
      <source>Recorded: %1 µSv in 12 months, above the lab limit of %2 µSv. The reason is on the record.</source>
      <translation>Festgehalten: %1 µSv in 12 Monaten, über der Laborgrenze von %2 µSv. Die Begründung ist im Protokoll.</translation>
    </message>
    <message>
      <source>Recorded: %1 µSv in 12 months, within the lab limit of %2 µSv.</source>
      <translation>Festgehalten: %1 µSv in 12 Monaten, innerhalb der Laborgrenze von %2 µSv.</translation>
    </message>
    <message>
      <source>That is right</source>
      <translation>Das ist richtig</translation>
    </message>
    <message>
      <source>Positioned</source>
      <translation>Gelagert</translation>
    </message>
    <message>
      <source>Chin: the head ends just under it.</source>
      <translation>Kinn: Der Kopf endet knapp darunter.</translation>
    </message>
    <message>
      <source>Shoulders: through the joint, hand and thigh apart.</source>
      <translation>Schultern: durch das Gelenk; Hand und Oberschenkel getrennt.</translation>
    </message>
    <message>
      <source>Trunk: spine and ribs, without the arms.</source>
      <translation>Rumpf: Wirbelsäule und Rippen, ohne die Arme.</translation>
    </message>
    <message>
      <source>Hips: slanting through the necks of the thigh bones, legs apart in the middle.</source>
      <translation>Hüften: schräg durch die Schenkelhälse; Beine in der Mitte getrennt.</translation>
    </message>
    <message>
      <source>Android and gynoid regions: they follow from the pelvis and chin lines.</source>
      <translation>Androide und gynoide Region: sie folgen aus den Linien von Becken und Kinn.</translation>
    </message>
    <message>
      <source>Lines are right</source>
      <translation>Linien stimmen</translation>
    </message>
    <message>
      <source>Table wiped with what your local rules ask for.</source>
      <translation>Tisch nach den örtlichen Regeln abgewischt.</translation>
    </message>
    <message>
      <source>The densitometer's own record is filed as your local rules require.</source>
      <translation>Die Aufzeichnung des Scanners ist nach den örtlichen Regeln abgelegt.</translation>
    </message>
    <message>
      <source>dose with this scan</source>
      <translation>Dosis mit diesem Scan</translation>
    </message>
    <message>
      <source>%1 µSv</source>
      <translation>%1 µSv</translation>
    </message>
    <message>
      <source>region</source>
      <translation>Region</translation>
    </message>
    <message>
      <source>fat, kg</source>
      <translation>Fett, kg</translation>
    </message>
    <message>
      <source>lean, kg</source>
      <translation>Magermasse, kg</translation>
    </message>
    <message>
      <source>bone, kg</source>
      <translation>Knochen, kg</translation>
    </message>
    <message>
      <source>area, cm²</source>
      <translation>Fläche, cm²</translation>
    </message>
    <message>
      <source>sum, kg</source>
      <translation>Summe, kg</translation>
    </message>
    <message>
      <source>% fat</source>
      <translation>% Fett</translation>
    </message>
    <message>
      <source>Regions of the scan</source>
      <translation>Regionen des Scans</translation>
    </message>
    <message>
      <source>half body, right side complete</source>
      <translation>halber Körper, rechte Seite vollständig</translation>
    </message>
    <message>
      <source>half body, left side complete</source>
      <translation>halber Körper, linke Seite vollständig</translation>
    </message>
    <message>
      <source>Whole or half body</source>
      <translation>Ganzer oder halber Körper</translation>
    </message>
    <message>
      <source>noted at the scan: metal, movement …</source>
      <translation>beim Scan bemerkt: Metall, Bewegung …</translation>
    </message>
    <message>
      <source>Noted at the scan</source>
      <translation>Beim Scan bemerkt</translation>
    </message>
    <message>
      <source>Folder…</source>
      <translation>Ordner…</translation>
    </message>
    <message numerus="yes">
      <source>%n scan(s) of other clients</source>
      <translation>
        <numerusform>%n Scan eines anderen Klienten</numerusform>
        <numerusform>%n Scans anderer Klienten</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n file(s) that are no scans</source>
      <translation>
        <numerusform>%n Datei, die kein Scan ist</numerusform>
        <numerusform>%n Dateien, die keine Scans sind</numerusform>
      </translation>
    </message>
    <message>
      <source>Also in the folder, left alone: %1.</source>
      <translation>Außerdem im Ordner, nicht angerührt: %1.</translation>
    </message>
    <message>
      <source> and </source>
      <translation> und </translation>
    </message>
    <message>
      <source>Regions, sums and the scale agree.</source>
      <translation>Regionen, Summen und Waage stimmen überein.</translation>
    </message>
    <message>
      <source>✓ scan %1, used</source>
      <translation>✓ Scan %1, verwendet</translation>
    </message>
    <message>
      <source>scan %1</source>
      <translation>Scan %1</translation>
    </message>
    <message>
      <source>scan %1 excluded: %2</source>
      <translation>Scan %1 ausgeschlossen: %2</translation>
    </message>
    <message>
      <source>%1 values as reported by the densitometer</source>
      <translation>%1 Werte, wie vom Scanner angegeben</translation>
    </message>
    <message>
      <source>No folder is watched: import the scan, or type it.</source>
      <translation>Kein Ordner wird überwacht: Scan importieren oder eintippen.</translation>
    </message>
    <message>
      <source>Scanning…</source>
      <translation>Scan läuft…</translation>
    </message>
    <message>
      <source>Accept the scan</source>
      <translation>Scan übernehmen</translation>
    </message>
    <message>
      <source>Start the scan</source>
      <translation>Scan starten</translation>
    </message>
    <message>
      <source>Scan again?</source>
      <translation>Erneut scannen?</translation>
    </message>
    <message>
      <source>A second scan is a second dose. Can the region lines be corrected instead?

Scan again anyway?</source>
      <translation>Ein zweiter Scan ist eine zweite Dosis. Lassen sich stattdessen die Regionslinien berichtigen?

Trotzdem erneut scannen?</translation>
    </message>
    <message>
      <source>Reassign the scan</source>
      <translation>Scan zuordnen</translation>
    </message>
    <message>
      <source>The scan is labelled "%1", this client is "%2".
Why is it this client's scan? Both records keep the reason.</source>
      <translation>Der Scan trägt „%1“, dieser Klient ist „%2“.
Warum ist es der Scan dieses Klienten? Beide Akten behalten die Begründung.</translation>
    </message>
    <message>
      <source>There is no scan here that the rules object to.</source>
      <translation>Hier ist kein Scan, den die Regeln beanstanden.</translation>
    </message>
    <message>
      <source>Use this scan anyway</source>
      <translation>Diesen Scan trotzdem verwenden</translation>
    </message>
    <message>
      <source>Import a scan</source>
      <translation>Scan importieren</translation>
    </message>
    <message>
      <source>Scans (*.csv *.json)</source>
      <translation>Scans (*.csv *.json)</translation>
    </message>
    <message>
      <source>What the columns mean</source>
      <translation>Bedeutung der Spalten</translation>
    </message>
    <message>
      <source>One a line. Columns: region, fat, lean, bone-mineral, area, mass. Words for regions: left-arm, trunk …</source>
      <translation>Eine je Zeile. Spalten: region, fat, lean, bone-mineral, area, mass; Wörter für Regionen: left-arm, trunk …</translation>
    </message>
    <message>
      <source>Values reported by the densitometer</source>
      <translation>Vom DXA-Scanner angegebene Werte</translation>
    </message>
    <message>
      <source>One a line: name, number, unit. Known names: visceral-fat-mass (kg), visceral-fat-area (cm²), bone-density.total (g/cm²), t-score.total, z-score.total; for total also spine, hip, femoral-neck.</source>
      <translation>Einer je Zeile: Name, Zahl, Einheit. Bekannte Namen: visceral-fat-mass (kg), visceral-fat-area (cm²), bone-density.total (g/cm²), t-score.total, z-score.total; statt total auch spine, hip, femoral-neck.</translation>
    </message>
    <message>
      <source>Where the densitometer leaves its scans</source>
      <translation>Wo der DXA-Scanner seine Scans ablegt</translation>
    </message>
    <message>
      <source>Exclude scan %1</source>
      <translation>Scan %1 ausschließen</translation>
    </message>
    <message>
      <source>Still and quiet; nobody within a metre of the table.</source>
      <translation>Still und ruhig; niemand näher als einen Meter am Tisch.</translation>
    </message>
    <message>
      <source>Link to the densitometer lost. The scan may still be running: X-rays may be on. Stay out of the controlled area. Import the file when it ends.</source>
      <translation>Verbindung zum DXA-Scanner verloren. Der Scan kann noch laufen: Röntgenstrahlung kann an sein. Den Kontrollbereich nicht betreten. Die Datei importieren, wenn er endet.</translation>
    </message>
    <message>
      <source>Regions, sums and the scale agree. Accept it, then look at the region lines.</source>
      <translation>Regionen, Summen und Waage stimmen überein. Übernehmen, dann die Regionslinien ansehen.</translation>
    </message>
    <message>
      <source>Exhaled volume over time</source>
      <translation>Ausgeatmetes Volumen über der Zeit</translation>
    </message>
    <message>
      <source>Room temperature at the spirometer</source>
      <translation>Raumtemperatur am Spirometer</translation>
    </message>
    <message>
      <source>Vital capacity, as the spirometer shows</source>
      <translation>Vitalkapazität, wie am Spirometer angezeigt</translation>
    </message>
    <message>
      <source>L, room conditions</source>
      <translation>L, Raumbedingungen</translation>
    </message>
    <message>
      <source>Or: residual volume measured elsewhere</source>
      <translation>Oder: anderswo gemessenes Residualvolumen</translation>
    </message>
    <message>
      <source>Method of the residual volume</source>
      <translation>Methode des Residualvolumens</translation>
    </message>
    <message>
      <source>Add effort</source>
      <translation>Versuch hinzufügen</translation>
    </message>
    <message>
      <source>Save residual volume</source>
      <translation>Residualvolumen speichern</translation>
    </message>
    <message>
      <source>Continue without…</source>
      <translation>Ohne fortsetzen…</translation>
    </message>
    <message>
      <source>Effort %1 is not acceptable.</source>
      <translation>Versuch %1 ist nicht annehmbar.</translation>
    </message>
    <message>
      <source>Effort %1 is not acceptable: %2</source>
      <translation>Versuch %1 ist nicht annehmbar: %2</translation>
    </message>
    <message>
      <source>Residual volume measured: %1 L (%2).</source>
      <translation>Residualvolumen gemessen: %1 L (%2).</translation>
    </message>
    <message>
      <source>End the effort</source>
      <translation>Versuch beenden</translation>
    </message>
    <message>
      <source>Start an effort</source>
      <translation>Versuch starten</translation>
    </message>
    <message>
      <source>Repeat the effort</source>
      <translation>Versuch wiederholen</translation>
    </message>
    <message>
      <source>Accept the effort: %1 L</source>
      <translation>Versuch übernehmen: %1 L</translation>
    </message>
    <message>
      <source>Save as not acceptable: %1 L</source>
      <translation>Als nicht annehmbar speichern: %1 L</translation>
    </message>
    <message>
      <source>Room temperature and air pressure are needed for the correction to body conditions.</source>
      <translation>Raumtemperatur und Luftdruck werden für die Umrechnung auf Körperbedingungen gebraucht.</translation>
    </message>
    <message>
      <source>Continue without a vital capacity</source>
      <translation>Ohne Vitalkapazität fortsetzen</translation>
    </message>
    <message>
      <source>Why? The residual volume is then predicted from height and age.</source>
      <translation>Warum? Das Residualvolumen wird dann aus Größe und Alter geschätzt.</translation>
    </message>
    <message>
      <source>Blow out, and keep on blowing.</source>
      <translation>Ausblasen und weiter blasen.</translation>
    </message>
    <message>
      <source>Good effort: %1 L at room conditions.</source>
      <translation>Guter Versuch: %1 L bei Raumbedingungen.</translation>
    </message>
    <message>
      <source>Not acceptable: %1</source>
      <translation>Nicht annehmbar: %1</translation>
    </message>
    <message>
      <source>Surfaces disinfected for the full contact time.</source>
      <translation>Flächen über die volle Einwirkzeit desinfiziert.</translation>
    </message>
    <message>
      <source>Rinsed until the smell is gone.</source>
      <translation>Gespült, bis der Geruch weg ist.</translation>
    </message>
    <message>
      <source>Filled to below the overflow; filling takes 2 to 4 hours.</source>
      <translation>Bis unter den Überlauf gefüllt; das Füllen dauert 2 bis 4 Stunden.</translation>
    </message>
    <message>
      <source>Water between 32 and 36 °C.</source>
      <translation>Wasser zwischen 32 und 36 °C.</translation>
    </message>
    <message>
      <source>Floor dry, ladder fast, towel and robe at hand.</source>
      <translation>Boden trocken, Leiter fest, Handtuch und Bademantel bereit.</translation>
    </message>
    <message>
      <source>The tank is ready</source>
      <translation>Das Becken ist bereit</translation>
    </message>
    <message>
      <source>Rehearsed</source>
      <translation>Geübt</translation>
    </message>
    <message>
      <source>Agree the signal to come up, and show the way out.</source>
      <translation>Das Zeichen zum Auftauchen absprechen und den Ausstieg zeigen.</translation>
    </message>
    <message>
      <source>Belt off before standing up.</source>
      <translation>Gurt vor dem Aufstehen lösen.</translation>
    </message>
    <message>
      <source>One hand on the rail, you in front of the client.</source>
      <translation>Eine Hand am Geländer, Sie vor dem Klienten.</translation>
    </message>
    <message>
      <source>Towel and robe; sit down for a minute if dizzy.</source>
      <translation>Handtuch und Bademantel; bei Schwindel eine Minute sitzen.</translation>
    </message>
    <message>
      <source>The client is out</source>
      <translation>Der Klient ist draußen</translation>
    </message>
    <message>
      <source>Drain the tank, or cover it for the next client.</source>
      <translation>Becken leeren oder für den nächsten Klienten abdecken.</translation>
    </message>
    <message>
      <source>Take the chair off the load cell.</source>
      <translation>Stuhl von der Wägezelle nehmen.</translation>
    </message>
    <message>
      <source>Rinse the nose clip and the mouthpiece; put them to disinfect.</source>
      <translation>Nasenklammer und Mundstück spülen und zur Desinfektion legen.</translation>
    </message>
    <message>
      <source>vital capacity</source>
      <translation>Vitalkapazität</translation>
    </message>
    <message>
      <source>RV %1 L, measured</source>
      <translation>RV %1 L, gemessen</translation>
    </message>
    <message>
      <source>Stations of the check</source>
      <translation>Stationen der Prüfung</translation>
    </message>
    <message>
      <source>Chair and belt in the water</source>
      <translation>Stuhl und Gurt im Wasser</translation>
    </message>
    <message>
      <source>kg (0 when zeroed)</source>
      <translation>kg (0, wenn auf null gestellt)</translation>
    </message>
    <message>
      <source>Reference mass, as marked</source>
      <translation>Prüfmasse, wie beschriftet</translation>
    </message>
    <message>
      <source>Shown with the reference mass</source>
      <translation>Anzeige mit der Prüfmasse</translation>
    </message>
    <message>
      <source>Zero with chair and belt</source>
      <translation>Mit Stuhl und Gurt auf null stellen</translation>
    </message>
    <message>
      <source>Reference mass %1 kg</source>
      <translation>Prüfmasse %1 kg</translation>
    </message>
    <message>
      <source>No earlier check in this lab book.</source>
      <translation>Keine frühere Prüfung in diesem Laborbuch.</translation>
    </message>
    <message>
      <source>Last check %1: off by %2 kg.</source>
      <translation>Letzte Prüfung %1: Abweichung %2 kg.</translation>
    </message>
    <message>
      <source>A number is missing: tare, reference mass or its reading.</source>
      <translation>Eine Zahl fehlt: Tara, Prüfmasse oder ihre Anzeige.</translation>
    </message>
    <message>
      <source>Zeroed. Hang the reference mass on the chair and let it come to rest.</source>
      <translation>Auf null gestellt. Die Prüfmasse an den Stuhl hängen und zur Ruhe kommen lassen.</translation>
    </message>
    <message>
      <source>Water temperature</source>
      <translation>Wassertemperatur</translation>
    </message>
    <message>
      <source>No test below 20 or above 40 °C.</source>
      <translation>Kein Test unter 20 oder über 40 °C.</translation>
    </message>
    <message>
      <source>Outside the comfort range, %1–%2 °C. The result will carry a flag.</source>
      <translation>Außerhalb des Wohlfühlbereichs, %1–%2 °C. Das Ergebnis erhält einen Vermerk.</translation>
    </message>
    <message>
      <source>Dry mass</source>
      <translation>Masse an Land</translation>
    </message>
    <message>
      <source>%1 min ago</source>
      <translation>vor %1 min</translation>
    </message>
    <message>
      <source>%1 h ago</source>
      <translation>vor %1 h</translation>
    </message>
    <message>
      <source>Tank water</source>
      <translation>Wasser im Becken</translation>
    </message>
    <message>
      <source>%1 °C now</source>
      <translation>jetzt %1 °C</translation>
    </message>
    <message>
      <source>free chlorine %1 mg/L</source>
      <translation>freies Chlor %1 mg/L</translation>
    </message>
    <message>
      <source>pH %1</source>
      <translation>pH %1</translation>
    </message>
    <message>
      <source>read %1, %2</source>
      <translation>gemessen %1, %2</translation>
    </message>
    <message>
      <source>Tank water: %1. %2</source>
      <translation>Wasser im Becken: %1. %2</translation>
    </message>
    <message>
      <source>▲ Nobody in the water</source>
      <translation>▲ Niemand ins Wasser</translation>
    </message>
    <message>
      <source>✓ Within the limits</source>
      <translation>✓ Innerhalb der Grenzen</translation>
    </message>
    <message>
      <source>▲ Correct it after this client</source>
      <translation>▲ Nach diesem Klienten berichtigen</translation>
    </message>
    <message>
      <source>Load cell over time</source>
      <translation>Wägezelle über der Zeit</translation>
    </message>
    <message>
      <source>Steady reading, typed</source>
      <translation>Ruhiger Wert, getippt</translation>
    </message>
    <message>
      <source>kg gross</source>
      <translation>kg brutto</translation>
    </message>
    <message>
      <source>Trials</source>
      <translation>Versuche</translation>
    </message>
    <message>
      <source>kg net</source>
      <translation>kg netto</translation>
    </message>
    <message>
      <source>Accept typed trial</source>
      <translation>Getippten Versuch übernehmen</translation>
    </message>
    <message>
      <source>Replay a trace…</source>
      <translation>Aufzeichnung abspielen…</translation>
    </message>
    <message>
      <source>Save trace…</source>
      <translation>Aufzeichnung speichern…</translation>
    </message>
    <message>
      <source>Use these trials…</source>
      <translation>Diese Versuche nutzen…</translation>
    </message>
    <message>
      <source>used if accepted</source>
      <translation>zählt dann mit</translation>
    </message>
    <message>
      <source>must agree within %1 kg</source>
      <translation>Abstand höchstens %1 kg</translation>
    </message>
    <message>
      <source>Accept trial: %1 kg</source>
      <translation>Versuch übernehmen: %1 kg</translation>
    </message>
    <message>
      <source>Start trial %1</source>
      <translation>Versuch %1 starten</translation>
    </message>
    <message>
      <source>Accept typed %1 kg</source>
      <translation>Getippte %1 kg übernehmen</translation>
    </message>
    <message>
      <source>Nobody in the water</source>
      <translation>Niemand ins Wasser</translation>
    </message>
    <message>
      <source>
Why may this client be in the water anyway?</source>
      <translation>
Warum darf dieser Klient trotzdem ins Wasser?</translation>
    </message>
    <message>
      <source>Rest between dives: {1} s more.</source>
      <translation>Pause zwischen den Tauchgängen: noch {1} s.</translation>
    </message>
    <message>
      <source>Wait; start again only when the client says they are rested.</source>
      <translation>Warten; erst wieder beginnen, wenn der Klient sich erholt hat.</translation>
    </message>
    <message>
      <source>Type kilograms with a point or a comma.</source>
      <translation>Kilogramm mit Punkt oder Komma tippen.</translation>
    </message>
    <message>
      <source>Use these trials</source>
      <translation>Diese Versuche nutzen</translation>
    </message>
    <message>
      <source>Why are they good enough? The result will carry a flag.</source>
      <translation>Warum genügen sie? Das Ergebnis erhält einen Vermerk.</translation>
    </message>
    <message>
      <source>Replay a trace</source>
      <translation>Aufzeichnung abspielen</translation>
    </message>
    <message>
      <source>Traces (*.csv)</source>
      <translation>Aufzeichnungen (*.csv)</translation>
    </message>
    <message>
      <source>The selected trial has no trace.</source>
      <translation>Der gewählte Versuch hat keine Aufzeichnung.</translation>
    </message>
    <message>
      <source>Select a trial that came from the load cell.</source>
      <translation>Einen Versuch wählen, der von der Wägezelle kam.</translation>
    </message>
    <message>
      <source>Save the trace</source>
      <translation>Aufzeichnung speichern</translation>
    </message>
    <message>
      <source>trial-%1.csv</source>
      <translation>versuch-%1.csv</translation>
    </message>
    <message>
      <source>Nobody in the water. </source>
      <translation>Niemand ins Wasser. </translation>
    </message>
    <message>
      <source>Load cell disconnected. Data so far is kept. Reconnect, then press R.</source>
      <translation>Wägezelle getrennt. Die bisherigen Daten sind gespeichert. Wieder verbinden, dann R drücken.</translation>
    </message>
    <message>
      <source>Latest % fat by each method</source>
      <translation>Letzter Fettwert jeder Methode</translation>
    </message>
    <message>
      <source>Telephone: %1</source>
      <translation>Telefon: %1</translation>
    </message>
    <message>
      <source>Last test: %1</source>
      <translation>Letzter Test: %1</translation>
    </message>
    <message>
      <source>Booked: %1 %2, %3</source>
      <translation>Gebucht: %1 %2, %3</translation>
    </message>
    <message>
      <source>▲ Not signed: %1, %2</source>
      <translation>▲ Nicht unterschrieben: %1, %2</translation>
    </message>
    <message>
      <source>Wanted to note: %1</source>
      <translation>Notieren wollte: %1</translation>
    </message>
    <message>
      <source>date</source>
      <translation>Datum</translation>
    </message>
    <message>
      <source>method</source>
      <translation>Methode</translation>
    </message>
    <message>
      <source>fat (± 95 % CI)</source>
      <translation>Fett (± 95-%-KI)</translation>
    </message>
    <message>
      <source>on one scale</source>
      <translation>Skala</translation>
    </message>
    <message>
      <source>fat mass</source>
      <translation>Fettmasse</translation>
    </message>
    <message>
      <source>since the last</source>
      <translation>seit dem letzten</translation>
    </message>
    <message>
      <source>Tests</source>
      <translation>Tests</translation>
    </message>
    <message>
      <source>name, code or birth date</source>
      <translation>Name, Code oder Geburtsdatum</translation>
    </message>
    <message>
      <source>Search clients</source>
      <translation>Klienten suchen</translation>
    </message>
    <message>
      <source>Clients</source>
      <translation>Klienten</translation>
    </message>
    <message>
      <source>New client…</source>
      <translation>Neuer Klient…</translation>
    </message>
    <message>
      <source>Import, export</source>
      <translation>Import, Export</translation>
    </message>
    <message>
      <source>Import an analyzer's export…</source>
      <translation>Analysator-Export importieren…</translation>
    </message>
    <message>
      <source>Start a test</source>
      <translation>Test starten</translation>
    </message>
    <message>
      <source>Talk (F9)</source>
      <translation>Gespräch (F9)</translation>
    </message>
    <message>
      <source>More</source>
      <translation>Mehr</translation>
    </message>
    <message>
      <source>Change the client…</source>
      <translation>Klienten ändern…</translation>
    </message>
    <message>
      <source>Open the chosen test on the bench</source>
      <translation>Den gewählten Test am Messplatz öffnen</translation>
    </message>
    <message>
      <source>Report on a visit…</source>
      <translation>Bericht über einen Besuch…</translation>
    </message>
    <message>
      <source>Method of the new test</source>
      <translation>Methode des neuen Tests</translation>
    </message>
    <message>
      <source>Enter: findings. B: the bench.</source>
      <translation>Enter: Befunde. B: Messplatz.</translation>
    </message>
    <message>
      <source>&amp;Tests</source>
      <translation>Te&amp;sts</translation>
    </message>
    <message>
      <source>&amp;Findings of the chosen test</source>
      <translation>Be&amp;funde des gewählten Tests</translation>
    </message>
    <message>
      <source>&amp;Progress</source>
      <translation>&amp;Verlauf</translation>
    </message>
    <message>
      <source>Across &amp;methods</source>
      <translation>Met&amp;hodenvergleich</translation>
    </message>
    <message>
      <source>Pla&amp;n</source>
      <translation>Pla&amp;n</translation>
    </message>
    <message>
      <source>Clients  ›  %1</source>
      <translation>Klienten  ›  %1</translation>
    </message>
    <message>
      <source>The client {1} is not in this lab book.</source>
      <translation>Der Klient {1} ist nicht in diesem Laborbuch.</translation>
    </message>
    <message>
      <source>Choose a client.</source>
      <translation>Einen Klienten wählen.</translation>
    </message>
    <message>
      <source>No client found.</source>
      <translation>Keine Person gefunden.</translation>
    </message>
    <message>
      <source>No client yet. "New client" is the first step.</source>
      <translation>Noch kein Klient. „Neuer Klient“ ist der erste Schritt.</translation>
    </message>
    <message>
      <source>%1, %2 years</source>
      <translation>%1, %2 Jahre</translation>
    </message>
    <message>
      <source>born %1</source>
      <translation>geboren %1</translation>
    </message>
    <message>
      <source>height missing</source>
      <translation>Größe fehlt</translation>
    </message>
    <message>
      <source>%1 also by "%2": %3 %</source>
      <translation>%1 auch nach „%2“: %3 %</translation>
    </message>
    <message>
      <source>▲ damaged: %1</source>
      <translation>▲ beschädigt: %1</translation>
    </message>
    <message>
      <source>What matters, from %1:</source>
      <translation>Was zählt, vom %1:</translation>
    </message>
    <message>
      <source>No test yet. Tests will be listed here with the change since the one before.</source>
      <translation>Noch kein Test. Hier stehen später die Tests mit der Veränderung seit dem vorigen.</translation>
    </message>
    <message>
      <source>Import an analyzer's export</source>
      <translation>Export eines Analysators importieren</translation>
    </message>
    <message>
      <source>Tables (*.csv *.txt)</source>
      <translation>Tabellen (*.csv *.txt)</translation>
    </message>
    <message>
      <source>Choose a client first.</source>
      <translation>Zuerst einen Klienten wählen.</translation>
    </message>
    <message>
      <source>Talk with the client…</source>
      <translation>Mit dem Klienten sprechen…</translation>
    </message>
    <message>
      <source>Findings of the chosen test</source>
      <translation>Befunde des gewählten Tests</translation>
    </message>
    <message>
      <source>Progress</source>
      <translation>Verlauf</translation>
    </message>
    <message>
      <source>Across methods</source>
      <translation>Methodenvergleich</translation>
    </message>
    <message>
      <source>Plan</source>
      <translation>Plan</translation>
    </message>
    <message>
      <source>Save the whole record (JSON)…</source>
      <translation>Ganze Akte speichern (JSON)…</translation>
    </message>
    <message>
      <source>Save a table of the tests (CSV, XLSX)…</source>
      <translation>Tabelle der Tests speichern (CSV, XLSX)…</translation>
    </message>
    <message>
      <source>Save a health record (FHIR)…</source>
      <translation>Gesundheitsakte speichern (FHIR)…</translation>
    </message>
    <message>
      <source>Import a record…</source>
      <translation>Akte importieren…</translation>
    </message>
    <message>
      <source>Take back an import…</source>
      <translation>Import zurücknehmen…</translation>
    </message>
    <message>
      <source>Show or hide the list of clients</source>
      <translation>Klientenliste ein- oder ausblenden</translation>
    </message>
    <message>
      <source>Nothing is signed yet.</source>
      <translation>Noch nichts ist unterschrieben.</translation>
    </message>
    <message>
      <source>Sign a test before the talk.</source>
      <translation>Vor dem Gespräch einen Test unterschreiben.</translation>
    </message>
    <message>
      <source>asleep or lying</source>
      <translation>schlafend oder liegend</translation>
    </message>
    <message>
      <source>sitting quietly</source>
      <translation>ruhig sitzend</translation>
    </message>
    <message>
      <source>desk work</source>
      <translation>Schreibtischarbeit</translation>
    </message>
    <message>
      <source>housework, cooking, standing work</source>
      <translation>Hausarbeit, Kochen, Arbeit im Stehen</translation>
    </message>
    <message>
      <source>walking</source>
      <translation>Gehen</translation>
    </message>
    <message>
      <source>cycling at ease</source>
      <translation>gemütliches Radfahren</translation>
    </message>
    <message>
      <source>running, 8 km/h</source>
      <translation>Laufen, 8 km/h</translation>
    </message>
    <message>
      <source>A usual day</source>
      <translation>Ein üblicher Tag</translation>
    </message>
    <message>
      <source>what</source>
      <translation>was</translation>
    </message>
    <message>
      <source>times rest</source>
      <translation>Vielfaches der Ruhe</translation>
    </message>
    <message>
      <source>hours</source>
      <translation>Stunden</translation>
    </message>
    <message>
      <source>Parts of the day</source>
      <translation>Teile des Tages</translation>
    </message>
    <message>
      <source>Hours of a usual day; the kind of work may be described by the multiple that fits.</source>
      <translation>Stunden eines üblichen Tages; die Art der Arbeit lässt sich durch das passende Vielfache beschreiben.</translation>
    </message>
    <message>
      <source>Use this day</source>
      <translation>Diesen Tag verwenden</translation>
    </message>
    <message>
      <source>Activity level %1: %2. What is left of the day counts as rest.</source>
      <translation>Aktivitätsniveau %1: %2. Der Rest des Tages gilt als Ruhe.</translation>
    </message>
    <message>
      <source>These are more than 24 hours.</source>
      <translation>Das sind mehr als 24 Stunden.</translation>
    </message>
    <message>
      <source>A resting test</source>
      <translation>Ein Ruhetest</translation>
    </message>
    <message>
      <source>Oxygen and carbon dioxide, minute by minute</source>
      <translation>Sauerstoff und Kohlendioxid, Minute für Minute</translation>
    </message>
    <message>
      <source>Fasted 5 hours, no caffeine for 4, lying still in a quiet room. One line a minute: oxygen and carbon dioxide in L/min (STPD), as the instrument writes them. The first five minutes are left out.</source>
      <translation>5 Stunden nüchtern, 4 Stunden ohne Koffein, ruhig liegend in einem stillen Raum. Eine Zeile je Minute: Sauerstoff und Kohlendioxid in L/min (STPD), wie das Gerät sie schreibt. Die ersten fünf Minuten zählen nicht.</translation>
    </message>
    <message>
      <source>Use this measurement</source>
      <translation>Diese Messung verwenden</translation>
    </message>
    <message>
      <source>%1 kcal a day by Weir, quotient %2, variation %3 %, minutes %4 to %5.</source>
      <translation>%1 kcal am Tag nach Weir, Quotient %2, Streuung %3 %, Minuten %4 bis %5.</translation>
    </message>
    <message>
      <source>answer</source>
      <translation>Antwort</translation>
    </message>
    <message>
      <source>asked</source>
      <translation>gefragt</translation>
    </message>
    <message>
      <source>Questions about health</source>
      <translation>Fragen zur Gesundheit</translation>
    </message>
    <message>
      <source>The client agrees that the answers are kept in their record</source>
      <translation>Der Klient stimmt zu, dass die Antworten in der Akte bleiben</translation>
    </message>
    <message>
      <source>Health questions</source>
      <translation>Gesundheitsfragen</translation>
    </message>
    <message>
      <source>not asked</source>
      <translation>nicht gefragt</translation>
    </message>
    <message>
      <source>– not asked</source>
      <translation>– nicht gefragt</translation>
    </message>
    <message>
      <source>no</source>
      <translation>nein</translation>
    </message>
    <message>
      <source>yes</source>
      <translation>ja</translation>
    </message>
    <message>
      <source>rather not say</source>
      <translation>möchte es nicht sagen</translation>
    </message>
    <message>
      <source>Asked kindly and alone. Nobody has to answer. While a question is unanswered, no numbers for losing weight are given.</source>
      <translation>Freundlich und allein gefragt. Niemand muss antworten. Solange eine Frage offen ist, werden keine Zahlen zum Abnehmen gezeigt.</translation>
    </message>
    <message>
      <source>Without consent the answers serve until another client is chosen.</source>
      <translation>Ohne Zustimmung gelten die Antworten, bis ein anderer Klient gewählt wird.</translation>
    </message>
    <message>
      <source>Use these answers</source>
      <translation>Diese Antworten verwenden</translation>
    </message>
    <message>
      <source>column</source>
      <translation>Spalte</translation>
    </message>
    <message>
      <source>first row</source>
      <translation>erste Zeile</translation>
    </message>
    <message>
      <source>means</source>
      <translation>bedeutet</translation>
    </message>
    <message>
      <source>Columns of the export</source>
      <translation>Spalten des Exports</translation>
    </message>
    <message>
      <source>line</source>
      <translation>Zeile</translation>
    </message>
    <message>
      <source>mass</source>
      <translation>Masse</translation>
    </message>
    <message>
      <source>readings</source>
      <translation>Messwerte</translation>
    </message>
    <message>
      <source>verdict</source>
      <translation>Urteil</translation>
    </message>
    <message>
      <source>Rows</source>
      <translation>Zeilen</translation>
    </message>
    <message>
      <source>Values are kilohms</source>
      <translation>Werte sind Kiloohm</translation>
    </message>
    <message>
      <source>Meaning of %1</source>
      <translation>Bedeutung von %1</translation>
    </message>
    <message>
      <source>▲ This file was imported on %1 already; its tests would stand there twice. </source>
      <translation>▲ Diese Datei wurde am %1 schon importiert; ihre Tests wären doppelt vorhanden. </translation>
    </message>
    <message>
      <source>What each column means; empty leaves it out. Segment readings: r, xc, z or phase / segment / kHz.</source>
      <translation>Was jede Spalte bedeutet; leer lässt sie weg. Segmentwerte: r, xc, z oder phase / Segment / kHz.</translation>
    </message>
    <message>
      <source>No client has the code "{1}".</source>
      <translation>Kein Klient hat den Code „{1}“.</translation>
    </message>
    <message>
      <source>The date is in the future.</source>
      <translation>Das Datum liegt in der Zukunft.</translation>
    </message>
    <message>
      <source>The mass is missing.</source>
      <translation>Die Masse fehlt.</translation>
    </message>
    <message>
      <source>The height differs from this client's: is it the right person?</source>
      <translation>Die Größe weicht von der dieses Klienten ab: Ist es die richtige Person?</translation>
    </message>
    <message>
      <source>%1 segments, %2 reported</source>
      <translation>%1 Segmente, %2 angegeben</translation>
    </message>
    <message>
      <source>✓ good</source>
      <translation>✓ gut</translation>
    </message>
    <message numerus="yes">
      <source>Import %n row(s)</source>
      <translation>
        <numerusform>%n Zeile importieren</numerusform>
        <numerusform>%n Zeilen importieren</numerusform>
      </translation>
    </message>
    <message>
      <source>%1 of %2 rows are good; the others stay out. The file was read as %3.</source>
      <translation>%1 von %2 Zeilen sind gut; die anderen bleiben draußen. Die Datei wurde als %3 gelesen.</translation>
    </message>
    <message numerus="yes">
      <source>Importing %n row(s)…</source>
      <translation>
        <numerusform>%n Zeile wird importiert…</numerusform>
        <numerusform>%n Zeilen werden importiert…</numerusform>
      </translation>
    </message>
    <message>
      <source>Cancel</source>
      <translation>Abbrechen</translation>
    </message>
    <message>
      <source>Cancelled.</source>
      <translation>Abgebrochen.</translation>
    </message>
    <message>
      <source>No row was imported.</source>
      <translation>Keine Zeile wurde importiert.</translation>
    </message>
    <message>
      <source>imported</source>
      <translation>importiert</translation>
    </message>
    <message>
      <source>file</source>
      <translation>Datei</translation>
    </message>
    <message>
      <source>brought</source>
      <translation>brachte</translation>
    </message>
    <message>
      <source>by</source>
      <translation>von</translation>
    </message>
    <message>
      <source>Imports</source>
      <translation>Importe</translation>
    </message>
    <message>
      <source>Take this import back</source>
      <translation>Diesen Import zurücknehmen</translation>
    </message>
    <message>
      <source>Close</source>
      <translation>Schließen</translation>
    </message>
    <message>
      <source>Taking an import back removes its tests, and the client that came with it, from the lists. The journal keeps what was there.</source>
      <translation>Ein zurückgenommener Import entfernt seine Tests und den mitgekommenen Klienten aus den Listen. Das Journal behält, was da war.</translation>
    </message>
    <message numerus="yes">
      <source>%n test(s)</source>
      <translation>
        <numerusform>%n Test</numerusform>
        <numerusform>%n Tests</numerusform>
      </translation>
    </message>
    <message>
      <source>one client, %1</source>
      <translation>ein Klient, %1</translation>
    </message>
    <message>
      <source>taken back</source>
      <translation>zurückgenommen</translation>
    </message>
    <message>
      <source>in the book</source>
      <translation>im Buch</translation>
    </message>
    <message>
      <source>A test of this import is open on the bench.</source>
      <translation>Ein Test dieses Imports ist am Messplatz offen.</translation>
    </message>
    <message>
      <source>Close that test first.</source>
      <translation>Zuerst schließen.</translation>
    </message>
    <message>
      <source>Nothing was imported into this lab book.</source>
      <translation>In dieses Laborbuch wurde nichts importiert.</translation>
    </message>
    <message>
      <source>Body water by dilution…</source>
      <translation>Körperwasser durch Verdünnung…</translation>
    </message>
    <message>
      <source>Fat by every method of the day</source>
      <translation>Fett nach jeder Methode des Tages</translation>
    </message>
    <message>
      <source>methods</source>
      <translation>Methoden</translation>
    </message>
    <message>
      <source>difference</source>
      <translation>Unterschied</translation>
    </message>
    <message>
      <source>limit (95 %)</source>
      <translation>Grenze (95 %)</translation>
    </message>
    <message>
      <source>Methods in pairs</source>
      <translation>Methoden paarweise</translation>
    </message>
    <message>
      <source>Day</source>
      <translation>Tag</translation>
    </message>
    <message>
      <source>%1: %2 tests</source>
      <translation>%1: %2 Tests</translation>
    </message>
    <message>
      <source>no further apart than expected</source>
      <translation>nicht weiter auseinander als erwartet</translation>
    </message>
    <message>
      <source>further apart than expected. </source>
      <translation>weiter auseinander als erwartet. </translation>
    </message>
    <message>
      <source>Three and four components need density and body water of one day, the fourth bone mineral.</source>
      <translation>Drei und vier Komponenten brauchen Dichte und Körperwasser eines Tages, die vierte auch Knochenmineral.</translation>
    </message>
    <message>
      <source>Recalculate with this policy</source>
      <translation>Mit dieser Regel neu berechnen</translation>
    </message>
    <message>
      <source>Other policy</source>
      <translation>Andere Regel</translation>
    </message>
    <message>
      <source>mostly sitting (1.45)</source>
      <translation>meist sitzend (1,45)</translation>
    </message>
    <message>
      <source>light, some walking (1.6)</source>
      <translation>leicht, etwas Gehen (1,6)</translation>
    </message>
    <message>
      <source>active most days (1.8)</source>
      <translation>an den meisten Tagen aktiv (1,8)</translation>
    </message>
    <message>
      <source>hard training or work (2.1)</source>
      <translation>hartes Training oder harte Arbeit (2,1)</translation>
    </message>
    <message>
      <source>%1 kcal</source>
      <translation>%1 kcal</translation>
    </message>
    <message>
      <source>Target fat</source>
      <translation>Ziel-Körperfett</translation>
    </message>
    <message>
      <source>Weeks</source>
      <translation>Wochen</translation>
    </message>
    <message>
      <source>Energy a day against balance, kilocalories</source>
      <translation>Energie am Tag gegenüber dem Gleichgewicht, Kilokalorien</translation>
    </message>
    <message>
      <source>Exercise, net</source>
      <translation>Bewegung, netto</translation>
    </message>
    <message>
      <source>kcal/d</source>
      <translation>kcal/d</translation>
    </message>
    <message>
      <source>Rest, measured</source>
      <translation>Ruheumsatz, gemessen</translation>
    </message>
    <message>
      <source>Trains hard</source>
      <translation>Trainiert hart</translation>
    </message>
    <message>
      <source>Health questions…</source>
      <translation>Gesundheitsfragen…</translation>
    </message>
    <message>
      <source>Set energy</source>
      <translation>Energie einstellen</translation>
    </message>
    <message>
      <source>A usual day…</source>
      <translation>Ein üblicher Tag…</translation>
    </message>
    <message>
      <source>A resting test…</source>
      <translation>Ruhemessung…</translation>
    </message>
    <message>
      <source>Mass over the weeks</source>
      <translation>Masse über die Wochen</translation>
    </message>
    <message>
      <source>after</source>
      <translation>nach</translation>
    </message>
    <message>
      <source>mass, kg</source>
      <translation>Masse, kg</translation>
    </message>
    <message>
      <source>95 % CI, kg</source>
      <translation>95-%-KI, kg</translation>
    </message>
    <message>
      <source>fat-free, kg</source>
      <translation>fettfrei, kg</translation>
    </message>
    <message>
      <source>TDEE</source>
      <translation>TDEE</translation>
    </message>
    <message>
      <source>Where this leads</source>
      <translation>Wohin das führt</translation>
    </message>
    <message>
      <source>approach</source>
      <translation>Ansatz</translation>
    </message>
    <message>
      <source>kcal</source>
      <translation>kcal</translation>
    </message>
    <message>
      <source>mass at the end, kg</source>
      <translation>Masse am Ende, kg</translation>
    </message>
    <message>
      <source>Approaches side by side</source>
      <translation>Ansätze nebeneinander</translation>
    </message>
    <message>
      <source>Training days a week</source>
      <translation>Trainingstage je Woche</translation>
    </message>
    <message>
      <source>Save this plan</source>
      <translation>Plan speichern</translation>
    </message>
    <message>
      <source>Way of life</source>
      <translation>Lebensweise</translation>
    </message>
    <message>
      <source>Sets the energy a day that reaches the target in these weeks.</source>
      <translation>Stellt die tägliche Energie ein, mit der das Ziel in diesen Wochen erreicht wird.</translation>
    </message>
    <message>
      <source>training, food, sleep …</source>
      <translation>Training, Essen, Schlaf …</translation>
    </message>
    <message>
      <source>What to note until next time</source>
      <translation>Was bis zum nächsten Mal zu notieren ist</translation>
    </message>
    <message>
      <source>Who</source>
      <translation>Wer</translation>
    </message>
    <message>
      <source>The plan</source>
      <translation>Der Plan</translation>
    </message>
    <message>
      <source>To note until next time</source>
      <translation>Bis zum nächsten Mal notieren</translation>
    </message>
    <message>
      <source>What the plan is made from</source>
      <translation>Woraus der Plan entsteht</translation>
    </message>
    <message>
      <source>Enter uses the approach.</source>
      <translation>Enter übernimmt den Ansatz.</translation>
    </message>
    <message>
      <source>&amp;Where this leads</source>
      <translation>&amp;Wohin das führt</translation>
    </message>
    <message>
      <source>&amp;Approaches side by side</source>
      <translation>&amp;Ansätze nebeneinander</translation>
    </message>
    <message>
      <source>Where the plan leads</source>
      <translation>Wohin der Plan führt</translation>
    </message>
    <message>
      <source>A plan begins with a signed test that gives fat.</source>
      <translation>Ein Plan beginnt mit einem unterschriebenen Test, der Fett ergibt.</translation>
    </message>
    <message>
      <source>Health questions: asked ✓</source>
      <translation>Gesundheitsfragen: gefragt ✓</translation>
    </message>
    <message>
      <source>Health questions: %1 of %2 open…</source>
      <translation>Gesundheitsfragen: %1 von %2 offen…</translation>
    </message>
    <message>
      <source>From %1, %2: %3 kg, %4 % fat.</source>
      <translation>Vom %1, %2: %3 kg, %4 % Fett.</translation>
    </message>
    <message>
      <source>Energy a day: %1 kcal (−1000 to +500)</source>
      <translation>Energie am Tag: %1 kcal (−1000 bis +500)</translation>
    </message>
    <message numerus="yes">
      <source>For %n week(s) (4 to 52)</source>
      <translation>
        <numerusform>Für %n Woche (4 bis 52)</numerusform>
        <numerusform>Für %n Wochen (4 bis 52)</numerusform>
      </translation>
    </message>
    <message>
      <source>Cannot be saved: %1</source>
      <translation>Kann nicht gespeichert werden: %1</translation>
    </message>
    <message>
      <source>Cannot be saved: the reason is given at the right.</source>
      <translation>Kann nicht gespeichert werden: Der Grund steht rechts.</translation>
    </message>
    <message>
      <source>target, %1 % fat</source>
      <translation>Ziel, %1 % Fett</translation>
    </message>
    <message>
      <source>now</source>
      <translation>jetzt</translation>
    </message>
    <message numerus="yes">
      <source>%n week(s)</source>
      <translation>
        <numerusform>%n Woche</numerusform>
        <numerusform>%n Wochen</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>target, %n week(s)</source>
      <translation>
        <numerusform>Ziel, %n Woche</numerusform>
        <numerusform>Ziel, %n Wochen</numerusform>
      </translation>
    </message>
    <message>
      <source>RMR %1 (%2; %3 equations %4 to %5). TDEE %6. Planned intake %7.</source>
      <translation>RMR %1 (%2; %3 Gleichungen %4 bis %5). TDEE %6. Geplante Zufuhr %7.</translation>
    </message>
    <message>
      <source>Protein %1 to %2 g a day: %3 to %4 g for each kg of body mass, %5 to %6 g for each kg of fat-free mass. Energy availability %7 kcal for each kg of fat-free mass.</source>
      <translation>Protein %1 bis %2 g am Tag: %3 bis %4 g je kg Körpermasse, %5 bis %6 g je kg fettfreier Masse. Energieverfügbarkeit %7 kcal je kg fettfreier Masse.</translation>
    </message>
    <message>
      <source>On days with training %1, on days without %2; over the week the same.</source>
      <translation>An Trainingstagen %1, an anderen Tagen %2; über die Woche gleich.</translation>
    </message>
    <message>
      <source>Target body fat: at %1 kg if fat-free mass is kept, at %2 kg with the usual loss of it%3.</source>
      <translation>Ziel-Körperfett: bei %1 kg, wenn die fettfreie Masse bleibt, bei %2 kg mit ihrem üblichen Verlust%3.</translation>
    </message>
    <message>
      <source>; in %1–%2 weeks at 0.5–1 % of body mass a week</source>
      <translation>; in %1–%2 Wochen bei 0,5–1 % der Körpermasse je Woche</translation>
    </message>
    <message>
      <source>not for this person</source>
      <translation>nicht für diese Person</translation>
    </message>
    <message>
      <source>Source: %1. %2</source>
      <translation>Quelle: %1. %2</translation>
    </message>
    <message>
      <source>as described (%1)</source>
      <translation>wie beschrieben (%1)</translation>
    </message>
    <message>
      <source>✓ Saved on %1 by %2</source>
      <translation>✓ Gespeichert am %1 von %2</translation>
    </message>
    <message>
      <source>within error (%1 % lower)</source>
      <translation>im Messfehler (%1 % niedriger)</translation>
    </message>
    <message>
      <source>within error (%1 % higher)</source>
      <translation>im Messfehler (%1 % höher)</translation>
    </message>
    <message>
      <source>exceeds the LSC</source>
      <translation>überschreitet die LSC</translation>
    </message>
    <message>
      <source>%1; the preparation alone reads higher</source>
      <translation>%1; die Vorbereitung allein erhöht den Wert</translation>
    </message>
    <message>
      <source>%1; the preparation alone reads lower</source>
      <translation>%1; die Vorbereitung allein senkt den Wert</translation>
    </message>
    <message>
      <source>by region</source>
      <translation>nach Regionen</translation>
    </message>
    <message>
      <source>The quantity over time</source>
      <translation>Die Größe über der Zeit</translation>
    </message>
    <message>
      <source>then</source>
      <translation>damals</translation>
    </message>
    <message>
      <source>change</source>
      <translation>Änderung</translation>
    </message>
    <message>
      <source>LSC (95 %)</source>
      <translation>LSC (95 %)</translation>
    </message>
    <message>
      <source>on the LSC</source>
      <translation>gegen die LSC</translation>
    </message>
    <message>
      <source>What changed between the two visits</source>
      <translation>Was sich zwischen den beiden Besuchen geändert hat</translation>
    </message>
    <message>
      <source>What made the mass change</source>
      <translation>Woraus die Massenänderung besteht</translation>
    </message>
    <message>
      <source>Quantity</source>
      <translation>Größe</translation>
    </message>
    <message>
      <source>Earlier visit</source>
      <translation>Früherer Besuch</translation>
    </message>
    <message>
      <source>Later visit</source>
      <translation>Späterer Besuch</translation>
    </message>
    <message>
      <source>Show</source>
      <translation>Zeigen</translation>
    </message>
    <message>
      <source>compare</source>
      <translation>vergleichen</translation>
    </message>
    <message>
      <source>with</source>
      <translation>mit</translation>
    </message>
    <message>
      <source>Arms, legs and trunk as well</source>
      <translation>Auch Arme, Beine und Rumpf</translation>
    </message>
    <message>
      <source>Click to enlarge.</source>
      <translation>Zum Vergrößern klicken.</translation>
    </message>
    <message>
      <source>A fat loss of %1 kg a week becomes measurable from %2. Retesting earlier is unlikely to show a change.</source>
      <translation>Ein Fettverlust von %1 kg je Woche wird ab %2 messbar. Ein früherer Test zeigt wahrscheinlich keine Änderung.</translation>
    </message>
    <message>
      <source> At this client's own pace (%1 kg a week): from %2.</source>
      <translation> Im eigenen Tempo des Klienten (%1 kg je Woche): ab %2.</translation>
    </message>
    <message>
      <source>All visits</source>
      <translation>Alle Besuche</translation>
    </message>
    <message>
      <source>Only this period</source>
      <translation>Nur diese Zeit</translation>
    </message>
    <message>
      <source>%1 over %2 visits: %3 ± %4 %5 a week (95 %)%6.</source>
      <translation>%1 über %2 Besuche: %3 ± %4 %5 je Woche (95 %)%6.</translation>
    </message>
    <message>
      <source>: a trend</source>
      <translation>: ein Trend</translation>
    </message>
    <message>
      <source>: no trend that can be told from noise</source>
      <translation>: kein Trend, der größer als die Streuung ist</translation>
    </message>
    <message>
      <source>The client wanted to note until next time: %1. Ask for it beside the change.</source>
      <translation>Der Klient wollte bis zum nächsten Mal notieren: %1. Neben der Änderung danach fragen.</translation>
    </message>
    <message>
      <source>Progress is shown once a test is signed.</source>
      <translation>Der Verlauf erscheint, sobald ein Test unterschrieben ist.</translation>
    </message>
    <message>
      <source>Save the whole record, sealed…</source>
      <translation>Den ganzen Datensatz versiegelt speichern …</translation>
    </message>
    <message>
      <source>Erase who this is…</source>
      <translation>Identität löschen…</translation>
    </message>
    <message>
      <source>Save the whole record</source>
      <translation>Ganze Akte speichern</translation>
    </message>
    <message>
      <source>Records (*.json)</source>
      <translation>Akten (*.json)</translation>
    </message>
    <message>
      <source>Save the whole record, sealed</source>
      <translation>Den ganzen Datensatz versiegelt speichern</translation>
    </message>
    <message>
      <source>Sealed records (*.json-sealed)</source>
      <translation>Versiegelte Datensätze (*.json-sealed)</translation>
    </message>
    <message>
      <source>Seal the record</source>
      <translation>Datensatz versiegeln</translation>
    </message>
    <message numerus="yes">
      <source>Passphrase of this record, at least %n characters. Without it nobody can open it.</source>
      <translation>
        <numerusform>Passphrase dieses Datensatzes, mindestens %n Zeichen. Ohne sie kann ihn niemand öffnen.</numerusform>
        <numerusform>Passphrase dieses Datensatzes, mindestens %n Zeichen. Ohne sie kann ihn niemand öffnen.</numerusform>
      </translation>
    </message>
    <message>
      <source>Erase who %1 is</source>
      <translation>Identität von %1 löschen</translation>
    </message>
    <message>
      <source>Why? The reason stays in the journal.</source>
      <translation>Warum? Die Begründung bleibt im Journal.</translation>
    </message>
    <message>
      <source>Name, birth date, telephone and note are destroyed. The measurements stay under the code. This cannot be undone.
Daily copies of before hold them until newer ones have taken their place.

Type the code %1 to erase.</source>
      <translation>Name, Geburtsdatum, Telefon und Notiz werden vernichtet. Die Messungen bleiben unter dem Code. Das lässt sich nicht rückgängig machen.
Tägliche Kopien von vorher enthalten sie, bis neuere an ihre Stelle getreten sind.

Geben Sie zum Löschen den Code %1 ein.</translation>
    </message>
    <message>
      <source>Erase</source>
      <translation>Löschen</translation>
    </message>
    <message>
      <source>This is not the code. Nothing was erased.</source>
      <translation>Das ist nicht der Code. Nichts wurde gelöscht.</translation>
    </message>
    <message>
      <source>{1} entries of an earlier version hold the name in clear and are not changed.</source>
      <translation>{1} Einträge einer früheren Version enthalten den Namen im Klartext und werden nicht geändert.</translation>
    </message>
    <message>
      <source>A new lab book without them begins with an import of the other clients.</source>
      <translation>Ein neues Laborbuch ohne sie beginnt mit dem Import der anderen Klienten.</translation>
    </message>
    <message>
      <source>Save a table of the tests</source>
      <translation>Tabelle der Tests speichern</translation>
    </message>
    <message>
      <source>Tables (*.csv *.xlsx)</source>
      <translation>Tabellen (*.csv *.xlsx)</translation>
    </message>
    <message>
      <source>Writing the reports of %1</source>
      <translation>Die Berichte von %1 werden geschrieben</translation>
    </message>
    <message>
      <source>Save a health record</source>
      <translation>Gesundheitsakte speichern</translation>
    </message>
    <message>
      <source>FHIR bundles (*.json)</source>
      <translation>FHIR-Bündel (*.json)</translation>
    </message>
    <message>
      <source>Import a record</source>
      <translation>Akte importieren</translation>
    </message>
    <message>
      <source>Records (*.json *.json-sealed)</source>
      <translation>Datensätze (*.json *.json-sealed)</translation>
    </message>
    <message>
      <source>Open the record</source>
      <translation>Datensatz öffnen</translation>
    </message>
    <message>
      <source>Passphrase of this record</source>
      <translation>Passphrase dieses Datensatzes</translation>
    </message>
    <message>
      <source>✓ signed, version %1</source>
      <translation>✓ unterschrieben, Version %1</translation>
    </message>
    <message>
      <source>✓ signed</source>
      <translation>✓ signiert</translation>
    </message>
    <message>
      <source>no result: %1</source>
      <translation>kein Ergebnis: %1</translation>
    </message>
    <message>
      <source>▲ not signed</source>
      <translation>▲ nicht unterschrieben</translation>
    </message>
    <message>
      <source>not comparable</source>
      <translation>nicht vergleichbar</translation>
    </message>
    <message>
      <source>%1, exceeds the LSC</source>
      <translation>%1, überschreitet die LSC</translation>
    </message>
    <message>
      <source>%1, within error</source>
      <translation>%1, im Messfehler</translation>
    </message>
    <message>
      <source>fat-free mass: %1</source>
      <translation>fettfreie Masse: %1</translation>
    </message>
    <message>
      <source>± %1 (95 % CI)</source>
      <translation>± %1 (95-%-KI)</translation>
    </message>
    <message>
      <source>± is the 95 % CI</source>
      <translation>± ist das 95-%-Intervall</translation>
    </message>
    <message>
      <source>in words only</source>
      <translation>nur in Worten</translation>
    </message>
    <message>
      <source>without the name</source>
      <translation>ohne Namen</translation>
    </message>
    <message>
      <source>Report on a visit</source>
      <translation>Bericht über einen Besuch</translation>
    </message>
    <message>
      <source>Visit</source>
      <translation>Besuch</translation>
    </message>
    <message>
      <source>Language of the pages</source>
      <translation>Sprache der Seiten</translation>
    </message>
    <message>
      <source>Sign the test, then write the report.</source>
      <translation>Erst den Test unterschreiben, dann den Bericht schreiben.</translation>
    </message>
    <message>
      <source>Dose of pure tracer water</source>
      <translation>Dosis an reinem Tracerwasser</translation>
    </message>
    <message>
      <source>Enrichment before the dose</source>
      <translation>Anreicherung vor der Dosis</translation>
    </message>
    <message>
      <source>Enrichment at equilibrium</source>
      <translation>Anreicherung im Gleichgewicht</translation>
    </message>
    <message>
      <source>Body water, as reported</source>
      <translation>Körperwasser, wie berichtet</translation>
    </message>
    <message>
      <source>Body water by dilution</source>
      <translation>Körperwasser durch Verdünnung</translation>
    </message>
    <message>
      <source>What was reported</source>
      <translation>Was berichtet wurde</translation>
    </message>
    <message>
      <source>Deuterium (²H₂O): dose and enrichments</source>
      <translation>Deuterium (²H₂O): Dosis und Anreicherungen</translation>
    </message>
    <message>
      <source>Oxygen-18 (H₂¹⁸O): dose and enrichments</source>
      <translation>Sauerstoff-18 (H₂¹⁸O): Dosis und Anreicherungen</translation>
    </message>
    <message>
      <source>Litres of body water</source>
      <translation>Liter Körperwasser</translation>
    </message>
    <message>
      <source>Unit of the enrichments</source>
      <translation>Einheit der Anreicherungen</translation>
    </message>
    <message>
      <source>mg of tracer water per kg of water</source>
      <translation>mg Tracerwasser je kg Wasser</translation>
    </message>
    <message>
      <source>ppm of atoms</source>
      <translation>ppm der Atome</translation>
    </message>
    <message>
      <source>Samples of %1. Dose and water of the samples are weighed; the tracer's space is divided by %2 (deuterium) or %3 (oxygen-18).</source>
      <translation>Proben vom %1. Dosis und Wasser der Proben werden gewogen; der Tracerraum wird durch %2 (Deuterium) oder %3 (Sauerstoff-18) geteilt.</translation>
    </message>
    <message>
      <source>Save body water</source>
      <translation>Körperwasser speichern</translation>
    </message>
    <message>
      <source>Type the litres.</source>
      <translation>Liter eintippen.</translation>
    </message>
    <message>
      <source>Type the dose and both enrichments.</source>
      <translation>Dosis und beide Anreicherungen eintippen.</translation>
    </message>
    <message>
      <source>%1 L of body water, %2 % of the mass; SE %3 L.</source>
      <translation>%1 L Körperwasser, %2 % der Masse; SE %3 L.</translation>
    </message>
    <message>
      <source>then the preparation sheet</source>
      <translation>danach das Vorbereitungsblatt</translation>
    </message>
    <message>
      <source>Book an appointment</source>
      <translation>Termin buchen</translation>
    </message>
    <message>
      <source>Client</source>
      <translation>Klient</translation>
    </message>
    <message>
      <source>Date and time</source>
      <translation>Datum und Uhrzeit</translation>
    </message>
    <message>
      <source>note</source>
      <translation>Notiz</translation>
    </message>
    <message>
      <source>When to test again</source>
      <translation>Wann wieder testen</translation>
    </message>
    <message>
      <source>Telephone</source>
      <translation>Telefon</translation>
    </message>
    <message>
      <source>Methods</source>
      <translation>Methoden</translation>
    </message>
    <message>
      <source>Again</source>
      <translation>Wieder</translation>
    </message>
    <message>
      <source>Book</source>
      <translation>Buchen</translation>
    </message>
    <message>
      <source>Note</source>
      <translation>Notiz</translation>
    </message>
    <message>
      <source>choose a client</source>
      <translation>Klienten wählen</translation>
    </message>
    <message numerus="yes">
      <source>%n found: choose one</source>
      <translation>
        <numerusform>%n gefunden: wählen</numerusform>
        <numerusform>%n gefunden: einen wählen</numerusform>
      </translation>
    </message>
    <message>
      <source>Add %1…</source>
      <translation>%1 hinzufügen…</translation>
    </message>
    <message>
      <source>A first test: any day.</source>
      <translation>Ein erster Test: beliebiger Tag.</translation>
    </message>
    <message>
      <source>The last test gives no fat; choose another school or a day.</source>
      <translation>Der letzte Test ergibt kein Fett; einen anderen Abstand oder Tag wählen.</translation>
    </message>
    <message numerus="yes">
      <source>%n week(s) after %1, at the same time of day. %2</source>
      <translation>
        <numerusform>%n Woche nach dem %1, zur selben Uhrzeit. %2</numerusform>
        <numerusform>%n Wochen nach dem %1, zur selben Uhrzeit. %2</numerusform>
      </translation>
    </message>
    <message>
      <source>A booking needs a client and at least one method.</source>
      <translation>Eine Buchung braucht einen Klienten und mindestens eine Methode.</translation>
    </message>
    <message>
      <source>%1 booked</source>
      <translation>%1 gebucht</translation>
    </message>
    <message>
      <source>▶ at the bench</source>
      <translation>▶ am Messplatz</translation>
    </message>
    <message>
      <source>measured, not signed</source>
      <translation>gemessen, nicht unterschrieben</translation>
    </message>
    <message>
      <source>called again later</source>
      <translation>später erneut gerufen</translation>
    </message>
    <message>
      <source>ended without a result</source>
      <translation>ohne Ergebnis beendet</translation>
    </message>
    <message>
      <source>booked</source>
      <translation>gebucht</translation>
    </message>
    <message>
      <source>proposed</source>
      <translation>vorgeschlagen</translation>
    </message>
    <message>
      <source>▲ nobody in</source>
      <translation>▲ niemand hinein</translation>
    </message>
    <message>
      <source>✓ water %1</source>
      <translation>✓ Wasser %1</translation>
    </message>
    <message>
      <source>▲ late</source>
      <translation>▲ verspätet</translation>
    </message>
    <message>
      <source>done</source>
      <translation>erledigt</translation>
    </message>
    <message>
      <source>▲ guardian's consent missing</source>
      <translation>▲ Einwilligung der Sorgeberechtigten fehlt</translation>
    </message>
    <message>
      <source>; water about %1 °C</source>
      <translation>; Wasser etwa %1 °C</translation>
    </message>
    <message>
      <source>Nobody is booked. "Book" is the first step.</source>
      <translation>Niemand ist gebucht. „Buchen“ ist der erste Schritt.</translation>
    </message>
    <message>
      <source>… and %1 more</source>
      <translation>… und %1 weitere</translation>
    </message>
    <message>
      <source>%1 (tel. %2)</source>
      <translation>%1 (Tel. %2)</translation>
    </message>
    <message>
      <source>time</source>
      <translation>Zeit</translation>
    </message>
    <message>
      <source>where</source>
      <translation>wo</translation>
    </message>
    <message>
      <source>how</source>
      <translation>wie</translation>
    </message>
    <message>
      <source>What is to be done, in order</source>
      <translation>Was zu tun ist, der Reihe nach</translation>
    </message>
    <message>
      <source>who</source>
      <translation>wer</translation>
    </message>
    <message>
      <source>People today</source>
      <translation>Personen heute</translation>
    </message>
    <message>
      <source>Day before</source>
      <translation>Tag davor</translation>
    </message>
    <message>
      <source>Today</source>
      <translation>Heute</translation>
    </message>
    <message>
      <source>Day after</source>
      <translation>Tag danach</translation>
    </message>
    <message>
      <source>Week</source>
      <translation>Woche</translation>
    </message>
    <message>
      <source>To do</source>
      <translation>Zu tun</translation>
    </message>
    <message>
      <source>People</source>
      <translation>Personen</translation>
    </message>
    <message>
      <source>Space ticks a line.</source>
      <translation>Leertaste hakt eine Zeile ab.</translation>
    </message>
    <message>
      <source>Start or resume</source>
      <translation>Starten oder fortsetzen</translation>
    </message>
    <message>
      <source>Book…</source>
      <translation>Buchen…</translation>
    </message>
    <message>
      <source>Cancel appointment</source>
      <translation>Termin absagen</translation>
    </message>
    <message>
      <source>Preparation sheet…</source>
      <translation>Vorbereitungsblatt…</translation>
    </message>
    <message>
      <source>Team morning</source>
      <translation>Mannschaftsmorgen</translation>
    </message>
    <message>
      <source>More…</source>
      <translation>Mehr…</translation>
    </message>
    <message>
      <source>Export calendar (.ics)…</source>
      <translation>Kalender exportieren (.ics)…</translation>
    </message>
    <message>
      <source>Calendar in (.ics)…</source>
      <translation>Kalender importieren (.ics)…</translation>
    </message>
    <message>
      <source>Water log…</source>
      <translation>Wasserprotokoll…</translation>
    </message>
    <message>
      <source>How the day is planned…</source>
      <translation>Wie der Tag geplant wird…</translation>
    </message>
    <message>
      <source>Day  ›  Team morning</source>
      <translation>Tag  ›  Mannschaftsmorgen</translation>
    </message>
    <message>
      <source>Day  ›  Week</source>
      <translation>Tag  ›  Woche</translation>
    </message>
    <message>
      <source>▲ Call %1: %2 cannot begin at %3, but at %4.</source>
      <translation>▲ %1 anrufen: %2 kann nicht um %3 beginnen, sondern um %4.</translation>
    </message>
    <message>
      <source>Move to %1</source>
      <translation>Auf %1 verlegen</translation>
    </message>
    <message>
      <source>Choose it</source>
      <translation>Auswählen</translation>
    </message>
    <message>
      <source>Week of %1</source>
      <translation>Woche vom %1</translation>
    </message>
    <message>
      <source>%1 moved to %2</source>
      <translation>%1 auf %2 verlegt</translation>
    </message>
    <message>
      <source>appointment of %1 cancelled</source>
      <translation>Termin von %1 abgesagt</translation>
    </message>
    <message>
      <source>Export calendar</source>
      <translation>Kalender exportieren</translation>
    </message>
    <message>
      <source>Calendars (*.ics)</source>
      <translation>Kalender (*.ics)</translation>
    </message>
    <message>
      <source>%1 appointments booked from the calendar; %2 left out: already booked, cancelled, or without a client's code and a method.</source>
      <translation>%1 Termine aus dem Kalender gebucht; %2 ausgelassen: schon gebucht, abgesagt oder ohne Klientencode und Methode.</translation>
    </message>
    <message>
      <source>Calendar in</source>
      <translation>Kalender importieren</translation>
    </message>
    <message>
      <source>Choose an appointment first.</source>
      <translation>Zuerst einen Termin wählen.</translation>
    </message>
    <message>
      <source>Start the chosen appointment</source>
      <translation>Gewählten Termin starten</translation>
    </message>
    <message>
      <source>Cancel the chosen appointment</source>
      <translation>Gewählten Termin absagen</translation>
    </message>
    <message>
      <source>Choose an appointment</source>
      <translation>Termin wählen</translation>
    </message>
    <message>
      <source>Left, Right</source>
      <translation>Links, Rechts</translation>
    </message>
    <message>
      <source>Move it by five minutes</source>
      <translation>Um fünf Minuten verschieben</translation>
    </message>
    <message>
      <source>Shift+Left, Shift+Right</source>
      <translation>Umschalt+Links, Umschalt+Rechts</translation>
    </message>
    <message>
      <source>Start it</source>
      <translation>Starten</translation>
    </message>
    <message>
      <source>Enter</source>
      <translation>Enter</translation>
    </message>
    <message>
      <source>Tick a line of the list</source>
      <translation>Eine Zeile der Liste abhaken</translation>
    </message>
    <message>
      <source>Tank, full</source>
      <translation>Becken, voll</translation>
    </message>
    <message>
      <source>Flow of the hose</source>
      <translation>Durchfluss des Schlauchs</translation>
    </message>
    <message>
      <source>Hot supply</source>
      <translation>Warmer Zulauf</translation>
    </message>
    <message>
      <source>Cold supply</source>
      <translation>Kalter Zulauf</translation>
    </message>
    <message>
      <source>Room</source>
      <translation>Raum</translation>
    </message>
    <message>
      <source>Heat lost</source>
      <translation>Wärmeverlust</translation>
    </message>
    <message>
      <source>Water for the first client</source>
      <translation>Wasser für den ersten Klienten</translation>
    </message>
    <message>
      <source>How the day is planned</source>
      <translation>Wie der Tag geplant wird</translation>
    </message>
    <message>
      <source>with the client, min</source>
      <translation>mit dem Klienten, min</translation>
    </message>
    <message>
      <source>change after, min</source>
      <translation>Wechsel danach, min</translation>
    </message>
    <message>
      <source>How long each method takes</source>
      <translation>Wie lange jede Methode dauert</translation>
    </message>
    <message>
      <source>Open</source>
      <translation>Geöffnet</translation>
    </message>
    <message>
      <source>Find the heat lost by reading the full tank twice, some hours apart. The numbers that ship are defaults: set your own.</source>
      <translation>Den Wärmeverlust finden Sie, indem Sie das volle Becken zweimal im Abstand einiger Stunden messen. Die mitgelieferten Zahlen sind Vorgaben: setzen Sie eigene.</translation>
    </message>
    <message>
      <source>Save the plan</source>
      <translation>Planung speichern</translation>
    </message>
    <message>
      <source>Every field needs a number.</source>
      <translation>Jedes Feld braucht eine Zahl.</translation>
    </message>
    <message>
      <source>planning of the day changed</source>
      <translation>Tagesplanung geändert</translation>
    </message>
    <message>
      <source>Preparation sheet</source>
      <translation>Vorbereitungsblatt</translation>
    </message>
    <message>
      <source>Copy as text</source>
      <translation>Als Text kopieren</translation>
    </message>
    <message>
      <source>Save the sheet</source>
      <translation>Blatt speichern</translation>
    </message>
    <message>
      <source>✓ measured</source>
      <translation>✓ gemessen</translation>
    </message>
    <message>
      <source>waits</source>
      <translation>wartet</translation>
    </message>
    <message>
      <source>code</source>
      <translation>Code</translation>
    </message>
    <message>
      <source>name</source>
      <translation>Name</translation>
    </message>
    <message>
      <source>signal</source>
      <translation>Signal</translation>
    </message>
    <message>
      <source>look at</source>
      <translation>ansehen</translation>
    </message>
    <message>
      <source>Queue</source>
      <translation>Reihenfolge</translation>
    </message>
    <message>
      <source>as asked</source>
      <translation>wie verlangt</translation>
    </message>
    <message>
      <source>Questions</source>
      <translation>Fragen</translation>
    </message>
    <message>
      <source>Call again later…  [X]</source>
      <translation>Später rufen…  [X]</translation>
    </message>
    <message>
      <source>Body fat of the group</source>
      <translation>Körperfett der Gruppe</translation>
    </message>
    <message>
      <source>Show &amp;values</source>
      <translation>&amp;Werte zeigen</translation>
    </message>
    <message>
      <source>code, scanned or typed, then Enter</source>
      <translation>Code, gescannt oder getippt, dann Enter</translation>
    </message>
    <message>
      <source>Code of the next person</source>
      <translation>Code der nächsten Person</translation>
    </message>
    <message>
      <source>Ask the group…</source>
      <translation>Gruppe befragen…</translation>
    </message>
    <message>
      <source>Review and sign…</source>
      <translation>Prüfen und unterschreiben…</translation>
    </message>
    <message>
      <source>Group table…</source>
      <translation>Gruppentabelle…</translation>
    </message>
    <message>
      <source>Back to the day</source>
      <translation>Zurück zum Tag</translation>
    </message>
    <message>
      <source>▶ here</source>
      <translation>▶ hier</translation>
    </message>
    <message>
      <source>clean</source>
      <translation>sauber</translation>
    </message>
    <message>
      <source>▲ not clean</source>
      <translation>▲ nicht sauber</translation>
    </message>
    <message>
      <source>Hide &amp;values</source>
      <translation>&amp;Werte verbergen</translation>
    </message>
    <message>
      <source>Next: %1, %2 left</source>
      <translation>Als Nächstes: %1, noch %2</translation>
    </message>
    <message>
      <source>Everybody is measured.</source>
      <translation>Alle sind gemessen.</translation>
    </message>
    <message>
      <source>Ask each alone  [D]</source>
      <translation>Jeden allein fragen  [D]</translation>
    </message>
    <message>
      <source>Something differs  [D]</source>
      <translation>Etwas ist anders  [D]</translation>
    </message>
    <message>
      <source>Ask everybody together. Nothing private is on this list; each person is asked that alone.</source>
      <translation>Alle gemeinsam fragen. Auf dieser Liste steht nichts Privates; das wird jede Person allein gefragt.</translation>
    </message>
    <message>
      <source>Asked: all say so</source>
      <translation>Gefragt: alle bejahen</translation>
    </message>
    <message>
      <source>Scan the person's code.</source>
      <translation>Code der Person scannen.</translation>
    </message>
    <message>
      <source>Sign the results, then save the group table. It contains no names.</source>
      <translation>Ergebnisse unterschreiben, dann die Gruppentabelle speichern. Sie enthält keine Namen.</translation>
    </message>
    <message>
      <source>Ask this person alone, out of the others' hearing.</source>
      <translation>Diese Person allein fragen, außer Hörweite der anderen.</translation>
    </message>
    <message>
      <source>All as asked</source>
      <translation>Alles wie verlangt</translation>
    </message>
    <message>
      <source>Does this person stand by what the group said?</source>
      <translation>Bleibt diese Person bei dem, was die Gruppe gesagt hat?</translation>
    </message>
    <message>
      <source>Stands by it</source>
      <translation>Bleibt dabei</translation>
    </message>
    <message>
      <source>On the scale in light clothing.</source>
      <translation>In leichter Kleidung auf die Waage.</translation>
    </message>
    <message>
      <source>Accept the mass</source>
      <translation>Masse übernehmen</translation>
    </message>
    <message>
      <source>Skin wiped, electrodes on, arms and thighs apart, silence.</source>
      <translation>Haut abgewischt, Elektroden an, Arme und Oberschenkel getrennt, Ruhe.</translation>
    </message>
    <message>
      <source>Once more.</source>
      <translation>Noch einmal.</translation>
    </message>
    <message>
      <source>The scale is not steady yet.</source>
      <translation>Die Waage ist noch nicht ruhig.</translation>
    </message>
    <message>
      <source>The analyzer is not connected.</source>
      <translation>Der Analysator ist nicht verbunden.</translation>
    </message>
    <message>
      <source>Measured. Wipe the electrodes for the next person.</source>
      <translation>Gemessen. Elektroden für die nächste Person abwischen.</translation>
    </message>
    <message>
      <source>Call again later</source>
      <translation>Später rufen</translation>
    </message>
    <message>
      <source>Why is this person called again later? What was done so far is kept.</source>
      <translation>Warum wird diese Person später erneut gerufen? Das bisher Getane bleibt gespeichert.</translation>
    </message>
    <message>
      <source>Fat-free mass index</source>
      <translation>Fettfreie-Masse-Index</translation>
    </message>
    <message>
      <source>Phase angle</source>
      <translation>Phasenwinkel</translation>
    </message>
    <message>
      <source>Body water</source>
      <translation>Körperwasser</translation>
    </message>
    <message>
      <source>A group, %1</source>
      <translation>Eine Gruppe, %1</translation>
    </message>
    <message>
      <source>The physiologist signs the results of a team morning.</source>
      <translation>Die Ergebnisse eines Mannschaftsmorgens unterschreibt die Physiologin oder der Physiologe.</translation>
    </message>
    <message>
      <source>Only a physiologist can do this. Ask one to take the bench.</source>
      <translation>Das darf nur eine Physiologin oder ein Physiologe. Bitten Sie eine Person mit dieser Rolle an den Messplatz.</translation>
    </message>
    <message>
      <source>No measured result waits for a signature.</source>
      <translation>Kein gemessenes Ergebnis wartet auf eine Unterschrift.</translation>
    </message>
    <message numerus="yes">
      <source>%n result(s) signed.</source>
      <translation>
        <numerusform>%n Ergebnis unterschrieben.</numerusform>
        <numerusform>%n Ergebnisse unterschrieben.</numerusform>
      </translation>
    </message>
    <message>
      <source>A group table needs at least {1} people: fewer would show single ones.</source>
      <translation>Eine Gruppentabelle braucht mindestens {1} Personen: weniger würden Einzelne zeigen.</translation>
    </message>
    <message>
      <source>Group table without names</source>
      <translation>Gruppentabelle ohne Namen</translation>
    </message>
    <message>
      <source>Page, workbook or table (*.pdf *.xlsx *.csv)</source>
      <translation>Seite, Arbeitsmappe oder Tabelle (*.pdf *.xlsx *.csv)</translation>
    </message>
    <message>
      <source>Group</source>
      <translation>Gruppe</translation>
    </message>
    <message numerus="yes">
      <source>%n answer(s) not as asked</source>
      <translation>
        <numerusform>%n Antwort nicht wie verlangt</numerusform>
        <numerusform>%n Antworten nicht wie verlangt</numerusform>
      </translation>
    </message>
    <message>
      <source>identity was doubted: %1</source>
      <translation>Identität wurde bezweifelt: %1</translation>
    </message>
    <message>
      <source>used although the signal should be repeated: %1</source>
      <translation>verwendet, obwohl die Messung wiederholt werden sollte: %1</translation>
    </message>
    <message>
      <source>no fat result: no equation applies to this person</source>
      <translation>kein Fettwert: keine Gleichung passt zu dieser Person</translation>
    </message>
    <message>
      <source>changed since the last test</source>
      <translation>seit dem letzten Test verändert</translation>
    </message>
    <message>
      <source>Results to sign</source>
      <translation>Zu unterschreibende Ergebnisse</translation>
    </message>
    <message>
      <source>Review and sign</source>
      <translation>Prüfen und unterschreiben</translation>
    </message>
    <message>
      <source>Sentence for this client</source>
      <translation>Satz für diesen Klienten</translation>
    </message>
    <message>
      <source>what it means, in a sentence that the client will read</source>
      <translation>was es bedeutet, in einem Satz, den der Klient lesen wird</translation>
    </message>
    <message>
      <source>Sign</source>
      <translation>Unterschreiben</translation>
    </message>
    <message numerus="yes">
      <source>Sign %n result(s)</source>
      <translation>
        <numerusform>%n Ergebnis unterschreiben</numerusform>
        <numerusform>%n Ergebnisse unterschreiben</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n result(s) marked ▲ must be opened first.</source>
      <translation>
        <numerusform>%n mit ▲ markiertes Ergebnis muss zuerst geöffnet werden.</numerusform>
        <numerusform>%n mit ▲ markierte Ergebnisse müssen zuerst geöffnet werden.</numerusform>
      </translation>
    </message>
    <message>
      <source>A result has no sentence yet: %1.</source>
      <translation>Ein Ergebnis hat noch keinen Satz: %1.</translation>
    </message>
    <message>
      <source>Every result is signed by itself, each with its own sentence.</source>
      <translation>Jedes Ergebnis wird einzeln unterschrieben, jedes mit seinem eigenen Satz.</translation>
    </message>
    <message>
      <source>▲ Nobody in: </source>
      <translation>▲ Niemand hinein: </translation>
    </message>
    <message>
      <source>– Put right: </source>
      <translation>– Beheben: </translation>
    </message>
    <message>
      <source>Free chlorine</source>
      <translation>Freies Chlor</translation>
    </message>
    <message>
      <source>Combined chlorine</source>
      <translation>Gebundenes Chlor</translation>
    </message>
    <message>
      <source>pH</source>
      <translation>pH</translation>
    </message>
    <message>
      <source>Temperature at body depth</source>
      <translation>Temperatur in Körpertiefe</translation>
    </message>
    <message>
      <source>Water log</source>
      <translation>Wasserprotokoll</translation>
    </message>
    <message>
      <source>what was added or changed</source>
      <translation>was zugegeben oder geändert wurde</translation>
    </message>
    <message>
      <source>when</source>
      <translation>wann</translation>
    </message>
    <message>
      <source>chlorine</source>
      <translation>Chlor</translation>
    </message>
    <message>
      <source>Read before</source>
      <translation>Zuvor gemessen</translation>
    </message>
    <message>
      <source>Limits: the lab's planning policy. Chemicals only as their makers and your local rules say, with nobody inside; never acid or ammonia with chlorine.</source>
      <translation>Grenzen: Planungsregel des Labors. Chemikalien nur nach Hersteller und örtlichen Regeln, ohne Personen im Becken; niemals Säure oder Ammoniak zu Chlor.</translation>
    </message>
    <message>
      <source>Save the reading</source>
      <translation>Messung speichern</translation>
    </message>
    <message>
      <source>Chlorine, pH and temperature, please.</source>
      <translation>Bitte Chlor, pH und Temperatur.</translation>
    </message>
    <message>
      <source>✓ Within the limits.</source>
      <translation>✓ Innerhalb der Grenzen.</translation>
    </message>
    <message>
      <source>Tank</source>
      <translation>Becken</translation>
    </message>
    <message>
      <source>The week</source>
      <translation>Die Woche</translation>
    </message>
    <message>
      <source>Sex</source>
      <translation>Geschlecht</translation>
    </message>
    <message>
      <source>%1 (%2 to %3)</source>
      <translation>%1 (%2 bis %3)</translation>
    </message>
    <message>
      <source>Type values to try it.</source>
      <translation>Werte eingeben, um sie auszuprobieren.</translation>
    </message>
    <message>
      <source> (SEE %1)</source>
      <translation> (SEE %1)</translation>
    </message>
    <message>
      <source>Equations</source>
      <translation>Gleichungen</translation>
    </message>
    <message>
      <source>Reference sets</source>
      <translation>Referenzsätze</translation>
    </message>
    <message>
      <source>Protocols</source>
      <translation>Protokolle</translation>
    </message>
    <message>
      <source>Policies</source>
      <translation>Regeln</translation>
    </message>
    <message>
      <source>Glossary</source>
      <translation>Glossar</translation>
    </message>
    <message>
      <source>True bodies of the demo's people</source>
      <translation>Wahre Körper der Demo-Personen</translation>
    </message>
    <message>
      <source>in force</source>
      <translation>in Kraft</translation>
    </message>
    <message>
      <source>Put this policy in force</source>
      <translation>Diese Regel in Kraft setzen</translation>
    </message>
    <message>
      <source>Library</source>
      <translation>Bibliothek</translation>
    </message>
    <message>
      <source>Entry</source>
      <translation>Eintrag</translation>
    </message>
    <message>
      <source>title, author or id</source>
      <translation>Titel, Autor oder Kennung</translation>
    </message>
    <message>
      <source>Entries with these words</source>
      <translation>Einträge mit diesen Wörtern</translation>
    </message>
    <message>
      <source>Entries of this method</source>
      <translation>Einträge dieser Methode</translation>
    </message>
    <message>
      <source>all methods</source>
      <translation>alle Methoden</translation>
    </message>
    <message>
      <source>Only what this lab uses</source>
      <translation>Nur was dieses Labor verwendet</translation>
    </message>
    <message>
      <source>Formula</source>
      <translation>Formel</translation>
    </message>
    <message>
      <source>Result</source>
      <translation>Ergebnis</translation>
    </message>
    <message>
      <source>Valid for</source>
      <translation>Gültig für</translation>
    </message>
    <message>
      <source>Source</source>
      <translation>Quelle</translation>
    </message>
    <message>
      <source>Coefficients</source>
      <translation>Koeffizienten</translation>
    </message>
    <message>
      <source>Caution</source>
      <translation>Vorsicht</translation>
    </message>
    <message>
      <source>In this lab</source>
      <translation>In diesem Labor</translation>
    </message>
    <message>
      <source>chosen for %1 by the policy in force, "%2"</source>
      <translation>für %1 gewählt durch die Regel in Kraft, „%2“</translation>
    </message>
    <message>
      <source>Screening</source>
      <translation>Vorabfragen</translation>
    </message>
    <message>
      <source>Readiness</source>
      <translation>Vorbereitung</translation>
    </message>
    <message>
      <source>If not as asked</source>
      <translation>Wenn nicht wie verlangt</translation>
    </message>
    <message>
      <source>Safety</source>
      <translation>Sicherheit</translation>
    </message>
    <message>
      <source>Meaning</source>
      <translation>Bedeutung</translation>
    </message>
    <message>
      <source>For the client</source>
      <translation>Für die Klienten</translation>
    </message>
    <message>
      <source>not said to clients</source>
      <translation>wird Klienten nicht gesagt</translation>
    </message>
    <message>
      <source>Only the physiologist opens the true body of a demo person.</source>
      <translation>Nur die Physiologin oder der Physiologe öffnet den wahren Körper einer Demo-Person.</translation>
    </message>
    <message>
      <source>What this is</source>
      <translation>Was das ist</translation>
    </message>
    <message>
      <source>The body that the simulated instruments measure today. Pages for clients never show it.</source>
      <translation>Der Körper, den die simulierten Geräte heute messen. Klientenseiten zeigen ihn nie.</translation>
    </message>
    <message>
      <source>available</source>
      <translation>verfügbar</translation>
    </message>
    <message>
      <source>Method</source>
      <translation>Methode</translation>
    </message>
    <message>
      <source>Reference for % fat</source>
      <translation>Referenz für % Fett</translation>
    </message>
    <message>
      <source>Signature</source>
      <translation>Unterschrift</translation>
    </message>
    <message>
      <source>technician and physiologist</source>
      <translation>Technik und Physiologie</translation>
    </message>
    <message>
      <source>technician</source>
      <translation>Technik</translation>
    </message>
    <message>
      <source>policy changed</source>
      <translation>Regel geändert</translation>
    </message>
    <message>
      <source>Put the chosen policy in force</source>
      <translation>Gewählte Regel in Kraft setzen</translation>
    </message>
    <message>
      <source>Choose a policy first.</source>
      <translation>Zuerst eine Regel wählen.</translation>
    </message>
    <message>
      <source>certain</source>
      <translation>gesichert</translation>
    </message>
    <message>
      <source>the lab's own, answered for by its physiologist</source>
      <translation>vom Labor selbst, von seiner Physiologie verantwortet</translation>
    </message>
    <message>
      <source>&lt;b&gt;not yet verified&lt;/b&gt;; never a default</source>
      <translation>&lt;b&gt;noch nicht verifiziert&lt;/b&gt;; nie eine Vorgabe</translation>
    </message>
    <message>
      <source>in force (the default)</source>
      <translation>in Kraft (Vorgabe)</translation>
    </message>
    <message>
      <source>in force, chosen by %1 on %2</source>
      <translation>in Kraft, gewählt von %1 am %2</translation>
    </message>
    <message>
      <source>%1, within %2 kg, %3 to %4 trials</source>
      <translation>%1, innerhalb %2 kg, %3 bis %4 Versuche</translation>
    </message>
    <message>
      <source>Residual volume when not measured</source>
      <translation>Residualvolumen, wenn nicht gemessen</translation>
    </message>
    <message>
      <source>Gas in the gut</source>
      <translation>Gas im Darm</translation>
    </message>
    <message>
      <source>%1 ± %2 L</source>
      <translation>%1 ± %2 L</translation>
    </message>
    <message>
      <source>Stated errors</source>
      <translation>Angegebene Fehler</translation>
    </message>
    <message>
      <source>dry mass %1 kg, typed reading %2 kg, water %3 °C, measured residual volume %4 L</source>
      <translation>Masse an Land %1 kg, getippter Wert %2 kg, Wasser %3 °C, gemessenes Residualvolumen %4 L</translation>
    </message>
    <message>
      <source>two within %1 mL are averaged; after %2 without agreement recalibrate, at most %3 sets</source>
      <translation>zwei innerhalb %1 mL werden gemittelt; nach %2 ohne Übereinstimmung neu kalibrieren, höchstens %3 Reihen</translation>
    </message>
    <message>
      <source>Thoracic gas</source>
      <translation>Thorakales Gas</translation>
    </message>
    <message>
      <source>measured; else predicted, children by their own equation</source>
      <translation>gemessen; sonst geschätzt, Kinder mit eigener Gleichung</translation>
    </message>
    <message>
      <source>mass %1 kg, one volume %2 L, thoracic gas measured %3 L or predicted %4 L, surface area %5 %</source>
      <translation>Masse %1 kg, ein Volumen %2 L, thorakales Gas gemessen %3 L oder geschätzt %4 L, Oberfläche %5 %</translation>
    </message>
    <message>
      <source>Density to fat</source>
      <translation>Von Dichte zu Fett</translation>
    </message>
    <message>
      <source>adults %1; children %2</source>
      <translation>Erwachsene %1; Kinder %2</translation>
    </message>
    <message>
      <source>Fat-free mass</source>
      <translation>Fettfreie Masse</translation>
    </message>
    <message>
      <source>Water, muscle, limbs</source>
      <translation>Wasser, Muskel, Gliedmaßen</translation>
    </message>
    <message>
      <source>Shown alongside</source>
      <translation>Daneben gezeigt</translation>
    </message>
    <message>
      <source>Water from the arc</source>
      <translation>Wasser aus der Ortskurve</translation>
    </message>
    <message>
      <source>resistance %1 %, reactance %2 %, one limb %3 %, test module %4 %</source>
      <translation>Resistanz %1 %, Reaktanz %2 %, ein Körperteil %3 %, Prüfmodul %4 %</translation>
    </message>
    <message>
      <source>Signal limits (lab-adjustable defaults)</source>
      <translation>Signalgrenzen (im Labor einstellbare Vorgaben)</translation>
    </message>
    <message>
      <source>rise %1 %, drift %2 %, sum %3 %, arms %4 and %5 %, legs %6 and %7 %</source>
      <translation>Anstieg %1 %, Drift %2 %, Summe %3 %, Arme %4 und %5 %, Beine %6 und %7 %</translation>
    </message>
    <message>
      <source>%1 %2 cm</source>
      <translation>%1 %2 cm</translation>
    </message>
    <message>
      <source>Readings of a site</source>
      <translation>Ablesungen einer Stelle</translation>
    </message>
    <message>
      <source>%1 to %2; three within %3 cm (waist, hip) or %4 cm (neck, limbs); else the median, flagged</source>
      <translation>%1 bis %2; drei innerhalb von %3 cm (Taille, Hüfte) oder %4 cm (Hals, Gliedmaßen); sonst der Median, mit Hinweis</translation>
    </message>
    <message>
      <source>From day to day (SD)</source>
      <translation>Von Tag zu Tag (SD)</translation>
    </message>
    <message>
      <source>%1; lab-adjustable defaults, replaced by the lab's own study</source>
      <translation>%1; im Labor einstellbare Vorgaben, ersetzt durch die eigene Studie des Labors</translation>
    </message>
    <message>
      <source>Limits</source>
      <translation>Grenzen</translation>
    </message>
    <message>
      <source>% fat by region</source>
      <translation>Fettanteil nach Regionen</translation>
    </message>
    <message>
      <source>Notable difference of limbs</source>
      <translation>Beachtlicher Unterschied der Gliedmaßen</translation>
    </message>
    <message>
      <source>arms %1, legs %2 %3</source>
      <translation>Arme %1, Beine %2 %3</translation>
    </message>
    <message>
      <source>Precision until the lab has its own study</source>
      <translation>Präzision, bis das Labor eine eigene Studie hat</translation>
    </message>
    <message>
      <source>fat %1 %, lean %6 %, mass %2 %, bone mineral %3 %; lean of an arm %4 %, of a leg %5 %; the upper ends of what is published</source>
      <translation>Fett %1 %, Magermasse %6 %, Masse %2 %, Knochenmineral %3 %; Magermasse eines Arms %4 %, eines Beins %5 %; obere Enden der Veröffentlichungen</translation>
    </message>
    <message>
      <source>Against the truth for one person</source>
      <translation>Gegen die Wahrheit bei einer Person</translation>
    </message>
    <message>
      <source>± %1 %-points of fat (standard deviation; lab-adjustable default within the published limits)</source>
      <translation>± %1 %-Punkte Fett (Standardabweichung; im Labor einstellbare Vorgabe innerhalb der veröffentlichten Grenzen)</translation>
    </message>
    <message>
      <source>Phantom, dose, table</source>
      <translation>Phantom, Dosis, Tisch</translation>
    </message>
    <message>
      <source>phantom within %1 %-points; %2 µSv a scan, %3 µSv in twelve months; table up to %4 kg (lab-adjustable defaults)</source>
      <translation>Phantom innerhalb %1 %-Punkten; %2 µSv je Scan, %3 µSv in zwölf Monaten; Tisch bis %4 kg (im Labor einstellbare Vorgaben)</translation>
    </message>
    <message>
      <source>Day-to-day variation (SD)</source>
      <translation>Streuung von Tag zu Tag (SD)</translation>
    </message>
    <message>
      <source>%1. Grade B or C, not yet verified. A between-day study in Quality replaces it.</source>
      <translation>%1. Grad B oder C, noch nicht verifiziert. Eine Studie über Tage unter Qualität ersetzt sie.</translation>
    </message>
    <message>
      <source>All values</source>
      <translation>Alle Werte</translation>
    </message>
    <message>
      <source>key</source>
      <translation>Schlüsselwort</translation>
    </message>
    <message>
      <source>unit</source>
      <translation>Einheit</translation>
    </message>
    <message>
      <source>allowed</source>
      <translation>erlaubt</translation>
    </message>
    <message>
      <source>Reference set</source>
      <translation>Referenzsatz</translation>
    </message>
    <message>
      <source>bands only</source>
      <translation>nur Bereiche</translation>
    </message>
    <message>
      <source>mean and standard deviation</source>
      <translation>Mittelwert und Standardabweichung</translation>
    </message>
    <message>
      <source>L, M and S</source>
      <translation>L, M und S</translation>
    </message>
    <message>
      <source>percentiles</source>
      <translation>Perzentile</translation>
    </message>
    <message>
      <source>Rows by sex and age</source>
      <translation>Zeilen nach Geschlecht und Alter</translation>
    </message>
    <message>
      <source>Title</source>
      <translation>Titel</translation>
    </message>
    <message>
      <source>Population</source>
      <translation>Bevölkerung</translation>
    </message>
    <message>
      <source>Year or date</source>
      <translation>Jahr oder Datum</translation>
    </message>
    <message>
      <source>What the band means</source>
      <translation>Was der Bereich bedeutet</translation>
    </message>
    <message>
      <source>Spread</source>
      <translation>Streuung</translation>
    </message>
    <message>
      <source>Add a row</source>
      <translation>Zeile hinzufügen</translation>
    </message>
    <message>
      <source>Remove the row</source>
      <translation>Zeile entfernen</translation>
    </message>
    <message>
      <source>Save the set</source>
      <translation>Satz speichern</translation>
    </message>
    <message>
      <source>mean</source>
      <translation>Mittelwert</translation>
    </message>
    <message>
      <source>SD</source>
      <translation>SD</translation>
    </message>
    <message>
      <source>M</source>
      <translation>M</translation>
    </message>
    <message>
      <source>S</source>
      <translation>S</translation>
    </message>
    <message>
      <source>percentile and value; …</source>
      <translation>Perzentil und Wert; …</translation>
    </message>
    <message>
      <source>sex</source>
      <translation>Geschlecht</translation>
    </message>
    <message>
      <source>age from</source>
      <translation>Alter von</translation>
    </message>
    <message>
      <source>to</source>
      <translation>bis</translation>
    </message>
    <message>
      <source>band from</source>
      <translation>Bereich von</translation>
    </message>
    <message>
      <source>to (may be empty)</source>
      <translation>bis (darf leer sein)</translation>
    </message>
    <message>
      <source>female</source>
      <translation>weiblich</translation>
    </message>
    <message>
      <source>male</source>
      <translation>männlich</translation>
    </message>
    <message>
      <source>A number of the spread is missing.</source>
      <translation>Eine Zahl der Streuung fehlt.</translation>
    </message>
    <message>
      <source>Percentiles are written as "5 12.3; 50 20.1; 95 30".</source>
      <translation>Perzentile werden als „5 12.3; 50 20.1; 95 30“ geschrieben.</translation>
    </message>
    <message>
      <source>Ages and the band of a row are numbers.</source>
      <translation>Alter und Bereich einer Zeile sind Zahlen.</translation>
    </message>
    <message>
      <source>row %1</source>
      <translation>Zeile %1</translation>
    </message>
    <message>
      <source>Reference along age</source>
      <translation>Referenz über dem Alter</translation>
    </message>
    <message>
      <source>Our clients over it</source>
      <translation>Unsere Klienten darüber</translation>
    </message>
    <message>
      <source>without our clients</source>
      <translation>ohne unsere Klienten</translation>
    </message>
    <message>
      <source>our clients, %1</source>
      <translation>unsere Klienten, %1</translation>
    </message>
    <message>
      <source>mean %1, SD %2</source>
      <translation>Mittelwert %1, SD %2</translation>
    </message>
    <message>
      <source>L %1, M %2, S %3</source>
      <translation>L %1, M %2, S %3</translation>
    </message>
    <message>
      <source>Show results against this set</source>
      <translation>Ergebnisse gegen diesen Satz zeigen</translation>
    </message>
    <message>
      <source>Save as a file…</source>
      <translation>Als Datei speichern…</translation>
    </message>
    <message>
      <source>Add a set</source>
      <translation>Hinzufügen</translation>
    </message>
    <message>
      <source>New set…</source>
      <translation>Neuer Satz…</translation>
    </message>
    <message>
      <source>Import a set…</source>
      <translation>Satz importieren…</translation>
    </message>
    <message>
      <source>From our own clients…</source>
      <translation>Aus unseren eigenen Klienten…</translation>
    </message>
    <message>
      <source>Change…</source>
      <translation>Ändern…</translation>
    </message>
    <message>
      <source>Edit a copy…</source>
      <translation>Kopie bearbeiten…</translation>
    </message>
    <message>
      <source>Values</source>
      <translation>Werte</translation>
    </message>
    <message>
      <source>age</source>
      <translation>Alter</translation>
    </message>
    <message>
      <source>from</source>
      <translation>von</translation>
    </message>
    <message>
      <source>spread</source>
      <translation>Streuung</translation>
    </message>
    <message>
      <source>open</source>
      <translation>offen</translation>
    </message>
    <message>
      <source>; n = %1</source>
      <translation>; n = %1</translation>
    </message>
    <message>
      <source>reference set chosen</source>
      <translation>Referenzsatz gewählt</translation>
    </message>
    <message>
      <source>%1, this lab's copy</source>
      <translation>%1, Kopie dieses Labors</translation>
    </message>
    <message>
      <source>Import a reference set</source>
      <translation>Referenzsatz importieren</translation>
    </message>
    <message>
      <source>Reference sets (*.json)</source>
      <translation>Referenzsätze (*.json)</translation>
    </message>
    <message>
      <source>Save the reference set</source>
      <translation>Referenzsatz speichern</translation>
    </message>
    <message>
      <source>A reference from our own clients</source>
      <translation>Referenz aus unseren eigenen Klienten</translation>
    </message>
    <message>
      <source>From the last signed result of each person of 18 and over; at least %1 of one sex and age band. It describes the people who come here, never the general population.</source>
      <translation>Aus dem letzten unterschriebenen Ergebnis jeder Person ab 18 Jahren; mindestens %1 je Geschlecht und Altersgruppe. Sie beschreibt die Menschen, die hierher kommen, nie die Allgemeinheit.</translation>
    </message>
    <message>
      <source>Make a set</source>
      <translation>Satz erstellen</translation>
    </message>
    <message>
      <source>The last time</source>
      <translation>Das letzte Mal</translation>
    </message>
    <message>
      <source>What happened when</source>
      <translation>Was wann geschah</translation>
    </message>
    <message>
      <source>Measured and true</source>
      <translation>Gemessen und wahr</translation>
    </message>
    <message>
      <source>Cases</source>
      <translation>Fälle</translation>
    </message>
    <message>
      <source>Help</source>
      <translation>Hilfe</translation>
    </message>
    <message>
      <source>Begin</source>
      <translation>Beginnen</translation>
    </message>
    <message>
      <source>   %1 of %2</source>
      <translation>   %1 von %2</translation>
    </message>
    <message numerus="yes">
      <source>▲ False alarm: %n reading(s) in order were corrected or discarded.</source>
      <translation>
        <numerusform>▲ Fehlalarm: %n Messwert, der in Ordnung war, wurde korrigiert oder verworfen.</numerusform>
        <numerusform>▲ Fehlalarme: %n Messwerte, die in Ordnung waren, wurden korrigiert oder verworfen.</numerusform>
      </translation>
    </message>
    <message>
      <source>▲ Missed: %1</source>
      <translation>▲ Übersehen: %1</translation>
    </message>
    <message>
      <source>  Cost: %1.</source>
      <translation>  Kosten: %1.</translation>
    </message>
    <message>
      <source>  It leaves no value at all.</source>
      <translation>  Es bleibt kein Wert.</translation>
    </message>
    <message>
      <source>  The rules would refuse it. Used anyway, for this client: %1 % fat.</source>
      <translation>  Die Regeln würden es ablehnen. Trotzdem verwendet, bei diesem Klienten: %1 % Fett.</translation>
    </message>
    <message>
      <source>  For this person: %1 % fat.</source>
      <translation>  Bei dieser Person: %1 % Fett.</translation>
    </message>
    <message>
      <source>with a prompt at each step</source>
      <translation>mit einem Hinweis bei jedem Schritt</translation>
    </message>
    <message>
      <source>hints asked for: %1</source>
      <translation>erbetene Hinweise: %1</translation>
    </message>
    <message>
      <source>without help</source>
      <translation>ohne Hilfe</translation>
    </message>
    <message>
      <source>Caught %1, missed %2, false alarms %3; %4 min, %5.</source>
      <translation>Erkannt %1, übersehen %2, Fehlalarme %3; %4 min, %5.</translation>
    </message>
    <message>
      <source>To practise next: %1.</source>
      <translation>Als Nächstes üben: %1.</translation>
    </message>
    <message>
      <source>The last time: %1, %2</source>
      <translation>Das letzte Mal: %1, %2</translation>
    </message>
    <message>
      <source>Not practised yet. Begin, act as with a client, and finish or end the test; then come back. What can be said and done beside the screen is under Ctrl+D.</source>
      <translation>Noch nicht geübt. Beginnen, wie mit einem Klienten handeln und den Test abschließen oder beenden; dann zurückkommen. Was neben dem Bildschirm gesagt und getan werden kann, steht unter Strg+D.</translation>
    </message>
    <message>
      <source>trial %1 accepted although it was spoilt</source>
      <translation>Versuch %1 übernommen, obwohl er verdorben war</translation>
    </message>
    <message>
      <source>trial %1 accepted</source>
      <translation>Versuch %1 übernommen</translation>
    </message>
    <message>
      <source>trial %1 excluded</source>
      <translation>Versuch %1 ausgeschlossen</translation>
    </message>
    <message>
      <source>trial %1 excluded without need</source>
      <translation>Versuch %1 ohne Not ausgeschlossen</translation>
    </message>
    <message>
      <source>% fat: the interval includes the true value, %1 %</source>
      <translation>% Fett: das Intervall enthält den wahren Wert, %1 %</translation>
    </message>
    <message>
      <source>% fat: the interval does not include the true value, %1 %</source>
      <translation>% Fett: das Intervall enthält den wahren Wert nicht, %1 %</translation>
    </message>
    <message>
      <source>Spindle: measured, 95 % interval. Line: true value</source>
      <translation>Spindel: gemessen, 95-%-Intervall. Linie: wahrer Wert</translation>
    </message>
    <message>
      <source>Reading pages</source>
      <translation>Lesebögen</translation>
    </message>
    <message>
      <source>What if</source>
      <translation>Was wäre wenn</translation>
    </message>
    <message>
      <source>How it goes</source>
      <translation>Wie es läuft</translation>
    </message>
    <message>
      <source>Practice  ›  %1</source>
      <translation>Übung  ›  %1</translation>
    </message>
    <message>
      <source>Pages to read</source>
      <translation>Seiten zum Lesen</translation>
    </message>
    <message>
      <source>Progress of a trainee</source>
      <translation>Fortschritt in der Ausbildung</translation>
    </message>
    <message>
      <source>%1 minutes ago</source>
      <translation>vor %1 Minuten</translation>
    </message>
    <message>
      <source>%1 days ago</source>
      <translation>vor %1 Tagen</translation>
    </message>
    <message>
      <source>%1 hours ago</source>
      <translation>vor %1 Stunden</translation>
    </message>
    <message>
      <source>I do not know</source>
      <translation>Ich weiß es nicht</translation>
    </message>
    <message>
      <source>There is no check "{1}" of {2}.</source>
      <translation>Es gibt keine Prüfung „{1}“ von {2}.</translation>
    </message>
    <message>
      <source>Nothing to watch for at this step.</source>
      <translation>Bei diesem Schritt ist nichts zu beachten.</translation>
    </message>
    <message>
      <source>Do this</source>
      <translation>Ausführen</translation>
    </message>
    <message>
      <source>Hint   Ctrl+J</source>
      <translation>Hinweis   Strg+J</translation>
    </message>
    <message>
      <source>Say or do beside the screen</source>
      <translation>Neben dem Bildschirm sagen oder tun</translation>
    </message>
    <message>
      <source>Say or do   Ctrl+D</source>
      <translation>Sagen oder tun   Strg+D</translation>
    </message>
    <message>
      <source>%1 says: “%2”</source>
      <translation>%1 sagt: „%2“</translation>
    </message>
    <message>
      <source>Hint: %1</source>
      <translation>Hinweis: %1</translation>
    </message>
    <message>
      <source>real</source>
      <translation>echt</translation>
    </message>
    <message>
      <source>noise</source>
      <translation>Streuung</translation>
    </message>
    <message>
      <source>what changed</source>
      <translation>was sich änderte</translation>
    </message>
    <message>
      <source>your reading</source>
      <translation>Ihre Deutung</translation>
    </message>
    <message>
      <source>Your reading</source>
      <translation>Ihre Deutung</translation>
    </message>
    <message>
      <source>Check my reading</source>
      <translation>Meine Deutung prüfen</translation>
    </message>
    <message>
      <source>1 real   2 noise   3 not comparable   Enter checks</source>
      <translation>1 echt   2 Streuung   3 nicht vergleichbar   Enter prüft</translation>
    </message>
    <message>
      <source>The answer</source>
      <translation>Die Antwort</translation>
    </message>
    <message>
      <source>Preparing the page</source>
      <translation>Die Seite wird vorbereitet</translation>
    </message>
    <message>
      <source>%1 of %2 read rightly.</source>
      <translation>%1 von %2 richtig gedeutet.</translation>
    </message>
    <message>
      <source> (one pair of tests in twenty deceives like this)</source>
      <translation> (ein Testpaar von zwanzig täuscht so)</translation>
    </message>
    <message>
      <source> (a change too small for these two tests)</source>
      <translation> (eine Änderung, die für diese zwei Tests zu klein ist)</translation>
    </message>
    <message>
      <source>%1: %2
True value %3.</source>
      <translation>%1: %2
Wahrer Wert: %3.</translation>
    </message>
    <message>
      <source>cases met</source>
      <translation>bestandene Fälle</translation>
    </message>
    <message>
      <source>Cases met by method</source>
      <translation>Bestandene Fälle nach Methode</translation>
    </message>
    <message>
      <source>goals</source>
      <translation>Ziele</translation>
    </message>
    <message>
      <source>measured</source>
      <translation>gemessen</translation>
    </message>
    <message>
      <source>truth</source>
      <translation>wahr</translation>
    </message>
    <message>
      <source>minutes</source>
      <translation>Minuten</translation>
    </message>
    <message>
      <source>help</source>
      <translation>Hilfe</translation>
    </message>
    <message>
      <source>What was practised</source>
      <translation>Was geübt wurde</translation>
    </message>
    <message>
      <source>Goals met over time</source>
      <translation>Erreichte Ziele über der Zeit</translation>
    </message>
    <message>
      <source>Trainee</source>
      <translation>In Ausbildung</translation>
    </message>
    <message>
      <source>Sign-off sheet…</source>
      <translation>Freigabeblatt…</translation>
    </message>
    <message>
      <source>page read: %1</source>
      <translation>Seite gelesen: %1</translation>
    </message>
    <message>
      <source>%1 · practice</source>
      <translation>%1 · Übung</translation>
    </message>
    <message>
      <source>Practice record of %1</source>
      <translation>Übungsnachweis von %1</translation>
    </message>
    <message>
      <source>Simulated clients on simulated instruments. A case counts when its last attempt met every goal. What a trainee may do alone with clients is decided by the lab, not by this page.</source>
      <translation>Simulierte Klienten an simulierten Geräten. Ein Fall zählt, wenn sein letzter Versuch jedes Ziel erreicht hat. Was jemand in Ausbildung allein mit Klienten tun darf, entscheidet das Labor, nicht diese Seite.</translation>
    </message>
    <message>
      <source>%1: %2 of %3 cases, %4 of them without help</source>
      <translation>%1: %2 von %3 Fällen, %4 davon ohne Hilfe</translation>
    </message>
    <message>
      <source>not yet</source>
      <translation>noch nicht</translation>
    </message>
    <message>
      <source>✓ met, %1%2</source>
      <translation>✓ bestanden, %1%2</translation>
    </message>
    <message>
      <source>, with help</source>
      <translation>, mit Hilfe</translation>
    </message>
    <message>
      <source>Pages read: %1 of %2 changes judged rightly.</source>
      <translation>Gelesene Seiten: %1 von %2 Änderungen richtig beurteilt.</translation>
    </message>
    <message>
      <source>may work alone: ______</source>
      <translation>darf allein arbeiten: ______</translation>
    </message>
    <message>
      <source>signed off by ____________________   date ____________</source>
      <translation>freigegeben von: ____________________   Datum: ____________</translation>
    </message>
    <message>
      <source>Practice record</source>
      <translation>Übungsnachweis</translation>
    </message>
    <message>
      <source>fat %</source>
      <translation>Fett %</translation>
    </message>
    <message>
      <source>The recording</source>
      <translation>Die Aufzeichnung</translation>
    </message>
    <message>
      <source>Result and truth</source>
      <translation>Ergebnis und Wahrheit</translation>
    </message>
    <message>
      <source>man</source>
      <translation>Mann</translation>
    </message>
    <message>
      <source>woman</source>
      <translation>Frau</translation>
    </message>
    <message>
      <source>What goes wrong</source>
      <translation>Was schiefgeht</translation>
    </message>
    <message>
      <source>The body</source>
      <translation>Der Körper</translation>
    </message>
    <message>
      <source>fat in truth</source>
      <translation>wahrer Fettanteil</translation>
    </message>
    <message>
      <source>height</source>
      <translation>Größe</translation>
    </message>
    <message>
      <source>hydration of the fat-free mass</source>
      <translation>Wassergehalt der fettfreien Masse</translation>
    </message>
    <message>
      <source>On the day</source>
      <translation>Am Tag</translation>
    </message>
    <message>
      <source>eaten or drunk just before</source>
      <translation>kurz davor gegessen oder getrunken</translation>
    </message>
    <message>
      <source>air held back under water</source>
      <translation>unter Wasser zurückgehaltene Luft</translation>
    </message>
    <message>
      <source>Nothing here is kept. The test is played by the same simulator and computed by the same policy as on the bench; of its recordings one more, with the same faults, is shown.</source>
      <translation>Nichts davon wird gespeichert. Der Test wird vom selben Simulator gespielt und nach derselben Regel berechnet wie am Messplatz; von seinen Aufzeichnungen wird eine weitere mit denselben Fehlern gezeigt.</translation>
    </message>
    <message>
      <source>Nothing to object to.</source>
      <translation>Nichts zu beanstanden.</translation>
    </message>
    <message>
      <source>Would be taken: %1</source>
      <translation>Würde übernommen: %1</translation>
    </message>
    <message>
      <source>▲ Would be refused: %1</source>
      <translation>▲ Würde abgelehnt: %1</translation>
    </message>
    <message>
      <source>No result: no reading has a value. True fat %1 %.</source>
      <translation>Kein Ergebnis: Kein Messwert liegt vor. Wahrer Fettanteil: %1 %.</translation>
    </message>
    <message>
      <source>%1 ± %2 % fat (95 % CI). True value %3 %, off by %4 %-points</source>
      <translation>%1 ± %2 % Fett (95-%-KI). Wahrer Wert %3 %, Abweichung %4 %-Punkte</translation>
    </message>
    <message>
      <source>▲ No result: the rules let nothing through. Used anyway: %1 % fat. True value %2 %, off by %3 %-points</source>
      <translation>▲ Kein Ergebnis: die Regeln lassen nichts durch. Trotzdem verwendet: %1 % Fett. Wahrer Wert %2 %, Abweichung %3 %-Punkte</translation>
    </message>
    <message>
      <source>Dark line: what was refused, without an interval. Thin line: true value</source>
      <translation>Dunkle Linie: was abgelehnt wurde, ohne Intervall. Dünne Linie: wahrer Wert</translation>
    </message>
    <message>
      <source>Adopt as cross-calibration</source>
      <translation>Als Kreuzkalibrierung übernehmen</translation>
    </message>
    <message>
      <source>Difference between two methods over their mean</source>
      <translation>Unterschied zweier Methoden über ihrem Mittelwert</translation>
    </message>
    <message>
      <source>Reference method</source>
      <translation>Referenzmethode</translation>
    </message>
    <message>
      <source>Other method</source>
      <translation>Andere Methode</translation>
    </message>
    <message>
      <source>Reference</source>
      <translation>Referenz</translation>
    </message>
    <message>
      <source>and</source>
      <translation>und</translation>
    </message>
    <message>
      <source>Reading the tests…</source>
      <translation>Die Tests werden gelesen…</translation>
    </message>
    <message>
      <source>Reading the tests</source>
      <translation>Die Tests werden gelesen</translation>
    </message>
    <message>
      <source> Adopted on %1 from %2 people: converted values are marked.</source>
      <translation> Übernommen am %1 aus %2 Personen: umgerechnete Werte sind gekennzeichnet.</translation>
    </message>
    <message numerus="yes">
      <source>%n people had both; at least three are needed.</source>
      <translation>
        <numerusform>%n Klient hatte beide; mindestens drei werden gebraucht.</numerusform>
        <numerusform>%n Klienten hatten beide; mindestens drei werden gebraucht.</numerusform>
      </translation>
    </message>
    <message>
      <source>n = %1. Mean difference %2 %-points; 95 % limits of agreement %3 and %4.</source>
      <translation>n = %1. Mittlerer Unterschied %2 %-Punkte; 95-%-Übereinstimmungsgrenzen %3 und %4.</translation>
    </message>
    <message>
      <source>Concordance %1. Deming regression: slope %2, intercept %3.</source>
      <translation>Konkordanz %1. Deming-Regression: Steigung %2, Achsenabschnitt %3.</translation>
    </message>
    <message>
      <source>The difference depends on the level.</source>
      <translation>Der Unterschied hängt von der Höhe des Werts ab.</translation>
    </message>
    <message>
      <source>A cross-calibration needs n ≥ %1 over the whole range.</source>
      <translation>Eine Kreuzkalibrierung braucht n ≥ %1 über den ganzen Bereich.</translation>
    </message>
    <message>
      <source>%-points</source>
      <translation>%-Punkte</translation>
    </message>
    <message>
      <source>There are too few people measured by both.</source>
      <translation>Es sind zu wenige Personen mit beiden gemessen.</translation>
    </message>
    <message>
      <source>R gel = %1 + %2 · R contact, ± %3 Ω for one person, from %4 people between %5 and %6 Ω</source>
      <translation>R Gel = %1 + %2 · R Kontakt, ± %3 Ω bei einer Person, aus %4 Personen zwischen %5 und %6 Ω</translation>
    </message>
    <message>
      <source>Apparent resistivities (n = %1):</source>
      <translation>Scheinbare spezifische Widerstände (n = %1):</translation>
    </message>
    <message>
      <source>%1: %2 Ω·cm, ± %3 % for one person</source>
      <translation>%1: %2 Ω·cm, ± %3 % bei einer Person</translation>
    </message>
    <message>
      <source>Adopt it for new tests</source>
      <translation>Für neue Tests übernehmen</translation>
    </message>
    <message>
      <source>Contacts to gel electrodes, whole body</source>
      <translation>Kontakte zu Gel-Elektroden, Ganzkörper</translation>
    </message>
    <message>
      <source>Segments against the lab's densitometer</source>
      <translation>Segmente gegen den DXA-Scanner des Labors</translation>
    </message>
    <message>
      <source>women</source>
      <translation>Frauen</translation>
    </message>
    <message>
      <source>men</source>
      <translation>Männer</translation>
    </message>
    <message>
      <source>Kind of calibration</source>
      <translation>Art der Kalibrierung</translation>
    </message>
    <message>
      <source>Whom it is for</source>
      <translation>Für wen sie gilt</translation>
    </message>
    <message>
      <source>Import people measured by both…</source>
      <translation>Personen importieren, die mit beiden gemessen wurden…</translation>
    </message>
    <message>
      <source>Needed: n ≥ %1 of one sex for the electrodes, n ≥ %2 for the segments. Without them results are raw, or are called an uncalibrated estimate.</source>
      <translation>Nötig: n ≥ %1 eines Geschlechts für die Elektroden, n ≥ %2 für die Segmente. Ohne sie sind die Ergebnisse roh oder heißen unkalibrierte Schätzung.</translation>
    </message>
    <message>
      <source>In force</source>
      <translation>In Kraft</translation>
    </message>
    <message>
      <source>Fitted now</source>
      <translation>Jetzt angepasst</translation>
    </message>
    <message>
      <source>None yet.</source>
      <translation>Noch keine.</translation>
    </message>
    <message>
      <source>adopted by %1 on %2</source>
      <translation>übernommen von %1 am %2</translation>
    </message>
    <message>
      <source>People measured by both</source>
      <translation>Mit beiden gemessene Personen</translation>
    </message>
    <message>
      <source>Control chart</source>
      <translation>Regelkarte</translation>
    </message>
    <message>
      <source>rules</source>
      <translation>Regeln</translation>
    </message>
    <message>
      <source>Points that break a rule</source>
      <translation>Punkte, die eine Regel verletzen</translation>
    </message>
    <message>
      <source>Points that break a rule. Click a point, or activate a line, to open its check.</source>
      <translation>Punkte, die eine Regel verletzen. Einen Punkt anklicken oder eine Zeile öffnen, um die Prüfung zu sehen.</translation>
    </message>
    <message>
      <source>No checks yet. The first ten make the baseline.</source>
      <translation>Noch keine Prüfungen. Die ersten zehn bilden die Grundlinie.</translation>
    </message>
    <message>
      <source>%1 of 10 values for the baseline; nothing is judged before.</source>
      <translation>%1 von 10 Werten für die Grundlinie; vorher wird nichts beurteilt.</translation>
    </message>
    <message>
      <source>Mean %1, SD %2 %3; %4 of %5 points out of control.</source>
      <translation>Mittelwert %1, SD %2 %3; %4 von %5 Punkten außer Kontrolle.</translation>
    </message>
    <message>
      <source>Reading</source>
      <translation>Messwert</translation>
    </message>
    <message>
      <source>Accept reading</source>
      <translation>Wert übernehmen</translation>
    </message>
    <message>
      <source>Read the instrument</source>
      <translation>Gerät auslesen</translation>
    </message>
    <message>
      <source>check</source>
      <translation>Prüfung</translation>
    </message>
    <message>
      <source>reference</source>
      <translation>Referenz</translation>
    </message>
    <message>
      <source>reading</source>
      <translation>Messwert</translation>
    </message>
    <message>
      <source>error</source>
      <translation>Fehler</translation>
    </message>
    <message>
      <source>Checks</source>
      <translation>Prüfungen</translation>
    </message>
    <message>
      <source>Next check: %1.</source>
      <translation>Nächste Prüfung: %1.</translation>
    </message>
    <message>
      <source>The chart is out of control: find the cause.</source>
      <translation>Die Regelkarte ist außer Kontrolle: Ursache finden.</translation>
    </message>
    <message>
      <source>Repeat the check.</source>
      <translation>Prüfung wiederholen.</translation>
    </message>
    <message>
      <source>service</source>
      <translation>Wartung</translation>
    </message>
    <message>
      <source>✓ passed</source>
      <translation>✓ bestanden</translation>
    </message>
    <message>
      <source>▲ failed</source>
      <translation>▲ nicht bestanden</translation>
    </message>
    <message numerus="yes">
      <source>%n test(s) since the last passed check (%1). Review.</source>
      <translation>
        <numerusform>%n Test seit der letzten bestandenen Prüfung (%1). Durchsehen.</numerusform>
        <numerusform>%n Tests seit der letzten bestandenen Prüfung (%1). Durchsehen.</numerusform>
      </translation>
    </message>
    <message>
      <source>A check needs the reference value and a reading.</source>
      <translation>Eine Prüfung braucht den Referenzwert und einen Messwert.</translation>
    </message>
    <message>
      <source>Type numbers with a point or a comma.</source>
      <translation>Zahlen mit Punkt oder Komma tippen.</translation>
    </message>
    <message>
      <source>▲ Failed. %1 Repeat the check; if it fails again, have the instrument serviced.</source>
      <translation>▲ Nicht bestanden. %1 Prüfung wiederholen; scheitert sie erneut, das Gerät warten lassen.</translation>
    </message>
    <message>
      <source>today %1</source>
      <translation>heute %1</translation>
    </message>
    <message>
      <source>▲ The certificate of "%1" has expired. Enter the new one: Reference object.</source>
      <translation>▲ Das Zertifikat von „%1“ ist abgelaufen. Das neue eintragen: Referenzobjekt.</translation>
    </message>
    <message>
      <source>▲ Check due. Last made %1.</source>
      <translation>▲ Prüfung fällig. Zuletzt %1.</translation>
    </message>
    <message>
      <source>▲ Check due: never done.</source>
      <translation>▲ Prüfung fällig: noch nie gemacht.</translation>
    </message>
    <message>
      <source>▲ Valid, but out of control: %1. Find the cause.</source>
      <translation>▲ Gültig, aber außer Kontrolle: %1. Ursache finden.</translation>
    </message>
    <message>
      <source>✓ Valid. Next check: %1.</source>
      <translation>✓ Gültig. Nächste Prüfung: %1.</translation>
    </message>
    <message>
      <source>%1, certified %2 %4 (SE %3)</source>
      <translation>%1, zertifiziert %2 %4 (SE %3)</translation>
    </message>
    <message>
      <source> no. %1</source>
      <translation> Nr. %1</translation>
    </message>
    <message>
      <source>certificate until %1</source>
      <translation>Zertifikat bis %1</translation>
    </message>
    <message>
      <source>certificate: not on file</source>
      <translation>Zertifikat: nicht hinterlegt</translation>
    </message>
    <message>
      <source>mean within %1 %2</source>
      <translation>Mittelwert innerhalb %1 %2</translation>
    </message>
    <message>
      <source>scatter at most %1 %2</source>
      <translation>Streuung höchstens %1 %2</translation>
    </message>
    <message>
      <source>each within %1 %2</source>
      <translation>jeder innerhalb %1 %2</translation>
    </message>
    <message>
      <source>every %1 h</source>
      <translation>alle %1 h</translation>
    </message>
    <message>
      <source>Reading %1 of %2.</source>
      <translation>Messwert %1 von %2.</translation>
    </message>
    <message>
      <source>Taken: %1.</source>
      <translation>Genommen: %1.</translation>
    </message>
    <message>
      <source>There is no live reading from this instrument.</source>
      <translation>Von diesem Gerät kommt kein Messwert.</translation>
    </message>
    <message>
      <source>Type the reading, or connect the instrument.</source>
      <translation>Den Wert eintippen oder das Gerät verbinden.</translation>
    </message>
    <message>
      <source>Recording the empty chamber…</source>
      <translation>Die leere Kammer wird aufgezeichnet…</translation>
    </message>
    <message>
      <source>Recording the cylinder…</source>
      <translation>Der Zylinder wird aufgezeichnet…</translation>
    </message>
    <message>
      <source>Empty chamber recorded. Put the cylinder in, close the door, then continue.</source>
      <translation>Leere Kammer aufgezeichnet. Zylinder hineinstellen, Tür schließen, dann fortsetzen.</translation>
    </message>
    <message>
      <source>Calibrated. Take the cylinder out and put it in again for each of the five readings.</source>
      <translation>Kalibriert. Für jeden der fünf Werte den Zylinder herausnehmen und wieder hineinstellen.</translation>
    </message>
    <message>
      <source>Empty the syringe in one even stroke.</source>
      <translation>Die Spritze in einem gleichmäßigen Zug entleeren.</translation>
    </message>
    <message>
      <source>Empty the syringe in one even stroke, clearly faster or slower than before.</source>
      <translation>Die Spritze in einem gleichmäßigen Zug entleeren, deutlich schneller oder langsamer als zuvor.</translation>
    </message>
    <message>
      <source>No stroke was seen. Do it again.</source>
      <translation>Kein Zug erkannt. Noch einmal.</translation>
    </message>
    <message>
      <source>This stroke ran at %1 L/s, which adds no new flow. Do it again, clearly faster or slower (0.5 to 12 L/s).</source>
      <translation>Dieser Zug lief mit %1 L/s und bringt keinen neuen Fluss. Noch einmal, deutlich schneller oder langsamer (0,5 bis 12 L/s).</translation>
    </message>
    <message>
      <source>Instruments</source>
      <translation>Geräte</translation>
    </message>
    <message>
      <source>Tests wait for this check</source>
      <translation>Tests warten auf diese Prüfung</translation>
    </message>
    <message>
      <source>Limits and interval</source>
      <translation>Grenzen und Abstand</translation>
    </message>
    <message>
      <source>procedure, standard or manual that says so</source>
      <translation>Verfahren, Norm oder Handbuch, aus dem das stammt</translation>
    </message>
    <message>
      <source>%1, %2. Now: %3</source>
      <translation>%1, %2. Jetzt: %3</translation>
    </message>
    <message>
      <source>Mean within ± %1</source>
      <translation>Mittelwert innerhalb ± %1</translation>
    </message>
    <message>
      <source>Each reading within ± %1</source>
      <translation>Jeder Messwert innerhalb ± %1</translation>
    </message>
    <message>
      <source>Standard deviation at most, %1</source>
      <translation>Standardabweichung höchstens, %1</translation>
    </message>
    <message>
      <source>Number of readings</source>
      <translation>Zahl der Messwerte</translation>
    </message>
    <message>
      <source>Valid for, hours</source>
      <translation>Gültig für, Stunden</translation>
    </message>
    <message>
      <source>Reason or source</source>
      <translation>Grund oder Quelle</translation>
    </message>
    <message>
      <source>An empty limit is not judged. Earlier checks keep their verdict.</source>
      <translation>Eine leere Grenze wird nicht beurteilt. Frühere Prüfungen behalten ihr Urteil.</translation>
    </message>
    <message>
      <source>Save limits</source>
      <translation>Grenzen speichern</translation>
    </message>
    <message>
      <source>"%1" is not a number.</source>
      <translation>„%1“ ist keine Zahl.</translation>
    </message>
    <message>
      <source>%1: SD %2, CV %3 %, %4 degrees of freedom, upper bound %5 (one-sided 95 %).</source>
      <translation>%1: SD %2, VK %3 %, %4 Freiheitsgrade, obere Grenze %5 (einseitig 95 %).</translation>
    </message>
    <message>
      <source>%1 of 27 degrees of freedom: too few to be used.</source>
      <translation>%1 von 27 Freiheitsgraden: zu wenige zum Verwenden.</translation>
    </message>
    <message>
      <source>Changes are judged by it and by the day-to-day variation of the policy.</source>
      <translation>Änderungen werden danach und nach der Streuung von Tag zu Tag in der Regel beurteilt.</translation>
    </message>
    <message>
      <source>Least significant change %1. Changes are judged by it.</source>
      <translation>Kleinste nachweisbare Änderung %1. Änderungen werden danach beurteilt.</translation>
    </message>
    <message>
      <source>fat from</source>
      <translation>Fett von</translation>
    </message>
    <message>
      <source>person</source>
      <translation>Person</translation>
    </message>
    <message>
      <source>repeats</source>
      <translation>Wiederholungen</translation>
    </message>
    <message>
      <source>People of the study</source>
      <translation>Personen der Studie</translation>
    </message>
    <message>
      <source>Quantity of the study</source>
      <translation>Größe der Studie</translation>
    </message>
    <message>
      <source>Measured by</source>
      <translation>Gemessen von</translation>
    </message>
    <message>
      <source>repeats of one person: 18.2 18.5 18.3</source>
      <translation>Wiederholungen einer Person: 18.2 18.5 18.3</translation>
    </message>
    <message>
      <source>Repeats of one person</source>
      <translation>Wiederholungen einer Person</translation>
    </message>
    <message>
      <source>Add person</source>
      <translation>Person hinzufügen</translation>
    </message>
    <message>
      <source>Save the study</source>
      <translation>Studie speichern</translation>
    </message>
    <message>
      <source>Import CSV…</source>
      <translation>CSV importieren…</translation>
    </message>
    <message>
      <source>Measure 15 people three times or 30 people twice. On the same day, with repositioning, the study gives the repeatability. 2 to 7 days apart, prepared as always, it gives the least significant change.</source>
      <translation>15 Personen dreimal oder 30 Personen zweimal messen. Am selben Tag, neu gelagert, ergibt die Studie die Wiederholbarkeit. 2 bis 7 Tage auseinander, wie immer vorbereitet, ergibt sie die kleinste nachweisbare Änderung.</translation>
    </message>
    <message>
      <source>same day, repositioned</source>
      <translation>selber Tag, neu gelagert</translation>
    </message>
    <message>
      <source>between days</source>
      <translation>zwischen Tagen</translation>
    </message>
    <message>
      <source>Design of the study</source>
      <translation>Art der Studie</translation>
    </message>
    <message>
      <source>women and men</source>
      <translation>Frauen und Männer</translation>
    </message>
    <message>
      <source>n = %1, tests each: %2</source>
      <translation>n = %1, Tests je Person: %2</translation>
    </message>
    <message>
      <source>Plan of the study</source>
      <translation>Plan der Studie</translation>
    </message>
    <message>
      <source>Take from signed tests</source>
      <translation>Aus unterschriebenen Tests nehmen</translation>
    </message>
    <message>
      <source>Book a second day…</source>
      <translation>Zweiten Tag buchen…</translation>
    </message>
    <message>
      <source>measured by anyone</source>
      <translation>von jedem gemessen</translation>
    </message>
    <message>
      <source>by a %1</source>
      <translation>von: %1</translation>
    </message>
    <message>
      <source>by %1</source>
      <translation>von %1</translation>
    </message>
    <message>
      <source>being collected</source>
      <translation>in Arbeit</translation>
    </message>
    <message>
      <source>No study yet.</source>
      <translation>Noch keine Studie.</translation>
    </message>
    <message>
      <source>Looking for repeats in the signed tests</source>
      <translation>Wiederholungen in den unterschriebenen Tests werden gesucht</translation>
    </message>
    <message>
      <source>No client has enough signed tests for this design yet.</source>
      <translation>Noch kein Klient hat genug unterschriebene Tests für diese Art.</translation>
    </message>
    <message>
      <source>Book their second day, or type the repeats.</source>
      <translation>Den zweiten Tag buchen oder die Wiederholungen eintippen.</translation>
    </message>
    <message>
      <source>Type the repeats with spaces between them.</source>
      <translation>Die Wiederholungen mit Leerzeichen dazwischen tippen.</translation>
    </message>
    <message>
      <source>A person needs at least two repeats.</source>
      <translation>Eine Person braucht mindestens zwei Wiederholungen.</translation>
    </message>
    <message>
      <source>Import a study</source>
      <translation>Studie importieren</translation>
    </message>
    <message>
      <source>Agreement between methods…</source>
      <translation>Übereinstimmung der Methoden…</translation>
    </message>
    <message>
      <source>All instruments (Esc)</source>
      <translation>Alle Geräte (Esc)</translation>
    </message>
    <message>
      <source>Agreement between methods, over everybody who had both on one day</source>
      <translation>Übereinstimmung der Methoden, über alle, die beide an einem Tag hatten</translation>
    </message>
    <message>
      <source>Check</source>
      <translation>Prüfung</translation>
    </message>
    <message>
      <source>Reference object…</source>
      <translation>Referenzobjekt…</translation>
    </message>
    <message>
      <source>Limits…</source>
      <translation>Grenzen…</translation>
    </message>
    <message>
      <source>Service done…</source>
      <translation>Wartung erledigt…</translation>
    </message>
    <message>
      <source>Quality report…</source>
      <translation>Qualitätsbericht…</translation>
    </message>
    <message>
      <source>C&amp;hecks</source>
      <translation>Prü&amp;fungen</translation>
    </message>
    <message>
      <source>Control cha&amp;rt</source>
      <translation>Regelka&amp;rte</translation>
    </message>
    <message>
      <source>&amp;Precision</source>
      <translation>&amp;Präzision</translation>
    </message>
    <message>
      <source>Calibra&amp;tion</source>
      <translation>Ka&amp;librierung</translation>
    </message>
    <message>
      <source>Quality  ›  Agreement between methods</source>
      <translation>Qualität  ›  Übereinstimmung der Methoden</translation>
    </message>
    <message>
      <source>Quality  ›  %1</source>
      <translation>Qualität  ›  %1</translation>
    </message>
    <message>
      <source>Quality</source>
      <translation>Qualität</translation>
    </message>
    <message>
      <source>All instruments may be used.</source>
      <translation>Alle Geräte dürfen benutzt werden.</translation>
    </message>
    <message>
      <source>Needs attention: %1.</source>
      <translation>Braucht Aufmerksamkeit: %1.</translation>
    </message>
    <message>
      <source>Open %1</source>
      <translation>%1 öffnen</translation>
    </message>
    <message>
      <source>Service done</source>
      <translation>Wartung erledigt</translation>
    </message>
    <message>
      <source>What was done? The control chart starts a new baseline, and a check is due.</source>
      <translation>Was wurde gemacht? Die Regelkarte beginnt eine neue Grundlinie, und eine Prüfung ist fällig.</translation>
    </message>
    <message>
      <source>All instruments</source>
      <translation>Alle Geräte</translation>
    </message>
    <message>
      <source>Agreement between methods</source>
      <translation>Übereinstimmung der Methoden</translation>
    </message>
    <message>
      <source>Precision studies</source>
      <translation>Präzisionsstudien</translation>
    </message>
    <message>
      <source>Calibration</source>
      <translation>Kalibrierung</translation>
    </message>
    <message>
      <source>Choose an instrument with a check first.</source>
      <translation>Zuerst ein Gerät mit einer Prüfung wählen.</translation>
    </message>
    <message>
      <source>Limits of the check…</source>
      <translation>Grenzen der Prüfung…</translation>
    </message>
    <message>
      <source>Quality report</source>
      <translation>Qualitätsbericht</translation>
    </message>
    <message>
      <source>from 2026-01-31</source>
      <translation>von 2026-01-31</translation>
    </message>
    <message>
      <source>to 2026-12-31</source>
      <translation>bis 2026-12-31</translation>
    </message>
    <message>
      <source>Quality report, %1; empty for everything</source>
      <translation>Qualitätsbericht, %1; leer für alles</translation>
    </message>
    <message>
      <source>Save as PDF or table…</source>
      <translation>Als PDF oder Tabelle speichern…</translation>
    </message>
    <message>
      <source>Period; empty for everything</source>
      <translation>Zeitraum; leer für alles</translation>
    </message>
    <message>
      <source>"{1}" is not a date.</source>
      <translation>„{1}“ ist kein Datum.</translation>
    </message>
    <message>
      <source>Type it as 2026-01-31.</source>
      <translation>Als 2026-01-31 eintippen.</translation>
    </message>
    <message>
      <source>PDF or table (*.pdf *.csv)</source>
      <translation>PDF oder Tabelle (*.pdf *.csv)</translation>
    </message>
    <message>
      <source>Reference object</source>
      <translation>Referenzobjekt</translation>
    </message>
    <message>
      <source>2028-06-30; empty without a certificate</source>
      <translation>2028-06-30; leer ohne Zertifikat</translation>
    </message>
    <message>
      <source>%1, %2. Enter the values from your certificate.</source>
      <translation>%1, %2. Die Werte aus Ihrem Zertifikat eintragen.</translation>
    </message>
    <message>
      <source>Object</source>
      <translation>Objekt</translation>
    </message>
    <message>
      <source>Serial number</source>
      <translation>Seriennummer</translation>
    </message>
    <message>
      <source>Certified value, %1</source>
      <translation>Zertifizierter Wert, %1</translation>
    </message>
    <message>
      <source>Standard uncertainty, %1</source>
      <translation>Standardunsicherheit, %1</translation>
    </message>
    <message>
      <source>Certificate valid until</source>
      <translation>Zertifikat gültig bis</translation>
    </message>
    <message>
      <source>Save reference object</source>
      <translation>Referenzobjekt speichern</translation>
    </message>
    <message>
      <source>Value and uncertainty are numbers, with a point or a comma.</source>
      <translation>Wert und Unsicherheit sind Zahlen, mit Punkt oder Komma.</translation>
    </message>
    <message>
      <source>"%1" is not a date. Type year, month and day: 2028-06-30.</source>
      <translation>„%1“ ist kein Datum. Jahr, Monat und Tag tippen: 2028-06-30.</translation>
    </message>
    <message>
      <source>Second day of a precision study</source>
      <translation>Zweiter Tag einer Präzisionsstudie</translation>
    </message>
    <message>
      <source>Days later</source>
      <translation>Tage später</translation>
    </message>
    <message>
      <source> days later</source>
      <translation> Tage später</translation>
    </message>
    <message>
      <source>The same client, method and time of day, prepared as asked: only the day differs.</source>
      <translation>Derselbe Klient, dieselbe Methode und Uhrzeit, gleich vorbereitet: nur der Tag ist ein anderer.</translation>
    </message>
    <message>
      <source>Book the second day</source>
      <translation>Zweiten Tag buchen</translation>
    </message>
    <message>
      <source>Nobody had this test in the last seven days.</source>
      <translation>Niemand hatte diesen Test in den letzten sieben Tagen.</translation>
    </message>
    <message>
      <source>%1 at %2.</source>
      <translation>%1 um %2.</translation>
    </message>
    <message>
      <source>That moment has passed: choose more days.</source>
      <translation>Dieser Zeitpunkt ist vorbei: mehr Tage wählen.</translation>
    </message>
    <message>
      <source>precision study, second day</source>
      <translation>Präzisionsstudie, zweiter Tag</translation>
    </message>
    <message>
      <source>Verify the lab book</source>
      <translation>Laborbuch prüfen</translation>
    </message>
    <message>
      <source>Back up…</source>
      <translation>Sichern…</translation>
    </message>
    <message>
      <source>Every change is on disk in the chained journal before it is shown. The copy of the day is made beside the book when the window opens, every hour and after each signature. The menu at the foot of the left column restores a copy.</source>
      <translation>Jede Änderung ist im verketteten Journal auf der Platte, bevor sie gezeigt wird. Die Tageskopie entsteht neben dem Buch, wenn das Fenster öffnet, jede Stunde und nach jeder Unterschrift. Das Menü am Fuß der linken Spalte stellt eine Kopie wieder her.</translation>
    </message>
    <message>
      <source>Back up sealed…</source>
      <translation>Versiegelt sichern…</translation>
    </message>
    <message>
      <source>A copy that only a passphrase opens: for a disk that leaves the house.</source>
      <translation>Eine Kopie, die nur eine Passphrase öffnet: für einen Datenträger, der das Haus verlässt.</translation>
    </message>
    <message>
      <source>Second copy folder…</source>
      <translation>Zweiter Ordner für Kopien…</translation>
    </message>
    <message>
      <source>Cancelled. Nothing new is known of the lab book.</source>
      <translation>Abgebrochen. Über das Laborbuch ist nichts Neues bekannt.</translation>
    </message>
    <message>
      <source>✓ Copied: %1</source>
      <translation>✓ Kopiert: %1</translation>
    </message>
    <message>
      <source>Reading the whole lab book…</source>
      <translation>Das ganze Laborbuch wird gelesen…</translation>
    </message>
    <message>
      <source>A second folder for the daily copies</source>
      <translation>Zweiter Ordner für die Tageskopien</translation>
    </message>
    <message>
      <source>Back up the lab book</source>
      <translation>Laborbuch sichern</translation>
    </message>
    <message>
      <source>copy.fusain</source>
      <translation>kopie.fusain</translation>
    </message>
    <message>
      <source>Back up the lab book, sealed</source>
      <translation>Das Laborbuch versiegelt sichern</translation>
    </message>
    <message>
      <source>copy.fusain-sealed</source>
      <translation>kopie.fusain-sealed</translation>
    </message>
    <message>
      <source>Seal the copy</source>
      <translation>Kopie versiegeln</translation>
    </message>
    <message numerus="yes">
      <source>Passphrase of this copy, at least %n characters. Without it nobody can open the copy.</source>
      <translation>
        <numerusform>Passphrase dieser Kopie, mindestens %n Zeichen. Ohne sie kann niemand die Kopie öffnen.</numerusform>
        <numerusform>Passphrase dieser Kopie, mindestens %n Zeichen. Ohne sie kann niemand die Kopie öffnen.</numerusform>
      </translation>
    </message>
    <message>
      <source>Backing up…</source>
      <translation>Sicherung läuft…</translation>
    </message>
    <message>
      <source>Backing up to %1</source>
      <translation>Sicherung nach %1</translation>
    </message>
    <message>
      <source>✓ Copied and checked: %1</source>
      <translation>✓ Kopiert und geprüft: %1</translation>
    </message>
    <message>
      <source>role</source>
      <translation>Rolle</translation>
    </message>
    <message>
      <source>signs with a key</source>
      <translation>signiert mit Schlüssel</translation>
    </message>
    <message>
      <source>Who works here</source>
      <translation>Wer hier arbeitet</translation>
    </message>
    <message>
      <source>Everybody signs in with a passphrase</source>
      <translation>Alle melden sich mit einer Passphrase an</translation>
    </message>
    <message>
      <source>Seal names…</source>
      <translation>Namen versiegeln …</translation>
    </message>
    <message>
      <source>New recovery phrase…</source>
      <translation>Neuer Notschlüssel …</translation>
    </message>
    <message>
      <source>Stop sealing names…</source>
      <translation>Namen nicht mehr versiegeln …</translation>
    </message>
    <message>
      <source>Nobody takes the bench or signs a test without one. For labs of several people.</source>
      <translation>Niemand übernimmt den Platz oder unterschreibt ohne sie. Für Labore mit mehreren Personen.</translation>
    </message>
    <message>
      <source>Passphrase…</source>
      <translation>Passphrase…</translation>
    </message>
    <message>
      <source>Yours, or a first one of the chosen colleague, who types it here.</source>
      <translation>Ihre eigene oder die erste der gewählten Person, die sie hier selbst eingibt.</translation>
    </message>
    <message>
      <source>PIN for today…</source>
      <translation>PIN für heute…</translation>
    </message>
    <message>
      <source>Yours: it unlocks this window and takes the bench until the day ends.</source>
      <translation>Ihre eigene: Bis zum Ende des Tages entsperrt sie dieses Fenster und übernimmt den Messplatz.</translation>
    </message>
    <message>
      <source>Revoke the chosen key…</source>
      <translation>Gewählten Schlüssel widerrufen…</translation>
    </message>
    <message>
      <source>Name of a new colleague</source>
      <translation>Name der neuen Person</translation>
    </message>
    <message>
      <source>trainee</source>
      <translation>in Ausbildung</translation>
    </message>
    <message>
      <source>physiologist</source>
      <translation>Physiologie</translation>
    </message>
    <message>
      <source>administrator</source>
      <translation>Verwaltung</translation>
    </message>
    <message>
      <source>Role of a new colleague</source>
      <translation>Rolle der neuen Person</translation>
    </message>
    <message>
      <source>Add colleague</source>
      <translation>Person hinzufügen</translation>
    </message>
    <message>
      <source>Clients' names in the file</source>
      <translation>Namen der Klienten in der Datei</translation>
    </message>
    <message>
      <source>For a lab book that could be stolen or lost with its disk.</source>
      <translation>Für ein Laborbuch, das gestohlen werden oder mit der Festplatte verloren gehen könnte.</translation>
    </message>
    <message>
      <source>Not sealed. Whoever has the file, or a copy of it, can read who was tested. Sealed, names, birth dates, telephones, notes and plans open with a passphrase only.</source>
      <translation>Nicht versiegelt. Wer die Datei oder eine Kopie davon hat, kann lesen, wer getestet wurde. Versiegelte Namen, Geburtsdaten, Telefonnummern, Notizen und Pläne öffnet nur eine Passphrase.</translation>
    </message>
    <message>
      <source>Sealed. They open with the passphrase of: %1. Or with the recovery phrase.</source>
      <translation>Versiegelt. Es öffnet sie die Passphrase von: %1. Oder der Notschlüssel.</translation>
    </message>
    <message>
      <source>Ask everybody</source>
      <translation>Alle fragen</translation>
    </message>
    <message>
      <source>Ask nobody</source>
      <translation>Niemanden fragen</translation>
    </message>
    <message>
      <source>Seal names</source>
      <translation>Namen versiegeln</translation>
    </message>
    <message>
      <source>Make your passphrase first: it opens the names.</source>
      <translation>Legen Sie zuerst Ihre Passphrase fest: Sie öffnet die Namen.</translation>
    </message>
    <message numerus="yes">
      <source>%n older entry(s) of the journal show a name and cannot be changed.</source>
      <translation>
        <numerusform>%n älterer Eintrag des Journals zeigt einen Namen und kann nicht geändert werden.</numerusform>
        <numerusform>%n ältere Einträge des Journals zeigen einen Namen und können nicht geändert werden.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n copy(s) made before still show names: delete or seal them.</source>
      <translation>
        <numerusform>%n frühere Kopie zeigt noch Namen: löschen oder versiegeln Sie sie.</numerusform>
        <numerusform>%n frühere Kopien zeigen noch Namen: löschen oder versiegeln Sie sie.</numerusform>
      </translation>
    </message>
    <message>
      <source>New recovery phrase</source>
      <translation>Neuer Notschlüssel</translation>
    </message>
    <message>
      <source>Use this phrase</source>
      <translation>Diesen Notschlüssel verwenden</translation>
    </message>
    <message>
      <source>Stop sealing names</source>
      <translation>Namen nicht mehr versiegeln</translation>
    </message>
    <message>
      <source>Choose who is at the bench first.</source>
      <translation>Wählen Sie zuerst, wer am Messplatz ist.</translation>
    </message>
    <message>
      <source>First passphrase of a colleague</source>
      <translation>Erste Passphrase einer Kollegin oder eines Kollegen</translation>
    </message>
    <message>
      <source>Choose a colleague first.</source>
      <translation>Wählen Sie zuerst eine Kollegin oder einen Kollegen.</translation>
    </message>
    <message>
      <source>Revoke the key of %1</source>
      <translation>Schlüssel von %1 widerrufen</translation>
    </message>
    <message>
      <source>Why? What it signed stays signed; a new key can be made after this.</source>
      <translation>Warum? Was damit unterschrieben wurde, bleibt unterschrieben; danach kann ein neuer Schlüssel angelegt werden.</translation>
    </message>
    <message>
      <source>Revoke key</source>
      <translation>Schlüssel widerrufen</translation>
    </message>
    <message>
      <source>A colleague needs a name.</source>
      <translation>Eine Person braucht einen Namen.</translation>
    </message>
    <message>
      <source>Recovery phrase</source>
      <translation>Notschlüssel</translation>
    </message>
    <message>
      <source>Last group of the phrase</source>
      <translation>Letzte Gruppe des Notschlüssels</translation>
    </message>
    <message>
      <source>This phrase opens the names when all passphrases are lost. It is shown only now. Print it or write it down, and lock it away where the computer is not.</source>
      <translation>Dieser Notschlüssel öffnet die Namen, wenn alle Passphrasen verloren sind. Er wird nur jetzt gezeigt. Drucken oder schreiben Sie ihn ab und schließen Sie ihn weg, nicht beim Computer.</translation>
    </message>
    <message>
      <source>Type its last group to show that you have it.</source>
      <translation>Geben Sie seine letzte Gruppe ein, um zu zeigen, dass Sie ihn haben.</translation>
    </message>
    <message>
      <source>Save</source>
      <translation>Speichern</translation>
    </message>
    <message>
      <source>Dark</source>
      <translation>Dunkel</translation>
    </message>
    <message>
      <source>High contrast</source>
      <translation>Hoher Kontrast</translation>
    </message>
    <message>
      <source>Hide clients' names</source>
      <translation>Namen der Klienten verbergen</translation>
    </message>
    <message>
      <source>Pages of the settings</source>
      <translation>Seiten der Einstellungen</translation>
    </message>
    <message>
      <source>The lab</source>
      <translation>Das Labor</translation>
    </message>
    <message>
      <source>What every page that a client keeps carries, and the units of the lab.</source>
      <translation>Was jede Seite trägt, die ein Klient behält, und die Einheiten des Labors.</translation>
    </message>
    <message>
      <source>Methods and instruments</source>
      <translation>Methoden und Geräte</translation>
    </message>
    <message>
      <source>Only these methods are shown. After a change, open this lab book again.</source>
      <translation>Nur diese Methoden werden gezeigt. Nach einer Änderung dieses Laborbuch neu öffnen.</translation>
    </message>
    <message>
      <source>Getting out</source>
      <translation>Herauskommen</translation>
    </message>
    <message>
      <source>Read to every client before the door is shut or the water is entered.</source>
      <translation>Wird jedem Klienten vorgelesen, bevor die Tür geschlossen oder das Wasser betreten wird.</translation>
    </message>
    <message>
      <source>Who measures and who signs. The physiologist says who works here. Whoever has a passphrase enters it at the bench and for each signature.</source>
      <translation>Wer misst und wer unterschreibt. Wer hier arbeitet, legt die Physiologin oder der Physiologe fest. Wer eine Passphrase hat, gibt sie am Messplatz und für jede Unterschrift ein.</translation>
    </message>
    <message>
      <source>Lab book and copies</source>
      <translation>Laborbuch und Kopien</translation>
    </message>
    <message>
      <source>Screen and keys</source>
      <translation>Bildschirm und Tasten</translation>
    </message>
    <message>
      <source>Kept for you on this workstation, not for the lab. F1 shows all keys and changes them.</source>
      <translation>Gilt für Sie an diesem Arbeitsplatz, nicht für das Labor. F1 zeigt alle Tasten und ändert sie.</translation>
    </message>
    <message>
      <source>Size of text, from the next start</source>
      <translation>Textgröße, ab dem nächsten Start</translation>
    </message>
    <message>
      <source>Lock after inactivity of</source>
      <translation>Sperren nach Untätigkeit von</translation>
    </message>
    <message numerus="yes">
      <source>%n minute(s)</source>
      <translation>
        <numerusform>%n Minute</numerusform>
        <numerusform>%n Minuten</numerusform>
      </translation>
    </message>
    <message>
      <source>How a client gets out of the tank</source>
      <translation>Wie ein Klient aus dem Becken kommt</translation>
    </message>
    <message>
      <source>How a client gets out of the chamber</source>
      <translation>Wie ein Klient aus der Kammer kommt</translation>
    </message>
    <message>
      <source>in your own words, for this machine</source>
      <translation>in eigenen Worten, für dieses Gerät</translation>
    </message>
    <message>
      <source>Settings  ›  %1</source>
      <translation>Einstellungen  ›  %1</translation>
    </message>
    <message>
      <source>Settings</source>
      <translation>Einstellungen</translation>
    </message>
    <message>
      <source>settings of the lab changed</source>
      <translation>Einstellungen des Labors geändert</translation>
    </message>
    <message>
      <source>The lab: name, address, units</source>
      <translation>Das Labor: Name, Adresse, Einheiten</translation>
    </message>
    <message>
      <source>Another open test is recording from this instrument.</source>
      <translation>Ein anderer offener Test zeichnet von diesem Gerät auf.</translation>
    </message>
    <message>
      <source>Finish or stop that recording first.</source>
      <translation>Diese Aufzeichnung zuerst beenden.</translation>
    </message>
    <message>
      <source>The file cannot be read, or is too large for a scan.</source>
      <translation>Die Datei lässt sich nicht lesen oder ist für einen Scan zu groß.</translation>
    </message>
    <message>
      <source>Verifying the lab book</source>
      <translation>Das Laborbuch wird geprüft</translation>
    </message>
    <message>
      <source>✓ Sound: the %1 events since the last verification, and the records that they are about. The %2 before them were found sound within the last week.</source>
      <translation>✓ In Ordnung: die %1 Ereignisse seit der letzten Prüfung und die Akten, die sie betreffen. Die %2 davor wurden in der letzten Woche geprüft.</translation>
    </message>
    <message>
      <source>✓ Sound: %1 events, and all records agree with them.</source>
      <translation>✓ In Ordnung: %1 Ereignisse, und alle Akten stimmen mit ihnen überein.</translation>
    </message>
    <message>
      <source>▲ This lab book is damaged since %1.</source>
      <translation>▲ Dieses Laborbuch ist seit %1 beschädigt.</translation>
    </message>
    <message>
      <source>▲ This lab book is damaged.</source>
      <translation>▲ Dieses Laborbuch ist beschädigt.</translation>
    </message>
    <message>
      <source>This check changed nothing. Restore a copy from before that day under a new name, then compare.</source>
      <translation>Diese Prüfung hat nichts geändert. Eine Kopie von vor diesem Tag unter neuem Namen wiederherstellen und vergleichen.</translation>
    </message>
    <message>
      <source>A check is done when it is made.</source>
      <translation>Eine Prüfung ist erledigt, wenn sie gemacht ist.</translation>
    </message>
    <message>
      <source>Do the check in Quality; this line goes when it is done.</source>
      <translation>Die Prüfung unter Qualität machen; diese Zeile verschwindet danach.</translation>
    </message>
    <message>
      <source>Read it again; nothing was kept.</source>
      <translation>Erneut lesen; nichts wurde gespeichert.</translation>
    </message>
    <message>
      <source>This appointment has begun or is over; it stays where it is.</source>
      <translation>Dieser Termin hat begonnen oder ist vorbei; er bleibt, wo er ist.</translation>
    </message>
    <message>
      <source>This appointment has begun or is over; it is not cancelled.</source>
      <translation>Dieser Termin hat begonnen oder ist vorbei; er wird nicht abgesagt.</translation>
    </message>
    <message>
      <source>There is no room for these tests on this day.</source>
      <translation>Für diese Tests ist an diesem Tag kein Platz.</translation>
    </message>
    <message>
      <source>Choose another day, or fewer methods.</source>
      <translation>Einen anderen Tag oder weniger Methoden wählen.</translation>
    </message>
    <message>
      <source>from a calendar</source>
      <translation>aus einem Kalender</translation>
    </message>
    <message>
      <source>to do %1 %2</source>
      <translation>zu tun %1 %2</translation>
    </message>
    <message>
      <source>next %1 %2, %3</source>
      <translation>als Nächstes %1 %2, %3</translation>
    </message>
    <message>
      <source>Nobody in the tank: %1</source>
      <translation>Niemand ins Becken: %1</translation>
    </message>
    <message>
      <source>Log the water</source>
      <translation>Wasser protokollieren</translation>
    </message>
    <message>
      <source>%1 cannot be tested at %2 yet.</source>
      <translation>%1 kann um %2 noch nicht getestet werden.</translation>
    </message>
    <message>
      <source>Being measured: %1</source>
      <translation>Wird gemessen: %1</translation>
    </message>
    <message>
      <source>Open the bench</source>
      <translation>Messplatz öffnen</translation>
    </message>
    <message>
      <source>To sign: %1</source>
      <translation>Zu unterschreiben: %1</translation>
    </message>
    <message>
      <source>Open the test</source>
      <translation>Test öffnen</translation>
    </message>
    <message>
      <source>%1: the test of %2 is not signed.</source>
      <translation>%1: der Test von %2 ist nicht unterschrieben.</translation>
    </message>
    <message>
      <source>Done</source>
      <translation>Erledigt</translation>
    </message>
    <message>
      <source>Late: %1</source>
      <translation>Verspätet: %1</translation>
    </message>
    <message>
      <source>Now: %1</source>
      <translation>Jetzt: %1</translation>
    </message>
    <message>
      <source>in %1 min</source>
      <translation>in %1 min</translation>
    </message>
    <message>
      <source>Start the test</source>
      <translation>Test starten</translation>
    </message>
    <message>
      <source>Nobody is booked today.</source>
      <translation>Heute ist niemand gebucht.</translation>
    </message>
    <message>
      <source>All of today is done.</source>
      <translation>Heute ist alles erledigt.</translation>
    </message>
    <message>
      <source>A PIN has {1} to {2} digits.</source>
      <translation>Eine PIN hat {1} bis {2} Ziffern.</translation>
    </message>
    <message>
      <source>No random numbers can be had on this computer.</source>
      <translation>Auf diesem Rechner sind keine Zufallszahlen zu bekommen.</translation>
    </message>
    <message>
      <source>Load cell</source>
      <translation>Wägezelle</translation>
    </message>
    <message>
      <source>Water</source>
      <translation>Wasser</translation>
    </message>
    <message>
      <source>Spirometer</source>
      <translation>Spirometer</translation>
    </message>
    <message>
      <source>Chamber</source>
      <translation>Kammer</translation>
    </message>
    <message>
      <source>Chamber scale</source>
      <translation>Kammerwaage</translation>
    </message>
    <message>
      <source>Analyzer</source>
      <translation>Analysator</translation>
    </message>
    <message>
      <source>Scanner</source>
      <translation>Scanner</translation>
    </message>
    <message>
      <source>"{1}" is not a way to reach an instrument.</source>
      <translation>„{1}“ ist kein Weg zu einem Gerät.</translation>
    </message>
    <message>
      <source>Remove logo</source>
      <translation>Logo entfernen</translation>
    </message>
    <message>
      <source>metric</source>
      <translation>metrisch</translation>
    </message>
    <message>
      <source>US customary</source>
      <translation>US-üblich</translation>
    </message>
    <message>
      <source>A4</source>
      <translation>A4</translation>
    </message>
    <message>
      <source>US Letter</source>
      <translation>US Letter</translation>
    </message>
    <message>
      <source>as the desktop</source>
      <translation>wie der Desktop</translation>
    </message>
    <message>
      <source>Choose logo…</source>
      <translation>Logo wählen…</translation>
    </message>
    <message>
      <source>Name of the lab</source>
      <translation>Name des Labors</translation>
    </message>
    <message>
      <source>Address</source>
      <translation>Adresse</translation>
    </message>
    <message>
      <source>Logo</source>
      <translation>Logo</translation>
    </message>
    <message>
      <source>Paper</source>
      <translation>Papier</translation>
    </message>
    <message>
      <source>Language of new clients' pages</source>
      <translation>Sprache der Seiten neuer Klienten</translation>
    </message>
    <message>
      <source>Language of this window, from the next start</source>
      <translation>Sprache dieses Fensters, ab dem nächsten Start</translation>
    </message>
    <message>
      <source>Units of the lab</source>
      <translation>Einheiten des Labors</translation>
    </message>
    <message>
      <source>none</source>
      <translation>keines</translation>
    </message>
    <message>
      <source>Choose logo</source>
      <translation>Logo wählen</translation>
    </message>
    <message>
      <source>Pictures (*.png *.jpg *.jpeg)</source>
      <translation>Bilder (*.png *.jpg *.jpeg)</translation>
    </message>
    <message>
      <source>This file is not a picture that can be read.</source>
      <translation>Diese Datei ist kein lesbares Bild.</translation>
    </message>
    <message>
      <source>Use a PNG or JPEG file.</source>
      <translation>Eine PNG- oder JPEG-Datei verwenden.</translation>
    </message>
    <message>
      <source>The lab needs a name.</source>
      <translation>Das Labor braucht einen Namen.</translation>
    </message>
    <message>
      <source>network</source>
      <translation>Netzwerk</translation>
    </message>
    <message>
      <source>serial port</source>
      <translation>serielle Schnittstelle</translation>
    </message>
    <message>
      <source>%1: how its readings come</source>
      <translation>%1: wie seine Werte kommen</translation>
    </message>
    <message>
      <source>host:port</source>
      <translation>Rechner:Port</translation>
    </message>
    <message>
      <source>/dev/ttyUSB0:9600:none</source>
      <translation>/dev/ttyUSB0:9600:none</translation>
    </message>
    <message>
      <source>Tick at least one method.</source>
      <translation>Mindestens eine Methode ankreuzen.</translation>
    </message>
    <message>
      <source>fat percentage</source>
      <translation>Fettanteil</translation>
    </message>
    <message>
      <source>fat mass index</source>
      <translation>Fettmasse-Index</translation>
    </message>
    <message>
      <source>fat-free mass index</source>
      <translation>Fettfreie-Masse-Index</translation>
    </message>
    <message>
      <source>phase angle</source>
      <translation>Phasenwinkel</translation>
    </message>
    <message>
      <source>appendicular lean mass index</source>
      <translation>Index der Magermasse der Gliedmaßen</translation>
    </message>
    <message>
      <source>lean mass of the limbs by body mass index</source>
      <translation>Magermasse der Gliedmaßen durch Body-Mass-Index</translation>
    </message>
    <message>
      <source>body mass index</source>
      <translation>Body-Mass-Index</translation>
    </message>
    <message>
      <source>This set is not yet verified.</source>
      <translation>Dieser Satz ist noch nicht verifiziert.</translation>
    </message>
    <message>
      <source>Confirm it, and keep a copy as the lab's own.</source>
      <translation>Bestätigen und eine Kopie als eigenen Satz behalten.</translation>
    </message>
    <message>
      <source>A shipped set stays as it is; edit a copy of it.</source>
      <translation>Ein mitgelieferter Satz bleibt, wie er ist; eine Kopie davon bearbeiten.</translation>
    </message>
    <message>
      <source>No sex and age band of this lab has the {1} people that a reference needs; there are {2} people with this value in all.</source>
      <translation>Kein Geschlecht und Altersbereich dieses Labors hat die {1} Personen, die eine Referenz braucht; insgesamt haben {2} Personen diesen Wert.</translation>
    </message>
    <message>
      <source>Choose another method or quantity, or wait until more have come.</source>
      <translation>Eine andere Methode oder Größe wählen oder warten, bis mehr gekommen sind.</translation>
    </message>
    <message>
      <source>%1 imported</source>
      <translation>%1 importiert</translation>
    </message>
    <message>
      <source>PRACTICE, not a client · %1</source>
      <translation>ÜBUNG, kein Klient · %1</translation>
    </message>
    <message>
      <source>▲ %1 (record damaged)</source>
      <translation>▲ %1 (Akte beschädigt)</translation>
    </message>
    <message>
      <source>A test of {1} is open on this instrument.</source>
      <translation>Ein Test von {1} ist an diesem Gerät offen.</translation>
    </message>
    <message>
      <source>The appointment is on {1}, not today.</source>
      <translation>Der Termin ist am {1}, nicht heute.</translation>
    </message>
    <message>
      <source>The appointment is at {1}. It is {2} now.</source>
      <translation>Der Termin ist um {1}. Jetzt ist es {2}.</translation>
    </message>
    <message>
      <source>The height of this client is missing; the equations need it.</source>
      <translation>Die Größe dieses Klienten fehlt; die Gleichungen brauchen sie.</translation>
    </message>
    <message>
      <source>Measure and enter it in the dossier.</source>
      <translation>Messen und in der Akte eintragen.</translation>
    </message>
    <message>
      <source>The client is under 18 and the guardian's consent is not recorded.</source>
      <translation>Der Klient ist unter 18, und die Einwilligung der Sorgeberechtigten ist nicht festgehalten.</translation>
    </message>
    <message>
      <source>Record it in the dossier first.</source>
      <translation>Zuerst in der Akte festhalten.</translation>
    </message>
    <message>
      <source>Only the physiologist may start a test past a check.</source>
      <translation>Nur die Physiologin oder der Physiologe darf einen Test trotz einer Prüfung starten.</translation>
    </message>
    <message>
      <source>Make the check, or ask the physiologist to take the bench.</source>
      <translation>Die Prüfung machen oder die Physiologie an den Messplatz bitten.</translation>
    </message>
    <message>
      <source>No operator is chosen. This lab book has no staff yet.</source>
      <translation>Keine Bedienperson gewählt. Dieses Laborbuch hat noch kein Personal.</translation>
    </message>
    <message>
      <source>Add staff under Settings (Alt+S), People.</source>
      <translation>Personal unter Einstellungen, Personen, hinzufügen.</translation>
    </message>
    <message>
      <source>This client was in the tank today: hair and skin may be wet or warm, which makes the chamber read too lean.</source>
      <translation>Dieser Klient war heute im Becken: Haar und Haut können nass oder warm sein, wodurch die Kammer zu mager misst.</translation>
    </message>
    <message>
      <source>Dry well and wait; better, measure in the chamber before the tank.</source>
      <translation>Gut trocknen und warten; besser vor dem Becken in der Kammer messen.</translation>
    </message>
    <message>
      <source>The test {1} is not in this lab book.</source>
      <translation>Der Test {1} ist nicht in diesem Laborbuch.</translation>
    </message>
    <message>
      <source>This test is {1}.</source>
      <translation>Dieser Test ist {1}.</translation>
    </message>
    <message>
      <source>This test was taken over. It is {1}.</source>
      <translation>Dieser Test wurde übernommen. Er ist {1}.</translation>
    </message>
    <message>
      <source>What was accepted here while the server was away still waits.</source>
      <translation>Was hier ohne Server angenommen wurde, wartet noch.</translation>
    </message>
    <message>
      <source>What was accepted here is in the record.</source>
      <translation>Was hier angenommen wurde, steht in der Aufzeichnung.</translation>
    </message>
    <message>
      <source>It can be taken back from Bench, with a reason.</source>
      <translation>Er lässt sich unter Messplatz mit einer Begründung zurückholen.</translation>
    </message>
    <message>
      <source>{1} has added to this test on another workstation at {2}.</source>
      <translation>{1} hat diesem Test an einem anderen Arbeitsplatz um {2} etwas hinzugefügt.</translation>
    </message>
    <message>
      <source>It is shown here now.</source>
      <translation>Es wird hier jetzt gezeigt.</translation>
    </message>
    <message>
      <source>Look at it before you continue.</source>
      <translation>Sehen Sie es an, bevor Sie weitermachen.</translation>
    </message>
    <message>
      <source>The file cannot be read, or is larger than {1} MB.</source>
      <translation>Die Datei lässt sich nicht lesen oder ist größer als {1} MB.</translation>
    </message>
    <message>
      <source>The file could not be written: {1}</source>
      <translation>Die Datei konnte nicht geschrieben werden: {1}</translation>
    </message>
    <message>
      <source>Make room on the disk, or choose another folder.</source>
      <translation>Platz auf der Platte schaffen oder einen anderen Ordner wählen.</translation>
    </message>
    <message>
      <source>No test of that day is signed.</source>
      <translation>Kein Test dieses Tages ist unterschrieben.</translation>
    </message>
    <message>
      <source>The tank water has not been logged today.</source>
      <translation>Das Wasser im Becken wurde heute nicht protokolliert.</translation>
    </message>
    <message>
      <source>Nobody in the water. Measure chlorine, pH and temperature and log them under Day.</source>
      <translation>Niemand ins Wasser. Chlor, pH und Temperatur messen und unter Tag protokollieren.</translation>
    </message>
    <message>
      <source>Nobody goes into the tank until a later reading of the water is good.</source>
      <translation>Niemand geht ins Becken, bis eine spätere Messung des Wassers gut ist.</translation>
    </message>
    <message>
      <source>at %1 with %2 since %3</source>
      <translation>an %1 bei %2 seit %3</translation>
    </message>
    <message>
      <source>Error of the check</source>
      <translation>Fehler der Prüfung</translation>
    </message>
    <message>
      <source>Guardian's consent is recorded (under 18)</source>
      <translation>Einwilligung der Sorgeberechtigten ist festgehalten (unter 18)</translation>
    </message>
    <message>
      <source>The group of the published equations; talk it over with the client.</source>
      <translation>Die Gruppe der veröffentlichten Gleichungen; mit dem Klienten besprechen.</translation>
    </message>
    <message>
      <source>Name</source>
      <translation>Name</translation>
    </message>
    <message>
      <source>Code</source>
      <translation>Code</translation>
    </message>
    <message>
      <source>Birth date</source>
      <translation>Geburtsdatum</translation>
    </message>
    <message>
      <source>Equations for</source>
      <translation>Gleichungen für</translation>
    </message>
    <message>
      <source>Height, %1</source>
      <translation>Größe, %1</translation>
    </message>
    <message>
      <source>Units on pages</source>
      <translation>Einheiten auf Seiten</translation>
    </message>
    <message>
      <source>Language of pages</source>
      <translation>Sprache der Seiten</translation>
    </message>
    <message>
      <source>Save client</source>
      <translation>Klienten speichern</translation>
    </message>
    <message>
      <source>"%1" is not a date. Type year, month and day: 1984-06-02.</source>
      <translation>„%1“ ist kein Datum. Jahr, Monat und Tag tippen: 1984-06-02.</translation>
    </message>
    <message>
      <source>"%1" is not a height.</source>
      <translation>„%1“ ist keine Größe.</translation>
    </message>
    <message>
      <source>Save again if that is right.</source>
      <translation>Noch einmal speichern, wenn das richtig ist.</translation>
    </message>
    <message>
      <source>There is already %1, born %2. Save again if this is another client.</source>
      <translation>Es gibt schon %1, geboren %2. Noch einmal speichern, wenn das ein anderer Klient ist.</translation>
    </message>
    <message>
      <source>Nothing was saved. Save again to choose.</source>
      <translation>Nichts wurde gespeichert. Zum Auswählen noch einmal speichern.</translation>
    </message>
    <message>
      <source>%1 changed</source>
      <translation>%1 geändert</translation>
    </message>
    <message>
      <source>Changed in two places</source>
      <translation>An zwei Stellen geändert</translation>
    </message>
    <message>
      <source>%1 was changed on another workstation while it was open here.</source>
      <translation>%1 wurde an einem anderen Arbeitsplatz geändert, während der Eintrag hier offen war.</translation>
    </message>
    <message>
      <source>By %1 at %2. Choose for each field; the other stays in the journal.</source>
      <translation>Von %1 um %2. Für jedes Feld auswählen; das andere bleibt im Journal.</translation>
    </message>
    <message>
      <source>Save as chosen</source>
      <translation>Auswahl speichern</translation>
    </message>
    <message>
      <source>recorded</source>
      <translation>vermerkt</translation>
    </message>
    <message>
      <source>not recorded</source>
      <translation>nicht vermerkt</translation>
    </message>
    <message>
      <source>Guardian's consent</source>
      <translation>Einwilligung der Sorgeberechtigten</translation>
    </message>
    <message>
      <source>Entered here</source>
      <translation>Hier eingegeben</translation>
    </message>
    <message>
      <source>In the lab book now</source>
      <translation>Jetzt im Laborbuch</translation>
    </message>
    <message>
      <source>empty</source>
      <translation>leer</translation>
    </message>
    <message>
      <source>SE</source>
      <translation>SE</translation>
    </message>
    <message>
      <source>lung gas, L</source>
      <translation>Lungengas, L</translation>
    </message>
    <message>
      <source>What if the residual volume, or the thoracic gas, were, litres</source>
      <translation>Was wäre, wenn das Residualvolumen oder das thorakale Gas so viele Liter hätte</translation>
    </message>
    <message>
      <source>What if the conversion were</source>
      <translation>Was wäre mit dieser Umrechnung</translation>
    </message>
    <message>
      <source>What if the policy were</source>
      <translation>Was wäre mit dieser Regel</translation>
    </message>
    <message>
      <source>policy of the test</source>
      <translation>Regel des Tests</translation>
    </message>
    <message>
      <source>Copy worked sheet</source>
      <translation>Rechenblatt kopieren</translation>
    </message>
    <message>
      <source>Findings</source>
      <translation>Befunde</translation>
    </message>
    <message>
      <source>equation as chosen</source>
      <translation>Gleichung wie gewählt</translation>
    </message>
    <message>
      <source>What if: %1 % instead of %2 %. Nothing stored changes.</source>
      <translation>Was wäre wenn: %1 % statt %2 %. Nichts Gespeichertes ändert sich.</translation>
    </message>
    <message>
      <source>Build against the reference, for height (FMI and FFMI): %1.</source>
      <translation>Körperbau gegen die Referenz, bezogen auf die Größe (FMI und FFMI): %1.</translation>
    </message>
    <message>
      <source>The same day by %1: %2 % fat. Difference %3, where the two can differ by ± %4 (95 %). %5</source>
      <translation>Am selben Tag mit %1: %2 % Fett. Unterschied %3; die beiden können sich um ± %4 unterscheiden (95 %). %5</translation>
    </message>
    <message>
      <source>no result yet</source>
      <translation>noch kein Ergebnis</translation>
    </message>
    <message>
      <source>Steps</source>
      <translation>Schritte</translation>
    </message>
    <message>
      <source>On another workstation</source>
      <translation>An einem anderen Arbeitsplatz</translation>
    </message>
    <message>
      <source>Move the test here…</source>
      <translation>Test hierher holen…</translation>
    </message>
    <message>
      <source>No workstation has it now.</source>
      <translation>Kein Arbeitsplatz hat ihn gerade.</translation>
    </message>
    <message>
      <source>Read only: it is %1. What is accepted there is seen here.</source>
      <translation>Nur lesen: Er ist %1. Was dort angenommen wird, ist hier zu sehen.</translation>
    </message>
    <message>
      <source>Move the test here</source>
      <translation>Test hierher holen</translation>
    </message>
    <message>
      <source>It leaves the other workstation at once. Why is it moved here?</source>
      <translation>Er verlässt den anderen Arbeitsplatz sofort. Warum wird er hierher geholt?</translation>
    </message>
    <message>
      <source>Passphrase of %1</source>
      <translation>Passphrase von %1</translation>
    </message>
    <message>
      <source>Passphrase or PIN of %1</source>
      <translation>Passphrase oder PIN von %1</translation>
    </message>
    <message>
      <source>Choose a PIN</source>
      <translation>PIN wählen</translation>
    </message>
    <message>
      <source>Make your passphrase first: it is asked before a PIN is chosen.</source>
      <translation>Legen Sie zuerst Ihre Passphrase fest: Nach ihr wird gefragt, bevor eine PIN gewählt wird.</translation>
    </message>
    <message>
      <source>PIN of %1 to %2 digits. Until the day ends it unlocks this window and takes the bench.
Signing still asks for the passphrase.</source>
      <translation>PIN mit %1 bis %2 Ziffern. Bis zum Ende des Tages entsperrt sie dieses Fenster und übernimmt den Messplatz.
Beim Unterschreiben wird weiter nach der Passphrase gefragt.</translation>
    </message>
    <message>
      <source>Current passphrase</source>
      <translation>Bisherige Passphrase</translation>
    </message>
    <message>
      <source>New passphrase</source>
      <translation>Neue Passphrase</translation>
    </message>
    <message>
      <source>Repeat the passphrase</source>
      <translation>Passphrase wiederholen</translation>
    </message>
    <message>
      <source>You sign tests and take the bench with it. Nobody else can do this in your name. A lost passphrase cannot be recovered: the key is revoked and you make a new one.</source>
      <translation>Damit unterschreiben Sie Tests und übernehmen den Messplatz. Niemand sonst kann das in Ihrem Namen. Eine verlorene Passphrase lässt sich nicht wiederherstellen: Der Schlüssel wird widerrufen und Sie legen einen neuen an.</translation>
    </message>
    <message>
      <source>Save the passphrase</source>
      <translation>Passphrase speichern</translation>
    </message>
    <message>
      <source>The passphrases do not match.</source>
      <translation>Die Passphrasen stimmen nicht überein.</translation>
    </message>
    <message>
      <source>Go to %1 first, to see what this is about.</source>
      <translation>Zuerst %1 öffnen, um zu sehen, worum es geht.</translation>
    </message>
    <message>
      <source>Start past a check</source>
      <translation>Trotz einer Prüfung starten</translation>
    </message>
    <message>
      <source>Why may the test start anyway? The reason goes on the record.</source>
      <translation>Warum darf der Test trotzdem starten? Die Begründung kommt ins Protokoll.</translation>
    </message>
    <message>
      <source>Preparation not done: %1.</source>
      <translation>Vorbereitung nicht erledigt: %1.</translation>
    </message>
    <message>
      <source>Start this test?</source>
      <translation>Diesen Test starten?</translation>
    </message>
    <message>
      <source>Start anyway</source>
      <translation>Trotzdem starten</translation>
    </message>
    <message>
      <source>Do not start</source>
      <translation>Nicht starten</translation>
    </message>
    <message>
      <source>◇  to note</source>
      <translation>◇  zu beachten</translation>
    </message>
    <message>
      <source>For the client: %1</source>
      <translation>Für den Klienten: %1</translation>
    </message>
    <message>
      <source>Sheet for the pen</source>
      <translation>Blatt für den Stift</translation>
    </message>
    <message>
      <source>Picture</source>
      <translation>Bild</translation>
    </message>
    <message>
      <source>Talk</source>
      <translation>Gespräch</translation>
    </message>
    <message>
      <source>P pen away, C clear</source>
      <translation>P Stift weg, C löschen</translation>
    </message>
    <message>
      <source>P pen</source>
      <translation>P Stift</translation>
    </message>
    <message>
      <source>K take along</source>
      <translation>K mitgeben</translation>
    </message>
    <message>
      <source>S save</source>
      <translation>S speichern</translation>
    </message>
    <message>
      <source>X leave out</source>
      <translation>X auslassen</translation>
    </message>
    <message>
      <source>Tab notes</source>
      <translation>Tab Notizen</translation>
    </message>
    <message>
      <source>Space next</source>
      <translation>Leertaste weiter</translation>
    </message>
    <message>
      <source>Esc close</source>
      <translation>Esc schließen</translation>
    </message>
    <message>
      <source>↑ ↓ other energy</source>
      <translation>↑ ↓ andere Energie</translation>
    </message>
    <message>
      <source>Save what was talked over</source>
      <translation>Besprochenes speichern</translation>
    </message>
    <message>
      <source>What was talked over</source>
      <translation>Was besprochen wurde</translation>
    </message>
    <message>
      <source>Save the reason</source>
      <translation>Begründung speichern</translation>
    </message>
    <message>
      <source>The day by instruments</source>
      <translation>Der Tag nach Geräten</translation>
    </message>
    <message>
      <source>in conflict or late</source>
      <translation>im Konflikt oder verspätet</translation>
    </message>
    <message>
      <source>Chosen: %1</source>
      <translation>Gewählt: %1</translation>
    </message>
    <message>
      <source>Nobody is booked.</source>
      <translation>Niemand ist gebucht.</translation>
    </message>
    <message>
      <source>Nothing is shown yet.</source>
      <translation>Noch wird nichts gezeigt.</translation>
    </message>
    <message>
      <source>Not from %1 to %2: %3</source>
      <translation>Nicht von %1 bis %2: %3</translation>
    </message>
    <message>
      <source>Hatched: %1</source>
      <translation>Schraffiert: %1</translation>
    </message>
    <message>
      <source>Report preview</source>
      <translation>Vorschau des Berichts</translation>
    </message>
    <message>
      <source>Whole page</source>
      <translation>Ganze Seite</translation>
    </message>
    <message>
      <source>Page before</source>
      <translation>Vorige Seite</translation>
    </message>
    <message>
      <source>Next page</source>
      <translation>Nächste Seite</translation>
    </message>
    <message>
      <source>Page</source>
      <translation>Seite</translation>
    </message>
    <message>
      <source>page %1 of %2</source>
      <translation>Seite %1 von %2</translation>
    </message>
    <message>
      <source>Lab books (*.fusain)</source>
      <translation>Laborbücher (*.fusain)</translation>
    </message>
    <message>
      <source>Recent</source>
      <translation>Zuletzt</translation>
    </message>
    <message>
      <source>Open lab book…</source>
      <translation>Laborbuch öffnen…</translation>
    </message>
    <message>
      <source>Open lab book on a server…</source>
      <translation>Laborbuch auf einem Server öffnen…</translation>
    </message>
    <message>
      <source>New lab book…</source>
      <translation>Neues Laborbuch…</translation>
    </message>
    <message>
      <source>Restore a copy…</source>
      <translation>Kopie wiederherstellen…</translation>
    </message>
    <message>
      <source>Open practice room</source>
      <translation>Übungsraum öffnen</translation>
    </message>
    <message>
      <source>%1 (not connected)</source>
      <translation>%1 (nicht verbunden)</translation>
    </message>
    <message>
      <source>No other lab book yet</source>
      <translation>Noch kein anderes Laborbuch</translation>
    </message>
    <message>
      <source>Open lab book</source>
      <translation>Laborbuch öffnen</translation>
    </message>
    <message>
      <source>Open %1?</source>
      <translation>%1 öffnen?</translation>
    </message>
    <message>
      <source>It opens in a window of its own. Open tests in this lab book are kept either way.</source>
      <translation>Es öffnet in einem eigenen Fenster. Offene Tests dieses Laborbuchs bleiben so oder so erhalten.</translation>
    </message>
    <message>
      <source>Stay in this window</source>
      <translation>In diesem Fenster bleiben</translation>
    </message>
    <message>
      <source>Close this window</source>
      <translation>Dieses Fenster schließen</translation>
    </message>
    <message>
      <source>New lab book</source>
      <translation>Neues Laborbuch</translation>
    </message>
    <message>
      <source>There is already a file here.</source>
      <translation>Hier ist schon eine Datei.</translation>
    </message>
    <message>
      <source>Choose a new name; nothing is ever overwritten.</source>
      <translation>Einen neuen Namen wählen; nichts wird je überschrieben.</translation>
    </message>
    <message>
      <source>Open lab book on a server</source>
      <translation>Laborbuch auf einem Server öffnen</translation>
    </message>
    <message>
      <source>Address of the lab book. A password is kept in ~/.pgpass, not here.</source>
      <translation>Adresse des Laborbuchs. Ein Passwort steht in ~/.pgpass, nicht hier.</translation>
    </message>
    <message>
      <source>Choose a copy to restore</source>
      <translation>Kopie zum Wiederherstellen wählen</translation>
    </message>
    <message>
      <source>Lab books and sealed copies (*.fusain *.fusain-sealed)</source>
      <translation>Laborbücher und versiegelte Kopien (*.fusain *.fusain-sealed)</translation>
    </message>
    <message>
      <source>Restore as a new lab book</source>
      <translation>Als neues Laborbuch wiederherstellen</translation>
    </message>
    <message>
      <source>Open the copy</source>
      <translation>Kopie öffnen</translation>
    </message>
    <message>
      <source>Passphrase of this copy</source>
      <translation>Passphrase dieser Kopie</translation>
    </message>
    <message>
      <source>Checking the copy and restoring it</source>
      <translation>Die Kopie wird geprüft und wiederhergestellt</translation>
    </message>
    <message>
      <source>Another window could not be started.</source>
      <translation>Ein weiteres Fenster konnte nicht gestartet werden.</translation>
    </message>
    <message>
      <source>Start Fusain from the desktop and open the lab book there.</source>
      <translation>Fusain vom Desktop starten und das Laborbuch dort öffnen.</translation>
    </message>
    <message>
      <source>Save a copy…</source>
      <translation>Kopie speichern…</translation>
    </message>
    <message>
      <source>Decide…</source>
      <translation>Entscheiden…</translation>
    </message>
    <message numerus="yes">
      <source>%n entry(s) of this workstation wait for your decision: another workstation has written to the same test.</source>
      <translation>
        <numerusform>%n Eintrag dieses Arbeitsplatzes wartet auf Ihre Entscheidung: Ein anderer Arbeitsplatz hat in denselben Test geschrieben.</numerusform>
        <numerusform>%n Einträge dieses Arbeitsplatzes warten auf Ihre Entscheidung: Ein anderer Arbeitsplatz hat in denselben Test geschrieben.</numerusform>
      </translation>
    </message>
    <message>
      <source>Save as a new lab book</source>
      <translation>Als neues Laborbuch speichern</translation>
    </message>
    <message>
      <source>rescued.fusain</source>
      <translation>gerettet.fusain</translation>
    </message>
    <message>
      <source>Saved and verified: %1. Close this window and open that lab book.</source>
      <translation>Gespeichert und geprüft: %1. Dieses Fenster schließen und jenes Laborbuch öffnen.</translation>
    </message>
    <message>
      <source>Saved: %1</source>
      <translation>Gespeichert: %1</translation>
    </message>
    <message>
      <source>Commands</source>
      <translation>Befehle</translation>
    </message>
    <message>
      <source>What do you want to do?</source>
      <translation>Was möchten Sie tun?</translation>
    </message>
    <message>
      <source>Search commands</source>
      <translation>Befehle suchen</translation>
    </message>
    <message>
      <source>Enter runs the chosen command. Esc closes.</source>
      <translation>Enter führt den gewählten Befehl aus. Esc schließt.</translation>
    </message>
    <message>
      <source>Not now: %1</source>
      <translation>Jetzt nicht: %1</translation>
    </message>
    <message>
      <source>Staff</source>
      <translation>Personal</translation>
    </message>
    <message>
      <source>Enter at least one physiologist. Add others later under Settings (Alt+S), People.</source>
      <translation>Mindestens eine Physiologin oder einen Physiologen eintragen. Weitere später unter Einstellungen, Personen.</translation>
    </message>
    <message>
      <source>Physiologist</source>
      <translation>Physiologie</translation>
    </message>
    <message>
      <source>Technician (optional)</source>
      <translation>Technik (freiwillig)</translation>
    </message>
    <message>
      <source>For one person nothing needs to be asked. Where several work on one record, each proves who they are, and signs with a key of their own. It can be changed later.</source>
      <translation>Für eine Person muss nichts gefragt werden. Wo mehrere an einem Laborbuch arbeiten, weist sich jede aus und unterschreibt mit einem eigenen Schlüssel. Das lässt sich später ändern.</translation>
    </message>
    <message>
      <source>At least one physiologist is needed.</source>
      <translation>Mindestens eine Physiologin oder ein Physiologe wird gebraucht.</translation>
    </message>
    <message>
      <source>{1} has no passphrase yet.</source>
      <translation>{1} hat noch keine Passphrase.</translation>
    </message>
    <message>
      <source>Reference objects and their certificates</source>
      <translation>Referenzobjekte und ihre Zertifikate</translation>
    </message>
    <message>
      <source>Double-click a line to enter its certificate. You can add certificates later under Quality.</source>
      <translation>Eine Zeile doppelt anklicken, um ihr Zertifikat einzutragen. Zertifikate lassen sich später unter Qualität ergänzen.</translation>
    </message>
    <message>
      <source>instrument</source>
      <translation>Gerät</translation>
    </message>
    <message>
      <source>object</source>
      <translation>Objekt</translation>
    </message>
    <message>
      <source>until</source>
      <translation>bis</translation>
    </message>
    <message>
      <source>Reference objects</source>
      <translation>Referenzobjekte</translation>
    </message>
    <message>
      <source>not on file</source>
      <translation>nicht hinterlegt</translation>
    </message>
    <message>
      <source>Copies</source>
      <translation>Kopien</translation>
    </message>
    <message>
      <source>A daily copy is kept beside the lab book. Choose a second folder on another disk or share in case this disk fails.</source>
      <translation>Eine Tageskopie liegt neben dem Laborbuch. Einen zweiten Ordner auf einer anderen Platte oder Freigabe wählen, falls diese Platte ausfällt.</translation>
    </message>
    <message>
      <source>Choose…</source>
      <translation>Wählen…</translation>
    </message>
    <message>
      <source>The lab book is %1.</source>
      <translation>Das Laborbuch ist %1.</translation>
    </message>
    <message>
      <source>Second folder (optional)</source>
      <translation>Zweiter Ordner (freiwillig)</translation>
    </message>
    <message>
      <source>There is no such folder.</source>
      <translation>Diesen Ordner gibt es nicht.</translation>
    </message>
    <message>
      <source>A new lab book</source>
      <translation>Ein neues Laborbuch</translation>
    </message>
    <message>
      <source>Finish later</source>
      <translation>Später abschließen</translation>
    </message>
    <message>
      <source>Your lab</source>
      <translation>Ihr Labor</translation>
    </message>
    <message>
      <source>Shown on every page.</source>
      <translation>Steht auf jeder Seite.</translation>
    </message>
    <message>
      <source>Only these methods are shown. Readings of an instrument that is not connected are typed.</source>
      <translation>Nur diese Methoden werden gezeigt. Werte eines nicht verbundenen Geräts werden getippt.</translation>
    </message>
    <message>
      <source>The handbook is not installed.</source>
      <translation>Das Handbuch ist nicht installiert.</translation>
    </message>
    <message>
      <source>Handbook</source>
      <translation>Handbuch</translation>
    </message>
    <message>
      <source>Find in the handbook</source>
      <translation>Im Handbuch suchen</translation>
    </message>
    <message>
      <source>place</source>
      <translation>Ort</translation>
    </message>
    <message>
      <source>command</source>
      <translation>Befehl</translation>
    </message>
    <message>
      <source>keys</source>
      <translation>Tasten</translation>
    </message>
    <message>
      <source>Keys</source>
      <translation>Tasten</translation>
    </message>
    <message>
      <source>New keys of the chosen command</source>
      <translation>Neue Tasten des gewählten Befehls</translation>
    </message>
    <message>
      <source>Use these keys</source>
      <translation>Diese Tasten verwenden</translation>
    </message>
    <message>
      <source>No keys</source>
      <translation>Keine Tasten</translation>
    </message>
    <message>
      <source>Usual keys</source>
      <translation>Übliche Tasten</translation>
    </message>
    <message>
      <source>Keys belong to the person at the bench. Choose a command, press the new keys in the field, then "Use these keys".</source>
      <translation>Tasten gehören der Person am Messplatz. Einen Befehl wählen, die neuen Tasten im Feld drücken, dann „Diese Tasten verwenden“.</translation>
    </message>
    <message>
      <source>These keys belong to the place itself and stay as they are.</source>
      <translation>Diese Tasten gehören zum Ort selbst und bleiben, wie sie sind.</translation>
    </message>
    <message>
      <source>%1 is already the key of "%2".</source>
      <translation>%1 ist schon die Taste von „%2“.</translation>
    </message>
    <message>
      <source>Passphrase</source>
      <translation>Passphrase</translation>
    </message>
    <message>
      <source>Locked</source>
      <translation>Gesperrt</translation>
    </message>
    <message>
      <source>Unlock</source>
      <translation>Entsperren</translation>
    </message>
    <message>
      <source>Take the bench</source>
      <translation>Messplatz übernehmen</translation>
    </message>
    <message>
      <source>Who is at the bench?</source>
      <translation>Wer ist am Messplatz?</translation>
    </message>
    <message>
      <source>Running tests and recordings continue.</source>
      <translation>Laufende Tests und Aufzeichnungen laufen weiter.</translation>
    </message>
    <message>
      <source>Names are sealed in this lab book. Your passphrase opens them.</source>
      <translation>In diesem Laborbuch sind die Namen versiegelt. Ihre Passphrase öffnet sie.</translation>
    </message>
    <message>
      <source>Enter your passphrase if you have one.</source>
      <translation>Geben Sie Ihre Passphrase ein, falls Sie eine haben.</translation>
    </message>
    <message>
      <source>Close Fusain</source>
      <translation>Fusain schließen</translation>
    </message>
    <message>
      <source>Who you are</source>
      <translation>Wer Sie sind</translation>
    </message>
    <message>
      <source>passphrase or PIN</source>
      <translation>Passphrase oder PIN</translation>
    </message>
    <message>
      <source>passphrase</source>
      <translation>Passphrase</translation>
    </message>
    <message>
      <source>Only somebody with a passphrase can lock: set one under Settings, People.</source>
      <translation>Sperren kann nur, wer eine Passphrase hat: legen Sie eine unter Einstellungen, Personen an.</translation>
    </message>
    <message>
      <source>Seen</source>
      <translation>Gesehen</translation>
    </message>
    <message>
      <source>Undo</source>
      <translation>Rückgängig</translation>
    </message>
    <message>
      <source>Practice: simulated clients on simulated instruments. Nothing here belongs to a client.</source>
      <translation>Übung: simulierte Klienten an simulierten Geräten. Nichts hier gehört einem Klienten.</translation>
    </message>
    <message>
      <source>The last session, opened %1, ended unexpectedly. Everything accepted is kept. An open test is listed under Day.</source>
      <translation>Die letzte Sitzung, geöffnet %1, endete unerwartet. Alles Übernommene ist gespeichert. Ein offener Test steht unter Tag.</translation>
    </message>
    <message>
      <source>Protocols, policies and checks are read from %1 (FUSAIN_DATA), not from the installed files.</source>
      <translation>Protokolle, Regeln und Prüfungen werden aus %1 gelesen (FUSAIN_DATA), nicht aus den installierten Dateien.</translation>
    </message>
    <message>
      <source>Other accounts on this computer could read this lab book. Now only your account can.</source>
      <translation>Andere Konten auf diesem Rechner konnten dieses Laborbuch lesen. Jetzt nur noch Ihres.</translation>
    </message>
    <message>
      <source>&amp;Day</source>
      <translation>&amp;Tag</translation>
    </message>
    <message>
      <source>&amp;Clients</source>
      <translation>&amp;Klienten</translation>
    </message>
    <message>
      <source>&amp;Bench</source>
      <translation>&amp;Messplatz</translation>
    </message>
    <message>
      <source>&amp;Quality</source>
      <translation>&amp;Qualität</translation>
    </message>
    <message>
      <source>&amp;Library</source>
      <translation>&amp;Bibliothek</translation>
    </message>
    <message>
      <source>&amp;Settings</source>
      <translation>&amp;Einstellungen</translation>
    </message>
    <message>
      <source>&amp;Practice</source>
      <translation>&amp;Übung</translation>
    </message>
    <message>
      <source>Who is at the bench</source>
      <translation>Wer am Messplatz ist</translation>
    </message>
    <message>
      <source>Lab books, help</source>
      <translation>Laborbücher, Hilfe</translation>
    </message>
    <message>
      <source>Lab books, help, and about Fusain</source>
      <translation>Laborbücher, Hilfe und über Fusain</translation>
    </message>
    <message>
      <source>At the bench</source>
      <translation>Am Messplatz</translation>
    </message>
    <message>
      <source>About Fusain…</source>
      <translation>Über Fusain…</translation>
    </message>
    <message>
      <source>choose who you are</source>
      <translation>wählen Sie, wer Sie sind</translation>
    </message>
    <message>
      <source>Find a client, test or equation   Ctrl+F</source>
      <translation>Klient, Test oder Gleichung finden   Strg+F</translation>
    </message>
    <message>
      <source>Find</source>
      <translation>Finden</translation>
    </message>
    <message>
      <source>Window</source>
      <translation>Fenster</translation>
    </message>
    <message>
      <source>Practice</source>
      <translation>Übung</translation>
    </message>
    <message>
      <source>Find a client, test or equation</source>
      <translation>Klient, Test oder Gleichung finden</translation>
    </message>
    <message>
      <source>Nothing to undo.</source>
      <translation>Nichts rückgängig zu machen.</translation>
    </message>
    <message>
      <source>Redo</source>
      <translation>Wiederholen</translation>
    </message>
    <message>
      <source>Nothing to redo.</source>
      <translation>Nichts zu wiederholen.</translation>
    </message>
    <message>
      <source>Hide or show names</source>
      <translation>Namen verbergen oder zeigen</translation>
    </message>
    <message>
      <source>Change who is at the bench</source>
      <translation>Wechseln, wer am Messplatz ist</translation>
    </message>
    <message>
      <source>Lock</source>
      <translation>Sperren</translation>
    </message>
    <message>
      <source>Choose a PIN for today</source>
      <translation>PIN für heute wählen</translation>
    </message>
    <message>
      <source>Dark or light</source>
      <translation>Dunkel oder hell</translation>
    </message>
    <message>
      <source>High or usual contrast</source>
      <translation>Hoher oder üblicher Kontrast</translation>
    </message>
    <message>
      <source>Text size %1 % (from the next start)</source>
      <translation>Textgröße %1 % (ab dem nächsten Start)</translation>
    </message>
    <message>
      <source>Commands…</source>
      <translation>Befehle…</translation>
    </message>
    <message>
      <source>Keys…</source>
      <translation>Tasten…</translation>
    </message>
    <message>
      <source>The next value of a figure</source>
      <translation>Nächster Wert einer Abbildung</translation>
    </message>
    <message>
      <source>Left, Right, Home, End</source>
      <translation>Links, Rechts, Pos1, Ende</translation>
    </message>
    <message>
      <source>All values of a figure as a table</source>
      <translation>Alle Werte einer Abbildung als Tabelle</translation>
    </message>
    <message>
      <source>Stretch the time of a figure</source>
      <translation>Zeit einer Abbildung strecken</translation>
    </message>
    <message>
      <source>+, −, Ctrl+wheel</source>
      <translation>+, −, Strg+Mausrad</translation>
    </message>
    <message>
      <source>Copy the chosen rows of a table</source>
      <translation>Gewählte Zeilen einer Tabelle kopieren</translation>
    </message>
    <message>
      <source>Ctrl+C</source>
      <translation>Strg+C</translation>
    </message>
    <message>
      <source>Undone.</source>
      <translation>Rückgängig gemacht.</translation>
    </message>
    <message>
      <source>Undone: %1.</source>
      <translation>Rückgängig gemacht: %1.</translation>
    </message>
    <message>
      <source>Done: %1.  Undo: %2</source>
      <translation>Erledigt: %1.  Rückgängig: %2</translation>
    </message>
    <message>
      <source>%1. Demo: nothing is saved when you close this window.</source>
      <translation>%1. Demo: Beim Schließen des Fensters wird nichts gespeichert.</translation>
    </message>
    <message>
      <source>      names hidden (Ctrl+H)</source>
      <translation>      Namen verborgen (Strg+H)</translation>
    </message>
    <message>
      <source>· No instrument is linked.</source>
      <translation>· Kein Gerät ist verbunden.</translation>
    </message>
    <message>
      <source>● 1 instrument live</source>
      <translation>● 1 Gerät verbunden</translation>
    </message>
    <message>
      <source>● %1 instruments live</source>
      <translation>● %1 Geräte verbunden</translation>
    </message>
    <message>
      <source>About Fusain</source>
      <translation>Über Fusain</translation>
    </message>
    <message>
      <source>Fusain %1, the workbench of a body-composition laboratory.</source>
      <translation>Fusain %1, die Werkbank eines Labors für Körperzusammensetzung.</translation>
    </message>
    <message>
      <source>Free software under the GNU General Public License, version 3 or later, without any warranty. Fonts: Atkinson Hyperlegible and Noto Sans, SIL Open Font License 1.1. It is no medical device: who is tested, and what a result means, is for licensed practice and local rules to decide.

The Library holds every equation with its source. The lab book is %1.</source>
      <translation>Freie Software unter der GNU General Public License, Version 3 oder später, ohne jede Gewähr. Schriften: Atkinson Hyperlegible und Noto Sans, SIL Open Font License 1.1. Es ist kein Medizinprodukt: Wer getestet wird und was ein Ergebnis bedeutet, entscheiden zugelassene Fachleute und örtliche Regeln.

Die Bibliothek enthält jede Gleichung mit ihrer Quelle. Das Laborbuch ist %1.</translation>
    </message>
    <message numerus="yes">
      <source>%n earlier entry(s)</source>
      <translation>
        <numerusform>%n früherer Eintrag</numerusform>
        <numerusform>%n frühere Einträge</numerusform>
      </translation>
    </message>
    <message>
      <source>The server of the lab book cannot be reached. A test on the bench continues: accepted readings wait on this workstation.</source>
      <translation>Der Server des Laborbuchs ist nicht erreichbar. Ein Test am Messplatz geht weiter: Angenommene Messwerte warten auf diesem Arbeitsplatz.</translation>
    </message>
    <message numerus="yes">
      <source>%n entry(s) wait.</source>
      <translation>
        <numerusform>%n Eintrag wartet.</numerusform>
        <numerusform>%n Einträge warten.</numerusform>
      </translation>
    </message>
    <message>
      <source>Check the network and the server.</source>
      <translation>Prüfen Sie das Netz und den Server.</translation>
    </message>
    <message>
      <source>Two workstations have written to one test</source>
      <translation>Zwei Arbeitsplätze haben in einen Test geschrieben</translation>
    </message>
    <message>
      <source>Test of %1</source>
      <translation>Test von %1</translation>
    </message>
    <message>
      <source>Accepted here while the server was away:</source>
      <translation>Hier angenommen, während der Server nicht erreichbar war:</translation>
    </message>
    <message>
      <source>Written to the same test on another workstation, by %1:</source>
      <translation>An einem anderen Arbeitsplatz in denselben Test geschrieben, von %1:</translation>
    </message>
    <message>
      <source>Both are kept until you decide.</source>
      <translation>Beides bleibt erhalten, bis Sie entscheiden.</translation>
    </message>
    <message>
      <source>Add ours behind theirs</source>
      <translation>Unsere hinter deren anfügen</translation>
    </message>
    <message>
      <source>Do not take ours…</source>
      <translation>Unsere nicht übernehmen …</translation>
    </message>
    <message>
      <source>Decide later</source>
      <translation>Später entscheiden</translation>
    </message>
    <message>
      <source>Do not take ours</source>
      <translation>Unsere nicht übernehmen</translation>
    </message>
    <message>
      <source>Why? The entries stay in the journal with this reason.</source>
      <translation>Warum? Die Einträge bleiben mit dieser Begründung im Journal.</translation>
    </message>
    <message>
      <source>Work under way</source>
      <translation>Laufende Arbeit</translation>
    </message>
    <message>
      <source>Cancel: %1</source>
      <translation>Abbrechen: %1</translation>
    </message>
    <message>
      <source>Export it again as CSV in UTF-8.</source>
      <translation>Erneut als CSV in UTF-8 exportieren.</translation>
    </message>
    <message>
      <source>Nothing was loaded.</source>
      <translation>Nichts wurde geladen.</translation>
    </message>
    <message>
      <source>The file is empty.</source>
      <translation>Die Datei ist leer.</translation>
    </message>
    <message>
      <source>The file is neither in UTF-8 nor in UTF-16 nor in Windows-1252.</source>
      <translation>Die Datei ist weder in UTF-8 noch in UTF-16 noch in Windows-1252.</translation>
    </message>
    <message>
      <source>A quote is opened and never closed: is the file cut off?</source>
      <translation>Ein Anführungszeichen wird geöffnet und nie geschlossen: Ist die Datei abgeschnitten?</translation>
    </message>
    <message>
      <source>This row has {1} cells, the header {2}: is the file cut off?</source>
      <translation>Diese Zeile hat {1} Zellen, der Kopf {2}: Ist die Datei abgeschnitten?</translation>
    </message>
    <message>
      <source>There are no rows under the header.</source>
      <translation>Unter dem Kopf sind keine Zeilen.</translation>
    </message>
    <message>
      <source>Line {1} is longer than a megabyte: this is no table.</source>
      <translation>Zeile {1} ist länger als ein Megabyte: Das ist keine Tabelle.</translation>
    </message>
    <message>
      <source>The column "{1}" is missing.</source>
      <translation>Die Spalte „{1}“ fehlt.</translation>
    </message>
    <message>
      <source>See {1}.</source>
      <translation>Siehe {1}.</translation>
    </message>
    <message>
      <source>"{1}" is not a name and a number.</source>
      <translation>„{1}“ ist kein Name mit Zahl.</translation>
    </message>
    <message>
      <source>Type one value a line, as fat-percent, 24.1, %</source>
      <translation>Einen Wert je Zeile tippen, wie fat-percent, 24.1, %</translation>
    </message>
    <message>
      <source>No value was given.</source>
      <translation>Kein Wert angegeben.</translation>
    </message>
    <message>
      <source>Export it again: {1}.</source>
      <translation>Erneut exportieren: {1}.</translation>
    </message>
    <message>
      <source>The file is in UTF-16; save it as UTF-8.</source>
      <translation>Die Datei ist in UTF-16; als UTF-8 speichern.</translation>
    </message>
    <message>
      <source>The first line must be {1}.</source>
      <translation>Die erste Zeile muss {1} sein.</translation>
    </message>
    <message>
      <source>{1} must be a number.</source>
      <translation>{1} muss eine Zahl sein.</translation>
    </message>
    <message>
      <source>The time must be a number and rise.</source>
      <translation>Die Zeit muss eine Zahl sein und steigen.</translation>
    </message>
    <message>
      <source>More than two million samples: this is not one trial.</source>
      <translation>Mehr als zwei Millionen Werte: Das ist nicht ein Versuch.</translation>
    </message>
    <message>
      <source>There are no samples in it.</source>
      <translation>Es sind keine Werte darin.</translation>
    </message>
    <message>
      <source>See docs/formats/impedance-csv.md.</source>
      <translation>Siehe docs/formats/impedance-csv.md.</translation>
    </message>
    <message>
      <source>{1} must be a number above zero.</source>
      <translation>{1} muss eine Zahl über null sein.</translation>
    </message>
    <message>
      <source>Age, height or mass is missing or out of range.</source>
      <translation>Alter, Größe oder Masse fehlt oder liegt außerhalb des Bereichs.</translation>
    </message>
    <message>
      <source>There is no number.</source>
      <translation>Hier ist keine Zahl.</translation>
    </message>
    <message>
      <source>Measure again, or leave the frequency out.</source>
      <translation>Erneut messen oder die Frequenz weglassen.</translation>
    </message>
    <message>
      <source>The reactance is larger than the resistance: the two are swapped.</source>
      <translation>Die Reaktanz ist größer als die Resistanz: Die beiden sind vertauscht.</translation>
    </message>
    <message>
      <source>Swap the columns.</source>
      <translation>Die Spalten tauschen.</translation>
    </message>
    <message>
      <source>A reading needs resistance and reactance, or the magnitude.</source>
      <translation>Ein Messwert braucht Resistanz und Reaktanz oder den Betrag.</translation>
    </message>
    <message>
      <source>Name both columns.</source>
      <translation>Beide Spalten benennen.</translation>
    </message>
    <message>
      <source>"{1}" is not a date like 2026-03-12.</source>
      <translation>„{1}“ ist kein Datum wie 2026-03-12.</translation>
    </message>
    <message>
      <source>"{1}" in the column "{2}" is not a number.</source>
      <translation>„{1}“ in der Spalte „{2}“ ist keine Zahl.</translation>
    </message>
    <message>
      <source>The row names no client.</source>
      <translation>Die Zeile nennt keinen Klienten.</translation>
    </message>
    <message>
      <source>Map the column with the client's code.</source>
      <translation>Die Spalte mit dem Klientencode zuordnen.</translation>
    </message>
    <message>
      <source>The row has no reading.</source>
      <translation>Die Zeile hat keinen Messwert.</translation>
    </message>
    <message>
      <source>The table needs the columns segment and khz.</source>
      <translation>Die Tabelle braucht die Spalten segment und khz.</translation>
    </message>
    <message>
      <source>"{1}" at "{2}" kHz is not a segment and a frequency.</source>
      <translation>„{1}“ bei „{2}“ kHz ist kein Segment mit Frequenz.</translation>
    </message>
    <message>
      <source>The frequencies of the {1} do not rise from one reading to the next.</source>
      <translation>Die Frequenzen von {1} steigen nicht von Wert zu Wert.</translation>
    </message>
    <message>
      <source>Sort them; no frequency twice.</source>
      <translation>Sortieren; keine Frequenz doppelt.</translation>
    </message>
    <message>
      <source>The workbook could not be made.</source>
      <translation>Die Arbeitsmappe konnte nicht erstellt werden.</translation>
    </message>
    <message>
      <source>The workbook could not be written.</source>
      <translation>Die Arbeitsmappe konnte nicht geschrieben werden.</translation>
    </message>
    <message>
      <source>This calendar is larger than 4 MB.</source>
      <translation>Dieser Kalender ist größer als 4 MB.</translation>
    </message>
    <message>
      <source>Export only the weeks that are wanted.</source>
      <translation>Nur die gewünschten Wochen exportieren.</translation>
    </message>
    <message>
      <source>This is not a calendar in the iCalendar form.</source>
      <translation>Das ist kein Kalender in iCalendar-Form.</translation>
    </message>
    <message>
      <source>Save it as .ics in the other program and try again.</source>
      <translation>Im anderen Programm als .ics speichern und erneut versuchen.</translation>
    </message>
    <message>
      <source>One person a line, the repeats in its cells.</source>
      <translation>Eine Person je Zeile, die Wiederholungen in ihren Zellen.</translation>
    </message>
    <message>
      <source>There are no people in it.</source>
      <translation>Es sind keine Personen darin.</translation>
    </message>
    <message>
      <source>The height is missing or out of range.</source>
      <translation>Die Größe fehlt oder liegt außerhalb des Bereichs.</translation>
    </message>
    <message>
      <source>Fat, lean or bone mineral is missing or out of range.</source>
      <translation>Fett, Magermasse oder Knochenmineral fehlt oder liegt außerhalb des Bereichs.</translation>
    </message>
    <message>
      <source>Fat, lean and bone mineral add up to {1} kg, which is out of range.</source>
      <translation>Fett, Magermasse und Knochenmineral ergeben {1} kg; das liegt außerhalb des Bereichs.</translation>
    </message>
    <message>
      <source>No column is named as "{1}".</source>
      <translation>Keine Spalte heißt „{1}“.</translation>
    </message>
    <message>
      <source>Say which column it is.</source>
      <translation>Angeben, welche Spalte es ist.</translation>
    </message>
    <message>
      <source>The {1} is there twice.</source>
      <translation>{1} kommt zweimal vor.</translation>
    </message>
    <message>
      <source>"{1}" is no number ({2}).</source>
      <translation>„{1}“ ist keine Zahl ({2}).</translation>
    </message>
    <message>
      <source>"{1}" is not a region of a scan.</source>
      <translation>„{1}“ ist keine Region eines Scans.</translation>
    </message>
    <message>
      <source>Say which region it is.</source>
      <translation>Angeben, welche Region es ist.</translation>
    </message>
    <message>
      <source>The unit of a scan is kg, g or lb, not "{1}".</source>
      <translation>Die Einheit eines Scans ist kg, g oder lb, nicht „{1}“.</translation>
    </message>
    <message>
      <source>"{1}" is neither a column nor a region of a scan.</source>
      <translation>„{1}“ ist weder Spalte noch Region eines Scans.</translation>
    </message>
    <message>
      <source>A line is longer than 64 kB: this is not a table.</source>
      <translation>Eine Zeile ist länger als 64 kB: Das ist keine Tabelle.</translation>
    </message>
    <message>
      <source>Check the file; rows end with a line feed.</source>
      <translation>Die Datei prüfen; Zeilen enden mit einem Zeilenvorschub.</translation>
    </message>
    <message>
      <source>The table is empty.</source>
      <translation>Die Tabelle ist leer.</translation>
    </message>
    <message>
      <source>The first line names the columns.</source>
      <translation>Die erste Zeile benennt die Spalten.</translation>
    </message>
    <message>
      <source>The file is in UTF-16.</source>
      <translation>Die Datei ist in UTF-16.</translation>
    </message>
    <message>
      <source>Save it as UTF-8.</source>
      <translation>Als UTF-8 speichern.</translation>
    </message>
    <message>
      <source>Columns are separated by commas or semicolons; fusain-calc(1) lists them.</source>
      <translation>Spalten werden durch Kommas oder Semikolons getrennt; fusain-calc(1) nennt sie.</translation>
    </message>
    <message>
      <source>"{1}" is not a number; the decimal mark is a point (a comma only between semicolons).</source>
      <translation>„{1}“ ist keine Zahl; das Dezimalzeichen ist ein Punkt (ein Komma nur zwischen Semikolons).</translation>
    </message>
    <message>
      <source>The row has {1} cells instead of {2}.</source>
      <translation>Die Zeile hat {1} statt {2} Zellen.</translation>
    </message>
    <message>
      <source>The value is missing.</source>
      <translation>Der Wert fehlt.</translation>
    </message>
    <message>
      <source>Height is 50 to 250 cm.</source>
      <translation>Größe ist 50 bis 250 cm.</translation>
    </message>
    <message>
      <source>Dry mass is 10 to 300 kg.</source>
      <translation>Masse an Land ist 10 bis 300 kg.</translation>
    </message>
    <message>
      <source>The underwater mass is not below the dry mass.</source>
      <translation>Die Masse unter Wasser ist nicht kleiner als die an Land.</translation>
    </message>
    <message>
      <source>No conversion of the policy covers this age.</source>
      <translation>Keine Umrechnung der Regel gilt für dieses Alter.</translation>
    </message>
    <message>
      <source>A malformed line: "{1}"</source>
      <translation>Eine fehlerhafte Zeile: „{1}“</translation>
    </message>
    <message>
      <source>, %1 bad lines</source>
      <translation>, %1 fehlerhafte Zeilen</translation>
    </message>
    <message>
      <source>, %1 lines lost</source>
      <translation>, %1 Zeilen verloren</translation>
    </message>
    <message>
      <source>, %1 lines came twice</source>
      <translation>, %1 Zeilen doppelt</translation>
    </message>
    <message>
      <source>live</source>
      <translation>verbunden</translation>
    </message>
    <message>
      <source>looking for it</source>
      <translation>wird gesucht</translation>
    </message>
    <message>
      <source>silent</source>
      <translation>stumm</translation>
    </message>
    <message>
      <source>typed entry</source>
      <translation>getippt</translation>
    </message>
    <message>
      <source>the floor scale reads high</source>
      <translation>die Standwaage zeigt zu viel</translation>
    </message>
    <message>
      <source>the zero of the load cell drifts</source>
      <translation>der Nullpunkt der Wägezelle driftet</translation>
    </message>
    <message>
      <source>something hangs on the chair that was not there at zero</source>
      <translation>am Stuhl hängt etwas, das beim Nullstellen nicht da war</translation>
    </message>
    <message>
      <source>air is still leaving the lungs</source>
      <translation>es entweicht noch Luft aus der Lunge</translation>
    </message>
    <message>
      <source>a hand or foot on the wall</source>
      <translation>eine Hand oder ein Fuß an der Wand</translation>
    </message>
    <message>
      <source>restless water</source>
      <translation>unruhiges Wasser</translation>
    </message>
    <message>
      <source>a tense person keeps air in</source>
      <translation>eine angespannte Person hält Luft zurück</translation>
    </message>
    <message>
      <source>bubbles in suit and hair</source>
      <translation>Blasen in Anzug und Haar</translation>
    </message>
    <message>
      <source>the calibration cylinder is still in the chamber</source>
      <translation>der Kalibrierzylinder ist noch in der Kammer</translation>
    </message>
    <message>
      <source>a draught in the room</source>
      <translation>Zugluft im Raum</translation>
    </message>
    <message>
      <source>the door of the chamber leaks</source>
      <translation>die Kammertür ist undicht</translation>
    </message>
    <message>
      <source>loose hair or clothing holds air</source>
      <translation>loses Haar oder lose Kleidung hält Luft</translation>
    </message>
    <message>
      <source>warm, damp skin</source>
      <translation>warme, feuchte Haut</translation>
    </message>
    <message>
      <source>coughing</source>
      <translation>Husten</translation>
    </message>
    <message>
      <source>the scale of the chamber reads high</source>
      <translation>die Waage der Kammer zeigt zu viel</translation>
    </message>
    <message>
      <source>the person moves in the chamber</source>
      <translation>die Person bewegt sich in der Kammer</translation>
    </message>
    <message>
      <source>socks between foot and contact</source>
      <translation>Socken zwischen Fuß und Kontakt</translation>
    </message>
    <message>
      <source>the thumb is off its contact</source>
      <translation>der Daumen ist nicht am Kontakt</translation>
    </message>
    <message>
      <source>two leads are crossed</source>
      <translation>zwei Kabel sind vertauscht</translation>
    </message>
    <message>
      <source>the thighs touch</source>
      <translation>die Oberschenkel berühren sich</translation>
    </message>
    <message>
      <source>talking during the sweep</source>
      <translation>Sprechen während der Messung</translation>
    </message>
    <message>
      <source>the analyzer is still warming up</source>
      <translation>der Analysator wärmt noch auf</translation>
    </message>
    <message>
      <source>the analyzer reads its test module wrong</source>
      <translation>der Analysator misst sein Prüfmodul falsch</translation>
    </message>
    <message>
      <source>an arm is outside the field</source>
      <translation>ein Arm liegt außerhalb des Feldes</translation>
    </message>
    <message>
      <source>the lines of the regions are wrong</source>
      <translation>die Regionslinien sind falsch</translation>
    </message>
    <message>
      <source>metal in the field</source>
      <translation>Metall im Feld</translation>
    </message>
    <message>
      <source>the person moves during the scan</source>
      <translation>die Person bewegt sich während des Scans</translation>
    </message>
    <message>
      <source>the densitometer has drifted</source>
      <translation>der DXA-Scanner ist gedriftet</translation>
    </message>
    <message>
      <source>the tape is over thick clothing</source>
      <translation>das Maßband ist über dicker Kleidung</translation>
    </message>
    <message>
      <source>the tape is pulled into the skin</source>
      <translation>das Maßband ist in die Haut gezogen</translation>
    </message>
    <message>
      <source>the tape is not level</source>
      <translation>das Maßband ist nicht waagerecht</translation>
    </message>
    <message>
      <source>The simulator knows no fault "{1}".</source>
      <translation>Der Simulator kennt keinen Fehler „{1}“.</translation>
    </message>
    <message>
      <source>No clean sweep of {1}.</source>
      <translation>Keine saubere Messung von {1}.</translation>
    </message>
    <message>
      <source>No clean scan of {1}.</source>
      <translation>Kein sauberer Scan von {1}.</translation>
    </message>
    <message>
      <source>The readings are kept as they are.</source>
      <translation>Die Messwerte bleiben, wie sie sind.</translation>
    </message>
    <message>
      <source>Open this lab book with the Fusain that made the test, or choose another policy for it.</source>
      <translation>Öffnen Sie dieses Laborbuch mit dem Fusain, das den Test gemacht hat, oder wählen Sie eine andere Regel dafür.</translation>
    </message>
    <message>
      <source>The protocol "{1}" is for another method.</source>
      <translation>Das Protokoll „{1}“ ist für eine andere Methode.</translation>
    </message>
    <message>
      <source>There is no protocol called "{1}".</source>
      <translation>Es gibt kein Protokoll namens „{1}“.</translation>
    </message>
    <message>
      <source>The height was {1} cm before, and is {2} cm now.</source>
      <translation>Die Größe war zuvor {1} cm und ist jetzt {2} cm.</translation>
    </message>
    <message>
      <source>{1} kg: {2} kg against {3} kg by another instrument today. Same person?</source>
      <translation>{1} kg: {2} kg gegenüber {3} kg an einem anderen Gerät heute. Dieselbe Person?</translation>
    </message>
    <message>
      <source>{1} kg: {2} kg against {3} kg at the last visit. Same person?</source>
      <translation>{1} kg: {2} kg gegenüber {3} kg beim letzten Besuch. Dieselbe Person?</translation>
    </message>
    <message>
      <source>There is no event of this test.</source>
      <translation>Zu diesem Test gibt es kein Ereignis.</translation>
    </message>
    <message>
      <source>Verify the lab book, and restore a copy if it is damaged.</source>
      <translation>Prüfen Sie das Laborbuch, und stellen Sie eine Kopie wieder her, wenn es beschädigt ist.</translation>
    </message>
    <message>
      <source>Excluding a trial needs a reason.</source>
      <translation>Wer einen Versuch ausschließt, muss es begründen.</translation>
    </message>
    <message>
      <source>There is no trial {1}.</source>
      <translation>Es gibt keinen Versuch {1}.</translation>
    </message>
    <message>
      <source>A reference mass for the scale is 1 to 200 kg.</source>
      <translation>Eine Prüfmasse für die Waage ist 1 bis 200 kg.</translation>
    </message>
    <message>
      <source>Check the numbers.</source>
      <translation>Die Zahlen prüfen.</translation>
    </message>
    <message>
      <source>A cylinder is 5 to 150 L, and its reading is close to that.</source>
      <translation>Ein Zylinder ist 5 bis 150 L, und sein Messwert liegt nahe daran.</translation>
    </message>
    <message>
      <source>Type litres: the certificate's, then the chamber's.</source>
      <translation>Liter tippen: die des Zertifikats, dann die der Kammer.</translation>
    </message>
    <message>
      <source>Recorded pressures need a calibration of this chamber and the mass.</source>
      <translation>Aufgezeichnete Drücke brauchen eine Kalibrierung dieser Kammer und die Masse.</translation>
    </message>
    <message>
      <source>Repeat the trial.</source>
      <translation>Versuch wiederholen.</translation>
    </message>
    <message>
      <source>The chamber was calibrated again after this volume was recorded.</source>
      <translation>Die Kammer wurde nach dieser Volumenaufzeichnung neu kalibriert.</translation>
    </message>
    <message>
      <source>Start over with a new calibration.</source>
      <translation>Mit einer neuen Kalibrierung von vorn beginnen.</translation>
    </message>
    <message>
      <source>End the test with a reason.</source>
      <translation>Den Test mit Begründung beenden.</translation>
    </message>
    <message>
      <source>Raw volume {1} L is out of range.</source>
      <translation>Rohvolumen {1} L liegt außerhalb des Bereichs.</translation>
    </message>
    <message>
      <source>It is a little below the mass in kilograms. Check the reading.</source>
      <translation>Es ist etwas kleiner als die Masse in Kilogramm. Den Wert prüfen.</translation>
    </message>
    <message>
      <source>{1} L does not go with a mass of {2} kg: no living body has that density.</source>
      <translation>{1} L passt nicht zu einer Masse von {2} kg: Kein lebender Körper hat diese Dichte.</translation>
    </message>
    <message>
      <source>Is the cylinder still inside? Check the reading and the mass.</source>
      <translation>Ist der Zylinder noch darin? Wert und Masse prüfen.</translation>
    </message>
    <message>
      <source>Starting over needs a reason.</source>
      <translation>Von vorn beginnen braucht eine Begründung.</translation>
    </message>
    <message>
      <source>Say why in one sentence.</source>
      <translation>In einem Satz begründen.</translation>
    </message>
    <message>
      <source>The session has been started over before; the policy allows {1} sets.</source>
      <translation>Die Sitzung wurde schon einmal neu begonnen; die Regel erlaubt {1} Reihen.</translation>
    </message>
    <message>
      <source>End the test with a reason and rebook.</source>
      <translation>Den Test mit Begründung beenden und neu buchen.</translation>
    </message>
    <message>
      <source>Thoracic gas volume {1} L is out of range.</source>
      <translation>Thorakales Gasvolumen {1} L liegt außerhalb des Bereichs.</translation>
    </message>
    <message>
      <source>The range is 0.5 to 8 L.</source>
      <translation>Der Bereich ist 0,5 bis 8 L.</translation>
    </message>
    <message>
      <source>Measured thoracic gas needs its method.</source>
      <translation>Gemessenes thorakales Gas braucht seine Methode.</translation>
    </message>
    <message>
      <source>For example panting, or plethysmography elsewhere.</source>
      <translation>Zum Beispiel Hecheln, oder Plethysmographie anderswo.</translation>
    </message>
    <message>
      <source>Use the predicted volume, or one that was measured elsewhere.</source>
      <translation>Das geschätzte Volumen verwenden oder ein anderswo gemessenes.</translation>
    </message>
    <message>
      <source>what if</source>
      <translation>was wäre wenn</translation>
    </message>
    <message>
      <source>Height or age is outside the validated range of the thoracic-gas equation.</source>
      <translation>Größe oder Alter liegt außerhalb des Bereichs, für den die Gleichung des Brustgases gemacht ist.</translation>
    </message>
    <message>
      <source>The first set of trials did not agree; the chamber was calibrated anew.</source>
      <translation>Die erste Reihe der Messungen stimmte nicht überein; die Kammer wurde neu kalibriert.</translation>
    </message>
    <message>
      <source>The scale was {1} kg off its reference mass.</source>
      <translation>Die Waage lag {1} kg neben ihrem Prüfgewicht.</translation>
    </message>
    <message>
      <source>No equation predicts the thoracic gas of this child.</source>
      <translation>Keine Gleichung schätzt das thorakale Gas dieses Kindes.</translation>
    </message>
    <message>
      <source>Measure it by panting, or record a measurement made elsewhere.</source>
      <translation>Durch Hecheln messen oder eine andernorts gemachte Messung eintragen.</translation>
    </message>
    <message>
      <source>computed</source>
      <translation>berechnet</translation>
    </message>
    <message>
      <source>raw volume</source>
      <translation>Rohvolumen</translation>
    </message>
    <message>
      <source>mean of trials {1}</source>
      <translation>Mittel der Versuche {1}</translation>
    </message>
    <message>
      <source>surface-area artefact</source>
      <translation>Oberflächenartefakt</translation>
    </message>
    <message>
      <source>measured: {1}</source>
      <translation>gemessen: {1}</translation>
    </message>
    <message>
      <source>predicted: {1}</source>
      <translation>geschätzt: {1}</translation>
    </message>
    <message>
      <source>part of the thoracic gas that the chamber does not see</source>
      <translation>Teil des thorakalen Gases, den die Kammer nicht sieht</translation>
    </message>
    <message>
      <source>body volume</source>
      <translation>Körpervolumen</translation>
    </message>
    <message>
      <source>Warmed up</source>
      <translation>Aufgewärmt</translation>
    </message>
    <message>
      <source>The chamber has been on for its warm-up time; door and windows of the room are shut.</source>
      <translation>Die Kammer ist ihre Aufwärmzeit lang an; Tür und Fenster des Raums sind zu.</translation>
    </message>
    <message>
      <source>Scale check</source>
      <translation>Waagenprüfung</translation>
    </message>
    <message>
      <source>Empty the scale, zero it, then put the reference masses on.</source>
      <translation>Waage leeren, auf null stellen, dann die Prüfmassen auflegen.</translation>
    </message>
    <message>
      <source>First the empty chamber, then with the cylinder inside. Take the cylinder out again.</source>
      <translation>Zuerst die leere Kammer, dann mit dem Zylinder darin. Den Zylinder wieder herausnehmen.</translation>
    </message>
    <message>
      <source>Ask how the client prepared; look at swimwear, cap and jewellery.</source>
      <translation>Fragen, wie der Klient sich vorbereitet hat; Badekleidung, Kappe und Schmuck ansehen.</translation>
    </message>
    <message>
      <source>Weigh the client on the chamber's scale, in swimwear and cap, with an empty bladder.</source>
      <translation>Wiegen Sie die Person auf der Waage der Kammer, in Badekleidung und Kappe, mit leerer Blase.</translation>
    </message>
    <message>
      <source>Close the door without leaning on it. Sit still, hands in the lap, breathe quietly. Open the door between trials.</source>
      <translation>Die Tür schließen, ohne sich anzulehnen. Still sitzen, Hände im Schoß, ruhig atmen. Zwischen den Versuchen die Tür öffnen.</translation>
    </message>
    <message>
      <source>Nose clip on, breathe through the tube; when it closes, three gentle puffs with the cheeks held.</source>
      <translation>Nasenklammer auf, durch den Schlauch atmen; wenn er schließt, drei sanfte Stöße mit gehaltenen Wangen.</translation>
    </message>
    <message>
      <source>Read the result and its interval.</source>
      <translation>Das Ergebnis und sein Intervall lesen.</translation>
    </message>
    <message>
      <source>Write what the result means, in your own words.</source>
      <translation>Schreiben Sie in eigenen Worten, was das Ergebnis bedeutet.</translation>
    </message>
    <message>
      <source>Signing locks the readings.</source>
      <translation>Unterschreiben sperrt die Messwerte.</translation>
    </message>
    <message>
      <source>Report</source>
      <translation>Bericht</translation>
    </message>
    <message>
      <source>Preview, print or save the client copy and the lab copy.</source>
      <translation>Klientenseite und Laborseite ansehen, drucken oder speichern.</translation>
    </message>
    <message>
      <source>After</source>
      <translation>Danach</translation>
    </message>
    <message>
      <source>Wipe the seat, wash the cap, throw the tube's filter away.</source>
      <translation>Sitz abwischen, Kappe waschen, Filter des Schlauchs wegwerfen.</translation>
    </message>
    <message>
      <source>{1} before {2}: {3}</source>
      <translation>{1} vor {2}: {3}</translation>
    </message>
    <message>
      <source>{1} after {2} costs: {3}.</source>
      <translation>{1} nach {2} kostet: {3}.</translation>
    </message>
    <message>
      <source>A quality check that is due.</source>
      <translation>Eine fällige Qualitätsprüfung.</translation>
    </message>
    <message>
      <source>Disinfect the tank</source>
      <translation>Becken desinfizieren</translation>
    </message>
    <message>
      <source>Never mix with acid or ammonia. Keep surfaces wet for the full contact time. Ventilate; wear gloves.</source>
      <translation>Niemals mit Säure oder Ammoniak mischen. Flächen die volle Einwirkzeit nass halten. Lüften; Handschuhe tragen.</translation>
    </message>
    <message>
      <source>Rinse twice and drain</source>
      <translation>Zweimal spülen und ablassen</translation>
    </message>
    <message>
      <source>Fill: hot water alone</source>
      <translation>Füllen: nur warmes Wasser</translation>
    </message>
    <message>
      <source>{1} min at {2} L/min; nobody inside.</source>
      <translation>{1} Minuten bei {2} L/min; niemand darin.</translation>
    </message>
    <message>
      <source>Fill: cold water alone</source>
      <translation>Füllen: nur kaltes Wasser</translation>
    </message>
    <message>
      <source>{1} min; the full tank will have {2} °C.</source>
      <translation>{1} Minuten; das volle Becken hat dann {2} °C.</translation>
    </message>
    <message>
      <source>Fill the tank</source>
      <translation>Becken füllen</translation>
    </message>
    <message>
      <source>Stir, read the temperature, log chlorine and pH</source>
      <translation>Rühren, Temperatur messen, Chlor und pH protokollieren</translation>
    </message>
    <message>
      <source>Let some out below the overflow</source>
      <translation>Etwas ablassen, bis unter den Überlauf</translation>
    </message>
    <message>
      <source>Hang the chair, zero the load cell</source>
      <translation>Stuhl einhängen, Wägezelle auf null stellen</translation>
    </message>
    <message>
      <source>Late, so that the cell does not creep under the weight.</source>
      <translation>Spät, damit die Zelle unter dem Gewicht nicht kriecht.</translation>
    </message>
    <message>
      <source>Warm the tank: let some out, run in hot water, stir</source>
      <translation>Becken erwärmen: etwas ablassen, warmes Wasser zulassen, rühren</translation>
    </message>
    <message>
      <source>{1} L out and in, {2} min; nobody inside. From {3} to {4} °C.</source>
      <translation>{1} L hinaus und hinein, {2} Minuten; niemand darin. Von {3} auf {4} °C.</translation>
    </message>
    <message>
      <source>The tank will have {1} °C for this client, and there is no time to warm it.</source>
      <translation>Das Becken hat bei diesem Klienten {1} °C, und zum Erwärmen ist keine Zeit.</translation>
    </message>
    <message>
      <source>Water log: chlorine, pH, temperature</source>
      <translation>Wasserprotokoll: Chlor, pH, Temperatur</translation>
    </message>
    <message>
      <source>Take the chair off the load cell</source>
      <translation>Stuhl von der Wägezelle nehmen</translation>
    </message>
    <message>
      <source>Drain, scrub, disinfect, rinse twice, leave to dry</source>
      <translation>Ablassen, schrubben, desinfizieren, zweimal spülen, trocknen lassen</translation>
    </message>
    <message>
      <source>{1} is outside the opening hours.</source>
      <translation>{1} liegt außerhalb der Öffnungszeiten.</translation>
    </message>
    <message>
      <source>Two clients on one instrument ({1}): it is free again {2} min later.</source>
      <translation>Zwei Klienten an einem Gerät ({1}): {2} Minuten später ist es wieder frei.</translation>
    </message>
    <message>
      <source>One client in two places: {1} and {2}.</source>
      <translation>Ein Klient an zwei Orten: {1} und {2}.</translation>
    </message>
    <message>
      <source>when a usual change could be seen</source>
      <translation>wenn eine übliche Änderung sichtbar wäre</translation>
    </message>
    <message>
      <source>2 to 4 weeks</source>
      <translation>2 bis 4 Wochen</translation>
    </message>
    <message>
      <source>4 to 6 weeks</source>
      <translation>4 bis 6 Wochen</translation>
    </message>
    <message>
      <source>8 weeks</source>
      <translation>8 Wochen</translation>
    </message>
    <message>
      <source>12 weeks</source>
      <translation>12 Wochen</translation>
    </message>
    <message>
      <source>By convention: {1}. It is not based on measurements.</source>
      <translation>Nach Gewohnheit: {1}. Das beruht nicht auf Messungen.</translation>
    </message>
    <message>
      <source>The smallest change that two tests can show is {1} kg of fat. At {2} kg a week that takes {3} weeks.</source>
      <translation>Die kleinste Änderung, die zwei Tests zeigen können, ist {1} kg Fett; bei {2} kg je Woche dauert das {3} Wochen.</translation>
    </message>
    <message>
      <source>The code "{1}" belongs to nobody of this team morning.</source>
      <translation>Der Code „{1}“ gehört zu niemandem dieses Mannschaftsmorgens.</translation>
    </message>
    <message>
      <source>{1} has been measured already: whose turn is it?</source>
      <translation>{1} ist schon gemessen: Wer ist an der Reihe?</translation>
    </message>
    <message>
      <source>Excluding a reading needs a reason.</source>
      <translation>Eine Ablesung auszuschließen braucht einen Grund.</translation>
    </message>
    <message>
      <source>There is no reading {1}.</source>
      <translation>Es gibt keine Ablesung {1}.</translation>
    </message>
    <message>
      <source>A rule for the tape is {1} to {2} cm long.</source>
      <translation>Ein Maßstab für das Band ist {1} bis {2} cm lang.</translation>
    </message>
    <message>
      <source>Type centimetres: the length of the rule, then what the tape shows.</source>
      <translation>Zentimeter eintippen: die Länge des Maßstabs, dann was das Band zeigt.</translation>
    </message>
    <message>
      <source>{1} cm is out of range for this site.</source>
      <translation>{1} cm liegt für diese Stelle außerhalb des Bereichs.</translation>
    </message>
    <message>
      <source>The range is {1} to {2} cm. Check the unit.</source>
      <translation>Der Bereich ist {1} bis {2} cm. Die Einheit prüfen.</translation>
    </message>
    <message>
      <source>{1} readings of a site are the most for one session.</source>
      <translation>Mehr als {1} Ablesungen einer Stelle gibt es in einer Sitzung nicht.</translation>
    </message>
    <message>
      <source>Exclude one with a reason, or use what there is.</source>
      <translation>Eine mit Grund ausschließen oder verwenden, was da ist.</translation>
    </message>
    <message>
      <source>Exclude another one first.</source>
      <translation>Zuerst einen anderen ausschließen.</translation>
    </message>
    <message>
      <source>the limits are for adults</source>
      <translation>die Grenzen gelten für Erwachsene</translation>
    </message>
    <message>
      <source>the limits are for people with a lower body mass index</source>
      <translation>die Grenzen gelten für Menschen mit niedrigerem Body-Mass-Index</translation>
    </message>
    <message>
      <source>The readings of one site differ by {1} cm ({2}): their median is used.</source>
      <translation>Die Ablesungen einer Stelle weichen um {1} cm voneinander ab ({2}): Es gilt ihr Median.</translation>
    </message>
    <message>
      <source>The tape was {1} cm off its rule.</source>
      <translation>Das Maßband wich um {1} cm vom Maßstab ab.</translation>
    </message>
    <message>
      <source>Waist</source>
      <translation>Taille</translation>
    </message>
    <message>
      <source>Waist-to-height ratio</source>
      <translation>Verhältnis Taille zu Größe</translation>
    </message>
    <message>
      <source>Waist-to-hip ratio</source>
      <translation>Verhältnis Taille zu Hüfte</translation>
    </message>
    <message>
      <source>{1} {2} (95 % CI {3} to {4}): below the limit of {5} ({6}).</source>
      <translation>{1} {2} (95-%-KI {3} bis {4}): unter der Grenze von {5} ({6}).</translation>
    </message>
    <message>
      <source>{1} {2} (95 % CI {3} to {4}): close to the limit of {5} ({6}).</source>
      <translation>{1} {2} (95-%-KI {3} bis {4}): nahe an der Grenze von {5} ({6}).</translation>
    </message>
    <message>
      <source>{1} {2} (95 % CI {3} to {4}): above the limit of {5} ({6}).</source>
      <translation>{1} {2} (95-%-KI {3} bis {4}): über der Grenze von {5} ({6}).</translation>
    </message>
    <message>
      <source>{1} {2} (95 % CI {3} to {4}): close to the upper limit of {5} ({6}).</source>
      <translation>{1} {2} (95-%-KI {3} bis {4}): nahe an der oberen Grenze von {5} ({6}).</translation>
    </message>
    <message>
      <source>{1} {2} (95 % CI {3} to {4}): above the upper limit of {5} ({6}).</source>
      <translation>{1} {2} (95-%-KI {3} bis {4}): über der oberen Grenze von {5} ({6}).</translation>
    </message>
    <message>
      <source>{1} {2} (95 % CI {3} to {4}): not compared, {5}.</source>
      <translation>{1} {2} (95-%-KI {3} bis {4}): nicht verglichen, {5}.</translation>
    </message>
    <message>
      <source>mean of the three that agree; readings {1}</source>
      <translation>Mittel der drei übereinstimmenden; Ablesungen {1}</translation>
    </message>
    <message>
      <source>median of readings {1}</source>
      <translation>Median der Ablesungen {1}</translation>
    </message>
    <message>
      <source>waist-to-height ratio</source>
      <translation>Verhältnis Taille zu Größe</translation>
    </message>
    <message>
      <source>waist-to-hip ratio</source>
      <translation>Verhältnis Taille zu Hüfte</translation>
    </message>
    <message>
      <source>Tape check</source>
      <translation>Prüfung des Maßbands</translation>
    </message>
    <message>
      <source>Lay the tape along the rule of known length and read it. A stretched tape reads short.</source>
      <translation>Das Band an den Maßstab bekannter Länge legen und ablesen. Ein gedehntes Band zeigt zu wenig.</translation>
    </message>
    <message>
      <source>Say where you will touch, offer somebody of the client's choice in the room, and ask.</source>
      <translation>Sagen, wo Sie berühren werden, eine Begleitperson nach Wahl anbieten, und fragen.</translation>
    </message>
    <message>
      <source>Ask how the client prepared, with times.</source>
      <translation>Fragen, wie der Klient sich vorbereitet hat, mit Zeiten.</translation>
    </message>
    <message>
      <source>Weigh the client on the floor scale, barefoot, in light clothing.</source>
      <translation>Die Person barfuß und leicht bekleidet auf der Bodenwaage wiegen.</translation>
    </message>
    <message>
      <source>Landmarks</source>
      <translation>Messpunkte</translation>
    </message>
    <message>
      <source>Find the landmarks by hand, on bare skin or thin clothing, and mark them.</source>
      <translation>Die Messpunkte ertasten, auf bloßer Haut oder dünner Kleidung, und markieren.</translation>
    </message>
    <message>
      <source>Girths</source>
      <translation>Umfänge</translation>
    </message>
    <message>
      <source>Lay the tape level and close to the skin without pressing in. Take it off after each reading.</source>
      <translation>Das Band waagerecht und anliegend anlegen, ohne zu drücken. Nach jeder Ablesung abnehmen.</translation>
    </message>
    <message>
      <source>Wipe the tape and roll it up without a fold.</source>
      <translation>Das Maßband abwischen und ohne Knick aufrollen.</translation>
    </message>
    <message>
      <source>Nothing was kept of this sweep.</source>
      <translation>Von dieser Messung wurde nichts gespeichert.</translation>
    </message>
    <message>
      <source>Frequency {1} Hz is out of range (1 kHz–1 MHz).</source>
      <translation>Frequenz {1} Hz liegt außerhalb des Bereichs (1 kHz–1 MHz).</translation>
    </message>
    <message>
      <source>Give frequencies in hertz.</source>
      <translation>Frequenzen in Hertz angeben.</translation>
    </message>
    <message>
      <source>At {1} kHz there is no number.</source>
      <translation>Bei {1} kHz ist keine Zahl.</translation>
    </message>
    <message>
      <source>The resistance at {1} kHz is {2} Ω. No body has that.</source>
      <translation>Die Resistanz bei {1} kHz ist {2} Ω. Das hat kein Körper.</translation>
    </message>
    <message>
      <source>Check that no leads are swapped, and repeat the sweep.</source>
      <translation>Prüfen Sie, ob Leitungen vertauscht sind, und wiederholen Sie den Durchlauf.</translation>
    </message>
    <message>
      <source>{1} Ω at {2} kHz is out of range. Are these kilohms?</source>
      <translation>{1} Ω bei {2} kHz liegt außerhalb des Bereichs. Sind das Kiloohm?</translation>
    </message>
    <message>
      <source>Give ohms; look at the unit of the export.</source>
      <translation>Ohm angeben; die Einheit des Exports ansehen.</translation>
    </message>
    <message>
      <source>{1} Ω at {2} kHz is out of range. An electrode may be off.</source>
      <translation>{1} Ω bei {2} kHz liegt außerhalb des Bereichs. Eine Elektrode kann ab sein.</translation>
    </message>
    <message>
      <source>Check that all electrodes touch.</source>
      <translation>Prüfen, ob alle Elektroden anliegen.</translation>
    </message>
    <message>
      <source>Excluding a sweep needs a reason.</source>
      <translation>Wer eine Messung ausschließt, muss es begründen.</translation>
    </message>
    <message>
      <source>There is no sweep {1}.</source>
      <translation>Es gibt keine Messung {1}.</translation>
    </message>
    <message>
      <source>The sweep has no reading, or a segment without any.</source>
      <translation>Die Messung hat keinen Wert oder ein Segment ohne Wert.</translation>
    </message>
    <message>
      <source>Measure again, or leave the segment out.</source>
      <translation>Erneut messen oder das Segment weglassen.</translation>
    </message>
    <message>
      <source>An analyzer has two, four or eight electrodes.</source>
      <translation>Ein Analysator hat zwei, vier oder acht Elektroden.</translation>
    </message>
    <message>
      <source>The measured side is right or left.</source>
      <translation>Die gemessene Seite ist rechts oder links.</translation>
    </message>
    <message>
      <source>A test module is 10 to 2000 Ω, and its reading is above zero.</source>
      <translation>Ein Prüfmodul hat 10 bis 2000 Ω, und sein Messwert liegt über null.</translation>
    </message>
    <message>
      <source>Type ohms: as marked on the module, then as read.</source>
      <translation>Ohm tippen: wie auf dem Modul, dann wie gemessen.</translation>
    </message>
    <message>
      <source>Say why it is this client, or correct it.</source>
      <translation>Begründen, warum es dieser Klient ist, oder berichtigen.</translation>
    </message>
    <message>
      <source>The code "{1}" is not that of this client.</source>
      <translation>Der Code „{1}“ ist nicht der dieses Klienten.</translation>
    </message>
    <message>
      <source>Whose turn is it? Open that client's test, or type the code again.</source>
      <translation>Wer ist an der Reihe? Dessen Test öffnen oder den Code neu tippen.</translation>
    </message>
    <message>
      <source>Height {1} cm is out of range.</source>
      <translation>Größe {1} cm liegt außerhalb des Bereichs.</translation>
    </message>
    <message>
      <source>The range is 50 to 230 cm. Check the unit.</source>
      <translation>Der Bereich ist 50 bis 230 cm. Die Einheit prüfen.</translation>
    </message>
    <message>
      <source>The analyzer was set up or checked again after this sweep was recorded.</source>
      <translation>Der Analysator wurde nach dieser Messung neu eingerichtet oder geprüft.</translation>
    </message>
    <message>
      <source>Using a sweep that should be repeated is the physiologist's decision.</source>
      <translation>Ob eine zu wiederholende Messung verwendet wird, entscheidet die Physiologin oder der Physiologe.</translation>
    </message>
    <message>
      <source>Repeat it, or ask the physiologist.</source>
      <translation>Wiederholen oder die Physiologie fragen.</translation>
    </message>
    <message>
      <source>Body mass {1} kg is out of range.</source>
      <translation>Körpermasse {1} kg liegt außerhalb des Bereichs.</translation>
    </message>
    <message>
      <source>Map the column with the mass in kilograms.</source>
      <translation>Die Spalte mit der Masse in Kilogramm zuordnen.</translation>
    </message>
    <message>
      <source>A reported value needs a name and a number.</source>
      <translation>Ein angegebener Wert braucht Namen und Zahl.</translation>
    </message>
    <message>
      <source>The reported fat or fat-free mass does not go with this person's mass.</source>
      <translation>Das angegebene Fett oder die fettfreie Masse passt nicht zur Masse dieser Person.</translation>
    </message>
    <message>
      <source>Check the units, and whose values these are.</source>
      <translation>Die Einheiten prüfen, und wessen Werte das sind.</translation>
    </message>
    <message>
      <source>"{1}" is not a part of the body with its side.</source>
      <translation>„{1}“ ist kein Körperteil mit Seite.</translation>
    </message>
    <message>
      <source>Length {1} cm is out of range.</source>
      <translation>Länge {1} cm liegt außerhalb des Bereichs.</translation>
    </message>
    <message>
      <source>Type centimetres.</source>
      <translation>Zentimeter tippen.</translation>
    </message>
    <message>
      <source>No whole-body equation is used: they were made for gel electrodes at wrist and ankle, lying.</source>
      <translation>Keine Ganzkörpergleichung wird verwendet: Sie gelten für Gel-Elektroden an Hand- und Fußgelenk, liegend.</translation>
    </message>
    <message>
      <source>The whole body was not read; it is the sum of right arm, trunk and right leg.</source>
      <translation>Der ganze Körper wurde nicht gemessen; er ist die Summe aus rechtem Arm, Rumpf und rechtem Bein.</translation>
    </message>
    <message>
      <source>Parts are missing on both sides: no whole-body equation is valid.</source>
      <translation>Auf beiden Seiten fehlen Teile: Keine Ganzkörpergleichung gilt.</translation>
    </message>
    <message>
      <source>A part is missing on the measured side: measure the other side.</source>
      <translation>Auf der gemessenen Seite fehlt ein Teil: die andere Seite messen.</translation>
    </message>
    <message>
      <source>The reading is outside the range of the lab's own electrode conversion.</source>
      <translation>Der Messwert liegt außerhalb des Bereichs der eigenen Elektrodenumrechnung des Labors.</translation>
    </message>
    <message>
      <source>From standing contacts, {1} would be off by about {2} kg of fat-free mass.</source>
      <translation>Aus Standkontakten läge {1} um etwa {2} kg fettfreie Masse daneben.</translation>
    </message>
    <message>
      <source>The published error of {1} is not known. {2} % is assumed.</source>
      <translation>Der veröffentlichte Fehler von {1} ist nicht bekannt. {2} % werden angenommen.</translation>
    </message>
    <message>
      <source>"{1}" does not give fat-free mass from impedance.</source>
      <translation>„{1}“ ergibt keine fettfreie Masse aus Impedanz.</translation>
    </message>
    <message>
      <source>Choose another equation.</source>
      <translation>Eine andere Gleichung wählen.</translation>
    </message>
    <message>
      <source>{1} does not cover a person of {2} years.</source>
      <translation>{1} gilt nicht für eine Person von {2} Jahren.</translation>
    </message>
    <message>
      <source>No equation of this policy covers a person of {1} years; only the readings are given.</source>
      <translation>Keine Gleichung dieser Regel gilt für eine Person von {1} Jahren; nur die Messwerte werden angegeben.</translation>
    </message>
    <message>
      <source>A part is missing: computed for a whole person of {1} kg, less the lean mass of the missing part.</source>
      <translation>Ein Teil fehlt: berechnet für eine vollständige Person von {1} kg, abzüglich der Magermasse des fehlenden Teils.</translation>
    </message>
    <message>
      <source>Hydration of the fat-free mass is {1} (usual {2} to {3}). The equation assumes usual hydration: do not rely on % fat today.</source>
      <translation>Wasseranteil der fettfreien Masse {1} (üblich {2} bis {3}). Die Gleichung setzt den üblichen voraus: Auf den Fettwert ist heute kein Verlass.</translation>
    </message>
    <message>
      <source>Body water is {1} L where height and mass let expect {2} L: check height, mass and identity.</source>
      <translation>Körperwasser ist {1} L, Größe und Masse lassen {2} L erwarten: Größe, Masse und Identität prüfen.</translation>
    </message>
    <message>
      <source>All values are as reported by the instrument: its equations and errors are not published.</source>
      <translation>Alle Werte sind wie vom Gerät angegeben: Seine Gleichungen und Fehler sind nicht veröffentlicht.</translation>
    </message>
    <message>
      <source>Phase angle {1}° (95 % CI ± {2}) at 50 kHz.</source>
      <translation>Phasenwinkel {1}° (95-%-KI ± {2}) bei 50 kHz.</translation>
    </message>
    <message>
      <source>Water by {1}: {2} L extracellular and {3} L intracellular. Extracellular share {4}.</source>
      <translation>Wasser nach {1}: {2} L extrazellulär und {3} L intrazellulär. Extrazellulärer Anteil {4}.</translation>
    </message>
    <message>
      <source>FFM by {1} equations: {2} to {3} kg, from the same reading.</source>
      <translation>FFM nach {1} Gleichungen: {2} bis {3} kg, aus demselben Messwert.</translation>
    </message>
    <message>
      <source>fitted to the spectrum</source>
      <translation>an das Spektrum angepasst</translation>
    </message>
    <message>
      <source>dossier</source>
      <translation>Akte</translation>
    </message>
    <message>
      <source>whole body at 50 kHz, {1}</source>
      <translation>Ganzkörper bei 50 kHz, {1}</translation>
    </message>
    <message>
      <source>resistance, as gel electrodes would read</source>
      <translation>Resistanz, wie Gel-Elektroden sie messen würden</translation>
    </message>
    <message>
      <source>this lab's own paired regression</source>
      <translation>eigene gepaarte Regression dieses Labors</translation>
    </message>
    <message>
      <source>impedance ratio, high over low frequency</source>
      <translation>Impedanzverhältnis, hohe durch niedrige Frequenz</translation>
    </message>
    <message>
      <source>resistance index</source>
      <translation>Resistanzindex</translation>
    </message>
    <message>
      <source>{1}, chosen by the policy; applies to this person: yes</source>
      <translation>{1}, von der Regel gewählt; gilt für diese Person: ja</translation>
    </message>
    <message>
      <source>{1}, chosen by the policy; applies to this person: partly (body mass index)</source>
      <translation>{1}, von der Regel gewählt; gilt für diese Person: teilweise (Body-Mass-Index)</translation>
    </message>
    <message>
      <source>{1}, chosen by the policy; applies to this person: no (age or sex)</source>
      <translation>{1}, von der Regel gewählt; gilt für diese Person: nein (Alter oder Geschlecht)</translation>
    </message>
    <message>
      <source>{1}, for comparison; applies to this person: yes</source>
      <translation>{1}, zum Vergleich; gilt für diese Person: ja</translation>
    </message>
    <message>
      <source>{1}, for comparison; applies to this person: partly (body mass index)</source>
      <translation>{1}, zum Vergleich; gilt für diese Person: teilweise (Body-Mass-Index)</translation>
    </message>
    <message>
      <source>{1}, for comparison; applies to this person: no (age or sex)</source>
      <translation>{1}, zum Vergleich; gilt für diese Person: nein (Alter oder Geschlecht)</translation>
    </message>
    <message>
      <source>{1}, for comparison, not yet verified; applies to this person: yes</source>
      <translation>{1}, zum Vergleich, noch nicht verifiziert; gilt für diese Person: ja</translation>
    </message>
    <message>
      <source>{1}, for comparison, not yet verified; applies to this person: partly (body mass index)</source>
      <translation>{1}, zum Vergleich, noch nicht verifiziert; gilt für diese Person: teilweise (Body-Mass-Index)</translation>
    </message>
    <message>
      <source>{1}, for comparison, not yet verified; applies to this person: no (age or sex)</source>
      <translation>{1}, zum Vergleich, noch nicht verifiziert; gilt für diese Person: nein (Alter oder Geschlecht)</translation>
    </message>
    <message>
      <source>as reported by the instrument</source>
      <translation>wie vom Gerät angegeben</translation>
    </message>
    <message>
      <source>resistance at zero frequency</source>
      <translation>Widerstand bei Frequenz null</translation>
    </message>
    <message>
      <source>resistance at infinite frequency</source>
      <translation>Widerstand bei unendlicher Frequenz</translation>
    </message>
    <message>
      <source>resistance of the cells</source>
      <translation>Widerstand der Zellen</translation>
    </message>
    <message>
      <source>exponent and characteristic frequency</source>
      <translation>Exponent und charakteristische Frequenz</translation>
    </message>
    <message>
      <source>{1}, chosen by the policy</source>
      <translation>{1}, von der Regel gewählt</translation>
    </message>
    <message>
      <source>{1}, for comparison; not yet verified</source>
      <translation>{1}, zum Vergleich; noch nicht verifiziert</translation>
    </message>
    <message>
      <source>{1}, for comparison</source>
      <translation>{1}, zum Vergleich</translation>
    </message>
    <message>
      <source>water inside the cells</source>
      <translation>intrazelluläres Wasser</translation>
    </message>
    <message>
      <source>lean, open cylinder, calibrated in this lab</source>
      <translation>Magermasse, offener Zylinder, in diesem Labor kalibriert</translation>
    </message>
    <message>
      <source>lean, open cylinder, uncalibrated estimate</source>
      <translation>Magermasse, offener Zylinder, unkalibrierte Schätzung</translation>
    </message>
    <message>
      <source>The analyzer has been on for its warm-up time; the room is between 22 and 26 °C.</source>
      <translation>Der Analysator war die Aufwärmzeit lang an; der Raum hat 22 bis 26 °C.</translation>
    </message>
    <message>
      <source>Test module</source>
      <translation>Prüfmodul</translation>
    </message>
    <message>
      <source>Connect the test module in place of the client and read it.</source>
      <translation>Das Prüfmodul anstelle der Person anschließen und messen.</translation>
    </message>
    <message>
      <source>Identity check</source>
      <translation>Identitätsprüfung</translation>
    </message>
    <message>
      <source>Type or scan the client's code; measure the height again or confirm it.</source>
      <translation>Den Klientencode tippen oder scannen; die Größe neu messen oder bestätigen.</translation>
    </message>
    <message>
      <source>Ask about implanted devices before anything is connected.</source>
      <translation>Nach implantierten Geräten fragen, bevor etwas angeschlossen wird.</translation>
    </message>
    <message>
      <source>Weigh the client in light clothing, with an empty bladder.</source>
      <translation>Wiegen Sie die Person in leichter Kleidung, mit leerer Blase.</translation>
    </message>
    <message>
      <source>Clean the electrodes; wipe hands and feet, moisten dry or callused skin.</source>
      <translation>Elektroden reinigen; Hände und Füße abwischen, trockene oder verhornte Haut anfeuchten.</translation>
    </message>
    <message>
      <source>Posture</source>
      <translation>Haltung</translation>
    </message>
    <message>
      <source>Arms away from the trunk, thighs apart, quiet: no talking until the sweep is done.</source>
      <translation>Arme vom Rumpf weg, Oberschenkel getrennt, ruhig: nicht sprechen, bis die Messung fertig ist.</translation>
    </message>
    <message>
      <source>Sweep</source>
      <translation>Messung</translation>
    </message>
    <message>
      <source>Start the sweep. Keep still and silent, breathe quietly.</source>
      <translation>Die Messung starten. Still halten, nicht sprechen, ruhig atmen.</translation>
    </message>
    <message>
      <source>Read the result, its interval and the findings of the signal check.</source>
      <translation>Ergebnis, Intervall und die Befunde der Signalprüfung lesen.</translation>
    </message>
    <message>
      <source>Wipe the electrodes for the next client.</source>
      <translation>Die Elektroden für die nächste Person abwischen.</translation>
    </message>
    <message>
      <source>Body water from impedance: {1} L (SE {2}, the spread between people included).</source>
      <translation>Körperwasser aus Impedanz: {1} L (SE {2}, mit der Streuung zwischen Personen).</translation>
    </message>
    <message>
      <source>Body water by dilution of oxygen-18: {1} L (SE {2}).</source>
      <translation>Körperwasser durch Verdünnung von Sauerstoff-18: {1} L (SE {2}).</translation>
    </message>
    <message>
      <source>Body water by dilution of deuterium: {1} L (SE {2}).</source>
      <translation>Körperwasser durch Verdünnung von Deuterium: {1} L (SE {2}).</translation>
    </message>
    <message>
      <source>Body water by dilution: {1} L (SE {2}).</source>
      <translation>Körperwasser durch Verdünnung: {1} L (SE {2}).</translation>
    </message>
    <message>
      <source>Volume from the {1} test: {2} L (SE {3}).</source>
      <translation>Volumen aus dem Test mit {1}: {2} L (SE {3}).</translation>
    </message>
    <message>
      <source>Bone mineral from the densitometer: {1} kg (SE {2}).</source>
      <translation>Knochenmineral vom DXA-Scanner: {1} kg (SE {2}).</translation>
    </message>
    <message>
      <source>Were the spread of body water between people {1} L, the 95 % CI of "{2}" would reach {3} % to each side instead of {4} %.</source>
      <translation>Wäre die Streuung des Körperwassers zwischen Personen {1} L, reichte das 95-%-KI von „{2}“ um {3} % zu jeder Seite statt um {4} %.</translation>
    </message>
    <message>
      <source>{1} % fat; the chosen reference does not cover this person.</source>
      <translation>{1} % Fett; die gewählte Referenz gilt nicht für diese Person.</translation>
    </message>
    <message>
      <source>The 95 % CI is ± {1} % fat. Most of its variance ({2} %) comes from: {3}.</source>
      <translation>Das 95-%-KI ist ± {1} % Fett. Der größte Teil seiner Varianz ({2} %) kommt von: {3}.</translation>
    </message>
    <message>
      <source>Since the last test ({1} d) at most about {2} kg of fat can have come or gone. Water, food or the preparation explain most of the {3} kg. Body mass changed by {4} kg.</source>
      <translation>Seit dem letzten Test ({1} d) können höchstens etwa {2} kg Fett gekommen oder gegangen sein. Wasser, Essen oder die Vorbereitung erklären das meiste der {3} kg. Die Körpermasse änderte sich um {4} kg.</translation>
    </message>
    <message>
      <source>Deviation: "{1}". Reason to continue: {2}.</source>
      <translation>Abweichung: „{1}“. Grund, fortzufahren: {2}.</translation>
    </message>
    <message>
      <source>both low</source>
      <translation>beide niedrig</translation>
    </message>
    <message>
      <source>both high</source>
      <translation>beide hoch</translation>
    </message>
    <message>
      <source>fat-led</source>
      <translation>vorwiegend Fett</translation>
    </message>
    <message>
      <source>mostly muscle</source>
      <translation>vorwiegend Muskel</translation>
    </message>
    <message>
      <source>even</source>
      <translation>ausgeglichen</translation>
    </message>
    <message>
      <source>not covered by the reference</source>
      <translation>von der Referenz nicht abgedeckt</translation>
    </message>
    <message>
      <source>A dietitian makes such a plan, with a physician where needed.</source>
      <translation>Einen solchen Plan macht eine Ernährungsfachkraft, wo nötig mit ärztlicher Begleitung.</translation>
    </message>
    <message>
      <source>Under 18: no target for weight or fat and no deficit, because the body is still growing.</source>
      <translation>Unter 18: kein Ziel für Gewicht oder Fett und kein Defizit, weil der Körper noch wächst.</translation>
    </message>
    <message>
      <source>Talk of growth, strength and health, with a guardian; a paediatrician where there is worry.</source>
      <translation>Über Wachstum, Kraft und Gesundheit sprechen, mit Sorgeberechtigten; bei Sorge die Kinderärztin oder den Kinderarzt.</translation>
    </message>
    <message>
      <source>The body mass index is {1}, below 18.5: no plan to lose.</source>
      <translation>Der Body-Mass-Index ist {1}, unter 18,5: kein Plan zum Abnehmen.</translation>
    </message>
    <message>
      <source>Body fat is below the reference range: eating enough is what matters, not less.</source>
      <translation>Das Körperfett liegt unter dem Referenzbereich: Genug zu essen zählt, nicht weniger.</translation>
    </message>
    <message>
      <source>Little lean on arms and legs: losing weight costs more of it.</source>
      <translation>Wenig Magermasse an Armen und Beinen: Abnehmen kostet noch mehr davon.</translation>
    </message>
    <message>
      <source>Strength is tested first; a physician and a dietitian decide.</source>
      <translation>Zuerst wird die Kraft geprüft; ärztliche und Ernährungsfachkräfte entscheiden.</translation>
    </message>
    <message>
      <source>No plan to lose before the health questions are asked: {1} are open.</source>
      <translation>Kein Plan zum Abnehmen, bevor die Gesundheitsfragen gestellt sind: {1} sind offen.</translation>
    </message>
    <message>
      <source>Ask them kindly and alone. Nobody has to answer; then there are no numbers here.</source>
      <translation>Freundlich und allein fragen. Niemand muss antworten; dann gibt es hier keine Zahlen.</translation>
    </message>
    <message>
      <source>{1} % is not above the essential fat of {2} %: that is a floor, not a goal.</source>
      <translation>{1} % liegt nicht über dem lebensnotwendigen Fett von {2} %: Das ist eine Untergrenze, kein Ziel.</translation>
    </message>
    <message>
      <source>{1} % is below {2} %: no numbers for a target so low.</source>
      <translation>{1} % liegt unter {2} %: keine Zahlen für ein so niedriges Ziel.</translation>
    </message>
    <message>
      <source>The target would lead to a body mass index below 18.5.</source>
      <translation>Das Ziel würde zu einem Body-Mass-Index unter 18,5 führen.</translation>
    </message>
    <message>
      <source>{1} kcal a day is less than the body needs at rest ({2} kcal).</source>
      <translation>{1} kcal am Tag ist weniger, als der Körper in Ruhe braucht ({2} kcal).</translation>
    </message>
    <message>
      <source>Energy availability would be {1} kcal per kg of fat-free mass a day, below {2}: hormones and bones suffer when it lasts. There is no limit that holds for everybody.</source>
      <translation>Die Energieverfügbarkeit wäre {1} kcal je kg fettfreier Masse am Tag, unter {2}: Hormone und Knochen leiden, wenn es anhält. Es gibt keine Grenze, die für alle gilt.</translation>
    </message>
    <message>
      <source>From week {1} on the body mass index would be below 18.5.</source>
      <translation>Ab Woche {1} läge der Body-Mass-Index unter 18,5.</translation>
    </message>
    <message>
      <source>From week {1} on body fat would be below {2} %.</source>
      <translation>Ab Woche {1} läge das Körperfett unter {2} %.</translation>
    </message>
    <message>
      <source>From week {1} on energy availability would be below {2} kcal per kg.</source>
      <translation>Ab Woche {1} läge die Energieverfügbarkeit unter {2} kcal je kg.</translation>
    </message>
    <message>
      <source>Energy availability {1} kcal per kg of fat-free mass a day ({2} to {3} counts as reduced). Reported intake is usually 10 to 30 % too low: a warning sign, not a diagnosis.</source>
      <translation>Energieverfügbarkeit {1} kcal je kg fettfreier Masse am Tag ({2} bis {3} gilt als vermindert). Angegebene Zufuhr ist meist 10 bis 30 % zu niedrig: ein Warnzeichen, keine Diagnose.</translation>
    </message>
    <message>
      <source>More than 1 % of the mass a week: lean is lost as well. Slower is usually better.</source>
      <translation>Mehr als 1 % der Masse je Woche: Auch Magermasse geht verloren. Langsamer ist meist besser.</translation>
    </message>
    <message>
      <source>Energy expenditure of one person may differ by ± {1} % (95 %). Follow the scale for two weeks and correct.</source>
      <translation>Der Energieverbrauch einer Person kann um ± {1} % abweichen (95 %). Zwei Wochen die Waage verfolgen und anpassen.</translation>
    </message>
    <message>
      <source>convention</source>
      <translation>Gewohnheit</translation>
    </message>
    <message>
      <source>500 kcal a day less</source>
      <translation>500 kcal am Tag weniger</translation>
    </message>
    <message>
      <source>The same for everybody: a lot for a small person. Loss slows down over the weeks.</source>
      <translation>Für alle gleich: viel für eine kleine Person. Der Verlust wird über die Wochen langsamer.</translation>
    </message>
    <message>
      <source>250 kcal eaten less, 250 moved more</source>
      <translation>250 kcal weniger gegessen, 250 mehr bewegt</translation>
    </message>
    <message>
      <source>Some of the movement is often made up for by resting or eating more.</source>
      <translation>Ein Teil der Bewegung wird oft durch Ruhen oder mehr Essen ausgeglichen.</translation>
    </message>
    <message>
      <source>10 % below expenditure</source>
      <translation>10 % unter dem Verbrauch</translation>
    </message>
    <message>
      <source>Slow; a single test sees it late.</source>
      <translation>Langsam; ein einzelner Test sieht es spät.</translation>
    </message>
    <message>
      <source>20 % below expenditure</source>
      <translation>20 % unter dem Verbrauch</translation>
    </message>
    <message>
      <source>Expenditure itself is known to about 15 % only.</source>
      <translation>Der Verbrauch selbst ist nur auf etwa 15 % bekannt.</translation>
    </message>
    <message>
      <source>As much as the body spends at rest</source>
      <translation>So viel, wie der Körper in Ruhe verbraucht</translation>
    </message>
    <message>
      <source>The lowest intake that a plan may use. It is not a goal.</source>
      <translation>Die niedrigste Zufuhr, die ein Plan verwenden darf. Sie ist kein Ziel.</translation>
    </message>
    <message>
      <source>10 % above expenditure, to gain</source>
      <translation>10 % über dem Verbrauch, zum Zunehmen</translation>
    </message>
    <message>
      <source>How much of it becomes muscle hangs on the training; the model does not know that.</source>
      <translation>Wie viel davon Muskel wird, hängt vom Training ab; das Modell weiß das nicht.</translation>
    </message>
    <message>
      <source>{1} hours later in the day than at the earlier test: fluid and food differ.</source>
      <translation>{1} Stunden später am Tag als beim früheren Test: Flüssigkeit und Essen unterscheiden sich.</translation>
    </message>
    <message>
      <source>{1} hours earlier in the day than at the earlier test: fluid and food differ.</source>
      <translation>{1} Stunden früher am Tag als beim früheren Test: Flüssigkeit und Essen unterscheiden sich.</translation>
    </message>
    <message>
      <source>Differs from the last test: "{1}" The change is less certain ({2}).</source>
      <translation>Anders als beim letzten Test: „{1}“ Die Änderung ist weniger sicher ({2}).</translation>
    </message>
    <message>
      <source>Differs from the last test: "{1}" Fat may read higher than at that test ({2}).</source>
      <translation>Anders als beim letzten Test: „{1}“ Das Fett kann höher erscheinen als bei jenem Test ({2}).</translation>
    </message>
    <message>
      <source>Differs from the last test: "{1}" Fat may read lower than at that test ({2}).</source>
      <translation>Anders als beim letzten Test: „{1}“ Das Fett kann niedriger erscheinen als bei jenem Test ({2}).</translation>
    </message>
    <message>
      <source>body mass</source>
      <translation>Körpergewicht</translation>
    </message>
    <message>
      <source>appendicular lean mass</source>
      <translation>appendikuläre Magermasse</translation>
    </message>
    <message>
      <source>limb lean over height²</source>
      <translation>fettfreies Gewebe der Arme und Beine durch Größe²</translation>
    </message>
    <message>
      <source>limb lean for each 10 kg of body mass</source>
      <translation>fettfreies Gewebe der Arme und Beine je 10 kg Körpermasse</translation>
    </message>
    <message>
      <source>fat of the trunk</source>
      <translation>Fett des Rumpfs</translation>
    </message>
    <message>
      <source>visceral fat, as reported</source>
      <translation>Viszeralfett, wie angegeben</translation>
    </message>
    <message>
      <source>lean of the right arm</source>
      <translation>Magermasse des rechten Arms</translation>
    </message>
    <message>
      <source>lean of the left arm</source>
      <translation>Magermasse des linken Arms</translation>
    </message>
    <message>
      <source>lean of the right leg</source>
      <translation>Magermasse des rechten Beins</translation>
    </message>
    <message>
      <source>lean of the left leg</source>
      <translation>Magermasse des linken Beins</translation>
    </message>
    <message>
      <source>lean of the trunk</source>
      <translation>Magermasse des Rumpfs</translation>
    </message>
    <message>
      <source>fat of the right arm</source>
      <translation>Fett des rechten Arms</translation>
    </message>
    <message>
      <source>fat of the left arm</source>
      <translation>Fett des linken Arms</translation>
    </message>
    <message>
      <source>fat of the right leg</source>
      <translation>Fett des rechten Beins</translation>
    </message>
    <message>
      <source>fat of the left leg</source>
      <translation>Fett des linken Beins</translation>
    </message>
    <message>
      <source>not comparable: another method</source>
      <translation>nicht vergleichbar: andere Methode</translation>
    </message>
    <message>
      <source>not comparable: then {1}, now {2}</source>
      <translation>nicht vergleichbar: damals {1}, jetzt {2}</translation>
    </message>
    <message>
      <source>not comparable: another equation</source>
      <translation>nicht vergleichbar: andere Gleichung</translation>
    </message>
    <message>
      <source>not comparable: {1} hours apart in the day</source>
      <translation>nicht vergleichbar: {1} Stunden Unterschied in der Tageszeit</translation>
    </message>
    <message>
      <source>not comparable: prepared differently ("{1}")</source>
      <translation>nicht vergleichbar: anders vorbereitet („{1}“)</translation>
    </message>
    <message>
      <source>not comparable: one of the tests does not give it</source>
      <translation>nicht vergleichbar: einer der Tests gibt es nicht her</translation>
    </message>
    <message>
      <source>exceeds the LSC ({1} {2})</source>
      <translation>überschreitet die LSC ({1} {2})</translation>
    </message>
    <message>
      <source>within measurement error (LSC {1} {2})</source>
      <translation>innerhalb des Messfehlers (LSC {1} {2})</translation>
    </message>
    <message>
      <source>not comparable: {1} % is outside the range of the cross-calibration</source>
      <translation>nicht vergleichbar: {1} % liegt außerhalb des Bereichs der Kreuzkalibrierung</translation>
    </message>
    <message>
      <source>exceeds the LSC, converted from another method: then {1} % by the new one</source>
      <translation>überschreitet die LSC, aus einer anderen Methode umgerechnet: damals {1} % nach der neuen</translation>
    </message>
    <message>
      <source>within measurement error, converted from another method: then {1} % by the new one</source>
      <translation>innerhalb des Messfehlers, aus einer anderen Methode umgerechnet: damals {1} % nach der neuen</translation>
    </message>
    <message>
      <source>The mass hardly changes from week to week.</source>
      <translation>Die Masse ändert sich von Woche zu Woche kaum.</translation>
    </message>
    <message>
      <source>{1} kg gained a week ({2} % of the mass).</source>
      <translation>{1} kg Zunahme je Woche ({2} % der Masse).</translation>
    </message>
    <message>
      <source>{1} kg lost a week ({2} % of the mass) is faster than any usual limit. A physician should know.</source>
      <translation>{1} kg Verlust je Woche ({2} % der Masse) sind schneller als jede übliche Grenze. Das sollte ein Arzt oder eine Ärztin wissen.</translation>
    </message>
    <message>
      <source>{1} kg lost a week ({2} % of the mass) is faster than the usual 0.5 to 1 % a week. Lean mass is lost as well.</source>
      <translation>{1} kg Verlust je Woche ({2} % der Masse) sind schneller als die üblichen 0,5 bis 1 % je Woche. Auch Magermasse geht verloren.</translation>
    </message>
    <message>
      <source>{1} kg lost a week ({2} % of the mass): within the usual range of up to 1 % a week.</source>
      <translation>{1} kg Verlust je Woche ({2} % der Masse): im üblichen Bereich bis 1 % je Woche.</translation>
    </message>
    <message>
      <source>water</source>
      <translation>Wasser</translation>
    </message>
    <message>
      <source>the rest</source>
      <translation>der Rest</translation>
    </message>
    <message>
      <source>Most likely the impedance equation, whose error for one person is kilograms; fluid moves the two methods in different directions.</source>
      <translation>Am ehesten die Impedanzgleichung, deren Fehler bei einer Person Kilogramm beträgt; Flüssigkeit verschiebt die beiden Methoden in verschiedene Richtungen.</translation>
    </message>
    <message>
      <source>Most likely the densitometer's own calibration of fat and lean, which differs from make to make and person to person.</source>
      <translation>Am ehesten die Fett-Mager-Kalibrierung des DXA-Scanners, die je nach Bauart und Person verschieden ist.</translation>
    </message>
    <message>
      <source>Most likely the thoracic gas in the chamber, which was predicted: measure it.</source>
      <translation>Am ehesten das thorakale Gas in der Kammer, das geschätzt wurde: messen.</translation>
    </message>
    <message>
      <source>Most likely the residual volume in the tank, which was predicted: measure it.</source>
      <translation>Am ehesten das Residualvolumen im Becken, das geschätzt wurde: messen.</translation>
    </message>
    <message>
      <source>A deviation could explain it: "{1}"</source>
      <translation>Eine Abweichung könnte es erklären: „{1}“</translation>
    </message>
    <message>
      <source>Both lung volumes were measured and the preparation was as asked: think of trapped air in the tank, or of clothing and hair in the chamber.</source>
      <translation>Beide Lungenvolumina wurden gemessen, und die Vorbereitung war wie verlangt: an Luftblasen im Becken oder an Kleidung und Haar in der Kammer denken.</translation>
    </message>
    <message>
      <source>below the reference range</source>
      <translation>unter dem Referenzbereich</translation>
    </message>
    <message>
      <source>{1} {2} {3} (95 % CI {4} to {5}): below the reference range of {6} to {7} ({8}).</source>
      <translation>{1} {2} {3} (95-%-KI {4} bis {5}): unter dem Referenzbereich von {6} bis {7} ({8}).</translation>
    </message>
    <message>
      <source>{1} {2} {3} (95 % CI {4} to {5}): below the reference limit of {6} ({8}).</source>
      <translation>{1} {2} {3} (95-%-KI {4} bis {5}): unter der Referenzgrenze von {6} ({8}).</translation>
    </message>
    <message>
      <source>close to the lower limit</source>
      <translation>nahe der unteren Grenze</translation>
    </message>
    <message>
      <source>{1} {2} {3} (95 % CI {4} to {5}): close to the lower limit of the reference range of {6} to {7} ({8}).</source>
      <translation>{1} {2} {3} (95-%-KI {4} bis {5}): nahe der unteren Grenze des Referenzbereichs von {6} bis {7} ({8}).</translation>
    </message>
    <message>
      <source>{1} {2} {3} (95 % CI {4} to {5}): close to the lower limit of {6} ({8}).</source>
      <translation>{1} {2} {3} (95-%-KI {4} bis {5}): nahe der unteren Grenze von {6} ({8}).</translation>
    </message>
    <message>
      <source>within the reference range</source>
      <translation>im Referenzbereich</translation>
    </message>
    <message>
      <source>{1} {2} {3} (95 % CI {4} to {5}): within the reference range of {6} to {7} ({8}).</source>
      <translation>{1} {2} {3} (95-%-KI {4} bis {5}): im Referenzbereich von {6} bis {7} ({8}).</translation>
    </message>
    <message>
      <source>{1} {2} {3} (95 % CI {4} to {5}): not below the reference limit of {6} ({8}).</source>
      <translation>{1} {2} {3} (95-%-KI {4} bis {5}): nicht unter der Referenzgrenze von {6} ({8}).</translation>
    </message>
    <message>
      <source>close to the upper limit</source>
      <translation>nahe der oberen Grenze</translation>
    </message>
    <message>
      <source>{1} {2} {3} (95 % CI {4} to {5}): close to the upper limit of the reference range of {6} to {7} ({8}).</source>
      <translation>{1} {2} {3} (95-%-KI {4} bis {5}): nahe der oberen Grenze des Referenzbereichs von {6} bis {7} ({8}).</translation>
    </message>
    <message>
      <source>above the reference range</source>
      <translation>über dem Referenzbereich</translation>
    </message>
    <message>
      <source>{1} {2} {3} (95 % CI {4} to {5}): above the reference range of {6} to {7} ({8}).</source>
      <translation>{1} {2} {3} (95-%-KI {4} bis {5}): über dem Referenzbereich von {6} bis {7} ({8}).</translation>
    </message>
    <message>
      <source>within measurement error</source>
      <translation>innerhalb des Messfehlers</translation>
    </message>
    <message>
      <source>notable difference</source>
      <translation>beachtlicher Unterschied</translation>
    </message>
    <message>
      <source>difference below the lab's threshold</source>
      <translation>Unterschied unter der Schwelle des Labors</translation>
    </message>
    <message>
      <source>{1} {2} {3} since {4}: exceeds the LSC of {5} {3}.</source>
      <translation>{1} {2} {3} seit {4}: überschreitet die LSC von {5} {3}.</translation>
    </message>
    <message>
      <source>{1} {2} {3} since {4}: within measurement error, LSC {5} {3} (probability of this direction {6} %).</source>
      <translation>{1} {2} {3} seit {4}: innerhalb des Messfehlers, LSC {5} {3} (Wahrscheinlichkeit dieser Richtung {6} %).</translation>
    </message>
    <message>
      <source>Arm lean mass</source>
      <translation>Magermasse der Arme</translation>
    </message>
    <message>
      <source>Leg lean mass</source>
      <translation>Magermasse der Beine</translation>
    </message>
    <message>
      <source>{1}, right − left: {2} kg ({5} %). Exceeds the measurement error (± {3} kg) and the lab's threshold ({4} kg).</source>
      <translation>{1}, rechts − links: {2} kg ({5} %). Überschreitet den Messfehler (± {3} kg) und die Schwelle des Labors ({4} kg).</translation>
    </message>
    <message>
      <source>{1}, right − left: {2} kg ({5} %). Exceeds the measurement error (± {3} kg), not the lab's threshold ({4} kg).</source>
      <translation>{1}, rechts − links: {2} kg ({5} %). Überschreitet den Messfehler (± {3} kg), nicht die Schwelle des Labors ({4} kg).</translation>
    </message>
    <message>
      <source>{1}: no left–right difference beyond the measurement error of ± {3} kg.</source>
      <translation>{1}: kein Seitenunterschied jenseits des Messfehlers von ± {3} kg.</translation>
    </message>
    <message>
      <source>The conversion {1} does not cover a person of {2} years.</source>
      <translation>Die Umrechnung {1} gilt nicht für eine Person von {2} Jahren.</translation>
    </message>
    <message>
      <source>Choose another conversion in the policy.</source>
      <translation>In der Regel eine andere Umrechnung wählen.</translation>
    </message>
    <message>
      <source>Body density {1} kg/L is out of range (0.93–1.10). A reading must be wrong.</source>
      <translation>Körperdichte {1} kg/L liegt außerhalb des Bereichs (0,93–1,10). Ein Messwert muss falsch sein.</translation>
    </message>
    <message>
      <source>body density</source>
      <translation>Körperdichte</translation>
    </message>
    <message>
      <source>spread of fat-free density between people</source>
      <translation>Streuung der fettfreien Dichte zwischen Personen</translation>
    </message>
    <message>
      <source>part of the standard error of %fat</source>
      <translation>Anteil am Standardfehler von % Fett</translation>
    </message>
    <message>
      <source>Everything accepted so far is kept.</source>
      <translation>Alles bisher Übernommene ist gespeichert.</translation>
    </message>
    <message>
      <source>This cannot be accepted: {1}.</source>
      <translation>Das kann nicht übernommen werden: {1}.</translation>
    </message>
    <message>
      <source>Check the reading and take it again.</source>
      <translation>Prüfen Sie die Messung und nehmen Sie sie noch einmal.</translation>
    </message>
    <message>
      <source>This test is signed; its readings are locked.</source>
      <translation>Dieser Test ist unterschrieben; seine Messwerte sind gesperrt.</translation>
    </message>
    <message>
      <source>Amend it, with a reason: both versions are kept.</source>
      <translation>Mit Begründung berichtigen: Beide Versionen bleiben erhalten.</translation>
    </message>
    <message>
      <source>This test was ended without a result.</source>
      <translation>Dieser Test wurde ohne Ergebnis beendet.</translation>
    </message>
    <message>
      <source>Start a new one.</source>
      <translation>Einen neuen starten.</translation>
    </message>
    <message>
      <source>It is not known for which test this reading was recorded.</source>
      <translation>Es ist nicht bekannt, für welchen Test dieser Wert aufgezeichnet wurde.</translation>
    </message>
    <message>
      <source>Record it again in this client's test.</source>
      <translation>Im Test dieses Klienten erneut aufzeichnen.</translation>
    </message>
    <message>
      <source>This reading was recorded for another test. It is not taken here.</source>
      <translation>Dieser Wert wurde für einen anderen Test aufgezeichnet. Er wird hier nicht übernommen.</translation>
    </message>
    <message>
      <source>Record it again with this client.</source>
      <translation>Mit diesem Klienten erneut aufzeichnen.</translation>
    </message>
    <message>
      <source>Record it again.</source>
      <translation>Erneut aufzeichnen.</translation>
    </message>
    <message>
      <source>The range is {1} to {2} kg. Check the unit and what is on the scale.</source>
      <translation>Der Bereich ist {1} bis {2} kg. Die Einheit prüfen, und was auf der Waage ist.</translation>
    </message>
    <message>
      <source>Not with this answer: "{1}"</source>
      <translation>Nicht mit dieser Antwort: „{1}“</translation>
    </message>
    <message>
      <source>First finish the step "{1}".</source>
      <translation>Zuerst den Schritt „{1}“ abschließen.</translation>
    </message>
    <message>
      <source>Overriding a failed check is the physiologist's decision.</source>
      <translation>Eine nicht bestandene Prüfung zu übergehen, entscheidet die Physiologin oder der Physiologe.</translation>
    </message>
    <message>
      <source>Repeat the check, or ask the physiologist.</source>
      <translation>Die Prüfung wiederholen oder die Physiologie fragen.</translation>
    </message>
    <message>
      <source>Skipping this step needs a reason.</source>
      <translation>Diesen Schritt zu übergehen, braucht eine Begründung.</translation>
    </message>
    <message>
      <source>There is no result to confirm yet.</source>
      <translation>Es gibt noch kein Ergebnis zu bestätigen.</translation>
    </message>
    <message>
      <source>Take the readings that are missing.</source>
      <translation>Die fehlenden Messwerte nehmen.</translation>
    </message>
    <message>
      <source>This step needs its own answer.</source>
      <translation>Dieser Schritt braucht eine eigene Antwort.</translation>
    </message>
    <message>
      <source>The protocol has no question "{1}".</source>
      <translation>Das Protokoll hat keine Frage „{1}“.</translation>
    </message>
    <message>
      <source>There is no time to wait for here.</source>
      <translation>Hier gibt es keine Wartezeit.</translation>
    </message>
    <message>
      <source>No answer here needs a decision.</source>
      <translation>Keine Antwort braucht hier eine Entscheidung.</translation>
    </message>
    <message>
      <source>Continuing with a deviation needs a reason.</source>
      <translation>Trotz Abweichung fortzusetzen, braucht eine Begründung.</translation>
    </message>
    <message>
      <source>This answer blocks the test; only the physiologist can decide otherwise.</source>
      <translation>Diese Antwort sperrt den Test; nur die Physiologin oder der Physiologe kann anders entscheiden.</translation>
    </message>
    <message>
      <source>Ask the physiologist to take the bench, or end the test.</source>
      <translation>Die Physiologie an den Messplatz bitten oder den Test beenden.</translation>
    </message>
    <message>
      <source>The interpretation is empty.</source>
      <translation>Die Beurteilung ist leer.</translation>
    </message>
    <message>
      <source>Use the suggested sentences, or write your own.</source>
      <translation>Die vorgeschlagenen Sätze verwenden oder eigene schreiben.</translation>
    </message>
    <message>
      <source>Ending a test needs a reason.</source>
      <translation>Einen Test zu beenden, braucht eine Begründung.</translation>
    </message>
    <message>
      <source>There is no result to sign.</source>
      <translation>Es gibt kein Ergebnis zu unterschreiben.</translation>
    </message>
    <message>
      <source>Take the readings that are missing, or end the test with a reason.</source>
      <translation>Die fehlenden Messwerte nehmen oder den Test mit Begründung beenden.</translation>
    </message>
    <message>
      <source>The technician's name is missing.</source>
      <translation>Der Name der durchführenden Person fehlt.</translation>
    </message>
    <message>
      <source>Choose who ran the test.</source>
      <translation>Wählen, wer den Test durchgeführt hat.</translation>
    </message>
    <message>
      <source>{1} may measure, but not sign for a test.</source>
      <translation>{1} darf messen, aber nicht für einen Test unterschreiben.</translation>
    </message>
    <message>
      <source>Choose the colleague who watched over it.</source>
      <translation>Wählen Sie die Person, die darüber gewacht hat.</translation>
    </message>
    <message>
      <source>This lab's policy asks for the physiologist's name too.</source>
      <translation>Die Regel dieses Labors verlangt auch den Namen der Physiologie.</translation>
    </message>
    <message>
      <source>Choose the physiologist who answers for this result.</source>
      <translation>Wählen, wer für dieses Ergebnis einsteht.</translation>
    </message>
    <message>
      <source>Only a signed test is amended.</source>
      <translation>Nur ein unterschriebener Test wird berichtigt.</translation>
    </message>
    <message>
      <source>Change it directly.</source>
      <translation>Direkt ändern.</translation>
    </message>
    <message>
      <source>{1} may not amend a signed test.</source>
      <translation>{1} darf einen unterschriebenen Test nicht ändern.</translation>
    </message>
    <message>
      <source>Ask the physiologist to take the bench.</source>
      <translation>Bitten Sie die Physiologie an den Messplatz.</translation>
    </message>
    <message>
      <source>An amendment needs a reason.</source>
      <translation>Eine Berichtigung braucht eine Begründung.</translation>
    </message>
    <message>
      <source>There is nothing to take back.</source>
      <translation>Es gibt nichts zurückzunehmen.</translation>
    </message>
    <message>
      <source>Below the lowest percentile ({1}) of {2}.</source>
      <translation>Unter dem niedrigsten Perzentil ({1}) von {2}.</translation>
    </message>
    <message>
      <source>Above the highest percentile ({1}) of {2}.</source>
      <translation>Über dem höchsten Perzentil ({1}) von {2}.</translation>
    </message>
    <message>
      <source>{1} % of the people of {2} have a lower value (z-score {3}).</source>
      <translation>{1} % der Personen von {2} haben einen niedrigeren Wert (z-Wert {3}).</translation>
    </message>
    <message>
      <source>{1} % of the people of {2} have a lower value.</source>
      <translation>{1} % der Personen von {2} haben einen niedrigeren Wert.</translation>
    </message>
    <message>
      <source>The result needs one more reading: {1}.</source>
      <translation>Das Ergebnis braucht noch einen Messwert: {1}.</translation>
    </message>
    <message>
      <source>Take the reading, then come back.</source>
      <translation>Den Messwert nehmen, dann zurückkommen.</translation>
    </message>
    <message>
      <source>{1} % fat is outside what this method can be trusted with.</source>
      <translation>{1} % Fett liegt außerhalb dessen, was dieses Verfahren zuverlässig misst.</translation>
    </message>
    <message>
      <source>No test may start: the last check "{1}" of {2} failed.</source>
      <translation>Kein Test darf starten: Die letzte Prüfung „{1}“ von {2} wurde nicht bestanden.</translation>
    </message>
    <message>
      <source>No test may start: the certificate of "{1}" ran out on {2}.</source>
      <translation>Kein Test darf starten: Das Zertifikat von „{1}“ ist am {2} abgelaufen.</translation>
    </message>
    <message>
      <source>Enter the new certificate in Quality (Alt+Q), Reference object; the physiologist may override with a reason.</source>
      <translation>Das neue Zertifikat unter Qualität (Alt+Q), Referenzobjekt, eintragen; die Physiologie kann mit Begründung übergehen.</translation>
    </message>
    <message>
      <source>No test may start: the check "{1}" of {2} is due.</source>
      <translation>Kein Test darf starten: Die Prüfung „{1}“ von {2} ist fällig.</translation>
    </message>
    <message>
      <source>Make the check in Quality (Alt+Q); the physiologist may override with a reason.</source>
      <translation>Die Prüfung unter Qualität (Alt+Q) machen; die Physiologie kann mit Begründung übergehen.</translation>
    </message>
    <message>
      <source>Excluding a scan needs a reason.</source>
      <translation>Wer einen Scan ausschließt, muss es begründen.</translation>
    </message>
    <message>
      <source>There is no scan {1}.</source>
      <translation>Es gibt keinen Scan {1}.</translation>
    </message>
    <message>
      <source>Do not scan. {1} kg is above the table limit of {2} kg.</source>
      <translation>Nicht scannen. {1} kg liegt über der Tischgrenze von {2} kg.</translation>
    </message>
    <message>
      <source>The densitometer needs a name.</source>
      <translation>Der DXA-Scanner braucht einen Namen.</translation>
    </message>
    <message>
      <source>The fat of a phantom is 1 to 99 %.</source>
      <translation>Das Fett eines Phantoms ist 1 bis 99 %.</translation>
    </message>
    <message>
      <source>Type percent: as on the certificate, then as read.</source>
      <translation>Prozent tippen: wie im Zertifikat, dann wie gemessen.</translation>
    </message>
    <message>
      <source>{1} scans in a year is out of range.</source>
      <translation>{1} Scans in einem Jahr liegt außerhalb des Bereichs.</translation>
    </message>
    <message>
      <source>With this scan {1} µSv in twelve months, more than this lab's {2} µSv.</source>
      <translation>Mit diesem Scan {1} µSv in zwölf Monaten, mehr als die {2} µSv dieses Labors.</translation>
    </message>
    <message>
      <source>The physiologist or the licensed operator decides, and says why.</source>
      <translation>Die Physiologie oder die zugelassene Bedienperson entscheidet und begründet es.</translation>
    </message>
    <message>
      <source>A scan from a file is taken with the label of its file.</source>
      <translation>Ein Scan aus einer Datei wird mit der Beschriftung seiner Datei genommen.</translation>
    </message>
    <message>
      <source>The scan is of "{1}", not of this client ("{2}").</source>
      <translation>Der Scan ist von „{1}“, nicht von diesem Klienten („{2}“).</translation>
    </message>
    <message>
      <source>Only a physiologist can reassign a scan.</source>
      <translation>Nur eine Physiologin oder ein Physiologe kann einen Scan zuordnen.</translation>
    </message>
    <message>
      <source>Whose scan is it? Open that client's test.</source>
      <translation>Wessen Scan ist es? Dessen Test öffnen.</translation>
    </message>
    <message>
      <source>The complete side of a half body is right or left.</source>
      <translation>Die vollständige Seite eines halben Körpers ist rechts oder links.</translation>
    </message>
    <message>
      <source>Using a scan that should be repeated is the physiologist's decision.</source>
      <translation>Ob ein zu wiederholender Scan verwendet wird, entscheidet die Physiologin oder der Physiologe.</translation>
    </message>
    <message>
      <source>Correct or repeat it, or ask the physiologist.</source>
      <translation>Berichtigen oder wiederholen, oder die Physiologie fragen.</translation>
    </message>
    <message>
      <source>Visceral fat {1} kg is out of range. Is this in grams?</source>
      <translation>Viszeralfett {1} kg liegt außerhalb des Bereichs. Sind das Gramm?</translation>
    </message>
    <message>
      <source>Bone score {1} is out of range.</source>
      <translation>Knochen-Score {1} liegt außerhalb des Bereichs.</translation>
    </message>
    <message>
      <source>Half-body scan, mirrored. The uncertainty is about 1 % of mass and 1 %-point of fat larger. Left and right are not compared.</source>
      <translation>Halbkörper-Scan, gespiegelt. Die Unsicherheit ist um etwa 1 % der Masse und 1 %-Punkt Fett größer. Links und rechts werden nicht verglichen.</translation>
    </message>
    <message>
      <source>Noted at the scan: {1}. Bone mineral and soft tissue of that region are not to be trusted.</source>
      <translation>Beim Scan bemerkt: {1}. Knochenmineral und Weichgewebe dieser Region sind nicht verlässlich.</translation>
    </message>
    <message>
      <source>A child's bone is read without the head. References for adults are not used.</source>
      <translation>Der Knochen eines Kindes wird ohne den Kopf gelesen. Referenzen für Erwachsene werden nicht verwendet.</translation>
    </message>
    <message>
      <source>scan</source>
      <translation>Scan</translation>
    </message>
    <message>
      <source>Scan total: fat {1} + lean {2} + bone mineral {3} kg. Scale: {4} kg.</source>
      <translation>Scan gesamt: Fett {1} + Magermasse {2} + Knochenmineral {3} kg; Waage {4} kg.</translation>
    </message>
    <message>
      <source>Android/gynoid fat ratio {1}; trunk/limb fat mass ratio {2}.</source>
      <translation>Android-/Gynoid-Fettverhältnis {1}; Verhältnis der Fettmasse Rumpf/Gliedmaßen {2}.</translation>
    </message>
    <message>
      <source>Visceral fat, as reported by the scanner: {1} kg ({2} L). Comparable only on the same scanner.</source>
      <translation>Viszeralfett, wie vom Scanner angegeben: {1} kg ({2} L). Nur auf demselben Scanner vergleichbar.</translation>
    </message>
    <message>
      <source>X-rays: {1} µSv for this scan, {2} µSv in twelve months. Natural background gives as much in {3} d.</source>
      <translation>Röntgenstrahlung: {1} µSv durch diesen Scan, {2} µSv in zwölf Monaten. Die natürliche Strahlung gibt ebenso viel in {3} d.</translation>
    </message>
    <message>
      <source>from the scan</source>
      <translation>vom Scan</translation>
    </message>
    <message>
      <source>mass on the scale</source>
      <translation>Masse auf der Waage</translation>
    </message>
    <message>
      <source>lean soft tissue</source>
      <translation>Mageres Weichgewebe</translation>
    </message>
    <message>
      <source>lean index</source>
      <translation>Mager-Index</translation>
    </message>
    <message>
      <source>limb lean by height</source>
      <translation>Magermasse der Gliedmaßen nach Größe</translation>
    </message>
    <message>
      <source>limb lean by body mass index</source>
      <translation>Magermasse der Gliedmaßen nach Body-Mass-Index</translation>
    </message>
    <message>
      <source>android over gynoid, percentages</source>
      <translation>Android zu Gynoid, Fettanteile</translation>
    </message>
    <message>
      <source>fat of the trunk over fat of the limbs</source>
      <translation>Fett des Rumpfs zu Fett der Gliedmaßen</translation>
    </message>
    <message>
      <source>bone mineral index</source>
      <translation>Knochenmineral-Index</translation>
    </message>
    <message>
      <source>visceral fat, volume from the reported mass</source>
      <translation>Viszeralfett, Volumen aus der angegebenen Masse</translation>
    </message>
    <message>
      <source>fat {1}, lean {2}, bone mineral {3} kg</source>
      <translation>Fett {1}, Magermasse {2}, Knochenmineral {3} kg</translation>
    </message>
    <message>
      <source>Phantom</source>
      <translation>Phantom</translation>
    </message>
    <message>
      <source>Scan the soft-tissue phantom of the day and type what the densitometer found.</source>
      <translation>Das Weichgewebephantom des Tages scannen und eintippen, was der DXA-Scanner gefunden hat.</translation>
    </message>
    <message>
      <source>Before any X-ray: pregnancy, contrast, nuclear medicine, metal. The licensed operator decides.</source>
      <translation>Vor jeder Röntgenaufnahme: Schwangerschaft, Kontrastmittel, Nuklearmedizin, Metall. Die zugelassene Bedienperson entscheidet.</translation>
    </message>
    <message>
      <source>Weigh the client in light clothing without metal, with an empty bladder.</source>
      <translation>Wiegen Sie die Person in leichter Kleidung ohne Metall, mit leerer Blase.</translation>
    </message>
    <message>
      <source>Dose</source>
      <translation>Dosis</translation>
    </message>
    <message>
      <source>How many such scans in the last twelve months, here and elsewhere?</source>
      <translation>Wie viele solche Scans in den letzten zwölf Monaten, hier und anderswo?</translation>
    </message>
    <message>
      <source>Positioning</source>
      <translation>Lagerung</translation>
    </message>
    <message>
      <source>Client on the back in the middle of the table, hands and feet the same way at every test.</source>
      <translation>Person auf dem Rücken in der Mitte des Tisches, Hände und Füße bei jedem Test gleich.</translation>
    </message>
    <message>
      <source>Scan</source>
      <translation>Scan</translation>
    </message>
    <message>
      <source>Lie still and breathe quietly until the arm has come to rest.</source>
      <translation>Still liegen und ruhig atmen, bis der Arm stillsteht.</translation>
    </message>
    <message>
      <source>Region lines</source>
      <translation>Regionslinien</translation>
    </message>
    <message>
      <source>Look at every line: chin, shoulders, spine, hips, between the legs.</source>
      <translation>Jede Linie ansehen: Kinn, Schultern, Wirbelsäule, Hüften, zwischen den Beinen.</translation>
    </message>
    <message>
      <source>Read the result, its interval and the findings of the scan check.</source>
      <translation>Ergebnis, Intervall und die Befunde der Scan-Prüfung lesen.</translation>
    </message>
    <message>
      <source>Wipe the table for the next client.</source>
      <translation>Den Tisch für die nächste Person abwischen.</translation>
    </message>
    <message>
      <source>A reference mass is 0.5 to 50 kg, and chair and belt are below 60 kg.</source>
      <translation>Eine Prüfmasse ist 0,5 bis 50 kg, Stuhl und Gurt wiegen unter 60 kg.</translation>
    </message>
    <message>
      <source>Water at {1} °C: no test below 20 or above 40 °C.</source>
      <translation>Wasser mit {1} °C: kein Test unter 20 oder über 40 °C.</translation>
    </message>
    <message>
      <source>Check the thermometer and its unit, or warm or cool the water.</source>
      <translation>Thermometer und Einheit prüfen, oder das Wasser erwärmen oder kühlen.</translation>
    </message>
    <message>
      <source>Dry mass {1} kg is out of range.</source>
      <translation>Masse an Land {1} kg liegt außerhalb des Bereichs.</translation>
    </message>
    <message>
      <source>The range is 10 to 300 kg. Check the unit: pounds are converted only in US units.</source>
      <translation>Der Bereich ist 10 bis 300 kg. Die Einheit prüfen: Pfund werden nur bei US-Einheiten umgerechnet.</translation>
    </message>
    <message>
      <source>Room temperature is 10 to 45 °C, air pressure 500 to 820 mmHg.</source>
      <translation>Raumtemperatur ist 10 bis 45 °C, Luftdruck 500 bis 820 mmHg.</translation>
    </message>
    <message>
      <source>Check the units: 760 mmHg is 1013 hPa.</source>
      <translation>Die Einheiten prüfen: 760 mmHg sind 1013 hPa.</translation>
    </message>
    <message>
      <source>Eight efforts are the most for one session.</source>
      <translation>Acht Versuche sind das Höchste für eine Sitzung.</translation>
    </message>
    <message>
      <source>Use the largest, or rebook.</source>
      <translation>Den größten verwenden oder neu buchen.</translation>
    </message>
    <message>
      <source>Vital capacity {1} L is out of range.</source>
      <translation>Vitalkapazität {1} L liegt außerhalb des Bereichs.</translation>
    </message>
    <message>
      <source>The range is 0.5 to 10 L.</source>
      <translation>Der Bereich ist 0,5 bis 10 L.</translation>
    </message>
    <message>
      <source>Residual volume {1} L is out of range.</source>
      <translation>Residualvolumen {1} L liegt außerhalb des Bereichs.</translation>
    </message>
    <message>
      <source>The range is 0.2 to 5 L.</source>
      <translation>Der Bereich ist 0,2 bis 5 L.</translation>
    </message>
    <message>
      <source>A measured residual volume needs its method.</source>
      <translation>Ein gemessenes Residualvolumen braucht seine Methode.</translation>
    </message>
    <message>
      <source>For example oxygen dilution, helium or plethysmography.</source>
      <translation>Zum Beispiel Sauerstoffverdünnung, Helium oder Plethysmographie.</translation>
    </message>
    <message>
      <source>The load cell was checked again after this trial was recorded.</source>
      <translation>Die Wägezelle wurde nach diesem Versuch erneut geprüft.</translation>
    </message>
    <message>
      <source>{1} trials are the most for one session.</source>
      <translation>{1} Versuche sind das Höchste für eine Sitzung.</translation>
    </message>
    <message>
      <source>Use what there is, or rebook.</source>
      <translation>Die vorhandenen verwenden oder neu buchen.</translation>
    </message>
    <message>
      <source>{1} kg under water is not below the dry mass of {2} kg.</source>
      <translation>{1} kg unter Wasser ist nicht kleiner als die Masse an Land von {2} kg.</translation>
    </message>
    <message>
      <source>Check the reading, the tare and the units.</source>
      <translation>Messwert, Tara und Einheiten prüfen.</translation>
    </message>
    <message>
      <source>Underwater mass {1} kg is out of range (−15 to 15 kg).</source>
      <translation>Masse unter Wasser {1} kg liegt außerhalb des Bereichs (−15 bis 15 kg).</translation>
    </message>
    <message>
      <source>Check the reading, the tare and the belt.</source>
      <translation>Messwert, Tara und Gurt prüfen.</translation>
    </message>
    <message>
      <source>Water at {1} °C, outside the comfort range of {2} to {3} °C.</source>
      <translation>Wasser mit {1} °C, außerhalb des Wohlfühlbereichs von {2} bis {3} °C.</translation>
    </message>
    <message>
      <source>Height or age is outside the validated range of the residual-volume equation.</source>
      <translation>Größe oder Alter liegt außerhalb des Bereichs, für den die Gleichung der Restluft gemacht ist.</translation>
    </message>
    <message>
      <source>The trials do not meet the lab's rule: they differ by {1} kg.</source>
      <translation>Die Messungen erfüllen die Regel des Labors nicht: Sie unterscheiden sich um {1} kg.</translation>
    </message>
    <message>
      <source>The trials were still rising: the breathing out may not have been complete.</source>
      <translation>Die Messwerte stiegen noch: Vielleicht wurde nicht ganz ausgeatmet.</translation>
    </message>
    <message>
      <source>The vital capacity is {1} % of what is expected for height and age.</source>
      <translation>Die Vitalkapazität beträgt {1} % des für Größe und Alter Erwarteten.</translation>
    </message>
    <message>
      <source>The load cell was {1} kg off its reference mass.</source>
      <translation>Die Wägezelle lag {1} kg neben ihrem Prüfgewicht.</translation>
    </message>
    <message>
      <source>No equation for adults may predict the residual volume of a child.</source>
      <translation>Keine Gleichung für Erwachsene darf das Residualvolumen eines Kindes schätzen.</translation>
    </message>
    <message>
      <source>Measure it, or record the value and method of a measurement elsewhere.</source>
      <translation>Messen, oder Wert und Methode einer andernorts gemachten Messung eintragen.</translation>
    </message>
    <message>
      <source>"{1}" is not a residual volume prediction of the catalogue.</source>
      <translation>„{1}“ ist keine Schätzung des Residualvolumens aus dem Katalog.</translation>
    </message>
    <message>
      <source>net underwater mass</source>
      <translation>Nettomasse unter Wasser</translation>
    </message>
    <message>
      <source>{1}; trials {2}</source>
      <translation>{1}; Versuche {2}</translation>
    </message>
    <message>
      <source>water density</source>
      <translation>Wasserdichte</translation>
    </message>
    <message>
      <source>gas in the gut</source>
      <translation>Gas im Darm</translation>
    </message>
    <message>
      <source>Tank ready</source>
      <translation>Becken bereit</translation>
    </message>
    <message>
      <source>Disinfected for the full contact time and rinsed, filled to below the overflow, water warm. An attendant within reach, a second person on call.</source>
      <translation>Die volle Einwirkzeit desinfiziert und gespült, bis unter den Überlauf gefüllt, Wasser warm. Eine Aufsicht in Reichweite, eine zweite Person auf Abruf.</translation>
    </message>
    <message>
      <source>Load cell check</source>
      <translation>Prüfung der Wägezelle</translation>
    </message>
    <message>
      <source>Hang the chair and the belt in the water, zero, then hang the reference mass.</source>
      <translation>Stuhl und Gurt ins Wasser hängen, auf null stellen, dann die Prüfmasse anhängen.</translation>
    </message>
    <message>
      <source>Read the thermometer in the tank.</source>
      <translation>Das Thermometer im Becken ablesen.</translation>
    </message>
    <message>
      <source>Ask each question before the client goes near the water.</source>
      <translation>Jede Frage stellen, bevor der Klient ans Wasser geht.</translation>
    </message>
    <message>
      <source>Weigh the client on the floor scale, dry, in swimwear, with an empty bladder.</source>
      <translation>Wiegen Sie die Person auf der Bodenwaage, trocken, in Badekleidung, mit leerer Blase.</translation>
    </message>
    <message>
      <source>Vital capacity</source>
      <translation>Vitalkapazität</translation>
    </message>
    <message>
      <source>Breathe in fully, then out as far as it goes. Three acceptable blows; the two largest agree within 150 mL.</source>
      <translation>Ganz einatmen, dann ausatmen, so weit es geht. Drei brauchbare Atemstöße; die zwei größten stimmen auf 150 mL überein.</translation>
    </message>
    <message>
      <source>Rehearsal</source>
      <translation>Einübung</translation>
    </message>
    <message>
      <source>Enter carefully, wet hair and suit, press the air out, belt on, sit back, touch nothing but the chair.</source>
      <translation>Vorsichtig hinein, Haar und Anzug nass, Luft ausdrücken, Gurt an, zurücksetzen, nichts als den Stuhl berühren.</translation>
    </message>
    <message>
      <source>Breathe out fully, lean forward, keep still, count to six.</source>
      <translation>Ganz ausatmen, vorbeugen, still halten, bis sechs zählen.</translation>
    </message>
    <message>
      <source>Out safely</source>
      <translation>Sicher heraus</translation>
    </message>
    <message>
      <source>Belt off, one hand on the rail, you in front of the client.</source>
      <translation>Gurt ab, eine Hand am Geländer, Sie vor dem Klienten.</translation>
    </message>
    <message>
      <source>Drain the tank and take the chair off the load cell.</source>
      <translation>Das Becken leeren und den Stuhl von der Wägezelle nehmen.</translation>
    </message>
    <message>
      <source>"{1}" is not a known method.</source>
      <translation>„{1}“ ist keine bekannte Methode.</translation>
    </message>
    <message>
      <source>This document cannot be used: {1}.</source>
      <translation>Dieses Dokument kann nicht verwendet werden: {1}.</translation>
    </message>
    <message>
      <source>Nothing was changed.</source>
      <translation>Nichts wurde geändert.</translation>
    </message>
    <message>
      <source>Correct the file, or restore it from a copy.</source>
      <translation>Die Datei berichtigen oder aus einer Kopie wiederherstellen.</translation>
    </message>
    <message>
      <source>This document cannot be used: it is nested more than {1} deep.</source>
      <translation>Dieses Dokument kann nicht verwendet werden: Es ist tiefer als {1} verschachtelt.</translation>
    </message>
    <message>
      <source>Is it the right file?</source>
      <translation>Ist es die richtige Datei?</translation>
    </message>
    <message>
      <source>An administrator does not measure people.</source>
      <translation>Die Verwaltung misst niemanden.</translation>
    </message>
    <message>
      <source>Ask whoever measures to take the bench.</source>
      <translation>Wer misst, übernimmt den Platz.</translation>
    </message>
    <message>
      <source>Only a technician or a physiologist can answer for a measurement.</source>
      <translation>Für eine Messung kann nur eine technische Fachkraft oder eine Physiologin oder ein Physiologe einstehen.</translation>
    </message>
    <message>
      <source>Ask one to take the bench.</source>
      <translation>Bitten Sie eine dieser Personen, den Messplatz zu übernehmen.</translation>
    </message>
    <message>
      <source>Only a physiologist or an administrator can do this.</source>
      <translation>Das kann nur die Physiologie oder die Verwaltung tun.</translation>
    </message>
    <message>
      <source>Only a physiologist can do this.</source>
      <translation>Das kann nur eine Physiologin oder ein Physiologe tun.</translation>
    </message>
    <message>
      <source>This text is too long: {1} characters, at most {2}.</source>
      <translation>Dieser Text ist zu lang: {1} Zeichen, höchstens {2}.</translation>
    </message>
    <message>
      <source>Shorten it.</source>
      <translation>Kürzen.</translation>
    </message>
    <message>
      <source>There is a character in it that cannot be shown.</source>
      <translation>Darin ist ein Zeichen, das nicht gezeigt werden kann.</translation>
    </message>
    <message>
      <source>Type it again.</source>
      <translation>Erneut tippen.</translation>
    </message>
    <message>
      <source>A client needs a name.</source>
      <translation>Ein Klient braucht einen Namen.</translation>
    </message>
    <message>
      <source>Type the name.</source>
      <translation>Den Namen tippen.</translation>
    </message>
    <message>
      <source>The birth date is in the future.</source>
      <translation>Das Geburtsdatum liegt in der Zukunft.</translation>
    </message>
    <message>
      <source>Check day, month and year.</source>
      <translation>Tag, Monat und Jahr prüfen.</translation>
    </message>
    <message>
      <source>The birth date gives an age of {1} years.</source>
      <translation>Nach dem Geburtsdatum wäre das Alter {1} Jahre.</translation>
    </message>
    <message>
      <source>Check the year.</source>
      <translation>Das Jahr prüfen.</translation>
    </message>
    <message>
      <source>Type centimetres: {1} m is {2} cm.</source>
      <translation>Zentimeter tippen: {1} m sind {2} cm.</translation>
    </message>
    <message>
      <source>Is it in inches? Height is between 50 and 250 cm.</source>
      <translation>Sind es Zoll? Die Größe liegt zwischen 50 und 250 cm.</translation>
    </message>
    <message>
      <source>There is not enough memory to open what a passphrase seals.</source>
      <translation>Der Speicher reicht nicht, um zu öffnen, was eine Passphrase versiegelt.</translation>
    </message>
    <message>
      <source>Close other programs and try again.</source>
      <translation>Schließen Sie andere Programme und versuchen Sie es noch einmal.</translation>
    </message>
    <message>
      <source>The signing key cannot be read.</source>
      <translation>Der Schlüssel kann nicht gelesen werden.</translation>
    </message>
    <message>
      <source>Restore the lab book from a backup, or make a new key.</source>
      <translation>Stellen Sie das Laborbuch aus einer Sicherung wieder her oder legen Sie einen neuen Schlüssel an.</translation>
    </message>
    <message>
      <source>The passphrase is not right.</source>
      <translation>Die Passphrase stimmt nicht.</translation>
    </message>
    <message>
      <source>Type it again. Check Caps Lock.</source>
      <translation>Geben Sie sie noch einmal ein. Prüfen Sie die Feststelltaste.</translation>
    </message>
    <message>
      <source>A passphrase has {1} characters or more.</source>
      <translation>Eine Passphrase hat {1} oder mehr Zeichen.</translation>
    </message>
    <message>
      <source>Four unrelated words are easy to remember.</source>
      <translation>Vier Wörter, die nichts miteinander zu tun haben, merkt man sich leicht.</translation>
    </message>
    <message>
      <source>This was not sealed for this passphrase, or was changed.</source>
      <translation>Das wurde nicht für diese Passphrase versiegelt oder wurde verändert.</translation>
    </message>
    <message>
      <source>air displacement</source>
      <translation>Luftverdrängung</translation>
    </message>
    <message>
      <source>girths with a tape</source>
      <translation>Umfänge mit dem Maßband</translation>
    </message>
    <message>
      <source>"{1}" is not a set of limits for this index.</source>
      <translation>„{1}“ sind keine Grenzen für diesen Index.</translation>
    </message>
    <message>
      <source>impedance</source>
      <translation>Impedanz</translation>
    </message>
    <message>
      <source>"{1}" is not an equation of grade A for {2}.</source>
      <translation>„{1}“ ist keine Gleichung des Grads A für {2}.</translation>
    </message>
    <message>
      <source>"{1}" is not for children.</source>
      <translation>„{1}“ gilt nicht für Kinder.</translation>
    </message>
    <message>
      <source>Dose {1} g is out of range (above 0, up to 200 g).</source>
      <translation>Dosis {1} g liegt außerhalb des Bereichs (über 0, bis 200 g).</translation>
    </message>
    <message>
      <source>Type the grams of pure tracer water.</source>
      <translation>Die Gramm reines Tracerwasser tippen.</translation>
    </message>
    <message>
      <source>The enrichment after the dose must be above the one before.</source>
      <translation>Die Anreicherung nach der Dosis muss über der davor liegen.</translation>
    </message>
    <message>
      <source>Check the two samples.</source>
      <translation>Die beiden Proben prüfen.</translation>
    </message>
    <message>
      <source>Body water {1} L is out of range ({2}–{3} L).</source>
      <translation>Körperwasser {1} L liegt außerhalb des Bereichs ({2}–{3} L).</translation>
    </message>
    <message>
      <source>Check dose, enrichments and their unit.</source>
      <translation>Dosis, Anreicherungen und ihre Einheit prüfen.</translation>
    </message>
    <message>
      <source>A cross-calibration needs {1} people measured by both; there are {2}.</source>
      <translation>Eine Kreuzkalibrierung braucht {1} mit beiden gemessene Personen; es sind {2}.</translation>
    </message>
    <message>
      <source>Measure more people by both methods on one day, over the whole range.</source>
      <translation>Mehr Personen an einem Tag mit beiden Methoden messen, über den ganzen Bereich.</translation>
    </message>
    <message>
      <source>The reference object needs a name.</source>
      <translation>Das Referenzobjekt braucht einen Namen.</translation>
    </message>
    <message>
      <source>The certified value must be a number and its uncertainty 0 or more.</source>
      <translation>Der zertifizierte Wert muss eine Zahl sein und seine Unsicherheit 0 oder mehr.</translation>
    </message>
    <message>
      <source>Look at the certificate.</source>
      <translation>Das Zertifikat ansehen.</translation>
    </message>
    <message>
      <source>A check needs a limit for the mean or for each reading.</source>
      <translation>Eine Prüfung braucht eine Grenze für den Mittelwert oder für jeden Messwert.</translation>
    </message>
    <message>
      <source>A limit must be above 0.</source>
      <translation>Eine Grenze muss über 0 liegen.</translation>
    </message>
    <message>
      <source>The number of readings must be 1 to {1}.</source>
      <translation>Die Zahl der Messwerte muss 1 bis {1} sein.</translation>
    </message>
    <message>
      <source>A check must be valid for more than 0 hours.</source>
      <translation>Eine Prüfung muss länger als 0 Stunden gelten.</translation>
    </message>
    <message>
      <source>Own limits need a reason or a source.</source>
      <translation>Eigene Grenzen brauchen eine Begründung oder eine Quelle.</translation>
    </message>
    <message>
      <source>Type hours like 06:00-12:00, 13:00-18:00.</source>
      <translation>Stunden wie 06:00-12:00, 13:00-18:00 tippen.</translation>
    </message>
    <message>
      <source>These opening hours cannot be: {1}.</source>
      <translation>Diese Öffnungszeiten sind nicht möglich: {1}.</translation>
    </message>
    <message>
      <source>A standard deviation is above 0.</source>
      <translation>Eine Standardabweichung liegt über 0.</translation>
    </message>
    <message>
      <source>M and S are above 0.</source>
      <translation>M und S liegen über 0.</translation>
    </message>
    <message>
      <source>A table of percentiles has at least two.</source>
      <translation>Eine Perzentiltabelle hat mindestens zwei.</translation>
    </message>
    <message>
      <source>Percentiles are 0 to 100.</source>
      <translation>Perzentile sind 0 bis 100.</translation>
    </message>
    <message>
      <source>Percentiles and their values both rise from one to the next.</source>
      <translation>Perzentile und ihre Werte steigen beide von einem zum nächsten.</translation>
    </message>
    <message>
      <source>Ages rise, from 0 to 130 years.</source>
      <translation>Alter steigen, von 0 bis 130 Jahre.</translation>
    </message>
    <message>
      <source>The lower end of the range is below the upper one.</source>
      <translation>Das untere Ende des Bereichs liegt unter dem oberen.</translation>
    </message>
    <message>
      <source>A reference set names its quantity, title, population, source, grade and what its band means.</source>
      <translation>Ein Referenzsatz nennt Größe, Titel, Bevölkerung, Quelle, Grad und die Bedeutung seines Bereichs.</translation>
    </message>
    <message>
      <source>A reference set has at least one row.</source>
      <translation>Ein Referenzsatz hat mindestens eine Zeile.</translation>
    </message>
    <message>
      <source>Two rows are for the same sex and age.</source>
      <translation>Zwei Zeilen gelten für dasselbe Geschlecht und Alter.</translation>
    </message>
    <message>
      <source>Step "{2}": {1}</source>
      <translation>Schritt „{2}“: {1}</translation>
    </message>
    <message>
      <source>Calibrated again, second set of trials: {1}</source>
      <translation>Neu kalibriert, zweite Versuchsreihe: {1}</translation>
    </message>
    <message>
      <source>Imported from {1}. Screening and readiness were not asked here.</source>
      <translation>Importiert aus {1}. Vorabfragen und Vorbereitung wurden hier nicht gefragt.</translation>
    </message>
    <message>
      <source>A reading that should be repeated was used: {1}</source>
      <translation>Ein Messwert, der wiederholt werden sollte, wurde verwendet: {1}</translation>
    </message>
    <message>
      <source>Above the lab's yearly dose: {1}</source>
      <translation>Über der Jahresdosis des Labors: {1}</translation>
    </message>
    <message>
      <source>Started although an instrument check was due: {1}</source>
      <translation>Gestartet, obwohl eine Geräteprüfung fällig war: {1}</translation>
    </message>
    <message>
      <source>In the tank earlier today: hair and skin may be wet or warm.</source>
      <translation>Heute schon im Becken: Haar und Haut können nass oder warm sein.</translation>
    </message>
    <message>
      <source>Identity was questioned and confirmed: {1}</source>
      <translation>Die Identität wurde bezweifelt und bestätigt: {1}</translation>
    </message>
    <message>
      <source>The group was asked together at {1}.</source>
      <translation>Die Gruppe wurde um {1} gemeinsam gefragt.</translation>
    </message>
    <message>
      <source>Called again later: {1}</source>
      <translation>Später erneut gerufen: {1}</translation>
    </message>
    <message>
      <source>A scan was not used: {1}</source>
      <translation>Ein Scan wurde nicht verwendet: {1}</translation>
    </message>
    <message>
      <source>The scan was labelled "{2}" and was taken for this client: {1}</source>
      <translation>Der Scan trug „{2}“ und wurde für diesen Klienten übernommen: {1}</translation>
    </message>
    <message>
      <source>Handed over for signing by {1}.</source>
      <translation>Zur Unterschrift übergeben von {1}.</translation>
    </message>
    <message>
      <source>In the tank although its water was not cleared: {1}</source>
      <translation>Im Becken, obwohl das Wasser nicht freigegeben war: {1}</translation>
    </message>
    <message>
      <source>Correct the policy, or use another one.</source>
      <translation>Die Regel berichtigen oder eine andere verwenden.</translation>
    </message>
    <message>
      <source>"{1}" is not a conversion of density to fat.</source>
      <translation>„{1}“ ist keine Umrechnung von Dichte zu Fett.</translation>
    </message>
    <message>
      <source>at least {1} {2} ago</source>
      <translation>vor mindestens {1} {2}</translation>
    </message>
    <message>
      <source>at most {1} {2} ago</source>
      <translation>vor höchstens {1} {2}</translation>
    </message>
    <message>
      <source>at least {1} {2}</source>
      <translation>mindestens {1} {2}</translation>
    </message>
    <message>
      <source>at most {1} {2}</source>
      <translation>höchstens {1} {2}</translation>
    </message>
    <message>
      <source>(not yet verified)</source>
      <translation>(noch nicht verifiziert)</translation>
    </message>
    <message>
      <source>— lab-adjustable default</source>
      <translation>— im Labor einstellbare Vorgabe</translation>
    </message>
    <message>
      <source>makes the fat estimate too high</source>
      <translation>lässt das Fett zu hoch erscheinen</translation>
    </message>
    <message>
      <source>makes the fat estimate too low</source>
      <translation>lässt das Fett zu niedrig erscheinen</translation>
    </message>
    <message>
      <source>makes the reading less certain</source>
      <translation>macht den Messwert weniger sicher</translation>
    </message>
    <message>
      <source>safety</source>
      <translation>Sicherheit</translation>
    </message>
    <message>
      <source>continue</source>
      <translation>fortsetzen</translation>
    </message>
    <message>
      <source>note it</source>
      <translation>vermerken</translation>
    </message>
    <message>
      <source>wait</source>
      <translation>warten</translation>
    </message>
    <message>
      <source>rebook</source>
      <translation>neu buchen</translation>
    </message>
    <message>
      <source>blocked: the physiologist decides</source>
      <translation>gesperrt: die Physiologie entscheidet</translation>
    </message>
    <message>
      <source>a prompt at each step</source>
      <translation>ein Hinweis bei jedem Schritt</translation>
    </message>
    <message>
      <source>a hint when asked</source>
      <translation>ein Hinweis auf Wunsch</translation>
    </message>
    <message>
      <source>no help</source>
      <translation>keine Hilfe</translation>
    </message>
    <message>
      <source>densitometer</source>
      <translation>Röntgen-Densitometrie</translation>
    </message>
    <message>
      <source>underwater weighing</source>
      <translation>Unterwasserwiegen</translation>
    </message>
    <message>
      <source>mean of the three heaviest</source>
      <translation>Mittel der drei schwersten</translation>
    </message>
    <message>
      <source>heaviest repeated reading</source>
      <translation>schwerster wiederholter Wert</translation>
    </message>
    <message>
      <source>single heaviest</source>
      <translation>einzelner schwerster</translation>
    </message>
    <message>
      <source>mean of the last three</source>
      <translation>Mittel der letzten drei</translation>
    </message>
    <message>
      <source>test begun</source>
      <translation>Test begonnen</translation>
    </message>
    <message>
      <source>step confirmed</source>
      <translation>Schritt bestätigt</translation>
    </message>
    <message>
      <source>question answered</source>
      <translation>Frage beantwortet</translation>
    </message>
    <message>
      <source>deviation accepted</source>
      <translation>Abweichung angenommen</translation>
    </message>
    <message>
      <source>interpretation</source>
      <translation>Interpretation</translation>
    </message>
    <message>
      <source>test ended without a result</source>
      <translation>Test ohne Ergebnis beendet</translation>
    </message>
    <message>
      <source>test signed</source>
      <translation>Test unterschrieben</translation>
    </message>
    <message>
      <source>signed test opened again</source>
      <translation>unterschriebenen Test wieder geöffnet</translation>
    </message>
    <message>
      <source>result kept</source>
      <translation>Ergebnis abgelegt</translation>
    </message>
    <message>
      <source>an entry taken back</source>
      <translation>einen Eintrag zurückgenommen</translation>
    </message>
    <message>
      <source>load cell check</source>
      <translation>Prüfung der Wägezelle</translation>
    </message>
    <message>
      <source>temperature and pressure of the room</source>
      <translation>Temperatur und Druck des Raums</translation>
    </message>
    <message>
      <source>vital capacity effort</source>
      <translation>Versuch der Vitalkapazität</translation>
    </message>
    <message>
      <source>trial accepted</source>
      <translation>Versuch angenommen</translation>
    </message>
    <message>
      <source>trial excluded</source>
      <translation>Versuch ausgeschlossen</translation>
    </message>
    <message>
      <source>trial included again</source>
      <translation>Versuch wieder aufgenommen</translation>
    </message>
    <message>
      <source>scale check</source>
      <translation>Prüfung der Waage</translation>
    </message>
    <message>
      <source>calibration</source>
      <translation>Kalibrierung</translation>
    </message>
    <message>
      <source>volumes begun anew</source>
      <translation>Volumen neu begonnen</translation>
    </message>
    <message>
      <source>volume accepted</source>
      <translation>Volumen angenommen</translation>
    </message>
    <message>
      <source>volume excluded</source>
      <translation>Volumen ausgeschlossen</translation>
    </message>
    <message>
      <source>volume included again</source>
      <translation>Volumen wieder aufgenommen</translation>
    </message>
    <message>
      <source>thoracic gas volume</source>
      <translation>thorakales Gasvolumen</translation>
    </message>
    <message>
      <source>values that the instrument reported</source>
      <translation>Werte, die das Gerät gemeldet hat</translation>
    </message>
    <message>
      <source>readings imported</source>
      <translation>Messwerte importiert</translation>
    </message>
    <message>
      <source>electrode set-up</source>
      <translation>Anordnung der Elektroden</translation>
    </message>
    <message>
      <source>check with the test module</source>
      <translation>Prüfung mit dem Prüfmodul</translation>
    </message>
    <message>
      <source>client confirmed</source>
      <translation>Person bestätigt</translation>
    </message>
    <message>
      <source>segment length</source>
      <translation>Länge eines Abschnitts</translation>
    </message>
    <message>
      <source>missing parts of the body</source>
      <translation>fehlende Körperteile</translation>
    </message>
    <message>
      <source>sweep accepted</source>
      <translation>Messung angenommen</translation>
    </message>
    <message>
      <source>sweep excluded</source>
      <translation>Messung ausgeschlossen</translation>
    </message>
    <message>
      <source>sweep included again</source>
      <translation>Messung wieder aufgenommen</translation>
    </message>
    <message>
      <source>scanner set-up</source>
      <translation>Einstellung des Scanners</translation>
    </message>
    <message>
      <source>phantom scan</source>
      <translation>Phantomprüfung</translation>
    </message>
    <message>
      <source>dose</source>
      <translation>Dosis</translation>
    </message>
    <message>
      <source>menopause</source>
      <translation>Menopause</translation>
    </message>
    <message>
      <source>scan accepted</source>
      <translation>Scan angenommen</translation>
    </message>
    <message>
      <source>scan excluded</source>
      <translation>Scan ausgeschlossen</translation>
    </message>
    <message>
      <source>scan included again</source>
      <translation>Scan wieder aufgenommen</translation>
    </message>
    <message>
      <source>tape check</source>
      <translation>Prüfung des Maßbands</translation>
    </message>
    <message>
      <source>girth accepted</source>
      <translation>Umfang angenommen</translation>
    </message>
    <message>
      <source>girth excluded</source>
      <translation>Umfang ausgeschlossen</translation>
    </message>
    <message>
      <source>girth included again</source>
      <translation>Umfang wieder aufgenommen</translation>
    </message>
    <message>
      <source>The report could not be written: {1}</source>
      <translation>Der Bericht konnte nicht geschrieben werden: {1}</translation>
    </message>
    <message>
      <source>Choose another folder or make room, then save again.</source>
      <translation>Einen anderen Ordner wählen oder Platz schaffen, dann erneut speichern.</translation>
    </message>
    <message>
      <source>The test itself is kept.</source>
      <translation>Der Test selbst ist gespeichert.</translation>
    </message>
    <message>
      <source>You were weighed, and the chamber measured %1 times how much air you displace: that is your volume. Fat takes more room for its weight than the rest, so weight and volume together show how much of you is fat.</source>
      <translation>Sie wurden gewogen, und die Kammer hat %1-mal gemessen, wie viel Luft Sie verdrängen: Das ist Ihr Volumen. Fett braucht für sein Gewicht mehr Platz als der Rest; Gewicht und Volumen zusammen zeigen also, wie viel von Ihnen Fett ist.</translation>
    </message>
    <message>
      <source>Scale at %1: %2 kg read %3 kg.</source>
      <translation>Waage um %1: %2 kg, angezeigt %3 kg.</translation>
    </message>
    <message>
      <source>Calibrated at %1 with the cylinder of %2 L; empty ratio %3, with cylinder %4.</source>
      <translation>Kalibriert um %1 mit dem Zylinder von %2 L; Verhältnis leer %3, mit Zylinder %4.</translation>
    </message>
    <message>
      <source>At %1 the chamber read %2 L for the cylinder of %3 L.</source>
      <translation>Um %1 maß die Kammer %2 L für den Zylinder von %3 L.</translation>
    </message>
    <message>
      <source>trial</source>
      <translation>Versuch</translation>
    </message>
    <message>
      <source>set</source>
      <translation>Reihe</translation>
    </message>
    <message>
      <source>raw volume, L</source>
      <translation>Rohvolumen, L</translation>
    </message>
    <message>
      <source>± within, L</source>
      <translation>± darin, L</translation>
    </message>
    <message>
      <source>used, or why not</source>
      <translation>verwendet, oder warum nicht</translation>
    </message>
    <message>
      <source>trial %1, L</source>
      <translation>Versuch %1, L</translation>
    </message>
    <message>
      <source>Body volume: %1. Surface area: %2.</source>
      <translation>Körpervolumen: %1. Oberfläche: %2.</translation>
    </message>
    <message>
      <source>Thoracic gas measured: %1.</source>
      <translation>Thorakales Gas gemessen: %1.</translation>
    </message>
    <message>
      <source>Thoracic gas predicted: %1.</source>
      <translation>Thorakales Gas geschätzt: %1.</translation>
    </message>
    <message>
      <source>Computed by %1.</source>
      <translation>Berechnet von %1.</translation>
    </message>
    <message>
      <source>%1: pressure swings by ± %2 Pa</source>
      <translation>%1: Druckschwankung ± %2 Pa</translation>
    </message>
    <message>
      <source>empty chamber</source>
      <translation>leere Kammer</translation>
    </message>
    <message>
      <source>with the cylinder</source>
      <translation>mit dem Zylinder</translation>
    </message>
    <message>
      <source>%1 s: %2 L</source>
      <translation>%1 s: %2 L</translation>
    </message>
    <message>
      <source>%1 minus %2, %3</source>
      <translation>%1 minus %2, %3</translation>
    </message>
    <message>
      <source>mean of both, %1</source>
      <translation>Mittel beider, %1</translation>
    </message>
    <message>
      <source>%1: %2 %3 (95 % CI %4 to %5)</source>
      <translation>%1: %2 %3 (95-%-KI %4 bis %5)</translation>
    </message>
    <message>
      <source>upper limit</source>
      <translation>obere Grenze</translation>
    </message>
    <message>
      <source>mean difference</source>
      <translation>mittlerer Unterschied</translation>
    </message>
    <message>
      <source>lower limit</source>
      <translation>untere Grenze</translation>
    </message>
    <message>
      <source>mean %1, difference %2 %3</source>
      <translation>Mittel %1, Unterschied %2 %3</translation>
    </message>
    <message>
      <source>not comparable; the preparation alone reads higher</source>
      <translation>nicht vergleichbar; die Vorbereitung allein erhöht den Wert</translation>
    </message>
    <message>
      <source>not comparable; the preparation alone reads lower</source>
      <translation>nicht vergleichbar; die Vorbereitung allein senkt den Wert</translation>
    </message>
    <message>
      <source>limit of the error: ± %1</source>
      <translation>Fehlergrenze: ± %1</translation>
    </message>
    <message>
      <source>earlier check: %1</source>
      <translation>frühere Prüfung: %1</translation>
    </message>
    <message>
      <source>reading %1: %2, within the limit</source>
      <translation>Messwert %1: %2, innerhalb der Grenze</translation>
    </message>
    <message>
      <source>reading %1: %2, beyond the limit</source>
      <translation>Messwert %1: %2, jenseits der Grenze</translation>
    </message>
    <message>
      <source>centre</source>
      <translation>Mitte</translation>
    </message>
    <message>
      <source>out of control</source>
      <translation>außer Kontrolle</translation>
    </message>
    <message>
      <source>warning</source>
      <translation>Warnung</translation>
    </message>
    <message>
      <source>measured %1: %2 ± %3 kg (95 %, from visit to visit)</source>
      <translation>gemessen %1: %2 ± %3 kg (95 %, von Besuch zu Besuch)</translation>
    </message>
    <message>
      <source>%1: %2 to %3 kg</source>
      <translation>%1: %2 bis %3 kg</translation>
    </message>
    <message>
      <source>week %1: %2 kg (95 % CI %3 to %4)</source>
      <translation>Woche %1: %2 kg (95-%-KI %3 bis %4)</translation>
    </message>
    <message>
      <source>weeks</source>
      <translation>Wochen</translation>
    </message>
    <message>
      <source>dynamic model</source>
      <translation>dynamisches Modell</translation>
    </message>
    <message>
      <source>static 7700 kcal/kg</source>
      <translation>statisch 7700 kcal/kg</translation>
    </message>
    <message>
      <source>Body mass over the weeks, kg</source>
      <translation>Körpermasse über die Wochen, kg</translation>
    </message>
    <message>
      <source>%1, %2; %3 people, median %4</source>
      <translation>%1, %2; %3 Personen, Median %4</translation>
    </message>
    <message>
      <source>notable</source>
      <translation>auffällig</translation>
    </message>
    <message>
      <source>real, but small</source>
      <translation>echt, aber klein</translation>
    </message>
    <message>
      <source>within the error</source>
      <translation>innerhalb des Messfehlers</translation>
    </message>
    <message>
      <source>%1: %2 kg%3, %4</source>
      <translation>%1: %2 kg%3, %4</translation>
    </message>
    <message>
      <source>%1, right</source>
      <translation>%1, rechts</translation>
    </message>
    <message>
      <source>%1, left</source>
      <translation>%1, links</translation>
    </message>
    <message>
      <source> ± %1 (95 % CI)</source>
      <translation> ± %1 (95-%-KI)</translation>
    </message>
    <message>
      <source>right − left %1 kg</source>
      <translation>rechts − links %1 kg</translation>
    </message>
    <message>
      <source>%1, right − left: %2 kg, measurement error ± %3 kg (95 %), threshold %4 kg, %5</source>
      <translation>%1, rechts − links: %2 kg, Messfehler ± %3 kg (95 %), Schwelle %4 kg: %5</translation>
    </message>
    <message>
      <source>client's right</source>
      <translation>rechts</translation>
    </message>
    <message>
      <source>client's left</source>
      <translation>links</translation>
    </message>
    <message>
      <source>Trunk %1 kg</source>
      <translation>Rumpf %1 kg</translation>
    </message>
    <message>
      <source>goals met, attempt by attempt: nothing yet</source>
      <translation>erreichte Ziele, Versuch für Versuch: noch nichts</translation>
    </message>
    <message>
      <source>%1: %2 % of the goals, with help</source>
      <translation>%1: %2 % der Ziele, mit Hilfe</translation>
    </message>
    <message>
      <source>%1: %2 % of the goals</source>
      <translation>%1: %2 % der Ziele</translation>
    </message>
    <message>
      <source>%1 to %2</source>
      <translation>%1 bis %2</translation>
    </message>
    <message>
      <source>goals met; hollow: with help</source>
      <translation>erreichte Ziele; hohl: mit Hilfe</translation>
    </message>
    <message>
      <source>%1 %2: %3 to %4 %5</source>
      <translation>%1 %2: %3 bis %4 %5</translation>
    </message>
    <message>
      <source>%1 %2: from %3 %4</source>
      <translation>%1 %2: ab %3 %4</translation>
    </message>
    <message>
      <source>a client of %1 years: %2 %3</source>
      <translation>ein Klient von %1 Jahren: %2 %3</translation>
    </message>
    <message>
      <source>Women, %1</source>
      <translation>Frauen, %1</translation>
    </message>
    <message>
      <source>Men, %1</source>
      <translation>Männer, %1</translation>
    </message>
    <message>
      <source>%1; %2 of our clients</source>
      <translation>%1; %2 unserer Klienten</translation>
    </message>
    <message>
      <source>minute %1, recording: %2</source>
      <translation>Minute %1, Aufzeichnung: %2</translation>
    </message>
    <message>
      <source>minute %1, recording: nothing wrong</source>
      <translation>Minute %1, Aufzeichnung: nichts falsch</translation>
    </message>
    <message>
      <source>minute %1: %2, right</source>
      <translation>Minute %1: %2, richtig</translation>
    </message>
    <message>
      <source>minute %1: %2, not right</source>
      <translation>Minute %1: %2, nicht richtig</translation>
    </message>
    <message>
      <source>0 min</source>
      <translation>0 min</translation>
    </message>
    <message>
      <source>%1: no value</source>
      <translation>%1: kein Wert</translation>
    </message>
    <message>
      <source>%1, before: %2</source>
      <translation>%1, davor: %2</translation>
    </message>
    <message>
      <source>Reference %1 to %2 %3, %4</source>
      <translation>Referenz %1 bis %2 %3, %4</translation>
    </message>
    <message>
      <source>steady</source>
      <translation>ruhig</translation>
    </message>
    <message>
      <source>settling</source>
      <translation>beruhigt sich</translation>
    </message>
    <message>
      <source>last visit %1: %2 %3</source>
      <translation>letzter Besuch %1: %2 %3</translation>
    </message>
    <message>
      <source>%1: %2 (95 % CI)</source>
      <translation>%1: %2 (95-%-KI)</translation>
    </message>
    <message>
      <source>failed</source>
      <translation>nicht bestanden</translation>
    </message>
    <message>
      <source>%1, %2: %3 ± %4 %5 (95 %, from visit to visit)</source>
      <translation>%1, %2: %3 ± %4 %5 (95 %, von Besuch zu Besuch)</translation>
    </message>
    <message>
      <source>%1: %2 kg, LSC %3 kg</source>
      <translation>%1: %2 kg, LSC %3 kg</translation>
    </message>
    <message>
      <source>  (noise)</source>
      <translation>  (Rauschen)</translation>
    </message>
    <message>
      <source>together</source>
      <translation>zusammen</translation>
    </message>
    <message>
      <source>%1 in</source>
      <translation>%1 in</translation>
    </message>
    <message>
      <source>no measurable change</source>
      <translation>keine messbare Veränderung</translation>
    </message>
    <message>
      <source>%1 less</source>
      <translation>%1 weniger</translation>
    </message>
    <message>
      <source>%1 more</source>
      <translation>%1 mehr</translation>
    </message>
    <message>
      <source>Limits %1 and %2: %3</source>
      <translation>Grenzen %1 und %2: %3</translation>
    </message>
    <message>
      <source>Limit %1: %2</source>
      <translation>Grenze %1: %2</translation>
    </message>
    <message>
      <source>95 % CI: from the readings, the landmark found anew, the day and the tape.</source>
      <translation>95-%-KI: aus den Ablesungen, dem neu gesuchten Messpunkt, dem Tag und dem Maßband.</translation>
    </message>
    <message>
      <source>Tape</source>
      <translation>Maßband</translation>
    </message>
    <message>
      <source>Ratios</source>
      <translation>Verhältnisse</translation>
    </message>
    <message>
      <source>You were weighed, and a tape was laid around your body at marked places, several times each. It shows where your body gets smaller or larger over time; it does not say what it is made of.</source>
      <translation>Sie wurden gewogen, und ein Maßband wurde an markierten Stellen um Ihren Körper gelegt, jeweils mehrmals. Es zeigt, wo Ihr Körper mit der Zeit schmaler oder breiter wird; woraus er besteht, sagt es nicht.</translation>
    </message>
    <message>
      <source>Tape at %1: rule %2 cm read %3 cm.</source>
      <translation>Maßband um %1: Maßstab %2 cm, abgelesen %3 cm.</translation>
    </message>
    <message>
      <source>Readings</source>
      <translation>Ablesungen</translation>
    </message>
    <message>
      <source>Landmarks of waist and hip: %1. The other landmarks: convention of this lab.</source>
      <translation>Messpunkte von Taille und Hüfte: %1. Die anderen Messpunkte: Festlegung dieses Labors.</translation>
    </message>
    <message>
      <source>The arc appears here with the first readings.</source>
      <translation>Die Ortskurve erscheint hier mit den ersten Werten.</translation>
    </message>
    <message>
      <source>Magnitudes only: the arc is fitted, but there are no reactances to draw.</source>
      <translation>Nur Beträge: Die Ortskurve ist angepasst, aber es gibt keine Reaktanzen zu zeichnen.</translation>
    </message>
    <message>
      <source>resistance R, Ω</source>
      <translation>Resistanz R, Ω</translation>
    </message>
    <message>
      <source>reactance Xc, Ω</source>
      <translation>Reaktanz Xc, Ω</translation>
    </message>
    <message>
      <source>%1 kHz: R %2 Ω, Xc %3 Ω, off the arc</source>
      <translation>%1 kHz: R %2 Ω, Xc %3 Ω, nicht auf der Kurve</translation>
    </message>
    <message>
      <source>%1 kHz: R %2 Ω, Xc %3 Ω</source>
      <translation>%1 kHz: R %2 Ω, Xc %3 Ω</translation>
    </message>
    <message>
      <source>R/H, Ω/m</source>
      <translation>R/H, Ω/m</translation>
    </message>
    <message>
      <source>Xc/H, Ω/m</source>
      <translation>Xc/H, Ω/m</translation>
    </message>
    <message>
      <source>← more fluid</source>
      <translation>← mehr Flüssigkeit</translation>
    </message>
    <message>
      <source>less fluid →</source>
      <translation>weniger Flüssigkeit →</translation>
    </message>
    <message>
      <source>↖ more cell mass</source>
      <translation>↖ mehr Zellmasse</translation>
    </message>
    <message>
      <source>less cell mass ↘</source>
      <translation>weniger Zellmasse ↘</translation>
    </message>
    <message>
      <source>%1, n = %2</source>
      <translation>%1, n = %2</translation>
    </message>
    <message>
      <source>%1, n = %2; the correlation not yet verified</source>
      <translation>%1, n = %2; Korrelation noch nicht verifiziert</translation>
    </message>
    <message>
      <source>Arc</source>
      <translation>Ortskurve</translation>
    </message>
    <message>
      <source>Fat mass index</source>
      <translation>Fettmasse-Index</translation>
    </message>
    <message>
      <source>Lean mass of the limbs, index</source>
      <translation>Magermasse der Gliedmaßen, Index</translation>
    </message>
    <message>
      <source>Indices</source>
      <translation>Indizes</translation>
    </message>
    <message>
      <source>%1 % of the reference</source>
      <translation>%1 % der Referenz</translation>
    </message>
    <message>
      <source>Lean mass, kg</source>
      <translation>Magermasse, kg</translation>
    </message>
    <message>
      <source>Arms</source>
      <translation>Arme</translation>
    </message>
    <message>
      <source>Legs</source>
      <translation>Beine</translation>
    </message>
    <message>
      <source>As reported by the instrument; marks: the reference by height</source>
      <translation>Wie vom Gerät gemeldet; Striche: die Referenz nach Größe</translation>
    </message>
    <message>
      <source>Calibrated in this lab; marks: the reference by height</source>
      <translation>In diesem Labor kalibriert; Striche: die Referenz nach Größe</translation>
    </message>
    <message>
      <source>Uncalibrated, for the trend only; marks: the reference by height</source>
      <translation>Nicht kalibriert, nur für den Verlauf; Striche: die Referenz nach Größe</translation>
    </message>
    <message>
      <source>Pairs</source>
      <translation>Paare</translation>
    </message>
    <message>
      <source>water outside cells</source>
      <translation>Wasser außerhalb der Zellen</translation>
    </message>
    <message>
      <source>water inside cells</source>
      <translation>Wasser in den Zellen</translation>
    </message>
    <message>
      <source>protein, rest</source>
      <translation>Eiweiß, Rest</translation>
    </message>
    <message>
      <source>mineral, assumed</source>
      <translation>Mineral, angenommen</translation>
    </message>
    <message>
      <source>You were weighed, and a current too weak to feel ran through your body. Water and muscle let it pass easily, fat hardly does: from how much it was held back, the amounts can be worked out.</source>
      <translation>Sie wurden gewogen, und ein Strom, der zu schwach ist, um ihn zu spüren, floss durch Ihren Körper. Wasser und Muskeln lassen ihn leicht durch, Fett kaum: Daraus, wie stark er gebremst wurde, lassen sich die Mengen errechnen.</translation>
    </message>
    <message>
      <source>The 95 % CI is how far the value may be from the truth for this person; most of it is the equation. The LSC (least significant change, 95 %) is the smallest change that two visits can show. The repeatability SD is that of readings in one session.</source>
      <translation>Das 95-%-KI zeigt, wie weit der Wert bei dieser Person von der Wahrheit abweichen kann; das meiste davon ist die Gleichung. Die LSC (kleinste nachweisbare Änderung, 95 %) ist die kleinste Änderung, die zwei Besuche zeigen können. Die Wiederholbarkeits-SD ist die von Messungen in einer Sitzung.</translation>
    </message>
    <message>
      <source>Checks and preparation</source>
      <translation>Prüfungen und Vorbereitung</translation>
    </message>
    <message>
      <source>Test module at %1: %2 Ω read %3 Ω.</source>
      <translation>Prüfmodul um %1: %2 Ω, gemessen %3 Ω.</translation>
    </message>
    <message>
      <source>%1 %2, %3 electrodes, %4, %5 side.</source>
      <translation>%1 %2, %3 Elektroden, %4, Seite %5.</translation>
    </message>
    <message>
      <source>Identity confirmed although: %1</source>
      <translation>Identität bestätigt, obwohl: %1</translation>
    </message>
    <message>
      <source>Reason: %1</source>
      <translation>Grund: %1</translation>
    </message>
    <message>
      <source>Sweeps</source>
      <translation>Messungen</translation>
    </message>
    <message>
      <source>Sweep %1 at %2%3.</source>
      <translation>Messung %1 um %2%3.</translation>
    </message>
    <message>
      <source>, used</source>
      <translation>, verwendet</translation>
    </message>
    <message>
      <source>, not used</source>
      <translation>, nicht verwendet</translation>
    </message>
    <message>
      <source>Sweep %1 at %2 excluded: %3.</source>
      <translation>Messung %1 um %2 ausgeschlossen: %3.</translation>
    </message>
    <message>
      <source>at 50 kHz</source>
      <translation>bei 50 kHz</translation>
    </message>
    <message>
      <source>R, Ω</source>
      <translation>R, Ω</translation>
    </message>
    <message>
      <source>Xc, Ω</source>
      <translation>Xc, Ω</translation>
    </message>
    <message>
      <source>frequencies</source>
      <translation>Frequenzen</translation>
    </message>
    <message>
      <source>%1 from %2 to %3 kHz</source>
      <translation>%1 von %2 bis %3 kHz</translation>
    </message>
    <message>
      <source>Signal: %1</source>
      <translation>Signal: %1</translation>
    </message>
    <message>
      <source>Water from the arc: %1.</source>
      <translation>Wasser aus der Ortskurve: %1.</translation>
    </message>
    <message>
      <source>With electrodes under hands and feet this lab does not work out fat: the published equations were made for another way of measuring and would be wrong by kilograms.</source>
      <translation>Mit Elektroden unter Händen und Füßen errechnet dieses Labor kein Fett: Die veröffentlichten Gleichungen wurden für eine andere Art zu messen gemacht und lägen um Kilogramm daneben.</translation>
    </message>
    <message>
      <source>These values are as the instrument reported them; how it works them out is not published.</source>
      <translation>Diese Werte sind so, wie das Gerät sie angab; wie es sie errechnet, ist nicht veröffentlicht.</translation>
    </message>
    <message>
      <source>Water in your body</source>
      <translation>Wasser in Ihrem Körper</translation>
    </message>
    <message>
      <source>Phase angle (a sign of how much of you is cells)</source>
      <translation>Phasenwinkel (ein Zeichen dafür, wie viel von Ihnen Zellen sind)</translation>
    </message>
    <message>
      <source>Your arms</source>
      <translation>Ihre Arme</translation>
    </message>
    <message>
      <source>Your legs</source>
      <translation>Ihre Beine</translation>
    </message>
    <message>
      <source>To scale in kg. Mineral is 6.8 % of the fat-free mass by assumption (Brozek 1963).</source>
      <translation>Maßstäblich in kg. Mineral ist mit 6,8 % der fettfreien Masse angenommen (Brozek 1963).</translation>
    </message>
    <message>
      <source>Core</source>
      <translation>Kern</translation>
    </message>
    <message>
      <source>Vector</source>
      <translation>Vektor</translation>
    </message>
    <message>
      <source>Own</source>
      <translation>Eigene</translation>
    </message>
    <message>
      <source>Phase angle at 50 kHz</source>
      <translation>Phasenwinkel bei 50 kHz</translation>
    </message>
    <message>
      <source>Since the last test the vector: {1}.</source>
      <translation>Seit dem letzten Test ist der Vektor: {1}.</translation>
    </message>
    <message>
      <source>The 95 % CI is how far the value may be from the truth for this person, the spread of fat-free density between people included. The LSC (least significant change, 95 %) is the smallest change that two visits can show. The repeatability SD is that of readings in one session.</source>
      <translation>Das 95-%-KI zeigt, wie weit der Wert bei dieser Person von der Wahrheit abweichen kann, mit der Streuung der fettfreien Dichte zwischen Personen. Die LSC (kleinste nachweisbare Änderung, 95 %) ist die kleinste Änderung, die zwei Besuche zeigen können. Die Wiederholbarkeits-SD ist die von Messungen in einer Sitzung.</translation>
    </message>
    <message>
      <source>Checks, lungs and preparation</source>
      <translation>Prüfungen, Lunge und Vorbereitung</translation>
    </message>
    <message>
      <source>said to the list as a whole</source>
      <translation>zur ganzen Liste gesagt</translation>
    </message>
    <message>
      <source>said together with the group</source>
      <translation>gemeinsam mit der Gruppe gesagt</translation>
    </message>
    <message>
      <source>%1 h before</source>
      <translation>%1 h davor</translation>
    </message>
    <message>
      <source>unknown</source>
      <translation>unbekannt</translation>
    </message>
    <message>
      <source>right and left differ; we will look at that together</source>
      <translation>rechts und links sind verschieden; das sehen wir uns gemeinsam an</translation>
    </message>
    <message>
      <source>right and left alike, as far as this test can tell</source>
      <translation>rechts und links gleich, soweit dieser Test es sagen kann</translation>
    </message>
    <message>
      <source>This is version %1. It replaces an earlier page: %2</source>
      <translation>Dies ist Fassung %1. Sie ersetzt eine frühere Seite: %2</translation>
    </message>
    <message>
      <source>What was measured is good for following you over time.</source>
      <translation>Was gemessen wurde, ist gut, um Sie über die Zeit zu begleiten.</translation>
    </message>
    <message>
      <source>You have less fat than on %1.</source>
      <translation>Sie haben weniger Fett als am %1.</translation>
    </message>
    <message>
      <source>You have more fat than on %1.</source>
      <translation>Sie haben mehr Fett als am %1.</translation>
    </message>
    <message>
      <source>You have lost about %1 of fat since %2.</source>
      <translation>Sie haben seit dem %2 etwa %1 Fett verloren.</translation>
    </message>
    <message>
      <source>You have gained about %1 of fat since %2.</source>
      <translation>Sie haben seit dem %2 etwa %1 Fett zugenommen.</translation>
    </message>
    <message>
      <source>The measurement went well.</source>
      <translation>Die Messung ist gut verlaufen.</translation>
    </message>
    <message>
      <source>About %1 % of your body mass is fat.</source>
      <translation>Etwa %1 % Ihrer Körpermasse sind Fett.</translation>
    </message>
    <message>
      <source>%1 less fat</source>
      <translation>%1 weniger Fett</translation>
    </message>
    <message>
      <source>%1 more fat</source>
      <translation>%1 mehr Fett</translation>
    </message>
    <message>
      <source>very likely between %1 and %2 %</source>
      <translation>sehr wahrscheinlich %1 bis %2 %</translation>
    </message>
    <message>
      <source>people of your sex and age ¹</source>
      <translation>Menschen Ihres Geschlechts und Alters ¹</translation>
    </message>
    <message>
      <source>very likely between %1 and %2</source>
      <translation>sehr wahrscheinlich %1 bis %2</translation>
    </message>
    <message>
      <source>Muscle, bone, water</source>
      <translation>Muskeln, Knochen, Wasser</translation>
    </message>
    <message>
      <source>Weight</source>
      <translation>Gewicht</translation>
    </message>
    <message>
      <source>Changes since %1.</source>
      <translation>Veränderungen seit dem %1.</translation>
    </message>
    <message>
      <source>This page is in words only; the person who tested you has the numbers and will talk them over with you if you wish.</source>
      <translation>Diese Seite kommt ohne Zahlen aus; wer Sie getestet hat, kennt sie und bespricht sie mit Ihnen, wenn Sie möchten.</translation>
    </message>
    <message>
      <source>The reference that this lab uses does not cover your age.</source>
      <translation>Die Vergleichswerte dieses Labors gelten nicht für Ihr Alter.</translation>
    </message>
    <message>
      <source>Your fat over time</source>
      <translation>Ihr Fett im Lauf der Zeit</translation>
    </message>
    <message>
      <source>Your lean mass over time</source>
      <translation>Ihre fettfreie Masse im Lauf der Zeit</translation>
    </message>
    <message>
      <source>What matters today</source>
      <translation>Was heute zählt</translation>
    </message>
    <message>
      <source>Body fat by each method</source>
      <translation>Körperfett nach jedem Verfahren</translation>
    </message>
    <message>
      <source>Where two bars overlap, the methods say the same: here they all do.</source>
      <translation>Wo sich zwei Balken überdecken, sagen die Verfahren dasselbe: Hier tun es alle.</translation>
    </message>
    <message>
      <source>Each method looks at another side of the body. Here some differ by more than they usually do; please ask us before you rely on one of them.</source>
      <translation>Jedes Verfahren sieht eine andere Seite des Körpers. Hier weichen einige stärker voneinander ab als üblich; bitte fragen Sie uns, bevor Sie sich auf eines verlassen.</translation>
    </message>
    <message>
      <source>The other method (%1) gave the same result within the error of both.</source>
      <translation>Das andere Verfahren (%1) ergab dasselbe, so genau die beiden es unterscheiden können.</translation>
    </message>
    <message>
      <source>The other method (%1) gave a different value, more than the two usually differ. Please ask us before you rely on either.</source>
      <translation>Das andere Verfahren (%1) ergab einen anderen Wert; der Unterschied ist größer als üblich. Bitte fragen Sie uns, bevor Sie sich auf einen davon verlassen.</translation>
    </message>
    <message>
      <source>Your next test is booked for %1 at %2. The sheet that comes with the booking says how to prepare.</source>
      <translation>Ihr nächster Test ist für den %1 um %2 Uhr gebucht. Wie Sie sich vorbereiten, steht auf dem Blatt zur Buchung.</translation>
    </message>
    <message>
      <source>Next test: on or after %1, at the same time of day and prepared the same way. Sooner than that, usual changes are too small for the test to see.</source>
      <translation>Nächster Test: ab dem %1, zur selben Tageszeit und ebenso vorbereitet. Früher sind übliche Veränderungen zu klein, als dass der Test sie sehen könnte.</translation>
    </message>
    <message>
      <source>Until next time</source>
      <translation>Bis zum nächsten Mal</translation>
    </message>
    <message>
      <source>That can make the fat look a little higher than it is.</source>
      <translation>Das kann das Fett etwas höher erscheinen lassen, als es ist.</translation>
    </message>
    <message>
      <source>That can make the fat look a little lower than it is.</source>
      <translation>Das kann das Fett etwas niedriger erscheinen lassen, als es ist.</translation>
    </message>
    <message>
      <source>That can make the result less certain.</source>
      <translation>Das kann das Ergebnis weniger sicher machen.</translation>
    </message>
    <message>
      <source>The air in your chest was estimated from your height and age. Measuring it would make the result more certain.</source>
      <translation>Die Luft in Ihrer Brust wurde aus Größe und Alter geschätzt. Sie zu messen würde das Ergebnis sicherer machen.</translation>
    </message>
    <message>
      <source>The air that stays in your lungs was estimated from your height and age. Measuring it would make the result about twice as certain.</source>
      <translation>Die Luft, die in Ihren Lungen bleibt, wurde aus Größe und Alter geschätzt. Sie zu messen würde das Ergebnis etwa doppelt so sicher machen.</translation>
    </message>
    <message>
      <source>You were not quite prepared as asked ("%1"). %2</source>
      <translation>Sie waren nicht ganz so vorbereitet wie erbeten („%1“). %2</translation>
    </message>
    <message>
      <source>How it was measured</source>
      <translation>Wie gemessen wurde</translation>
    </message>
    <message>
      <source>You were prepared as asked, and the readings agreed.</source>
      <translation>Sie waren vorbereitet wie gebeten, und die Messwerte stimmten überein.</translation>
    </message>
    <message>
      <source>This page describes your body on one day. It is not a diagnosis and says nothing about your worth or fitness by itself. If anything here worries you, talk to your doctor.</source>
      <translation>Diese Seite beschreibt Ihren Körper an einem Tag. Sie ist keine Diagnose und sagt für sich allein nichts über Ihren Wert oder Ihre Fitness. Wenn Sie etwas davon beunruhigt, sprechen Sie mit Ihrer Ärztin oder Ihrem Arzt.</translation>
    </message>
    <message>
      <source>For the family: bodies change quickly while they grow. This is about growth, strength and health; there is no target for weight or fat at this age.</source>
      <translation>Für die Familie: Körper ändern sich schnell, solange sie wachsen. Hier geht es um Wachstum, Kraft und Gesundheit; ein Ziel für Gewicht oder Fett gibt es in diesem Alter nicht.</translation>
    </message>
    <message>
      <source>Tested by %1</source>
      <translation>Getestet von %1</translation>
    </message>
    <message>
      <source>Tested by %1 · checked and signed by %2</source>
      <translation>Getestet von %1 · geprüft und unterschrieben von %2</translation>
    </message>
    <message>
      <source> · test %1, version %2</source>
      <translation> · Test %1, Version %2</translation>
    </message>
    <message>
      <source>%1 · client copy</source>
      <translation>%1 · für Sie</translation>
    </message>
    <message>
      <source>Eaten %1 to %2 kcal a day, with the way of life that you described, your weight would most likely be between %3 and %4 after %5 weeks. People differ: what counts is how it goes.</source>
      <translation>Bei %1 bis %2 kcal am Tag und der Lebensweise, die Sie beschrieben haben, läge Ihr Gewicht nach %5 Wochen höchstwahrscheinlich zwischen %3 und %4. Menschen sind verschieden: Es zählt, wie es läuft.</translation>
    </message>
    <message>
      <source>Protein: %1 to %2 g a day, spread over the meals.</source>
      <translation>Eiweiß: %1 bis %2 g am Tag, über die Mahlzeiten verteilt.</translation>
    </message>
    <message>
      <source>What you will note until next time: %1</source>
      <translation>Was Sie bis zum nächsten Mal aufschreiben: %1</translation>
    </message>
    <message>
      <source>Talk the plan over with your doctor or dietitian before you begin, and stop and ask if you feel unwell.</source>
      <translation>Besprechen Sie den Plan vor dem Beginn mit Ärztin oder Arzt oder einer Ernährungsberatung; hören Sie auf und fragen Sie, wenn Sie sich unwohl fühlen.</translation>
    </message>
    <message>
      <source>Your value is below the reference range.</source>
      <translation>Ihr Wert liegt unter dem Referenzbereich.</translation>
    </message>
    <message>
      <source>Your value is close to the lower end of the reference range; the test cannot say on which side of it.</source>
      <translation>Ihr Wert liegt nahe am unteren Ende des Referenzbereichs; auf welcher Seite, kann der Test nicht sagen.</translation>
    </message>
    <message>
      <source>Your value is close to the upper end of the reference range; the test cannot say on which side of it.</source>
      <translation>Ihr Wert liegt nahe am oberen Ende des Referenzbereichs; auf welcher Seite, kann der Test nicht sagen.</translation>
    </message>
    <message>
      <source>Your value is above the reference range.</source>
      <translation>Ihr Wert liegt über dem Referenzbereich.</translation>
    </message>
    <message>
      <source>Your value is within the reference range.</source>
      <translation>Ihr Wert liegt im Referenzbereich.</translation>
    </message>
    <message>
      <source>The range is that of people of your sex and age who were measured for it; it is no target.</source>
      <translation>Der Bereich beschreibt gemessene Menschen Ihres Geschlechts und Alters; er ist kein Ziel.</translation>
    </message>
    <message>
      <source>For people of your sex and age it is %1 to %2 %. It describes people who were measured for it; it is no target.</source>
      <translation>Für Menschen Ihres Geschlechts und Alters reicht er von %1 bis %2 %. Er beschreibt Menschen, die dafür gemessen wurden; er ist kein Ziel.</translation>
    </message>
    <message>
      <source>Your true value is very likely between %1 and %2 %.</source>
      <translation>Ihr wahrer Wert liegt sehr wahrscheinlich zwischen %1 und %2 %.</translation>
    </message>
    <message>
      <source>%1: no measurable change</source>
      <translation>%1: keine messbare Änderung</translation>
    </message>
    <message>
      <source>%1: less</source>
      <translation>%1: weniger</translation>
    </message>
    <message>
      <source>%1: more</source>
      <translation>%1: mehr</translation>
    </message>
    <message>
      <source>%1: %2 less</source>
      <translation>%1: %2 weniger</translation>
    </message>
    <message>
      <source>%1: %2 more</source>
      <translation>%1: %2 mehr</translation>
    </message>
    <message>
      <source>%1 · group</source>
      <translation>%1 · Gruppe</translation>
    </message>
    <message>
      <source>Without names. Nobody is ranked: a body is not a result, and the numbers of one person are that person's own.</source>
      <translation>Ohne Namen. Niemand wird gereiht: Ein Körper ist keine Leistung, und die Zahlen einer Person gehören ihr.</translation>
    </message>
    <message>
      <source>n = %1. Median %2 %5, range %3 to %4 %5.</source>
      <translation>n = %1. Median %2 %5, Spannweite %3 bis %4 %5.</translation>
    </message>
    <message>
      <source>Lab copy: %1</source>
      <translation>Laborseite: %1</translation>
    </message>
    <message>
      <source>%1 · %2, %3 y, %4 cm · %5 %6 · test %7, version %8</source>
      <translation>%1 · %2, %3 J., %4 cm · %5 %6 · Test %7, Version %8</translation>
    </message>
    <message>
      <source>Amended: %1. The earlier version is kept.</source>
      <translation>Berichtigt: %1. Die frühere Version bleibt erhalten.</translation>
    </message>
    <message>
      <source>Not signed: a draft.</source>
      <translation>Nicht unterschrieben: ein Entwurf.</translation>
    </message>
    <message>
      <source>Results</source>
      <translation>Ergebnisse</translation>
    </message>
    <message>
      <source>95 % CI ±</source>
      <translation>95-%-KI ±</translation>
    </message>
    <message>
      <source>LSC</source>
      <translation>LSC</translation>
    </message>
    <message>
      <source>repeatability SD</source>
      <translation>Wiederholbarkeits-SD</translation>
    </message>
    <message>
      <source>Where the uncertainty comes from (%fat)</source>
      <translation>Woher die Unsicherheit kommt (% Fett)</translation>
    </message>
    <message>
      <source>SE %1</source>
      <translation>SE %1</translation>
    </message>
    <message>
      <source>Other method on the same day</source>
      <translation>Andere Methode am selben Tag</translation>
    </message>
    <message>
      <source>%1: %2 % fat. Difference %3 %-points, %5 (limit %4, 95 %). %6</source>
      <translation>%1: %2 % Fett. Unterschied %3 %-Punkte, %5 (Grenze %4, 95 %). %6</translation>
    </message>
    <message>
      <source>further apart than expected</source>
      <translation>weiter auseinander als erwartet</translation>
    </message>
    <message>
      <source>Accepted by %1: %2.</source>
      <translation>Akzeptiert von %1: %2.</translation>
    </message>
    <message>
      <source>%1 of %2 screening and readiness questions were answered as the protocol asks.</source>
      <translation>%1 von %2 Fragen wurden so beantwortet, wie das Protokoll verlangt.</translation>
    </message>
    <message>
      <source>Of these, %1 were said in one go to a list that was read out, and %2 together with a group; they carry no time or figure of their own.</source>
      <translation>Davon wurden %1 auf einmal zu einer vorgelesenen Liste gesagt und %2 gemeinsam mit einer Gruppe; sie tragen keine eigene Zeit oder Zahl.</translation>
    </message>
    <message>
      <source>Note: %1</source>
      <translation>Bemerkung: %1</translation>
    </message>
    <message>
      <source>Flag: %1</source>
      <translation>Vermerk: %1</translation>
    </message>
    <message>
      <source>Policies and sources</source>
      <translation>Regeln und Quellen</translation>
    </message>
    <message>
      <source>Trials: %1 (%2).</source>
      <translation>Versuche: %1 (%2).</translation>
    </message>
    <message>
      <source>Conversion: %1.</source>
      <translation>Umrechnung: %1.</translation>
    </message>
    <message>
      <source>Reference: %1; %2; %3.</source>
      <translation>Referenz: %1; %2; %3.</translation>
    </message>
    <message>
      <source>Signed</source>
      <translation>Unterschrieben</translation>
    </message>
    <message>
      <source>%1 and %2, %3</source>
      <translation>%1 und %2, %3</translation>
    </message>
    <message>
      <source>no physiologist</source>
      <translation>keine Physiologie</translation>
    </message>
    <message>
      <source>%1 · lab copy</source>
      <translation>%1 · Laborseite</translation>
    </message>
    <message>
      <source>%1 · recovery phrase</source>
      <translation>%1 · Notschlüssel</translation>
    </message>
    <message>
      <source>Recovery phrase of the lab book</source>
      <translation>Notschlüssel des Laborbuchs</translation>
    </message>
    <message>
      <source>This phrase opens the names of all clients of this lab book, without any passphrase.</source>
      <translation>Dieser Notschlüssel öffnet die Namen aller Klienten dieses Laborbuchs, ohne jede Passphrase.</translation>
    </message>
    <message>
      <source>Lock this page away, where the computer is not. Whoever has both reads every name.</source>
      <translation>Schließen Sie dieses Blatt weg, nicht beim Computer. Wer beides hat, liest jeden Namen.</translation>
    </message>
    <message>
      <source>It is needed when all passphrases are lost: choose "Recovery phrase" where Fusain asks who is at the bench. Without passphrases and phrase nobody can restore the names.</source>
      <translation>Er wird gebraucht, wenn alle Passphrasen verloren sind: Wählen Sie „Notschlüssel“, wo Fusain fragt, wer am Messplatz ist. Ohne Passphrasen und Notschlüssel kann niemand die Namen wiederherstellen.</translation>
    </message>
    <message>
      <source>an hour before</source>
      <translation>eine Stunde vorher</translation>
    </message>
    <message>
      <source>%1 hours before</source>
      <translation>%1 Stunden vorher</translation>
    </message>
    <message numerus="yes">
      <source>%n day(s) before</source>
      <translation>
        <numerusform>%n Tag davor</numerusform>
        <numerusform>%n Tage davor</numerusform>
      </translation>
    </message>
    <message>
      <source>%1 the day before</source>
      <translation>%1 Uhr am Tag davor</translation>
    </message>
    <message>
      <source>Please avoid</source>
      <translation>Bitte vermeiden</translation>
    </message>
    <message>
      <source>Please do</source>
      <translation>Bitte tun</translation>
    </message>
    <message>
      <source>Please bring and wear</source>
      <translation>Bitte mitbringen und anziehen</translation>
    </message>
    <message>
      <source>Parents or guardians: please phone us before you come if any of these apply</source>
      <translation>Eltern oder Sorgeberechtigte: Bitte rufen Sie uns vorher an, wenn eines davon zutrifft</translation>
    </message>
    <message>
      <source>Please phone us before you come if any of these apply to you</source>
      <translation>Bitte rufen Sie uns vorher an, wenn eines davon auf Sie zutrifft</translation>
    </message>
    <message>
      <source>%1, we look forward to seeing you on %2 at %3.</source>
      <translation>%1, wir freuen uns auf Sie am %2 um %3 Uhr.</translation>
    </message>
    <message>
      <source>%1, this is how to prepare for the next test.</source>
      <translation>%1, so bereiten Sie sich auf den nächsten Test vor.</translation>
    </message>
    <message>
      <source>Planned: %1.</source>
      <translation>Geplant: %1.</translation>
    </message>
    <message>
      <source>Come with a parent or guardian, who has to agree; and you may say no at any time. Nothing hurts, and there is nothing to be good or bad at.</source>
      <translation>Komm mit einer erwachsenen Person, die für dich sorgt und zustimmen muss; und du darfst jederzeit Nein sagen. Nichts tut weh, und es gibt nichts, worin man gut oder schlecht sein kann.</translation>
    </message>
    <message>
      <source>Could not keep something? Come anyway and tell us: we write it down, or find another time together. Take your medicines as always.</source>
      <translation>Etwas hat nicht geklappt? Kommen Sie trotzdem und sagen Sie es uns: Wir schreiben es auf oder finden gemeinsam einen anderen Termin. Nehmen Sie Ihre Medikamente wie immer.</translation>
    </message>
    <message>
      <source>Before the test</source>
      <translation>Vor dem Test</translation>
    </message>
    <message>
      <source>On the day: %1</source>
      <translation>Am Tag selbst: %1</translation>
    </message>
    <message>
      <source>The day before: %1</source>
      <translation>Am Tag davor: %1</translation>
    </message>
    <message>
      <source>Your test: %1</source>
      <translation>Ihr Test: %1</translation>
    </message>
    <message>
      <source>%1 · preparation</source>
      <translation>%1 · Vorbereitung</translation>
    </message>
    <message>
      <source>Before you come</source>
      <translation>Bevor Sie kommen</translation>
    </message>
    <message>
      <source>Reference: %1, %2 ± %3 %4</source>
      <translation>Referenz: %1, %2 ± %3 %4</translation>
    </message>
    <message>
      <source>, certificate until %1</source>
      <translation>, Zertifikat bis %1</translation>
    </message>
    <message>
      <source>Limits: %1</source>
      <translation>Grenzen: %1</translation>
    </message>
    <message>
      <source>%1 · quality report</source>
      <translation>%1 · Qualitätsbericht</translation>
    </message>
    <message>
      <source>Quality report: %1</source>
      <translation>Qualitätsbericht: %1</translation>
    </message>
    <message>
      <source>%1 to %2, %3 entries</source>
      <translation>%1 bis %2, %3 Einträge</translation>
    </message>
    <message>
      <source>Not made in this period.</source>
      <translation>In diesem Zeitraum nicht gemacht.</translation>
    </message>
    <message>
      <source>passed</source>
      <translation>bestanden</translation>
    </message>
    <message>
      <source>Service on %1 by %2: %3</source>
      <translation>Wartung am %1 von %2: %3</translation>
    </message>
    <message>
      <source>%1: %2 h before</source>
      <translation>%1: %2 h davor</translation>
    </message>
    <message>
      <source>the lab's only one</source>
      <translation>der einzige des Labors</translation>
    </message>
    <message>
      <source>hour</source>
      <translation>Stunde</translation>
    </message>
    <message>
      <source>prepared</source>
      <translation>Vorbereitung</translation>
    </message>
    <message>
      <source>± is the 95 % range of one visit about the same person's other visits. The smallest change that two visits can show is about 1.4 times that.</source>
      <translation>± ist der 95-%-Bereich eines Besuchs um die anderen Besuche derselben Person. Die kleinste Änderung, die zwei Besuche zeigen können, ist etwa das 1,4-Fache davon.</translation>
    </message>
    <message>
      <source>SE %1 %</source>
      <translation>SE %1 %</translation>
    </message>
    <message>
      <source>Errors</source>
      <translation>Fehler</translation>
    </message>
    <message>
      <source>Where the uncertainty of the fat percentage comes from</source>
      <translation>Woher die Unsicherheit des Fettanteils kommt</translation>
    </message>
    <message>
      <source>Hatched: %1, %2</source>
      <translation>Schraffiert: %1, %2</translation>
    </message>
    <message>
      <source>Field</source>
      <translation>Feld</translation>
    </message>
    <message>
      <source>fat-free</source>
      <translation>fettfrei</translation>
    </message>
    <message>
      <source>To scale in kg. ≈: no measurable change.</source>
      <translation>Maßstäblich in kg. ≈: keine messbare Änderung.</translation>
    </message>
    <message>
      <source>To scale in kg.</source>
      <translation>Maßstäblich in kg.</translation>
    </message>
    <message>
      <source>%1 · what we talked over</source>
      <translation>%1 · was wir besprochen haben</translation>
    </message>
    <message>
      <source>What we talked over</source>
      <translation>Was wir besprochen haben</translation>
    </message>
    <message>
      <source>No measurable change in your fat.</source>
      <translation>Keine messbare Änderung Ihres Fettes.</translation>
    </message>
    <message>
      <source>You have less fat than at that test.</source>
      <translation>Sie haben weniger Fett als bei jenem Test.</translation>
    </message>
    <message>
      <source>You have more fat than at that test.</source>
      <translation>Sie haben mehr Fett als bei jenem Test.</translation>
    </message>
    <message>
      <source>You have lost about %1 of fat.</source>
      <translation>Sie haben etwa %1 Fett verloren.</translation>
    </message>
    <message>
      <source>You have gained about %1 of fat.</source>
      <translation>Sie haben etwa %1 Fett zugenommen.</translation>
    </message>
    <message>
      <source>This is your starting point.</source>
      <translation>Das ist Ihr Ausgangspunkt.</translation>
    </message>
    <message>
      <source>What was measured today is good for following you over time.</source>
      <translation>Was heute gemessen wurde, zeigt Ihren Verlauf über die Zeit.</translation>
    </message>
    <message>
      <source>Since we began</source>
      <translation>Seit wir begannen</translation>
    </message>
    <message>
      <source>Since %1. %2.</source>
      <translation>Seit dem %1. %2.</translation>
    </message>
    <message>
      <source>Where you are</source>
      <translation>Wo Sie stehen</translation>
    </message>
    <message>
      <source>hatched: the reference range</source>
      <translation>schraffiert: der Referenzbereich</translation>
    </message>
    <message>
      <source>Your sides</source>
      <translation>Ihre Seiten</translation>
    </message>
    <message>
      <source>Your right and your left side</source>
      <translation>Ihre rechte und Ihre linke Seite</translation>
    </message>
    <message>
      <source>Nobody is quite the same on both sides.</source>
      <translation>Niemand ist auf beiden Seiten ganz gleich.</translation>
    </message>
    <message numerus="yes">
      <source>After %n week(s) you would most likely weigh %1 to %2.</source>
      <translation>
        <numerusform>Nach %n Woche würden Sie am ehesten %1 bis %2 wiegen.</numerusform>
        <numerusform>Nach %n Wochen würden Sie am ehesten %1 bis %2 wiegen.</numerusform>
      </translation>
    </message>
    <message>
      <source>With %1 to %2 kcal a day and the way of life that you described. People differ; we follow how it goes. Talk it over with your doctor or dietitian before you begin.</source>
      <translation>Mit %1 bis %2 kcal am Tag und der Lebensweise, die Sie beschrieben haben. Menschen sind verschieden; wir sehen, wie es läuft. Besprechen Sie es mit Ihrer Ärztin, Ihrem Arzt oder Ihrer Ernährungsberatung, bevor Sie anfangen.</translation>
    </message>
    <message>
      <source>Next</source>
      <translation>Als Nächstes</translation>
    </message>
    <message>
      <source>Your next test: %1 at %2.</source>
      <translation>Ihr nächster Test: %1 um %2.</translation>
    </message>
    <message>
      <source>Your next test: on or after %1.</source>
      <translation>Ihr nächster Test: ab %1.</translation>
    </message>
    <message>
      <source>Before that, a change would be too small for the test to see.</source>
      <translation>Vorher wäre eine Änderung zu klein, um sie im Test zu sehen.</translation>
    </message>
    <message>
      <source>bars: 95 %, from visit to visit</source>
      <translation>Balken: 95 %, von Besuch zu Besuch</translation>
    </message>
    <message>
      <source>the bars show how sure each test is</source>
      <translation>die Balken zeigen, wie sicher jeder Test ist</translation>
    </message>
    <message>
      <source>Combined estimate</source>
      <translation>Kombinierte Schätzung</translation>
    </message>
    <message>
      <source>Combined estimate, beside the methods and never instead of them. Weights: %1.</source>
      <translation>Gemeinsame Schätzung, neben den Methoden und nie an ihrer Stelle. Gewichte: %1.</translation>
    </message>
    <message>
      <source>What changed</source>
      <translation>Was sich geändert hat</translation>
    </message>
    <message>
      <source>Since your first test on %1 (%2): %3.</source>
      <translation>Seit Ihrem ersten Test am %1 (%2): %3.</translation>
    </message>
    <message>
      <source>Since %1 (%2): %3.</source>
      <translation>Seit dem %1 (%2): %3.</translation>
    </message>
    <message>
      <source>Lab copy: the visit on %1</source>
      <translation>Laborseite: der Besuch vom %1</translation>
    </message>
    <message>
      <source>Methods side by side, fat with all of its errors</source>
      <translation>Methoden nebeneinander, Fett mit allen Fehlern</translation>
    </message>
    <message>
      <source>Key points, as suggested</source>
      <translation>Hauptpunkte, wie vorgeschlagen</translation>
    </message>
    <message>
      <source>% fat of soft tissue</source>
      <translation>% Fett des Weichgewebes</translation>
    </message>
    <message>
      <source>since %1</source>
      <translation>seit %1</translation>
    </message>
    <message>
      <source>Percentage: %1.</source>
      <translation>Anteil: %1.</translation>
    </message>
    <message>
      <source>A filled spindle is a change beyond the error of two scans.</source>
      <translation>Eine gefüllte Spindel ist eine Änderung jenseits des Fehlers zweier Scans.</translation>
    </message>
    <message>
      <source>Lean soft tissue, kg</source>
      <translation>Magere Weichteile, kg</translation>
    </message>
    <message>
      <source>Hatched: measurement error. Marks: notable in this lab</source>
      <translation>Schraffiert: Messfehler. Marken: in diesem Labor auffällig</translation>
    </message>
    <message>
      <source>Lean of arms and legs over height squared</source>
      <translation>Magermasse von Armen und Beinen durch Größe im Quadrat</translation>
    </message>
    <message>
      <source>Lean of arms and legs over body mass index</source>
      <translation>Magermasse von Armen und Beinen durch Body-Mass-Index</translation>
    </message>
    <message>
      <source>Android/gynoid fat ratio</source>
      <translation>Android-/Gynoid-Fettverhältnis</translation>
    </message>
    <message>
      <source>You were weighed, while a very weak X-ray beam passed over you on a table. Fat, lean and bone hold it back differently: that shows how much of each there is, and where.</source>
      <translation>Sie wurden gewogen und lagen auf einem Tisch, während ein sehr schwacher Röntgenstrahl über Sie ging. Fett, mageres Gewebe und Knochen halten ihn verschieden stark zurück: Das zeigt, wie viel wovon da ist und wo.</translation>
    </message>
    <message>
      <source>The 95 % CI is how far the value may be from the truth for this person, the densitometer's own bias for one person included. The LSC (least significant change, 95 %) is the smallest change that two visits can show. The repeatability SD is that of a scan taken again.</source>
      <translation>Das 95-%-KI zeigt, wie weit der Wert bei dieser Person von der Wahrheit abweichen kann, mit der Abweichung des DXA-Scanners bei einer Person. Die LSC (kleinste nachweisbare Änderung, 95 %) ist die kleinste Änderung, die zwei Besuche zeigen können. Die Wiederholbarkeits-SD ist die eines wiederholten Scans.</translation>
    </message>
    <message>
      <source>Soft-tissue phantom at %1: %2 % fat read %3 %.</source>
      <translation>Weichgewebephantom um %1: %2 % Fett, gemessen %3 %.</translation>
    </message>
    <message>
      <source>X-rays: this scan %1 µSv. In twelve months %2 here and %3 elsewhere, with this one %4 µSv.</source>
      <translation>Röntgen: dieser Scan %1 µSv; in zwölf Monaten %2 hier und %3 anderswo, mit diesem %4 µSv.</translation>
    </message>
    <message>
      <source>Scans</source>
      <translation>Scans</translation>
    </message>
    <message>
      <source>Scan %1 at %2 (%3)%4.</source>
      <translation>Scan %1 um %2 (%3)%4.</translation>
    </message>
    <message>
      <source>Scan %1 at %2 excluded: %3.</source>
      <translation>Scan %1 um %2 ausgeschlossen: %3.</translation>
    </message>
    <message>
      <source>Rule: %1</source>
      <translation>Regel: %1</translation>
    </message>
    <message>
      <source>Fat, lean and bone mineral as the densitometer gives them; its own equations are not published. Indices: sources on the worked sheet. Computed by %1.</source>
      <translation>Fett, Magermasse und Knochenmineral wie vom DXA-Scanner; seine eigenen Gleichungen sind nicht veröffentlicht. Indizes: Quellen auf dem Rechenblatt. Berechnet von %1.</translation>
    </message>
    <message>
      <source>Muscle of your arms</source>
      <translation>Muskeln Ihrer Arme</translation>
    </message>
    <message>
      <source>Muscle of your legs</source>
      <translation>Muskeln Ihrer Beine</translation>
    </message>
    <message>
      <source>X-rays of this scan</source>
      <translation>Röntgenstrahlung dieses Scans</translation>
    </message>
    <message>
      <source>about as much as natural radiation in %1 d</source>
      <translation>etwa so viel wie die natürliche Strahlung in %1 Tagen</translation>
    </message>
    <message>
      <source>To scale in kg, as the scan divides the body. ≈: no measurable change.</source>
      <translation>Maßstäblich in kg, wie der Scan den Körper einteilt. ≈: keine messbare Änderung.</translation>
    </message>
    <message>
      <source>To scale in kg, as the scan divides the body.</source>
      <translation>Maßstäblich in kg, wie der Scan den Körper einteilt.</translation>
    </message>
    <message>
      <source>Regions</source>
      <translation>Regionen</translation>
    </message>
    <message>
      <source>Changes</source>
      <translation>Änderungen</translation>
    </message>
    <message>
      <source>fat %1 kg, lean %2 kg, bone %3 kg, %4 %</source>
      <translation>Fett %1 kg, Magermasse %2 kg, Knochen %3 kg, %4 %</translation>
    </message>
    <message>
      <source>change of %1 %2 kg, LSC %3 kg</source>
      <translation>Änderung von %1 %2 kg, LSC %3 kg</translation>
    </message>
    <message>
      <source>effort %1: %2 L BTPS</source>
      <translation>Versuch %1: %2 L BTPS</translation>
    </message>
    <message>
      <source>effort %1: %2 L BTPS, not acceptable</source>
      <translation>Versuch %1: %2 L BTPS, nicht annehmbar</translation>
    </message>
    <message>
      <source>You were weighed on land and %1 times under water after breathing out. Fat is lighter than water and the rest is heavier, so the two weights together show how much of you is fat.</source>
      <translation>Sie wurden an Land gewogen und %1-mal unter Wasser, nach dem Ausatmen. Fett ist leichter als Wasser, der Rest ist schwerer: Beide Gewichte zusammen zeigen, wie viel von Ihnen Fett ist.</translation>
    </message>
    <message>
      <source>Load cell at %1: reference %2 kg read %3 kg; chair and belt %4 kg.</source>
      <translation>Wägezelle um %1: Prüfmasse %2 kg, angezeigt %3 kg; Stuhl und Gurt %4 kg.</translation>
    </message>
    <message>
      <source> (not acceptable)</source>
      <translation> (nicht annehmbar)</translation>
    </message>
    <message>
      <source>Vital capacity, L BTPS: %1.</source>
      <translation>Vitalkapazität, L BTPS: %1.</translation>
    </message>
    <message>
      <source>gross, kg</source>
      <translation>brutto, kg</translation>
    </message>
    <message>
      <source>net, kg</source>
      <translation>netto, kg</translation>
    </message>
    <message>
      <source>trial %1, kg</source>
      <translation>Versuch %1, kg</translation>
    </message>
    <message>
      <source>Body density: %1. Water density: %2.</source>
      <translation>Körperdichte: %1. Wasserdichte: %2.</translation>
    </message>
    <message>
      <source>Residual volume measured: %1.</source>
      <translation>Residualvolumen gemessen: %1.</translation>
    </message>
    <message>
      <source>Residual volume predicted: %1.</source>
      <translation>Residualvolumen geschätzt: %1.</translation>
    </message>
    <message>
      <source>Steady reading: %1 kg</source>
      <translation>Ruhiger Wert: %1 kg</translation>
    </message>
    <message>
      <source>%1 s: %2 kg</source>
      <translation>%1 s: %2 kg</translation>
    </message>
    <message>
      <source>A lab book is a file or on a PostgreSQL server.</source>
      <translation>Ein Laborbuch ist eine Datei oder steht auf einem PostgreSQL-Server.</translation>
    </message>
    <message>
      <source>Use an address such as postgresql://user@host/labbook.</source>
      <translation>Verwenden Sie eine Adresse wie postgresql://user@host/labbook.</translation>
    </message>
    <message>
      <source>There is a password in this address, where others can read it.</source>
      <translation>In dieser Adresse steht ein Passwort, das andere lesen können.</translation>
    </message>
    <message>
      <source>Leave it out, and put it into the password file ~/.pgpass.</source>
      <translation>Lassen Sie es weg und schreiben Sie es in die Passwortdatei ~/.pgpass.</translation>
    </message>
    <message>
      <source>This address does not name a lab book on the server.</source>
      <translation>Diese Adresse nennt kein Laborbuch auf dem Server.</translation>
    </message>
    <message>
      <source>The head of the journal could not be noted beside the copies.</source>
      <translation>Der Stand des Journals konnte nicht bei den Kopien vermerkt werden.</translation>
    </message>
    <message>
      <source>Check that the folder may be written.</source>
      <translation>Prüfen Sie, ob in den Ordner geschrieben werden darf.</translation>
    </message>
    <message>
      <source>The head that was noted on {1} (event {2}) is not in this journal: it was rewritten since.</source>
      <translation>Der am {1} vermerkte Stand (Ereignis {2}) steht nicht in diesem Journal: Es wurde seitdem umgeschrieben.</translation>
    </message>
    <message>
      <source>Everything stays as it is.</source>
      <translation>Alles bleibt, wie es ist.</translation>
    </message>
    <message>
      <source>This belongs to a test or a check. Undo it there.</source>
      <translation>Das gehört zu einem Test oder einer Prüfung. Dort rückgängig machen.</translation>
    </message>
    <message>
      <source>It was changed again after that.</source>
      <translation>Es wurde danach erneut geändert.</translation>
    </message>
    <message>
      <source>This client was erased after that.</source>
      <translation>Diese Identität wurde danach gelöscht.</translation>
    </message>
    <message>
      <source>A new person stays in the lab book.</source>
      <translation>Eine neue Person bleibt im Laborbuch.</translation>
    </message>
    <message>
      <source>No copy was made.</source>
      <translation>Es wurde keine Kopie gemacht.</translation>
    </message>
    <message>
      <source>Erasing a client needs a reason.</source>
      <translation>Das Löschen braucht eine Begründung.</translation>
    </message>
    <message>
      <source>This client is not in the lab book.</source>
      <translation>Diese Person steht nicht im Laborbuch.</translation>
    </message>
    <message>
      <source>Names are sealed in this lab book, and nobody has opened them here.</source>
      <translation>In diesem Laborbuch sind die Namen versiegelt, und niemand hat sie hier geöffnet.</translation>
    </message>
    <message>
      <source>Sign in with a passphrase (Ctrl+L), then try again.</source>
      <translation>Melden Sie sich mit einer Passphrase an (Strg+L) und versuchen Sie es noch einmal.</translation>
    </message>
    <message>
      <source>The computer's clock says {1}, but the lab book was last written at {2}.</source>
      <translation>Die Uhr des Rechners zeigt {1}, aber das Laborbuch wurde zuletzt um {2} geschrieben.</translation>
    </message>
    <message>
      <source>The order of the record is kept by its numbering, not by the clock.</source>
      <translation>Die Reihenfolge der Akte folgt ihrer Nummerierung, nicht der Uhr.</translation>
    </message>
    <message>
      <source>Set the clock before the next test.</source>
      <translation>Die Uhr vor dem nächsten Test stellen.</translation>
    </message>
    <message>
      <source>A recording that this record names is not in the lab book.</source>
      <translation>Eine Aufzeichnung, die diese Akte nennt, ist nicht im Laborbuch.</translation>
    </message>
    <message>
      <source>Nothing was kept.</source>
      <translation>Nichts wurde gespeichert.</translation>
    </message>
    <message>
      <source>{1} has written to this test on another workstation at {2}.</source>
      <translation>{1} hat an einem anderen Arbeitsplatz in diesen Test geschrieben: {2}.</translation>
    </message>
    <message>
      <source>Open the test anew, look at what was written, then repeat the step.</source>
      <translation>Öffnen Sie den Test neu, sehen Sie nach, was geschrieben wurde, und wiederholen Sie den Schritt.</translation>
    </message>
    <message>
      <source>What was just entered here is not in the record.</source>
      <translation>Was hier gerade eingegeben wurde, steht nicht in der Aufzeichnung.</translation>
    </message>
    <message>
      <source>The lab book is not where it was opened: the file was removed or replaced, or its disk is gone.</source>
      <translation>Das Laborbuch ist nicht mehr dort, wo es geöffnet wurde: Die Datei wurde entfernt oder ersetzt, oder ihre Platte fehlt.</translation>
    </message>
    <message>
      <source>Nothing more is accepted. Everything accepted so far is still in this window.</source>
      <translation>Nichts Weiteres wird angenommen. Alles bisher Übernommene ist noch in diesem Fenster.</translation>
    </message>
    <message>
      <source>Save it as a new lab book, then look for this one.</source>
      <translation>Als neues Laborbuch speichern, dann nach diesem suchen.</translation>
    </message>
    <message>
      <source>Another program has written to this lab book.</source>
      <translation>Ein anderes Programm hat in dieses Laborbuch geschrieben.</translation>
    </message>
    <message>
      <source>Nothing more is accepted here. Both records are kept.</source>
      <translation>Hier wird nichts Weiteres angenommen. Beide Aufzeichnungen bleiben erhalten.</translation>
    </message>
    <message>
      <source>Close this window, verify the lab book, and open it again.</source>
      <translation>Dieses Fenster schließen, das Laborbuch prüfen und neu öffnen.</translation>
    </message>
    <message>
      <source>{1} has changed this at {2}, while it was open here.</source>
      <translation>{1} hat dies geändert, während es hier offen war: {2}.</translation>
    </message>
    <message>
      <source>Look at both, then choose.</source>
      <translation>Sehen Sie beides an, dann wählen Sie.</translation>
    </message>
    <message>
      <source>What was entered here is not in the record yet.</source>
      <translation>Was hier eingegeben wurde, steht noch nicht in der Aufzeichnung.</translation>
    </message>
    <message>
      <source>This client's record is damaged. Saving would lose what is left of it.</source>
      <translation>Die Akte dieses Klienten ist beschädigt. Speichern würde zerstören, was davon übrig ist.</translation>
    </message>
    <message>
      <source>Restore a copy of the lab book from before the damage.</source>
      <translation>Eine Kopie des Laborbuchs von vor dem Schaden wiederherstellen.</translation>
    </message>
    <message>
      <source>The lab book is damaged. No copy of it replaces a good one.</source>
      <translation>Das Laborbuch ist beschädigt. Keine Kopie davon ersetzt eine gute.</translation>
    </message>
    <message>
      <source>The copy did not pass its check and was deleted.</source>
      <translation>Die Kopie bestand ihre Prüfung nicht und wurde gelöscht.</translation>
    </message>
    <message>
      <source>See Settings, Lab book and copies, for what is damaged.</source>
      <translation>Was beschädigt ist, steht unter Einstellungen, Laborbuch und Kopien.</translation>
    </message>
    <message>
      <source>Check the disk, then back up again.</source>
      <translation>Die Platte prüfen, dann erneut sichern.</translation>
    </message>
    <message>
      <source>The lab book itself is unchanged.</source>
      <translation>Das Laborbuch selbst ist unverändert.</translation>
    </message>
    <message>
      <source>The folder for daily copies cannot be made.</source>
      <translation>Der Ordner für Tageskopien lässt sich nicht anlegen.</translation>
    </message>
    <message>
      <source>Check that its disk is connected and may be written.</source>
      <translation>Prüfen, ob seine Platte verbunden ist und beschrieben werden darf.</translation>
    </message>
    <message>
      <source>There is already a file at the place to restore to.</source>
      <translation>Am Ziel der Wiederherstellung ist schon eine Datei.</translation>
    </message>
    <message>
      <source>This copy is damaged: {1}</source>
      <translation>Diese Kopie ist beschädigt: {1}</translation>
    </message>
    <message>
      <source>Try an older copy.</source>
      <translation>Eine ältere Kopie versuchen.</translation>
    </message>
    <message>
      <source>This copy is of an older Fusain.</source>
      <translation>Diese Kopie ist von einem älteren Fusain.</translation>
    </message>
    <message>
      <source>Open it once as a file, which brings it forward, then copy it.</source>
      <translation>Öffnen Sie sie einmal als Datei, das bringt sie auf den neuen Stand; dann kopieren.</translation>
    </message>
    <message>
      <source>Check the server, then copy again.</source>
      <translation>Prüfen Sie den Server, dann kopieren Sie noch einmal.</translation>
    </message>
    <message>
      <source>This file is not a lab book, or is damaged.</source>
      <translation>Diese Datei ist kein Laborbuch oder ist beschädigt.</translation>
    </message>
    <message>
      <source>Choose another file, or restore the newest daily copy.</source>
      <translation>Eine andere Datei wählen oder die neueste Tageskopie wiederherstellen.</translation>
    </message>
    <message>
      <source>The lab book cannot be opened.</source>
      <translation>Das Laborbuch lässt sich nicht öffnen.</translation>
    </message>
    <message>
      <source>Check that the folder exists and may be written.</source>
      <translation>Prüfen, ob der Ordner existiert und beschrieben werden darf.</translation>
    </message>
    <message>
      <source>The server of the lab book does not let this workstation in: {1}</source>
      <translation>Der Server des Laborbuchs lässt diesen Arbeitsplatz nicht ein: {1}</translation>
    </message>
    <message>
      <source>Check the network, the address, the account and its password in ~/.pgpass.</source>
      <translation>Prüfen Sie Netz, Adresse, Konto und dessen Passwort in ~/.pgpass.</translation>
    </message>
    <message>
      <source>The driver for this kind of lab book is not installed: {1}</source>
      <translation>Der Treiber für diese Art von Laborbuch ist nicht installiert: {1}</translation>
    </message>
    <message>
      <source>Install the package libqt6sql6-psql, then start again.</source>
      <translation>Installieren Sie das Paket libqt6sql6-psql und starten Sie neu.</translation>
    </message>
    <message>
      <source>There is already something in this database.</source>
      <translation>In dieser Datenbank steht schon etwas.</translation>
    </message>
    <message>
      <source>Choose an empty one; nothing is ever overwritten.</source>
      <translation>Wählen Sie eine leere; überschrieben wird nie etwas.</translation>
    </message>
    <message>
      <source>There is no such file.</source>
      <translation>Diese Datei gibt es nicht.</translation>
    </message>
    <message>
      <source>This lab book was written by a newer Fusain (schema {1}; this one knows {2}).</source>
      <translation>Dieses Laborbuch wurde von einem neueren Fusain geschrieben (Schema {1}; dieses kennt {2}).</translation>
    </message>
    <message>
      <source>Install the newer Fusain on this machine.</source>
      <translation>Das neuere Fusain auf diesem Rechner installieren.</translation>
    </message>
    <message>
      <source>The name is sealed: sign in to see it.</source>
      <translation>Der Name ist versiegelt: Melden Sie sich an, um ihn zu sehen.</translation>
    </message>
    <message>
      <source>▲ This entry is damaged and cannot be read.</source>
      <translation>▲ Dieser Eintrag ist beschädigt und nicht lesbar.</translation>
    </message>
    <message>
      <source>Entries of this test still wait for the server.</source>
      <translation>Einträge dieses Tests warten noch auf den Server.</translation>
    </message>
    <message>
      <source>The entries of both workstations do not fit into one record.</source>
      <translation>Die Einträge beider Arbeitsplätze passen nicht in einen Datensatz.</translation>
    </message>
    <message>
      <source>Enter yours again behind theirs, then do not take what waits.</source>
      <translation>Geben Sie Ihre hinter den anderen noch einmal ein, und übernehmen Sie dann nicht, was wartet.</translation>
    </message>
    <message>
      <source>Both are kept as they are.</source>
      <translation>Beides bleibt, wie es ist.</translation>
    </message>
    <message>
      <source>This test is at {1} with {2}.</source>
      <translation>Dieser Test ist an {1} bei {2}.</translation>
    </message>
    <message>
      <source>Look on here, or take it over with a reason.</source>
      <translation>Sehen Sie hier zu, oder übernehmen Sie ihn mit einer Begründung.</translation>
    </message>
    <message>
      <source>This lab book is in a network folder ({1}): another computer could write to it at the same time, and what is confirmed may not be on a disk.</source>
      <translation>Dieses Laborbuch liegt in einem Netzwerkordner ({1}): Ein anderer Rechner könnte zugleich hineinschreiben, und was bestätigt ist, steht vielleicht auf keinem Datenträger.</translation>
    </message>
    <message>
      <source>Nothing was created or changed.</source>
      <translation>Nichts wurde angelegt oder geändert.</translation>
    </message>
    <message>
      <source>Copy it to a disk of this computer, or to a PostgreSQL server if several workstations use it.</source>
      <translation>Kopieren Sie es auf einen Datenträger dieses Rechners oder, wenn mehrere Arbeitsplätze es verwenden, auf einen PostgreSQL-Server.</translation>
    </message>
    <message>
      <source>The server cannot be reached, and nothing can be kept on this workstation.</source>
      <translation>Der Server ist nicht erreichbar, und auf diesem Arbeitsplatz lässt sich nichts aufbewahren.</translation>
    </message>
    <message>
      <source>Check the network, then repeat the last step.</source>
      <translation>Prüfen Sie das Netz und wiederholen Sie den letzten Schritt.</translation>
    </message>
    <message>
      <source>Everything accepted before is kept.</source>
      <translation>Alles zuvor Übernommene ist gespeichert.</translation>
    </message>
    <message>
      <source>This lab book is open in another window.</source>
      <translation>Dieses Laborbuch ist in einem anderen Fenster offen.</translation>
    </message>
    <message>
      <source>This lab book is open on {1} (process {2}) since {3}.</source>
      <translation>Dieses Laborbuch ist auf {1} (Prozess {2}) seit {3} offen.</translation>
    </message>
    <message>
      <source>This is a folder or a device, not a file.</source>
      <translation>Das ist ein Ordner oder ein Gerät, keine Datei.</translation>
    </message>
    <message>
      <source>Choose a lab book.</source>
      <translation>Ein Laborbuch wählen.</translation>
    </message>
    <message>
      <source>This lab book has a second name (a hard link). Two windows could write to it.</source>
      <translation>Dieses Laborbuch hat einen zweiten Namen (Hardlink). Zwei Fenster könnten hineinschreiben.</translation>
    </message>
    <message>
      <source>Remove the other name, or open a copy.</source>
      <translation>Den anderen Namen entfernen oder eine Kopie öffnen.</translation>
    </message>
    <message>
      <source>This lab book is empty (0 bytes). The file is damaged.</source>
      <translation>Dieses Laborbuch ist leer (0 Bytes). Die Datei ist beschädigt.</translation>
    </message>
    <message>
      <source>Restore the newest daily copy.</source>
      <translation>Die neueste Tageskopie wiederherstellen.</translation>
    </message>
    <message>
      <source>Close it there. If that computer was switched off, wait a minute, then try again.</source>
      <translation>Dort schließen. Wurde jener Rechner ausgeschaltet, eine Minute warten und erneut versuchen.</translation>
    </message>
    <message>
      <source>The folder of this lab book is not there: is its disk or share connected?</source>
      <translation>Der Ordner dieses Laborbuchs fehlt: Ist seine Platte oder Freigabe verbunden?</translation>
    </message>
    <message>
      <source>Connect it, then start again.</source>
      <translation>Verbinden, dann neu starten.</translation>
    </message>
    <message>
      <source>There is no lab book here.</source>
      <translation>Hier ist kein Laborbuch.</translation>
    </message>
    <message>
      <source>Is its disk or share connected? Otherwise create a new one, or restore a copy.</source>
      <translation>Ist seine Platte oder Freigabe verbunden? Sonst ein neues anlegen oder eine Kopie wiederherstellen.</translation>
    </message>
    <message>
      <source>Your account cannot read this lab book.</source>
      <translation>Ihr Konto kann dieses Laborbuch nicht lesen.</translation>
    </message>
    <message>
      <source>Ask your system administrator.</source>
      <translation>Die Systemverwaltung fragen.</translation>
    </message>
    <message>
      <source>A file cannot be created here.</source>
      <translation>Hier kann keine Datei angelegt werden.</translation>
    </message>
    <message>
      <source>Check that the folder exists and that you may write to it.</source>
      <translation>Prüfen, ob der Ordner existiert und Sie hineinschreiben dürfen.</translation>
    </message>
    <message>
      <source>The file could not be renamed into its folder.</source>
      <translation>Die Datei konnte nicht in ihren Ordner umbenannt werden.</translation>
    </message>
    <message>
      <source>Choose another folder or name.</source>
      <translation>Einen anderen Ordner oder Namen wählen.</translation>
    </message>
    <message>
      <source>A table of the book was added, changed or removed.</source>
      <translation>Eine Tabelle des Buchs wurde hinzugefügt, geändert oder entfernt.</translation>
    </message>
    <message>
      <source>Check that its disk is connected.</source>
      <translation>Prüfen Sie, ob der Datenträger verbunden ist.</translation>
    </message>
    <message>
      <source>The file could not be written whole.</source>
      <translation>Die Datei konnte nicht ganz geschrieben werden.</translation>
    </message>
    <message>
      <source>Nothing is left of it.</source>
      <translation>Nichts ist davon übrig.</translation>
    </message>
    <message>
      <source>No file was made.</source>
      <translation>Es wurde keine Datei angelegt.</translation>
    </message>
    <message>
      <source>A passphrase has at least {1} characters.</source>
      <translation>Eine Passphrase hat mindestens {1} Zeichen.</translation>
    </message>
    <message>
      <source>This is not a sealed file, or its beginning is damaged.</source>
      <translation>Das ist keine versiegelte Datei, oder ihr Anfang ist beschädigt.</translation>
    </message>
    <message>
      <source>Try another copy.</source>
      <translation>Versuchen Sie es mit einer anderen Kopie.</translation>
    </message>
    <message>
      <source>The passphrase is not right, or the file is damaged.</source>
      <translation>Die Passphrase stimmt nicht, oder die Datei ist beschädigt.</translation>
    </message>
    <message>
      <source>The sealed file is damaged or cut short.</source>
      <translation>Die versiegelte Datei ist beschädigt oder abgeschnitten.</translation>
    </message>
    <message>
      <source>Nothing of it was written.</source>
      <translation>Nichts davon wurde geschrieben.</translation>
    </message>
    <message>
      <source>Names are sealed in this lab book already.</source>
      <translation>Die Namen sind in diesem Laborbuch schon versiegelt.</translation>
    </message>
    <message>
      <source>Names are sealed in this lab book, and not opened for this passphrase yet.</source>
      <translation>Die Namen sind in diesem Laborbuch versiegelt und für diese Passphrase noch nicht geöffnet.</translation>
    </message>
    <message>
      <source>Somebody who sees them opens them for you under Settings (Alt+S), People.</source>
      <translation>Wer sie sieht, öffnet sie für Sie unter Einstellungen, Personen.</translation>
    </message>
    <message>
      <source>This is not a recovery phrase: it has seven groups of four letters and digits.</source>
      <translation>Das ist kein Notschlüssel: Er hat sieben Gruppen aus vier Buchstaben und Ziffern.</translation>
    </message>
    <message>
      <source>Compare it with the paper, letter by letter.</source>
      <translation>Vergleichen Sie ihn mit dem Papier, Buchstabe für Buchstabe.</translation>
    </message>
    <message>
      <source>Everybody signs in here, and {1} has no passphrase yet.</source>
      <translation>Hier melden sich alle an, und {1} hat noch keine Passphrase.</translation>
    </message>
    <message>
      <source>Make one under Settings (Alt+S), People, beside whoever says who works here.</source>
      <translation>Legen Sie eine an unter Einstellungen, Personen, zusammen mit der Person, die das Team verwaltet.</translation>
    </message>
    <message>
      <source>Signature: event {1}, {2}, key {3}</source>
      <translation>Signatur: Ereignis {1}, {2}, Schlüssel {3}</translation>
    </message>
    <message>
      <source>There is no key to revoke.</source>
      <translation>Es gibt keinen Schlüssel zum Widerrufen.</translation>
    </message>
    <message>
      <source>Whoever seals names needs a passphrase first.</source>
      <translation>Wer Namen versiegelt, braucht zuerst eine Passphrase.</translation>
    </message>
    <message>
      <source>Make yours under Settings (Alt+S), People.</source>
      <translation>Legen Sie Ihre an unter Einstellungen, Personen.</translation>
    </message>
    <message>
      <source>Whoever asks everybody for a passphrase needs one first.</source>
      <translation>Wer von allen eine Passphrase verlangt, braucht zuerst selbst eine.</translation>
    </message>
    <message>
      <source>{1} wrong passphrases in a row. The next one is looked at in {2} min.</source>
      <translation>{1} falsche Passphrasen nacheinander. Die nächste wird in {2} min geprüft.</translation>
    </message>
    <message>
      <source>If it was not you, tell whoever keeps this lab book.</source>
      <translation>Wenn Sie das nicht waren, sagen Sie es der Person, die dieses Laborbuch verwaltet.</translation>
    </message>
    <message>
      <source>The signing key of {1} was replaced without approval by the previous key.</source>
      <translation>Der Schlüssel von {1} wurde ohne Zustimmung des vorigen Schlüssels ersetzt.</translation>
    </message>
    <message>
      <source>The signature under test {1} is not valid.</source>
      <translation>Die Signatur unter Test {1} ist ungültig.</translation>
    </message>
    <message>
      <source>Test {1} was signed in the name of {2} without their key.</source>
      <translation>Test {1} wurde im Namen von {2} ohne deren Schlüssel unterschrieben.</translation>
    </message>
    <message>
      <source>The disk is full or cannot be written.</source>
      <translation>Die Platte ist voll oder nicht beschreibbar.</translation>
    </message>
    <message>
      <source>Make room on the disk, then repeat the last step.</source>
      <translation>Platz schaffen, dann den letzten Schritt wiederholen.</translation>
    </message>
    <message>
      <source>The lab book cannot be written: the file or its folder is read-only.</source>
      <translation>Das Laborbuch ist nicht beschreibbar: Datei oder Ordner ist schreibgeschützt.</translation>
    </message>
    <message>
      <source>Allow writing to the folder, or open a copy elsewhere.</source>
      <translation>Schreiben in den Ordner erlauben oder anderswo eine Kopie öffnen.</translation>
    </message>
    <message>
      <source>This file is damaged, or is not a lab book.</source>
      <translation>Diese Datei ist beschädigt oder kein Laborbuch.</translation>
    </message>
    <message>
      <source>Restore the newest daily copy beside it; nothing in this file was changed.</source>
      <translation>Die neueste Tageskopie daneben wiederherstellen; in dieser Datei wurde nichts geändert.</translation>
    </message>
    <message>
      <source>Somebody else is writing to the lab book.</source>
      <translation>Jemand anderes schreibt gerade in das Laborbuch.</translation>
    </message>
    <message>
      <source>Repeat the last step. Where that does not help, close the other program.</source>
      <translation>Wiederholen Sie den letzten Schritt. Hilft das nicht, schließen Sie das andere Programm.</translation>
    </message>
    <message>
      <source>The server of the lab book cannot be reached.</source>
      <translation>Der Server des Laborbuchs ist nicht zu erreichen.</translation>
    </message>
    <message>
      <source>Check the network and the server, then repeat the last step.</source>
      <translation>Prüfen Sie Netz und Server, dann wiederholen Sie den letzten Schritt.</translation>
    </message>
    <message>
      <source>The server does not allow this account to do that: {1}</source>
      <translation>Der Server erlaubt das diesem Konto nicht: {1}</translation>
    </message>
    <message>
      <source>Ask whoever keeps the server for the rights of a workstation.</source>
      <translation>Bitten Sie die Person, die den Server verwaltet, um die Rechte eines Arbeitsplatzes.</translation>
    </message>
    <message>
      <source>Another client has this code.</source>
      <translation>Ein anderer Klient hat diesen Code.</translation>
    </message>
    <message>
      <source>Choose another code.</source>
      <translation>Wählen Sie einen anderen Code.</translation>
    </message>
    <message>
      <source>The lab book could not be read or written: {1}</source>
      <translation>Das Laborbuch konnte nicht gelesen oder geschrieben werden: {1}</translation>
    </message>
    <message>
      <source>Check the file, or restore a copy.</source>
      <translation>Die Datei prüfen oder eine Kopie wiederherstellen.</translation>
    </message>
    <message>
      <source>The file is damaged: {1}</source>
      <translation>Die Datei ist beschädigt: {1}</translation>
    </message>
    <message>
      <source>colleague</source>
      <translation>Kollege</translation>
    </message>
    <message>
      <source>appointment</source>
      <translation>Termin</translation>
    </message>
    <message>
      <source>raw record</source>
      <translation>Rohdaten</translation>
    </message>
    <message>
      <source>result</source>
      <translation>Ergebnis</translation>
    </message>
    <message>
      <source>precision study</source>
      <translation>Präzisionsstudie</translation>
    </message>
    <message>
      <source>setting</source>
      <translation>Einstellung</translation>
    </message>
    <message>
      <source>recording</source>
      <translation>Aufzeichnung</translation>
    </message>
    <message>
      <source>The {1} {2} was written, and is not in the book.</source>
      <translation>{1} {2} wurde geschrieben und ist nicht im Buch.</translation>
    </message>
    <message>
      <source>The {1} {2} is not as it was written.</source>
      <translation>{1} {2} ist nicht, wie geschrieben.</translation>
    </message>
    <message>
      <source>The {1} {2} is in the book, but no event wrote it.</source>
      <translation>{1} {2} ist im Buch, aber kein Ereignis hat es geschrieben.</translation>
    </message>
    <message>
      <source>Event {1} of the journal is missing.</source>
      <translation>Ereignis {1} des Journals fehlt.</translation>
    </message>
    <message>
      <source>Event {1} of the journal was changed after it was written.</source>
      <translation>Ereignis {1} des Journals wurde nach dem Schreiben geändert.</translation>
    </message>
    <message>
      <source>The journal does not end where the book says: events are missing at its end.</source>
      <translation>Das Journal endet nicht, wo das Buch es sagt: An seinem Ende fehlen Ereignisse.</translation>
    </message>
    <message>
      <source>What the book says of itself was changed.</source>
      <translation>Was das Buch über sich sagt, wurde geändert.</translation>
    </message>
    <message>
      <source>Event {1} of the journal cannot be applied: {2}</source>
      <translation>Ereignis {1} des Journals lässt sich nicht anwenden: {2}</translation>
    </message>
    <message>
      <source>The lab book knows no client "{1}".</source>
      <translation>Das Laborbuch kennt keinen Klienten „{1}“.</translation>
    </message>
    <message>
      <source>A record is put in once; nothing was changed.</source>
      <translation>Eine Akte wird nur einmal importiert; nichts wurde geändert.</translation>
    </message>
    <message>
      <source>The client "{1}" is in this lab book already.</source>
      <translation>Der Klient „{1}“ ist schon in diesem Laborbuch.</translation>
    </message>
    <message>
      <source>The code "{1}" belongs to another client here.</source>
      <translation>Der Code „{1}“ gehört hier einem anderen Klienten.</translation>
    </message>
    <message>
      <source>The test "{1}" is in this lab book already.</source>
      <translation>Der Test „{1}“ ist schon in diesem Laborbuch.</translation>
    </message>
    <message>
      <source>No data files were found.</source>
      <translation>Keine Datendateien gefunden.</translation>
    </message>
    <message>
      <source>Install Fusain again, or set FUSAIN_DATA.</source>
      <translation>Fusain neu installieren oder FUSAIN_DATA setzen.</translation>
    </message>
    <message>
      <source>The file is larger than 64 MB; a record never is.</source>
      <translation>Die Datei ist größer als 64 MB; eine Akte ist das nie.</translation>
    </message>
    <message>
      <source>There is no policy or no protocol for {1}.</source>
      <translation>Es gibt keine Regel oder kein Protokoll für {1}.</translation>
    </message>
    <message>
      <source>Nothing was taken back.</source>
      <translation>Nichts wurde zurückgenommen.</translation>
    </message>
    <message>
      <source>This import was taken back already.</source>
      <translation>Dieser Import wurde schon zurückgenommen.</translation>
    </message>
    <message>
      <source>The test {1} of this import was worked on since.</source>
      <translation>Am Test {1} dieses Imports wurde seither gearbeitet.</translation>
    </message>
    <message>
      <source>Refuse or amend single tests on the bench instead.</source>
      <translation>Stattdessen einzelne Tests am Messplatz ablehnen oder berichtigen.</translation>
    </message>
    <message>
      <source>The client {1} of this import has been here since, or was changed.</source>
      <translation>Der Klient {1} dieses Imports war seither hier oder wurde geändert.</translation>
    </message>
    <message>
      <source>Density of water</source>
      <translation>Dichte von Wasser</translation>
    </message>
    <message>
      <source>Density of water (cross-check)</source>
      <translation>Dichte von Wasser (Gegenprobe)</translation>
    </message>
    <message>
      <source>Saturated vapour pressure of water</source>
      <translation>Sättigungsdampfdruck von Wasser</translation>
    </message>
    <message>
      <source>Saturated vapour pressure of water (cross-check)</source>
      <translation>Sättigungsdampfdruck von Wasser (Gegenprobe)</translation>
    </message>
    <message>
      <source>Gas volume to body conditions</source>
      <translation>Gasvolumen auf Körperbedingungen</translation>
    </message>
    <message>
      <source>Gas volume to standard conditions</source>
      <translation>Gasvolumen auf Normbedingungen</translation>
    </message>
    <message>
      <source>Dry gas volume to body conditions</source>
      <translation>Trockenes Gasvolumen auf Körperbedingungen</translation>
    </message>
    <message>
      <source>Residual volume</source>
      <translation>Residualvolumen</translation>
    </message>
    <message>
      <source>Residual volume as a fraction of vital capacity</source>
      <translation>Residualvolumen als Anteil der Vitalkapazität</translation>
    </message>
    <message>
      <source>Functional residual capacity</source>
      <translation>Funktionelle Residualkapazität</translation>
    </message>
    <message>
      <source>Total lung capacity</source>
      <translation>Totale Lungenkapazität</translation>
    </message>
    <message>
      <source>Residual volume, adults</source>
      <translation>Residualvolumen, Erwachsene</translation>
    </message>
    <message>
      <source>Residual volume, children</source>
      <translation>Residualvolumen, Kinder</translation>
    </message>
    <message>
      <source>Forced vital capacity expected</source>
      <translation>Erwartete forcierte Vitalkapazität</translation>
    </message>
    <message>
      <source>Body density by underwater weighing</source>
      <translation>Körperdichte durch Unterwasserwägung</translation>
    </message>
    <message>
      <source>Fat from density</source>
      <translation>Fett aus Dichte</translation>
    </message>
    <message>
      <source>Fat from density, children</source>
      <translation>Fett aus Dichte, Kinder</translation>
    </message>
    <message>
      <source>Fat from density, group constants</source>
      <translation>Fett aus Dichte, Gruppenkonstanten</translation>
    </message>
    <message>
      <source>Least significant change, 95 %</source>
      <translation>Kleinste nachweisbare Änderung, 95 %</translation>
    </message>
    <message>
      <source>Body surface area</source>
      <translation>Körperoberfläche</translation>
    </message>
    <message>
      <source>Body surface area, infants to adults</source>
      <translation>Körperoberfläche, Säuglinge bis Erwachsene</translation>
    </message>
    <message>
      <source>Surface-area artefact of the chamber</source>
      <translation>Oberflächenartefakt der Kammer</translation>
    </message>
    <message>
      <source>Body volume in the chamber</source>
      <translation>Körpervolumen in der Kammer</translation>
    </message>
    <message>
      <source>Thoracic gas predicted, adults</source>
      <translation>Geschätztes thorakales Gas, Erwachsene</translation>
    </message>
    <message>
      <source>Thoracic gas predicted, children</source>
      <translation>Geschätztes thorakales Gas, Kinder</translation>
    </message>
    <message>
      <source>air-free water, 0-40 °C, 101.325 kPa; expanded uncertainty below 1 ppm</source>
      <translation>luftfreies Wasser, 0-40 °C, 101,325 kPa; erweiterte Unsicherheit unter 1 ppm</translation>
    </message>
    <message>
      <source>air-free water, 0-150 °C (IPTS-68), 101.325 kPa</source>
      <translation>luftfreies Wasser, 0-150 °C (IPTS-68), 101,325 kPa</translation>
    </message>
    <message>
      <source>−20 to 50 °C; relative error at most 0.1 %</source>
      <translation>−20 bis 50 °C; relativer Fehler höchstens 0,1 %</translation>
    </message>
    <message>
      <source>0-60 °C</source>
      <translation>0-60 °C</translation>
    </message>
    <message>
      <source>saturated gas at 17-40 °C</source>
      <translation>gesättigtes Gas bei 17-40 °C</translation>
    </message>
    <message>
      <source>dry gas metered from a cylinder at 17-40 °C</source>
      <translation>trockenes Gas aus einer Flasche bei 17-40 °C</translation>
    </message>
    <message>
      <source>never-smokers, 17-90 y; standard error 0.37 / 0.38 L</source>
      <translation>Nieraucher, 17-90 J.; Standardfehler 0,37 / 0,38 L</translation>
    </message>
    <message>
      <source>18-70 y (18-25 taken as 25); 155-195 cm men, 145-180 cm women</source>
      <translation>18-70 J. (18-25 als 25); 155-195 cm Männer, 145-180 cm Frauen</translation>
    </message>
    <message>
      <source>young adults 18-34 y only: the fraction falls with age although residual volume rises</source>
      <translation>nur junge Erwachsene 18-34 J.: Der Anteil fällt mit dem Alter, obwohl das Residualvolumen steigt</translation>
    </message>
    <message>
      <source>17-90 y; standard error 0.72 / 0.52 L</source>
      <translation>17-90 J.; Standardfehler 0,72 / 0,52 L</translation>
    </message>
    <message>
      <source>18-70 y</source>
      <translation>18-70 J.</translation>
    </message>
    <message>
      <source>17-90 y; standard error 0.79 / 0.54 L</source>
      <translation>17-90 J.; Standardfehler 0,79 / 0,54 L</translation>
    </message>
    <message>
      <source>18-70 y; standard error 0.70 / 0.60 L</source>
      <translation>18-70 J.; Standardfehler 0,70 / 0,60 L</translation>
    </message>
    <message>
      <source>adults; in old records</source>
      <translation>Erwachsene; in alten Akten</translation>
    </message>
    <message>
      <source>110-170 cm; scatter about 25 %</source>
      <translation>110-170 cm; Streuung etwa 25 %</translation>
    </message>
    <message>
      <source>never-smokers, 15-91 y (men), 17-84 y (women); standard error 0.644 / 0.393 L</source>
      <translation>Nieraucher, 15-91 J. (Männer), 17-84 J. (Frauen); Standardfehler 0,644 / 0,393 L</translation>
    </message>
    <message>
      <source>18-70 y; standard error 0.61 / 0.43 L</source>
      <translation>18-70 J.; Standardfehler 0,61 / 0,43 L</translation>
    </message>
    <message>
      <source>8-80 y, white reference set; used only to judge whether a measured value is plausible</source>
      <translation>8-80 J., weißer Referenzsatz; nur zur Beurteilung, ob ein gemessener Wert plausibel ist</translation>
    </message>
    <message>
      <source>any posture, with the gas volume actually held; plausible 0.93-1.10</source>
      <translation>jede Haltung, mit dem tatsächlich gehaltenen Gasvolumen; plausibel 0,93-1,10</translation>
    </message>
    <message>
      <source>adults 17 y and over; fat 0.900, fat-free 1.100 kg/L</source>
      <translation>Erwachsene ab 17 J.; Fett 0,900, fettfrei 1,100 kg/L</translation>
    </message>
    <message>
      <source>adults; reference man 15.3 % at 1.064</source>
      <translation>Erwachsene; Referenzmann 15,3 % bei 1,064</translation>
    </message>
    <message>
      <source>7-16 y; the row for 17-18 y is not yet verified</source>
      <translation>7-16 J.; die Zeile für 17-18 J. ist noch nicht verifiziert</translation>
    </message>
    <message>
      <source>15 black men 18-32 y; fat-free density inferred, not measured</source>
      <translation>15 schwarze Männer 18-32 J.; fettfreie Dichte erschlossen, nicht gemessen</translation>
    </message>
    <message>
      <source>black men 19-45 y, four-component reference</source>
      <translation>schwarze Männer 19-45 J., Vier-Komponenten-Referenz</translation>
    </message>
    <message>
      <source>black women 24-79 y</source>
      <translation>schwarze Frauen 24-79 J.</translation>
    </message>
    <message>
      <source>white people 7-80 y</source>
      <translation>weiße Personen 7-80 J.</translation>
    </message>
    <message>
      <source>two single tests, same instrument</source>
      <translation>zwei einzelne Tests, dasselbe Gerät</translation>
    </message>
    <message>
      <source>error about 5 %</source>
      <translation>Fehler etwa 5 %</translation>
    </message>
    <message>
      <source>infants to adults</source>
      <translation>Säuglinge bis Erwachsene</translation>
    </message>
    <message>
      <source>negative: air on the skin makes the chamber under-read</source>
      <translation>negativ: Luft an der Haut lässt die Kammer zu wenig anzeigen</translation>
    </message>
    <message>
      <source>SAA is negative, both terms add; no gut-gas term</source>
      <translation>SAA ist negativ, beide Terme addieren sich; kein Darmgasterm</translation>
    </message>
    <message>
      <source>17-90 y; 0.44 L predicted against measured</source>
      <translation>17-90 J.; 0,44 L geschätzt gegen gemessen</translation>
    </message>
    <message>
      <source>6-17 y; not below 111 cm (boys) or 105 cm (girls)</source>
      <translation>6-17 J.; nicht unter 111 cm (Jungen) oder 105 cm (Mädchen)</translation>
    </message>
    <message>
      <source>temperature</source>
      <translation>Temperatur</translation>
    </message>
    <message>
      <source>gas temperature</source>
      <translation>Gastemperatur</translation>
    </message>
    <message>
      <source>barometric pressure</source>
      <translation>Luftdruck</translation>
    </message>
    <message>
      <source>vital capacity BTPS</source>
      <translation>Vitalkapazität BTPS</translation>
    </message>
    <message>
      <source>dry mass in air</source>
      <translation>Masse an Land</translation>
    </message>
    <message>
      <source>residual volume BTPS</source>
      <translation>Residualvolumen BTPS</translation>
    </message>
    <message>
      <source>gut gas BTPS</source>
      <translation>Darmgas BTPS</translation>
    </message>
    <message>
      <source>age, completed years are used</source>
      <translation>Alter, vollendete Jahre zählen</translation>
    </message>
    <message>
      <source>precision error of one test</source>
      <translation>Präzisionsfehler eines Tests</translation>
    </message>
    <message>
      <source>thoracic gas BTPS</source>
      <translation>thorakales Gas BTPS</translation>
    </message>
    <message>
      <source>standing height</source>
      <translation>Körpergröße im Stehen</translation>
    </message>
    <message>
      <source>Resting energy</source>
      <translation>Ruheumsatz</translation>
    </message>
    <message>
      <source>Energy from gas exchange</source>
      <translation>Energie aus dem Gasaustausch</translation>
    </message>
    <message>
      <source>Three components with mineral</source>
      <translation>Drei Komponenten mit Mineral</translation>
    </message>
    <message>
      <source>Body volume from a scan</source>
      <translation>Körpervolumen aus einem Scan</translation>
    </message>
    <message>
      <source>Energy availability</source>
      <translation>Energieverfügbarkeit</translation>
    </message>
    <message>
      <source>Fat-free part of a small change of mass</source>
      <translation>Fettfreier Anteil einer kleinen Massenänderung</translation>
    </message>
    <message>
      <source>Lean of arms and legs by height</source>
      <translation>Magermasse von Armen und Beinen nach Größe</translation>
    </message>
    <message>
      <source>weighed dose of pure tracer water, samples at equilibrium; without what left with urine</source>
      <translation>gewogene Dosis reinen Tracerwassers, Proben im Gleichgewicht; ohne das mit dem Urin Verlorene</translation>
    </message>
    <message>
      <source>11 % low in a small woman: in the Library only</source>
      <translation>11 % zu niedrig bei einer kleinen Frau: nur in der Bibliothek</translation>
    </message>
    <message>
      <source>without urinary nitrogen: up to 1.5 % high</source>
      <translation>ohne Harnstickstoff: bis 1,5 % zu hoch</translation>
    </message>
    <message>
      <source>muscular athletes</source>
      <translation>muskulöse Sportler</translation>
    </message>
    <message>
      <source>adults; density and total mineral of one day</source>
      <translation>Erwachsene; Dichte und Gesamtmineral eines Tages</translation>
    </message>
    <message>
      <source>one make of densitometer; each lab calibrates its own</source>
      <translation>eine Bauart des DXA-Scanners; jedes Labor kalibriert seinen eigenen</translation>
    </message>
    <message>
      <source>net exercise energy; the thresholds of 30 and 45 are not yet verified</source>
      <translation>Nettoenergie der Bewegung; die Schwellen 30 und 45 sind noch nicht verifiziert</translation>
    </message>
    <message>
      <source>adults, slow change by diet; not training</source>
      <translation>Erwachsene, langsame Änderung durch Ernährung; nicht durch Training</translation>
    </message>
    <message>
      <source>lean by a densitometer</source>
      <translation>Magermasse mit DXA</translation>
    </message>
    <message>
      <source>body water over mass</source>
      <translation>Körperwasser durch Masse</translation>
    </message>
    <message>
      <source>total mineral over mass</source>
      <translation>Gesamtmineral durch Masse</translation>
    </message>
    <message>
      <source>bone mineral of a densitometer over mass</source>
      <translation>Knochenmineral eines DXA-Scanners durch Masse</translation>
    </message>
    <message>
      <source>dose of pure tracer water</source>
      <translation>Dosis an reinem Tracerwasser</translation>
    </message>
    <message>
      <source>rise of the tracer water in the body's water</source>
      <translation>Anstieg des Tracerwassers im Körperwasser</translation>
    </message>
    <message>
      <source>oxygen taken up, STPD</source>
      <translation>aufgenommener Sauerstoff, STPD</translation>
    </message>
    <message>
      <source>carbon dioxide given off, STPD</source>
      <translation>abgegebenes Kohlendioxid, STPD</translation>
    </message>
    <message>
      <source>energy eaten a day</source>
      <translation>gegessene Energie am Tag</translation>
    </message>
    <message>
      <source>energy of training a day, net of rest</source>
      <translation>Trainingsenergie am Tag, ohne Ruheanteil</translation>
    </message>
    <message>
      <source>Extracellular water from the arc, Moissl</source>
      <translation>Extrazelluläres Wasser aus der Ortskurve, Moissl</translation>
    </message>
    <message>
      <source>Intracellular water from the arc, Moissl</source>
      <translation>Intrazelluläres Wasser aus der Ortskurve, Moissl</translation>
    </message>
    <message>
      <source>Extracellular water from the arc, De Lorenzo</source>
      <translation>Extrazelluläres Wasser aus der Ortskurve, De Lorenzo</translation>
    </message>
    <message>
      <source>Overhydration from a spectrum</source>
      <translation>Überwässerung aus einem Spektrum</translation>
    </message>
    <message>
      <source>Body water from height and mass, Watson</source>
      <translation>Körperwasser aus Größe und Masse, Watson</translation>
    </message>
    <message>
      <source>adults, BMI 16 to 43, n about 152, dilution</source>
      <translation>Erwachsene, BMI 16 bis 43, n etwa 152, Verdünnung</translation>
    </message>
    <message>
      <source>adults, BMI 16 to 43, n about 152, total body potassium and dilution</source>
      <translation>Erwachsene, BMI 16 bis 43, n etwa 152, Gesamtkörperkalium und Verdünnung</translation>
    </message>
    <message>
      <source>adults, bromide; resistivities belong to this equation only</source>
      <translation>Erwachsene, Bromid; die spezifischen Widerstände gehören nur zu dieser Gleichung</translation>
    </message>
    <message>
      <source>one frequency, 50 kHz by convention</source>
      <translation>eine Frequenz, nach Übereinkunft 50 kHz</translation>
    </message>
    <message>
      <source>adults; water of the spectrum of one analyzer, compared with that analyzer only</source>
      <translation>Erwachsene; Wasser aus dem Spektrum eines Analysators, nur mit diesem Analysator vergleichbar</translation>
    </message>
    <message>
      <source>adults; uses no impedance: a plausibility beside it</source>
      <translation>Erwachsene; verwendet keine Impedanz: eine Plausibilitätsprüfung daneben</translation>
    </message>
    <message>
      <source>resistance at 50 kHz, wrist to ankle, lying</source>
      <translation>Resistanz bei 50 kHz, Handgelenk bis Fußgelenk, liegend</translation>
    </message>
    <message>
      <source>reactance at 50 kHz, entered positive</source>
      <translation>Reaktanz bei 50 kHz, positiv eingegeben</translation>
    </message>
    <message>
      <source>R0 of the arc, wrist to ankle</source>
      <translation>R0 der Ortskurve, Handgelenk bis Fußgelenk</translation>
    </message>
    <message>
      <source>R_I of the arc, wrist to ankle</source>
      <translation>R_I der Ortskurve, Handgelenk bis Fußgelenk</translation>
    </message>
    <message>
      <source>Temperature of standing water</source>
      <translation>Temperatur stehenden Wassers</translation>
    </message>
    <message>
      <source>Hot water in exchange for cold</source>
      <translation>Warmes Wasser gegen kaltes</translation>
    </message>
    <message>
      <source>Chlorine to add</source>
      <translation>Zuzugebendes Chlor</translation>
    </message>
    <message>
      <source>Chlorine that disinfects</source>
      <translation>Desinfizierendes Chlor</translation>
    </message>
    <message>
      <source>one heat loss for the whole tank, found by reading it twice</source>
      <translation>ein Wärmeverlust für das ganze Becken, durch zweimaliges Messen gefunden</translation>
    </message>
    <message>
      <source>target temperature between the tank's and the supply's</source>
      <translation>die gewünschte Temperatur liegt zwischen der des Beckens und der des Zulaufs</translation>
    </message>
    <message>
      <source>with nobody inside; stir and read again</source>
      <translation>ohne Personen im Becken; rühren und erneut messen</translation>
    </message>
    <message>
      <source>free chlorine in water of 5 to 40 °C</source>
      <translation>freies Chlor in Wasser von 5 bis 40 °C</translation>
    </message>
    <message>
      <source>water in the tank</source>
      <translation>Wasser im Becken</translation>
    </message>
    <message>
      <source>water now</source>
      <translation>Wasser jetzt</translation>
    </message>
    <message>
      <source>room</source>
      <translation>Raum</translation>
    </message>
    <message>
      <source>heat lost</source>
      <translation>Wärmeverlust</translation>
    </message>
    <message>
      <source>wanted</source>
      <translation>gewünscht</translation>
    </message>
    <message>
      <source>hot supply</source>
      <translation>warmer Zulauf</translation>
    </message>
    <message>
      <source>more free chlorine</source>
      <translation>mehr freies Chlor</translation>
    </message>
    <message>
      <source>available chlorine of the solution</source>
      <translation>Wirkchlor der Lösung</translation>
    </message>
    <message>
      <source>pH of the water</source>
      <translation>pH des Wassers</translation>
    </message>
    <message>
      <source>the smallest change that two tests can show</source>
      <translation>die kleinste Änderung, die zwei Tests zeigen können</translation>
    </message>
    <message>
      <source>least significant change (LSC), 95 %</source>
      <translation>kleinste nachweisbare Änderung (LSC), 95 %</translation>
    </message>
    <message>
      <source>large enough to measure</source>
      <translation>groß genug, um sie zu messen</translation>
    </message>
    <message>
      <source>a change beyond it, within it</source>
      <translation>eine Änderung darüber, darunter</translation>
    </message>
    <message>
      <source>exceeds the LSC; within measurement error</source>
      <translation>übersteigt die LSC; innerhalb des Messfehlers</translation>
    </message>
    <message>
      <source>a change that is real; no measurable change</source>
      <translation>eine echte Änderung; keine messbare Änderung</translation>
    </message>
    <message>
      <source>spread of one value</source>
      <translation>Streuung eines Werts</translation>
    </message>
    <message>
      <source>SE; 95 % CI; 95 % CI with method error</source>
      <translation>SE; 95-%-KI; 95-%-KI mit Methodenfehler</translation>
    </message>
    <message>
      <source>very likely between … and …</source>
      <translation>sehr wahrscheinlich zwischen … und …</translation>
    </message>
    <message>
      <source>% fat, differences in %-points; fat mass, kg</source>
      <translation>% Fett, Unterschiede in %-Punkten; Fettmasse, kg</translation>
    </message>
    <message>
      <source>body fat</source>
      <translation>Körperfett</translation>
    </message>
    <message>
      <source>dual-energy scan</source>
      <translation>Scan mit zwei Energien</translation>
    </message>
    <message>
      <source>DXA (method), DXA scanner or densitometer (device)</source>
      <translation>DXA (Methode), DXA-Scanner oder Densitometer (Gerät)</translation>
    </message>
    <message>
      <source>scan with a very weak X-ray beam</source>
      <translation>Scan mit sehr schwacher Röntgenstrahlung</translation>
    </message>
    <message>
      <source>arms and legs without fat and bone</source>
      <translation>Arme und Beine ohne Fett und Knochen</translation>
    </message>
    <message>
      <source>appendicular lean mass, kg; over height²</source>
      <translation>appendikuläre Magermasse, kg; durch Größe²</translation>
    </message>
    <message>
      <source>muscle of arms and legs</source>
      <translation>Muskeln der Arme und Beine</translation>
    </message>
    <message>
      <source>all without fat</source>
      <translation>alles ohne Fett</translation>
    </message>
    <message>
      <source>fat-free mass (two components); lean soft tissue mass (DXA); never one for the other</source>
      <translation>fettfreie Masse (zwei Komponenten); magere Weichteilmasse (DXA); nie das eine für das andere</translation>
    </message>
    <message>
      <source>muscle, bone, water</source>
      <translation>Muskeln, Knochen, Wasser</translation>
    </message>
    <message>
      <source>android over gynoid</source>
      <translation>android durch gynoid</translation>
    </message>
    <message>
      <source>android/gynoid fat ratio</source>
      <translation>android/gynoides Fettverhältnis</translation>
    </message>
    <message>
      <source>extracellular, intracellular water</source>
      <translation>extrazelluläres, intrazelluläres Wasser</translation>
    </message>
    <message>
      <source>water outside, inside cells</source>
      <translation>Wasser außerhalb, innerhalb der Zellen</translation>
    </message>
    <message>
      <source>plot of a spectrum</source>
      <translation>Bild eines Spektrums</translation>
    </message>
    <message>
      <source>arc; impedance vector; sweep is the act</source>
      <translation>Bogen; Impedanzvektor; der Durchlauf ist die Handlung</translation>
    </message>
    <message>
      <source>gas in the chest</source>
      <translation>Gas im Brustkorb</translation>
    </message>
    <message>
      <source>air in your chest</source>
      <translation>Luft in Ihrem Brustkorb</translation>
    </message>
    <message>
      <source>gas in the lungs after breathing out</source>
      <translation>Gas in der Lunge nach dem Ausatmen</translation>
    </message>
    <message>
      <source>air that stays in your lungs</source>
      <translation>Luft, die in Ihrer Lunge bleibt</translation>
    </message>
    <message>
      <source>limits of a healthy group</source>
      <translation>Grenzen einer gesunden Gruppe</translation>
    </message>
    <message>
      <source>reference range</source>
      <translation>Referenzbereich</translation>
    </message>
    <message>
      <source>range of people of your sex and age</source>
      <translation>Bereich von Menschen Ihres Geschlechts und Alters</translation>
    </message>
    <message>
      <source>a chart that breaks a rule</source>
      <translation>eine Regelkarte, die eine Regel verletzt</translation>
    </message>
    <message>
      <source>out of control; warning</source>
      <translation>außer Kontrolle; Warnung</translation>
    </message>
    <message>
      <source>work on an instrument</source>
      <translation>Arbeit an einem Gerät</translation>
    </message>
    <message>
      <source>quality check: done, due, failed</source>
      <translation>Qualitätsprüfung: erledigt, fällig, nicht bestanden</translation>
    </message>
    <message>
      <source>energy</source>
      <translation>Energie</translation>
    </message>
    <message>
      <source>RMR (at rest), TDEE (in a day)</source>
      <translation>RMR (in Ruhe), TDEE (an einem Tag)</translation>
    </message>
    <message>
      <source>energy that your body needs</source>
      <translation>Energie, die Ihr Körper braucht</translation>
    </message>
    <message>
      <source>whom the test is of</source>
      <translation>wer getestet wird</translation>
    </message>
    <message>
      <source>you</source>
      <translation>Sie</translation>
    </message>
    <message>
      <source>who runs it, who answers for it</source>
      <translation>wer misst, wer dafür einsteht</translation>
    </message>
    <message>
      <source>technician; physiologist; staff</source>
      <translation>Technik; Physiologie; Personal</translation>
    </message>
    <message>
      <source>the person who tested you</source>
      <translation>die Person, die Sie getestet hat</translation>
    </message>
    <message>
      <source>leave out</source>
      <translation>weglassen</translation>
    </message>
    <message>
      <source>exclude</source>
      <translation>ausschließen</translation>
    </message>
    <message>
      <source>go against a rule</source>
      <translation>sich über eine Regel hinwegsetzen</translation>
    </message>
    <message>
      <source>override (physiologist, with a reason); continue with a reason (deviation)</source>
      <translation>übergehen (Physiologie, mit Grund); mit Begründung fortsetzen (Abweichung)</translation>
    </message>
    <message>
      <source>give the day back</source>
      <translation>den Tag zurückgeben</translation>
    </message>
    <message>
      <source>end test and rebook</source>
      <translation>Test beenden und neu buchen</translation>
    </message>
    <message>
      <source>find another day</source>
      <translation>einen anderen Tag finden</translation>
    </message>
    <message>
      <source>store a form, take a reading</source>
      <translation>ein Formular sichern, eine Messung nehmen</translation>
    </message>
    <message>
      <source>save; accept</source>
      <translation>speichern; übernehmen</translation>
    </message>
    <message>
      <source>a number that a lab may set</source>
      <translation>eine Zahl, die ein Labor festlegen darf</translation>
    </message>
    <message>
      <source>lab-adjustable default</source>
      <translation>im Labor einstellbare Vorgabe</translation>
    </message>
    <message>
      <source>a source that nobody could hold in hand</source>
      <translation>eine Quelle, die niemand in der Hand hatte</translation>
    </message>
    <message>
      <source>not yet verified</source>
      <translation>noch nicht überprüft</translation>
    </message>
    <message>
      <source>what is played instead of a device</source>
      <translation>was statt eines Geräts gespielt wird</translation>
    </message>
    <message>
      <source>simulated; true value</source>
      <translation>simuliert; wahrer Wert</translation>
    </message>
    <message>
      <source>You have lost about {1} kg of fat since the last test. That is a real change.</source>
      <translation>Sie haben seit dem letzten Test etwa {1} kg Fett verloren. Das ist eine echte Änderung.</translation>
    </message>
    <message>
      <source>fat mass down {1} kg, limit {2} kg</source>
      <translation>Fettmasse um {1} kg gesunken, Grenze {2} kg</translation>
    </message>
    <message>
      <source>Your fat has grown by about {1} kg since the last test. We will look together at what changed.</source>
      <translation>Ihr Fett hat seit dem letzten Test um etwa {1} kg zugenommen. Wir sehen uns gemeinsam an, was sich geändert hat.</translation>
    </message>
    <message>
      <source>fat mass up {1} kg, limit {2} kg</source>
      <translation>Fettmasse um {1} kg gestiegen, Grenze {2} kg</translation>
    </message>
    <message>
      <source>You have gained about {1} kg of muscle and other lean tissue.</source>
      <translation>Sie haben etwa {1} kg Muskeln und anderes mageres Gewebe aufgebaut.</translation>
    </message>
    <message>
      <source>fat-free mass up {1} kg, limit {2} kg</source>
      <translation>fettfreie Masse um {1} kg gestiegen, Grenze {2} kg</translation>
    </message>
    <message>
      <source>Since your first test you have lost about {1} kg of fat: a change that is real.</source>
      <translation>Seit Ihrem ersten Test haben Sie etwa {1} kg Fett verloren: eine wirkliche Änderung.</translation>
    </message>
    <message>
      <source>fat mass down {1} kg since the first test, limit {2} kg</source>
      <translation>Fettmasse seit dem ersten Test um {1} kg gesunken, Grenze {2} kg</translation>
    </message>
    <message>
      <source>Since your first test you have gained about {1} kg of muscle and other lean tissue.</source>
      <translation>Seit Ihrem ersten Test haben Sie etwa {1} kg Muskeln und anderes mageres Gewebe aufgebaut.</translation>
    </message>
    <message>
      <source>fat-free mass up {1} kg since the first test, limit {2} kg</source>
      <translation>fettfreie Masse seit dem ersten Test um {1} kg gestiegen, Grenze {2} kg</translation>
    </message>
    <message>
      <source>Of the {2} kg that you lost, about {1} % was not fat. Going slower, with enough protein and some strength work, keeps more muscle.</source>
      <translation>Von den {2} kg, die Sie verloren haben, waren etwa {1} % kein Fett. Langsamer, mit genug Eiweiß und etwas Krafttraining, bleibt mehr Muskel erhalten.</translation>
    </message>
    <message>
      <source>{1} % of the loss of {2} kg is fat-free</source>
      <translation>{1} % des Verlusts von {2} kg ist fettfrei</translation>
    </message>
    <message>
      <source>You are losing weight quickly. A slower pace is easier on your body; please talk to us before you continue.</source>
      <translation>Sie nehmen schnell ab. Langsamer ist schonender für Ihren Körper; bitte sprechen Sie mit uns, bevor Sie weitermachen.</translation>
    </message>
    <message>
      <source>{1} % of the mass a week, more than 1 %</source>
      <translation>{1} % der Masse je Woche, mehr als 1 %</translation>
    </message>
    <message>
      <source>Since the last test nothing has changed beyond what the test can tell.</source>
      <translation>Seit dem letzten Test hat sich nichts geändert, was der Test erkennen könnte.</translation>
    </message>
    <message>
      <source>fat mass changed {1} kg, limit {2} kg</source>
      <translation>Fettmasse um {1} kg geändert, Grenze {2} kg</translation>
    </message>
    <message>
      <source>Your body fat is within the reference range for your sex and age.</source>
      <translation>Ihr Körperfett liegt im Bereich der Vergleichswerte für Ihr Geschlecht und Alter.</translation>
    </message>
    <message>
      <source>{1} % (95 % CI ± {2}), reference range {3} to {4} %</source>
      <translation>{1} % (95-%-Intervall ± {2}), Referenzbereich {3} bis {4} %</translation>
    </message>
    <message>
      <source>Your body fat is close to the upper end of the reference range; the test cannot say on which side of it.</source>
      <translation>Ihr Körperfett liegt nahe am oberen Ende des Referenzbereichs; auf welcher Seite, kann der Test nicht sagen.</translation>
    </message>
    <message>
      <source>Your body fat is close to the lower end of the reference range; the test cannot say on which side of it. Eating enough for what you do matters.</source>
      <translation>Ihr Körperfett liegt nahe am unteren Ende des Referenzbereichs; auf welcher Seite, kann der Test nicht sagen. Wichtig ist, für das, was Sie tun, genug zu essen.</translation>
    </message>
    <message>
      <source>Your body fat is above the reference range. Small, steady changes are worth more than quick ones.</source>
      <translation>Ihr Körperfett liegt über dem Bereich der Vergleichswerte. Kleine, stetige Änderungen sind mehr wert als schnelle.</translation>
    </message>
    <message>
      <source>Your body fat is below the reference range. Eating enough for what you do is what matters now.</source>
      <translation>Ihr Körperfett liegt unter dem Bereich der Vergleichswerte. Genug zu essen für das, was Sie tun, ist jetzt das Wichtige.</translation>
    </message>
    <message>
      <source>Your weight is low for your height. Please talk to your doctor or a dietitian before you change anything.</source>
      <translation>Ihr Gewicht ist niedrig für Ihre Größe. Bitte sprechen Sie mit Ärztin oder Arzt oder einer Ernährungsberatung, bevor Sie etwas ändern.</translation>
    </message>
    <message>
      <source>body mass index {1}</source>
      <translation>Body-Mass-Index {1}</translation>
    </message>
    <message>
      <source>There is little muscle on your arms and legs. Testing your strength is the next step, and your doctor decides what it means.</source>
      <translation>An Armen und Beinen ist wenig Muskel. Der nächste Schritt ist ein Krafttest; was er bedeutet, entscheidet Ihre Ärztin oder Ihr Arzt.</translation>
    </message>
    <message>
      <source>limb lean {1} kg/m², below {2}</source>
      <translation>Magermasse der Gliedmaßen {1} kg/m², unter {2}</translation>
    </message>
    <message>
      <source>One of your arms has less muscle than the other. Exercises for that side can even it out.</source>
      <translation>Ein Arm hat weniger Muskel als der andere. Übungen für diese Seite können das ausgleichen.</translation>
    </message>
    <message>
      <source>arms differ by {1} kg</source>
      <translation>Arme unterscheiden sich um {1} kg</translation>
    </message>
    <message>
      <source>One of your legs has less muscle than the other. Exercises for that side can even it out.</source>
      <translation>Ein Bein hat weniger Muskel als das andere. Übungen für diese Seite können das ausgleichen.</translation>
    </message>
    <message>
      <source>legs differ by {1} kg</source>
      <translation>Beine unterscheiden sich um {1} kg</translation>
    </message>
    <message>
      <source>You were not quite prepared as asked. Next time, please follow the sheet that we send you: it makes the result surer.</source>
      <translation>Sie waren nicht ganz so vorbereitet wie erbeten. Bitte folgen Sie nächstes Mal dem Blatt, das wir Ihnen schicken: Das macht das Ergebnis sicherer.</translation>
    </message>
    <message>
      <source>{1} answers not as asked</source>
      <translation>{1} Antworten nicht wie verlangt</translation>
    </message>
    <message>
      <source>The machine has changed since your last test, so today is a new beginning. Later tests are compared with today.</source>
      <translation>Das Gerät ist seit Ihrem letzten Test ein anderes, darum ist heute ein neuer Anfang: Von nun an vergleichen wir mit heute.</translation>
    </message>
    <message>
      <source>another setting than at the last test</source>
      <translation>andere Einstellung als beim letzten Test</translation>
    </message>
    <message>
      <source>You were not prepared in the same way as last time, so the two tests are not compared. Next time, please follow the sheet that we send you.</source>
      <translation>Sie waren anders vorbereitet als beim letzten Mal; deshalb werden die beiden Tests nicht verglichen. Bitte richten Sie sich beim nächsten Mal nach dem Blatt, das wir Ihnen schicken.</translation>
    </message>
    <message>
      <source>not prepared like the last test</source>
      <translation>nicht vorbereitet wie beim letzten Test</translation>
    </message>
    <message>
      <source>This is your starting point. A next test shows how your body changes.</source>
      <translation>Dies ist Ihr Ausgangspunkt. Ein nächster Test zeigt, wie sich Ihr Körper ändert.</translation>
    </message>
    <message>
      <source>no earlier test to compare with</source>
      <translation>kein früherer Test zum Vergleich</translation>
    </message>
    <message>
      <source>Marks on the skin want it dry.</source>
      <translation>Markierungen halten nur auf trockener Haut.</translation>
    </message>
    <message>
      <source>Girths come before the tight suit and cap.</source>
      <translation>Umfänge kommen vor enger Badekleidung und Kappe.</translation>
    </message>
    <message>
      <source>For the analyzer a client rests lying down; moving to the scanner afterwards disturbs little.</source>
      <translation>Für den Analysator ruht der Klient liegend; der Wechsel zum Scanner danach stört wenig.</translation>
    </message>
    <message>
      <source>Impedance comes before anything that warms.</source>
      <translation>Impedanz kommt vor allem, was wärmt.</translation>
    </message>
    <message>
      <source>Impedance comes before anything that wets.</source>
      <translation>Impedanz kommt vor allem, was nass macht.</translation>
    </message>
    <message>
      <source>The scan wants the person fasted and dry, as on arrival.</source>
      <translation>Für den Scan soll die Person nüchtern und trocken sein, wie bei der Ankunft.</translation>
    </message>
    <message>
      <source>The scan wants dry hair and clothes.</source>
      <translation>Für den Scan sollen Haar und Kleidung trocken sein.</translation>
    </message>
    <message>
      <source>In the chamber hair and skin must be dry, and forced breathing is tiring.</source>
      <translation>In der Kammer müssen Haar und Haut trocken sein, und starkes Atmen ermüdet.</translation>
    </message>
    <message>
      <source>Switch on the analyzer and let it warm up</source>
      <translation>Analysator einschalten und aufwärmen lassen</translation>
    </message>
    <message>
      <source>Switch on the chamber and let it warm up</source>
      <translation>Kammer einschalten und aufwärmen lassen</translation>
    </message>
    <message>
      <source>Switch on the densitometer</source>
      <translation>DXA-Scanner einschalten</translation>
    </message>
    <message>
      <source>Switch on scale and load cell</source>
      <translation>Waage und Wägezelle einschalten</translation>
    </message>
    <message>
      <source>Two volumes within 150 mL, then Siri</source>
      <translation>Zwei Volumina innerhalb 150 mL, dann Siri</translation>
    </message>
    <message>
      <source>Two volumes within 150 mL, then Brozek</source>
      <translation>Zwei Volumina innerhalb 150 mL, dann Brozek</translation>
    </message>
    <message>
      <source>Fat in the whole mass; limbs compared in kilograms</source>
      <translation>Fett in der ganzen Masse; Gliedmaßen in Kilogramm verglichen</translation>
    </message>
    <message>
      <source>Fat in the whole mass; limbs compared in percent</source>
      <translation>Fett in der ganzen Masse; Gliedmaßen in Prozent verglichen</translation>
    </message>
    <message>
      <source>Fat in the soft tissue; limbs compared in pounds</source>
      <translation>Fett im Weichgewebe; Gliedmaßen in Pfund verglichen</translation>
    </message>
    <message>
      <source>lb</source>
      <translation>lb</translation>
    </message>
    <message>
      <source>Five sites, three readings that agree</source>
      <translation>Fünf Stellen, drei übereinstimmende Ablesungen</translation>
    </message>
    <message>
      <source>Waist and hip only; limits for Asian adults</source>
      <translation>Nur Taille und Hüfte; Grenzen für asiatische Erwachsene</translation>
    </message>
    <message>
      <source>Mean of the three heaviest within 0.1 kg</source>
      <translation>Mittel der drei schwersten innerhalb 0,1 kg</translation>
    </message>
    <message>
      <source>Heaviest repeated reading</source>
      <translation>Schwerster wiederholter Wert</translation>
    </message>
    <message>
      <source>Single heaviest</source>
      <translation>Einzelner schwerster</translation>
    </message>
    <message>
      <source>Mean of the last three</source>
      <translation>Mittel der letzten drei</translation>
    </message>
    <message>
      <source>Three heaviest, European residual volume, Brozek</source>
      <translation>Drei schwerste, europäisches Residualvolumen, Brozek</translation>
    </message>
    <message>
      <source>Lying, gel electrodes; Kyle for fat-free mass, Moissl for water</source>
      <translation>Liegend, Gel-Elektroden; Kyle für fettfreie Masse, Moissl für Wasser</translation>
    </message>
    <message>
      <source>Lying, gel electrodes; Sun for fat-free mass, De Lorenzo for water</source>
      <translation>Liegend, Gel-Elektroden; Sun für fettfreie Masse, De Lorenzo für Wasser</translation>
    </message>
    <message>
      <source>Standing, hand and foot contacts; no whole-body equation without the lab's own conversion</source>
      <translation>Stehend, Hand- und Fußkontakte; keine Ganzkörpergleichung ohne eigene Umrechnung des Labors</translation>
    </message>
    <message>
      <source>Give time: say what comes, how long it takes and how to stop</source>
      <translation>Zeit geben: sagen, was kommt, wie lange es dauert und wie man anhält</translation>
    </message>
    <message>
      <source>"I am fine, thank you."</source>
      <translation>„Mir geht es gut, danke.“</translation>
    </message>
    <message>
      <source>Ask for name and birth date</source>
      <translation>Nach Name und Geburtsdatum fragen</translation>
    </message>
    <message>
      <source>"{name}, born on {born}."</source>
      <translation>„{name}, geboren am {born}.“</translation>
    </message>
    <message>
      <source>Coach the breathing out: all of it, then still</source>
      <translation>Beim Ausatmen anleiten: alles heraus, dann still</translation>
    </message>
    <message>
      <source>"I am as empty as I can be."</source>
      <translation>„Leerer kann ich nicht sein.“</translation>
    </message>
    <message>
      <source>Ask for hands and feet clear of the walls</source>
      <translation>Hände und Füße von den Wänden weg erbitten</translation>
    </message>
    <message>
      <source>Hands and feet are clear already.</source>
      <translation>Hände und Füße sind schon frei.</translation>
    </message>
    <message>
      <source>Let the water calm, and ask for a slow dip</source>
      <translation>Das Wasser beruhigen lassen und um langsames Eintauchen bitten</translation>
    </message>
    <message>
      <source>The water is still already.</source>
      <translation>Das Wasser ist schon ruhig.</translation>
    </message>
    <message>
      <source>Look at what hangs on the load cell</source>
      <translation>Ansehen, was an der Wägezelle hängt</translation>
    </message>
    <message>
      <source>Chair and belt, as at zero.</source>
      <translation>Stuhl und Gurt, wie beim Nullstellen.</translation>
    </message>
    <message>
      <source>See to the load cell: dry it, let it settle, zero it</source>
      <translation>Nach der Wägezelle sehen: trocknen, ruhen lassen, auf null stellen</translation>
    </message>
    <message>
      <source>The zero is stable.</source>
      <translation>Der Nullpunkt ist stabil.</translation>
    </message>
    <message>
      <source>Rub suit and hair free of air under water</source>
      <translation>Anzug und Haar unter Wasser luftfrei reiben</translation>
    </message>
    <message>
      <source>There is no air in suit and hair.</source>
      <translation>In Anzug und Haar ist keine Luft.</translation>
    </message>
    <message>
      <source>Check the floor scale with its reference mass</source>
      <translation>Die Standwaage mit ihrer Prüfmasse prüfen</translation>
    </message>
    <message>
      <source>The scale reads true.</source>
      <translation>Die Waage zeigt richtig.</translation>
    </message>
    <message>
      <source>Look into the chamber and take out what does not belong there</source>
      <translation>In die Kammer sehen und herausnehmen, was nicht hineingehört</translation>
    </message>
    <message>
      <source>Nothing but the seat.</source>
      <translation>Nichts als der Sitz.</translation>
    </message>
    <message>
      <source>A cap on, the hair under it</source>
      <translation>Kappe auf, Haar darunter</translation>
    </message>
    <message>
      <source>The cap sits tight.</source>
      <translation>Die Kappe sitzt eng.</translation>
    </message>
    <message>
      <source>Dry off and cool down for a quarter of an hour</source>
      <translation>Eine Viertelstunde trocknen und abkühlen</translation>
    </message>
    <message>
      <source>The skin is dry and cool.</source>
      <translation>Die Haut ist trocken und kühl.</translation>
    </message>
    <message>
      <source>Close the doors and windows of the room</source>
      <translation>Türen und Fenster des Raums schließen</translation>
    </message>
    <message>
      <source>Everything is closed.</source>
      <translation>Alles ist zu.</translation>
    </message>
    <message>
      <source>Close the door of the chamber again</source>
      <translation>Die Kammertür noch einmal schließen</translation>
    </message>
    <message>
      <source>The latch holds.</source>
      <translation>Der Riegel hält.</translation>
    </message>
    <message>
      <source>Let the client cough; nothing to drink before the trial</source>
      <translation>Den Klienten husten lassen; vor dem Versuch nichts trinken</translation>
    </message>
    <message>
      <source>There is no cough.</source>
      <translation>Kein Husten.</translation>
    </message>
    <message>
      <source>Socks off, soles wiped</source>
      <translation>Socken aus, Sohlen abgewischt</translation>
    </message>
    <message>
      <source>The feet are bare.</source>
      <translation>Die Füße sind bloß.</translation>
    </message>
    <message>
      <source>Look at every contact: thumbs, fingers, heels, balls of the feet</source>
      <translation>Jeden Kontakt ansehen: Daumen, Finger, Fersen, Ballen</translation>
    </message>
    <message>
      <source>Every contact sits.</source>
      <translation>Jeder Kontakt sitzt.</translation>
    </message>
    <message>
      <source>Follow each lead from its plug to the skin</source>
      <translation>Jedes Kabel vom Stecker bis zur Haut verfolgen</translation>
    </message>
    <message>
      <source>Each lead is where it belongs.</source>
      <translation>Jedes Kabel ist an seinem Platz.</translation>
    </message>
    <message>
      <source>A dry towel between the thighs</source>
      <translation>Ein trockenes Handtuch zwischen die Oberschenkel</translation>
    </message>
    <message>
      <source>The thighs do not touch.</source>
      <translation>Die Oberschenkel berühren sich nicht.</translation>
    </message>
    <message>
      <source>Ask for quiet until the sweep is done</source>
      <translation>Um Ruhe bitten, bis die Messung fertig ist</translation>
    </message>
    <message>
      <source>Nobody says anything.</source>
      <translation>Niemand sagt etwas.</translation>
    </message>
    <message>
      <source>Let the analyzer warm up</source>
      <translation>Den Analysator aufwärmen lassen</translation>
    </message>
    <message>
      <source>It is warm already.</source>
      <translation>Er ist schon warm.</translation>
    </message>
    <message>
      <source>Lay the whole body inside the field</source>
      <translation>Den ganzen Körper ins Feld legen</translation>
    </message>
    <message>
      <source>Everything is inside.</source>
      <translation>Alles ist im Feld.</translation>
    </message>
    <message>
      <source>Review the lines of the regions and have the scan analysed again</source>
      <translation>Die Regionslinien durchsehen und den Scan neu auswerten lassen</translation>
    </message>
    <message>
      <source>Every line is where it belongs.</source>
      <translation>Jede Linie ist an ihrem Platz.</translation>
    </message>
    <message>
      <source>Look for metal: belt, pockets, hair, jewellery</source>
      <translation>Nach Metall sehen: Gürtel, Taschen, Haar, Schmuck</translation>
    </message>
    <message>
      <source>No metal.</source>
      <translation>Kein Metall.</translation>
    </message>
    <message>
      <source>Level the scale and check it with its reference mass</source>
      <translation>Die Waage ausrichten und mit ihrer Prüfmasse prüfen</translation>
    </message>
    <message>
      <source>It is level and reads correctly.</source>
      <translation>Sie steht eben und zeigt richtig.</translation>
    </message>
    <message>
      <source>Take the instrument out of use and report it</source>
      <translation>Das Gerät außer Betrieb nehmen und melden</translation>
    </message>
    <message>
      <source>The service finds nothing.</source>
      <translation>Die Wartung findet nichts.</translation>
    </message>
    <message>
      <source>Ask for bare skin where the tape goes</source>
      <translation>Um bloße Haut an den Messstellen bitten</translation>
    </message>
    <message>
      <source>There is nothing under the tape but skin.</source>
      <translation>Unter dem Band ist nichts als Haut.</translation>
    </message>
    <message>
      <source>Lay the tape so that it touches and does not press</source>
      <translation>Das Band so anlegen, dass es anliegt und nicht drückt</translation>
    </message>
    <message>
      <source>It did not press before either.</source>
      <translation>Es hat auch vorher nicht gedrückt.</translation>
    </message>
    <message>
      <source>Look at the tape from the side and lay it level</source>
      <translation>Das Band von der Seite ansehen und waagerecht legen</translation>
    </message>
    <message>
      <source>It is level all the way round.</source>
      <translation>Es ist ringsum waagerecht.</translation>
    </message>
    <message>
      <source>A still, quiet reading</source>
      <translation>Ein ruhiger, stiller Messwert</translation>
    </message>
    <message>
      <source>Stands barefoot, relaxed, prepared as asked.</source>
      <translation>Steht barfuß, entspannt, vorbereitet wie verlangt.</translation>
    </message>
    <message>
      <source>Beatrix Lorne</source>
      <translation>Beatrix Lorne</translation>
    </message>
    <message>
      <source>Read what the findings under the arc say before you accept.</source>
      <translation>Vor dem Übernehmen lesen, was die Befunde unter der Ortskurve sagen.</translation>
    </message>
    <message>
      <source>The test was brought to its end and signed.</source>
      <translation>Der Test wurde zu Ende gebracht und unterschrieben.</translation>
    </message>
    <message>
      <source>the run sheet to its end</source>
      <translation>den Ablauf bis zum Ende</translation>
    </message>
    <message>
      <source>Nothing that was in order was excluded or repaired.</source>
      <translation>Nichts wurde verworfen oder geändert, was in Ordnung war.</translation>
    </message>
    <message>
      <source>trusting a reading that the rules take</source>
      <translation>einem Messwert vertrauen, den die Regeln annehmen</translation>
    </message>
    <message>
      <source>A card in the wallet</source>
      <translation>Ein Ausweis in der Brieftasche</translation>
    </message>
    <message>
      <source>Friendly, quick, "all as usual".</source>
      <translation>Freundlich, schnell, „alles wie immer“.</translation>
    </message>
    <message>
      <source>Heiko Abernethy</source>
      <translation>Heiko Abernethy</translation>
    </message>
    <message>
      <source>Ask for implants by name: pacemaker, defibrillator, stimulator, pump.</source>
      <translation>Implantate beim Namen erfragen: Schrittmacher, Defibrillator, Stimulator, Pumpe.</translation>
    </message>
    <message>
      <source>The implant was written down.</source>
      <translation>Das Implantat wurde aufgeschrieben.</translation>
    </message>
    <message>
      <source>asking for implants by name</source>
      <translation>Implantate beim Namen erfragen</translation>
    </message>
    <message>
      <source>No current was sent past a pacemaker.</source>
      <translation>Durch niemanden mit Schrittmacher floss Strom.</translation>
    </message>
    <message>
      <source>The test continued despite a pacemaker.</source>
      <translation>Der Test lief trotz Schrittmacher weiter.</translation>
    </message>
    <message>
      <source>Mentioned late</source>
      <translation>Spät erwähnt</translation>
    </message>
    <message>
      <source>Says no to everything on the list, without looking up.</source>
      <translation>Sagt zu allem auf der Liste nein, ohne aufzusehen.</translation>
    </message>
    <message>
      <source>Gudmund Farraday</source>
      <translation>Gudmund Farraday</translation>
    </message>
    <message>
      <source>It will not upset the little box under my collarbone, will it? They changed its battery in spring.</source>
      <translation>Das stört doch das kleine Kästchen unter meinem Schlüsselbein nicht? Im Frühjahr wurde die Batterie gewechselt.</translation>
    </message>
    <message>
      <source>The form says no. Ask the question again, in person.</source>
      <translation>Auf dem Formular steht nein. Fragen Sie noch einmal persönlich.</translation>
    </message>
    <message>
      <source>The questions were asked before the electrodes.</source>
      <translation>Die Fragen wurden vor den Elektroden gestellt.</translation>
    </message>
    <message>
      <source>the whole list, every time</source>
      <translation>die ganze Liste, jedes Mal</translation>
    </message>
    <message>
      <source>The test ended as soon as the implant was mentioned.</source>
      <translation>Der Test endete, sobald das Implantat erwähnt wurde.</translation>
    </message>
    <message>
      <source>listening until the last electrode</source>
      <translation>bis zur letzten Elektrode zuhören</translation>
    </message>
    <message>
      <source>Almost the same name</source>
      <translation>Fast derselbe Name</translation>
    </message>
    <message>
      <source>Was sitting in the corridor when you called the name; looks a little surprised.</source>
      <translation>Saß im Flur, als Sie den Namen riefen; sieht etwas überrascht aus.</translation>
    </message>
    <message>
      <source>Runa Oksavik</source>
      <translation>Runa Oksavik</translation>
    </message>
    <message>
      <source>Runa Oksvik</source>
      <translation>Runa Oksvik</translation>
    </message>
    <message>
      <source>Good morning. I thought my turn was later.</source>
      <translation>Guten Morgen. Ich dachte, ich wäre später dran.</translation>
    </message>
    <message>
      <source>Does the record fit the client in front of you? Ask.</source>
      <translation>Passt die Akte zu dem Klienten vor Ihnen? Fragen.</translation>
    </message>
    <message>
      <source>Name and birth date were asked.</source>
      <translation>Name und Geburtsdatum wurden erfragt.</translation>
    </message>
    <message>
      <source>asking for name and birth date, every time</source>
      <translation>Name und Geburtsdatum erfragen, jedes Mal</translation>
    </message>
    <message>
      <source>The test in the wrong record was ended.</source>
      <translation>Der Test in der falschen Akte wurde beendet.</translation>
    </message>
    <message>
      <source>ending a test that was opened for another client</source>
      <translation>einen Test beenden, der für einen anderen Klienten geöffnet wurde</translation>
    </message>
    <message>
      <source>Socks on</source>
      <translation>Socken an</translation>
    </message>
    <message>
      <source>Cold feet.</source>
      <translation>Kalte Füße.</translation>
    </message>
    <message>
      <source>Tilda Marchetti-Roe</source>
      <translation>Tilda Marchetti-Roe</translation>
    </message>
    <message>
      <source>Both legs are noisy at low frequency. What do both have in common?</source>
      <translation>Beide Beine rauschen bei niedriger Frequenz. Was haben beide gemeinsam?</translation>
    </message>
    <message>
      <source>The socks came off.</source>
      <translation>Die Socken kamen herunter.</translation>
    </message>
    <message>
      <source>bare, wiped skin</source>
      <translation>bloße, abgewischte Haut</translation>
    </message>
    <message>
      <source>Every faulty reading was excluded.</source>
      <translation>Jeder fehlerhafte Messwert wurde ausgeschlossen.</translation>
    </message>
    <message>
      <source>A faulty reading was left in the result.</source>
      <translation>Ein fehlerhafter Messwert blieb im Ergebnis.</translation>
    </message>
    <message>
      <source>excluding what was taken before the reason was found</source>
      <translation>ausschließen, was vor dem Finden der Ursache gemessen wurde</translation>
    </message>
    <message>
      <source>One thumb</source>
      <translation>Ein Daumen</translation>
    </message>
    <message>
      <source>Grips the handle with four fingers.</source>
      <translation>Fasst den Griff mit vier Fingern.</translation>
    </message>
    <message>
      <source>Osric Delafield</source>
      <translation>Osric Delafield</translation>
    </message>
    <message>
      <source>One limb is noisy at low frequency. Follow it to its contact.</source>
      <translation>Ein Körperteil rauscht bei niedriger Frequenz. Bis zu seinem Kontakt verfolgen.</translation>
    </message>
    <message>
      <source>The hand contact was corrected.</source>
      <translation>Der Handkontakt wurde berichtigt.</translation>
    </message>
    <message>
      <source>a look at every contact</source>
      <translation>ein Blick auf jeden Kontakt</translation>
    </message>
    <message>
      <source>Crossed leads</source>
      <translation>Vertauschte Kabel</translation>
    </message>
    <message>
      <source>The cables were tidied yesterday.</source>
      <translation>Die Kabel wurden gestern aufgeräumt.</translation>
    </message>
    <message>
      <source>Leopold Sturrock</source>
      <translation>Leopold Sturrock</translation>
    </message>
    <message>
      <source>No body has a resistance below zero. Look at the leads.</source>
      <translation>Kein Körper hat eine Resistanz unter null. Sehen Sie nach den Leitungen.</translation>
    </message>
    <message>
      <source>Each lead was followed to its place.</source>
      <translation>Jedes Kabel wurde bis zu seinem Platz verfolgt.</translation>
    </message>
    <message>
      <source>following each lead with the finger</source>
      <translation>jedem Kabel mit dem Finger folgen</translation>
    </message>
    <message>
      <source>Thighs that touch</source>
      <translation>Oberschenkel, die sich berühren</translation>
    </message>
    <message>
      <source>Stands comfortably, legs together.</source>
      <translation>Steht bequem, Beine zusammen.</translation>
    </message>
    <message>
      <source>Amalia Kirkbride</source>
      <translation>Amalia Kirkbride</translation>
    </message>
    <message>
      <source>Both legs at half of what is usual: the current takes a short cut.</source>
      <translation>Beide Beine auf halbem üblichem Wert: Der Strom nimmt eine Abkürzung.</translation>
    </message>
    <message>
      <source>A towel was put between the thighs.</source>
      <translation>Ein Handtuch kam zwischen die Oberschenkel.</translation>
    </message>
    <message>
      <source>looking at the thighs before the sweep</source>
      <translation>vor der Messung auf die Oberschenkel sehen</translation>
    </message>
    <message>
      <source>A good story</source>
      <translation>Eine gute Geschichte</translation>
    </message>
    <message>
      <source>Has much to tell, and tells it.</source>
      <translation>Hat viel zu erzählen und tut es.</translation>
    </message>
    <message>
      <source>Percival Anstey</source>
      <translation>Percival Anstey</translation>
    </message>
    <message>
      <source>Only the trunk is restless. What moves it?</source>
      <translation>Nur der Rumpf ist unruhig. Was bewegt ihn?</translation>
    </message>
    <message>
      <source>The client was asked to be quiet until the sweep was done.</source>
      <translation>Der Klient wurde gebeten, bis zum Ende der Messung still zu sein.</translation>
    </message>
    <message>
      <source>asking for quiet before each sweep</source>
      <translation>vor jeder Messung um Ruhe bitten</translation>
    </message>
    <message>
      <source>A run and a coffee</source>
      <translation>Ein Lauf und ein Kaffee</translation>
    </message>
    <message>
      <source>Came by bicycle, with a cup in the hand.</source>
      <translation>Kam mit dem Rad, einen Becher in der Hand.</translation>
    </message>
    <message>
      <source>Casimir Wroth</source>
      <translation>Casimir Wroth</translation>
    </message>
    <message>
      <source>Every question, with hours. The cup is a hint.</source>
      <translation>Jede Frage, mit Stunden. Der Becher ist ein Hinweis.</translation>
    </message>
    <message>
      <source>The exercise was written down.</source>
      <translation>Die Bewegung wurde aufgeschrieben.</translation>
    </message>
    <message>
      <source>asking for hours</source>
      <translation>nach Stunden fragen</translation>
    </message>
    <message>
      <source>The coffee was written down.</source>
      <translation>Der Kaffee wurde aufgeschrieben.</translation>
    </message>
    <message>
      <source>An odd change</source>
      <translation>Eine seltsame Änderung</translation>
    </message>
    <message>
      <source>Was here eight weeks ago. Has drunk a lot this morning: it is hot outside.</source>
      <translation>War vor acht Wochen hier. Hat heute Morgen viel getrunken: Draußen ist es heiß.</translation>
    </message>
    <message>
      <source>Jorun Castleton</source>
      <translation>Jorun Castleton</translation>
    </message>
    <message>
      <source>What is different from last time? The panel shows the answer of then.</source>
      <translation>Was ist anders als letztes Mal? Die Frage zeigt die Antwort von damals.</translation>
    </message>
    <message>
      <source>A change has to be larger than the error of both tests, and the conditions have to be the same.</source>
      <translation>Eine Änderung muss größer sein als der Fehler beider Tests, und die Bedingungen müssen gleich sein.</translation>
    </message>
    <message>
      <source>The drink was written down: it explains an odd change.</source>
      <translation>Das Trinken wurde aufgeschrieben: Es erklärt eine seltsame Änderung.</translation>
    </message>
    <message>
      <source>comparing the conditions before the numbers</source>
      <translation>erst die Bedingungen vergleichen, dann die Zahlen</translation>
    </message>
    <message>
      <source>Five hundred ohms</source>
      <translation>Fünfhundert Ohm</translation>
    </message>
    <message>
      <source>The resistor of the morning does not read as it should.</source>
      <translation>Der Widerstand des Morgens misst nicht, wie er soll.</translation>
    </message>
    <message>
      <source>Sunniva Tarrant</source>
      <translation>Sunniva Tarrant</translation>
    </message>
    <message>
      <source>Once more with clean plugs; if it stays, it is the analyzer.</source>
      <translation>Noch einmal mit sauberen Steckern; bleibt es, ist es der Analysator.</translation>
    </message>
    <message>
      <source>The analyzer was taken out of use and reported.</source>
      <translation>Der Analysator wurde außer Betrieb genommen und gemeldet.</translation>
    </message>
    <message>
      <source>the test module before the first client</source>
      <translation>das Prüfmodul vor dem ersten Klienten</translation>
    </message>
    <message>
      <source>Nobody was measured on an analyzer that misreads its module.</source>
      <translation>Niemand wurde an einem Analysator gemessen, der sein Modul falsch misst.</translation>
    </message>
    <message>
      <source>A client was measured on an analyzer that misreads its module.</source>
      <translation>Ein Klient wurde an einem Analysator gemessen, der sein Modul falsch misst.</translation>
    </message>
    <message>
      <source>ending before the sweep</source>
      <translation>vor der Messung beenden</translation>
    </message>
    <message>
      <source>A heavy morning</source>
      <translation>Ein schwerer Morgen</translation>
    </message>
    <message>
      <source>The scale was moved to clean under it.</source>
      <translation>Die Waage wurde zum Putzen verschoben.</translation>
    </message>
    <message>
      <source>Ingram Colefax</source>
      <translation>Ingram Colefax</translation>
    </message>
    <message>
      <source>The reference mass has not changed. Look at what has changed under the scale.</source>
      <translation>Das Prüfgewicht ist dasselbe. Sehen Sie nach, was sich unter der Waage geändert hat.</translation>
    </message>
    <message>
      <source>The scale was levelled and checked again.</source>
      <translation>Die Waage wurde ausgerichtet und erneut geprüft.</translation>
    </message>
    <message>
      <source>the reference mass before the first client</source>
      <translation>die Prüfmasse vor dem ersten Klienten</translation>
    </message>
    <message>
      <source>Two volumes that agree</source>
      <translation>Zwei Volumina, die übereinstimmen</translation>
    </message>
    <message>
      <source>A dancer in tight swimwear and cap. Everything is as it should be.</source>
      <translation>Eine Tänzerin in enger Badekleidung und Kappe. Alles ist, wie es sein soll.</translation>
    </message>
    <message>
      <source>Mariel Dunstan</source>
      <translation>Mariel Dunstan</translation>
    </message>
    <message>
      <source>Two volumes within the limit are enough; a third only when they are not.</source>
      <translation>Zwei Volumina innerhalb der Grenze genügen; ein drittes nur, wenn sie es nicht sind.</translation>
    </message>
    <message>
      <source>Something left inside</source>
      <translation>Etwas blieb darin</translation>
    </message>
    <message>
      <source>It was calibrated in a hurry. Look into the chamber.</source>
      <translation>Es wurde in Eile kalibriert. In die Kammer sehen.</translation>
    </message>
    <message>
      <source>Tobiah Crane</source>
      <translation>Tobiah Crane</translation>
    </message>
    <message>
      <source>Is the volume possible for this mass? What else is in there?</source>
      <translation>Ist das Volumen bei dieser Masse möglich? Was ist noch darin?</translation>
    </message>
    <message>
      <source>The cylinder was found and taken out.</source>
      <translation>Der Zylinder wurde gefunden und herausgenommen.</translation>
    </message>
    <message>
      <source>looking before closing</source>
      <translation>hineinsehen, bevor man schließt</translation>
    </message>
    <message>
      <source>No cap</source>
      <translation>Keine Kappe</translation>
    </message>
    <message>
      <source>Thick hair, loose over the shoulders.</source>
      <translation>Dichtes Haar, offen über den Schultern.</translation>
    </message>
    <message>
      <source>Wilma Aspinall</source>
      <translation>Wilma Aspinall</translation>
    </message>
    <message>
      <source>Look at the head, not only at the list.</source>
      <translation>Auf den Kopf sehen, nicht nur auf die Liste.</translation>
    </message>
    <message>
      <source>The missing cap was written down.</source>
      <translation>Die fehlende Kappe wurde aufgeschrieben.</translation>
    </message>
    <message>
      <source>the look before the door</source>
      <translation>der Blick vor der Tür</translation>
    </message>
    <message>
      <source>A cap was found, with the hair under it.</source>
      <translation>Eine Kappe wurde gefunden, das Haar darunter.</translation>
    </message>
    <message>
      <source>Straight from the shower</source>
      <translation>Direkt aus der Dusche</translation>
    </message>
    <message>
      <source>Rosy cheeks and damp hair.</source>
      <translation>Rote Wangen und feuchtes Haar.</translation>
    </message>
    <message>
      <source>Joost Ravensworth</source>
      <translation>Joost Ravensworth</translation>
    </message>
    <message>
      <source>Warm, damp air in a closed chamber grows while you measure.</source>
      <translation>Warme, feuchte Luft in einer geschlossenen Kammer dehnt sich aus, während Sie messen.</translation>
    </message>
    <message>
      <source>Damp skin was written down.</source>
      <translation>Feuchte Haut wurde aufgeschrieben.</translation>
    </message>
    <message>
      <source>asking when the last shower was</source>
      <translation>fragen, wann die letzte Dusche war</translation>
    </message>
    <message>
      <source>The client dried off and cooled down before the volumes.</source>
      <translation>Der Klient trocknete und kühlte vor den Volumina ab.</translation>
    </message>
    <message>
      <source>drying and waiting</source>
      <translation>trocknen und warten</translation>
    </message>
    <message>
      <source>The door to the corridor</source>
      <translation>Die Tür zum Flur</translation>
    </message>
    <message>
      <source>Somebody keeps coming in.</source>
      <translation>Immer wieder kommt jemand herein.</translation>
    </message>
    <message>
      <source>Pernilla Osgood</source>
      <translation>Pernilla Osgood</translation>
    </message>
    <message>
      <source>The line tilts: the air about the chamber changes while you measure.</source>
      <translation>Die Linie kippt: Die Luft um die Kammer ändert sich, während Sie messen.</translation>
    </message>
    <message>
      <source>The room was closed.</source>
      <translation>Der Raum wurde geschlossen.</translation>
    </message>
    <message>
      <source>quiet around the chamber</source>
      <translation>Ruhe um die Kammer</translation>
    </message>
    <message>
      <source>Not quite shut</source>
      <translation>Nicht ganz zu</translation>
    </message>
    <message>
      <source>The latch has a will of its own.</source>
      <translation>Der Riegel klemmt manchmal.</translation>
    </message>
    <message>
      <source>Ansgar Thistlewood</source>
      <translation>Ansgar Thistlewood</translation>
    </message>
    <message>
      <source>The pressure gets out of step. Where does it go?</source>
      <translation>Der Druck gerät aus dem Takt. Wohin geht er?</translation>
    </message>
    <message>
      <source>The door of the chamber was closed properly.</source>
      <translation>Die Kammertür wurde richtig geschlossen.</translation>
    </message>
    <message>
      <source>pulling at the door once it is shut</source>
      <translation>an der geschlossenen Tür ziehen</translation>
    </message>
    <message>
      <source>An itch</source>
      <translation>Ein Juckreiz</translation>
    </message>
    <message>
      <source>Sits down, gets up again, sits down.</source>
      <translation>Setzt sich, steht auf, setzt sich.</translation>
    </message>
    <message>
      <source>Klara Venning</source>
      <translation>Klara Venning</translation>
    </message>
    <message>
      <source>The line trembles. Who does that, and why?</source>
      <translation>Die Linie zittert. Wer tut das, und warum?</translation>
    </message>
    <message>
      <source>The client was given a moment, and told what will be felt and for how long.</source>
      <translation>Der Klient bekam einen Moment und erfuhr, was zu spüren ist und wie lange.</translation>
    </message>
    <message>
      <source>saying beforehand how long it takes</source>
      <translation>vorher sagen, wie lange es dauert</translation>
    </message>
    <message>
      <source>Small rooms</source>
      <translation>Kleine Räume</translation>
    </message>
    <message>
      <source>Asks twice how the door opens.</source>
      <translation>Fragt zweimal, wie die Tür aufgeht.</translation>
    </message>
    <message>
      <source>Edvard Pinkney</source>
      <translation>Edvard Pinkney</translation>
    </message>
    <message>
      <source>The door opens from the inside as well, does it? Every time?</source>
      <translation>Die Tür geht doch auch von innen auf? Jedes Mal?</translation>
    </message>
    <message>
      <source>Ask about closed rooms before you show the chamber.</source>
      <translation>Nach engen Räumen fragen, bevor Sie die Kammer zeigen.</translation>
    </message>
    <message>
      <source>Fear of closed rooms was asked and written down.</source>
      <translation>Angst vor engen Räumen wurde erfragt und aufgeschrieben.</translation>
    </message>
    <message>
      <source>showing the release before closing</source>
      <translation>die Öffnung zeigen, bevor man schließt</translation>
    </message>
    <message>
      <source>A scan by the book</source>
      <translation>Ein Scan nach Vorschrift</translation>
    </message>
    <message>
      <source>Light clothes, no metal, prepared as asked.</source>
      <translation>Leichte Kleidung, kein Metall, vorbereitet wie verlangt.</translation>
    </message>
    <message>
      <source>Matteus Ellery</source>
      <translation>Matteus Ellery</translation>
    </message>
    <message>
      <source>Wait for the file; the findings stand beside it.</source>
      <translation>Auf die Datei warten; die Befunde stehen daneben.</translation>
    </message>
    <message>
      <source>Not sure</source>
      <translation>Nicht sicher</translation>
    </message>
    <message>
      <source>Hesitates at one question.</source>
      <translation>Zögert bei einer Frage.</translation>
    </message>
    <message>
      <source>Svea Longstaff</source>
      <translation>Svea Longstaff</translation>
    </message>
    <message>
      <source>Ask alone, and wait for the answer. Not sure is not a no.</source>
      <translation>Allein fragen und die Antwort abwarten. Nicht sicher heißt nicht nein.</translation>
    </message>
    <message>
      <source>The doubt was written down.</source>
      <translation>Der Zweifel wurde aufgeschrieben.</translation>
    </message>
    <message>
      <source>asking alone, and waiting for the answer</source>
      <translation>allein fragen und die Antwort abwarten</translation>
    </message>
    <message>
      <source>No X-rays where pregnancy was not excluded.</source>
      <translation>Keine Röntgenstrahlen, wo eine Schwangerschaft nicht ausgeschlossen war.</translation>
    </message>
    <message>
      <source>The client was scanned although pregnancy was not excluded.</source>
      <translation>Der Klient wurde gescannt, obwohl eine Schwangerschaft nicht ausgeschlossen war.</translation>
    </message>
    <message>
      <source>A wide frame</source>
      <translation>Ein breiter Körper</translation>
    </message>
    <message>
      <source>Broad shoulders: look at the position of the arms.</source>
      <translation>Breite Schultern: auf die Lage der Arme sehen.</translation>
    </message>
    <message>
      <source>Gideon Hartsfield</source>
      <translation>Gideon Hartsfield</translation>
    </message>
    <message>
      <source>Compare left with right. Where is the rest of it?</source>
      <translation>Links mit rechts vergleichen. Wo ist der Rest?</translation>
    </message>
    <message>
      <source>The arm was laid inside the field.</source>
      <translation>Der Arm wurde ins Feld gelegt.</translation>
    </message>
    <message>
      <source>positioning, or a half-body scan</source>
      <translation>Lagerung, oder ein Halbkörperscan</translation>
    </message>
    <message>
      <source>Lines in the wrong place</source>
      <translation>Linien am falschen Platz</translation>
    </message>
    <message>
      <source>The scan looks fine at first sight.</source>
      <translation>Der Scan sieht auf den ersten Blick gut aus.</translation>
    </message>
    <message>
      <source>Elspeth Marlowe-Quist</source>
      <translation>Elspeth Marlowe-Quist</translation>
    </message>
    <message>
      <source>Arms differ by a third. Is that the client or the line at the shoulder?</source>
      <translation>Die Arme unterscheiden sich um ein Drittel. Ist das der Klient oder die Linie an der Schulter?</translation>
    </message>
    <message>
      <source>The lines of the regions were drawn again.</source>
      <translation>Die Regionslinien wurden neu gezogen.</translation>
    </message>
    <message>
      <source>reviewing every line</source>
      <translation>jede Linie durchsehen</translation>
    </message>
    <message>
      <source>A buckle</source>
      <translation>Eine Schnalle</translation>
    </message>
    <message>
      <source>Trousers with a good belt.</source>
      <translation>Hose mit einem guten Gürtel.</translation>
    </message>
    <message>
      <source>Roderick Sandoval-Finch</source>
      <translation>Roderick Sandoval-Finch</translation>
    </message>
    <message>
      <source>Bone mineral of the trunk is out of proportion.</source>
      <translation>Das Knochenmineral des Rumpfs passt nicht zum Rest.</translation>
    </message>
    <message>
      <source>Metal was looked for and taken off.</source>
      <translation>Nach Metall wurde gesehen, und es wurde abgelegt.</translation>
    </message>
    <message>
      <source>asking the client to check pockets and belt before lying down</source>
      <translation>den Klienten vor dem Hinlegen nach Taschen und Gürtel fragen</translation>
    </message>
    <message>
      <source>A week on the way up</source>
      <translation>Eine Woche aufwärts</translation>
    </message>
    <message>
      <source>The phantom was inside its limit every morning. Look at the week.</source>
      <translation>Das Phantom lag jeden Morgen in seiner Grenze. Die Woche ansehen.</translation>
    </message>
    <message>
      <source>Yannick Bellweather</source>
      <translation>Yannick Bellweather</translation>
    </message>
    <message>
      <source>Quality shows the week. Is today an accident or the end of a line?</source>
      <translation>Unter Qualität steht die Woche. Ist heute ein Ausrutscher oder das Ende einer Linie?</translation>
    </message>
    <message>
      <source>The densitometer was reported, not used.</source>
      <translation>Der DXA-Scanner wurde gemeldet, nicht benutzt.</translation>
    </message>
    <message>
      <source>looking at the chart, not only at today</source>
      <translation>die Regelkarte ansehen, nicht nur heute</translation>
    </message>
    <message>
      <source>Nobody was scanned on a densitometer out of its limit.</source>
      <translation>Niemand wurde mit einem DXA-Scanner außerhalb seiner Grenze gescannt.</translation>
    </message>
    <message>
      <source>A client was scanned on a densitometer out of its limit.</source>
      <translation>Ein Klient wurde mit einem DXA-Scanner außerhalb seiner Grenze gescannt.</translation>
    </message>
    <message>
      <source>ending before the scan</source>
      <translation>vor dem Scan beenden</translation>
    </message>
    <message>
      <source>A hospital visit</source>
      <translation>Ein Krankenhausbesuch</translation>
    </message>
    <message>
      <source>Had "some pictures taken" last week.</source>
      <translation>Ließ letzte Woche „einige Bilder machen“.</translation>
    </message>
    <message>
      <source>Dorian Featherstone</source>
      <translation>Dorian Featherstone</translation>
    </message>
    <message>
      <source>Pictures are not all alike: ask for contrast and for nuclear tests by name.</source>
      <translation>Bilder sind nicht alle gleich: nach Kontrastmittel und Nuklearmedizin beim Namen fragen.</translation>
    </message>
    <message>
      <source>The contrast was written down.</source>
      <translation>Das Kontrastmittel wurde aufgeschrieben.</translation>
    </message>
    <message>
      <source>asking for contrast by name</source>
      <translation>Kontrastmittel beim Namen erfragen</translation>
    </message>
    <message>
      <source>Seven long minutes</source>
      <translation>Sieben lange Minuten</translation>
    </message>
    <message>
      <source>Cannot find a place for the feet.</source>
      <translation>Findet keinen Platz für die Füße.</translation>
    </message>
    <message>
      <source>Liesel Arkwright</source>
      <translation>Liesel Arkwright</translation>
    </message>
    <message>
      <source>Ask for stillness before it starts, not while it runs.</source>
      <translation>Um Stillhalten bitten, bevor es beginnt, nicht währenddessen.</translation>
    </message>
    <message>
      <source>The client was told how long it takes and what to look at.</source>
      <translation>Der Klient erfuhr, wie lange es dauert und wohin er schauen soll.</translation>
    </message>
    <message>
      <source>a word before the arm moves</source>
      <translation>ein Wort, bevor der Arm sich bewegt</translation>
    </message>
    <message>
      <source>A calm first test</source>
      <translation>Ein ruhiger erster Test</translation>
    </message>
    <message>
      <source>A rower who has been here before. Everything goes well: bring the test to its end.</source>
      <translation>Ein Ruderer, der schon hier war. Alles läuft gut: den Test zu Ende bringen.</translation>
    </message>
    <message>
      <source>Aurel Brannigan</source>
      <translation>Aurel Brannigan</translation>
    </message>
    <message>
      <source>Zero with the chair and the belt in the water, then hang the reference mass.</source>
      <translation>Mit Stuhl und Gurt im Wasser auf null stellen, dann die Prüfmasse anhängen.</translation>
    </message>
    <message>
      <source>Accept what is read; the verdict line says when there are enough.</source>
      <translation>Übernehmen, was gemessen wird; die Urteilszeile sagt, wann es genug sind.</translation>
    </message>
    <message>
      <source>Not quite empty</source>
      <translation>Nicht ganz leer</translation>
    </message>
    <message>
      <source>A client who stops breathing out a little early.</source>
      <translation>Ein Klient, der das Ausatmen etwas früh beendet.</translation>
    </message>
    <message>
      <source>Solvei Marchbank</source>
      <translation>Solvei Marchbank</translation>
    </message>
    <message>
      <source>The line climbs as long as the client breathes out. What would you say to a client who stops too early?</source>
      <translation>Die Linie steigt, solange der Klient ausatmet. Was würden Sie einem Klienten sagen, der zu früh aufhört?</translation>
    </message>
    <message>
      <source>The client was coached until all the air was out.</source>
      <translation>Der Klient wurde angeleitet, bis alle Luft heraus war.</translation>
    </message>
    <message>
      <source>coaching the breathing out: all of it, then still until the signal</source>
      <translation>beim Ausatmen anleiten: alles heraus, dann still bis zum Zeichen</translation>
    </message>
    <message>
      <source>Feet on the wall</source>
      <translation>Füße an der Wand</translation>
    </message>
    <message>
      <source>The tank is narrow; watch the trace.</source>
      <translation>Das Becken ist eng; die Aufzeichnung beobachten.</translation>
    </message>
    <message>
      <source>Ludo Trevanion</source>
      <translation>Ludo Trevanion</translation>
    </message>
    <message>
      <source>A step in the line that no breath explains: something else carries part of the body.</source>
      <translation>Eine Stufe, die kein Atemzug erklärt: Etwas anderes trägt einen Teil des Körpers.</translation>
    </message>
    <message>
      <source>The client was asked to keep clear of the walls.</source>
      <translation>Der Klient wurde gebeten, Abstand von den Wänden zu halten.</translation>
    </message>
    <message>
      <source>reading the trace for steps and wandering</source>
      <translation>die Aufzeichnung auf Stufen und Wandern lesen</translation>
    </message>
    <message>
      <source>Restless water</source>
      <translation>Unruhiges Wasser</translation>
    </message>
    <message>
      <source>The client lets go of the rail with a splash.</source>
      <translation>Der Klient lässt das Geländer mit einem Platschen los.</translation>
    </message>
    <message>
      <source>Ottilie Farrow</source>
      <translation>Ottilie Farrow</translation>
    </message>
    <message>
      <source>Look at how wide the line is. What is it that moves?</source>
      <translation>Auf die Breite der Linie sehen. Was bewegt sich?</translation>
    </message>
    <message>
      <source>The water was left to calm, and the dip was slow.</source>
      <translation>Das Wasser durfte sich beruhigen, und das Eintauchen war langsam.</translation>
    </message>
    <message>
      <source>waiting for quiet water</source>
      <translation>auf ruhiges Wasser warten</translation>
    </message>
    <message>
      <source>Afraid of the water</source>
      <translation>Angst vor dem Wasser</translation>
    </message>
    <message>
      <source>Quiet, pale, says "I will manage". Ask, and listen.</source>
      <translation>Still, blass, sagt „das schaffe ich“. Fragen und zuhören.</translation>
    </message>
    <message>
      <source>Imke Rosethorn</source>
      <translation>Imke Rosethorn</translation>
    </message>
    <message>
      <source>Write down what the client really says, not what the client can manage.</source>
      <translation>Schreiben Sie auf, was die Person wirklich sagt, nicht was sie schafft.</translation>
    </message>
    <message>
      <source>The fear was asked for and written down.</source>
      <translation>Die Angst wurde erfragt und aufgeschrieben.</translation>
    </message>
    <message>
      <source>screening with open questions</source>
      <translation>Vorabfragen mit offenen Fragen</translation>
    </message>
    <message>
      <source>A client afraid of water was not pressed to dive.</source>
      <translation>Ein Klient mit Angst vor Wasser wurde nicht zum Tauchen gedrängt.</translation>
    </message>
    <message>
      <source>A faint last winter</source>
      <translation>Eine Ohnmacht im letzten Winter</translation>
    </message>
    <message>
      <source>Cheerful, in a hurry to get into the water.</source>
      <translation>Fröhlich, hat es eilig, ins Wasser zu kommen.</translation>
    </message>
    <message>
      <source>Bastian Okell</source>
      <translation>Bastian Okell</translation>
    </message>
    <message>
      <source>Read the question to its end, and the action beside it.</source>
      <translation>Die Frage zu Ende lesen und die Handlung daneben.</translation>
    </message>
    <message>
      <source>The faint was written down.</source>
      <translation>Die Ohnmacht wurde aufgeschrieben.</translation>
    </message>
    <message>
      <source>screening</source>
      <translation>Vorabfragen</translation>
    </message>
    <message>
      <source>Nobody who fainted within a year went under water.</source>
      <translation>Niemand, der innerhalb eines Jahres ohnmächtig war, ging unter Wasser.</translation>
    </message>
    <message>
      <source>A client who fainted within a year went under water, or the test was left open.</source>
      <translation>Ein Klient, der innerhalb eines Jahres ohnmächtig war, ging unter Wasser, oder der Test blieb offen.</translation>
    </message>
    <message>
      <source>Breakfast after all</source>
      <translation>Doch gefrühstückt</translation>
    </message>
    <message>
      <source>Hungry people come from breakfast.</source>
      <translation>Hungrige Leute kommen vom Frühstück.</translation>
    </message>
    <message>
      <source>Fenna Calderwood</source>
      <translation>Fenna Calderwood</translation>
    </message>
    <message>
      <source>Ask for the clock time of the last bite.</source>
      <translation>Nach der Uhrzeit des letzten Bissens fragen.</translation>
    </message>
    <message>
      <source>The meal was written down with its hours.</source>
      <translation>Die Mahlzeit wurde mit ihren Stunden aufgeschrieben.</translation>
    </message>
    <message>
      <source>asking for clock times</source>
      <translation>nach Uhrzeiten fragen</translation>
    </message>
    <message>
      <source>A wandering zero</source>
      <translation>Ein wandernder Nullpunkt</translation>
    </message>
    <message>
      <source>The chair was hung early and the cell creeps.</source>
      <translation>Der Stuhl wurde früh eingehängt, und die Zelle kriecht.</translation>
    </message>
    <message>
      <source>Corin Haldane</source>
      <translation>Corin Haldane</translation>
    </message>
    <message>
      <source>Look at what the load cell shows while nobody is under water.</source>
      <translation>Ansehen, was die Wägezelle zeigt, während niemand unter Wasser ist.</translation>
    </message>
    <message>
      <source>The drift of the load cell was noticed and seen to.</source>
      <translation>Die Drift der Wägezelle wurde bemerkt und behoben.</translation>
    </message>
    <message>
      <source>hanging the chair late; looking at the zero between trials</source>
      <translation>den Stuhl spät einhängen; zwischen Versuchen auf den Nullpunkt sehen</translation>
    </message>
    <message>
      <source>Too lean to be true</source>
      <translation>Zu mager, um wahr zu sein</translation>
    </message>
    <message>
      <source>An office worker, softly built, wears what was at hand. Does the number fit the person?</source>
      <translation>Ein Büromensch, weich gebaut, trägt, was zur Hand war. Passt die Zahl zur Person?</translation>
    </message>
    <message>
      <source>Raimund Pellicott</source>
      <translation>Raimund Pellicott</translation>
    </message>
    <message>
      <source>Good that you gave me the heavy belt, I never sink by myself.</source>
      <translation>Gut, dass Sie mir den schweren Gurt gegeben haben, von allein sinke ich nie.</translation>
    </message>
    <message>
      <source>What hung on the load cell when it was zeroed? What hangs there now?</source>
      <translation>Was hing an der Wägezelle, als sie auf null gestellt wurde? Was hängt jetzt daran?</translation>
    </message>
    <message>
      <source>What hung on the chair was looked at, and taken off.</source>
      <translation>Was am Stuhl hing, wurde angesehen und abgenommen.</translation>
    </message>
    <message>
      <source>asking whether the number fits the person</source>
      <translation>fragen, ob die Zahl zur Person passt</translation>
    </message>
    <message>
      <source>Shoulders at the ears</source>
      <translation>Schultern an den Ohren</translation>
    </message>
    <message>
      <source>Wants to do it well, and cannot let go of the breath.</source>
      <translation>Will es gut machen und kann den Atem nicht loslassen.</translation>
    </message>
    <message>
      <source>Nadja Wilkersham</source>
      <translation>Nadja Wilkersham</translation>
    </message>
    <message>
      <source>And if I need air in the middle of it? You would see that, would you?</source>
      <translation>Und wenn ich mittendrin Luft brauche? Das sehen Sie doch?</translation>
    </message>
    <message>
      <source>A frightened client keeps air in. What would you want to be told?</source>
      <translation>Ein ängstlicher Klient behält Luft. Was würden Sie selbst hören wollen?</translation>
    </message>
    <message>
      <source>The line is steady, and yet the trials keep getting heavier. What is still inside?</source>
      <translation>Die Linie ist ruhig, und doch werden die Versuche immer schwerer. Was ist noch darin?</translation>
    </message>
    <message>
      <source>The client was given time and shown how to stop at any moment.</source>
      <translation>Der Klient bekam Zeit, und ihm wurde gezeigt, wie er jederzeit anhalten kann.</translation>
    </message>
    <message>
      <source>showing how to stop, before asking for more</source>
      <translation>zeigen, wie man anhält, bevor man mehr verlangt</translation>
    </message>
    <message>
      <source>A new swimsuit</source>
      <translation>Ein neuer Badeanzug</translation>
    </message>
    <message>
      <source>A thick suit with a frill, and hair that was never under water.</source>
      <translation>Ein dicker Anzug mit Rüschen, und Haar, das nie unter Wasser war.</translation>
    </message>
    <message>
      <source>Florine Pembridge</source>
      <translation>Florine Pembridge</translation>
    </message>
    <message>
      <source>A steady line may still carry bubbles. Look at the suit and the hair.</source>
      <translation>Auch eine ruhige Linie kann Blasen tragen. Auf Anzug und Haar sehen.</translation>
    </message>
    <message>
      <source>Suit and hair were rubbed free of air under water.</source>
      <translation>Anzug und Haar wurden unter Wasser luftfrei gerieben.</translation>
    </message>
    <message>
      <source>rubbing off the bubbles before the first trial</source>
      <translation>die Blasen vor dem ersten Versuch abreiben</translation>
    </message>
    <message>
      <source>Five sites, nothing unusual</source>
      <translation>Fünf Stellen, nichts Ungewöhnliches</translation>
    </message>
    <message>
      <source>Came in shorts and a close top, as asked.</source>
      <translation>Kam wie gebeten in kurzer Hose und engem Oberteil.</translation>
    </message>
    <message>
      <source>Ottilie Brankov</source>
      <translation>Ottilie Brankov</translation>
    </message>
    <message>
      <source>Take the tape off after each reading, and go round all sites before you begin again.</source>
      <translation>Das Band nach jeder Ablesung abnehmen und erst alle Stellen messen, bevor Sie von vorn beginnen.</translation>
    </message>
    <message>
      <source>A thick jersey</source>
      <translation>Ein dicker Pullover</translation>
    </message>
    <message>
      <source>Pulls the sleeves over the hands; it is cold in the corridor.</source>
      <translation>Zieht die Ärmel über die Hände; im Flur ist es kalt.</translation>
    </message>
    <message>
      <source>Casimir Holt</source>
      <translation>Casimir Holt</translation>
    </message>
    <message>
      <source>What is between the tape and the skin?</source>
      <translation>Was ist zwischen Band und Haut?</translation>
    </message>
    <message>
      <source>The jersey was found under the tape and taken off.</source>
      <translation>Der Pullover unter dem Band wurde bemerkt und ausgezogen.</translation>
    </message>
    <message>
      <source>The tape lay over the jersey.</source>
      <translation>Das Band lag über dem Pullover.</translation>
    </message>
    <message>
      <source>looking at what is under the tape</source>
      <translation>darauf zu achten, was unter dem Band ist</translation>
    </message>
    <message>
      <source>A tape pulled too tight</source>
      <translation>Ein Band, das einschneidet</translation>
    </message>
    <message>
      <source>Hopes for a small number and says so.</source>
      <translation>Möchte eine kleine Zahl und sagt es.</translation>
    </message>
    <message>
      <source>Philippa Arden</source>
      <translation>Philippa Arden</translation>
    </message>
    <message>
      <source>Look at the skin beside the tape.</source>
      <translation>Sehen Sie auf die Haut neben dem Band.</translation>
    </message>
    <message>
      <source>The tape was laid without pressing.</source>
      <translation>Das Band wurde angelegt, ohne zu drücken.</translation>
    </message>
    <message>
      <source>The tape was pulled into the skin.</source>
      <translation>Das Band wurde in die Haut gezogen.</translation>
    </message>
    <message>
      <source>looking at the skin beside the tape</source>
      <translation>auf die Haut neben dem Band zu sehen</translation>
    </message>
    <message>
      <source>Lower at the back</source>
      <translation>Hinten tiefer</translation>
    </message>
    <message>
      <source>Tall; the tape is hard to see from the front.</source>
      <translation>Groß; das Band ist von vorn schwer zu sehen.</translation>
    </message>
    <message>
      <source>Ingram Falke</source>
      <translation>Ingram Falke</translation>
    </message>
    <message>
      <source>The readings differ more than a tape can. Walk round the client.</source>
      <translation>Die Ablesungen weichen stärker ab, als ein Band es kann. Gehen Sie um die Person herum.</translation>
    </message>
    <message>
      <source>The tape was laid level.</source>
      <translation>Das Band wurde waagerecht gelegt.</translation>
    </message>
    <message>
      <source>The tape had slipped down at the back.</source>
      <translation>Das Band war hinten heruntergerutscht.</translation>
    </message>
    <message>
      <source>walking round the client before reading</source>
      <translation>vor dem Ablesen um die Person herumzugehen</translation>
    </message>
    <message>
      <source>Not with three people in the room</source>
      <translation>Nicht mit drei Leuten im Raum</translation>
    </message>
    <message>
      <source>Looks at the two students by the door.</source>
      <translation>Sieht zu den zwei Studierenden an der Tür.</translation>
    </message>
    <message>
      <source>Ysolde Marchetti</source>
      <translation>Ysolde Marchetti</translation>
    </message>
    <message>
      <source>Ask, and wait for the answer.</source>
      <translation>Fragen Sie, und warten Sie die Antwort ab.</translation>
    </message>
    <message>
      <source>The client was asked, and the answer was no.</source>
      <translation>Die Person wurde gefragt, und die Antwort war Nein.</translation>
    </message>
    <message>
      <source>Nobody asked whether the client is content with it.</source>
      <translation>Niemand fragte, ob die Person einverstanden ist.</translation>
    </message>
    <message>
      <source>asking before the tape comes out</source>
      <translation>zu fragen, bevor das Band hervorkommt</translation>
    </message>
    <message>
      <source>Nobody was measured who had said no.</source>
      <translation>Niemand wurde gegen den eigenen Willen gemessen.</translation>
    </message>
    <message>
      <source>The test was continued although the client had said no.</source>
      <translation>Der Test ging weiter, obwohl die Person Nein gesagt hatte.</translation>
    </message>
    <message>
      <source>ending a test without a result</source>
      <translation>einen Test ohne Ergebnis zu beenden</translation>
    </message>
    <message>
      <source>Straight from lunch</source>
      <translation>Direkt vom Mittagessen</translation>
    </message>
    <message>
      <source>Comes from the canteen.</source>
      <translation>Kommt aus der Kantine.</translation>
    </message>
    <message>
      <source>Bartholomew Quay</source>
      <translation>Bartholomew Quay</translation>
    </message>
    <message>
      <source>When, and how much?</source>
      <translation>Wann, und wie viel?</translation>
    </message>
    <message>
      <source>The meal was asked for and written down.</source>
      <translation>Nach der Mahlzeit wurde gefragt, und sie wurde notiert.</translation>
    </message>
    <message>
      <source>The meal was not written down.</source>
      <translation>Die Mahlzeit wurde nicht notiert.</translation>
    </message>
    <message>
      <source>asking for the last meal with its time</source>
      <translation>nach der letzten Mahlzeit und ihrer Uhrzeit zu fragen</translation>
    </message>
    <message>
      <source>Half a year of work</source>
      <translation>Ein halbes Jahr Arbeit</translation>
    </message>
    <message>
      <source>Wanted to lose fat, and trained for it.</source>
      <translation>Wollte Fett verlieren und hat dafür trainiert.</translation>
    </message>
    <message>
      <source>Four weeks</source>
      <translation>Vier Wochen</translation>
    </message>
    <message>
      <source>Back after four weeks, eager to see something.</source>
      <translation>Nach vier Wochen wieder da, möchte gern etwas sehen.</translation>
    </message>
    <message>
      <source>In the tank, then in the light</source>
      <translation>Erst im Becken, dann am Scanner</translation>
    </message>
    <message>
      <source>In spring under water, in autumn on the densitometer.</source>
      <translation>Im Frühjahr unter Wasser, im Herbst auf dem DXA-Scanner.</translation>
    </message>
    <message>
      <source>Morning and evening</source>
      <translation>Morgen und Abend</translation>
    </message>
    <message>
      <source>The last test was after a day of meals and training.</source>
      <translation>Der letzte Test war nach einem Tag mit Mahlzeiten und Training.</translation>
    </message>
    <message>
      <source>New software</source>
      <translation>Neue Software</translation>
    </message>
    <message>
      <source>The densitometer got new software between the two scans.</source>
      <translation>Der DXA-Scanner bekam zwischen den beiden Scans neue Software.</translation>
    </message>
    <message>
      <source>Heavier, and how</source>
      <translation>Schwerer, und wie</translation>
    </message>
    <message>
      <source>Lifted weights all winter and is four kilograms heavier.</source>
      <translation>Hat den ganzen Winter Gewichte gehoben und ist vier Kilogramm schwerer.</translation>
    </message>
    <message>
      <source>Twice in the chamber</source>
      <translation>Zweimal in der Kammer</translation>
    </message>
    <message>
      <source>Says the trousers sit differently.</source>
      <translation>Sagt, die Hose sitze anders.</translation>
    </message>
    <message>
      <source>A little every week</source>
      <translation>Jede Woche ein wenig</translation>
    </message>
    <message>
      <source>Eats a little less, eight weeks long.</source>
      <translation>Isst acht Wochen lang etwas weniger.</translation>
    </message>
    <message>
      <source>Eat nothing after {1}.</source>
      <translation>Ab {1} nichts essen.</translation>
    </message>
    <message>
      <source>A meal adds weight and gas that would be read as part of you.</source>
      <translation>Eine Mahlzeit bringt Gewicht und Gas, die für einen Teil von Ihnen gehalten würden.</translation>
    </message>
    <message>
      <source>Please do not eat anything after {1}. You can have a snack right after the test: bring one.</source>
      <translation>Bitte iss ab {1} nichts mehr. Gleich nach dem Test darfst du etwas essen: Bring dir etwas mit.</translation>
    </message>
    <message>
      <source>No fizzy drinks, beans, cabbage or onions after {1}.</source>
      <translation>Ab {1} keine sprudelnden Getränke, Bohnen, Kohl oder Zwiebeln.</translation>
    </message>
    <message>
      <source>Gas in the belly takes room and changes the reading.</source>
      <translation>Gas im Bauch braucht Platz und verändert die Messung.</translation>
    </message>
    <message>
      <source>No fizzy drinks and no beans after {1}: they make bubbles in your belly.</source>
      <translation>Ab {1} keinen Sprudel und keine Bohnen: Sie machen Blasen im Bauch.</translation>
    </message>
    <message>
      <source>Drink no more than a few sips of water after {1}.</source>
      <translation>Ab {1} nur noch ein paar Schlucke Wasser.</translation>
    </message>
    <message>
      <source>Water that has just been drunk shifts the reading.</source>
      <translation>Frisch getrunkenes Wasser verschiebt den Messwert.</translation>
    </message>
    <message>
      <source>From {1} on only a few sips of water, please.</source>
      <translation>Ab {1} bitte nur noch ein paar Schlucke Wasser.</translation>
    </message>
    <message>
      <source>No alcohol after {1}.</source>
      <translation>Ab {1} kein Alkohol.</translation>
    </message>
    <message>
      <source>It moves water around the body, and is unsafe before a test in water.</source>
      <translation>Er verschiebt Wasser im Körper und ist vor einem Test im Wasser gefährlich.</translation>
    </message>
    <message>
      <source>No coffee, strong tea, cola or energy drinks after {1}.</source>
      <translation>Ab {1} kein Kaffee, starker Tee, Cola oder Energiegetränk.</translation>
    </message>
    <message>
      <source>Caffeine moves water around the body.</source>
      <translation>Koffein verschiebt Wasser im Körper.</translation>
    </message>
    <message>
      <source>No cola or energy drinks after {1}.</source>
      <translation>Ab {1} keine Cola und keine Energiegetränke.</translation>
    </message>
    <message>
      <source>Do not smoke or vape after {1}.</source>
      <translation>Ab {1} nicht rauchen oder dampfen.</translation>
    </message>
    <message>
      <source>It changes how you breathe out.</source>
      <translation>Es ändert, wie Sie ausatmen.</translation>
    </message>
    <message>
      <source>No training and no hard work after {1}.</source>
      <translation>Ab {1} kein Training und keine schwere Arbeit.</translation>
    </message>
    <message>
      <source>Warm muscles and sweat shift water.</source>
      <translation>Warme Muskeln und Schweiß verschieben Wasser.</translation>
    </message>
    <message>
      <source>No sports training after {1}; walking to us is fine.</source>
      <translation>Ab {1} kein Sporttraining; zu Fuß zu uns zu kommen ist in Ordnung.</translation>
    </message>
    <message>
      <source>No sauna, hot bath or hot shower after {1}.</source>
      <translation>Ab {1} keine Sauna, kein heißes Bad, keine heiße Dusche.</translation>
    </message>
    <message>
      <source>Warm or damp skin shifts the reading.</source>
      <translation>Warme oder feuchte Haut verschiebt den Messwert.</translation>
    </message>
    <message>
      <source>No hot bath or hot shower after {1}.</source>
      <translation>Ab {1} kein heißes Bad und keine heiße Dusche.</translation>
    </message>
    <message>
      <source>Use no oil or lotion on your skin that day.</source>
      <translation>An diesem Tag kein Öl und keine Lotion auf die Haut.</translation>
    </message>
    <message>
      <source>Oil holds air bubbles and stops electrodes from sticking.</source>
      <translation>Öl hält Luftblasen fest, und Elektroden haften nicht.</translation>
    </message>
    <message>
      <source>No lotion or oil on your skin that day.</source>
      <translation>An diesem Tag keine Lotion und kein Öl auf die Haut.</translation>
    </message>
    <message>
      <source>Eat as you usually do in the three days before: no loading, no special diet.</source>
      <translation>In den drei Tagen davor essen wie gewohnt: kein Aufladen, keine besondere Diät.</translation>
    </message>
    <message>
      <source>Stored sugar holds water.</source>
      <translation>Gespeicherter Zucker bindet Wasser.</translation>
    </message>
    <message>
      <source>Eat as you usually do in the days before.</source>
      <translation>Iss in den Tagen davor wie gewohnt.</translation>
    </message>
    <message>
      <source>Drink as you usually do on the day before, and avoid a night with much alcohol or very salty food.</source>
      <translation>Am Tag davor trinken wie gewohnt, ohne viel Alkohol und ohne sehr salziges Essen am Abend.</translation>
    </message>
    <message>
      <source>Both much and little water shift the reading.</source>
      <translation>Viel wie wenig Wasser verschiebt den Messwert.</translation>
    </message>
    <message>
      <source>Drink as you usually do on the day before.</source>
      <translation>Am Tag davor trinken wie gewohnt.</translation>
    </message>
    <message>
      <source>Arrive rested: no flight or journey of more than four hours since {1}, if you can.</source>
      <translation>Ausgeruht kommen: wenn möglich kein Flug und keine Reise von mehr als vier Stunden seit {1}.</translation>
    </message>
    <message>
      <source>Long sitting moves water into the legs.</source>
      <translation>Langes Sitzen verlagert Wasser in die Beine.</translation>
    </message>
    <message>
      <source>Use the toilet just before the test; we show you where.</source>
      <translation>Kurz vor dem Test zur Toilette gehen; wir zeigen Ihnen, wo.</translation>
    </message>
    <message>
      <source>What is in the bladder is weighed too.</source>
      <translation>Was in der Blase ist, wird mitgewogen.</translation>
    </message>
    <message>
      <source>Go to the toilet just before the test; we show you where it is.</source>
      <translation>Geh kurz vor dem Test zur Toilette; wir zeigen dir, wo sie ist.</translation>
    </message>
    <message>
      <source>Come with dry hair and dry skin.</source>
      <translation>Mit trockenem Haar und trockener Haut kommen.</translation>
    </message>
    <message>
      <source>Damp hair and skin warm the air around you.</source>
      <translation>Feuchtes Haar und feuchte Haut erwärmen die Luft um Sie.</translation>
    </message>
    <message>
      <source>Come with dry hair.</source>
      <translation>Komm mit trockenem Haar.</translation>
    </message>
    <message>
      <source>A full beard is no obstacle; we write it down. Keep it as it was last time.</source>
      <translation>Ein Vollbart ist kein Hindernis; wir schreiben ihn auf. Lassen Sie ihn wie beim letzten Mal.</translation>
    </message>
    <message>
      <source>Hair holds warm air.</source>
      <translation>Haar hält warme Luft.</translation>
    </message>
    <message>
      <source>We chose the same time of day as last time. Please keep it.</source>
      <translation>Wir haben dieselbe Tageszeit gewählt wie beim letzten Mal. Bitte bleiben Sie dabei.</translation>
    </message>
    <message>
      <source>The body changes over the day.</source>
      <translation>Der Körper ändert sich über den Tag.</translation>
    </message>
    <message>
      <source>Please come at the time that we agreed.</source>
      <translation>Bitte komm zur vereinbarten Zeit.</translation>
    </message>
    <message>
      <source>Bring close-fitting swimwear; you change behind a closed door.</source>
      <translation>Eng anliegende Badekleidung mitbringen; Sie ziehen sich hinter geschlossener Tür um.</translation>
    </message>
    <message>
      <source>Loose cloth holds air.</source>
      <translation>Loser Stoff hält Luft.</translation>
    </message>
    <message>
      <source>Bring your swimsuit or swimming trunks. You change behind a closed door.</source>
      <translation>Bring Badeanzug oder Badehose mit. Du ziehst dich hinter geschlossener Tür um.</translation>
    </message>
    <message>
      <source>Bring a towel: your hair gets wet.</source>
      <translation>Ein Handtuch mitbringen: Das Haar wird nass.</translation>
    </message>
    <message>
      <source>Dry hair under water holds air.</source>
      <translation>Trockenes Haar hält unter Wasser Luft.</translation>
    </message>
    <message>
      <source>We lend you a tight cap for your hair.</source>
      <translation>Für das Haar leihen wir eine enge Kappe.</translation>
    </message>
    <message>
      <source>Wear light, loose clothes without metal, zips or thick prints.</source>
      <translation>Leichte, lockere Kleidung ohne Metall, Reißverschluss oder dicken Aufdruck tragen.</translation>
    </message>
    <message>
      <source>Metal and thick print show up in the scan.</source>
      <translation>Metall und dicker Aufdruck sind im Scan zu sehen.</translation>
    </message>
    <message>
      <source>Wear light, loose clothes without zips or metal buttons.</source>
      <translation>Zieh leichte, lockere Kleidung ohne Reißverschluss und Metallknöpfe an.</translation>
    </message>
    <message>
      <source>Wear shorts and a thin, close top under your clothes: the tape is laid on skin or thin cloth.</source>
      <translation>Unter der Kleidung kurze Hose und ein dünnes, enges Oberteil tragen: Das Maßband liegt auf Haut oder dünnem Stoff.</translation>
    </message>
    <message>
      <source>Thick cloth is read as part of you.</source>
      <translation>Dicker Stoff wird für einen Teil des Körpers gehalten.</translation>
    </message>
    <message>
      <source>Wear shorts and a thin, close top under your clothes.</source>
      <translation>Zieh unter der Kleidung eine kurze Hose und ein dünnes, enges Oberteil an.</translation>
    </message>
    <message>
      <source>Leave jewellery and watch at home if you can; glasses come off for the test.</source>
      <translation>Schmuck und Uhr möglichst zu Hause lassen; die Brille kommt zum Test ab.</translation>
    </message>
    <message>
      <source>Metal weighs and shows up.</source>
      <translation>Metall wiegt und ist zu sehen.</translation>
    </message>
    <message>
      <source>Leave your watch and bracelets at home.</source>
      <translation>Lass Uhr und Armbänder zu Hause.</translation>
    </message>
    <message>
      <source>A pacemaker, defibrillator, pump, stimulator or another electric implant; a glucose sensor or an insulin pump; insulin, or low blood sugar when you do not eat.</source>
      <translation>Herzschrittmacher, Defibrillator, Pumpe, Stimulator oder ein anderes elektrisches Implantat; ein Glukosesensor oder eine Insulinpumpe; Insulin, oder Unterzucker, wenn Sie nichts essen.</translation>
    </message>
    <message>
      <source>We then use another method.</source>
      <translation>Dann nehmen wir ein anderes Verfahren.</translation>
    </message>
    <message>
      <source>Metal plates, artificial joints, a cast, or breast or other implants.</source>
      <translation>Metallplatten, künstliche Gelenke, ein Gips, Brust- oder andere Implantate.</translation>
    </message>
    <message>
      <source>They show up in the result.</source>
      <translation>Sie sind im Ergebnis zu sehen.</translation>
    </message>
    <message>
      <source>That you are pregnant, may be, or gave birth in the last twelve weeks. We ask this in private.</source>
      <translation>Dass Sie schwanger sind oder sein könnten oder in den letzten zwölf Wochen geboren haben. Wir fragen das unter vier Augen.</translation>
    </message>
    <message>
      <source>We never scan then, and postpone what would not be valid.</source>
      <translation>Dann scannen wir nie und verschieben, was nicht gültig wäre.</translation>
    </message>
    <message>
      <source>We ask girls who have their periods in private whether they may be pregnant.</source>
      <translation>Mädchen, die ihre Regel haben, fragen wir unter vier Augen, ob sie schwanger sein könnten.</translation>
    </message>
    <message>
      <source>Epilepsy, a fit or faint in the last twelve months, or ever fainting when you cough.</source>
      <translation>Epilepsie, ein Anfall oder eine Ohnmacht in den letzten zwölf Monaten oder jemals eine Ohnmacht beim Husten.</translation>
    </message>
    <message>
      <source>Going under water would not be safe.</source>
      <translation>Untertauchen wäre nicht sicher.</translation>
    </message>
    <message>
      <source>A heart or lung illness, asthma that is not under control, an irregular heartbeat, blood pressure that is not under control, or a blood clot in the lungs.</source>
      <translation>Eine Herz- oder Lungenkrankheit, nicht eingestelltes Asthma, unregelmäßiger Herzschlag, nicht eingestellter Blutdruck oder ein Blutgerinnsel in der Lunge.</translation>
    </message>
    <message>
      <source>Hard breathing and water strain the heart.</source>
      <translation>Kräftiges Atmen und Wasser belasten das Herz.</translation>
    </message>
    <message>
      <source>An operation on your head, eyes, ears, chest or belly in the last 4 weeks, a recent concussion, or a collapsed lung.</source>
      <translation>Eine Operation an Kopf, Augen, Ohren, Brust oder Bauch in den letzten 4 Wochen, eine kürzliche Gehirnerschütterung oder ein Lungenkollaps.</translation>
    </message>
    <message>
      <source>Hard breathing raises the pressure there.</source>
      <translation>Kräftiges Atmen erhöht dort den Druck.</translation>
    </message>
    <message>
      <source>Any operation in the last four weeks.</source>
      <translation>Jede Operation in den letzten vier Wochen.</translation>
    </message>
    <message>
      <source>It comes too soon for most tests.</source>
      <translation>Für die meisten Tests ist es zu früh.</translation>
    </message>
    <message>
      <source>Fever, vomiting, a cough that others can catch, or feeling ill. Please stay at home and call us.</source>
      <translation>Fieber, Erbrechen, ansteckender Husten oder wenn Sie sich krank fühlen. Bitte bleiben Sie zu Hause und rufen Sie uns an.</translation>
    </message>
    <message>
      <source>We find another day.</source>
      <translation>Wir finden einen anderen Tag.</translation>
    </message>
    <message>
      <source>You have had diarrhoea on or after {1}.</source>
      <translation>Sie hatten am oder nach dem {1} Durchfall.</translation>
    </message>
    <message>
      <source>The water of the tank is shared.</source>
      <translation>Das Wasser im Becken wird geteilt.</translation>
    </message>
    <message>
      <source>An open wound, a skin or ear infection, ear tubes, trouble with chlorine, or a fresh tattoo.</source>
      <translation>Eine offene Wunde, eine Entzündung an Haut oder Ohr, Paukenröhrchen, Unverträglichkeit von Chlor oder eine frische Tätowierung.</translation>
    </message>
    <message>
      <source>It should not go into the water.</source>
      <translation>Sie sollte nicht ins Wasser.</translation>
    </message>
    <message>
      <source>That you do not like your head under water, or need help on a ladder. Nobody has to; there are other methods.</source>
      <translation>Dass Sie den Kopf nicht gern unter Wasser haben oder auf einer Leiter Hilfe brauchen. Niemand muss; es gibt andere Verfahren.</translation>
    </message>
    <message>
      <source>Your comfort comes first.</source>
      <translation>Ihr Wohlbefinden geht vor.</translation>
    </message>
    <message>
      <source>You are uncomfortable in small closed spaces. You can stop at any time.</source>
      <translation>Sie fühlen sich in kleinen geschlossenen Räumen unwohl. Sie können jederzeit aufhören.</translation>
    </message>
    <message>
      <source>A drip, oxygen, dialysis or swollen legs.</source>
      <translation>Infusionen, Sauerstoff, Dialyse oder geschwollene Beine.</translation>
    </message>
    <message>
      <source>We then plan another way.</source>
      <translation>Dann planen wir anders.</translation>
    </message>
    <message>
      <source>You have had a scan or X-ray with contrast dye on or after {1}.</source>
      <translation>Sie hatten am oder nach dem {1} eine Untersuchung oder Röntgenaufnahme mit Kontrastmittel.</translation>
    </message>
    <message>
      <source>It is still in the picture.</source>
      <translation>Es ist noch im Bild.</translation>
    </message>
    <message>
      <source>You have had a nuclear-medicine scan (radioactive tracer) on or after {1}.</source>
      <translation>Sie hatten am oder nach dem {1} eine nuklearmedizinische Untersuchung (radioaktives Mittel).</translation>
    </message>
    <message>
      <source>It disturbs ours for days.</source>
      <translation>Sie stört unsere tagelang.</translation>
    </message>
    <message>
      <source>A body mass above what our table or our chamber carries; we say how much when you call.</source>
      <translation>Ein Körpergewicht über dem, was unser Tisch oder unsere Kammer trägt; wie viel das ist, sagen wir Ihnen am Telefon.</translation>
    </message>
    <message>
      <source>We plan another way in good time.</source>
      <translation>Wir planen rechtzeitig einen anderen Weg.</translation>
    </message>
    <message>
      <source>You have taken a water tablet (diuretic) on or after {1} that you do not take every day. Do not stop any medicine for this test.</source>
      <translation>Sie haben am oder nach dem {1} eine Wassertablette genommen, die Sie nicht täglich nehmen. Setzen Sie für diesen Test kein Medikament ab.</translation>
    </message>
    <message>
      <source>It takes water out of the body.</source>
      <translation>Sie entzieht dem Körper Wasser.</translation>
    </message>
    <message>
      <source>That you started or stopped creatine in the last four weeks.</source>
      <translation>Dass Sie in den letzten vier Wochen mit Kreatin begonnen oder aufgehört haben.</translation>
    </message>
    <message>
      <source>It draws water into the muscles.</source>
      <translation>Es zieht Wasser in die Muskeln.</translation>
    </message>
    <message>
      <source>That your period makes you hold water now. Come anyway; we write it down.</source>
      <translation>Dass Ihre Regel gerade Wasser bindet. Kommen Sie trotzdem; wir schreiben es auf.</translation>
    </message>
    <message>
      <source>It can move the result a little.</source>
      <translation>Es kann das Ergebnis etwas verschieben.</translation>
    </message>
    <message>
      <source>Air displacement</source>
      <translation>Luftverdrängung</translation>
    </message>
    <message>
      <source>Afraid of small closed spaces?</source>
      <translation>Angst vor kleinen geschlossenen Räumen?</translation>
    </message>
    <message>
      <source>panic; show the release handle, trial with open door</source>
      <translation>Panik; den Öffnungsgriff zeigen, Probe mit offener Tür</translation>
    </message>
    <message>
      <source>Oxygen, an infusion, or a device that cannot come off?</source>
      <translation>Sauerstoff, eine Infusion oder ein Gerät, das nicht abgelegt werden kann?</translation>
    </message>
    <message>
      <source>closed room; cables and tubes cannot pass the door</source>
      <translation>geschlossener Raum; Kabel und Schläuche passen nicht durch die Tür</translation>
    </message>
    <message>
      <source>Climbs in, sits and gets out quickly without help?</source>
      <translation>Steigt hinein, sitzt und kommt schnell ohne Hilfe heraus?</translation>
    </message>
    <message>
      <source>the client must be able to leave at once</source>
      <translation>der Klient muss sofort gehen können</translation>
    </message>
    <message>
      <source>Within the mass limit printed on the chamber, and at ease in the seat with the door shut?</source>
      <translation>Innerhalb der auf der Kammer angegebenen Massengrenze und bei geschlossener Tür entspannt im Sitz?</translation>
    </message>
    <message>
      <source>load and room</source>
      <translation>Last und Platz</translation>
    </message>
    <message>
      <source>Pregnant or less than 12 weeks after birth?</source>
      <translation>Schwanger oder weniger als 12 Wochen nach der Geburt?</translation>
    </message>
    <message>
      <source>unsure</source>
      <translation>unsicher</translation>
    </message>
    <message>
      <source>several %fat: hydration of FFM rises, two-component constants fail</source>
      <translation>mehrere % Fett: Der Wassergehalt der FFM steigt, Zwei-Komponenten-Konstanten gelten nicht</translation>
    </message>
    <message>
      <source>retained water</source>
      <translation>eingelagertes Wasser</translation>
    </message>
    <message>
      <source>Fever, vomiting or acute illness now?</source>
      <translation>Jetzt Fieber, Erbrechen oder akute Krankheit?</translation>
    </message>
    <message>
      <source>fluid shifts</source>
      <translation>Flüssigkeitsverschiebungen</translation>
    </message>
    <message>
      <source>validity and infection control</source>
      <translation>Gültigkeit und Infektionsschutz</translation>
    </message>
    <message>
      <source>Surgery in the last 4 weeks?</source>
      <translation>Operation in den letzten 4 Wochen?</translation>
    </message>
    <message>
      <source>fluid shifts; wound and pressure risk</source>
      <translation>Flüssigkeitsverschiebung; Wund- und Druckrisiko</translation>
    </message>
    <message>
      <source>healing</source>
      <translation>Heilung</translation>
    </message>
    <message>
      <source>Any heart problem in the last month? (Heart attack in the last week, unstable heart failure, significant arrhythmia, severe high or very low blood pressure.)</source>
      <translation>Hatten Sie im letzten Monat Herzbeschwerden? (Herzinfarkt in der letzten Woche, instabile Herzinsuffizienz, bedeutsame Rhythmusstörung, schwerer Bluthochdruck oder sehr niedriger Blutdruck.)</translation>
    </message>
    <message>
      <source>safety (relative contraindication)</source>
      <translation>Sicherheit (relative Kontraindikation)</translation>
    </message>
    <message>
      <source>cardiac load, blood pressure. The thoracic gas volume is then predicted, not measured</source>
      <translation>Herzbelastung, Blutdruck. Das thorakale Gasvolumen wird dann geschätzt, nicht gemessen</translation>
    </message>
    <message>
      <source>Any trouble with the blood vessels of the lungs? (Uncontrolled pulmonary hypertension, acute cor pulmonale, clinically unstable pulmonary embolism.)</source>
      <translation>Ist an den Lungengefäßen etwas bekannt? (Nicht eingestellte pulmonale Hypertonie, akutes Cor pulmonale, klinisch instabile Lungenembolie.)</translation>
    </message>
    <message>
      <source>load on the right heart. The thoracic gas volume is then predicted, not measured</source>
      <translation>Belastung des rechten Herzens. Das thorakale Gasvolumen wird dann geschätzt, nicht gemessen</translation>
    </message>
    <message>
      <source>Ever fainted when coughing or when breathing out hard? (Syncope with cough or forced expiration.)</source>
      <translation>Sind Sie je beim Husten oder beim kräftigen Ausatmen ohnmächtig geworden? (Synkope bei Husten oder forcierter Exspiration.)</translation>
    </message>
    <message>
      <source>fainting during the forced breath. The thoracic gas volume is then predicted, not measured</source>
      <translation>Ohnmacht beim Pressen. Das thorakale Gasvolumen wird dann geschätzt, nicht gemessen</translation>
    </message>
    <message>
      <source>Cerebral aneurysm, brain surgery in the last 4 weeks, concussion with continuing symptoms, or eye surgery in the last week?</source>
      <translation>Hirnaneurysma, Hirnoperation in den letzten 4 Wochen, Gehirnerschütterung mit anhaltenden Beschwerden oder Augenoperation in der letzten Woche?</translation>
    </message>
    <message>
      <source>intracranial and eye pressure. The thoracic gas volume is then predicted, not measured</source>
      <translation>Hirn- und Augendruck. Das thorakale Gasvolumen wird dann geschätzt, nicht gemessen</translation>
    </message>
    <message>
      <source>Sinus or middle-ear surgery or infection in the last week?</source>
      <translation>Operation oder Infektion der Nebenhöhlen oder des Mittelohrs in der letzten Woche?</translation>
    </message>
    <message>
      <source>sinus and ear pressure. The thoracic gas volume is then predicted, not measured</source>
      <translation>Druck in Nebenhöhlen und Ohr. Das thorakale Gasvolumen wird dann geschätzt, nicht gemessen</translation>
    </message>
    <message>
      <source>Pneumothorax, chest or abdominal surgery in the last 4 weeks, or late pregnancy?</source>
      <translation>Pneumothorax, Brust- oder Bauchoperation in den letzten 4 Wochen oder späte Schwangerschaft?</translation>
    </message>
    <message>
      <source>chest and abdominal pressure. The thoracic gas volume is then predicted, not measured</source>
      <translation>Druck in Brust und Bauch. Das thorakale Gasvolumen wird dann geschätzt, nicht gemessen</translation>
    </message>
    <message>
      <source>Infectious chest or other contagious illness, coughing blood, heavy secretions, mouth sores or bleeding?</source>
      <translation>Ansteckende Atemwegs- oder andere Krankheit, Bluthusten, starker Auswurf, wunde Stellen oder Blutung im Mund?</translation>
    </message>
    <message>
      <source>infection control</source>
      <translation>Infektionsschutz</translation>
    </message>
    <message>
      <source>transmission. The thoracic gas volume is then predicted, not measured</source>
      <translation>Übertragung. Das thorakale Gasvolumen wird dann geschätzt, nicht gemessen</translation>
    </message>
    <message>
      <source>When did you last eat or drink?</source>
      <translation>Wann haben Sie zuletzt gegessen oder getrunken?</translation>
    </message>
    <message>
      <source>h</source>
      <translation>h</translation>
    </message>
    <message>
      <source>+0.22 %fat per 0.5 kg, +0.44 per 1 L (man)</source>
      <translation>+0,22 % Fett je 0,5 kg, +0,44 je 1 L (Mann)</translation>
    </message>
    <message>
      <source>water-dense mass in a two-component model</source>
      <translation>Masse von Wasserdichte in einem Zwei-Komponenten-Modell</translation>
    </message>
    <message>
      <source>Time since fizzy drinks or gas-forming food</source>
      <translation>Zeit seit sprudelnden Getränken oder blähender Kost</translation>
    </message>
    <message>
      <source>-0.28 %fat per 100 mL gas, opposite to the tank</source>
      <translation>-0,28 % Fett je 100 mL Gas, umgekehrt zum Becken</translation>
    </message>
    <message>
      <source>gut gas compresses isothermally</source>
      <translation>Darmgas wird isotherm komprimiert</translation>
    </message>
    <message>
      <source>own calculation</source>
      <translation>eigene Rechnung</translation>
    </message>
    <message>
      <source>When did you last exercise?</source>
      <translation>Wann haben Sie sich zuletzt angestrengt?</translation>
    </message>
    <message>
      <source>about -1 to -2 %fat</source>
      <translation>etwa -1 bis -2 % Fett</translation>
    </message>
    <message>
      <source>warm, moist air next to skin; raised breathing</source>
      <translation>warme, feuchte Luft an der Haut; gesteigerte Atmung</translation>
    </message>
    <message>
      <source>Time since sauna, bath or shower</source>
      <translation>Zeit seit Sauna, Bad oder Dusche</translation>
    </message>
    <message>
      <source>about -1.8 %fat when warm and moist</source>
      <translation>etwa -1,8 % Fett, wenn warm und feucht</translation>
    </message>
    <message>
      <source>as exercise</source>
      <translation>wie Bewegung</translation>
    </message>
    <message>
      <source>Skin, hair and swimwear fully dry?</source>
      <translation>Haut, Haar und Badekleidung ganz trocken?</translation>
    </message>
    <message>
      <source>moist air is nearly isothermal</source>
      <translation>feuchte Luft ist fast isotherm</translation>
    </message>
    <message>
      <source>Wearing only tight swimwear or equivalent?</source>
      <translation>Nur enge Badekleidung oder Gleichwertiges an?</translation>
    </message>
    <message>
      <source>gym clothes about -3, loose gown about -5 to -9 %fat</source>
      <translation>Sportkleidung etwa -3, weites Hemd etwa -5 bis -9 % Fett</translation>
    </message>
    <message>
      <source>trapped isothermal air</source>
      <translation>eingeschlossene isotherme Luft</translation>
    </message>
    <message>
      <source>Hair fully under a tight cap, air pressed out?</source>
      <translation>Haar ganz unter enger Kappe, Luft ausgedrückt?</translation>
    </message>
    <message>
      <source>about -2.3 %fat with no cap</source>
      <translation>etwa -2,3 % Fett ohne Kappe</translation>
    </message>
    <message>
      <source>isothermal air in hair</source>
      <translation>isotherme Luft im Haar</translation>
    </message>
    <message>
      <source>Full beard?</source>
      <translation>Vollbart?</translation>
    </message>
    <message>
      <source>about -1.0 %fat</source>
      <translation>etwa -1,0 % Fett</translation>
    </message>
    <message>
      <source>Glasses, jewellery, watch, keys removed?</source>
      <translation>Brille, Schmuck, Uhr, Schlüssel abgelegt?</translation>
    </message>
    <message>
      <source>-0.29 %fat per 50 g metal</source>
      <translation>-0,29 % Fett je 50 g Metall</translation>
    </message>
    <message>
      <source>dense mass</source>
      <translation>dichte Masse</translation>
    </message>
    <message>
      <source>Time since bladder was emptied</source>
      <translation>Zeit seit dem Entleeren der Blase</translation>
    </message>
    <message>
      <source>min</source>
      <translation>min</translation>
    </message>
    <message>
      <source>+0.13 %fat per 0.3 L</source>
      <translation>+0,13 % Fett je 0,3 L</translation>
    </message>
    <message>
      <source>water-dense mass</source>
      <translation>Masse von Wasserdichte</translation>
    </message>
    <message>
      <source>Room 21-27 C, stable, doors and ventilation quiet?</source>
      <translation>Raum 21-27 °C, stabil, Türen und Lüftung ruhig?</translation>
    </message>
    <message>
      <source>not published; fails calibration</source>
      <translation>nicht veröffentlicht; die Kalibrierung scheitert</translation>
    </message>
    <message>
      <source>pressure and temperature drift</source>
      <translation>Drift von Druck und Temperatur</translation>
    </message>
    <message>
      <source>Is this a time of noticeable menstrual water gain?</source>
      <translation>Bindet die Regel gerade spürbar Wasser?</translation>
    </message>
    <message>
      <source>+0.33 %fat per kg (woman)</source>
      <translation>+0,33 % Fett je kg (Frau)</translation>
    </message>
    <message>
      <source>Weeks on an unchanged creatine habit (including none)</source>
      <translation>Wochen mit unveränderter Kreatin-Gewohnheit (auch keiner)</translation>
    </message>
    <message>
      <source>+0.65 %fat per 1.5 kg water, while true %fat falls 0.36</source>
      <translation>+0,65 % Fett je 1,5 kg Wasser, während der wahre Fettanteil um 0,36 fällt</translation>
    </message>
    <message>
      <source>cell water in a two-component model</source>
      <translation>Zellwasser in einem Zwei-Komponenten-Modell</translation>
    </message>
    <message>
      <source>Within 2 h of the clock time of the earlier test?</source>
      <translation>Höchstens 2 Stunden von der Uhrzeit des früheren Tests?</translation>
    </message>
    <message>
      <source>under 0.5 %fat</source>
      <translation>unter 0,5 % Fett</translation>
    </message>
    <message>
      <source>meals, warmth</source>
      <translation>Mahlzeiten, Wärme</translation>
    </message>
    <message>
      <source>Time since a flight or a journey of more than 4 hours</source>
      <translation>Zeit seit einem Flug oder einer Reise von mehr als 4 Stunden</translation>
    </message>
    <message>
      <source>not published</source>
      <translation>nicht veröffentlicht</translation>
    </message>
    <message>
      <source>fluid pools in the legs</source>
      <translation>Flüssigkeit sammelt sich in den Beinen</translation>
    </message>
    <message>
      <source>Thirsty or dried out, with dark urine?</source>
      <translation>Durstig oder ausgetrocknet, mit dunklem Urin?</translation>
    </message>
    <message>
      <source>-0.44 %fat per 1 L missing</source>
      <translation>-0,44 % Fett je fehlendem Liter</translation>
    </message>
    <message>
      <source>water is missing; some labs give half a litre and wait 45 minutes, which is no correction</source>
      <translation>Wasser fehlt; manche Labore geben einen halben Liter und warten 45 Minuten, was keine Korrektur ist</translation>
    </message>
    <message>
      <source>A night with much alcohol or very salty food?</source>
      <translation>Eine Nacht mit viel Alkohol oder sehr salzigem Essen?</translation>
    </message>
    <message>
      <source>water has moved</source>
      <translation>Wasser hat sich verschoben</translation>
    </message>
    <message>
      <source>Show how the door opens and let the client try it before the first trial. Agree a stop signal.</source>
      <translation>Zeigen, wie die Tür aufgeht, und vor dem ersten Versuch ausprobieren lassen. Ein Zeichen zum Aufhören vereinbaren.</translation>
    </message>
    <message>
      <source>Stop at once when the client asks, knocks or looks unwell. Open the door between trials.</source>
      <translation>Sofort aufhören, wenn der Klient darum bittet, klopft oder unwohl aussieht. Zwischen den Versuchen die Tür öffnen.</translation>
    </message>
    <message>
      <source>Agree the panic plan: the client says stop or knocks, you open at once, sit them down outside, and do not try again that day unless they ask.</source>
      <translation>Den Notfallplan absprechen: Der Klient sagt Stopp oder klopft, Sie öffnen sofort, setzen ihn draußen hin und versuchen es an diesem Tag nicht noch einmal, außer er bittet darum.</translation>
    </message>
    <message>
      <source>Nobody with a fear of closed spaces has to go in: try with the door open first.</source>
      <translation>Niemand mit Angst vor engen Räumen muss hinein: zuerst mit offener Tür versuchen.</translation>
    </message>
    <message>
      <source>Local rules and licensed practice decide; this list only reminds.</source>
      <translation>Örtliche Regeln und zugelassene Fachleute entscheiden; diese Liste erinnert nur.</translation>
    </message>
    <message>
      <source>Sit upright, hands in the lap, feet flat.</source>
      <translation>Aufrecht sitzen, Hände im Schoß, Füße flach.</translation>
    </message>
    <message>
      <source>Breathe quietly; no talking, no laughing, no coughing.</source>
      <translation>Ruhig atmen; nicht sprechen, lachen oder husten.</translation>
    </message>
    <message>
      <source>For the gas measurement: nose clip on, lips round the tube, cheeks held. When it closes, three gentle puffs.</source>
      <translation>Für die Gasmessung: Nasenklammer auf, Lippen um den Schlauch, Wangen gehalten; wenn er schließt, drei sanfte Stöße.</translation>
    </message>
    <message>
      <source>You can stop at any time: say so, knock or wave, and I open the door at once.</source>
      <translation>Sie können jederzeit aufhören: sagen Sie es, klopfen oder winken Sie, und ich öffne sofort die Tür.</translation>
    </message>
    <message>
      <source>Stand still for a moment. We only need the number.</source>
      <translation>Stehen Sie einen Moment still. Wir brauchen nur die Zahl.</translation>
    </message>
    <message>
      <source>You will hear a soft hum and may feel your ears a little. That is all.</source>
      <translation>Sie hören ein leises Summen und spüren vielleicht die Ohren ein wenig. Das ist alles.</translation>
    </message>
    <message>
      <source>I am right here. Sit comfortably, hands in your lap, and breathe as you always do.</source>
      <translation>Ich bin gleich hier. Sitzen Sie bequem, Hände im Schoß, und atmen Sie wie immer.</translation>
    </message>
    <message>
      <source>I will open the door between the trials.</source>
      <translation>Zwischen den Versuchen öffne ich die Tür.</translation>
    </message>
    <message>
      <source>Breathe quietly through the tube. It will close for two seconds: then puff gently three times, as if fogging a mirror.</source>
      <translation>Atmen Sie ruhig durch den Schlauch. Er schließt für zwei Sekunden: Dann stoßen Sie dreimal sanft, als würden Sie einen Spiegel anhauchen.</translation>
    </message>
    <message>
      <source>If you do not like it, let go of the tube at any time.</source>
      <translation>Wenn es Ihnen nicht gefällt, lassen Sie den Schlauch jederzeit los.</translation>
    </message>
    <message>
      <source>Densitometer</source>
      <translation>DXA</translation>
    </message>
    <message>
      <source>Pregnant or possibly pregnant?</source>
      <translation>Schwanger oder möglicherweise schwanger?</translation>
    </message>
    <message>
      <source>ionising radiation; a licensed operator decides by local rules</source>
      <translation>ionisierende Strahlung; eine zugelassene Bedienperson entscheidet nach örtlichen Regeln</translation>
    </message>
    <message>
      <source>Is a period late, or did the last one begin more than 28 days ago?</source>
      <translation>Ist eine Periode überfällig, oder begann die letzte vor mehr als 28 Tagen?</translation>
    </message>
    <message>
      <source>pregnancy not excluded; local rules (10 or 28 days) decide, and who has no periods speaks with the licensed operator</source>
      <translation>Schwangerschaft nicht ausgeschlossen; örtliche Regeln (10 oder 28 Tage) entscheiden, und wer keine Periode hat, spricht mit der zugelassenen Bedienperson</translation>
    </message>
    <message>
      <source>Under 18: justified in writing by a physician, with the guardian's consent?</source>
      <translation>Unter 18: ärztlich schriftlich gerechtfertigt, mit Einwilligung der Sorgeberechtigten?</translation>
    </message>
    <message>
      <source>a child's scan needs its own justification, and a repeat scan a new one</source>
      <translation>der Scan eines Kindes braucht eine eigene Rechtfertigung, ein wiederholter eine neue</translation>
    </message>
    <message>
      <source>Glucose sensor, insulin pump or hearing device on the body?</source>
      <translation>Glukosesensor, Insulinpumpe oder Hörgerät am Körper?</translation>
    </message>
    <message>
      <source>local error</source>
      <translation>örtlicher Fehler</translation>
    </message>
    <message>
      <source>many makers want it off during X-rays; never without the client's physician</source>
      <translation>viele Hersteller wollen es bei Röntgen abgelegt; nie ohne die behandelnde Ärztin oder den Arzt</translation>
    </message>
    <message>
      <source>Days since barium, oral or iodine contrast</source>
      <translation>Tage seit Barium, oralem oder jodhaltigem Kontrastmittel</translation>
    </message>
    <message>
      <source>days</source>
      <translation>Tage</translation>
    </message>
    <message>
      <source>large: read as bone</source>
      <translation>groß: wird als Knochen gelesen</translation>
    </message>
    <message>
      <source>attenuation</source>
      <translation>Abschwächung</translation>
    </message>
    <message>
      <source>Days since a nuclear-medicine test (Tc-99m; longer nuclides see table)</source>
      <translation>Tage seit einer nuklearmedizinischen Untersuchung (Tc-99m; längere Nuklide siehe Tabelle)</translation>
    </message>
    <message>
      <source>counts add to detector</source>
      <translation>zusätzliche Zählungen im Detektor</translation>
    </message>
    <message>
      <source>10 half-lives</source>
      <translation>10 Halbwertszeiten</translation>
    </message>
    <message>
      <source>Body mass within the table limit printed on the machine?</source>
      <translation>Körpermasse innerhalb der auf dem Gerät angegebenen Tischgrenze?</translation>
    </message>
    <message>
      <source>load limit</source>
      <translation>Lastgrenze</translation>
    </message>
    <message>
      <source>Metal implant, artificial joint, cast, or breast or gluteal implant?</source>
      <translation>Metallimplantat, künstliches Gelenk, Gips, Brust- oder Gesäßimplantat?</translation>
    </message>
    <message>
      <source>local bone and lean error</source>
      <translation>örtlicher Fehler von Knochen und Magermasse</translation>
    </message>
    <message>
      <source>attenuation; exclude or mirror the limb</source>
      <translation>Abschwächung; das Körperteil ausschließen oder spiegeln</translation>
    </message>
    <message>
      <source>-0.12 %fat per 0.5 kg, -0.24 per 1 L (man), all as trunk lean</source>
      <translation>-0,12 % Fett je 0,5 kg, -0,24 je 1 L (Mann), alles als Magermasse des Rumpfs</translation>
    </message>
    <message>
      <source>food and water are read as lean</source>
      <translation>Essen und Wasser werden als Magermasse gelesen</translation>
    </message>
    <message>
      <source>-0.07 %fat per 0.3 L</source>
      <translation>-0,07 % Fett je 0,3 L</translation>
    </message>
    <message>
      <source>urine is read as lean</source>
      <translation>Urin wird als Magermasse gelesen</translation>
    </message>
    <message>
      <source>When did you last train or work hard?</source>
      <translation>Wann haben Sie zuletzt trainiert oder schwer gearbeitet?</translation>
    </message>
    <message>
      <source>+0.25 %fat per kg sweat; limb blood shift changes regional lean 1-2 %</source>
      <translation>+0,25 % Fett je kg Schweiß; Blutverschiebung in die Gliedmaßen ändert die regionale Magermasse um 1-2 %</translation>
    </message>
    <message>
      <source>fluid loss and redistribution</source>
      <translation>Flüssigkeitsverlust und -umverteilung</translation>
    </message>
    <message>
      <source>Urine specific gravity</source>
      <translation>Spezifisches Gewicht des Urins</translation>
    </message>
    <message>
      <source>+0.50 %fat per 2 kg lost (man)</source>
      <translation>+0,50 % Fett je 2 kg Verlust (Mann)</translation>
    </message>
    <message>
      <source>lean loses water, fat kg about unchanged</source>
      <translation>Magermasse verliert Wasser, Fett in kg etwa unverändert</translation>
    </message>
    <message>
      <source>-0.36 %fat per 1.5 kg; lean about +1 %</source>
      <translation>-0,36 % Fett je 1,5 kg; Magermasse etwa +1 %</translation>
    </message>
    <message>
      <source>cell water is lean</source>
      <translation>Zellwasser ist Magermasse</translation>
    </message>
    <message>
      <source>Carbohydrate loading or a very-low-carbohydrate diet in the last 3 days?</source>
      <translation>Kohlenhydrat-Laden oder sehr kohlenhydratarme Kost in den letzten 3 Tagen?</translation>
    </message>
    <message>
      <source>loading: lean mass about +1 to +2 %. Depletion does the opposite</source>
      <translation>Laden: Magermasse etwa +1 bis +2 %. Entleeren bewirkt das Gegenteil</translation>
    </message>
    <message>
      <source>glycogen with water</source>
      <translation>Glykogen mit Wasser</translation>
    </message>
    <message>
      <source>Light clothing with no metal, zip, underwire, heavy print?</source>
      <translation>Leichte Kleidung ohne Metall, Reißverschluss, Bügel, dicken Aufdruck?</translation>
    </message>
    <message>
      <source>Jewellery, piercings, phone, hair metal removed?</source>
      <translation>Schmuck, Piercings, Telefon, Haarspangen abgelegt?</translation>
    </message>
    <message>
      <source>-0.46 %fat per kg (woman)</source>
      <translation>-0,46 % Fett je kg (Frau)</translation>
    </message>
    <message>
      <source>water is read as lean</source>
      <translation>Wasser wird als Magermasse gelesen</translation>
    </message>
    <message>
      <source>When did you last drink alcohol?</source>
      <translation>Wann haben Sie zuletzt Alkohol getrunken?</translation>
    </message>
    <message>
      <source>dehydration</source>
      <translation>Austrocknung</translation>
    </message>
    <message>
      <source>Morning, fasted, same clock time as the earlier test?</source>
      <translation>Morgens, nüchtern, gleiche Uhrzeit wie beim früheren Test?</translation>
    </message>
    <message>
      <source>a day of eating and moving: lean up, often above the least change that counts</source>
      <translation>ein Tag mit Essen und Bewegung: Magermasse höher, oft über der kleinsten zählenden Änderung</translation>
    </message>
    <message>
      <source>food and fluid add up</source>
      <translation>Essen und Flüssigkeit summieren sich</translation>
    </message>
    <message>
      <source>limb lean up to 1-2 %</source>
      <translation>Magermasse der Gliedmaßen bis 1-2 %</translation>
    </message>
    <message>
      <source>+0.25 %fat per kg of water missing</source>
      <translation>+0,25 % Fett je kg fehlendem Wasser</translation>
    </message>
    <message>
      <source>X-rays only as often as the answer is worth it. The dose is small and adds up.</source>
      <translation>Röntgenstrahlung nur so oft, wie die Antwort es wert ist. Die Dosis ist klein und summiert sich.</translation>
    </message>
    <message>
      <source>Pregnant, or not sure: no scan. The licensed operator and local rules decide.</source>
      <translation>Schwanger oder nicht sicher: kein Scan. Die zugelassene Bedienperson und örtliche Regeln entscheiden.</translation>
    </message>
    <message>
      <source>Nobody else in the room stays within a metre of the table while it scans.</source>
      <translation>Niemand sonst im Raum bleibt während des Scans näher als einen Meter am Tisch.</translation>
    </message>
    <message>
      <source>Help up slowly: some people are dizzy after lying.</source>
      <translation>Langsam aufhelfen: Manchen ist nach dem Liegen schwindlig.</translation>
    </message>
    <message>
      <source>Lie in the middle of the table, head straight, the top of the head inside the line.</source>
      <translation>In der Tischmitte liegen, Kopf gerade, Scheitel innerhalb der Linie.</translation>
    </message>
    <message>
      <source>Palms down and away from the thighs, fingers together, thumbs touching nothing.</source>
      <translation>Handflächen nach unten, weg von den Oberschenkeln, Finger zusammen, Daumen frei.</translation>
    </message>
    <message>
      <source>Feet together with the strap, toes up.</source>
      <translation>Füße mit dem Band zusammen, Zehen nach oben.</translation>
    </message>
    <message>
      <source>Still from the first move of the arm to the last; breathing quietly is fine.</source>
      <translation>Still von der ersten bis zur letzten Bewegung des Arms; ruhig atmen ist in Ordnung.</translation>
    </message>
    <message>
      <source>I will put a strap round your feet so that you can let them rest.</source>
      <translation>Ich lege ein Band um Ihre Füße, damit Sie sie ruhen lassen können.</translation>
    </message>
    <message>
      <source>Your hands stay where I put them.</source>
      <translation>Ihre Hände bleiben, wo ich sie hinlege.</translation>
    </message>
    <message>
      <source>The arm will move over you for a few minutes. You feel nothing.</source>
      <translation>Der Arm bewegt sich einige Minuten über Sie. Sie spüren nichts.</translation>
    </message>
    <message>
      <source>Please lie still and do not talk; breathe quietly.</source>
      <translation>Bitte liegen Sie still und sprechen Sie nicht; atmen Sie ruhig.</translation>
    </message>
    <message>
      <source>Have you had scans like this anywhere else in the last year?</source>
      <translation>Hatten Sie solche Scans im letzten Jahr anderswo?</translation>
    </message>
    <message>
      <source>Girths with a tape</source>
      <translation>Umfänge mit dem Maßband</translation>
    </message>
    <message>
      <source>Is the client content to be touched at these places, with whoever is in the room?</source>
      <translation>Ist die Person einverstanden, an diesen Stellen berührt zu werden, mit den Anwesenden im Raum?</translation>
    </message>
    <message>
      <source>a tape is laid by hand; nobody has to be measured here, and may stop at any time</source>
      <translation>ein Maßband wird mit der Hand angelegt; niemand muss hier gemessen werden, und man darf jederzeit aufhören</translation>
    </message>
    <message>
      <source>Any wound, fresh scar, stoma, dressing or painful skin where the tape goes?</source>
      <translation>Eine Wunde, frische Narbe, ein Stoma, Verband oder schmerzhafte Haut an den Messstellen?</translation>
    </message>
    <message>
      <source>leave the site out; a dressing is read as part of the body</source>
      <translation>die Stelle auslassen; ein Verband wird als Teil des Körpers gemessen</translation>
    </message>
    <message>
      <source>Pregnant, or given birth in the last twelve weeks?</source>
      <translation>Schwanger, oder in den letzten zwölf Wochen entbunden?</translation>
    </message>
    <message>
      <source>no limit applies</source>
      <translation>keine Grenze gilt</translation>
    </message>
    <message>
      <source>the waist is not that of the limits; the limbs can be followed</source>
      <translation>für diese Taille gelten die Grenzen nicht; die Gliedmaßen können verfolgt werden</translation>
    </message>
    <message>
      <source>When did you last eat a meal?</source>
      <translation>Wann haben Sie zuletzt eine Mahlzeit gegessen?</translation>
    </message>
    <message>
      <source>waist, about a centimetre after a large meal</source>
      <translation>Taille, etwa ein Zentimeter nach einer großen Mahlzeit</translation>
    </message>
    <message>
      <source>the belly is fuller</source>
      <translation>der Bauch ist voller</translation>
    </message>
    <message>
      <source>waist, little</source>
      <translation>Taille, wenig</translation>
    </message>
    <message>
      <source>comfort, and a relaxed belly</source>
      <translation>Wohlbefinden und ein lockerer Bauch</translation>
    </message>
    <message>
      <source>When did you last train hard?</source>
      <translation>Wann haben Sie zuletzt hart trainiert?</translation>
    </message>
    <message>
      <source>arm and thigh, up to about a centimetre</source>
      <translation>Arm und Oberschenkel, bis etwa ein Zentimeter</translation>
    </message>
    <message>
      <source>trained muscles are fuller</source>
      <translation>trainierte Muskeln sind praller</translation>
    </message>
    <message>
      <source>Bare skin or thin, close clothing where the tape goes?</source>
      <translation>Bloße Haut oder dünne, enge Kleidung an den Messstellen?</translation>
    </message>
    <message>
      <source>waist and hip, 1 to 3 cm</source>
      <translation>Taille und Hüfte, 1 bis 3 cm</translation>
    </message>
    <message>
      <source>cloth is read as part of the body</source>
      <translation>Stoff wird als Teil des Körpers gemessen</translation>
    </message>
    <message>
      <source>Say before each touch where the tape goes, and ask. A client may lay the tape themselves.</source>
      <translation>Vor jeder Berührung sagen, wohin das Band kommt, und fragen. Wer möchte, legt das Band selbst an.</translation>
    </message>
    <message>
      <source>A second person of the client's choice is welcome in the room; for a child a guardian is there.</source>
      <translation>Eine Begleitperson nach Wahl ist im Raum willkommen; bei einem Kind ist eine sorgeberechtigte Person dabei.</translation>
    </message>
    <message>
      <source>Weight and girth are not spoken aloud where others hear them.</source>
      <translation>Gewicht und Umfänge werden nicht laut gesagt, wo andere sie hören.</translation>
    </message>
    <message>
      <source>Stand with the feet together and breathe as you always do.</source>
      <translation>Stellen Sie sich mit den Füßen zusammen hin und atmen Sie wie immer.</translation>
    </message>
    <message>
      <source>I mark the places, then lay the tape round each of them several times.</source>
      <translation>Ich markiere die Stellen und lege dann das Band mehrmals um jede von ihnen.</translation>
    </message>
    <message>
      <source>Let your arms hang; breathe out and stay like that for a moment.</source>
      <translation>Lassen Sie die Arme hängen; atmen Sie aus und bleiben Sie einen Moment so.</translation>
    </message>
    <message>
      <source>Underwater weighing</source>
      <translation>Unterwasserwägung</translation>
    </message>
    <message>
      <source>Epilepsy, or any seizure or faint in the last 12 months?</source>
      <translation>Epilepsie, oder ein Anfall oder eine Ohnmacht in den letzten 12 Monaten?</translation>
    </message>
    <message>
      <source>drowning risk</source>
      <translation>Ertrinkungsgefahr</translation>
    </message>
    <message>
      <source>Unstable heart disease, arrhythmia or uncontrolled blood pressure?</source>
      <translation>Instabile Herzkrankheit, Rhythmusstörung oder nicht eingestellter Blutdruck?</translation>
    </message>
    <message>
      <source>immersion and breath-hold load</source>
      <translation>Belastung durch Eintauchen und Luftanhalten</translation>
    </message>
    <message>
      <source>Asthma, COPD or another lung illness that is not well controlled, or a reliever needed in the last 24 h?</source>
      <translation>Asthma, COPD oder eine andere nicht gut eingestellte Lungenkrankheit, oder Notfallspray in den letzten 24 h?</translation>
    </message>
    <message>
      <source>breath-hold with empty lungs</source>
      <translation>Luftanhalten mit leerer Lunge</translation>
    </message>
    <message>
      <source>Insulin, or low blood sugar when not eating?</source>
      <translation>Insulin, oder Unterzucker ohne Essen?</translation>
    </message>
    <message>
      <source>fasted in warm water: low sugar, fainting</source>
      <translation>nüchtern in warmem Wasser: Unterzucker, Ohnmacht</translation>
    </message>
    <message>
      <source>Insulin pump, glucose sensor or another device on the body?</source>
      <translation>Insulinpumpe, Glukosesensor oder ein anderes Gerät am Körper?</translation>
    </message>
    <message>
      <source>only as wet as its maker allows; never take it off without the client's physician</source>
      <translation>nur so nass, wie der Hersteller erlaubt; nie ohne die behandelnde Ärztin oder den Arzt ablegen</translation>
    </message>
    <message>
      <source>At ease in water, and in and out by the ladder without help?</source>
      <translation>Im Wasser entspannt, und über die Leiter ohne Hilfe hinein und heraus?</translation>
    </message>
    <message>
      <source>who cannot swim or needs a hoist needs another method, or the lab's own procedure with two people</source>
      <translation>wer nicht schwimmen kann oder eine Hebehilfe braucht, braucht eine andere Methode oder das eigene Verfahren des Labors mit zwei Personen</translation>
    </message>
    <message>
      <source>Ear tubes (grommets), or an ear that must stay dry?</source>
      <translation>Paukenröhrchen, oder ein Ohr, das trocken bleiben muss?</translation>
    </message>
    <message>
      <source>water in the middle ear</source>
      <translation>Wasser im Mittelohr</translation>
    </message>
    <message>
      <source>Allergy to chlorine, or a skin disease that pool water makes worse?</source>
      <translation>Chlorallergie, oder eine Hautkrankheit, die Beckenwasser verschlimmert?</translation>
    </message>
    <message>
      <source>irritation of skin and lungs</source>
      <translation>Reizung von Haut und Lunge</translation>
    </message>
    <message>
      <source>Trouble holding urine or stool in water?</source>
      <translation>Schwierigkeiten, im Wasser Urin oder Stuhl zu halten?</translation>
    </message>
    <message>
      <source>contamination; offer another method, kindly</source>
      <translation>Verunreinigung; freundlich eine andere Methode anbieten</translation>
    </message>
    <message>
      <source>Open wound, skin infection, perforated eardrum or fresh tattoo?</source>
      <translation>Offene Wunde, Hautinfektion, Loch im Trommelfell oder frische Tätowierung?</translation>
    </message>
    <message>
      <source>infection</source>
      <translation>Infektion</translation>
    </message>
    <message>
      <source>Time since last diarrhoea</source>
      <translation>Zeit seit dem letzten Durchfall</translation>
    </message>
    <message>
      <source>infection control (2 weeks after cryptosporidium)</source>
      <translation>Infektionsschutz (2 Wochen nach Kryptosporidien)</translation>
    </message>
    <message>
      <source>faecal contamination</source>
      <translation>fäkale Verunreinigung</translation>
    </message>
    <message>
      <source>Are you comfortable holding your head under water, lungs empty and still, for a count of six?</source>
      <translation>Ist es für Sie in Ordnung, den Kopf unter Wasser zu halten, mit leerer Lunge und still, während man bis sechs zählt?</translation>
    </message>
    <message>
      <source>incomplete breath-out</source>
      <translation>unvollständiges Ausatmen</translation>
    </message>
    <message>
      <source>fear; offer a head-out or other method</source>
      <translation>Angst; eine Methode mit dem Kopf über Wasser oder eine andere anbieten</translation>
    </message>
    <message>
      <source>cardiac load, blood pressure</source>
      <translation>Herzbelastung, Blutdruck</translation>
    </message>
    <message>
      <source>load on the right heart</source>
      <translation>Belastung des rechten Herzens</translation>
    </message>
    <message>
      <source>fainting during the forced breath</source>
      <translation>Ohnmacht beim Pressen</translation>
    </message>
    <message>
      <source>intracranial and eye pressure</source>
      <translation>Hirn- und Augendruck</translation>
    </message>
    <message>
      <source>sinus and ear pressure</source>
      <translation>Druck in Nebenhöhlen und Ohr</translation>
    </message>
    <message>
      <source>chest and abdominal pressure</source>
      <translation>Druck in Brust und Bauch</translation>
    </message>
    <message>
      <source>transmission</source>
      <translation>Übertragung</translation>
    </message>
    <message>
      <source>healing; chest, abdomen, brain 4 weeks for forced breathing</source>
      <translation>Heilung; Brust, Bauch, Gehirn 4 Wochen bei starkem Atmen</translation>
    </message>
    <message>
      <source>When did you last eat?</source>
      <translation>Wann haben Sie zuletzt gegessen?</translation>
    </message>
    <message>
      <source>+0.7 %fat per 100 mL gut gas; +0.22 per 0.5 kg food</source>
      <translation>+0,7 % Fett je 100 mL Darmgas; +0,22 je 0,5 kg Essen</translation>
    </message>
    <message>
      <source>gas buoyancy, water-dense mass</source>
      <translation>Auftrieb durch Gas, Masse von Wasserdichte</translation>
    </message>
    <message>
      <source>+0.7 %fat per 100 mL gut gas</source>
      <translation>+0,7 % Fett je 100 mL Darmgas</translation>
    </message>
    <message>
      <source>gas buoyancy</source>
      <translation>Auftrieb durch Gas</translation>
    </message>
    <message>
      <source>dehydration, small; mainly safety</source>
      <translation>Austrocknung, klein; vor allem Sicherheit</translation>
    </message>
    <message>
      <source>judgement in water</source>
      <translation>Urteilsvermögen im Wasser</translation>
    </message>
    <message>
      <source>Time since bladder and, if possible, bowels were emptied</source>
      <translation>Zeit seit Blase und möglichst Darm entleert wurden</translation>
    </message>
    <message>
      <source>Tight swimsuit, wetted, bubbles pressed out?</source>
      <translation>Enger Badeanzug, benetzt, Blasen ausgedrückt?</translation>
    </message>
    <message>
      <source>+0.7 %fat per 100 mL trapped air</source>
      <translation>+0,7 % Fett je 100 mL eingeschlossener Luft</translation>
    </message>
    <message>
      <source>buoyancy</source>
      <translation>Auftrieb</translation>
    </message>
    <message>
      <source>Hair wetted, no air-trapping cap?</source>
      <translation>Haar benetzt, keine Kappe, die Luft hält?</translation>
    </message>
    <message>
      <source>Jewellery removed?</source>
      <translation>Schmuck abgelegt?</translation>
    </message>
    <message>
      <source>-0.58 %fat per 100 g steel</source>
      <translation>-0,58 % Fett je 100 g Stahl</translation>
    </message>
    <message>
      <source>Showered, no oil or lotion?</source>
      <translation>Geduscht, kein Öl, keine Lotion?</translation>
    </message>
    <message>
      <source>small</source>
      <translation>klein</translation>
    </message>
    <message>
      <source>bubbles cling; water quality</source>
      <translation>Blasen haften; Wasserqualität</translation>
    </message>
    <message>
      <source>up to about +2.8 %fat in marked retainers; +0.33 per kg by arithmetic</source>
      <translation>bis etwa +2,8 % Fett bei starker Einlagerung; rechnerisch +0,33 je kg</translation>
    </message>
    <message>
      <source>+0.65 %fat per 1.5 kg water</source>
      <translation>+0,65 % Fett je 1,5 kg Wasser</translation>
    </message>
    <message>
      <source>When did you last smoke, vape or use a water pipe?</source>
      <translation>Wann haben Sie zuletzt geraucht, gedampft oder Wasserpfeife benutzt?</translation>
    </message>
    <message>
      <source>bronchoconstriction</source>
      <translation>Verengung der Bronchien</translation>
    </message>
    <message>
      <source>When did you last take alcohol or another intoxicant?</source>
      <translation>Wann haben Sie zuletzt Alkohol oder ein anderes Rauschmittel genommen?</translation>
    </message>
    <message>
      <source>with FVC 100 mL low, RV taken as 24 % (M) or 28 % (F) of FVC is 24-28 mL low, +0.17 to +0.23 %fat in the tank. Nil when RV is measured</source>
      <translation>FVC 100 mL zu niedrig: RV als 24 % (M) oder 28 % (F) der FVC ist 24-28 mL zu niedrig, +0,17 bis +0,23 % Fett im Becken; keine Wirkung, wenn RV gemessen ist</translation>
    </message>
    <message>
      <source>coordination and effort</source>
      <translation>Koordination und Anstrengung</translation>
    </message>
    <message>
      <source>When did you last exercise hard?</source>
      <translation>Wann haben Sie sich zuletzt stark angestrengt?</translation>
    </message>
    <message>
      <source>bronchoconstriction, fatigue</source>
      <translation>Verengung der Bronchien, Ermüdung</translation>
    </message>
    <message>
      <source>Clothing loose around chest and belly?</source>
      <translation>Kleidung locker um Brust und Bauch?</translation>
    </message>
    <message>
      <source>low FVC, see sp_intox</source>
      <translation>niedrige FVC, siehe sp_intox</translation>
    </message>
    <message>
      <source>restricts the chest</source>
      <translation>engt die Brust ein</translation>
    </message>
    <message>
      <source>When did you last eat a large meal?</source>
      <translation>Wann haben Sie zuletzt viel gegessen?</translation>
    </message>
    <message>
      <source>small fall of FVC</source>
      <translation>kleine Abnahme der FVC</translation>
    </message>
    <message>
      <source>diaphragm</source>
      <translation>Zwerchfell</translation>
    </message>
    <message>
      <source>Attendant trained in resuscitation within arm's reach, and a second person on call today?</source>
      <translation>Heute eine in Wiederbelebung ausgebildete Aufsicht in Reichweite und eine zweite Person auf Abruf?</translation>
    </message>
    <message>
      <source>nobody is alone in the water</source>
      <translation>niemand ist allein im Wasser</translation>
    </message>
    <message>
      <source>The ladder is slippery: one hand on the rail, you in front of the client.</source>
      <translation>Die Leiter ist rutschig: eine Hand am Geländer, Sie vor dem Klienten.</translation>
    </message>
    <message>
      <source>Never leave the client alone in or near the water.</source>
      <translation>Den Klienten nie allein im oder am Wasser lassen.</translation>
    </message>
    <message>
      <source>An attendant trained in resuscitation stays within arm's reach; a second person is on call.</source>
      <translation>Eine in Wiederbelebung ausgebildete Aufsicht bleibt in Reichweite; eine zweite Person ist auf Abruf.</translation>
    </message>
    <message>
      <source>Agree the signal: one knock on the chair means come up now. The client may surface at any time.</source>
      <translation>Das Zeichen vereinbaren: Einmal Klopfen am Stuhl heißt sofort auftauchen. Auftauchen ist jederzeit erlaubt.</translation>
    </message>
    <message>
      <source>No hyperventilation before submersion: blackout risk. It grows with repeated dives: rest between them, and stop after ten.</source>
      <translation>Vor dem Untertauchen nicht hyperventilieren: Gefahr der Bewusstlosigkeit. Sie wächst mit jedem Tauchgang: dazwischen ruhen und nach zehn aufhören.</translation>
    </message>
    <message>
      <source>Stop at once for distress, dizziness or shivering.</source>
      <translation>Sofort aufhören bei Not, Schwindel oder Frösteln.</translation>
    </message>
    <message>
      <source>Local pool rules and licensed practice decide; this list only reminds.</source>
      <translation>Örtliche Badregeln und zugelassene Fachleute entscheiden; diese Liste erinnert nur.</translation>
    </message>
    <message>
      <source>Enter carefully, rail in hand.</source>
      <translation>Vorsichtig hinein, Geländer in der Hand.</translation>
    </message>
    <message>
      <source>Wet the hair and the suit; press the trapped air out.</source>
      <translation>Haar und Anzug nass machen; eingeschlossene Luft ausdrücken.</translation>
    </message>
    <message>
      <source>Belt on, sit back, feet on the bar, hands beside the thighs.</source>
      <translation>Gurt an, zurücksetzen, Füße auf die Stange, Hände neben die Oberschenkel.</translation>
    </message>
    <message>
      <source>Touch nothing but the chair.</source>
      <translation>Nichts als den Stuhl berühren.</translation>
    </message>
    <message>
      <source>Breathe all the way out, lean forward under water, keep still and count to six.</source>
      <translation>Ganz ausatmen, unter Wasser vorbeugen, still halten und bis sechs zählen.</translation>
    </message>
    <message>
      <source>Nothing happens without you. You can come up at any time.</source>
      <translation>Nichts geschieht ohne Sie. Sie können jederzeit auftauchen.</translation>
    </message>
    <message>
      <source>I stay beside you the whole time.</source>
      <translation>Ich bleibe die ganze Zeit neben Ihnen.</translation>
    </message>
    <message>
      <source>Breathe all the way out, lean forward under the water and stay still. When you hear one knock, come up.</source>
      <translation>Atmen Sie ganz aus, beugen Sie sich unter Wasser vor und bleiben Sie still. Wenn Sie einmal Klopfen hören, tauchen Sie auf.</translation>
    </message>
    <message>
      <source>One knock means come up. Come up whenever you like.</source>
      <translation>Einmal Klopfen heißt auftauchen. Tauchen Sie auf, wann immer Sie wollen.</translation>
    </message>
    <message>
      <source>A deep breath in, then blow and keep on blowing until nothing more comes.</source>
      <translation>Tief einatmen, dann blasen und weiterblasen, bis nichts mehr kommt.</translation>
    </message>
    <message>
      <source>Impedance</source>
      <translation>Impedanz</translation>
    </message>
    <message>
      <source>Pacemaker, defibrillator, neurostimulator, pump or other active implant?</source>
      <translation>Schrittmacher, Defibrillator, Neurostimulator, Pumpe oder anderes aktives Implantat?</translation>
    </message>
    <message>
      <source>Do not connect: the current may interfere with the device.</source>
      <translation>Nicht anschließen: Der Strom kann das Gerät stören.</translation>
    </message>
    <message>
      <source>Glucose sensor, insulin pump or another device worn on the body?</source>
      <translation>Glukosesensor, Insulinpumpe oder ein anderes am Körper getragenes Gerät?</translation>
    </message>
    <message>
      <source>only as its maker allows; never take it off without the client's physician</source>
      <translation>nur, wie der Hersteller erlaubt; nie ohne die behandelnde Ärztin oder den Arzt ablegen</translation>
    </message>
    <message>
      <source>Allergy to plasters or electrode gel?</source>
      <translation>Allergie gegen Pflaster oder Elektrodengel?</translation>
    </message>
    <message>
      <source>skin; use another electrode or site</source>
      <translation>Haut; eine andere Elektrode oder Stelle verwenden</translation>
    </message>
    <message>
      <source>Tremor, or unable to keep still for a minute?</source>
      <translation>Zittern, oder nicht eine Minute still halten können?</translation>
    </message>
    <message>
      <source>the reading wanders</source>
      <translation>der Messwert wandert</translation>
    </message>
    <message>
      <source>Pregnant?</source>
      <translation>Schwanger?</translation>
    </message>
    <message>
      <source>no known harm, but no equation is valid; local rules decide</source>
      <translation>kein bekannter Schaden, aber keine Gleichung gilt; örtliche Regeln entscheiden</translation>
    </message>
    <message>
      <source>no harm known; not valid</source>
      <translation>kein bekannter Schaden; nicht gültig</translation>
    </message>
    <message>
      <source>Intravenous fluid or dialysis in the last 24 h, or oedema?</source>
      <translation>Infusion oder Dialyse in den letzten 24 Stunden oder Ödeme?</translation>
    </message>
    <message>
      <source>1 L in ECW: R0 about -8 %</source>
      <translation>1 L im EZW: R0 etwa -8 %</translation>
    </message>
    <message>
      <source>fluid read as FFM</source>
      <translation>Flüssigkeit wird als FFM gelesen</translation>
    </message>
    <message>
      <source>Metal plate, artificial joint or amputation on the measured side?</source>
      <translation>Metallplatte, künstliches Gelenk oder Amputation auf der gemessenen Seite?</translation>
    </message>
    <message>
      <source>several % of that limb's R</source>
      <translation>mehrere % des R dieses Körperteils</translation>
    </message>
    <message>
      <source>metal shortens the resistive path</source>
      <translation>Metall verkürzt den Widerstandsweg</translation>
    </message>
    <message>
      <source>R falls 4-15 ohm 1-4 h after a meal, about -0.4 to -1.4 %fat (man), adding up over the day. In the first 30 min the eaten mass alone gives +0.4 %fat per 0.5 kg</source>
      <translation>R fällt 1-4 h nach einer Mahlzeit um 4-15 Ohm: etwa -0,4 bis -1,4 % Fett (Mann), über den Tag summiert; in den ersten 30 min macht allein die gegessene Masse +0,4 % Fett je 0,5 kg</translation>
    </message>
    <message>
      <source>electrolytes and splanchnic blood flow lower R; food mass read as fat</source>
      <translation>Elektrolyte und Darmdurchblutung senken R; Nahrungsmasse wird als Fett gelesen</translation>
    </message>
    <message>
      <source>When did you last drink more than a glass (250 mL)?</source>
      <translation>Wann haben Sie zuletzt mehr als ein Glas (250 ml) getrunken?</translation>
    </message>
    <message>
      <source>+0.4 %fat per 0.5 L at constant R</source>
      <translation>+0,4 % Fett je 0,5 L bei gleichem R</translation>
    </message>
    <message>
      <source>fluid sits in the trunk: mass up, R unchanged</source>
      <translation>Flüssigkeit sitzt im Rumpf: Masse höher, R unverändert</translation>
    </message>
    <message>
      <source>not published acutely; schools ask 8, 24 or 48 h</source>
      <translation>akut nicht veröffentlicht; Schulen verlangen 8, 24 oder 48 h</translation>
    </message>
    <message>
      <source>diuresis raises R</source>
      <translation>Harntreibung erhöht R</translation>
    </message>
    <message>
      <source>When did you last have caffeine?</source>
      <translation>Wann hatten Sie zuletzt Koffein?</translation>
    </message>
    <message>
      <source>none measurable up to 5 mg/kg/day</source>
      <translation>bis 5 mg/kg/Tag nicht messbar</translation>
    </message>
    <message>
      <source>diuresis in non-users; counts as fluid</source>
      <translation>Harntreibung bei Ungewohnten; zählt als Flüssigkeit</translation>
    </message>
    <message>
      <source>R -3 to -9 %, about -1.4 to -4.2 %fat (man). Later, cooled and dry, the sign reverses</source>
      <translation>R -3 bis -9 %: etwa -1,4 bis -4,2 % Fett (Mann); später, abgekühlt und trocken, kehrt sich das Vorzeichen um</translation>
    </message>
    <message>
      <source>warm, perfused skin and muscle conduct better</source>
      <translation>warme, durchblutete Haut und Muskeln leiten besser</translation>
    </message>
    <message>
      <source>When did you last use a sauna, hot bath or hot shower?</source>
      <translation>Wann waren Sie zuletzt in Sauna, heißem Bad oder heißer Dusche?</translation>
    </message>
    <message>
      <source>about -0.5 %fat per 1 % fall of R</source>
      <translation>etwa -0,5 % Fett je 1 % Abfall von R</translation>
    </message>
    <message>
      <source>vasodilated warm limbs lower R</source>
      <translation>weitgestellte warme Gliedmaßen senken R</translation>
    </message>
    <message>
      <source>+0.26 %fat per 0.3 L</source>
      <translation>+0,26 % Fett je 0,3 L</translation>
    </message>
    <message>
      <source>mass up, R unchanged</source>
      <translation>Masse höher, R unverändert</translation>
    </message>
    <message>
      <source>How long has the person been standing or walking about?</source>
      <translation>Wie lange hat die Person gestanden oder ist gegangen?</translation>
    </message>
    <message>
      <source>not well published; under 1 %fat</source>
      <translation>wenig veröffentlicht; unter 1 % Fett</translation>
    </message>
    <message>
      <source>coming from lying, fluid has not yet returned to the legs</source>
      <translation>nach dem Liegen ist die Flüssigkeit noch nicht in die Beine zurückgekehrt</translation>
    </message>
    <message>
      <source>How long has the person been lying down?</source>
      <translation>Wie lange hat die Person gelegen?</translation>
    </message>
    <message>
      <source>R 1-1.5 % too low: about -0.5 to -0.7 %fat</source>
      <translation>R 1-1,5 % zu niedrig: etwa -0,5 bis -0,7 % Fett</translation>
    </message>
    <message>
      <source>fluid still pooled in the legs</source>
      <translation>Flüssigkeit noch in den Beinen</translation>
    </message>
    <message>
      <source>Room temperature (not below 22 °C)</source>
      <translation>Raumtemperatur (nicht unter 22 °C)</translation>
    </message>
    <message>
      <source>C</source>
      <translation>C</translation>
    </message>
    <message>
      <source>about 35 ohm (7 %) between 35 and 14 C ambient, FFM about -2.2 kg in the cold</source>
      <translation>etwa 35 Ohm (7 %) zwischen 35 und 14 C Umgebung, FFM in der Kälte etwa -2,2 kg</translation>
    </message>
    <message>
      <source>cold skin raises R</source>
      <translation>kalte Haut erhöht R</translation>
    </message>
    <message>
      <source>Room temperature (not above 26 °C)</source>
      <translation>Raumtemperatur (nicht über 26 °C)</translation>
    </message>
    <message>
      <source>as imp_cold, opposite sign</source>
      <translation>wie imp_cold, umgekehrtes Vorzeichen</translation>
    </message>
    <message>
      <source>warm skin lowers R</source>
      <translation>warme Haut senkt R</translation>
    </message>
    <message>
      <source>Gap between current and voltage electrodes</source>
      <translation>Abstand zwischen Strom- und Spannungselektroden</translation>
    </message>
    <message>
      <source>1 cm proximal shift: R about -2 %, -0.9 %fat</source>
      <translation>1 cm rumpfwärts verschoben: R etwa -2 %, -0,9 % Fett</translation>
    </message>
    <message>
      <source>electrode interaction, shortened path</source>
      <translation>Wechselwirkung der Elektroden, verkürzter Weg</translation>
    </message>
    <message>
      <source>Unsubtracted clothing mass</source>
      <translation>Nicht abgezogene Kleidung</translation>
    </message>
    <message>
      <source>+0.42 %fat per 0.5 kg</source>
      <translation>+0,42 % Fett je 0,5 kg</translation>
    </message>
    <message>
      <source>mass read as fat</source>
      <translation>Masse wird als Fett gelesen</translation>
    </message>
    <message>
      <source>Large metal items taken off?</source>
      <translation>Große Metallteile abgelegt?</translation>
    </message>
    <message>
      <source>negligible</source>
      <translation>vernachlässigbar</translation>
    </message>
    <message>
      <source>alternative current path</source>
      <translation>anderer Stromweg</translation>
    </message>
    <message>
      <source>fat kg about -0.3 to +1 (R -5 to -10 ohm, mass +0.2 to +1 kg act against each other)</source>
      <translation>Fett in kg etwa -0,3 bis +1 (R -5 bis -10 Ohm, Masse +0,2 bis +1 kg wirken gegeneinander)</translation>
    </message>
    <message>
      <source>fluid retention</source>
      <translation>Flüssigkeitseinlagerung</translation>
    </message>
    <message>
      <source>TBW +1 to +2 kg in 5-7 days read as FFM</source>
      <translation>TBW +1 bis +2 kg in 5-7 Tagen wird als FFM gelesen</translation>
    </message>
    <message>
      <source>intracellular water</source>
      <translation>intrazelluläres Wasser</translation>
    </message>
    <message>
      <source>Time since a diuretic that is not taken daily</source>
      <translation>Zeit seit einer nicht täglichen Wassertablette</translation>
    </message>
    <message>
      <source>loss of extracellular water raises R</source>
      <translation>Verlust von extrazellulärem Wasser erhöht R</translation>
    </message>
    <message>
      <source>later in the day after meals about -1 to -2 %fat</source>
      <translation>später am Tag nach Mahlzeiten etwa -1 bis -2 % Fett</translation>
    </message>
    <message>
      <source>meals, standing, warmth add up</source>
      <translation>Mahlzeiten, Stehen, Wärme summieren sich</translation>
    </message>
    <message>
      <source>fluid in the legs lowers their R; not published</source>
      <translation>Flüssigkeit in den Beinen senkt deren R; nicht veröffentlicht</translation>
    </message>
    <message>
      <source>about +0.5 %fat per 1 % rise of R</source>
      <translation>etwa +0,5 % Fett je 1 % Anstieg von R</translation>
    </message>
    <message>
      <source>Time since coming in from the cold</source>
      <translation>Zeit seit dem Hereinkommen aus der Kälte</translation>
    </message>
    <message>
      <source>as for a cold room</source>
      <translation>wie bei kaltem Raum</translation>
    </message>
    <message>
      <source>Never connect a person with a pacemaker, a defibrillator, a neurostimulator or another active implant.</source>
      <translation>Niemals eine Person mit Schrittmacher, Defibrillator, Neurostimulator oder anderem aktivem Implantat anschließen.</translation>
    </message>
    <message>
      <source>Leave wounds and broken skin out; move the electrode or use the other side.</source>
      <translation>Wunden und verletzte Haut auslassen; die Elektrode versetzen oder die andere Seite nehmen.</translation>
    </message>
    <message>
      <source>In pregnancy no harm is known, but no result is valid: your local rules decide.</source>
      <translation>In der Schwangerschaft ist kein Schaden bekannt, aber kein Ergebnis gültig: Ihre örtlichen Regeln entscheiden.</translation>
    </message>
    <message>
      <source>I ask everybody about devices in the body before anything is connected.</source>
      <translation>Ich frage alle nach Geräten im Körper, bevor etwas angeschlossen wird.</translation>
    </message>
    <message>
      <source>The electrodes feel cool. You will not feel the current.</source>
      <translation>Die Elektroden fühlen sich kühl an. Den Strom spüren Sie nicht.</translation>
    </message>
    <message>
      <source>Arms a little away from your body, feet apart. Then just stay as you are.</source>
      <translation>Arme etwas vom Körper weg, Füße auseinander. Bleiben Sie dann einfach so.</translation>
    </message>
    <message>
      <source>It takes about a minute. You will feel nothing. Breathe as you like, but please do not talk.</source>
      <translation>Es dauert etwa eine Minute. Sie spüren nichts. Atmen Sie, wie Sie mögen, aber sprechen Sie bitte nicht.</translation>
    </message>
    <message>
      <source>Floor scale</source>
      <translation>Standwaage</translation>
    </message>
    <message>
      <source>Reference mass</source>
      <translation>Prüfmasse</translation>
    </message>
    <message>
      <source>two 10 kg masses, class M1</source>
      <translation>zwei 10-kg-Gewichte, Klasse M1</translation>
    </message>
    <message>
      <source>Tank load cell</source>
      <translation>Wägezelle des Beckens</translation>
    </message>
    <message>
      <source>Reference mass on the chair</source>
      <translation>Prüfmasse am Stuhl</translation>
    </message>
    <message>
      <source>5 kg mass, class M1</source>
      <translation>5-kg-Gewicht, Klasse M1</translation>
    </message>
    <message>
      <source>Tank thermometer</source>
      <translation>Thermometer des Beckens</translation>
    </message>
    <message>
      <source>Against the reference thermometer</source>
      <translation>Gegen das Referenzthermometer</translation>
    </message>
    <message>
      <source>reference thermometer</source>
      <translation>Referenzthermometer</translation>
    </message>
    <message>
      <source>3-L syringe at three flows</source>
      <translation>3-L-Spritze bei drei Flüssen</translation>
    </message>
    <message>
      <source>3-L calibration syringe</source>
      <translation>3-L-Kalibrierspritze</translation>
    </message>
    <message>
      <source>Air chamber</source>
      <translation>Luftkammer</translation>
    </message>
    <message>
      <source>Cylinder volume, five times</source>
      <translation>Zylindervolumen, fünfmal</translation>
    </message>
    <message>
      <source>calibration cylinder</source>
      <translation>Kalibrierzylinder</translation>
    </message>
    <message>
      <source>Impedance analyzer</source>
      <translation>Impedanz-Analysator</translation>
    </message>
    <message>
      <source>500 Ω resistor</source>
      <translation>500-Ω-Widerstand</translation>
    </message>
    <message>
      <source>precision resistor, 0.1 %</source>
      <translation>Präzisionswiderstand, 0,1 %</translation>
    </message>
    <message>
      <source>RC module at 50 kHz</source>
      <translation>RC-Modul bei 50 kHz</translation>
    </message>
    <message>
      <source>RC module 549 Ω, 1910 Ω, 1.5 nF</source>
      <translation>RC-Modul 549 Ω, 1910 Ω, 1,5 nF</translation>
    </message>
    <message>
      <source>Soft-tissue phantom</source>
      <translation>Weichgewebephantom</translation>
    </message>
    <message>
      <source>soft-tissue phantom, fat of the lab's baseline</source>
      <translation>Weichgewebephantom, Fett der Labor-Grundlinie</translation>
    </message>
    <message>
      <source>Spine phantom</source>
      <translation>Wirbelsäulenphantom</translation>
    </message>
    <message>
      <source>g/cm²</source>
      <translation>g/cm²</translation>
    </message>
    <message>
      <source>spine phantom</source>
      <translation>Wirbelsäulenphantom</translation>
    </message>
    <message>
      <source>Along a rule of known length</source>
      <translation>Entlang eines Maßstabs bekannter Länge</translation>
    </message>
    <message>
      <source>steel rule, 1 m</source>
      <translation>Stahlmaßstab, 1 m</translation>
    </message>
    <message>
      <source>Gallagher 2000, widest of its three columns</source>
      <translation>Gallagher 2000, die weiteste ihrer drei Spalten</translation>
    </message>
    <message>
      <source>adults 20-79 y, four-component model; the lowest lower and the highest upper limit of its three groups</source>
      <translation>Erwachsene von 20 bis 79 Jahren, Vier-Komponenten-Modell; die niedrigste untere und die höchste obere Grenze ihrer drei Gruppen</translation>
    </message>
    <message>
      <source>%fat that goes with a body mass index of 18.5 to 25 at that sex and age</source>
      <translation>Fettanteil, der in diesem Geschlecht und Alter zu einem Body-Mass-Index von 18,5 bis 25 gehört</translation>
    </message>
    <message>
      <source>below</source>
      <translation>darunter</translation>
    </message>
    <message>
      <source>band</source>
      <translation>Bereich</translation>
    </message>
    <message>
      <source>above</source>
      <translation>darüber</translation>
    </message>
    <message>
      <source>far above</source>
      <translation>weit darüber</translation>
    </message>
    <message>
      <source>Gallagher 2000, column "White"</source>
      <translation>Gallagher 2000, Spalte „White“</translation>
    </message>
    <message>
      <source>adults 20-79 y, four-component model</source>
      <translation>Erwachsene von 20 bis 79 Jahren, Vier-Bestandteile-Modell</translation>
    </message>
    <message>
      <source>Gallagher 2000, column "African American"</source>
      <translation>Gallagher 2000, Spalte „African American“</translation>
    </message>
    <message>
      <source>Gallagher 2000, column "Asian"</source>
      <translation>Gallagher 2000, Spalte „Asian“</translation>
    </message>
    <message>
      <source>Lohman, Houtkooper and Going 1997</source>
      <translation>Lohman, Houtkooper und Going 1997</translation>
    </message>
    <message>
      <source>adults and children from 6 y, United States</source>
      <translation>Erwachsene und Kinder ab 6 J., Vereinigte Staaten</translation>
    </message>
    <message>
      <source>from the low to the upper standard for adults, the middle range for children</source>
      <translation>vom unteren zum oberen Richtwert bei Erwachsenen, der mittlere Bereich bei Kindern</translation>
    </message>
    <message>
      <source>kg/m2</source>
      <translation>kg/m2</translation>
    </message>
    <message>
      <source>Kelly 2009</source>
      <translation>Kelly 2009</translation>
    </message>
    <message>
      <source>United States adults, X-ray absorptiometry</source>
      <translation>Erwachsene der Vereinigten Staaten, DXA</translation>
    </message>
    <message>
      <source>the class between mild deficit and excess</source>
      <translation>die Klasse zwischen leichtem Mangel und Überschuss</translation>
    </message>
    <message>
      <source>Kyle 2003</source>
      <translation>Kyle 2003</translation>
    </message>
    <message>
      <source>Swiss adults 18-98 y, impedance</source>
      <translation>Schweizer Erwachsene 18-98 J., Impedanz</translation>
    </message>
    <message>
      <source>values that go with a body mass index of 18.5 to 25</source>
      <translation>Werte, die zu einem Body-Mass-Index von 18,5 bis 25 gehören</translation>
    </message>
    <message>
      <source>Clinic percentiles, skinfold type</source>
      <translation>Klinikperzentile, Hautfaltenart</translation>
    </message>
    <message>
      <source>affluent, mostly white people of one preventive clinic, about 39 600 men and 17 100 women; not a population reference</source>
      <translation>wohlhabende, meist weiße Personen einer Präventionsklinik, etwa 39 600 Männer und 17 100 Frauen; keine Bevölkerungsreferenz</translation>
    </message>
    <message>
      <source>the middle 60 % of that sex and age</source>
      <translation>die mittleren 60 % dieses Geschlechts und Alters</translation>
    </message>
    <message>
      <source>kg/m²</source>
      <translation>kg/m²</translation>
    </message>
    <message>
      <source>WHO 2000</source>
      <translation>WHO 2000</translation>
    </message>
    <message>
      <source>18.5 to 25 kg/m²</source>
      <translation>18,5 bis 25 kg/m²</translation>
    </message>
    <message>
      <source>Asian adults, WHO 2004</source>
      <translation>Asiatische Erwachsene, WHO 2004</translation>
    </message>
    <message>
      <source>Asian adults; points for action, chosen by country</source>
      <translation>asiatische Erwachsene; Handlungsschwellen, vom Land gewählt</translation>
    </message>
    <message>
      <source>from the lower limit to the first point for action</source>
      <translation>von der unteren Grenze bis zur ersten Handlungsschwelle</translation>
    </message>
    <message>
      <source>Low fat-free mass, GLIM 2019</source>
      <translation>Niedrige fettfreie Masse, GLIM 2019</translation>
    </message>
    <message>
      <source>adults, by a validated method</source>
      <translation>Erwachsene, mit einer validierten Methode</translation>
    </message>
    <message>
      <source>from the lower limit up; below it is one sign of malnutrition, which a clinician judges</source>
      <translation>ab der unteren Grenze; darunter ist es ein Zeichen von Mangelernährung, das klinisch beurteilt wird</translation>
    </message>
    <message>
      <source>low</source>
      <translation>niedrig</translation>
    </message>
    <message>
      <source>not low</source>
      <translation>nicht niedrig</translation>
    </message>
    <message>
      <source>Barbosa-Silva 2005</source>
      <translation>Barbosa-Silva 2005</translation>
    </message>
    <message>
      <source>healthy people in the USA, n = 1967, lying, gel electrodes; reads about 1° above European data</source>
      <translation>Gesunde in den USA, n = 1967, liegend, Gel-Elektroden; etwa 1° über europäischen Daten</translation>
    </message>
    <message>
      <source>the middle 90 %: mean ± 1.645 SD of that sex and age</source>
      <translation>die mittleren 90 %: Mittelwert ± 1,645 SD dieses Geschlechts und Alters</translation>
    </message>
    <message>
      <source>European consensus 2019</source>
      <translation>Europäischer Konsens 2019</translation>
    </message>
    <message>
      <source>adults; made for older people, without an age limit</source>
      <translation>Erwachsene; für Ältere gemacht, ohne Altersgrenze</translation>
    </message>
    <message>
      <source>from the lower limit up; below it limb muscle is low and strength is tested</source>
      <translation>ab der unteren Grenze; darunter ist die Muskelmasse der Gliedmaßen niedrig, und die Kraft wird geprüft</translation>
    </message>
    <message>
      <source>Asian consensus 2019, impedance</source>
      <translation>Asiatischer Konsens 2019, Impedanz</translation>
    </message>
    <message>
      <source>older Asian adults</source>
      <translation>ältere asiatische Erwachsene</translation>
    </message>
    <message>
      <source>from the lower limit up, for impedance</source>
      <translation>ab der unteren Grenze, für Impedanz</translation>
    </message>
    <message>
      <source>Asian consensus 2019, densitometer</source>
      <translation>Asiatischer Konsens 2019, DXA</translation>
    </message>
    <message>
      <source>from the lower limit up, for densitometers</source>
      <translation>ab der unteren Grenze, für DXA</translation>
    </message>
    <message>
      <source>m²</source>
      <translation>m²</translation>
    </message>
    <message>
      <source>Limb lean by body mass index, 2014</source>
      <translation>Magermasse der Gliedmaßen durch Body-Mass-Index, 2014</translation>
    </message>
    <message>
      <source>people from 60 years, densitometer</source>
      <translation>Personen ab 60 Jahren, DXA</translation>
    </message>
    <message>
      <source>from the lower limit up; below it strength is tested</source>
      <translation>ab der unteren Grenze; darunter wird die Kraft geprüft</translation>
    </message>
    <message>
      <source>Health questions before a plan</source>
      <translation>Gesundheitsfragen vor einem Plan</translation>
    </message>
    <message>
      <source>Do you make yourself sick because you feel uncomfortably full?</source>
      <translation>Übergeben Sie sich, wenn Sie sich unangenehm voll fühlen?</translation>
    </message>
    <message>
      <source>Signs or a history of disordered eating: no targets, no deficits, no ranks.</source>
      <translation>Zeichen oder Vorgeschichte einer Essstörung: keine Ziele, keine Defizite, keine Ränge.</translation>
    </message>
    <message>
      <source>Offer a clinician who knows eating disorders. No numbers are given.</source>
      <translation>Eine Fachperson anbieten, die sich mit Essstörungen auskennt. Es werden keine Zahlen gezeigt.</translation>
    </message>
    <message>
      <source>Do you worry that you have lost control over how much you eat?</source>
      <translation>Machen Sie sich Sorgen, weil Sie manchmal nicht kontrollieren können, wie viel Sie essen?</translation>
    </message>
    <message>
      <source>Have you recently lost more than one stone (6 kg) in a three-month period?</source>
      <translation>Haben Sie in letzter Zeit mehr als 6 kg in drei Monaten abgenommen?</translation>
    </message>
    <message>
      <source>Do you believe yourself to be fat when others say you are thin?</source>
      <translation>Finden Sie sich zu dick, während andere Sie zu dünn finden?</translation>
    </message>
    <message>
      <source>Would you say that food dominates your life?</source>
      <translation>Würden Sie sagen, dass Essen Ihr Leben sehr beeinflusst?</translation>
    </message>
    <message>
      <source>Have you ever had an eating disorder, or been treated for one?</source>
      <translation>Hatten Sie je eine Essstörung, oder wurden Sie deswegen behandelt?</translation>
    </message>
    <message>
      <source>Are you pregnant, or could you be?</source>
      <translation>Sind Sie schwanger, oder könnten Sie es sein?</translation>
    </message>
    <message>
      <source>Pregnant: no weight plan.</source>
      <translation>Schwanger: kein Gewichtsplan.</translation>
    </message>
    <message>
      <source>The midwife or the obstetrician advises.</source>
      <translation>Hebamme oder Frauenärztin oder -arzt beraten.</translation>
    </message>
    <message>
      <source>Are you breast-feeding?</source>
      <translation>Stillen Sie?</translation>
    </message>
    <message>
      <source>Breast-feeding: no plan to lose by numbers.</source>
      <translation>Stillzeit: kein Plan zum Abnehmen nach Zahlen.</translation>
    </message>
    <message>
      <source>The midwife or a dietitian advises.</source>
      <translation>Hebamme oder Ernährungsfachkraft beraten.</translation>
    </message>
    <message>
      <source>Do you use insulin, or diabetes tablets that can lower your sugar too far (sulfonylureas)?</source>
      <translation>Verwenden Sie Insulin oder Diabetestabletten, die den Zucker zu stark senken können (Sulfonylharnstoffe)?</translation>
    </message>
    <message>
      <source>Insulin or a sulfonylurea: eating less changes the dose, and low sugar is dangerous.</source>
      <translation>Insulin oder Sulfonylharnstoff: Weniger Essen ändert die Dosis, und Unterzucker ist gefährlich.</translation>
    </message>
    <message>
      <source>The physician who prescribes it plans this, with a dietitian.</source>
      <translation>Die verschreibende Ärztin oder der Arzt plant das mit einer Ernährungsfachkraft.</translation>
    </message>
    <message>
      <source>Do you use a medicine of the GLP-1 kind for diabetes or weight?</source>
      <translation>Verwenden Sie ein GLP-1-Medikament gegen Diabetes oder für das Gewicht?</translation>
    </message>
    <message>
      <source>A GLP-1 medicine already changes what is eaten and lost.</source>
      <translation>Ein GLP-1-Medikament ändert schon, was gegessen und verloren wird.</translation>
    </message>
    <message>
      <source>Do you have heart failure or kidney failure, or are you on dialysis?</source>
      <translation>Haben Sie Herz- oder Nierenversagen, oder sind Sie an der Dialyse?</translation>
    </message>
    <message>
      <source>Heart or kidney failure: weight follows water, and food is part of the treatment.</source>
      <translation>Herz- oder Nierenversagen: Das Gewicht folgt dem Wasser, und Essen ist Teil der Behandlung.</translation>
    </message>
    <message>
      <source>The physician decides; a dietitian of the clinic makes the plan.</source>
      <translation>Die Ärztin oder der Arzt entscheidet; eine Ernährungsfachkraft der Klinik macht den Plan.</translation>
    </message>
    <message>
      <source>Do you have any other kidney disease?</source>
      <translation>Haben Sie eine andere Nierenkrankheit?</translation>
    </message>
    <message>
      <source>Kidney disease: no protein target without a clinician.</source>
      <translation>Nierenkrankheit: kein Proteinziel ohne Fachperson.</translation>
    </message>
    <message>
      <source>A physician or dietitian sets the protein.</source>
      <translation>Ärztin, Arzt oder Ernährungsfachkraft legt das Protein fest.</translation>
    </message>
    <message>
      <source>Have you had an operation on stomach or bowel to lose weight?</source>
      <translation>Wurden Sie zum Abnehmen an Magen oder Darm operiert?</translation>
    </message>
    <message>
      <source>After weight-loss surgery a plan by numbers does not fit.</source>
      <translation>Nach einer Operation zum Abnehmen passt ein Plan nach Zahlen nicht.</translation>
    </message>
    <message>
      <source>The surgical team and its dietitian make the plan.</source>
      <translation>Das Operationsteam und seine Ernährungsfachkraft machen den Plan.</translation>
    </message>
    <message>
      <source>Have you lost weight in the last six months without trying?</source>
      <translation>Haben Sie in den letzten sechs Monaten ungewollt abgenommen?</translation>
    </message>
    <message>
      <source>Weight lost without trying: its cause comes first.</source>
      <translation>Ungewollter Gewichtsverlust: Zuerst wird die Ursache gesucht.</translation>
    </message>
    <message>
      <source>A physician should see this before anything is changed.</source>
      <translation>Das sollte ärztlich angesehen werden, bevor etwas geändert wird.</translation>
    </message>
    <message>
      <source>Are you being treated for cancer?</source>
      <translation>Werden Sie gegen Krebs behandelt?</translation>
    </message>
    <message>
      <source>During treatment for cancer keeping weight matters more than losing it.</source>
      <translation>Während einer Krebsbehandlung ist Gewicht halten wichtiger als abnehmen.</translation>
    </message>
    <message>
      <source>The treating physician and a dietitian advise.</source>
      <translation>Behandelnde Ärztin oder Arzt und Ernährungsfachkraft beraten.</translation>
    </message>
    <message>
      <source>Have you fallen, or become slower or weaker, in the last year?</source>
      <translation>Sind Sie im letzten Jahr gestürzt oder langsamer oder schwächer geworden?</translation>
    </message>
    <message>
      <source>Signs of frailty: losing weight costs muscle.</source>
      <translation>Zeichen von Gebrechlichkeit: Abnehmen kostet Muskeln.</translation>
    </message>
    <message>
      <source>A physician first; strength and enough protein come before any loss.</source>
      <translation>Zuerst zur Ärztin oder zum Arzt; Kraft und genug Protein kommen vor jedem Abnehmen.</translation>
    </message>
  </context>
</TS>